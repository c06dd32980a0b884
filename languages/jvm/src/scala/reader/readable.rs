//! What the generic grammar stumbles over: signs behind a backslash in texts that an interpolator reads by itself, `enum` behind a modifier that
//! says how far it is private, comments between bases, and a second list of arguments for a base.

/// Is a comment between bases, which ends the class for the grammar without an error?
pub(crate) fn is_misread(text: &str) -> bool {
    text.contains("*/ with ")
}

/// The text with such places in blanks.
pub(crate) fn easier(text: &str) -> String {
    let mut out = text.as_bytes().to_vec();
    blank_escapes(text, &mut out);
    blank_qualified_modifiers(text, &mut out);
    blank_comments_of_bases(text, &mut out);
    blank_further_lists(text, &mut out);
    String::from_utf8(out).unwrap_or_else(|_| text.to_owned())
}

/// `b"\("`: only some signs may stand behind a backslash for the grammar.
fn blank_escapes(text: &str, out: &mut [u8]) {
    let mut at = 0;
    while at < text.len() {
        at = past_token(text, at, out);
    }
}

/// Past a text, a comment or a single byte.
fn past_token(text: &str, at: usize, out: &mut [u8]) -> usize {
    let bytes = text.as_bytes();
    let find = |from: usize, sign: &str| bytes[from.min(bytes.len())..].windows(sign.len()).position(|w| w == sign.as_bytes()).map(|n| from + n);
    match bytes[at] {
        b'/' if bytes.get(at + 1) == Some(&b'/') => find(at, "\n").unwrap_or(bytes.len()),
        b'/' if bytes.get(at + 1) == Some(&b'*') => find(at + 2, "*/").map_or(bytes.len(), |n| n + 2),
        b'"' if text[at..].starts_with("\"\"\"") => find(at + 3, "\"\"\"").map_or(bytes.len(), |n| n + 3),
        b'"' => past_text(text, at, out),
        // A character, and no type parameter or symbol.
        b'\'' if bytes.get(at + 1) == Some(&b'\\') => at + 4,
        b'\'' if bytes.get(at + 2) == Some(&b'\'') => at + 3,
        _ => at + 1,
    }
}

/// Past a text on one line, with the expressions in it.
fn past_text(text: &str, start: usize, out: &mut [u8]) -> usize {
    let bytes = text.as_bytes();
    let is_read = start > 0 && (bytes[start - 1].is_ascii_alphanumeric() || bytes[start - 1] == b'_');
    let mut at = start + 1;
    while at < bytes.len() {
        match bytes[at] {
            b'"' => return at + 1,
            b'\n' => return at,
            b'\\' => {
                if is_read && bytes.get(at + 1).is_some_and(|b| !b"nrtbf\"'\\u0".contains(b)) {
                    out[at] = b' ';
                }
                at += 2;
            }
            b'$' if is_read && bytes.get(at + 1) == Some(&b'{') => {
                let mut depth = 1;
                at += 2;
                while at < bytes.len() && depth > 0 {
                    match bytes[at] {
                        b'{' => depth += 1,
                        b'}' => depth -= 1,
                        b'\n' => return at,
                        _ => {}
                    }
                    at = past_token(text, at, out);
                }
            }
            _ => at += 1,
        }
    }
    at
}

/// `private[larder] enum Size`, `private enum Size`.
fn blank_qualified_modifiers(text: &str, out: &mut [u8]) {
    for (at, _) in text.match_indices(" enum ") {
        let line = text[..at].rfind('\n').map_or(0, |n| n + 1);
        let words = &text[line..at];
        let start = line + (words.len() - words.trim_start().len());
        let is_alone = !text[start..at].contains(' ');
        if is_alone && ["private", "protected"].iter().any(|w| text[start..].starts_with(w)) {
            out[start..at].fill(b' ');
        }
    }
}

/// `/* internal */ with Turns`.
fn blank_comments_of_bases(text: &str, out: &mut [u8]) {
    for (at, _) in text.match_indices("*/ with ") {
        if let Some(start) = text[..at].rfind("/*") {
            out[start..at + 2].iter_mut().filter(|b| **b != b'\n').for_each(|b| *b = b' ');
        }
    }
}

/// `extends Rack(1)(wheels)`.
fn blank_further_lists(text: &str, out: &mut [u8]) {
    for (at, _) in text.match_indices(")(") {
        let line = text[..at].rfind('\n').map_or(0, |n| n + 1);
        let before = &text[line..at];
        let Some(base) = before.rfind("extends ") else { continue };
        let end = text[at + 2..].find([')', '\n', '(']).map(|n| at + 2 + n);
        if let Some(end) = end.filter(|e| text.as_bytes()[*e] == b')' && !before[base..].contains(['{', '='])) {
            out[at + 1..=end].fill(b' ');
        }
    }
}
