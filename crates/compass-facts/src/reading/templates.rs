//! Words in the marked parts of templates: `{{ .Title }}`, `{% if wheel.due %}`, `<%= slot.name %>`.
//!
//! Such a part calls what a program hands to the template, and no reader follows it. Its words are kept as those of regions that could not
//! be read are: an answer about one of them says that something may be missing. Input: any text. Output: the marked parts, by place.

use crate::Span;
use memchr::memmem::Finder;

/// What begins and ends a part.
const MARKS: [(&str, &str); 3] = [("{{", "}}"), ("{%", "%}"), ("<%", "%>")];
/// Longer parts are none: the mark means something else there.
const LONGEST: usize = 4_000;

/// The marked parts of a text.
#[must_use]
pub fn marked(text: &str) -> Vec<Span> {
    let mut out = Vec::new();
    for (open, close) in MARKS {
        let ends = Finder::new(close);
        for at in Finder::new(open).find_iter(text.as_bytes()) {
            // `${{ … }}` is a form of build settings, which name nothing of a program.
            if text[..at].ends_with('$') {
                continue;
            }
            let from = at + open.len();
            let to = text.len().min(from + LONGEST);
            if let Some(length) = ends.find(&text.as_bytes()[from..to]) {
                out.push(Span::new(from, from + length));
            }
        }
    }
    out
}

#[cfg(test)]
mod tests {
    use crate::{Cancel, Language, Source, read};
    use rstest::rstest;

    #[rstest]
    #[case::go("<h1>{{ .Title | upper }}</h1> text\n", &["Title", "upper"])]
    #[case::python("{% for wheel in wheels %}{{ wheel.name }}{% endfor %} plain\n", &["endfor", "for", "in", "name", "wheel", "wheels"])]
    #[case::ruby("<p><%= slot.name %></p>\n", &["name", "slot"])]
    #[case::settings("run: ${{ github.event }} now\n", &[])]
    #[case::never_closed("{{ .Title\n", &[])]
    #[case::plain("nothing here { { }\n", &[])]
    fn words_of_marked_parts_are_kept(#[case] text: &str, #[case] wanted: &[&str]) {
        let facts = read(Language::TEXT, &Source::decode(text.into()).expect("text"), &Cancel::new()).expect("facts");
        assert_eq!(facts.hidden.iter().map(|n| facts.name(*n)).collect::<Vec<_>>(), wanted);
        assert!(facts.gaps.is_empty() && facts.uses.is_empty());
    }
}
