//! Whatever happens to the files of a project, refreshing gives what indexing anew gives.
//!
//! Steps of many kinds: other texts, files renamed, moved, deleted and brought back, two that swap their names, manifests and lock files,
//! a switch to a state of before, files written anew with the same content. `COMPASS_MOVES_STEPS` says how many a language.

use crate::reach::{Random, told};
use crate::request;
use crate::sets::File;
use crate::sets::{GRAPHQL, KOTLIN, LISP, LUA, MANIFEST, MARKUP, PHP, PROTOBUF, RUBY, SCALA, SHELL};
use crate::sets_compiled::{C, CPP, CSHARP, GO, JAVA, RUST};
use crate::sets_dynamic::{AMBIENT, JAVASCRIPT, PERL, PYTHON, TYPESCRIPT};
use compass_facts::Cancel;
use compass_index::plan::Machine;
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Silent};
use rstest::rstest;
use std::collections::BTreeMap;
use std::path::PathBuf;
use testkit::Project;

/// Path to text.
type State = BTreeMap<String, String>;

/// What a step may do, with what it is called in the report.
const KINDS: [&str; 9] = ["text", "rename", "move", "delete", "bring back", "swap names", "manifest", "switch", "write anew"];

fn composed(file: &File, random: &mut Random) -> String {
    let text: Vec<&str> = file.1.iter().map(|slot| slot[random.below(slot.len())]).collect();
    format!("{}\n", text.join("\n"))
}

/// Manifests, lock files and settings of a language, with the texts they may have; the empty text stands for none.
fn manifests(files: &[File]) -> Vec<(&'static str, &'static [&'static str])> {
    const RACK: [&str; 3] = [
        "",
        "[[package]]\nname = \"larder\"\nversion = \"0.1.0\"\ndependencies = [\"rack\"]\n\n[[package]]\nname = \"rack\"\nversion = \"0.9.1\"\nsource = \"registry+x\"\n",
        "[[package]]\nname = \"larder\"\nversion = \"0.1.0\"\ndependencies = [\"rack\"]\n\n[[package]]\nname = \"rack\"\nversion = \"1.2.0\"\nsource = \"registry+x\"\n",
    ];
    let ending = files[files.len() - 1].0.rsplit('.').next().unwrap_or("");
    match ending {
        "rs" => vec![("Cargo.toml", &["[package]\nname = \"larder\"\nversion = \"0.1.0\"\n", "[package]\nname = \"oak\"\n", ""]), ("Cargo.lock", &RACK)],
        "ts" | "js" => vec![
            ("package.json", &["{\"name\":\"larder\"}", "{\"name\":\"wheel\",\"main\":\"rack.ts\"}", ""]),
            (
                "tsconfig.json",
                &["", "{\"compilerOptions\":{\"baseUrl\":\".\",\"paths\":{\"./wheel\":[\"rack\"]}}}", "{\"compilerOptions\":{\"baseUrl\":\"sub\"}}"],
            ),
        ],
        "go" => vec![("go.mod", &["module example.org/larder\n", "module larder\n", ""])],
        "cs" => vec![("Larder.csproj", &["", "<Project></Project>"]), ("Everywhere.cs", &["", "global using Larder.Wheels;\n"])],
        "java" => vec![("pom.xml", &["", "<project><artifactId>larder</artifactId></project>"])],
        "py" => vec![("pyproject.toml", &["", "[project]\nname = \"larder\"\n"]), ("sub/__init__.py", &["", "from .wheel import *\n"])],
        _ => vec![("amber-compass.toml", &["", "include_folders = [\"sub\"]\ndefines = [\"OAK\"]\n", "exclude = [\"sub/**\"]\n"])],
    }
}

/// One step; `None` where the kind has nothing to do.
fn step(kind: &str, files: &[File], state: &State, past: &[State], random: &mut Random) -> Option<State> {
    let mut next = state.clone();
    let paths: Vec<String> = state.keys().filter(|p| ending(p) == ending(files[files.len() - 1].0)).cloned().collect();
    let any = |random: &mut Random| paths.get(random.below(paths.len().max(1))).cloned();
    match kind {
        "text" => {
            let path = any(random)?;
            let file = &files[random.below(files.len())];
            next.insert(path, composed(file, random));
        }
        "rename" => {
            let path = any(random)?;
            let text = next.remove(&path)?;
            let (dir, _) = path.rsplit_once('/').map_or(("", path.as_str()), |(d, n)| (d, n));
            let stem = ["wheel", "rack", "oak", "ash", "use"][random.below(5)];
            let name = format!("{stem}.{}", ending(&path));
            next.insert(if dir.is_empty() { name } else { format!("{dir}/{name}") }, text);
        }
        "move" => {
            let path = any(random)?;
            let text = next.remove(&path)?;
            let to = path.strip_prefix("sub/").map_or_else(|| format!("sub/{path}"), str::to_owned);
            next.insert(to, text);
        }
        "delete" => {
            // Something must be left to index.
            next.remove(&any(random).filter(|_| paths.len() > 2)?);
        }
        "bring back" => {
            let file = &files[random.below(files.len())];
            next.insert(file.0.to_owned(), composed(file, random));
        }
        "swap names" => {
            let (a, b) = (any(random)?, any(random)?);
            let (x, y) = (next.get(&a)?.clone(), next.get(&b)?.clone());
            next.insert(a, y);
            next.insert(b, x);
        }
        "manifest" => {
            let all = manifests(files);
            let (path, texts) = all[random.below(all.len())];
            match texts[random.below(texts.len())] {
                "" => next.remove(path),
                text => next.insert(path.to_owned(), text.to_owned()),
            };
        }
        "switch" => next = past.get(random.below(past.len().max(1)))?.clone(),
        _ => {}
    }
    Some(next)
}

fn ending(path: &str) -> &str {
    path.rsplit('.').next().unwrap_or("")
}

/// Makes the files of a project those of a state; what differs is written, some of it as editors do that rename.
/// Gives the paths something happened to.
fn lay_out(project: &Project, old: &State, new: &State, all: bool) -> Vec<PathBuf> {
    let mut touched = Vec::new();
    for path in old.keys().filter(|p| !new.contains_key(*p)) {
        project.remove(path);
        touched.push(project.root().join(path));
    }
    for (path, text) in new.iter().filter(|(p, t)| all || old.get(*p) != Some(t)) {
        let beside = format!("{path}.part");
        project.write(&beside, text);
        std::fs::rename(project.root().join(&beside), project.root().join(path)).expect("renamed");
        touched.extend([project.root().join(&beside), project.root().join(path)]);
    }
    touched
}

fn registry(project: &Project) -> Machine {
    let cargo = project.home().join("cargo");
    for (version, text) in [("0.9.1", "// Old.\npub fn turn() {}\n"), ("1.2.0", "pub fn turn() -> u32 { 1 }\npub fn wash() {}\n")] {
        let place = cargo.join("registry/src/r").join(format!("rack-{version}"));
        std::fs::create_dir_all(place.join("src")).expect("folders");
        std::fs::write(place.join("Cargo.toml"), format!("[package]\nname = \"rack\"\nversion = \"{version}\"\n")).expect("a file");
        std::fs::write(place.join("src/lib.rs"), text).expect("a file");
    }
    Machine::default().with("cargo", vec![cargo])
}

#[rstest]
#[case::python(PYTHON, 21)]
#[case::typescript(TYPESCRIPT, 22)]
#[case::ambient(AMBIENT, 22)]
#[case::perl(PERL, 31)]
#[case::javascript(JAVASCRIPT, 23)]
#[case::rust(RUST, 24)]
#[case::go(GO, 25)]
#[case::java(JAVA, 26)]
#[case::csharp(CSHARP, 32)]
#[case::php(PHP, 33)]
#[case::lisp(LISP, 34)]
#[case::kotlin(KOTLIN, 35)]
#[case::scala(SCALA, 36)]
#[case::ruby(RUBY, 37)]
#[case::lua(LUA, 38)]
#[case::protobuf(PROTOBUF, 39)]
#[case::graphql(GRAPHQL, 40)]
#[case::shell(SHELL, 41)]
#[case::markup(MARKUP, 42)]
#[case::manifest(MANIFEST, 43)]
#[case::c(C, 27)]
#[case::cpp(CPP, 28)]
fn refreshing_is_indexing_anew(#[case] files: &[File], #[case] seed: u64) {
    let steps = std::env::var("COMPASS_MOVES_STEPS").ok().and_then(|s| s.parse().ok()).unwrap_or(70);
    let mut random = Random(seed);
    let project = Project::new();
    let machine = registry(&project);
    let asked = |threads, name: &str| {
        let mut request = request(&project, threads);
        request.options.machine = machine.clone();
        Request { index: project.index().with_file_name(name), package_cache: Some(project.home().join("depot")), ..request }
    };
    let mut state: State = files.iter().map(|f| (f.0.to_owned(), composed(f, &mut random))).collect();
    if ending(files[files.len() - 1].0) == "rs" {
        state.insert("tests/dep.rs".to_owned(), "use rack::turn;\nfn dep() {\n    turn();\n    rack::wash();\n}\n".to_owned());
    }
    lay_out(&project, &State::new(), &state, true);
    let mut past = vec![state.clone()];
    let mut counts: BTreeMap<&str, usize> = BTreeMap::new();
    let mut refreshed = 0;
    let mut last = run(&asked(2, "index.sqlite"), &Disk, &Cancel::new(), &Silent).expect("indexed");
    for at in 0..steps {
        let mut kinds = Vec::new();
        let mut next = state.clone();
        for _ in 0..1 + random.below(3) {
            let kind = KINDS[random.below(KINDS.len())];
            if let Some(done) = step(kind, files, &next, &past, &mut random) {
                next = done;
                kinds.push(kind);
                *counts.entry(kind).or_default() += 1;
            }
        }
        let paths = lay_out(&project, &state, &next, kinds.contains(&"write anew"));
        // A program that stays open tells what was touched; one that is started anew cannot.
        let touched = (at % 3 > 0).then(|| (last.session.clone(), paths));
        last = run(&Request { touched, ..asked(2, "index.sqlite") }, &Disk, &Cancel::new(), &Silent).expect("indexed");
        refreshed += usize::from(last.summary.relinked_files < last.summary.files);
        let fresh = Request { verify: true, package_cache: None, ..asked(1, "fresh.sqlite") };
        let _ = std::fs::remove_file(&fresh.index);
        testkit::sound(&run(&fresh, &Disk, &Cancel::new(), &Silent).expect("indexed").summary);
        let (ours, theirs) = (told(&project.index()), told(&fresh.index));
        let only = |a: &[String], b: &[String]| a.iter().filter(|l| !b.contains(l)).cloned().collect::<Vec<_>>().join("\n");
        assert!(ours == theirs, "step {at}, {kinds:?}: {next:#?}\nrefreshed: {}\nfull: {}", only(&ours, &theirs), only(&theirs, &ours));
        past.push(next.clone());
        state = next;
    }
    eprintln!("{steps} steps: {counts:?}; {refreshed} of them linked some files alone");
    assert!(steps < 70 || counts.len() == KINDS.len(), "every kind happened: {counts:?}");
}
