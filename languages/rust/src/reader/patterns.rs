//! Patterns: the names they bind and the types those get.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Flags, Kind, Role, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Binds the names of a pattern that takes apart a value of type `ty`. They are seen from `from` on.
    pub(super) fn bind(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind, from: u32) {
        self.deeper(span(node), |r| r.bind_kind(node, ty, kind, from));
    }

    fn bind_kind(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind, from: u32) {
        match node.kind() {
            "identifier" => self.bind_identifier(node, ty, kind, from),
            "mut_pattern" | "ref_pattern" | "reference_pattern" | "match_pattern" => {
                let condition = node.child_by_field_name("condition");
                for part in named(node) {
                    if part.kind() == "mutable_specifier" {
                        continue;
                    }
                    if Some(part) == condition {
                        self.expression(part, Role::Read);
                    } else {
                        self.bind(part, ty, kind, from);
                    }
                }
            }
            "tuple_pattern" => {
                for (index, part) in places(node) {
                    let ty = index.and_then(|index| ty.map(|of| self.b.ty_of(of, |of| TypeExpr::Part { of, index })));
                    self.bind(part, ty, kind, from);
                }
            }
            "slice_pattern" => {
                let element = ty.map(|t| self.b.ty_of(t, TypeExpr::Element));
                for part in named(node) {
                    self.bind(part, element, kind, from);
                }
            }
            "or_pattern" => {
                // Every alternative binds the same names: the first defines them.
                for part in named(node) {
                    self.bind(part, ty, kind, from);
                }
            }
            "captured_pattern" => {
                for part in named(node) {
                    self.bind(part, ty, kind, from);
                }
            }
            "tuple_struct_pattern" => self.tuple_struct_pattern(node, ty, kind, from),
            "struct_pattern" => self.struct_pattern(node, kind, from),
            "scoped_identifier" => {
                self.path(node, Role::Read);
            }
            "range_pattern" => {
                for part in named(node) {
                    if part.kind() == "identifier" || part.kind() == "scoped_identifier" {
                        self.expression(part, Role::Read);
                    }
                }
            }
            "macro_invocation" => {
                self.macro_call(node);
            }
            "const_block" => {
                self.expression(node, Role::Read);
            }
            _ => {}
        }
    }

    fn bind_identifier(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind, from: u32) {
        let (name, at) = (text(node, self.b.text), span(node));
        // A capitalised name in a pattern is a constant, unit struct or variant, not a binding.
        if name.starts_with(|c: char| c.is_ascii_uppercase()) && kind != Kind::Parameter {
            self.b.add_use(name, at, Role::Read, Shape::Plain);
            return;
        }
        let mut new = NewDefinition::new(name, kind, at, at);
        new.ty = ty.filter(|t| *t != self.b.unknown());
        new.flags = Flags::default().with_if(kind != Kind::Parameter, Flags::INFERRED);
        let def = self.b.define(new);
        self.b.def_mut(def).visible_from = from;
    }

    fn tuple_struct_pattern(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind, from: u32) {
        let Some(head) = node.child_by_field_name("type") else { return };
        let word = text(head, self.b.text).rsplit("::").next().unwrap_or("");
        let of = match head.kind() {
            "identifier" => self.type_name(head, Role::Read),
            _ => self.type_ref(head),
        };
        for (index, part) in places(node) {
            let part_ty = match (word, ty) {
                ("Some" | "Ok", Some(ty)) => Some(self.b.ty_of(ty, TypeExpr::Try)),
                ("Err", Some(ty)) => {
                    let taken = self.b.ty_member(ty, "unwrap_err");
                    Some(self.b.ty(TypeExpr::Call { of: taken, args: Vec::new() }))
                }
                _ => index.map(|index| self.b.ty_member(of, &index.to_string())),
            };
            self.bind(part, part_ty, kind, from);
        }
    }

    fn struct_pattern(&mut self, node: Node<'t>, kind: Kind, from: u32) {
        let Some(head) = node.child_by_field_name("type") else { return };
        let of = self.type_ref(head);
        for field in named(node) {
            if field.kind() != "field_pattern" {
                continue;
            }
            let Some(name) = field.child_by_field_name("name") else { continue };
            let word = text(name, self.b.text);
            self.b.add_use(word, span(name), Role::Read, Shape::Key(of));
            let ty = self.b.ty_member(of, word);
            match field.child_by_field_name("pattern") {
                Some(pattern) => self.bind(pattern, Some(ty), kind, from),
                None => {
                    let mut new = NewDefinition::new(word, kind, span(name), span(field));
                    new.ty = Some(ty);
                    new.flags = Flags::INFERRED;
                    let def = self.b.define(new);
                    self.b.def_mut(def).visible_from = from;
                }
            }
        }
    }

    pub(super) fn let_declaration(&mut self, node: Node<'t>) {
        let value = node.child_by_field_name("value").map(|v| self.expression(v, Role::Read));
        let declared = node.child_by_field_name("type").map(|t| self.value_type(t));
        // `let v: Vec<_>` says less than its value when the declared part is open.
        let declared = declared.filter(|t| *t != self.b.unknown());
        if let Some(alternative) = node.child_by_field_name("alternative") {
            self.statement(alternative);
        }
        if let Some(pattern) = node.child_by_field_name("pattern") {
            self.bind(pattern, declared.or(value), Kind::Variable, span(node).end);
        }
    }
}

/// The parts between brackets with their positions: `_` has one and is no part, and behind `..` nobody knows.
fn places<'t>(node: Node<'t>) -> Vec<(Option<u32>, Node<'t>)> {
    let mut out = Vec::new();
    let mut at = Some(0);
    let inside = node.children().skip_while(|n| n.kind() != "(").skip(1);
    for part in inside.filter(|n| !matches!(n.kind(), "," | ")") && !n.is_extra()) {
        match part.kind() {
            "remaining_field_pattern" | ".." => at = None,
            kind => {
                if kind != "_" {
                    out.push((at, part));
                }
                at = at.map(|n| n + 1);
            }
        }
    }
    out
}
