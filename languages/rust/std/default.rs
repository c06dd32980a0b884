//! Default values.

/// Has a default value.
pub trait Default: Sized {
    /// The default value.
    fn default() -> Self;
}
