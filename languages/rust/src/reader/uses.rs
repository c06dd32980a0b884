//! `use` trees and `extern crate`: one import per bound name.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{has_child, named, span, text};
use compass_facts::{Import, ImportId, ImportKind, Role, Shape, Span, TypeId};

/// One name brought in: what it is called there and here, and where that is written.
struct Bound<'n> {
    name: Option<&'n str>,
    bound: Option<&'n str>,
    at: Span,
    whole: Span,
}

impl<'t> Reader<'t> {
    pub(super) fn use_declaration(&mut self, node: Node<'t>) {
        let reexport = has_child(node, "visibility_modifier");
        if let Some(argument) = node.child_by_field_name("argument") {
            self.use_tree(argument, "", None, reexport);
        }
    }

    /// `prefix` is the path so far, `of` the same as an expression.
    fn use_tree(&mut self, node: Node<'t>, prefix: &str, of: Option<TypeId>, reexport: bool) {
        self.deeper(span(node), |r| r.use_tree_within(node, prefix, of, reexport));
    }

    fn use_tree_within(&mut self, node: Node<'t>, prefix: &str, of: Option<TypeId>, reexport: bool) {
        match node.kind() {
            "use_list" => {
                for part in named(node) {
                    self.use_tree(part, prefix, of, reexport);
                }
            }
            "scoped_use_list" => {
                let (path, of) = match node.child_by_field_name("path") {
                    Some(p) => self.use_path(p, prefix, of),
                    None => ("::".to_owned(), None),
                };
                if let Some(list) = node.child_by_field_name("list") {
                    self.use_tree(list, &path, of, reexport);
                }
            }
            "use_wildcard" => {
                let (path, _) = match named(node).into_iter().next() {
                    Some(p) => self.use_path(p, prefix, of),
                    None => (prefix.to_owned(), of),
                };
                let star = Span { start: span(node).end - 1, end: span(node).end };
                self.bind_use(ImportKind::Glob, &path, Bound { name: None, bound: None, at: star, whole: span(node) }, reexport);
            }
            "use_as_clause" => {
                let (Some(path), Some(alias)) = (node.child_by_field_name("path"), node.child_by_field_name("alias")) else {
                    return;
                };
                let bound = text(alias, self.b.text);
                self.use_leaf(path, prefix, of, Some((bound, span(alias))), reexport);
            }
            _ => self.use_leaf(node, prefix, of, None, reexport),
        }
    }

    /// The front of a path: every part is a mention.
    fn use_path(&mut self, node: Node<'t>, prefix: &str, of: Option<TypeId>) -> (String, Option<TypeId>) {
        let (path, of) = match (node.kind(), node.child_by_field_name("path")) {
            ("scoped_identifier", Some(front)) => self.use_path(front, prefix, of),
            _ => (prefix.to_owned(), of),
        };
        let last = if node.kind() == "scoped_identifier" { node.child_by_field_name("name").unwrap_or(node) } else { node };
        let (word, at) = (text(last, self.b.text), span(last));
        let ty = match of {
            Some(of) => self.b.ty_member(of, word),
            None => self.b.ty_name(word, at),
        };
        if !matches!(word, "crate" | "self" | "super") {
            let shape = of.map_or(Shape::Plain, Shape::Member);
            self.b.add_use(word, at, Role::Import, shape);
        }
        (join(&path, word), Some(ty))
    }

    fn use_leaf(&mut self, node: Node<'t>, prefix: &str, of: Option<TypeId>, alias: Option<(&str, Span)>, reexport: bool) {
        let (path, last) = match (node.kind(), node.child_by_field_name("path")) {
            ("scoped_identifier", Some(front)) => (self.use_path(front, prefix, of).0, node.child_by_field_name("name").unwrap_or(node)),
            _ => (prefix.to_owned(), node),
        };
        let (word, at) = (text(last, self.b.text), span(last));
        if word == "self" && !path.is_empty() {
            // `a::b::{self}` binds `b`.
            let (front, name) = path.rsplit_once("::").unwrap_or(("", &path));
            let (front, name) = (front.to_owned(), name.to_owned());
            let (bound, place) = alias.unwrap_or((&name, at));
            self.bind_use(ImportKind::Name, &front, Bound { name: Some(&name), bound: Some(bound), at: place, whole: at }, reexport);
            return;
        }
        let (bound, place) = alias.unwrap_or((word, at));
        let id = self.bind_use(ImportKind::Name, &path, Bound { name: Some(word), bound: Some(bound), at: place, whole: span(node) }, reexport);
        self.b.add_use(word, at, Role::Import, Shape::Import(id));
    }

    fn bind_use(&mut self, kind: ImportKind, path: &str, new: Bound, reexport: bool) -> ImportId {
        let module = self.b.intern(path);
        let name = new.name.map(|n| self.b.intern(n));
        let bound = new.bound.map(|n| self.b.intern(n));
        let scope = self.b.place.scope;
        self.b.add_import(Import { kind, module, name, bound, scope, span: new.whole, name_span: new.at, reexport, system: false })
    }

    pub(super) fn extern_crate(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let word = text(name, self.b.text);
        let alias = node.child_by_field_name("alias");
        let bound = alias.map_or(word, |a| text(a, self.b.text));
        let at = alias.map_or(span(name), span);
        let reexport = has_child(node, "visibility_modifier");
        let id = self.bind_use(ImportKind::Module, word, Bound { name: None, bound: Some(bound), at, whole: span(node) }, reexport);
        self.b.add_use(word, span(name), Role::Import, Shape::Import(id));
    }
}

fn join(path: &str, word: &str) -> String {
    match path {
        "" => word.to_owned(),
        "::" => format!("::{word}"),
        _ => format!("{path}::{word}"),
    }
}
