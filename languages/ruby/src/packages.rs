//! Gems: what a `Gemfile.lock` chose, and where gems lie on a machine.

use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use compass_index::plan::{Environment, Found, Machine, Package, Plan};
use compass_index::tree::disk;
use std::collections::{BTreeMap, BTreeSet};
use std::path::{Path, PathBuf};

/// `Gemfile`, `*.gemspec`.
pub const GEMS: Ecosystem = Ecosystem(&Gems);

struct Gems;

/// The word of the folders that hold gems.
const FOLDERS: &str = "ruby gems";

impl Packaging for Gems {
    fn word(&self) -> &'static str {
        "gems"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["*.gemspec", "Gemfile"]
    }

    fn read(&self, _: &Path, file: &str, text: &str) -> Option<Manifest> {
        let name = file.strip_suffix(".gemspec").map(|stem| field(text, "name").unwrap_or_else(|| stem.to_owned()));
        let asks_for = asked_for(text).into_iter().collect();
        Some(Manifest { asks_for, ..Manifest::new(GEMS, name, field(text, "version")) })
    }

    fn foreign_folders(&self) -> &'static [&'static str] {
        &["spec", "test", "tests", "benchmark", "examples"]
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        let users: BTreeSet<usize> = plan.files.iter().filter(|f| plan.units[f.unit].own && f.language == crate::RUBY).map(|f| f.unit).collect();
        if users.is_empty() {
            return;
        }
        let mut places: BTreeSet<PathBuf> = plan.roots.iter().cloned().collect();
        places.extend(users.iter().map(|u| plan.roots[plan.units[*u].root].join(&plan.units[*u].dir)));
        let mut folders: Vec<PathBuf> = places.iter().flat_map(|p| disk::entries(p.join("vendor/bundle/ruby"))).map(|v| v.join("gems")).collect();
        folders.extend(machine.all(FOLDERS).iter().cloned());
        let wanted = places.iter().map(|p| wanted(p)).fold(Wanted::default(), Wanted::with);
        let mounted = mount(&wanted, &folders, found);
        // Gems that a project keeps beside its own code, and hides from no one, are none of it.
        let bundles: Vec<PathBuf> = places.iter().map(|p| p.join("vendor/bundle/ruby")).collect();
        plan.files.retain(|f| !bundles.iter().any(|b| f.full.starts_with(b)));
        for (name, package) in mounted {
            found.own.extend(users.iter().filter(|_| wanted.direct.contains(&name)).map(|u| (*u, name.clone(), package)));
        }
    }

    /// `GEM_HOME` and `GEM_PATH`, those of the user, those of the system.
    fn folders(&self, e: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        let mut out: Vec<PathBuf> = (e.variable)("GEM_HOME").into_iter().collect();
        out.extend((e.variable)("GEM_PATH").iter().flat_map(std::env::split_paths));
        out.extend(e.home.iter().flat_map(|h| disk::entries(h.join(".gem/ruby"))));
        out.extend(e.home.iter().flat_map(|h| disk::entries(h.join(".local/share/gem/ruby"))));
        out.extend(disk::entries(e.system.join("var/lib/gems")));
        out.extend(disk::entries(e.system.join("usr/lib/ruby/gems")));
        out.push(e.system.join("usr/share/rubygems-integration/all"));
        // Beside the program: what managers of versions install.
        let beside = e.programs("ruby").into_iter().filter_map(|p| Some(disk::real(p)?.parent()?.parent()?.join("lib/ruby/gems")));
        out.extend(beside.flat_map(disk::entries));
        let mut seen = BTreeSet::new();
        let folders = out.into_iter().map(|f| f.join("gems")).filter(|f| disk::is_folder(f) && seen.insert(f.clone()));
        vec![(FOLDERS, folders.collect())]
    }
}

/// Gems that are asked for: by name, with the version that was chosen and the names each needs.
#[derive(Debug, Default, PartialEq)]
struct Wanted {
    /// Those the project names itself.
    direct: BTreeSet<String>,
    /// What a lock file chose.
    chosen: BTreeMap<String, (String, Vec<String>)>,
}

impl Wanted {
    fn with(mut self, other: Wanted) -> Wanted {
        self.direct.extend(other.direct);
        self.chosen.extend(other.chosen);
        self
    }
}

/// What the manifests of a folder ask for.
fn wanted(folder: &Path) -> Wanted {
    let mut out = disk::read_text(folder.join("Gemfile.lock")).map(|t| locked(&t)).unwrap_or_default();
    let manifests =
        disk::entries(folder).into_iter().filter(|p| p.file_name().is_some_and(|n| n == "Gemfile") || p.extension().is_some_and(|e| e == "gemspec"));
    out.direct.extend(manifests.filter_map(|m| disk::read_text(m).ok()).flat_map(|t| asked_for(&t)));
    out
}

/// A lock file: `    rack (2.2.8)`, with what it needs two blanks further in; below `DEPENDENCIES` what the project names.
fn locked(text: &str) -> Wanted {
    let mut out = Wanted::default();
    let (mut section, mut last) = ("", None);
    for line in text.lines() {
        let said = line.trim();
        let indent = line.len() - line.trim_start().len();
        let name = said.split([' ', '!']).next().unwrap_or(said).to_owned();
        match (indent, section) {
            (0, _) => section = said,
            (2, "DEPENDENCIES") => {
                out.direct.insert(name);
            }
            (4, "GEM") => {
                let version = said.split_once('(').map_or("", |p| p.1).trim_end_matches(')').to_owned();
                out.chosen.insert(name.clone(), (version, Vec::new()));
                last = Some(name);
            }
            (6, "GEM") => {
                if let Some(of) = last.as_ref().and_then(|l| out.chosen.get_mut(l)) {
                    of.1.push(name);
                }
            }
            _ => {}
        }
    }
    out
}

/// `gem 'rack', '~> 2'`, `spec.add_dependency "rack"`.
fn asked_for(text: &str) -> BTreeSet<String> {
    let of_line = |line: &str| {
        let line = line.trim_start();
        let call = line.starts_with("gem ") || line.starts_with("gem(") || line.contains(".add_dependency") || line.contains(".add_runtime_dependency");
        call.then(|| line.split(['\'', '"']).nth(1)).flatten().map(str::to_owned)
    };
    text.lines().filter_map(of_line).collect()
}

/// `spec.name = "rack"`.
fn field(text: &str, name: &str) -> Option<String> {
    let line = text.lines().map(str::trim).find(|l| l.split_once('=').is_some_and(|(front, _)| front.trim().ends_with(&format!(".{name}"))))?;
    let value = line.split_once('=')?.1.trim();
    value.starts_with(['\'', '"']).then(|| value.split(['\'', '"']).nth(1)).flatten().map(str::to_owned)
}

/// Packages of what is wanted and lies there; with their names.
fn mount(wanted: &Wanted, folders: &[PathBuf], found: &mut Found) -> Vec<(String, usize)> {
    let mut names: BTreeSet<&String> = wanted.chosen.keys().collect();
    names.extend(&wanted.direct);
    let mut out: Vec<(String, usize)> = Vec::new();
    for name in names {
        let version = wanted.chosen.get(name).map(|c| c.0.as_str());
        match folders.iter().find_map(|f| gem_in(f, name, version)) {
            Some((base, dir, version)) => {
                let entry = format!("lib/{name}.rb");
                let package = Package { version, dir, entries: vec![entry], files: None, ..Package::of_files(GEMS, name, &base, Vec::new()) };
                out.push((name.clone(), found.add(package)));
            }
            None => {
                found.absent.insert(name.clone());
            }
        }
    }
    let place = |name: &str| out.iter().find(|o| o.0 == name).map(|o| o.1);
    for (name, at) in &out {
        let needs = wanted.chosen.get(name).into_iter().flat_map(|c| &c.1).filter_map(|n| Some((n.clone(), place(n)?)));
        found.packages[*at].needs.extend(needs.collect::<Vec<_>>());
    }
    out
}

/// A gem in a folder of gems: `NAME-VERSION`, the highest where no lock file chose one.
fn gem_in(folder: &Path, name: &str, version: Option<&str>) -> Option<(PathBuf, String, String)> {
    let numbers = |v: &str| v.split(['.', '-']).map(|n| n.parse::<u64>().unwrap_or(0)).collect::<Vec<_>>();
    let of = |path: PathBuf| {
        let dir = path.file_name()?.to_str()?.to_owned();
        let found = dir.strip_prefix(name)?.strip_prefix('-')?.to_owned();
        // `rack-test-2.0` is no version of `rack`.
        found.starts_with(|c: char| c.is_ascii_digit()).then_some((dir, found))
    };
    let all = disk::entries(folder).into_iter().filter_map(of).filter(|(_, v)| version.is_none_or(|w| v == w));
    all.max_by_key(|(_, v)| numbers(v)).map(|(dir, v)| (folder.to_owned(), dir, v))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn lock_files_are_read() {
        let text = "GEM\n  remote: https://gems.example/\n  specs:\n    rack (2.2.8)\n    wash (1.0)\n      rack (>= 2)\n\nDEPENDENCIES\n  wash\n  salt!\n";
        let wanted = locked(text);
        assert_eq!(wanted.direct.iter().collect::<Vec<_>>(), ["salt", "wash"]);
        assert_eq!(wanted.chosen["wash"], ("1.0".to_owned(), vec!["rack".to_owned()]));
        assert_eq!(wanted.chosen["rack"].0, "2.2.8");
    }

    #[test]
    fn manifests_are_read() {
        let text = "Gem::Specification.new do |s|\n  s.name = 'larder'\n  s.version = \"1.2\"\n  s.add_dependency 'rack', '~> 2'\nend\n";
        let manifest = Gems.read(Path::new("."), "larder.gemspec", text).expect("a manifest");
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("larder"), Some("1.2")));
        assert_eq!(manifest.asks_for, ["rack"]);
        let computed = Gems.read(Path::new("."), "rack.gemspec", "s.name = NAME\ns.version = Rack::VERSION\n").expect("a manifest");
        assert_eq!((computed.name.as_deref(), computed.version), (Some("rack"), None));
        assert_eq!(Gems.read(Path::new("."), "Gemfile", "gem 'rack'\n").expect("a manifest").name, None);
    }

    #[test]
    fn gems_lie_in_folders_of_their_version() {
        let dir = tempfile::tempdir().expect("a folder");
        for gem in ["rack-2.2.8", "rack-2.10.1", "rack-test-3.0"] {
            std::fs::create_dir_all(dir.path().join(gem)).expect("folders");
        }
        let version = |wanted| gem_in(dir.path(), "rack", wanted).map(|g| g.2);
        assert_eq!(version(None).as_deref(), Some("2.10.1"));
        assert_eq!(version(Some("2.2.8")).as_deref(), Some("2.2.8"));
        assert_eq!(version(Some("9")), None);
    }
}
