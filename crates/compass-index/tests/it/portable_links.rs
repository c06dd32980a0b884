//! Links of packages are made once per machine: they hold where all exact versions behind the package are the same, and only there.

use crate::reach::told;
use crate::request;
use compass_facts::Cancel;
use compass_index::plan::Machine;
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Silent, Summary};
use std::path::Path;
use testkit::Project;

fn put(folder: &Path, files: &[(&str, &str)]) {
    for (path, text) in files {
        let path = folder.join(path);
        std::fs::create_dir_all(path.parent().expect("a folder")).expect("folders");
        std::fs::write(path, text).expect("a file");
    }
}

/// Crates: `rack`, which uses `oak`, of which there are two versions, and which has an interface that workspaces implement.
fn machine(project: &Project) -> Machine {
    let cargo = project.home().join("cargo");
    let crates = cargo.join("registry/src/r");
    put(
        &crates,
        &[
            ("rack-1.2.0/Cargo.toml", "[package]\nname = \"rack\"\nversion = \"1.2.0\"\n[dependencies]\noak = \"*\"\n"),
            (
                "rack-1.2.0/src/lib.rs",
                "pub trait Turn { fn turn(&self); }\npub struct Rack;\nimpl Turn for Rack { fn turn(&self) { oak::plane(); gone(); } }\n",
            ),
            ("oak-1.0.0/Cargo.toml", "[package]\nname = \"oak\"\nversion = \"1.0.0\"\n"),
            ("oak-1.0.0/src/lib.rs", "pub fn plane() {}\n"),
            ("oak-2.0.0/Cargo.toml", "[package]\nname = \"oak\"\nversion = \"2.0.0\"\n"),
            ("oak-2.0.0/src/lib.rs", "//! Newer.\n\npub fn saw() {}\npub fn plane() { saw() }\n"),
        ],
    );
    Machine::default().with("cargo", vec![cargo])
}

fn workspace(oak: &str) -> Project {
    let project = Project::new();
    let lock = format!(
        "[[package]]\nname = \"larder\"\nversion = \"0.1.0\"\ndependencies = [\"rack\"]\n\n[[package]]\nname = \"rack\"\nversion = \"1.2.0\"\nsource = \"registry+x\"\ndependencies = [\"oak\"]\n\n\
         [[package]]\nname = \"oak\"\nversion = \"{oak}\"\nsource = \"registry+x\"\n"
    );
    project.write("Cargo.toml", "[package]\nname = \"larder\"\nversion = \"0.1.0\"\n[dependencies]\nrack = \"1\"\n");
    project.write("Cargo.lock", &lock);
    project.write(
        "src/lib.rs",
        "pub struct Wheel;\nimpl rack::Turn for Wheel { fn turn(&self) {} }\npub fn go() { rack::Turn::turn(&rack::Rack); Wheel.turn(); }\n",
    );
    project
}

fn indexed(project: &Project, machine: &Machine, package_cache: Option<&Path>, name: &str) -> (Summary, Vec<String>) {
    let index = project.index().with_file_name(name);
    let mut request = Request { index: index.clone(), package_cache: package_cache.map(Path::to_owned), ..request(project, 2) };
    request.options.machine = machine.clone();
    request.options.deps = compass_index::plan::Deps::All;
    let summary = run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed").summary;
    (summary, told(&index))
}

#[test]
fn links_of_packages_hold_in_other_workspaces_with_the_same_versions_behind_them() {
    let shelf = Project::new();
    let machine = machine(&shelf);
    let package_cache = shelf.home().join("depot");
    let first = workspace("1.0.0");
    assert_eq!(indexed(&first, &machine, Some(&package_cache), "one.sqlite").0.cached_links, 0);
    let (second, links) = indexed(&first, &machine, Some(&package_cache), "two.sqlite");
    assert_eq!((second.cached_links, second.relinked_files >= 4), (2, true), "the sources of both crates");
    assert_eq!(links, indexed(&first, &machine, None, "three.sqlite").1);

    let newer = workspace("2.0.0");
    let (third, links) = indexed(&newer, &machine, Some(&package_cache), "one.sqlite");
    assert_eq!(third.cached_links, 0, "another oak behind rack: nothing of it holds");
    assert_eq!(links, indexed(&newer, &machine, None, "two.sqlite").1);
    assert!(links.iter().any(|l| l.contains("oak-2.0.0")) && !links.iter().any(|l| l.contains("oak-1.0.0")));
}

#[test]
fn links_that_are_damaged_are_made_anew() {
    let shelf = Project::new();
    let machine = machine(&shelf);
    let package_cache = shelf.home().join("depot");
    let project = workspace("1.0.0");
    let (_, links) = indexed(&project, &machine, Some(&package_cache), "one.sqlite");
    let rows = rusqlite::Connection::open(compass_index::store::PackageCache::file(&package_cache)).expect("a database");
    assert!(rows.execute("UPDATE links SET sum = sum + 1", []).expect("changed") >= 2);
    drop(rows);
    let (again, same) = indexed(&project, &machine, Some(&package_cache), "two.sqlite");
    assert_eq!((again.cached_links, &same), (0, &links));
    assert_eq!(indexed(&project, &machine, Some(&package_cache), "three.sqlite").0.cached_links, 2, "and kept again");
}

#[test]
fn what_implements_an_interface_of_a_package_is_found_wherever_the_package_was_linked() {
    let shelf = Project::new();
    let cache = shelf.home().join("mod");
    put(
        &cache,
        &[
            ("example.org/rack@v1.0.0/go.mod", "module example.org/rack\n"),
            ("example.org/rack@v1.0.0/rack.go", "package rack\n\ntype Turner interface {\n\tTurn(n int) int\n}\n"),
        ],
    );
    let machine = Machine::default().with("go modules", vec![cache]);
    let package_cache = shelf.home().join("depot");
    let project = Project::new();
    project.write("go.mod", "module larder\n\nrequire example.org/rack v1.0.0\n");
    project.write("a.go", "package larder\n\nimport \"example.org/rack\"\n\ntype Wheel struct{}\n\nfunc (w *Wheel) Turn(n int) int { return n }\n\nvar _ rack.Turner = &Wheel{}\n");
    indexed(&project, &machine, Some(&package_cache), "one.sqlite");
    project.write("b.go", "package larder\n\ntype Rack struct{}\n\nfunc (r *Rack) Turn(n int) int { return n }\n");
    let (second, links) = indexed(&project, &machine, Some(&package_cache), "two.sqlite");
    assert_eq!(second.cached_links, 1);
    assert_eq!(links, indexed(&project, &machine, None, "three.sqlite").1);
    let turner = links.iter().find(|l| l.contains("rack.go:") && l.contains("derived [\"")).expect("implementers");
    assert!(turner.contains("a.go") && turner.contains("b.go"), "{turner}");
}
