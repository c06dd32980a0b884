//! What stands before the declared names: types, qualifiers, and the macros in between.

use super::parser::{Ctx, Parser};
use super::sink::Val;
use super::tokens::{T, mark};
use compass_facts::*;

/// The specifiers of a declaration.
#[derive(Debug, Clone, Copy, Default)]
pub(super) struct Spec {
    /// The type itself, not a value of it.
    pub(super) ty: Option<TypeId>,
    /// The type is that of a value already: `typeof x`.
    pub(super) is_value: bool,
    pub(super) is_static: bool,
    pub(super) is_extern: bool,
    pub(super) is_typedef: bool,
    pub(super) is_virtual: bool,
    pub(super) is_friend: bool,
    pub(super) is_auto: bool,
    /// A type was written here, `struct x {…}` with its body.
    pub(super) defines: Option<DefId>,
    /// A macro with arguments stands where the type should: it may be all of the declaration.
    pub(super) macro_type: bool,
}

impl Spec {
    pub(super) fn has_type(&self) -> bool {
        self.ty.is_some() || self.is_auto || self.macro_type
    }
}

/// What a name at the beginning of a declaration is.
enum First {
    Type,
    Modifier,
    /// A macro with arguments before the rest.
    Call,
    /// No specifier any more.
    End,
}

impl Parser<'_, '_> {
    pub(super) fn specifiers(&mut self, ctx: Ctx) -> Spec {
        let mut spec = Spec::default();
        let begin = self.p;
        loop {
            let before = self.p;
            match self.k() {
                T::Qualifier => self.p += 1,
                T::Explicit | T::Static | T::Extern | T::Typedef | T::Virtual | T::Friend => self.storage(&mut spec),
                T::Typename | T::Export => self.p += 1,
                T::Attribute => self.attribute(),
                T::LBracket if self.at(self.p + 1) == T::LBracket => self.p = self.past(self.p),
                T::Auto => {
                    spec.is_auto = self.cpp || self.spelled(self.p) != "auto" || !matches!(self.at(self.p + 1), T::Builtin | T::Struct);
                    self.p += 1;
                    if self.k() == T::LParen && self.spelled(self.p + 1) == "auto" {
                        self.p = self.past(self.p);
                    }
                }
                T::Builtin => {
                    if spec.has_type() && spec.ty.is_none_or(|t| !matches!(self.s.facts.ty(t), TypeExpr::Literal(_))) {
                        break;
                    }
                    self.is_char = self.spelled(self.p) == "char";
                    let literal = if self.spelled(self.p) == "bool" { Literal::Bool } else { Literal::Number };
                    spec.ty = Some(self.s.ty_literal(literal));
                    self.p += 1;
                }
                T::Struct | T::Union | T::Enum | T::Class => {
                    if spec.ty.is_some() {
                        break;
                    }
                    let (ty, made) = self.tagged(ctx, spec.is_typedef, begin);
                    spec.ty = Some(ty);
                    spec.defines = made.or(spec.defines);
                }
                T::Typeof | T::Decltype => {
                    if spec.has_type() {
                        break;
                    }
                    let ty = self.typeof_operand();
                    spec.ty = Some(ty);
                    spec.is_value = true;
                }
                T::Name | T::Path => {
                    if spec.has_type() {
                        if !self.is_modifier_after_type() {
                            break;
                        }
                        self.modifier();
                    } else {
                        match self.first_name(ctx) {
                            First::Type => spec.ty = Some(self.type_path()),
                            First::Modifier => self.modifier(),
                            First::Call => spec.macro_type = self.macro_before_name(ctx),
                            First::End => break,
                        }
                    }
                }
                T::Colon if ctx == Ctx::File && self.p == begin => self.p += 1,
                _ => break,
            }
            if self.p == before {
                break;
            }
        }
        spec
    }

    /// One word of how a thing is kept and found: `static`, `extern "C"`, `virtual`, ….
    fn storage(&mut self, spec: &mut Spec) {
        let word = self.k();
        let said = match word {
            T::Static => &mut spec.is_static,
            T::Typedef => &mut spec.is_typedef,
            T::Virtual => &mut spec.is_virtual,
            T::Friend => &mut spec.is_friend,
            _ => &mut spec.is_extern,
        };
        match word {
            T::Explicit => {
                self.p += 1;
                if self.k() == T::LParen {
                    self.within(|this, close| this.expressions_until(close));
                }
            }
            T::Extern => {
                // `extern "C" {` of a branch for C++ leaves its first half behind.
                let left_behind =
                    self.at(self.p + 1) == T::Text && (self.tok().is(mark::INACTIVE) || self.toks.get(self.p + 2).is_some_and(|t| t.is(mark::BRANCH)));
                *said |= !left_behind;
                self.p += 1;
                self.take(T::Text);
            }
            _ => {
                *said = true;
                self.p += 1;
            }
        }
    }

    /// A call of a macro among the specifiers; tells whether it stands for the type of the name behind it.
    fn macro_before_name(&mut self, ctx: Ctx) -> bool {
        if ctx != Ctx::Local && self.toks.get(self.past(self.p + 1)).is_some_and(|t| t.is(mark::LINE)) {
            if ctx == Ctx::File {
                self.note_made(self.p);
            }
            self.note_called(self.p, self.p);
        }
        self.macro_call();
        let next = self.tok();
        let name_follows = next.k == T::Name && matches!(self.at(self.p + 1), T::LParen | T::Semi | T::Assign | T::LBracket | T::Comma);
        let same_line = !next.is(mark::LINE) || self.body_follows(self.p + 1);
        name_follows && same_line
    }

    /// Is the parenthesis at `i` followed by a body?
    pub(super) fn body_follows(&self, i: usize) -> bool {
        self.at(i) == T::LParen && self.close_of(i).is_some_and(|c| self.at(c + 1) == T::LBrace)
    }

    /// A macro that stands where the language has no place for a name.
    pub(super) fn modifier(&mut self) {
        let token = self.tok();
        if token.k != T::Name {
            self.p += 1;
            return;
        }
        self.s.add_use(token, Role::Mark, Shape::Plain);
        self.p += 1;
        let glued = self.looks_attribute(self.p - 1);
        if self.k() == T::LParen && glued {
            let after = self.past(self.p);
            if matches!(
                self.at(after),
                T::Name | T::Star | T::Builtin | T::Struct | T::Qualifier | T::Semi | T::Assign | T::LBrace | T::Comma | T::Union | T::Enum
            ) {
                self.within(|this, close| {
                    this.arguments_until(close);
                });
            }
        }
    }

    /// `NAME(…)` as a part of a declaration.
    pub(super) fn macro_call(&mut self) {
        let token = self.tok();
        let used = self.s.add_use(token, Role::Call, Shape::Plain);
        self.p += 1;
        if self.k() == T::LParen {
            let mut count = 0;
            self.within(|this, close| count = this.arguments_until(close).len());
            self.s.usage(used).args = count.min(254) as u8;
        }
        // What goes on without an end of its own marks what follows.
        if !matches!(self.k(), T::Semi | T::RBrace | T::Eof) {
            self.s.usage(used).role = Role::Mark;
        }
    }

    /// At least so many attributes, with the end of a variable behind them: `__data __aligned(8) = 1;`.
    pub(super) fn attributes_end_variable(&self, from: usize, least: usize) -> bool {
        let (mut at, mut count) = (from, 0);
        while self.at(at) == T::Name && self.looks_attribute(at) && count < 6 {
            at = if self.at(at + 1) == T::LParen { self.past(at + 1) } else { at + 1 };
            count += 1;
        }
        count >= least && matches!(self.at(at), T::Assign | T::Semi)
    }

    /// Of two names in a row, is the first an attribute of the second? Behind the name stands an attribute rather than before it where the
    /// second looks like one.
    pub(super) fn is_modifier_before_name(&self) -> bool {
        let p = self.p;
        if !self.looks_attribute(p) && self.attributes_end_variable(p + 1, 2) {
            return false;
        }
        match self.at(p + 2) {
            T::Assign | T::Semi | T::Comma | T::LBracket | T::RParen | T::Colon | T::Attribute => !self.looks_attribute(p + 1) || self.looks_attribute(p),
            T::LParen => {
                let wrapped = self.at(p + 3) == T::LParen && self.close_of(p + 3).is_some_and(|c| self.at(c + 1) == T::RParen);
                let trailing = self.looks_attribute(p + 1) && !self.looks_attribute(p) && !self.body_follows(p + 2);
                !wrapped && !trailing
            }
            _ => true,
        }
    }

    fn is_modifier_after_type(&self) -> bool {
        let p = self.p;
        if self.k() == T::Path {
            return false;
        }
        match self.at(p + 1) {
            T::Name => self.at(p + 2) != T::RParen && self.is_modifier_before_name(),
            T::Star => true,
            T::Amp | T::AmpAmp => self.cpp,
            T::Builtin | T::Qualifier | T::Static | T::Struct | T::Union | T::Enum | T::Class | T::Typeof | T::Operator => true,
            T::LParen => {
                let after = self.past(p + 1);
                self.looks_attribute(p) && matches!(self.at(after), T::Name | T::Star | T::Builtin) && !self.only_attributes_follow(after)
            }
            _ => false,
        }
    }

    /// Do attributes alone stand between here and a body or `;`? Then a function was declared before them.
    fn only_attributes_follow(&self, mut at: usize) -> bool {
        for _ in 0..12 {
            match self.at(at) {
                T::LBrace | T::Semi => return true,
                T::Name if self.looks_attribute(at) => at = if self.at(at + 1) == T::LParen { self.past(at + 1) } else { at + 1 },
                T::Attribute => at = self.past(at + 1),
                _ => return false,
            }
        }
        false
    }

    fn first_name(&self, ctx: Ctx) -> First {
        let p = self.p;
        let own = match ctx {
            Ctx::Class(Some(id)) => Some(id),
            _ => None,
        };
        let Some(q) = self.past_path(p) else { return First::End };
        if matches!(self.at(q), T::Tilde | T::Operator) && self.at(q - 1) == T::Path {
            return First::End;
        }
        match self.at(q) {
            T::LParen if own.is_some() && q == p + 1 && own == Some(self.toks[p].id) => First::End,
            T::LParen if self.names_constructor(p, q) => First::End,
            T::Name | T::Path => self.first_of_several(p, q, own),
            T::Builtin
            | T::Struct
            | T::Union
            | T::Enum
            | T::Class
            | T::Typeof
            | T::Static
            | T::Extern
            | T::Typedef
            | T::Auto
            | T::Virtual
            | T::Friend
            | T::Explicit
            | T::Template
            | T::Typename
            | T::Using
            | T::Decltype
            | T::Namespace => First::Modifier,
            T::Tilde => First::Modifier,
            T::Operator => {
                let conversion = matches!(self.at(q + 1), T::Name | T::Builtin | T::Auto | T::Qualifier);
                if conversion && self.looks_macro(p) { First::Modifier } else { First::Type }
            }
            T::Qualifier => {
                let after = self.past_qualifiers(q);
                match self.at(after) {
                    T::Builtin
                    | T::Struct
                    | T::Union
                    | T::Enum
                    | T::Class
                    | T::Static
                    | T::Extern
                    | T::Auto
                    | T::Virtual
                    | T::Friend
                    | T::Explicit
                    | T::Tilde => First::Modifier,
                    T::Name if own == Some(self.toks[after].id) && self.at(after + 1) == T::LParen => First::Modifier,
                    T::Name if self.at(after + 1) != T::LParen && !self.looks_attribute(after) => match self.past_path(after).map(|a| self.at(a)) {
                        Some(T::Name | T::Star | T::Amp | T::AmpAmp) => First::Modifier,
                        _ => First::Type,
                    },
                    T::Name => match self.past_path(after).map(|a| self.at(a)) {
                        Some(T::Name) if self.looks_macro(p) && !self.looks_attribute(after) => First::Modifier,
                        _ => First::Type,
                    },
                    _ => First::Type,
                }
            }
            T::Star | T::Amp | T::AmpAmp | T::Ellipsis => First::Type,
            T::LParen => self.first_call(p, q, ctx),
            T::Attribute => {
                let after = if self.at(q + 1) == T::LParen { self.past(q + 1) } else { q + 1 };
                if matches!(self.at(after), T::Builtin | T::Struct | T::Static | T::Extern | T::Typedef) { First::Modifier } else { First::Type }
            }
            T::Text => First::Modifier,
            T::Colon if ctx != Ctx::Local && self.at(q + 1) == T::Number => First::Type,
            T::LBracket if self.cpp && self.at(q + 1) == T::LBracket => First::Type,
            T::Greater | T::Shr | T::RParen | T::Comma | T::Assign if ctx == Ctx::Local => First::Type,
            _ => First::End,
        }
    }

    fn past_qualifiers(&self, mut i: usize) -> usize {
        while self.at(i) == T::Qualifier {
            i += 1;
        }
        i
    }

    /// `A::A(`, `A<T>::A(`.
    pub(super) fn names_constructor(&self, p: usize, q: usize) -> bool {
        if !self.cpp || self.at(q) != T::LParen || self.at(q - 1) != T::Name || q < p + 3 || self.at(q - 2) != T::Path {
            return false;
        }
        let last = self.toks[q - 1].id;
        let before = if matches!(self.at(q - 3), T::Greater | T::Shr) {
            (p..q - 3).rev().find(|i| self.at(*i) == T::Less && self.past_angles(*i) == Some(q - 2)).and_then(|i| i.checked_sub(1))
        } else {
            Some(q - 3)
        };
        before.is_some_and(|i| self.at(i) == T::Name && self.toks[i].id == last)
    }

    /// Several names in a row: which is the type?
    fn first_of_several(&self, p: usize, q: usize, own: Option<u32>) -> First {
        let Some(r) = self.past_path(q) else {
            return if self.looks_macro(p) { First::Modifier } else { First::Type };
        };
        if own == Some(self.toks[q].id) && self.at(r) == T::LParen && r == q + 1 {
            return First::Modifier;
        }
        if self.names_constructor(q, r) || matches!(self.at(r), T::Tilde | T::Operator) && self.at(r - 1) == T::Path && self.looks_macro(p) {
            return First::Modifier;
        }
        match self.at(r) {
            T::Name | T::Star | T::Amp | T::AmpAmp | T::Path | T::Operator => {
                if q > p + 1 {
                    return First::Type;
                }
                let second_is_attribute = self.looks_attribute(q) && r == q + 1;
                let first_is_macro = self.looks_macro(p);
                match (first_is_macro, second_is_attribute) {
                    (false, true) => First::Type,
                    // `BYTE MACRO x`: the sized and the known are types whatever they look like.
                    (true, true) if self.known_type(p) => First::Type,
                    (true, _) => First::Modifier,
                    // `type name attribute`, with or without arguments, or `attribute type name`.
                    (false, false)
                        if self.at(r) == T::Name
                            && self.looks_attribute(r)
                            && (matches!(self.at(r + 1), T::Semi | T::Assign) || self.at(r + 1) == T::LParen && !self.body_follows(r + 1)) =>
                    {
                        First::Type
                    }
                    (false, false) => {
                        if self.known_type(p) {
                            First::Type
                        } else {
                            First::Modifier
                        }
                    }
                }
            }
            T::Builtin | T::Struct | T::Union | T::Enum | T::Class | T::Static | T::Extern | T::Auto | T::Virtual => First::Modifier,
            T::Qualifier => {
                let after = self.past_qualifiers(r);
                if matches!(self.at(after), T::Builtin | T::Struct | T::Union | T::Enum) { First::Modifier } else { First::Type }
            }
            _ => First::Type,
        }
    }

    /// A name and a parenthesis where a type could be.
    fn first_call(&self, p: usize, q: usize, ctx: Ctx) -> First {
        let Some(close) = self.close_of(q) else { return First::End };
        let inner = q + 1;
        let pointer =
            matches!(self.at(inner), T::Star | T::Amp) || (self.at(inner) == T::Name && self.at(inner + 1) == T::Star && self.at(inner + 2) == T::Name);
        if pointer && matches!(self.at(close + 1), T::LParen | T::LBracket) {
            return First::Type;
        }
        if self.at(inner) == T::Name && inner + 1 == close && self.at(close + 1) == T::LParen && !self.looks_macro(p) {
            return First::Type;
        }
        if ctx == Ctx::Local || q > p + 1 {
            return First::End;
        }
        match self.at(close + 1) {
            // Parameters of the old style are declared before the body.
            T::Name | T::Builtin | T::Struct | T::Union | T::Enum | T::Qualifier if !self.cpp && self.declares_old_parameters(q, close) => First::End,
            T::Name
            | T::Builtin
            | T::Struct
            | T::Union
            | T::Enum
            | T::Class
            | T::Star
            | T::Static
            | T::Qualifier
            | T::Extern
            | T::Typedef
            | T::Auto
            | T::Virtual
            | T::Explicit
            | T::Typename
            | T::Attribute
            | T::Path => First::Call,
            T::Tilde | T::Operator => First::Call,
            _ => First::End,
        }
    }

    /// `f(a, b) int a; char b; {`: are the names in the parentheses declared behind them?
    pub(super) fn declares_old_parameters(&self, open: usize, close: usize) -> bool {
        let mut names = Vec::new();
        for i in open + 1..close {
            match (self.at(i), (i - open) % 2) {
                (T::Name, 1) => names.push(self.toks[i].id),
                (T::Comma, 0) => {}
                _ => return false,
            }
        }
        let mut at = close + 1;
        let limit = at + LOOK;
        let mut met = false;
        while at < limit {
            match self.at(at) {
                T::LBrace => return met && self.at(at - 1) == T::Semi,
                // What another name follows is the type of that.
                T::Name => met |= names.contains(&self.toks[at].id) && matches!(self.at(at + 1), T::Comma | T::Semi | T::LBracket | T::RParen),
                T::Builtin
                | T::Struct
                | T::Union
                | T::Enum
                | T::Qualifier
                | T::Star
                | T::Comma
                | T::Semi
                | T::LBracket
                | T::RBracket
                | T::Number
                | T::LParen
                | T::RParen => {}
                _ => return false,
            }
            at += 1;
        }
        false
    }

    /// `__attribute__((…))`, `alignas(…)`: names in its arguments are uses.
    pub(super) fn attribute(&mut self) {
        self.p += 1;
        if self.k() != T::LParen {
            return;
        }
        self.within(|this, close| {
            while this.p < close {
                match this.k() {
                    T::LParen => this.within(|this, close| this.attribute_arguments(close)),
                    _ => this.p += 1,
                }
            }
        });
    }

    fn attribute_arguments(&mut self, close: usize) {
        while self.p < close {
            if self.k() == T::LParen {
                self.within(|this, close| {
                    this.arguments_until(close);
                });
            } else {
                self.p += 1;
            }
        }
    }

    fn typeof_operand(&mut self) -> TypeId {
        self.p += 1;
        if self.k() != T::LParen {
            return self.s.unknown();
        }
        let mut ty = self.s.unknown();
        let is_type = self.holds_type(self.p);
        self.within(|this, close| {
            if is_type {
                let inner = this.type_name(close);
                ty = this.s.ty_instance(inner);
            } else {
                let value = this.expression(close);
                ty = this.s.ty_of(value.val).unwrap_or(TypeId(0));
            }
        });
        ty
    }

    /// Specifiers where a type must stand: a name is that type, whatever follows.
    pub(super) fn type_specifiers(&mut self) -> Spec {
        while matches!(self.k(), T::Qualifier | T::Typename) {
            self.p += 1;
        }
        let names = matches!(self.k(), T::Name | T::Path)
            && self.past_path(self.p).is_some_and(|a| !matches!(self.at(a), T::Name | T::Builtin | T::Struct | T::Union | T::Enum));
        if names {
            let ty = self.type_path();
            return Spec { ty: Some(ty), ..Spec::default() };
        }
        self.specifiers(Ctx::Local)
    }

    /// A type as in a cast: specifiers and an abstract declarator, up to `close`. Gives the type itself.
    pub(super) fn type_name(&mut self, close: usize) -> TypeId {
        let spec = self.type_specifiers();
        let mut ty = spec.ty.unwrap_or(self.s.unknown());
        while self.p < close {
            match self.k() {
                T::LBracket => {
                    self.within(|this, close| this.expressions_until(close));
                    ty = self.s.ty_list(ty);
                }
                T::LParen if matches!(self.at(self.p + 1), T::Star | T::Amp | T::AmpAmp) => {
                    self.p = self.past(self.p);
                    ty = self.s.ty_function(ty);
                }
                T::LParen => self.parameter_types(),
                T::Attribute => self.attribute(),
                T::Name => self.modifier(),
                T::Decltype | T::Noexcept => self.p += 1,
                _ => self.p += 1,
            }
        }
        ty
    }

    /// What the value of a declaration with these specifiers is.
    pub(super) fn spec_value(&mut self, spec: &Spec) -> TypeId {
        match spec.ty {
            Some(ty) if spec.is_value => ty,
            Some(ty) => self.s.ty_instance(ty),
            None => self.s.unknown(),
        }
    }

    pub(super) fn value_of_type(&mut self, ty: TypeId) -> Val {
        if ty == self.s.unknown() { Val::None } else { Val::Ty(self.s.ty_instance(ty)) }
    }
}

const LOOK: usize = 300;
