//! Texts.

/// Bytes that are no text.
pub struct Utf8Error {}
/// Is made of a text.
pub trait FromStr: Sized {
    /// What went wrong.
    type Err;
    /// Makes it.
    fn from_str(s: &str) -> Result<Self, Self::Err>;
}
/// Letters of a text.
pub struct Chars<'a> {}
/// Letters of a text with their positions.
pub struct CharIndices<'a> {}
/// Bytes of a text.
pub struct Bytes<'a> {}
/// Lines of a text.
pub struct Lines<'a> {}
/// Words of a text.
pub struct SplitWhitespace<'a> {}
/// Parts of a text.
pub struct Split<'a, P> { pattern: &'a P }
/// The text of bytes.
pub const fn from_utf8(v: &[u8]) -> Result<&str, Utf8Error>;
/// The text of bytes that are promised to be text.
pub const unsafe fn from_utf8_unchecked(v: &[u8]) -> &str;
