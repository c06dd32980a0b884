//! Scala: one walk over the tree of the generic grammar.
//!
//! An object is a type whose members its name alone reaches; what a class says of itself (`self: Other =>`) and what functions and implicit
//! classes extend are parameters without a place. Function literals get what they are given from the function they are handed to.

mod declarations;
mod expressions;
mod literals;
mod patterns;
mod readable;
mod types;

pub(crate) use readable::{easier, is_misread};

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::ModelTable;
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, Facts, GapCause, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, Span, TypeId};

/// The parameter that stands for what values of a class are besides, by what it says of itself.
pub(crate) const SELF: &str = "<self>";

/// The parameter that stands for what a function or the methods of an implicit class extend.
pub(crate) const EXTENDED: &str = "<extended>";

/// The parameter that stands before a further list of parameters, and before one that nobody needs to write.
pub(crate) const LIST: &str = "<list>";
pub(crate) const UNWRITTEN_LIST: &str = "<unwritten>";

/// The member that stands for a part of what a class is made of, with its number behind it.
pub(crate) const PART: &str = "<part>";

/// Stands before the name of a member that is looked for as a type.
pub(crate) const TYPE: &str = "<type>";

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Members }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before) || crate::frameworks::RPC.is_maker(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, class: None, handed: None, placeholder: None, package: String::new(), is_quiet: false };
    reader.packages(tree.root_node());
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// What `_` stands for within an argument.
#[derive(Clone, Copy)]
struct Placeholder {
    by: TypeId,
    argument: u32,
    /// How many were met.
    number: u32,
}

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "getOrElse", "apply", "head", "last", "values"],
    adders: &["put", "update", "append", "addOne"],
    copies: &["toList", "toMap", "toSeq", "toSet", "filter", "reverse"],
    invokers: &["apply", "run", "accept", "call"],
    by_name: &[("getMethod", 0), ("getDeclaredMethod", 0), ("getField", 0), ("getDeclaredField", 0), ("findVirtual", 1), ("findStatic", 1)],
    own: &["this"],
    loaders: &["forName"],
    formats: &["format", "formatted"],
    same_text: &["toLowerCase", "trim"],
    full_names: crate::profile::FULL_NAMES,
    signals: true,
    models: &ModelTable::NONE,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of the class around.
    class: Option<ScopeId>,
    /// What a function literal read next is handed to, and as which argument.
    handed: Option<(TypeId, u32)>,
    placeholder: Option<Placeholder>,
    /// The package so far.
    package: String,
    /// Was what is read now read before? Its names are no further uses then.
    is_quiet: bool,
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
    /// `package a.b`, `package c`: the file is part of `a.b.c`, and sees what `a.b` has.
    fn packages(&mut self, root: Node<'t>) {
        let all = named(root);
        let clauses: Vec<Node<'t>> = all.iter().copied().filter(|n| n.kind() == "package_clause").collect();
        let mut last = None;
        for clause in clauses {
            let Some(name) = clause.child_by_field_name("name") else { continue };
            if !self.package.is_empty() {
                self.sees_package(clause);
            }
            self.enter_package(name);
            last = Some((clause, name));
            // One in braces holds the rest of the file.
            let mut inner = clause.child_by_field_name("body");
            while let Some(body) = inner {
                let Some(next) = named(body).into_iter().find(|n| n.kind() == "package_clause") else { break };
                let Some(name) = next.child_by_field_name("name") else { break };
                self.sees_package(next);
                self.enter_package(name);
                inner = next.child_by_field_name("body");
            }
        }
        let object = all.iter().find(|n| n.kind() == "package_object").copied();
        let is_alone = !all.iter().any(|n| matches!(n.kind(), "class_definition" | "object_definition" | "trait_definition"));
        if let Some(name) = object.filter(|_| is_alone).and_then(|o| o.child_by_field_name("name")) {
            if !self.package.is_empty() {
                self.sees_package(name);
            }
            self.enter_package(name);
            last = Some((name, name));
        }
        if let Some((node, token)) = last {
            let package = self.package.clone();
            let import = Import { kind: ImportKind::Within, module: self.b.intern(&package), ..self.import_of(node, token) };
            self.b.add_import(import);
        }
    }

    fn enter_package(&mut self, name: Node<'t>) {
        let path: String = text(name, self.b.text).split_whitespace().collect();
        if !self.package.is_empty() {
            self.package.push('.');
        }
        self.package.push_str(&path.replace('`', ""));
    }

    /// What the package so far has is seen without an import: as one of everything that nobody wrote.
    fn sees_package(&mut self, node: Node<'t>) {
        let package = self.package.clone();
        let start = span(node).start;
        let nowhere = Span { start, end: start };
        let import = Import { kind: ImportKind::Glob, module: self.b.intern(&package), name_span: nowhere, ..self.import_of(node, node) };
        self.b.add_import(import);
    }

    fn import_of(&mut self, node: Node<'t>, token: Node<'t>) -> Import {
        let module = self.b.intern("");
        let scope = self.b.place.scope;
        let (at, token) = (span(node), span(token));
        Import { kind: ImportKind::Name, module, name: None, bound: None, scope, span: at, name_span: token, reexport: false, system: false }
    }

    /// Statements one after the other; the type of the last.
    fn block(&mut self, node: Node<'t>) -> TypeId {
        let mut last = self.b.unknown();
        for child in named(node) {
            last = self.statement(child);
        }
        last
    }

    fn nested_block(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let last = self.block(node);
        self.b.leave(saved);
        last
    }

    fn statement(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.statement_kind(node)).unwrap_or(self.b.unknown())
    }

    fn statement_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "package_clause" => {
                if let Some(body) = node.child_by_field_name("body") {
                    self.block(body);
                }
            }
            "import_declaration" | "export_declaration" => self.import(node),
            "class_definition" | "trait_definition" | "object_definition" | "enum_definition" | "package_object" => self.type_declaration(node),
            "function_definition" | "function_declaration" => self.function(node),
            "val_definition" | "var_definition" | "val_declaration" | "var_declaration" => self.value(node),
            "given_definition" => self.given(node),
            "extension_definition" => self.extension(node),
            "type_definition" => self.alias(node),
            "block" | "indented_block" => return self.nested_block(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "comment" | "block_comment" | "end_marker" | "shebang" | "using_directive" => {}
            _ => return self.expression(node, Role::Read),
        }
        self.b.unknown()
    }

    /// `import a.b.C`, `import a.b.{C, D => E, _}`, `import a.b._`.
    fn import(&mut self, node: Node<'t>) {
        let mut path: Vec<Node<'t>> = Vec::new();
        for part in node.children() {
            match part.kind() {
                "identifier" | "operator_identifier" | "type_identifier" => path.push(part),
                "," => {
                    self.import_name(node, &path);
                    path.clear();
                }
                "namespace_wildcard" => {
                    self.import_all(node, &path);
                    path.clear();
                }
                "namespace_selectors" => {
                    for selector in named(part) {
                        self.import_selected(node, &path, selector);
                    }
                    path.clear();
                }
                "as_renamed_identifier" | "arrow_renamed_identifier" => {
                    self.import_selected(node, &path, part);
                    path.clear();
                }
                _ => {}
            }
        }
        self.import_name(node, &path);
    }

    fn joined(&self, path: &[Node<'t>]) -> String {
        path.iter().map(|p| self.word(*p)).collect::<Vec<_>>().join(".")
    }

    fn import_all(&mut self, node: Node<'t>, path: &[Node<'t>]) {
        let Some(last) = path.last() else { return };
        let module = self.joined(path);
        let import = Import { kind: ImportKind::Glob, module: self.b.intern(&module), ..self.import_of(node, *last) };
        let id = self.b.add_import(import);
        self.b.add_use(self.word(*last), span(*last), Role::Import, Shape::Import(id));
    }

    fn import_name(&mut self, node: Node<'t>, path: &[Node<'t>]) {
        let [before @ .., name] = path else { return };
        let module = self.joined(before);
        self.import_as(node, &module, *name, self.word(*name));
    }

    fn import_as(&mut self, node: Node<'t>, module: &str, name: Node<'t>, bound: &str) {
        let word = self.word(name);
        let import = Import { module: self.b.intern(module), name: Some(self.b.intern(word)), bound: Some(self.b.intern(bound)), ..self.import_of(node, name) };
        let id = self.b.add_import(import);
        self.b.add_use(word, span(name), Role::Import, Shape::Import(id));
    }

    fn import_selected(&mut self, node: Node<'t>, path: &[Node<'t>], selector: Node<'t>) {
        let module = self.joined(path);
        match selector.kind() {
            "namespace_wildcard" => self.import_all(node, path),
            "identifier" | "type_identifier" | "operator_identifier" => self.import_as(node, &module, selector, self.word(selector)),
            _ => {
                let (Some(name), alias) = (selector.child_by_field_name("name"), selector.child_by_field_name("alias")) else { return };
                let bound = alias.map_or("_", |a| self.word(a));
                if bound != "_" {
                    self.import_as(node, &module, name, bound);
                }
            }
        }
    }

    /// A parameter without a place.
    fn hidden_parameter(&mut self, name: &str, ty: Option<TypeId>, at: Span) {
        let here = Span { start: at.start, end: at.start };
        let mut new = NewDefinition::new(name, Kind::Parameter, here, here);
        new.ty = ty;
        self.b.define(new);
    }

    /// A name without the quotes that some need.
    fn word(&self, node: Node<'t>) -> &'t str {
        text(node, self.b.text).trim_matches('`')
    }
}
