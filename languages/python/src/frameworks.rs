//! Frameworks: routes, requests, native libraries.

mod native;
mod routes;

use compass_index::PassInput;
use compass_trace::crossings::frameworks::{
    Accesses, AsksNatives, Constants, Frameworks, HttpTable, NameTable, Requests, Route, RpcTable, ShowsPages, TakeNative,
};
use std::sync::LazyLock;

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &["Mapped", "Repository"],
    read: &[
        "objects",
        "query",
        "select",
        "filter",
        "filter_by",
        "get",
        "all",
        "first",
        "one",
        "one_or_none",
        "scalar",
        "scalars",
        "exists",
        "count",
        "get_object_or_404",
        "get_list_or_404",
        "select_related",
        "prefetch_related",
        "values",
        "values_list",
        "exec",
        "join",
        "outerjoin",
        "fetch_one",
        "find",
        "find_one",
    ],
    write: &["save", "create", "bulk_create", "bulk_update", "update", "update_or_create", "get_or_create", "add", "add_all", "insert", "merge", "save_all"],
    delete: &["delete", "remove"],
    finders: &[],
    types: false,
    prefixes: &[],
};

/// See the module.
pub(crate) struct PythonFrameworks;

impl Frameworks for PythonFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::WithHelpers
    }

    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        static ASKS: AsksNatives =
            AsksNatives { makers: &["PyInit_"], loaders: &[], loads_all: None, endings: &[".so", ".pyd"], declarations: &[".pyi"], are_global: false };
        Some(&ASKS)
    }

    fn accesses(&self) -> Option<&'static Accesses> {
        Some(&ACCESSES)
    }

    fn rpc(&self) -> Option<&'static RpcTable> {
        Some(&RPC)
    }

    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }

    fn names(&self) -> Option<&'static NameTable> {
        Some(&NAMES)
    }

    fn module_files(&self, flag: &str, name: &str) -> Vec<String> {
        if flag != "-m" {
            return Vec::new();
        }
        let path = name.replace('.', "/");
        vec![format!("{path}.py"), format!("{path}/__main__.py")]
    }

    fn routes(&self, input: &PassInput, constants: &Constants) -> Vec<Route> {
        routes::routes(input, constants)
    }

    fn requests(&self) -> &'static Requests {
        static REQUESTS: Requests = Requests { functions: &[], libraries: &["requests", "httpx", "http", "client", "test_client", "api_client"] };
        &REQUESTS
    }

    fn natives(&self, input: &PassInput, take: &mut TakeNative) {
        native::natives(input, take);
    }
}
