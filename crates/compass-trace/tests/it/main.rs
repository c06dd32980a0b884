//! The question language over real little programs.

mod answers;
mod cases;
mod crossings;
mod support;
