//! Calls of procedures and what serves them, by the services that descriptions define.
//!
//! # How it works
//! Generators name what they make after the service: a client is made by `PlannerStub(…)` or is of a type `PlannerClient`, a server extends
//! `PlannerServicer`. The rooms' tables say how ([`RpcTable`]), `{}` stands for the service. A call on a client, named like a procedure in one of
//! the ways generators write names, meets the description and every server. Where a language takes whatever has the methods for a server, a type
//! that has all of them, in a file that mentions the service, is a likely one.

use super::frameworks;
use super::http::{enclosing, side};
use super::string_evaluation::{calls, calls_in};
use compass_facts::{CallSignal, Facts, Flags, Kind, Language, Role, ScopeId};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
use rustc_hash::FxHashMap;
use serde::Deserialize;
use std::collections::BTreeMap;

/// How generated code of a language names what belongs to a service.
#[derive(Debug, Default, Deserialize)]
#[serde(default, deny_unknown_fields)]
pub struct RpcTable {
    /// Calls that make a client.
    pub makers: Vec<String>,
    /// Types of clients.
    pub clients: Vec<String>,
    /// Types that servers extend or implement.
    pub servers: Vec<String>,
    /// Ends of the names of calls that a client has beside those of the procedures.
    pub call_endings: Vec<String>,
    /// Is a type a server that has all procedures, without saying so?
    pub by_shape: bool,
}

impl RpcTable {
    /// Reads a room's table.
    ///
    /// # Panics
    /// If the text is none: rooms are compiled with it, and a test of each reads it.
    #[must_use]
    pub fn read(text: &str) -> RpcTable {
        toml::from_str(text).expect("a table of services")
    }

    /// May a call of that name make a client?
    #[must_use]
    pub fn is_maker(&self, name: &str) -> bool {
        self.makers.iter().any(|pattern| stands_for(pattern, name).is_some())
    }
}

/// A service of a description.
#[derive(Debug)]
pub struct Service {
    /// Its name, without its package.
    pub name: String,
    /// Where it is described.
    pub place: Place,
    /// Its procedures, by their names.
    pub procedures: BTreeMap<String, Place>,
}

/// What `{}` in a pattern stands for in a name.
fn stands_for<'n>(pattern: &str, name: &'n str) -> Option<&'n str> {
    let (before, after) = pattern.split_once("{}")?;
    let inner = name.strip_prefix(before)?.strip_suffix(after)?;
    (!inner.is_empty()).then_some(inner)
}

/// See the module.
#[derive(Debug)]
pub(super) struct Rpc;

impl LinkPass for Rpc {
    fn name(&self) -> &'static str {
        "rpc"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let services: Vec<Service> = frameworks::all().flat_map(|f| f.services(input)).collect();
        let mut out = PassOutput::default();
        if !services.is_empty() {
            let found = Sides::find(input, &services);
            found.meet(input, &services, &mut out);
        }
        out
    }
}

/// A procedure: the number of its service, and its name.
type Procedure = (usize, String);

#[derive(Default)]
struct Sides<'a> {
    /// What serves a procedure; is it said to?
    servers: BTreeMap<Procedure, Vec<(Place, bool)>>,
    callers: Vec<(usize, &'a compass_facts::Signal, &'a CallSignal, Procedure, bool)>,
}

impl<'a> Sides<'a> {
    fn find(input: &PassInput<'a>, services: &[Service]) -> Self {
        let mut out = Sides::default();
        for (file, here) in input.files.iter().enumerate() {
            if let Some(table) = table_of(here.language) {
                out.find_servers(input, services, file, table);
            }
        }
        let kept = kept_clients(input, services);
        for (file, signal, call) in calls(input).filter(|(_, _, c)| !c.marks) {
            let Some(table) = table_of(input.files[file].language) else { continue };
            let name = input.files[file].facts.name(call.name);
            let name = table.call_endings.iter().find_map(|e| name.strip_suffix(e.as_str())).unwrap_or(name);
            for (n, service) in services.iter().enumerate() {
                let Some(procedure) = service.procedures.keys().find(|p| is_written(p, name)) else { continue };
                if let Some(sure) = is_client(input, table, service, &kept, n, file, call) {
                    out.callers.push((file, signal, call, (n, procedure.clone()), sure));
                }
            }
        }
        out
    }

    fn find_servers(&mut self, input: &PassInput, services: &[Service], file: usize, table: &RpcTable) {
        let facts = input.files[file].facts;
        let mut methods: BTreeMap<ScopeId, Vec<(&str, Place)>> = BTreeMap::new();
        for (i, def) in facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Method && !d.flags.has(Flags::BODILESS) && d.body.is_some()) {
            methods.entry(def.scope).or_default().push((facts.name(def.name), Place { file, def: compass_facts::DefId(i as u32) }));
        }
        for own in methods.values() {
            let owner = own.first().and_then(|m| facts.def(m.1.def).container);
            let bases: Vec<&str> = facts.bases.iter().filter(|b| Some(b.0) == owner).filter_map(|b| facts.type_word(b.1)).collect();
            for (n, service) in services.iter().enumerate() {
                let is_said = bases.iter().any(|base| table.servers.iter().any(|p| stands_for(p, base) == Some(service.name.as_str())));
                let serves = |procedure: &String| own.iter().find(|m| is_written(procedure, m.0)).map(|m| m.1);
                let has_all = || table.by_shape && service.procedures.keys().all(|p| serves(p).is_some()) && mentions(facts, table, &service.name);
                if is_said || has_all() {
                    for procedure in service.procedures.keys() {
                        let found = serves(procedure).map(|place| (place, is_said));
                        self.servers.entry((n, procedure.clone())).or_default().extend(found);
                    }
                }
            }
        }
    }

    fn meet(self, input: &PassInput, services: &[Service], out: &mut PassOutput) {
        let mut called: BTreeMap<&Procedure, bool> = BTreeMap::new();
        for (file, signal, call, procedure, sure) in &self.callers {
            let service = &services[procedure.0];
            let label = format!("{}.{}", service.name, procedure.1);
            let name = compass_facts::Span { start: call.at, end: call.at + input.files[*file].facts.name(call.name).len() as u32 };
            called.insert(procedure, true);
            let served = self.servers.get(procedure).map_or(&[][..], |s| s);
            let described = service.procedures[&procedure.1];
            let alone = served.len() == 1;
            let reached = served.iter().map(|(place, said)| (*place, *said && alone)).chain([(described, true)]);
            for (place, is_sure) in reached {
                let to = &input.files[place.file];
                out.crossings.push((
                    *file,
                    Crossing {
                        kind: CrossingKind::Rpc,
                        from: enclosing(input, *file, signal.enclosing),
                        at: name,
                        to: to.symbol(place.def),
                        role: Role::Call,
                        label: label.clone(),
                        certainty: if *sure && is_sure { Certainty::Proven } else { Certainty::Inferred },
                        evidence: vec![
                            side(input, *file, name),
                            side(input, described.file, described_at(input, described)),
                            side(input, place.file, described_at(input, place)),
                        ],
                    },
                ));
            }
            if served.is_empty() {
                out.loose.push((*file, Loose { kind: CrossingKind::Rpc, at: name, label, cause: LooseCause::NoServer }));
            }
        }
        for (procedure, served) in self.servers.iter().filter(|(p, s)| !s.is_empty() && !called.contains_key(p)) {
            let label = format!("{}.{}", services[procedure.0].name, procedure.1);
            for (place, _) in served {
                out.loose
                    .push((place.file, Loose { kind: CrossingKind::Rpc, at: described_at(input, *place), label: label.clone(), cause: LooseCause::NoCaller }));
            }
        }
    }
}

fn described_at(input: &PassInput, place: Place) -> compass_facts::Span {
    input.files[place.file].facts.def(place.def).name_span
}

fn table_of(language: Language) -> Option<&'static RpcTable> {
    frameworks::of(language)?.rpc()
}

/// Variables and fields that hold clients, with the numbers of their services.
fn kept_clients(input: &PassInput, services: &[Service]) -> FxHashMap<Place, usize> {
    let mut out = FxHashMap::default();
    for (file, _, call) in calls(input) {
        let Some(table) = table_of(input.files[file].language) else { continue };
        let name = input.files[file].facts.name(call.name);
        let made = |service: &Service| table.makers.iter().any(|p| stands_for(p, name) == Some(service.name.as_str()));
        if let Some(n) = services.iter().position(made)
            && let Some((place, _)) = call.bound.and_then(|b| input.meaning(file, b))
        {
            out.insert(place, n);
        }
    }
    out
}

/// Is a call made on a client of a service? Whether that is sure, if it is.
fn is_client(input: &PassInput, table: &RpcTable, service: &Service, kept: &FxHashMap<Place, usize>, n: usize, file: usize, call: &CallSignal) -> Option<bool> {
    let is_type = |word: &str| table.clients.iter().any(|p| stands_for(p, word) == Some(service.name.as_str()));
    // The method of generated code.
    if let Some((place, certainty)) = input.meaning(file, call.at) {
        let facts = input.files[place.file].facts;
        let owner = facts.def(place.def).container.map(|c| facts.def_name(c));
        return owner.filter(|o| is_type(o)).map(|_| certainty == Certainty::Proven);
    }
    let at = call.receiver?;
    if let Some(made) = calls_in(input, file).find(|(_, c)| c.at == at) {
        let name = input.files[file].facts.name(made.1.name);
        return table.makers.iter().any(|p| stands_for(p, name) == Some(service.name.as_str())).then_some(true);
    }
    let (place, _) = input.meaning(file, at)?;
    if kept.get(&place) == Some(&n) {
        return Some(true);
    }
    let facts = input.files[place.file].facts;
    let declared = facts.type_word(facts.def(place.def).ty?)?;
    is_type(declared).then_some(true)
}

/// A procedure as generators write its name: as it is, beginning small, in small letters with lines between.
fn is_written(procedure: &str, name: &str) -> bool {
    if procedure == name {
        return true;
    }
    if !procedure.chars().zip(name.chars()).next().is_some_and(|(a, b)| a.eq_ignore_ascii_case(&b)) {
        return false;
    }
    let plain = |text: &str| text.chars().filter(|c| *c != '_').flat_map(char::to_lowercase).collect::<String>();
    name.starts_with(char::is_lowercase) && plain(procedure) == plain(name)
}

/// Does a file mention a service by a name that generators make?
fn mentions(facts: &Facts, table: &RpcTable, service: &str) -> bool {
    facts.names.iter().any(|name| table.servers.iter().any(|p| stands_for(p, name).is_some_and(|s| s == service || s.ends_with(service))))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::as_it_is("PlanNight", "PlanNight", true)]
    #[case::small("PlanNight", "planNight", true)]
    #[case::lines("PlanNight", "plan_night", true)]
    #[case::another("PlanNight", "PlanDay", false)]
    #[case::letters_of_another_name("PlanNight", "Plannight", false)]
    fn names_of_procedures(#[case] procedure: &str, #[case] name: &str, #[case] same: bool) {
        assert_eq!(is_written(procedure, name), same);
    }
}
