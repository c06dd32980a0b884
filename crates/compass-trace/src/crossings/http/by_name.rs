//! Routes that are asked for by a name instead of a path: `racks.turn`, `racks:turn`.
//!
//! A route has the names that its declaration gives it, by a key or by a call behind it, and those that its framework makes. What is asked for
//! may stand below namespaces, before dots or colons; of routes of one name those that have the namespaces too are meant, then those that
//! are declared in a folder of such a name, in a file that says so of itself, or below such a folder or path.

use super::super::frameworks::{self, Route};
use super::super::string_evaluation::{Constants, Piece, calls, calls_in};
use super::client::Request;
use super::paths::Asked;
use super::{enclosing, side};
use compass_facts::{Argument, Facts, Role, SignalKind, Span, TextPart};
use compass_index::{Certainty, Crossing, CrossingKind, Loose, LooseCause, PassInput, PassOutput};
use rustc_hash::{FxHashMap, FxHashSet};

/// So many routes of one name are met.
const MOST: usize = 16;

/// Gives routes the names that stand in their declarations.
pub(super) fn name_routes(input: &PassInput, constants: &Constants, routes: &mut [Route]) {
    let mut by_file: FxHashMap<usize, Vec<usize>> = FxHashMap::default();
    for (n, route) in routes.iter().enumerate() {
        by_file.entry(route.file).or_default().push(n);
    }
    for (file, of_file) in by_file {
        let here = &input.files[file];
        let Some(table) = frameworks::of(here.language).and_then(|f| f.table()) else { continue };
        if table.name_keys.is_empty() && table.name_chains.is_empty() {
            continue;
        }
        for (signal, call) in calls_in(input, file) {
            let by_key = call.named.iter().find(|(key, _)| table.name_keys.iter().any(|k| k == here.facts.name(*key))).map(|(_, a)| a);
            let is_chain = table.name_chains.iter().any(|c| c == here.facts.name(call.name));
            let by_chain = call.arguments.first().filter(|a| is_chain && matches!(a, Argument::Text(..)));
            // Names by the path of a route have words that are said in their place already.
            for (argument, chained) in [(by_key.filter(|_| !table.named_by_path), false), (by_chain, true)] {
                let Some((name, true)) = argument.and_then(|a| constants.text(input, file, a)) else { continue };
                // A name given behind stands with its route in one chain of calls.
                let is_of = |at: Span| at == signal.span || chained && at.start == signal.span.start && at.end <= signal.span.end;
                for n in &of_file {
                    if is_of(routes[*n].at) {
                        routes[*n].names.push(name.clone());
                    }
                }
            }
        }
    }
}

/// Meets what asks by names.
pub(super) fn meet(input: &PassInput, constants: &Constants, routes: &[Route], answered: &mut [bool], out: &mut PassOutput) {
    let mut by_last: FxHashMap<&str, Vec<usize>> = FxHashMap::default();
    for (n, route) in routes.iter().enumerate() {
        route.names.iter().for_each(|name| by_last.entry(last(name)).or_default().push(n));
    }
    for (file, signal, call) in calls(input) {
        let here = &input.files[file];
        let Some(table) = frameworks::of(here.language).and_then(|f| f.table()) else { continue };
        let Some(asks) = table.named_requests.iter().find(|r| r.name == here.facts.name(call.name)) else { continue };
        let Some(pieces) = call.arguments.first().and_then(|a| constants.pieces(input, file, a, None)) else { continue };
        let at = signal.span;
        if matches!(pieces.first(), Some(Piece::Text(path)) if path.starts_with('/')) {
            // A path instead of a name: what makes addresses of either.
            let request = Request {
                method: None,
                path: Asked::new(&pieces),
                file,
                at,
                enclosing: signal.enclosing,
                through: Vec::new(),
                sure: false,
                given: false,
                quiet: asks.quiet,
            };
            super::meet(input, &request, routes, answered, out);
            continue;
        }
        let [Piece::Text(name)] = &pieces[..] else { continue };
        let (meant, is_said) = meant(input, name, by_last.get(last(name)).map_or(&[][..], |m| m), routes, file);
        if meant.is_empty() {
            // What is below a namespace, or a path, may be of a package that is not here.
            if !asks.quiet && !name.contains([':', '.', '/']) && !by_last.is_empty() && !asks.elsewhere.contains(name) {
                let label = format!("any route {name}");
                out.loose.push((file, Loose { kind: CrossingKind::Http, at, label, cause: LooseCause::NoRoute }));
            }
            continue;
        }
        let alone = meant.len() == 1;
        for n in meant.into_iter().take(MOST) {
            answered[n] = true;
            let route = &routes[n];
            let label = format!("{} {}", route.method.as_deref().unwrap_or("any"), route.path);
            let certainty = if alone && is_said && route.sure { Certainty::Proven } else { Certainty::Inferred };
            let evidence = vec![side(input, file, at), side(input, route.file, route.at)];
            let from = enclosing(input, file, signal.enclosing);
            out.crossings.push((file, Crossing { kind: CrossingKind::Http, from, at, to: route.handler, role: Role::Call, label, certainty, evidence }));
        }
    }
}

/// Meets names that stand alone, with an ending that says what they are: `racks_path`, `new_rack_url`.
pub(super) fn meet_endings(input: &PassInput, routes: &[Route], answered: &mut [bool], out: &mut PassOutput) {
    let mut by_name: FxHashMap<&str, Vec<usize>> = FxHashMap::default();
    for (n, route) in routes.iter().enumerate() {
        route.names.iter().for_each(|name| by_name.entry(name).or_default().push(n));
    }
    if by_name.is_empty() {
        return;
    }
    for (file, here) in input.files.iter().enumerate() {
        let Some(table) = frameworks::of(here.language).and_then(|f| f.table()).filter(|t| !t.name_endings.is_empty()) else { continue };
        let stem = |name: &'_ str| table.name_endings.iter().find_map(|e| name.strip_suffix(e.as_str()).map(str::len));
        let mut asked = Vec::new();
        for (signal, call) in calls_in(input, file) {
            let method = call.named.iter().find_map(|(_, a)| if let Argument::Text(parts, _) = a { parts.first() } else { None });
            let method = method.and_then(|p| if let TextPart::Text(t) = p { Some(here.facts.name(*t)) } else { None });
            asked.push((call.name, signal.span, signal.enclosing, method));
        }
        let told: FxHashSet<u32> = calls_in(input, file).map(|(_, call)| call.at).collect();
        for (i, u) in here
            .facts
            .uses
            .iter()
            .enumerate()
            .filter(|(_, u)| u.local.is_none() && !told.contains(&u.span.start) && (u.role == Role::Call || u.role.is_value()))
        {
            // A function of that name is no route.
            if stem(here.facts.name(u.name)).is_some() && here.links.find(compass_facts::UseId(i as u32)).is_none() {
                asked.push((u.name, u.span, u.enclosing, None));
            }
        }
        for (name, at, around, method) in asked {
            let name = here.facts.name(name);
            let Some(candidates) = stem(name).and_then(|len| by_name.get(&name[..len])) else { continue };
            let by_method: Vec<usize> =
                candidates.iter().copied().filter(|n| routes[*n].method.as_deref().is_none_or(|m| fits_method(method.unwrap_or("GET"), m))).collect();
            // Only where no method is said any may be meant.
            let mut meant = if by_method.is_empty() && method.is_none() { candidates.clone() } else { by_method };
            meant.sort_by_key(|n| (routes[*n].handler, *n));
            meant.dedup_by_key(|n| routes[*n].handler);
            for n in meant.into_iter().take(MOST) {
                answered[n] = true;
                let route = &routes[n];
                let label = format!("{} {}", route.method.as_deref().unwrap_or("any"), route.path);
                let evidence = vec![side(input, file, at), side(input, route.file, route.at)];
                let from = enclosing(input, file, around);
                let crossing =
                    Crossing { kind: CrossingKind::Http, from, at, to: route.handler, role: Role::Call, label, certainty: Certainty::Inferred, evidence };
                out.crossings.push((file, crossing));
            }
        }
    }
}

/// Is a route of a method meant, where that is said, or that something is sent (`POST`)?
fn fits_method(said: &str, of_route: &str) -> bool {
    match said {
        "POST" => of_route != "GET" && of_route != "DELETE",
        other => other == of_route,
    }
}

/// The routes that a name means: of one handler one, with the method of links where it has that; and whether code says all of the name.
fn meant(input: &PassInput, name: &str, candidates: &[usize], routes: &[Route], file: usize) -> (Vec<usize>, bool) {
    let fits = |n: &usize, by: &dyn Fn(&str) -> bool| routes[*n].names.iter().any(|own| last(own) == last(name) && by(own));
    // `.turn` is of the same file; else whole names go before those below the same namespace, and these before all others.
    let is_whole = |own: &str| own == name || name.strip_suffix(own).is_some_and(|before| before.ends_with(['.', ':']));
    let is_own = |n: &usize| name.starts_with('.') && routes[*n].file == file;
    let within: Vec<&str> = name.split(['.', ':']).rev().skip(1).filter(|w| !w.is_empty()).collect();
    let below = |n: &usize| {
        within.iter().any(|w| [routes[*n].path.as_str(), super::folder(input.files[routes[*n].file].path)].iter().any(|path| path.split('/').any(|p| p == *w)))
    };
    // Applications are called like the folders they are in.
    let beside = |n: &usize| within.first().is_some_and(|w| super::folder(input.files[routes[*n].file].path).rsplit('/').next() == Some(w));
    // The file keeps the namespace under a name.
    let calls_itself = |n: &usize| within.first().is_some_and(|w| has_constant(input.files[routes[*n].file].facts, w));
    let mut best: Vec<usize> = Vec::new();
    for pass in 0..5 {
        best = candidates
            .iter()
            .copied()
            .filter(|n| match pass {
                0 => is_own(n),
                1 => fits(n, &|own| own.contains(['.', ':']) && is_whole(own)),
                2 => fits(n, &|own| is_whole(own)) && (within.is_empty() || beside(n)),
                3 => fits(n, &|own| is_whole(own)) && calls_itself(n),
                _ => fits(n, &|own| is_whole(own)) && below(n),
            })
            .collect();
        if !best.is_empty() {
            break;
        }
    }
    best.sort_by_key(|n| (routes[*n].handler, routes[*n].method.as_deref() != Some("GET"), *n));
    best.dedup_by_key(|n| routes[*n].handler);
    let is_said = |n: &usize| within.is_empty() || calls_itself(n) || fits(n, &|own| own == name);
    let all_said = best.iter().all(is_said);
    (best, all_said)
}

/// Does a file keep that text under a name?
fn has_constant(facts: &Facts, text: &str) -> bool {
    facts.signals.iter().any(|s| match &s.kind {
        SignalKind::Constant(_, parts) => matches!(parts.as_slice(), [TextPart::Text(t)] if facts.name(*t) == text),
        _ => false,
    })
}

/// The name without namespaces.
fn last(name: &str) -> &str {
    name.rsplit(['.', ':']).next().unwrap_or(name)
}
