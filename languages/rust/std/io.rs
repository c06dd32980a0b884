//! Reading and writing.

pub mod prelude;

/// Reading or writing failed.
pub struct Error {}
impl Error {
    /// One of a kind, with a cause.
    pub fn new<E>(kind: ErrorKind, error: E) -> Error;
    /// One of no kind.
    pub fn other<E>(error: E) -> Error;
    /// What the system said last.
    pub fn last_os_error() -> Error;
    /// One of the system's.
    pub fn from_raw_os_error(code: i32) -> Error;
    /// The number of the system.
    pub fn raw_os_error(&self) -> Option<i32>;
    /// Its kind.
    pub fn kind(&self) -> ErrorKind;
    /// The cause.
    pub fn get_ref(&self) -> Option<&(dyn error::Error + Send + Sync + 'static)>;
}
/// Kinds of what may fail.
pub enum ErrorKind {
    NotFound,
    PermissionDenied,
    ConnectionRefused,
    ConnectionReset,
    ConnectionAborted,
    NotConnected,
    AddrInUse,
    AddrNotAvailable,
    BrokenPipe,
    AlreadyExists,
    WouldBlock,
    InvalidInput,
    InvalidData,
    TimedOut,
    WriteZero,
    Interrupted,
    Unsupported,
    UnexpectedEof,
    OutOfMemory,
    Other,
}
/// The result of reading or writing.
pub type Result<T> = result::Result<T, Error>;
/// Gives bytes.
pub trait Read {
    /// Reads into a buffer; gives how many bytes, 0 at the end.
    fn read(&mut self, buf: &mut [u8]) -> Result<usize>;
    /// Reads all that is left.
    fn read_to_end(&mut self, buf: &mut Vec<u8>) -> Result<usize> {}
    /// Reads all that is left as text.
    fn read_to_string(&mut self, buf: &mut String) -> Result<usize> {}
    /// Fills the buffer.
    fn read_exact(&mut self, buf: &mut [u8]) -> Result<()> {}
    /// A reader that borrows this one.
    fn by_ref(&mut self) -> &mut Self {}
    /// Byte by byte.
    fn bytes(self) -> Bytes<Self> {}
    /// This one, then another.
    fn chain<R: Read>(self, next: R) -> Chain<Self, R> {}
    /// So many bytes at most.
    fn take(self, limit: u64) -> Take<Self> {}
}
/// Takes bytes.
pub trait Write {
    /// Writes from a buffer; gives how many bytes.
    fn write(&mut self, buf: &[u8]) -> Result<usize>;
    /// Passes on what is in buffers.
    fn flush(&mut self) -> Result<()>;
    /// Writes all of a buffer.
    fn write_all(&mut self, buf: &[u8]) -> Result<()> {}
    /// Writes a pattern with values.
    fn write_fmt(&mut self, args: Arguments<'_>) -> Result<()> {}
    /// A writer that borrows this one.
    fn by_ref(&mut self) -> &mut Self {}
}
/// Goes to a position.
pub trait Seek {
    /// Goes there.
    fn seek(&mut self, pos: SeekFrom) -> Result<u64>;
    /// Goes to the beginning.
    fn rewind(&mut self) -> Result<()> {}
    /// Where it is.
    fn stream_position(&mut self) -> Result<u64> {}
}
/// A position.
pub enum SeekFrom {
    /// From the beginning.
    Start(u64),
    /// From the end.
    End(i64),
    /// From here.
    Current(i64),
}
/// Gives bytes through a buffer.
pub trait BufRead: Read {
    /// What is in the buffer, filled where it is empty.
    fn fill_buf(&mut self) -> Result<&[u8]>;
    /// Takes bytes out of the buffer.
    fn consume(&mut self, amount: usize);
    /// Reads to a byte.
    fn read_until(&mut self, byte: u8, buf: &mut Vec<u8>) -> Result<usize> {}
    /// Reads a line.
    fn read_line(&mut self, buf: &mut String) -> Result<usize> {}
    /// Parts between a byte.
    fn split(self, byte: u8) -> Split<Self> {}
    /// Lines.
    fn lines(self) -> Lines<Self> {}
}
/// Reads through a buffer.
pub struct BufReader<R: ?Sized> { inner: R }
impl<R: Read> BufReader<R> {
    /// Around a reader.
    pub fn new(inner: R) -> BufReader<R>;
    /// Around a reader, with a buffer of a size.
    pub fn with_capacity(capacity: usize, inner: R) -> BufReader<R>;
    /// The reader.
    pub fn get_ref(&self) -> &R;
    /// The reader, to be changed.
    pub fn get_mut(&mut self) -> &mut R;
    /// The reader; what is in the buffer is lost.
    pub fn into_inner(self) -> R;
}
/// Writes through a buffer.
pub struct BufWriter<W: ?Sized + Write> { inner: W }
impl<W: Write> BufWriter<W> {
    /// Around a writer.
    pub fn new(inner: W) -> BufWriter<W>;
    /// Around a writer, with a buffer of a size.
    pub fn with_capacity(capacity: usize, inner: W) -> BufWriter<W>;
    /// The writer.
    pub fn get_ref(&self) -> &W;
    /// The writer, to be changed.
    pub fn get_mut(&mut self) -> &mut W;
    /// The writer, after the buffer is written.
    pub fn into_inner(self) -> Result<W>;
}
/// Writes through a buffer up to each line's end.
pub struct LineWriter<W: ?Sized + Write> { inner: W }
/// Bytes in memory with a position.
pub struct Cursor<T> { inner: T }
impl<T> Cursor<T> {
    /// Around bytes.
    pub const fn new(inner: T) -> Cursor<T>;
    /// The bytes.
    pub fn into_inner(self) -> T;
    /// The bytes.
    pub const fn get_ref(&self) -> &T;
    /// The bytes, to be changed.
    pub const fn get_mut(&mut self) -> &mut T;
    /// The position.
    pub const fn position(&self) -> u64;
    /// Goes to a position.
    pub const fn set_position(&mut self, pos: u64);
}
/// Standard input.
pub struct Stdin {}
impl Stdin {
    /// Takes hold of it.
    pub fn lock(&self) -> StdinLock<'static>;
    /// Reads a line.
    pub fn read_line(&self, buf: &mut String) -> Result<usize>;
    /// Lines.
    pub fn lines(self) -> Lines<StdinLock<'static>>;
}
/// Standard input, taken hold of.
pub struct StdinLock<'a> {}
/// Standard output.
pub struct Stdout {}
impl Stdout {
    /// Takes hold of it.
    pub fn lock(&self) -> StdoutLock<'static>;
}
/// Standard output, taken hold of.
pub struct StdoutLock<'a> {}
/// Standard error.
pub struct Stderr {}
/// Lines of a reader.
pub struct Lines<B> { buf: B }
/// Parts of a reader.
pub struct Split<B> { buf: B }
/// Bytes of a reader.
pub struct Bytes<R> { inner: R }
/// One reader after another.
pub struct Chain<T, U> { first: T, second: U }
/// A part of a reader.
pub struct Take<T> { inner: T }
/// A reader without bytes.
pub struct Empty;
/// A writer that forgets.
pub struct Sink;
/// Standard input.
pub fn stdin() -> Stdin;
/// Standard output.
pub fn stdout() -> Stdout;
/// Standard error.
pub fn stderr() -> Stderr;
/// Copies all from a reader to a writer.
pub fn copy<R: ?Sized + Read, W: ?Sized + Write>(reader: &mut R, writer: &mut W) -> Result<u64>;
/// All of a reader as text.
pub fn read_to_string<R: Read>(reader: R) -> Result<String>;
/// A reader without bytes.
pub const fn empty() -> Empty;
/// A writer that forgets.
pub const fn sink() -> Sink;
/// Is it a terminal?
pub trait IsTerminal {
    /// Is it?
    fn is_terminal(&self) -> bool;
}
