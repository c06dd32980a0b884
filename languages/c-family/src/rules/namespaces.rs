//! Namespaces of C++: opened in many files, one thing all the same.
//!
//! Each namespace scope of each file belongs to one *space*, by the path of names around it. Inline namespaces belong to the one around
//! them, and so do unnamed ones, whose members only their file sees.

use compass_facts::{DefId, Extension, Flags, ImportId, ImportKind, Kind, ScopeId, ScopeKind, TypeExpr};
use compass_index::linking::{DefRef, GlobalNameId, World};
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
    /// What is written out of its namespace, by name: it stands where members of classes do.
    pub(super) written_outside: FxHashMap<GlobalNameId, Vec<DefRef>>,
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
        for (index, file) in world.files.iter().enumerate().filter(|(_, f)| f.language == crate::CPP) {
            let before = spaces.of_scope.len();
            for extension in &file.facts.extensions {
                spaces.add_extension(world, index as u32, extension);
            }
            if spaces.of_scope.len() > before {
                spaces.add_written_outside(world, index as u32);
            }
        }
        spaces
    }

    /// What stands in scopes of namespaces that are written like those of classes.
    fn add_written_outside(&mut self, world: &World, file: u32) {
        for (i, d) in world.facts(file).definitions.iter().enumerate() {
            let is_extension = d.scope != ScopeId::FILE && world.facts(file).scope(d.scope).kind == ScopeKind::Type;
            if is_extension && self.of_scope.contains_key(&(file, d.scope)) {
                self.written_outside.entry(world.gid(file, d.name)).or_default().push(DefRef { file, def: DefId(i as u32) });
            }
        }
    }

    /// `void ns::f() {}`: the names before that of the function lead to a namespace.
    fn add_extension(&mut self, world: &World, file: u32, extension: &Extension) {
        let facts = world.facts(file);
        let mut path = Vec::new();
        let mut at = extension.of;
        let first = loop {
            match facts.ty(at) {
                TypeExpr::Member { of, name, .. } => {
                    path.push(world.gid(file, *name));
                    at = *of;
                }
                TypeExpr::Name { name, .. } | TypeExpr::TypeName { name, .. } => break world.gid(file, *name),
                _ => return,
            }
        };
        let around = facts.scope(extension.scope).parent.unwrap_or(ScopeId::FILE);
        let Some((mut space, hidden)) = self.of(file, around) else { return };
        // The first name is looked for outwards, the others within it.
        let found = loop {
            match self.children.get(&(space, first)) {
                Some(found) => break *found,
                None if space == NamespaceId::GLOBAL => return,
                None => space = self.parents[space.0 as usize],
            }
        };
        let inner = path.iter().rev().try_fold(found, |space, name| self.children.get(&(space, *name)).copied());
        if let Some(space) = inner {
            self.of_scope.insert((file, extension.scope), (space, hidden));
        }
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
