//! Modules of Maven and Gradle: names and versions.

use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use compass_index::tree::disk;
use quick_xml::events::Event;
use std::path::Path;

/// `pom.xml`.
pub const MAVEN: Ecosystem = Ecosystem(&Maven);
/// `build.gradle`, `build.gradle.kts`.
pub const GRADLE: Ecosystem = Ecosystem(&Gradle);

/// `build.sbt`.
pub const SBT: Ecosystem = Ecosystem(&Sbt);

struct Sbt;

impl Packaging for Sbt {
    fn word(&self) -> &'static str {
        "sbt"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["build.sbt"]
    }

    fn read(&self, dir: &Path, _: &str, text: &str) -> Option<Manifest> {
        Some(sbt(dir, text))
    }
}

struct Maven;

impl Packaging for Maven {
    fn word(&self) -> &'static str {
        "maven"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["pom.xml"]
    }

    fn read(&self, _: &Path, _: &str, text: &str) -> Option<Manifest> {
        maven(text)
    }
}

struct Gradle;

impl Packaging for Gradle {
    fn word(&self) -> &'static str {
        "gradle"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["build.gradle", "build.gradle.kts"]
    }

    fn read(&self, dir: &Path, _: &str, text: &str) -> Option<Manifest> {
        Some(gradle(dir, text))
    }
}

/// The first settings of a build that are plain texts, at the margin or in a project; without a name the folder's counts. A build that
/// computes them is not run.
fn sbt(dir: &Path, text: &str) -> Manifest {
    let setting = |key: &str| {
        text.lines().find_map(|line| {
            let line = line.trim_start();
            let rest = line.strip_prefix("ThisBuild / ").unwrap_or(line).strip_prefix(key)?;
            rest.trim_start().strip_prefix(":=")?.trim_start().strip_prefix('"')?.split('"').next().map(str::to_owned)
        })
    };
    let folder = || Some(dir.file_name()?.to_string_lossy().into_owned());
    Manifest::new(SBT, setting("name").or_else(folder), setting("version"))
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
                field = (depth == 2).then(|| element.local_name().as_ref().to_owned());
            }
            Ok(Event::Text(words)) => {
                let words = words.trim().to_owned();
                match field.as_deref().filter(|_| !words.is_empty()) {
                    Some("artifactId") => name = Some(words),
                    Some("version") => version = Some(words),
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
    Some(Manifest::new(MAVEN, name, version))
}

/// A module is called as its settings say, or like its folder; `version = "…"` stands at the beginning of a line.
fn gradle(dir: &Path, text: &str) -> Manifest {
    let settings = ["settings.gradle", "settings.gradle.kts"].iter().find_map(|f| disk::read_text(dir.join(f)).ok()).unwrap_or_default();
    let value = |text: &str, key: &str| {
        let rest = text.lines().find_map(|l| l.trim().strip_prefix(key))?.trim_start_matches([' ', '=', '(']);
        let quote = rest.chars().next().filter(|c| matches!(c, '\'' | '"'))?;
        Some(rest[1..].split_once(quote)?.0.to_owned())
    };
    let folder = || dir.file_name().map(|n| n.to_string_lossy().into_owned());
    Manifest::new(GRADLE, value(&settings, "rootProject.name").or_else(folder), value(text, "version"))
}

#[cfg(test)]
mod tests {
    use super::*;

    fn read(dir: &Path, file: &str) -> Option<Manifest> {
        Gradle.read(dir, file, &disk::read_text(dir.join(file)).ok()?)
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
    fn plain_settings_of_a_build_are_read() {
        let manifest = sbt(Path::new("/work/larder"), "ThisBuild / version := \"1.2\"\nlazy val root = project\n  .settings(\n    name := \"ledger\",\n  )\n");
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("ledger"), Some("1.2")));
        let bare = sbt(Path::new("/work/larder"), "name := names.ledger\n");
        assert_eq!((bare.name.as_deref(), bare.version), (Some("larder"), None));
    }
}
