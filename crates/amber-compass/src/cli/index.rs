//! `index`.

use super::Failure;
use super::args::IndexArgs;
use super::progress::Line;
use crate::shown;
use compass_facts::Cancel;
use compass_index::plan::{Options, Plan, find_root};
use compass_index::refresh::{self, Request};
use compass_index::{Disk, Index, Summary};
use compass_session::{failure_chain, places};
use std::io::{BufRead, Write};
use std::path::{Path, PathBuf};
use std::process::ExitCode;

/// Runs the command.
pub fn run(args: &IndexArgs) -> Result<ExitCode, Failure> {
    let roots = roots(&args.paths)?;
    let files = args.files_from.as_deref().map(listed).transpose()?;
    let index = args.index.clone().unwrap_or_else(|| places::index_file(&roots[0]));
    let deps = args.deps.map_or_else(|| Index::open(&index).map(|i| i.deps()).unwrap_or_default(), super::args::DepsArg::deps);
    let options = Options { roots, files, deps, machine: compass_session::machine::machine() };
    if args.plan {
        return plan(&options, args.json);
    }
    let request = Request { threads: args.threads, verify: args.verify, ..compass_session::request(options, index, args.package_cache.clone()) };
    let line = Line::new();
    let outcome = refresh::run(&request, &Disk, &Cancel::new(), &line);
    line.clear();
    let mut outcome = outcome?;
    if let Some(why) = &outcome.rebuilt {
        eprintln!("amber-compass: {}; it was built anew", shown::harmless(&failure_chain(why)));
    }
    for warning in &outcome.warnings {
        eprintln!("amber-compass: {}", shown::harmless(warning));
    }
    outcome.summary.peak_rss_bytes = peak_rss();
    outcome.summary.index_bytes = std::fs::metadata(&request.index).map_or(0, |m| m.len());
    let out = if args.json { json(&outcome.summary)? } else { human(&outcome.summary) };
    print(&out);
    Ok(ExitCode::SUCCESS)
}

/// The roots named; one of them, or the one around the current folder, with those that are kept for it.
fn roots(paths: &[PathBuf]) -> Result<Vec<PathBuf>, Failure> {
    let root_of = |p: &PathBuf| if p.is_file() { find_root(p) } else { p.clone() };
    match paths {
        [] => {
            let here = std::env::current_dir().map_err(|e| Failure::user(format!("the current folder cannot be opened: {e}")))?;
            Ok(compass_session::roots::all(&find_root(&here)))
        }
        [one] => Ok(compass_session::roots::all(&root_of(one))),
        several => Ok(several.iter().map(root_of).collect()),
    }
}

/// Paths, one a line, from a file or standard input.
fn listed(from: &Path) -> Result<Vec<PathBuf>, Failure> {
    let read = |r: &mut dyn BufRead| -> std::io::Result<Vec<PathBuf>> {
        r.lines().map(|l| l.map(|l| PathBuf::from(l.trim_end()))).filter(|l| !matches!(l, Ok(p) if p.as_os_str().is_empty())).collect()
    };
    let paths =
        if from == Path::new("-") { read(&mut std::io::stdin().lock()) } else { std::fs::File::open(from).and_then(|f| read(&mut std::io::BufReader::new(f))) };
    paths.map_err(|e| Failure::user(format!("{}: {e}", from.display())))
}

/// Shows what would be indexed.
fn plan(options: &Options, as_json: bool) -> Result<ExitCode, Failure> {
    let plan = Plan::make(options, &compass_index::Disk, &Cancel::new(), &|_| {}).map_err(refresh::RefreshError::from)?;
    let mut languages = std::collections::BTreeMap::<&str, (u64, u64)>::new();
    // What this program declares of a library is none of the user's files.
    for file in plan.files.iter().filter(|f| !plan.units[f.unit].is_declared()) {
        let entry = languages.entry(file.language.word()).or_default();
        entry.0 += 1;
        entry.1 += file.bytes;
    }
    for warning in &plan.warnings {
        eprintln!("amber-compass: {}", shown::harmless(warning));
    }
    if as_json {
        let skipped: Vec<_> = plan.skipped.iter().map(|(w, n, e)| serde_json::json!({"why": w.word(), "count": n, "example": e})).collect();
        let units: Vec<_> = plan
            .units
            .iter()
            .map(|u| serde_json::json!({"name": u.name, "version": u.version, "ecosystem": u.ecosystem.word(), "dir": u.dir, "own": u.own}))
            .collect();
        let languages: serde_json::Map<String, serde_json::Value> =
            languages.iter().map(|(l, (n, b))| ((*l).to_owned(), serde_json::json!({"files": n, "bytes": b}))).collect();
        let value = serde_json::json!({"roots": plan.roots, "units": units, "files": plan.files.len(), "bytes": plan.bytes(), "languages": languages, "skipped": skipped});
        print(&format!("{value}\n"));
        return Ok(ExitCode::SUCCESS);
    }
    let mut out = String::new();
    for root in &plan.roots {
        out += &format!("root      {}\n", shown::harmless(&root.display().to_string()));
    }
    let mut files_of = vec![0u64; plan.units.len()];
    plan.files.iter().for_each(|f| files_of[f.unit] += 1);
    for (unit, files) in plan.units.iter().zip(&files_of).filter(|(u, n)| u.own || **n > 0) {
        let place = if unit.dir.is_empty() { "." } else { &unit.dir };
        out += &format!(
            "unit      {} {} ({}, {files} files in {}{})\n",
            shown::harmless(&unit.name),
            shown::harmless(&unit.version),
            unit.ecosystem.word(),
            shown::harmless(place),
            if unit.own { "" } else { ", dependency" }
        );
    }
    for (language, (files, bytes)) in &languages {
        out += &format!("language  {language}: {files} files, {:.1} MB\n", *bytes as f64 / 1e6);
    }
    for (why, count, example) in &plan.skipped {
        out += &format!("skipped   {count} × {}, e.g. {}\n", why.word(), shown::harmless(example));
    }
    print(&out);
    Ok(if plan.files.is_empty() { ExitCode::from(1) } else { ExitCode::SUCCESS })
}

fn json(summary: &Summary) -> Result<String, Failure> {
    let text = serde_json::to_string(summary).map_err(Failure::index)?;
    Ok(text + "\n")
}

/// The summary for people.
pub fn human(s: &Summary) -> String {
    let links = s.linked.proven + s.linked.inferred + s.linked.guessed;
    let resolved = links + s.local;
    let share = |n: u64| if s.uses == 0 { 0.0 } else { 100.0 * n as f64 / s.uses as f64 };
    let mut out = format!(
        "{} files, {} lines, {:.1} MB in {} units ({} own)\n{} symbols, {} uses: {:.1} % linked ({:.1} % proven, {:.1} % inferred, {:.1} % guessed, {:.1} % local)\n",
        s.files,
        s.lines,
        s.bytes as f64 / 1e6,
        s.units.own + s.units.dependencies,
        s.units.own,
        s.symbols,
        s.uses,
        share(resolved),
        share(s.linked.proven),
        share(s.linked.inferred),
        share(s.linked.guessed),
        share(s.local)
    );
    if s.units.dependencies > 0 && s.own.uses > 0 {
        let linked = s.own.linked.proven + s.own.linked.inferred + s.own.linked.guessed + s.own.local;
        let absent = s.own.unlinked.get("unit_absent").copied().unwrap_or(0);
        let of = |n: u64| 100.0 * n as f64 / s.own.uses as f64;
        out += &format!("own code: {} uses, {:.1} % linked, {:.1} % lead into units that are not indexed\n", s.own.uses, of(linked), of(absent));
    }
    if !s.made.is_empty() {
        let made: Vec<String> = s.made.iter().map(|(word, n)| format!("{n} {word}")).collect();
        out += &format!("not written by hand: {}\n", made.join(", "));
    }
    if s.made_by_macros > 0 {
        out += &format!("made by macros where they are called: {} definitions\n", s.made_by_macros);
    }
    let mut causes: Vec<_> = s.unlinked.iter().collect();
    causes.sort_by_key(|c| std::cmp::Reverse(c.1));
    let causes: Vec<String> = causes.iter().map(|(c, n)| format!("{c} {n}")).collect();
    out += &format!("without a target: {}\n", if causes.is_empty() { "none".to_owned() } else { causes.join(", ") });
    if s.imports > 0 {
        let absent: u64 = s.imports_absent.values().sum();
        let causes: Vec<String> = s.imports_absent.iter().map(|(c, n)| format!("{c} {n}")).collect();
        let found = 100.0 * s.imports.saturating_sub(absent) as f64 / s.imports as f64;
        out +=
            &format!("{} import statements, {found:.1} % found{}\n", s.imports, if absent > 0 { format!(" ({})", causes.join(", ")) } else { String::new() });
    }
    let gaps: Vec<String> = s.gaps_by_cause.iter().map(|(c, n)| format!("{c} {n}")).collect();
    out += &format!("gaps: {}\n", if gaps.is_empty() { "none".to_owned() } else { gaps.join(", ") });
    out += &format!(
        "{} files read{}, {} linked{} in {:.2} s (walk {:.2}, read {:.2}, link {:.2}, write {:.2}); index {:.1} MB, peak memory {:.0} MB\n",
        s.refreshed_files,
        if s.cached_files > 0 { format!(" ({} of them taken from the shared package cache)", s.cached_files) } else { String::new() },
        s.relinked_files,
        if s.cached_links > 0 { format!(" ({} of them as the shared package cache has it)", s.cached_links) } else { String::new() },
        s.seconds.total,
        s.seconds.walk,
        s.seconds.read,
        s.seconds.link,
        s.seconds.write,
        s.index_bytes as f64 / 1e6,
        s.peak_rss_bytes as f64 / 1e6
    );
    out
}

/// Writes data; a closed pipe is nobody's fault.
pub fn print(text: &str) {
    let _ = std::io::stdout().write_all(text.as_bytes());
}

/// Most memory held so far, where the system tells.
fn peak_rss() -> u64 {
    let status = std::fs::read_to_string("/proc/self/status").unwrap_or_default();
    let line = status.lines().find(|l| l.starts_with("VmHWM:")).unwrap_or("");
    line.split_whitespace().nth(1).and_then(|n| n.parse::<u64>().ok()).map_or(0, |kib| kib * 1024)
}
