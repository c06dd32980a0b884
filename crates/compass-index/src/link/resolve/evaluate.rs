//! The one evaluator of type expressions, for all languages.
//!
//! # How it works
//! An expression is evaluated by what it is made of; every answer is remembered per file and expression. A cycle of
//! inferred types is cut where it closes, and nothing that was computed across the cut is remembered but the outermost
//! answer, so that the order of questions does not show. Depth and breadth are bounded.

use crate::link::resolve::lookup::{Guesses, Namespace};
use crate::link::reuse::dependency_log::Names;
use crate::link::types::ty::{Entity, Lookup, MappedType, Meaning, Reason, Ty};
use crate::link::world::modules::{Modules, Target};
use crate::link::world::{Binding, DefRef, GlobalNameId, World};
use crate::{Cause, Certainty, StepKind};
use compass_facts::bounds::Levels;
use compass_facts::{Flags, Kind, ScopeId, TypeExpr, TypeId};
use rustc_hash::{FxHashMap, FxHashSet};
use std::any::Any;
use std::cell::RefCell;
use std::rc::Rc;

/// Deepest chain of evaluations.
pub const MAX_DEPTH: usize = 48;

/// Where members stand: file and scope.
type Places = smallvec::SmallVec<[(u32, ScopeId); 1]>;

/// What is remembered, and the names that were looked up for it.
type Known<T> = (T, Names);

/// Where a plain name stands, which, and what it is wanted for.
type PlainKey = (u32, ScopeId, GlobalNameId, Namespace);

/// Members a type has from elsewhere.
#[derive(Default)]
pub struct Extensions {
    /// By type and name: file and scope of members that are the type's own.
    pub inherent: FxHashMap<(DefRef, GlobalNameId), Places>,
    /// By type: file, scope, and the trait that is implemented there.
    pub traits: FxHashMap<DefRef, Vec<(u32, ScopeId, Entity)>>,
    /// The type that a scope extends.
    pub of: FxHashMap<(u32, ScopeId), DefRef>,
}

impl Extensions {
    /// Takes over what was found later, and may say better what a scope extends.
    pub(in crate::link) fn join(&mut self, later: Extensions) {
        self.of.extend(later.of);
        for (key, places) in later.inherent {
            let all = self.inherent.entry(key).or_default();
            all.extend(places);
            all.sort_unstable();
            all.dedup();
        }
        for (key, implemented) in later.traits {
            let all = self.traits.entry(key).or_default();
            let new = implemented.into_iter().filter(|i| !all.contains(i)).collect::<Vec<_>>();
            all.extend(new);
        }
    }
}

/// A search for a name through star imports.
pub struct StarSearch {
    pub name: GlobalNameId,
    /// Modules it came by.
    pub seen: FxHashSet<(u32, ScopeId)>,
    /// How often it met one of them again.
    pub again: u64,
    pub depth: u32,
}

/// See the module. One per thread.
pub struct Evaluator<'w, 'm> {
    /// What is known of all files.
    pub world: &'m World<'w>,
    /// What the rules of languages prepared.
    pub modules: &'m Modules,
    /// Members that types have from elsewhere.
    pub extensions: &'m Extensions,
    memory: FxHashMap<(u32, TypeId), (Rc<Meaning>, Names)>,
    pub(in crate::link) plain: FxHashMap<PlainKey, Known<Rc<Lookup>>>,
    pub(in crate::link) targets: FxHashMap<(u32, u32), Known<Rc<[Target]>>>,
    pub(in crate::link) followed: FxHashMap<(u32, u32), (Lookup, Names)>,
    pub(in crate::link) based: FxHashMap<DefRef, (Rc<[Ty]>, Names)>,
    pub(in crate::link) evaluating: FxHashSet<(u32, TypeId)>,
    pub(in crate::link) following: FxHashSet<(u32, u32)>,
    /// Aliases being looked through.
    aliases: Vec<DefRef>,
    /// How many imports are followed, one behind the other.
    pub chain: u32,
    /// Searches through star imports that go on, each for another name than the one before.
    pub(in crate::link) star_searches: Vec<StarSearch>,
    /// Searches through star imports that go on: scope and name.
    pub globbing: FxHashSet<(u32, ScopeId, GlobalNameId)>,
    /// How often an answer was cut short so far.
    pub cuts: u64,
    pub(in crate::link) guesses: RefCell<Guesses>,
    /// What rules of languages remember for themselves.
    own: RefCell<FxHashMap<std::any::TypeId, Box<dyn Any>>>,
}

impl<'w, 'm> Evaluator<'w, 'm> {
    /// One that remembers nothing yet.
    pub fn new(world: &'m World<'w>, modules: &'m Modules, extensions: &'m Extensions) -> Self {
        Evaluator {
            world,
            modules,
            extensions,
            memory: FxHashMap::default(),
            plain: FxHashMap::default(),
            targets: FxHashMap::default(),
            followed: FxHashMap::default(),
            based: FxHashMap::default(),
            evaluating: FxHashSet::default(),
            following: FxHashSet::default(),
            aliases: Vec::new(),
            chain: 0,
            globbing: FxHashSet::default(),
            star_searches: Vec::new(),
            cuts: 0,
            guesses: RefCell::default(),
            own: RefCell::default(),
        }
    }

    /// What the rules of a language remember for themselves while this evaluator lives.
    pub fn own<T: Default + 'static, R>(&self, work: impl FnOnce(&mut T) -> R) -> R {
        let mut all = self.own.borrow_mut();
        let kept = all.entry(std::any::TypeId::of::<T>()).or_insert_with(|| Box::new(T::default()));
        work(kept.downcast_mut().expect("kept under its own type"))
    }

    /// Notes that an answer was cut short, so that nothing made of it is remembered.
    pub fn cut(&mut self) {
        self.cuts += 1;
    }

    /// What an expression of a file means.
    pub fn evaluate(&mut self, file: u32, id: TypeId) -> Meaning {
        if let Some((known, names)) = self.memory.get(&(file, id)) {
            self.world.dependency_log.again(names);
            return (**known).clone();
        }
        if self.evaluating.len() >= MAX_DEPTH || !self.evaluating.insert((file, id)) {
            self.cut();
            return Meaning::unknown(Cause::ReceiverUnknown);
        }
        let before = self.cuts;
        let start = self.world.dependency_log.begin();
        let meaning = self.evaluate_new(file, id);
        let meaning = self.rules(file).known_by_name(self, file, meaning);
        self.evaluating.remove(&(file, id));
        if self.cuts == before || self.evaluating.is_empty() && self.following.is_empty() {
            self.memory.insert((file, id), (Rc::new(meaning.clone()), self.world.dependency_log.since(start)));
        }
        meaning
    }

    fn evaluate_new(&mut self, file: u32, id: TypeId) -> Meaning {
        match self.world.facts(file).ty(id).clone() {
            TypeExpr::Unknown => Meaning::unknown(Cause::ReceiverUnknown),
            TypeExpr::Name { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let found = self.plain(file, scope, gid, Namespace::Any);
                self.meaning_of(&found, gid)
            }
            TypeExpr::TypeName { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let found = self.plain(file, scope, gid, Namespace::Type);
                self.meaning_of(&found, gid).map_with(|t| self.defaulted(t))
            }
            TypeExpr::Tag(name) => {
                let gid = self.world.gid(file, name);
                let found = self.plain(file, ScopeId::FILE, gid, Namespace::Tag);
                self.meaning_of(&found, gid)
            }
            TypeExpr::Def(def) => self.item(DefRef { file, def }),
            TypeExpr::Import(import) => {
                let found = self.follow(file, import);
                let gid = self.world.find_gid("").unwrap_or(GlobalNameId(0));
                self.meaning_of(&found, gid)
            }
            TypeExpr::Member { of, name } => self.member_meaning(file, of, name),
            TypeExpr::Call { of, args } => self.call(file, of, &args),
            TypeExpr::Instance(of) => self.named_type(file, of).map_with(|t| {
                // Of what cannot be made by a call, which might tell the arguments, the defaults hold.
                let is_only_named = matches!(&t, Ty::Item(s, a, _) if a.is_empty() && matches!(self.world.def(*s).kind, Kind::Interface | Kind::Alias));
                let t = if is_only_named { self.defaulted(t) } else { t };
                self.instance(t)
            }),
            TypeExpr::Element(of) => self.evaluate(file, of).map_with(|t| self.element(file, t)),
            TypeExpr::Index(of) => self.evaluate(file, of).map_with(|t| self.indexed(file, t)),
            TypeExpr::Generic { of, args } => self.generic(file, of, &args),
            TypeExpr::Union(parts) => self.union(file, &parts),
            TypeExpr::Tuple(parts) => {
                let parts: Vec<Ty> = parts.iter().map(|p| self.evaluate(file, *p).ty).collect();
                Meaning::sure(Ty::Tuple(parts.into()))
            }
            TypeExpr::Part { of, index } => self.evaluate(file, of).map_with(|t| self.part(t, index)),
            TypeExpr::List(of) => self.evaluate(file, of).map(|t| Ty::List(Rc::new(t))),
            TypeExpr::Map(of) => self.evaluate(file, of).map(|t| Ty::Map(Rc::new(t))),
            TypeExpr::Receiver(scope) => self.own_type(file, scope).map_with(|t| self.instance(t)),
            TypeExpr::ReceiverType(scope) => self.own_type(file, scope),
            TypeExpr::Super(scope) => self.super_of(file, scope),
            TypeExpr::Deref(of) => self.evaluate(file, of).map_with(|t| self.unwrapped(file, t)),
            TypeExpr::Await(of) => self.evaluate(file, of).map_with(|t| self.awaited(file, t)),
            TypeExpr::Try(of) => self.evaluate(file, of).map_with(|t| self.unwrapped(file, t)),
            TypeExpr::Literal(literal) => Meaning::sure(Ty::Literal(literal)),
            TypeExpr::Exactly { of, .. } => Meaning::sure(Ty::Literal(of)),
            TypeExpr::Told { of, member, keys, holds } => self.told(file, of, member, &keys, holds),
            TypeExpr::Guarded { of, by } => self.guarded(file, of, by),
            TypeExpr::Conditional { .. } => Meaning::sure(self.conditional(file, id, None, &mut Vec::new(), Levels::ALIASES)),
            TypeExpr::Mapped { of, value, key } => {
                let (of, value) = (self.evaluate(file, of).ty, self.evaluate(file, value).ty);
                Meaning::sure(Ty::Mapped(Rc::new(MappedType { of, value, key: DefRef { file, def: key } })))
            }
            TypeExpr::Expected { of, ty } => self.expected(file, of, ty),
            TypeExpr::Given { by, argument, parameter, only } => self.given(file, by, argument as usize, parameter as usize, only),
            TypeExpr::Function { result } | TypeExpr::Signature { result, .. } => self.evaluate(file, result).map(|t| Ty::Function(Rc::new(t))),
        }
    }

    /// The meaning of what a lookup found.
    pub fn meaning_of(&mut self, found: &Lookup, name: GlobalNameId) -> Meaning {
        if found.is_empty() {
            // A name of the standard library still names a type: its arguments are known, its members are not.
            if matches!(found.cause, Cause::Builtin | Cause::UnitAbsent) {
                return Meaning::sure(Ty::ExternalType(name, Ty::no_args()));
            }
            return Meaning::unknown(found.cause);
        }
        let mut parts = Vec::new();
        let mut certainty = Certainty::Proven;
        let mut reasons = Vec::new();
        for hit in found.hits.iter().take(6) {
            let meaning = match hit.entity {
                Entity::DefRef(sym) => self.item(sym),
                Entity::External(gid) => Meaning::sure(Ty::ExternalType(gid, Ty::no_args())),
                entity => Meaning::sure(Ty::Module(entity)),
            };
            certainty = certainty.min(hit.certainty).min(meaning.certainty);
            if reasons.is_empty() {
                reasons = hit.reasons.iter().copied().chain(meaning.reasons).collect();
            }
            parts.push(meaning.ty);
        }
        if found.hits.len() > 1 {
            certainty = certainty.min(Certainty::Inferred);
        }
        Meaning { ty: Ty::union(parts), certainty, reasons }
    }

    /// What a definition means when its name is mentioned: a variable means its value.
    pub fn item(&mut self, sym: DefRef) -> Meaning {
        let def = self.world.def(sym);
        let plain = Ty::Item(sym, Ty::no_args(), None);
        match def.kind {
            Kind::Module => match def.inner {
                Some(scope) => Meaning::sure(Ty::Module(Entity::Module(sym.file, scope))),
                None => Meaning::sure(plain),
            },
            Kind::Variable | Kind::Constant | Kind::Field | Kind::Parameter => self.value_of(sym),
            Kind::Alias if def.name_span.is_empty() => Meaning::sure(plain),
            Kind::Method | Kind::Function if def.flags.has(Flags::PROPERTY) => match def.ty {
                Some(ty) => self.evaluate(sym.file, ty),
                None => Meaning::unknown(Cause::ReceiverUnknown),
            },
            Kind::Macro => self.macro_value(sym),
            Kind::Label => Meaning::unknown(Cause::MacroMade),
            _ => Meaning::sure(plain),
        }
    }

    /// A macro whose body is one expression means that expression; one with parameters is called for it.
    fn macro_value(&mut self, sym: DefRef) -> Meaning {
        let def = self.world.def(sym);
        // A macro that is a set of members is taken by types as a base is.
        if def.inner.is_some_and(|s| self.world.facts(sym.file).scope(s).kind == compass_facts::ScopeKind::Type) {
            return Meaning::sure(Ty::Item(sym, Ty::no_args(), None));
        }
        let Some(ty) = def.ty else { return Meaning::unknown(Cause::MacroMade) };
        let meaning = self.evaluate(sym.file, ty);
        if meaning.ty.is_unknown() {
            return Meaning::unknown(Cause::MacroMade);
        }
        let certainty = meaning.certainty.min(Certainty::Inferred);
        let ty = if def.inner.is_some() { Ty::Function(Rc::new(meaning.ty)) } else { meaning.ty };
        Meaning { ty, certainty, reasons: meaning.reasons }
    }

    fn value_of(&mut self, sym: DefRef) -> Meaning {
        let def = self.world.def(sym);
        // An object literal given to a name: the name is its type.
        if def.inner.is_some() && def.ty.is_none() {
            return Meaning::sure(Ty::Value(sym, Ty::no_args()));
        }
        let Some(ty) = def.ty else { return self.rules(sym.file).handed_by_name(self, sym).unwrap_or(Meaning::unknown(Cause::ReceiverUnknown)) };
        let meaning = self.evaluate(sym.file, ty);
        let inferred = def.flags.has(Flags::INFERRED);
        // Where the language does not say so, a variable may be given something else later.
        let weakens = inferred && !self.rules(sym.file).variables_keep_their_type();
        let certainty = if weakens { meaning.certainty.min(Certainty::Inferred) } else { meaning.certainty };
        let kind = if inferred { StepKind::Inferred } else { StepKind::Declared };
        let reason = Reason { kind, file: sym.file, def: Some(sym.def), at: def.name_span.start, len: def.name_span.len() };
        // The reasons nearest to the use say most; long chains are cut.
        let reasons = std::iter::once(reason).chain(meaning.reasons).take(8).collect();
        Meaning { ty: meaning.ty, certainty, reasons }
    }

    fn member_meaning(&mut self, file: u32, of: TypeId, name: compass_facts::NameId) -> Meaning {
        let gid = self.world.gid(file, name);
        self.rules(file).member_meaning(self, file, of, gid)
    }

    /// What a member of an expression means, by the type of what stands before the dot.
    pub fn usual_member_meaning(&mut self, file: u32, of: TypeId, gid: GlobalNameId) -> Meaning {
        let owner = self.evaluate(file, of);
        self.member_of(file, owner, gid)
    }

    /// What a member of that name means, of what stands before the dot.
    pub fn member_of(&mut self, file: u32, mut owner: Meaning, gid: GlobalNameId) -> Meaning {
        if let Some(meaning) = self.member_of_mapped(file, &owner, gid) {
            return meaning;
        }
        let rules = self.rules(file);
        let mut found = self.members(file, &owner.ty, gid);
        if found.is_empty() && !matches!(owner.ty, Ty::Value(..)) {
            let passed_on = rules.passed_on(self, file, &owner.ty, gid);
            if let (None, Some((of_language, Some(value)))) = (passed_on, rules.member_of_language(self, file, &owner.ty, gid)) {
                (found, owner.ty) = (of_language, value);
            }
        }
        if found.is_empty() {
            if let Some(meaning) = rules.member_of_absent(self, file, &owner, gid) {
                return meaning;
            }
            return match rules.passed_on(self, file, &owner.ty, gid) {
                Some(ty) => Meaning { ty, ..owner },
                None => rules.member_of_unknown(self, file, gid, found.cause),
            };
        }
        let meaning = self.meaning_of(&found, gid);
        let receiver = Rc::new(owner.ty.clone());
        let ty = match meaning.ty {
            Ty::Item(sym, a, None) => Ty::Item(sym, a, Some(receiver)),
            other => other,
        };
        let ty = self.seen_through(ty, Some(&owner.ty));
        let reasons = owner.reasons.into_iter().chain(meaning.reasons).take(8).collect();
        Meaning { ty, certainty: owner.certainty.min(meaning.certainty), reasons }
    }

    fn call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Meaning {
        if let Some(meaning) = self.rules(file).call(self, file, of, args) {
            return meaning;
        }
        let callee = self.callee(file, of);
        let (certainty, reasons) = (callee.certainty, callee.reasons.clone());
        let mut result = self.result(callee.ty.clone());
        result.ty = self.filled(file, &callee.ty, result.ty, args);
        if result.ty.is_unknown()
            && let Some(by_signature) = self.result_by_signature(file, &callee.ty, args)
        {
            result = by_signature;
        }
        let ty = match result.ty {
            // A function that gives back what its argument gives: the closures of iterators.
            Ty::List(inner) if inner.is_unknown() => match args.first().map(|a| self.evaluate(file, *a).ty) {
                Some(Ty::Function(made)) => Ty::List(made),
                _ => Ty::List(inner),
            },
            other => other,
        };
        let reasons = reasons.into_iter().chain(result.reasons).take(8).collect();
        Meaning { ty, certainty: certainty.min(result.certainty), reasons }
    }

    /// What calling something gives.
    pub fn result(&mut self, callee: Ty) -> Meaning {
        match callee {
            Ty::Item(sym, args, receiver) => self.result_of_item(sym, args, receiver),
            Ty::ExternalType(gid, args) => {
                let args = if args.is_empty() { Ty::no_args() } else { args };
                Meaning::sure(Ty::External(gid, args))
            }
            Ty::Function(result) => Meaning::sure((*result).clone()),
            Ty::Union(parts) => {
                let results: Vec<Meaning> = parts.iter().map(|p| self.result(p.clone())).collect();
                let certainty = results.iter().map(|r| r.certainty).min().unwrap_or(Certainty::Inferred);
                Meaning { ty: Ty::union(results.into_iter().map(|r| r.ty).collect()), certainty: certainty.min(Certainty::Inferred), reasons: Vec::new() }
            }
            Ty::Value(sym, args) => self.called_value(sym, args),
            Ty::Unknown(cause) => Meaning::unknown(cause),
            _ => Meaning::unknown(Cause::Dynamic),
        }
    }

    /// A value that can be called: by a member of it, or by a function type behind a name.
    fn called_value(&mut self, sym: DefRef, args: Rc<[Ty]>) -> Meaning {
        let def = self.world.def(sym);
        if def.kind == Kind::Alias
            && let Some(ty) = def.ty
        {
            let inner = self.evaluate(sym.file, ty);
            return if matches!(inner.ty, Ty::Function(_)) { self.result(inner.ty) } else { Meaning::unknown(Cause::Dynamic) };
        }
        let Some(call) = self.rules(sym.file).call_member().and_then(|m| self.world.find_gid(m)) else { return Meaning::unknown(Cause::Dynamic) };
        let found = self.members(sym.file, &Ty::Value(sym, args), call);
        match found.hits.first().map(|h| h.entity) {
            Some(Entity::DefRef(method)) => self.result_of_item(method, Ty::no_args(), None),
            _ => Meaning::unknown(Cause::Dynamic),
        }
    }

    /// What calling a definition gives, with the receiver it was reached through.
    pub fn result_of_item(&mut self, sym: DefRef, args: Rc<[Ty]>, receiver: Option<Rc<Ty>>) -> Meaning {
        let def = self.world.def(sym);
        match def.kind {
            Kind::Variant => match def.container {
                Some(owner) => Meaning::sure(Ty::Value(DefRef { file: sym.file, def: owner }, args)),
                None => Meaning::unknown(Cause::Dynamic),
            },
            k if k.is_type() => Meaning::sure(self.instance(Ty::Item(sym, args, None))),
            _ => {
                let Some(ty) = def.ty else { return Meaning::unknown(Cause::ReceiverUnknown) };
                let own = self.own_result(sym, ty, receiver.as_deref());
                let mut meaning = match own {
                    Some(ty) => Meaning::sure(ty),
                    None => self.evaluate(sym.file, ty),
                };
                if let Some(Ty::Value(..)) = receiver.as_deref() {
                    meaning.ty = self.seen_through(meaning.ty, receiver.as_deref());
                }
                // What the call gives the function's own parameters: `make<Rack> ()`.
                meaning.ty = self.substitute(meaning.ty, sym, &args);
                meaning.ty = self.settled(meaning.ty);
                if let Some(receiver) = &receiver
                    && self.rules(sym.file).has_associated_types()
                {
                    meaning.ty = self.with_associated(meaning.ty, receiver, Levels::TYPES);
                }
                if def.flags.has(Flags::INFERRED) {
                    meaning.certainty = meaning.certainty.min(Certainty::Inferred);
                }
                let kind = if def.flags.has(Flags::INFERRED) { StepKind::Inferred } else { StepKind::Declared };
                let reason = Reason { kind, file: sym.file, def: Some(sym.def), at: def.name_span.start, len: def.name_span.len() };
                Meaning { reasons: vec![reason], ..meaning }
            }
        }
    }

    /// Puts what the receiver's type gives for the associated types of what it implements in their place.
    fn with_associated(&mut self, ty: Ty, receiver: &Ty, levels: Levels) -> Ty {
        let Some(levels) = levels.down() else { return ty };
        match ty {
            Ty::Value(sym, _) | Ty::Item(sym, ..) if self.is_associated(sym) => match self.associated(receiver, sym) {
                Some(found) => found,
                None => self.bounds_of(sym).unwrap_or(ty),
            },
            Ty::Value(sym, args) if !args.is_empty() => Ty::Value(sym, args.iter().map(|a| self.with_associated(a.clone(), receiver, levels)).collect()),
            Ty::External(name, args) => Ty::External(name, args.iter().map(|a| self.with_associated(a.clone(), receiver, levels)).collect()),
            Ty::Tuple(parts) => Ty::Tuple(parts.iter().map(|a| self.with_associated(a.clone(), receiver, levels)).collect()),
            Ty::List(inner) => Ty::List(Rc::new(self.with_associated((*inner).clone(), receiver, levels))),
            Ty::Function(inner) => Ty::Function(Rc::new(self.with_associated((*inner).clone(), receiver, levels))),
            other => other,
        }
    }

    /// What an associated type is bound by: all that is known of it where nobody says which type implements the interface.
    pub fn bounds_of(&mut self, sym: DefRef) -> Option<Ty> {
        let ty = self.world.def(sym).ty?;
        let bounds = self.evaluate(sym.file, ty).ty;
        Some(self.instance(bounds))
    }

    /// Is it a type that whoever implements an interface names?
    pub fn is_associated(&self, sym: DefRef) -> bool {
        let def = self.world.def(sym);
        def.kind == Kind::Alias && def.container.is_some_and(|c| matches!(self.world.facts(sym.file).def(c).kind, Kind::Interface | Kind::Trait))
    }

    /// What a type says for an associated type of an interface that it implements.
    fn associated(&mut self, receiver: &Ty, sym: DefRef) -> Option<Ty> {
        let (Ty::Value(of, args) | Ty::Item(of, args, _)) = receiver else { return None };
        let def = self.world.def(sym);
        let interface = DefRef { file: sym.file, def: def.container? };
        let name = self.world.gid(sym.file, def.name);
        let extensions = self.extensions;
        for (file, scope, implemented) in extensions.traits.get(of)? {
            if *implemented != Entity::DefRef(interface) {
                continue;
            }
            let said = self.world.bindings(*file, *scope, name).find_map(|b| if let Binding::Def(d) = b { Some(d) } else { None });
            if let Some(ty) = said.and_then(|d| self.world.facts(*file).def(d).ty) {
                let found = self.evaluate(*file, ty).ty;
                let value = self.instance(found);
                return Some(if args.is_empty() { value } else { self.substitute(value, *of, args) });
            }
        }
        None
    }

    /// A method that gives back its receiver, or a value of its receiver's type: that of the call, not of the definition.
    fn own_result(&mut self, sym: DefRef, ty: TypeId, receiver: Option<&Ty>) -> Option<Ty> {
        let facts = self.world.facts(sym.file);
        let is_own = |t: TypeId| match facts.ty(t) {
            TypeExpr::Receiver(_) => true,
            TypeExpr::Instance(inner) => matches!(facts.ty(*inner), TypeExpr::ReceiverType(_)),
            TypeExpr::Call { of, .. } => matches!(facts.ty(*of), TypeExpr::ReceiverType(_)),
            TypeExpr::Def(d) => facts.def(*d).ty.is_some_and(|t| matches!(facts.ty(t), TypeExpr::Receiver(_))),
            _ => false,
        };
        if !is_own(ty) {
            return None;
        }
        match receiver? {
            value @ Ty::Value(..) => Some(value.clone()),
            item @ Ty::Item(of, ..) if self.world.def(*of).kind.is_type() => Some(self.instance(item.clone())),
            _ => None,
        }
    }

    /// A value of a type.
    pub fn instance(&mut self, ty: Ty) -> Ty {
        match ty {
            Ty::Item(sym, args, _) => self.instance_of(sym, args),
            Ty::ExternalType(gid, args) => Ty::External(gid, args),
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.instance(p.clone())).collect()),
            other => other,
        }
    }

    fn instance_of(&mut self, sym: DefRef, args: Rc<[Ty]>) -> Ty {
        let def = self.world.def(sym);
        let rules = self.rules(sym.file);
        // What stands behind an associated type are its bounds: the type is told by whoever implements the interface.
        let is_own = rules.is_type_of_its_own(def) || rules.has_associated_types() && self.is_associated(sym);
        if let (Kind::Alias, Some(_), None, false) = (def.kind, def.ty, self.alias_members(sym), is_own || self.is_open(sym, &args)) {
            return match self.alias_target(sym, &args) {
                Some(Ty::Literal(_)) if rules.numbers_keep_their_names() && self.world.unit(sym.file).is_declared() => {
                    Ty::External(self.world.gid(sym.file, def.name), args)
                }
                Some(ty) => ty,
                None => {
                    self.cut();
                    Ty::Unknown(Cause::ReceiverUnknown)
                }
            };
        }
        if def.kind == Kind::Variant
            && let Some(owner) = def.container
        {
            return Ty::Value(DefRef { file: sym.file, def: owner }, args);
        }
        Ty::Value(sym, args)
    }

    /// What an alias stands for, with its arguments put in; nothing for one that leads to itself.
    pub fn alias_target(&mut self, sym: DefRef, args: &Rc<[Ty]>) -> Option<Ty> {
        let def = self.world.def(sym);
        let ty = def.ty.filter(|_| def.kind == Kind::Alias && !self.aliases.contains(&sym) && self.aliases.len() <= 24)?;
        self.aliases.push(sym);
        let target = self.filled_in(sym.file, ty, sym, args);
        let value = self.instance(target);
        let value = self.substitute(value, sym, args);
        let value = self.settled(value);
        self.aliases.pop();
        Some(value)
    }

    /// The members an alias has by itself: `type A = { … }`.
    fn alias_members(&self, sym: DefRef) -> Option<ScopeId> {
        let def = self.world.def(sym);
        def.inner.filter(|_| def.ty.is_none())
    }

    fn union(&mut self, file: u32, parts: &[TypeId]) -> Meaning {
        let meanings: Vec<Meaning> = parts.iter().map(|p| self.evaluate(file, *p)).collect();
        let known: Vec<&Meaning> = meanings.iter().filter(|m| !m.ty.is_unknown()).collect();
        let certainty = known.iter().map(|m| m.certainty).min().unwrap_or(Certainty::Proven);
        let unsure = known.len() != meanings.len();
        // A first value that says "none yet" tells nothing of what comes later.
        if unsure && self.rules(file).members_are_dynamic() && known.iter().all(|m| matches!(m.ty, Ty::Literal(_))) {
            return Meaning::unknown(Cause::ReceiverUnknown);
        }
        let certainty = if unsure { certainty.min(Certainty::Inferred) } else { certainty };
        let reasons = known.first().map(|m| m.reasons.clone()).unwrap_or_default();
        Meaning { ty: Ty::union(meanings.into_iter().map(|m| m.ty).collect()), certainty, reasons }
    }

    /// The type around a scope: its owner, or what its extension extends.
    pub fn own_type(&mut self, file: u32, scope: ScopeId) -> Meaning {
        let facts = self.world.facts(file);
        if let Some(owner) = facts.scope(scope).owner {
            return Meaning::sure(Ty::Item(DefRef { file, def: owner }, Ty::no_args(), None));
        }
        match facts.extensions.iter().find(|e| e.scope == scope) {
            Some(extension) => self.evaluate(file, extension.of),
            None => Meaning::unknown(Cause::ReceiverUnknown),
        }
    }

    fn super_of(&mut self, file: u32, scope: ScopeId) -> Meaning {
        let own = self.own_type(file, scope);
        let Ty::Item(sym, ..) = own.ty else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let bases = self.bases(sym);
        let is_one_class = self.rules(file).super_is_one_class();
        let is_interface = |s: DefRef| matches!(self.world.def(s).kind, Kind::Interface | Kind::Trait);
        let keeps_to_class = is_one_class && !self.rules(file).super_reaches_interfaces();
        let passed_over = |b: &&Ty| keeps_to_class && !is_interface(sym) && matches!(b, Ty::Item(s, ..) if is_interface(*s));
        let named: Vec<Ty> = bases.iter().filter(|b| !passed_over(b)).cloned().collect();
        if named.is_empty() && !bases.is_empty() {
            return Meaning::unknown(Cause::Builtin);
        }
        let values: Vec<Ty> = named.into_iter().map(|b| self.instance(b)).collect();
        let certainty = if is_one_class { Certainty::Proven } else { Certainty::Inferred };
        Meaning { ty: Ty::union(values), certainty, reasons: own.reasons }
    }
}

impl Meaning {
    pub(in crate::link) fn map_with(self, change: impl FnOnce(Ty) -> Ty) -> Meaning {
        let ty = change(self.ty);
        Meaning { ty, certainty: self.certainty, reasons: self.reasons }
    }
}
