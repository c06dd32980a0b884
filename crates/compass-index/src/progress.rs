//! What long work says while it runs.

/// The phases of indexing, in order.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
#[allow(missing_docs)]
pub enum Phase {
    Walk,
    Read,
    Link,
    Write,
}

impl Phase {
    /// All phases, in order.
    pub const ALL: [Phase; 4] = [Phase::Walk, Phase::Read, Phase::Link, Phase::Write];

    /// The word for people.
    pub fn word(self) -> &'static str {
        match self {
            Phase::Walk => "walk",
            Phase::Read => "read",
            Phase::Link => "link",
            Phase::Write => "write",
        }
    }
}

/// Hears how far the work is. Called from the working threads, often; must return at once.
pub trait Progress: Sync {
    /// `done` of `total` units of the phase: bytes while reading, files otherwise.
    /// `total` is 0 while unknown.
    fn report(&self, phase: Phase, done: u64, total: u64);

    /// Another process writes the index, 0 if it is not known which; it is waited for. Called again and again meanwhile.
    fn waiting(&self, process: u32) {
        let _ = process;
    }

    /// A generation can be asked that holds the most urgent part of a large change; the rest goes on.
    fn published(&self) {}
}

/// Says nothing.
pub struct Silent;

impl Progress for Silent {
    fn report(&self, _: Phase, _: u64, _: u64) {}
}
