//! The mouse: click to place, click again to follow, wheel to scroll.

use super::{Effect, answers, desk, lists};
use crate::tui::state::{AskMode, Screen, State};
use crate::tui::view::{columns, layout};
use crossterm::event::{KeyCode, KeyEvent, KeyModifiers, MouseButton, MouseEvent, MouseEventKind};
use ratatui::layout::{Position, Rect};

pub fn moved(state: &mut State, mouse: MouseEvent, effects: &mut Vec<Effect>) {
    let at = Position::new(mouse.column, mouse.row);
    match mouse.kind {
        MouseEventKind::Down(MouseButton::Left) => clicked(state, at, effects),
        MouseEventKind::ScrollDown => wheel(state, 3, effects),
        MouseEventKind::ScrollUp => wheel(state, -3, effects),
        _ => {}
    }
}

fn wheel(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    match state.screen {
        Screen::Answers => answers::select(state, by, effects),
        Screen::Chains => super::chains::select(state, by, effects),
        Screen::Units => super::units::select(state, by),
        Screen::Logbook => super::logbook::select(state, by),
        Screen::Kin => super::kin::select(state, by, effects),
        Screen::Gaps => super::gaps::select(state, by, effects),
        Screen::Unfold => {
            let action = if by > 0 { super::Action::Down } else { super::Action::Up };
            super::unfold::act(state, action, effects);
        }
        Screen::Survey => {
            let last = state.survey.rows().len().saturating_sub(1) as i64;
            state.survey.selected = (state.survey.selected as i64 + by).clamp(0, last) as usize;
        }
        Screen::Desk => {
            let action = if by > 0 { super::Action::Down } else { super::Action::Up };
            for _ in 0..by.unsigned_abs() {
                desk::act(state, action, effects);
            }
        }
    }
}

fn clicked(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    if matches!(state.ask.mode, AskMode::Jump | AskMode::Actions) {
        // A row that is clicked is chosen.
        if let Some(row) = layout::ask_row_at(state, at) {
            state.ask.selected = row;
            let enter = KeyEvent::new(KeyCode::Enter, KeyModifiers::NONE);
            super::actions::type_in_ask_line(state, enter, effects);
        }
        return;
    }
    if let Some(screen) = layout::tab_at(state, at) {
        super::show(state, screen, effects);
        return;
    }
    match state.screen {
        Screen::Desk if layout::desk(state).track.contains(at) => click_track(state, at, effects),
        Screen::Desk => click_code(state, at, effects),
        Screen::Answers => click_row(state, at, effects),
        Screen::Chains => click_chain(state, at, effects),
        Screen::Units => click_unit(state, at, effects),
        Screen::Logbook => click_logbook(state, at, effects),
        Screen::Gaps => click_gap(state, at, effects),
        Screen::Kin => click_kin(state, at, effects),
        Screen::Survey | Screen::Unfold => {}
    }
}

/// A second click on a row does what Enter does.
fn click_unit(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let Some(row) = crate::tui::view::unit_row_at(state, at) else { return };
    if lists::clicked(&mut state.units.selected, row) {
        super::units::act(state, super::Action::Follow, effects);
    }
}

/// A second click on a row opens it.
fn click_logbook(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let Some(row) = crate::tui::view::logbook_row_at(state, at) else { return };
    if lists::clicked(&mut state.logbook.selected, row) {
        super::logbook::act(state, super::Action::Follow, effects);
    }
}

/// A second click on a row opens it.
fn click_gap(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let Some(row) = crate::tui::view::gap_row_at(state, at) else { return };
    if lists::clicked(&mut state.gaps.selected, row) {
        super::gaps::act(state, super::Action::Follow, effects);
    } else {
        super::gaps::preview(state, effects);
    }
}

/// A second click on a row opens it.
fn click_kin(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let Some(row) = crate::tui::view::kin_row_at(state, at) else { return };
    if lists::clicked(&mut state.kin.row, row) {
        super::kin::act(state, super::Action::Follow, effects);
    } else {
        super::kin::preview(state, effects);
    }
}

/// A second click on a row opens it.
fn click_chain(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let Some(row) = crate::tui::view::chain_row_at(state, at) else { return };
    if lists::clicked(&mut state.chains.selected, row) {
        super::chains::act(state, super::Action::Follow, effects);
    } else {
        super::chains::preview(state, effects);
    }
}

/// A row of the track leads back to where it was left.
fn click_track(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let area = layout::desk(state).track;
    let looks = state.glance.looks.len().min(usize::from(area.height).saturating_sub(1));
    let here = usize::from(area.height).saturating_sub(looks + 1);
    let steps = here.saturating_sub(usize::from(at.y - area.y));
    for _ in 0..steps.min(state.desk.track.len()) {
        desk::act(state, super::Action::Back, effects);
    }
}

fn click_code(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let area: Rect = layout::desk(state).code;
    let Some(page) = &state.desk.page else { return };
    if !area.contains(at) {
        return;
    }
    let line = state.desk.top + u32::from(at.y - area.y);
    let Some((text, stops)) = page.lines.get(line as usize - 1).map(|l| (l.text.as_str(), &l.stops)) else { return };
    let gutter = layout::gutter(page);
    let column = columns::byte_in(text, stops, usize::from(at.x.saturating_sub(area.x + gutter)) + layout::scroll(state, area)) as u32 + 1;
    let same = state.desk.spot.line == line && page.word_at(line, column).zip(page.word_at(line, state.desk.spot.column)).is_some_and(|(a, b)| a.1 == b.1);
    state.desk.spot.line = line;
    desk::place_cursor(state, column, effects);
    if same {
        desk::act(state, super::Action::Follow, effects);
    }
}

fn click_row(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let area = layout::answers(state).rows;
    if !area.contains(at) {
        return;
    }
    let Some(row) = layout::answer_at(state, usize::from(at.y - area.y)) else { return };
    let same = state.answers.shown().is_some_and(|k| k.selected == row);
    if let Some(kept) = state.answers.shown_mut() {
        kept.selected = row;
    }
    if same {
        answers::act(state, super::Action::Follow, effects);
    } else {
        answers::preview(state, effects);
    }
}
