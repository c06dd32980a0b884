//! Engines against the compilers whose rules they follow.

mod c_engine;
mod c_oracle;
mod c_random;
mod record;
mod rust_engine;
mod rust_oracle;
mod support;
