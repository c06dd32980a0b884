//! A syntax tree laid out flat, for readers to walk.
//!
//! # The problem
//! Readers ask a node for its kind, its children and the child of a field many times over. The parser's own nodes answer
//! by going through hidden nodes and tables again at each question, which took a third of the time of reading. Here the
//! parser's tree is gone through once, in order; then every question is a look into an array.
//!
//! # How it works
//! Nodes stand in preorder. The first child of a node stands right behind it, and the next sibling where its own part
//! ends: so a node keeps its end, its parent and its sibling before, and no list of children. Names of kinds and fields
//! are numbers into tables of the language, made once.
//!
//! # Guarantees
//! The same nodes in the same order with the same kinds, fields and flags as the parser's cursor gives, but for unparsed
//! tokens (of macro calls) that hold nothing a reader looks for, and for what stands deeper than [`DEEPEST`]: readers call themselves
//! from level to level, and their stack must not hang on what somebody wrote. 28 bytes a node.

use std::borrow::Cow;
use std::sync::OnceLock;
use tree_sitter::Language;

/// Names of kinds and fields of a language by number.
#[derive(Debug)]
pub struct Words {
    kinds: Vec<Kind>,
    fields: Vec<&'static str>,
}

#[derive(Debug, Clone, Copy)]
struct Kind {
    word: &'static str,
    named: bool,
    /// Does the grammar allow it anywhere, as comments?
    anywhere: bool,
    /// Unparsed tokens: readers take their words from the text, and of the nodes only texts with statements of SQL.
    tokens: bool,
    flow: Option<FlowSite>,
}

/// What puts a value somewhere; see [`super::flows`].
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum FlowSite {
    /// `a = b`, and declarations that do so.
    Assignment,
    /// `a: b` in an object, a value of a struct, a table.
    Pair,
    /// `f(a)`.
    Call,
    /// `for a in b`.
    Loop,
    /// `a[b]`, `a.b`: something is looked up under a name.
    LookedUp,
    /// A text.
    Text,
    /// `return a`, and functions that are one expression.
    Return,
}

impl FlowSite {
    fn of(kind: &str) -> Option<FlowSite> {
        Some(match kind {
            "assignment" | "assignment_expression" | "assignment_statement" | "short_var_declaration" | "variable_declarator" | "var_spec"
            | "let_declaration" | "val_definition" | "var_definition" | "property_declaration" | "field_definition" | "public_field_definition"
            | "const_item" | "static_item" => FlowSite::Assignment,
            "pair" | "keyed_element" | "field_initializer" | "field" => FlowSite::Pair,
            "call" | "call_expression" | "new_expression" | "invocation_expression" | "function_call_expression" | "method_invocation"
            | "member_call_expression" | "scoped_call_expression" | "object_creation_expression" | "function_call"
            // Some grammars take a call of what is in a table for a conversion.
            | "type_conversion_expression" => FlowSite::Call,
            "for_statement" | "for_in_statement" | "for_in_clause" | "for_expression" | "foreach_statement" | "enhanced_for_statement" | "range_clause" => {
                FlowSite::Loop
            }
            "subscript" | "subscript_expression" | "element_reference" | "member_expression" => FlowSite::LookedUp,
            "string" | "string_literal" | "encapsed_string" | "interpreted_string_literal" => FlowSite::Text,
            "return_statement" | "return_expression" | "return" | "jump_expression" | "arrow_function" => FlowSite::Return,
            _ => return None,
        })
    }
}

/// The kind of what could not be parsed; the parser's number for it is beyond its tables.
const ERROR: &str = "ERROR";

impl Words {
    fn of(language: &Language) -> Words {
        let kind = |id: u16| {
            let word = language.node_kind_for_id(id).unwrap_or("");
            Kind {
                word,
                named: language.node_kind_is_named(id),
                anywhere: word.contains("comment") || word == "line_continuation",
                tokens: matches!(word, "token_tree" | "token_tree_pattern"),
                flow: FlowSite::of(word).filter(|_| language.node_kind_is_named(id)),
            }
        };
        let mut kinds: Vec<Kind> = (0..language.node_kind_count() as u16).map(kind).collect();
        kinds.push(Kind { word: ERROR, named: true, anywhere: true, tokens: false, flow: None });
        // Fields are numbered from 1.
        let field = |id: u16| language.field_name_for_id(id).unwrap_or("");
        let fields = (0..=language.field_count() as u16).map(|id| if id == 0 { "" } else { field(id) }).collect();
        Words { kinds, fields }
    }
}

/// A generic grammar, and its words in tables of their own.
#[derive(Debug)]
pub struct Grammar {
    language: fn() -> Language,
    words: OnceLock<Words>,
    ascii_only: bool,
}

impl Grammar {
    /// The grammar that the function gives.
    #[must_use]
    pub const fn new(language: fn() -> Language) -> Grammar {
        Grammar { language, words: OnceLock::new(), ascii_only: false }
    }

    /// A grammar whose scanner reads beyond its tables at characters it does not expect: it gets a letter for each byte that is not ASCII.
    #[must_use]
    pub const fn ascii_only(language: fn() -> Language) -> Grammar {
        Grammar { language, words: OnceLock::new(), ascii_only: true }
    }

    /// The text as the parser gets it, byte for byte as long.
    #[must_use]
    pub fn parser_input<'t>(&self, text: &'t str) -> Cow<'t, [u8]> {
        if !self.ascii_only || text.is_ascii() {
            return Cow::Borrowed(text.as_bytes());
        }
        Cow::Owned(text.bytes().map(|b| if b.is_ascii() { b } else { b'x' }).collect())
    }

    /// The grammar for a parser.
    #[must_use]
    pub fn language(&self) -> Language {
        (self.language)()
    }

    /// Its kinds of nodes and its fields.
    pub fn words(&self) -> &Words {
        self.words.get_or_init(|| Words::of(&self.language()))
    }
}

/// What is kept of a node.
#[derive(Debug, Clone, Copy)]
struct Part {
    kind: u16,
    field: u16,
    bits: u8,
    start: u32,
    end: u32,
    parent: u32,
    /// Where the node's part of the array ends.
    after: u32,
    /// The sibling before, or the node itself.
    before: u32,
}

const NAMED: u8 = 1;
const EXTRA: u8 = 2;
const MISSING: u8 = 4;
const HAS_ERROR: u8 = 8;

thread_local! {
    /// The array of the tree before: memory that is given back for each file comes back cleared, which takes longer than to fill it.
    static KEPT: std::cell::Cell<Vec<Part>> = const { std::cell::Cell::new(Vec::new()) };
}

/// Arrays above this size are given back: 28 MB.
const KEPT_PARTS: usize = 1 << 20;

impl Drop for Tree {
    fn drop(&mut self) {
        if self.parts.capacity() <= KEPT_PARTS {
            KEPT.set(std::mem::take(&mut self.parts));
        }
    }
}

/// Levels of a tree that are kept. What people write by hand has fewer than a hundred.
pub const DEEPEST: u32 = 1200;

/// A whole tree; see the module.
#[derive(Debug)]
pub struct Tree {
    parts: Vec<Part>,
    words: &'static Words,
    /// Regions whose nodes stand too deep, by place.
    cut: Vec<crate::Span>,
}

impl Tree {
    /// Lays a tree of the parser's over `text` out flat.
    pub fn of(tree: &tree_sitter::Tree, words: &'static Words, text: &str) -> Tree {
        let with_errors = tree.root_node().has_error();
        let mut parts = KEPT.take();
        parts.clear();
        parts.reserve(tree.root_node().descendant_count());
        let mut cursor = tree.walk();
        let (mut parent, mut before) = (0u32, 0u32);
        let (mut depth, mut cut) = (0, Vec::new());
        loop {
            let at = parts.len() as u32;
            let part = part(&cursor, words, with_errors, parent, if before > parent { before } else { at });
            parts.push(part);
            let closed = words.kinds[usize::from(part.kind)].tokens && part.bits & HAS_ERROR == 0 && !may_hold_sql(text, &part);
            if !closed && depth < DEEPEST && cursor.goto_first_child() {
                depth += 1;
                (parent, before) = (at, at);
                continue;
            }
            if depth == DEEPEST && part.end > part.start && part.bits & NAMED != 0 && cursor.node().child_count() > 0 {
                cut.push(crate::Span { start: part.start, end: part.end });
            }
            let mut done = at;
            loop {
                parts[done as usize].after = parts.len() as u32;
                if done == 0 {
                    return Tree { parts, words, cut };
                }
                if cursor.goto_next_sibling() {
                    (parent, before) = (parts[done as usize].parent, done);
                    break;
                }
                cursor.goto_parent();
                depth -= 1;
                done = parts[done as usize].parent;
            }
        }
    }

    /// Regions of which only the outermost node is here.
    pub fn too_deep(&self) -> &[crate::Span] {
        &self.cut
    }

    /// Nodes that put values somewhere, from the outermost on.
    pub fn flow_sites(&self) -> impl Iterator<Item = (Node<'_>, FlowSite)> {
        let site = |(at, part): (usize, &Part)| Some((Node { tree: self, at: at as u32 }, self.words.kinds[usize::from(part.kind)].flow?));
        self.parts.iter().enumerate().filter_map(site)
    }

    /// The node that holds all others.
    pub fn root_node(&self) -> Node<'_> {
        Node { tree: self, at: 0 }
    }
}

fn may_hold_sql(text: &str, part: &Part) -> bool {
    text.get(part.start as usize..part.end as usize).is_some_and(crate::sql::may_hold_sql)
}

fn part(cursor: &tree_sitter::TreeCursor, words: &Words, with_errors: bool, parent: u32, before: u32) -> Part {
    let node = cursor.node();
    let kind = usize::from(node.kind_id()).min(words.kinds.len() - 1);
    let known = words.kinds[kind];
    let mut bits = if known.named { NAMED } else { 0 };
    // What is skipped after an error may be anything.
    if (with_errors || known.anywhere) && node.is_extra() {
        bits |= EXTRA;
    }
    if with_errors {
        bits |= if node.is_missing() { MISSING } else { 0 } | if node.has_error() { HAS_ERROR } else { 0 };
    }
    let field = cursor.field_id().map_or(0, |f| f.get());
    Part { kind: kind as u16, field, bits, start: node.start_byte() as u32, end: node.end_byte() as u32, parent, after: 0, before }
}

/// A node of a [`Tree`].
#[derive(Clone, Copy)]
pub struct Node<'t> {
    tree: &'t Tree,
    at: u32,
}

impl std::fmt::Debug for Node<'_> {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        write!(f, "{} {}..{}", self.kind(), self.start_byte(), self.end_byte())
    }
}

impl PartialEq for Node<'_> {
    fn eq(&self, other: &Self) -> bool {
        self.at == other.at && std::ptr::eq(self.tree, other.tree)
    }
}

impl<'t> Node<'t> {
    #[inline]
    fn part(self) -> &'t Part {
        &self.tree.parts[self.at as usize]
    }

    fn has(self, bit: u8) -> bool {
        self.part().bits & bit != 0
    }

    /// What it is, in the grammar's words.
    #[inline]
    pub fn kind(self) -> &'static str {
        self.tree.words.kinds[usize::from(self.part().kind)].word
    }

    /// Tells the node from all others of its tree.
    pub fn id(self) -> usize {
        self.at as usize
    }

    /// Where it begins, in bytes.
    pub fn start_byte(self) -> usize {
        self.part().start as usize
    }

    /// Where it ends, in bytes.
    pub fn end_byte(self) -> usize {
        self.part().end as usize
    }

    /// Its bytes.
    pub fn byte_range(self) -> std::ops::Range<usize> {
        self.start_byte()..self.end_byte()
    }

    /// Is it more than a sign or a word of the language?
    pub fn is_named(self) -> bool {
        self.has(NAMED)
    }

    /// May it stand anywhere, as comments?
    pub fn is_extra(self) -> bool {
        self.has(EXTRA)
    }

    /// Could it not be parsed?
    pub fn is_error(self) -> bool {
        usize::from(self.part().kind) == self.tree.words.kinds.len() - 1
    }

    /// Should it be there and is not?
    pub fn is_missing(self) -> bool {
        self.has(MISSING)
    }

    /// Is there anything in it that could not be parsed?
    pub fn has_error(self) -> bool {
        self.has(HAS_ERROR)
    }

    /// The node around it.
    pub fn parent(self) -> Option<Node<'t>> {
        (self.at > 0).then(|| Node { tree: self.tree, at: self.part().parent })
    }

    /// The node before it, of the same parent.
    pub fn prev_sibling(self) -> Option<Node<'t>> {
        let before = self.part().before;
        (before != self.at).then_some(Node { tree: self.tree, at: before })
    }

    /// All children, in order.
    #[inline]
    pub fn children(self) -> Children<'t> {
        Children { tree: self.tree, next: self.at + 1, end: self.part().after }
    }

    /// Children that are more than signs.
    pub fn named_children(self) -> impl Iterator<Item = Node<'t>> {
        self.children().filter(|n| n.is_named())
    }

    /// How many of its children the grammar names.
    pub fn named_child_count(self) -> usize {
        self.named_children().count()
    }

    /// The first child of the field.
    pub fn child_by_field_name(self, field: &str) -> Option<Node<'t>> {
        self.children_by_field_name(field).next()
    }

    /// The children of the field.
    pub fn children_by_field_name(self, field: &str) -> impl Iterator<Item = Node<'t>> {
        let fields = &self.tree.words.fields;
        self.children().filter(move |n| n.part().field != 0 && fields[usize::from(n.part().field)] == field)
    }
}

/// Nodes side by side.
pub struct Children<'t> {
    tree: &'t Tree,
    next: u32,
    end: u32,
}

impl<'t> Iterator for Children<'t> {
    type Item = Node<'t>;

    #[inline]
    fn next(&mut self) -> Option<Node<'t>> {
        if self.next >= self.end {
            return None;
        }
        let node = Node { tree: self.tree, at: self.next };
        self.next = node.part().after;
        Some(node)
    }
}
