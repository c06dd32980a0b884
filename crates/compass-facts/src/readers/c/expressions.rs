//! Expressions: names, calls, members, and what kind of value each gives.
//!
//! Operators need no precedence here: an expression is a row of operands, and the value of the row is that of the first one, or of the
//! one behind a `?`. Only assignments look back at the operand before.

use super::parser::{Ctx, Parser, Value};
use super::sink::Val;
use super::tokens::{T, mark};
use crate::*;

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
        if !self.down() {
            return Value::NOTHING;
        }
        let value = stacker::maybe_grow(192 << 10, 2 << 20, || self.row(close));
        self.up();
        value
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
            let operand = self.operand(close);
            operands += 1;
            if first || chosen {
                value = operand;
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
                        self.keep(operand, right);
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

    /// A function put under a name: calls through it can be found later.
    fn keep(&mut self, place: Value, value: Value) {
        if let (Some(place), Some(function), true) = (place.used, value.used, value.named) {
            let p = self.s.usage(place);
            if p.local.is_some() {
                return;
            }
            let f = self.s.usage(function);
            if f.local.is_none() && f.shape == Shape::Plain {
                self.s.facts.held.push((place, function));
            }
        }
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
                    if self.down() {
                        self.size_of(close);
                        self.up();
                    }
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
            self.p = self.past_pointers(self.p);
            while self.k() == T::LBracket {
                self.within(|this, close| this.expressions_until(close));
            }
            self.call_arguments();
        }
        Value { val: self.value_of_type(ty), used: None, named: false }
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
        Value { val, used: Some(used), named: true }
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
                (true, T::LBrace) => Role::Call,
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
                None => {
                    let used = self.s.add_use(token, role, Shape::Plain);
                    let val = match self.s.local(token.id) {
                        Some(def) => self.s.ty_def(def),
                        None if last => self.s.ty_name(name),
                        None => self.s.ty_type_name(name),
                    };
                    (used, val)
                }
            };
            let ty = if angles.is_some() { self.template_arguments(ty) } else { ty };
            if last {
                return Value { val: Val::Ty(ty), used: Some(used), named: true };
            }
            of = Some(ty);
            self.p += 1;
        }
    }

    pub(super) fn postfix(&mut self, mut value: Value, close: usize) -> Value {
        loop {
            if self.p >= close {
                return value;
            }
            match self.k() {
                T::LParen if !(self.tok().is(mark::BRANCH)) => value = self.call(value),
                T::LBracket => {
                    self.within(|this, close| this.expressions_until(close));
                    let ty = self.s.ty_of(value.val);
                    let val = ty.map_or(Val::None, |t| Val::Ty(self.s.ty_index(t)));
                    value = Value { val, used: value.used, named: false };
                }
                T::Dot | T::Arrow => match self.member(value) {
                    Some(member) => value = member,
                    None => return value,
                },
                T::Step => {
                    if let Some(used) = value.used {
                        self.s.usage(used).role = Role::Write;
                    }
                    self.p += 1;
                }
                T::LBrace if self.cpp && self.makes_value(&value) => {
                    let args = self.call_arguments();
                    if let Some(used) = value.used {
                        self.s.usage(used).role = Role::Call;
                        self.set_arguments(used, args);
                    }
                    let ty = self.s.ty_of(value.val);
                    let val = ty.map_or(Val::None, |t| Val::Ty(self.s.ty_instance(t)));
                    value = Value { val, used: None, named: false };
                }
                T::Less if self.cpp && value.named => {
                    if self.past_angles(self.p).is_none_or(|a| !self.angles_make_sense(a)) {
                        return value;
                    }
                    // A variable of a function is compared: it is no template.
                    if matches!(value.val, Val::Def(d) if !self.is_type_def(d)) {
                        return value;
                    }
                    let ty = self.s.ty_of(value.val).unwrap_or(TypeId(0));
                    let ty = self.template_arguments(ty);
                    if self.k() == T::LParen
                        && let Some(used) = value.used
                    {
                        self.s.usage(used).role = Role::Call;
                    }
                    value.val = Val::Ty(ty);
                }
                _ => return value,
            }
        }
    }

    /// `name {`: a value of a type, unless a block follows a macro or a condition.
    fn makes_value(&self, value: &Value) -> bool {
        let t = self.tok();
        let Some(used) = value.used else { return false };
        let u = self.s.facts.usage(used);
        let type_like = u.local.is_none_or(|d| self.is_type_def(d));
        value.named && type_like && !t.is(mark::LINE) && u.role != Role::Call && {
            let close = self.close_of(self.p);
            // A block has statements in it.
            close.is_some_and(|c| (self.p + 1..c.min(self.p + 60)).all(|i| self.at(i) != T::Semi)) && close.is_some_and(|c| self.at(c + 1) != T::Else)
        }
    }

    fn call(&mut self, callee: Value) -> Value {
        if self.close_of(self.p).is_none() {
            self.p += 1;
            return callee;
        }
        let offset_like = callee.used.is_some_and(|u| self.takes_members(u));
        let mut args = Vec::new();
        self.within(|this, close| args = if offset_like { this.member_arguments(close) } else { this.arguments_until(close) });
        let of = self.s.ty_of(callee.val);
        if let Some(used) = callee.used
            && callee.named
        {
            self.s.usage(used).role = Role::Call;
            let count = args.len();
            if self.cpp && count > 0 {
                self.s.facts.arguments.push((used, args));
            }
            self.s.usage(used).args = count.min(254) as u8;
        }
        let val = of.map_or(Val::None, |of| Val::Ty(self.s.ty_call(of)));
        Value { val, used: None, named: false }
    }

    /// Macros whose arguments are a type and a member of it.
    fn takes_members(&self, used: UseId) -> bool {
        let name = self.s.facts.name(self.s.facts.usage(used).name);
        matches!(name, "offsetof" | "__builtin_offsetof" | "container_of" | "offsetofend" | "sizeof_field" | "FIELD_SIZEOF")
    }

    /// Arguments between commas up to `close`; what each gives.
    pub(super) fn arguments_until(&mut self, close: usize) -> Vec<TypeId> {
        let mut args = Vec::new();
        // A type among them: names behind it may be its members.
        let mut owner: Option<TypeId> = None;
        while self.p < close {
            let before = self.p;
            let (ty, made) = self.argument(close, owner);
            args.push(ty);
            owner = made.or(owner);
            if self.k() != T::Comma {
                // Statements and types as arguments of macros.
                let end = self.argument_end(close).max(self.p);
                while self.p < end {
                    let at = self.p;
                    if self.declares() && self.k() != T::Qualifier {
                        self.declaration(Ctx::Local);
                    } else {
                        self.statement();
                    }
                    if self.p > end {
                        self.p = end;
                    }
                    if self.p <= at {
                        self.p = at + 1;
                    }
                }
            }
            self.take(T::Comma);
            if self.p == before {
                self.p += 1;
            }
        }
        args
    }

    /// One argument: what it gives, and the type it names if it is one.
    fn argument(&mut self, close: usize, owner: Option<TypeId>) -> (TypeId, Option<TypeId>) {
        let unknown = self.s.unknown();
        let is_type = match self.k() {
            T::Struct | T::Union | T::Enum | T::Class => true,
            T::Builtin | T::Qualifier => !matches!(self.at(self.p + 1), T::LParen | T::LBrace),
            T::Name if !self.cpp => {
                // `type *` as the last thing of an argument.
                let end = self.past_pointers(self.p + 1);
                end > self.p + 1 && matches!(self.at(end), T::Comma | T::RParen)
            }
            _ => false,
        };
        if is_type {
            let end = self.argument_end(close);
            let ty = self.type_name(end);
            self.p = end;
            return (unknown, Some(ty).filter(|t| *t != unknown));
        }
        if let (Some(of), T::Name) = (owner, self.k())
            && self.s.local(self.tok().id).is_none()
            && matches!(self.at(self.p + 1), T::Comma | T::RParen | T::Dot | T::LBracket)
        {
            self.member_path(of, close);
            return (unknown, None);
        }
        let value = self.expression(close);
        if let Some(used) = value.used.filter(|_| value.named) {
            let u = self.s.usage(used);
            if u.role == Role::Read {
                u.role = Role::Pass;
            }
        }
        (if self.cpp { self.s.ty_of(value.val).unwrap_or(unknown) } else { unknown }, None)
    }

    /// `member.of[1].it` of a type.
    fn member_path(&mut self, of: TypeId, close: usize) {
        let mut of = self.s.ty_instance(of);
        while self.p < close {
            match self.k() {
                T::Name => {
                    let token = self.tok();
                    self.s.add_use(token, Role::Read, Shape::Member(of));
                    let name = self.s.name(token.id);
                    of = self.s.ty_member(of, name);
                    self.p += 1;
                }
                T::Dot => self.p += 1,
                T::LBracket => {
                    self.within(|this, close| this.expressions_until(close));
                    of = self.s.ty_index(of);
                }
                _ => return,
            }
        }
    }

    /// `offsetof(type, member)`, `container_of(pointer, type, member)`.
    fn member_arguments(&mut self, close: usize) -> Vec<TypeId> {
        let unknown = self.s.unknown();
        let mut args = Vec::new();
        let mut owner = None;
        while self.p < close {
            let before = self.p;
            let end = self.argument_end(close);
            let path = self.past_path(self.p).is_some_and(|a| self.past_pointers(a) == end);
            let follows = self.at(end) == T::Comma && owner.is_none();
            let local = self.k() == T::Name && self.s.local(self.tok().id).is_some_and(|d| !self.is_type_def(d));
            let last_but_one = follows && self.last_comma(end + 1, close);
            match (owner, self.k()) {
                (Some(of), T::Name) => self.member_path(of, end),
                (None, T::Name | T::Path) if path && follows && last_but_one && !local => owner = Some(self.type_name(end)),
                _ => owner = self.argument(end, None).1.or(owner),
            }
            args.push(unknown);
            self.p = end;
            self.take(T::Comma);
            if self.p == before {
                self.p += 1;
            }
        }
        args
    }

    /// Is there no further comma?
    fn last_comma(&self, from: usize, close: usize) -> bool {
        let mut at = from;
        while at < close {
            if self.at(at) == T::Comma {
                return false;
            }
            at = self.past(at);
        }
        true
    }

    fn member(&mut self, owner: Value) -> Option<Value> {
        let arrow = self.k() == T::Arrow;
        let mut at = self.p + 1;
        if self.at(at) == T::Template {
            at += 1;
        }
        match self.at(at) {
            T::Name => {}
            T::Tilde => {
                self.p = at + 2;
                return Some(Value::NOTHING);
            }
            T::Operator => {
                self.p = at;
                self.operator_name();
                return Some(Value::NOTHING);
            }
            T::Star => {
                self.p = at + 1;
                return Some(Value::NOTHING);
            }
            _ => {
                self.p += 1;
                return None;
            }
        }
        self.p = at;
        let mut of = self.s.ty_of(owner.val).unwrap_or(self.s.unknown());
        if arrow && self.cpp && of != self.s.unknown() {
            of = self.s.ty_deref(of);
        }
        // `a.Base::member`.
        while self.cpp && self.at(self.past_angles(self.p + 1).unwrap_or(self.p + 1)) == T::Path && self.k() == T::Name {
            let token = self.tok();
            let name = self.s.name(token.id);
            self.s.add_use(token, Role::Type, Shape::Plain);
            of = self.s.ty_type_name(name);
            self.p += 1;
            let unknown = self.s.unknown();
            self.template_arguments(unknown);
            self.p += 1;
        }
        let token = self.tok();
        if token.k != T::Name {
            return Some(Value::NOTHING);
        }
        self.p += 1;
        let angles = self.past_angles(self.p).filter(|a| self.at(*a) == T::LParen);
        let call = self.k() == T::LParen || angles.is_some();
        let used = self.s.add_use(token, if call { Role::Call } else { Role::Read }, Shape::Member(of));
        let val = if of == self.s.unknown() {
            Val::None
        } else {
            let name = self.s.name(token.id);
            Val::Ty(self.s.ty_member(of, name))
        };
        if angles.is_some() {
            let unknown = self.s.unknown();
            self.template_arguments(unknown);
        }
        Some(Value { val, used: Some(used), named: true })
    }

    /// `[captures](parameters) {…}`; also a stray `[[attribute]]`.
    fn lambda(&mut self) -> Value {
        if self.at(self.p + 1) == T::LBracket {
            self.p = self.past(self.p);
            return Value::NOTHING;
        }
        let mark = self.s.mark();
        self.within(|this, close| this.captures(close));
        if self.k() == T::Less
            && let Some(after) = self.past_angles(self.p)
        {
            self.p = after;
        }
        if self.k() == T::LParen {
            let open = self.p;
            self.p = self.past(open);
            self.parameters(open);
        }
        let mut result = None;
        loop {
            match self.k() {
                T::Qualifier => self.p += 1,
                T::Attribute => self.attribute(),
                T::Noexcept | T::Throw => {
                    self.p += 1;
                    if self.k() == T::LParen {
                        self.p = self.past(self.p);
                    }
                }
                T::Arrow => {
                    self.p += 1;
                    let spec = self.type_specifiers();
                    self.p = self.past_pointers(self.p);
                    result = spec.ty.map(|t| self.s.ty_instance(t));
                }
                T::Requires => self.requires(),
                _ => break,
            }
        }
        if self.k() == T::LBrace {
            self.within(|this, close| this.statements(close));
        }
        self.s.unbind(mark);
        let result = result.unwrap_or(TypeId(0));
        Value::of(Val::Ty(self.s.ty_function(result)))
    }

    fn captures(&mut self, close: usize) {
        while self.p < close {
            let token = self.tok();
            if token.k == T::Name && self.at(self.p + 1) == T::Assign {
                self.p += 2;
                let end = self.argument_end(close);
                let value = self.expression(end);
                let name = self.s.name(token.id);
                let def = self.s.define(name, Kind::Variable, token, Span { start: token.start, end: token.end });
                let ty = self.s.ty_of(value.val);
                let d = self.s.def(def);
                d.ty = ty;
                d.flags = d.flags.with(Flags::INFERRED);
                self.s.bind(token.id, def);
                self.p = end;
            } else if token.k == T::Name {
                self.s.add_use(token, Role::Read, Shape::Plain);
                self.p += 1;
            } else {
                self.p += 1;
            }
        }
    }

    /// An initial value for something of the type: an expression, or a list in braces with designators.
    pub(super) fn initialiser(&mut self, ty: TypeId, end: usize) -> Value {
        if self.k() != T::LBrace {
            return self.expression(end);
        }
        // In an array of structs each inner list is one element.
        let element = match self.s.facts.ty(ty) {
            TypeExpr::List(inner) => *inner,
            _ => ty,
        };
        self.within(|this, close| {
            while this.p < close {
                let before = this.p;
                this.element(ty, element, close);
                this.take(T::Comma);
                if this.p == before {
                    this.p += 1;
                }
            }
        });
        Value::NOTHING
    }

    pub(super) fn element(&mut self, ty: TypeId, element: TypeId, close: usize) {
        let mut inner = element;
        let mut place = None;
        let mut designated = false;
        if self.k() == T::Name && self.at(self.p + 1) == T::Colon && self.at(self.p + 2) != T::Colon {
            // The old form: `name: value`.
            place = Some(self.designator(&mut inner));
            self.p += 1;
            designated = true;
        } else {
            loop {
                match self.k() {
                    T::Dot if self.at(self.p + 1) == T::Name => {
                        self.p += 1;
                        place = Some(self.designator(&mut inner));
                    }
                    T::LBracket if !self.cpp || self.designates() => {
                        self.within(|this, close| this.expressions_until(close));
                        if designated {
                            inner = self.s.ty_index(inner);
                        }
                    }
                    _ => break,
                }
                designated = true;
            }
            if designated {
                self.take(T::Assign);
            }
        }
        if !designated {
            let is_list = self.k() == T::LBrace;
            self.initialiser(if is_list { element } else { ty }, close);
            return;
        }
        let value = self.initialiser(inner, close);
        if let (Some(place), Some(function), true) = (place, value.used, value.named)
            && self.s.facts.usage(function).local.is_none()
        {
            self.s.facts.held.push((place, function));
        }
    }

    /// `[x] =` rather than a lambda.
    fn designates(&self) -> bool {
        matches!(self.at(self.past(self.p)), T::Assign | T::Dot | T::LBracket) && self.at(self.p + 1) != T::RBracket && self.at(self.p + 1) != T::Assign
    }

    fn designator(&mut self, of: &mut TypeId) -> UseId {
        let token = self.tok();
        self.p += 1;
        let used = self.s.add_use(token, Role::Write, Shape::Member(*of));
        if *of != self.s.unknown() {
            let name = self.s.name(token.id);
            *of = self.s.ty_member(*of, name);
        }
        used
    }
}
