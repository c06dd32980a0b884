//! Names, versions and entry files of packages, from the manifests of their ecosystems.

use quick_xml::events::Event;
use std::path::Path;

/// Where a unit's manifest comes from.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Ecosystem {
    /// `Cargo.toml`.
    Cargo,
    /// `package.json`.
    Npm,
    /// `go.mod`.
    Go,
    /// `pom.xml`.
    Maven,
    /// `build.gradle`, `build.gradle.kts`.
    Gradle,
    /// `pyproject.toml`, `setup.py`, `setup.cfg`.
    Python,
    /// `composer.json`.
    Composer,
    /// No manifest: a plain folder.
    Plain,
}

impl Ecosystem {
    /// The word kept in the store.
    pub fn word(self) -> &'static str {
        match self {
            Ecosystem::Cargo => "cargo",
            Ecosystem::Npm => "npm",
            Ecosystem::Go => "go",
            Ecosystem::Maven => "maven",
            Ecosystem::Gradle => "gradle",
            Ecosystem::Python => "python",
            Ecosystem::Composer => "composer",
            Ecosystem::Plain => "plain",
        }
    }

    /// The ecosystem of a stored word.
    pub fn of_word(word: &str) -> Ecosystem {
        match word {
            "cargo" => Ecosystem::Cargo,
            "npm" => Ecosystem::Npm,
            "go" => Ecosystem::Go,
            "maven" => Ecosystem::Maven,
            "gradle" => Ecosystem::Gradle,
            "python" => Ecosystem::Python,
            "composer" => Ecosystem::Composer,
            _ => Ecosystem::Plain,
        }
    }
}

/// What a manifest says.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Manifest {
    /// Where it comes from.
    pub ecosystem: Ecosystem,
    /// The package's name, if given.
    pub name: Option<String>,
    /// Its version, if given.
    pub version: Option<String>,
    /// Entry files, best first, relative to the manifest.
    pub entries: Vec<String>,
    /// Position of its file name in [`NAMES`].
    pub rank: usize,
    /// Names of packages it asks for, where they say which of the installed ones it uses itself.
    pub asks_for: Vec<String>,
}

impl Manifest {
    fn new(ecosystem: Ecosystem, name: Option<String>, version: Option<String>) -> Manifest {
        Manifest { ecosystem, name, version, entries: Vec::new(), rank: 0, asks_for: Vec::new() }
    }
}

/// File names that make a folder a unit, by rank.
pub const NAMES: [&str; 10] =
    ["Cargo.toml", "package.json", "go.mod", "pom.xml", "build.gradle", "build.gradle.kts", "pyproject.toml", "setup.cfg", "setup.py", "composer.json"];

/// The ecosystem of a manifest by its file name.
pub(super) fn ecosystem_of(file: &str) -> Option<&'static Ecosystem> {
    Some(match file {
        "Cargo.toml" => &Ecosystem::Cargo,
        "package.json" => &Ecosystem::Npm,
        "go.mod" => &Ecosystem::Go,
        "pom.xml" => &Ecosystem::Maven,
        "build.gradle" | "build.gradle.kts" => &Ecosystem::Gradle,
        "pyproject.toml" | "setup.cfg" | "setup.py" => &Ecosystem::Python,
        "composer.json" => &Ecosystem::Composer,
        _ => return None,
    })
}

/// Reads the manifest of a folder; `None` when there is none, or it names no package.
pub fn read(dir: &Path, file: &str) -> Option<Manifest> {
    let text = crate::disk::read_text(dir.join(file)).ok()?;
    let rank = NAMES.iter().position(|n| *n == file).unwrap_or(NAMES.len());
    parse(dir, file, &text).map(|manifest| Manifest { rank, ..manifest })
}

fn parse(dir: &Path, file: &str, text: &str) -> Option<Manifest> {
    match file {
        "Cargo.toml" => cargo(text),
        "package.json" => npm(text),
        "go.mod" => go(text),
        "pom.xml" => maven(text),
        "build.gradle" | "build.gradle.kts" => Some(gradle(dir, text)),
        "pyproject.toml" => python(text),
        "composer.json" => composer(dir, text),
        _ => Some(Manifest::new(Ecosystem::Python, setup_name(text), None)),
    }
}

fn cargo(text: &str) -> Option<Manifest> {
    let manifest: toml::Table = text.parse().ok()?;
    let package = manifest.get("package")?;
    let path_of = |section: &str| manifest.get(section).and_then(|s| s.get("path")).and_then(|p| p.as_str()).map(str::to_owned);
    let entries = path_of("lib").into_iter().chain(["src/lib.rs".to_owned(), "src/main.rs".to_owned()]).collect();
    // A crate may rename its library: then that is the name others use.
    let lib_name = manifest.get("lib").and_then(|l| l.get("name")).and_then(|n| n.as_str());
    let name = lib_name.or_else(|| package.get("name").and_then(|n| n.as_str()));
    Some(Manifest { entries, ..Manifest::new(Ecosystem::Cargo, name.map(str::to_owned), string(package.get("version"))) })
}

fn npm(text: &str) -> Option<Manifest> {
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
    Some(Manifest { entries, asks_for, ..Manifest::new(Ecosystem::Npm, field("name"), field("version")) })
}

/// Beside the packages of a folder: what is installed there, with versions.
pub const COMPOSER_RECORD: &str = "composer/installed.json";

/// Packages rarely say their own version: the record of what is installed does.
fn composer(dir: &Path, text: &str) -> Option<Manifest> {
    let manifest: serde_json::Value = serde_json::from_str(text).ok()?;
    let field = |name: &str| manifest.get(name).and_then(|v| v.as_str()).map(str::to_owned);
    let name = field("name");
    let version = field("version").or_else(|| composer_version(dir, name.as_deref()?));
    let asks_for = ["require", "require-dev"].iter().filter_map(|t| manifest.get(*t)?.as_object()).flat_map(|t| t.keys().cloned());
    // What the language itself must have is no package.
    let asks_for = asks_for.filter(|n| n.contains('/')).collect();
    Some(Manifest { asks_for, ..Manifest::new(Ecosystem::Composer, name, version) })
}

/// The version that a package was installed in: it stands two folders below the one that has the record.
fn composer_version(dir: &Path, name: &str) -> Option<String> {
    let text = crate::disk::read_text(dir.parent()?.parent()?.join(COMPOSER_RECORD)).ok()?;
    let record: serde_json::Value = serde_json::from_str(&text).ok()?;
    // An older form is the list alone.
    let packages = record.get("packages").unwrap_or(&record).as_array()?;
    let package = packages.iter().find(|p| p.get("name").and_then(|n| n.as_str()) == Some(name))?;
    Some(package.get("version")?.as_str()?.trim_start_matches('v').to_owned())
}

/// Stands before entries that are meant where a package is brought in by `require`.
pub const FOR_REQUIRE: &str = "require:";

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

/// The targets of `"."` in an `exports` map, by the names of their conditions.
fn exported(value: &serde_json::Value, entries: &mut Vec<String>) {
    match value {
        serde_json::Value::String(path) => entries.push(path.clone()),
        serde_json::Value::Object(map) => {
            let has_paths = map.keys().any(|k| k.starts_with('.'));
            for (key, inner) in map {
                if !has_paths || key == "." {
                    exported(inner, entries);
                }
            }
        }
        _ => {}
    }
}

fn go(text: &str) -> Option<Manifest> {
    let name = text.lines().find_map(|l| l.trim().strip_prefix("module "))?;
    let name = name.split("//").next().unwrap_or(name).trim().trim_matches('"');
    Some(Manifest::new(Ecosystem::Go, Some(name.to_owned()), None))
}

/// The project's own name and version: those of its parent and of what it depends on stand in elements of their own.
fn maven(text: &str) -> Option<Manifest> {
    let mut reader = quick_xml::Reader::from_str(text);
    let (mut depth, mut field) = (0u32, None);
    let (mut name, mut version) = (None, None);
    while name.is_none() || version.is_none() {
        match reader.read_event() {
            Ok(Event::Start(element)) => {
                depth += 1;
                field = (depth == 2).then(|| element.local_name().as_ref().to_vec());
            }
            Ok(Event::Text(words)) => {
                let words = words.decode().map(|t| t.trim().to_owned()).unwrap_or_default();
                match field.as_deref().filter(|_| !words.is_empty()) {
                    Some(b"artifactId") => name = Some(words),
                    Some(b"version") => version = Some(words),
                    _ => {}
                }
            }
            Ok(Event::End(_)) => {
                depth = depth.saturating_sub(1);
                field = None;
            }
            // What follows a mistake is not read; what was said before counts.
            Ok(Event::Eof) | Err(_) => break,
            Ok(_) => {}
        }
    }
    Some(Manifest::new(Ecosystem::Maven, name, version))
}

/// A module is called as its settings say, or like its folder; `version = "…"` stands at the beginning of a line.
fn gradle(dir: &Path, text: &str) -> Manifest {
    let settings = ["settings.gradle", "settings.gradle.kts"].iter().find_map(|f| crate::disk::read_text(dir.join(f)).ok()).unwrap_or_default();
    let value = |text: &str, key: &str| {
        let rest = text.lines().find_map(|l| l.trim().strip_prefix(key))?.trim_start_matches([' ', '=', '(']);
        let quote = rest.chars().next().filter(|c| matches!(c, '\'' | '"'))?;
        Some(rest[1..].split_once(quote)?.0.to_owned())
    };
    let folder = || dir.file_name().map(|n| n.to_string_lossy().into_owned());
    Manifest::new(Ecosystem::Gradle, value(&settings, "rootProject.name").or_else(folder), value(text, "version"))
}

fn python(text: &str) -> Option<Manifest> {
    let manifest: toml::Table = text.parse().ok()?;
    let project = manifest.get("project").or_else(|| manifest.get("tool").and_then(|t| t.get("poetry")));
    let name = project.and_then(|p| string(p.get("name")));
    let version = project.and_then(|p| string(p.get("version")));
    Some(Manifest::new(Ecosystem::Python, name, version))
}

fn string(value: Option<&toml::Value>) -> Option<String> {
    value.and_then(|v| v.as_str()).map(str::to_owned)
}

/// `name = x` of a `setup.cfg`, `name="x"` of a `setup.py`.
fn setup_name(text: &str) -> Option<String> {
    let line = text.lines().map(str::trim).find(|l| l.starts_with("name") && l.contains('='))?;
    let value = line.split_once('=')?.1.trim().trim_end_matches(',').trim_matches(['"', '\'']);
    (!value.is_empty() && value.chars().all(|c| c.is_alphanumeric() || "-_.".contains(c))).then(|| value.to_owned())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn workspace_manifests_without_a_package_are_no_unit() {
        assert_eq!(cargo("[workspace]\nmembers = []"), None);
    }

    #[test]
    fn a_renamed_library_is_known_by_its_new_name() {
        let manifest = cargo("[package]\nname = 'oak-rack'\nversion = '1.2.0'\n[lib]\nname = 'rack'\npath = 'core.rs'").expect("package");
        assert_eq!((manifest.name.as_deref(), manifest.entries[0].as_str()), (Some("rack"), "core.rs"));
    }

    #[test]
    fn sources_come_before_built_files() {
        let manifest = npm(r#"{"name":"board","main":"dist/board.js","exports":{".":{"import":"./dist/board.mjs"},"./x":"./x.js"}}"#).expect("package");
        assert_eq!(manifest.entries[0], "src/index.ts");
        let both = npm(r#"{"name":"board","exports":{".":{"import":{"default":"./esm/a.js"},"require":{"types":"./cjs/a.d.ts","default":"./cjs/a.js"}}}}"#)
            .expect("package");
        let required: Vec<&str> = both.entries.iter().filter_map(|e| e.strip_prefix(FOR_REQUIRE)).collect();
        assert_eq!(required, ["./cjs/a.d.ts", "./cjs/a.js"], "as the manifest has them");
        assert!(manifest.entries.contains(&"./dist/board.mjs".to_owned()) && !manifest.entries.contains(&"./x.js".to_owned()));
    }

    #[test]
    fn modules_of_go_are_known_by_their_path() {
        let manifest = go("// A planner.\nmodule example.org/larder/planner // v2\n\ngo 1.21\n").expect("module");
        assert_eq!(manifest.name.as_deref(), Some("example.org/larder/planner"));
        assert_eq!(go("go 1.21\n"), None);
    }

    #[test]
    fn a_project_is_not_called_like_its_parent() {
        let text = "<project><parent><artifactId>larder</artifactId><version>1</version></parent><artifactId>ledger</artifactId><version>2.1</version><dependencies><dependency><artifactId>x</artifactId></dependency></dependencies></project>";
        let manifest = maven(text).expect("project");
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("ledger"), Some("2.1")));
    }

    #[test]
    fn modules_of_gradle_are_called_like_their_settings_or_their_folder() {
        let dir = tempfile::tempdir().expect("a folder");
        let ledger = dir.path().join("ledger");
        std::fs::create_dir_all(&ledger).expect("folders");
        std::fs::write(ledger.join("build.gradle.kts"), "plugins { java }\nversion = \"1.4\"\n").expect("a file");
        let manifest = read(&ledger, "build.gradle.kts").expect("a manifest");
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("ledger"), Some("1.4")));
        std::fs::write(ledger.join("settings.gradle"), "rootProject.name = 'larder-ledger'\n").expect("a file");
        assert_eq!(read(&ledger, "build.gradle.kts").expect("a manifest").name.as_deref(), Some("larder-ledger"));
    }

    #[test]
    fn packages_of_composer_have_the_version_they_were_installed_in() {
        let dir = tempfile::tempdir().expect("a folder");
        let package = dir.path().join("vendor/oak/rack");
        std::fs::create_dir_all(&package).expect("folders");
        std::fs::create_dir_all(dir.path().join("vendor/composer")).expect("folders");
        std::fs::write(package.join("composer.json"), r#"{"name":"oak/rack","require":{"php":">=8","oak/wash":"^1"}}"#).expect("a file");
        assert_eq!(read(&package, "composer.json").expect("a manifest").version, None);
        for record in [r#"{"packages":[{"name":"oak/rack","version":"v2.1.0"}]}"#, r#"[{"name":"oak/rack","version":"2.1.0"}]"#] {
            std::fs::write(dir.path().join("vendor").join(COMPOSER_RECORD), record).expect("a file");
            let manifest = read(&package, "composer.json").expect("a manifest");
            assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("oak/rack"), Some("2.1.0")));
            assert_eq!(manifest.asks_for, ["oak/wash"]);
        }
        assert_eq!(composer(&package, "{"), None);
    }

    #[test]
    fn setup_files_give_names() {
        assert_eq!(setup_name("setup(\n    name=\"larder\",\n)"), Some("larder".to_owned()));
        assert_eq!(setup_name("name = read('x')"), None);
    }
}
