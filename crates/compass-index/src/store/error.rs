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
    /// What keeps the blocks refused.
    #[error("the index could not be read or written")]
    Backend {
        /// Does it say that what is stored is not what was written?
        damage: bool,
        /// What it says.
        source: Box<dyn std::error::Error + Send + Sync>,
    },
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
        match self {
            StoreError::Damaged { .. } | StoreError::Shape { .. } => true,
            StoreError::Backend { damage, .. } => *damage,
            StoreError::Open(_) | StoreError::Folder(_) => false,
        }
    }
}
