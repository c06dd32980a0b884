//! Sides that meet under a name: what is sent and received, set and read, filled in, looked up in a page, started as a program.
//!
//! # How it works
//! Tables of the rooms say which calls name one side. Names are evaluated as texts of requests are. Settings and elements also stand in files
//! that only define them (an image description, a page), templates and programs are files: these are found by the end of their path.

mod files;
mod table;

pub use table::{Meeting, NameTable, NamedCall};

use super::frameworks;
use super::http::{enclosing, side};
use super::string_evaluation::{Constants, calls};
use compass_facts::{Argument, CallSignal, DefId, Role, Signal, Span};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Step, SymbolId};
use files::Files;
use rustc_hash::{FxHashMap, FxHashSet};

/// See the module.
#[derive(Debug)]
pub(super) struct Names;

/// One side that names another.
struct Ask<'a> {
    meets: Meeting,
    name: String,
    /// All of the name is known.
    known: bool,
    file: usize,
    at: Span,
    enclosing: Option<DefId>,
    row: &'a NamedCall,
}

/// What is reached under a name.
struct Give {
    to: SymbolId,
    file: usize,
    at: Span,
    /// What is called under the name is known for sure.
    sure: bool,
    /// It is worth saying that nobody asks for it: anything may be called like a listener of events of the platform.
    told: bool,
}

impl LinkPass for Names {
    fn name(&self) -> &'static str {
        "names"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let constants = Constants::new(input);
        let mut asks = Vec::new();
        let mut gives: FxHashMap<(Meeting, String), Vec<Give>> = FxHashMap::default();
        for (file, signal, call) in calls(input) {
            sides_of(input, &constants, (file, signal, call), &mut asks, &mut gives);
        }
        if asks.is_empty() && gives.is_empty() {
            return PassOutput::default();
        }
        defined(input, &mut gives);
        let files = Files::new(input);
        let loaded = loaded_by_pages(input);
        let mut out = PassOutput::default();
        let mut asked: FxHashSet<(Meeting, String)> = FxHashSet::default();
        for ask in &asks {
            match ask.meets {
                Meeting::Template => template(input, &files, ask, &mut out),
                Meeting::Process => process(input, &files, ask, &mut out),
                Meeting::Message | Meeting::Setting | Meeting::Element => {
                    let key = (ask.meets, ask.name.clone());
                    let given = gives.get(&key).map_or(&[][..], |g| g);
                    meet(input, ask, given, loaded.contains(&ask.file), &mut out);
                    asked.insert(key);
                }
            }
        }
        for ((meets, name), given) in gives.iter().filter(|(key, _)| !asked.contains(*key) && key.0 == Meeting::Message) {
            for give in given.iter().filter(|g| g.told) {
                let label = format!("receive {name}");
                out.loose.push((give.file, Loose { kind: meets.kind(), at: give.at, label, cause: LooseCause::NoSender }));
            }
        }
        out.crossings.sort_by_key(|(file, c)| (*file, c.at, c.to));
        out
    }
}

/// The sides that a call names.
fn sides_of<'a>(
    input: &PassInput<'a>,
    constants: &Constants<'a>,
    (file, signal, call): (usize, &'a Signal, &'a CallSignal),
    asks: &mut Vec<Ask<'static>>,
    gives: &mut FxHashMap<(Meeting, String), Vec<Give>>,
) {
    let here = &input.files[file];
    let Some(table) = frameworks::of(here.language).and_then(|f| f.names()) else { return };
    let before = call.receiver.and_then(|r| here.facts.find_use_at(r)).map(|u| here.facts.name(here.facts.usage(u).name));
    for row in table.rows(here.facts, call, before) {
        let texts = if row.command {
            texts(input, constants, file, &call.arguments)
        } else {
            row.argument(here.facts, call).map(|a| several(input, constants, file, a)).unwrap_or_default()
        };
        if row.command {
            let name = texts.iter().map(|t| t.0.as_str()).collect::<Vec<_>>().join(" ");
            let known = texts.iter().all(|t| t.1);
            asks.push(Ask { meets: row.meets, name, known, file, at: signal.span, enclosing: signal.enclosing, row });
            continue;
        }
        for (text, known) in texts {
            let name = match &row.sign {
                Some(sign) => match text.strip_prefix(sign.as_str()) {
                    Some(rest) => rest,
                    None => continue,
                },
                None => &text,
            };
            let is_name = !name.is_empty() && !name.contains(char::is_whitespace) && name != "{}";
            if !is_name {
                continue;
            }
            let name = name.to_owned();
            if !row.gives {
                asks.push(Ask { meets: row.meets, name, known, file, at: signal.span, enclosing: signal.enclosing, row });
            } else if let Some((to, sure)) = handler(input, file, signal, call).filter(|_| known) {
                gives.entry((row.meets, name)).or_default().push(Give { to, file, at: signal.span, sure, told: row.is_particular() });
            }
        }
    }
}

/// The texts of a list, or the one text.
fn several<'a>(input: &PassInput<'a>, constants: &Constants<'a>, file: usize, argument: &Argument) -> Vec<(String, bool)> {
    match argument {
        Argument::List(all) => all.iter().filter_map(|a| constants.text(input, file, a)).collect(),
        one => constants.text(input, file, one).into_iter().collect(),
    }
}

/// All texts that a call is given, in order; one word stands for what is not known.
fn texts<'a>(input: &PassInput<'a>, constants: &Constants<'a>, file: usize, arguments: &[Argument]) -> Vec<(String, bool)> {
    let mut out = Vec::new();
    for argument in arguments {
        match argument {
            Argument::List(all) => out.extend(all.iter().map(|a| constants.text(input, file, a).unwrap_or_else(|| ("{}".to_owned(), false)))),
            Argument::Fields(_) | Argument::Function(_) => {}
            one => out.push(constants.text(input, file, one).unwrap_or_else(|| ("{}".to_owned(), false))),
        }
    }
    out
}

/// What receives: what a mark stands before, or the function that a call is given.
fn handler(input: &PassInput, file: usize, signal: &Signal, call: &CallSignal) -> Option<(SymbolId, bool)> {
    let here = &input.files[file];
    if let Some(def) = call.decorates {
        return Some((here.symbol(def), true));
    }
    if call.marks {
        let facts = here.facts;
        let behind = facts.definitions.iter().enumerate().filter(|(_, d)| d.name_span.start >= signal.span.end && (d.kind.is_callable() || d.kind.is_type()));
        return behind.min_by_key(|(_, d)| d.name_span.start).map(|(i, _)| (here.symbol(DefId(i as u32)), true));
    }
    let last = call.arguments.iter().rev().find(|a| matches!(a, Argument::Function(_) | Argument::Name(_)));
    match last {
        Some(Argument::Name(at)) => {
            let (place, certainty) = input.meaning(file, *at)?;
            let target = &input.files[place.file];
            target.facts.def(place.def).kind.is_callable().then(|| (target.symbol(place.def), certainty == Certainty::Proven))
        }
        _ => Some((enclosing(input, file, signal.enclosing), true)),
    }
}

/// Definitions that stand for one side: keys that files set, elements of pages.
fn defined(input: &PassInput, gives: &mut FxHashMap<(Meeting, String), Vec<Give>>) {
    for (file, here) in input.files.iter().enumerate() {
        let Some(table) = frameworks::of(here.language).and_then(|f| f.names()).filter(|t| !t.definitions.is_empty()) else { continue };
        for (i, d) in here.facts.definitions.iter().enumerate() {
            let Some(meets) = table.gives(d.kind) else { continue };
            let name = here.facts.name(d.name);
            if meets == Meeting::Setting && !is_key(name) {
                continue;
            }
            let to = here.symbol(DefId(i as u32));
            gives.entry((meets, name.to_owned())).or_default().push(Give { to, file, at: d.name_span, sure: true, told: false });
        }
    }
}

/// A key of the environment: capitals, as everybody writes them.
fn is_key(name: &str) -> bool {
    name.len() > 1
        && name.starts_with(|c: char| c.is_ascii_uppercase() || c == '_')
        && name.bytes().all(|b| b.is_ascii_uppercase() || b.is_ascii_digit() || b == b'_')
}

/// Keys that the system sets.
const OF_SYSTEM: [&str; 20] = [
    "HOME",
    "PATH",
    "USER",
    "SHELL",
    "PWD",
    "LANG",
    "TERM",
    "TMPDIR",
    "TEMP",
    "TMP",
    "HOSTNAME",
    "LOGNAME",
    "DISPLAY",
    "EDITOR",
    "VISUAL",
    "PAGER",
    "CI",
    "APPDATA",
    "USERPROFILE",
    "NO_COLOR",
];

fn meet(input: &PassInput, ask: &Ask, given: &[Give], is_loaded: bool, out: &mut PassOutput) {
    let verb = match ask.meets {
        Meeting::Message => "send",
        Meeting::Setting => "read",
        _ => "element",
    };
    let label = format!("{verb} {}", ask.name);
    // Of pages that have the id those that load the script are meant.
    let loads = |g: &&Give| input.files[g.file].facts.imports.iter().any(|i| names_file(input.files[g.file].facts.name(i.module), input.files[ask.file].path));
    let near: Vec<&Give> = given.iter().filter(|g| ask.meets == Meeting::Element && loads(g)).collect();
    let is_near = !near.is_empty();
    let reached: Vec<&Give> = if near.is_empty() { given.iter().collect() } else { near };
    if reached.is_empty() {
        let cause = match ask.meets {
            Meeting::Message => LooseCause::NoReceiver,
            Meeting::Setting => LooseCause::NoSetting,
            _ => LooseCause::NoElement,
        };
        // Of a script that no page here loads nobody knows which page it looks at.
        let is_told = match ask.meets {
            Meeting::Message => ask.row.is_particular(),
            Meeting::Element => is_loaded,
            _ => true,
        };
        if is_told && ask.known && !OF_SYSTEM.contains(&ask.name.as_str()) {
            out.loose.push((ask.file, Loose { kind: ask.meets.kind(), at: ask.at, label, cause }));
        }
        return;
    }
    // A key may be set for another program, a message go to another one; only the page that loads a script is sure to be looked at.
    let alone = reached.len() == 1 && ask.known && ask.meets == Meeting::Element && is_near;
    let role = if ask.meets == Meeting::Message { Role::Call } else { Role::Read };
    for give in reached.into_iter().take(MOST) {
        let certainty = if alone && give.sure { Certainty::Proven } else { Certainty::Inferred };
        push(input, ask, (give.to, give.file, give.at), role, &label, certainty, out);
    }
}

/// So many sides are listed for one name.
const MOST: usize = 64;

fn push(input: &PassInput, ask: &Ask, (to, file, at): (SymbolId, usize, Span), role: Role, label: &str, certainty: Certainty, out: &mut PassOutput) {
    let evidence: Vec<Step> = vec![side(input, ask.file, ask.at), side(input, file, at)];
    let from = enclosing(input, ask.file, ask.enclosing);
    let kind = ask.meets.kind();
    out.crossings.push((ask.file, Crossing { kind, from, at: ask.at, to, role, label: label.to_owned(), certainty, evidence }));
}

/// Files that pages load.
fn loaded_by_pages(input: &PassInput) -> FxHashSet<usize> {
    let mut by_name: FxHashMap<&str, Vec<usize>> = FxHashMap::default();
    for (file, here) in input.files.iter().enumerate() {
        by_name.entry(here.path.rsplit('/').next().unwrap_or(here.path)).or_default().push(file);
    }
    let has_elements = |t: &NameTable| t.definitions.iter().any(|d| d.meets == Meeting::Element);
    let pages = input.files.iter().filter(|f| frameworks::of(f.language).and_then(|f| f.names()).is_some_and(has_elements));
    let mut out = FxHashSet::default();
    for import in pages.flat_map(|page| page.facts.imports.iter().map(|i| page.facts.name(i.module))) {
        let named = by_name.get(import.rsplit('/').next().unwrap_or(import)).map_or(&[][..], |n| n);
        out.extend(named.iter().filter(|f| names_file(import, input.files[**f].path)));
    }
    out
}

/// Does what a page loads mean that file?
fn names_file(module: &str, path: &str) -> bool {
    let module = module.trim_start_matches(['.', '/']);
    !module.is_empty() && (path == module || path.strip_suffix(module).is_some_and(|before| before.ends_with('/')))
}

fn template(input: &PassInput, files: &Files, ask: &Ask, out: &mut PassOutput) {
    let label = format!("fill {}", ask.name);
    let endings = frameworks::of(input.files[ask.file].language).and_then(|f| f.names()).map_or(&[][..], |t| &t.endings);
    let name = if ask.row.dotted && !ask.name.contains('/') { ask.name.rsplit("::").next().unwrap_or("").replace('.', "/") } else { ask.name.clone() };
    let found = files.template(&name, endings);
    if found.is_empty() {
        // A text without an ending may mean anything.
        if ask.known && (name.contains('.') || name.contains('/')) {
            out.loose.push((ask.file, Loose { kind: CrossingKind::Template, at: ask.at, label, cause: LooseCause::NoFile }));
        }
        return;
    }
    let certainty = if found.len() == 1 && ask.known { Certainty::Proven } else { Certainty::Inferred };
    for file in found.into_iter().take(MOST) {
        push(input, ask, (SymbolId::module(input.files[file].id), file, Span::default()), Role::Read, &label, certainty, out);
    }
}

/// What a command starts: the program it begins with, or the file behind an interpreter. What stands behind is given to that.
fn process(input: &PassInput, files: &Files, ask: &Ask, out: &mut PassOutput) {
    let words: Vec<&str> =
        ask.name.split(|c: char| c.is_whitespace() || matches!(c, ';' | '&' | '|' | '"' | '\'' | '(' | ')')).filter(|w| !w.is_empty()).collect();
    let label = format!("start {}", words.iter().take(6).copied().collect::<Vec<_>>().join(" "));
    let started = started(input, files, &words);
    for (file, sure) in started.iter().copied().filter(|(f, _)| *f != ask.file).take(MOST) {
        let here = &input.files[file];
        let main = here.facts.definitions.iter().position(|d| d.container.is_none() && d.kind.is_callable() && here.facts.name(d.name) == "main");
        let to = main.map_or(SymbolId::module(here.id), |d| here.symbol(DefId(d as u32)));
        let at = main.map_or(Span::default(), |d| here.facts.definitions[d].name_span);
        let certainty = if sure { Certainty::Proven } else { Certainty::Inferred };
        push(input, ask, (to, file, at), Role::Call, &label, certainty, out);
    }
    let missing = words.iter().find(|w| w.starts_with("./") && !w.contains("{}"));
    if started.is_empty()
        && let Some(word) = missing
    {
        out.loose.push((ask.file, Loose { kind: CrossingKind::Process, at: ask.at, label: format!("start {word}"), cause: LooseCause::NoFile }));
    }
}

/// Files that the words of a command start, and whether that is sure: one file that stands first, or right behind its own interpreter.
fn started(input: &PassInput, files: &Files, words: &[&str]) -> Vec<(usize, bool)> {
    for (n, word) in words.iter().enumerate().take(16) {
        if word.contains("{}") && !word.contains('/') {
            continue;
        }
        let before = n.checked_sub(1).map(|b| words[b]);
        let found = files.program(word.rsplit("{}").next().unwrap_or(word), before);
        // Behind the first word only what an interpreter runs is started: others read the files they are given.
        let runs = |file: &usize| {
            let interpreters = input.files[*file].language.profile().interpreters;
            let called = |w: &&str| interpreters.iter().any(|i| compass_facts::fits(w.rsplit('/').next().unwrap_or(w), i));
            (n == 0 || !interpreters.is_empty(), n == 0 || words[..n].iter().rfind(|w| !w.starts_with('-')).is_some_and(called))
        };
        let found: Vec<(usize, bool)> = found.into_iter().filter(|f| runs(f).0).map(|f| (f, runs(&f).1)).collect();
        if !found.is_empty() {
            let alone = found.len() == 1 && !word.contains("{}");
            return found.into_iter().map(|(file, sure)| (file, sure && alone)).collect();
        }
    }
    Vec::new()
}
