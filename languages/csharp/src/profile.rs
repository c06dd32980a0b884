//! C#.

use crate::documentation::XmlComments;
use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_facts::{Cancel, DefId, Facts, Flags};
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;
use compass_trace::documentation::DocumentationPart;

static NAMES: Words = Words::new(|| words(include_str!("data/csharp.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_c_sharp::LANGUAGE.into());

/// The language.
pub const CSHARP: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "csharp",
    stored_word: "csharp",
    family: "csharp",
    endings: &["cs", "csx"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read,
    tokens: None,
    lexis: Lexis { long_quotes: &["\"\"\""], ..usual::SLASHES },
    calls: usual::CALLS,
    members: Members {
        called_unwritten: &[
            "operator*",
            "~*",
            "Dispose",
            "DisposeAsync",
            "GetEnumerator",
            "GetAsyncEnumerator",
            "MoveNext",
            "MoveNextAsync",
            "Deconstruct",
            "GetAwaiter",
            "GetResult",
            "IsCompleted",
            "ToString",
            "Equals",
            "GetHashCode",
            "Finalize",
            "implicit*",
            "explicit*",
        ],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests { is_file: is_test, folders: &[], marks: TestMarks::Reader },
    programs: Programs { called: &["Main"], begins, files: &["Program.cs"], unnamed: &["Main", "Program"], ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, ".", 2), advice: "the sources of the package would show it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| ["System", "Microsoft"].contains(&module.split('.').next().unwrap_or(module)),
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["nuget"],
    is_hidden: usual::is_private,
    lists: Lists::No,
    implements_by_shape: false,
    types_have_parts: true,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::CsharpRules)),
    documentation: Some(&DocumentationPart(&XmlComments)),
    exports_names: false,
    left_out_endings: &["Attribute"],
    frameworks: Some(&FrameworksPart(&crate::frameworks::CsharpFrameworks)),
    full_names: FULL_NAMES,
    ..PLAIN
};

/// A text whose branches of `#if` are no whole statements is read as the usual build sees it.
fn read(text: &str, cancel: &Cancel) -> Option<Facts> {
    let tree = compass_facts::reading::parse(crate::CSHARP, text, cancel)?;
    let is_hard = tree.root_node().has_error() && (text.contains("#if") || text.contains("(*("));
    let (tree, unseen) = if is_hard { reader::conditions::best_tree(crate::CSHARP, text, tree, cancel)? } else { (tree, Vec::new()) };
    compass_facts::reading::read_tree(crate::CSHARP, text, tree, cancel, |text, tree, cancel| reader::read(text, tree, &unseen, cancel))
}

fn is_test(stem: &str, _: &str) -> bool {
    ["Test", "Tests", "Fixture"].iter().any(|end| stem.ends_with(end))
}

/// A static method that takes the arguments of the program, or nothing.
fn begins(facts: &Facts, def: DefId) -> bool {
    let d = facts.def(def);
    d.flags.has(Flags::STATIC) && d.arity <= 1
}

/// How texts name definitions in full.
pub(crate) const FULL_NAMES: Option<compass_facts::profile::FullNames> =
    Some(compass_facts::profile::FullNames { separator: ".", last: None, capital: true, mapped: true });
