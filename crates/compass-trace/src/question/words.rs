//! Cuts a question into words.
//!
//! A word ends at a blank, but blanks are allowed inside balanced parentheses. Double quotes make any text one word; a
//! quoted path may be followed by `:line:column`.

/// A word with its place.
#[derive(Debug, Clone, PartialEq, Eq)]
pub(super) struct Word {
    /// Its text without quotes.
    pub(super) text: String,
    /// Was it wholly in quotes?
    pub(super) quoted: bool,
    /// `"path":3:5`: what follows the quotes.
    pub(super) suffix: String,
    pub(super) at: usize,
    pub(super) length: usize,
    /// Did the quotes never close?
    pub(super) unclosed: bool,
}

/// All words from `start` on.
pub(super) fn words(line: &str, start: usize) -> Vec<Word> {
    let mut out = Vec::new();
    let mut at = start;
    while let Some(word) = next(line, at) {
        at = word.at + word.length;
        out.push(word);
    }
    out
}

fn next(line: &str, from: usize) -> Option<Word> {
    let rest = line.get(from..)?;
    let at = from + rest.len() - rest.trim_start().len();
    let rest = &line[at..];
    if rest.is_empty() {
        return None;
    }
    if rest.starts_with('"') {
        return Some(quoted(rest, at));
    }
    let length = plain_length(rest);
    Some(Word { text: rest[..length].to_owned(), quoted: false, suffix: String::new(), at, length, unclosed: false })
}

/// Up to the first blank outside parentheses; where those do not balance, up to the first blank.
fn plain_length(rest: &str) -> usize {
    let mut depth = 0usize;
    for (i, c) in rest.char_indices() {
        match c {
            '(' => depth += 1,
            ')' => depth = depth.saturating_sub(1),
            c if c.is_whitespace() && depth == 0 => return i,
            _ => {}
        }
    }
    if depth == 0 { rest.len() } else { rest.find(char::is_whitespace).unwrap_or(rest.len()) }
}

fn quoted(rest: &str, at: usize) -> Word {
    let mut text = String::new();
    let mut chars = rest.char_indices().skip(1);
    let mut end = None;
    while let Some((i, c)) = chars.next() {
        match c {
            '\\' => match chars.next() {
                Some((_, e @ ('"' | '\\'))) => text.push(e),
                Some((_, e)) => {
                    text.push('\\');
                    text.push(e);
                }
                None => text.push('\\'),
            },
            '"' => {
                end = Some(i + 1);
                break;
            }
            c => text.push(c),
        }
    }
    let closed = end.unwrap_or(rest.len());
    let tail = &rest[closed..];
    let suffix = if end.is_some() && tail.starts_with(':') { tail[..tail.find(char::is_whitespace).unwrap_or(tail.len())].to_owned() } else { String::new() };
    let length = closed + suffix.len();
    Word { text, quoted: true, suffix, at, length, unclosed: end.is_none() }
}

/// The text in quotes, as [`words`] reads it back.
pub(super) fn quote(text: &str) -> String {
    format!("\"{}\"", text.replace('\\', "\\\\").replace('"', "\\\""))
}

/// Parentheses that are open at the end; one that closes nothing does not count, so `)(` leaves one.
fn left_open(text: &str) -> usize {
    text.chars().fold(0, |depth: usize, c| match c {
        '(' => depth + 1,
        ')' => depth.saturating_sub(1),
        _ => depth,
    })
}

/// Can the text stand as one word without quotes?
pub(super) fn is_one_word(text: &str) -> bool {
    // An open parenthesis would look for its other half among the words that follow.
    !text.is_empty() && left_open(text) == 0 && !text.starts_with('"') && next(text, 0).is_some_and(|w| w.length == text.len() && w.at == 0)
}
