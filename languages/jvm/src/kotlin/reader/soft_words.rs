//! Words that are modifiers in some places and plain names in others.
//!
//! `open = true` at the start of a line the generic grammar takes for the begin of a declaration. A text it cannot read is tried once more with
//! another letter in front of such words where they can only be names. Nothing moves, and names are read off the text as it is written.

const SOFT: [&str; 26] = [
    "abstract",
    "actual",
    "annotation",
    "by",
    "catch",
    "companion",
    "const",
    "constructor",
    "data",
    "enum",
    "expect",
    "external",
    "final",
    "finally",
    "get",
    "infix",
    "init",
    "inline",
    "inner",
    "open",
    "operator",
    "out",
    "set",
    "suspend",
    "value",
    "where",
];

/// The text with soft words that are names made unlike the modifiers, and headers of classes on one line.
pub(crate) fn with_plain_names(text: &str) -> String {
    let bytes = text.as_bytes();
    let mut out = bytes.to_vec();
    let is_word = |b: u8| b.is_ascii_alphanumeric() || b == b'_' || b >= 0x80;
    let mut at = 0;
    while at < bytes.len() {
        if !is_word(bytes[at]) {
            at += 1;
            continue;
        }
        let start = at;
        while at < bytes.len() && is_word(bytes[at]) {
            at += 1;
        }
        let word = &text[start..at];
        let before = text[..start].trim_end_matches([' ', '\t']);
        let after = text[at..].trim_start_matches([' ', '\t']);
        if SOFT.contains(&word) && (is_name(before, after) || is_call(word, after)) {
            out[start] = b'x';
        }
        if word == "constructor" {
            join_header(&mut out, start);
        }
    }
    blank_marks_of_accessors(text, &mut out);
    blank_round_members(&mut out);
    String::from_utf8(out).unwrap_or_else(|_| text.to_owned())
}

/// Can a word between these only be a name?
fn is_name(before: &str, after: &str) -> bool {
    let is_assigned = after.starts_with('=') || ["+=", "-=", "++", "--", "*=", "/="].iter().any(|sign| after.starts_with(sign));
    let in_expression =
        before.ends_with(['=', '(', ',', '!', '&', '|', '+', '-', '*', '<', '[']) || ["return", "and", "or", "xor", "shl"].iter().any(|w| before.ends_with(w));
    let ends_there = after.starts_with(['.', ')', '?', '!', '&', '|', '\n', ',', '<', '>', '+', '-', '*', ']', '='])
        || ["and ", "or ", "xor ", "shl "].iter().any(|w| after.starts_with(w));
    let is_asked = ["?.", "?:", "!!", ".", "!", "&", "|"].iter().any(|sign| after.starts_with(sign));
    is_assigned || in_expression && ends_there || is_asked
}

/// Is it `get(key)` or `set(key, value)`, and no accessor of a property?
fn is_call(word: &str, after: &str) -> bool {
    let Some((inner, _)) = after.strip_prefix('(').and_then(|rest| rest.split_once(')')) else { return false };
    word == "get" && !inner.trim().is_empty() || word == "set" && inner.contains(',')
}

/// Annotations on a line of their own in front of an accessor: the grammar then misses the accessor.
fn blank_marks_of_accessors(text: &str, out: &mut [u8]) {
    let mut marked: Option<(usize, usize)> = None;
    let mut at = 0;
    for line in text.split_inclusive('\n') {
        let words = line.trim();
        if let Some((from, to)) = marked.take()
            && (words.starts_with("get()") || words.starts_with("set("))
        {
            out[from..to].fill(b' ');
        }
        if let Some(mark) = words.strip_prefix('@')
            && let Some(end) = mark.find([' ', '('])
            && [" get()", " set("].iter().any(|accessor| mark[end..].starts_with(accessor))
        {
            let from = at + line.len() - line.trim_start().len();
            out[from..=from + end].fill(b' ');
        } else if words.starts_with('@') && !words.contains(" fun ") {
            let from = at + line.len() - line.trim_start().len();
            marked = Some((from, from + words.len()));
        }
        at += line.len();
    }
}

/// `made.(how)()` calls a function that a variable holds on `made`: without the brackets it reads alike, and the grammar knows it.
fn blank_round_members(out: &mut [u8]) {
    let mut at = 0;
    while let Some(found) = out[at..].windows(2).position(|w| w == b".(") {
        let open = at + found + 1;
        let name = out[open + 1..].iter().take_while(|b| b.is_ascii_alphanumeric() || **b == b'_').count();
        let close = open + 1 + name;
        if name > 0 && out[close..].starts_with(b")(") {
            out[open] = b' ';
            out[close] = b' ';
        }
        at = open;
    }
}

/// A primary constructor may begin the line below the name of its class: the grammar wants it on that line.
fn join_header(out: &mut [u8], constructor: usize) {
    let mut at = constructor;
    while at > 0 && (out[at - 1].is_ascii_alphabetic() || matches!(out[at - 1], b' ' | b'\t' | b'@')) {
        at -= 1;
    }
    let line = out[..at.saturating_sub(1)].iter().rposition(|b| *b == b'\n').map_or(0, |i| i + 1);
    let heads = |line: &[u8]| [b"class ".as_slice(), b" class "].iter().any(|w| line.windows(w.len()).any(|l| l == *w));
    if at > 0 && out[at - 1] == b'\n' && heads(&out[line..at - 1]) && !out[line..at - 1].contains(&b'{') {
        out[at - 1] = b' ';
    }
}
