//! Signals that readers of different languages record alike: calls with texts in them, texts with names, statements of SQL.
//!
//! Works on syntax nodes of grammars that call alike things alike; kinds of node that one of them alone has do no
//! harm to the others.

use super::tree::{Nodes, named, span, text};
use super::{Builder, NewDefinition};
use crate::addresses::path_in_query;
use crate::bounds::Levels;
use crate::profile::{Words, words};
use crate::reading::syntax::Node;
use crate::sql::{MadeTable, looks_like_sql, read_sql};
use crate::{Argument, CallSignal, DefId, Flags, Kind, NameId, ScopeId, ScopeKind, SignalKind, Span, SqlName, TextPart, TypeExpr, TypeId};

/// Calls of these names are recorded whatever their arguments: they declare routes, call them, or open libraries.
static TELLING: Words = Words::new(|| words(include_str!("../../data/telling_calls.txt")));

/// Calls of these names are recorded when they get a path, a verb, or something a client around may have been given.
const VERBS: [&str; 15] = ["request", "get", "post", "put", "patch", "delete", "head", "options", "create", "path", "url", "include", "route", "send", "mount"];

/// Receivers that are asked over the wire, by what is in their names.
const CLIENTS: [&str; 11] = ["$", "jquery", "http", "client", "api", "axios", "session", "request", "this", "self", "fetch"];

/// Texts longer than this are no paths, and statements longer than this are made by machines.
const MAX_TEXT_BYTES: usize = 16 << 10;

impl<'t> Builder<'t> {
    /// Records a call if it may reach something outside. `callee` is what is called, `arguments` the list behind it.
    pub fn call_signal(&mut self, callee: Node<'t>, arguments: Option<Node<'t>>, whole: Span, decorates: Option<DefId>, bound: Option<u32>) {
        // A text with a name before it is that function's one argument.
        let parts = arguments.map(|a| if a.kind() == "template_string" { Nodes::from_slice(&[a]) } else { named(a) }).unwrap_or_default();
        self.call_signal_with(callee, parts, whole, decorates, bound);
    }

    /// The same with the arguments one by one.
    pub(super) fn call_signal_with(&mut self, callee: Node<'t>, arguments: Nodes<'t>, whole: Span, decorates: Option<DefId>, bound: Option<u32>) {
        let Some(last) = last_name(callee) else { return };
        let name = text(last, self.text);
        let parts: Nodes<'t> = arguments.into_iter().map(argument_in).collect();
        let before = receiver(callee).map(|r| text(r, self.text));
        let asked = (self.telling)(name, before);
        let telling = decorates.is_some()
            || asked
            || before.is_none() && self.was_told(name)
            || !self.asked_for.is_empty() && self.asked_for.contains(&whole)
            || TELLING.contains(name)
            || (VERBS.contains(&name) && self.may_ask(callee, &parts))
            || parts.iter().any(|p| self.may_name(*p)) && (self.naming)(name, before)
            || parts.iter().any(|p| self.is_told(*p) || self.says_method(*p) || self.names_address(*p))
            || before.is_some_and(|r| self.is_client(r))
            || self.stands_behind(callee);
        if !telling && !parts.iter().any(|p| begins_path(*p, self.text)) {
            return;
        }
        // What a call that tells something is given by another call, and what its result is kept in, tell something too.
        self.asked_for.extend(parts.iter().filter(|p| is_call(**p)).map(|p| span(*p)));
        // What has groups of routes below it may have routes of its own, whose paths say nothing.
        if asked && let Some(receiver) = before.filter(|_| parts.iter().any(|p| begins_path(*p, self.text)) && parts.iter().any(|p| is_function(*p))) {
            self.tell(receiver);
        }
        if asked && let Some(word) = bound.and_then(|at| word_at(self.text, at)) {
            self.tell(word);
        }
        if asked {
            parts.iter().filter(|p| is_function(**p)).for_each(|p| self.tell_parameters(*p));
        }
        let mut call = CallSignal {
            name: self.intern(name),
            at: span(last).start,
            receiver: receiver(callee).map(|n| span(n).start),
            arguments: Vec::new(),
            named: Vec::new(),
            decorates,
            marks: false,
            bound,
        };
        for part in parts.into_iter().take(16) {
            if matches!(part.kind(), "keyword_argument" | "pair") {
                let key = part.child_by_field_name("name").or_else(|| part.child_by_field_name("key"));
                if let (Some(key), Some(value)) = (key, part.child_by_field_name("value")) {
                    let value = self.argument(value, Levels::VALUES);
                    call.named.push((self.intern(text(key, self.text).trim_matches([':', '"', '\''])), value));
                }
            } else if !part.kind().contains("comment") {
                let value = self.argument(part, Levels::VALUES);
                call.arguments.push(value);
            }
        }
        self.signal(whole, SignalKind::Call(Box::new(call)));
    }

    /// Records what marks a definition, if a framework of the room asks for its name. `arguments` as they are written, keys among them.
    pub fn mark_signal(&mut self, name: Node<'t>, arguments: &[Node<'t>], whole: Span) {
        let word = text(name, self.text);
        if !(self.marking)(word) {
            return;
        }
        let mut call = CallSignal {
            name: self.intern(word),
            at: span(name).start,
            receiver: None,
            arguments: Vec::new(),
            named: Vec::new(),
            decorates: None,
            marks: true,
            bound: None,
        };
        for part in arguments.iter().filter(|p| !p.kind().contains("comment")).take(16) {
            let key = ["key", "name"].iter().find_map(|f| part.child_by_field_name(f)).filter(|_| is_argument(*part));
            let inner = if is_argument(*part) { named(*part).into_iter().next_back().unwrap_or(*part) } else { *part };
            let value = self.argument(inner, Levels::VALUES);
            match key.filter(|k| k.id() != inner.id()) {
                Some(key) => call.named.push((self.intern(text(key, self.text)), value)),
                None => call.arguments.push(value),
            }
        }
        self.signal(whole, SignalKind::Call(Box::new(call)));
    }

    /// Is it a text, texts in a list, or a constant that may stand for one?
    fn may_name(&self, node: Node<'t>) -> bool {
        match node.kind() {
            "keyword_argument" => node.child_by_field_name("value").is_some_and(|v| self.may_name(v)),
            "list" | "array" | "object" | "array_creation_expression" | "composite_literal" => true,
            _ if is_text(node) => true,
            _ => last_name(node).is_some_and(|n| is_capital(text(n, self.text))),
        }
    }

    /// Records that something is looked up under a name: by an index, or as a member. What stands around is found by the place.
    pub(super) fn looked_up(&mut self, base: Node<'t>, key: Node<'t>, whole: Node<'t>) {
        let Some(last) = last_name(base).or_else(|| named(base).into_iter().next_back()) else { return };
        let before = receiver(base).map(|r| text(r, self.text));
        let name = text(last, self.text);
        if !(self.naming)(name, before) {
            return;
        }
        let argument = match is_text(key) {
            true => self.argument(key, Levels::VALUES),
            false if is_capital(text(key, self.text)) => Argument::Text(vec![TextPart::Text(self.intern(text(key, self.text)))], span(key)),
            false => return,
        };
        let call = CallSignal {
            name: self.intern(name),
            at: span(last).start,
            receiver: receiver(base).map(|n| span(n).start),
            arguments: vec![argument],
            named: Vec::new(),
            decorates: None,
            marks: false,
            bound: None,
        };
        let enclosing = self.facts.find_enclosing(span(whole).start);
        self.facts.signals.push(crate::Signal { span: span(whole), enclosing, kind: SignalKind::Call(Box::new(call)) });
    }

    /// Is it a name under which the result of a telling call is kept, or such a call?
    fn is_told(&self, node: Node<'t>) -> bool {
        if is_call(node) {
            return called(node).is_some_and(|n| (self.telling)(text(n, self.text), None));
        }
        !self.told.is_empty() && last_name(node).is_some_and(|n| self.was_told(text(n, self.text)))
    }

    /// Does what is called stand behind a telling call: `route("/racks").get(list)`?
    fn stands_behind(&self, callee: Node<'t>) -> bool {
        let mut at = callee;
        for _ in 0..8 {
            let Some(before) = object_of(at).filter(|o| is_call(*o)) else { return false };
            if called(before).is_some_and(|n| (self.telling)(text(n, self.text), None)) {
                return true;
            }
            at = before.child_by_field_name("function").unwrap_or(before);
        }
        false
    }

    /// Is it a method of HTTP, in quotes?
    fn says_method(&self, node: Node<'t>) -> bool {
        let word = text(node, self.text);
        word.len() > 4
            && word.starts_with(['"', '\''])
            && matches!(word.trim_matches(['"', '\'']), "GET" | "POST" | "PUT" | "PATCH" | "DELETE" | "HEAD" | "OPTIONS")
    }

    /// Is it a variable that is called like an address? What is handed on so may end in a request.
    fn names_address(&self, node: Node<'t>) -> bool {
        let name = text(node, self.text).as_bytes();
        let holds = |word: &str| name.windows(word.len()).any(|part| part.eq_ignore_ascii_case(word.as_bytes()));
        node.kind() == "identifier" && ["url", "uri", "endpoint"].iter().any(|w| holds(w))
    }

    /// Is it the name of what a telling call made, or of one side of a connection?
    fn is_client(&self, name: &str) -> bool {
        self.was_told(name) || names_client(name)
    }

    /// Calls of what is kept under a name, and on it, are recorded.
    pub fn tell(&mut self, name: &str) {
        let name = self.intern(name);
        self.told.insert(name);
    }

    fn was_told(&self, name: &str) -> bool {
        self.find_interned(name).is_some_and(|n| self.told.contains(&n))
    }

    /// A variable that is declared as one side of a connection tells something as well.
    pub(super) fn tell_declared(&mut self, name: NameId, ty: TypeId) {
        let mut at = ty;
        for _ in 0..4 {
            at = match *self.get_ty(at) {
                TypeExpr::Instance(of) | TypeExpr::Generic { of, .. } | TypeExpr::Deref(of) => of,
                TypeExpr::TypeName { name: word, .. } | TypeExpr::Name { name: word, .. } | TypeExpr::Member { name: word, .. } => {
                    if names_client(self.name(word)) {
                        self.told.insert(name);
                    }
                    return;
                }
                _ => return,
            };
        }
    }

    /// What a function literal is given by a telling call is kept under the names of its parameters.
    fn tell_parameters(&mut self, literal: Node<'t>) {
        let Some(parameters) = literal.child_by_field_name("parameters").or(literal.child_by_field_name("parameter")) else { return };
        let all: Nodes<'t> = if parameters.kind() == "identifier" { Nodes::from_slice(&[parameters]) } else { named(parameters) };
        for parameter in all {
            let name = ["name", "pattern"].iter().find_map(|f| parameter.child_by_field_name(f)).unwrap_or(parameter);
            if name.kind() == "identifier" {
                self.tell(text(name, self.text));
            }
        }
    }

    /// Does a call by a verb's name get something that may be a path, from a receiver that may be a client?
    fn may_ask(&self, callee: Node<'t>, parts: &[Node<'t>]) -> bool {
        let named = parts.iter().any(|p| p.kind() == "identifier" || p.kind() == "template_string");
        let of_client = match receiver_text(callee, self.text) {
            None => true,
            Some(object) => CLIENTS.iter().any(|c| object.to_ascii_lowercase().contains(c)),
        };
        named && of_client
    }

    /// Records a text that is kept under a name: an address, a path, or a statement.
    pub fn text_signal(&mut self, value: Node<'t>, bound: Option<u32>) {
        if self.text_depth > 0 || !(is_text(value) || is_text_list(value)) || value.byte_range().len() > MAX_TEXT_BYTES {
            return;
        }
        self.sql_signal(value, bound);
        if let Some(at) = bound
            && (begins_path(value, self.text)
                || names_something(value, self.text) && word_at(self.text, at).is_some_and(|w| is_capital(w) || (self.telling)(w, None)))
            && let Argument::Text(parts, _) = self.argument(value, Levels::VALUES)
        {
            self.signal(span(value), SignalKind::Constant(at, parts));
        }
    }

    fn sql_signal(&mut self, value: Node<'t>, bound: Option<u32>) {
        if let Some(content) = blanked(value, self.text) {
            self.statement(&content, span(value), bound);
        }
    }

    /// Records a statement that stands in a text, for readers without a tree: what is between the quotes.
    pub fn statement_in(&mut self, contents: Span) {
        let text = contents.of(self.text);
        if text.len() <= MAX_TEXT_BYTES {
            self.statement(text, contents, None);
        }
    }

    /// Records texts that are put together with a sign between; tells whether these are texts, whose parts are not to be recorded.
    pub fn joined_texts(&mut self, node: Node<'t>) -> bool {
        if self.text_depth > 0 || node.byte_range().len() > MAX_TEXT_BYTES || !is_text(node) {
            return false;
        }
        let bound = self.kept_as(node.id());
        self.text_signal(node, bound);
        true
    }

    /// `content` begins where the place does.
    fn statement(&mut self, content: &str, at: Span, bound: Option<u32>) {
        if !looks_like_sql(content) {
            return;
        }
        let base = at.start;
        let (mentions, made) = read_sql(content);
        let mut names: Vec<SqlName> = Vec::new();
        for mention in mentions {
            let tables = mention.tables.iter().map(|t| self.intern(t)).collect();
            let column = mention.column.as_deref().map(|c| self.intern(c));
            let span = Span { start: base + mention.span.start, end: base + mention.span.end };
            names.push(SqlName { verb: mention.verb, tables, column, span });
        }
        for table in made.iter().filter(|t| !t.alters) {
            self.made_table(table, base);
            let tables = vec![self.intern(&table.name)];
            let span = Span { start: base + table.span.start, end: base + table.span.end };
            names.push(SqlName { verb: crate::SqlVerb::Define, tables, column: None, span });
        }
        if !names.is_empty() {
            self.signal(at, SignalKind::Sql(names, bound));
        }
    }

    /// A table that a statement in a text makes: a definition that no name of the program sees.
    fn made_table(&mut self, table: &MadeTable, base: u32) {
        let shift = |s: Span| Span { start: base + s.start, end: base + s.end };
        let outside = self.place;
        self.place = super::builder::Place { scope: ScopeId::FILE, container: None };
        let aside = self.enter(ScopeKind::Type, shift(table.whole), None);
        let mut new = NewDefinition::new(&table.name, Kind::Table, shift(table.span), shift(table.whole));
        new.body = Some(shift(table.whole));
        new.flags = Flags::default().with_if(table.view, Flags::INFERRED);
        let def = self.define(new);
        let inside = self.enter(ScopeKind::Type, shift(table.whole), Some(def));
        for (name, span, whole) in &table.columns {
            self.define(NewDefinition::new(name, Kind::Column, shift(*span), shift(*whole)));
        }
        self.leave(inside);
        self.leave(aside);
        self.place = outside;
    }

    pub(super) fn argument(&mut self, node: Node<'t>, levels: Levels) -> Argument {
        let Some(levels) = levels.down() else { return Argument::Other };
        match node.kind() {
            _ if is_text(node) => {
                let mut parts = Vec::new();
                self.text_parts(node, &mut parts);
                Argument::Text(parts, span(node))
            }
            "regex" => match path_of_regex(text(node, self.text)) {
                Some(path) => Argument::Text(vec![TextPart::Text(self.intern(&path))], span(node)),
                None => Argument::Other,
            },
            "simple_symbol" => {
                let name = self.intern(text(node, self.text).trim_start_matches(':'));
                Argument::Text(vec![TextPart::Text(name)], span(node))
            }
            // `X::class` is the name of the class.
            "class_constant_access_expression" if named(node).last().is_some_and(|n| text(*n, self.text) == "class") => {
                named(node).first().and_then(|n| last_name(*n)).map_or(Argument::Other, |n| Argument::Name(span(n).start))
            }
            "identifier"
            | "constant"
            | "scope_resolution"
            | "attribute"
            | "member_expression"
            | "field_expression"
            | "scoped_identifier"
            | "selector_expression"
            | "field_access"
            | "member_access_expression"
            | "navigation_expression"
            | "class_constant_access_expression"
            | "name" => last_name(node).map_or(Argument::Other, |n| Argument::Name(span(n).start)),
            _ if is_call(node) => called(node).map_or(Argument::Other, |n| Argument::Call(span(n).start)),
            _ if is_function(node) => Argument::Function(span(node)),
            "list"
            | "tuple"
            | "array"
            | "set"
            | "element_value_array_initializer"
            | "array_creation_expression"
            | "collection_literal"
            | "initializer_expression"
            | "implicit_array_creation_expression" => Argument::List(named(node).into_iter().take(32).map(|n| self.argument(n, levels)).collect()),
            "array_element_initializer" => named(node).last().map_or(Argument::Other, |n| self.argument(*n, levels)),
            "object" | "dictionary" => Argument::Fields(named(node).into_iter().take(32).filter_map(|n| self.field(n, levels)).collect()),
            "as_expression" | "satisfies_expression" | "non_null_expression" | "parenthesized_expression" | "await" | "await_expression" => {
                named(node).first().map_or(Argument::Other, |n| self.argument(*n, levels))
            }
            _ => Argument::Other,
        }
    }

    fn field(&mut self, node: Node<'t>, levels: Levels) -> Option<(crate::NameId, Argument)> {
        if node.kind() == "shorthand_property_identifier" {
            return Some((self.intern(text(node, self.text)), Argument::Name(span(node).start)));
        }
        let (key, value) = (node.child_by_field_name("key")?, node.child_by_field_name("value")?);
        let key = text(key, self.text).trim_matches(['"', '\'']);
        Some((self.intern(key), self.argument(value, levels)))
    }

    fn text_parts(&mut self, node: Node<'t>, out: &mut Vec<TextPart>) {
        match node.kind() {
            kind if matches!(kind, "string_content" | "string_fragment") || kind.ends_with("_literal_content") => {
                let holes: Vec<Node> = named(node).into_iter().filter(|n| n.kind().contains("interpolation")).collect();
                if holes.is_empty() {
                    out.push(TextPart::Text(self.intern(text(node, self.text))));
                }
            }
            "interpolation" | "template_substitution" => {
                let inner = named(node).into_iter().next().and_then(last_name);
                out.push(TextPart::Hole(inner.map(|n| span(n).start)));
            }
            "string_start" | "string_end" | "line_comment" | "comment" => {}
            "escape_sequence" => out.push(TextPart::Text(self.intern(text(node, self.text)))),
            "string"
            | "template_string"
            | "concatenated_string"
            | "binary_operator"
            | "binary_expression"
            | "string_literal"
            | "raw_string_literal"
            | "interpreted_string_literal"
            | "encapsed_string"
            | "parenthesized_expression" => {
                for part in named(node) {
                    self.text_parts(part, out);
                }
            }
            _ => out.push(TextPart::Hole(last_name(node).map(|n| span(n).start))),
        }
    }
}

/// A text, or texts put together.
pub fn is_text(node: Node) -> bool {
    match node.kind() {
        "string" | "template_string" | "concatenated_string" | "string_literal" | "raw_string_literal" | "interpreted_string_literal" | "encapsed_string" => {
            true
        }
        "binary_operator" | "binary_expression" => {
            let is_plus = node.child_by_field_name("operator").is_some_and(|o| matches!(o.kind(), "+" | "."));
            is_plus && ["left", "right"].iter().any(|f| node.child_by_field_name(f).is_some_and(|n| is_text(n)))
        }
        "parenthesized_expression" => named(node).first().is_some_and(|n| is_text(*n)),
        _ => false,
    }
}

/// Texts in a list: a statement line by line, put together later.
pub fn is_text_list(node: Node) -> bool {
    let parts = if matches!(node.kind(), "list" | "array" | "tuple") { named(node) } else { Nodes::new() };
    parts.len() > 1 && parts.iter().all(|p| is_text(*p) || p.kind().contains("comment"))
}

/// Does a text begin as a path or an address does: with `/`, a scheme, or something put in and then `/`?
fn begins_path(node: Node, source: &str) -> bool {
    if node.kind() == "regex" {
        return path_of_regex(text(node, source)).is_some();
    }
    if !is_text(node) || node.byte_range().len() > MAX_TEXT_BYTES {
        return false;
    }
    let raw = text(node, source).trim_start_matches(['f', 'r', 'b', 'u', 'F', 'R', '"', '\'', '`', '(', '#']);
    let scheme = ["http://", "https://", "ws://", "wss://"].iter().any(|s| raw.starts_with(s));
    let put_in =
        (raw.starts_with("${") || raw.starts_with('{')) && raw.find('}').is_some_and(|n| matches!(raw.as_bytes().get(n + 1), Some(b'/' | b'$' | b'{')));
    let after_name = matches!(node.kind(), "binary_operator" | "binary_expression") && raw.contains("\"/");
    // A path that a query hands to one program: `index.php?route=/racks`.
    let handed_on = raw.split_once('?').is_some_and(|(program, query)| !program.contains(' ') && path_in_query(query).is_some());
    (raw.starts_with('/') && !raw.starts_with("//") && !raw.contains(' ')) || scheme || put_in || after_name || handed_on
}

/// Is it a name in capitals, as constants have?
fn is_capital(name: &str) -> bool {
    name.len() > 1 && name.bytes().any(|b| b.is_ascii_uppercase()) && name.bytes().all(|b| b.is_ascii_uppercase() || b.is_ascii_digit() || b == b'_')
}

/// Is it a short text without blanks, as names have?
fn names_something(node: Node, source: &str) -> bool {
    let text = text(node, source);
    is_text(node) && text.len() < 80 && !text.contains(char::is_whitespace)
}

/// The path that a pattern between slashes is for: `/^\/racks\/([^/]+)$/` is `/racks/{}`. Nothing where it does not begin as a path does.
fn path_of_regex(pattern: &str) -> Option<String> {
    let inner = pattern.strip_prefix("/^\\/")?;
    let inner = inner[..inner.rfind('/')?].trim_end_matches('$');
    let mut out = String::from("/");
    let mut chars = inner.chars().peekable();
    while let Some(c) = chars.next() {
        match c {
            '\\' => match chars.next()? {
                'd' | 'w' | 'S' => out.push_str("{}"),
                escaped => out.push(escaped),
            },
            '(' | '[' => {
                let close = if c == '(' { ')' } else { ']' };
                let mut depth = 1;
                while depth > 0 {
                    match chars.next()? {
                        '\\' => {
                            chars.next();
                        }
                        n if n == close => depth -= 1,
                        n if n == c && c == '(' => depth += 1,
                        _ => {}
                    }
                }
                out.push_str("{}");
            }
            '.' => out.push_str("{}"),
            '+' | '*' | '?' | '^' => {}
            '|' => return None,
            other => out.push(other),
        }
    }
    Some(out.replace("{}{}", "{}"))
}

/// Is there a word that a statement may begin with?
fn may_be_sql(raw: &str) -> bool {
    let end = (0..=raw.len().min(400)).rev().find(|i| raw.is_char_boundary(*i)).unwrap_or(0);
    let lower = raw[..end].to_ascii_lowercase();
    ["select", "insert", "update", "delete", "create", "with", "replace", "alter", "drop", "truncate", "merge"].iter().any(|k| lower.contains(k))
}

/// The contents of a text at their places, everything else blank, what is put in a question mark.
fn blanked(node: Node, source: &str) -> Option<String> {
    let raw = source.get(node.byte_range()).filter(|raw| may_be_sql(raw))?;
    let mut out = vec![b' '; raw.len()];
    let base = node.start_byte();
    copy_contents(node, source, base, &mut out);
    String::from_utf8(out).ok()
}

fn copy_contents(node: Node, source: &str, base: usize, out: &mut [u8]) {
    let range = node.byte_range();
    match node.kind() {
        // Some grammars call the contents of a text after the text.
        kind if matches!(kind, "string_content" | "string_fragment") || kind.ends_with("_literal_content") => {
            if let (Some(to), Some(from)) = (out.get_mut(range.start - base..range.end - base), source.as_bytes().get(range.clone())) {
                to.copy_from_slice(from);
            }
            // Escapes are blanks to SQL; offsets stay.
            for part in named(node) {
                copy_contents(part, source, base, out);
            }
        }
        "escape_sequence" => out[range.start - base..range.end - base].fill(b' '),
        // Some grammars have no node for what stands between the quotes.
        "string" if named(node).is_empty() => {
            for (to, from) in out[range.start - base..range.end - base].iter_mut().zip(source.as_bytes()[range.clone()].iter()) {
                *to = if matches!(from, b'"' | b'\'') { b' ' } else { *from };
            }
        }
        "interpolation" | "template_substitution" | "identifier" | "attribute" | "call" => {
            out[range.start - base..range.end - base].fill(b' ');
            out[range.start - base] = b'?';
        }
        _ => {
            for part in named(node) {
                copy_contents(part, source, base, out);
            }
        }
    }
}

/// Does a name end as those of one side of a connection do?
fn names_client(name: &str) -> bool {
    let ends = |end: &str| name.len() >= end.len() && name.get(name.len() - end.len()..).is_some_and(|e| e.eq_ignore_ascii_case(end));
    ends("client") || ends("stub")
}

/// A call that is an argument.
pub(super) fn is_call(node: Node) -> bool {
    matches!(
        node.kind(),
        "call"
            | "call_expression"
            | "invocation_expression"
            | "function_call_expression"
            | "method_invocation"
            | "member_call_expression"
            | "scoped_call_expression"
    )
}

/// The last name of what a call calls.
fn called(node: Node) -> Option<Node> {
    node.child_by_field_name("function").map_or_else(|| last_name(node), last_name)
}

/// A function that is written where it is handed on.
fn is_function(node: Node) -> bool {
    matches!(
        node.kind(),
        "func_literal"
            | "arrow_function"
            | "function_expression"
            | "lambda"
            | "lambda_expression"
            | "anonymous_function"
            | "anonymous_function_creation_expression"
            | "closure_expression"
            | "do_block"
            | "block"
            | "annotated_lambda"
            | "lambda_literal"
    )
}

/// A node around an argument, and its key if it has one.
fn is_argument(node: Node) -> bool {
    matches!(node.kind(), "element_value_pair" | "attribute_argument" | "argument" | "value_argument" | "keyword_argument")
}

/// What stands in the place of an argument: some grammars have a node around it.
fn argument_in(node: Node) -> Node {
    if !matches!(node.kind(), "argument" | "value_argument") {
        return node;
    }
    named(node).into_iter().next_back().unwrap_or(node)
}

/// The word that begins at an offset.
fn word_at(text: &str, at: u32) -> Option<&str> {
    let rest = text.get(at as usize..)?;
    let end = rest.find(|c: char| !c.is_alphanumeric() && c != '_').unwrap_or(rest.len());
    (end > 0).then(|| &rest[..end])
}

/// The last name of a path of names.
pub fn last_name(node: Node) -> Option<Node> {
    match node.kind() {
        "identifier" | "shorthand_property_identifier" => Some(node),
        "selector_expression" | "field_access" => node.child_by_field_name("field"),
        "member_access_expression" => node.child_by_field_name("name").and_then(last_name),
        "generic_name" => named(node).into_iter().next().and_then(last_name),
        "method_invocation" | "member_call_expression" | "scoped_call_expression" => node.child_by_field_name("name").and_then(last_name),
        "variable_name" | "qualified_name" => named(node).into_iter().next_back().and_then(last_name),
        "navigation_expression" | "class_constant_access_expression" => named(node).into_iter().next_back().and_then(last_name),
        "name" | "constant" => Some(node),
        "call" => node.child_by_field_name("method"),
        "call_expression" => node.child_by_field_name("function").or_else(|| named(node).into_iter().next()).and_then(last_name),
        "scope_resolution" => node.child_by_field_name("name"),
        "dot_index_expression" => node.child_by_field_name("field"),
        "method_index_expression" => node.child_by_field_name("method"),
        "attribute" => node.child_by_field_name("attribute"),
        "member_expression" => node.child_by_field_name("property"),
        "field_expression" => node.child_by_field_name("field"),
        "scoped_identifier" => node.child_by_field_name("name"),
        "non_null_expression" | "parenthesized_expression" | "await" | "await_expression" => named(node).into_iter().next().and_then(last_name),
        "generic_function" | "instantiation_expression" => node.child_by_field_name("function").and_then(last_name),
        _ => None,
    }
}

/// What stands before the last name, if anything does.
fn receiver_text<'t>(node: Node, source: &'t str) -> Option<&'t str> {
    source.get(object_of(node)?.byte_range())
}

/// The expression before the last name.
pub(super) fn object_of(node: Node<'_>) -> Option<Node<'_>> {
    match node.kind() {
        "attribute" | "member_expression" => node.child_by_field_name("object"),
        "field_expression" => node.child_by_field_name("value"),
        "scoped_identifier" => node.child_by_field_name("path"),
        "selector_expression" => node.child_by_field_name("operand"),
        "member_access_expression" => node.child_by_field_name("expression"),
        "method_invocation" | "member_call_expression" => node.child_by_field_name("object"),
        "scoped_call_expression" => node.child_by_field_name("scope"),
        "call" => node.child_by_field_name("receiver"),
        "dot_index_expression" | "method_index_expression" => node.child_by_field_name("table"),
        "scope_resolution" => node.child_by_field_name("scope"),
        "navigation_expression" => named(node).into_iter().next().filter(|first| first.end_byte() < node.end_byte()),
        _ => None,
    }
}

/// The last name before the last.
fn receiver(node: Node) -> Option<Node> {
    let object = object_of(node)?;
    if is_call(object) { called(object) } else { last_name(object) }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::one(r"/^\/racks\/([^\/]+)$/", Some("/racks/{}"))]
    #[case::optional(r"/^\/nodes\/((@[^\/]+\/)?[^\/]+)$/", Some("/nodes/{}"))]
    #[case::digits(r"/^\/racks\/\d+/", Some("/racks/{}"))]
    #[case::two(r"/^\/a\/([^\/]+)\/([^\/]+)$/", Some("/a/{}/{}"))]
    #[case::alternatives(r"/^\/a|b$/", None)]
    #[case::no_path(r"/racks/", None)]
    #[case::open(r"/^\/racks\/(/", None)]
    fn patterns_as_paths(#[case] pattern: &str, #[case] path: Option<&str>) {
        assert_eq!(path_of_regex(pattern).as_deref(), path);
    }
}
