//! JavaScript and TypeScript, with and without markup.

use crate::profile::{Calls, Lists, Modules, Packages, Profile, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use crate::readers::typescript;
use crate::{Cancel, Facts, Language};

static NAMES: Words = Words::new(|| words(include_str!("data/script.txt")));
static MODULES: Words = Words::new(|| words(include_str!("data/node_modules.txt")));

pub(super) const TYPESCRIPT: Profile = Profile {
    word: "typescript",
    stored_word: "typescript",
    reader: "typescript",
    family: "script",
    // Components of one file: what stands between markup is a script.
    endings: &["ts", "mts", "cts", "vue", "svelte"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| tree_sitter_typescript::LANGUAGE_TYPESCRIPT.into()),
    read: |text, cancel| read(Language::TypeScript, text, cancel),
    tokens: None,
    lexis: usual::SLASHES,
    calls: Calls { is_receiver: |p, _| p.starts_with("this:"), ..usual::CALLS },
    modules: Modules { qualifier: Qualifier::File, by_file: true, of_folder: usual::no_folder },
    tests: Tests { is_file: |_, name| [".test.", ".spec.", "_test.", ".cy."].iter().any(|m| name.contains(m)), folders: &[], marks: TestMarks::File },
    programs: usual::PROGRAMS,
    packages: Packages { of_import: package, advice: "npm install fetches it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| module.starts_with("node:") || MODULES.contains(module.split('/').next().unwrap_or(module)),
    },
    layer: None,
    may_be_minified: true,
    ecosystems: &["npm"],
    is_hidden: usual::not_hidden,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: true,
    stub_endings: &[".d.ts", ".d.mts", ".d.cts"],
    opens_libraries: &[],
    exports_names: false,
};

pub(super) const TSX: Profile = Profile {
    stored_word: "tsx",
    layer: Some(0),
    endings: &["tsx"],
    grammar: Some(|| tree_sitter_typescript::LANGUAGE_TSX.into()),
    read: |text, cancel| read(Language::Tsx, text, cancel),
    ..TYPESCRIPT
};

pub(super) const JAVASCRIPT: Profile = Profile {
    word: "javascript",
    stored_word: "javascript",
    endings: &["js", "jsx", "mjs", "cjs"],
    interpreters: &["node*", "deno", "bun"],
    grammar: Some(|| tree_sitter_javascript::LANGUAGE.into()),
    read: |text, cancel| read(Language::JavaScript, text, cancel),
    calls: usual::CALLS,
    ..TYPESCRIPT
};

/// The grammar stumbles over line ends and over text between tags: of several trees the best is read.
fn read(language: Language, text: &str, cancel: &Cancel) -> Option<Facts> {
    let mut tree = crate::registry::parse(language, text, cancel)?;
    if language != Language::JavaScript && tree.root_node().has_error() {
        tree = typescript::lines::best_tree(language, text, tree, cancel)?;
    }
    if tree.root_node().has_error() && text.contains('&') {
        tree = typescript::markup::better_tree(language, text, tree, cancel)?;
    }
    crate::registry::read_tree(language, text, tree, cancel, |text, tree, cancel| typescript::read(text, language != Language::JavaScript, tree, cancel))
}

/// A package with its scope; a path within the project is itself.
fn package(module: &str) -> String {
    if module.starts_with('.') { module.to_owned() } else { usual::first_parts(module, "/", if module.starts_with('@') { 2 } else { 1 }) }
}
