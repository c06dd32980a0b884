//! Names: what they are in whole, by the namespace around and by `use`.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{has_child, named, span, text};
use compass_facts::{Import, ImportId, ImportKind, Literal, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// `namespace A\B;`, or in braces.
    pub(super) fn namespace(&mut self, node: Node<'t>) {
        let name = node.child_by_field_name("name");
        self.namespace = name.map_or(String::new(), |n| text(n, self.b.text).to_owned());
        self.aliases.clear();
        self.functions.clear();
        let body = node.child_by_field_name("body");
        let around = match body {
            Some(body) => span(body),
            None => Span { start: span(node).start, end: self.b.text.len() as u32 },
        };
        let saved = self.b.enter(ScopeKind::Module, around, None);
        let token = name.unwrap_or(node);
        let import = Import { kind: ImportKind::Within, module: self.b.intern(&self.namespace.clone()), ..self.plain_import(span(node), span(token)) };
        self.b.add_import(import);
        let outer = std::mem::replace(&mut self.variables, self.b.place.scope);
        if let Some(body) = body {
            self.block(body);
            self.variables = outer;
            self.b.leave(saved);
            self.namespace.clear();
        }
    }

    fn plain_import(&mut self, whole: Span, token: Span) -> Import {
        let module = self.b.intern("");
        Import {
            kind: ImportKind::Name,
            module,
            name: None,
            bound: None,
            scope: self.b.place.scope,
            span: whole,
            name_span: token,
            reexport: false,
            system: false,
        }
    }

    /// `use A\B;`, `use A\B as C;`, `use function A\f;`, `use A\{B, C};`.
    pub(super) fn uses(&mut self, node: Node<'t>) {
        let what = node.child_by_field_name("type").map_or("", |t| text(t, self.b.text));
        let group = node.child_by_field_name("body");
        let prefix = group.and_then(|_| named(node).into_iter().find(|n| n.kind() == "namespace_name"));
        let prefix = prefix.map_or(String::new(), |n| format!("{}\\", text(n, self.b.text)));
        let clauses = group.map_or_else(|| named(node), named);
        for clause in clauses.into_iter().filter(|n| n.kind() == "namespace_use_clause") {
            let what = clause.child_by_field_name("type").map_or(what, |t| text(t, self.b.text));
            self.use_clause(clause, &prefix, what);
        }
    }

    fn use_clause(&mut self, clause: Node<'t>, prefix: &str, what: &str) {
        let alias = clause.child_by_field_name("alias");
        let Some(path) = named(clause).into_iter().find(|n| alias.is_none_or(|a| a.id() != n.id())) else { return };
        let written = text(path, self.b.text).trim_start_matches('\\');
        let whole = format!("{prefix}{written}");
        let token = last(path);
        let word = alias.map_or(text(token, self.b.text), |a| text(a, self.b.text)).to_lowercase();
        let id = self.import_of(&whole, what, span(clause), span(token));
        self.b.add_use(text(token, self.b.text), span(token), Role::Import, Shape::Import(id));
        if what.is_empty() {
            self.whole.entry(whole.clone()).or_insert(id);
            self.aliases.insert(word, whole);
        } else {
            self.functions.insert(format!("{what} {word}"), whole);
        }
    }

    /// An import of a whole name. What it is of, a function or a constant, stands with it.
    fn import_of(&mut self, whole: &str, what: &str, at: Span, token: Span) -> ImportId {
        let (space, name) = whole.rsplit_once('\\').unwrap_or(("", whole));
        let (module, name) = (self.b.intern(space), self.b.intern(name));
        let import = Import { module, name: Some(name), system: what == "function", reexport: what == "const", ..self.plain_import(at, token) };
        self.b.add_import(import)
    }

    /// What a variable of a file holds, whichever file gives it a value.
    pub(super) fn global(&mut self, name: Node<'t>) -> TypeId {
        let (word, at) = (text(name, self.b.text), span(name));
        if let Some(own) = self.b.find_in(compass_facts::ScopeId::FILE, word) {
            return self.b.ty(TypeExpr::Def(own));
        }
        let id = self.import_of(word, "", at, at);
        self.b.ty(TypeExpr::Import(id))
    }

    /// The import of a class by its whole name, made once.
    pub(super) fn class_import(&mut self, whole: &str, token: Span) -> ImportId {
        if let Some(known) = self.whole.get(whole) {
            return *known;
        }
        let id = self.import_of(whole, "", token, token);
        self.whole.insert(whole.to_owned(), id);
        id
    }

    /// The whole name of a class, as the language has it.
    pub(super) fn whole_name(&self, written: &str) -> String {
        if let Some(absolute) = written.strip_prefix('\\') {
            return absolute.to_owned();
        }
        let (first, rest) = written.split_once('\\').map_or((written, None), |(f, r)| (f, Some(r)));
        let below = |front: &str, rest: Option<&str>| match rest {
            Some(rest) if front.is_empty() => rest.to_owned(),
            Some(rest) => format!("{front}\\{rest}"),
            None => front.to_owned(),
        };
        if first.eq_ignore_ascii_case("namespace") && rest.is_some() {
            return below(&self.namespace, rest);
        }
        match self.aliases.get(&first.to_lowercase()) {
            Some(front) => below(front, rest),
            None => below(&self.namespace, Some(written)),
        }
    }

    /// The whole name of a function or constant that `use` binds, or that is written with its namespace.
    pub(super) fn whole_function(&self, written: &str, what: &str) -> Option<String> {
        if written.contains('\\') {
            return Some(self.whole_name(written));
        }
        self.functions.get(&format!("{what} {}", written.to_lowercase())).cloned()
    }

    /// A use of a function or constant: by its whole name where that is known, else by its plain name.
    pub(super) fn function_use(&mut self, node: Node<'t>, role: Role, what: &str) -> TypeId {
        let token = last(node);
        let (word, at) = (text(token, self.b.text), span(token));
        match self.whole_function(text(node, self.b.text), what) {
            Some(whole) => {
                let id = self.import_of(&whole, what, at, at);
                self.b.add_use(word, at, role, Shape::Import(id));
                self.b.ty(TypeExpr::Import(id))
            }
            None => {
                self.b.add_use(word, at, role, Shape::Plain);
                self.b.ty_name(word, at)
            }
        }
    }

    /// A class by its name; `self`, `static` and `parent` are those around.
    pub(super) fn class_ref(&mut self, node: Node<'t>, role: Role) -> TypeId {
        let written = text(node, self.b.text);
        match (written.to_ascii_lowercase().as_str(), self.class) {
            ("self" | "static", Some(scope)) => return self.b.ty(TypeExpr::ReceiverType(scope)),
            ("parent", Some(scope)) => return self.b.ty(TypeExpr::Super(scope)),
            _ => {}
        }
        let token = last(node);
        let whole = self.whole_name(written);
        let id = self.class_import(&whole, span(token));
        self.b.add_use(text(token, self.b.text), span(token), role, Shape::Import(id));
        self.b.ty(TypeExpr::Import(id))
    }

    /// A type that is declared: of a parameter, a property, a result.
    pub(super) fn hint(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "name" | "qualified_name" | "relative_name" | "relative_scope" => {
                let is_own = matches!(text(node, self.b.text).to_ascii_lowercase().as_str(), "self" | "static");
                let of = self.class_ref(node, Role::Type);
                match self.class.filter(|_| is_own) {
                    Some(scope) => self.b.ty(TypeExpr::Receiver(scope)),
                    None => self.b.ty_instance(of),
                }
            }
            "named_type" | "optional_type" | "disjunctive_normal_form_type" | "intersection_type" | "union_type" | "type_list" => {
                let mut parts: Vec<TypeId> = named(node).into_iter().map(|n| self.hint(n)).collect();
                parts.retain(|t| *t != self.b.unknown() && !matches!(self.b.get_ty(*t), TypeExpr::Literal(Literal::Nothing)));
                match parts[..] {
                    [] => self.b.unknown(),
                    [only] => only,
                    _ => self.b.ty(TypeExpr::Union(parts)),
                }
            }
            "primitive_type" | "bottom_type" => match text(node, self.b.text).to_ascii_lowercase().as_str() {
                "string" => self.b.ty(TypeExpr::Literal(Literal::Text)),
                "int" | "float" => self.b.ty(TypeExpr::Literal(Literal::Number)),
                "bool" | "false" | "true" => self.b.ty(TypeExpr::Literal(Literal::Bool)),
                "void" | "null" | "never" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
                "static" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Receiver(scope))),
                _ => self.b.unknown(),
            },
            _ => self.b.unknown(),
        }
    }
}

/// The last name of a path.
pub(super) fn last(node: Node<'_>) -> Node<'_> {
    match node.kind() {
        "qualified_name" | "relative_name" | "namespace_name" => named(node).into_iter().rfind(|n| n.kind() == "name").unwrap_or(node),
        _ => node,
    }
}

/// Is a member one of the class itself?
pub(super) fn is_static(node: Node) -> bool {
    has_child(node, "static_modifier")
}
