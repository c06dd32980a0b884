//! Frameworks: routers and requests, as a table.

use compass_facts::{Role, Shape};
use compass_index::PassInput;
use compass_trace::crossings::frameworks::{Accesses, Asker, Frameworks, HttpTable, NameTable, RpcTable, ShowsPages, TakeNative};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &[],
    read: &[
        "Find",
        "First",
        "Last",
        "Take",
        "Get",
        "Exist",
        "Count",
        "Model",
        "Table",
        "Where",
        "Scan",
        "Select",
        "Iterate",
        "Rows",
        "FindAndCount",
        "Pluck",
        "Query",
        "NewSelect",
        "ID",
        "Join",
        "In",
        "And",
        "Cols",
        "SQL",
        "GetByBean",
        "CountByBean",
        "FindByIDs",
        "Desc",
        "Asc",
        "OrderBy",
        "NoAutoCondition",
    ],
    write: &[
        "Create",
        "Save",
        "Updates",
        "Insert",
        "InsertOne",
        "Update",
        "FirstOrCreate",
        "NewInsert",
        "NewUpdate",
        "Upsert",
        "UpdateColumn",
        "UpdateColumns",
        "AutoMigrate",
        "Sync",
        "Sync2",
        "Incr",
        "Decr",
        "InsertMulti",
        "AllCols",
        "RegisterModel",
    ],
    delete: &["Delete", "NewDelete", "Unscoped", "DeleteByBean", "DeleteBeans"],
    finders: &[],
    types: true,
    prefixes: &[],
};

/// See the module.
pub(crate) struct GoFrameworks;

impl Frameworks for GoFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::Yes
    }

    /// `C.name`, where a file imports `C`.
    fn natives(&self, input: &PassInput, take: &mut TakeNative) {
        for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language == crate::GO) {
            let facts = here.facts;
            if !facts.imports.iter().any(|i| facts.name(i.module) == "C") {
                continue;
            }
            for (before, u) in facts.uses.iter().zip(facts.uses.iter().skip(1)) {
                let is_c = facts.name(before.name) == "C" && before.span.end + 1 == u.span.start && matches!(u.shape, Shape::Member(_));
                if is_c {
                    let role = if u.role == Role::Call { Role::Call } else { Role::Ref };
                    // What has no answer may be written in the comment above the import.
                    take(&Asker { file, at: u.span, enclosing: u.enclosing, role, own: None, of_library: false }, facts.name(u.name), true);
                }
            }
        }
    }

    fn accesses(&self) -> Option<&'static Accesses> {
        Some(&ACCESSES)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    /// A folder whose files are the package `main`.
    fn program(&self, path: &str, facts: &compass_facts::Facts) -> Option<String> {
        let has_main = facts.definitions.iter().any(|d| d.container.is_none() && d.kind.is_callable() && facts.name(d.name) == "main");
        has_main.then(|| path.rsplit('/').nth(1)).flatten().map(str::to_owned)
    }

    fn rpc(&self) -> Option<&'static RpcTable> {
        Some(&RPC)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }
}
