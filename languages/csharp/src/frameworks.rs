//! Frameworks: servers and clients of HTTP as a table.

use compass_facts::SqlVerb;
use compass_trace::crossings::frameworks::{Accesses, Frameworks, HttpTable, NameTable, RpcTable, ShowsPages};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &["DbSet", "IQueryable", "IRepository", "IReadRepository", "IGenericRepository", "Repository", "EfRepository", "IAsyncRepository"],
    read: &[
        "Set",
        "Where",
        "Find",
        "FindAsync",
        "FirstOrDefault",
        "FirstOrDefaultAsync",
        "ToList",
        "ToListAsync",
        "Include",
        "AsNoTracking",
        "Any",
        "AnyAsync",
        "Count",
        "Query",
        "QueryAsync",
        "Single",
        "SingleOrDefault",
        "SingleOrDefaultAsync",
        "AsQueryable",
        "Select",
        "OrderBy",
    ],
    write: &["Add", "AddAsync", "AddRange", "Update", "UpdateRange", "Attach", "Insert", "ExecuteUpdateAsync", "Save", "Entry", "AddRangeAsync", "UpdateAsync"],
    delete: &["Remove", "RemoveRange", "ExecuteDelete", "ExecuteDeleteAsync", "Delete", "DeleteAsync"],
    finders: &[],
    types: true,
    prefixes: &[
        ("Get", SqlVerb::Read),
        ("List", SqlVerb::Read),
        ("First", SqlVerb::Read),
        ("Count", SqlVerb::Read),
        ("Any", SqlVerb::Read),
        ("Find", SqlVerb::Read),
        ("Single", SqlVerb::Read),
    ],
};

/// See the module.
pub(crate) struct CsharpFrameworks;

impl Frameworks for CsharpFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::Yes
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
