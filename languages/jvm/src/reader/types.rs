//! Types as written.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Import, ImportKind, Role, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// The type of a value declared with the type `node`.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        let Some(ty) = self.deeper(span(node), |r| r.type_ref(node)) else { return self.b.unknown() };
        match self.b.get_ty(ty) {
            TypeExpr::List(_) => ty,
            _ => self.b.ty_instance(ty),
        }
    }

    /// The type itself; arrays are lists of values already.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                if name == "var" {
                    return self.b.unknown();
                }
                self.b.add_use(name, at, Role::Type, Shape::Plain);
                self.ty_type_name(name, at)
            }
            "integral_type" | "floating_point_type" | "boolean_type" => self.ty_type_name(text(node, self.b.text), span(node)),
            "scoped_type_identifier" | "scoped_identifier" => self.scoped_type(node),
            "generic_type" => {
                let parts = named(node);
                let of = parts.first().map_or(self.b.unknown(), |n| self.type_ref(*n));
                let args = parts.iter().filter(|n| n.kind() == "type_arguments").flat_map(|n| named(*n)).collect::<Vec<_>>();
                let args: Vec<TypeId> = args.into_iter().map(|n| self.value_type(n)).collect();
                if args.is_empty() { of } else { self.b.ty_of(of, |of| TypeExpr::Generic { of, args }) }
            }
            "array_type" => {
                let element = node.child_by_field_name("element").map_or(self.b.unknown(), |n| self.value_type(n));
                let dimensions = node.child_by_field_name("dimensions").map_or(1, |n| text(n, self.b.text).matches('[').count());
                self.array_of(element, dimensions)
            }
            "annotated_type" => {
                let mut ty = self.b.unknown();
                for part in named(node) {
                    if part.kind().ends_with("annotation") {
                        self.annotation(part);
                    } else {
                        ty = self.type_ref(part);
                    }
                }
                ty
            }
            "wildcard" => {
                let mut ty = self.b.unknown();
                for part in named(node).into_iter().filter(|p| !matches!(p.kind(), "super")) {
                    ty = self.type_ref(part);
                }
                ty
            }
            "void_type" => self.b.ty(TypeExpr::Literal(compass_facts::Literal::Nothing)),
            "catch_type" | "type_bound" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.type_ref(n)).collect();
                match parts[..] {
                    [] => self.b.unknown(),
                    [only] => only,
                    _ => self.b.ty(TypeExpr::Union(parts)),
                }
            }
            _ => {
                for inner in named(node) {
                    self.type_ref(inner);
                }
                self.b.unknown()
            }
        }
    }

    /// A list of lists, so many deep.
    pub(super) fn array_of(&mut self, element: TypeId, dimensions: usize) -> TypeId {
        (0..dimensions.min(8)).fold(element, |ty, _| self.b.ty(TypeExpr::List(ty)))
    }

    /// What the plain name means as a type.
    pub(super) fn ty_type_name(&mut self, name: &str, at: compass_facts::Span) -> TypeId {
        let name = self.b.intern(name);
        let scope = self.b.place.scope;
        self.b.ty(TypeExpr::TypeName { name, scope, at: at.start })
    }

    /// `Outer.Inner`, or `a.b.C` with the package written out.
    fn scoped_type(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let (Some(first), Some(last)) = (parts.first(), parts.last()) else { return self.b.unknown() };
        let name = text(*last, self.b.text);
        let front = text(*first, self.b.text);
        if self.is_package(front) {
            return self.written_out(front, name, *last, node);
        }
        let of = self.type_ref(*first);
        self.b.add_use(name, span(*last), Role::Type, Shape::Member(of));
        self.b.ty_member(of, name)
    }

    /// By habit packages are in small letters and types are not.
    pub(super) fn is_package(&self, words: &str) -> bool {
        words.split('.').all(|w| w.trim().starts_with(|c: char| c.is_lowercase()))
    }

    /// A type whose package is written in front of it: an import on the spot.
    pub(super) fn written_out(&mut self, package: &str, name: &str, token: Node<'t>, whole: Node<'t>) -> TypeId {
        let package: String = package.split_whitespace().collect();
        let import = Import {
            kind: ImportKind::Name,
            module: self.b.intern(&package),
            name: Some(self.b.intern(name)),
            bound: None,
            scope: self.b.place.scope,
            span: span(whole),
            name_span: span(token),
            reexport: false,
            system: false,
        };
        let id = self.b.add_import(import);
        let ty = self.b.ty(TypeExpr::Import(id));
        self.b.add_use(name, span(token), Role::Type, Shape::Member(ty));
        // The use means the import itself, not a member of it.
        if let Some(last) = self.b.last_use() {
            self.b.set_shape(last, Shape::Import(id));
        }
        ty
    }
}
