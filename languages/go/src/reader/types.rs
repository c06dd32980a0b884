//! Types as written.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, ScopeKind, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// The type of a value declared with the type `node`.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        let Some(ty) = self.deeper(span(node), |r| r.type_ref(node)) else { return self.b.unknown() };
        match self.b.get_ty(ty) {
            TypeExpr::List(_) | TypeExpr::Function { .. } | TypeExpr::Tuple(_) => ty,
            _ => self.b.ty_instance(ty),
        }
    }

    /// The type itself; lists and functions are types of values already.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, Role::Type, Shape::Plain);
                self.type_name(name, at)
            }
            "qualified_type" => {
                let (Some(package), Some(name)) = (node.child_by_field_name("package"), node.child_by_field_name("name")) else { return self.b.unknown() };
                self.b.add_use(text(package, self.b.text), span(package), Role::Ref, Shape::Plain);
                let of = self.b.ty_name(text(package, self.b.text), span(package));
                let word = text(name, self.b.text);
                self.b.add_use(word, span(name), Role::Type, Shape::Member(of));
                self.b.ty_member(of, word)
            }
            "generic_type" => {
                let of = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                let args = node.child_by_field_name("type_arguments").map(named).unwrap_or_default();
                let args = args.into_iter().map(|a| self.value_type(a)).collect();
                self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
            }
            "slice_type" | "array_type" | "implicit_length_array_type" => {
                if let Some(length) = node.child_by_field_name("length") {
                    self.expression(length, Role::Read);
                }
                let element = node.child_by_field_name("element").map_or(self.b.unknown(), |e| self.value_type(e));
                self.b.ty(TypeExpr::List(element))
            }
            "channel_type" => {
                let element = node.child_by_field_name("value").map_or(self.b.unknown(), |e| self.value_type(e));
                self.b.ty(TypeExpr::List(element))
            }
            "map_type" => {
                let args = ["key", "value"].map(|f| node.child_by_field_name(f)).map(|n| n.map_or(self.b.unknown(), |n| self.value_type(n)));
                let of = self.type_name("map", span(node));
                self.b.ty(TypeExpr::Generic { of, args: args.to_vec() })
            }
            "function_type" => {
                let saved = self.b.enter(ScopeKind::Function, span(node), None);
                self.parameters(node.child_by_field_name("parameters"));
                let result = node.child_by_field_name("result").map_or(self.b.unknown(), |r| self.result(r));
                self.b.leave(saved);
                self.b.ty(TypeExpr::Function { result })
            }
            "struct_type" | "interface_type" => self.unnamed_type(node),
            "pointer_type" | "parenthesized_type" | "type_elem" | "negated_type" | "type_constraint" | "constraint_elem" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.type_ref(n)).collect();
                parts.first().copied().unwrap_or(self.b.unknown())
            }
            _ => {
                for inner in named(node) {
                    self.type_ref(inner);
                }
                self.b.unknown()
            }
        }
    }

    /// What the plain name means as a type.
    pub(super) fn type_name(&mut self, name: &str, at: compass_facts::Span) -> TypeId {
        let name = self.b.intern(name);
        let scope = self.b.place.scope;
        self.b.ty(TypeExpr::TypeName { name, scope, at: at.start })
    }

    /// A struct or interface in place has members but no name.
    fn unnamed_type(&mut self, node: Node<'t>) -> TypeId {
        let at = compass_facts::Span { start: span(node).start, end: span(node).start };
        let kind = if node.kind() == "struct_type" { Kind::Struct } else { Kind::Interface };
        let def = self.b.define(NewDefinition::new("", kind, at, span(node)));
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.b.place.container = saved.container;
        self.members(node, def);
        self.b.leave(saved);
        self.b.ty(TypeExpr::Def(def))
    }

    /// What a function gives: one value or several.
    pub(super) fn result(&mut self, node: Node<'t>) -> TypeId {
        if node.kind() != "parameter_list" {
            return self.value_type(node);
        }
        let types = self.parameters(Some(node));
        match types[..] {
            [] => self.b.unknown(),
            [only] => only,
            _ => self.b.ty(TypeExpr::Tuple(types)),
        }
    }
}
