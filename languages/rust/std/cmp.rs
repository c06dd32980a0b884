//! Order and equality.

/// Equality.
pub trait PartialEq<Rhs: ?Sized = Self> {
    /// Are they equal?
    fn eq(&self, other: &Rhs) -> bool;
    /// Do they differ?
    fn ne(&self, other: &Rhs) -> bool {}
}
/// Equality of all values, each with itself.
pub trait Eq: PartialEq<Self> {}
/// Before, equal or after.
pub enum Ordering {
    /// Before.
    Less = -1,
    /// Equal.
    Equal = 0,
    /// After.
    Greater = 1,
}
impl Ordering {
    /// The opposite.
    pub const fn reverse(self) -> Ordering;
    /// This, or where it is equal the other.
    pub const fn then(self, other: Ordering) -> Ordering;
    /// This, or where it is equal what a function says.
    pub fn then_with<F: FnOnce() -> Ordering>(self, f: F) -> Ordering;
    /// Is it equal?
    pub const fn is_eq(self) -> bool;
    /// Do they differ?
    pub const fn is_ne(self) -> bool;
    /// Is it before?
    pub const fn is_lt(self) -> bool;
    /// Is it after?
    pub const fn is_gt(self) -> bool;
    /// Is it before or equal?
    pub const fn is_le(self) -> bool;
    /// Is it after or equal?
    pub const fn is_ge(self) -> bool;
}
/// An order of some pairs.
pub trait PartialOrd<Rhs: ?Sized = Self>: PartialEq<Rhs> {
    /// Before, equal or after, if there is an order.
    fn partial_cmp(&self, other: &Rhs) -> Option<Ordering>;
    /// Is it before?
    fn lt(&self, other: &Rhs) -> bool {}
    /// Is it before or equal?
    fn le(&self, other: &Rhs) -> bool {}
    /// Is it after?
    fn gt(&self, other: &Rhs) -> bool {}
    /// Is it after or equal?
    fn ge(&self, other: &Rhs) -> bool {}
}
/// An order of all values.
pub trait Ord: Eq + PartialOrd<Self> {
    /// Before, equal or after.
    fn cmp(&self, other: &Self) -> Ordering;
    /// The greater one.
    fn max(self, other: Self) -> Self {}
    /// The lesser one.
    fn min(self, other: Self) -> Self {}
    /// The nearest value in a range.
    fn clamp(self, min: Self, max: Self) -> Self {}
}
/// Turns an order round.
pub struct Reverse<T>(pub T);
/// The lesser of two values.
pub fn min<T: Ord>(v1: T, v2: T) -> T;
/// The greater of two values.
pub fn max<T: Ord>(v1: T, v2: T) -> T;
