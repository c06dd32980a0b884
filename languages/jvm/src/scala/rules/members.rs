//! Members of types, values, objects; what implicit classes and extensions add.

use super::calls::ScalaCalls as _;
use super::paths::Paths as _;
use super::scopes::ScalaScopes as _;
use super::{Space, definition};
use crate::kotlin::rules::members::KotlinMembers as _;
use crate::rules::members::Members as _;
use crate::rules::scopes::Scopes as _;
use crate::rules::{Found, Names};
use crate::scala::reader::{EXTENDED, SELF, TYPE, UNWRITTEN_LIST};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Flags, Kind, TypeExpr, TypeId};
use compass_index::linking::{Binding, DefRef, Evaluator, GlobalNameId, Hit, Meaning, Reason, Ty, put_in};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;
use std::rc::Rc;

/// Classes above this many are not gone through for one name.
const MOST_BASES: usize = 160;

/// What is looked for among members.
#[derive(Clone, Copy)]
pub(super) struct Sought {
    name: GlobalNameId,
    space: Space,
    number: Option<usize>,
}

#[ext(ScalaMembers)]
pub(super) impl Evaluator<'_, '_> {
    /// A member of an expression, which may stand for a package.
    fn scala_member(&mut self, file: u32, of: TypeId, owner: &Meaning, name: GlobalNameId, space: Space, number: Option<usize>) -> (Vec<Found>, Cause) {
        if (owner.ty.is_unknown() || matches!(owner.ty, Ty::External(..) | Ty::ExternalType(..)))
            && let Some(package) = self.scala_package_of(file, of)
        {
            let hits = self.scala_in_package(&package, name, space);
            let cause = if hits.is_empty() { Cause::NoDefinition } else { Cause::ReceiverUnknown };
            return (hits.into_iter().map(|hit| Found { hit, of: Ty::Unknown(Cause::NoDefinition) }).collect(), cause);
        }
        self.scala_members(&owner.ty, name, space, number)
    }

    /// Members, else what extensions add.
    fn scala_members(&mut self, of: &Ty, name: GlobalNameId, space: Space, number: Option<usize>) -> (Vec<Found>, Cause) {
        let (mut found, mut cause) = self.scala_members_of(of, name, space, number);
        if found.is_empty() && matches!(of, Ty::Value(..) | Ty::Item(..) | Ty::Tuple(_) | Ty::List(_) | Ty::Function(_)) && cause != Cause::UnitAbsent {
            (found, cause) = self.scala_of_every(name, space, number, cause);
        }
        if space == Space::Types || found.iter().any(|f| number.is_none_or(|n| self.scala_takes(&f.hit, n))) || of.is_unknown() {
            return (found, cause);
        }
        let added = self.scala_added(of, name, number);
        if added.is_empty() { (found, cause) } else { (added, Cause::NoDefinition) }
    }

    /// What every value has.
    fn scala_of_every(&mut self, name: GlobalNameId, space: Space, number: Option<usize>, cause: Cause) -> (Vec<Found>, Cause) {
        for root in ["scala.AnyRef", "java.lang.Object"] {
            let Some(class) = self.scala_class(root) else { continue };
            let (found, _) = self.scala_members_of(&Ty::Value(class, Ty::no_args()), name, space, number);
            if !found.is_empty() {
                return (found, Cause::NoDefinition);
            }
        }
        (Vec::new(), cause)
    }

    /// Members of a type or value.
    fn scala_members_of(&mut self, of: &Ty, name: GlobalNameId, space: Space, number: Option<usize>) -> (Vec<Found>, Cause) {
        let sought = Sought { name, space, number };
        match of {
            Ty::Item(class, args, _) if self.is_scala(*class) => self.scala_of_item(*class, args, sought),
            Ty::List(inner) => match self.scala_class("scala.collection.immutable.Seq") {
                Some(seq) => self.scala_of_value(seq, &[(**inner).clone()].into(), sought),
                None => (Vec::new(), Cause::Builtin),
            },
            Ty::Value(class, args) => self.scala_of_value(*class, args, sought),
            Ty::Union(parts) => {
                let mut out: Vec<Found> = Vec::new();
                let mut cause = Cause::NoDefinition;
                for part in parts.iter() {
                    let (found, why) = self.scala_members_of(part, name, space, number);
                    if why != Cause::NoDefinition {
                        cause = why;
                    }
                    for f in found {
                        if !out.iter().any(|o| o.hit.entity == f.hit.entity) {
                            out.push(f);
                        }
                    }
                }
                (out, cause)
            }
            _ => self.scala_of_other(of, sought),
        }
    }

    /// Members of what another language wrote.
    fn scala_of_other(&mut self, of: &Ty, sought: Sought) -> (Vec<Found>, Cause) {
        let order: &[Names] = if sought.space == Space::Types { &[Names::Types] } else { &[Names::Methods, Names::Values, Names::Types] };
        let mut cause = Cause::NoDefinition;
        for names in order {
            let (found, why) = self.java_find(of, sought.name, *names);
            if !found.is_empty() {
                return (found, why);
            }
            cause = why;
        }
        (Vec::new(), cause)
    }

    fn is_scala(&self, of: DefRef) -> bool {
        self.world.language(of.file) == crate::SCALA
    }

    /// What the name of an object or class reaches.
    fn scala_of_item(&mut self, class: DefRef, args: &Rc<[Ty]>, sought: Sought) -> (Vec<Found>, Cause) {
        let def = self.world.def(class);
        if def.kind == Kind::Alias {
            let Some(target) = self.alias_target(class, args) else { return (Vec::new(), Cause::NoDefinition) };
            return match target {
                Ty::Value(s, args) if s != class => self.scala_members_of(&Ty::Item(s, args, None), sought.name, sought.space, sought.number),
                other => self.scala_members_of(&other, sought.name, sought.space, sought.number),
            };
        }
        if def.flags.has(Flags::STATIC) || def.kind == Kind::Variant {
            return self.scala_of_value(class, args, sought);
        }
        if def.kind == Kind::Enum {
            let (mut found, cause) = self.scala_of_value(class, args, sought);
            found.retain(|f| definition(&f.hit).is_some_and(|s| self.world.def(s).kind == Kind::Variant));
            if !found.is_empty() {
                return (found, cause);
            }
        }
        if let Some(object) = self.scala_companion(class) {
            let found = self.scala_of_value(object, &Ty::no_args(), sought);
            if !found.0.is_empty() {
                return found;
            }
        }
        // A type is reached through one that is only named.
        if sought.space == Space::Types { self.scala_of_value(class, args, sought) } else { (Vec::new(), Cause::NoDefinition) }
    }

    /// The object of a class' name, or the class of an object's.
    fn scala_companion(&self, of: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(of.file);
        let def = facts.def(of.def);
        let is_object = def.flags.has(Flags::STATIC);
        let is_it = |d: &DefId| {
            let other = facts.def(*d);
            other.kind.is_type() && other.kind != Kind::Alias && other.kind != Kind::TypeParameter && other.flags.has(Flags::STATIC) != is_object
        };
        let name = self.world.gid(of.file, def.name);
        let mut all = self.world.bindings(of.file, def.scope, name).filter_map(|b| if let Binding::Def(d) = b { Some(d) } else { None });
        all.find(is_it).map(|def| DefRef { file: of.file, def })
    }

    /// Members of a value, through its class and what that is made of: what is nearest, the last trait before the first.
    fn scala_of_value(&mut self, class: DefRef, args: &Rc<[Ty]>, sought: Sought) -> (Vec<Found>, Cause) {
        let mut out = Vec::new();
        let mut cause = Cause::NoDefinition;
        let mut seen = Vec::new();
        self.scala_collect(class, args, sought, &mut seen, &mut out, &mut cause);
        // What has a body goes before what only says that there is one.
        let is_abstract = |f: &Found| definition(&f.hit).is_some_and(|s| self.world.def(s).flags.has(Flags::ABSTRACT));
        let same = |a: &Found, b: &Found| match (definition(&a.hit), definition(&b.hit)) {
            (Some(a), Some(b)) => self.world.def(a).arity == self.world.def(b).arity,
            _ => false,
        };
        if out.len() > 1 {
            let first = out.clone();
            let keeps = |i: usize, f: &Found| !first[..i].iter().any(|o| same(o, f) && (is_abstract(f) || !is_abstract(o)));
            let mut kept: Vec<Found> =
                first.iter().enumerate().filter(|(i, f)| keeps(*i, f) || self.is_overload(&first[..*i], f)).map(|(_, f)| f.clone()).collect();
            kept.sort_by_key(&is_abstract);
            out = kept;
        }
        (out, cause)
    }

    /// Is it written beside another one of its name, in one class?
    fn is_overload(&self, before: &[Found], f: &Found) -> bool {
        let container = |f: &Found| definition(&f.hit).map(|s| (s.file, self.world.def(s).container));
        before.iter().any(|b| container(b) == container(f)) && before.first().is_some_and(|b| container(b) == container(f))
    }

    fn scala_collect(&mut self, class: DefRef, args: &Rc<[Ty]>, sought: Sought, seen: &mut Vec<DefRef>, out: &mut Vec<Found>, cause: &mut Cause) {
        if seen.len() > MOST_BASES || seen.contains(&class) {
            return;
        }
        seen.push(class);
        let def = self.world.def(class);
        if !self.is_scala(class) {
            let (found, why) = self.scala_of_other(&Ty::Value(class, args.clone()), sought);
            if why != Cause::NoDefinition {
                *cause = why;
            }
            out.extend(found);
            return;
        }
        if matches!(def.kind, Kind::TypeParameter | Kind::Alias) || def.kind == Kind::Variant && def.inner.is_none() {
            let Some(ty) = def.ty else {
                *cause = Cause::Builtin;
                return;
            };
            let bound = self.evaluate(class.file, ty).ty;
            let bound = self.instance(bound);
            let (found, why) = self.scala_members_of(&bound, sought.name, sought.space, sought.number);
            out.extend(found);
            *cause = why;
            return;
        }
        let own = self.scala_own(class, args, sought);
        let is_final = own.iter().any(|f| {
            sought.number.is_none_or(|n| self.scala_takes(&f.hit, n)) && !definition(&f.hit).is_some_and(|s| self.world.def(s).flags.has(Flags::ABSTRACT))
        });
        out.extend(own);
        if is_final {
            return;
        }
        let bases = self.bases(class);
        for base in bases.iter().rev() {
            let (s, inner) = match base {
                Ty::Item(s, inner, _) | Ty::Value(s, inner) => (*s, inner.iter().map(|t| self.substitute(t.clone(), class, args)).collect::<Rc<[Ty]>>()),
                _ => {
                    *cause = Cause::UnitAbsent;
                    continue;
                }
            };
            let before = out.len();
            self.scala_collect(s, &inner, sought, seen, out, cause);
            let d = self.world.def(s);
            let reason = Reason { kind: StepKind::Base, file: s.file, def: Some(s.def), at: d.name_span.start, len: d.name_span.len() };
            out[before..].iter_mut().for_each(|f| f.hit.reasons.insert(0, reason));
        }
        if def.kind == Kind::Variant
            && let Some(outer) = def.container
        {
            self.scala_collect(DefRef { file: class.file, def: outer }, args, sought, seen, out, cause);
        }
    }

    /// Members written in the class itself.
    fn scala_own(&mut self, class: DefRef, args: &Rc<[Ty]>, sought: Sought) -> Vec<Found> {
        let def = self.world.def(class);
        let Some(scope) = def.inner else { return Vec::new() };
        let all: Vec<DefRef> = self
            .world
            .bindings(class.file, scope, sought.name)
            .filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: class.file, def }) } else { None })
            .collect();
        let is_member = |s: &DefRef| !matches!(self.world.def(*s).kind, Kind::Parameter | Kind::TypeParameter);
        let members = self.scala_of_space(all.into_iter().filter(is_member).collect(), sought.space);
        let reason = Reason { kind: StepKind::Member, file: class.file, def: Some(class.def), at: def.name_span.start, len: def.name_span.len() };
        let reasons = if def.name_span.is_empty() { Vec::new() } else { vec![reason] };
        members
            .into_iter()
            .map(|s| Found { hit: Hit { reasons: reasons.clone(), ..self.by_name_hit(s, Certainty::Proven) }, of: Ty::Value(class, args.clone()) })
            .collect()
    }

    /// Members of what a class, or one it is derived from, says its values are besides.
    fn scala_besides(&mut self, class: DefRef, name: GlobalNameId, space: Space, number: Option<usize>) -> (Vec<Found>, Cause) {
        for of in self.kotlin_with_bases(class) {
            for ty in self.scala_hidden(of, SELF) {
                let besides = self.evaluate(of.file, ty).ty;
                let found = self.scala_members_of(&besides, name, space, number);
                if !found.0.is_empty() {
                    return found;
                }
            }
        }
        (Vec::new(), Cause::NoDefinition)
    }

    /// The types of parameters without a place in what a definition holds.
    fn scala_hidden(&self, of: DefRef, parameter: &str) -> Vec<TypeId> {
        let (Some(scope), Some(name)) = (self.world.def(of).inner, self.world.find_gid(parameter)) else { return Vec::new() };
        let all = self.world.bindings(of.file, scope, name).filter_map(|b| if let Binding::Def(d) = b { self.world.facts(of.file).def(d).ty } else { None });
        all.take(8).collect()
    }

    /// What implicit classes and extensions add to a type.
    fn scala_added(&mut self, of: &Ty, name: GlobalNameId, number: Option<usize>) -> Vec<Found> {
        let world = self.world;
        let mut best = 1;
        let mut out: Vec<Found> = Vec::new();
        let candidates: Vec<DefRef> = world.all_named(name).filter(|s| world.language(s.file) == crate::SCALA).take(256).copied().collect();
        for candidate in candidates {
            let d = world.def(candidate);
            if d.flags.has(Flags::LOCAL) || !(d.kind.is_callable() || matches!(d.kind, Kind::Field)) {
                continue;
            }
            let mut extended = self.scala_hidden(candidate, EXTENDED);
            if extended.is_empty()
                && let Some(class) = d.container
            {
                extended = self.scala_hidden(DefRef { file: candidate.file, def: class }, EXTENDED);
            }
            let Some(extended) = extended.first() else { continue };
            let hit = self.by_name_hit(candidate, Certainty::Inferred);
            if number.is_some_and(|n| !self.scala_takes(&hit, n)) {
                continue;
            }
            let declared = self.evaluate(candidate.file, *extended).ty;
            let fit = self.kotlin_extends(&declared, of, Levels::TYPES);
            if fit > best {
                best = fit;
                out.clear();
            }
            if fit == best && fit > 1 {
                out.push(Found { hit, of: of.clone() });
            }
        }
        out
    }

    /// A class by its whole name.
    fn scala_class(&mut self, path: &str) -> Option<DefRef> {
        self.java_class(path)
    }

    /// What a member that is no call means.
    fn scala_member_meaning(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = self.evaluate(file, of);
        let (name, space) = match self.world.name(name).strip_prefix(TYPE) {
            Some(word) => match self.world.find_gid(word) {
                Some(gid) => (gid, Space::Types),
                None => return Meaning::unknown(Cause::NoDefinition),
            },
            None => (name, Space::Terms),
        };
        let (found, cause) = self.scala_member(file, of, &owner, name, space, None);
        let mut first = found.into_iter().next();
        if first.is_none() && space == Space::Terms {
            first = self.scala_member(file, of, &owner, name, Space::Types, None).0.into_iter().next();
        }
        let Some(first) = first else {
            if let (Ty::Tuple(parts), Some(number)) = (&owner.ty, self.world.name(name).strip_prefix('_').and_then(|n| n.parse::<usize>().ok())) {
                return parts.get(number.wrapping_sub(1)).map_or(Meaning::unknown(cause), |ty| Meaning { ty: ty.clone(), ..owner.clone() });
            }
            return Meaning::unknown(cause);
        };
        let Some(sym) = definition(&first.hit) else { return Meaning::unknown(cause) };
        let meaning = self.scala_value_of(sym, &first.of);
        let reasons = owner.reasons.into_iter().chain(first.hit.reasons).chain(meaning.reasons).take(8).collect();
        let most = if matches!(first.of, Ty::Unknown(_)) { Certainty::Proven } else { owner.certainty };
        Meaning { ty: meaning.ty, certainty: most.min(first.hit.certainty).min(meaning.certainty), reasons }
    }

    /// What a definition means where its name stands, with what its owner is made of put in.
    fn scala_value_of(&mut self, sym: DefRef, of: &Ty) -> Meaning {
        let d = self.world.def(sym);
        let meaning = match d.kind {
            Kind::Variant => self.declared_type(sym),
            Kind::Alias => Meaning::sure(Ty::Item(sym, Ty::no_args(), None)),
            // A method of Java that takes nothing may be called without brackets.
            _ if d.kind.is_callable() && (d.flags.has(Flags::PROPERTY) || !self.is_scala(sym) && d.arity == 0) => self.declared_type(sym),
            _ => self.item(sym),
        };
        let ty = self.scala_filled(sym, meaning.ty, of);
        let implied = self.scala_implied(sym, of);
        Meaning { ty: put_in(&ty, &implied), ..meaning }
    }

    /// What type parameters stand for by functions that nobody needs to write: `flatten[B](implicit each: A => IterableOnce[B])`.
    fn scala_implied(&mut self, sym: DefRef, of: &Ty) -> Vec<(DefRef, Ty)> {
        let mut bound = Vec::new();
        let facts = self.world.facts(sym.file);
        if !self.world.def(sym).kind.is_callable() {
            return bound;
        }
        let all = self.parameters_of(sym);
        let unwritten = all.iter().skip_while(|p| facts.def_name(**p) != UNWRITTEN_LIST);
        for parameter in unwritten.take(8) {
            let Some(TypeExpr::Signature { parameters, result }) = facts.def(*parameter).ty.map(|t| facts.ty(t)) else { continue };
            let [taken] = parameters[..] else { continue };
            let given = self.evaluate(sym.file, taken).ty;
            let given = self.scala_filled(sym, given, of);
            let declared = self.evaluate(sym.file, *result).ty;
            self.kotlin_unify(&declared, &given, &mut bound);
        }
        bound
    }

    fn declared_type(&mut self, sym: DefRef) -> Meaning {
        match self.world.def(sym).ty {
            Some(ty) => self.evaluate(sym.file, ty),
            None => Meaning::unknown(Cause::ReceiverUnknown),
        }
    }

    /// What going through a value gives.
    fn scala_element(&mut self, of: DefRef, args: &Rc<[Ty]>) -> Option<Ty> {
        for word in ["foreach", "map"] {
            let Some(member) = self.world.find_gid(word) else { continue };
            let (found, _) = self.scala_members_of(&Ty::Value(of, args.clone()), member, Space::Terms, Some(1));
            for one in found {
                let Some(sym) = definition(&one.hit) else { continue };
                let parameters = self.parameters_of(sym);
                let Some(ty) = parameters.first().and_then(|p| self.world.facts(sym.file).def(*p).ty) else { continue };
                let declared = self.evaluate(sym.file, ty).ty;
                if let Some(given) = self.scala_parameter_of(sym.file, ty, &declared, 0) {
                    return Some(self.scala_filled(sym, given, &one.of));
                }
            }
        }
        None
    }

    /// An argument by its name.
    fn scala_key(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> compass_index::linking::Lookup {
        let mut hits = Vec::new();
        let found = self.scala_called(file, of, None).map(|c| c.0).unwrap_or_default();
        let mut syms: Vec<DefRef> = found.iter().filter_map(|f| definition(&f.hit)).collect();
        let objects: Vec<DefRef> = syms.iter().filter(|s| self.world.def(**s).kind.is_type()).copied().collect();
        for object in objects {
            syms.extend(self.scala_companion(object));
            if let Some(apply) = self.world.find_gid("apply") {
                syms.extend(
                    self.scala_members_of(&Ty::Item(object, Ty::no_args(), None), apply, Space::Terms, None).0.iter().filter_map(|f| definition(&f.hit)),
                );
            }
        }
        for sym in syms {
            let Some(inner) = self.world.def(sym).inner else { continue };
            let bound: Vec<DefId> = self.world.bindings(sym.file, inner, name).filter_map(|b| if let Binding::Def(d) = b { Some(d) } else { None }).collect();
            let is_parameter = |d: &DefId| matches!(self.world.facts(sym.file).def(*d).kind, Kind::Parameter | Kind::Field);
            hits.extend(bound.into_iter().filter(is_parameter).map(|def| self.by_name_hit(DefRef { file: sym.file, def }, Certainty::Proven)));
        }
        compass_index::linking::Lookup { hits, cause: Cause::ReceiverUnknown }
    }
}
