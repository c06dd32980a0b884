//! Conversions.

/// Is made of another type.
pub trait From<T>: Sized {
    /// Makes it.
    fn from(value: T) -> Self;
}
/// Becomes another type.
pub trait Into<T>: Sized {
    /// Makes it.
    fn into(self) -> T;
}
/// Is made of another type, if that can be.
pub trait TryFrom<T>: Sized {
    /// What went wrong.
    type Error;
    /// Makes it.
    fn try_from(value: T) -> Result<Self, Self::Error>;
}
/// Becomes another type, if that can be.
pub trait TryInto<T>: Sized {
    /// What went wrong.
    type Error;
    /// Makes it.
    fn try_into(self) -> Result<T, Self::Error>;
}
/// Is cheaply seen as another type.
pub trait AsRef<T: ?Sized> {
    /// Seen so.
    fn as_ref(&self) -> &T;
}
/// Is cheaply seen as another type, to be changed.
pub trait AsMut<T: ?Sized> {
    /// Seen so.
    fn as_mut(&mut self) -> &mut T;
}
/// What never happens.
pub enum Infallible {}
/// Gives back what it is given.
pub const fn identity<T>(x: T) -> T;
