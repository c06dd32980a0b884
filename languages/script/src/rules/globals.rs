//! Names that scripts have without any import: the declarations that come with the language, and those of further global files.
//!
//! # How it works
//! A declaration file without imports or exports of its own declares for all, as does a block `declare global`. The declarations of
//! the language itself (`lib.*.d.ts`) come with its compiler, in many files: an interface is written in parts, one a year, and counts as
//! one. Where a program has several compilers, the nearest speaks. Values that the language writes itself (texts, lists, functions)
//! have the members of the interfaces that stand for them.

use super::declaration_files::is_header;
use crate::rules::ScriptNames as _;
use compass_facts::{Facts, Flags, Kind, Literal, ScopeId, TypeExpr};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Namespace, Reason, Ty, World, closeness};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;
use rustc_hash::FxHashMap;
use std::rc::Rc;

/// Where a global name comes from; of several the first counts.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Origin {
    /// The language itself, by year.
    Language(u16),
    /// Packages and own files.
    Code,
    /// What browsers have.
    Browser,
    /// What stands in for browsers elsewhere: it declares the same once more.
    Worker,
}

/// What is met so often that a member of its may be guessed by its name.
const COMMON: [&str; 8] = ["Array", "Promise", "Map", "Set", "String", "Function", "Object", "Date"];

/// What functions are: the one that knows their parameters where there is one.
const FUNCTIONS: [&str; 2] = ["CallableFunction", "Function"];

/// The interfaces that stand for values that the language writes itself: names that are looked up though nobody mentions them.
pub(super) const STANDING: [&str; 11] =
    ["String", "Number", "Boolean", "RegExp", "CallableFunction", "NewableFunction", "Function", "Array", "Map", "Object", "IArguments"];

/// Scopes that declare for all.
#[derive(Default)]
pub(super) struct Globals {
    scopes: FxHashMap<(u32, ScopeId), Origin>,
}

impl Globals {
    pub(super) fn new(world: &World) -> Globals {
        let mut out = Globals::default();
        for (index, file) in world.files.iter().enumerate().filter(|(_, f)| f.language.is_kin_of(crate::TYPESCRIPT)) {
            let facts = world.facts(index as u32);
            let origin = if crate::packages::brings_language(&world.units[file.id.unit.0 as usize].name) { origin_of(&file.path) } else { None };
            if is_header(&file.path) && !is_module(facts) {
                out.scopes.insert((index as u32, ScopeId::FILE), origin.unwrap_or(Origin::Code));
            }
            let blocks = facts.definitions.iter().filter(|d| d.kind == Kind::Module && facts.name(d.name) == "global");
            out.scopes.extend(blocks.filter_map(|d| Some(((index as u32, d.inner?), Origin::Code))));
        }
        out
    }

    /// Does the scope declare for all?
    pub(super) fn has(&self, file: u32, scope: ScopeId) -> bool {
        !self.scopes.is_empty() && self.scopes.contains_key(&(file, scope))
    }

    fn origin(&self, world: &World, sym: DefRef) -> Option<Origin> {
        self.scopes.get(&(sym.file, world.def(sym).scope)).copied()
    }
}

/// `lib.es2015.core.d.ts`, `lib.dom.d.ts`.
fn origin_of(path: &str) -> Option<Origin> {
    let name = path.rsplit('/').next().unwrap_or(path).strip_prefix("lib.")?.strip_suffix(".d.ts")?;
    let first = name.split('.').next().unwrap_or(name);
    Some(match first {
        "dom" => Origin::Browser,
        "webworker" | "scripthost" => Origin::Worker,
        "esnext" => Origin::Language(u16::MAX),
        _ => Origin::Language(first.strip_prefix("es").and_then(|y| y.parse().ok()).unwrap_or(6)),
    })
}

/// Does a file import or export by itself? What stands in the blocks of other modules is theirs.
pub(crate) fn is_module(facts: &Facts) -> bool {
    let exports = |e: &compass_facts::Export| !matches!(facts.ty(e.what), TypeExpr::Name { scope, .. } if *scope != ScopeId::FILE);
    facts.imports.iter().any(|i| i.scope == ScopeId::FILE)
        || facts.definitions.iter().any(|d| d.scope == ScopeId::FILE && d.flags.has(Flags::EXPORTED))
        || facts.exports.iter().any(exports)
}

#[ext(GlobalNames)]
pub(crate) impl Evaluator<'_, '_> {
    /// Is it declared for all?
    fn is_global(&self, sym: DefRef) -> bool {
        self.script_files().globals.origin(self.world, sym).is_some()
    }

    /// Is it one of the declarations that come with the language, or a part of one?
    fn is_of_language(&self, sym: DefRef) -> bool {
        !matches!(self.script_files().globals.scopes.get(&(sym.file, ScopeId::FILE)), None | Some(Origin::Code))
    }

    /// Of guesses by a name alone: what the language declares is meant by few of them, and what browsers have by fewer.
    fn keep_likely(&self, file: u32, found: &mut Vec<(DefRef, Kind, Flags)>) {
        let origin = |s: &DefRef| self.script_files().globals.scopes.get(&(s.file, ScopeId::FILE)).copied().unwrap_or(Origin::Code);
        let unit = |f: u32| self.world.files[f as usize].id.unit;
        // A list is met more often than a thing of another package that has a member of that name as well.
        let is_own = found.iter().any(|f| unit(f.0.file) == unit(file));
        let is_common = |s: &DefRef| {
            let container = self.world.def(*s).container.map(|c| self.world.facts(s.file).def_name(c));
            container.is_none_or(|c| COMMON.contains(&c))
        };
        let is_of_language = found.iter().any(|f| matches!(origin(&f.0), Origin::Language(_)) && is_common(&f.0));
        found.retain(|f| match origin(&f.0) {
            Origin::Code => is_own || !is_of_language,
            Origin::Language(_) => !is_own && is_common(&f.0),
            Origin::Browser | Origin::Worker => false,
        });
    }

    /// What a name means that nothing around brings in.
    fn global(&self, file: u32, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let declared = self.declared_globally(file, name);
        let is_type = |s: &DefRef| self.world.def(*s).kind.is_type();
        let is_value = |s: &DefRef| !matches!(self.world.def(*s).kind, Kind::Interface | Kind::Alias | Kind::TypeParameter);
        let wanted: &dyn Fn(&DefRef) -> bool = if wanted == Namespace::Value { &is_value } else { &is_type };
        let mut fitting: Vec<DefRef> = declared.iter().copied().filter(wanted).collect();
        if fitting.is_empty() {
            fitting = declared;
        }
        let Some(first) = fitting.first().copied() else { return Lookup::none(Cause::NoDefinition) };
        // Parts of one interface count as one, whoever adds them; overloads stand together; another unit may mean another thing.
        let unit = |s: &DefRef| self.world.files[s.file as usize].id.unit;
        let kind = |s: &DefRef| self.world.def(*s).kind;
        let is_open = matches!(kind(&first), Kind::Interface | Kind::Class | Kind::Module);
        let mut units = vec![unit(&first)];
        fitting.retain(|s| {
            let is_part = is_open && matches!(kind(s), Kind::Interface | Kind::Module);
            let is_new = !is_part && !units.contains(&unit(s));
            if is_new {
                units.push(unit(s));
            }
            *s == first || is_new || kind(&first).is_callable() && s.file == first.file
        });
        let certainty = if units.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
        let hit = |s: DefRef| {
            let d = self.world.def(s);
            let reason = Reason { kind: StepKind::Scope, file: s.file, def: Some(s.def), at: d.name_span.start, len: d.name_span.len() };
            Hit { entity: Entity::DefRef(s), certainty, reasons: vec![reason] }
        };
        Lookup { hits: fitting.into_iter().map(hit).collect(), cause: Cause::NoDefinition }
    }

    /// The global declarations of a name, the one that counts most first.
    fn declared_globally(&self, file: u32, name: GlobalNameId) -> Vec<DefRef> {
        let world = self.world;
        let globals = &self.script_files().globals;
        if globals.scopes.is_empty() {
            // Somebody may declare it for all later.
            world.dependency_log.note(name);
            return Vec::new();
        }
        let own = world.files[file as usize].id.unit.0;
        let unit = |s: &DefRef| world.files[s.file as usize].id.unit.0;
        let seen = world.named(name).iter().filter(|s| self.modules.needs.sees(own, unit(s)));
        let mut found: Vec<(Origin, DefRef)> = seen.filter_map(|s| Some((globals.origin(world, *s)?, *s))).collect();
        let nearest = found.iter().filter(|f| f.0 != Origin::Code).max_by_key(|f| (closeness(world, file, f.1.file), f.1)).map(|f| unit(&f.1));
        found.retain(|(origin, s)| *origin == Origin::Code || Some(unit(s)) == nearest);
        let elsewhere = found.iter().any(|f| f.0 != Origin::Worker);
        found.retain(|f| f.0 != Origin::Worker || !elsewhere);
        // Some packages name what browsers have, with nothing in it.
        let is_empty = |s: &DefRef| world.def(*s).kind == Kind::Interface && world.def(*s).body.is_some_and(|b| b.len() < 4);
        found.sort_by_key(|f| (is_empty(&f.1), f.0, f.1));
        found.into_iter().map(|f| f.1).collect()
    }

    /// The parts of a global interface, if it has several. What stands in a later one comes before.
    fn parts_of_interface(&self, sym: DefRef) -> Vec<DefRef> {
        let def = self.world.def(sym);
        if !matches!(def.kind, Kind::Interface | Kind::Class) || !self.world.language(sym.file).is_kin_of(crate::TYPESCRIPT) || !self.is_global(sym) {
            return Vec::new();
        }
        let mut parts = self.declared_globally(sym.file, self.world.gid(sym.file, def.name));
        parts.retain(|s| *s == sym || self.world.def(*s).kind == Kind::Interface);
        parts.reverse();
        if parts.len() > 1 { parts } else { Vec::new() }
    }

    /// What a global type has as a thing by itself: the members of the variable of its name.
    fn static_side(&mut self, from: u32, sym: DefRef, name: GlobalNameId) -> Option<Lookup> {
        let def = self.world.def(sym);
        if def.kind != Kind::Interface || !self.world.language(sym.file).is_kin_of(crate::TYPESCRIPT) || !self.is_global(sym) {
            return None;
        }
        let is_variable = |s: &DefRef| self.world.def(*s).kind.is_variable();
        let variable = self.declared_globally(sym.file, self.world.gid(sym.file, def.name)).into_iter().find(is_variable)?;
        let value = self.item(variable).ty;
        // A variable of the very type has no other side.
        let found = match &value {
            Ty::Value(of, _) if *of != sym => self.members(from, &value, name),
            _ => return None,
        };
        (!found.is_empty()).then_some(found)
    }

    /// The value as one of the interface that stands for it, and how sure it is that this is the one.
    fn as_global(&self, file: u32, of: &Ty) -> Option<(Ty, Certainty)> {
        if !self.world.language(file).is_kin_of(crate::TYPESCRIPT) {
            return None;
        }
        let unknown = || Ty::Unknown(Cause::ReceiverUnknown);
        let (words, args, certainty): (&[&str], Vec<Ty>, Certainty) = match of {
            Ty::Literal(Literal::Text) => (&["String"], vec![], Certainty::Proven),
            Ty::Literal(Literal::Number) => (&["Number"], vec![], Certainty::Proven),
            Ty::Literal(Literal::Bool) => (&["Boolean"], vec![], Certainty::Proven),
            Ty::Literal(Literal::Regex) => (&["RegExp"], vec![], Certainty::Proven),
            Ty::Literal(Literal::Function) | Ty::Function(_) => (&FUNCTIONS, vec![], Certainty::Proven),
            Ty::Item(sym, ..) if self.world.def(*sym).kind.is_callable() => (&FUNCTIONS, vec![], Certainty::Proven),
            Ty::Item(sym, ..) if self.world.def(*sym).kind == Kind::Class => (&["NewableFunction", "Function"], vec![], Certainty::Proven),
            Ty::List(inner) => (&["Array"], vec![(**inner).clone()], Certainty::Proven),
            Ty::Tuple(parts) => (&["Array"], vec![Ty::union(parts.to_vec())], Certainty::Proven),
            // A map, or an object that is used as one.
            Ty::Map(inner) => (&["Map"], vec![unknown(), (**inner).clone()], Certainty::Inferred),
            // Whatever it is, it is an object.
            Ty::Value(..) => (&["Object"], vec![], Certainty::Inferred),
            Ty::ExternalType(gid, _) if self.world.name(*gid) == "arguments" => (&["IArguments"], vec![], Certainty::Proven),
            _ => return None,
        };
        let is_type = |s: &DefRef| self.world.def(*s).kind.is_type();
        let declared = |word: &&str| self.declared_globally(file, self.world.find_gid(word)?).into_iter().find(is_type);
        let sym = words.iter().find_map(declared)?;
        Some((Ty::Value(sym, args.into()), certainty))
    }

    /// Members of what the language writes itself.
    fn member_of_global(&mut self, file: u32, of: &Ty, name: GlobalNameId) -> Lookup {
        match of {
            Ty::Union(parts) => self.member_of_any_global(file, parts, name),
            Ty::ExternalType(gid, _) if self.world.name(*gid) == "globalThis" => self.global(file, name, Namespace::Value),
            _ => {
                let Some((value, certainty)) = self.as_global(file, of) else { return Lookup::none(Cause::Builtin) };
                let mut found = self.members(file, &value, name);
                for hit in &mut found.hits {
                    hit.certainty = hit.certainty.min(certainty);
                }
                found
            }
        }
    }

    fn member_of_any_global(&mut self, file: u32, parts: &[Ty], name: GlobalNameId) -> Lookup {
        let mut out = Lookup::none(Cause::Builtin);
        for part in parts.iter().filter(|p| !matches!(p, Ty::Value(..) | Ty::Union(_))) {
            for hit in self.member_of_global(file, part, name).hits {
                if !out.hits.iter().any(|h| h.entity == hit.entity) {
                    out.hits.push(hit);
                }
            }
        }
        out
    }

    /// The name and the arguments of a type that the language brings, declared here or not.
    fn brought<'t>(&self, ty: &'t Ty) -> Option<(&str, &'t Rc<[Ty]>)> {
        match ty {
            Ty::External(gid, args) => Some((self.world.name(*gid), args)),
            Ty::Value(sym, args) if self.world.language(sym.file).is_kin_of(crate::TYPESCRIPT) && self.is_global(*sym) => {
                Some((self.world.facts(sym.file).def_name(sym.def), args))
            }
            _ => None,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("node_modules/typescript/lib/lib.es5.d.ts", Some(Origin::Language(5)))]
    #[case("lib.es2015.symbol.wellknown.d.ts", Some(Origin::Language(2015)))]
    #[case("lib.esnext.array.d.ts", Some(Origin::Language(u16::MAX)))]
    #[case("lib.decorators.d.ts", Some(Origin::Language(6)))]
    #[case("lib.dom.iterable.d.ts", Some(Origin::Browser))]
    #[case("lib.webworker.d.ts", Some(Origin::Worker))]
    #[case("typescript.d.ts", None)]
    #[case("lib.es5.ts", None)]
    fn files_of_the_language_have_years(#[case] path: &str, #[case] wanted: Option<Origin>) {
        assert_eq!(origin_of(path), wanted);
    }

    #[test]
    fn the_language_counts_before_browsers() {
        let mut all = [Origin::Worker, Origin::Browser, Origin::Code, Origin::Language(2020), Origin::Language(5)];
        all.sort();
        assert_eq!(all, [Origin::Language(5), Origin::Language(2020), Origin::Code, Origin::Browser, Origin::Worker]);
    }
}
