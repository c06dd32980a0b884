//! Names for the system's linker: what is exported under a plain name, and what is declared to be found under one.

use super::Reader;
use super::items::attributes;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::text;
use compass_facts::{DefId, SignalKind};

impl<'t> Reader<'t> {
    /// Records what a function or static says to the system's linker.
    pub(super) fn native_signal(&mut self, node: Node<'t>, def: DefId, name: &str) {
        let named = attributes(node, self.b.text).find_map(|a| given_name(text(a, self.b.text)));
        let kind = if self.foreign {
            let name = self.b.intern(named.unwrap_or(name));
            SignalKind::NativeImport(def, name)
        } else {
            let plain = attributes(node, self.b.text).any(|a| text(a, self.b.text).contains("no_mangle"));
            if !plain && named.is_none() {
                return;
            }
            let name = self.b.intern(named.unwrap_or(name));
            SignalKind::NativeExport(def, name)
        };
        self.b.signal(compass_facts::reading::tree::span(node), kind);
    }
}

/// The name in `#[link_name = "x"]` and `#[export_name = "x"]`.
fn given_name(attribute: &str) -> Option<&str> {
    let given = attribute.contains("link_name") || attribute.contains("export_name");
    given.then(|| attribute.split('"').nth(1)).flatten()
}
