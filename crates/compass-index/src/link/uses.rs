//! Links one use: asks the evaluator, then falls back to the name alone, and says why when there is nothing.

use super::evaluate::Evaluator;
use super::lookup::Namespace;
use super::ty::{Entity, Hit, Lookup, Ty};
use super::world::{DefRef, GlobalNameId};
use crate::{Cause, Certainty};
use compass_facts::{DefId, Facts, Flags, ImportKind, Kind, Language, Role, ScopeId, Shape, TypeExpr, TypeId, Use, UseId};

/// At most this many targets are kept per use.
pub(super) const MAX_TARGETS: usize = 10;

impl Evaluator<'_, '_> {
    /// What a use refers to. Uses linked by the reader are not asked for.
    pub(super) fn link_use(&mut self, file: u32, facts: &Facts, id: UseId, u: &Use) -> Lookup {
        let name = self.world.gid(file, u.name);
        let found = match u.shape {
            Shape::Plain => self.link_plain(file, u, name),
            Shape::Tag => {
                let found = (*self.plain(file, u.scope, name, Namespace::Tag)).clone();
                if found.is_empty() && found.cause == Cause::NoDefinition { Lookup::none(Cause::NoDefinition) } else { found }
            }
            Shape::Member(of) if self.world.language(file) == Language::Java => self.link_java_member(file, of, u, name),
            Shape::Member(of) => self.link_member(file, of, u, name),
            Shape::Key(of) => {
                let found = self.link_key(file, of, name);
                match self.world.language(file) {
                    Language::Go if found.is_empty() => self.go_key(file, u.scope, name),
                    // A label of a switch that is no constant of an enum.
                    Language::Java if found.is_empty() => {
                        let plain = (*self.plain(file, u.scope, name, Namespace::Any)).clone();
                        if plain.is_empty() { found } else { plain }
                    }
                    _ => found,
                }
            }
            Shape::Import(id) => self.link_import(file, facts, id),
        };
        let found = match self.world.language(file) {
            Language::Cpp => self.settle_cpp(file, facts, id, u, found),
            Language::Java => self.settle_java(file, facts, id, u, found),
            _ => found,
        };
        self.finish(file, u, name, found)
    }

    fn link_plain(&mut self, file: u32, u: &Use, name: GlobalNameId) -> Lookup {
        let is_rust_macro = self.world.language(file) == Language::Rust && u.role == Role::Call && self.is_macro_call(file, u);
        let wanted = match u.role {
            _ if is_rust_macro => Namespace::Macro,
            Role::Call if self.world.language(file) == Language::Java => Namespace::Method,
            Role::Read | Role::Pass if self.world.language(file) == Language::Java => Namespace::Any,
            Role::Type => Namespace::Type,
            Role::Call | Role::Read | Role::Write | Role::Pass => Namespace::Value,
            _ => Namespace::Any,
        };
        let found = (*self.plain(file, u.scope, name, wanted)).clone();
        if !found.is_empty() || found.cause != Cause::NoDefinition {
            return found;
        }
        // Nothing in scope: by name, but only where the language lets names come from nowhere visible.
        let guess = self.by_name(file, name, false, u.role == Role::Call);
        if guess.is_empty() && self.world.language(file).is_c_family() { self.in_macro(file, u, name).unwrap_or(guess) } else { guess }
    }

    fn is_macro_name(&self, name: GlobalNameId) -> bool {
        self.world.named(name).iter().any(|s| self.world.def(*s).kind == Kind::Macro && self.world.language(s.file).is_c_family())
    }

    /// A name in the body of a macro may be a variable of the functions that use it, or a member of what it is put behind.
    fn in_macro(&mut self, file: u32, u: &Use, name: GlobalNameId) -> Option<Lookup> {
        let facts = self.world.facts(file);
        let within = u.enclosing.filter(|d| facts.def(*d).kind == Kind::Macro);
        if let Some(of) = within {
            let same = |d: &compass_facts::Definition| d.name == u.name && d.is_inner() && d.container.is_some_and(|c| facts.def(c).kind != Kind::Macro);
            let locals: Vec<u32> = facts.definitions.iter().enumerate().skip(self.first_local(file)).filter(|(_, d)| same(d)).map(|(i, _)| i as u32).collect();
            // DeclarationFiles with thousands of macros have no variables of functions: their uses are not gone through.
            let macro_name = facts.def(of).name;
            let users: Vec<DefId> = match locals.is_empty() {
                true => Vec::new(),
                false => facts.uses.iter().filter(|o| o.name == macro_name).filter_map(|o| o.enclosing).collect(),
            };
            let used = locals.iter().find(|i| facts.definitions[**i as usize].container.is_some_and(|c| users.contains(&c))).or(locals.first());
            if let Some(def) = used {
                let hit = self.by_name_hit(DefRef { file, def: DefId(*def) }, Certainty::Guessed);
                return Some(Lookup { hits: vec![hit], cause: Cause::NoDefinition });
            }
        }
        let members = self.by_name(file, name, true, false);
        (!members.is_empty() && (within.is_some() || u.role == Role::Pass)).then_some(members)
    }

    /// Where variables of functions begin among the definitions of a file: in C they stand behind all that others ask for.
    fn first_local(&self, file: u32) -> usize {
        if self.world.language(file) == Language::C { self.world.facts(file).outer_count() } else { 0 }
    }

    /// A call in macro position was recorded without arguments by the reader of macro calls.
    fn is_macro_call(&self, file: u32, u: &Use) -> bool {
        let facts = self.world.facts(file);
        // The reader marks calls of functions with their arguments; what stands before `!` has none and no definition
        // of a function by that name nearby, so a macro of that name decides.
        let word = facts.name(u.name);
        let is_macro = |s: &DefRef| self.world.def(*s).kind == Kind::Macro;
        let known = || self.world.find_gid(word).is_some_and(|g| self.world.all_named(g).any(is_macro));
        u.args == 0 && (is_builtin_macro(word) || known())
    }

    fn link_member(&mut self, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = self.evaluate(file, of);
        let mut found = self.members(file, &owner.ty, name);
        if found.is_empty() {
            return self.without_member(file, &owner.ty, found.cause, u, name);
        }
        let dynamic = matches!(self.world.language(file), Language::Python) && matches!(owner.ty, Ty::Value(..) | Ty::Union(_));
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            if dynamic {
                // Another class may override it.
                hit.certainty = hit.certainty.min(Certainty::Inferred);
            }
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        if found.hits.len() > 1 {
            // Signatures give way to the one with a body, also where a module was asked for the name.
            self.prefer_bodies(&mut found);
            self.keep_side(file, &owner.ty, &mut found);
        }
        if found.hits.len() > 1 {
            found = self.choose_overload(found, u);
        }
        found
    }

    /// Members of a class itself and of its values may have one name: what stands before the dot says which side is meant.
    fn keep_side(&self, file: u32, owner: &Ty, found: &mut Lookup) {
        let wanted = match owner {
            Ty::Item(..) => true,
            Ty::Value(..) => false,
            _ => return,
        };
        let is_static = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).flags.has(Flags::STATIC));
        if self.world.language(file).is_kin_of(Language::TypeScript) && found.hits.iter().any(|h| is_static(h) == wanted) {
            found.hits.retain(|h| is_static(h) == wanted);
        }
    }

    /// A member nobody has: honest about types that are known and closed, a guess elsewhere.
    pub(super) fn without_member(&mut self, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        let of_language = self.member_of_global(file, owner, name);
        if !of_language.is_empty() {
            return if of_language.hits.len() > 1 { self.choose_overload(of_language, u) } else { of_language };
        }
        let is_cpp = self.world.language(file) == Language::Cpp;
        match (owner, cause) {
            (Ty::Module(_), Cause::NoDefinition) => Lookup::none(Cause::NoDefinition),
            (Ty::Module(_), cause) => Lookup::none(cause),
            (Ty::Literal(literal), _) if *literal != compass_facts::Literal::Nothing => Lookup::none(Cause::Builtin),
            (Ty::List(_) | Ty::Map(_) | Ty::Tuple(_) | Ty::Function(_), _) => Lookup::none(Cause::Builtin),
            _ if is_cpp && self.is_cpp_standard(owner) => Lookup::none(Cause::Builtin),
            // A template that is not found may be one that a macro or a build option makes: its members are guessed.
            (Ty::External(..) | Ty::ExternalType(..), _) if !is_cpp => Lookup::none(Cause::UnitAbsent),
            (_, Cause::UnitAbsent | Cause::Builtin) if !(is_cpp && matches!(owner, Ty::External(..) | Ty::ExternalType(..))) => Lookup::none(cause),
            _ if self.world.language(file).is_c_family() && self.is_macro_name(name) => {
                // A macro can stand for a member, or for a way to one.
                let found = (*self.plain(file, compass_facts::ScopeId::FILE, name, Namespace::Macro)).clone();
                if found.is_empty() { Lookup::none(cause) } else { found }
            }
            _ => {
                let guess = self.by_name(file, name, true, u.role == Role::Call);
                if guess.is_empty() {
                    let cause = if guess.cause == Cause::TooMany { Cause::TooMany } else { cause };
                    return Lookup::none(cause);
                }
                guess
            }
        }
    }

    /// Overloads by the number of arguments.
    fn choose_overload(&self, found: Lookup, u: &Use) -> Lookup {
        if u.role != Role::Call || found.hits.iter().any(|h| matches!(h.entity, Entity::DefRef(s) if self.world.language(s.file) == Language::Cpp)) {
            return found;
        }
        let takes = |s: DefRef| {
            let d = self.world.def(s);
            let may_miss = self.world.language(s.file).is_kin_of(Language::TypeScript) && d.required <= u.args && u.args < d.arity;
            d.arity == u.args || d.arity == 255 || may_miss
        };
        let fits = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if takes(s));
        let fitting: Vec<Hit> = found.hits.iter().filter(|h| fits(h)).cloned().collect();
        let certainty = if fitting.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        let mut hits = if fitting.is_empty() { found.hits } else { fitting };
        for hit in &mut hits {
            hit.certainty = hit.certainty.min(certainty);
        }
        // A signature that also tells types apart is for few calls of its name.
        hits.sort_by_key(|h| matches!(h.entity, Entity::DefRef(s) if self.narrows(s)));
        Lookup { hits, cause: found.cause }
    }

    /// `filter<S extends T>`: is a type parameter of a method of TypeScript bound by one of its type?
    fn narrows(&self, method: DefRef) -> bool {
        let facts = self.world.facts(method.file);
        let Some(inner) = facts.def(method.def).inner.filter(|_| self.world.language(method.file).is_kin_of(Language::TypeScript)) else { return false };
        let around = facts.scope(inner).parent;
        let outer = &facts.definitions[..facts.outer_count()];
        let parameter = |scope: Option<ScopeId>| outer.iter().filter(move |d| d.kind == Kind::TypeParameter && Some(d.scope) == scope);
        // Parameters stand behind their function.
        let own = outer.iter().skip(method.def.index()).take(8).filter(|d| d.kind == Kind::TypeParameter && d.scope == inner);
        own.filter_map(|d| d.ty).any(|bound| {
            let bound = if let TypeExpr::Instance(of) = *facts.ty(bound) { of } else { bound };
            match *facts.ty(bound) {
                TypeExpr::Def(d) => facts.def(d).kind == Kind::TypeParameter && Some(facts.def(d).scope) == around,
                ref other => other.name().is_some_and(|n| parameter(around).any(|d| d.name == n)),
            }
        })
    }

    /// A key of a literal, pattern or call.
    fn link_key(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Lookup {
        let owner = self.evaluate(file, of);
        let mut found = match &owner.ty {
            Ty::Item(sym, _, _) if self.world.def(*sym).kind.is_callable() => self.parameter(*sym, name),
            Ty::Item(sym, _, _) if self.world.language(sym.file) == Language::Python => self.constructor_parameter(file, *sym, name),
            ty => self.members(file, ty, name),
        };
        if found.is_empty() && matches!(owner.ty, Ty::Unknown(_)) {
            let cause = if found.cause == Cause::NoDefinition { Cause::ReceiverUnknown } else { found.cause };
            return Lookup::none(cause);
        }
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        found
    }

    /// The parameter of that name.
    fn parameter(&mut self, function: DefRef, name: GlobalNameId) -> Lookup {
        let Some(scope) = self.world.def(function).inner else { return Lookup::none(Cause::Dynamic) };
        let found = self.bound(function.file, scope, name, None);
        if found.is_empty() { Lookup::none(Cause::Dynamic) } else { found }
    }

    /// `Class(name=…)`: a parameter of `__init__`, or a field where the constructor is made by a decorator.
    fn constructor_parameter(&mut self, from: u32, class: DefRef, name: GlobalNameId) -> Lookup {
        let value = Ty::Value(class, Ty::no_args());
        if let Some(init) = self.world.find_gid("__init__") {
            let found = self.members(from, &value, init);
            if let Some(Hit { entity: Entity::DefRef(method), .. }) = found.hits.first() {
                return self.parameter(*method, name);
            }
        }
        self.members(from, &value, name)
    }

    fn link_import(&mut self, file: u32, facts: &Facts, id: compass_facts::ImportId) -> Lookup {
        let import = facts.import(id);
        let on_the_spot = import.kind == ImportKind::Name && self.world.language(file) == Language::Java;
        if matches!(import.kind, ImportKind::Name | ImportKind::Module) && import.bound.is_some() || on_the_spot {
            return self.follow(file, id);
        }
        let targets = self.import_targets(file, id);
        let reason = super::ty::Reason { kind: crate::StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let hits: Vec<Hit> = targets.iter().map(|t| Hit { entity: t.entity, certainty: t.certainty, reasons: vec![reason] }).collect();
        let is_local = matches!(import.kind, ImportKind::Child) || facts.name(import.module).starts_with('.');
        Lookup { hits, cause: if is_local { Cause::NoDefinition } else { Cause::UnitAbsent } }
    }

    /// Sorts out what cannot be shown, settles certainty where several remain, finds constructors.
    fn finish(&mut self, file: u32, u: &Use, _name: GlobalNameId, mut found: Lookup) -> Lookup {
        let external = found.hits.iter().any(|h| matches!(h.entity, Entity::External(_)));
        found.hits.retain(|h| !matches!(h.entity, Entity::External(_) | Entity::Folder(_)));
        if found.is_empty() {
            if external {
                found.cause = Cause::UnitAbsent;
            }
            return found;
        }
        let mut seen: Vec<Entity> = Vec::new();
        found.hits.retain(|h| {
            let is_new = !seen.contains(&h.entity);
            seen.push(h.entity);
            is_new
        });
        if found.hits.len() > 1 && !matches!(self.world.language(file), Language::Cpp | Language::Java) {
            self.rank(file, u, &mut found);
        }
        if found.hits.len() > 1 {
            for hit in &mut found.hits {
                hit.certainty = hit.certainty.min(Certainty::Inferred);
            }
        }
        found
    }

    /// Several targets: callable ones first for calls, definitions before declarations.
    fn rank(&self, _file: u32, u: &Use, found: &mut Lookup) {
        let world = self.world;
        let score = |h: &Hit| match h.entity {
            Entity::DefRef(s) => {
                let d = world.def(s);
                let wrong_kind = u.role == Role::Call && !(d.kind.is_callable() || d.kind.is_type() || d.kind == Kind::Variant);
                // One name for a value and a type: the value, unless a type is asked for.
                let wrong_space = u.role != Role::Type && matches!(d.kind, Kind::Interface | Kind::Alias);
                (wrong_kind, wrong_space, d.flags.has(Flags::BODILESS))
            }
            _ => (true, false, false),
        };
        found.hits.sort_by_key(score);
    }
}

/// Names the language brings along.
pub(super) fn is_builtin(language: Language, name: &str) -> bool {
    (language.profile().standard.is_name)(name)
}

fn is_builtin_macro(name: &str) -> bool {
    matches!(
        name,
        "println"
            | "print"
            | "eprintln"
            | "eprint"
            | "format"
            | "vec"
            | "assert"
            | "assert_eq"
            | "assert_ne"
            | "debug_assert"
            | "debug_assert_eq"
            | "panic"
            | "write"
            | "writeln"
            | "matches"
            | "todo"
            | "unimplemented"
            | "unreachable"
            | "concat"
            | "stringify"
            | "include_str"
            | "include_bytes"
            | "env"
            | "cfg"
            | "line"
            | "file"
            | "column"
            | "module_path"
            | "dbg"
            | "thread_local"
            | "compile_error"
            | "debug_assert_ne"
            | "format_args"
            | "option_env"
    )
}
