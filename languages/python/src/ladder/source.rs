//! The generator as written: its parameters, which names become fields, and how its text is taken over.

use super::print::Lines;
use compass_facts::{DefId, Facts, Kind, Span};
use rustc_hash::FxHashSet;
use tree_sitter::Node;

/// How names appear in what is taken over.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Names {
    /// As in the source.
    AsWritten,
    /// Variables of the generator as fields of the iterator.
    AsFields,
}

/// A generator function.
pub(super) struct Function<'t> {
    pub(super) text: &'t str,
    pub(super) name: String,
    /// `def …` up to and with the colon.
    pub(super) head: Span,
    pub(super) whole: Span,
    pub(super) body: Node<'t>,
    /// Names of parameters, in order.
    pub(super) parameters: Vec<String>,
    /// What the iterator itself is called in its methods.
    pub(super) receiver: String,
    pub(super) notes: Vec<String>,
    /// Names declared `nonlocal` and `global`.
    pub(super) outer: Vec<String>,
    fields: FxHashSet<u32>,
    pub(super) local_names: FxHashSet<String>,
    strings: Vec<Span>,
}

impl<'t> Function<'t> {
    pub(super) fn new(node: Node<'t>, text: &'t str, facts: &Facts, def: DefId) -> Result<Self, String> {
        let body = node.child_by_field_name("body").ok_or("it has no body")?;
        let name_node = node.child_by_field_name("name").ok_or("it has no name")?;
        let whole = Span::new(node.start_byte(), node.end_byte());
        let mut fields = FxHashSet::default();
        let mut local_names = FxHashSet::default();
        let scope = facts.def(def).inner;
        let owned = |d: DefId| facts.def(d).container == Some(def) && Some(facts.def(d).scope) == scope && facts.def(d).kind != Kind::TypeParameter;
        let mut parameters = Vec::new();
        for (_, d) in facts.definitions.iter().enumerate().filter(|(i, _)| owned(DefId(*i as u32))) {
            local_names.insert(facts.name(d.name).to_owned());
            match d.kind {
                Kind::Parameter => parameters.push(facts.name(d.name).to_owned()),
                // The names of inner functions and classes stay where they are defined.
                Kind::Function | Kind::Class => {}
                _ => {
                    fields.insert(d.name_span.start);
                }
            }
        }
        for u in facts.uses.iter().filter(|u| u.local.is_some_and(owned)) {
            fields.insert(u.span.start);
        }
        let mut function = Function {
            text,
            name: text[name_node.byte_range()].to_owned(),
            head: Span::new(node.start_byte(), body.start_byte()),
            whole,
            body,
            parameters,
            receiver: String::new(),
            notes: Vec::new(),
            outer: Vec::new(),
            fields,
            local_names,
            strings: Vec::new(),
        };
        function.receiver = function.fresh_name(&["gen", "it", "iterator", "made", "gen_"]);
        function.inspect(node)?;
        Ok(function)
    }

    /// A name that nothing in the function has.
    fn fresh_name(&self, wanted: &[&str]) -> String {
        let used = |name: &str| {
            let text = self.whole.of(self.text);
            text.match_indices(name).any(|(at, _)| {
                let before = text[..at].chars().next_back().is_some_and(|c| c.is_alphanumeric() || c == '_');
                let after = text[at + name.len()..].chars().next().is_some_and(|c| c.is_alphanumeric() || c == '_');
                !before && !after
            })
        };
        wanted.iter().find(|n| !used(n)).map_or_else(|| "gen__".to_owned(), |n| (*n).to_owned())
    }

    /// Refuses what cannot be lowered, and remembers where texts stand.
    fn inspect(&mut self, node: Node<'t>) -> Result<(), String> {
        let mut cursor = node.walk();
        let mut inside_inner = 0u32;
        loop {
            let here = cursor.node();
            let is_inner = here.id() != node.id() && matches!(here.kind(), "function_definition" | "lambda" | "class_definition");
            match here.kind() {
                "string" => self.strings.push(Span::new(here.start_byte(), here.end_byte())),
                "named_expression" if inside_inner == 0 => return Err("it binds a name by :=".to_owned()),
                "match_statement" if inside_inner == 0 && has_capture(here) => return Err("it captures names in match".to_owned()),
                "except_group_clause" | "except_clause"
                    if inside_inner == 0 && self.text[here.byte_range()].trim_start_matches("except").trim_start().starts_with('*') =>
                {
                    return Err("it uses except*".to_owned());
                }
                "call" if inside_inner == 0 && &self.text[here.byte_range()] == "super()" => return Err("it calls super() without arguments".to_owned()),
                "ERROR" => return Err("its syntax is broken".to_owned()),
                "nonlocal_statement" | "global_statement" if inside_inner == 0 => self.outer.push(self.text[here.byte_range()].to_owned()),
                _ => {}
            }
            if here.kind() != "string" && cursor.goto_first_child() {
                inside_inner += u32::from(is_inner);
                continue;
            }
            loop {
                if cursor.goto_next_sibling() {
                    break;
                }
                if !cursor.goto_parent() {
                    return Ok(());
                }
                let left = cursor.node();
                if left.id() != node.id() && matches!(left.kind(), "function_definition" | "lambda" | "class_definition") {
                    inside_inner -= 1;
                }
                if left.id() == node.id() {
                    return Ok(());
                }
            }
        }
    }

    /// Takes a part of the source over at an indent; further lines keep their place relative to the first.
    pub(super) fn emit(&self, part: Span, indent: usize, out: &mut Lines, names: Names) {
        out.begin(indent);
        self.emit_inline(part, indent, out, names);
    }

    /// As [`Self::emit`], without beginning a line.
    pub(super) fn emit_inline(&self, part: Span, indent: usize, out: &mut Lines, names: Names) {
        let column = self.text[..part.start as usize].rfind('\n').map_or(part.start as usize, |n| part.start as usize - n - 1);
        let column = column.min(self.indent_of_line(part.start));
        let mut at = part.start;
        while at < part.end {
            let line_end = self.text[at as usize..part.end as usize].find('\n').map_or(part.end, |n| at + n as u32);
            self.emit_line(Span { start: at, end: line_end }, out, names);
            if line_end >= part.end {
                return;
            }
            at = line_end + 1;
            let inside_text = self.strings.iter().any(|s| s.start <= line_end && line_end < s.end);
            if inside_text {
                out.raw_line();
            } else {
                out.begin(indent);
                let blanks = self.text[at as usize..part.end as usize].chars().take_while(|c| *c == ' ' || *c == '\t').count();
                at += blanks.min(column) as u32;
            }
        }
    }

    /// Blanks at the beginning of the line that a byte is on.
    fn indent_of_line(&self, at: u32) -> usize {
        let begin = self.text[..at as usize].rfind('\n').map_or(0, |n| n + 1);
        self.text[begin..].chars().take_while(|c| *c == ' ' || *c == '\t').count()
    }

    fn emit_line(&self, part: Span, out: &mut Lines, names: Names) {
        if names == Names::AsWritten {
            out.from(part, part.of(self.text));
            return;
        }
        let mut starts: Vec<u32> = self.fields.iter().copied().filter(|f| part.contains(*f)).collect();
        starts.sort_unstable();
        let mut at = part.start;
        for start in starts {
            out.from(Span { start: at, end: start }, Span { start: at, end: start }.of(self.text));
            out.made(&format!("{}.", self.receiver));
            at = start;
        }
        let rest = Span { start: at, end: part.end };
        out.from(rest, rest.of(self.text));
    }

    pub(super) fn span(&self, node: Node) -> Span {
        Span::new(node.start_byte(), node.end_byte())
    }
}

/// Does a pattern of a `match` bind a name?
fn has_capture(node: Node) -> bool {
    let mut cursor = node.walk();
    let mut stack = vec![node];
    while let Some(n) = stack.pop() {
        if n.kind() == "case_pattern" {
            let mut inner = n.walk();
            let dotted: Vec<Node> = n.named_children(&mut inner).collect();
            if dotted.iter().any(|d| d.kind() == "dotted_name" && d.named_child_count() == 1)
                || matches!(
                    dotted.first().map(|d| d.kind()),
                    Some("as_pattern" | "splat_pattern" | "class_pattern" | "list_pattern" | "tuple_pattern" | "dict_pattern")
                )
            {
                return true;
            }
        }
        stack.extend(n.named_children(&mut cursor));
    }
    false
}

/// Does it yield itself, not in a function inside?
pub(super) fn has_yield(node: Node) -> bool {
    holds(node, &|n| n.kind() == "yield")
}

/// Does something of the kind stand in it, outside inner functions and classes?
pub(super) fn holds(node: Node, test: &dyn Fn(Node) -> bool) -> bool {
    let mut stack = vec![node];
    while let Some(n) = stack.pop() {
        if test(n) {
            return true;
        }
        let inner = n.id() != node.id() && matches!(n.kind(), "function_definition" | "lambda" | "class_definition");
        if !inner && !matches!(n.kind(), "function_definition" | "lambda" | "class_definition" if n.id() == node.id()) {
            let mut cursor = n.walk();
            let children: Vec<Node> = n.named_children(&mut cursor).collect();
            stack.extend(children);
        }
    }
    false
}
