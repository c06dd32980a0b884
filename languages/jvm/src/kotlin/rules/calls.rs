//! Calls: which of several functions, what they give, what they hand to function literals.

use super::members::{Asked, KotlinMembers as _, defined_within};
use super::scopes::KotlinScopes as _;
use super::{Wanted, definition};
use crate::kotlin::reader::{LAST, OF_RECEIVER};
use crate::rules::choice::Choice as _;
use crate::rules::members::Members as _;
use crate::rules::{Found, Names};
use compass_facts::bounds::Levels;
use compass_facts::{DefId, Kind, Literal, TypeExpr, TypeId};
use compass_index::linking::{DefRef, Evaluator, Handed, Meaning, Namespace, Ty, put_in};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// Types that the language and Java write differently.
const SAME: &[(&str, &str)] = &[("Int", "Integer"), ("Char", "Character"), ("Any", "Object")];

#[ext(Calls)]
pub(crate) impl Evaluator<'_, '_> {
    /// What a call runs, and what that is called on: a value is called through its operator `invoke`.
    fn kotlin_run(&mut self, file: u32, of: TypeId, number: Option<usize>) -> Option<(Vec<Found>, Meaning, Cause)> {
        let (found, owner, cause) = self.kotlin_called(file, of, number)?;
        let is_value = |e: &Self, f: &Found| definition(&f.hit).is_some_and(|s| Wanted::Values.holds(e.world.def(s).kind));
        let Some(invoke) = self.world.find_gid("invoke").filter(|_| !found.is_empty() && found.iter().all(|f| is_value(self, f))) else {
            return Some((found, owner, cause));
        };
        for one in &found {
            let Some(sym) = definition(&one.hit) else { continue };
            let ty = self.item(sym).ty;
            let ty = self.kotlin_filled(sym, ty, &one.of);
            if !matches!(ty, Ty::Value(..)) {
                continue;
            }
            let scope = self.kotlin_scope_of(file, of);
            let (operators, _) = self.kotlin_members(file, scope, &ty, invoke, Asked { number, ..Asked::of(&[Wanted::Functions]) });
            if !operators.is_empty() {
                return Some((operators, Meaning { ty, ..owner }, cause));
            }
        }
        Some((found, owner, cause))
    }

    /// What an expression before a call's arguments may mean, and what it is called on.
    fn kotlin_called(&mut self, file: u32, of: TypeId, number: Option<usize>) -> Option<(Vec<Found>, Meaning, Cause)> {
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Generic { of, .. } => self.kotlin_called(file, of, number),
            TypeExpr::Member { of, name } => {
                let owner = self.evaluate(file, of);
                let gid = self.world.gid(file, name);
                let scope = self.kotlin_scope_of(file, of);
                let wanted = [Wanted::Functions, Wanted::Values, Wanted::Types];
                let (found, cause) = self.kotlin_members(file, scope, &owner.ty, gid, Asked { number, ..Asked::of(&wanted) });
                Some((found, owner, cause))
            }
            TypeExpr::Name { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let mut found = (*self.plain(file, scope, gid, Namespace::Method)).clone();
                if number.is_some_and(|n| !found.hits.iter().any(|h| self.kotlin_takes(h, n) && self.kotlin_is_function(h))) {
                    found = self.kotlin_plain(file, scope, gid, Namespace::Method, number);
                }
                let cause = found.cause;
                let all = found.hits.iter().map(|h| Found { hit: h.clone(), of: self.kotlin_owner_of(file, scope, h) }).collect();
                Some((all, Meaning::sure(Ty::Unknown(Cause::NoDefinition)), cause))
            }
            TypeExpr::Def(def) => {
                let hit = self.by_name_hit(DefRef { file, def }, Certainty::Proven);
                let found = Found { hit, of: Ty::Unknown(Cause::NoDefinition) };
                Some((vec![found], Meaning::sure(Ty::Unknown(Cause::NoDefinition)), Cause::NoDefinition))
            }
            TypeExpr::Import(id) => {
                let found = self.follow(file, id);
                let all = found.hits.iter().map(|h| Found { hit: h.clone(), of: Ty::Unknown(Cause::NoDefinition) }).collect();
                Some((all, Meaning::sure(Ty::Unknown(Cause::NoDefinition)), found.cause))
            }
            _ => None,
        }
    }

    /// Those that take the arguments, best first.
    fn kotlin_choose(&mut self, found: Vec<Found>, given: &[Ty], number: usize) -> Vec<(Found, Certainty)> {
        let mut found = self.kotlin_constructors(found, given);
        let takes = |f: &Found| self.kotlin_takes(&f.hit, number);
        if found.iter().any(&takes) {
            found.retain(takes);
        }
        // A function goes before a class of its name where both take the arguments.
        if found.iter().any(|f| definition(&f.hit).is_some_and(|s| self.world.def(s).kind.is_callable())) {
            let fits = |f: &Found| {
                definition(&f.hit).is_none_or(|s| {
                    let d = self.world.def(s);
                    !d.kind.is_type() || d.arity as usize >= number && d.required as usize <= number
                })
            };
            found.retain(fits);
        }
        // One that takes any number comes after those that take that number.
        let is_rest = |f: &Found| definition(&f.hit).is_some_and(|s| self.world.def(s).arity == 255);
        if number == 0 && !found.iter().all(is_rest) {
            found.retain(|f| !is_rest(f));
        }
        if found.len() < 2 {
            return found.into_iter().map(|f| (f, Certainty::Proven)).collect();
        }
        let mut scored: Vec<(i32, Found)> = Vec::new();
        for f in found.into_iter().take(64) {
            scored.push((self.kotlin_score(&f, given), f));
        }
        scored.sort_by_key(|s| std::cmp::Reverse(s.0));
        let best = scored[0].0;
        let alone = scored.iter().filter(|s| s.0 == best).count() == 1;
        let is_known = given.iter().all(|g| !g.is_unknown());
        if alone && is_known && best > MISFIT && scored[1].0 <= MISFIT {
            return vec![(scored.swap_remove(0).1, Certainty::Proven)];
        }
        // Declarations of one thing for several platforms.
        let grade = |score: i32| if score == best && alone { Certainty::Inferred } else { Certainty::Guessed };
        scored.into_iter().filter(|s| s.0 > MISFIT || best <= MISFIT).map(|(score, f)| (f, grade(score))).take(10).collect()
    }

    /// The constructors of classes of Java in place of these.
    fn kotlin_constructors(&mut self, found: Vec<Found>, given: &[Ty]) -> Vec<Found> {
        let mut out = Vec::new();
        for f in found {
            let class = definition(&f.hit).filter(|s| self.world.def(*s).kind.is_type() && !self.is_kotlin(*s));
            let Some(class) = class else {
                out.push(f);
                continue;
            };
            let name = self.world.gid(class.file, self.world.def(class).name);
            let (constructors, _) = self.java_find(&Ty::Item(class, Ty::no_args(), None), name, Names::Constructors);
            if constructors.is_empty() {
                out.push(f);
            } else {
                let chosen = self.java_choose(constructors, given);
                out.extend(chosen.into_iter().take(1).map(|c| c.0));
            }
        }
        out
    }

    fn kotlin_score(&mut self, found: &Found, given: &[Ty]) -> i32 {
        let Some(sym) = definition(&found.hit) else { return 0 };
        let d = self.world.def(sym);
        if !d.kind.is_callable() {
            return if d.kind.is_type() { -1 } else { -2 };
        }
        let parameters = self.kotlin_parameters(sym);
        let mut total = 0;
        // One that needs no defaults goes first.
        if d.arity as usize != given.len() {
            total -= 1;
        }
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

    fn kotlin_fit(&mut self, given: &Ty, wanted: &Ty) -> i32 {
        let word = |this: &Self, ty: &Ty| match ty {
            Ty::Value(s, _) | Ty::Item(s, ..) => Some(this.world.name(this.world.gid(s.file, this.world.def(*s).name)).to_owned()),
            Ty::External(g, _) | Ty::ExternalType(g, _) => Some(this.world.name(*g).to_owned()),
            _ => None,
        };
        match (given, wanted) {
            (Ty::Unknown(_), _) | (_, Ty::Unknown(_)) => 0,
            (Ty::Literal(Literal::Nothing), _) => 1,
            (Ty::Function(_), Ty::Function(_)) => 6,
            (Ty::Function(_), Ty::Value(s, _)) => {
                if matches!(self.world.def(*s).kind, Kind::Interface | Kind::TypeParameter | Kind::Alias) {
                    1
                } else {
                    MISFIT
                }
            }
            (_, Ty::Function(_)) => MISFIT,
            (Ty::Union(parts), wanted) => parts.iter().map(|p| self.kotlin_fit(p, wanted)).max().unwrap_or(0),
            _ => {
                let (a, b) = (word(self, given), word(self, wanted));
                if let (Some(a), Some(b)) = (&a, &b) {
                    let alike = |x: &str, y: &str| x == y || x.eq_ignore_ascii_case(y) || SAME.iter().any(|s| *s == (x, y) || *s == (y, x));
                    if alike(a, b) {
                        return 8;
                    }
                }
                match self.kotlin_extends(wanted, given, Levels::TYPES) {
                    0 => MISFIT,
                    fit => fit as i32,
                }
            }
        }
    }

    /// Parameters without what a function is called on.
    fn kotlin_parameters(&self, of: DefRef) -> Vec<DefId> {
        let facts = self.world.facts(of.file);
        self.parameters_of(of).into_iter().filter(|p| facts.def_name(*p) != crate::kotlin::reader::RECEIVER).collect()
    }

    /// What a call gives.
    fn kotlin_call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        let written = self.kotlin_written(file, of);
        let (found, owner, cause) = self.kotlin_run(file, of, Some(args.len()))?;
        let is_sure = found.iter().any(|f| definition(&f.hit).is_some_and(|s| self.world.def(s).container.is_some()));
        if found.is_empty() || !is_sure && self.kotlin_is_component(file, of) && matches!(&owner.ty, Ty::Value(s, _) if self.world.def(*s).kind == Kind::Class)
        {
            return Some(self.kotlin_made(file, of, &owner).unwrap_or(Meaning::unknown(cause)));
        }
        let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        let chosen = self.kotlin_choose(found, &given, args.len());
        let sure = chosen.iter().filter(|c| c.1 > Certainty::Guessed).count();
        let mut parts = Vec::new();
        let mut certainty = owner.certainty;
        for (found, how) in chosen.iter().take(sure.max(1)) {
            let Some(sym) = definition(&found.hit) else { continue };
            let meaning = self.kotlin_result(sym, &found.of, &given, &written);
            certainty = certainty.min(meaning.certainty).min(*how).min(found.hit.certainty);
            parts.push(meaning.ty);
        }
        Some(Meaning { ty: Ty::union(parts), certainty, reasons: owner.reasons })
    }

    /// The type arguments that a call is written with.
    fn kotlin_written(&mut self, file: u32, of: TypeId) -> Vec<Ty> {
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Generic { args, .. } => args.iter().map(|a| self.evaluate(file, *a).ty).collect(),
            _ => Vec::new(),
        }
    }

    /// What functions that nobody writes give: parts of values of data classes, the entries of an enum.
    fn kotlin_made(&mut self, file: u32, of: TypeId, owner: &Meaning) -> Option<Meaning> {
        let (word, scope) = match self.world.facts(file).ty(of) {
            TypeExpr::Member { name, .. } => (self.world.facts(file).name(*name), None),
            TypeExpr::Name { name, scope, .. } => (self.world.facts(file).name(*name), Some(*scope)),
            _ => return None,
        };
        if word == "values" {
            return self.kotlin_entries(file, scope, owner, "kotlin.Array");
        }
        let position = word.strip_prefix("component")?.parse::<usize>().ok()?.checked_sub(1)?;
        let Ty::Value(class, args) = &owner.ty else { return None };
        let field = self.kotlin_header(*class, |k| matches!(k, Kind::Field | Kind::Parameter)).get(position).copied()?;
        let declared = self.evaluate(class.file, self.world.facts(class.file).def(field).ty?);
        Some(Meaning { ty: self.substitute(declared.ty, *class, args), certainty: declared.certainty.min(owner.certainty), reasons: owner.reasons.clone() })
    }

    fn kotlin_is_component(&self, file: u32, of: TypeId) -> bool {
        let facts = self.world.facts(file);
        matches!(facts.ty(of), TypeExpr::Member { name, .. } if facts.name(*name).starts_with("component"))
    }

    /// All entries of an enum that is named, or is around.
    fn kotlin_entries(&mut self, file: u32, scope: Option<compass_facts::ScopeId>, owner: &Meaning, held_by: &str) -> Option<Meaning> {
        use crate::rules::scopes::Scopes as _;
        let around = scope.map(|s| self.kotlin_around(file, s)).unwrap_or_else(|| vec![owner.ty.clone()]);
        let mut classes = around.iter().filter_map(|t| if let Ty::Value(s, _) | Ty::Item(s, ..) = t { Some(*s) } else { None });
        let class = classes.find(|s| self.world.def(*s).kind == Kind::Enum)?;
        let array = self.java_class(held_by)?;
        Some(Meaning::sure(Ty::Value(array, [Ty::Value(class, Ty::no_args())].into())))
    }

    /// What a class has in its header, of some kinds.
    fn kotlin_header(&self, class: DefRef, is_wanted: fn(Kind) -> bool) -> Vec<DefId> {
        let facts = self.world.facts(class.file);
        let Some(inner) = self.world.def(class).inner else { return Vec::new() };
        let body = self.world.def(class).body.map_or(u32::MAX, |b| b.start);
        let is_it = |def: &DefId| {
            let d = facts.def(*def);
            d.scope == inner && is_wanted(d.kind) && d.whole.start < body
        };
        defined_within(facts, class.def).filter(is_it).take(32).collect()
    }

    /// What calling a definition gives.
    fn kotlin_result(&mut self, sym: DefRef, of: &Ty, given: &[Ty], written: &[Ty]) -> Meaning {
        let d = self.world.def(sym);
        if d.kind == Kind::Constructor {
            return match d.container {
                Some(class) => Meaning::sure(Ty::Value(DefRef { file: sym.file, def: class }, written.into())),
                None => Meaning::unknown(Cause::ReceiverUnknown),
            };
        }
        if d.kind == Kind::Alias {
            let target = self.kotlin_declared(sym);
            return Meaning { ty: self.instance(target.ty), ..target };
        }
        if d.kind.is_type() {
            // `Rack(3)`, or `rack(3)` on an object with `invoke`.
            let args = if written.is_empty() { self.kotlin_inferred(sym, given) } else { written.to_vec() };
            return Meaning::sure(Ty::Value(sym, args.into()));
        }
        let meaning = self.kotlin_declared(sym);
        if !d.kind.is_callable() {
            let ty = self.kotlin_filled(sym, meaning.ty, of);
            return match ty {
                Ty::Function(result) => Meaning { ty: (*result).clone(), ..meaning },
                _ => Meaning::unknown(Cause::ReceiverUnknown),
            };
        }
        let mut ty = self.kotlin_filled(sym, meaning.ty, of);
        let mut bound: Vec<(DefRef, Ty)> = self.kotlin_type_parameters(sym).into_iter().zip(written.iter().cloned()).collect();
        let parameters = self.kotlin_arguments(sym, given.len());
        bound.extend(self.kotlin_bound_by(sym, given, parameters));
        ty = put_in(&ty, &bound);
        Meaning { ty, ..meaning }
    }

    /// Type parameters of a class, read off what its constructor is given.
    fn kotlin_inferred(&mut self, class: DefRef, given: &[Ty]) -> Vec<Ty> {
        let facts = self.world.facts(class.file);
        let parameters = self.kotlin_header(class, |k| k == Kind::TypeParameter);
        if parameters.is_empty() {
            return Vec::new();
        }
        let values = self.kotlin_header(class, |k| matches!(k, Kind::Field | Kind::Parameter));
        let mut bound = Vec::new();
        for (given, value) in given.iter().zip(values) {
            if let Some(declared) = facts.def(value).ty {
                let declared = self.evaluate(class.file, declared).ty;
                self.kotlin_unify(&declared, given, &mut bound);
            }
        }
        let of = |p: &DefId| bound.iter().find(|b| b.0.def == *p && b.0.file == class.file).map_or(Ty::Unknown(Cause::ReceiverUnknown), |b| b.1.clone());
        parameters.iter().map(of).collect()
    }

    fn kotlin_type_parameters(&self, of: DefRef) -> Vec<DefRef> {
        let facts = self.world.facts(of.file);
        let Some(inner) = self.world.def(of).inner else { return Vec::new() };
        let is_it = |def: &DefId| facts.def(*def).scope == inner && facts.def(*def).kind == Kind::TypeParameter;
        defined_within(facts, of.def).filter(is_it).map(|def| DefRef { file: of.file, def }).collect()
    }

    /// The parameters that so many arguments go to: a function literal at the end goes to the last.
    fn kotlin_arguments(&self, of: DefRef, number: usize) -> Vec<DefId> {
        let all = self.kotlin_parameters(of);
        if self.world.def(of).arity == 255 {
            let last = all.last().copied();
            return all.into_iter().chain(std::iter::repeat_n(last, 8).flatten()).take(number.min(40)).collect();
        }
        if number == 0 || number >= all.len() {
            return all;
        }
        let is_function = all
            .last()
            .and_then(|p| self.world.facts(of.file).def(*p).ty)
            .is_some_and(|t| matches!(self.world.facts(of.file).ty(t), TypeExpr::Signature { .. }));
        let mut out: Vec<DefId> = all[..number].to_vec();
        if is_function {
            out[number - 1] = all[all.len() - 1];
        }
        out
    }

    /// What a function literal is given, or called on.
    fn kotlin_handed(&mut self, handed: Handed) -> Meaning {
        let (by, before) = match self.world.facts(handed.file).ty(handed.by).clone() {
            TypeExpr::Call { of, args } => (of, args),
            _ => (handed.by, Vec::new()),
        };
        let written = self.kotlin_written(handed.file, by);
        let number = (handed.argument as u32 >= LAST).then_some(before.len() + 1);
        let Some((found, owner, cause)) = self.kotlin_run(handed.file, by, number) else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let mut given: Option<Vec<Ty>> = None;
        let mut found = found;
        if let Some(number) = number
            && found.iter().any(|f| self.kotlin_takes(&f.hit, number))
        {
            found.retain(|f| self.kotlin_takes(&f.hit, number));
        }
        let mut told: Option<Meaning> = None;
        for one in found.iter().take(12) {
            let Some(sym) = definition(&one.hit) else { continue };
            let Some(ty) = self.kotlin_handed_by(sym, &handed) else { continue };
            let mut ty = self.kotlin_filled(sym, ty, &one.of);
            if !written.is_empty() {
                let bound: Vec<(DefRef, Ty)> = self.kotlin_type_parameters(sym).into_iter().zip(written.iter().cloned()).collect();
                ty = put_in(&ty, &bound);
            }
            if !before.is_empty() {
                let given = given.get_or_insert_with(|| before.iter().map(|a| self.evaluate(handed.file, *a).ty).collect());
                let parameters = self.kotlin_parameters(sym);
                let bound = self.kotlin_bound_by(sym, given, parameters);
                ty = put_in(&ty, &bound);
            }
            if ty.is_unknown() {
                continue;
            }
            match &mut told {
                // Overloads that hand on the same leave nothing open.
                Some(first) if first.ty == ty => {}
                Some(first) => first.certainty = first.certainty.min(Certainty::Inferred),
                None => told = Some(Meaning { ty, certainty: owner.certainty.min(one.hit.certainty), reasons: owner.reasons.clone() }),
            }
        }
        if let Some(told) = told {
            return told;
        }
        Meaning::unknown(if found.is_empty() { cause } else { Cause::ReceiverUnknown })
    }

    /// What a function, or an interface with one method that is named in its place, hands on.
    fn kotlin_handed_by(&mut self, sym: DefRef, handed: &Handed) -> Option<Ty> {
        let def = self.world.def(sym);
        if def.kind == Kind::Interface {
            let method = self.kotlin_only_method(sym)?;
            let parameter = *self.kotlin_parameters(method).get(handed.parameter)?;
            return Some(self.evaluate(method.file, self.world.facts(method.file).def(parameter).ty?).ty);
        }
        if def.kind == Kind::Alias {
            let target = def.ty?;
            let of = self.evaluate(sym.file, target).ty;
            return self.kotlin_parameter_of(sym.file, target, &of, handed.parameter);
        }
        let parameters = self.kotlin_parameters(sym);
        let parameter = if handed.argument as u32 >= LAST { parameters.last() } else { parameters.get(handed.argument) };
        let ty = parameter.and_then(|p| self.world.facts(sym.file).def(*p).ty)?;
        let declared = self.evaluate(sym.file, ty).ty;
        self.kotlin_parameter_of(sym.file, ty, &declared, handed.parameter).filter(|t| !t.is_unknown())
    }

    /// What the type parameters of a function stand for, as far as arguments tell.
    fn kotlin_bound_by(&mut self, sym: DefRef, given: &[Ty], parameters: Vec<DefId>) -> Vec<(DefRef, Ty)> {
        let mut bound = Vec::new();
        let is_rest = self.world.def(sym).arity == 255;
        for (given, parameter) in given.iter().zip(parameters) {
            let Some(declared) = self.world.facts(sym.file).def(parameter).ty else { continue };
            let mut declared = self.evaluate(sym.file, declared).ty;
            if let (true, Ty::List(inner), false) = (is_rest, &declared, matches!(given, Ty::List(_))) {
                declared = (**inner).clone();
            }
            self.kotlin_unify(&declared, given, &mut bound);
        }
        bound
    }

    /// A parameter of a function type as it is written, or of the one method of an interface.
    fn kotlin_parameter_of(&mut self, file: u32, ty: TypeId, evaluated: &Ty, parameter: usize) -> Option<Ty> {
        match self.world.facts(file).ty(ty).clone() {
            TypeExpr::Signature { parameters, .. } => {
                let is_receiver = |e: &Self, p: &TypeId| if let TypeExpr::Deref(of) = e.world.facts(file).ty(*p) { Some(*of) } else { None };
                if parameter as u32 >= OF_RECEIVER {
                    let of = parameters.iter().find_map(|p| is_receiver(self, p))?;
                    return Some(self.evaluate(file, of).ty);
                }
                let of = parameters.iter().filter(|p| is_receiver(self, p).is_none()).nth(parameter).copied()?;
                Some(self.evaluate(file, of).ty)
            }
            TypeExpr::List(of) => {
                let inner = self.evaluate(file, of).ty;
                self.kotlin_parameter_of(file, of, &inner, parameter)
            }
            TypeExpr::Instance(of) => {
                if let Some(found) = self.kotlin_of_alias(file, of, parameter) {
                    return Some(found);
                }
                let Ty::Value(class, args) = evaluated else { return None };
                match self.world.def(*class).kind {
                    Kind::Interface if (parameter as u32) < OF_RECEIVER => {
                        let method = self.kotlin_only_method(*class)?;
                        let declared = *self.kotlin_parameters(method).get(parameter)?;
                        let found = self.evaluate(method.file, self.world.facts(method.file).def(declared).ty?).ty;
                        Some(self.substitute(found, *class, args))
                    }
                    _ => None,
                }
            }
            _ => None,
        }
    }

    /// A parameter of the function type that a name stands for.
    fn kotlin_of_alias(&mut self, file: u32, of: TypeId, parameter: usize) -> Option<Ty> {
        let (of, args) = match self.world.facts(file).ty(of).clone() {
            TypeExpr::Generic { of, args } => (of, args),
            _ => (of, Vec::new()),
        };
        let found = match *self.world.facts(file).ty(of) {
            TypeExpr::TypeName { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                (*self.plain(file, scope, gid, Namespace::Type)).clone()
            }
            TypeExpr::Import(id) => self.follow(file, id),
            _ => return None,
        };
        let alias = found.hits.iter().filter_map(definition).find(|s| self.world.def(*s).kind == Kind::Alias)?;
        let target = self.world.def(alias).ty?;
        let inner = self.evaluate(alias.file, target).ty;
        let found = self.kotlin_parameter_of(alias.file, target, &inner, parameter)?;
        let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        let bound: Vec<(DefRef, Ty)> = self.kotlin_type_parameters(alias).into_iter().zip(given).collect();
        Some(put_in(&found, &bound))
    }

    fn kotlin_only_method(&self, interface: DefRef) -> Option<DefRef> {
        use crate::rules::JavaNames as _;
        self.only_method(interface)
    }
}

/// What rules a function out.
const MISFIT: i32 = -20;
