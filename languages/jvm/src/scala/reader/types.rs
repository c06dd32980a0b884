//! Types as written.

use super::{Reader, TYPE};
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// The type of a value that is declared with the type.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        let ty = self.type_ref(node);
        self.instance(ty)
    }

    fn instance(&mut self, ty: TypeId) -> TypeId {
        match self.b.get_ty(ty) {
            TypeExpr::Signature { .. } | TypeExpr::Unknown | TypeExpr::Tuple(_) | TypeExpr::Instance(_) | TypeExpr::Receiver(_) | TypeExpr::Union(_) => ty,
            _ => self.b.ty_instance(ty),
        }
    }

    /// A type without new uses: what it names was read before.
    pub(super) fn quiet_value_type(&mut self, node: Node<'t>) -> TypeId {
        let outer = std::mem::replace(&mut self.is_quiet, true);
        let ty = self.value_type(node);
        self.is_quiet = outer;
        ty
    }

    /// The type of a parameter: `=> T`, `T*`.
    pub(super) fn parameter_type(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "repeated_parameter_type" => {
                let inner = named(node).into_iter().next().map_or(self.b.unknown(), |t| self.value_type(t));
                self.b.ty_of(inner, TypeExpr::List)
            }
            "lazy_parameter_type" => named(node).into_iter().next().map_or(self.b.unknown(), |t| self.value_type(t)),
            _ => self.value_type(node),
        }
    }

    /// The type itself.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.type_kind(node)).unwrap_or(self.b.unknown())
    }

    fn type_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => self.type_use(node),
            "generic_type" => {
                let args: Vec<TypeId> = node.child_by_field_name("type_arguments").map(|a| self.type_arguments(a)).unwrap_or_default();
                let of = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
            }
            "stable_type_identifier" => self.path(node),
            "singleton_type" => {
                let inner = named(node).into_iter().next();
                inner.map_or(self.b.unknown(), |n| self.expression(n, Role::Ref))
            }
            "projected_type" => {
                let of = node.child_by_field_name("type").map_or(self.b.unknown(), |t| self.type_ref(t));
                let Some(name) = node.child_by_field_name("selector") else { return of };
                self.use_of_type(self.word(name), span(name), Role::Type, Shape::Member(of));
                self.type_member(of, self.word(name))
            }
            "function_type" => self.function_type(node),
            "tuple_type" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|t| self.value_type(t)).collect();
                match parts[..] {
                    [only] => only,
                    _ => self.b.ty(TypeExpr::Tuple(parts)),
                }
            }
            "compound_type" => {
                let parts: Vec<TypeId> = named(node).into_iter().filter(|n| n.kind() != "refinement").map(|t| self.value_type(t)).collect();
                self.of_any(parts)
            }
            "infix_type" => self.infix_type(node),
            "annotated_type" => {
                let mut parts = named(node).into_iter();
                let of = parts.next().map_or(self.b.unknown(), |t| self.type_ref(t));
                parts.filter(|n| n.kind() == "annotation").for_each(|a| self.annotation(a));
                of
            }
            "lazy_parameter_type" | "repeated_parameter_type" => self.parameter_type(node),
            "literal_type" | "wildcard" | "comment" | "block_comment" | "modifiers" | "inline_modifier" => self.b.unknown(),
            "integer_literal" | "string" | "boolean_literal" | "operator_identifier" => self.b.unknown(),
            "template_body" | "refinement" | "structural_type" => {
                self.nested_block(node);
                self.b.unknown()
            }
            _ => {
                for part in named(node) {
                    self.type_ref(part);
                }
                self.b.unknown()
            }
        }
    }

    fn of_any(&mut self, parts: Vec<TypeId>) -> TypeId {
        let unknown = self.b.unknown();
        let known: Vec<TypeId> = parts.into_iter().filter(|t| *t != unknown).take(4).collect();
        match known[..] {
            [] => unknown,
            [only] => only,
            _ => self.b.ty(TypeExpr::Union(known)),
        }
    }

    pub(super) fn type_arguments(&mut self, node: Node<'t>) -> Vec<TypeId> {
        named(node).into_iter().filter(|n| !n.kind().contains("comment")).map(|t| self.value_type(t)).collect()
    }

    fn use_of_type(&mut self, word: &str, at: Span, role: Role, shape: Shape) {
        if !self.is_quiet {
            self.b.add_use(word, at, role, shape);
        }
    }

    fn type_use(&mut self, node: Node<'t>) -> TypeId {
        let (name, at) = (self.word(node), span(node));
        self.use_of_type(name, at, Role::Type, Shape::Plain);
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

    /// `a.b.Wheel`: values in front, a type at the end.
    fn path(&mut self, node: Node<'t>) -> TypeId {
        let mut of: Option<TypeId> = None;
        let parts: Vec<Node<'t>> = named(node).into_iter().flat_map(|n| if n.kind() == "stable_identifier" { named(n).into_vec() } else { vec![n] }).collect();
        let last = parts.len().saturating_sub(1);
        for (i, part) in parts.into_iter().enumerate() {
            let (word, at) = (self.word(part), span(part));
            of = Some(match of {
                None if word == "this" => self.class.map_or(self.b.unknown(), |c| self.b.ty(TypeExpr::Receiver(c))),
                None => {
                    self.use_of_type(word, at, Role::Ref, Shape::Plain);
                    self.b.ty_name(word, at)
                }
                Some(outer) if word == "this" => outer,
                Some(outer) => {
                    let role = if i == last { Role::Type } else { Role::Ref };
                    self.use_of_type(word, at, role, Shape::Member(outer));
                    if i == last { self.type_member(outer, word) } else { self.b.ty_member(outer, word) }
                }
            });
        }
        of.unwrap_or(self.b.unknown())
    }

    fn type_member(&mut self, of: TypeId, word: &str) -> TypeId {
        self.b.ty_member(of, &format!("{TYPE}{word}"))
    }

    fn infix_type(&mut self, node: Node<'t>) -> TypeId {
        let parts = [node.child_by_field_name("left"), node.child_by_field_name("right")];
        let args: Vec<TypeId> = parts.into_iter().flatten().map(|t| self.value_type(t)).collect();
        let Some(operator) = node.child_by_field_name("operator") else { return self.of_any(args) };
        match text(operator, self.b.text) {
            "|" | "&" | "with" => self.of_any(args),
            _ => {
                let of = self.type_use(operator);
                self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
            }
        }
    }

    /// `(Wheel, Int) => Unit`.
    fn function_type(&mut self, node: Node<'t>) -> TypeId {
        let taken = node.child_by_field_name("parameter_types");
        let inner: Vec<Node<'t>> = taken.map(|n| named(n).into_vec()).unwrap_or_default();
        let parameters: Vec<TypeId> = inner
            .into_iter()
            .map(|t| if t.kind() == "name_and_type" { t.child_by_field_name("type").unwrap_or(t) } else { t })
            .map(|t| self.parameter_type(t))
            .collect();
        let result = node.child_by_field_name("return_type").map_or(self.b.unknown(), |t| self.value_type(t));
        self.b.ty(TypeExpr::Signature { parameters, result })
    }

    /// `[T <: Rack : Order, F[_]]`.
    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        let lists: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.kind() == "type_parameters").collect();
        for list in lists {
            let mut last = None;
            let mut bounds = Vec::new();
            for part in named(list) {
                match part.kind() {
                    "identifier" | "type_identifier" => last = Some(self.type_parameter(part)),
                    "covariant_type_parameter" | "contravariant_type_parameter" => {
                        let Some(name) = part.child_by_field_name("name") else { continue };
                        let def = self.type_parameter(name);
                        last = Some(def);
                        bounds.extend(named(part).into_iter().filter(|n| n.kind().ends_with("_bound")).map(|b| (def, b)));
                    }
                    kind if kind.ends_with("_bound") => bounds.extend(last.map(|l| (l, part))),
                    _ => {}
                }
            }
            for (def, bound) in bounds {
                let ty = self.bound_type(bound);
                if bound.kind() == "upper_bound" {
                    self.b.def_mut(def).ty = ty;
                }
            }
        }
    }

    fn type_parameter(&mut self, name: Node<'t>) -> compass_facts::DefId {
        self.b.define(NewDefinition::new(self.word(name), Kind::TypeParameter, span(name), span(name)))
    }

    pub(super) fn bound_type(&mut self, bound: Node<'t>) -> Option<TypeId> {
        let inner = bound.child_by_field_name("type").or_else(|| named(bound).into_iter().next())?;
        let ty = self.type_ref(inner);
        (bound.kind() == "upper_bound").then_some(ty)
    }
}
