//! The preprocessor of C and C++: macros, conditionals, includes.
//!
//! [`Preprocessor`] walks a file and what it includes up to a place and so knows which definitions are in force there;
//! [`Expander`] replaces macros in a run of tokens and records each step. After ISO C 6.10 and the GNU dialect's documented additions
//! (named variadics, the comma before an empty `__VA_ARGS__`, `__COUNTER__`, `#include_next`); where the standard leaves the order of
//! nested replacement open, as the GNU compiler does it.

mod conditions;
mod definition;
mod expander;
mod walk;

pub use definition::{Definition, Item, ItemKind, Table};
pub use expander::{Expander, Lines, NoLines};
pub use walk::{Files, Preprocessor, Stop};
