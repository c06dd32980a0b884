//! Names of one file and of all: what scopes bind, and definitions under their names.

use crate::link::rules::rules;
use crate::link::world::{Binding, DefRef, GlobalNameId};
use compass_facts::{DefId, Definition, Facts, ImportId, Language, ScopeId, ScopeKind, TypeId};

fn scope_and_name(scope: ScopeId, name: GlobalNameId) -> u64 {
    u64::from(scope.0) << 32 | u64::from(name.0)
}

/// Bindings of one file, sorted for search.
#[derive(Default)]
pub struct Table {
    /// Scope and name of each binding as one number, in order.
    keys: Vec<u64>,
    bindings: Vec<Binding>,
    pub(super) globs: Vec<(ScopeId, ImportId)>,
    /// For each scope the nearest from it outwards in which a name may be found; none kept where every scope counts.
    anchors: Vec<ScopeId>,
    exports: Vec<(GlobalNameId, TypeId)>,
}

impl Table {
    /// What the scope binds the name to, in order of definition.
    pub(super) fn find(&self, scope: ScopeId, name: GlobalNameId) -> impl Iterator<Item = Binding> + use<'_> {
        let key = scope_and_name(scope, name);
        let start = self.keys.partition_point(|k| *k < key);
        let count = self.keys[start..].iter().take_while(|k| **k == key).count();
        self.bindings[start..start + count].iter().copied()
    }

    /// The nearest scope from there outwards in which a name may be found: most functions and blocks bind nothing that the
    /// reader did not link itself, and what a name means in all of them is asked once.
    pub(super) fn anchor(&self, scope: ScopeId) -> ScopeId {
        self.anchors.get(scope.0 as usize).copied().unwrap_or(scope)
    }

    fn find_anchors(&mut self, facts: &Facts, language: Language) {
        let rules = rules(language);
        if rules.names_hang_on_file() {
            return;
        }
        let mut counts: Vec<bool> = facts
            .scopes
            .iter()
            .map(|s| match s.kind {
                ScopeKind::File | ScopeKind::Module | ScopeKind::Type => true,
                ScopeKind::Function => rules.functions_hide_members(),
                _ => false,
            })
            .collect();
        let binding = self.keys.iter().map(|k| (k >> 32) as usize).chain(self.globs.iter().map(|g| g.0.0 as usize));
        binding.for_each(|scope| counts[scope] = true);
        // Scopes come in order: the one around is settled already.
        for (i, scope) in facts.scopes.iter().enumerate() {
            let own = ScopeId(i as u32);
            let around = scope.parent.and_then(|p| self.anchors.get(p.0 as usize).copied());
            self.anchors.push(around.filter(|_| !counts[i]).unwrap_or(own));
        }
    }

    /// What the file exports under the name.
    pub(super) fn find_export(&self, name: GlobalNameId) -> Option<TypeId> {
        let start = self.exports.partition_point(|e| e.0 < name);
        self.exports.get(start).filter(|e| e.0 == name).map(|e| e.1)
    }

    pub(super) fn has_exports(&self) -> bool {
        !self.exports.is_empty()
    }
}

/// Definitions under their names: sorted once, then found by position.
#[derive(Default)]
pub(super) struct ByName {
    pub(super) found: Vec<(GlobalNameId, DefRef)>,
    starts: Vec<u32>,
    pub(super) syms: Vec<DefRef>,
}

impl ByName {
    pub(super) fn finish(&mut self, names: usize) {
        self.starts = vec![0; names + 1];
        for (name, _) in &self.found {
            self.starts[name.0 as usize + 1] += 1;
        }
        for i in 1..self.starts.len() {
            self.starts[i] += self.starts[i - 1];
        }
        let mut next = self.starts.clone();
        self.syms = vec![DefRef { file: 0, def: DefId(0) }; self.found.len()];
        for (name, sym) in std::mem::take(&mut self.found) {
            let place = &mut next[name.0 as usize];
            self.syms[*place as usize] = sym;
            *place += 1;
        }
    }

    pub(super) fn find(&self, name: GlobalNameId) -> &[DefRef] {
        let range = self.starts.get(name.0 as usize).zip(self.starts.get(name.0 as usize + 1));
        range.and_then(|(from, to)| self.syms.get(*from as usize..*to as usize)).unwrap_or(&[])
    }
}

/// What one file adds.
#[derive(Default)]
pub struct Made {
    pub table: Table,
    pub outer: Vec<(GlobalNameId, DefRef)>,
    pub members: Vec<(GlobalNameId, DefRef)>,
    pub(super) apart: Vec<(GlobalNameId, DefRef)>,
}

/// Bindings of a file, and its definitions for the lists of names.
pub fn made_of(facts: &Facts, gids: &[GlobalNameId], language: Language, index: u32) -> Made {
    let mut made = Made::default();
    let table = &mut made.table;
    let mut bindings = Vec::new();
    for (i, def) in facts.definitions[..facts.outer_count()].iter().enumerate() {
        let name = gids[def.name.index()];
        let sym = DefRef { file: index, def: DefId(i as u32) };
        bindings.push((scope_and_name(def.scope, name), Binding::Def(sym.def)));
        if !def.is_inner() && !facts.name(def.name).is_empty() {
            // Tables are reached by statements, never by a name of the program alone.
            if matches!(def.kind, compass_facts::Kind::Table | compass_facts::Kind::Column) {
                made.apart.push((name, sym));
            } else {
                if is_member(facts, def) { &mut made.members } else { &mut made.outer }.push((name, sym));
            }
        }
    }
    for (i, import) in facts.imports.iter().enumerate() {
        let id = ImportId(i as u32);
        if let Some(bound) = import.bound {
            bindings.push((scope_and_name(import.scope, gids[bound.index()]), Binding::Import(id)));
        }
        if matches!(import.kind, compass_facts::ImportKind::Glob) {
            table.globs.push((import.scope, id));
        }
    }
    table.exports = facts.exports.iter().map(|e| (gids[e.name.index()], e.what)).collect();
    table.exports.sort_by_key(|e| e.0);
    bindings.sort_unstable();
    (table.keys, table.bindings) = bindings.into_iter().unzip();
    table.find_anchors(facts, language);
    made
}

/// Does a definition stand among the members of a type?
pub fn is_member(facts: &Facts, def: &Definition) -> bool {
    facts.scope(def.scope).kind == ScopeKind::Type
}
