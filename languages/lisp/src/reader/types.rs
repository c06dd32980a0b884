//! Types as they are written, and declarations.

use super::Reader;
use super::forms::{FormId, Shape};
use compass_facts::bounds::Bounded;
use compass_facts::{Role, Shape as Reach};

impl<'t> Reader<'t> {
    /// A type: a name, or a list such as `(or rack null)`, `(vector wheel 4)`, `(satisfies deep-p)`.
    pub(super) fn type_named(&mut self, id: FormId) {
        let at = self.form(id).span;
        match self.form(id).shape {
            Shape::Symbol => {
                let Some(symbol) = self.symbol(id) else { return };
                if !symbol.name.starts_with('&') && !matches!(symbol.name.as_ref(), "*" | "t" | "nil") {
                    self.global_use(&symbol, Role::Type, Reach::Plain);
                }
            }
            Shape::List => {
                let parts = self.parts(id);
                let Some(op) = self.operator(id) else { return };
                match op.name.as_ref() {
                    "member" | "eql" => {}
                    "satisfies" => {
                        if let Some(test) = parts.get(1).and_then(|p| self.symbol(*p)) {
                            self.function_use(&test, Role::Ref, 0);
                        }
                    }
                    _ => {
                        for part in parts {
                            self.deeper(at, |r| r.type_named(part));
                        }
                    }
                }
            }
            Shape::Quote => self.form(id).parts.iter().for_each(|p| self.type_named(*p)),
            Shape::Comma => self.walk(id),
            Shape::Backquote => self.form(id).parts.iter().for_each(|p| self.template(*p)),
            _ => {}
        }
    }

    /// What `declare` and `declaim` say, one after the other.
    pub(super) fn declarations(&mut self, ids: &[FormId]) {
        for id in ids {
            let id = match self.form(*id).shape {
                Shape::Quote => self.form(*id).parts.first().copied().unwrap_or(*id),
                _ => *id,
            };
            let parts = self.parts(id);
            let Some(op) = self.operator(id) else { continue };
            let rest = parts.get(1..).unwrap_or_default();
            match op.name.as_ref() {
                "type" | "ftype" => {
                    if let Some(ty) = rest.first() {
                        self.type_named(*ty);
                    }
                    let is_function = op.name == "ftype";
                    rest.iter().skip(1).for_each(|name| self.declared_name(*name, is_function));
                }
                "inline" | "notinline" => rest.iter().for_each(|name| self.declared_name(*name, true)),
                "special" => rest.iter().for_each(|name| self.declared_name(*name, false)),
                "optimize" | "ignore" | "ignorable" | "dynamic-extent" | "declaration" => {}
                // `(fixnum i)`: the type stands for `type`.
                _ if rest.iter().all(|r| self.form(*r).shape == Shape::Symbol) && !rest.is_empty() && !op.is_keyword => {
                    self.type_named(parts[0]);
                    rest.iter().for_each(|name| self.declared_name(*name, false));
                }
                _ => {}
            }
        }
    }

    fn declared_name(&mut self, id: FormId, is_function: bool) {
        if let Some(place) = self.setf_name(id) {
            self.global_use(&place, Role::Ref, Reach::Tag);
            return;
        }
        let Some(symbol) = self.symbol(id) else { return };
        match is_function {
            true => self.function_use(&symbol, Role::Ref, 0),
            false => self.variable_use(&symbol, Role::Pass),
        }
    }
}
