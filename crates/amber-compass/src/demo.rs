//! Lays out Larder Hollow: the demo's files as a git repository with a made-up history.
//!
//! The history file names, per commit, author, fixed date, message and the paths that come with it; so every copy has the
//! same commit ids.

use git2::{Repository, Signature, Time};
use include_dir::{Dir, include_dir};
use serde::Deserialize;
use std::path::{Path, PathBuf};

static FILES: Dir = include_dir!("$CARGO_MANIFEST_DIR/../../demo/larder-hollow");
const HISTORY: &str = include_str!("../../../demo/history.json");

/// Why the demo could not be laid out.
#[derive(Debug, thiserror::Error)]
pub enum DemoError {
    /// The folder is there and not empty.
    #[error("{} is not empty", .0.display())]
    NotEmpty(PathBuf),
    /// A folder or file could not be written.
    #[error("the demo could not be written")]
    Io(#[from] std::io::Error),
    /// The repository could not be made.
    #[error("the demo's repository could not be made")]
    Git(#[from] git2::Error),
    /// The history that comes with the program is wrong: a fault of this program.
    #[error("the demo's history is wrong")]
    History(#[from] serde_json::Error),
}

#[derive(Deserialize)]
struct Commit {
    author: String,
    email: String,
    /// Seconds since 1970.
    time: i64,
    message: String,
    /// Files and folders that come with it.
    paths: Vec<String>,
    /// Lines of them that read otherwise then.
    #[serde(default)]
    older: Vec<Older>,
    /// Did it come with the last pull?
    #[serde(default)]
    pulled: bool,
}

/// A stretch of a file that a later commit changed.
#[derive(Deserialize)]
struct Older {
    path: String,
    now: String,
    then: String,
}

/// What runs of the tests left behind: nobody commits it.
const REPORTS: [&str; 4] = ["routes/test-results", "planner/test-results", "ledger/test-results", "labels/test-results"];

/// Lays the demo out below `to`, or below a fresh temporary folder, and gives its root.
///
/// # Errors
/// [`DemoError`].
pub fn lay_out(to: Option<&Path>) -> Result<PathBuf, DemoError> {
    let folder = match to {
        Some(folder) => folder.to_owned(),
        None => tempfile::Builder::new().prefix("amber-compass-demo-").tempdir()?.keep(),
    };
    let root = folder.join("larder-hollow");
    if root.exists() {
        return Err(DemoError::NotEmpty(root));
    }
    std::fs::create_dir_all(&root)?;
    let repository = Repository::init(&root)?;
    let commits: Vec<Commit> = serde_json::from_str(HISTORY)?;
    let mut last = None;
    for commit in &commits {
        for path in &commit.paths {
            write(path, &root)?;
        }
        for older in &commit.older {
            let path = root.join(&older.path);
            std::fs::write(&path, std::fs::read_to_string(&path)?.replace(&older.now, &older.then))?;
        }
        last = Some(add(&repository, commit, last)?);
    }
    if let Some(last) = last.filter(|_| commits.iter().any(|c| c.pulled)) {
        repository.head()?.set_target(last, "pull: Fast-forward")?;
    }
    REPORTS.iter().try_for_each(|reports| write(reports, &root))?;
    Ok(root)
}

/// Writes a file of the demo, or all files of a folder.
fn write(path: &str, root: &Path) -> Result<(), DemoError> {
    if let Some(file) = FILES.get_file(path) {
        let to = root.join(path);
        if let Some(parent) = to.parent() {
            std::fs::create_dir_all(parent)?;
        }
        std::fs::write(to, file.contents())?;
        return Ok(());
    }
    let Some(dir) = FILES.get_dir(path) else {
        return Err(std::io::Error::new(std::io::ErrorKind::NotFound, path.to_owned()).into());
    };
    for entry in dir.entries() {
        write(&entry.path().to_string_lossy(), root)?;
    }
    Ok(())
}

/// Commits what there is; what was pulled becomes the branch's only later.
fn add(repository: &Repository, commit: &Commit, parent: Option<git2::Oid>) -> Result<git2::Oid, DemoError> {
    let mut index = repository.index()?;
    index.add_all(["*"], git2::IndexAddOption::DEFAULT, None)?;
    index.write()?;
    let tree = repository.find_tree(index.write_tree()?)?;
    let who = Signature::new(&commit.author, &commit.email, &Time::new(commit.time, 0))?;
    let parent = parent.map(|p| repository.find_commit(p)).transpose()?;
    let parents: Vec<&git2::Commit> = parent.iter().collect();
    Ok(repository.commit((!commit.pulled).then_some("HEAD"), &who, &who, &commit.message, &tree, &parents)?)
}
