//! Scala, in both of its syntaxes.

pub(crate) mod reader;
pub(crate) mod rules;

use compass_facts::Language;
use compass_facts::profile::PLAIN;
use compass_facts::profile::{Introduced, Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, usual};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_scala::LANGUAGE.into());

/// The language.
pub const SCALA: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "scala",
    stored_word: "scala",
    family: "java",
    endings: &["scala", "sc", "sbt"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| {
        let tree = crate::grammar::best_tree(crate::SCALA, text, reader::easier, reader::is_misread(text), cancel)?;
        compass_facts::reading::read_tree(crate::SCALA, text, tree, cancel, reader::read)
    },
    tokens: None,
    lexis: Lexis { long_quotes: &["\"\"\""], ..usual::SLASHES },
    calls: compass_facts::profile::Calls { by_name: true, ..usual::CALLS },
    members: compass_facts::profile::Members {
        called_unwritten: &[
            "toString",
            "equals",
            "hashCode",
            "compare*",
            "apply",
            "unapply*",
            "update",
            "map",
            "flatMap",
            "foreach",
            "withFilter",
            "readObject",
            "writeObject",
            "readResolve",
        ],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    introduced: Introduced { told_in: &["package.scala"], ..usual::INTRODUCED },
    tests: Tests { is_file: |stem, _| ["Test", "Tests", "Spec", "Suite"].iter().any(|end| stem.ends_with(end)), folders: &[], marks: TestMarks::Reader },
    programs: Programs { unnamed: &["main", "Main"], ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, ".", 3), advice: "the sources of the artifact would show it" },
    standard: Standard {
        is_name: usual::none,
        is_module: |module| ["scala", "java", "javax"].iter().any(|p| module == *p || module.starts_with(&format!("{p}."))),
        is_unit: usual::none,
        called: &[],
        declared: crate::SCALA_DECLARED,
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
    rules: Some(&RulesPart(&rules::ScalaRules)),
    exports_names: false,
    full_names: crate::profile::FULL_NAMES,
    ..PLAIN
};
