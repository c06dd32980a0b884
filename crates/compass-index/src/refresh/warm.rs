//! What a run leaves in memory for the next one of the same program.

use crate::plan::Plan;
use crate::store::Generation;
use std::sync::Arc;

/// Pairs of positions of files of C and C++: the including one, the included one.
pub(super) type IncludePairs = Arc<Vec<(u32, u32)>>;

/// See the module: what was planned, and the state that was written. It counts as long as nobody else wrote a newer one.
#[derive(Debug, Default)]
pub struct Warm {
    pub(super) plan: Arc<Plan>,
    pub(super) state: Option<State>,
}

/// A generation as it was written.
#[derive(Debug)]
pub(super) struct State {
    pub(super) number: i64,
    pub(super) overview: Arc<Generation>,
    /// Who includes whom, if the run had to know.
    pub(super) includes: Option<IncludePairs>,
}

impl Warm {
    /// What was planned.
    pub fn plan(&self) -> &Plan {
        &self.plan
    }

    /// Is it of that generation, and are its files those of the plan, place by place?
    pub(super) fn is_of(&self, number: i64) -> bool {
        self.state.as_ref().is_some_and(|s| s.number == number && s.overview.files.len() == self.plan.files.len())
    }

    pub(super) fn includes(&self) -> Option<IncludePairs> {
        self.state.as_ref()?.includes.clone()
    }
}
