//! Classes, objects, functions, properties.

use super::types::is_type;
use super::{OF_RECEIVER, Reader};
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, named, span, text};
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn doc(&self, node: Node<'t>) -> Option<Span> {
        comment_before(node, self.b.text, |c| c.starts_with("/**"))
    }

    /// The words before a declaration, and its annotations as uses.
    fn modifiers(&mut self, node: Node<'t>) -> &'t str {
        let Some(modifiers) = named(node).into_iter().find(|n| n.kind() == "modifiers") else { return "" };
        for annotation in named(modifiers).into_iter().filter(|n| n.kind() == "annotation") {
            self.annotation(annotation);
        }
        text(modifiers, self.b.text)
    }

    pub(super) fn annotation(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "constructor_invocation" => self.made_by(part),
                _ if is_type(&part) => {
                    self.type_ref(part);
                }
                _ => continue,
            }
            let inner = named(part).into_iter().find(is_type).unwrap_or(part);
            if let Some(token) = named(inner).into_iter().rfind(|n| n.kind() == "identifier") {
                self.b.note_mark(span(token).start);
            }
        }
    }

    /// `Rack(3)` in a header or an annotation.
    fn made_by(&mut self, node: Node<'t>) {
        let name = named(node).into_iter().find(is_type).and_then(|t| named(t).into_iter().rfind(|n| n.kind() == "identifier"));
        if let Some(name) = name {
            let arguments = named(node).into_iter().find(|n| n.kind() == "value_arguments").map(named).unwrap_or_default();
            self.b.mark_signal(name, &arguments, span(node));
        }
        for part in named(node) {
            match part.kind() {
                "value_arguments" => {
                    self.value_arguments(part, None, 0);
                }
                _ if is_type(&part) => {
                    self.type_ref(part);
                }
                _ => {}
            }
        }
    }

    /// What is declared for several platforms is a declaration, and what each of them has for it a definition.
    fn flags_of(&self, words: &str) -> Flags {
        let has = |word: &str| words.split_whitespace().any(|w| w == word);
        let flags = Flags::default().with_if(has("private"), Flags::PRIVATE).with_if(has("abstract"), Flags::ABSTRACT);
        flags.with_if(has("expect") || self.in_expect, Flags::BODILESS)
    }

    /// Class, interface, object, companion.
    pub(super) fn type_declaration(&mut self, node: Node<'t>) {
        let words = self.modifiers(node);
        let has_child = |kind: &str| node.children().any(|c| c.kind() == kind);
        let body = named(node).into_iter().find(|n| matches!(n.kind(), "class_body" | "enum_class_body"));
        let kind = match node.kind() {
            "class_declaration" if has_child("interface") => Kind::Interface,
            "class_declaration" if has_child("enum") || body.is_some_and(|b| b.kind() == "enum_class_body") => Kind::Enum,
            _ => Kind::Class,
        };
        let is_object = node.kind() != "class_declaration";
        let name = node.child_by_field_name("name");
        let start = span(node).start;
        let at = name.map_or_else(|| self.keyword_of(node, "companion").unwrap_or(Span { start, end: start }), span);
        let mut new = NewDefinition::new(name.map_or("Companion", |n| self.word(n)), kind, at, span(node));
        new.doc = self.doc(node);
        // What belongs to an object, its name alone reaches.
        new.flags = self.flags_of(words).with_if(is_object, Flags::STATIC).with_if(node.kind() == "companion_object", Flags::OF_TYPE);
        new.body = body.map(span);
        let def = self.b.define(new);
        self.class_body(node, def, body);
    }

    fn keyword_of(&self, node: Node<'t>, word: &str) -> Option<Span> {
        node.children().find(|c| c.kind() == word).map(span)
    }

    /// The header and what stands between the braces.
    pub(super) fn class_body(&mut self, node: Node<'t>, def: DefId, body: Option<Node<'t>>) {
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let outer = self.class.replace(self.b.place.scope);
        let literals = std::mem::take(&mut self.in_literal);
        let interface = std::mem::replace(&mut self.in_interface, self.b.def_mut(def).kind == Kind::Interface);
        let expect = std::mem::replace(&mut self.in_expect, self.b.def_mut(def).flags.has(Flags::BODILESS));
        self.type_parameters(node);
        let parts = named(node);
        if let Some(constructor) = parts.iter().find(|p| p.kind() == "primary_constructor") {
            self.primary_constructor(*constructor, def);
        }
        if node.kind() != "object_literal" {
            self.bases(node, def);
        }
        for part in body.map(named).unwrap_or_default() {
            match part.kind() {
                "enum_entry" => self.entry(part, def),
                _ => {
                    self.statement(part);
                }
            }
        }
        self.in_literal = literals;
        self.in_interface = interface;
        self.in_expect = expect;
        self.class = outer;
        self.b.leave(saved);
    }

    /// What a class is derived from. What an object without a name hands to its base stands outside it.
    pub(super) fn bases(&mut self, node: Node<'t>, def: DefId) {
        for specifier in named(node).iter().filter(|p| p.kind() == "delegation_specifiers").flat_map(|p| named(*p)) {
            self.base(specifier, def);
        }
    }

    /// `Rack(3)`, `Turns`, `Turns by other`.
    fn base(&mut self, specifier: Node<'t>, def: DefId) {
        for part in named(specifier) {
            let inner = if is_type(&part) { Some(part) } else { named(part).into_iter().find(is_type) };
            if let Some(ty) = inner {
                let base = self.type_ref(ty);
                self.b.add_base(def, base);
            }
            if !is_type(&part) {
                for rest in named(part).into_iter().filter(|p| !is_type(p)) {
                    match rest.kind() {
                        "value_arguments" => {
                            self.value_arguments(rest, None, 0);
                        }
                        _ => {
                            self.expression(rest, Role::Read);
                        }
                    }
                }
            }
        }
    }

    fn entry(&mut self, node: Node<'t>, of: DefId) {
        let parts = named(node);
        let Some(name) = parts.iter().copied().find(|p| p.kind() == "identifier") else { return };
        let mut new = NewDefinition::new(self.word(name), Kind::Variant, span(name), span(node));
        new.flags = Flags::STATIC;
        new.doc = self.doc(node);
        let ty = self.b.ty(TypeExpr::Def(of));
        new.ty = Some(self.b.ty_instance(ty));
        let def = self.b.define(new);
        for part in parts {
            match part.kind() {
                "value_arguments" => {
                    self.value_arguments(part, None, 0);
                }
                "class_body" => {
                    let saved = self.b.enter(ScopeKind::Type, span(part), Some(def));
                    let outer = self.class.replace(self.b.place.scope);
                    self.block(part);
                    self.class = outer;
                    self.b.leave(saved);
                }
                _ => {}
            }
        }
    }

    /// Parameters in the header: some are properties as well.
    fn primary_constructor(&mut self, node: Node<'t>, def: DefId) {
        let (mut arity, mut required) = (0u8, 0u8);
        for parameter in named(node).into_iter().filter(|n| n.kind() == "class_parameters").flat_map(named) {
            let words = self.modifiers(parameter);
            let parts = named(parameter);
            let Some(name) = parts.iter().copied().find(|p| p.kind() == "identifier") else { continue };
            let is_property = self.keyword_of(parameter, "val").or_else(|| self.keyword_of(parameter, "var")).is_some();
            let mut new = NewDefinition::new(self.word(name), if is_property { Kind::Field } else { Kind::Parameter }, span(name), span(parameter));
            new.flags = self.flags_of(words);
            new.ty = parts.iter().copied().find(is_type).map(|t| self.value_type(t));
            self.b.define(new);
            let default = parts.into_iter().find(|p| p.kind() != "identifier" && p.kind() != "modifiers" && !is_type(p) && !p.kind().contains("comment"));
            if let Some(default) = default {
                self.expression(default, Role::Read);
            }
            arity = arity.saturating_add(1).min(254);
            required += u8::from(default.is_none() && required < 200);
        }
        let d = self.b.def_mut(def);
        (d.arity, d.required) = (arity, required);
    }

    pub(super) fn constructor(&mut self, node: Node<'t>) {
        self.modifiers(node);
        let Some(at) = self.keyword_of(node, "constructor") else { return };
        let mut new = NewDefinition::new("constructor", Kind::Constructor, at, span(node));
        new.doc = self.doc(node);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.own_receiver(span(node));
        self.parameters(node, def);
        for part in named(node) {
            match part.kind() {
                "constructor_delegation_call" => {
                    for arguments in named(part) {
                        self.value_arguments(arguments, None, 0);
                    }
                }
                "block" => {
                    self.nested_block(part);
                }
                _ => {}
            }
        }
        self.b.leave(saved);
    }

    fn own_receiver(&mut self, at: Span) {
        if let Some(class) = self.class {
            let ty = self.b.ty(TypeExpr::Receiver(class));
            self.receiver(ty, at);
        }
    }

    /// Types that stand before a node: what a function or property extends.
    fn extended(&self, node: Node<'t>, before: Node<'t>) -> Option<Node<'t>> {
        named(node).into_iter().take_while(|n| n.id() != before.id()).find(is_type)
    }

    pub(super) fn function(&mut self, node: Node<'t>) {
        let words = self.modifiers(node);
        let Some(name) = node.child_by_field_name("name") else { return };
        let is_member = self.class == Some(self.b.place.scope);
        let body = named(node).into_iter().find(|n| n.kind() == "function_body");
        let mut new = NewDefinition::new(self.word(name), if is_member { Kind::Method } else { Kind::Function }, span(name), span(node));
        new.doc = self.doc(node);
        let is_test = ["@Test", "@ParameterizedTest"].iter().any(|t| words.contains(t));
        new.flags = self.flags_of(words).with_if(is_member && body.is_none() && self.in_interface, Flags::ABSTRACT).with_if(is_test, Flags::TEST);
        new.body = body.map(span);
        let def = self.b.define(new);
        if words.split_whitespace().any(|w| w == "external") {
            let name = self.b.intern(&crate::native_names::native_name(self.b.so_far(), def));
            self.b.signal(span(node), compass_facts::SignalKind::NativeImport(def, name, false));
        }
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        let literals = std::mem::take(&mut self.in_literal);
        self.type_parameters(node);
        if let Some(receiver) = self.extended(node, name) {
            let ty = self.value_type(receiver);
            self.receiver(ty, span(node));
        }
        if is_member {
            self.own_receiver(span(node));
        }
        self.parameters(node, def);
        if words.split_whitespace().any(|w| w == "override") {
            // Defaults are written where the function was declared first.
            self.b.def_mut(def).required = 0;
        }
        let after = named(node).into_iter().skip_while(|n| n.kind() != "function_value_parameters").find(is_type);
        let declared = after.map(|t| self.value_type(t));
        let told = body.map(|b| self.body(b));
        self.b.def_mut(def).ty = declared.or(told.flatten());
        self.in_literal = literals;
        self.b.leave(saved);
    }

    /// A body; its type where it is one expression.
    fn body(&mut self, node: Node<'t>) -> Option<TypeId> {
        let inner = named(node).into_iter().next()?;
        match inner.kind() {
            "block" => {
                self.nested_block(inner);
                Some(self.b.ty(TypeExpr::Literal(compass_facts::Literal::Nothing)))
            }
            _ => Some(self.expression(inner, Role::Read)),
        }
    }

    /// Parameters with their defaults.
    pub(super) fn parameters(&mut self, node: Node<'t>, def: DefId) {
        let (mut arity, mut required) = (0u8, 0u8);
        let mut is_rest = false;
        let name = node.child_by_field_name("name");
        let extended = name.and_then(|name| self.extended(node, name)).map(|t| text(t, self.b.text));
        let mut written: Vec<&str> = extended.into_iter().collect();
        for part in named(node).into_iter().filter(|n| n.kind() == "function_value_parameters").flat_map(named) {
            match part.kind() {
                "parameter_modifiers" => is_rest = text(part, self.b.text).split_whitespace().any(|w| w == "vararg"),
                "parameter" => {
                    let inner = named(part);
                    let Some(name) = inner.iter().copied().find(|n| n.kind() == "identifier") else { continue };
                    let declared = inner.into_iter().find(is_type);
                    written.push(declared.map_or("", |t| text(t, self.b.text)));
                    let mut ty = declared.map(|t| self.value_type(t));
                    if is_rest {
                        ty = ty.map(|t| self.b.ty(TypeExpr::List(t)));
                    }
                    let mut new = NewDefinition::new(self.word(name), Kind::Parameter, span(name), span(part));
                    new.ty = ty;
                    self.b.define(new);
                    arity = if is_rest || arity == 255 { 255 } else { arity.saturating_add(1).min(254) };
                    required += u8::from(!is_rest && required < 200);
                    is_rest = false;
                }
                kind if kind.contains("comment") => {}
                _ => {
                    // A default: the parameter before it may be left out.
                    required = required.saturating_sub(1);
                    self.expression(part, Role::Read);
                }
            }
        }
        let d = self.b.def_mut(def);
        (d.arity, d.required, d.signature) = (arity, required, signature_of(&written));
    }

    pub(super) fn property(&mut self, node: Node<'t>) {
        let words = self.modifiers(node);
        let parts = named(node);
        let Some(variables) = parts.iter().copied().find(|p| matches!(p.kind(), "variable_declaration" | "multi_variable_declaration")) else { return };
        let is_member = self.class == Some(self.b.place.scope);
        let is_outer = !self.b.scope_kind(self.b.place.scope).is_local();
        let kind = match (is_member, words.split_whitespace().any(|w| w == "const")) {
            (true, _) => Kind::Field,
            (false, true) => Kind::Constant,
            (false, false) => Kind::Variable,
        };
        let extended = self.extended(node, variables).map(|t| self.value_type(t));
        let declared = named(variables).into_iter().find(is_type);
        let defs_before = extended.is_none() && !is_outer;
        let is_value = |p: &Node| {
            !matches!(
                p.kind(),
                "modifiers"
                    | "variable_declaration"
                    | "multi_variable_declaration"
                    | "getter"
                    | "setter"
                    | "property_delegate"
                    | "type_parameters"
                    | "type_constraints"
            ) && !is_type(p)
                && !p.kind().contains("comment")
        };
        let value = parts.iter().copied().find(is_value);
        let mut told = None;
        if defs_before || declared.is_none() && extended.is_none() {
            told = value.map(|v| self.value(v, declared));
        }
        if let Some(delegate) = parts.iter().find(|p| p.kind() == "property_delegate") {
            let of = named(*delegate).first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
            told = Some(self.b.ty_member(of, "value"));
        }
        // What others see of an object without a name is what it is derived from.
        if let Some(base) = value.filter(|v| v.kind() == "object_literal" && is_outer && !words.contains("private")).and_then(|v| self.seen_of_object(v)) {
            told = Some(base);
        }
        let made = self.variables(variables, told, kind);
        let flags = self.flags_of(words);
        for def in &made {
            let doc = self.doc(node);
            let d = self.b.def_mut(*def);
            (d.flags, d.whole, d.doc, d.visible_from) = (d.flags.with(flags), span(node), doc, span(node).end);
        }
        if told.is_none()
            && let Some(value) = value
        {
            let ty = self.value(value, declared);
            if let [only] = made[..]
                && self.b.def_mut(only).ty.is_none()
            {
                self.b.def_mut(only).ty = Some(ty);
            }
        }
        if let [only] = made[..] {
            self.accessors(node, only, extended, is_member);
        }
    }

    fn seen_of_object(&mut self, node: Node<'t>) -> Option<TypeId> {
        let specifier = named(node).into_iter().find(|p| p.kind() == "delegation_specifiers").and_then(|p| named(p).into_iter().next())?;
        let mut open = vec![specifier];
        while let Some(part) = open.pop() {
            if is_type(&part) {
                return Some(self.quiet_type(part));
            }
            open.extend(named(part));
        }
        None
    }

    /// The value of a property, handed to its declared type where it is a function literal.
    fn value(&mut self, value: Node<'t>, declared: Option<Node<'t>>) -> TypeId {
        if let Some(declared) = declared.filter(|_| value.kind() == "lambda_literal") {
            let uses = self.value_type(declared);
            self.handed = Some((uses, TypeExpr::WANTED));
        }
        let ty = self.expression(value, Role::Read);
        self.handed = None;
        ty
    }

    fn accessors(&mut self, node: Node<'t>, def: DefId, extended: Option<TypeId>, is_member: bool) {
        let accessors: Vec<Node<'t>> = named(node).into_iter().filter(|p| matches!(p.kind(), "getter" | "setter")).collect();
        if accessors.is_empty() && extended.is_none() {
            return;
        }
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.type_parameters(node);
        if let Some(extended) = extended {
            self.receiver(extended, span(node));
        }
        if is_member {
            self.own_receiver(span(node));
        }
        for accessor in accessors {
            self.deeper(span(accessor), |r| r.accessor(accessor, def));
        }
        self.b.leave(saved);
    }

    fn accessor(&mut self, node: Node<'t>, def: DefId) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        if let Some(value) = named(node).into_iter().find(|n| n.kind() == "identifier") {
            let mut new = NewDefinition::new(self.word(value), Kind::Parameter, span(value), span(value));
            new.ty = self.b.def_mut(def).ty;
            self.b.define(new);
        }
        for part in named(node) {
            if part.kind() == "function_body" {
                let told = self.body(part);
                if node.kind() == "getter" && self.b.def_mut(def).ty.is_none() {
                    self.b.def_mut(def).ty = told;
                }
            }
        }
        self.b.leave(saved);
    }

    /// `wheel`, `wheel: Wheel`, `(a, b)`.
    pub(super) fn variables(&mut self, node: Node<'t>, told: Option<TypeId>, kind: Kind) -> Vec<DefId> {
        if node.kind() == "multi_variable_declaration" {
            let parts = named(node).into_iter().filter(|n| n.kind() == "variable_declaration").collect::<Vec<_>>();
            let mut out = Vec::new();
            for (i, part) in parts.into_iter().enumerate() {
                let component = told.filter(|t| *t != self.b.unknown()).map(|t| {
                    let member = self.b.ty_member(t, &format!("component{}", i + 1));
                    self.b.ty(TypeExpr::Call { of: member, args: Vec::new() })
                });
                out.extend(self.variables(part, component, kind));
            }
            return out;
        }
        let parts = named(node);
        let Some(name) = parts.iter().copied().find(|p| p.kind() == "identifier") else { return Vec::new() };
        let declared = parts.into_iter().find(is_type).map(|t| self.value_type(t));
        let mut new = NewDefinition::new(self.word(name), kind, span(name), span(node));
        new.ty = declared.or(told).filter(|t| *t != self.b.unknown());
        let def = self.b.define(new);
        self.b.def_mut(def).visible_from = span(node).end;
        vec![def]
    }

    pub(super) fn alias(&mut self, node: Node<'t>) {
        self.modifiers(node);
        let Some(name) = node.child_by_field_name("type") else { return };
        let mut new = NewDefinition::new(self.word(name), Kind::Alias, span(name), span(node));
        new.doc = self.doc(node);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        if let Some(of) = named(node).into_iter().skip_while(|n| n.id() != name.id()).skip(1).find(is_type) {
            let ty = self.type_ref(of);
            self.b.def_mut(def).ty = Some(ty);
        }
        self.b.leave(saved);
    }

    /// What a function literal is called on.
    pub(super) fn literal_receiver(&mut self, by: TypeId, argument: u32, at: Span) {
        let ty = self.b.ty(TypeExpr::Given { by, argument, parameter: OF_RECEIVER, only: false });
        self.receiver(ty, at);
    }
}

/// A number that is the same for functions whose parameters read alike; 0 for none.
fn signature_of(types: &[&str]) -> u32 {
    let plain = types.iter().flat_map(|t| t.bytes().filter(|b| !b.is_ascii_whitespace()).chain(*b","));
    plain.fold(17u32, |all, byte| all.wrapping_mul(31).wrapping_add(u32::from(byte))) | 1
}
