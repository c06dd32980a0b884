//! Where the package managers of a machine keep what they brought.
//!
//! Plain data: the program fills it from its environment, tests from folders of their own. Nothing here looks at variables or at the home
//! folder by itself, and nothing runs another program.

use super::ecosystems::known;
use crate::tree::disk;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};

/// Folders of package managers and of languages, by the word of what they hold.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Machine(BTreeMap<&'static str, Vec<PathBuf>>);

impl Machine {
    /// The folders that all ecosystems find in an environment.
    #[must_use]
    pub fn of(environment: &Environment) -> Machine {
        let found = known().iter().flat_map(|e| e.0.folders(environment));
        Machine(found.filter(|(_, folders)| !folders.is_empty()).collect())
    }

    /// The same machine with folders under a word.
    #[must_use]
    pub fn with(mut self, word: &'static str, folders: Vec<PathBuf>) -> Machine {
        self.0.insert(word, folders);
        self
    }

    /// The folders under a word, in their order.
    #[must_use]
    pub fn all(&self, word: &str) -> &[PathBuf] {
        self.0.get(word).map_or(&[], Vec::as_slice)
    }

    /// The first folder under a word.
    #[must_use]
    pub fn first(&self, word: &str) -> Option<&PathBuf> {
        self.all(word).first()
    }
}

/// What is asked to find the folders of a machine; tests give answers of their own.
pub struct Environment<'e> {
    /// The value of a variable.
    pub variable: &'e dyn Fn(&str) -> Option<PathBuf>,
    /// The home folder.
    pub home: Option<&'e Path>,
    /// The top of the system's folders.
    pub system: &'e Path,
}

impl Environment<'_> {
    /// The folder of a variable, or the usual one below the home folder.
    #[must_use]
    pub fn folder(&self, variable: &str, usual: &str) -> Option<PathBuf> {
        (self.variable)(variable).or_else(|| Some(self.home?.join(usual))).filter(|p| disk::is_folder(p))
    }

    /// Programs of a name on the search path.
    #[must_use]
    pub fn programs(&self, name: &str) -> Vec<PathBuf> {
        let path = (self.variable)("PATH").unwrap_or_default();
        std::env::split_paths(&path).map(|d| d.join(name)).filter(|p| disk::is_file(p)).collect()
    }
}
