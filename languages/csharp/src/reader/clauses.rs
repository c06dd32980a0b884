//! Queries: `from rack in racks where … select …`.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span};
use compass_facts::{Role, ScopeKind, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// A query gives a list of what is selected, or of groups of it.
    pub(super) fn query(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let mut result = self.b.unknown();
        for clause in named(node) {
            match clause.kind() {
                "from_clause" => self.source_clause(clause),
                "let_clause" => {
                    let parts = named(clause);
                    if let [name, value, ..] = parts[..] {
                        let ty = self.expression(value, Role::Read);
                        self.bound_name(name, ty, true);
                    }
                }
                "join_clause" => self.join_clause(clause),
                "select_clause" => {
                    let ty = named(clause).first().map_or(self.b.unknown(), |e| self.expression(*e, Role::Read));
                    result = self.b.ty(TypeExpr::List(ty));
                }
                // What follows `into` is one of what was selected.
                "identifier" => {
                    let element = self.b.ty_of(result, TypeExpr::Element);
                    self.bound_name(clause, element, true);
                }
                _ => named(clause).into_iter().for_each(|e| {
                    self.expression(e, Role::Read);
                }),
            }
        }
        self.b.leave(saved);
        result
    }

    fn source_clause(&mut self, clause: Node<'t>) {
        let declared = clause.child_by_field_name("type").map(|t| self.value_type(t));
        let name = clause.child_by_field_name("name");
        let known = [name, clause.child_by_field_name("type")];
        let source = named(clause).into_iter().rfind(|n| !known.iter().flatten().any(|k| k.id() == n.id()));
        let of = source.map_or(self.b.unknown(), |s| self.expression(s, Role::Read));
        let element = self.b.ty_of(of, TypeExpr::Element);
        if let Some(name) = name {
            self.bound_name(name, declared.unwrap_or(element), declared.is_none());
        }
    }

    /// `join b in others on a.Key equals b.Key into all`.
    fn join_clause(&mut self, clause: Node<'t>) {
        let written = clause.child_by_field_name("type");
        let declared = written.map(|t| self.value_type(t));
        let mut parts = named(clause).into_iter().filter(|n| written.is_none_or(|w| w.id() != n.id()));
        let (name, source) = (parts.next(), parts.next());
        let of = source.map_or(self.b.unknown(), |s| self.expression(s, Role::Read));
        if let Some(name) = name.filter(|n| n.kind() == "identifier") {
            let element = self.b.ty_of(of, TypeExpr::Element);
            self.bound_name(name, declared.unwrap_or(element), declared.is_none());
        }
        for part in parts {
            if part.kind() == "join_into_clause" {
                named(part).into_iter().for_each(|into| self.bound_name(into, of, true));
            } else {
                self.expression(part, Role::Read);
            }
        }
    }
}
