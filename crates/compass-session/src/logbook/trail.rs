//! The track with its branches: every place jumped to, and from where.

use serde::{Deserialize, Serialize};

/// The oldest branches are forgotten beyond so many places.
const MOST: usize = 2000;

/// A place that was jumped to.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct Step {
    /// Position of the place one came from; none where a walk begins.
    pub from: Option<usize>,
    /// The file.
    pub path: String,
    /// From 1.
    pub line: u32,
    /// From 1.
    pub column: u32,
    /// The line's text, as far as it is known.
    pub text: String,
    /// How one came: followed, a caller, a symbol, an answer.
    pub how: String,
    /// What the person calls it; may be empty.
    #[serde(default)]
    pub name: String,
}

/// See the module.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize, Deserialize)]
pub struct Trail {
    /// In the order they were first reached: a place stands behind the one it was reached from.
    pub steps: Vec<Step>,
    /// Where one is.
    pub at: Option<usize>,
}

impl Trail {
    /// One jumped from a place to another: a step below the place one is at. Going again where one has been before from here is no
    /// new branch.
    pub fn jump(&mut self, from: Step, to: Step) {
        let here = match self.at.filter(|at| is_file_of(&self.steps[*at], &from)) {
            Some(at) => {
                // The very line one left is what matters for coming back.
                let step = &mut self.steps[at];
                (step.line, step.column, step.text) = (from.line, from.column, from.text);
                at
            }
            None => self.add(Step { from: None, ..from }),
        };
        let known = self.steps.iter().position(|s| s.from == Some(here) && is_place_of(s, &to));
        self.at = Some(known.unwrap_or_else(|| self.add(Step { from: Some(here), ..to })));
        self.forget();
    }

    /// One went back to where one came from.
    pub fn back(&mut self) {
        self.at = self.at.and_then(|at| self.steps[at].from);
    }

    /// One went to a step of the trail.
    pub fn go(&mut self, step: usize) {
        if step < self.steps.len() {
            self.at = Some(step);
        }
    }

    /// The steps that lead to a step, the first one first, itself last.
    pub fn way_to(&self, step: usize) -> Vec<usize> {
        let mut way = vec![step];
        // A file from elsewhere may lead in a circle.
        while let Some(before) = self.steps.get(way[way.len() - 1]).and_then(|s| s.from).filter(|b| *b < way[way.len() - 1]) {
            way.push(before);
        }
        way.reverse();
        way
    }

    /// All steps as a tree, walks one after the other: step, depth.
    pub fn tree(&self) -> Vec<(usize, usize)> {
        let mut children: Vec<Vec<usize>> = vec![Vec::new(); self.steps.len()];
        let mut open: Vec<(usize, usize)> = Vec::new();
        for (i, step) in self.steps.iter().enumerate() {
            match step.from.filter(|from| *from < i) {
                Some(from) => children[from].push(i),
                None => open.push((i, 0)),
            }
        }
        open.reverse();
        let mut out = Vec::with_capacity(self.steps.len());
        while let Some((step, depth)) = open.pop() {
            out.push((step, depth));
            // A way that goes straight on is no deeper; branches are.
            let deeper = if children[step].len() > 1 { depth + 1 } else { depth };
            open.extend(children[step].iter().rev().map(|c| (*c, deeper)));
        }
        out
    }

    fn add(&mut self, step: Step) -> usize {
        self.steps.push(step);
        self.steps.len() - 1
    }

    /// Drops the first walk when there are too many steps, unless one is in it.
    fn forget(&mut self) {
        if self.steps.len() <= MOST {
            return;
        }
        let keep: Vec<bool> = {
            let current = self.at.map(|at| self.way_to(at)[0]);
            let first = self.steps.iter().position(|s| s.from.is_none()).filter(|f| Some(*f) != current);
            (0..self.steps.len()).map(|i| Some(self.way_to(i)[0]) != first).collect()
        };
        let mut moved = vec![None; keep.len()];
        let mut next = 0;
        for (i, kept) in keep.iter().enumerate() {
            moved[i] = kept.then_some(next);
            next += usize::from(*kept);
        }
        let steps = std::mem::take(&mut self.steps);
        self.steps = steps.into_iter().zip(&keep).filter(|(_, kept)| **kept).map(|(s, _)| Step { from: s.from.and_then(|f| moved[f]), ..s }).collect();
        self.at = self.at.and_then(|at| moved[at]);
    }
}

fn is_place_of(a: &Step, b: &Step) -> bool {
    (&a.path, a.line, a.column) == (&b.path, b.line, b.column)
}

fn is_file_of(a: &Step, b: &Step) -> bool {
    a.path == b.path
}
