//! Common Lisp.

use crate::documentation::Docstrings;
use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Lexis, Lists, Modules, Packages, Profile, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_index::linking::RulesPart;
use compass_trace::documentation::DocumentationPart;

static NAMES: Words = Words::new(|| words(include_str!("data/standard.txt")));

/// The language.
pub const LISP: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "lisp",
    stored_word: "lisp",
    family: "lisp",
    endings: &["lisp", "lsp", "cl", "asd"],
    interpreters: &["sbcl*"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: None,
    read: |text, cancel| Some(reader::read(text, cancel)),
    tokens: Some(reader::classes),
    lexis: Lexis { line_comments: &[";"], block_comments: &[("#|", "|#")], ..usual::SLASHES },
    calls: usual::CALLS,
    members: Members {
        called_unwritten: &[
            "print-object",
            "initialize-instance",
            "reinitialize-instance",
            "shared-initialize",
            "update-instance-for-*",
            "make-load-form",
            "slot-missing",
            "slot-unbound",
        ],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests { is_file: is_test, folders: &["t", "tests", "test"], marks: TestMarks::Reader },
    programs: usual::PROGRAMS,
    packages: Packages { of_import: usual::whole, advice: "its sources belong into one of the folders where systems are looked for" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| matches!(module, "cl" | "common-lisp" | "cl-user" | "common-lisp-user" | "keyword"),
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["asdf"],
    is_hidden: usual::not_hidden,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::LispRules)),
    documentation: Some(&DocumentationPart(&Docstrings)),
    exports_names: false,
    ..PLAIN
};

fn is_test(stem: &str, _: &str) -> bool {
    ["test", "tests"].iter().any(|w| stem == *w || stem.ends_with(&format!("-{w}")) || stem.starts_with(&format!("{w}-")))
}
