//! Chains: everything that leads to a symbol and everything it leads to, level by level, and the ways from one symbol to another.
//!
//! Symbols are joined by calls, by crossings, and from a member of an interface to what implements it. Going up needs only postings; going
//! down reads the facts of the files on the way. Every search is bounded in time and size, and says when a bound was met.

mod edges;
mod levels;
mod search;
mod section;
mod ways;

pub use edges::{Edge, Join, Things};
pub use levels::{Chain, ChainNode, Direction};
pub use search::Reached;
pub use section::{Section, SectionRow};
pub use ways::{Way, Ways, goals};
