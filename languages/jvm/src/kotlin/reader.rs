//! Kotlin: one walk over the tree of the generic grammar.
//!
//! A function gets what it is called on as a parameter without a place, [`RECEIVER`]: the class around, the type it extends, or what a
//! function literal is called on. Plain names are looked for in their members. Function types keep a receiver behind their parameters,
//! within [`TypeExpr::Deref`]. Where a test says what a variable is, its type is that one in what follows.

mod declarations;
mod delegates;
mod expressions;
mod literals;
mod soft_words;
mod types;

pub(crate) use delegates::with_delegates;
pub(crate) use soft_words::with_plain_names;

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, Facts, GapCause, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, Span, TypeExpr, TypeId};

/// The parameter that stands for what a function is called on.
pub(crate) const RECEIVER: &str = "<this>";

/// Stands for the receiver among the parameters of a function type.
pub(crate) const OF_RECEIVER: u32 = 1000;

/// Stands for the last parameter, which a function literal behind the brackets is handed to.
pub(crate) const LAST: u32 = 1000;

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Members }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before) || crate::frameworks::RPC.is_maker(name);
    b.marking = |name| crate::frameworks::TABLE.is_mark(name) || crate::frameworks::NAMES.is_mark(name) || crate::reader::MODELS.is_mark(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, class: None, handed: None, narrowed: Vec::new(), in_literal: 0, in_interface: false, in_expect: false };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "getOrDefault", "getValue", "getOrElse", "first", "last", "values", "remove"],
    adders: &["add", "put", "plusAssign", "getOrPut"],
    copies: &["toList", "toMap", "toSet", "toMutableList", "toMutableMap", "asSequence", "filter", "reversed", "sortedBy"],
    invokers: &["invoke", "run", "apply", "call"],
    by_name: &[("getMethod", 0), ("getDeclaredMethod", 0), ("getField", 0), ("getDeclaredField", 0), ("findVirtual", 1), ("findStatic", 1)],
    own: &["this"],
    loaders: &["forName"],
    formats: &["format"],
    same_text: &["lowercase", "trim"],
    full_names: crate::profile::FULL_NAMES,
    signals: true,
    models: &crate::reader::MODELS,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of the class around.
    class: Option<ScopeId>,
    /// What a function literal read next is handed to, and as which argument.
    handed: Option<(TypeId, u32)>,
    /// Variables whose type a test told, the latest last.
    narrowed: Vec<(&'t str, TypeId)>,
    /// Function literals around, up to the function.
    in_literal: u32,
    /// Is the class around an interface?
    in_interface: bool,
    /// Is the class around declared for several platforms?
    in_expect: bool,
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
    /// Statements one after the other; the type of the last.
    fn block(&mut self, node: Node<'t>) -> TypeId {
        let known = self.narrowed.len();
        let mut last = self.b.unknown();
        for child in named(node) {
            last = self.statement(child);
            self.narrow_after(child);
        }
        self.narrowed.truncate(known);
        last
    }

    pub(super) fn nested_block(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let last = self.block(node);
        self.b.leave(saved);
        last
    }

    fn statement(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.statement_kind(node)).unwrap_or(self.b.unknown())
    }

    fn statement_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "package_header" => self.package(node),
            "import" => self.import(node),
            "class_declaration" | "object_declaration" | "companion_object" => self.type_declaration(node),
            "function_declaration" => self.function(node),
            "property_declaration" => self.property(node),
            "secondary_constructor" => self.constructor(node),
            "type_alias" => self.alias(node),
            "anonymous_initializer" => {
                for part in named(node) {
                    self.nested_block(part);
                }
            }
            "block" => return self.nested_block(node),
            "assignment" => self.assignment(node),
            "for_statement" => self.for_each(node),
            "while_statement" | "do_while_statement" => {
                for part in named(node) {
                    self.statement(part);
                }
            }
            "file_annotation" => self.annotation(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "line_comment" | "block_comment" | "label" | "shebang" => {}
            _ => return self.expression(node, Role::Read),
        }
        self.b.unknown()
    }

    /// `package a.b`.
    fn package(&mut self, node: Node<'t>) {
        let Some(path) = named(node).into_iter().next() else { return };
        let module: String = text(path, self.b.text).split_whitespace().collect();
        let module = self.b.intern(&module);
        let import = Import { kind: ImportKind::Within, module, ..self.import_of(node, path) };
        self.b.add_import(import);
    }

    fn import_of(&mut self, node: Node<'t>, token: Node<'t>) -> Import {
        let module = self.b.intern("");
        let (at, token) = (span(node), span(token));
        Import { kind: ImportKind::Name, module, name: None, bound: None, scope: ScopeId::FILE, span: at, name_span: token, reexport: false, system: false }
    }

    /// `import a.b.C`, `import a.b.C as D`, `import a.b.*`.
    fn import(&mut self, node: Node<'t>) {
        let parts = named(node);
        let Some(path) = parts.first().copied() else { return };
        let whole: String = text(path, self.b.text).split_whitespace().collect();
        if text(node, self.b.text).trim_end().ends_with('*') {
            let module = self.b.intern(&whole);
            let import = Import { kind: ImportKind::Glob, module, ..self.import_of(node, path) };
            let id = self.b.add_import(import);
            let last = named(path).into_iter().next_back().unwrap_or(path);
            self.b.add_use(text(last, self.b.text), span(last), Role::Import, Shape::Import(id));
            return;
        }
        let (module, name) = whole.rsplit_once('.').unwrap_or(("", &whole));
        let token = named(path).into_iter().next_back().unwrap_or(path);
        let bound = parts.get(1).map_or(name, |alias| text(*alias, self.b.text)).trim_matches('`').to_owned();
        let import = Import {
            module: self.b.intern(module),
            name: Some(self.b.intern(name.trim_matches('`'))),
            bound: Some(self.b.intern(&bound)),
            ..self.import_of(node, token)
        };
        let id = self.b.add_import(import);
        self.b.add_use(name.trim_matches('`'), span(token), Role::Import, Shape::Import(id));
    }

    /// `for (wheel in rack)`.
    fn for_each(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let parts = named(node);
        let at = parts.iter().position(|p| matches!(p.kind(), "variable_declaration" | "multi_variable_declaration"));
        let of = at.and_then(|at| parts.get(at + 1)).map_or(self.b.unknown(), |n| self.expression(*n, Role::Read));
        let element = self.b.ty_of(of, TypeExpr::Element);
        if let Some(at) = at {
            self.variables(parts[at], Some(element), Kind::Variable);
            for body in &parts[at + 2..] {
                self.statement(*body);
            }
        }
        self.b.leave(saved);
    }

    fn assignment(&mut self, node: Node<'t>) {
        let left = node.child_by_field_name("left");
        let wanted = left.map_or(self.b.unknown(), |n| self.expression(n, Role::Write));
        if let Some(right) = node.child_by_field_name("right") {
            self.handed = Some((wanted, TypeExpr::WANTED));
            self.expression(right, Role::Read);
            self.handed = None;
        }
    }

    /// What a function is called on, as a parameter without a place.
    fn receiver(&mut self, ty: TypeId, at: Span) {
        let here = Span { start: at.start, end: at.start };
        let mut new = NewDefinition::new(RECEIVER, Kind::Parameter, here, here);
        new.ty = Some(ty);
        self.b.define(new);
    }

    /// A name without the quotes that some need.
    fn word(&self, node: Node<'t>) -> &'t str {
        text(node, self.b.text).trim_matches('`')
    }
}
