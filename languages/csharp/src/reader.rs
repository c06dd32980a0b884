//! C#: one walk over the tree of the generic grammar.
//!
//! Members of the types around are seen by plain names, inherited ones too: only names bound inside a method are linked here. A name
//! of a type counts its type arguments, by which types of one name are told apart. `new C(…)` is a use of the constructor: a member of
//! `C` by the name of `C`. A block of a namespace is a scope that says by an import which namespace it is.

mod clauses;
pub(crate) mod conditions;
mod declarations;
mod expressions;
mod members;
mod patterns;
mod types;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::{Cancel, Facts, Flags, GapCause, Role, ScopeId, ScopeKind, Span, TypeId};

/// Reads a file of C#; `unseen` are branches that its tree was made without.
pub(crate) fn read(text: &str, tree: &Tree, unseen: &[Span], cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Members }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before) || crate::frameworks::RPC.is_maker(name);
    b.marking = |name| crate::frameworks::TABLE.is_mark(name) || crate::frameworks::NAMES.is_mark(name) || MODELS.is_mark(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader =
        Reader { b, class: None, handed: None, accessed: Vec::new(), returned: Vec::new(), left_out: conditions::left_out(text), namespace: String::new() };
    reader.block(tree.root_node());
    unseen.iter().for_each(|span| reader.b.gap(GapCause::Syntax, *span));
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Classes that stand for tables.
static MODELS: ModelTable = ModelTable {
    bases: &[],
    marks: &[],
    name_marks: &["Table"],
    name_keys: &["name", "Name"],
    abstract_fields: &[],
    name_fields: &[],
    name_functions: &[],
    nested: "",
    field_signs: &["[Key]"],
    plural_signs: &[],
    column_signs: &[],
    naming: Naming::AsWritten,
    makers: &["CreateTable", "ToTable"],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["First", "FirstOrDefault", "Single", "GetValueOrDefault", "GetValue", "Dequeue", "Pop", "ElementAt"],
    adders: &["Add", "TryAdd", "Enqueue", "Push", "Insert", "Register", "Subscribe"],
    copies: &["ToList", "ToArray", "ToDictionary", "ToImmutableList", "Where", "OrderBy", "Reverse", "AsReadOnly", "Clone"],
    invokers: &["Invoke", "BeginInvoke", "DynamicInvoke"],
    by_name: &[("GetMethod", 0), ("GetProperty", 0), ("GetField", 0), ("InvokeMember", 0)],
    own: &["this"],
    loaders: &["LoadFrom", "LoadFile", "GetType"],
    formats: &["Format"],
    same_text: &["ToLower", "ToLowerInvariant", "Trim"],
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
    handed: Option<(TypeId, u32)>,
    /// What stands before the question marks around, the innermost last.
    accessed: Vec<TypeId>,
    /// What the functions around give so far, the innermost last.
    returned: Vec<Option<TypeId>>,
    /// Branches that the usual build leaves out.
    left_out: Vec<Span>,
    /// The namespace around.
    namespace: String,
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
            "namespace_declaration" | "file_scoped_namespace_declaration" => self.namespace_block(node),
            "using_directive" => self.using(node),
            "class_declaration" | "struct_declaration" | "interface_declaration" | "record_declaration" | "enum_declaration" => self.type_declaration(node),
            "delegate_declaration" => self.delegate(node),
            "method_declaration" | "local_function_statement" => self.method(node),
            "constructor_declaration" | "destructor_declaration" => self.constructor(node),
            "operator_declaration" | "conversion_operator_declaration" => self.operator(node),
            "property_declaration" | "event_declaration" => self.property(node),
            "indexer_declaration" => self.indexer(node),
            "field_declaration" | "event_field_declaration" | "local_declaration_statement" => self.variables(node),
            "variable_declaration" => self.variable_declaration(node, Flags::default(), node, false),
            "block" | "for_statement" | "using_statement" | "fixed_statement" | "switch_section" => self.nested_block(node),
            "foreach_statement" => self.foreach(node),
            "catch_clause" => self.catch_clause(node),
            "return_statement" | "yield_statement" => self.gives(node),
            "preproc_if" | "preproc_elif" | "preproc_else" => self.branch(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "labeled_statement" => named(node).into_iter().skip(1).for_each(|child| self.statement(child)),
            "attribute_list" | "global_attribute" => self.attributes(node),
            "break_statement"
            | "continue_statement"
            | "goto_statement"
            | "comment"
            | "extern_alias_directive"
            | "empty_statement"
            | "modifier"
            | "shebang_directive"
            | "preproc_region"
            | "preproc_endregion"
            | "preproc_define"
            | "preproc_undef"
            | "preproc_pragma"
            | "preproc_line"
            | "preproc_nullable"
            | "preproc_warning"
            | "preproc_error" => {}
            "compilation_unit"
            | "global_statement"
            | "declaration_list"
            | "expression_statement"
            | "if_statement"
            | "while_statement"
            | "do_statement"
            | "try_statement"
            | "finally_clause"
            | "throw_statement"
            | "lock_statement"
            | "unsafe_statement"
            | "checked_statement"
            | "switch_statement"
            | "switch_body"
            | "catch_filter_clause"
            | "when_clause" => self.block(node),
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    fn nested_block(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        self.block(node);
        self.b.leave(saved);
    }

    /// What a function gives: the first value that says its type.
    fn gives(&mut self, node: Node<'t>) {
        for value in named(node) {
            let ty = self.expression(value, Role::Read);
            if let Some(returned) = self.returned.last_mut().filter(|r| r.is_none()) {
                *returned = Some(ty).filter(|t| *t != self.b.unknown());
            }
        }
    }

    /// Flags of what stands at a place, with whether the usual build leaves it out.
    fn usual(&self, flags: Flags, at: Node<'t>) -> Flags {
        flags.with_if(self.is_left_out(at), Flags::INACTIVE)
    }

    fn is_left_out(&self, at: Node<'t>) -> bool {
        let start = span(at).start;
        self.left_out.iter().any(|s| s.start <= start && start < s.end)
    }
}
