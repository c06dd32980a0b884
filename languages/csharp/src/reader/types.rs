//! Types as written.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Literal, Role, Shape, Span, TypeExpr, TypeId};

/// Words of the language for types of its library.
const WORDS: [(&str, &str); 16] = [
    ("bool", "Boolean"),
    ("byte", "Byte"),
    ("char", "Char"),
    ("decimal", "Decimal"),
    ("double", "Double"),
    ("float", "Single"),
    ("int", "Int32"),
    ("long", "Int64"),
    ("nint", "IntPtr"),
    ("object", "Object"),
    ("sbyte", "SByte"),
    ("short", "Int16"),
    ("string", "String"),
    ("uint", "UInt32"),
    ("ulong", "UInt64"),
    ("ushort", "UInt16"),
];

impl<'t> Reader<'t> {
    /// The type of a value declared with the type `node`; unknown for `var`.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        let Some(ty) = self.deeper(span(node), |r| r.type_ref(node)) else { return self.b.unknown() };
        match self.b.get_ty(ty) {
            TypeExpr::List(_) | TypeExpr::Tuple(_) | TypeExpr::Literal(_) => ty,
            _ => self.b.ty_instance(ty),
        }
    }

    /// The type itself; arrays are lists of values already.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "implicit_type" => self.b.unknown(),
            "identifier" if matches!(text(node, self.b.text), "var" | "dynamic") => self.b.unknown(),
            "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, Role::Type, Shape::Plain);
                self.ty_type_name(name, at)
            }
            "predefined_type" => {
                let word = text(node, self.b.text);
                match WORDS.iter().find(|w| w.0 == word) {
                    Some((_, name)) => self.ty_type_name(name, span(node)),
                    None => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
                }
            }
            "generic_name" => self.generic_name(node, None),
            "qualified_name" | "alias_qualified_name" => self.qualified(node),
            "array_type" => {
                let element = node.child_by_field_name("type").map_or(self.b.unknown(), |n| self.value_type(n));
                self.b.ty(TypeExpr::List(element))
            }
            "nullable_type" | "pointer_type" | "ref_type" | "scoped_type" => node.child_by_field_name("type").map_or(self.b.unknown(), |n| self.type_ref(n)),
            "tuple_type" => {
                let parts: Vec<TypeId> =
                    named(node).into_iter().filter_map(|e| e.child_by_field_name("type")).collect::<Vec<_>>().into_iter().map(|t| self.value_type(t)).collect();
                self.b.ty(TypeExpr::Tuple(parts))
            }
            _ => {
                for inner in named(node) {
                    self.type_ref(inner);
                }
                self.b.unknown()
            }
        }
    }

    /// `List<Rack>`: a use of `List` with one argument.
    fn generic_name(&mut self, node: Node<'t>, of: Option<TypeId>) -> TypeId {
        let parts = named(node);
        let Some(name) = parts.first() else { return self.b.unknown() };
        let (word, at) = (text(*name, self.b.text), span(*name));
        let shape = of.map_or(Shape::Plain, Shape::Member);
        let usage = self.b.add_use(word, at, Role::Type, shape);
        let of = match of {
            Some(of) => self.b.ty_member(of, word),
            None => self.ty_type_name(word, at),
        };
        let args = self.type_arguments(node);
        self.b.set_args(usage, args.len());
        if args.is_empty() { of } else { self.b.ty_of(of, |of| TypeExpr::Generic { of, args }) }
    }

    /// The arguments of a generic name; `<,>` counts its commas.
    pub(super) fn type_arguments(&mut self, node: Node<'t>) -> Vec<TypeId> {
        let Some(list) = named(node).into_iter().find(|n| n.kind() == "type_argument_list") else { return Vec::new() };
        let written = named(list);
        if written.is_empty() {
            let commas = text(list, self.b.text).matches(',').count();
            return vec![self.b.unknown(); commas + 1];
        }
        written.into_iter().map(|t| self.value_type(t)).collect()
    }

    /// `A.B.Rack`: what stands in front is a namespace or a type.
    fn qualified(&mut self, node: Node<'t>) -> TypeId {
        let front = node.child_by_field_name("qualifier").or_else(|| node.child_by_field_name("alias"));
        let Some(name) = node.child_by_field_name("name") else { return self.b.unknown() };
        let is_global = front.is_some_and(|f| text(f, self.b.text) == "global");
        let of = match front {
            Some(front) if !is_global => Some(self.type_ref(front)),
            _ => None,
        };
        if name.kind() == "generic_name" {
            return self.generic_name(name, of);
        }
        let (word, at) = (text(name, self.b.text), span(name));
        match of {
            Some(of) => {
                self.b.add_use(word, at, Role::Type, Shape::Member(of));
                self.b.ty_member(of, word)
            }
            None => {
                self.b.add_use(word, at, Role::Type, Shape::Plain);
                self.ty_type_name(word, at)
            }
        }
    }

    /// What the plain name means as a type.
    pub(super) fn ty_type_name(&mut self, name: &str, at: Span) -> TypeId {
        let name = self.b.intern(name);
        let scope = self.b.place.scope;
        self.b.ty(TypeExpr::TypeName { name, scope, at: at.start })
    }

    /// A value of a type that the language brings along.
    pub(super) fn built_in(&mut self, name: &str, node: Node<'t>) -> TypeId {
        let of = self.ty_type_name(name, span(node));
        self.b.ty_instance(of)
    }
}
