//! TypeScript and JavaScript, with or without markup: one walk over the tree of the generic grammars.
//!
//! `var` and functions are hoisted to the function, `let`, `const` and classes stay in their block. Names of types and
//! values live side by side under one key; the linker chooses by role. CommonJS is read as what it means: `require`
//! binds a module, `module.exports = x` exports `=`, `exports.a = x` exports `a`.

mod classes;
mod commonjs;
mod doc;
mod expressions;
mod functions;
mod imports;
pub(crate) mod lines;
mod mapped_types;
pub(crate) mod markup;
mod patterns;
mod told_apart;
mod types;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{find_child, has_child, named, span};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::{Cancel, Facts, GapCause, Role, ScopeId, TypeExpr, TypeId};
use rustc_hash::FxHashSet;

/// Reads a TypeScript or JavaScript file.
pub(crate) fn read(text: &str, declares: bool, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before) || crate::frameworks::RPC.is_maker(name);
    b.marking = |name| crate::frameworks::TABLE.is_mark(name) || crate::frameworks::NAMES.is_mark(name) || MODELS.is_mark(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader {
        b,
        class: None,
        receiver: None,
        own_types: types::own_names(tree.root_node(), text),
        returns: Vec::new(),
        wanted: Vec::new(),
        enumeration: None,
        exported: false,
        ambient: false,
        made: None,
        given: None,
        taken: Vec::new(),
        whole: None,
        documented: Vec::new(),
        declares,
        passes_on: false,
        root: tree.root_node(),
        told: Vec::new(),
        all_written: None,
        each: Vec::new(),
        conditional_in: None,
        wanted_of: None,
    };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Classes that stand for tables.
static MODELS: ModelTable = ModelTable {
    bases: &[],
    marks: &["Entity", "Table"],
    name_marks: &["Entity", "Table"],
    name_keys: &["name", "tableName"],
    abstract_fields: &[],
    name_fields: &["tableName"],
    name_functions: &[],
    nested: "",
    field_signs: &[],
    plural_signs: &[],
    column_signs: &[],
    naming: Naming::Snake,
    makers: &["createTable", "createTableIfNotExists", "pgTable", "mysqlTable", "sqliteTable", "sequelize.define"],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "pop", "shift", "at", "values", "entries", "find"],
    adders: &["push", "set", "add", "unshift"],
    copies: &["slice", "concat", "filter", "reverse", "toSorted", "toReversed"],
    invokers: &["call", "apply", "bind"],
    by_name: &[("invoke", 0)],
    own: &["this"],
    loaders: &["require", "import"],
    formats: &[],
    same_text: &["toLowerCase", "trim", "toString"],
    full_names: None,
    signals: false,
    models: &MODELS,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of what `this` is: class, or object literal.
    class: Option<ScopeId>,
    /// What `this` is by the parameter of that name: it counts more than the class around.
    receiver: Option<TypeId>,
    /// Names of the language's types of types that the file gives a meaning of its own.
    own_types: Vec<&'t str>,
    /// What the functions around the place return; the innermost last.
    returns: Vec<Vec<TypeId>>,
    /// What they are to return, as written.
    wanted: Vec<Option<TypeId>>,
    /// The enum around, while a value of it is read: its scope, and what it defines.
    enumeration: Option<(ScopeId, compass_facts::DefId)>,
    /// Is the statement being read behind `export`?
    exported: bool,
    /// Is it behind `declare`, or in a declaration file?
    ambient: bool,
    /// What the latest defining assignment made.
    made: Option<TypeId>,
    /// What is called, and which of its arguments the function is that is read next.
    given: Option<(TypeId, u32)>,
    /// The types of the parameters read last.
    taken: Vec<TypeId>,
    /// Types that the comment before a function gives the parameters that are read next.
    documented: Vec<(&'t str, TypeId)>,
    /// TypeScript: fields are declared before they are assigned.
    declares: bool,
    /// Are the names of the object read next those of other things, and no members of its own?
    passes_on: bool,
    /// What conditions say of values at the place: how they are written, and the type; no type where the same words mean another value.
    told: Vec<(&'t str, Option<TypeId>)>,
    /// What the file writes to, once that was asked for: values by their words.
    all_written: Option<FxHashSet<&'t str>>,
    /// The members that types go through where the reader is, innermost last.
    each: Vec<mapped_types::Each<'t>>,
    /// The scope of the conditional type around.
    conditional_in: Option<ScopeId>,
    /// An object or a call that is read next, and the type that is wanted of it.
    wanted_of: Option<(usize, TypeId)>,
    /// The whole file.
    root: Node<'t>,
    /// A variable that stands for all the file exports: `var x = module.exports`.
    whole: Option<String>,
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
        self.documented_definitions(node);
        let told = self.told.len();
        for child in named(node) {
            self.statement(child);
            self.told_behind(child);
        }
        self.told.truncate(told);
    }

    fn statement(&mut self, node: Node<'t>) {
        self.deeper(span(node), |r| r.statement_kind(node));
    }

    fn statement_kind(&mut self, node: Node<'t>) {
        match node.kind() {
            "function_declaration" | "generator_function_declaration" | "function_signature" => self.function(node),
            "class_declaration" | "abstract_class_declaration" => self.class(node),
            "interface_declaration" => self.interface(node),
            "type_alias_declaration" => self.alias(node),
            "enum_declaration" => self.enumeration(node),
            "module" | "internal_module" => self.namespace(node),
            "ambient_declaration" => {
                let saved = std::mem::replace(&mut self.ambient, true);
                match find_child(node, "global") {
                    Some(word) => self.global_block(node, word),
                    None => self.block(node),
                }
                self.ambient = saved;
            }
            "lexical_declaration" | "variable_declaration" => self.variables(node),
            "import_statement" => self.import(node),
            "import_alias" => self.import_alias(node),
            "export_statement" => self.export(node),
            "return_statement" => self.return_statement(node),
            "statement_block" => self.nested_block(node),
            "for_statement" => self.for_statement(node),
            "for_in_statement" => self.for_in_statement(node),
            "catch_clause" => self.catch_clause(node),
            "labeled_statement" => {
                if let Some(body) = node.child_by_field_name("body") {
                    self.statement(body);
                }
            }
            "break_statement" | "continue_statement" | "empty_statement" | "comment" | "hash_bang_line" => {}
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "if_statement" => self.if_statement(node),
            "switch_statement" => self.switch_statement(node),
            "while_statement" | "do_statement" => self.in_loop(|r| r.block(node)),
            "else_clause" | "try_statement" | "finally_clause" | "throw_statement" | "with_statement" | "expression_statement" => self.block(node),
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    fn nested_block(&mut self, node: Node<'t>) {
        let saved = self.b.enter(compass_facts::ScopeKind::Block, span(node), None);
        self.block(node);
        self.b.leave(saved);
    }

    fn return_statement(&mut self, node: Node<'t>) {
        let Some(value) = named(node).into_iter().next() else { return };
        let ty = self.returned(value);
        if ty != self.b.unknown()
            && let Some(returns) = self.returns.last_mut()
            && returns.len() < 4
        {
            returns.push(ty);
        }
    }

    /// A value that a function returns: a function gets what the written type of the result says.
    fn returned(&mut self, value: Node<'t>) -> TypeId {
        if matches!(value.kind(), "arrow_function" | "function_expression") {
            self.given = self.wanted.last().copied().flatten().map(|ty| (ty, TypeExpr::WANTED));
        }
        self.wants(value, self.wanted.last().copied().flatten());
        self.expression(value, Role::Read)
    }

    /// What was said before a loop holds in it as long as nothing is written anew.
    fn in_loop(&mut self, read: impl FnOnce(&mut Self)) {
        let told = self.told.len();
        self.keep_what_is_fixed();
        read(self);
        self.told.truncate(told);
    }

    fn for_statement(&mut self, node: Node<'t>) {
        let saved = self.b.enter(compass_facts::ScopeKind::Block, span(node), None);
        self.in_loop(|r| r.block(node));
        self.b.leave(saved);
    }

    fn for_in_statement(&mut self, node: Node<'t>) {
        let saved = self.b.enter(compass_facts::ScopeKind::Block, span(node), None);
        let source = node.child_by_field_name("right").map_or(self.b.unknown(), |r| self.expression(r, Role::Read));
        let is_of = has_child(node, "of");
        let element = if is_of {
            self.b.ty_of(source, compass_facts::TypeExpr::Element)
        } else {
            self.b.ty(compass_facts::TypeExpr::Literal(compass_facts::Literal::Text))
        };
        if let Some(left) = node.child_by_field_name("left") {
            if node.child_by_field_name("kind").is_some() {
                self.bind(left, Some(element), compass_facts::Kind::Variable);
            } else {
                self.expression(left, Role::Write);
                self.written(left);
            }
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.in_loop(|r| r.statement(body));
        }
        self.b.leave(saved);
    }

    fn catch_clause(&mut self, node: Node<'t>) {
        let saved = self.b.enter(compass_facts::ScopeKind::Block, span(node), None);
        if let Some(parameter) = node.child_by_field_name("parameter") {
            self.bind(parameter, None, compass_facts::Kind::Variable);
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.block(body);
        }
        self.b.leave(saved);
    }
}
