//! Ruby: one walk over the tree of the generic grammar.
//!
//! A class or module may be opened many times: each time is a definition that says its whole name. A name in small letters that nothing binds is
//! a call on what is around; `@name` is a field of the class that gives it a value; what `extend` adds to the class itself is a parameter without
//! a place.

mod definitions;
mod expressions;
mod said;

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, GapCause, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Span, TypeExpr, TypeId};

/// The parameter that stands for a module that a class is extended with.
pub(crate) const EXTENDED: &str = "<extended>";

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, around: Vec::new(), is_of_class: false, is_private: false, opens_functions: false, in_hook: false, returns: Vec::new() };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Classes that stand for tables.
static MODELS: ModelTable = ModelTable {
    bases: &["ApplicationRecord", "ActiveRecord::Base", "Sequel::Model"],
    marks: &[],
    name_marks: &[],
    name_keys: &[],
    abstract_fields: &[],
    name_fields: &["table_name"],
    name_functions: &[],
    nested: "",
    field_signs: &[],
    plural_signs: &[],
    column_signs: &[],
    naming: Naming::SnakePlural,
    makers: &["create_table"],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["fetch", "dig", "first", "last", "pop", "shift"],
    adders: &["push", "append", "store", "unshift"],
    copies: &["dup", "clone", "to_a", "to_h", "select", "reverse", "merge"],
    invokers: &["call", "yield"],
    by_name: &[("send", 0), ("public_send", 0), ("__send__", 0), ("method", 0), ("try", 0), ("respond_to?", 0), ("instance_method", 0), ("define_method", 0)],
    own: &["self", ""],
    loaders: &["const_get"],
    formats: &["format", "sprintf"],
    same_text: &["downcase", "strip", "to_sym", "to_s"],
    full_names: crate::profile::FULL_NAMES,
    signals: true,
    models: &MODELS,
};

/// A class or module around.
struct Around {
    scope: ScopeId,
    def: DefId,
    /// Its whole name.
    path: String,
}

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    around: Vec<Around>,
    /// Does what is read belong to the class itself, and not to its values?
    is_of_class: bool,
    /// Did `private` come before?
    is_private: bool,
    /// Did `module_function` come before?
    opens_functions: bool,
    /// Is it within what a module does to classes that include it?
    in_hook: bool,
    /// Types of what `return` gives in the method around.
    returns: Vec<TypeId>,
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
        let mut last = self.b.unknown();
        for child in named(node) {
            last = self.statement(child);
        }
        last
    }

    fn statement(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.statement_kind(node)).unwrap_or(self.b.unknown())
    }

    fn statement_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "class" | "module" => self.class(node),
            "singleton_class" => self.opened_self(node),
            "method" | "singleton_method" => self.method(node),
            "alias" => self.alias(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "comment" | "heredoc_end" | "empty_statement" => {}
            _ => return self.expression(node, Role::Read),
        }
        self.b.unknown()
    }

    /// `self`.
    fn own(&mut self) -> TypeId {
        match self.around.last().map(|a| a.scope) {
            Some(scope) if self.is_of_class => self.b.ty(TypeExpr::ReceiverType(scope)),
            Some(scope) => self.b.ty(TypeExpr::Receiver(scope)),
            None => self.b.unknown(),
        }
    }

    /// Says the whole name of what is opened in a scope.
    fn says_path(&mut self, path: &str, at: Span) {
        let here = Span { start: at.start, end: at.start };
        let import = Import { kind: ImportKind::Within, module: self.b.intern(path), ..self.import_at(here, here) };
        self.b.add_import(import);
    }

    fn import_at(&mut self, whole: Span, token: Span) -> Import {
        let module = self.b.intern("");
        let scope = self.b.place.scope;
        Import { kind: ImportKind::Name, module, name: None, bound: None, scope, span: whole, name_span: token, reexport: false, system: false }
    }

    /// A variable that a name is bound to in the function or block around, or one around that.
    fn local(&self, name: &str) -> bool {
        let mut at = Some(self.b.place.scope);
        while let Some(scope) = at {
            if self.b.find_in(scope, name).is_some() && self.b.scope_kind(scope).is_local() {
                return true;
            }
            if matches!(self.b.scope_kind(scope), ScopeKind::Function | ScopeKind::Type) && !self.is_block(scope) {
                return scope == ScopeId::FILE && self.b.find_in(scope, name).is_some();
            }
            if scope == ScopeId::FILE {
                return self.b.find_in(scope, name).is_some();
            }
            at = self.b.scope_parent(scope);
        }
        false
    }

    /// Blocks see what is around them; methods do not.
    fn is_block(&self, scope: ScopeId) -> bool {
        self.b.scope_kind(scope) == ScopeKind::Function && self.b.scope_owner(scope).is_none()
    }

    fn bind(&mut self, node: Node<'t>, ty: Option<TypeId>, kind: Kind) {
        let name = text(node, self.b.text);
        if kind == Kind::Variable && self.local(name) {
            return;
        }
        let mut new = NewDefinition::new(name, kind, span(node), span(node));
        new.ty = ty.filter(|t| *t != self.b.unknown());
        self.b.define(new);
    }

    /// A name of symbols: `:name`, `"name"`.
    fn symbol(&self, node: Node<'t>) -> Option<(&'t str, Span)> {
        let whole = text(node, self.b.text);
        let at = span(node);
        match node.kind() {
            "simple_symbol" => Some((&whole[1..], Span { start: at.start + 1, end: at.end })),
            "string" if named(node).len() == 1 => named(node).into_iter().find(|n| n.kind() == "string_content").map(|n| (text(n, self.b.text), span(n))),
            "identifier" | "constant" => Some((whole, at)),
            _ => None,
        }
    }
}
