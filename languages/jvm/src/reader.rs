//! Java: one walk over the tree of the generic grammar.
//!
//! Members of the types around are seen by plain names, inherited ones too: only names bound inside a method are linked
//! here. Methods, values and types are names apart; what is called, read or written says which is meant. `new C(…)` is a
//! use of the constructor, a member of `C` by the name of `C`.

mod declarations;
mod expressions;
mod types;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span, text};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::{Cancel, Facts, GapCause, Role, ScopeId, ScopeKind};

/// Reads a Java file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Members }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before) || crate::frameworks::RPC.is_maker(name);
    b.marking = |name| crate::frameworks::TABLE.is_mark(name) || crate::frameworks::NAMES.is_mark(name) || MODELS.is_mark(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, class: None, handed: None, switches: Vec::new() };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Classes that stand for tables.
pub(crate) static MODELS: ModelTable = ModelTable {
    bases: &[],
    marks: &["Entity", "MappedEntity"],
    name_marks: &["Table", "Entity", "MappedEntity"],
    name_keys: &["name", "value"],
    abstract_fields: &[],
    name_fields: &[],
    name_functions: &[],
    nested: "",
    field_signs: &[],
    plural_signs: &[],
    column_signs: &[],
    naming: Naming::Snake,
    makers: &[],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "getOrDefault", "remove", "poll", "pop", "values", "orElse", "orElseThrow", "computeIfAbsent"],
    adders: &["add", "put", "putIfAbsent", "offer", "push", "addLast", "addFirst", "addAll"],
    copies: &["clone", "stream", "toList", "iterator", "entrySet"],
    invokers: &["run", "apply", "accept", "call", "test", "invoke", "applyAsInt", "applyAsLong", "applyAsDouble", "compare", "execute", "getAsInt"],
    by_name: &[("getMethod", 0), ("getDeclaredMethod", 0), ("getField", 0), ("getDeclaredField", 0), ("findVirtual", 1), ("findStatic", 1)],
    own: &["this"],
    loaders: &["forName"],
    formats: &["format", "formatted"],
    same_text: &["toLowerCase", "trim", "strip"],
    full_names: crate::profile::FULL_NAMES,
    signals: false,
    models: &MODELS,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of the type around.
    class: Option<ScopeId>,
    /// What a lambda read next is handed to, or the type it is put for: see [`compass_facts::TypeExpr::Given`].
    handed: Option<(compass_facts::TypeId, u32)>,
    /// What the switches around look at, the innermost last.
    switches: Vec<compass_facts::TypeId>,
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
    fn block(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.statement(child);
        }
    }

    fn statement(&mut self, node: Node<'t>) {
        self.deeper(span(node), |r| r.statement_kind(node));
    }

    fn statement_kind(&mut self, node: Node<'t>) {
        match node.kind() {
            "package_declaration" => self.package(node),
            "import_declaration" => self.import(node),
            "class_declaration" | "interface_declaration" | "enum_declaration" | "record_declaration" | "annotation_type_declaration" => {
                self.type_declaration(node);
            }
            "method_declaration" | "constructor_declaration" | "compact_constructor_declaration" | "annotation_type_element_declaration" => self.method(node),
            "field_declaration" | "constant_declaration" | "local_variable_declaration" => self.variables(node),
            "block" | "constructor_body" | "switch_block" | "static_initializer" => self.nested_block(node),
            "for_statement" => self.nested_block(node),
            "enhanced_for_statement" => self.enhanced_for(node),
            "try_with_resources_statement" => self.nested_block(node),
            "resource" => self.resource(node),
            "catch_clause" => self.catch_clause(node),
            "switch_label" => self.switch_label(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "labeled_statement" => {
                for child in named(node).into_iter().skip(1) {
                    self.statement(child);
                }
            }
            "break_statement" | "continue_statement" | "line_comment" | "block_comment" | "module_declaration" => {}
            "expression_statement"
            | "if_statement"
            | "while_statement"
            | "do_statement"
            | "try_statement"
            | "finally_clause"
            | "return_statement"
            | "throw_statement"
            | "yield_statement"
            | "synchronized_statement"
            | "assert_statement"
            | "switch_block_statement_group"
            | "switch_rule"
            | "resource_specification"
            | "enum_body_declarations"
            | "class_body"
            | "interface_body"
            | "program" => self.block(node),
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    /// A bare name in a label is one of the constants of what is looked at, else a constant in sight.
    fn switch_label(&mut self, node: Node<'t>) {
        let of = self.switches.last().copied().unwrap_or(self.b.unknown());
        for child in named(node) {
            if child.kind() == "identifier" && of != self.b.unknown() {
                self.b.add_use(text(child, self.b.text), span(child), Role::Read, compass_facts::Shape::Key(of));
            } else {
                self.statement(child);
            }
        }
    }

    fn nested_block(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        self.block(node);
        self.b.leave(saved);
    }
}
