//! Copies.

/// Can be copied.
pub trait Clone {
    /// A copy.
    fn clone(&self) -> Self;
    /// Becomes a copy of another one.
    fn clone_from(&mut self, source: &Self) {}
}
