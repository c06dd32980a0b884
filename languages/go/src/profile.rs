//! Go.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Introduced, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_facts::{DefId, Definition, Facts, ImportKind};
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

static NAMES: Words = Words::new(|| words(include_str!("data/go.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_go::LANGUAGE.into());

/// The language.
pub const GO: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "go",
    stored_word: "go",
    family: "go",
    endings: &["go"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::GO, text, cancel, reader::read),
    tokens: None,
    lexis: usual::SLASHES,
    calls: usual::CALLS,
    // What the library asks values of any type for, and what runs before `main`.
    members: Members { called_unwritten: &["init", "String", "GoString", "Error", "Format"], ..usual::MEMBERS },
    modules: Modules { qualifier: Qualifier::Package, by_file: false, of_folder: |folder| Some(("package", folder.to_owned())) },
    introduced: Introduced { told_in: &["doc.go"], by_any_file: true, for_tools: &["go:", "+build"], ..usual::INTRODUCED },
    tests: Tests { is_file: |stem, _| stem.ends_with("_test"), folders: &[], marks: TestMarks::Reader },
    programs: Programs { begins, main_file: Some("main.go"), ..usual::PROGRAMS },
    packages: Packages { of_import: module, advice: "go mod download fetches it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| !module.split('/').next().unwrap_or(module).contains('.'),
        is_unit: |name| name == "std",
        called: &["std"],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["go"],
    is_hidden: |_: &Definition, name| name.starts_with(char::is_lowercase),
    lists: Lists::BehindType,
    implements_by_shape: true,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::Go)),
    exports_names: false,
    frameworks: Some(&FrameworksPart(&crate::frameworks::GoFrameworks)),
    ..PLAIN
};

/// `main` of the package called so.
fn begins(facts: &Facts, def: DefId) -> bool {
    let package = facts.imports.iter().find(|i| i.kind == ImportKind::Within);
    facts.def(def).container.is_none() && package.is_some_and(|p| facts.name(p.module) == "main")
}

/// The module of a package: hosts of code have one for each repository.
fn module(path: &str) -> String {
    let of_host = ["github.com/", "gitlab.com/", "bitbucket.org/", "codeberg.org/", "golang.org/x/"].iter().any(|h| path.starts_with(h));
    usual::first_parts(path, "/", if of_host { 3 } else { 2 })
}
