//! Finds `#define` lines without reading the rest of a text: every file of a tree is looked through before any is read.

use std::ops::Range;

/// Tells name and place (name to end of body) of each macro that may make names. Macros that stand for a number, a text or nothing make none.
pub(super) fn each(text: &[u8], each: &mut dyn FnMut(&[u8], Range<usize>)) {
    let mut from = 0;
    for hash in memchr::memchr_iter(b'#', text) {
        if hash < from || !begins_line(text, hash) {
            continue;
        }
        let word = skip_blanks(text, hash + 1);
        if !text[word..].starts_with(b"define") {
            continue;
        }
        let start = skip_blanks(text, word + 6);
        let end = name_end(text, start);
        if end == start || start == word + 6 {
            continue;
        }
        from = line_end(text, end);
        if text.get(end) == Some(&b'(') || stands_for_code(text, skip_blanks(text, end)) {
            each(&text[start..end], start..from);
        }
    }
}

fn begins_line(text: &[u8], at: usize) -> bool {
    text[..at].iter().rev().find(|b| !matches!(b, b' ' | b'\t')).is_none_or(|b| *b == b'\n')
}

fn skip_blanks(text: &[u8], from: usize) -> usize {
    text[from..].iter().position(|b| !matches!(b, b' ' | b'\t')).map_or(text.len(), |n| from + n)
}

fn name_end(text: &[u8], from: usize) -> usize {
    let is_name = |b: &u8| b.is_ascii_alphanumeric() || *b == b'_' || *b == b'$';
    let starts = text.get(from).is_some_and(|b| is_name(b) && !b.is_ascii_digit());
    let length = text[from..].iter().position(|b| !is_name(b)).unwrap_or(text.len() - from);
    if starts { from + length } else { from }
}

/// The end of a line, over lines that a backslash joins to it.
fn line_end(text: &[u8], from: usize) -> usize {
    for end in memchr::memchr_iter(b'\n', &text[from..]).map(|n| from + n) {
        let last = if end > from && text[end - 1] == b'\r' { end - 1 } else { end };
        if last == from || text[last - 1] != b'\\' {
            return end;
        }
    }
    text.len()
}

fn stands_for_code(text: &[u8], body: usize) -> bool {
    let first = text[body..].iter().find(|b| **b != b'(' && **b != b' ' && **b != b'-');
    // Behind a comment, and on the next line, there may be more.
    first.is_some_and(|b| b.is_ascii_alphabetic() || matches!(b, b'_' | b'}' | b'/' | b'\\'))
}

#[cfg(test)]
mod tests {
    use rstest::rstest;

    #[rstest]
    #[case::nothing("int a; // #define no(x) x\n", &[])]
    #[case::function("#define MAKE(n) int n\n", &["MAKE(n) int n"])]
    #[case::blanks("  #\tdefine  MAKE(n) \\\n  int n;\nint b;", &["MAKE(n) \\\n  int n;"])]
    #[case::carriage_returns("#define A(n) \\\r\n int n;\r\nint b;", &["A(n) \\\r\n int n;\r"])]
    #[case::numbers("#define A 1\n#define B (-2)\n#define C\n#define D other\n#define E \"text\"\n#define F } }", &["D other", "F } }"])]
    #[case::end_of_text("#define A(n) n##_t \\", &["A(n) n##_t \\"])]
    #[case::no_name("#define\n#define 3\n#defined A(x) x\n#", &[])]
    fn finds_what_may_make_names(#[case] text: &str, #[case] wanted: &[&str]) {
        let mut found = Vec::new();
        super::each(text.as_bytes(), &mut |name, place| {
            assert!(text[place.clone()].starts_with(std::str::from_utf8(name).expect("a name")));
            found.push(&text[place]);
        });
        assert_eq!(found, wanted);
    }
}
