//! Writes a question as a line that parses back to it.

use super::syntax::{Depth, Does, Filter, Form, Goal, Mode, Question, Scope, Subject, What};
use super::words::{is_one_word, quote};
use std::fmt::{self, Display, Formatter};

/// Words that mean something somewhere: names spelled so are quoted.
pub(super) const KEYWORDS: [&str; 45] = [
    "where",
    "is",
    "what",
    "who",
    "how",
    "does",
    "uses",
    "as",
    "through",
    "reach",
    "any",
    "follows",
    "from",
    "changes",
    "since",
    "text",
    "pattern",
    "files",
    "symbols",
    "outline",
    "of",
    "entry",
    "points",
    "gaps",
    "or",
    "defined",
    "in",
    "outside",
    "lang",
    "unit",
    "layer",
    "kind",
    "only",
    "at",
    "least",
    "most",
    "after",
    "these",
    "declared",
    "implemented",
    "open",
    "all",
    "proven",
    "inferred",
    "guessed",
];

impl Display for Goal {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        match self {
            Goal::Subject(subject) => write!(f, "{subject}"),
            Goal::Any(kind) => write!(f, "any {}", any_word(kind)),
        }
    }
}

impl Display for Question {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        write!(f, "{}", self.form)?;
        for filter in &self.filters {
            write!(f, " {filter}")?;
        }
        Ok(())
    }
}

impl Display for Form {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        match self {
            Form::WhereIs { subject, mode } => {
                write!(f, "where is {subject}")?;
                match mode {
                    Mode::Any => Ok(()),
                    Mode::Declared => write!(f, " declared"),
                    Mode::Implemented => write!(f, " implemented"),
                }
            }
            Form::WhatIs(subject) => write!(f, "what is {subject}"),
            Form::Who { does, subjects, through } => write!(f, "who {} {}{}", does.word(), Alternatives(subjects), Through(*through)),
            Form::WhoUses { subjects, roles } => {
                write!(f, "who uses {}", Alternatives(subjects))?;
                if !roles.is_empty() {
                    let words: Vec<&str> = roles.iter().map(|r| r.word()).collect();
                    write!(f, " as {}", words.join(","))?;
                }
                Ok(())
            }
            Form::WhatDoes { subject, does, through } => write!(f, "what does {subject} {}{}", Does::word(*does), Through(*through)),
            Form::HowReach { from, to, through } => write!(f, "how does {from} reach {to}{}", Through(*through)),
            Form::Follows(subject) => write!(f, "what follows from {subject}"),
            Form::FollowsChanges(word) => write!(f, "what follows from changes since {}", any_word(word)),
            Form::Text(text) => write!(f, "text {}", quote(text)),
            Form::Pattern { regex, ignore_case } => write!(f, "pattern /{}/{}", slashed(regex), if *ignore_case { "i" } else { "" }),
            Form::Files(word) => write!(f, "files {}", any_word(word)),
            Form::Symbols(fragments) => {
                let words: Vec<String> = fragments.iter().map(|w| any_word(w)).collect();
                write!(f, "symbols {}", words.join(" "))
            }
            Form::Outline(subject) => write!(f, "outline of {subject}"),
            Form::EntryPoints => write!(f, "entry points"),
            Form::Gaps(None) => write!(f, "gaps"),
            Form::Gaps(Some(cause)) => write!(f, "gaps of {}", any_word(cause)),
        }
    }
}

struct Alternatives<'s>(&'s [Subject]);

impl Display for Alternatives<'_> {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        for (i, subject) in self.0.iter().enumerate() {
            write!(f, "{}{subject}", if i == 0 { "" } else { " or " })?;
        }
        Ok(())
    }
}

struct Through(Option<Depth>);

impl Display for Through {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        match self.0 {
            None => Ok(()),
            Some(Depth::All) => write!(f, " through all"),
            Some(Depth::Levels(n)) => write!(f, " through {n}"),
        }
    }
}

impl Display for Subject {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        match &self.what {
            What::Place(place) => {
                let path = if is_one_word(&place.path) && !place.path.ends_with(':') && !ends_in_number(&place.path) {
                    place.path.clone()
                } else {
                    quote(&place.path)
                };
                write!(f, "{path}:{}", place.line)?;
                if let Some(column) = place.column {
                    write!(f, ":{column}")?;
                }
            }
            What::Name { text, quoted } => {
                let plain = !quoted && is_one_word(text) && !KEYWORDS.contains(&text.as_str());
                write!(f, "{}", if plain { text.clone() } else { quote(text) })?;
            }
        }
        match &self.defined_in {
            Some(word) => write!(f, " defined in {}", any_word(word)),
            None => Ok(()),
        }
    }
}

/// A path such as `a:3` would take the line for part of itself.
fn ends_in_number(path: &str) -> bool {
    path.rsplit_once(':').is_some_and(|(_, n)| n.bytes().all(|b| b.is_ascii_digit()))
}

impl Display for Filter {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        match self {
            Filter::In(scope) => write!(f, "in {scope}"),
            Filter::Outside(scope) => write!(f, "outside {scope}"),
            Filter::Lang(w) => write!(f, "lang {}", any_word(w)),
            Filter::Unit(w) => write!(f, "unit {}", any_word(w)),
            Filter::Layer(w) => write!(f, "layer {}", any_word(w)),
            Filter::Kind(w) => write!(f, "kind {}", any_word(w)),
            Filter::Only(c) => write!(f, "only {}", c.word()),
            Filter::AtLeast(c) => write!(f, "at least {}", c.word()),
            Filter::OfThese => write!(f, "of these"),
            Filter::OrGuessed => write!(f, "or guessed"),
            Filter::AtMost(n) => write!(f, "at most {n}"),
            Filter::After(n) => write!(f, "after {n}"),
        }
    }
}

impl Display for Scope {
    fn fmt(&self, f: &mut Formatter) -> fmt::Result {
        match self {
            Scope::Open => write!(f, "open"),
            Scope::Path(w) => write!(f, "{}", any_word(w)),
        }
    }
}

/// A word that parses back as the same argument.
fn any_word(word: &str) -> String {
    if is_one_word(word) && !KEYWORDS.contains(&word) { word.to_owned() } else { quote(word) }
}

/// Slashes inside a pattern get a backslash; those that have one already keep it.
fn slashed(regex: &str) -> String {
    let mut out = String::new();
    let mut escaped = false;
    for c in regex.chars() {
        if c == '/' && !escaped {
            out.push('\\');
        }
        escaped = c == '\\' && !escaped;
        out.push(c);
    }
    out
}
