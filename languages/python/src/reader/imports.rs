//! `import` and `from … import`, `__all__`, `global`.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, has_child, named, span, text};
use compass_facts::{Import, ImportKind, Role, Shape, Span};

impl<'t> Reader<'t> {
    /// `import a.b.c`, `import a.b as x`.
    pub(super) fn import(&mut self, node: Node<'t>) {
        for name in named(node) {
            let (path, alias) = match name.kind() {
                "aliased_import" => (name.child_by_field_name("name"), name.child_by_field_name("alias")),
                _ => (Some(name), None),
            };
            let Some(path) = path else { continue };
            let full = compact(text(path, self.b.text));
            // `import a.b` binds `a`, but makes `a.b` reachable through it.
            let first = full.split('.').next().unwrap_or("").to_owned();
            let bound = alias.map_or(first.clone(), |a| text(a, self.b.text).to_owned());
            let module = if alias.is_some() { full.clone() } else { first };
            let last = named(path).last().map_or(span(path), |n| span(*n));
            let id = self.bind(ImportKind::Module, &module, None, Some(&bound), span(node), alias.map_or(span(path), span));
            self.module_segments(path, id, last);
            if alias.is_none() && full.contains('.') {
                self.bind(ImportKind::Effect, &full, None, None, span(node), last);
            }
        }
    }

    /// Uses for the parts of a dotted module path.
    fn module_segments(&mut self, path: Node<'t>, id: compass_facts::ImportId, last: Span) {
        if path.kind() == "dotted_name" {
            for segment in named(path) {
                if span(segment) == last {
                    self.b.add_use(text(segment, self.b.text), span(segment), Role::Import, Shape::Import(id));
                }
            }
        }
    }

    /// `from ..a.b import c as d, e`, `from m import *`.
    pub(super) fn import_from(&mut self, node: Node<'t>) {
        let module = match node.child_by_field_name("module_name") {
            Some(m) => compact(text(m, self.b.text)),
            None => "__future__".to_owned(),
        };
        let module_span = node.child_by_field_name("module_name").map_or(span(node), span);
        if has_child(node, "wildcard_import") {
            let star = find_child(node, "wildcard_import").map_or(module_span, span);
            self.bind(ImportKind::Glob, &module, None, None, span(node), star);
            return;
        }
        let names: Vec<Node> = node.children_by_field_name("name").collect();
        for name in names {
            let (what, alias) = match name.kind() {
                "aliased_import" => (name.child_by_field_name("name").unwrap_or(name), name.child_by_field_name("alias")),
                _ => (name, None),
            };
            let taken = text(what, self.b.text);
            let bound = alias.map_or(taken, |a| text(a, self.b.text));
            let id = self.bind(ImportKind::Name, &module, Some(taken), Some(bound), span(node), alias.map_or(span(what), span));
            self.b.add_use(taken, span(what), Role::Import, Shape::Import(id));
        }
    }

    fn bind(&mut self, kind: ImportKind, module: &str, name: Option<&str>, bound: Option<&str>, whole: Span, at: Span) -> compass_facts::ImportId {
        let module = self.b.intern(module);
        let name = name.map(|n| self.b.intern(n));
        let bound = bound.map(|n| self.b.intern(n));
        let scope = self.b.place.scope;
        self.b.add_import(Import { kind, module, name, bound, scope, span: whole, name_span: at, reexport: true, system: false })
    }

    /// `global x`, `nonlocal x`: the name stands further out, also where it is written below; here it is a mention, nothing more.
    pub(super) fn outer_names(&mut self, node: Node<'t>) {
        for name in named(node) {
            let (word, at) = (text(name, self.b.text), span(name));
            self.outer_mut().push(word.to_owned());
            self.b.add_use(word, at, Role::Ref, Shape::Plain);
        }
    }
}

/// The path without blanks, as some people put them around dots.
fn compact(path: &str) -> String {
    path.chars().filter(|c| !c.is_whitespace()).collect()
}
