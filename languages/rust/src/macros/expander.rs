//! Unfolds calls of `macro_rules!` macros, from the outside in.

use super::matcher::Fitting;
use super::rules::MacroRules;
use super::transcriber::{Transcriber, first_token, grouping, is_one_piece, is_torn};
use super::tree::{Delimiter, Fragment, Group, Tree, flatten, trees};
use compass_expand::{MAX_TOKENS, Note, Place, Record, Step, StepNo, Token, TokenId, TokenKind};
use rustc_hash::FxHashMap;
use std::collections::VecDeque;
use std::sync::Arc;

/// What a macro's name leads to.
#[derive(Debug, Clone)]
pub enum Found {
    /// Rules.
    Rules(Arc<MacroRules>),
    /// The compiler's own or a procedural one: a call whose arguments are expressions like any others.
    Opaque,
    /// Nothing.
    Unknown,
}

/// Where definitions come from.
pub trait Rules {
    /// The macro that a path means where the call is written.
    fn find(&self, path: &[Arc<str>], from: Option<Place>) -> Found;
}

/// Nested calls deeper than this end the unfolding; the compiler's own limit is 128.
const MAX_DEPTH: usize = 128;

/// Unfolds all calls in `written`; with `only_first`, only the first call and what it leaves.
pub fn expand(written: Vec<Token>, rules: &dyn Rules, only_first: bool) -> (Record, Vec<Note>) {
    let mut record = Record::default();
    let ids: Vec<TokenId> = written.into_iter().map(|t| record.add(t)).collect();
    record.start = ids.clone();
    let all = trees(&record, &ids);
    let mut expander = Expander { record, notes: Vec::new(), rules, local: FxHashMap::default(), waiting: VecDeque::new() };
    expander.scan(&all, Surroundings { depth: 0, holds: Holds::Items, torn: (false, false) });
    if only_first {
        expander.waiting.truncate(1);
        if let Some(call) = expander.waiting.front() {
            expander.record.start = call.tokens();
        }
    }
    expander.work();
    (expander.record, expander.notes)
}

/// A call that waits to be unfolded.
#[derive(Debug)]
struct Call {
    path: Vec<TokenId>,
    bang: TokenId,
    arguments: Tree,
    /// The semicolon behind it.
    semicolon: Option<TokenId>,
    around: Surroundings,
}

/// What stands in a list of trees.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum Holds {
    /// Items: the semicolon behind a call belongs to the call.
    Items,
    /// Statements and expressions.
    Code,
}

/// Where a list of trees stands.
#[derive(Debug, Clone, Copy)]
struct Surroundings {
    depth: usize,
    holds: Holds,
    /// Would what stands left and right of it tear an expression apart?
    torn: (bool, bool),
}

impl Call {
    fn tokens(&self) -> Vec<TokenId> {
        let mut all = self.path.clone();
        all.push(self.bang);
        flatten(std::slice::from_ref(&self.arguments), &mut all);
        all
    }
}

struct Expander<'a> {
    record: Record,
    notes: Vec<Note>,
    rules: &'a dyn Rules,
    /// Macros that calls have defined on the way.
    local: FxHashMap<Arc<str>, Arc<MacroRules>>,
    waiting: VecDeque<Call>,
}

const KEYWORDS: [&str; 16] = ["return", "break", "if", "while", "match", "in", "else", "as", "let", "mut", "ref", "move", "where", "yield", "await", "unsafe"];

impl Expander<'_> {
    /// Finds calls; those inside the arguments of a call are found when that call is opaque.
    fn scan(&mut self, all: &[Tree], around: Surroundings) {
        let mut at = 0;
        let mut header = 0;
        while at < all.len() {
            if let Some(used) = self.definition(&all[at..]) {
                at += used;
                header = at;
                continue;
            }
            if let Some(call) = self.call(all, at, around) {
                at += 3;
                match self.find(&call) {
                    Found::Opaque => {
                        if let Tree::Group(g) = &call.arguments {
                            self.scan(&g.trees, Surroundings { holds: Holds::Code, torn: (false, false), ..around });
                        }
                    }
                    _ => self.waiting.push_back(call),
                }
                continue;
            }
            if let Tree::Group(g) = &all[at] {
                let inside = self.inside(all, at, header, g.delimiter, around);
                self.scan(&g.trees, inside);
                if g.delimiter == Delimiter::Curly {
                    header = at + 1;
                }
            } else if self.leaf(all.get(at)).is_some_and(|t| t.is(";")) {
                header = at + 1;
            }
            at += 1;
        }
    }

    fn inside(&self, all: &[Tree], at: usize, header: usize, delimiter: Delimiter, around: Surroundings) -> Surroundings {
        match delimiter {
            Delimiter::Matched(_) => {
                let (left, right) = is_torn(&self.record, all, at, at);
                let torn = (if at == 0 { around.torn.0 } else { left }, if at + 1 == all.len() { around.torn.1 } else { right });
                Surroundings { torn, ..around }
            }
            Delimiter::Curly => {
                let items = all[header.min(at)..at].iter().any(|t| self.leaf(Some(t)).is_some_and(|t| matches!(&*t.text, "mod" | "impl" | "trait" | "extern")));
                let code = all[header.min(at)..at].iter().any(|t| self.leaf(Some(t)).is_some_and(|t| &*t.text == "fn"));
                Surroundings { holds: if items && !code { Holds::Items } else { Holds::Code }, torn: (false, false), ..around }
            }
            _ => Surroundings { holds: Holds::Code, torn: (false, false), ..around },
        }
    }

    fn leaf(&self, tree: Option<&Tree>) -> Option<&Token> {
        match tree {
            Some(Tree::Leaf(id)) => Some(self.record.token(*id)),
            _ => None,
        }
    }

    /// A definition of rules inside what is unfolded; gives how many trees it takes.
    fn definition(&mut self, rest: &[Tree]) -> Option<usize> {
        if &*self.leaf(rest.first())?.text != "macro_rules" || !self.leaf(rest.get(1))?.is("!") {
            return None;
        }
        let mut ids = Vec::new();
        flatten(rest.get(..4)?, &mut ids);
        let tokens = ids.iter().map(|id| self.record.token(*id).clone()).collect();
        let read = MacroRules::read(tokens, "crate")?;
        self.local.insert(read.name.clone(), Arc::new(read));
        Some(4)
    }

    /// The call whose name stands at `at`.
    fn call(&self, all: &[Tree], at: usize, around: Surroundings) -> Option<Call> {
        let name = self.leaf(all.get(at))?;
        if name.kind != TokenKind::Name || KEYWORDS.contains(&&*name.text) || name.text.starts_with('\'') || !self.leaf(all.get(at + 1))?.is("!") {
            return None;
        }
        let arguments = all.get(at + 2).filter(|t| matches!(t, Tree::Group(g) if !matches!(g.delimiter, Delimiter::Matched(_))))?;
        let (Tree::Leaf(id), Tree::Leaf(bang)) = (&all[at], &all[at + 1]) else { return None };
        let mut path = vec![*id];
        let mut from = at;
        while from > 0 && self.leaf(all.get(from - 1)).is_some_and(|t| t.is("::")) {
            let Tree::Leaf(colons) = &all[from - 1] else { break };
            path.insert(0, *colons);
            from -= 1;
            match all.get(from.wrapping_sub(1)) {
                Some(Tree::Leaf(segment)) if self.record.token(*segment).kind == TokenKind::Name => {
                    path.insert(0, *segment);
                    from -= 1;
                }
                _ => break,
            }
        }
        let begins = match from.checked_sub(1).and_then(|n| all.get(n)) {
            None => true,
            Some(Tree::Leaf(id)) => self.record.token(*id).is(";"),
            Some(Tree::Group(g)) => matches!(g.delimiter, Delimiter::Curly | Delimiter::Square),
        };
        let semicolon = match all.get(at + 3) {
            Some(Tree::Leaf(id)) if begins && self.record.token(*id).is(";") => Some(*id),
            _ => None,
        };
        let (left, right) = is_torn(&self.record, all, from, at + 2);
        let torn = (if from == 0 { around.torn.0 } else { left }, if at + 3 == all.len() { around.torn.1 } else { right });
        Some(Call {
            path,
            bang: *bang,
            arguments: arguments.clone(),
            semicolon,
            around: Surroundings { torn, holds: if begins { around.holds } else { Holds::Code }, ..around },
        })
    }

    fn find(&self, call: &Call) -> Found {
        let names: Vec<Arc<str>> = call.path.iter().map(|id| self.record.token(*id)).filter(|t| t.kind == TokenKind::Name).map(|t| t.text.clone()).collect();
        if let [name] = &names[..]
            && let Some(local) = self.local.get(name)
        {
            return Found::Rules(local.clone());
        }
        let from = call.path.last().and_then(|id| self.record.token(*id).place);
        self.rules.find(&names, from)
    }

    fn work(&mut self) {
        while let Some(call) = self.waiting.pop_front() {
            let name = self.record.token(*call.path.last().expect("a call has a name")).text.clone();
            if self.record.tokens.len() > MAX_TOKENS || call.around.depth >= MAX_DEPTH {
                self.notes.push(Note::TooMuch { name });
                return;
            }
            match self.find(&call) {
                Found::Rules(rules) => self.unfold(call, &rules),
                Found::Opaque => self.notes.push(Note::Opaque { name }),
                Found::Unknown => self.notes.push(Note::Undefined { name }),
            }
        }
    }

    fn unfold(&mut self, call: Call, rules: &Arc<MacroRules>) {
        let Tree::Group(arguments) = &call.arguments else { return };
        let mut furthest = (0, String::from("it has no rules"));
        for (n, rule) in rules.rules.iter().enumerate() {
            let mut fitting = Fitting::new(&mut self.record, &rules.record);
            let Some(bindings) = fitting.fit(&rule.matcher, arguments.trees.clone()) else {
                if fitting.furthest.0 >= furthest.0 {
                    furthest = fitting.furthest;
                }
                continue;
            };
            let step = StepNo(self.record.steps.len() as u32);
            let mut written = Transcriber { record: &mut self.record, rules, step }.write(&rule.output, &bindings);
            self.keep_together(&call, &mut written, step);
            let mut produced = Vec::new();
            flatten(&written, &mut produced);
            if let (Some(first), Some(name)) = (produced.first(), call.path.first()) {
                self.record.tokens[first.index()].spaced = self.record.token(*name).spaced;
            }
            let mut consumed = call.tokens();
            let ends = produced.last().is_none_or(|t| self.record.token(*t).is(";"));
            consumed.extend(call.semicolon.filter(|_| call.around.holds == Holds::Items || ends));
            let parameters = rules.names.clone();
            self.record.steps.push(Step { by: rules.name.clone(), rule: n as u16, defined: rule.place, parameters, consumed, produced });
            self.scan(&written, Surroundings { depth: call.around.depth + 1, ..call.around });
            return;
        }
        self.notes.push(Note::NoRule { name: rules.name.clone(), expected: furthest.1 });
    }

    /// A result that is one expression gets parentheses where the call's neighbours would tear it apart.
    fn keep_together(&mut self, call: &Call, written: &mut Vec<Tree>, step: StepNo) {
        let torn = call.around.torn.0 || call.around.torn.1;
        let statements = written.iter().any(|t| matches!(t, Tree::Leaf(id) if self.record.token(*id).is(";")));
        if !torn || statements || call.around.holds == Holds::Items || is_one_piece(&self.record, written) {
            return;
        }
        let brackets = grouping(&mut self.record, first_token(written), step);
        let trees = std::mem::take(written);
        written.push(Tree::Group(Group { delimiter: Delimiter::Matched(Fragment::Expr), brackets: Some(brackets), trees }));
    }
}
