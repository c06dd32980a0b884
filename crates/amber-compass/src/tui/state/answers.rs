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
}

impl Kept {
    /// The rows that narrowing leaves.
    pub fn rows(&self) -> Vec<&Answer> {
        let words: Vec<String> = self.narrow.split_whitespace().map(str::to_lowercase).collect();
        self.answers.answers.iter().filter(|a| words.iter().all(|w| holds(a, w))).collect()
    }

    /// The row selected.
    pub fn current(&self) -> Option<&Answer> {
        self.rows().get(self.selected).copied()
    }
}

fn holds(answer: &Answer, word: &str) -> bool {
    let place = format!("{}:{}", answer.path, answer.line).to_lowercase();
    let fields =
        [answer.name.as_deref(), answer.enclosing.as_deref(), answer.role.as_deref(), answer.kind.as_deref(), answer.text.as_deref(), answer.caller.as_deref()];
    place.contains(word) || fields.into_iter().flatten().any(|f| f.to_lowercase().contains(word))
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
    /// Code around the selected row: path and page.
    pub preview: Option<super::Page>,
    /// A question of the last time that is asked again, and how its answers were left.
    pub again: Option<crate::remembered::Asked>,
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
        self.kept.push(Kept { answers, selected: 0, narrow: left.narrow, partial });
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
