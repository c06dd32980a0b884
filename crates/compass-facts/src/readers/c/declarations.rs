//! Functions, variables, types and their members.

use super::Reader;
use crate::readers::NewDefinition;
use crate::readers::tree::{comment_before, find_child, has_child, named, span, text};
use crate::{Flags, Kind, Literal, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};
use tree_sitter::Node;

/// What a declarator says: the name, and how the type is wrapped around it.
struct Declarator<'t> {
    name: Node<'t>,
    parameters: Option<Node<'t>>,
    /// Declares a function itself, not a pointer to one.
    is_function: bool,
    /// How often its value can be indexed.
    arrays: u32,
}

impl<'t> Reader<'t> {
    fn declarator(&mut self, node: Node<'t>) -> Option<Declarator<'t>> {
        let mut found = Declarator { name: node, parameters: None, is_function: false, arrays: 0 };
        let mut at = node;
        // Bounded: each step goes one level down a finite tree.
        loop {
            match at.kind() {
                "identifier" | "field_identifier" | "type_identifier" | "primitive_type" => {
                    found.name = at;
                    return Some(found);
                }
                "function_declarator" => {
                    found.parameters = at.child_by_field_name("parameters");
                    found.is_function = true;
                }
                "array_declarator" => {
                    found.arrays += 1;
                    found.is_function = false;
                    if let Some(size) = at.child_by_field_name("size") {
                        self.expression(size, Role::Read);
                    }
                }
                "pointer_declarator" if found.parameters.is_some() => found.is_function = false,
                _ => {}
            }
            at = at.child_by_field_name("declarator").or_else(|| {
                named(at).into_iter().find(|n| n.kind().ends_with("declarator") || matches!(n.kind(), "identifier" | "field_identifier" | "type_identifier"))
            })?;
        }
    }

    fn wrap(&mut self, ty: TypeId, found: &Declarator) -> TypeId {
        let mut ty = ty;
        for _ in 0..found.arrays.min(4) {
            ty = self.b.ty_of(ty, TypeExpr::List);
        }
        ty
    }

    pub(super) fn function(&mut self, node: Node<'t>) {
        let Some(declarator) = node.child_by_field_name("declarator") else {
            self.block(node);
            return;
        };
        let result = self.declared_type(node);
        let Some(found) = self.declarator(declarator) else {
            self.block(node);
            return;
        };
        let body = node.child_by_field_name("body");
        let mut new = NewDefinition::new(text(found.name, self.b.text), Kind::Function, span(found.name), span(node));
        new.flags = Flags::default().with_if(is_static(node, self.b.text), Flags::PRIVATE);
        new.doc = comment_before(node, self.b.text, |_| true);
        new.body = body.map(span);
        new.ty = Some(result);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        let arity = self.parameters(found.parameters);
        for part in named(node) {
            // Parameter declarations of the old style stand between the head and the body.
            if part.kind() == "declaration" {
                self.declaration(part);
            }
        }
        if let Some(body) = body {
            self.block(body);
        }
        self.b.leave(saved);
        self.b.def_mut(def).arity = arity;
    }

    fn parameters(&mut self, node: Option<Node<'t>>) -> u8 {
        let mut arity = 0u8;
        for parameter in node.map(named).unwrap_or_default() {
            match parameter.kind() {
                "variadic_parameter" => arity = 255,
                "identifier" => {
                    arity = arity.saturating_add(1);
                    let new = NewDefinition::new(text(parameter, self.b.text), Kind::Parameter, span(parameter), span(parameter));
                    self.b.define(new);
                }
                "parameter_declaration" => {
                    let ty = self.declared_type(parameter);
                    let is_void = text(parameter, self.b.text).trim() == "void";
                    if !is_void {
                        arity = arity.saturating_add(1);
                    }
                    let Some(declarator) = parameter.child_by_field_name("declarator") else { continue };
                    if declarator.kind().starts_with("abstract") {
                        continue;
                    }
                    let Some(found) = self.declarator(declarator) else { continue };
                    let ty = self.wrap(ty, &found);
                    let mut new = NewDefinition::new(text(found.name, self.b.text), Kind::Parameter, span(found.name), span(parameter));
                    new.ty = Some(ty);
                    self.b.define(new);
                }
                _ => {}
            }
        }
        arity
    }

    /// The type of `type` plus a value: what the declared names hold.
    pub(super) fn declared_type(&mut self, node: Node<'t>) -> TypeId {
        let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
        if matches!(self.b.get_ty(ty), TypeExpr::Literal(_)) { ty } else { self.b.ty_instance(ty) }
    }

    pub(super) fn declaration(&mut self, node: Node<'t>) {
        let ty = self.declared_type(node);
        let mut cursor = node.walk();
        let declarators: Vec<Node> = node.children_by_field_name("declarator", &mut cursor).collect();
        for declarator in declarators {
            self.declared(node, declarator, ty);
        }
        for part in named(node) {
            if part.kind() == "ERROR" {
                self.b.gap(crate::GapCause::Syntax, span(part));
            }
        }
    }

    fn declared(&mut self, node: Node<'t>, declarator: Node<'t>, ty: TypeId) {
        let (inner, value) = match declarator.kind() {
            "init_declarator" => (declarator.child_by_field_name("declarator"), declarator.child_by_field_name("value")),
            _ => (Some(declarator), None),
        };
        let Some(found) = inner.and_then(|d| self.declarator(d)) else { return };
        let is_extern = storage(node, self.b.text, "extern");
        let local = self.b.scope_kind(self.b.place.scope).is_local();
        let kind = if found.is_function { Kind::Function } else { Kind::Variable };
        let mut new = NewDefinition::new(text(found.name, self.b.text), kind, span(found.name), span(node));
        new.flags = Flags::default()
            .with_if(found.is_function || (is_extern && value.is_none()), Flags::BODILESS)
            .with_if(is_static(node, self.b.text) && !local, Flags::PRIVATE);
        new.doc = comment_before(node, self.b.text, |_| true);
        let wrapped = self.wrap(ty, &found);
        new.ty = Some(wrapped);
        // A prototype or `extern` inside a function names something of the file.
        let scope = if local && (found.is_function || is_extern) { crate::ScopeId::FILE } else { self.b.place.scope };
        // `int x; /* parameter of the old style */` repeats a name of the parameter list.
        if let Some(known) = self.b.find_in(scope, new.name)
            && self.b.def_mut(known).kind == Kind::Parameter
        {
            self.b.def_mut(known).ty = Some(wrapped);
            return;
        }
        let from = span(found.name).end;
        let def = self.b.define_in(scope, new);
        self.b.def_mut(def).visible_from = if local { from } else { 0 };
        if found.is_function {
            let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
            let arity = self.parameters(found.parameters);
            self.b.leave(saved);
            self.b.def_mut(def).arity = arity;
        } else if let Some(parameters) = found.parameters {
            self.parameter_types(parameters);
        }
        if let Some(value) = value {
            let saved = self.b.place;
            if !local {
                self.b.place.container = Some(def);
            }
            self.initialiser(value, wrapped);
            self.b.leave(saved);
        }
    }

    /// Parameters of a pointer to a function: their types are uses, their names bind nothing.
    fn parameter_types(&mut self, node: Node<'t>) {
        for parameter in named(node) {
            if parameter.kind() == "parameter_declaration" {
                self.declared_type(parameter);
            }
        }
    }

    pub(super) fn type_definition(&mut self, node: Node<'t>) {
        let ty = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
        let mut cursor = node.walk();
        let declarators: Vec<Node> = node.children_by_field_name("declarator", &mut cursor).collect();
        for declarator in declarators {
            let Some(found) = self.declarator(declarator) else { continue };
            let mut new = NewDefinition::new(text(found.name, self.b.text), Kind::Alias, span(found.name), span(node));
            new.doc = comment_before(node, self.b.text, |_| true);
            new.ty = Some(ty);
            self.b.define(new);
            if let Some(parameters) = found.parameters {
                self.parameter_types(parameters);
            }
        }
    }

    /// The type itself; a body defines it.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, Role::Type, Shape::Plain);
                self.b.ty_name(name, at)
            }
            "primitive_type" | "sized_type_specifier" => {
                // `unsigned my_int` has a name inside.
                for part in named(node) {
                    if part.kind() == "type_identifier" {
                        self.type_ref(part);
                    }
                }
                self.b.ty(TypeExpr::Literal(Literal::Number))
            }
            "struct_specifier" | "union_specifier" | "enum_specifier" => self.tagged(node),
            "type_descriptor" => node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t)),
            "macro_type_specifier" => {
                if let Some(name) = node.child_by_field_name("name") {
                    self.b.add_use(text(name, self.b.text), span(name), Role::Call, Shape::Plain);
                }
                node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t))
            }
            _ => {
                self.expression(node, Role::Read);
                self.b.unknown()
            }
        }
    }

    /// `struct name { … }`, with or without name or body.
    fn tagged(&mut self, node: Node<'t>) -> TypeId {
        let kind = match node.kind() {
            "struct_specifier" => Kind::Struct,
            "union_specifier" => Kind::Union,
            _ => Kind::Enum,
        };
        let name = node.child_by_field_name("name");
        let Some(body) = node.child_by_field_name("body") else {
            let Some(name) = name else { return self.b.unknown() };
            let word = text(name, self.b.text);
            self.b.add_use(word, span(name), Role::Type, Shape::Tag);
            let tag = self.b.intern(word);
            return self.b.ty(TypeExpr::Tag(tag));
        };
        let (word, at) = match name {
            Some(n) => (text(n, self.b.text), span(n)),
            None => ("", Span { start: span(node).start, end: span(node).start }),
        };
        let mut new = NewDefinition::new(word, kind, at, span(node));
        new.doc = comment_before(outer_statement(node), self.b.text, |_| true);
        new.body = Some(span(body));
        // Types declared inside a struct or function belong to the file, as C has it for structs.
        let scope = if self.b.scope_kind(self.b.place.scope) == ScopeKind::Type { crate::ScopeId::FILE } else { self.b.place.scope };
        let def = self.b.define_in(scope, new);
        if kind == Kind::Enum {
            self.enumerators(body, def);
        } else {
            let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
            self.fields(body);
            self.b.leave(saved);
        }
        self.b.ty(TypeExpr::Def(def))
    }

    /// Enumerators live in the scope around, but are shown under their enumeration.
    fn enumerators(&mut self, body: Node<'t>, def: crate::DefId) {
        for enumerator in named(body) {
            if enumerator.kind().starts_with("preproc") {
                self.conditional_enumerators(enumerator, def);
                continue;
            }
            let Some(name) = enumerator.child_by_field_name("name") else { continue };
            let new = NewDefinition::new(text(name, self.b.text), Kind::Variant, span(name), span(enumerator));
            let id = self.b.define(new);
            self.b.def_mut(id).container = Some(def);
            if let Some(value) = enumerator.child_by_field_name("value") {
                self.expression(value, Role::Read);
            }
        }
    }

    fn conditional_enumerators(&mut self, node: Node<'t>, def: crate::DefId) {
        if matches!(node.kind(), "preproc_def" | "preproc_function_def" | "preproc_call" | "preproc_include") {
            self.statement(node);
        } else {
            self.enumerators(node, def);
        }
    }

    fn fields(&mut self, body: Node<'t>) {
        for field in named(body) {
            match field.kind() {
                "field_declaration" => self.field(field),
                "preproc_def" | "preproc_function_def" | "preproc_call" | "preproc_include" => self.statement(field),
                "ERROR" => self.b.gap(crate::GapCause::Syntax, span(field)),
                _ => {
                    if !self.b.down(span(field)) {
                        return;
                    }
                    self.fields(field);
                    self.b.up();
                }
            }
        }
    }

    fn field(&mut self, node: Node<'t>) {
        let ty = self.declared_type(node);
        let mut cursor = node.walk();
        let declarators: Vec<Node> = node.children_by_field_name("declarator", &mut cursor).collect();
        if declarators.is_empty() && ty != self.b.unknown() {
            // Members of an unnamed struct or union are members of the outer one.
            let inner = match self.b.get_ty(ty) {
                TypeExpr::Instance(t) => Some(*t),
                _ => None,
            };
            let owner = self.b.scope_owner(self.b.place.scope);
            if let (Some(inner), Some(owner)) = (inner, owner) {
                self.b.add_base(owner, inner);
            }
        }
        for declarator in declarators {
            let Some(found) = self.declarator(declarator) else { continue };
            let wrapped = self.wrap(ty, &found);
            let mut new = NewDefinition::new(text(found.name, self.b.text), Kind::Field, span(found.name), span(node));
            new.doc = comment_before(node, self.b.text, |_| true);
            new.ty = Some(wrapped);
            self.b.define(new);
            if let Some(parameters) = found.parameters {
                self.parameter_types(parameters);
            }
        }
        if let Some(bits) = find_child(node, "bitfield_clause") {
            self.expression(bits, Role::Read);
        }
    }

    pub(super) fn label(&mut self, node: Node<'t>) {
        let scope = self.b.find_scope(ScopeKind::Function);
        if let (Some(label), Some(scope)) = (node.child_by_field_name("label"), scope) {
            let new = NewDefinition::new(text(label, self.b.text), Kind::Label, span(label), span(label));
            self.b.define_in(scope, new);
        }
        for part in named(node) {
            if part.kind() != "statement_identifier" {
                self.statement(part);
            }
        }
    }

    pub(super) fn goto(&mut self, node: Node<'t>) {
        if let Some(label) = node.child_by_field_name("label") {
            self.b.add_use(text(label, self.b.text), span(label), Role::Ref, Shape::Plain);
        }
    }
}

fn storage(node: Node, source: &str, word: &str) -> bool {
    let mut cursor = node.walk();
    node.children(&mut cursor).any(|n| n.kind() == "storage_class_specifier" && text(n, source) == word)
}

fn is_static(node: Node, source: &str) -> bool {
    storage(node, source, "static")
}

/// The declaration or typedef a tagged type is written in.
fn outer_statement(node: Node) -> Node {
    match node.parent() {
        Some(p) if matches!(p.kind(), "declaration" | "type_definition" | "field_declaration") && !has_child(p, "compound_statement") => p,
        _ => node,
    }
}
