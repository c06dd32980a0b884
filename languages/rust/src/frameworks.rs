//! Frameworks and libraries, as tables.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, NameTable, ShowsPages};
use std::sync::LazyLock;

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See the module.
pub(crate) struct RustFrameworks;

impl Frameworks for RustFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::Yes
    }

    /// `src/main.rs` makes a program of its crate's name, `src/bin/x.rs` one of its own.
    fn program(&self, path: &str, _: &compass_facts::Facts) -> Option<String> {
        let mut parts = path.rsplit('/');
        let file = parts.next()?.strip_suffix(".rs")?;
        match (parts.next(), file) {
            (Some("bin"), name) => Some(name.to_owned()),
            (Some("src"), "main") => parts.next().map(str::to_owned),
            _ => None,
        }
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }
}
