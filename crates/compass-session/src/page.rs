//! A file as it is read, and places in files.

mod load;
mod past;

pub(crate) use load::{highlights, page};

use compass_facts::{Span, TokenClass};
use compass_trace::highlights::Highlight;

/// A part that can be folded: its first line stays, the lines up to the last are hidden.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub struct Part {
    /// The line that stays, from 1.
    pub first: u32,
    /// The last line.
    pub last: u32,
}

/// How a line ends.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum LineEnd {
    /// It is the last one, and nothing ends it.
    #[default]
    Open,
    /// A line feed.
    Feed,
    /// A carriage return and a line feed.
    ReturnFeed,
}

/// A line of code with its coloured stretches.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct PageLine {
    /// The text as it is, without its line end.
    pub text: String,
    /// Stretches by byte of the line; gaps are plain.
    pub tokens: Vec<(u32, u32, TokenClass)>,
    /// Names defined on it, by byte of the line.
    pub defined: Vec<(u32, u32)>,
    /// Names that are told apart, by byte of the line.
    pub highlights: Vec<(u32, u32, Highlight)>,
    /// A gap begins or goes on here.
    pub in_gap: bool,
    /// How it ends.
    pub end: LineEnd,
    /// Of a long line: bytes, and where a face shows them, one every few thousand. Empty until a face measures the line.
    pub stops: Vec<(u32, u32)>,
}

impl PageLine {
    /// The line as it is told elsewhere: without the white space around, and of a long one the beginning.
    pub fn told(&self) -> &str {
        const MOST: usize = 400;
        let text = self.text.trim_start();
        text[..text.floor_char_boundary(MOST)].trim_end()
    }
}

/// A cell of the band.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct BandCell {
    /// Its name.
    pub name: String,
    /// Line of the name.
    pub line: u32,
    /// Last line.
    pub end_line: u32,
    /// Does a gap stand in it?
    pub has_gap: bool,
}

/// A file ready to be read.
#[derive(Debug, Clone, PartialEq, Default)]
pub struct Page {
    /// Path as the index shows it.
    pub path: String,
    /// Where it is on disk, for the editor.
    pub full: String,
    /// Its lines.
    pub lines: Vec<PageLine>,
    /// Its definitions in order.
    pub band: Vec<BandCell>,
    /// Parts that can be folded, by their first line; outer ones before inner ones.
    pub parts: Vec<Part>,
    /// Unit and language.
    pub about: String,
    /// The file is not what was indexed.
    pub changed: bool,
}

impl Page {
    /// The identifier that holds the byte at a column, with its range.
    pub fn word_at(&self, line: u32, column: u32) -> Option<(&str, Span)> {
        let text = &self.lines.get(line as usize - 1)?.text;
        let is_word = |c: char| c.is_alphanumeric() || c == '_' || c == '$';
        let at = (column as usize - 1).min(text.len());
        if !text.is_char_boundary(at) {
            return None;
        }
        let start = text[..at].rfind(|c| !is_word(c)).map_or(0, |i| i + text[i..].chars().next().map_or(1, char::len_utf8));
        let end = text[at..].find(|c| !is_word(c)).map_or(text.len(), |i| at + i);
        let word = &text[start..end];
        (!word.is_empty() && !word.starts_with(|c: char| c.is_ascii_digit())).then_some((word, Span::new(start, end)))
    }

    /// The byte column one character further, or one back.
    pub fn beside(&self, spot: &Spot, forward: bool) -> u32 {
        let text = self.lines.get(spot.line as usize - 1).map_or("", |l| l.text.as_str());
        let at = (spot.column as usize - 1).min(text.len());
        let next = if forward { at + text[at..].chars().next().map_or(0, char::len_utf8) } else { text[..at].char_indices().next_back().map_or(0, |(i, _)| i) };
        next as u32 + 1
    }

    /// Does the word that begins there name something: no word of the language, of a comment or of a text?
    fn is_name(&self, line: u32, start: u32) -> bool {
        let class = self.lines.get(line as usize - 1).and_then(|l| l.tokens.iter().find(|t| t.0 <= start && start < t.1)).map(|t| t.2);
        !matches!(class, Some(TokenClass::Keyword | TokenClass::Comment | TokenClass::Text))
    }

    /// Where the first name begins that a line defines; the first column where it defines none.
    pub fn column_of_definition(&self, line: u32) -> u32 {
        self.lines.get(line as usize - 1).and_then(|l| l.defined.first()).map_or(1, |d| d.0 + 1)
    }

    /// The innermost part around a line that can be folded.
    pub fn part_at(&self, line: u32) -> Option<Part> {
        self.parts.iter().filter(|p| p.first <= line && line <= p.last).max_by_key(|p| (p.first, std::cmp::Reverse(p.last))).copied()
    }

    /// The start of the next identifier behind a place, on its line or not far below.
    pub fn next_name(&self, spot: &Spot) -> Option<(u32, u32)> {
        let mut from = self.word_at(spot.line, spot.column).map_or(spot.column, |(_, s)| s.end + 1);
        for line in spot.line..=(self.lines.len() as u32).min(spot.line + 200) {
            let text = &self.lines.get(line as usize - 1)?.text;
            let first = text.ceil_char_boundary((from as usize).saturating_sub(1));
            let mut starts = text[first..].char_indices().map(|(i, _)| (i + first) as u32 + 1).filter(|c| *c >= from);
            if let Some(column) = starts.find(|c| self.word_at(line, *c).is_some_and(|(_, s)| s.start + 1 == *c && self.is_name(line, s.start))) {
                return Some((line, column));
            }
            from = 1;
        }
        None
    }
}

/// A place to read.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Spot {
    /// Path as the index shows it.
    pub path: String,
    /// From 1.
    pub line: u32,
    /// In bytes from 1.
    pub column: u32,
}

/// Path and commit of a place at a commit: `src/rack.c @ 1a2b3c4`.
pub fn at_commit(path: &str) -> Option<(&str, &str)> {
    let (path, commit) = path.rsplit_once(" @ ")?;
    (!path.is_empty() && !commit.is_empty() && !commit.contains(char::is_whitespace)).then_some((path, commit))
}
