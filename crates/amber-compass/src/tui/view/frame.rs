//! What every screen has: name and tabs above, ask line and keys below.

use super::{cut, put, put_line};
use crate::tui::layout;
use crate::tui::state::{AskMode, Screen, State};
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

pub fn draw(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let top = Rect { height: 1, ..area };
    let room = usize::from(layout::tabs(state)[0].1.x).saturating_sub(2);
    put_line(buffer, top, vec![(format!(" {}", cut(&state.name, room)), theme.strong)]);
    if let Some(working) = &state.survey.working {
        let at = Rect {
            x: top.x + state.name.chars().count() as u16 + 3,
            width: layout::tabs(state)[0].1.x.saturating_sub(state.name.chars().count() as u16 + 4),
            ..top
        };
        let far = compass_session::progress::text(working.phase, working.done, working.total, working.elapsed);
        put(buffer, at, &format!("{}{far}", working.what()), theme.dim);
    }
    for ((screen, at), (_, word, key)) in layout::tabs(state).into_iter().zip(layout::TABS) {
        let here = screen == state.screen;
        let word = if here { word.to_uppercase() } else { word.to_owned() };
        put_line(
            buffer,
            at,
            vec![(word, if here { theme.here } else { theme.plain }), (if layout::is_narrow(state) { String::new() } else { format!(" {key}") }, theme.dim)],
        );
    }
    ask_line(state, buffer);
    keys(state, buffer);
}

fn ask_line(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let at = layout::ask_row(state);
    let (label, hint) = match state.ask.mode {
        AskMode::Question => (" ask   ", ""),
        AskMode::Jump => (" jump  ", ""),
        AskMode::Actions => (" do    ", ""),
        AskMode::Outline => (" find  ", ""),
        AskMode::Root => (" root  ", ""),
        AskMode::Mark | AskMode::Note => (" note  ", ""),
        AskMode::Closed => (" ask   ", "/ who calls NAME · where is NAME · text \"…\" · symbols …"),
    };
    if state.ask.mode == AskMode::Closed {
        put_line(buffer, at, vec![(label.to_owned(), theme.dim), (hint.to_owned(), theme.dim)]);
        return;
    }
    let (before, after) = state.ask.text.split_at(state.ask.caret);
    let under = after.chars().next().map_or(" ".to_owned(), String::from);
    let rest: String = after.chars().skip(1).collect();
    put_line(buffer, at, vec![(label.to_owned(), theme.strong), (before.to_owned(), theme.plain), (under, theme.here), (rest, theme.plain)]);
}

/// The most useful keys, or what the last action said.
fn keys(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let at = layout::key_row(state);
    if let Some(message) = &state.message {
        put_line(buffer, at, vec![(format!(" {message}"), if state.is_wrong { theme.wrong } else { theme.plain })]);
        return;
    }
    let text = match (state.ask.mode, state.screen) {
        (AskMode::Question, _) if state.ask.chooses_offers() => " Enter ask · Tab take what is offered · ↑↓ choose · Esc leave",
        (AskMode::Question, _) => " Enter ask · ↑ earlier questions · Esc leave",
        (AskMode::Outline, _) => " letters narrow · Enter go · ↑↓ choose · Esc leave",
        (AskMode::Actions, _) => " Enter do it · ↑↓ choose · Esc leave",
        (AskMode::Jump, _) => " Enter go · ↑↓ choose · Esc leave",
        (AskMode::Mark, _) => " Enter set the bookmark, with a note or without · Esc leave",
        (AskMode::Note, _) => " Enter write it · Esc leave it as it was",
        (AskMode::Root, _) => " Enter add this folder as a root · Esc leave",
        (_, Screen::Survey) => " Enter open · ↑↓ choose · j jump to a symbol · / ask · F2 desk · ? keys · q quit",
        (_, Screen::Desk) if state.desk.change.is_some() => {
            " ↑↓ scroll · n p the change after and before · Enter the file then · y copy the author's address · Esc back to the code"
        }
        (_, Screen::Desk) if state.tree.is_some() => " Enter open · → unfold · ← fold · ↑↓ choose · Esc close · ? keys",
        (_, Screen::Desk) if state.desk.reading.is_some() => " ↑↓ scroll · Esc close · ? keys",
        (_, Screen::Desk) if state.unfold.panel => " 1-9 step · F5 in full · Esc close · ? keys",
        (_, Screen::Desk) if !state.glance.looks.is_empty() => " Enter go there · g glance on from here · Tab next name · ↑↓ move · Esc drop it · ? keys",
        (_, Screen::Desk) if state.desk.bearings.focused => " Enter go · ↑↓ choose · 1-9 fold · b back to the code · ? keys",
        (_, Screen::Desk) => " Enter follow · Backspace back · g glance · u uses · t chain · x unfold · j jump · / ask · b bearings · ? keys",
        (_, Screen::Answers) if state.answers.narrowing => " letters narrow · Enter open · Esc leave",
        (_, Screen::Chains) => " Enter open · ←→ other ways, or fewer and more levels · k keep · c compare · d draw · / ask · Backspace desk · ? keys",
        (_, Screen::Kin) => " Enter open · ↑↓ types · ←→ members · 1-9 choose · / ask · Backspace desk · ? keys",
        (_, Screen::Units) => " Enter open · → unfold · ← fold · 1-9 choose · a add a root · / ask · Backspace desk · ? keys",
        (_, Screen::Logbook) => " Enter open · n note or name · Del remove · k export as Markdown · Backspace desk · ? keys",
        (_, Screen::Gaps) => " Enter open · → all places of a row · c one cause · < > the one before, the next · Backspace desk · ? keys",
        (_, Screen::Unfold) => " ↑↓ step · 1-9 choose · o only this one · Tab into the result · Enter where it is defined or written · Backspace desk · ? keys",
        (_, Screen::Answers) => " Enter open · n narrow · g with guesses · k keep · ←→ other questions · / ask · Backspace desk · ? keys",
    };
    put(buffer, at, &fitting(text, usize::from(at.width)), theme.dim);
}

/// As many of the keys as there is room for; the last one, which leads to all others, stays.
fn fitting(text: &str, width: usize) -> String {
    let mut items: Vec<&str> = text.split(" · ").collect();
    let length = |items: &[&str]| items.iter().map(|i| i.chars().count() + 3).sum::<usize>().saturating_sub(3);
    while items.len() > 2 && length(&items) > width {
        items.remove(items.len() - 2);
    }
    items.join(" · ")
}

#[cfg(test)]
mod tests {
    use super::fitting;

    #[test]
    fn the_key_that_leads_to_all_others_is_never_left_out() {
        let all = " Enter go · g glance · u uses · ? keys";
        assert_eq!(fitting(all, 80), all);
        assert_eq!(fitting(all, 32), " Enter go · g glance · ? keys");
        assert_eq!(fitting(all, 5), " Enter go · ? keys");
        assert_eq!(fitting(" letters narrow", 5), " letters narrow");
    }
}
