//! Calls: which of several functions, what they give, what they hand to function literals, what patterns take apart.

use super::members::ScalaMembers as _;
use super::scopes::ScalaScopes as _;
use super::{Space, definition, is_value};
use crate::kotlin::rules::calls::Calls as _;
use crate::kotlin::rules::members::KotlinMembers as _;
use crate::rules::choice::Choice as _;
use crate::rules::members::Members as _;
use crate::rules::{Found, Names};
use crate::scala::reader::{EXTENDED, LIST, PART, TYPE};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Flags, Kind, TypeExpr, TypeId};
use compass_index::linking::{DefRef, Evaluator, Handed, Hit, Lookup, Meaning, Ty, put_in};
use compass_index::{Cause, Certainty};
use easy_ext::ext;
use std::rc::Rc;

/// What rules a function out.
const MISFIT: i32 = -20;

#[ext(ScalaCalls)]
pub(super) impl Evaluator<'_, '_> {
    /// What an expression before a call's arguments may mean, and what it is called on.
    fn scala_called(&mut self, file: u32, of: TypeId, number: Option<usize>) -> Option<(Vec<Found>, Meaning, Cause)> {
        let nothing = || Meaning::sure(Ty::Unknown(Cause::NoDefinition));
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Generic { of, .. } => self.scala_called(file, of, number),
            TypeExpr::Member { of, name } => {
                let owner = self.evaluate(file, of);
                let gid = self.world.gid(file, name);
                let (gid, space) = match self.world.name(gid).strip_prefix(TYPE) {
                    Some(word) => (self.world.find_gid(word)?, Space::Types),
                    None => (gid, Space::Terms),
                };
                let (found, cause) = self.scala_member(file, of, &owner, gid, space, number);
                Some((found, owner, cause))
            }
            TypeExpr::Name { name, scope, .. } | TypeExpr::TypeName { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let space = if matches!(self.world.facts(file).ty(of), TypeExpr::Name { .. }) { Space::Terms } else { Space::Types };
                let found = self.scala_plain(file, scope, gid, space, number);
                let cause = found.cause;
                let container = |e: &Self, h: &Hit| {
                    let outer = definition(h).and_then(|s| e.world.def(s).container.map(|def| DefRef { file: s.file, def }));
                    outer.map_or(Ty::Unknown(Cause::NoDefinition), |s| Ty::Value(s, Ty::no_args()))
                };
                let all = found.hits.iter().map(|h| Found { hit: h.clone(), of: container(self, h) }).collect();
                Some((all, nothing(), cause))
            }
            TypeExpr::Def(def) => {
                let hit = self.by_name_hit(DefRef { file, def }, Certainty::Proven);
                Some((vec![Found { hit, of: Ty::Unknown(Cause::NoDefinition) }], nothing(), Cause::NoDefinition))
            }
            TypeExpr::Import(id) => {
                let found = self.follow(file, id);
                let all = found.hits.iter().map(|h| Found { hit: h.clone(), of: Ty::Unknown(Cause::NoDefinition) }).collect();
                Some((all, nothing(), found.cause))
            }
            _ => None,
        }
    }

    /// Those that take the arguments, best first.
    fn scala_choose(&mut self, found: Vec<Found>, given: &[Ty], number: usize) -> Vec<(Found, Certainty)> {
        let mut found = found;
        let takes = |f: &Found| self.scala_takes(&f.hit, number);
        if found.iter().any(takes) {
            found.retain(takes);
        }
        if found.len() < 2 {
            return found.into_iter().map(|f| (f, Certainty::Proven)).collect();
        }
        let mut scored: Vec<(i32, Found)> = Vec::new();
        for f in found.into_iter().take(64) {
            scored.push((self.scala_score(&f, given), f));
        }
        scored.sort_by_key(|s| std::cmp::Reverse(s.0));
        let best = scored[0].0;
        let alone = scored.iter().filter(|s| s.0 == best).count() == 1;
        let is_known = given.iter().all(|g| !g.is_unknown());
        if alone && is_known && best > MISFIT && scored[1].0 <= MISFIT {
            return vec![(scored.swap_remove(0).1, Certainty::Proven)];
        }
        let grade = |score: i32| if score == best && alone { Certainty::Inferred } else { Certainty::Guessed };
        scored.into_iter().filter(|s| s.0 > MISFIT || best <= MISFIT).map(|(score, f)| (f, grade(score))).take(10).collect()
    }

    fn scala_score(&mut self, found: &Found, given: &[Ty]) -> i32 {
        let Some(sym) = definition(&found.hit) else { return 0 };
        let d = self.world.def(sym);
        if !d.kind.is_callable() {
            return -1;
        }
        let parameters = self.scala_parameters(sym);
        let mut total = i32::from(d.arity as usize == given.len()) - 1 + i32::from(!d.flags.has(Flags::ABSTRACT));
        for (i, ty) in given.iter().enumerate() {
            let Some(parameter) = parameters.get(i).or(parameters.last()) else { break };
            let Some(declared) = self.world.facts(sym.file).def(*parameter).ty else { continue };
            let mut wanted = self.evaluate(sym.file, declared).ty;
            if let (255, Ty::List(inner)) = (d.arity, &wanted) {
                wanted = (**inner).clone();
            }
            let fit = self.kotlin_fit(ty, &wanted);
            if fit <= MISFIT {
                return MISFIT;
            }
            total += fit;
        }
        total
    }

    /// What a call of a class or object stands for: its `apply` beside it, a constructor of Java in its place.
    fn scala_made_by(&mut self, found: Lookup, given: &[Ty], number: usize) -> Lookup {
        let mut hits: Vec<Hit> = Vec::new();
        for hit in found.hits {
            let Some(sym) = definition(&hit).filter(|s| self.world.def(*s).kind.is_type()) else {
                hits.push(hit);
                continue;
            };
            if !self.is_scala(sym) {
                let name = self.world.gid(sym.file, self.world.def(sym).name);
                let (made, _) = self.java_find(&Ty::Item(sym, Ty::no_args(), None), name, Names::Constructors);
                let chosen = self.java_choose(made, given).into_iter().next().map(|c| c.0.hit);
                hits.push(chosen.unwrap_or(hit));
                continue;
            }
            let companion = self.scala_companion(sym);
            let (object, class) = if self.world.def(sym).flags.has(Flags::STATIC) { (Some(sym), companion) } else { (companion, Some(sym)) };
            let applied = object.map(|o| self.scala_applied(o, given, number)).unwrap_or_default();
            let certainty = hit.certainty;
            let made = |e: &Self, s: DefRef| Hit { reasons: hit.reasons.clone(), ..e.by_name_hit(s, certainty) };
            match (object, applied.is_empty()) {
                (Some(object), false) => {
                    hits.push(made(self, object));
                    hits.extend(applied.into_iter().map(|(f, how)| Hit { certainty: f.hit.certainty.min(how).min(certainty), ..f.hit }).take(1));
                }
                _ => {
                    hits.extend(class.map(|s| made(self, s)));
                    hits.extend(object.map(|s| made(self, s)));
                }
            }
        }
        Lookup { hits, cause: found.cause }
    }

    /// The `apply` methods of an object that take the arguments.
    fn scala_applied(&mut self, object: DefRef, given: &[Ty], number: usize) -> Vec<(Found, Certainty)> {
        let Some(apply) = self.world.find_gid("apply") else { return Vec::new() };
        let (found, _) = self.scala_members_of(&Ty::Value(object, Ty::no_args()), apply, Space::Terms, Some(number));
        let takes: Vec<Found> = found.into_iter().filter(|f| number == 0 || self.scala_takes(&f.hit, number)).collect();
        // Where none takes what is given, it is the one that nobody wrote.
        let mut fitting = Vec::new();
        for f in takes {
            if given.len() != number || self.scala_score(&f, given) > MISFIT {
                fitting.push(f);
            }
        }
        self.scala_choose(fitting, given, number)
    }

    /// Parameters of all lists, without those that have no place.
    fn scala_parameters(&self, of: DefRef) -> Vec<DefId> {
        let facts = self.world.facts(of.file);
        self.parameters_of(of).into_iter().filter(|p| !facts.def_name(*p).starts_with('<')).collect()
    }

    /// Parameters by list, as they are written.
    fn scala_lists(&self, of: DefRef) -> Vec<Vec<DefId>> {
        let facts = self.world.facts(of.file);
        let d = self.world.def(of);
        let all: Vec<DefId> = match d.kind.is_type() {
            true => self.kotlin_header(of, |k| matches!(k, Kind::Field | Kind::Parameter)),
            false => self.parameters_of(of),
        };
        let mut out = vec![Vec::new()];
        for parameter in all {
            let name = facts.def_name(parameter);
            match name {
                EXTENDED => {}
                _ if name.starts_with('<') => {
                    if !(out.len() == 1 && out[0].is_empty() && d.flags.has(Flags::PROPERTY)) {
                        out.push(Vec::new());
                    }
                }
                _ => {
                    if let Some(last) = out.last_mut() {
                        last.push(parameter);
                    }
                }
            }
        }
        out
    }

    /// What a call gives.
    fn scala_call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        if let Some(part) = self.scala_part(file, of, args) {
            return Some(part);
        }
        let Some((found, owner, cause)) = self.scala_called(file, of, Some(args.len())) else {
            // What is called is a value itself: the further arguments of a call, or a function.
            let value = self.evaluate(file, of);
            let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
            return Some(self.scala_applied_value(value, &given));
        };
        let written = self.kotlin_written(file, of);
        let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        if found.is_empty() {
            return Some(Meaning::unknown(cause));
        }
        let chosen = self.scala_choose(found, &given, args.len());
        let sure = chosen.iter().filter(|c| c.1 > Certainty::Guessed).count();
        let mut parts = Vec::new();
        let mut certainty = owner.certainty;
        if owner.ty == Ty::Unknown(Cause::NoDefinition) {
            certainty = Certainty::Proven;
        }
        for (found, how) in chosen.iter().take(sure.max(1)) {
            let Some(sym) = definition(&found.hit) else { continue };
            let meaning = self.scala_result(sym, &found.of, &given, &written);
            certainty = certainty.min(meaning.certainty).min(*how).min(found.hit.certainty);
            parts.push(meaning.ty);
        }
        Some(Meaning { ty: Ty::union(parts), certainty, reasons: owner.reasons })
    }

    /// What calling a value gives: a function's result, else what its `apply` gives.
    fn scala_applied_value(&mut self, value: Meaning, given: &[Ty]) -> Meaning {
        match &value.ty {
            Ty::Function(result) => Meaning { ty: (**result).clone(), ..value },
            Ty::List(inner) => Meaning { ty: (**inner).clone(), ..value },
            Ty::Value(..) | Ty::Item(..) => {
                let Some(apply) = self.world.find_gid("apply") else { return Meaning::unknown(Cause::ReceiverUnknown) };
                let (found, _) = self.scala_members_of(&value.ty, apply, Space::Terms, Some(given.len()));
                let chosen = self.scala_choose(found, given, given.len());
                match chosen.into_iter().next().and_then(|(f, how)| definition(&f.hit).map(|s| (s, f.of, how))) {
                    Some((sym, of, how)) => {
                        let meaning = self.scala_result(sym, &of, given, &[]);
                        Meaning { ty: meaning.ty, certainty: meaning.certainty.min(how).min(value.certainty), reasons: value.reasons }
                    }
                    // A list that nobody needs to write was written.
                    None => value,
                }
            }
            _ => Meaning::unknown(Cause::ReceiverUnknown),
        }
    }

    /// What calling a definition gives.
    fn scala_result(&mut self, sym: DefRef, of: &Ty, given: &[Ty], written: &[Ty]) -> Meaning {
        let d = self.world.def(sym);
        if d.kind == Kind::Constructor {
            return match d.container {
                Some(class) => Meaning::sure(Ty::Value(DefRef { file: sym.file, def: class }, written.into())),
                None => Meaning::unknown(Cause::ReceiverUnknown),
            };
        }
        if d.kind.is_type() && d.kind != Kind::Alias {
            return self.scala_made(sym, given, written);
        }
        if d.kind == Kind::Alias {
            let target = self.alias_target(sym, &written.to_vec().into()).unwrap_or(Ty::Unknown(Cause::ReceiverUnknown));
            return Meaning::sure(target);
        }
        if d.kind == Kind::Variant {
            return self.declared_type(sym);
        }
        if is_value(d.kind) || d.flags.has(Flags::PROPERTY) {
            let mut value = self.scala_value_of(sym, of);
            if !written.is_empty() {
                let bound: Vec<(DefRef, Ty)> = self.kotlin_type_parameters(sym).into_iter().zip(written.iter().cloned()).collect();
                value.ty = put_in(&value.ty, &bound);
                if given.is_empty() {
                    return value;
                }
            }
            return self.scala_applied_value(value, given);
        }
        if !d.kind.is_callable() {
            return Meaning::unknown(Cause::ReceiverUnknown);
        }
        let meaning = self.declared_type(sym);
        let mut ty = self.scala_filled(sym, meaning.ty, of);
        let mut bound: Vec<(DefRef, Ty)> = self.kotlin_type_parameters(sym).into_iter().zip(written.iter().cloned()).collect();
        let lists = self.scala_lists(sym);
        let first = lists.first().cloned().unwrap_or_default();
        let owner_args = of.clone();
        let is_rest = d.arity == 255;
        for (i, given) in given.iter().enumerate() {
            let Some(parameter) = first.get(i).or(if is_rest { first.last() } else { None }) else { break };
            let Some(declared) = self.world.facts(sym.file).def(*parameter).ty else { continue };
            let mut declared = self.evaluate(sym.file, declared).ty;
            if let (true, Ty::List(inner), false) = (is_rest, &declared, matches!(given, Ty::List(_))) {
                declared = (**inner).clone();
            }
            let declared = self.scala_filled(sym, declared, &owner_args);
            self.kotlin_unify(&declared, given, &mut bound);
        }
        ty = put_in(&ty, &bound);
        // Each further list that must be written is a call of its own.
        for _ in 0..self.scala_written_lists(sym).saturating_sub(1) {
            ty = Ty::Function(Rc::new(ty));
        }
        Meaning { ty, ..meaning }
    }

    /// How many lists of parameters a call writes.
    fn scala_written_lists(&self, sym: DefRef) -> usize {
        let facts = self.world.facts(sym.file);
        1 + self.parameters_of(sym).into_iter().filter(|p| facts.def_name(*p) == LIST).count()
    }

    /// What a class or object is made into: `Rack(3)`.
    fn scala_made(&mut self, sym: DefRef, given: &[Ty], written: &[Ty]) -> Meaning {
        if !self.is_scala(sym) {
            return Meaning::sure(Ty::Value(sym, written.into()));
        }
        let companion = self.scala_companion(sym);
        let (object, class) = if self.world.def(sym).flags.has(Flags::STATIC) { (Some(sym), companion) } else { (companion, Some(sym)) };
        if let Some(object) = object {
            let applied = self.scala_applied(object, given, given.len());
            if let Some((found, how)) = applied.into_iter().next()
                && let Some(apply) = definition(&found.hit)
            {
                let meaning = self.scala_result(apply, &found.of, given, written);
                return Meaning { certainty: meaning.certainty.min(how), ..meaning };
            }
        }
        let Some(class) = class else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let args = if written.is_empty() { self.kotlin_inferred(class, given) } else { written.to_vec() };
        Meaning::sure(Ty::Value(class, args.into()))
    }

    /// A type with what its owner is made of, and what a function extends, put in.
    fn scala_filled(&mut self, sym: DefRef, ty: Ty, of: &Ty) -> Ty {
        let mut ty = ty;
        if let Ty::Value(class, args) | Ty::Item(class, args, _) = of
            && !args.is_empty()
        {
            ty = self.substitute(ty, *class, args);
        }
        let mut extended = self.scala_hidden(sym, EXTENDED);
        if extended.is_empty()
            && let Some(class) = self.world.def(sym).container
        {
            extended = self.scala_hidden(DefRef { file: sym.file, def: class }, EXTENDED);
        }
        if let Some(extended) = extended.first() {
            let declared = self.evaluate(sym.file, *extended).ty;
            let mut bound = Vec::new();
            self.kotlin_unify(&declared, of, &mut bound);
            ty = put_in(&ty, &bound);
        }
        ty
    }

    /// What a function literal is given.
    fn scala_handed(&mut self, handed: Handed) -> Meaning {
        let mut before: Vec<Vec<TypeId>> = Vec::new();
        let mut by = handed.by;
        let mut own: Vec<TypeId> = Vec::new();
        if let TypeExpr::Call { of, args } = self.world.facts(handed.file).ty(by).clone()
            && args.len() == handed.argument
            && handed.argument > 0
        {
            (by, own) = (of, args);
        }
        while let TypeExpr::Call { of, args } = self.world.facts(handed.file).ty(by).clone() {
            before.insert(0, args);
            by = of;
        }
        let list = before.len();
        let number = before.first().map(Vec::len);
        let Some((found, owner, cause)) = self.scala_called(handed.file, by, number) else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let written = self.kotlin_written(handed.file, by);
        before.push(own);
        let given: Vec<Vec<Ty>> = before.iter().map(|l| l.iter().map(|a| self.evaluate(handed.file, *a).ty).collect()).collect();
        let mut told: Option<Meaning> = None;
        for one in found.iter().take(12) {
            let Some(sym) = definition(&one.hit) else { continue };
            let Some((ty, sym, of)) = self.scala_handed_by(sym, one.of.clone(), list, &handed) else { continue };
            let mut ty = self.scala_filled(sym, ty, &of);
            let mut bound: Vec<(DefRef, Ty)> = self.kotlin_type_parameters(sym).into_iter().zip(written.iter().cloned()).collect();
            for (parameters, given) in self.scala_lists(sym).into_iter().zip(&given) {
                for (parameter, given) in parameters.into_iter().zip(given) {
                    if let Some(declared) = self.world.facts(sym.file).def(parameter).ty {
                        let declared = self.evaluate(sym.file, declared).ty;
                        let declared = self.scala_filled(sym, declared, &of);
                        self.kotlin_unify(&declared, given, &mut bound);
                    }
                }
            }
            ty = put_in(&ty, &bound);
            if ty.is_unknown() {
                continue;
            }
            match &mut told {
                Some(first) if first.ty == ty => {}
                Some(first) => first.certainty = first.certainty.min(Certainty::Inferred),
                None => {
                    let most = if owner.ty == Ty::Unknown(Cause::NoDefinition) { Certainty::Proven } else { owner.certainty };
                    told = Some(Meaning { ty, certainty: most.min(one.hit.certainty), reasons: owner.reasons.clone() });
                }
            }
        }
        told.unwrap_or(Meaning::unknown(if found.is_empty() { cause } else { Cause::ReceiverUnknown }))
    }

    /// What a function hands on, and which function that is: an object's `apply` stands behind its name.
    fn scala_handed_by(&mut self, sym: DefRef, of: Ty, list: usize, handed: &Handed) -> Option<(Ty, DefRef, Ty)> {
        let def = self.world.def(sym);
        if def.kind.is_type() && self.is_scala(sym) {
            let companion = self.scala_companion(sym);
            let (object, class) = if def.flags.has(Flags::STATIC) { (Some(sym), companion) } else { (companion, Some(sym)) };
            let applied = object.map(|o| self.scala_applied(o, &[], 0)).unwrap_or_default();
            for (found, _) in applied {
                let apply = definition(&found.hit)?;
                if let Some(ty) = self.scala_handed_in(apply, list, handed) {
                    return Some((ty, apply, found.of));
                }
            }
            let class = class?;
            return self.scala_handed_in(class, list, handed).map(|ty| (ty, class, Ty::Unknown(Cause::NoDefinition)));
        }
        if is_value(def.kind) || def.flags.has(Flags::PROPERTY) {
            let value = self.scala_value_of(sym, &of);
            let apply = self.world.find_gid("apply")?;
            let (found, _) = self.scala_members_of(&value.ty, apply, Space::Terms, None);
            let first = found.into_iter().next()?;
            let apply = definition(&first.hit)?;
            return self.scala_handed_in(apply, list, handed).map(|ty| (ty, apply, first.of));
        }
        self.scala_handed_in(sym, list, handed).map(|ty| (ty, sym, of))
    }

    fn scala_handed_in(&mut self, sym: DefRef, list: usize, handed: &Handed) -> Option<Ty> {
        let parameters = self.scala_lists(sym).into_iter().nth(list)?;
        let parameter = *parameters.get(handed.argument).or(if self.world.def(sym).arity == 255 { parameters.last() } else { None })?;
        let ty = self.world.facts(sym.file).def(parameter).ty?;
        let declared = self.evaluate(sym.file, ty).ty;
        self.scala_parameter_of(sym.file, ty, &declared, handed.parameter).filter(|t| !t.is_unknown())
    }

    /// A parameter of a function type as it is written, of a class of functions, or of the one method of an interface.
    fn scala_parameter_of(&mut self, file: u32, ty: TypeId, evaluated: &Ty, parameter: usize) -> Option<Ty> {
        if let Ty::Value(class, args) = evaluated
            && self.is_scala(*class)
        {
            let word = self.world.facts(class.file).name(self.world.def(*class).name);
            if word == "PartialFunction" || word.starts_with("Function") {
                return args.get(parameter).cloned();
            }
        }
        self.kotlin_parameter_of(file, ty, evaluated, parameter)
    }

    /// What a pattern takes a value apart into: `Rack(wheels, _)`.
    fn scala_part(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        let facts = self.world.facts(file);
        let TypeExpr::Member { of, name } = facts.ty(of).clone() else { return None };
        let number: usize = facts.name(name).strip_prefix(PART)?.parse().ok()?;
        let owner = self.evaluate(file, of);
        let Ty::Item(sym, ..) = owner.ty else { return Some(Meaning::unknown(Cause::ReceiverUnknown)) };
        let subject = args.first().map(|a| self.evaluate(file, *a).ty);
        let companion = self.scala_companion(sym);
        let (object, class) = if self.world.def(sym).flags.has(Flags::STATIC) { (Some(sym), companion) } else { (companion, Some(sym)) };
        let unapplied = object.and_then(|o| self.scala_unapplied(o, subject.as_ref()));
        let ty = match unapplied {
            Some(Ty::Tuple(parts)) => parts.get(number).cloned(),
            Some(only) => (number == 0).then_some(only),
            None => class.and_then(|c| self.scala_part_of(c, number, subject.as_ref())),
        };
        Some(ty.map_or(Meaning::unknown(Cause::ReceiverUnknown), |ty| Meaning { ty, ..owner }))
    }

    /// What `unapply` of an object gives.
    fn scala_unapplied(&mut self, object: DefRef, subject: Option<&Ty>) -> Option<Ty> {
        let unapply = self.world.find_gid("unapply")?;
        let (found, _) = self.scala_members_of(&Ty::Value(object, Ty::no_args()), unapply, Space::Terms, None);
        let first = found.into_iter().next()?;
        let sym = definition(&first.hit)?;
        let given: Vec<Ty> = subject.into_iter().cloned().collect();
        match self.scala_result(sym, &first.of, &given, &[]).ty {
            Ty::Value(_, args) if !args.is_empty() => args.first().cloned(),
            other => Some(other),
        }
    }

    /// A part of what a class is made of, with what the value is made of put in.
    fn scala_part_of(&mut self, class: DefRef, number: usize, subject: Option<&Ty>) -> Option<Ty> {
        let field = *self.scala_lists(class).first()?.get(number)?;
        let declared = self.evaluate(class.file, self.world.facts(class.file).def(field).ty?).ty;
        let parameters = self.kotlin_header(class, |k| k == Kind::TypeParameter);
        let (Some(Ty::Value(of, args)), false) = (subject, parameters.is_empty()) else { return Some(declared) };
        let own: Rc<[Ty]> = parameters.iter().map(|p| Ty::Value(DefRef { file: class.file, def: *p }, Ty::no_args())).collect();
        let as_subject = if *of == class {
            Some(own)
        } else {
            self.kotlin_as(class, &own, *of, Levels::BASES).and_then(|t| if let Ty::Value(_, a) = t { Some(a) } else { None })
        };
        let mut bound = Vec::new();
        for (declared, given) in as_subject.iter().flat_map(|a| a.iter()).zip(args.iter()) {
            self.kotlin_unify(declared, given, &mut bound);
        }
        Some(put_in(&declared, &bound))
    }
}
