//! Makes hostile text harmless to look at.
//!
//! Source text may hold escape sequences that drive a terminal, and direction overrides that show code in another order
//! than it runs. Each such character is shown as a marked symbol.

/// Is the character shown as a symbol instead of itself?
pub fn is_hostile(c: char) -> bool {
    c.is_control()
        || matches!(c, '\u{200B}'..='\u{200F}' | '\u{202A}'..='\u{202E}' | '\u{2060}'..='\u{2069}' | '\u{FEFF}' | '\u{061C}' | '\u{FFF9}'..='\u{FFFB}')
}

/// What stands for a hostile character.
pub fn symbol(c: char) -> String {
    match c {
        '\u{0}'..='\u{1F}' => char::from_u32(0x2400 + c as u32).unwrap_or('\u{FFFD}').to_string(),
        '\u{7F}' => '\u{2421}'.to_string(),
        _ => format!("‹U+{:04X}›", c as u32),
    }
}

/// The text with hostile characters replaced; tabs become four blanks.
pub fn harmless(text: &str) -> String {
    let mut out = String::with_capacity(text.len());
    for c in text.chars() {
        match c {
            '\t' => out.push_str("    "),
            c if is_hostile(c) => out.push_str(&symbol(c)),
            c => out.push(c),
        }
    }
    out
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::escape("a\x1b[31mb", "a␛[31mb")]
    #[case::direction("x\u{202E}y", "x‹U+202E›y")]
    #[case::tab("\tx", "    x")]
    #[case::plain("é✓", "é✓")]
    fn hostile_characters_are_shown_as_symbols(#[case] text: &str, #[case] shown: &str) {
        assert_eq!(harmless(text), shown);
    }
}
