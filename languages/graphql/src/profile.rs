//! GraphQL.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Lexis, Modules, PLAIN, Packages, Profile, Qualifier, Standard, usual};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_graphql::LANGUAGE.into());

/// The language.
pub const GRAPHQL: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "graphql",
    stored_word: "graphql",
    family: "graphql",
    endings: &["graphql", "graphqls", "gql"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::GRAPHQL, text, cancel, reader::read),
    lexis: Lexis { long_quotes: &["\"\"\""], ..usual::HASHES },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    packages: Packages { of_import: usual::whole, advice: "a root that holds the schema would show it" },
    standard: Standard { declared: crate::DECLARED, of_family: true, ..PLAIN.standard },
    types_have_parts: true,
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::GraphqlRules)),
    marks_are: compass_facts::Role::Ref,
    meets_others: true,
    frameworks: Some(&FrameworksPart(&crate::frameworks::GraphqlFrameworks)),
    ..PLAIN
};
