//! Variables and names of types, with their initial values.

use super::declarators::{Declarator, Named};
use super::parser::{Ctx, Parser};
use super::specifiers::Spec;
use super::tokens::{T, mark};
use compass_facts::*;

impl Parser<'_, '_> {
    /// A variable, field or typedef, with its initial value.
    pub(super) fn variable(&mut self, ctx: Ctx, begin: usize, spec: &Spec, found: &Declarator, value: TypeId) -> Option<DefId> {
        let wrapped = self.wrapped(value, found);
        if found.is_pointer
            && let Some(open) = found.parameters
        {
            self.types_of_parameters(open);
        } else if spec.is_typedef
            && let Some(open) = found.parameters
        {
            self.types_of_parameters(open);
        }
        self.trailing();
        if self.k() == T::Colon && (self.cpp || matches!(ctx, Ctx::Class(_))) && self.at(self.p + 1) != T::Colon && !matches!(ctx, Ctx::Local) {
            // The width of a bit field.
            self.p += 1;
            let end = self.bit_field_end();
            self.expression(end);
        }
        let Named::Token(token) = found.name else {
            self.initial_value(wrapped, None, false);
            return None;
        };
        if spec.is_friend {
            return None;
        }
        let name = self.s.name(token.id);
        let has_value = matches!(self.k(), T::Assign | T::LBrace) || self.cpp && self.k() == T::LParen;
        let kind = match ctx {
            _ if spec.is_typedef => Kind::Alias,
            Ctx::Class(_) => Kind::Field,
            _ => Kind::Variable,
        };
        let whole = self.span(begin, self.p);
        let entered = found.of.map(|of| self.s.enter_extension(of, whole));
        let in_function = ctx == Ctx::Local && spec.is_extern;
        let def = if in_function { self.s.define_in(ScopeId::FILE, name, kind, token, whole) } else { self.s.define(name, kind, token, whole) };
        if let Some(saved) = entered {
            self.s.leave(saved);
        }
        let doc = self.doc_before(begin);
        let is_local = ctx == Ctx::Local && !in_function;
        let imported = ctx == Ctx::File && self.imports_by_macro(begin);
        let cpp = self.cpp;
        let d = self.s.def(def);
        d.doc = doc;
        // A typedef names the type; a function type behind it gives what a call gives.
        d.ty = match spec.is_typedef {
            true if found.parameters.is_some() => None,
            true => spec.ty.filter(|_| found.arrays == 0),
            false => Some(wrapped).filter(|_| !spec.is_auto || spec.ty.is_some()),
        };
        d.visible_from = if is_local { token.end } else { 0 };
        let bodiless = (spec.is_extern || imported) && !has_value || matches!(ctx, Ctx::Class(_)) && spec.is_static && !has_value && cpp;
        d.flags = d
            .flags
            .with_if(bodiless, Flags::BODILESS)
            .with_if(spec.is_static && !is_local && !matches!(ctx, Ctx::Class(_)), Flags::PRIVATE)
            .with_if(spec.is_static && matches!(ctx, Ctx::Class(_)), Flags::STATIC);
        if spec.is_typedef {
            self.typedef_type(def, spec, found, value, token.id);
        }
        // The fields of a type inside a function are nearer than the variables around it.
        if is_local || self.s.place.local && matches!(ctx, Ctx::Class(_)) {
            self.s.bind(token.id, def);
        }
        let saved = self.s.place;
        if !is_local && ctx != Ctx::Local {
            self.s.place.container = Some(def).filter(|_| ctx == Ctx::File).or(saved.container);
        }
        self.initial_value(wrapped, Some(def), spec.is_auto && spec.ty.is_none());
        self.s.leave(saved);
        Some(def)
    }

    /// Does a macro before the declaration stand for `extern`?
    fn imports_by_macro(&self, begin: usize) -> bool {
        self.at(begin) == T::Name && self.looks_macro(begin) && ["EXTERN", "extern", "IMPORT", "_API", "DATA"].iter().any(|w| self.spelled(begin).contains(w))
    }

    fn typedef_type(&mut self, def: DefId, spec: &Spec, found: &Declarator, value: TypeId, id: u32) {
        self.types[id as usize] = true;
        let ty = if found.parameters.is_some() {
            Some(self.s.ty_function(value))
        } else if found.arrays > 0 {
            spec.ty.map(|_| self.wrapped(value, found))
        } else {
            spec.ty
        };
        self.s.def(def).ty = ty;
        // The one name of an unnamed type is that of the typedef.
        if let Some(made) = spec.defines
            && self.s.facts.def(made).name_span.is_empty()
            && self.s.facts.def(made).doc.is_none()
        {
            let doc = self.s.facts.def(def).doc;
            self.s.def(made).doc = doc;
        }
    }

    fn bit_field_end(&self) -> usize {
        let mut at = self.p;
        while !matches!(self.at(at), T::Semi | T::Comma | T::Eof | T::Assign | T::RBrace | T::Attribute) {
            at = self.past(at);
        }
        at
    }

    /// `= value`, `{…}`, `(…)`.
    fn initial_value(&mut self, ty: TypeId, def: Option<DefId>, inferred: bool) {
        match self.k() {
            T::Assign => {
                self.p += 1;
                let end = self.initial_end();
                let is_list = self.k() == T::LBrace;
                let span = self.span(self.p, end);
                let into = def.map(|d| (self.s.def(d).name_span.start, FlowPart::Whole));
                let outside = std::mem::replace(&mut self.filled, into);
                let value = self.initialiser(ty, end);
                self.filled = outside;
                if let Some(def) = def.filter(|_| is_list) {
                    self.s.def(def).body = Some(span);
                }
                if let Some(def) = def.filter(|_| inferred) {
                    let found = self.s.ty_of(value.val);
                    let d = self.s.def(def);
                    d.ty = found;
                    d.flags = d.flags.with(Flags::INFERRED);
                }
            }
            T::LBrace if self.cpp => {
                self.initialiser(ty, self.past(self.p));
            }
            T::LParen if self.cpp => self.within(|this, close| {
                this.arguments_until(close);
            }),
            _ => {}
        }
    }

    /// Where an initial value ends: at a comma or semicolon outside brackets.
    fn initial_end(&self) -> usize {
        let mut at = self.p;
        while at < self.toks.len() {
            match self.at(at) {
                T::Comma | T::Semi | T::RBrace => return at,
                T::Less if self.cpp => at = self.past_angles(at).filter(|a| self.angles_make_sense(*a)).unwrap_or(at + 1).max(at + 1),
                _ => at = self.past(at),
            }
        }
        at
    }

    /// Attributes, `asm("name")` and macros behind a declarator.
    fn trailing(&mut self) {
        loop {
            match self.k() {
                T::Attribute => self.attribute(),
                T::Asm if self.at(self.p + 1) == T::LParen => {
                    self.p += 1;
                    self.p = self.past(self.p);
                }
                T::LBracket if self.at(self.p + 1) == T::LBracket => self.p = self.past(self.p),
                T::Name => {
                    let next = if self.at(self.p + 1) == T::LParen { self.past(self.p + 1) } else { self.p + 1 };
                    let ends =
                        matches!(self.at(next), T::Semi | T::Assign | T::Comma | T::Attribute) || self.looks_attribute(self.p) && self.at(next) == T::Name;
                    if !ends || self.tok().is(mark::BRANCH) && !self.attributes_end_variable(self.p, 1) {
                        return;
                    }
                    if self.at(self.p + 1) == T::LParen { self.macro_call() } else { self.modifier() }
                }
                _ => return,
            }
        }
    }
}
