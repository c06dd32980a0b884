//! What conditions say of values: behind `if (x instanceof Rack)` an `x` is a rack.
//!
//! A value is known by the words it is written with, `x` or `this.x`. What is written into it later ends what was said of it, and so
//! does a binding of the same name within. A loop, and a function that runs later, may find it written anew: there nothing is said of what
//! the file writes to anywhere.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Role, TypeExpr, TypeId};
use rustc_hash::FxHashSet;

impl<'t> Reader<'t> {
    pub(super) fn if_statement(&mut self, node: Node<'t>) {
        let condition = node.child_by_field_name("condition");
        if let Some(condition) = condition {
            self.expression(condition, Role::Read);
        }
        let told = self.told.len();
        self.tell_apart(condition, true);
        if let Some(then) = node.child_by_field_name("consequence") {
            self.statement(then);
        }
        self.told.truncate(told);
        if let Some(otherwise) = node.child_by_field_name("alternative") {
            self.tell_apart(condition, false);
            self.statement(otherwise);
            self.told.truncate(told);
        }
    }

    /// `switch (shape.kind) { case "round": … }`
    pub(super) fn switch_statement(&mut self, node: Node<'t>) {
        let value = node.child_by_field_name("value");
        if let Some(value) = value {
            self.expression(value, Role::Read);
        }
        let chosen = value.map(bare);
        // Values by which the place may be reached, and those of all cases before; nothing where one of them cannot be told.
        let (mut open, mut all) = (Some(Vec::new()), Some(Vec::new()));
        for case in node.child_by_field_name("body").map(named).unwrap_or_default() {
            let value = case.child_by_field_name("value");
            if let Some(value) = value {
                self.expression(value, Role::Read);
            }
            let is_default = case.kind() == "switch_default";
            let key = value.and_then(|v| self.key_of(v));
            if !is_default {
                all = all.zip(key.clone()).map(with);
            }
            let falls_in = open.as_ref().is_none_or(|o| !o.is_empty());
            open = open.zip(key).map(with);
            let told = self.told.len();
            match (chosen, &open, &all) {
                (Some(chosen), _, Some(all)) if is_default && !falls_in => self.tell_by_member(chosen, all, false),
                (Some(chosen), Some(open), _) => self.tell_by_member(chosen, open, true),
                _ => {}
            }
            let body: Vec<Node> = case.children_by_field_name("body").collect();
            for statement in &body {
                self.statement(*statement);
                self.told_behind(*statement);
            }
            self.told.truncate(told);
            if body.last().copied().is_some_and(leaves) {
                open = Some(Vec::new());
            }
        }
    }

    /// What holds where a condition does, or does not.
    pub(super) fn tell_apart(&mut self, condition: Option<Node<'t>>, holds: bool) {
        let Some(condition) = condition else { return };
        match condition.kind() {
            "parenthesized_expression" => self.tell_apart(named(condition).first().copied(), holds),
            "unary_expression" if condition.child_by_field_name("operator").is_some_and(|o| o.kind() == "!") => {
                self.tell_apart(condition.child_by_field_name("argument"), !holds);
            }
            "member_expression" => self.tell_by_member(condition, &["true".to_owned()], holds),
            "call_expression" if holds => self.tell_by_guard(condition),
            "binary_expression" => self.tell_by_two(condition, holds),
            _ => {}
        }
    }

    fn tell_by_two(&mut self, condition: Node<'t>, holds: bool) {
        let (Some(left), Some(right)) = (condition.child_by_field_name("left"), condition.child_by_field_name("right")) else { return };
        match condition.child_by_field_name("operator").map_or("", |o| o.kind()) {
            "&&" if holds => {
                self.tell_apart(Some(left), true);
                self.tell_apart(Some(right), true);
            }
            "||" if !holds => {
                self.tell_apart(Some(left), false);
                self.tell_apart(Some(right), false);
            }
            "instanceof" if holds && is_path(left) => {
                if let Some(ty) = self.unread(right) {
                    let ty = self.b.ty_instance(ty);
                    self.tell(left, ty);
                }
            }
            // What has no such member by its type may still have it, and what may have it may be without.
            "in" if holds && left.kind() == "string" && is_path(right) => {
                let member = super::classes::unquoted(text(left, self.b.text));
                self.tell_parts(right, member, &[], true);
            }
            equal @ ("===" | "==" | "!==" | "!=") => {
                let (value, key) = match self.key_of(right) {
                    Some(key) if left.kind() == "member_expression" => (left, key),
                    _ => match self.key_of(left).filter(|_| right.kind() == "member_expression") {
                        Some(key) => (right, key),
                        None => return,
                    },
                };
                self.tell_by_member(value, &[key], holds == equal.starts_with('='));
            }
            _ => {}
        }
    }

    /// `value` is a member of something: of what can it be the member, if it is one of these values?
    fn tell_by_member(&mut self, value: Node<'t>, keys: &[String], holds: bool) {
        let (Some(of), Some(member)) = (value.child_by_field_name("object"), value.child_by_field_name("property")) else { return };
        if value.kind() == "member_expression" && is_path(of) && !keys.is_empty() {
            self.tell_parts(of, text(member, self.b.text), keys, holds);
        }
    }

    fn tell_parts(&mut self, of: Node<'t>, member: &str, keys: &[String], holds: bool) {
        let Some(ty) = self.unread(of).filter(|t| *t != self.b.unknown()) else { return };
        let member = self.b.intern(member);
        let keys = keys.iter().map(|k| self.b.intern(k)).collect();
        let ty = self.b.ty(TypeExpr::Told { of: ty, member, keys, holds });
        self.tell(of, ty);
    }

    /// `isRound (shape)`: what the function says of its first argument is known where the function is.
    fn tell_by_guard(&mut self, call: Node<'t>) {
        let Some(function) = call.child_by_field_name("function").filter(|f| is_path(*f)) else { return };
        let first = call.child_by_field_name("arguments").and_then(|a| named(a).first().copied());
        let Some(value) = first.filter(|v| is_path(*v)) else { return };
        if let (Some(by), Some(of)) = (self.unread(function), self.unread(value)) {
            let ty = self.b.ty(TypeExpr::Guarded { of, by });
            self.tell(value, ty);
        }
    }

    fn tell(&mut self, value: Node<'t>, ty: TypeId) {
        self.told.push((text(value, self.b.text), Some(ty)));
    }

    /// Behind `if (!(x instanceof Rack)) return;` what the condition denies holds.
    pub(super) fn told_behind(&mut self, statement: Node<'t>) {
        if statement.kind() != "if_statement" || statement.child_by_field_name("alternative").is_some() {
            return;
        }
        if statement.child_by_field_name("consequence").is_some_and(leaves) {
            self.tell_apart(statement.child_by_field_name("condition"), false);
        }
    }

    /// How a value is told from others: see [`TypeExpr::Told`].
    pub(super) fn key_of(&self, value: Node<'t>) -> Option<String> {
        let words = text(value, self.b.text);
        match value.kind() {
            // One text, one number may be written in several ways.
            "string" if !words.contains('\\') => Some(format!("\"{}\"", super::classes::unquoted(words))),
            "number" if words.bytes().all(|b| b.is_ascii_digit()) && (words == "0" || !words.starts_with('0')) => Some(words.to_owned()),
            "true" | "false" => Some(words.to_owned()),
            "member_expression" if is_path(value) => value.child_by_field_name("property").map(|p| format!(".{}", text(p, self.b.text))),
            _ => None,
        }
    }

    /// What is said of a value at this place.
    pub(super) fn told_of(&self, value: Node<'t>) -> Option<TypeId> {
        let words = text(value, self.b.text);
        self.told.iter().rev().find(|t| t.0 == words).and_then(|t| t.1)
    }

    /// What is written into values ends what was said of them, and of what they have.
    pub(super) fn written(&mut self, left: Node<'t>) {
        if self.told.is_empty() {
            return;
        }
        let told = &mut self.told;
        targets(left, self.b.text, &mut |words| told.iter_mut().filter(|t| is_within(t.0, words)).for_each(|t| t.1 = None));
    }

    /// From here on the words mean another value.
    pub(super) fn forget(&mut self, words: &'t str) {
        if self.told.iter().any(|t| is_within(t.0, words)) {
            let all: Vec<&str> = self.told.iter().map(|t| t.0).filter(|t| is_within(t, words)).collect();
            self.told.extend(all.into_iter().map(|t| (t, None)));
        }
    }

    /// In what is read next the place may be reached again, or later: what is written to somewhere may be another value then.
    pub(super) fn keep_what_is_fixed(&mut self) {
        if self.told.is_empty() {
            return;
        }
        let all_written = self.all_written.take().unwrap_or_else(|| written_in(self.root, self.b.text));
        let all: Vec<&str> = self.told.iter().map(|t| t.0).collect();
        self.told.extend(all.into_iter().filter(|words| prefixes(words).any(|p| all_written.contains(p))).map(|words| (words, None)));
        self.all_written = Some(all_written);
    }

    /// Nothing is said in what is read next: it may run at any time.
    pub(super) fn keep_nothing(&mut self) {
        let all: Vec<&str> = self.told.iter().map(|t| t.0).collect();
        self.told.extend(all.into_iter().map(|words| (words, None)));
    }

    /// What a path means, without a use of its own: the condition was read already.
    fn unread(&mut self, node: Node<'t>) -> Option<TypeId> {
        if let Some(told) = self.told_of(node) {
            return Some(told);
        }
        match node.kind() {
            "identifier" => Some(self.b.ty_name(text(node, self.b.text), span(node))),
            "this" => self.receiver.or_else(|| self.class.map(|scope| self.b.ty(TypeExpr::Receiver(scope)))),
            "member_expression" => {
                let of = self.unread(node.child_by_field_name("object")?)?;
                let name = text(node.child_by_field_name("property")?, self.b.text);
                Some(self.b.ty_member(of, name)).filter(|t| *t != self.b.unknown())
            }
            _ => None,
        }
    }
}

/// Is `value` written like `words`, or as something of it?
fn is_within(value: &str, words: &str) -> bool {
    value.strip_prefix(words).is_some_and(|rest| rest.is_empty() || rest.starts_with('.'))
}

/// `a.b.c`, `a.b`, `a`.
fn prefixes(words: &str) -> impl Iterator<Item = &str> {
    std::iter::successors(Some(words), |w| w.rsplit_once('.').map(|w| w.0))
}

fn with<T>((mut all, one): (Vec<T>, T)) -> Vec<T> {
    all.push(one);
    all
}

/// What a file writes to after it is made, by its words.
fn written_in<'t>(root: Node<'t>, source: &'t str) -> FxHashSet<&'t str> {
    let mut out = FxHashSet::default();
    let mut open = vec![root];
    while let Some(node) = open.pop() {
        let left = match node.kind() {
            "assignment_expression" | "augmented_assignment_expression" => node.child_by_field_name("left"),
            "for_in_statement" if node.child_by_field_name("kind").is_none() => node.child_by_field_name("left"),
            _ => None,
        };
        if let Some(left) = left {
            targets(left, source, &mut |words| {
                out.insert(words);
            });
        }
        open.extend(named(node));
    }
    out
}

/// The values that the left side of an assignment names.
pub(super) fn targets<'t>(left: Node<'t>, source: &'t str, each: &mut dyn FnMut(&'t str)) {
    let mut open = vec![left];
    while let Some(node) = open.pop() {
        match node.kind() {
            "object_pattern" | "array_pattern" | "pair_pattern" | "rest_pattern" | "assignment_pattern" | "object_assignment_pattern" => {
                open.extend(named(node))
            }
            _ => each(text(node, source)),
        }
    }
}

/// Is a value a name, or a member of such?
fn is_path(node: Node) -> bool {
    match node.kind() {
        "identifier" | "this" => true,
        "member_expression" => node.child_by_field_name("object").is_some_and(is_path),
        _ => false,
    }
}

/// A value without the brackets around it.
fn bare(node: Node) -> Node {
    match named(node).first() {
        Some(inner) if node.kind() == "parenthesized_expression" => bare(*inner),
        _ => node,
    }
}

/// Does a statement leave what is around it?
fn leaves(statement: Node) -> bool {
    match statement.kind() {
        "return_statement" | "throw_statement" | "continue_statement" | "break_statement" => true,
        "statement_block" => named(statement).last().copied().is_some_and(leaves),
        _ => false,
    }
}
