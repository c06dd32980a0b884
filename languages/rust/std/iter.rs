//! Going through elements.

/// Gives elements one after the other.
pub trait Iterator {
    /// An element.
    type Item;
    /// The next one.
    fn next(&mut self) -> Option<Self::Item>;
    /// How many there are at least and at most.
    fn size_hint(&self) -> (usize, Option<usize>) {}
    /// How many there are.
    fn count(self) -> usize {}
    /// The last one.
    fn last(self) -> Option<Self::Item> {}
    /// The one at a position.
    fn nth(&mut self, n: usize) -> Option<Self::Item> {}
    /// Every so many.
    fn step_by(self, step: usize) -> StepBy<Self> {}
    /// These, then others.
    fn chain<U: IntoIterator<Item = Self::Item>>(self, other: U) -> Chain<Self, U::IntoIter> {}
    /// Pairs with others.
    fn zip<U: IntoIterator>(self, other: U) -> Zip<Self, U::IntoIter> {}
    /// What a function makes of each.
    fn map<B, F: FnMut(Self::Item) -> B>(self, f: F) -> Map<Self, F> {}
    /// Does something with each.
    fn for_each<F: FnMut(Self::Item)>(self, f: F) {}
    /// Those that fulfil a condition.
    fn filter<P: FnMut(&Self::Item) -> bool>(self, predicate: P) -> Filter<Self, P> {}
    /// What a function that may give none makes of each.
    fn filter_map<B, F: FnMut(Self::Item) -> Option<B>>(self, f: F) -> FilterMap<Self, F> {}
    /// With their positions.
    fn enumerate(self) -> Enumerate<Self> {}
    /// One can be looked at before it is taken.
    fn peekable(self) -> Peekable<Self> {}
    /// Without the first ones that fulfil a condition.
    fn skip_while<P: FnMut(&Self::Item) -> bool>(self, predicate: P) -> SkipWhile<Self, P> {}
    /// The first ones that fulfil a condition.
    fn take_while<P: FnMut(&Self::Item) -> bool>(self, predicate: P) -> TakeWhile<Self, P> {}
    /// What a function makes of each, until it gives none.
    fn map_while<B, P: FnMut(Self::Item) -> Option<B>>(self, predicate: P) -> MapWhile<Self, P> {}
    /// Without the first ones.
    fn skip(self, n: usize) -> Skip<Self> {}
    /// The first ones.
    fn take(self, n: usize) -> Take<Self> {}
    /// What a function with a state makes of each.
    fn scan<St, B, F: FnMut(&mut St, Self::Item) -> Option<B>>(self, initial_state: St, f: F) -> Scan<Self, St, F> {}
    /// The elements of what a function makes of each.
    fn flat_map<U: IntoIterator, F: FnMut(Self::Item) -> U>(self, f: F) -> FlatMap<Self, U, F> {}
    /// The elements of each.
    fn flatten(self) -> Flatten<Self> {}
    /// Ends at the first missing one.
    fn fuse(self) -> Fuse<Self> {}
    /// Shows each to a function.
    fn inspect<F: FnMut(&Self::Item)>(self, f: F) -> Inspect<Self, F> {}
    /// One that borrows this.
    fn by_ref(&mut self) -> &mut Self {}
    /// Gathers them.
    fn collect<B: FromIterator<Self::Item>>(self) -> B {}
    /// Gathers them in two by a condition.
    fn partition<B, F: FnMut(&Self::Item) -> bool>(self, f: F) -> (B, B) {}
    /// Joins them with a value, as long as that goes well.
    fn try_fold<B, F, R>(&mut self, init: B, f: F) -> R {}
    /// Does something with each, as long as that goes well.
    fn try_for_each<F, R>(&mut self, f: F) -> R {}
    /// Joins them with a value.
    fn fold<B, F: FnMut(B, Self::Item) -> B>(self, init: B, f: F) -> B {}
    /// Joins them.
    fn reduce<F: FnMut(Self::Item, Self::Item) -> Self::Item>(self, f: F) -> Option<Self::Item> {}
    /// Do all fulfil a condition?
    fn all<F: FnMut(Self::Item) -> bool>(&mut self, f: F) -> bool {}
    /// Does one fulfil a condition?
    fn any<F: FnMut(Self::Item) -> bool>(&mut self, f: F) -> bool {}
    /// The first one that fulfils a condition.
    fn find<P: FnMut(&Self::Item) -> bool>(&mut self, predicate: P) -> Option<Self::Item> {}
    /// The first one that a function makes something of.
    fn find_map<B, F: FnMut(Self::Item) -> Option<B>>(&mut self, f: F) -> Option<B> {}
    /// Where the first one stands that fulfils a condition.
    fn position<P: FnMut(Self::Item) -> bool>(&mut self, predicate: P) -> Option<usize> {}
    /// Where the last one stands that fulfils a condition.
    fn rposition<P: FnMut(Self::Item) -> bool>(&mut self, predicate: P) -> Option<usize> {}
    /// The greatest.
    fn max(self) -> Option<Self::Item> {}
    /// The least.
    fn min(self) -> Option<Self::Item> {}
    /// The greatest by a key.
    fn max_by_key<B: Ord, F: FnMut(&Self::Item) -> B>(self, f: F) -> Option<Self::Item> {}
    /// The greatest by a function.
    fn max_by<F: FnMut(&Self::Item, &Self::Item) -> Ordering>(self, compare: F) -> Option<Self::Item> {}
    /// The least by a key.
    fn min_by_key<B: Ord, F: FnMut(&Self::Item) -> B>(self, f: F) -> Option<Self::Item> {}
    /// The least by a function.
    fn min_by<F: FnMut(&Self::Item, &Self::Item) -> Ordering>(self, compare: F) -> Option<Self::Item> {}
    /// From the end.
    fn rev(self) -> Rev<Self> {}
    /// Pairs taken apart.
    fn unzip<A, B, FromA, FromB>(self) -> (FromA, FromB) {}
    /// Copies.
    fn copied<'a, T: 'a + Copy>(self) -> Copied<Self> {}
    /// Copies.
    fn cloned<'a, T: 'a + Clone>(self) -> Cloned<Self> {}
    /// Again and again.
    fn cycle(self) -> Cycle<Self> {}
    /// The sum.
    fn sum<S>(self) -> S {}
    /// The product.
    fn product<P>(self) -> P {}
    /// Before, equal or after others.
    fn cmp<I: IntoIterator>(self, other: I) -> Ordering {}
    /// Are all equal?
    fn eq<I: IntoIterator>(self, other: I) -> bool {}
    /// Are they sorted?
    fn is_sorted(self) -> bool {}
}
/// Becomes an iterator.
pub trait IntoIterator {
    /// An element.
    type Item;
    /// The iterator.
    type IntoIter: Iterator<Item = Self::Item>;
    /// Makes it.
    fn into_iter(self) -> Self::IntoIter;
}
/// Is gathered from elements.
pub trait FromIterator<A>: Sized {
    /// Gathers them.
    fn from_iter<T: IntoIterator<Item = A>>(iter: T) -> Self;
}
/// Takes further elements.
pub trait Extend<A> {
    /// Takes them.
    fn extend<T: IntoIterator<Item = A>>(&mut self, iter: T);
}
/// Gives elements from its end as well.
pub trait DoubleEndedIterator: Iterator {
    /// The next one from the end.
    fn next_back(&mut self) -> Option<Self::Item>;
    /// The last one that fulfils a condition.
    fn rfind<P: FnMut(&Self::Item) -> bool>(&mut self, predicate: P) -> Option<Self::Item> {}
}
/// Knows how many there are.
pub trait ExactSizeIterator: Iterator {
    /// How many there are.
    fn len(&self) -> usize {}
}
/// Stays at its end.
pub trait FusedIterator: Iterator {}
/// Can be summed.
pub trait Sum<A = Self>: Sized { fn sum<I: Iterator<Item = A>>(iter: I) -> Self; }
/// One whose next element can be looked at.
pub struct Peekable<I: Iterator> { iter: I }
impl<I: Iterator> Peekable<I> {
    /// The next one.
    pub fn peek(&mut self) -> Option<&I::Item>;
    /// The next one, to be changed.
    pub fn peek_mut(&mut self) -> Option<&mut I::Item>;
    /// The next one, if it fulfils a condition.
    pub fn next_if(&mut self, func: impl FnOnce(&I::Item) -> bool) -> Option<I::Item>;
}
pub struct StepBy<I> { iter: I }
pub struct Chain<A, B> { a: A, b: B }
pub struct Zip<A, B> { a: A, b: B }
pub struct Map<I, F> { iter: I, f: F }
pub struct Filter<I, P> { iter: I, predicate: P }
pub struct FilterMap<I, F> { iter: I, f: F }
pub struct Enumerate<I> { iter: I }
pub struct SkipWhile<I, P> { iter: I, predicate: P }
pub struct TakeWhile<I, P> { iter: I, predicate: P }
pub struct MapWhile<I, P> { iter: I, predicate: P }
pub struct Skip<I> { iter: I }
pub struct Take<I> { iter: I }
pub struct Scan<I, St, F> { iter: I, state: St, f: F }
pub struct FlatMap<I, U, F> { iter: I, inner: U, f: F }
pub struct Flatten<I> { iter: I }
pub struct Fuse<I> { iter: I }
pub struct Inspect<I, F> { iter: I, f: F }
pub struct Rev<I> { iter: I }
pub struct Copied<I> { iter: I }
pub struct Cloned<I> { iter: I }
pub struct Cycle<I> { iter: I }
/// One value.
pub struct Once<T> { inner: T }
/// A value again and again.
pub struct Repeat<T> { element: T }
/// Without elements.
pub struct Empty<T> {}
/// One value.
pub fn once<T>(value: T) -> Once<T>;
/// A value again and again.
pub fn repeat<T: Clone>(elt: T) -> Repeat<T>;
/// A value so many times.
pub fn repeat_n<T: Clone>(element: T, count: usize) -> RepeatN<T>;
/// What a function gives again and again.
pub fn repeat_with<A, F: FnMut() -> A>(repeater: F) -> RepeatWith<F>;
/// Without elements.
pub const fn empty<T>() -> Empty<T>;
/// What a function gives until it gives none.
pub fn from_fn<T, F: FnMut() -> Option<T>>(f: F) -> FromFn<F>;
/// Each made of the one before.
pub fn successors<T, F: FnMut(&T) -> Option<T>>(first: Option<T>, succ: F) -> Successors<T, F>;
/// Pairs of two.
pub fn zip<A: IntoIterator, B: IntoIterator>(a: A, b: B) -> Zip<A::IntoIter, B::IntoIter>;
pub struct RepeatN<A> { element: A }
pub struct RepeatWith<F> { repeater: F }
pub struct FromFn<F>(F);
pub struct Successors<T, F> { next: Option<T>, succ: F }
