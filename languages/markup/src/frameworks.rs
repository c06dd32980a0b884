//! Frameworks: what of a page asks a server, as a table.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable};
use std::sync::LazyLock;

/// See `data/http.toml`.
static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See the module.
pub(crate) struct MarkupFrameworks;

impl Frameworks for MarkupFrameworks {
    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }
}
