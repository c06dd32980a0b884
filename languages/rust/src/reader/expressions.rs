//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Literal, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let ty = self.deeper(span(node), |r| match node.kind() {
            "identifier" | "field_expression" | "scoped_identifier" | "reference_expression" | "parenthesized_expression" | "generic_function" => {
                r.expression_kind(node, role)
            }
            _ => r.statement_kind(node),
        });
        ty.unwrap_or(self.b.unknown())
    }

    pub(super) fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" | "self" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, role, Shape::Plain);
                self.b.ty_name(name, at)
            }
            "scoped_identifier" => self.path(node, role),
            "generic_function" => {
                let of = self.field(node, "function", role);
                let args = node.child_by_field_name("type_arguments").map(|a| self.type_arguments(a, of)).unwrap_or_default();
                self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
            }
            "call_expression" => self.call(node),
            "field_expression" => self.member(node, role),
            "struct_expression" => self.struct_expression(node),
            "macro_invocation" => self.macro_call(node),
            "block" | "unsafe_block" | "async_block" | "const_block" | "try_block" | "gen_block" => self.block(node),
            "match_expression" => self.match_expression(node),
            "if_expression" => self.if_expression(node),
            "while_expression" => self.while_expression(node),
            "for_expression" => self.for_expression(node),
            "let_condition" => {
                let value = self.field(node, "value", Role::Read);
                if let Some(pattern) = node.child_by_field_name("pattern") {
                    self.bind(pattern, Some(value), Kind::Variable, span(node).end);
                }
                self.b.unknown()
            }
            "closure_expression" => self.closure(node),
            "try_expression" => {
                let ty = self.first(node, role);
                self.b.ty_of(ty, TypeExpr::Try)
            }
            "await_expression" => {
                let ty = self.first(node, role);
                self.b.ty_of(ty, TypeExpr::Await)
            }
            "reference_expression" => self.field(node, "value", role),
            "parenthesized_expression" => self.first(node, role),
            "unary_expression" => {
                let ty = self.first(node, Role::Read);
                if text(node, self.b.text).starts_with('*') { self.b.ty_of(ty, TypeExpr::Deref) } else { ty }
            }
            "index_expression" => self.index(node),
            "assignment_expression" | "compound_assignment_expr" => {
                self.field(node, "left", Role::Write);
                self.field(node, "right", Role::Read);
                self.b.unknown()
            }
            "type_cast_expression" => {
                self.field(node, "value", Role::Read);
                node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t))
            }
            "tuple_expression" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
                self.b.ty(TypeExpr::Tuple(parts))
            }
            "array_expression" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
                let first = parts.first().copied().unwrap_or(self.b.unknown());
                self.b.ty(TypeExpr::List(first))
            }
            "string_literal" | "raw_string_literal" | "char_literal" | "integer_literal" | "float_literal" | "boolean_literal" => self.literal(node),
            "binary_expression" => {
                for operand in named(node) {
                    self.expression(operand, Role::Read);
                }
                self.b.unknown()
            }
            "expression_statement" => self.first(node, Role::Read),
            "type_identifier" | "scoped_type_identifier" | "generic_type" | "qualified_type" => self.type_ref(node),
            "line_comment" | "block_comment" | "label" | "lifetime" => self.b.unknown(),
            _ => {
                for child in named(node) {
                    self.expression(child, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    /// A range of something indexed is of its type, a part of it is not.
    fn index(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let of = parts.first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
        let is_range = parts.get(1).is_some_and(|n| n.kind() == "range_expression");
        for key in parts.into_iter().skip(1) {
            self.expression(key, Role::Read);
        }
        if is_range { of } else { self.b.ty_of(of, TypeExpr::Index) }
    }

    fn literal(&mut self, node: Node<'t>) -> TypeId {
        let literal = match node.kind() {
            "integer_literal" | "float_literal" => Literal::Number,
            "boolean_literal" => Literal::Bool,
            "char_literal" => Literal::Text,
            _ => {
                let bound = self.b.kept_as(node.id());
                self.b.text_signal(node, bound);
                Literal::Text
            }
        };
        self.b.ty(TypeExpr::Literal(literal))
    }

    fn field(&mut self, node: Node<'t>, field: &str, role: Role) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, role))
    }

    fn first(&mut self, node: Node<'t>, role: Role) -> TypeId {
        named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role))
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let Some(function) = node.child_by_field_name("function") else { return self.b.unknown() };
        let callee = self.expression(function, Role::Call);
        let used = self.b.last_use();
        let saved = self.handed.take();
        let mut args = Vec::new();
        for argument in node.child_by_field_name("arguments").map(named).unwrap_or_default() {
            if argument.kind() != "attribute_item" {
                self.handed = (callee != self.b.unknown()).then_some((callee, args.len() as u32));
                args.push(self.expression(argument, Role::Pass));
            }
        }
        self.handed = saved;
        if let Some(used) = used {
            self.b.set_args(used, args.len());
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    fn member(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let of = self.field(node, "value", Role::Read);
        let Some(name) = node.child_by_field_name("field") else { return self.b.unknown() };
        let word = text(name, self.b.text);
        if name.kind() == "integer_literal" {
            let index = word.parse().unwrap_or(0);
            return self.b.ty_of(of, |of| TypeExpr::Part { of, index });
        }
        self.b.add_use(word, span(name), role, Shape::Member(of));
        self.b.ty_member(of, word)
    }

    fn struct_expression(&mut self, node: Node<'t>) -> TypeId {
        let of = node.child_by_field_name("name").map_or(self.b.unknown(), |n| self.type_ref(n));
        for field in node.child_by_field_name("body").map(named).unwrap_or_default() {
            match field.kind() {
                "field_initializer" => {
                    if let Some(name) = field.child_by_field_name("field") {
                        self.b.add_use(text(name, self.b.text), span(name), Role::Write, Shape::Key(of));
                    }
                    self.field(field, "value", Role::Read);
                }
                "shorthand_field_initializer" => {
                    if let Some(name) = named(field).into_iter().find(|n| n.kind() == "identifier") {
                        self.b.add_use(text(name, self.b.text), span(name), Role::Write, Shape::Key(of));
                        self.expression(name, Role::Read);
                    }
                }
                _ => {
                    self.expression(field, Role::Read);
                }
            }
        }
        self.b.ty_instance(of)
    }

    /// A block is worth its last expression.
    fn block(&mut self, node: Node<'t>) -> TypeId {
        if matches!(node.kind(), "unsafe_block" | "async_block" | "const_block" | "try_block" | "gen_block") {
            return named(node).into_iter().filter(|n| n.kind() == "block").map(|n| self.expression(n, Role::Read)).last().unwrap_or(self.b.unknown());
        }
        self.handed = None;
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let mut last = self.b.unknown();
        for child in named(node) {
            let ty = self.statement(child);
            let is_value = !matches!(child.kind(), "expression_statement" | "let_declaration");
            last = if is_value { ty } else { self.b.unknown() };
        }
        self.b.leave(saved);
        last
    }

    fn match_expression(&mut self, node: Node<'t>) -> TypeId {
        let value = self.field(node, "value", Role::Read);
        let mut results = Vec::new();
        for arm in node.child_by_field_name("body").map(named).unwrap_or_default() {
            if arm.kind() != "match_arm" {
                continue;
            }
            let saved = self.b.enter(ScopeKind::Ordered, span(arm), None);
            if let Some(pattern) = arm.child_by_field_name("pattern") {
                self.bind(pattern, Some(value), Kind::Variable, span(arm).start);
            }
            let ty = self.field(arm, "value", Role::Read);
            self.b.leave(saved);
            if ty != self.b.unknown() && results.len() < 4 {
                results.push(ty);
            }
        }
        self.any_of(results)
    }

    fn any_of(&mut self, results: Vec<TypeId>) -> TypeId {
        match results[..] {
            [] => self.b.unknown(),
            [only] => only,
            _ => self.b.ty(TypeExpr::Union(results)),
        }
    }

    fn if_expression(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        self.field(node, "condition", Role::Read);
        let yes = self.field(node, "consequence", Role::Read);
        self.b.leave(saved);
        let no = match node.child_by_field_name("alternative") {
            Some(clause) => self.first(clause, Role::Read),
            None => self.b.unknown(),
        };
        let known: Vec<TypeId> = [yes, no].into_iter().filter(|t| *t != self.b.unknown()).collect();
        self.any_of(known)
    }

    fn while_expression(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        self.field(node, "condition", Role::Read);
        self.field(node, "body", Role::Read);
        self.b.leave(saved);
        self.b.unknown()
    }

    fn for_expression(&mut self, node: Node<'t>) -> TypeId {
        let value = self.field(node, "value", Role::Read);
        let element = self.b.ty_of(value, TypeExpr::Element);
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        if let Some(pattern) = node.child_by_field_name("pattern") {
            self.bind(pattern, Some(element), Kind::Variable, 0);
        }
        self.field(node, "body", Role::Read);
        self.b.leave(saved);
        self.b.unknown()
    }

    fn closure(&mut self, node: Node<'t>) -> TypeId {
        let handed = self.handed.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        let parameters = node.child_by_field_name("parameters").map(named).unwrap_or_default();
        let only = parameters.len() == 1;
        for (i, parameter) in parameters.into_iter().enumerate() {
            let declared = parameter.child_by_field_name("type").map(|t| self.value_type(t));
            let pattern = parameter.child_by_field_name("pattern").unwrap_or(parameter);
            let given = handed.map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: i as u32, only }));
            let ty = declared.or(given);
            self.bind(pattern, ty, Kind::Parameter, 0);
        }
        let declared = node.child_by_field_name("return_type").map(|t| self.value_type(t));
        let body = self.field(node, "body", Role::Read);
        self.b.leave(saved);
        let result = declared.unwrap_or(body);
        self.b.ty(TypeExpr::Function { result })
    }
}
