//! What a code base is made of, as one list that unfolds: units, what they need, their namespaces, files, types and members.

use crate::answer::{AnswerError, Engine};
use compass_facts::{DefId, Facts, Language};
use compass_index::{FileId, FileRow, SymbolId, UnitId, UnitRow};
use std::collections::{BTreeMap, HashMap};

/// Something that may hold other things.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Node {
    /// A unit.
    Unit(UnitId),
    /// The units that a unit needs.
    Needs(UnitId),
    /// The namespace of a unit that a file begins: the files of its folder.
    Space(FileId),
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
            Node::Space(first) => Ok(self.inside_space(first)),
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
            if file.language.is_read() {
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
        let mut spaces: BTreeMap<&str, Vec<&FileRow>> = BTreeMap::new();
        for file in index.files().iter().filter(|f| f.id.unit == id) {
            spaces.entry(folder_of(unit, file)).or_default().push(file);
        }
        // Files of one folder need no heading, and those at the top of the unit have none.
        if spaces.len() == 1 {
            out.extend(spaces.into_values().flatten().map(|f| self.file_entry(unit, f, "")));
            return out;
        }
        let top = spaces.remove("").unwrap_or_default();
        out.extend(spaces.into_iter().map(|(folder, files)| space_entry(unit, folder, &files)));
        out.extend(top.into_iter().map(|f| self.file_entry(unit, f, "")));
        out
    }

    /// The files of the folder that a file stands in.
    fn inside_space(&self, first: FileId) -> Vec<Entry> {
        let index = self.index();
        let Some((row, unit)) = index.file(first).zip(index.unit(first)) else { return Vec::new() };
        let folder = folder_of(unit, row);
        let files = index.files().iter().filter(|f| f.id.unit == first.unit && folder_of(unit, f) == folder);
        files.map(|f| self.file_entry(unit, f, folder)).collect()
    }

    /// A file, named from a folder of its unit on.
    fn file_entry(&self, unit: &UnitRow, file: &FileRow, folder: &str) -> Entry {
        let made = file.provenance.word().map_or(String::new(), |w| format!("{w} · "));
        let inner = inner_path(unit, file);
        Entry {
            node: Node::File(file.id),
            tag: file.language.word().to_owned(),
            name: inner.strip_prefix(folder).unwrap_or(inner).trim_start_matches('/').to_owned(),
            detail: format!("{made}{} lines", file.lines),
            place: Some((self.index().path_of(file.id), 1, 1)),
            opens: file.language.is_read(),
            own: unit.own,
            root: None,
        }
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

/// The path of a file from the folder of its unit on.
fn inner_path<'f>(unit: &UnitRow, file: &'f FileRow) -> &'f str {
    let below = file.path.strip_prefix(unit.dir.as_str()).filter(|_| !unit.dir.is_empty());
    below.and_then(|rest| rest.strip_prefix('/')).unwrap_or(&file.path)
}

/// The folder of a file from that of its unit on.
fn folder_of<'f>(unit: &UnitRow, file: &'f FileRow) -> &'f str {
    inner_path(unit, file).rsplit_once('/').map_or("", |p| p.0)
}

fn space_entry(unit: &UnitRow, folder: &str, files: &[&FileRow]) -> Entry {
    let (tag, name) = namespace(folder, files);
    let lines: u64 = files.iter().map(|f| u64::from(f.lines)).sum();
    let count = counted(files.len() as u64);
    Entry {
        node: Node::Space(files[0].id),
        tag: tag.to_owned(),
        name,
        detail: format!("{count} · {lines} lines"),
        place: None,
        opens: true,
        own: unit.own,
        root: None,
    }
}

fn counted(files: u64) -> String {
    if files == 1 { "1 file".to_owned() } else { format!("{files} files") }
}

/// What the language of most files calls what a folder holds, and by which name: `larder.store`, `crate::climate`, `cmd/turn`.
fn namespace(folder: &str, files: &[&FileRow]) -> (&'static str, String) {
    let mut counts: BTreeMap<Language, usize> = BTreeMap::new();
    files.iter().for_each(|f| *counts.entry(f.language).or_default() += 1);
    let Some((most, _)) = counts.into_iter().max_by_key(|c| c.1) else { return ("folder", format!("{folder}/")) };
    (most.profile().modules.of_folder)(folder).unwrap_or_else(|| ("folder", format!("{folder}/")))
}

fn unit_entry(unit: &UnitRow, counts: &Counts) -> Entry {
    let mut detail = format!("{} · {} lines", counted(counts.files), counts.lines);
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
    if unit.is_declared() {
        detail += " · source not on this machine";
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

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn file(path: &str, language: Language) -> FileRow {
        FileRow {
            id: FileId { unit: UnitId(0), number: compass_index::FileNo(0) },
            root: 0,
            path: path.to_owned(),
            raw_path: None,
            language,
            bytes: 1,
            lines: 1,
            mtime_ns: 0,
            inode: 0,
            reads_as_sibling: None,
            content: 0,
            hash: 0,
            provenance: compass_index::Provenance::default(),
            renumbered: false,
            layer: None,
        }
    }

    #[rstest]
    #[case::java("src/main/java/org/larder/store", languages::JAVA, "package org.larder.store")]
    #[case::java_elsewhere("org/larder", languages::JAVA, "package org.larder")]
    #[case::python("larder/web", languages::PYTHON, "package larder.web")]
    #[case::python_below_src("src/larder", languages::PYTHON, "package larder")]
    #[case::no_package_of_python("my-tools/x", languages::PYTHON, "folder my-tools/x/")]
    #[case::rust("src/climate", languages::RUST, "module crate::climate")]
    #[case::the_crate("src", languages::RUST, "module crate")]
    #[case::rust_tests("tests", languages::RUST, "folder tests/")]
    #[case::go("cmd/turn", languages::GO, "package cmd/turn")]
    #[case::c("drivers/net", languages::C, "folder drivers/net/")]
    fn namespaces_are_called_as_their_language_does(#[case] folder: &str, #[case] language: Language, #[case] wanted: &str) {
        let files = [file("a", language), file("b", Language::TEXT), file("c", language)];
        let (tag, name) = namespace(folder, &files.iter().collect::<Vec<_>>());
        assert_eq!(format!("{tag} {name}"), wanted);
    }
}
