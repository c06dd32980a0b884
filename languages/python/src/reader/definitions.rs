//! Functions, classes, parameters and the binding of names by assignment.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, has_child, named, span, text};
use compass_facts::{DefId, Flags, Kind, Literal, Role, ScopeId, ScopeKind, Shape, Span, TypeExpr, TypeId};

/// What a function was seen to give back.
#[derive(Default)]
pub(super) struct Returns {
    pub(super) types: Vec<TypeId>,
    pub(super) yields: Vec<TypeId>,
    /// Names that a `global` or `nonlocal` statement says stand further out.
    pub(super) outer: Vec<String>,
}

impl<'t> Reader<'t> {
    /// A definition behind decorators.
    pub(super) fn decorated(&mut self, node: Node<'t>) {
        let mut words = Vec::new();
        let mut decorators = Vec::new();
        for child in named(node) {
            match child.kind() {
                "decorator" => {
                    let inner = named(child);
                    if let Some(&e) = inner.first() {
                        words.push(text(e, self.b.text));
                        let role = if e.kind() == "call" { Role::Read } else { Role::Call };
                        self.decorator = Some(e.id());
                        self.expression(e, role);
                        let called = e.child_by_field_name("function").unwrap_or(e);
                        self.b.note_mark(span(called.child_by_field_name("attribute").unwrap_or(called)).start);
                        decorators.push(e);
                    }
                }
                "function_definition" => {
                    let def = self.function(child, node, &words);
                    self.decorator_signals(&decorators, def);
                }
                "class_definition" => {
                    let def = self.class(child, node);
                    self.decorator_signals(&decorators, def);
                }
                _ => self.statement(child),
            }
        }
    }

    fn decorator_signals(&mut self, decorators: &[Node<'t>], def: Option<DefId>) {
        for decorator in decorators.iter().filter(|d| d.kind() == "call") {
            if let Some(function) = decorator.child_by_field_name("function") {
                self.b.call_signal(function, decorator.child_by_field_name("arguments"), span(*decorator), def, None);
            }
        }
    }

    /// A function or method.
    pub(super) fn function(&mut self, node: Node<'t>, whole: Node<'t>, decorators: &[&str]) -> Option<DefId> {
        let name = node.child_by_field_name("name")?;
        let in_class = self.b.scope_kind(self.b.place.scope) == ScopeKind::Type;
        let has = |w: &str| decorators.iter().any(|d| *d == w || d.ends_with(&format!(".{w}")));
        let is_property = decorators.iter().any(|d| d.ends_with("property") || d.ends_with(".setter") || d.ends_with(".getter"));
        let body = node.child_by_field_name("body");
        let word = text(name, self.b.text);
        let flags = Flags::default()
            .with_if(has("staticmethod"), Flags::STATIC)
            .with_if(has("classmethod"), Flags::OF_TYPE)
            .with_if(is_property, Flags::PROPERTY)
            .with_if(has("overload"), Flags::BODILESS)
            .with_if(has("abstractmethod"), Flags::ABSTRACT)
            .with_if(has_child(node, "async"), Flags::ASYNC)
            .with_if(word.starts_with("test_"), Flags::TEST);
        let mut new = NewDefinition::new(word, if in_class { Kind::Method } else { Kind::Function }, span(name), span(whole));
        new.flags = flags;
        new.body = body.map(span);
        new.doc = body.and_then(docstring);
        let def = self.b.define(new);
        let class = self.class;
        let saved_receiver = self.receiver.take();
        let generic = node.child_by_field_name("type_parameters");
        let result = node.child_by_field_name("return_type");
        // Without type parameters of its own a function's names mean nothing in the type of its result.
        let mut declared = result.filter(|_| generic.is_none()).map(|t| self.annotation(t));
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        if let Some(generic) = generic {
            self.type_parameters(generic);
            declared = result.map(|t| self.annotation(t));
        }
        self.returns.push(Returns::default());
        if let Some(parameters) = node.child_by_field_name("parameters") {
            let receiver = match (in_class, class) {
                (true, Some(scope)) if !flags.has(Flags::STATIC) => Some((scope, flags.has(Flags::OF_TYPE) || word == "__new__")),
                _ => None,
            };
            let count = self.parameters(parameters, receiver);
            self.b.def_mut(def).arity = count;
        }
        if let Some(body) = body {
            self.block(body);
        }
        let returns = self.returns.pop().unwrap_or_default();
        self.b.leave(saved);
        self.receiver = saved_receiver;
        self.set_result(def, declared, returns);
        Some(def)
    }

    fn set_result(&mut self, def: DefId, declared: Option<TypeId>, returns: Returns) {
        if declared.is_some() {
            self.b.def_mut(def).ty = declared;
            return;
        }
        let types = if returns.yields.is_empty() { returns.types } else { returns.yields.clone() };
        let ty = match types.len() {
            0 => return,
            1 => types[0],
            _ => self.b.ty(TypeExpr::Union(types.into_iter().take(6).collect())),
        };
        let ty = if returns.yields.is_empty() { ty } else { self.b.ty(TypeExpr::List(ty)) };
        let def = self.b.def_mut(def);
        def.ty = Some(ty);
        def.flags = def.flags.with(Flags::INFERRED).with_if(!returns.yields.is_empty(), Flags::GENERATOR);
    }

    /// Parameters; the receiver gets the class's type. Gives the number without it.
    pub(super) fn parameters(&mut self, node: Node<'t>, receiver: Option<(ScopeId, bool)>) -> u8 {
        let mut count = 0u8;
        for (i, parameter) in named(node).into_iter().enumerate() {
            let first_receiver = if i == 0 { receiver } else { None };
            if first_receiver.is_none() {
                count = match parameter.kind() {
                    "list_splat_pattern" | "dictionary_splat_pattern" => 255,
                    "keyword_separator" | "positional_separator" => count,
                    _ => count.saturating_add(1),
                };
            }
            self.parameter(parameter, first_receiver);
        }
        count
    }

    fn parameter(&mut self, node: Node<'t>, receiver: Option<(ScopeId, bool)>) {
        let name = match node.kind() {
            "identifier" => Some(node),
            "typed_parameter" => named(node).into_iter().find(|n| n.kind() != "type"),
            _ => node.child_by_field_name("name"),
        };
        let value = node.child_by_field_name("value").map(|v| self.expression(v, Role::Pass));
        let declared = node.child_by_field_name("type").map(|t| self.annotation(t));
        let name = match name {
            Some(n) if n.kind().ends_with("splat_pattern") => named(n).into_iter().next(),
            None if node.kind().ends_with("splat_pattern") => named(node).into_iter().next(),
            other => other,
        };
        let Some(name) = name.filter(|n| n.kind() == "identifier") else {
            return;
        };
        let word = text(name, self.b.text);
        let mut new = NewDefinition::new(word, Kind::Parameter, span(name), span(node));
        new.ty = match (declared, receiver) {
            (Some(t), _) => Some(t),
            (None, Some((scope, of_type))) => {
                self.receiver = Some(word.to_owned());
                Some(self.b.ty(if of_type { TypeExpr::ReceiverType(scope) } else { TypeExpr::Receiver(scope) }))
            }
            _ => value,
        };
        new.flags = Flags::default().with_if(declared.is_none() && receiver.is_none(), Flags::INFERRED);
        self.b.define(new);
    }

    /// A class with its bases and members.
    pub(super) fn class(&mut self, node: Node<'t>, whole: Node<'t>) -> Option<DefId> {
        let name = node.child_by_field_name("name")?;
        let body = node.child_by_field_name("body");
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Class, span(name), span(whole));
        new.body = body.map(span);
        new.doc = body.and_then(docstring);
        let def = self.b.define(new);
        let outside = self.b.place;
        // What is written in the head of a class is said by the class.
        self.b.place.container = Some(def);
        let generic = node.child_by_field_name("type_parameters");
        let around = generic.map(|generic| {
            self.b.enter(ScopeKind::Block, span(node), Some(def));
            self.type_parameters(generic);
            // The scope of its members is the one further down.
            self.b.def_mut(def).inner = None;
            self.b.place.scope
        });
        if let Some(bases) = node.child_by_field_name("superclasses") {
            for base in named(bases) {
                if base.kind() == "keyword_argument" {
                    if let Some(value) = base.child_by_field_name("value") {
                        self.expression(value, Role::Type);
                    }
                } else {
                    let ty = self.base(base);
                    self.b.add_base(def, ty);
                }
            }
        }
        self.b.leave(outside);
        // Members see the parameters of their class.
        self.b.place.scope = around.unwrap_or(outside.scope);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let saved_class = self.class.replace(self.b.place.scope);
        let saved_receiver = self.receiver.take();
        if let Some(body) = body {
            self.block(body);
        }
        self.class = saved_class;
        self.receiver = saved_receiver;
        self.b.leave(saved);
        self.b.leave(outside);
        Some(def)
    }

    pub(super) fn type_alias(&mut self, node: Node<'t>) {
        let parts = named(node);
        if let [left, right, ..] = parts[..] {
            let name = named(left).into_iter().next().unwrap_or(left);
            // `Pair[V]` is the alias `Pair`, generic in `V`.
            let generic = if name.kind() == "generic_type" { find_child(name, "type_parameter") } else { None };
            let name = generic.and_then(|_| named(name).into_iter().next()).unwrap_or(name);
            let def = self.b.define(NewDefinition::new(text(name, self.b.text), Kind::Alias, span(name), span(node)));
            let saved = generic.map(|g| (self.b.enter(ScopeKind::Block, span(node), Some(def)), self.type_parameters(g)));
            let ty = self.annotation(right);
            if let Some((saved, ())) = saved {
                self.b.leave(saved);
            }
            self.b.def_mut(def).ty = Some(ty);
        }
    }

    /// `[T, U: Bound, *Ts, **P]`: names of types, in the scope that was just entered.
    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        for parameter in named(node) {
            let Some(name) = first_name(parameter) else { continue };
            let new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(parameter));
            self.b.define(new);
            // What stands behind the colon bounds it.
            let inner = if parameter.kind() == "type" { named(parameter).into_iter().next().unwrap_or(parameter) } else { parameter };
            if inner.kind() == "constrained_type" {
                for bound in named(inner).into_iter().skip(1) {
                    self.annotation(bound);
                }
            }
        }
    }

    pub(super) fn return_statement(&mut self, node: Node<'t>) {
        let ty = named(node).first().map(|e| self.expression(*e, Role::Read));
        if let (Some(ty), Some(returns)) = (ty, self.returns.last_mut())
            && ty != self.b.unknown()
            && !matches!(self.b.get_ty(ty), TypeExpr::Literal(Literal::Nothing))
        {
            returns.types.push(ty);
        }
    }

    pub(super) fn for_statement(&mut self, node: Node<'t>) {
        let ty = node.child_by_field_name("right").map(|r| self.expression(r, Role::Read));
        let element = ty.map(|t| self.b.ty_of(t, TypeExpr::Element));
        if let Some(left) = node.child_by_field_name("left") {
            self.bind_pattern(left, element);
        }
        for field in ["body", "alternative"] {
            if let Some(part) = node.child_by_field_name(field) {
                self.statement(part);
            }
        }
    }

    pub(super) fn with_item(&mut self, node: Node<'t>) {
        if let Some(value) = node.child_by_field_name("value") {
            self.expression(value, Role::Read);
        }
    }

    pub(super) fn outer_mut(&mut self) -> &mut Vec<String> {
        if self.returns.is_empty() {
            self.returns.push(Returns::default());
        }
        let last = self.returns.len() - 1;
        &mut self.returns[last].outer
    }

    /// Binds the names of an assignment target, tuple or list of them.
    pub(super) fn bind_pattern(&mut self, node: Node<'t>, ty: Option<TypeId>) {
        match node.kind() {
            "identifier" => {
                self.bind_name(text(node, self.b.text), span(node), span(node), ty, false);
            }
            "attribute" => self.bind_attribute(node, ty, false),
            "pattern_list" | "tuple_pattern" | "list_pattern" | "tuple" | "list" | "expression_list" => {
                for (index, part) in named(node).into_iter().enumerate() {
                    let ty = ty.map(|of| self.b.ty_of(of, |of| TypeExpr::Part { of, index: index as u32 }));
                    self.bind_pattern(part, ty);
                }
            }
            "list_splat_pattern" | "list_splat" | "parenthesized_expression" | "as_pattern_target" => {
                for part in named(node) {
                    self.bind_pattern(part, ty);
                }
            }
            _ => {
                self.expression(node, Role::Write);
            }
        }
    }

    /// Defines the name, or writes it when the scope has it already.
    pub(super) fn bind_name(&mut self, name: &str, at: Span, whole: Span, ty: Option<TypeId>, declared: bool) {
        let scope = self.b.place.scope;
        let is_outer = self.returns.last().is_some_and(|r| r.outer.iter().any(|g| g == name));
        if is_outer {
            self.b.add_use(name, at, Role::Write, Shape::Plain);
            return;
        }
        let known = self.b.find_in(scope, name).filter(|d| {
            let kind = self.b.def_mut(*d).kind;
            kind.is_variable() || kind == Kind::Field
        });
        if let Some(def) = known {
            self.b.add_use(name, at, Role::Write, Shape::Plain);
            if let Some(ty) = ty {
                self.b.add_type(def, ty);
            }
            return;
        }
        let kind = match self.b.scope_kind(scope) {
            ScopeKind::Type => Kind::Field,
            ScopeKind::File if is_constant_name(name) => Kind::Constant,
            _ => Kind::Variable,
        };
        let mut new = NewDefinition::new(name, kind, at, whole);
        new.ty = ty.filter(|t| *t != self.b.unknown());
        new.flags = Flags::default().with_if(!declared, Flags::INFERRED);
        self.b.define(new);
    }

    /// `self.x = …` defines the field once; any other member is written.
    pub(super) fn bind_attribute(&mut self, node: Node<'t>, ty: Option<TypeId>, declared: bool) {
        let (Some(object), Some(attribute)) = (node.child_by_field_name("object"), node.child_by_field_name("attribute")) else {
            return;
        };
        let name = text(attribute, self.b.text);
        let is_self = object.kind() == "identifier" && self.receiver.as_deref() == Some(text(object, self.b.text));
        if let (true, Some(class)) = (is_self, self.class) {
            let receiver = self.expression(object, Role::Read);
            match self.b.find_in(class, name) {
                None => {
                    let mut new = NewDefinition::new(name, Kind::Field, span(attribute), span(node));
                    new.ty = ty.filter(|t| *t != self.b.unknown());
                    new.flags = Flags::default().with_if(!declared, Flags::INFERRED);
                    self.b.define_in(class, new);
                }
                Some(def) => {
                    if let (Some(ty), Kind::Field) = (ty, self.b.def_mut(def).kind) {
                        self.b.add_type(def, ty);
                    }
                    self.b.add_use(name, span(attribute), Role::Write, Shape::Member(receiver));
                }
            }
            return;
        }
        self.expression(node, Role::Write);
    }
}

/// The first name in a node.
fn first_name(node: Node) -> Option<Node> {
    if node.kind() == "identifier" { Some(node) } else { named(node).into_iter().find_map(first_name) }
}

fn is_constant_name(name: &str) -> bool {
    name.chars().any(|c| c.is_ascii_uppercase()) && !name.chars().any(|c| c.is_ascii_lowercase())
}

/// The string that opens a body.
fn docstring(body: Node) -> Option<Span> {
    let first = named(body).into_iter().next()?;
    let string = if first.kind() == "expression_statement" { named(first).into_iter().next()? } else { first };
    (string.kind() == "string").then(|| find_child(string, "string_content").map_or(span(string), span))
}
