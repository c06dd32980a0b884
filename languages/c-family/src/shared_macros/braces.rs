//! Macros that open or close namespaces where they stand alone: `#define RACK_BEGIN namespace rack {`.

use super::shape::{Part, parts};
use compass_expand::{Record, TokenId, TokenKind};

/// Namespaces that one macro opens.
const MOST_OPENED: usize = 8;

/// What a macro opens or closes.
#[derive(Debug, Clone, PartialEq, Eq, Hash)]
pub(crate) enum Braces {
    /// Namespaces, the outermost first.
    Open(Vec<Opened>),
    /// So many of them.
    Close(usize),
}

/// A namespace that a macro opens.
#[derive(Debug, Clone, PartialEq, Eq, Hash)]
pub(crate) struct Opened {
    pub(crate) inline: bool,
    /// The parts of `a::b`, each of which may hang on what the call gives; none for a namespace without a name.
    pub(crate) path: Vec<Vec<Part>>,
}

impl Braces {
    /// What an expansion comes to; nothing unless it is made of beginnings or ends of namespaces alone.
    pub(super) fn of(record: &Record, out: &[TokenId]) -> Option<Braces> {
        let spelled: Vec<&str> = out.iter().map(|t| &*record.token(*t).text).collect();
        if !spelled.is_empty() && spelled.iter().all(|t| *t == "}") {
            return (spelled.len() <= MOST_OPENED).then_some(Braces::Close(spelled.len()));
        }
        let mut opened = Vec::new();
        let mut at = 0;
        while at < out.len() && opened.len() < MOST_OPENED {
            let inline = spelled[at] == "inline";
            at += usize::from(inline);
            if spelled.get(at) != Some(&"namespace") {
                return None;
            }
            let mut path = Vec::new();
            at += 1;
            while out.get(at).is_some_and(|t| record.token(*t).kind == TokenKind::Name) {
                path.push(parts(spelled[at]));
                at += 1;
                // As two tokens, where the text is read as C.
                match spelled[at..] {
                    ["::", ..] => at += 1,
                    [":", ":", ..] => at += 2,
                    _ => break,
                }
            }
            if spelled.get(at) != Some(&"{") {
                return None;
            }
            at += 1;
            opened.push(Opened { inline, path });
        }
        (!opened.is_empty() && at == out.len()).then_some(Braces::Open(opened))
    }

    /// Of several definitions of one macro the one that does most: the others are for configurations in which it does nothing.
    pub(super) fn weight(&self) -> usize {
        match self {
            Braces::Open(opened) => opened.len(),
            Braces::Close(count) => *count,
        }
    }
}
