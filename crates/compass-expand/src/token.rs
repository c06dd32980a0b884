//! Tokens that know where they came from.

use crate::StepNo;
use compass_facts::Span;
use std::sync::Arc;

/// What a token is.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
#[allow(missing_docs)]
pub enum TokenKind {
    Name,
    Number,
    Text,
    Char,
    Punct,
    Other,
}

/// Which text a place is in; the caller gives numbers to texts.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct SourceNo(pub u32);

/// A place in a text.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct Place {
    /// Which text.
    pub source: SourceNo,
    /// Where, in bytes.
    pub span: Span,
}

/// Position of a token in [`crate::Record::tokens`].
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct TokenId(pub u32);

impl TokenId {
    /// As a position.
    pub fn index(self) -> usize {
        self.0 as usize
    }
}

/// What a token is in the step that made it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub enum Part {
    /// Written where the unfolding began.
    Written,
    /// Text of the macro or rule.
    Body,
    /// Out of an argument (counted from 0) or out of what a rule's variable matched.
    Argument(u16),
    /// Two tokens made one.
    Pasted,
    /// An argument made a string.
    Text,
    /// Computed by the language: a line number, a counter.
    Computed,
    /// Parentheses that no one wrote: they keep together what was one expression.
    Grouping,
}

/// A token.
#[derive(Debug, Clone, PartialEq)]
pub struct Token {
    /// As spelled.
    pub text: Arc<str>,
    /// Its class.
    pub kind: TokenKind,
    /// Blanks stand before it.
    pub spaced: bool,
    /// Never to be replaced again: it named a macro while that was being replaced.
    pub painted: bool,
    /// Where its text is written; computed tokens have no place.
    pub place: Option<Place>,
    /// What it is in the step that made it.
    pub part: Part,
    /// The token it is a copy of; for pasted ones the left.
    pub parent: Option<TokenId>,
    /// For pasted ones the right.
    pub second: Option<TokenId>,
    /// The step that made it; none for what was written.
    pub step: Option<StepNo>,
}

impl Token {
    /// A token as written.
    pub fn written(text: Arc<str>, kind: TokenKind, spaced: bool, place: Place) -> Token {
        Token { text, kind, spaced, painted: false, place: Some(place), part: Part::Written, parent: None, second: None, step: None }
    }

    /// Is it that word or sign?
    pub fn is(&self, text: &str) -> bool {
        &*self.text == text && !matches!(self.kind, TokenKind::Text | TokenKind::Char)
    }
}
