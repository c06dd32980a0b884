//! Writes measured figures into `docs/measured.md`, each between its own marks, so that a new run replaces the old figures.

use crate::failure::Failure;
use std::path::Path;

const PLACE: &str = "docs/measured.md";

/// Puts `text` where the section of that name is; appends the section if it is new.
pub fn write(name: &str, text: &str) -> Result<(), Failure> {
    let path = Path::new(PLACE);
    let file = |source| Failure::File { path: path.to_owned(), source };
    let old = match std::fs::read_to_string(path) {
        Ok(text) => text,
        Err(e) if e.kind() == std::io::ErrorKind::NotFound => String::new(),
        Err(e) => return Err(file(e)),
    };
    std::fs::write(path, replaced(&old, name, text)).map_err(file)
}

fn replaced(old: &str, name: &str, text: &str) -> String {
    let (open, close) = (format!("<!-- {name} -->"), format!("<!-- /{name} -->"));
    let section = format!("{open}\n{}\n{close}", text.trim_end());
    match (old.find(&open), old.find(&close)) {
        (Some(from), Some(to)) if from < to => format!("{}{section}{}", &old[..from], &old[to + close.len()..]),
        _ => format!("{}\n\n{section}\n", old.trim_end()),
    }
}

#[cfg(test)]
mod tests {
    use super::replaced;
    use rstest::rstest;

    #[rstest]
    #[case::new("# Measured\n", "# Measured\n\n<!-- a -->\nfresh\n<!-- /a -->\n")]
    #[case::there("x\n<!-- a -->\nold\n<!-- /a -->\ny\n", "x\n<!-- a -->\nfresh\n<!-- /a -->\ny\n")]
    #[case::torn("<!-- /a -->\n<!-- a -->", "<!-- /a -->\n<!-- a -->\n\n<!-- a -->\nfresh\n<!-- /a -->\n")]
    fn a_section_is_replaced_or_appended(#[case] old: &str, #[case] wanted: &str) {
        assert_eq!(replaced(old, "a", "fresh\n"), wanted);
    }
}
