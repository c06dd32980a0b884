//! Perl.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;
use compass_trace::documentation::DocumentationPart;

static MODULES: Words = Words::new(|| words(include_str!("data/perl_modules.txt")));

/// The language.
pub const PERL: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "perl",
    stored_word: "perl",
    family: "perl",
    endings: &["pl", "pm", "t", "psgi", "pod"],
    interpreters: &["perl*"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: None,
    read: |text, cancel| Some(reader::read(text, cancel)),
    tokens: Some(reader::classes),
    lexis: usual::HASHES,
    calls: usual::CALLS,
    members: Members {
        called_unwritten: &[
            "DESTROY",
            "AUTOLOAD",
            "BEGIN",
            "END",
            "INIT",
            "CHECK",
            "UNITCHECK",
            "import",
            "unimport",
            "CLONE*",
            "TIE*",
            "FETCH*",
            "STORE*",
            "UNTIE",
        ],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::File, by_file: true, of_folder: usual::no_folder },
    tests: Tests { is_file: |_, name| name.ends_with(".t"), folders: &["t"], marks: TestMarks::Nothing },
    programs: Programs { files: &["*.pl", "*.psgi", "bin/*"], stems: Some(&["main", "cli", "app"]), ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, "::", 2), advice: "cpan fetches it" },
    standard: Standard {
        is_name: usual::none,
        is_module: |module| MODULES.contains(module),
        is_unit: |name| name == "std",
        called: &["std"],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &[],
    is_hidden: usual::not_hidden,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    frameworks: Some(&FrameworksPart(&crate::frameworks::PerlFrameworks)),
    documentation: Some(&DocumentationPart(&crate::documentation::Pod)),
    rules: Some(&RulesPart(&crate::rules::Perl)),
    exports_names: false,
    ..PLAIN
};
