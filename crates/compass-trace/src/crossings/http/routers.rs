//! Routes that calls declare on routers, with the prefixes of the groups and mounts around them.
//!
//! # How it works
//! A call of one of the table's verbs with a path and something that answers is a route. What goes before its path is found from the
//! router it is called on, backwards: a group it was made by, a function literal that a group was handed, the argument that a function's
//! parameter was given, the path that a router was mounted under. A router that several paths lead to gives a route for each.

mod handlers;
mod names;
mod prefixes;

use super::table::HttpTable;
use super::{Route, route_segments};
use crate::crossings::string_evaluation::{Constants, calls_in};
use compass_facts::bounds::Levels;
use compass_facts::{Argument, CallSignal, DefId, Kind, Language, Signal, Span};
use compass_index::{PassInput, Place, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::cell::Cell;

/// A call by its file and its number among the calls of that file.
#[derive(Debug, Clone, Copy)]
struct Site<'a> {
    file: usize,
    signal: &'a Signal,
    call: &'a CallSignal,
}

/// What goes before a path: the text, whether all of it is known, where it was said.
#[derive(Debug, Clone)]
struct Prefix {
    text: String,
    known: bool,
    mounts: Vec<(usize, Span)>,
}

struct Routers<'p, 'a> {
    input: &'p PassInput<'a>,
    constants: &'p Constants<'a>,
    table: &'p HttpTable,
    sites: Vec<Site<'a>>,
    /// Calls by where the name of what is called stands.
    by_name: FxHashMap<(usize, u32), usize>,
    /// Calls on what another call gives, by that call.
    behind: FxHashMap<(usize, u32), Vec<usize>>,
    /// What a call's result is kept in.
    kept: FxHashMap<Place, usize>,
    /// Calls of a function of the code base.
    callers: FxHashMap<Place, Vec<usize>>,
    /// Mounts of what is kept in a variable, or of what a function gives.
    mounted: FxHashMap<Place, Vec<usize>>,
    /// Groups that were handed a function literal, by file.
    around: FxHashMap<usize, Vec<(Span, usize)>>,
    /// Variables that hold a function written there, and are called.
    held: FxHashMap<usize, Vec<(Span, Place)>>,
    /// Classes by name, where texts name what answers.
    classes: FxHashMap<&'a str, Vec<Place>>,
    /// Groups that were handed a function by its name.
    handed: FxHashMap<Place, Vec<usize>>,
    /// Files that import a framework.
    sure: FxHashSet<usize>,
    /// So many routers are still gone back to for the route in hand: mounts of mounts may lead in circles.
    left: Cell<u32>,
}

/// The value by which one of several is asked for.
const OF_ONE: &str = "/{id}";

/// For one route so many routers are gone back to.
const MOST_ROUTERS: u32 = 2_000;

/// All routes that calls of a language declare.
pub(super) fn routes(input: &PassInput, constants: &Constants, table: &HttpTable, is_of: impl Fn(Language) -> bool) -> Vec<Route> {
    let files = (0..input.files.len()).filter(|f| is_of(input.files[*f].language));
    let sites: Vec<Site> = files.flat_map(|file| calls_in(input, file).map(move |(signal, call)| Site { file, signal, call })).collect();
    if sites.is_empty() {
        return Vec::new();
    }
    let routers = Routers::new(input, constants, table, sites);
    routers.sites.iter().filter(|s| s.call.decorates.is_none() && !s.call.marks).flat_map(|s| routers.declared(s)).collect()
}

impl<'p, 'a> Routers<'p, 'a> {
    fn new(input: &'p PassInput<'a>, constants: &'p Constants<'a>, table: &'p HttpTable, sites: Vec<Site<'a>>) -> Self {
        let mut out = Routers {
            input,
            constants,
            table,
            sites,
            by_name: FxHashMap::default(),
            behind: FxHashMap::default(),
            kept: FxHashMap::default(),
            callers: FxHashMap::default(),
            mounted: FxHashMap::default(),
            around: FxHashMap::default(),
            held: FxHashMap::default(),
            classes: FxHashMap::default(),
            handed: FxHashMap::default(),
            sure: FxHashSet::default(),
            left: Cell::new(0),
        };
        for n in 0..out.sites.len() {
            out.note(n);
        }
        if table.handler_sign.is_some() || !table.resources.is_empty() {
            out.note_classes();
        }
        for place in out.callers.keys() {
            let def = input.files[place.file].facts.def(place.def);
            if def.kind == Kind::Variable && def.whole.len() > def.name_span.len() + 8 {
                out.held.entry(place.file).or_default().push((def.whole, *place));
            }
        }
        out.sure.extend((0..input.files.len()).filter(|f| imports_framework(input, table, *f)));
        out
    }

    fn note(&mut self, n: usize) {
        let Site { file, call, .. } = self.sites[n];
        let name = self.input.files[file].facts.name(call.name);
        self.by_name.insert((file, call.at), n);
        if let Some(receiver) = call.receiver {
            self.behind.entry((file, receiver)).or_default().push(n);
        }
        if let Some((place, _)) = call.bound.and_then(|b| self.input.meaning(file, b)) {
            self.kept.entry(place).or_insert(n);
        }
        if let Some((place, _)) = self.input.meaning(file, call.at) {
            self.callers.entry(place).or_default().push(n);
        }
        let is = |list: &[String]| list.iter().any(|l| l == name);
        if (call.receiver.is_some() || self.table.bare_paths) && (is(&self.table.groups) || is(&self.table.mounts)) {
            for argument in &call.arguments {
                match argument {
                    Argument::Function(at) => self.around.entry(file).or_default().push((*at, n)),
                    Argument::Name(at) | Argument::Call(at) => {
                        let Some((place, _)) = self.input.meaning(file, *at) else { continue };
                        let by_name = matches!(argument, Argument::Name(_)) && self.def_kind(place).is_callable();
                        let into = if by_name && is(&self.table.groups) { &mut self.handed } else { &mut self.mounted };
                        into.entry(place).or_default().push(n);
                    }
                    _ => {}
                }
            }
        }
    }

    fn note_classes(&mut self) {
        let mut files: Vec<usize> = self.sites.iter().map(|s| s.file).collect();
        files.dedup();
        let Some(language) = files.first().map(|f| self.input.files[*f].language) else { return };
        for (file, here) in self.input.files.iter().enumerate().filter(|(_, f)| f.language.is_kin_of(language)) {
            for (i, d) in here.facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Class) {
                let name = here.facts.name(d.name);
                // A name may be written with what is around it.
                let last = name.rsplit([':', '\\', '.']).next().unwrap_or(name);
                self.classes.entry(last).or_default().push(Place { file, def: DefId(i as u32) });
            }
        }
    }

    fn def_kind(&self, place: Place) -> Kind {
        self.input.files[place.file].facts.def(place.def).kind
    }

    fn name(&self, site: &Site) -> &'a str {
        self.input.files[site.file].facts.name(site.call.name)
    }

    fn text(&self, site: &Site, argument: &Argument) -> Option<(String, bool)> {
        self.constants.text(self.input, site.file, argument)
    }

    /// A method that is written, or that a constant stands for.
    fn method(&self, site: &Site, argument: &Argument) -> Option<String> {
        let by_constant = || {
            let Argument::Name(at) = argument else { return None };
            let facts = self.input.files[site.file].facts;
            self.table.method_of(facts.name(facts.usage(facts.find_use_at(*at)?).name))
        };
        self.text(site, argument).filter(|t| t.1).map(|t| t.0.to_ascii_uppercase()).or_else(by_constant)
    }

    /// May a router be what a call is made on?
    fn is_router(&self, site: &Site) -> bool {
        if self.table.receivers.is_empty() {
            return true;
        }
        let Some(at) = site.call.receiver else { return false };
        let facts = self.input.files[site.file].facts;
        let name = facts.find_use_at(at).map(|u| facts.name(facts.usage(u).name));
        if let Some(made) = self.input.meaning(site.file, at).and_then(|(place, _)| self.kept.get(&place)) {
            let made = self.name(&self.sites[*made]);
            let by_table = [&self.table.makers, &self.table.groups, &self.table.chains].into_iter().flatten().any(|m| m == made);
            // What a function of the code base makes may be one by its name alone.
            return by_table || self.is_made_here(site, at) && name.is_some_and(|n| self.is_called_like_router(n));
        }
        name.is_some_and(|name| self.is_called_like_router(name))
    }

    fn is_called_like_router(&self, name: &str) -> bool {
        let ends = |r: &String| name.len() > r.len() && name.is_char_boundary(name.len() - r.len()) && name[name.len() - r.len()..].eq_ignore_ascii_case(r);
        self.table.receivers.iter().any(|r| r == name || r.len() > 2 && ends(r))
    }

    /// Does a function of the code base, not one of the framework's, make what a name stands for?
    fn is_made_here(&self, site: &Site, at: u32) -> bool {
        let made = self.input.meaning(site.file, at).and_then(|(place, _)| self.kept.get(&place)).map(|n| self.sites[*n]);
        made.is_some_and(|m| !self.table.makers.iter().any(|n| n == self.name(&m)) && self.input.meaning(m.file, m.call.at).is_some())
    }

    /// The routes of a call: none, mostly.
    fn declared(&self, site: &Site<'a>) -> Vec<Route> {
        self.left.set(MOST_ROUTERS);
        let name = self.name(site);
        if let Some(kinds) = self.table.resources.get(name) {
            return self.of_resource(site, kinds);
        }
        if self.table.chained_handlers.iter().any(|n| n == name) {
            return self.with_chained_handlers(site);
        }
        if !self.table.is_route(name) {
            return Vec::new();
        }
        if let Some(combo) = self.combo(site) {
            return self.behind_combo(site, &combo);
        }
        if !self.is_router(site) {
            return Vec::new();
        }
        self.declared_by_verb(site, name).unwrap_or_default()
    }

    fn declared_by_verb(&self, site: &Site<'a>, name: &str) -> Option<Vec<Route>> {
        let mut arguments = site.call.arguments.iter();
        let methods = self.methods_said(site, name, &mut arguments)?;
        let (by_path, mut path, known) = self.path_said(site, name, arguments.next())?;
        let last = arguments.next_back();
        if last.is_some_and(|a| self.is_made_router(site, a)) {
            return None;
        }
        let by_key = self.said_under(site, &self.table.handler_keys).or_else(|| self.keyed(site).map(|k| k.1));
        let last_but_one = arguments.next_back();
        let by_position = || {
            let found = last.and_then(|a| self.handler(site, a));
            match found.filter(|f| self.takes_errors(*f)) {
                Some(errors) => last_but_one.and_then(|a| self.handler(site, a)).or(Some(errors)),
                None => found,
            }
        };
        let by_key = self.by_action(site).or_else(|| by_key.and_then(|a| self.handler(site, a)));
        let handler = by_key.or_else(by_position).or_else(|| self.by_path(site, &path))?;
        if path.ends_with('/') && path.len() > 1 && self.table.subtrees.iter().any(|n| n == name) {
            path.push_str("{rest...}");
        }
        let methods = self.narrowed(site).or(by_path.map(|m| vec![Some(m)])).unwrap_or(methods);
        let (chained, chain_known) = self.chained_prefix(site);
        let path = joined(&chained, &path);
        let prefixes = self.of_receiver(site, Levels::VALUES);
        let mut out = Vec::new();
        for method in methods {
            for prefix in &prefixes {
                let mut route = self.route(site, method.clone(), joined(&prefix.text, &path), handler, prefix);
                // A router that other code made may have been put below a path there.
                if self.table.named_by_path {
                    let said = self.said_under(site, &self.table.name_keys).and_then(|a| self.text(site, a)).filter(|t| t.1);
                    let in_set = self.is_in_set(site);
                    route.names.extend(match said {
                        Some((word, _)) if in_set => names::of_one(&joined(&prefix.text, &format!("/{word}")), true),
                        Some((word, _)) => Some(word),
                        None => names::of_one(&route.path, in_set),
                    });
                }
                route.sure &= known && chain_known && !site.call.receiver.is_some_and(|at| self.is_made_here(site, at));
                out.push(route);
            }
        }
        Some(out)
    }

    /// Is it a function that a framework calls with what went wrong, which stands behind what answers?
    fn takes_errors(&self, symbol: SymbolId) -> bool {
        let (Some(wanted), Some(place)) = (self.table.error_parameters, self.input.find(symbol)) else { return false };
        let facts = self.input.files[place.file].facts;
        facts.definitions.iter().filter(|d| d.kind == Kind::Parameter && d.container == Some(place.def)).count() == wanted
    }

    /// The methods that a call is given or named by; what gives them is taken off the arguments.
    fn methods_said(&self, site: &Site, name: &str, arguments: &mut std::slice::Iter<Argument>) -> Option<Vec<Option<String>>> {
        let list = |argument: &Argument| match argument {
            Argument::List(all) => Some(all.iter().map(|a| self.method(site, a)).collect::<Vec<_>>()),
            one => self.method(site, one).map(|said| said.split(',').map(|m| Some(m.trim().to_owned())).collect()),
        };
        if self.table.by_method.iter().any(|n| n == name) {
            return list(arguments.next()?);
        }
        if let Some(said) = self.said_under(site, &self.table.method_keys) {
            return list(said);
        }
        Some(vec![self.table.verbs.get(name).filter(|v| *v != "*").cloned()])
    }

    /// The path that a call is given, the method before it if one is written there, and whether all of it is known.
    fn path_said(&self, site: &Site, name: &str, first: Option<&Argument>) -> Option<(Option<String>, String, bool)> {
        let (mut path, known) = match first {
            Some(first @ Argument::Text(..)) => self.text(site, first)?,
            // `get "/racks" => "racks#list"`: the path is what the handler is given under.
            None => (self.keyed(site)?.0.to_owned(), true),
            _ => return None,
        };
        if self.table.bare_paths && !path.starts_with('/') {
            path.insert(0, '/');
        }
        let mut method = None;
        if self.table.patterns.iter().any(|n| n == name)
            && let Some((said, rest)) = path.split_once(' ')
            && !said.is_empty()
            && said.bytes().all(|b| b.is_ascii_uppercase())
        {
            (method, path) = (Some(said.to_owned()), rest.trim_start().trim_end_matches("{$}").to_owned());
        }
        (path.starts_with('/') || path.is_empty() && known).then_some((method, path, known))
    }

    /// The one named argument of a call that has no others, where names may be paths.
    fn keyed(&self, site: &Site<'a>) -> Option<(&'a str, &'a Argument)> {
        let (key, value) = site.call.named.first().filter(|_| self.table.bare_paths && site.call.arguments.is_empty())?;
        Some((self.input.files[site.file].facts.name(*key), value))
    }

    fn said_under(&self, site: &Site<'a>, keys: &[String]) -> Option<&'a Argument> {
        let facts = self.input.files[site.file].facts;
        site.call.named.iter().find(|(n, _)| keys.iter().any(|k| k == facts.name(*n))).map(|(_, a)| a)
    }

    /// Is it a router? One in the place of a handler answers with routes of its own.
    fn is_made_router(&self, site: &Site, argument: &Argument) -> bool {
        let Argument::Name(at) = argument else { return false };
        let made = self.input.meaning(site.file, *at).and_then(|(place, _)| self.kept.get(&place));
        made.is_some_and(|n| self.table.makers.iter().any(|m| m == self.name(&self.sites[*n])))
    }

    /// The routes that one call declares for a class.
    fn of_resource(&self, site: &Site<'a>, kinds: &[String]) -> Vec<Route> {
        if !self.is_router(site) {
            return Vec::new();
        }
        let facts = self.input.files[site.file].facts;
        let names: Vec<String> =
            site.call.arguments.iter().filter(|a| matches!(a, Argument::Text(..))).filter_map(|a| self.text(site, a)).filter(|t| t.1).map(|t| t.0).collect();
        let list = |keys: &[&str]| {
            let given = site.call.named.iter().find(|(n, _)| keys.contains(&facts.name(*n))).map(|(_, a)| a)?;
            let all = if let Argument::List(all) = given { all.as_slice() } else { std::slice::from_ref(given) };
            Some(all.iter().filter_map(|a| self.text(site, a)).map(|t| t.0).collect::<Vec<_>>())
        };
        let (only, except) = (list(&["only"]), list(&["except"]));
        let class = site.call.arguments.iter().find_map(|a| if let Argument::Name(at) = a { self.input.meaning(site.file, *at).map(|m| m.0) } else { None });
        let written = list(&["controller"]).and_then(|l| l.into_iter().next());
        let mut out = Vec::new();
        for name in names {
            for kind in kinds {
                let mut words = kind.split(' ');
                let (Some(method), Some(rest), Some(action)) = (words.next(), words.next(), words.next()) else { continue };
                if only.as_ref().is_some_and(|o| !o.iter().any(|a| a == action)) || except.as_ref().is_some_and(|e| e.iter().any(|a| a == action)) {
                    continue;
                }
                let handler = match class {
                    Some(class) => self.member(class, action),
                    None => self.member_of_named(written.as_deref().unwrap_or(&name), action),
                };
                let Some(handler) = handler else { continue };
                let below_none = rest.starts_with(OF_ONE) && self.is_shallow(site);
                for mut prefix in self.of_receiver(site, Levels::VALUES) {
                    if below_none {
                        prefix.text.clear();
                    }
                    let path = joined(&joined(&prefix.text, &format!("/{}", name.replace('.', "/"))), rest);
                    let mut route = self.route(site, Some(method.to_owned()), path, handler, &prefix);
                    if self.table.named_by_path {
                        let said = self.said_under(site, &self.table.name_keys).and_then(|a| self.text(site, a)).filter(|t| t.1);
                        let path = match said {
                            Some((word, _)) => joined(&joined(&prefix.text, &format!("/{word}")), rest),
                            None => route.path.clone(),
                        };
                        route.names.extend(names::of_set(&path, action));
                    }
                    out.push(route);
                }
            }
        }
        out
    }

    fn route(&self, site: &Site<'a>, method: Option<String>, path: String, handler: SymbolId, prefix: &Prefix) -> Route {
        let sure = prefix.known && self.sure.contains(&site.file);
        Route {
            method,
            segments: route_segments(&path),
            path,
            handler,
            file: site.file,
            at: site.signal.span,
            mounts: prefix.mounts.clone(),
            sure,
            names: Vec::new(),
        }
    }

    /// `route("/racks", get(list).post(add))`.
    fn with_chained_handlers(&self, site: &Site<'a>) -> Vec<Route> {
        let Some(first @ Argument::Text(..)) = site.call.arguments.first() else { return Vec::new() };
        let Some((path, known)) = self.text(site, first).filter(|t| t.0.starts_with('/')) else { return Vec::new() };
        let mut out = Vec::new();
        let mut at = match site.call.arguments.get(1) {
            Some(Argument::Call(at)) => Some(*at),
            _ => None,
        };
        for _ in 0..8 {
            let Some(made) = at.and_then(|a| self.by_name.get(&(site.file, a))).map(|n| self.sites[*n]) else { break };
            if let Some(verb) = self.table.verbs.get(self.name(&made))
                && let Some(handler) = made.call.arguments.last().and_then(|a| self.handler(&made, a))
            {
                for prefix in self.of_receiver(site, Levels::VALUES) {
                    let path = joined(&prefix.text, &path);
                    let mut route = self.route(site, Some(verb.clone()).filter(|v| v != "*"), path, handler, &prefix);
                    route.sure &= known;
                    out.push(route);
                }
            }
            at = made.call.receiver;
        }
        out
    }

    /// The call that gives the path of a verb without one: `route("/racks").get(list).post(add)`.
    fn combo(&self, site: &Site<'a>) -> Option<Site<'a>> {
        if matches!(site.call.arguments.first(), Some(Argument::Text(..))) {
            return None;
        }
        let mut at = site.call.receiver?;
        for _ in 0..8 {
            let before = self.sites[*self.by_name.get(&(site.file, at))?];
            let name = self.name(&before);
            if self.table.combos.iter().any(|c| c == name) {
                return Some(before).filter(|b| self.is_router(b));
            }
            at = before.call.receiver.filter(|_| self.table.is_route(name))?;
        }
        None
    }

    fn behind_combo(&self, site: &Site<'a>, combo: &Site<'a>) -> Vec<Route> {
        let Some(handler) = site.call.arguments.last().and_then(|a| self.handler(site, a)) else { return Vec::new() };
        let method = self.table.verbs.get(self.name(site)).filter(|v| *v != "*").cloned();
        let route = |prefix: Prefix| Route {
            method: method.clone(),
            segments: route_segments(&prefix.text),
            path: prefix.text,
            handler,
            file: site.file,
            at: site.signal.span,
            mounts: prefix.mounts,
            sure: prefix.known && self.sure.contains(&site.file),
            names: Vec::new(),
        };
        self.of_group(combo, Levels::VALUES).into_iter().map(route).collect()
    }

    /// Methods that a call behind a route names: `HandleFunc("/", f).Methods("GET")`.
    fn narrowed(&self, site: &Site) -> Option<Vec<Option<String>>> {
        let behind = self.behind.get(&(site.file, site.call.at)).into_iter().flatten().map(|n| &self.sites[*n]);
        let around = behind.into_iter().find(|s| self.table.narrowing.iter().any(|n| n == self.name(s)))?;
        // One that is not known may be any.
        let said: Option<Vec<String>> = around.call.arguments.iter().map(|a| self.method(around, a)).collect();
        said.filter(|s| !s.is_empty()).map(|s| s.into_iter().map(Some).collect()).or(Some(vec![None]))
    }
}

/// Does a file import one of the table's frameworks?
pub(super) fn imports_framework(input: &PassInput, table: &HttpTable, file: usize) -> bool {
    let facts = input.files[file].facts;
    let is_below = |module: &str, of: &str| module.strip_prefix(of).is_some_and(|rest| !rest.starts_with(|c: char| c.is_alphanumeric() || c == '_'));
    facts.imports.iter().any(|i| table.modules.iter().any(|m| is_below(facts.name(i.module), m)))
}

pub(super) fn joined(prefix: &str, path: &str) -> String {
    if path.is_empty() {
        return prefix.to_owned();
    }
    let whole = format!("{}/{}", prefix.trim_end_matches('/'), path.trim_start_matches('/'));
    if whole.len() > 1 { whole.trim_end_matches('/').to_owned() } else { whole }
}
