//! Numbers that several threads change.

/// How operations of threads are ordered.
pub enum Ordering { Relaxed, Release, Acquire, AcqRel, SeqCst }
/// A truth value.
pub struct AtomicBool {}
impl AtomicBool {
    /// One with a value.
    pub const fn new(v: bool) -> AtomicBool;
    /// The value.
    pub fn load(&self, order: Ordering) -> bool;
    /// Sets the value.
    pub fn store(&self, val: bool, order: Ordering);
    /// Sets the value and gives the old one.
    pub fn swap(&self, val: bool, order: Ordering) -> bool;
    /// Sets the value, if it is another one's.
    pub fn compare_exchange(&self, current: bool, new: bool, success: Ordering, failure: Ordering) -> Result<bool, bool>;
    /// Or.
    pub fn fetch_or(&self, val: bool, order: Ordering) -> bool;
    /// And.
    pub fn fetch_and(&self, val: bool, order: Ordering) -> bool;
}
/// A number.
pub struct AtomicUsize {}
impl AtomicUsize {
    /// One with a value.
    pub const fn new(v: usize) -> AtomicUsize;
    /// The value.
    pub fn load(&self, order: Ordering) -> usize;
    /// Sets the value.
    pub fn store(&self, val: usize, order: Ordering);
    /// Sets the value and gives the old one.
    pub fn swap(&self, val: usize, order: Ordering) -> usize;
    /// Sets the value, if it is another one's.
    pub fn compare_exchange(&self, current: usize, new: usize, success: Ordering, failure: Ordering) -> Result<usize, usize>;
    /// Adds, and gives the old value.
    pub fn fetch_add(&self, val: usize, order: Ordering) -> usize;
    /// Takes off, and gives the old value.
    pub fn fetch_sub(&self, val: usize, order: Ordering) -> usize;
    /// The greater, and gives the old value.
    pub fn fetch_max(&self, val: usize, order: Ordering) -> usize;
    /// The lesser, and gives the old value.
    pub fn fetch_min(&self, val: usize, order: Ordering) -> usize;
}
/// A number.
pub struct AtomicU64 {}
impl AtomicU64 {
    /// One with a value.
    pub const fn new(v: u64) -> AtomicU64;
    /// The value.
    pub fn load(&self, order: Ordering) -> u64;
    /// Sets the value.
    pub fn store(&self, val: u64, order: Ordering);
    /// Sets the value and gives the old one.
    pub fn swap(&self, val: u64, order: Ordering) -> u64;
    /// Adds, and gives the old value.
    pub fn fetch_add(&self, val: u64, order: Ordering) -> u64;
    /// Takes off, and gives the old value.
    pub fn fetch_sub(&self, val: u64, order: Ordering) -> u64;
}
/// A number.
pub struct AtomicU32 {}
impl AtomicU32 {
    /// One with a value.
    pub const fn new(v: u32) -> AtomicU32;
    /// The value.
    pub fn load(&self, order: Ordering) -> u32;
    /// Sets the value.
    pub fn store(&self, val: u32, order: Ordering);
    /// Adds, and gives the old value.
    pub fn fetch_add(&self, val: u32, order: Ordering) -> u32;
}
/// A number.
pub struct AtomicU8 {}
/// A number.
pub struct AtomicI32 {}
/// A number.
pub struct AtomicI64 {}
/// A number.
pub struct AtomicIsize {}
/// A pointer.
pub struct AtomicPtr<T> { pointer: *mut T }
/// Orders operations of threads.
pub fn fence(order: Ordering);
