//! What belongs to `HashMap`.

pub use super::{Entry, Iter, Keys, OccupiedEntry, HashMap, VacantEntry, Values};
