//! Expressions: names, calls, members, and what kind of value each gives.
//!
//! Operators need no precedence here: an expression is a row of operands, and the value of the row is that of the first one, or of the
//! one behind a `?`. Only assignments look back at the operand before.

use super::parser::{Ctx, Parser, Value};
use super::sink::Val;
use super::tokens::{T, mark};
use compass_facts::*;

use super::flows::place_of;

impl Parser<'_, '_> {
    /// Expressions between commas, up to `close`.
    pub(super) fn expressions_until(&mut self, close: usize) {
        while self.p < close {
            let before = self.p;
            self.expression(close);
            self.take(T::Comma);
            if self.p == before {
                self.p += 1;
            }
        }
    }

    /// Expressions between commas, up to what cannot belong to them.
    pub(super) fn expressions_until_any(&mut self, close: usize) {
        loop {
            self.expression(close);
            if self.p >= close || !self.take(T::Comma) {
                return;
            }
        }
    }

    /// One expression, up to a comma, a closing bracket, `;` or `close`.
    pub(super) fn expression(&mut self, close: usize) -> Value {
        self.down(|p| p.row(close)).unwrap_or(Value::NOTHING)
    }

    fn row(&mut self, close: usize) -> Value {
        let mut value = Value::NOTHING;
        let mut first = true;
        let mut chosen = false;
        let mut operands = 0;
        loop {
            if self.p >= close {
                break;
            }
            let begin = self.p;
            let operand = self.operand(close);
            operands += 1;
            if first || chosen {
                // `this + offset`: a pointer to one object is not counted on, so its class has an operator of its own.
                let computes = self.cpp && self.at(begin) == T::This && self.p == begin + 1 && matches!(self.k(), T::Plus | T::Minus);
                value = if computes { Value::NOTHING } else { operand };
                chosen = false;
            }
            first = false;
            if self.p >= close {
                break;
            }
            match self.k() {
                T::Assign | T::Change => {
                    if let Some(used) = operand.used {
                        self.s.usage(used).role = Role::Write;
                    }
                    self.p += 1;
                    if self.k() == T::LBrace {
                        let ty = self.s.ty_of(operand.val).unwrap_or(TypeId(0));
                        self.initialiser(ty, close);
                    } else {
                        let right = self.expression(close);
                        self.put(right, place_of(&self.s, operand));
                    }
                    return operand;
                }
                T::Question => {
                    self.p += 1;
                    chosen = self.k() != T::Colon;
                    value = if chosen { value } else { operand };
                }
                // Labels and fields never lead here: their readers stop before the colon.
                T::Colon => self.p += 1,
                T::Star | T::Amp | T::AmpAmp | T::Less | T::Greater | T::Shr | T::Minus | T::Plus | T::Op | T::MemberPointer | T::Hash | T::Ellipsis => {
                    let compares = matches!(self.k(), T::Less | T::Greater | T::AmpAmp)
                        || self.k() == T::Op && matches!(self.spelled(self.p), "==" | "!=" | "<=" | ">=" | "||");
                    if compares {
                        value = Value::NOTHING;
                    }
                    self.p += 1;
                }
                // Texts and macros side by side; casts of strange types.
                T::Text | T::Name | T::Number | T::Char if operands > 0 && !self.is_new_statement() => {}
                T::LParen if !self.tok().is(mark::LINE) => {}
                _ => break,
            }
        }
        Value { named: value.named && operands == 1, ..value }
    }

    /// Two operands without an operator: the second is the next statement if it begins a line.
    fn is_new_statement(&self) -> bool {
        let t = self.tok();
        t.is(mark::LINE) && t.k == T::Name || t.is(mark::BRANCH) && t.k != T::Text
    }

    fn operand(&mut self, close: usize) -> Value {
        let mut taken = false;
        let mut deref = 0;
        let mut new = false;
        let mut stepped = false;
        let mut cast = None;
        loop {
            if self.p >= close {
                return Value::NOTHING;
            }
            match self.k() {
                T::Star => {
                    deref += 1;
                    self.p += 1;
                }
                T::Amp => {
                    taken = true;
                    self.p += 1;
                }
                T::AmpAmp if self.at(self.p + 1) == T::Name => {
                    // The address of a label.
                    self.p += 1;
                    let token = self.tok();
                    let name = self.s.name(token.id);
                    let used = self.s.add_named_use(name, Span { start: token.start, end: token.end }, Role::Ref, Shape::Plain, None);
                    self.jumps.push((token.id, used));
                    self.p += 1;
                    return Value::NOTHING;
                }
                T::Plus | T::Minus | T::Not | T::Tilde | T::Throw | T::Delete | T::Hash | T::Qualifier | T::AmpAmp | T::Ellipsis | T::Typename => {
                    if self.k() == T::Delete && self.at(self.p + 1) == T::LBracket && self.at(self.p + 2) == T::RBracket {
                        self.p += 2;
                    }
                    self.p += 1;
                }
                T::Step => {
                    stepped = true;
                    self.p += 1;
                }
                T::New => {
                    new = true;
                    self.p += 1;
                    if self.k() == T::LParen && !matches!(self.at(self.past(self.p)), T::Semi | T::RParen | T::Comma) {
                        self.within(|this, close| {
                            this.arguments_until(close);
                        });
                    }
                }
                T::LParen if self.holds_type(self.p) => {
                    // A cast settles the type; the operand still has its uses.
                    if let Some(value) = self.cast() {
                        return value;
                    }
                }
                T::Sizeof => {
                    self.down(|p| p.size_of(close));
                    return Value::NOTHING;
                }
                _ => break,
            }
            // Of several casts the first one settles what comes out.
            cast = cast.or(self.cast_type.take());
            self.cast_type = None;
        }
        if new {
            return self.made_object();
        }
        let mut value = self.primary(close);
        value = self.postfix(value, close);
        for _ in 0..deref.min(4) {
            if let Some(ty) = self.s.ty_of(value.val) {
                value.val = Val::Ty(self.s.ty_deref(ty));
            }
            value.named = false;
        }
        if stepped && let Some(used) = value.used {
            self.s.usage(used).role = Role::Write;
        }
        if let Some(ty) = cast {
            value.val = self.value_of_type(ty);
        }
        if taken && let Some(used) = value.used {
            let u = self.s.usage(used);
            if u.role == Role::Read {
                u.role = Role::Ref;
            }
        }
        value
    }

    /// A cast or compound literal at the parenthesis here. `Some` for a literal; a cast leaves its type in `cast_type`.
    fn cast(&mut self) -> Option<Value> {
        let mut ty = self.s.unknown();
        self.within(|this, close| ty = this.type_name(close));
        if self.k() == T::LBrace {
            let value = self.s.ty_instance(ty);
            let end = self.past(self.p);
            self.initialiser(value, end);
            let val = self.value_of_type(ty);
            return Some(self.postfix(Value::of(val), self.toks.len()));
        }
        self.cast_type = Some(ty);
        None
    }

    fn size_of(&mut self, close: usize) {
        self.p += 1;
        self.take(T::Ellipsis);
        if self.k() == T::LParen {
            if self.holds_type(self.p) || self.is_named_type(self.p) {
                self.within(|this, close| {
                    this.type_name(close);
                });
            } else {
                let value = self.primary(close);
                self.postfix(value, close);
            }
        } else {
            self.operand(close);
        }
    }

    /// `(name)`, where the name is bound to no variable here.
    fn is_named_type(&self, open: usize) -> bool {
        self.at(open + 1) == T::Name
            && self.at(open + 2) == T::RParen
            && self.s.local(self.toks[open + 1].id).is_none_or(|d| self.is_type_def(d))
            && self.known_type(open + 1)
    }

    /// What stands behind `new`.
    fn made_object(&mut self) -> Value {
        if self.k() == T::LParen {
            let mut ty = self.s.unknown();
            self.within(|this, close| ty = this.type_name(close));
            self.call_arguments();
            return Value::of(self.value_of_type(ty));
        }
        let spec_begin = self.s.facts.uses.len();
        while matches!(self.k(), T::Qualifier | T::Typename | T::Struct | T::Class) {
            self.p += 1;
        }
        if !matches!(self.k(), T::Name | T::Path) {
            let spec = self.specifiers(Ctx::Local);
            self.p = self.past_pointers(self.p);
            while self.k() == T::LBracket {
                self.within(|this, close| this.expressions_until(close));
            }
            self.call_arguments();
            let ty = spec.ty.unwrap_or(TypeId(0));
            return Value::of(self.value_of_type(ty));
        }
        let last = self.last_name_of_path();
        let ty = self.type_path();
        let used = (spec_begin..self.s.facts.uses.len()).rev().find(|i| Some(self.s.facts.uses[*i].span.start) == last).map(|i| UseId(i as u32));
        if matches!(self.k(), T::LParen | T::LBrace) || !matches!(self.k(), T::Star | T::LBracket) {
            if let Some(used) = used {
                self.s.usage(used).role = Role::Call;
            }
            let args = self.call_arguments();
            if let Some(used) = used {
                self.set_arguments(used, args);
            }
        } else {
            // Each object of a new row is made without arguments; pointers are made of nothing.
            if let Some(used) = used.filter(|_| self.k() == T::LBracket) {
                self.s.usage(used).role = Role::Call;
            }
            self.p = self.past_pointers(self.p);
            while self.k() == T::LBracket {
                self.within(|this, close| this.expressions_until(close));
            }
            self.call_arguments();
        }
        Value::of(self.value_of_type(ty))
    }

    /// Where the last name of the path here begins.
    pub(super) fn last_name_of_path(&self) -> Option<u32> {
        let after = self.past_path(self.p)?;
        let mut at = after;
        if matches!(self.at(at - 1), T::Greater | T::Shr) {
            at = (self.p..at).rev().find(|i| self.at(*i) == T::Less && self.past_angles(*i) == Some(after))?;
        }
        (self.at(at - 1) == T::Name).then(|| self.start(at - 1))
    }

    fn primary(&mut self, close: usize) -> Value {
        match self.k() {
            T::Name | T::Path => self.name_or_path(),
            T::Number => {
                self.p += 1;
                Value::of(Val::Ty(self.s.ty_literal(Literal::Number)))
            }
            T::Text => {
                self.p += 1;
                Value::of(Val::Ty(self.s.ty_literal(Literal::Text)))
            }
            T::Char | T::Literal => {
                self.p += 1;
                Value::of(Val::Ty(self.s.ty_literal(Literal::Number)))
            }
            T::LParen => self.parenthesised(),
            T::LBrace => {
                let end = self.past(self.p);
                let unknown = self.s.unknown();
                self.initialiser(unknown, end);
                Value::NOTHING
            }
            T::LBracket if self.cpp => self.lambda(),
            T::This => {
                self.p += 1;
                self.this_value()
            }
            T::Cast => self.named_cast(),
            T::Generic => {
                self.p += 1;
                self.generic_selection();
                Value::NOTHING
            }
            T::Builtin | T::Decltype | T::Typeof | T::Auto => {
                // `int(x)`, `unsigned{1}`.
                let spec = self.specifiers(Ctx::Local);
                self.call_arguments();
                let ty = spec.ty.unwrap_or(TypeId(0));
                Value::of(self.value_of_type(ty))
            }
            T::Struct | T::Union | T::Enum | T::Class => {
                let spec = self.specifiers(Ctx::Local);
                self.p = self.past_pointers(self.p);
                Value::of(spec.ty.map_or(Val::None, Val::Ty))
            }
            T::Requires => {
                self.requires_expression();
                Value::NOTHING
            }
            T::Operator => {
                self.operator_name();
                Value::NOTHING
            }
            T::Noexcept => {
                self.p += 1;
                self.call_arguments();
                Value::NOTHING
            }
            T::Comma | T::Semi | T::RParen | T::RBrace | T::RBracket | T::Colon | T::Question | T::Assign | T::Eof => Value::NOTHING,
            _ => {
                if self.p < close {
                    self.p += 1;
                }
                Value::NOTHING
            }
        }
    }

    fn parenthesised(&mut self) -> Value {
        let mut value = Value::NOTHING;
        let open = self.p;
        let statement = self.at(open + 1) == T::LBrace;
        if self.close_of(open).is_none() {
            self.p += 1;
            return value;
        }
        self.within(|this, close| {
            if statement {
                let mark = this.s.mark();
                this.statements(close);
                this.s.unbind(mark);
                return;
            }
            while this.p < close {
                let before = this.p;
                value = this.expression(close);
                this.take(T::Comma);
                if this.p == before {
                    this.p += 1;
                }
            }
        });
        value
    }

    /// The value that the method around belongs to.
    fn this_value(&mut self) -> Value {
        let mut at = Some(self.s.place.scope);
        while let Some(scope) = at {
            if self.s.scope_kind(scope) == ScopeKind::Type {
                return Value::of(Val::Ty(self.s.ty_receiver(scope)));
            }
            at = self.s.facts.scope(scope).parent;
        }
        Value::NOTHING
    }

    /// `static_cast<T>(x)`.
    fn named_cast(&mut self) -> Value {
        self.p += 1;
        let mut ty = self.s.unknown();
        if let Some(after) = self.past_angles(self.p) {
            let close = after - 1;
            self.p += 1;
            ty = self.type_name(close);
            self.p = after;
        }
        if self.k() == T::LParen {
            self.within(|this, close| this.expressions_until(close));
        }
        Value::of(self.value_of_type(ty))
    }

    fn generic_selection(&mut self) {
        if self.k() != T::LParen {
            return;
        }
        self.within(|this, close| {
            while this.p < close {
                let end = this.argument_end(close);
                let colon = (this.p..end).find(|i| this.at(*i) == T::Colon);
                if let Some(colon) = colon {
                    if this.k() != T::Default {
                        this.type_name(colon);
                    }
                    this.p = colon + 1;
                }
                this.expression(end);
                this.p = end;
                this.take(T::Comma);
            }
        });
    }

    /// A name, with what qualifies it.
    fn name_or_path(&mut self) -> Value {
        // A variable of a function is no template: what follows it is a comparison.
        let is_variable = self.k() == T::Name && self.at(self.p + 1) == T::Less && self.s.local(self.tok().id).is_some_and(|d| !self.is_type_def(d));
        if !self.cpp || is_variable {
            return self.plain_name();
        }
        let Some(after) = self.past_path(self.p) else {
            return if self.k() == T::Name { self.plain_name() } else { self.skip_one() };
        };
        let single = self.k() == T::Name && after == self.p + 1;
        if single {
            return self.plain_name();
        }
        self.path(after)
    }

    fn skip_one(&mut self) -> Value {
        self.p += 1;
        Value::NOTHING
    }

    fn plain_name(&mut self) -> Value {
        let token = self.tok();
        self.p += 1;
        let local = self.s.local(token.id);
        let role = if self.k() == T::LParen { Role::Call } else { Role::Read };
        let used = self.s.add_use(token, role, Shape::Plain);
        let val = match local {
            Some(def) => Val::Def(def),
            None => Val::Name(self.s.name(token.id)),
        };
        Value { val, used: Some(used), named: true, element: false }
    }

    /// `a::b<c>::d`: the last name is what is meant.
    fn path(&mut self, after: usize) -> Value {
        let mut of: Option<TypeId> = None;
        let global = self.take(T::Path);
        loop {
            self.take(T::Template);
            let token = self.tok();
            if token.k != T::Name {
                // `A::operator+`, `A::~A`.
                if self.k() == T::Tilde {
                    self.p += 2;
                } else if self.k() == T::Operator {
                    self.operator_name();
                }
                return Value::NOTHING;
            }
            let angles = self.past_angles(self.p + 1).filter(|a| self.angles_make_sense(*a));
            let next = angles.unwrap_or(self.p + 1);
            let last = self.at(next) != T::Path || self.p + 1 >= after;
            let role = match (last, self.at(next)) {
                (false, _) => Role::Type,
                (true, T::LParen) => Role::Call,
                _ => Role::Read,
            };
            self.p += 1;
            let name = self.s.name(token.id);
            let (used, ty) = match of {
                Some(of) => {
                    let used = self.s.add_use(token, role, Shape::Member(of));
                    (used, self.s.ty_member(of, name))
                }
                None if global => {
                    let saved = self.s.place;
                    self.s.place.scope = ScopeId::FILE;
                    let used = self.s.add_named_use(name, Span { start: token.start, end: token.end }, role, Shape::Plain, None);
                    self.s.place = saved;
                    (used, if last { self.s.ty_global(name) } else { self.s.ty_global_type(name) })
                }
                None if !last => self.qualifier(token, name),
                None => {
                    let used = self.s.add_use(token, role, Shape::Plain);
                    let val = match self.s.local(token.id) {
                        Some(def) => self.s.ty_def(def),
                        None => self.s.ty_name(name),
                    };
                    (used, val)
                }
            };
            let ty = if angles.is_some() { self.template_arguments(ty) } else { ty };
            if last {
                return Value { val: Val::Ty(ty), used: Some(used), named: true, element: false };
            }
            of = Some(ty);
            self.p += 1;
        }
    }
}
