//! Places set aside, one below the other in the place of the bearings.

use super::{clear, cut_front, put, row, rule};
use crate::tui::layout;
use crate::tui::state::{Aside, State};
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};

/// Where each of them is drawn.
pub fn areas(state: &State) -> Vec<Rect> {
    let area = layout::glance(state);
    let count = state.asides.len() as u16;
    let height = area.height / count.max(1);
    // The last one takes the rows that are left over.
    let of = |i: u16| if i + 1 == count { area.height - i * height } else { height };
    (0..count).map(|i| Rect { y: area.y + i * height, height: of(i), ..area }).collect()
}

/// The one that stands at a place of the screen.
pub fn at(state: &State, at: Position) -> Option<usize> {
    areas(state).iter().position(|a| a.contains(at))
}

pub fn draw(state: &State, buffer: &mut Buffer) {
    for (aside, area) in state.asides.iter().zip(areas(state)) {
        clear(buffer, area, state.theme.plain);
        let inner = Rect { x: area.x + 1, width: area.width.saturating_sub(2), ..area };
        one(state, aside, buffer, inner);
    }
}

fn one(state: &State, aside: &Aside, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let head = cut_front(&format!("{}:{}", aside.spot.path, aside.spot.line), usize::from(area.width).saturating_sub(7));
    put(buffer, row(area, 0), &format!("aside  {head}"), theme.strong);
    rule(buffer, row(area, 1), theme.rule);
    let text = Rect { y: area.y + 2, height: area.height.saturating_sub(2), ..area };
    let lines = (super::excerpt::top_for(aside.spot.line, text), aside.spot.line);
    super::excerpt::draw(state, &aside.page, lines, theme.strong.patch(theme.here_line), buffer, text);
}
