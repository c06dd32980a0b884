//! Reports that a build left behind: results of tests in JUnit's XML, coverage in LCOV's and Cobertura's forms.
//!
//! They are found by the names that build tools give them, or by the patterns of the settings. What cannot be read is said with its
//! reason and counts for nothing.

mod cobertura;
mod junit;
mod kept;
mod lcov;

pub use kept::KeptReports;

use globset::{Glob, GlobSet, GlobSetBuilder};
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};
use std::time::SystemTime;

/// How a test came out.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
#[allow(missing_docs)]
pub enum CaseState {
    Passed,
    Skipped,
    Failed,
}

impl CaseState {
    /// The word for people.
    pub fn word(self) -> &'static str {
        match self {
            CaseState::Passed => "passes",
            CaseState::Skipped => "skipped",
            CaseState::Failed => "fails",
        }
    }
}

/// A test that was run.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct TestCase {
    /// What it belongs to: a class, a module, a file.
    pub suite: String,
    /// Its name.
    pub name: String,
    /// How it came out.
    pub state: CaseState,
    /// What it said when it failed: the first line.
    pub message: String,
    /// The file it stands in, where the report says so.
    pub file: Option<String>,
    /// Position of the report in [`Reports::files`].
    pub report: usize,
}

/// A report.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Report {
    /// Its file.
    pub path: PathBuf,
    /// When it was written.
    pub written: Option<SystemTime>,
}

/// Lines of a file that ran.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Lines {
    /// How often each line ran; lines that hold nothing to run are not there.
    pub hits: BTreeMap<u32, u64>,
    /// Lines that ran in each test, where the report tells tests apart.
    pub by_test: BTreeMap<String, Vec<u32>>,
}

/// All reports.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Reports {
    /// Files they were read from.
    pub files: Vec<Report>,
    /// Tests that were run.
    pub cases: Vec<TestCase>,
    /// Coverage by path, as the report has it, with `/`.
    pub coverage: BTreeMap<String, Lines>,
    /// What could not be read, and why.
    pub wrong: Vec<String>,
}

/// Names that build tools give to reports.
const NAMES: [&str; 12] = [
    "**/TEST-*.xml",
    "**/junit*.xml",
    "**/*junit.xml",
    "**/test-results/**/*.xml",
    "**/surefire-reports/*.xml",
    "**/test-results.xml",
    "**/lcov.info",
    "**/*.lcov",
    "**/coverage.xml",
    "**/cobertura*.xml",
    "**/*.cobertura.xml",
    "**/coverage.info",
];
/// Folders with very many files and no reports.
const NEVER: [&str; 2] = [".git", ".venv"];
/// Reports stand near the top, in the folder of a package or below its folder of results.
const DEPTH: usize = 7;
/// Larger files are no reports worth reading.
const MOST_BYTES: u64 = 64 << 20;

impl Reports {
    /// Finds and reads the reports below some roots; `patterns` are further ones, relative to a root.
    pub fn find(roots: &[PathBuf], patterns: &[String]) -> Reports {
        let mut out = Reports::default();
        let mut names = GlobSetBuilder::new();
        NAMES.iter().filter_map(|n| Glob::new(n).ok()).for_each(|g| {
            names.add(g);
        });
        for pattern in patterns {
            if !compass_index::tree::is_shallow(pattern) {
                continue;
            }
            match Glob::new(pattern) {
                Ok(glob) => {
                    names.add(glob);
                }
                Err(e) => out.wrong.push(format!("reports {pattern:?}: {e}")),
            }
        }
        let Ok(names) = names.build() else { return out };
        for root in roots {
            for path in found(root, &names) {
                out.read(&path);
            }
        }
        out
    }

    /// Is a file of theirs another than when it was read?
    pub fn is_outdated(&self) -> bool {
        self.files.iter().any(|f| written(&f.path) != f.written)
    }

    fn read(&mut self, path: &Path) {
        let report = self.files.len();
        self.files.push(Report { path: path.to_owned(), written: written(path) });
        let text = match compass_index::tree::disk::read(path, MOST_BYTES) {
            Ok(bytes) => String::from_utf8_lossy(&bytes).into_owned(),
            Err(e) if e.kind() == std::io::ErrorKind::FileTooLarge => return self.wrong.push(format!("{}: too large for a report", path.display())),
            Err(e) => return self.wrong.push(format!("{}: {e}", path.display())),
        };
        let head = text.trim_start_matches('\u{feff}').trim_start();
        let done = if !head.starts_with('<') {
            lcov::read(&text, &mut self.coverage);
            Ok(())
        } else if text.contains("<testcase") || text.contains("<testsuite") {
            junit::read(&text, report).map(|cases| self.cases.extend(cases))
        } else if text.contains("<coverage") {
            cobertura::read(&text, &mut self.coverage)
        } else {
            self.files.pop();
            Ok(())
        };
        if let Err(e) = done {
            self.wrong.push(format!("{}: {e}", path.display()));
        }
    }

    /// The coverage of a file: that of the longest path in a report that ends as this one does.
    pub fn lines_of(&self, path: &str) -> Option<&Lines> {
        let fits = |told: &str| {
            let told = told.trim_start_matches("./");
            path == told || path.strip_suffix(told).is_some_and(|p| p.ends_with('/')) || told.strip_suffix(path).is_some_and(|p| p.ends_with('/'))
        };
        self.coverage.iter().filter(|(told, _)| fits(told)).max_by_key(|(told, _)| told.len()).map(|c| c.1)
    }
}

fn written(path: &Path) -> Option<SystemTime> {
    std::fs::metadata(path).ok()?.modified().ok()
}

/// Files below a root whose names fit, in order. What a build makes is mostly ignored by version control: that is of no matter here.
fn found(root: &Path, names: &GlobSet) -> Vec<PathBuf> {
    let mut builder = ignore::WalkBuilder::new(root);
    builder.standard_filters(false).follow_links(false).max_depth(Some(DEPTH));
    builder.filter_entry(|e| !e.file_name().to_str().is_some_and(|n| NEVER.contains(&n) || compass_index::plan::holds_packages(n)));
    let is_report = |e: &ignore::DirEntry| {
        let ending = e.path().extension().and_then(|x| x.to_str()).unwrap_or_default();
        matches!(ending, "xml" | "info" | "lcov") && e.path().strip_prefix(root).is_ok_and(|p| names.is_match(p))
    };
    let mut out: Vec<PathBuf> =
        builder.build().flatten().filter(|e| e.file_type().is_some_and(|t| t.is_file()) && is_report(e)).map(|e| e.into_path()).collect();
    out.sort();
    out
}

#[cfg(test)]
mod tests {
    use super::*;

    fn put(folder: &Path, path: &str, text: &str) {
        let path = folder.join(path);
        std::fs::create_dir_all(path.parent().expect("a folder")).expect("folders");
        std::fs::write(path, text).expect("a file");
    }

    #[test]
    fn reports_are_found_by_name_and_by_pattern() {
        languages::register();
        let folder = tempfile::tempdir().expect("a folder");
        put(folder.path(), "ledger/target/surefire-reports/TEST-Ledger.xml", "<testsuite><testcase classname='Ledger' name='adds'/></testsuite>");
        put(folder.path(), "coverage/lcov.info", "SF:src/rack.ts\nDA:3,1\nend_of_record\n");
        put(folder.path(), "out/results.xml", "<testsuite><testcase classname='Rack' name='turns'><failure message='full'/></testcase></testsuite>");
        put(folder.path(), "pom.xml", "<project/>");
        put(folder.path(), "junit-broken.xml", "<testsuite><testcase name='x'>");
        put(folder.path(), "node_modules/a/junit.xml", "<testsuite><testcase name='x'/></testsuite>");
        let roots = [folder.path().to_owned()];
        let plain = Reports::find(&roots, &[]);
        assert_eq!(plain.cases.iter().map(|c| c.name.as_str()).collect::<Vec<_>>(), ["adds"]);
        assert_eq!((plain.files.len(), plain.wrong.len()), (3, 1), "{:?}", plain.wrong);
        assert!(plain.lines_of("board/src/rack.ts").is_some_and(|l| l.hits[&3] == 1));
        let all = Reports::find(&roots, &["out/*.xml".to_owned(), "{".to_owned()]);
        assert_eq!((all.cases.len(), all.cases[1].state, all.wrong.len()), (2, CaseState::Failed, 2));
        assert!(!all.is_outdated());
        std::fs::remove_file(folder.path().join("out/results.xml")).expect("removed");
        assert!(all.is_outdated());
    }
}
