//! Where a module documents itself: in inner comments.

use compass_facts::Span;

/// The lines of `//!`, or the block of `/*!`, that a file begins with; attributes and other comments may stand before.
pub(crate) fn inner_comment(text: &str) -> Option<Span> {
    let mut at = 0;
    let mut found: Option<(usize, usize)> = None;
    for line in text.split_inclusive('\n') {
        let said = line.trim();
        let start = at;
        at += line.len();
        if said.starts_with("/*!") {
            let begins = start + line.find("/*!")?;
            return text[begins..].find("*/").map(|n| Span::new(begins, begins + n + 2));
        }
        if said.starts_with("//!") {
            found = Some((found.map_or(start, |f| f.0), start + line.trim_end().len()));
        } else if found.is_some() || !(said.is_empty() || said.starts_with("//") || said.starts_with("#![")) {
            break;
        }
    }
    found.map(|(start, end)| Span::new(start, end))
}

#[cfg(test)]
mod tests {
    use super::inner_comment;
    use rstest::rstest;

    #[rstest]
    #[case::lines("//! Racks.\n//!\n//! More.\n\nuse a;\n", Some("//! Racks.\n//!\n//! More."))]
    #[case::behind_attributes("// a licence\n#![warn(missing_docs)]\n\n//! Racks.\nuse a;\n//! not this\n", Some("//! Racks."))]
    #[case::block("/*! Racks.\n */\nuse a;\n", Some("/*! Racks.\n */"))]
    #[case::of_an_item("/// A rack.\nstruct Rack;\n", None)]
    #[case::open("/*! Racks", None)]
    fn inner_comments_document_a_module(#[case] text: &str, #[case] expected: Option<&str>) {
        assert_eq!(inner_comment(text).map(|s| s.of(text)), expected);
    }
}
