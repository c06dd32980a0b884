//! Lua: one walk over the tree of the generic grammar.
//!
//! A variable that holds a table is a definition with the scope of its members; what `self` or a table made with a metatable stands for is told
//! by the table behind it. What a file returns is a variable without a place, [`RETURNED`].

mod expressions;

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::ModelTable;
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{comment_before, named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, Flags, GapCause, Kind, Role, ScopeId, ScopeKind, Span, TypeExpr, TypeId};
use rustc_hash::{FxHashMap, FxHashSet};

/// The variable that stands for what a file returns.
pub(crate) const RETURNED: &str = "<returned>";

/// Reads a file.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b, tables: FxHashMap::default(), stands_for: FxHashMap::default(), announced: FxHashSet::default(), returns: Vec::new() };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &[],
    adders: &["insert"],
    copies: &[],
    invokers: &[],
    by_name: &[],
    own: &["self"],
    loaders: &["require", "dofile", "loadfile"],
    formats: &["format"],
    same_text: &["lower"],
    full_names: None,
    signals: true,
    models: &ModelTable::NONE,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// The scopes of tables by what holds them.
    tables: FxHashMap<DefId, ScopeId>,
    /// Variables whose members are those of another table: `self`, what has a metatable.
    stands_for: FxHashMap<DefId, DefId>,
    /// Variables that have no value yet.
    announced: FxHashSet<DefId>,
    /// Types of what `return` gives in the function around.
    returns: Vec<TypeId>,
}

impl Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: Refusal, at: Span) {
        self.b.refused(why, at);
    }
}

impl<'t> Reader<'t> {
    fn block(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.statement(child);
        }
    }

    fn nested_block(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        self.block(node);
        self.b.leave(saved);
    }

    fn statement(&mut self, node: Node<'t>) {
        self.deeper(span(node), |r| r.statement_kind(node));
    }

    fn statement_kind(&mut self, node: Node<'t>) {
        match node.kind() {
            "variable_declaration" => self.declaration(node),
            "assignment_statement" => self.assignment(node, false),
            "function_declaration" => self.function(node),
            "return_statement" => self.returned(node),
            "for_statement" => self.for_each(node),
            "block" | "do_statement" | "while_statement" | "if_statement" | "elseif_statement" | "else_statement" => self.parts(node),
            "repeat_statement" => {
                // The test sees what the block declares.
                let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
                for part in named(node) {
                    if part.kind() == "block" {
                        self.block(part);
                    } else {
                        self.expression(part, Role::Read);
                    }
                }
                self.b.leave(saved);
            }
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "comment" | "hash_bang_line" | "goto_statement" | "label_statement" | "break_statement" | "empty_statement" => {}
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    fn parts(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "block" => self.nested_block(part),
                kind if kind.ends_with("_statement") => self.statement(part),
                _ => {
                    self.expression(part, Role::Read);
                }
            }
        }
    }

    fn doc(&self, node: Node<'t>) -> Option<Span> {
        comment_before(node, self.b.text, |c| c.starts_with("--"))
    }

    /// `local M = {}`, `local a, b`.
    fn declaration(&mut self, node: Node<'t>) {
        for part in named(node) {
            match part.kind() {
                "assignment_statement" => self.assignment(part, true),
                "variable_list" => {
                    for name in named(part).into_iter().filter(|n| n.kind() == "identifier") {
                        let def = self.local(name, None, node);
                        self.announced.insert(def);
                    }
                }
                "identifier" => {
                    let def = self.local(part, None, node);
                    self.announced.insert(def);
                }
                _ => {}
            }
        }
    }

    fn local(&mut self, name: Node<'t>, ty: Option<TypeId>, whole: Node<'t>) -> DefId {
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(whole));
        new.ty = ty.filter(|t| *t != self.b.unknown());
        new.flags = Flags::PRIVATE;
        new.doc = self.doc(whole);
        let def = self.b.define(new);
        self.b.def_mut(def).visible_from = span(whole).end;
        def
    }

    fn assignment(&mut self, node: Node<'t>, is_local: bool) {
        let parts = named(node);
        let names: Vec<Node<'t>> = parts.iter().filter(|p| p.kind() == "variable_list").flat_map(|p| named(*p)).filter(|n| n.kind() != "attribute").collect();
        let values: Vec<Node<'t>> = parts.iter().filter(|p| p.kind() == "expression_list").flat_map(|p| named(*p)).filter(|n| n.kind() != "comment").collect();
        for (i, name) in names.iter().enumerate() {
            self.assign(*name, values.get(i).copied(), node, is_local);
        }
        for value in values.iter().skip(names.len()) {
            self.expression(*value, Role::Read);
        }
    }

    /// Gives a name a value: a table or function becomes what the name stands for.
    fn assign(&mut self, name: Node<'t>, value: Option<Node<'t>>, whole: Node<'t>, is_local: bool) {
        let Some(value) = value else {
            self.holder(name, Kind::Variable, whole, is_local);
            return;
        };
        let kind = if value.kind() == "function_definition" { Kind::Function } else { Kind::Variable };
        if matches!(value.kind(), "function_definition" | "table_constructor") {
            match (self.holder(name, kind, whole, is_local), value.kind()) {
                (Some(def), "function_definition") => self.function_body(value, def, None),
                (Some(def), _) => self.table(value, def),
                (None, _) => {
                    self.expression(value, Role::Read);
                }
            }
            return;
        }
        let told = self.expression(value, Role::Read);
        let behind = self.metatable_of(value);
        let Some(def) = self.holder(name, Kind::Variable, whole, is_local) else { return };
        if let Some(behind) = behind {
            self.stands_for.insert(def, behind);
        }
        if self.is_class(value, def) || self.is_derived(value, def) {
            self.stands_for.remove(&def);
            return;
        }
        let unknown = self.b.unknown();
        let d = self.b.def_mut(def);
        d.ty = d.ty.or(Some(told).filter(|t| *t != unknown));
    }

    /// What a name that is given a value defines; nothing where that is there already and only gets another value.
    fn holder(&mut self, name: Node<'t>, kind: Kind, whole: Node<'t>, is_local: bool) -> Option<DefId> {
        let word = text(name, self.b.text);
        match name.kind() {
            "identifier" if is_local => {
                let def = self.local(name, None, whole);
                self.b.def_mut(def).kind = kind;
                Some(def)
            }
            "identifier" => {
                if let Some(def) = self.found(word) {
                    return self.given_later(def, name, kind, whole);
                }
                let mut new = NewDefinition::new(word, kind, span(name), span(whole));
                new.doc = self.doc(whole);
                Some(self.b.define_in(ScopeId::FILE, new))
            }
            "dot_index_expression" => self.member(name, kind, whole),
            _ => {
                self.expression(name, Role::Write);
                None
            }
        }
    }

    /// A variable that was only announced so far is defined where it first gets a value; others get another one.
    fn given_later(&mut self, def: DefId, name: Node<'t>, kind: Kind, whole: Node<'t>) -> Option<DefId> {
        let is_announced = self.announced.remove(&def);
        if !is_announced {
            self.b.add_use(text(name, self.b.text), span(name), Role::Write, compass_facts::Shape::Plain);
            return None;
        }
        let doc = self.doc(whole);
        let d = self.b.def_mut(def);
        (d.name_span, d.whole, d.kind, d.doc) = (span(name), span(whole), kind, doc.or(d.doc));
        Some(def)
    }

    /// `M.name = …`: a member of the table, where that is known.
    fn member(&mut self, node: Node<'t>, kind: Kind, whole: Node<'t>) -> Option<DefId> {
        let parts = named(node);
        let [of, name] = parts[..] else { return None };
        let word = text(name, self.b.text);
        let table = self.table_of(of);
        let scope = table.map(|t| self.scope_of(t, whole));
        let is_new = scope.is_some_and(|s| self.b.find_in(s, word).is_none());
        if !is_new || word.starts_with("__") {
            self.expression(node, Role::Write);
            return None;
        }
        self.expression(of, Role::Read);
        let kind = if kind == Kind::Function { Kind::Method } else { Kind::Field };
        let mut new = NewDefinition::new(word, kind, span(name), span(whole));
        new.doc = self.doc(whole);
        scope.map(|scope| self.b.define_in(scope, new))
    }

    /// The table that an expression of names stands for.
    fn table_of(&mut self, node: Node<'t>) -> Option<DefId> {
        let def = match node.kind() {
            "identifier" => self.found(text(node, self.b.text))?,
            "dot_index_expression" => {
                let parts = named(node);
                let [of, name] = parts[..] else { return None };
                let outer = self.table_of(of)?;
                let scope = self.tables.get(&outer).copied()?;
                self.b.find_in(scope, text(name, self.b.text))?
            }
            _ => return None,
        };
        Some(self.stands_for.get(&def).copied().unwrap_or(def)).filter(|d| matches!(self.b.def_mut(*d).kind, Kind::Variable | Kind::Field))
    }

    /// The definition that a name means so far.
    fn found(&self, word: &str) -> Option<DefId> {
        let mut at = Some(self.b.place.scope);
        while let Some(scope) = at {
            if self.b.scope_kind(scope) != ScopeKind::Type
                && let Some(def) = self.b.find_in(scope, word)
            {
                return Some(def);
            }
            at = self.b.scope_parent(scope);
        }
        None
    }

    /// The scope of a table's members.
    fn scope_of(&mut self, table: DefId, node: Node<'t>) -> ScopeId {
        if let Some(scope) = self.tables.get(&table) {
            return *scope;
        }
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(table));
        let scope = self.b.place.scope;
        self.b.leave(saved);
        self.tables.insert(table, scope);
        scope
    }

    /// `function M.turn(by)`, `function M:turn(by)`, `local function turn(by)`.
    fn function(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name").or_else(|| named(node).into_iter().next()) else { return };
        let is_local = node.children().any(|c| c.kind() == "local");
        let (def, own) = match name.kind() {
            "identifier" => {
                let mut new = NewDefinition::new(text(name, self.b.text), Kind::Function, span(name), span(node));
                new.doc = self.doc(node);
                new.flags = Flags::default().with_if(is_local, Flags::PRIVATE);
                let known = if is_local { None } else { self.found(new.name) };
                let def = match known {
                    Some(known) if self.announced.contains(&known) => self.given_later(known, name, Kind::Function, node).unwrap_or(known),
                    _ if is_local => self.b.define(new),
                    _ => self.b.define_in(ScopeId::FILE, new),
                };
                (Some(def), None)
            }
            _ => {
                let parts = named(name);
                let [of, token] = parts[..] else { return };
                let table = self.table_of(of);
                self.expression(of, Role::Read);
                let mut new = NewDefinition::new(text(token, self.b.text), Kind::Method, span(token), span(node));
                new.doc = self.doc(node);
                let def = match table {
                    Some(table) => {
                        let scope = self.scope_of(table, node);
                        self.b.define_in(scope, new)
                    }
                    None => self.b.define_in(ScopeId::FILE, new),
                };
                (Some(def), table.filter(|_| name.kind() == "method_index_expression"))
            }
        };
        if let Some(def) = def {
            self.function_body(node, def, own);
        }
    }

    /// Parameters and body; `own` is the table that `self` stands for.
    fn function_body(&mut self, node: Node<'t>, def: DefId, own: Option<DefId>) {
        let body = named(node).into_iter().find(|n| n.kind() == "block");
        self.b.def_mut(def).body = body.map(span);
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        let outer = std::mem::take(&mut self.returns);
        if let Some(own) = own {
            let here = Span { start: span(node).start, end: span(node).start };
            let mut new = NewDefinition::new("self", Kind::Parameter, here, here);
            new.ty = Some(self.b.ty(TypeExpr::Def(own)));
            let parameter = self.b.define(new);
            self.stands_for.insert(parameter, own);
        }
        let mut arity = 0u8;
        for parameter in named(node).into_iter().filter(|n| n.kind() == "parameters").flat_map(named) {
            if parameter.kind() == "identifier" {
                self.b.define(NewDefinition::new(text(parameter, self.b.text), Kind::Parameter, span(parameter), span(parameter)));
                arity = arity.saturating_add(u8::from(arity < 254));
            } else {
                arity = 255;
            }
        }
        // Arguments may be left out, and more than there are parameters may be given.
        self.b.def_mut(def).arity = if arity == 255 { 255 } else { arity };
        if let Some(body) = body {
            self.nested_block(body);
        }
        let returns = std::mem::replace(&mut self.returns, outer);
        self.b.leave(saved);
        let told = returns.into_iter().fold(self.b.unknown(), |a, b| self.one_of(a, b));
        let unknown = self.b.unknown();
        self.b.def_mut(def).ty = Some(told).filter(|t| *t != unknown);
    }

    /// `return M`: of the file, or of the function around.
    fn returned(&mut self, node: Node<'t>) {
        let values: Vec<Node<'t>> = named(node).into_iter().filter(|n| n.kind() == "expression_list").flat_map(named).collect();
        let is_file = self.b.place.scope == ScopeId::FILE;
        for (i, value) in values.into_iter().enumerate() {
            if is_file && i == 0 {
                let here = Span { start: span(node).start, end: span(node).start };
                let new = NewDefinition::new(RETURNED, Kind::Variable, here, here);
                let def = self.b.define(new);
                match value.kind() {
                    "table_constructor" => self.table(value, def),
                    "function_definition" => {
                        self.b.def_mut(def).kind = Kind::Function;
                        self.function_body(value, def, None);
                    }
                    _ => {
                        let ty = self.expression(value, Role::Read);
                        self.b.def_mut(def).ty = Some(ty);
                    }
                }
                continue;
            }
            let ty = self.expression(value, Role::Read);
            if i == 0 {
                self.returns.push(ty);
            }
        }
    }

    fn for_each(&mut self, node: Node<'t>) {
        let saved = self.b.enter(ScopeKind::Ordered, span(node), None);
        for part in named(node) {
            match part.kind() {
                "for_generic_clause" | "for_numeric_clause" => {
                    let inner = named(part);
                    let is_name = |n: &Node| n.kind() == "variable_list" || part.kind() == "for_numeric_clause" && n.id() == inner[0].id();
                    for value in inner.iter().filter(|n| !is_name(n)) {
                        self.expression(*value, Role::Read);
                    }
                    for names in inner.iter().filter(|n| is_name(n)) {
                        let all = if names.kind() == "variable_list" { named(*names).into_vec() } else { vec![*names] };
                        for name in all.into_iter().filter(|n| n.kind() == "identifier") {
                            self.b.define(NewDefinition::new(text(name, self.b.text), Kind::Variable, span(name), span(name)));
                        }
                    }
                }
                "block" => self.nested_block(part),
                _ => {}
            }
        }
        self.b.leave(saved);
    }
}
