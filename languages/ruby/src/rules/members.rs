//! Members of classes and of their values, through all openings, modules and bases.

use super::{RubyNames as _, definition};
use crate::reader::EXTENDED;
use compass_facts::{Flags, Kind, ScopeId, ScopeKind, TypeExpr, TypeId};
use compass_index::linking::{Binding, DefRef, Evaluator, GlobalNameId, Hit, Meaning, Ty, put_in};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// Classes and modules above this many are not gone through for one name.
const MOST_BASES: usize = 64;

#[ext(RubyMembers)]
pub(super) impl Evaluator<'_, '_> {
    /// Members of a class or a value, and why there may be none.
    fn ruby_members(&mut self, of: &Ty, name: GlobalNameId) -> (Vec<Hit>, Cause) {
        let word = self.world.name(name);
        match of {
            Ty::Item(class, ..) if word.starts_with(char::is_uppercase) => {
                let path = self.ruby_class_path(*class).to_owned();
                let mut found = self.ruby_within(class.file, &path, name);
                if found.is_empty() {
                    found = self.ruby_inherited_constant(class.file, *class, name);
                }
                (self.ruby_hits(found).hits, Cause::NoDefinition)
            }
            Ty::Item(class, ..) if word == "new" => self.ruby_constructor(*class, name),
            Ty::Item(class, ..) => self.ruby_method(*class, name, true),
            Ty::Value(class, _) => self.ruby_method(*class, name, false),
            Ty::List(_) => self.ruby_method_of("Array", name),
            Ty::Map(_) => self.ruby_method_of("Hash", name),
            Ty::Function(_) => self.ruby_method_of("Proc", name),
            Ty::Union(parts) => {
                if let Some(one) = self.ruby_one(parts) {
                    return self.ruby_members(&one, name);
                }
                let mut out: Vec<Hit> = Vec::new();
                let mut cause = Cause::NoDefinition;
                for part in parts.iter() {
                    let (found, why) = self.ruby_members(part, name);
                    if found.is_empty() {
                        cause = why;
                    }
                    out.extend(found.into_iter().map(|h| Hit { certainty: h.certainty.min(Certainty::Inferred), ..h }));
                }
                out.dedup_by_key(|h| h.entity);
                (out, cause)
            }
            Ty::Unknown(why) => (Vec::new(), if *why == Cause::UnitAbsent { *why } else { Cause::ReceiverUnknown }),
            Ty::External(..) | Ty::ExternalType(..) => (Vec::new(), Cause::UnitAbsent),
            _ => (Vec::new(), Cause::ReceiverUnknown),
        }
    }

    /// The method that `super` calls: of the first in line that has one. What a derived class defines does not count.
    fn ruby_of_super(&mut self, file: u32, scope: ScopeId, name: GlobalNameId) -> Vec<Hit> {
        let facts = self.world.facts(file);
        let around: Vec<ScopeId> = std::iter::successors(Some(scope), |s| facts.scope(*s).parent).collect();
        let owner = |kind: ScopeKind| around.iter().find_map(|s| facts.scope(*s).owner.filter(|_| facts.scope(*s).kind == kind));
        let of_class = owner(ScopeKind::Function).is_some_and(|m| facts.def(m).flags.has(Flags::STATIC));
        let Some(class) = owner(ScopeKind::Type).map(|def| DefRef { file, def }) else { return Vec::new() };
        for of in self.ruby_line(class) {
            let found: Vec<DefRef> = self.ruby_openings(of).into_iter().flat_map(|part| self.ruby_own(part, name, of_class)).collect();
            if !found.is_empty() {
                return found.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect();
            }
        }
        Vec::new()
    }

    /// Openings of one class are one class.
    fn ruby_one(&self, parts: &[Ty]) -> Option<Ty> {
        let path = |t: &Ty| match t {
            Ty::Item(s, ..) => Some((true, self.ruby_class_path(*s))),
            Ty::Value(s, _) => Some((false, self.ruby_class_path(*s))),
            _ => None,
        };
        let first = path(parts.first()?)?;
        (!first.1.is_empty() && parts.iter().all(|p| path(p) == Some(first))).then(|| parts[0].clone())
    }

    /// A type with openings of one class taken for one.
    fn ruby_seen(&self, meaning: Meaning) -> Meaning {
        match &meaning.ty {
            Ty::Union(parts) => match self.ruby_one(parts) {
                // That a class is opened several times leaves nothing open; what a variable is given several times may.
                Some(ty @ Ty::Item(..)) => Meaning { ty, certainty: Certainty::Proven, ..meaning },
                Some(ty) => Meaning { ty, ..meaning },
                None => meaning,
            },
            _ => meaning,
        }
    }

    fn ruby_method_of(&mut self, class: &str, name: GlobalNameId) -> (Vec<Hit>, Cause) {
        match self.ruby_of_language(class) {
            Some(class) => self.ruby_method(class, name, false),
            None => (Vec::new(), Cause::Builtin),
        }
    }

    /// `Rack.new`: what `initialize` does, or a method of the class itself.
    fn ruby_constructor(&mut self, class: DefRef, name: GlobalNameId) -> (Vec<Hit>, Cause) {
        let hooked = self.ruby_hooked(class, name);
        if !hooked.is_empty() {
            return (hooked, Cause::NoDefinition);
        }
        let has_hook = self.ruby_has_hook(class);
        let sure = if has_hook { Certainty::Inferred } else { Certainty::Proven };
        let own = self.ruby_collected(class, name, true);
        if !own.is_empty() {
            return (own.into_iter().map(|s| self.by_name_hit(s, sure)).collect(), Cause::NoDefinition);
        }
        let made = self.world.find_gid("initialize").map(|g| self.ruby_collected(class, g, false)).unwrap_or_default();
        let is_outside = self.ruby_leads_outside(class);
        match made.first() {
            Some(first) => (vec![self.by_name_hit(*first, sure)], Cause::NoDefinition),
            // What nobody writes a constructor for is made as it is.
            None if !is_outside => (vec![self.by_name_hit(class, sure)], Cause::NoDefinition),
            None => (vec![self.by_name_hit(class, Certainty::Inferred)], Cause::UnitAbsent),
        }
    }

    /// A method of values of a class, or of the class itself.
    fn ruby_method(&mut self, class: DefRef, name: GlobalNameId, of_class: bool) -> (Vec<Hit>, Cause) {
        let hooked = if of_class { self.ruby_hooked(class, name) } else { Vec::new() };
        if !hooked.is_empty() {
            return (hooked, Cause::NoDefinition);
        }
        let found = self.ruby_collected(class, name, of_class);
        if found.is_empty() {
            let missing = self.world.find_gid("method_missing").map(|g| self.ruby_collected(class, g, of_class)).unwrap_or_default();
            let cause = match (missing.is_empty(), self.ruby_leads_outside(class)) {
                (false, _) => Cause::Dynamic,
                (_, true) => Cause::UnitAbsent,
                _ => Cause::NoDefinition,
            };
            return (Vec::new(), cause);
        }
        // A value may be of a class that is derived from this one, and a module does not know what it becomes part of.
        let others = self.ruby_defined_below(class, &found, name);
        let certainty = if others.is_empty() && found.len() == 1 && !(of_class && self.ruby_has_hook(class)) { Certainty::Proven } else { Certainty::Inferred };
        (found.into_iter().chain(others).map(|s| self.by_name_hit(s, certainty)).collect(), Cause::NoDefinition)
    }

    /// Does a module in line do something to the classes that include it?
    fn ruby_has_hook(&mut self, class: DefRef) -> bool {
        let Some(hook) = self.world.find_gid("included") else { return false };
        let modules: Vec<DefRef> = self.ruby_line(class).into_iter().filter(|s| self.world.def(*s).kind == Kind::Trait).collect();
        modules.into_iter().any(|m| self.ruby_openings(m).into_iter().any(|part| !self.ruby_own(part, hook, true).is_empty()))
    }

    /// Methods that modules give the classes themselves: what their hooks define, and by habit what stands in `ClassMethods`.
    fn ruby_hooked(&mut self, class: DefRef, name: GlobalNameId) -> Vec<Hit> {
        if !self.ruby_has_hook(class) {
            return Vec::new();
        }
        let mut out = Vec::new();
        for module in self.ruby_line(class) {
            for part in self.ruby_openings(module) {
                let Some(scope) = self.world.def(part).inner else { continue };
                let defined = self
                    .world
                    .bindings(part.file, scope, name)
                    .filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: part.file, def }) } else { None });
                out.extend(defined.filter(|s| self.ruby_flags(*s).has(Flags::OF_TYPE)));
            }
            if let Some(methods) = self.world.find_gid("ClassMethods") {
                let path = self.ruby_class_path(module).to_owned();
                for of in self.ruby_within(module.file, &path, methods) {
                    out.extend(self.ruby_own(of, name, false));
                }
            }
            if !out.is_empty() {
                break;
            }
        }
        out.into_iter().map(|s| self.by_name_hit(s, Certainty::Inferred)).collect()
    }

    /// Definitions of the name in classes derived from one.
    fn ruby_defined_below(&mut self, class: DefRef, found: &[DefRef], name: GlobalNameId) -> Vec<DefRef> {
        const MOST: usize = 48;
        let world = self.world;
        let others: Vec<DefRef> =
            world.named_members(name).iter().filter(|s| world.language(s.file) == crate::RUBY && !found.contains(s)).take(MOST).copied().collect();
        let path = self.ruby_class_path(class).to_owned();
        let mut out = Vec::new();
        for other in others {
            let Some(owner) = world.def(other).container.map(|def| DefRef { file: other.file, def }) else { continue };
            let is_below = self.ruby_class_path(owner) != path && self.ruby_line(owner).iter().any(|b| self.ruby_class_path(*b) == path);
            if is_below && world.def(other).flags.has(Flags::STATIC) == found.first().is_some_and(|f| self.ruby_flags(*f).has(Flags::STATIC)) {
                out.push(other);
            }
        }
        out.truncate(8);
        out
    }

    /// Members by that name: of the first in line that has any.
    fn ruby_collected(&mut self, class: DefRef, name: GlobalNameId, of_class: bool) -> Vec<DefRef> {
        let line: Vec<DefRef> = std::iter::once(class).chain(self.ruby_line(class)).collect();
        for (at, of) in line.iter().enumerate() {
            // Of a class itself only classes inherit, not modules.
            if of_class && at > 0 && self.world.def(*of).kind == Kind::Trait {
                continue;
            }
            for part in self.ruby_openings(*of) {
                let own = self.ruby_own(part, name, of_class);
                if !own.is_empty() {
                    return own;
                }
            }
            if of_class {
                let found = self.ruby_extended(*of, name);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        Vec::new()
    }

    /// What modules that a class is extended with add to the class itself.
    fn ruby_extended(&mut self, class: DefRef, name: GlobalNameId) -> Vec<DefRef> {
        let Some(hidden) = self.world.find_gid(EXTENDED) else { return Vec::new() };
        for part in self.ruby_openings(class) {
            let Some(scope) = self.world.def(part).inner else { continue };
            let types: Vec<TypeId> = self
                .world
                .bindings(part.file, scope, hidden)
                .filter_map(|b| if let Binding::Def(d) = b { self.world.facts(part.file).def(d).ty } else { None })
                .take(16)
                .collect();
            for ty in types {
                if let Ty::Item(module, ..) = self.evaluate(part.file, ty).ty {
                    let found = match module == part {
                        true => self.ruby_own(module, name, false),
                        false => self.ruby_collected(module, name, false),
                    };
                    if !found.is_empty() {
                        return found;
                    }
                }
            }
        }
        Vec::new()
    }

    fn ruby_own(&self, class: DefRef, name: GlobalNameId, of_class: bool) -> Vec<DefRef> {
        let Some(scope) = self.world.def(class).inner else { return Vec::new() };
        let all =
            self.world.bindings(class.file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: class.file, def }) } else { None });
        let is_it = |s: &DefRef| {
            let d = self.world.def(*s);
            d.kind == Kind::Field || d.kind.is_callable() && d.flags.has(Flags::STATIC) == of_class && !d.flags.has(Flags::OF_TYPE)
        };
        let mut own: Vec<DefRef> = all.filter(is_it).collect();
        // Of several that stand under conditions, one holds.
        own.truncate(4);
        own
    }

    /// All openings of a class or module.
    fn ruby_openings(&self, class: DefRef) -> Vec<DefRef> {
        let world = self.world;
        let path = self.ruby_class_path(class);
        if path.is_empty() {
            return vec![class];
        }
        let name = world.gid(class.file, world.def(class).name);
        let is_it = |s: &&DefRef| world.language(s.file) == crate::RUBY && world.def(**s).kind.is_type() && self.ruby_class_path(**s) == path;
        let mut found: Vec<DefRef> = world.all_named(name).filter(is_it).take(64).copied().collect();
        if !found.contains(&class) {
            found.push(class);
        }
        found
    }

    /// What a class is derived from, in the order in which methods are looked for: modules from the last to the first, then the base.
    fn ruby_line(&mut self, class: DefRef) -> Vec<DefRef> {
        let mut out: Vec<DefRef> = Vec::new();
        self.ruby_line_in(class, &mut out);
        out.retain(|s| *s != class);
        out
    }

    fn ruby_line_in(&mut self, class: DefRef, out: &mut Vec<DefRef>) {
        let (mut modules, mut classes) = (Vec::new(), Vec::new());
        for part in self.ruby_openings(class) {
            for base in self.bases(part).iter().rev() {
                let one = if let Ty::Union(parts) = base { self.ruby_one(parts) } else { None };
                match one.as_ref().unwrap_or(base) {
                    Ty::Item(s, ..) | Ty::Value(s, _) if self.world.def(*s).kind == Kind::Trait => modules.push(*s),
                    Ty::Item(s, ..) | Ty::Value(s, _) => classes.push(*s),
                    _ => {}
                }
            }
        }
        for base in modules.into_iter().chain(classes) {
            if out.len() < MOST_BASES && !out.contains(&base) && base != class {
                out.push(base);
                self.ruby_line_in(base, out);
            }
        }
    }

    /// Is it derived from something that is not here?
    fn ruby_leads_outside(&mut self, class: DefRef) -> bool {
        let line: Vec<DefRef> = std::iter::once(class).chain(self.ruby_line(class)).collect();
        line.into_iter().any(|c| {
            self.ruby_openings(c).into_iter().any(|part| {
                self.bases(part).iter().any(|b| !matches!(b, Ty::Item(..) | Ty::Value(..)) && !matches!(b, Ty::Union(parts) if self.ruby_one(parts).is_some()))
            })
        })
    }

    /// What a call gives.
    fn ruby_call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        let _ = args;
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Member { of, name } => {
                let owner = self.evaluate(file, of);
                let owner = self.ruby_seen(owner);
                let gid = self.world.gid(file, name);
                if let (Ty::Value(class, _), "class") = (&owner.ty, self.world.name(gid)) {
                    return Some(Meaning { ty: Ty::Item(*class, Ty::no_args(), None), certainty: owner.certainty.min(Certainty::Inferred), ..owner });
                }
                if let (Ty::Item(class, ..), "new") = (&owner.ty, self.world.name(gid)) {
                    return Some(Meaning { ty: Ty::Value(*class, Ty::no_args()), ..owner });
                }
                if let Some(meaning) = self.ruby_same(&owner, gid) {
                    return Some(meaning);
                }
                let (found, cause) = self.ruby_members(&owner.ty, gid);
                let mut parts = Vec::new();
                let mut certainty = owner.certainty;
                for hit in found.iter().take(4) {
                    let Some(sym) = definition(hit) else { continue };
                    let meaning = self.ruby_given_by(sym);
                    certainty = certainty.min(hit.certainty).min(meaning.certainty);
                    parts.push(self.ruby_filled(meaning.ty, &owner.ty));
                }
                Some(if parts.is_empty() { Meaning::unknown(cause) } else { Meaning { ty: Ty::union(parts), certainty, reasons: owner.reasons } })
            }
            TypeExpr::Name { name, .. } => {
                let gid = self.world.gid(file, name);
                let found = self.ruby_function(gid);
                let sym = found.hits.iter().find_map(definition)?;
                let meaning = self.ruby_given_by(sym);
                Some(Meaning { certainty: meaning.certainty.min(Certainty::Inferred), ..meaning })
            }
            _ => None,
        }
    }

    /// Methods that give what they are called on.
    fn ruby_same(&self, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        let gives_itself = matches!(self.world.name(name), "tap" | "freeze" | "dup" | "clone" | "itself");
        (gives_itself && !owner.ty.is_unknown()).then(|| owner.clone())
    }

    /// What a method or constant gives.
    fn ruby_given_by(&mut self, sym: DefRef) -> Meaning {
        let d = self.world.def(sym);
        match d.ty {
            Some(ty) if d.kind != Kind::Constructor => self.evaluate(sym.file, ty),
            _ => Meaning::unknown(Cause::ReceiverUnknown),
        }
    }

    /// What the library says of elements, with what the receiver holds in their place.
    fn ruby_filled(&mut self, ty: Ty, owner: &Ty) -> Ty {
        let (stands_for, inner) = match owner {
            Ty::List(inner) => ("Element", inner),
            Ty::Map(inner) => ("Value", inner),
            _ => return ty,
        };
        match self.ruby_of_language(stands_for) {
            Some(stands) => put_in(&ty, &[(stands, (**inner).clone())]),
            None => ty,
        }
    }
}
