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

/// Endings of pages, and the languages of their code.
const PAGE_LANGUAGES: [(&[&str], &[&str]); 6] = [
    (&[".erb", ".liquid"], &["ruby"]),
    (&[".jinja", ".jinja2", ".j2"], &["python"]),
    (&[".twig", ".blade.php", ".tpl"], &["php"]),
    (&[".ejs", ".njk", ".hbs", ".handlebars"], &["javascript", "typescript"]),
    (&[".tmpl", ".gotmpl", ".gohtml"], &["go"]),
    (&[".mustache"], &[]),
];

impl Frameworks for MarkupFrameworks {
    fn page_languages(&self, path: &str) -> &'static [&'static str] {
        PAGE_LANGUAGES.iter().find(|(endings, _)| endings.iter().any(|e| path.ends_with(e))).map_or(&[], |p| p.1)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }
}
