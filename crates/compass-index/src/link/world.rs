//! Everything the linker knows before it begins: files, interned names, bindings by scope, definitions by name.

use crate::identity::Numbers;
use crate::{FileId, UnitRow};
use compass_facts::{DefId, Definition, Facts, ImportId, Language, NameId, ScopeId, ScopeKind, TypeId};
use rustc_hash::FxHashMap;

/// A file to link.
pub(crate) struct FileInput {
    pub(crate) id: FileId,
    pub(crate) root: u32,
    pub(crate) path: String,
    pub(crate) language: Language,
    pub(crate) facts: Facts,
    pub(crate) numbers: Numbers,
}

/// A name of the whole code base.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(super) struct Gid(pub(super) u32);

/// A definition of the whole code base: position of its file, and its place there.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(super) struct Sym {
    pub(super) file: u32,
    pub(super) def: DefId,
}

/// What a scope binds a name to.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub(super) enum Binding {
    Def(DefId),
    Import(ImportId),
}

/// Bindings of one file, sorted for search.
#[derive(Default)]
pub(super) struct Table {
    bindings: Vec<(ScopeId, Gid, Binding)>,
    pub(super) globs: Vec<(ScopeId, ImportId)>,
    exports: Vec<(Gid, TypeId)>,
}

impl Table {
    /// What the scope binds the name to, in order of definition.
    pub(super) fn find(&self, scope: ScopeId, name: Gid) -> impl Iterator<Item = Binding> {
        let start = self.bindings.partition_point(|b| (b.0, b.1) < (scope, name));
        self.bindings[start..].iter().take_while(move |b| (b.0, b.1) == (scope, name)).map(|b| b.2)
    }

    /// What the file exports under the name.
    pub(super) fn find_export(&self, name: Gid) -> Option<TypeId> {
        let start = self.exports.partition_point(|e| e.0 < name);
        self.exports.get(start).filter(|e| e.0 == name).map(|e| e.1)
    }

    pub(super) fn has_exports(&self) -> bool {
        !self.exports.is_empty()
    }
}

/// See the module.
pub(super) struct World<'w> {
    pub(super) files: &'w [FileInput],
    pub(super) units: &'w [UnitRow],
    pub(super) names: Vec<&'w str>,
    interned: FxHashMap<&'w str, Gid>,
    gids: Vec<Vec<Gid>>,
    pub(super) tables: Vec<Table>,
    by_name: FxHashMap<Gid, Vec<Sym>>,
    pub(super) by_path: FxHashMap<(u32, &'w str), u32>,
    pub(super) include_folders: &'w [String],
}

impl<'w> World<'w> {
    pub(super) fn new(files: &'w [FileInput], units: &'w [UnitRow], include_folders: &'w [String]) -> Self {
        let mut world = World {
            files,
            units,
            names: Vec::new(),
            interned: FxHashMap::default(),
            gids: Vec::with_capacity(files.len()),
            tables: Vec::with_capacity(files.len()),
            by_name: FxHashMap::default(),
            by_path: FxHashMap::default(),
            include_folders,
        };
        for word in ["", "=", "default", "self", "super", "crate", "Self", "::", "__init__", "constructor", "prototype", "exports", "module"] {
            world.intern(word);
        }
        for (index, file) in files.iter().enumerate() {
            let gids = file.facts.names.iter().map(|n| world.intern(n)).collect();
            world.gids.push(gids);
            world.by_path.insert((file.root, file.path.as_str()), index as u32);
            let table = world.table(index as u32);
            world.tables.push(table);
        }
        world
    }

    fn intern(&mut self, name: &'w str) -> Gid {
        let next = Gid(self.names.len() as u32);
        *self.interned.entry(name).or_insert_with(|| {
            self.names.push(name);
            next
        })
    }

    fn table(&mut self, index: u32) -> Table {
        let facts = &self.files[index as usize].facts;
        let gids = &self.gids[index as usize];
        let mut table = Table::default();
        for (i, def) in facts.definitions.iter().enumerate() {
            let name = gids[def.name.index()];
            let sym = Sym { file: index, def: DefId(i as u32) };
            table.bindings.push((def.scope, name, Binding::Def(sym.def)));
            if !def.is_inner() && !facts.name(def.name).is_empty() {
                // Tables are reached by statements, never by a name of the program alone.
                if !matches!(def.kind, compass_facts::Kind::Table | compass_facts::Kind::Column) {
                    self.by_name.entry(name).or_default().push(sym);
                }
            }
        }
        for (i, import) in facts.imports.iter().enumerate() {
            let id = ImportId(i as u32);
            if let Some(bound) = import.bound {
                table.bindings.push((import.scope, gids[bound.index()], Binding::Import(id)));
            }
            if matches!(import.kind, compass_facts::ImportKind::Glob) {
                table.globs.push((import.scope, id));
            }
        }
        table.exports = facts.exports.iter().map(|e| (gids[e.name.index()], e.what)).collect();
        table.exports.sort_by_key(|e| e.0);
        table.bindings.sort();
        table
    }

    pub(super) fn facts(&self, file: u32) -> &'w Facts {
        &self.files[file as usize].facts
    }

    pub(super) fn language(&self, file: u32) -> Language {
        self.files[file as usize].language
    }

    pub(super) fn def(&self, sym: Sym) -> &'w Definition {
        self.facts(sym.file).def(sym.def)
    }

    pub(super) fn gid(&self, file: u32, name: NameId) -> Gid {
        self.gids[file as usize][name.index()]
    }

    pub(super) fn find_gid(&self, name: &str) -> Option<Gid> {
        self.interned.get(name).copied()
    }

    pub(super) fn name(&self, gid: Gid) -> &'w str {
        self.names[gid.0 as usize]
    }

    /// Every definition of that name that other files may know.
    pub(super) fn named(&self, name: Gid) -> &[Sym] {
        self.by_name.get(&name).map_or(&[], |v| v)
    }

    pub(super) fn unit(&self, file: u32) -> &'w UnitRow {
        &self.units[self.files[file as usize].id.unit.0 as usize]
    }

    /// Is the definition a member of a type?
    pub(super) fn is_member(&self, sym: Sym) -> bool {
        let def = self.def(sym);
        self.facts(sym.file).scope(def.scope).kind == ScopeKind::Type
    }
}
