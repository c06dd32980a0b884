//! Names for the system's linker: Rust's `extern` blocks, Python's `ctypes` and `cffi`, and the C and Rust that answer them.

use super::http::{enclosing, side};
use super::string_evaluation::calls;
use compass_facts::{Argument, DefId, Flags, Kind, Role, ScopeId, Shape, SignalKind, Span, TextPart, TypeExpr, TypeId};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, Loose, LooseCause, PassInput, PassOutput, Place};
use rustc_hash::{FxHashMap, FxHashSet};

/// See the module.
#[derive(Debug)]
pub(super) struct Native;

/// Calls that open a library.
const OPENERS: [&str; 9] = ["CDLL", "LoadLibrary", "PyDLL", "WinDLL", "OleDLL", "dlopen", "verify", "load_library", "cdll"];

/// Classes whose values are libraries.
const CLASSES: [&str; 4] = ["CDLL", "PyDLL", "WinDLL", "OleDLL"];

/// Members of a native function that describe it.
const DESCRIBING: [&str; 3] = ["argtypes", "restype", "errcheck"];

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
        python(input, &exports, &mut out);
        out
    }
}

/// What asks for a native name.
struct Asker {
    file: usize,
    at: Span,
    enclosing: Option<compass_facts::DefId>,
    role: Role,
    /// The declaration itself, which does not answer itself.
    own: Option<Place>,
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
            if here.language.profile().family == "c" {
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

/// Members of what opens a library are names in it.
fn python(input: &PassInput, exports: &Exports, out: &mut PassOutput) {
    let libraries = libraries(input);
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language.stored_word() == "python") {
        let facts = here.facts;
        let built = built_libraries(input, file);
        for (i, u) in facts.uses.iter().enumerate() {
            if !matches!(u.shape, Shape::Member(_)) || DESCRIBING.contains(&facts.name(u.name)) {
                continue;
            }
            // The receiver is the name before the dot; a call without arguments may stand between.
            let Some(before) = facts.uses[..i].iter().rev().take(3).find(|b| b.span.end < u.span.start && u.span.start - b.span.end <= 3) else { continue };
            let is_built = u.span.start - before.span.end == 1 && built.contains(facts.name(before.name));
            let meaning = input.meaning(file, before.span.start).map(|m| m.0);
            if !is_built && !meaning.is_some_and(|m| libraries.contains(&m)) {
                continue;
            }
            let name = facts.name(u.name);
            // Without an answer only calls are worth saying: other members may be the library object's own.
            if u.role == Role::Call || exports.by_name.contains_key(name) {
                let role = if u.role == Role::Call { Role::Call } else { Role::Ref };
                let asker = Asker { file, at: u.span, enclosing: u.enclosing, role, own: None };
                exports.meet(input, &asker, name, out);
            }
        }
    }
    for (file, signal, call) in calls(input).filter(|(f, ..)| input.files[*f].language.stored_word() == "python") {
        let facts = input.files[file].facts;
        let [Argument::Name(library), Argument::Text(parts, at)] = &call.arguments[..] else { continue };
        let known = input.meaning(file, *library).is_some_and(|m| libraries.contains(&m.0));
        if facts.name(call.name) == "getattr"
            && known
            && let [TextPart::Text(name)] = &parts[..]
        {
            let asker = Asker { file, at: *at, enclosing: signal.enclosing, role: Role::Ref, own: None };
            exports.meet(input, &asker, facts.name(*name), out);
        }
    }
}

/// Variables that hold a library, and functions that give one back.
fn libraries(input: &PassInput) -> FxHashSet<Place> {
    let mut out = FxHashSet::default();
    for (file, signal, call) in calls(input) {
        let here = &input.files[file];
        if here.language.stored_word() != "python" || !OPENERS.contains(&here.facts.name(call.name)) {
            continue;
        }
        if let Some((place, _)) = call.bound.and_then(|b| input.meaning(file, b)) {
            out.insert(place);
        }
        // A function that opens a library is mostly there to give it back.
        if let Some(def) = signal.enclosing
            && here.facts.def(def).kind == Kind::Function
        {
            out.insert(Place { file, def });
        }
    }
    // Names that are given what such a function gives back, or are declared to be a library.
    let functions = out.clone();
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language.stored_word() == "python") {
        for (i, d) in here.facts.definitions.iter().enumerate() {
            if d.kind.is_variable() && d.ty.is_some_and(|ty| is_library(input, file, ty, &functions, 0)) {
                out.insert(Place { file, def: DefId(i as u32) });
            }
        }
    }
    out
}

/// Does the type say that a value is a library: by the name of its class, or as what a function gives that opens one?
fn is_library(input: &PassInput, file: usize, ty: TypeId, functions: &FxHashSet<Place>, depth: u32) -> bool {
    let facts = input.files[file].facts;
    let further = |ty: &TypeId| depth < 4 && is_library(input, file, *ty, functions, depth + 1);
    match facts.ty(ty) {
        TypeExpr::Instance(of) => match facts.ty(*of) {
            TypeExpr::Member { name, .. } | TypeExpr::Name { name, .. } => CLASSES.contains(&facts.name(*name)),
            TypeExpr::Import(import) => facts.imports[import.index()].name.is_some_and(|n| CLASSES.contains(&facts.name(n))),
            _ => false,
        },
        TypeExpr::Call { of, .. } => match facts.ty(*of) {
            TypeExpr::Name { at, .. } => input.meaning(file, *at).is_some_and(|m| functions.contains(&m.0)),
            TypeExpr::Def(def) => functions.contains(&Place { file, def: *def }),
            _ => false,
        },
        TypeExpr::Union(parts) => parts.iter().any(further),
        _ => false,
    }
}

/// `from _made import ffi, lib`: a library built beforehand.
fn built_libraries<'a>(input: &PassInput<'a>, file: usize) -> FxHashSet<&'a str> {
    let facts = input.files[file].facts;
    let names = |module| facts.imports.iter().filter(move |i| i.module == module).filter_map(|i| i.name).map(|n| facts.name(n));
    facts
        .imports
        .iter()
        .filter(|i| i.name.is_some_and(|n| facts.name(n) == "lib") && names(i.module).any(|n| n == "ffi"))
        .filter_map(|i| i.bound)
        .map(|b| facts.name(b))
        .collect()
}
