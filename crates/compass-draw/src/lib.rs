//! Drawings: what an answer says, laid out on a page.
//!
//! Input: a [`Figure`] made of plain words and places. It is laid out as a [`Scene`] of boxes, lines and texts; the scene is written as SVG or
//! PDF. Both are the same picture: one layout, one font that is part of the program. Same input, same bytes. A figure can be written as text as
//! well: Markdown, JSON, and DOT where boxes lead to others.

mod chart;
mod figure;
mod graph;
mod layout;
mod pdf;
mod scene;
mod sheet;
mod svg;
mod table;
mod texts;

pub use chart::grouped;
pub use figure::{Bar, BarGroup, Cell, Chart, Figure, Graph, GraphNode, Table, TableRow, Tone};
pub use layout::{Drawing, Row, lay_out};
pub use pdf::{PdfError, to_pdf};
pub use scene::{Ink, Scene, Shape};
pub use svg::to_svg;
pub use texts::{to_dot, to_json, to_markdown};
