//! Members of types and values, of functions that extend them, of properties that Java writes as methods.

use super::calls::Calls as _;
use super::mapped::Mapped as _;
use super::scopes::{KotlinScopes as _, LEVELS};
use super::{Wanted, definition};
use crate::rules::members::Members as _;
use crate::rules::{Found, Names};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Definition, Facts, Flags, Kind, ScopeId, ScopeKind, TypeExpr, TypeId};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Meaning, Ty, put_in};
use compass_index::{Cause, Certainty};
use easy_ext::ext;
use std::rc::Rc;

/// What of a member is asked for.
#[derive(Clone, Copy)]
pub(crate) struct Asked<'a> {
    pub(crate) wanted: &'a [Wanted],
    pub(crate) is_written: bool,
    /// Arguments that it is called with.
    pub(crate) number: Option<usize>,
}

impl<'a> Asked<'a> {
    pub(crate) fn of(wanted: &'a [Wanted]) -> Self {
        Asked { wanted, is_written: false, number: None }
    }
}

/// What is defined from the first to the last token of a definition: definitions stand in the order of their names.
pub(crate) fn defined_within(facts: &Facts, of: DefId) -> impl Iterator<Item = DefId> + use<> {
    let whole = facts.def(of).whole;
    let (outer, own) = facts.definitions.split_at(facts.outer_count());
    let range = |part: &[Definition], before: usize| {
        let from = part.partition_point(|d| d.name_span.start < whole.start);
        let to = part.partition_point(|d| d.name_span.start < whole.end);
        from + before..to + before
    };
    range(outer, 0).chain(range(own, outer.len())).map(|i| DefId(i as u32))
}

#[ext(KotlinMembers)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// Members, else what extends the type, in the order of what is asked for. Where the number of arguments is known, functions that do not take
    /// so many are passed over, as long as there are others.
    fn kotlin_members(&mut self, file: u32, scope: ScopeId, of: &Ty, name: GlobalNameId, asked: Asked) -> (Vec<Found>, Cause) {
        let mut cause = Cause::NoDefinition;
        let mut first = None;
        for kind in asked.wanted {
            let (found, why) = self.kotlin_members_of(of, name, *kind, asked.is_written);
            if !found.is_empty() {
                if asked.number.is_none_or(|n| found.iter().any(|f| self.kotlin_takes(&f.hit, n))) {
                    return (found, why);
                }
                first.get_or_insert((found, why));
            }
            if cause == Cause::NoDefinition {
                cause = why;
            }
            if *kind != Wanted::Types {
                let extending = self.kotlin_extensions(file, scope, of, name, *kind);
                if extending.iter().any(|f| asked.number.is_none_or(|n| self.kotlin_takes(&f.hit, n))) {
                    return (extending, Cause::NoDefinition);
                }
                if !extending.is_empty() {
                    first.get_or_insert((extending, Cause::NoDefinition));
                }
            }
        }
        first.unwrap_or((Vec::new(), cause))
    }

    /// Members of a type, or of its values.
    fn kotlin_members_of(&mut self, of: &Ty, name: GlobalNameId, kind: Wanted, is_written: bool) -> (Vec<Found>, Cause) {
        let names = match kind {
            Wanted::Functions => Names::Methods,
            Wanted::Values => Names::Values,
            Wanted::Types => Names::Types,
        };
        if let Ty::Item(class, args, _) = of
            && self.is_kotlin(*class)
        {
            return self.kotlin_of_type(*class, args, name, kind, names);
        }
        let (mut found, cause) = self.java_find(of, name, names);
        // Parameters of a class are none of its members.
        found.retain(|f| definition(&f.hit).is_none_or(|s| self.world.def(s).kind != Kind::Parameter));
        if !found.is_empty() {
            return (found, cause);
        }
        match kind {
            Wanted::Values => (self.kotlin_accessor(of, name, is_written), cause),
            _ => (found, cause),
        }
    }

    fn is_kotlin(&self, of: DefRef) -> bool {
        self.world.language(of.file) == crate::KOTLIN
    }

    /// What the name of a class reaches: all of an object, nested types, entries, its companion's members.
    fn kotlin_of_type(&mut self, class: DefRef, args: &Rc<[Ty]>, name: GlobalNameId, kind: Wanted, names: Names) -> (Vec<Found>, Cause) {
        let def = self.world.def(class);
        let value = Ty::Value(class, args.clone());
        if def.kind == Kind::Alias {
            let Some(target) = def.ty else { return (Vec::new(), Cause::NoDefinition) };
            let target = self.evaluate(class.file, target).ty;
            return if matches!(target, Ty::Item(s, ..) if s == class) {
                (Vec::new(), Cause::NoDefinition)
            } else {
                self.kotlin_members_of(&target, name, kind, false)
            };
        }
        if def.flags.has(Flags::STATIC) {
            return self.java_find(&value, name, names);
        }
        let (mut found, cause) = self.java_find(&value, name, names);
        let is_of_type = |f: &Found| definition(&f.hit).is_some_and(|s| self.world.def(s).kind.is_type() || self.world.def(s).kind == Kind::Variant);
        found.retain(is_of_type);
        if !found.is_empty() {
            return (found, cause);
        }
        for class in self.kotlin_with_bases(class) {
            let Some(companion) = self.kotlin_companion(class) else { continue };
            let found = self.java_find(&Ty::Value(companion, Ty::no_args()), name, names);
            if !found.0.is_empty() {
                return found;
            }
        }
        (Vec::new(), cause)
    }

    /// A class, and the classes that it is derived from, the nearest first.
    fn kotlin_with_bases(&mut self, class: DefRef) -> Vec<DefRef> {
        let mut out = vec![class];
        let mut at = 0;
        while at < out.len() && out.len() < 32 {
            let bases = self.bases(out[at]);
            for base in bases.iter() {
                if let Ty::Item(s, ..) | Ty::Value(s, _) = base
                    && !out.contains(s)
                {
                    out.push(*s);
                }
            }
            at += 1;
        }
        out
    }

    /// The companion of a class.
    fn kotlin_companion(&self, class: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(class.file);
        let is_it = |d: &compass_facts::Definition| d.container == Some(class.def) && d.kind == Kind::Class && d.flags.has(Flags::OF_TYPE);
        defined_within(facts, class.def).find(|def| is_it(facts.def(*def))).map(|def| DefRef { file: class.file, def })
    }

    /// `name` for Java's `getName`, `isName`, `setName`.
    fn kotlin_accessor(&mut self, of: &Ty, name: GlobalNameId, is_written: bool) -> Vec<Found> {
        let word = self.world.name(name);
        let mut letters = word.chars();
        let Some(first) = letters.next().filter(|c| !c.is_uppercase()) else { return Vec::new() };
        let whole = format!("{}{}", first.to_uppercase(), letters.as_str());
        let setters = [format!("set{whole}")];
        let getters = [format!("get{whole}"), word.to_owned()];
        let order: Vec<&String> = if is_written { setters.iter().chain(&getters).collect() } else { getters.iter().collect() };
        for accessor in order {
            let is_plain = accessor == word;
            if is_plain && !(word.starts_with("is") && word[2..].starts_with(char::is_uppercase)) {
                continue;
            }
            let Some(gid) = self.world.find_gid(accessor) else { continue };
            self.world.dependency_log.note(gid);
            let takes = u8::from(accessor.starts_with("set"));
            let (mut found, _) = self.java_find(of, gid, Names::Methods);
            found.retain(|f| definition(&f.hit).is_some_and(|s| !self.is_kotlin(s) && self.world.def(s).arity == takes));
            if !found.is_empty() {
                found.truncate(1);
                return found;
            }
        }
        Vec::new()
    }

    /// The type that a function or property extends; nothing for one that extends none.
    fn kotlin_extended(&self, of: DefRef) -> Option<TypeId> {
        let def = self.world.def(of);
        let receivers = self.kotlin_receivers(of.file, def.inner?);
        let is_member = def.container.is_some_and(|c| self.world.facts(of.file).def(c).kind.is_type());
        // A member has its class behind what it extends.
        let first = if is_member && receivers.len() < 2 { None } else { receivers.first() };
        self.world.def(*first?).ty
    }

    /// Functions or properties of that name that extend a type, among what is in sight.
    fn kotlin_extensions(&mut self, file: u32, scope: ScopeId, of: &Ty, name: GlobalNameId, kind: Wanted) -> Vec<Found> {
        let mut candidates: Vec<DefRef> = Vec::new();
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            if let (ScopeKind::Type, Some(owner)) = (s.kind, s.owner) {
                for around in [Ty::Value(DefRef { file, def: owner }, Ty::no_args()), Ty::Item(DefRef { file, def: owner }, Ty::no_args(), None)] {
                    candidates.extend(self.kotlin_members_of(&around, name, kind, false).0.iter().filter_map(|f| definition(&f.hit)));
                }
            } else if s.kind.is_local() {
                candidates.extend(self.kotlin_bound(file, id, name, kind).hits.iter().filter_map(definition));
                for receiver in self.kotlin_receivers(file, id) {
                    let of = self.item(receiver).ty;
                    if !of.is_unknown() {
                        candidates.extend(self.kotlin_members_of(&of, name, kind, false).0.iter().filter_map(|f| definition(&f.hit)));
                    }
                }
            }
            at = s.parent;
        }
        for level in LEVELS {
            let found = self.kotlin_level(file, name, level).0;
            candidates.extend(found.iter().filter_map(definition).filter(|s| kind.holds(self.world.def(*s).kind)));
        }
        let mut out: Vec<Found> = Vec::new();
        let mut types: Vec<Option<DefRef>> = Vec::new();
        let mut best = 0;
        for candidate in candidates {
            let Some(extended) = self.kotlin_extended(candidate) else { continue };
            let declared = self.evaluate(candidate.file, extended).ty;
            let fit = self.kotlin_extends(&declared, of, Levels::TYPES);
            if fit == 0 || out.iter().any(|f| definition(&f.hit) == Some(candidate)) {
                continue;
            }
            if fit > best {
                best = fit;
                out.clear();
                types.clear();
            }
            if fit == best {
                types.push(if let Ty::Value(s, _) = declared { Some(s) } else { None });
                let certainty = if of.is_unknown() { Certainty::Guessed } else { Certainty::Proven };
                out.push(Found { hit: self.by_name_hit(candidate, certainty), of: of.clone() });
            }
        }
        self.kotlin_closest(out, &types)
    }

    /// Of functions that extend a type and one that is derived from it, those that extend the latter.
    fn kotlin_closest(&mut self, found: Vec<Found>, types: &[Option<DefRef>]) -> Vec<Found> {
        if found.len() < 2 || found.len() > 32 {
            return found;
        }
        let is_outdone =
            |e: &mut Self, of: Option<DefRef>| of.is_some_and(|of| types.iter().flatten().any(|t| *t != of && e.kotlin_derives(*t, of, Levels::BASES)));
        let outdone: Vec<bool> = types.iter().map(|t| is_outdone(self, *t)).collect();
        found.into_iter().zip(outdone).filter(|f| !f.1).map(|f| f.0).collect()
    }

    /// How well a value is of what a function extends: 0 for not at all.
    fn kotlin_extends(&mut self, declared: &Ty, given: &Ty, levels: Levels) -> u32 {
        let Some(levels) = levels.down() else { return 1 };
        if let Ty::Item(entry, ..) = given
            && self.world.def(*entry).kind == Kind::Variant
        {
            let of = self.kotlin_declared(*entry).ty;
            return self.kotlin_extends(declared, &of, levels);
        }
        match (declared, given) {
            (Ty::Unknown(_), _) => 1,
            (Ty::Value(p, _), _) if self.world.def(*p).kind == Kind::TypeParameter => match self.world.def(*p).ty {
                Some(bound) => {
                    let bound = self.evaluate(p.file, bound).ty;
                    let bound = self.instance(bound);
                    self.kotlin_extends(&bound, given, levels).min(3)
                }
                None => 2,
            },
            (_, Ty::Unknown(_)) => 1,
            (_, Ty::Union(parts)) => parts.iter().map(|p| self.kotlin_extends(declared, p, levels)).max().unwrap_or(0),
            (Ty::Value(a, _), Ty::Value(b, _) | Ty::Item(b, ..)) => {
                let same_name = || self.world.gid(a.file, self.world.def(*a).name) == self.world.gid(b.file, self.world.def(*b).name);
                match () {
                    () if a == b => 9,
                    () if self.kotlin_derives(*b, *a, Levels::BASES) => 6,
                    () if same_name() => 5,
                    () if matches!(self.kotlin_word(*a), "Any") => 2,
                    () => {
                        let bound = self.world.def(*b).ty.filter(|_| self.world.def(*b).kind == Kind::TypeParameter);
                        match bound {
                            Some(bound) => {
                                let bound = self.evaluate(b.file, bound).ty;
                                let bound = self.instance(bound);
                                self.kotlin_extends(declared, &bound, levels)
                            }
                            None => u32::from(self.kotlin_has_outside_base(*b, levels)),
                        }
                    }
                }
            }
            (Ty::External(a, _), Ty::External(b, _)) => u32::from(a == b) * 9,
            (Ty::Value(a, _), Ty::List(_)) => u32::from(self.kotlin_word(*a).contains("Array")) * 5,
            (Ty::Function(_), Ty::Function(_)) => 4,
            (Ty::External(..), Ty::Value(b, _)) => u32::from(self.kotlin_has_outside_base(*b, levels)),
            _ => 0,
        }
    }

    fn kotlin_word(&self, of: DefRef) -> &'m str {
        self.world.name(self.world.gid(of.file, self.world.def(of).name))
    }

    fn kotlin_has_outside_base(&mut self, of: DefRef, levels: Levels) -> bool {
        let Some(levels) = levels.down() else { return false };
        self.bases(of).iter().any(|b| match b {
            Ty::Item(s, ..) | Ty::Value(s, _) => self.kotlin_has_outside_base(*s, levels),
            _ => true,
        })
    }

    /// What a member that is no call means.
    fn kotlin_member_meaning(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = self.evaluate(file, of);
        let scope = self.kotlin_scope_of(file, of);
        let (found, cause) = self.kotlin_members(file, scope, &owner.ty, name, Asked::of(&[Wanted::Values, Wanted::Types]));
        let Some(first) = found.into_iter().next() else {
            if self.world.name(name) == "entries"
                && let Some(made) = self.kotlin_entries(file, None, &owner, "kotlin.collections.List")
            {
                return made;
            }
            return match owner.ty {
                Ty::ExternalType(..) if self.world.name(name).starts_with(char::is_uppercase) => Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner },
                _ => Meaning::unknown(cause),
            };
        };
        let Some(sym) = definition(&first.hit) else { return Meaning::unknown(cause) };
        let meaning = match self.world.def(sym).kind {
            // A property that is a method of Java; an entry of an enum.
            Kind::Method | Kind::Variant => self.kotlin_declared(sym),
            _ if !self.is_kotlin(sym) && !self.world.def(sym).kind.is_type() => self.kotlin_declared(sym),
            _ => self.item(sym),
        };
        let ty = self.kotlin_filled(sym, meaning.ty, &first.of);
        let reasons = owner.reasons.into_iter().chain(first.hit.reasons).chain(meaning.reasons).take(8).collect();
        Meaning { ty, certainty: owner.certainty.min(first.hit.certainty).min(meaning.certainty), reasons }
    }

    /// The scope that an expression stands in, as far as its names tell.
    fn kotlin_scope_of(&self, file: u32, of: TypeId) -> ScopeId {
        let mut at = of;
        for _ in 0..64 {
            at = match self.world.facts(file).ty(at) {
                TypeExpr::Name { scope, .. } | TypeExpr::TypeName { scope, .. } => return *scope,
                TypeExpr::Member { of, .. } | TypeExpr::Call { of, .. } | TypeExpr::Generic { of, .. } => *of,
                TypeExpr::Index(of) | TypeExpr::Element(of) | TypeExpr::Instance(of) => *of,
                _ => return ScopeId::FILE,
            };
        }
        ScopeId::FILE
    }

    /// What is declared for a definition: its type, or its result.
    fn kotlin_declared(&mut self, sym: DefRef) -> Meaning {
        match self.world.def(sym).ty {
            Some(ty) if self.is_kotlin(sym) => self.evaluate(sym.file, ty),
            Some(ty) => {
                let meaning = self.evaluate(sym.file, ty);
                Meaning { ty: self.kotlin_seen(meaning.ty), ..meaning }
            }
            None => Meaning::unknown(Cause::ReceiverUnknown),
        }
    }

    /// A type with what the receiver is made of in place of type parameters.
    fn kotlin_filled(&mut self, sym: DefRef, ty: Ty, of: &Ty) -> Ty {
        let mut ty = ty;
        if let Ty::Value(class, args) | Ty::Item(class, args, _) = of
            && !args.is_empty()
        {
            ty = self.substitute(ty, *class, args);
        }
        if let Some(extended) = self.kotlin_extended(sym) {
            let declared = self.evaluate(sym.file, extended).ty;
            let mut bound = Vec::new();
            self.kotlin_unify(&declared, of, &mut bound);
            ty = put_in(&ty, &bound);
        }
        ty
    }

    /// What type parameters stand for; bases of what is given are laid beside what is declared.
    fn kotlin_unify(&mut self, declared: &Ty, given: &Ty, bound: &mut Vec<(DefRef, Ty)>) {
        self.kotlin_unify_in(declared, given, bound, Levels::TYPES);
    }

    fn kotlin_unify_in(&mut self, declared: &Ty, given: &Ty, bound: &mut Vec<(DefRef, Ty)>, levels: Levels) {
        let Some(levels) = levels.down() else { return };
        match (declared, given) {
            (Ty::Value(wanted, inner), Ty::Value(class, args)) if !inner.is_empty() && self.world.def(*wanted).kind != Kind::TypeParameter => {
                let same = if wanted == class { Some(args.clone()) } else { self.kotlin_base_args(*class, args, *wanted) };
                for (declared, given) in inner.iter().zip(same.iter().flat_map(|a| a.iter())) {
                    self.kotlin_unify_in(declared, given, bound, levels);
                }
            }
            (Ty::Function(a), Ty::Function(b)) => self.kotlin_unify_in(a, b, bound, levels),
            // A class of functions has what they give as its last argument.
            (Ty::Value(_, args), Ty::Function(given)) if args.len() > 1 => {
                if let Some(result) = args.last() {
                    self.kotlin_unify_in(result, given, bound, levels);
                }
            }
            _ => self.unify(declared, given, bound, levels),
        }
    }

    fn kotlin_base_args(&mut self, class: DefRef, args: &Rc<[Ty]>, wanted: DefRef) -> Option<Rc<[Ty]>> {
        match self.kotlin_as(class, args, wanted, Levels::BASES)? {
            Ty::Value(_, base) => Some(base),
            _ => None,
        }
    }

    /// A type as one of its bases.
    fn kotlin_as(&mut self, class: DefRef, args: &Rc<[Ty]>, wanted: DefRef, levels: Levels) -> Option<Ty> {
        let levels = levels.down()?;
        for (base, inner) in self.kotlin_bases(class) {
            let filled: Rc<[Ty]> = inner.iter().map(|t| self.substitute(t.clone(), class, args)).collect();
            if base == wanted {
                return Some(Ty::Value(base, filled));
            }
            if let Some(found) = self.kotlin_as(base, &filled, wanted, levels) {
                return Some(found);
            }
        }
        None
    }

    /// What going through a value gives, or an index into it.
    fn kotlin_held(&mut self, of: DefRef, args: &Rc<[Ty]>, by_index: bool) -> Option<Ty> {
        let member = self.world.find_gid(if by_index { "get" } else { "iterator" })?;
        let value = Ty::Value(of, args.clone());
        let (mut found, _) = self.kotlin_members_of(&value, member, Wanted::Functions, false);
        if found.is_empty() {
            found = self.kotlin_extensions(of.file, ScopeId::FILE, &value, member, Wanted::Functions);
        }
        let first = found.into_iter().find(|f| definition(&f.hit).is_some())?;
        let sym = definition(&first.hit)?;
        let result = self.kotlin_declared(sym).ty;
        let result = self.kotlin_filled(sym, result, &first.of);
        if by_index {
            return Some(result);
        }
        match result {
            Ty::Value(_, inner) | Ty::External(_, inner) => inner.first().cloned(),
            _ => None,
        }
    }

    /// An argument by its name.
    fn kotlin_key(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> compass_index::linking::Lookup {
        let mut hits = Vec::new();
        for found in self.kotlin_called(file, of, None).map(|c| c.0).unwrap_or_default() {
            let Some(sym) = definition(&found.hit) else { continue };
            let Some(inner) = self.world.def(sym).inner else { continue };
            let values = self.kotlin_bound(sym.file, inner, name, Wanted::Values);
            hits.extend(
                values.hits.into_iter().filter(|h| matches!(h.entity, Entity::DefRef(s) if matches!(self.world.def(s).kind, Kind::Parameter | Kind::Field))),
            );
        }
        compass_index::linking::Lookup { hits, cause: Cause::ReceiverUnknown }
    }
}
