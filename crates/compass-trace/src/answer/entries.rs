//! `entry points`: where programs begin, the ones this code base is about first.
//!
//! Functions called `main`, and files that run by themselves. What such a program is called is told by its place: the folder of a command,
//! a file among the programs of a package, the package itself. Its weight says how likely it is what the repository is for: programs of own
//! units before scripts, tools, examples and tests; near the root before far below; one that is called like the repository first of all.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use compass_facts::{Kind, Language};
use compass_index::FileRow;
use rustc_hash::FxHashMap;

/// What begins somewhere.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Sort {
    Program,
    Script,
    Tool,
    Example,
    Test,
}

impl Sort {
    fn word(self) -> &'static str {
        match self {
            Sort::Program => "program",
            Sort::Script => "script",
            Sort::Tool => "tool",
            Sort::Example => "example",
            Sort::Test => "test",
        }
    }
}

/// Folders of what is beside the matter.
const TOOLS: [&str; 12] = ["tools", "tool", "scripts", "script", "build", "hack", "contrib", "ci", "dev", "misc", "util", "internal"];
const EXAMPLES: [&str; 10] = ["examples", "example", "samples", "sample", "demo", "demos", "docs", "doc", "benchmarks", "bench"];

impl Engine {
    pub(super) fn entry_points(&self) -> Result<Found, AnswerError> {
        let mut rows = Vec::new();
        let mut names: Vec<&str> = Language::all().iter().flat_map(|l| l.profile().programs.called).copied().collect();
        names.sort_unstable();
        names.dedup();
        for name in names {
            for entry in self.index.named(name)? {
                let language = self.index.file(entry.symbol.file).map_or(Language::TEXT, |f| f.language);
                if language.profile().programs.called.contains(&name)
                    && matches!(entry.kind, Kind::Function | Kind::Method)
                    && !entry.flags.has(compass_facts::Flags::BODILESS)
                    && let Some((facts, def)) = self.index.definition(entry.symbol)?
                    && begins(&facts.facts, def, self.index.file(entry.symbol.file))
                {
                    rows.push(Raw::definition(entry.symbol, &facts, def));
                }
            }
        }
        for file in self.index.files() {
            let programs = &file.language.profile().programs;
            if programs.files.iter().any(|f| is_called(&file.path, f)) && (programs.runs)(&self.index.facts(file.id)?.facts) {
                rows.push(Raw::module(file.id));
            }
        }
        let mut found = Found::default();
        // Packages come with programs of their own, mostly examples: they are not where this code base begins.
        let is_own = |r: &Raw| self.index.unit(r.file).is_none_or(|u| u.own);
        let others = rows.iter().filter(|r| !is_own(r)).count();
        if others > 0 && rows.len() > others {
            rows.retain(is_own);
            found.notes.push(format!("{others} more in packages"));
        }
        let lines = self.lines_by_folder();
        let mut weighed: Vec<(Weight, Raw)> = rows
            .into_iter()
            .filter_map(|row| {
                let file = self.index.file(row.file)?;
                let path = self.index.path_of(row.file);
                let (sort, name) = self.told(file, &path);
                let is_namesake = self.is_namesake(&name);
                let told = super::EvidenceLine { text: format!("{} {name}", sort.word()), path: path.clone(), line: 1 };
                let weight = (sort, !is_namesake, path.matches('/').count(), std::cmp::Reverse(lines_beside(&lines, &path)), path);
                Some((weight, Raw { told: Some(told), ..row }))
            })
            .collect();
        weighed.sort_by(|a, b| a.0.cmp(&b.0).then(a.1.marks.span.start.cmp(&b.1.marks.span.start)));
        found.rows = weighed.into_iter().map(|w| w.1).collect();
        Ok(found)
    }

    /// What sort of program begins in a file, and what it is called.
    fn told(&self, file: &FileRow, path: &str) -> (Sort, String) {
        let folders: Vec<&str> = path.split('/').collect();
        let (name, folders) = folders.split_last().map_or((path, &[][..]), |(n, f)| (*n, f));
        let stem = name.split('.').next().unwrap_or(name);
        let unit = self.index.unit(file.id).map_or("", |u| u.name.as_str());
        let programs = &file.language.profile().programs;
        let holds = |known: &[&str]| folders.iter().any(|f| known.contains(f));
        let sort = if compass_index::is_test_path(path, file.language) {
            Sort::Test
        } else if holds(&EXAMPLES) {
            Sort::Example
        } else if holds(&TOOLS) && !holds(&["cmd"]) || file.provenance.word().is_some() {
            Sort::Tool
        } else if programs.main_file.is_some_and(|main| name != main && self.index.find_path(&format!("{}/{main}", folders.join("/"))).is_some()) {
            // One that is built by itself beside the program of its folder makes something for it.
            Sort::Tool
        } else if programs.stems.is_some_and(|stems| !stems.contains(&stem)) {
            Sort::Script
        } else {
            Sort::Program
        };
        // Some names say nothing: the folder does, or the unit where that is all there is.
        let says_nothing = |name: &str| programs.unnamed.contains(&name);
        let of_folder = || folders.iter().rev().find(|f| !says_nothing(f) && !matches!(**f, "src" | "cmd" | "bin" | "app")).copied();
        let called = if says_nothing(stem) { of_folder().unwrap_or(unit) } else { stem };
        let called = called.rsplit('/').next().unwrap_or(called);
        (sort, if called.is_empty() { stem.to_owned() } else { called.to_owned() })
    }

    /// Lines of code by folder: of two programs the larger is more likely what this is about.
    fn lines_by_folder(&self) -> FxHashMap<String, u64> {
        let mut out: FxHashMap<String, u64> = FxHashMap::default();
        for file in self.index.files().iter().filter(|f| f.language.is_read() && f.provenance.word().is_none()) {
            let path = self.index.path_of(file.id);
            let folder = path.rsplit_once('/').map_or("", |(f, _)| f);
            *out.entry(folder.to_owned()).or_default() += u64::from(file.lines);
        }
        out
    }

    /// Is a program called like the repository, or like its first unit?
    fn is_namesake(&self, name: &str) -> bool {
        let root = self.index.own_roots().first().and_then(|r| r.rsplit('/').next()).unwrap_or_default();
        let root = root.split('@').next().unwrap_or(root);
        let first = self.index.units().first().map_or("", |u| u.name.rsplit('/').next().unwrap_or(&u.name));
        let alike = |other: &str| !other.is_empty() && other.replace(['-', '_'], "").eq_ignore_ascii_case(&name.replace(['-', '_'], ""));
        alike(root) || alike(first)
    }
}

/// What says how likely a program is what the repository is for: the least first.
type Weight = (Sort, bool, usize, std::cmp::Reverse<u64>, String);

fn lines_beside(lines: &FxHashMap<String, u64>, path: &str) -> u64 {
    lines.get(path.rsplit_once('/').map_or("", |(f, _)| f)).copied().unwrap_or(0)
}

/// Does a program begin with the function?
fn begins(facts: &compass_facts::Facts, def: compass_facts::DefId, file: Option<&FileRow>) -> bool {
    file.is_some_and(|f| (f.language.profile().programs.begins)(facts, def))
}

/// Does a path end so? One `*` stands for anything within a name.
fn is_called(path: &str, pattern: &str) -> bool {
    let end = path.rsplit('/').take(pattern.split('/').count()).collect::<Vec<_>>().into_iter().rev().collect::<Vec<_>>().join("/");
    compass_facts::fits(&end, pattern)
}
