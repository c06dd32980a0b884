//! Values that stay where they are.

/// A pointer to a value that stays where it is.
pub struct Pin<Ptr> { pointer: Ptr }
impl<Ptr> Pin<Ptr> {
    /// Around a pointer whose value may be moved.
    pub const fn new(pointer: Ptr) -> Pin<Ptr>;
    /// Around a pointer, promised to stay.
    pub const unsafe fn new_unchecked(pointer: Ptr) -> Pin<Ptr>;
    /// Borrowed.
    pub fn as_ref(&self) -> Pin<&<Ptr as Deref>::Target>;
    /// Borrowed, to be changed.
    pub fn as_mut(&mut self) -> Pin<&mut <Ptr as Deref>::Target>;
    /// The value, to be changed.
    pub fn get_mut(self) -> &mut <Ptr as Deref>::Target;
}
