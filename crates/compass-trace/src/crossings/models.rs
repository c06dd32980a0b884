//! Tables that code reaches through classes: models, repositories, sets of them.
//!
//! # How it works
//! A reader defines a table at the name of each class that stands for one. Where a statement of SQL makes a table of that name, that is the
//! table, else the class's own. Then every mention of the class beside a word of the library that reads or writes is an access, and so is a
//! call on what is declared to hold such classes.

use super::frameworks;
use super::http::{enclosing, side};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Facts, Kind, Role, SqlVerb, TypeExpr, TypeId, Use};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, PassInput, PassOutput, Place};
use rustc_hash::{FxHashMap, FxHashSet};

/// Words of a language's libraries for what is done with models.
#[derive(Debug, Default)]
pub struct Accesses {
    /// Types that hold models of the type they are given.
    pub holders: &'static [&'static str],
    /// Calls and members that read.
    pub read: &'static [&'static str],
    /// Calls that write.
    pub write: &'static [&'static str],
    /// Calls that delete.
    pub delete: &'static [&'static str],
    /// What names of calls on models begin with that read: `find_by_label`.
    pub finders: &'static [&'static str],
    /// Does a mention as the type of something count, and not only one as a value?
    pub types: bool,
    /// What names of calls on holders begin with that read, write, delete.
    pub prefixes: &'static [(&'static str, SqlVerb)],
}

/// See the module.
#[derive(Debug)]
pub(super) struct Models;

/// So many uses before and behind a mention a word of the library may stand, and so many bytes.
const NEAR_USES: usize = 6;
const NEAR_BYTES: u32 = 200;

impl LinkPass for Models {
    fn name(&self) -> &'static str {
        "models"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let mut tables = tables_of_classes(input);
        add_derived(input, &mut tables);
        let mut out = PassOutput::default();
        if tables.is_empty() {
            return out;
        }
        let holders = holders(input, &tables);
        for (file, here) in input.files.iter().enumerate() {
            let Some(words) = frameworks::of(here.language).and_then(|f| f.accesses()) else { continue };
            if compass_index::is_test_path(here.path, here.language) && here.facts.uses.is_empty() {
                continue;
            }
            let mut told: FxHashSet<(Option<DefId>, Place, SqlVerb, u32)> = FxHashSet::default();
            for (n, u) in here.facts.uses.iter().enumerate() {
                let Some((found, verb)) = access(input, file, n, u, words, &tables, &holders) else { continue };
                for table in found {
                    if told.insert((u.enclosing, *table, verb, u.span.start)) {
                        push(input, file, u, *table, verb, &mut out);
                    }
                }
            }
        }
        out
    }
}

/// What a use does with which tables, if it does.
fn access<'m>(
    input: &PassInput,
    file: usize,
    n: usize,
    u: &Use,
    words: &Accesses,
    tables: &'m FxHashMap<Place, Vec<Place>>,
    holders: &'m FxHashMap<Place, Vec<Place>>,
) -> Option<(&'m Vec<Place>, SqlVerb)> {
    if matches!(u.role, Role::Import | Role::Mark) {
        return None;
    }
    let (place, _) = input.meaning(file, u.span.start)?;
    let facts = input.files[file].facts;
    if let Some(found) = tables.get(&place) {
        if u.role == Role::Type && !words.types {
            return None;
        }
        // The head of a function says what it takes, not what it does.
        let body = u.enclosing.and_then(|d| facts.def(d).body);
        let in_class = u.enclosing.is_none_or(|d| !facts.def(d).kind.is_callable());
        let is_own = in_class && place.file == file && facts.def(place.def).whole.covers(u.span) || body.is_some_and(|b| u.span.start < b.start);
        return near_word(facts, n, u, words).filter(|_| !is_own).map(|verb| (found, verb));
    }
    let found = holders.get(&place)?;
    // The call behind what holds models: `racks.save(rack)`.
    let call = facts.uses.get(n + 1..).into_iter().flatten().take(3).find(|c| c.role == Role::Call && c.span.start <= u.span.end + 8)?;
    let name = facts.name(call.name);
    let by_prefix = words.prefixes.iter().find(|(p, _)| name.starts_with(p)).map(|p| p.1);
    Some((found, by_prefix.or_else(|| verb_of(name, words))?))
}

fn verb_of(name: &str, words: &Accesses) -> Option<SqlVerb> {
    // Signs at the end of a name say how it fails, or that it asks.
    let name = name.trim_end_matches(['!', '?']);
    match name {
        _ if words.delete.contains(&name) => Some(SqlVerb::Delete),
        _ if words.write.contains(&name) => Some(SqlVerb::Write),
        _ if words.read.contains(&name) => Some(SqlVerb::Read),
        _ => words.finders.iter().any(|f| name.len() > f.len() && name.starts_with(f)).then_some(SqlVerb::Read),
    }
}

/// The word of the library near a mention: one behind it goes before one before it.
fn near_word(facts: &Facts, n: usize, u: &Use, words: &Accesses) -> Option<SqlVerb> {
    let is_near = |other: &&Use| other.enclosing == u.enclosing && other.span.start.abs_diff(u.span.start) < NEAR_BYTES;
    let verb = |other: &Use| verb_of(facts.name(other.name), words);
    let behind = facts.uses[n + 1..].iter().take(NEAR_USES).take_while(|o| is_near(o)).filter_map(verb);
    let strongest = |a: SqlVerb, b: SqlVerb| if matches!(a, SqlVerb::Read) { b } else { a };
    behind.reduce(strongest).or_else(|| facts.uses[..n].iter().rev().take(NEAR_USES).take_while(|o| is_near(o)).find_map(verb))
}

fn push(input: &PassInput, file: usize, u: &Use, table: Place, verb: SqlVerb, out: &mut PassOutput) {
    let target = &input.files[table.file];
    let d = target.facts.def(table.def);
    let label = format!("{} {}", verb.word(), target.facts.name(d.name));
    let role = if verb == SqlVerb::Read { Role::Read } else { Role::Write };
    let crossing = Crossing {
        kind: CrossingKind::Sql,
        from: enclosing(input, file, u.enclosing),
        at: u.span,
        to: target.symbol(table.def),
        role,
        label,
        // What is done is read off a word near it.
        certainty: Certainty::Inferred,
        evidence: vec![side(input, file, u.span), side(input, table.file, d.name_span)],
    };
    out.crossings.push((file, crossing));
}

/// Tables by the class that stands for them.
fn tables_of_classes(input: &PassInput) -> FxHashMap<Place, Vec<Place>> {
    let mut written: FxHashMap<&str, Vec<Place>> = FxHashMap::default();
    let mut of_class: Vec<(Place, &str, Place)> = Vec::new();
    for (file, here) in input.files.iter().enumerate() {
        for (i, d) in here.facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Table) {
            let def = DefId(i as u32);
            let (place, name) = (Place { file, def }, here.facts.name(d.name));
            let class = here.facts.definitions.iter().position(|c| c.name_span == d.name_span && matches!(c.kind, Kind::Class | Kind::Struct));
            match class.filter(|_| here.facts.made_by(def).is_some()) {
                Some(class) => of_class.push((Place { file, def: DefId(class as u32) }, name, place)),
                None => written.entry(name).or_default().push(place),
            }
        }
    }
    let tables = of_class.into_iter().map(|(class, name, own)| (class, written.get(name).cloned().unwrap_or_else(|| vec![own])));
    tables.collect()
}

/// Adds classes that are derived from such: what is done with them is done with the table of their base.
fn add_derived(input: &PassInput, tables: &mut FxHashMap<Place, Vec<Place>>) {
    /// Models of models of models.
    const LEVELS: usize = 4;
    for _ in 0..LEVELS {
        let mut by_name: FxHashMap<&str, (Vec<Place>, compass_facts::Language)> = FxHashMap::default();
        let mut classes: Vec<&Place> = tables.keys().collect();
        classes.sort_unstable();
        for class in classes {
            let here = &input.files[class.file];
            by_name.entry(here.facts.def_name(class.def)).or_insert_with(|| (tables[class].clone(), here.language));
        }
        let mut more = Vec::new();
        for (file, here) in input.files.iter().enumerate() {
            for (def, base) in &here.facts.bases {
                let place = Place { file, def: *def };
                let found = here.facts.type_word(*base).and_then(|w| by_name.get(w)).filter(|(_, language)| here.language.is_kin_of(*language));
                if let Some((found, _)) = found.filter(|_| !tables.contains_key(&place)) {
                    more.push((place, found.clone()));
                }
            }
        }
        if more.is_empty() {
            return;
        }
        tables.extend(more);
    }
}

/// What is declared to hold models: fields, parameters, variables, and types that are made of such.
fn holders(input: &PassInput, tables: &FxHashMap<Place, Vec<Place>>) -> FxHashMap<Place, Vec<Place>> {
    let by_name: FxHashMap<&str, Vec<&Vec<Place>>> = {
        let mut out: FxHashMap<&str, Vec<&Vec<Place>>> = FxHashMap::default();
        for (class, found) in tables {
            out.entry(input.files[class.file].facts.def_name(class.def)).or_default().push(found);
        }
        out
    };
    // Types whose base holds models of a class: `interface Racks extends Repository<Rack, Long>`.
    let mut types: FxHashMap<&str, Vec<Place>> = FxHashMap::default();
    for here in &input.files {
        let Some(words) = frameworks::of(here.language).and_then(|f| f.accesses()).filter(|w| !w.holders.is_empty()) else { continue };
        for (def, base) in &here.facts.bases {
            if let Some(found) = held_by(here.facts, *base, words, &by_name) {
                types.entry(here.facts.def_name(*def)).or_insert(found);
            }
        }
    }
    let mut out = FxHashMap::default();
    for (file, here) in input.files.iter().enumerate() {
        let Some(words) = frameworks::of(here.language).and_then(|f| f.accesses()).filter(|w| !w.holders.is_empty()) else { continue };
        for (i, d) in here.facts.definitions.iter().enumerate() {
            let (Some(ty), true) = (d.ty, d.kind.is_variable() || matches!(d.kind, Kind::Field | Kind::Method)) else { continue };
            let by_type = || here.facts.type_word(ty).and_then(|w| types.get(w)).cloned();
            if let Some(found) = held_by(here.facts, ty, words, &by_name).or_else(by_type) {
                out.insert(Place { file, def: DefId(i as u32) }, found);
            }
        }
    }
    out
}

/// The tables of the model that a type which holds such is given.
fn held_by(facts: &Facts, ty: TypeId, words: &Accesses, by_name: &FxHashMap<&str, Vec<&Vec<Place>>>) -> Option<Vec<Place>> {
    let TypeExpr::Generic { of, args } = plain(facts, ty, Levels::TYPES)? else { return None };
    let head = facts.type_word(*of)?;
    if !words.holders.contains(&head) {
        return None;
    }
    let models = args.iter().find_map(|a| by_name.get(facts.type_word(*a)?))?;
    models.first().map(|m| (*m).clone())
}

fn plain(facts: &Facts, ty: TypeId, levels: Levels) -> Option<&TypeExpr> {
    match facts.ty(ty) {
        TypeExpr::Instance(of) | TypeExpr::Deref(of) => plain(facts, *of, levels.down()?),
        other => Some(other),
    }
}
