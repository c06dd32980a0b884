//! Lua: names of the file, then those that other files leave to all; members of tables by what holds them, and by what stands behind.

use crate::reader::RETURNED;
use compass_facts::{Facts, Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, TypeExpr, TypeId, Use, UseId};
use compass_index::linking::{
    Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Meaning, Namespace, Rules, Target, Ty, is_builtin, usual_namespace,
};
use compass_index::{Cause, Certainty};
use easy_ext::ext;

/// See the module.
pub(super) struct LuaRules;

/// Tables behind tables above this many are not asked.
const MOST_BEHIND: usize = 24;

impl Rules for LuaRules {
    fn words(&self) -> &'static [&'static str] {
        &[RETURNED, "string"]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call | Role::Read | Role::Pass | Role::Write | Role::Ref => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, _: Namespace) -> Lookup {
        e.lua_plain(file, scope, name)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let module = e.world.facts(file).name(e.world.facts(file).import(id).module).to_owned();
        e.lua_required(file, &module)
            .map(|f| Target { entity: Entity::Module(f, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false })
            .into_iter()
            .collect()
    }

    fn is_import(&self, import: &Import) -> bool {
        import.kind == ImportKind::Module
    }

    /// What the file returns.
    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let module = e.world.facts(file).name(e.world.facts(file).import(id).module).to_owned();
        let Some(target) = e.lua_required(file, &module) else { return Lookup::none(Cause::UnitAbsent) };
        let Some(name) = e.world.find_gid(RETURNED) else { return Lookup::none(Cause::NoDefinition) };
        let found =
            e.world.bindings(target, ScopeId::FILE, name).find_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: target, def }) } else { None });
        match found {
            Some(found) => Lookup { hits: vec![e.by_name_hit(found, Certainty::Proven)], cause: Cause::NoDefinition },
            None => Lookup {
                hits: vec![Hit { entity: Entity::Module(target, ScopeId::FILE), certainty: Certainty::Proven, reasons: Vec::new() }],
                cause: Cause::NoDefinition,
            },
        }
    }

    fn members_are_dynamic(&self) -> bool {
        true
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = e.evaluate(file, of);
        let (found, cause) = e.lua_members(&owner.ty, name);
        if found.is_empty() {
            return e.without_member(file, &owner.ty, cause, u, name);
        }
        let hits = found.into_iter().map(|h| Hit { certainty: h.certainty.min(owner.certainty), ..h }).collect();
        Lookup { hits, cause }
    }

    /// What is called through a variable: the function behind it goes first.
    fn settle(&self, e: &mut Evaluator, _: u32, _: &Facts, _: UseId, u: &Use, found: Lookup) -> Lookup {
        if u.role != Role::Call {
            return found;
        }
        let mut hits = Vec::new();
        for hit in found.hits {
            let behind = if let Entity::DefRef(s) = hit.entity { e.lua_behind(s, 0) } else { None };
            hits.extend(behind.map(|s| e.by_name_hit(s, hit.certainty)));
            hits.push(hit);
        }
        Lookup { hits, cause: found.cause }
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = e.evaluate(file, of);
        let (found, cause) = e.lua_members(&owner.ty, name);
        let Some((sym, certainty)) = found.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some((s, h.certainty)) } else { None }) else {
            return Meaning::unknown(cause);
        };
        let meaning = e.item(sym);
        Meaning { certainty: owner.certainty.min(certainty).min(meaning.certainty), ..meaning }
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &[TypeId]) -> Option<Meaning> {
        let (found, owner, cause) = match e.world.facts(file).ty(of).clone() {
            TypeExpr::Member { of, name } => {
                let owner = e.evaluate(file, of);
                let gid = e.world.gid(file, name);
                let (found, cause) = e.lua_members(&owner.ty, gid);
                (found, owner.certainty, cause)
            }
            TypeExpr::Name { name, scope, .. } => {
                let gid = e.world.gid(file, name);
                let found = e.lua_plain(file, scope, gid);
                (found.hits, Certainty::Proven, found.cause)
            }
            TypeExpr::Def(def) => (vec![e.by_name_hit(DefRef { file, def }, Certainty::Proven)], Certainty::Proven, Cause::NoDefinition),
            _ => return None,
        };
        let mut parts = Vec::new();
        let mut certainty = owner;
        for hit in found.iter().take(4) {
            let Entity::DefRef(sym) = hit.entity else { continue };
            let d = e.world.def(sym);
            let Some(ty) = d.ty else { continue };
            let meaning = e.evaluate(sym.file, ty);
            let ty = match (d.kind.is_callable(), meaning.ty) {
                (true, ty) => ty,
                (false, Ty::Function(result)) => (*result).clone(),
                _ => continue,
            };
            certainty = certainty.min(hit.certainty).min(meaning.certainty);
            parts.push(ty);
        }
        Some(if parts.is_empty() { Meaning::unknown(cause) } else { Meaning { ty: Ty::union(parts), certainty, reasons: Vec::new() } })
    }
}

#[ext(LuaNames)]
impl Evaluator<'_, '_> {
    /// A name of a block or function around, of the file, or one that a file leaves to all.
    fn lua_plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            if facts.scope(id).kind != ScopeKind::Type {
                let own: Vec<DefRef> = self
                    .world
                    .bindings(file, id, name)
                    .filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None })
                    .take(8)
                    .collect();
                if !own.is_empty() {
                    let certainty = if own.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
                    return Lookup { hits: own.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition };
                }
            }
            at = facts.scope(id).parent;
        }
        self.lua_left_to_all(file, name)
    }

    fn lua_left_to_all(&self, file: u32, name: GlobalNameId) -> Lookup {
        /// More files than this that define it say nothing.
        const MOST: usize = 8;
        let world = self.world;
        let is_it = |s: &&DefRef| {
            let d = world.def(**s);
            world.language(s.file) == crate::LUA
                && d.scope == ScopeId::FILE
                && !d.flags.has(Flags::PRIVATE)
                && matches!(d.kind, Kind::Variable | Kind::Function)
        };
        let mut found: Vec<DefRef> = world.named(name).iter().filter(is_it).take(MOST + 1).copied().collect();
        if found.len() > MOST {
            return Lookup::none(Cause::TooMany);
        }
        let own = world.files[file as usize].id.unit;
        found.sort_by_key(|s| world.files[s.file as usize].id.unit != own);
        let certainty = if found.len() == 1 { Certainty::Proven } else { Certainty::Inferred };
        let cause = if is_builtin(crate::LUA, world.name(name)) { Cause::Builtin } else { Cause::NoDefinition };
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause }
    }

    /// The function that a variable or field has as its value.
    fn lua_behind(&mut self, of: DefRef, depth: u32) -> Option<DefRef> {
        let d = self.world.def(of);
        if d.kind.is_callable() {
            return (depth > 0).then_some(of);
        }
        let ty = d.ty.filter(|_| depth < 6 && d.inner.is_none())?;
        let found: Option<DefRef> = match self.world.facts(of.file).ty(ty).clone() {
            TypeExpr::Import(id) => self.follow(of.file, id).hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None }),
            TypeExpr::Member { of: owner, name } => {
                let owner = self.evaluate(of.file, owner).ty;
                let gid = self.world.gid(of.file, name);
                self.lua_members(&owner, gid).0.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None })
            }
            TypeExpr::Name { name, scope, .. } => {
                let gid = self.world.gid(of.file, name);
                self.lua_plain(of.file, scope, gid).hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None })
            }
            TypeExpr::Def(def) => Some(DefRef { file: of.file, def }),
            _ => None,
        };
        found.filter(|s| *s != of).and_then(|s| self.lua_behind(s, depth + 1))
    }

    /// The file that a path of `require` names.
    fn lua_required(&self, file: u32, module: &str) -> Option<u32> {
        let path = module.replace('.', "/");
        [format!("{path}.lua"), format!("{path}/init.lua")].iter().find_map(|p| self.modules.by_suffix(self.world, file, p))
    }

    /// Members of a table, or of what stands behind it.
    fn lua_members(&mut self, of: &Ty, name: GlobalNameId) -> (Vec<Hit>, Cause) {
        match of {
            Ty::Value(table, _) | Ty::Item(table, ..) => {
                let mut seen = Vec::new();
                let found = self.lua_collected(*table, name, &mut seen);
                let certainty = if seen.len() > 1 { Certainty::Inferred } else { Certainty::Proven };
                let cause = if self.world.def(*table).inner.is_some() { Cause::NoDefinition } else { Cause::ReceiverUnknown };
                (found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause)
            }
            Ty::Module(Entity::Module(file, _)) => {
                let all = self
                    .world
                    .bindings(*file, ScopeId::FILE, name)
                    .filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: *file, def }) } else { None });
                let found: Vec<DefRef> = all.filter(|s| !self.world.def(*s).flags.has(Flags::PRIVATE)).collect();
                (found.into_iter().map(|s| self.by_name_hit(s, Certainty::Inferred)).collect(), Cause::NoDefinition)
            }
            Ty::Union(parts) => {
                let mut out: Vec<Hit> = Vec::new();
                let mut cause = Cause::NoDefinition;
                for part in parts.iter() {
                    let (found, why) = self.lua_members(part, name);
                    if found.is_empty() {
                        cause = why;
                    }
                    out.extend(found.into_iter().map(|h| Hit { certainty: h.certainty.min(Certainty::Inferred), ..h }));
                }
                (out, cause)
            }
            Ty::Unknown(why) => (Vec::new(), if *why == Cause::UnitAbsent { *why } else { Cause::ReceiverUnknown }),
            Ty::External(..) | Ty::ExternalType(..) => (Vec::new(), Cause::UnitAbsent),
            _ => (Vec::new(), Cause::ReceiverUnknown),
        }
    }

    fn lua_collected(&mut self, table: DefRef, name: GlobalNameId, seen: &mut Vec<DefRef>) -> Vec<DefRef> {
        if seen.contains(&table) || seen.len() > MOST_BEHIND {
            return Vec::new();
        }
        seen.push(table);
        if let Some(scope) = self.world.def(table).inner {
            let own: Vec<DefRef> = self
                .world
                .bindings(table.file, scope, name)
                .filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file: table.file, def }) } else { None })
                .take(4)
                .collect();
            if !own.is_empty() {
                return own;
            }
        }
        for base in self.bases(table).iter() {
            if let Ty::Value(s, _) | Ty::Item(s, ..) = base {
                let found = self.lua_collected(*s, name, seen);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        Vec::new()
    }
}
