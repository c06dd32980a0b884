//! The question language over real little programs.

mod answers;
mod calls;
mod cases;
mod chains;
mod completing;
mod crossings;
mod elsewhere;
mod highlights;
mod history_and_coverage;
mod introductions;
mod kin;
mod levels;
mod marks;
mod naming;
mod overrides;
mod pages;
mod perl;
mod sides;
mod statements;
mod support;
mod through_interfaces;
mod through_values;
mod units;
mod unwritten;
mod ways;
mod writes;
