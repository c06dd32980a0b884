//! Crossings: links between languages, processes and layers, and the passes that find them.
//!
//! A [`LinkPass`] sees the facts and links of all files at once and gives what only shows there. What it finds is stored and refreshed as
//! links are.

use crate::{Cause, Certainty, FileId, FileLinks, Step, SymbolId, SymbolNo};
use compass_facts::{DefId, Facts, Language, Role, Span};
use rustc_hash::FxHashMap;
use serde::{Deserialize, Serialize};
use std::sync::Arc;

/// How two sides meet.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum CrossingKind {
    /// A request and its route.
    Http,
    /// A name for the system's linker.
    Native,
    /// A statement and its table.
    Sql,
    /// A call of a procedure and what serves it.
    Rpc,
    /// What is sent under a name, and what receives it.
    Message,
    /// A key of the environment or of a configuration, and where it is set.
    Setting,
    /// The name of a template, and its file.
    Template,
    /// The id of an element, and the page that has it.
    Element,
    /// A command, and the program it starts.
    Process,
    /// An operation, and what resolves it.
    Operation,
    /// A text with the full name of a definition or module, and that: settings, registries, tasks.
    Name,
    /// A name in the code of a page, and the definition that has it.
    Page,
}

compass_facts::stored_by_number!(CrossingKind {
    Http = 0,
    Native = 1,
    Sql = 2,
    Rpc = 3,
    Message = 4,
    Setting = 5,
    Template = 6,
    Element = 7,
    Process = 8,
    Operation = 9,
    Name = 10,
    Page = 11,
});

impl CrossingKind {
    /// All of them.
    pub const ALL: [CrossingKind; 12] = [
        CrossingKind::Http,
        CrossingKind::Native,
        CrossingKind::Sql,
        CrossingKind::Rpc,
        CrossingKind::Message,
        CrossingKind::Setting,
        CrossingKind::Template,
        CrossingKind::Element,
        CrossingKind::Process,
        CrossingKind::Operation,
        CrossingKind::Name,
        CrossingKind::Page,
    ];

    /// The word of answers and screens.
    pub fn word(self) -> &'static str {
        match self {
            CrossingKind::Http => "http",
            CrossingKind::Native => "native",
            CrossingKind::Sql => "sql",
            CrossingKind::Rpc => "rpc",
            CrossingKind::Message => "message",
            CrossingKind::Setting => "setting",
            CrossingKind::Template => "template",
            CrossingKind::Element => "element",
            CrossingKind::Process => "process",
            CrossingKind::Operation => "operation",
            CrossingKind::Name => "name",
            CrossingKind::Page => "page",
        }
    }
}

/// One crossing.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Crossing {
    /// How the sides meet.
    pub kind: CrossingKind,
    /// The definition that crosses, or the file as a module.
    pub from: SymbolId,
    /// Where in its file.
    pub at: Span,
    /// What is reached.
    pub to: SymbolId,
    /// What is done there.
    pub role: Role,
    /// In a few words: `POST /wheels/{id}/turn`, `insert turns`.
    pub label: String,
    /// How sure.
    pub certainty: Certainty,
    /// Both sides, and what was followed between.
    pub evidence: Vec<Step>,
}

/// Why one side of a crossing has no other.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub enum LooseCause {
    /// Nothing answers that path.
    NoRoute,
    /// The path is answered, but not by that method.
    OtherMethod,
    /// The path is put together from what is not known here.
    Unknown,
    /// Nobody asks for this route.
    NoRequest,
    /// No table of that name.
    NoTable,
    /// The table has no such column.
    NoColumn,
    /// No function of that name is exported.
    NoExport,
    /// Nothing serves a procedure.
    NoServer,
    /// Nothing calls a procedure that is served.
    NoCaller,
    /// Nothing receives what is sent under this name.
    NoReceiver,
    /// Nothing is sent under this name.
    NoSender,
    /// Nothing sets this key.
    NoSetting,
    /// Nothing reads this key.
    NoReader,
    /// No file of this name.
    NoFile,
    /// No page has an element of this id.
    NoElement,
    /// Nothing resolves this field.
    NoResolver,
}

compass_facts::stored_by_number!(LooseCause { NoRoute = 0, OtherMethod = 1, Unknown = 2, NoRequest = 3, NoTable = 4, NoColumn = 5, NoExport = 6, NoServer = 7, NoCaller = 8, NoReceiver = 9, NoSender = 10, NoSetting = 11, NoReader = 12, NoFile = 13, NoElement = 14, NoResolver = 15 });

impl LooseCause {
    /// In words.
    pub fn text(self) -> &'static str {
        match self {
            LooseCause::NoRoute => "no route answers this path",
            LooseCause::OtherMethod => "routes answer this path by other methods only",
            LooseCause::Unknown => "the path is put together from values not known here",
            LooseCause::NoRequest => "no request for this route was found",
            LooseCause::NoTable => "no table of this name is defined",
            LooseCause::NoColumn => "the table has no such column",
            LooseCause::NoExport => "no native symbol of this name is defined",
            LooseCause::NoServer => "nothing that serves this procedure was found",
            LooseCause::NoCaller => "no call of this procedure was found",
            LooseCause::NoReceiver => "nothing that receives messages of this name was found",
            LooseCause::NoSender => "nothing that sends messages of this name was found",
            LooseCause::NoSetting => "no file here sets this key",
            LooseCause::NoReader => "nothing that reads this key was found",
            LooseCause::NoFile => "no file of this name is here",
            LooseCause::NoElement => "no page here has an element of this id",
            LooseCause::NoResolver => "nothing that resolves this field was found",
        }
    }
}

/// One side of a crossing that has no other.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Loose {
    /// How the sides would meet.
    pub kind: CrossingKind,
    /// Where in its file.
    pub at: Span,
    /// As in [`Crossing::label`].
    pub label: String,
    /// Why.
    pub cause: LooseCause,
}

/// A crossing under what it reaches.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
pub struct CrossingEntry {
    /// What is reached.
    pub target: SymbolId,
    /// The file it comes from.
    pub file: FileId,
    /// Its position in that file's crossings.
    pub number: u32,
}

/// One file as a pass sees it.
#[derive(Debug, Clone, Copy)]
pub struct PassFile<'a> {
    /// Its id.
    pub id: FileId,
    /// Its path below its root.
    pub path: &'a str,
    /// Its language.
    pub language: Language,
    /// Is it one of the declarations of a standard library?
    pub declared: bool,
    /// What it says.
    pub facts: &'a Facts,
    /// What its uses mean.
    pub links: &'a FileLinks,
    pub(crate) numbers: &'a crate::identity::Numbers,
}

impl PassFile<'_> {
    /// The symbol of a definition.
    pub fn symbol(&self, def: DefId) -> SymbolId {
        SymbolId { file: self.id, number: self.numbers.number(def) }
    }
}

/// All files as a pass sees them.
#[derive(Debug)]
pub struct PassInput<'a> {
    /// By root and path.
    pub files: Vec<PassFile<'a>>,
    by_id: FxHashMap<FileId, usize>,
}

/// A definition as a pass names it: position of its file, and its place there.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct Place {
    /// Position in [`PassInput::files`].
    pub file: usize,
    /// The definition.
    pub def: DefId,
}

impl<'a> PassInput<'a> {
    pub(crate) fn new(files: Vec<PassFile<'a>>) -> Self {
        let by_id = files.iter().enumerate().map(|(i, f)| (f.id, i)).collect();
        PassInput { files, by_id }
    }

    /// The position of the file of a symbol.
    pub fn file_of(&self, symbol: SymbolId) -> Option<usize> {
        self.by_id.get(&symbol.file).copied()
    }

    /// The definition of a symbol.
    pub fn find(&self, symbol: SymbolId) -> Option<Place> {
        let file = *self.by_id.get(&symbol.file)?;
        if symbol.number == SymbolNo::MODULE {
            return None;
        }
        Some(Place { file, def: self.files[file].numbers.find(symbol.number)? })
    }

    /// The definition that the name at an offset means: the one it makes, or the one it refers to; with the certainty of that.
    pub fn meaning(&self, file: usize, offset: u32) -> Option<(Place, Certainty)> {
        let here = &self.files[file];
        if let Some(usage) = here.facts.find_use_at(offset) {
            let u = here.facts.usage(usage);
            if let Some(def) = u.local {
                return Some((Place { file, def }, Certainty::Proven));
            }
            let link = here.links.find(usage)?;
            return Some((self.find(*link.targets.first()?)?, link.certainty));
        }
        here.facts.find_definition_at(offset).map(|def| (Place { file, def }, Certainty::Proven))
    }

    /// Why the use at an offset has no target.
    pub fn cause(&self, file: usize, offset: u32) -> Option<Cause> {
        let here = &self.files[file];
        here.links.find_cause(here.facts.find_use_at(offset)?)
    }
}

/// What a pass gives, by position of the file it comes from.
#[derive(Debug, Default)]
pub struct PassOutput {
    /// Crossings.
    pub crossings: Vec<(usize, Crossing)>,
    /// Sides without another.
    pub loose: Vec<(usize, Loose)>,
}

/// Finds crossings when all files are there. Deterministic: same input, same output.
pub trait LinkPass: std::fmt::Debug + Send + Sync {
    /// Its name; a change of the set of passes makes an index stale.
    fn name(&self) -> &'static str;
    /// Does all it finds begin with a signal? Then it is shown the whole facts only of files with signals, of those that use
    /// something of theirs, and of languages in which a library may be behind any import; of other files it sees
    /// what others may ask for, without uses.
    fn begins_with_signals(&self) -> bool {
        false
    }
    /// Finds.
    fn run(&self, input: &PassInput) -> PassOutput;
}

/// The passes of a run, in order.
pub type Passes = Vec<Arc<dyn LinkPass>>;

/// Runs all passes and puts what they find to the files it comes from.
pub(crate) fn run(passes: &Passes, files: &[crate::link::FileInput], links: &mut [(FileId, FileLinks)]) {
    let outputs: Vec<PassOutput> = {
        let seen = files.iter().zip(links.iter()).map(|(f, (_, l))| PassFile {
            id: f.id,
            path: &f.path,
            language: f.language,
            declared: f.declared,
            facts: &f.facts,
            links: l,
            numbers: &f.numbers,
        });
        let input = PassInput::new(seen.collect());
        passes.iter().map(|p| p.run(&input)).collect()
    };
    for output in outputs {
        for (file, crossing) in output.crossings {
            links[file].1.crossings.push(crossing);
        }
        for (file, loose) in output.loose {
            links[file].1.loose.push(loose);
        }
    }
    for (_, links) in links {
        links.crossings.sort_by_key(|c| (c.at, c.kind, c.to));
        links.crossings.dedup_by(|a, b| (a.at, a.kind, a.to, a.from) == (b.at, b.kind, b.to, b.from));
        links.loose.sort_by(|a, b| (a.at, a.kind, &a.label).cmp(&(b.at, b.kind, &b.label)));
        links.loose.dedup();
    }
}
