//! Expressions: the uses in them, and what they evaluate to.

use super::types::is_type;
use super::{LAST, RECEIVER, Reader};
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let handed =
            if node.kind() == "lambda_literal" || node.kind() == "annotated_lambda" || node.kind() == "anonymous_function" { None } else { self.handed.take() };
        let _ = handed;
        match node.kind() {
            "identifier" => self.name(node, role),
            "navigation_expression" => self.navigation(node, role),
            "call_expression" => self.call(node),
            "infix_expression" => self.infix(node),
            "binary_expression" => self.binary(node),
            "in_expression" | "range_expression" => {
                for part in named(node) {
                    self.expression(part, Role::Read);
                }
                self.literal(if node.kind() == "in_expression" { "Boolean" } else { "IntRange" }, node)
            }
            "is_expression" => {
                self.part(node, "left");
                if let Some(ty) = node.child_by_field_name("right") {
                    self.type_ref(ty);
                }
                self.literal("Boolean", node)
            }
            "as_expression" => {
                self.part(node, "left");
                node.child_by_field_name("right").map_or(self.b.unknown(), |t| self.value_type(t))
            }
            "unary_expression" => self.unary(node, role),
            "index_expression" => {
                let parts = named(node);
                let of = parts.first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
                let args: Vec<TypeId> = parts.iter().skip(1).map(|n| self.expression(*n, Role::Read)).collect();
                let _ = args;
                self.b.ty_of(of, TypeExpr::Index)
            }
            "if_expression" => self.either(node),
            "when_expression" => self.when(node),
            "try_expression" => self.tried(node),
            "parenthesized_expression" | "labeled_expression" | "annotated_expression" | "spread_expression" => {
                let mut ty = self.b.unknown();
                for part in named(node) {
                    match part.kind() {
                        "annotation" => self.annotation(part),
                        "label" => {}
                        _ => ty = self.expression(part, role),
                    }
                }
                ty
            }
            "lambda_literal" => self.literal_function(node),
            "annotated_lambda" => named(node).into_iter().find(|n| n.kind() == "lambda_literal").map_or(self.b.unknown(), |n| self.literal_function(n)),
            "anonymous_function" => self.anonymous_function(node),
            "object_literal" => self.object_literal(node),
            "callable_reference" => self.reference(node),
            "this_expression" => self.this(node),
            "super_expression" if named(node).into_iter().any(|n| super::types::is_type(&n)) => {
                let base = named(node).into_iter().find(super::types::is_type);
                base.map_or(self.b.unknown(), |base| self.value_type(base))
            }
            "super_expression" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Super(scope))),
            "return_expression" | "throw_expression" => {
                for part in named(node).into_iter().filter(|p| node.child_by_field_name("label").is_none_or(|l| l.id() != p.id())) {
                    self.expression(part, Role::Read);
                }
                self.b.unknown()
            }
            "string_literal" | "multiline_string_literal" => self.string(node),
            "number_literal" => {
                let word = text(node, self.b.text);
                self.literal(if word.ends_with('L') { "Long" } else { "Int" }, node)
            }
            "float_literal" => {
                let word = text(node, self.b.text);
                self.literal(if word.ends_with(['f', 'F']) { "Float" } else { "Double" }, node)
            }
            "character_literal" => self.literal("Char", node),
            "line_comment" | "block_comment" | "label" => self.b.unknown(),
            "assignment"
            | "property_declaration"
            | "function_declaration"
            | "class_declaration"
            | "for_statement"
            | "while_statement"
            | "do_while_statement"
            | "block"
            | "ERROR" => self.statement(node),
            _ if is_type(&node) => self.type_ref(node),
            _ => {
                for child in named(node) {
                    self.expression(child, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    fn part(&mut self, node: Node<'t>, field: &str) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, Role::Read))
    }

    fn name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (word, at) = (self.word(node), span(node));
        match word {
            "true" | "false" => return self.literal("Boolean", node),
            "null" => return self.b.ty(TypeExpr::Literal(compass_facts::Literal::Nothing)),
            _ => {}
        }
        self.b.add_use(word, at, role, Shape::Plain);
        let told = self.narrowed.iter().rev().find(|n| n.0 == word).map(|n| n.1);
        told.unwrap_or_else(|| self.b.ty_name(word, at))
    }

    /// `rack.wheel`, `a.b.Rack`.
    fn navigation(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let parts = named(node);
        let (Some(of), Some(name)) = (parts.first().copied(), parts.get(1).copied()) else {
            return parts.first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
        };
        // The grammar takes some references for members.
        if node.children().any(|c| c.kind() == "::") {
            return self.reference(node);
        }
        let owner = self.expression(of, Role::Read);
        if name.kind() != "identifier" {
            return self.expression(name, Role::Read);
        }
        let word = self.word(name);
        self.b.add_use(word, span(name), role, Shape::Member(owner));
        let path = text(node, self.b.text);
        let told = self.narrowed.iter().rev().find(|n| n.0 == path).map(|n| n.1);
        told.unwrap_or_else(|| if owner == self.b.unknown() { owner } else { self.b.ty_member(owner, word) })
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let Some(mut function) = parts.first().copied() else { return self.b.unknown() };
        let mut brackets = parts.iter().copied().find(|p| p.kind() == "value_arguments");
        let literal = parts.iter().copied().find(|p| p.kind() == "annotated_lambda");
        let mut written = parts.iter().copied().find(|p| p.kind() == "type_arguments");
        // `rack.each(1) { … }` may stand as a call of a call.
        if brackets.is_none() && function.kind() == "call_expression" && !named(function).iter().any(|p| p.kind() == "annotated_lambda") {
            let inner = named(function);
            brackets = inner.iter().copied().find(|p| p.kind() == "value_arguments");
            written = inner.iter().copied().find(|p| p.kind() == "type_arguments");
            function = inner.first().copied().unwrap_or(function);
        }
        let callee = match function.kind() {
            "identifier" => {
                let (word, at) = (self.word(function), span(function));
                self.b.add_use(word, at, Role::Call, Shape::Plain);
                self.b.ty_name(word, at)
            }
            _ => self.expression(function, Role::Call),
        };
        let token = if function.kind() == "navigation_expression" { named(function).into_iter().next_back() } else { Some(function) };
        let usage = token.and_then(|t| self.b.use_at(span(t).start));
        let given: Vec<TypeId> = written.map(|w| self.type_arguments(w)).unwrap_or_default();
        let mut args = brackets.map(|b| self.value_arguments(b, Some(callee), 0)).unwrap_or_default();
        let generic = if given.is_empty() { callee } else { self.b.ty_of(callee, |of| TypeExpr::Generic { of, args: given.clone() }) };
        if let Some(literal) = literal {
            self.handed = Some((self.handed_by(generic, &args), LAST));
            args.push(self.expression(literal, Role::Pass));
            self.handed = None;
        }
        if let Some(usage) = usage {
            self.b.set_args(usage, args.len());
            self.b.set_arguments(usage, &args);
        }
        if callee == self.b.unknown() {
            return callee;
        }
        let of = if given.is_empty() { callee } else { self.b.ty(TypeExpr::Generic { of: callee, args: given }) };
        self.b.ty(TypeExpr::Call { of, args })
    }

    pub(super) fn value_arguments(&mut self, node: Node<'t>, callee: Option<TypeId>, first: u32) -> Vec<TypeId> {
        let mut out = Vec::new();
        for argument in named(node).into_iter().filter(|n| n.kind() == "value_argument") {
            let parts = named(argument);
            let has_name = argument.children().any(|c| c.kind() == "=");
            let value = parts.iter().copied().filter(|p| p.kind() != "annotation").nth(usize::from(has_name));
            if let (true, Some(name), Some(callee)) = (has_name, parts.first(), callee) {
                self.b.add_use(self.word(*name), span(*name), Role::Write, Shape::Key(callee));
            }
            let Some(value) = value else { continue };
            if let Some(callee) = callee {
                let is_function = matches!(value.kind(), "lambda_literal" | "annotated_lambda" | "anonymous_function");
                let by = if is_function { self.handed_by(callee, &out) } else { callee };
                self.handed = Some((by, first + out.len() as u32));
            }
            out.push(self.expression(value, Role::Pass));
            self.handed = None;
        }
        out
    }

    /// What hands something to a function literal: what is called, with the arguments in front.
    fn handed_by(&mut self, callee: TypeId, args: &[TypeId]) -> TypeId {
        if args.is_empty() || callee == self.b.unknown() { callee } else { self.b.ty(TypeExpr::Call { of: callee, args: args.to_vec() }) }
    }

    /// `wheel to rack`: a call of a member with one argument.
    fn infix(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let [left, name, right] = parts[..] else { return self.b.unknown() };
        let owner = self.expression(left, Role::Read);
        let word = self.word(name);
        let usage = self.b.add_use(word, span(name), Role::Call, Shape::Member(owner));
        let callee = if owner == self.b.unknown() { owner } else { self.b.ty_member(owner, word) };
        self.handed = Some((callee, 0));
        let arg = self.expression(right, Role::Pass);
        self.handed = None;
        self.b.set_args(usage, 1);
        self.b.set_arguments(usage, &[arg]);
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args: vec![arg] })
    }

    fn binary(&mut self, node: Node<'t>) -> TypeId {
        let joined = self.b.joined_texts(node);
        self.b.text_depth += u32::from(joined);
        let ty = self.operation(node);
        self.b.text_depth -= u32::from(joined);
        ty
    }

    fn operation(&mut self, node: Node<'t>) -> TypeId {
        let operator = node.child_by_field_name("operator").map_or("", |o| o.kind());
        if let Some(made) = self.generic_call(node, operator) {
            return made;
        }
        let left = self.part(node, "left");
        let known = self.narrowed.len();
        if let Some(test) = node.child_by_field_name("left") {
            match operator {
                "&&" => self.narrow(test, true),
                "||" => self.narrow(test, false),
                _ => {}
            }
        }
        let right = self.part(node, "right");
        self.narrowed.truncate(known);
        match operator {
            "?:" => self.one_of(left, right),
            "+" | "-" | "*" | "/" | "%" => left,
            _ => self.literal("Boolean", node),
        }
    }

    /// `Maker<Wheel> { … }` is a call, which the grammar takes for two comparisons.
    fn generic_call(&mut self, node: Node<'t>, operator: &str) -> Option<TypeId> {
        let (left, right) = (node.child_by_field_name("left")?, node.child_by_field_name("right")?);
        let is_less = left.kind() == "binary_expression" && left.child_by_field_name("operator").is_some_and(|o| o.kind() == "<");
        if operator != ">" || right.kind() != "lambda_literal" || !is_less {
            return None;
        }
        let (function, argument) = (left.child_by_field_name("left")?, left.child_by_field_name("right")?);
        let callee = self.expression(function, Role::Call);
        let token = if function.kind() == "navigation_expression" { named(function).into_iter().next_back()? } else { function };
        let (word, at) = (self.word(argument), span(argument));
        self.b.add_use(word, at, Role::Type, Shape::Plain);
        let given = self.named_type(word, at);
        let given = self.b.ty_instance(given);
        let of = self.b.ty_of(callee, |of| TypeExpr::Generic { of, args: vec![given] });
        self.handed = Some((of, LAST));
        let arg = self.expression(right, Role::Pass);
        self.handed = None;
        if let Some(usage) = self.b.use_at(span(token).start) {
            self.b.set_args(usage, 1);
            self.b.set_arguments(usage, &[arg]);
        }
        Some(self.b.ty_of(of, |of| TypeExpr::Call { of, args: vec![arg] }))
    }

    fn unary(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let operator = node.child_by_field_name("operator").map_or("", |o| o.kind());
        let inner = if matches!(operator, "++" | "--") { Role::Write } else { role };
        node.child_by_field_name("argument").map_or(self.b.unknown(), |n| self.expression(n, inner))
    }

    /// One of two values.
    pub(super) fn one_of(&mut self, yes: TypeId, no: TypeId) -> TypeId {
        let says = |r: &Self, ty: TypeId| ty != r.b.unknown() && !matches!(r.b.get_ty(ty), TypeExpr::Literal(_));
        match (says(self, yes), says(self, no)) {
            (true, true) if yes != no => self.b.ty(TypeExpr::Union(vec![yes, no])),
            (true, _) => yes,
            _ => no,
        }
    }

    fn either(&mut self, node: Node<'t>) -> TypeId {
        let condition = node.child_by_field_name("condition");
        if let Some(condition) = condition {
            self.expression(condition, Role::Read);
        }
        let mut result = self.b.unknown();
        let branches = named(node).into_iter().filter(|n| condition.is_none_or(|c| c.id() != n.id()) && !n.kind().contains("comment"));
        for (i, branch) in branches.enumerate() {
            let known = self.narrowed.len();
            if let Some(condition) = condition {
                self.narrow(condition, i == 0);
            }
            let ty = self.statement(branch);
            self.narrowed.truncate(known);
            result = self.one_of(result, ty);
        }
        result
    }

    fn when(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let mut subject: Option<&'t str> = None;
        let mut result = self.b.unknown();
        for part in named(node) {
            match part.kind() {
                "when_subject" => subject = self.subject(part),
                "when_entry" => {
                    let known = self.narrowed.len();
                    let ty = self.entry_of_when(part, subject);
                    self.narrowed.truncate(known);
                    result = self.one_of(result, ty);
                }
                _ => {}
            }
        }
        self.b.leave(saved);
        result
    }

    /// `when (val wheel = rack.first)`: the variable that is looked at.
    fn subject(&mut self, node: Node<'t>) -> Option<&'t str> {
        let parts = named(node);
        let value = parts.iter().copied().rfind(|p| !matches!(p.kind(), "annotation" | "variable_declaration"))?;
        let ty = self.expression(value, Role::Read);
        match parts.iter().find(|p| p.kind() == "variable_declaration") {
            Some(variable) => {
                self.variables(*variable, Some(ty), Kind::Variable);
                named(*variable).into_iter().find(|n| n.kind() == "identifier").map(|n| self.word(n))
            }
            None => Some(text(value, self.b.text)),
        }
    }

    fn entry_of_when(&mut self, node: Node<'t>, subject: Option<&'t str>) -> TypeId {
        let conditions: Vec<Node<'t>> = node.children_by_field_name("condition").collect();
        for condition in &conditions {
            match condition.kind() {
                "type_test" => {
                    let Some(ty) = named(*condition).into_iter().find(is_type) else { continue };
                    let ty = self.value_type(ty);
                    let is_not = text(*condition, self.b.text).starts_with('!');
                    if let (Some(subject), [_], false) = (subject, &conditions[..], is_not) {
                        self.narrowed.push((subject, ty));
                    }
                }
                "range_test" => {
                    for part in named(*condition) {
                        self.expression(part, Role::Read);
                    }
                }
                _ => {
                    self.expression(*condition, Role::Read);
                    if let [only] = conditions[..] {
                        self.narrow(only, true);
                    }
                }
            }
        }
        let body = named(node).into_iter().rfind(|n| conditions.iter().all(|c| c.id() != n.id()) && !n.kind().contains("comment"));
        body.map_or(self.b.unknown(), |b| self.statement(b))
    }

    fn tried(&mut self, node: Node<'t>) -> TypeId {
        let mut result = self.b.unknown();
        for part in named(node) {
            match part.kind() {
                "block" => result = self.nested_block(part),
                "catch_block" => {
                    let saved = self.b.enter(ScopeKind::Ordered, span(part), None);
                    let inner = named(part);
                    let ty = inner.iter().copied().find(is_type).map(|t| self.value_type(t));
                    if let Some(name) = inner.iter().copied().find(|n| n.kind() == "identifier") {
                        let mut new = compass_facts::reading::NewDefinition::new(self.word(name), Kind::Variable, span(name), span(name));
                        new.ty = ty;
                        self.b.define(new);
                    }
                    inner.into_iter().filter(|n| n.kind() == "block").for_each(|b| {
                        self.block(b);
                    });
                    self.b.leave(saved);
                }
                _ => {
                    for inner in named(part) {
                        self.statement(inner);
                    }
                }
            }
        }
        result
    }

    /// `this`, `this@Rack`.
    fn this(&mut self, node: Node<'t>) -> TypeId {
        if let Some(label) = named(node).into_iter().find(|n| n.kind() == "identifier") {
            let of = self.named_type(self.word(label), span(label));
            return self.b.ty_instance(of);
        }
        match (self.in_literal, self.b.find_in(self.b.place.scope, RECEIVER)) {
            (0, _) | (_, Some(_)) => self.b.ty_name(RECEIVER, span(node)),
            // In a function literal only the linker knows whether that is called on something.
            _ => self.b.ty_name("this", span(node)),
        }
    }

    // What tests say.

    /// Of what a test says that holds, or does not, the types of variables.
    pub(super) fn narrow(&mut self, test: Node<'t>, holds: bool) {
        self.deeper(span(test), |r| r.narrow_kind(test, holds));
    }

    fn narrow_kind(&mut self, test: Node<'t>, holds: bool) {
        match test.kind() {
            "parenthesized_expression" => named(test).into_iter().for_each(|n| self.narrow(n, holds)),
            "is_expression" => {
                let is_not = test.children().any(|c| matches!(c.kind(), "!is"));
                if let (Some(left), Some(right)) = (test.child_by_field_name("left"), test.child_by_field_name("right"))
                    && holds != is_not
                    && matches!(left.kind(), "identifier" | "navigation_expression")
                {
                    let ty = self.quiet_type(right);
                    self.narrowed.push((text(left, self.b.text), ty));
                }
            }
            "binary_expression" => {
                let operator = test.child_by_field_name("operator").map_or("", |o| o.kind());
                if operator == "&&" && holds || operator == "||" && !holds {
                    for side in ["left", "right"] {
                        if let Some(side) = test.child_by_field_name(side) {
                            self.narrow(side, holds);
                        }
                    }
                }
            }
            "unary_expression" if test.child_by_field_name("operator").is_some_and(|o| o.kind() == "!") => {
                if let Some(inner) = test.child_by_field_name("argument") {
                    self.narrow(inner, !holds);
                }
            }
            _ => {}
        }
    }

    /// A type that was read before: its names are no further uses.
    pub(super) fn quiet_type(&mut self, node: Node<'t>) -> TypeId {
        let name = named(node).into_iter().rfind(|n| n.kind() == "identifier");
        match (node.kind(), name) {
            ("user_type", Some(name)) if named(node).iter().filter(|n| n.kind() == "identifier").count() == 1 => {
                let of = self.named_type(self.word(name), span(name));
                self.b.ty_instance(of)
            }
            ("user_type", Some(_)) => {
                let parts: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.kind() == "identifier").collect();
                let mut of = self.named_type(self.word(parts[0]), span(parts[0]));
                for part in &parts[1..] {
                    of = self.b.ty_member(of, self.word(*part));
                }
                self.b.ty_instance(of)
            }
            _ => self.b.unknown(),
        }
    }

    /// `if (wheel !is Disc) return`: what follows knows that it is one.
    pub(super) fn narrow_after(&mut self, node: Node<'t>) {
        if node.kind() == "call_expression" {
            return self.narrow_after_demand(node);
        }
        if node.kind() != "if_expression" {
            return;
        }
        let Some(condition) = node.child_by_field_name("condition") else { return };
        let branches: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.id() != condition.id() && !n.kind().contains("comment")).collect();
        let leaves = |n: Node<'t>| {
            let last = if n.kind() == "block" { named(n).into_iter().next_back() } else { Some(n) };
            let words = |n: Node<'t>| text(n, self.b.text);
            last.is_some_and(|l| matches!(l.kind(), "return_expression" | "throw_expression") || matches!(words(l), "continue" | "break" | "return"))
        };
        if let [only] = branches[..]
            && leaves(only)
        {
            self.narrow(condition, false);
        }
    }

    /// `require(wheel is Disc)`: what follows knows it as well.
    fn narrow_after_demand(&mut self, node: Node<'t>) {
        let mut parts = named(node);
        // What is said where it does not hold stands behind it.
        if let Some(inner) = parts.first().filter(|f| f.kind() == "call_expression") {
            parts = named(*inner);
        }
        let is_demand = parts.first().is_some_and(|f| f.kind() == "identifier" && matches!(text(*f, self.b.text), "require" | "check" | "assert"));
        let arguments = parts.iter().filter(|p| is_demand && p.kind() == "value_arguments").flat_map(|p| named(*p));
        if let Some(test) = arguments.take(1).flat_map(named).next() {
            self.narrow(test, true);
        }
    }
}
