//! Which of several functions of one name a call means: by the number of arguments, then by their types as far as these are known.

use compass_facts::{Definition, Facts, Flags, Kind, Role, TypeExpr, TypeId, Use, UseId};
use compass_index::Certainty;
use compass_index::linking::{DefRef, Entity, Evaluator, Hit, Lookup, MOST_CHOICES, Ty};
use easy_ext::ext;

/// More than any fit of arguments.
const OF_LIBRARY: i32 = 1_000;

#[ext(Overloads)]
pub(crate) impl Evaluator<'_, '_> {
    /// Settles a use of C++: constructors for classes that are called, overloads by arguments.
    fn settle_cpp(&mut self, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        let found = self.constructors(u, found);
        let args: &[TypeId] = facts.arguments.binary_search_by_key(&id, |a| a.0).map_or(&[], |i| &facts.arguments[i].1);
        let found = self.copies(u, facts, args, found);
        if found.hits.len() < 2 || !matches!(u.role, Role::Call | Role::Write) {
            return found;
        }
        self.choose_by_arguments(file, found, u, args)
    }

    /// A class that is called means its constructors, if it has any.
    fn constructors(&mut self, u: &Use, found: Lookup) -> Lookup {
        if !matches!(u.role, Role::Call | Role::Write) {
            return found;
        }
        let mut hits = Vec::new();
        for hit in found.hits {
            let Entity::DefRef(sym) = hit.entity else {
                hits.push(hit);
                continue;
            };
            let made = if matches!(self.world.def(sym).kind, Kind::Class | Kind::Struct) { self.constructors_of(sym) } else { Vec::new() };
            if made.is_empty() {
                hits.push(hit);
                continue;
            }
            hits.extend(made.into_iter().map(|s| Hit { entity: Entity::DefRef(s), ..hit.clone() }));
        }
        Lookup { hits, cause: found.cause }
    }

    /// A class that is called with one value, and none of whose constructors takes one, is copied: the copy is the class's own. What a
    /// call gives is likely of that class itself, and then nothing is copied.
    fn copies(&self, u: &Use, facts: &Facts, args: &[TypeId], found: Lookup) -> Lookup {
        let world = self.world;
        let is_other = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if world.def(s).kind == Kind::Constructor && !takes(world.def(s), u.args));
        if u.role != Role::Call || u.args != 1 || found.is_empty() || !found.hits.iter().all(is_other) {
            return found;
        }
        let class = |h: &Hit| match h.entity {
            Entity::DefRef(s) => world.def(s).container.map(|def| DefRef { file: s.file, def }),
            _ => None,
        };
        match found.hits.iter().find_map(class) {
            Some(class) if matches!(world.def(class).kind, Kind::Class | Kind::Struct) => {
                let is_given = matches!(args, [given] if matches!(facts.ty(*given), TypeExpr::Call { .. }));
                let certainty = found.hits[0].certainty.min(if is_given { Certainty::Guessed } else { Certainty::Inferred });
                Lookup { hits: vec![Hit { entity: Entity::DefRef(class), certainty, ..found.hits[0].clone() }], cause: found.cause }
            }
            _ => found,
        }
    }

    fn constructors_of(&self, class: DefRef) -> Vec<DefRef> {
        let world = self.world;
        let def = world.def(class);
        let name = world.gid(class.file, def.name);
        let own = def.inner.map(|s| (class.file, s));
        let further = self.extensions.inherent.get(&(class, name)).into_iter().flatten().copied();
        let mut out: Vec<DefRef> = Vec::new();
        for (file, scope) in own.into_iter().chain(further) {
            for binding in world.bindings(file, scope, name) {
                if let compass_index::linking::Binding::Def(def) = binding
                    && world.facts(file).def(def).kind == Kind::Constructor
                {
                    out.push(DefRef { file, def });
                }
            }
        }
        let bodies: Vec<u32> = out.iter().filter(|s| !world.def(**s).flags.has(Flags::BODILESS)).map(|s| world.def(*s).signature).collect();
        out.retain(|s| !world.def(*s).flags.has(Flags::BODILESS) || !bodies.contains(&world.def(*s).signature));
        out
    }

    fn choose_by_arguments(&mut self, file: u32, found: Lookup, u: &Use, args: &[TypeId]) -> Lookup {
        let world = self.world;
        let fits = |h: &Hit| match h.entity {
            Entity::DefRef(s) => {
                let d = world.def(s);
                if !matches!(d.kind, Kind::Function | Kind::Method | Kind::Constructor) {
                    return d.kind == Kind::Macro && (d.arity == u.args || d.arity == 255) || !d.kind.is_callable();
                }
                takes(d, u.args)
            }
            _ => false,
        };
        // What is deleted, or names a body of a template once more, is never what a call means.
        let is_called = |h: &Hit| !matches!(h.entity, Entity::DefRef(s) if world.def(s).flags.has(Flags::SPECIAL) && world.def(s).flags.has(Flags::BODILESS));
        let mut fitting: Vec<Hit> = found.hits.iter().filter(|h| fits(h)).cloned().collect();
        if fitting.iter().any(is_called) && !fitting.iter().all(is_called) {
            fitting.retain(is_called);
            // A specialisation whose body is not here looks the same: it may be what is meant.
            fitting.iter_mut().for_each(|h| h.certainty = h.certainty.min(Certainty::Inferred));
        }
        if fitting.is_empty() {
            // Copies that nobody wrote, or arguments that macros make: whichever it is, these are guesses.
            let hits = found.hits.into_iter().map(|h| Hit { certainty: Certainty::Guessed, ..h }).collect();
            return Lookup { hits, cause: found.cause };
        }
        if fitting.len() > MOST_CHOICES {
            let hits = fitting.into_iter().take(compass_index::linking::MOST_HITS).map(|h| Hit { certainty: Certainty::Guessed, ..h }).collect();
            return Lookup { hits, cause: found.cause };
        }
        if fitting.len() == 1 {
            let hits = fitting.into_iter().map(|h| self.with_body(h, &found.hits)).collect();
            return Lookup { hits, cause: found.cause };
        }
        // What may be a thing of the code or one of the library, by a setting of the build, is the code's first.
        let is_declared = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if world.unit(s.file).is_declared());
        let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        let mut scored: Vec<(i32, Hit)> = fitting.into_iter().map(|h| (self.score(&h, &given, u.args) - OF_LIBRARY * i32::from(is_declared(&h)), h)).collect();
        scored.sort_by_key(|s| std::cmp::Reverse(s.0));
        let best = scored[0].0;
        let alone = scored.iter().filter(|s| s.0 == best).count() == 1;
        let hits: Vec<Hit> = scored
            .into_iter()
            .map(|(score, mut h)| {
                let certainty = if alone && score == best { Certainty::Inferred } else { Certainty::Guessed };
                h.certainty = h.certainty.min(certainty);
                h
            })
            .collect();
        // The others stay on the list: types are only partly known.
        Lookup { hits, cause: found.cause }
    }

    /// Default arguments stand at a declaration, so it may be the only one that fits; what runs is the body of the same parameters.
    fn with_body(&self, chosen: Hit, all: &[Hit]) -> Hit {
        let world = self.world;
        let Entity::DefRef(declared) = chosen.entity else { return chosen };
        let declaration = world.def(declared);
        if !declaration.flags.has(Flags::BODILESS) {
            return chosen;
        }
        let bodies: Vec<&Hit> = all
            .iter()
            .filter(|h| matches!(h.entity, Entity::DefRef(s) if !world.def(s).flags.has(Flags::BODILESS) && world.def(s).kind == declaration.kind && world.def(s).signature == declaration.signature))
            .collect();
        match bodies[..] {
            [body] => Hit { entity: body.entity, ..chosen },
            _ => chosen,
        }
    }

    fn score(&mut self, hit: &Hit, given: &[Ty], count: u8) -> i32 {
        let Entity::DefRef(sym) = hit.entity else { return -10 };
        let def = self.world.def(sym);
        let mut total = if def.arity == count { 1 } else { 0 } - i32::from(def.arity == 255) * 2;
        if def.flags.has(Flags::SPECIAL) {
            total -= 1;
        }
        let parameters = self.parameters_of(sym);
        let before = total;
        for (ty, parameter) in given.iter().zip(&parameters) {
            let declared = self.world.facts(sym.file).def(*parameter).ty;
            let wanted = match declared {
                Some(t) => self.evaluate(sym.file, t).ty,
                None => Ty::Unknown(compass_index::Cause::ReceiverUnknown),
            };
            total += self.likeness(ty, &wanted);
        }
        // Of what may make a thing out of something else, what copies one is the last: it takes its own kind alone.
        if def.kind == Kind::Constructor && count == 1 && total <= before {
            let facts = self.world.facts(sym.file);
            let first = parameters.first().and_then(|p| facts.def(*p).ty);
            let is_own_kind = first.is_some_and(|t| facts.ty(t).name() == Some(def.name));
            total -= i32::from(is_own_kind);
        }
        total
    }

    /// How well an argument fits a parameter.
    fn likeness(&mut self, given: &Ty, wanted: &Ty) -> i32 {
        match (given, wanted) {
            (Ty::Unknown(_), _) | (_, Ty::Unknown(_)) => 0,
            // Of what it may be, what fits best is what the call was written for.
            (Ty::Union(parts), _) => parts.iter().map(|p| self.likeness(p, wanted)).max().unwrap_or(0),
            (_, Ty::Union(parts)) => parts.iter().map(|p| self.likeness(given, p)).max().unwrap_or(0),
            (Ty::Value(a, _), Ty::Value(b, _)) if a == b => 8,
            (Ty::Value(a, _), Ty::Value(b, _)) => {
                let (ka, kb) = (self.world.def(*a).kind, self.world.def(*b).kind);
                if kb == Kind::TypeParameter || ka == Kind::TypeParameter {
                    1
                } else if self.derives(*a, *b) {
                    5
                } else if ka == Kind::Enum && kb == Kind::Enum {
                    -8
                } else {
                    -3
                }
            }
            (Ty::Literal(a), Ty::Literal(b)) if a == b => 6,
            (Ty::Literal(_), Ty::Literal(_)) => -4,
            (Ty::Literal(_), Ty::Value(s, _)) if self.world.def(*s).kind == Kind::TypeParameter => 1,
            (Ty::Literal(_), Ty::Value(..)) => -2,
            (Ty::Value(s, _), Ty::Literal(_)) if matches!(self.world.def(*s).kind, Kind::Enum | Kind::TypeParameter) => 0,
            (Ty::Value(..), Ty::Literal(_)) => -5,
            (Ty::List(a), Ty::List(b)) => self.likeness(a, b),
            (Ty::Function(_), Ty::Function(_)) => 4,
            (Ty::External(a, _), Ty::External(b, _)) if a == b => 6,
            (Ty::Literal(compass_facts::Literal::Text), Ty::External(..)) => 1,
            _ => -1,
        }
    }
}

/// Does a function take so many arguments?
fn takes(d: &Definition, count: u8) -> bool {
    (d.required <= count && count <= d.arity) || d.arity == 255 && count + 1 >= d.required
}
