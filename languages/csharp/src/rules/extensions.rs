//! Extension methods: static methods whose first parameter is what they are called on.

use super::Found;
use super::scopes::Scopes as _;
use super::spaces::{GLOBAL, Spaces as _};
use compass_facts::bounds::Levels;
use compass_facts::{Flags, Kind, ScopeId};
use compass_index::Certainty;
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, MOST_CHOICES, Ty};
use easy_ext::ext;

#[ext(Extended)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    /// Is the first parameter of a method its receiver?
    fn csharp_is_extension(&self, method: DefRef) -> bool {
        let facts = self.world.facts(method.file);
        let d = facts.def(method.def);
        d.kind == Kind::Method && d.flags.has(Flags::STATIC) && self.parameters_of(method).first().is_some_and(|p| facts.def(*p).flags.has(Flags::STATIC))
    }

    /// What was found for a use, with what it was found in.
    fn csharp_found(&self, hit: Hit, on: Option<&Ty>) -> Found {
        let extends = matches!((hit.entity, on), (Entity::DefRef(s), Some(Ty::Value(..) | Ty::List(_) | Ty::Union(_))) if self.csharp_is_extension(s));
        Found { hit, of: on.cloned().unwrap_or(Ty::Unknown(compass_index::Cause::NoDefinition)), extends }
    }

    /// Extension methods of a name that are in sight and take the value.
    fn csharp_extensions(&mut self, file: u32, scope: ScopeId, on: &Ty, name: GlobalNameId) -> Vec<Found> {
        let named = self.world.named_members(name);
        if named.is_empty() || named.len() > 40 * MOST_CHOICES {
            return Vec::new();
        }
        let methods: Vec<DefRef> = named.iter().filter(|s| self.world.language(s.file) == crate::CSHARP && self.csharp_is_extension(**s)).copied().collect();
        if methods.is_empty() {
            return Vec::new();
        }
        let spaces = self.csharp_spaces_in_sight(file, scope);
        let mut out = Vec::new();
        for method in methods {
            let Some(class) = self.world.def(method).container.map(|c| DefRef { file: method.file, def: c }) else { continue };
            if !self.csharp_space_of(class).is_some_and(|s| spaces.contains(&s)) || !self.csharp_takes_receiver(method, on) {
                continue;
            }
            let hit = Hit { certainty: Certainty::Proven, ..self.by_name_hit(method, Certainty::Proven) };
            out.push(Found { hit, of: on.clone(), extends: true });
        }
        out
    }

    /// Does a value fit the first parameter?
    fn csharp_takes_receiver(&mut self, method: DefRef, on: &Ty) -> bool {
        let Some(first) = self.parameters_of(method).first().copied() else { return false };
        let Some(declared) = self.world.facts(method.file).def(first).ty else { return true };
        let wanted = self.evaluate(method.file, declared).ty;
        self.csharp_is_a(on, &wanted, Levels::TYPES)
    }

    /// Is a value of that type, as far as both are known?
    fn csharp_is_a(&mut self, given: &Ty, wanted: &Ty, levels: Levels) -> bool {
        let Some(levels) = levels.down() else { return true };
        match (given, wanted) {
            (Ty::Union(parts), wanted) => parts.iter().any(|p| self.csharp_is_a(p, wanted, levels)),
            (_, Ty::Value(b, _)) if self.world.def(*b).kind == Kind::TypeParameter => match self.world.def(*b).ty {
                Some(bound) => {
                    let bound = self.evaluate(b.file, bound).ty;
                    let bound = self.instance(bound);
                    matches!(bound, Ty::Union(_)) || self.csharp_is_a(given, &bound, levels)
                }
                None => true,
            },
            (Ty::Value(a, _), Ty::Value(b, _)) => {
                let name = |s: &DefRef| self.world.gid(s.file, self.world.def(*s).name);
                let is_part = name(a) == name(b) && self.csharp_parts(*a).contains(b);
                let is_object = self.world.name(name(b)) == "Object" && self.world.def(*b).arity == 0;
                a == b || is_part || is_object || self.csharp_base_of(given, *b).is_some()
            }
            (Ty::List(_), Ty::Value(b, _)) => {
                let name = self.world.name(self.world.gid(b.file, self.world.def(*b).name));
                matches!(name, "IEnumerable" | "ICollection" | "IList" | "IReadOnlyList" | "IReadOnlyCollection" | "Array" | "Object" | "ICloneable")
            }
            (Ty::List(a), Ty::List(b)) => self.csharp_is_a(a, b, levels),
            (Ty::List(_), _) => false,
            (Ty::Value(..), Ty::List(_)) => false,
            _ => true,
        }
    }

    /// Namespaces whose extension methods are seen from a scope.
    fn csharp_spaces_in_sight(&self, file: u32, scope: ScopeId) -> Vec<u32> {
        let files = self.csharp_files();
        let mut out = files.upwards(self.csharp_space_around(file, scope));
        out.push(GLOBAL);
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            for (from, import) in self.csharp_globs(file, id) {
                let import = self.world.facts(from).import(import);
                if !import.system {
                    out.extend(self.csharp_space_named(from, import.scope, self.world.facts(from).name(import.module)));
                } else if let Some((space, _)) = self.world.facts(from).name(import.module).rsplit_once('.') {
                    out.extend(self.csharp_space_named(from, import.scope, space));
                }
            }
            at = facts.scope(id).parent;
        }
        out.extend(super::scopes::IMPLIED.iter().filter_map(|s| files.find(s)));
        out
    }

    /// A value as one of a base of its type, with the arguments of that.
    fn csharp_base_of(&mut self, of: &Ty, wanted: DefRef) -> Option<Ty> {
        self.csharp_base_within(of, wanted, Levels::BASES)
    }

    fn csharp_base_within(&mut self, of: &Ty, wanted: DefRef, levels: Levels) -> Option<Ty> {
        let levels = levels.down()?;
        if let Ty::List(inner) = of {
            let d = self.world.def(wanted);
            return (d.arity == 1 && d.kind == Kind::Interface).then(|| Ty::Value(wanted, std::rc::Rc::from([(**inner).clone()])));
        }
        let (Ty::Value(sym, args) | Ty::Item(sym, args, _)) = of else { return None };
        if *sym == wanted {
            return Some(Ty::Value(*sym, args.clone()));
        }
        if self.world.def(*sym).kind == Kind::TypeParameter {
            let bound = self.world.def(*sym).ty?;
            let bound = self.evaluate(sym.file, bound).ty;
            return self.csharp_base_within(&bound, wanted, levels);
        }
        let parts = self.csharp_parts(*sym);
        let parts = if parts.is_empty() { vec![*sym] } else { parts };
        if parts.contains(&wanted) {
            return Some(Ty::Value(wanted, args.clone()));
        }
        for part in parts {
            for base in self.bases(part).iter() {
                let base = &super::members::Members::csharp_plain_type(self, base);
                let base = if args.is_empty() { base.clone() } else { super::members::Members::csharp_filled(self, base, *sym, args) };
                if let Some(found) = self.csharp_base_within(&base, wanted, levels) {
                    return Some(found);
                }
            }
        }
        None
    }
}
