//! Requests and the routes that answer them, matched by method and path.
//!
//! # How it works
//! The frameworks of each language give routes, with the prefixes of everything they are mounted under. [`client`]
//! collects requests: calls of the platform's and libraries' functions, followed through functions that wrap them, with constants put in.
//! [`paths`] brings both to segments and compares. A request meets the routes of its method and path; the more specific route wins.

mod by_name;
mod client;
mod file_routes;
mod marked;
mod paths;
mod routers;
mod table;

pub use paths::{Segment, route_segments};
pub use table::{HttpTable, RequestCall};

use super::frameworks::{self, Route};
use super::string_evaluation::Constants;
use client::Request;
use compass_facts::{Role, Span};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Step, StepKind, StepPlace, SymbolId};

/// See the module.
#[derive(Debug)]
pub(super) struct Http;

impl LinkPass for Http {
    fn name(&self) -> &'static str {
        "http"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let constants = Constants::new(input);
        let mut routes: Vec<Route> = frameworks::all().flat_map(|f| f.routes(input, &constants)).collect();
        for (language, frameworks) in frameworks::by_language() {
            if let Some(table) = frameworks.table() {
                let is_of = |other: compass_facts::Language| other.is_kin_of(language);
                routes.extend(routers::routes(input, &constants, table, is_of));
                routes.extend(marked::routes(input, &constants, table, is_of));
                routes.extend(file_routes::routes(input, table, is_of));
            }
        }
        let mut out = PassOutput::default();
        if routes.is_empty() {
            return out;
        }
        by_name::name_routes(input, &constants, &mut routes);
        let requests = client::requests(input, &constants);
        let mut answered = vec![false; routes.len()];
        for request in &requests {
            meet(input, request, &routes, &mut answered, &mut out);
        }
        by_name::meet(input, &constants, &routes, &mut answered, &mut out);
        by_name::meet_endings(input, &routes, &mut answered, &mut out);
        for (route, _) in routes.iter().zip(answered).filter(|(_, a)| !a) {
            let label = format!("{} {}", route.method.as_deref().unwrap_or("any"), route.path);
            out.loose.push((route.file, Loose { kind: CrossingKind::Http, at: route.at, label, cause: LooseCause::NoRequest }));
        }
        out
    }
}

fn meet(input: &PassInput, request: &Request, routes: &[Route], answered: &mut [bool], out: &mut PassOutput) {
    let method_fits = |r: &Route| match (&request.method, &r.method) {
        (Some(a), Some(b)) => a == b || (a == "HEAD" && b == "GET"),
        _ => true,
    };
    let (mut best, mut other_method) = fitting(input, request, routes, &method_fits, &paths::fit);
    if best.is_empty() && !other_method {
        (best, other_method) = fitting(input, request, routes, &method_fits, &paths::fit_with_longer_value);
    }
    let handed_on = request.path.handed_on().filter(|_| best.is_empty() && !other_method);
    if let Some(path) = &handed_on {
        let by_parameter = |_: &paths::Asked, route: &[Segment]| paths::fit(path, route).map(|f| paths::Fit { whole: false, ..f });
        (best, other_method) = fitting(input, request, routes, &method_fits, &by_parameter);
    }
    let Some(top) = best.iter().map(|b| b.0).max() else {
        if request.quiet || request.path.elsewhere {
            return;
        }
        let cause = match (other_method, request.path.is_known() && !request.given) {
            (true, _) => LooseCause::OtherMethod,
            (_, true) => LooseCause::NoRoute,
            (_, false) => LooseCause::Unknown,
        };
        let path = handed_on.as_ref().unwrap_or(&request.path);
        let label = format!("{} {path}", request.method.as_deref().unwrap_or("any"));
        out.loose.push((request.file, Loose { kind: CrossingKind::Http, at: request.at, label, cause }));
        return;
    };
    let fitting: Vec<usize> = best.iter().filter(|b| b.0 == top).map(|b| b.1).collect();
    let alone = fitting.len() == 1;
    for n in fitting {
        answered[n] = true;
        let route = &routes[n];
        let is_written = top.same > 0 || route.segments.is_empty();
        let sure = alone && is_written && !request.path.elsewhere && top.whole && request.method.is_some() && request.sure && route.sure;
        let mut evidence = vec![side(input, request.file, request.at)];
        evidence.extend(request.through.iter().map(|(file, at)| Step { kind: StepKind::Passed, ..side(input, *file, *at) }));
        evidence.push(side(input, route.file, route.at));
        evidence.extend(route.mounts.iter().map(|(file, at)| Step { kind: StepKind::Passed, ..side(input, *file, *at) }));
        let crossing = Crossing {
            kind: CrossingKind::Http,
            from: enclosing(input, request.file, request.enclosing),
            at: request.at,
            to: route.handler,
            role: Role::Call,
            label: format!("{} {}", request.method.as_deref().or(route.method.as_deref()).unwrap_or("any"), route.path),
            certainty: if sure { Certainty::Proven } else { Certainty::Inferred },
            evidence,
        };
        out.crossings.push((request.file, crossing));
    }
}

/// How a path may fit a route's.
type FitBy<'f> = dyn Fn(&paths::Asked, &[Segment]) -> Option<paths::Fit> + 'f;

/// The routes that fit a request, and whether some fit but for their method.
fn fitting(input: &PassInput, request: &Request, routes: &[Route], method_fits: &dyn Fn(&Route) -> bool, by: &FitBy) -> (Vec<(paths::Fit, usize)>, bool) {
    let mut best = Vec::new();
    let mut other_method = false;
    for (n, route) in routes.iter().enumerate() {
        let Some(fit) = by(&request.path, &route.segments) else { continue };
        // A host of somebody else answers most of what values alone would fit, and routes of tests answer their own requests.
        // Where it is not known what goes before it, a route of values alone would fit most of what anybody asks for.
        let says_nothing = fit.same == 0 && !route.segments.is_empty() && (request.path.elsewhere || !route.sure && request.path.is_known());
        if says_nothing || is_of_other_test(input, request.file, route.file) {
            continue;
        }
        if method_fits(route) {
            best.push((fit, n));
        } else {
            other_method = true;
        }
    }
    (best, other_method)
}

/// Is a route declared in a test, and asked for from another file?
fn is_of_other_test(input: &PassInput, asking: usize, declaring: usize) -> bool {
    let there = &input.files[declaring];
    asking != declaring && compass_index::is_test_path(there.path, there.language) && folder(input.files[asking].path) != folder(there.path)
}

fn folder(path: &str) -> &str {
    path.rsplit_once('/').map_or("", |p| p.0)
}

/// A place as evidence.
pub(super) fn side(input: &PassInput, file: usize, at: Span) -> Step {
    Step { kind: StepKind::Side, symbol: SymbolId::module(input.files[file].id), place: StepPlace::Bytes(at) }
}

/// The definition around, or the file.
pub(super) fn enclosing(input: &PassInput, file: usize, def: Option<compass_facts::DefId>) -> SymbolId {
    let here = &input.files[file];
    def.map_or(SymbolId::module(here.id), |d| here.symbol(d))
}
