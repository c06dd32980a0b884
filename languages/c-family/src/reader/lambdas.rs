//! Functions without a name, with what they capture.

use super::parser::{Parser, Value};
use super::sink::Val;
use super::tokens::T;
use compass_facts::*;

impl Parser<'_, '_> {
    /// `[captures](parameters) {…}`; also a stray `[[attribute]]`.
    pub(super) fn lambda(&mut self) -> Value {
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
}
