//! Values in memory.

/// Puts another value in and gives the old one.
pub const fn replace<T>(dest: &mut T, src: T) -> T;
/// Takes the value out and leaves the default.
pub fn take<T: Default>(dest: &mut T) -> T;
/// Exchanges two values.
pub const fn swap<T>(x: &mut T, y: &mut T);
/// Ends a value.
pub fn drop<T>(x: T);
/// Forgets a value without ending it.
pub const fn forget<T>(t: T);
/// The size of a type in bytes.
pub const fn size_of<T>() -> usize;
/// The size of a value in bytes.
pub const fn size_of_val<T: ?Sized>(val: &T) -> usize;
/// The alignment of a type in bytes.
pub const fn align_of<T>() -> usize;
/// Does the type need something to be done at its end?
pub const fn needs_drop<T: ?Sized>() -> bool;
/// Takes the bytes for another type.
pub unsafe fn transmute<Src, Dst>(src: Src) -> Dst;
/// A value of zero bytes.
pub unsafe fn zeroed<T>() -> T;
/// Which variant it is.
pub const fn discriminant<T>(v: &T) -> Discriminant<T>;
/// Which variant a value is.
pub struct Discriminant<T> {}
/// A value that is not ended by itself.
pub struct ManuallyDrop<T: ?Sized> { value: T }
impl<T> ManuallyDrop<T> {
    /// Around a value.
    pub const fn new(value: T) -> ManuallyDrop<T>;
    /// The value.
    pub const fn into_inner(slot: ManuallyDrop<T>) -> T;
}
/// Memory that may hold no value yet.
pub union MaybeUninit<T> { uninit: (), value: ManuallyDrop<T> }
impl<T> MaybeUninit<T> {
    /// With a value.
    pub const fn new(val: T) -> MaybeUninit<T>;
    /// Without a value.
    pub const fn uninit() -> MaybeUninit<T>;
    /// Puts a value in.
    pub const fn write(&mut self, val: T) -> &mut T;
    /// The value that is there.
    pub const unsafe fn assume_init(self) -> T;
    /// A pointer to it.
    pub const fn as_ptr(&self) -> *const T;
    /// A pointer to it, to be changed.
    pub const fn as_mut_ptr(&mut self) -> *mut T;
}
