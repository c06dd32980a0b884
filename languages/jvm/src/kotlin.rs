//! Kotlin.

pub(crate) mod reader;
pub(crate) mod rules;

use compass_facts::Language;
use compass_facts::profile::PLAIN;
use compass_facts::profile::{Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, usual};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_kotlin_ng::LANGUAGE.into());

/// The language.
pub const KOTLIN: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "kotlin",
    stored_word: "kotlin",
    family: "java",
    endings: &["kt", "kts"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| {
        let tree = crate::grammar::best_tree(crate::KOTLIN, &reader::with_delegates(text), reader::with_plain_names, false, cancel)?;
        compass_facts::reading::read_tree(crate::KOTLIN, text, tree, cancel, reader::read)
    },
    tokens: None,
    lexis: Lexis { long_quotes: &["\"\"\""], ..usual::SLASHES },
    calls: compass_facts::profile::Calls { by_name: true, ..usual::CALLS },
    members: compass_facts::profile::Members {
        called_unwritten: &[
            "toString",
            "equals",
            "hashCode",
            "compareTo",
            "iterator",
            "hasNext",
            "next",
            "invoke",
            "get",
            "set",
            "contains",
            "getValue",
            "setValue",
            "provideDelegate",
            "component*",
            "plus*",
            "minus*",
            "times*",
            "div*",
            "rem*",
            "rangeTo",
            "rangeUntil",
            "inc",
            "dec",
            "not",
            "unaryPlus",
            "unaryMinus",
        ],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests { is_file: |stem, _| ["Test", "Tests", "IT"].iter().any(|end| stem.ends_with(end)), folders: &[], marks: TestMarks::Reader },
    programs: Programs { unnamed: &["main", "Main"], ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, ".", 3), advice: "the sources of the artifact would show it" },
    standard: Standard {
        is_name: usual::none,
        is_module: |module| ["kotlin", "java", "javax"].iter().any(|p| module == *p || module.starts_with(&format!("{p}."))),
        is_unit: usual::none,
        called: &[],
        declared: crate::KOTLIN_DECLARED,
        of_family: false,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["maven", "gradle", "sbt"],
    is_hidden: usual::is_private,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&rules::KotlinRules)),
    exports_names: false,
    frameworks: Some(&FrameworksPart(&crate::frameworks::JvmFrameworks)),
    full_names: crate::profile::FULL_NAMES,
    ..PLAIN
};
