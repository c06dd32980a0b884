//! Who brings a module or a name in, and what a file brings in.

use super::relations::Wanted;
use super::rows::Raw;
use super::{About, AnswerError, Engine, Found, Marks};
use crate::question::{Subject, What};
use compass_facts::{ImportId, ImportKind, Role, UseId};
use compass_index::{FileFacts, FileId, SymbolId};
use rustc_hash::FxHashSet;

impl Engine {
    pub(super) fn who_imports(&self, subjects: &[Subject]) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for subject in subjects {
            let file = match &subject.what {
                What::Name { text, .. } => self.find_file(text),
                What::Place(place) => self.find_file(&place.path),
            };
            match file {
                Some(file) => {
                    self.add_importers(file, &mut found)?;
                    self.miss_importers(file, &mut found)?;
                }
                None => {
                    let resolution = self.resolve(subject)?;
                    self.note_subject(&resolution, &mut found);
                    for resolved in &resolution.symbols {
                        if resolved.symbol.is_module() {
                            self.add_importers(resolved.symbol.file, &mut found)?;
                            self.miss_importers(resolved.symbol.file, &mut found)?;
                            continue;
                        }
                        let wanted = Wanted { symbol: resolved.symbol, uses: self.uses_with_local(resolved.symbol)?, above: false };
                        self.all_uses(&[wanted], &[Role::Import], &mut found)?;
                    }
                }
            }
        }
        found.rows.sort_by_key(|r| (self.index.path_of(r.file), r.marks.span));
        let symbols: Vec<SymbolId> = found.rows.iter().filter_map(|r| r.symbol).collect();
        self.miss_hidden_code(symbols.into_iter(), &mut found);
        Ok(found)
    }

    pub(super) fn add_importers(&self, file: FileId, found: &mut Found) -> Result<(), AnswerError> {
        for entry in self.index.importers(file)? {
            let facts = self.index.facts(entry.file)?;
            let id = ImportId(entry.import);
            found.rows.push(import_row(entry.file, &facts, id, Some(SymbolId::module(file))));
        }
        found.rows.dedup_by_key(|r| (r.file, r.marks.span.start));
        self.add_importers_by_name(file, found)
    }

    /// Imports of a file as uses of it: one that only runs it is a call as well.
    pub(super) fn add_those_who_run(&self, file: FileId, roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        for entry in self.index.importers(file)? {
            let facts = self.index.facts(entry.file)?;
            let id = ImportId(entry.import);
            let runs = facts.facts.import(id).kind == ImportKind::Effect;
            if roles.contains(&Role::Import) || runs && roles.contains(&Role::Call) {
                found.rows.push(import_row(entry.file, &facts, id, Some(SymbolId::module(file))));
            }
        }
        Ok(())
    }

    /// A module may also be brought in as a name of what it stands in: `from larder import shelf`.
    fn add_importers_by_name(&self, file: FileId, found: &mut Found) -> Result<(), AnswerError> {
        let module = SymbolId::module(file);
        let known: FxHashSet<(FileId, u32)> = found.rows.iter().map(|r| (r.file, r.marks.span.start)).collect();
        for entry in self.index.uses(module)?.iter().filter(|e| e.role == Role::Import) {
            let facts = self.index.facts(entry.file)?;
            let at = facts.facts.usage(UseId(entry.usage)).span;
            let around = facts.facts.imports.iter().position(|i| i.span.contains(at.start));
            if let Some(id) = around.filter(|i| !known.contains(&(entry.file, facts.facts.imports[*i].name_span.start))) {
                found.rows.push(import_row(entry.file, &facts, ImportId(id as u32), Some(module)));
            }
        }
        found.rows.dedup_by_key(|r| (r.file, r.marks.span.start));
        Ok(())
    }

    pub(super) fn imports_of(&self, file: FileId) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        let facts = self.index.facts(file)?;
        let links = self.index.links(file)?;
        // A whole name that means what it would with an import is none.
        let is_whole_name = |i: &compass_facts::Import| i.kind == ImportKind::Name && i.bound.is_none() && i.span == i.name_span;
        let is_written = |i: &compass_facts::Import| !i.name_span.is_empty() && !is_whole_name(i);
        for i in (0..facts.facts.imports.len()).filter(|i| is_written(&facts.facts.imports[*i])) {
            let target = links.imports.get(i).and_then(|t| t.first().copied());
            found.rows.push(import_row(file, &facts, ImportId(i as u32), target));
        }
        found.rows.dedup_by_key(|r| r.marks.span);
        found.miss("import_not_found", links.absent.len() as u64);
        Ok(found)
    }
}

fn import_row(file: FileId, facts: &FileFacts, id: ImportId, target: Option<SymbolId>) -> Raw {
    let import = facts.facts.import(id);
    let marks = Marks { kind: None, role: Some(Role::Import), certainty: None, span: import.name_span };
    Raw { about: About::Import(id), marks, symbol: target, ..Raw::line(file, import.name_span) }
}
