//! What values hold: elements, parts, what pointers lead to, what promises give, and what members of the built-in types pass on.

use super::evaluate::{Evaluator, MAX_DEPTH};
use super::ty::{Entity, Hit, Ty};
use super::world::{DefRef, GlobalNameId};
use crate::Cause;
use compass_facts::{Kind, Language, Literal};
use std::rc::Rc;

/// Types that hold what will come.
const PROMISES: [&str; 6] = ["Promise", "PromiseLike", "Awaitable", "Coroutine", "Future", "Task"];

impl Evaluator<'_, '_> {
    /// What going through a value gives.
    pub(super) fn element(&mut self, ty: Ty) -> Ty {
        match self.go_underlying(ty) {
            Ty::List(inner) => (*inner).clone(),
            Ty::Tuple(parts) => Ty::union(parts.to_vec()),
            Ty::Map(_) => Ty::Unknown(Cause::ReceiverUnknown),
            Ty::External(name, args) if self.is_cpp_map(name, &args) => Ty::External(name, args),
            Ty::External(_, args) => args.first().map_or(Ty::Unknown(Cause::UnitAbsent), |a| self.held(a)),
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.element(p.clone())).collect()),
            Ty::Value(sym, args) => self.element_of(sym, args),
            Ty::Unknown(cause) => Ty::Unknown(cause),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    /// A value of the type that an argument names.
    pub(super) fn held(&mut self, argument: &Ty) -> Ty {
        match argument {
            Ty::ExternalType(name, args) => Ty::External(*name, args.clone()),
            Ty::Item(sym, ..) if self.world.def(*sym).kind == Kind::Alias && self.world.language(sym.file) == Language::Cpp => self.instance(argument.clone()),
            other => other.clone(),
        }
    }

    fn element_of(&mut self, sym: DefRef, args: Rc<[Ty]>) -> Ty {
        for name in ["__iter__", "iter", "into_iter", "next"] {
            let Some(gid) = self.world.find_gid(name) else { continue };
            let found = self.members(sym.file, &Ty::Value(sym, args.clone()), gid);
            if let Some(Hit { entity: Entity::DefRef(method), .. }) = found.hits.first()
                && self.evaluating.len() < MAX_DEPTH / 2
            {
                let result = self.result_of_item(*method, Ty::no_args(), Some(Rc::new(Ty::Value(sym, args.clone())))).ty;
                if let Ty::List(_) | Ty::External(..) = result {
                    return self.element(result);
                }
            }
        }
        args.first().cloned().unwrap_or(Ty::Unknown(Cause::ReceiverUnknown))
    }

    pub(super) fn indexed(&mut self, ty: Ty) -> Ty {
        match self.go_underlying(ty) {
            Ty::Map(inner) | Ty::List(inner) => (*inner).clone(),
            Ty::Tuple(parts) => Ty::union(parts.to_vec()),
            // A further argument may be how keys are hashed or memory is taken: not what is held.
            Ty::External(name, args) if self.is_cpp_container(name) => {
                let held = if self.is_cpp_map(name, &args) { args.get(1) } else { args.first() };
                held.map_or(Ty::Unknown(Cause::UnitAbsent), |a| self.held(a))
            }
            Ty::External(_, args) => args.last().map_or(Ty::Unknown(Cause::UnitAbsent), |a| self.held(a)),
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.indexed(p.clone())).collect()),
            Ty::Value(sym, args) if self.world.language(sym.file).is_c_family() => Ty::Value(sym, args),
            Ty::Value(sym, args) => {
                let Some(gid) = self.world.find_gid("__getitem__") else { return Ty::Unknown(Cause::ReceiverUnknown) };
                let found = self.members(sym.file, &Ty::Value(sym, args), gid);
                match found.hits.first().map(|h| h.entity) {
                    Some(Entity::DefRef(method)) => self.result_of_item(method, Ty::no_args(), None).ty,
                    _ => Ty::Unknown(Cause::ReceiverUnknown),
                }
            }
            Ty::Unknown(cause) => Ty::Unknown(cause),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    pub(super) fn part(&mut self, ty: Ty, index: u32) -> Ty {
        match ty {
            Ty::Tuple(parts) => parts.get(index as usize).cloned().unwrap_or(Ty::Unknown(Cause::ReceiverUnknown)),
            Ty::List(inner) => (*inner).clone(),
            Ty::Value(sym, args) => {
                let number = index.to_string();
                let Some(gid) = self.world.find_gid(&number) else { return Ty::Unknown(Cause::ReceiverUnknown) };
                let found = self.members(sym.file, &Ty::Value(sym, args), gid);
                match found.hits.first().map(|h| h.entity) {
                    Some(Entity::DefRef(field)) => self.item(field).ty,
                    _ => Ty::Unknown(Cause::ReceiverUnknown),
                }
            }
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.part(p.clone(), index)).collect()),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    /// The good case of an option or result, what a pointer points to; a plain value is itself.
    pub(super) fn unwrapped(&mut self, ty: Ty) -> Ty {
        match ty {
            Ty::External(_, args) => args.first().map_or(Ty::Unknown(Cause::UnitAbsent), |a| self.held(a)),
            Ty::List(inner) => (*inner).clone(),
            Ty::Value(sym, args) if self.world.language(sym.file) == Language::Cpp => self.pointed(sym, args),
            Ty::Value(sym, args) => match self.alias_target(sym, &args) {
                Some(inner) => self.unwrapped(inner),
                None => Ty::Value(sym, args),
            },
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.unwrapped(p.clone())).collect()),
            other => other,
        }
    }

    /// What `*` or `->` gives for a value of a class: what its operator says, or the value itself, since pointers are not told apart.
    fn pointed(&mut self, sym: DefRef, args: Rc<[Ty]>) -> Ty {
        for name in ["operator->", "operator*"] {
            let Some(gid) = self.world.find_gid(name) else { continue };
            let found = self.members(sym.file, &Ty::Value(sym, args.clone()), gid);
            if let Some(Hit { entity: Entity::DefRef(method), .. }) = found.hits.first() {
                let receiver = Some(Rc::new(Ty::Value(sym, args.clone())));
                let result = self.result_of_item(*method, Ty::no_args(), receiver).ty;
                if !result.is_unknown() {
                    return Ty::union(vec![result, Ty::Value(sym, args)]);
                }
            }
        }
        Ty::Value(sym, args)
    }

    /// What waiting for a value gives: the argument of a promise, else the value.
    pub(super) fn awaited(&mut self, ty: Ty) -> Ty {
        match ty {
            ty if self.brought(&ty).is_some_and(|b| PROMISES.contains(&b.0)) => {
                let args = self.brought(&ty).map(|b| b.1.clone());
                args.and_then(|a| a.last().cloned()).unwrap_or(Ty::Unknown(Cause::UnitAbsent))
            }
            Ty::Union(parts) => Ty::union(parts.iter().map(|p| self.awaited(p.clone())).collect()),
            other => other,
        }
    }

    /// What a member gives that a type of the language, or of a library that is not here, passes on.
    pub(super) fn passed_on(&mut self, file: u32, of: &Ty, name: GlobalNameId) -> Option<Ty> {
        match (self.world.language(file), of) {
            (Language::Cpp, Ty::External(template, args)) => self.cpp_standard_member(of, *template, args, self.world.name(name)),
            _ => self.builtin_member(of, name),
        }
    }

    /// Members of built-in and standard types that pass on what they hold.
    fn builtin_member(&mut self, of: &Ty, name: GlobalNameId) -> Option<Ty> {
        let word = self.world.name(name);
        let fixed = self.brought(of).filter(|b| b.0 == "ReadonlyArray").and_then(|b| b.1.first()).map(|inner| Ty::List(Rc::new(inner.clone())));
        let of = fixed.as_ref().unwrap_or(of);
        let function = |t: Ty| Some(Ty::Function(Rc::new(t)));
        let unknown = || Ty::Unknown(Cause::Builtin);
        match of {
            Ty::List(inner) => match word {
                "iter" | "iter_mut" | "into_iter" | "filter" | "rev" | "skip" | "take" | "chain" | "cloned" | "copied" | "peekable" | "slice" | "concat"
                | "sort" | "reverse" | "to_vec" | "collect" | "drain" | "skip_while" | "take_while" | "step_by" | "values" | "as_slice" | "as_ref" | "copy" => {
                    function(of.clone())
                }
                "next" | "first" | "last" | "pop" | "get" | "get_mut" | "find" | "max_by_key" | "min_by_key" | "last_mut" | "first_mut" | "at" | "shift"
                | "nth" | "next_back" | "peek" | "pop_front" | "pop_back" | "front" | "back" | "popleft" | "remove" | "unwrap" | "expect" => {
                    function((**inner).clone())
                }
                "map" | "flat_map" | "filter_map" | "flatMap" | "flatten" => function(Ty::List(Rc::new(unknown()))),
                "enumerate" | "entries" => function(Ty::List(Rc::new(Ty::Tuple(Rc::from([Ty::Literal(Literal::Number), (**inner).clone()]))))),
                _ => None,
            },
            Ty::Map(inner) => match word {
                "get" | "get_mut" | "pop" | "setdefault" | "remove" | "insert" | "entry" | "or_insert_with" => function((**inner).clone()),
                "values" | "values_mut" | "into_values" => function(Ty::List(inner.clone())),
                "items" | "iter" | "entries" | "iter_mut" => function(Ty::List(Rc::new(Ty::Tuple(Rc::from([unknown(), (**inner).clone()]))))),
                "copy" => function(of.clone()),
                _ => None,
            },
            Ty::External(_, args) if !args.is_empty() => match word {
                "unwrap" | "expect" | "unwrap_or" | "unwrap_or_else" | "unwrap_or_default" | "borrow" | "borrow_mut" | "lock" | "read" | "write" | "as_ref"
                | "as_mut" | "get" | "get_mut" | "take" | "clone" | "cloned" | "copied" | "into_inner" | "as_deref" | "as_deref_mut" | "deref" | "first"
                | "last" | "next" | "pop" | "load" => {
                    let keeps = matches!(word, "as_ref" | "as_mut" | "clone" | "cloned" | "copied" | "take" | "as_deref" | "as_deref_mut");
                    let is_holder = keeps || matches!(word, "lock" | "read" | "write");
                    function(if is_holder { of.clone() } else { args[0].clone() })
                }
                "iter" | "iter_mut" | "into_iter" | "values" | "keys" | "drain" | "filter" | "rev" | "ok" | "ok_or" | "ok_or_else" | "map_err" | "or_else"
                | "as_slice" => {
                    let last = if matches!(word, "values") { args.last() } else { args.first() };
                    let inner = last.cloned().unwrap_or(unknown());
                    function(if matches!(word, "ok" | "ok_or" | "ok_or_else" | "map_err" | "or_else") { of.clone() } else { Ty::List(Rc::new(inner)) })
                }
                _ => None,
            },
            Ty::Value(..) if matches!(word, "clone" | "to_owned" | "borrow" | "as_ref" | "as_mut" | "borrow_mut" | "into_iter" | "iter" | "by_ref") => {
                function(of.clone())
            }
            _ => None,
        }
    }
}
