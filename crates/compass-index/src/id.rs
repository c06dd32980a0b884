//! Names for units, files and symbols that hold across files and over refreshes.

use serde::{Deserialize, Serialize};

macro_rules! id {
    ($($(#[$doc:meta])* $name:ident;)*) => {$(
        $(#[$doc])*
        #[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord, Serialize, Deserialize)]
        pub struct $name(pub u32);
    )*};
}

id! {
    /// A unit of an index.
    UnitId;
    /// A file's number within its unit; never reused.
    FileNo;
    /// A symbol's number within its file; kept while the definition lives, never reused.
    SymbolNo;
}

impl SymbolNo {
    /// Stands for the file itself, as a module.
    pub const MODULE: SymbolNo = SymbolNo(u32::MAX);
}

/// A file of an index.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord, Serialize, Deserialize)]
pub struct FileId {
    /// Its unit.
    pub unit: UnitId,
    /// Its number there.
    pub number: FileNo,
}

/// A symbol of an index.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, PartialOrd, Ord, Serialize, Deserialize)]
pub struct SymbolId {
    /// Its file.
    pub file: FileId,
    /// Its number there.
    pub number: SymbolNo,
}

impl SymbolId {
    /// The file as a module.
    pub fn module(file: FileId) -> SymbolId {
        SymbolId { file, number: SymbolNo::MODULE }
    }

    /// Is it a whole file?
    pub fn is_module(self) -> bool {
        self.number == SymbolNo::MODULE
    }

    /// Twelve bytes that sort as the id does.
    pub fn to_key(self) -> [u8; 12] {
        let mut key = [0; 12];
        key[..4].copy_from_slice(&self.file.unit.0.to_be_bytes());
        key[4..8].copy_from_slice(&self.file.number.0.to_be_bytes());
        key[8..].copy_from_slice(&self.number.0.to_be_bytes());
        key
    }

    /// The symbol of a key; `None` for bytes of another length.
    pub fn of_key(key: &[u8]) -> Option<SymbolId> {
        let key: &[u8; 12] = key.try_into().ok()?;
        let number = |at: usize| u32::from_be_bytes([key[at], key[at + 1], key[at + 2], key[at + 3]]);
        Some(SymbolId { file: FileId { unit: UnitId(number(0)), number: FileNo(number(4)) }, number: SymbolNo(number(8)) })
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn keys_sort_as_ids_do() {
        let id = |u, f, n| SymbolId { file: FileId { unit: UnitId(u), number: FileNo(f) }, number: SymbolNo(n) };
        let mut ids = [id(1, 0, 0), id(0, 300, 2), id(0, 2, 70000), id(0, 2, 3)];
        ids.sort();
        assert!(ids.windows(2).all(|w| w[0].to_key() < w[1].to_key()));
        assert!(ids.iter().all(|id| SymbolId::of_key(&id.to_key()) == Some(*id)));
        assert_eq!(SymbolId::of_key(b"short"), None);
    }
}
