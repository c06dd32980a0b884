//! Who uses a symbol, what a symbol uses.

use super::rows::Raw;
use super::subject::Resolution;
use super::{About, AnswerError, Engine, Found, Marks, side_by_side};
use crate::question::{Does, Subject, What, WhoDoes};
use compass_facts::{DefId, ImportId, Kind, Role, UseId};
use compass_index::{Cause, Certainty, FileFacts, FileId, SymbolId, UseEntry};
use std::sync::Arc;

/// From so many uses on only the page asked for is looked at.
const MANY: usize = 400;

/// Uses of one file that stand side by side in a list.
struct Run {
    order: (bool, u32),
    file: FileId,
    list: usize,
    entries: std::ops::Range<usize>,
}

impl Engine {
    /// `who calls S`, and its sisters.
    pub(super) fn who(&self, does: WhoDoes, subjects: &[Subject], page: Option<(u64, u64)>) -> Result<Found, AnswerError> {
        match does {
            WhoDoes::Calls => self.uses_of(subjects, &[Role::Call], page),
            WhoDoes::Writes => self.uses_of(subjects, &[Role::Write], page),
            WhoDoes::Reads => self.uses_of(subjects, &[Role::Read, Role::Pass], page),
            WhoDoes::Includes | WhoDoes::Imports => self.who_imports(subjects),
            _ => self.who_derives(subjects),
        }
    }

    /// `who uses S as …`.
    pub(super) fn who_uses(&self, subjects: &[Subject], roles: &[Role], page: Option<(u64, u64)>) -> Result<Found, AnswerError> {
        self.uses_of(subjects, if roles.is_empty() { &Role::ALL } else { roles }, page)
    }

    fn uses_of(&self, subjects: &[Subject], roles: &[Role], page: Option<(u64, u64)>) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        let mut names = Vec::new();
        let mut all = Vec::new();
        let mut distinct = 0;
        let mut many = Vec::new();
        let mut page = page;
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            distinct += resolution.symbols.len();
            // At a place the first target is meant; a name stands for all its symbols.
            let most = if resolution.by_name { usize::MAX } else { 1 };
            if resolution.symbols.iter().take(most).any(|r| r.local) {
                // Uses that the reader linked stand in no posting: all have to be looked at.
                page = None;
                for symbol in many.drain(..) {
                    self.add_uses(symbol, roles, &mut found)?;
                }
            }
            for symbol in resolution.symbols.iter().take(most).map(|r| r.symbol) {
                match page {
                    Some(_) => many.push(symbol),
                    None => self.add_uses(symbol, roles, &mut found)?,
                }
                all.push(symbol);
                if !resolution.by_name
                    && let Some((facts, def)) = self.index.definition(symbol)?
                {
                    // A place says little to a reader: say what stands there.
                    found.notes.push(format!("{} {}", facts.facts.def(def).kind.word(), self.qualified(symbol.file, &facts, def)));
                    names.push(facts.facts.def_name(def).to_owned());
                }
            }
            names.extend(resolution.names.iter().cloned());
            if resolution.by_name && resolution.symbols.len() > 1 {
                self.offer_places(&resolution, &mut found);
            }
        }
        names.sort();
        names.dedup();
        if distinct > 0 {
            self.miss_unlinked(&names, &mut found)?;
            self.miss_hidden_code(all.into_iter(), &mut found);
        }
        if let Some(page) = page {
            if self.page_of_uses(&many, roles, page, &mut found)? {
                return Ok(found);
            }
            for symbol in many {
                self.add_uses(symbol, roles, &mut found)?;
            }
        }
        let own = |f: FileId| self.index.unit(f).is_some_and(|u| !u.own);
        let mut keyed: Vec<((bool, String, u32), Raw)> =
            found.rows.drain(..).map(|r| ((own(r.file), self.index.path_of(r.file), r.marks.span.start), r)).collect();
        keyed.sort_by(|a, b| a.0.cmp(&b.0));
        keyed.dedup_by(|a, b| a.0 == b.0);
        found.rows = keyed.into_iter().map(|k| k.1).collect();
        Ok(found)
    }

    /// The page asked for of very many uses, by place, without a look at the others. `false` where there are few.
    fn page_of_uses(&self, symbols: &[SymbolId], roles: &[Role], page: (u64, u64), found: &mut Found) -> Result<bool, AnswerError> {
        let lists: Result<Vec<_>, _> = symbols.iter().map(|s| self.index.uses(*s)).collect();
        let lists = lists?;
        let is_wanted = |e: &UseEntry| roles.contains(&e.role);
        let few = lists.iter().flat_map(|l| l.iter()).filter(|e| is_wanted(e)).take(MANY).count() < MANY;
        let has_crossings = || symbols.iter().map(|s| self.index.crossings(*s)).find(|c| !matches!(c, Ok(c) if c.is_empty()));
        if few || !self.index.matrix().is_empty() && has_crossings().transpose()?.is_some() {
            return Ok(false);
        }
        let (mut total, mut wanted) = (0u64, Vec::new());
        let mut here: Vec<(u32, usize, Certainty)> = Vec::new();
        for of_file in self.by_file(&lists).chunk_by(|a, b| a.file == b.file) {
            // A use with several targets stands in several lists: the first one counts.
            here.clear();
            let first = &lists[of_file[0].list][of_file[0].entries.clone()];
            for run in of_file {
                let entries = &lists[run.list][run.entries.clone()];
                // Several symbols of one name are most often meant by the very same uses.
                let again = run.list != of_file[0].list && entries.len() == first.len() && entries.iter().zip(first).all(|(a, b)| a.usage == b.usage);
                if !again {
                    here.extend(entries.iter().filter(|e| is_wanted(e)).map(|e| (e.usage, run.list, e.certainty)));
                }
            }
            if here.last().is_some_and(|h| h.1 != of_file[0].list) {
                here.sort_unstable_by_key(|h| (h.0, h.1));
                here.dedup_by_key(|h| h.0);
            }
            let before = total;
            total += here.len() as u64;
            if total > page.0 && before < page.0 + page.1 {
                let range = page.0.saturating_sub(before) as usize..(page.0 + page.1 - before).min(here.len() as u64) as usize;
                wanted.extend(here[range].iter().map(|(usage, list, certainty)| (of_file[0].file, UseId(*usage), *certainty, symbols[*list])));
            }
        }
        found.paged = Some(total);
        found.rows = side_by_side::each(&wanted, &|(file, usage, certainty, symbol)| {
            let facts = self.index.facts(*file)?;
            Ok::<_, AnswerError>(Raw::usage(*file, &facts.facts, *usage, Some(*certainty), Some(*symbol)))
        })?;
        Ok(true)
    }

    /// Where in the lists the uses of each file stand, own files before others, by path.
    fn by_file(&self, lists: &[Arc<Vec<UseEntry>>]) -> Vec<Run> {
        let mut runs = Vec::new();
        for (list, entries) in lists.iter().enumerate() {
            let mut start = 0;
            for of_file in entries.chunk_by(|a, b| a.file == b.file) {
                runs.push(Run { order: (false, 0), file: of_file[0].file, list, entries: start..start + of_file.len() });
                start += of_file.len();
            }
        }
        // Each list is sorted by file already; a file is looked up once.
        runs.sort_by_key(|r| r.file);
        for of_file in runs.chunk_by_mut(|a, b| a.file == b.file) {
            let file = of_file[0].file;
            let order = (self.index.unit(file).is_some_and(|u| !u.own), self.index.position(file));
            of_file.iter_mut().for_each(|r| r.order = order);
        }
        runs.sort_by_key(|r| r.order);
        runs
    }

    fn offer_places(&self, resolution: &Resolution, found: &mut Found) {
        // A prototype and its body are one thing, not two to choose from.
        let bodies = resolution.symbols.iter().filter(|r| !r.bodiless);
        let mut paths: Vec<String> = bodies.map(|r| self.index.path_of(r.symbol.file)).collect();
        if paths.len() < 2 {
            return;
        }
        let count = paths.len();
        paths.dedup();
        let shown: Vec<String> = paths.iter().take(5).map(|p| format!("defined in {p}")).collect();
        found.notes.push(format!("{count} symbols of that name; choose with: {}", shown.join(" · ")));
    }

    fn add_uses(&self, symbol: SymbolId, roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        for entry in self.index.uses(symbol)?.iter() {
            if !roles.contains(&entry.role) {
                continue;
            }
            let facts = self.index.facts(entry.file)?;
            found.rows.push(Raw::usage(entry.file, &facts.facts, UseId(entry.usage), Some(entry.certainty), Some(symbol)));
        }
        for edge in self.crossings_in(symbol)? {
            if let crate::chains::Join::Crossing(_, number) = edge.join
                && roles.contains(&edge.role)
            {
                found.rows.push(Raw::crossing(edge.file, number, &edge));
            }
        }
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(()) };
        for (i, u) in facts.facts.uses.iter().enumerate() {
            if u.local == Some(def) && roles.contains(&u.role) {
                found.rows.push(Raw::usage(symbol.file, &facts.facts, UseId(i as u32), Some(Certainty::Proven), Some(symbol)));
            }
        }
        Ok(())
    }

    fn who_imports(&self, subjects: &[Subject]) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for subject in subjects {
            let file = match &subject.what {
                What::Name { text, .. } => self.find_file(text),
                What::Place(place) => self.find_file(&place.path),
            };
            match file {
                Some(file) => self.add_importers(file, &mut found)?,
                None => {
                    let resolution = self.resolve(subject)?;
                    self.note_subject(&resolution, &mut found);
                    for resolved in &resolution.symbols {
                        self.add_uses(resolved.symbol, &[Role::Import], &mut found)?;
                    }
                }
            }
        }
        found.rows.sort_by_key(|r| (self.index.path_of(r.file), r.marks.span));
        let symbols: Vec<SymbolId> = found.rows.iter().filter_map(|r| r.symbol).collect();
        self.miss_hidden_code(symbols.into_iter(), &mut found);
        Ok(found)
    }

    fn add_importers(&self, file: FileId, found: &mut Found) -> Result<(), AnswerError> {
        for entry in self.index.importers(file)? {
            let facts = self.index.facts(entry.file)?;
            let id = ImportId(entry.import);
            found.rows.push(import_row(entry.file, &facts, id, Some(SymbolId::module(file))));
        }
        found.rows.dedup_by_key(|r| (r.file, r.marks.span.start));
        Ok(())
    }

    fn who_derives(&self, subjects: &[Subject]) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            for resolved in &resolution.symbols {
                for derived in self.index.derived(resolved.symbol)? {
                    if let Some((facts, def)) = self.index.definition(derived)? {
                        found.rows.push(Raw::definition(derived, &facts, def));
                    }
                }
            }
        }
        let symbols: Vec<SymbolId> = found.rows.iter().filter_map(|r| r.symbol).collect();
        self.miss_hidden_code(symbols.into_iter(), &mut found);
        Ok(found)
    }

    /// `what does S call`, and its sisters.
    pub(super) fn what_does(&self, subject: &Subject, does: Does) -> Result<Found, AnswerError> {
        if let (Does::Include | Does::Import, What::Name { text, .. }) = (does, &subject.what)
            && let Some(file) = self.find_file(text)
        {
            return self.imports_of(file);
        }
        let resolution = self.resolve(subject)?;
        let mut found = Found::default();
        self.note_subject(&resolution, &mut found);
        let most = if resolution.by_name { usize::MAX } else { 1 };
        for resolved in resolution.symbols.iter().take(most) {
            match does {
                Does::Define => self.add_definitions(resolved.symbol, &mut found)?,
                Does::Include | Does::Import => {
                    let imports = self.imports_of(resolved.symbol.file)?;
                    found.rows.extend(imports.rows);
                }
                Does::Extend | Does::Implement => self.add_bases(resolved.symbol, &mut found)?,
                _ => self.add_used(resolved.symbol, roles_of(does), &mut found)?,
            }
        }
        Ok(found)
    }

    pub(super) fn imports_of(&self, file: FileId) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        let facts = self.index.facts(file)?;
        let links = self.index.links(file)?;
        for i in 0..facts.facts.imports.len() {
            let target = links.imports.get(i).and_then(|t| t.first().copied());
            found.rows.push(import_row(file, &facts, ImportId(i as u32), target));
        }
        found.rows.dedup_by_key(|r| r.marks.span);
        found.miss("import_not_found", links.absent.len() as u64);
        Ok(found)
    }

    fn add_definitions(&self, symbol: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        let facts = self.index.facts(symbol.file)?;
        let owner = if symbol.is_module() { None } else { facts.find(symbol.number) };
        for (i, d) in facts.facts.definitions.iter().enumerate() {
            if d.container == owner && !d.name_span.is_empty() && d.kind != Kind::TypeParameter {
                let id = DefId(i as u32);
                found.rows.push(Raw::definition(SymbolId { file: symbol.file, number: facts.number(id) }, &facts, id));
            }
        }
        Ok(())
    }

    fn add_bases(&self, symbol: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        // A type's bases are recorded with the file that says so: its own, or one that extends it.
        let links = self.index.links(symbol.file)?;
        for (base, derived) in &links.bases {
            if *derived == symbol
                && let Some((facts, def)) = self.index.definition(*base)?
            {
                found.rows.push(Raw::definition(*base, &facts, def));
            }
        }
        Ok(())
    }

    /// Uses within a definition.
    fn add_used(&self, symbol: SymbolId, roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        let facts = self.index.facts(symbol.file)?;
        let links = self.index.links(symbol.file)?;
        let whole = facts.find(symbol.number).map(|d| facts.facts.def(d).whole);
        for (n, c) in links.crossings.iter().enumerate() {
            if roles.contains(&c.role) && whole.is_none_or(|w| w.covers(c.at)) {
                let join = crate::chains::Join::Crossing(c.kind, n as u32);
                let edge = crate::chains::Edge { from: c.from, to: c.to, file: symbol.file, at: c.at, join, role: c.role, certainty: c.certainty };
                found.rows.push(Raw::crossing(symbol.file, n as u32, &edge));
            }
        }
        for (i, u) in facts.facts.uses.iter().enumerate() {
            let inside = whole.is_none_or(|w| w.covers(u.span));
            if !inside || !roles.contains(&u.role) {
                continue;
            }
            let usage = UseId(i as u32);
            if let Some(def) = u.local {
                if facts.facts.def(def).kind.is_callable() {
                    let target = SymbolId { file: symbol.file, number: facts.number(def) };
                    found.rows.push(Raw::usage(symbol.file, &facts.facts, usage, Some(Certainty::Proven), Some(target)));
                }
                continue;
            }
            match links.find(usage) {
                Some(link) => found.rows.push(Raw::usage(symbol.file, &facts.facts, usage, Some(link.certainty), link.targets.first().copied())),
                None => {
                    let cause = links.find_cause(usage).unwrap_or(Cause::NoDefinition);
                    if !matches!(cause, Cause::Builtin) {
                        found.miss(cause.word(), 1);
                    }
                }
            }
        }
        found.rows.sort_by_key(|r| (r.file, r.marks.span));
        Ok(())
    }
}

fn roles_of(does: Does) -> &'static [Role] {
    match does {
        Does::Call => &[Role::Call],
        Does::Read => &[Role::Read, Role::Pass],
        Does::Write => &[Role::Write],
        _ => &Role::ALL,
    }
}

fn import_row(file: FileId, facts: &FileFacts, id: ImportId, target: Option<SymbolId>) -> Raw {
    let import = facts.facts.import(id);
    Raw {
        file,
        about: About::Import(id),
        marks: Marks { kind: None, role: Some(Role::Import), certainty: None, span: import.name_span },
        symbol: target,
        via: None,
        level: None,
        near: None,
    }
}
