//! The shared package cache: facts and links of packages, made once for all workspaces of a machine.
//!
//! # How it works
//! One SQLite file with two layers. Facts depend on nothing but the language and the bytes, so they are kept by both; beside them stands
//! which package they were read for, so that packages can be counted and taken out. Whoever indexes a package hashes its files and takes
//! the facts of those bytes from here; what is not there is read, and put here. Links depend on the package's closure as well (itself
//! and, by exact version, all it reaches): they are kept by that and the place of the file in its package.
//!
//! # Guarantees
//! Every blob carries a checksum; a damaged or older package cache is emptied, never trusted: it holds nothing that cannot be read again. Several
//! programs may read and write at once.

use super::{OpenError, PackedFacts, StoreError, StoredFacts, blocks, schema};
use crate::link::PortableLinks;
use compass_facts::Language;
use rusqlite::{Connection, OptionalExtension, params};
use std::path::{Path, PathBuf};

const TABLES: &str = "
CREATE TABLE IF NOT EXISTS packages (
    package INTEGER PRIMARY KEY, ecosystem TEXT NOT NULL, name TEXT NOT NULL, version TEXT NOT NULL, used INTEGER NOT NULL,
    UNIQUE (ecosystem, name, version));
CREATE TABLE IF NOT EXISTS facts (
    hash INTEGER NOT NULL, language TEXT NOT NULL, package INTEGER NOT NULL, sum INTEGER NOT NULL, blob BLOB NOT NULL,
    PRIMARY KEY (hash, language)) WITHOUT ROWID;
CREATE INDEX IF NOT EXISTS facts_by_package ON facts (package);
CREATE TABLE IF NOT EXISTS closures (
    closure INTEGER PRIMARY KEY, key BLOB NOT NULL UNIQUE, package INTEGER NOT NULL, used INTEGER NOT NULL);
CREATE TABLE IF NOT EXISTS links (
    closure INTEGER NOT NULL, file INTEGER NOT NULL, sum INTEGER NOT NULL, blob BLOB NOT NULL,
    PRIMARY KEY (closure, file)) WITHOUT ROWID;
";

/// Name of the file in its folder.
const FILE_NAME: &str = "depot.sqlite";

/// A package that facts were read for.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct CachedPackage {
    /// The ecosystem's word.
    pub ecosystem: String,
    /// The package's name.
    pub name: String,
    /// Its version.
    pub version: String,
    /// When it was last used, in seconds since 1970.
    pub used: i64,
    /// Files whose facts are kept for it.
    pub files: u64,
    /// Bytes of these facts, and of links.
    pub bytes: u64,
}

/// Links of a file as they are kept, with their checksum.
pub(crate) type PackedPortableLinks = (Vec<u8>, i64);

/// Packs links of a file.
pub(crate) fn pack_portable(carried: &PortableLinks) -> Result<PackedPortableLinks, StoreError> {
    blocks::pack(carried)
}

/// What facts are kept under: the bytes they were read from, and the version of what read them. A reader that changed finds none of its
/// earlier facts; those of other languages stay.
fn keyed(hash: u64, language: Language) -> i64 {
    (hash ^ language.reader_version()) as i64
}

/// One connection to the shared package cache.
pub struct PackageCache {
    connection: Connection,
}

impl PackageCache {
    /// Opens the shared package cache of a folder, making it if needed; one that cannot be used is made anew.
    ///
    /// # Errors
    /// [`StoreError`] if the folder or file cannot be made.
    pub fn open(folder: &Path) -> Result<PackageCache, StoreError> {
        std::fs::create_dir_all(folder).map_err(StoreError::Folder)?;
        let path = folder.join(FILE_NAME);
        match Self::try_open(&path) {
            Ok(package_cache) => Ok(package_cache),
            Err(OpenError::Damaged(why)) if !super::sqlite::is_no_store(why.as_ref()) => Err(StoreError::Open(why)),
            Err(_) => {
                super::writer::remove(&path).map_err(StoreError::Folder)?;
                Self::try_open(&path).map_err(|_| StoreError::Damaged { what: "package cache" })
            }
        }
    }

    fn try_open(path: &Path) -> Result<PackageCache, OpenError> {
        let damaged = |e: rusqlite::Error| OpenError::Damaged(Box::new(e));
        let connection = Connection::open(path).map_err(damaged)?;
        schema::configure(&connection).map_err(damaged)?;
        match schema::version(&connection).map_err(damaged)? {
            schema::PACKAGE_CACHE_VERSION => {}
            0 => {
                connection.execute_batch(TABLES).map_err(damaged)?;
                connection.pragma_update(None, "user_version", schema::PACKAGE_CACHE_VERSION).map_err(damaged)?;
            }
            found => return Err(OpenError::Version { found, wanted: schema::PACKAGE_CACHE_VERSION }),
        }
        Ok(PackageCache { connection })
    }

    /// The facts of bytes with that hash in that language, still packed.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn facts(&self, hash: u64, language: Language) -> Result<Option<StoredFacts>, StoreError> {
        let mut select = self.connection.prepare_cached("SELECT sum, blob FROM facts WHERE hash = ? AND language = ?")?;
        let found = select.query_row(params![keyed(hash, language), language.stored_word()], |r| Ok(StoredFacts::new(r.get(0)?, r.get(1)?)));
        Ok(found.optional()?)
    }

    /// The numbers of packages (ecosystem, name, version), which are used now.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn packages_used(&mut self, packages: &[(&str, &str, &str)], now: i64) -> Result<Vec<i64>, StoreError> {
        let transaction = self.connection.transaction()?;
        let mut out = Vec::with_capacity(packages.len());
        {
            let insert = "INSERT INTO packages (ecosystem, name, version, used) VALUES (?, ?, ?, ?)
                ON CONFLICT (ecosystem, name, version) DO UPDATE SET used = max(used, excluded.used) RETURNING package";
            let mut insert = transaction.prepare_cached(insert)?;
            for (ecosystem, name, version) in packages {
                out.push(insert.query_row(params![ecosystem, name, version, now], |r| r.get(0))?);
            }
        }
        transaction.commit()?;
        Ok(out)
    }

    /// Puts facts of a package, in one transaction: hash, language, package, facts.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn put(&mut self, batch: &[(u64, Language, i64, PackedFacts)]) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        {
            let mut insert = transaction.prepare_cached("INSERT OR REPLACE INTO facts (hash, language, package, sum, blob) VALUES (?, ?, ?, ?, ?)")?;
            for (hash, language, package, packed) in batch {
                insert.execute(params![keyed(*hash, *language), language.stored_word(), package, packed.sum(), packed.blob()])?;
            }
        }
        Ok(transaction.commit()?)
    }

    /// The numbers of closures, told by the package they are of and their keys, which are used now.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn closures_used(&mut self, closures: &[(i64, [u8; 16])], now: i64) -> Result<Vec<i64>, StoreError> {
        let transaction = self.connection.transaction()?;
        let mut out = Vec::with_capacity(closures.len());
        {
            let insert = "INSERT INTO closures (key, package, used) VALUES (?, ?, ?)
                ON CONFLICT (key) DO UPDATE SET used = max(used, excluded.used) RETURNING closure";
            let mut insert = transaction.prepare_cached(insert)?;
            for (package, key) in closures {
                out.push(insert.query_row(params![key, package, now], |r| r.get(0))?);
            }
        }
        transaction.commit()?;
        Ok(out)
    }

    /// The links of a file of a closure, by its place there.
    ///
    /// # Errors
    /// [`StoreError`]; a row that is damaged is not there.
    pub(crate) fn links(&self, closure: i64, file: u32) -> Result<Option<PortableLinks>, StoreError> {
        let mut select = self.connection.prepare_cached("SELECT sum, blob FROM links WHERE closure = ? AND file = ?")?;
        let found = select.query_row(params![closure, file], |r| Ok((r.get(0)?, r.get::<_, Vec<u8>>(1)?))).optional()?;
        Ok(found.and_then(|(sum, blob)| blocks::unpack(&blob, sum, "links").ok()))
    }

    /// Puts links of files of closures, in one transaction.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub(crate) fn put_links(&mut self, batch: &[(i64, u32, PackedPortableLinks)]) -> Result<(), StoreError> {
        let transaction = self.connection.transaction()?;
        {
            let mut insert = transaction.prepare_cached("INSERT OR REPLACE INTO links (closure, file, sum, blob) VALUES (?, ?, ?, ?)")?;
            for (closure, file, (blob, sum)) in batch {
                insert.execute(params![closure, file, sum, blob])?;
            }
        }
        Ok(transaction.commit()?)
    }

    /// All packages, by ecosystem, name and version.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn packages(&self) -> Result<Vec<CachedPackage>, StoreError> {
        let select = "SELECT ecosystem, name, version, used, count(hash), coalesce(sum(length(blob)), 0)
                + (SELECT coalesce(sum(length(links.blob)), 0) FROM closures JOIN links USING (closure) WHERE closures.package = packages.package)
            FROM packages LEFT JOIN facts USING (package) WHERE ecosystem <> ? GROUP BY package ORDER BY ecosystem, name, version";
        let mut select = self.connection.prepare(select)?;
        let row = |r: &rusqlite::Row| {
            Ok(CachedPackage {
                ecosystem: r.get(0)?,
                name: r.get(1)?,
                version: r.get(2)?,
                used: r.get(3)?,
                files: r.get::<_, i64>(4)? as u64,
                bytes: r.get::<_, i64>(5)? as u64,
            })
        };
        let rows = select.query_map([crate::plan::declared::WORD], row)?;
        Ok(rows.collect::<Result<_, _>>()?)
    }

    /// Takes out packages that were not used since, and gives the space back; how many.
    ///
    /// # Errors
    /// [`StoreError::Backend`].
    pub fn prune(&mut self, unused_since: i64) -> Result<u64, StoreError> {
        let transaction = self.connection.transaction()?;
        transaction.execute("DELETE FROM links WHERE closure IN (SELECT closure FROM closures WHERE used < ?)", params![unused_since])?;
        transaction.execute("DELETE FROM closures WHERE used < ?", params![unused_since])?;
        transaction.execute("DELETE FROM facts WHERE package IN (SELECT package FROM packages WHERE used < ?)", params![unused_since])?;
        let gone = transaction.execute("DELETE FROM packages WHERE used < ?", params![unused_since])?;
        transaction.commit()?;
        self.connection.execute_batch("VACUUM; PRAGMA wal_checkpoint(TRUNCATE);")?;
        Ok(gone as u64)
    }

    /// Where the shared package cache of a folder is.
    pub fn file(folder: &Path) -> PathBuf {
        folder.join(FILE_NAME)
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::identity::Numbers;
    use crate::store::pack_facts;
    use compass_facts::Facts;

    fn packed(lines: u32) -> PackedFacts {
        let facts = Facts { lines, ..Facts::default() };
        pack_facts(&facts, &Numbers::fresh(&facts)).expect("packed")
    }

    fn lines(package_cache: &PackageCache, hash: u64, language: Language) -> Option<u32> {
        package_cache.facts(hash, language).expect("asked").map(|s| s.unpack().expect("unpacked").0.lines)
    }

    #[test]
    fn facts_are_kept_by_content_and_language() {
        let folder = tempfile::tempdir().expect("a folder");
        let mut package_cache = PackageCache::open(folder.path()).expect("a package cache");
        let rack = package_cache.packages_used(&[("cargo", "rack", "1.0.0")], 10).expect("a package")[0];
        assert_eq!(package_cache.packages_used(&[("cargo", "rack", "1.0.0")], 20).expect("a package"), [rack], "known by name and version");
        package_cache.put(&[(u64::MAX, languages::RUST, rack, packed(3)), (u64::MAX, Language::TEXT, rack, packed(4))]).expect("put");
        let other = PackageCache::open(folder.path()).expect("a package cache");
        assert_eq!(
            (lines(&other, u64::MAX, languages::RUST), lines(&other, u64::MAX, Language::TEXT), lines(&other, 1, languages::RUST)),
            (Some(3), Some(4), None)
        );
        let all = other.packages().expect("packages");
        assert_eq!((all.len(), all[0].files, all[0].used), (1, 2, 20));
    }

    #[test]
    fn links_are_kept_by_closure_and_place() {
        let folder = tempfile::tempdir().expect("a folder");
        let mut package_cache = PackageCache::open(folder.path()).expect("a package cache");
        let rack = package_cache.packages_used(&[("cargo", "rack", "1.0.0")], 10).expect("a package")[0];
        let [old, new] = package_cache.closures_used(&[(rack, [1; 16]), (rack, [2; 16])], 10).expect("closures")[..] else { panic!("two") };
        let carried = PortableLinks { dependencies: vec![7, 9], ..PortableLinks::default() };
        package_cache.put_links(&[(old, 3, pack_portable(&carried).expect("packed"))]).expect("put");
        assert_eq!(package_cache.links(old, 3).expect("asked"), Some(carried));
        assert_eq!((package_cache.links(old, 4).expect("asked"), package_cache.links(new, 3).expect("asked")), (None, None));
        assert!(package_cache.packages().expect("packages")[0].bytes > 0, "they take space");
        package_cache.packages_used(&[("cargo", "rack", "1.0.0")], 20).expect("used");
        assert_eq!(package_cache.closures_used(&[(rack, [2; 16])], 20).expect("used"), [new]);
        package_cache.prune(15).expect("pruned");
        assert_eq!((package_cache.links(old, 3).expect("asked"), package_cache.packages().expect("packages").len()), (None, 1));
        package_cache.connection.execute("UPDATE links SET sum = sum + 1", []).expect("damaged");
        assert_eq!(package_cache.links(old, 3).expect("asked"), None);
    }

    #[test]
    fn pruning_takes_out_what_nobody_used() {
        let folder = tempfile::tempdir().expect("a folder");
        let mut package_cache = PackageCache::open(folder.path()).expect("a package cache");
        let old = package_cache.packages_used(&[("go", "rack", "1")], 10).expect("a package")[0];
        let new = package_cache.packages_used(&[("go", "wash", "1")], 30).expect("a package")[0];
        package_cache.put(&[(1, languages::GO, old, packed(1)), (2, languages::GO, new, packed(2))]).expect("put");
        assert_eq!(package_cache.prune(20).expect("pruned"), 1);
        assert_eq!((lines(&package_cache, 1, languages::GO), lines(&package_cache, 2, languages::GO)), (None, Some(2)));
        assert_eq!(package_cache.packages().expect("packages").iter().map(|p| p.name.as_str()).collect::<Vec<_>>(), ["wash"]);
    }

    #[test]
    fn what_is_no_package_cache_is_made_anew() {
        let folder = tempfile::tempdir().expect("a folder");
        std::fs::write(PackageCache::file(folder.path()), "no database at all, but long enough to be looked at by whoever opens it").expect("a file");
        let package_cache = PackageCache::open(folder.path()).expect("a package cache");
        assert_eq!(package_cache.packages().expect("packages"), []);
        package_cache.connection.pragma_update(None, "user_version", 7).expect("set");
        drop(package_cache);
        assert_eq!(PackageCache::open(folder.path()).expect("a package cache").packages().expect("packages"), []);
    }
}
