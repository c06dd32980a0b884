//! Numbers.

/// A text that is no whole number.
pub struct ParseIntError {}
/// A text that is no number.
pub struct ParseFloatError {}
/// A number that does not fit.
pub struct TryFromIntError(());
/// A number that is not zero.
pub struct NonZero<T> {}
/// A number that is not zero.
pub type NonZeroU8 = NonZero<u8>;
/// A number that is not zero.
pub type NonZeroU16 = NonZero<u16>;
/// A number that is not zero.
pub type NonZeroU32 = NonZero<u32>;
/// A number that is not zero.
pub type NonZeroU64 = NonZero<u64>;
/// A number that is not zero.
pub type NonZeroUsize = NonZero<usize>;
impl<T> NonZero<T> {
    /// Of a number, if it is not zero.
    pub const fn new(n: T) -> Option<NonZero<T>>;
    /// The number.
    pub const fn get(self) -> T;
}
/// A number whose operations wrap around.
pub struct Wrapping<T>(pub T);
/// A number whose operations stop at its ends.
pub struct Saturating<T>(pub T);
