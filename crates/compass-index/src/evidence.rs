//! The resolved meaning of uses: certainty, evidence, and the causes of having none.

use crate::SymbolId;
use compass_facts::UseId;
use serde::{Deserialize, Serialize};
use smallvec::SmallVec;

/// How sure a link is. Ordered: the weaker is the lesser.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Certainty {
    /// By name only.
    Guessed,
    /// Through inferred types or conventions.
    Inferred,
    /// Language rules leave no other target.
    Proven,
}

compass_facts::stored_by_number!(Certainty { Guessed = 0, Inferred = 1, Proven = 2 });

impl Certainty {
    /// The word of answers and questions.
    pub fn word(self) -> &'static str {
        match self {
            Certainty::Guessed => "guessed",
            Certainty::Inferred => "inferred",
            Certainty::Proven => "proven",
        }
    }

    /// The mark on screen.
    pub fn mark(self) -> char {
        match self {
            Certainty::Guessed => '?',
            Certainty::Inferred => '~',
            Certainty::Proven => '=',
        }
    }
}

/// Why a use has no target. A closed list.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum Cause {
    /// It leads into a package that is not indexed.
    UnitAbsent,
    /// Nothing of that name is defined where it should be.
    NoDefinition,
    /// The type of the receiver is not known.
    ReceiverUnknown,
    /// Decided at run time.
    Dynamic,
    /// Made by a macro.
    MacroMade,
    /// Part of the language or its standard library.
    Builtin,
    /// So many definitions of that name that a guess would be worthless.
    TooMany,
    /// Its target stands in something that could not be read.
    Unreadable,
    /// Rules of the language panicked over its file.
    Fault,
}

compass_facts::stored_by_number!(Cause { UnitAbsent = 0, NoDefinition = 1, ReceiverUnknown = 2, Dynamic = 3, MacroMade = 4, Builtin = 5, TooMany = 6, Unreadable = 7, Fault = 8 });

impl Cause {
    /// All of them.
    pub const ALL: [Cause; 9] = [
        Cause::UnitAbsent,
        Cause::NoDefinition,
        Cause::ReceiverUnknown,
        Cause::Dynamic,
        Cause::MacroMade,
        Cause::Builtin,
        Cause::TooMany,
        Cause::Unreadable,
        Cause::Fault,
    ];

    /// May a use with this cause mean a definition of its name after all?
    pub fn may_hide_use(self) -> bool {
        !matches!(self, Cause::Builtin | Cause::UnitAbsent)
    }

    /// The word of answers and summaries.
    pub fn word(self) -> &'static str {
        match self {
            Cause::UnitAbsent => "unit_absent",
            Cause::NoDefinition => "no_definition",
            Cause::ReceiverUnknown => "receiver_unknown",
            Cause::Dynamic => "dynamic",
            Cause::MacroMade => "macro_made",
            Cause::Builtin => "builtin",
            Cause::TooMany => "too_many",
            Cause::Unreadable => "unreadable",
            Cause::Fault => "fault",
        }
    }
}

/// What a step of evidence says.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum StepKind {
    /// Found in a scope around the use.
    Scope,
    /// Brought in by an import.
    Import,
    /// Passed on by another file's import or export.
    Reexport,
    /// The receiver's type was declared here.
    Declared,
    /// The receiver's type was read off an assignment or a result here.
    Inferred,
    /// A member of this type.
    Member,
    /// Inherited from this type.
    Base,
    /// Seen through an include.
    Include,
    /// A package of that name under the same roots stands in for one that is not installed.
    StandIn,
    /// The only definition of that name, or the nearest.
    ByName,
    /// One side of a crossing: the text or name that meets the other.
    Side,
    /// A call that passes on what a crossing needs.
    Passed,
}

compass_facts::stored_by_number!(StepKind { Scope = 0, Import = 1, Reexport = 2, Declared = 3, Inferred = 4, Member = 5, Base = 6, Include = 7, StandIn = 8, ByName = 9, Side = 10, Passed = 11 });

/// Where a reason is to be seen. Reasons of links are told without offsets: lines that move in one file change nothing in the
/// links of others.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
pub enum StepPlace {
    /// Where its symbol is defined; of a whole file, its beginning.
    Symbol,
    /// The import of that number in its file.
    Import(u32),
    /// These bytes of its file.
    Bytes(compass_facts::Span),
}

/// One reason behind a link, with its place.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize)]
pub struct Step {
    /// What it says.
    pub kind: StepKind,
    /// The file it stands in, or the symbol it speaks of.
    pub symbol: SymbolId,
    /// Where to look.
    pub place: StepPlace,
}

/// Reasons, from the use outwards. Most links have one or two, and a file has thousands of links.
pub type Chain = SmallVec<[Step; 2]>;

/// What uses mean: several uses of a file may share one.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Link {
    /// What is referred to, best first.
    pub targets: SmallVec<[SymbolId; 2]>,
    /// How many targets there were before the list was cut; of C and C++ the likeliest 40 of each entity are counted.
    pub total: u32,
    /// How sure.
    pub certainty: Certainty,
    /// Index into [`FileLinks::evidence`].
    pub evidence: u32,
}

/// The links of one file.
#[derive(Debug, Clone, PartialEq, Default, Serialize, Deserialize)]
pub struct FileLinks {
    /// Which of `links` a use has, by use.
    pub of_uses: Vec<(UseId, u32)>,
    /// What uses mean.
    pub links: Vec<Link>,
    /// Uses without a target, by use.
    pub unlinked: Vec<(UseId, Cause)>,
    /// Distinct chains of reasons.
    pub evidence: Vec<Chain>,
    /// Per import of the file: the files it leads to; empty when nobody found any.
    pub imports: Vec<Vec<SymbolId>>,
    /// Imports that lead outside what is indexed, and those that lead nowhere, by position.
    pub absent: Vec<(u32, Cause)>,
    /// A base, what is derived from it, and how sure that is.
    pub bases: Vec<(SymbolId, SymbolId, Certainty)>,
    /// A type and a member of it that this file writes outside the type's body.
    pub members: Vec<(SymbolId, SymbolId)>,
    /// What the file implements, and where a declaration file declares it.
    pub declared: Vec<(SymbolId, SymbolId)>,
    /// Crossings that begin here, by place.
    pub crossings: Vec<crate::Crossing>,
    /// Sides of crossings that have no other, by place.
    pub loose: Vec<crate::Loose>,
}

impl FileLinks {
    /// Gives every symbol that is mentioned another number; `None` where one has none, and then all of it is worthless. Crossings and
    /// their loose sides are left alone.
    pub(crate) fn rename(&mut self, to: &dyn Fn(SymbolId) -> Option<SymbolId>) -> Option<()> {
        let put = |symbol: &mut SymbolId| {
            *symbol = to(*symbol)?;
            Some(())
        };
        self.links.iter_mut().flat_map(|l| &mut l.targets).try_for_each(put)?;
        self.evidence.iter_mut().flatten().try_for_each(|step| put(&mut step.symbol))?;
        self.imports.iter_mut().flatten().try_for_each(put)?;
        self.bases.iter_mut().try_for_each(|(a, b, _)| put(a).and_then(|()| put(b)))?;
        self.members.iter_mut().chain(&mut self.declared).try_for_each(|(a, b)| put(a).and_then(|()| put(b)))
    }

    /// The link of a use.
    pub fn find(&self, usage: UseId) -> Option<&Link> {
        let i = self.of_uses.binary_search_by_key(&usage, |l| l.0).ok()?;
        self.links.get(self.of_uses[i].1 as usize)
    }

    /// Uses with what they mean, by use.
    pub fn iter(&self) -> impl Iterator<Item = (UseId, &Link)> {
        self.of_uses.iter().filter_map(|(usage, link)| Some((*usage, self.links.get(*link as usize)?)))
    }

    /// Why a use has no link.
    pub fn find_cause(&self, usage: UseId) -> Option<Cause> {
        self.unlinked.binary_search_by_key(&usage, |l| l.0).ok().map(|i| self.unlinked[i].1)
    }
}
