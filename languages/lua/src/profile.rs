//! Lua.

use crate::reader;
use compass_facts::Language;
use compass_facts::profile::{Lexis, Lists, Modules, Packages, Profile, Programs, Qualifier, Standard, TestMarks, Tests, Words, usual, words};
use compass_facts::profile::{Members, PLAIN};
use compass_facts::reading::syntax::Grammar;
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

static NAMES: Words = Words::new(|| words(include_str!("data/lua.txt")));

/// The generic grammar.
static GRAMMAR: Grammar = Grammar::new(|| tree_sitter_lua::LANGUAGE.into());

/// The language.
pub const LUA: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "lua",
    stored_word: "lua",
    family: "lua",
    endings: &["lua", "rockspec", "nse"],
    interpreters: &["lua*"],
    largest_bytes: usual::LARGEST_BYTES,
    grammar: Some(|| &GRAMMAR),
    read: |text, cancel| compass_facts::reading::read_by_grammar(crate::LUA, text, cancel, reader::read),
    tokens: None,
    lexis: Lexis { line_comments: &["--"], block_comments: &[("--[[", "]]")], ..usual::SLASHES },
    calls: usual::CALLS,
    members: Members { called_unwritten: &["__*"], ..usual::MEMBERS },
    modules: Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder },
    tests: Tests {
        is_file: |stem, _| ["_test", "_spec"].iter().any(|end| stem.ends_with(end)) || stem.starts_with("test_"),
        folders: &[],
        marks: TestMarks::Reader,
    },
    programs: Programs { called: &[], files: &["main.lua", "bin/*"], stems: Some(&["main", "app", "cli", "config"]), ..usual::PROGRAMS },
    packages: Packages { of_import: |module| usual::first_parts(module, ".", 1), advice: "luarocks install fetches it" },
    standard: Standard {
        is_name: |name| NAMES.contains(name),
        is_module: |module| NAMES.contains(module),
        is_unit: usual::none,
        called: &[],
        declared: crate::DECLARED,
        of_family: true,
    },
    layer: None,
    may_be_minified: false,
    ecosystems: &["rocks"],
    is_hidden: usual::is_private,
    lists: Lists::No,
    implements_by_shape: false,
    has_declaration_files: false,
    stub_endings: &[],
    opens_libraries: &[],
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::LuaRules)),
    frameworks: Some(&FrameworksPart(&crate::frameworks::LuaFrameworks)),
    exports_names: false,
    ..PLAIN
};
