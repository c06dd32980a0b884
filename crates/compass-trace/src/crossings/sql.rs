//! Statements and the tables and columns they touch.

use super::http::{enclosing, side};
use compass_facts::{DefId, Kind, Role, SignalKind, Span, SqlName, SqlVerb};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
use rustc_hash::FxHashMap;

/// See the module.
#[derive(Debug)]
pub(super) struct Sql;

/// Tables by name, and columns by table and name.
#[derive(Default)]
struct Schema<'a> {
    tables: FxHashMap<&'a str, Vec<Place>>,
    columns: FxHashMap<(&'a str, &'a str), Vec<Place>>,
}

impl LinkPass for Sql {
    fn name(&self) -> &'static str {
        "sql"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let schema = Schema::new(input);
        let mut out = PassOutput::default();
        let mut kept: FxHashMap<Place, (usize, &[SqlName])> = FxHashMap::default();
        for (file, here) in input.files.iter().enumerate() {
            for signal in &here.facts.signals {
                let SignalKind::Sql(names, bound) = &signal.kind else { continue };
                let mut from = signal.enclosing;
                if let Some((place, _)) = bound.and_then(|b| input.meaning(file, b)) {
                    kept.insert(place, (file, names));
                    from = from.or(Some(place.def).filter(|_| place.file == file));
                }
                for name in names {
                    schema.meet(input, file, from, name, None, &mut out);
                }
            }
        }
        statements_kept_elsewhere(input, &schema, &kept, &mut out);
        out
    }
}

/// A function that uses a statement kept under a name touches what the statement touches.
fn statements_kept_elsewhere(input: &PassInput, schema: &Schema, kept: &FxHashMap<Place, (usize, &[SqlName])>, out: &mut PassOutput) {
    if kept.is_empty() {
        return;
    }
    for (file, here) in input.files.iter().enumerate() {
        for u in here.facts.uses.iter().filter(|u| u.enclosing.is_some() && u.role != Role::Write && u.role != Role::Import) {
            let Some((place, _)) = input.meaning(file, u.span.start) else { continue };
            let Some((at, names)) = kept.get(&place) else { continue };
            if place.file == file && u.enclosing == Some(place.def) {
                continue;
            }
            for name in names.iter().filter(|n| n.column.is_none()) {
                schema.meet(input, *at, None, name, Some((file, u.enclosing, u.span)), out);
            }
        }
    }
}

impl<'a> Schema<'a> {
    fn new(input: &PassInput<'a>) -> Self {
        let mut schema = Schema::default();
        for (file, here) in input.files.iter().enumerate() {
            for (i, d) in here.facts.definitions.iter().enumerate() {
                let place = Place { file, def: DefId(i as u32) };
                match d.kind {
                    Kind::Table if is_of_function(here.facts, place.def) => {}
                    Kind::Table => schema.tables.entry(here.facts.name(d.name)).or_default().push(place),
                    Kind::Column => {
                        if let Some(table) = d.container {
                            schema.columns.entry((here.facts.def_name(table), here.facts.name(d.name))).or_default().push(place);
                        }
                    }
                    _ => {}
                }
            }
        }
        schema
    }

    /// One name of a statement in `file`; `used` is where a statement kept under a name is used.
    fn meet(&self, input: &PassInput, file: usize, from: Option<DefId>, name: &SqlName, used: Option<(usize, Option<DefId>, Span)>, out: &mut PassOutput) {
        let facts = input.files[file].facts;
        let tables: Vec<&str> = name.tables.iter().map(|t| facts.name(*t)).collect();
        let (targets, what, cause): (Vec<Place>, String, LooseCause) = match name.column {
            None => {
                let table = tables.first().copied().unwrap_or("");
                (self.tables.get(table).cloned().unwrap_or_default(), table.to_owned(), LooseCause::NoTable)
            }
            Some(column) => {
                let column = facts.name(column);
                let known: Vec<&&str> = tables.iter().filter(|t| self.tables.contains_key(**t)).collect();
                // Where the table is not known, that is said once, for the table.
                if known.is_empty() {
                    return;
                }
                let found: Vec<Place> = known.iter().filter_map(|t| self.columns.get(&(**t, column))).flatten().copied().collect();
                let views =
                    known.iter().any(|t| self.tables[**t].iter().any(|p| input.files[p.file].facts.def(p.def).flags.has(compass_facts::Flags::INFERRED)));
                if found.is_empty() && (views || matches!(column, "rowid" | "oid" | "ctid" | "excluded")) {
                    return;
                }
                (found, format!("{}.{column}", known[0]), LooseCause::NoColumn)
            }
        };
        // A class that stands for a table is no statement.
        let is_model = || {
            name.verb == SqlVerb::Define
                && facts.definitions.iter().enumerate().any(|(i, d)| d.name_span == name.span && facts.made_by(DefId(i as u32)).is_some())
        };
        if is_model() {
            return;
        }
        let (asking, around, at) = used.unwrap_or((file, from, name.span));
        let label = format!("{} {what}", name.verb.word());
        if targets.is_empty() {
            // A table made in the same text defines itself, and what a statement drops need not be there.
            let own = what.starts_with("sqlite_") || what.starts_with("pg_") || what == "dual";
            if used.is_none() && !own && name.verb != SqlVerb::Define && name.verb != SqlVerb::Delete {
                out.loose.push((asking, Loose { kind: CrossingKind::Sql, at, label, cause }));
            }
            return;
        }
        let certainty = if targets.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        for place in targets {
            let target = &input.files[place.file];
            let mut evidence = vec![side(input, file, name.span)];
            if used.is_some() {
                evidence.insert(0, side(input, asking, at));
            }
            evidence.push(side(input, place.file, target.facts.def(place.def).name_span));
            let crossing = Crossing {
                kind: CrossingKind::Sql,
                from: enclosing(input, asking, around),
                at,
                to: target.symbol(place.def),
                role: role(name.verb),
                label: label.clone(),
                certainty,
                evidence,
            };
            out.crossings.push((asking, crossing));
        }
    }
}

/// Does a class stand for the table that only one function sees, as those of migrations are?
fn is_of_function(facts: &compass_facts::Facts, table: DefId) -> bool {
    let at = facts.def(table).name_span;
    let class = facts.definitions.iter().find(|d| d.name_span == at && matches!(d.kind, Kind::Class | Kind::Struct));
    class.and_then(|c| c.container).is_some_and(|c| facts.def(c).kind.is_callable())
}

fn role(verb: SqlVerb) -> Role {
    match verb {
        SqlVerb::Read => Role::Read,
        SqlVerb::Write | SqlVerb::Delete => Role::Write,
        SqlVerb::Define => Role::Ref,
    }
}
