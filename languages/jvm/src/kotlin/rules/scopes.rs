//! What a plain name means: outwards through scopes and what functions are called on, then the file, its imports, its package.

use super::expected::Expected as _;
use super::members::KotlinMembers as _;
use super::{Wanted, definition};
use crate::kotlin::reader::RECEIVER;
use crate::rules::JavaNames as _;
use crate::rules::scopes::Scopes as _;
use compass_facts::bounds::Levels;
use compass_facts::{Flags, Import, ImportId, ImportKind, Kind, ScopeId, ScopeKind};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Namespace, Reason, Target, Ty};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// Packages that need no import.
const DEFAULT: &[&str] =
    &["kotlin", "kotlin.collections", "kotlin.text", "kotlin.io", "kotlin.ranges", "kotlin.sequences", "kotlin.comparisons", "kotlin.annotation", "kotlin.jvm"];

/// And one that comes after them.
const JAVA: &str = "java.lang";

/// Places outside the scopes of a file where a name may come from, in order.
pub(super) const LEVELS: std::ops::Range<u32> = 0..5;

/// What is meant unless something nearer is.
fn doubted(mut found: Lookup) -> Lookup {
    found.hits.iter_mut().for_each(|h| h.certainty = h.certainty.min(Certainty::Inferred));
    found
}

#[ext(KotlinScopes)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// What a plain name means. Where the number of arguments is known, functions that do not take so many are passed over, as long as there are
    /// others farther out.
    fn kotlin_plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace, number: Option<usize>) -> Lookup {
        let facts = self.world.facts(file);
        let kinds = Wanted::of(wanted);
        if matches!(self.world.name(name), "this" | RECEIVER) {
            return self.kotlin_this(file, scope, self.world.name(name) == "this");
        }
        let mut cause = Cause::NoDefinition;
        let mut first = None;
        let mut was_held = false;
        let mut in_method = false;
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = match (s.kind, s.owner) {
                (ScopeKind::File, _) => {
                    let found = self.kotlin_file(file, name, kinds);
                    self.kotlin_fitting(file, scope, found)
                }
                (ScopeKind::Type, Some(owner)) => self.kotlin_in_class(file, id, DefRef { file, def: owner }, name, kinds, in_method),
                _ => self.kotlin_in_function(file, id, name, kinds),
            };
            if !found.is_empty() {
                // A property that holds a function may be meant, or a function farther out that takes what is given.
                let is_held =
                    number.is_some() && first.is_none() && found.hits.iter().all(|h| definition(h).is_some_and(|s| self.world.def(s).kind == Kind::Field));
                let takes = number.is_none_or(|n| found.hits.iter().any(|h| self.kotlin_takes(h, n) && (first.is_none() || self.kotlin_is_function(h))));
                if takes && !is_held {
                    return if was_held { doubted(found) } else { found };
                }
                was_held |= is_held;
                first.get_or_insert(found);
            } else if found.cause != Cause::NoDefinition {
                cause = found.cause;
            }
            // Parameters of a class are for what makes its values, not for its functions.
            in_method |= s.kind == ScopeKind::Function && s.owner.is_some_and(|o| !facts.def(o).name_span.is_empty());
            in_method &= s.kind != ScopeKind::Type;
            at = s.parent;
        }
        first.unwrap_or(Lookup::none(cause))
    }

    fn kotlin_is_function(&self, hit: &Hit) -> bool {
        definition(hit).is_some_and(|s| self.world.def(s).kind.is_callable())
    }

    /// May it be called with so many arguments? Of a class or a property only its own declarations tell.
    fn kotlin_takes(&self, hit: &Hit, number: usize) -> bool {
        let Some(s) = definition(hit) else { return true };
        let d = self.world.def(s);
        let is_other = !d.kind.is_callable() || d.kind == Kind::Constructor;
        is_other || d.arity == 255 && number >= d.required as usize || (d.required as usize..=d.arity as usize).contains(&number)
    }

    /// What a function literal or function is called on, the innermost that is known.
    fn kotlin_this(&mut self, file: u32, scope: ScopeId, only_known: bool) -> Lookup {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            for receiver in self.kotlin_receivers(file, id) {
                let is_known = !only_known || self.item(receiver).ty != Ty::Unknown(Cause::ReceiverUnknown) && !self.item(receiver).ty.is_unknown();
                if is_known {
                    return Lookup { hits: vec![self.by_name_hit(receiver, Certainty::Proven)], cause: Cause::NoDefinition };
                }
            }
            at = facts.scope(id).parent;
        }
        Lookup::none(Cause::ReceiverUnknown)
    }

    /// The parameters that stand for what a scope is called on.
    fn kotlin_receivers(&self, file: u32, scope: ScopeId) -> Vec<DefRef> {
        let Some(name) = self.world.find_gid(RECEIVER) else { return Vec::new() };
        self.world.bindings(file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None }).collect()
    }

    fn kotlin_in_function(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, kinds: &[Wanted]) -> Lookup {
        for kind in kinds {
            let own = self.kotlin_bound(file, scope, name, *kind);
            if !own.is_empty() {
                return own;
            }
        }
        for receiver in self.kotlin_receivers(file, scope) {
            let of = self.item(receiver).ty;
            if of.is_unknown() {
                continue;
            }
            for kind in kinds {
                let (mut found, _) = self.kotlin_members_of(&of, name, *kind, false);
                found.retain(|f| definition(&f.hit).is_none_or(|s| s.file == file || !self.world.def(s).flags.has(Flags::PRIVATE)));
                if !found.is_empty() {
                    let certainty = if matches!(of, Ty::Union(_)) { Certainty::Inferred } else { Certainty::Proven };
                    let hits = found.into_iter().map(|f| Hit { certainty: f.hit.certainty.min(certainty), ..f.hit }).collect();
                    return Lookup { hits, cause: Cause::NoDefinition };
                }
            }
        }
        Lookup::none(Cause::NoDefinition)
    }

    fn kotlin_in_class(&mut self, file: u32, scope: ScopeId, owner: DefRef, name: GlobalNameId, kinds: &[Wanted], in_method: bool) -> Lookup {
        let mut cause = Cause::NoDefinition;
        let parameters = self.kotlin_bound(file, scope, name, Wanted::Types);
        let is_parameter = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).kind == Kind::TypeParameter);
        if kinds == [Wanted::Types] && parameters.hits.iter().any(is_parameter) {
            return parameters;
        }
        for kind in kinds {
            if *kind == Wanted::Values && !in_method {
                let mut own = self.kotlin_bound(file, scope, name, Wanted::Values);
                own.hits.retain(|h| definition(h).is_some_and(|s| self.world.def(s).kind == Kind::Parameter));
                if !own.is_empty() {
                    return own;
                }
            }
            let value = Ty::Value(owner, Ty::no_args());
            let (mut found, why) = self.kotlin_members_of(&value, name, *kind, false);
            if found.is_empty() {
                let item = Ty::Item(owner, Ty::no_args(), None);
                found = self.kotlin_members_of(&item, name, *kind, false).0;
            }
            if !found.is_empty() {
                return Lookup { hits: found.into_iter().map(|f| f.hit).collect(), cause: Cause::NoDefinition };
            }
            if why == Cause::UnitAbsent {
                cause = why;
            }
        }
        Lookup::none(cause)
    }

    fn kotlin_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId, kind: Wanted) -> Lookup {
        let mut out = Lookup::none(Cause::NoDefinition);
        for binding in self.world.bindings(file, scope, name) {
            if let Binding::Def(def) = binding
                && kind.holds(self.world.facts(file).def(def).kind)
            {
                out.hits.push(self.by_name_hit(DefRef { file, def }, Certainty::Proven));
            }
        }
        out
    }

    /// What stands around a place without a word: what functions are called on, and the classes, the innermost first.
    fn kotlin_around(&mut self, file: u32, scope: ScopeId) -> Vec<Ty> {
        let facts = self.world.facts(file);
        let mut out = Vec::new();
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            if let (ScopeKind::Type, Some(owner)) = (s.kind, s.owner) {
                out.push(Ty::Value(DefRef { file, def: owner }, Ty::no_args()));
            }
            for receiver in self.kotlin_receivers(file, id) {
                let of = self.item(receiver).ty;
                if !of.is_unknown() && !out.contains(&of) {
                    out.push(of);
                }
            }
            at = s.parent;
        }
        out
    }

    /// Functions and properties that extend something, only where something around is of that type; those that fit best.
    fn kotlin_fitting(&mut self, file: u32, scope: ScopeId, found: Lookup) -> Lookup {
        let extended: Vec<_> = found.hits.iter().map(|h| definition(h).and_then(|s| self.kotlin_extended(s).map(|t| (s.file, t)))).collect();
        if extended.iter().all(Option::is_none) {
            return found;
        }
        let around = self.kotlin_around(file, scope);
        let mut fits: Vec<(u32, Hit)> = Vec::new();
        for (hit, extended) in found.hits.into_iter().zip(extended) {
            let fit = match extended {
                None => 1,
                Some((at, ty)) => {
                    let declared = self.evaluate(at, ty).ty;
                    around.iter().map(|of| self.kotlin_extends(&declared, of, Levels::TYPES)).find(|fit| *fit > 0).unwrap_or(0)
                }
            };
            fits.push((fit, hit));
        }
        let best = fits.iter().map(|f| f.0).max().unwrap_or(0);
        let hits: Vec<Hit> = fits.into_iter().filter(|f| f.0 > 0 && (f.0 == best || f.0 == 1)).map(|f| f.1).collect();
        Lookup { cause: if hits.is_empty() { Cause::ReceiverUnknown } else { found.cause }, hits }
    }

    /// What something named without a word in front is called on.
    fn kotlin_owner_of(&mut self, file: u32, scope: ScopeId, hit: &Hit) -> Ty {
        let Some(sym) = definition(hit) else { return Ty::Unknown(Cause::NoDefinition) };
        let container = self.world.def(sym).container.map(|def| DefRef { file: sym.file, def });
        let extended = self.kotlin_extended(sym);
        if container.is_none() && extended.is_none() {
            return Ty::Unknown(Cause::NoDefinition);
        }
        let around = self.kotlin_around(file, scope);
        if let Some(extended) = extended {
            let declared = self.evaluate(sym.file, extended).ty;
            return around.into_iter().find(|of| self.kotlin_extends(&declared, of, Levels::TYPES) > 0).unwrap_or(Ty::Unknown(Cause::NoDefinition));
        }
        let Some(container) = container else { return Ty::Unknown(Cause::NoDefinition) };
        for of in around {
            match &of {
                Ty::Value(class, _) if *class == container => return of,
                Ty::Value(class, args) if !args.is_empty() => {
                    if let Some(base) = self.kotlin_as(*class, args, container, Levels::BASES) {
                        return base;
                    }
                }
                _ => {}
            }
        }
        Ty::Value(container, Ty::no_args())
    }

    /// Imports, the package, star imports, in that order: the first that has any.
    fn kotlin_file(&mut self, file: u32, name: GlobalNameId, kinds: &[Wanted]) -> Lookup {
        let mut cause = Cause::NoDefinition;
        for level in LEVELS {
            let (found, why) = self.kotlin_level(file, name, level);
            // Functions that extend something need a receiver: they come last.
            let mut hits: Vec<Hit> = Vec::new();
            for kind in kinds {
                let of_kind: Vec<Hit> = found.iter().filter(|h| definition(h).is_some_and(|s| kind.holds(self.world.def(s).kind))).cloned().collect();
                // A class and functions of its name stand side by side.
                if hits.is_empty() || *kind == Wanted::Types && kinds.first() == Some(&Wanted::Functions) {
                    hits.extend(of_kind);
                }
            }
            if !hits.is_empty() {
                return Lookup { hits, cause: Cause::NoDefinition };
            }
            if why != Cause::NoDefinition {
                cause = why;
            }
        }
        Lookup::none(cause)
    }

    /// What one level of a file sees under a name: explicit imports, the package, star imports, packages that need no import.
    fn kotlin_level(&mut self, file: u32, name: GlobalNameId, level: u32) -> (Vec<Hit>, Cause) {
        let facts = self.world.facts(file);
        let mut cause = Cause::NoDefinition;
        let mut out = Vec::new();
        match level {
            0 => {
                let imports: Vec<ImportId> =
                    self.world.bindings(file, ScopeId::FILE, name).filter_map(|b| if let Binding::Import(id) = b { Some(id) } else { None }).collect();
                for id in imports {
                    let found = self.follow(file, id);
                    let is_external = found.hits.iter().any(|h| matches!(h.entity, Entity::External(_)));
                    if found.is_empty() || is_external {
                        cause = if is_external { Cause::UnitAbsent } else { found.cause };
                    }
                    out.extend(found.hits.into_iter().filter(|h| definition(h).is_some()));
                }
            }
            1 => {
                let package = self.java_packages().of(file).unwrap_or("").to_owned();
                out = self.jvm_in_package(&package, name);
            }
            2 => {
                let globs: Vec<ImportId> = self.world.globs(file).iter().map(|g| g.1).collect();
                for id in globs {
                    let import = facts.import(id);
                    let module = facts.name(import.module);
                    let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
                    let found = match self.java_packages().has(module) {
                        true => self.jvm_in_package(module, name),
                        false => match self.java_class(module) {
                            Some(class) => self.kotlin_static(class, name),
                            None => {
                                cause = Cause::UnitAbsent;
                                Vec::new()
                            }
                        },
                    };
                    out.extend(found.into_iter().map(|mut h| {
                        h.reasons.insert(0, reason);
                        h
                    }));
                }
            }
            3 => out.extend(DEFAULT.iter().flat_map(|package| self.jvm_in_package(package, name))),
            _ => out = self.jvm_in_package(JAVA, name),
        }
        (out, cause)
    }

    /// What belongs to a class itself, of whatever kind.
    fn kotlin_static(&mut self, class: DefRef, name: GlobalNameId) -> Vec<Hit> {
        let of = Ty::Item(class, Ty::no_args(), None);
        let mut out = Vec::new();
        for kind in [Wanted::Types, Wanted::Values, Wanted::Functions] {
            out.extend(self.kotlin_members_of(&of, name, kind, false).0.into_iter().map(|f| f.hit));
        }
        out
    }

    /// What a package has under a name, in whichever language it is written.
    fn jvm_in_package(&self, package: &str, name: GlobalNameId) -> Vec<Hit> {
        let world = self.world;
        let is_in =
            |s: &&DefRef| crate::is_jvm(world.language(s.file)) && world.def(**s).scope == ScopeId::FILE && self.java_packages().of(s.file) == Some(package);
        let mut found: Vec<DefRef> = world.named(name).iter().filter(is_in).copied().collect();
        self.drop_declarations(&mut found);
        found.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect()
    }

    fn kotlin_follow(&mut self, file: u32, import: &Import) -> Lookup {
        let facts = self.world.facts(file);
        let module = facts.name(import.module).to_owned();
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let Some(name) = import.name.map(|n| self.world.gid(file, n)) else { return Lookup::none(Cause::NoDefinition) };
        let mut hits = if self.java_packages().has(&module) { self.jvm_in_package(&module, name) } else { Vec::new() };
        if hits.is_empty()
            && let Some(class) = self.java_class(&module)
        {
            hits = self.kotlin_static(class, name);
        }
        if hits.is_empty() {
            return Lookup {
                hits: vec![Hit { entity: Entity::External(name), certainty: Certainty::Proven, reasons: vec![reason] }],
                cause: Cause::UnitAbsent,
            };
        }
        hits.iter_mut().for_each(|h| h.reasons.insert(0, reason));
        Lookup { hits, cause: Cause::NoDefinition }
    }

    /// The files an import leads to.
    fn kotlin_targets(&mut self, file: u32, import: &Import, module: &str) -> Vec<Target> {
        let package = Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false };
        let to_file = |s: DefRef| Target { entity: Entity::Module(s.file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false };
        if import.kind == ImportKind::Within || import.kind == ImportKind::Glob && self.java_packages().has(module) {
            return vec![package];
        }
        if import.kind == ImportKind::Glob {
            return self.java_class(module).map(to_file).into_iter().collect();
        }
        let found = self.kotlin_follow(file, import);
        found.hits.iter().filter_map(definition).map(to_file).take(1).collect()
    }
}
