//! Reports that were found are kept: to look for new ones walks all folders, also those that a build made.

use super::Reports;
use std::path::PathBuf;
use std::sync::Arc;
use std::time::{Duration, Instant};

/// After so long it is looked whether there are new ones; one that was written anew is read at once.
const LOOK_AGAIN: Duration = Duration::from_secs(30);

/// What was found last, if anything was looked for.
#[derive(Debug, Clone, Default)]
pub struct KeptReports(Option<Kept>);

#[derive(Debug, Clone)]
struct Kept {
    at: Instant,
    roots: Vec<PathBuf>,
    patterns: Vec<String>,
    reports: Arc<Reports>,
}

impl KeptReports {
    /// The reports below some roots, as of now; see [`Reports::find`]. The same ones as before where nothing changed.
    pub fn find(&mut self, roots: Vec<PathBuf>, patterns: Vec<String>) -> Arc<Reports> {
        self.find_at(Instant::now(), roots, patterns)
    }

    fn find_at(&mut self, now: Instant, roots: Vec<PathBuf>, patterns: Vec<String>) -> Arc<Reports> {
        let before = self.0.take().filter(|k| k.roots == roots && k.patterns == patterns);
        let reports = match before {
            Some(kept) if now.duration_since(kept.at) < LOOK_AGAIN && !kept.reports.is_outdated() => {
                return self.0.insert(kept).reports.clone();
            }
            Some(kept) => {
                let found = Reports::find(&roots, &patterns);
                if found == *kept.reports { kept.reports } else { Arc::new(found) }
            }
            None => Arc::new(Reports::find(&roots, &patterns)),
        };
        self.0 = Some(Kept { at: now, roots, patterns, reports: reports.clone() });
        reports
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    const PASSES: &str = r#"<testsuite name="s"><testcase name="turns" classname="s"/></testsuite>"#;
    const FAILS: &str = r#"<testsuite name="s"><testcase name="turns" classname="s"><failure message="no"/></testcase></testsuite>"#;

    #[test]
    fn a_new_report_is_found_in_time_and_one_written_anew_at_once() {
        let folder = tempfile::tempdir().expect("a folder");
        let put = |name: &str, text: &str| std::fs::write(folder.path().join(name), text).expect("a file");
        let (start, mut kept) = (Instant::now(), KeptReports::default());
        let mut at = |seconds, pattern: &[&str]| {
            let patterns = pattern.iter().map(|p| (*p).to_owned()).collect();
            kept.find_at(start + Duration::from_secs(seconds), vec![folder.path().to_owned()], patterns)
        };
        put("TEST-a.xml", PASSES);
        let first = at(0, &[]);
        assert_eq!(first.cases.len(), 1);
        put("TEST-b.xml", PASSES);
        assert!(Arc::ptr_eq(&first, &at(29, &[])), "it is not looked again yet");
        let second = at(31, &[]);
        assert_eq!(second.cases.len(), 2);
        assert!(Arc::ptr_eq(&second, &at(62, &[])), "looked again, and nothing is new");
        put("TEST-a.xml", FAILS);
        let file = std::fs::File::options().write(true).open(folder.path().join("TEST-a.xml")).expect("the file");
        file.set_modified(std::time::SystemTime::now() + Duration::from_secs(5)).expect("a time");
        assert_eq!(at(63, &[]).cases.iter().filter(|c| c.state == super::super::CaseState::Failed).count(), 1);
        put("own.xml", PASSES);
        assert_eq!(at(64, &["own.xml"]).cases.len(), 3, "another pattern is looked for at once");
    }
}
