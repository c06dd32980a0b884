//! The question language over real little programs.

mod answers;
mod cases;
mod chains;
mod crossings;
mod kin;
mod overrides;
mod sides;
mod support;
mod units;
mod upkeep;
