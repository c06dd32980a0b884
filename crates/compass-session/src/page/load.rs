//! A file as it is read: its lines with their colours, definitions and gaps.

use super::{BandCell, LineEnd, Page, PageLine, Part, Spot, at_commit, past};
use crate::Failure;
use compass_facts::{Cancel, Facts, Flags, Kind, Language, LineIndex, Source, Span, Token, tokens};
use compass_trace::Engine;
use compass_trace::highlights::Highlight;

/// A file with its colours, definitions and gaps; of a path with a commit, as that has it.
pub(crate) fn page(engine: &Engine, spot: &Spot, cancel: &Cancel) -> Result<Page, Failure> {
    let index = engine.index();
    if let Some((path, commit)) = at_commit(&spot.path).filter(|_| index.find_path(&spot.path).is_none()) {
        return past::page(engine, spot, path, commit, cancel);
    }
    let id = index.find_path(&spot.path).ok_or_else(|| Failure::UnknownFile(spot.path.clone()))?;
    let row = index.file(id).ok_or_else(|| Failure::UnknownFile(spot.path.clone()))?;
    let source = index.source(id)?;
    let stored = index.facts(id)?;
    let facts = source.changed.as_ref().unwrap_or(&stored.facts);
    let lines = page_lines(row.language, &source.source, facts, cancel);
    let unit = index.unit(id).map(|u| u.name.clone()).unwrap_or_default();
    Ok(Page {
        path: spot.path.clone(),
        full: index.full_path(row).to_string_lossy().into_owned(),
        band: band(facts, &source.source.lines),
        parts: parts(facts, &source.source.lines),
        about: format!("{unit} · {}", row.language.word()),
        changed: source.changed.is_some() && index.is_read(),
        lines,
    })
}

/// The lines of a text with their colours, definitions and gaps.
pub(super) fn page_lines(language: Language, source: &Source, facts: &Facts, cancel: &Cancel) -> Vec<PageLine> {
    let text = source.text.as_str();
    let mut lines: Vec<PageLine> = (1..=source.lines.count())
        .map(|n| {
            let line = source.lines.line(n, text).to_owned();
            PageLine { text: line, end: end_of(&source.lines, n, text), ..PageLine::default() }
        })
        .collect();
    colour(&mut lines, &source.lines, &tokens(language, text, cancel), text);
    for d in &facts.definitions {
        let (line, column) = source.lines.locate(d.name_span.start);
        if let Some(l) = lines.get_mut(line as usize - 1) {
            l.defined.push((column - 1, column - 1 + d.name_span.len()));
        }
    }
    for gap in facts.gaps.iter().filter(|g| g.cause.hides_code()) {
        let first = source.lines.locate(gap.span.start.min(text.len() as u32)).0;
        let last = source.lines.locate(gap.span.end.min(text.len() as u32)).0;
        for line in lines.iter_mut().take(last as usize).skip(first as usize - 1) {
            line.in_gap = true;
        }
    }
    lines
}

/// The names of a file that are told apart, by line and bytes of the line.
pub(crate) fn highlights(engine: &Engine, path: &str, cancel: &Cancel) -> Option<Vec<(u32, u32, u32, Highlight)>> {
    let index = engine.index();
    let source = index.source(index.find_path(path)?).ok()?;
    let highlights = engine.highlights(path, cancel).ok()?;
    let place = |(span, highlight): (Span, Highlight)| {
        let (line, column) = source.source.lines.locate(span.start);
        (line, column - 1, column - 1 + span.len(), highlight)
    };
    Some(highlights.into_iter().map(place).collect())
}

/// How a line ends.
fn end_of(lines: &LineIndex, line: u32, text: &str) -> LineEnd {
    let Some(next) = lines.offset(line + 1, 1) else { return LineEnd::Open };
    if text[..next as usize].ends_with("\r\n") { LineEnd::ReturnFeed } else { LineEnd::Feed }
}

/// Definitions of several lines and long comments before them: what can be folded.
pub(super) fn parts(facts: &Facts, lines: &LineIndex) -> Vec<Part> {
    let line_of = |at: u32| lines.locate(at).0;
    let mut out = Vec::new();
    for d in facts.definitions.iter().filter(|d| !d.name_span.is_empty() && !matches!(d.kind, Kind::Parameter | Kind::TypeParameter)) {
        let bodies = d.body.map_or(d.whole.end, |b| b.end).saturating_sub(1);
        out.push(Part { first: line_of(d.name_span.start), last: line_of(bodies.max(d.name_span.start)) });
        // A docstring stands within the body and is folded with it.
        let before = d.doc.filter(|doc| doc.end <= d.name_span.start);
        out.extend(before.map(|doc| Part { first: line_of(doc.start), last: line_of(doc.end.saturating_sub(1)) }));
    }
    out.retain(|p| p.last > p.first);
    out.sort_unstable_by_key(|p| (p.first, std::cmp::Reverse(p.last)));
    out.dedup();
    out
}

/// Cuts tokens at line ends and hands them to their lines.
fn colour(lines: &mut [PageLine], index: &LineIndex, tokens: &[Token], text: &str) {
    for token in tokens {
        let (mut line, mut column) = index.locate(token.span.start);
        let mut left = token.span.len();
        while left > 0 && (line as usize) <= lines.len() {
            let whole = index.line_span(line, text);
            let length = whole.len().saturating_sub(column - 1).min(left);
            if length > 0 {
                lines[line as usize - 1].tokens.push((column - 1, column - 1 + length, token.class));
            }
            let next = index.offset(line + 1, 1);
            let Some(next) = next else { break };
            let used = next.saturating_sub(whole.start + column - 1);
            left = left.saturating_sub(used.max(1));
            line += 1;
            column = 1;
        }
    }
}

pub(super) fn band(facts: &Facts, lines: &LineIndex) -> Vec<BandCell> {
    let is_shown = |d: &compass_facts::Definition| {
        !d.name_span.is_empty()
            && !d.flags.has(Flags::LOCAL)
            && !matches!(d.kind, Kind::Parameter | Kind::TypeParameter | Kind::Field | Kind::Variant | Kind::Label)
    };
    let cells = facts.definitions.iter().filter(|d| is_shown(d)).map(|d| BandCell {
        name: facts.name(d.name).to_owned(),
        line: lines.locate(d.name_span.start).0,
        end_line: lines.locate(d.whole.end.saturating_sub(1)).0,
        has_gap: facts.gaps.iter().any(|g| g.cause.hides_code() && d.whole.covers(g.span)),
    });
    cells.collect()
}
