//! Values that come later.

/// A value that comes later.
pub trait Future {
    /// The value.
    type Output;
    /// Goes on with it.
    fn poll(self: Pin<&mut Self>, cx: &mut Context<'_>) -> Poll<Self::Output>;
}
/// Becomes a future.
pub trait IntoFuture {
    /// The value.
    type Output;
    /// The future.
    type IntoFuture: Future<Output = Self::Output>;
    /// Makes it.
    fn into_future(self) -> Self::IntoFuture;
}
/// A future that is ready.
pub fn ready<T>(t: T) -> Ready<T>;
/// A future that is never ready.
pub fn pending<T>() -> Pending<T>;
/// A ready future.
pub struct Ready<T>(Option<T>);
/// A future that is never ready.
pub struct Pending<T> {}
