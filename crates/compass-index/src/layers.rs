//! Layers: named bands of the architecture, as settled by hand or as the code shows them.
//!
//! With `[[layers]]` in `amber-compass.toml` a file belongs to the first whose pattern fits its path. Without, layers are read off what
//! files do: markup and requests make a page, routes a route, statements a store, C a native layer, schemas tables. What shows none of
//! this goes by the folder it stands in, where that is called as such folders are. The rest is code between, a service, if there is anything for it to stand between.

use crate::config::Layer;
use crate::store::FileRow;
use crate::{CrossingKind, FileId, FileLinks, LooseCause};
use globset::{GlobBuilder, GlobSet, GlobSetBuilder};
use rustc_hash::FxHashSet;
use serde::{Deserialize, Serialize};

/// A layer of a generation, in order from the top.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize)]
pub struct LayerRow {
    /// Its name.
    pub name: String,
    /// Settled by hand, not read off the code.
    pub configured: bool,
}

const INFERRED: [&str; 6] = ["page", "route", "service", "store", "native", "table"];

/// Gives every file its layer; returns the layers there are.
pub(crate) fn assign(settled: &[Layer], files: &mut [FileRow], links: &[(FileId, FileLinks)]) -> Vec<LayerRow> {
    if !settled.is_empty() {
        let sets: Vec<GlobSet> = settled.iter().map(|l| globs(&l.paths)).collect();
        for file in files.iter_mut() {
            file.layer = sets.iter().position(|s| s.is_match(&file.path)).map(|n| n as u16);
        }
        return settled.iter().map(|l| LayerRow { name: l.name.clone(), configured: true }).collect();
    }
    let reached: FxHashSet<FileId> = links.iter().flat_map(|(_, l)| &l.crossings).filter(|c| c.kind == CrossingKind::Http).map(|c| c.to.file).collect();
    for (file, (_, links)) in files.iter_mut().zip(links) {
        file.layer = inferred(file, links, &reached).map(|n| n as u16);
    }
    let bands: FxHashSet<u16> = files.iter().filter_map(|f| f.layer).collect();
    if bands.len() < 2 {
        files.iter_mut().for_each(|f| f.layer = None);
        return Vec::new();
    }
    for file in files.iter_mut().filter(|f| f.layer.is_none() && f.language.is_read() && !crate::is_test_path(&f.path, f.language)) {
        file.layer = Some(2);
    }
    INFERRED.iter().map(|n| LayerRow { name: (*n).to_owned(), configured: false }).collect()
}

fn globs(patterns: &[String]) -> GlobSet {
    let mut builder = GlobSetBuilder::new();
    for glob in patterns.iter().filter(|p| crate::tree::is_shallow(p)).filter_map(|p| GlobBuilder::new(p).literal_separator(true).build().ok()) {
        builder.add(glob);
    }
    builder.build().unwrap_or_else(|_| GlobSet::empty())
}

fn inferred(file: &FileRow, links: &FileLinks, reached: &FxHashSet<FileId>) -> Option<usize> {
    if crate::is_test_path(&file.path, file.language) || file.provenance.word().is_some() {
        return None;
    }
    let from = |kind| links.crossings.iter().any(|c| c.kind == kind);
    // A page may answer requests itself; what else a language says of its files holds.
    let by_language = file.language.profile().layer;
    match by_language {
        Some(layer) if layer > 0 => Some(layer),
        _ if reached.contains(&file.id) || links.loose.iter().any(|l| l.cause == LooseCause::NoRequest) => Some(1),
        Some(page) => Some(page),
        _ if from(CrossingKind::Http) => Some(0),
        _ if from(CrossingKind::Sql) => Some(3),
        _ => by_folder(&file.path),
    }
}

/// What folders are called that hold one layer, by layer.
const FOLDERS: [(usize, &[&str]); 4] = [
    (0, &["templates", "frontend", "web_src", "ui", "pages", "components", "public"]),
    (1, &["routers", "router", "routes", "handlers", "handler", "controllers", "controller", "api", "endpoints", "views"]),
    (2, &["services", "service", "usecases", "domain"]),
    (3, &["models", "model", "store", "stores", "storage", "repository", "repositories", "dao", "db", "database", "persistence", "migrations"]),
];

/// The layer of the innermost folder with such a name.
fn by_folder(path: &str) -> Option<usize> {
    let (folders, _) = path.rsplit_once('/')?;
    folders.split('/').rev().find_map(|f| FOLDERS.iter().find(|(_, names)| names.contains(&f)).map(|(layer, _)| *layer))
}
