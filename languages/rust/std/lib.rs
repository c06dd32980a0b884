//! The standard library of Rust, declared: what code names most.

pub mod alloc;
pub mod any;
pub mod borrow;
pub mod boxed;
pub mod cell;
pub mod clone;
pub mod cmp;
pub mod collections;
pub mod convert;
pub mod default;
pub mod env;
pub mod error;
pub mod ffi;
pub mod fmt;
pub mod fs;
pub mod future;
pub mod hash;
pub mod hint;
pub mod io;
pub mod iter;
pub mod marker;
pub mod mem;
pub mod net;
pub mod num;
pub mod ops;
pub mod option;
pub mod panic;
pub mod path;
pub mod pin;
pub mod process;
pub mod ptr;
pub mod rc;
pub mod result;
pub mod slice;
pub mod str;
pub mod string;
pub mod sync;
pub mod task;
pub mod thread;
pub mod time;
pub mod vec;

/// Writes a line to standard output.
#[macro_export]
macro_rules! println { ($($part:tt)*) => {}; }
/// Writes to standard output.
#[macro_export]
macro_rules! print { ($($part:tt)*) => {}; }
/// Writes a line to standard error.
#[macro_export]
macro_rules! eprintln { ($($part:tt)*) => {}; }
/// Writes to standard error.
#[macro_export]
macro_rules! eprint { ($($part:tt)*) => {}; }
/// A text made of a pattern and values.
#[macro_export]
macro_rules! format { ($($part:tt)*) => {}; }
/// What a pattern and values make, for a function that writes it.
#[macro_export]
macro_rules! format_args { ($($part:tt)*) => {}; }
/// Writes a pattern with values into a buffer.
#[macro_export]
macro_rules! write { ($to:expr, $($part:tt)*) => {}; }
/// Writes a line into a buffer.
#[macro_export]
macro_rules! writeln { ($to:expr, $($part:tt)*) => {}; }
/// A vector of these elements.
#[macro_export]
macro_rules! vec { ($($part:tt)*) => {}; }
/// Panics where the condition does not hold.
#[macro_export]
macro_rules! assert { ($($part:tt)*) => {}; }
/// Panics where two values differ.
#[macro_export]
macro_rules! assert_eq { ($($part:tt)*) => {}; }
/// Panics where two values are equal.
#[macro_export]
macro_rules! assert_ne { ($($part:tt)*) => {}; }
/// As `assert!`, in debug builds alone.
#[macro_export]
macro_rules! debug_assert { ($($part:tt)*) => {}; }
/// As `assert_eq!`, in debug builds alone.
#[macro_export]
macro_rules! debug_assert_eq { ($($part:tt)*) => {}; }
/// As `assert_ne!`, in debug builds alone.
#[macro_export]
macro_rules! debug_assert_ne { ($($part:tt)*) => {}; }
/// Panics with a message.
#[macro_export]
macro_rules! panic { ($($part:tt)*) => {}; }
/// Panics where code that cannot be reached is reached.
#[macro_export]
macro_rules! unreachable { ($($part:tt)*) => {}; }
/// Panics: not written yet, nor planned.
#[macro_export]
macro_rules! unimplemented { ($($part:tt)*) => {}; }
/// Panics: not written yet.
#[macro_export]
macro_rules! todo { ($($part:tt)*) => {}; }
/// Does the value match the pattern?
#[macro_export]
macro_rules! matches { ($value:expr, $($part:tt)*) => {}; }
/// Shows a value and its place on standard error, and gives it on.
#[macro_export]
macro_rules! dbg { ($($part:tt)*) => {}; }
/// The text of a file, when compiling.
#[macro_export]
macro_rules! include_str { ($file:expr) => {}; }
/// The bytes of a file, when compiling.
#[macro_export]
macro_rules! include_bytes { ($file:expr) => {}; }
/// The code of a file, when compiling.
#[macro_export]
macro_rules! include { ($file:expr) => {}; }
/// The parts as one text, when compiling.
#[macro_export]
macro_rules! concat { ($($part:tt)*) => {}; }
/// The tokens as text, when compiling.
#[macro_export]
macro_rules! stringify { ($($part:tt)*) => {}; }
/// A variable of the environment, when compiling.
#[macro_export]
macro_rules! env { ($($part:tt)*) => {}; }
/// A variable of the environment when compiling, if it is set.
#[macro_export]
macro_rules! option_env { ($name:expr) => {}; }
/// Is the configuration set?
#[macro_export]
macro_rules! cfg { ($($part:tt)*) => {}; }
/// The line of the call.
#[macro_export]
macro_rules! line { () => {}; }
/// The column of the call.
#[macro_export]
macro_rules! column { () => {}; }
/// The file of the call.
#[macro_export]
macro_rules! file { () => {}; }
/// The module of the call.
#[macro_export]
macro_rules! module_path { () => {}; }
/// Stops compiling with a message.
#[macro_export]
macro_rules! compile_error { ($message:expr) => {}; }
/// Variables of their own for each thread.
#[macro_export]
macro_rules! thread_local { ($($part:tt)*) => {}; }
