//! Between bytes of a line and cells of the screen: tabs, wide characters, hostile ones.

use crate::shown::{is_hostile, symbol};
use unicode_width::{UnicodeWidthChar, UnicodeWidthStr};

/// Cells between tab stops.
const TAB: usize = 4;

/// How a character is shown at a cell, and how wide that is.
pub fn shown(c: char, at: usize) -> (String, usize) {
    match c {
        '\t' => {
            let width = TAB - at % TAB;
            (" ".repeat(width), width)
        }
        c if is_hostile(c) => {
            let text = symbol(c);
            let width = text.width();
            (text, width)
        }
        c => (c.to_string(), c.width().unwrap_or(0)),
    }
}

/// The cell at which a byte is shown.
pub fn cell_of(text: &str, byte: usize) -> usize {
    let mut at = 0;
    for (i, c) in text.char_indices() {
        if i >= byte {
            break;
        }
        at += shown(c, at).1;
    }
    at
}

/// The byte shown at a cell; the end of the text beyond it.
pub fn byte_at(text: &str, cell: usize) -> usize {
    let mut at = 0;
    for (i, c) in text.char_indices() {
        let width = shown(c, at).1;
        if at + width > cell {
            return i;
        }
        at += width;
    }
    text.len()
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("abc", 2, 2)]
    #[case::tab("\tx", 1, 4)]
    #[case::wide("日x", 3, 2)]
    #[case::hostile("\u{202E}x", 3, 8)]
    fn bytes_and_cells_agree(#[case] text: &str, #[case] byte: usize, #[case] cell: usize) {
        assert_eq!(cell_of(text, byte), cell);
        assert_eq!(byte_at(text, cell), byte);
    }
}
