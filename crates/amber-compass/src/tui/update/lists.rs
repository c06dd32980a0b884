//! What all lists have in common: keys that move the selection, and clicks.

use super::Action;
use ratatui::layout::Rect;

/// How far a key moves the selection of a list that is shown there; nothing for other keys.
pub fn step(action: Action, shown: Rect) -> Option<i64> {
    // A row of what was shown stays in view.
    let page = i64::from(shown.height.max(2)) - 1;
    match action {
        Action::Up => Some(-1),
        Action::Down => Some(1),
        Action::PageUp => Some(-page),
        Action::PageDown => Some(page),
        Action::First => Some(i64::MIN / 2),
        Action::Last => Some(i64::MAX / 2),
        _ => None,
    }
}

/// Moves a selection among so many rows.
pub fn moved(selected: usize, by: i64, count: usize) -> usize {
    (selected as i64).saturating_add(by).clamp(0, count.saturating_sub(1) as i64) as usize
}

/// A row was clicked: it is selected; says whether it was before, since a second click opens it.
pub fn clicked(selected: &mut usize, row: usize) -> bool {
    std::mem::replace(selected, row) == row
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::up(Action::Up, 5, 4)]
    #[case::down(Action::Down, 5, 6)]
    #[case::page_down(Action::PageDown, 5, 14)]
    #[case::page_up_beyond_the_first(Action::PageUp, 5, 0)]
    #[case::first(Action::First, 5, 0)]
    #[case::last(Action::Last, 5, 29)]
    fn keys_move_the_selection(#[case] action: Action, #[case] from: usize, #[case] to: usize) {
        let by = step(action, Rect::new(0, 0, 80, 10)).expect("a step");
        assert_eq!(moved(from, by, 30), to);
        assert_eq!(moved(from, by, 0), 0, "an empty list has one place to be");
    }

    #[test]
    fn other_keys_do_not_and_a_second_click_is_told() {
        assert_eq!(step(Action::Follow, Rect::new(0, 0, 80, 0)), None);
        let mut selected = 2;
        assert_eq!([clicked(&mut selected, 4), clicked(&mut selected, 4)], [false, true]);
    }
}
