//! Frameworks: routers and requests, as a table.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, NameTable, RpcTable};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See the module.
pub(crate) struct GoFrameworks;

impl Frameworks for GoFrameworks {
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
