//! Indexes a project with all passes, and asks it.

use crate::Project;
use compass_facts::Cancel;
use compass_index::plan::{Deps, Machine, Options, declared};
use compass_index::refresh::{Request, run};
use compass_index::{Cause, Disk, Index, Silent, Summary};
use compass_trace::{Answers, Context, Engine};
use std::path::PathBuf;
use std::sync::{Arc, OnceLock};

/// What answers questions about a project.
pub fn engine(project: &Project) -> Engine {
    Engine::new(Arc::new(indexed_as(project, Request::default())))
}

/// A package cache for all projects of a test program: what is declared of libraries is read once.
fn cache() -> PathBuf {
    static FOLDER: OnceLock<PathBuf> = OnceLock::new();
    FOLDER.get_or_init(|| tempfile::tempdir().expect("a folder").keep()).clone()
}

/// A machine with nothing on it but the declarations of standard libraries.
pub fn machine() -> Machine {
    static FOLDER: OnceLock<PathBuf> = OnceLock::new();
    let folder = FOLDER.get_or_init(|| {
        languages::register();
        let folder = tempfile::tempdir().expect("a folder").keep();
        for (path, text) in declared::texts() {
            let place = folder.join(path);
            std::fs::create_dir_all(place.parent().expect("a parent")).expect("folders");
            std::fs::write(place, text).expect("a file");
        }
        folder
    });
    Machine::default().with(declared::WORD, vec![folder.clone()])
}

/// Indexes a project; of `how` counts what is not about this project.
pub fn indexed_as(project: &Project, how: Request) -> Index {
    let options = Options { roots: vec![project.root()], files: None, deps: Deps::All, machine: machine() };
    let package_cache = how.package_cache.clone().or_else(|| Some(cache()));
    let request = Request { options, index: project.index(), threads: 2, passes: compass_trace::crossings::passes(), package_cache, ..how };
    sound(&run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed").summary);
    Index::open(&project.index()).expect("an index")
}

/// Users lose one file to a reader or a rule that panics; a test fails. Languages that are made up for a test may panic.
///
/// # Panics
/// If there was a panic.
pub fn sound(summary: &Summary) {
    let is_made_up = summary.languages.keys().any(|l| l == "brine");
    let faults = [&summary.unlinked, &summary.gaps_by_cause].map(|causes| causes.get(Cause::Fault.word()).copied().unwrap_or(0));
    assert!(is_made_up || faults == [0, 0], "a reader or a rule panicked: {faults:?}");
}

/// The answers to a question that has some.
pub fn ask(engine: &Engine, question: &str) -> Answers {
    engine.ask(question, &Context::default()).unwrap_or_else(|e| panic!("{question}: {e}"))
}

/// `path:line` of all answers.
pub fn places(answers: &Answers) -> Vec<String> {
    answers.answers.iter().map(|a| format!("{}:{}", a.path, a.line)).collect()
}
