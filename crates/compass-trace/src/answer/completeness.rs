//! What an answer may lack: code that could not be read, uses that could not be linked.

use super::{AnswerError, Engine, Found};
use compass_facts::GapCause;

impl Engine {
    /// Code that could not be read may hold definitions of any name.
    pub(super) fn miss_hidden_code(&self, found: &mut Found) {
        for cause in GapCause::ALL.into_iter().filter(|c| c.hides_code()) {
            let count = self.index.summary().gaps_by_cause.get(cause.word()).copied().unwrap_or(0);
            found.miss(cause.word(), count);
        }
    }

    /// Uses of these names that have no target: any of them may mean what was asked for.
    pub(super) fn miss_unlinked(&self, names: &[String], found: &mut Found) -> Result<(), AnswerError> {
        for name in names {
            for (cause, count) in self.index.unlinked(name)? {
                if cause.may_hide_use() {
                    found.miss(cause.word(), count);
                }
            }
        }
        Ok(())
    }
}
