//! Where package managers keep what they brought, read off variables and off what stands on the search path. Nothing is run.

use compass_index::plan::Machine;
use std::path::{Path, PathBuf};

/// Looks at the environment of the process.
pub fn machine() -> Machine {
    let home = directories::BaseDirs::new().map(|d| d.home_dir().to_owned());
    Environment { variable: &|name| std::env::var_os(name).filter(|v| !v.is_empty()).map(PathBuf::from), home: home.as_deref(), system: Path::new("/") }
        .machine()
}

/// What is asked; tests give answers of their own.
struct Environment<'e> {
    variable: &'e dyn Fn(&str) -> Option<PathBuf>,
    home: Option<&'e Path>,
    /// The top of the system's folders.
    system: &'e Path,
}

impl Environment<'_> {
    fn machine(&self) -> Machine {
        Machine {
            cargo: self.folder("CARGO_HOME", ".cargo"),
            rust_library: self.rust_library(),
            go_modules: self.go_modules(),
            go_library: self.go_library(),
            python_environment: (self.variable)("VIRTUAL_ENV").filter(|p| p.is_dir()),
            python_library: self.python_library(),
            node_packages: self.node_packages(),
            headers: self.headers(),
        }
    }

    /// The folder of a variable, or the usual one below the home folder.
    fn folder(&self, variable: &str, usual: &str) -> Option<PathBuf> {
        (self.variable)(variable).or_else(|| Some(self.home?.join(usual))).filter(|p| p.is_dir())
    }

    /// Programs of a name on the search path.
    fn programs(&self, name: &str) -> Vec<PathBuf> {
        let path = (self.variable)("PATH").unwrap_or_default();
        std::env::split_paths(&path).map(|d| d.join(name)).filter(|p| p.is_file()).collect()
    }

    /// The sources of the standard library in the toolchain that is the default, or in any.
    fn rust_library(&self) -> Option<PathBuf> {
        const SOURCES: &str = "lib/rustlib/src/rust/library";
        let rustup = self.folder("RUSTUP_HOME", ".rustup");
        let toolchains = rustup.as_ref().map(|r| r.join("toolchains"));
        let settings = rustup.and_then(|r| compass_index::disk::read_text(r.join("settings.toml")).ok()).unwrap_or_default();
        let default = settings.lines().find_map(|l| l.strip_prefix("default_toolchain")).map(|l| l.trim_matches([' ', '=', '"']).to_owned());
        let mut folders: Vec<PathBuf> = default.iter().filter_map(|d| Some(toolchains.as_ref()?.join(d))).collect();
        folders.extend(toolchains.iter().flat_map(|t| sorted(t)));
        folders.extend(self.programs("rustc").iter().filter_map(|p| Some(p.canonicalize().ok()?.parent()?.parent()?.to_owned())));
        folders.into_iter().map(|f| f.join(SOURCES)).find(|p| p.is_dir())
    }

    fn go_modules(&self) -> Option<PathBuf> {
        let below = |go: PathBuf| go.join("pkg/mod");
        let given = (self.variable)("GOMODCACHE").or_else(|| (self.variable)("GOPATH").map(below));
        given.or_else(|| Some(below(self.home?.join("go")))).filter(|p| p.is_dir())
    }

    fn go_library(&self) -> Option<PathBuf> {
        let mut folders: Vec<PathBuf> = (self.variable)("GOROOT").into_iter().collect();
        folders.extend(self.programs("go").iter().filter_map(|p| Some(p.canonicalize().ok()?.parent()?.parent()?.to_owned())));
        folders.extend(["usr/local/go", "usr/lib/go"].map(|f| self.system.join(f)));
        folders.into_iter().map(|f| f.join("src")).find(|p| p.join("fmt").is_dir())
    }

    /// `lib/python3.x` beside the first `python3` of the search path that has one, or of the version that a manager of versions has chosen.
    fn python_library(&self) -> Option<PathBuf> {
        let chosen = (self.variable)("PYENV_ROOT").or_else(|| Some(self.home?.join(".pyenv"))).and_then(|root| {
            let version = compass_index::disk::read_text(root.join("version")).ok()?;
            Some(root.join("versions").join(version.lines().next()?.trim()))
        });
        // A program in a folder of shims stands for the chosen version.
        let programs = self.programs("python3");
        let is_shim = programs.first().and_then(|p| p.parent()).is_some_and(|d| d.ends_with("shims"));
        let on_path = programs.into_iter().filter_map(|p| Some(p.canonicalize().ok()?.parent()?.parent()?.to_owned()));
        let library = |prefix: PathBuf| {
            let mut found: Vec<PathBuf> = sorted(&prefix.join("lib"));
            found.retain(|p| p.file_name().and_then(|n| n.to_str()).is_some_and(|n| n.starts_with("python3")) && p.join("os.py").is_file());
            found.pop()
        };
        chosen.iter().filter(|_| is_shim).cloned().chain(on_path).chain(chosen.clone()).find_map(library)
    }

    /// Where packages are installed for all: the folder said, those beside the programs on the search path, the system's.
    fn node_packages(&self) -> Vec<PathBuf> {
        let said = ["NPM_CONFIG_PREFIX", "npm_config_prefix"].iter().filter_map(|v| Some((self.variable)(v)?.join("lib/node_modules")));
        let beside = self.programs("node").into_iter().filter_map(|p| Some(p.canonicalize().ok()?.parent()?.parent()?.join("lib/node_modules")));
        let own = self.home.map(|h| h.join(".npm-global/lib/node_modules"));
        let usual = ["usr/local/lib/node_modules", "usr/lib/node_modules", "usr/share/nodejs"].map(|f| self.system.join(f));
        let mut out: Vec<PathBuf> = said.chain(beside).chain(own).chain(usual).filter(|p| p.is_dir()).collect();
        let mut seen = std::collections::HashSet::new();
        out.retain(|p| seen.insert(p.clone()));
        out
    }

    /// Folders of headers in the order of the GNU compiler, those of C++ first.
    fn headers(&self) -> Vec<PathBuf> {
        let include = self.system.join("usr/include");
        let newest = |folder: &Path| sorted(folder).into_iter().filter(|p| p.is_dir()).max_by_key(|p| version_of(p));
        let mut out: Vec<PathBuf> = Vec::new();
        let triples: Vec<PathBuf> = sorted(&self.system.join("usr/lib/gcc"));
        let triple = triples.first().and_then(|t| t.file_name()).map(PathBuf::from);
        if let Some(cpp) = newest(&include.join("c++")) {
            let version = cpp.file_name().map(PathBuf::from).unwrap_or_default();
            out.push(cpp.clone());
            out.extend(triple.as_ref().map(|t| include.join(t).join("c++").join(&version)));
            out.push(cpp.join("backward"));
        }
        out.extend(triples.first().and_then(|t| newest(t)).map(|v| v.join("include")));
        out.push(self.system.join("usr/local/include"));
        out.extend(triple.map(|t| include.join(t)));
        out.push(include);
        out.retain(|p| p.is_dir());
        out
    }
}

/// What stands in a folder, by name.
fn sorted(folder: &Path) -> Vec<PathBuf> {
    let mut out: Vec<PathBuf> = std::fs::read_dir(folder).into_iter().flatten().flatten().map(|e| e.path()).collect();
    out.sort();
    out
}

/// The version that a folder is called by.
fn version_of(folder: &Path) -> Vec<u32> {
    let name = folder.file_name().and_then(|n| n.to_str()).unwrap_or("");
    name.split('.').map(|n| n.parse().unwrap_or(0)).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    fn made(folders: &[&str], files: &[(&str, &str)]) -> tempfile::TempDir {
        let dir = tempfile::tempdir().expect("a folder");
        for folder in folders {
            std::fs::create_dir_all(dir.path().join(folder)).expect("folders");
        }
        for (path, text) in files {
            let path = dir.path().join(path);
            std::fs::create_dir_all(path.parent().expect("a parent")).expect("folders");
            std::fs::write(path, text).expect("a file");
        }
        dir
    }

    #[test]
    fn usual_places_are_found_below_home_and_system() {
        let library = "home/.rustup/toolchains/new/lib/rustlib/src/rust/library";
        let dir = made(
            &[
                "home/.cargo",
                "home/go/pkg/mod",
                "usr/local/go/src/fmt",
                library,
                "usr/include/c++/9",
                "usr/include/c++/12",
                "usr/lib/gcc/x86/12/include",
                "usr/include/x86",
            ],
            &[
                ("home/.rustup/settings.toml", "version = \"12\"\ndefault_toolchain = \"old\"\n"),
                ("home/.pyenv/version", "3.11.7\n"),
                ("home/.pyenv/versions/3.11.7/lib/python3.11/os.py", ""),
            ],
        );
        let at = |path: &str| dir.path().join(path);
        let home = at("home");
        let machine = Environment { variable: &|_| None, home: Some(&home), system: dir.path() }.machine();
        assert_eq!((machine.cargo, machine.go_modules), (Some(at("home/.cargo")), Some(at("home/go/pkg/mod"))));
        assert_eq!((machine.go_library, machine.rust_library), (Some(at("usr/local/go/src")), Some(at(library))));
        assert_eq!(machine.python_library, Some(at("home/.pyenv/versions/3.11.7/lib/python3.11")));
        let headers = ["usr/include/c++/12", "usr/lib/gcc/x86/12/include", "usr/include/x86", "usr/include"].map(at);
        assert_eq!(machine.headers, headers, "the newest version, C++ first");
    }

    #[test]
    fn variables_come_before_usual_places() {
        let dir = made(&["cargo", "home/.cargo", "modules", "venv", "tools/go/src/fmt", "tools/go/bin"], &[("tools/go/bin/go", "")]);
        let at = |path: &str| dir.path().join(path);
        let home = at("home");
        let variable = |name: &str| {
            Some(match name {
                "CARGO_HOME" => at("cargo"),
                "GOMODCACHE" => at("modules"),
                "VIRTUAL_ENV" => at("venv"),
                "PATH" => at("tools/go/bin"),
                _ => return None,
            })
        };
        let machine = Environment { variable: &variable, home: Some(&home), system: dir.path() }.machine();
        assert_eq!((machine.cargo, machine.go_modules), (Some(at("cargo")), Some(at("modules"))));
        assert_eq!(machine.python_environment, Some(at("venv")));
        let library = machine.go_library.expect("beside the program");
        assert_eq!(library, at("tools/go/src").canonicalize().unwrap_or_else(|_| at("tools/go/src")));
    }

    #[test]
    fn packages_of_node_are_those_said_then_beside_the_program_then_the_usual_ones() {
        let dir = made(
            &["said/lib/node_modules", "tools/node/lib/node_modules", "home/.npm-global/lib/node_modules", "usr/lib/node_modules", "usr/share/nodejs"],
            &[("tools/node/bin/node", "")],
        );
        let at = |path: &str| dir.path().join(path);
        let home = at("home");
        let variable = |name: &str| match name {
            "NPM_CONFIG_PREFIX" => Some(at("said")),
            "PATH" => Some(at("tools/node/bin")),
            _ => None,
        };
        let machine = Environment { variable: &variable, home: Some(&home), system: dir.path() }.machine();
        let real = |path: &str| at(path).canonicalize().expect("a path");
        let found: Vec<PathBuf> = machine.node_packages.iter().map(|p| p.canonicalize().expect("a path")).collect();
        let wanted = ["said/lib/node_modules", "tools/node/lib/node_modules", "home/.npm-global/lib/node_modules", "usr/lib/node_modules", "usr/share/nodejs"];
        assert_eq!(found, wanted.map(real));
    }

    #[test]
    fn a_bare_machine_has_nothing() {
        let dir = tempfile::tempdir().expect("a folder");
        assert_eq!(Environment { variable: &|_| None, home: None, system: dir.path() }.machine(), Machine::default());
    }
}
