//! `roots`.

use super::Failure;
use super::args::RootsArgs;
use super::index::print;
use crate::{places, roots, shown};
use std::path::{Path, PathBuf};
use std::process::ExitCode;

/// Runs the command.
pub fn run(args: &RootsArgs) -> Result<ExitCode, Failure> {
    let here = std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?;
    let root = args.root.clone().unwrap_or_else(|| places::root_for(&here));
    let root = root.canonicalize().map_err(|e| Failure::user(format!("{}: {e}", root.display())))?;
    let mut further = roots::further(&root);
    for folder in &args.add {
        let folder = existing(folder)?;
        if folder.starts_with(&root) {
            return Err(Failure::user(format!("{} stands below {}: it is indexed already", folder.display(), root.display())));
        }
        if !further.contains(&folder) {
            further.push(folder);
        }
    }
    for folder in &args.remove {
        // One that is gone can still be removed.
        let folder = folder.canonicalize().unwrap_or_else(|_| here.join(folder));
        let before = further.len();
        further.retain(|f| *f != folder);
        if further.len() == before {
            return Err(Failure::user(format!("{} is no further root of {}", folder.display(), root.display())).hint("amber-compass roots lists them"));
        }
    }
    if !(args.add.is_empty() && args.remove.is_empty()) {
        roots::keep(&root, &further).map_err(|e| Failure::user(format!("the roots could not be kept: {e}")))?;
        eprintln!("amber-compass: the next run of `index` or of the program follows");
    }
    let all: Vec<&PathBuf> = std::iter::once(&root).chain(&further).collect();
    if args.json {
        print(&format!("{}\n", serde_json::json!({ "roots": all })));
    } else {
        print(&all.iter().map(|r| format!("{}\n", shown::harmless(&r.display().to_string()))).collect::<String>());
    }
    Ok(ExitCode::SUCCESS)
}

fn existing(folder: &Path) -> Result<PathBuf, Failure> {
    let full = folder.canonicalize().map_err(|e| Failure::user(format!("{}: {e}", folder.display())))?;
    if full.is_dir() { Ok(full) } else { Err(Failure::user(format!("{} is no folder", folder.display()))) }
}
