//! Small helpers over syntax trees, shared by the readers.

use crate::Span;
use crate::reading::syntax::Node;
use smallvec::SmallVec;

/// The node's range.
pub fn span(node: Node) -> Span {
    Span::new(node.start_byte(), node.end_byte())
}

/// The node's text.
pub fn text<'t>(node: Node, source: &'t str) -> &'t str {
    source.get(node.byte_range()).unwrap_or("")
}

/// What could not be parsed: the outermost errors and tokens that should be there, by place.
pub fn errors(root: Node) -> Vec<Span> {
    let mut found = Vec::new();
    let mut open = vec![root];
    while let Some(node) = open.pop() {
        if node.is_error() && node.parent().is_some() || node.is_missing() {
            found.push(span(node));
        } else if node.has_error() {
            open.extend(node.children());
        }
    }
    found.sort_unstable();
    found
}

/// Some nodes; most lists are short.
pub type Nodes<'t> = SmallVec<[Node<'t>; 6]>;

/// Named children, comments left out.
pub fn named(node: Node) -> Nodes {
    // Error nodes count as extra too: comments are told by their kind.
    node.named_children().filter(|n| !n.is_extra() || n.is_error()).collect()
}

/// What a list of expressions holds, or the one expression.
pub fn listed(node: Node) -> Nodes {
    if node.kind() == "expression_list" { named(node) } else { SmallVec::from_slice(&[node]) }
}

/// The first child of that kind, named or not.
pub fn find_child<'t>(node: Node<'t>, kind: &str) -> Option<Node<'t>> {
    node.children().find(|n| n.kind() == kind)
}

/// Is there a child of that kind?
pub fn has_child(node: Node, kind: &str) -> bool {
    find_child(node, kind).is_some()
}

/// The sibling before a node, where the text before it ends as comments, attributes and decorators do. Siblings are found from
/// the root downwards, which costs more than all else that is asked of a node; the text tells at once.
pub fn note_before<'t>(node: Node<'t>, source: &str) -> Option<Node<'t>> {
    let head = source.get(..node.start_byte())?.trim_end();
    let line = head[line_start(head)..].trim_start();
    let may_be = head.ends_with("*/") || head.ends_with([']', ')']) || line.starts_with(['#', '@']) || line.contains("//");
    may_be.then(|| node.prev_sibling()).flatten()
}

/// So far back the beginning of a line is looked for, in bytes: a bundle is one line of millions, asked about at each definition.
const LONGEST_LINE: usize = 2_000;

/// Where the last line of a text begins; of a longer one where its last part begins.
fn line_start(text: &str) -> usize {
    let mut from = text.len().saturating_sub(LONGEST_LINE);
    while !text.is_char_boundary(from) {
        from += 1;
    }
    text[from..].rfind('\n').map_or(from, |i| from + i + 1)
}

/// The comment block that ends on the line above `node`; several line comments in a row count as one.
pub fn comment_before(node: Node, source: &str, accept: impl Fn(&str) -> bool) -> Option<Span> {
    let mut found: Option<Span> = None;
    let mut at = node;
    while let Some(previous) = note_before(at, source) {
        let kind = previous.kind();
        if matches!(kind, "attribute_item" | "decorator") {
            at = previous;
            continue;
        }
        let is_comment = kind.contains("comment");
        // In some grammars a doc line comment holds its line end; then it ends on the line it is said to touch.
        let gap = source.get(previous.end_byte()..at.start_byte()).unwrap_or("");
        if !is_comment || gap.matches('\n').count() > 1 || !accept(text(previous, source)) {
            break;
        }
        // A comment at the end of a line of code belongs to that code.
        let line_start = line_start(&source[..previous.start_byte()]);
        if !source[line_start..previous.start_byte()].trim().is_empty() {
            break;
        }
        let end = found.map_or(previous.end_byte() as u32, |f| f.end);
        found = Some(Span { start: previous.start_byte() as u32, end });
        at = previous;
    }
    found
}

/// Identifier-like words of a stretch of unparsed text, with their offsets; strings and comments are skipped.
pub fn words(source: &str, range: Span) -> Vec<Word<'_>> {
    let bytes = source.as_bytes();
    let end = range.end as usize;
    let mut i = range.start as usize;
    let mut out = Vec::new();
    while i < end {
        let b = bytes[i];
        if b.is_ascii_alphabetic() || b == b'_' || b >= 0x80 {
            let start = i;
            while i < end && (bytes[i].is_ascii_alphanumeric() || bytes[i] == b'_' || bytes[i] >= 0x80) {
                i += 1;
            }
            out.push(Word { text: source.get(start..i).unwrap_or(""), span: Span::new(start, i), before: before(bytes, start), after: after(bytes, i, end) });
        } else if b == b'"' || b == b'\'' {
            i = skip_quoted(bytes, i, end);
        } else if b == b'/' && i + 1 < end && (bytes[i + 1] == b'*' || bytes[i + 1] == b'/') {
            i = skip_comment(bytes, i, end);
        } else if b.is_ascii_digit() {
            while i < end && (bytes[i].is_ascii_alphanumeric() || bytes[i] == b'_') {
                i += 1;
            }
        } else {
            i += 1;
        }
    }
    out
}

/// A word of unparsed text.
pub struct Word<'t> {
    /// The word.
    pub text: &'t str,
    /// Where it stands.
    pub span: Span,
    /// The last byte before it that is no blank; 0 at the start.
    pub before: u8,
    /// The first byte after it that is no blank; 0 at the end.
    pub after: u8,
}

fn before(bytes: &[u8], mut i: usize) -> u8 {
    while i > 0 && (bytes[i - 1] as char).is_ascii_whitespace() {
        i -= 1;
    }
    if i == 0 { 0 } else { bytes[i - 1] }
}

fn after(bytes: &[u8], mut i: usize, end: usize) -> u8 {
    while i < end && (bytes[i] as char).is_ascii_whitespace() {
        i += 1;
    }
    if i < end { bytes[i] } else { 0 }
}

fn skip_quoted(bytes: &[u8], start: usize, end: usize) -> usize {
    let quote = bytes[start];
    // A single quote may begin a lifetime or label: then only the quote is skipped.
    let limit = if quote == b'\'' { end.min(start + 12) } else { end };
    let mut i = start + 1;
    while i < limit {
        match bytes[i] {
            b'\\' => i += 2,
            b if b == quote => return i + 1,
            _ => i += 1,
        }
    }
    if quote == b'\'' { start + 1 } else { end }
}

fn skip_comment(bytes: &[u8], start: usize, end: usize) -> usize {
    if bytes[start + 1] == b'/' {
        return memchr::memchr(b'\n', &bytes[start..end]).map_or(end, |n| start + n);
    }
    memchr::memmem::find(&bytes[start + 2..end], b"*/").map_or(end, |n| start + n + 4)
}
