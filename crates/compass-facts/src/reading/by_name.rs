//! Members that are called by a text with their name, and modules that are loaded under names made at run time: nothing links them, but
//! that there are such places is told.

use super::flows::FlowWords;
use super::signals::{is_call, is_text, last_name, object_of};
use super::syntax::Node;
use super::tree::{Nodes, named, span, text};
use super::{Builder, flows};
use crate::bounds::Levels;
use crate::{Argument, Flow, FlowPart, TextPart};

/// Among patterns of names: a module is loaded under a name of which nothing is known.
pub const ANY_MODULE: &str = "*";
/// Among patterns of names: a member is called by a name of which nothing is known.
pub const ANY_MEMBER: &str = "?";
/// In a pattern: what is put in at run time.
const HOLE: &str = "*";
/// A name may stand for a text that stands for another, so often.
const MOST_STEPS: usize = 4;
/// So many blocks around are looked through for what a name was given.
const MOST_LEVELS: usize = 24;

impl<'t> Builder<'t> {
    /// Keeps the pattern of a name that a call gives as a text.
    pub(super) fn called_by_name(&mut self, node: Node<'t>, words: &FlowWords) {
        let Some(callee) = flows::callee_of(node) else { return };
        // A member looked up by an index and called: `rack["turn_" + way] ()`.
        if let Some((base, index)) = flows::indexed(callee).and_then(|base| Some((base, named(callee).into_iter().next_back()?))) {
            return self.keep_name(index, (Some(base), None), words);
        }
        // The name of the member is a text or a variable itself.
        if let Some(object) = node.child_by_field_name("object")
            && (is_text(callee) || callee.kind().ends_with("variable_name"))
        {
            return self.keep_name(callee, (Some(object), None), words);
        }
        let name = last_name(callee).map_or_else(|| text(callee, self.text), |n| text(n, self.text));
        let by_name = words.by_name.iter().find(|(word, _)| *word == name);
        let loads = words.loaders.contains(&name);
        if by_name.is_none() && !loads {
            return;
        }
        let arguments: Nodes<'t> = flows::arguments_of(node).map(named).unwrap_or_default();
        let given = |n: u8| arguments.get(n as usize).copied().map(|a| if is_wrapper(a) { named(a).into_iter().next_back().unwrap_or(a) } else { a });
        if let Some((_, position)) = by_name
            && let Some(argument) = given(*position)
        {
            // The receiver stands before the call, or among its arguments before the name.
            let receiver = if *position > 0 { given(0) } else { object_of(callee) };
            // Both may stand in a list.
            let pair: Nodes<'t> = if argument.kind().contains("array") { named(argument) } else { Nodes::new() };
            let (receiver, argument) = match pair.as_slice() {
                [of, name] => (Some(inside(*of)), inside(*name)),
                _ => (receiver, argument),
            };
            self.keep_name(argument, (receiver, last_name(callee)), words);
        }
        if loads && given(0).is_some_and(|module| !is_constant(self.argument(module, Levels::VALUES))) {
            self.keep_pattern(ANY_MODULE);
        }
    }

    /// Keeps what is known of the text that names a member of the receiver; `calls` is the name of what is given the text, if it has one.
    fn keep_name(&mut self, node: Node<'t>, (receiver, calls): (Option<Node<'t>>, Option<Node<'t>>), words: &FlowWords) {
        let node = self.text_behind(node, words);
        let argument = self.argument(node, Levels::VALUES);
        let (pattern, made_of) = match &argument {
            _ if let Some(pattern) = self.formatted(node, words) => (Some(pattern), last_name(node).map(|n| span(n).start)),
            Argument::Text(parts, _) => (self.pattern_of(parts), parts.iter().find_map(|p| if let TextPart::Hole(at) = p { *at } else { None })),
            // A number picks from a list.
            _ if matches!(node.kind(), "number" | "integer" | "integer_literal" | "decimal_integer_literal" | "unary_operator") => return,
            Argument::Name(at) => (Some(ANY_MEMBER.to_owned()), Some(*at)),
            _ => (Some(ANY_MEMBER.to_owned()), last_name(node).map(|n| span(n).start)),
        };
        let Some(pattern) = pattern else { return };
        self.keep_pattern(&pattern);
        // Only of the value itself it is known which members are meant.
        if words.own.contains(&receiver.map_or("", |r| text(r, self.text))) {
            // An index has no name of its own: what its text is made of stands for it.
            let Some(at) = calls.map(|c| span(c).start).or(made_of) else { return };
            let part = FlowPart::Member(self.intern(&pattern));
            self.facts.flows.push(Flow { value: at, of: FlowPart::Whole, into: at, part });
        }
    }

    /// What a name stands for: the text that it was given before in the same function, through methods that leave a text alone.
    fn text_behind(&self, node: Node<'t>, words: &FlowWords) -> Node<'t> {
        let mut at = node;
        for _ in 0..MOST_STEPS {
            let next = if is_call(at) {
                let callee = flows::callee_of(at);
                let is_same = callee.and_then(last_name).is_some_and(|n| words.same_text.contains(&text(n, self.text)));
                callee.filter(|_| is_same).and_then(|c| object_of(c).or_else(|| object_of(at)))
            } else if matches!(at.kind(), "identifier" | "variable_name" | "simple_identifier") {
                self.assigned_before(at, words)
            } else {
                None
            };
            match next {
                Some(next) => at = next,
                None => break,
            }
        }
        at
    }

    /// The text that a variable was last given before a place, in the same function.
    fn assigned_before(&self, name: Node<'t>, words: &FlowWords) -> Option<Node<'t>> {
        let wanted = text(name, self.text);
        let mut at = name;
        for _ in 0..MOST_LEVELS {
            if flows::is_function(at) {
                return None;
            }
            let mut before = at;
            while let Some(sibling) = before.prev_sibling() {
                before = sibling;
                if let Some(value) = given_by(sibling, wanted, self.text) {
                    // Elsewhere it may be given another.
                    if is_given_again(flows::function_around(name).map_or(self.text, |f| text(f, self.text)), wanted) {
                        return None;
                    }
                    let is_name = is_text(value) || self.is_formatted(value, words).is_some() || is_call(value);
                    return Some(value).filter(|v| is_name && v.id() != at.id());
                }
            }
            at = at.parent()?;
        }
        None
    }

    /// The text into which a call or an operator puts values.
    fn is_formatted(&self, node: Node<'t>, words: &FlowWords) -> Option<Node<'t>> {
        if matches!(node.kind(), "binary_operator" | "binary_expression" | "binary") {
            let is_put_in = node.child_by_field_name("operator").is_some_and(|o| o.kind() == "%");
            return node.child_by_field_name("left").filter(|l| is_put_in && is_text(*l));
        }
        if !is_call(node) {
            return None;
        }
        let callee = flows::callee_of(node)?;
        let word = last_name(callee).map_or_else(|| text(callee, self.text), |n| text(n, self.text));
        if !words.formats.contains(&word) {
            return None;
        }
        let first = flows::arguments_of(node).map(named).unwrap_or_default().first().map(|a| if is_wrapper(*a) { inside(*a) } else { *a });
        let object = object_of(callee).or_else(|| object_of(node)).or_else(|| callee.child_by_field_name("object"));
        object.filter(|o| is_text(*o)).or_else(|| first.filter(|a| is_text(*a)))
    }

    /// The pattern of a text with values put in, `visit_{}` or `visit_%s`.
    fn formatted(&self, node: Node<'t>, words: &FlowWords) -> Option<String> {
        let of = self.is_formatted(node, words)?;
        let raw = text(of, self.text).trim_start_matches(['f', 'r', 'b', 'u', '@']).trim_matches(['"', '\'', '`']);
        let mut pattern = String::new();
        let mut rest = raw;
        while let Some(at) = rest.find(['{', '%']) {
            pattern.push_str(&rest[..at]);
            let end = match rest.as_bytes()[at] {
                b'{' => rest[at..].find('}')?,
                _ => rest[at + 1..].find(|c: char| c.is_ascii_alphabetic())? + 1,
            };
            pattern.push_str(HOLE);
            rest = &rest[at + end + 1..];
        }
        pattern.push_str(rest);
        let is_name = |c: char| c.is_alphanumeric() || matches!(c, '_' | '*' | '$');
        (pattern.contains(HOLE) && pattern.chars().all(is_name)).then_some(pattern)
    }

    /// A text as a pattern; nothing for what can be no name.
    fn pattern_of(&self, parts: &[TextPart]) -> Option<String> {
        if parts.iter().all(|p| matches!(p, TextPart::Hole(_))) {
            return Some(ANY_MEMBER.to_owned());
        }
        let pattern: String = parts.iter().map(|p| if let TextPart::Text(t) = p { self.facts.name(*t) } else { HOLE }).collect();
        let is_name = |c: char| c.is_alphanumeric() || matches!(c, '_' | '*' | '$' | '?' | '!' | '=');
        (!pattern.is_empty() && pattern.chars().all(is_name)).then_some(pattern)
    }

    fn keep_pattern(&mut self, pattern: &str) {
        let pattern = self.intern(pattern);
        if !self.facts.pasted.contains(&pattern) {
            self.facts.pasted.push(pattern);
        }
    }
}

/// Is a name given a value at more than one place of a stretch of code?
fn is_given_again(code: &str, name: &str) -> bool {
    let is_word = |c: char| c.is_alphanumeric() || c == '_' || c == '$';
    let gives = |(at, _): &(usize, &str)| {
        let (before, behind) = (&code[..*at], code[at + name.len()..].trim_start());
        let is_whole = !before.ends_with(is_word) && !code[at + name.len()..].starts_with(is_word);
        let is_set = behind.starts_with('=') && !behind.starts_with("==") && !behind.starts_with("=>");
        let is_changed = behind.get(..2).is_some_and(|two| two.ends_with('=') && !matches!(two, "==" | "<=" | ">=" | "!=")) || behind.starts_with("||=");
        // One of several names on the left: `name, rest = …`.
        let line_end = code[at + name.len()..].lines().next().unwrap_or("");
        let line_begin = before.rsplit('\n').next().unwrap_or("");
        let is_one_of = (behind.starts_with(',') || line_begin.trim_end().ends_with(',')) && line_end.contains(" = ") && !line_begin.contains(['(', '=']);
        is_whole && (is_set || is_changed || is_one_of || before.trim_end().ends_with("for"))
    };
    code.match_indices(name).filter(gives).count() > 1
}

/// What a statement gives to a variable.
fn given_by<'t>(statement: Node<'t>, name: &str, source: &str) -> Option<Node<'t>> {
    let mut at = statement;
    for _ in 0..3 {
        let left = ["left", "name"].iter().find_map(|f| at.child_by_field_name(f));
        let right = ["right", "value"].iter().find_map(|f| at.child_by_field_name(f));
        if let (Some(left), Some(right)) = (left, right) {
            return Some(right).filter(|_| text(left, source) == name);
        }
        at = named(at).into_iter().next()?;
    }
    None
}

/// What an element of a list holds.
fn inside(node: Node) -> Node {
    if node.kind().contains("element") { named(node).into_iter().next_back().unwrap_or(node) } else { node }
}

/// Does a node only say that something is an argument?
fn is_wrapper(node: Node) -> bool {
    matches!(node.kind(), "argument" | "value_argument") && !is_call(node) && !span(node).is_empty()
}

/// Is it a text in which nothing is put in?
fn is_constant(argument: Argument) -> bool {
    matches!(argument, Argument::Text(parts, _) if parts.iter().all(|p| matches!(p, TextPart::Text(_))))
}
