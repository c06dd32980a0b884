//! Libraries opened at run time: `ctypes` and `cffi`.

use compass_facts::bounds::Levels;
use compass_facts::{Argument, DefId, Kind, Role, Shape, TextPart, TypeExpr, TypeId};
use compass_index::{PassInput, Place};
use compass_trace::crossings::frameworks::{Asker, TakeNative, calls};
use rustc_hash::FxHashSet;

/// Calls that open a library.
const OPENERS: [&str; 9] = ["CDLL", "LoadLibrary", "PyDLL", "WinDLL", "OleDLL", "dlopen", "verify", "load_library", "cdll"];

/// Classes whose values are libraries.
const CLASSES: [&str; 4] = ["CDLL", "PyDLL", "WinDLL", "OleDLL"];

/// Members of a native function that describe it.
const DESCRIBING: [&str; 3] = ["argtypes", "restype", "errcheck"];

/// Members of what opens a library are names in it.
pub(super) fn natives(input: &PassInput, take: &mut TakeNative) {
    let libraries = libraries(input);
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language == crate::PYTHON) {
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
            let role = if u.role == Role::Call { Role::Call } else { Role::Ref };
            let asker = Asker { file, at: u.span, enclosing: u.enclosing, role, own: None, of_library: false };
            take(&asker, name, u.role != Role::Call);
        }
    }
    for (file, signal, call) in calls(input).filter(|(f, ..)| input.files[*f].language == crate::PYTHON) {
        let facts = input.files[file].facts;
        let [Argument::Name(library), Argument::Text(parts, at)] = &call.arguments[..] else { continue };
        let known = input.meaning(file, *library).is_some_and(|m| libraries.contains(&m.0));
        if facts.name(call.name) == "getattr"
            && known
            && let [TextPart::Text(name)] = &parts[..]
        {
            let asker = Asker { file, at: *at, enclosing: signal.enclosing, role: Role::Ref, own: None, of_library: false };
            take(&asker, facts.name(*name), false);
        }
    }
}

/// Variables that hold a library, and functions that give one back.
fn libraries(input: &PassInput) -> FxHashSet<Place> {
    let mut out = FxHashSet::default();
    for (file, signal, call) in calls(input) {
        let here = &input.files[file];
        if here.language != crate::PYTHON || !OPENERS.contains(&here.facts.name(call.name)) {
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
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language == crate::PYTHON) {
        for (i, d) in here.facts.definitions.iter().enumerate() {
            if d.kind.is_variable() && d.ty.is_some_and(|ty| is_library(input, file, ty, &functions, Levels::TYPES)) {
                out.insert(Place { file, def: DefId(i as u32) });
            }
        }
    }
    out
}

/// Does the type say that a value is a library: by the name of its class, or as what a function gives that opens one?
fn is_library(input: &PassInput, file: usize, ty: TypeId, functions: &FxHashSet<Place>, levels: Levels) -> bool {
    let Some(levels) = levels.down() else { return false };
    let facts = input.files[file].facts;
    let further = |ty: &TypeId| is_library(input, file, *ty, functions, levels);
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
