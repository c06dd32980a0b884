//! The tree of a question.

use compass_facts::Role;
use compass_index::Certainty;

/// A question with its filters.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Question {
    /// What is asked.
    pub form: Form,
    /// What narrows the answer, in the order written.
    pub filters: Vec<Filter>,
}

/// The forms of questions.
#[derive(Debug, Clone, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Form {
    /// `where is S`, or a bare subject.
    WhereIs { subject: Subject, mode: Mode },
    /// `what is S`.
    WhatIs(Subject),
    /// `who calls S or S through N`.
    Who { does: WhoDoes, subjects: Vec<Subject>, through: Option<Depth> },
    /// `who uses S as call,write`.
    WhoUses { subjects: Vec<Subject>, roles: Vec<Role> },
    /// `what does S call`.
    WhatDoes { subject: Subject, does: Does, through: Option<Depth> },
    /// `how does S reach S`, `how does S reach any KIND`.
    HowReach { from: Subject, to: Goal, through: Option<Depth> },
    /// `what follows from S`.
    Follows(Subject),
    /// `what follows from changes since W`.
    FollowsChanges(String),
    /// `text "…"`.
    Text(String),
    /// `pattern /…/i`.
    Pattern { regex: String, ignore_case: bool },
    /// `files W`.
    Files(String),
    /// `symbols F F`.
    Symbols(Vec<String>),
    /// `outline of S`.
    Outline(Subject),
    /// `entry points`.
    EntryPoints,
    /// `gaps`.
    /// All gaps, or those of one cause.
    Gaps(Option<String>),
}

impl Form {
    /// Can it list uses that have no target, as guesses?
    pub fn takes_guesses(&self) -> bool {
        matches!(self, Form::WhoUses { .. } | Form::Who { does: WhoDoes::Calls | WhoDoes::Reads | WhoDoes::Writes, .. })
    }
}

/// Where a way is to end.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Goal {
    /// At a symbol.
    Subject(Subject),
    /// At any symbol of a kind, or behind any crossing of one.
    Any(String),
}

impl Goal {
    /// The symbol, if it is one.
    pub fn subject(&self) -> Option<&Subject> {
        match self {
            Goal::Subject(subject) => Some(subject),
            Goal::Any(_) => None,
        }
    }
}

/// Which of the places of a thing is wanted.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
#[allow(missing_docs)]
pub enum Mode {
    #[default]
    Any,
    Declared,
    Implemented,
}

/// A thing asked about.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Subject {
    /// Place or name.
    pub what: What,
    /// Chooses among symbols of one name.
    pub defined_in: Option<String>,
}

/// Place or name.
#[derive(Debug, Clone, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum What {
    Place(Place),
    /// A name; quoted ones are literal.
    Name {
        text: String,
        quoted: bool,
    },
}

/// A place in a file.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Place {
    /// Path as written, without quotes.
    pub path: String,
    /// From 1.
    pub line: u32,
    /// In bytes from 1.
    pub column: Option<u32>,
}

/// Relations asked for with `who`.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
#[allow(missing_docs)]
pub enum WhoDoes {
    Calls,
    Writes,
    Reads,
    Implements,
    Extends,
    Overrides,
    Includes,
    Imports,
    Tests,
}

impl WhoDoes {
    /// All, with their words.
    pub const ALL: [(WhoDoes, &'static str); 9] = [
        (WhoDoes::Calls, "calls"),
        (WhoDoes::Writes, "writes"),
        (WhoDoes::Reads, "reads"),
        (WhoDoes::Implements, "implements"),
        (WhoDoes::Extends, "extends"),
        (WhoDoes::Overrides, "overrides"),
        (WhoDoes::Includes, "includes"),
        (WhoDoes::Imports, "imports"),
        (WhoDoes::Tests, "tests"),
    ];

    /// The word of the language.
    pub fn word(self) -> &'static str {
        Self::ALL[Self::ALL.iter().position(|a| a.0 == self).unwrap_or(0)].1
    }
}

/// Relations asked for with `what does`.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
#[allow(missing_docs)]
pub enum Does {
    Call,
    Use,
    Read,
    Write,
    Define,
    Include,
    Import,
    Extend,
    Implement,
    Override,
}

impl Does {
    /// All, with their words.
    pub const ALL: [(Does, &'static str); 10] = [
        (Does::Call, "call"),
        (Does::Use, "use"),
        (Does::Read, "read"),
        (Does::Write, "write"),
        (Does::Define, "define"),
        (Does::Include, "include"),
        (Does::Import, "import"),
        (Does::Extend, "extend"),
        (Does::Implement, "implement"),
        (Does::Override, "override"),
    ];

    /// The word of the language.
    pub fn word(self) -> &'static str {
        Self::ALL[Self::ALL.iter().position(|a| a.0 == self).unwrap_or(0)].1
    }
}

/// How many levels.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Depth {
    Levels(u32),
    All,
}

/// What narrows an answer.
#[derive(Debug, Clone, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Filter {
    In(Scope),
    Outside(Scope),
    Lang(String),
    Unit(String),
    Layer(String),
    Kind(String),
    Only(Certainty),
    AtLeast(Certainty),
    OfThese,
    /// With uses that have no target and may mean what is asked about.
    OrGuessed,
    AtMost(u64),
    After(u64),
}

/// Where to look.
#[derive(Debug, Clone, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Scope {
    /// The places open on the desk.
    Open,
    /// A folder, file or pattern.
    Path(String),
}
