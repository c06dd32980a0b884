//! Newtypes for every id and coordinate of a file.

use serde::{Deserialize, Serialize};

macro_rules! id {
    ($($(#[$doc:meta])* $name:ident;)*) => {$(
        $(#[$doc])*
        #[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord, Serialize, Deserialize)]
        pub struct $name(pub u32);

        impl $name {
            /// The position in its arena.
            pub fn index(self) -> usize {
                self.0 as usize
            }
        }
    )*};
}

id! {
    /// A name interned in the file's [`NameTable`](super::NameTable).
    NameId;
    /// A definition of the file.
    DefId;
    /// A scope of the file; 0 is the file itself.
    ScopeId;
    /// A type expression of the file.
    TypeId;
    /// A use of the file; uses are sorted by place.
    UseId;
    /// An import of the file.
    ImportId;
    /// A gap of the file.
    GapId;
}

impl ScopeId {
    /// The scope of the whole file.
    pub const FILE: ScopeId = ScopeId(0);
}

/// A range of the decoded text, in UTF-8 bytes from 0, end exclusive.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord, Serialize, Deserialize, Default)]
pub struct Span {
    /// First byte.
    pub start: u32,
    /// One past the last byte.
    pub end: u32,
}

impl Span {
    /// A span from `start` to `end`.
    pub fn new(start: usize, end: usize) -> Self {
        Span { start: start as u32, end: end as u32 }
    }

    /// Does the byte at `offset` lie within?
    pub fn contains(self, offset: u32) -> bool {
        self.start <= offset && offset < self.end
    }

    /// Does `other` lie wholly within?
    pub fn covers(self, other: Span) -> bool {
        self.start <= other.start && other.end <= self.end
    }

    /// Length in bytes.
    pub fn len(self) -> u32 {
        self.end.saturating_sub(self.start)
    }

    /// Is there nothing in it?
    pub fn is_empty(self) -> bool {
        self.end <= self.start
    }

    /// The part of `text` it covers; empty when it lies outside or cuts a character.
    pub fn of(self, text: &str) -> &str {
        text.get(self.start as usize..self.end as usize).unwrap_or("")
    }
}
