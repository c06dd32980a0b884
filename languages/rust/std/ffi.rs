//! Values of other languages and of the system.

/// A text of the system.
pub struct OsString {}
impl OsString {
    /// An empty one.
    pub const fn new() -> OsString;
    /// Borrowed.
    pub fn as_os_str(&self) -> &OsStr;
    /// The text, if it is one.
    pub fn into_string(self) -> Result<String, OsString>;
    /// Adds something at the end.
    pub fn push<T: AsRef<OsStr>>(&mut self, s: T);
}
/// A borrowed text of the system.
pub struct OsStr {}
impl OsStr {
    /// One of a text.
    pub fn new<S: AsRef<OsStr> + ?Sized>(s: &S) -> &OsStr;
    /// The text, if it is one.
    pub fn to_str(&self) -> Option<&str>;
    /// The text, with signs for what is none.
    pub fn to_string_lossy(&self) -> Cow<'_, str>;
    /// An owned copy.
    pub fn to_os_string(&self) -> OsString;
    /// Has it nothing?
    pub fn is_empty(&self) -> bool;
    /// The length in bytes.
    pub fn len(&self) -> usize;
}
/// A text of C.
pub struct CString {}
impl CString {
    /// One of bytes without a zero.
    pub fn new<T: Into<Vec<u8>>>(t: T) -> Result<CString, NulError>;
    /// A pointer to it.
    pub fn as_ptr(&self) -> *const c_char;
    /// Gives the pointer away.
    pub fn into_raw(self) -> *mut c_char;
    /// Takes a pointer back.
    pub unsafe fn from_raw(ptr: *mut c_char) -> CString;
}
/// A borrowed text of C.
pub struct CStr {}
impl CStr {
    /// The text at a pointer.
    pub unsafe fn from_ptr<'a>(ptr: *const c_char) -> &'a CStr;
    /// The text, if it is one.
    pub fn to_str(&self) -> Result<&str, Utf8Error>;
    /// The text, with signs for what is none.
    pub fn to_string_lossy(&self) -> Cow<'_, str>;
    /// Its bytes without the zero.
    pub const fn to_bytes(&self) -> &[u8];
}
/// A zero within a text.
pub struct NulError {}
/// `char` of C.
pub type c_char = i8;
/// `int` of C.
pub type c_int = i32;
/// `unsigned int` of C.
pub type c_uint = u32;
/// `long` of C.
pub type c_long = i64;
/// `unsigned long` of C.
pub type c_ulong = u64;
/// `double` of C.
pub type c_double = f64;
/// `void` of C.
pub enum c_void {}
