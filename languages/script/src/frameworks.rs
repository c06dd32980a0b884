//! Frameworks: requests.

use compass_trace::crossings::frameworks::{Frameworks, Requests};

/// See the module.
pub(crate) struct ScriptFrameworks;

impl Frameworks for ScriptFrameworks {
    fn requests(&self) -> &'static Requests {
        static REQUESTS: Requests =
            Requests { functions: &["fetch", "axios", "ky"], libraries: &["$", "jQuery", "axios", "ky", "got", "superagent", "http", "$http"] };
        &REQUESTS
    }
}
