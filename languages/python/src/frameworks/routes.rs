//! Routes as applications declare them: decorators, calls, tables of paths, and what they are mounted under.

use compass_facts::bounds::Levels;
use compass_facts::{Argument, CallSignal, DefId, Flags, Kind, Span};
use compass_index::{PassInput, Place};
use compass_trace::crossings::frameworks::{Constants, Piece, Route, calls, calls_in, named, route_segments};
use rustc_hash::FxHashMap;

/// Names of decorators and calls that are methods themselves.
const METHODS: [&str; 8] = ["get", "post", "put", "patch", "delete", "head", "options", "trace"];

/// Things that hold routes, by the call that makes them.
const ROUTERS: [&str; 6] = ["Flask", "Blueprint", "FastAPI", "APIRouter", "Starlette", "Router"];

/// A mount: the parent (none when it is not known), the prefix, where.
type Mount = (Option<Place>, String, bool, (usize, Span));

/// A prefix: its text, whether all of it is known, the mounts on the way.
type Prefix = (String, bool, Vec<(usize, Span)>);

#[derive(Default)]
struct Routers {
    /// Their own prefix.
    own: FxHashMap<Place, (String, bool)>,
    /// Names that stand before those of their routes.
    called: FxHashMap<Place, String>,
    /// Routers made in a function, which gives them back.
    made_in: FxHashMap<Place, Vec<Place>>,
    mounts: FxHashMap<Place, Vec<Mount>>,
}

/// All routes.
pub(super) fn routes(input: &PassInput, constants: &Constants) -> Vec<Route> {
    let mut routers = Routers::default();
    for (file, signal, call) in python_calls(input) {
        routers.note_router(input, constants, file, signal.enclosing, call);
    }
    for (file, signal, call) in python_calls(input) {
        routers.note_mount(input, constants, file, signal.span, call);
    }
    let mut out = Vec::new();
    for (file, signal, call) in python_calls(input) {
        declared(input, constants, &routers, file, signal.span, call, &mut out);
    }
    tables_of_paths(input, constants, &mut out);
    out
}

fn python_calls<'a>(input: &PassInput<'a>) -> Vec<(usize, &'a compass_facts::Signal, &'a CallSignal)> {
    calls(input).filter(|(file, ..)| input.files[*file].language == crate::PYTHON).collect()
}

/// A text without holes.
fn plain(input: &PassInput, constants: &Constants, file: usize, argument: Option<&Argument>) -> Option<(String, bool)> {
    let pieces = constants.pieces(input, file, argument?, None)?;
    let known = !pieces.iter().any(|p| !matches!(p, Piece::Text(_)));
    let text = pieces.iter().filter_map(|p| if let Piece::Text(t) = p { Some(t.as_str()) } else { None }).collect();
    Some((text, known))
}

impl Routers {
    fn note_router(&mut self, input: &PassInput, constants: &Constants, file: usize, around: Option<DefId>, call: &CallSignal) {
        let facts = input.files[file].facts;
        let Some(bound) = call.bound.filter(|_| ROUTERS.contains(&facts.name(call.name))) else { return };
        let Some((place, _)) = input.meaning(file, bound) else { return };
        let prefix = plain(input, constants, file, named(facts, call, &["url_prefix", "prefix"]));
        self.own.insert(place, prefix.unwrap_or((String::new(), true)));
        if let Some((name, true)) = plain(input, constants, file, call.arguments.first()).filter(|_| facts.name(call.name) == "Blueprint") {
            self.called.insert(place, name);
        }
        if let Some(def) = around {
            self.made_in.entry(Place { file, def }).or_default().push(place);
        }
    }

    fn note_mount(&mut self, input: &PassInput, constants: &Constants, file: usize, at: Span, call: &CallSignal) {
        let facts = input.files[file].facts;
        let parent = call.receiver.and_then(|r| input.meaning(file, r)).map(|m| m.0);
        let (child, prefix, replaces) = match facts.name(call.name) {
            "register_blueprint" => (call.arguments.first(), named(facts, call, &["url_prefix"]), true),
            "include_router" => (call.arguments.first().or(named(facts, call, &["router"])), named(facts, call, &["prefix"]), false),
            "mount" => (call.arguments.get(1).or(named(facts, call, &["app"])), call.arguments.first().or(named(facts, call, &["path"])), false),
            _ => return,
        };
        let children = match child {
            Some(Argument::Name(at)) => input.meaning(file, *at).map(|m| vec![m.0]),
            Some(Argument::Call(at)) => input.meaning(file, *at).and_then(|m| self.made_in.get(&m.0).cloned()),
            _ => None,
        };
        let prefix_text = prefix.map(|p| plain(input, constants, file, Some(p)).unwrap_or((String::new(), false)));
        for child in children.unwrap_or_default() {
            // A blueprint's own prefix gives way to the one it is registered with.
            let own = self.own.get(&child).cloned().unwrap_or_default();
            let (text, known) = match (&prefix_text, replaces) {
                (Some(p), true) => p.clone(),
                (Some(p), false) => (format!("{}{}", p.0, own.0), p.1 && own.1),
                (None, _) => own,
            };
            self.mounts.entry(child).or_default().push((parent, text, known, (file, at)));
        }
    }

    /// All prefixes a router's routes have: the text, whether all of it is known, the mounts on the way.
    fn prefixes(&self, router: Place, levels: Levels) -> Vec<Prefix> {
        let own = self.own.get(&router).cloned();
        let (Some(mounts), Some(levels)) = (self.mounts.get(&router), levels.down()) else {
            let (text, known) = own.unwrap_or((String::new(), false));
            return vec![(text, known, Vec::new())];
        };
        let mut out = Vec::new();
        for (parent, text, known, place) in mounts {
            let above = match parent {
                Some(parent) if *parent != router => self.prefixes(*parent, levels),
                _ => vec![(String::new(), parent.is_some(), Vec::new())],
            };
            for (before, sure, mut places) in above {
                places.push(*place);
                out.push((format!("{before}{text}"), sure && *known, places));
            }
        }
        out
    }
}

/// What a call declares, if it declares a route.
fn declared(input: &PassInput, constants: &Constants, routers: &Routers, file: usize, at: Span, call: &CallSignal, out: &mut Vec<Route>) {
    let facts = input.files[file].facts;
    let name = facts.name(call.name);
    let path = call.arguments.first().filter(|a| matches!(a, Argument::Text(..) | Argument::Name(_))).or(named(facts, call, &["path", "rule"]));
    let (handlers, default) = match (name, call.decorates) {
        (_, Some(def)) if METHODS.contains(&name) => (vec![(None, Place { file, def })], Some(name.to_ascii_uppercase())),
        ("route" | "api_route", Some(def)) => (of_class(input, Place { file, def }), Some("GET".to_owned())),
        ("websocket" | "websocket_route", Some(def)) => (vec![(None, Place { file, def })], None),
        ("add_url_rule", None) => (view(input, file, named(facts, call, &["view_func"]).or(call.arguments.get(2))), Some("GET".to_owned())),
        ("add_api_route" | "add_route", None) => (view(input, file, call.arguments.get(1).or(named(facts, call, &["endpoint"]))), Some("GET".to_owned())),
        _ => return,
    };
    let Some((text, known)) = plain(input, constants, file, path) else { return };
    let router = call.receiver.and_then(|r| input.meaning(file, r)).map(|m| m.0);
    let prefixes = match router {
        Some(router) => routers.prefixes(router, Levels::VALUES),
        None => vec![(String::new(), false, Vec::new())],
    };
    let methods = listed(input, constants, file, named(facts, call, &["methods"]));
    let endpoint = plain(input, constants, file, named(facts, call, &["endpoint"])).or_else(|| Some((written_endpoint(facts, call)?, true)));
    let before = router.and_then(|r| routers.called.get(&r)).map_or_else(String::new, |name| format!("{name}."));
    for (own_method, handler) in &handlers {
        let methods: Vec<Option<String>> = match (own_method, &methods) {
            (Some(own), _) => vec![Some(own.clone())],
            (None, Some(listed)) if METHODS.contains(&name) => vec![default.clone().or_else(|| listed.first().cloned())],
            (None, Some(listed)) => listed.iter().cloned().map(Some).collect(),
            (None, None) => vec![default.clone()],
        };
        for method in methods {
            for (prefix, sure, mounts) in &prefixes {
                let path = joined(prefix, &text);
                out.push(Route {
                    method: method.clone(),
                    segments: route_segments(&path),
                    path,
                    handler: input.files[handler.file].symbol(handler.def),
                    file,
                    at,
                    mounts: mounts.clone(),
                    sure: *sure && known,
                    names: endpoint.iter().map(|(name, _)| format!("{before}{name}")).collect(),
                });
            }
        }
    }
}

/// The name that a route has without an `endpoint`: that of its function.
fn written_endpoint(facts: &compass_facts::Facts, call: &CallSignal) -> Option<String> {
    let by_view = || match named(facts, call, &["view_func"]).or(call.arguments.get(1)) {
        Some(Argument::Text(parts, _)) => match parts.as_slice() {
            [compass_facts::TextPart::Text(name)] => Some(facts.name(*name).to_owned()),
            _ => None,
        },
        Some(Argument::Name(at)) => facts.find_use_at(*at).map(|u| facts.name(facts.usage(u).name).to_owned()),
        _ => None,
    };
    call.decorates.map(|def| facts.def_name(def).to_owned()).or_else(by_view)
}

fn joined(prefix: &str, path: &str) -> String {
    let path = format!("{}/{}", prefix.trim_end_matches('/'), path.trim_start_matches('/'));
    if path.len() > 1 { path.trim_end_matches('/').to_owned() } else { path }
}

fn listed(input: &PassInput, constants: &Constants, file: usize, argument: Option<&Argument>) -> Option<Vec<String>> {
    match argument? {
        Argument::List(all) => Some(all.iter().filter_map(|a| plain(input, constants, file, Some(a))).map(|t| t.0.to_ascii_uppercase()).collect()),
        _ => None,
    }
}

/// A function, or a class whose methods are named by what they answer.
fn of_class(input: &PassInput, place: Place) -> Vec<(Option<String>, Place)> {
    let facts = input.files[place.file].facts;
    if facts.def(place.def).kind != Kind::Class {
        return vec![(None, place)];
    }
    let methods =
        facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Method && d.container == Some(place.def) && !d.flags.has(Flags::BODILESS));
    let answering: Vec<(Option<String>, Place)> = methods
        .filter(|(_, d)| METHODS.contains(&facts.name(d.name)))
        .map(|(i, d)| (Some(facts.name(d.name).to_ascii_uppercase()), Place { file: place.file, def: DefId(i as u32) }))
        .collect();
    // What answers may be that of a base which is not here.
    if answering.is_empty() { vec![(None, place)] } else { answering }
}

/// What a call gives as the view: a function, or `Class.as_view(…)`.
fn view(input: &PassInput, file: usize, argument: Option<&Argument>) -> Vec<(Option<String>, Place)> {
    let place = match argument {
        Some(Argument::Name(at)) => input.meaning(file, *at),
        Some(Argument::Call(at)) => {
            let made = calls_in(input, file).find(|(_, c)| c.at == *at);
            made.and_then(|(_, c)| c.receiver).and_then(|r| input.meaning(file, r))
        }
        _ => None,
    };
    place.map(|p| of_class(input, p.0)).unwrap_or_default()
}

/// `urlpatterns`: tables of `path(…)`, which include each other by module name.
fn tables_of_paths(input: &PassInput, constants: &Constants, out: &mut Vec<Route>) {
    let tables: Vec<usize> = (0..input.files.len()).filter(|f| is_table(input, *f)).collect();
    let mut prefixes = TablePrefixes::default();
    let mut regions = Regions::default();
    for file in &tables {
        for (signal, call) in calls_in(input, *file) {
            if let Some(Argument::Call(at)) = call.arguments.get(1)
                && let Some((of, region)) = included_here(input, *file, *at)
                && let Some((text, _)) = plain(input, constants, *file, call.arguments.first())
            {
                let text = written_path(input, *file, call, text);
                regions.entry(of).or_default().push(Region { whole: region, text, included: (*file, signal.span) });
            }
            if let Some(Argument::Call(at)) = call.arguments.get(1)
                && let Some(module) = included(input, constants, *file, *at)
                && let Some(target) = tables.iter().find(|t| is_module(input.files[**t].path, &module))
                && let Some((text, _)) = plain(input, constants, *file, call.arguments.first())
            {
                prefixes.entry(*target).or_default().push((text, (*file, signal.span)));
            }
        }
    }
    for file in &tables {
        for (signal, call) in calls_in(input, *file) {
            let facts = input.files[*file].facts;
            if !matches!(facts.name(call.name), "path" | "re_path" | "url") {
                continue;
            }
            let Some((text, known)) = plain(input, constants, *file, call.arguments.first()) else { continue };
            let text = written_path(input, *file, call, text);
            for (method, handler) in view(input, *file, call.arguments.get(1)) {
                for (before, mounts) in before(&prefixes, &regions, (*file, signal.span), Levels::VALUES) {
                    let path = joined(&before, &text);
                    out.push(Route {
                        method: method.clone(),
                        segments: route_segments(&path),
                        path,
                        handler: input.files[handler.file].symbol(handler.def),
                        file: *file,
                        at: signal.span,
                        mounts,
                        sure: known,
                        names: Vec::new(),
                    });
                }
            }
        }
    }
}

/// A part of a file whose paths stand below another: a list that is written in an `include`, or kept under a name that one is given.
struct Region {
    whole: Span,
    text: String,
    /// The call with the `include`.
    included: (usize, Span),
}

type Regions = FxHashMap<usize, Vec<Region>>;

/// What goes before a path at a place.
fn before(prefixes: &TablePrefixes, regions: &Regions, (file, at): (usize, Span), levels: Levels) -> Vec<(String, Vec<(usize, Span)>)> {
    let Some(levels) = levels.down() else { return Vec::new() };
    let around = || regions.get(&file).into_iter().flatten().filter(|r| r.whole.covers(at) && r.included.1 != at);
    let Some(innermost) = around().map(|r| r.whole.len()).min() else { return table_prefixes(prefixes, file, levels) };
    let mut out = Vec::new();
    for region in around().filter(|r| r.whole.len() == innermost) {
        for (text, mut mounts) in before(prefixes, regions, region.included, levels) {
            mounts.push(region.included);
            out.push((joined(&text, &region.text), mounts));
        }
    }
    out
}

/// The file and part of it that `include([…])` or `include(patterns)` at an offset brings in.
fn included_here(input: &PassInput, file: usize, at: u32) -> Option<(usize, Span)> {
    let (signal, call) = calls_in(input, file).find(|(_, c)| c.at == at)?;
    if input.files[file].facts.name(call.name) != "include" {
        return None;
    }
    // A list may stand in a pair with the name of the application.
    let first = match call.arguments.first()? {
        Argument::List(all) if matches!(all.first(), Some(Argument::Name(_) | Argument::List(_))) => all.first()?,
        other => other,
    };
    match first {
        Argument::List(_) => Some((file, signal.span)),
        Argument::Name(at) => {
            let (place, _) = input.meaning(file, *at)?;
            let def = input.files[place.file].facts.def(place.def);
            (def.kind.is_variable() && def.whole.len() > def.name_span.len()).then_some((place.file, def.whole))
        }
        _ => None,
    }
}

/// The path as it is written: a pattern of a regular expression, but for `path`.
fn written_path(input: &PassInput, file: usize, call: &compass_facts::CallSignal, text: String) -> String {
    if input.files[file].facts.name(call.name) == "path" { text } else { from_pattern(&text) }
}

type TablePrefixes = FxHashMap<usize, Vec<(String, (usize, Span))>>;

fn table_prefixes(prefixes: &TablePrefixes, file: usize, levels: Levels) -> Vec<(String, Vec<(usize, Span)>)> {
    let (Some(mounts), Some(levels)) = (prefixes.get(&file), levels.down()) else { return vec![(String::new(), Vec::new())] };
    let mut out = Vec::new();
    for (text, place) in mounts {
        for (before, mut places) in table_prefixes(prefixes, place.0, levels) {
            places.push(*place);
            out.push((joined(&before, text), places));
        }
    }
    out
}

/// Does the file import the makers of such tables?
fn is_table(input: &PassInput, file: usize) -> bool {
    let here = &input.files[file];
    here.language == crate::PYTHON
        && here.facts.imports.iter().any(|i| here.facts.name(i.module).starts_with("django.urls") || here.facts.name(i.module) == "django.conf.urls")
}

/// The module that `include("a.urls")` at an offset names.
fn included(input: &PassInput, constants: &Constants, file: usize, at: u32) -> Option<String> {
    let (_, call) = calls_in(input, file).find(|(_, c)| c.at == at)?;
    (input.files[file].facts.name(call.name) == "include").then(|| plain(input, constants, file, call.arguments.first())).flatten().map(|t| t.0)
}

fn is_module(path: &str, module: &str) -> bool {
    let wanted = format!("{}.py", module.replace('.', "/"));
    path == wanted || path.ends_with(&format!("/{wanted}"))
}

/// A path of a regular pattern: `^a/(?P<id>\d+)/$`.
fn from_pattern(pattern: &str) -> String {
    let text = pattern.trim_start_matches('^').trim_end_matches('$');
    let mut out = String::new();
    let mut depth = 0;
    for c in text.chars() {
        match c {
            '(' => {
                if depth == 0 {
                    out.push_str("<v>");
                }
                depth += 1;
            }
            ')' => depth -= 1,
            '\\' | '?' => {}
            c if depth == 0 => out.push(c),
            _ => {}
        }
    }
    out
}
