//! What can go wrong with a store.

/// Why an index cannot be used as it is.
#[derive(Debug, thiserror::Error)]
pub enum OpenError {
    /// There is none at that place.
    #[error("no index at {0}")]
    Missing(std::path::PathBuf),
    /// It was written by another version of the program.
    #[error("the index has schema version {found}, this program writes {wanted}")]
    Version {
        /// The version in the file.
        found: i64,
        /// The version of this program.
        wanted: i64,
    },
    /// It was begun but no generation is complete.
    #[error("the index was begun but never finished")]
    Unfinished,
    /// It cannot be read as an index.
    #[error("the index is damaged")]
    Damaged(#[source] Box<dyn std::error::Error + Send + Sync>),
    /// The file or its folder cannot be opened.
    #[error("the index cannot be opened")]
    Io(#[source] std::io::Error),
}

/// Why reading or writing a store failed.
#[derive(Debug, thiserror::Error)]
pub enum StoreError {
    /// SQLite refused.
    #[error("the index could not be read or written")]
    Sqlite(#[from] rusqlite::Error),
    /// It cannot be opened, though it may be well.
    #[error("the index cannot be opened")]
    Open(#[source] Box<dyn std::error::Error + Send + Sync>),
    /// A blob does not have the checksum it was written with.
    #[error("a block of the index is damaged ({what})")]
    Damaged {
        /// Which.
        what: &'static str,
    },
    /// A blob has the right checksum but not the right shape: a fault of this program.
    #[error("a block of the index has an unknown shape ({what})")]
    Shape {
        /// Which.
        what: &'static str,
    },
    /// The folder of the index cannot be made.
    #[error("the folder of the index cannot be made")]
    Folder(#[source] std::io::Error),
}

impl StoreError {
    /// Does it say that what is stored is not what was written?
    pub fn is_damage(&self) -> bool {
        use rusqlite::Error::{FromSqlConversionFailure, IntegralValueOutOfRange, InvalidColumnType, SqlInputError};
        use rusqlite::ErrorCode::{DatabaseCorrupt, NotADatabase, TypeMismatch, Unknown};
        match self {
            StoreError::Damaged { .. } | StoreError::Shape { .. } => true,
            // The statements are always the same: one that is refused finds other tables than were made.
            StoreError::Sqlite(SqlInputError { .. } | InvalidColumnType(..) | FromSqlConversionFailure(..) | IntegralValueOutOfRange(..)) => true,
            StoreError::Sqlite(e) => matches!(e.sqlite_error_code(), Some(DatabaseCorrupt | NotADatabase | TypeMismatch | Unknown)),
            StoreError::Open(_) | StoreError::Folder(_) => false,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;
    use rusqlite::Connection;

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
