//! The parts of a page: tags with their attributes, the marked parts of templates, style sheets within. One pass, no tree.

use compass_facts::Span;
use memchr::memmem;

/// Longer marked parts are none: the mark means something else there.
const LONGEST: usize = 4_000;

/// A part of a page.
#[derive(Debug, Clone, PartialEq)]
pub(super) enum Part {
    /// `<name`.
    Tag { name: Span },
    /// What closes the tag that was opened last: `>`.
    TagEnd,
    /// `</name>`.
    Close { name: Span },
    /// An attribute of the tag that was opened last.
    Attribute { name: Span, value: Option<Span> },
    /// `{% … %}`: what stands within.
    Statement(Span),
    /// `{{ … }}`.
    Expression(Span),
    /// `<% … %>`.
    Code(Span),
    /// The text of `<style>`.
    Style(Span),
    /// The text of `<script>`.
    Script(Span),
    /// A comment.
    Comment(Span),
}

/// Calls `each` with the parts in order.
pub(super) fn parts(text: &str, each: &mut dyn FnMut(Part)) {
    let bytes = text.as_bytes();
    let mut at = 0;
    while let Some(next) = memchr::memchr2(b'<', b'{', &bytes[at.min(bytes.len())..]).map(|i| at + i) {
        at = match mark(text, next, each) {
            Some(end) => end,
            None if bytes[next] == b'<' => tag(text, next, each),
            None => next + 1,
        };
    }
}

/// A marked part or comment at a place; where it ends.
pub(super) fn mark(text: &str, at: usize, each: &mut dyn FnMut(Part)) -> Option<usize> {
    let rest = &text.as_bytes()[at..];
    // Comments first: they begin like what they are not.
    for (open, close) in [("<!--", "-->"), ("{{!--", "--}}"), ("{{/*", "*/}}"), ("{{- /*", "*/ -}}"), ("{#", "#}"), ("{{!", "}}"), ("<%#", "%>")] {
        if !rest.starts_with(open.as_bytes()) {
            continue;
        }
        let most = if open == "<!--" { rest.len() } else { rest.len().min(LONGEST) };
        let end = match memmem::find(&rest[open.len()..most], close.as_bytes()) {
            Some(end) => at + open.len() + end + close.len(),
            // A comment of a page that is not closed is all that follows.
            None if open == "<!--" => text.len(),
            None => continue,
        };
        each(Part::Comment(Span::new(at, end)));
        return Some(end);
    }
    for (open, close) in [("{%", "%}"), ("{{", "}}"), ("<%", "%>")] {
        if rest.starts_with(open.as_bytes()) {
            let within = &rest[open.len()..rest.len().min(LONGEST)];
            let end = memmem::find(within, close.as_bytes())?;
            let inside = Span::new(at + open.len(), at + open.len() + end);
            each(match open {
                "{%" => Part::Statement(inside),
                "{{" => Part::Expression(inside),
                _ => Part::Code(inside),
            });
            return Some(at + open.len() + end + close.len());
        }
    }
    None
}

fn is_name(b: u8) -> bool {
    b.is_ascii_alphanumeric() || matches!(b, b'-' | b'_' | b':' | b'.') || b >= 0x80
}

/// A tag at a place; where it ends. What is none is stepped over.
fn tag(text: &str, at: usize, each: &mut dyn FnMut(Part)) -> usize {
    let bytes = text.as_bytes();
    let closes = bytes.get(at + 1) == Some(&b'/');
    let start = at + 1 + usize::from(closes);
    let mut end = start;
    while bytes.get(end).is_some_and(|b| is_name(*b)) {
        end += 1;
    }
    if end == start || !bytes[start].is_ascii_alphabetic() {
        return at + 1;
    }
    let name = Span::new(start, end);
    if closes {
        each(Part::Close { name });
        return end;
    }
    each(Part::Tag { name });
    let behind = attributes(text, end, each);
    each(Part::TagEnd);
    let word = text[start..end].to_ascii_lowercase();
    if !matches!(word.as_str(), "script" | "style") || text[..behind].ends_with("/>") {
        return behind;
    }
    let close = find_close(&bytes[behind..], word.as_bytes()).map_or(bytes.len(), |i| behind + i);
    let whole = Span::new(behind, close);
    each(if word == "style" { Part::Style(whole) } else { Part::Script(whole) });
    close
}

/// Where `</word` begins, in letters of either size.
fn find_close(bytes: &[u8], word: &[u8]) -> Option<usize> {
    memmem::find_iter(bytes, b"</").find(|i| bytes.get(i + 2..i + 2 + word.len()).is_some_and(|w| w.eq_ignore_ascii_case(word)))
}

/// The attributes of a tag, up to and with its `>`; where that ends.
fn attributes(text: &str, from: usize, each: &mut dyn FnMut(Part)) -> usize {
    let bytes = text.as_bytes();
    let mut at = from;
    while let Some(b) = bytes.get(at) {
        if matches!(b, b'{' | b'<')
            && let Some(end) = mark(text, at, each)
        {
            at = end;
            continue;
        }
        match b {
            b'>' => return at + 1,
            b'<' => return at,
            _ if b.is_ascii_whitespace() || matches!(b, b'/' | b'"' | b'\'' | b'=' | b'{' | b'}' | b'%') => at += 1,
            _ => at = attribute(text, at, each),
        }
    }
    bytes.len()
}

fn attribute(text: &str, at: usize, each: &mut dyn FnMut(Part)) -> usize {
    let bytes = text.as_bytes();
    let ends_name = |b: u8| b.is_ascii_whitespace() || matches!(b, b'=' | b'>' | b'/' | b'"' | b'\'' | b'<' | b'{');
    let end = bytes[at..].iter().position(|b| ends_name(*b)).map_or(bytes.len(), |i| at + i).max(at + 1);
    let name = Span::new(at, end);
    let mut next = end;
    while bytes.get(next).is_some_and(u8::is_ascii_whitespace) {
        next += 1;
    }
    if bytes.get(next) != Some(&b'=') {
        each(Part::Attribute { name, value: None });
        return end;
    }
    next += 1;
    while bytes.get(next).is_some_and(u8::is_ascii_whitespace) {
        next += 1;
    }
    let (start, stop, behind) = match bytes.get(next) {
        Some(quote @ (b'"' | b'\'')) => {
            let stop = closing_quote(text, next + 1, *quote);
            (next + 1, stop, (stop + 1).min(bytes.len()))
        }
        _ => {
            let stop = bytes[next.min(bytes.len())..].iter().position(|b| b.is_ascii_whitespace() || *b == b'>').map_or(bytes.len(), |i| next + i);
            (next, stop, stop)
        }
    };
    each(Part::Attribute { name, value: Some(Span::new(start, stop)) });
    // What a template fills in stands within the value.
    let mut inner = start;
    while let Some(mark_at) = bytes.get(inner..stop).and_then(|v| memchr::memchr2(b'{', b'<', v)).map(|i| inner + i) {
        inner = mark(text, mark_at, each).unwrap_or(mark_at + 1);
    }
    behind.max(inner.min(bytes.len()))
}

/// Where a value ends: quotes within marked parts are theirs.
fn closing_quote(text: &str, from: usize, quote: u8) -> usize {
    let bytes = text.as_bytes();
    let mut at = from;
    while let Some(b) = bytes.get(at) {
        if *b == quote {
            return at;
        }
        at = if matches!(b, b'{' | b'<') { mark(text, at, &mut |_| {}).unwrap_or(at + 1) } else { at + 1 };
    }
    bytes.len()
}
