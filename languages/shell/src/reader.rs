//! Shell scripts: one walk over the tree of the generic grammar.
//!
//! Functions are of the file wherever they are defined; variables too, but for those that a function declares. A script that is sourced is
//! an include, one that is run an import that only runs; of a path that begins with a variable the end is known, which `system` says.

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{comment_before, find_child, named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, Flags, GapCause, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, Span};
use rustc_hash::FxHashSet;

/// Commands that run what their first argument names.
const RUNNERS: [&str; 10] = ["exec", "sudo", "command", "builtin", "nohup", "time", "env", "run", "coproc", "doas"];
/// Programs that run a file of code.
const INTERPRETERS: [&str; 13] = ["bash", "sh", "dash", "zsh", "ksh", "python", "python3", "node", "ruby", "perl", "php", "lua", "Rscript"];
/// Endings of such files.
const CODE: [&str; 13] = [".sh", ".bash", ".zsh", ".py", ".js", ".mjs", ".cjs", ".rb", ".pl", ".php", ".lua", ".R", ".bats"];
/// Commands whose arguments name functions.
const HANDLERS: [&str; 5] = ["trap", "type", "complete", "unset", "export"];
/// Commands that give their arguments values.
const SETTERS: [&str; 4] = ["read", "mapfile", "readarray", "getopts"];

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b, functions: FxHashSet::default() };
    reader.announce(tree.root_node());
    reader.statements(tree.root_node());
    reader.b.finish()
}

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Names of the functions of the file.
    functions: FxHashSet<&'t str>,
}

impl Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: Refusal, at: Span) {
        self.b.refused(why, at);
    }
}

/// Does the next word belong to an option of a command that runs another?
fn takes_value(option: &str) -> bool {
    matches!(option, "-u" | "-g" | "-C" | "-n" | "-a" | "-s" | "-k" | "-S")
}

/// A path as far as it is known: its end, where that stands, and whether something unknown stands in front.
struct KnownPath {
    path: String,
    span: Span,
    is_end: bool,
}

impl<'t> Reader<'t> {
    fn announce(&mut self, node: Node<'t>) {
        for part in named(node) {
            if part.kind() == "function_definition"
                && let Some(name) = part.child_by_field_name("name")
            {
                self.functions.insert(text(name, self.b.text));
            }
            if matches!(part.kind(), "function_definition" | "if_statement" | "compound_statement" | "list" | "else_clause" | "elif_clause") {
                self.deeper(span(part), |r| r.announce(part));
            }
        }
    }

    fn statements(&mut self, node: Node<'t>) {
        for part in named(node) {
            self.deeper(span(part), |r| r.part(part));
        }
    }

    fn part(&mut self, node: Node<'t>) {
        match node.kind() {
            "function_definition" => self.function(node),
            "variable_assignment" => self.assignment(node, None),
            "declaration_command" => self.declaration(node),
            "unset_command" => {
                for part in named(node) {
                    match part.kind() {
                        "variable_name" => self.use_of(part, Role::Write),
                        _ => self.part(part),
                    }
                }
            }
            "command" => self.command(node),
            "for_statement" => self.for_each(node),
            "variable_name" => self.use_of(node, Role::Read),
            "heredoc_content" | "comment" | "word" | "raw_string" | "regex" | "number" | "special_variable_name" => {}
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.statements(node);
            }
            _ => self.statements(node),
        }
    }

    fn doc(&self, node: Node<'t>) -> Option<Span> {
        comment_before(node, self.b.text, |c| c.starts_with('#') && !c.starts_with("#!") && !c.starts_with("# shellcheck"))
    }

    fn use_of(&mut self, name: Node<'t>, role: Role) {
        let word = text(name, self.b.text);
        if word.starts_with(|c: char| c.is_ascii_alphabetic() || c == '_') {
            self.b.add_use(word, span(name), role, Shape::Plain);
        }
    }

    fn function(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Function, span(name), span(node));
        new.doc = self.doc(node);
        let body = node.child_by_field_name("body");
        new.body = body.map(span);
        let def = self.b.define_in(ScopeId::FILE, new);
        self.b.def_mut(def).arity = 255;
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        if let Some(body) = body {
            self.part(body);
        }
        self.b.leave(saved);
        if let Some(redirect) = node.child_by_field_name("redirect") {
            self.part(redirect);
        }
    }

    /// The variable that a name means so far: of the function around, or of the file.
    fn known(&self, word: &str) -> Option<DefId> {
        let function = self.b.find_scope(ScopeKind::Function);
        function.and_then(|f| self.b.find_in(f, word)).or_else(|| self.b.find_in(ScopeId::FILE, word))
    }

    /// What gets a value: a definition where it is the first, else a write.
    fn set(&mut self, name: Node<'t>, whole: Node<'t>, local: bool, flags: Flags) {
        let word = text(name, self.b.text);
        if !word.starts_with(|c: char| c.is_ascii_alphabetic() || c == '_') {
            return;
        }
        let function = self.b.find_scope(ScopeKind::Function).filter(|_| local);
        let known = match function {
            Some(function) => self.b.find_in(function, word),
            None => self.known(word),
        };
        if known.is_some_and(|d| self.b.def_mut(d).kind == Kind::Variable) {
            self.b.add_use(word, span(name), Role::Write, Shape::Plain);
            return;
        }
        let mut new = NewDefinition::new(word, Kind::Variable, span(name), span(whole));
        new.doc = self.doc(whole);
        new.flags = flags.with_if(function.is_some(), Flags::PRIVATE);
        self.b.define_in(function.unwrap_or(ScopeId::FILE), new);
    }

    fn assignment(&mut self, node: Node<'t>, declared: Option<(bool, Flags)>) {
        if let Some(value) = node.child_by_field_name("value") {
            self.part(value);
        }
        let Some(mut name) = node.child_by_field_name("name") else { return };
        if name.kind() == "subscript" {
            if let Some(index) = name.child_by_field_name("index") {
                self.part(index);
            }
            let Some(inner) = name.child_by_field_name("name") else { return };
            name = inner;
        }
        let (local, flags) = declared.unwrap_or_default();
        self.set(name, node, local, flags);
    }

    /// `local x=1`, `export X`, `declare -r y`.
    fn declaration(&mut self, node: Node<'t>) {
        let word = node.children().next().map_or("", |c| text(c, self.b.text));
        let is_global = named(node).into_iter().any(|n| n.kind() == "word" && text(n, self.b.text).starts_with("-") && text(n, self.b.text).contains('g'));
        let local = matches!(word, "local" | "declare" | "typeset") && !is_global;
        let flags = if word == "export" { Flags::EXPORTED } else { Flags::default() };
        let names_functions = named(node).into_iter().any(|n| n.kind() == "word" && matches!(text(n, self.b.text), "-f" | "-F"));
        for part in named(node) {
            match part.kind() {
                "variable_assignment" => self.assignment(part, Some((local, flags))),
                "variable_name" if names_functions => self.use_of(part, Role::Ref),
                "variable_name" if word == "export" || word == "readonly" => {
                    if let Some(known) = self.known(text(part, self.b.text)) {
                        let d = self.b.def_mut(known);
                        d.flags = d.flags.with_if(word == "export", Flags::EXPORTED);
                    }
                    self.use_of(part, Role::Ref);
                }
                "variable_name" => self.set(part, node, local, flags),
                _ => self.part(part),
            }
        }
    }

    fn for_each(&mut self, node: Node<'t>) {
        for value in node.children_by_field_name("value") {
            self.part(value);
        }
        if let Some(name) = node.child_by_field_name("variable") {
            self.set(name, name, false, Flags::default());
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.part(body);
        }
    }

    fn command(&mut self, node: Node<'t>) {
        for part in named(node).into_iter().filter(|n| n.kind() == "variable_assignment") {
            // What is set for one command is that command's.
            if let Some(value) = part.child_by_field_name("value") {
                self.part(value);
            }
            if let Some(name) = part.child_by_field_name("name").filter(|n| n.kind() == "variable_name" && self.known(text(*n, self.b.text)).is_some()) {
                self.use_of(name, Role::Write);
            }
        }
        let Some(name) = node.child_by_field_name("name") else { return self.statements(node) };
        let arguments: Vec<Node<'t>> = node.children_by_field_name("argument").collect();
        let inner = named(name).into_iter().next().unwrap_or(name);
        self.named_command(inner, &arguments);
        for part in named(node).into_iter().filter(|n| n.id() != name.id() && n.kind() != "variable_assignment") {
            self.part(part);
        }
    }

    /// A command by the node that names it; `arguments` are what follows.
    fn named_command(&mut self, name: Node<'t>, arguments: &[Node<'t>]) {
        let word = text(name, self.b.text);
        let is_plain = name.kind() == "word" || name.kind() == "command_name";
        if !is_plain || word.contains('/') {
            self.part(name);
            if let Some(path) = self.path_of(name).filter(|p| p.path.contains('/') || p.is_end && CODE.iter().any(|e| p.path.ends_with(e))) {
                self.bring(&path, ImportKind::Effect, name);
            }
            return;
        }
        match word {
            "source" | "." => {
                if let Some(path) = arguments.first().and_then(|a| self.path_of(*a)) {
                    self.bring(&path, ImportKind::Include, arguments[0]);
                }
                return;
            }
            "alias" => self.aliases(arguments),
            _ => {}
        }
        let used = self.b.add_use(word, span(name), Role::Call, Shape::Plain);
        self.b.set_args(used, arguments.len());
        let is_option = |n: &Node<'t>| text(*n, self.b.text).starts_with('-') || text(*n, self.b.text).contains('=');
        if RUNNERS.contains(&word)
            && let Some(at) = arguments.iter().enumerate().position(|(i, a)| !(is_option(a) || i > 0 && takes_value(text(arguments[i - 1], self.b.text))))
        {
            self.deeper(span(arguments[at]), |r| r.named_command(arguments[at], &arguments[at + 1..]));
        } else if INTERPRETERS.contains(&word)
            && let Some(first) = arguments.iter().find(|a| !is_option(a))
            && let Some(path) = self.path_of(*first).filter(|p| CODE.iter().any(|e| p.path.ends_with(e)))
        {
            self.bring(&path, ImportKind::Effect, *first);
        } else if SETTERS.contains(&word) {
            for argument in arguments.iter().filter(|a| a.kind() == "word" && !is_option(a)).skip(usize::from(word == "getopts")) {
                self.set(*argument, *argument, false, Flags::default());
            }
        } else if HANDLERS.contains(&word) {
            for argument in arguments.iter().filter(|a| a.kind() == "word") {
                if self.functions.contains(text(*argument, self.b.text)) {
                    self.use_of(*argument, Role::Pass);
                }
            }
        }
    }

    fn aliases(&mut self, arguments: &[Node<'t>]) {
        for argument in arguments.iter().filter(|a| a.kind() == "concatenation") {
            let Some(first) = find_child(*argument, "word") else { continue };
            let Some(name) = text(first, self.b.text).strip_suffix('=').filter(|n| !n.is_empty()) else { continue };
            let at = span(first);
            let new = NewDefinition::new(name, Kind::Alias, Span { start: at.start, end: at.end - 1 }, span(*argument));
            self.b.define_in(ScopeId::FILE, new);
        }
    }

    /// The path that a word, text or a chain of both names: what stands behind the last thing that is known only at run time.
    fn path_of(&self, node: Node<'t>) -> Option<KnownPath> {
        let mut parts: Vec<(Option<&'t str>, Span)> = Vec::new();
        self.pieces(node, &mut parts, 0);
        let from = parts.iter().rposition(|(p, _)| p.is_none()).map_or(0, |at| at + 1);
        let known = &parts[from..];
        let (first, last) = (known.first()?, known.last()?);
        let whole: String = known.iter().filter_map(|(p, _)| *p).collect();
        let is_end = from > 0;
        if is_end && !whole.starts_with('/') {
            return None;
        }
        let skipped = if is_end { 1 } else { 0 };
        let path = whole[skipped..].to_owned();
        let (start, end) = (first.1.start as usize + skipped, last.1.end as usize);
        (!path.is_empty() && !path.contains(['*', '?', ' ', '\n'])).then(|| KnownPath { path, span: Span::new(start, end), is_end })
    }

    fn pieces(&self, node: Node<'t>, out: &mut Vec<(Option<&'t str>, Span)>, depth: u32) {
        let whole = span(node);
        match node.kind() {
            "word" | "string_content" | "command_name" if named(node).is_empty() => out.push((Some(text(node, self.b.text)), whole)),
            "raw_string" => {
                out.push((Some(text(node, self.b.text).trim_matches('\'')), Span { start: whole.start + 1, end: whole.end.max(whole.start + 2) - 1 }))
            }
            "string" | "concatenation" | "command_name" if depth < 4 => {
                for part in named(node) {
                    self.pieces(part, out, depth + 1);
                }
            }
            _ => out.push((None, whole)),
        }
    }

    fn bring(&mut self, path: &KnownPath, kind: ImportKind, whole: Node<'t>) {
        let module = self.b.intern(&path.path);
        let scope = self.b.place.scope;
        self.b.add_import(Import {
            kind,
            module,
            name: None,
            bound: None,
            scope,
            span: span(whole),
            name_span: path.span,
            reexport: false,
            system: path.is_end,
        });
    }
}
