//! Frameworks: keys that scripts set.

use compass_trace::crossings::frameworks::{Frameworks, NameTable};
use std::sync::LazyLock;

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See the module.
pub(crate) struct ShellFrameworks;

impl Frameworks for ShellFrameworks {
    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }
}
