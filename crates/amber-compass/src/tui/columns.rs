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

/// How wide a character is at a cell.
fn width_of(c: char, at: usize) -> usize {
    match c {
        ' '..='~' => 1,
        '\t' => TAB - at % TAB,
        c if is_hostile(c) => symbol(c).width(),
        c => c.width().unwrap_or(0),
    }
}

/// The cell at which a byte is shown.
pub fn cell_of(text: &str, byte: usize) -> usize {
    cell_in(text, &[], byte)
}

/// Of a line longer than twice this every so many bytes are kept with their cells.
pub const STOP: usize = 4096;

/// Bytes of a long line with the cells at which they stand; none for others.
pub fn stops(text: &str) -> Vec<(u32, u32)> {
    if text.len() <= 2 * STOP {
        return Vec::new();
    }
    let (mut at, mut next, mut out) = (0, STOP, Vec::with_capacity(text.len() / STOP));
    for (i, c) in text.char_indices() {
        if i >= next {
            out.push((i as u32, at as u32));
            next = i + STOP;
        }
        at += width_of(c, at);
    }
    out
}

/// The last of the stops at or before a cell: its byte and its cell.
pub fn start_of(stops: &[(u32, u32)], cell: usize) -> (usize, usize) {
    let before = stops.partition_point(|s| s.1 as usize <= cell);
    before.checked_sub(1).map_or((0, 0), |i| (stops[i].0 as usize, stops[i].1 as usize))
}

/// The cell at which a byte is shown, in a line with stops.
pub fn cell_in(text: &str, stops: &[(u32, u32)], byte: usize) -> usize {
    let before = stops.partition_point(|s| s.0 as usize <= byte);
    let (from, mut at) = before.checked_sub(1).map_or((0, 0), |i| (stops[i].0 as usize, stops[i].1 as usize));
    for (i, c) in text[from..].char_indices() {
        if from + i >= byte {
            break;
        }
        at += width_of(c, at);
    }
    at
}

/// The byte shown at a cell, in a line with stops; the end of the text beyond it.
pub fn byte_in(text: &str, stops: &[(u32, u32)], cell: usize) -> usize {
    let (from, mut at) = start_of(stops, cell);
    for (i, c) in text[from..].char_indices() {
        let width = width_of(c, at);
        if at + width > cell {
            return from + i;
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
        assert_eq!(byte_in(text, &[], cell), byte);
    }

    #[test]
    fn widths_are_those_that_are_shown() {
        for c in ['a', ' ', '~', '\t', '日', '\u{202E}', '\u{7f}', '\u{0}', 'é', '\u{301}'] {
            (0..5).for_each(|at| assert_eq!(width_of(c, at), shown(c, at).1, "{c:?} at {at}"));
        }
    }

    #[test]
    fn long_lines_are_not_gone_through_from_their_beginning() {
        let text: String = "oak\t日 ash".repeat(4000);
        let kept = stops(&text);
        assert!(kept.len() > 8 && stops("short").is_empty());
        for byte in (0..text.len()).step_by(997).filter(|b| text.is_char_boundary(*b)) {
            let cell = cell_of(&text, byte);
            assert_eq!((cell_in(&text, &kept, byte), byte_in(&text, &kept, cell)), (cell, byte));
        }
    }
}
