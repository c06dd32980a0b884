//! Commands within manifests: the files and targets of the code base that they run.

use compass_facts::reading::Builder;
use compass_facts::{Import, ImportKind, Role, Shape, Span};

/// Endings of files of code that commands run.
const CODE: [&str; 14] = [".sh", ".bash", ".zsh", ".py", ".js", ".mjs", ".cjs", ".ts", ".rb", ".pl", ".php", ".lua", ".go", ".rs"];
/// Words that a file to be run follows.
const INTERPRETERS: [&str; 21] = [
    "sh", "bash", "dash", "zsh", "ksh", "python", "node", "ruby", "perl", "php", "lua", "run", "sudo", "exec", "env", "time", "ts-node", "tsx", "deno",
    "source", "-c",
];
/// Programs that run scripts of a package by name.
const RUNNERS: [&str; 4] = ["npm", "yarn", "pnpm", "bun"];
/// What such programs do by themselves.
const OWN: [&str; 18] = [
    "install",
    "ci",
    "add",
    "remove",
    "publish",
    "pack",
    "exec",
    "dlx",
    "init",
    "link",
    "audit",
    "update",
    "upgrade",
    "config",
    "cache",
    "version",
    "workspace",
    "why",
];
/// Programs that run several scripts of a package.
const SEVERAL: [&str; 5] = ["run-s", "run-p", "npm-run-all", "concurrently", "wireit"];

/// Reads a command line; `own_scripts` says that names are those of the document itself.
pub(crate) fn read(b: &mut Builder, line: Span, own_scripts: bool) {
    let text = b.text;
    let whole = &text[line.start as usize..line.end as usize];
    let mut words: Vec<Span> = Vec::new();
    let mut from = None;
    // Brackets of variables belong to their word.
    let mut within = 0u32;
    let mut before = ' ';
    for (i, c) in whole.char_indices().chain([(whole.len(), ' ')]) {
        let opens = matches!(c, '(' | '{') && (before == '$' || within > 0);
        let closes = matches!(c, ')' | '}') && within > 0;
        within = if opens { within + 1 } else { within - u32::from(closes) };
        before = c;
        let breaks =
            !opens && !closes && (c.is_whitespace() && within == 0 || i == whole.len() || matches!(c, '"' | '\'' | ',' | '[' | ']' | '(' | ')' | '`' | '\\'));
        let ends_command = matches!(c, ';' | '&' | '|');
        if !breaks && !ends_command {
            from = from.or(Some(i));
            continue;
        }
        if let Some(start) = from.take() {
            words.push(Span::new(line.start as usize + start, line.start as usize + i));
        }
        if ends_command {
            command(b, &words, own_scripts);
            words.clear();
        }
    }
    command(b, &words, own_scripts);
}

fn command(b: &mut Builder, words: &[Span], own_scripts: bool) {
    let text = b.text;
    let slice = |s: &Span| &text[s.start as usize..s.end as usize];
    for (i, word) in words.iter().enumerate() {
        let path = slice(word).trim_start_matches(['@', '-', '+']);
        let start = word.end - path.len() as u32;
        let runs_file = words[..i].iter().rev().find(|w| !slice(w).starts_with('-')).is_none_or(|w| {
            let before = slice(w).trim_start_matches(['@', '+']);
            before.contains('=')
                || before.is_empty()
                || INTERPRETERS.iter().any(|p| before == *p || before.strip_prefix(p).is_some_and(|v| v.starts_with(|c: char| c.is_ascii_digit())))
        });
        if runs_file
            && CODE.iter().any(|e| path.ends_with(e))
            && !path.contains(['$', '*', '{', ':', '=', '%'])
            && !path.starts_with('.') | path.starts_with("./") | path.starts_with("../")
        {
            bring(b, Span { start, end: word.end }, *word, ImportKind::Effect);
        }
        let name = slice(word).trim_start_matches(['@', '-', '+']);
        let is_make = matches!(name, "make" | "gmake" | "$(MAKE)" | "${MAKE}");
        let runs = |w: &Span| matches!(slice(w), "sudo" | "env" | "time" | "exec" | "nice");
        if is_make && words[..i].iter().all(|w| runs(w) || slice(w).contains('=')) {
            targets(b, &words[i + 1..]);
        }
        if own_scripts && RUNNERS.contains(&name) {
            script(b, &words[i + 1..]);
        }
        if own_scripts && SEVERAL.contains(&name) {
            for script in words[i + 1..].iter().filter(|w| !slice(w).starts_with('-') && !slice(w).contains('*')) {
                b.add_use(slice(script), *script, Role::Call, Shape::Plain);
            }
        }
    }
}

/// `npm run build`, `yarn build`.
fn script(b: &mut Builder, words: &[Span]) {
    let text = b.text;
    let slice = |s: &Span| &text[s.start as usize..s.end as usize];
    let mut rest = words.iter().filter(|w| !slice(w).starts_with('-'));
    let mut next = rest.next();
    if next.is_some_and(|w| matches!(slice(w), "run" | "run-script")) {
        next = rest.next();
    } else if next.is_some_and(|w| OWN.contains(&slice(w))) {
        return;
    }
    if let Some(script) = next {
        b.add_use(slice(script), *script, Role::Call, Shape::Plain);
    }
}

/// `make -C drivers all`: targets of another file are members of its folder.
fn targets(b: &mut Builder, words: &[Span]) {
    let text = b.text;
    let slice = |s: &Span| &text[s.start as usize..s.end as usize];
    let mut folder = None;
    let mut skip = false;
    for (i, word) in words.iter().enumerate() {
        if std::mem::take(&mut skip) {
            continue;
        }
        match slice(word) {
            "-C" | "--directory" => {
                folder = words.get(i + 1).copied();
                skip = true;
            }
            "-f" | "-j" | "-I" | "-o" | "-W" => skip = true,
            option if option.starts_with('-') || option.contains(['=', '$', '>', '<']) => {}
            target => {
                let shape = match folder {
                    Some(at) => Shape::Member(b.ty_name(slice(&at), at)),
                    None => Shape::Plain,
                };
                b.add_use(target, *word, Role::Call, shape);
            }
        }
    }
}

/// Brings a file in by the path that stands in a place.
pub(crate) fn bring(b: &mut Builder, path: Span, whole: Span, kind: ImportKind) {
    let text = &b.text[path.start as usize..path.end as usize];
    if text.is_empty() || text.contains(['$', '*', '{', '}', '\n']) {
        return;
    }
    let module = b.intern(text);
    let scope = b.place.scope;
    b.add_import(Import { kind, module, name: None, bound: None, scope, span: whole, name_span: path, reexport: false, system: false });
}
