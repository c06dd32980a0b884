//! Systems: `*.asd`, with what they depend on.

use crate::reader::systems::{System, systems};
use compass_index::plan::ecosystems::{Ecosystem, Manifest, Packaging};
use std::path::Path;

/// `*.asd`.
pub const ASDF: Ecosystem = Ecosystem(&Asdf);

struct Asdf;

impl Packaging for Asdf {
    fn word(&self) -> &'static str {
        "asdf"
    }

    fn manifests(&self) -> &'static [&'static str] {
        &["*.asd"]
    }

    /// A file of systems is called like the first of them, which bears the name of the file where any does.
    fn read(&self, _: &Path, file: &str, text: &str) -> Option<Manifest> {
        let stem = file.trim_end_matches(".asd");
        let all = systems(text);
        let main = all.iter().find(|s| s.name == stem).or(all.first())?;
        let asks_for: Vec<String> = all.iter().flat_map(|s: &System| s.needs.iter().cloned()).filter(|n| !all.iter().any(|s| s.name == *n)).collect();
        Some(Manifest { asks_for, ..Manifest::new(ASDF, Some(main.name.clone()), main.version.clone()) })
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn systems_are_units() {
        let text = "(in-package :asdf-user)\n(defsystem \"larder/tests\" :depends-on (\"larder\" :oven))\n(asdf:defsystem #:larder :version \"1.2\" :depends-on (#:wheels (:version \"racks\" \"2\")) :components ((:file \"a\")))";
        let manifest = Asdf.read(Path::new("."), "larder.asd", text).expect("a system");
        assert_eq!((manifest.name.as_deref(), manifest.version.as_deref()), (Some("larder"), Some("1.2")));
        assert_eq!(manifest.asks_for, ["oven", "wheels", "racks"]);
    }
}
