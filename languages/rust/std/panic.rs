//! Panics.

/// Where a panic began, and with which message.
pub struct PanicHookInfo<'a> {}
/// Where something stands in a source.
pub struct Location<'a> {}
impl<'a> Location<'a> {
    /// Where the caller stands.
    pub const fn caller() -> &'static Location<'static>;
    /// The file.
    pub const fn file(&self) -> &str;
    /// The line.
    pub const fn line(&self) -> u32;
    /// The column.
    pub const fn column(&self) -> u32;
}
/// Is in order after a panic.
pub trait UnwindSafe {}
/// Is in order after a panic, seen from outside.
pub trait RefUnwindSafe {}
/// Promises that a value is in order after a panic.
pub struct AssertUnwindSafe<T>(pub T);
/// Calls a function and catches its panic.
pub fn catch_unwind<F: FnOnce() -> R + UnwindSafe, R>(f: F) -> thread::Result<R>;
/// Goes on with a panic.
pub fn resume_unwind(payload: Box<dyn Any + Send>) -> !;
/// What is called at a panic.
pub fn set_hook(hook: Box<dyn Fn(&PanicHookInfo<'_>) + Sync + Send + 'static>);
/// Takes out what is called at a panic.
pub fn take_hook() -> Box<dyn Fn(&PanicHookInfo<'_>) + Sync + Send + 'static>;
