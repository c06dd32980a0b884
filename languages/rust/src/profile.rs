//! Rust.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{
    Calls, Introduced, Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words,
};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;
use compass_unfold::LadderPart;

static NAMES: Words = Words::new(|| words(include_str!("data/rust.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_rust::LANGUAGE.into());

/// The language.
pub const RUST: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "rust",
    stored_word: "rust",
    family: "rust",
    endings: &["rs"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::RUST, text, cancel, reader::read),
    shared_macros: Some(&crate::shared_macros::ByExample),
    tokens: None,
    lexis: Lexis { has_lifetimes: true, has_bars: true, ..usual::SLASHES },
    calls: Calls { is_receiver, ..usual::CALLS },
    // Traits of the library behind operators, loops, `?`, formatting and the end of a scope.
    members: Members {
        receivers: &["self"],
        called_unwritten: &[
            "drop",
            "deref",
            "deref_mut",
            "index",
            "index_mut",
            "next",
            "into_iter",
            "fmt",
            "from",
            "try_from",
            "eq",
            "ne",
            "cmp",
            "partial_cmp",
            "lt",
            "le",
            "gt",
            "ge",
            "hash",
            "clone",
            "add",
            "sub",
            "mul",
            "div",
            "rem",
            "neg",
            "not",
            "bitand",
            "bitor",
            "bitxor",
            "shl",
            "shr",
            "*_assign",
            "poll",
            "into_future",
            "branch",
            "from_residual",
            "from_output",
            "default",
            "from_iter",
            "extend",
        ],
        by_trait: true,
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::File, by_file: true, of_folder: module },
    introduced: Introduced { told_in: &["lib.rs", "mod.rs"], opening: crate::introduction::inner_comment, ..usual::INTRODUCED },
    tests: Tests { is_file: |stem, _| stem == "tests" || stem.ends_with("_test") || stem.ends_with("_tests"), folders: &[], marks: TestMarks::Reader },
    programs: Programs { unnamed: &["main", "mod", "lib"], ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, "::", 1), advice: "cargo fetch downloads it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: is_of_rust,
        is_unit: |name| name == "std",
        called: &["std", "core", "alloc"],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["cargo"],
    is_hidden: usual::is_private,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    ladder: Some(&LadderPart(&crate::ladder::MacrosByExample)),
    rules: Some(&RulesPart(&crate::rules::Rust)),
    exports_names: false,
    marks_are: compass_facts::Role::Ref,
    frameworks: Some(&FrameworksPart(&crate::frameworks::RustFrameworks)),
    ..PLAIN
};

/// `self` counts as given only where the call was a member's: `Rack::turn(rack)` gives it itself.
fn is_receiver(parameter: &str, by_member: bool) -> bool {
    by_member && (parameter == "self" || parameter.ends_with(" self") || parameter.ends_with("&self") || parameter.starts_with("self:"))
}

fn module(folder: &str) -> Option<(&'static str, String)> {
    if folder != "src" && !folder.starts_with("src/") {
        return None;
    }
    let path = usual::below(folder, &["src"]);
    Some(("module", if path.is_empty() { "crate".to_owned() } else { format!("crate::{}", path.replace('/', "::")) }))
}

/// Crates that come with the compiler; a name without a path asks for no crate.
fn is_of_rust(module: &str) -> bool {
    let first = module.split("::").next().unwrap_or(module);
    ["std", "core", "alloc", "proc_macro", "test"].contains(&first) || module.is_empty()
}
