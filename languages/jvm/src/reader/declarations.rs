//! Packages, imports, types, their members, variables.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, has_child, named, span, text};
use compass_facts::{DefId, Flags, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, SignalKind, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn package(&mut self, node: Node<'t>) {
        let Some(name) = named(node).into_iter().find(|n| n.kind().ends_with("identifier")) else { return };
        let module = self.b.intern(text(name, self.b.text));
        let at = span(name);
        let import = Import {
            kind: ImportKind::Within,
            module,
            name: None,
            bound: None,
            scope: ScopeId::FILE,
            span: span(node),
            name_span: at,
            reexport: false,
            system: false,
        };
        self.b.add_import(import);
    }

    pub(super) fn import(&mut self, node: Node<'t>) {
        let Some(path) = named(node).into_iter().find(|n| n.kind().ends_with("identifier")) else { return };
        let all = has_child(node, "asterisk");
        let (module, name) = match (path.child_by_field_name("scope"), path.child_by_field_name("name")) {
            (Some(scope), Some(name)) if !all => (scope, Some(name)),
            _ => (path, None),
        };
        let token = name.unwrap_or(path);
        let word = name.map(|n| text(n, self.b.text));
        let module_text: String = text(module, self.b.text).split_whitespace().collect();
        let import = Import {
            kind: if all { ImportKind::Glob } else { ImportKind::Name },
            module: self.b.intern(&module_text),
            name: word.map(|w| self.b.intern(w)),
            bound: word.map(|w| self.b.intern(w)),
            scope: ScopeId::FILE,
            span: span(node),
            name_span: span(token),
            reexport: false,
            // What a static import binds is a member.
            system: has_child(node, "static"),
        };
        let id = self.b.add_import(import);
        if let Some(word) = word {
            self.b.add_use(word, span(token), Role::Import, Shape::Import(id));
        }
        // `import static a.B.m` and `import a.B.*` name `B` too.
        let class = if all {
            Some(path)
        } else if has_child(node, "static") {
            Some(module)
        } else {
            None
        };
        if let Some(class) = class
            && let (Some(scope), Some(name)) = (class.child_by_field_name("scope"), class.child_by_field_name("name"))
            && text(name, self.b.text).starts_with(|c: char| c.is_uppercase())
        {
            self.written_out(text(scope, self.b.text), text(name, self.b.text), name, class);
        }
    }

    /// Class, interface, enum, record or annotation.
    pub(super) fn type_declaration(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let kind = match node.kind() {
            "interface_declaration" | "annotation_type_declaration" => Kind::Interface,
            "enum_declaration" => Kind::Enum,
            _ => Kind::Class,
        };
        let flags = self.modifiers(node);
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
        new.flags = flags;
        new.doc = comment_before(node, self.b.text, |c| c.starts_with("/**"));
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.type_body(node, def);
    }

    fn type_body(&mut self, node: Node<'t>, def: DefId) {
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let outer = self.class.replace(self.b.place.scope);
        self.type_parameters(node);
        for child in named(node) {
            match child.kind() {
                "superclass" | "super_interfaces" | "extends_interfaces" => self.bases(child, def),
                "permits" => {
                    self.type_ref(child);
                }
                "formal_parameters" => self.components(child),
                _ => {}
            }
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.members(body, def);
        }
        self.class = outer;
        self.b.leave(saved);
    }

    fn bases(&mut self, node: Node<'t>, def: DefId) {
        for part in named(node) {
            if part.kind() == "type_list" {
                self.bases(part, def);
            } else {
                let base = self.type_ref(part);
                self.b.add_base(def, base);
            }
        }
    }

    /// What stands between the braces of a type.
    fn members(&mut self, body: Node<'t>, def: DefId) {
        for member in named(body) {
            match member.kind() {
                "enum_constant" => self.enum_constant(member, def),
                "enum_body_declarations" => self.members(member, def),
                _ => self.statement(member),
            }
        }
    }

    fn enum_constant(&mut self, node: Node<'t>, of: DefId) {
        self.modifiers(node);
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variant, span(name), span(node));
        new.doc = comment_before(node, self.b.text, |c| c.starts_with("/**"));
        new.flags = Flags::STATIC;
        let ty = self.b.ty(TypeExpr::Def(of));
        new.ty = Some(self.b.ty_instance(ty));
        let def = self.b.define(new);
        if let Some(arguments) = node.child_by_field_name("arguments") {
            self.arguments(arguments, self.b.unknown());
        }
        if let Some(body) = node.child_by_field_name("body") {
            let saved = self.b.enter(ScopeKind::Type, span(body), None);
            self.b.place.container = Some(def);
            self.b.add_base(def, ty);
            let outer = self.class.replace(self.b.place.scope);
            self.members(body, def);
            self.class = outer;
            self.b.leave(saved);
        }
    }

    /// A class without a name, behind `new`.
    pub(super) fn unnamed_class(&mut self, body: Node<'t>, base: TypeId) -> DefId {
        let at = compass_facts::Span { start: span(body).start, end: span(body).start };
        let new = NewDefinition::new("", Kind::Class, at, span(body));
        let def = self.b.define(new);
        self.b.add_base(def, base);
        let saved = self.b.enter(ScopeKind::Type, span(body), Some(def));
        self.b.place.container = saved.container;
        let outer = self.class.replace(self.b.place.scope);
        self.members(body, def);
        self.class = outer;
        self.b.leave(saved);
        def
    }

    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        let Some(list) = node.child_by_field_name("type_parameters") else { return };
        for parameter in named(list) {
            let Some(name) = named(parameter).into_iter().find(|n| n.kind() == "type_identifier" || n.kind() == "identifier") else { continue };
            let new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(parameter));
            let def = self.b.define(new);
            if let Some(bound) = find_child(parameter, "type_bound") {
                let ty = self.type_ref(bound);
                self.b.def_mut(def).ty = Some(ty);
            }
        }
    }

    /// The parts of a record: fields that are read by a call of their name.
    fn components(&mut self, list: Node<'t>) {
        for part in named(list) {
            let (Some(ty), Some(name)) = (part.child_by_field_name("type"), part.child_by_field_name("name")) else { continue };
            self.modifiers(part);
            let ty = self.value_type(ty);
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Field, span(name), span(part));
            new.ty = Some(ty);
            new.flags = Flags::PROPERTY;
            self.b.define(new);
        }
    }

    /// Flags by the modifiers; annotations are read.
    pub(super) fn modifiers(&mut self, node: Node<'t>) -> Flags {
        let Some(modifiers) = find_child(node, "modifiers") else { return Flags::default() };
        let mut flags = Flags::default();
        let children: Vec<Node<'t>> = modifiers.children().collect();
        for child in children {
            match child.kind() {
                "static" => flags = flags.with(Flags::STATIC),
                "private" => flags = flags.with(Flags::PRIVATE),
                "public" => flags = flags.with(Flags::EXPORTED),
                "abstract" => flags = flags.with(Flags::ABSTRACT),
                "annotation" | "marker_annotation" => {
                    if child.child_by_field_name("name").is_some_and(|n| text(n, self.b.text).ends_with("Test")) {
                        flags = flags.with(Flags::TEST);
                    }
                    self.annotation(child);
                }
                _ => {}
            }
        }
        flags
    }

    pub(super) fn annotation(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let ty = self.type_ref(name);
        let token = name.child_by_field_name("name").unwrap_or(name);
        self.b.note_mark(span(token).start);
        let arguments = node.child_by_field_name("arguments").map(named).unwrap_or_default();
        self.b.mark_signal(token, &arguments, span(node));
        for argument in arguments {
            if argument.kind() == "element_value_pair" {
                if let Some(key) = argument.child_by_field_name("key") {
                    self.b.add_use(text(key, self.b.text), span(key), Role::Call, Shape::Member(ty));
                }
                if let Some(value) = argument.child_by_field_name("value") {
                    self.expression(value, Role::Read);
                }
            } else {
                self.expression(argument, Role::Read);
            }
        }
    }

    /// Method, constructor, or element of an annotation.
    pub(super) fn method(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let flags = self.modifiers(node);
        let is_constructor = node.kind().ends_with("constructor_declaration");
        let body = node.child_by_field_name("body");
        let kind = if is_constructor { Kind::Constructor } else { Kind::Method };
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
        let is_native = find_child(node, "modifiers").is_some_and(|m| has_child(m, "native"));
        new.flags = flags.with_if(body.is_none() && !is_native, Flags::ABSTRACT);
        new.doc = comment_before(node, self.b.text, |c| c.starts_with("/**"));
        new.body = body.map(span);
        let def = self.b.define(new);
        if is_native {
            let name = self.b.intern(&crate::native_names::native_name(self.b.so_far(), def));
            self.b.signal(span(node), SignalKind::NativeImport(def, name, false));
        }
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.type_parameters(node);
        let ty = match (is_constructor, node.child_by_field_name("type")) {
            (true, _) => self.class.map(|scope| self.b.ty(TypeExpr::Receiver(scope))),
            (_, Some(ty)) => {
                let ty = self.value_type(ty);
                let dimensions = node.child_by_field_name("dimensions").map_or(0, |n| text(n, self.b.text).matches('[').count());
                Some(self.array_of(ty, dimensions))
            }
            _ => None,
        };
        self.b.def_mut(def).ty = ty;
        self.parameters(node, def);
        for thrown in find_child(node, "throws").map(named).unwrap_or_default() {
            self.type_ref(thrown);
        }
        if let Some(value) = node.child_by_field_name("value") {
            self.expression(value, Role::Read);
        }
        if let Some(body) = body {
            self.block(body);
        }
        self.b.leave(saved);
    }

    /// Parameters, how many, and what tells overloads apart.
    fn parameters(&mut self, node: Node<'t>, def: DefId) {
        let (mut arity, mut required, mut signature) = (0u8, 0u8, 17u32);
        for parameter in node.child_by_field_name("parameters").map(named).unwrap_or_default() {
            match parameter.kind() {
                "formal_parameter" => {
                    self.modifiers(parameter);
                    let written = parameter.child_by_field_name("type").map_or("", |t| text(t, self.b.text));
                    signature = hash(signature, written);
                    self.variable(parameter, Kind::Parameter);
                    arity = arity.saturating_add(1).min(254);
                    required = arity;
                }
                "spread_parameter" => {
                    self.modifiers(parameter);
                    self.spread(parameter, &mut signature);
                    arity = 255;
                }
                _ => {}
            }
        }
        let d = self.b.def_mut(def);
        (d.arity, d.required, d.signature) = (arity, required, signature | 1);
    }

    fn spread(&mut self, parameter: Node<'t>, signature: &mut u32) {
        let mut element = self.b.unknown();
        for part in named(parameter) {
            match part.kind() {
                "modifiers" => {}
                "variable_declarator" => {
                    let Some(name) = part.child_by_field_name("name") else { continue };
                    let mut new = NewDefinition::new(text(name, self.b.text), Kind::Parameter, span(name), span(parameter));
                    new.ty = Some(self.b.ty(TypeExpr::List(element)));
                    self.b.define(new);
                }
                _ => {
                    *signature = hash(*signature, text(part, self.b.text)).wrapping_add(7);
                    element = self.value_type(part);
                }
            }
        }
    }

    /// One name with one type: a parameter, a resource, a caught exception.
    pub(super) fn variable(&mut self, node: Node<'t>, kind: Kind) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let declared = node.child_by_field_name("type").map(|t| self.value_type(t));
        let dimensions = node.child_by_field_name("dimensions").map_or(0, |n| text(n, self.b.text).matches('[').count());
        let declared = declared.map(|t| self.array_of(t, dimensions));
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
        let value = node.child_by_field_name("value");
        let inferred = declared.is_none_or(|t| t == self.b.unknown());
        new.flags = Flags::default().with_if(inferred, Flags::INFERRED);
        new.ty = declared;
        let def = self.b.define(new);
        if let Some(value) = value {
            let ty = self.value_for(value, declared.unwrap_or(self.b.unknown()));
            if inferred {
                self.b.def_mut(def).ty = Some(ty);
            }
        }
    }

    /// Fields and local variables: one type, several names.
    pub(super) fn variables(&mut self, node: Node<'t>) {
        let flags = self.modifiers(node);
        let is_field = node.kind() != "local_variable_declaration";
        let declared = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
        let inferred = declared == self.b.unknown();
        let in_interface = node.kind() == "constant_declaration";
        for declarator in named(node).into_iter().filter(|n| n.kind() == "variable_declarator") {
            let Some(name) = declarator.child_by_field_name("name") else { continue };
            let kind = if is_field { Kind::Field } else { Kind::Variable };
            let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
            new.flags = flags.with_if(inferred, Flags::INFERRED).with_if(in_interface, Flags::STATIC);
            new.doc = if is_field { comment_before(node, self.b.text, |c| c.starts_with("/**")) } else { None };
            let dimensions = declarator.child_by_field_name("dimensions").map_or(0, |n| text(n, self.b.text).matches('[').count());
            let ty = self.array_of(declared, dimensions);
            new.ty = Some(ty);
            let def = self.b.define(new);
            if let Some(value) = declarator.child_by_field_name("value") {
                self.b.kept = Some((value.id(), span(name).start));
                let ty = self.value_for(value, ty);
                if inferred {
                    self.b.def_mut(def).ty = Some(ty);
                }
            }
        }
    }

    pub(super) fn enhanced_for(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let of = node.child_by_field_name("value").map_or(self.b.unknown(), |v| self.expression(v, Role::Read));
        if let Some(name) = node.child_by_field_name("name") {
            let declared = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t));
            let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(name));
            let inferred = declared == self.b.unknown();
            new.flags = Flags::default().with_if(inferred, Flags::INFERRED);
            new.ty = Some(if inferred { self.b.ty_of(of, TypeExpr::Element) } else { declared });
            self.b.define(new);
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.statement(body);
        }
        self.b.leave(saved);
    }

    pub(super) fn resource(&mut self, node: Node<'t>) {
        if node.child_by_field_name("name").is_some() {
            self.variable(node, Kind::Variable);
        } else {
            for part in named(node) {
                self.expression(part, Role::Read);
            }
        }
    }

    pub(super) fn catch_clause(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        for part in named(node) {
            if part.kind() == "catch_formal_parameter" {
                let ty = find_child(part, "catch_type").map(|t| self.type_ref(t));
                if let Some(name) = part.child_by_field_name("name") {
                    let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(part));
                    new.ty = ty.map(|t| self.b.ty_instance(t));
                    self.b.define(new);
                }
            } else {
                self.block(part);
            }
        }
        self.b.leave(saved);
    }
}

/// A type as it tells overloads apart: its last name and its brackets, without arguments.
fn hash(before: u32, written: &str) -> u32 {
    let mut depth = 0i32;
    let plain: String = written
        .chars()
        .filter(|c| {
            depth += i32::from(*c == '<') - i32::from(*c == '>');
            depth == 0 && *c != '>' && !c.is_whitespace()
        })
        .collect();
    let brackets = plain.matches('[').count() as u32;
    let name = plain.trim_end_matches(['[', ']']);
    let name = name.rsplit('.').next().unwrap_or(name);
    name.bytes().fold(before.wrapping_mul(31).wrapping_add(brackets), |h, b| h.wrapping_mul(31).wrapping_add(u32::from(b)))
}
