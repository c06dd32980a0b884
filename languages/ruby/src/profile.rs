//! Ruby.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Introduced, Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

static NAMES: Words = Words::new(|| words(include_str!("data/ruby.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_ruby::LANGUAGE.into());

/// The language.
pub const RUBY: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "ruby",
    stored_word: "ruby",
    family: "ruby",
    endings: &["rb", "rake", "gemspec", "ru", "jbuilder", "builder", "rsb", "rabl", "arb", "thor", "podspec"],
    interpreters: &["ruby*"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::RUBY, text, cancel, reader::read),
    tokens: None,
    lexis: Lexis { line_comments: &["#"], block_comments: &[], ..usual::SLASHES },
    calls: usual::CALLS,
    members: Members {
        fields_of_values: true,
        nested: true,
        called_unwritten: &[
            "to_s",
            "to_str",
            "to_a",
            "to_ary",
            "to_h",
            "to_hash",
            "to_proc",
            "inspect",
            "method_missing",
            "respond_to_missing?",
            "coerce",
            "each",
            "call",
            "hash",
            "eql?",
            "===",
            "==",
            "!=",
            "<=>",
            "=~",
            "<",
            ">",
            "<=",
            ">=",
            "+",
            "-",
            "/",
            "%",
            "!",
            "~",
            "+@",
            "-@",
            "[]",
            "[]=",
            "<<",
            ">>",
            "&",
            "|",
            "^",
            "included",
            "extended",
            "prepended",
            "inherited",
            "method_added",
            "const_missing",
            "initialize_copy",
            "initialize_dup",
            "initialize_clone",
        ],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    introduced: Introduced { for_tools: &["frozen_string_literal:", "rubocop:", "typed:"], ..usual::INTRODUCED },
    tests: Tests {
        is_file: |stem, _| ["_test", "_spec"].iter().any(|end| stem.ends_with(end)) || stem.starts_with("test_"),
        folders: &[],
        marks: TestMarks::Reader,
    },
    programs: Programs { called: &[], files: &["config.ru", "bin/*", "exe/*"], stems: Some(&["main", "app", "cli", "config"]), ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, "/", 1), advice: "bundle install fetches it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| NAMES.contains(module),
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["gems"],
    is_hidden: usual::is_private,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::RubyRules)),
    exports_names: false,
    frameworks: Some(&FrameworksPart(&crate::frameworks::RubyFrameworks)),
    name_ends: &['?', '!', '='],
    full_names: FULL_NAMES,
    ..PLAIN
};

/// How texts name definitions in full.
pub(crate) const FULL_NAMES: Option<compass_facts::profile::FullNames> =
    Some(compass_facts::profile::FullNames { separator: "::", last: None, capital: true, mapped: false });
