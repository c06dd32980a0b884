//! A change in the place of the code: who, when, why, and what it did.

use super::{cut, put, put_line, row};
use crate::tui::state::{ChangeView, State};
use compass_trace::history_and_coverage::DiffSign;
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

pub fn draw(state: &State, view: &ChangeView, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let Some(change) = view.changes.get(view.at) else { return };
    let width = usize::from(area.width);
    let count = format!("change {} of {} ", view.at + 1, view.changes.len());
    let head = format!(" {}  {}", change.id.get(..10).unwrap_or(&change.id), change.summary);
    put(buffer, row(area, 0), &cut(&head, width.saturating_sub(count.len() + 1)), theme.strong);
    let x = area.x + area.width.saturating_sub(count.len() as u16);
    put(buffer, Rect { x, width: area.x + area.width - x, ..row(area, 0) }, &count, theme.dim);
    let mut about = format!(" {}  {} <{}>", super::history_and_coverage::day(change.time), change.author, change.email);
    if !change.issues.is_empty() {
        about += &format!("  {}", change.issues.join(" "));
    }
    if change.since_pull {
        about += "  since the last pull";
    }
    put(buffer, row(area, 1), &cut(&about, width), theme.dim);
    let body = Rect { y: area.y + 2.min(area.height), height: area.height.saturating_sub(2), ..area };
    let Some(lines) = &view.lines else {
        put(buffer, row(body, 0), " looking it up …", theme.dim);
        return;
    };
    for (y, line) in lines.iter().skip(view.top).take(usize::from(body.height)).enumerate() {
        let (sign, style) = match line.sign {
            DiffSign::File => (" ", theme.strong),
            DiffSign::Place => (" ", theme.dim),
            DiffSign::Same => ("  ", theme.plain),
            DiffSign::Added => ("+ ", theme.strong),
            DiffSign::Removed => ("- ", theme.dim),
        };
        let text = crate::shown::harmless(&line.text.replace('\t', "    "));
        put_line(buffer, row(body, y), vec![(format!(" {sign}"), style), (cut(&text, width.saturating_sub(3)), style)]);
    }
}
