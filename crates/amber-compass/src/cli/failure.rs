//! Errors folded into what a person can do about them.

use compass_index::OpenError;
use compass_index::refresh::RefreshError;
use compass_session::failure_chain;
use std::fmt::Display;
use std::process::ExitCode;

/// A failed command: the kind decides the exit code, the hint says what to do.
#[derive(Debug)]
pub struct Failure {
    code: u8,
    message: String,
    hint: Option<String>,
}

impl Failure {
    /// The call is wrong.
    pub fn user(message: impl Display) -> Failure {
        Failure { code: 2, message: message.to_string(), hint: None }
    }

    /// The index is missing or unusable.
    pub fn index(message: impl Display) -> Failure {
        Failure { code: 3, message: message.to_string(), hint: None }
    }

    /// Adds what to do.
    #[must_use]
    pub fn hint(mut self, hint: impl Display) -> Failure {
        self.hint = Some(hint.to_string());
        self
    }

    /// Prints it and gives the exit code.
    pub fn report(&self) -> ExitCode {
        eprintln!("amber-compass: {}", crate::shown::harmless(&self.message));
        if let Some(hint) = &self.hint {
            eprintln!("  {}", crate::shown::harmless(hint));
        }
        ExitCode::from(self.code)
    }

    /// An index that cannot be opened.
    pub fn open(error: &OpenError, root: &str) -> Failure {
        Failure::index(failure_chain(error)).hint(format!("run: amber-compass index {root}"))
    }
}

impl From<RefreshError> for Failure {
    fn from(error: RefreshError) -> Failure {
        match &error {
            RefreshError::Plan(_) => Failure::user(failure_chain(&error)),
            RefreshError::Empty { .. } => {
                Failure::user(&error).hint("known languages: C, C++, Go, Java, JavaScript, Python, Rust, SQL, TypeScript; other text files are searched")
            }
            RefreshError::Store(_) => Failure::index(failure_chain(&error)),
            RefreshError::Cancelled => Failure { code: 2, message: "cancelled; what was read is kept".to_owned(), hint: None },
        }
    }
}
