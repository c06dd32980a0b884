//! Case files of units: sources with what they depend on in the caches of a made-up machine.
//!
//! As the cases of linking, with two additions: parts whose path begins with `home/` are written beside the sources, where a machine has
//! its caches, and `== link => target` makes a link. `PLACE -> -` says that nothing is found.

use crate::support::ask;
use compass_facts::Cancel;
use compass_index::plan::{Deps, Machine, Options, Plan};
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Index, Silent};
use compass_trace::Engine;
use rstest::rstest;
use std::path::{Path, PathBuf};
use std::sync::Arc;
use testkit::{Project, case_parts};

/// A case laid out, and what it expects.
struct Case {
    project: Project,
    expected: Vec<String>,
}

impl Case {
    fn read(path: &Path) -> Case {
        let text = std::fs::read_to_string(path).expect("a case file");
        let project = Project::new();
        let mut expected = Vec::new();
        for (name, body) in case_parts(&text) {
            if name == "expect" {
                expected.extend(body.lines().filter(|l| !l.is_empty()).map(str::to_owned));
            } else if let Some((link, target)) = name.split_once(" => ") {
                let link = project.root().join(link);
                std::fs::create_dir_all(link.parent().expect("a parent")).expect("folders");
                std::os::unix::fs::symlink(target, link).expect("a link");
            } else if let Some(path) = name.strip_prefix("home/") {
                let full = project.home().join(path);
                std::fs::create_dir_all(full.parent().expect("a parent")).expect("folders");
                std::fs::write(full, body).expect("a file");
            } else {
                project.write(&name, &body);
            }
        }
        Case { project, expected }
    }

    fn home(&self) -> PathBuf {
        std::fs::create_dir_all(self.project.home()).expect("folders");
        self.project.home().canonicalize().expect("a path")
    }

    fn options(&self, deps: Deps) -> Options {
        let home = self.home();
        let folders = [
            ("cargo", "cargo"),
            ("rust library", "rust"),
            ("go modules", "mod"),
            ("go library", "go"),
            ("python library", "python"),
            ("node packages", "node/lib/node_modules"),
        ];
        let machine = folders.iter().fold(Machine::default(), |machine, (word, folder)| machine.with(word, vec![home.join(folder)]));
        let machine = machine.with("headers", vec![home.join("include/c++/12"), home.join("include")]);
        Options { roots: vec![self.project.root()], files: None, deps, machine }
    }

    fn engine(&self, deps: Deps) -> Engine {
        let request = Request { options: self.options(deps), index: self.project.index(), threads: 2, ..Request::default() };
        run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
        Engine::new(Arc::new(Index::open(&self.project.index()).expect("an index")))
    }

    /// What is found for each line that does not say the same.
    fn wrong(&self, engine: &Engine) -> Vec<String> {
        let home = self.home().to_string_lossy().into_owned();
        let check = |line: &String| {
            let (place, target) = line.split_once(" -> ").expect("PLACE -> TARGET CERTAINTY");
            let answers = ask(engine, &format!("where is {}", place.replace("home/", &format!("{home}/"))));
            let found = match answers.answers.first() {
                Some(a) => format!("{}:{} {}", a.path.replace(&home, "home"), a.line, a.certainty_word().unwrap_or("-")),
                None => "-".to_owned(),
            };
            (found != target).then(|| format!("{place}: wanted {target}, found {found}"))
        };
        self.expected.iter().filter_map(check).collect()
    }
}

#[rstest]
fn names_lead_into_the_packages_that_are_meant(#[files("tests/cases/units/*.txt")] path: PathBuf) {
    let case = Case::read(&path);
    assert!(!case.expected.is_empty(), "a case expects something");
    let wrong = case.wrong(&case.engine(Deps::All));
    assert!(wrong.is_empty(), "{}\n{}", path.display(), wrong.join("\n"));
}

/// Indexing own code alone, then with all it needs, then alone again: each says what an index made so at once says.
#[rstest]
fn units_come_and_go(#[files("tests/cases/units/*.txt")] path: PathBuf) {
    let case = Case::read(&path);
    let count = |engine: &Engine| engine.index().files().len();
    let alone = count(&case.engine(Deps::None));
    let with = case.engine(Deps::All);
    assert!(count(&with) > alone, "{} has packages", path.display());
    let wrong = case.wrong(&with);
    assert!(wrong.is_empty(), "{}\n{}", path.display(), wrong.join("\n"));
    drop(with);
    assert_eq!(count(&case.engine(Deps::None)), alone);
}

#[test]
fn direct_leaves_out_what_only_packages_need() {
    let units = |case: &str, deps| {
        let case = Case::read(Path::new("tests/cases/units").join(case).as_path());
        let plan = Plan::make(&case.options(deps), &compass_index::Disk, &Cancel::new(), &|_| {}).expect("a plan");
        let mut names: Vec<String> = plan.units.iter().filter(|u| !u.own).map(|u| format!("{} {}", u.name, u.version).trim().to_owned()).collect();
        names.sort();
        names
    };
    assert_eq!(units("rust.txt", Deps::Direct), ["core", "rack 1.2.0", "salt 0.3.0", "std", "wash 0.1.0"]);
    assert_eq!(units("rust.txt", Deps::All), ["core", "rack 0.9.1", "rack 1.2.0", "salt 0.3.0", "std", "wash 0.1.0"]);
    assert_eq!(units("python.txt", Deps::Direct), ["Rack-Kit 2.0", "std"]);
    assert_eq!(units("python.txt", Deps::All), ["Rack-Kit 2.0", "salt 1.1", "std"]);
    assert_eq!(units("npm.txt", Deps::Direct), ["paint 2.0.0"]);
    assert_eq!(units("npm.txt", Deps::All), ["brush 1.0.0", "paint 2.0.0"]);
    assert_eq!(units("rust.txt", Deps::None), [""; 0]);
}

#[test]
fn packages_that_are_not_on_the_machine_are_said() {
    let case = Case::read(Path::new("tests/cases/units/rust.txt"));
    let plan = Plan::make(&case.options(Deps::All), &compass_index::Disk, &Cancel::new(), &|_| {}).expect("a plan");
    let absent = plan.skipped.iter().find(|s| s.0 == compass_index::plan::Skip::AbsentPackage).expect("one is absent");
    assert_eq!((absent.1, absent.2.as_str()), (1, "cellar 4.0.0"));
}

#[test]
fn units_unfold_to_what_they_need_and_hold() {
    use compass_trace::units::Node;
    let case = Case::read(Path::new("tests/cases/units/rust.txt"));
    let engine = case.engine(Deps::All);
    let units = engine.units();
    let told: Vec<String> = units.iter().map(|u| format!("{}{} {}", if u.own { "own " } else { "" }, u.tag, u.name)).collect();
    let wanted = [
        "own folder src-tree",
        "own cargo board 0.1.0",
        "own cargo planner 0.1.0",
        "cargo core",
        "cargo rack 0.9.1",
        "cargo rack 1.2.0",
        "cargo salt 0.3.0",
        "cargo std",
        "cargo wash 0.1.0",
    ];
    assert_eq!(told, wanted);
    let of = |name: &str| units.iter().find(|u| u.name == name).expect("a unit");
    assert!(of("rack 1.2.0").detail.contains("needed by 2") && of("board 0.1.0").detail.contains("needs 5"), "{units:#?}");
    let board = engine.inside(of("board 0.1.0").node).expect("its parts");
    assert_eq!(board[0].tag, "needs");
    let needs: Vec<String> = engine.inside(board[0].node).expect("units").into_iter().map(|u| u.name).collect();
    assert_eq!(needs, ["core", "planner 0.1.0", "rack 1.2.0", "std", "wash 0.1.0"]);
    let old = engine.inside(of("rack 0.9.1").node).expect("its parts");
    let told: Vec<String> = old.iter().map(|e| format!("{} {} {}", e.tag, e.name, e.detail)).collect();
    assert!(told.iter().any(|t| t.starts_with("module crate 1 file")), "{told:?}");
    let space = old.iter().find(|e| e.name == "crate").expect("the sources of the crate");
    let files = engine.inside(space.node).expect("its files");
    let file = files.iter().find(|e| e.name == "lib.rs").expect("the root of the crate");
    let outer = engine.inside(file.node).expect("definitions");
    let told: Vec<String> = outer.iter().map(|e| format!("{} {} {}", e.tag, e.name, e.detail)).collect();
    assert_eq!(told, ["fn turn line 3", "struct Brine line 4"]);
    let inner: Vec<String> = engine.inside(outer[1].node).expect("members").into_iter().map(|e| e.name).collect();
    assert_eq!((inner, outer[1].opens, outer[0].opens), (vec!["rinse".to_owned()], true, false));
    assert_eq!(outer[0].place.as_ref().map(|p| (p.1, p.2)), Some((3, 8)));
    assert_eq!(engine.inside(Node::Unit(compass_index::UnitId(99))).expect("nothing"), []);
}

#[test]
fn a_code_base_begins_in_its_own_code() {
    let case = Case::read(Path::new("tests/cases/units/go.txt"));
    let tool = case.home().join("mod/example.org/rack@v1.2.0/cmd/turn");
    std::fs::create_dir_all(&tool).expect("folders");
    std::fs::write(tool.join("main.go"), "package main\n\nfunc main() {}\n").expect("a file");
    let answers = ask(&case.engine(Deps::All), "entry points");
    let paths: Vec<&str> = answers.answers.iter().map(|a| a.path.as_str()).collect();
    assert_eq!(paths, ["planner/main.go", "ledger/main.go"], "the larger program first");
    assert!(answers.notes.iter().any(|n| n == "1 more in packages"), "{:?}", answers.notes);
}

/// Manifests, lock files and records as other programs leave them when they are stopped: whatever they say, own code is indexed.
#[rstest]
fn broken_manifests_lose_nothing(#[files("tests/cases/units/*.txt")] path: PathBuf) {
    let own = Case::read(&path).engine(Deps::None).index().files().len();
    let text = std::fs::read_to_string(&path).expect("a case file");
    let is_read = |name: &str| {
        let file = name.rsplit('/').next().unwrap_or(name);
        ["Cargo.toml", "Cargo.lock", "go.mod", "package.json", "pyproject.toml", "pyvenv.cfg", "METADATA", "RECORD"].contains(&file)
    };
    let names: Vec<String> = case_parts(&text).into_iter().map(|p| p.0).filter(|n| is_read(n)).collect();
    for name in names {
        for breakage in [&[][..], b"\xff\xfe\x00", b"{{{[[[", b"require (\n", b"[[package]]\nname = 3\n"] {
            let case = Case::read(&path);
            let full = match name.strip_prefix("home/") {
                Some(inner) => case.home().join(inner),
                None => case.project.root().join(&name),
            };
            let half = std::fs::read(&full).map(|b| b[..b.len() / 2].to_vec()).expect("a file");
            std::fs::write(&full, if breakage.is_empty() { half.as_slice() } else { breakage }).expect("written");
            let found = case.engine(Deps::All).index().files().iter().filter(|f| f.root == 0).count();
            assert!(found >= own, "{name} with {breakage:?}: {found} of {own} files");
        }
    }
}
