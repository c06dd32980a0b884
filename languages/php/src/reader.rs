//! PHP: one walk over the tree of the generic grammar.
//!
//! What a name of a class means is told by the text of its file alone: by the namespace around and by `use`. So such a name is read as
//! an import of the whole name on the spot ([`names`]). Variables keep their `$`, which parts them from constants and functions.
//! Types come from declarations, from comments of documentation where nothing is declared ([`said`]), and from first values.

mod declarations;
mod expressions;
mod includes;
mod names;
mod said;

use compass_facts::bounds::Bounded;
use compass_facts::reading::flows::FlowWords;
use compass_facts::reading::models::{ModelTable, Naming};
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{named, span, text};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, Facts, Flags, GapCause, ImportId, Kind, Role, ScopeId, ScopeKind, TypeExpr, TypeId};
use rustc_hash::FxHashMap;

/// Reads a file of PHP.
pub(crate) fn read(text: &str, tree: &Tree, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    b.telling = |name, before| crate::frameworks::TABLE.is_telling(name, before);
    b.marking = |name| crate::frameworks::TABLE.is_mark(name) || crate::frameworks::NAMES.is_mark(name) || MODELS.is_mark(name);
    b.naming = |name, before| crate::frameworks::NAMES.is_naming(name, before);
    let mut reader = Reader {
        b,
        class: None,
        variables: ScopeId::FILE,
        namespace: String::new(),
        aliases: FxHashMap::default(),
        functions: FxHashMap::default(),
        whole: FxHashMap::default(),
        returned: Vec::new(),
        given: Vec::new(),
    };
    reader.block(tree.root_node());
    reader.b.flows(tree, &FLOW_WORDS);
    reader.b.finish()
}

/// Classes that stand for tables.
static MODELS: ModelTable = ModelTable {
    bases: &["Model", "Authenticatable", "Pivot", "ActiveRecord"],
    marks: &["Entity"],
    name_marks: &["Table"],
    name_keys: &["name"],
    abstract_fields: &[],
    name_fields: &["table"],
    name_functions: &["tableName"],
    nested: "",
    field_signs: &[],
    plural_signs: &[],
    column_signs: &["ORM\\Column", "Column("],
    naming: Naming::SnakePlural,
    makers: &["Schema.create"],
};

/// Methods of the library that move values.
static FLOW_WORDS: FlowWords = FlowWords {
    elements: &["get", "first", "pop", "shift"],
    adders: &["push", "set", "add", "attach"],
    copies: &["all", "toArray", "filter"],
    invokers: &["__invoke", "call"],
    by_name: &[("call_user_func", 0), ("call_user_func_array", 0), ("is_callable", 0), ("method_exists", 1), ("func", 0)],
    own: &["$this"],
    loaders: &[],
    formats: &["sprintf"],
    same_text: &["strtolower", "trim"],
    full_names: crate::profile::FULL_NAMES,
    signals: true,
    models: &MODELS,
};

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    /// Scope of the type around.
    class: Option<ScopeId>,
    /// Scope of the function around, where variables are bound.
    variables: ScopeId,
    /// The namespace around.
    namespace: String,
    /// Whole names by the words `use` binds, in small letters.
    aliases: FxHashMap<String, String>,
    /// The same for functions and constants.
    functions: FxHashMap<String, String>,
    /// Imports of whole names made so far.
    whole: FxHashMap<String, ImportId>,
    /// What the functions around give so far, the innermost last.
    returned: Vec<Option<TypeId>>,
    /// What the class around gives its own properties: name, place, type.
    given: Vec<(&'t str, compass_facts::Span, TypeId)>,
}

impl compass_facts::bounds::Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut compass_facts::bounds::Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: compass_facts::bounds::Refusal, at: compass_facts::Span) {
        self.b.refused(why, at);
    }
}

impl<'t> Reader<'t> {
    fn block(&mut self, node: Node<'t>) {
        for child in named(node) {
            self.statement(child);
        }
    }

    fn statement(&mut self, node: Node<'t>) {
        self.deeper(span(node), |r| r.statement_kind(node));
    }

    fn statement_kind(&mut self, node: Node<'t>) {
        match node.kind() {
            "namespace_definition" => self.namespace(node),
            "namespace_use_declaration" => self.uses(node),
            "class_declaration" | "interface_declaration" | "trait_declaration" | "enum_declaration" => self.type_declaration(node),
            "function_definition" | "method_declaration" => self.function(node),
            "property_declaration" => self.properties(node),
            "const_declaration" => self.constants(node),
            "enum_case" => self.enum_case(node),
            // Traits are bases: the class has read them.
            "use_declaration" => {}
            "foreach_statement" => self.foreach(node),
            "catch_clause" => self.catch_clause(node),
            "global_declaration" => self.globals(node),
            "expression_statement" => self.expression_statement(node),
            "function_static_declaration" => {
                for part in named(node) {
                    let value = part.child_by_field_name("value").map_or(self.b.unknown(), |v| self.expression(v, Role::Read));
                    if let Some(name) = part.child_by_field_name("name") {
                        self.assigned(name, value);
                    }
                }
            }
            "return_statement" => {
                for value in named(node) {
                    let ty = self.expression(value, Role::Read);
                    if let Some(returned) = self.returned.last_mut().filter(|r| r.is_none()) {
                        *returned = Some(ty).filter(|t| *t != self.b.unknown());
                    }
                }
            }
            "ERROR" => {
                self.b.gap(GapCause::Syntax, span(node));
                self.block(node);
            }
            "text"
            | "php_tag"
            | "php_end_tag"
            | "comment"
            | "break_statement"
            | "continue_statement"
            | "goto_statement"
            | "named_label_statement"
            | "empty_statement"
            | "declare_directive" => {}
            "program"
            | "compound_statement"
            | "colon_block"
            | "declaration_list"
            | "enum_declaration_list"
            | "if_statement"
            | "else_clause"
            | "else_if_clause"
            | "while_statement"
            | "do_statement"
            | "for_statement"
            | "switch_statement"
            | "switch_block"
            | "case_statement"
            | "default_statement"
            | "try_statement"
            | "finally_clause"
            | "echo_statement"
            | "unset_statement"
            | "exit_statement"
            | "declare_statement"
            | "text_interpolation" => self.block(node),
            _ => {
                self.expression(node, Role::Read);
            }
        }
    }

    /// `foreach ($racks as $key => $rack)`.
    fn foreach(&mut self, node: Node<'t>) {
        let body = node.child_by_field_name("body");
        let mut parts = named(node).into_iter().filter(|n| body.is_none_or(|b| b.id() != n.id()));
        let of = parts.next().map_or(self.b.unknown(), |n| self.expression(n, Role::Read));
        let element = self.b.ty_of(of, TypeExpr::Element);
        for part in parts {
            match part.kind() {
                "pair" => {
                    let both = named(part);
                    if let [key, value] = both[..] {
                        self.assign_to(key, self.b.unknown());
                        self.assign_to(value, element);
                    }
                }
                _ => self.assign_to(part, element),
            }
        }
        if let Some(body) = body {
            self.statement(body);
        }
    }

    fn catch_clause(&mut self, node: Node<'t>) {
        let types: Vec<TypeId> = node.child_by_field_name("type").map(named).unwrap_or_default().into_iter().map(|t| self.hint(t)).collect();
        let ty = match types[..] {
            [] => self.b.unknown(),
            [only] => only,
            _ => self.b.ty(TypeExpr::Union(types)),
        };
        if let Some(name) = node.child_by_field_name("name") {
            self.assigned(name, ty);
        }
        if let Some(body) = node.child_by_field_name("body") {
            self.block(body);
        }
    }

    /// Gives a value to whatever stands on the left: a variable, a list of them, a member.
    fn assign_to(&mut self, node: Node<'t>, ty: TypeId) {
        match node.kind() {
            "variable_name" => self.assigned(node, ty),
            "by_ref" => named(node).into_iter().for_each(|n| self.assign_to(n, ty)),
            "list_literal" | "array_creation_expression" => {
                let element = self.b.ty_of(ty, TypeExpr::Element);
                for part in named(node) {
                    let inner = if part.kind() == "array_element_initializer" { named(part).into_iter().next_back() } else { Some(part) };
                    if let Some(inner) = inner {
                        self.deeper(span(inner), |r| r.assign_to(inner, element));
                    }
                }
            }
            "subscript_expression" if self.is_new_list(node) => self.first_element(node, ty),
            _ => {
                self.expression(node, Role::Write);
                self.given_to_itself(node, ty);
            }
        }
    }

    /// `$racks['oak'][] = 1;` makes the list where the function has no such variable.
    fn is_new_list(&mut self, node: Node<'t>) -> bool {
        let base = base_of(node);
        let word = text(base, self.b.text);
        base.kind() == "variable_name" && word != "$this" && word != "$GLOBALS" && !word.starts_with("$_") && self.b.find_in(self.variables, word).is_none()
    }

    fn first_element(&mut self, node: Node<'t>, ty: TypeId) {
        let mut at = node;
        while at.kind() == "subscript_expression" {
            let parts = named(at);
            for index in parts.iter().skip(1) {
                self.expression(*index, Role::Read);
            }
            let Some(of) = parts.first() else { return };
            at = *of;
        }
        let is_flat = named(node).first().is_some_and(|n| n.kind() == "variable_name");
        let element = if is_flat { ty } else { self.b.unknown() };
        let list = self.b.ty(TypeExpr::List(element));
        self.assigned(at, list);
    }

    /// `$this->rack = new Rack()`.
    fn given_to_itself(&mut self, node: Node<'t>, ty: TypeId) {
        let (Some(object), Some(name)) = (node.child_by_field_name("object"), node.child_by_field_name("name")) else { return };
        if node.kind() == "member_access_expression" && name.kind() == "name" && text(object, self.b.text) == "$this" && self.class.is_some() {
            self.given.push((text(name, self.b.text), span(name), ty));
        }
    }

    /// A statement; the comment before it may say what a variable in it is.
    fn expression_statement(&mut self, node: Node<'t>) {
        self.block(node);
        let Some(doc) = self.doc(node).filter(|d| d.of(self.b.text).contains("@var")) else { return };
        let said = said::Said::of(doc.of(self.b.text), doc.start);
        let left = named(node).first().and_then(|n| n.child_by_field_name("left")).filter(|n| n.kind() == "variable_name");
        let name = if said.variable_name.is_empty() { left.map_or("", |n| text(n, self.b.text)) } else { &said.variable_name };
        if let (Some(known), Some(ty)) = (self.b.find_in(self.variables, name), self.said_type(said.variable.as_ref())) {
            self.b.def_mut(known).ty = Some(ty);
        }
    }

    /// `global $connection;`: a variable of the file, whichever file that is.
    fn globals(&mut self, node: Node<'t>) {
        for name in named(node).into_iter().filter(|n| n.kind() == "variable_name") {
            let ty = self.global(name);
            self.assigned(name, ty);
        }
    }

    /// A variable is bound where it is first given a value; what it is given later adds to its type.
    fn assigned(&mut self, name: Node<'t>, ty: TypeId) {
        let word = text(name, self.b.text);
        if word == "$this" {
            return;
        }
        if let Some(known) = self.b.find_in(self.variables, word) {
            self.b.add_use(word, span(name), Role::Write, compass_facts::Shape::Plain);
            self.b.add_type(known, ty);
            return;
        }
        let mut new = NewDefinition::new(word, Kind::Variable, span(name), span(name));
        new.flags = Flags::INFERRED;
        new.ty = Some(ty);
        self.b.define_in(self.variables, new);
    }

    /// Enters the scope of a function, where variables are its own.
    fn in_function<R>(&mut self, node: Node<'t>, owner: Option<compass_facts::DefId>, work: impl FnOnce(&mut Self) -> R) -> R {
        let saved = self.b.enter(ScopeKind::Function, span(node), owner);
        let outer = std::mem::replace(&mut self.variables, self.b.place.scope);
        self.returned.push(None);
        let result = work(self);
        self.returned.pop();
        self.variables = outer;
        self.b.leave(saved);
        result
    }
}

/// What stands before all indexes.
fn base_of(node: Node) -> Node {
    let mut at = node;
    while at.kind() == "subscript_expression" {
        match named(at).first() {
            Some(of) => at = *of,
            None => return at,
        }
    }
    at
}
