//! Names for the system's linker: declarations that ask for one, libraries opened at run time, and the code that answers them.

use super::http::{enclosing, side};
use compass_facts::{Flags, Kind, Role, ScopeId, SignalKind, Span};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
use rustc_hash::FxHashMap;

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
        let mut out = PassOutput::default();
        for (file, here) in input.files.iter().enumerate() {
            for signal in &here.facts.signals {
                if let SignalKind::NativeImport(def, name) = &signal.kind {
                    let place = here.facts.def(*def).name_span;
                    let from = Asker { file, at: place, enclosing: Some(*def), role: Role::Call, own: Some(Place { file, def: *def }) };
                    exports.meet(input, &from, here.facts.name(*name), &mut out);
                }
            }
        }
        for frameworks in super::frameworks::all() {
            frameworks.natives(input, &mut |asker, name, only_if_answered| {
                if !only_if_answered || exports.by_name.contains_key(name) {
                    exports.meet(input, asker, name, &mut out);
                }
            });
        }
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
}

/// Native symbols by name, bodies first.
struct Exports<'a> {
    by_name: FxHashMap<&'a str, Vec<(Place, bool)>>,
}

impl<'a> Exports<'a> {
    fn new(input: &PassInput<'a>) -> Self {
        let mut by_name: FxHashMap<&'a str, Vec<(Place, bool)>> = FxHashMap::default();
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
                        by_name.entry(facts.name(d.name)).or_default().push((place, d.body.is_some()));
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

    fn meet(&self, input: &PassInput, asker: &Asker, name: &str, out: &mut PassOutput) {
        let answers: Vec<Place> = self.by_name.get(name).into_iter().flatten().map(|e| e.0).filter(|p| Some(*p) != asker.own).collect();
        if answers.is_empty() {
            out.loose.push((asker.file, Loose { kind: CrossingKind::Native, at: asker.at, label: name.to_owned(), cause: LooseCause::NoExport }));
            return;
        }
        let alone = answers.len() == 1;
        for place in answers.into_iter().take(8) {
            let target = &input.files[place.file];
            let has_body = target.facts.def(place.def).body.is_some();
            let crossing = Crossing {
                kind: CrossingKind::Native,
                from: enclosing(input, asker.file, asker.enclosing),
                at: asker.at,
                to: target.symbol(place.def),
                role: asker.role,
                label: name.to_owned(),
                certainty: if alone && has_body { Certainty::Proven } else { Certainty::Inferred },
                evidence: vec![side(input, asker.file, asker.at), side(input, place.file, target.facts.def(place.def).name_span)],
            };
            out.crossings.push((asker.file, crossing));
        }
    }
}
