//! What is asked of functions and types whatever the language: parameters, and what derives from what.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::Ty;
use crate::link::world::DefRef;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, ScopeId, ScopeKind};

/// Of more overloads than this nobody compares all with each call: made-up code has such, not people's.
pub const MOST_CHOICES: usize = 400;

impl Evaluator<'_, '_> {
    /// Parameters in order.
    pub fn parameters_of(&self, function: DefRef) -> Vec<compass_facts::DefId> {
        let facts = self.world.facts(function.file);
        let Some(inner) = facts.def(function.def).inner else { return Vec::new() };
        if facts.scope(inner).kind != ScopeKind::Function {
            return Vec::new();
        }
        let outer = &facts.definitions[..facts.outer_count()];
        let start = outer.partition_point(|d| d.name_span.start < facts.def(function.def).name_span.start);
        // In some languages they stand in a scope of their own within that of the function.
        let is_head = |s: ScopeId| facts.scope(s).kind == ScopeKind::Ordered && facts.scope(s).parent == Some(inner);
        let parameters = outer[start..].iter().enumerate().take(400).filter(|(_, d)| d.kind == Kind::Parameter && (d.scope == inner || is_head(d.scope)));
        parameters.map(|(i, _)| compass_facts::DefId((start + i) as u32)).collect()
    }

    /// The type parameters of a type or function, in order.
    pub fn type_parameters(&self, of: DefRef) -> Vec<DefRef> {
        let facts = self.world.facts(of.file);
        let Some(inner) = facts.def(of.def).inner else { return Vec::new() };
        let all = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::TypeParameter && d.scope == inner);
        all.map(|(i, _)| DefRef { file: of.file, def: compass_facts::DefId(i as u32) }).collect()
    }

    /// Is `a` derived from `b`?
    pub fn derives(&mut self, a: DefRef, b: DefRef) -> bool {
        self.derives_within(a, b, Levels::BASES)
    }

    fn derives_within(&mut self, a: DefRef, b: DefRef, levels: Levels) -> bool {
        let Some(levels) = levels.down() else { return false };
        let bases = self.bases(a);
        bases.iter().any(|base| match base {
            Ty::Item(s, ..) | Ty::Value(s, _) => *s == b || self.derives_within(*s, b, levels),
            _ => false,
        })
    }
}
