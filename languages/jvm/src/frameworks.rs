//! Frameworks: servers and clients of HTTP as a table.

use compass_facts::SqlVerb;
use compass_trace::crossings::frameworks::{Accesses, AsksNatives, Frameworks, HttpTable, NameTable, RpcTable, ShowsPages};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &[
        "JpaRepository",
        "CrudRepository",
        "PagingAndSortingRepository",
        "ListCrudRepository",
        "ReactiveCrudRepository",
        "MongoRepository",
        "Repository",
        "PanacheRepository",
        "R2dbcRepository",
        "CoroutineCrudRepository",
        "QuerydslPredicateExecutor",
        "PanacheRepositoryBase",
        "ListPagingAndSortingRepository",
        "PageableRepository",
    ],
    read: &["find", "createQuery", "createNamedQuery", "getReference", "from", "get", "load", "createCriteria", "list", "findAll"],
    write: &["persist", "merge", "save", "saveOrUpdate", "saveAll", "insert", "update"],
    delete: &["remove", "delete", "deleteAll"],
    finders: &[],
    types: false,
    prefixes: &[
        ("find", SqlVerb::Read),
        ("get", SqlVerb::Read),
        ("count", SqlVerb::Read),
        ("exists", SqlVerb::Read),
        ("read", SqlVerb::Read),
        ("query", SqlVerb::Read),
        ("search", SqlVerb::Read),
        ("stream", SqlVerb::Read),
        ("list", SqlVerb::Read),
        ("save", SqlVerb::Write),
        ("insert", SqlVerb::Write),
        ("update", SqlVerb::Write),
        ("persist", SqlVerb::Write),
        ("flush", SqlVerb::Write),
        ("delete", SqlVerb::Delete),
        ("remove", SqlVerb::Delete),
    ],
};

/// See the module.
pub(crate) struct JvmFrameworks;

impl Frameworks for JvmFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::Yes
    }

    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        static ASKS: AsksNatives = AsksNatives { makers: &[], loaders: &[], loads_all: None, endings: &[], declarations: &[], are_global: false };
        Some(&ASKS)
    }

    fn accesses(&self) -> Option<&'static Accesses> {
        Some(&ACCESSES)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    fn rpc(&self) -> Option<&'static RpcTable> {
        Some(&RPC)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }
}
