//! Values that are changed through shared references.

/// A value that is replaced as a whole.
pub struct Cell<T: ?Sized> { value: T }
impl<T> Cell<T> {
    /// One with a value.
    pub const fn new(value: T) -> Cell<T>;
    /// Puts another value in.
    pub fn set(&self, val: T);
    /// Puts another value in and gives the old one.
    pub fn replace(&self, val: T) -> T;
    /// Takes the value out and leaves the default.
    pub fn take(&self) -> T;
    /// The value.
    pub fn into_inner(self) -> T;
    /// A copy of the value.
    pub fn get(&self) -> T;
}
/// A value whose borrows are checked at run time.
pub struct RefCell<T: ?Sized> { value: T }
impl<T> RefCell<T> {
    /// One with a value.
    pub const fn new(value: T) -> RefCell<T>;
    /// The value.
    pub fn into_inner(self) -> T;
    /// Puts another value in and gives the old one.
    pub fn replace(&self, t: T) -> T;
    /// Borrows the value; panics where it is borrowed to be changed.
    pub fn borrow(&self) -> Ref<'_, T>;
    /// Borrows the value, if nobody changes it.
    pub fn try_borrow(&self) -> Result<Ref<'_, T>, BorrowError>;
    /// Borrows the value to change it; panics where it is borrowed.
    pub fn borrow_mut(&self) -> RefMut<'_, T>;
    /// Borrows the value to change it, if nobody has borrowed it.
    pub fn try_borrow_mut(&self) -> Result<RefMut<'_, T>, BorrowMutError>;
    /// The value, to be changed.
    pub fn get_mut(&mut self) -> &mut T;
    /// Takes the value out and leaves the default.
    pub fn take(&self) -> T;
}
/// A borrow of a `RefCell`.
pub struct Ref<'b, T: ?Sized> { value: &'b T }
impl<'b, T: ?Sized> Ref<'b, T> {
    /// A borrow of a part.
    pub fn map<U: ?Sized, F: FnOnce(&T) -> &U>(orig: Ref<'b, T>, f: F) -> Ref<'b, U>;
}
/// A borrow of a `RefCell`, to change it.
pub struct RefMut<'b, T: ?Sized> { value: &'b mut T }
impl<'b, T: ?Sized> RefMut<'b, T> {
    /// A borrow of a part.
    pub fn map<U: ?Sized, F: FnOnce(&mut T) -> &mut U>(orig: RefMut<'b, T>, f: F) -> RefMut<'b, U>;
}
/// It is borrowed to be changed.
pub struct BorrowError {}
/// It is borrowed.
pub struct BorrowMutError {}
/// A value that is set once.
pub struct OnceCell<T> { inner: Option<T> }
impl<T> OnceCell<T> {
    /// An empty one.
    pub const fn new() -> OnceCell<T>;
    /// The value, if it is set.
    pub fn get(&self) -> Option<&T>;
    /// Sets the value, if it is not set.
    pub fn set(&self, value: T) -> Result<(), T>;
    /// The value, made where there is none.
    pub fn get_or_init<F: FnOnce() -> T>(&self, f: F) -> &T;
}
/// A value that is made when it is first used.
pub struct LazyCell<T, F = fn() -> T> { value: T, make: F }
/// The ground of all cells.
pub struct UnsafeCell<T: ?Sized> { value: T }
impl<T: ?Sized> UnsafeCell<T> {
    /// One with a value.
    pub const fn new(value: T) -> UnsafeCell<T>;
    /// A pointer to the value.
    pub const fn get(&self) -> *mut T;
}
