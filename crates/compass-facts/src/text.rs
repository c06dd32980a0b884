//! Text that nothing reads: it is searched.

use crate::profile::{Lists, Modules, Packages, Profile, Qualifier, Standard, TestMarks, Tests, usual};
use crate::{Facts, LineIndex};

pub(crate) static PROFILE: Profile = Profile { interpreters: &["*sh"], names_others: true, ..PLAIN };

/// What a language has of which nothing is known: the values that rooms begin with.
pub const PLAIN: Profile = Profile {
    word: "text",
    stored_word: "text",
    reader_version: 0,
    rules_version: 0,
    family: "text",
    endings: &[],
    file_names: &[],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: None,
    read: |text, _| Some(Facts { lines: LineIndex::new(text).count(), ..Facts::default() }),
    shared_macros: None,
    component: usual::no_component,
    sibling: None,
    tokens: None,
    lexis: usual::SLASHES,
    calls: usual::CALLS,
    modules: Modules { qualifier: Qualifier::File, by_file: false, of_folder: usual::no_folder },
    tests: Tests { is_file: usual::no_test, folders: &[], marks: TestMarks::Nothing },
    programs: usual::PROGRAMS,
    packages: Packages { of_import: usual::whole, advice: "" },
    standard: Standard { is_name: usual::none, is_module: usual::none, is_unit: usual::none, called: &[], declared: &[], of_family: true },
    layer: None,
    may_be_minified: false,
    ecosystems: &[],
    is_hidden: usual::not_hidden,
    lists: Lists::No,
    implements_by_shape: false,
    types_have_parts: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    names_others: false,
    exports_names: false,
    marks_are: crate::Role::Type,
    has_crossings: true,
    crosses_silently: false,
    rules: None,
    frameworks: None,
    documentation: None,
    ladder: None,
};
