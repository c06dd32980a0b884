//! Routes that marks declare: annotations, attributes and decorators on functions, with the paths of those on their class.

use super::routers::{imports_framework, joined};
use super::table::HttpTable;
use super::{Route, route_segments};
use crate::crossings::string_evaluation::{Constants, calls_in, named};
use compass_facts::{Argument, CallSignal, DefId, Facts, Kind, Language, Span};
use compass_index::PassInput;
use rustc_hash::FxHashMap;

/// What the marks of one definition say.
#[derive(Debug, Default)]
struct Said {
    /// A mark that makes it answer was among them.
    answers: bool,
    /// Methods; none for any.
    methods: Vec<String>,
    /// Paths; none where no mark has one.
    paths: Vec<(String, bool)>,
    at: Option<Span>,
}

/// All routes that marks of a language's files declare.
pub(super) fn routes(input: &PassInput, constants: &Constants, table: &HttpTable, is_of: impl Fn(Language) -> bool) -> Vec<Route> {
    if table.marks.is_empty() {
        return Vec::new();
    }
    (0..input.files.len()).filter(|f| is_of(input.files[*f].language)).flat_map(|file| of_file(input, constants, table, file)).collect()
}

fn of_file(input: &PassInput, constants: &Constants, table: &HttpTable, file: usize) -> Vec<Route> {
    let facts = input.files[file].facts;
    let mut said: FxHashMap<DefId, Said> = FxHashMap::default();
    for (signal, call) in calls_in(input, file).filter(|(_, c)| c.marks) {
        if let Some(def) = marked(facts, signal.span) {
            note(input, constants, table, file, call, said.entry(def).or_default());
            said.entry(def).or_default().at.get_or_insert(signal.span);
        }
    }
    let sure = imports_framework(input, table, file);
    let mut out = Vec::new();
    let mut functions: Vec<(&DefId, &Said)> = said.iter().filter(|(def, s)| s.answers && facts.def(**def).kind.is_callable()).collect();
    functions.sort_by_key(|f| f.0.index());
    for (def, own) in functions {
        let class = facts.def(*def).container;
        let above = class.and_then(|c| said.get(&c));
        let none = vec![(String::new(), true)];
        let before = above.map(|a| &a.paths).filter(|p| !p.is_empty()).unwrap_or(&none);
        for (own_path, known) in if own.paths.is_empty() { &none } else { &own.paths } {
            for (prefix, prefix_known) in before {
                let path = filled(facts, table, class, *def, &below(table, prefix, own_path));
                let methods: Vec<Option<String>> = if own.methods.is_empty() { vec![None] } else { own.methods.iter().cloned().map(Some).collect() };
                for method in methods {
                    out.push(Route {
                        method,
                        segments: route_segments(&path),
                        path: path.clone(),
                        handler: input.files[file].symbol(*def),
                        file,
                        at: own.at.unwrap_or(facts.def(*def).name_span),
                        mounts: above.and_then(|a| a.at).map(|at| (file, at)).into_iter().collect(),
                        sure: sure && *known && *prefix_known,
                        names: Vec::new(),
                    });
                }
            }
        }
    }
    out
}

/// The definition that a mark stands before: the next one that is a type or can be called.
fn marked(facts: &Facts, mark: Span) -> Option<DefId> {
    let behind =
        facts.definitions.iter().enumerate().filter(|(_, d)| d.name_span.start >= mark.end && !d.name_span.is_empty() && d.kind != Kind::TypeParameter);
    let (i, next) = behind.min_by_key(|(_, d)| d.name_span.start)?;
    (next.kind.is_callable() || next.kind.is_type()).then_some(DefId(i as u32))
}

fn note(input: &PassInput, constants: &Constants, table: &HttpTable, file: usize, call: &CallSignal, said: &mut Said) {
    let facts = input.files[file].facts;
    let name = facts.name(call.name);
    let keys = |all: &[String]| call.named.iter().find(|(n, _)| all.iter().any(|k| k == facts.name(*n))).map(|(_, a)| a);
    if let Some(method) = table.marks.get(name) {
        said.answers = true;
        if method != "*" {
            said.methods.push(method.clone());
        }
    }
    if let Some(methods) = keys(&table.method_keys) {
        said.methods.extend(several(methods).filter_map(|a| method(input, constants, table, file, a)));
    }
    let path = call.arguments.first().or_else(|| keys(&table.path_keys)).or_else(|| named(facts, call, &[]));
    said.paths.extend(path.into_iter().flat_map(several).filter_map(|a| constants.text(input, file, a)));
}

/// The parts of a list, or the one value.
fn several(argument: &Argument) -> impl Iterator<Item = &Argument> {
    match argument {
        Argument::List(all) => all.iter(),
        one => std::slice::from_ref(one).iter(),
    }
}

/// `"POST"`, or the last name of `RequestMethod.POST`.
fn method(input: &PassInput, constants: &Constants, table: &HttpTable, file: usize, argument: &Argument) -> Option<String> {
    if let Argument::Name(at) = argument {
        let facts = input.files[file].facts;
        let word = facts.name(facts.usage(facts.find_use_at(*at)?).name);
        return Some(table.method_of(word).unwrap_or_else(|| word.to_ascii_uppercase()));
    }
    constants.text(input, file, argument).filter(|t| t.1).map(|t| t.0.to_ascii_uppercase())
}

/// A path below another, unless it begins anew.
fn below(table: &HttpTable, prefix: &str, path: &str) -> String {
    match table.anew.as_deref().and_then(|sign| path.strip_prefix(sign)) {
        Some(anew) => anew.to_owned(),
        None => joined(&format!("/{}", prefix.trim_matches('/')), path),
    }
}

/// The path with the names of the class and the function, where it has the table's words for them.
fn filled(facts: &Facts, table: &HttpTable, class: Option<DefId>, function: DefId, path: &str) -> String {
    let mut path = path.to_owned();
    if let Some(word) = &table.class_word {
        let name = class.map_or("", |c| facts.def_name(c));
        let name = table.class_endings.iter().find_map(|e| name.strip_suffix(e.as_str())).unwrap_or(name);
        path = path.replace(word, &name.to_ascii_lowercase());
    }
    if let Some(word) = &table.function_word {
        path = path.replace(word, &facts.def_name(function).to_ascii_lowercase());
    }
    path
}
