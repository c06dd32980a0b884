//! What could not be read or linked.

use compass_trace::{Answer, Answers};

/// The pane.
#[derive(Debug, Clone, Default)]
pub struct GapsPane {
    /// All of them that were asked for, by cause.
    pub rows: Vec<Answer>,
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
        self.rows = found.answers;
        // Names of one import stand on one line: the line is what is looked at.
        self.rows.dedup_by(|a, b| (&a.path, a.line, cause(a)) == (&b.path, b.line, cause(b)));
        let mut counts = std::collections::BTreeMap::<String, usize>::new();
        self.rows.iter().for_each(|a| *counts.entry(cause(a).to_owned()).or_default() += 1);
        // Imports of what nobody has here are many and mostly harmless: what hides code stands before them.
        let rank = |a: &Answer| match cause(a) {
            "import_not_found" => 2,
            "http" | "sql" | "native" | "encoding" => 1,
            _ => 0,
        };
        self.rows.sort_by_key(|a| (rank(a), std::cmp::Reverse(counts[cause(a)]), cause(a).to_owned()));
        let again = self.rows.iter().position(|a| before.as_ref().is_some_and(|(p, l)| (p, *l) == (&a.path, a.line)));
        self.selected = again.unwrap_or(0);
        self.loaded = true;
    }

    /// The row selected.
    pub fn current(&self) -> Option<&Answer> {
        self.rows.get(self.selected)
    }
}

/// Why it is a gap.
pub fn cause(answer: &Answer) -> &str {
    answer.kind.as_deref().unwrap_or("gap")
}
