//! Faults of this program: a panic in a job ends the job alone, and is told with the report that was written.

use crate::Failure;
use std::path::PathBuf;
use std::sync::Mutex;

/// Where the last fault of a job is described.
static LAST_REPORT: Mutex<Option<PathBuf>> = Mutex::new(None);

/// Keeps where a fault is described, until it is told.
pub fn described_in(report: PathBuf) {
    *LAST_REPORT.lock().unwrap_or_else(|e| e.into_inner()) = Some(report);
}

/// What a person hears of a job that ended in a fault of this program.
pub(crate) fn last() -> Failure {
    Failure::Fault(LAST_REPORT.lock().unwrap_or_else(|e| e.into_inner()).take())
}
