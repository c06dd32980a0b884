//! Routes by where a file stands: `pages/api/racks/[id].ts` answers `/api/racks/{id}`.

use super::table::{FileRoutes, HttpTable};
use super::{Route, route_segments};
use compass_facts::{DefId, Language, Span};
use compass_index::{PassInput, SymbolId};

/// Names of functions that answer a method.
const METHODS: [&str; 7] = ["GET", "POST", "PUT", "PATCH", "DELETE", "HEAD", "OPTIONS"];

/// All routes that files of a language are.
pub(super) fn routes(input: &PassInput, table: &HttpTable, is_of: impl Fn(Language) -> bool) -> Vec<Route> {
    let mut out = Vec::new();
    if table.file_routes.is_empty() {
        return out;
    }
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| is_of(f.language)) {
        for rule in &table.file_routes {
            if let Some(path) = path_of(here.path, rule) {
                of_file(input, file, rule, &path, &mut out);
                break;
            }
        }
    }
    out
}

fn of_file(input: &PassInput, file: usize, rule: &FileRoutes, path: &str, out: &mut Vec<Route>) {
    let here = &input.files[file];
    let route = |method: Option<String>, handler: SymbolId, at: Span| Route {
        method,
        segments: route_segments(path),
        path: path.to_owned(),
        handler,
        file,
        at,
        mounts: Vec::new(),
        sure: true,
        names: Vec::new(),
    };
    let outer = || here.facts.definitions.iter().enumerate().filter(|(_, d)| d.container.is_none());
    if rule.by_default {
        // Of several functions the one that is called like the thing; the file itself is always right.
        let handler = outer().find(|(_, d)| d.kind.is_callable() && matches!(here.facts.name(d.name), "handler" | "default"));
        let (symbol, at) = handler.map_or((SymbolId::module(here.id), Span::default()), |(i, d)| (here.symbol(DefId(i as u32)), d.name_span));
        out.push(route(None, symbol, at));
        return;
    }
    for (i, d) in outer() {
        if let Some(method) = METHODS.iter().find(|m| **m == here.facts.name(d.name)) {
            out.push(route(Some((*method).to_owned()), here.symbol(DefId(i as u32)), d.name_span));
        }
    }
}

/// The path that a file answers, if the rule is for it.
fn path_of(path: &str, rule: &FileRoutes) -> Option<String> {
    let below = path.strip_prefix(rule.folder.as_str()).or_else(|| path.split_once(&format!("/{}", rule.folder)).map(|p| p.1))?.strip_prefix('/')?;
    let (folders, name) = below.rsplit_once('/').map_or(("", below), |(f, n)| (f, n));
    let stem = name.rsplit_once('.').map_or(name, |n| n.0);
    if !rule.file.is_empty() && stem != rule.file || name.contains(".test.") || name.contains(".d.") || stem.starts_with('_') {
        return None;
    }
    let mut parts: Vec<String> = folders.split('/').filter(|p| !p.is_empty()).filter_map(part).collect();
    if rule.file.is_empty() && stem != "index" {
        parts.extend(part(stem));
    }
    Some(format!("{}/{}", rule.prefix, parts.join("/")).trim_end_matches('/').to_owned()).map(|p| if p.is_empty() { "/".to_owned() } else { p })
}

/// A folder or name as a segment; groups of files are none.
fn part(name: &str) -> Option<String> {
    if name.starts_with('(') || name.starts_with('@') {
        return None;
    }
    let inner = name.strip_prefix('[').and_then(|n| n.strip_suffix(']'));
    Some(match inner {
        Some(inner) => match inner.trim_matches(['[', ']']).strip_prefix("...") {
            Some(rest) => format!("{{{rest}...}}"),
            None => format!("{{{}}}", inner.trim_matches(['[', ']'])),
        },
        None => name.to_owned(),
    })
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn rule(folder: &str, prefix: &str, file: &str) -> FileRoutes {
        FileRoutes { folder: folder.to_owned(), prefix: prefix.to_owned(), file: file.to_owned(), by_default: file.is_empty() }
    }

    #[rstest]
    #[case::file("pages/api/racks.ts", "pages/api", "/api", "", Some("/api/racks"))]
    #[case::value("web/pages/api/racks/[id].ts", "pages/api", "/api", "", Some("/api/racks/{id}"))]
    #[case::index("pages/api/racks/index.ts", "pages/api", "/api", "", Some("/api/racks"))]
    #[case::rest("pages/api/[...all].js", "pages/api", "/api", "", Some("/api/{all...}"))]
    #[case::group("src/app/(larder)/racks/route.ts", "app", "", "route", Some("/racks"))]
    #[case::root("app/route.ts", "app", "", "route", Some("/"))]
    #[case::page("app/racks/page.tsx", "app", "", "route", None)]
    #[case::elsewhere("lib/racks.ts", "pages/api", "/api", "", None)]
    fn paths_of_files(#[case] path: &str, #[case] folder: &str, #[case] prefix: &str, #[case] file: &str, #[case] wanted: Option<&str>) {
        assert_eq!(path_of(path, &rule(folder, prefix, file)).as_deref(), wanted);
    }
}
