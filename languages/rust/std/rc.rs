//! Values with several owners in one thread.

/// A value with several owners in one thread.
pub struct Rc<T: ?Sized> { value: T }
impl<T: ?Sized> Rc<T> {
    /// With one owner.
    pub fn new(value: T) -> Rc<T>;
    /// With a weak pointer to itself.
    pub fn new_cyclic<F: FnOnce(&Weak<T>) -> T>(data_fn: F) -> Rc<T>;
    /// The value, if there is one owner.
    pub fn try_unwrap(this: Rc<T>) -> Result<T, Rc<T>>;
    /// The value, if there is one owner.
    pub fn into_inner(this: Rc<T>) -> Option<T>;
    /// A pointer that does not keep it.
    pub fn downgrade(this: &Rc<T>) -> Weak<T>;
    /// The number of owners.
    pub fn strong_count(this: &Rc<T>) -> usize;
    /// The number of weak pointers.
    pub fn weak_count(this: &Rc<T>) -> usize;
    /// The value, to be changed, if there is one owner.
    pub fn get_mut(this: &mut Rc<T>) -> Option<&mut T>;
    /// The value, to be changed, copied where there are several owners.
    pub fn make_mut(this: &mut Rc<T>) -> &mut T;
    /// Are both the same value?
    pub fn ptr_eq(this: &Rc<T>, other: &Rc<T>) -> bool;
    /// A pointer to it.
    pub fn as_ptr(this: &Rc<T>) -> *const T;
}
/// A pointer that does not keep its value.
pub struct Weak<T: ?Sized> { value: T }
impl<T: ?Sized> Weak<T> {
    /// One that points nowhere.
    pub const fn new() -> Weak<T>;
    /// An owner, if the value is still there.
    pub fn upgrade(&self) -> Option<Rc<T>>;
}
