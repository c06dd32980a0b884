//! Threads.

/// What a thread gives, or its panic.
pub type Result<T> = result::Result<T, Box<dyn Any + Send + 'static>>;
/// A thread whose end can be waited for.
pub struct JoinHandle<T>(T);
impl<T> JoinHandle<T> {
    /// Waits for its end.
    pub fn join(self) -> Result<T>;
    /// The thread.
    pub fn thread(&self) -> &Thread;
    /// Has it ended?
    pub fn is_finished(&self) -> bool;
}
/// A thread.
pub struct Thread {}
impl Thread {
    /// Lets it go on.
    pub fn unpark(&self);
    /// Its number.
    pub fn id(&self) -> ThreadId;
    /// Its name.
    pub fn name(&self) -> Option<&str>;
}
/// The number of a thread.
pub struct ThreadId(u64);
/// Makes threads with settings.
pub struct Builder {}
impl Builder {
    /// With nothing set.
    pub fn new() -> Builder;
    /// Its name.
    pub fn name(self, name: String) -> Builder;
    /// The size of its stack in bytes.
    pub fn stack_size(self, size: usize) -> Builder;
    /// Starts it.
    pub fn spawn<F: FnOnce() -> T + Send + 'static, T>(self, f: F) -> io::Result<JoinHandle<T>>;
}
/// Threads that end before their scope.
pub struct Scope<'scope, 'env: 'scope> {}
impl<'scope, 'env> Scope<'scope, 'env> {
    /// Starts a thread.
    pub fn spawn<F: FnOnce() -> T + Send + 'scope, T>(&'scope self, f: F) -> ScopedJoinHandle<'scope, T>;
}
/// A thread of a scope.
pub struct ScopedJoinHandle<'scope, T>(T);
impl<'scope, T> ScopedJoinHandle<'scope, T> {
    /// Waits for its end.
    pub fn join(self) -> Result<T>;
}
/// A variable for each thread.
pub struct LocalKey<T: 'static> { inner: T }
impl<T: 'static> LocalKey<T> {
    /// Gives its value to a function.
    pub fn with<F: FnOnce(&T) -> R, R>(&'static self, f: F) -> R;
}
/// Starts a thread.
pub fn spawn<F: FnOnce() -> T + Send + 'static, T>(f: F) -> JoinHandle<T>;
/// Threads that end before the function does.
pub fn scope<'env, F: FnOnce(&Scope<'_, 'env>) -> T, T>(f: F) -> T;
/// Waits some time.
pub fn sleep(dur: Duration);
/// The thread that asks.
pub fn current() -> Thread;
/// Lets other threads run.
pub fn yield_now();
/// Waits until somebody lets it go on.
pub fn park();
/// Is the thread panicking?
pub fn panicking() -> bool;
/// How many threads can run at once.
pub fn available_parallelism() -> io::Result<NonZeroUsize>;
