//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Literal, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                if name == "_" {
                    return self.b.unknown();
                }
                self.b.add_use(name, at, role, Shape::Plain);
                self.b.ty_name(name, at)
            }
            "selector_expression" => {
                let of = self.part(node, "operand", Role::Read);
                let Some(field) = node.child_by_field_name("field") else { return self.b.unknown() };
                let name = text(field, self.b.text);
                self.b.add_use(name, span(field), role, Shape::Member(of));
                self.b.ty_member(of, name)
            }
            "call_expression" => self.call(node),
            "index_expression" => {
                let of = self.part(node, "operand", role);
                self.part(node, "index", Role::Read);
                self.b.ty_of(of, TypeExpr::Index)
            }
            "slice_expression" => {
                let of = self.part(node, "operand", role);
                for field in ["start", "end", "capacity"] {
                    self.part(node, field, Role::Read);
                }
                of
            }
            "type_assertion_expression" => {
                self.part(node, "operand", Role::Read);
                node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t))
            }
            "type_conversion_expression" => {
                self.part(node, "operand", Role::Read);
                node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t))
            }
            "type_instantiation_expression" => {
                let parts = named(node);
                let of = parts.first().map_or(self.b.unknown(), |f| self.expression(*f, role));
                parts.iter().skip(1).for_each(|t| {
                    self.type_ref(*t);
                });
                of
            }
            "composite_literal" => self.composite(node),
            "func_literal" => self.closure(node),
            "unary_expression" => {
                let ty = self.part(node, "operand", role);
                if node.child_by_field_name("operator").is_some_and(|o| o.kind() == "<-") { self.b.ty_of(ty, TypeExpr::Element) } else { ty }
            }
            "binary_expression" => {
                let joined = self.b.joined_texts(node);
                self.b.text_depth += u32::from(joined);
                let left = self.part(node, "left", Role::Read);
                self.part(node, "right", Role::Read);
                self.b.text_depth -= u32::from(joined);
                match node.child_by_field_name("operator").map_or("", |o| o.kind()) {
                    "==" | "!=" | "<" | ">" | "<=" | ">=" | "&&" | "||" => self.b.ty(TypeExpr::Literal(Literal::Bool)),
                    _ => left,
                }
            }
            "parenthesized_expression" => named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role)),
            "interpreted_string_literal" | "raw_string_literal" => {
                if is_text(node) {
                    let bound = self.b.kept_as(node.id());
                    self.b.text_signal(node, bound);
                }
                self.b.ty(TypeExpr::Literal(Literal::Text))
            }
            "int_literal" | "float_literal" | "imaginary_literal" | "rune_literal" => self.b.ty(TypeExpr::Literal(Literal::Number)),
            "true" | "false" => self.b.ty(TypeExpr::Literal(Literal::Bool)),
            "nil" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "pointer_type" | "slice_type" | "array_type" | "map_type" | "channel_type" | "function_type" | "struct_type" | "interface_type"
            | "qualified_type" | "generic_type" | "type_identifier" | "parenthesized_type" => self.type_ref(node),
            "block" | "statement_list" | "short_var_declaration" | "assignment_statement" | "expression_statement" | "ERROR" => {
                self.statement(node);
                self.b.unknown()
            }
            _ => {
                for child in named(node) {
                    self.expression(child, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    fn part(&mut self, node: Node<'t>, field: &str, role: Role) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, role))
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let Some(function) = node.child_by_field_name("function") else { return self.b.unknown() };
        let builtin = if function.kind() == "identifier" { text(function, self.b.text) } else { "" };
        let bound = self.b.kept_as(node.id());
        self.b.call_signal(function, node.child_by_field_name("arguments"), span(node), None, bound);
        let of = self.callee(function);
        let usage = self.b.last_use();
        for argument in node.child_by_field_name("type_arguments").map(named).unwrap_or_default() {
            self.type_ref(argument);
        }
        let arguments = node.child_by_field_name("arguments").map(named).unwrap_or_default();
        let is_type_first = matches!(builtin, "new" | "make");
        let mut args = Vec::with_capacity(arguments.len());
        for (i, argument) in arguments.iter().enumerate() {
            args.push(if i == 0 && is_type_first { self.made(*argument) } else { self.expression(*argument, Role::Pass) });
        }
        if let Some(usage) = usage.filter(|_| of != self.b.unknown()) {
            self.b.set_args(usage, args.len());
        }
        let first = args.first().copied().unwrap_or(self.b.unknown());
        match builtin {
            "new" | "make" | "append" | "min" | "max" => return first,
            "len" | "cap" | "copy" => return self.b.ty(TypeExpr::Literal(Literal::Number)),
            _ => {}
        }
        match self.b.get_ty(of) {
            // A conversion to a type written out: `[]byte(x)`, `func()(x)`.
            TypeExpr::List(_) => of,
            TypeExpr::Generic { .. } => self.b.ty_instance(of),
            _ => self.b.ty_of(of, |of| TypeExpr::Call { of, args }),
        }
    }

    /// What is called, as the last use recorded.
    fn callee(&mut self, function: Node<'t>) -> TypeId {
        match function.kind() {
            "parenthesized_expression" => {
                let inner = named(function).into_iter().next();
                match inner {
                    Some(i) if matches!(i.kind(), "unary_expression" | "pointer_type") => named(i).first().map_or(self.b.unknown(), |n| self.callee(*n)),
                    Some(i) => self.callee(i),
                    None => self.b.unknown(),
                }
            }
            _ => self.expression(function, Role::Call),
        }
    }

    /// The type given to `new` or `make`, as a value of it.
    fn made(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, Role::Type, Shape::Plain);
                let ty = self.type_name(name, at);
                self.b.ty_instance(ty)
            }
            "selector_expression" => {
                let ty = self.expression(node, Role::Type);
                self.b.ty_instance(ty)
            }
            _ => self.value_type(node),
        }
    }

    fn composite(&mut self, node: Node<'t>) -> TypeId {
        let Some(written) = node.child_by_field_name("type") else { return self.b.unknown() };
        let ty = self.value_type(written);
        let keyed_by_value = matches!(written.kind(), "map_type" | "slice_type" | "array_type" | "implicit_length_array_type");
        if let Some(body) = node.child_by_field_name("body") {
            self.literal(body, ty, keyed_by_value);
        }
        ty
    }

    /// What stands between the braces of a literal of the type.
    fn literal(&mut self, body: Node<'t>, ty: TypeId, keyed_by_value: bool) {
        for part in named(body) {
            match part.kind() {
                "keyed_element" => {
                    let parts = named(part);
                    let (Some(key), Some(value)) = (parts.first(), parts.get(1)) else { continue };
                    self.key(*key, ty, keyed_by_value);
                    self.element(*value, ty);
                }
                _ => self.element(part, ty),
            }
        }
    }

    fn key(&mut self, key: Node<'t>, ty: TypeId, keyed_by_value: bool) {
        let inner = if key.kind() == "literal_element" { named(key).into_iter().next().unwrap_or(key) } else { key };
        match inner.kind() {
            "identifier" if !keyed_by_value => {
                self.b.add_use(text(inner, self.b.text), span(inner), Role::Write, Shape::Key(ty));
            }
            "literal_value" => {
                let of = self.b.ty_of(ty, TypeExpr::Element);
                self.literal(inner, of, false);
            }
            _ => {
                self.expression(inner, Role::Read);
            }
        }
    }

    /// An element; one without a type of its own has that of the list's elements.
    fn element(&mut self, node: Node<'t>, ty: TypeId) {
        let inner = if node.kind() == "literal_element" { named(node).into_iter().next().unwrap_or(node) } else { node };
        if inner.kind() == "literal_value" {
            let of = self.b.ty_of(ty, TypeExpr::Index);
            self.literal(inner, of, false);
        } else {
            self.expression(inner, Role::Read);
        }
    }

    fn closure(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        self.b.enter(ScopeKind::Ordered, span(node), None);
        self.parameters(node.child_by_field_name("parameters"));
        let result = node.child_by_field_name("result").map_or(self.b.unknown(), |r| self.result(r));
        if let Some(body) = node.child_by_field_name("body") {
            let inner = self.b.enter(ScopeKind::Ordered, span(body), None);
            self.all(body);
            self.b.leave(inner);
        }
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result })
    }
}
