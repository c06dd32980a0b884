//! Modules, packages and headers that languages bring along: an import of one is no gap, whether or not its source is on this machine.

use compass_facts::{Import, Language};
use rustc_hash::FxHashSet;
use std::sync::LazyLock;

type Names = LazyLock<FxHashSet<&'static str>>;

static PYTHON: Names = LazyLock::new(|| include_str!("../data/python_modules.txt").split_whitespace().collect());
static NODE: Names = LazyLock::new(|| include_str!("../data/node_modules.txt").split_whitespace().collect());
static HEADERS: Names = LazyLock::new(|| include_str!("../data/c_headers.txt").split_whitespace().collect());
static PERL: Names = LazyLock::new(|| include_str!("../data/perl_modules.txt").split_whitespace().collect());

/// Is what an import names part of its language?
pub(super) fn is_standard(language: Language, import: &Import, module: &str) -> bool {
    let first = |separator: &str| module.split(separator).next().unwrap_or(module).to_owned();
    match language {
        // Paths of all other packages begin with the name of a host.
        Language::Go => !first("/").contains('.'),
        Language::Python => PYTHON.contains(first(".").as_str()),
        Language::Java => ["java.", "javax.", "jdk.", "sun.", "com.sun."].iter().any(|p| module.starts_with(p)),
        Language::JavaScript | Language::TypeScript | Language::Tsx => module.starts_with("node:") || NODE.contains(first("/").as_str()),
        Language::Rust => {
            let named = || import.name.is_none() || module.is_empty();
            ["std", "core", "alloc", "proc_macro", "test"].contains(&first("::").as_str()) || named() && module.is_empty()
        }
        Language::C | Language::Cpp => HEADERS.contains(module),
        Language::Perl => PERL.contains(module),
        Language::Sql | Language::Text => false,
    }
}
