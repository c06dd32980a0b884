//! The screen of gaps: what, where, and what to think of it.

use super::{cut, cut_front, put, put_line, row, rule};
use crate::tui::layout;
use crate::tui::state::State;
use compass_facts::GapCause;
use compass_trace::AnswerKind;
use ratatui::buffer::Buffer;
use ratatui::layout::{Position, Rect};

pub fn draw(state: &State, buffer: &mut Buffer) {
    let theme = &state.theme;
    let parts = layout::gaps(state);
    let head = match (state.gaps.loaded, state.gaps.total) {
        (false, _) => " gaps  looking through all files …".to_owned(),
        (true, 0) => " gaps  none: all that was found could be read and linked".to_owned(),
        (true, total) if state.gaps.cut_short => format!(" gaps  {total}, the first of them are listed"),
        (true, _) => format!(" gaps  {}", state.gaps.causes().iter().map(|c| c.1).sum::<usize>()),
    };
    let mut pieces = vec![(head, theme.strong)];
    for (cause, count) in state.gaps.causes() {
        let style = if state.gaps.only == Some(cause) { theme.here } else { theme.dim };
        pieces.push((format!("   {} {count}", cause.word().replace('_', " ")), style));
    }
    put_line(buffer, parts.head, pieces);
    if let Some(current) = state.gaps.current() {
        let why = current.evidence.first().map_or_else(String::new, |e| format!("  {}", e.text));
        let advice = current.remark.as_ref().map_or_else(String::new, |r| format!("  {r}."));
        put(buffer, parts.notes, &format!(" {}{why}{advice}", current.kind.map_or("", explanation)), theme.comment);
    }
    let top = layout::gaps_top(state);
    for (n, answer) in state.gaps.rows.iter().enumerate().skip(top).take(parts.rows.height as usize) {
        let at = row(parts.rows, n - top);
        let width = at.width as usize;
        let number = if n - top < 9 { format!(" {} ", n - top + 1) } else { "   ".to_owned() };
        let place = cut_front(&format!("{}:{}", answer.path, answer.line), width / 2);
        let word = answer.kind_word().unwrap_or("gap").replace('_', " ");
        let room = width.saturating_sub(place.chars().count() + 28);
        let stands_for = state.gaps.stands_for.get(n).copied().unwrap_or(1);
        let text = answer.text.as_deref().unwrap_or("").trim();
        let code = match (&answer.name, stands_for) {
            (Some(name), 2..) => cut(&format!("{name}   {stands_for} places, e.g.  {text}"), room),
            (_, 0) => cut(&format!("  {text}"), room),
            _ => cut(text, room),
        };
        let style = if n == state.gaps.selected { theme.here } else { theme.plain };
        put_line(buffer, at, vec![(number, theme.dim), (format!("{word:20}  "), theme.wrong), (code, style)]);
        let x = at.x + at.width.saturating_sub(place.chars().count() as u16 + 1);
        put(buffer, Rect { x, width: at.x + at.width - x, ..at }, &place, theme.dim);
    }
    if parts.preview.height > 0
        && let Some(current) = state.gaps.current()
    {
        rule(buffer, Rect { y: parts.preview.y - 1, height: 1, ..parts.preview }, theme.rule);
        super::answers::code(state, state.answers.preview.as_ref(), &current.path, current.line, buffer, parts.preview);
    }
}

/// What a gap means for answers, and what may be done about it.
fn explanation(cause: AnswerKind) -> &'static str {
    match cause {
        AnswerKind::Gap(GapCause::Syntax) => "This part could not be parsed: what is defined or used in it is missing from answers.",
        AnswerKind::Gap(GapCause::ImportNotFound) => "Not here: nothing among the roots and the packages on this machine has it.",
        AnswerKind::Gap(GapCause::TooDeep) => "Nested deeper than is read.",
        AnswerKind::Gap(GapCause::TooLarge) => "Larger than files that are read whole; it can be searched as text.",
        AnswerKind::Gap(GapCause::Binary) => "Not text.",
        AnswerKind::Gap(GapCause::Unreadable) => "The file could not be opened.",
        AnswerKind::Gap(GapCause::Encoding) => "The text is in another encoding than UTF-8: characters may be wrong.",
        AnswerKind::Gap(GapCause::TimeLimit) => "Reading took longer than it may: what stands here is missing from answers.",
        AnswerKind::Gap(GapCause::Fault) => "A fault of this program ended the reading of this file: what stands in it is missing from answers.",
        AnswerKind::Crossing(_) => "One side of a crossing without the other: nothing among the roots answers to it, or asks for it.",
        AnswerKind::Symbol(_) => "Answers may lack what stands here.",
    }
}

/// The row of the list at a place on the screen.
pub fn row_at(state: &State, at: Position) -> Option<usize> {
    layout::row_in(layout::gaps(state).rows, layout::gaps_top(state), state.gaps.rows.len(), at)
}
