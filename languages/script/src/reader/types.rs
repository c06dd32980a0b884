//! Types as written: as themselves, and as the types of values declared with them.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{DefId, Kind, Literal, Role, ScopeKind, Shape, TypeExpr, TypeId};

/// The language's types that are made of types.
const OF_TYPES: [&str; 11] = ["Partial", "Required", "Readonly", "Pick", "Omit", "NonNullable", "Exclude", "Extract", "Awaited", "ReturnType", "InstanceType"];

/// Which of these the file declares or brings in under their name itself.
pub(super) fn own_names<'t>(root: Node<'t>, source: &'t str) -> Vec<&'t str> {
    let mut out = Vec::new();
    let mut open = named(root);
    while let Some(node) = open.pop() {
        match node.kind() {
            "export_statement" | "ambient_declaration" | "import_statement" | "import_clause" | "named_imports" => open.extend(named(node)),
            "type_alias_declaration" | "interface_declaration" | "class_declaration" | "abstract_class_declaration" => {
                out.extend(node.child_by_field_name("name").map(|n| text(n, source)));
            }
            "import_specifier" => out.extend(node.child_by_field_name("alias").or(node.child_by_field_name("name")).map(|n| text(n, source))),
            _ => {}
        }
    }
    out.retain(|name| OF_TYPES.contains(name));
    out
}

impl<'t> Reader<'t> {
    /// The type of a value declared with the type `node`.
    pub(super) fn value_type(&mut self, node: Node<'t>) -> TypeId {
        self.deeper(span(node), |r| r.value_type_kind(node)).unwrap_or(self.b.unknown())
    }

    fn value_type_kind(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_annotation"
            | "opting_type_annotation"
            | "omitting_type_annotation"
            | "adding_type_annotation"
            | "parenthesized_type"
            | "optional_type"
            | "rest_type"
            | "constraint"
            | "default_type"
            | "asserts_annotation"
            | "type_predicate_annotation" => named(node).into_iter().map(|n| self.value_type(n)).last().unwrap_or(self.b.unknown()),
            "predefined_type" => match text(node, self.b.text) {
                "string" => self.b.ty(TypeExpr::Literal(Literal::Text)),
                "number" | "bigint" => self.b.ty(TypeExpr::Literal(Literal::Number)),
                "boolean" => self.b.ty(TypeExpr::Literal(Literal::Bool)),
                "void" | "never" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
                _ => self.b.unknown(),
            },
            "readonly_type" => {
                let inner = named(node).first().map_or(self.b.unknown(), |n| self.value_type(*n));
                // A list that nobody may change is a type of its own, though nobody writes its name.
                let TypeExpr::List(element) = *self.b.get_ty(inner) else { return inner };
                let of = self.b.ty_name("ReadonlyArray", span(node));
                let list = self.b.ty_of(of, |of| TypeExpr::Generic { of, args: vec![element] });
                self.b.ty_instance(list)
            }
            "array_type" => {
                let element = named(node).first().map_or(self.b.unknown(), |n| self.value_type(*n));
                self.b.ty(TypeExpr::List(element))
            }
            "tuple_type" => {
                let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.value_type(n)).collect();
                self.b.ty(TypeExpr::Tuple(parts))
            }
            "union_type" | "intersection_type" => {
                let mut parts: Vec<TypeId> = named(node).into_iter().map(|n| self.value_type(n)).collect();
                parts.retain(|t| *t != self.b.unknown());
                match parts[..] {
                    [] => self.b.unknown(),
                    [only] => only,
                    _ => self.b.ty(TypeExpr::Union(parts)),
                }
            }
            "object_type" => match self.mapped_object(node) {
                Some(of) => of,
                None => self.object_type(node),
            },
            "function_type" | "constructor_type" => {
                let result = self.function_body(node, None);
                let parameters = std::mem::take(&mut self.taken);
                self.b.ty(TypeExpr::Signature { parameters, result })
            }
            "type_query" => named(node).first().map_or(self.b.unknown(), |n| self.expression(*n, Role::Ref)),
            "literal_type" => self.exactly(node),
            "this_type" => match self.class {
                Some(scope) => self.b.ty(TypeExpr::Receiver(scope)),
                None => self.b.unknown(),
            },
            "type_identifier" | "nested_type_identifier" | "generic_type" | "identifier" => {
                let ty = self.type_ref(node);
                if matches!(self.b.get_ty(ty), TypeExpr::List(_) | TypeExpr::Map(_)) { ty } else { self.b.ty_instance(ty) }
            }
            // What the function says of its argument stands behind the answer.
            "type_predicate" => {
                let said = node.child_by_field_name("type").map(|t| self.value_type(t)).filter(|t| *t != self.b.unknown() && self.is_of_first(node));
                let of = self.b.ty(TypeExpr::Literal(Literal::Bool));
                match said {
                    Some(said) => self.b.ty(TypeExpr::Generic { of, args: vec![said] }),
                    None => of,
                }
            }
            "type_arguments" => {
                self.type_arguments(node);
                self.b.unknown()
            }
            // `import("./x").Name`.
            "member_expression" => {
                let of = self.expression(node, Role::Type);
                self.b.ty_instance(of)
            }
            "conditional_type" => self.conditional(node),
            "lookup_type" => self.lookup(node),
            "infer_type" => {
                let parts = named(node);
                // The name holds in the whole, also where it stands among the parameters of a function.
                let here = self.b.place.scope;
                self.b.place.scope = self.conditional_in.unwrap_or(here);
                let def = parts.first().map(|name| self.type_name(*name, node));
                self.b.place.scope = here;
                parts.into_iter().skip(1).for_each(|constraint| {
                    self.value_type(constraint);
                });
                def.map_or(self.b.unknown(), |def| self.b.ty(TypeExpr::Def(def)))
            }
            _ => {
                for inner in named(node) {
                    self.value_type(inner);
                }
                self.b.unknown()
            }
        }
    }

    /// An object type in place has members but no name: they hang on an unnamed alias.
    fn object_type(&mut self, node: Node<'t>) -> TypeId {
        let at = super::functions::start_of(node);
        let new = compass_facts::reading::NewDefinition::new("", Kind::Alias, at, span(node));
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.b.place.container = saved.container;
        self.members_of_type(Some(node));
        self.b.leave(saved);
        let of = self.b.ty(TypeExpr::Def(def));
        self.b.ty_instance(of)
    }

    /// Does `x is Rack` say something of the first parameter?
    fn is_of_first(&self, predicate: Node<'t>) -> bool {
        let parents = std::iter::successors(predicate.parent(), |n| n.parent());
        let parameters = parents.take(4).find_map(|n| n.child_by_field_name("parameters"));
        let first = parameters.and_then(|p| named(p).first().and_then(|f| f.child_by_field_name("pattern")));
        let name = predicate.child_by_field_name("name");
        matches!((first, name), (Some(first), Some(name)) if text(first, self.b.text) == text(name, self.b.text))
    }

    /// A type whose values are told one by one, which may also be missing: `kind?: "round"`.
    pub(super) fn or_nothing(&mut self, ty: TypeId) -> TypeId {
        let is_one = |r: &Self, ty: TypeId| matches!(r.b.get_ty(ty), TypeExpr::Exactly { .. } | TypeExpr::Instance(_));
        let tells = match self.b.get_ty(ty) {
            TypeExpr::Union(parts) => parts.clone().into_iter().any(|p| is_one(self, p)),
            _ => is_one(self, ty),
        };
        if !tells {
            return ty;
        }
        let nothing = self.b.ty(TypeExpr::Literal(Literal::Nothing));
        self.b.ty(TypeExpr::Union(vec![ty, nothing]))
    }

    /// `"round"`, `3`, `true` as a type.
    fn exactly(&mut self, node: Node<'t>) -> TypeId {
        let Some(value) = named(node).first().copied() else { return self.b.unknown() };
        let of = match value.kind() {
            "string" => Literal::Text,
            "number" | "unary_expression" => Literal::Number,
            "true" | "false" => Literal::Bool,
            "null" | "undefined" => return self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            _ => return self.b.unknown(),
        };
        match self.key_of(value) {
            Some(key) => {
                let key = self.b.intern(&key);
                self.b.ty(TypeExpr::Exactly { of, key })
            }
            None => self.b.ty(TypeExpr::Literal(of)),
        }
    }

    /// A name for a type that is bound on the spot.
    pub(super) fn type_name(&mut self, name: Node<'t>, whole: Node<'t>) -> DefId {
        let new = compass_facts::reading::NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(whole));
        self.b.define(new)
    }

    /// The type itself.
    pub(super) fn type_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, Role::Type, Shape::Plain);
                self.b.ty_name(name, at)
            }
            "nested_type_identifier" | "nested_identifier" => {
                let module = node.child_by_field_name("module").or_else(|| node.child_by_field_name("object"));
                let of = module.map_or(self.b.unknown(), |m| self.module_ref(m));
                let name = node.child_by_field_name("name").or_else(|| node.child_by_field_name("property"));
                let Some(name) = name else { return of };
                let word = text(name, self.b.text);
                self.b.add_use(word, span(name), Role::Type, Shape::Member(of));
                self.b.ty_member(of, word)
            }
            "generic_type" => {
                let name = node.child_by_field_name("name");
                let of = name.map_or(self.b.unknown(), |n| self.type_ref(n));
                let args = node.child_by_field_name("type_arguments").map(|a| self.type_arguments(a)).unwrap_or_default();
                let first = args.first().copied().unwrap_or(self.b.unknown());
                match name.map_or("", |n| text(n, self.b.text)) {
                    own if self.own_types.contains(&own) => self.b.ty_of(of, |of| TypeExpr::Generic { of, args }),
                    "Array" => self.b.ty(TypeExpr::List(first)),
                    "Map" | "ReadonlyMap" | "Record" | "WeakMap" => {
                        let value = args.last().copied().unwrap_or(first);
                        self.b.ty(TypeExpr::Map(value))
                    }
                    // What is made of a type by these has its members, or some of them.
                    "Partial" | "Required" | "Readonly" | "Pick" | "Omit" | "NonNullable" | "Exclude" | "Extract" if !args.is_empty() => first,
                    "Awaited" if !args.is_empty() => self.b.ty(TypeExpr::Await(first)),
                    "ReturnType" | "InstanceType" if !args.is_empty() => self.b.ty(TypeExpr::Call { of: first, args: Vec::new() }),
                    _ => self.b.ty_of(of, |of| TypeExpr::Generic { of, args }),
                }
            }
            "member_expression" => self.expression(node, Role::Type),
            _ => self.value_type(node),
        }
    }

    fn module_ref(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "identifier" => {
                let (name, at) = (text(node, self.b.text), span(node));
                self.b.add_use(name, at, Role::Ref, Shape::Plain);
                self.b.ty_name(name, at)
            }
            _ => self.type_ref(node),
        }
    }

    pub(super) fn type_arguments(&mut self, node: Node<'t>) -> Vec<TypeId> {
        named(node).into_iter().map(|n| self.value_type(n)).collect()
    }
}
