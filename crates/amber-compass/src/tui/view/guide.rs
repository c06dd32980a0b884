//! How to begin: shown the first time, and when asked for.

use super::{clear, put, put_line, row};
use crate::tui::state::State;
use ratatui::buffer::Buffer;
use ratatui::layout::Rect;

/// Keys, and what one does with them. A row without a key is said by itself.
const ROWS: [(&str, &str); 13] = [
    ("", "Read code as you would walk through a house: go through a door, look around, find the way back."),
    ("", ""),
    ("j", "jump to a symbol: type pieces of its name, or its initials"),
    ("/", "ask in plain words: who calls plan_turn, where is Rack, text \"two words\"; Tab takes what is offered"),
    ("Enter", "on a name: go where it leads. The line you left stays on the track above the code"),
    ("Backspace", "back the way you came, line by line"),
    ("g", "glance at a name's target beside the code, without leaving"),
    ("u c t", "who uses it, who calls it, the chain of callers and callees"),
    ("x", "unfold a macro or a generator, step by step"),
    ("b", "into the bearings: what the name is, how sure that is (= proven, ~ inferred, ? guessed), who is related"),
    ("o h", "the outline of the file; the folders around it"),
    ("F1-F9", "the screens in the first row; Esc always leads back to the code"),
    ("?", "all keys of the screen you are on; . finds an action by its words"),
];

/// Stands below, whatever finds room above it.
const LAST: &str = "Nothing you read is ever written to. G shows this again; any key closes it.";

pub fn draw(state: &State, buffer: &mut Buffer, area: Rect) {
    let theme = &state.theme;
    let width = area.width.saturating_sub(4).min(112);
    let room = usize::from(width).saturating_sub(16);
    let lines: Vec<Said> = ROWS.iter().flat_map(|(key, text)| said(key, text, room)).collect();
    // Where rows are few, none is spent on nothing.
    let is_low = lines.len() + 6 > usize::from(area.height);
    let lines: Vec<_> = lines.into_iter().filter(|l| !is_low || !l.1.is_empty()).collect();
    let (above, below) = if is_low { (1, 1) } else { (3, 3) };
    let height = (lines.len() as u16 + above + below).min(area.height);
    let at = Rect { x: area.x + (area.width - width) / 2, y: area.y + (area.height - height) / 2, width, height };
    clear(buffer, at, theme.plain.patch(theme.here_line));
    let ground = |s: ratatui::style::Style| s.patch(theme.here_line);
    put(buffer, row(at, usize::from(above / 2)), &format!("  how to begin with {}", state.name), ground(theme.strong));
    for (i, (key, text)) in lines.iter().enumerate().take(usize::from(height.saturating_sub(above + below.min(1)))) {
        let pieces = match key {
            None => vec![(format!("  {text}"), ground(theme.plain))],
            Some(key) => vec![(format!("{key:>11}  "), ground(theme.strong)), (text.clone(), ground(theme.plain))],
        };
        put_line(buffer, row(at, i + usize::from(above)), pieces);
    }
    put(buffer, row(at, usize::from(height - 1 - below / 3)), &format!("  {LAST}"), ground(theme.dim));
}

/// A row: its key, an empty one where the entry goes on, none where it stands without; and what it says.
type Said = (Option<&'static str>, String);

/// The rows of one entry, which have the more room where no key stands.
fn said(key: &'static str, text: &str, room: usize) -> Vec<Said> {
    let width = if key.is_empty() { room + 11 } else { room };
    let key_of = |i| (!key.is_empty()).then_some(if i == 0 { key } else { "" });
    super::wrap(text, width.max(20)).into_iter().enumerate().map(|(i, t)| (key_of(i), t)).collect()
}
