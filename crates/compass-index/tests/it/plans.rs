//! Where the declarations of JavaScript and TypeScript are found, and which compiler counts.

use compass_facts::Cancel;
use compass_index::plan::{Deps, Ecosystem, Machine, Options, Plan};
use rstest::rstest;
use std::path::PathBuf;
use testkit::Project;

const LIB: &str = "interface Array<T> { length: number }\n";

/// Files below the sources, files below the home folder, and where the declarations are expected; none for nowhere.
struct Case {
    sources: &'static [&'static str],
    home: &'static [&'static str],
    wanted: Option<&'static str>,
}

fn planned(case: &Case, deps: Deps, root: &str) -> (Project, Plan) {
    let project = Project::new();
    let text = |path: &str| {
        if path.ends_with("package.json") { "{\"name\": \"x\", \"version\": \"5.1.0\", \"devDependencies\": {\"typescript\": \"*\"}}" } else { LIB }
    };
    case.sources.iter().for_each(|path| project.write(path, text(path)));
    let home = project.home();
    for path in case.home {
        let full = home.join(path);
        std::fs::create_dir_all(full.parent().expect("a parent")).expect("folders");
        std::fs::write(full, text(path)).expect("a file");
    }
    let machine = Machine::default().with("node packages", vec![home.join("global/node_modules")]);
    let options = Options { roots: vec![project.root().join(root)], files: None, deps, machine };
    let plan = Plan::make(&options, &compass_index::Disk, &Cancel::new(), &|_| ()).expect("a plan");
    (project, plan)
}

/// The file of declarations, without what stands before the project.
fn found(project: &Project, plan: &Plan) -> Vec<String> {
    let top = project.root().parent().expect("a parent").canonicalize().expect("a path");
    let short = |full: &PathBuf| full.canonicalize().expect("a path").strip_prefix(&top).expect("below").to_string_lossy().into_owned();
    plan.files.iter().filter(|f| f.path.ends_with("lib.es5.d.ts")).map(|f| short(&f.full)).collect()
}

#[rstest]
#[case::below_the_root(Case {
    sources: &["package.json", "a.ts", "node_modules/typescript/package.json", "node_modules/typescript/lib/lib.es5.d.ts"],
    home: &["global/node_modules/typescript/lib/lib.es5.d.ts"],
    wanted: Some("src-tree/node_modules/typescript/lib/lib.es5.d.ts"),
}, "")]
#[case::above_the_root(Case {
    sources: &["packages/board/package.json", "packages/board/a.ts", "node_modules/typescript/package.json", "node_modules/typescript/lib/lib.es5.d.ts"],
    home: &["global/node_modules/typescript/lib/lib.es5.d.ts"],
    wanted: Some("src-tree/node_modules/typescript/lib/lib.es5.d.ts"),
}, "packages/board")]
#[case::of_the_machine(Case {
    sources: &["a.js"],
    home: &["global/node_modules/typescript/package.json", "global/node_modules/typescript/lib/lib.es5.d.ts"],
    wanted: Some("home/global/node_modules/typescript/lib/lib.es5.d.ts"),
}, "")]
#[case::with_the_program_of_the_machine(Case {
    sources: &["package.json", "a.ts"],
    home: &["global/node_modules/typescript/lib/tsc.js", "global/node_modules/@typescript/typescript-linux-x64/lib/lib.es5.d.ts"],
    wanted: Some("home/global/node_modules/@typescript/typescript-linux-x64/lib/lib.es5.d.ts"),
}, "")]
#[case::nobody_writes_scripts(Case { sources: &["a.py"], home: &["global/node_modules/typescript/lib/lib.es5.d.ts"], wanted: None }, "")]
#[case::not_there(Case { sources: &["a.ts"], home: &["global/node_modules/other/lib/lib.es5.d.ts"], wanted: None }, "")]
fn the_nearest_declarations_are_mounted(#[case] case: Case, #[case] root: &str) {
    let (project, plan) = planned(&case, Deps::All, root);
    assert_eq!(found(&project, &plan), Vec::from_iter(case.wanted));
}

#[test]
fn they_are_a_unit_of_the_compilers_version_that_is_needed() {
    let case = Case {
        sources: &["package.json", "a.ts"],
        home: &[
            "global/node_modules/typescript/package.json",
            "global/node_modules/typescript/lib/lib.es5.d.ts",
            "global/node_modules/typescript/lib/typescript.d.ts",
        ],
        wanted: None,
    };
    let (_project, plan) = planned(&case, Deps::Direct, "");
    let at = plan.units.iter().position(|u| !u.own).expect("a unit");
    let unit = &plan.units[at];
    assert_eq!((unit.name.as_str(), unit.version.as_str(), unit.own), ("typescript/lib", "5.1.0", false));
    assert_eq!(plan.files.iter().filter(|f| f.unit == at).count(), 1, "the compiler's own interface is none of the language");
    let own = plan.units.iter().find(|u| u.own).expect("own code");
    assert_eq!(own.needs, [("typescript/lib".to_owned(), at)]);
}

#[test]
fn without_dependencies_nothing_is_mounted() {
    let case = Case { sources: &["a.ts"], home: &["global/node_modules/typescript/lib/lib.es5.d.ts"], wanted: None };
    let (project, plan) = planned(&case, Deps::None, "");
    assert_eq!((found(&project, &plan).len(), plan.units.iter().filter(|u| !u.own).count()), (0, 0));
}

#[test]
fn a_copy_in_another_package_is_none_of_the_language() {
    let case = Case {
        sources: &["package.json", "a.ts", "editor/package.json", "editor/lib.es5.d.ts"],
        home: &["global/node_modules/typescript/lib/lib.es5.d.ts"],
        wanted: None,
    };
    let (project, plan) = planned(&case, Deps::All, "");
    assert_eq!(found(&project, &plan), ["src-tree/editor/lib.es5.d.ts", "home/global/node_modules/typescript/lib/lib.es5.d.ts"]);
}

const POLYGLOT: [(&str, &str); 9] = [
    ("go.mod", "module example.org/larder\n\ngo 1.22\n"),
    ("pyproject.toml", "[project]\nname = \"larder-tools\"\nversion = \"0.1\"\n"),
    ("package.json", "{\"name\": \"larder-web\", \"version\": \"2.0.0\"}"),
    ("main.go", "package main\n\nfunc main() {}\n"),
    ("tools/lint.py", "import os\n"),
    ("web/page.ts", "export const a = 1;\n"),
    ("web/nested/package.json", "{\"name\": \"larder-editor\", \"version\": \"1.0.0\"}"),
    ("web/nested/edit.ts", "export const b = 1;\n"),
    ("web/nested/edit.py", "b = 1\n"),
];

/// The commonest root of several languages: each manifest owns the files of its own, nested ones only those of theirs.
#[test]
fn several_manifests_in_one_folder_are_several_units() {
    let project = Project::with(&POLYGLOT);
    let machine = Machine::default();
    let options = Options { roots: vec![project.root().to_path_buf()], files: None, deps: Deps::None, machine };
    let plan = Plan::make(&options, &compass_index::Disk, &Cancel::new(), &|_| ()).expect("a plan");
    let owner = |path: &str| {
        let file = plan.files.iter().find(|f| f.path.ends_with(path)).expect(path);
        let unit = &plan.units[file.unit];
        (unit.name.as_str(), unit.ecosystem)
    };
    assert_eq!(owner("main.go"), ("example.org/larder", Ecosystem::of_word("go")));
    assert_eq!(owner("tools/lint.py"), ("larder-tools", Ecosystem::of_word("python")));
    assert_eq!(owner("web/page.ts"), ("larder-web", Ecosystem::of_word("npm")));
    assert_eq!(owner("web/nested/edit.ts"), ("larder-editor", Ecosystem::of_word("npm")));
    assert_eq!(owner("web/nested/edit.py"), ("larder-tools", Ecosystem::of_word("python")));
}
