//! Pointers.

/// A pointer that is not null.
pub struct NonNull<T: ?Sized> { pointer: *const T }
impl<T: ?Sized> NonNull<T> {
    /// Of a pointer, if it is not null.
    pub const fn new(ptr: *mut T) -> Option<NonNull<T>>;
    /// Of a pointer that is not null.
    pub const unsafe fn new_unchecked(ptr: *mut T) -> NonNull<T>;
    /// One that points nowhere.
    pub const fn dangling() -> NonNull<T>;
    /// The pointer.
    pub const fn as_ptr(self) -> *mut T;
    /// The value.
    pub const unsafe fn as_ref<'a>(&self) -> &'a T;
    /// The value, to be changed.
    pub const unsafe fn as_mut<'a>(&mut self) -> &'a mut T;
    /// As a pointer to another type.
    pub const fn cast<U>(self) -> NonNull<U>;
}
/// A null pointer.
pub const fn null<T>() -> *const T;
/// A null pointer, to be changed.
pub const fn null_mut<T>() -> *mut T;
/// Reads what a pointer points to.
pub const unsafe fn read<T>(src: *const T) -> T;
/// Writes where a pointer points to.
pub const unsafe fn write<T>(dst: *mut T, src: T);
/// Copies values that may overlap.
pub const unsafe fn copy<T>(src: *const T, dst: *mut T, count: usize);
/// Copies values that do not overlap.
pub const unsafe fn copy_nonoverlapping<T>(src: *const T, dst: *mut T, count: usize);
/// Ends the value at a pointer.
pub unsafe fn drop_in_place<T: ?Sized>(to_drop: *mut T);
/// Exchanges two values.
pub const unsafe fn swap<T>(a: *mut T, b: *mut T);
/// Do both point to the same?
pub fn eq<T: ?Sized>(a: *const T, b: *const T) -> bool;
