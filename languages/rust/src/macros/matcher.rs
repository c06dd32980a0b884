//! Fits a call's arguments to a matcher.
//!
//! Repetitions take as much as they can and give back what the rest needs; the language forbids matchers where that would be ambiguous, so
//! giving back is rare.

use super::fragments::Extent;
use super::rules::{Matcher, Times};
use super::tree::{Fragment, Group, Tree};
use compass_expand::{Record, TokenId};
use rustc_hash::FxHashMap;
use std::rc::Rc;

/// What a variable matched.
#[derive(Debug, Clone, PartialEq)]
pub enum Binding {
    /// One piece.
    One(Fragment, Rc<[Tree]>),
    /// One for each turn of a repetition.
    Many(Rc<[Binding]>),
}

/// Bindings by variable.
pub type Bindings = FxHashMap<u16, Binding>;

/// So many steps one match may take: matchers that would need more are ambiguous.
const MAX_STEPS: usize = 1 << 20;

/// Fits trees to matchers.
pub struct Fitting<'r> {
    /// Where the call's tokens are.
    pub record: &'r mut Record,
    /// Where the rules' tokens are.
    pub rules: &'r Record,
    /// How far the best attempt came, and what it wanted there.
    pub furthest: (usize, String),
    steps: usize,
}

impl<'r> Fitting<'r> {
    /// Ready to fit.
    pub fn new(record: &'r mut Record, rules: &'r Record) -> Self {
        Fitting { record, rules, furthest: (0, "the call is empty or ends too early".to_owned()), steps: 0 }
    }

    /// Fits all of `trees`; the trees may get split tokens on the way.
    pub fn fit(&mut self, matchers: &[Matcher], trees: Vec<Tree>) -> Option<Bindings> {
        let mut bindings = Bindings::default();
        let mut input = Input { trees: Rc::new(trees), at: 0 };
        let end = self.sequence(matchers, &mut input, &mut bindings, true);
        end.then_some(bindings)
    }

    fn sequence(&mut self, matchers: &[Matcher], input: &mut Input, bindings: &mut Bindings, whole: bool) -> bool {
        self.steps += 1;
        let Some((first, rest)) = matchers.split_first() else {
            if whole && input.at < input.trees.len() {
                self.note(input.at, "more is given than it takes");
                return false;
            }
            return true;
        };
        if self.steps > MAX_STEPS {
            return false;
        }
        if let Matcher::Repeat(inner, separator, times) = first {
            return self.repeat(inner, *separator, *times, rest, input, bindings, whole);
        }
        self.single(first, input, bindings) && self.sequence(rest, input, bindings, whole)
    }

    fn note(&mut self, at: usize, wanted: &str) {
        if at >= self.furthest.0 {
            self.furthest = (at, wanted.to_owned());
        }
    }

    fn single(&mut self, matcher: &Matcher, input: &mut Input, bindings: &mut Bindings) -> bool {
        match matcher {
            Matcher::Token(wanted) => {
                let wanted = self.rules.token(*wanted).text.clone();
                let found = match input.trees.get(input.at) {
                    Some(Tree::Leaf(id)) if self.record.token(*id).text == wanted => Some(()),
                    Some(Tree::Leaf(id)) => self.split_to(input, *id, &wanted),
                    _ => None,
                };
                input.at += usize::from(found.is_some());
                if found.is_none() {
                    self.note(input.at, &format!("{wanted} is expected"));
                }
                found.is_some()
            }
            Matcher::Group(delimiter, inner) => {
                let Some(Tree::Group(Group { delimiter: found, trees, .. })) = input.trees.get(input.at) else { return false };
                if found != delimiter {
                    return false;
                }
                let mut inside = Input { trees: Rc::new(trees.clone()), at: 0 };
                let fits = self.sequence(inner, &mut inside, bindings, true);
                input.at += usize::from(fits);
                fits
            }
            Matcher::Variable(name, fragment) => {
                let mut extent = Extent::new(self.record, std::mem::take(&mut input.trees));
                extent.at = input.at;
                let found = extent.take(*fragment);
                let (trees, at) = (std::mem::take(&mut extent.trees), extent.at);
                input.trees = trees;
                if !found || (at == input.at && *fragment != Fragment::Vis) {
                    self.note(input.at, &format!("a fragment of kind {fragment:?} is expected"));
                    return false;
                }
                bindings.insert(*name, Binding::One(*fragment, input.trees[input.at..at].into()));
                input.at = at;
                true
            }
            Matcher::Repeat(..) => unreachable!("repetitions are handled where the rest of the sequence is known"),
        }
    }

    /// `>>` stands where `>` is wanted: after a type that ended inside it.
    fn split_to(&mut self, input: &mut Input, id: TokenId, wanted: &str) -> Option<()> {
        let token = self.record.token(id).clone();
        if wanted != ">" || !token.text.starts_with('>') || token.text.len() < 2 {
            return None;
        }
        let left = self.record.add(compass_expand::Token { text: ">".into(), parent: Some(id), ..token.clone() });
        let right = self.record.add(compass_expand::Token { text: token.text[1..].into(), spaced: false, parent: Some(id), ..token });
        Rc::make_mut(&mut input.trees).splice(input.at..=input.at, [Tree::Leaf(left), Tree::Leaf(right)]);
        Some(())
    }

    #[allow(clippy::too_many_arguments, reason = "one recursion over all that makes up a repetition")]
    fn repeat(
        &mut self,
        inner: &[Matcher],
        separator: Option<TokenId>,
        times: Times,
        rest: &[Matcher],
        input: &mut Input,
        bindings: &mut Bindings,
        whole: bool,
    ) -> bool {
        let mut turns: Vec<Bindings> = Vec::new();
        let mut snapshots = vec![input.clone()];
        loop {
            let mut next = input.clone();
            if !turns.is_empty()
                && let Some(separator) = separator
                && !self.single(&Matcher::Token(separator), &mut next, &mut Bindings::default())
            {
                break;
            }
            let mut turn = Bindings::default();
            if next.at >= next.trees.len() || !self.sequence(inner, &mut next, &mut turn, false) || next.at == input.at {
                break;
            }
            turns.push(turn);
            *input = next;
            snapshots.push(input.clone());
            if times == Times::AtMostOnce || self.steps > MAX_STEPS {
                break;
            }
        }
        loop {
            if times == Times::AtLeastOnce && turns.is_empty() {
                self.note(input.at, "at least one turn of a repetition is expected");
                return false;
            }
            let mut attempt = bindings.clone();
            bind_turns(inner, &turns, &mut attempt);
            let mut position = snapshots[turns.len()].clone();
            if self.sequence(rest, &mut position, &mut attempt, whole) {
                *bindings = attempt;
                *input = position;
                return true;
            }
            // Fewer turns leave more over: with nothing behind the repetition that cannot help.
            if (whole && rest.is_empty()) || turns.pop().is_none() {
                return false;
            }
        }
    }
}

/// Turns of a repetition become lists, one for each variable in it, also for none at all.
fn bind_turns(inner: &[Matcher], turns: &[Bindings], bindings: &mut Bindings) {
    let mut names = Vec::new();
    variables(inner, &mut names);
    for name in names {
        let all = turns.iter().filter_map(|t| t.get(&name).cloned()).collect();
        bindings.insert(name, Binding::Many(all));
    }
}

fn variables(matchers: &[Matcher], out: &mut Vec<u16>) {
    for matcher in matchers {
        match matcher {
            Matcher::Variable(name, _) => out.push(*name),
            Matcher::Group(_, inner) | Matcher::Repeat(inner, ..) => variables(inner, out),
            Matcher::Token(_) => {}
        }
    }
}

#[derive(Debug, Clone)]
struct Input {
    /// Shared between attempts; copied only where a token is split.
    trees: Rc<Vec<Tree>>,
    at: usize,
}
