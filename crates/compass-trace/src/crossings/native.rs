//! Names for the system's linker: declarations that ask for one, libraries opened at run time, and the code that answers them.

mod given;

use super::http::{enclosing, side};
use compass_facts::{Flags, Kind, Role, ScopeId, SignalKind, Span};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
pub use given::AsksNatives;
use rustc_hash::{FxHashMap, FxHashSet};

/// See the module.
#[derive(Debug)]
pub(super) struct Native;

impl LinkPass for Native {
    fn name(&self) -> &'static str {
        "native"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let exports = Exports::new(input);
        let given = given::Given::new(input, &exports);
        let mut out = PassOutput::default();
        for (file, here) in input.files.iter().enumerate() {
            for signal in &here.facts.signals {
                if let SignalKind::NativeImport(def, name, of_library) = &signal.kind {
                    let place = here.facts.def(*def).name_span;
                    let from =
                        Asker { file, at: place, enclosing: Some(*def), role: Role::Call, own: Some(Place { file, def: *def }), of_library: *of_library };
                    let name = here.facts.name(*name);
                    // What has another name for the linker may be given at run time.
                    let given = || if exports.find(name).is_empty() { given.only(here.language, here.facts.def_name(*def)) } else { None };
                    match given() {
                        Some((function, said)) => cross(input, &from, here.facts.def_name(*def), (function, Certainty::Inferred), Some(said), &mut out),
                        None => exports.meet(input, &from, name, &mut out),
                    }
                }
            }
        }
        for frameworks in super::frameworks::all() {
            frameworks.natives(input, &mut |asker, name, only_if_answered| {
                if !only_if_answered || !exports.find(name).is_empty() {
                    exports.meet(input, asker, name, &mut out);
                }
            });
        }
        given.meet(input, &mut out);
        out
    }
}

/// What asks for a native name.
#[derive(Debug)]
pub struct Asker {
    /// The file.
    pub file: usize,
    /// Where the name stands.
    pub at: Span,
    /// The definition around.
    pub enclosing: Option<compass_facts::DefId>,
    /// What is done with it.
    pub role: Role,
    /// The declaration itself, which does not answer itself.
    pub own: Option<Place>,
    /// It says of which library, and that may be one that is not here.
    pub of_library: bool,
}

/// Native symbols by name, bodies first.
struct Exports<'a> {
    by_name: FxHashMap<&'a str, Vec<(Place, bool)>>,
}

impl<'a> Exports<'a> {
    fn new(input: &PassInput<'a>) -> Self {
        let mut by_name: FxHashMap<&'a str, Vec<(Place, bool)>> = FxHashMap::default();
        let asked: FxHashSet<&str> = input.files.iter().flat_map(|f| f.facts.signals.iter().filter_map(|s| asked(f.facts, s))).collect();
        for (file, here) in input.files.iter().enumerate() {
            let facts = here.facts;
            if here.language.profile().exports_names {
                for (i, d) in facts.definitions.iter().enumerate() {
                    let linked = matches!(d.kind, Kind::Function | Kind::Variable)
                        && d.scope == ScopeId::FILE
                        && !d.flags.has(Flags::STATIC)
                        && !d.flags.has(Flags::PRIVATE);
                    if linked {
                        let place = Place { file, def: compass_facts::DefId(i as u32) };
                        let name = facts.name(d.name);
                        by_name.entry(name).or_default().push((place, d.body.is_some()));
                        // Overloads have their parameters behind two low lines.
                        if let Some(stem) = name.split_once("__").map(|n| n.0).filter(|n| asked.contains(n)) {
                            by_name.entry(stem).or_default().push((place, d.body.is_some()));
                        }
                    }
                }
            }
            for signal in &facts.signals {
                if let SignalKind::NativeExport(def, name) = &signal.kind {
                    by_name.entry(facts.name(*name)).or_default().push((Place { file, def: *def }, true));
                }
            }
        }
        for all in by_name.values_mut() {
            if all.iter().any(|e| e.1) {
                all.retain(|e| e.1);
            } else {
                // Declared here, defined elsewhere: one declaration stands for all.
                all.truncate(1);
            }
        }
        Exports { by_name }
    }

    /// What answers a name.
    fn find(&self, name: &str) -> &[(Place, bool)] {
        self.by_name.get(name).map_or(&[], Vec::as_slice)
    }

    /// The only function of a name.
    fn only(&self, name: &str) -> Option<Place> {
        let [(place, _)] = self.find(name) else { return None };
        Some(*place)
    }

    fn meet(&self, input: &PassInput, asker: &Asker, name: &str, out: &mut PassOutput) {
        let answers: Vec<Place> = self.find(name).iter().map(|e| e.0).filter(|p| Some(*p) != asker.own).collect();
        if answers.is_empty() {
            out.loose.push((asker.file, Loose { kind: CrossingKind::Native, at: asker.at, label: name.to_owned(), cause: LooseCause::NoExport }));
            return;
        }
        let alone = answers.len() == 1;
        for place in answers.into_iter().take(8) {
            let has_body = input.files[place.file].facts.def(place.def).body.is_some();
            let certainty = if alone && has_body && !asker.of_library { Certainty::Proven } else { Certainty::Inferred };
            cross(input, asker, name, (place, certainty), None, out);
        }
    }
}

/// The name that a declaration asks the linker for.
fn asked<'a>(facts: &'a compass_facts::Facts, signal: &compass_facts::Signal) -> Option<&'a str> {
    if let SignalKind::NativeImport(_, name, _) = &signal.kind { Some(facts.name(*name)) } else { None }
}

/// Records that one who asks meets a function; `said` is where that is given its name.
fn cross(input: &PassInput, asker: &Asker, label: &str, (to, certainty): (Place, Certainty), said: Option<(usize, Span)>, out: &mut PassOutput) {
    let target = &input.files[to.file];
    let sides = [Some((asker.file, asker.at)), said, Some((to.file, target.facts.def(to.def).name_span))];
    let crossing = Crossing {
        kind: CrossingKind::Native,
        from: enclosing(input, asker.file, asker.enclosing),
        at: asker.at,
        to: target.symbol(to.def),
        role: asker.role,
        label: label.to_owned(),
        certainty,
        evidence: sides.into_iter().flatten().map(|(file, at)| side(input, file, at)).collect(),
    };
    out.crossings.push((asker.file, crossing));
}
