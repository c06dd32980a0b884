//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Literal, Role, Shape, TypeExpr, TypeId};
use rustc_hash::FxHashMap;
use std::sync::LazyLock;

/// Functions of the language that take functions, and at which place.
static CALLABLES: LazyLock<FxHashMap<&'static str, usize>> = LazyLock::new(|| {
    include_str!("../data/callables.txt").lines().filter_map(|l| l.split_once(' ')).filter_map(|(name, at)| Some((name, at.parse().ok()?))).collect()
});

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "variable_name" => self.variable(node, role),
            "name" | "qualified_name" | "relative_name" => self.function_use(node, role, "const"),
            "member_access_expression" | "nullsafe_member_access_expression" => {
                let of = self.part(node, "object");
                self.member(node, of, role)
            }
            "member_call_expression" | "nullsafe_member_call_expression" => {
                let of = self.part(node, "object");
                let callee = self.member(node, of, Role::Call);
                self.called(node, callee)
            }
            "scoped_call_expression" => {
                let of = self.scope_of(node.child_by_field_name("scope"));
                let callee = self.member(node, of, Role::Call);
                self.called(node, callee)
            }
            "scoped_property_access_expression" => {
                let of = self.scope_of(node.child_by_field_name("scope"));
                self.member(node, of, role)
            }
            "class_constant_access_expression" => self.class_constant(node, role),
            "function_call_expression" => self.call(node),
            "include_expression" | "include_once_expression" | "require_expression" | "require_once_expression" => self.taken_in(node),
            "object_creation_expression" => self.creation(node),
            "assignment_expression" | "reference_assignment_expression" => {
                let ty = self.part(node, "right");
                if let Some(left) = node.child_by_field_name("left") {
                    self.assign_to(left, ty);
                }
                ty
            }
            "augmented_assignment_expression" => {
                let ty = self.part(node, "right");
                match node.child_by_field_name("left") {
                    Some(left) if left.kind() == "variable_name" => self.assign_to(left, ty),
                    Some(left) => {
                        self.expression(left, Role::Write);
                    }
                    None => {}
                }
                ty
            }
            "update_expression" => node.child_by_field_name("argument").map_or(self.b.unknown(), |n| self.expression(n, Role::Write)),
            "subscript_expression" => {
                let parts = named(node);
                let of = parts.first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
                parts.iter().skip(1).for_each(|n| {
                    self.expression(*n, Role::Read);
                });
                self.b.ty_of(of, TypeExpr::Index)
            }
            "binary_expression" => self.binary(node),
            "conditional_expression" => {
                let condition = self.part(node, "condition");
                let yes = node.child_by_field_name("body").map_or(condition, |n| self.expression(n, Role::Read));
                let no = self.part(node, "alternative");
                self.either(yes, no)
            }
            "match_expression" => self.matched(node),
            "anonymous_function" | "arrow_function" => self.closure(node),
            "array_creation_expression" => {
                if let Some(callee) = self.callable(node) {
                    return callee;
                }
                let mut element = self.b.unknown();
                for part in named(node) {
                    let value = named(part).into_iter().map(|n| self.expression(n, Role::Read)).last();
                    element = if element == self.b.unknown() { value.unwrap_or(element) } else { element };
                }
                self.b.ty(TypeExpr::List(element))
            }
            "clone_expression" | "parenthesized_expression" | "error_suppression_expression" | "by_ref" => {
                named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role))
            }
            "cast_expression" => {
                self.part(node, "value");
                self.b.unknown()
            }
            "argument" => {
                let key = node.child_by_field_name("name");
                named(node)
                    .into_iter()
                    .filter(|n| key.is_none_or(|k| k.id() != n.id()))
                    .map(|n| self.expression(n, Role::Pass))
                    .last()
                    .unwrap_or(self.b.unknown())
            }
            "string" | "encapsed_string" | "heredoc" | "nowdoc" => {
                if is_text(node) {
                    let bound = self.b.kept_as(node.id());
                    self.b.text_signal(node, bound);
                }
                let parts = named(node);
                let is_content = |n: &Node| matches!(n.kind(), "string_content" | "escape_sequence");
                if let (Some(first), Some(last)) = (parts.first(), parts.last())
                    && node.kind() == "string"
                    && parts.iter().all(is_content)
                {
                    self.named_class(compass_facts::Span { start: span(*first).start, end: span(*last).end });
                }
                parts.into_iter().filter(|n| !is_content(n)).for_each(|n| {
                    self.expression(n, Role::Read);
                });
                self.b.ty(TypeExpr::Literal(Literal::Text))
            }
            "integer" | "float" => self.b.ty(TypeExpr::Literal(Literal::Number)),
            "boolean" => self.b.ty(TypeExpr::Literal(Literal::Bool)),
            "null" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "relative_scope" => self.class_ref(node, role),
            "compound_statement" | "expression_statement" | "ERROR" => {
                self.statement(node);
                self.b.unknown()
            }
            "comment" | "text" | "php_tag" | "heredoc_start" | "heredoc_end" | "string_content" | "escape_sequence" => self.b.unknown(),
            _ => {
                for child in named(node) {
                    self.expression(child, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    /// `[$this, 'turned']`, `[Rack::class, 'made']`: a method handed on.
    fn callable(&mut self, node: Node<'t>) -> Option<TypeId> {
        let parts: Vec<Node<'t>> = named(node).into_iter().filter_map(|n| named(n).into_iter().next()).collect();
        let [of, method] = parts[..] else { return None };
        let content = named(method).into_iter().next().filter(|n| method.kind() == "string" && n.kind() == "string_content")?;
        let is_name = text(content, self.b.text).chars().all(|c| c.is_alphanumeric() || c == '_');
        let is_own = text(of, self.b.text) == "$this" || of.kind() == "class_constant_access_expression" && text(of, self.b.text).ends_with("::class");
        if !is_name || !is_own {
            return None;
        }
        let owner = match of.kind() {
            "class_constant_access_expression" => self.scope_of(named(of).first().copied()),
            _ => self.expression(of, Role::Read),
        };
        Some(self.member_use(content, owner, Role::Ref))
    }

    fn part(&mut self, node: Node<'t>, field: &str) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, Role::Read))
    }

    fn variable(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (word, at) = (text(node, self.b.text), span(node));
        if word == "$this" {
            return self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Receiver(scope)));
        }
        // What is handed to a function before it has a value gets it there.
        if matches!(role, Role::Write | Role::Pass) && self.b.find_in(self.variables, word).is_none() && self.variables != compass_facts::ScopeId::FILE {
            self.assigned(node, self.b.unknown());
            return self.b.unknown();
        }
        self.b.add_use(word, at, role, Shape::Plain);
        self.b.ty_name(word, at)
    }

    /// A member by its name; one whose name is worked out is nobody's.
    fn member(&mut self, node: Node<'t>, of: TypeId, role: Role) -> TypeId {
        let Some(name) = node.child_by_field_name("name") else { return self.b.unknown() };
        let is_static = node.kind() == "scoped_property_access_expression";
        if name.kind() == "name" || is_static && name.kind() == "variable_name" {
            return self.member_use(name, of, role);
        }
        self.expression(name, Role::Read);
        self.b.unknown()
    }

    /// What stands before `::`.
    fn scope_of(&mut self, scope: Option<Node<'t>>) -> TypeId {
        match scope {
            Some(node) if matches!(node.kind(), "name" | "qualified_name" | "relative_name" | "relative_scope") => self.class_ref(node, Role::Type),
            Some(node) => self.expression(node, Role::Read),
            None => self.b.unknown(),
        }
    }

    /// `Rack::DEPTH`, `Kind::Oak`, `Rack::class`.
    fn class_constant(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let parts = named(node);
        let of = self.scope_of(parts.first().copied());
        match parts.get(1) {
            Some(name) if text(*name, self.b.text).eq_ignore_ascii_case("class") => self.b.ty(TypeExpr::Literal(Literal::Text)),
            Some(name) if name.kind() == "name" => self.member_use(*name, of, role),
            Some(other) => {
                self.expression(*other, Role::Read);
                self.b.unknown()
            }
            None => self.b.unknown(),
        }
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let Some(function) = node.child_by_field_name("function") else { return self.b.unknown() };
        if text(function, self.b.text).trim_start_matches('\\').eq_ignore_ascii_case("define") {
            self.defined(node);
        }
        self.handed_on(text(function, self.b.text).trim_start_matches('\\'), node);
        let callee = match function.kind() {
            "name" | "qualified_name" | "relative_name" => self.function_use(function, Role::Call, "function"),
            _ => self.expression(function, Role::Call),
        };
        self.called(node, callee)
    }

    /// `usort($racks, 'by_depth')`, `array_map('Rack::made', $all)`: functions handed on by their names.
    fn handed_on(&mut self, to: &str, call: Node<'t>) {
        let Some(at) = CALLABLES.get(to.to_ascii_lowercase().as_str()) else { return };
        let arguments = call.child_by_field_name("arguments").map(named).unwrap_or_default();
        let Some(node) = arguments.get(*at).and_then(|a| named(*a).into_iter().next()).filter(|n| n.kind() == "string") else { return };
        let Some(content) = named(node).into_iter().next().filter(|n| n.kind() == "string_content") else { return };
        let (word, at) = (text(content, self.b.text), span(content));
        let is_name = |n: &str| !n.is_empty() && n.chars().all(|c| c.is_alphanumeric() || c == '_');
        match word.split_once("::") {
            None if is_name(word) => {
                self.b.add_use(word, at, Role::Ref, Shape::Plain);
            }
            Some((class, method)) if is_name(method) && class.split('\\').all(is_name) => {
                let end = at.start + class.len() as u32;
                let id = self.class_import(class, compass_facts::Span { start: at.start, end });
                let of = self.b.ty(TypeExpr::Import(id));
                self.b.add_use(method, compass_facts::Span { start: end + 2, end: at.end }, Role::Ref, Shape::Member(of));
            }
            _ => {}
        }
    }

    /// A text that is the whole name of a class, as settings and tests write it.
    fn named_class(&mut self, at: compass_facts::Span) {
        let word = at.of(self.b.text);
        // Written in a text a backslash may be two.
        let parts: Vec<&str> = word.trim_start_matches('\\').split('\\').filter(|p| !p.is_empty()).collect();
        let is_name = |n: &str| n.starts_with(|c: char| c.is_ascii_uppercase()) && n.chars().all(|c| c.is_alphanumeric() || c == '_');
        if parts.len() < 2 || !parts.iter().all(|p| is_name(p)) {
            return;
        }
        let whole = parts.join("\\");
        let last = parts.last().map_or(0, |p| p.len() as u32);
        if !word.ends_with('\\') {
            let token = compass_facts::Span { start: at.end - last, end: at.end };
            let id = self.class_import(&whole, token);
            self.b.add_use(token.of(self.b.text), token, Role::Ref, Shape::Import(id));
        }
    }

    /// `define('DEPTH', 3)`: a constant of no namespace, or of the one its text names.
    fn defined(&mut self, call: Node<'t>) {
        let arguments = call.child_by_field_name("arguments").map(named).unwrap_or_default();
        let Some(text_node) = arguments.first().and_then(|a| named(*a).into_iter().next()).filter(|n| matches!(n.kind(), "string" | "encapsed_string")) else {
            return;
        };
        let Some(content) = named(text_node).into_iter().next().filter(|n| n.kind() == "string_content") else { return };
        let whole = text(content, self.b.text);
        let name = whole.rsplit('\\').next().unwrap_or(whole);
        if name.is_empty() || whole.len() != name.len() {
            return;
        }
        let at = span(content);
        let mut new = NewDefinition::new(name, Kind::Constant, at, span(call));
        new.flags = compass_facts::Flags::STATIC;
        self.b.define_in(compass_facts::ScopeId::FILE, new);
    }

    fn called(&mut self, node: Node<'t>, callee: TypeId) -> TypeId {
        let name = node.child_by_field_name("name").or_else(|| node.child_by_field_name("function")).map(super::names::last);
        let usage = name.and_then(|n| self.b.use_at(span(n).start));
        let args = node.child_by_field_name("arguments").map(|a| self.arguments(a)).unwrap_or_default();
        if let Some(usage) = usage {
            self.b.set_args(usage, args.len());
        }
        if callee == self.b.unknown() { callee } else { self.b.ty(TypeExpr::Call { of: callee, args }) }
    }

    pub(super) fn arguments(&mut self, node: Node<'t>) -> Vec<TypeId> {
        named(node).into_iter().filter(|n| n.kind() != "variadic_placeholder").map(|n| self.expression(n, Role::Pass)).collect()
    }

    fn creation(&mut self, node: Node<'t>) -> TypeId {
        let mut value = self.b.unknown();
        for part in named(node) {
            match part.kind() {
                "name" | "qualified_name" | "relative_name" | "relative_scope" => {
                    let of = self.class_ref(part, Role::Call);
                    value = match self.b.get_ty(of) {
                        TypeExpr::ReceiverType(scope) => {
                            let scope = *scope;
                            self.b.ty(TypeExpr::Receiver(scope))
                        }
                        _ => self.b.ty_instance(of),
                    };
                }
                "arguments" => {
                    self.arguments(part);
                }
                "anonymous_class" => {
                    named(part).into_iter().filter(|n| n.kind() == "arguments").for_each(|a| {
                        self.arguments(a);
                    });
                    let at = compass_facts::Span { start: span(part).start, end: span(part).start };
                    let def = self.b.define(NewDefinition::new("", Kind::Class, at, span(part)));
                    self.type_body(part, def, &super::said::Said::default());
                    let of = self.b.ty(TypeExpr::Def(def));
                    value = self.b.ty_instance(of);
                }
                _ => {
                    self.expression(part, Role::Read);
                }
            }
        }
        value
    }

    fn binary(&mut self, node: Node<'t>) -> TypeId {
        let joined = self.b.joined_texts(node);
        self.b.text_depth += u32::from(joined);
        let ty = self.operation(node);
        self.b.text_depth -= u32::from(joined);
        ty
    }

    fn operation(&mut self, node: Node<'t>) -> TypeId {
        let left = self.part(node, "left");
        let operator = node.child_by_field_name("operator").map_or("", |o| o.kind());
        let right = match node.child_by_field_name("right") {
            Some(right) if operator == "instanceof" && matches!(right.kind(), "name" | "qualified_name" | "relative_name" | "relative_scope") => {
                self.class_ref(right, Role::Type)
            }
            Some(right) => self.expression(right, Role::Read),
            None => self.b.unknown(),
        };
        match operator {
            "??" | "?:" => self.either(left, right),
            "." => self.b.ty(TypeExpr::Literal(Literal::Text)),
            "+" | "-" | "*" | "/" | "%" | "**" => self.b.ty(TypeExpr::Literal(Literal::Number)),
            _ => self.b.ty(TypeExpr::Literal(Literal::Bool)),
        }
    }

    /// One of two values.
    fn either(&mut self, yes: TypeId, no: TypeId) -> TypeId {
        let says = |this: &Self, ty: TypeId| ty != this.b.unknown() && !matches!(this.b.get_ty(ty), TypeExpr::Literal(Literal::Nothing));
        match (says(self, yes), says(self, no)) {
            (true, true) if yes != no => self.b.ty(TypeExpr::Union(vec![yes, no])),
            (true, _) => yes,
            _ => no,
        }
    }

    fn matched(&mut self, node: Node<'t>) -> TypeId {
        let mut result = self.b.unknown();
        self.part(node, "condition");
        for arm in node.child_by_field_name("body").map(named).unwrap_or_default() {
            let value = arm.child_by_field_name("return_expression");
            named(arm).into_iter().filter(|n| value.is_none_or(|v| v.id() != n.id())).for_each(|n| {
                self.expression(n, Role::Read);
            });
            if let Some(value) = value {
                let ty = self.expression(value, Role::Read);
                result = self.either(result, ty);
            }
        }
        result
    }

    /// A function without a name. One with an arrow sees the variables around.
    fn closure(&mut self, node: Node<'t>) -> TypeId {
        self.attributes(node);
        let declared = node.child_by_field_name("return_type").map(|t| self.hint(t)).filter(|t| *t != self.b.unknown());
        // What it takes along from around, by name.
        let taken: Vec<(Node<'t>, TypeId)> = named(node)
            .into_iter()
            .filter(|n| n.kind() == "anonymous_function_use_clause")
            .flat_map(named)
            .map(|n| if n.kind() == "by_ref" { named(n).into_iter().next().unwrap_or(n) } else { n })
            .collect::<Vec<_>>()
            .into_iter()
            .map(|n| (n, self.variable(n, Role::Read)))
            .collect();
        let is_arrow = node.kind() == "arrow_function";
        let outer = self.variables;
        let result = self.in_function(node, None, |r| {
            if is_arrow {
                r.variables = outer;
            }
            for parameter in node.child_by_field_name("parameters").map(named).unwrap_or_default() {
                let Some(name) = parameter.child_by_field_name("name") else { continue };
                let ty = parameter.child_by_field_name("type").map(|t| r.hint(t)).filter(|t| *t != r.b.unknown());
                let mut new = NewDefinition::new(text(name, r.b.text), Kind::Parameter, span(name), span(parameter));
                new.ty = ty;
                r.b.define(new);
                if let Some(value) = parameter.child_by_field_name("default_value") {
                    r.expression(value, Role::Read);
                }
            }
            for (name, ty) in taken {
                let mut new = NewDefinition::new(text(name, r.b.text), Kind::Variable, span(name), span(name));
                new.ty = Some(ty);
                r.b.define(new);
            }
            let value = node.child_by_field_name("body").map(|body| match is_arrow {
                true => r.expression(body, Role::Read),
                false => {
                    r.block(body);
                    r.b.unknown()
                }
            });
            let returned = r.returned.last().copied().flatten();
            value.filter(|v| *v != r.b.unknown()).or(returned).unwrap_or(r.b.unknown())
        });
        let result = declared.unwrap_or(result);
        self.b.ty(TypeExpr::Function { result })
    }
}
