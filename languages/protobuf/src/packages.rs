//! Modules of messages: `buf.yaml`.

use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use std::path::Path;

/// `buf.yaml`.
pub const MODULES: Ecosystem = Ecosystem(&Modules);

struct Modules;

impl Packaging for Modules {
    fn word(&self) -> &'static str {
        "buf"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["buf.yaml"]
    }

    /// The name of the module, and the modules it needs.
    fn read(&self, _: &Path, _: &str, text: &str) -> Option<Manifest> {
        let name = text.lines().find_map(|l| l.strip_prefix("name:")).map(|n| n.trim().trim_matches(['"', '\'']).to_owned());
        let behind = text.lines().skip_while(|l| l.trim_end() != "deps:").skip(1);
        let needs = behind.map_while(|l| l.trim_start().strip_prefix("- ")).map(|n| n.trim().to_owned());
        Some(Manifest { asks_for: needs.collect(), ..Manifest::new(MODULES, Some(name?), None) })
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn modules_of_messages_are_units() {
        let text = "version: v1\nname: larder.example/messages\ndeps:\n  - salt.example/box\n  - oak.example/rack\nlint:\n  use:\n    - DEFAULT\n";
        let manifest = Modules.read(Path::new("."), "buf.yaml", text).expect("a module");
        assert_eq!(manifest.name.as_deref(), Some("larder.example/messages"));
        assert_eq!(manifest.asks_for, ["salt.example/box", "oak.example/rack"]);
        assert!(Modules.read(Path::new("."), "buf.yaml", "version: v1\n").is_none(), "without a name it is settings alone");
    }
}
