//! What belongs to `BTreeMap`.

pub use super::{Entry, Iter, Keys, OccupiedEntry, BTreeMap, VacantEntry, Values};
