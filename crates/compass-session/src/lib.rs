//! The service under all faces: what is open, how it is kept new, and what can be asked of it.
//!
//! A face — the full-screen program, the command line — opens a [`Session`], asks it, and shows what it says. Whoever works beside a
//! person hands [`jobs::Job`]s to threads and gets [`jobs::Outcome`]s. What is kept between runs stands here as well: the
//! [`logbook`], roots, what was asked. Nothing here knows a terminal.

pub mod building;
pub mod chains;
pub mod declarations;
pub mod exports;
pub mod fault;
pub mod figures;
pub mod history_and_coverage;
pub mod jobs;
pub mod kept;
pub mod logbook;
pub mod machine;
pub mod page;
pub mod places;
pub mod progress;
pub mod remembered;
pub mod roots;
pub mod survey;
pub mod unfolding;
pub mod watch;
pub mod ways;

mod asking;
mod failure;
mod indexing;
mod recent;
mod session;

pub use chains::asks_for_ways;
pub use failure::{Failure, failure_chain};
pub use indexing::request;
pub use session::Session;
