//! Frameworks: keys that images and services set.

use compass_trace::crossings::frameworks::{Frameworks, NameTable};
use std::sync::LazyLock;

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See the module.
pub(crate) struct ManifestFrameworks;

impl Frameworks for ManifestFrameworks {
    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }
}
