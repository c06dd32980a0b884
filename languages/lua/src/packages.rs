//! Rocks: `*.rockspec`, with name, version and what it depends on.

use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use std::path::Path;

/// `*.rockspec`.
pub const ROCKS: Ecosystem = Ecosystem(&Rocks);

struct Rocks;

impl Packaging for Rocks {
    fn word(&self) -> &'static str {
        "rocks"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["*.rockspec"]
    }

    fn read(&self, _: &Path, file: &str, text: &str) -> Option<Manifest> {
        let stem = file.trim_end_matches(".rockspec").split('-').next().unwrap_or(file);
        let name = field(text, "package").unwrap_or_else(|| stem.to_owned());
        let version = field(text, "version").map(|v| v.split('-').next().unwrap_or(&v).to_owned());
        Some(Manifest { asks_for: dependencies(text), ..Manifest::new(ROCKS, Some(name), version) })
    }
}

/// `package = "larder"` at the beginning of a line.
fn field(text: &str, name: &str) -> Option<String> {
    let value = text.lines().find_map(|l| l.strip_prefix(name)?.trim_start().strip_prefix('='))?;
    value.trim_start().starts_with(['"', '\'']).then(|| value.split(['"', '\'']).nth(1)).flatten().map(str::to_owned)
}

/// The names in `dependencies = { "lua >= 5.1", "salt ~> 1" }`, the language left out.
fn dependencies(text: &str) -> Vec<String> {
    let list = text.split_once("dependencies").and_then(|(_, rest)| rest.split_once('{')).and_then(|(_, rest)| rest.split_once('}'));
    let quoted = list.map_or("", |l| l.0).split(['"', '\'']).skip(1).step_by(2);
    quoted.filter_map(|d| d.split_whitespace().next()).filter(|n| *n != "lua").map(str::to_owned).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn rocks_are_units() {
        let text = "package = \"larder\"\nversion = '1.2-3'\ndependencies = {\n   \"lua >= 5.1\",\n   'salt ~> 1',\n}\nbuild = { type = 'builtin' }\n";
        let manifest = Rocks.read(Path::new("."), "larder-1.2-3.rockspec", text).expect("a rock");
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("larder"), Some("1.2")));
        assert_eq!(manifest.asks_for, ["salt"]);
        let bare = Rocks.read(Path::new("."), "rack-scm-0.rockspec", "package = NAME\n").expect("a rock");
        assert_eq!((bare.name.as_deref(), bare.version), (Some("rack"), None));
    }
}
