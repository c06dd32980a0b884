//! Python.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{
    Calls, Introduced, Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words,
};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;
use compass_unfold::LadderPart;

static NAMES: Words = Words::new(|| words(include_str!("data/python.txt")));
static MODULES: Words = Words::new(|| words(include_str!("data/python_modules.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_python::LANGUAGE.into());

/// The language.
pub const PYTHON: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "python",
    stored_word: "python",
    family: "python",
    endings: &["py", "pyi", "pyw"],
    interpreters: &["python*"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::PYTHON, text, cancel, reader::read),
    tokens: None,
    lexis: Lexis { long_quotes: &["\"\"\"", "'''"], ..usual::HASHES },
    calls: Calls { is_receiver, by_name: true, takes_rest: |p| p.contains("...") || p.starts_with('*') },
    members: Members {
        makers: &["__init__", "__new__"],
        own: &["__init__", "__new__", "__class_getitem__"],
        receivers: &["self", "cls"],
        called_unwritten: &["__*__"],
        marks_wrap: true,
        fields_of_values: true,
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::File, by_file: true, of_folder: package },
    introduced: Introduced { told_in: &["__init__.py"], opening: crate::introduction::docstring, ..usual::INTRODUCED },
    tests: Tests { is_file: is_test, folders: &[], marks: TestMarks::Reader },
    programs: Programs {
        files: &["__main__.py", "manage.py", "wsgi.py", "asgi.py"],
        runs: |_| true,
        stems: Some(&["__main__", "manage", "wsgi", "asgi", "main", "cli", "app"]),
        unnamed: &["main", "__main__", "manage", "wsgi", "asgi"],
        ..usual::PROGRAMS
    },
    packages: Packages { of_import: |module| usual::first_parts(module, ".", 1), advice: "pip install fetches it, into the project's environment" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| MODULES.contains(module.split('.').next().unwrap_or(module)),
        // The library on the machine lacks what is made in C: declarations stand beside it.
        is_unit: usual::none,
        called: &["python-std"],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["python"],
    is_hidden: |_, name| name.starts_with('_'),
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[".pyi"],
    opens_libraries: &["ctypes", "cffi", "FFI", "CDLL", "cdll", "PyDLL", "WinDLL", "OleDLL"],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    ladder: Some(&LadderPart(&crate::ladder::Generators)),
    frameworks: Some(&FrameworksPart(&crate::frameworks::PythonFrameworks)),
    rules: Some(&RulesPart(&crate::rules::Python)),
    crosses_silently: true,
    exports_names: false,
    marks_are: compass_facts::Role::Call,
    full_names: FULL_NAMES,
    of_values: |path| path == "builtins.pyi",
    ..PLAIN
};

fn is_receiver(parameter: &str, _: bool) -> bool {
    matches!(parameter.split(':').next().unwrap_or("").trim(), "self" | "cls")
}

/// Folders whose names could stand in an import.
fn package(folder: &str) -> Option<(&'static str, String)> {
    let is_name = |part: &str| part.chars().all(|c| c.is_alphanumeric() || c == '_');
    folder.split('/').all(is_name).then(|| ("package", usual::below(folder, &["src"]).replace('/', ".")))
}

fn is_test(stem: &str, _: &str) -> bool {
    stem.starts_with("test_") || stem.ends_with("_test") || stem == "conftest" || stem == "tests"
}

/// How texts name definitions in full.
pub(crate) const FULL_NAMES: Option<compass_facts::profile::FullNames> =
    Some(compass_facts::profile::FullNames { separator: ".", last: Some(":"), capital: false, mapped: false });
