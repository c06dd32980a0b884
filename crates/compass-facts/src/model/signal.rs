//! Signals: raw material of crossings between languages, processes and layers.
//!
//! A signal says what stands in the text and decides nothing: a call with a path in it, a statement of SQL, a function the linker of the
//! system knows by name. What belongs together is found when all files are there. Names are given by the byte offset of their token, so
//! that the use or definition there can be looked up.

use super::{DefId, NameId, Span};
use serde::{Deserialize, Serialize};

/// A part of a text that is put together.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub enum TextPart {
    /// As written.
    Text(NameId),
    /// Something put in; where its last name stands, if it is one.
    Hole(Option<u32>),
}

/// An argument of a call, as far as it can be read off.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub enum Argument {
    /// A text.
    Text(Vec<TextPart>, Span),
    /// A name or member; where its last name stands.
    Name(u32),
    /// The result of a call; where the last name of what is called stands.
    Call(u32),
    /// Several.
    List(Vec<Argument>),
    /// Named ones: an object, a dictionary.
    Fields(Vec<(NameId, Argument)>),
    /// Anything else.
    Other,
    /// A function that is written there.
    Function(Span),
}

/// A call, a decorator among them.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct CallSignal {
    /// The last name of what is called.
    pub name: NameId,
    /// Where that stands.
    pub at: u32,
    /// Where the last name before it stands: `app` in `app.get`.
    pub receiver: Option<u32>,
    /// Arguments by position.
    pub arguments: Vec<Argument>,
    /// Arguments by name.
    pub named: Vec<(NameId, Argument)>,
    /// The definition it stands before.
    pub decorates: Option<DefId>,
    /// It marks what follows it: an annotation, an attribute.
    pub marks: bool,
    /// The variable or field its result is kept in; where that name stands.
    pub bound: Option<u32>,
}

/// What a statement does with a table or column.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
#[allow(missing_docs)]
pub enum SqlVerb {
    Read,
    Write,
    Delete,
    Define,
}

crate::stored_by_number!(SqlVerb { Read = 0, Write = 1, Delete = 2, Define = 3 });

impl SqlVerb {
    /// The word of answers and labels.
    pub fn word(self) -> &'static str {
        match self {
            SqlVerb::Read => "select",
            SqlVerb::Write => "write",
            SqlVerb::Delete => "delete",
            SqlVerb::Define => "define",
        }
    }
}

/// A table or column in a statement.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct SqlName {
    /// What is done with it.
    pub verb: SqlVerb,
    /// The table; several where a column names none.
    pub tables: Vec<NameId>,
    /// The column; without one the table itself is meant.
    pub column: Option<NameId>,
    /// Where the name stands.
    pub span: Span,
}

/// A function that code of one language gives to another under a name.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct GivenName {
    /// The word of the other language.
    pub to: NameId,
    /// The type whose member it becomes there, if that is written.
    pub owner: Option<NameId>,
    /// Its name there.
    pub name: NameId,
    /// Names of which one is the function's, the likeliest first; none where it is written on the spot.
    pub functions: Vec<NameId>,
}

/// How a name stands in the code of a page.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub enum PageUse {
    /// It is called, or is a filter or a tag.
    Call,
    /// It stands by itself, and may be called where that needs no sign.
    Plain,
    /// It is a member of a value.
    Member,
}

/// What a signal is.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub enum SignalKind {
    /// A call that may reach something outside.
    Call(Box<CallSignal>),
    /// A text that has a name and looks like an address or path; where the name stands.
    Constant(u32, Vec<TextPart>),
    /// A statement of SQL; where the name it is kept under stands.
    Sql(Vec<SqlName>, Option<u32>),
    /// A definition that has this name for the system's linker.
    NativeExport(DefId, NameId),
    /// A declaration of something that has this name for the system's linker; does it say of which library, which may be one that is not
    /// here?
    NativeImport(DefId, NameId, bool),
    /// A text that looks like the full name of something.
    FullName(NameId),
    /// A function that another language finds under a name.
    Given(Box<GivenName>),
    /// The module under which another language finds what this file gives it: the word of that language, and the name.
    GivesModule(NameId, NameId),
    /// A name in the code of a page.
    PageName(NameId, PageUse),
}

/// See the module.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct Signal {
    /// Where.
    pub span: Span,
    /// The definition it stands in.
    pub enclosing: Option<DefId>,
    /// What it is.
    pub kind: SignalKind,
}

impl SignalKind {
    /// The names in what is given to another language: the only signals of which other files ask without the rest of the file.
    pub fn for_each_given_name(&mut self, mut each: impl FnMut(&mut NameId)) {
        match self {
            SignalKind::Given(given) => {
                [&mut given.to, &mut given.name].into_iter().chain(&mut given.owner).chain(&mut given.functions).for_each(each);
            }
            SignalKind::GivesModule(to, name) => [to, name].into_iter().for_each(&mut each),
            _ => {}
        }
    }
}
