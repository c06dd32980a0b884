//! Types that are one of two, told by what a third one is.

use crate::Cause;
use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::generics::put_in;
use crate::link::types::ty::Ty;
use crate::link::world::DefRef;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, ScopeKind, TypeExpr, TypeId};
use std::rc::Rc;

/// A type, and what its parameters stand for.
pub(in crate::link) type Arguments<'a> = Option<(DefRef, &'a Rc<[Ty]>)>;

/// What type parameters turned out to stand for.
type Bound = Vec<(DefRef, Ty)>;

/// An alias that stands for itself with other arguments is followed no further than this.
const MOST_WITHIN: u32 = 4;

/// How many such aliases are followed at the moment, one within another.
#[derive(Default)]
struct Depth(u32);

impl Evaluator<'_, '_> {
    /// See [`TypeExpr::Conditional`]. Both types where it cannot be told.
    pub(in crate::link) fn conditional(&mut self, file: u32, ty: TypeId, given: Arguments, bound: &mut Bound, levels: Levels) -> Ty {
        let TypeExpr::Conditional { of, like, outcomes } = self.world.facts(file).ty(ty) else { return self.part_of_conditional(file, ty, given, bound) };
        let Some(levels) = levels.down() else { return Ty::Unknown(Cause::TooMany) };
        let parameter = given.and_then(|(owner, _)| self.as_parameter(file, *of, owner));
        let of = self.part_of_conditional(file, *of, given, bound);
        let like = self.part_of_conditional(file, *like, given, bound);
        let looked_at = match &of {
            Ty::Union(parts) => parts.to_vec(),
            one => vec![one.clone()],
        };
        let mut found = Vec::new();
        for part in looked_at {
            let before = bound.len();
            let is_such = self.is_such(&part, &like, bound);
            // Each part is looked at by itself: in what comes of it the parameter stands for the part.
            let own = given.zip(parameter).map(|((owner, args), at)| {
                let own: Rc<[Ty]> = args.iter().enumerate().map(|(i, a)| if i == at { part.clone() } else { a.clone() }).collect();
                (owner, own)
            });
            let given = own.as_ref().map(|(owner, args)| (*owner, args)).or(given);
            for (outcome, is_meant) in outcomes.iter().zip([is_such != Some(false), is_such != Some(true)]) {
                if is_meant {
                    found.push(self.conditional(file, *outcome, given, bound, levels));
                }
            }
            bound.truncate(before);
        }
        // What may be anything is not told by what is known of the other side.
        let unknown = found.iter().find(|t| t.is_unknown()).cloned();
        unknown.unwrap_or_else(|| Ty::union(found))
    }

    /// An alias that is one of two types hangs on its arguments: as long as these are parameters it stands for itself.
    pub(in crate::link) fn is_open(&self, alias: DefRef, args: &[Ty]) -> bool {
        self.is_conditional(alias) && args.iter().any(|a| self.has_parameter(a, Levels::TYPES))
    }

    /// What became of a type that hung on parameters, as far as these are known now.
    pub(in crate::link) fn settled(&mut self, ty: Ty) -> Ty {
        match ty {
            Ty::Value(alias, args) if !args.is_empty() && self.is_conditional(alias) && !self.is_open(alias, &args) => {
                self.alias_target(alias, &args).unwrap_or(Ty::Unknown(Cause::ReceiverUnknown))
            }
            Ty::Union(parts) if parts.iter().any(|p| matches!(p, Ty::Value(alias, _) if self.is_conditional(*alias))) => {
                Ty::union(parts.iter().map(|p| self.settled(p.clone())).collect())
            }
            other => other,
        }
    }

    /// Asks what an alias that is one of two types stands for, as far as that is told.
    pub(in crate::link) fn behind_conditional<T>(&mut self, ty: &Ty, then: impl FnOnce(&mut Self, Ty) -> T) -> Option<T> {
        let Ty::Value(alias, args) = ty else { return None };
        let alias = Some(*alias).filter(|alias| self.is_conditional(*alias))?;
        if self.own(|depth: &mut Depth| depth.0) >= MOST_WITHIN {
            self.cut();
            return None;
        }
        let target = self.alias_target(alias, args).filter(|target| target != ty)?;
        self.own(|depth: &mut Depth| depth.0 += 1);
        let found = then(self, target);
        self.own(|depth: &mut Depth| depth.0 -= 1);
        Some(found)
    }

    fn is_conditional(&self, alias: DefRef) -> bool {
        let def = self.world.def(alias);
        def.kind == Kind::Alias && matches!(def.ty.map(|ty| self.world.facts(alias.file).ty(ty)), Some(TypeExpr::Conditional { .. }))
    }

    /// Which parameter of a type the name stands for, by position.
    fn as_parameter(&mut self, file: u32, ty: TypeId, owner: DefRef) -> Option<usize> {
        match self.evaluate(file, ty).ty {
            Ty::Value(s, args) | Ty::Item(s, args, _) if args.is_empty() => self.parameter_index(s, owner),
            _ => None,
        }
    }

    fn part_of_conditional(&mut self, file: u32, ty: TypeId, given: Arguments, bound: &Bound) -> Ty {
        let ty = match given {
            Some((owner, args)) => self.filled_in(file, ty, owner, args),
            None => self.evaluate(file, ty).ty,
        };
        self.settled(put_in(&ty, bound))
    }

    /// Is it a type parameter that a pattern names for the first time, and no type or function?
    fn is_named_here(&self, parameter: DefRef) -> bool {
        let scope = self.world.def(parameter).scope;
        self.world.facts(parameter.file).scope(scope).kind == ScopeKind::Block
    }

    /// Is a type like a pattern? Nothing where that is not told. What the pattern names for the first time is bound.
    fn is_such(&mut self, of: &Ty, like: &Ty, bound: &mut Bound) -> Option<bool> {
        if of.is_unknown() || matches!(of, Ty::Value(s, _) | Ty::Item(s, ..) if self.world.def(*s).kind == Kind::TypeParameter) {
            return None;
        }
        if matches!((of, like), (Ty::Tuple(a), Ty::Tuple(b)) if a.len() != b.len()) {
            return None;
        }
        let mut named = Vec::new();
        self.unify(like, of, &mut named, Levels::TYPES);
        // Other parameters in the pattern are those of the type around: nobody knows yet what they stand for.
        if named.iter().any(|(parameter, _)| !self.is_named_here(*parameter)) {
            return None;
        }
        if !named.is_empty() {
            bound.extend(named);
            return Some(true);
        }
        match (of, like) {
            // Which text or number it is was not kept.
            (Ty::Literal(a), Ty::Literal(b)) if a != b => Some(false),
            (Ty::Value(a, given), Ty::Value(b, wanted)) if a == b && given == wanted || wanted.is_empty() && self.derives(*a, *b) => Some(true),
            (Ty::Value(..), Ty::Value(wanted, _)) if self.lacks_a_method(of, *wanted) => Some(false),
            _ => None,
        }
    }

    /// Is there a method of a type that another type surely has not?
    fn lacks_a_method(&mut self, of: &Ty, wanted: DefRef) -> bool {
        let methods: Vec<DefRef> = self.written_members(wanted).into_iter().filter(|m| self.world.def(*m).kind == Kind::Method).collect();
        methods.into_iter().any(|method| {
            let name = self.world.gid(method.file, self.world.def(method).name);
            let found = self.members(method.file, of, name);
            found.is_empty() && found.cause == Cause::NoDefinition
        })
    }
}
