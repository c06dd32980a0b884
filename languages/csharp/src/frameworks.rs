//! Frameworks: servers and clients of HTTP as a table.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, NameTable, RpcTable};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// See the module.
pub(crate) struct CsharpFrameworks;

impl Frameworks for CsharpFrameworks {
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
