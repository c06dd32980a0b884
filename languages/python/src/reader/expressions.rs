//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::signals::{is_text, is_text_list, last_name};
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, named, span, text};
use compass_facts::{Literal, Role, ScopeId, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" => self.plain_name(node, role),
            "attribute" => self.attribute(node, role),
            "call" => self.call(node),
            "assignment" => self.assignment(node),
            "augmented_assignment" => {
                self.each_field(node, &[("left", Role::Write), ("right", Role::Read)]);
                self.b.unknown()
            }
            "named_expression" => self.named_expression(node),
            "lambda" => self.lambda(node),
            "list_comprehension" | "set_comprehension" | "generator_expression" => {
                let ty = self.comprehension(node);
                self.b.ty_of(ty, TypeExpr::List)
            }
            "dictionary_comprehension" => {
                let ty = self.comprehension(node);
                self.b.ty_of(ty, TypeExpr::Map)
            }
            "subscript" => self.subscript(node, role),
            "await" => {
                let ty = self.first(node, Role::Read);
                self.b.ty_of(ty, TypeExpr::Await)
            }
            "yield" => self.yielded(node),
            "string" | "concatenated_string" | "integer" | "float" | "true" | "false" | "none" => self.literal(node),
            "binary_operator" if is_text(node) => {
                self.text(node);
                self.b.unknown()
            }
            "list" | "tuple" if is_text_list(node) => {
                self.text(node);
                let text = self.b.ty(TypeExpr::Literal(Literal::Text));
                self.b.ty(TypeExpr::List(text))
            }
            "list" | "set" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
                let first = parts.iter().copied().find(|t| *t != self.b.unknown()).unwrap_or(self.b.unknown());
                self.b.ty(TypeExpr::List(first))
            }
            "tuple" | "expression_list" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
                self.b.ty(TypeExpr::Tuple(parts))
            }
            "dictionary" => self.dictionary(node),
            "parenthesized_expression" => self.first(node, role),
            "conditional_expression" | "boolean_operator" => self.either(node),
            "keyword_argument" => self.keyword(node, None),
            "as_pattern" => self.as_pattern(node),
            "type" => self.annotation(node),
            "expression_statement" => {
                self.all(node, Role::Read);
                self.b.unknown()
            }
            "function_definition"
            | "class_definition"
            | "block"
            | "if_statement"
            | "for_statement"
            | "decorated_definition"
            | "ERROR"
            | "import_from_statement"
            | "import_statement" => {
                self.statement(node);
                self.b.unknown()
            }
            "escape_sequence" | "string_start" | "string_end" | "ellipsis" | "type_conversion" => self.b.unknown(),
            _ => {
                self.all(node, Role::Read);
                self.b.unknown()
            }
        }
    }

    fn plain_name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (name, at) = (text(node, self.b.text), span(node));
        let inside = self.b.place.scope;
        if self.unbound == Some(name) {
            self.b.place.scope = self.scope_around_classes(inside);
        }
        self.b.add_use(name, at, role, Shape::Plain);
        let ty = self.b.ty_name(name, at);
        self.b.place.scope = inside;
        ty
    }

    /// `name := value`.
    fn named_expression(&mut self, node: Node<'t>) -> TypeId {
        let ty = node.child_by_field_name("value").map(|v| self.expression(v, Role::Read));
        if let Some(name) = node.child_by_field_name("name") {
            self.bind_pattern(name, ty);
        }
        ty.unwrap_or(self.b.unknown())
    }

    fn literal(&mut self, node: Node<'t>) -> TypeId {
        let literal = match node.kind() {
            "integer" | "float" => Literal::Number,
            "true" | "false" => Literal::Bool,
            "none" => Literal::Nothing,
            _ => {
                self.text(node);
                Literal::Text
            }
        };
        self.b.ty(TypeExpr::Literal(literal))
    }

    /// A text; its parts are not looked at as texts of their own.
    fn text(&mut self, node: Node<'t>) {
        let bound = self.b.kept_as(node.id());
        self.b.text_signal(node, bound);
        self.b.text_depth += 1;
        self.all(node, Role::Read);
        self.b.text_depth -= 1;
    }

    fn first(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match named(node).first() {
            Some(inner) => self.expression(*inner, role),
            None => self.b.unknown(),
        }
    }

    fn all(&mut self, node: Node<'t>, role: Role) {
        for child in named(node) {
            self.expression(child, role);
        }
    }

    fn each_field(&mut self, node: Node<'t>, fields: &[(&str, Role)]) {
        for (field, role) in fields {
            if let Some(part) = node.child_by_field_name(field) {
                self.expression(part, *role);
            }
        }
    }

    fn attribute(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (Some(object), Some(attribute)) = (node.child_by_field_name("object"), node.child_by_field_name("attribute")) else {
            self.all(node, Role::Read);
            return self.b.unknown();
        };
        let of = self.expression(object, Role::Read);
        let name = text(attribute, self.b.text);
        self.b.add_use(name, span(attribute), role, Shape::Member(of));
        self.b.ty_member(of, name)
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let Some(function) = node.child_by_field_name("function") else {
            self.all(node, Role::Read);
            return self.b.unknown();
        };
        if text(function, self.b.text) == "super"
            && let Some(class) = self.class
        {
            let at = span(function);
            self.b.add_use("super", at, Role::Call, Shape::Plain);
            if let Some(arguments) = node.child_by_field_name("arguments") {
                self.arguments(arguments, None);
            }
            return self.b.ty(TypeExpr::Super(class));
        }
        if self.decorator != Some(node.id()) {
            let bound = self.b.kept_as(node.id());
            self.b.call_signal(function, node.child_by_field_name("arguments"), span(node), None, bound);
        }
        let callee = self.expression(function, Role::Call);
        let used = self.b.last_use();
        let args = match node.child_by_field_name("arguments") {
            Some(arguments) => self.arguments(arguments, Some(callee)),
            None => Vec::new(),
        };
        if let Some(used) = used {
            self.b.set_args(used, args.len());
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    fn arguments(&mut self, node: Node<'t>, callee: Option<TypeId>) -> Vec<TypeId> {
        if node.kind() != "argument_list" {
            return vec![self.expression(node, Role::Read)];
        }
        let mut types = Vec::new();
        for argument in named(node) {
            types.push(if argument.kind() == "keyword_argument" { self.keyword(argument, callee) } else { self.expression(argument, Role::Pass) });
        }
        types
    }

    /// `name=value` in a call: the name is a key of the callee.
    fn keyword(&mut self, node: Node<'t>, callee: Option<TypeId>) -> TypeId {
        if let (Some(name), Some(callee)) = (node.child_by_field_name("name"), callee) {
            self.b.add_use(text(name, self.b.text), span(name), Role::Write, Shape::Key(callee));
        }
        match node.child_by_field_name("value") {
            Some(value) => self.expression(value, Role::Pass),
            None => self.b.unknown(),
        }
    }

    fn assignment(&mut self, node: Node<'t>) -> TypeId {
        if let (Some(name), Some(right)) = (node.child_by_field_name("left").and_then(last_name), node.child_by_field_name("right")) {
            self.b.kept = Some((right.id(), span(name).start));
        }
        let before = self.unbound.take();
        self.unbound = self.first_bound_in_class(node);
        let value = node.child_by_field_name("right").map(|r| self.expression(r, Role::Read));
        self.unbound = before;
        let declared = node.child_by_field_name("type").map(|t| self.annotation(t));
        let ty = declared.or(value);
        if let Some(left) = node.child_by_field_name("left") {
            match left.kind() {
                "identifier" => {
                    let name = text(left, self.b.text);
                    if name == "__all__" {
                        self.exported_names(node);
                    }
                    self.bind_name(name, span(left), span(node), ty, declared.is_some());
                }
                "attribute" => self.bind_attribute(left, ty, declared.is_some()),
                _ => self.bind_pattern(left, ty),
            }
        }
        ty.unwrap_or(self.b.unknown())
    }

    /// The name that an assignment binds, where it is the first in a class body to do so: its value still sees the name outside
    /// (`widgets = {"day": widgets.Day()}`).
    fn first_bound_in_class(&self, node: Node<'t>) -> Option<&'t str> {
        let scope = self.b.place.scope;
        let left = node.child_by_field_name("left").filter(|l| l.kind() == "identifier")?;
        let name = text(left, self.b.text);
        (self.b.scope_kind(scope) == ScopeKind::Type && self.b.find_in(scope, name).is_none() && !self.b.imports_in(scope, name)).then_some(name)
    }

    fn scope_around_classes(&self, scope: ScopeId) -> ScopeId {
        let mut at = scope;
        while self.b.scope_kind(at) == ScopeKind::Type
            && let Some(parent) = self.b.scope_parent(at)
        {
            at = parent;
        }
        at
    }

    /// `__all__ = ["a", "b"]`: each string names something of this module.
    fn exported_names(&mut self, node: Node<'t>) {
        let Some(list) = node.child_by_field_name("right") else { return };
        for item in named(list) {
            if let Some(content) = find_child(item, "string_content") {
                let (name, at) = (text(content, self.b.text), span(content));
                let ty = self.b.ty_name(name, at);
                self.b.add_use(name, at, Role::Ref, Shape::Plain);
                self.b.add_export(name, ty, at);
            }
        }
    }

    fn lambda(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        if let Some(parameters) = node.child_by_field_name("parameters") {
            self.parameters(parameters, None);
        }
        let result = node.child_by_field_name("body").map_or(self.b.unknown(), |b| self.expression(b, Role::Read));
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result })
    }

    /// The clauses bind first, then the body is read in their scope.
    fn comprehension(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        for clause in named(node) {
            match clause.kind() {
                "for_in_clause" => self.for_in_clause(clause),
                "if_clause" => self.all(clause, Role::Read),
                _ => {}
            }
        }
        let ty = match node.child_by_field_name("body") {
            Some(body) if body.kind() == "pair" => {
                self.each_field(body, &[("key", Role::Read)]);
                body.child_by_field_name("value").map_or(self.b.unknown(), |v| self.expression(v, Role::Read))
            }
            Some(body) => self.expression(body, Role::Read),
            None => self.b.unknown(),
        };
        self.b.leave(saved);
        ty
    }

    fn for_in_clause(&mut self, node: Node<'t>) {
        let sources: Vec<Node> = node.children_by_field_name("right").collect();
        let mut ty = None;
        for source in sources {
            ty = Some(self.expression(source, Role::Read));
        }
        let element = ty.map(|t| self.b.ty_of(t, TypeExpr::Element));
        if let Some(left) = node.child_by_field_name("left") {
            self.bind_pattern(left, element);
        }
    }

    /// `of[key]`; as the base of a class both are types.
    fn subscript(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let inner = if role == Role::Type { Role::Type } else { Role::Read };
        let of = node.child_by_field_name("value").map_or(self.b.unknown(), |v| self.expression(v, inner));
        let keys: Vec<Node> = node.children_by_field_name("subscript").collect();
        let is_slice = keys.iter().any(|k| k.kind() == "slice");
        for key in keys {
            self.expression(key, inner);
        }
        if is_slice { of } else { self.b.ty_of(of, TypeExpr::Index) }
    }

    fn yielded(&mut self, node: Node<'t>) -> TypeId {
        let ty = self.first(node, Role::Read);
        let is_from = find_child(node, "from").is_some();
        let ty = if is_from { self.b.ty_of(ty, TypeExpr::Element) } else { ty };
        if let Some(returns) = self.returns.last_mut() {
            returns.yields.push(ty);
        }
        self.b.unknown()
    }

    fn dictionary(&mut self, node: Node<'t>) -> TypeId {
        let mut value = self.b.unknown();
        for pair in named(node) {
            if pair.kind() != "pair" {
                self.expression(pair, Role::Read);
                continue;
            }
            self.each_field(pair, &[("key", Role::Read)]);
            if let Some(v) = pair.child_by_field_name("value") {
                let ty = self.expression(v, Role::Read);
                if value == self.b.unknown() {
                    value = ty;
                }
            }
        }
        self.b.ty(TypeExpr::Map(value))
    }

    /// `a if c else b`, `a or b`: any of the outcomes.
    fn either(&mut self, node: Node<'t>) -> TypeId {
        let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
        let outcomes: Vec<TypeId> = match (node.kind(), &parts[..]) {
            ("conditional_expression", [yes, _, no]) => vec![*yes, *no],
            _ => parts,
        };
        let known: Vec<TypeId> = outcomes.into_iter().filter(|t| *t != self.b.unknown()).collect();
        match known.len() {
            0 => self.b.unknown(),
            1 => known[0],
            _ => self.b.ty(TypeExpr::Union(known)),
        }
    }

    /// `open(x) as f`, `SomeError as e`.
    fn as_pattern(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let Some(value) = parts.first() else { return self.b.unknown() };
        let is_except = node.parent().is_some_and(|p| p.kind().starts_with("except"));
        let ty = self.expression(*value, if is_except { Role::Type } else { Role::Read });
        let ty = if is_except { self.b.ty_instance(ty) } else { self.entered(ty) };
        if let Some(alias) = node.child_by_field_name("alias") {
            self.bind_pattern(alias, Some(ty));
        }
        ty
    }

    /// What `with` binds: the result of `__enter__`, which is the value itself where that is not known.
    fn entered(&mut self, ty: TypeId) -> TypeId {
        let enter = self.b.ty_member(ty, "__enter__");
        let result = self.b.ty_of(enter, |of| TypeExpr::Call { of, args: Vec::new() });
        let element = self.b.ty_of(ty, TypeExpr::Element);
        if ty == self.b.unknown() { ty } else { self.b.ty(TypeExpr::Union(vec![result, element, ty])) }
    }

    /// Patterns of `match`: capture names bind, dotted names and classes are used.
    pub(super) fn pattern(&mut self, node: Node<'t>) {
        match node.kind() {
            "identifier" => self.bind_name(text(node, self.b.text), span(node), span(node), None, false),
            "dotted_name" => {
                let parts = named(node);
                if let [only] = parts[..] {
                    let in_class = node.parent().is_some_and(|p| p.kind() == "class_pattern");
                    if in_class {
                        self.expression(only, Role::Type);
                    } else if text(only, self.b.text) != "_" {
                        self.pattern(only);
                    }
                    return;
                }
                let mut ty = None;
                for part in parts {
                    let (name, at) = (text(part, self.b.text), span(part));
                    let shape = ty.map_or(Shape::Plain, Shape::Member);
                    self.b.add_use(name, at, Role::Read, shape);
                    ty = Some(match ty {
                        None => self.b.ty_name(name, at),
                        Some(of) => self.b.ty_member(of, name),
                    });
                }
            }
            "keyword_pattern" => {
                for part in named(node).into_iter().skip(1) {
                    self.pattern(part);
                }
            }
            "string" | "integer" | "float" | "true" | "false" | "none" => {}
            _ => {
                for part in named(node) {
                    self.pattern(part);
                }
            }
        }
    }
}
