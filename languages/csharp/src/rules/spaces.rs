//! Namespaces: which scope is a block of which, which types each holds, which parts belong to one type.

use super::Names;
use compass_facts::{Flags, ImportId, ImportKind, Kind, ScopeId};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Modules, World};
use compass_index::{Cause, Certainty};
use easy_ext::ext;
use rustc_hash::FxHashMap;

/// The namespace without a name.
pub(super) const GLOBAL: u32 = 0;

/// What is known of all files.
pub(crate) struct CsharpFiles {
    numbers: FxHashMap<String, u32>,
    names: Vec<String>,
    /// Blocks of namespaces, by file and scope.
    blocks: FxHashMap<(u32, ScopeId), u32>,
    /// What files import for their whole unit.
    pub(super) everywhere: FxHashMap<u32, Vec<(u32, ImportId)>>,
}

impl CsharpFiles {
    pub(super) fn new(world: &World, _: &Modules) -> CsharpFiles {
        let mut out = CsharpFiles { numbers: FxHashMap::default(), names: Vec::new(), blocks: FxHashMap::default(), everywhere: FxHashMap::default() };
        out.number("");
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::CSHARP && !world.is_lazy());
        for (index, file) in files {
            for (i, import) in file.facts.imports.iter().enumerate() {
                if import.kind == ImportKind::Within {
                    let number = out.number(file.facts.name(import.module));
                    out.blocks.insert((index as u32, import.scope), number);
                } else if import.reexport {
                    out.everywhere.entry(file.id.unit.0).or_default().push((index as u32, ImportId(i as u32)));
                }
            }
        }
        out
    }

    /// The number of a namespace; those above it get one too.
    fn number(&mut self, name: &str) -> u32 {
        if let Some(known) = self.numbers.get(name) {
            return *known;
        }
        if let Some((above, _)) = name.rsplit_once('.') {
            self.number(above);
        }
        let number = self.names.len() as u32;
        self.numbers.insert(name.to_owned(), number);
        self.names.push(name.to_owned());
        number
    }

    pub(super) fn find(&self, name: &str) -> Option<u32> {
        self.numbers.get(name).copied()
    }

    pub(super) fn name(&self, number: u32) -> &str {
        self.names.get(number as usize).map_or("", String::as_str)
    }

    pub(super) fn block(&self, file: u32, scope: ScopeId) -> Option<u32> {
        self.blocks.get(&(file, scope)).copied()
    }

    /// The namespace and those above it, without the one that has no name.
    pub(super) fn upwards(&self, number: u32) -> Vec<u32> {
        let mut out = Vec::new();
        let mut name = self.name(number);
        while !name.is_empty() {
            out.extend(self.find(name));
            name = name.rsplit_once('.').map_or("", |p| p.0);
        }
        out
    }
}

#[ext(Spaces)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn csharp_files(&self) -> &'m CsharpFiles {
        self.modules.of::<CsharpFiles>()
    }

    /// The namespace around a scope.
    fn csharp_space_around(&self, file: u32, scope: ScopeId) -> u32 {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            if let Some(space) = self.csharp_files().block(file, id) {
                return space;
            }
            at = facts.scope(id).parent;
        }
        GLOBAL
    }

    /// The namespace a type stands in; nothing for one within another.
    fn csharp_space_of(&self, sym: DefRef) -> Option<u32> {
        let def = self.world.def(sym);
        if def.container.is_some() {
            return None;
        }
        if def.scope == ScopeId::FILE { Some(GLOBAL) } else { self.csharp_files().block(sym.file, def.scope) }
    }

    /// The types of a name in a namespace.
    fn csharp_types_in(&self, space: u32, name: GlobalNameId) -> Vec<DefRef> {
        let world = self.world;
        let is_type = |s: &&DefRef| {
            let d = world.def(**s);
            world.language(s.file) == crate::CSHARP && d.kind.is_type() && d.kind != Kind::TypeParameter
        };
        // What the usual build leaves out stands aside for what it does not, wherever that is.
        let is_left_out = |s: &DefRef| world.def(*s).flags.has(Flags::INACTIVE);
        let has_usual = world.named(name).iter().filter(is_type).any(|s| !is_left_out(s));
        let is_in = |s: &&DefRef| is_type(s) && !(has_usual && is_left_out(s)) && self.csharp_space_of(**s) == Some(space);
        let mut found: Vec<DefRef> = world.named(name).iter().filter(is_in).copied().collect();
        // Parts of one type are one.
        let mut seen: Vec<(u8, Kind)> = Vec::new();
        found.retain(|s| {
            let d = world.def(*s);
            let is_new = !seen.contains(&(d.arity, d.kind)) || d.scope == ScopeId::FILE && space != GLOBAL;
            seen.push((d.arity, d.kind));
            is_new
        });
        found
    }

    /// Types and namespaces of a name in a namespace.
    fn csharp_in_space(&self, space: u32, name: GlobalNameId) -> Lookup {
        let files = self.csharp_files();
        let mut hits: Vec<Hit> = self.csharp_types_in(space, name).into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect();
        if hits.is_empty() {
            let above = files.name(space);
            let word = self.world.name(name);
            let full = if above.is_empty() { word.to_owned() } else { format!("{above}.{word}") };
            hits.extend(files.find(&full).map(|n| Hit { entity: Entity::Folder(n), certainty: Certainty::Proven, reasons: Vec::new() }));
        }
        Lookup { hits, cause: Cause::NoDefinition }
    }

    /// All parts of a type, this one first; none if it is the only one.
    fn csharp_parts(&self, of: DefRef) -> Vec<DefRef> {
        let world = self.world;
        let def = world.def(of);
        if world.language(of.file) != crate::CSHARP || !def.kind.is_type() || matches!(def.kind, Kind::TypeParameter | Kind::Enum) {
            return Vec::new();
        }
        let name = world.gid(of.file, def.name);
        let is_part = |s: &&DefRef| {
            let d = world.def(**s);
            **s != of && d.kind == def.kind && d.arity == def.arity && world.language(s.file) == crate::CSHARP && self.csharp_is_same_place(**s, of)
        };
        let others: Vec<DefRef> = world.all_named(name).filter(is_part).copied().take(64).collect();
        if others.is_empty() { others } else { std::iter::once(of).chain(others).collect() }
    }

    /// Do two types stand in types of the same names, in one namespace?
    fn csharp_is_same_place(&self, a: DefRef, b: DefRef) -> bool {
        let world = self.world;
        match (world.def(a).container, world.def(b).container) {
            (None, None) => self.csharp_space_of(a) == self.csharp_space_of(b),
            (Some(x), Some(y)) => {
                let (x, y) = (DefRef { file: a.file, def: x }, DefRef { file: b.file, def: y });
                let name = |s: DefRef| world.gid(s.file, world.def(s).name);
                x == y || name(x) == name(y) && world.def(x).arity == world.def(y).arity && self.csharp_is_same_place(x, y)
            }
            _ => false,
        }
    }

    /// Of what a name means for a use, what takes so many type arguments.
    fn csharp_by_arity(&self, found: Lookup, u: &compass_facts::Use) -> Lookup {
        let arity = |h: &Hit| match h.entity {
            Entity::DefRef(s) if Names::Types.hold(self.world.def(s).kind) && self.world.def(s).kind != Kind::TypeParameter => Some(self.world.def(s).arity),
            _ => None,
        };
        if found.hits.len() < 2 || !found.hits.iter().any(|h| arity(h) == Some(u.args)) {
            return found;
        }
        let hits = found.hits.into_iter().filter(|h| arity(h).is_none_or(|a| a == u.args)).collect();
        Lookup { hits, cause: found.cause }
    }
}
