//! Declarators: the name that is declared, and what is wrapped around it.

use super::parser::{Ctx, Parser};
use super::tokens::{T, Tok};
use compass_facts::*;

/// The declared name.
#[derive(Debug, Clone, Copy)]
pub(super) enum Named {
    /// Nobody: an abstract declarator.
    Nothing,
    /// A name.
    Token(Tok),
    /// `~name`, `operator …`: from token to token.
    Made(usize, usize),
}

/// What a declarator says.
#[derive(Debug, Clone, Copy)]
pub(super) struct Declarator {
    pub(super) name: Named,
    /// Position of the token of the name.
    pub(super) at: usize,
    /// The type or namespace before the name.
    pub(super) of: Option<TypeId>,
    /// The parenthesis of the parameters.
    pub(super) parameters: Option<usize>,
    /// A pointer to a function, not a function.
    pub(super) is_pointer: bool,
    /// How often the value can be indexed.
    pub(super) arrays: u32,
    /// How many `*` stand before the name.
    pub(super) pointers: u32,
    /// `<…>` stands behind the name.
    pub(super) special: bool,
    /// Spelling of the last name of the qualifier, for constructors.
    pub(super) owner: Option<u32>,
}

impl Parser<'_, '_> {
    pub(super) fn declarator(&mut self, ctx: Ctx) -> Declarator {
        let mut found =
            Declarator { name: Named::Nothing, at: self.p, of: None, parameters: None, is_pointer: false, arrays: 0, pointers: 0, special: false, owner: None };
        self.down(|p| p.declarator_within(ctx, &mut found));
        found
    }

    fn declarator_within(&mut self, ctx: Ctx, found: &mut Declarator) {
        let begin = self.p;
        self.pointers();
        found.pointers = (begin..self.p).filter(|i| self.at(*i) == T::Star).count() as u32;
        let pointers = found.pointers;
        match self.k() {
            T::LParen if self.nests() => {
                let close = self.close_of(self.p);
                self.p += 1;
                let points = matches!(self.k(), T::Star | T::Amp | T::AmpAmp) || self.at(self.p) == T::Name && self.at(self.p + 1) != T::RParen;
                *found = self.declarator(ctx);
                // `(*f(int))(…)` is a function whose result is a pointer to one.
                found.is_pointer |= points && found.parameters.is_none();
                let returns_pointer = points && found.parameters.is_some();
                found.pointers += pointers;
                if let Some(close) = close {
                    self.p = close + 1;
                }
                if returns_pointer && self.k() == T::LParen {
                    self.p = self.past(self.p);
                }
            }
            T::Name if self.is_wrapped_in_macro() => self.wrapped_in_macro(found, ctx),
            T::Name | T::Path | T::Tilde | T::Operator => self.declared_name(found),
            _ => {}
        }
        self.suffixes(found, ctx);
    }

    /// `CALLBACK(name)(…)`: behind a name and its parameters stand no further ones, so a macro writes something around the name: a pointer,
    /// or, of a function at the top of a file, a part of the name.
    fn is_wrapped_in_macro(&self) -> bool {
        const SHAPE: [T; 5] = [T::Name, T::LParen, T::Name, T::RParen, T::LParen];
        SHAPE.iter().enumerate().all(|(i, k)| self.at(self.p + i) == *k) && self.looks_macro(self.p)
    }

    fn wrapped_in_macro(&mut self, found: &mut Declarator, ctx: Ctx) {
        let token = self.tok();
        self.s.add_use(token, Role::Call, Shape::Plain);
        self.p += 2;
        found.at = self.p;
        found.name = Named::Token(self.tok());
        found.is_pointer = ctx != Ctx::File;
        self.p += 2;
    }

    fn pointers(&mut self) {
        loop {
            match self.k() {
                T::Star | T::Qualifier => self.p += 1,
                T::Amp | T::AmpAmp if self.cpp => self.p += 1,
                T::Op if self.spelled(self.p) == "^" => self.p += 1,
                T::Attribute => self.attribute(),
                T::Ellipsis => self.p += 1,
                // A macro between the star and the name.
                T::Name if matches!(self.at(self.p + 1), T::Name | T::Star) && self.is_modifier_here() => self.modifier(),
                // A pointer to a member: `A::*`.
                T::Name | T::Path if self.cpp => match self.past_path(self.p) {
                    Some(after) if self.at(after) == T::Star && self.at(after - 1) == T::Path => {
                        self.type_path();
                        self.p = after + 1;
                    }
                    _ => return,
                },
                _ => return,
            }
        }
    }

    fn is_modifier_here(&self) -> bool {
        self.at(self.p + 1) == T::Star || self.is_modifier_before_name()
    }

    /// Does a declarator stand in the parenthesis here?
    fn nests(&self) -> bool {
        let i = self.p + 1;
        match self.at(i) {
            T::Star | T::Amp | T::AmpAmp | T::LParen => true,
            T::Op => self.spelled(i) == "^",
            T::Name => match self.at(i + 1) {
                T::RParen => self.at(i + 2) == T::LParen || self.at(i + 2) == T::LBracket || !self.known_type(i) && self.at(self.p.wrapping_sub(1)) != T::Name,
                T::Star => self.at(i + 2) == T::Name || self.at(i + 2) == T::Qualifier || self.at(i + 2) == T::RParen && self.looks_macro(i),
                T::Path => self.past_path(i).is_some_and(|a| self.at(a) == T::Star && self.at(a - 1) == T::Path),
                _ => false,
            },
            _ => false,
        }
    }

    fn declared_name(&mut self, found: &mut Declarator) {
        if self.cpp {
            self.qualifier_of_name(found);
        }
        found.at = self.p;
        match self.k() {
            T::Name => {
                found.name = Named::Token(self.tok());
                self.p += 1;
                // `template <> void f<int>()`.
                if self.cpp && self.k() == T::Less && self.past_angles(self.p).is_some() {
                    let of = self.s.unknown();
                    self.template_arguments(of);
                    found.special = true;
                }
            }
            T::Tilde => {
                self.p += 1;
                let end = self.p + usize::from(self.k() == T::Name);
                found.name = Named::Made(self.p - 1, end);
                self.p = end;
            }
            T::Operator => found.name = self.operator_name(),
            _ => {}
        }
    }

    /// `A::B<T>::` before the name.
    fn qualifier_of_name(&mut self, found: &mut Declarator) {
        self.take(T::Path);
        for _ in 0..32 {
            if self.k() != T::Name {
                return;
            }
            let after = self.past_angles(self.p + 1).unwrap_or(self.p + 1);
            if self.at(after) != T::Path {
                return;
            }
            let token = self.tok();
            let name = self.s.name(token.id);
            found.owner = Some(token.id);
            self.p += 1;
            let ty = match found.of {
                Some(of) => {
                    self.s.add_use(token, Role::Type, Shape::Member(of));
                    self.s.ty_member(of, name)
                }
                None => {
                    self.s.add_use(token, Role::Type, Shape::Plain);
                    self.s.ty_type_name(name)
                }
            };
            // The arguments say which specialisation; the members hang on the template.
            self.template_arguments(ty);
            found.of = Some(ty);
            self.p = after + 1;
            self.take(T::Template);
        }
    }

    /// `operator` and what it is the operator of.
    pub(super) fn operator_name(&mut self) -> Named {
        let from = self.p;
        self.p += 1;
        match self.k() {
            T::LParen | T::LBracket => self.p = self.past(self.p),
            T::New | T::Delete => {
                self.p += 1;
                if self.k() == T::LBracket {
                    self.p = self.past(self.p);
                }
            }
            T::Text => {
                self.p += 1;
                self.take(T::Name);
            }
            T::Name | T::Builtin | T::Path | T::Qualifier | T::Struct | T::Class | T::Enum | T::Auto | T::Typename | T::Decltype => {
                while self.k() == T::Qualifier {
                    self.p += 1;
                }
                // What stands before the parentheses is a type, never something called.
                if matches!(self.k(), T::Name | T::Path) {
                    self.type_path();
                } else {
                    self.specifiers(Ctx::Local);
                }
                self.p = self.past_pointers(self.p);
            }
            _ => {
                self.p += 1;
                if matches!(self.k(), T::Greater | T::Assign) && self.end_before(self.p) == self.start(self.p) {
                    self.p += 1;
                }
            }
        }
        Named::Made(from, self.p)
    }

    fn suffixes(&mut self, found: &mut Declarator, ctx: Ctx) {
        loop {
            match self.k() {
                T::LBracket if self.at(self.p + 1) == T::LBracket => self.p = self.past(self.p),
                T::LBracket => {
                    self.within(|this, close| this.expressions_until(close));
                    if !found.is_pointer {
                        found.arrays += 1;
                    }
                }
                T::LParen if found.parameters.is_none() && self.close_of(self.p).is_some() => {
                    if found.arrays > 0 && !found.is_pointer || !self.holds_parameters(self.p, ctx == Ctx::Local) {
                        return;
                    }
                    found.parameters = Some(self.p);
                    self.p = self.past(self.p);
                }
                // A macro around the parameters: `f OF((int a))`.
                T::Name
                    if found.parameters.is_none()
                        && self.at(self.p + 1) == T::LParen
                        && self.at(self.p + 2) == T::LParen
                        && !matches!(found.name, Named::Nothing) =>
                {
                    let inner_closes = self.close_of(self.p + 2).is_some_and(|c| self.at(c + 1) == T::RParen);
                    if !inner_closes {
                        return;
                    }
                    let token = self.tok();
                    self.s.add_use(token, Role::Call, Shape::Plain);
                    found.parameters = Some(self.p + 2);
                    self.p = self.past(self.p + 1);
                }
                T::LParen if found.is_pointer && found.parameters.is_some() => self.p = self.past(self.p),
                _ => return,
            }
        }
    }

    /// The parameters at `open`: bound in the current scope. Gives how many there are, how many are needed, and a hash of their types.
    pub(super) fn parameters(&mut self, open: usize) -> (u8, u8, u32) {
        let Some(close) = self.close_of(open) else { return (0, 0, 1) };
        let saved = self.p;
        self.p = open + 1;
        let alone = close == open + 2 && self.spelled(open + 1) == "void";
        // Lone names are types in a prototype, parameters in a definition of the old style.
        let old_style = !self.cpp && !matches!(self.at(close + 1), T::Semi | T::Comma | T::Attribute | T::Asm | T::RParen);
        let found = if alone { None } else { self.down(|p| p.parameters_within(close, old_style)) };
        let (arity, required, hash) = found.unwrap_or((0, 0, 17));
        self.p = saved;
        (arity, required, hash | 1)
    }

    /// Their number, how many must be given, and a hash of their types.
    fn parameters_within(&mut self, close: usize, old_style: bool) -> (u8, u8, u32) {
        let (mut arity, mut required, mut hash) = (0u8, 0u8, 17u32);
        while self.p < close {
            let before = self.p;
            let end = self.argument_end(close);
            if self.k() == T::Ellipsis {
                arity = 255;
                hash = hash.wrapping_mul(31).wrapping_add(7);
            } else {
                let (optional, pack, part) = self.parameter(end, old_style);
                hash = hash.wrapping_mul(31).wrapping_add(part);
                arity = if pack { 255 } else { arity.saturating_add(u8::from(arity < 254)) };
                required += u8::from(!optional && !pack && required < 250);
            }
            self.p = end;
            self.take(T::Comma);
            if self.p == before {
                self.p += 1;
            }
        }
        (arity, required, hash)
    }

    /// One parameter that ends at `end`. Tells whether it has a default, whether it takes any number, and a hash of its type.
    fn parameter(&mut self, end: usize, old_style: bool) -> (bool, bool, u32) {
        let begin = self.p;
        if self.is_given_to_macro(end) {
            let token = self.tok();
            self.s.add_use(token, Role::Call, Shape::Plain);
            self.p += 2;
            return self.parameter(end - 1, old_style);
        }
        let single = begin + 1 == end && self.k() == T::Name;
        if single && old_style && !self.known_type(begin) {
            let token = self.tok();
            let name = self.s.name(token.id);
            let def = self.s.define(name, Kind::Parameter, token, self.span(begin, end));
            self.s.bind(token.id, def);
            return (false, false, 1);
        }
        let spec = if single { self.type_specifiers() } else { self.specifiers(Ctx::Local) };
        let found = self.declarator(Ctx::Local);
        let mut ty = self.spec_value(&spec);
        ty = self.wrapped(ty, &found);
        let mut skip = None;
        if let Named::Token(token) = found.name {
            let name = self.s.name(token.id);
            let whole = self.span(begin, end);
            let def = self.s.define(name, Kind::Parameter, token, whole);
            self.s.def(def).ty = Some(ty);
            self.s.bind(token.id, def);
            skip = Some(found.at);
        }
        if found.is_pointer
            && let Some(open) = found.parameters
        {
            self.types_of_parameters(open);
        }
        let mut type_end = self.p.min(end);
        while self.p < end {
            match self.k() {
                T::Assign => {
                    type_end = type_end.min(self.p);
                    self.p += 1;
                    self.initialiser(ty, end);
                    let hash = self.type_hash(begin, type_end, skip);
                    return (true, false, hash);
                }
                T::Attribute => self.attribute(),
                T::Name => self.modifier(),
                _ => self.p += 1,
            }
        }
        let pack = self.cpp && (begin..type_end).any(|i| self.at(i) == T::Ellipsis);
        (false, pack, self.type_hash(begin, type_end, skip))
    }

    /// `UNUSED(int by)`: a parameter that is all the argument of a macro. `rack_t (by)` and `int (*turn)` are none.
    fn is_given_to_macro(&self, end: usize) -> bool {
        let inner = self.p + 2;
        let is_call = self.k() == T::Name && self.at(self.p + 1) == T::LParen && self.close_of(self.p + 1).is_some_and(|c| c + 1 == end);
        let has_type = match self.at(inner) {
            T::Builtin | T::Struct | T::Union | T::Enum | T::Qualifier => true,
            T::Name => matches!(self.at(inner + 1), T::Name | T::Star | T::Qualifier),
            _ => false,
        };
        is_call && has_type && (inner + 1..end - 1).any(|i| self.at(i) == T::Name) && !self.cpp
    }

    /// A hash of a type as written, the same for all usual ways to write it.
    fn type_hash(&self, from: usize, to: usize, skip: Option<usize>) -> u32 {
        if !self.cpp {
            return 1;
        }
        let (mut sum, mut constant, mut refers) = (0u32, 0u32, false);
        for i in from..to.min(from + 60) {
            if Some(i) == skip {
                continue;
            }
            match self.at(i) {
                T::Name if self.at(i + 1) != T::Path => sum = sum.wrapping_add(text_hash(self.spelled(i))),
                T::Builtin if self.spelled(i) != "int" => sum = sum.wrapping_add(text_hash(self.spelled(i))),
                T::Star | T::LBracket => {
                    refers = true;
                    sum = sum.wrapping_add(0x51_7C_C1);
                }
                T::Amp => {
                    refers = true;
                    sum = sum.wrapping_add(0x27_22_0A);
                }
                T::AmpAmp => {
                    refers = true;
                    sum = sum.wrapping_add(0x95_B1_E3);
                }
                T::Qualifier if self.spelled(i) == "const" => constant = constant.wrapping_add(0x31_41_59),
                _ => {}
            }
        }
        if refers { sum.wrapping_add(constant) } else { sum }
    }

    /// Types and names of the parameters of a pointer to a function: they bind nothing.
    pub(super) fn types_of_parameters(&mut self, open: usize) {
        let saved = self.p;
        self.p = open;
        self.parameter_types();
        self.p = saved;
    }

    pub(super) fn parameter_types(&mut self) {
        self.within(|this, close| {
            while this.p < close {
                let before = this.p;
                let end = this.argument_end(close);
                if this.k() != T::Ellipsis {
                    this.specifiers(Ctx::Local);
                    let found = this.declarator(Ctx::Local);
                    if let Some(open) = found.parameters.filter(|o| *o < end) {
                        this.types_of_parameters(open);
                    }
                }
                this.p = end;
                this.take(T::Comma);
                if this.p == before {
                    this.p += 1;
                }
            }
        });
    }

    /// The value of a declared name: lists for arrays, functions for pointers to them.
    pub(super) fn wrapped(&mut self, ty: TypeId, found: &Declarator) -> TypeId {
        let mut ty = ty;
        if found.pointers > 0 && self.is_char && ty == self.s.ty_literal(Literal::Number) {
            ty = self.s.ty_literal(Literal::Text);
        }
        if found.is_pointer && found.parameters.is_some() && ty != self.s.unknown() {
            ty = self.s.ty_function(ty);
        }
        if ty != self.s.unknown() {
            for _ in 0..found.arrays.min(4) {
                ty = self.s.ty_list(ty);
            }
        }
        ty
    }
}

fn text_hash(text: &str) -> u32 {
    text.bytes().fold(0x811C_9DC5, |h, b| (h ^ u32::from(b)).wrapping_mul(0x0100_0193))
}
