//! The program itself: opens a folder or file, indexing first when needed.

use super::Failure;
use super::args::DepsArg;
use crate::places;
use crate::tui;
use compass_index::plan::{Options, find_root};
use compass_index::refresh::Request;
use std::io::IsTerminal;
use std::path::{Path, PathBuf};
use std::process::ExitCode;

/// Opens `path`, or the root around the current folder.
pub fn run(path: Option<&Path>, index: Option<PathBuf>, deps: DepsArg) -> Result<ExitCode, Failure> {
    let here = std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?;
    let given = path.map_or_else(|| here.clone(), Path::to_owned);
    let full = given.canonicalize().map_err(|e| Failure::user(format!("{}: {e}", given.display())).hint("see amber-compass --help"))?;
    let (root, file) = match (path, full.is_file()) {
        (_, true) => {
            let root = find_root(&full);
            let inner = full.strip_prefix(&root).unwrap_or(&full).to_string_lossy().into_owned();
            (root, Some(inner))
        }
        (Some(_), false) => (full, None),
        (None, false) => (places::root_for(&full), None),
    };
    open(&root, file, index, deps)
}

/// Opens the interface on a root.
pub fn open(root: &Path, file: Option<String>, index: Option<PathBuf>, deps: DepsArg) -> Result<ExitCode, Failure> {
    if !std::io::stdout().is_terminal() {
        return Err(Failure::user("the full-screen interface needs a terminal").hint("amber-compass ask … answers on standard output"));
    }
    let name = root.file_name().map_or_else(|| root.display().to_string(), |n| n.to_string_lossy().into_owned());
    let options = Options { roots: vec![root.to_owned()], files: None, deps: deps.deps() };
    let request =
        Request { options, index: index.unwrap_or_else(|| places::index_file(root)), threads: 0, verify: false, passes: compass_trace::crossings::passes() };
    tui::run(tui::Start { name, request, file }).map_err(|e| Failure::user(format!("the terminal failed: {e}")))?;
    Ok(ExitCode::SUCCESS)
}
