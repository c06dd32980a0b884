//! C and C++: one preprocessor, one program.

use crate::reader;
use crate::shared_macros::Preprocessed;
use compass_facts::Language;
use compass_facts::profile::{Lists, Modules, Packages, Profile, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN, Sibling};
use compass_facts::surroundings::Alone;
use compass_facts::{Definition, Flags};
use compass_index::linking::RulesPart;
use compass_unfold::LadderPart;

/// The reader of our own needs far less than a generic grammar: only what no offset could name is too large for it.
const LARGEST_BYTES: usize = 256 << 20;

const MODULES: Modules = Modules { qualifier: Qualifier::File, by_file: false, of_folder: usual::no_folder };
const TESTS: Tests = Tests { is_file: is_test, folders: &[], marks: TestMarks::Nothing };
const PACKAGES: Packages =
    Packages { of_import: library, advice: "the headers of the library would show it; include_folders in amber-compass.toml says where they are" };

static C_NAMES: Words = Words::new(|| words(include_str!("data/c.txt")));
static CPP_NAMES: Words = Words::new(|| words(include_str!("data/cpp.txt")));
static HEADERS: Words = Words::new(|| words(include_str!("data/c_headers.txt")));

/// C.
pub const C: Language = Language::of(&C_PROFILE);
/// C++, and headers that read like it.
pub const CPP: Language = Language::of(&CPP_PROFILE);

static C_PROFILE: Profile = PROFILE;

const PROFILE: Profile = Profile {
    word: "c",
    stored_word: "c",
    family: "c",
    endings: &["c", "h", "inc"],
    file_names: &["*.h.in", "*.h.cmake", "*.h.cmakein", "*.h.cmake.in", "*.h.meson", "*.h.prebuilt", "*.h.generic", "*.h.dist"],
    unsure_endings: &["inc"],
    interpreters: &[],
    largest_bytes: LARGEST_BYTES,
    grammar: None,
    read: |text, cancel| reader::read(text, false, cancel, &Alone),
    shared_macros: Some(&Preprocessed { cpp: false }),
    tokens: Some(|text| crate::tokens::classes(text, false)),
    lexis: usual::SLASHES,
    calls: usual::CALLS,
    modules: MODULES,
    tests: TESTS,
    programs: usual::PROGRAMS,
    packages: PACKAGES,
    standard: Standard {
        is_name: is_c_name,
        is_module: |header| HEADERS.contains(header),
        is_unit: usual::none,
        called: &["c-std"],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: Some(4),
    may_be_minified: false,
    ecosystems: &[],
    is_hidden,
    lists: Lists::BehindVariable,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    ladder: Some(&LadderPart(&crate::ladder::Macros)),
    rules: Some(&RulesPart(&crate::rules::C)),
    exports_names: true,
    marks_are: compass_facts::Role::Read,
    has_crossings: false,
    sibling: Some(Sibling { language: || CPP, is_shared: is_header, reads_like: reader::looks_like_cpp }),
    ..PLAIN
};

static CPP_PROFILE: Profile = Profile {
    word: "cpp",
    stored_word: "cpp",
    endings: &["cc", "cpp", "cxx", "c++", "hh", "hpp", "hxx", "h++", "ipp", "tpp", "inl", "txx", "cppm", "ixx"],
    read: |text, cancel| reader::read(text, true, cancel, &Alone),
    // Operators, conversions and destructors; what a loop over a range, `co_await` and structured bindings ask for.
    members: Members {
        called_unwritten: &["operator*", "~*", "begin", "end", "await_ready", "await_suspend", "await_resume", "get_return_object", "return_value"],
        ..usual::MEMBERS
    },
    shared_macros: Some(&Preprocessed { cpp: true }),
    tokens: Some(|text| crate::tokens::classes(text, true)),
    standard: Standard {
        is_name: |name| CPP_NAMES.contains(name) || is_c_name(name),
        is_module: |header| HEADERS.contains(header),
        is_unit: usual::none,
        called: &[],
        declared: &[],
        of_family: true,
    },
    rules: Some(&RulesPart(&crate::rules::Cpp)),
    sibling: None,
    ..PROFILE
};

/// What stands behind the name of a header in the name of the file of which the build makes it.
pub(crate) fn templates() -> impl Iterator<Item = &'static str> {
    PROFILE.file_names.iter().filter_map(|pattern| pattern.strip_prefix("*.h"))
}

/// Headers serve both languages.
fn is_header(path: &str) -> bool {
    let path = templates().find_map(|ending| path.strip_suffix(ending)).unwrap_or(path);
    path.ends_with(".h") || path.ends_with(".H") || path.ends_with(".inc")
}

fn is_test(stem: &str, _: &str) -> bool {
    stem.starts_with("test_") || ["_test", "_tests", "_unittest", "Test", "-test"].iter().any(|end| stem.ends_with(end))
}

fn is_hidden(d: &Definition, _: &str) -> bool {
    d.flags.has(Flags::STATIC) && !d.flags.has(Flags::MEMBER)
}

/// The folder of a library's headers.
fn library(header: &str) -> String {
    if header.contains('/') { usual::first_parts(header, "/", 1) + "/" } else { header.to_owned() }
}

/// Names of the standard library, and what compilers build in.
fn is_c_name(name: &str) -> bool {
    C_NAMES.contains(name) || name.starts_with("__builtin_")
}
