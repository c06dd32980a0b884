//! Rust: one walk over the tree of the generic grammar.
//!
//! `let` binds from its end on and may shadow, so blocks are ordered scopes. `impl` blocks are extensions of a type.
//! The arguments of macro calls are read word by word: names, paths and simple member chains in them are uses.

mod derives;
mod expressions;
mod items;
mod macro_items;
mod macros;
pub(crate) mod made;
mod native;
mod patterns;
mod routes;
mod types;
mod uses;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::ModelTable;
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::surroundings::Surroundings;
use compass_facts::{Cancel, Facts, GapCause, Role, ScopeId, TypeId};
use macro_items::ItemsInMacros;

/// Reads a Rust file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    read_with(text, tree, &macro_items::in_macros(text, tree, cancel), cancel)
}

/// Reads a Rust file among others whose macros it calls.
pub(crate) fn read_among(text: &str, tree: &Tree, cancel: &Cancel, among: &dyn Surroundings) -> Facts {
    let items = macro_items::in_macros(text, tree, cancel);
    let facts = read_with(text, tree, &items, cancel);
    made::add(text, tree, facts, &items, cancel, among)
}

fn read_with(text: &str, tree: &Tree, items: &ItemsInMacros, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, own_type: None, handed: None, foreign: false, items, in_macro: false };
    reader.all_statements(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "get_mut", "remove", "pop", "unwrap", "expect", "iter", "values", "first", "last", "cloned", "copied"],
    adders: &["push", "insert", "push_back", "push_front"],
    copies: &["clone", "to_vec", "to_owned", "as_slice", "into_iter", "iter_mut", "rev"],
    invokers: &["call", "call_mut", "call_once"],
    by_name: &[],
    own: &[],
    loaders: &[],
    formats: &[],
    same_text: &[],
    full_names: None,
    signals: true,
    models: &ModelTable::NONE,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of the `impl`, trait or type around the place: what `Self` means.
    own_type: Option<ScopeId>,
    /// What is called, and which of its arguments the closure is that is read next.
    handed: Option<(TypeId, u32)>,
    /// Inside `extern { … }`.
    foreign: bool,
    /// Items that stand in calls of macros.
    items: &'t ItemsInMacros,
    /// Among the tokens of a macro call: what is no Rust there is the macro's own language.
    in_macro: bool,
}

impl compass_facts::bounds::Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut compass_facts::bounds::Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: compass_facts::bounds::Refusal, at: compass_facts::Span) {
        self.b.refused(why, at);
    }
}

impl<'t> Reader<'t> {
    fn all_statements(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.statement(child);
        }
    }

    /// An item, statement or expression in statement position.
    fn statement(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.statement_kind(node)).unwrap_or(self.b.unknown())
    }

    fn statement_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "function_item" | "function_signature_item" => self.function(node),
            "struct_item" | "union_item" => self.structure(node),
            "enum_item" => self.enumeration(node),
            "trait_item" => self.trait_item(node),
            "impl_item" => self.implementation(node),
            "mod_item" => self.module(node),
            "use_declaration" => self.use_declaration(node),
            "extern_crate_declaration" => self.extern_crate(node),
            "const_item" | "static_item" => self.constant(node),
            "type_item" | "associated_type" => self.alias(node),
            "macro_definition" => self.macro_definition(node),
            "foreign_mod_item" => {
                let saved = std::mem::replace(&mut self.foreign, true);
                self.all_statements(node);
                self.foreign = saved;
            }
            "declaration_list" => self.all_statements(node),
            "let_declaration" => self.let_declaration(node),
            "attribute_item" | "inner_attribute_item" => self.attribute(node),
            "ERROR" => {
                if !self.in_macro {
                    self.b.gap(GapCause::Syntax, span(node));
                }
                self.all_statements(node);
            }
            _ => return self.expression_kind(node, Role::Read),
        }
        self.b.unknown()
    }
}
