//! Answers to questions, narrowed by typing; earlier ones are kept with place and narrowing.

use compass_trace::{Answer, Answers};

/// A question with its answers, as they were left.
#[derive(Debug, Clone)]
pub struct Kept {
    /// What came back.
    pub answers: Answers,
    /// Selected among the rows that narrowing leaves.
    pub selected: usize,
    /// Letters that rows must hold.
    pub narrow: String,
    /// More is on its way.
    pub partial: bool,
    /// What these answers were asked of: open places, and those of the answers before.
    pub asked_of: AskedOf,
    /// Rows beyond those that are loaded, of files whose paths hold the narrowing's words.
    pub further: Option<Further>,
    /// Further rows are being looked for.
    pub loading: bool,
}

/// What surrounds a question.
pub type AskedOf = (Vec<String>, Option<Vec<(compass_index::FileId, u32)>>);

/// Rows that narrowing finds beyond those that are loaded.
#[derive(Debug, Clone, PartialEq)]
pub struct Further {
    /// The words they were found by.
    pub words: Vec<String>,
    /// How many there are among all rows, the loaded ones included.
    pub total: u64,
    /// Those that are loaded.
    pub rows: Vec<Answer>,
}

/// So many rows are kept of one question; who needs others narrows.
pub const MOST_ROWS: usize = 5_000;

impl Kept {
    /// The words of the narrowing, in small letters.
    pub fn words(&self) -> Vec<String> {
        self.narrow.split_whitespace().map(str::to_lowercase).collect()
    }

    /// The rows that narrowing leaves: of those that are loaded by all that is shown of them, of the others by their paths.
    pub fn rows(&self) -> Vec<&Answer> {
        let words = self.words();
        let mut out: Vec<&Answer> = self.answers.answers.iter().filter(|a| words.iter().all(|w| holds(a, w))).collect();
        if let Some(further) = self.further.as_ref().filter(|f| f.words == words) {
            let known: std::collections::HashSet<(&str, u32, u32)> = out.iter().map(|a| (a.path.as_str(), a.line, a.column)).collect();
            let others: Vec<&Answer> = further.rows.iter().filter(|a| !known.contains(&(a.path.as_str(), a.line, a.column))).collect();
            out.extend(others);
        }
        out
    }

    /// Is there more than what is loaded?
    pub fn is_cut(&self) -> bool {
        (self.answers.answers.len() as u64) < self.answers.total
    }

    /// Did somebody ask for no more than a number of rows?
    fn has_limit(&self) -> bool {
        use compass_trace::question::{Filter, parse};
        parse(&self.answers.question).is_ok_and(|(q, _)| q.filters.iter().any(|f| matches!(f, Filter::AtMost(_))))
    }

    /// From which row on more is to be loaded, and by which words; nothing where all is there, or as much as is kept.
    pub fn next_page(&self) -> Option<(u64, Vec<String>)> {
        if self.partial || self.loading || !self.is_cut() || self.has_limit() {
            return None;
        }
        let words = self.words();
        if words.is_empty() {
            let loaded = self.answers.answers.len();
            return (loaded < MOST_ROWS).then_some((loaded as u64, words));
        }
        match self.further.as_ref().filter(|f| f.words == words) {
            None => Some((0, words)),
            Some(f) => ((f.rows.len() as u64) < f.total && f.rows.len() < MOST_ROWS).then_some((f.rows.len() as u64, words)),
        }
    }

    /// Takes further rows.
    pub fn take_more(&mut self, after: u64, words: Vec<String>, found: Answers) {
        if words.is_empty() {
            // Another generation of the index may have been asked meanwhile: only what follows is taken.
            if after == self.answers.answers.len() as u64 {
                self.answers.answers.extend(found.answers);
                self.answers.total = found.total;
            }
            return;
        }
        match self.further.as_mut().filter(|f| f.words == words && after == f.rows.len() as u64) {
            Some(further) => further.rows.extend(found.answers),
            None if after == 0 => self.further = Some(Further { words, total: found.total, rows: found.answers }),
            None => {}
        }
    }

    /// The row selected.
    pub fn current(&self) -> Option<&Answer> {
        self.rows().get(self.selected).copied()
    }
}

/// Does anything that is shown of a row hold the word, which is in small letters? Asked of thousands of rows for each key.
fn holds(answer: &Answer, word: &str) -> bool {
    let fields =
        [answer.name.as_deref(), answer.enclosing.as_deref(), answer.role_word(), answer.kind_word(), answer.text.as_deref(), answer.caller.as_deref()];
    contains(&answer.path, word)
        || word.contains(|c: char| c.is_ascii_digit()) && contains(&format!("{}:{}", answer.path, answer.line), word)
        || fields.into_iter().flatten().any(|f| contains(f, word))
}

/// Does the text hold the word, whichever the case of its letters?
fn contains(text: &str, word: &str) -> bool {
    let (text, word) = (text.as_bytes(), word.as_bytes());
    if !text.is_ascii() {
        return String::from_utf8_lossy(text).to_lowercase().as_bytes().windows(word.len().max(1)).any(|w| w == word);
    }
    let Some(first) = word.first() else { return true };
    let starts = memchr::memchr2_iter(*first, first.to_ascii_uppercase(), text);
    starts.take_while(|at| at + word.len() <= text.len()).any(|at| text[at..at + word.len()].eq_ignore_ascii_case(word))
}

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct AnswersPane {
    /// Questions asked, latest last.
    pub kept: Vec<Kept>,
    /// The one shown.
    pub current: usize,
    /// Do letters go into the narrowing?
    pub narrowing: bool,
    /// A question is being answered.
    pub waiting: Option<String>,
    /// What it is asked of.
    pub asked_of: AskedOf,
    /// Code around the selected row: path and page.
    pub preview: Option<super::Page>,
    /// A question of the last time that is asked again, and how its answers were left.
    pub again: Option<compass_session::remembered::Asked>,
}

impl AnswersPane {
    /// The question shown.
    pub fn shown(&self) -> Option<&Kept> {
        self.kept.get(self.current)
    }

    /// The question shown, to change it.
    pub fn shown_mut(&mut self) -> Option<&mut Kept> {
        self.kept.get_mut(self.current)
    }

    /// Are answers to that question coming in?
    pub fn goes_on(&self, question: &str) -> bool {
        self.kept.iter().any(|k| k.partial && k.answers.question == question)
    }

    /// A question was asked: what came in of earlier ones stays as it is.
    pub fn ask(&mut self, question: String) {
        self.kept.iter_mut().for_each(|k| k.partial = false);
        self.waiting = Some(question);
    }

    /// Adds answers, of which more may come; those that go on stay as they were left. At most thirty questions are kept.
    pub fn add(&mut self, answers: Answers, partial: bool) {
        if let Some(kept) = self.kept.iter_mut().find(|k| k.partial && k.answers.question == answers.question) {
            (kept.answers, kept.partial) = (answers, partial);
            return;
        }
        self.kept.retain(|k| k.answers.question != answers.question);
        let left = self.again.take_if(|a| a.question == answers.question).unwrap_or_default();
        self.kept.push(Kept {
            answers,
            selected: 0,
            narrow: left.narrow,
            partial,
            asked_of: std::mem::take(&mut self.asked_of),
            further: None,
            loading: false,
        });
        if let Some(kept) = self.kept.last_mut() {
            kept.selected = left.selected.min(kept.rows().len().saturating_sub(1));
        }
        if self.kept.len() > 30 {
            self.kept.remove(0);
        }
        self.current = self.kept.len() - 1;
        self.narrowing = false;
    }
}

#[cfg(test)]
mod tests {
    use super::contains;
    use rstest::rstest;

    #[rstest]
    #[case::plain("drivers/net/Probe.c", "probe", true)]
    #[case::at_the_end("a/Turn", "turn", true)]
    #[case::longer_than_the_text("tu", "turn", false)]
    #[case::nearly("tur turr", "turn", false)]
    #[case::other_letters("Käse/ÄHRE.rs", "ähre", true)]
    #[case::other_letters_missing("Käse", "kase", false)]
    #[case::nothing("turn", "", true)]
    fn words_are_found_whichever_the_case(#[case] text: &str, #[case] word: &str, #[case] found: bool) {
        assert_eq!(contains(text, word), found);
    }
}
