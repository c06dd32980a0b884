//! The question language over real little programs.

mod answers;
mod cases;
mod chains;
mod crossings;
mod sides;
mod support;
mod units;
