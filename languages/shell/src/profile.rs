//! Shell scripts.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Modules, PLAIN, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

/// Commands of the shell, programs that come with the system, variables that the shell sets.
static NAMES: Words = Words::new(|| words(include_str!("data/shell.txt")));

/// The generic grammar. Its scanner asks `isdigit` of any character, which looks beyond its table for those that are not Latin.
static GRAMMAR: Grammar = Grammar::ascii_only(|| tree_sitter_bash::LANGUAGE.into());

/// The language.
pub const SHELL: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "shell",
    stored_word: "shell",
    family: "shell",
    endings: &["sh", "bash", "zsh", "ksh", "bats"],
    unsure_endings: &["sh"],
    interpreters: &["sh", "bash", "dash", "zsh", "ksh", "bats"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::SHELL, text, cancel, reader::read),
    lexis: usual::HASHES,
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests {
        is_file: |stem, name| {
            ["_test", "-test", "_spec"].iter().any(|end| stem.ends_with(end))
                || ["test_", "test-"].iter().any(|s| stem.starts_with(s))
                || name.ends_with(".bats")
        },
        folders: &[],
        marks: TestMarks::Nothing,
    },
    programs: Programs { called: &[], files: &["*"], stems: Some(&["main", "app", "cli"]), ..usual::PROGRAMS },
    packages: Packages { of_import: usual::whole, advice: "a root that holds the script would show it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| module.starts_with("/etc/") || module.starts_with("/usr/"),
        is_unit: usual::none,
        called: &[],
        declared: &[],
        of_family: true,
    },
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::ShellRules)),
    frameworks: Some(&FrameworksPart(&crate::frameworks::ShellFrameworks)),
    ..PLAIN
};
