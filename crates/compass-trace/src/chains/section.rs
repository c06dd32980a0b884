//! A way as a cross-section of layers: bands from top to bottom, crossings between them.

use super::edges::{Edge, Join};
use super::ways::Way;
use crate::answer::word_of;
use crate::{Answer, AnswerError, Engine};
use compass_index::{FileId, SymbolId};

/// One row of a section.
#[derive(Debug, Clone, PartialEq)]
pub enum SectionRow {
    /// A band begins.
    Layer {
        /// Its name: the layer's, or the unit's where there are no layers.
        name: String,
        /// What is unusual about the step into it: it goes up again, or skips layers.
        unusual: Option<&'static str>,
    },
    /// A symbol the way goes through, at its definition.
    Symbol(Box<Answer>),
    /// The line where the way goes on.
    Step {
        /// The place.
        at: Box<Answer>,
        /// How it goes on: `call`, `implements`.
        how: &'static str,
        /// Further places that do the same.
        others: u32,
    },
    /// The way leaves a language, a process or a layer.
    Crossing {
        /// `http`, `native`, `sql`.
        kind: &'static str,
        /// Both sides in a few words.
        label: String,
        /// Where.
        at: Box<Answer>,
        /// The declaration that answers.
        answered: Option<String>,
    },
}

/// A way as rows.
#[derive(Debug, Clone, PartialEq)]
pub struct Section {
    /// Where it begins.
    pub from: String,
    /// Where it ends.
    pub to: String,
    /// Steps.
    pub steps: usize,
    /// Crossings among them.
    pub crossings: usize,
    /// The weakest certainty on it.
    pub weakest: Option<String>,
    /// Rows from top to bottom.
    pub rows: Vec<SectionRow>,
}

impl Engine {
    /// Cuts a way into bands.
    ///
    /// # Errors
    /// Those of the index.
    pub fn section(&self, way: &Way) -> Result<Section, AnswerError> {
        let mut rows = Vec::new();
        let mut layer: Option<(Option<u16>, String)> = None;
        for edge in &way.edges {
            self.band(edge.from.file, &mut layer, &mut rows);
            if edge.join == Join::Implements {
                // The member that implements stands in the next row; the line between says how many there are.
                rows.push(SectionRow::Symbol(Box::new(self.symbol_answer(edge.from)?)));
                continue;
            }
            rows.push(SectionRow::Symbol(Box::new(self.symbol_answer(edge.from)?)));
            self.step(edge, &mut rows)?;
        }
        if let Some(last) = way.edges.last() {
            self.band(last.to.file, &mut layer, &mut rows);
            rows.push(SectionRow::Symbol(Box::new(self.symbol_answer(last.to)?)));
        }
        let name = |s: Option<SymbolId>| s.and_then(|s| self.name_of(s)).unwrap_or_default();
        Ok(Section {
            from: name(way.edges.first().map(|e| e.from)),
            to: name(way.edges.last().map(|e| e.to)),
            steps: way.edges.len(),
            crossings: way.crossings(),
            weakest: way.certainty().map(|c| c.word().to_owned()),
            rows,
        })
    }

    fn step(&self, edge: &Edge, rows: &mut Vec<SectionRow>) -> Result<(), AnswerError> {
        let at = Box::new(self.edge_answer(edge)?);
        let others = self.others(edge)?;
        if let Join::Crossing(kind, _) = edge.join {
            // A statement or a declaration is its own line; a request has one.
            rows.push(SectionRow::Step { at: at.clone(), how: word_of(edge.join), others });
            let declared = at.evidence.iter().rev().find(|e| e.text.starts_with("one side"));
            let answered = declared.map(|e| format!("{}:{}", e.path, e.line));
            rows.push(SectionRow::Crossing { kind: kind.word(), label: at.name.clone().unwrap_or_default(), at, answered });
        } else {
            rows.push(SectionRow::Step { at, how: word_of(edge.join), others });
        }
        Ok(())
    }

    /// Further places in the same function that lead to the same symbol.
    fn others(&self, edge: &Edge) -> Result<u32, AnswerError> {
        let same = self.edges_in(edge.to)?.into_iter().filter(|e| e.from == edge.from).count();
        Ok(same.saturating_sub(1) as u32)
    }

    fn band(&self, file: FileId, layer: &mut Option<(Option<u16>, String)>, rows: &mut Vec<SectionRow>) {
        let (number, name) = match self.index.layer(file) {
            Some((number, name)) => (Some(number), name.to_owned()),
            None => (None, self.index.unit(file).map_or(String::new(), |u| u.name.clone())),
        };
        if layer.as_ref().is_some_and(|l| l.1 == name) {
            return;
        }
        let unusual = match (layer.as_ref().and_then(|l| l.0), number) {
            (Some(before), Some(now)) if now < before => Some("goes up again"),
            (Some(before), Some(now)) if now > before + 1 => Some("skips layers"),
            _ => None,
        };
        rows.push(SectionRow::Layer { name: name.clone(), unusual });
        *layer = Some((number, name));
    }
}

impl Section {
    /// The section as Markdown: a heading, a list per band, the lines of code.
    pub fn to_markdown(&self) -> String {
        let weakest = self.weakest.as_deref().unwrap_or("proven");
        let mut out = format!("## From `{}` to `{}`\n\n{} steps, {} crossings, weakest link {weakest}.\n", self.from, self.to, self.steps, self.crossings);
        for row in &self.rows {
            match row {
                SectionRow::Layer { name, unusual } => {
                    let unusual = unusual.map_or(String::new(), |u| format!(" ({u})"));
                    out += &format!("\n### {name}{unusual}\n\n");
                }
                SectionRow::Symbol(a) => {
                    out += &format!("- **{}** {}, `{}:{}`\n", a.name.as_deref().unwrap_or(""), a.kind_word().unwrap_or(""), a.path, a.line)
                }
                SectionRow::Step { at, .. } => {
                    let code = at.text.as_deref().unwrap_or("").trim();
                    let fence = if code.contains('`') { "``" } else { "`" };
                    out += &format!("  - line {}: {fence} {code} {fence} ({})\n", at.line, at.certainty_word().unwrap_or(""));
                }
                SectionRow::Crossing { kind, label, at, .. } => out += &format!("\n*{kind}*: {label} ({})\n", at.certainty_word().unwrap_or("")),
            }
        }
        out
    }
}
