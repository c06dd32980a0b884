//! Finders: text, pattern, files, symbols, outline, entry points, gaps.

use super::filters::Filters;
use super::rows::Raw;
use super::{About, AnswerError, Context, Engine, Found, Marks};
use crate::fuzzy;
use crate::question::{Filter, Subject, What};
use compass_facts::{DefId, Flags, GapCause, ImportId, Kind, Source, Span};
use compass_index::{DiskSources, FileId, Sources, SymbolId};
use regex::bytes::{Regex, RegexBuilder};
use std::sync::Mutex;
use std::sync::atomic::{AtomicUsize, Ordering};
use std::time::{Duration, Instant};

/// A text search stops by itself after this long and says so.
const TIME_LIMIT: Duration = Duration::from_secs(60);
/// At most this many lines of one file are listed.
const MAX_LINES_PER_FILE: usize = 10_000;
/// `symbols` lists at most this many, best first.
const MAX_SYMBOLS: usize = 2_000;

/// Finds byte ranges in a text.
type Find<'f> = dyn Fn(&[u8]) -> Vec<(usize, usize)> + Sync + 'f;
/// Matches of a file, or why it was not searched.
type Scanned = Result<Vec<Span>, GapCause>;

impl Engine {
    /// `text "…"`.
    pub(super) fn text(&self, text: &str, filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
        if text.is_empty() {
            return Ok(Found { notes: vec!["an empty text is everywhere".to_owned()], ..Found::default() });
        }
        let finder = memchr::memmem::Finder::new(text.as_bytes());
        self.scan(&|bytes| finder.find_iter(bytes).map(|i| (i, i + text.len())).take(MAX_LINES_PER_FILE).collect(), filters, context)
    }

    /// `pattern /…/`.
    pub(super) fn pattern(&self, regex: &str, ignore_case: bool, filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
        let built: Result<Regex, _> = RegexBuilder::new(regex).case_insensitive(ignore_case).multi_line(true).build();
        let regex = match built {
            Ok(r) => r,
            Err(e) => {
                let text = e.to_string();
                let message = text.lines().last().unwrap_or("").trim().trim_start_matches("error: ").to_owned();
                return Err(crate::question::ParseError::new(format!("the pattern is wrong: {message}"), 9, regex.len()).into());
            }
        };
        let find = |bytes: &[u8]| regex.find_iter(bytes).filter(|m| !m.is_empty()).map(|m| (m.start(), m.end())).take(MAX_LINES_PER_FILE).collect();
        self.scan(&find, filters, context)
    }

    /// Searches all files that filters leave, on all cores, in the order of paths.
    fn scan(&self, find: &Find<'_>, filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
        let filters = Filters::new(self, filters, context)?;
        let files: Vec<FileId> = self.index.files().iter().map(|f| f.id).filter(|f| filters.keeps_file(self, *f)).collect();
        let limit = context.time_limit.unwrap_or(TIME_LIMIT);
        let (next, started) = (AtomicUsize::new(0), Instant::now());
        let hits: Mutex<Vec<(usize, Scanned)>> = Mutex::default();
        let late = AtomicUsize::new(0);
        let threads = std::thread::available_parallelism().map_or(2, |n| n.get());
        std::thread::scope(|scope| {
            for _ in 0..threads {
                scope.spawn(|| {
                    let mut own = Vec::new();
                    loop {
                        let i = next.fetch_add(1, Ordering::Relaxed);
                        if i >= files.len() || context.cancel.is_cancelled() {
                            break;
                        }
                        if started.elapsed() >= limit {
                            late.fetch_add(1, Ordering::Relaxed);
                            continue;
                        }
                        let found = self.scan_file(files[i], find);
                        if !matches!(&found, Ok(spans) if spans.is_empty()) {
                            own.push((i, found));
                        }
                    }
                    hits.lock().unwrap_or_else(|e| e.into_inner()).extend(own);
                });
            }
        });
        if context.cancel.is_cancelled() {
            return Err(AnswerError::Cancelled);
        }
        let mut hits = hits.into_inner().unwrap_or_else(|e| e.into_inner());
        hits.sort_by_key(|h| h.0);
        let mut out = Found::default();
        out.miss("time_limit", late.into_inner() as u64);
        for (i, found) in hits {
            match found {
                Ok(spans) => out.rows.extend(spans.into_iter().map(|s| Raw::line(files[i], s))),
                Err(cause) => out.miss(cause.word(), 1),
            }
        }
        Ok(out)
    }

    /// Matches of one file, one a line; bytes are searched as they are and decoded only on a hit.
    fn scan_file(&self, file: FileId, find: &Find<'_>) -> Scanned {
        let Some(row) = self.index.file(file) else { return Ok(Vec::new()) };
        let bytes = DiskSources.read(&self.index.full_path(row)).map_err(|_| GapCause::Unreadable)?;
        let head = &bytes[..bytes.len().min(8192)];
        let is_plain = std::str::from_utf8(head).is_ok_and(|h| !h.starts_with('\u{feff}') && !h.contains('\0'));
        if is_plain && find(&bytes).is_empty() {
            return Ok(Vec::new());
        }
        // Decoding may move offsets: search the text that people see.
        let source = Source::decode(bytes).map_err(|_| GapCause::Binary)?;
        let mut spans: Vec<Span> = find(source.text.as_bytes()).into_iter().map(|(s, e)| Span::new(s, e)).collect();
        spans.dedup_by_key(|s| source.lines.locate(s.start).0);
        Ok(spans)
    }

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
    pub(super) fn symbols(&self, fragments: &[String], filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
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
        self.add_entries(entries, &mut found)?;
        self.miss_hidden_code(std::iter::empty(), &mut found);
        Ok(found)
    }

    fn add_entries(&self, entries: Vec<compass_index::NameEntry>, found: &mut Found) -> Result<(), AnswerError> {
        for entry in entries {
            if let Some((facts, def)) = self.index.definition(entry.symbol)? {
                found.rows.push(Raw::definition(entry.symbol, &facts, def));
            }
        }
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

    /// `entry points`: functions called `main` and what runs when a script is started.
    pub(super) fn entry_points(&self) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for name in ["main", "__main__"] {
            for entry in self.index.named(name)? {
                if matches!(entry.kind, Kind::Function)
                    && !entry.flags.has(compass_facts::Flags::BODILESS)
                    && let Some((facts, def)) = self.index.definition(entry.symbol)?
                    && facts.facts.def(def).container.is_none()
                {
                    found.rows.push(Raw::definition(entry.symbol, &facts, def));
                }
            }
        }
        for file in self.index.files() {
            let name = file.path.rsplit('/').next().unwrap_or("");
            if matches!(name, "__main__.py" | "manage.py" | "wsgi.py" | "asgi.py") {
                found.rows.push(Raw::module(file.id));
            }
        }
        found.rows.sort_by_key(|r| (self.index.unit(r.file).is_some_and(|u| !u.own), self.index.path_of(r.file)));
        Ok(found)
    }

    /// The symbols with the most uses, and how many.
    ///
    /// # Errors
    /// [`AnswerError::Index`].
    pub fn most_used(&self, most: usize) -> Result<Vec<(super::Answer, u64)>, AnswerError> {
        let mut out = Vec::new();
        for (symbol, count) in self.index.most_used().iter().take(most) {
            if let Some((facts, def)) = self.index.definition(*symbol)? {
                out.push((self.full(&Raw::definition(*symbol, &facts, def))?, *count));
            }
        }
        Ok(out)
    }

    /// `gaps`: what could not be read, and imports nobody found, by file.
    pub(super) fn gaps(&self) -> Result<Found, AnswerError> {
        let mut found = Found::default();
        for file in self.index.files() {
            let facts = self.index.facts(file.id)?;
            let links = self.index.links(file.id)?;
            let mut rows: Vec<Raw> = facts.facts.gaps.iter().map(|g| gap_row(file.id, g.cause, g.span)).collect();
            for (import, _) in &links.absent {
                let span = facts.facts.import(ImportId(*import)).name_span;
                rows.push(gap_row(file.id, GapCause::ImportNotFound, span));
            }
            rows.extend(links.loose.iter().enumerate().map(|(n, l)| Raw { about: About::Loose(n as u32), ..Raw::line(file.id, l.at) }));
            rows.sort_by_key(|r| r.marks.span);
            found.rows.extend(rows);
        }
        Ok(found)
    }
}

fn gap_row(file: FileId, cause: GapCause, span: Span) -> Raw {
    Raw { about: About::Gap(cause), ..Raw::line(file, span) }
}

/// Shown in an outline: named, and no variable of a function.
fn is_listed(d: &compass_facts::Definition) -> bool {
    !d.is_inner() && !d.name_span.is_empty()
}
