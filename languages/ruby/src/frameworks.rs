//! Frameworks and libraries, as tables.

use compass_trace::crossings::frameworks::{Accesses, AsksNatives, Frameworks, HttpTable, NameTable, ShowsPages};
use std::sync::LazyLock;

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &[],
    read: &[
        "find",
        "find_by",
        "where",
        "all",
        "first",
        "last",
        "order",
        "includes",
        "joins",
        "pluck",
        "count",
        "exists",
        "find_each",
        "select",
        "take",
        "limit",
        "find_in_batches",
        "group",
        "sum",
        "ids",
        "none",
        "unscoped",
        "left_joins",
        "preload",
        "eager_load",
        "with",
        "find_by_sql",
    ],
    write: &[
        "create",
        "save",
        "update",
        "insert",
        "insert_all",
        "upsert",
        "upsert_all",
        "update_all",
        "find_or_create_by",
        "new",
        "build",
        "create_or_find_by",
        "first_or_create",
        "increment_counter",
        "update_columns",
    ],
    delete: &["delete", "destroy", "delete_all", "destroy_all", "destroy_by", "delete_by"],
    finders: &["find_by_", "find_or_", "find_all_"],
    types: false,
    prefixes: &[],
};

/// See the module.
pub(crate) struct RubyFrameworks;

impl Frameworks for RubyFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::WithHelpers
    }

    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        static ASKS: AsksNatives =
            AsksNatives { makers: &["Init_"], loaders: &[], loads_all: None, endings: &[".so", ".bundle"], declarations: &[], are_global: false };
        Some(&ASKS)
    }

    fn accesses(&self) -> Option<&'static Accesses> {
        Some(&ACCESSES)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }
}
