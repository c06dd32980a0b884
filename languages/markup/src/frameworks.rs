//! Frameworks: what of a page asks a server, as a table.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, NameTable};
use std::sync::LazyLock;

/// See `data/http.toml`.
static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Does a word of templates ask for a route by its name?
pub(crate) fn asks_by_name(word: &str) -> bool {
    TABLE.named_requests.iter().any(|r| r.name == word)
}

/// Does a word of code in templates ask for a route by its name and an ending?
pub(crate) fn asks_by_ending(word: &str) -> bool {
    TABLE.name_endings.iter().any(|e| word.len() > e.len() && word.ends_with(e.as_str()))
}

/// Does code in a template send something to what it names?
pub(crate) fn sends(code: &str) -> bool {
    TABLE.sending.iter().any(|s| code.contains(s.as_str()))
}

/// See the module.
pub(crate) struct MarkupFrameworks;

impl Frameworks for MarkupFrameworks {
    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }
}
