//! The facts of one file, and its interned names.

use super::{DefId, Definition, Export, Extension, Gap, Import, ImportId, NameId, Scope, ScopeId, Signal, TypeExpr, TypeId, Use, UseId};
use serde::{Deserialize, Serialize};

/// The distinct names of a file, in order of first mention.
#[derive(Debug, Clone, PartialEq, Default, Serialize, Deserialize)]
pub struct NameTable {
    bytes: String,
    ends: Vec<u32>,
}

impl NameTable {
    /// Appends a name; the caller sees to it that it is new.
    pub fn push(&mut self, name: &str) -> NameId {
        self.bytes.push_str(name);
        self.ends.push(self.bytes.len() as u32);
        NameId(self.ends.len() as u32 - 1)
    }

    /// The text of a name; empty for an id of another file.
    pub fn get(&self, id: NameId) -> &str {
        let i = id.index();
        let start = if i == 0 { 0 } else { self.ends.get(i - 1).copied().unwrap_or(0) };
        let end = self.ends.get(i).copied().unwrap_or(start);
        self.bytes.get(start as usize..end as usize).unwrap_or("")
    }

    /// How many there are.
    pub fn len(&self) -> usize {
        self.ends.len()
    }

    /// Is there none?
    pub fn is_empty(&self) -> bool {
        self.ends.is_empty()
    }

    /// All of them, by id.
    pub fn iter(&self) -> impl Iterator<Item = &str> {
        (0..self.ends.len()).map(|i| self.get(NameId(i as u32)))
    }
}

/// What one file says by itself. Arenas; ids are positions.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct Facts {
    /// Interned names.
    pub names: NameTable,
    /// Scopes; the first is the file.
    pub scopes: Vec<Scope>,
    /// Definitions, by place of their name.
    pub definitions: Vec<Definition>,
    /// Uses, by place.
    pub uses: Vec<Use>,
    /// Imports, by place.
    pub imports: Vec<Import>,
    /// Exports under other names.
    pub exports: Vec<Export>,
    /// Type expressions.
    pub types: Vec<TypeExpr>,
    /// Type → base type.
    pub bases: Vec<(DefId, TypeId)>,
    /// Members given to types that are defined elsewhere.
    pub extensions: Vec<Extension>,
    /// What could not be read.
    pub gaps: Vec<Gap>,
    /// Raw material of crossings, by place.
    pub signals: Vec<Signal>,
    /// Lines of text.
    pub lines: u32,
}

impl Default for Facts {
    /// A file that says nothing: one scope, no names.
    fn default() -> Facts {
        let file = Scope { kind: super::ScopeKind::File, parent: None, owner: None, span: super::Span::default() };
        Facts {
            names: NameTable::default(),
            scopes: vec![file],
            definitions: Vec::new(),
            uses: Vec::new(),
            imports: Vec::new(),
            exports: Vec::new(),
            types: vec![TypeExpr::Unknown],
            bases: Vec::new(),
            extensions: Vec::new(),
            gaps: Vec::new(),
            signals: Vec::new(),
            lines: 0,
        }
    }
}

impl Facts {
    /// The text of a name.
    pub fn name(&self, id: NameId) -> &str {
        self.names.get(id)
    }

    /// The definition's name.
    pub fn def_name(&self, id: DefId) -> &str {
        self.name(self.definitions[id.index()].name)
    }

    /// The definition.
    pub fn def(&self, id: DefId) -> &Definition {
        &self.definitions[id.index()]
    }

    /// The scope.
    pub fn scope(&self, id: ScopeId) -> &Scope {
        &self.scopes[id.index()]
    }

    /// The use.
    pub fn usage(&self, id: UseId) -> &Use {
        &self.uses[id.index()]
    }

    /// The type expression.
    pub fn ty(&self, id: TypeId) -> &TypeExpr {
        &self.types[id.index()]
    }

    /// The import.
    pub fn import(&self, id: ImportId) -> &Import {
        &self.imports[id.index()]
    }

    /// The use whose token holds the byte at `offset`, the shortest if several do.
    pub fn find_use_at(&self, offset: u32) -> Option<UseId> {
        let end = self.uses.partition_point(|u| u.span.start <= offset);
        // Tokens never nest, but two uses may share one token (a shorthand field): take the nearest few.
        (end.saturating_sub(4)..end).rev().find(|&i| self.uses[i].span.contains(offset)).map(|i| UseId(i as u32))
    }

    /// The definition whose name token holds the byte at `offset`.
    pub fn find_definition_at(&self, offset: u32) -> Option<DefId> {
        let end = self.definitions.partition_point(|d| d.name_span.start <= offset);
        (end.saturating_sub(4)..end).rev().find(|&i| self.definitions[i].name_span.contains(offset)).map(|i| DefId(i as u32))
    }

    /// The innermost definition with a body or members around the byte at `offset`; variables do not count.
    pub fn find_enclosing(&self, offset: u32) -> Option<DefId> {
        self.definitions
            .iter()
            .enumerate()
            .filter(|(_, d)| !d.kind.is_variable() && d.whole.contains(offset))
            .min_by_key(|(_, d)| d.whole.len())
            .map(|(i, _)| DefId(i as u32))
    }

    /// Names of the definitions around `id`, outermost first, without its own.
    pub fn container_path(&self, id: DefId) -> Vec<&str> {
        let mut path = Vec::new();
        let mut at = self.def(id).container;
        while let Some(c) = at {
            path.push(self.def_name(c));
            at = self.def(c).container;
        }
        path.reverse();
        path
    }
}
