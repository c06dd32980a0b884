//! Changes of a definition: its lines followed back through the commits, over renamed files and moved code.
//!
//! # How it works
//! From the working copy to HEAD and from commit to parent the lines are mapped through the differences of the one file; where its blob is
//! that of a parent nothing is compared, so a walk costs two look-ups of a tree for most commits. Of a merge the parent is followed that
//! already had the lines. Where all lines are new, the file was renamed (git's own detection) or the code was moved: then the same
//! commit took lines out elsewhere that read alike.
//!
//! # Guarantees
//! Ends after the given time, and says so. Writes nothing.

use super::lines::{Before, Hunk, Range, before, hunks};
use compass_facts::Cancel;
use git2::{Commit, Delta, DiffFindOptions, DiffOptions, ErrorCode, Oid, Repository, Tree};
use regex::Regex;
use std::path::{Path, PathBuf};
use std::sync::LazyLock;
use std::time::{Duration, Instant};

/// Why git says nothing.
#[derive(Debug, thiserror::Error)]
pub enum GitError {
    /// The file stands in no working copy.
    #[error("{} is not under version control here", .0.display())]
    NoRepository(PathBuf),
    /// The repository cannot be read.
    #[error("the history cannot be read")]
    Git(#[from] git2::Error),
    /// Somebody asked to stop.
    #[error("cancelled")]
    Cancelled,
}

/// A change of a definition.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Change {
    /// The commit's id, in full.
    pub id: String,
    /// Its author.
    pub author: String,
    /// The author's address.
    pub email: String,
    /// When it was written, in seconds since 1970.
    pub time: i64,
    /// The first line of its message.
    pub summary: String,
    /// Numbers of issues in its message.
    pub issues: Vec<String>,
    /// Did it come with the last pull, or after it?
    pub since_pull: bool,
    /// The file's path then, relative to the working copy.
    pub path: String,
}

/// What git knows of a definition.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct History {
    /// Changes, the latest first.
    pub changes: Vec<Change>,
    /// Are there changes that are not committed?
    pub uncommitted: bool,
    /// Time was up: there may be older ones.
    pub cut: bool,
}

/// Commits with more changed files than this are not searched for moved code.
const MOST_FILES: usize = 300;
/// Definitions of fewer lines that say something are too common to be known again elsewhere.
const FEWEST_LINES: usize = 3;

/// The changes of some lines of a file, whose text is as given.
///
/// # Errors
/// [`GitError`].
pub fn history(file: &Path, text: &str, lines: Range, cancel: &Cancel, limit: Duration) -> Result<History, GitError> {
    let (repository, path) = open(file)?;
    let mut out = History::default();
    let head = match repository.head().and_then(|h| h.peel_to_commit()) {
        Ok(head) => head,
        Err(e) if matches!(e.code(), ErrorCode::UnbornBranch | ErrorCode::NotFound) => return Ok(History { uncommitted: true, ..out }),
        Err(e) => return Err(e.into()),
    };
    let Some(blob) = blob_at(&head.tree()?, &path) else { return Ok(History { uncommitted: true, ..out }) };
    let here = before(&hunks(repository.find_blob(blob)?.content(), text.as_bytes())?, lines);
    out.uncommitted = here.touched;
    let Some(range) = here.range else { return Ok(out) };
    let mut walk = Walk { repository: &repository, pulled: pulled(&repository), out, cancel, until: Instant::now() + limit };
    walk.back(head, path, range)?;
    Ok(walk.out)
}

/// The repository of a file, and the file's path in it.
fn open(file: &Path) -> Result<(Repository, PathBuf), GitError> {
    let none = || GitError::NoRepository(file.to_owned());
    let repository = Repository::discover(file.parent().unwrap_or(file)).map_err(|_| none())?;
    let top = repository.workdir().and_then(|w| w.canonicalize().ok()).ok_or_else(none)?;
    let full = file.canonicalize().map_err(|_| none())?;
    let path = full.strip_prefix(&top).map_err(|_| none())?.to_owned();
    Ok((repository, path))
}

fn blob_at(tree: &Tree, path: &Path) -> Option<Oid> {
    tree.get_path(path).ok().filter(|e| e.kind() == Some(git2::ObjectType::Blob)).map(|e| e.id())
}

/// HEAD before the last pull, as the reflog has it.
fn pulled(repository: &Repository) -> Option<Oid> {
    let log = repository.reflog("HEAD").ok()?;
    let entry = log.iter().find(|e| e.message().is_ok_and(|m| m.is_some_and(|m| m.starts_with("pull"))))?;
    Some(entry.id_old()).filter(|id| !id.is_zero())
}

struct Walk<'r> {
    repository: &'r Repository,
    pulled: Option<Oid>,
    out: History,
    cancel: &'r Cancel,
    until: Instant,
}

/// Where lines stood in a commit's parent.
enum Step {
    /// Unchanged, or changed there.
    At(PathBuf, Range, bool),
    /// They begin with the commit.
    Begins,
}

impl<'r> Walk<'r> {
    fn back(&mut self, mut commit: Commit<'r>, mut path: PathBuf, mut range: Range) -> Result<(), GitError> {
        loop {
            if self.cancel.is_cancelled() {
                return Err(GitError::Cancelled);
            }
            if Instant::now() > self.until {
                self.out.cut = true;
                return Ok(());
            }
            let Some((parent, step)) = self.step(&commit, &path, range)? else {
                self.note(&commit, &path)?;
                return Ok(());
            };
            match step {
                Step::Begins => {
                    self.note(&commit, &path)?;
                    return Ok(());
                }
                Step::At(old_path, old_range, touched) => {
                    if touched {
                        self.note(&commit, &path)?;
                    }
                    (commit, path, range) = (parent, old_path, old_range);
                }
            }
        }
    }

    /// The parent to follow, and where the lines stood there; none for the first commit.
    fn step(&self, commit: &Commit<'r>, path: &Path, range: Range) -> Result<Option<(Commit<'r>, Step)>, GitError> {
        let tree = commit.tree()?;
        let Some(blob) = blob_at(&tree, path) else { return Ok(None) };
        let parents: Vec<Commit<'r>> = commit.parents().collect();
        for parent in &parents {
            if blob_at(&parent.tree()?, path) == Some(blob) {
                return Ok(Some((parent.clone(), Step::At(path.to_owned(), range, false))));
            }
        }
        let mut first = None;
        for parent in parents {
            let step = self.compared(&tree, &parent, path, blob, range)?;
            if matches!(step, Step::At(_, _, false)) {
                return Ok(Some((parent, step)));
            }
            first.get_or_insert((parent, step));
        }
        Ok(first)
    }

    fn compared(&self, tree: &Tree, parent: &Commit, path: &Path, blob: Oid, range: Range) -> Result<Step, GitError> {
        let new = self.repository.find_blob(blob)?;
        let old_tree = parent.tree()?;
        if let Some(old) = blob_at(&old_tree, path) {
            let old = self.repository.find_blob(old)?;
            let found = before(&hunks(old.content(), new.content())?, range);
            if let Before { touched, range: Some(old_range) } = found {
                return Ok(Step::At(path.to_owned(), old_range, touched));
            }
        }
        self.elsewhere(tree, &old_tree, path, new.content(), range)
    }

    /// Lines that are new in their file: it had another name, or they stood in another place.
    fn elsewhere(&self, tree: &Tree, old_tree: &Tree, path: &Path, text: &[u8], range: Range) -> Result<Step, GitError> {
        let mut options = DiffOptions::new();
        let mut diff = self.repository.diff_tree_to_tree(Some(old_tree), Some(tree), Some(&mut options))?;
        if diff.deltas().len() > MOST_FILES {
            return Ok(Step::Begins);
        }
        diff.find_similar(Some(DiffFindOptions::new().renames(true)))?;
        let text = String::from_utf8_lossy(text);
        let wanted = said(&text, range);
        for delta in diff.deltas() {
            let (Some(old_path), Some(new_path)) = (delta.old_file().path(), delta.new_file().path()) else { continue };
            let Some(old) = blob_at(old_tree, old_path) else { continue };
            let old = self.repository.find_blob(old)?;
            if delta.status() == Delta::Renamed && new_path == path {
                let found = before(&hunks(old.content(), text.as_bytes())?, range);
                return Ok(found.range.map_or(Step::Begins, |r| Step::At(old_path.to_owned(), r, found.touched)));
            }
            if wanted.len() >= FEWEST_LINES && matches!(delta.status(), Delta::Modified | Delta::Deleted | Delta::Renamed) {
                let old_text = String::from_utf8_lossy(old.content());
                if let Some(found) = alike(&old_text, &wanted) {
                    return Ok(Step::At(old_path.to_owned(), found, true));
                }
            }
        }
        Ok(Step::Begins)
    }

    fn note(&mut self, commit: &Commit, path: &Path) -> Result<(), GitError> {
        let author = commit.author();
        let message = commit.message().unwrap_or_default();
        let id = commit.id();
        let since_pull = match self.pulled {
            Some(old) => old != id && !self.repository.graph_descendant_of(old, id)?,
            None => false,
        };
        self.out.changes.push(Change {
            id: id.to_string(),
            author: author.name().unwrap_or_default().to_owned(),
            email: author.email().unwrap_or_default().to_owned(),
            time: author.when().seconds(),
            summary: message.lines().next().unwrap_or_default().to_owned(),
            issues: issues(message),
            since_pull,
            path: path.to_string_lossy().into_owned(),
        });
        Ok(())
    }
}

/// The lines of a range that say something, without the white space around.
fn said(text: &str, (start, end): Range) -> Vec<&str> {
    let lines = text.lines().skip(start as usize - 1).take((end + 1 - start) as usize).map(str::trim);
    lines.filter(|l| l.chars().any(char::is_alphanumeric)).collect()
}

/// The stretch of a text that reads most like these lines: it begins as they do, and three of five lines are the same.
fn alike(text: &str, wanted: &[&str]) -> Option<Range> {
    let lines: Vec<(u32, &str)> =
        text.lines().enumerate().map(|(i, l)| (i as u32 + 1, l.trim())).filter(|(_, l)| l.chars().any(char::is_alphanumeric)).collect();
    let starts = (0..lines.len()).filter(|i| lines[*i].1 == wanted[0]);
    let same = |at: usize| lines[at..].iter().take(wanted.len()).filter(|(_, l)| wanted.contains(l)).count();
    let best = starts.max_by_key(|at| same(*at))?;
    let last = lines.get(best + wanted.len() - 1).or(lines.last())?;
    (same(best) * 5 >= wanted.len() * 3).then_some((lines[best].0, last.0))
}

/// Numbers of issues: `#12`, `LH-12`.
fn issues(message: &str) -> Vec<String> {
    static ISSUE: LazyLock<Option<Regex>> = LazyLock::new(|| Regex::new(r"(?:^|[\s(\[])(#\d+|[A-Z][A-Z0-9]+-\d+)\b").ok());
    let mut out: Vec<String> = ISSUE.iter().flat_map(|r| r.captures_iter(message)).map(|c| c[1].to_owned()).collect();
    out.dedup();
    out
}

/// Lines of a file's text that came with the last pull or after it, or that are not committed.
///
/// # Errors
/// [`GitError`].
pub fn changed_since_pull(file: &Path, text: &str) -> Result<Vec<Range>, GitError> {
    let (repository, path) = open(file)?;
    let Some(old) = pulled(&repository) else { return Ok(Vec::new()) };
    let (old, head) = (repository.find_commit(old)?.tree()?, repository.head()?.peel_to_tree()?);
    let Some(head) = blob_at(&head, &path) else { return Ok(Vec::new()) };
    let head = repository.find_blob(head)?;
    let old = blob_at(&old, &path).map(|b| repository.find_blob(b)).transpose()?;
    let came = hunks(old.as_ref().map_or(b"".as_slice(), |b| b.content()), head.content())?;
    // From the lines of HEAD to those of the text: back over the change the other way round.
    let since: Vec<Hunk> = hunks(head.content(), text.as_bytes())?.into_iter().map(Hunk::reversed).collect();
    Ok(came.iter().filter_map(|h| before(&since, stood(h)).range).collect())
}

/// Files of a working copy that differ from a commit, with the lines that do, as they stand now; paths relative to `root`. Lines that were
/// taken out are told by the line after and the line before, in that order.
///
/// # Errors
/// [`GitError`]; a word that names no commit is one.
pub fn changed_since(root: &Path, commit: &str) -> Result<Vec<(PathBuf, Vec<Range>)>, GitError> {
    let repository = Repository::discover(root).map_err(|_| GitError::NoRepository(root.to_owned()))?;
    let tree = repository.revparse_single(commit)?.peel_to_tree()?;
    let top = repository.workdir().and_then(|w| w.canonicalize().ok()).ok_or_else(|| GitError::NoRepository(root.to_owned()))?;
    let root = root.canonicalize().map_err(|_| GitError::NoRepository(root.to_owned()))?;
    let mut options = DiffOptions::new();
    options.context_lines(0).include_untracked(true).recurse_untracked_dirs(true);
    let diff = repository.diff_tree_to_workdir_with_index(Some(&tree), Some(&mut options))?;
    let mut out = Vec::new();
    for delta in diff.deltas() {
        let Some(full) = delta.new_file().path().map(|p| top.join(p)) else { continue };
        let (Ok(path), Ok(text)) = (full.strip_prefix(&root), compass_index::tree::disk::read(&full, compass_index::tree::disk::SOURCE_BYTES)) else {
            continue;
        };
        let old = repository.find_blob(delta.old_file().id()).ok();
        let lines = hunks(old.as_ref().map_or(b"".as_slice(), |b| b.content()), &text)?
            .iter()
            .map(|h| if h.new.1 == 0 { (h.new.0 + 1, h.new.0) } else { stood(h) })
            .collect();
        out.push((path.to_owned(), lines));
    }
    Ok(out)
}

/// Where a change stands in the new text; where something was taken out, the line before.
fn stood(hunk: &Hunk) -> Range {
    match hunk.new {
        (line, 0) => (line.max(1), line.max(1)),
        (line, count) => (line, line + count - 1),
    }
}

/// The bytes of a file as a commit has them; `path` is relative to `root`, which stands in the working copy. And the commit's id.
///
/// # Errors
/// [`GitError`]; a word that names no commit is one, and a file that is not there then.
pub fn bytes_at(root: &Path, path: &str, commit: &str) -> Result<(Vec<u8>, String), GitError> {
    let none = || GitError::NoRepository(root.to_owned());
    let repository = Repository::discover(root).map_err(|_| none())?;
    let top = repository.workdir().and_then(|w| w.canonicalize().ok()).ok_or_else(none)?;
    let full = root.canonicalize().map_err(|_| none())?.join(path);
    let inside = full.strip_prefix(&top).map_err(|_| none())?;
    let commit = repository.revparse_single(commit)?.peel_to_commit()?;
    let blob = repository.find_blob(commit.tree()?.get_path(inside)?.id())?;
    Ok((blob.content().to_vec(), commit.id().to_string()))
}

/// The id of HEAD of the working copy around a folder.
///
/// # Errors
/// [`GitError`].
pub fn head(root: &Path) -> Result<String, GitError> {
    let repository = Repository::discover(root).map_err(|_| GitError::NoRepository(root.to_owned()))?;
    Ok(repository.head()?.peel_to_commit()?.id().to_string())
}

/// What a line of a difference is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum DiffSign {
    /// The name of a file.
    File,
    /// Where a stretch stands.
    Place,
    /// In both texts.
    Same,
    /// New.
    Added,
    /// Gone.
    Removed,
}

/// A line of a difference.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct DiffLine {
    /// What it is.
    pub sign: DiffSign,
    /// Its text.
    pub text: String,
}

/// Of a change no more lines than these are shown.
const MOST_LINES: usize = 5_000;

/// What a commit changed, the given path first.
///
/// # Errors
/// [`GitError`].
pub fn diff(file: &Path, id: &str, first: &str) -> Result<Vec<DiffLine>, GitError> {
    let (repository, _) = open(file)?;
    let commit = repository.find_commit(Oid::from_str(id)?)?;
    let old = commit.parent(0).ok().map(|p| p.tree()).transpose()?;
    let mut diff = repository.diff_tree_to_tree(old.as_ref(), Some(&commit.tree()?), Some(&mut DiffOptions::new()))?;
    diff.find_similar(Some(DiffFindOptions::new().renames(true)))?;
    let mut files: Vec<usize> = (0..diff.deltas().len()).collect();
    let path_of = |i: usize| diff.get_delta(i).and_then(|d| Some(d.new_file().path().or(d.old_file().path())?.to_string_lossy().into_owned()));
    files.sort_by_key(|i| path_of(*i).as_deref() != Some(first));
    let mut out = Vec::new();
    for i in files {
        out.push(DiffLine { sign: DiffSign::File, text: told(&diff, i) });
        let Some(patch) = git2::Patch::from_diff(&diff, i)? else { continue };
        for h in 0..patch.num_hunks() {
            let (hunk, count) = patch.hunk(h)?;
            out.push(DiffLine { sign: DiffSign::Place, text: String::from_utf8_lossy(hunk.header()).trim_end().to_owned() });
            for l in 0..count {
                let line = patch.line_in_hunk(h, l)?;
                let sign = match line.origin() {
                    '+' => DiffSign::Added,
                    '-' => DiffSign::Removed,
                    _ => DiffSign::Same,
                };
                out.push(DiffLine { sign, text: String::from_utf8_lossy(line.content()).trim_end_matches(['\n', '\r']).to_owned() });
                if out.len() >= MOST_LINES {
                    return Ok(out);
                }
            }
        }
    }
    Ok(out)
}

/// A file of a difference, with its old name if it had another.
fn told(diff: &git2::Diff, at: usize) -> String {
    let path = |file: git2::DiffFile| file.path().map(|p| p.to_string_lossy().into_owned());
    let Some(delta) = diff.get_delta(at) else { return String::new() };
    match (path(delta.old_file()), path(delta.new_file())) {
        (Some(old), Some(new)) if old != new => format!("{old} → {new}"),
        (_, Some(new)) => new,
        (Some(old), None) => old,
        (None, None) => String::new(),
    }
}

#[cfg(test)]
mod tests;
