//! What stands behind a value: calls with their arguments, members, indexes.

use super::parser::{Ctx, Parser, Value};
use super::sink::Val;
use super::tokens::{T, mark};
use compass_facts::*;

impl Parser<'_, '_> {
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
                    value = Value { val, used: value.used, named: false, element: value.named };
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
                    value = Value::of(val);
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
        self.called_in(callee);
        let outside = (self.calling, self.filled);
        self.calling = callee.used.filter(|_| callee.named && !offset_like).map(|u| self.s.usage(u).span.start);
        self.filled = None;
        self.within(|this, close| args = if offset_like { this.member_arguments(close) } else { this.arguments_until(close) });
        (self.calling, self.filled) = outside;
        let of = self.s.ty_of(callee.val);
        let val = of.map_or(Val::None, |of| Val::Ty(self.s.ty_call(of, if self.cpp { &args } else { &[] })));
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
        Value::of(val)
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
            let (ty, made) = self.argument(close, owner, args.len());
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
    fn argument(&mut self, close: usize, owner: Option<TypeId>, number: usize) -> (TypeId, Option<TypeId>) {
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
        let calling = self.calling;
        let value = self.expression(close);
        self.put(value, calling.map(|at| (at, FlowPart::Argument(number as u16))));
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
                _ => owner = self.argument(end, None, 0).1.or(owner),
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
        Some(Value { val, used: Some(used), named: true, element: false })
    }
}
