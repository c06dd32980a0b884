//! Tables of calls that meet under a name: messages, settings, templates, elements, programs.
//!
//! A room writes its table in TOML; nothing of a library stands in the engine.

use compass_facts::{Argument, CallSignal, Facts, Kind};
use compass_index::CrossingKind;
use rustc_hash::FxHashMap;
use serde::Deserialize;

/// What meets under a name.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Deserialize)]
#[serde(rename_all = "snake_case")]
pub enum Meeting {
    /// What is sent and what receives it.
    Message,
    /// A key of the environment or a configuration.
    Setting,
    /// A file that is filled in.
    Template,
    /// An element of a page.
    Element,
    /// A program that is started.
    Process,
}

impl Meeting {
    pub(super) fn kind(self) -> CrossingKind {
        match self {
            Meeting::Message => CrossingKind::Message,
            Meeting::Setting => CrossingKind::Setting,
            Meeting::Template => CrossingKind::Template,
            Meeting::Element => CrossingKind::Element,
            Meeting::Process => CrossingKind::Process,
        }
    }
}

/// Calls of a library that name one side of a meeting.
#[derive(Debug, Clone, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct NamedCall {
    /// What meets.
    pub meets: Meeting,
    /// Do they receive or set what others ask for?
    #[serde(default)]
    pub gives: bool,
    /// Names of the calls, of what is looked into by an index, or of what a member is read of.
    pub names: Vec<String>,
    /// What stands before the name; anything, if empty.
    #[serde(default)]
    pub of: Vec<String>,
    /// The position of the argument that is the name.
    #[serde(default)]
    pub at: usize,
    /// Names under which that argument may be given instead.
    #[serde(default)]
    pub keys: Vec<String>,
    /// All texts are words of a command.
    #[serde(default)]
    pub command: bool,
    /// A sign before the name that is no part of it; texts without it mean something else.
    pub sign: Option<String>,
    /// Modules that must be imported by the file, by what they begin with; any, if empty.
    #[serde(default)]
    pub modules: Vec<String>,
    /// Do they stand before what receives: a decorator, an annotation?
    #[serde(default)]
    pub marks: bool,
    /// Does a text that has dots mean folders by them?
    #[serde(default)]
    pub dotted: bool,
}

/// The table of a language.
#[derive(Debug, Default, Deserialize)]
#[serde(default, deny_unknown_fields)]
pub struct NameTable {
    /// Calls.
    pub calls: Vec<NamedCall>,
    /// Kinds of definitions of the language that set a key or are an element: by the word of the kind.
    pub definitions: Vec<NamedDefinition>,
    /// Marks of functions that resolve fields of a schema, with the root these belong to.
    pub resolver_marks: std::collections::BTreeMap<String, String>,
    /// Marks of functions that resolve fields of the type of a parameter.
    pub field_marks: Vec<String>,
    /// What names of functions begin with that resolve fields.
    pub resolver_beginnings: Vec<String>,
    /// What stands, in names of the classes such functions are in, behind the name of the type, in lower case.
    pub resolver_class_endings: Vec<String>,
    /// Calls whose text is an operation on a schema.
    pub operations: Vec<String>,
    /// Endings of templates that are left out where they are named.
    pub endings: Vec<String>,
    #[serde(skip)]
    by_name: FxHashMap<String, Vec<usize>>,
}

/// Definitions that are one side of a meeting.
#[derive(Debug, Clone, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct NamedDefinition {
    /// What meets.
    pub meets: Meeting,
    /// The word of their kind.
    pub kind: String,
}

impl NameTable {
    /// Reads a room's table.
    ///
    /// # Panics
    /// If the text is none: rooms are compiled with it, and a test of each reads it.
    #[must_use]
    pub fn read(text: &str) -> NameTable {
        let mut table: NameTable = toml::from_str(text).expect("a table of names");
        for (n, call) in table.calls.iter().enumerate() {
            for name in &call.names {
                table.by_name.entry(name.clone()).or_default().push(n);
            }
        }
        table
    }

    /// May a call of that name on that be one side of a meeting?
    #[must_use]
    pub fn is_naming(&self, name: &str, before: Option<&str>) -> bool {
        self.operations.iter().any(|o| o == name) || self.by_name.get(name).is_some_and(|rows| rows.iter().any(|n| self.calls[*n].is_of(before)))
    }

    /// May a mark of that name be one?
    #[must_use]
    pub fn is_mark(&self, name: &str) -> bool {
        self.by_name.get(name).is_some_and(|rows| rows.iter().any(|n| self.calls[*n].marks))
    }

    /// The rows for a call.
    pub(super) fn rows<'t>(&'t self, facts: &Facts, call: &CallSignal, before: Option<&str>) -> impl Iterator<Item = &'t NamedCall> {
        let is_mark = call.marks || call.decorates.is_some();
        let imports =
            |row: &NamedCall| row.modules.is_empty() || facts.imports.iter().any(|i| row.modules.iter().any(|m| facts.name(i.module).starts_with(m.as_str())));
        let rows = self.by_name.get(facts.name(call.name)).map_or(&[][..], |r| r);
        let fitting: Vec<&NamedCall> = rows.iter().map(|n| &self.calls[*n]).filter(|r| r.marks == is_mark && r.is_of(before) && imports(r)).collect();
        fitting.into_iter()
    }

    pub(super) fn gives(&self, kind: Kind) -> Option<Meeting> {
        self.definitions.iter().find(|d| d.kind == kind.word()).map(|d| d.meets)
    }
}

impl NamedCall {
    /// Does more than the name of a call tell them?
    pub(super) fn is_particular(&self) -> bool {
        !self.of.is_empty() || !self.modules.is_empty() || self.marks
    }

    fn is_of(&self, before: Option<&str>) -> bool {
        self.of.is_empty() || before.is_some_and(|b| self.of.iter().any(|o| o == b))
    }

    /// The argument that is the name.
    pub(super) fn argument<'c>(&self, facts: &Facts, call: &'c CallSignal) -> Option<&'c Argument> {
        let key = |name: &compass_facts::NameId| self.keys.iter().any(|k| k == facts.name(*name));
        let by_field = || call.arguments.iter().find_map(|a| if let Argument::Fields(f) = a { f.iter().find(|(n, _)| key(n)).map(|f| &f.1) } else { None });
        call.named.iter().find(|(n, _)| key(n)).map(|n| &n.1).or_else(by_field).or_else(|| call.arguments.get(self.at))
    }
}
