//! The ask line: one input at most has the caret.

use compass_trace::Answer;

/// What is being typed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum AskMode {
    /// Nothing: letters are commands.
    #[default]
    Closed,
    /// A question.
    Question,
    /// Fragments of a symbol's name.
    Jump,
    /// Words of what is to be done.
    Actions,
    /// The path of a further root.
    Root,
    /// The note of a new bookmark.
    Mark,
    /// The note of a bookmark, or the name of a step of the track.
    Note,
}

/// The line.
#[derive(Debug, Clone, Default)]
pub struct AskLine {
    /// What is being typed.
    pub mode: AskMode,
    /// The text.
    pub text: String,
    /// Caret, in bytes.
    pub caret: usize,
    /// Symbols that match, while jumping.
    pub rows: Vec<Answer>,
    /// Are symbols being looked for that are not there yet?
    pub looking: bool,
    /// Selected among them.
    pub selected: usize,
    /// Questions asked before, latest last.
    pub history: Vec<String>,
    /// Position in the history while walking through it.
    pub recalled: Option<usize>,
}

impl AskLine {
    /// Opens the line.
    pub fn open(&mut self, mode: AskMode) {
        let history = std::mem::take(&mut self.history);
        *self = AskLine { mode, history, ..AskLine::default() };
    }

    /// Closes it; what was typed is gone.
    pub fn close(&mut self) {
        self.open(AskMode::Closed);
    }

    /// Types a character.
    pub fn insert(&mut self, c: char) {
        self.text.insert(self.caret, c);
        self.caret += c.len_utf8();
    }

    /// Takes the character before the caret away.
    pub fn erase(&mut self) {
        if let Some(c) = self.text[..self.caret].chars().next_back() {
            self.caret -= c.len_utf8();
            self.text.remove(self.caret);
        }
    }

    /// Moves the caret by characters.
    pub fn step(&mut self, forward: bool) {
        if forward {
            self.caret += self.text[self.caret..].chars().next().map_or(0, char::len_utf8);
        } else {
            self.caret -= self.text[..self.caret].chars().next_back().map_or(0, char::len_utf8);
        }
    }

    /// Recalls an earlier or later question.
    pub fn recall(&mut self, earlier: bool) {
        let last = self.history.len();
        let at = match (self.recalled, earlier) {
            (None, true) => last.checked_sub(1),
            (Some(i), true) => Some(i.saturating_sub(1)),
            (Some(i), false) if i + 1 < last => Some(i + 1),
            _ => None,
        };
        self.recalled = at;
        self.text = at.and_then(|i| self.history.get(i).cloned()).unwrap_or_default();
        self.caret = self.text.len();
    }
}
