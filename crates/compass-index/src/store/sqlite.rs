//! Blocks in SQLite: few and large rows. With the package cache the only place with SQL.

use super::backend::{Backend, Batch, Block, Blocks, Key, Unwanted, Visit, VisitAll, VisitEach};
use super::{OpenError, StoreError, remove, schema};
use crate::{FileId, FileNo, UnitId};
use rusqlite::{Connection, OpenFlags, OptionalExtension, Row, params};
use std::path::Path;

/// Opens an existing store for reading.
pub(super) fn open(path: &Path) -> Result<Connection, OpenError> {
    if !path.is_file() {
        return Err(OpenError::Missing(path.to_owned()));
    }
    // The file is opened by SQLite alone: closing any other handle on it would give up the locks that all connections of this
    // process have, and another program could then take the log away under them.
    let connection = Connection::open_with_flags(path, OpenFlags::SQLITE_OPEN_READ_WRITE | OpenFlags::SQLITE_OPEN_NO_MUTEX).map_err(closed)?;
    let found = schema::version(&connection).map_err(closed)?;
    if found != schema::schema_version() {
        return Err(OpenError::Version { found, wanted: schema::schema_version() });
    }
    schema::configure(&connection).map_err(closed)?;
    Ok(connection)
}

/// Opens a store for writing and makes it if needed. One of another version, or that is no store, is replaced; then the second value
/// says why.
pub(super) fn open_or_make(path: &Path) -> Result<(Connection, Option<OpenError>), StoreError> {
    if let Some(folder) = path.parent() {
        std::fs::create_dir_all(folder).map_err(StoreError::Folder)?;
    }
    match try_open(path) {
        Ok(connection) => Ok((connection, None)),
        // A full disk or a lack of rights says nothing about what is there: only what is no store is replaced.
        Err(OpenError::Damaged(why)) if !is_no_store(why.as_ref()) => Err(StoreError::Open(why)),
        Err(why) => {
            remove(path).map_err(StoreError::Folder)?;
            let connection = Connection::open(path)?;
            schema::configure(&connection)?;
            schema::create(&connection)?;
            Ok((connection, Some(why)))
        }
    }
}

fn try_open(path: &Path) -> Result<Connection, OpenError> {
    let damaged = |e: rusqlite::Error| OpenError::Damaged(Box::new(e));
    let connection = Connection::open(path).map_err(damaged)?;
    let found = schema::version(&connection).map_err(damaged)?;
    let is_new = found == 0 && connection.query_row("SELECT count(*) FROM sqlite_master", [], |r| r.get::<_, i64>(0)).map_err(damaged)? == 0;
    if !is_new && found != schema::schema_version() {
        return Err(OpenError::Version { found, wanted: schema::schema_version() });
    }
    schema::configure(&connection).map_err(damaged)?;
    if is_new {
        schema::create(&connection).map_err(damaged)?;
    }
    Ok(connection)
}

/// What cannot be opened may be well all the same.
fn closed(error: rusqlite::Error) -> OpenError {
    use rusqlite::ErrorCode::{CannotOpen, DatabaseBusy, DatabaseLocked, PermissionDenied};
    match error.sqlite_error_code() {
        Some(CannotOpen | PermissionDenied) => OpenError::Io(std::io::Error::new(std::io::ErrorKind::PermissionDenied, error)),
        // Once it is made a writer never keeps readers out: this is the moment of its making.
        Some(DatabaseBusy | DatabaseLocked) => OpenError::Io(std::io::Error::new(std::io::ErrorKind::WouldBlock, "another program is just making it")),
        _ => OpenError::Damaged(Box::new(error)),
    }
}

/// Does the error say that the file is no store, or no longer one?
pub(super) fn is_no_store(error: &(dyn std::error::Error + 'static)) -> bool {
    use rusqlite::ErrorCode::{DatabaseCorrupt, NotADatabase, SchemaChanged, TypeMismatch, Unknown};
    let code = error.downcast_ref::<rusqlite::Error>().and_then(rusqlite::Error::sqlite_error_code);
    code.is_none_or(|c| matches!(c, DatabaseCorrupt | NotADatabase | SchemaChanged | TypeMismatch | Unknown))
}

impl From<rusqlite::Error> for StoreError {
    fn from(error: rusqlite::Error) -> StoreError {
        use rusqlite::Error::{FromSqlConversionFailure, IntegralValueOutOfRange, InvalidColumnType, SqlInputError};
        use rusqlite::ErrorCode::{DatabaseCorrupt, NotADatabase, TypeMismatch, Unknown};
        let damage = match &error {
            // The statements are always the same: one that is refused finds other tables than were made.
            SqlInputError { .. } | InvalidColumnType(..) | FromSqlConversionFailure(..) | IntegralValueOutOfRange(..) => true,
            e => matches!(e.sqlite_error_code(), Some(DatabaseCorrupt | NotADatabase | TypeMismatch | Unknown)),
        };
        StoreError::Backend { damage, source: Box::new(error) }
    }
}

fn block_of(row: &Row) -> rusqlite::Result<Block> {
    Ok(Block { sum: row.get(0)?, bytes: row.get(1)? })
}

/// The bytes of a column, without copying them.
fn bytes_of<'r>(row: &'r Row, column: usize, what: &'static str) -> Result<&'r [u8], StoreError> {
    row.get_ref(column)?.as_blob().map_err(|_| StoreError::Shape { what })
}

impl Blocks for Connection {
    fn value(&self, name: &str) -> Result<Option<String>, StoreError> {
        Ok(self.prepare_cached("SELECT value FROM meta WHERE key = ?")?.query_row([name], |r| r.get(0)).optional()?)
    }

    fn block(&self, key: Key) -> Result<Option<Block>, StoreError> {
        let found = match key {
            Key::Overview(generation) => {
                self.prepare_cached("SELECT sum, overview FROM generations WHERE generation = ?")?.query_row(params![generation], block_of)
            }
            Key::Part(part, generation) => {
                self.prepare_cached("SELECT 0, blob FROM files WHERE part = ? AND generation = ?")?.query_row(params![part, generation], block_of)
            }
            Key::Facts(file, hash) => self
                .prepare_cached("SELECT sum, blob FROM facts WHERE unit = ? AND file = ? AND hash = ?")?
                .query_row(params![file.unit.0, file.number.0, hash as i64], block_of),
            Key::Links(file, generation) => self
                .prepare_cached("SELECT sum, blob FROM links WHERE unit = ? AND file = ? AND generation = ?")?
                .query_row(params![file.unit.0, file.number.0, generation], block_of),
            Key::Postings(run, family, first, block) => self
                .prepare_cached("SELECT sum, blob FROM postings WHERE generation = ? AND family = ? AND first = ? AND block = ?")?
                .query_row(params![run, family, first, block], block_of),
        };
        Ok(found.optional()?)
    }

    fn newest_links(&self, file: FileId, generation: i64) -> Result<Option<Block>, StoreError> {
        let mut select = self.prepare_cached("SELECT sum, blob FROM links WHERE unit = ? AND file = ? AND generation <= ? ORDER BY generation DESC LIMIT 1")?;
        Ok(select.query_row(params![file.unit.0, file.number.0, generation], block_of).optional()?)
    }

    fn postings_back_from(&self, run: i64, family: i64, key: &[u8], visit: &mut Visit) -> Result<(), StoreError> {
        let mut select =
            self.prepare_cached("SELECT first, sum, blob FROM postings WHERE generation = ? AND family = ? AND first <= ? ORDER BY first DESC, block DESC")?;
        let mut rows = select.query(params![run, family, key])?;
        while let Some(row) = rows.next()? {
            if !visit(bytes_of(row, 0, "postings")?, row.get(1)?, bytes_of(row, 2, "postings")?)? {
                break;
            }
        }
        Ok(())
    }

    fn each_postings(&self, run: i64, family: i64, visit: &mut VisitEach) -> Result<(), StoreError> {
        let mut select = self.prepare_cached("SELECT sum, blob FROM postings WHERE generation = ? AND family = ? ORDER BY first, block")?;
        let mut rows = select.query(params![run, family])?;
        while let Some(row) = rows.next()? {
            visit(row.get(0)?, bytes_of(row, 1, "postings")?)?;
        }
        Ok(())
    }

    fn each_fact_key(&self, visit: &mut dyn FnMut(FileId, u64)) -> Result<(), StoreError> {
        let mut select = self.prepare("SELECT unit, file, hash FROM facts")?;
        let mut rows = select.query([])?;
        while let Some(row) = rows.next()? {
            visit(FileId { unit: UnitId(row.get(0)?), number: FileNo(row.get(1)?) }, row.get::<_, i64>(2)? as u64);
        }
        Ok(())
    }
}

impl Batch for Connection {
    fn set(&self, name: &str, value: &str) -> Result<(), StoreError> {
        self.prepare_cached("INSERT OR REPLACE INTO meta (key, value) VALUES (?, ?)")?.execute(params![name, value])?;
        Ok(())
    }

    fn put(&self, key: Key, sum: i64, bytes: &[u8]) -> Result<(), StoreError> {
        match key {
            Key::Overview(generation) => self
                .prepare_cached("INSERT OR REPLACE INTO generations (generation, sum, overview) VALUES (?, ?, ?)")?
                .execute(params![generation, sum, bytes])?,
            Key::Part(part, generation) => {
                self.prepare_cached("INSERT OR REPLACE INTO files (part, generation, blob) VALUES (?, ?, ?)")?.execute(params![part, generation, bytes])?
            }
            Key::Facts(file, hash) => self
                .prepare_cached("INSERT OR REPLACE INTO facts (unit, file, hash, sum, blob) VALUES (?, ?, ?, ?, ?)")?
                .execute(params![file.unit.0, file.number.0, hash as i64, sum, bytes])?,
            Key::Links(file, generation) => self
                .prepare_cached("INSERT OR REPLACE INTO links (generation, unit, file, sum, blob) VALUES (?, ?, ?, ?, ?)")?
                .execute(params![generation, file.unit.0, file.number.0, sum, bytes])?,
            Key::Postings(run, family, first, block) => self
                .prepare_cached("INSERT INTO postings (generation, family, first, block, sum, blob) VALUES (?, ?, ?, ?, ?, ?)")?
                .execute(params![run, family, first, block, sum, bytes])?,
        };
        Ok(())
    }

    fn remove(&self, unwanted: Unwanted) -> Result<usize, StoreError> {
        Ok(match unwanted {
            Unwanted::OverviewsBefore(generation) => self.execute("DELETE FROM generations WHERE generation < ?", params![generation])?,
            Unwanted::PartsFrom(part) => self.execute("DELETE FROM files WHERE part >= ?", params![part])?,
            Unwanted::OtherParts(part, generation) => {
                self.prepare_cached("DELETE FROM files WHERE part = ? AND generation <> ?")?.execute(params![part, generation])?
            }
            Unwanted::Facts(file, hash) => self
                .prepare_cached("DELETE FROM facts WHERE unit = ? AND file = ? AND hash = ?")?
                .execute(params![file.unit.0, file.number.0, hash as i64])?,
            Unwanted::LinksOutside(first, last) => self.execute("DELETE FROM links WHERE generation > ? OR generation < ?", params![last, first])?,
            Unwanted::LinksBehind(file, generation) => self
                .prepare_cached(
                    "DELETE FROM links WHERE unit = ?1 AND file = ?2 AND generation < (SELECT max(generation) FROM links WHERE unit = ?1 AND file = ?2 AND generation <= ?3)",
                )?
                .execute(params![file.unit.0, file.number.0, generation])?,
            Unwanted::Postings(run) => self.execute("DELETE FROM postings WHERE generation = ?", params![run])?,
            Unwanted::OtherPostings(runs) => {
                let list: Vec<String> = runs.iter().map(i64::to_string).collect();
                self.execute(&format!("DELETE FROM postings WHERE generation NOT IN ({})", list.join(", ")), [])?
            }
        })
    }

    fn settle(&self) -> Result<(), StoreError> {
        Ok(self.execute_batch("COMMIT; BEGIN")?)
    }
}

impl Backend for Connection {
    fn at_one_moment(&self, work: &mut dyn FnMut(&dyn Blocks) -> Result<(), StoreError>) -> Result<(), StoreError> {
        let moment = self.unchecked_transaction()?;
        work(&*moment)
    }

    fn write(&self, work: &mut dyn FnMut(&dyn Batch) -> Result<(), StoreError>) -> Result<(), StoreError> {
        // Not one that begins with a look: nobody else writes, and readers are in nobody's way.
        self.execute_batch("BEGIN")?;
        match work(self) {
            Ok(()) => Ok(self.execute_batch("COMMIT")?),
            Err(e) => {
                // The error is what matters; what stays open is rolled back when the connection closes.
                let _ = self.execute_batch("ROLLBACK");
                Err(e)
            }
        }
    }

    fn each_block(&self, visit: &mut VisitAll) -> Result<(), StoreError> {
        for (what, select) in
            [("facts", "SELECT sum, blob FROM facts"), ("links", "SELECT sum, blob FROM links"), ("postings", "SELECT sum, blob FROM postings")]
        {
            let mut select = self.prepare(select)?;
            let mut rows = select.query([])?;
            while let Some(row) = rows.next()? {
                let bytes = row.get_ref(1)?.as_blob().map_err(|_| StoreError::Damaged { what })?;
                visit(what, row.get(0)?, bytes)?;
            }
        }
        Ok(())
    }

    fn size(&self) -> Result<u64, StoreError> {
        let number = |pragma| self.pragma_query_value(None, pragma, |r| r.get::<_, i64>(0));
        Ok((number("page_count")? * number("page_size")?) as u64)
    }

    fn is_whole(&self) -> Result<bool, StoreError> {
        let said: String = self.query_row("PRAGMA quick_check(1)", [], |r| r.get(0))?;
        Ok(said == "ok")
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn refused(made: &str, asked: &str) -> StoreError {
        let connection = Connection::open_in_memory().expect("a store");
        connection.execute_batch(made).expect("made");
        let value = connection.query_row(asked, [], |row| row.get::<_, i64>(0));
        value.expect_err("refused").into()
    }

    #[rstest]
    #[case::another_column("CREATE TABLE facts (summ INTEGER)", "SELECT sum FROM facts", true)]
    #[case::no_table("", "SELECT sum FROM facts", true)]
    #[case::another_type("CREATE TABLE facts (sum); INSERT INTO facts VALUES ('x')", "SELECT sum FROM facts", true)]
    #[case::no_row("CREATE TABLE facts (sum)", "SELECT sum FROM facts", false)]
    fn tables_that_are_not_as_they_were_made_are_damage(#[case] made: &str, #[case] asked: &str, #[case] damage: bool) {
        let error = refused(made, asked);
        assert_eq!(error.is_damage(), damage, "{error:?}");
    }
}
