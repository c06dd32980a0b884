//! Expressions and initialisers.

use super::Reader;
use crate::readers::tree::{named, span, text};
use crate::{Literal, Role, Shape, TypeExpr, TypeId};
use tree_sitter::Node;

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        if !self.b.down(span(node)) {
            return self.b.unknown();
        }
        let ty = stacker::maybe_grow(128 << 10, 2 << 20, || self.expression_kind(node, role));
        self.b.up();
        ty
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, role, Shape::Plain);
                self.b.ty_name(name, at)
            }
            "type_identifier" | "struct_specifier" | "union_specifier" | "enum_specifier" | "type_descriptor" | "primitive_type" => self.type_ref(node),
            "field_expression" => {
                let of = self.part(node, "argument", Role::Read);
                let Some(field) = node.child_by_field_name("field") else { return self.b.unknown() };
                let name = text(field, self.b.text);
                self.b.add_use(name, span(field), role, Shape::Member(of));
                self.b.ty_member(of, name)
            }
            "call_expression" => self.call(node),
            "subscript_expression" => {
                let of = self.part(node, "argument", role_of_container(role));
                self.part(node, "index", Role::Read);
                self.b.ty_of(of, TypeExpr::Index)
            }
            "assignment_expression" => {
                let ty = self.part(node, "left", Role::Write);
                self.part(node, "right", Role::Read);
                ty
            }
            "update_expression" => self.part(node, "argument", Role::Write),
            "pointer_expression" => {
                let is_address = node.child_by_field_name("operator").is_some_and(|o| o.kind() == "&");
                let ty = self.part(node, "argument", if is_address { Role::Ref } else { role_of_container(role) });
                if is_address { ty } else { self.b.ty_of(ty, TypeExpr::Deref) }
            }
            "cast_expression" => {
                let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                self.part(node, "value", Role::Read);
                self.b.ty_instance(ty)
            }
            "compound_literal_expression" => {
                let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                let ty = self.b.ty_instance(ty);
                if let Some(value) = node.child_by_field_name("value") {
                    self.initialiser(value, ty);
                }
                ty
            }
            "offsetof_expression" => {
                let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                if let Some(member) = node.child_by_field_name("member") {
                    let name = text(member, self.b.text);
                    self.b.add_use(name, span(member), Role::Ref, Shape::Key(ty));
                }
                self.b.ty(TypeExpr::Literal(Literal::Number))
            }
            "parenthesized_expression" => named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role)),
            "conditional_expression" => {
                self.part(node, "condition", Role::Read);
                let yes = self.part(node, "consequence", Role::Read);
                let no = self.part(node, "alternative", Role::Read);
                if yes == self.b.unknown() { no } else { yes }
            }
            "binary_expression" => {
                let left = self.part(node, "left", Role::Read);
                self.part(node, "right", Role::Read);
                // Adding to a pointer keeps what it points to.
                match node.child_by_field_name("operator").map_or("", |o| o.kind()) {
                    "+" | "-" => left,
                    _ => self.b.ty(TypeExpr::Literal(Literal::Number)),
                }
            }
            "comma_expression" => {
                self.part(node, "left", Role::Read);
                self.part(node, "right", role)
            }
            "initializer_list" => {
                let unknown = self.b.unknown();
                self.initialiser(node, unknown);
                unknown
            }
            "string_literal" | "concatenated_string" => {
                for part in named(node) {
                    if part.kind() == "identifier" {
                        self.expression(part, Role::Read);
                    }
                }
                self.b.ty(TypeExpr::Literal(Literal::Text))
            }
            "number_literal" | "char_literal" | "true" | "false" => self.b.ty(TypeExpr::Literal(Literal::Number)),
            "null" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "declaration"
            | "compound_statement"
            | "expression_statement"
            | "ERROR"
            | "if_statement"
            | "for_statement"
            | "while_statement"
            | "return_statement"
            | "function_definition"
            | "preproc_if"
            | "preproc_ifdef"
            | "preproc_def"
            | "preproc_function_def"
            | "preproc_else"
            | "preproc_call"
            | "type_definition" => {
                self.statement(node);
                self.b.unknown()
            }
            "field_identifier" | "statement_identifier" | "escape_sequence" | "string_content" | "preproc_directive" => self.b.unknown(),
            _ => {
                for part in named(node) {
                    self.expression(part, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    fn part(&mut self, node: Node<'t>, field: &str, role: Role) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, role))
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let callee = self.part(node, "function", Role::Call);
        let used = self.b.last_use();
        let mut args = Vec::new();
        for argument in node.child_by_field_name("arguments").map(named).unwrap_or_default() {
            args.push(self.expression(argument, Role::Pass));
        }
        if let Some(used) = used {
            self.b.set_args(used, args.len());
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    /// `{ .field = 1, [2] = x }` for a value of type `ty`.
    pub(super) fn initialiser(&mut self, node: Node<'t>, ty: TypeId) {
        if node.kind() != "initializer_list" {
            self.expression(node, Role::Read);
            return;
        }
        if !self.b.down(span(node)) {
            return;
        }
        // In an array of structs each inner list is one element.
        let element = match self.b.get_ty(ty) {
            TypeExpr::List(inner) => *inner,
            _ => ty,
        };
        for part in named(node) {
            if part.kind() == "initializer_pair" {
                self.designated(part, element);
            } else {
                self.initialiser(part, if part.kind() == "initializer_list" { element } else { ty });
            }
        }
        self.b.up();
    }

    fn designated(&mut self, node: Node<'t>, ty: TypeId) {
        let mut inner = ty;
        let mut cursor = node.walk();
        let designators: Vec<Node> = node.children_by_field_name("designator", &mut cursor).collect();
        for designator in designators {
            match designator.kind() {
                "field_designator" => {
                    if let Some(name) = named(designator).into_iter().next() {
                        let word = text(name, self.b.text);
                        self.b.add_use(word, span(name), Role::Write, Shape::Member(inner));
                        inner = self.b.ty_member(inner, word);
                    }
                }
                _ => {
                    for part in named(designator) {
                        self.expression(part, Role::Read);
                    }
                }
            }
        }
        if let Some(value) = node.child_by_field_name("value") {
            self.initialiser(value, inner);
        }
    }
}

/// Writing an element or through a pointer reads the container.
fn role_of_container(role: Role) -> Role {
    if role == Role::Write { Role::Read } else { role }
}
