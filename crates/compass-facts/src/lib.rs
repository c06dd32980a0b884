//! What one file says by itself.
//!
//! A *reader* turns the bytes of one file into [`Facts`]: definitions, scopes, uses, imports, exports, type
//! expressions and gaps. No syntax tree survives reading, and nothing here knows another file or the disk.
//!
//! # How it works
//! [`Source`] decodes bytes to UTF-8 text and knows its lines; [`read`] picks the reader of the language, which
//! walks the syntax tree once and fills a [`Builder`](reading::Builder); the builder then links the names that are
//! local to a function and freezes the facts.
//!
//! # Guarantees
//! Any bytes give facts: what could not be understood is a [`Gap`], never an error, never a panic.

pub mod addresses;
pub mod bounds;
mod full_names;
pub mod model;
pub mod profile;
pub mod reading;
mod registry;
mod source;
mod sql;
mod stored;
pub mod surroundings;
mod text;
mod tokens;
pub mod wire;

#[doc(hidden)]
pub use serde;

pub use model::*;
pub use registry::{Language, fits, read, read_among, register};
pub use source::{Encoding, LineIndex, Source, SourceError};
pub use sql::{MadeTable, Mention, SqlToken, is_keyword as is_sql_keyword, looks_like_sql, read_sql, sql_tokens};
pub use tokens::{LARGEST_CLASSIFIED, Token, TokenClass, tokens};

/// Tells long work to stop; shared between the one who asks and the one who works.
///
/// Reading is checked at every few thousand nodes, so a cancelled file ends within 100 ms.
#[derive(Debug, Clone, Default)]
pub struct Cancel(std::sync::Arc<std::sync::atomic::AtomicBool>);

impl Cancel {
    /// A flag that nobody has raised.
    pub fn new() -> Self {
        Self::default()
    }

    /// Asks the work to stop.
    pub fn cancel(&self) {
        self.0.store(true, std::sync::atomic::Ordering::Relaxed);
    }

    /// Has somebody asked the work to stop?
    pub fn is_cancelled(&self) -> bool {
        self.0.load(std::sync::atomic::Ordering::Relaxed)
    }
}
