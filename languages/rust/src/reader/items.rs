//! Items: functions, types, traits, implementations, modules, constants.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, has_child, named, note_before, span, text};
use compass_facts::{DefId, Extension, Flags, Import, ImportKind, Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    fn new_item(&self, node: Node<'t>, name: Node<'t>, kind: Kind) -> NewDefinition<'t> {
        let exported = has_child(node, "visibility_modifier");
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(node));
        new.flags = Flags::default().with_if(exported, Flags::EXPORTED).with_if(!exported, Flags::PRIVATE);
        new.doc = comment_before(node, self.b.text, |c| c.starts_with("///") || c.starts_with("/**"));
        new.body = node.child_by_field_name("body").map(span);
        new
    }

    pub(super) fn function(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let in_type = self.b.scope_kind(self.b.place.scope) == ScopeKind::Type;
        let parameters = node.child_by_field_name("parameters");
        let has_self = parameters.is_some_and(|p| has_child(p, "self_parameter"));
        let mut new = self.new_item(node, name, if in_type { Kind::Method } else { Kind::Function });
        let is_async = find_child(node, "function_modifiers").is_some_and(|m| has_child(m, "async"));
        let bodiless = new.body.is_none();
        let in_trait = in_type && self.b.scope_owner(self.b.place.scope).is_some();
        new.flags = new
            .flags
            .with_if(in_type && !has_self, Flags::STATIC)
            .with_if(bodiless && in_trait, Flags::ABSTRACT)
            .with_if(bodiless && !in_trait, Flags::BODILESS)
            .with_if(is_async, Flags::ASYNC)
            .with_if(has_test_attribute(node, self.b.text), Flags::TEST);
        let def = self.b.define(new);
        self.native_signal(node, def, text(name, self.b.text));
        self.given_signal(node, def, text(name, self.b.text));
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.type_parameters(node);
        let mut arity = 0u8;
        for parameter in parameters.map(named).unwrap_or_default() {
            match parameter.kind() {
                "self_parameter" => self.self_parameter(parameter),
                "parameter" => {
                    arity = arity.saturating_add(1);
                    let ty = parameter.child_by_field_name("type").map(|t| self.value_type(t));
                    if let Some(pattern) = parameter.child_by_field_name("pattern") {
                        self.bind(pattern, ty, Kind::Parameter, 0);
                    }
                }
                _ => {}
            }
        }
        let result = node.child_by_field_name("return_type").map(|t| self.value_type(t));
        if let Some(body) = node.child_by_field_name("body") {
            self.statement(body);
        }
        self.b.leave(saved);
        let def = self.b.def_mut(def);
        def.ty = result;
        def.arity = arity;
    }

    fn self_parameter(&mut self, node: Node<'t>) {
        let Some(name) = find_child(node, "self") else { return };
        let mut new = NewDefinition::new("self", Kind::Parameter, span(name), span(node));
        new.ty = self.own_type.map(|s| self.b.ty(TypeExpr::Receiver(s)));
        self.b.define(new);
        if let Some(ty) = node.child_by_field_name("type") {
            self.value_type(ty);
        }
    }

    /// Type parameters with their bounds, and the bounds of `where` clauses.
    fn type_parameters(&mut self, node: Node<'t>) {
        for parameter in node.child_by_field_name("type_parameters").map(named).unwrap_or_default() {
            self.type_parameter(parameter);
        }
        let Some(clause) = find_child(node, "where_clause") else { return };
        for predicate in named(clause) {
            let left = predicate.child_by_field_name("left");
            if let Some(left) = left {
                self.type_ref(left);
            }
            let bounds = predicate.child_by_field_name("bounds").map(|b| self.bounds(b));
            if let (Some(left), Some(bounds)) = (left, bounds)
                && let Some(def) = self.b.find_in(self.b.place.scope, text(left, self.b.text))
            {
                self.b.add_type(def, bounds);
            }
        }
    }

    fn type_parameter(&mut self, node: Node<'t>) {
        let name = match node.kind() {
            "type_identifier" => Some(node),
            _ => node.child_by_field_name("name").or_else(|| node.child_by_field_name("left")),
        };
        let Some(name) = name.filter(|n| matches!(n.kind(), "type_identifier" | "identifier")) else { return };
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(node));
        new.ty = node.child_by_field_name("bounds").map(|b| self.bounds(b));
        self.b.define(new);
        for field in ["default_type", "type"] {
            if let Some(ty) = node.child_by_field_name(field) {
                self.value_type(ty);
            }
        }
    }

    /// `A + B`: a value that has both.
    pub(super) fn bounds(&mut self, node: Node<'t>) -> TypeId {
        let parts: Vec<TypeId> = named(node).into_iter().filter(|n| n.kind() != "lifetime").map(|n| self.value_type(n)).collect();
        match parts[..] {
            [] => self.b.unknown(),
            [only] => only,
            _ => self.b.ty(TypeExpr::Union(parts)),
        }
    }

    pub(super) fn structure(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let kind = if node.kind() == "union_item" { Kind::Union } else { Kind::Struct };
        let new = self.new_item(node, name, kind);
        let def = self.b.define(new);
        self.given_type(node, def, text(name, self.b.text));
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let saved_type = self.own_type.replace(self.b.place.scope);
        self.type_parameters(node);
        if let Some(body) = node.child_by_field_name("body") {
            self.fields(body);
        }
        self.own_type = saved_type;
        self.b.leave(saved);
        self.derived(node, def);
    }

    /// Named fields, or numbered ones for a tuple.
    fn fields(&mut self, body: Node<'t>) {
        let mut index = 0;
        for field in named(body) {
            match field.kind() {
                "field_declaration" => {
                    let ty = field.child_by_field_name("type").map(|t| self.value_type(t));
                    if let Some(name) = field.child_by_field_name("name") {
                        let mut new = self.new_item(field, name, Kind::Field);
                        new.ty = ty;
                        self.b.define(new);
                    }
                }
                "visibility_modifier" | "attribute_item" => {}
                _ => {
                    let ty = self.value_type(field);
                    let at = Span { start: span(field).start, end: span(field).start };
                    let number = index.to_string();
                    let mut new = NewDefinition::new(&number, Kind::Field, at, span(field));
                    new.ty = Some(ty);
                    self.b.define(new);
                    index += 1;
                }
            }
        }
    }

    pub(super) fn enumeration(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let new = self.new_item(node, name, Kind::Enum);
        let def = self.b.define(new);
        self.given_type(node, def, text(name, self.b.text));
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let saved_type = self.own_type.replace(self.b.place.scope);
        self.type_parameters(node);
        for variant in node.child_by_field_name("body").map(named).unwrap_or_default() {
            if variant.kind() != "enum_variant" {
                continue;
            }
            let Some(name) = variant.child_by_field_name("name") else { continue };
            let new = self.new_item(variant, name, Kind::Variant);
            let variant_def = self.b.define(new);
            if let Some(body) = variant.child_by_field_name("body") {
                let saved = self.b.enter(ScopeKind::Type, span(variant), Some(variant_def));
                self.fields(body);
                self.b.leave(saved);
            }
            if let Some(value) = variant.child_by_field_name("value") {
                self.expression(value, Role::Read);
            }
        }
        self.own_type = saved_type;
        self.b.leave(saved);
        self.derived(node, def);
    }

    pub(super) fn trait_item(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let new = self.new_item(node, name, Kind::Trait);
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let saved_type = self.own_type.replace(self.b.place.scope);
        self.type_parameters(node);
        for bound in node.child_by_field_name("bounds").map(named).unwrap_or_default() {
            if bound.kind() != "lifetime" {
                let base = self.type_ref(bound);
                self.b.add_base(def, base);
            }
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.all_statements(body);
        }
        self.own_type = saved_type;
        self.b.leave(saved);
    }

    pub(super) fn implementation(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Type, span(node), None);
        let scope = self.b.place.scope;
        let saved_type = self.own_type.replace(scope);
        self.type_parameters(node);
        let implements = node.child_by_field_name("trait").map(|t| self.type_ref(t));
        if let Some(ty) = node.child_by_field_name("type") {
            let of = self.type_ref(ty);
            self.b.add_extension(Extension { scope, of, implements });
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.all_statements(body);
        }
        self.own_type = saved_type;
        self.b.leave(saved);
    }

    pub(super) fn module(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let new = self.new_item(node, name, Kind::Module);
        let exported = new.flags.has(Flags::EXPORTED);
        let Some(body) = node.child_by_field_name("body") else {
            self.b.define(NewDefinition { flags: new.flags.with(Flags::BODILESS), ..new });
            self.child_module(node, name, exported);
            return;
        };
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Module, span(node), Some(def));
        let saved_type = self.own_type.take();
        self.all_statements(body);
        self.own_type = saved_type;
        self.b.leave(saved);
    }

    /// `mod name;`: the name is bound to a file of its own.
    fn child_module(&mut self, node: Node<'t>, name: Node<'t>, exported: bool) {
        let word = self.b.intern(text(name, self.b.text));
        let path = path_attribute(node, self.b.text).map(|p| self.b.intern(p));
        let import = Import {
            kind: ImportKind::Child,
            module: path.unwrap_or(word),
            name: path.map(|_| word),
            bound: Some(word),
            scope: self.b.place.scope,
            span: span(node),
            name_span: span(name),
            reexport: exported,
            system: false,
        };
        let id = self.b.add_import(import);
        self.b.add_use(text(name, self.b.text), span(name), Role::Import, Shape::Import(id));
    }

    pub(super) fn constant(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = self.new_item(node, name, Kind::Constant);
        new.ty = node.child_by_field_name("type").map(|t| self.value_type(t));
        let def = self.b.define(new);
        self.native_signal(node, def, text(name, self.b.text));
        if let Some(value) = node.child_by_field_name("value") {
            self.b.kept = Some((value.id(), span(name).start));
            self.expression(value, Role::Read);
        }
    }

    pub(super) fn alias(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let new = self.new_item(node, name, Kind::Alias);
        let def = self.b.define(new);
        // Its own parameters are seen in what it stands for.
        let saved = node.child_by_field_name("type_parameters").map(|_| self.b.enter(ScopeKind::Type, span(node), Some(def)));
        self.type_parameters(node);
        let ty = match node.child_by_field_name("type") {
            Some(t) => Some(self.type_ref(t)),
            None => node.child_by_field_name("bounds").map(|b| self.bounds(b)),
        };
        if let Some(saved) = saved {
            self.b.leave(saved);
        }
        self.b.def_mut(def).ty = ty;
    }

    pub(super) fn macro_definition(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = self.new_item(node, name, Kind::Macro);
        new.flags = if has_attribute(node, self.b.text, "macro_export") { Flags::EXPORTED } else { Flags::default() };
        new.body = Some(span(node));
        let def: DefId = self.b.define(new);
        let saved = self.b.place;
        self.b.place.container = Some(def);
        self.macro_rules(node);
        self.b.leave(saved);
    }

    /// Names in attributes: the traits of a derive, and what reads like a type among what others are given (`extends = Rack`). Of a
    /// path only the beginning: what the rest means, its macro knows alone.
    pub(super) fn attribute(&mut self, node: Node<'t>) {
        let Some(attribute) = find_child(node, "attribute") else { return };
        let Some(first) = named(attribute).into_iter().next() else { return };
        let head = text(first, self.b.text);
        self.mark(first);
        let Some(arguments) = attribute.child_by_field_name("arguments") else { return };
        self.route_mark(first, arguments, span(node));
        for word in compass_facts::reading::tree::words(self.b.text, span(arguments)) {
            let is_type = word.before != b':' && word.text.starts_with(char::is_uppercase);
            if head == "derive" || is_type {
                let is_front = self.b.text[word.span.end as usize..].starts_with("::");
                let role = if head == "derive" && !is_front { Role::Mark } else { Role::Ref };
                self.b.add_use(word.text, word.span, role, Shape::Plain);
            }
        }
    }

    /// The macro that an attribute calls; those of the language itself have no definition.
    fn mark(&mut self, head: Node<'t>) {
        let path: Vec<Node<'t>> = if head.kind() == "scoped_identifier" { path_of(head) } else { vec![head] };
        let is_own = path.len() == 1 && OWN_ATTRIBUTES.contains(&text(head, self.b.text));
        if is_own || path.iter().any(|p| p.kind() != "identifier") {
            return;
        }
        let mut of = None;
        for (i, part) in path.iter().enumerate() {
            let word = text(*part, self.b.text);
            let role = if i + 1 == path.len() { Role::Mark } else { Role::Ref };
            self.b.add_use(word, span(*part), role, of.map_or(Shape::Plain, Shape::Member));
            of = Some(match of {
                Some(of) => self.b.ty_member(of, word),
                None => self.b.ty_name(word, span(*part)),
            });
        }
    }
}

/// Attributes of the language and of its tools.
const OWN_ATTRIBUTES: [&str; 62] = [
    "allow",
    "allow_internal_unsafe",
    "allow_internal_unstable",
    "automatically_derived",
    "bench",
    "cfg",
    "cfg_attr",
    "cold",
    "collapse_debuginfo",
    "coverage",
    "crate_name",
    "crate_type",
    "debugger_visualizer",
    "default",
    "deny",
    "deprecated",
    "derive",
    "diagnostic",
    "doc",
    "expect",
    "export_name",
    "feature",
    "forbid",
    "global_allocator",
    "ignore",
    "inline",
    "instruction_set",
    "lang",
    "link",
    "link_name",
    "link_ordinal",
    "link_section",
    "macro_export",
    "macro_use",
    "must_use",
    "naked",
    "no_builtins",
    "no_core",
    "no_implicit_prelude",
    "no_link",
    "no_main",
    "no_mangle",
    "no_std",
    "non_exhaustive",
    "panic_handler",
    "path",
    "proc_macro",
    "proc_macro_attribute",
    "proc_macro_derive",
    "recursion_limit",
    "repr",
    "rustc_const_unstable",
    "should_panic",
    "stable",
    "target_feature",
    "test",
    "track_caller",
    "type_length_limit",
    "unsafe",
    "unstable",
    "used",
    "warn",
];

/// The names of a path, outermost first.
fn path_of(node: Node<'_>) -> Vec<Node<'_>> {
    let mut out = Vec::new();
    let mut at = Some(node);
    while let Some(node) = at {
        out.extend(node.child_by_field_name("name"));
        at = match node.child_by_field_name("path") {
            Some(path) if path.kind() == "scoped_identifier" => Some(path),
            Some(path) => {
                out.push(path);
                None
            }
            None => None,
        };
    }
    out.reverse();
    out
}

/// The attributes right before an item, nearest first.
pub(super) fn attributes<'t>(node: Node<'t>, source: &str) -> impl Iterator<Item = Node<'t>> {
    std::iter::successors(note_before(node, source), move |n| note_before(*n, source))
        .take_while(|n| n.kind() == "attribute_item" || n.kind().contains("comment"))
        .filter(|n| n.kind() == "attribute_item")
}

fn has_attribute(node: Node, source: &str, word: &str) -> bool {
    attributes(node, source).any(|a| text(a, source).contains(word))
}

fn has_test_attribute(node: Node, source: &str) -> bool {
    attributes(node, source).any(|a| matches!(text(a, source), "#[test]" | "#[tokio::test]" | "#[rstest]"))
}

/// `#[path = "x.rs"]`.
fn path_attribute<'t>(node: Node<'t>, source: &'t str) -> Option<&'t str> {
    let attribute = attributes(node, source).find(|a| text(*a, source).trim_start_matches(['#', '[', ' ']).starts_with("path"))?;
    text(attribute, source).split('"').nth(1)
}
