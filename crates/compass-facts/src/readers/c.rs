//! C: one walk over the tree of the generic grammar. Macros are symbols; their bodies are read word by word.
//!
//! Both branches of conditionals are read. Members of structs and unions hang on their type; enumerators, tags and
//! type names live in the scope around.

mod declarations;
mod expressions;
mod preprocessor;

use super::tree::{named, span};
use super::{Builder, Lookup, TypeScopes};
use crate::{Cancel, Facts, GapCause, Role};
use tree_sitter::{Node, Tree};

/// Reads a C file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b };
    reader.block(tree.root_node());
    reader.b.finish()
}

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
}

impl<'t> Reader<'t> {
    fn block(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.statement(child);
        }
    }

    fn statement(&mut self, node: Node<'t>) {
        if !self.b.down(span(node)) {
            return;
        }
        stacker::maybe_grow(128 << 10, 2 << 20, || self.statement_kind(node));
        self.b.up();
    }

    fn statement_kind(&mut self, node: Node<'t>) {
        match node.kind() {
            "function_definition" => self.function(node),
            "declaration" => self.declaration(node),
            "type_definition" => self.type_definition(node),
            "struct_specifier" | "union_specifier" | "enum_specifier" => {
                self.type_ref(node);
            }
            "preproc_include" => self.include(node),
            "preproc_def" | "preproc_function_def" => self.define_macro(node),
            "preproc_if" | "preproc_ifdef" | "preproc_elif" | "preproc_elifdef" | "preproc_else" => self.conditional(node),
            "preproc_call" => self.directive(node),
            "compound_statement" => {
                let saved = self.b.enter(crate::ScopeKind::Ordered, span(node), None);
                self.block(node);
                self.b.leave(saved);
            }
            "for_statement" => {
                let saved = self.b.enter(crate::ScopeKind::Ordered, span(node), None);
                self.block(node);
                self.b.leave(saved);
            }
            "labeled_statement" => self.label(node),
            "goto_statement" => self.goto(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "linkage_specification"
            | "declaration_list"
            | "if_statement"
            | "else_clause"
            | "while_statement"
            | "do_statement"
            | "switch_statement"
            | "case_statement"
            | "expression_statement"
            | "return_statement"
            | "attributed_statement" => self.block(node),
            "break_statement" | "continue_statement" | "preproc_directive" => {}
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }
}
