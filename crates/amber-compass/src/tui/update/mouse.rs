//! The mouse: click to place, click again to follow, wheel to scroll.

use super::{Action, Effect, answers, chains, desk, gaps, kin, lists, logbook, units};
use crate::tui::state::{AskMode, Screen, State};
use crate::tui::{columns, layout, view};
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
        Screen::Chains => chains::select(state, by, effects),
        Screen::Units => units::select(state, by),
        Screen::Logbook => logbook::select(state, by),
        Screen::Kin => kin::select(state, by, effects),
        Screen::Gaps => gaps::select(state, by, effects),
        Screen::Unfold => {
            let action = if by > 0 { Action::Down } else { Action::Up };
            super::unfold::act(state, action, effects);
        }
        Screen::Survey => {
            let last = state.survey.rows().len().saturating_sub(1) as i64;
            state.survey.selected = (state.survey.selected as i64 + by).clamp(0, last) as usize;
        }
        Screen::Desk => {
            let action = if by > 0 { Action::Down } else { Action::Up };
            for _ in 0..by.unsigned_abs() {
                desk::act(state, action, effects);
            }
        }
    }
}

fn clicked(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    if std::mem::take(&mut state.help) || std::mem::take(&mut state.guide) {
        return;
    }
    if state.ask.choices() > 0 || state.ask.mode == AskMode::Actions {
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
        Screen::Desk => click_desk(state, at, effects),
        screen => {
            if let Some(rows) = rows(screen) {
                click_row(state, at, &rows, effects);
            }
        }
    }
}

/// How a screen with a list takes clicks.
struct Rows {
    /// The row that stands there.
    at: fn(&State, Position) -> Option<usize>,
    /// The row that is selected.
    selected: fn(&mut State) -> Option<&mut usize>,
    /// What keys do.
    act: fn(&mut State, Action, &mut Vec<Effect>),
    /// Shows what a row leads to, beside the list.
    preview: fn(&mut State, &mut Vec<Effect>),
}

fn rows(screen: Screen) -> Option<Rows> {
    let nothing: fn(&mut State, &mut Vec<Effect>) = |_, _| {};
    Some(match screen {
        Screen::Answers => {
            Rows { at: layout::answer_at, selected: |s| s.answers.shown_mut().map(|k| &mut k.selected), act: answers::act, preview: answers::preview }
        }
        Screen::Chains => Rows { at: view::chain_row_at, selected: |s| Some(&mut s.chains.selected), act: chains::act, preview: chains::preview },
        Screen::Units => Rows { at: view::unit_row_at, selected: |s| Some(&mut s.units.selected), act: units::act, preview: nothing },
        Screen::Logbook => Rows { at: view::logbook_row_at, selected: |s| Some(&mut s.logbook.selected), act: logbook::act, preview: nothing },
        Screen::Gaps => Rows { at: view::gap_row_at, selected: |s| Some(&mut s.gaps.selected), act: gaps::act, preview: gaps::preview },
        Screen::Kin => Rows { at: view::kin_row_at, selected: |s| Some(&mut s.kin.row), act: kin::act, preview: kin::preview },
        Screen::Survey => Rows { at: view::survey_row_at, selected: |s| Some(&mut s.survey.selected), act: super::actions::on_survey, preview: nothing },
        Screen::Desk | Screen::Unfold => return None,
    })
}

/// The first click on a row selects it, the second does what Enter does.
fn click_row(state: &mut State, at: Position, rows: &Rows, effects: &mut Vec<Effect>) {
    let Some(row) = (rows.at)(state, at) else { return };
    let Some(selected) = (rows.selected)(state) else { return };
    if lists::clicked(selected, row) {
        (rows.act)(state, Action::Follow, effects);
    } else {
        (rows.preview)(state, effects);
    }
}

/// The desk has many parts, and each takes clicks in its own way.
fn click_desk(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let parts = layout::desk(state);
    let beside = layout::glance(state).contains(at);
    if parts.track.contains(at) {
        click_track(state, at, effects);
    } else if parts.band.contains(at) {
        if let Some(line) = view::band_line_at(state, at) {
            super::desk::go_to_line(state, line, effects);
        }
    } else if state.tree.is_some() && beside {
        click_tree(state, at, effects);
    } else if !state.asides.is_empty() && beside && state.glance.looks.is_empty() && state.desk.reading.is_none() && !state.unfold.panel {
        if let Some(aside) = view::aside_at(state, at) {
            super::aside::swap(state, aside, effects);
        }
    } else if parts.bearings.contains(at) && state.glance.looks.is_empty() && state.desk.reading.is_none() && !state.unfold.panel {
        click_bearings(state, at, effects);
    } else {
        click_code(state, at, effects);
    }
}

/// The first click on a row of the tree selects it, the second opens it.
fn click_tree(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let Some(row) = view::tree_row_at(state, at) else { return };
    let Some(tree) = &mut state.tree else { return };
    if lists::clicked(&mut tree.selected, row) {
        super::tree::act(state, Action::Follow, effects);
    }
}

/// A heading of the bearings folds its group; a row is selected, and followed by a second click.
fn click_bearings(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    match view::bearings_at(state, at) {
        Some(view::InBearings::Group(group)) => super::desk::toggle_group(state, group),
        Some(view::InBearings::Row(row)) => {
            let was_focused = std::mem::replace(&mut state.desk.bearings.focused, true);
            if lists::clicked(&mut state.desk.bearings.selected, row) && was_focused {
                desk::act(state, Action::Follow, effects);
            }
        }
        None => {}
    }
}

/// A row of the track leads back to where it was left.
fn click_track(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let area = layout::desk(state).track;
    let looks = state.glance.looks.len().min(usize::from(area.height).saturating_sub(1));
    let here = usize::from(area.height).saturating_sub(looks + 1);
    let steps = here.saturating_sub(usize::from(at.y - area.y));
    for _ in 0..steps.min(state.desk.track.len()) {
        desk::act(state, Action::Back, effects);
    }
}

fn click_code(state: &mut State, at: Position, effects: &mut Vec<Effect>) {
    let area: Rect = layout::desk(state).code;
    let Some(page) = &state.desk.page else { return };
    if !area.contains(at) {
        return;
    }
    let folds = &state.desk.folds;
    let line = folds.line_at(folds.place_of(state.desk.top) + u32::from(at.y - area.y));
    let Some((text, stops)) = page.lines.get(line as usize - 1).map(|l| (l.text.as_str(), &l.stops)) else { return };
    let gutter = layout::gutter(page);
    let column = columns::byte_in(text, stops, usize::from(at.x.saturating_sub(area.x + gutter)) + layout::scroll(state, area)) as u32 + 1;
    let same = state.desk.spot.line == line && page.word_at(line, column).zip(page.word_at(line, state.desk.spot.column)).is_some_and(|(a, b)| a.1 == b.1);
    state.desk.spot.line = line;
    desk::place_cursor(state, column, effects);
    if same {
        desk::act(state, Action::Follow, effects);
    }
}
