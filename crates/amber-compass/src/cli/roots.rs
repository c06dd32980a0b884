//! `roots`.

use super::Failure;
use super::args::RootsArgs;
use super::index::print;
use crate::shown;
use compass_session::places;
use compass_session::roots::{self, Change};
use std::path::PathBuf;
use std::process::ExitCode;

/// Runs the command.
pub fn run(args: &RootsArgs) -> Result<ExitCode, Failure> {
    let here = std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?;
    let root = args.root.clone().unwrap_or_else(|| places::root_for(&here));
    let changes: Vec<Change> = args.add.iter().cloned().map(Change::Add).chain(args.remove.iter().cloned().map(Change::Remove)).collect();
    let further = roots::change(&root, &here, &changes).map_err(|e| Failure::user(e).hint("amber-compass roots lists them"))?;
    if !changes.is_empty() {
        eprintln!("amber-compass: the next run of `index` or of the program follows");
    }
    let root = root.canonicalize().unwrap_or(root);
    let all: Vec<&PathBuf> = std::iter::once(&root).chain(&further).collect();
    if args.json {
        print(&format!("{}\n", serde_json::json!({ "roots": all })));
    } else {
        print(&all.iter().map(|r| format!("{}\n", shown::harmless(&r.display().to_string()))).collect::<String>());
    }
    Ok(ExitCode::SUCCESS)
}
