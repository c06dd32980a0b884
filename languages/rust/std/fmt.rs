//! Values as text.

/// Writing failed.
pub struct Error;
/// The result of writing.
pub type Result = result::Result<(), Error>;
/// Writes text.
pub trait Write {
    /// Writes a text.
    fn write_str(&mut self, s: &str) -> Result;
    /// Writes a letter.
    fn write_char(&mut self, c: char) -> Result {}
    /// Writes a pattern with values.
    fn write_fmt(&mut self, args: Arguments<'_>) -> Result {}
}
/// A pattern with values.
pub struct Arguments<'a> {}
/// Where a value writes itself, and how.
pub struct Formatter<'a> {}
impl<'a> Formatter<'a> {
    /// Writes a text.
    pub fn write_str(&mut self, data: &str) -> Result;
    /// Writes a pattern with values.
    pub fn write_fmt(&mut self, fmt: Arguments<'_>) -> Result;
    /// Writes a text with the width that is asked for.
    pub fn pad(&mut self, s: &str) -> Result;
    /// Is more detail asked for, with `#`?
    pub fn alternate(&self) -> bool;
    /// The width that is asked for.
    pub fn width(&self) -> Option<usize>;
    /// The precision that is asked for.
    pub fn precision(&self) -> Option<usize>;
    /// Writes a struct with fields.
    pub fn debug_struct<'b>(&'b mut self, name: &str) -> DebugStruct<'b, 'a>;
    /// Writes a tuple.
    pub fn debug_tuple<'b>(&'b mut self, name: &str) -> DebugTuple<'b, 'a>;
    /// Writes a list.
    pub fn debug_list<'b>(&'b mut self) -> DebugList<'b, 'a>;
    /// Writes a set.
    pub fn debug_set<'b>(&'b mut self) -> DebugSet<'b, 'a>;
    /// Writes a map.
    pub fn debug_map<'b>(&'b mut self) -> DebugMap<'b, 'a>;
}
/// Writes a struct for people who look for mistakes.
pub struct DebugStruct<'a, 'b> {}
impl<'a, 'b> DebugStruct<'a, 'b> {
    /// Writes a field.
    pub fn field(&mut self, name: &str, value: &dyn Debug) -> &mut Self;
    /// Ends it.
    pub fn finish(&mut self) -> Result;
    /// Ends it, and says that there are further fields.
    pub fn finish_non_exhaustive(&mut self) -> Result;
}
/// Writes a tuple.
pub struct DebugTuple<'a, 'b> {}
impl<'a, 'b> DebugTuple<'a, 'b> {
    /// Writes a field.
    pub fn field(&mut self, value: &dyn Debug) -> &mut Self;
    /// Ends it.
    pub fn finish(&mut self) -> Result;
}
/// Writes a list.
pub struct DebugList<'a, 'b> {}
impl<'a, 'b> DebugList<'a, 'b> {
    /// Writes an element.
    pub fn entry(&mut self, entry: &dyn Debug) -> &mut Self;
    /// Writes all elements.
    pub fn entries<I>(&mut self, entries: I) -> &mut Self;
    /// Ends it.
    pub fn finish(&mut self) -> Result;
}
/// Writes a set.
pub struct DebugSet<'a, 'b> {}
/// Writes a map.
pub struct DebugMap<'a, 'b> {}
impl<'a, 'b> DebugMap<'a, 'b> {
    /// Writes a key with its value.
    pub fn entry(&mut self, key: &dyn Debug, value: &dyn Debug) -> &mut Self;
    /// Writes all.
    pub fn entries<I>(&mut self, entries: I) -> &mut Self;
    /// Ends it.
    pub fn finish(&mut self) -> Result;
}
/// As text for people.
pub trait Display {
    /// Writes itself.
    fn fmt(&self, f: &mut Formatter<'_>) -> Result;
}
/// As text for people who look for mistakes.
pub trait Debug {
    /// Writes itself.
    fn fmt(&self, f: &mut Formatter<'_>) -> Result;
}
/// As a hexadecimal number in small letters.
pub trait LowerHex {
    /// Writes itself.
    fn fmt(&self, f: &mut Formatter<'_>) -> Result;
}
/// As a hexadecimal number in capital letters.
pub trait UpperHex {
    /// Writes itself.
    fn fmt(&self, f: &mut Formatter<'_>) -> Result;
}
/// As a binary number.
pub trait Binary {
    /// Writes itself.
    fn fmt(&self, f: &mut Formatter<'_>) -> Result;
}
/// As a pointer.
pub trait Pointer {
    /// Writes itself.
    fn fmt(&self, f: &mut Formatter<'_>) -> Result;
}
