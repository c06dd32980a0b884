//! The model of an unfolding.

use crate::layout;
use crate::texts::Texts;
use compass_expand::{Part, Record, StepNo, TokenId};
use compass_facts::Span;
use compass_index::FileId;

/// A place in a file, indexed or not.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Location {
    /// The file, if the index has it.
    pub file: Option<FileId>,
    /// Its path as people see it.
    pub path: String,
    /// From 1.
    pub line: u32,
    /// In bytes, from 1.
    pub column: u32,
    /// In bytes.
    pub span: Span,
}

/// What a step does.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum StepKind {
    /// Replaces a call by a macro's text.
    Macro,
    /// Replaces a call by what its n-th rule writes, from 1.
    Rule(u16),
    /// The language's own: a line number, a counter.
    Computed,
    /// Rewrites a construct into simpler ones.
    Lowering,
}

impl StepKind {
    /// The word of answers.
    pub fn word(self) -> &'static str {
        match self {
            StepKind::Macro => "macro",
            StepKind::Rule(_) => "rule",
            StepKind::Computed => "computed",
            StepKind::Lowering => "lowering",
        }
    }
}

/// Another definition of the same name.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Competing {
    /// Where.
    pub at: Location,
    /// Conditionals around it, outermost first, as written.
    pub conditions: Vec<String>,
}

/// One step.
#[derive(Debug, Clone, PartialEq)]
pub struct Step {
    /// The macro, or the lowering.
    pub by: String,
    /// What it does.
    pub kind: StepKind,
    /// Where the macro or rule is defined.
    pub defined: Option<Location>,
    /// Conditionals around that definition.
    pub conditions: Vec<String>,
    /// Further definitions of the name.
    pub competing: Vec<Competing>,
    /// How deep inside other steps: 0 for one that replaces what was written.
    pub depth: usize,
    /// What was replaced.
    pub before: String,
    /// What it became.
    pub after: String,
}

/// What a piece of a text is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum PieceKind {
    /// Written at the place that is unfolded.
    Written,
    /// Came in by a macro, a rule, a lowering.
    Made,
    /// Out of an argument.
    Argument,
}

/// A piece of a text and where it came from.
#[derive(Debug, Clone, PartialEq)]
pub struct Piece {
    /// Bytes of the text.
    pub span: Span,
    /// What it is.
    pub kind: PieceKind,
    /// Made by the latest step of the state.
    pub fresh: bool,
    /// Where it came from, in words, nearest first, each with its place.
    pub trail: Vec<(String, Option<Location>)>,
}

/// A laid-out text in pieces.
#[derive(Debug, Clone, Default, PartialEq)]
pub struct Text {
    /// The text.
    pub text: String,
    /// Its pieces by place; blanks between belong to none.
    pub pieces: Vec<Piece>,
}

impl Text {
    /// The piece at a byte.
    pub fn find(&self, offset: u32) -> Option<&Piece> {
        let end = self.pieces.partition_point(|p| p.span.start <= offset);
        self.pieces.get(end.checked_sub(1)?).filter(|p| p.span.contains(offset))
    }
}

/// A named depth of a lowering.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Depth {
    /// Its name.
    pub name: &'static str,
    /// What is left after it.
    pub what: &'static str,
}

/// How the states of an unfolding are kept.
pub enum Content {
    /// Tokens that were replaced.
    Tokens {
        /// What was replaced, token by token.
        record: Box<Record>,
        /// The texts the tokens come from.
        texts: Texts,
    },
    /// The text after each step; the first is what was written.
    Stages(Vec<Text>),
}

/// See the crate.
pub struct Unfolding {
    /// Where what is unfolded stands.
    pub place: Location,
    /// Steps, outermost first.
    pub steps: Vec<Step>,
    /// Things to hear: what stopped an unfolding, what was taken for granted.
    pub notes: Vec<String>,
    /// Depths a lowering can stop at; a step each.
    pub depths: Vec<Depth>,
    /// The states themselves.
    pub content: Content,
}

impl Unfolding {
    /// What stands there after so many steps; 0 gives what was written.
    pub fn state(&self, steps: usize) -> Text {
        match &self.content {
            Content::Tokens { record, texts } => {
                let fresh = steps.checked_sub(1).map(|s| StepNo(s as u32));
                text_of(record, texts, &record.state(steps), fresh)
            }
            Content::Stages(stages) => stages.get(steps).or(stages.last()).cloned().unwrap_or_default(),
        }
    }

    /// What stands there when only one step is taken, and those it needs.
    pub fn only(&self, step: usize) -> Text {
        match &self.content {
            Content::Tokens { record, texts } => {
                let step = StepNo(step as u32);
                text_of(record, texts, &record.state_of(&[step]), Some(step))
            }
            Content::Stages(_) => self.state(step + 1),
        }
    }
}

/// Lays tokens out and says where each came from.
pub fn text_of(record: &Record, texts: &Texts, ids: &[TokenId], fresh: Option<StepNo>) -> Text {
    let tokens: Vec<_> = ids.iter().map(|id| record.token(*id)).collect();
    let (text, spans) = layout::lay_out(&tokens);
    let pieces = ids
        .iter()
        .zip(spans)
        .map(|(id, span)| {
            let token = record.token(*id);
            let kind = match record.history(*id).iter().map(|t| record.token(*t).part).next_back() {
                Some(Part::Written) if token.step.is_none() => PieceKind::Written,
                Some(Part::Written) => PieceKind::Argument,
                _ => PieceKind::Made,
            };
            Piece { span, kind, fresh: fresh.is_some() && token.step == fresh, trail: trail(record, texts, *id) }
        })
        .collect();
    Text { text, pieces }
}

/// Where a token came from, nearest first.
fn trail(record: &Record, texts: &Texts, id: TokenId) -> Vec<(String, Option<Location>)> {
    let mut out = Vec::new();
    for id in record.history(id) {
        let token = record.token(id);
        let step = token.step.and_then(|s| record.steps.get(s.0 as usize));
        let by = step.map_or("", |s| &s.by);
        let place = token.place.map(|p| texts.location(p));
        let words = match token.part {
            Part::Written => "written here".to_owned(),
            Part::Body => format!("text of {by}"),
            Part::Argument(n) => {
                let name = step.and_then(|s| s.parameters.get(n as usize)).map_or("", |n| n);
                format!("argument {name} of {by}")
            }
            Part::Pasted => {
                let right = token.second.map(|t| record.token(t).text.to_string()).unwrap_or_default();
                format!("two made one by ## in {by}, the right one {right}")
            }
            Part::Text => format!("argument made a text by # in {by}"),
            Part::Computed => format!("computed: {by}"),
            Part::Grouping => "added by nobody's hand: keeps together what was one expression".to_owned(),
        };
        out.push((words, place));
    }
    out
}
