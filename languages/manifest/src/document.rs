//! Documents that say how things are run or called: services, scripts of a package, descriptions of interfaces. What a document is, its keys
//! at the top say.

use crate::commands;
use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, GapCause, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, Span};

/// Methods of requests.
const METHODS: [&str; 8] = ["get", "put", "post", "delete", "options", "head", "patch", "trace"];
/// What services share, by the key at the top that defines it.
const SHARED: [&str; 4] = ["volumes", "networks", "secrets", "configs"];
/// Files of a package that others begin with.
const BEGINNINGS: [&str; 5] = ["main", "module", "types", "browser", "bin"];

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b };
    for document in named(tree.root_node()) {
        if document.kind() == "ERROR" {
            reader.b.gap(GapCause::Syntax, span(document));
        }
        let top = reader.entries(document);
        let has = |key: &str| top.iter().any(|e| e.key == key);
        if has("openapi") || has("swagger") {
            reader.interface(&top);
        } else if has("services") {
            reader.services(&top);
        } else if has("scripts") || has("name") {
            reader.package(&top);
        }
    }
    reader.b.finish()
}

/// A key with its value.
#[derive(Clone, Copy)]
struct Entry<'t> {
    key: &'t str,
    at: Span,
    value: Option<Node<'t>>,
    whole: Span,
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

/// What stands within the nodes that only wrap.
fn inner(mut node: Node) -> Node {
    while matches!(node.kind(), "document" | "block_node" | "flow_node") {
        let wrapped = named(node).into_iter().find(|n| !matches!(n.kind(), "comment" | "anchor" | "tag" | "yaml_directive"));
        let Some(next) = wrapped else { break };
        node = next;
    }
    node
}

impl<'t> Reader<'t> {
    fn slice(&self, at: Span) -> &'t str {
        &self.b.text[at.start as usize..at.end as usize]
    }

    fn entries(&self, node: Node<'t>) -> Vec<Entry<'t>> {
        let pairs = named(inner(node)).into_iter().filter(|n| matches!(n.kind(), "block_mapping_pair" | "flow_pair"));
        pairs
            .filter_map(|pair| {
                let at = self.scalar(pair.child_by_field_name("key")?)?;
                Some(Entry { key: self.slice(at), at, value: pair.child_by_field_name("value"), whole: span(pair) })
            })
            .collect()
    }

    /// The items of a list; a value that is none is the only one.
    fn items(&self, node: Node<'t>) -> Vec<Node<'t>> {
        let list = inner(node);
        match list.kind() {
            "block_sequence" => named(list).into_iter().filter_map(|item| named(item).into_iter().find(|n| n.kind() != "comment")).collect(),
            "flow_sequence" => named(list).into_iter().collect(),
            _ => vec![node],
        }
    }

    /// The text of a value, without its quotes.
    fn scalar(&self, node: Node<'t>) -> Option<Span> {
        let value = inner(node);
        let at = span(value);
        match value.kind() {
            "double_quote_scalar" | "single_quote_scalar" if at.end >= at.start + 2 => Some(Span { start: at.start + 1, end: at.end - 1 }),
            "plain_scalar" | "block_scalar" => Some(at),
            _ => None,
        }
    }

    fn scalar_of(&self, entries: &[Entry<'t>], key: &str) -> Option<Span> {
        entries.iter().find(|e| e.key == key)?.value.and_then(|v| self.scalar(v))
    }

    fn define(&mut self, entry: Entry<'t>, kind: Kind, doc: Option<Span>) -> DefId {
        let new = NewDefinition { doc, body: Some(entry.whole), ..NewDefinition::new(entry.key, kind, entry.at, entry.whole) };
        self.b.define(new)
    }

    fn use_of(&mut self, at: Span, role: Role) {
        if at.start < at.end {
            self.b.add_use(self.slice(at), at, role, Shape::Plain);
        }
    }

    /// Names in a list, or the keys of what is told by name.
    fn names(&mut self, value: Option<Node<'t>>, role: Role, behind: Option<char>) {
        let Some(value) = value else { return };
        for entry in self.entries(value) {
            self.use_of(entry.at, role);
        }
        for item in self.items(value) {
            let Some(at) = self.scalar(item) else { continue };
            let text = self.slice(at);
            let length = behind.and_then(|c| text.find(c)).unwrap_or(text.len());
            // A path is no name.
            if !text[..length].contains(['/', '.', '$', '~']) {
                self.use_of(Span { start: at.start, end: at.start + length as u32 }, role);
            }
        }
    }

    fn command(&mut self, value: Option<Node<'t>>, own_scripts: bool) {
        if let Some(value) = value {
            commands::read(&mut self.b, span(value), own_scripts);
        }
    }

    fn services(&mut self, top: &[Entry<'t>]) {
        for shared in top.iter().filter(|e| SHARED.contains(&e.key)) {
            for entry in shared.value.map(|v| self.entries(v)).unwrap_or_default() {
                self.define(entry, Kind::Variable, None);
            }
        }
        for entry in top.iter().filter(|e| e.key == "services").filter_map(|e| e.value).flat_map(|v| self.entries(v)).collect::<Vec<_>>() {
            let def = self.define(entry, Kind::Function, None);
            let saved = self.b.enter(ScopeKind::Function, entry.whole, Some(def));
            for part in entry.value.map(|v| self.entries(v)).unwrap_or_default() {
                self.service_part(part);
            }
            self.b.leave(saved);
        }
    }

    fn service_part(&mut self, part: Entry<'t>) {
        match part.key {
            "depends_on" => self.names(part.value, Role::Call, None),
            "links" => self.names(part.value, Role::Call, Some(':')),
            "volumes" => self.names(part.value, Role::Ref, Some(':')),
            key if SHARED.contains(&key) => self.names(part.value, Role::Ref, None),
            "extends" => {
                let entries = part.value.map(|v| self.entries(v)).unwrap_or_default();
                if let Some(at) = self.scalar_of(&entries, "service").or_else(|| part.value.and_then(|v| self.scalar(v))) {
                    self.use_of(at, Role::Ref);
                }
            }
            "build" => self.build(part),
            "command" | "entrypoint" => self.command(part.value, false),
            "environment" => {
                for entry in part.value.map(|v| self.entries(v)).unwrap_or_default() {
                    self.define(entry, Kind::Field, None);
                }
                for item in part.value.map(|v| self.items(v)).unwrap_or_default() {
                    let Some(at) = self.scalar(item) else { continue };
                    let text = self.slice(at);
                    let name = &text[..text.find('=').unwrap_or(text.len())];
                    let place = Span { start: at.start, end: at.start + name.len() as u32 };
                    if !name.is_empty() && !name.contains(char::is_whitespace) {
                        self.b.define(NewDefinition::new(name, Kind::Field, place, at));
                    }
                }
            }
            _ => {}
        }
    }

    /// The file that says how the image of a service is made.
    fn build(&mut self, part: Entry<'t>) {
        let Some(value) = part.value else { return };
        let entries = self.entries(value);
        let context = self.scalar(value).or_else(|| self.scalar_of(&entries, "context"));
        let file = self.scalar_of(&entries, "dockerfile");
        let folder = context.map_or("", |c| self.slice(c)).trim_end_matches('/');
        let path = format!("{folder}/{}", file.map_or("Dockerfile", |f| self.slice(f)));
        let Some(at) = file.or(context) else { return };
        if path.contains(['$', ':']) {
            return;
        }
        let module = self.b.intern(path.trim_start_matches('/'));
        let (kind, scope) = (ImportKind::Effect, self.b.place.scope);
        self.b.add_import(compass_facts::Import {
            kind,
            module,
            name: None,
            bound: None,
            scope,
            span: part.whole,
            name_span: at,
            reexport: false,
            system: false,
        });
        if let Some(target) = self.scalar_of(&entries, "target") {
            self.use_of(target, Role::Call);
        }
    }

    fn package(&mut self, top: &[Entry<'t>]) {
        let scripts: Vec<Entry<'t>> = top.iter().filter(|e| e.key == "scripts").filter_map(|e| e.value).flat_map(|v| self.entries(v)).collect();
        for entry in scripts {
            let def = self.define(entry, Kind::Function, None);
            let saved = self.b.enter(ScopeKind::Function, entry.whole, Some(def));
            self.command(entry.value, true);
            self.b.leave(saved);
        }
        for entry in top.iter().filter(|e| BEGINNINGS.contains(&e.key)) {
            let Some(value) = entry.value else { continue };
            let within = self.entries(value).into_iter().filter_map(|e| e.value).collect::<Vec<_>>();
            for value in within.into_iter().chain([value]) {
                if let Some(at) = self.scalar(value) {
                    commands::bring(&mut self.b, at, entry.whole, ImportKind::Effect);
                }
            }
        }
    }

    fn interface(&mut self, top: &[Entry<'t>]) {
        let within = |reader: &Self, key: &str| -> Vec<Entry<'t>> {
            top.iter().filter(|e| e.key == key).filter_map(|e| e.value).flat_map(|v| reader.entries(v)).collect()
        };
        for path in within(self, "paths") {
            for method in path.value.map(|v| self.entries(v)).unwrap_or_default() {
                self.operation(method);
            }
        }
        for section in within(self, "components") {
            for entry in section.value.map(|v| self.entries(v)).unwrap_or_default() {
                self.component(entry, section.key == "schemas");
            }
        }
        for (key, is_schema) in [("definitions", true), ("parameters", false), ("responses", false)] {
            for entry in within(self, key) {
                self.component(entry, is_schema);
            }
        }
    }

    fn operation(&mut self, method: Entry<'t>) {
        let Some(value) = method.value else { return };
        let parts = self.entries(value);
        let name = self.scalar_of(&parts, "operationId").filter(|_| METHODS.contains(&method.key));
        let doc = self.scalar_of(&parts, "summary").or_else(|| self.scalar_of(&parts, "description"));
        let saved = name.map(|at| {
            let new = NewDefinition { doc, body: Some(method.whole), ..NewDefinition::new(self.slice(at), Kind::Function, at, method.whole) };
            let def = self.b.define_in(ScopeId::FILE, new);
            self.b.enter(ScopeKind::Function, method.whole, Some(def))
        });
        self.references(value);
        if let Some(saved) = saved {
            self.b.leave(saved);
        }
    }

    fn component(&mut self, entry: Entry<'t>, is_schema: bool) {
        let parts = entry.value.map(|v| self.entries(v)).unwrap_or_default();
        let doc = self.scalar_of(&parts, "description");
        let def = self.define(entry, if is_schema { Kind::Struct } else { Kind::Variable }, doc);
        if is_schema {
            let saved = self.b.enter(ScopeKind::Type, entry.whole, Some(def));
            for field in parts.iter().filter(|p| p.key == "properties").filter_map(|p| p.value).flat_map(|v| self.entries(v)).collect::<Vec<_>>() {
                let doc = field.value.map(|v| self.entries(v)).and_then(|e| self.scalar_of(&e, "description"));
                self.define(field, Kind::Field, doc);
            }
            if let Some(value) = entry.value {
                self.references(value);
            }
            self.b.leave(saved);
        } else if let Some(value) = entry.value {
            self.references(value);
        }
    }

    /// `$ref: "#/components/schemas/Rack"`, anywhere within.
    fn references(&mut self, node: Node<'t>) {
        self.deeper(span(node), |r| {
            for entry in r.entries(node) {
                match (entry.key, entry.value.and_then(|v| r.scalar(v))) {
                    ("$ref", Some(at)) => r.reference(at, entry.whole),
                    _ => {
                        if let Some(value) = entry.value {
                            r.references(value);
                        }
                    }
                }
            }
            if matches!(inner(node).kind(), "block_sequence" | "flow_sequence") {
                for item in r.items(node) {
                    r.references(item);
                }
            }
        });
    }

    fn reference(&mut self, at: Span, whole: Span) {
        let text = self.slice(at);
        let (file, path) = text.split_once('#').unwrap_or((text, ""));
        if !file.is_empty() && !file.contains("://") {
            let place = Span { start: at.start, end: at.start + file.len() as u32 };
            commands::bring(&mut self.b, place, whole, ImportKind::Include);
        }
        let Some(name) = path.rsplit('/').next().filter(|n| !n.is_empty()) else { return };
        let place = Span { start: at.end - name.len() as u32, end: at.end };
        let role = if path.contains("schemas/") || path.contains("definitions/") { Role::Type } else { Role::Ref };
        self.use_of(place, role);
    }
}
