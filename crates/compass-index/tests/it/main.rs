//! Indexing, refreshing and what survives.

mod cfamily;
mod changes;
mod moves;
mod on_demand;
mod passes;
mod plans;
mod portable_links;
mod priority;
mod reach;
mod sets;
mod sets_compiled;
mod sets_dynamic;

use compass_facts::Cancel;
use compass_index::plan::{Deps, Options, Plan};
use compass_index::refresh::{Outcome, RefreshError, Request, run};
use compass_index::tree::{Meta, Tree, Visit, Walk};
use compass_index::{Certainty, Disk, Index, OpenError, Silent, Summary};
use rstest::rstest;
use std::path::{Path, PathBuf};
use testkit::Project;

fn request(project: &Project, threads: usize) -> Request {
    Request {
        options: Options { roots: vec![project.root()], files: None, deps: Deps::All, ..Default::default() },
        index: project.index(),
        threads,
        verify: false,
        ..Request::default()
    }
}

fn index(project: &Project) -> Outcome {
    let outcome = run(&request(project, 2), &Disk, &Cancel::new(), &Silent).expect("indexed");
    testkit::sound(&outcome.summary);
    outcome
}

fn sample() -> Project {
    Project::with(&[
        ("a.py", "from b import turn\n\ndef go():\n    turn(1)\n    turn(2)\n"),
        ("b.py", "def turn(n):\n    return n\n"),
        ("c.ts", "export function c() { return missing; }\n"),
        ("readme.md", "words\n"),
    ])
}

/// Every link as places and names: what a refresh must agree on with a full index.
fn links(project: &Project) -> Vec<String> {
    let index = Index::open(&project.index()).expect("an index");
    let mut out = Vec::new();
    for file in index.files() {
        let facts = index.facts(file.id).expect("facts");
        let links = index.links(file.id).expect("links");
        for (usage, link) in links.iter() {
            let u = facts.facts.usage(usage);
            for target in &link.targets {
                let (path, name) = match index.definition(*target).expect("a target") {
                    Some((f, d)) => (index.path_of(target.file), f.facts.def_name(d).to_owned()),
                    None => (index.path_of(target.file), "module".to_owned()),
                };
                out.push(format!("{}:{} {} -> {path} {name} {}", file.path, u.span.start, facts.facts.name(u.name), link.certainty.word()));
            }
        }
    }
    out.sort();
    out
}

#[test]
fn counts_add_up() {
    let Summary { files, uses, linked, local, unlinked, symbols, .. } = index(&sample()).summary;
    assert_eq!((files, symbols), (4, 3));
    assert_eq!(uses, linked.proven + linked.inferred + linked.guessed + local + unlinked.values().sum::<u64>());
    assert_eq!(unlinked.get("no_definition"), Some(&1));
}

#[test]
fn nothing_is_read_when_nothing_changed() {
    let project = sample();
    assert_eq!(index(&project).summary.refreshed_files, 4);
    let again = index(&project).summary;
    assert_eq!((again.refreshed_files, again.relinked_files, again.files), (0, 0, 4));
}

#[rstest]
#[case::changed("b.py", Some("x = 1\n\ndef turn(n, m=2):\n    return n\n"))]
#[case::renamed_definition("b.py", Some("def spin(n):\n    return n\n"))]
#[case::added("d.py", Some("from a import go\ngo()\n"))]
#[case::removed("b.py", None)]
#[case::shadowing("a.py", Some("from b import turn\n\ndef turn(x): pass\n\nturn(1)\n"))]
fn a_refresh_agrees_with_a_full_index(#[case] path: &str, #[case] text: Option<&str>) {
    let project = sample();
    index(&project);
    match text {
        Some(text) => project.write(path, text),
        None => project.remove(path),
    }
    let outcome = index(&project);
    assert!(outcome.summary.refreshed_files <= 1);
    let refreshed = links(&project);
    std::fs::remove_file(project.index()).expect("an index");
    index(&project);
    assert_eq!(refreshed, links(&project));
}

#[test]
fn symbols_keep_their_numbers_over_a_change() {
    let project = sample();
    index(&project);
    let symbol = |project: &Project| Index::open(&project.index()).expect("an index").named("turn").expect("names")[0].symbol;
    let before = symbol(&project);
    project.write("b.py", "def before(): pass\n\ndef turn(n):\n    return n\n");
    index(&project);
    assert_eq!(symbol(&project), before);
}

#[test]
fn touched_but_equal_content_is_not_read_anew() {
    let project = sample();
    index(&project);
    project.write("b.py", "def turn(n):\n    return n\n");
    assert_eq!(index(&project).summary.refreshed_files, 0);
}

#[test]
fn the_number_of_threads_does_not_show() {
    let project = sample();
    for i in 0..30 {
        project.write(&format!("m{i}.py"), &format!("from m{} import K as P\nclass K(P):\n    def m(self): return self.m().m()\n", (i + 1) % 30));
    }
    run(&request(&project, 1), &Disk, &Cancel::new(), &Silent).expect("indexed");
    let one = links(&project);
    std::fs::remove_file(project.index()).expect("an index");
    run(&request(&project, 4), &Disk, &Cancel::new(), &Silent).expect("indexed");
    assert_eq!(one, links(&project));
}

#[test]
fn an_index_of_another_version_is_refused_and_rebuilt() {
    let project = sample();
    index(&project);
    let connection = rusqlite::Connection::open(project.index()).expect("a store");
    connection.pragma_update(None, "user_version", 7).expect("set");
    drop(connection);
    assert!(matches!(Index::open(&project.index()), Err(OpenError::Version { found: 7, .. })));
    let outcome = index(&project);
    assert!(matches!(outcome.rebuilt, Some(OpenError::Version { found: 7, .. })));
    assert_eq!(Index::open(&project.index()).expect("an index").files().len(), 4);
}

#[rstest]
#[case::not_a_store(b"this is no database at all, only some words".to_vec())]
#[case::empty(vec![])]
fn a_damaged_store_is_rebuilt_never_trusted(#[case] bytes: Vec<u8>) {
    let project = sample();
    std::fs::write(project.index(), bytes).expect("written");
    assert!(Index::open(&project.index()).is_err());
    index(&project);
    assert_eq!(Index::open(&project.index()).expect("an index").files().len(), 4);
}

#[test]
fn a_damaged_block_is_an_error_not_an_answer() {
    let project = sample();
    index(&project);
    let connection = rusqlite::Connection::open(project.index()).expect("a store");
    connection.execute("UPDATE postings SET blob = x'00112233'", []).expect("damaged");
    drop(connection);
    let index = Index::open(&project.index()).expect("opens");
    assert!(index.named("turn").is_err());
}

#[test]
fn facts_of_a_run_that_never_finished_are_kept() {
    let project = sample();
    index(&project);
    let connection = rusqlite::Connection::open(project.index()).expect("a store");
    connection.execute_batch("DELETE FROM meta; DELETE FROM generations; DELETE FROM links; DELETE FROM postings;").expect("as if killed");
    drop(connection);
    assert!(matches!(Index::open(&project.index()), Err(OpenError::Unfinished)));
    let outcome = index(&project);
    assert!(outcome.rebuilt.is_none());
    assert_eq!(links(&project).iter().filter(|l| l.contains("-> b.py turn")).count(), 3);
}

#[test]
fn a_cancelled_run_leaves_the_old_generation_answering() {
    let project = sample();
    index(&project);
    project.write("b.py", "def spin(): pass\n");
    let cancel = Cancel::new();
    cancel.cancel();
    assert!(run(&request(&project, 2), &Disk, &cancel, &Silent).is_err());
    assert_eq!(Index::open(&project.index()).expect("an index").named("turn").expect("names").len(), 1);
}

#[test]
fn ignored_files_are_left_out_and_package_folders_are_units() {
    let project = sample();
    project.write(".gitignore", "built/\nnode_modules/\n");
    project.write("built/x.py", "x = 1\n");
    project.write("node_modules/paint/package.json", "{\"name\":\"paint\",\"version\":\"2.0.0\"}");
    project.write("node_modules/paint/index.js", "exports.a = 1;\n");
    let plan = |deps| {
        Plan::make(&Options { roots: vec![project.root()], files: None, deps, ..Default::default() }, &compass_index::Disk, &Cancel::new(), &|_| {})
            .expect("a plan")
    };
    let without = plan(Deps::None);
    assert!(without.files.iter().all(|f| !f.path.starts_with("built/") && !f.path.starts_with("node_modules/")));
    let with = plan(Deps::All);
    let unit = with.units.iter().find(|u| u.name == "paint").expect("the package is a unit");
    assert_eq!((unit.own, unit.version.as_str()), (false, "2.0.0"));
    assert!(with.files.iter().any(|f| f.path == "node_modules/paint/index.js"));
}

#[test]
fn listed_files_that_do_not_exist_are_said() {
    let project = sample();
    let files = Some(vec!["a.py".into(), "gone.py".into()]);
    let plan =
        Plan::make(&Options { roots: vec![project.root()], files, deps: Deps::None, ..Default::default() }, &compass_index::Disk, &Cancel::new(), &|_| {})
            .expect("a plan");
    assert_eq!(plan.files.len(), 1);
    assert!(plan.warnings[0].contains("1 of 2") && plan.warnings[0].contains("gone.py"));
}

#[rstest]
#[case::missing("no-such-folder")]
fn a_missing_root_is_an_error(#[case] path: &str) {
    let project = sample();
    let mut wanted = request(&project, 1);
    wanted.options.roots = vec![project.root().join(path)];
    assert!(matches!(run(&wanted, &Disk, &Cancel::new(), &Silent), Err(RefreshError::Plan(_))));
}

#[test]
fn a_folder_with_nothing_to_index_is_an_error() {
    let project = Project::new();
    project.write_bytes("picture.bin", &[0, 1, 2]);
    assert!(matches!(run(&request(&project, 1), &Disk, &Cancel::new(), &Silent), Err(RefreshError::Empty { skipped: 1, .. })));
}

#[test]
fn unreadable_and_binary_files_are_gaps_and_the_rest_is_indexed() {
    let project = sample();
    project.write_bytes("binary.py", &[0x7f, 0, 0, 1, 2, 0, 9]);
    let summary = index(&project).summary;
    assert_eq!(summary.gaps_by_cause.get("binary"), Some(&1));
    assert_eq!(summary.files, 5);
}

#[test]
fn certainty_orders_from_weak_to_strong() {
    assert!(Certainty::Guessed < Certainty::Inferred && Certainty::Inferred < Certainty::Proven);
}

/// Sources that fail for one file: what a disk error looks like.
struct Failing;

impl Tree for Failing {
    fn meta(&self, path: &Path) -> std::io::Result<Meta> {
        Disk.meta(path)
    }

    fn link_meta(&self, path: &Path) -> std::io::Result<Meta> {
        Disk.link_meta(path)
    }

    fn real(&self, path: &Path) -> std::io::Result<PathBuf> {
        Disk.real(path)
    }

    fn entries(&self, folder: &Path) -> std::io::Result<Vec<PathBuf>> {
        Disk.entries(folder)
    }

    fn read(&self, path: &Path, limit: u64) -> std::io::Result<Vec<u8>> {
        if path.ends_with("b.py") { Err(std::io::Error::other("the disk says no")) } else { Disk.read(path, limit) }
    }

    fn head(&self, path: &Path, count: u64) -> std::io::Result<Vec<u8>> {
        Disk.head(path, count)
    }

    fn walk(&self, walk: &Walk, visit: &Visit) {
        Disk.walk(walk, visit);
    }
}

#[test]
fn a_file_that_cannot_be_read_is_a_gap_and_read_again_later() {
    let project = sample();
    let outcome = run(&request(&project, 2), &Failing, &Cancel::new(), &Silent).expect("indexed");
    assert_eq!(outcome.summary.gaps_by_cause.get("unreadable"), Some(&1));
    let later = run(&Request { verify: true, ..request(&project, 2) }, &Disk, &Cancel::new(), &Silent).expect("indexed");
    assert_eq!(later.summary.gaps_by_cause.get("unreadable"), None);
    assert!(links(&project).iter().any(|l| l.contains("-> b.py turn")));
}

/// Counts what progress says.
#[derive(Default)]
struct Heard(std::sync::Mutex<Vec<(compass_index::Phase, u64, u64)>>);

impl compass_index::Progress for Heard {
    fn report(&self, phase: compass_index::Phase, done: u64, total: u64) {
        self.0.lock().expect("nobody panics while holding it").push((phase, done, total));
    }
}

#[test]
fn progress_names_every_phase_and_never_passes_its_total() {
    let project = sample();
    let heard = Heard::default();
    run(&request(&project, 2), &Disk, &Cancel::new(), &heard).expect("indexed");
    let heard = heard.0.into_inner().expect("nobody panicked");
    for phase in [compass_index::Phase::Walk, compass_index::Phase::Read, compass_index::Phase::Link] {
        assert!(heard.iter().any(|h| h.0 == phase), "{phase:?}");
    }
    assert!(heard.iter().all(|h| h.2 == 0 || h.1 <= h.2), "{heard:?}");
}

#[test]
fn an_open_index_goes_on_answering_while_a_new_generation_is_made() {
    let project = sample();
    index(&project);
    let old = Index::open(&project.index()).expect("an index");
    project.write("d.py", "def later(): pass\n");
    index(&project);
    assert!(old.is_outdated());
    assert_eq!(old.named("turn").expect("names").len(), 1);
    assert!(old.named("later").expect("names").is_empty());
    assert_eq!(Index::open(&project.index()).expect("an index").named("later").expect("names").len(), 1);
}

#[test]
fn an_index_can_be_moved() {
    let project = sample();
    index(&project);
    let moved = project.home().join("moved.sqlite");
    std::fs::create_dir_all(project.home()).expect("a folder");
    std::fs::copy(project.index(), &moved).expect("copied");
    assert_eq!(Index::open(&moved).expect("an index").files().len(), 4);
}

#[test]
fn roots_beside_each_other_are_indexed_together() {
    let one = Project::with(&[("a.py", "def one(): pass\n")]);
    let two = Project::with(&[("b.py", "def two(): pass\n")]);
    let wanted = Request {
        options: Options { roots: vec![one.root(), two.root()], files: None, deps: Deps::None, ..Default::default() },
        index: one.index(),
        threads: 1,
        ..Request::default()
    };
    run(&wanted, &Disk, &Cancel::new(), &Silent).expect("indexed");
    let index = Index::open(&one.index()).expect("an index");
    let symbol = index.named("two").expect("names")[0].symbol;
    let path = index.path_of(symbol.file);
    assert!(std::path::Path::new(&path).is_absolute() && path.ends_with("b.py"), "{path}");
    assert!(index.source(symbol.file).is_ok());
    assert_eq!(index.find_path(&path), Some(symbol.file));
}

#[rstest]
#[case::cargo("Cargo.toml", "[package]\nname = \"oak-rack\"\nversion = \"0.3.0\"", "oak-rack", "0.3.0")]
#[case::npm("package.json", "{\"name\":\"@larder/board\",\"version\":\"1.0.0\"}", "@larder/board", "1.0.0")]
#[case::python("pyproject.toml", "[project]\nname = \"larder\"\nversion = \"2.0\"", "larder", "2.0")]
fn manifests_make_units(#[case] file: &str, #[case] text: &str, #[case] name: &str, #[case] version: &str) {
    let project = Project::with(&[("top.py", "x = 1\n"), ("inner/a.py", "y = 2\n")]);
    project.write(&format!("inner/{file}"), text);
    let plan = Plan::make(
        &Options { roots: vec![project.root()], files: None, deps: Deps::None, ..Default::default() },
        &compass_index::Disk,
        &Cancel::new(),
        &|_| {},
    )
    .expect("a plan");
    let unit = &plan.units[plan.files.iter().find(|f| f.path == "inner/a.py").expect("planned").unit];
    assert_eq!((unit.name.as_str(), unit.version.as_str(), unit.dir.as_str()), (name, version, "inner"));
    let top = &plan.units[plan.files.iter().find(|f| f.path == "top.py").expect("planned").unit];
    assert_eq!(top.dir, "");
}

#[test]
fn excluded_paths_are_left_out_and_counted() {
    let project = sample();
    project.write("amber-compass.toml", "exclude = ['*.ts', 'sub/**']\n");
    project.write("sub/x.py", "x = 1\n");
    let plan = Plan::make(
        &Options { roots: vec![project.root()], files: None, deps: Deps::None, ..Default::default() },
        &compass_index::Disk,
        &Cancel::new(),
        &|_| {},
    )
    .expect("a plan");
    assert!(plan.files.iter().all(|f| !f.path.ends_with(".ts") && !f.path.starts_with("sub/")));
    assert!(plan.skipped.iter().any(|s| s.0 == compass_index::plan::Skip::Excluded && s.1 == 2));
}

#[test]
fn settings_that_match_nothing_are_said() {
    let project = sample();
    project.write(
        "amber-compass.toml",
        "exclude = ['*.ts', 'gone/**']\ninclude_folders = ['inc']\nroots = ['../elsewhere']\n[[layers]]\nname = 'page'\npaths = ['a.py', 'pages/**']\n",
    );
    let options = Options { roots: vec![project.root()], ..Default::default() };
    let plan = Plan::make(&options, &compass_index::Disk, &Cancel::new(), &|_| {}).expect("a plan");
    let said = plan.warnings.join("\n");
    for (what, pattern) in [("exclude", "gone/**"), ("include_folders", "inc"), ("roots", "../elsewhere"), ("layer \"page\"", "pages/**")] {
        assert!(said.contains(&format!("{what} {pattern:?} matches nothing")), "{said}");
    }
    assert_eq!(plan.warnings.len(), 4, "{said}");
}

#[test]
fn what_programs_wrote_is_counted_apart() {
    let project = sample();
    project.write("api/rack.pb.go", "package api\n");
    project.write("board.min.js", "var a=1\n");
    project.write("made.py", "# Code generated by rackgen. DO NOT EDIT.\nx = 1\n");
    let made = |outcome: Outcome| (outcome.summary.made.get("generated").copied(), outcome.summary.made.get("minified").copied());
    assert_eq!(made(index(&project)), (Some(2), Some(1)));
    project.write("made.py", "x = 1\n");
    assert_eq!(made(index(&project)), (Some(1), Some(1)), "after a change too");
    project.write("a.py", "def go(): pass\n");
    assert_eq!(made(index(&project)), (Some(1), Some(1)), "and where others changed");
}

#[test]
fn a_depot_that_cannot_be_used_is_done_without() {
    let project = sample();
    project.write("node_modules/paint/package.json", "{\"name\":\"paint\",\"version\":\"2.0.0\"}");
    project.write("node_modules/paint/index.js", "exports.a = 1;\n");
    std::fs::create_dir_all(project.home()).expect("folders");
    let blocked = project.home().join("blocked");
    std::fs::write(&blocked, "no folder").expect("a file");
    let indexed = |package_cache: std::path::PathBuf, name: &str| {
        let index = project.index().with_file_name(name);
        let request = Request { package_cache: Some(package_cache), index: index.clone(), ..request(&project, 2) };
        let outcome = run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
        (outcome.summary.cached_files, outcome.summary.uses, outcome.summary.symbols)
    };
    let without = indexed(blocked.join("depot"), "one.sqlite");
    let package_cache = project.home().join("depot");
    let first = indexed(package_cache.clone(), "two.sqlite");
    let second = indexed(package_cache.clone(), "three.sqlite");
    assert_eq!((without.0, first.0, second.0), (0, 0, 2), "the manifest and the script");
    assert_eq!((without.1, without.2), (second.1, second.2));
    // What stands there is not what was put there: it is read instead.
    let file = compass_index::store::PackageCache::file(&package_cache);
    let rows = rusqlite::Connection::open(&file).expect("a database");
    rows.execute("UPDATE facts SET sum = sum + 1", []).expect("changed");
    drop(rows);
    assert_eq!(indexed(package_cache, "four.sqlite"), (0, second.1, second.2));
}

#[test]
fn following_packages_where_there_are_none_links_nothing_again() {
    let project = sample();
    let indexed = |deps| {
        let mut request = request(&project, 2);
        request.options.deps = deps;
        run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed").summary
    };
    assert!(indexed(Deps::None).relinked_files > 0);
    assert_eq!((indexed(Deps::Direct).relinked_files, indexed(Deps::All).relinked_files), (0, 0));
    project.write("node_modules/paint/package.json", "{\"name\":\"paint\"}");
    project.write("node_modules/paint/index.js", "exports.a = 1;\n");
    assert_eq!(indexed(Deps::None).relinked_files, 0);
    assert_eq!(indexed(Deps::All).units.dependencies, 1);
    assert_eq!(indexed(Deps::None).units.dependencies, 0);
}

#[test]
fn packages_of_composer_are_units_with_their_versions() {
    let project = Project::new();
    project.write("composer.json", "{\"name\":\"larder/labels\",\"require\":{\"oak/rack\":\"^2\"}}");
    project.write("src/label.php", "<?php\nnew Oak\\Rack();\n");
    for (name, version) in [("rack", "2.1.0"), ("wash", "1.0.0")] {
        project.write(&format!("vendor/oak/{name}/composer.json"), &format!("{{\"name\":\"oak/{name}\"}}"));
        project.write(&format!("vendor/oak/{name}/src/{name}.php"), &format!("<?php // {version}\n"));
    }
    project.write(
        "vendor/composer/installed.json",
        "{\"packages\":[{\"name\":\"oak/rack\",\"version\":\"2.1.0\"},{\"name\":\"oak/wash\",\"version\":\"v1.0.0\"}]}",
    );
    let units = |deps| {
        let options = Options { roots: vec![project.root()], deps, ..Options::default() };
        let plan = Plan::make(&options, &compass_index::Disk, &Cancel::new(), &|_| {}).expect("a plan");
        plan.units
            .iter()
            .filter(|u| plan.files.iter().any(|f| plan.units[f.unit] == **u))
            .map(|u| format!("{} {} {}", u.name, u.version, u.own))
            .collect::<Vec<_>>()
    };
    assert_eq!(units(Deps::None), ["larder/labels  true"]);
    assert_eq!(units(Deps::All), ["larder/labels  true", "oak/rack 2.1.0 false", "oak/wash 1.0.0 false"]);
    assert_eq!(units(Deps::Direct), ["larder/labels  true", "oak/rack 2.1.0 false"]);
}
