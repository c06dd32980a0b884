//! Frameworks: its files describe what operations ask for.

use compass_trace::crossings::frameworks::Frameworks;

/// See the module.
pub(crate) struct GraphqlFrameworks;

impl Frameworks for GraphqlFrameworks {
    fn is_schema(&self) -> bool {
        true
    }
}
