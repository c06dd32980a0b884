//! Memory.

/// Size and alignment of a block of memory.
pub struct Layout {}
impl Layout {
    /// The layout of a type.
    pub const fn new<T>() -> Layout;
    /// The layout of a size and an alignment, in bytes.
    pub const fn from_size_align(size: usize, align: usize) -> Result<Layout, LayoutError>;
    /// The layout of an array.
    pub const fn array<T>(n: usize) -> Result<Layout, LayoutError>;
    /// The size in bytes.
    pub const fn size(&self) -> usize;
    /// The alignment in bytes.
    pub const fn align(&self) -> usize;
}
/// A size and an alignment that cannot be.
pub struct LayoutError;
/// What gives and takes memory for the whole program.
pub unsafe trait GlobalAlloc {
    /// Gives a block.
    unsafe fn alloc(&self, layout: Layout) -> *mut u8;
    /// Takes a block back.
    unsafe fn dealloc(&self, ptr: *mut u8, layout: Layout);
}
/// The memory of the system.
pub struct System;
/// Gives a block of memory.
pub unsafe fn alloc(layout: Layout) -> *mut u8;
/// Gives a block of zeroed memory.
pub unsafe fn alloc_zeroed(layout: Layout) -> *mut u8;
/// Takes a block of memory back.
pub unsafe fn dealloc(ptr: *mut u8, layout: Layout);
/// Says that no memory is left.
pub fn handle_alloc_error(layout: Layout) -> !;
