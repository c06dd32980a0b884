//! Python: one walk over the tree of the generic grammar.
//!
//! Functions open one scope, classes another; blocks do not. The first assignment to a name in a scope defines it,
//! later ones write it. `self.x = …` in any method defines the field `x` of the class.

mod annotations;
mod definitions;
mod expressions;
mod imports;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::{Cancel, Facts, GapCause, ScopeId};

/// Reads a Python file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Direct }, cancel);
    b.telling = |name, before| crate::frameworks::RPC.is_maker(name) || crate::frameworks::TABLE.is_telling(name, before);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, class: None, receiver: None, returns: Vec::new(), decorator: None, unbound: None };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Classes that stand for tables.
static MODELS: ModelTable = ModelTable {
    bases: &["Model", "Document", "SQLModel", "*Model", "Abstract*"],
    marks: &[],
    name_marks: &[],
    name_keys: &[],
    abstract_fields: &["abstract"],
    name_fields: &["__tablename__", "db_table", "table_name"],
    name_functions: &[],
    nested: "Meta",
    field_signs: &[],
    plural_signs: &[],
    column_signs: &[
        "CharField(",
        "TextField(",
        "IntegerField(",
        "ForeignKey(",
        "DateField(",
        "DateTimeField(",
        "BooleanField(",
        "DecimalField(",
        "FloatField(",
        "SlugField(",
        "AutoField(",
        "URLField(",
        "FileField(",
        "ImageField(",
        "JSONField(",
        "UUIDField(",
        "EmailField(",
        "ManyToManyField(",
        "OneToOneField(",
        "BinaryField(",
        "DurationField(",
        "TimeField(",
        "Column(",
        "column(",
        "relationship(",
    ],
    naming: Naming::Joined,
    makers: &["create_table"],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "pop", "values", "popleft", "setdefault", "items"],
    adders: &["append", "add", "insert", "setdefault", "appendleft", "extend"],
    copies: &["copy", "__copy__"],
    invokers: &["__call__"],
    by_name: &[("getattr", 1), ("hasattr", 1), ("attrgetter", 0), ("methodcaller", 0), ("__getattribute__", 1)],
    own: &["self", "cls"],
    loaders: &["import_module", "__import__"],
    formats: &["format"],
    same_text: &["lower", "strip", "casefold"],
    full_names: crate::profile::FULL_NAMES,
    signals: false,
    models: &MODELS,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of the class around the place, if its methods see it.
    class: Option<ScopeId>,
    /// Name of the receiver parameter (`self`, `cls`) of the method around the place.
    receiver: Option<String>,
    /// What the functions around the place return; the innermost last.
    returns: Vec<definitions::Returns>,
    /// The decorator being read: its signal waits for what it stands before.
    decorator: Option<usize>,
    /// The name that an assignment in a class body is about to bind: until then it means what stands around the class.
    unbound: Option<&'t str>,
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
    /// Statements of a module, class or function.
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
            "function_definition" => {
                self.function(node, node, &[]);
            }
            "class_definition" => {
                self.class(node, node);
            }
            "decorated_definition" => self.decorated(node),
            "import_statement" => self.import(node),
            "import_from_statement" | "future_import_statement" => self.import_from(node),
            "for_statement" => self.for_statement(node),
            "return_statement" => self.return_statement(node),
            "global_statement" | "nonlocal_statement" => self.outer_names(node),
            "type_alias_statement" => self.type_alias(node),
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "block"
            | "if_statement"
            | "elif_clause"
            | "else_clause"
            | "while_statement"
            | "try_statement"
            | "finally_clause"
            | "match_statement"
            | "with_statement"
            | "with_clause"
            | "except_clause"
            | "except_group_clause"
            | "case_clause" => self.block(node),
            "with_item" => self.with_item(node),
            "case_pattern" | "pattern" => self.pattern(node),
            _ => {
                self.expression(node, compass_facts::Role::Read);
            }
        }
    }
}
