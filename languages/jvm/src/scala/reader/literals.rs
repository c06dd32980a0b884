//! Functions without a name, and texts.

use super::Reader;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// `wheel => wheel.turn`, `(a: Int, b) => a + b`.
    pub(super) fn literal_function(&mut self, node: Node<'t>) -> TypeId {
        let handed = self.handed.take();
        let outer = self.placeholder.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        let parts: Vec<Node<'t>> = named(node).into_iter().filter(|n| !n.kind().contains("comment")).collect();
        let taken = node.child_by_field_name("parameters").or_else(|| parts.first().copied());
        if let Some(taken) = taken {
            self.taken(taken, handed);
        }
        let mut last = self.b.unknown();
        for part in parts.into_iter().filter(|p| taken.is_none_or(|t| t.id() != p.id()) && p.kind() != "type_parameters") {
            last = self.statement(part);
        }
        self.b.leave(saved);
        self.placeholder = outer;
        self.b.ty(TypeExpr::Function { result: last })
    }

    /// What a function literal takes.
    fn taken(&mut self, node: Node<'t>, handed: Option<(TypeId, u32)>) {
        let all = if node.kind() == "bindings" { named(node).into_vec() } else { vec![node] };
        let only = all.len() == 1;
        for (i, binding) in all.into_iter().enumerate() {
            let given = handed.map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: i as u32, only }));
            let (name, declared) = match binding.kind() {
                "binding" => (binding.child_by_field_name("name"), binding.child_by_field_name("type")),
                "identifier" => (Some(binding), None),
                _ => (None, None),
            };
            let declared = declared.map(|t| self.parameter_type(t));
            if let Some(name) = name.filter(|n| n.kind() == "identifier") {
                self.bound_name(name, declared.or(given), Kind::Parameter);
            }
        }
    }

    /// `{ case (a, b) => … }`: a function of one value.
    pub(super) fn literal_cases(&mut self, node: Node<'t>) -> TypeId {
        let handed = self.handed.take();
        let outer = self.placeholder.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        let of = handed.map_or(self.b.unknown(), |(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: 0, only: true }));
        let mut result = self.b.unknown();
        for case in named(node).into_iter().filter(|n| n.kind() == "case_clause") {
            let ty = self.case(case, of);
            result = self.one_of(result, ty);
        }
        self.b.leave(saved);
        self.placeholder = outer;
        self.b.ty(TypeExpr::Function { result })
    }

    /// `all.each: wheel =>` and an indented block.
    pub(super) fn colon_argument(&mut self, node: Node<'t>) -> TypeId {
        let Some(start) = node.child_by_field_name("lambda_start") else {
            let inner = named(node).into_iter().next_back();
            return inner.map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        };
        let handed = self.handed.take();
        let outer = self.placeholder.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        self.taken(start, handed);
        let mut last = self.b.unknown();
        for part in named(node).into_iter().filter(|n| n.id() != start.id()) {
            last = self.statement(part);
        }
        self.b.leave(saved);
        self.placeholder = outer;
        self.b.ty(TypeExpr::Function { result: last })
    }

    pub(super) fn string(&mut self, node: Node<'t>) -> TypeId {
        if is_text(node) {
            let bound = self.b.kept_as(node.id());
            self.b.text_signal(node, bound);
        }
        let outer = self.placeholder.take();
        // `sql"…"` is a call of a member that something adds to the parts of the text.
        let interpolator = node.child_by_field_name("interpolator").filter(|i| !matches!(text(*i, self.b.text), "s" | "f" | "raw"));
        let called = interpolator.map(|i| {
            let parts = self.literal("StringContext", node);
            self.b.add_use(self.word(i), span(i), Role::Call, Shape::Member(parts));
            let member = self.b.ty_member(parts, self.word(i));
            self.b.ty(TypeExpr::Call { of: member, args: Vec::new() })
        });
        self.interpolations(node);
        self.placeholder = outer;
        called.unwrap_or_else(|| self.literal("String", node))
    }

    fn interpolations(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "interpolation" => named(part).into_iter().for_each(|inner| {
                    self.expression(inner, Role::Read);
                }),
                "interpolated_string" => self.interpolations(part),
                _ => {}
            }
        }
    }
}
