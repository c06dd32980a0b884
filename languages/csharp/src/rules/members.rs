//! Members of types: of all their parts, of their bases, with the arguments of types put in.

use super::calls::Calls as _;
use super::extensions::Extended as _;
use super::spaces::Spaces as _;
use super::{Found, MAX_BASES, Names};
use compass_facts::{Flags, Kind, ScopeId, TypeExpr, TypeId};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, MOST_CHOICES, Meaning, Reason, Ty};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;
use std::rc::Rc;

#[ext(Members)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// Members of a type or value.
    fn csharp_members(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> Lookup {
        let (found, cause) = self.csharp_find(of, name, names);
        Lookup { hits: found.into_iter().map(|f| f.hit).collect(), cause }
    }

    fn csharp_find(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> (Vec<Found>, Cause) {
        let mut out = Vec::new();
        let mut cause = Cause::NoDefinition;
        let of = &self.csharp_plain_type(of);
        self.csharp_collect(of, name, names, &mut Vec::new(), &mut out, &mut cause);
        if out.is_empty() && cause == Cause::NoDefinition {
            self.csharp_of_every(of, name, names, &mut out);
        }
        // What implements an interface explicitly goes by its own name only where nothing else does.
        let is_explicit = |f: &Found| matches!(f.hit.entity, Entity::DefRef(s) if self.world.def(s).flags.has(Flags::OF_TYPE));
        if out.iter().any(is_explicit) && !out.iter().all(is_explicit) {
            out.retain(|f| !is_explicit(f));
        }
        // The same member in a branch that the usual build leaves out is no other one.
        let world = self.world;
        let told = |f: &Found| if let Entity::DefRef(s) = f.hit.entity { Some((world.def(s).arity, world.def(s).signature)) } else { None };
        let is_left_out = |f: &Found| matches!(f.hit.entity, Entity::DefRef(s) if world.def(s).flags.has(Flags::INACTIVE));
        let usual: Vec<_> = out.iter().filter(|f| !is_left_out(f)).map(told).collect();
        out.retain(|f| !is_left_out(f) || !usual.contains(&told(f)));
        (out, cause)
    }

    /// A name that means several types by itself means the one without type parameters.
    fn csharp_plain_type(&self, of: &Ty) -> Ty {
        match of {
            Ty::Union(_) => self.csharp_of_arity(of.clone(), 0),
            _ => of.clone(),
        }
    }

    /// What every object has: the base that nobody writes.
    fn csharp_of_every(&mut self, of: &Ty, name: GlobalNameId, names: Names, out: &mut Vec<Found>) {
        let kind = match of {
            Ty::Item(s, ..) | Ty::Value(s, _) => self.world.def(*s).kind,
            Ty::List(_) => Kind::Class,
            _ => return,
        };
        let words: &[&str] = match (of, kind) {
            (Ty::List(_), _) => &["Array", "Object"],
            (_, Kind::Enum | Kind::Variant) => &["Enum", "Object"],
            (_, Kind::Struct) => &["ValueType", "Object"],
            _ => &["Object"],
        };
        for word in words {
            if let Some(base) = self.csharp_named_type("System", word, 0)
                && out.is_empty()
            {
                self.csharp_collect(&Ty::Value(base, Ty::no_args()), name, names, &mut Vec::new(), out, &mut Cause::NoDefinition.clone());
            }
        }
    }

    /// A type of the library by its namespace and name.
    fn csharp_named_type(&self, space: &str, word: &str, arity: u8) -> Option<DefRef> {
        let space = self.csharp_files().find(space)?;
        let name = self.world.find_gid(word)?;
        self.csharp_types_in(space, name).into_iter().find(|s| self.world.def(*s).arity == arity)
    }

    fn csharp_collect(&mut self, of: &Ty, name: GlobalNameId, names: Names, seen: &mut Vec<DefRef>, out: &mut Vec<Found>, cause: &mut Cause) {
        let (sym, args) = match of {
            Ty::Item(sym, args, _) | Ty::Value(sym, args) => (*sym, args.clone()),
            Ty::Union(parts) => {
                for part in parts.iter() {
                    self.csharp_collect(part, name, names, seen, out, cause);
                }
                return;
            }
            Ty::External(..) | Ty::ExternalType(..) => {
                *cause = Cause::UnitAbsent;
                return;
            }
            Ty::Unknown(why) => {
                *cause = if matches!(why, Cause::UnitAbsent | Cause::Builtin) { *why } else { Cause::ReceiverUnknown };
                return;
            }
            Ty::List(_) => return,
            _ => {
                *cause = Cause::Builtin;
                return;
            }
        };
        if seen.len() > MAX_BASES || seen.contains(&sym) {
            return;
        }
        seen.push(sym);
        let def = self.world.def(sym);
        if def.kind == Kind::TypeParameter {
            if let Some(ty) = def.ty {
                let bound = self.evaluate(sym.file, ty).ty;
                self.csharp_collect(&bound, name, names, seen, out, cause);
            }
            return;
        }
        if def.kind == Kind::Variant {
            if let Some(ty) = def.ty {
                let ty = self.evaluate(sym.file, ty).ty;
                self.csharp_collect(&ty, name, names, seen, out, cause);
            }
            return;
        }
        let before = out.len();
        let parts = self.csharp_parts(sym);
        let parts = if parts.is_empty() { vec![sym] } else { parts };
        for part in &parts {
            self.csharp_own(*part, sym, &args, name, names, before, out);
        }
        if names == Names::Constructors || names != Names::Methods && out.len() > before {
            return;
        }
        // A class has what its base class has; what its interfaces have only where nothing else is found.
        let mut bases: Vec<Ty> = Vec::new();
        for part in parts {
            bases.extend(self.bases(part).iter().cloned());
        }
        let is_interface = |t: &Ty| matches!(t, Ty::Item(s, ..) | Ty::Value(s, _) if self.world.def(*s).kind == Kind::Interface);
        let holds_all = def.kind == Kind::Interface;
        bases.sort_by_key(is_interface);
        {
            for base in &bases {
                if !holds_all && is_interface(base) && out.len() > before {
                    break;
                }
                let base = &self.csharp_plain_type(base);
                let base = if args.is_empty() { base.clone() } else { self.csharp_filled(base, sym, &args) };
                let inherited = out.len();
                self.csharp_collect(&base, name, names, seen, out, cause);
                if let Ty::Item(s, ..) = &base {
                    let d = self.world.def(*s);
                    let reason = Reason { kind: StepKind::Base, file: s.file, def: Some(s.def), at: d.name_span.start, len: d.name_span.len() };
                    out[inherited..].iter_mut().for_each(|f| f.hit.reasons.insert(0, reason));
                }
                if names != Names::Methods && out.len() > inherited {
                    return;
                }
            }
        }
    }

    /// Members written in one part of a type; methods that are overridden already are left out.
    #[allow(clippy::too_many_arguments, reason = "a part, the whole, and what was found so far")]
    fn csharp_own(&mut self, part: DefRef, whole: DefRef, args: &Rc<[Ty]>, name: GlobalNameId, names: Names, derived: usize, out: &mut Vec<Found>) {
        let world = self.world;
        let def = world.def(part);
        let Some(scope) = def.inner else { return };
        let reason = Reason { kind: StepKind::Member, file: part.file, def: Some(part.def), at: def.name_span.start, len: def.name_span.len() };
        let own: Vec<DefRef> = world
            .bindings(part.file, scope, name)
            .filter_map(|b| if let Binding::Def(d) = b { Some(DefRef { file: part.file, def: d }) } else { None })
            .filter(|s| !matches!(world.def(*s).kind, Kind::TypeParameter | Kind::Parameter) && names.hold(world.def(*s).kind))
            .take(MOST_CHOICES + 1)
            .collect();
        for s in own {
            let d = world.def(s);
            let is_same =
                |o: DefRef| world.def(o).arity == d.arity && (world.def(o).signature == d.signature || self.csharp_is_generic(o) || self.csharp_is_generic(s));
            let overridden = names == Names::Methods && out[..derived].iter().any(|f| matches!(f.hit.entity, Entity::DefRef(o) if is_same(o)));
            if !overridden {
                out.push(Found {
                    hit: Hit { entity: Entity::DefRef(s), certainty: Certainty::Proven, reasons: vec![reason] },
                    of: Ty::Value(whole, args.clone()),
                    extends: false,
                });
            }
        }
    }

    /// Is a parameter of a method declared with a type parameter?
    fn csharp_is_generic(&self, method: DefRef) -> bool {
        let facts = self.world.facts(method.file);
        self.parameters_of(method).iter().any(|p| {
            let Some(TypeExpr::Instance(of)) = facts.def(*p).ty.map(|t| facts.ty(t)) else { return false };
            match facts.ty(*of) {
                TypeExpr::Def(d) => facts.def(*d).kind == Kind::TypeParameter,
                TypeExpr::TypeName { name, .. } => facts.name(*name).len() == 1,
                _ => false,
            }
        })
    }

    /// A base with the arguments of the type in place of its parameters.
    fn csharp_filled(&self, base: &Ty, owner: DefRef, args: &Rc<[Ty]>) -> Ty {
        match base {
            Ty::Item(s, inner, r) => Ty::Item(*s, inner.iter().map(|t| self.substitute(t.clone(), owner, args)).collect(), r.clone()),
            Ty::ExternalType(g, inner) => Ty::ExternalType(*g, inner.iter().map(|t| self.substitute(t.clone(), owner, args)).collect()),
            other => other.clone(),
        }
    }

    /// A member behind a dot: of the value, else of the type of the same name, else an extension method.
    fn csharp_member(&mut self, file: u32, scope: ScopeId, of: TypeId, owner: &Meaning, name: GlobalNameId, order: &[Names]) -> Lookup {
        if let Ty::Module(Entity::Folder(space)) = owner.ty {
            return self.csharp_in_space(space, name);
        }
        let mut cause = Cause::NoDefinition;
        let mut all: Vec<Hit> = Vec::new();
        for names in order {
            let found = self.csharp_members(&owner.ty, name, *names);
            cause = found.cause;
            if !found.is_empty() {
                all = found.hits;
                break;
            }
        }
        if all.is_empty()
            && let Some(other) = self.csharp_type_of_that_name(file, of)
        {
            for names in order {
                let found = self.csharp_members(&other, name, *names);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        // Own methods come first; where their arguments do not fit, the choice turns to extension methods.
        if order.contains(&Names::Methods) && matches!(owner.ty, Ty::Value(..) | Ty::List(_) | Ty::Union(_)) {
            all.extend(self.csharp_extensions(file, scope, &owner.ty, name).into_iter().map(|f| f.hit));
        }
        // What is called may be a value that holds a function.
        if all.is_empty() && order == [Names::Methods] {
            return self.csharp_members(&owner.ty, name, Names::Values);
        }
        Lookup { hits: all, cause }
    }

    /// `Colour.Red` where `Colour` is a property of the type `Colour`: the type is meant as well.
    fn csharp_type_of_that_name(&mut self, file: u32, of: TypeId) -> Option<Ty> {
        let facts = self.world.facts(file);
        let (name, scope) = match facts.ty(of) {
            TypeExpr::Name { name, scope, .. } => (*name, *scope),
            TypeExpr::Def(def) if matches!(facts.def(*def).kind, Kind::Parameter | Kind::Variable) => (facts.def(*def).name, facts.def(*def).scope),
            _ => return None,
        };
        let gid = self.world.gid(file, name);
        let found = self.plain(file, scope, gid, compass_index::linking::Namespace::Type);
        found.hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(Ty::Item(s, Ty::no_args(), None)) } else { None })
    }

    /// What a member of an expression means, where it is no call.
    fn csharp_member_meaning(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = self.evaluate(file, of);
        if let Ty::Module(Entity::Folder(space)) = owner.ty {
            let found = self.csharp_in_space(space, name);
            return if found.is_empty() { Meaning::unknown(Cause::UnitAbsent) } else { self.meaning_of(&found, name) };
        }
        let mut cause = Cause::NoDefinition;
        let others = self.csharp_type_of_that_name(file, of);
        for of in std::iter::once(owner.ty.clone()).chain(others) {
            for names in [Names::Values, Names::Types, Names::Methods] {
                let (found, why) = self.csharp_find(&of, name, names);
                cause = why;
                let Some(first) = found.into_iter().next() else { continue };
                let Entity::DefRef(sym) = first.hit.entity else { continue };
                // A constant of an enumeration is a value of it.
                let meaning = match self.world.def(sym).ty.filter(|_| self.world.def(sym).kind == Kind::Variant) {
                    Some(ty) => self.evaluate(sym.file, ty),
                    None => self.item(sym),
                };
                let ty = match &first.of {
                    Ty::Value(s, args) if !args.is_empty() => self.substitute(meaning.ty, *s, args),
                    _ => meaning.ty,
                };
                let reasons = owner.reasons.iter().copied().chain(first.hit.reasons).chain(meaning.reasons).take(8).collect();
                return Meaning { ty, certainty: owner.certainty.min(first.hit.certainty).min(meaning.certainty), reasons };
            }
        }
        match owner.ty {
            Ty::ExternalType(..) if self.world.name(name).starts_with(char::is_uppercase) => Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner },
            _ => Meaning::unknown(cause),
        }
    }

    /// What going through a value gives: the argument of the interface that says so, else what the member `Current` of its enumerator is.
    fn csharp_element(&mut self, of: DefRef, args: &Rc<[Ty]>) -> Option<Ty> {
        if self.world.def(of).kind == Kind::TypeParameter && self.world.def(of).ty.is_none() {
            return None;
        }
        let value = Ty::Value(of, args.clone());
        let sequence = self.csharp_named_type("System.Collections.Generic", "IEnumerable", 1);
        if let Some(Ty::Value(_, args)) = sequence.and_then(|s| self.csharp_base_of(&value, s)) {
            return args.first().cloned();
        }
        let first = self.world.find_gid("GetEnumerator")?;
        let (found, _) = self.csharp_find(&value, first, Names::Methods);
        let Some(Found { hit: Hit { entity: Entity::DefRef(method), .. }, of, .. }) = found.into_iter().next() else { return None };
        let enumerator = self.csharp_result(method, &of, &[], None).ty;
        let current = self.world.find_gid("Current")?;
        let (found, _) = self.csharp_find(&enumerator, current, Names::Values);
        let Some(Found { hit: Hit { entity: Entity::DefRef(field), .. }, of, .. }) = found.into_iter().next() else { return None };
        let ty = self.item(field).ty;
        Some(match &of {
            Ty::Value(s, args) if !args.is_empty() => self.substitute(ty, *s, args),
            _ => ty,
        })
    }

    /// What an index gives: the result of the member called `this`.
    fn csharp_indexed(&mut self, of: DefRef, args: &Rc<[Ty]>) -> Ty {
        let value = Ty::Value(of, args.clone());
        let Some(name) = self.world.find_gid("this") else { return Ty::Unknown(Cause::ReceiverUnknown) };
        let (found, cause) = self.csharp_find(&value, name, Names::Methods);
        let Some(Found { hit: Hit { entity: Entity::DefRef(method), .. }, of, .. }) = found.into_iter().next() else { return Ty::Unknown(cause) };
        self.csharp_result(method, &of, &[], None).ty
    }
}
