//! Names of types, with arguments or with what stands in their place.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{Meaning, Ty};
use crate::{Cause, Certainty};
use compass_facts::{Kind, TypeExpr, TypeId};
use std::rc::Rc;

impl Evaluator<'_, '_> {
    /// A type by its name alone.
    pub(in crate::link) fn named_type(&mut self, file: u32, of: TypeId) -> Meaning {
        let named = self.evaluate(file, of);
        self.told_apart(file, named, &[])
    }

    /// A name for several types that its arguments tell apart means one of them: nothing is left open then.
    fn told_apart(&self, file: u32, named: Meaning, args: &[Ty]) -> Meaning {
        let Ty::Union(parts) = &named.ty else { return named };
        // One name may stand for a type and for a value.
        let is_type = |t: &&Ty| matches!(t, Ty::Item(s, ..) if self.world.def(*s).kind.is_type());
        let types: Vec<Ty> = parts.iter().filter(is_type).cloned().collect();
        let named = if types.is_empty() { named } else { Meaning { ty: Ty::union(types), ..named } };
        if !matches!(named.ty, Ty::Union(_)) {
            return named;
        }
        let ty = self.rules(file).generic_of(self, named.ty, args);
        let is_settled = !matches!(ty, Ty::Union(_)) && named.certainty > Certainty::Guessed;
        let certainty = if is_settled { Certainty::Proven } else { named.certainty };
        Meaning { ty, certainty, ..named }
    }

    pub(in crate::link) fn generic(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Meaning {
        let args: Rc<[Ty]> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        let template = self.evaluate(file, of);
        if template.ty.is_unknown()
            && let Some(unknown) = self.rules(file).unknown_template(self, file, of, args.clone())
        {
            return unknown;
        }
        let template = self.told_apart(file, template, &args);
        template.map_with(|t| match t {
            Ty::Item(sym, ..) if self.world.def(sym).kind.is_type() && self.rules(sym.file).is_known_by_arguments(self, sym) => {
                Ty::ExternalType(self.world.gid(sym.file, self.world.def(sym).name), args)
            }
            Ty::Item(sym, _, receiver) => self.defaulted(Ty::Item(sym, args, receiver)),
            Ty::ExternalType(gid, _) => Ty::ExternalType(gid, args),
            other => other,
        })
    }

    /// What is called. One name may stand for a type and for a function: with arguments of types the function is called.
    pub(in crate::link) fn callee(&mut self, file: u32, of: TypeId) -> Meaning {
        if let TypeExpr::Generic { of, args } = self.world.facts(file).ty(of)
            && let template = self.evaluate(file, *of)
            && let Ty::Union(parts) = &template.ty
            && let Some(Ty::Item(function, _, receiver)) = parts.iter().find(|t| self.is_function(t))
        {
            let args: Rc<[Ty]> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
            let ty = self.defaulted(Ty::Item(*function, args, receiver.clone()));
            return Meaning { ty, ..template };
        }
        self.evaluate(file, of)
    }

    /// Is it a function by itself?
    pub(in crate::link) fn is_function(&self, ty: &Ty) -> bool {
        matches!(ty, Ty::Item(s, args, _) if args.is_empty() && self.world.def(*s).kind.is_callable())
    }

    /// A named type with the defaults of parameters that are given no type.
    pub(in crate::link) fn defaulted(&mut self, ty: Ty) -> Ty {
        let Ty::Item(sym, args, receiver) = ty else { return ty };
        let facts = self.world.facts(sym.file);
        let is_of_it = |d: &(compass_facts::DefId, TypeId)| facts.scope(facts.def(d.0).scope).owner == Some(sym.def);
        let Some(scope) = facts.defaults.iter().find(|d| is_of_it(d)).map(|d| facts.def(d.0).scope) else { return Ty::Item(sym, args, receiver) };
        let parameters = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::TypeParameter && d.scope == scope).map(|p| p.0);
        let mut all: Vec<Ty> = args.to_vec();
        for parameter in parameters.skip(args.len()) {
            let default = facts.defaults.iter().find(|d| d.0.index() == parameter).map(|d| self.filled_in(sym.file, d.1, sym, &Rc::from(&all[..])));
            all.push(default.unwrap_or(Ty::Unknown(Cause::ReceiverUnknown)));
        }
        Ty::Item(sym, all.into(), receiver)
    }
}
