//! Values in braces, with the places they are for.

use super::parser::{Parser, Value};
use super::tokens::T;
use compass_facts::*;

impl Parser<'_, '_> {
    /// An initial value for something of the type: an expression, or a list in braces with designators.
    pub(super) fn initialiser(&mut self, ty: TypeId, end: usize) -> Value {
        if self.k() != T::LBrace {
            let into = self.filled;
            let value = self.expression(end);
            self.put(value, into);
            return value;
        }
        // In an array of structs each inner list is one element.
        let element = match self.s.facts.ty(ty) {
            TypeExpr::List(inner) => *inner,
            _ => ty,
        };
        let outside = self.filled;
        self.within(|this, close| {
            let mut number = 0u16;
            while this.p < close {
                let before = this.p;
                this.filled = outside.map(|(at, _)| (at, FlowPart::Field(number)));
                number = number.saturating_add(1);
                this.element(ty, element, close);
                this.take(T::Comma);
                if this.p == before {
                    this.p += 1;
                }
            }
        });
        self.filled = outside;
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
        if let Some(place) = place {
            self.filled = Some((self.s.usage(place).span.start, FlowPart::Whole));
        }
        self.initialiser(inner, close);
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
