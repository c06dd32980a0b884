//! Annotations: `list[Rack]`, `Optional["Rack"]`, `Rack | None`, read as the type of the annotated value.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{Nodes, find_child, named, span, text};
use compass_facts::{Role, Shape, Span, TypeExpr, TypeId};

/// Generic names of the standard library whose argument is what one goes through.
const SEQUENCES: [&str; 20] = [
    "List",
    "list",
    "Sequence",
    "Iterable",
    "Iterator",
    "Set",
    "set",
    "FrozenSet",
    "frozenset",
    "Tuple",
    "tuple",
    "Collection",
    "Deque",
    "deque",
    "Generator",
    "AsyncIterator",
    "AsyncIterable",
    "AsyncGenerator",
    "MutableSequence",
    "KeysView",
];
const MAPS: [&str; 8] = ["Dict", "dict", "Mapping", "MutableMapping", "DefaultDict", "defaultdict", "OrderedDict", "ValuesView"];
const WRAPPERS: [&str; 7] = ["Optional", "Annotated", "Final", "ClassVar", "Required", "NotRequired", "ReadOnly"];

impl<'t> Reader<'t> {
    /// The type of a value annotated with `node`.
    pub(super) fn annotation(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type" | "parenthesized_expression" => match named(node).first() {
                Some(inner) => self.annotation(*inner),
                None => self.b.unknown(),
            },
            "none" => self.b.ty(TypeExpr::Literal(compass_facts::Literal::Nothing)),
            "string" => self.quoted(node),
            "union_type" | "binary_operator" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.annotation(n)).collect();
                self.b.ty(TypeExpr::Union(parts))
            }
            "generic_type" => {
                let parts = named(node);
                let arguments = find_child(node, "type_parameter").map(named).unwrap_or_default();
                match parts.first() {
                    Some(head) => self.generic(*head, arguments),
                    None => self.b.unknown(),
                }
            }
            "subscript" => {
                let arguments: Nodes = node.children_by_field_name("subscript").collect();
                match node.child_by_field_name("value") {
                    Some(head) => self.generic(head, arguments),
                    None => self.b.unknown(),
                }
            }
            _ => {
                let ty = self.expression(node, Role::Type);
                self.b.ty_instance(ty)
            }
        }
    }

    /// A class to derive from: `Rack`, `Holder[Wheel]`.
    pub(super) fn base(&mut self, node: Node<'t>) -> TypeId {
        let Some(head) = node.child_by_field_name("value").filter(|_| node.kind() == "subscript") else { return self.expression(node, Role::Type) };
        let of = self.expression(head, Role::Type);
        let args: Vec<TypeId> = node.children_by_field_name("subscript").map(|a| self.annotation(a)).collect();
        self.b.ty_of(of, |of| TypeExpr::Generic { of, args })
    }

    fn generic(&mut self, head: Node<'t>, arguments: Nodes<'t>) -> TypeId {
        let word = text(head, self.b.text).rsplit('.').next().unwrap_or("");
        let base = self.expression(head, Role::Type);
        if word == "Literal" {
            return self.b.unknown();
        }
        let values: Vec<TypeId> = arguments.iter().map(|a| self.annotation(*a)).collect();
        let first = values.first().copied().unwrap_or(self.b.unknown());
        match word {
            "Type" | "type" => match self.b.get_ty(first).clone() {
                TypeExpr::Instance(inner) => inner,
                _ => self.b.unknown(),
            },
            "Union" => self.b.ty(TypeExpr::Union(values)),
            "Callable" => {
                let result = values.last().copied().unwrap_or(first);
                self.b.ty(TypeExpr::Function { result })
            }
            "Tuple" | "tuple" if values.len() > 1 => self.b.ty(TypeExpr::Tuple(values)),
            w if WRAPPERS.contains(&w) => first,
            w if SEQUENCES.contains(&w) => self.b.ty(TypeExpr::List(first)),
            w if MAPS.contains(&w) => {
                let value = values.last().copied().unwrap_or(first);
                self.b.ty(TypeExpr::Map(value))
            }
            _ => {
                let of = self.b.ty(TypeExpr::Generic { of: base, args: values });
                self.b.ty_instance(of)
            }
        }
    }

    /// A name or dotted name in quotes, for types defined further down.
    fn quoted(&mut self, node: Node<'t>) -> TypeId {
        let Some(content) = find_child(node, "string_content") else { return self.b.unknown() };
        let (whole, at) = (text(content, self.b.text), span(content));
        let is_dotted = !whole.is_empty() && whole.chars().all(|c| c.is_alphanumeric() || c == '_' || c == '.');
        if !is_dotted {
            return self.quoted_words(at);
        }
        let mut ty: Option<TypeId> = None;
        let mut start = at.start as usize;
        for part in whole.split('.') {
            let place = Span::new(start, start + part.len());
            start += part.len() + 1;
            ty = Some(match ty {
                None => {
                    self.b.add_use(part, place, Role::Type, Shape::Plain);
                    self.b.ty_name(part, place)
                }
                Some(of) => {
                    self.b.add_use(part, place, Role::Type, Shape::Member(of));
                    self.b.ty_member(of, part)
                }
            });
        }
        let ty = ty.unwrap_or(self.b.unknown());
        self.b.ty_instance(ty)
    }

    /// A longer expression in quotes: its names count as uses; its last plain name stands for the type.
    fn quoted_words(&mut self, range: Span) -> TypeId {
        let mut last = self.b.unknown();
        for word in compass_facts::reading::tree::words(self.b.text, range) {
            if word.before == b'.' || word.text == "None" {
                continue;
            }
            self.b.add_use(word.text, word.span, Role::Type, Shape::Plain);
            last = self.b.ty_name(word.text, word.span);
        }
        self.b.ty_instance(last)
    }
}
