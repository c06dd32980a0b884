//! Slices.

/// Goes through a slice.
pub struct Iter<'a, T: 'a> { slice: &'a [T] }
/// Goes through a slice, to change it.
pub struct IterMut<'a, T: 'a> { slice: &'a mut [T] }
/// Parts of a slice of one size.
pub struct Chunks<'a, T: 'a> { slice: &'a [T] }
/// Windows over a slice.
pub struct Windows<'a, T: 'a> { slice: &'a [T] }
/// What can be an index of a slice.
pub unsafe trait SliceIndex<T: ?Sized> { type Output: ?Sized; }
/// The slice at a pointer.
pub const unsafe fn from_raw_parts<'a, T>(data: *const T, len: usize) -> &'a [T];
/// The slice at a pointer, to be changed.
pub const unsafe fn from_raw_parts_mut<'a, T>(data: *mut T, len: usize) -> &'a mut [T];
/// One value as a slice.
pub const fn from_ref<T>(s: &T) -> &[T];
