//! Finders: files, symbols, outline, entry points, gaps.

use super::rows::Raw;
use super::{About, AnswerError, Context, Engine, Found, Marks, side_by_side};
use crate::fuzzy;
use crate::question::{Filter, Subject, What};
use compass_facts::{DefId, Flags, GapCause, ImportId, Span};
use compass_index::{Cause, FileId, SymbolId};
use rustc_hash::FxHashSet;

/// `symbols` lists at most this many, best first.
const MAX_SYMBOLS: usize = 500;

/// The last parts of fragments, and in small letters what is said to be around them: types, modules, folders.
fn unqualified(fragments: &[String]) -> (Vec<String>, Vec<String>) {
    let mut last = Vec::new();
    let mut around = Vec::new();
    for fragment in fragments {
        let mut parts: Vec<&str> = fragment.split(['.', ':', '#', '/']).filter(|p| !p.is_empty()).collect();
        last.extend(parts.pop().map(str::to_owned));
        around.extend(parts.into_iter().map(str::to_lowercase));
    }
    // Nothing but signs is looked for as it is.
    if last.is_empty() { (fragments.to_vec(), Vec::new()) } else { (last, around) }
}

impl Engine {
    /// `files W`: by pattern, by end of path, else by letters.
    pub(super) fn files(&self, word: &str) -> Result<Found, AnswerError> {
        let is_glob = word.contains(['*', '?', '[']);
        let mut scored: Vec<(i64, FileId)> = Vec::new();
        let matcher = super::filters::PathMatcher::new(word);
        let mut fuzzy = fuzzy::Matcher::new(&[word.to_owned()]);
        for file in self.index.files() {
            let path = self.index.path_of(file.id);
            if matcher.matches(&path) {
                scored.push((i64::MIN, file.id));
            } else if !is_glob && let Some(score) = fuzzy.score_path(&path) {
                scored.push((-i64::from(score), file.id));
            }
        }
        if scored.iter().any(|s| s.0 == i64::MIN) {
            scored.retain(|s| s.0 == i64::MIN);
        }
        scored.sort_by(|a, b| a.0.cmp(&b.0).then_with(|| self.index.path_of(a.1).cmp(&self.index.path_of(b.1))));
        let rows = scored.into_iter().map(|s| Raw { marks: Marks { kind: None, role: None, certainty: None, span: Span::default() }, ..Raw::module(s.1) });
        Ok(Found { rows: rows.collect(), ..Found::default() })
    }

    /// `symbols F F`: several fragments in any order, initials, a slip of the finger.
    /// A fragment may be qualified: `Rack.tu`, `store::find`.
    pub(super) fn symbols(&self, fragments: &[String], filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
        let (fragments, containers) = unqualified(fragments);
        if containers.is_empty() {
            return self.symbols_by_name(&fragments, filters, context);
        }
        // What they stand in is known only when they are looked up: all that may be listed are.
        let mut found = self.symbols_by_name(&fragments, &[Filter::AtMost(MAX_SYMBOLS as u64)], context)?;
        found.paged = None;
        let mut rows = Vec::new();
        for row in std::mem::take(&mut found.rows) {
            let Some(symbol) = row.symbol else { continue };
            let Some((facts, def)) = self.index.definition(symbol)? else { continue };
            let mut place = self.qualified(symbol.file, &facts, def).to_lowercase();
            place.truncate(place.rfind('.').unwrap_or(0));
            place.push_str(&format!(" {}", self.index.path_of(symbol.file).to_lowercase()));
            if containers.iter().all(|c| place.contains(c.as_str())) {
                rows.push(row);
            }
        }
        found.rows = rows;
        Ok(found)
    }

    fn symbols_by_name(&self, fragments: &[String], filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
        let names = self.index.names()?;
        let mut found = Found::default();
        let mut entries = Vec::new();
        // A key is pressed for each letter: only the rows that are shown are looked up.
        let (after, most) = super::page(filters);
        let is_paged = filters.iter().all(|f| matches!(f, Filter::AtMost(_) | Filter::After(_)));
        let enough = if is_paged { (after + most).min(MAX_SYMBOLS as u64) as usize } else { MAX_SYMBOLS };
        let hits = fuzzy::find(&names, fragments, MAX_SYMBOLS, &context.cancel);
        let mut further = hits.len() as u64;
        for name in hits {
            further -= 1;
            let mut same = self.index.named(name)?;
            same.retain(|e| !self.is_declared(e.symbol.file));
            // Own units first, bodies before declarations, types and functions before fields.
            same.sort_by_key(|e| {
                let own = self.index.unit(e.symbol.file).is_some_and(|u| u.own);
                (!own, e.flags.has(Flags::BODILESS), !(e.kind.is_type() || e.kind.is_callable()), e.symbol)
            });
            entries.extend(same);
            if entries.len() >= enough {
                break;
            }
        }
        if is_paged {
            // Of names that are not looked up each counts for one.
            found.paged = Some(entries.len() as u64 + further);
            entries = entries.into_iter().skip(after as usize).take(most as usize).collect();
        }
        self.add_entries(&entries, &mut found)?;
        self.miss_hidden_code(std::iter::empty(), &mut found);
        Ok(found)
    }

    fn add_entries(&self, entries: &[compass_index::NameEntry], found: &mut Found) -> Result<(), AnswerError> {
        let rows = side_by_side::each(entries, &|entry| {
            let definition = self.index.definition(entry.symbol)?;
            Ok::<_, AnswerError>(definition.map(|(facts, def)| Raw::definition(entry.symbol, &facts, def)))
        })?;
        found.rows.extend(rows.into_iter().flatten());
        Ok(())
    }

    /// `outline of S`: what a file brings in and defines, or what a definition holds.
    pub(super) fn outline(&self, subject: &Subject) -> Result<Found, AnswerError> {
        let file = match &subject.what {
            What::Name { text, .. } => self.find_file(text),
            What::Place(_) => None,
        };
        if let Some(file) = file {
            return self.outline_of_file(file);
        }
        let resolution = self.resolve(subject)?;
        let mut found = Found::default();
        self.note_subject(&resolution, &mut found);
        for resolved in &resolution.symbols {
            let Some((facts, def)) = self.index.definition(resolved.symbol)? else { continue };
            let whole = facts.facts.def(def).whole;
            for (i, d) in facts.facts.definitions.iter().enumerate() {
                if whole.covers(d.name_span) && is_listed(d) {
                    let id = DefId(i as u32);
                    found.rows.push(Raw::definition(SymbolId { file: resolved.symbol.file, number: facts.number(id) }, &facts, id));
                }
            }
        }
        Ok(found)
    }

    pub(crate) fn outline_rows(&self, file: FileId) -> Result<Vec<(SymbolId, DefId)>, AnswerError> {
        let facts = self.index.facts(file)?;
        let listed = facts.facts.definitions.iter().enumerate().filter(|(_, d)| is_listed(d));
        Ok(listed.map(|(i, _)| DefId(i as u32)).map(|d| (SymbolId { file, number: facts.number(d) }, d)).collect())
    }

    fn outline_of_file(&self, file: FileId) -> Result<Found, AnswerError> {
        let mut found = self.imports_of(file)?;
        let facts = self.index.facts(file)?;
        for (symbol, def) in self.outline_rows(file)? {
            found.rows.push(Raw::definition(symbol, &facts, def));
        }
        for gap in facts.facts.gaps.iter().filter(|g| g.cause.hides_code()) {
            found.miss(gap.cause.word(), 1);
        }
        Ok(found)
    }

    /// The symbols with the most uses, and how many.
    ///
    /// # Errors
    /// [`AnswerError::Index`].
    pub fn most_used(&self, most: usize) -> Result<Vec<(super::Answer, u64)>, AnswerError> {
        let mut out = Vec::new();
        let mut seen = Vec::new();
        for (symbol, count) in self.index.most_used() {
            if out.len() >= most {
                break;
            }
            if let Some((facts, def)) = self.index.definition(*symbol)? {
                // What is opened in several files has the same uses in each: it is one thing.
                let what = (facts.facts.def_name(def).to_owned(), facts.facts.def(def).kind, *count);
                if seen.contains(&what) {
                    continue;
                }
                seen.push(what);
                out.push((self.full(&Raw::definition(*symbol, &facts, def))?, *count));
            }
        }
        Ok(out)
    }

    /// `gaps`: what could not be read, and imports nobody found, by file.
    /// `of` leaves those of one cause: `http`, `syntax`, `import` …
    pub(super) fn gaps(&self, of: Option<&str>, context: &Context) -> Result<Found, AnswerError> {
        let wanted = of.map(super::absent::causes_of).transpose()?;
        // What this program declares itself brings no gaps of the code.
        let files: Vec<FileId> = self.index.files().iter().map(|f| f.id).filter(|f| !self.is_declared(*f)).collect();
        let rows = super::side_by_side::each(&files, &|file| if context.cancel.is_cancelled() { Err(AnswerError::Cancelled) } else { self.gaps_of(*file) })?;
        let mut found = Found { rows: rows.into_iter().flatten().collect(), ..Found::default() };
        if let Some(wanted) = wanted {
            let mut kept = Vec::new();
            for row in std::mem::take(&mut found.rows) {
                if self.gap_word(&row)?.is_some_and(|w| wanted.contains(&w)) {
                    kept.push(row);
                }
            }
            found.rows = kept;
        }
        self.note_absent_packages(&mut found)?;
        Ok(found)
    }

    /// The word of a gap's cause.
    fn gap_word(&self, row: &Raw) -> Result<Option<&'static str>, AnswerError> {
        Ok(match row.about {
            About::Gap(cause) => Some(cause.word()),
            About::Loose(number) => self.index.links(row.file)?.loose.get(number as usize).map(|l| l.kind.word()),
            _ => None,
        })
    }

    fn gaps_of(&self, file: FileId) -> Result<Vec<Raw>, AnswerError> {
        let (facts, links) = self.index.in_passing(file)?;
        let mut rows: Vec<Raw> = facts.gaps.iter().map(|g| gap_row(file, g.cause, g.span)).collect();
        // A statement that brings in several names of one module is one gap.
        let mut told = FxHashSet::default();
        for (import, _) in links.absent.iter().filter(|a| a.1 != Cause::Builtin) {
            let import = facts.import(ImportId(*import));
            if told.insert((import.span, import.module)) {
                rows.push(gap_row(file, GapCause::ImportNotFound, import.name_span));
            }
        }
        rows.extend(links.loose.iter().enumerate().map(|(n, l)| Raw { about: About::Loose(n as u32), ..Raw::line(file, l.at) }));
        rows.sort_by_key(|r| r.marks.span);
        Ok(rows)
    }
}

fn gap_row(file: FileId, cause: GapCause, span: Span) -> Raw {
    Raw { about: About::Gap(cause), ..Raw::line(file, span) }
}

/// Shown in an outline: named, and no variable of a function.
fn is_listed(d: &compass_facts::Definition) -> bool {
    !d.is_inner() && !d.name_span.is_empty()
}
