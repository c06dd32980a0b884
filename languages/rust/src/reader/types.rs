//! Types as written: as themselves, and as the types of values declared with them.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, named, span, text};
use compass_facts::{Literal, Role, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// The type of a value declared with the type `node`. References are seen through, as method calls do.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.value_type_kind(node)).unwrap_or(self.b.unknown())
    }

    fn value_type_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "reference_type" | "pointer_type" => {
                let inner = node.child_by_field_name("type");
                inner.map_or(self.b.unknown(), |t| self.value_type(t))
            }
            "array_type" => {
                let element = node.child_by_field_name("element").map_or(self.b.unknown(), |t| self.value_type(t));
                if let Some(length) = node.child_by_field_name("length") {
                    self.expression(length, Role::Read);
                }
                self.b.ty(TypeExpr::List(element))
            }
            "tuple_type" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.value_type(n)).collect();
                // `(dyn Turner + Send)`: parentheses alone make no tuple.
                let has_comma = text(node, self.b.text).trim_end_matches(')').trim_end().ends_with(',');
                match parts[..] {
                    [only] if !has_comma => only,
                    _ => self.b.ty(TypeExpr::Tuple(parts)),
                }
            }
            "unit_type" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "function_type" => {
                let result = node.child_by_field_name("return_type").map(|t| self.value_type(t));
                if let Some(t) = node.child_by_field_name("trait") {
                    self.type_ref(t);
                }
                let parameters = node.child_by_field_name("parameters").map(named).unwrap_or_default().into_iter().map(|p| self.value_type(p)).collect();
                let result = result.unwrap_or(self.b.unknown());
                self.b.ty(TypeExpr::Signature { parameters, result })
            }
            "abstract_type" | "dynamic_type" => {
                let inner = node.child_by_field_name("trait");
                inner.map_or(self.b.unknown(), |t| self.value_type(t))
            }
            "bounded_type" | "trait_bounds" | "higher_ranked_trait_bound" | "removed_trait_bound" => {
                let parts: Vec<TypeId> =
                    named(node).into_iter().filter(|n| !matches!(n.kind(), "lifetime" | "removed_trait_bound")).map(|n| self.value_type(n)).collect();
                match parts[..] {
                    [] => self.b.unknown(),
                    [only] => only,
                    _ => self.b.ty(TypeExpr::Union(parts)),
                }
            }
            "lifetime" | "never_type" | "type_parameters" => self.b.unknown(),
            "parameter" => node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.value_type(t)),
            _ => {
                let ty = self.type_ref(node);
                if matches!(self.b.get_ty(ty), TypeExpr::Literal(_) | TypeExpr::List(_) | TypeExpr::Function { .. }) {
                    return ty;
                }
                self.b.ty_instance(ty)
            }
        }
    }

    /// The type itself.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => self.type_name(node, Role::Type),
            "primitive_type" => {
                let literal = match text(node, self.b.text) {
                    "str" | "char" => Literal::Text,
                    "bool" => Literal::Bool,
                    _ => Literal::Number,
                };
                self.b.ty(TypeExpr::Literal(literal))
            }
            "scoped_type_identifier" | "scoped_identifier" => self.path(node, Role::Type),
            "generic_type" | "generic_type_with_turbofish" => {
                let of = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                let args = node.child_by_field_name("type_arguments").map(|a| self.type_arguments(a, of)).unwrap_or_default();
                self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
            }
            "reference_type" | "pointer_type" | "bracketed_type" | "higher_ranked_trait_bound" | "removed_trait_bound" => {
                let mut last = self.b.unknown();
                for inner in named(node) {
                    if !matches!(inner.kind(), "lifetime" | "mutable_specifier" | "type_parameters") {
                        last = self.type_ref(inner);
                    }
                }
                last
            }
            "qualified_type" => self.qualified(node),
            "abstract_type" | "dynamic_type" => {
                let inner = node.child_by_field_name("trait");
                inner.map_or(self.b.unknown(), |t| self.type_ref(t))
            }
            "self" | "crate" | "super" | "metavariable" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.ty_name(name, at)
            }
            "lifetime" => self.b.unknown(),
            "array_type" | "tuple_type" | "function_type" | "unit_type" => self.value_type(node),
            _ => {
                for inner in named(node) {
                    self.type_ref(inner);
                }
                self.b.unknown()
            }
        }
    }

    /// `<T as Trait>`: what is named through it is looked for in both.
    pub(super) fn qualified(&mut self, node: Node<'t>) -> TypeId {
        let ty = node.child_by_field_name("type").map(|t| self.type_ref(t));
        let through = node.child_by_field_name("alias").map(|t| self.type_ref(t));
        match (ty, through) {
            (Some(a), Some(b)) => self.b.ty(TypeExpr::Union(vec![a, b])),
            (Some(a), None) => a,
            _ => self.b.unknown(),
        }
    }

    /// The arguments given to `of`; a binding (`Iterator<Item = u8>`) names an associated type of it.
    pub(super) fn type_arguments(&mut self, node: Node<'t>, of: TypeId) -> Vec<TypeId> {
        let mut out = Vec::new();
        for argument in named(node) {
            match argument.kind() {
                "lifetime" => {}
                "type_binding" => {
                    if let Some(name) = argument.child_by_field_name("name") {
                        self.b.add_use(text(name, self.b.text), span(name), Role::Type, Shape::Member(of));
                    }
                    if let Some(t) = argument.child_by_field_name("type") {
                        out.push(self.value_type(t));
                    }
                }
                "block" => {
                    self.expression(argument, Role::Read);
                }
                _ => out.push(self.value_type(argument)),
            }
        }
        out
    }

    /// A plain type name; `Self` is the type around.
    pub(super) fn type_name(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let (name, at) = (text(node, self.b.text), span(node));
        if name == "Self" {
            return match self.own_type {
                Some(scope) => self.b.ty(TypeExpr::ReceiverType(scope)),
                None => self.b.unknown(),
            };
        }
        self.b.add_use(name, at, role, Shape::Plain);
        self.b.ty_name(name, at)
    }

    /// `a::b::c`: every part is a use, the last with `role`.
    pub(super) fn path(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let Some(of) = self.deeper(span(node), |r| r.front_of_path(node)) else { return self.b.unknown() };
        let Some(name) = node.child_by_field_name("name") else { return of };
        let word = text(name, self.b.text);
        if matches!(word, "self" | "super" | "crate") {
            return self.b.ty_member(of, word);
        }
        self.b.add_use(word, span(name), role, Shape::Member(of));
        self.b.ty_member(of, word)
    }

    /// What stands before the last part of a path.
    fn front_of_path(&mut self, node: Node<'t>) -> TypeId {
        match node.child_by_field_name("path") {
            Some(p) if matches!(p.kind(), "scoped_identifier" | "scoped_type_identifier") => self.path(p, Role::Ref),
            Some(p) if p.kind() == "identifier" => self.type_name(p, Role::Ref),
            Some(p) => self.type_ref(p),
            None => match find_child(node, "bracketed_type") {
                Some(t) => self.type_ref(t),
                // A leading `::` names a crate.
                None => self.b.ty_name("::", span(node)),
            },
        }
    }
}
