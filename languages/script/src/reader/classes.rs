//! Classes, interfaces, enums, namespaces, type aliases.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, has_child, named, span, text};
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn class(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else {
            self.block(node);
            return;
        };
        let mut new = self.new_item(node, name, Kind::Class);
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.exported = false;
        self.class_members(node, def);
    }

    /// Decorators, bases and members of a class whose definition is made.
    pub(super) fn class_members(&mut self, node: Node<'t>, def: DefId) {
        for part in named(node).into_iter().filter(|p| p.kind() == "decorator") {
            self.expression(part, Role::Read);
        }
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        if let Some(heritage) = find_child(node, "class_heritage") {
            self.heritage(heritage, def);
        }
        let saved_class = self.class.replace(self.b.place.scope);
        let told = self.told.len();
        self.forget("this");
        for member in node.child_by_field_name("body").map(named).unwrap_or_default() {
            self.member(member);
        }
        self.told.truncate(told);
        self.class = saved_class;
        self.b.leave(saved);
    }

    fn heritage(&mut self, node: Node<'t>, def: DefId) {
        for clause in named(node) {
            match clause.kind() {
                "extends_clause" => {
                    let values: Vec<Node> = clause.children_by_field_name("value").collect();
                    let bases: Vec<_> = values.into_iter().map(|value| self.expression(value, Role::Type)).collect();
                    let arguments: Vec<_> = named(clause).into_iter().filter(|n| n.kind() == "type_arguments").collect();
                    let args: Vec<_> = arguments.into_iter().flat_map(|a| self.type_arguments(a)).collect();
                    for base in bases {
                        let ty = if args.is_empty() { base } else { self.b.ty_of(base, |of| compass_facts::TypeExpr::Generic { of, args: args.clone() }) };
                        self.b.add_base(def, ty);
                    }
                }
                "implements_clause" => self.bases(clause, def),
                // JavaScript has the expression right here.
                _ => {
                    let ty = self.expression(clause, Role::Type);
                    self.b.add_base(def, ty);
                }
            }
        }
    }

    fn bases(&mut self, clause: Node<'t>, def: DefId) {
        for base in named(clause) {
            let ty = self.type_ref(base);
            self.b.add_base(def, ty);
        }
    }

    fn member(&mut self, node: Node<'t>) {
        match node.kind() {
            "method_definition" | "method_signature" | "abstract_method_signature" => self.method(node),
            "public_field_definition" | "field_definition" | "property_signature" => self.field(node),
            "call_signature" | "construct_signature" => {
                let result = self.function_body(node, None);
                let parameters = std::mem::take(&mut self.taken);
                // What a value of the interface takes when it is called.
                let interface = self.b.scope_owner(self.b.place.scope);
                if let Some(def) = interface.filter(|_| node.kind() == "call_signature") {
                    let signature = self.b.ty(compass_facts::TypeExpr::Signature { parameters, result });
                    self.b.def_mut(def).ty.get_or_insert(signature);
                }
            }
            "decorator" => {
                self.expression(node, Role::Read);
            }
            "index_signature" | "class_static_block" => {
                if let Some(clause) = find_child(node, "mapped_type_clause") {
                    self.mapped_clause(clause, node);
                    return;
                }
                for part in named(node) {
                    if part.kind() == "statement_block" {
                        self.block(part);
                    } else if part.kind().ends_with("annotation") {
                        let ty = self.value_type(part);
                        self.unnamed_member(node, ty);
                    }
                }
            }
            "ERROR" => self.b.gap(compass_facts::GapCause::Syntax, span(node)),
            _ => {}
        }
    }

    pub(super) fn method(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        if name.kind() == "computed_property_name" {
            self.expression(name, Role::Read);
            self.function_body(node, None);
            return;
        }
        let word = unquoted(text(name, self.b.text));
        let kind = if word == "constructor" { Kind::Constructor } else { Kind::Method };
        let mut new = NewDefinition::new(word, kind, inside_quotes(name, self.b.text), span(node));
        let body = node.child_by_field_name("body");
        let is_accessor = has_child(node, "get") || has_child(node, "set");
        let in_interface = node.kind() == "method_signature" && node.parent().is_some_and(|p| p.kind() != "class_body");
        let is_abstract = in_interface || node.kind() == "abstract_method_signature";
        new.body = body.map(span);
        new.doc = comment_before(node, self.b.text, |c| c.starts_with("/**"));
        new.flags = Flags::default()
            .with_if(has_child(node, "static"), Flags::STATIC)
            .with_if(is_private(node, self.b.text) || word.starts_with('#'), Flags::PRIVATE)
            .with_if(body.is_none() && is_abstract, Flags::ABSTRACT)
            .with_if(body.is_none() && !is_abstract, Flags::BODILESS)
            .with_if(has_child(node, "async"), Flags::ASYNC)
            .with_if(has_child(node, "*"), Flags::GENERATOR)
            .with_if(is_accessor, Flags::PROPERTY);
        for part in named(node) {
            if part.kind() == "decorator" {
                self.expression(part, Role::Read);
            }
        }
        let def = self.b.define(new);
        self.function_body(node, Some(def));
    }

    /// A member that nobody can name: `[key: string]: Rack`, `[wheelKey]: Rack`.
    fn unnamed_member(&mut self, node: Node<'t>, ty: TypeId) {
        let mut new = NewDefinition::new("", Kind::Field, super::functions::start_of(node), span(node));
        new.ty = Some(ty);
        self.b.define(new);
    }

    fn field(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name").or_else(|| node.child_by_field_name("property")) else { return };
        let declared = node.child_by_field_name("type").map(|t| self.value_type(t));
        let declared = declared.map(|ty| if has_child(node, "?") { self.or_nothing(ty) } else { ty });
        let value = node.child_by_field_name("value");
        if name.kind() == "computed_property_name" {
            self.expression(name, Role::Read);
            if let Some(value) = value {
                self.expression(value, Role::Read);
            }
            // `[key]: Rack` in a type: a member whose name is told elsewhere.
            if let Some(declared) = declared.filter(|_| node.kind() == "property_signature") {
                self.unnamed_member(node, declared);
            }
            return;
        }
        let is_function = value.is_some_and(|v| matches!(v.kind(), "arrow_function" | "function_expression"));
        let kind = if is_function { Kind::Method } else { Kind::Field };
        let mut new = NewDefinition::new(unquoted(text(name, self.b.text)), kind, inside_quotes(name, self.b.text), span(node));
        new.ty = declared;
        new.doc = comment_before(node, self.b.text, |c| c.starts_with("/**"));
        new.flags = Flags::default()
            .with_if(has_child(node, "static"), Flags::STATIC)
            .with_if(is_private(node, self.b.text), Flags::PRIVATE)
            .with_if(declared.is_none(), Flags::INFERRED);
        new.body = if is_function { value.and_then(|v| v.child_by_field_name("body")).map(span) } else { None };
        for part in named(node) {
            if part.kind() == "decorator" {
                self.expression(part, Role::Read);
            }
        }
        let def = self.b.define(new);
        let Some(value) = value else { return };
        if is_function {
            let saved = self.b.place;
            self.function_value(value, def);
            self.b.leave(saved);
        } else {
            let ty = self.object_or_expression(value, def);
            if declared.is_none() {
                self.b.add_type(def, ty);
            }
        }
    }

    pub(super) fn interface(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = self.new_item(node, name, Kind::Interface);
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.exported = false;
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        if let Some(clause) = find_child(node, "extends_type_clause") {
            self.bases(clause, def);
        }
        self.members_of_type(node.child_by_field_name("body"));
        self.b.leave(saved);
    }

    /// Members of an interface or of an object type.
    pub(super) fn members_of_type(&mut self, body: Option<Node<'t>>) {
        for member in body.map(named).unwrap_or_default() {
            self.member(member);
        }
    }

    pub(super) fn alias(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let new = self.new_item(node, name, Kind::Alias);
        let def = self.b.define(new);
        self.exported = false;
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        let value = node.child_by_field_name("value");
        let ty: Option<TypeId> = match value {
            Some(v) if v.kind() == "object_type" => {
                let same = self.mapped_object(v);
                if same.is_none() {
                    self.members_of_type(Some(v));
                }
                same
            }
            Some(v) => Some(self.value_type(v)),
            None => None,
        };
        self.b.leave(saved);
        self.b.def_mut(def).ty = ty;
    }

    pub(super) fn enumeration(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = self.new_item(node, name, Kind::Enum);
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.exported = false;
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        for member in node.child_by_field_name("body").map(named).unwrap_or_default() {
            let name = if member.kind() == "enum_assignment" { member.child_by_field_name("name") } else { Some(member) };
            let Some(name) = name else { continue };
            let new = NewDefinition::new(unquoted(text(name, self.b.text)), Kind::Variant, inside_quotes(name, self.b.text), span(member));
            self.b.define(new);
            if let Some(value) = member.child_by_field_name("value") {
                let around = self.enumeration.replace((self.b.place.scope, def));
                self.expression(value, Role::Read);
                self.enumeration = around;
            }
        }
        self.b.leave(saved);
    }

    /// `declare global { … }`: a module of that name, in which everything is declared for all.
    pub(super) fn global_block(&mut self, node: Node<'t>, word: Node<'t>) {
        let def = self.b.define(NewDefinition::new("global", Kind::Module, span(word), span(node)));
        let saved = self.b.enter(ScopeKind::Module, span(node), Some(def));
        for body in named(node) {
            self.block(body);
        }
        self.b.leave(saved);
    }

    pub(super) fn namespace(&mut self, node: Node<'t>) {
        let name = node.child_by_field_name("name");
        let Some(name) = name else {
            self.block(node);
            return;
        };
        let mut new = self.new_item(node, name, Kind::Module);
        let word = unquoted(text(name, self.b.text)).to_owned();
        new.name = &word;
        new.body = node.child_by_field_name("body").map(span);
        let def = self.b.define(new);
        self.exported = false;
        let saved = self.b.enter(ScopeKind::Module, span(node), Some(def));
        if let Some(body) = node.child_by_field_name("body") {
            self.block(body);
        }
        self.b.leave(saved);
    }
}

fn is_private(node: Node, source: &str) -> bool {
    find_child(node, "accessibility_modifier").is_some_and(|m| text(m, source) == "private")
}

/// The text of a key without its quotes.
pub(super) fn unquoted(word: &str) -> &str {
    word.trim_matches(['"', '\''])
}

/// The token of a key without its quotes.
pub(super) fn inside_quotes(node: Node, source: &str) -> compass_facts::Span {
    let whole = span(node);
    if text(node, source).starts_with(['"', '\'']) && whole.len() >= 2 { compass_facts::Span { start: whole.start + 1, end: whole.end - 1 } } else { whole }
}
