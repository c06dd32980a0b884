//! Indexes a project and unfolds marked places.

use crate::Project;
use compass_facts::Cancel;
use compass_index::plan::{Deps, Options as Planned};
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Index, Silent};
use compass_unfold::{Options, UnfoldError, Unfolding, unfold};

/// The index of a project, made by one thread.
pub fn indexed(project: &Project) -> Index {
    let options = Planned { roots: vec![project.root()], files: None, deps: Deps::All, ..Default::default() };
    let request = Request { options, index: project.index(), threads: 1, verify: false, passes: Vec::new(), ..Default::default() };
    crate::sound(&run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed").summary);
    Index::open(&project.index()).expect("an index")
}

/// Unfolds the `n`-th mention (from 0) of a text in a file.
pub fn unfolded_at(index: &Index, path: &str, mention: &str, n: usize, options: &Options) -> Result<Unfolding, UnfoldError> {
    let file = index.find_path(path).expect("an indexed file");
    let source = index.source(file).expect("readable");
    let offset = source.source.text.match_indices(mention).nth(n).expect("mentioned").0;
    unfold(index, &Disk, file, offset as u32, options, &Cancel::new())
}

/// Does the command run here? Says loudly when not.
pub fn has(command: &str) -> bool {
    let found = std::process::Command::new(command).arg("--version").output().is_ok_and(|o| o.status.success());
    if !found {
        crate::skipped(&format!("the oracle {command} is not installed: nothing was compared"));
    }
    found
}

/// The cases of a case file: name and text.
pub fn cases(text: &str) -> Vec<(&str, &str)> {
    text.trim_start_matches("== ").split("\n== ").filter_map(|c| c.split_once('\n')).map(|(n, t)| (n.trim(), t)).collect()
}
