//! JavaScript and TypeScript, with and without markup.

use crate::components;
use crate::reader;
use compass_facts::profile::{Calls, Introduced, Lists, Modules, Packages, Profile, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_facts::{Cancel, Facts, Language};
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

static NAMES: Words = Words::new(|| words(include_str!("data/script.txt")));
static MODULES: Words = Words::new(|| words(include_str!("data/node_modules.txt")));

static TYPESCRIPT_GRAMMAR: Grammar = Grammar::new(|| tree_sitter_typescript::LANGUAGE_TYPESCRIPT.into());
static TSX_GRAMMAR: Grammar = Grammar::new(|| tree_sitter_typescript::LANGUAGE_TSX.into());
static JAVASCRIPT_GRAMMAR: Grammar = Grammar::new(|| tree_sitter_javascript::LANGUAGE.into());

/// TypeScript.
pub const TYPESCRIPT: Language = Language::of(&TYPESCRIPT_PROFILE);
/// TypeScript with markup in expressions.
pub const TSX: Language = Language::of(&TSX_PROFILE);
/// JavaScript.
pub const JAVASCRIPT: Language = Language::of(&JAVASCRIPT_PROFILE);

/// The declarations are written in TypeScript, for all three.
static TYPESCRIPT_PROFILE: Profile = Profile { standard: Standard { declared: crate::DECLARED, ..STANDARD }, ..SCRIPT };

const STANDARD: Standard = Standard {
    is_name: |name| NAMES.contains(name),
    is_module: |module| module.starts_with("node:") || MODULES.contains(module.split('/').next().unwrap_or(module)),
    is_unit: crate::packages::brings_language,
    called: &[],
    declared: &[],
    of_family: true,
};

const SCRIPT: Profile = Profile {
    word: "typescript",
    stored_word: "typescript",
    family: "script",
    // Components of one file: what stands between markup is a script.
    endings: &["ts", "mts", "cts", "vue", "svelte"],
    interpreters: &[],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &TYPESCRIPT_GRAMMAR),
    read: |text, cancel| read(crate::TYPESCRIPT, text, cancel),
    tokens: None,
    lexis: usual::SLASHES,
    calls: Calls { is_receiver: |p, _| p.starts_with("this:"), ..usual::CALLS },
    members: Members {
        makers: &["constructor"],
        own: &["constructor"],
        receivers: &["this"],
        fields_of_values: true,
        called_unwritten: &["toString", "toJSON", "valueOf", "then", "next", "return", "constructor", "connectedCallback", "disconnectedCallback", "[*]"],
        ..usual::MEMBERS
    },
    modules: Modules { qualifier: Qualifier::File, by_file: true, of_folder: usual::no_folder },
    introduced: Introduced {
        told_in: &["index.ts", "index.tsx", "index.js", "index.mjs", "index.cjs"],
        for_tools: &["eslint", "@ts-", "@flow", "@jsx", "@format", "global ", "globals ", "jshint", "prettier"],
        ..usual::INTRODUCED
    },
    tests: Tests { is_file: |_, name| [".test.", ".spec.", "_test.", ".cy."].iter().any(|m| name.contains(m)), folders: &[], marks: TestMarks::File },
    programs: usual::PROGRAMS,
    packages: Packages { of_import: package, advice: "npm install fetches it" },
    standard: STANDARD,
    layer: None,
    may_be_minified: true,
    ecosystems: &["npm"],
    is_hidden: usual::not_hidden,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: true,
    gives_away_by_word: true,
    stub_endings: &[".d.ts", ".d.mts", ".d.cts"],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    frameworks: Some(&FrameworksPart(&crate::frameworks::ScriptFrameworks)),
    rules: Some(&RulesPart(&crate::rules::Script)),
    component: |text| components::scripts_of(text),
    marks_are: compass_facts::Role::Call,
    ..PLAIN
};

static TSX_PROFILE: Profile = Profile {
    component: usual::no_component,
    stored_word: "tsx",
    layer: Some(0),
    endings: &["tsx"],
    grammar: Some(|| &TSX_GRAMMAR),
    read: |text, cancel| read(crate::TSX, text, cancel),
    ..SCRIPT
};

static JAVASCRIPT_PROFILE: Profile = Profile {
    component: usual::no_component,
    word: "javascript",
    stored_word: "javascript",
    endings: &["js", "jsx", "mjs", "cjs"],
    interpreters: &["node*", "deno", "bun"],
    grammar: Some(|| &JAVASCRIPT_GRAMMAR),
    read: |text, cancel| read(crate::JAVASCRIPT, text, cancel),
    calls: usual::CALLS,
    ..SCRIPT
};

/// The grammar stumbles over line ends and over text between tags: of several trees the best is read.
fn read(language: Language, text: &str, cancel: &Cancel) -> Option<Facts> {
    let mut tree = compass_facts::reading::parse(language, text, cancel)?;
    if language != crate::JAVASCRIPT && tree.root_node().has_error() {
        tree = reader::lines::best_tree(language, text, tree, cancel)?;
    }
    if tree.root_node().has_error() && text.contains('&') {
        tree = reader::markup::better_tree(language, text, tree, cancel)?;
    }
    compass_facts::reading::read_tree(language, text, tree, cancel, |text, tree, cancel| reader::read(text, language != crate::JAVASCRIPT, tree, cancel))
}

/// A package with its scope; a path within the project is itself.
fn package(module: &str) -> String {
    if module.starts_with('.') { module.to_owned() } else { usual::first_parts(module, "/", if module.starts_with('@') { 2 } else { 1 }) }
}
