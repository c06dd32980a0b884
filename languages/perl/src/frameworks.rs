//! Frameworks and libraries, as tables.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, NameTable};
use std::sync::LazyLock;

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See the module.
pub(crate) struct PerlFrameworks;

impl Frameworks for PerlFrameworks {
    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }
}
