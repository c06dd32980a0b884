//! The ask line: one input at most has the caret.

use compass_trace::{Answer, Offers};

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
    /// Words of what the file brings in and defines.
    Outline,
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
    /// What may be typed next, while a question is typed.
    pub offers: Offers,
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

    /// Rows of the outline that have all the typed words in them.
    pub fn outlined(&self) -> Vec<&Answer> {
        let words: Vec<String> = self.text.split_whitespace().map(str::to_lowercase).collect();
        let has_all = |a: &&Answer| {
            let told = format!("{} {}", a.name.as_deref().or(a.text.as_deref()).unwrap_or(""), a.kind_word().unwrap_or("")).to_lowercase();
            words.iter().all(|w| told.contains(w.as_str()))
        };
        self.rows.iter().filter(has_all).collect()
    }

    /// How many rows there are to choose from.
    pub fn choices(&self) -> usize {
        match self.mode {
            AskMode::Jump => self.rows.len(),
            AskMode::Outline => self.outlined().len(),
            AskMode::Question if self.chooses_offers() => self.offers.offers.len(),
            _ => 0,
        }
    }

    /// Do arrows choose among offers? Not while one goes through earlier questions.
    pub fn chooses_offers(&self) -> bool {
        self.recalled.is_none() && !self.text.is_empty() && !self.offers.offers.is_empty()
    }

    /// Puts the selected offer in the place of what was typed.
    pub fn take_offer(&mut self) -> bool {
        let Some(offer) = self.offers.offers.get(self.selected) else { return false };
        let from = self.offers.from.min(self.caret);
        // A folder goes on, a word is over.
        let goes_on = offer.text.ends_with('/');
        let text = if goes_on { offer.text.clone() } else { format!("{} ", offer.text) };
        let rest = self.text[self.caret..].trim_start().to_owned();
        self.text = format!("{}{text}{rest}", &self.text[..from]);
        self.caret = from + text.len();
        self.offers = Offers::default();
        true
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
        self.offers = Offers::default();
        self.text = at.and_then(|i| self.history.get(i).cloned()).unwrap_or_default();
        self.caret = self.text.len();
    }
}
