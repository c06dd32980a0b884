//! Where values are put: assignments, tables, arguments, loops. Calls of what is in a table, too.
//!
//! Works on syntax nodes of grammars that call alike things alike, as [`super::signals`] does. Only values that may be functions count: names of
//! functions, names that this file does not know, and variables that were given such.

use super::Builder;
use super::signals::{is_call, last_name, object_of};
use super::syntax::{FlowSite, Node, Tree};
use super::tree::{Nodes, listed, named, span, text};
use crate::bounds::Levels;
use crate::profile::FullNames;
use crate::{DefId, Facts, Flow, FlowPart, SignalKind};

/// Words of a language's libraries for what moves values.
#[derive(Debug)]
pub struct FlowWords {
    /// Methods that give something that is in a collection.
    pub elements: &'static [&'static str],
    /// Methods that put their arguments into a collection.
    pub adders: &'static [&'static str],
    /// Methods that give a copy of a collection, or another view of it.
    pub copies: &'static [&'static str],
    /// Methods of values that are functions which call these.
    pub invokers: &'static [&'static str],
    /// Functions that take the name of a member as a text, and the position of that.
    pub by_name: &'static [(&'static str, u8)],
    /// What the value whose member runs is called in its members.
    pub own: &'static [&'static str],
    /// Functions that load a module whose name they are given.
    pub loaders: &'static [&'static str],
    /// Functions and methods that put values into a text: the text is an argument, or what the method is called on.
    pub formats: &'static [&'static str],
    /// Methods of texts that give the text again, but for its edges and small letters.
    pub same_text: &'static [&'static str],
    /// How texts name definitions and modules in full, if they do.
    pub full_names: Option<FullNames>,
    /// Are calls recorded as signals on this walk, and not by the reader itself?
    pub signals: bool,
    /// Classes that stand for tables.
    pub models: &'static super::models::ModelTable,
}

impl FlowWords {
    /// None.
    pub const NONE: FlowWords = FlowWords {
        elements: &[],
        adders: &[],
        copies: &[],
        invokers: &[],
        by_name: &[],
        own: &[],
        loaders: &[],
        formats: &[],
        same_text: &[],
        full_names: None,
        signals: false,
        models: &super::models::ModelTable::NONE,
    };
}

/// Lists longer than this are data.
const MOST_ELEMENTS: usize = 2_000;

/// Where something is put.
type Into = (u32, FlowPart);

impl<'t> Builder<'t> {
    /// Records where values are put; those that cannot be functions are dropped when reading ends.
    pub fn flows(&mut self, tree: &'t Tree, words: &'static FlowWords) {
        self.flow_words = words;
        let mut around = Around::new(&self.facts);
        for (node, site) in tree.flow_sites() {
            match site {
                FlowSite::Assignment => self.assigned(node),
                FlowSite::Pair => self.pair(node),
                FlowSite::Call => {
                    if words.signals {
                        self.place.container = around.at(span(node).start);
                        self.signal_of(node);
                    }
                    self.called_with(node);
                    self.called_by_name(node, words);
                    self.table_made_by(node);
                }
                FlowSite::Loop => self.loop_over(node),
                FlowSite::LookedUp => self.looked_up_at(node),
                FlowSite::Text => self.full_name_in(node, words, &mut around),
                FlowSite::Return => {
                    let def = around.at(span(node).start);
                    self.returned(node, def);
                }
            }
        }
        self.models(words.models);
    }

    /// Records a call as a signal, if it may reach something outside.
    fn signal_of(&mut self, node: Node<'t>) {
        let callee = node.child_by_field_name("function").or_else(|| node.child_by_field_name("name").filter(|_| node.kind() == "function_call"));
        let by_kind = || if node.kind() == "call_expression" { named(node).into_iter().next() } else { Some(node) };
        let Some(callee) = callee.or_else(by_kind) else { return };
        let holder = node
            .parent()
            .filter(|p| matches!(p.kind(), "assignment" | "assignment_expression" | "let_declaration" | "property_declaration" | "val_definition"));
        let bound = holder
            .and_then(|p| ["left", "name", "pattern"].iter().find_map(|f| p.child_by_field_name(f)).or_else(|| named(p).into_iter().find(|n| is_binding(*n))));
        let bound = bound.filter(|b| b.id() != node.id()).and_then(|b| self.name_of(b));
        let mut parts: Nodes<'t> = arguments_of(node).map(named).unwrap_or_default();
        parts.extend(node.child_by_field_name("block"));
        parts.extend(named(node).into_iter().filter(|n| n.kind() == "annotated_lambda"));
        self.call_signal_with(callee, parts, span(node), None, bound);
    }

    /// Records a text that may be the full name of something.
    fn full_name_in(&mut self, node: Node<'t>, words: &FlowWords, around: &mut Around) {
        let Some(names) = words.full_names.as_ref().filter(|_| node.byte_range().len() <= FullNames::MOST_BYTES) else { return };
        let content = text(node, self.text).trim_matches(['"', '\'']);
        // Some languages write the separator twice within quotes.
        let plain = content.replace("\\\\", "\\");
        if names.parts(&plain).is_some() {
            self.place.container = around.at(span(node).start);
            let name = self.intern(&plain);
            self.signal(span(node), SignalKind::FullName(name));
        }
    }

    fn table_made_by(&mut self, node: Node<'t>) {
        if self.flow_words.models.makers.is_empty() {
            return;
        }
        let callee = node.child_by_field_name("function").unwrap_or(node);
        let Some(name) = last_name(callee) else { return };
        let arguments = arguments_of(node);
        let parts = arguments.map(named).unwrap_or_default();
        self.table_made(self.flow_words.models, node, text(name, self.text), &parts);
    }

    fn assigned(&mut self, node: Node<'t>) {
        let first = |fields: &[&str]| fields.iter().find_map(|f| node.child_by_field_name(f));
        let left = first(&["left", "name", "pattern", "property"]).or_else(|| named(node).into_iter().find(|n| is_binding(*n)));
        let right = first(&["right", "value"]).or_else(|| named(node).into_iter().next_back());
        let (Some(left), Some(right)) = (left, right) else { return };
        if left.id() == right.id() {
            return;
        }
        let (lefts, rights) = (lists(left), lists(right));
        if lefts.len() == rights.len() {
            for (left, right) in lefts.into_iter().zip(rights) {
                self.put_under(left, right);
            }
        }
    }

    fn put_under(&mut self, left: Node<'t>, right: Node<'t>) {
        let into = match indexed(left) {
            Some(base) => self.name_of(base).map(|at| (at, FlowPart::Element)),
            None => self.name_of(left).map(|at| (at, FlowPart::Whole)),
        };
        if let Some(into) = into {
            self.put(right, into, Levels::VALUES);
        }
    }

    /// `name: value` in a table, an object or a value of a struct.
    fn pair(&mut self, node: Node<'t>) {
        let key = ["key", "field", "name"].iter().find_map(|f| node.child_by_field_name(f)).or_else(|| named(node).into_iter().next());
        let value = node.child_by_field_name("value").or_else(|| named(node).into_iter().next_back());
        let (Some(key), Some(value)) = (key, value) else { return };
        if key.id() == value.id() {
            return;
        }
        let key = if key.kind() == "literal_element" { named(key).into_iter().next().unwrap_or(key) } else { key };
        if matches!(key.kind(), "property_identifier" | "identifier" | "field_identifier" | "shorthand_field_identifier") {
            self.put(value, (span(key).start, FlowPart::Whole), Levels::VALUES);
        }
    }

    fn called_with(&mut self, node: Node<'t>) {
        let callee = ["function", "constructor", "type", "name"].iter().find_map(|f| node.child_by_field_name(f)).or_else(|| named(node).into_iter().next());
        let Some(callee) = callee else { return };
        let in_table =
            if node.kind() == "type_conversion_expression" { named(callee).into_iter().next().filter(|_| callee.kind() == "generic_type") } else { None };
        if let Some(base) = in_table.and_then(|t| self.name_of(t)) {
            self.flow(base, FlowPart::Element, (base, FlowPart::Called));
        } else if let Some((base, part @ (FlowPart::Element | FlowPart::Given))) = self.value(callee) {
            self.flow(base, part, (base, FlowPart::Called));
        }
        let Some(name) = self.name_at(callee) else { return };
        let word = text(name, self.text);
        let before = if callee.id() == name.id() { object_of(node) } else { object_of(callee) };
        if let Some(value) = before.filter(|_| self.flow_words.invokers.contains(&word))
            && let Some((base, part)) = self.value(value)
        {
            self.flow(base, part, (base, FlowPart::Called));
        }
        let arguments = arguments_of(node);
        let Some(arguments) = arguments else { return };
        let at = span(name).start;
        let container = before.filter(|_| self.flow_words.adders.contains(&word)).and_then(|b| self.name_of(b));
        for (n, argument) in named(arguments).into_iter().take(64).enumerate() {
            if let (Some(key), Some(value)) = (argument.child_by_field_name("name"), argument.child_by_field_name("value")) {
                let key = text(key, self.text);
                let part = FlowPart::Keyword(self.intern(key));
                self.put_given(value, (at, part));
                continue;
            }
            self.put_given(argument, (at, FlowPart::Argument(n as u16)));
            if let Some(container) = container {
                self.put(argument, (container, FlowPart::Element), Levels::VALUES);
            }
        }
    }

    /// What a function gives to its callers.
    fn returned(&mut self, node: Node<'t>, around: Option<DefId>) {
        let Some(def) = around else { return };
        let d = self.facts.def(def);
        let name = d.name_span;
        if !d.kind.is_callable() || name.is_empty() || !is_of_function(node, name.start) {
            return;
        }
        let value = node.child_by_field_name("body").or_else(|| named(node).into_iter().next_back());
        if let Some(value) = value.filter(|v| v.kind() != "statement_block") {
            self.put(value, (name.start, FlowPart::Given), Levels::VALUES);
        }
    }

    /// A call's argument; what stands in a list that is handed over is handed over too.
    fn put_given(&mut self, node: Node<'t>, into: Into) {
        let inner = unwrapped(node);
        // `"add" to ::add` is no choice.
        if is_choice(inner) && inner.kind() != "infix_expression" {
            for branch in branches(inner) {
                if let Some((at, part)) = self.value(branch) {
                    self.flow(at, part, into);
                }
            }
        } else if is_list(inner) {
            for element in named(inner).into_iter().take(64) {
                if let Some((at, part)) = element_in(element).and_then(|e| self.value(e)) {
                    self.flow(at, part, into);
                }
            }
        } else if let Some((at, part)) = self.value(inner) {
            self.flow(at, part, into);
        }
    }

    fn looked_up_at(&mut self, node: Node<'t>) {
        let mut parts = named(node).into_iter();
        if let (Some(base), Some(key)) = (parts.next(), parts.next()) {
            self.looked_up(base, key, node);
        }
    }

    fn loop_over(&mut self, node: Node<'t>) {
        let field = |names: &[&str]| names.iter().find_map(|f| node.child_by_field_name(f));
        let (Some(left), Some(right)) = (field(&["left", "name", "pattern"]), field(&["right", "value"])) else { return };
        let literal = unwrapped(right);
        if is_list(literal) {
            if let Some(at) = self.name_of(left) {
                for element in named(literal).into_iter().take(MOST_ELEMENTS) {
                    if let Some(value) = element_in(element) {
                        self.put(value, (at, FlowPart::Whole), Levels::VALUES);
                    }
                }
            }
            return;
        }
        let base = match self.element_call(right) {
            Some(base) => Some(base),
            None => self.name_of(right),
        };
        let Some(base) = base else { return };
        for name in lists(left) {
            if let Some(at) = self.name_of(name) {
                self.flow(base, FlowPart::Element, (at, FlowPart::Whole));
            }
        }
    }

    /// A value, or what a list of values holds.
    fn put(&mut self, node: Node<'t>, into: Into, levels: Levels) {
        let Some(levels) = levels.down() else { return };
        let node = unwrapped(node);
        // `a = b = value`
        if matches!(node.kind(), "assignment" | "assignment_expression") {
            if let Some(value) = node.child_by_field_name("right") {
                self.put(value, into, levels);
            }
            return;
        }
        if is_list(node) {
            let inside = matches!(into.1, FlowPart::Element | FlowPart::Field(_));
            for (n, element) in named(node).into_iter().take(MOST_ELEMENTS).enumerate() {
                let by_position = inside && !is_pair(element);
                let part = if by_position { FlowPart::Field(n as u16) } else { FlowPart::Element };
                if let Some(value) = element_in(element) {
                    self.put(value, (into.0, part), levels);
                }
            }
            return;
        }
        // `{name: getattr (self, name) for name in names}`
        if node.kind().ends_with("_comprehension") {
            if let Some(value) = node.child_by_field_name("body").and_then(element_in) {
                self.put(value, (into.0, FlowPart::Element), levels);
            }
            return;
        }
        if is_choice(node) {
            for branch in branches(node) {
                self.put(branch, into, levels);
            }
            return;
        }
        let value = self.value(node);
        if let Some((at, part)) = value {
            self.flow(at, part, into);
        }
        if is_call(node) && value.is_none_or(|(_, part)| part == FlowPart::Given) {
            if let Some(copied) = self.copied(node) {
                self.flow(copied, FlowPart::Whole, (into.0, FlowPart::Within));
            }
            let arguments = arguments_of(node);
            for argument in arguments.map(named).unwrap_or_default().into_iter().take(64) {
                let argument = argument.child_by_field_name("value").unwrap_or(argument);
                if into.1 == FlowPart::Given || !is_call(unwrapped(argument)) {
                    self.put(argument, (into.0, FlowPart::Within), levels);
                }
            }
        }
    }

    /// The name of a value, and whether what it names is meant or something in that.
    fn value(&mut self, node: Node<'t>) -> Option<Into> {
        let node = unwrapped(node);
        if let Some(base) = indexed(node) {
            return Some((self.name_of(base)?, FlowPart::Element));
        }
        if is_call(node) {
            if let Some(base) = self.element_call(node) {
                return Some((base, FlowPart::Element));
            }
            let callee = callee_of(node)?;
            return if is_call(callee) { None } else { Some((self.name_of(callee)?, FlowPart::Given)) };
        }
        Some((self.name_of(node)?, FlowPart::Whole))
    }

    /// The collection that a call gives a copy of: `handlers.copy()`.
    fn copied(&mut self, node: Node<'t>) -> Option<u32> {
        let callee = callee_of(node)?;
        let word = text(last_name(callee)?, self.text);
        if !self.flow_words.copies.contains(&word) {
            return None;
        }
        let before = object_of(callee).or_else(|| object_of(node))?;
        self.name_of(before)
    }

    /// The collection that a call gives something of: `handlers.get(name)`.
    fn element_call(&mut self, node: Node<'t>) -> Option<u32> {
        let node = unwrapped(node);
        if !is_call(node) {
            return None;
        }
        let callee = node.child_by_field_name("function").unwrap_or(node);
        let word = text(last_name(callee)?, self.text);
        if !self.flow_words.elements.contains(&word) {
            return None;
        }
        let before = unwrapped(object_of(callee)?);
        self.element_call(before).or_else(|| self.name_of(before))
    }

    fn name_of(&mut self, node: Node<'t>) -> Option<u32> {
        self.name_at(unwrapped(node)).map(|n| span(n).start)
    }

    fn name_at(&mut self, node: Node<'t>) -> Option<Node<'t>> {
        match node.kind() {
            "method_reference" | "callable_reference" | "simple_type" | "user_type" | "dot_index_expression" | "method_index_expression" | "generic_type" => {
                named(node).into_iter().rev().find_map(|n| self.name_at(n))
            }
            "type_identifier" | "simple_identifier" | "field_identifier" | "property_identifier" | "private_property_identifier" => Some(node),
            "pattern" | "variable_declaration" | "mut_pattern" => named(node).into_iter().next().and_then(|n| self.name_at(n)),
            _ => last_name(node),
        }
    }

    fn flow(&mut self, value: u32, of: FlowPart, into: Into) {
        self.facts.flows.push(Flow { value, of, into: into.0, part: into.1 });
    }
}

/// The definitions around places that come one after the other.
struct Around {
    /// By where they begin: beginning, end.
    all: Vec<(u32, u32, DefId)>,
    next: usize,
    open: Vec<(u32, DefId)>,
}

impl Around {
    fn new(facts: &Facts) -> Around {
        let defs = facts.definitions.iter().enumerate().filter(|(_, d)| !d.kind.is_variable());
        let mut all: Vec<(u32, u32, DefId)> = defs.map(|(i, d)| (d.whole.start, d.whole.end, DefId(i as u32))).collect();
        all.sort_unstable_by_key(|d| (d.0, std::cmp::Reverse(d.1)));
        Around { all, next: 0, open: Vec::new() }
    }

    fn at(&mut self, offset: u32) -> Option<DefId> {
        while let Some((start, end, def)) = self.all.get(self.next).copied().filter(|d| d.0 <= offset) {
            self.open.retain(|o| o.0 > start);
            self.open.push((end, def));
            self.next += 1;
        }
        self.open.retain(|o| o.0 > offset);
        self.open.last().map(|o| o.1)
    }
}

fn is_binding(node: Node) -> bool {
    matches!(node.kind(), "identifier" | "variable_declaration" | "simple_identifier" | "property_identifier" | "variable_list")
}

/// What is on one side of an assignment, one by one.
fn lists(node: Node) -> Nodes {
    match node.kind() {
        "pattern_list" | "tuple_pattern" | "variable_list" | "left_hand_side" | "expression_list" => named(node),
        _ => listed(node),
    }
}

/// What is looked into by an index.
pub(super) fn indexed(node: Node) -> Option<Node> {
    let is_index = matches!(
        node.kind(),
        "subscript"
            | "subscript_expression"
            | "index_expression"
            | "element_access_expression"
            | "array_access"
            | "bracket_index_expression"
            | "element_reference"
    );
    if is_index { named(node).into_iter().next().map(unwrapped) } else { None }
}

fn is_list(node: Node) -> bool {
    matches!(
        node.kind(),
        "list"
            | "tuple"
            | "set"
            | "array"
            | "dictionary"
            | "object"
            | "composite_literal"
            | "literal_value"
            | "initializer_expression"
            | "array_initializer"
            | "array_creation_expression"
            | "implicit_array_creation_expression"
            | "table_constructor"
            | "hash"
            | "array_expression"
            | "tuple_expression"
            | "collection_expression"
            | "collection_literal"
    )
}

fn is_pair(node: Node) -> bool {
    matches!(node.kind(), "pair" | "keyed_element" | "field" | "assignment_expression" | "shorthand_property_identifier")
        || node.kind() == "array_element_initializer" && named(node).len() > 1
}

/// The value of an element of a list.
fn element_in(node: Node) -> Option<Node> {
    if let Some(value) = node.child_by_field_name("value").or_else(|| node.child_by_field_name("right")) {
        return Some(value);
    }
    match node.kind() {
        "keyed_element" | "array_element_initializer" | "literal_element" | "pair" | "field" | "collection_element" | "expression_element" => {
            named(node).into_iter().next_back()
        }
        // The type of what is made is none of what is in it.
        "type_identifier" | "slice_type" | "map_type" | "array_type" | "comment" => None,
        _ => Some(node),
    }
}

fn is_choice(node: Node) -> bool {
    matches!(node.kind(), "conditional_expression" | "ternary_expression" | "boolean_operator" | "infix_expression")
        || matches!(node.kind(), "binary_expression") && node.child_by_field_name("operator").is_some_and(|o| matches!(o.kind(), "||" | "??" | "or"))
}

/// What a choice may give; what decides is none of that.
fn branches(node: Node) -> Nodes {
    let condition = node.child_by_field_name("condition");
    let mut all = named(node);
    // `value if condition else other` has no fields.
    if condition.is_none() && node.kind() == "conditional_expression" && all.len() == 3 {
        all.remove(1);
    }
    all.retain(|n| condition.is_none_or(|c| c.id() != n.id()));
    all
}

/// What a call calls.
pub(super) fn callee_of(node: Node) -> Option<Node> {
    ["function", "constructor", "name", "method"].iter().find_map(|f| node.child_by_field_name(f)).or_else(|| named(node).into_iter().next()).map(unwrapped)
}

/// Does what is returned leave the function with that name, and not one without a name in it?
fn is_of_function(node: Node, name: u32) -> bool {
    let Some(function) = function_around(node) else { return false };
    let is_named_by = |n: Node| span(n).start <= name && name < span(n).end;
    let holder = function.parent().filter(|p| matches!(p.kind(), "variable_declarator" | "pair" | "assignment_expression"));
    is_named_by(function) || holder.is_some_and(is_named_by)
}

/// The function that a node stands in, or is.
pub(super) fn function_around(node: Node) -> Option<Node> {
    std::iter::successors(Some(node), |n| n.parent()).find(|n| is_function(*n))
}

/// Is it a function, with a name or without one?
pub(super) fn is_function(node: Node) -> bool {
    let kind = node.kind();
    // Calls and declarations of types have such words in their names as well.
    let is_other = ["call", "invocation", "type", "parameter", "argument", "modifier"].iter().any(|w| kind.contains(w));
    !is_other && ["function", "method", "lambda", "closure", "func_literal", "constructor"].iter().any(|w| kind.contains(w))
}

/// The list of what a call is given.
pub(super) fn arguments_of(node: Node) -> Option<Node> {
    let is_list = |n: &Node| matches!(n.kind(), "argument_list" | "arguments" | "value_arguments" | "call_suffix");
    node.child_by_field_name("arguments").or_else(|| named(node).into_iter().find(is_list))
}

/// Without what is only around a value.
fn unwrapped(node: Node) -> Node {
    let mut node = node;
    for _ in 0..8 {
        let inner = match node.kind() {
            "parenthesized_expression"
            | "as_expression"
            | "satisfies_expression"
            | "non_null_expression"
            | "await"
            | "await_expression"
            | "argument"
            | "value_argument"
            | "literal_element"
            | "reference_expression"
            | "jsx_expression"
            | "expression_list"
            | "spread_element" => named(node).into_iter().find(|n| n.kind() != "mutable_specifier"),
            "unary_expression" if node.child_by_field_name("operator").is_some_and(|o| o.kind() == "&") => node.child_by_field_name("operand"),
            "unary_expression" if node.children().last().is_some_and(|o| o.kind() == "!!") => named(node).into_iter().next(),
            "cast_expression" | "type_cast_expression" => node.child_by_field_name("value"),
            // The type before a value in braces.
            "composite_literal" => node.child_by_field_name("body"),
            "array_creation_expression" | "object_creation_expression" | "implicit_object_creation_expression" => {
                node.child_by_field_name("initializer").or_else(|| named(node).into_iter().find(|n| n.kind() == "initializer_expression"))
            }
            _ => None,
        };
        match inner {
            Some(inner) => node = inner,
            None => return node,
        }
    }
    node
}
