//! Why something was not unfolded.

use std::sync::Arc;

/// What an engine could not do, and why. Its text is for people.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Note {
    /// A call was given another number of arguments than its macro takes.
    ArgumentCount {
        /// The macro.
        name: Arc<str>,
        /// Parameters, the variadic one not counted.
        takes: usize,
        /// Arguments.
        given: usize,
    },
    /// The call's parenthesis is never closed.
    Unclosed {
        /// The macro.
        name: Arc<str>,
    },
    /// `##` would make something that is no token; both stay.
    NotAToken {
        /// What it would have made.
        text: String,
    },
    /// No definition was found.
    Undefined {
        /// The macro.
        name: Arc<str>,
    },
    /// An include that leads nowhere: macros defined there are not known.
    IncludeNotFound {
        /// As written.
        spelled: String,
        /// By which file.
        by: String,
    },
    /// A conditional's expression cannot be evaluated and counts as false.
    Condition {
        /// As written.
        text: String,
        /// What is wrong with it.
        why: &'static str,
    },
    /// The place stands in a branch that the configuration leaves out.
    LeftOut {
        /// The conditional that leaves it out.
        by: String,
    },
    /// No rule of the macro fits the call.
    NoRule {
        /// The macro.
        name: Arc<str>,
        /// What the rule that came furthest wanted.
        expected: String,
    },
    /// The compiler's or a procedural macro: its code is not rules.
    Opaque {
        /// The macro.
        name: Arc<str>,
    },
    /// Files include one another deeper or more often than is followed.
    TooManyIncludes {
        /// The file that was not entered any more.
        path: String,
    },
    /// More tokens than [`crate::MAX_TOKENS`], more steps than [`crate::MAX_STEPS`], or nested deeper than is followed.
    TooMuch {
        /// The macro that was about to be unfolded.
        name: Arc<str>,
    },
}

impl std::fmt::Display for Note {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        match self {
            Note::ArgumentCount { name, takes, given } => {
                write!(f, "{name} takes {takes} argument{}, is given {given}: stays as written", if *takes == 1 { "" } else { "s" })
            }
            Note::Unclosed { name } => write!(f, "the call of {name} is never closed: stays as written"),
            Note::NotAToken { text } => write!(f, "## would make {text}, which is no token: both parts stay"),
            Note::Undefined { name } => write!(f, "no definition of {name} is visible here"),
            Note::IncludeNotFound { spelled, by } => write!(f, "{by} includes {spelled}, which was not found: its macros are not known"),
            Note::Condition { text, why } => write!(f, "#if {text}: {why}; taken as false"),
            Note::LeftOut { by } => write!(f, "this place is left out by {by} under the configuration in force"),
            Note::NoRule { name, expected } => write!(f, "no rule of {name} fits: {expected}"),
            Note::Opaque { name } => write!(f, "{name} is made by the compiler or by a program, not by rules: stops here"),
            Note::TooManyIncludes { path } => write!(f, "files include one another without end: {path} and what follows it is left out"),
            Note::TooMuch { name } => write!(f, "too much to unfold: stopped before {name}, the rest stays as written"),
        }
    }
}
