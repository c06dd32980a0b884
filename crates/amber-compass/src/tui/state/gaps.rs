//! What could not be read or linked: rows that say the same stand for one another until they are shown.

use compass_facts::GapCause;
use compass_trace::{Answer, AnswerKind, Answers};
use std::collections::{BTreeMap, BTreeSet};

/// What rows share that stand for one another: the cause, and the package or path that is missing.
type Key = (AnswerKind, String);

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct GapsPane {
    /// All of them that were asked for, by cause.
    all: Vec<Answer>,
    /// Those that are shown.
    pub rows: Vec<Answer>,
    /// How many each stands for, itself among them; 0 for one that stands below another.
    pub stands_for: Vec<usize>,
    /// Those whose rows are shown one by one.
    open: BTreeSet<Key>,
    /// Only this cause is shown.
    pub only: Option<AnswerKind>,
    /// How many there are.
    pub total: u64,
    /// Are there more than are listed?
    pub cut_short: bool,
    /// The row selected.
    pub selected: usize,
    /// Are they those of the index as it is?
    pub loaded: bool,
}

impl GapsPane {
    /// Takes what was found: causes side by side, the commonest first, imports last.
    pub fn take(&mut self, found: Answers) {
        let before = self.current().map(|a| (a.path.clone(), a.line));
        self.total = found.total;
        self.cut_short = (found.answers.len() as u64) < found.total;
        self.all = found.answers;
        // Names of one import stand on one line: the line is what is looked at.
        self.all.dedup_by(|a, b| (&a.path, a.line, a.kind) == (&b.path, b.line, b.kind));
        let mut counts = BTreeMap::<Option<AnswerKind>, usize>::new();
        let mut alike = BTreeMap::<Key, usize>::new();
        self.all.iter().for_each(|a| *counts.entry(a.kind).or_default() += 1);
        self.all.iter().filter_map(key).for_each(|k| *alike.entry(k).or_default() += 1);
        // Imports of what nobody has here are many and mostly harmless: what hides code stands before them.
        let rank = |a: &Answer| match a.kind {
            Some(AnswerKind::Gap(GapCause::ImportNotFound)) => 2,
            Some(AnswerKind::Crossing(_) | AnswerKind::Gap(GapCause::Encoding)) => 1,
            _ => 0,
        };
        let most = |a: &Answer| key(a).map_or(1, |k| alike[&k]);
        self.all.sort_by_cached_key(|a| (rank(a), std::cmp::Reverse(counts[&a.kind]), a.kind_word(), std::cmp::Reverse(most(a)), key(a)));
        self.arrange();
        let again = self.rows.iter().position(|a| before.as_ref().is_some_and(|(p, l)| (p, *l) == (&a.path, a.line)));
        self.selected = again.unwrap_or(0);
        self.loaded = true;
    }

    /// Makes the rows that are shown.
    fn arrange(&mut self) {
        self.rows.clear();
        self.stands_for.clear();
        let shown = self.all.iter().filter(|a| self.only.is_none_or(|only| a.kind == Some(only)));
        let mut last: Option<Key> = None;
        let mut head = 0;
        for answer in shown {
            let key = key(answer);
            if key.is_some() && key == last {
                self.stands_for[head] += 1;
                if key.as_ref().is_some_and(|k| self.open.contains(k)) {
                    self.rows.push(answer.clone());
                    self.stands_for.push(0);
                }
                continue;
            }
            head = self.rows.len();
            self.rows.push(answer.clone());
            self.stands_for.push(1);
            last = key;
        }
        self.selected = self.selected.min(self.rows.len().saturating_sub(1));
    }

    /// Shows the rows that the selected one stands for, or hides them again; tells whether there are any.
    pub fn unfold(&mut self, open: Option<bool>) -> bool {
        let Some(key) = self.current().and_then(key) else { return false };
        let head = (0..=self.selected).rev().find(|i| self.stands_for[*i] > 0).unwrap_or(0);
        if self.stands_for[head] < 2 {
            return false;
        }
        let wanted = open.unwrap_or(!self.open.contains(&key));
        let changed = if wanted { self.open.insert(key) } else { self.open.remove(&key) };
        self.selected = if wanted { self.selected } else { head };
        self.arrange();
        changed
    }

    /// Is the selected row one that stands for others which are not shown?
    pub fn is_folded(&self) -> bool {
        let many = self.stands_for.get(self.selected).is_some_and(|n| *n > 1);
        many && self.current().and_then(key).is_some_and(|k| !self.open.contains(&k))
    }

    /// Shows one cause after the other, and all of them in the end.
    pub fn next_cause(&mut self) {
        let mut causes: Vec<AnswerKind> = self.all.iter().filter_map(|a| a.kind).collect();
        causes.dedup();
        self.only = match self.only {
            None => causes.first().copied(),
            Some(now) => causes.iter().position(|c| *c == now).and_then(|i| causes.get(i + 1)).copied(),
        };
        self.selected = 0;
        self.arrange();
    }

    /// How many there are of each cause, in their order.
    pub fn causes(&self) -> Vec<(AnswerKind, usize)> {
        let mut out: Vec<(AnswerKind, usize)> = Vec::new();
        for cause in self.all.iter().filter_map(|a| a.kind) {
            match out.last_mut().filter(|(c, _)| *c == cause) {
                Some((_, count)) => *count += 1,
                None => out.push((cause, 1)),
            }
        }
        out
    }

    /// The row selected.
    pub fn current(&self) -> Option<&Answer> {
        self.rows.get(self.selected)
    }
}

/// Stretches of code that could not be read are each another thing; what is missing is one thing however often it is asked for.
fn key(answer: &Answer) -> Option<Key> {
    let is_missing = matches!(answer.kind?, AnswerKind::Gap(GapCause::ImportNotFound) | AnswerKind::Crossing(_));
    Some((answer.kind?, answer.name.clone()?)).filter(|_| is_missing)
}
