//! Values or errors.

/// A value or an error.
pub enum Result<T, E> {
    /// The value.
    Ok(T),
    /// The error.
    Err(E),
}
impl<T, E> Result<T, E> {
    /// Is it a value?
    pub const fn is_ok(&self) -> bool;
    /// Is it a value that fulfils a condition?
    pub fn is_ok_and(self, f: impl FnOnce(T) -> bool) -> bool;
    /// Is it an error?
    pub const fn is_err(&self) -> bool;
    /// Is it an error that fulfils a condition?
    pub fn is_err_and(self, f: impl FnOnce(E) -> bool) -> bool;
    /// The value, if it is one.
    pub fn ok(self) -> Option<T>;
    /// The error, if it is one.
    pub fn err(self) -> Option<E>;
    /// Borrowed.
    pub const fn as_ref(&self) -> Result<&T, &E>;
    /// To be changed.
    pub const fn as_mut(&mut self) -> Result<&mut T, &mut E>;
    /// What a function makes of the value.
    pub fn map<U, F: FnOnce(T) -> U>(self, op: F) -> Result<U, E>;
    /// What a function makes of the value, or another one.
    pub fn map_or<U, F: FnOnce(T) -> U>(self, default: U, f: F) -> U;
    /// What functions make of value or error.
    pub fn map_or_else<U, D: FnOnce(E) -> U, F: FnOnce(T) -> U>(self, default: D, f: F) -> U;
    /// What a function makes of the error.
    pub fn map_err<F, O: FnOnce(E) -> F>(self, op: O) -> Result<T, F>;
    /// Shows the value to a function.
    pub fn inspect<F: FnOnce(&T)>(self, f: F) -> Result<T, E>;
    /// Shows the error to a function.
    pub fn inspect_err<F: FnOnce(&E)>(self, f: F) -> Result<T, E>;
    /// What it points to.
    pub fn as_deref(&self) -> Result<&<T as Deref>::Target, &E>;
    /// Goes through the value.
    pub fn iter(&self) -> Iter<'_, T>;
    /// The value; panics with a message at an error.
    pub fn expect(self, msg: &str) -> T;
    /// The value; panics at an error.
    pub fn unwrap(self) -> T;
    /// The value, or the default.
    pub fn unwrap_or_default(self) -> T;
    /// The error; panics with a message at a value.
    pub fn expect_err(self, msg: &str) -> E;
    /// The error; panics at a value.
    pub fn unwrap_err(self) -> E;
    /// The other one, if this is a value.
    pub fn and<U>(self, res: Result<U, E>) -> Result<U, E>;
    /// What a function that may fail makes of the value.
    pub fn and_then<U, F: FnOnce(T) -> Result<U, E>>(self, op: F) -> Result<U, E>;
    /// This one, or the other at an error.
    pub fn or<F>(self, res: Result<T, F>) -> Result<T, F>;
    /// What a function makes of the error.
    pub fn or_else<F, O: FnOnce(E) -> Result<T, F>>(self, op: O) -> Result<T, F>;
    /// The value, or another one.
    pub fn unwrap_or(self, default: T) -> T;
    /// The value, or what a function makes of the error.
    pub fn unwrap_or_else<F: FnOnce(E) -> T>(self, op: F) -> T;
    /// A copy of the value.
    pub fn copied(self) -> Result<T, E>;
    /// A copy of the value.
    pub fn cloned(self) -> Result<T, E>;
    /// The result of something missing becomes a missing result.
    pub fn transpose<U>(self) -> Option<Result<U, E>>;
}
/// Goes through a result.
pub struct Iter<'a, T: 'a> { inner: &'a T }
