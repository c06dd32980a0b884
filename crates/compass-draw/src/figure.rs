//! What is drawn, before it is laid out.

use crate::layout::Drawing;
use crate::scene::Scene;
use crate::{chart, graph, layout, table};
use serde::Serialize;

/// One of the sorts of drawings.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[serde(tag = "drawing", rename_all = "lowercase")]
pub enum Figure {
    /// Rows in bands: a chain, a tree, what follows from a change.
    Rows(Drawing),
    /// Rows by columns: members by types, layers by layers.
    Table(Table),
    /// Boxes and what leads from one to another.
    Graph(Graph),
    /// Bars.
    Chart(Chart),
}

/// What stands in a cell of a table.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct Cell {
    /// Its text; nothing for an empty cell.
    pub text: String,
    /// How it is meant.
    pub tone: Tone,
    /// `path:line` it leads to.
    #[serde(skip_serializing_if = "Option::is_none")]
    pub place: Option<String>,
}

/// How something is meant.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default, Serialize)]
#[serde(rename_all = "lowercase")]
pub enum Tone {
    /// As it is.
    #[default]
    Plain,
    /// Taken over, or beside the point.
    Quiet,
    /// What the drawing is about.
    Middle,
    /// A crossing.
    Crossing,
    /// Missing, or wrong.
    Alarming,
}

/// A row of a table.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct TableRow {
    /// What it is about.
    pub name: Cell,
    /// Levels it stands in from the left.
    pub indent: usize,
    /// By column.
    pub cells: Vec<Cell>,
}

/// Rows by columns.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct Table {
    /// What it shows.
    pub title: String,
    /// Counts.
    pub subtitle: String,
    /// Over the names of the rows, and over the columns.
    pub head: Vec<Cell>,
    /// From top to bottom.
    pub rows: Vec<TableRow>,
    /// Below: a legend, what was left out.
    pub notes: Vec<String>,
}

/// A box of a graph.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct GraphNode {
    /// Its name.
    pub name: String,
    /// Below the name.
    pub detail: String,
    /// How it is meant.
    pub tone: Tone,
}

/// Boxes and what leads from one to another.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct Graph {
    /// What it shows.
    pub title: String,
    /// Counts.
    pub subtitle: String,
    /// Boxes.
    pub nodes: Vec<GraphNode>,
    /// From and to, by position.
    pub edges: Vec<(usize, usize)>,
    /// Below.
    pub notes: Vec<String>,
}

/// A bar.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct Bar {
    /// What it measures.
    pub name: String,
    /// How much.
    pub value: u64,
    /// Beside the number.
    pub note: String,
    /// How it is meant.
    pub tone: Tone,
}

/// Bars of one measure.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct BarGroup {
    /// What they measure.
    pub name: String,
    /// From top to bottom.
    pub bars: Vec<Bar>,
}

/// Bars.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize)]
pub struct Chart {
    /// What it shows.
    pub title: String,
    /// Counts.
    pub subtitle: String,
    /// From top to bottom.
    pub groups: Vec<BarGroup>,
    /// Below.
    pub notes: Vec<String>,
}

impl Figure {
    /// Title and subtitle.
    pub fn heading(&self) -> (&str, &str) {
        match self {
            Figure::Rows(d) => (&d.title, &d.subtitle),
            Figure::Table(t) => (&t.title, &t.subtitle),
            Figure::Graph(g) => (&g.title, &g.subtitle),
            Figure::Chart(c) => (&c.title, &c.subtitle),
        }
    }

    /// Its picture.
    pub fn scene(&self) -> Scene {
        match self {
            Figure::Rows(d) => layout::lay_out(d),
            Figure::Table(t) => table::lay_out(t),
            Figure::Graph(g) => graph::lay_out(g),
            Figure::Chart(c) => chart::lay_out(c),
        }
    }
}
