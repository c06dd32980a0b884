//! Members of types, variables, and what else binds names.

use super::Reader;
use super::declarations::is_documentation;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, named, span, text};
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, SignalKind, Span, TypeExpr, TypeId};

/// Attributes of methods that a library has.
const IMPORTING: [&str; 4] = ["DllImport", "DllImportAttribute", "LibraryImport", "LibraryImportAttribute"];

impl<'t> Reader<'t> {
    /// A method, or a function in a function.
    pub(super) fn method(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let is_local = node.kind() == "local_function_statement";
        let flags = self.modifiers(node);
        let body = node.child_by_field_name("body");
        let mut new = NewDefinition::new(text(name, self.b.text), if is_local { Kind::Function } else { Kind::Method }, span(name), span(node));
        let explicit = find_child(node, "explicit_interface_specifier");
        let is_open = body.is_none() && !self.has_modifier(node, "extern") && !self.has_modifier(node, "partial");
        // What an interface is implemented by explicitly is no member of the class by its own name.
        new.flags = self.usual(flags, name).with_if(is_open, Flags::ABSTRACT).with_if(explicit.is_some(), Flags::OF_TYPE);
        new.doc = comment_before(node, self.b.text, is_documentation);
        new.body = body.map(span);
        let def = self.b.define(new);
        self.native_name(node, def);
        if let Some(of) = explicit {
            named(of).into_iter().for_each(|t| {
                self.type_ref(t);
            });
        }
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.type_parameters(node);
        let ty = node.child_by_field_name("returns").or_else(|| node.child_by_field_name("type")).map(|t| self.value_type(t));
        self.b.def_mut(def).ty = ty;
        self.parameters(node, def);
        self.body(body);
        self.b.leave(saved);
    }

    /// `[DllImport("ripening", EntryPoint = "ripening_days")]`: a function of a library, by the name of the method unless it says another.
    fn native_name(&mut self, node: Node<'t>, def: DefId) {
        let attributes = named(node).into_iter().filter(|n| n.kind() == "attribute_list").flat_map(named);
        let imports = |a: &Node<'t>| a.child_by_field_name("name").is_some_and(|n| IMPORTING.iter().any(|w| text(n, self.b.text).ends_with(w)));
        let Some(attribute) = attributes.into_iter().find(imports) else { return };
        let arguments = find_child(attribute, "attribute_argument_list").map(named).unwrap_or_default();
        let entry = arguments.into_iter().map(|a| text(a, self.b.text)).find_map(|a| a.trim_start().strip_prefix("EntryPoint")?.split('"').nth(1));
        let name = entry.filter(|e| !e.is_empty()).unwrap_or(self.b.so_far().def_name(def)).to_owned();
        let name = self.b.intern(&name);
        self.b.signal(span(node), SignalKind::NativeImport(def, name, true));
    }

    pub(super) fn has_modifier(&self, node: Node<'t>, word: &str) -> bool {
        named(node).iter().any(|n| n.kind() == "modifier" && text(*n, self.b.text) == word)
    }

    /// A body: a block, or an expression behind an arrow.
    fn body(&mut self, body: Option<Node<'t>>) {
        let Some(body) = body else { return };
        self.returned.push(None);
        match body.kind() {
            "arrow_expression_clause" => named(body).into_iter().for_each(|e| {
                self.expression(e, Role::Read);
            }),
            _ => self.block(body),
        }
        self.returned.pop();
    }

    pub(super) fn constructor(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let flags = self.modifiers(node);
        let is_end = node.kind() == "destructor_declaration";
        let body = node.child_by_field_name("body");
        let mut new = NewDefinition::new(text(name, self.b.text), if is_end { Kind::Method } else { Kind::Constructor }, span(name), span(node));
        // Nobody calls what ends values by the name of the type, nor what sets the type up.
        new.flags = self.usual(flags, name).with_if(is_end || flags.has(Flags::STATIC), Flags::OF_TYPE);
        new.doc = comment_before(node, self.b.text, is_documentation);
        new.body = body.map(span);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        let ty = self.class.map(|scope| self.b.ty(TypeExpr::Receiver(scope)));
        self.b.def_mut(def).ty = ty;
        self.parameters(node, def);
        for list in find_child(node, "constructor_initializer").map(named).unwrap_or_default() {
            self.arguments(list, self.b.unknown());
        }
        self.body(body);
        self.b.leave(saved);
    }

    /// Operators and conversions are called by signs: what is in them is read.
    pub(super) fn operator(&mut self, node: Node<'t>) {
        self.modifiers(node);
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        if let Some(ty) = node.child_by_field_name("type") {
            self.value_type(ty);
        }
        for parameter in node.child_by_field_name("parameters").map(named).unwrap_or_default() {
            self.parameter(parameter);
        }
        self.body(node.child_by_field_name("body"));
        self.b.leave(saved);
    }

    /// Parameters, how many, and what tells overloads apart.
    pub(super) fn parameters(&mut self, node: Node<'t>, def: DefId) {
        let (mut arity, mut required, mut signature) = (0u8, 0u8, 17u32);
        let Some(list) = node.child_by_field_name("parameters") else { return };
        for parameter in named(list).into_iter().filter(|n| n.kind() == "parameter") {
            let written = parameter.child_by_field_name("type").map_or("", |t| text(t, self.b.text));
            signature = written.bytes().fold(signature.wrapping_mul(31), |h, b| h.wrapping_mul(31).wrapping_add(u32::from(b)));
            let is_optional = self.parameter(parameter);
            arity = arity.saturating_add(1).min(254);
            if !is_optional {
                required = arity;
            }
        }
        // The grammar keeps an open-ended parameter without a node of its own.
        if let (Some(ty), Some(name)) = (list.child_by_field_name("type"), list.child_by_field_name("name")) {
            let ty = self.value_type(ty);
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Parameter, span(name), span(name));
            new.ty = Some(ty);
            self.b.define(new);
            arity = 255;
        }
        let d = self.b.def_mut(def);
        (d.arity, d.required, d.signature) = (arity, required, signature | 1);
    }

    /// One parameter; may a call leave it out? A receiver of an extension method (`this`) is marked as static.
    pub(super) fn parameter(&mut self, node: Node<'t>) -> bool {
        let Some(name) = node.child_by_field_name("name") else { return false };
        for list in named(node).into_iter().filter(|n| n.kind() == "attribute_list") {
            self.attributes(list);
        }
        let ty = node.child_by_field_name("type").map(|t| self.value_type(t));
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Parameter, span(name), span(node));
        new.ty = ty;
        new.flags = Flags::default().with_if(self.has_modifier(node, "this"), Flags::STATIC);
        self.b.define(new);
        let known = [Some(name), node.child_by_field_name("type")];
        let is_value = |n: &Node| !matches!(n.kind(), "modifier" | "attribute_list") && !known.iter().flatten().any(|k| k.id() == n.id());
        let values: Vec<Node<'t>> = named(node).into_iter().filter(is_value).collect();
        for value in &values {
            self.expression(*value, Role::Read);
        }
        !values.is_empty()
    }

    /// A property, or an event with ways to add and remove.
    pub(super) fn property(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let flags = self.modifiers(node);
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Field, span(name), span(node));
        let explicit = find_child(node, "explicit_interface_specifier");
        new.flags = self.usual(flags, name).with_if(explicit.is_some(), Flags::OF_TYPE);
        new.doc = comment_before(node, self.b.text, is_documentation);
        let accessors = node.child_by_field_name("accessors");
        new.body = accessors.or_else(|| node.child_by_field_name("value")).map(span);
        let ty = node.child_by_field_name("type").map(|t| self.value_type(t));
        new.ty = ty;
        let def = self.b.define(new);
        if let Some(of) = explicit {
            named(of).into_iter().for_each(|t| {
                self.type_ref(t);
            });
        }
        let container = self.b.place.container.replace(def);
        self.accessors(accessors, ty);
        if let Some(value) = node.child_by_field_name("value") {
            let saved = self.b.enter(ScopeKind::Function, span(value), None);
            match value.kind() {
                "arrow_expression_clause" => self.body(Some(value)),
                _ => {
                    self.expression(value, Role::Read);
                }
            }
            self.b.leave(saved);
        }
        self.b.place.container = container;
    }

    fn accessors(&mut self, list: Option<Node<'t>>, ty: Option<TypeId>) {
        for accessor in list.map(named).unwrap_or_default().into_iter().filter(|n| n.kind() == "accessor_declaration") {
            self.modifiers(accessor);
            let saved = self.b.enter(ScopeKind::Function, span(accessor), None);
            // What is set goes by a name that nobody writes.
            let at = span(accessor).start;
            let mut new = NewDefinition::new("value", Kind::Parameter, Span { start: at, end: at }, Span { start: at, end: at });
            new.ty = ty;
            self.b.define(new);
            self.body(accessor.child_by_field_name("body"));
            self.b.leave(saved);
        }
    }

    /// `this[…]`: known by the word `this`.
    pub(super) fn indexer(&mut self, node: Node<'t>) {
        let flags = self.modifiers(node);
        let token = node.children().find(|n| n.kind() == "this").unwrap_or(node);
        let mut new = NewDefinition::new("this", Kind::Method, span(token), span(node));
        let is_explicit = find_child(node, "explicit_interface_specifier").is_some();
        new.flags = self.usual(flags, token).with_if(is_explicit, Flags::OF_TYPE);
        new.doc = comment_before(node, self.b.text, is_documentation);
        let ty = node.child_by_field_name("type").map(|t| self.value_type(t));
        new.ty = ty;
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.parameters(node, def);
        self.accessors(node.child_by_field_name("accessors"), ty);
        self.body(node.child_by_field_name("value"));
        self.b.leave(saved);
    }

    /// Fields, events, local variables.
    pub(super) fn variables(&mut self, node: Node<'t>) {
        let flags = self.modifiers(node);
        let is_member = node.kind() != "local_declaration_statement";
        for declaration in named(node).into_iter().filter(|n| n.kind() == "variable_declaration") {
            self.variable_declaration(declaration, flags, node, is_member);
        }
    }

    /// One type, several names.
    pub(super) fn variable_declaration(&mut self, node: Node<'t>, flags: Flags, whole: Node<'t>, is_member: bool) {
        let declared = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
        let inferred = declared == self.b.unknown();
        for declarator in named(node).into_iter().filter(|n| n.kind() == "variable_declarator") {
            let parts = named(declarator);
            let name = declarator.child_by_field_name("name");
            let value = parts.iter().rfind(|n| name.is_none_or(|k| k.id() != n.id()) && !matches!(n.kind(), "bracketed_argument_list" | "tuple_pattern"));
            let Some(name) = name else {
                let of = value.map_or(self.b.unknown(), |v| self.expression(*v, Role::Read));
                parts.iter().filter(|n| n.kind() == "tuple_pattern").for_each(|p| self.tuple_pattern(*p, of));
                continue;
            };
            let mut new = NewDefinition::new(text(name, self.b.text), if is_member { Kind::Field } else { Kind::Variable }, span(name), span(whole));
            new.flags = self.usual(flags, name).with_if(inferred, Flags::INFERRED);
            new.doc = if is_member { comment_before(whole, self.b.text, is_documentation) } else { None };
            new.ty = Some(declared);
            let def = self.b.define(new);
            if let Some(value) = value {
                self.b.kept = Some((value.id(), span(name).start));
                let ty = self.value_for(*value, declared);
                if inferred {
                    self.b.def_mut(def).ty = Some(ty);
                }
            }
        }
    }

    pub(super) fn foreach(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let of = node.child_by_field_name("right").map_or(self.b.unknown(), |v| self.expression(v, Role::Read));
        let element = self.b.ty_of(of, TypeExpr::Element);
        if let Some(left) = node.child_by_field_name("left") {
            let declared = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
            match left.kind() {
                "identifier" => self.bound_name(left, if declared == self.b.unknown() { element } else { declared }, declared == self.b.unknown()),
                "tuple_pattern" => self.tuple_pattern(left, element),
                _ => {
                    self.expression(left, Role::Write);
                }
            }
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.statement(body);
        }
        self.b.leave(saved);
    }

    /// A local name on the spot.
    pub(super) fn bound_name(&mut self, name: Node<'t>, ty: TypeId, inferred: bool) {
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(name));
        new.flags = Flags::default().with_if(inferred, Flags::INFERRED);
        new.ty = Some(ty);
        self.b.define(new);
    }

    pub(super) fn catch_clause(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        for part in named(node) {
            if part.kind() == "catch_declaration" {
                let ty = part.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
                if let Some(name) = part.child_by_field_name("name") {
                    self.bound_name(name, ty, false);
                }
            } else {
                self.statement(part);
            }
        }
        self.b.leave(saved);
    }
}
