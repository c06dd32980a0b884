//! Distributions of Python: site-packages of virtual environments, editable installs, the standard library.

use compass_index::plan::Environment;
use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging, toml_text};
use compass_index::plan::{Found, Package, own_units};
use compass_index::plan::{Machine, Plan};
use compass_index::tree::disk;
use std::path::{Path, PathBuf};

/// Distributions.
pub const DISTRIBUTIONS: Ecosystem = Ecosystem(&Distributions);

/// The name of the unit that the standard library is.
pub(crate) const LIBRARY: &str = "std";

struct Distributions;

impl Packaging for Distributions {
    fn word(&self) -> &'static str {
        "python"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["pyproject.toml", "setup.cfg", "setup.py"]
    }

    fn read(&self, _: &Path, file: &str, text: &str) -> Option<Manifest> {
        match file {
            "pyproject.toml" => manifest(text),
            _ => Some(Manifest::new(DISTRIBUTIONS, setup_name(text), None)),
        }
    }

    fn has_nameless_packages(&self) -> bool {
        true
    }

    fn package_folders(&self) -> &'static [&'static str] {
        &["site-packages"]
    }

    fn built_folders(&self) -> &'static [&'static str] {
        &["__pycache__"]
    }

    fn foreign_folders(&self) -> &'static [&'static str] {
        &["dist-packages"]
    }

    fn environment_mark(&self) -> Option<&'static str> {
        Some("pyvenv.cfg")
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        find(plan, machine, found);
    }

    /// The virtual environment in use, and the standard library: `os.py` stands in it.
    fn folders(&self, environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        let active = (environment.variable)("VIRTUAL_ENV").filter(|p| disk::is_folder(p));
        vec![("python environment", active.into_iter().collect()), ("python library", python_library(environment).into_iter().collect())]
    }
}

fn manifest(text: &str) -> Option<Manifest> {
    let manifest: toml::Table = text.parse().ok()?;
    let project = manifest.get("project").or_else(|| manifest.get("tool").and_then(|t| t.get("poetry")));
    let name = project.and_then(|p| toml_text(p.get("name")));
    let version = project.and_then(|p| toml_text(p.get("version")));
    Some(Manifest::new(DISTRIBUTIONS, name, version))
}

/// `name = x` of a `setup.cfg`, `name="x"` of a `setup.py`.
fn setup_name(text: &str) -> Option<String> {
    let line = text.lines().map(str::trim).find(|l| l.starts_with("name") && l.contains('='))?;
    let value = line.split_once('=')?.1.trim().trim_end_matches(',').trim_matches(['"', '\'']);
    (!value.is_empty() && value.chars().all(|c| c.is_alphanumeric() || "-_.".contains(c))).then(|| value.to_owned())
}

/// `lib/python3.x` beside the first `python3` of the search path that has one, or of the version that a manager of versions has chosen.
fn python_library(e: &Environment) -> Option<PathBuf> {
    let chosen = (e.variable)("PYENV_ROOT").or_else(|| Some(e.home?.join(".pyenv"))).and_then(|root| {
        let version = disk::read_text(root.join("version")).ok()?;
        Some(root.join("versions").join(version.lines().next()?.trim()))
    });
    // A program in a folder of shims stands for the chosen version.
    let programs = e.programs("python3");
    let is_shim = programs.first().and_then(|p| p.parent()).is_some_and(|d| d.ends_with("shims"));
    let on_path = programs.into_iter().filter_map(|p| Some(disk::real(p)?.parent()?.parent()?.to_owned()));
    let library = |prefix: PathBuf| {
        let mut found: Vec<PathBuf> = disk::entries(prefix.join("lib"));
        found.retain(|p| p.file_name().and_then(|n| n.to_str()).is_some_and(|n| n.starts_with("python3")) && disk::is_file(p.join("os.py")));
        found.pop()
    };
    chosen.iter().filter(|_| is_shim).cloned().chain(on_path).chain(chosen.clone()).find_map(library)
}
/// Folders of the standard library that hold tests and tools of its own.
const NOT_LIBRARY: [&str; 7] = ["test", "tests", "idlelib", "lib2to3", "turtledemo", "ensurepip", "site-packages"];

/// What the record of an installed distribution says.
#[derive(Debug, Default, PartialEq)]
struct Distribution {
    name: String,
    version: String,
    /// Names of distributions it requires, as they are compared.
    requires: Vec<String>,
    /// What it installed, relative to the folder of packages.
    files: Vec<String>,
    /// The folder an editable install points at.
    editable: Option<PathBuf>,
}

/// Finds the distributions of the environments below the roots, or of the one in use.
fn find(plan: &Plan, machine: &Machine, found: &mut Found) {
    let users: Vec<usize> =
        (0..plan.units.len()).filter(|u| plan.units[*u].own && plan.files.iter().any(|f| f.unit == *u && f.language == crate::PYTHON)).collect();
    if users.is_empty() {
        return;
    }
    let environments = environments(plan, machine);
    let libraries = environments.iter().filter_map(|e| library_of(e)).chain(machine.first("python library").cloned());
    let library = libraries.into_iter().find(|l| disk::is_file(l.join("os.py"))).map(|l| library(&l, found));
    found.own.extend(library.iter().flat_map(|l| users.iter().map(|u| (*u, LIBRARY.to_owned(), *l))));
    let named = named_by(plan);
    for environment in environments {
        for site in site_packages(&environment) {
            mount(plan, &site, (&users, &named), library, found);
        }
    }
}

/// Virtual environments: folders with `pyvenv.cfg` in the roots and their units; without one, the one in use.
fn environments(plan: &Plan, machine: &Machine) -> Vec<PathBuf> {
    let mut folders: Vec<PathBuf> = plan.roots.clone();
    folders.extend(own_units(plan, DISTRIBUTIONS).into_iter().map(|(_, d)| d));
    folders.sort();
    folders.dedup();
    let mut out = Vec::new();
    for folder in folders {
        let mut inner: Vec<PathBuf> = disk::entries(&folder).into_iter().filter(|p| disk::is_file(p.join("pyvenv.cfg"))).collect();
        inner.sort();
        out.extend(inner);
    }
    if out.is_empty() {
        out.extend(machine.first("python environment").cloned());
    }
    out
}

/// `lib/python3.x/site-packages`, or `Lib/site-packages`.
fn site_packages(environment: &Path) -> Vec<PathBuf> {
    let mut out: Vec<PathBuf> = Vec::new();
    for lib in ["lib", "lib64", "Lib"] {
        let lib = environment.join(lib);
        if disk::is_link(&lib) {
            continue;
        }
        let versions = disk::entries(&lib).into_iter().map(|e| e.join("site-packages"));
        out.extend(versions.chain([lib.join("site-packages")]).filter(|p| disk::is_folder(p)));
    }
    out.sort();
    out
}

/// The standard library that an environment was made from: `home` and `version` of its settings.
fn library_of(environment: &Path) -> Option<PathBuf> {
    let text = disk::read_text(environment.join("pyvenv.cfg")).ok()?;
    let field = |name: &str| text.lines().find_map(|l| l.split_once('=').filter(|(k, _)| k.trim() == name).map(|(_, v)| v.trim()));
    let version = field("version").or_else(|| field("version_info"))?;
    let short = version.splitn(3, '.').take(2).collect::<Vec<_>>().join(".");
    let home = PathBuf::from(field("home")?);
    Some(home.parent()?.join("lib").join(format!("python{short}")))
}

fn library(base: &Path, found: &mut Found) -> usize {
    let is_part = |f: &PathBuf| {
        let inside = f.strip_prefix(base).unwrap_or(f);
        f.extension().is_some_and(|e| e == "py") && !inside.components().any(|c| NOT_LIBRARY.iter().any(|n| c.as_os_str() == *n))
    };
    let mut files = compass_index::plan::files_below(&compass_index::Disk, base, DISTRIBUTIONS);
    files.retain(is_part);
    files.sort();
    found.add(Package::of_files(DISTRIBUTIONS, LIBRARY, base, files))
}

/// Adds the distributions of one folder of packages.
fn mount(plan: &Plan, site: &Path, (users, named): (&[usize], &[String]), library: Option<usize>, found: &mut Found) {
    let distributions = distributions(site);
    let mut at: Vec<Option<usize>> = Vec::new();
    for d in &distributions {
        let inside_roots = d.editable.as_ref().is_some_and(|e| plan.roots.iter().any(|r| e.starts_with(r)));
        let (base, files) = match &d.editable {
            Some(folder) => (folder.clone(), None),
            None => (site.to_owned(), Some(d.files.iter().map(|f| site.join(f)).collect())),
        };
        let entries = Vec::new();
        let package = Package {
            ecosystem: DISTRIBUTIONS,
            name: d.name.clone(),
            version: d.version.clone(),
            base,
            dir: String::new(),
            entries,
            needs: Vec::new(),
            files,
            language: None,
        };
        at.push((!inside_roots).then_some(found.packages.len()));
        if !inside_roots {
            found.packages.push(package);
        }
    }
    let position = |name: &str| distributions.iter().position(|d| key(&d.name) == name).and_then(|i| at[i]);
    for (d, package) in distributions.iter().zip(&at) {
        let Some(package) = *package else { continue };
        let needs = d.requires.iter().filter_map(|r| Some((r.clone(), position(r)?))).chain(library.map(|l| (LIBRARY.to_owned(), l)));
        let needs: Vec<_> = needs.collect();
        found.packages[package].needs.extend(needs);
        // Without a list of its own a unit may use all that is installed.
        if named.is_empty() || named.contains(&key(&d.name)) {
            found.own.extend(users.iter().map(|u| (*u, d.name.clone(), package)));
        }
    }
}

/// All distributions of a folder of packages, by name.
fn distributions(site: &Path) -> Vec<Distribution> {
    let mut out: Vec<Distribution> = disk::entries(site).iter().filter_map(|e| distribution(site, e)).collect();
    out.sort_by(|a, b| (&a.name, &a.version).cmp(&(&b.name, &b.version)));
    out
}

/// Reads a `….dist-info` or `….egg-info`.
fn distribution(site: &Path, place: &Path) -> Option<Distribution> {
    let name = place.file_name()?.to_str()?;
    let (metadata, record) = match name.rsplit_once('.')?.1 {
        "dist-info" => ("METADATA", "RECORD"),
        "egg-info" => ("PKG-INFO", "installed-files.txt"),
        _ => return None,
    };
    let mut out = headers(&disk::read_text(place.join(metadata)).ok()?);
    let record = disk::read_text(place.join(record)).unwrap_or_default();
    let is_source = |f: &&str| f.ends_with(".py") || f.ends_with(".pyi");
    let of_line = |l: &str| l.split(',').next().unwrap_or("").trim_start_matches("../").trim_matches('"').to_owned();
    out.files = record.lines().map(of_line).filter(|f| is_source(&f.as_str())).collect();
    out.editable = editable(site, place, &out);
    (!out.name.is_empty()).then_some(out)
}

/// Name, version and requirements of the metadata's head.
fn headers(text: &str) -> Distribution {
    let mut out = Distribution::default();
    for line in text.lines().take_while(|l| !l.is_empty()) {
        match line.split_once(": ") {
            Some(("Name", v)) => out.name = v.trim().to_owned(),
            Some(("Version", v)) => out.version = v.trim().to_owned(),
            // What is wanted only with an extra may be there as well; then it is found.
            Some(("Requires-Dist", v)) => out.requires.push(key(&requirement(v))),
            _ => {}
        }
    }
    out
}

/// The folder that an editable install points at: by its record of where it came from, or by a `.pth` file.
fn editable(site: &Path, place: &Path, of: &Distribution) -> Option<PathBuf> {
    let direct: serde_json::Value = serde_json::from_str(&disk::read_text(place.join("direct_url.json")).ok()?).ok()?;
    if !direct.pointer("/dir_info/editable").and_then(serde_json::Value::as_bool).unwrap_or(false) {
        return None;
    }
    let by_path_file = disk::entries(site).into_iter().find(|p| {
        let name = p.file_name().and_then(|n| n.to_str()).unwrap_or("");
        name.ends_with(".pth") && key(name).contains(&key(&of.name))
    });
    let folder = by_path_file.and_then(|p| disk::read_text(p).ok()).and_then(|t| t.lines().map(PathBuf::from).find(|l| disk::is_folder(l)));
    folder.or_else(|| direct.get("url")?.as_str()?.strip_prefix("file://").map(PathBuf::from)).filter(|p| disk::is_folder(p))
}

/// Names that the own manifests ask for: `pyproject.toml` and files of requirements.
fn named_by(plan: &Plan) -> Vec<String> {
    let mut out = Vec::new();
    let mut folders: Vec<PathBuf> = own_units(plan, DISTRIBUTIONS).into_iter().map(|(_, d)| d).collect();
    folders.extend(plan.roots.first().cloned());
    for folder in folders {
        if let Some(manifest) = disk::read_text(folder.join("pyproject.toml")).ok().and_then(|t| t.parse::<toml::Table>().ok()) {
            out.extend(asked_for(&manifest));
        }
        let lists = disk::entries(&folder).into_iter().filter(|p| {
            let name = p.file_name().and_then(|n| n.to_str()).unwrap_or("");
            name.contains("requirements") && name.ends_with(".txt")
        });
        for text in lists.filter_map(|p| disk::read_text(p).ok()) {
            out.extend(text.lines().map(str::trim).filter(|l| l.starts_with(|c: char| c.is_ascii_alphanumeric())).map(|l| key(&requirement(l))));
        }
    }
    out.sort();
    out.dedup();
    out
}

/// Dependencies of a project's table, those of extras and groups too.
fn asked_for(manifest: &toml::Table) -> Vec<String> {
    let texts = |v: &toml::Value| v.as_array().into_iter().flatten().filter_map(|d| d.as_str().map(|d| key(&requirement(d)))).collect::<Vec<_>>();
    let project = manifest.get("project");
    let mut out: Vec<String> = project.and_then(|p| p.get("dependencies")).map(texts).unwrap_or_default();
    let extras = project.and_then(|p| p.get("optional-dependencies")).and_then(|t| t.as_table());
    let groups = manifest.get("dependency-groups").and_then(|t| t.as_table());
    out.extend(extras.into_iter().chain(groups).flat_map(|t| t.values()).flat_map(texts));
    let poetry = manifest.get("tool").and_then(|t| t.get("poetry"));
    let table = poetry.and_then(|p| p.get("dependencies")).and_then(|t| t.as_table());
    out.extend(table.into_iter().flat_map(|t| t.keys()).filter(|k| *k != "python").map(|k| key(k)));
    out
}

/// The name in `name[extra]>=1; python_version > "3"`.
fn requirement(text: &str) -> String {
    text.trim().chars().take_while(|c| c.is_ascii_alphanumeric() || "-_.".contains(*c)).collect()
}

/// Names of distributions are compared without case, and `-`, `_` and `.` are the same in them (packaging specifications, "names").
fn key(name: &str) -> String {
    name.to_ascii_lowercase().replace(['_', '.'], "-")
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn records_of_distributions_are_read() {
        let dir = tempfile::tempdir().expect("a folder");
        let info = dir.path().join("rack_kit-1.2.dist-info");
        std::fs::create_dir_all(&info).expect("folders");
        std::fs::write(info.join("METADATA"), "Name: Rack.Kit\nVersion: 1.2\nRequires-Dist: Salt_Box>=2; extra == 'x'\n\nName: no\n").expect("a file");
        std::fs::write(info.join("RECORD"), "rack_kit/__init__.py,sha256=x,10\nrack_kit/data.bin,,\n../../bin/rack,,\n").expect("a file");
        let all = distributions(dir.path());
        assert_eq!(all.len(), 1);
        assert_eq!((all[0].name.as_str(), all[0].version.as_str()), ("Rack.Kit", "1.2"));
        assert_eq!((all[0].requires.clone(), all[0].files.clone()), (vec!["salt-box".to_owned()], vec!["rack_kit/__init__.py".to_owned()]));
    }

    #[test]
    fn editable_installs_point_at_their_sources() {
        let dir = tempfile::tempdir().expect("a folder");
        let (info, source) = (dir.path().join("rack-1.dist-info"), dir.path().join("work/src"));
        std::fs::create_dir_all(&info).expect("folders");
        std::fs::create_dir_all(&source).expect("folders");
        std::fs::write(info.join("METADATA"), "Name: rack\nVersion: 1\n").expect("a file");
        std::fs::write(info.join("direct_url.json"), "{\"url\":\"file:///nowhere\",\"dir_info\":{\"editable\":true}}").expect("a file");
        assert_eq!(distributions(dir.path())[0].editable, None, "what is not there is not followed");
        std::fs::write(dir.path().join("__editable__.rack-1.pth"), format!("{}\n", source.display())).expect("a file");
        assert_eq!(distributions(dir.path())[0].editable, Some(source));
    }

    #[test]
    fn manifests_ask_for_distributions() {
        let manifest = "[project]\ndependencies = ['Rack_Kit[x]>=1; python_version > \"3\"']\n[project.optional-dependencies]\ntest = ['salt']\n[tool.poetry.dependencies]\npython = '3'\nwash = '1'\n";
        assert_eq!(asked_for(&manifest.parse().expect("a table")), ["rack-kit", "salt", "wash"]);
    }

    #[test]
    fn environments_say_where_their_library_is() {
        let dir = tempfile::tempdir().expect("a folder");
        std::fs::write(dir.path().join("pyvenv.cfg"), "home = /opt/python/bin\nversion = 3.11.7\n").expect("a file");
        assert_eq!(library_of(dir.path()), Some(PathBuf::from("/opt/python/lib/python3.11")));
    }

    #[test]
    fn setup_files_give_names() {
        assert_eq!(setup_name("setup(\n    name=\"larder\",\n)"), Some("larder".to_owned()));
        assert_eq!(setup_name("name = read('x')"), None);
    }
}
