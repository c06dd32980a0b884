//! The program itself: opens a folder or file, indexing first when needed.

use super::Failure;
use super::args::DepsArg;
use crate::tui::{self, Spot};
use compass_index::Index;
use compass_index::plan::{Options, find_root};
use compass_session::places;
use std::io::IsTerminal;
use std::path::{Path, PathBuf};
use std::process::ExitCode;

/// Opens `path`, or the root around the current folder.
pub fn run(path: Option<&Path>, index: Option<PathBuf>, deps: DepsArg, package_cache: Option<PathBuf>) -> Result<ExitCode, Failure> {
    let here = std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?;
    // `src/rack.c:40 @ 1a2b3c4`: the commit stands behind the place.
    let (path, commit) = match path.and_then(|p| tui::at_commit(p.to_str()?)).filter(|_| path.is_some_and(|p| !p.exists())) {
        Some((place, commit)) => (Some(PathBuf::from(place)), Some(commit.to_owned())),
        None => (path.map(Path::to_owned), None),
    };
    let path = path.as_deref();
    let (given, spot) = path.map_or_else(|| (here.clone(), (1, 1)), place);
    if let Some(commit) = commit.as_ref().filter(|_| !given.exists())
        && let Some((root, inner)) = root_of_the_past(&here.join(&given))
    {
        // The commit has it, whatever became of it since.
        let spot = Spot { path: format!("{inner} @ {commit}"), line: spot.0, column: spot.1 };
        return open(&root, Some(spot), index, deps, package_cache);
    }
    let full = given.canonicalize().map_err(|e| Failure::user(format!("{}: {e}", given.display())).hint("see amber-compass --help"))?;
    let (root, file) = match (path, full.is_file()) {
        (_, true) => {
            let root = root_of_file(&full, index.as_deref());
            let inner = full.strip_prefix(&root).unwrap_or(&full).to_string_lossy().into_owned();
            (root, Some(inner))
        }
        (Some(_), false) => (full, None),
        (None, false) => (places::root_for(&full), None),
    };
    let told = |path: String| commit.as_ref().map_or(path.clone(), |c| format!("{path} @ {c}"));
    open(&root, file.map(|path| Spot { path: told(path), line: spot.0, column: spot.1 }), index, deps, package_cache)
}

/// The root that a file which is not there any more belonged to, and its path in it.
fn root_of_the_past(file: &Path) -> Option<(PathBuf, String)> {
    let folder = file.ancestors().find(|a| a.is_dir())?.canonicalize().ok()?;
    let rest = file.strip_prefix(file.ancestors().find(|a| a.is_dir())?).ok()?;
    let root = places::root_for(&folder);
    let inner = folder.strip_prefix(&root).ok()?.join(rest);
    Some((root, inner.to_string_lossy().into_owned()))
}

/// A path, and the line and column that may stand behind it: `src/rack.c:40`, `src/rack.c:40:7`. A file that is really called so is that
/// file.
fn place(path: &Path) -> (PathBuf, (u32, u32)) {
    let number = |text: &str| text.parse::<u32>().ok().filter(|n| *n > 0);
    let split = |text: &str| text.rsplit_once(':').and_then(|(front, end)| Some((front.to_owned(), number(end)?)));
    let Some((front, last)) = path.to_str().filter(|_| !path.exists()).and_then(split) else { return (path.to_owned(), (1, 1)) };
    match split(&front) {
        Some((file, line)) if !Path::new(&front).exists() => (PathBuf::from(file), (line, last)),
        _ => (PathBuf::from(front), (last, 1)),
    }
}

/// The root a file belongs to: that of the index asked for, if it holds the file; the nearest that is indexed; the one its
/// markers name.
fn root_of_file(file: &Path, index: Option<&Path>) -> PathBuf {
    let of_index = index.and_then(|i| Index::open(i).ok()).and_then(|i| i.roots().first().map(PathBuf::from));
    match of_index.filter(|root| file.starts_with(root)) {
        Some(root) => root,
        None if index.is_some() => find_root(file),
        None => places::root_for(file.parent().unwrap_or(file)),
    }
}

/// Opens the interface on a root.
pub fn open(root: &Path, file: Option<Spot>, index: Option<PathBuf>, deps: DepsArg, package_cache: Option<PathBuf>) -> Result<ExitCode, Failure> {
    if !std::io::stdout().is_terminal() {
        return Err(Failure::user("the full-screen interface needs a terminal").hint("amber-compass ask … answers on standard output"));
    }
    let name = root.file_name().map_or_else(|| root.display().to_string(), |n| n.to_string_lossy().into_owned());
    let options = Options { roots: compass_session::roots::all(root), files: None, deps: deps.deps(), machine: compass_session::machine::machine() };
    let request = compass_session::request(options, index.unwrap_or_else(|| places::index_file(root)), package_cache);
    let settings = crate::settings::read(&crate::settings::file()).map_err(|e| Failure::user(e).hint("amber-compass settings lists what the file may say"))?;
    crate::log::start();
    tui::run(tui::Start { name, request, file, settings }).map_err(|e| Failure::user(format!("the terminal failed: {e}")))?;
    Ok(ExitCode::SUCCESS)
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_facts::Cancel;
    use compass_index::plan::Deps;
    use compass_index::refresh::Request;
    use compass_index::{Disk, Silent};
    use rstest::rstest;

    #[rstest]
    #[case::plain("a.c", "a.c", (1, 1))]
    #[case::with_a_line("a.c:40", "a.c", (40, 1))]
    #[case::with_a_column("a.c:40:7", "a.c", (40, 7))]
    #[case::really_called_so("b.c:3", "b.c:3", (1, 1))]
    #[case::really_called_so_with_a_line("b.c:3:9", "b.c:3", (9, 1))]
    #[case::no_number("a.c:x", "a.c:x", (1, 1))]
    #[case::nothing_there("none.c:4", "none.c", (4, 1))]
    #[case::no_line("a.c:0", "a.c:0", (1, 1))]
    fn a_place_is_a_path_with_line_and_column(#[case] given: &str, #[case] path: &str, #[case] spot: (u32, u32)) {
        let folder = tempfile::tempdir().expect("a folder");
        for name in ["a.c", "b.c:3"] {
            std::fs::write(folder.path().join(name), "int turn;\n").expect("a file");
        }
        assert_eq!(place(&folder.path().join(given)), (folder.path().join(path), spot));
    }

    #[test]
    fn a_file_belongs_to_the_root_of_the_index_that_holds_it() {
        let folder = tempfile::tempdir().expect("a folder");
        let root = folder.path().canonicalize().expect("a path");
        std::fs::create_dir_all(root.join("tree/init")).expect("folders");
        let file = root.join("tree/init/main.c");
        std::fs::write(&file, "int turn;\n").expect("a file");
        let index = root.join("index.sqlite");
        let options = Options { roots: vec![root.join("tree")], files: None, deps: Deps::None, ..Default::default() };
        let request = Request { options, index: index.clone(), threads: 1, verify: false, passes: Vec::new(), ..Default::default() };
        compass_index::refresh::run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
        assert_eq!(root_of_file(&file, Some(&index)), root.join("tree"));
        assert_eq!(root_of_file(&file, Some(&root.join("none.sqlite"))), root.join("tree/init"), "no marker stands above");
        let outside = root.join("other.c");
        std::fs::write(&outside, "int rest;\n").expect("a file");
        assert_eq!(root_of_file(&outside, Some(&index)), root, "it is not in the index");
    }
}
