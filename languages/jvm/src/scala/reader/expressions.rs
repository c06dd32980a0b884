//! Expressions: the uses in them, and what they evaluate to.

use super::{Placeholder, Reader};
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, ScopeKind, Shape, TypeExpr, TypeId};

/// Is it a word and not a sign?
fn is_word(text: &str) -> bool {
    text.trim_matches('`').starts_with(|c: char| c.is_alphabetic() || c == '_')
}

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let takes_literal = matches!(node.kind(), "lambda_expression" | "case_block" | "block" | "indented_block" | "colon_argument" | "indented_cases");
        let handed = if takes_literal { None } else { self.handed.take() };
        match node.kind() {
            "identifier" | "operator_identifier" | "type_identifier" => self.name(node, role),
            "field_expression" | "stable_identifier" => self.field(node, role),
            "call_expression" => self.call(node),
            "generic_function" => self.generic(node, role),
            "infix_expression" => self.infix(node),
            "prefix_expression" => {
                let inner = named(node).into_iter().next_back();
                inner.map_or(self.b.unknown(), |n| self.expression(n, Role::Read))
            }
            "postfix_expression" => self.postfix(node),
            "assignment_expression" => self.assignment(node),
            "instance_expression" => self.instance_of(node),
            "lambda_expression" => self.literal_function(node),
            "case_block" | "indented_cases" => self.literal_cases(node),
            "colon_argument" => self.colon_argument(node),
            "block" | "indented_block" => self.block_of(node, handed),
            "if_expression" => self.either(node),
            "match_expression" => self.matched(node),
            "for_expression" => self.for_each(node),
            "try_expression" => self.tried(node),
            "while_expression" | "do_while_expression" | "throw_expression" | "return_expression" => {
                for part in named(node) {
                    self.expression(part, Role::Read);
                }
                self.b.unknown()
            }
            "parenthesized_expression" => {
                let inner = named(node).into_iter().find(|n| !n.kind().contains("comment"));
                self.handed = handed;
                let ty = inner.map_or(self.b.unknown(), |n| self.expression(n, role));
                self.handed = None;
                ty
            }
            "tuple_expression" => {
                let parts: Vec<TypeId> = named(node).into_iter().filter(|n| !n.kind().contains("comment")).map(|n| self.expression(n, Role::Read)).collect();
                self.b.ty(TypeExpr::Tuple(parts))
            }
            "ascription_expression" => {
                let parts = named(node);
                if let Some(value) = parts.first() {
                    self.expression(*value, Role::Read);
                }
                match parts.get(1) {
                    Some(ty) if ty.kind() != "annotation" => self.value_type(*ty),
                    _ => self.b.unknown(),
                }
            }
            "wildcard" => self.placeholder_value(),
            "string" | "interpolated_string_expression" | "interpolated_string" => self.string(node),
            "integer_literal" => self.literal(if text(node, self.b.text).ends_with(['L', 'l']) { "Long" } else { "Int" }, node),
            "floating_point_literal" => self.literal(if text(node, self.b.text).ends_with(['F', 'f']) { "Float" } else { "Double" }, node),
            "boolean_literal" => self.literal("Boolean", node),
            "character_literal" => self.literal("Char", node),
            "null_literal" => self.b.ty(TypeExpr::Literal(compass_facts::Literal::Nothing)),
            "unit" => self.literal("Unit", node),
            "comment" | "block_comment" => self.b.unknown(),
            "class_definition"
            | "trait_definition"
            | "object_definition"
            | "function_definition"
            | "val_definition"
            | "var_definition"
            | "import_declaration"
            | "given_definition"
            | "extension_definition"
            | "type_definition"
            | "ERROR" => self.statement(node),
            _ => {
                for child in named(node) {
                    self.expression(child, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    fn name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (word, at) = (self.word(node), span(node));
        match word {
            "this" => return self.class.map_or(self.b.unknown(), |c| self.b.ty(TypeExpr::Receiver(c))),
            "super" => return self.class.map_or(self.b.unknown(), |c| self.b.ty(TypeExpr::Super(c))),
            "_" => return self.placeholder_value(),
            _ if !is_word(word) => return self.b.unknown(),
            _ => {}
        }
        self.b.add_use(word, at, role, Shape::Plain);
        self.b.ty_name(word, at)
    }

    /// `_` in an argument is what the function is given.
    fn placeholder_value(&mut self) -> TypeId {
        let Some(placeholder) = &mut self.placeholder else { return self.b.unknown() };
        let number = placeholder.number;
        placeholder.number += 1;
        let Placeholder { by, argument, .. } = *placeholder;
        self.b.ty(TypeExpr::Given { by, argument, parameter: number, only: true })
    }

    /// `rack.wheel`, `Rack.this`.
    fn field(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let parts = named(node);
        let of = node.child_by_field_name("value").or_else(|| parts.first().copied());
        let name = node.child_by_field_name("field").or_else(|| parts.last().copied());
        let (Some(of), Some(name)) = (of, name) else { return self.b.unknown() };
        let word = self.word(name);
        if word == "this" {
            // Of a class around: it is read as one of its values.
            let at = span(of);
            let around = self.word(of);
            self.b.add_use(around, at, Role::Ref, Shape::Plain);
            return self.literal(around, of);
        }
        let owner = self.expression(of, Role::Read);
        if word == "type" {
            return owner;
        }
        self.b.add_use(word, span(name), role, Shape::Member(owner));
        self.b.ty_member(owner, word)
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let Some(function) = node.child_by_field_name("function").or_else(|| named(node).into_iter().next()) else { return self.b.unknown() };
        let is_made = function.kind() == "instance_expression";
        let callee = self.expression(function, Role::Call);
        let Some(arguments) = node.child_by_field_name("arguments").or_else(|| named(node).into_iter().nth(1)) else { return callee };
        let args = self.arguments(arguments, Some(callee));
        let token = self.token_of(function);
        if let Some(usage) = token.filter(|_| function.kind() != "call_expression" && !is_made).and_then(|t| self.b.use_at(span(t).start)) {
            self.b.set_args(usage, args.len());
            self.b.set_arguments(usage, &args);
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    /// The name of what is called.
    fn token_of(&self, function: Node<'t>) -> Option<Node<'t>> {
        match function.kind() {
            "field_expression" => function.child_by_field_name("field"),
            "generic_function" => function.child_by_field_name("function").and_then(|f| self.token_of(f)),
            _ => Some(function),
        }
    }

    fn generic(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let of = node.child_by_field_name("function").map_or(self.b.unknown(), |f| self.expression(f, role));
        let args = node.child_by_field_name("type_arguments").map(|a| self.type_arguments(a)).unwrap_or_default();
        let generic = self.b.ty_of(of, |of| TypeExpr::Generic { of, args });
        // What is not called is called without a list: `rack.asInstanceOf[Wheel]`.
        if role == Role::Call || role == Role::Ref { generic } else { self.b.ty_of(generic, |of| TypeExpr::Call { of, args: Vec::new() }) }
    }

    /// Arguments in brackets, or a block in their place.
    pub(super) fn arguments(&mut self, node: Node<'t>, callee: Option<TypeId>) -> Vec<TypeId> {
        if node.kind() != "arguments" {
            return vec![self.argument(node, callee, &[])];
        }
        let mut out = Vec::new();
        for argument in named(node).into_iter().filter(|n| !n.kind().contains("comment")) {
            let value = match (argument.kind(), argument.child_by_field_name("left"), argument.child_by_field_name("right")) {
                ("assignment_expression", Some(name), Some(value)) if name.kind() == "identifier" => {
                    if let Some(callee) = callee {
                        self.b.add_use(self.word(name), span(name), Role::Write, Shape::Key(callee));
                    }
                    value
                }
                _ => argument,
            };
            let ty = self.argument(value, callee, &out);
            out.push(ty);
        }
        out
    }

    fn argument(&mut self, value: Node<'t>, callee: Option<TypeId>, before: &[TypeId]) -> TypeId {
        let Some(callee) = callee.filter(|c| *c != self.b.unknown()) else {
            let outer = self.placeholder.take();
            let ty = self.expression(value, Role::Pass);
            self.placeholder = outer;
            return ty;
        };
        let by = if before.is_empty() { callee } else { self.b.ty(TypeExpr::Call { of: callee, args: before.to_vec() }) };
        let argument = before.len() as u32;
        if matches!(value.kind(), "wildcard") || text(value, self.b.text) == "_" {
            // `f(_)` is a function itself.
            return self.b.unknown();
        }
        let outer = self.placeholder.replace(Placeholder { by, argument, number: 0 });
        self.handed = Some((by, argument));
        let ty = self.expression(value, Role::Pass);
        self.handed = None;
        let met = self.placeholder.map_or(0, |p| p.number);
        self.placeholder = outer;
        if met > 0 { self.b.ty(TypeExpr::Function { result: ty }) } else { ty }
    }

    /// `a max b`: a call of a member with one argument, from the right where the sign ends in a colon.
    fn infix(&mut self, node: Node<'t>) -> TypeId {
        let (left, operator, right) = (node.child_by_field_name("left"), node.child_by_field_name("operator"), node.child_by_field_name("right"));
        let (Some(left), Some(operator), Some(right)) = (left, operator, right) else {
            for part in named(node) {
                self.expression(part, Role::Read);
            }
            return self.b.unknown();
        };
        let sign = self.word(operator);
        if !is_word(sign) {
            return self.signed(left, sign, right);
        }
        let owner = self.expression(left, Role::Read);
        let usage = self.b.add_use(sign, span(operator), Role::Call, Shape::Member(owner));
        let callee = self.b.ty_member(owner, sign);
        let args = if right.kind() == "tuple_expression" { named(right).into_vec() } else { vec![right] };
        let mut given = Vec::new();
        for arg in args {
            let ty = self.argument(arg, Some(callee), &given);
            given.push(ty);
        }
        self.b.set_args(usage, given.len());
        self.b.set_arguments(usage, &given);
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args: given })
    }

    /// What operators give, as far as their signs tell.
    fn signed(&mut self, left: Node<'t>, sign: &str, right: Node<'t>) -> TypeId {
        let is_assigned = sign.ends_with('=') && !matches!(sign, "==" | "!=" | "<=" | ">=" | "===");
        let a = self.expression(left, if is_assigned { Role::Write } else { Role::Read });
        let callee = self.b.ty_member(a, sign);
        let b = self.argument(right, Some(callee), &[]);
        match sign {
            "->" => self.b.ty(TypeExpr::Tuple(vec![a, b])),
            "==" | "!=" | "<" | ">" | "<=" | ">=" | "&&" | "||" | "eq" | "ne" => self.literal("Boolean", left),
            _ if sign.ends_with(':') => b,
            _ if is_assigned => self.b.unknown(),
            _ => a,
        }
    }

    /// `rack.wheel _`, `rack open`.
    fn postfix(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let (Some(of), Some(name)) = (parts.first().copied(), parts.get(1).copied()) else { return self.b.unknown() };
        let word = self.word(name);
        if word == "_" || name.kind() == "wildcard" {
            return self.expression(of, Role::Ref);
        }
        let owner = self.expression(of, Role::Read);
        if !is_word(word) {
            return owner;
        }
        self.b.add_use(word, span(name), Role::Call, Shape::Member(owner));
        self.b.ty_member(owner, word)
    }

    fn assignment(&mut self, node: Node<'t>) -> TypeId {
        let left = node.child_by_field_name("left");
        let wanted = left.map_or(self.b.unknown(), |n| self.expression(n, Role::Write));
        if let Some(right) = node.child_by_field_name("right") {
            self.handed = Some((wanted, TypeExpr::WANTED)).filter(|h| h.0 != self.b.unknown());
            self.expression(right, Role::Read);
            self.handed = None;
        }
        self.b.unknown()
    }

    /// `new Rack[Int](1) with Turns { … }`.
    fn instance_of(&mut self, node: Node<'t>) -> TypeId {
        let parts: Vec<Node<'t>> = named(node).into_iter().filter(|n| !n.kind().contains("comment")).collect();
        let mut types = Vec::new();
        let mut body = None;
        for part in &parts {
            match part.kind() {
                "arguments" => {
                    let callee = types.first().copied();
                    let args = self.arguments(*part, callee);
                    let token = parts.first().map(|t| self.made_token(*t));
                    if let Some(usage) = token.and_then(|t| self.b.use_at(span(t).start)) {
                        self.b.set_args(usage, args.len());
                        self.b.set_arguments(usage, &args);
                    }
                }
                "template_body" | "with_template_body" => body = Some(*part),
                "compound_type" => types.extend(named(*part).into_iter().map(|t| self.type_ref(t)).collect::<Vec<_>>()),
                "extends_clause" => types.extend(named(*part).into_iter().filter(|n| n.kind() != "arguments").map(|t| self.type_ref(t)).collect::<Vec<_>>()),
                _ => {
                    let ty = self.type_ref(*part);
                    types.push(ty);
                }
            }
        }
        let Some(body) = body else {
            let of = types.first().copied().unwrap_or(self.b.unknown());
            return self.b.ty_instance(of);
        };
        let start = span(node).start;
        let at = compass_facts::Span { start, end: start };
        let def = self.b.define(compass_facts::reading::NewDefinition::new("", Kind::Class, at, span(node)));
        for ty in types {
            self.b.add_base(def, ty);
        }
        self.class_body(node, def, Some(body), false, false);
        let of = self.b.ty(TypeExpr::Def(def));
        self.b.ty_instance(of)
    }

    fn made_token(&self, node: Node<'t>) -> Node<'t> {
        match node.kind() {
            "generic_type" => node.child_by_field_name("type").map_or(node, |t| self.made_token(t)),
            "stable_type_identifier" => named(node).into_iter().next_back().unwrap_or(node),
            _ => node,
        }
    }

    /// A block may be a function literal in braces.
    fn block_of(&mut self, node: Node<'t>, _: Option<(TypeId, u32)>) -> TypeId {
        let parts: Vec<Node<'t>> = named(node).into_iter().filter(|n| !n.kind().contains("comment")).collect();
        if let [only] = parts[..]
            && matches!(only.kind(), "lambda_expression" | "case_block" | "indented_cases")
        {
            return self.expression(only, Role::Read);
        }
        self.handed = None;
        let outer = self.placeholder.take();
        let ty = self.nested_block(node);
        self.placeholder = outer;
        ty
    }

    /// One of several values.
    pub(super) fn one_of(&mut self, yes: TypeId, no: TypeId) -> TypeId {
        let says = |r: &Self, ty: TypeId| ty != r.b.unknown() && !matches!(r.b.get_ty(ty), TypeExpr::Literal(_));
        match (says(self, yes), says(self, no)) {
            (true, true) if yes != no => self.b.ty(TypeExpr::Union(vec![yes, no])),
            (true, _) => yes,
            _ => no,
        }
    }

    fn either(&mut self, node: Node<'t>) -> TypeId {
        if let Some(condition) = node.child_by_field_name("condition") {
            self.expression(condition, Role::Read);
        }
        let yes = node.child_by_field_name("consequence").map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        let no = node.child_by_field_name("alternative").map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        self.one_of(yes, no)
    }

    fn matched(&mut self, node: Node<'t>) -> TypeId {
        let value = node.child_by_field_name("value");
        let of = value.map_or(self.b.unknown(), |v| self.expression(v, Role::Read));
        let mut result = self.b.unknown();
        for case in node.child_by_field_name("body").map(named).unwrap_or_default() {
            if case.kind() == "case_clause" {
                let ty = self.case(case, of);
                result = self.one_of(result, ty);
            }
        }
        result
    }

    /// `case pattern if test => value`.
    pub(super) fn case(&mut self, node: Node<'t>, of: TypeId) -> TypeId {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let outer = self.placeholder.take();
        if let Some(pattern) = node.child_by_field_name("pattern") {
            self.pattern(pattern, Some(of), Kind::Variable);
        }
        let mut last = self.b.unknown();
        let pattern = node.child_by_field_name("pattern");
        for part in named(node).into_iter().filter(|n| pattern.is_none_or(|p| p.id() != n.id())) {
            last = match part.kind() {
                "guard" => {
                    named(part).into_iter().for_each(|n| {
                        self.expression(n, Role::Read);
                    });
                    last
                }
                _ => self.statement(part),
            };
        }
        self.placeholder = outer;
        self.b.leave(saved);
        last
    }

    /// `for { a <- all; b <- a.parts } yield b`: calls of `map`, `flatMap` and the like.
    fn for_each(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let outer = self.placeholder.take();
        let mut sources = Vec::new();
        for part in named(node).into_iter().filter(|n| n.kind() == "enumerators").flat_map(named) {
            if part.kind() == "enumerator" {
                sources.extend(self.enumerator(part));
            }
        }
        let given = node.child_by_field_name("body").map_or(self.b.unknown(), |b| self.expression(b, Role::Read));
        let mut result = self.b.unknown();
        if node.children().any(|c| c.kind() == "yield") {
            result = given;
            for (i, source) in sources.into_iter().rev().enumerate() {
                let function = self.b.ty(TypeExpr::Function { result });
                let of = self.b.ty_member(source, if i == 0 { "map" } else { "flatMap" });
                result = self.b.ty_of(of, |of| TypeExpr::Call { of, args: vec![function] });
            }
        }
        self.placeholder = outer;
        self.b.leave(saved);
        result
    }

    /// `a <- all if test`, `b = a.part`; what is gone through.
    fn enumerator(&mut self, node: Node<'t>) -> Option<TypeId> {
        let parts = named(node);
        let is_drawn = node.children().any(|c| matches!(c.kind(), "<-" | "←"));
        let mut rest = parts.iter().copied().filter(|n| !n.kind().contains("comment"));
        let first = rest.next()?;
        if first.kind() == "guard" {
            named(first).into_iter().for_each(|n| {
                self.expression(n, Role::Read);
            });
            return None;
        }
        let of = rest.next().map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        let told = if is_drawn { self.b.ty_of(of, TypeExpr::Element) } else { of };
        self.pattern(first, Some(told), Kind::Variable);
        for guard in rest {
            named(guard).into_iter().for_each(|n| {
                self.expression(n, Role::Read);
            });
        }
        is_drawn.then_some(of)
    }

    fn tried(&mut self, node: Node<'t>) -> TypeId {
        let mut result = self.b.unknown();
        for part in named(node) {
            match part.kind() {
                "catch_clause" => {
                    let throwable = self.literal("Throwable", part);
                    match part.child_by_field_name("pattern") {
                        Some(_) => {
                            self.case(part, throwable);
                        }
                        None => {
                            for inner in named(part) {
                                match inner.kind() {
                                    "case_block" | "indented_cases" => named(inner).into_iter().filter(|c| c.kind() == "case_clause").for_each(|c| {
                                        self.case(c, throwable);
                                    }),
                                    _ => {
                                        self.expression(inner, Role::Read);
                                    }
                                }
                            }
                        }
                    }
                }
                "finally_clause" => named(part).into_iter().for_each(|n| {
                    self.expression(n, Role::Read);
                }),
                _ => result = self.expression(part, Role::Read),
            }
        }
        result
    }
}
