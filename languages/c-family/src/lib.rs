//! C and C++: what is particular to it, in one room.

mod compilers;
mod constants;
mod ladder;
pub mod lexer;
mod packages;
mod predefined;
pub mod preprocessor;
mod profile;
mod reader;
mod rules;
mod shared_macros;
mod tokens;

include!(concat!(env!("OUT_DIR"), "/versions.rs"));
include!(concat!(env!("OUT_DIR"), "/declared.rs"));

pub use compilers::compilers;
pub use packages::{HEADERS, defines_for};
pub use profile::{C, CPP};
pub use reader::looks_like_cpp;
