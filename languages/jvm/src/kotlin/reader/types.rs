//! Types as written.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, Shape, Span, TypeExpr, TypeId};

/// Kinds of nodes that are types.
pub(super) fn is_type(node: &Node) -> bool {
    matches!(node.kind(), "user_type" | "nullable_type" | "function_type" | "parenthesized_type" | "non_nullable_type" | "dynamic")
}

impl<'t> Reader<'t> {
    /// The type of a value that is declared with the type.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        let ty = self.type_ref(node);
        match self.b.get_ty(ty) {
            TypeExpr::Signature { .. } | TypeExpr::Unknown => ty,
            _ => self.b.ty_instance(ty),
        }
    }

    /// The type itself.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.type_kind(node)).unwrap_or(self.b.unknown())
    }

    fn type_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "user_type" => self.user_type(node),
            "function_type" => self.function_type(node),
            "nullable_type" | "parenthesized_type" | "non_nullable_type" => {
                let inner = named(node).into_iter().find(is_type);
                inner.map_or(self.b.unknown(), |n| self.type_ref(n))
            }
            "identifier" => self.type_use(node),
            _ => self.b.unknown(),
        }
    }

    /// `a.b.Rack<Wheel>`, `Rack.Slot`.
    fn user_type(&mut self, node: Node<'t>) -> TypeId {
        let mut of: Option<TypeId> = None;
        let parts = named(node);
        let names: Vec<Node<'t>> = parts.iter().copied().filter(|p| p.kind() == "identifier").collect();
        // By habit packages are in small letters and types are not.
        let is_package = |n: &&Node<'t>| text(**n, self.b.text).starts_with(|c: char| c.is_lowercase());
        let packages = if names.len() > 1 { names.iter().take_while(is_package).count() } else { 0 };
        if packages > 0
            && let Some(name) = names.get(packages)
        {
            let path: Vec<&str> = names[..packages].iter().map(|n| text(*n, self.b.text)).collect();
            of = Some(self.written_out(&path.join("."), *name, node));
        }
        let mut at = 0;
        for part in parts {
            match part.kind() {
                "identifier" => {
                    at += 1;
                    if packages > 0 && at <= packages + 1 {
                        continue;
                    }
                    of = Some(match of {
                        None => self.type_use(part),
                        Some(outer) => {
                            self.b.add_use(self.word(part), span(part), Role::Type, Shape::Member(outer));
                            self.b.ty_member(outer, self.word(part))
                        }
                    });
                }
                "type_arguments" => {
                    let args = self.type_arguments(part);
                    if let Some(known) = of.filter(|_| !args.is_empty()) {
                        of = Some(self.b.ty_of(known, |of| TypeExpr::Generic { of, args }));
                    }
                }
                _ => {}
            }
        }
        of.unwrap_or(self.b.unknown())
    }

    pub(super) fn type_arguments(&mut self, node: Node<'t>) -> Vec<TypeId> {
        let projections = named(node).into_iter().filter(|n| n.kind() == "type_projection");
        projections
            .map(|p| named(p).into_iter().find(is_type))
            .collect::<Vec<_>>()
            .into_iter()
            .map(|t| t.map_or(self.b.unknown(), |t| self.value_type(t)))
            .collect()
    }

    fn type_use(&mut self, node: Node<'t>) -> TypeId {
        let (name, at) = (self.word(node), span(node));
        self.b.add_use(name, at, Role::Type, Shape::Plain);
        self.named_type(name, at)
    }

    /// What a plain name means as a type.
    pub(super) fn named_type(&mut self, name: &str, at: Span) -> TypeId {
        let name = self.b.intern(name);
        let scope = self.b.place.scope;
        self.b.ty(TypeExpr::TypeName { name, scope, at: at.start })
    }

    /// A type of the language that a literal is of.
    pub(super) fn literal(&mut self, name: &str, node: Node<'t>) -> TypeId {
        let of = self.named_type(name, span(node));
        self.b.ty_instance(of)
    }

    /// A type whose package is written in front of it: an import on the spot.
    fn written_out(&mut self, package: &str, token: Node<'t>, whole: Node<'t>) -> TypeId {
        let name = self.word(token);
        let import = compass_facts::Import {
            module: self.b.intern(package),
            name: Some(self.b.intern(name)),
            scope: self.b.place.scope,
            ..self.import_of(whole, token)
        };
        let id = self.b.add_import(import);
        self.b.add_use(name, span(token), Role::Type, Shape::Import(id));
        self.b.ty(TypeExpr::Import(id))
    }

    /// `(Wheel) -> Unit`, `Rack.(Wheel) -> Unit`.
    fn function_type(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let at = parts.iter().position(|p| p.kind() == "function_type_parameters").unwrap_or(0);
        let receiver = parts[..at].iter().copied().find(is_type).map(|n| self.value_type(n));
        let mut parameters = Vec::new();
        for part in parts.get(at).map(|p| named(*p)).unwrap_or_default() {
            let ty = if part.kind() == "parameter" { named(part).into_iter().find(is_type) } else { Some(part) };
            parameters.push(ty.map_or(self.b.unknown(), |t| self.value_type(t)));
        }
        if let Some(receiver) = receiver {
            parameters.push(self.b.ty(TypeExpr::Deref(receiver)));
        }
        let result = parts.iter().skip(at + 1).copied().find(is_type).map_or(self.b.unknown(), |n| self.value_type(n));
        self.b.ty(TypeExpr::Signature { parameters, result })
    }

    /// `<T : Rack>`, and `where T : Rack`.
    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        let parts = named(node);
        let parameters: Vec<Node<'t>> = parts.iter().filter(|p| p.kind() == "type_parameters").flat_map(|p| named(*p)).collect();
        let mut known = Vec::new();
        for parameter in parameters.into_iter().filter(|p| p.kind() == "type_parameter") {
            let inner = named(parameter);
            let Some(name) = inner.iter().copied().find(|n| n.kind() == "identifier") else { continue };
            let def = self.b.define(NewDefinition::new(self.word(name), Kind::TypeParameter, span(name), span(parameter)));
            known.push((self.word(name), def));
            if let Some(bound) = inner.into_iter().find(is_type) {
                let ty = self.type_ref(bound);
                self.b.def_mut(def).ty = Some(ty);
            }
        }
        for constraint in parts.iter().filter(|p| p.kind() == "type_constraints").flat_map(|p| named(*p)).collect::<Vec<_>>() {
            let inner = named(constraint);
            let Some(bound) = inner.iter().copied().find(is_type) else { continue };
            let ty = self.type_ref(bound);
            let of = inner.iter().find(|n| n.kind() == "identifier").map(|n| self.word(*n));
            if let Some((_, def)) = known.iter().find(|k| Some(k.0) == of) {
                self.b.def_mut(*def).ty.get_or_insert(ty);
            }
        }
    }
}
