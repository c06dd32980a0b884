//! `package-cache`.

use super::Failure;
use super::args::PackageCacheArgs;
use super::index::print;
use crate::shown;
use compass_index::store::{CachedPackage, PackageCache};
use compass_session::failure_chain;
use compass_session::places;
use std::process::ExitCode;
use std::time::{SystemTime, UNIX_EPOCH};

const DAY: i64 = 24 * 60 * 60;

/// Runs the command.
pub fn run(args: &PackageCacheArgs) -> Result<ExitCode, Failure> {
    let folder = args.package_cache.clone().unwrap_or_else(places::package_cache_folder);
    let failed = |e: compass_index::store::StoreError| Failure::index(failure_chain(&e));
    let mut package_cache = PackageCache::open(&folder).map_err(failed)?;
    let now = SystemTime::now().duration_since(UNIX_EPOCH).map_or(0, |d| d.as_secs() as i64);
    let pruned = args.prune.map(|days| package_cache.prune(now - i64::from(days) * DAY)).transpose().map_err(failed)?;
    let packages = package_cache.packages().map_err(failed)?;
    let on_disk = std::fs::metadata(PackageCache::file(&folder)).map_or(0, |m| m.len());
    print(&if args.json { json(&packages, pruned, on_disk) } else { human(&packages, pruned, on_disk, now) });
    Ok(if packages.is_empty() && pruned.is_none() { ExitCode::from(1) } else { ExitCode::SUCCESS })
}

fn json(packages: &[CachedPackage], pruned: Option<u64>, on_disk: u64) -> String {
    let row = |p: &CachedPackage| serde_json::json!({"ecosystem": p.ecosystem, "name": p.name, "version": p.version, "files": p.files, "bytes": p.bytes, "used": p.used});
    let rows: Vec<_> = packages.iter().map(row).collect();
    format!("{}\n", serde_json::json!({"packages": rows, "pruned": pruned, "depot_bytes": on_disk}))
}

fn human(packages: &[CachedPackage], pruned: Option<u64>, on_disk: u64, now: i64) -> String {
    let mut out = String::new();
    for p in packages {
        let days = (now - p.used).max(0) / DAY;
        let when = if days == 0 { "today".to_owned() } else { format!("{days} days ago") };
        let name = format!("{} {}", shown::harmless(&p.name), shown::harmless(&p.version));
        out += &format!("{:8} {:40} {:6} files {:8.1} kB, used {when}\n", p.ecosystem, name.trim_end(), p.files, p.bytes as f64 / 1e3);
    }
    if let Some(pruned) = pruned {
        out += &format!("{pruned} packages removed\n");
    }
    out + &format!("{} packages, {:.1} MB\n", packages.len(), on_disk as f64 / 1e6)
}
