//! Documentation as it is read: paragraphs, lists, code, what is said of parameters.

use super::{clear, cut, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::State;
use crate::tui::theme::Theme;
use compass_trace::documentation::{Block, BlockKind, Piece};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;
use ratatui::style::Style;
use unicode_width::UnicodeWidthStr;

/// A row: stretches with their styles.
pub type Row = Vec<(String, Style)>;

/// The rows of some blocks, wrapped at a width; blocks stand apart but for items and fields.
pub fn rows(blocks: &[Block], width: usize, theme: &Theme) -> Vec<Row> {
    let mut out: Vec<Row> = Vec::new();
    let mut before: Option<&BlockKind> = None;
    for block in blocks {
        if before.is_some_and(|b| !stands_close(b, &block.kind)) {
            out.push(Vec::new());
        }
        before = Some(&block.kind);
        let indent = "  ".repeat(block.depth.min(8));
        match &block.kind {
            BlockKind::Code => out.extend(block.pieces.iter().map(|p| vec![(cut(&format!("{indent}  {}", p.text), width), theme.text)])),
            BlockKind::Text => wrapped((indent.clone(), theme.comment), &indent, &block.pieces, theme.comment, width, theme, &mut out),
            BlockKind::Heading => wrapped((indent.clone(), theme.strong), &indent, &block.pieces, theme.strong, width, theme, &mut out),
            BlockKind::Item(sign) => {
                let lead = format!("{indent}{sign} ");
                let below = " ".repeat(lead.width());
                wrapped((lead, theme.dim), &below, &block.pieces, theme.comment, width, theme, &mut out);
            }
            BlockKind::Field(what, name) => {
                let lead = if name.is_empty() { format!("{what}  ") } else { format!("{name}  ") };
                let lead = if *what == "throws" && !name.is_empty() { format!("throws {lead}") } else { lead };
                wrapped((lead, theme.plain), "    ", &block.pieces, theme.comment, width, theme, &mut out);
            }
        }
    }
    out
}

/// Do two blocks follow each other without an empty row?
fn stands_close(one: &BlockKind, next: &BlockKind) -> bool {
    use BlockKind::{Field, Item};
    matches!((one, next), (Item(_), Item(_)) | (Field(..), Field(..)))
}

/// Breaks pieces at blanks; the first row begins with `lead`, the others are indented by `below`.
fn wrapped(lead: (String, Style), below: &str, pieces: &[Piece], plain: Style, width: usize, theme: &Theme, out: &mut Vec<Row>) {
    let mut used = lead.0.width();
    let mut line: Row = vec![lead];
    let mut is_first = true;
    let mut parted = false;
    for piece in pieces {
        let style = match (piece.code, piece.strong) {
            (true, _) => theme.text,
            (false, true) => theme.strong,
            (false, false) => plain,
        };
        // A blank at either end of a piece parts it from its neighbours.
        parted |= piece.text.starts_with(char::is_whitespace);
        for word in piece.text.split_whitespace() {
            let blank = usize::from(parted && !is_first);
            if !is_first && used + blank + word.width() > width && parted {
                out.push(std::mem::replace(&mut line, vec![(below.to_owned(), plain)]));
                used = below.width();
            } else if blank > 0 {
                line.push((" ".to_owned(), plain));
                used += 1;
            }
            line.push((cut(word, width), style));
            used += word.width().min(width);
            is_first = false;
            parted = true;
        }
        parted &= piece.text.is_empty() || piece.text.ends_with(char::is_whitespace);
    }
    out.push(line);
}

fn area(state: &State) -> Rect {
    let area = layout::glance(state);
    Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area }
}

/// How many rows the documentation in full has beyond the first page.
pub fn total(state: &State) -> usize {
    let area = area(state);
    let blocks = state.desk.bearings.shown.as_ref().map_or(&[][..], |b| &b.facts.blocks);
    let all = rows(blocks, usize::from(area.width), &state.theme).len();
    (all + 1).saturating_sub(usize::from(area.height.saturating_sub(2)).max(1)).max(1)
}

/// Draws it in the place of the bearings.
pub fn draw(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let (Some(top), Some(b)) = (state.desk.reading, &state.desk.bearings.shown) else { return };
    clear(buffer, layout::glance(state), theme.plain);
    let area = area(state);
    put_line(buffer, row(area, 0), vec![("about  ".to_owned(), theme.dim), (cut(&b.facts.name, usize::from(area.width).saturating_sub(8)), theme.strong)]);
    rule(buffer, row(area, 1), theme.rule);
    let all = rows(&b.facts.blocks, usize::from(area.width), theme);
    let height = usize::from(area.height.saturating_sub(2));
    for (i, line) in all.iter().skip(top).take(height).enumerate() {
        put_line(buffer, row(area, i + 2), line.clone());
    }
    if all.len() > top + height && height > 0 {
        let last = row(area, height + 1);
        put(buffer, last, &format!("{:width$}", format!("… {} rows further down", all.len() - top - height + 1), width = usize::from(area.width)), theme.dim);
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_trace::documentation::read;

    fn told(comment: &str, width: usize) -> Vec<String> {
        let text = |row: &Row| row.iter().map(|p| p.0.as_str()).collect::<String>().trim_end().to_owned();
        rows(&read(compass_facts::Language::TEXT, comment), width, &Theme::plain()).iter().map(text).collect()
    }

    #[test]
    fn paragraphs_are_wrapped_and_stand_apart() {
        let comment =
            "/// Turns the `wheel`, as far as **asked**, and no further.\n///\n/// - one item that is longer\n/// - two\n///\n/// ```\n/// turn(1);\n/// ```";
        let wanted = ["Turns the wheel, as", "far as asked, and no", "further.", "", "· one item that is", "  longer", "· two", "", "  turn(1);"];
        assert_eq!(told(comment, 20), wanted);
    }

    #[test]
    fn fields_lead_with_their_name() {
        let comment = "/**\n * Turns.\n * @param wheel which of them\n * @return the slot\n * @throws Full when full\n */";
        assert_eq!(told(comment, 60), ["Turns.", "", "wheel  which of them", "returns  the slot", "throws Full  when full"]);
    }

    #[test]
    fn a_piece_behind_a_blank_goes_to_the_next_row_whole() {
        assert_eq!(told("/// Turns wheels, see `planner.turning`.", 22), ["Turns wheels, see", "planner.turning."]);
        assert_eq!(told("/// Turns wheels **and racks** of `it`", 14), ["Turns wheels", "and racks of", "it"]);
    }

    #[test]
    fn a_sign_stays_at_its_word_and_long_words_are_cut() {
        assert_eq!(told("/// See `turn`, or (`wash`).", 60), ["See turn, or (wash)."]);
        assert!(told("/// aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa b", 10).iter().all(|l| l.chars().count() <= 10));
    }
}
