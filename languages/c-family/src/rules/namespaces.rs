//! Namespaces of C++: opened in many files, one thing all the same.
//!
//! Each namespace scope of each file belongs to one *space*, by the path of names around it. Inline namespaces belong to the one around
//! them, and so do unnamed ones, whose members only their file sees.

use compass_facts::{Flags, ImportId, ImportKind, Kind, ScopeId, ScopeKind};
use compass_index::linking::{GlobalNameId, World};
use rustc_hash::FxHashMap;

/// A namespace; 0 is the global one.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(crate) struct NamespaceId(pub(super) u32);

impl NamespaceId {
    pub(super) const GLOBAL: NamespaceId = NamespaceId(0);
}

/// See the module.
#[derive(Default)]
pub(super) struct Namespaces {
    of_scope: FxHashMap<(u32, ScopeId), (NamespaceId, bool)>,
    children: FxHashMap<(NamespaceId, GlobalNameId), NamespaceId>,
    parents: Vec<NamespaceId>,
    /// `using namespace`: the space it stands in, and where.
    pub(super) directives: FxHashMap<NamespaceId, Vec<(u32, ImportId)>>,
    /// `using a::b`, by the space it stands in and the name bound.
    pub(super) declarations: FxHashMap<(NamespaceId, GlobalNameId), Vec<(u32, ImportId)>>,
}

impl Namespaces {
    pub(super) fn new(world: &World) -> Namespaces {
        let mut spaces = Namespaces { parents: vec![NamespaceId::GLOBAL], ..Namespaces::default() };
        for (index, file) in world.files.iter().enumerate() {
            if file.language != crate::CPP {
                continue;
            }
            let index = index as u32;
            spaces.of_scope.insert((index, ScopeId::FILE), (NamespaceId::GLOBAL, false));
            let facts = world.facts(index);
            for (i, scope) in facts.scopes.iter().enumerate() {
                if scope.kind == ScopeKind::Module {
                    spaces.add(world, index, ScopeId(i as u32));
                }
            }
            for (i, import) in facts.imports.iter().enumerate() {
                let Some(&(space, _)) = spaces.of_scope.get(&(index, import.scope)) else { continue };
                let place = (index, ImportId(i as u32));
                match (import.kind, import.bound) {
                    (ImportKind::Glob, _) => spaces.directives.entry(space).or_default().push(place),
                    (ImportKind::Name, Some(bound)) => spaces.declarations.entry((space, world.gid(index, bound))).or_default().push(place),
                    _ => {}
                }
            }
        }
        spaces
    }

    /// Scopes come in order: the one around is there already.
    fn add(&mut self, world: &World, file: u32, scope: ScopeId) {
        let facts = world.facts(file);
        let s = facts.scope(scope);
        let (parent, hidden) = s.parent.and_then(|p| self.of_scope.get(&(file, p)).copied()).unwrap_or((NamespaceId::GLOBAL, false));
        let Some(owner) = s.owner else { return };
        let d = facts.def(owner);
        if d.kind != Kind::Module {
            return;
        }
        let transparent = d.flags.has(Flags::EXPORTED) || d.flags.has(Flags::PRIVATE);
        let name = world.gid(file, d.name);
        let next = NamespaceId(self.parents.len() as u32);
        let space = if d.flags.has(Flags::PRIVATE) { parent } else { *self.children.entry((parent, name)).or_insert(if transparent { parent } else { next }) };
        if space == next {
            self.parents.push(parent);
        }
        self.of_scope.insert((file, scope), (space, hidden || d.flags.has(Flags::PRIVATE)));
    }

    /// The space of a scope, and whether only its file sees what is in it.
    pub(super) fn of(&self, file: u32, scope: ScopeId) -> Option<(NamespaceId, bool)> {
        if scope == ScopeId::FILE {
            return Some((NamespaceId::GLOBAL, false));
        }
        self.of_scope.get(&(file, scope)).copied()
    }
}
