//! Modules of Go: the versions that a build would choose, out of the cache of modules; and the standard library.
//!
//! The choice is the language's own: of all versions that the manifests reachable from the main module ask for, the highest of each module
//! ("minimal version selection", Go modules reference). Replacements count in the main module alone. Of the modules chosen those are
//! mounted of which some package is imported, by the own code or by a package that is: manifests name many more.

use compass_index::plan::Environment;
use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use compass_index::plan::{Found, Package, own_units, tidy};
use compass_index::plan::{Machine, Plan};
use compass_index::tree::{Disk, Enter, Entry, IgnoreFiles, Kind, Tree, Walk, disk};
use rustc_hash::{FxHashMap, FxHashSet};
use std::path::{Path, PathBuf};
use std::sync::{Arc, Mutex};

/// Modules.
pub const MODULES: Ecosystem = Ecosystem(&GoModules);

struct GoModules;

impl Packaging for GoModules {
    fn word(&self) -> &'static str {
        "go"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["go.mod"]
    }

    fn read(&self, _: &Path, _: &str, text: &str) -> Option<Manifest> {
        manifest(text)
    }

    fn package_folders(&self) -> &'static [&'static str] {
        &["vendor"]
    }

    fn foreign_folders(&self) -> &'static [&'static str] {
        &["testdata"]
    }

    /// A module below another is a package of its own.
    fn is_apart(&self, folder: &Path) -> bool {
        disk::is_file(folder.join("go.mod"))
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        find(plan, machine, found);
    }

    /// The cache of modules, and the sources of the standard library: `fmt`, `net` stand in it.
    fn folders(&self, environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        vec![("go modules", go_modules(environment).into_iter().collect()), ("go library", go_library(environment).into_iter().collect())]
    }
}

fn manifest(text: &str) -> Option<Manifest> {
    let name = text.lines().find_map(|l| l.trim().strip_prefix("module "))?;
    let name = name.split("//").next().unwrap_or(name).trim().trim_matches('"');
    Some(Manifest::new(MODULES, Some(name.to_owned()), None))
}

fn go_modules(e: &Environment) -> Option<PathBuf> {
    let below = |go: PathBuf| go.join("pkg/mod");
    let given = (e.variable)("GOMODCACHE").or_else(|| (e.variable)("GOPATH").map(below));
    given.or_else(|| Some(below(e.home?.join("go")))).filter(|p| disk::is_folder(p))
}

fn go_library(e: &Environment) -> Option<PathBuf> {
    let mut folders: Vec<PathBuf> = (e.variable)("GOROOT").into_iter().collect();
    folders.extend(e.programs("go").iter().filter_map(|p| Some(disk::real(p)?.parent()?.parent()?.to_owned())));
    folders.extend(["usr/local/go", "usr/lib/go"].map(|f| e.system.join(f)));
    folders.into_iter().map(|f| f.join("src")).find(|p| disk::is_folder(p.join("fmt")))
}
/// What a `go.mod` says.
#[derive(Debug, Default, PartialEq)]
struct ModFile {
    /// Module and version.
    requires: Vec<(String, String)>,
    /// Module, version if given, what takes its place, and that one's version if it is no folder.
    replaces: Vec<(String, Option<String>, String, Option<String>)>,
}

/// Finds the modules of all own units.
fn find(plan: &Plan, machine: &Machine, found: &mut Found) {
    let own = own_units(plan, MODULES);
    if own.is_empty() {
        return;
    }
    let library = library(machine, found);
    for (unit, dir) in &own {
        found.own.extend(library.map(|l| (*unit, "std".to_owned(), l)));
        for (other, _) in own.iter().filter(|o| o.0 != *unit) {
            found.between.push((*unit, plan.units[*other].name.clone(), *other));
        }
        let Some(text) = disk::read_text(dir.join("go.mod")).ok() else { continue };
        found.known.insert(*unit);
        // Copies in the tree are what such a module is built with.
        if disk::is_file(dir.join("vendor/modules.txt")) {
            continue;
        }
        let main = parse(&text);
        let mut build = Build { machine, main: &main, dir, chosen: FxHashMap::default() };
        build.choose();
        build.mount(*unit, &own, library, found);
    }
}

/// The standard library; commands that come with it are no part of it.
fn library(machine: &Machine, found: &mut Found) -> Option<usize> {
    let base = machine.first("go library").filter(|b| disk::is_file(b.join("fmt/print.go")))?;
    let mut files = compass_index::plan::files_below(&Disk, base, MODULES);
    let is_part = |f: &PathBuf| f.extension().is_some_and(|e| e == "go") && !f.strip_prefix(base).is_ok_and(|p| p.starts_with("cmd"));
    files.retain(is_part);
    files.sort();
    Some(found.add(Package::of_files(MODULES, "std", base, files)))
}

/// A version of a module.
#[derive(PartialEq, Eq, PartialOrd, Ord)]
struct Chosen {
    version: String,
    /// The folder it comes from.
    place: Option<PathBuf>,
    /// Modules that it asks for; `None` for one without a manifest.
    asks_for: Option<Vec<String>>,
}

/// The modules of one main module.
struct Build<'b> {
    machine: &'b Machine,
    main: &'b ModFile,
    dir: &'b Path,
    /// The highest version of each module.
    chosen: FxHashMap<String, Chosen>,
}

impl Build<'_> {
    fn choose(&mut self) {
        let mut open = self.main.requires.clone();
        while let Some((module, version)) = open.pop() {
            let is_higher = self.chosen.get(&module).is_none_or(|known| order(&version) > order(&known.version));
            if !is_higher {
                continue;
            }
            let place = self.place(&module, &version);
            // Manifests are kept beside the sources too, also of versions that were never unpacked.
            let manifest = place.as_ref().map(|p| p.join("go.mod")).filter(|m| disk::is_file(m)).or_else(|| {
                let cache = self.machine.first("go modules")?.join("cache/download");
                Some(cache.join(escaped(&module)).join("@v").join(format!("{}.mod", escaped(&version))))
            });
            let requires = manifest.and_then(|m| disk::read_text(m).ok()).map(|text| parse(&text).requires);
            let asks_for = requires.as_ref().map(|r| r.iter().map(|(module, _)| module.clone()).collect());
            open.extend(requires.into_iter().flatten());
            self.chosen.insert(module, Chosen { version, place, asks_for });
        }
    }

    /// Where a module of that version stands.
    fn place(&self, module: &str, version: &str) -> Option<PathBuf> {
        let replaced = self.main.replaces.iter().find(|(m, v, ..)| m == module && v.as_ref().is_none_or(|v| v == version));
        let (module, version) = match replaced {
            Some((_, _, folder, None)) => return Some(tidy(&self.dir.join(folder))),
            Some((_, _, other, Some(v))) => (other.as_str(), v.as_str()),
            None => (module, version),
        };
        Some(self.machine.first("go modules")?.join(format!("{}@{}", escaped(module), escaped(version))))
    }

    fn mount(self, unit: usize, own: &[(usize, PathBuf)], library: Option<usize>, found: &mut Found) {
        let mut chosen: Vec<_> = self.chosen.into_iter().collect();
        chosen.sort();
        let direct: Vec<&String> = self.main.requires.iter().map(|r| &r.0).collect();
        let mut mounted: Vec<(String, usize, Option<Vec<String>>)> = Vec::new();
        let imported = imported(self.dir, own, &chosen);
        for (module, Chosen { version, place, asks_for }) in chosen {
            // A module of the roots is meant by its folder.
            if place.as_ref().is_some_and(|p| own.iter().any(|(_, d)| d == p)) || !imported.contains(&module) {
                continue;
            }
            let Some(place) = place.filter(|p| disk::is_folder(p)) else {
                if direct.contains(&&module) {
                    found.absent.insert(format!("{module} {version}"));
                }
                continue;
            };
            let cache = self.machine.first("go modules").map(PathBuf::as_path).unwrap_or(Path::new("/"));
            let (base, dir) = match place.strip_prefix(cache) {
                Ok(below) => (cache.to_owned(), compass_index::plan::slashed(below)),
                Err(_) => (place.clone(), String::new()),
            };
            let package =
                Package { ecosystem: MODULES, name: module.clone(), version, base, dir, entries: Vec::new(), needs: Vec::new(), files: None, language: None };
            mounted.push((module, found.add(package), asks_for));
        }
        for (module, at, asks_for) in &mounted {
            if direct.contains(&module) {
                found.own.push((unit, module.clone(), *at));
            }
            // A module without a manifest may use all there are.
            let is_asked = |m: &String| asks_for.as_ref().is_none_or(|a| a.contains(m));
            let mut needs: Vec<(String, usize)> = mounted.iter().filter(|(m, a, _)| a != at && is_asked(m)).map(|(m, a, _)| (m.clone(), *a)).collect();
            needs.extend(library.map(|l| ("std".to_owned(), l)));
            // Of two main modules that bring it in the first settles what it needs.
            if found.packages[*at].needs.is_empty() {
                found.packages[*at].needs = needs;
            }
        }
    }
}

/// The modules of which a package is imported, directly or through packages.
fn imported(main: &Path, own: &[(usize, PathBuf)], chosen: &[(String, Chosen)]) -> FxHashSet<String> {
    let mut out = FxHashSet::default();
    let mut seen: FxHashSet<String> = FxHashSet::default();
    // All packages of the own modules; of the others those that are imported.
    let mut open: Vec<PathBuf> = own.iter().map(|o| o.1.clone()).chain([main.to_owned()]).flat_map(|dir| folders(&dir)).collect();
    let mut by_length: Vec<&(String, Chosen)> = chosen.iter().collect();
    by_length.sort_by_key(|(module, _)| std::cmp::Reverse(module.len()));
    let inside = |path: &str, module: &str| path.strip_prefix(module).filter(|r| r.is_empty() || r.starts_with('/')).map(str::to_owned);
    while let Some(folder) = open.pop() {
        for path in imports_of(&folder) {
            if !seen.insert(path.clone()) {
                continue;
            }
            // The longest module that holds the path, if it has that folder.
            for (module, c) in &by_length {
                let Some(rest) = inside(&path, module) else { continue };
                let package = c.place.as_ref().map(|p| p.join(rest.trim_start_matches('/')));
                match package.filter(|p| disk::is_folder(p)) {
                    Some(package) => {
                        out.insert(module.clone());
                        open.push(package);
                        break;
                    }
                    // Named and not on the machine: that is to be said.
                    None if c.place.as_ref().is_none_or(|p| !disk::is_folder(p)) => {
                        out.insert(module.clone());
                    }
                    None => {}
                }
            }
        }
    }
    out
}

/// A folder and all below it that may be packages.
fn folders(dir: &Path) -> Vec<PathBuf> {
    let enter: Enter = Arc::new(|_, e| !["node_modules", "testdata"].iter().any(|n| e.path.ends_with(n)));
    let found = Mutex::new(Vec::new());
    let visit = |entry: Option<&Entry>| {
        let folder = entry.filter(|e| e.kind == Kind::Folder).map(|e| e.path.to_owned());
        found.lock().unwrap_or_else(|e| e.into_inner()).extend(folder);
        true
    };
    Disk.walk(&Walk { top: dir.to_owned(), ignore: IgnoreFiles::ShowAllButHidden, enter }, &visit);
    let mut found = found.into_inner().unwrap_or_else(|e| e.into_inner());
    found.sort();
    found
}

/// The paths that the files of a folder import; tests count only in own code, which is told by their being there at all.
fn imports_of(folder: &Path) -> Vec<String> {
    let is_go = |p: &PathBuf| p.extension().is_some_and(|e| e == "go");
    let mut out: Vec<String> = disk::entries(folder).into_iter().filter(is_go).flat_map(|p| imports_in(&head_of(&p))).collect();
    out.sort();
    out.dedup();
    out
}

/// The beginning of a file: imports stand before all else.
fn head_of(file: &Path) -> String {
    disk::head(file, 32 << 10).map(|bytes| String::from_utf8_lossy(&bytes).into_owned()).unwrap_or_default()
}

/// `import "a"`, `import x "a"` and the lines of `import (…)`.
fn imports_in(text: &str) -> Vec<String> {
    let mut out = Vec::new();
    let mut within = false;
    for line in text.lines() {
        let line = line.trim();
        let rest = if within { Some(line) } else { line.strip_prefix("import").filter(|r| r.starts_with([' ', '\t', '(', '"'])) };
        if within && line.starts_with(')') {
            within = false;
            continue;
        }
        let Some(rest) = rest else {
            // Nothing but imports stands between the package's name and the first of these.
            if ["func ", "type ", "var ", "const "].iter().any(|w| line.starts_with(w)) {
                break;
            }
            continue;
        };
        within |= rest.trim_start().starts_with('(');
        let quoted = rest.split(['"', '`']).nth(1);
        out.extend(quoted.filter(|_| !rest.trim_start().starts_with("//")).map(str::to_owned));
    }
    out
}

/// A path as the cache writes it: capitals as `!` and the small letter.
fn escaped(path: &str) -> String {
    path.chars().flat_map(|c| if c.is_ascii_uppercase() { vec!['!', c.to_ascii_lowercase()] } else { vec![c] }).collect()
}

/// What versions are ordered by: numbers, then whether it is a release, then the rest.
fn order(version: &str) -> (Vec<u64>, bool, String) {
    let version = version.trim_start_matches('v');
    let (version, _) = version.split_once('+').unwrap_or((version, ""));
    let (numbers, rest) = version.split_once('-').map_or((version, None), |(n, r)| (n, Some(r)));
    (numbers.split('.').map(|n| n.parse().unwrap_or(0)).collect(), rest.is_none(), rest.unwrap_or("").to_owned())
}

/// Reads a `go.mod`: directives alone or in blocks, comments left out.
fn parse(text: &str) -> ModFile {
    let mut out = ModFile::default();
    let mut block = String::new();
    for line in text.lines() {
        let line = line.split("//").next().unwrap_or("").trim();
        if line == ")" {
            block.clear();
            continue;
        }
        if let Some(word) = line.strip_suffix('(') {
            block = word.trim().to_owned();
            continue;
        }
        let (directive, rest) = if block.is_empty() { line.split_once(char::is_whitespace).unwrap_or((line, "")) } else { (block.as_str(), line) };
        let words: Vec<&str> = rest.split_whitespace().map(|w| w.trim_matches('"')).collect();
        match (directive, words.as_slice()) {
            ("require", [module, version, ..]) => out.requires.push(((*module).to_owned(), (*version).to_owned())),
            ("replace", words) => out.replaces.extend(replacement(words)),
            _ => {}
        }
    }
    out
}

/// `module [version] => folder` or `=> module version`.
fn replacement(words: &[&str]) -> Option<(String, Option<String>, String, Option<String>)> {
    let arrow = words.iter().position(|w| *w == "=>")?;
    let (left, right) = (&words[..arrow], &words[arrow + 1..]);
    let version = |side: &[&str]| side.get(1).map(|v| (*v).to_owned());
    Some(((*left.first()?).to_owned(), version(left), (*right.first()?).to_owned(), version(right)))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[test]
    fn manifests_are_read_with_blocks_and_replacements() {
        let file = parse(
            "module example.org/larder/planner\n\ngo 1.21\n\nrequire example.org/rack v1.2.0 // indirect\nrequire (\n\texample.org/salt v0.3.1\n\t\"example.org/wash\" v2.0.0+incompatible\n)\nreplace example.org/salt => ../salt\nreplace (\n\texample.org/rack v1.2.0 => example.org/Fork/rack v1.2.1\n)\n",
        );
        assert_eq!(file.requires.iter().map(|r| r.0.as_str()).collect::<Vec<_>>(), ["example.org/rack", "example.org/salt", "example.org/wash"]);
        assert_eq!(file.replaces[0], ("example.org/salt".into(), None, "../salt".into(), None));
        assert_eq!(file.replaces[1], ("example.org/rack".into(), Some("v1.2.0".into()), "example.org/Fork/rack".into(), Some("v1.2.1".into())));
    }

    #[rstest]
    #[case::numbers("v1.9.0", "v1.10.0")]
    #[case::before_release("v1.0.0-rc1", "v1.0.0")]
    #[case::by_time("v0.0.0-20200101000000-aaaaaaaaaaaa", "v0.0.0-20210101000000-aaaaaaaaaaaa")]
    fn versions_have_an_order(#[case] lower: &str, #[case] higher: &str) {
        assert!(order(lower) < order(higher));
    }

    #[test]
    fn imports_are_read_off_the_beginning() {
        let text = "// Package board.\npackage board\n\nimport \"fmt\"\nimport r `example.org/rack`\n\nimport (\n\t// \"no\"\n\t_ \"example.org/wash/v2\" // why\n\n\t\"os\"\n)\n\nvar x = \"import\"\nimport \"late\"\n";
        assert_eq!(imports_in(text), ["fmt", "example.org/rack", "example.org/wash/v2", "os"]);
        assert_eq!(imports_in("package board\n\nfunc important() { println(\"a\") }\n"), [""; 0]);
    }

    #[test]
    fn capitals_are_escaped() {
        assert_eq!(escaped("example.org/Hollow/rackKit"), "example.org/!hollow/rack!kit");
    }

    #[test]
    fn modules_of_go_are_known_by_their_path() {
        let found = manifest("// A planner.\nmodule example.org/larder/planner // v2\n\ngo 1.21\n").expect("module");
        assert_eq!(found.name.as_deref(), Some("example.org/larder/planner"));
        assert_eq!(manifest("go 1.21\n"), None);
    }
}
