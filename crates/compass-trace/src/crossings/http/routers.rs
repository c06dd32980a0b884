//! Routes that calls declare on routers, with the prefixes of the groups and mounts around them.
//!
//! # How it works
//! A call of one of the table's verbs with a path and something that answers is a route. What goes before its path is found from the
//! router it is called on, backwards: a group it was made by, a function literal that a group was handed, the argument that a function's
//! parameter was given, the path that a router was mounted under. A router that several paths lead to gives a route for each.

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
            let name = self.name(&self.sites[*made]);
            return [&self.table.makers, &self.table.groups, &self.table.chains].into_iter().flatten().any(|m| m == name);
        }
        name.is_some_and(|name| self.table.receivers.iter().any(|r| r == name))
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
        let by_method = self.table.by_method.iter().any(|n| n == name);
        let mut arguments = site.call.arguments.iter();
        let mut method = self.table.verbs.get(name).filter(|v| *v != "*").cloned();
        let mut several = None;
        if by_method {
            match arguments.next() {
                Some(Argument::List(all)) => several = Some(all.iter().map(|a| self.method(site, a)).collect::<Vec<_>>()),
                Some(one) => match self.method(site, one) {
                    Some(said) if said.contains(',') => several = Some(said.split(',').map(|m| Some(m.trim().to_owned())).collect()),
                    Some(said) => method = Some(said),
                    None => return Vec::new(),
                },
                None => return Vec::new(),
            }
        }
        // `get "/racks" => "racks#list"`: the path is what the handler is given under.
        let facts = self.input.files[site.file].facts;
        let keyed = site
            .call
            .named
            .first()
            .filter(|_| self.table.bare_paths && site.call.arguments.is_empty())
            .map(|(key, value)| (facts.name(*key).to_owned(), value));
        let (mut path, known) = match (arguments.next(), &keyed) {
            (Some(first @ Argument::Text(..)), _) => match self.text(site, first) {
                Some(text) => text,
                None => return Vec::new(),
            },
            (None, Some((key, _))) => (key.clone(), true),
            _ => return Vec::new(),
        };
        if self.table.bare_paths && !path.starts_with('/') {
            path.insert(0, '/');
        }
        if self.table.patterns.iter().any(|n| n == name)
            && let Some((said, rest)) = path.split_once(' ')
            && !said.is_empty()
            && said.bytes().all(|b| b.is_ascii_uppercase())
        {
            (method, path) = (Some(said.to_owned()), rest.trim_start().trim_end_matches("{$}").to_owned());
        }
        if !(path.starts_with('/') || path.is_empty() && known) {
            return Vec::new();
        }
        // A router in the place of a handler answers with routes of its own.
        if let Some(Argument::Name(at)) = arguments.clone().next_back()
            && let Some((place, _)) = self.input.meaning(site.file, *at)
            && self.kept.get(&place).is_some_and(|n| self.table.makers.iter().any(|m| m == self.name(&self.sites[*n])))
        {
            return Vec::new();
        }
        let by_key = || {
            let given = site.call.named.iter().find(|(n, _)| self.table.handler_keys.iter().any(|k| k == facts.name(*n))).map(|(_, a)| a);
            given.or(keyed.as_ref().map(|k| k.1)).and_then(|a| self.handler(site, a))
        };
        let handler = by_key().or_else(|| arguments.next_back().and_then(|a| self.handler(site, a))).or_else(|| self.by_path(site, &path));
        let Some(handler) = handler else { return Vec::new() };
        if path.ends_with('/') && path.len() > 1 && self.table.subtrees.iter().any(|n| n == name) {
            path.push_str("{rest...}");
        }
        let methods = self.narrowed(site).or(several).unwrap_or_else(|| vec![method]);
        let prefixes = self.of_receiver(site, Levels::VALUES);
        let (chained, chain_known) = self.chained_prefix(site);
        let known = known && chain_known;
        let path = joined(&chained, &path);
        let mut out = Vec::new();
        for method in methods {
            for prefix in &prefixes {
                let path = joined(&prefix.text, &path);
                out.push(Route {
                    method: method.clone(),
                    segments: route_segments(&path),
                    path,
                    handler,
                    file: site.file,
                    at: site.signal.span,
                    mounts: prefix.mounts.clone(),
                    sure: prefix.known && known && self.sure.contains(&site.file),
                });
            }
        }
        out
    }

    /// Where a path alone names the class and the function: `get "racks/list"`.
    fn by_path(&self, site: &Site<'a>, path: &str) -> Option<SymbolId> {
        let sign = self.table.handler_sign.as_deref()?;
        let alone = self.table.bare_paths && site.call.arguments.len() == 1 && self.is_inside_group(site);
        let path = path.trim_matches('/');
        let (class, function) = match path.rsplit_once('/').filter(|_| alone) {
            Some(parts) => parts,
            None if alone => return self.member_of_named(&self.resource_around(site)?, path),
            None => return None,
        };
        self.named_handler(&format!("{class}{sign}{function}"))
    }

    /// The set of routes that a call stands in.
    fn resource_around(&self, site: &Site<'a>) -> Option<String> {
        let at = site.signal.span;
        let around = self.around.get(&site.file)?.iter().filter(|(span, _)| span.start <= at.start && at.end <= span.end);
        let sets = around.filter(|(_, n)| self.table.resources.contains_key(self.name(&self.sites[*n])));
        let nearest = self.sites[sets.min_by_key(|(span, _)| span.len())?.1];
        self.text(&nearest, nearest.call.arguments.first()?).map(|t| t.0)
    }

    /// What a text like `racks#list` or `RackController@list` names.
    fn named_handler(&self, text: &str) -> Option<SymbolId> {
        let sign = self.table.handler_sign.as_deref()?;
        let (class, function) = text.split_once(sign)?;
        self.member_of_named(class, function)
    }

    fn member_of_named(&self, class: &str, function: &str) -> Option<SymbolId> {
        let class = class.rsplit(['/', '\\', ':']).next().unwrap_or(class);
        let ending = self.table.handler_ending.as_deref().unwrap_or("");
        let written = if class.ends_with(ending) && !ending.is_empty() || ending.is_empty() { class.to_owned() } else { format!("{}{ending}", camel(class)) };
        let places = self.classes.get(written.as_str())?;
        places.iter().find_map(|p| self.member(*p, function))
    }

    fn member(&self, class: Place, name: &str) -> Option<SymbolId> {
        let here = &self.input.files[class.file];
        let found = here.facts.definitions.iter().position(|d| d.container == Some(class.def) && d.kind.is_callable() && here.facts.name(d.name) == name)?;
        Some(here.symbol(DefId(found as u32)))
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
                for prefix in self.of_receiver(site, Levels::VALUES) {
                    let path = joined(&joined(&prefix.text, &format!("/{}", name.replace('.', "/"))), rest);
                    out.push(self.route(site, Some(method.to_owned()), path, handler, &prefix));
                }
            }
        }
        out
    }

    fn route(&self, site: &Site<'a>, method: Option<String>, path: String, handler: SymbolId, prefix: &Prefix) -> Route {
        let sure = prefix.known && self.sure.contains(&site.file);
        Route { method, segments: route_segments(&path), path, handler, file: site.file, at: site.signal.span, mounts: prefix.mounts.clone(), sure }
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

    /// What answers: a function by its name, one that is written there, or what a call is given or gives.
    fn handler(&self, site: &Site, argument: &Argument) -> Option<SymbolId> {
        let here = &self.input.files[site.file];
        match argument {
            Argument::Function(_) => Some(site.signal.enclosing.map_or(SymbolId::module(here.id), |d| here.symbol(d))),
            Argument::Name(at) => {
                let (place, _) = self.input.meaning(site.file, *at)?;
                // A class that answers has one function for it.
                let alone = if self.def_kind(place).is_type() { self.table.invoked.iter().find_map(|m| self.member(place, m)) } else { None };
                alone.or_else(|| self.symbol(site.file, *at))
            }
            Argument::Text(..) => {
                let (text, known) = self.text(site, argument)?;
                if !known {
                    return None;
                }
                // The class may be said in the chain before.
                let in_chain = || self.member(self.class_in_chain(site)?, &text);
                self.named_handler(&text).or_else(in_chain)
            }
            Argument::List(parts) => match &parts[..] {
                [Argument::Name(at), function @ Argument::Text(..)] => {
                    let (class, _) = self.input.meaning(site.file, *at)?;
                    self.member(class, &self.text(site, function)?.0)
                }
                // What requests go through stands before what answers.
                [.., last] => self.handler(site, last),
                [] => None,
            },
            Argument::Call(at) => {
                let inner = self.by_name.get(&(site.file, *at)).map(|n| &self.sites[*n]);
                let given = inner.and_then(|inner| {
                    let handed = inner.call.arguments.iter().rev().filter(|a| matches!(a, Argument::Name(_) | Argument::Call(_) | Argument::Function(_)));
                    handed.filter_map(|a| self.handler(inner, a)).find(|s| self.input.find(*s).is_none_or(|p| self.def_kind(p).is_callable()))
                });
                given.or_else(|| self.symbol(site.file, *at))
            }
            _ => None,
        }
    }

    /// The class that a call in the chain before names: `controller(RackController::class)`.
    fn class_in_chain(&self, site: &Site<'a>) -> Option<Place> {
        let of_call = |call: &Site<'a>| {
            let named = self.table.classes.iter().any(|c| c == self.name(call));
            let argument = call.call.arguments.first().filter(|_| named)?;
            if let Argument::Name(at) = argument { self.input.meaning(call.file, *at).map(|m| m.0) } else { None }
        };
        let chained = self.chain(site).iter().find_map(of_call);
        let at = site.signal.span;
        chained.or_else(|| {
            let around = self.around.get(&site.file)?.iter().filter(|(span, _)| span.start <= at.start && at.end <= span.end);
            let mut groups: Vec<&(Span, usize)> = around.collect();
            groups.sort_by_key(|(span, _)| span.len());
            groups.into_iter().find_map(|(_, n)| self.chain(&self.sites[*n]).iter().find_map(of_call))
        })
    }

    /// The calls before a call in its chain, the nearest first.
    fn chain(&self, site: &Site<'a>) -> Vec<Site<'a>> {
        let mut out = Vec::new();
        let mut at = site.call.receiver;
        while let Some(before) = at.and_then(|a| self.by_name.get(&(site.file, a))).map(|n| self.sites[*n]) {
            if out.len() == 12 || before.signal.span == site.signal.span {
                break;
            }
            out.push(before);
            at = before.call.receiver;
        }
        out
    }

    /// What calls in the chain before put before a path: `prefix("admin")->middleware(…)`.
    fn chained_prefix(&self, site: &Site<'a>) -> (String, bool) {
        let mut out = (String::new(), true);
        for call in self.chain(site).iter().rev().filter(|c| self.table.prefixes.iter().any(|p| p == self.name(c))) {
            if let Some((text, known)) = call.call.arguments.first().and_then(|a| self.text(call, a)) {
                out = (joined(&out.0, &format!("/{}", text.trim_matches('/'))), out.1 && known);
            }
        }
        out
    }

    fn symbol(&self, file: usize, at: u32) -> Option<SymbolId> {
        let (place, _) = self.input.meaning(file, at)?;
        Some(self.input.files[place.file].symbol(place.def))
    }

    /// What goes before the paths of a router that a call is made on.
    fn of_receiver(&self, site: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let left = self.left.get();
        self.left.set(left.saturating_sub(1));
        let Some(levels) = levels.down().filter(|_| left > 0) else { return vec![Prefix { text: String::new(), known: false, mounts: Vec::new() }] };
        // The innermost function literal around that a group was handed.
        let around = self
            .around
            .get(&site.file)
            .into_iter()
            .flatten()
            .filter(|(at, n)| at.start <= site.signal.span.start && site.signal.span.end <= at.end && self.sites[*n].signal.span != site.signal.span);
        let nearest = around.min_by_key(|(at, _)| at.len());
        if let Some((at, place)) = self.held_around(site.file, site.signal.span)
            && nearest.is_none_or(|(group, _)| at.len() < group.len())
        {
            return self.of_calls(place, levels);
        }
        if let Some((_, group)) = nearest {
            return self.of_group(&self.sites[*group], levels);
        }
        self.of_said(site, levels)
    }

    /// The innermost function around a place that a variable holds, and that variable.
    fn held_around(&self, file: usize, at: Span) -> Option<(Span, Place)> {
        let covering = self.held.get(&file)?.iter().filter(|(whole, _)| whole.start < at.start && at.end <= whole.end);
        covering.min_by_key(|(whole, _)| whole.len()).copied()
    }

    /// What goes before the paths of a function that a variable holds: of what its calls give it, or of where they stand.
    fn of_calls(&self, variable: Place, levels: Levels) -> Vec<Prefix> {
        let mut out = Vec::new();
        for site in self.callers.get(&variable).into_iter().flatten().map(|n| self.sites[*n]).take(16) {
            let given = site.call.arguments.iter().find_map(|a| match a {
                Argument::Name(at) if self.input.meaning(site.file, *at).is_some_and(|(p, _)| !self.def_kind(p).is_callable()) => Some(*at),
                _ => None,
            });
            match given {
                Some(at) if !self.is_inside_group(&site) => out.extend(self.of_value(&site, at, levels)),
                _ => out.extend(self.of_receiver(&site, levels)),
            }
        }
        out
    }

    fn is_inside_group(&self, site: &Site<'a>) -> bool {
        let at = site.signal.span;
        self.around.get(&site.file).into_iter().flatten().any(|(span, _)| span.start <= at.start && at.end <= span.end)
    }

    fn of_said(&self, site: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        match site.call.receiver {
            Some(at) => self.of_value(site, at, levels),
            None => self.of_function(site, levels),
        }
    }

    /// What a group or mount puts before, and what goes before that.
    fn of_group(&self, group: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let (text, known) = self.put_before(group);
        let (chained, chain_known) = self.chained_prefix(group);
        let (text, known) = (joined(&chained, &text), known && chain_known);
        let name = self.name(group);
        if self.table.collections.iter().any(|c| c == name) {
            let mut before = self.of_receiver(group, levels);
            before.iter_mut().for_each(|p| p.text = p.text.strip_suffix(OF_ONE).unwrap_or(&p.text).to_owned());
            return before;
        }
        // What stands within a set of routes is about one of them.
        let of_one = self.table.resources.get(name).is_some_and(|kinds| kinds.iter().any(|k| k.contains(OF_ONE)));
        let text = if of_one { format!("{text}{OF_ONE}") } else { text };
        let text = if known { text.trim_end_matches('*').trim_end_matches('/').to_owned() } else { text };
        let mut before = self.of_receiver(group, levels);
        for prefix in &mut before {
            prefix.text = joined(&prefix.text, &text);
            prefix.known &= known;
            prefix.mounts.push((group.file, group.signal.span));
        }
        before
    }

    /// The path that a group or mount is given; what stands there may be the router itself, or what requests go through first.
    fn put_before(&self, group: &Site) -> (String, bool) {
        let none = (String::new(), true);
        let said = match group.call.arguments.first() {
            Some(first @ Argument::Text(..)) => self.text(group, first),
            Some(first @ Argument::Name(at)) if group.call.arguments.len() > 1 => {
                let is_function = || self.input.meaning(group.file, *at).is_some_and(|(place, _)| self.def_kind(place).is_callable());
                self.text(group, first).filter(|t| t.1 || !is_function())
            }
            _ => None,
        };
        let slashed = said.map(|(text, known)| (if self.table.bare_paths && known && !text.starts_with('/') { format!("/{text}") } else { text }, known));
        slashed.filter(|t| t.0.starts_with('/') || t.0.is_empty() || !t.1).unwrap_or(none)
    }

    /// What goes before the paths of the router that a name stands for.
    fn of_value(&self, site: &Site<'a>, at: u32, levels: Levels) -> Vec<Prefix> {
        if let Some(made) = self.by_name.get(&(site.file, at)).map(|n| self.sites[*n]) {
            return self.of_made(&made, levels);
        }
        let Some((place, _)) = self.input.meaning(site.file, at) else { return self.of_function(site, levels) };
        if let Some(mounts) = self.mounted.get(&place) {
            return mounts.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect();
        }
        if let Some(made) = self.kept.get(&place).map(|n| self.sites[*n]) {
            return self.of_made(&made, levels);
        }
        let defined = self.input.files[place.file].facts.def(place.def).name_span;
        let literals = self.around.get(&place.file).into_iter().flatten().filter(|(at, _)| at.start <= defined.start && defined.end <= at.end);
        if let Some((_, group)) = literals.min_by_key(|(at, _)| at.len()) {
            return self.of_group(&self.sites[*group], levels);
        }
        if self.def_kind(place) == Kind::Parameter
            && let Some(given) = self.given(place, levels)
        {
            return given;
        }
        self.of_function(site, levels)
    }

    /// What goes before the paths of what a call gives: a group, a router as it is made, a router handed on.
    fn of_made(&self, made: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let name = self.name(made);
        let is = |list: &[String]| list.iter().any(|l| l == name);
        match () {
            () if is(&self.table.groups) => self.of_group(made, levels),
            () if is(&self.table.makers) || made.call.receiver.is_none() => self.of_function(made, levels),
            () => self.of_receiver(made, levels),
        }
    }

    /// A router made in a function that is mounted, or of a program.
    fn of_function(&self, site: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let root = Prefix { text: String::new(), known: true, mounts: Vec::new() };
        let Some(levels) = levels.down() else { return vec![root] };
        let around = site.signal.enclosing.map(|def| Place { file: site.file, def });
        let Some(around) = around.and_then(|p| self.function_around(p)) else { return vec![root] };
        if let Some(groups) = self.handed.get(&around) {
            return groups.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect();
        }
        match self.mounted.get(&around) {
            Some(mounts) => mounts.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect(),
            None => vec![root],
        }
    }

    fn function_around(&self, place: Place) -> Option<Place> {
        let facts = self.input.files[place.file].facts;
        let mut at = Some(place.def);
        while let Some(def) = at {
            if facts.def(def).kind.is_callable() {
                return Some(Place { file: place.file, def });
            }
            at = facts.def(def).container;
        }
        None
    }

    /// What goes before the router that calls give a parameter.
    fn given(&self, parameter: Place, levels: Levels) -> Option<Vec<Prefix>> {
        let levels = levels.down()?;
        let facts = self.input.files[parameter.file].facts;
        let function = facts.def(parameter.def).container?;
        if let Some(groups) = self.handed.get(&Place { file: parameter.file, def: function }) {
            return Some(groups.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect());
        }
        let position = position(facts, function, parameter.def)?;
        let callers = self.callers.get(&Place { file: parameter.file, def: function })?;
        let mut out = Vec::new();
        for site in callers.iter().map(|n| self.sites[*n]).take(16) {
            match site.call.arguments.get(position) {
                Some(Argument::Name(at) | Argument::Call(at)) => out.extend(self.of_value(&site, *at, levels)),
                _ => continue,
            }
        }
        (!out.is_empty()).then_some(out)
    }
}

/// Does a file import one of the table's frameworks?
pub(super) fn imports_framework(input: &PassInput, table: &HttpTable, file: usize) -> bool {
    let facts = input.files[file].facts;
    let is_below = |module: &str, of: &str| module.strip_prefix(of).is_some_and(|rest| !rest.starts_with(|c: char| c.is_alphanumeric() || c == '_'));
    facts.imports.iter().any(|i| table.modules.iter().any(|m| is_below(facts.name(i.module), m)))
}

/// `rack_slots` as the name of a class.
fn camel(name: &str) -> String {
    let upper = |word: &str| word[..1].to_ascii_uppercase() + &word[1..];
    name.split('_').filter(|w| !w.is_empty() && w.is_char_boundary(1)).map(upper).collect()
}

/// The position of a parameter, the receiver not counted.
fn position(facts: &compass_facts::Facts, function: DefId, parameter: DefId) -> Option<usize> {
    let body = facts.def(function).name_span.end;
    let all = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Parameter && d.container == Some(function) && d.name_span.start >= body);
    all.map(|(i, _)| i).position(|i| i == parameter.index())
}

pub(super) fn joined(prefix: &str, path: &str) -> String {
    if path.is_empty() {
        return prefix.to_owned();
    }
    let whole = format!("{}/{}", prefix.trim_end_matches('/'), path.trim_start_matches('/'));
    if whole.len() > 1 { whole.trim_end_matches('/').to_owned() } else { whole }
}
