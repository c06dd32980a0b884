//! Binding patterns: `{ a, b: c = 1, ...rest }`, `[x, y]`.

use super::Reader;
use super::classes::unquoted;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Flags, Kind, Role, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Binds the names of a pattern that takes apart a value of type `ty`.
    pub(super) fn bind(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind) {
        self.deeper(span(node), |r| r.bind_within(node, ty, kind));
    }

    fn bind_within(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind) {
        match node.kind() {
            "identifier" => {
                self.forget(text(node, self.b.text));
                let mut new = NewDefinition::new(text(node, self.b.text), kind, span(node), span(node));
                new.ty = ty.filter(|t| *t != self.b.unknown());
                new.flags = Flags::default().with_if(self.exported, Flags::EXPORTED);
                self.b.define(new);
            }
            "object_pattern" => {
                for part in named(node) {
                    self.bind_property(part, ty, kind);
                }
            }
            "array_pattern" => {
                for (index, part) in named(node).into_iter().enumerate() {
                    if part.kind() == "rest_pattern" {
                        // What is left is a list as well.
                        named(part).into_iter().for_each(|inner| self.bind(inner, ty, kind));
                        continue;
                    }
                    let ty = ty.map(|of| self.b.ty_of(of, |of| TypeExpr::Part { of, index: index as u32 }));
                    self.bind(part, ty, kind);
                }
            }
            "assignment_pattern" => {
                let value = node.child_by_field_name("right").map(|r| self.expression(r, Role::Read));
                let ty = ty.filter(|t| *t != self.b.unknown()).or(value);
                if let Some(left) = node.child_by_field_name("left") {
                    self.bind(left, ty, kind);
                }
            }
            "rest_pattern" => {
                for part in named(node) {
                    self.bind(part, None, kind);
                }
            }
            _ => {
                self.expression(node, Role::Write);
            }
        }
    }

    fn bind_property(&mut self, part: Node<'t>, ty: Option<TypeId>, kind: Kind) {
        let of = ty.unwrap_or(self.b.unknown());
        match part.kind() {
            "shorthand_property_identifier_pattern" => self.bind_shorthand(part, of, kind),
            "object_assignment_pattern" => {
                if let Some(value) = part.child_by_field_name("right") {
                    self.expression(value, Role::Read);
                }
                if let Some(left) = part.child_by_field_name("left") {
                    match left.kind() {
                        "shorthand_property_identifier_pattern" => self.bind_shorthand(left, of, kind),
                        _ => self.bind(left, ty, kind),
                    }
                }
            }
            "pair_pattern" => {
                let Some(key) = part.child_by_field_name("key") else { return };
                let word = unquoted(text(key, self.b.text));
                let member = if key.kind() == "computed_property_name" {
                    self.expression(key, Role::Read);
                    self.b.unknown()
                } else {
                    self.b.add_use(word, super::classes::inside_quotes(key, self.b.text), Role::Read, Shape::Key(of));
                    self.b.ty_member(of, word)
                };
                if let Some(value) = part.child_by_field_name("value") {
                    self.bind(value, Some(member), kind);
                }
            }
            // What is left has all members but those taken.
            "rest_pattern" => named(part).into_iter().for_each(|inner| self.bind(inner, ty, kind)),
            _ => self.bind(part, None, kind),
        }
    }

    /// `{ a }` both names a member and binds it.
    fn bind_shorthand(&mut self, node: Node<'t>, of: TypeId, kind: Kind) {
        let word = text(node, self.b.text);
        self.b.add_use(word, span(node), Role::Read, Shape::Key(of));
        let ty = self.b.ty_member(of, word);
        self.forget(word);
        let mut new = NewDefinition::new(word, kind, span(node), span(node));
        new.ty = Some(ty).filter(|t| *t != self.b.unknown());
        new.flags = Flags::INFERRED.with_if(self.exported, Flags::EXPORTED);
        self.b.define(new);
    }
}
