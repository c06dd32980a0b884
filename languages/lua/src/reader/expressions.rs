//! Expressions: the uses in them, and what they evaluate to.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{DefId, Import, ImportKind, Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn expression(&mut self, node: Node<'t>, role: Role) -> TypeId {
        self.deeper(span(node), |r| r.expression_kind(node, role)).unwrap_or(self.b.unknown())
    }

    fn expression_kind(&mut self, node: Node<'t>, role: Role) -> TypeId {
        match node.kind() {
            "identifier" => {
                let (word, at) = (text(node, self.b.text), span(node));
                self.b.add_use(word, at, role, Shape::Plain);
                self.b.ty_name(word, at)
            }
            "dot_index_expression" | "method_index_expression" => {
                let parts = named(node);
                let [of, name] = parts[..] else { return self.b.unknown() };
                let owner = self.expression(of, Role::Read);
                let word = text(name, self.b.text);
                self.b.add_use(word, span(name), role, Shape::Member(owner));
                self.b.ty_member(owner, word)
            }
            "bracket_index_expression" => {
                for part in named(node) {
                    self.expression(part, Role::Read);
                }
                self.b.unknown()
            }
            "function_call" => self.call(node),
            "function_definition" => self.literal_function(node),
            "table_constructor" => {
                for field in named(node) {
                    self.field(field);
                }
                self.b.unknown()
            }
            "string" => {
                if is_text(node) {
                    let bound = self.b.kept_as(node.id());
                    self.b.text_signal(node, bound);
                }
                self.b.ty_name("string", Span::default())
            }
            "binary_expression" => self.binary(node),
            "parenthesized_expression" => named(node).into_iter().map(|n| self.expression(n, Role::Read)).last().unwrap_or(self.b.unknown()),
            "comment" => self.b.unknown(),
            _ => {
                for child in named(node) {
                    self.expression(child, Role::Read);
                }
                self.b.unknown()
            }
        }
    }

    fn binary(&mut self, node: Node<'t>) -> TypeId {
        let is_choice = node.children().any(|c| matches!(c.kind(), "or" | "and"));
        let is_text = node.children().any(|c| c.kind() == "..");
        let parts: Vec<TypeId> = named(node).into_iter().map(|n| self.expression(n, Role::Read)).collect();
        match parts[..] {
            _ if is_text => self.b.ty_name("string", Span::default()),
            [left, right] if is_choice => self.one_of(left, right),
            _ => self.b.unknown(),
        }
    }

    /// One of two values.
    pub(super) fn one_of(&mut self, yes: TypeId, no: TypeId) -> TypeId {
        let unknown = self.b.unknown();
        match (yes != unknown, no != unknown) {
            (true, true) if yes != no => self.b.ty(TypeExpr::Union(vec![yes, no])),
            (true, _) => yes,
            _ => no,
        }
    }

    fn call(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let Some(function) = parts.first().copied() else { return self.b.unknown() };
        let arguments: Vec<Node<'t>> = parts.get(1).map(|a| named(*a).into_vec()).unwrap_or_default().into_iter().filter(|n| n.kind() != "comment").collect();
        let word = text(function, self.b.text);
        let callee = self.expression(function, Role::Call);
        if word == "require"
            && let Some(import) = arguments.first().and_then(|a| self.required(*a, node))
        {
            return import;
        }
        if word == "require" && arguments.len() == 1 {
            self.b.import_at_run_time(span(node));
        }
        let args: Vec<TypeId> = arguments.iter().map(|a| self.expression(*a, Role::Pass)).collect();
        let token = if function.kind() == "identifier" { Some(function) } else { named(function).into_iter().next_back() };
        if let Some(usage) = token.and_then(|t| self.b.use_at(span(t).start)) {
            self.b.set_args(usage, args.len());
        }
        if word == "setmetatable" {
            return self.with_metatable(&arguments, &args);
        }
        self.b.ty_of(callee, |of| TypeExpr::Call { of, args })
    }

    /// `require("larder.wheel")`: what the file returns.
    fn required(&mut self, argument: Node<'t>, node: Node<'t>) -> Option<TypeId> {
        let content = named(argument).into_iter().find(|n| n.kind() == "string_content").filter(|_| argument.kind() == "string")?;
        let module = text(content, self.b.text);
        let import = Import {
            kind: ImportKind::Module,
            module: self.b.intern(module),
            name: None,
            bound: None,
            scope: self.b.place.scope,
            span: span(node),
            name_span: span(content),
            reexport: false,
            system: false,
        };
        let id = self.b.add_import(import);
        self.b.add_use(module, span(content), Role::Import, Shape::Import(id));
        Some(self.b.ty(TypeExpr::Import(id)))
    }

    /// `setmetatable({}, M)`, `setmetatable(M, { __index = Base })`.
    fn with_metatable(&mut self, arguments: &[Node<'t>], args: &[TypeId]) -> TypeId {
        let (Some(table), Some(meta)) = (arguments.first().copied(), arguments.get(1).copied()) else { return self.b.unknown() };
        let behind = self.index_of(meta);
        if let (Some(def), Some(base)) = (self.table_of(table), behind) {
            let base = self.quiet_name(base);
            self.b.add_base(def, base);
            self.scope_of(def, table);
            return args.first().copied().unwrap_or(self.b.unknown());
        }
        behind.map_or(self.b.unknown(), |b| self.quiet_name(b))
    }

    /// What is asked where a table has not a member: the metatable itself, or its `__index`.
    fn index_of(&self, meta: Node<'t>) -> Option<Node<'t>> {
        match meta.kind() {
            "identifier" | "dot_index_expression" => Some(meta),
            "table_constructor" => {
                let field = named(meta).into_iter().find(|f| named(*f).first().is_some_and(|n| text(*n, self.b.text) == "__index"))?;
                named(field).into_iter().nth(1).filter(|v| matches!(v.kind(), "identifier" | "dot_index_expression"))
            }
            _ => None,
        }
    }

    /// The type of a path of names that was read before.
    fn quiet_name(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "identifier" => self.b.ty_name(text(node, self.b.text), span(node)),
            _ => {
                let parts = named(node);
                let [of, name] = parts[..] else { return self.b.unknown() };
                let of = self.quiet_name(of);
                self.b.ty_member(of, text(name, self.b.text))
            }
        }
    }

    /// The table behind `setmetatable({}, M)`.
    pub(super) fn metatable_of(&mut self, value: Node<'t>) -> Option<DefId> {
        if value.kind() != "function_call" {
            return None;
        }
        let parts = named(value);
        let (function, arguments) = (parts.first().copied()?, parts.get(1).copied()?);
        if text(function, self.b.text) != "setmetatable" {
            return None;
        }
        let meta = named(arguments).into_iter().nth(1)?;
        let behind = self.index_of(meta)?;
        self.table_of(behind)
    }

    /// `class("Rack", Base)`, `Base:extend()`: by habit a table with what stands in the arguments behind it.
    pub(super) fn is_class(&mut self, value: Node<'t>, def: DefId) -> bool {
        let parts = named(value);
        let Some(function) = parts.first().filter(|_| value.kind() == "function_call") else { return false };
        let token = if function.kind() == "identifier" { Some(*function) } else { named(*function).into_iter().next_back() };
        let word = token.map_or("", |t| text(t, self.b.text));
        if !matches!(word, "class" | "extend" | "inherit" | "subclass") {
            return false;
        }
        let mut bases: Vec<Node<'t>> = parts.get(1).map(|a| named(*a).into_vec()).unwrap_or_default();
        if function.kind() == "method_index_expression" {
            bases.extend(named(*function).into_iter().next());
        }
        for base in bases.into_iter().filter(|b| matches!(b.kind(), "identifier" | "dot_index_expression")) {
            let ty = self.quiet_name(base);
            self.b.add_base(def, ty);
        }
        self.scope_of(def, value);
        true
    }

    /// `setmetatable({}, { __index = Base })`: a table of its own with another one behind it.
    pub(super) fn is_derived(&mut self, value: Node<'t>, def: DefId) -> bool {
        let parts = named(value);
        let arguments: Vec<Node<'t>> = parts.get(1).filter(|_| value.kind() == "function_call").map(|a| named(*a).into_vec()).unwrap_or_default();
        let [table, meta] = arguments[..] else { return false };
        let is_made = parts.first().is_some_and(|f| text(*f, self.b.text) == "setmetatable") && table.kind() == "table_constructor";
        let Some(base) = self.index_of(meta).filter(|_| is_made && meta.kind() == "table_constructor") else { return false };
        let base = self.quiet_name(base);
        self.b.add_base(def, base);
        self.table(table, def);
        true
    }

    /// A table that something holds: its fields are members.
    pub(super) fn table(&mut self, node: Node<'t>, def: DefId) {
        let scope = self.scope_of(def, node);
        for field in named(node).into_iter().filter(|n| n.kind() == "field") {
            let parts = named(field);
            match parts[..] {
                [key, value] if key.kind() == "identifier" && !text(field, self.b.text).starts_with('[') => {
                    let kind = if value.kind() == "function_definition" { Kind::Method } else { Kind::Field };
                    let mut new = NewDefinition::new(text(key, self.b.text), kind, span(key), span(field));
                    new.doc = self.doc(field);
                    let member = self.b.define_in(scope, new);
                    match value.kind() {
                        "function_definition" => self.function_body(value, member, None),
                        "table_constructor" => self.table(value, member),
                        _ => {
                            let ty = self.expression(value, Role::Read);
                            let unknown = self.b.unknown();
                            self.b.def_mut(member).ty = Some(ty).filter(|t| *t != unknown);
                        }
                    }
                }
                _ => self.field(field),
            }
        }
    }

    fn field(&mut self, field: Node<'t>) {
        let parts = named(field);
        let is_named = parts.len() == 2 && parts[0].kind() == "identifier" && !text(field, self.b.text).starts_with('[');
        for part in parts.into_iter().skip(usize::from(is_named)) {
            self.expression(part, Role::Read);
        }
    }

    fn literal_function(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        let outer = std::mem::take(&mut self.returns);
        for parameter in named(node).into_iter().filter(|n| n.kind() == "parameters").flat_map(named).filter(|n| n.kind() == "identifier") {
            self.b.define(NewDefinition::new(text(parameter, self.b.text), Kind::Parameter, span(parameter), span(parameter)));
        }
        for body in named(node).into_iter().filter(|n| n.kind() == "block") {
            self.nested_block(body);
        }
        let returns = std::mem::replace(&mut self.returns, outer);
        let result = returns.into_iter().fold(self.b.unknown(), |a, b| self.one_of(a, b));
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result })
    }
}
