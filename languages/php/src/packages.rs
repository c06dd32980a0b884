//! Packages of Composer: names, versions, what is installed.

use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use compass_index::tree::disk;
use std::path::Path;

/// `composer.json`.
pub const COMPOSER: Ecosystem = Ecosystem(&Composer);

struct Composer;

impl Packaging for Composer {
    fn word(&self) -> &'static str {
        "composer"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["composer.json"]
    }

    fn read(&self, dir: &Path, _: &str, text: &str) -> Option<Manifest> {
        composer(dir, text)
    }

    fn package_folders(&self) -> &'static [&'static str] {
        &["vendor"]
    }

    fn record(&self) -> Option<&'static str> {
        Some(COMPOSER_RECORD)
    }
}

/// Beside the packages of a folder: what is installed there, with versions.
const COMPOSER_RECORD: &str = "composer/installed.json";

/// Packages rarely say their own version: the record of what is installed does.
fn composer(dir: &Path, text: &str) -> Option<Manifest> {
    let manifest: serde_json::Value = serde_json::from_str(text).ok()?;
    let field = |name: &str| manifest.get(name).and_then(|v| v.as_str()).map(str::to_owned);
    let name = field("name");
    let version = field("version").or_else(|| composer_version(dir, name.as_deref()?));
    let asks_for = ["require", "require-dev"].iter().filter_map(|t| manifest.get(*t)?.as_object()).flat_map(|t| t.keys().cloned());
    // What the language itself must have is no package.
    let asks_for = asks_for.filter(|n| n.contains('/')).collect();
    Some(Manifest { asks_for, ..Manifest::new(COMPOSER, name, version) })
}

/// The version that a package was installed in: it stands two folders below the one that has the record.
fn composer_version(dir: &Path, name: &str) -> Option<String> {
    let text = disk::read_text(dir.parent()?.parent()?.join(COMPOSER_RECORD)).ok()?;
    let record: serde_json::Value = serde_json::from_str(&text).ok()?;
    // An older form is the list alone.
    let packages = record.get("packages").unwrap_or(&record).as_array()?;
    let package = packages.iter().find(|p| p.get("name").and_then(|n| n.as_str()) == Some(name))?;
    Some(package.get("version")?.as_str()?.trim_start_matches('v').to_owned())
}

#[cfg(test)]
mod tests {
    use super::*;

    fn read(dir: &Path, file: &str) -> Option<Manifest> {
        Composer.read(dir, file, &disk::read_text(dir.join(file)).ok()?)
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
}
