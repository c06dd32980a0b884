//! Values that may be missing.

/// A value that may be missing.
pub enum Option<T> {
    /// None.
    None,
    /// The value.
    Some(T),
}
impl<T> Option<T> {
    /// Is there a value?
    pub const fn is_some(&self) -> bool;
    /// Is there a value that fulfils a condition?
    pub fn is_some_and(self, f: impl FnOnce(T) -> bool) -> bool;
    /// Is there none?
    pub const fn is_none(&self) -> bool;
    /// Is there none, or one that fulfils a condition?
    pub fn is_none_or(self, f: impl FnOnce(T) -> bool) -> bool;
    /// The value, borrowed.
    pub const fn as_ref(&self) -> Option<&T>;
    /// The value, to be changed.
    pub const fn as_mut(&mut self) -> Option<&mut T>;
    /// The value; panics with a message where there is none.
    pub fn expect(self, msg: &str) -> T;
    /// The value; panics where there is none.
    pub fn unwrap(self) -> T;
    /// The value, or another one.
    pub fn unwrap_or(self, default: T) -> T;
    /// The value, or what a function gives.
    pub fn unwrap_or_else<F: FnOnce() -> T>(self, f: F) -> T;
    /// The value, or the default.
    pub fn unwrap_or_default(self) -> T;
    /// What a function makes of the value.
    pub fn map<U, F: FnOnce(T) -> U>(self, f: F) -> Option<U>;
    /// What a function makes of the value, or another one.
    pub fn map_or<U, F: FnOnce(T) -> U>(self, default: U, f: F) -> U;
    /// What one function makes of the value, or what another gives.
    pub fn map_or_else<U, D: FnOnce() -> U, F: FnOnce(T) -> U>(self, default: D, f: F) -> U;
    /// Shows the value to a function.
    pub fn inspect<F: FnOnce(&T)>(self, f: F) -> Option<T>;
    /// The value as a result, or an error.
    pub fn ok_or<E>(self, err: E) -> Result<T, E>;
    /// The value as a result, or an error that a function makes.
    pub fn ok_or_else<E, F: FnOnce() -> E>(self, err: F) -> Result<T, E>;
    /// What it points to.
    pub fn as_deref(&self) -> Option<&<T as Deref>::Target>;
    /// What it points to, to be changed.
    pub fn as_deref_mut(&mut self) -> Option<&mut <T as Deref>::Target>;
    /// Goes through the value.
    pub fn iter(&self) -> Iter<'_, T>;
    /// The other one, if there is a value.
    pub fn and<U>(self, optb: Option<U>) -> Option<U>;
    /// What a function that may give none makes of the value.
    pub fn and_then<U, F: FnOnce(T) -> Option<U>>(self, f: F) -> Option<U>;
    /// The value, if it fulfils a condition.
    pub fn filter<P: FnOnce(&T) -> bool>(self, predicate: P) -> Option<T>;
    /// This one, or the other.
    pub fn or(self, optb: Option<T>) -> Option<T>;
    /// This one, or what a function gives.
    pub fn or_else<F: FnOnce() -> Option<T>>(self, f: F) -> Option<T>;
    /// One of both, if the other is missing.
    pub fn xor(self, optb: Option<T>) -> Option<T>;
    /// Puts a value in.
    pub fn insert(&mut self, value: T) -> &mut T;
    /// The value, put in where there is none.
    pub fn get_or_insert(&mut self, value: T) -> &mut T;
    /// The value, made where there is none.
    pub fn get_or_insert_with<F: FnOnce() -> T>(&mut self, f: F) -> &mut T;
    /// Takes the value out.
    pub const fn take(&mut self) -> Option<T>;
    /// Takes the value out, if it fulfils a condition.
    pub fn take_if<P: FnOnce(&mut T) -> bool>(&mut self, predicate: P) -> Option<T>;
    /// Puts another value in and gives the old one.
    pub const fn replace(&mut self, value: T) -> Option<T>;
    /// Both values.
    pub fn zip<U>(self, other: Option<U>) -> Option<(T, U)>;
    /// A copy of the value.
    pub fn copied(self) -> Option<T>;
    /// A copy of the value.
    pub fn cloned(self) -> Option<T>;
    /// A missing result becomes the result of something missing.
    pub fn transpose<U, E>(self) -> Result<Option<U>, E>;
    /// Without one layer.
    pub fn flatten<U>(self) -> Option<U>;
}
/// Goes through an option.
pub struct Iter<'a, A: 'a> { inner: &'a A }
/// Gives the value of an option.
pub struct IntoIter<A> { inner: A }
