//! Fields of a schema's types, what resolves them, and operations in texts that ask for them.
//!
//! # How it works
//! A root of a schema (`Query`, `Mutation`, `Subscription`) is resolved by what stands in something called after it: a class, an object, a type
//! of a generator (`queryResolver`), or behind a mark of its name. Fields of other types are too, but most of them are only read off a value:
//! a class that has the type's name is the value, so that it takes an object of functions (`Rack: { wheels () {…} }`), a name that says what
//! it is for (`RackResolver`, `resolve_wheels`), or a mark beside a parameter of the type. Names are compared without case and lines, as
//! generators and libraries write them differently. Operations are texts of calls that say so; from field to field they are followed by the
//! types that the schema names.

mod selections;

use super::frameworks::NameTable;
use super::http::{enclosing, side};
use super::string_evaluation::calls;
use compass_facts::{Argument, DefId, Facts, Kind, NameId, Role, Span, TextPart, TypeExpr, TypeId, Use};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
use rustc_hash::{FxHashMap, FxHashSet};
use selections::Selection;
use std::collections::BTreeSet;

/// See the module.
#[derive(Debug)]
pub(super) struct Operations;

/// Roots of schemas.
const ROOTS: [&str; 3] = ["Query", "Mutation", "Subscription"];
/// What stands behind the name of a root in names of what resolves its fields.
const ENDINGS: [&str; 7] = ["", "resolver", "resolvers", "type", "s", "root", "controller"];
/// What stands behind the name of another type in names of what resolves its fields.
const RESOLVERS: [&str; 4] = ["resolver", "resolvers", "fieldresolver", "fieldresolvers"];

impl LinkPass for Operations {
    fn name(&self) -> &'static str {
        "operations"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let mut out = PassOutput::default();
        let schema = Schema::of(input);
        if schema.fields.is_empty() {
            return out;
        }
        let resolvers = resolvers(input, &schema);
        let has_roots = resolvers.keys().any(|(of, _)| ROOTS.contains(&of.as_str()));
        for ((of, name), places) in &schema.fields {
            let found = resolvers.get(&(of.clone(), plain(name))).map_or(&[][..], |r| r);
            for field in places {
                resolved(input, (of, name), *field, found, has_roots, &mut out);
            }
        }
        for (file, signal, call) in calls(input) {
            let facts = input.files[file].facts;
            let is_operation = |t: &NameTable| t.operations.iter().any(|o| o == facts.name(call.name));
            if !super::frameworks::of(input.files[file].language).and_then(|f| f.names()).is_some_and(is_operation) {
                continue;
            }
            let Some(Argument::Text(parts, at)) = call.arguments.first() else { continue };
            let text: String = parts.iter().map(|p| if let TextPart::Text(t) = p { facts.name(*t) } else { " " }).collect();
            let mut asked = BTreeSet::new();
            for (about, found) in selections::read(&text) {
                schema.asked(input, about, &found, &mut asked);
            }
            for key in asked {
                let found = &schema.fields[&key];
                let certainty = if found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
                for field in found {
                    let label = format!("ask {}.{}", key.0, key.1);
                    push(input, (file, *at, signal.enclosing), *field, label, certainty, &mut out);
                }
            }
        }
        out.crossings.sort_by_key(|(file, c)| (*file, c.at, c.to));
        out
    }
}

/// A type, and a field of it.
type Field = (String, String);

/// What schemas declare.
struct Schema {
    fields: FxHashMap<Field, Vec<Place>>,
    /// Types by their names as they are compared.
    types: FxHashMap<String, String>,
}

impl Schema {
    fn of(input: &PassInput) -> Schema {
        let mut fields: FxHashMap<Field, Vec<Place>> = FxHashMap::default();
        for (file, here) in input.files.iter().enumerate().filter(|(_, f)| super::frameworks::of(f.language).is_some_and(|f| f.is_schema())) {
            for (i, d) in here.facts.definitions.iter().enumerate() {
                let Some(container) = d.container.filter(|_| matches!(d.kind, Kind::Field | Kind::Method | Kind::Function)) else { continue };
                let key = (here.facts.def_name(container).to_owned(), here.facts.name(d.name).to_owned());
                fields.entry(key).or_default().push(Place { file, def: DefId(i as u32) });
            }
        }
        let types = fields.keys().map(|(of, _)| (plain(of), of.clone())).collect();
        Schema { fields, types }
    }

    /// The fields that selections on a type ask for.
    fn asked(&self, input: &PassInput, about: &str, selections: &[Selection], out: &mut BTreeSet<Field>) {
        for selection in selections {
            if selection.name.is_empty() {
                self.asked(input, selection.on.unwrap_or(about), &selection.inner, out);
                continue;
            }
            let key = (about.to_owned(), selection.name.to_owned());
            let Some(place) = self.fields.get(&key).and_then(|f| f.first()) else { continue };
            let facts = input.files[place.file].facts;
            let of = facts.def(place.def).ty.and_then(|t| facts.ty(t).name());
            if let Some(of) = of.filter(|_| !selection.inner.is_empty()) {
                self.asked(input, facts.name(of), &selection.inner, out);
            }
            out.insert(key);
        }
    }
}

/// A name as it is compared.
fn plain(name: &str) -> String {
    name.chars().filter(|c| *c != '_').flat_map(char::to_lowercase).collect()
}

/// What resolves fields, by type and plain name.
fn resolvers(input: &PassInput, schema: &Schema) -> FxHashMap<Field, Vec<Place>> {
    let wanted: FxHashSet<String> = schema.fields.keys().map(|k| plain(&k.1)).collect();
    let mut out: FxHashMap<Field, Vec<Place>> = FxHashMap::default();
    for (file, here) in input.files.iter().enumerate() {
        let frameworks = super::frameworks::of(here.language);
        if frameworks.is_some_and(|f| f.is_schema()) || compass_index::is_test_path(here.path, here.language) {
            continue;
        }
        let table = frameworks.and_then(|f| f.names());
        let marks = table.map_or_else(Vec::new, |t| telling_marks(here.facts, t));
        for (i, d) in here.facts.definitions.iter().enumerate() {
            if !(d.kind.is_callable() || matches!(d.kind, Kind::Field | Kind::Variable)) {
                continue;
            }
            let written = here.facts.name(d.name);
            let bare = table.and_then(|t| t.resolver_beginnings.iter().find_map(|b| written.strip_prefix(b.as_str())));
            let name = plain(bare.unwrap_or(written));
            if !wanted.contains(&name) {
                continue;
            }
            let def = DefId(i as u32);
            let class_endings = table.filter(|_| bare.is_some()).map(|t| &t.resolver_class_endings[..]);
            let around = root_around(here.facts, def).map(str::to_owned).or_else(|| schema.type_around(here.facts, def, class_endings));
            let of = around.or_else(|| schema.told_by_marks(here.facts, def, table?, &marks));
            if let Some(of) = of {
                out.entry((of, name)).or_default().push(Place { file, def });
            }
        }
    }
    out
}

/// The root that what is around a definition is called after.
fn root_around(facts: &Facts, def: DefId) -> Option<&'static str> {
    let owner = plain(facts.def_name(facts.def(def).container?));
    ROOTS.iter().copied().find(|root| owner.strip_prefix(&root.to_lowercase()).is_some_and(|rest| ENDINGS.contains(&rest)))
}

impl Schema {
    /// The type, no root, that what is around a definition resolves. A function whose name says that it resolves may stand in a class that
    /// describes the values of the type: `class_endings`.
    fn type_around(&self, facts: &Facts, def: DefId, class_endings: Option<&[String]>) -> Option<String> {
        let owner = facts.def(def).container?;
        let name = plain(facts.def_name(owner));
        // The beginnings of the name of what is around, the longest first, with what is left behind each.
        let parts = name.char_indices().map(|(i, c)| i + c.len_utf8()).rev().map(|end| name.split_at(end));
        let (of, rest) = parts.into_iter().find_map(|(type_, rest)| Some((self.types.get(type_)?, rest)))?;
        let is_function = facts.def(def).kind.is_callable();
        let holds_functions = !facts.def(owner).kind.is_type() && rest.is_empty() && is_function;
        let is_for_it = is_function && RESOLVERS.contains(&rest);
        let says_so = class_endings.is_some_and(|endings| rest.is_empty() || endings.iter().any(|e| e == rest));
        (holds_functions || is_for_it || says_so).then(|| of.clone())
    }

    /// The type that a mark speaks of: a root by its name, another type by a parameter.
    fn told_by_marks(&self, facts: &Facts, def: DefId, table: &NameTable, marks: &[&Use]) -> Option<String> {
        let marks = marks_before(facts, def, marks);
        if let Some(root) = marks.iter().find_map(|m| table.resolver_marks.get(*m)) {
            return ROOTS.contains(&root.as_str()).then(|| root.clone());
        }
        if !marks.iter().any(|m| table.field_marks.iter().any(|f| f == m)) {
            return None;
        }
        let inner = facts.def(def).inner;
        let mut parameters = facts.definitions.iter().filter(|d| d.kind == Kind::Parameter && Some(d.scope) == inner);
        parameters.find_map(|p| self.types.get(&plain(facts.name(named(facts, p.ty?)?))).cloned())
    }
}

/// The name of a type, or of what a value is of.
fn named(facts: &Facts, ty: TypeId) -> Option<NameId> {
    match facts.ty(ty) {
        TypeExpr::Instance(of) => facts.ty(*of).name(),
        other => other.name(),
    }
}

/// The marks in a file that say what a function resolves.
fn telling_marks<'a>(facts: &'a Facts, table: &NameTable) -> Vec<&'a Use> {
    let tells = |name: &str| table.resolver_marks.contains_key(name) || table.field_marks.iter().any(|f| f == name);
    facts.uses.iter().filter(|u| u.role == Role::Mark && tells(facts.name(u.name))).collect()
}

/// The names of those before a definition, and behind the function before it.
fn marks_before<'a>(facts: &'a Facts, def: DefId, marks: &[&'a Use]) -> Vec<&'a str> {
    let name = facts.def(def).name_span;
    if !marks.iter().any(|m| m.span.end <= name.start) {
        return Vec::new();
    }
    let before = facts.definitions.iter().filter(|d| d.name_span.end <= name.start && d.kind.is_callable()).map(|d| d.name_span.end).max().unwrap_or(0);
    let between = |m: &&&Use| m.span.start >= before && m.span.end <= name.start;
    marks.iter().filter(between).map(|m| facts.name(m.name)).collect()
}

fn resolved(input: &PassInput, (root, name): (&str, &str), field: Place, found: &[Place], has_roots: bool, out: &mut PassOutput) {
    let facts = input.files[field.file].facts;
    let at = facts.def(field.def).name_span;
    if found.is_empty() {
        // Fields of other types are mostly read off a value.
        if has_roots && ROOTS.contains(&root) {
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
