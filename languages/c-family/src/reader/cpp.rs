//! What only C++ has: namespaces, `using`, templates, concepts, structured bindings.

use super::parser::{Ctx, Parser};
use super::tokens::{T, mark};
use compass_facts::*;

impl Parser<'_, '_> {
    /// `namespace a::b {…}`, `inline namespace v1 {…}`, `namespace {…}`, `namespace x = y;`.
    pub(super) fn namespace(&mut self) {
        let begin = self.p;
        self.p += 1;
        while self.k() == T::Attribute || self.k() == T::LBracket {
            if self.k() == T::Attribute { self.attribute() } else { self.p = self.past(self.p) }
        }
        if self.k() == T::Name && self.at(self.p + 1) == T::Assign {
            self.namespace_alias(begin);
            return;
        }
        let saved = self.s.place;
        let mut named = false;
        loop {
            if self.k() == T::Qualifier {
                self.p += 1;
            }
            let token = self.tok();
            if token.k != T::Name {
                break;
            }
            // `namespace API name {`: the last of several is the name.
            if self.at(self.p + 1) == T::Name {
                self.modifier();
                continue;
            }
            if self.at(self.p + 1) == T::LParen && self.looks_macro(self.p) {
                self.macro_call();
                continue;
            }
            self.p += 1;
            let name = self.s.name(token.id);
            let def = self.s.define(name, Kind::Module, token, self.span(begin, self.p));
            if token.is(mark::MADE) {
                let by = self.s.intern(Span { start: token.start, end: token.end }.of(self.text));
                self.s.facts.made.push((def, by));
            }
            let whole_end = self.namespace_end();
            self.s.def(def).whole.end = whole_end;
            let is_inline = begin > 0 && self.at(begin - 1) == T::Qualifier;
            if is_inline {
                // Members of an inline namespace are members of the one around.
                self.s.flag(def, Flags::EXPORTED);
            }
            let doc = self.doc_before(begin);
            self.s.def(def).doc = doc;
            let span = Span { start: token.start, end: whole_end };
            self.s.enter(ScopeKind::Module, span, Some(def));
            named = true;
            if !self.take(T::Path) {
                break;
            }
        }
        if !named && self.k() == T::LBrace {
            // Nobody outside this file can name what stands in it.
            let token = super::tokens::Tok { start: self.start(begin), end: self.start(begin), ..self.toks[begin] };
            let name = self.s.intern("");
            let def = self.s.define(name, Kind::Module, token, self.span(begin, self.past(self.p)));
            self.s.flag(def, Flags::PRIVATE);
            let span = self.span(begin, self.past(self.p));
            self.s.enter(ScopeKind::Module, span, Some(def));
        }
        self.trailing_namespace_attributes();
        if self.k() == T::LBrace {
            self.within(|this, close| this.declarations(Ctx::File, close));
        } else {
            self.take(T::Semi);
        }
        self.s.leave(saved);
    }

    fn trailing_namespace_attributes(&mut self) {
        while matches!(self.k(), T::Attribute | T::Name) {
            if self.k() == T::Attribute { self.attribute() } else { self.modifier() }
        }
    }

    fn namespace_end(&self) -> u32 {
        let mut at = self.p;
        for _ in 0..40 {
            match self.at(at) {
                T::LBrace => return self.end_before(self.past(at)),
                T::Semi | T::Eof => break,
                _ => at += 1,
            }
        }
        self.end_before(self.p)
    }

    fn namespace_alias(&mut self, begin: usize) {
        let token = self.tok();
        self.p += 2;
        let ty = self.type_path();
        let name = self.s.name(token.id);
        let whole = self.span(begin, self.p);
        let def = self.s.define(name, Kind::Alias, token, whole);
        self.s.def(def).ty = Some(ty);
        if self.s.place.local {
            self.s.bind(token.id, def);
        }
        self.take(T::Semi);
    }

    /// `using namespace a;`, `using a::b;`, `using T = U;`.
    pub(super) fn using(&mut self) {
        let begin = self.p;
        self.p += 1;
        if self.take(T::Namespace) {
            let from = self.p;
            let ty = self.type_path();
            self.using_import(begin, from, ty, ImportKind::Glob);
            self.take(T::Semi);
            return;
        }
        let alias = self.k() == T::Name && self.alias_follows();
        if alias {
            self.type_alias(begin);
            return;
        }
        // `using enum E;`
        self.take(T::Enum);
        loop {
            let from = self.p;
            let ty = self.type_path();
            if matches!(self.k(), T::Path) && matches!(self.at(self.p + 1), T::Operator | T::Tilde) {
                self.p += 1;
                self.operator_name();
            } else if ty != self.s.unknown() {
                self.using_import(begin, from, ty, ImportKind::Name);
            }
            self.take(T::Ellipsis);
            if !self.take(T::Comma) {
                break;
            }
        }
        self.take(T::Semi);
    }

    fn alias_follows(&self) -> bool {
        let mut at = self.p + 1;
        while matches!(self.at(at), T::LBracket | T::Attribute) {
            at = if self.at(at) == T::Attribute { self.past(at + 1) } else { self.past(at) };
        }
        self.at(at) == T::Assign
    }

    fn type_alias(&mut self, begin: usize) {
        let token = self.tok();
        self.types[token.id as usize] = true;
        let name = self.s.name(token.id);
        let def = self.s.define(name, Kind::Alias, token, self.span(begin, self.p));
        let doc = self.doc_before(begin);
        self.s.def(def).doc = doc;
        self.p += 1;
        while self.k() != T::Assign && !self.is_done() {
            self.p = self.past(self.p);
        }
        self.p += 1;
        let mut end = self.p;
        while !matches!(self.at(end), T::Semi | T::Eof | T::RBrace) {
            end = self.past(end);
        }
        let saved = self.s.place;
        if !self.s.place.local {
            self.s.place.container = Some(def);
        }
        let ty = self.type_name(end);
        self.s.leave(saved);
        self.own_alias_parameters(def);
        let whole_end = self.end_before(end);
        let local = self.s.place.local;
        let d = self.s.def(def);
        d.ty = Some(ty);
        d.whole.end = whole_end;
        if local {
            self.s.bind(token.id, def);
        }
        self.p = end;
        self.take(T::Semi);
    }

    fn own_alias_parameters(&mut self, def: DefId) {
        if self.parameters.is_empty() {
            return;
        }
        let span = self.s.facts.def(def).whole;
        let saved = self.s.enter(ScopeKind::Function, span, Some(def));
        let scope = self.s.place.scope;
        self.own_parameters(scope);
        self.s.leave(saved);
    }

    /// What is brought in: its expression stands among the exports, under a name nobody can write.
    fn using_import(&mut self, begin: usize, from: usize, ty: TypeId, kind: ImportKind) {
        let last = (from..self.p).rev().find(|i| self.at(*i) == T::Name);
        let Some(last) = last else { return };
        let token = self.toks[last];
        let span = self.span(begin, self.p);
        let text = Span { start: self.start(from), end: self.end_before(self.p) }.of(self.text).to_owned();
        let module = self.s.intern(&text);
        let bound = (kind == ImportKind::Name).then(|| self.s.name(token.id));
        let import = Import {
            kind,
            module,
            name: bound,
            bound,
            scope: self.s.place.scope,
            span,
            name_span: Span { start: token.start, end: token.end },
            reexport: true,
            system: false,
        };
        self.s.facts.imports.push(import);
        let number = self.s.facts.imports.len() - 1;
        let key = self.s.intern(&format!("#{number}"));
        self.s.facts.exports.push(Export { name: key, what: ty, span });
        // A local name of that spelling is hidden by what is brought in.
    }

    /// `template <…>` and what it is before.
    pub(super) fn template(&mut self, ctx: Ctx) {
        let begin = self.p;
        let mark = self.s.mark();
        let outer = std::mem::take(&mut self.parameters);
        let instantiates = self.at(self.p + 1) != T::Less;
        while self.k() == T::Template {
            self.p += 1;
            if self.k() == T::Less {
                self.template_parameters();
            }
            if self.k() == T::Requires {
                self.requires();
            }
        }
        match self.k() {
            T::Concept => self.concept(),
            T::Using => self.using(),
            T::Semi => self.p += 1,
            _ => {
                let around = std::mem::replace(&mut self.instantiates, instantiates);
                self.declaration(ctx);
                self.instantiates = around;
            }
        }
        // Nobody took them over: they belong to nothing that others see.
        if !self.parameters.is_empty() {
            let span = self.span(begin, self.p);
            let saved = self.s.enter(ScopeKind::Function, span, None);
            let scope = self.s.place.scope;
            self.own_parameters(scope);
            self.s.leave(saved);
        }
        self.parameters = outer;
        self.s.unbind(mark);
    }

    fn template_parameters(&mut self) {
        let Some(close) = self.template_close() else {
            self.p += 1;
            return;
        };
        self.p += 1;
        while self.p < close {
            let before = self.p;
            let end = self.argument_end(close);
            self.template_parameter(end);
            self.p = end;
            self.take(T::Comma);
            if self.p == before {
                self.p += 1;
            }
        }
        self.p = close + 1;
    }

    /// The position of the `>` of a header; looks farther than for arguments.
    fn template_close(&self) -> Option<usize> {
        let mut depth = 0i32;
        let mut at = self.p;
        for _ in 0..2000 {
            match self.at(at) {
                T::Less => depth += 1,
                T::Greater => depth -= 1,
                T::Shr => depth -= 2,
                T::LParen | T::LBrace | T::LBracket => at = self.close_of(at)?,
                T::Semi | T::Eof => return None,
                _ => {}
            }
            if depth <= 0 {
                return Some(at);
            }
            at += 1;
        }
        None
    }

    fn template_parameter(&mut self, end: usize) {
        let begin = self.p;
        if self.k() == T::Template {
            // A template as a parameter: its own parameters bind nothing.
            self.p += 1;
            if let Some(close) = self.template_close() {
                self.p = close + 1;
            }
        }
        if self.k() == T::Name && self.at(self.p + 1) == T::LParen && self.past(self.p + 1) >= end {
            // A condition that a macro hides.
            self.macro_call();
            return;
        }
        let is_type = matches!(self.k(), T::Typename | T::Class) || self.is_constrained(end);
        if is_type {
            if matches!(self.k(), T::Typename | T::Class) {
                self.p += 1;
            } else {
                self.type_path();
            }
            self.take(T::Auto);
            self.take(T::Ellipsis);
            let token = self.tok();
            let mut parameter = None;
            if token.k == T::Name && self.p < end {
                self.p += 1;
                parameter = Some(self.type_parameter(token, begin));
            }
            if self.take(T::Assign) && self.p < end {
                let default = self.type_name(end);
                self.s.facts.defaults.extend(parameter.map(|p| (p, default)));
            }
            return;
        }
        self.specifiers(Ctx::Local);
        let found = self.declarator(Ctx::Local);
        if let super::declarators::Named::Token(token) = found.name {
            self.type_parameter(token, begin);
        }
        if self.take(T::Assign) && self.p < end {
            self.expression(end);
        }
    }

    /// `Concept T`, `Concept auto x`: a path and one name, where the path is no type of a value.
    fn is_constrained(&self, end: usize) -> bool {
        if self.k() != T::Name {
            return false;
        }
        let Some(after) = self.past_path(self.p) else { return false };
        let name = if self.at(after) == T::Ellipsis { after + 1 } else { after };
        let concept_like =
            self.spelled(after - 1).contains("able") || self.spelled(self.p).starts_with(|c: char| c.is_ascii_uppercase()) && self.at(after - 1) == T::Greater;
        self.at(name) == T::Name && (name + 1 >= end || self.at(name + 1) == T::Assign) && concept_like
    }

    fn type_parameter(&mut self, token: super::tokens::Tok, begin: usize) -> DefId {
        let name = self.s.name(token.id);
        let whole = self.span(begin, self.p);
        let def = self.s.define(name, Kind::TypeParameter, token, whole);
        self.s.bind(token.id, def);
        self.types[token.id as usize] = true;
        self.parameters.push(def);
        def
    }

    /// Gives the waiting template parameters to a scope.
    pub(super) fn own_parameters(&mut self, scope: ScopeId) {
        let owner = self.s.facts.scope(scope).owner;
        for def in std::mem::take(&mut self.parameters) {
            let d = self.s.def(def);
            d.scope = scope;
            d.container = owner;
        }
    }

    /// `concept C = …;`
    pub(super) fn concept(&mut self) {
        let begin = self.p;
        self.p += 1;
        let token = self.tok();
        if token.k != T::Name {
            return;
        }
        self.p += 1;
        let name = self.s.name(token.id);
        let def = self.s.define(name, Kind::Trait, token, self.span(begin, self.p));
        let doc = self.doc_before(begin);
        self.s.def(def).doc = doc;
        self.own_alias_parameters(def);
        if self.take(T::Assign) {
            let mut end = self.p;
            while !matches!(self.at(end), T::Semi | T::Eof) {
                end = self.past(end);
            }
            let saved = self.s.place;
            self.s.place.container = Some(def);
            self.expression(end);
            self.s.leave(saved);
            self.p = end;
            let whole_end = self.end_before(end);
            self.s.def(def).whole.end = whole_end;
        }
        self.take(T::Semi);
    }

    /// `requires C<T> && (…)`, before a declaration or body; `requires (T a) {…}` in an expression.
    pub(super) fn requires(&mut self) {
        self.p += 1;
        for _ in 0..64 {
            match self.k() {
                T::LParen => self.within(|this, close| this.expressions_until(close)),
                T::Name | T::Path | T::Typename => {
                    self.type_path();
                    if self.k() == T::LParen {
                        self.within(|this, close| this.expressions_until(close));
                    }
                }
                T::Requires => self.requires_expression(),
                T::Not | T::Literal => self.p += 1,
                _ => return,
            }
            let joins = matches!(self.k(), T::AmpAmp) || self.k() == T::Op && matches!(self.spelled(self.p), "||" | "and" | "or");
            if !joins {
                return;
            }
            self.p += 1;
        }
    }

    pub(super) fn requires_expression(&mut self) {
        let mark = self.s.mark();
        self.p += 1;
        if self.k() == T::LParen {
            let open = self.p;
            self.p = self.past(open);
            self.parameters(open);
        }
        if self.k() == T::LBrace {
            self.within(|this, close| this.statements(close));
        }
        self.s.unbind(mark);
    }

    /// `auto [a, b] = value;`
    pub(super) fn structured_binding(&mut self, begin: usize) {
        self.p = self.past_pointers(self.p);
        let mut made = Vec::new();
        self.within(|this, close| {
            while this.p < close {
                let token = this.tok();
                if token.k == T::Name {
                    let name = this.s.name(token.id);
                    let whole = this.span(begin, this.p + 1);
                    let def = this.s.define(name, Kind::Variable, token, whole);
                    this.s.flag(def, Flags::INFERRED);
                    made.push((token.id, def));
                }
                this.p += 1;
            }
        });
        let element = self.k() == T::Colon;
        let value = match self.k() {
            T::Assign | T::Colon => {
                self.p += 1;
                let mut end = self.p;
                while !matches!(self.at(end), T::Semi | T::Comma | T::Eof | T::RParen) {
                    end = self.past(end);
                }
                self.expression(end)
            }
            T::LBrace | T::LParen => {
                self.call_arguments();
                super::parser::Value::NOTHING
            }
            _ => super::parser::Value::NOTHING,
        };
        let ty = self.s.ty_of(value.val);
        for (i, (id, def)) in made.into_iter().enumerate() {
            self.s.bind(id, def);
            if let Some(of) = ty {
                let of = if element { self.s.ty_element(of) } else { of };
                let part = self.s.ty(TypeExpr::Part { of, index: i as u32 });
                self.s.def(def).ty = Some(part);
            }
        }
    }
}
