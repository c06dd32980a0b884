//! Unfolding over an index, against what the compilers and interpreters do.

mod bounds;
mod c;
mod python;
mod rust;
mod sampled;
mod support;
