//! Where package managers keep what they brought, read off variables and off what stands on the search path. Nothing is run.

use compass_index::plan::{Environment, Machine, declared};
use std::path::{Path, PathBuf};

/// Looks at the environment of the process, and puts the declarations of standard libraries into the cache.
pub fn machine() -> Machine {
    let home = directories::BaseDirs::new().map(|d| d.home_dir().to_owned());
    let variable = |name: &str| std::env::var_os(name).filter(|v| !v.is_empty()).map(PathBuf::from);
    let machine = Machine::of(&Environment { variable: &variable, home: home.as_deref(), system: Path::new("/") });
    match crate::declarations::write_out(&crate::places::declarations_folder()) {
        Ok(folder) => machine.with(declared::WORD, vec![folder]),
        // A cache that cannot be written costs the declarations alone.
        Err(why) => {
            tracing::warn!("declarations of standard libraries: {why}");
            machine
        }
    }
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
        languages::register();
        let machine = Machine::of(&Environment { variable: &|_| None, home: Some(&home), system: dir.path() });
        assert_eq!((machine.first("cargo").cloned(), machine.first("go modules").cloned()), (Some(at("home/.cargo")), Some(at("home/go/pkg/mod"))));
        assert_eq!((machine.first("go library").cloned(), machine.first("rust library").cloned()), (Some(at("usr/local/go/src")), Some(at(library))));
        assert_eq!(machine.first("python library").cloned(), Some(at("home/.pyenv/versions/3.11.7/lib/python3.11")));
        let headers = ["usr/include/c++/12", "usr/lib/gcc/x86/12/include", "usr/include/x86", "usr/include"].map(at);
        assert_eq!(machine.all("headers"), headers, "the newest version, C++ first");
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
        languages::register();
        let machine = Machine::of(&Environment { variable: &variable, home: Some(&home), system: dir.path() });
        assert_eq!((machine.first("cargo").cloned(), machine.first("go modules").cloned()), (Some(at("cargo")), Some(at("modules"))));
        assert_eq!(machine.first("python environment").cloned(), Some(at("venv")));
        let library = machine.first("go library").cloned().expect("beside the program");
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
        languages::register();
        let machine = Machine::of(&Environment { variable: &variable, home: Some(&home), system: dir.path() });
        let real = |path: &str| at(path).canonicalize().expect("a path");
        let found: Vec<PathBuf> = machine.all("node packages").iter().map(|p| p.canonicalize().expect("a path")).collect();
        let wanted = ["said/lib/node_modules", "tools/node/lib/node_modules", "home/.npm-global/lib/node_modules", "usr/lib/node_modules", "usr/share/nodejs"];
        assert_eq!(found, wanted.map(real));
    }

    #[test]
    fn a_bare_machine_has_nothing() {
        let dir = tempfile::tempdir().expect("a folder");
        assert_eq!(Machine::of(&Environment { variable: &|_| None, home: None, system: dir.path() }), Machine::default());
    }
}
