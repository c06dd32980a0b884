//! `class Turns(own: Log) : Log by own { … }`: the generic grammar takes the body for a function literal that `own` is called with.
//!
//! What a base is handed on to is put between brackets instead, which it reads with the body behind. Nothing moves, and names are read off the
//! text as it is written.

use std::borrow::Cow;

/// The text with such headers made readable.
pub(crate) fn with_delegates(text: &str) -> Cow<'_, str> {
    let mut out: Option<Vec<u8>> = None;
    let bytes = text.as_bytes();
    for (at, _) in text.match_indices("by") {
        let is_word = |b: Option<&u8>| b.is_some_and(|b| b.is_ascii_alphanumeric() || *b == b'_');
        if at == 0 || !bytes[at - 1].is_ascii_whitespace() || is_word(bytes.get(at + 2)) || !is_of_header(&bytes[..at]) {
            continue;
        }
        let Some(end) = end_of_value(bytes, at + 2) else { continue };
        let out = out.get_or_insert_with(|| bytes.to_vec());
        out[at] = b'(';
        out[at + 1] = b' ';
        out[end] = b')';
    }
    match out.map(String::from_utf8) {
        Some(Ok(made)) => Cow::Owned(made),
        _ => Cow::Borrowed(text),
    }
}

/// Does a text end in the header of a class or object, behind one of its bases?
fn is_of_header(before: &[u8]) -> bool {
    let mut depth = 0usize;
    let mut end = before.len();
    while end > 0 {
        match before[end - 1] {
            b')' => depth += 1,
            b'(' if depth == 0 => return false,
            b'(' => depth -= 1,
            b'{' | b'}' | b';' | b'=' if depth == 0 => return false,
            b if depth == 0 && b.is_ascii_alphabetic() => {
                let start = before[..end].iter().rposition(|b| !(b.is_ascii_alphanumeric() || *b == b'_')).map_or(0, |i| i + 1);
                match &before[start..end] {
                    b"class" | b"object" => return true,
                    b"val" | b"var" | b"fun" | b"import" | b"package" => return false,
                    _ => end = start + 1,
                }
            }
            _ => {}
        }
        end -= 1;
    }
    false
}

/// Where the blank stands between what a base is handed on to and the body behind it, on the same line.
fn end_of_value(bytes: &[u8], from: usize) -> Option<usize> {
    let mut depth = 0usize;
    for (i, b) in bytes.iter().enumerate().skip(from) {
        match b {
            b'(' => depth += 1,
            b')' => depth = depth.checked_sub(1)?,
            b'\n' | b',' | b'"' if depth == 0 => return None,
            b'{' if depth == 0 => return (bytes[i - 1] == b' ' && i > from + 1).then_some(i - 1),
            _ => {}
        }
    }
    None
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::class("class A(val b: B) : B by b {", "class A(val b: B) : B (  b){")]
    #[case::several("class A(b: B) : C(), B by b.of(1) {", "class A(b: B) : C(), B (  b.of(1)){")]
    #[case::object("val x = object : B by b {", "val x = object : B (  b){")]
    #[case::without_a_body("class A(b: B) : B by b\n\nfun f() {", "class A(b: B) : B by b\n\nfun f() {")]
    #[case::property("class A {\n  val x by lazy { 1 }\n}", "class A {\n  val x by lazy { 1 }\n}")]
    #[case::parameter("class A(val by: B) : C {", "class A(val by: B) : C {")]
    #[case::word("fun f() { go by b {} }", "fun f() { go by b {} }")]
    fn only_headers_change(#[case] text: &str, #[case] expected: &str) {
        assert_eq!(with_delegates(text), expected);
    }
}
