//! Namespaces, imports, types, delegates.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, has_child, named, span, text};
use compass_facts::{DefId, Flags, Import, ImportKind, Kind, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// `namespace A.B { … }`, or to the end of the file.
    pub(super) fn namespace_block(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let written: String = text(name, self.b.text).split_whitespace().collect();
        let outer = self.namespace.clone();
        self.namespace = if outer.is_empty() { written } else { format!("{outer}.{written}") };
        let saved = self.b.enter(ScopeKind::Module, span(node), None);
        let module = self.b.intern(&self.namespace);
        let import = self.plain_import(ImportKind::Within, module, node, name);
        self.b.add_import(import);
        match node.child_by_field_name("body") {
            Some(body) => self.block(body),
            None => named(node).into_iter().filter(|n| n.id() != name.id()).for_each(|child| self.statement(child)),
        }
        if node.kind() == "namespace_declaration" {
            self.b.leave(saved);
            self.namespace = outer;
        }
    }

    fn plain_import(&self, kind: ImportKind, module: compass_facts::NameId, whole: Node<'t>, token: Node<'t>) -> Import {
        Import { kind, module, name: None, bound: None, scope: self.b.place.scope, span: span(whole), name_span: span(token), reexport: false, system: false }
    }

    /// `using A.B;`, `using static A.B.C;`, `using X = A.B.C;`, each also `global`.
    pub(super) fn using(&mut self, node: Node<'t>) {
        let alias = node.child_by_field_name("name");
        let Some(path) = named(node).into_iter().rfind(|n| alias.is_none_or(|a| a.id() != n.id())) else { return };
        let written: String = text(path, self.b.text).split_whitespace().collect();
        let written = written.strip_prefix("global::").unwrap_or(&written);
        // What the usual build does not import brings nothing.
        if self.is_left_out(node) {
            return;
        }
        let is_everywhere = has_child(node, "global");
        if let Some(alias) = alias {
            let plain = written.split('<').next().unwrap_or(written);
            let (front, last) = plain.rsplit_once('.').unwrap_or(("", plain));
            let (module, last) = (self.b.intern(front), self.b.intern(last));
            let word = text(alias, self.b.text);
            let import = Import {
                name: Some(last),
                bound: Some(self.b.intern(word)),
                reexport: is_everywhere,
                ..self.plain_import(ImportKind::Name, module, node, last_name(path))
            };
            let id = self.b.add_import(import);
            let token = last_name(path);
            self.b.add_use(text(token, self.b.text), span(token), Role::Import, Shape::Import(id));
            if path.kind() == "generic_name" {
                named(path).into_iter().filter(|n| n.kind() == "type_argument_list").for_each(|list| {
                    named(list).into_iter().for_each(|t| {
                        self.type_ref(t);
                    });
                });
            }
            return;
        }
        let module = self.b.intern(written.split('<').next().unwrap_or(written));
        let is_static = has_child(node, "static");
        let import = Import { reexport: is_everywhere, system: is_static, ..self.plain_import(ImportKind::Glob, module, node, path) };
        self.b.add_import(import);
        if is_static {
            self.type_ref(path);
        }
    }

    /// Class, struct, interface, record or enum.
    pub(super) fn type_declaration(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let kind = match node.kind() {
            "interface_declaration" => Kind::Interface,
            "enum_declaration" => Kind::Enum,
            "struct_declaration" => Kind::Struct,
            _ => Kind::Class,
        };
        let flags = self.modifiers(node);
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
        new.flags = self.usual(flags, name);
        new.doc = comment_before(node, self.b.text, is_documentation);
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        // Types of one name are told apart by how many type parameters they have.
        let parameters = find_child(node, "type_parameter_list");
        self.b.def_mut(def).arity = parameters.map_or(0, |l| named(l).iter().filter(|n| n.kind() == "type_parameter").count().min(200) as u8);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let outer = self.class.replace(self.b.place.scope);
        self.type_parameters(node);
        if let Some(bases) = find_child(node, "base_list") {
            self.bases(bases, def);
        }
        if let Some(list) = find_child(node, "parameter_list") {
            self.primary_parameters(node, list, def);
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.members(body, def);
        }
        self.class = outer;
        self.b.leave(saved);
    }

    fn bases(&mut self, node: Node<'t>, def: DefId) {
        for part in named(node) {
            match part.kind() {
                "argument_list" => {
                    self.arguments(part, self.b.unknown());
                }
                "primary_constructor_base_type" => {
                    let parts = named(part);
                    if let Some(first) = parts.first() {
                        let base = self.type_ref(*first);
                        self.b.add_base(def, base);
                    }
                    if let Some(list) = find_child(part, "argument_list") {
                        self.arguments(list, self.b.unknown());
                    }
                }
                _ => {
                    let base = self.type_ref(part);
                    self.b.add_base(def, base);
                }
            }
        }
    }

    /// `record Rack(int Depth)`: a constructor, and a property for each parameter; of other types the parameters alone.
    fn primary_parameters(&mut self, node: Node<'t>, list: Node<'t>, of: DefId) {
        let is_record = node.kind() == "record_declaration";
        for part in named(list).into_iter().filter(|n| n.kind() == "parameter") {
            let (Some(ty), Some(name)) = (part.child_by_field_name("type"), part.child_by_field_name("name")) else { continue };
            let ty = self.value_type(ty);
            let mut new = NewDefinition::new(text(name, self.b.text), if is_record { Kind::Field } else { Kind::Parameter }, span(name), span(part));
            new.ty = Some(ty);
            self.b.define(new);
        }
        let count = named(list).iter().filter(|n| n.kind() == "parameter").count().min(200) as u8;
        self.b.def_mut(of).required = count;
    }

    fn members(&mut self, body: Node<'t>, def: DefId) {
        for member in named(body) {
            match member.kind() {
                "enum_member_declaration" => self.enum_member(member, def),
                "preproc_if" if named(member).iter().any(|n| n.kind() == "enum_member_declaration") => self.members(member, def),
                _ => self.statement(member),
            }
        }
    }

    fn enum_member(&mut self, node: Node<'t>, of: DefId) {
        self.modifiers(node);
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variant, span(name), span(node));
        new.doc = comment_before(node, self.b.text, is_documentation);
        new.flags = self.usual(Flags::STATIC, name);
        let ty = self.b.ty(TypeExpr::Def(of));
        new.ty = Some(self.b.ty_instance(ty));
        self.b.define(new);
        if let Some(value) = node.child_by_field_name("value") {
            self.expression(value, Role::Read);
        }
    }

    /// A delegate is a type with one way to be called: its parameters and its result.
    pub(super) fn delegate(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let flags = self.modifiers(node);
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Interface, span(name), span(node));
        new.flags = self.usual(flags, name);
        new.doc = comment_before(node, self.b.text, is_documentation);
        let list = node.child_by_field_name("type_parameters");
        let count = list.map_or(0, |l| named(l).iter().filter(|n| n.kind() == "type_parameter").count().min(200));
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        let result = node.child_by_field_name("type").map(|t| self.value_type(t));
        let parameters = self.parameter_types(node);
        let result = result.unwrap_or(self.b.unknown());
        let ty = self.b.ty(TypeExpr::Signature { parameters, result });
        let d = self.b.def_mut(def);
        (d.ty, d.arity) = (Some(ty), count as u8);
        self.b.leave(saved);
    }

    fn parameter_types(&mut self, node: Node<'t>) -> Vec<TypeId> {
        let list = node.child_by_field_name("parameters").map(named).unwrap_or_default();
        let parameters = list.into_iter().filter(|n| n.kind() == "parameter");
        parameters.map(|p| p.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t))).collect()
    }

    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        let Some(list) = find_child(node, "type_parameter_list") else { return };
        for parameter in named(list).into_iter().filter(|n| n.kind() == "type_parameter") {
            let Some(name) = parameter.child_by_field_name("name") else { continue };
            let new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(parameter));
            self.b.define(new);
        }
        for clause in named(node).into_iter().filter(|n| n.kind() == "type_parameter_constraints_clause") {
            self.constraints(clause);
        }
    }

    /// `where T : Base, IOther, new()`.
    fn constraints(&mut self, clause: Node<'t>) {
        let parts = named(clause);
        let Some(name) = parts.first().filter(|n| n.kind() == "identifier") else { return };
        let word = text(*name, self.b.text);
        self.b.add_use(word, span(*name), Role::Type, Shape::Plain);
        let types: Vec<TypeId> = parts.iter().filter_map(|n| n.child_by_field_name("type")).collect::<Vec<_>>().into_iter().map(|t| self.type_ref(t)).collect();
        let bound = match types[..] {
            [] => return,
            [only] => only,
            _ => self.b.ty(TypeExpr::Union(types)),
        };
        if let Some(def) = self.b.find_in(self.b.place.scope, word) {
            self.b.def_mut(def).ty = Some(bound);
        }
    }

    /// Flags by the modifiers; attributes are read.
    pub(super) fn modifiers(&mut self, node: Node<'t>) -> Flags {
        let mut flags = Flags::default();
        for child in named(node) {
            match child.kind() {
                "modifier" => {
                    flags = match text(child, self.b.text) {
                        "static" | "const" => flags.with(Flags::STATIC),
                        "private" => flags.with(Flags::PRIVATE),
                        "public" => flags.with(Flags::EXPORTED),
                        "abstract" => flags.with(Flags::ABSTRACT),
                        "virtual" | "override" => flags.with(Flags::VIRTUAL),
                        "async" => flags.with(Flags::ASYNC),
                        _ => flags,
                    };
                }
                "attribute_list" => {
                    self.attributes(child);
                    if named(child).iter().any(|a| self.marks_test(*a)) {
                        flags = flags.with(Flags::TEST);
                    }
                }
                _ => {}
            }
        }
        flags
    }

    fn marks_test(&self, attribute: Node<'t>) -> bool {
        let name = attribute.child_by_field_name("name").map_or("", |n| text(n, self.b.text));
        matches!(name.rsplit('.').next().unwrap_or(name), "Test" | "TestCase" | "TestCaseSource" | "Fact" | "Theory" | "TestMethod" | "DataTestMethod")
    }

    /// `[Name(value, Key = value)]`.
    pub(super) fn attributes(&mut self, list: Node<'t>) {
        for attribute in named(list).into_iter().filter(|n| n.kind() == "attribute") {
            if let Some(name) = attribute.child_by_field_name("name") {
                // What is said of the whole program marks no definition.
                self.attribute_name(name, if list.kind() == "global_attribute" { Role::Type } else { Role::Mark });
            }
            let arguments = find_child(attribute, "attribute_argument_list").map(named).unwrap_or_default();
            if let Some(name) = attribute.child_by_field_name("name") {
                self.b.mark_signal(last_name(name), &arguments, span(attribute));
            }
            for argument in arguments {
                let key = argument.child_by_field_name("name");
                named(argument).into_iter().filter(|n| key.is_none_or(|k| k.id() != n.id())).for_each(|value| {
                    self.expression(value, Role::Read);
                });
            }
        }
    }

    /// The name of an attribute may leave out the end of that of its class.
    fn attribute_name(&mut self, name: Node<'t>, role: Role) {
        let token = last_name(name);
        let front = name.child_by_field_name("qualifier").map(|q| self.type_ref(q));
        let word = text(token, self.b.text);
        let of = match front {
            Some(of) => self.b.ty_member(of, word),
            None => self.ty_type_name(word, span(token)),
        };
        self.b.add_use(word, span(token), role, Shape::Key(of));
        self.b.intern(&format!("{word}Attribute"));
    }
}

/// The last name of a path, without its type arguments.
pub(super) fn last_name(node: Node<'_>) -> Node<'_> {
    match node.child_by_field_name("name") {
        Some(name) if node.kind() != "identifier" => last_name(name),
        _ if node.kind() == "generic_name" => named(node).into_iter().next().unwrap_or(node),
        _ => node,
    }
}

/// Comments of three slashes document.
pub(super) fn is_documentation(comment: &str) -> bool {
    comment.starts_with("///") || comment.starts_with("/**")
}
