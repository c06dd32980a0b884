//! Go: one walk over the tree of the generic grammar.
//!
//! Pointers are seen through: a value and a pointer to it have the same members. Methods are members given to a type from
//! outside it; an embedded field is a field and a base at once. A channel is read as a list of what it carries.

mod declarations;
mod expressions;
mod signatures;
mod statements;
mod types;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::{Cancel, Facts, Flags, GapCause, Role, ScopeId, ScopeKind};
use rustc_hash::FxHashMap;

/// Reads a Go file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before) || crate::frameworks::RPC.is_maker(name);
    b.marking = |name| crate::frameworks::TABLE.is_mark(name) || crate::frameworks::NAMES.is_mark(name) || MODELS.is_mark(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader { b, methods: FxHashMap::default() };
    reader.all(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    let mut facts = reader.b.finish();
    if !is_built(text) {
        // Other systems' files stand beside the usual one's: their definitions come after.
        facts.definitions.iter_mut().for_each(|d| d.flags = d.flags.with(Flags::INACTIVE));
    }
    facts
}

/// Classes that stand for tables.
static MODELS: ModelTable = ModelTable {
    bases: &[],
    marks: &[],
    name_marks: &[],
    name_keys: &[],
    abstract_fields: &[],
    name_fields: &[],
    name_functions: &["TableName"],
    nested: "",
    field_signs: &["`xorm:", "`gorm:", "`bun:", "`pg:", " xorm:\"", " gorm:\"", "gorm.Model"],
    plural_signs: &["gorm"],
    column_signs: &[],
    naming: Naming::Snake,
    makers: &[],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["Load", "Get"],
    adders: &["append", "Store"],
    copies: &[],
    invokers: &["Call"],
    by_name: &[("MethodByName", 0), ("FieldByName", 0), ("Lookup", 0)],
    own: &[],
    loaders: &[],
    formats: &["Sprintf"],
    same_text: &["ToLower", "TrimSpace"],
    full_names: None,
    signals: false,
    models: &MODELS,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// The scope with the methods of each type.
    methods: FxHashMap<&'t str, ScopeId>,
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
    fn all(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.statement(child);
        }
    }

    fn statement(&mut self, node: Node<'t>) {
        self.deeper(span(node), |r| r.statement_kind(node));
    }

    fn statement_kind(&mut self, node: Node<'t>) {
        match node.kind() {
            "package_clause" => self.package(node),
            "import_spec" => self.import(node),
            "import_declaration" | "import_spec_list" | "const_declaration" | "var_declaration" | "var_spec_list" | "type_declaration" => self.all(node),
            "function_declaration" => self.function(node),
            "method_declaration" => self.method(node),
            "type_spec" | "type_alias" => self.type_spec(node),
            "const_spec" => self.variables(node, compass_facts::Kind::Constant),
            "var_spec" => self.variables(node, compass_facts::Kind::Variable),
            "short_var_declaration" => self.short_variables(node),
            "assignment_statement" => self.assignment(node),
            "inc_statement" | "dec_statement" => {
                for part in named(node) {
                    self.expression(part, Role::Write);
                }
            }
            "block"
            | "if_statement"
            | "for_statement"
            | "expression_switch_statement"
            | "select_statement"
            | "expression_case"
            | "default_case"
            | "communication_case" => self.nested(node),
            "range_clause" => self.range(node),
            "receive_statement" => self.receive(node),
            "type_switch_statement" => self.type_switch(node),
            "labeled_statement" => {
                for child in named(node).into_iter().filter(|c| c.kind() != "label_name") {
                    self.statement(child);
                }
            }
            "goto_statement" | "break_statement" | "continue_statement" | "fallthrough_statement" | "empty_statement" | "comment" => {}
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.all(node);
            }
            "source_file"
            | "statement_list"
            | "expression_statement"
            | "go_statement"
            | "defer_statement"
            | "return_statement"
            | "send_statement"
            | "for_clause"
            | "expression_list" => self.all(node),
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    fn nested(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        self.all(node);
        self.b.leave(saved);
    }
}

/// Does a `//go:build` line leave the file in on Linux and x86-64?
fn is_built(text: &str) -> bool {
    let lines = text.lines().map(str::trim).take_while(|l| l.is_empty() || l.starts_with("//"));
    let Some(line) = lines.filter_map(|l| l.strip_prefix("//go:build ")).next() else { return true };
    let spaced = line.replace('(', " ( ").replace(')', " ) ").replace('!', " ! ");
    let words: Vec<&str> = spaced.split_whitespace().collect();
    any_of(&words, &mut 0)
}

fn any_of(words: &[&str], at: &mut usize) -> bool {
    let mut yes = all_of(words, at);
    while words.get(*at) == Some(&"||") {
        *at += 1;
        yes |= all_of(words, at);
    }
    yes
}

fn all_of(words: &[&str], at: &mut usize) -> bool {
    let mut yes = tag(words, at);
    while words.get(*at) == Some(&"&&") {
        *at += 1;
        yes &= tag(words, at);
    }
    yes
}

fn tag(words: &[&str], at: &mut usize) -> bool {
    let mut not = false;
    while words.get(*at) == Some(&"!") {
        not = !not;
        *at += 1;
    }
    let word = words.get(*at).copied().unwrap_or("");
    *at += 1;
    if word == "(" {
        let inner = any_of(words, at);
        *at += 1;
        return inner != not;
    }
    let is_version = word.strip_prefix("go1.").is_some_and(|v| v.bytes().all(|b| b.is_ascii_digit()));
    (matches!(word, "linux" | "amd64" | "unix" | "gc") || is_version) != not
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::none("package a", true)]
    #[case::ours("//go:build linux\n\npackage a", true)]
    #[case::other("//go:build windows\npackage a", false)]
    #[case::not("// Copyright\n\n//go:build !windows && amd64\npackage a", true)]
    #[case::brackets("//go:build (darwin || freebsd) && !cgo\npackage a", false)]
    #[case::version("//go:build go1.18\npackage a", true)]
    #[case::unfinished("//go:build ((linux\npackage a", true)]
    #[case::below_the_package("package a\n//go:build windows\n", true)]
    fn build_lines_are_understood(#[case] text: &str, #[case] built: bool) {
        assert_eq!(is_built(text), built);
    }
}
