//! Types, their members, functions.

use super::Reader;
use super::names::is_static;
use super::said::Said;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, has_child, named, span, text};
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Class, interface, trait or enum.
    pub(super) fn type_declaration(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        self.attributes(node);
        let kind = match node.kind() {
            "interface_declaration" => Kind::Interface,
            "trait_declaration" => Kind::Trait,
            "enum_declaration" => Kind::Enum,
            _ => Kind::Class,
        };
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
        new.doc = self.doc(node);
        new.flags = Flags::default().with_if(has_child(node, "abstract_modifier"), Flags::ABSTRACT);
        new.body = node.child_by_field_name("body").map(span);
        let said = new.doc.map(|d| Said::of(d.of(self.b.text), d.start)).unwrap_or_default();
        let def = self.b.define(new);
        self.type_body(node, def, &said);
    }

    /// Bases, and what stands between the braces. What traits have goes before what the bases have.
    pub(super) fn type_body(&mut self, node: Node<'t>, def: DefId, said: &Said) {
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let outer = self.class.replace(self.b.place.scope);
        let given = std::mem::take(&mut self.given);
        self.templates(said);
        let body = node.child_by_field_name("body");
        for part in body.map(named).unwrap_or_default().into_iter().filter(|n| n.kind() == "use_declaration") {
            self.bases(part, def, said);
        }
        for clause in named(node).into_iter().filter(|n| matches!(n.kind(), "base_clause" | "class_interface_clause")) {
            self.bases(clause, def, said);
        }
        self.magic(said);
        if let Some(body) = body {
            self.block(body);
        }
        let is_base = |n: &Node| matches!(n.kind(), "base_clause" | "use_declaration");
        let has_bases = named(node).iter().any(is_base) || body.map(named).unwrap_or_default().iter().any(is_base);
        self.given_properties(has_bases);
        self.given = given;
        self.class = outer;
        self.b.leave(saved);
    }

    fn bases(&mut self, node: Node<'t>, def: DefId, said: &Said) {
        for part in named(node).into_iter().filter(|n| matches!(n.kind(), "name" | "qualified_name" | "relative_name")) {
            let word = text(super::names::last(part), self.b.text);
            let base = self.class_ref(part, Role::Type);
            let made = self.base_made_of(said, word);
            self.b.add_base(def, made.unwrap_or(base));
        }
    }

    /// Properties that are given values: what is declared without a type has theirs, what nobody declares begins there.
    fn given_properties(&mut self, has_bases: bool) {
        let Some(class) = self.class else { return };
        for (name, at, ty) in std::mem::take(&mut self.given) {
            match self.b.find_in(class, name) {
                Some(known) if self.is_open(known) => self.b.add_type(known, ty),
                // A base may have it.
                _ if has_bases => {}
                Some(_) => {}
                None => {
                    let mut new = NewDefinition::new(name, Kind::Field, at, at);
                    (new.ty, new.flags) = (Some(ty), Flags::INFERRED);
                    self.b.define_in(class, new);
                }
            }
        }
    }

    /// Is it a property whose type nobody declares?
    fn is_open(&mut self, def: DefId) -> bool {
        let d = self.b.def_mut(def);
        d.kind == Kind::Field && d.flags.has(Flags::INFERRED)
    }

    pub(super) fn attributes(&mut self, node: Node<'t>) {
        let Some(list) = node.child_by_field_name("attributes") else { return };
        for attribute in named(list).into_iter().flat_map(named) {
            if let Some(name) = named(attribute).into_iter().find(|n| n.kind() != "arguments") {
                self.class_ref(name, Role::Type);
                let token = named(name).into_iter().rfind(|n| n.kind() == "name").unwrap_or(name);
                self.b.note_mark(span(token).start);
                let arguments = attribute.child_by_field_name("parameters").map(named).unwrap_or_default();
                self.b.mark_signal(token, &arguments, span(attribute));
            }
            if let Some(arguments) = attribute.child_by_field_name("parameters") {
                self.arguments(arguments);
            }
        }
    }

    /// The comment of documentation before something.
    pub(super) fn doc(&self, node: Node<'t>) -> Option<Span> {
        comment_before(node, self.b.text, |c| c.starts_with("/**"))
    }

    fn visibility(&self, node: Node<'t>) -> Flags {
        let word = find_child(node, "visibility_modifier").map_or("", |n| text(n, self.b.text));
        Flags::default()
            .with_if(is_static(node), Flags::STATIC)
            .with_if(has_child(node, "abstract_modifier"), Flags::ABSTRACT)
            .with_if(word == "private", Flags::PRIVATE)
    }

    /// A function or method.
    pub(super) fn function(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        self.attributes(node);
        let is_method = node.kind() == "method_declaration";
        let word = text(name, self.b.text);
        let body = node.child_by_field_name("body");
        let doc = self.doc(node);
        let kind = match is_method {
            true if word.eq_ignore_ascii_case("__construct") => Kind::Constructor,
            true => Kind::Method,
            false => Kind::Function,
        };
        let mut new = NewDefinition::new(word, kind, span(name), span(node));
        let is_test = is_method && (word.starts_with("test") || doc.is_some_and(|d| d.of(self.b.text).contains("@test")));
        new.flags = self.visibility(node).with_if(is_method && body.is_none(), Flags::ABSTRACT).with_if(is_test, Flags::TEST);
        new.doc = doc;
        new.body = body.map(span);
        let def = self.b.define(new);
        let said = doc.map(|d| Said::of(d.of(self.b.text), d.start)).unwrap_or_default();
        let declared = node.child_by_field_name("return_type").map(|t| self.hint(t)).filter(|t| *t != self.b.unknown());
        self.in_function(node, Some(def), |r| {
            r.templates(&said);
            let ty = r.told(declared, said.returns.as_ref());
            r.parameters(node, def, &said);
            if let Some(body) = body {
                r.block(body);
            }
            let returned = r.returned.last().copied().flatten();
            r.b.def_mut(def).ty = ty.or(returned);
        });
    }

    pub(super) fn parameters(&mut self, node: Node<'t>, def: DefId, said: &Said) {
        let (mut arity, mut required) = (0u8, 0u8);
        for parameter in node.child_by_field_name("parameters").map(named).unwrap_or_default() {
            let Some(name) = parameter.child_by_field_name("name") else { continue };
            let name = if name.kind() == "by_ref" { named(name).into_iter().next().unwrap_or(name) } else { name };
            self.attributes(parameter);
            let word = text(name, self.b.text);
            let declared = parameter.child_by_field_name("type").map(|t| self.hint(t)).filter(|t| *t != self.b.unknown());
            let ty = self.told(declared, said.parameters.iter().find(|p| p.0 == word).map(|p| &p.1));
            let is_rest = parameter.kind() == "variadic_parameter";
            let ty = if is_rest { ty.map(|t| self.b.ty(TypeExpr::List(t))) } else { ty };
            let mut new = NewDefinition::new(word, Kind::Parameter, span(name), span(parameter));
            new.ty = ty;
            self.b.define(new);
            if let Some(value) = parameter.child_by_field_name("default_value") {
                self.expression(value, Role::Read);
            }
            arity = if is_rest { 255 } else { arity.saturating_add(1).min(254) };
            required += u8::from(!is_rest && parameter.child_by_field_name("default_value").is_none() && required < 200);
            if parameter.kind() == "property_promotion_parameter"
                && let Some(class) = self.class
            {
                self.promoted(parameter, name, ty, class);
            }
        }
        let d = self.b.def_mut(def);
        (d.arity, d.required) = (arity, required);
    }

    /// A parameter that is a property as well.
    fn promoted(&mut self, parameter: Node<'t>, name: Node<'t>, ty: Option<TypeId>, class: compass_facts::ScopeId) {
        let token = named(name).into_iter().next().unwrap_or(name);
        let mut new = NewDefinition::new(text(token, self.b.text), Kind::Field, span(token), span(parameter));
        new.ty = ty;
        self.b.define_in(class, new);
    }

    pub(super) fn properties(&mut self, node: Node<'t>) {
        self.attributes(node);
        let doc = self.doc(node);
        let flags = self.visibility(node);
        let declared = node.child_by_field_name("type").map(|t| self.hint(t)).filter(|t| *t != self.b.unknown());
        let said = doc.map(|d| Said::of(d.of(self.b.text), d.start)).unwrap_or_default();
        let ty = self.told(declared, said.variable.as_ref());
        for element in named(node).into_iter().filter(|n| n.kind() == "property_element") {
            let Some(name) = element.child_by_field_name("name") else { continue };
            let token = named(name).into_iter().next().unwrap_or(name);
            let mut new = NewDefinition::new(text(token, self.b.text), Kind::Field, span(token), span(node));
            (new.doc, new.flags, new.ty) = (doc, flags.with_if(ty.is_none(), Flags::INFERRED), ty);
            let def = self.b.define(new);
            if let Some(value) = element.child_by_field_name("default_value") {
                let ty = self.expression(value, Role::Read);
                if self.is_open(def) {
                    self.b.add_type(def, ty);
                }
            }
        }
    }

    /// Constants, of a class or of a namespace.
    pub(super) fn constants(&mut self, node: Node<'t>) {
        let doc = self.doc(node);
        for element in named(node).into_iter().filter(|n| n.kind() == "const_element") {
            let parts = named(element);
            let Some(name) = parts.first() else { continue };
            let mut new = NewDefinition::new(text(*name, self.b.text), Kind::Constant, span(*name), span(node));
            (new.doc, new.flags) = (doc, self.visibility(node).with(Flags::STATIC));
            let def = self.b.define(new);
            if let Some(value) = parts.get(1) {
                self.b.kept = Some((value.id(), span(*name).start));
                let ty = self.expression(*value, Role::Read);
                self.b.def_mut(def).ty = Some(ty);
            }
        }
    }

    pub(super) fn enum_case(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variant, span(name), span(node));
        new.flags = Flags::STATIC;
        new.ty = self.class.map(|scope| self.b.ty(TypeExpr::Receiver(scope)));
        self.b.define(new);
        if let Some(value) = node.child_by_field_name("value") {
            self.expression(value, Role::Read);
        }
    }

    /// A property that is first met where `$this` is given it.
    pub(super) fn member_use(&mut self, name: Node<'t>, of: TypeId, role: Role) -> TypeId {
        let token = if name.kind() == "variable_name" { named(name).into_iter().next().unwrap_or(name) } else { name };
        let word = text(token, self.b.text);
        self.b.add_use(word, span(token), role, Shape::Member(of));
        if of == self.b.unknown() { of } else { self.b.ty_member(of, word) }
    }
}
