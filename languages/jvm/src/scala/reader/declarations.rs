//! Classes, traits, objects, functions, values.

use super::{EXTENDED, LIST, Reader, SELF, UNWRITTEN_LIST};
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, named, span, text};
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, Span, TypeExpr, TypeId};

/// How many parameters the first list has, and how many of them must be given.
#[derive(Default, Clone, Copy)]
struct Arity {
    most: u8,
    least: u8,
}

impl<'t> Reader<'t> {
    pub(super) fn doc(&self, node: Node<'t>) -> Option<Span> {
        comment_before(node, self.b.text, |c| c.starts_with("/**"))
    }

    /// The words before a declaration, and its annotations as uses.
    fn modifiers(&mut self, node: Node<'t>) -> &'t str {
        for annotation in named(node).into_iter().filter(|n| n.kind() == "annotation") {
            self.annotation(annotation);
        }
        named(node).into_iter().find(|n| n.kind() == "modifiers").map_or("", |m| text(m, self.b.text))
    }

    pub(super) fn annotation(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "arguments" => {
                    self.arguments(part, None);
                }
                _ => {
                    self.type_ref(part);
                    let token = named(part).into_iter().rfind(|n| n.kind().ends_with("identifier")).unwrap_or(part);
                    self.b.note_mark(span(token).start);
                }
            }
        }
    }

    fn flags_of(words: &str) -> Flags {
        let has = |word: &str| words.split(|c: char| !c.is_alphanumeric()).any(|w| w == word);
        Flags::default().with_if(has("private"), Flags::PRIVATE).with_if(has("abstract"), Flags::ABSTRACT)
    }

    pub(super) fn type_declaration(&mut self, node: Node<'t>) {
        let words = self.modifiers(node);
        let kind = match node.kind() {
            "trait_definition" => Kind::Interface,
            "enum_definition" => Kind::Enum,
            _ => Kind::Class,
        };
        let Some(name) = node.child_by_field_name("name") else { return };
        let is_object = matches!(node.kind(), "object_definition" | "package_object");
        let body = node.child_by_field_name("body");
        let word = if node.kind() == "package_object" { "package" } else { self.word(name) };
        let mut new = NewDefinition::new(word, kind, span(name), span(node));
        new.doc = self.doc(node);
        new.flags = Self::flags_of(words).with_if(is_object, Flags::STATIC);
        new.body = body.map(span);
        let def = self.b.define(new);
        let is_case = node.children().any(|c| c.kind() == "case");
        let is_implicit = words.split_whitespace().any(|w| w == "implicit");
        self.class_body(node, def, body, is_case, is_implicit);
    }

    pub(super) fn class_body(&mut self, node: Node<'t>, def: DefId, body: Option<Node<'t>>, is_case: bool, is_implicit: bool) {
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let outer = self.class.replace(self.b.place.scope);
        let placeholder = self.placeholder.take();
        self.type_parameters(node);
        self.class_parameters(node, def, is_case, is_implicit);
        if let Some(extend) = node.child_by_field_name("extend") {
            self.bases(extend, def);
        }
        for derived in node.child_by_field_name("derive").map(named).unwrap_or_default() {
            self.type_ref(derived);
        }
        for part in body.map(named).unwrap_or_default() {
            match part.kind() {
                "self_type" => self.self_type(part),
                "enum_case_definitions" => self.cases(part, def),
                _ => {
                    self.statement(part);
                }
            }
        }
        self.placeholder = placeholder;
        self.class = outer;
        self.b.leave(saved);
    }

    /// `extends Base[Int](1) with Turns`.
    pub(super) fn bases(&mut self, extend: Node<'t>, def: DefId) {
        for part in named(extend) {
            match part.kind() {
                "arguments" => {
                    self.arguments(part, None);
                }
                "compound_type" => self.bases(part, def),
                kind if kind.contains("comment") => {}
                _ => {
                    let base = self.type_ref(part);
                    self.b.add_base(def, base);
                }
            }
        }
    }

    /// `self: Other =>`: another name for the value, and what it is besides.
    fn self_type(&mut self, node: Node<'t>) {
        let parts = named(node);
        let told: Vec<TypeId> =
            parts.iter().skip(1).flat_map(|t| if t.kind() == "compound_type" { named(*t).into_vec() } else { vec![*t] }).map(|t| self.value_type(t)).collect();
        let Some(class) = self.class else { return };
        let own = self.b.ty(TypeExpr::Receiver(class));
        for ty in &told {
            self.hidden_parameter(SELF, Some(*ty), span(node));
        }
        if let Some(name) = parts.first().filter(|n| n.kind() == "identifier" && !matches!(text(**n, self.b.text), "_" | "this")) {
            let mut new = NewDefinition::new(self.word(*name), Kind::Parameter, span(*name), span(*name));
            new.ty = Some(if told.is_empty() { own } else { self.b.ty(TypeExpr::Union(std::iter::once(own).chain(told).take(4).collect())) });
            self.b.define(new);
        }
    }

    /// Parameters of a class are values of it.
    fn class_parameters(&mut self, node: Node<'t>, def: DefId, is_case: bool, is_implicit: bool) {
        let mut first = None;
        for (number, list) in named(node).into_iter().filter(|n| n.kind() == "class_parameters").enumerate() {
            let mut arity = Arity::default();
            if number > 0 {
                self.hidden_parameter(self.kind_of_list(list), None, span(list));
            }
            for parameter in named(list).into_iter().filter(|n| n.kind() == "class_parameter") {
                let words = self.modifiers(parameter);
                let Some(name) = parameter.child_by_field_name("name") else { continue };
                let is_value = is_case && number == 0 || parameter.children().any(|c| matches!(c.kind(), "val" | "var"));
                let mut new = NewDefinition::new(self.word(name), Kind::Field, span(name), span(parameter));
                new.flags = Self::flags_of(words).with_if(!is_value, Flags::PRIVATE);
                let ty = parameter.child_by_field_name("type");
                new.ty = ty.map(|t| self.parameter_type(t));
                let extended = new.ty.filter(|_| is_implicit && number == 0);
                self.b.define(new);
                if let Some(extended) = extended {
                    self.hidden_parameter(EXTENDED, Some(extended), span(parameter));
                }
                self.default_of(parameter);
                self.count(parameter, ty, &mut arity);
            }
            first.get_or_insert(arity);
        }
        let arity = first.unwrap_or_default();
        let d = self.b.def_mut(def);
        (d.arity, d.required) = (arity.most, arity.least);
    }

    fn default_of(&mut self, parameter: Node<'t>) {
        if let Some(value) = parameter.child_by_field_name("default_value") {
            self.expression(value, Role::Read);
        }
    }

    fn count(&self, parameter: Node<'t>, ty: Option<Node<'t>>, arity: &mut Arity) {
        if ty.is_some_and(|t| t.kind() == "repeated_parameter_type") {
            arity.most = 255;
            return;
        }
        arity.most = arity.most.saturating_add(1);
        arity.least += u8::from(parameter.child_by_field_name("default_value").is_none() && arity.least < 200);
    }

    fn kind_of_list(&self, list: Node<'t>) -> &'static str {
        let is_unwritten = list.children().any(|c| matches!(c.kind(), "implicit" | "using"));
        if is_unwritten { UNWRITTEN_LIST } else { LIST }
    }

    /// `case Red extends Color(1)`, `case Mix(r: Int)`.
    fn cases(&mut self, node: Node<'t>, of: DefId) {
        for case in named(node) {
            let Some(name) = case.child_by_field_name("name") else { continue };
            let mut new = NewDefinition::new(self.word(name), Kind::Variant, span(name), span(case));
            new.doc = self.doc(node);
            new.flags = Flags::STATIC;
            let ty = self.b.ty(TypeExpr::Def(of));
            new.ty = Some(self.b.ty_instance(ty));
            let def = self.b.define(new);
            let saved = self.b.enter(ScopeKind::Type, span(case), Some(def));
            self.type_parameters(case);
            self.class_parameters(case, def, true, false);
            if let Some(extend) = case.child_by_field_name("extend") {
                for part in named(extend) {
                    if part.kind() == "arguments" {
                        self.arguments(part, None);
                    } else {
                        self.type_ref(part);
                    }
                }
            }
            self.b.leave(saved);
        }
    }

    pub(super) fn function(&mut self, node: Node<'t>) {
        self.function_with(node, None);
    }

    /// A function; what it extends stands in front of it.
    fn function_with(&mut self, node: Node<'t>, extended: Option<(Node<'t>, Node<'t>)>) {
        let words = self.modifiers(node);
        let Some(name) = node.child_by_field_name("name") else { return };
        let is_member = self.class == Some(self.b.place.scope);
        let word = self.word(name);
        let is_constructor = word == "this";
        let kind = match (is_constructor, is_member) {
            (true, _) => Kind::Constructor,
            (_, true) => Kind::Method,
            _ => Kind::Function,
        };
        let body = node.child_by_field_name("body");
        let lists: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.kind() == "parameters").collect();
        let mut new = NewDefinition::new(word, kind, span(name), span(node));
        new.doc = self.doc(node);
        let is_bare = lists.iter().all(|l| self.kind_of_list(*l) == UNWRITTEN_LIST) && !is_constructor;
        new.flags = Self::flags_of(words).with_if(is_member && body.is_none(), Flags::ABSTRACT).with_if(is_bare, Flags::PROPERTY);
        new.body = body.map(span);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        let placeholder = self.placeholder.take();
        if let Some((whole, parameter)) = extended {
            self.type_parameters(whole);
            if let Some(ty) = parameter.child_by_field_name("type") {
                let quiet = self.quiet_value_type(ty);
                self.hidden_parameter(EXTENDED, Some(quiet), span(node));
                if let Some(name) = parameter.child_by_field_name("name") {
                    let mut new = NewDefinition::new(self.word(name), Kind::Parameter, span(name), span(parameter));
                    new.ty = Some(quiet);
                    self.b.define(new);
                }
            }
        }
        self.type_parameters(node);
        self.parameter_lists(&lists, def);
        let declared = node.child_by_field_name("return_type").map(|t| self.value_type(t));
        self.handed = declared.map(|d| (d, TypeExpr::WANTED));
        let told = body.map(|b| self.expression(b, Role::Read));
        self.handed = None;
        self.b.def_mut(def).ty = declared.or(told.filter(|_| !is_constructor));
        self.placeholder = placeholder;
        self.b.leave(saved);
    }

    fn parameter_lists(&mut self, lists: &[Node<'t>], def: DefId) {
        let mut first = None;
        for (number, list) in lists.iter().enumerate() {
            let mut arity = Arity::default();
            if number > 0 || self.kind_of_list(*list) == UNWRITTEN_LIST {
                self.hidden_parameter(self.kind_of_list(*list), None, span(*list));
            }
            for parameter in named(*list) {
                if parameter.kind() != "parameter" {
                    // `(using Rack)`: a parameter without a name.
                    self.type_ref(parameter);
                    continue;
                }
                self.modifiers(parameter);
                let Some(name) = parameter.child_by_field_name("name") else { continue };
                let ty = parameter.child_by_field_name("type");
                let mut new = NewDefinition::new(self.word(name), Kind::Parameter, span(name), span(parameter));
                new.ty = ty.map(|t| self.parameter_type(t));
                self.b.define(new);
                self.default_of(parameter);
                self.count(parameter, ty, &mut arity);
            }
            if self.kind_of_list(*list) == LIST {
                first.get_or_insert(arity);
            }
        }
        let arity = first.unwrap_or_default();
        let d = self.b.def_mut(def);
        (d.arity, d.required) = (arity.most, arity.least);
    }

    /// `val wheel: Wheel = …`, `var (a, b) = …`.
    pub(super) fn value(&mut self, node: Node<'t>) {
        let words = self.modifiers(node);
        let is_member = self.class == Some(self.b.place.scope);
        let kind = if is_member { Kind::Field } else { Kind::Variable };
        let declared = node.child_by_field_name("type").map(|t| self.value_type(t));
        self.handed = declared.map(|d| (d, TypeExpr::WANTED));
        let outer = self.placeholder.take();
        let told = node.child_by_field_name("value").map(|v| self.expression(v, Role::Read));
        self.placeholder = outer;
        self.handed = None;
        let ty = declared.or(told);
        let pattern = node.child_by_field_name("pattern");
        let doc = self.doc(node);
        let made = match pattern {
            Some(pattern) if pattern.kind() == "identifier" => vec![self.bound_name(pattern, ty, kind)],
            Some(pattern) if pattern.kind() == "identifiers" => named(pattern).into_iter().map(|n| self.bound_name(n, ty, kind)).collect(),
            Some(pattern) => self.pattern(pattern, ty, kind),
            None => named(node).into_iter().filter(|n| n.kind() == "identifier").map(|n| self.bound_name(n, ty, kind)).collect(),
        };
        let flags = Self::flags_of(words).with_if(node.kind().ends_with("declaration") && is_member, Flags::ABSTRACT);
        for def in made {
            let d = self.b.def_mut(def);
            (d.flags, d.whole, d.doc) = (d.flags.with(flags), span(node), doc);
        }
    }

    pub(super) fn given(&mut self, node: Node<'t>) {
        self.modifiers(node);
        let start = span(node).start;
        let name = node.child_by_field_name("name");
        let at = name.map_or(Span { start, end: start }, span);
        let is_member = self.class == Some(self.b.place.scope);
        let mut new = NewDefinition::new(name.map_or("", |n| self.word(n)), if is_member { Kind::Field } else { Kind::Variable }, at, span(node));
        new.doc = self.doc(node);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        for list in named(node).into_iter().filter(|n| n.kind() == "parameters").collect::<Vec<_>>() {
            for parameter in named(list).into_iter().filter(|n| n.kind() == "parameter") {
                let ty = parameter.child_by_field_name("type").map(|t| self.parameter_type(t));
                if let Some(name) = parameter.child_by_field_name("name") {
                    let mut new = NewDefinition::new(self.word(name), Kind::Parameter, span(name), span(parameter));
                    new.ty = ty;
                    self.b.define(new);
                }
            }
        }
        let ty = node.child_by_field_name("return_type").map(|t| self.value_type(t));
        self.b.def_mut(def).ty = ty;
        if let Some(body) = node.child_by_field_name("body") {
            let outer = self.class.replace(self.b.place.scope);
            match body.kind() {
                "with_template_body" | "template_body" => {
                    self.block(body);
                }
                _ => {
                    self.class = outer;
                    self.expression(body, Role::Read);
                }
            }
            self.class = outer;
        }
        self.b.leave(saved);
    }

    /// `extension (wheel: Wheel) def turn = …`.
    pub(super) fn extension(&mut self, node: Node<'t>) {
        let lists: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.kind() == "parameters").collect();
        let plain = lists.iter().find(|l| self.kind_of_list(**l) == LIST);
        let Some(parameter) = plain.and_then(|l| named(*l).into_iter().find(|n| n.kind() == "parameter")) else { return };
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        self.type_parameters(node);
        if let Some(ty) = parameter.child_by_field_name("type") {
            self.type_ref(ty);
        }
        self.b.leave(saved);
        let functions =
            named(node).into_iter().flat_map(|n| if n.kind().ends_with("body") || n.kind() == "indented_block" { named(n).into_vec() } else { vec![n] });
        for function in functions.filter(|n| matches!(n.kind(), "function_definition" | "function_declaration")) {
            self.function_with(function, Some((node, parameter)));
        }
    }

    pub(super) fn alias(&mut self, node: Node<'t>) {
        let words = self.modifiers(node);
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = NewDefinition::new(self.word(name), Kind::Alias, span(name), span(node));
        new.doc = self.doc(node);
        new.flags = Self::flags_of(words);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        let target = node.child_by_field_name("type").map(|t| self.type_ref(t));
        let bounds: Vec<Option<TypeId>> = node.children_by_field_name("bound").collect::<Vec<_>>().into_iter().map(|b| self.bound_type(b)).collect();
        self.b.def_mut(def).ty = target.or(bounds.into_iter().flatten().next());
        self.b.leave(saved);
    }

    /// A name bound to a value.
    pub(super) fn bound_name(&mut self, name: Node<'t>, ty: Option<TypeId>, kind: Kind) -> DefId {
        let mut new = NewDefinition::new(self.word(name), kind, span(name), span(name));
        new.ty = ty.filter(|t| *t != self.b.unknown());
        self.b.define(new)
    }
}
