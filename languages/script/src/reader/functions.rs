//! Functions, parameters and variables.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::Place;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, has_child, named, span, text};
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// A definition with the comment before its statement.
    pub(super) fn new_item(&self, node: Node<'t>, name: Node<'t>, kind: Kind) -> NewDefinition<'t> {
        let whole = statement_of(node);
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(whole));
        new.doc = comment_before(whole, self.b.text, |c| c.starts_with("/**"));
        new.flags = Flags::default().with_if(self.exported, Flags::EXPORTED);
        new
    }

    pub(super) fn function(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = self.new_item(node, name, Kind::Function);
        let body = node.child_by_field_name("body");
        new.body = body.map(span);
        new.flags =
            new.flags.with_if(body.is_none(), Flags::BODILESS).with_if(has_child(node, "async"), Flags::ASYNC).with_if(has_child(node, "*"), Flags::GENERATOR);
        let scope = self.b.hoisting_scope();
        let scope = if self.b.scope_kind(self.b.place.scope) == ScopeKind::Block { self.b.place.scope } else { scope };
        let def = self.b.define_in(scope, new);
        self.exported = false;
        self.function_body(node, Some(def));
    }

    /// Parameters, result and body of anything that can be called; gives the type of its result.
    pub(super) fn function_body(&mut self, node: Node<'t>, def: Option<DefId>) -> TypeId {
        let given = self.given.take();
        let wanted = given.filter(|g| g.1 == TypeExpr::WANTED).and_then(|g| self.result_of(g.0));
        let saved = self.b.enter(ScopeKind::Function, span(node), def);
        let receiver = self.receiver;
        let told = self.told.len();
        match node.kind() {
            "arrow_function" | "function_expression" | "generator_function" | "method_definition" => self.keep_what_is_fixed(),
            _ => self.keep_nothing(),
        }
        if node.kind() != "arrow_function" {
            self.receiver = None;
            self.forget("this");
        }
        self.type_parameters(node);
        let documented = self.documented(def);
        self.documented = documented.parameters;
        self.given = given;
        let (required, arity) = match (node.child_by_field_name("parameters"), node.child_by_field_name("parameter")) {
            (Some(parameters), _) => self.parameters(parameters),
            (None, Some(single)) => {
                let said = self.said_of(single);
                let ty = self.given.take().map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: 0, only: true }));
                self.bind(single, said.or(ty), Kind::Parameter);
                self.only_said(single, said);
                (1, 1)
            }
            _ => (0, 0),
        };
        self.given = None;
        self.documented.clear();
        let taken = std::mem::take(&mut self.taken);
        let written = node.child_by_field_name("return_type").map(|t| self.value_type(t));
        let declared = written.or(documented.result);
        self.returns.push(Vec::new());
        self.wanted.push(written.or(wanted));
        let mut value = None;
        if let Some(body) = node.child_by_field_name("body") {
            match body.kind() {
                "statement_block" => self.block(body),
                _ => value = Some(self.returned(body)),
            }
        }
        let returns = self.returns.pop().unwrap_or_default();
        self.wanted.pop();
        self.taken = taken;
        self.receiver = receiver;
        self.told.truncate(told);
        self.b.leave(saved);
        let inferred = match (value, &returns[..]) {
            (Some(v), _) => Some(v).filter(|v| *v != self.b.unknown()),
            (None, []) => None,
            (None, [only]) => Some(*only),
            (None, _) => Some(self.b.ty(TypeExpr::Union(returns))),
        };
        let result = declared.or(inferred);
        if let Some(def) = def {
            let d = self.b.def_mut(def);
            d.ty = result;
            (d.required, d.arity) = (required, arity);
            d.flags = d.flags.with_if(written.is_none() && result.is_some(), Flags::INFERRED);
        }
        result.unwrap_or(self.b.unknown())
    }

    /// What a function type that is written in place gives.
    fn result_of(&self, ty: TypeId) -> Option<TypeId> {
        match self.b.get_ty(ty) {
            TypeExpr::Signature { result, .. } => Some(*result),
            TypeExpr::Instance(of) => self.result_of(*of),
            _ => None,
        }
    }

    /// How many arguments it takes at least and at most.
    pub(super) fn parameters(&mut self, node: Node<'t>) -> (u8, u8) {
        let (mut required, mut arity) = (0u8, 0u8);
        let given = self.given.take();
        let documented = std::mem::take(&mut self.documented);
        let mut types = Vec::new();
        for parameter in named(node) {
            let pattern = match parameter.kind() {
                "required_parameter" | "optional_parameter" => parameter.child_by_field_name("pattern"),
                "decorator" => None,
                _ => Some(parameter),
            };
            for part in named(parameter) {
                if part.kind() == "decorator" {
                    self.expression(part, Role::Read);
                }
            }
            let Some(pattern) = pattern else { continue };
            if pattern.kind() == "this" {
                // No parameter, but its type is named here.
                self.receiver = parameter.child_by_field_name("type").map(|t| self.value_type(t));
                continue;
            }
            let may_miss = parameter.kind() == "optional_parameter" || pattern.kind() == "rest_pattern" || has_child(parameter, "=");
            required = required.saturating_add(u8::from(!may_miss));
            arity = if pattern.kind() == "rest_pattern" { 255 } else { arity.saturating_add(1) };
            let said = said_of(&documented, pattern, self.b.text);
            let declared = parameter.child_by_field_name("type").map(|t| self.value_type(t)).or(said);
            let value = parameter.child_by_field_name("value").map(|v| self.expression(v, Role::Pass));
            let given = given.map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: types.len() as u32, only: false }));
            let ty = declared.or(value).or(given);
            types.push(ty.unwrap_or(self.b.unknown()));
            self.bind(pattern, ty, Kind::Parameter);
            self.only_said(pattern, said);
            if has_child(parameter, "accessibility_modifier") || has_child(parameter, "readonly") {
                self.parameter_property(pattern, parameter, declared);
            }
        }
        self.taken = types;
        (required, arity)
    }

    fn said_of(&self, parameter: Node<'t>) -> Option<TypeId> {
        said_of(&self.documented, parameter, self.b.text)
    }

    /// What a comment says nobody checks: it makes nothing sure.
    fn only_said(&mut self, parameter: Node<'t>, said: Option<TypeId>) {
        let name = parameter_name(parameter).map(|n| text(n, self.b.text));
        if let (Some(_), Some(def)) = (said, name.and_then(|n| self.b.find_in(self.b.place.scope, n))) {
            let def = self.b.def_mut(def);
            def.flags = def.flags.with(Flags::INFERRED);
        }
    }

    /// `constructor(private store: Store)` also defines a field.
    fn parameter_property(&mut self, name: Node<'t>, whole: Node<'t>, ty: Option<TypeId>) {
        if let (Some(class), "identifier") = (self.class, name.kind()) {
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Field, span(name), span(whole));
            new.ty = ty;
            self.b.define_in(class, new);
        }
    }

    pub(super) fn variables(&mut self, node: Node<'t>) {
        let is_var = node.kind() == "variable_declaration";
        let is_const = has_child(node, "const");
        for declarator in named(node) {
            if declarator.kind() == "variable_declarator" {
                self.variable(declarator, node, is_var, is_const);
            }
        }
        self.exported = false;
    }

    fn variable(&mut self, node: Node<'t>, statement: Node<'t>, is_var: bool, is_const: bool) {
        let (name, value) = (node.child_by_field_name("name"), node.child_by_field_name("value"));
        let Some(name) = name else { return };
        if let Some(value) = value
            && self.required(name, value, statement)
        {
            return;
        }
        if let ("identifier", Some("module.exports" | "exports")) = (name.kind(), value.map(|v| text(v, self.b.text))) {
            self.whole = Some(text(name, self.b.text).to_owned());
        }
        let doc = comment_before(statement_of(node), self.b.text, |c| c.starts_with("/**")).filter(|_| !self.declares);
        let written = node.child_by_field_name("type").map(|t| self.value_type(t));
        let declared = written.or_else(|| self.documented_type(doc));
        if name.kind() != "identifier" {
            let ty = declared.or_else(|| value.map(|v| self.expression(v, Role::Read)));
            self.bind(name, ty, if is_const { Kind::Constant } else { Kind::Variable });
            return;
        }
        if let Some(value) = value {
            self.b.kept = Some((value.id(), span(name).start));
        }
        let is_function = value.is_some_and(|v| matches!(v.kind(), "arrow_function" | "function_expression" | "generator_function" | "function"));
        let is_class = value.is_some_and(|v| v.kind() == "class");
        let kind = match (is_function, is_class, is_const) {
            (true, ..) => Kind::Function,
            (_, true, _) => Kind::Class,
            (_, _, true) => Kind::Constant,
            _ => Kind::Variable,
        };
        let mut new = self.new_item(node, name, kind);
        new.ty = declared;
        new.flags = new.flags.with_if(written.is_none(), Flags::INFERRED);
        if is_function || is_class {
            new.body = value.and_then(|v| v.child_by_field_name("body")).map(span);
        }
        let scope = if is_var { self.b.hoisting_scope() } else { self.b.place.scope };
        self.forget(text(name, self.b.text));
        let def = match self.b.find_in(scope, text(name, self.b.text)) {
            Some(known) if is_var && self.b.def_mut(known).kind == Kind::Variable => {
                self.b.add_use(text(name, self.b.text), span(name), Role::Write, compass_facts::Shape::Plain);
                known
            }
            _ => self.b.define_in(scope, new),
        };
        let Some(value) = value else { return };
        self.exported = false;
        if is_function {
            let saved = self.b.place;
            // The type that is written for the name says what the function gets.
            self.given = written.map(|ty| (ty, TypeExpr::WANTED));
            self.function_value(value, def);
            self.b.leave(saved);
        } else if is_class {
            let outside = self.own_name(value, def);
            self.class_members(value, def);
            self.b.leave(outside);
        } else {
            self.wants(value, written);
            let ty = self.object_or_expression(value, def);
            if declared.is_none() {
                self.b.add_type(def, ty);
            }
        }
    }

    /// What is wanted of a value that is read next, where it is an object or what a call gives.
    pub(super) fn wants(&mut self, value: Node<'t>, ty: Option<TypeId>) {
        let Some(ty) = ty.filter(|t| *t != self.b.unknown()) else { return };
        if matches!(value.kind(), "object" | "call_expression") {
            self.wanted_of = Some((value.id(), ty));
        }
    }

    /// What is wanted of this very value.
    pub(super) fn wanted_here(&mut self, value: Node<'t>) -> Option<TypeId> {
        self.wanted_of.take().filter(|w| w.0 == value.id()).map(|w| w.1)
    }

    /// A function or class that is given to a name may have one of its own, which is seen only inside.
    pub(super) fn own_name(&mut self, value: Node<'t>, def: DefId) -> Place {
        let outside = self.b.place;
        let known = self.b.def_mut(def).name;
        if let Some(own) = value.child_by_field_name("name").filter(|n| text(*n, self.b.text) != self.b.name(known)) {
            self.b.enter(ScopeKind::Block, span(value), None);
            let mut new = NewDefinition::new(text(own, self.b.text), Kind::Constant, span(own), span(value));
            new.ty = Some(self.b.ty(TypeExpr::Def(def)));
            self.b.define(new);
        }
        outside
    }

    /// A function assigned to a name is that name's body; a declared function type still gives the result.
    pub(super) fn function_value(&mut self, value: Node<'t>, def: DefId) {
        let declared = self.b.def_mut(def).ty;
        let flags = Flags::default().with_if(has_child(value, "async"), Flags::ASYNC).with_if(has_child(value, "*"), Flags::GENERATOR);
        let outside = self.own_name(value, def);
        self.function_body(value, Some(def));
        self.b.leave(outside);
        let result = declared.map(|of| self.b.ty(TypeExpr::Call { of, args: Vec::new() }));
        let d = self.b.def_mut(def);
        d.flags = d.flags.with(flags);
        if let (None, Some(result)) = (d.ty, result) {
            d.ty = Some(result);
        }
    }

    /// An object literal given to a name opens a scope of members under that name.
    pub(super) fn object_or_expression(&mut self, value: Node<'t>, def: DefId) -> TypeId {
        let inner = match value.kind() {
            "as_expression" | "satisfies_expression" => named(value).into_iter().next().unwrap_or(value),
            _ => value,
        };
        if inner.kind() == "object" {
            self.object(inner, Some(def));
            // The type it is said to have is named there, though its members are its own.
            if inner != value
                && let Some(&said) = named(value).get(1)
            {
                self.value_type(said);
            }
            return self.b.unknown();
        }
        self.expression(value, Role::Read)
    }

    /// Type parameters become definitions of the scope just opened.
    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        for parameter in node.child_by_field_name("type_parameters").map(named).unwrap_or_default() {
            let Some(name) = parameter.child_by_field_name("name") else { continue };
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(parameter));
            new.ty = parameter.child_by_field_name("constraint").and_then(|c| named(c).into_iter().next()).map(|t| self.value_type(t));
            let def = self.b.define(new);
            for default in parameter.child_by_field_name("value").map(named).unwrap_or_default() {
                let default = self.value_type(default);
                self.b.add_default(def, default);
            }
        }
    }
}

/// What the comment before its function says of a parameter, with or without a default.
fn said_of(documented: &[(&str, TypeId)], parameter: Node, source: &str) -> Option<TypeId> {
    let name = text(parameter_name(parameter)?, source);
    documented.iter().find(|d| d.0 == name).map(|d| d.1)
}

/// A parameter without its default or its dots.
fn parameter_name(parameter: Node) -> Option<Node> {
    match parameter.kind() {
        "assignment_pattern" => parameter.child_by_field_name("left"),
        "rest_pattern" => named(parameter).first().copied(),
        _ => Some(parameter),
    }
}

/// The statement a definition stands in, `export` and `declare` included.
pub(super) fn statement_of(node: Node) -> Node {
    let mut at = node;
    while let Some(parent) = at.parent() {
        match parent.kind() {
            "export_statement" | "ambient_declaration" | "lexical_declaration" | "variable_declaration" => at = parent,
            _ => break,
        }
    }
    at
}

/// Where a name without a token of its own is shown.
pub(super) fn start_of(node: Node) -> Span {
    Span::new(node.start_byte(), node.start_byte())
}
