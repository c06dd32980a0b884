//! What is particular to the language, and its compiler as oracle.

mod bounds;
mod made_names;
mod marked_c;
mod marked_cpp;
mod marked_options;
mod oracle;
mod preprocessor;
mod random;
mod reader;
mod reader_cpp;
mod record;
mod sampled;
mod standard;
mod support;
mod unfold;
