//! C++: what its standard library holds and hands on, where that library is not indexed.
//!
//! Templates are known by their arguments alone: `std::vector<Rack>` holds racks, whatever else it is. That goes for templates of other
//! libraries that are not here as well, less surely.

use super::CNames as _;
use compass_facts::{TypeExpr, TypeId};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Meaning, Ty, is_builtin};
use compass_index::{Cause, Certainty};
use easy_ext::ext;
use std::rc::Rc;

/// Templates whose elements are pairs of a key and a value.
const MAPS: [&str; 4] = ["map", "unordered_map", "multimap", "unordered_multimap"];

#[ext(StandardLibrary)]
pub(crate) impl Evaluator<'_, '_> {
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

    /// Is it the namespace of the standard library that is not here, or a class of it?
    fn is_cpp_standard(&self, of: &Ty) -> bool {
        matches!(of, Ty::External(name, _) | Ty::ExternalType(name, _) if self.is_cpp_container(*name))
    }

    /// A member of a template of the standard library, where that library is declared.
    fn declared_member(&mut self, file: u32, owner: &Ty, name: GlobalNameId) -> Lookup {
        let (Ty::External(template, _) | Ty::ExternalType(template, _)) = owner else { return Lookup::none(Cause::Builtin) };
        let world = self.world;
        let seen = self.includes(file);
        let is_template =
            |s: &&DefRef| world.unit(s.file).is_declared() && world.def(**s).kind.is_type() && seen.contains(s.file) && world.def(**s).inner.is_some();
        let Some(class) = world.named(*template).iter().find(is_template) else { return Lookup::none(Cause::Builtin) };
        let found = self.members(file, &Ty::Item(*class, Ty::no_args(), None), name);
        if found.is_empty() { Lookup::none(Cause::Builtin) } else { found }
    }

    /// A template that is not here, as what its arguments make it.
    fn cpp_unknown_template(&self, file: u32, of: TypeId, args: Rc<[Ty]>) -> Option<Meaning> {
        if self.world.language(file) != crate::CPP || args.is_empty() {
            return None;
        }
        let facts = self.world.facts(file);
        let (TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } | TypeExpr::Member { name, .. }) = *facts.ty(of) else { return None };
        let name = self.world.gid(file, name);
        // `std` may be opened by the tree itself, for what it adds there.
        let is_standard = matches!(facts.ty(of), TypeExpr::Member { of, .. } if facts.ty(*of).name().is_some_and(|n| facts.name(n) == "std"));
        let certainty = if is_standard && self.is_cpp_container(name) { Certainty::Proven } else { Certainty::Inferred };
        Some(Meaning { ty: Ty::ExternalType(name, args), certainty, reasons: Vec::new() })
    }

    /// Do its elements hold a key and a value?
    fn is_cpp_map(&self, name: GlobalNameId, args: &[Ty]) -> bool {
        args.len() >= 2 && MAPS.contains(&self.world.name(name))
    }

    /// Is it a template of the standard library?
    fn is_cpp_container(&self, name: GlobalNameId) -> bool {
        is_builtin(crate::CPP, self.world.name(name))
    }

    /// A member that hands on what a container or a holder has.
    fn cpp_standard_member(&mut self, file: u32, of: &Ty, name: GlobalNameId, args: &[Ty], word: &str) -> Option<Ty> {
        let first = args.first()?;
        let is_map = self.is_cpp_map(name, args);
        let mut function = |t: &Ty| Some(Ty::Function(Rc::new(self.held(file, t))));
        match word {
            "begin" | "end" | "cbegin" | "cend" | "rbegin" | "rend" | "find" | "lower_bound" | "upper_bound" | "data" if is_map => {
                Some(Ty::Function(Rc::new(Ty::List(Rc::new(of.clone())))))
            }
            "begin" | "end" | "cbegin" | "cend" | "rbegin" | "rend" | "find" | "lower_bound" | "upper_bound" | "data" => {
                Some(Ty::Function(Rc::new(Ty::List(Rc::new(self.held(file, first))))))
            }
            "at" if is_map => function(&args[1]),
            "front" | "back" | "at" | "top" | "value" | "value_or" | "get" | "release" | "emplace_back" => function(first),
            "lock" => function(of),
            "first" if is_map || args.len() == 2 => Some(self.held(file, first)),
            "second" if is_map || args.len() == 2 => Some(self.held(file, &args[1])),
            _ => None,
        }
    }
}
