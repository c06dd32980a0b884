//! Statements that bind names: `:=`, ranges, type switches, received values.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{listed, named, span, text};
use compass_facts::{Flags, Kind, Role, ScopeKind, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn short_variables(&mut self, node: Node<'t>) {
        let (Some(left), Some(right)) = (node.child_by_field_name("left"), node.child_by_field_name("right")) else { return };
        let names = listed(left);
        if let [name] = &names[..] {
            self.kept_under(*name, right);
            // Routes may be declared by a function that a variable holds: then its calls say below which path.
            let value = listed(right).into_iter().next();
            if value.is_some_and(|v| v.kind() == "func_literal" && text(v, self.b.text).contains("(\"/")) {
                self.b.tell(text(*name, self.b.text));
            }
        }
        let values = self.values(right, names.len());
        for (i, name) in names.into_iter().enumerate() {
            self.bind(name, values.get(i).copied(), span(node));
        }
    }

    /// A name on the left of `:=`: new, unless this very scope has it.
    fn bind(&mut self, name: Node<'t>, ty: Option<TypeId>, whole: compass_facts::Span) {
        let word = text(name, self.b.text);
        if word == "_" || name.kind() != "identifier" {
            return;
        }
        let here = self.b.place.scope;
        if self.b.find_in(here, word).is_some() || self.parameters_of_body(here).is_some_and(|p| self.b.find_in(p, word).is_some()) {
            self.expression(name, Role::Write);
            return;
        }
        let mut new = NewDefinition::new(word, Kind::Variable, span(name), whole);
        new.flags = Flags::INFERRED;
        new.ty = ty;
        let def = self.b.define(new);
        self.b.def_mut(def).visible_from = whole.end;
    }

    /// The scope with the parameters of the function whose body the scope is: by the language they are one.
    fn parameters_of_body(&self, scope: compass_facts::ScopeId) -> Option<compass_facts::ScopeId> {
        let heads = self.b.scope_parent(scope)?;
        let function = self.b.scope_parent(heads)?;
        (self.b.scope_kind(function) == ScopeKind::Function && self.b.scope_kind(heads) == ScopeKind::Ordered).then_some(heads)
    }

    pub(super) fn assignment(&mut self, node: Node<'t>) {
        if let Some(right) = node.child_by_field_name("right") {
            self.statement(right);
        }
        let Some(left) = node.child_by_field_name("left") else { return };
        for target in listed(left) {
            self.expression(target, Role::Write);
        }
    }

    pub(super) fn range(&mut self, node: Node<'t>) {
        let of = node.child_by_field_name("right").map_or(self.b.unknown(), |r| self.expression(r, Role::Read));
        let Some(left) = node.child_by_field_name("left") else { return };
        let names = listed(left);
        let is_new = self.b.text.get(left.end_byte()..).is_some_and(|t| t.trim_start().starts_with(":="));
        for (i, name) in names.into_iter().enumerate() {
            // The first name of a map is its key, of a channel what it carries; of a list a number, which has no members.
            let ty = if i == 0 { self.b.ty_of(of, TypeExpr::Element) } else { self.b.ty_of(of, TypeExpr::Index) };
            if is_new {
                self.bind(name, Some(ty), compass_facts::Span { start: span(left).start, end: span(node).end });
            } else {
                self.expression(name, Role::Write);
            }
        }
    }

    pub(super) fn receive(&mut self, node: Node<'t>) {
        let of = node.child_by_field_name("right").map_or(self.b.unknown(), |r| self.expression(r, Role::Read));
        let Some(left) = node.child_by_field_name("left") else { return };
        let is_new = self.b.text.get(left.end_byte()..).is_some_and(|t| t.trim_start().starts_with(":="));
        for (i, name) in listed(left).into_iter().enumerate() {
            if is_new {
                self.bind(name, (i == 0).then_some(of), span(node));
            } else {
                self.expression(name, Role::Write);
            }
        }
    }

    /// `switch v := x.(type)`: in each case the name has that case's type.
    pub(super) fn type_switch(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let alias = node.child_by_field_name("alias").map(|a| if a.kind() == "expression_list" { named(a).into_iter().next().unwrap_or(a) } else { a });
        let value = node.child_by_field_name("value");
        let mut of = self.b.unknown();
        for part in named(node) {
            if Some(part.id()) == value.map(|v| v.id()) {
                of = self.expression(part, Role::Read);
            } else if part.kind() == "type_case" || part.kind() == "default_case" {
                self.type_case(part, alias, of);
            } else if alias.is_none_or(|a| a.start_byte() != part.start_byte()) {
                self.statement(part);
            }
        }
        self.b.leave(saved);
    }

    fn type_case(&mut self, node: Node<'t>, alias: Option<Node<'t>>, of: TypeId) {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        let types: Vec<Node<'t>> = node.children_by_field_name("type").filter(|n| n.is_named()).collect();
        let values: Vec<TypeId> = types.iter().map(|t| self.value_type(*t)).collect();
        if let Some(alias) = alias {
            // The name stands in the head alone: each case has a definition of its own at that place.
            let mut new = NewDefinition::new(text(alias, self.b.text), Kind::Variable, span(alias), span(node));
            new.ty = Some(match values[..] {
                [only] => only,
                _ => of,
            });
            self.b.define(new);
        }
        for part in named(node).into_iter().filter(|p| !types.iter().any(|t| t.id() == p.id())) {
            self.statement(part);
        }
        self.b.leave(saved);
    }
}
