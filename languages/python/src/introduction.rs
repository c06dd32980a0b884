//! Where a module documents itself: the text that is its first statement.

use compass_facts::Span;

/// The first statement of a module where it is a text alone, without its quotes.
pub(crate) fn docstring(text: &str) -> Option<Span> {
    let at = first_statement(text);
    let prefix = text[at..].find(['"', '\'']).filter(|n| text[at..at + n].chars().all(|c| matches!(c, 'r' | 'R' | 'u' | 'U')))?;
    let start = at + prefix;
    let quote = ["\"\"\"", "'''", "\"", "'"].into_iter().find(|q| text[start..].starts_with(q))?;
    let inner = start + quote.len();
    let mut end = inner;
    let bytes = text.as_bytes();
    while !text.get(end..)?.starts_with(quote) {
        end += match bytes.get(end)? {
            b'\\' => 2,
            b'\n' if quote.len() == 1 => return None,
            _ => text[end..].chars().next().map_or(1, char::len_utf8),
        };
    }
    // What goes on is no text by itself.
    let rest = text[end + quote.len()..].trim_start_matches([' ', '\t', ';']);
    (rest.is_empty() || rest.starts_with(['\n', '\r', '#'])).then(|| Span::new(inner, end))
}

/// Where the first line begins that is neither empty nor a comment.
fn first_statement(text: &str) -> usize {
    let mut at = if text.starts_with('\u{feff}') { 3 } else { 0 };
    for line in text[at..].split_inclusive('\n') {
        let said = line.trim();
        if !said.is_empty() && !said.starts_with('#') {
            break;
        }
        at += line.len();
    }
    at
}

#[cfg(test)]
mod tests {
    use super::docstring;
    use rstest::rstest;

    #[rstest]
    #[case::plain("\"\"\"Racks.\n\nMore.\"\"\"\nimport os\n", Some("Racks.\n\nMore."))]
    #[case::behind_comments("#!/usr/bin/python\n# a licence\n\nr'''Racks.'''\n", Some("Racks."))]
    #[case::one_line("'Racks \\' of cheese'  # so\n", Some("Racks \\' of cheese"))]
    #[case::not_a_statement("'a' + b\n", None)]
    #[case::code_first("import os\n'''Racks.'''\n", None)]
    #[case::open("\"\"\"Racks", None)]
    #[case::open_line("'Racks\n'", None)]
    #[case::cut_in_an_escape("'Racks\\", None)]
    #[case::empty("", None)]
    fn the_first_text_documents_a_module(#[case] text: &str, #[case] expected: Option<&str>) {
        assert_eq!(docstring(text).map(|s| s.of(text)), expected);
    }
}
