//! Frameworks: servers and clients of HTTP as a table.

use compass_trace::crossings::frameworks::{Accesses, AsksNatives, Frameworks, HttpTable, NameTable, ShowsPages};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &["EntityRepository", "ServiceEntityRepository"],
    read: &[
        "find",
        "findOrFail",
        "where",
        "first",
        "firstOrFail",
        "all",
        "get",
        "query",
        "with",
        "count",
        "findOne",
        "findBy",
        "findOneBy",
        "findAll",
        "getRepository",
        "whereIn",
        "orderBy",
        "select",
        "paginate",
        "pluck",
        "exists",
        "latest",
        "whereHas",
        "withCount",
        "from",
        "join",
    ],
    write: &["create", "save", "update", "insert", "updateOrCreate", "firstOrCreate", "upsert", "persist", "increment", "decrement", "forceCreate"],
    delete: &["delete", "destroy", "forceDelete", "remove", "truncate"],
    finders: &["findBy", "findOneBy", "where"],
    types: true,
    prefixes: &[],
};

/// See the module.
pub(crate) struct PhpFrameworks;

impl Frameworks for PhpFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::Yes
    }

    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        static ASKS: AsksNatives = AsksNatives { makers: &[], loaders: &[], loads_all: None, endings: &[], declarations: &[".stub.php"], are_global: true };
        Some(&ASKS)
    }

    fn accesses(&self) -> Option<&'static Accesses> {
        Some(&ACCESSES)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }
}
