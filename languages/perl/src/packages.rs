//! Modules of Perl on a machine: those that come with it, those that a system, a user or a project installed.
//!
//! Of all that lies there only the files are taken that the own code names, and what those name in their turn: the library of Perl has
//! some hundreds of modules, and a system brings thousands.

use compass_index::plan::ecosystems::{Ecosystem, Packaging};
use compass_index::plan::{Environment, Found, Machine, Package, Plan};
use compass_index::tree::disk;
use std::collections::{BTreeMap, BTreeSet, VecDeque};
use std::path::{Path, PathBuf};

/// Modules in the folders that Perl looks into.
pub const LIBRARIES: Ecosystem = Ecosystem(&Libraries);

struct Libraries;

/// The words of the folders.
const OF_PERL: &str = "perl library";
const OF_SYSTEM: &str = "perl modules";

/// More modules than these are not followed.
const MOST_MODULES: usize = 3000;

impl Packaging for Libraries {
    fn word(&self) -> &'static str {
        "perl"
    }

    fn find(&self, plan: &mut Plan, machine: &Machine, found: &mut Found) {
        let users: BTreeSet<usize> = own_files(plan).map(|f| f.unit).collect();
        if users.is_empty() {
            return;
        }
        // Modules that a project keeps beside its own code, and hides from no one, are none of it.
        let kept: Vec<PathBuf> = plan.roots.iter().map(|r| r.join("local/lib/perl5")).collect();
        plan.files.retain(|f| !kept.iter().any(|k| f.full.starts_with(k)));
        let mut folders: Vec<(PathBuf, bool)> = kept.into_iter().map(|k| (k, false)).collect();
        folders.extend(machine.all(OF_SYSTEM).iter().map(|f| (f.clone(), false)));
        folders.extend(machine.all(OF_PERL).iter().map(|f| (f.clone(), true)));
        let packages = packages(plan, &folders, found);
        found.own.extend(packages.iter().flat_map(|(name, at)| users.iter().map(move |u| (*u, name.clone(), *at))));
    }

    fn folders(&self, environment: &Environment) -> Vec<(&'static str, Vec<PathBuf>)> {
        vec![(OF_PERL, perl_folders(environment)), (OF_SYSTEM, module_folders(environment))]
    }
}

fn own_files(plan: &Plan) -> impl Iterator<Item = &compass_index::plan::PlannedFile> {
    plan.files.iter().filter(|f| plan.units[f.unit].own && f.language == crate::PERL)
}

/// Where the modules that come with Perl lie: beside the program, and where distributions of systems put them.
fn perl_folders(e: &Environment) -> Vec<PathBuf> {
    let beside = e.programs("perl").into_iter().filter_map(|p| Some(disk::real(p)?.parent()?.parent()?.join("lib/perl5")));
    let mut out: Vec<PathBuf> = beside.flat_map(|lib| newest(&lib)).collect();
    out.extend(newest(&e.system.join("usr/share/perl")));
    out.extend(below_machine(e, "perl"));
    out.extend(["usr/share/perl5/core_perl", "usr/lib/perl5/core_perl"].map(|f| e.system.join(f)));
    out.extend(disk::entries(e.system.join("usr/lib")).into_iter().map(|m| m.join("perl-base")));
    kept(out)
}

/// Where further modules lie.
fn module_folders(e: &Environment) -> Vec<PathBuf> {
    let mut out: Vec<PathBuf> = (e.variable)("PERL5LIB").map(|v| std::env::split_paths(&v).collect()).unwrap_or_default();
    out.extend(e.home.map(|h| h.join("perl5/lib/perl5")));
    out.extend(newest(&e.system.join("usr/local/share/perl")));
    out.extend(["usr/share/perl5", "usr/share/perl5/vendor_perl", "usr/local/share/perl5"].map(|f| e.system.join(f)));
    out.extend(below_machine(e, "perl5"));
    kept(out)
}

/// `usr/lib/MACHINE/NAME/VERSION`.
fn below_machine(e: &Environment, name: &str) -> Vec<PathBuf> {
    disk::entries(e.system.join("usr/lib")).into_iter().flat_map(|machine| newest(&machine.join(name))).collect()
}

/// The folder of the highest version below a folder.
fn newest(folder: &Path) -> Option<PathBuf> {
    let version = |p: &PathBuf| -> Option<Vec<u32>> { p.file_name()?.to_str()?.split('.').map(|n| n.parse().ok()).collect() };
    disk::entries(folder).into_iter().filter_map(|p| Some((version(&p)?, p))).max().map(|(_, p)| p)
}

fn kept(folders: Vec<PathBuf>) -> Vec<PathBuf> {
    let mut seen = BTreeSet::new();
    let real = |f: &PathBuf| disk::real(f).unwrap_or_else(|| f.clone());
    folders.into_iter().filter(|f| disk::is_folder(f)).filter(|f| seen.insert(real(f))).collect()
}

/// Packages of all modules that the own files name, one after the other; with the names they are asked for by.
fn packages(plan: &Plan, folders: &[(PathBuf, bool)], found: &mut Found) -> Vec<(String, usize)> {
    let mut files: BTreeMap<(usize, String), Vec<PathBuf>> = BTreeMap::new();
    let texts = own_files(plan).filter_map(|f| disk::read_text(&f.full).ok());
    let mut open: VecDeque<String> = texts.flat_map(|t| named(&t)).collect();
    let mut seen: BTreeSet<String> = BTreeSet::new();
    while let Some(module) = open.pop_front().filter(|_| seen.len() < MOST_MODULES) {
        if !seen.insert(module.clone()) {
            continue;
        }
        let path = format!("{}.pm", module.replace("::", "/"));
        let Some((at, file)) = folders.iter().enumerate().map(|(at, (f, _))| (at, f.join(&path))).find(|(_, f)| disk::is_file(f)) else { continue };
        open.extend(disk::read_text(&file).iter().flat_map(|t| named(t)));
        // The documentation may stand in a file of its own.
        let documented = file.with_extension("pod");
        let group = if folders[at].1 { "std" } else { module.split("::").next().unwrap_or(&module) };
        let of_group = files.entry((at, group.to_owned())).or_default();
        of_group.extend(disk::is_file(&documented).then_some(documented));
        of_group.push(file);
    }
    let add = |((at, name), files): ((usize, String), Vec<PathBuf>)| {
        let version = files.iter().filter(|_| name != "std").find_map(|f| version(&disk::read_text(f).ok()?)).unwrap_or_default();
        let package = Package { version, ..Package::of_files(LIBRARIES, &name, &folders[at].0, files) };
        (name, found.add(package))
    };
    files.into_iter().map(add).collect()
}

/// The modules that a text names in `use`, `require` and the lists of bases.
fn named(text: &str) -> Vec<String> {
    let is_name = |w: &&str| w.starts_with(|c: char| c.is_ascii_alphabetic()) && w.chars().all(|c| c.is_ascii_alphanumeric() || c == ':' || c == '_');
    let mut out = Vec::new();
    for line in text.lines() {
        let line = line.trim_start();
        let Some(rest) = ["use ", "require "].iter().find_map(|w| line.strip_prefix(w)) else { continue };
        let mut words = rest.split(|c: char| c.is_whitespace() || ";'\"(),".contains(c)).filter(|w| !w.is_empty());
        let Some(module) = words.next().filter(is_name) else { continue };
        out.push(module.to_owned());
        if matches!(module, "parent" | "base") {
            out.extend(words.filter(|w| *w != "qw").filter(is_name).map(str::to_owned));
        }
    }
    out
}

/// `our $VERSION = '1.20';`.
fn version(text: &str) -> Option<String> {
    let line = text.lines().find(|l| l.contains("VERSION") && l.contains('='))?;
    let value = line.split_once('=')?.1.trim().trim_start_matches(['\'', '"', 'v']);
    let version: String = value.chars().take_while(|c| c.is_ascii_digit() || matches!(c, '.' | '_')).collect();
    (!version.is_empty()).then_some(version)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn texts_name_modules() {
        let text = "use strict;\nuse parent -norequire, qw(Larder::Base Larder::Kind);\n  require Larder::Salt;\nuse 5.010;\nuse Rack::Wash 1.2 'turn';\nrequire \"x.pl\";\n# use Not;\n";
        assert_eq!(named(text), ["strict", "parent", "Larder::Base", "Larder::Kind", "Larder::Salt", "Rack::Wash"]);
    }

    #[test]
    fn versions_are_read() {
        assert_eq!(version("package A;\nour $VERSION = '1.20';\n"), Some("1.20".to_owned()));
        assert_eq!(version("package A;\n$A::VERSION = v2.3;\n"), Some("2.3".to_owned()));
        assert_eq!(version("package A;\n"), None);
    }

    #[test]
    fn folders_of_a_system_are_found() {
        let dir = tempfile::tempdir().expect("a folder");
        for folder in ["usr/share/perl/5.9.1", "usr/share/perl/5.36.0", "usr/share/perl5", "usr/lib/some-machine/perl/5.36", "usr/lib/some-machine/perl-base"] {
            std::fs::create_dir_all(dir.path().join(folder)).expect("folders");
        }
        let environment = Environment { variable: &|_| None, home: None, system: dir.path() };
        let below = |folders: Vec<PathBuf>| -> Vec<String> {
            folders.iter().map(|f| f.strip_prefix(dir.path()).expect("below").to_string_lossy().into_owned()).collect()
        };
        assert_eq!(below(perl_folders(&environment)), ["usr/share/perl/5.36.0", "usr/lib/some-machine/perl/5.36", "usr/lib/some-machine/perl-base"]);
        assert_eq!(below(module_folders(&environment)), ["usr/share/perl5"]);
    }
}
