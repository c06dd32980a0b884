//! Frameworks: servers as a table, requests.

use compass_trace::crossings::frameworks::{Frameworks, HttpTable, Requests};
use std::sync::LazyLock;

/// See `data/http.toml`.
pub(crate) static TABLE: LazyLock<HttpTable> = LazyLock::new(|| HttpTable::read(include_str!("data/http.toml")));

/// See the module.
pub(crate) struct ScriptFrameworks;

impl Frameworks for ScriptFrameworks {
    fn table(&self) -> Option<&'static HttpTable> {
        Some(&TABLE)
    }

    fn requests(&self) -> &'static Requests {
        static REQUESTS: Requests =
            Requests { functions: &["fetch", "axios", "ky"], libraries: &["$", "jQuery", "axios", "ky", "got", "superagent", "http", "$http"] };
        &REQUESTS
    }
}
