//! Errors.

/// Something that went wrong.
pub trait Error: Debug + Display {
    /// What caused it.
    fn source(&self) -> Option<&(dyn Error + 'static)> {}
    /// A text; `Display` has replaced it.
    fn description(&self) -> &str {}
    /// What caused it; `source` has replaced it.
    fn cause(&self) -> Option<&dyn Error> {}
}
