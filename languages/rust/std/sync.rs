//! Values for several threads.

pub mod atomic;
pub mod mpsc;

/// A value with several owners.
pub struct Arc<T: ?Sized> { value: T }
impl<T: ?Sized> Arc<T> {
    /// With one owner.
    pub fn new(data: T) -> Arc<T>;
    /// With a weak pointer to itself.
    pub fn new_cyclic<F: FnOnce(&Weak<T>) -> T>(data_fn: F) -> Arc<T>;
    /// The value, if there is one owner.
    pub fn try_unwrap(this: Arc<T>) -> Result<T, Arc<T>>;
    /// The value, if there is one owner.
    pub fn into_inner(this: Arc<T>) -> Option<T>;
    /// A pointer that does not keep it.
    pub fn downgrade(this: &Arc<T>) -> Weak<T>;
    /// The number of owners.
    pub fn strong_count(this: &Arc<T>) -> usize;
    /// The number of weak pointers.
    pub fn weak_count(this: &Arc<T>) -> usize;
    /// The value, to be changed, if there is one owner.
    pub fn get_mut(this: &mut Arc<T>) -> Option<&mut T>;
    /// The value, to be changed, copied where there are several owners.
    pub fn make_mut(this: &mut Arc<T>) -> &mut T;
    /// Are both the same value?
    pub fn ptr_eq(this: &Arc<T>, other: &Arc<T>) -> bool;
    /// A pointer to it.
    pub fn as_ptr(this: &Arc<T>) -> *const T;
}
/// A pointer that does not keep its value.
pub struct Weak<T: ?Sized> { value: T }
impl<T: ?Sized> Weak<T> {
    /// One that points nowhere.
    pub const fn new() -> Weak<T>;
    /// An owner, if the value is still there.
    pub fn upgrade(&self) -> Option<Arc<T>>;
}
/// A value that one thread at a time has.
pub struct Mutex<T: ?Sized> { data: T }
impl<T: ?Sized> Mutex<T> {
    /// Around a value.
    pub const fn new(t: T) -> Mutex<T>;
    /// Waits for the value.
    pub fn lock(&self) -> LockResult<MutexGuard<'_, T>>;
    /// The value, if nobody has it.
    pub fn try_lock(&self) -> TryLockResult<MutexGuard<'_, T>>;
    /// Did a thread panic that had it?
    pub fn is_poisoned(&self) -> bool;
    /// The value.
    pub fn into_inner(self) -> LockResult<T>;
    /// The value, to be changed.
    pub fn get_mut(&mut self) -> LockResult<&mut T>;
}
/// The value of a mutex for a while.
pub struct MutexGuard<'a, T: ?Sized + 'a> { lock: &'a T }
/// A value that several threads read and one changes.
pub struct RwLock<T: ?Sized> { data: T }
impl<T: ?Sized> RwLock<T> {
    /// Around a value.
    pub const fn new(t: T) -> RwLock<T>;
    /// Waits to read.
    pub fn read(&self) -> LockResult<RwLockReadGuard<'_, T>>;
    /// Reads, if nobody changes it.
    pub fn try_read(&self) -> TryLockResult<RwLockReadGuard<'_, T>>;
    /// Waits to change.
    pub fn write(&self) -> LockResult<RwLockWriteGuard<'_, T>>;
    /// Changes, if nobody has it.
    pub fn try_write(&self) -> TryLockResult<RwLockWriteGuard<'_, T>>;
    /// The value.
    pub fn into_inner(self) -> LockResult<T>;
    /// The value, to be changed.
    pub fn get_mut(&mut self) -> LockResult<&mut T>;
}
/// The value of a lock, to read it.
pub struct RwLockReadGuard<'a, T: ?Sized + 'a> { lock: &'a T }
/// The value of a lock, to change it.
pub struct RwLockWriteGuard<'a, T: ?Sized + 'a> { lock: &'a T }
/// A lock, or one that a panic left.
pub type LockResult<T> = Result<T, PoisonError<T>>;
/// A lock, or why there is none.
pub type TryLockResult<T> = Result<T, TryLockError<T>>;
/// A thread panicked that had the lock.
pub struct PoisonError<T> { data: T }
impl<T> PoisonError<T> {
    /// The value all the same.
    pub fn into_inner(self) -> T;
    /// The value all the same.
    pub fn get_ref(&self) -> &T;
}
/// Why there is no lock.
pub enum TryLockError<T> {
    /// A thread panicked that had it.
    Poisoned(PoisonError<T>),
    /// Somebody has it.
    WouldBlock,
}
/// Waits for something under a mutex.
pub struct Condvar {}
impl Condvar {
    /// A new one.
    pub const fn new() -> Condvar;
    /// Waits until somebody notifies.
    pub fn wait<'a, T>(&self, guard: MutexGuard<'a, T>) -> LockResult<MutexGuard<'a, T>>;
    /// Waits while a condition holds.
    pub fn wait_while<'a, T, F: FnMut(&mut T) -> bool>(&self, guard: MutexGuard<'a, T>, condition: F) -> LockResult<MutexGuard<'a, T>>;
    /// Waits some time at most.
    pub fn wait_timeout<'a, T>(&self, guard: MutexGuard<'a, T>, dur: Duration) -> LockResult<(MutexGuard<'a, T>, WaitTimeoutResult)>;
    /// Wakes one thread.
    pub fn notify_one(&self);
    /// Wakes all threads.
    pub fn notify_all(&self);
}
/// Did waiting take too long?
pub struct WaitTimeoutResult(bool);
/// Lets threads wait for one another.
pub struct Barrier {}
/// Is done once.
pub struct Once {}
impl Once {
    /// A new one.
    pub const fn new() -> Once;
    /// Does it, if nobody did.
    pub fn call_once<F: FnOnce()>(&self, f: F);
}
/// A value that is set once.
pub struct OnceLock<T> { value: T }
impl<T> OnceLock<T> {
    /// An empty one.
    pub const fn new() -> OnceLock<T>;
    /// The value, if it is set.
    pub fn get(&self) -> Option<&T>;
    /// Sets the value, if it is not set.
    pub fn set(&self, value: T) -> Result<(), T>;
    /// The value, made where there is none.
    pub fn get_or_init<F: FnOnce() -> T>(&self, f: F) -> &T;
}
/// A value that is made when it is first used.
pub struct LazyLock<T, F = fn() -> T> { value: T, make: F }
impl<T, F: FnOnce() -> T> LazyLock<T, F> {
    /// One that a function makes.
    pub const fn new(f: F) -> LazyLock<T, F>;
}
