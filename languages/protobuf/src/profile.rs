//! Protocol Buffers.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Modules, PLAIN, Packages, Profile, Qualifier, Standard, TestMarks, Tests, usual};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_proto::LANGUAGE.into());

/// The language.
pub const PROTOBUF: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "protobuf",
    stored_word: "protobuf",
    family: "protobuf",
    endings: &["proto"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::PROTOBUF, text, cancel, reader::read),
    lexis: usual::SLASHES,
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests { is_file: |stem, _| ["_test", "unittest"].iter().any(|end| stem.ends_with(end)), folders: &[], marks: TestMarks::Nothing },
    packages: Packages { of_import: |module| usual::first_parts(module, "/", 1), advice: "a root that holds its folder would show it" },
    standard: Standard {
        is_name: usual::none,
        is_module: |module| module.starts_with("google/protobuf/"),
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
    },
    types_have_parts: false,
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::ProtobufRules)),
    meets_others: true,
    frameworks: Some(&FrameworksPart(&crate::frameworks::ProtobufFrameworks)),
    ..PLAIN
};
