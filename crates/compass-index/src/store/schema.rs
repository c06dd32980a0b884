//! Tables and pragmas.

use compass_facts::Language;
use rusqlite::Connection;
use rusqlite::config::DbConfig;

/// Raised by hand when tables change.
const FORMAT: i64 = 28;

/// Version of an index: of its tables, and of all that makes what stands in its blobs: the model, readers, rules, passes. An index of
/// another one is rebuilt, so that nothing is served that this program would not say.
pub fn schema_version() -> i64 {
    let rooms = Language::all().iter().fold(0u64, |sum, l| sum.rotate_left(7) ^ l.makers_version());
    FORMAT << 24 | folded(SHAPE ^ parse(env!("COMPASS_MAKERS")) ^ rooms)
}

/// Version of the shared package cache's tables and blobs. Which reader and which rules made a blob is part of what it is kept under there.
pub(super) const PACKAGE_CACHE_VERSION: i64 = FORMAT << 24 | folded(SHAPE);

const SHAPE: u64 = compass_facts::SHAPE as u64;

/// 24 bits of 64, as many as fit beside the format into the number SQLite keeps.
const fn folded(hash: u64) -> i64 {
    ((hash ^ hash >> 24 ^ hash >> 48) & 0x00FF_FFFF) as i64
}

const fn parse(digits: &str) -> u64 {
    match u64::from_str_radix(digits, 10) {
        Ok(number) => number,
        Err(_) => panic!("the build script gives a number"),
    }
}

const TABLES: &str = "
CREATE TABLE IF NOT EXISTS meta (key TEXT PRIMARY KEY, value TEXT NOT NULL) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS generations (generation INTEGER PRIMARY KEY, sum INTEGER NOT NULL, overview BLOB NOT NULL);
CREATE TABLE IF NOT EXISTS files (part INTEGER NOT NULL, generation INTEGER NOT NULL, blob BLOB NOT NULL, PRIMARY KEY (part, generation)) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS facts (
    unit INTEGER NOT NULL, file INTEGER NOT NULL, hash INTEGER NOT NULL, sum INTEGER NOT NULL, blob BLOB NOT NULL,
    PRIMARY KEY (unit, file, hash)) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS links (
    generation INTEGER NOT NULL, unit INTEGER NOT NULL, file INTEGER NOT NULL, sum INTEGER NOT NULL, blob BLOB NOT NULL,
    PRIMARY KEY (unit, file, generation)) WITHOUT ROWID;
CREATE TABLE IF NOT EXISTS postings (
    generation INTEGER NOT NULL, family INTEGER NOT NULL, first BLOB NOT NULL, block INTEGER NOT NULL, sum INTEGER NOT NULL, blob BLOB NOT NULL,
    PRIMARY KEY (generation, family, first, block)) WITHOUT ROWID;
";

/// Settings of every connection: readers go on while one writes, and a lost power supply costs the last batch at most.
pub(super) fn configure(connection: &Connection) -> rusqlite::Result<()> {
    connection.busy_timeout(std::time::Duration::from_secs(10))?;
    // Plans depend on statements alone, not on what they are asked for: else each question has them made anew, which takes longer than the
    // answer.
    connection.set_db_config(DbConfig::SQLITE_DBCONFIG_ENABLE_QPSG, true)?;
    // Blobs of a few KiB end in the middle of a page: small pages waste least. Only a new file takes this.
    connection.pragma_update(None, "page_size", 1024)?;
    connection.pragma_update(None, "journal_mode", "wal")?;
    connection.pragma_update(None, "wal_autocheckpoint", 8000)?;
    connection.pragma_update(None, "synchronous", "normal")?;
    // The most SQLite maps; as a 64-bit number: one bit more would be a negative 32-bit one, and map nothing.
    connection.pragma_update(None, "mmap_size", 2047_i64 << 20)?;
    connection.pragma_update(None, "cache_size", -32 * 1024)
}

/// Makes the tables of a new file.
pub(super) fn create(connection: &Connection) -> rusqlite::Result<()> {
    connection.execute_batch(TABLES)?;
    // Numbers of generations begin anew in a store that is built anew: this tells it from the one before.
    let now = std::time::SystemTime::now().duration_since(std::time::UNIX_EPOCH).map_or(0, |d| d.as_nanos());
    connection.execute("INSERT OR IGNORE INTO meta (key, value) VALUES ('made', ?)", [format!("{now}-{}", std::process::id())])?;
    connection.pragma_update(None, "user_version", schema_version())
}

/// The version in the file; 0 for a new one.
pub(super) fn version(connection: &Connection) -> rusqlite::Result<i64> {
    connection.pragma_query_value(None, "user_version", |row| row.get(0))
}
