//! Frameworks and libraries of a language, as its room knows them: which calls declare routes, make requests, open libraries.

pub use super::http::{HttpTable, RequestCall, Segment, route_segments};
pub use super::models::Accesses;
pub use super::names::{Meeting, NameTable, NamedCall};
pub use super::native::{Asker, AsksNatives};
pub use super::rpc::{RpcTable, Service};
pub use super::string_evaluation::{Constants, Piece, calls, calls_in, named};
use compass_facts::{Language, Span};
use compass_index::{PassInput, SymbolId};

/// A route.
#[derive(Debug)]
pub struct Route {
    /// Upper case; none for any.
    pub method: Option<String>,
    /// As declared, prefixes included.
    pub path: String,
    /// The same, in segments.
    pub segments: Vec<Segment>,
    /// What answers.
    pub handler: SymbolId,
    /// The declaring file.
    pub file: usize,
    /// The declaration.
    pub at: Span,
    /// Where what declares it was mounted.
    pub mounts: Vec<(usize, Span)>,
    /// Everything on the way is known.
    pub sure: bool,
    /// Names by which it may be asked for, namespaces before dots or colons.
    pub names: Vec<String>,
}

/// Functions that make requests, and libraries whose methods are named by what they ask.
#[derive(Debug, Default)]
pub struct Requests {
    /// Functions of the platform or of a library.
    pub functions: &'static [&'static str],
    /// What stands before the name of a method.
    pub libraries: &'static [&'static str],
}

/// Takes who asks for a native name, the name, and whether it is worth saying only where something answers.
pub type TakeNative<'t> = dyn FnMut(&Asker, &str, bool) + 't;

/// Whether programs in a language show pages whose code has names of theirs.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum ShowsPages {
    /// They show none.
    No,
    /// Pages have what they are given: values, and functions under names that a table says.
    Yes,
    /// Pages call functions under their own names as well.
    WithHelpers,
}

/// What the frameworks of a language declare. Every method has as its default that there are none.
pub trait Frameworks: Sync {
    /// The routes that its files declare.
    fn routes(&self, _: &PassInput, _: &Constants) -> Vec<Route> {
        Vec::new()
    }

    /// Calls that declare routes on routers and that make requests, as a table.
    fn table(&self) -> Option<&'static HttpTable> {
        None
    }

    /// How generated code names clients and servers of services, as a table.
    fn rpc(&self) -> Option<&'static RpcTable> {
        None
    }

    /// Calls that meet others under a name, as a table.
    fn names(&self) -> Option<&'static NameTable> {
        None
    }

    /// Do its files describe what others ask for by operations?
    fn is_schema(&self) -> bool {
        false
    }

    /// Words for what is done with models.
    fn accesses(&self) -> Option<&'static Accesses> {
        None
    }

    /// The name of the program that a file makes, if it makes one.
    fn program(&self, _path: &str, _: &compass_facts::Facts) -> Option<String> {
        None
    }

    /// Files that the name of a module may mean which a command starts by a flag before it.
    fn module_files(&self, _flag: &str, _name: &str) -> Vec<String> {
        Vec::new()
    }

    /// Services that its files describe.
    fn services(&self, _: &PassInput) -> Vec<Service> {
        Vec::new()
    }

    /// What makes requests.
    fn requests(&self) -> &'static Requests {
        static NONE: Requests = Requests { functions: &[], libraries: &[] };
        &NONE
    }

    /// Names that its files ask of libraries opened at run time.
    fn natives(&self, _: &PassInput, _: &mut TakeNative) {}

    /// Words of the languages in which the code of a page is written, by the page's path; none if that may be any.
    fn page_languages(&self, _path: &str) -> &'static [&'static str] {
        &[]
    }

    /// Do programs in it show pages?
    fn shows_pages(&self) -> ShowsPages {
        ShowsPages::No
    }

    /// How its files ask for what code of another language gives them under a name.
    fn asks_natives(&self) -> Option<&'static AsksNatives> {
        None
    }
}

/// The frameworks of a language, as its room hands them in.
pub struct FrameworksPart(pub &'static dyn Frameworks);

/// The frameworks of a language, if its room has some.
#[must_use]
pub fn of(language: Language) -> Option<&'static dyn Frameworks> {
    language.profile().frameworks?.downcast_ref::<FrameworksPart>().map(|part| part.0)
}

/// The frameworks of each family of languages once.
pub fn all() -> impl Iterator<Item = &'static dyn Frameworks> {
    by_language().map(|f| f.1)
}

/// The same, with the first language of each family.
pub fn by_language() -> impl Iterator<Item = (Language, &'static dyn Frameworks)> {
    let languages = Language::all();
    let first = |i: usize| languages[..i].iter().all(|l| !l.is_kin_of(languages[i]));
    (0..languages.len()).filter(move |i| first(*i)).filter_map(|i| Some((languages[i], of(languages[i])?)))
}
