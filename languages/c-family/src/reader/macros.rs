//! Macros as symbols: their parameters, and the names in their bodies.

use super::parser::{Ctx, Parser};
use super::scan::MacroLine;
use super::tokens::{T, Tok};
use compass_facts::*;

impl<'s> Parser<'s, '_> {
    pub(super) fn macro_line(&mut self, line: &MacroLine, side: &'s [Tok]) {
        let name = self.s.name(line.name.id);
        let def = self.s.define_in(ScopeId::FILE, name, Kind::Macro, line.name, line.whole);
        let body = &side[line.body.clone()];
        let doc = super::parser::doc_before(self.text, line.whole.start as usize);
        let d = self.s.def(def);
        d.doc = doc;
        if let (Some(first), Some(last)) = (body.first(), body.last()) {
            d.body = Some(Span { start: first.start, end: last.end });
        }
        let parameters = line.parameters.clone().map(|r| &side[r]).unwrap_or(&[]);
        d.arity = parameters.len().min(254) as u8;
        if parameters.iter().any(|t| t.k == T::Ellipsis) {
            d.arity = 255;
        }
        if !body.iter().any(|t| matches!(t.k, T::Name | T::Struct | T::Union | T::Enum | T::Class | T::This)) {
            return;
        }
        if self.note_pasted(parameters, body) {
            let d = &mut self.s.facts.definitions[def.index()];
            d.flags = d.flags.with(Flags::PASTES);
        }
        if self.members_of_macro(line, body, def) {
            return;
        }
        let saved = self.s.place;
        let mark = self.s.mark();
        self.s.place.container = Some(def);
        if line.parameters.is_some() {
            self.s.enter(ScopeKind::Function, line.whole, Some(def));
            for token in parameters.iter().filter(|t| t.k != T::Ellipsis && t.start < t.end) {
                let name = self.s.name(token.id);
                let span = Span { start: token.start, end: token.end };
                let parameter = self.s.define(name, Kind::Parameter, *token, span);
                self.s.bind(token.id, parameter);
            }
        }
        let labels = std::mem::take(&mut self.labels);
        let jumps = std::mem::take(&mut self.jumps);
        self.on(body, Self::macro_body);
        for (id, used) in std::mem::replace(&mut self.jumps, jumps) {
            let label = self.labels.iter().find(|l| l.0 == id).map(|l| l.1);
            self.s.usage(used).local = label;
        }
        self.labels = labels;
        self.s.unbind(mark);
        self.s.leave(saved);
    }

    /// Keeps the names that a body pastes of words and parameters: who is called so may be used where nobody sees it. Tells whether there are any.
    fn note_pasted(&mut self, parameters: &[Tok], body: &[Tok]) -> bool {
        let mut pastes = false;
        let is_paste = |t: Option<&Tok>| t.is_some_and(|t| t.k == T::Hash && t.end == t.start + 2);
        let mut i = 0;
        while i < body.len() {
            let mut end = i + 1;
            while is_paste(body.get(end)) && end + 1 < body.len() {
                end += 2;
            }
            let pieces: Vec<&Tok> = body[i..end].iter().step_by(2).collect();
            i = end;
            if pieces.len() < 2 {
                continue;
            }
            let mut pattern = String::new();
            for piece in pieces {
                if parameters.iter().any(|p| p.id == piece.id && p.k == piece.k) {
                    pattern.push('*');
                } else {
                    pattern.push_str(self.text.get(piece.start as usize..piece.end as usize).unwrap_or(""));
                }
            }
            pastes |= pattern.contains('*');
            if pattern.contains('*') && pattern.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '*' | '$')) {
                let name = self.s.intern(&pattern);
                if !self.s.facts.pasted.contains(&name) {
                    self.s.facts.pasted.push(name);
                }
            }
        }
        pastes
    }

    /// A body may be anything: statements, an expression, a part of a declaration.
    fn macro_body(&mut self) {
        let end = self.toks.len();
        let declares =
            matches!(self.k(), T::Static | T::Extern | T::Typedef | T::Namespace | T::Template | T::Using | T::Struct | T::Union | T::Enum | T::Class);
        let statics = matches!(self.k(), T::Static | T::Extern);
        if declares && (statics || (0..end).any(|i| matches!(self.at(i), T::LBrace | T::Semi))) {
            self.made_declarations(end);
        } else {
            self.expression_or_statements(end);
        }
    }

    /// The value of a body that is one expression is the value of the macro.
    fn expression_or_statements(&mut self, end: usize) {
        if self.declares() || matches!(self.k(), T::LBrace | T::If | T::For | T::While | T::Do | T::Switch | T::Return | T::Goto | T::Asm | T::Case) {
            self.statements(end);
            return;
        }
        let value = self.expression(end);
        if self.p >= end {
            let container = self.s.place.container;
            if let (Some(def), Some(ty)) = (container, self.s.ty_of(value.val)) {
                self.s.def(def).ty = Some(ty);
            }
            return;
        }
        self.take(T::Comma);
        self.take(T::Semi);
        self.statements(end);
    }

    /// What a macro declares where it is called is nobody's definition here: only its names are uses.
    fn made_declarations(&mut self, end: usize) {
        while self.p < end {
            let before = self.p;
            match self.k() {
                T::LBrace => {
                    let mark = self.s.mark();
                    self.within(|this, close| this.statements(close));
                    self.s.unbind(mark);
                }
                // What follows a call of the macro is done with the value that it ends with.
                T::Assign => {
                    self.p += 1;
                    let value = self.expression(end);
                    let container = self.s.place.container;
                    if let (true, Some(def), Some(ty)) = (self.p >= end, container, self.s.ty_of(value.val)) {
                        self.s.def(def).ty = Some(ty);
                    }
                }
                T::Name => {
                    let role = if self.at(self.p + 1) == T::LParen { Role::Call } else { Role::Read };
                    let token = self.tok();
                    let pasted = self.at(self.p + 1) == T::Hash || self.p > 0 && self.at(self.p - 1) == T::Hash;
                    if !pasted || self.s.local(token.id).is_some() {
                        self.s.add_use(token, role, Shape::Plain);
                    }
                    self.p += 1;
                }
                T::Struct | T::Union | T::Enum if self.at(self.p + 1) == T::Name && !self.cpp => {
                    self.p += 1;
                    let token = self.tok();
                    if self.s.local(token.id).is_some() {
                        self.s.add_use(token, Role::Type, Shape::Plain);
                    } else {
                        let used = self.s.add_use(token, Role::Type, Shape::Tag);
                        self.s.usage(used).scope = ScopeId::FILE;
                    }
                    self.p += 1;
                }
                _ => self.p += 1,
            }
            if self.p <= before {
                self.p = before + 1;
            }
        }
    }

    /// Names in the conditions of the preprocessor.
    pub(super) fn mention(&mut self, token: Tok) {
        let name = self.s.name(token.id);
        self.s.add_named_use(name, Span { start: token.start, end: token.end }, Role::Ref, Shape::Plain, None);
    }

    /// All of the file.
    pub(super) fn file(&mut self, macros: &[MacroLine]) {
        let end = self.toks.len();
        self.declarations(Ctx::File, end);
        self.tell_functions_of_variables();
        self.define_expanded(macros);
        let own = macros.iter().filter(|m| m.parameters.is_some()).map(|m| m.name.id).collect();
        self.define_made_elsewhere(&own);
        self.define_made();
    }

    /// `handler_t turn;` declares a function where the file defines one of that name: the type is that of a function.
    fn tell_functions_of_variables(&mut self) {
        let facts = &self.s.facts;
        let is_outer = |d: &&Definition| matches!(facts.scope(d.scope).kind, ScopeKind::File | ScopeKind::Module);
        let is_body = |d: &&Definition| d.kind == Kind::Function && d.body.is_some();
        let mut spaces = Namespaces::default();
        let told = |d: &Definition| ((spaces.of(facts, d.scope), d.name), (d.signature, d.arity, d.required));
        let functions: rustc_hash::FxHashMap<(ScopeId, NameId), (u32, u8, u8)> = facts.definitions.iter().filter(is_outer).filter(is_body).map(told).collect();
        let is_variable = |d: &Definition| d.kind == Kind::Variable && !d.flags.has(Flags::LOCAL);
        let variables = facts.definitions.iter().enumerate().filter(|(_, d)| is_variable(d) && is_outer(d));
        let found: Vec<_> = variables.filter_map(|(i, d)| Some((i, *functions.get(&(spaces.of(facts, d.scope), d.name))?))).collect();
        for (i, function) in found {
            let d = &mut self.s.facts.definitions[i];
            (d.kind, d.flags) = (Kind::Function, d.flags.with(Flags::BODILESS));
            (d.signature, d.arity, d.required) = function;
        }
    }

    /// Defines what macros in the place of declarations make: names among their arguments that the file defines nowhere but uses.
    fn define_made(&mut self) {
        let made = std::mem::take(&mut self.made);
        if made.is_empty() {
            return;
        }
        let mut defined = vec![false; self.s.facts.names.len()];
        for d in &self.s.facts.definitions {
            if d.scope == ScopeId::FILE || matches!(self.s.facts.scope(d.scope).kind, ScopeKind::Module) {
                defined[d.name.index()] = true;
            }
        }
        // How it is used tells what it is; the mention in the call itself tells nothing.
        let mut used: Vec<Option<Role>> = vec![None; self.s.facts.names.len()];
        let calls: Vec<u32> = made.iter().map(|m| m.0.start).collect();
        for u in &self.s.facts.uses {
            if u.local.is_none() && u.shape == Shape::Plain && calls.binary_search(&u.span.start).is_err() {
                // Two words in a row: the first one is a type, whatever is made of it.
                let behind = self.toks.partition_point(|t| t.start < u.span.end);
                let is_type = u.role == Role::Type || self.at(behind) == T::Name && self.toks[behind].start > u.span.start;
                let role = if is_type { Role::Type } else { u.role };
                let seen = &mut used[u.name.index()];
                // What is a type anywhere is none that a macro makes here.
                if !matches!(seen, Some(Role::Call | Role::Type)) || is_type {
                    *seen = Some(role);
                }
            }
        }
        for (token, whole) in made {
            let name = self.s.name(token.id);
            let (Some(role), false) = (used.get(name.index()).copied().flatten(), defined.get(name.index()).copied().unwrap_or(true)) else { continue };
            defined[name.index()] = true;
            let kind = match role {
                Role::Call => Kind::Function,
                Role::Type => continue,
                _ => Kind::Variable,
            };
            let def = self.s.define_in(ScopeId::FILE, name, kind, token, whole);
            if kind == Kind::Function {
                self.s.def(def).arity = u8::MAX;
            }
            // Real definitions elsewhere come first.
            self.s.flag(def, Flags::BODILESS.with(Flags::PRIVATE));
        }
    }
}

/// Namespaces of one file, each by the first of its scopes: it may be opened again and again.
#[derive(Default)]
struct Namespaces {
    first: rustc_hash::FxHashMap<(ScopeId, NameId), ScopeId>,
}

impl Namespaces {
    fn of(&mut self, facts: &Facts, scope: ScopeId) -> ScopeId {
        let mut path = Vec::new();
        let mut at = scope;
        while let (Some(owner), Some(parent)) = (facts.scope(at).owner, facts.scope(at).parent) {
            path.push((at, facts.def(owner).name));
            at = parent;
        }
        path.into_iter().rev().fold(at, |around, (scope, name)| *self.first.entry((around, name)).or_insert(scope))
    }
}
