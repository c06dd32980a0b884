//! Vectors.

/// Elements in an order that grow.
pub struct Vec<T> { buf: T }
impl<T> Vec<T> {
    /// An empty one.
    pub const fn new() -> Vec<T>;
    /// An empty one with room for so many.
    pub fn with_capacity(capacity: usize) -> Vec<T>;
    /// The room.
    pub const fn capacity(&self) -> usize;
    /// Makes room for so many more.
    pub fn reserve(&mut self, additional: usize);
    /// Gives back room that is not needed.
    pub fn shrink_to_fit(&mut self);
    /// On the heap, without further room.
    pub fn into_boxed_slice(self) -> Box<[T]>;
    /// Cuts it off.
    pub fn truncate(&mut self, len: usize);
    /// As a slice.
    pub const fn as_slice(&self) -> &[T];
    /// As a slice, to be changed.
    pub const fn as_mut_slice(&mut self) -> &mut [T];
    /// A pointer to the first element.
    pub const fn as_ptr(&self) -> *const T;
    /// A pointer to the first element, to be changed.
    pub const fn as_mut_ptr(&mut self) -> *mut T;
    /// Says how many elements there are.
    pub unsafe fn set_len(&mut self, new_len: usize);
    /// Takes an element out and puts the last one there.
    pub fn swap_remove(&mut self, index: usize) -> T;
    /// Puts an element in.
    pub fn insert(&mut self, index: usize, element: T);
    /// Takes an element out.
    pub fn remove(&mut self, index: usize) -> T;
    /// Keeps the elements that fulfil a condition.
    pub fn retain<F: FnMut(&T) -> bool>(&mut self, f: F);
    /// Keeps the elements that fulfil a condition, which may change them.
    pub fn retain_mut<F: FnMut(&mut T) -> bool>(&mut self, f: F);
    /// Leaves out equal neighbours.
    pub fn dedup(&mut self);
    /// Leaves out neighbours with equal keys.
    pub fn dedup_by_key<F: FnMut(&mut T) -> K, K: PartialEq>(&mut self, key: F);
    /// Adds an element at the end.
    pub fn push(&mut self, value: T);
    /// Takes the last element out.
    pub fn pop(&mut self) -> Option<T>;
    /// Takes all elements of another.
    pub fn append(&mut self, other: &mut Vec<T>);
    /// Takes a range out.
    pub fn drain<R: RangeBounds<usize>>(&mut self, range: R) -> Drain<'_, T>;
    /// Takes all out.
    pub fn clear(&mut self);
    /// How many there are.
    pub const fn len(&self) -> usize;
    /// Has it nothing?
    pub const fn is_empty(&self) -> bool;
    /// Splits it in two.
    pub fn split_off(&mut self, at: usize) -> Vec<T>;
    /// Cuts off or fills up.
    pub fn resize(&mut self, new_len: usize, value: T);
    /// Cuts off or fills up by a function.
    pub fn resize_with<F: FnMut() -> T>(&mut self, new_len: usize, f: F);
    /// Adds copies of elements.
    pub fn extend_from_slice(&mut self, other: &[T]);
    /// Replaces a range.
    pub fn splice<R: RangeBounds<usize>, I>(&mut self, range: R, replace_with: I) -> Splice<'_, T>;
    /// The first element.
    pub const fn first(&self) -> Option<&T>;
    /// The first element, to be changed.
    pub const fn first_mut(&mut self) -> Option<&mut T>;
    /// The first element and the rest.
    pub const fn split_first(&self) -> Option<(&T, &[T])>;
    /// The last element and the rest.
    pub const fn split_last(&self) -> Option<(&T, &[T])>;
    /// The last element.
    pub const fn last(&self) -> Option<&T>;
    /// The last element, to be changed.
    pub const fn last_mut(&mut self) -> Option<&mut T>;
    /// An element, or a range.
    pub fn get(&self, index: usize) -> Option<&T>;
    /// An element, or a range, to be changed.
    pub fn get_mut(&mut self, index: usize) -> Option<&mut T>;
    /// An element, not checked.
    pub unsafe fn get_unchecked(&self, index: usize) -> &T;
    /// Exchanges two elements.
    pub const fn swap(&mut self, a: usize, b: usize);
    /// Turns the order round.
    pub const fn reverse(&mut self);
    /// Goes through it.
    pub fn iter(&self) -> slice::Iter<'_, T>;
    /// Goes through it, to change it.
    pub fn iter_mut(&mut self) -> slice::IterMut<'_, T>;
    /// Windows of one size.
    pub fn windows(&self, size: usize) -> slice::Windows<'_, T>;
    /// Parts of one size.
    pub fn chunks(&self, chunk_size: usize) -> slice::Chunks<'_, T>;
    /// Parts of exactly one size.
    pub fn chunks_exact(&self, chunk_size: usize) -> slice::Chunks<'_, T>;
    /// Two parts.
    pub const fn split_at(&self, mid: usize) -> (&[T], &[T]);
    /// Two parts, to be changed.
    pub const fn split_at_mut(&mut self, mid: usize) -> (&mut [T], &mut [T]);
    /// Is there such an element?
    pub fn contains(&self, x: &T) -> bool;
    /// Does it begin so?
    pub fn starts_with(&self, needle: &[T]) -> bool;
    /// Does it end so?
    pub fn ends_with(&self, needle: &[T]) -> bool;
    /// Where an element stands in a sorted one, or would.
    pub fn binary_search(&self, x: &T) -> Result<usize, usize>;
    /// Where an element stands by a function, or would.
    pub fn binary_search_by<F: FnMut(&T) -> Ordering>(&self, f: F) -> Result<usize, usize>;
    /// Where an element stands by its key, or would.
    pub fn binary_search_by_key<B: Ord, F: FnMut(&T) -> B>(&self, b: &B, f: F) -> Result<usize, usize>;
    /// Where a condition ends to hold.
    pub fn partition_point<P: FnMut(&T) -> bool>(&self, pred: P) -> usize;
    /// Sorts; equal elements stay in order.
    pub fn sort(&mut self);
    /// Sorts by a function.
    pub fn sort_by<F: FnMut(&T, &T) -> Ordering>(&mut self, compare: F);
    /// Sorts by a key.
    pub fn sort_by_key<K: Ord, F: FnMut(&T) -> K>(&mut self, f: F);
    /// Sorts; equal elements may change places.
    pub fn sort_unstable(&mut self);
    /// Sorts by a function; equal elements may change places.
    pub fn sort_unstable_by<F: FnMut(&T, &T) -> Ordering>(&mut self, compare: F);
    /// Sorts by a key; equal elements may change places.
    pub fn sort_unstable_by_key<K: Ord, F: FnMut(&T) -> K>(&mut self, f: F);
    /// Turns elements round its ends.
    pub const fn rotate_left(&mut self, mid: usize);
    /// Sets every element.
    pub fn fill(&mut self, value: T);
    /// Copies elements of another.
    pub const fn copy_from_slice(&mut self, src: &[T]);
    /// A vector of copies.
    pub fn to_vec(&self) -> Vec<T>;
    /// All elements as one.
    pub fn concat<Item: ?Sized>(&self) -> Vec<Item>;
    /// All elements as one, with something between them.
    pub fn join<Separator>(&self, sep: Separator) -> String;
}
/// Elements that are taken out.
pub struct Drain<'a, T: 'a> { inner: &'a T }
/// Elements that are replaced.
pub struct Splice<'a, T: 'a> { inner: &'a T }
/// Gives the elements of a vector.
pub struct IntoIter<T> { buf: T }
