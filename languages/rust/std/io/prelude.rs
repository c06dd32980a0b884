//! What reading and writing mostly need.

pub use super::{BufRead, Read, Seek, Write};
