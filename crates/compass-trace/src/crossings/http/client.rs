//! Requests: calls of the platform's and libraries' functions, followed through functions that wrap them.

use super::super::string_evaluation::{Constants, Piece, calls, field, filled, is_given, named};
use super::frameworks::Requests;
use super::paths::Asked;
use super::{HttpTable, RequestCall};
use compass_facts::{Argument, CallSignal, DefId, Facts, Span};
use compass_index::{Certainty, PassInput, Place};
use rustc_hash::FxHashMap;

/// A request.
#[derive(Debug)]
pub(super) struct Request {
    /// Upper case, if known.
    pub(super) method: Option<String>,
    pub(super) path: Asked,
    pub(super) file: usize,
    /// The call.
    pub(super) at: Span,
    pub(super) enclosing: Option<DefId>,
    /// Calls inside the wrappers it goes through.
    pub(super) through: Vec<(usize, Span)>,
    /// Every call on the way is known for sure.
    pub(super) sure: bool,
    /// A part of the path comes from callers that are not there.
    pub(super) given: bool,
    /// It is left unsaid where nothing answers.
    pub(super) quiet: bool,
}

/// Methods of libraries that are named by what they ask.
const METHODS: [&str; 7] = ["get", "post", "put", "patch", "delete", "head", "options"];

/// Wrappers around wrappers are followed this far.
const MAX_DEPTH: usize = 4;

/// A call whose method and path are not settled yet.
#[derive(Debug, Clone)]
struct Draft {
    method: Vec<Piece>,
    path: Vec<Piece>,
    file: usize,
    at: Span,
    enclosing: Option<DefId>,
    through: Vec<(usize, Span)>,
    sure: bool,
    quiet: bool,
    /// Paths that the same call may ask for instead.
    others: Vec<Vec<Piece>>,
}

impl Draft {
    /// One for each path.
    fn each(mut self) -> Vec<Draft> {
        let others = std::mem::take(&mut self.others);
        let mut out: Vec<Draft> = others.into_iter().map(|path| Draft { path, ..self.clone() }).filter(|d| d.path != self.path).collect();
        out.insert(0, self);
        out
    }
}

/// A call of a wrapper: file, place, the function around, the call, and how sure it is that it means the wrapper.
type Caller<'a> = (usize, Span, Option<DefId>, &'a CallSignal, Certainty);

/// All requests.
pub(super) fn requests(input: &PassInput, constants: &Constants) -> Vec<Request> {
    let bases = bases(input, constants);
    let mut by_callee: FxHashMap<Place, Vec<Caller>> = FxHashMap::default();
    let mut drafts = Vec::new();
    for (file, signal, call) in calls(input) {
        let Some(frameworks) = super::frameworks::of(input.files[file].language) else { continue };
        let meaning = input.meaning(file, call.at);
        if let Some((place, certainty)) = meaning {
            by_callee.entry(place).or_default().push((file, signal.span, signal.enclosing, call, certainty));
        }
        if call.decorates.is_none() {
            let by_table = || frameworks.table().and_then(|table| asked_by_table(input, constants, table, file, signal, call, meaning.map(|m| m.0)));
            let draft = asked(input, constants, (&bases, frameworks.requests()), file, signal, call, meaning.map(|m| m.0));
            drafts.extend(draft.or_else(by_table).into_iter().flat_map(Draft::each));
        }
    }
    let mut out = Vec::new();
    for _ in 0..=MAX_DEPTH {
        let mut next = Vec::new();
        for draft in drafts {
            match draft.enclosing.filter(|_| is_given(&draft.path) || is_given(&draft.method)) {
                Some(wrapper) => {
                    let place = Place { file: draft.file, def: wrapper };
                    let callers = by_callee.get(&place).map_or(&[][..], |c| c);
                    if callers.is_empty() || is_settled(&draft, callers) {
                        out.push(settled(draft));
                        continue;
                    }
                    next.extend(callers.iter().map(|caller| passed_on(input, constants, &draft, caller)));
                }
                None => out.push(settled(draft)),
            }
        }
        drafts = next;
    }
    out.extend(drafts.into_iter().map(settled));
    // A path that is all unknown says nothing and meets nothing.
    out.retain(|r| r.path.is_known() || (!r.path.open && r.path.segments.is_empty()));
    out
}

/// Are the parameters only values between slashes, so that the path is decided here and not by the callers?
fn is_settled(draft: &Draft, callers: &[Caller]) -> bool {
    let text = |n: Option<usize>| n.and_then(|n| draft.path.get(n)).and_then(|p| if let Piece::Text(t) = p { Some(t.as_str()) } else { None });
    let value = |n: usize, given: u16| {
        let before = text(n.checked_sub(1)).is_some_and(|t| t.ends_with('/') && t.len() > 1);
        let last = n + 1 == draft.path.len();
        let after = last || text(Some(n + 1)).is_some_and(|t| t.starts_with(['/', '?']));
        // The last one may bring further segments: then a caller writes them.
        let texts = callers.iter().any(|c| matches!(c.3.arguments.get(given as usize), Some(Argument::Text(..))));
        before && after && !(last && texts)
    };
    !is_given(&draft.method) && draft.path.iter().enumerate().all(|(n, p)| if let Piece::Parameter(given) = p { value(n, *given) } else { true })
}

fn settled(draft: Draft) -> Request {
    let method = match &draft.method[..] {
        [Piece::Text(t)] => Some(t.to_ascii_uppercase()),
        _ => None,
    };
    let given = is_given(&draft.path) && !is_settled(&draft, &[]);
    Request {
        method,
        given,
        path: Asked::new(&draft.path),
        file: draft.file,
        at: draft.at,
        enclosing: draft.enclosing,
        through: draft.through,
        sure: draft.sure,
        quiet: draft.quiet,
    }
}

fn passed_on(input: &PassInput, constants: &Constants, draft: &Draft, caller: &Caller) -> Draft {
    let (file, at, enclosing, call, certainty) = caller;
    let facts = input.files[draft.file].facts;
    let given = |n: u16| {
        let argument = call.arguments.get(n as usize).or_else(|| {
            let receivers = input.files[draft.file].language.profile().members.receivers;
            let name = parameter_name(facts, receivers, draft.enclosing?, n)?;
            named(input.files[*file].facts, call, &[name])
        });
        argument.and_then(|a| constants.pieces(input, *file, a, *enclosing))
    };
    let mut method = filled(&draft.method, given);
    if method == [Piece::Hole] && is_given(&draft.method) && call.arguments.len() < 2 {
        // Left out: what wrappers take then is mostly a GET.
        method = vec![Piece::Text("GET".to_owned())];
    }
    let mut through = vec![(draft.file, draft.at)];
    through.extend(draft.through.iter().copied());
    Draft {
        method,
        path: filled(&draft.path, given),
        file: *file,
        at: *at,
        enclosing: *enclosing,
        through,
        sure: draft.sure && *certainty == Certainty::Proven,
        quiet: draft.quiet,
        others: Vec::new(),
    }
}

fn parameter_name<'f>(facts: &'f Facts, receivers: &[&str], function: DefId, n: u16) -> Option<&'f str> {
    let all = facts.definitions.iter().filter(|d| d.kind == compass_facts::Kind::Parameter && d.container == Some(function));
    all.map(|d| facts.name(d.name)).filter(|n| !receivers.contains(n)).nth(n as usize)
}

/// Clients made with an address that goes before every path.
fn bases(input: &PassInput, constants: &Constants) -> FxHashMap<Place, Vec<Piece>> {
    let mut out = FxHashMap::default();
    for (file, _, call) in calls(input) {
        let facts = input.files[file].facts;
        if !matches!(facts.name(call.name), "create" | "extend" | "Client" | "AsyncClient" | "Session") {
            continue;
        }
        let base = field(facts, call.arguments.first(), &["baseURL", "prefixUrl", "baseUrl"]).or(named(facts, call, &["base_url"]));
        let Some((place, _)) = call.bound.and_then(|b| input.meaning(file, b)) else { continue };
        let pieces = base.and_then(|b| constants.pieces(input, file, b, None)).unwrap_or_default();
        out.insert(place, pieces);
    }
    out
}

/// The request that a call makes as the table of its language has it.
fn asked_by_table(
    input: &PassInput,
    constants: &Constants,
    table: &HttpTable,
    file: usize,
    signal: &compass_facts::Signal,
    call: &CallSignal,
    callee: Option<Place>,
) -> Option<Draft> {
    let facts = input.files[file].facts;
    let name = facts.name(call.name);
    let receiver = call.receiver.and_then(|r| facts.find_use_at(r)).map(|u| facts.name(facts.usage(u).name));
    let is_of = |r: &RequestCall| r.of.is_empty() || receiver.is_some_and(|given| r.of.iter().any(|n| n == given));
    let made = table.requests.iter().find(|r| r.name == name && is_of(r))?;
    // Where any value may have a function of that name, one with a body is followed as a wrapper.
    if made.of.is_empty() && callee.is_some_and(|p| input.files[p.file].facts.def(p.def).body.is_some()) {
        return None;
    }
    let pieces = |at: usize| constants.pieces(input, file, call.arguments.get(at)?, signal.enclosing);
    let by_key = made.method_key.as_deref().and_then(|key| named(facts, call, &[key])).and_then(|a| constants.pieces(input, file, a, signal.enclosing));
    let method = match (&made.method, made.method_at) {
        _ if by_key.is_some() => by_key.unwrap_or_default(),
        (Some(method), _) => vec![Piece::Text(method.clone())],
        (None, Some(at)) => {
            let constant = || {
                let Some(Argument::Name(at)) = call.arguments.get(at) else { return None };
                table.method_of(facts.name(facts.usage(facts.find_use_at(*at)?).name))
            };
            constant().map(|m| vec![Piece::Text(m)]).or_else(|| pieces(at)).unwrap_or_else(|| vec![Piece::Hole])
        }
        (None, None) => vec![Piece::Hole],
    };
    // What any value may be called tells less than the name of a package that is imported.
    let of_package = |word: &str| {
        let is_it = |module: &str| table.modules.iter().any(|m| m == module) && module.rsplit(['/', '.']).next() == Some(word);
        facts.imports.iter().any(|i| is_it(facts.name(i.module)))
    };
    let address = call.arguments.get(made.path_at)?;
    let sure = (call.receiver.is_none() || receiver.is_some_and(of_package)) && !constants.may_change(input, file, address);
    Some(Draft {
        method,
        path: pieces(made.path_at)?,
        file,
        at: signal.span,
        enclosing: signal.enclosing,
        through: Vec::new(),
        sure,
        quiet: made.quiet,
        others: constants.later(input, file, address),
    })
}

/// The request a call makes by itself.
fn asked(
    input: &PassInput,
    constants: &Constants,
    (bases, words): (&FxHashMap<Place, Vec<Piece>>, &Requests),
    file: usize,
    signal: &compass_facts::Signal,
    call: &CallSignal,
    callee: Option<Place>,
) -> Option<Draft> {
    let facts = input.files[file].facts;
    let name = facts.name(call.name);
    let receiver = call.receiver.and_then(|r| input.meaning(file, r)).map(|m| m.0);
    let receiver_name = call.receiver.and_then(|r| facts.find_use_at(r)).map(|u| facts.name(facts.usage(u).name));
    let base = receiver.or(callee).and_then(|p| bases.get(&p));
    let is_library = base.is_some() || receiver_name.is_some_and(|n| words.libraries.contains(&n));
    // A function of the workspace by that name is followed as a wrapper; one that is only declared is the platform's.
    let is_declared = callee.is_none_or(|p| input.files[p.file].facts.def(p.def).body.is_none());
    let is_function = words.functions.contains(&name) && is_declared && receiver_name.is_none_or(|n| matches!(n, "window" | "globalThis" | "self"));
    let first = call.arguments.first();
    let options = call.arguments.get(1);
    let method_of = |argument: Option<&Argument>| field(facts, argument, &["method", "type"]).and_then(|m| constants.pieces(input, file, m, signal.enclosing));
    let get = || vec![Piece::Text("GET".to_owned())];
    let (method, path) = match name {
        _ if is_function && field(facts, first, &["url"]).is_some() => (method_of(first).unwrap_or_else(get), field(facts, first, &["url"])),
        _ if is_function => {
            let unknown = !matches!(options, None | Some(Argument::Fields(_)));
            (method_of(options).unwrap_or_else(|| if unknown { vec![Piece::Hole] } else { get() }), first)
        }
        "ajax" if is_library && field(facts, first, &["url"]).is_some() => (method_of(first).unwrap_or_else(get), field(facts, first, &["url"])),
        "ajax" if is_library => (method_of(options).unwrap_or_else(get), first),
        "getJSON" if is_library => (get(), first),
        "request" if is_library && field(facts, first, &["url"]).is_some() => (method_of(first).unwrap_or_else(get), field(facts, first, &["url"])),
        "request" if is_library => (constants.pieces(input, file, first?, signal.enclosing)?, call.arguments.get(1)),
        _ if is_library && METHODS.contains(&name) => (vec![Piece::Text(name.to_ascii_uppercase())], first.or(named(facts, call, &["url"]))),
        _ => return None,
    };
    let behind_base = |pieces: Vec<Piece>| base.cloned().unwrap_or_default().into_iter().chain(pieces).collect::<Vec<Piece>>();
    let pieces = behind_base(constants.pieces(input, file, path?, signal.enclosing)?);
    let others = constants.later(input, file, path?).into_iter().map(behind_base).collect();
    let sure = !constants.may_change(input, file, path?);
    Some(Draft { method, path: pieces, file, at: signal.span, enclosing: signal.enclosing, through: Vec::new(), sure, quiet: false, others })
}
