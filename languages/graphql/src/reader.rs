//! GraphQL: one walk over the tree of the generic grammar: schemas, operations, fragments.
//!
//! What is selected is a member of what the selection around it is of; `Deref` of a field or argument stands for the type it is declared
//! with, and the root of an operation for the type that the schema names for it.

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{comment_before, find_child, named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, Flags, GapCause, Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

/// What the roots of operations are called in types: the name of the operation behind it.
pub(crate) const ROOT: &str = "<root>";

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut reader = Reader { b: Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel) };
    reader.document(tree.root_node());
    reader.b.finish()
}

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
    fn document(&mut self, node: Node<'t>) {
        for part in named(node) {
            self.deeper(span(part), |r| r.definition(part));
        }
    }

    fn definition(&mut self, node: Node<'t>) {
        match node.kind() {
            "document" | "definition" | "executable_definition" | "type_system_definition" | "type_system_extension" | "type_definition" | "type_extension" => {
                self.document(node);
            }
            "schema_definition" | "schema_extension" => self.schema(node),
            "scalar_type_definition" | "scalar_type_extension" => self.type_of_kind(node, Kind::Alias),
            "object_type_definition" | "object_type_extension" => self.type_of_kind(node, Kind::Class),
            "interface_type_definition" | "interface_type_extension" => self.type_of_kind(node, Kind::Interface),
            "union_type_definition" | "union_type_extension" => self.type_of_kind(node, Kind::Union),
            "enum_type_definition" | "enum_type_extension" => self.type_of_kind(node, Kind::Enum),
            "input_object_type_definition" | "input_object_type_extension" => self.type_of_kind(node, Kind::Struct),
            "directive_definition" => self.directive_definition(node),
            "operation_definition" => self.operation(node),
            "fragment_definition" => self.fragment(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.document(node);
            }
            _ => {}
        }
    }

    fn doc(&self, node: Node<'t>) -> Option<Span> {
        find_child(node, "description").map(span).or_else(|| comment_before(node, self.b.text, |c| c.starts_with('#')))
    }

    /// A definition that stands where the walk stands.
    fn define(&mut self, name: Node<'t>, kind: Kind, whole: Node<'t>, ty: Option<TypeId>) -> DefId {
        let mut new = NewDefinition::new(text(name, self.b.text), kind, span(name), span(whole));
        new.doc = self.doc(whole);
        new.ty = ty;
        self.b.define(new)
    }

    fn named_type(&mut self, node: Node<'t>, role: Role) -> Option<TypeId> {
        let name = if node.kind() == "named_type" { find_child(node, "name")? } else { node };
        let word = text(name, self.b.text);
        self.b.add_use(word, span(name), role, Shape::Plain);
        Some(self.b.ty_name(word, span(name)))
    }

    /// The name within lists and exclamation marks.
    fn type_within(&mut self, node: Node<'t>) -> Option<TypeId> {
        if node.kind() == "named_type" {
            return self.named_type(node, Role::Type);
        }
        let inner = named(node).into_iter().find(|n| matches!(n.kind(), "type" | "named_type" | "list_type" | "non_null_type"))?;
        self.deeper(span(inner), |r| r.type_within(inner)).flatten()
    }

    fn schema(&mut self, node: Node<'t>) {
        self.marks(node);
        for root in named(node).into_iter().filter(|n| n.kind() == "root_operation_type_definition") {
            let Some(operation) = find_child(root, "operation_type") else { continue };
            let ty = find_child(root, "named_type").and_then(|t| self.named_type(t, Role::Type));
            let here = Span { start: span(operation).start, end: span(operation).start };
            let name = format!("{ROOT}{}", text(operation, self.b.text));
            let new = NewDefinition { ty, ..NewDefinition::new(&name, Kind::Variable, here, here) };
            self.b.define(new);
        }
    }

    fn type_of_kind(&mut self, node: Node<'t>, kind: Kind) {
        let Some(name) = find_child(node, "name") else { return };
        self.marks(node);
        let def = self.define(name, kind, node, None);
        if node.kind().ends_with("_extension") {
            self.b.def_mut(def).flags = Flags::SPECIAL;
        }
        let body = Span { start: span(name).end, end: span(node).end };
        self.b.def_mut(def).body = Some(body);
        for base in find_child(node, "implements_interfaces").map(leaves).unwrap_or_default() {
            if let Some(ty) = self.named_type(base, Role::Type) {
                self.b.add_base(def, ty);
            }
        }
        let saved = self.b.enter(ScopeKind::Type, body, Some(def));
        for part in named(node) {
            match part.kind() {
                "fields_definition" | "input_fields_definition" | "enum_values_definition" => {
                    for member in named(part) {
                        self.member(member);
                    }
                }
                "union_member_types" => {
                    for one in leaves(part) {
                        self.named_type(one, Role::Type);
                    }
                }
                _ => {}
            }
        }
        self.b.leave(saved);
    }

    fn member(&mut self, node: Node<'t>) {
        self.marks(node);
        match node.kind() {
            "field_definition" => {
                let Some(name) = find_child(node, "name") else { return };
                let def = self.define(name, Kind::Field, node, None);
                let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
                for argument in find_child(node, "arguments_definition").map(named).unwrap_or_default() {
                    self.value_definition(argument, Kind::Parameter);
                }
                let ty = find_child(node, "type").and_then(|t| self.type_within(t));
                self.b.leave(saved);
                self.b.def_mut(def).ty = ty;
            }
            "input_value_definition" => self.value_definition(node, Kind::Field),
            "enum_value_definition" => {
                if let Some(name) = find_child(node, "enum_value").and_then(|v| find_child(v, "name")) {
                    self.define(name, Kind::Variant, node, None);
                }
            }
            _ => {}
        }
    }

    /// An argument, or a field of an input.
    fn value_definition(&mut self, node: Node<'t>, kind: Kind) {
        let Some(name) = find_child(node, "name") else { return };
        self.marks(node);
        let ty = find_child(node, "type").and_then(|t| self.type_within(t));
        self.define(name, kind, node, ty);
        if let Some(default) = find_child(node, "default_value").and_then(|d| find_child(d, "value")) {
            self.value(default, ty);
        }
    }

    fn directive_definition(&mut self, node: Node<'t>) {
        let Some(name) = find_child(node, "name") else { return };
        let def = self.define(name, Kind::Function, node, None);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        for argument in find_child(node, "arguments_definition").map(named).unwrap_or_default() {
            self.value_definition(argument, Kind::Parameter);
        }
        self.b.leave(saved);
    }

    /// Directives at a thing.
    fn marks(&mut self, node: Node<'t>) {
        let own = named(node).into_iter().filter(|n| n.kind() == "directive");
        let listed = named(node).into_iter().filter(|n| n.kind() == "directives").flat_map(named);
        for directive in own.chain(listed).filter(|n| n.kind() == "directive") {
            let Some(name) = find_child(directive, "name") else { continue };
            let word = text(name, self.b.text);
            self.b.add_use(word, span(name), Role::Mark, Shape::Plain);
            let ty = self.b.ty_name(word, span(name));
            self.arguments(directive, ty);
        }
    }

    fn arguments(&mut self, node: Node<'t>, of: TypeId) {
        for argument in find_child(node, "arguments").map(named).unwrap_or_default() {
            let Some(name) = find_child(argument, "name") else { continue };
            let word = text(name, self.b.text);
            self.b.add_use(word, span(name), Role::Write, Shape::Key(of));
            let member = self.b.ty_member(of, word);
            let ty = self.b.ty_of(member, TypeExpr::Deref);
            if let Some(value) = find_child(argument, "value") {
                self.value(value, Some(ty));
            }
        }
    }

    fn value(&mut self, node: Node<'t>, ty: Option<TypeId>) {
        self.deeper(span(node), |r| r.value_kind(node, ty));
    }

    fn value_kind(&mut self, node: Node<'t>, ty: Option<TypeId>) {
        for part in named(node) {
            match part.kind() {
                "variable" => {
                    if let Some(name) = find_child(part, "name") {
                        self.b.add_use(text(name, self.b.text), span(name), Role::Read, Shape::Plain);
                    }
                }
                "enum_value" => {
                    if let (Some(name), Some(ty)) = (find_child(part, "name"), ty) {
                        self.b.add_use(text(name, self.b.text), span(name), Role::Read, Shape::Member(ty));
                    }
                }
                "list_value" => {
                    for value in named(part) {
                        self.value(value, ty);
                    }
                }
                "object_value" => {
                    for field in named(part).into_iter().filter(|n| n.kind() == "object_field") {
                        let (Some(name), Some(ty)) = (find_child(field, "name"), ty) else { continue };
                        let word = text(name, self.b.text);
                        self.b.add_use(word, span(name), Role::Write, Shape::Member(ty));
                        let member = self.b.ty_member(ty, word);
                        let inner = self.b.ty_of(member, TypeExpr::Deref);
                        if let Some(value) = find_child(field, "value") {
                            self.value(value, Some(inner));
                        }
                    }
                }
                _ => {}
            }
        }
    }

    /// `query Racks($cave: ID!) { … }`.
    fn operation(&mut self, node: Node<'t>) {
        let word = find_child(node, "operation_type").map_or("query", |n| text(n, self.b.text));
        self.marks(node);
        let def = find_child(node, "name").map(|name| self.define(name, Kind::Function, node, None));
        let saved = self.b.enter(ScopeKind::Function, span(node), def);
        for variable in find_child(node, "variable_definitions").map(named).unwrap_or_default() {
            let Some(name) = find_child(variable, "variable").and_then(|v| find_child(v, "name")) else { continue };
            self.marks(variable);
            let ty = find_child(variable, "type").and_then(|t| self.type_within(t));
            self.define(name, Kind::Parameter, variable, ty);
            if let Some(default) = find_child(variable, "default_value").and_then(|d| find_child(d, "value")) {
                self.value(default, ty);
            }
        }
        if let Some(set) = find_child(node, "selection_set") {
            if let Some(def) = def {
                self.b.def_mut(def).body = Some(span(set));
            }
            let root = self.b.ty_name(&format!("{ROOT}{word}"), span(node));
            let of = self.b.ty_of(root, TypeExpr::Deref);
            self.selections(set, of);
        }
        self.b.leave(saved);
    }

    fn fragment(&mut self, node: Node<'t>) {
        self.marks(node);
        let Some(name) = find_child(node, "fragment_name").and_then(|n| find_child(n, "name")) else { return };
        let def = self.define(name, Kind::Function, node, None);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.conditioned(node, None);
        self.b.leave(saved);
    }

    /// Selections, of the type that the part names, or of the one around.
    fn conditioned(&mut self, node: Node<'t>, around: Option<TypeId>) {
        let told = find_child(node, "type_condition").and_then(|c| find_child(c, "named_type")).and_then(|t| self.named_type(t, Role::Type));
        let of = told.or(around).unwrap_or_else(|| self.b.unknown());
        if let Some(set) = find_child(node, "selection_set") {
            self.selections(set, of);
        }
    }

    fn selections(&mut self, node: Node<'t>, of: TypeId) {
        for part in named(node).into_iter().filter(|n| n.kind() == "selection").flat_map(named) {
            self.deeper(span(part), |r| r.selection(part, of));
        }
    }

    fn selection(&mut self, node: Node<'t>, of: TypeId) {
        self.marks(node);
        match node.kind() {
            "field" => {
                let Some(name) = find_child(node, "name") else { return };
                let word = text(name, self.b.text);
                self.b.add_use(word, span(name), Role::Read, Shape::Member(of));
                let field = self.b.ty_member(of, word);
                self.arguments(node, field);
                if let Some(set) = find_child(node, "selection_set") {
                    let inner = self.b.ty_of(field, TypeExpr::Deref);
                    self.selections(set, inner);
                }
            }
            "inline_fragment" => self.conditioned(node, Some(of)),
            "fragment_spread" => {
                if let Some(name) = find_child(node, "fragment_name").and_then(|n| find_child(n, "name")) {
                    self.b.add_use(text(name, self.b.text), span(name), Role::Call, Shape::Plain);
                }
            }
            _ => {}
        }
    }
}

/// The named types of a list that the grammar nests to the left.
fn leaves(node: Node) -> Vec<Node> {
    let mut out = Vec::new();
    let mut at = Some(node);
    while let Some(list) = at {
        let parts = named(list);
        out.extend(parts.iter().rev().filter(|n| n.kind() == "named_type"));
        at = parts.iter().find(|n| n.kind() == list.kind()).copied();
    }
    out.reverse();
    out
}
