//! Java.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Introduced, Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_facts::{DefId, Facts, Flags};
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

static NAMES: Words = Words::new(|| words(include_str!("data/java.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_java::LANGUAGE.into());

/// The language.
pub const JAVA: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "java",
    stored_word: "java",
    family: "java",
    endings: &["java"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::JAVA, text, cancel, reader::read),
    tokens: None,
    lexis: Lexis { long_quotes: &["\"\"\""], ..usual::SLASHES },
    calls: usual::CALLS,
    members: Members {
        called_unwritten: &["toString", "equals", "hashCode", "clone", "finalize", "readObject", "writeObject", "readResolve", "writeReplace"],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: package },
    introduced: Introduced { told_in: &["package-info.java"], ..usual::INTRODUCED },
    tests: Tests { is_file: is_test, folders: &[], marks: TestMarks::Reader },
    programs: Programs { begins, unnamed: &["main", "Main", "java"], ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, ".", 3), advice: "the sources of the artifact would show it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| ["java.", "javax.", "jdk.", "sun.", "com.sun."].iter().any(|p| module.starts_with(p)),
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
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
    rules: Some(&RulesPart(&crate::rules::JavaRules)),
    exports_names: false,
    frameworks: Some(&FrameworksPart(&crate::frameworks::JvmFrameworks)),
    full_names: FULL_NAMES,
    ..PLAIN
};

fn package(folder: &str) -> Option<(&'static str, String)> {
    Some(("package", usual::below(folder, &["src/main/java", "src/test/java", "src"]).replace('/', ".")))
}

fn is_test(stem: &str, _: &str) -> bool {
    ["Test", "Tests", "IT", "TestCase"].iter().any(|end| stem.ends_with(end))
}

/// A static method that takes the arguments of the program, or nothing.
fn begins(facts: &Facts, def: DefId) -> bool {
    let d = facts.def(def);
    d.flags.has(Flags::STATIC) && d.arity <= 1
}

/// How texts name definitions in full.
pub(crate) const FULL_NAMES: Option<compass_facts::profile::FullNames> =
    Some(compass_facts::profile::FullNames { separator: ".", last: None, capital: true, mapped: false });
