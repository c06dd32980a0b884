//! Values on the heap.

/// A value on the heap with one owner.
pub struct Box<T: ?Sized>(T);
impl<T> Box<T> {
    /// Puts a value on the heap.
    pub fn new(x: T) -> Box<T>;
    /// Puts a value on the heap where it stays.
    pub fn pin(x: T) -> Pin<Box<T>>;
}
impl<T: ?Sized> Box<T> {
    /// Takes over a pointer.
    pub unsafe fn from_raw(raw: *mut T) -> Box<T>;
    /// Gives the pointer away.
    pub fn into_raw(b: Box<T>) -> *mut T;
    /// Keeps the value for as long as the program runs.
    pub fn leak<'a>(b: Box<T>) -> &'a mut T;
    /// The pointer of a box.
    pub fn as_ptr(b: &Box<T>) -> *const T;
}
