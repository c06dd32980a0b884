//! A file as a commit has it: read with its colours and definitions, not linked.

use super::load::{band, page_lines, parts};
use super::{Page, Spot};
use crate::Failure;
use compass_facts::{Cancel, Language, Source, read};
use compass_trace::Engine;
use compass_trace::history_and_coverage;
use std::path::Path;

/// The page of a path at a commit. Where the working copy has the same text, that is shown, with all that is known of it.
pub(super) fn page(engine: &Engine, spot: &Spot, path: &str, commit: &str, cancel: &Cancel) -> Result<Page, Failure> {
    let root = engine.index().own_roots().first().cloned().unwrap_or_default();
    let (bytes, id) = history_and_coverage::bytes_at(Path::new(&root), path, commit)?;
    let full = Path::new(&root).join(path);
    if compass_index::tree::disk::read(&full, compass_index::tree::disk::SOURCE_BYTES).is_ok_and(|now| now == bytes) && engine.index().find_path(path).is_some()
    {
        return super::page(engine, &Spot { path: path.to_owned(), ..spot.clone() }, cancel);
    }
    let source = Source::decode(bytes)?;
    let language = path.rsplit('/').next().and_then(Language::of_name).unwrap_or(Language::TEXT);
    let facts = read(language, &source, cancel).ok_or(Failure::Cancelled)?;
    Ok(Page {
        path: spot.path.clone(),
        full: full.to_string_lossy().into_owned(),
        band: band(&facts, &source.lines),
        parts: parts(&facts, &source.lines),
        about: format!("as commit {} has it", id.get(..10).unwrap_or(&id)),
        changed: false,
        lines: page_lines(language, &source, &facts, cancel),
    })
}
