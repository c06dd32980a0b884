//! What comments say of types: `@param name [Type]`, `@return [Type]`.

/// What a comment says.
#[derive(Debug, Default, PartialEq)]
pub(super) struct Said {
    parameters: Vec<(String, String)>,
    pub(super) returns: Option<String>,
}

impl Said {
    pub(super) fn of(comment: &str) -> Said {
        let mut out = Said::default();
        for line in comment.lines() {
            let line = line.trim().trim_start_matches('#').trim();
            if let Some(rest) = line.strip_prefix("@return") {
                out.returns = in_brackets(rest).map(|b| b.0);
            } else if let Some(rest) = line.strip_prefix("@param") {
                // The name stands before or behind the type.
                let Some((ty, after)) = in_brackets(rest) else { continue };
                let before = rest.trim_start().split(['[', ' ']).next().unwrap_or_default();
                let name = if before.is_empty() { after.split_whitespace().next().unwrap_or_default() } else { before };
                out.parameters.push((name.to_owned(), ty));
            }
        }
        out
    }

    pub(super) fn of_parameter(&self, name: &str) -> Option<&str> {
        self.parameters.iter().find(|p| p.0 == name).map(|p| p.1.as_str())
    }
}

/// What stands in square brackets, and what behind them.
fn in_brackets(text: &str) -> Option<(String, &str)> {
    let start = text.find('[')?;
    let mut depth = 0;
    for (at, sign) in text[start..].char_indices() {
        match sign {
            '[' => depth += 1,
            ']' => depth -= 1,
            _ => {}
        }
        if depth == 0 {
            return Some((text[start + 1..start + at].to_owned(), &text[start + at + 1..]));
        }
    }
    None
}

/// The types of a list that commas part, those within brackets left together.
pub(super) fn parts(text: &str) -> Vec<&str> {
    let mut out = Vec::new();
    let (mut depth, mut start) = (0, 0);
    for (at, sign) in text.char_indices() {
        match sign {
            '<' | '{' | '(' => depth += 1,
            '>' | '}' | ')' if !text[..at].ends_with('=') => depth -= 1,
            ',' | '|' if depth == 0 => {
                out.push(text[start..at].trim());
                start = at + 1;
            }
            _ => {}
        }
    }
    out.push(text[start..].trim());
    out.retain(|p| !p.is_empty());
    out
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::behind("# Turns.\n# @param by [Integer] degrees\n# @return [Rack, nil]", &[("by", "Integer")], Some("Rack, nil"))]
    #[case::before("# @param [Array<Larder::Rack>] all\n", &[("all", "Array<Larder::Rack>")], None)]
    #[case::nested("# @return [Hash{String => Array[Rack]}] by name", &[], Some("Hash{String => Array[Rack]}"))]
    #[case::nothing("# plain", &[], None)]
    fn comments_say_types(#[case] comment: &str, #[case] parameters: &[(&str, &str)], #[case] returns: Option<&str>) {
        let said = Said::of(comment);
        assert_eq!(said.returns.as_deref(), returns);
        let own: Vec<(&str, &str)> = said.parameters.iter().map(|p| (p.0.as_str(), p.1.as_str())).collect();
        assert_eq!(own, parameters);
    }

    #[rstest]
    #[case("Rack, nil", &["Rack", "nil"])]
    #[case("Hash{String => Array<A, B>}, C", &["Hash{String => Array<A, B>}", "C"])]
    #[case("", &[])]
    fn lists_are_parted(#[case] text: &str, #[case] wanted: &[&str]) {
        assert_eq!(parts(text), wanted);
    }
}
