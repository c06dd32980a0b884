//! Frameworks: servers as a table, requests.

use compass_facts::SqlVerb;
use compass_trace::crossings::frameworks::{Accesses, AsksNatives, Frameworks, HttpTable, NameTable, Requests, RpcTable, ShowsPages};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See `data/rpc.toml`.
pub(crate) static RPC: LazyLock<RpcTable> = LazyLock::new(|| RpcTable::read(include_str!("data/rpc.toml")));

/// See `data/names.toml`.
pub(crate) static NAMES: LazyLock<NameTable> = LazyLock::new(|| NameTable::read(include_str!("data/names.toml")));

/// Words for what is done with models.
static ACCESSES: Accesses = Accesses {
    holders: &["Repository", "Model", "EntityRepository", "TreeRepository", "InjectRepository", "ModelStatic", "BaseRepository"],
    read: &[
        "find",
        "findOne",
        "findAll",
        "findByPk",
        "findBy",
        "findOneBy",
        "findAndCount",
        "findAndCountAll",
        "findUnique",
        "findFirst",
        "findMany",
        "count",
        "exist",
        "createQueryBuilder",
        "getRepository",
        "select",
        "from",
        "query",
    ],
    write: &["save", "create", "insert", "update", "upsert", "bulkCreate", "findOrCreate", "values", "increment", "decrement"],
    delete: &["delete", "remove", "destroy", "softDelete", "truncate"],
    finders: &[],
    types: false,
    prefixes: &[("find", SqlVerb::Read), ("get", SqlVerb::Read), ("count", SqlVerb::Read)],
};

/// See the module.
pub(crate) struct ScriptFrameworks;

impl Frameworks for ScriptFrameworks {
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::Yes
    }

    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        static ASKS: AsksNatives = AsksNatives {
            makers: &[],
            loaders: &["bindings", "node-gyp-build", "node-gyp-build-optional-packages", "node-pre-gyp"],
            loads_all: Some("require"),
            endings: &[".node"],
            declarations: &[".d.ts"],
            are_global: false,
        };
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

    fn requests(&self) -> &'static Requests {
        static REQUESTS: Requests =
            Requests { functions: &["fetch", "axios", "ky"], libraries: &["$", "jQuery", "axios", "ky", "got", "superagent", "http", "$http"] };
        &REQUESTS
    }
}
