//! What a run leaves in memory for the next one of the same program.

use crate::plan::Plan;
use crate::store::{Generation, StoreError, Writer};
use std::sync::Arc;

/// Pairs of positions of files of C and C++: the including one, the included one.
pub(super) type IncludePairs = Arc<Vec<(u32, u32)>>;

/// See the module: what was planned, and the state that was written. It counts as long as nobody else wrote a newer one.
#[derive(Debug, Default)]
pub struct SessionCache {
    pub(super) plan: Arc<Plan>,
    pub(super) state: Option<State>,
}

/// A generation as it was written.
#[derive(Debug)]
pub(super) struct State {
    /// Which store it was written to.
    pub(super) made: Option<String>,
    pub(super) number: i64,
    pub(super) overview: Arc<Generation>,
    /// Who includes whom, if the run had to know.
    pub(super) includes: Option<IncludePairs>,
}

impl State {
    /// Is it what stands in the store now?
    pub(super) fn is_in(&self, writer: &Writer) -> bool {
        let is_same = || Ok::<_, StoreError>(writer.current_number()? == Some(self.number) && writer.made()? == self.made);
        self.made.is_some() && is_same().unwrap_or(false)
    }
}

impl SessionCache {
    /// What was planned.
    pub fn plan(&self) -> &Plan {
        &self.plan
    }

    /// Is it what stands in the store now, and are its files those of the plan, place by place?
    pub(super) fn is_in(&self, writer: &Writer) -> bool {
        self.state.as_ref().is_some_and(|s| s.overview.files.len() == self.plan.files.len() && s.is_in(writer))
    }

    pub(super) fn includes(&self) -> Option<IncludePairs> {
        self.state.as_ref()?.includes.clone()
    }
}
