//! Patterns: `is Rack rack`, cases of switches, tuples taken apart.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Role, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// A pattern of a value.
    pub(super) fn pattern(&mut self, node: Node<'t>, of: TypeId) {
        self.deeper(span(node), |r| r.pattern_kind(node, of));
    }

    fn pattern_kind(&mut self, node: Node<'t>, of: TypeId) {
        match node.kind() {
            "declaration_pattern" | "recursive_pattern" => {
                let declared = node.child_by_field_name("type").map(|t| self.value_type(t));
                let ty = declared.filter(|t| *t != self.b.unknown()).unwrap_or(of);
                if let Some(name) = node.child_by_field_name("name") {
                    self.bound_name(name, ty, declared.is_none());
                }
                let written = node.child_by_field_name("type");
                let rest: Vec<Node<'t>> = named(node).into_iter().filter(|n| written.is_none_or(|w| w.id() != n.id())).collect();
                for part in rest {
                    match part.kind() {
                        "property_pattern_clause" => self.property_patterns(part, ty),
                        "positional_pattern_clause" | "parenthesized_variable_designation" => {
                            named(part).into_iter().for_each(|p| self.pattern(p, self.b.unknown()));
                        }
                        _ => {}
                    }
                }
            }
            "var_pattern" => {
                if let Some(name) = node.child_by_field_name("name") {
                    self.bound_name(name, of, true);
                }
            }
            "type_pattern" => {
                node.child_by_field_name("type").map(|t| self.type_ref(t));
            }
            "constant_pattern" => named(node).into_iter().for_each(|n| {
                self.expression(n, Role::Read);
            }),
            "subpattern" => named(node).into_iter().for_each(|n| self.pattern(n, self.b.unknown())),
            kind if kind.ends_with("pattern") => named(node).into_iter().for_each(|n| self.pattern(n, of)),
            "discard" => {}
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    /// `{ Depth: 3, Wheel: { } }`.
    fn property_patterns(&mut self, clause: Node<'t>, of: TypeId) {
        for sub in named(clause) {
            let parts = named(sub);
            let mut inner = self.b.unknown();
            for part in &parts {
                if part.kind() == "identifier" && parts.len() > 1 && part.id() == parts[0].id() {
                    let word = text(*part, self.b.text);
                    self.b.add_use(word, span(*part), Role::Read, Shape::Member(of));
                    inner = if of == self.b.unknown() { of } else { self.b.ty_member(of, word) };
                } else {
                    self.pattern(*part, inner);
                }
            }
        }
    }

    /// `(a, var b)` of a tuple.
    pub(super) fn tuple_pattern(&mut self, node: Node<'t>, of: TypeId) {
        for (i, part) in named(node).into_iter().enumerate() {
            let ty = self.b.ty_of(of, |of| TypeExpr::Part { of, index: i as u32 });
            match part.kind() {
                "identifier" => self.bound_name(part, ty, true),
                "tuple_pattern" => {
                    self.deeper(span(part), |r| r.tuple_pattern(part, ty));
                }
                _ => {}
            }
        }
    }
}
