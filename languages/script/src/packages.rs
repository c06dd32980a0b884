//! The declarations of JavaScript and TypeScript themselves: `lib.*.d.ts`, which come with the compiler of TypeScript.
//!
//! A compiler below the roots is walked with the other packages. This finds the one of a folder above (a package of a larger workspace is
//! read by itself), one whose declarations stand in a package that nobody asks for by name, and the one of the machine.

use compass_index::plan::Aliases;
use compass_index::plan::Environment;
use compass_index::plan::declared;
use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use compass_index::plan::{Found, Package};
use compass_index::plan::{Machine, Plan};
use compass_index::tree::disk;
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};

mod aliases;

/// Packages of npm.
pub const NPM: Ecosystem = Ecosystem(&Npm);

struct Npm;

impl Packaging for Npm {
    fn word(&self) -> &'static str {
        "npm"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["package.json"]
    }

    fn read(&self, _: &Path, _: &str, text: &str) -> Option<Manifest> {
        manifest(text)
    }

    fn settings(&self) -> &'static [&'static str] {
        &aliases::NAMES
    }

    fn aliases(&self, root: &Path, index: usize, file: &Path) -> Option<Aliases> {
        Some(aliases::read(root, index, file))
    }

    fn package_folders(&self) -> &'static [&'static str] {
        &["node_modules"]
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        find(plan, machine, found);
    }

    fn comes_last(&self) -> bool {
        true
    }

    /// Folders of packages that the package manager installed for all.
    fn folders(&self, environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        vec![("node packages", node_packages(environment))]
    }
}

/// Stands before entries that are meant where a package is brought in by `require`.
pub(crate) const FOR_REQUIRE: &str = "require:";

fn manifest(text: &str) -> Option<Manifest> {
    let manifest: serde_json::Value = serde_json::from_str(text).ok()?;
    let field = |name: &str| manifest.get(name).and_then(|v| v.as_str()).map(str::to_owned);
    let mut entries: Vec<String> = ["src/index.ts", "src/index.tsx"].map(str::to_owned).to_vec();
    entries.extend(["source", "module", "main"].iter().filter_map(|f| field(f)));
    let mut required = Vec::new();
    if let Some(exports) = manifest.get("exports") {
        exported(exports, &mut entries);
        for_require(exports, false, &mut required);
    }
    entries.extend(["types", "typings"].iter().filter_map(|f| field(f)));
    entries.extend(["index".to_owned(), "src/index".to_owned()]);
    required.extend(field("main"));
    entries.extend(required.into_iter().map(|e| format!("{FOR_REQUIRE}{e}")));
    const ASKED: [&str; 4] = ["dependencies", "devDependencies", "peerDependencies", "optionalDependencies"];
    let asks_for = ASKED.iter().filter_map(|t| manifest.get(*t)?.as_object()).flat_map(|t| t.keys().cloned()).collect();
    Some(Manifest { entries, asks_for, ..Manifest::new(NPM, field("name"), field("version")) })
}

/// The targets of `"."` in an `exports` map, by the names of their conditions.
fn exported(value: &serde_json::Value, entries: &mut Vec<String>) {
    match value {
        serde_json::Value::String(path) => entries.push(path.clone()),
        serde_json::Value::Object(map) => {
            let has_paths = map.keys().any(|k| k.starts_with('.'));
            // `types@<=5.0` is for compilers of another time.
            for (key, inner) in map.iter().filter(|(k, _)| !k.contains('@')) {
                if !has_paths || key == "." {
                    exported(inner, entries);
                }
            }
        }
        _ => {}
    }
}

/// The targets of `"."` under the condition `require`.
fn for_require(value: &serde_json::Value, inside: bool, entries: &mut Vec<String>) {
    match value {
        serde_json::Value::String(path) if inside => entries.push(path.clone()),
        serde_json::Value::Object(map) => {
            let has_paths = map.keys().any(|k| k.starts_with('.'));
            for (key, inner) in map.iter().filter(|(k, _)| !has_paths || *k == ".") {
                for_require(inner, inside || key == "require", entries);
            }
        }
        _ => {}
    }
}

/// Where packages are installed for all: the folder said, those beside the programs on the search path, the system's.
fn node_packages(e: &Environment) -> Vec<PathBuf> {
    let said = ["NPM_CONFIG_PREFIX", "npm_config_prefix"].iter().filter_map(|v| Some((e.variable)(v)?.join("lib/node_modules")));
    let beside = e.programs("node").into_iter().filter_map(|p| Some(disk::real(p)?.parent()?.parent()?.join("lib/node_modules")));
    let own = e.home.map(|h| h.join(".npm-global/lib/node_modules"));
    let usual = ["usr/local/lib/node_modules", "usr/lib/node_modules", "usr/share/nodejs"].map(|f| e.system.join(f));
    let mut out: Vec<PathBuf> = said.chain(beside).chain(own).chain(usual).filter(|p| disk::is_folder(p)).collect();
    let mut seen = std::collections::HashSet::new();
    out.retain(|p| seen.insert(p.clone()));
    out
}
/// The file without which there are no declarations.
const FIRST: &str = "lib.es5.d.ts";

fn find(plan: &Plan, machine: &Machine, found: &mut Found) {
    let scripts = plan.files.iter().filter(|f| f.language.is_kin_of(crate::TYPESCRIPT));
    let users: BTreeSet<usize> = scripts.map(|f| f.unit).filter(|u| plan.units[*u].own).collect();
    let is_there = plan.files.iter().any(|f| f.path.ends_with(FIRST) && brings_language(&plan.units[f.unit].name));
    if users.is_empty() || is_there {
        return;
    }
    let folders = users.iter().map(|u| plan.roots[plan.units[*u].root].join(&plan.units[*u].dir));
    let installed = folders.flat_map(|f| f.ancestors().map(Path::to_owned).collect::<Vec<_>>()).map(|f| f.join("node_modules"));
    let packages = installed.chain(machine.all("node packages").iter().cloned());
    let first = |l: &PathBuf| disk::real(l.join(FIRST));
    let walked: BTreeSet<PathBuf> = plan.files.iter().filter(|f| f.path.ends_with(FIRST)).filter_map(|f| disk::real(&f.full)).collect();
    if let Some(library) = packages.flat_map(|p| libraries(&p)).find(|l| first(l).is_some()) {
        // A compiler under another name that was walked stays what it is.
        if first(&library).is_some_and(|f| walked.contains(&f)) {
            return;
        }
        // Below a root the files are shown relative to it.
        let base = plan.roots.iter().find(|r| library.starts_with(r)).unwrap_or(&library);
        let package = library_package(base, &library);
        let at = found.add(package);
        found.own.extend(users.into_iter().map(|u| (u, LANGUAGE_LIBRARY.to_owned(), at)));
    }
}

/// Where the declarations may stand in a folder of packages: with the compiler, or in the package of its machine's program.
fn libraries(packages: &Path) -> Vec<PathBuf> {
    let compiler = packages.join("typescript");
    let Some(real) = disk::real(&compiler) else { return Vec::new() };
    let beside = [Some(packages), real.parent()].into_iter().flatten().map(|p| p.join("@typescript"));
    let mut programs: Vec<PathBuf> = beside.flat_map(|b| disk::entries(b).into_iter()).collect();
    programs.sort();
    std::iter::once(real).chain(programs).map(|p| p.join("lib")).collect()
}

fn library_package(base: &Path, library: &Path) -> Package {
    let is_part = |p: &PathBuf| p.file_name().and_then(|n| n.to_str()).is_some_and(|n| n.starts_with("lib.") && n.ends_with(".d.ts"));
    let mut files: Vec<PathBuf> = disk::entries(library).into_iter().filter(is_part).collect();
    files.sort();
    let version = library.parent().and_then(|p| compass_index::plan::ecosystems::read(&compass_index::Disk, p, "package.json")).and_then(|m| m.version);
    let dir = compass_index::plan::slashed(library.strip_prefix(base).unwrap_or(Path::new("")));
    Package { version: version.unwrap_or_default(), dir, ..Package::of_files(NPM, LANGUAGE_LIBRARY, base, files) }
}

/// What the unit with the declarations of the language is called, where it is mounted by itself.
const LANGUAGE_LIBRARY: &str = "typescript/lib";

/// Is it a unit that brings those declarations?
pub(crate) fn brings_language(unit: &str) -> bool {
    unit == "typescript" || unit == LANGUAGE_LIBRARY || unit.starts_with("@typescript/") || unit == declared::unit_name(crate::TYPESCRIPT)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn sources_come_before_built_files() {
        let found = manifest(r#"{"name":"board","main":"dist/board.js","exports":{".":{"import":"./dist/board.mjs"},"./x":"./x.js"}}"#).expect("package");
        assert_eq!(found.entries[0], "src/index.ts");
        let both =
            manifest(r#"{"name":"board","exports":{".":{"import":{"default":"./esm/a.js"},"require":{"types":"./cjs/a.d.ts","default":"./cjs/a.js"}}}}"#)
                .expect("package");
        let required: Vec<&str> = both.entries.iter().filter_map(|e| e.strip_prefix(FOR_REQUIRE)).collect();
        assert_eq!(required, ["./cjs/a.d.ts", "./cjs/a.js"], "as the manifest has them");
        let by_compiler = manifest(r#"{"name":"board","exports":{".":{"types@<=5.0":"./ts5.0/a.d.ts","types":"./a.d.ts"}}}"#).expect("package");
        assert!(by_compiler.entries.contains(&"./a.d.ts".to_owned()) && !by_compiler.entries.contains(&"./ts5.0/a.d.ts".to_owned()));
        assert!(found.entries.contains(&"./dist/board.mjs".to_owned()) && !found.entries.contains(&"./x.js".to_owned()));
    }
}
