//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, named, span, text};
use compass_facts::{Flags, Kind, Literal, Role, ScopeKind, Shape, Span, TypeExpr, TypeId, UseId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" | "generic_name" | "alias_qualified_name" => self.name(node, role),
            "this" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Receiver(scope))),
            "base" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Super(scope))),
            "member_access_expression" => self.member_access(node, role),
            "member_binding_expression" => {
                let of = self.accessed.last().copied().unwrap_or(self.b.unknown());
                self.member(node, of, role)
            }
            "conditional_access_expression" => self.conditional_access(node),
            "invocation_expression" => self.invocation(node),
            "object_creation_expression" => self.creation(node),
            "implicit_object_creation_expression" | "anonymous_object_creation_expression" => self.unnamed_creation(node),
            "array_creation_expression" | "stackalloc_expression" => self.array_creation(node),
            "implicit_array_creation_expression" | "implicit_stackalloc_expression" | "collection_expression" | "initializer_expression" => self.list(node),
            "element_access_expression" => {
                let of = self.part(node, "expression", Role::Read);
                if let Some(list) = node.child_by_field_name("subscript") {
                    self.arguments(list, self.b.unknown());
                }
                self.b.ty_of(of, TypeExpr::Index)
            }
            "element_binding_expression" => {
                let of = self.accessed.last().copied().unwrap_or(self.b.unknown());
                named(node).into_iter().for_each(|a| {
                    self.expression(a, Role::Read);
                });
                self.b.ty_of(of, TypeExpr::Index)
            }
            "assignment_expression" => self.assignment(node),
            "prefix_unary_expression" | "postfix_unary_expression" => self.unary(node),
            "unary_expression" => {
                self.part(node, "argument", Role::Read);
                self.built_in("Boolean", node)
            }
            "binary_expression" => self.binary(node),
            "as_expression" | "is_expression" => {
                self.part(node, "left", Role::Read);
                let ty = node.child_by_field_name("right").map_or(self.b.unknown(), |t| self.value_type(t));
                if node.kind() == "as_expression" { ty } else { self.built_in("Boolean", node) }
            }
            "is_pattern_expression" => {
                let of = self.part(node, "expression", Role::Read);
                if let Some(pattern) = node.child_by_field_name("pattern") {
                    self.pattern(pattern, of);
                }
                self.built_in("Boolean", node)
            }
            "cast_expression" => {
                let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
                self.part(node, "value", Role::Read);
                ty
            }
            "conditional_expression" => {
                self.part(node, "condition", Role::Read);
                let yes = self.part(node, "consequence", Role::Read);
                let no = self.part(node, "alternative", Role::Read);
                if yes == self.b.unknown() || matches!(self.b.get_ty(yes), TypeExpr::Literal(Literal::Nothing)) { no } else { yes }
            }
            "lambda_expression" | "anonymous_method_expression" => self.lambda(node),
            "query_expression" => self.query(node),
            "await_expression" => {
                let of = named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
                self.b.ty_of(of, TypeExpr::Await)
            }
            "default_expression" => node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t)),
            "typeof_expression" => {
                node.child_by_field_name("type").map(|t| self.type_ref(t));
                self.built_in("Type", node)
            }
            "sizeof_expression" => {
                node.child_by_field_name("type").map(|t| self.type_ref(t));
                self.built_in("Int32", node)
            }
            "declaration_expression" => {
                let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
                if let Some(name) = node.child_by_field_name("name") {
                    self.bound_name(name, ty, ty == self.b.unknown());
                }
                ty
            }
            "tuple_expression" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
                self.b.ty(TypeExpr::Tuple(parts))
            }
            "argument" => {
                let key = node.child_by_field_name("name");
                let value = named(node).into_iter().rfind(|n| key.is_none_or(|k| k.id() != n.id()) && n.kind() != "modifier");
                let is_written = node.children().any(|c| matches!(c.kind(), "out" | "ref"));
                value.map_or(self.b.unknown(), |v| self.expression(v, if is_written { Role::Write } else { Role::Pass }))
            }
            "parenthesized_expression" | "checked_expression" | "ref_expression" => named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role)),
            "switch_expression" => self.switch_expression(node),
            "with_expression" => self.with_expression(node),
            "string_literal" | "verbatim_string_literal" | "raw_string_literal" => {
                if is_text(node) {
                    let bound = self.b.kept_as(node.id());
                    self.b.text_signal(node, bound);
                }
                self.built_in("String", node)
            }
            "interpolated_string_expression" => {
                named(node).into_iter().filter(|n| n.kind() == "interpolation").for_each(|n| {
                    named(n).into_iter().filter(|e| !e.kind().starts_with("interpolation")).for_each(|e| {
                        self.expression(e, Role::Read);
                    });
                });
                self.built_in("String", node)
            }
            "character_literal" => self.built_in("Char", node),
            "boolean_literal" => self.built_in("Boolean", node),
            "integer_literal" | "real_literal" => self.number(node),
            "null_literal" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "predefined_type" | "array_type" | "nullable_type" | "qualified_name" | "pointer_type" => self.type_ref(node),
            "attribute_list" => {
                self.attributes(node);
                self.b.unknown()
            }
            kind if kind.ends_with("pattern") => {
                self.pattern(node, self.b.unknown());
                self.b.unknown()
            }
            "block" | "variable_declaration" | "local_declaration_statement" | "expression_statement" | "ERROR" => {
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

    pub(super) fn part(&mut self, node: Node<'t>, field: &str, role: Role) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, role))
    }

    /// A plain name, with or without type arguments: a variable, a member, a type or a namespace.
    fn name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        if node.kind() == "alias_qualified_name" {
            return node.child_by_field_name("name").map_or(self.b.unknown(), |n| self.name(n, role));
        }
        let token = super::declarations::last_name(node);
        let (word, at) = (text(token, self.b.text), span(token));
        let usage = self.b.add_use(word, at, role, Shape::Plain);
        let of = self.b.ty_name(word, at);
        self.with_arguments(node, of, usage)
    }

    /// Type arguments behind a name.
    fn with_arguments(&mut self, node: Node<'t>, of: TypeId, usage: UseId) -> TypeId {
        if node.kind() != "generic_name" {
            return of;
        }
        let args = self.type_arguments(node);
        self.b.set_args(usage, args.len());
        if args.is_empty() { of } else { self.b.ty_of(of, |of| TypeExpr::Generic { of, args }) }
    }

    fn member_access(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let of = self.part(node, "expression", Role::Read);
        self.member(node, of, role)
    }

    fn member(&mut self, node: Node<'t>, of: TypeId, role: Role) -> TypeId {
        let Some(name) = node.child_by_field_name("name") else { return self.b.unknown() };
        let token = super::declarations::last_name(name);
        let (word, at) = (text(token, self.b.text), span(token));
        let usage = self.b.add_use(word, at, role, Shape::Member(of));
        let ty = if of == self.b.unknown() { of } else { self.b.ty_member(of, word) };
        self.with_arguments(name, ty, usage)
    }

    /// `rack?.Wheel?.Turn()`.
    fn conditional_access(&mut self, node: Node<'t>) -> TypeId {
        let condition = node.child_by_field_name("condition");
        let of = condition.map_or(self.b.unknown(), |c| self.expression(c, Role::Read));
        self.accessed.push(of);
        let mut ty = self.b.unknown();
        for part in named(node).into_iter().filter(|n| condition.is_none_or(|c| c.id() != n.id())) {
            ty = self.expression(part, Role::Read);
        }
        self.accessed.pop();
        ty
    }

    fn invocation(&mut self, node: Node<'t>) -> TypeId {
        let Some(function) = node.child_by_field_name("function") else { return self.b.unknown() };
        let list = node.child_by_field_name("arguments");
        if function.kind() == "identifier" && text(function, self.b.text) == "nameof" {
            list.map(named).unwrap_or_default().into_iter().for_each(|a| {
                self.expression(a, Role::Read);
            });
            return self.built_in("String", node);
        }
        let bound = self.b.kept_as(node.id());
        self.b.call_signal(function, list, span(node), None, bound);
        let callee = self.expression(function, Role::Call);
        let usage = self.b.use_at(span(super::declarations::last_name(function)).start);
        let args = list.map(|a| self.arguments(a, callee)).unwrap_or_default();
        if let Some(usage) = usage {
            let name = if function.kind() == "generic_name" { Some(function) } else { function.child_by_field_name("name") };
            let written = name.filter(|n| n.kind() == "generic_name").map_or(0, |n| type_argument_count(n, self.b.text));
            self.b.set_args(usage, called_with(args.len(), written));
            self.b.set_arguments(usage, &args);
        }
        if callee == self.b.unknown() { callee } else { self.b.ty(TypeExpr::Call { of: callee, args }) }
    }

    /// The types of arguments; names of parameters are uses of them.
    pub(super) fn arguments(&mut self, node: Node<'t>, callee: TypeId) -> Vec<TypeId> {
        let saved = self.handed;
        let mut types = Vec::new();
        for (i, argument) in named(node).into_iter().filter(|n| n.kind() == "argument").enumerate() {
            self.handed = (callee != self.b.unknown()).then_some((callee, i as u32));
            if let Some(key) = argument.child_by_field_name("name") {
                self.b.add_use(text(key, self.b.text), span(key), Role::Read, Shape::Key(callee));
            }
            types.push(self.expression(argument, Role::Pass));
        }
        self.handed = saved;
        types
    }

    /// A value where its type is written: a lambda takes its parameters from there, `new()` its type.
    pub(super) fn value_for(&mut self, value: Node<'t>, wanted: TypeId) -> TypeId {
        let is_known = wanted != self.b.unknown() && matches!(value.kind(), "lambda_expression" | "anonymous_method_expression" | "parenthesized_expression");
        let saved = std::mem::replace(&mut self.handed, is_known.then_some((wanted, TypeExpr::WANTED)));
        let ty = match value.kind() {
            "implicit_object_creation_expression" => self.filled(value, wanted),
            _ => self.expression(value, Role::Read),
        };
        self.handed = saved;
        ty
    }

    fn creation(&mut self, node: Node<'t>) -> TypeId {
        let Some(written) = node.child_by_field_name("type") else { return self.b.unknown() };
        let before = self.b.last_use();
        let ty = self.type_ref(written);
        // The last name of the type is a use of the constructor.
        let token = super::declarations::last_name(written);
        let usage = self.b.use_at(span(token).start).filter(|u| Some(*u) != before);
        if let Some(usage) = usage {
            self.b.set_shape(usage, Shape::Member(ty));
            self.b.set_role(usage, Role::Call);
        }
        let args = node.child_by_field_name("arguments").map(|a| self.arguments(a, ty)).unwrap_or_default();
        if let Some(usage) = usage {
            self.b.set_args(usage, args.len());
            self.b.set_arguments(usage, &args);
        }
        let value = match self.b.get_ty(ty) {
            TypeExpr::List(_) | TypeExpr::Tuple(_) => ty,
            _ => self.b.ty_instance(ty),
        };
        if let Some(list) = node.child_by_field_name("initializer") {
            self.initializer(list, value);
        }
        value
    }

    /// `new(…)` and `new { … }`.
    fn unnamed_creation(&mut self, node: Node<'t>) -> TypeId {
        self.filled(node, self.b.unknown())
    }

    fn filled(&mut self, node: Node<'t>, ty: TypeId) -> TypeId {
        let all: Vec<Node<'t>> = node.children().collect();
        let is_name = |n: &Node<'t>| all.windows(2).any(|pair| pair[0].id() == n.id() && pair[1].kind() == "=");
        for part in named(node) {
            match part.kind() {
                "argument_list" => {
                    self.arguments(part, self.b.unknown());
                }
                "initializer_expression" => self.initializer(part, ty),
                "identifier" if is_name(&part) => {}
                _ => {
                    self.expression(part, Role::Read);
                }
            }
        }
        ty
    }

    /// What stands in braces behind `new`: members that are set, or elements.
    fn initializer(&mut self, list: Node<'t>, of: TypeId) {
        for part in named(list) {
            let left = part.child_by_field_name("left").filter(|l| part.kind() == "assignment_expression" && l.kind() == "identifier");
            let Some(left) = left else {
                self.expression(part, Role::Read);
                continue;
            };
            let word = text(left, self.b.text);
            self.b.add_use(word, span(left), Role::Write, Shape::Member(of));
            let member = if of == self.b.unknown() { of } else { self.b.ty_member(of, word) };
            if let Some(right) = part.child_by_field_name("right") {
                match right.kind() {
                    "initializer_expression" => {
                        self.deeper(span(right), |r| r.initializer(right, member));
                    }
                    _ => {
                        self.value_for(right, member);
                    }
                }
            }
        }
    }

    fn array_creation(&mut self, node: Node<'t>) -> TypeId {
        let written = node.child_by_field_name("type");
        let ty = written.map_or(self.b.unknown(), |t| self.value_type(t));
        let sizes = written.and_then(|t| t.child_by_field_name("rank")).map(named).unwrap_or_default();
        for part in sizes.into_iter().chain(named(node).into_iter().filter(|n| written.is_none_or(|w| w.id() != n.id()))) {
            self.expression(part, Role::Read);
        }
        ty
    }

    fn list(&mut self, node: Node<'t>) -> TypeId {
        let mut first = self.b.unknown();
        for part in named(node) {
            let ty = self.expression(part, Role::Read);
            first = if first == self.b.unknown() { ty } else { first };
        }
        match self.b.get_ty(first) {
            TypeExpr::List(_) if node.kind().starts_with("implicit") => first,
            _ => self.b.ty(TypeExpr::List(first)),
        }
    }

    fn assignment(&mut self, node: Node<'t>) -> TypeId {
        let left = self.part(node, "left", Role::Write);
        let Some(right) = node.child_by_field_name("right") else { return left };
        self.value_for(right, left);
        left
    }

    fn unary(&mut self, node: Node<'t>) -> TypeId {
        let written = text(node, self.b.text);
        let changes = written.starts_with("++") || written.starts_with("--") || written.ends_with("++") || written.ends_with("--");
        let Some(of) = named(node).into_iter().next() else { return self.b.unknown() };
        let ty = self.expression(of, if changes { Role::Write } else { Role::Read });
        if written.starts_with('!') && !written.ends_with('!') { self.built_in("Boolean", node) } else { ty }
    }

    fn binary(&mut self, node: Node<'t>) -> TypeId {
        let joined = self.b.joined_texts(node);
        self.b.text_depth += u32::from(joined);
        let left = self.part(node, "left", Role::Read);
        let right = self.part(node, "right", Role::Read);
        self.b.text_depth -= u32::from(joined);
        let is_string = |this: &Self, ty: TypeId| match this.b.get_ty(ty) {
            TypeExpr::Instance(of) => this.b.get_ty(*of).name().is_some_and(|n| this.b.name(n) == "String"),
            _ => false,
        };
        match node.child_by_field_name("operator").map_or("", |o| o.kind()) {
            "==" | "!=" | "<" | ">" | "<=" | ">=" | "&&" | "||" => self.built_in("Boolean", node),
            "+" if is_string(self, left) || is_string(self, right) => self.built_in("String", node),
            _ if left == self.b.unknown() => right,
            _ => left,
        }
    }

    fn number(&mut self, node: Node<'t>) -> TypeId {
        let written = text(node, self.b.text).to_ascii_lowercase();
        let is_hex = written.starts_with("0x");
        let name = match node.kind() {
            "real_literal" if written.ends_with('f') => "Single",
            "real_literal" if written.ends_with('m') => "Decimal",
            "real_literal" => "Double",
            _ if written.ends_with("ul") || written.ends_with("lu") => "UInt64",
            _ if written.ends_with('l') => "Int64",
            _ if written.ends_with('u') => "UInt32",
            _ if !is_hex && written.ends_with('m') => "Decimal",
            _ if !is_hex && written.ends_with('f') => "Single",
            _ if !is_hex && written.ends_with('d') => "Double",
            _ => "Int32",
        };
        self.built_in(name, node)
    }

    fn switch_expression(&mut self, node: Node<'t>) -> TypeId {
        let mut of = self.b.unknown();
        let mut result = self.b.unknown();
        for part in named(node) {
            if part.kind() != "switch_expression_arm" {
                of = self.expression(part, Role::Read);
                continue;
            }
            let saved = self.b.enter(ScopeKind::Block, span(part), None);
            let parts = named(part);
            for (i, inner) in parts.iter().enumerate() {
                match inner.kind() {
                    kind if i == 0 && kind.ends_with("pattern") => self.pattern(*inner, of),
                    "when_clause" => self.statement(*inner),
                    _ => {
                        let ty = self.expression(*inner, Role::Read);
                        if i > 0 && result == self.b.unknown() {
                            result = ty;
                        }
                    }
                }
            }
            self.b.leave(saved);
        }
        result
    }

    fn with_expression(&mut self, node: Node<'t>) -> TypeId {
        let mut of = self.b.unknown();
        for part in named(node) {
            if part.kind() != "with_initializer" {
                of = self.expression(part, Role::Read);
                continue;
            }
            let parts = named(part);
            if let [name, value] = parts[..] {
                self.b.add_use(text(name, self.b.text), span(name), Role::Write, Shape::Member(of));
                self.expression(value, Role::Read);
            }
        }
        of
    }

    /// A function without a name: its parameters, and what it gives.
    fn lambda(&mut self, node: Node<'t>) -> TypeId {
        let handed = self.handed.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        let list = node.child_by_field_name("parameters");
        let single = list.filter(|l| l.kind() != "parameter_list");
        let mut parameters = Vec::new();
        let all: Vec<Node<'t>> = match (single, list) {
            (Some(only), _) => vec![only],
            (None, Some(list)) => named(list).into_iter().filter(|n| n.kind() == "parameter").collect(),
            _ => Vec::new(),
        };
        let only = all.len() == 1;
        for (i, parameter) in all.into_iter().enumerate() {
            let written = parameter.child_by_field_name("type").map(|t| self.value_type(t));
            let given = handed.map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: i as u32, only }));
            let ty = written.or(given);
            let name = parameter.child_by_field_name("name").unwrap_or(parameter);
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Parameter, span(name), Span { ..span(parameter) });
            new.flags = Flags::default().with_if(written.is_none(), Flags::INFERRED);
            new.ty = ty;
            self.b.define(new);
            parameters.push(ty.unwrap_or(self.b.unknown()));
        }
        self.returned.push(None);
        let body = node.child_by_field_name("body").or_else(|| find_child(node, "block"));
        let value = match body {
            Some(body) if body.kind() == "block" => {
                self.block(body);
                None
            }
            Some(body) => Some(self.expression(body, Role::Read)),
            None => None,
        };
        let returned = self.returned.pop().flatten();
        let result = value.or(returned).unwrap_or(self.b.unknown());
        self.b.leave(saved);
        self.b.ty(TypeExpr::Signature { parameters, result })
    }
}

/// How many arguments and type arguments a call has, in one number.
fn called_with(arguments: usize, types: usize) -> usize {
    arguments.min(31) + 32 * types.min(6)
}

fn type_argument_count(node: Node, source: &str) -> usize {
    let list = named(node).into_iter().find(|n| n.kind() == "type_argument_list");
    list.map_or(0, |l| named(l).len().max(text(l, source).matches(',').count().min(6)))
}
