//! Expressions: records the uses in them and says what they evaluate to.

use super::Reader;
use super::classes::{inside_quotes, unquoted};
use super::commonjs::is_function;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::{is_text, last_name};
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{DefId, Flags, Kind, Literal, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Walks an expression; `role` is what is done with its outermost name.
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" | "shorthand_property_identifier" => self.plain_name(node, role),
            "this" => match (self.receiver, self.class) {
                (Some(declared), _) => declared,
                (None, Some(scope)) => self.b.ty(TypeExpr::Receiver(scope)),
                (None, None) => self.this_of_function(),
            },
            "super" => match self.class {
                Some(scope) => self.b.ty(TypeExpr::Super(scope)),
                None => self.b.unknown(),
            },
            "member_expression" => self.member_expression(node, role),
            "subscript_expression" => {
                let of = self.part(node, "object", Role::Read);
                let index = node.child_by_field_name("index");
                index.map(|i| self.expression(i, Role::Read));
                // `racks["a"]` is what `racks.a` is.
                match index.filter(|i| i.kind() == "string").map(|i| unquoted(text(i, self.b.text))) {
                    Some(word) if of != self.b.unknown() && !word.is_empty() => {
                        let parts = vec![self.b.ty_member(of, word), self.b.ty(TypeExpr::Index(of))];
                        self.b.ty(TypeExpr::Union(parts))
                    }
                    _ => self.b.ty_of(of, TypeExpr::Index),
                }
            }
            "call_expression" => self.call(node),
            "new_expression" => self.new_expression(node),
            "assignment_expression" => self.assignment(node),
            "augmented_assignment_expression" => {
                self.part(node, "left", Role::Write);
                let right = self.part(node, "right", Role::Read);
                if let Some(left) = node.child_by_field_name("left") {
                    self.written(left);
                }
                right
            }
            "update_expression" => self.part(node, "argument", Role::Write),
            "arrow_function" | "function_expression" | "generator_function" | "function" => self.function_expression(node),
            "class" => {
                let def = self.named_or_unnamed_class(node);
                self.b.ty(TypeExpr::Def(def))
            }
            "object" => self.object(node, None),
            "array" => self.array(node),
            "await_expression" => {
                let ty = self.first(node, Role::Read);
                self.b.ty_of(ty, TypeExpr::Await)
            }
            "as_expression" | "satisfies_expression" | "type_assertion" => self.cast(node),
            "non_null_expression" | "parenthesized_expression" => self.first(node, role),
            "ternary_expression" => {
                self.part(node, "condition", Role::Read);
                let told = self.told.len();
                self.tell_apart(node.child_by_field_name("condition"), true);
                let yes = self.part(node, "consequence", Role::Read);
                self.told.truncate(told);
                self.tell_apart(node.child_by_field_name("condition"), false);
                let no = self.part(node, "alternative", Role::Read);
                self.told.truncate(told);
                self.either(yes, no)
            }
            "binary_expression" => self.binary(node),
            "sequence_expression" => named(node).into_iter().map(|n| self.expression(n, Role::Read)).last().unwrap_or(self.b.unknown()),
            "undefined" if self.b.find_in(compass_facts::ScopeId::FILE, "undefined").is_some() => {
                self.b.add_use("undefined", span(node), role, Shape::Plain);
                self.b.ty_name("undefined", span(node))
            }
            "string" | "template_string" | "number" | "true" | "false" | "null" | "undefined" | "regex" => self.literal(node),
            "instantiation_expression" => self.instantiation(node, role),
            "jsx_element" | "jsx_self_closing_element" | "jsx_opening_element" | "jsx_closing_element" => self.markup(node),
            "jsx_attribute" => {
                for part in named(node).into_iter().filter(|n| n.kind() != "property_identifier") {
                    self.expression(part, Role::Pass);
                }
                self.b.unknown()
            }
            "jsx_expression" => self.first(node, Role::Pass),
            "nested_identifier" => self.type_ref(node),
            "type_arguments" => {
                self.type_arguments(node);
                self.b.unknown()
            }
            "decorator" => {
                let told = self.first(node, Role::Call);
                if let Some(&inner) = named(node).first() {
                    let called = inner.child_by_field_name("function").unwrap_or(inner);
                    let name = called.child_by_field_name("property").unwrap_or(called);
                    self.b.note_mark(span(name).start);
                    let arguments = inner.child_by_field_name("arguments").map(named).unwrap_or_default();
                    self.b.mark_signal(name, &arguments, span(node));
                }
                told
            }
            "statement_block"
            | "class_declaration"
            | "function_declaration"
            | "lexical_declaration"
            | "variable_declaration"
            | "expression_statement"
            | "if_statement"
            | "return_statement"
            | "ERROR" => {
                self.statement(node);
                self.b.unknown()
            }
            "property_identifier"
            | "string_fragment"
            | "escape_sequence"
            | "jsx_text"
            | "html_character_reference"
            | "regex_pattern"
            | "statement_identifier" => self.b.unknown(),
            _ => {
                self.all(node);
                self.b.unknown()
            }
        }
    }

    fn plain_name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (name, at) = (text(node, self.b.text), span(node));
        // Values of an enum see what stands in it.
        if let Some(owner) = self.enumeration.filter(|e| self.b.find_in(e.0, name).is_some()) {
            let of = self.b.ty(TypeExpr::Def(owner.1));
            self.b.add_use(name, at, role, Shape::Member(of));
            return self.b.ty_member(of, name);
        }
        self.b.add_use(name, at, role, Shape::Plain);
        self.told_of(node).unwrap_or_else(|| self.b.ty_name(name, at))
    }

    fn literal(&mut self, node: Node<'t>) -> TypeId {
        let literal = match node.kind() {
            "number" => Literal::Number,
            "true" | "false" => Literal::Bool,
            "null" | "undefined" => Literal::Nothing,
            "regex" => Literal::Regex,
            _ => {
                self.text(node);
                Literal::Text
            }
        };
        self.b.ty(TypeExpr::Literal(literal))
    }

    /// A list has the type of its first part whose type can be told.
    fn array(&mut self, node: Node<'t>) -> TypeId {
        let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
        let first = parts.iter().copied().find(|t| *t != self.b.unknown()).unwrap_or(self.b.unknown());
        self.b.ty(TypeExpr::List(first))
    }

    fn binary(&mut self, node: Node<'t>) -> TypeId {
        if is_text(node) {
            self.text(node);
            return self.b.ty(TypeExpr::Literal(Literal::Text));
        }
        let left = self.part(node, "left", Role::Read);
        let operator = node.child_by_field_name("operator").map_or("", |o| o.kind());
        let told = self.told.len();
        if matches!(operator, "&&" | "||") {
            self.tell_apart(node.child_by_field_name("left"), operator == "&&");
        }
        let right = self.part(node, "right", Role::Read);
        self.told.truncate(told);
        match operator {
            "||" | "??" => self.either(left, right),
            "&&" => right,
            _ => self.b.unknown(),
        }
    }

    /// `f<T>`, not called.
    fn instantiation(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let ty = self.part(node, "function", role);
        let ty = if ty == self.b.unknown() { self.first(node, role) } else { ty };
        for arguments in named(node).into_iter().filter(|n| n.kind() == "type_arguments") {
            self.type_arguments(arguments);
        }
        ty
    }

    /// A text; its parts are not looked at as texts of their own.
    fn text(&mut self, node: Node<'t>) {
        let bound = self.b.kept_as(node.id());
        self.b.text_signal(node, bound);
        self.b.text_depth += 1;
        self.all(node);
        self.b.text_depth -= 1;
    }

    fn all(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.expression(child, Role::Read);
        }
    }

    fn first(&mut self, node: Node<'t>, role: Role) -> TypeId {
        named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, role))
    }

    fn part(&mut self, node: Node<'t>, field: &str, role: Role) -> TypeId {
        node.child_by_field_name(field).map_or(self.b.unknown(), |n| self.expression(n, role))
    }

    fn either(&mut self, a: TypeId, b: TypeId) -> TypeId {
        match (a == self.b.unknown(), b == self.b.unknown()) {
            (true, _) => b,
            (_, true) => a,
            _ => self.b.ty(TypeExpr::Union(vec![a, b])),
        }
    }

    /// `this` outside any class: a value of the function around, as constructor functions make them.
    fn this_of_function(&mut self) -> TypeId {
        let function = self.b.find_scope(ScopeKind::Function).and_then(|s| self.b.scope_owner(s));
        match function {
            Some(def) => {
                let of = self.b.ty(TypeExpr::Def(def));
                self.b.ty_instance(of)
            }
            None => self.b.unknown(),
        }
    }

    fn member_expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        if let Some(ty) = self.own_export(node, role) {
            return ty;
        }
        let of = self.part(node, "object", Role::Read);
        let Some(property) = node.child_by_field_name("property") else { return self.b.unknown() };
        let name = text(property, self.b.text);
        self.b.add_use(name, span(property), role, Shape::Member(of));
        self.told_of(node).unwrap_or_else(|| self.b.ty_member(of, name))
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let wanted = self.wanted_here(node);
        if let Some(module) = self.required_module(node) {
            let module = module.to_owned();
            let binding = super::imports::Binding {
                kind: compass_facts::ImportKind::Name,
                name: Some("="),
                bound: None,
                at: span(node),
                whole: span(node),
                reexport: false,
            };
            let id = self.required_binding(&module, binding);
            return self.b.ty(TypeExpr::Import(id));
        }
        let Some(mut function) = node.child_by_field_name("function") else { return self.b.unknown() };
        // The grammar takes `await load<Rack> ()` for a call of what `await load` gives.
        let waits = function.kind() == "await_expression" && node.child_by_field_name("type_arguments").is_some();
        if let Some(called) = named(function).first().copied().filter(|_| waits) {
            function = called;
        }
        if function.kind() == "import" {
            return self.import_call(node);
        }
        if text(function, self.b.text) == "require" && node.child_by_field_name("arguments").is_some_and(|a| named(a).len() == 1) {
            self.b.import_at_run_time(span(node));
        }
        let bound = self.b.kept_as(node.id());
        self.b.call_signal(function, node.child_by_field_name("arguments"), span(node), None, bound);
        let callee = self.expression(function, Role::Call);
        let used = self.b.last_use();
        let callee = match (node.child_by_field_name("type_arguments"), wanted) {
            (Some(arguments), _) => {
                let args = self.type_arguments(arguments);
                self.b.ty_of(callee, |of| TypeExpr::Generic { of, args })
            }
            (None, Some(ty)) => self.b.ty_of(callee, |of| TypeExpr::Expected { of, ty }),
            (None, None) => callee,
        };
        let args = self.arguments(node.child_by_field_name("arguments"), callee);
        if let Some(used) = used.filter(|_| matches!(function.kind(), "identifier" | "member_expression")) {
            self.b.set_args(used, args.len());
        }
        let result = self.b.ty_of(callee, |of| TypeExpr::Call { of, args });
        if waits { self.b.ty_of(result, TypeExpr::Await) } else { result }
    }

    fn arguments(&mut self, node: Option<Node<'t>>, callee: TypeId) -> Vec<TypeId> {
        let mut types = Vec::new();
        for (i, argument) in node.map(named).unwrap_or_default().into_iter().enumerate() {
            let is_known = callee != self.b.unknown();
            self.given = if is_function(argument) && is_known { Some((callee, i as u32)) } else { None };
            if argument.kind() == "object" && is_known {
                let wanted = TypeExpr::Given { by: callee, argument: i as u32, parameter: TypeExpr::ITSELF, only: false };
                self.wanted_of = Some((argument.id(), self.b.ty(wanted)));
            }
            types.push(self.expression(argument, Role::Pass));
            self.given = None;
        }
        types
    }

    fn new_expression(&mut self, node: Node<'t>) -> TypeId {
        let of = self.part(node, "constructor", Role::Call);
        let of = match node.child_by_field_name("type_arguments") {
            Some(arguments) => {
                let args = self.type_arguments(arguments);
                self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
            }
            None => of,
        };
        self.arguments(node.child_by_field_name("arguments"), of);
        self.b.ty_instance(of)
    }

    fn assignment(&mut self, node: Node<'t>) -> TypeId {
        let (Some(left), Some(right)) = (node.child_by_field_name("left"), node.child_by_field_name("right")) else {
            return self.b.unknown();
        };
        if right.kind() == "assignment_expression" {
            let (mut lefts, mut value) = (vec![left], right);
            while let ("assignment_expression", Some(l), Some(r)) = (value.kind(), value.child_by_field_name("left"), value.child_by_field_name("right")) {
                lefts.push(l);
                value = r;
            }
            let ty = self.chained_assignment(&lefts, value, node);
            lefts.into_iter().for_each(|left| self.written(left));
            return ty;
        }
        if self.defining_assignment(left, right, node) {
            self.written(left);
            return self.b.unknown();
        }
        if let Some(name) = last_name(left) {
            self.b.kept = Some((right.id(), span(name).start));
        }
        let ty = self.expression(right, Role::Read);
        self.written(left);
        match left.kind() {
            "object_pattern" | "array_pattern" => self.assign_pattern(left),
            "identifier" => {
                self.expression(left, Role::Write);
                let scope = self.b.hoisting_scope();
                let name = text(left, self.b.text);
                let known = self.b.find_in(self.b.place.scope, name).or_else(|| self.b.find_in(scope, name));
                if let Some(def) = known
                    && self.b.def_mut(def).kind == Kind::Variable
                    && self.b.def_mut(def).flags.has(Flags::INFERRED)
                {
                    self.b.add_type(def, ty);
                }
            }
            _ => {
                self.expression(left, Role::Write);
            }
        }
        ty
    }

    /// `[a, b] = …`, `({ a } = …)`: known names are written.
    fn assign_pattern(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "shorthand_property_identifier_pattern" | "identifier" => {
                    let (name, at) = (text(part, self.b.text), span(part));
                    self.b.add_use(name, at, Role::Write, Shape::Plain);
                }
                "pair_pattern" => {
                    self.part(part, "value", Role::Write);
                }
                "object_pattern" | "array_pattern" => self.assign_pattern(part),
                _ => {
                    self.expression(part, Role::Write);
                }
            }
        }
    }

    /// A function in an expression; its own name is seen only inside.
    fn function_expression(&mut self, node: Node<'t>) -> TypeId {
        let own = node.child_by_field_name("name");
        let Some(own) = own else {
            let result = self.function_body(node, None);
            return self.b.ty(TypeExpr::Function { result });
        };
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let mut new = NewDefinition::new(text(own, self.b.text), Kind::Function, span(own), span(node));
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.function_body(node, Some(def));
        self.b.leave(saved);
        self.b.ty(TypeExpr::Def(def))
    }

    fn named_or_unnamed_class(&mut self, node: Node<'t>) -> DefId {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let (name, at) = match node.child_by_field_name("name") {
            Some(n) => (text(n, self.b.text), span(n)),
            None => ("", super::functions::start_of(node)),
        };
        let mut new = NewDefinition::new(name, Kind::Class, at, span(node));
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.class_members(node, def);
        self.b.leave(saved);
        def
    }

    fn cast(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let is_prefix = node.kind() == "type_assertion";
        let (value, ty) = match (&parts[..], is_prefix) {
            ([ty, value, ..], true) => (Some(*value), Some(*ty)),
            ([value, ty, ..], false) => (Some(*value), Some(*ty)),
            ([value], _) => (Some(*value), None),
            _ => (None, None),
        };
        let inner = value.map_or(self.b.unknown(), |v| self.expression(v, Role::Read));
        let Some(ty) = ty else { return inner };
        let cast = if ty.kind() == "type_arguments" { self.type_arguments(ty).first().copied() } else { Some(self.value_type(ty)) };
        match cast {
            Some(t) if t != self.b.unknown() && node.kind() != "satisfies_expression" => t,
            _ => inner,
        }
    }

    /// An object literal. With `def`, its members hang on that definition; otherwise on an unnamed one.
    pub(super) fn object(&mut self, node: Node<'t>, def: Option<DefId>) -> TypeId {
        let is_plain = def.is_none();
        let def = def.unwrap_or_else(|| {
            let new = NewDefinition::new("", Kind::Alias, super::functions::start_of(node), span(node));
            self.b.define(new)
        });
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.b.place.container = saved.container;
        let scope = self.b.place.scope;
        self.object_members_in(node, scope, Some(def));
        self.b.leave(saved);
        let of = self.b.ty(TypeExpr::Def(def));
        if is_plain { self.b.ty_instance(of) } else { of }
    }

    pub(super) fn object_members(&mut self, node: Node<'t>) {
        let scope = self.b.place.scope;
        self.object_members_in(node, scope, None);
    }

    fn object_members_in(&mut self, node: Node<'t>, scope: compass_facts::ScopeId, def: Option<DefId>) {
        let passes_on = std::mem::take(&mut self.passes_on);
        let wanted = self.wanted_here(node);
        for part in named(node) {
            match part.kind() {
                "pair" => self.pair(part, scope, wanted),
                "method_definition" => {
                    let saved = self.class.replace(scope);
                    self.given = self.wanted_member(wanted, part.child_by_field_name("name")).map(|ty| (ty, TypeExpr::WANTED));
                    self.method(part);
                    self.given = None;
                    self.class = saved;
                }
                "shorthand_property_identifier" => {
                    let ty = self.expression(part, Role::Pass);
                    if passes_on {
                        continue;
                    }
                    let mut new = NewDefinition::new(text(part, self.b.text), Kind::Field, span(part), span(part));
                    new.ty = Some(ty);
                    new.flags = Flags::INFERRED;
                    self.b.define_in(scope, new);
                }
                // What is spread out has its members here, too.
                "spread_element" => {
                    let of = self.first(part, Role::Read);
                    if of != self.b.unknown()
                        && let Some(def) = def
                    {
                        self.b.add_base(def, of);
                    }
                }
                _ => {
                    self.expression(part, Role::Read);
                }
            }
        }
    }

    /// What is wanted of a member of an object of which something is wanted.
    fn wanted_member(&mut self, wanted: Option<TypeId>, key: Option<Node<'t>>) -> Option<TypeId> {
        let key = key.filter(|k| k.kind() != "computed_property_name")?;
        Some(self.b.ty_member(wanted?, unquoted(text(key, self.b.text)))).filter(|t| *t != self.b.unknown())
    }

    fn pair(&mut self, node: Node<'t>, scope: compass_facts::ScopeId, wanted: Option<TypeId>) {
        let (Some(key), value) = (node.child_by_field_name("key"), node.child_by_field_name("value")) else { return };
        if key.kind() == "computed_property_name" {
            self.expression(key, Role::Read);
            if let Some(value) = value {
                self.expression(value, Role::Pass);
            }
            return;
        }
        let name = unquoted(text(key, self.b.text));
        let kind = if value.is_some_and(is_function) { Kind::Method } else { Kind::Field };
        let mut new = NewDefinition::new(name, kind, inside_quotes(key, self.b.text), span(node));
        new.flags = Flags::INFERRED;
        new.body = value.filter(|_| kind == Kind::Method).and_then(|v| v.child_by_field_name("body")).map(span);
        let def = self.b.define_in(scope, new);
        let Some(value) = value else { return };
        let wanted = self.wanted_member(wanted, Some(key));
        if kind == Kind::Method {
            let saved = self.b.place;
            self.given = wanted.map(|ty| (ty, TypeExpr::WANTED));
            let saved_class = if value.kind() == "arrow_function" { self.class } else { self.class.replace(scope) };
            self.function_value(value, def);
            self.given = None;
            self.class = saved_class;
            self.b.leave(saved);
        } else {
            self.wants(value, wanted);
            let ty = self.object_or_expression(value, def);
            self.b.add_type(def, ty);
        }
    }

    /// Markup: a component is called, a plain element is not ours.
    fn markup(&mut self, node: Node<'t>) -> TypeId {
        for part in named(node) {
            match part.kind() {
                "identifier" => {
                    let (name, at) = (text(part, self.b.text), span(part));
                    if name.starts_with(|c: char| c.is_ascii_uppercase()) {
                        let role = if node.kind() == "jsx_closing_element" { Role::Ref } else { Role::Call };
                        self.b.add_use(name, at, role, Shape::Plain);
                    }
                }
                "member_expression" | "nested_identifier" => {
                    self.expression(part, Role::Call);
                }
                _ => {
                    self.expression(part, Role::Read);
                }
            }
        }
        self.b.unknown()
    }
}
