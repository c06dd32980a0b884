//! What is wrong with a question, and how to mend it.

/// A mistake in a question. Offsets and lengths count bytes of the question.
#[derive(Debug, Clone, PartialEq, Eq, thiserror::Error)]
#[error("{message}")]
pub struct ParseError {
    /// What is wrong, in a sentence.
    pub message: String,
    /// Where.
    pub at: usize,
    /// How long the wrong part is; 0 where something is missing.
    pub length: usize,
    /// What could stand there.
    pub expected: Vec<String>,
    /// The known word nearest to what was written.
    pub nearest: Option<String>,
    /// The question as it may have been meant.
    pub suggestion: Option<String>,
}

impl ParseError {
    pub(crate) fn new(message: impl Into<String>, at: usize, length: usize) -> ParseError {
        ParseError { message: message.into(), at, length, expected: Vec::new(), nearest: None, suggestion: None }
    }

    pub(crate) fn expecting(mut self, words: &[&str]) -> ParseError {
        self.expected = words.iter().map(|w| (*w).to_owned()).collect();
        self
    }

    /// Adds the word of `expected` nearest to what was written.
    pub(crate) fn near(mut self, written: &str) -> ParseError {
        self.nearest = crate::question_nearest(written, self.expected.iter().map(String::as_str));
        self
    }

    pub(crate) fn suggest(mut self, question: impl Into<String>) -> ParseError {
        self.suggestion = Some(question.into());
        self
    }
}
