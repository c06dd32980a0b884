//! The engine of facts with all languages.

mod hidden;
mod registry;
mod stored;
mod syntax;
mod tokens;
mod wire;
