//! `expect` and `actual`: what is declared for several platforms, and what each of them has for it.
//!
//! A name means what is there for the platform; its declaration is named beside it.

use super::definition;
use crate::rules::JavaNames as _;
use compass_facts::{Flags, Kind, ScopeId};
use compass_index::linking::{Binding, DefRef, Evaluator, Hit, Lookup};
use easy_ext::ext;

#[ext(Expected)]
pub(crate) impl Evaluator<'_, '_> {
    /// Of definitions of one name and package, those that are there for a platform, in place of their declarations.
    fn drop_declarations(&self, found: &mut Vec<DefRef>) {
        let world = self.world;
        let is_declared = |s: &DefRef| world.language(s.file) == crate::KOTLIN && world.def(*s).flags.has(Flags::BODILESS);
        if !found.iter().any(is_declared) {
            return;
        }
        let there: Vec<DefRef> = found.iter().filter(|s| !is_declared(s)).copied().collect();
        found.retain(|s| !is_declared(s) || !there.iter().any(|t| self.is_one_thing(*t, *s)));
    }

    /// Do two definitions of one name stand for one thing?
    fn is_one_thing(&self, there: DefRef, declared: DefRef) -> bool {
        let (a, b) = (self.world.def(there), self.world.def(declared));
        let is_type = |kind: Kind| kind.is_type() || kind == Kind::Alias;
        match a.kind.is_callable() {
            true => b.kind.is_callable() && a.arity == b.arity && a.signature == b.signature,
            false => is_type(a.kind) == is_type(b.kind) && !b.kind.is_callable(),
        }
    }

    /// What was found, and behind it the declarations of the same things for several platforms.
    fn with_declarations(&self, found: Lookup) -> Lookup {
        let mut hits: Vec<Hit> = Vec::new();
        for hit in &found.hits {
            let declared = definition(hit).and_then(|s| self.declaration_of(s));
            hits.extend(declared.map(|s| Hit { certainty: hit.certainty, reasons: hit.reasons.clone(), ..self.by_name_hit(s, hit.certainty) }));
        }
        let is_new = |h: &Hit| !found.hits.iter().any(|f| f.entity == h.entity);
        hits.retain(is_new);
        Lookup { hits: found.hits.into_iter().chain(hits).collect(), cause: found.cause }
    }

    /// Where a definition is declared for several platforms.
    fn declaration_of(&self, there: DefRef) -> Option<DefRef> {
        let world = self.world;
        let def = world.def(there);
        if world.language(there.file) != crate::KOTLIN || def.flags.has(Flags::BODILESS) || def.flags.has(Flags::LOCAL) {
            return None;
        }
        let name = world.gid(there.file, def.name);
        let is_declared = |s: &DefRef| world.language(s.file) == crate::KOTLIN && world.def(*s).flags.has(Flags::BODILESS) && self.is_one_thing(there, *s);
        if let Some(class) = def.container {
            let outer = self.declaration_of(DefRef { file: there.file, def: class })?;
            let scope = world.def(outer).inner?;
            let members =
                world.bindings(outer.file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: outer.file, def }) } else { None });
            return members.into_iter().find(is_declared);
        }
        if def.scope != ScopeId::FILE {
            return None;
        }
        let package = self.java_packages().of(there.file);
        let in_package = |s: &&DefRef| world.def(**s).scope == ScopeId::FILE && self.java_packages().of(s.file) == package;
        world.named(name).iter().filter(in_package).find(|s| is_declared(s)).copied()
    }
}
