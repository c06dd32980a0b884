//! Tables of frameworks: which calls of a language declare routes, join routers, and make requests.
//!
//! A room writes its table in TOML; nothing of a framework stands in the engine.

use rustc_hash::FxHashSet;
use serde::Deserialize;
use std::collections::BTreeMap;

/// The frameworks of a language as one table.
#[derive(Debug, Default, Deserialize)]
#[serde(default, deny_unknown_fields)]
pub struct HttpTable {
    /// Modules that a file imports which declares routes, by what they begin with: without one a route is a likely one only.
    pub modules: Vec<String>,
    /// What routers are called where clients have calls of the same names; any value, if empty.
    pub receivers: Vec<String>,
    /// Calls that declare a route by path and handler, with the method they answer; `*` for any.
    pub verbs: BTreeMap<String, String>,
    /// Calls that declare a route by method, path and handler.
    pub by_method: Vec<String>,
    /// Calls whose path may begin with the method: `GET /racks`.
    pub patterns: Vec<String>,
    /// Calls of these whose path ends in `/` take everything below it.
    pub subtrees: Vec<String>,
    /// Calls that give a router for all paths below one, or hand it to a function.
    pub groups: Vec<String>,
    /// Calls that put a router, or what a function gives, below a path.
    pub mounts: Vec<String>,
    /// Calls that give a path, behind which calls of verbs say what answers it.
    pub combos: Vec<String>,
    /// Calls behind a route that name its methods.
    pub narrowing: Vec<String>,
    /// Calls on a router that hand it on.
    pub chains: Vec<String>,
    /// Calls that put values into a text in place of `%s` and the like.
    pub formats: Vec<String>,
    /// What names of constants begin with that stand for methods: `MethodPost`.
    pub method_constants: Option<String>,
    /// Calls that make a router.
    pub makers: Vec<String>,
    /// Marks of a function that make it answer, with the method; `*` where the mark says it itself, or any is meant.
    pub marks: BTreeMap<String, String>,
    /// Marks that give a path alone: of a class, for all that its functions answer.
    pub path_marks: Vec<String>,
    /// Names under which a mark is given its path.
    pub path_keys: Vec<String>,
    /// Names under which a mark is given its methods.
    pub method_keys: Vec<String>,
    /// What stands in a path for the name of the class, and for that of the function.
    pub class_word: Option<String>,
    /// See `class_word`.
    pub function_word: Option<String>,
    /// Ends of names of classes that are left out there.
    pub class_endings: Vec<String>,
    /// The sign of a path that begins anew, without that of its class.
    pub anew: Option<String>,
    /// So many parameters has a function that is called with what went wrong.
    pub error_parameters: Option<usize>,
    /// May paths of routes be written without a slash before them?
    pub bare_paths: bool,
    /// Calls in the chain before a group or route that give a path.
    pub prefixes: Vec<String>,
    /// Calls in the chain before a route that give the class of what answers.
    pub classes: Vec<String>,
    /// Names under which what answers is given.
    pub handler_keys: Vec<String>,
    /// Names under which the function that answers is given, and its class is that of the set around or of `handler_keys`.
    pub action_keys: Vec<String>,
    /// Functions of a class that answer where the class alone is given.
    pub invoked: Vec<String>,
    /// What stands between the class and the function in a text that names what answers.
    pub handler_sign: Option<String>,
    /// What ends the names of classes that answer and is left out in such texts.
    pub handler_ending: Option<String>,
    /// Calls whose last argument is a chain of calls of verbs with what answers: `route("/racks", get(list).post(add))`.
    pub chained_handlers: Vec<String>,
    /// Calls that declare a set of routes for a class, each as `GET /{id} show`.
    pub resources: BTreeMap<String, Vec<String>>,
    /// Calls whose routes leave out the value that a set of routes around them puts before its own.
    pub collections: Vec<String>,
    /// Calls within which one of a set stands below no other.
    pub shallow: Vec<String>,
    /// Folders and names of files that are routes by where they stand.
    pub file_routes: Vec<FileRoutes>,
    /// Calls that make requests.
    pub requests: Vec<RequestCall>,
    /// Keys of a declaration that give a route a name.
    pub name_keys: Vec<String>,
    /// Calls behind a declaration that do.
    pub name_chains: Vec<String>,
    /// Names under which a file keeps the namespace of its routes.
    pub namespaces: Vec<String>,
    /// Has a route without a name one that is made of its path and of what answers it: `racks`, `new_rack`, `late_rack_slots`?
    pub named_by_path: bool,
    /// What stands behind the name of a route where it is asked for: `racks_path`.
    pub name_endings: Vec<String>,
    /// Calls beside which such a name is sent to, and not followed.
    pub sending: Vec<String>,
    /// Calls that ask for a route by its name.
    pub named_requests: Vec<NamedRequest>,
    /// Names of calls that are recorded whatever they are given: found once, asked for at each call of a file.
    #[serde(skip)]
    telling: FxHashSet<String>,
}

/// Files that are routes by where they stand.
#[derive(Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct FileRoutes {
    /// The folder below which they stand: `pages/api`.
    pub folder: String,
    /// What goes before the path.
    #[serde(default)]
    pub prefix: String,
    /// The one name of such files, their ending left out; any, if empty, which is then a part of the path.
    #[serde(default)]
    pub file: String,
    /// Is what a file exports by default what answers, and not functions called like methods?
    #[serde(default)]
    pub by_default: bool,
}

/// A call that makes a request.
#[derive(Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct RequestCall {
    /// Its name.
    pub name: String,
    /// What stands before the name; anything, if empty.
    #[serde(default)]
    pub of: Vec<String>,
    /// The method it asks with, if the name tells, or if nothing else does.
    pub method: Option<String>,
    /// The name of the argument that is the method.
    pub method_key: Option<String>,
    /// The position of the argument that is the method.
    pub method_at: Option<usize>,
    /// The position of the argument that is the path or address.
    pub path_at: usize,
    /// Is it left unsaid where nothing answers?
    #[serde(default)]
    pub quiet: bool,
}

/// A call that asks for a route by its name.
#[derive(Debug, Clone, Deserialize)]
#[serde(deny_unknown_fields)]
pub struct NamedRequest {
    /// The name of the call.
    pub name: String,
    /// It may be given something else than a name: where no route has it, that is not worth telling.
    #[serde(default)]
    pub quiet: bool,
    /// Names that the framework itself answers.
    #[serde(default)]
    pub elsewhere: Vec<String>,
}

impl HttpTable {
    /// Reads a room's table.
    ///
    /// # Panics
    /// If the text is none: rooms are compiled with it, and a test of each reads it.
    #[must_use]
    pub fn read(text: &str) -> HttpTable {
        let mut table: HttpTable = toml::from_str(text).expect("a table of frameworks");
        let lists = [
            &table.by_method,
            &table.patterns,
            &table.groups,
            &table.mounts,
            &table.combos,
            &table.narrowing,
            &table.chains,
            &table.makers,
            &table.prefixes,
            &table.classes,
            &table.chained_handlers,
            &table.name_chains,
            &table.namespaces,
        ];
        let asked: Vec<String> = table.named_requests.iter().map(|r| r.name.clone()).collect();
        let handled = table.verbs.keys().filter(|_| !table.chained_handlers.is_empty());
        table.telling = lists.into_iter().flatten().chain(table.resources.keys()).chain(handled).cloned().chain(asked).collect();
        table
    }

    /// Must a reader record a call of that name on that, whatever it is given?
    #[must_use]
    pub fn is_telling(&self, name: &str, before: Option<&str>) -> bool {
        let of = |r: &RequestCall| before.is_some_and(|before| r.of.iter().any(|o| o == before));
        // Without a slash nothing else tells a route from any call.
        let by_receiver = || if self.receivers.is_empty() { before.is_none() } else { before.is_some_and(|b| self.receivers.iter().any(|r| r == b)) };
        self.telling.contains(name)
            || self.bare_paths && self.verbs.contains_key(name) && by_receiver()
            || self.requests.iter().any(|r| r.name == name && of(r))
    }

    /// Must a reader record a mark of that name?
    #[must_use]
    pub fn is_mark(&self, name: &str) -> bool {
        self.marks.contains_key(name) || self.path_marks.iter().any(|m| m == name)
    }

    /// The method that the name of a constant stands for.
    pub(super) fn method_of(&self, constant: &str) -> Option<String> {
        let said = constant.strip_prefix(self.method_constants.as_deref()?)?;
        (!said.is_empty()).then(|| said.to_ascii_uppercase())
    }

    pub(super) fn is_route(&self, name: &str) -> bool {
        self.verbs.contains_key(name) || self.by_method.iter().any(|n| n == name)
    }
}
