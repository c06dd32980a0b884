//! Borrowed and owned values.

/// Can be borrowed as another type.
pub trait Borrow<Borrowed: ?Sized> {
    /// Borrows it.
    fn borrow(&self) -> &Borrowed;
}
/// Can be borrowed as another type, to be changed.
pub trait BorrowMut<Borrowed: ?Sized>: Borrow<Borrowed> {
    /// Borrows it, to be changed.
    fn borrow_mut(&mut self) -> &mut Borrowed;
}
/// Makes owned values of borrowed ones.
pub trait ToOwned {
    /// What is owned.
    type Owned;
    /// An owned value of its own.
    fn to_owned(&self) -> Self::Owned;
}
/// Borrowed as long as nobody changes it.
pub enum Cow<'a, B: ?Sized + ToOwned> {
    /// Borrowed.
    Borrowed(&'a B),
    /// Owned.
    Owned(<B as ToOwned>::Owned),
}
impl<B: ?Sized + ToOwned> Cow<'_, B> {
    /// Owned from now on, to be changed.
    pub fn to_mut(&mut self) -> &mut <B as ToOwned>::Owned;
    /// The owned value.
    pub fn into_owned(self) -> <B as ToOwned>::Owned;
}
