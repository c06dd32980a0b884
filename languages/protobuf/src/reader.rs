//! Protocol Buffers: one walk over the tree of the generic grammar.
//!
//! The parts of a package are modules around all that the file defines. A name with dots is a chain of members whose first link is looked
//! for outwards; the names of options are members of the message that the language keeps such options in. `Deref` of a field stands for
//! the type it is declared with.

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{comment_before, find_child, has_child, named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, GapCause, Import, ImportKind, Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b };
    let root = tree.root_node();
    let package = find_child(root, "package").and_then(|p| find_child(p, "full_ident"));
    let mut saved = Vec::new();
    for name in package.into_iter().flat_map(named).filter(|n| n.kind() == "identifier") {
        let whole = Span::new(span(name).start as usize, text.len());
        let def = reader.b.define(NewDefinition::new(compass_facts::reading::tree::text(name, text), Kind::Module, span(name), whole));
        saved.push(reader.b.enter(ScopeKind::Module, Span::new(0, text.len()), Some(def)));
    }
    for child in named(root) {
        reader.part(child, "FileOptions");
    }
    for place in saved.into_iter().rev() {
        reader.b.leave(place);
    }
    reader.b.finish()
}

/// Options that are no field of anything.
const PSEUDO_OPTIONS: [&str; 2] = ["default", "json_name"];

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
}

impl Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: Refusal, at: Span) {
        self.b.refused(why, at);
    }
}

impl<'t> Reader<'t> {
    /// A part of a file or message; `options` is the message that its options are fields of.
    fn part(&mut self, node: Node<'t>, options: &str) {
        self.deeper(span(node), |r| r.part_kind(node, options));
    }

    fn part_kind(&mut self, node: Node<'t>, options: &str) {
        match node.kind() {
            "import" => self.import(node),
            "option" => self.option(node, options, None),
            "message" | "group" => self.message(node),
            "enum" => self.enumeration(node),
            "extend" => self.extend(node),
            "service" => self.service(node),
            "field" | "oneof_field" | "map_field" => self.field(node),
            "oneof" => self.oneof(node),
            "field_options" => {
                for option in named(node) {
                    self.option(option, "ExtensionRangeOptions", None);
                }
            }
            "extensions" => {
                for part in named(node).into_iter().filter(|n| n.kind() == "field_options") {
                    self.part(part, options);
                }
            }
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                for part in named(node) {
                    self.part(part, options);
                }
            }
            _ => {}
        }
    }

    /// Comments in front, or one behind on the same line.
    fn doc(&self, node: Node<'t>) -> Option<Span> {
        comment_before(node, self.b.text, |c| c.starts_with("//") || c.starts_with("/*")).or_else(|| {
            let end = span(node).end as usize;
            let line = self.b.text[end..].lines().next()?;
            let at = line.find("//").filter(|at| line[..*at].trim().is_empty())?;
            Some(Span::new(end + at, end + line.trim_end().len()))
        })
    }

    fn define(&mut self, name: Node<'t>, kind: Kind, whole: Node<'t>, ty: Option<TypeId>) -> DefId {
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(whole));
        new.doc = self.doc(whole);
        new.ty = ty;
        self.b.define(new)
    }

    fn import(&mut self, node: Node<'t>) {
        let Some(path) = find_child(node, "string") else { return };
        let whole = span(path);
        let word = text(path, self.b.text);
        let module = word.trim_matches(['"', '\'']);
        let token = if word.len() > module.len() { Span { start: whole.start + 1, end: whole.end - 1 } } else { whole };
        let module = self.b.intern(module);
        let reexport = has_child(node, "public");
        let scope = self.b.place.scope;
        let kind = ImportKind::Effect;
        self.b.add_import(Import { kind, module, name: None, bound: None, scope, span: span(node), name_span: token, reexport, system: false });
    }

    fn message(&mut self, node: Node<'t>) {
        let Some(name) = find_child(node, "message_name").and_then(|n| find_child(n, "identifier")) else { return };
        let def = self.define(name, Kind::Struct, node, None);
        for options in named(node).into_iter().filter(|n| n.kind() == "field_options") {
            self.part(options, "FieldOptions");
        }
        let Some(body) = find_child(node, "message_body") else { return };
        self.b.def_mut(def).body = Some(span(body));
        let saved = self.b.enter(ScopeKind::Type, span(body), Some(def));
        for part in named(body) {
            self.part(part, "MessageOptions");
        }
        self.b.leave(saved);
    }

    fn enumeration(&mut self, node: Node<'t>) {
        let Some(name) = find_child(node, "enum_name").and_then(|n| find_child(n, "identifier")) else { return };
        let def = self.define(name, Kind::Enum, node, None);
        let Some(body) = find_child(node, "enum_body") else { return };
        self.b.def_mut(def).body = Some(span(body));
        let saved = self.b.enter(ScopeKind::Type, span(body), Some(def));
        for part in named(body) {
            if part.kind() != "enum_field" {
                self.part(part, "EnumOptions");
                continue;
            }
            let Some(name) = find_child(part, "identifier") else { continue };
            self.define(name, Kind::Variant, part, None);
            for option in named(part).into_iter().filter(|n| n.kind() == "enum_value_option") {
                self.option(option, "EnumValueOptions", None);
            }
        }
        self.b.leave(saved);
    }

    /// What is added to a message stands in the scope around.
    fn extend(&mut self, node: Node<'t>) {
        if let Some(path) = find_child(node, "full_ident") {
            self.path(path, Role::Type);
        }
        for part in find_child(node, "message_body").into_iter().flat_map(named) {
            self.part(part, "MessageOptions");
        }
    }

    fn service(&mut self, node: Node<'t>) {
        let Some(name) = find_child(node, "service_name").and_then(|n| find_child(n, "identifier")) else { return };
        let def = self.define(name, Kind::Interface, node, None);
        let body = Span { start: span(name).end, end: span(node).end };
        self.b.def_mut(def).body = Some(body);
        let saved = self.b.enter(ScopeKind::Type, body, Some(def));
        for part in named(node) {
            if part.kind() == "rpc" {
                self.procedure(part);
            } else {
                self.part(part, "ServiceOptions");
            }
        }
        self.b.leave(saved);
    }

    fn procedure(&mut self, node: Node<'t>) {
        let Some(name) = find_child(node, "rpc_name").and_then(|n| find_child(n, "identifier")) else { return };
        let def = self.define(name, Kind::Method, node, None);
        self.b.def_mut(def).arity = 1;
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        let types = named(node).into_iter().filter(|n| n.kind() == "message_or_enum_type");
        let told = types.map(|t| self.path(t, Role::Type)).last();
        for part in named(node) {
            self.part(part, "MethodOptions");
        }
        self.b.leave(saved);
        self.b.def_mut(def).ty = told;
    }

    fn oneof(&mut self, node: Node<'t>) {
        if let Some(name) = find_child(node, "identifier") {
            self.define(name, Kind::Field, node, None);
        }
        for part in named(node) {
            self.part(part, "OneofOptions");
        }
    }

    fn field(&mut self, node: Node<'t>) {
        let ty = find_child(node, "type").and_then(|t| find_child(t, "message_or_enum_type")).map(|t| self.path(t, Role::Type));
        let Some(name) = find_child(node, "identifier") else { return };
        self.define(name, Kind::Field, node, ty);
        for option in named(node).into_iter().filter(|n| n.kind() == "field_options").flat_map(named) {
            self.option(option, "FieldOptions", ty);
        }
    }

    /// `a.b.C`, `.a.b.C`: every part is a use; gives what the whole stands for.
    fn path(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let names: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.kind() == "identifier").collect();
        let is_absolute = text(node, self.b.text).starts_with('.') || self.b.text[..span(node).start as usize].trim_end().ends_with('.');
        let mut so_far = is_absolute.then(|| self.b.ty_name("", span(node)));
        for (i, name) in names.iter().enumerate() {
            let role = if i + 1 == names.len() { role } else { Role::Ref };
            let word = text(*name, self.b.text);
            let shape = so_far.map_or(Shape::Plain, Shape::Member);
            self.b.add_use(word, span(*name), role, shape);
            so_far = Some(match so_far {
                Some(of) => self.b.ty_member(of, word),
                None => self.b.ty_name(word, span(*name)),
            });
        }
        so_far.unwrap_or_else(|| self.b.unknown())
    }

    fn option_message(&mut self, name: &str, at: Span) -> TypeId {
        let mut so_far = self.b.ty_name("", at);
        for part in ["google", "protobuf", name] {
            so_far = self.b.ty_member(so_far, part);
        }
        so_far
    }

    /// `deprecated = true`, `(plan.http).path = "/racks"`: fields of the message of options, or of what an extension adds to it. `of` is
    /// the type of the field the option is for.
    fn option(&mut self, node: Node<'t>, options: &str, of: Option<TypeId>) {
        let mut holder = self.option_message(options, span(node));
        let mut value_type = None;
        let mut is_first = true;
        for part in named(node) {
            match part.kind() {
                "identifier" => {
                    let word = text(part, self.b.text);
                    if is_first && PSEUDO_OPTIONS.contains(&word) {
                        value_type = of;
                    } else {
                        self.b.add_use(word, span(part), Role::Write, Shape::Member(holder));
                        let field = self.b.ty_member(holder, word);
                        holder = self.b.ty_of(field, TypeExpr::Deref);
                        value_type = Some(holder);
                    }
                }
                "full_ident" => {
                    let field = self.path(part, Role::Write);
                    holder = self.b.ty_of(field, TypeExpr::Deref);
                    value_type = Some(holder);
                }
                "constant" => self.constant(part, value_type),
                _ => {}
            }
            is_first = false;
        }
    }

    /// A value: the name of an enumeration's value, or a message with its fields.
    fn constant(&mut self, node: Node<'t>, ty: Option<TypeId>) {
        let Some(ty) = ty else { return };
        for part in named(node) {
            match part.kind() {
                "full_ident" => {
                    let word = text(part, self.b.text);
                    if !matches!(word, "inf" | "nan" | "true" | "false") {
                        self.b.add_use(word, span(part), Role::Read, Shape::Key(ty));
                    }
                }
                "block_lit" => {
                    self.deeper(span(part), |r| r.block(part, ty));
                }
                _ => {}
            }
        }
    }

    fn block(&mut self, node: Node<'t>, ty: TypeId) {
        let mut field = None;
        for part in named(node) {
            match part.kind() {
                "identifier" => {
                    let word = text(part, self.b.text);
                    self.b.add_use(word, span(part), Role::Write, Shape::Member(ty));
                    let member = self.b.ty_member(ty, word);
                    field = Some(self.b.ty_of(member, TypeExpr::Deref));
                }
                "extension_name" => {
                    field = None;
                    for path in named(part).into_iter().filter(|n| n.kind() == "full_ident") {
                        let member = self.path(path, Role::Write);
                        field = Some(self.b.ty_of(member, TypeExpr::Deref));
                    }
                }
                "constant" => self.constant(part, field),
                _ => {}
            }
        }
    }
}
