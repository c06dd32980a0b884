//! What a code base is made of, as one list that unfolds: units, what they need, their files, types and members.

use crate::answer::{AnswerError, Engine};
use compass_facts::{DefId, Facts};
use compass_index::{FileId, SymbolId, UnitId, UnitRow};
use std::collections::HashMap;

/// Something that may hold other things.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Node {
    /// A unit.
    Unit(UnitId),
    /// The units that a unit needs.
    Needs(UnitId),
    /// A file of a unit.
    File(FileId),
    /// A definition.
    Symbol(SymbolId),
}

/// A row of the list.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Entry {
    /// What it stands for.
    pub node: Node,
    /// Its sort, in a word: an ecosystem, a language, a kind.
    pub tag: String,
    /// Its name.
    pub name: String,
    /// Counts and the like.
    pub detail: String,
    /// Where it stands: path, line, column.
    pub place: Option<(String, u32, u32)>,
    /// Does it hold anything?
    pub opens: bool,
    /// The workspace's own?
    pub own: bool,
    /// For a unit of a further root that root: it can be taken out.
    pub root: Option<String>,
}

/// What is counted of a unit.
#[derive(Default)]
struct Counts {
    files: u64,
    lines: u64,
    /// Files that only declare.
    declaring: u64,
    code: u64,
    needed_by: u64,
}

impl Engine {
    /// All units: the workspace's own by folder, then those it depends on by name.
    pub fn units(&self) -> Vec<Entry> {
        let counts = self.unit_counts();
        let mut units: Vec<&UnitRow> = self.index().units().iter().filter(|u| counts.contains_key(&u.id)).collect();
        units.sort_by(|a, b| (!a.own, if a.own { &a.dir } else { &a.name }, &a.version).cmp(&(!b.own, if b.own { &b.dir } else { &b.name }, &b.version)));
        let roots = self.index().own_roots();
        let further = |u: &UnitRow| roots.get(u.root as usize).filter(|_| u.own && u.root > 0).cloned();
        units.into_iter().map(|u| Entry { root: further(u), ..unit_entry(u, &counts[&u.id]) }).collect()
    }

    /// What a row holds, in order.
    ///
    /// # Errors
    /// Store errors; a node of another index holds nothing.
    pub fn inside(&self, node: Node) -> Result<Vec<Entry>, AnswerError> {
        match node {
            Node::Unit(unit) => Ok(self.inside_unit(unit)),
            Node::Needs(unit) => Ok(self.needs_of(unit)),
            Node::File(file) => self.definitions(file, None),
            Node::Symbol(symbol) => {
                let of = self.index().facts(symbol.file)?.find(symbol.number);
                of.map_or(Ok(Vec::new()), |def| self.definitions(symbol.file, Some(def)))
            }
        }
    }

    fn unit_counts(&self) -> HashMap<UnitId, Counts> {
        let mut counts: HashMap<UnitId, Counts> = HashMap::new();
        for file in self.index().files() {
            let c = counts.entry(file.id.unit).or_default();
            c.files += 1;
            c.lines += u64::from(file.lines);
            if file.language != compass_facts::Language::Text {
                c.code += 1;
                c.declaring += u64::from(only_declares(&file.path));
            }
        }
        for unit in self.index().units() {
            for (_, needed) in &unit.needs {
                if let Some(c) = counts.get_mut(needed) {
                    c.needed_by += 1;
                }
            }
        }
        counts
    }

    fn inside_unit(&self, id: UnitId) -> Vec<Entry> {
        let index = self.index();
        let Some(unit) = index.units().iter().find(|u| u.id == id) else { return Vec::new() };
        let mut out = Vec::new();
        let needs = self.needs_of(id).len();
        if needs > 0 {
            let name = if needs == 1 { "1 unit".to_owned() } else { format!("{needs} units") };
            out.push(Entry {
                node: Node::Needs(id),
                tag: "needs".to_owned(),
                name,
                detail: String::new(),
                place: None,
                opens: true,
                own: unit.own,
                root: None,
            });
        }
        let front = if unit.dir.is_empty() { String::new() } else { format!("{}/", unit.dir) };
        for file in index.files().iter().filter(|f| f.id.unit == id) {
            let made = file.made.word().map_or(String::new(), |w| format!("{w} · "));
            out.push(Entry {
                node: Node::File(file.id),
                tag: file.language.word().to_owned(),
                name: file.path.strip_prefix(&front).unwrap_or(&file.path).to_owned(),
                detail: format!("{made}{} lines", file.lines),
                place: Some((index.path_of(file.id), 1, 1)),
                opens: file.language != compass_facts::Language::Text,
                own: unit.own,
                root: None,
            });
        }
        out
    }

    fn needs_of(&self, id: UnitId) -> Vec<Entry> {
        let counts = self.unit_counts();
        let index = self.index();
        let Some(unit) = index.units().iter().find(|u| u.id == id) else { return Vec::new() };
        let mut seen = std::collections::BTreeSet::new();
        let needed = unit.needs.iter().filter(|(_, to)| seen.insert(*to)).filter_map(|(_, to)| index.units().iter().find(|u| u.id == *to));
        let mut out: Vec<Entry> = needed.filter_map(|u| Some(unit_entry(u, counts.get(&u.id)?))).collect();
        out.sort_by(|a, b| a.name.cmp(&b.name));
        out
    }

    /// The definitions of a file that stand in no other, or those in one.
    fn definitions(&self, file: FileId, of: Option<DefId>) -> Result<Vec<Entry>, AnswerError> {
        let index = self.index();
        let facts = index.facts(file)?;
        let source = index.source(file).map_err(AnswerError::from)?;
        // Of a file that has changed since, places come from what was read for this answer.
        let path = index.path_of(file);
        let own = index.unit(file).is_some_and(|u| u.own);
        let rows = self.outline_rows(file)?;
        let is_holder = |def: DefId| rows.iter().any(|(_, d)| holder(&facts.facts, *d) == Some(def));
        let mut out = Vec::new();
        for (symbol, def) in rows.iter().filter(|(_, d)| holder(&facts.facts, *d) == of) {
            let d = facts.facts.def(*def);
            let (line, column) = source.source.lines.locate(d.name_span.start.min(source.source.text.len() as u32));
            out.push(Entry {
                node: Node::Symbol(*symbol),
                tag: d.kind.word().to_owned(),
                name: facts.facts.def_name(*def).to_owned(),
                detail: format!("line {line}"),
                place: Some((path.clone(), line, column)),
                opens: is_holder(*def),
                own,
                root: None,
            });
        }
        Ok(out)
    }
}

/// What a definition stands in: its container, or the type of the same file that its block extends.
fn holder(facts: &Facts, def: DefId) -> Option<DefId> {
    let d = facts.def(def);
    let extended = || {
        let of = facts.extensions.iter().find(|e| e.scope == d.scope)?.of;
        let name = facts.ty(of).name()?;
        let is_it = |o: &compass_facts::Definition| o.kind.is_type() && o.name == name && o.scope != d.scope;
        facts.definitions.iter().position(is_it).map(|i| DefId(i as u32))
    };
    d.container.or_else(extended).filter(|of| *of != def)
}

fn unit_entry(unit: &UnitRow, counts: &Counts) -> Entry {
    let mut detail = format!("{} files · {} lines", counts.files, counts.lines);
    let needs = unit.needs.iter().map(|n| n.1).collect::<std::collections::BTreeSet<_>>().len();
    if needs > 0 {
        detail += &format!(" · needs {needs}");
    }
    if counts.needed_by > 0 {
        detail += &format!(" · needed by {}", counts.needed_by);
    }
    if counts.code > 0 && counts.declaring == counts.code {
        detail += " · declarations only";
    }
    Entry {
        node: Node::Unit(unit.id),
        tag: if unit.ecosystem == "plain" { "folder".to_owned() } else { unit.ecosystem.clone() },
        name: format!("{} {}", unit.name, unit.version).trim_end().to_owned(),
        detail,
        place: None,
        opens: true,
        own: unit.own,
        root: None,
    }
}

fn only_declares(path: &str) -> bool {
    [".d.ts", ".d.mts", ".d.cts", ".pyi", ".h", ".hpp", ".hh"].iter().any(|e| path.ends_with(e))
}
