//! Operators.

/// `+`.
pub trait Add<Rhs = Self> { type Output; fn add(self, rhs: Rhs) -> Self::Output; }
/// `-`.
pub trait Sub<Rhs = Self> { type Output; fn sub(self, rhs: Rhs) -> Self::Output; }
/// `*`.
pub trait Mul<Rhs = Self> { type Output; fn mul(self, rhs: Rhs) -> Self::Output; }
/// `/`.
pub trait Div<Rhs = Self> { type Output; fn div(self, rhs: Rhs) -> Self::Output; }
/// `%`.
pub trait Rem<Rhs = Self> { type Output; fn rem(self, rhs: Rhs) -> Self::Output; }
/// `-` before a value.
pub trait Neg { type Output; fn neg(self) -> Self::Output; }
/// `!`.
pub trait Not { type Output; fn not(self) -> Self::Output; }
/// `&`.
pub trait BitAnd<Rhs = Self> { type Output; fn bitand(self, rhs: Rhs) -> Self::Output; }
/// `|`.
pub trait BitOr<Rhs = Self> { type Output; fn bitor(self, rhs: Rhs) -> Self::Output; }
/// `^`.
pub trait BitXor<Rhs = Self> { type Output; fn bitxor(self, rhs: Rhs) -> Self::Output; }
/// `<<`.
pub trait Shl<Rhs = Self> { type Output; fn shl(self, rhs: Rhs) -> Self::Output; }
/// `>>`.
pub trait Shr<Rhs = Self> { type Output; fn shr(self, rhs: Rhs) -> Self::Output; }
/// `+=`.
pub trait AddAssign<Rhs = Self> { fn add_assign(&mut self, rhs: Rhs); }
/// `-=`.
pub trait SubAssign<Rhs = Self> { fn sub_assign(&mut self, rhs: Rhs); }
/// `*=`.
pub trait MulAssign<Rhs = Self> { fn mul_assign(&mut self, rhs: Rhs); }
/// `/=`.
pub trait DivAssign<Rhs = Self> { fn div_assign(&mut self, rhs: Rhs); }
/// `|=`.
pub trait BitOrAssign<Rhs = Self> { fn bitor_assign(&mut self, rhs: Rhs); }
/// `&=`.
pub trait BitAndAssign<Rhs = Self> { fn bitand_assign(&mut self, rhs: Rhs); }
/// `[…]`.
pub trait Index<Idx: ?Sized> { type Output: ?Sized; fn index(&self, index: Idx) -> &Self::Output; }
/// `[…]`, to be changed.
pub trait IndexMut<Idx: ?Sized>: Index<Idx> { fn index_mut(&mut self, index: Idx) -> &mut Self::Output; }
/// `*` before a value.
pub trait Deref { type Target: ?Sized; fn deref(&self) -> &Self::Target; }
/// `*` before a value, to be changed.
pub trait DerefMut: Deref { fn deref_mut(&mut self) -> &mut Self::Target; }
/// Does something at its end.
pub trait Drop { fn drop(&mut self); }
/// Is called with shared access.
pub trait Fn<Args>: FnMut<Args> {}
/// Is called, and may change.
pub trait FnMut<Args>: FnOnce<Args> {}
/// Is called once.
pub trait FnOnce<Args> { type Output; }
/// From one value up to before another.
pub struct Range<Idx> { pub start: Idx, pub end: Idx }
impl<Idx> Range<Idx> {
    /// Is the value in it?
    pub fn contains<U: ?Sized>(&self, item: &U) -> bool;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
}
/// From one value on.
pub struct RangeFrom<Idx> { pub start: Idx }
/// Up to before a value.
pub struct RangeTo<Idx> { pub end: Idx }
/// Everything.
pub struct RangeFull;
/// From one value up to another.
pub struct RangeInclusive<Idx> {}
impl<Idx> RangeInclusive<Idx> {
    /// Of two values.
    pub const fn new(start: Idx, end: Idx) -> RangeInclusive<Idx>;
    /// The first value.
    pub const fn start(&self) -> &Idx;
    /// The last value.
    pub const fn end(&self) -> &Idx;
    /// Is the value in it?
    pub fn contains<U: ?Sized>(&self, item: &U) -> bool;
}
/// Up to a value.
pub struct RangeToInclusive<Idx> { pub end: Idx }
/// Any range.
pub trait RangeBounds<T: ?Sized> {
    /// Where it begins.
    fn start_bound(&self) -> Bound<&T>;
    /// Where it ends.
    fn end_bound(&self) -> Bound<&T>;
    /// Is the value in it?
    fn contains<U: ?Sized>(&self, item: &U) -> bool {}
}
/// An end of a range.
pub enum Bound<T> {
    /// With the value.
    Included(T),
    /// Without the value.
    Excluded(T),
    /// There is none.
    Unbounded,
}
/// Go on or stop.
pub enum ControlFlow<B, C = ()> {
    /// Go on.
    Continue(C),
    /// Stop.
    Break(B),
}
