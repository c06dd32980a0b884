//! Crossings: what belongs together across languages, processes and layers.
//!
//! Each pass takes the signals of all files and the links between them, and gives pairs with both sides as evidence; a side without
//! another is said too. Which calls declare routes, make requests or open libraries is said by the rooms of the languages
//! ([`frameworks`]); how texts are evaluated and how sides meet is code here.

pub mod frameworks;
mod full_names;
mod http;
mod models;
mod names;
mod native;
mod operations;
mod pages;
mod rpc;
mod sql;
mod string_evaluation;

use compass_index::Passes;
use std::sync::Arc;

/// All passes, in the order they run.
pub fn passes() -> Passes {
    vec![
        Arc::new(http::Http),
        Arc::new(native::Native),
        Arc::new(sql::Sql),
        Arc::new(rpc::Rpc),
        Arc::new(names::Names),
        Arc::new(models::Models),
        Arc::new(operations::Operations),
        Arc::new(full_names::FullNames),
        Arc::new(pages::Pages),
    ]
}
