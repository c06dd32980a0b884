//! Names for the system's linker: what is exported under a plain name, and what is declared to be found under one.

use super::Reader;
use super::items::attributes;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{span, text};
use compass_facts::{DefId, GivenName, SignalKind};
use std::sync::LazyLock;

impl<'t> Reader<'t> {
    /// Records what a function or static says to the system's linker.
    pub(super) fn native_signal(&mut self, node: Node<'t>, def: DefId, name: &str) {
        let named = attributes(node, self.b.text).find_map(|a| given_name(text(a, self.b.text)));
        let kind = if self.foreign {
            let name = self.b.intern(named.unwrap_or(name));
            SignalKind::NativeImport(def, name, false)
        } else {
            let plain = attributes(node, self.b.text).any(|a| text(a, self.b.text).contains("no_mangle"));
            if !plain && named.is_none() {
                return;
            }
            let name = self.b.intern(named.unwrap_or(name));
            SignalKind::NativeExport(def, name)
        };
        self.b.signal(span(node), kind);
    }
}

/// A line of `data/given.txt`.
struct Rule {
    to: &'static str,
    /// Do names lose their low lines there?
    camel: bool,
    marks: &'static str,
    names: Vec<&'static str>,
}

static RULES: LazyLock<Vec<Rule>> = LazyLock::new(|| {
    let rule = |line: &'static str| {
        let mut words = line.split_whitespace();
        Some(Rule { to: words.next().filter(|w| !w.starts_with('#'))?, camel: words.next()? == "camel", marks: words.next()?, names: words.collect() })
    };
    include_str!("../data/given.txt").lines().filter_map(rule).collect()
});

/// The language that attributes before a node give something to, and the name they give it, if they say one.
fn given_to<'t>(node: Node<'t>, source: &'t str, marks: &str) -> Option<(&'static Rule, Option<&'t str>)> {
    let of = |a: Node<'t>| {
        let word = text(a, source).trim_start_matches(['#', '[']).split(['(', ']', ' ']).next()?;
        let word = word.rsplit("::").next()?;
        RULES.iter().find(|r| r.marks == marks && r.names.contains(&word))
    };
    let rule = attributes(node, source).find_map(of)?;
    let renamed = attributes(node, source).find_map(|a| {
        let said = text(a, source);
        let at = ["name", "js_name"].iter().find_map(|key| said.find(&format!("{key} =")).or_else(|| said.find(&format!("{key}="))))?;
        said[at..].split('"').nth(1).filter(|n| !n.is_empty())
    });
    Some((rule, renamed))
}

impl<'t> Reader<'t> {
    /// Records a type that is given to another language.
    pub(super) fn given_type(&mut self, node: Node<'t>, def: DefId, name: &str) {
        let source = self.b.text;
        if let Some((rule, renamed)) = given_to(node, source, "type") {
            let name = renamed.or_else(|| attribute_name(node, source)).unwrap_or(name);
            self.give(rule, (def, name), None);
        }
    }

    fn give(&mut self, rule: &Rule, (def, name): (DefId, &str), owner: Option<&str>) {
        let own = self.b.so_far().def_name(def).to_owned();
        let given =
            GivenName { to: self.b.intern(rule.to), owner: owner.map(|o| self.b.intern(o)), name: self.b.intern(name), functions: vec![self.b.intern(&own)] };
        let at = self.b.so_far().def(def).name_span;
        self.b.signal(at, SignalKind::Given(Box::new(given)));
    }

    /// Records a function that is given to another language: by its own attributes, or those of the `impl` around.
    pub(super) fn given_signal(&mut self, node: Node<'t>, def: DefId, name: &str) {
        let source = self.b.text;
        if let Some((rule, renamed)) = given_to(node, source, "module") {
            let kind = SignalKind::GivesModule(self.b.intern(rule.to), self.b.intern(renamed.unwrap_or(name)));
            self.b.signal(span(node), kind);
            return;
        }
        let around = node.parent().and_then(|body| body.parent()).filter(|p| p.kind() == "impl_item");
        let by_type = || around.and_then(|p| given_to(p, source, "members"));
        let own = given_to(node, source, "function");
        let Some((rule, _)) = own.or_else(by_type) else { return };
        let renamed = own.and_then(|o| o.1).or_else(|| attribute_name(node, source));
        let owner = around.and_then(|p| p.child_by_field_name("type")).map(|t| text(t, source).split('<').next().unwrap_or("").trim());
        let name = renamed.map_or_else(|| spelled(rule, name), str::to_owned);
        self.give(rule, (def, &name), owner);
    }
}

/// `#[pyo3(name = "turn")]` and the like, beside the mark that gives.
fn attribute_name<'t>(node: Node<'t>, source: &'t str) -> Option<&'t str> {
    let named = |a: Node<'t>| {
        let said = text(a, source);
        let at = said.find("name =").or_else(|| said.find("name="))?;
        said[at..].split('"').nth(1)
    };
    attributes(node, source).find_map(named)
}

/// A name as the other language's habit has it.
fn spelled(rule: &Rule, name: &str) -> String {
    if !rule.camel {
        return name.to_owned();
    }
    let mut parts = name.split('_');
    let first = parts.next().unwrap_or("").to_owned();
    parts.fold(first, |mut out, part| {
        let mut chars = part.chars();
        out.extend(chars.next().map(|c| c.to_ascii_uppercase()));
        out.push_str(chars.as_str());
        out
    })
}

/// The name in `#[link_name = "x"]` and `#[export_name = "x"]`.
fn given_name(attribute: &str) -> Option<&str> {
    let given = attribute.contains("link_name") || attribute.contains("export_name");
    given.then(|| attribute.split('"').nth(1)).flatten()
}
