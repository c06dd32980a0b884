//! PHP.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

static NAMES: Words = Words::new(|| words(include_str!("data/php.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_php::LANGUAGE_PHP.into());

/// The language.
pub const PHP: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "php",
    stored_word: "php",
    family: "php",
    endings: &["php", "phtml", "php5", "php7"],
    openings: &["<?php"],
    interpreters: &["php*"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::PHP, text, cancel, reader::read),
    tokens: None,
    lexis: Lexis { line_comments: &["//", "#"], ..usual::SLASHES },
    calls: usual::CALLS,
    members: Members { called_unwritten: &["__*"], fields_of_values: true, ..usual::MEMBERS },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests { is_file: |stem, _| stem.ends_with("Test") || stem.ends_with("TestCase"), folders: &[], marks: TestMarks::Reader },
    programs: Programs {
        called: &[],
        files: &["index.php", "cli.php", "artisan", "bin/*"],
        stems: Some(&["index", "cli", "app", "console"]),
        unnamed: &["index", "public"],
        ..usual::PROGRAMS
    },
    packages: Packages { of_import: |module| usual::first_parts(module, "\\", 2), advice: "composer install fetches it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: usual::none,
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["composer"],
    is_hidden: usual::is_private,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::PhpRules)),
    exports_names: false,
    frameworks: Some(&FrameworksPart(&crate::frameworks::PhpFrameworks)),
    full_names: FULL_NAMES,
    ..PLAIN
};

/// How texts name definitions in full.
pub(crate) const FULL_NAMES: Option<compass_facts::profile::FullNames> =
    Some(compass_facts::profile::FullNames { separator: "\\", last: Some("::"), capital: true, mapped: true });
