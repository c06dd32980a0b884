//! What happened while a call was unfolded: all tokens, all steps.
//!
//! # How it works
//! A step consumes tokens that stand next to each other and puts others in their place. Each token is made by one step (or written) and
//! consumed by at most one, so the steps form a forest, and any order in which a step comes after those that made what it consumes gives
//! the same end. [`Record::order_outermost_first`] takes the shallowest first: the order in which a reader understands.
//! The rules of C replace a macro's arguments before the macro itself; the engine records that work as steps on the copies of the argument
//! in the result, which is the same text and reads from the outside in.

use crate::{Place, Token, TokenId};
use std::sync::Arc;

/// Position of a step in [`Record::steps`].
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub struct StepNo(pub u32);

/// One replacement.
#[derive(Debug, Clone, PartialEq)]
pub struct Step {
    /// The macro's name.
    pub by: Arc<str>,
    /// Which of its rules, counted from 0; C's macros have one.
    pub rule: u16,
    /// Where the macro (or the rule) is defined; none for the language's own.
    pub defined: Option<Place>,
    /// Names of its parameters, or of what the rule's matcher binds: [`crate::Part::Argument`] counts them.
    pub parameters: Arc<[Arc<str>]>,
    /// Tokens that were replaced.
    pub consumed: Vec<TokenId>,
    /// Tokens that stand there now.
    pub produced: Vec<TokenId>,
}

/// See the module.
#[derive(Debug, Clone, Default, PartialEq)]
pub struct Record {
    /// Every token there ever was.
    pub tokens: Vec<Token>,
    /// What was written.
    pub start: Vec<TokenId>,
    /// What happened, each step after those it needs.
    pub steps: Vec<Step>,
}

impl Record {
    /// Adds a token.
    pub fn add(&mut self, token: Token) -> TokenId {
        self.tokens.push(token);
        TokenId(self.tokens.len() as u32 - 1)
    }

    /// The token.
    pub fn token(&self, id: TokenId) -> &Token {
        &self.tokens[id.index()]
    }

    /// What stands there after the first `steps` steps.
    pub fn state(&self, steps: usize) -> Vec<TokenId> {
        let mut state = self.start.clone();
        for step in self.steps.iter().take(steps) {
            apply(&mut state, step);
        }
        state
    }

    /// What stands there when of all steps only those are taken that `wanted` names, and those they need.
    pub fn state_of(&self, wanted: &[StepNo]) -> Vec<TokenId> {
        let mut needed = vec![false; self.steps.len()];
        let mut open: Vec<StepNo> = wanted.to_vec();
        while let Some(step) = open.pop() {
            if !std::mem::replace(&mut needed[step.0 as usize], true) {
                open.extend(self.steps[step.0 as usize].consumed.iter().filter_map(|t| self.token(*t).step));
            }
        }
        let mut state = self.start.clone();
        for (step, _) in self.steps.iter().zip(needed).filter(|(_, n)| *n) {
            apply(&mut state, step);
        }
        state
    }

    /// What stands there at the end.
    pub fn end(&self) -> Vec<TokenId> {
        self.state(self.steps.len())
    }

    /// How deep inside other steps a step is: 0 for one that replaces what was written.
    pub fn depth(&self, step: &Step) -> usize {
        let mut depth = 0;
        let mut at = step.consumed.first().and_then(|t| self.token(*t).step);
        while let Some(step) = at {
            depth += 1;
            at = self.steps[step.0 as usize].consumed.first().and_then(|t| self.token(*t).step);
        }
        depth
    }

    /// The copies a token came through, itself first, what was written (or a macro's text) last.
    pub fn history(&self, id: TokenId) -> Vec<TokenId> {
        let mut all = vec![id];
        while let Some(parent) = self.token(all[all.len() - 1]).parent {
            all.push(parent);
        }
        all
    }

    /// Puts the steps into the order of reading: shallow before deep, then from left to right.
    ///
    /// A step is one level deeper than the deepest it needs. Left to right is told by going through everything that ever stood there once,
    /// what a step made in the place of what it took; so the cost is that of all tokens, and no state is built on the way.
    pub fn order_outermost_first(&mut self) {
        let mut depths: Vec<u32> = Vec::with_capacity(self.steps.len());
        let mut taken_by: Vec<Option<u32>> = vec![None; self.tokens.len()];
        for (number, step) in self.steps.iter().enumerate() {
            let made_by = step.consumed.iter().filter_map(|t| self.token(*t).step).filter_map(|s| depths.get(s.0 as usize));
            depths.push(made_by.max().map_or(0, |d| d + 1));
            if let Some(first) = step.consumed.first() {
                taken_by[first.index()] = Some(number as u32);
            }
        }
        let mut places: Vec<u32> = vec![u32::MAX; self.steps.len()];
        let mut open: Vec<TokenId> = self.start.iter().rev().copied().collect();
        let mut next = 0;
        while let Some(token) = open.pop() {
            let Some(step) = taken_by[token.index()].map(|s| s as usize).filter(|s| places[*s] == u32::MAX) else { continue };
            places[step] = next;
            next += 1;
            open.extend(self.steps[step].produced.iter().rev());
        }
        let mut order: Vec<usize> = (0..self.steps.len()).collect();
        order.sort_by_key(|i| (depths[*i], places[*i], *i));
        self.reorder(&order);
    }

    fn reorder(&mut self, order: &[usize]) {
        let mut renamed = vec![StepNo(0); order.len()];
        for (new, old) in order.iter().enumerate() {
            renamed[*old] = StepNo(new as u32);
        }
        self.steps = order.iter().map(|i| self.steps[*i].clone()).collect();
        for token in &mut self.tokens {
            token.step = token.step.and_then(|s| renamed.get(s.0 as usize).copied());
        }
    }
}

fn find(state: &[TokenId], consumed: &[TokenId]) -> Option<usize> {
    let first = consumed.first()?;
    let at = state.iter().position(|t| t == first)?;
    (state.get(at..at + consumed.len())? == consumed).then_some(at)
}

fn apply(state: &mut Vec<TokenId>, step: &Step) {
    if let Some(at) = find(state, &step.consumed) {
        state.splice(at..at + step.consumed.len(), step.produced.iter().copied());
    }
}
