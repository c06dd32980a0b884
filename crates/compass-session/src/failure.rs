//! What a session could not do, and why.

use crate::unfolding::UnfoldingError;
use compass_facts::SourceError;
use compass_index::IndexError;
use compass_index::refresh::RefreshError;
use compass_trace::AnswerError;
use compass_trace::history_and_coverage::GitError;
use compass_trace::question::ParseError;
use std::path::PathBuf;

/// Why a session has no answer. Shown, it is one line with the causes of the failure.
#[derive(Debug, thiserror::Error)]
pub enum Failure {
    /// Nothing is indexed so far.
    #[error("there is no index yet")]
    NoIndex,
    /// The question could not be understood.
    #[error("{}", with_suggestion(.0))]
    Question(#[from] ParseError),
    /// Another question than one for ways.
    #[error("a way is asked for by: how does A reach B")]
    NotAWay,
    /// Another question than one for what is to be drawn.
    #[error("draw {0} is asked for by: {1}")]
    NotDrawn(&'static str, &'static str),
    /// A path that the index does not have.
    #[error("{0} is not in the index")]
    UnknownFile(String),
    /// There is no name at a place, and no function around it.
    #[error("no function encloses this place")]
    NoFunction,
    /// The index failed.
    #[error("{}", failure_chain(.0))]
    Index(#[from] IndexError),
    /// The index could not be brought up to date.
    #[error("{}", failure_chain(.0))]
    Refresh(#[from] RefreshError),
    /// The repository says nothing.
    #[error("{}", failure_chain(.0))]
    Git(#[from] GitError),
    /// A file is no text.
    #[error(transparent)]
    NoText(#[from] SourceError),
    /// Nothing could be unfolded.
    #[error("{}", failure_chain(.0))]
    Unfolding(#[from] UnfoldingError),
    /// Somebody asked to stop.
    #[error("cancelled")]
    Cancelled,
    /// A fault of this program ended the job; where it is described.
    #[error("a fault of this program ended this; everything else goes on{}", .0.as_ref().map_or_else(String::new, |path| format!("; report: {}", path.display())))]
    Fault(Option<PathBuf>),
}

impl From<AnswerError> for Failure {
    fn from(error: AnswerError) -> Self {
        match error {
            AnswerError::Parse(e) => Failure::Question(e),
            AnswerError::Index(e) => Failure::Index(e),
            AnswerError::Git(e) => Failure::Git(e),
            AnswerError::Cancelled => Failure::Cancelled,
        }
    }
}

/// A mistake in one line, with what may have been meant.
fn with_suggestion(error: &ParseError) -> String {
    match &error.suggestion {
        Some(s) => format!("{} · try: {s}", error.message),
        None => error.message.clone(),
    }
}

/// A message with those of its causes.
pub fn failure_chain(error: &dyn std::error::Error) -> String {
    let mut text = error.to_string();
    let mut source = error.source();
    while let Some(cause) = source {
        let cause_text = cause.to_string();
        if !text.contains(&cause_text) {
            text = format!("{text}: {cause_text}");
        }
        source = cause.source();
    }
    text
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn mistake(question: &str) -> Failure {
        compass_trace::question::parse(question).expect_err("a mistake").into()
    }

    #[rstest]
    #[case::a_mistake(mistake("pattern rack"), "try:")]
    #[case::no_file(IndexError::NoFile("a.py".to_owned()).into(), "the index has no file a.py")]
    #[case::a_fault(Failure::Fault(Some(PathBuf::from("/tmp/report.txt"))), "report: /tmp/report.txt")]
    #[case::stopped(AnswerError::Cancelled.into(), "cancelled")]
    fn a_failure_is_told_in_one_line_with_what_helps(#[case] failure: Failure, #[case] wanted: &str) {
        let said = failure.to_string();
        assert!(said.contains(wanted) && !said.contains('\n'), "{said}");
    }
}
