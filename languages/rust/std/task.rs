//! Tasks that wait.

/// Ready or not yet.
pub enum Poll<T> {
    /// Ready.
    Ready(T),
    /// Not yet.
    Pending,
}
impl<T> Poll<T> {
    /// Is it ready?
    pub const fn is_ready(&self) -> bool;
    /// Does it wait?
    pub const fn is_pending(&self) -> bool;
    /// What a function makes of the value.
    pub fn map<U, F: FnOnce(T) -> U>(self, f: F) -> Poll<U>;
}
/// What a task needs to wait.
pub struct Context<'a> {}
impl<'a> Context<'a> {
    /// What wakes the task.
    pub const fn waker(&self) -> &'a Waker;
    /// One that wakes by this.
    pub const fn from_waker(waker: &'a Waker) -> Context<'a>;
}
/// Wakes a task.
pub struct Waker {}
impl Waker {
    /// Wakes it.
    pub fn wake(self);
    /// Wakes it, and stays.
    pub fn wake_by_ref(&self);
}
/// Wakes a task.
pub trait Wake {
    /// Wakes it.
    fn wake(self: Arc<Self>);
}
