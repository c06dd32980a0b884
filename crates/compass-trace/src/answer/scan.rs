//! Searches through texts: `text`, `pattern`.
//!
//! # How it works
//! Threads search blocks of files; the one that asked puts their matches in the order of paths, makes the rows of the
//! page and tells them at once. Bytes are searched as they are and decoded only on a hit.

use super::filters::Filters;
use super::rows::Raw;
use super::{AnswerError, Context, Engine, Found};
use crate::question::Filter;
use compass_facts::{Cancel, GapCause, Source, Span};
use compass_index::FileId;
use regex::bytes::{Regex, RegexBuilder};
use std::collections::BTreeMap;
use std::sync::atomic::{AtomicBool, AtomicUsize, Ordering};
use std::sync::mpsc::Receiver;
use std::time::{Duration, Instant};

/// A text search stops by itself after this long and says so.
const TIME_LIMIT: Duration = Duration::from_secs(60);
/// At most this many lines of one file are listed.
const MAX_LINES_PER_FILE: usize = 10_000;

/// Finds byte ranges in a text.
type Find<'f> = dyn Fn(&[u8]) -> Vec<(usize, usize)> + Sync + 'f;
/// Matches of a file, or why it was not searched.
type Scanned = Result<Vec<Span>, NotSearched>;
/// So many files are searched before their matches are told.
const FILES_AT_ONCE: usize = 32;

/// Why a file was not searched.
enum NotSearched {
    Late,
    Gap(GapCause),
}

/// Matches in the order of paths, from blocks that come in any order.
struct Gathered<'g> {
    engine: &'g Engine,
    tests: &'g Filters,
    context: &'g Context,
    page: (u64, u64),
    waiting: BTreeMap<usize, Vec<(FileId, Scanned)>>,
    next: usize,
    /// Matches, and those of them that the filters leave.
    matches: u64,
    kept: u64,
    found: Found,
}

impl<'g> Gathered<'g> {
    fn new(engine: &'g Engine, tests: &'g Filters, page: (u64, u64), context: &'g Context) -> Gathered<'g> {
        Gathered { engine, tests, context, page, waiting: BTreeMap::new(), next: 0, matches: 0, kept: 0, found: Found::default() }
    }

    fn all(&mut self, hear: &Receiver<(usize, Vec<(FileId, Scanned)>)>) -> Result<(), AnswerError> {
        for (number, hits) in hear {
            self.waiting.insert(number, hits);
            while let Some(hits) = self.waiting.remove(&self.next) {
                self.next += 1;
                for (file, scanned) in hits {
                    self.take(file, scanned)?;
                }
            }
        }
        Ok(())
    }

    fn take(&mut self, file: FileId, scanned: Scanned) -> Result<(), AnswerError> {
        let spans = match scanned {
            Ok(spans) => spans,
            Err(NotSearched::Late) => {
                self.found.miss("time_limit", 1);
                return Ok(());
            }
            Err(NotSearched::Gap(cause)) => {
                self.found.miss(cause.word(), 1);
                return Ok(());
            }
        };
        for span in spans {
            let row = Raw::line(file, span);
            self.matches += 1;
            if !self.tests.keeps(self.engine, &row)? {
                continue;
            }
            if self.kept >= self.page.0 && (self.found.ready.len() as u64) < self.page.1 {
                let answer = self.engine.full(&row)?;
                if let Some(early) = &self.context.early {
                    (early.0)(&answer);
                }
                self.found.ready.push(answer);
            }
            self.kept += 1;
        }
        Ok(())
    }

    fn finish(mut self) -> Found {
        if self.kept == 0 && self.matches > 0 {
            self.found.notes.push(format!("the filters leave none of {} answers", self.matches));
        }
        self.found.paged = Some(self.kept);
        self.found
    }
}

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

    /// Searches all files that filters leave, on all cores, in the order of paths. Rows of the page are made and told as
    /// soon as everything before them was searched; of the others only the number is kept.
    fn scan(&self, find: &Find<'_>, filters: &[Filter], context: &Context) -> Result<Found, AnswerError> {
        let tests = Filters::new(self, filters, context)?;
        let files: Vec<FileId> = self.index.files().iter().map(|f| f.id).filter(|f| tests.searches(self, *f)).collect();
        let blocks: Vec<&[FileId]> = files.chunks(FILES_AT_ONCE).collect();
        let end = Instant::now() + context.time_limit.unwrap_or(TIME_LIMIT);
        let (next, stop) = (AtomicUsize::new(0), AtomicBool::new(false));
        let (tell, hear) = std::sync::mpsc::channel::<(usize, Vec<(FileId, Scanned)>)>();
        let threads = std::thread::available_parallelism().map_or(2, |n| n.get());
        let mut gathered = Gathered::new(self, &tests, super::page(filters), context);
        std::thread::scope(|scope| {
            for _ in 0..threads {
                let tell = tell.clone();
                let (next, stop, blocks) = (&next, &stop, &blocks);
                scope.spawn(move || {
                    while let (number, false) = (next.fetch_add(1, Ordering::Relaxed), stop.load(Ordering::Relaxed) || context.cancel.is_cancelled()) {
                        let Some(block) = blocks.get(number) else { break };
                        let _ = tell.send((number, self.scan_block(block, find, end, &context.cancel)));
                    }
                });
            }
            drop(tell);
            let result = gathered.all(&hear);
            stop.store(true, Ordering::Relaxed);
            result
        })?;
        if context.cancel.is_cancelled() {
            return Err(AnswerError::Cancelled);
        }
        Ok(gathered.finish())
    }

    /// Files of a block that have matches or could not be searched.
    fn scan_block(&self, block: &[FileId], find: &Find<'_>, end: Instant, cancel: &Cancel) -> Vec<(FileId, Scanned)> {
        let mut out = Vec::new();
        for file in block {
            if cancel.is_cancelled() {
                break;
            }
            if Instant::now() >= end {
                out.push((*file, Err(NotSearched::Late)));
                continue;
            }
            match self.scan_file(*file, find) {
                Ok(spans) if spans.is_empty() => {}
                Ok(spans) => out.push((*file, Ok(spans))),
                Err(cause) => out.push((*file, Err(NotSearched::Gap(cause)))),
            }
        }
        out
    }

    /// Matches of one file, one a line; bytes are searched as they are and decoded only on a hit.
    fn scan_file(&self, file: FileId, find: &Find<'_>) -> Result<Vec<Span>, GapCause> {
        let Some(row) = self.index.file(file) else { return Ok(Vec::new()) };
        let bytes = self.index.tree().source(&self.index.full_path(row)).map_err(|_| GapCause::Unreadable)?;
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
}
