//! Faults of this program: a panic in a job ends the job alone, and is told with the report that was written.

use std::path::PathBuf;
use std::sync::Mutex;

/// Where the last fault of a job is described.
static LAST_REPORT: Mutex<Option<PathBuf>> = Mutex::new(None);

/// Keeps where a fault is described, until it is told.
pub fn described_in(report: PathBuf) {
    *LAST_REPORT.lock().unwrap_or_else(|e| e.into_inner()) = Some(report);
}

/// What a person hears of a job that ended in a fault of this program.
pub fn text() -> String {
    let report = LAST_REPORT.lock().unwrap_or_else(|e| e.into_inner()).take();
    let place = report.map_or_else(String::new, |path| format!("; report: {}", path.display()));
    format!("a fault of this program ended this; everything else goes on{place}")
}
