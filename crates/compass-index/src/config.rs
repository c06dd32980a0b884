//! `amber-compass.toml`: the few things a person may settle by hand, all optional.

use serde::Deserialize;
use std::path::Path;

/// The name of the file, looked for at a root.
pub const FILE_NAME: &str = "amber-compass.toml";

/// What the file may say.
#[derive(Debug, Clone, Default, Deserialize, PartialEq)]
#[serde(deny_unknown_fields, default)]
pub struct Config {
    /// Further roots, relative to the file.
    pub roots: Vec<String>,
    /// Patterns of paths that are not indexed.
    pub exclude: Vec<String>,
    /// Folders searched for includes, relative to the root.
    pub include_folders: Vec<String>,
    /// Macros that the build defines: `NAME` or `NAME=VALUE`.
    pub defines: Vec<String>,
    /// Patterns of reports of tests and coverage, beside the names that build tools give them.
    pub reports: Vec<String>,
    /// Layers of the architecture, in order.
    pub layers: Vec<Layer>,
}

/// A named band of the architecture.
#[derive(Debug, Clone, Default, Deserialize, PartialEq)]
#[serde(deny_unknown_fields)]
pub struct Layer {
    /// Its name.
    pub name: String,
    /// Patterns of the paths that belong to it.
    pub paths: Vec<String>,
}

/// Why the file could not be used.
#[derive(Debug, thiserror::Error)]
pub enum ConfigError {
    /// It is there but cannot be opened.
    #[error("{FILE_NAME} cannot be read")]
    Unreadable(#[source] std::io::Error),
    /// It is no TOML, or says something unknown; the message names line and column.
    #[error("{FILE_NAME}: {0}")]
    Wrong(String),
}

impl Config {
    /// Reads the file at `root`; a root without one has the default.
    ///
    /// # Errors
    /// [`ConfigError`] for a file that is there but cannot be used.
    pub fn read(root: &Path) -> Result<Config, ConfigError> {
        Config::read_from(&crate::Disk, root)
    }

    /// Reads the file at the `root` of a tree.
    ///
    /// # Errors
    /// As for [`Config::read`].
    pub fn read_from(tree: &dyn crate::Tree, root: &Path) -> Result<Config, ConfigError> {
        match tree.text(&root.join(FILE_NAME)) {
            Ok(text) => toml::from_str(&text).map_err(|e| ConfigError::Wrong(e.to_string())),
            Err(e) if e.kind() == std::io::ErrorKind::NotFound => Ok(Config::default()),
            Err(e) => Err(ConfigError::Unreadable(e)),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn unknown_keys_are_pointed_at() {
        let error = toml::from_str::<Config>("exclude = []\nexlude = []\n").expect_err("wrong key").to_string();
        assert!(error.contains("exlude") && error.contains("line 2"), "{error}");
    }

    #[test]
    fn layers_are_read_in_order() {
        let config: Config =
            toml::from_str("[[layers]]\nname = 'page'\npaths = ['board/**']\n[[layers]]\nname = 'route'\npaths = ['routes/**']").expect("valid");
        assert_eq!(config.layers.iter().map(|l| l.name.as_str()).collect::<Vec<_>>(), ["page", "route"]);
    }
}
