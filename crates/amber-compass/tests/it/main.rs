//! The program as people and scripts call it: contracts, exit codes, bad input.

mod bad_input;
mod contracts;
mod earlier;
#[cfg(unix)]
mod lost;
mod program;
mod trace;
mod units;
