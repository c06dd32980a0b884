//! Fields of a schema's roots, what resolves them, and operations in texts that ask for them.
//!
//! # How it works
//! A root of a schema (`Query`, `Mutation`, `Subscription`) is resolved by what stands in something called after it: a class, an object, a type
//! of a generator (`queryResolver`), or behind a mark of its name. Names are compared without case, lines and the word `resolve`, as generators
//! and libraries write them differently. Operations are texts of calls that say so.

use super::http::{enclosing, side};
use super::string_evaluation::calls;
use compass_facts::{Argument, DefId, Kind, Role, Span, TextPart};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
use rustc_hash::FxHashMap;

/// See the module.
#[derive(Debug)]
pub(super) struct Operations;

/// Roots of schemas.
const ROOTS: [&str; 3] = ["Query", "Mutation", "Subscription"];
/// What stands behind the name of a root in names of what resolves its fields.
const ENDINGS: [&str; 7] = ["", "resolver", "resolvers", "type", "s", "root", "controller"];

impl LinkPass for Operations {
    fn name(&self) -> &'static str {
        "operations"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let mut out = PassOutput::default();
        let fields = root_fields(input);
        if fields.is_empty() {
            return out;
        }
        let resolvers = resolvers(input, &fields);
        for ((root, name), places) in &fields {
            let found = resolvers.get(&(*root, plain(name))).map_or(&[][..], |r| r);
            for field in places {
                resolved(input, root, name, *field, found, resolvers.is_empty(), &mut out);
            }
        }
        for (file, signal, call) in calls(input) {
            let facts = input.files[file].facts;
            let is_operation = |t: &super::frameworks::NameTable| t.operations.iter().any(|o| o == facts.name(call.name));
            if !super::frameworks::of(input.files[file].language).and_then(|f| f.names()).is_some_and(is_operation) {
                continue;
            }
            let Some(Argument::Text(parts, at)) = call.arguments.first() else { continue };
            let text: String = parts.iter().map(|p| if let TextPart::Text(t) = p { facts.name(*t) } else { " " }).collect();
            for (root, name) in asked(&text) {
                let found = fields.get(&(root, name.to_owned())).map_or(&[][..], |f| f);
                let certainty = if found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
                for field in found {
                    let label = format!("ask {root}.{name}");
                    push(input, (file, *at, signal.enclosing), *field, label, certainty, &mut out);
                }
            }
        }
        out.crossings.sort_by_key(|(file, c)| (*file, c.at, c.to));
        out
    }
}

/// The fields of the roots, by root and name.
fn root_fields(input: &PassInput) -> FxHashMap<(&'static str, String), Vec<Place>> {
    let mut out: FxHashMap<(&'static str, String), Vec<Place>> = FxHashMap::default();
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| super::frameworks::of(f.language).is_some_and(|f| f.is_schema())) {
        for (i, d) in here.facts.definitions.iter().enumerate() {
            let Some(root) = d.container.and_then(|c| ROOTS.iter().find(|r| **r == here.facts.def_name(c))) else { continue };
            if matches!(d.kind, Kind::Field | Kind::Method | Kind::Function) {
                out.entry((root, here.facts.name(d.name).to_owned())).or_default().push(Place { file, def: DefId(i as u32) });
            }
        }
    }
    out
}

/// A name as it is compared.
fn plain(name: &str) -> String {
    let name = name.strip_prefix("resolve_").unwrap_or(name);
    name.chars().filter(|c| *c != '_').flat_map(char::to_lowercase).collect()
}

/// What resolves fields, by root and plain name.
fn resolvers(input: &PassInput, fields: &FxHashMap<(&'static str, String), Vec<Place>>) -> FxHashMap<(&'static str, String), Vec<Place>> {
    let wanted: rustc_hash::FxHashSet<String> = fields.keys().map(|k| plain(&k.1)).collect();
    let mut out: FxHashMap<(&'static str, String), Vec<Place>> = FxHashMap::default();
    for (file, here) in input.files.iter().enumerate() {
        if super::frameworks::of(here.language).is_some_and(|f| f.is_schema()) || compass_index::is_test_path(here.path, here.language) {
            continue;
        }
        for (i, d) in here.facts.definitions.iter().enumerate() {
            if !(d.kind.is_callable() || matches!(d.kind, Kind::Field | Kind::Variable)) {
                continue;
            }
            let name = plain(here.facts.name(d.name));
            if !wanted.contains(&name) {
                continue;
            }
            let def = DefId(i as u32);
            let marks = super::frameworks::of(here.language).and_then(|f| f.names()).map(|t| &t.resolver_marks);
            let by_mark = || marks.and_then(|m| root_of_mark(here.facts, def, m));
            let Some(root) = root_around(here.facts, def).or_else(by_mark) else { continue };
            out.entry((root, name)).or_default().push(Place { file, def });
        }
    }
    out
}

/// The root that what is around a definition is called after.
fn root_around(facts: &compass_facts::Facts, def: DefId) -> Option<&'static str> {
    let owner = plain(facts.def_name(facts.def(def).container?));
    ROOTS.iter().copied().find(|root| owner.strip_prefix(&root.to_lowercase()).is_some_and(|rest| ENDINGS.contains(&rest)))
}

/// The root that a mark before a definition speaks of.
fn root_of_mark(facts: &compass_facts::Facts, def: DefId, table: &std::collections::BTreeMap<String, String>) -> Option<&'static str> {
    let name = facts.def(def).name_span;
    let before = facts.definitions.iter().filter(|d| d.name_span.end <= name.start && d.kind.is_callable()).map(|d| d.name_span.end).max().unwrap_or(0);
    let marks = facts.uses.iter().filter(|u| u.role == Role::Mark && u.span.start >= before && u.span.end <= name.start);
    let root = |u: &compass_facts::Use| table.get(facts.name(u.name)).and_then(|root| ROOTS.iter().copied().find(|r| r == root));
    let mut found = marks.filter_map(root);
    found.next()
}

fn resolved(input: &PassInput, root: &str, name: &str, field: Place, found: &[Place], none_at_all: bool, out: &mut PassOutput) {
    let facts = input.files[field.file].facts;
    let at = facts.def(field.def).name_span;
    if found.is_empty() {
        if !none_at_all {
            out.loose.push((field.file, Loose { kind: CrossingKind::Operation, at, label: format!("resolve {root}.{name}"), cause: LooseCause::NoResolver }));
        }
        return;
    }
    for place in found {
        // Names alone tell what belongs together.
        push(input, (field.file, at, Some(field.def)), *place, format!("resolve {root}.{name}"), Certainty::Inferred, out);
    }
}

fn push(input: &PassInput, (file, at, around): (usize, Span, Option<DefId>), to: Place, label: String, certainty: Certainty, out: &mut PassOutput) {
    let target = &input.files[to.file];
    let crossing = Crossing {
        kind: CrossingKind::Operation,
        from: enclosing(input, file, around),
        at,
        to: target.symbol(to.def),
        role: Role::Call,
        label,
        certainty,
        evidence: vec![side(input, file, at), side(input, to.file, target.facts.def(to.def).name_span)],
    };
    out.crossings.push((file, crossing));
}

/// The fields of a root that an operation asks for.
fn asked(text: &str) -> Vec<(&'static str, &str)> {
    let mut out = Vec::new();
    let mut rest = text;
    while let Some(open) = rest.find('{') {
        let head = rest[..open].trim_start();
        let root = match head.split(|c: char| !c.is_alphanumeric()).next().unwrap_or("") {
            "mutation" => Some("Mutation"),
            "subscription" => Some("Subscription"),
            "query" | "" => Some("Query"),
            _ => None,
        };
        let body = &rest[open + 1..];
        let (end, names) = first_level(body);
        if let Some(root) = root {
            out.extend(names.into_iter().map(|n| (root, n)));
        }
        rest = body.get(end..).unwrap_or("");
    }
    out
}

/// Names at the first level of a selection, and where it ends.
fn first_level(body: &str) -> (usize, Vec<&str>) {
    let mut names: Vec<&str> = Vec::new();
    let (mut braces, mut rounds) = (0u32, 0u32);
    let mut start = None;
    for (i, c) in body.char_indices() {
        let is_word = c.is_alphanumeric() || c == '_';
        if is_word && braces == 0 && rounds == 0 {
            start = start.or(Some(i));
            continue;
        }
        if let Some(from) = start.take() {
            // What stands before a colon is the name that the answer gets.
            match body[i..].trim_start().starts_with(':') {
                true => {}
                false => names.push(&body[from..i]),
            }
        }
        match c {
            '{' => braces += 1,
            '}' if braces == 0 => return (i + 1, names),
            '}' => braces -= 1,
            '(' => rounds += 1,
            ')' => rounds = rounds.saturating_sub(1),
            _ => {}
        }
    }
    (body.len(), names)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::query("query Racks($n: Int) { racks(first: $n) { id slots { id } } health }", &[("Query", "racks"), ("Query", "health")])]
    #[case::short("{ racks { id } }", &[("Query", "racks")])]
    #[case::alias("mutation { done: turn(id: 1) { id } }", &[("Mutation", "turn")])]
    #[case::fragment("fragment F on Rack { id }", &[])]
    #[case::several("query A { racks { id } } mutation B { turn { id } }", &[("Query", "racks"), ("Mutation", "turn")])]
    #[case::broken("query A { racks { id ", &[("Query", "racks")])]
    fn operations_ask_for_fields(#[case] text: &str, #[case] wanted: &[(&str, &str)]) {
        assert_eq!(asked(text), wanted);
    }
}
