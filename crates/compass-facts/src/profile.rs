//! What is particular to a language beyond reading it: its files, its tokens, its habits. Each language fills one in its own room
//! (a crate below `languages/`); everybody else asks it and names no language.

use crate::reading::syntax::Grammar;
use crate::surroundings::SharedMacros;
use crate::{Cancel, DefId, Definition, Facts, Flags, Kind, Token};

/// A language, as those who do not know it need it.
#[derive(Debug)]
pub struct Profile {
    /// The word for people and for `lang` in questions.
    pub word: &'static str,
    /// The word it is stored by; one for each language, never given to another.
    pub stored_word: &'static str,
    /// A number that changes with the sources of its reader: facts of an earlier one are never served.
    pub reader_version: u64,
    /// A number that changes with the sources of its rules, and of whatever else in its room decides what is stored: links and crossings.
    pub rules_version: u64,
    /// Languages of one family look for names in one another.
    pub family: &'static str,
    /// Endings of its files, in small letters.
    pub endings: &'static [&'static str],
    /// Those of its endings that files in other languages have as well: the beginning of a file tells, where it says anything.
    pub unsure_endings: &'static [&'static str],
    /// What its files begin with, where a beginning says which language it is.
    pub openings: &'static [&'static str],
    /// Names of its files that say more than an ending: whole ones, or with one `*` for anything.
    pub file_names: &'static [&'static str],
    /// Programs of `#!` lines: `perl*` for those that begin so, `*sh` for those that end so.
    pub interpreters: &'static [&'static str],
    /// Files above this size get no facts, in bytes.
    pub largest_bytes: usize,
    /// Its generic grammar; none where a reader of our own reads it, or nothing does.
    pub grammar: Option<fn() -> &'static Grammar>,
    /// Reads a text by itself.
    pub read: fn(&str, &Cancel) -> Option<Facts>,
    /// Reads a text among others whose macros it calls, where the language has macros that make names.
    pub shared_macros: Option<&'static dyn SharedMacros>,
    /// Takes a text apart whose scripts alone are read; nothing for what is read as a whole.
    pub component: fn(&str) -> Option<Component>,
    /// The language of the same family that files of its endings may be in as well.
    pub sibling: Option<Sibling>,
    /// Classes of tokens, where they are not told from the generic grammar.
    pub tokens: Option<fn(&str) -> Vec<Token>>,
    /// Its comments and texts.
    pub lexis: Lexis,
    /// What its calls look like.
    pub calls: Calls,
    /// Members that it treats in its own way.
    pub members: Members,
    /// How its files and folders are called in code.
    pub modules: Modules,
    /// Where a module is documented as a whole.
    pub introduced: Introduced,
    /// How its tests are told.
    pub tests: Tests,
    /// Where its programs begin.
    pub programs: Programs,
    /// Packages that are not here.
    pub packages: Packages,
    /// What comes with the language.
    pub standard: Standard,
    /// The layer of the architecture its files are of, where the language says so, by number from the page (0) to the data (5).
    pub layer: Option<usize>,
    /// Are bundles of it shipped with all blanks taken out?
    pub may_be_minified: bool,
    /// The words of the ecosystems whose units own its files; none where any unit may hold them.
    pub ecosystems: &'static [&'static str],
    /// Can nobody outside the file mean the definition of that name?
    pub is_hidden: fn(&Definition, &str) -> bool,
    /// Can values of a type be written as a list, without the names of its fields?
    pub lists: Lists,
    /// Does a type implement an interface by having its members, without saying so?
    pub implements_by_shape: bool,
    /// May a type be written in several parts, in several files?
    pub types_have_parts: bool,
    /// Do files of their own declare what other files define?
    pub has_declaration_files: bool,
    /// Endings of files that only declare: where the code is there as well, it comes first.
    pub stub_endings: &'static [&'static str],
    /// Names by which its code opens libraries, whose functions are then members of what was opened.
    pub opens_libraries: &'static [&'static str],
    /// Do its files name what programs in other languages define, where no reader follows them?
    pub names_others: bool,
    /// Do programs in other languages use or implement what its files define, by name or through code that a generator writes?
    pub meets_others: bool,
    /// Endings of names that code may leave out where it marks something.
    pub left_out_endings: &'static [&'static str],
    /// Do its modules give away only what they say they do?
    pub gives_away_by_word: bool,
    /// Signs that its names may end in, and that people leave out.
    pub name_ends: &'static [char],
    /// Does the file at that path, among the declarations of its library, tell the members of texts, lists and numbers? Such a name says
    /// nothing of which value a page means.
    pub of_values: fn(&str) -> bool,
    /// How texts in its files name definitions and modules in full, if they do.
    pub full_names: Option<FullNames>,
    /// Do its functions go by names that the system's linker knows?
    pub exports_names: bool,
    /// In which role marks in front of definitions are looked up.
    pub marks_are: crate::Role,
    /// May what passes join to other files begin or end in its files?
    pub has_crossings: bool,
    /// Do those passes look at its files even where no file says that something crosses there?
    pub crosses_silently: bool,
    /// What its names mean: a value that the linker knows.
    pub rules: Part,
    /// What its frameworks declare: a value that the crossings know.
    pub frameworks: Part,
    /// How its comments are read as documentation: a value that the answers know.
    pub documentation: Part,
    /// What its constructs stand for: a value that the unfolding knows.
    pub ladder: Part,
}

/// A part of a room that an engine above this crate knows the type of; nothing where the language has none.
pub type Part = Option<&'static (dyn std::any::Any + Send + Sync)>;

/// A language that shares endings with another one: of a file with such an ending its text says, or what stands around it.
#[derive(Debug)]
pub struct Sibling {
    /// The other language.
    pub language: fn() -> crate::Language,
    /// May a file of that path be in either?
    pub is_shared: fn(&str) -> bool,
    /// Does a text read like the other language?
    pub reads_like: fn(&str) -> bool,
}

/// A text that holds scripts beside something else.
#[derive(Debug)]
pub struct Component {
    /// The text with everything but scripts blanked out, so that places stay what they are.
    pub scripts: String,
    /// Regions of markup: what they name is used there, and no reader sees it.
    pub markup: Vec<crate::Span>,
}

pub use crate::full_names::FullNames;
pub use crate::text::PLAIN;

/// Comments and texts, to step over them.
#[derive(Debug)]
pub struct Lexis {
    /// What begins a comment up to the end of the line.
    pub line_comments: &'static [&'static str],
    /// What begins and ends a comment.
    pub block_comments: &'static [(&'static str, &'static str)],
    /// Quotes of texts over several lines.
    pub long_quotes: &'static [&'static str],
    /// Is `'a` a lifetime?
    pub has_lifetimes: bool,
    /// Do bars hold the parameters of a closure?
    pub has_bars: bool,
}

/// Parameters and arguments.
#[derive(Debug)]
pub struct Calls {
    /// Is a first parameter, as written, the receiver? The second tells whether the call was a member's.
    pub is_receiver: fn(&str, bool) -> bool,
    /// May an argument be given by its name, with `=`?
    pub by_name: bool,
    /// Does a parameter, as written, take all further arguments?
    pub takes_rest: fn(&str) -> bool,
}

/// Members by name.
#[derive(Debug)]
pub struct Members {
    /// Those that make a value of their type, where that is called by the name of the type.
    pub makers: &'static [&'static str],
    /// Those that belong to their own type: they stand in for no member of a base.
    pub own: &'static [&'static str],
    /// Names of receivers that are declared among the parameters.
    pub receivers: &'static [&'static str],
    /// Members that the language itself calls where no such name is written: for loops, operators, conversions, at the end of a scope.
    /// With one `*` for anything.
    pub called_unwritten: &'static [&'static str],
    /// Does it call them only where they are written for a trait?
    pub by_trait: bool,
    /// Is a mark a call that may give another function in place of the one it stands before?
    pub marks_wrap: bool,
    /// Has a value one field of a name, whichever of its types writes it?
    pub fields_of_values: bool,
    /// Is a function that stands within another a member of a type, and not seen only there?
    pub nested: bool,
}

impl Members {
    /// May a member of that name be called without it?
    pub fn is_called_unwritten(&self, name: &str) -> bool {
        !self.makers.contains(&name)
            && self.called_unwritten.iter().any(|pattern| match pattern.split_once('*') {
                Some((head, tail)) => name.len() >= head.len() + tail.len() && name.starts_with(head) && name.ends_with(tail),
                None => *pattern == name,
            })
    }
}

/// What stands for a module in code.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Qualifier {
    /// The name of the file.
    File,
    /// The name that the files of a folder give their package.
    Package,
    /// Nothing of the file: it is called like what it defines.
    Nothing,
}

/// Modules and packages, as code names them.
#[derive(Debug)]
pub struct Modules {
    /// What stands in front of a name from outside its file.
    pub qualifier: Qualifier,
    /// Is a file a module that code calls by the name of the file?
    pub by_file: bool,
    /// What the language calls what a folder holds, and by which name; nothing where it has none.
    pub of_folder: fn(&str) -> Option<(&'static str, String)>,
}

/// The documentation of a module, or of what a folder holds.
#[derive(Debug)]
pub struct Introduced {
    /// Names of the files that speak for their folder, best first.
    pub told_in: &'static [&'static str],
    /// Where a text documents itself; nothing where its first comment does.
    pub opening: fn(&str) -> Option<crate::Span>,
    /// What comments begin with that tools of the language read, not people.
    pub for_tools: &'static [&'static str],
    /// May any file of a folder document what the folder holds, in the comment before its first word?
    pub by_any_file: bool,
}

/// How tests are told.
#[derive(Debug)]
pub struct Tests {
    /// Does a file hold tests, by its stem and its whole name?
    pub is_file: fn(&str, &str) -> bool,
    /// Folders that hold tests, besides those of every language.
    pub folders: &'static [&'static str],
    /// Which definitions are tests.
    pub marks: TestMarks,
}

/// What says that a definition is a test.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum TestMarks {
    /// Its reader marks it.
    Reader,
    /// The file it stands in.
    File,
    /// Nothing.
    Nothing,
}

/// Where programs begin.
#[derive(Debug)]
pub struct Programs {
    /// What programs begin with is called.
    pub called: &'static [&'static str],
    /// Does a program begin with the definition called `main`?
    pub begins: fn(&Facts, DefId) -> bool,
    /// Files that run by themselves: names, or the ends of paths, with at most one `*` for anything but `/`.
    pub files: &'static [&'static str],
    /// Does a file of such a name run, or does it only define?
    pub runs: fn(&Facts) -> bool,
    /// Stems of files that are programs, where any other is a script.
    pub stems: Option<&'static [&'static str]>,
    /// The file beside which one that is built by itself is a tool.
    pub main_file: Option<&'static str>,
    /// Stems of files and names of folders that say nothing of the program that begins there.
    pub unnamed: &'static [&'static str],
}

/// Packages that are not on the machine.
#[derive(Debug)]
pub struct Packages {
    /// The package that an import asks for.
    pub of_import: fn(&str) -> String,
    /// What would bring it.
    pub advice: &'static str,
}

/// What comes with a language: no name of it is a gap, whether or not its source is on this machine.
#[derive(Debug)]
pub struct Standard {
    /// Is the name known without any import?
    pub is_name: fn(&str) -> bool,
    /// Is the module, package or header that an import names part of the language?
    pub is_module: fn(&str) -> bool,
    /// Is that the name of a package with its sources?
    pub is_unit: fn(&str) -> bool,
    /// By which names code means the packages it consists of.
    pub called: &'static [&'static str],
    /// Its declarations, for machines that lack the sources: path and text of each file.
    pub declared: &'static [(&'static str, &'static str)],
    /// Do the other languages of the family use what is declared as well?
    pub of_family: bool,
}

/// A list of words, looked up by hash.
pub type Words = std::sync::LazyLock<rustc_hash::FxHashSet<&'static str>>;

/// The words of a text.
pub fn words(text: &'static str) -> rustc_hash::FxHashSet<&'static str> {
    text.split_whitespace().collect()
}

/// Values given by position.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Lists {
    /// None.
    No,
    /// Right behind the name of their type: `Wheel{1, 2}`.
    BehindType,
    /// Behind the name of their type, a variable between, or within the value of another type.
    BehindVariable,
}

/// Defaults for languages that have none of it.
pub mod usual {
    use super::*;

    /// The generic grammars need about 40 bytes of tree for each byte of source and several seconds for such a file; what people write by
    /// hand is far below.
    pub const LARGEST_BYTES: usize = 6 << 20;

    /// Comments as in C.
    pub const SLASHES: Lexis = Lexis { line_comments: &["//"], block_comments: &[("/*", "*/")], long_quotes: &[], has_lifetimes: false, has_bars: false };

    /// Comments behind `#`.
    pub const HASHES: Lexis = Lexis { line_comments: &["#"], block_comments: &[], ..SLASHES };

    /// The first comment of a file documents it.
    pub const INTRODUCED: Introduced = Introduced { told_in: &[], opening: first_comment, for_tools: &[], by_any_file: false };

    /// Nothing but its first comment documents a text.
    pub fn first_comment(_: &str) -> Option<crate::Span> {
        None
    }

    /// No member is treated in its own way.
    pub const MEMBERS: Members =
        Members { makers: &[], own: &[], receivers: &[], called_unwritten: &[], by_trait: false, marks_wrap: false, fields_of_values: false, nested: false };

    /// Arguments by place, no receiver among the parameters.
    pub const CALLS: Calls = Calls { is_receiver: no_receiver, by_name: false, takes_rest: dots };

    /// What most languages call what programs begin with.
    pub const MAIN: &[&str] = &["main", "__main__"];

    /// Programs begin with a function outside all types.
    pub const PROGRAMS: Programs =
        Programs { called: MAIN, begins: free_function, files: &[], runs: calls_at_once, stems: None, main_file: None, unnamed: &["main"] };

    /// A file that calls something outside all definitions.
    pub fn calls_at_once(facts: &Facts) -> bool {
        facts.uses.iter().any(|u| u.role == crate::Role::Call && u.enclosing.is_none())
    }

    /// No text is a component.
    pub fn no_component(_: &str) -> Option<Component> {
        None
    }

    /// Nothing is.
    pub fn none(_: &str) -> bool {
        false
    }

    /// No parameter is the receiver.
    pub fn no_receiver(_: &str, _: bool) -> bool {
        false
    }

    /// Three dots take all further arguments.
    pub fn dots(parameter: &str) -> bool {
        parameter.contains("...")
    }

    /// Folders hold nothing that has a name.
    pub fn no_folder(_: &str) -> Option<(&'static str, String)> {
        None
    }

    /// No file holds tests.
    pub fn no_test(_: &str, _: &str) -> bool {
        false
    }

    /// Everybody can mean a definition.
    pub fn not_hidden(_: &Definition, _: &str) -> bool {
        false
    }

    /// A function outside all types.
    pub fn free_function(facts: &Facts, def: DefId) -> bool {
        let d = facts.def(def);
        d.kind == Kind::Function && d.container.is_none()
    }

    /// An import asks for what it names.
    pub fn whole(module: &str) -> String {
        module.to_owned()
    }

    /// The first parts of a path.
    pub fn first_parts(module: &str, separator: &str, count: usize) -> String {
        module.split(separator).take(count).collect::<Vec<_>>().join(separator)
    }

    /// A folder below one of these, as a path of its own.
    pub fn below<'f>(folder: &'f str, roots: &[&str]) -> &'f str {
        let found = roots.iter().find_map(|r| folder.strip_prefix(r).filter(|rest| rest.is_empty() || rest.starts_with('/')));
        found.unwrap_or(folder).trim_start_matches('/')
    }

    /// Nobody outside the file can mean what is private.
    pub fn is_private(d: &Definition, _: &str) -> bool {
        d.flags.has(Flags::PRIVATE)
    }
}
