//! Who changed a definition, and which tests cover it and how they stand: from git and from the reports that a build left behind.
//!
//! Input: the working copy and the files of reports; output: changes, tests, and what of a file is unusual. Nothing is run and nothing
//! is written. All of it is looked up when somebody asks: none of it is in the index.

mod history;
mod lines;
mod reports;
mod testing;

pub use history::{Change, DiffLine, DiffSign, GitError, History, bytes_at, changed_since, changed_since_pull, diff, head, history};
pub use reports::{CaseState, KeptReports, Report, Reports, TestCase};
pub use testing::{CoveringTest, Sidenote, Testing, Unusual};
