//! Frameworks: servers as a table, requests.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, NameTable, Requests, RpcTable};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See the module.
pub(crate) struct ScriptFrameworks;

impl Frameworks for ScriptFrameworks {
    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    fn rpc(&self) -> Option<&'static RpcTable> {
        Some(&RPC)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }

    fn requests(&self) -> &'static Requests {
        static REQUESTS: Requests =
            Requests { functions: &["fetch", "axios", "ky"], libraries: &["$", "jQuery", "axios", "ky", "got", "superagent", "http", "$http"] };
        &REQUESTS
    }
}
