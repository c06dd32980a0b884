//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, named, span, text};
use compass_facts::{Flags, Kind, Literal, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, role, Shape::Plain);
                self.b.ty_name(name, at)
            }
            "this" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Receiver(scope))),
            "super" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Super(scope))),
            "field_access" => self.field_access(node, role),
            "method_invocation" => self.method_invocation(node),
            "object_creation_expression" => self.creation(node),
            "explicit_constructor_invocation" => self.constructor_call(node),
            "array_creation_expression" => self.array_creation(node),
            "array_initializer" | "element_value_array_initializer" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
                let first = parts.first().copied().unwrap_or(self.b.unknown());
                self.b.ty(TypeExpr::List(first))
            }
            "array_access" => {
                let of = self.part(node, "array", Role::Read);
                self.part(node, "index", Role::Read);
                self.b.ty_of(of, TypeExpr::Element)
            }
            "assignment_expression" => {
                let left = self.part(node, "left", Role::Write);
                self.part(node, "right", Role::Read);
                left
            }
            "update_expression" => named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Write)),
            "binary_expression" => self.binary(node),
            "unary_expression" => {
                let ty = self.part(node, "operand", Role::Read);
                if node.child_by_field_name("operator").is_some_and(|o| o.kind() == "!") { self.built_in("boolean", node) } else { ty }
            }
            "cast_expression" => {
                let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
                self.part(node, "value", Role::Read);
                ty
            }
            "instanceof_expression" => self.instance_of(node),
            "ternary_expression" => {
                self.part(node, "condition", Role::Read);
                let yes = self.part(node, "consequence", Role::Read);
                let no = self.part(node, "alternative", Role::Read);
                if yes == self.b.unknown() || matches!(self.b.get_ty(yes), TypeExpr::Literal(Literal::Nothing)) { no } else { yes }
            }
            "lambda_expression" => self.lambda(node),
            "method_reference" => self.method_reference(node),
            "class_literal" => self.class_literal(node),
            "parenthesized_expression" => named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role)),
            "string_literal"
            | "character_literal"
            | "decimal_integer_literal"
            | "hex_integer_literal"
            | "octal_integer_literal"
            | "binary_integer_literal"
            | "decimal_floating_point_literal"
            | "hex_floating_point_literal"
            | "true"
            | "false" => self.literal(node),
            "null_literal" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "annotation" | "marker_annotation" => {
                self.annotation(node);
                self.b.unknown()
            }
            "type_pattern" | "record_pattern" | "pattern" | "record_pattern_body" | "record_pattern_component" => {
                self.pattern(node);
                self.b.unknown()
            }
            "type_identifier" | "generic_type" | "scoped_type_identifier" | "array_type" | "integral_type" | "boolean_type" | "floating_point_type" => {
                self.type_ref(node);
                self.b.unknown()
            }
            "switch_expression" => self.switch_expression(node),
            "block" | "local_variable_declaration" | "class_declaration" | "expression_statement" | "switch_block" | "switch_label" | "ERROR" => {
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

    /// `this(…)` or `super(…)`, at the beginning of a constructor.
    fn constructor_call(&mut self, node: Node<'t>) -> TypeId {
        if let Some(object) = node.child_by_field_name("object") {
            self.expression(object, Role::Read);
        }
        if let Some(arguments) = node.child_by_field_name("arguments") {
            self.arguments(arguments, self.b.unknown());
        }
        self.b.unknown()
    }

    /// `Rack.class` is a `Class<Rack>`.
    fn class_literal(&mut self, node: Node<'t>) -> TypeId {
        let of = named(node).first().map_or(self.b.unknown(), |t| self.type_ref(*t));
        let class = self.ty_type_name("Class", span(node));
        let args = vec![self.b.ty_instance(of)];
        let ty = self.b.ty(TypeExpr::Generic { of: class, args });
        self.b.ty_instance(ty)
    }

    fn literal(&mut self, node: Node<'t>) -> TypeId {
        let written = text(node, self.b.text);
        let name = match node.kind() {
            "string_literal" => {
                if is_text(node) {
                    let bound = self.b.kept_as(node.id());
                    self.b.text_signal(node, bound);
                }
                "String"
            }
            "character_literal" => "char",
            "true" | "false" => "boolean",
            "decimal_floating_point_literal" | "hex_floating_point_literal" if written.ends_with(['f', 'F']) => "float",
            "decimal_floating_point_literal" | "hex_floating_point_literal" => "double",
            _ if written.ends_with(['l', 'L']) => "long",
            _ => "int",
        };
        self.built_in(name, node)
    }

    fn switch_expression(&mut self, node: Node<'t>) -> TypeId {
        let of = self.part(node, "condition", Role::Read);
        self.switches.push(of);
        if let Some(body) = node.child_by_field_name("body") {
            self.statement(body);
        }
        self.switches.pop();
        self.b.unknown()
    }

    fn part(&mut self, node: Node<'t>, field: &str, role: Role) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, role))
    }

    /// A value of a type that the language brings along.
    fn built_in(&mut self, name: &str, node: Node<'t>) -> TypeId {
        let of = self.ty_type_name(name, span(node));
        self.b.ty_instance(of)
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
            "==" | "!=" | "<" | ">" | "<=" | ">=" | "&&" | "||" => self.built_in("boolean", node),
            "+" if is_string(self, left) || is_string(self, right) => self.built_in("String", node),
            _ => {
                // Numbers: the wider of the two is seldom known, the left one most often is.
                if left == self.b.unknown() { right } else { left }
            }
        }
    }

    fn instance_of(&mut self, node: Node<'t>) -> TypeId {
        self.part(node, "left", Role::Read);
        let ty = node.child_by_field_name("right").map(|t| self.value_type(t));
        if let Some(name) = node.child_by_field_name("name") {
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(node));
            new.ty = ty;
            let scope = self.b.hoisting_scope();
            self.b.define_in(scope, new);
        }
        if let Some(pattern) = node.child_by_field_name("pattern") {
            self.pattern(pattern);
        }
        self.built_in("boolean", node)
    }

    /// `Type name` in a pattern.
    fn pattern(&mut self, node: Node<'t>) {
        let parts = named(node);
        if let [ty, name] = parts[..]
            && name.kind() == "identifier"
        {
            let ty = self.value_type(ty);
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(node));
            new.ty = Some(ty);
            self.b.define(new);
            return;
        }
        for part in parts {
            match part.kind() {
                "identifier" => {
                    self.type_ref(part);
                }
                _ => {
                    self.expression(part, Role::Read);
                }
            }
        }
    }

    fn field_access(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (Some(object), Some(field)) = (node.child_by_field_name("object"), node.child_by_field_name("field")) else { return self.b.unknown() };
        let name = text(field, self.b.text);
        if field.kind() == "this" {
            // `Outer.this`: a value of the type around.
            let of = self.type_ref(object);
            return self.b.ty_instance(of);
        }
        if name.starts_with(|c: char| c.is_uppercase())
            && object.kind() == "field_access"
            && self.is_package(text(object, self.b.text))
            && !self.is_bound(object)
        {
            return self.written_out(text(object, self.b.text), name, field, node);
        }
        let of = self.expression(object, Role::Read);
        self.b.add_use(name, span(field), role, Shape::Member(of));
        self.b.ty_member(of, name)
    }

    /// Does a chain of names begin with one that is bound nearby, so that it is no package?
    fn is_bound(&self, node: Node<'t>) -> bool {
        let mut first = node;
        while let Some(object) = first.child_by_field_name("object") {
            first = object;
        }
        if first.kind() != "identifier" {
            return true;
        }
        let word = text(first, self.b.text);
        let mut scope = Some(self.b.place.scope);
        while let Some(at) = scope {
            if self.b.find_in(at, word).is_some() {
                return true;
            }
            scope = self.b.scope_parent(at);
        }
        false
    }

    /// Does the name stand for a type that the place is in?
    fn is_around(&mut self, name: &str) -> bool {
        let mut at = Some(self.b.place.scope);
        while let Some(scope) = at {
            if let Some(owner) = self.b.scope_owner(scope) {
                let id = self.b.def_mut(owner).name;
                if self.b.name(id) == name {
                    return true;
                }
            }
            at = self.b.scope_parent(scope);
        }
        false
    }

    fn method_invocation(&mut self, node: Node<'t>) -> TypeId {
        let Some(name) = node.child_by_field_name("name") else { return self.b.unknown() };
        let word = text(name, self.b.text);
        let bound = self.b.kept_as(node.id());
        self.b.call_signal(node, node.child_by_field_name("arguments"), span(node), None, bound);
        if let Some(types) = node.child_by_field_name("type_arguments") {
            named(types).into_iter().for_each(|t| {
                self.type_ref(t);
            });
        }
        let (usage, callee) = match node.child_by_field_name("object") {
            Some(object) => {
                let of = self.expression(object, Role::Read);
                // `Outer.super.method()`, `Interface.super.method()`: the grammar keeps `super` beside the object.
                let qualified = find_child(node, "super").is_some() && object.kind() != "super";
                let of = match qualified {
                    true if self.is_around(text(object, self.b.text)) => self.class.map_or(of, |scope| self.b.ty(TypeExpr::Super(scope))),
                    true => self.b.ty_instance(of),
                    false => of,
                };
                let usage = self.b.add_use(word, span(name), Role::Call, Shape::Member(of));
                let callee = if of == self.b.unknown() { of } else { self.b.ty_member(of, word) };
                (usage, callee)
            }
            None => {
                let usage = self.b.add_use(word, span(name), Role::Call, Shape::Plain);
                // Methods are names of their own: no variable is meant.
                let callee = self.b.ty_name(word, span(name));
                (usage, callee)
            }
        };
        let args = node.child_by_field_name("arguments").map(|a| self.arguments(a, callee)).unwrap_or_default();
        self.b.set_args(usage, args.len());
        self.b.set_arguments(usage, &args);
        if callee == self.b.unknown() { callee } else { self.b.ty(TypeExpr::Call { of: callee, args }) }
    }

    /// The types of arguments.
    pub(super) fn arguments(&mut self, node: Node<'t>, callee: TypeId) -> Vec<TypeId> {
        let saved = self.handed;
        let mut types = Vec::new();
        for (i, argument) in named(node).into_iter().enumerate() {
            self.handed = (callee != self.b.unknown()).then_some((callee, i as u32));
            types.push(self.expression(argument, Role::Pass));
        }
        self.handed = saved;
        types
    }

    /// A value where its type is written: a lambda takes its parameters from there.
    pub(super) fn value_for(&mut self, value: Node<'t>, wanted: TypeId) -> TypeId {
        let known = wanted != self.b.unknown() && matches!(value.kind(), "lambda_expression" | "parenthesized_expression" | "cast_expression");
        let saved = std::mem::replace(&mut self.handed, known.then_some((wanted, TypeExpr::WANTED)));
        let ty = self.expression(value, Role::Read);
        self.handed = saved;
        ty
    }

    fn creation(&mut self, node: Node<'t>) -> TypeId {
        let Some(written) = node.child_by_field_name("type") else { return self.b.unknown() };
        let mut before = None;
        for part in named(node) {
            if part.id() == written.id() {
                break;
            }
            if !part.kind().ends_with("annotation") && part.kind() != "type_arguments" {
                before = Some(self.expression(part, Role::Read));
            }
        }
        let body = find_child(node, "class_body");
        let ty = self.created_type(written, before);
        let usage = self.b.last_constructor();
        let args = node.child_by_field_name("arguments").map(|a| self.arguments(a, ty)).unwrap_or_default();
        if let Some(usage) = usage {
            self.b.set_args(usage, args.len());
            self.b.set_arguments(usage, &args);
        }
        match body {
            Some(body) => {
                self.handed = None;
                let def = self.unnamed_class(body, ty);
                let of = self.b.ty(TypeExpr::Def(def));
                self.b.ty_instance(of)
            }
            None => self.b.ty_instance(ty),
        }
    }

    /// The type behind `new`; its last name is a use of the constructor.
    fn created_type(&mut self, written: Node<'t>, before: Option<TypeId>) -> TypeId {
        match written.kind() {
            "generic_type" => {
                let parts = named(written);
                let of = parts.first().map_or(self.b.unknown(), |n| self.created_type(*n, before));
                let mark = self.b.last_constructor();
                let args: Vec<TypeId> = parts
                    .iter()
                    .filter(|n| n.kind() == "type_arguments")
                    .flat_map(|n| named(*n))
                    .collect::<Vec<_>>()
                    .into_iter()
                    .map(|n| self.value_type(n))
                    .collect();
                self.b.note_constructor(mark);
                if args.is_empty() { of } else { self.b.ty_of(of, |of| TypeExpr::Generic { of, args }) }
            }
            "scoped_type_identifier" => {
                let ty = self.type_ref(written);
                let usage = self.b.last_use();
                self.make_constructor(usage, ty);
                ty
            }
            _ => {
                let (name, at) = (text(written, self.b.text), span(written));
                let ty = match before {
                    Some(of) => self.b.ty_member(of, name),
                    None => self.ty_type_name(name, at),
                };
                let usage = self.b.add_use(name, at, Role::Call, Shape::Member(ty));
                self.b.note_constructor(Some(usage));
                ty
            }
        }
    }

    fn make_constructor(&mut self, usage: Option<compass_facts::UseId>, ty: TypeId) {
        if let Some(usage) = usage {
            self.b.set_shape(usage, Shape::Member(ty));
            self.b.set_role(usage, Role::Call);
        }
        self.b.note_constructor(usage);
    }

    fn array_creation(&mut self, node: Node<'t>) -> TypeId {
        let element = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
        let mut dimensions = 0;
        for part in named(node) {
            match part.kind() {
                "dimensions_expr" => {
                    dimensions += 1;
                    for size in named(part) {
                        self.expression(size, Role::Read);
                    }
                }
                "dimensions" => dimensions += text(part, self.b.text).matches('[').count(),
                "array_initializer" => {
                    self.expression(part, Role::Read);
                }
                _ => {}
            }
        }
        self.array_of(element, dimensions.max(1))
    }

    fn lambda(&mut self, node: Node<'t>) -> TypeId {
        let handed = self.handed.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        if let Some(parameters) = node.child_by_field_name("parameters") {
            match parameters.kind() {
                "identifier" => self.lambda_parameter(parameters, handed, 0, true),
                "formal_parameters" => {
                    for parameter in named(parameters) {
                        self.variable(parameter, Kind::Parameter);
                    }
                }
                _ => {
                    let all = named(parameters);
                    let only = all.len() == 1;
                    for (i, parameter) in all.into_iter().enumerate() {
                        self.lambda_parameter(parameter, handed, i as u32, only);
                    }
                }
            }
        }
        let mut result = self.b.unknown();
        if let Some(body) = node.child_by_field_name("body") {
            if body.kind() == "block" {
                self.block(body);
            } else {
                result = self.expression(body, Role::Read);
            }
        }
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result })
    }

    /// A parameter without a type: what the lambda is put for tells it.
    fn lambda_parameter(&mut self, name: Node<'t>, handed: Option<(TypeId, u32)>, parameter: u32, only: bool) {
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Parameter, span(name), span(name));
        new.flags = Flags::INFERRED;
        new.ty = handed.map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter, only }));
        self.b.define(new);
    }

    fn method_reference(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let Some(first) = parts.first() else { return self.b.unknown() };
        let of = match first.kind() {
            "identifier" | "field_access" | "this" | "super" | "method_invocation" | "parenthesized_expression" | "object_creation_expression" => {
                self.expression(*first, Role::Read)
            }
            _ => self.type_ref(*first),
        };
        if let Some(name) = parts.last().filter(|n| n.id() != first.id() && n.kind() == "identifier") {
            self.b.add_use(text(*name, self.b.text), span(*name), Role::Ref, Shape::Member(of));
        }
        let result = self.b.unknown();
        self.b.ty(TypeExpr::Function { result })
    }
}
