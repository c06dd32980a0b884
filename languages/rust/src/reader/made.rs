//! Items that `macro_rules!` make where they are called: `counters! { oak, pine }` makes two functions.
//!
//! # How it works
//! Calls among the items of files, modules, traits and `impl`s are [expanded](crate::macros) by the rules of the file itself, or of the other
//! file of the tree that is nearest, and what comes out is read like any text. Calls whose arguments read like items themselves are left to
//! [`super::macro_items`]: most macros of that kind hand on what they are given.
//!
//! # Guarantees
//! At most [`MOST_CALLS`] calls and [`MOST_TOKENS`] tokens a file; what comes later is a gap.

use super::macro_items::ItemsInMacros;
use crate::macros::{Found, MacroRules, Rules, expand, tokens};
use compass_expand::{Place, Record, SourceNo, TokenId};
use compass_facts::reading::graft::{Graft, graft};
use compass_facts::reading::parse_part;
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{find_child, named, span, text as text_of};
use compass_facts::surroundings::Surroundings;
use compass_facts::*;
use std::cell::RefCell;
use std::sync::Arc;

/// Calls that are expanded in one file.
const MOST_CALLS: usize = 400;
/// Tokens that they may become.
const MOST_TOKENS: usize = 60_000;
/// The text that is read.
const HERE: SourceNo = SourceNo(0);

const OPAQUE: &str = include_str!("../data/opaque_macros.txt");

/// A call among items.
struct Call {
    name: String,
    span: Span,
    name_span: Span,
    /// The head of the `impl` or trait around it.
    head: Option<Span>,
}

/// Adds what macros make to the facts of a file.
pub(super) fn add(text: &str, tree: &Tree, facts: Facts, items: &ItemsInMacros, cancel: &Cancel, among: &dyn Surroundings) -> Facts {
    let mut found = InFile::default();
    found.walk(tree.root_node(), text, items);
    if found.calls.is_empty() {
        return facts;
    }
    let rules = Known { own: found.own, among, path: among.path(), asked: RefCell::default() };
    let mut left = MOST_TOKENS;
    let mut facts = facts;
    let mut made = Vec::new();
    for (i, call) in found.calls.iter().enumerate() {
        if cancel.is_cancelled() {
            return facts;
        }
        if OPAQUE.lines().any(|l| l == call.name) || matches!(rules.find(&[call.name.as_str().into()], Some(here(call.name_span))), Found::Unknown) {
            continue;
        }
        if left == 0 || i >= MOST_CALLS {
            facts.gaps.push(Gap { cause: GapCause::TooDeep, span: call.span });
            continue;
        }
        made.extend(Made::of(text, call, &rules, &mut left, cancel));
    }
    facts.gaps.sort_by_key(|g| g.span);
    let grafts: Vec<Graft> = made.iter().filter_map(|m| m.graft(&facts)).collect();
    graft(facts, &grafts)
}

fn here(span: Span) -> Place {
    Place { source: HERE, span }
}

/// Calls and definitions of macros in a file.
#[derive(Default)]
struct InFile {
    calls: Vec<Call>,
    own: Vec<(u32, Arc<MacroRules>)>,
}

impl InFile {
    fn walk(&mut self, root: Node, text: &str, items: &ItemsInMacros) {
        let mut open: Vec<(Node, Option<Span>)> = vec![(root, None)];
        while let Some((node, head)) = open.pop() {
            for child in named(node) {
                match child.kind() {
                    "macro_definition" => {
                        let read = MacroRules::read(tokens(HERE, text, span(child)), "crate");
                        self.own.extend(read.map(|rules| (span(child).start, Arc::new(rules))));
                    }
                    "macro_invocation" => self.call(child, text, items, head),
                    "impl_item" | "trait_item" => {
                        let body = child.child_by_field_name("body");
                        open.extend(body.map(|b| (b, Some(Span { start: span(child).start, end: span(b).start }))));
                    }
                    "mod_item" => open.extend(child.child_by_field_name("body").map(|b| (b, None))),
                    "expression_statement" => open.push((child, head)),
                    _ => {}
                }
            }
        }
        self.calls.sort_by_key(|c| c.span.start);
        self.own.sort_by_key(|o| o.0);
    }

    fn call(&mut self, node: Node, text: &str, items: &ItemsInMacros, head: Option<Span>) {
        let (Some(name), Some(brackets)) = (node.child_by_field_name("macro"), find_child(node, "token_tree")) else { return };
        if items.contains_key(&span(brackets).start) {
            return;
        }
        let name = name.child_by_field_name("name").unwrap_or(name);
        self.calls.push(Call { name: text_of(name, text).to_owned(), span: span(node), name_span: span(name), head });
    }
}

/// Rules of this file and of others.
struct Known<'k> {
    own: Vec<(u32, Arc<MacroRules>)>,
    among: &'k dyn Surroundings,
    path: &'k str,
    asked: RefCell<Vec<(String, Option<Arc<MacroRules>>)>>,
}

impl Rules for Known<'_> {
    fn find(&self, path: &[Arc<str>], from: Option<Place>) -> Found {
        let Some(name) = path.last() else { return Found::Unknown };
        // A macro is known behind its definition; of several the last counts.
        let at = from.filter(|p| p.source == HERE).map_or(u32::MAX, |p| p.span.start);
        let own =
            self.own.iter().rev().find(|(start, rules)| rules.name == *name && *start < at).or_else(|| self.own.iter().find(|(_, rules)| rules.name == *name));
        if let Some((_, rules)) = own {
            return Found::Rules(rules.clone());
        }
        if OPAQUE.lines().any(|l| l == &**name) {
            return Found::Opaque;
        }
        let known = self.asked.borrow().iter().find(|a| a.0 == **name).map(|a| a.1.clone());
        let rules = known.unwrap_or_else(|| {
            let shape = self.among.shape(name);
            let all = shape.as_ref().and_then(|s| s.value.as_ref()).and_then(|v| v.downcast_ref::<SharedRules>());
            let found = all.and_then(|all| all.nearest(self.path));
            self.asked.borrow_mut().push((name.to_string(), found.clone()));
            found
        });
        rules.map_or(Found::Unknown, Found::Rules)
    }
}

/// Rules of one name in other files.
pub(crate) struct SharedRules(pub(crate) Vec<WrittenRules>);

/// Rules, where they stand and how they are written.
pub(crate) struct WrittenRules {
    pub(crate) path: Arc<str>,
    pub(crate) text: String,
    pub(crate) rules: Arc<MacroRules>,
}

impl SharedRules {
    /// Those whose file has most folders in common with a path. Nothing where two files are as near and say different things: a wrong item
    /// is worse than none.
    fn nearest(&self, path: &str) -> Option<Arc<MacroRules>> {
        let shared = |other: &str| path.split('/').zip(other.split('/')).take_while(|(a, b)| a == b).count();
        let best = self.0.iter().map(|r| shared(&r.path)).max()?;
        let mut near = self.0.iter().filter(|r| shared(&r.path) == best);
        let first = near.next()?;
        near.all(|r| r.path == first.path || r.text == first.text).then(|| first.rules.clone())
    }
}

/// What one call makes: the text, and where its pieces come from.
struct Made<'c> {
    call: &'c Call,
    facts: Facts,
    /// Where what the call makes begins in the text.
    begin: u32,
    /// Pieces of the text, and the words of the call that they are.
    words: Vec<(Span, Span)>,
}

impl<'c> Made<'c> {
    fn of(text: &str, call: &'c Call, rules: &Known, left: &mut usize, cancel: &Cancel) -> Option<Made<'c>> {
        let (record, _) = expand(tokens(HERE, text, call.span), rules, false);
        *left = left.saturating_sub(record.tokens.len());
        if record.steps.is_empty() {
            return None;
        }
        let mut out = call.head.map_or(String::new(), |head| format!("{} {{ ", head.of(text)));
        let begin = out.len() as u32;
        let mut words = Vec::new();
        for id in record.end() {
            let token = record.token(id);
            if let Some(place) = written_at(&record, id, call.span) {
                words.push((Span::new(out.len(), out.len() + token.text.len()), place));
            }
            out.push_str(&token.text);
            out.push(' ');
        }
        if call.head.is_some() {
            out.push('}');
        }
        let tree = parse_part(crate::RUST, &out, Span::new(0, out.len()), cancel)?;
        let facts = super::read(&out, &tree, cancel);
        let makes = facts.definitions.iter().any(|d| d.name_span.start >= begin && !d.flags.has(Flags::LOCAL));
        makes.then_some(Made { call, facts, begin, words })
    }

    fn graft(&self, into: &Facts) -> Option<Graft<'_>> {
        let around = |s: &Scope| matches!(s.kind, ScopeKind::Type | ScopeKind::Module) && s.span.contains(self.call.span.start);
        let inner = into.scopes.iter().enumerate().filter(|(_, s)| around(s)).min_by_key(|(_, s)| s.span.len());
        let scope = inner.map_or(ScopeId::FILE, |(i, _)| ScopeId(i as u32));
        let written_into = |s: &Scope| s.kind == ScopeKind::Type && s.span.contains(self.begin);
        let replaced = match self.call.head {
            Some(_) => self.facts.scopes.iter().position(written_into).map(|i| ScopeId(i as u32))?,
            None => ScopeId::FILE,
        };
        if self.call.head.is_some() && into.scope(scope).kind != ScopeKind::Type {
            return None;
        }
        Some(Graft {
            facts: &self.facts,
            scope,
            replaced,
            container: into.scope(scope).owner,
            words: &self.words,
            otherwise: self.call.name_span,
            whole: self.call.span,
            by: &self.call.name,
        })
    }
}

/// The word of the call that a token is.
fn written_at(record: &Record, id: TokenId, call: Span) -> Option<Span> {
    let first = record.history(id).last().and_then(|t| record.token(*t).place)?;
    (first.source == HERE && call.start <= first.span.start && first.span.end <= call.end).then_some(first.span)
}
