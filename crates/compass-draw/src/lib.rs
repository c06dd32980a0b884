//! Drawings: what an answer says, laid out on a page.
//!
//! Input: a [`Drawing`] made of plain words and places. It is laid out as a [`Scene`] of boxes, lines and texts; the scene is written as SVG or
//! PDF. Both are the same picture: one layout, one font that is part of the program. Same input, same bytes.

mod layout;
mod pdf;
mod scene;
mod svg;

pub use layout::{Drawing, Row, lay_out};
pub use pdf::{PdfError, to_pdf};
pub use scene::{Ink, Scene, Shape};
pub use svg::to_svg;
