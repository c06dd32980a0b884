//! Texts of their own.

/// A text that grows.
pub struct String {}
impl String {
    /// An empty one.
    pub const fn new() -> String;
    /// An empty one with room for so many bytes.
    pub fn with_capacity(capacity: usize) -> String;
    /// Of bytes that are text.
    pub fn from_utf8(vec: Vec<u8>) -> Result<String, FromUtf8Error>;
    /// Of bytes, with signs for what is no text.
    pub fn from_utf8_lossy(v: &[u8]) -> Cow<'_, str>;
    /// Of bytes that are promised to be text.
    pub unsafe fn from_utf8_unchecked(bytes: Vec<u8>) -> String;
    /// Of units of 16 bits.
    pub fn from_utf16(v: &[u16]) -> Result<String, FromUtf16Error>;
    /// Its bytes.
    pub fn into_bytes(self) -> Vec<u8>;
    /// Borrowed.
    pub const fn as_str(&self) -> &str;
    /// Borrowed, to be changed.
    pub const fn as_mut_str(&mut self) -> &mut str;
    /// Adds a text at the end.
    pub fn push_str(&mut self, string: &str);
    /// Adds a letter at the end.
    pub fn push(&mut self, ch: char);
    /// The room in bytes.
    pub const fn capacity(&self) -> usize;
    /// Makes room for so many bytes more.
    pub fn reserve(&mut self, additional: usize);
    /// Gives back room that is not needed.
    pub fn shrink_to_fit(&mut self);
    /// Its bytes, borrowed.
    pub const fn as_bytes(&self) -> &[u8];
    /// Cuts it off.
    pub fn truncate(&mut self, new_len: usize);
    /// Takes the last letter out.
    pub fn pop(&mut self) -> Option<char>;
    /// Takes a letter out.
    pub fn remove(&mut self, idx: usize) -> char;
    /// Keeps the letters that fulfil a condition.
    pub fn retain<F: FnMut(char) -> bool>(&mut self, f: F);
    /// Puts a letter in.
    pub fn insert(&mut self, idx: usize, ch: char);
    /// Puts a text in.
    pub fn insert_str(&mut self, idx: usize, string: &str);
    /// The length in bytes.
    pub const fn len(&self) -> usize;
    /// Has it nothing?
    pub const fn is_empty(&self) -> bool;
    /// Splits it in two.
    pub fn split_off(&mut self, at: usize) -> String;
    /// Takes all out.
    pub fn clear(&mut self);
    /// Takes a range out.
    pub fn drain<R: RangeBounds<usize>>(&mut self, range: R) -> Drain<'_>;
    /// Replaces a range.
    pub fn replace_range<R: RangeBounds<usize>>(&mut self, range: R, replace_with: &str);
    /// On the heap, without further room.
    pub fn into_boxed_str(self) -> Box<str>;
    /// For as long as the program runs.
    pub fn leak<'a>(self) -> &'a mut str;
}
/// Letters that are taken out.
pub struct Drain<'a> {}
/// Bytes that are no text.
pub struct FromUtf8Error {}
/// Units that are no text.
pub struct FromUtf16Error(());
/// Becomes a text.
pub trait ToString {
    /// As text.
    fn to_string(&self) -> String;
}
