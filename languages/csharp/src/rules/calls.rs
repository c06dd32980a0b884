//! What calls give, what functions handed to them get, and how delegates are called.

use super::choice::{Choice as _, Given};
use super::extensions::Extended as _;
use super::members::Members as _;
use super::{Found, Names, unknown};
use compass_facts::bounds::Levels;
use compass_facts::{Kind, TypeExpr, TypeId};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Namespace, Reason, Ty, put_in};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

type Bound = Vec<(DefRef, Ty)>;

#[ext(Calls)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// The constructors of a type; the type itself where none is written.
    fn csharp_constructor(&mut self, owner: &Meaning) -> Lookup {
        let of = self.csharp_plain_type(&owner.ty);
        let Ty::Item(sym, ..) = &of else { return Lookup::none(Cause::NoDefinition) };
        let name = self.world.gid(sym.file, self.world.def(*sym).name);
        let found = self.csharp_members(&of, name, Names::Constructors);
        if !found.is_empty() {
            return found;
        }
        let mut hit = self.by_name_hit(*sym, owner.certainty);
        hit.reasons = owner.reasons.clone();
        Lookup { hits: vec![hit], cause: Cause::NoDefinition }
    }

    /// What is called: the methods an expression before arguments may mean, and what they are called on.
    fn csharp_called(&mut self, file: u32, of: TypeId) -> Option<(Vec<Found>, Meaning)> {
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Generic { of, .. } => self.csharp_called(file, of),
            TypeExpr::Member { of, name } => {
                let owner = self.evaluate(file, of);
                let gid = self.world.gid(file, name);
                let (mut found, _) = self.csharp_find(&owner.ty, gid, Names::Methods);
                if matches!(owner.ty, Ty::Value(..) | Ty::List(_) | Ty::Union(_)) {
                    let scope = self.csharp_scope_of(file, of);
                    found.extend(self.csharp_extensions(file, scope, &owner.ty, gid));
                }
                if found.is_empty() {
                    let other = super::members::Members::csharp_type_of_that_name(self, file, of)?;
                    found = self.csharp_find(&other, gid, Names::Methods).0;
                }
                Some((found, owner))
            }
            TypeExpr::Name { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let found = self.plain(file, scope, gid, Namespace::Method);
                let found = found.hits.iter().map(|h| Found { hit: h.clone(), of: self.csharp_holder(h), extends: false }).collect();
                Some((found, Meaning::sure(Ty::Unknown(Cause::NoDefinition))))
            }
            _ => None,
        }
    }

    /// A scope within which an expression stands: that of the first plain name in it.
    fn csharp_scope_of(&self, file: u32, of: TypeId) -> compass_facts::ScopeId {
        let facts = self.world.facts(file);
        let mut at = of;
        for _ in 0..64 {
            at = match facts.ty(at) {
                TypeExpr::Name { scope, .. } | TypeExpr::TypeName { scope, .. } | TypeExpr::Receiver(scope) | TypeExpr::Super(scope) => return *scope,
                TypeExpr::Def(def) => return facts.def(*def).scope,
                TypeExpr::Member { of, .. } | TypeExpr::Call { of, .. } | TypeExpr::Instance(of) | TypeExpr::Generic { of, .. } => *of,
                TypeExpr::Element(of) | TypeExpr::Index(of) | TypeExpr::Await(of) | TypeExpr::Part { of, .. } | TypeExpr::List(of) => *of,
                _ => break,
            };
        }
        // Whatever the file imports as a whole.
        facts.imports.iter().find(|i| i.kind == compass_facts::ImportKind::Within).map_or(compass_facts::ScopeId::FILE, |i| i.scope)
    }

    fn csharp_holder(&self, hit: &Hit) -> Ty {
        match hit.entity {
            Entity::DefRef(s) => {
                self.world.def(s).container.map_or(Ty::Unknown(Cause::NoDefinition), |c| Ty::Value(DefRef { file: s.file, def: c }, Ty::no_args()))
            }
            _ => Ty::Unknown(Cause::NoDefinition),
        }
    }

    /// What a call gives.
    fn csharp_call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        let written: Vec<TypeId> = match self.world.facts(file).ty(of) {
            TypeExpr::Generic { args, .. } => args.clone(),
            _ => Vec::new(),
        };
        let called = self.csharp_called(file, of);
        let (found, owner) = called.unwrap_or((Vec::new(), unknown()));
        let methods: Vec<Found> =
            found.into_iter().filter(|f| matches!(f.hit.entity, Entity::DefRef(s) if Names::Methods.hold(self.world.def(s).kind))).collect();
        if methods.is_empty() {
            return Some(self.csharp_delegate_call(file, of));
        }
        let given: Vec<Given> = args.iter().map(|a| self.csharp_given(file, *a)).collect();
        let chosen = self.csharp_choose(methods, &given, written.len());
        let written: Vec<Ty> = written.into_iter().map(|t| self.evaluate(file, t).ty).collect();
        let sure = chosen.iter().filter(|c| c.1 > Certainty::Guessed).count();
        let mut parts = Vec::new();
        let mut certainty = if owner.ty.is_unknown() { Certainty::Proven } else { owner.certainty };
        let mut reasons = owner.reasons.clone();
        for (found, how) in chosen.iter().take(sure.max(1)) {
            let Entity::DefRef(sym) = found.hit.entity else { continue };
            let on = found.extends.then_some(&owner.ty);
            let meaning = self.csharp_result_with(sym, &found.of, &given, on, &written);
            certainty = certainty.min(meaning.certainty).min(*how);
            reasons.extend(meaning.reasons.iter().copied().take(2));
            parts.push(meaning.ty);
        }
        reasons.truncate(8);
        Some(Meaning { ty: Ty::union(parts), certainty, reasons })
    }

    /// A value that is called: what its delegate gives.
    fn csharp_delegate_call(&mut self, file: u32, of: TypeId) -> Meaning {
        let value = self.evaluate(file, of);
        match self.csharp_delegate(&value.ty) {
            Some((_, result)) => Meaning { ty: result, ..value },
            None => match value.ty {
                Ty::Function(result) => Meaning { ty: (*result).clone(), ..value },
                Ty::Unknown(cause) => Meaning::unknown(cause),
                _ => unknown(),
            },
        }
    }

    fn csharp_result(&mut self, method: DefRef, of: &Ty, given: &[Given], on: Option<&Ty>) -> Meaning {
        self.csharp_result_with(method, of, given, on, &[])
    }

    /// The result of a method, with the arguments of its type, of the call and those written in place of type parameters.
    fn csharp_result_with(&mut self, method: DefRef, of: &Ty, given: &[Given], on: Option<&Ty>, written: &[Ty]) -> Meaning {
        let def = self.world.def(method);
        let Some(ty) = def.ty else { return unknown() };
        let meaning = self.evaluate(method.file, ty);
        let mut ty = meaning.ty;
        if let Ty::Value(s, args) | Ty::Item(s, args, _) = of
            && !args.is_empty()
            && on.is_none()
        {
            ty = self.substitute(ty, *s, args);
        }
        let bound = self.csharp_bind(method, of, given, on, written);
        let reason = Reason { kind: StepKind::Declared, file: method.file, def: Some(method.def), at: def.name_span.start, len: def.name_span.len() };
        Meaning { ty: put_in(&ty, &bound), certainty: meaning.certainty, reasons: vec![reason] }
    }

    /// What the type parameters of a method stand for in a call.
    fn csharp_bind(&mut self, method: DefRef, of: &Ty, given: &[Given], on: Option<&Ty>, written: &[Ty]) -> Bound {
        let facts = self.world.facts(method.file);
        let mut bound: Bound = Vec::new();
        if !written.is_empty() {
            let inner = facts.def(method.def).inner;
            let own = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::TypeParameter && Some(d.scope) == inner);
            let own = own.map(|(i, _)| DefRef { file: method.file, def: compass_facts::DefId(i as u32) });
            bound.extend(own.zip(written.iter().cloned()));
        }
        let parameters = self.parameters_of(method);
        let receiver = on.cloned().map(|ty| Given { ty, parameters: None });
        for (argument, parameter) in receiver.iter().chain(given).zip(&parameters) {
            let Some(declared) = facts.def(*parameter).ty else { continue };
            let mut wanted = self.evaluate(method.file, declared).ty;
            if let (Ty::Value(s, args) | Ty::Item(s, args, _), None) = (of, on)
                && !args.is_empty()
            {
                wanted = self.substitute(wanted, *s, args);
            }
            self.csharp_unify(&wanted, &argument.ty, &mut bound);
        }
        bound
    }

    /// Lays a parameter over an argument, which may be of a derived type, or a function for a delegate.
    fn csharp_unify(&mut self, wanted: &Ty, given: &Ty, bound: &mut Bound) {
        let (Ty::Value(s, args), false) = (wanted, given.is_unknown()) else {
            self.unify(wanted, given, bound, Levels::TYPES);
            return;
        };
        if self.world.def(*s).kind == Kind::TypeParameter || args.is_empty() {
            self.unify(wanted, given, bound, Levels::TYPES);
            return;
        }
        let result = match given {
            Ty::Function(result) => Some((**result).clone()),
            Ty::Item(method, ..) if self.world.def(*method).kind.is_callable() => self.world.def(*method).ty.map(|t| self.evaluate(method.file, t).ty),
            _ => None,
        };
        if let Some(result) = result {
            if let Some((_, wanted)) = self.csharp_delegate(wanted) {
                self.csharp_unify(&wanted, &result, bound);
            }
            return;
        }
        if let Some(base) = self.csharp_base_of(given, *s) {
            let (Ty::Value(_, given), Ty::Value(_, wanted)) = (&base, wanted) else { return };
            for (wanted, given) in wanted.iter().zip(given.iter()) {
                self.csharp_unify(wanted, given, bound);
            }
        }
    }

    /// Parameters and result of a delegate, with its arguments put in; an expression tree is called like what it holds.
    fn csharp_delegate(&mut self, of: &Ty) -> Option<(Vec<Ty>, Ty)> {
        let Ty::Value(sym, args) = of else { return None };
        let facts = self.world.facts(sym.file);
        let def = facts.def(sym.def);
        if facts.def_name(sym.def) == "Expression" && args.len() == 1 {
            return self.csharp_delegate(&args[0].clone());
        }
        let ty = def.ty.filter(|_| def.kind == Kind::Interface)?;
        let TypeExpr::Signature { parameters, result } = facts.ty(ty).clone() else { return None };
        let mut one = |t: TypeId| {
            let ty = self.evaluate(sym.file, t).ty;
            if args.is_empty() { ty } else { self.substitute(ty, *sym, args) }
        };
        let parameters = parameters.into_iter().map(&mut one).collect();
        Some((parameters, one(result)))
    }

    fn csharp_delegate_count(&mut self, of: &Ty) -> Option<usize> {
        self.csharp_delegate(of).map(|d| d.0.len())
    }

    fn csharp_delegate_parameter(&mut self, of: &Ty, parameter: usize) -> Option<Ty> {
        self.csharp_delegate(of)?.0.into_iter().nth(parameter)
    }

    /// A parameter of a function handed to a method: of the first that takes such a function there.
    fn csharp_handed(&mut self, handed: Handed) -> Option<Meaning> {
        let Handed { file, by, argument, parameter, .. } = handed;
        let (found, owner) = self.csharp_called(file, by).unwrap_or((Vec::new(), unknown()));
        if found.is_empty() {
            return self.csharp_handed_to_type(handed);
        }
        let before = self.csharp_arguments_before(file, by, argument);
        let most = if found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        found.into_iter().find_map(|found| {
            let Entity::DefRef(method) = found.hit.entity else { return None };
            let at = argument + usize::from(found.extends);
            let declared = *self.parameters_of(method).get(at)?;
            let ty = self.world.facts(method.file).def(declared).ty?;
            let mut wanted = self.evaluate(method.file, ty).ty;
            if let (Ty::Value(s, args) | Ty::Item(s, args, _), false) = (&found.of, found.extends)
                && !args.is_empty()
            {
                wanted = self.substitute(wanted, *s, args);
            }
            let on = found.extends.then_some(&owner.ty);
            let bound = self.csharp_bind(method, &found.of, &before, on, &[]);
            let given = self.csharp_delegate_parameter(&put_in(&wanted, &bound), parameter).filter(|t| !t.is_unknown())?;
            Some(Meaning { ty: given, certainty: if owner.ty.is_unknown() { most } else { owner.certainty.min(most) }, reasons: owner.reasons.clone() })
        })
    }

    /// A function handed to a constructor.
    fn csharp_handed_to_type(&mut self, handed: Handed) -> Option<Meaning> {
        let of = self.evaluate(handed.file, handed.by);
        let Ty::Item(class, args, _) = of.ty.clone() else { return None };
        let value = Ty::Value(class, args.clone());
        // A delegate made of a function: `new Action<Rack>(r => …)`.
        if let Some(ty) = self.csharp_delegate_parameter(&value, handed.parameter).filter(|_| handed.argument == 0) {
            return Some(Meaning { ty, ..of });
        }
        let name = self.world.gid(class.file, self.world.def(class).name);
        let (found, _) = self.csharp_find(&value, name, Names::Constructors);
        found.into_iter().find_map(|found| {
            let Entity::DefRef(method) = found.hit.entity else { return None };
            let declared = *self.parameters_of(method).get(handed.argument)?;
            let ty = self.world.facts(method.file).def(declared).ty?;
            let wanted = self.evaluate(method.file, ty).ty;
            let wanted = if args.is_empty() { wanted } else { self.substitute(wanted, class, &args) };
            let given = self.csharp_delegate_parameter(&wanted, handed.parameter)?;
            Some(Meaning { ty: given, certainty: of.certainty.min(Certainty::Inferred), reasons: of.reasons.clone() })
        })
    }

    /// The arguments before one of a call, as far as they are no functions themselves.
    fn csharp_arguments_before(&mut self, file: u32, by: TypeId, argument: usize) -> Vec<Given> {
        let facts = self.world.facts(file);
        let call = facts.types.iter().find_map(|t| match t {
            TypeExpr::Call { of, args } if *of == by && args.len() > argument => Some(args.clone()),
            _ => None,
        });
        let Some(args) = call.filter(|_| argument > 0) else { return Vec::new() };
        args.iter().take(argument).map(|a| self.csharp_given(file, *a)).collect()
    }

    /// `f(depth: 3)`: the parameter of that name.
    fn csharp_named_argument(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Lookup {
        let methods: Vec<DefRef> = match self.csharp_called(file, of) {
            Some((found, _)) => found.into_iter().filter_map(|f| if let Entity::DefRef(s) = f.hit.entity { Some(s) } else { None }).collect(),
            None => {
                let owner = self.evaluate(file, of);
                self.csharp_constructor(&owner).hits.into_iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None }).collect()
            }
        };
        let found = methods.into_iter().map(|m| self.parameter(m, name)).find(|f| !f.is_empty());
        found.unwrap_or(Lookup::none(Cause::Dynamic))
    }

    /// Of a name for several types the one that takes so many arguments.
    fn csharp_of_arity(&self, template: Ty, count: usize) -> Ty {
        let Ty::Union(parts) = &template else { return template };
        let fits = |t: &&Ty| matches!(t, Ty::Item(s, ..) if usize::from(self.world.def(*s).arity) == count && self.world.def(*s).kind.is_type());
        parts.iter().find(fits).cloned().unwrap_or(template)
    }
}
