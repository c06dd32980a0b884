//! Reading: moving through the text, following names, the track.

use super::{Action, Effect, actions, go_to, start};
use crate::tui::layout;
use crate::tui::state::{Hop, Page, Screen, Spot, State};
use compass_session::jobs::Job;

/// Rows kept between the cursor and the edge.
const MARGIN: u32 = 3;

pub fn act(state: &mut State, action: Action, effects: &mut Vec<Effect>) {
    if super::change::act(state, action, effects) {
        return;
    }
    if state.desk.bearings.focused && in_bearings(state, action, effects) {
        return;
    }
    if !state.glance.looks.is_empty() && super::glance::act(state, action, effects) {
        return;
    }
    if state.tree.is_some() && super::tree::act(state, action, effects) {
        return;
    }
    if state.desk.reading.is_some() && read_on(state, action) {
        return;
    }
    match action {
        Action::Fold => fold(state),
        Action::Excerpt => excerpt(state),
        Action::Signs => state.desk.signs = !state.desk.signs,
        Action::CodeAlone => {
            state.desk.alone = !state.desk.alone;
            keep_in_view(state);
        }
        Action::Documentation => documentation(state),
        Action::Aside => super::aside::set(state),
        Action::SwapAside => super::aside::swap(state, 0, effects),
        Action::Folders => super::tree::open(state, effects),
        Action::Glance => super::glance::begin(state, effects),
        Action::Mark => super::logbook::begin_mark(state),
        Action::CopyPlace if state.desk.page.is_some() => effects.push(Effect::Copy(format!("{}:{}", state.desk.spot.path, state.desk.spot.line))),
        Action::CopyAtCommit if state.desk.page.is_some() => {
            let spot = state.desk.spot.clone();
            start(state, Job::AtCommit(spot), effects);
        }
        Action::OtherSide => other_side(state, effects),
        Action::Up => step_lines(state, -1, effects),
        Action::Down => step_lines(state, 1, effects),
        Action::PageUp => step_lines(state, -page_rows(state), effects),
        Action::PageDown => step_lines(state, page_rows(state), effects),
        Action::First => step_lines(state, i64::MIN / 2, effects),
        Action::Last => step_lines(state, i64::MAX / 2, effects),
        Action::Left => step_columns(state, false, effects),
        Action::Right => step_columns(state, true, effects),
        Action::NextName => next_name(state, effects),
        Action::NextMention => mention(state, true, effects),
        Action::PreviousMention => mention(state, false, effects),
        Action::Follow => follow(state, effects),
        Action::Back => back(state, effects),
        Action::Ahead => ahead(state, effects),
        Action::WhoUses => ask_here(state, "who uses", "", effects),
        Action::WhoCalls => ask_here(state, "who calls", "", effects),
        Action::WhatCalls => ask_here(state, "what does", "call", effects),
        Action::Chain => {
            let spot = state.desk.spot.clone();
            go_to(state, Screen::Chains);
            super::chains::grow(state, spot, 2, effects);
        }
        Action::Unfold => {
            state.unfold.panel = true;
            super::unfold::ask(state, effects);
        }
        Action::Digit(n) if state.unfold.panel && state.unfold.shown.is_some() => {
            let last = state.unfold.shown.as_ref().map_or(0, |s| s.states.len().saturating_sub(1));
            super::unfold::take(state, (n as usize).min(last));
        }
        Action::Kin => super::kin::ask(state, effects),
        Action::Outline => super::outline::open(state, effects),
        Action::Beside => state.desk.bearings.focused = state.desk.bearings.shown.is_some(),
        Action::Editor => edit(state, effects),
        Action::Digit(n) => {
            toggle_group(state, n as usize - 1);
            // What was set aside makes room for what was asked for.
            state.desk.bearings.focused |= !state.asides.is_empty() && state.desk.bearings.shown.is_some();
        }
        _ => {}
    }
}

fn page_rows(state: &State) -> i64 {
    i64::from(layout::desk(state).code.height.saturating_sub(2).max(1))
}

/// Keys while arrows go through the bearings; `false` for keys that mean the same as in the code.
fn in_bearings(state: &mut State, action: Action, effects: &mut Vec<Effect>) -> bool {
    let rows = state.desk.bearings.rows();
    let pane = &mut state.desk.bearings;
    match action {
        Action::Up => pane.selected = pane.selected.saturating_sub(1),
        Action::Down => pane.selected = (pane.selected + 1).min(rows.len().saturating_sub(1)),
        Action::Beside => pane.focused = false,
        Action::Follow => {
            let Some(bearings) = &pane.shown else { return true };
            let Some((group, row)) = rows.get(pane.selected).copied() else { return true };
            match pane.further(group) {
                Some(crate::tui::state::Further::Changes) => {
                    super::change::open(state, row, effects);
                    return true;
                }
                Some(crate::tui::state::Further::Tests) => {
                    let Some(test) = pane.upkeep.tests.get(row).map(|t| &t.test) else { return true };
                    let (spot, how) = (Spot { path: test.path.clone(), line: test.line, column: test.column }, format!("test of {}", bearings.facts.name));
                    pane.focused = false;
                    jump(state, spot, &how, effects);
                    return true;
                }
                None => {}
            }
            let group = &bearings.groups[group];
            let answer = &group.rows[row];
            let spot = Spot { path: answer.path.clone(), line: answer.line, column: answer.column };
            let how = format!("{} {}", group.title, bearings.facts.name);
            pane.focused = false;
            jump(state, spot, &how, effects);
        }
        _ => return false,
    }
    true
}

pub fn toggle_group(state: &mut State, group: usize) {
    let pane = &mut state.desk.bearings;
    if group >= pane.group_count() {
        return;
    }
    match pane.open.iter().position(|g| *g == group) {
        Some(at) => {
            pane.open.remove(at);
        }
        None => pane.open.push(group),
    }
    pane.selected = 0;
}

/// The cursor is somewhere else: its line stays in view, the bearings follow.
pub fn settled(state: &mut State, effects: &mut Vec<Effect>) {
    keep_in_view(state);
    let spot = state.desk.spot.clone();
    // What is read in full belongs to the name one leaves.
    state.desk.reading = None;
    if !state.ready || state.desk.page.is_none() {
        return;
    }
    start(state, Job::Call(spot.clone()), effects);
    if state.desk.page.as_ref().is_some_and(|p| p.word_at(spot.line, spot.column).is_some()) {
        start(state, Job::Bearings(spot), effects);
    }
}

/// Scrolls so that the cursor's line is shown; what hides it is unfolded. Rows are counted without folded lines.
pub fn keep_in_view(state: &mut State) {
    let rows = u32::from(layout::desk(state).code.height).max(1);
    let Some(page) = &state.desk.page else { return };
    let lines = page.lines.len() as u32;
    let margin = MARGIN.min(rows / 3);
    let desk = &mut state.desk;
    desk.spot.line = desk.spot.line.clamp(1, lines.max(1));
    desk.folds.reveal(desk.spot.line);
    let (last, at) = (desk.folds.shown(lines), desk.folds.place_of(desk.spot.line));
    let mut top = desk.folds.place_of(desk.top.max(1));
    if at < top + margin {
        top = at.saturating_sub(margin).max(1);
    }
    if at + margin >= top + rows {
        top = (at + margin + 1).saturating_sub(rows).max(1);
    }
    top = top.min(last.saturating_sub(rows.saturating_sub(1)).max(1)).max(1);
    desk.top = desk.folds.line_at(top);
}

fn step_lines(state: &mut State, by: i64, effects: &mut Vec<Effect>) {
    let Some(page) = &state.desk.page else { return };
    let folds = &state.desk.folds;
    let last = i64::from(folds.shown(page.lines.len() as u32));
    let place = i64::from(folds.place_of(state.desk.spot.line)).saturating_add(by).clamp(1, last.max(1)) as u32;
    let line = folds.line_at(place);
    let column = column_of(page, line, state.desk.wanted);
    state.desk.spot.line = line;
    state.desk.spot.column = column;
    settled(state, effects);
}

/// The byte column of the n-th character, or of the last one.
fn column_of(page: &Page, line: u32, characters: usize) -> u32 {
    let text = page.lines.get(line as usize - 1).map_or("", |l| l.text.as_str());
    text.char_indices().nth(characters).map_or(text.len(), |(i, _)| i) as u32 + 1
}

fn step_columns(state: &mut State, forward: bool, effects: &mut Vec<Effect>) {
    if let Some(column) = state.desk.page.as_ref().map(|page| page.beside(&state.desk.spot, forward)) {
        place_cursor(state, column, effects);
    }
}

pub fn place_cursor(state: &mut State, column: u32, effects: &mut Vec<Effect>) {
    let text = state.desk.page.as_ref().and_then(|p| p.lines.get(state.desk.spot.line as usize - 1)).map_or("", |l| l.text.as_str());
    let at = (column as usize - 1).min(text.len());
    state.desk.wanted = text.get(..at).map_or(0, |t| t.chars().count());
    state.desk.spot.column = at as u32 + 1;
    settled(state, effects);
}

/// The start of the next identifier, on this line or below.
fn next_name(state: &mut State, effects: &mut Vec<Effect>) {
    let found = state.desk.page.as_ref().and_then(|page| page.next_name(&state.desk.spot));
    if let Some((line, column)) = found {
        state.desk.spot.line = line;
        place_cursor(state, column, effects);
    }
}

/// The next or previous mention of the word under the cursor, around the file's ends.
fn mention(state: &mut State, forward: bool, effects: &mut Vec<Effect>) {
    let Some(page) = &state.desk.page else { return };
    let spot = state.desk.spot.clone();
    let Some((word, at)) = page.word_at(spot.line, spot.column) else {
        state.say("there is no name here");
        return;
    };
    let word = word.to_owned();
    let mut all: Vec<(u32, u32)> = Vec::new();
    for (i, line) in page.lines.iter().enumerate() {
        for (offset, _) in line.text.match_indices(word.as_str()) {
            if page.word_at(i as u32 + 1, offset as u32 + 1).is_some_and(|(w, s)| w == word && s.start == offset as u32) {
                all.push((i as u32 + 1, offset as u32 + 1));
            }
        }
    }
    let here = (spot.line, at.start + 1);
    let position = all.iter().position(|p| *p == here).unwrap_or(0);
    let next = if forward { (position + 1) % all.len().max(1) } else { (position + all.len().max(1) - 1) % all.len().max(1) };
    if let Some((line, column)) = all.get(next).copied() {
        state.say(format!("{word}: mention {} of {}", next + 1, all.len()));
        state.desk.spot.line = line;
        place_cursor(state, column, effects);
    }
}

fn follow(state: &mut State, effects: &mut Vec<Effect>) {
    if state.desk.page.is_none() {
        return;
    }
    let spot = state.desk.spot.clone();
    if state.ready {
        start(state, Job::Follow(spot), effects);
    } else {
        state.complain("there is no index to follow names with yet");
    }
}

/// Goes somewhere and notes on the track where one left.
pub fn jump(state: &mut State, to: Spot, how: &str, effects: &mut Vec<Effect>) {
    if let Some(page) = &state.desk.page
        && to != state.desk.spot
    {
        let from = state.desk.spot.clone();
        let text = page.lines.get(from.line as usize - 1).map_or_else(String::new, |l| l.told().to_owned());
        note_hop(state, (from, text), &to, how);
    }
    open(state, to, effects);
}

/// Goes somewhere from a place that is told: where one looked, not where the cursor stands.
pub fn jump_from(state: &mut State, from: (Spot, String), to: Spot, how: &str, effects: &mut Vec<Effect>) {
    note_hop(state, from, &to, how);
    open(state, to, effects);
}

/// A jump goes on the track, and into the logbook's.
pub fn note_hop(state: &mut State, (from, text): (Spot, String), to: &Spot, how: &str) {
    super::logbook::jumped(state, &from, &text, to, how);
    state.desk.track.push(Hop { from, text, how: how.to_owned() });
    state.desk.ahead.clear();
}

/// From the declaration of a thing to the code that runs, or the other way round.
fn other_side(state: &mut State, effects: &mut Vec<Effect>) {
    if state.ready && state.desk.page.is_some() {
        let spot = state.desk.spot.clone();
        start(state, Job::OtherSide(spot), effects);
    } else {
        state.complain("there is no index to follow names with yet");
    }
}

/// Shows a place, loading its file when it is another one.
pub fn open(state: &mut State, to: Spot, effects: &mut Vec<Effect>) {
    go_to(state, Screen::Desk);
    // What stands beside the code belongs to the place one leaves.
    state.unfold.panel = false;
    state.glance.looks.clear();
    state.desk.change = None;
    if state.desk.page.as_ref().is_some_and(|p| p.path == to.path) {
        arrive(state, to, effects);
        return;
    }
    state.desk.loading = Some(to.clone());
    start(state, Job::Page(to), effects);
}

/// The file is there: puts the cursor, with the line in the upper third.
pub fn arrive(state: &mut State, to: Spot, effects: &mut Vec<Effect>) {
    let rows = u32::from(layout::desk(state).code.height);
    state.desk.folds.reveal(to.line);
    let top = state.desk.folds.place_of(to.line.max(1)).saturating_sub(rows / 3).max(1);
    state.desk.top = state.desk.folds.line_at(top);
    let column = to.column;
    state.desk.spot = to;
    state.desk.bearings.focused = false;
    place_cursor(state, column.max(1), effects);
    super::logbook::arrived(state);
    look_for_notes(state, effects);
}

/// What is unusual about the definitions of the file.
fn look_for_notes(state: &mut State, effects: &mut Vec<Effect>) {
    if let Some(page) = &state.desk.page {
        let path = page.path.clone();
        start(state, Job::Notes(path.clone()), effects);
        start(state, Job::Highlights(path), effects);
    }
}

/// Names of the file being read that are told apart.
pub fn toned(state: &mut State, path: &str, highlights: Vec<(u32, u32, u32, compass_trace::highlights::Highlight)>) {
    let Some(page) = state.desk.page.as_mut().filter(|p| p.path == path) else { return };
    page.lines.iter_mut().for_each(|l| l.highlights.clear());
    for (line, start, end, highlight) in highlights {
        if let Some(line) = page.lines.get_mut(line as usize - 1) {
            line.highlights.push((start, end, highlight));
        }
    }
}

/// The file that is being read was loaded again: what was pressed meanwhile holds, and so does a jump that is under way.
pub fn reloaded(state: &mut State, page: Page, effects: &mut Vec<Effect>) {
    if state.desk.page.as_ref().is_some_and(|p| p.path == page.path) {
        // Parts that are not there any more cannot stay folded.
        let folded: Vec<_> = page.parts.iter().filter(|p| state.desk.folds.at(p.first) == Some(**p)).copied().collect();
        state.desk.folds.set(folded.into_iter());
        state.desk.page = Some(page);
        settled(state, effects);
        look_for_notes(state, effects);
    }
}

fn back(state: &mut State, effects: &mut Vec<Effect>) {
    match state.desk.track.pop() {
        Some(hop) => {
            state.desk.ahead.push((state.desk.spot.clone(), hop.how));
            state.logbook.book.trail.back();
            open(state, hop.from, effects);
        }
        None => state.say("this is where the track begins"),
    }
}

fn ahead(state: &mut State, effects: &mut Vec<Effect>) {
    let Some((spot, how)) = state.desk.ahead.pop() else {
        state.say("there is nothing to go forward to");
        return;
    };
    let rest = std::mem::take(&mut state.desk.ahead);
    jump(state, spot, &how, effects);
    state.desk.ahead = rest;
}

/// Goes to the first name of a line of the file being read.
pub fn go_to_line(state: &mut State, line: u32, effects: &mut Vec<Effect>) {
    let Some(page) = &state.desk.page else { return };
    let spot = Spot { path: page.path.clone(), line, column: page.column_of_definition(line) };
    jump(state, spot, "band", effects);
}

/// Folds the innermost part around the cursor, or unfolds it.
fn fold(state: &mut State) {
    let line = state.desk.spot.line;
    let Some(page) = &state.desk.page else { return };
    // On a folded line it is that one which unfolds.
    let Some(part) = state.desk.folds.at(line).or_else(|| page.part_at(line)) else {
        return state.say("nothing here can be folded");
    };
    let column = column_of(page, part.first, state.desk.wanted);
    let row = row_of_cursor(state);
    state.desk.folds.toggle(part);
    state.desk.spot.line = part.first;
    state.desk.spot.column = column;
    keep_row(state, row);
}

/// How many rows the cursor stands below the first.
fn row_of_cursor(state: &State) -> u32 {
    let desk = &state.desk;
    desk.folds.place_of(desk.spot.line).saturating_sub(desk.folds.place_of(desk.top.max(1)))
}

/// Scrolls so that the cursor stands so many rows below the first again, as far as that can be.
fn keep_row(state: &mut State, row: u32) {
    let place = state.desk.folds.place_of(state.desk.spot.line);
    state.desk.top = state.desk.folds.line_at(place.saturating_sub(row).max(1));
    keep_in_view(state);
}

/// Shows the definition one is in, and of the others their first lines; or everything again.
fn excerpt(state: &mut State) {
    let row = row_of_cursor(state);
    let Some(page) = &state.desk.page else { return };
    if state.desk.folds.is_empty() {
        let line = state.desk.spot.line;
        let others: Vec<_> = page.parts.iter().filter(|p| !(p.first <= line && line <= p.last)).copied().collect();
        if others.is_empty() {
            return state.say("there is nothing else to fold in this file");
        }
        state.desk.folds.set(others.into_iter());
    } else {
        state.desk.folds.clear();
    }
    keep_row(state, row);
}

/// Opens the documentation in full.
fn documentation(state: &mut State) {
    match &state.desk.bearings.shown {
        Some(b) if !b.facts.blocks.is_empty() => state.desk.reading = Some(0),
        Some(_) => state.say("nothing is written about it"),
        None => state.say("there is no name here"),
    }
}

/// Keys while the documentation is read in full; `false` for those that mean the same as ever.
fn read_on(state: &mut State, action: Action) -> bool {
    let Some(top) = &mut state.desk.reading else { return false };
    match action {
        Action::Down => *top += 1,
        Action::Up => *top = top.saturating_sub(1),
        Action::PageDown => *top += 10,
        Action::PageUp => *top = top.saturating_sub(10),
        Action::Documentation | Action::Back => state.desk.reading = None,
        _ => return false,
    }
    let last = crate::tui::view::documentation_rows(state).saturating_sub(1);
    if let Some(top) = &mut state.desk.reading {
        *top = (*top).min(last);
    }
    true
}

/// A question about the name under the cursor.
fn ask_here(state: &mut State, before: &str, after: &str, effects: &mut Vec<Effect>) {
    let spot = &state.desk.spot;
    let Some(page) = &state.desk.page else { return };
    if page.word_at(spot.line, spot.column).is_none() {
        state.say("there is no name here");
        return;
    }
    let place = compass_trace::question::Place { path: spot.path.clone(), line: spot.line, column: Some(spot.column) };
    let subject = compass_trace::question::Subject { what: compass_trace::question::What::Place(place), defined_in: None };
    let question = format!("{before} {subject} {after}").trim_end().to_owned();
    go_to(state, Screen::Answers);
    actions::ask(state, question, effects);
}

fn edit(state: &mut State, effects: &mut Vec<Effect>) {
    if let Some(page) = &state.desk.page {
        effects.push(Effect::Edit(page.full.clone(), state.desk.spot.line));
    }
}
