//! Types in comments: what JavaScript says where TypeScript has a syntax of its own.
//!
//! `@param {T} name`, `@returns {T}` and `@type {T}` in the comment before a definition are taken as if they were written in
//! the code; `@typedef` and `@callback` define a type, `@template` a parameter of one. Names in them are uses like others.
//! What is no type ends the one at hand: a comment is never an error.

use super::Reader;
use super::imports::Binding;
use compass_facts::bounds::Levels;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::text;
use compass_facts::{DefId, Flags, ImportKind, Kind, Literal, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

/// What the comment before a function says.
#[derive(Default)]
pub(super) struct Documented<'t> {
    /// Types of parameters by name.
    pub(super) parameters: Vec<(&'t str, TypeId)>,
    /// Type of the result.
    pub(super) result: Option<TypeId>,
}

/// One tag: its word, and where what comes behind it stands.
struct Tag<'t> {
    word: &'t str,
    start: usize,
    end: usize,
}

/// The tags of a comment: words behind `@` at the beginnings of lines.
fn tags(source: &str, comment: Span) -> Vec<Tag<'_>> {
    let Some(text) = source.get(comment.start as usize..comment.end as usize) else { return Vec::new() };
    let text = text.strip_suffix("*/").unwrap_or(text);
    let mut out: Vec<Tag> = Vec::new();
    let mut at = 0;
    for line in text.split_inclusive('\n') {
        let body = line.trim_start().trim_start_matches("/**").trim_start_matches('*').trim_start();
        let from = comment.start as usize + at + (line.len() - body.len());
        at += line.len();
        if let Some(rest) = body.strip_prefix('@') {
            let length = rest.find(|c: char| !c.is_alphanumeric()).unwrap_or(rest.len());
            if let Some(before) = out.last_mut() {
                before.end = from;
            }
            out.push(Tag { word: &rest[..length], start: from + 1 + length, end: comment.start as usize + text.len() });
        }
    }
    out
}

impl<'t> Reader<'t> {
    /// Types of the parameters and the result of a function, from the comment before it. Called inside its scope.
    pub(super) fn documented(&mut self, def: Option<DefId>) -> Documented<'t> {
        let mut out = Documented::default();
        let doc = def.and_then(|d| self.b.def_mut(d).doc);
        let Some(doc) = doc.filter(|_| !self.declares) else { return out };
        let all = tags(self.b.text, doc);
        self.templates(&all);
        for tag in &all {
            let mut types = self.types(tag);
            match tag.word {
                "param" | "arg" | "argument" => {
                    if let Some(ty) = types.braced()
                        && let Some(name) = types.parameter_name()
                    {
                        out.parameters.push((name, ty));
                    }
                }
                "returns" | "return" => out.result = types.braced().or(out.result),
                _ => {}
            }
        }
        out.parameters.retain(|p| p.1 != self.b.unknown());
        out.result = out.result.filter(|t| *t != self.b.unknown());
        out
    }

    /// The type that the comment before a variable gives it.
    pub(super) fn documented_type(&mut self, doc: Option<Span>) -> Option<TypeId> {
        let doc = doc.filter(|_| !self.declares)?;
        let all = tags(self.b.text, doc);
        let tag = all.iter().find(|t| t.word == "type")?;
        self.types(tag).braced().filter(|t| *t != self.b.unknown())
    }

    /// Types that the comments among statements define.
    pub(super) fn documented_definitions(&mut self, block: Node<'t>) {
        if self.declares {
            return;
        }
        let comments: Vec<Node<'t>> = block.children().filter(|n| n.kind() == "comment" && text(*n, self.b.text).starts_with("/**")).collect();
        for comment in comments {
            let whole = compass_facts::reading::tree::span(comment);
            let all = tags(self.b.text, whole);
            for (i, tag) in all.iter().enumerate().filter(|(_, t)| matches!(t.word, "typedef" | "callback")) {
                let behind = &all[i + 1..];
                let own = behind.iter().position(|t| matches!(t.word, "typedef" | "callback")).unwrap_or(behind.len());
                self.type_definition(tag, &behind[..own], &all, whole);
            }
        }
    }

    /// `@typedef {T} Name`, `@callback Name`, with the tags that belong to it.
    fn type_definition(&mut self, tag: &Tag<'t>, parts: &[Tag<'t>], all: &[Tag<'t>], whole: Span) {
        // The name stands behind the type: it is looked for first, so that the type is read inside its scope.
        let mut ahead = self.types(tag);
        ahead.skip_braced();
        let Some((name, at)) = ahead.word() else { return };
        let mut new = NewDefinition::new(name, Kind::Alias, at, whole);
        new.flags = Flags::default().with(Flags::EXPORTED);
        new.doc = Some(whole);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, whole, Some(def));
        self.templates(all);
        let declared = self.types(tag).braced().filter(|t| *t != self.b.unknown());
        let ty = if tag.word == "callback" { Some(self.callback(parts)) } else { declared };
        for part in parts.iter().filter(|t| matches!(t.word, "property" | "prop")) {
            self.property(part);
        }
        self.b.leave(saved);
        self.b.def_mut(def).ty = ty;
    }

    fn property(&mut self, tag: &Tag<'t>) {
        let mut types = self.types(tag);
        let ty = types.braced();
        types.skip_blanks();
        types.eat('[');
        let Some((name, at)) = types.word() else { return };
        let mut new = NewDefinition::new(name, Kind::Field, at, at);
        new.ty = ty.filter(|t| *t != self.b.unknown());
        self.b.define(new);
    }

    fn callback(&mut self, parts: &[Tag<'t>]) -> TypeId {
        let mut parameters = Vec::new();
        let mut result = self.b.unknown();
        for part in parts {
            let ty = self.types(part).braced().unwrap_or(self.b.unknown());
            match part.word {
                "param" | "arg" | "argument" => parameters.push(ty),
                "returns" | "return" => result = ty,
                _ => {}
            }
        }
        self.b.ty(TypeExpr::Signature { parameters, result })
    }

    /// `@template T`, `@template {Bound} T, U`.
    fn templates(&mut self, all: &[Tag<'t>]) {
        for tag in all.iter().filter(|t| t.word == "template") {
            let mut types = self.types(tag);
            let bound = types.braced();
            let mut names = Vec::new();
            while let Some(name) = types.word() {
                names.push(name);
                types.skip_blanks();
                if !types.eat(',') {
                    break;
                }
            }
            for (name, at) in names {
                let mut new = NewDefinition::new(name, Kind::TypeParameter, at, at);
                new.ty = bound.filter(|t| *t != self.b.unknown());
                self.b.define(new);
            }
        }
    }

    fn types(&mut self, tag: &Tag<'t>) -> Types<'_, 't> {
        Types { end: tag.end.min(self.b.text.len()), at: tag.start, levels: Levels::WRITTEN, reader: self }
    }
}

/// Reads types in a stretch of a comment.
struct Types<'r, 't> {
    reader: &'r mut Reader<'t>,
    at: usize,
    end: usize,
    levels: Levels,
}

impl<'t> Types<'_, 't> {
    fn rest(&self) -> &'t str {
        let source: &'t str = self.reader.b.text;
        source.get(self.at..self.end).unwrap_or("")
    }

    fn peek(&self) -> Option<char> {
        self.rest().chars().next()
    }

    /// Blanks, line ends and the stars that lines of comments begin with.
    fn skip_blanks(&mut self) {
        loop {
            let rest = self.rest();
            let blank = rest.len() - rest.trim_start().len();
            self.at += blank;
            if rest[..blank].contains('\n') && self.rest().starts_with('*') {
                self.at += 1;
            } else {
                return;
            }
        }
    }

    fn eat(&mut self, wanted: char) -> bool {
        let found = self.peek() == Some(wanted);
        self.at += if found { wanted.len_utf8() } else { 0 };
        found
    }

    fn eat_text(&mut self, wanted: &str) -> bool {
        let found = self.rest().starts_with(wanted);
        self.at += if found { wanted.len() } else { 0 };
        found
    }

    /// A name and its place.
    fn word(&mut self) -> Option<(&'t str, Span)> {
        self.skip_blanks();
        let rest = self.rest();
        let length = rest.find(|c: char| !(c.is_alphanumeric() || c == '_' || c == '$')).unwrap_or(rest.len());
        if length == 0 || rest.starts_with(|c: char| c.is_numeric()) {
            return None;
        }
        let at = Span::new(self.at, self.at + length);
        self.at += length;
        Some((&rest[..length], at))
    }

    /// The name behind `@param {T}`; parts of parameters (`options.size`) have no name of their own.
    fn parameter_name(&mut self) -> Option<&'t str> {
        self.skip_blanks();
        self.eat('[');
        let name = self.word()?.0;
        (self.peek() != Some('.')).then_some(name)
    }

    fn skip_braced(&mut self) {
        self.skip_blanks();
        if self.peek() != Some('{') {
            return;
        }
        let mut open = 0u32;
        for (i, c) in self.rest().char_indices() {
            match c {
                '{' => open += 1,
                '}' => open -= 1,
                _ => {}
            }
            if open == 0 {
                self.at += i + 1;
                return;
            }
        }
    }

    /// `{T}`: the type of a value of it.
    fn braced(&mut self) -> Option<TypeId> {
        self.skip_blanks();
        if self.peek() != Some('{') {
            return None;
        }
        let mut close = Types { reader: &mut *self.reader, at: self.at, end: self.end, levels: Levels::WRITTEN };
        close.skip_braced();
        let (from, behind) = (self.at + 1, close.at);
        if behind <= from {
            return None;
        }
        let mut inner = Types { reader: &mut *self.reader, at: from, end: behind - 1, levels: self.levels };
        let ty = inner.union();
        self.at = behind;
        Some(ty)
    }

    fn union(&mut self) -> TypeId {
        let unknown = self.reader.b.unknown();
        let outer = self.levels;
        let Some(levels) = outer.down() else { return unknown };
        self.levels = levels;
        let mut parts = Vec::new();
        loop {
            self.skip_blanks();
            self.eat('|');
            parts.push(self.suffixed());
            self.skip_blanks();
            if !matches!(self.peek(), Some('|' | '&')) {
                break;
            }
            self.at += 1;
        }
        self.levels = outer;
        parts.retain(|t| *t != unknown);
        match parts[..] {
            [] => unknown,
            [only] => only,
            _ => self.reader.b.ty(TypeExpr::Union(parts)),
        }
    }

    fn suffixed(&mut self) -> TypeId {
        self.skip_blanks();
        while matches!(self.peek(), Some('?' | '!')) {
            self.at += 1;
        }
        let many = self.eat_text("...");
        let mut ty = self.primary();
        loop {
            if self.eat_text("[]") {
                ty = self.reader.b.ty(TypeExpr::List(ty));
            } else if !(self.eat('=') || self.eat('?') || self.eat('!')) {
                break;
            }
        }
        if many { self.reader.b.ty(TypeExpr::List(ty)) } else { ty }
    }

    fn primary(&mut self) -> TypeId {
        let unknown = self.reader.b.unknown();
        match self.peek() {
            Some('(') => self.in_parentheses(),
            Some('{') => self.members(),
            Some(quote @ ('"' | '\'')) => {
                let length = self.rest()[1..].find(quote).map_or(self.rest().len(), |i| i + 2);
                self.at += length;
                self.reader.b.ty(TypeExpr::Literal(Literal::Text))
            }
            Some('*') => {
                self.at += 1;
                unknown
            }
            _ if self.eat_text("typeof ") => self.named(false),
            _ if self.rest().strip_prefix("import").is_some_and(|r| r.trim_start().starts_with('(')) => self.imported(),
            _ if self.rest().starts_with("function(") => {
                self.at += "function".len();
                let parameters = self.listed('(', ')');
                self.skip_blanks();
                let result = if self.eat(':') { self.union() } else { unknown };
                self.reader.b.ty(TypeExpr::Signature { parameters, result })
            }
            _ => self.named(true),
        }
    }

    /// `(A|B)`, or `(a: A, b: B) => C`.
    fn in_parentheses(&mut self) -> TypeId {
        let parameters = self.listed('(', ')');
        self.skip_blanks();
        if self.eat_text("=>") {
            let result = self.union();
            return self.reader.b.ty(TypeExpr::Signature { parameters, result });
        }
        match parameters[..] {
            [only] => only,
            _ => self.reader.b.unknown(),
        }
    }

    /// Types between brackets, each with or without a name before it.
    fn listed(&mut self, open: char, close: char) -> Vec<TypeId> {
        let mut out = Vec::new();
        if !self.eat(open) {
            return out;
        }
        loop {
            self.skip_blanks();
            if self.eat(close) || self.peek().is_none() {
                return out;
            }
            let before = self.at;
            let mut is_named = self.word().is_some();
            self.eat('?');
            is_named &= self.rest().trim_start().starts_with(':');
            if is_named {
                self.skip_blanks();
                self.at += 1;
            } else {
                self.at = before;
            }
            out.push(self.union());
            self.skip_blanks();
            if !self.eat(',') && self.peek() != Some(close) {
                return out;
            }
        }
    }

    /// `{a: A, b?: B}`: members under an unnamed alias, as an object type in code.
    fn members(&mut self) -> TypeId {
        let at = Span::new(self.at, self.at);
        let def = self.reader.b.define(NewDefinition::new("", Kind::Alias, at, Span::new(self.at, self.end)));
        let saved = self.reader.b.enter(ScopeKind::Type, Span::new(self.at, self.end), Some(def));
        self.reader.b.place.container = saved.container;
        self.at += 1;
        while let Some((name, at)) = self.word() {
            self.eat('?');
            self.skip_blanks();
            let ty = if self.eat(':') { Some(self.union()) } else { None };
            let mut new = NewDefinition::new(name, Kind::Field, at, at);
            new.ty = ty.filter(|t| *t != self.reader.b.unknown());
            self.reader.b.define(new);
            self.skip_blanks();
            if !(self.eat(',') || self.eat(';')) {
                break;
            }
        }
        self.skip_blanks();
        self.eat('}');
        self.reader.b.leave(saved);
        let of = self.reader.b.ty(TypeExpr::Def(def));
        self.reader.b.ty_instance(of)
    }

    /// `import('./x').Name`.
    fn imported(&mut self) -> TypeId {
        self.at += "import".len();
        self.skip_blanks();
        self.eat('(');
        self.skip_blanks();
        let Some(quote @ ('"' | '\'')) = self.peek() else { return self.reader.b.unknown() };
        let rest = &self.rest()[1..];
        let Some(length) = rest.find(quote) else { return self.reader.b.unknown() };
        let whole = Span::new(self.at, self.at + length + 2);
        self.at += length + 2;
        self.skip_blanks();
        self.eat(')');
        let binding = Binding { kind: ImportKind::Module, name: None, bound: None, at: whole, whole, reexport: false };
        let id = self.reader.import_binding(&rest[..length], binding);
        let of = self.reader.b.ty(TypeExpr::Import(id));
        self.path(of, true)
    }

    /// A name, members behind it, arguments.
    fn named(&mut self, as_type: bool) -> TypeId {
        let Some((name, at)) = self.word() else {
            // Nothing a type begins with: one sign further, so that what follows is looked at.
            self.at += self.peek().map_or(0, char::len_utf8);
            return self.reader.b.unknown();
        };
        let literal = match name {
            "string" | "String" => Some(Literal::Text),
            "number" | "Number" | "bigint" => Some(Literal::Number),
            "boolean" | "Boolean" => Some(Literal::Bool),
            "void" | "undefined" | "null" | "never" => Some(Literal::Nothing),
            _ => None,
        };
        if let Some(literal) = literal {
            return self.reader.b.ty(TypeExpr::Literal(literal));
        }
        if matches!(name, "any" | "unknown" | "object" | "true" | "false" | "this" | "symbol" | "keyof" | "readonly") {
            return self.reader.b.unknown();
        }
        if matches!(name, "Array" | "Map" | "Record" | "Object" | "WeakMap") {
            return self.container(name);
        }
        let role = if as_type { Role::Type } else { Role::Ref };
        self.reader.b.add_use(name, at, role, Shape::Plain);
        let of = self.reader.b.ty_name(name, at);
        self.path(of, as_type)
    }

    fn container(&mut self, name: &str) -> TypeId {
        let args = self.arguments();
        let (Some(first), Some(last)) = (args.first().copied(), args.last().copied()) else { return self.reader.b.unknown() };
        let is_map = matches!(name, "Map" | "Record" | "Object" | "WeakMap");
        self.reader.b.ty(if is_map { TypeExpr::Map(last) } else { TypeExpr::List(first) })
    }

    fn arguments(&mut self) -> Vec<TypeId> {
        if self.rest().starts_with(".<") {
            self.at += 1;
        }
        self.listed('<', '>')
    }

    fn path(&mut self, mut of: TypeId, as_type: bool) -> TypeId {
        while self.rest().starts_with('.') && !self.rest().starts_with(".<") {
            self.at += 1;
            let Some((name, at)) = self.word() else { break };
            self.reader.b.add_use(name, at, Role::Type, Shape::Member(of));
            of = self.reader.b.ty_member(of, name);
        }
        let args = self.arguments();
        if !args.is_empty() {
            of = self.reader.b.ty_of(of, |of| TypeExpr::Generic { of, args });
        }
        if as_type { self.reader.b.ty_instance(of) } else { of }
    }
}
