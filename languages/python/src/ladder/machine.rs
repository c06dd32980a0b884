//! A body cut into blocks.

use compass_facts::Span;

/// A piece of a line.
#[derive(Debug, Clone)]
pub(super) enum Part {
    /// Nobody wrote it; `gen.` stands for the iterator.
    Made(String),
    /// Taken over, variables as fields.
    Source(Span),
}

/// A line, or a statement of several lines.
#[derive(Debug, Clone)]
pub(super) struct Code {
    /// Levels deeper than the block.
    pub(super) indent: usize,
    pub(super) parts: Vec<Part>,
}

/// How a block ends.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Next {
    /// Another block follows.
    Goto(usize),
    /// By the truth of `chosen`.
    Choice(usize, usize),
    /// `item` is handed out; the next call goes on there.
    HandOut(usize),
    /// Nothing follows.
    End,
    /// Its own code says.
    Written,
}

/// A block.
#[derive(Debug, Clone)]
pub(super) struct Block {
    pub(super) code: Vec<Code>,
    pub(super) next: Next,
    /// Where it goes on when it raises.
    pub(super) handler: Option<usize>,
    /// It hands on what is sent and thrown.
    pub(super) delegates: bool,
}

/// All blocks; the first runs first.
#[derive(Debug, Default)]
pub(super) struct Machine {
    pub(super) blocks: Vec<Block>,
}
