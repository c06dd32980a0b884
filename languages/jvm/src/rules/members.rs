//! Members of types of Java, with the arguments of their types put in, and what calls of them give.

use super::choice::Choice as _;
use super::scopes::Scopes as _;
use super::{Found, MAX_BASES, Names};
use crate::kotlin::rules::from_java::FromJava as _;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, TypeExpr, TypeId};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, MOST_CHOICES, Meaning, Namespace, Reason, Ty, put_in};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;
use std::rc::Rc;

#[ext(Members)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// Members of a type or value.
    fn java_members(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> Lookup {
        let (found, cause) = self.java_find(of, name, names);
        Lookup { hits: found.into_iter().map(|f| f.hit).collect(), cause }
    }

    fn java_find(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> (Vec<Found>, Cause) {
        let mut out = Vec::new();
        let mut cause = Cause::NoDefinition;
        self.java_collect(of, name, names, &mut Vec::new(), &mut out, &mut cause);
        if out.is_empty() && matches!(cause, Cause::NoDefinition | Cause::Builtin) && names == Names::Methods && is_of_every_object(self.world.name(name)) {
            cause = Cause::Builtin;
            self.java_collect_of_every(of, name, &mut out);
        }
        if out.is_empty() && cause != Cause::ReceiverUnknown {
            out = self.kotlin_from_java(of, name, names);
        }
        (out, cause)
    }

    /// What every object has, every enum before it.
    fn java_collect_of_every(&mut self, of: &Ty, name: GlobalNameId, out: &mut Vec<Found>) {
        let is_enum = matches!(of, Ty::Item(s, ..) | Ty::Value(s, _) if matches!(self.world.def(*s).kind, Kind::Enum | Kind::Variant));
        for base in [is_enum.then_some("Enum"), Some("Object")].into_iter().flatten() {
            if let Some(base) = self.java_of_language(base)
                && out.is_empty()
            {
                self.java_own(base, &Ty::no_args(), name, Names::Methods, out);
            }
        }
    }

    fn java_collect(&mut self, of: &Ty, name: GlobalNameId, names: Names, seen: &mut Vec<DefRef>, out: &mut Vec<Found>, cause: &mut Cause) {
        let (sym, args) = match of {
            Ty::Item(sym, args, _) | Ty::Value(sym, args) => (*sym, args.clone()),
            Ty::Union(parts) => {
                for part in parts.iter() {
                    self.java_collect(part, name, names, seen, out, cause);
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
        if matches!(def.kind, Kind::TypeParameter | Kind::Variant) {
            match def.ty {
                Some(ty) => {
                    let bound = self.evaluate(sym.file, ty).ty;
                    self.java_collect(&bound, name, names, seen, out, cause);
                }
                None => *cause = Cause::Builtin,
            }
            return;
        }
        let before = out.len();
        self.java_own(sym, &args, name, names, out);
        if names == Names::Constructors || names != Names::Methods && out.len() > before {
            return;
        }
        for base in self.bases(sym).iter() {
            let base = if args.is_empty() { base.clone() } else { self.java_filled(base, sym, &args) };
            let inherited = out.len();
            self.java_collect(&base, name, names, seen, out, cause);
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

    /// Members written in the type itself; methods that are overridden already are left out.
    fn java_own(&mut self, sym: DefRef, args: &Rc<[Ty]>, name: GlobalNameId, names: Names, out: &mut Vec<Found>) {
        let world = self.world;
        let def = world.def(sym);
        let Some(scope) = def.inner else { return };
        let reason = Reason { kind: StepKind::Member, file: sym.file, def: Some(sym.def), at: def.name_span.start, len: def.name_span.len() };
        let own: Vec<DefRef> = world
            .bindings(sym.file, scope, name)
            .filter_map(|b| if let Binding::Def(d) = b { Some(DefRef { file: sym.file, def: d }) } else { None })
            .filter(|s| world.def(*s).kind != Kind::TypeParameter)
            .filter(|s| world.def(*s).kind != Kind::Parameter || world.language(s.file) == crate::JAVA)
            .take(MOST_CHOICES + 1)
            .collect();
        // Only what derived types wrote overrides; methods of one type stand side by side.
        let derived = out.len();
        let in_header = |s: &DefRef| {
            world.language(s.file) == crate::JAVA
                && names == Names::Methods
                && world.def(*s).kind == Kind::Field
                && def.body.is_some_and(|b| world.def(*s).whole.end <= b.start)
        };
        for s in own.into_iter().filter(|s| names.hold(world.def(*s).kind) || in_header(s)) {
            let d = world.def(s);
            let overridden = names == Names::Methods
                && out[..derived].iter().any(|f| matches!(f.hit.entity, Entity::DefRef(o) if world.def(o).arity == d.arity && self.java_same_parameters(o, s)));
            if !overridden {
                let reasons = if def.name_span.is_empty() { Vec::new() } else { vec![reason] };
                out.push(Found { hit: Hit { entity: Entity::DefRef(s), certainty: Certainty::Proven, reasons }, of: Ty::Value(sym, args.clone()) });
            }
        }
    }

    /// Does one method override the other? Their parameters read alike, or a type parameter stands for what the other names.
    fn java_same_parameters(&self, a: DefRef, b: DefRef) -> bool {
        if self.world.def(a).signature == self.world.def(b).signature {
            return true;
        }
        // Bases with parameters: `compareTo(T)` is overridden by `compareTo(Rack)`.
        let generic = |s: DefRef| self.parameters_of(s).iter().any(|p| self.java_is_parameter(s.file, *p));
        generic(a) || generic(b)
    }

    /// Is a parameter declared with a type parameter?
    fn java_is_parameter(&self, file: u32, parameter: compass_facts::DefId) -> bool {
        let facts = self.world.facts(file);
        let Some(TypeExpr::Instance(of)) = facts.def(parameter).ty.map(|t| facts.ty(t)) else { return false };
        match facts.ty(*of) {
            TypeExpr::Def(d) => facts.def(*d).kind == Kind::TypeParameter,
            TypeExpr::TypeName { name, .. } => facts.name(*name).len() == 1,
            _ => false,
        }
    }

    /// A base with the arguments of the type in place of its parameters.
    fn java_filled(&self, base: &Ty, owner: DefRef, args: &Rc<[Ty]>) -> Ty {
        match base {
            Ty::Item(s, inner, r) => Ty::Item(*s, inner.iter().map(|t| self.substitute(t.clone(), owner, args)).collect(), r.clone()),
            Ty::ExternalType(g, inner) => Ty::ExternalType(*g, inner.iter().map(|t| self.substitute(t.clone(), owner, args)).collect()),
            other => other.clone(),
        }
    }

    /// What a member of an expression means, where it is no call.
    fn java_member_meaning(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = self.evaluate(file, of);
        let (mut found, mut cause) = self.java_find(&owner.ty, name, Names::Values);
        if found.is_empty() {
            let types = self.java_find(&owner.ty, name, Names::Types);
            (found, cause) = if types.0.is_empty() { (types.0, cause) } else { types };
        }
        let Some(first) = found.into_iter().next() else {
            // `Map.Entry`: a type within one that is not here.
            let names_type = self.world.name(name).starts_with(char::is_uppercase);
            return match owner.ty {
                Ty::ExternalType(..) if names_type => Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner },
                _ => Meaning::unknown(cause),
            };
        };
        let Entity::DefRef(sym) = first.hit.entity else { return Meaning::unknown(cause) };
        let meaning = self.item(sym);
        let ty = match &first.of {
            Ty::Value(s, args) if !args.is_empty() => self.substitute(meaning.ty, *s, args),
            _ => meaning.ty,
        };
        let reasons = owner.reasons.into_iter().chain(first.hit.reasons).chain(meaning.reasons).take(8).collect();
        Meaning { ty, certainty: owner.certainty.min(first.hit.certainty).min(meaning.certainty), reasons }
    }

    /// The methods that an expression before a call's arguments may mean, why there may be none, what they are called on, and
    /// their name. `None` where what is called is no method by name.
    fn java_called(&mut self, file: u32, of: TypeId) -> Option<(Vec<Found>, Cause, Meaning, GlobalNameId)> {
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Member { of, name } => {
                let owner = self.evaluate(file, of);
                let gid = self.world.gid(file, name);
                let (found, cause) = self.java_find(&owner.ty, gid, Names::Methods);
                Some((found, cause, owner, gid))
            }
            TypeExpr::Name { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let found = self.plain(file, scope, gid, Namespace::Method);
                let of = |h: &Hit| match h.entity {
                    Entity::DefRef(s) => {
                        self.world.def(s).container.map_or(Ty::Unknown(Cause::NoDefinition), |c| Ty::Value(DefRef { file: s.file, def: c }, Ty::no_args()))
                    }
                    _ => Ty::Unknown(Cause::NoDefinition),
                };
                let cause = found.cause;
                let found = found.hits.iter().map(|h| Found { hit: h.clone(), of: of(h) }).collect();
                Some((found, cause, Meaning::sure(Ty::Unknown(Cause::NoDefinition)), gid))
            }
            _ => None,
        }
    }

    /// What a call gives. `None` where what is called is no method by name.
    fn java_call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        let (found, cause, owner, name) = self.java_called(file, of)?;
        if found.is_empty() {
            let known = if owner.ty.is_unknown() { None } else { self.java_builtin(&owner.ty, name, args, file) };
            return Some(known.map_or(Meaning::unknown(cause), |ty| Meaning { ty, certainty: owner.certainty.min(Certainty::Inferred), ..owner }));
        }
        let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        let chosen = self.java_choose(found, &given);
        let sure = chosen.iter().filter(|c| c.1 > Certainty::Guessed).count();
        let mut parts = Vec::new();
        let mut certainty = owner.certainty;
        let mut reasons = owner.reasons.clone();
        for (found, how) in chosen.iter().take(sure.max(1)) {
            let Entity::DefRef(sym) = found.hit.entity else { continue };
            let meaning = self.java_result(sym, &found.of, &given, &owner.ty, name);
            certainty = certainty.min(meaning.certainty).min(*how);
            reasons.extend(meaning.reasons.iter().copied().take(2));
            parts.push(meaning.ty);
        }
        reasons.truncate(8);
        Some(Meaning { ty: Ty::union(parts), certainty, reasons })
    }

    /// The result of a method, with the arguments of its type and of the call in place of type parameters.
    fn java_result(&mut self, method: DefRef, of: &Ty, given: &[Ty], owner: &Ty, name: GlobalNameId) -> Meaning {
        let def = self.world.def(method);
        if self.world.name(name) == "getClass" && def.ty.is_none() {
            return Meaning::sure(owner.clone());
        }
        let Some(ty) = def.ty else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let meaning = self.evaluate(method.file, ty);
        let mut ty = meaning.ty;
        if let Ty::Value(s, args) = of
            && !args.is_empty()
        {
            ty = self.substitute(ty, *s, args);
        }
        let parameters = self.parameters_of(method);
        let mut bound: Vec<(DefRef, Ty)> = Vec::new();
        for (given, parameter) in given.iter().zip(&parameters) {
            if let Some(declared) = self.world.facts(method.file).def(*parameter).ty {
                let declared = self.evaluate(method.file, declared).ty;
                self.unify(&declared, given, &mut bound, Levels::TYPES);
            }
        }
        let reason = Reason { kind: StepKind::Declared, file: method.file, def: Some(method.def), at: def.name_span.start, len: def.name_span.len() };
        Meaning { ty: put_in(&ty, &bound), certainty: meaning.certainty, reasons: vec![reason] }
    }

    /// What a method of a type of the library gives that passes on what it holds.
    fn java_builtin(&mut self, of: &Ty, name: GlobalNameId, args: &[TypeId], file: u32) -> Option<Ty> {
        let Ty::External(gid, held) = of else { return None };
        let (word, ty) = (self.world.name(name), self.world.name(*gid));
        let first = || held.first().cloned();
        let is_map = ty.ends_with("Map") || ty.ends_with("Entry");
        match word {
            "get" | "remove" | "getOrDefault" | "put" | "computeIfAbsent" | "getValue" | "putIfAbsent" | "poll" | "peek" if is_map => held.get(1).cloned(),
            "keySet" | "entrySet" | "values" if is_map => {
                let inner = match word {
                    "keySet" => first()?,
                    "values" => held.get(1).cloned()?,
                    _ => Ty::External(self.world.find_gid("Entry").unwrap_or(*gid), held.clone()),
                };
                Some(Ty::External(*gid, Rc::from([inner])))
            }
            "getKey" => first(),
            "get" | "next" | "previous" | "remove" | "poll" | "peek" | "pop" | "element" | "take" | "first" | "last" | "getFirst" | "getLast" | "orElse"
            | "orElseGet" | "orElseThrow" | "newInstance" | "cast" | "join" | "call" | "removeFirst" | "removeLast" | "pollFirst" | "set" | "getAndSet" => {
                first()
            }
            "iterator" | "listIterator" | "stream" | "filter" | "sorted" | "limit" | "skip" | "distinct" | "subList" | "findFirst" | "findAny"
            | "parallelStream" | "peekFirst" | "spliterator" | "descendingIterator" | "ofNullable" => Some(of.clone()),
            "toString" | "getName" | "trim" | "substring" | "toLowerCase" | "toUpperCase" | "replace" | "concat" | "getMessage" => {
                Some(Ty::External(self.world.find_gid("String")?, Ty::no_args()))
            }
            "append" | "insert" | "reverse" if ty.starts_with("StringBu") => Some(of.clone()),
            "map" => match args.first().map(|a| self.evaluate(file, *a).ty) {
                Some(Ty::Function(made)) => Some(Ty::External(*gid, Rc::from([(*made).clone()]))),
                _ => None,
            },
            "length" | "size" | "indexOf" | "hashCode" | "lastIndexOf" | "compareTo" | "intValue" => {
                Some(Ty::External(self.world.find_gid("int")?, Ty::no_args()))
            }
            "toCharArray" => Some(Ty::List(Rc::new(Ty::External(self.world.find_gid("char")?, Ty::no_args())))),
            "getBytes" => Some(Ty::List(Rc::new(Ty::External(self.world.find_gid("byte")?, Ty::no_args())))),
            "getClass" => Some(Ty::External(self.world.find_gid("Class")?, Rc::from([of.clone()]))),
            "charAt" => Some(Ty::External(self.world.find_gid("char")?, Ty::no_args())),
            "equals" | "isEmpty" | "contains" | "containsKey" | "startsWith" | "endsWith" | "hasNext" | "add" | "booleanValue" => {
                Some(Ty::External(self.world.find_gid("boolean")?, Ty::no_args()))
            }
            _ => None,
        }
    }

    /// A constructor nobody wrote: the type stands for it.
    fn java_made_constructor(&self, owner: &Meaning) -> Lookup {
        let Ty::Item(sym, ..) = &owner.ty else { return Lookup::none(Cause::NoDefinition) };
        let mut hit = self.by_name_hit(*sym, owner.certainty);
        hit.reasons = owner.reasons.clone();
        Lookup { hits: vec![hit], cause: Cause::NoDefinition }
    }
}

/// Methods that every object, enum or record has.
fn is_of_every_object(name: &str) -> bool {
    matches!(
        name,
        "toString"
            | "equals"
            | "hashCode"
            | "getClass"
            | "notify"
            | "notifyAll"
            | "wait"
            | "clone"
            | "finalize"
            | "name"
            | "ordinal"
            | "values"
            | "valueOf"
            | "compareTo"
    )
}
