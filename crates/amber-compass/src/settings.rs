//! `settings.toml` in the person's configuration folder: theme, editor, keys. All optional; what is wrong in it is pointed at.

use crate::tui::{KeyMap, ThemeName};
use serde::Deserialize;
use std::collections::BTreeMap;
use std::path::{Path, PathBuf};

/// The file's name.
const FILE_NAME: &str = "settings.toml";

/// What the file may say.
#[derive(Debug, Default, Deserialize)]
#[serde(deny_unknown_fields, default)]
struct Written {
    theme: Option<ThemeName>,
    editor: Option<String>,
    keys: BTreeMap<String, toml::Spanned<String>>,
}

/// What a person settled.
#[derive(Debug, Clone, Default)]
pub struct Settings {
    /// The theme; without one what the environment says.
    pub theme: Option<ThemeName>,
    /// The editor's command, with `{path}` and `{line}`; without one what the environment says.
    pub editor: Option<String>,
    /// Keys and what they do.
    pub keys: KeyMap,
}

/// Why settings cannot be used.
#[derive(Debug, thiserror::Error)]
pub enum SettingsError {
    /// The file is there but cannot be opened.
    #[error("{} cannot be read: {source}", path.display())]
    Unreadable {
        /// The file.
        path: PathBuf,
        /// What the system said.
        source: std::io::Error,
    },
    /// It says something that cannot be meant.
    #[error("{}: {why}", path.display())]
    Wrong {
        /// The file.
        path: PathBuf,
        /// What, and where.
        why: String,
    },
}

impl Settings {
    /// The file that says all of this: what is settled, and what holds without it.
    pub fn told(&self) -> String {
        let theme = self.theme.unwrap_or(ThemeName::Dark).word();
        let mut out = format!("theme = {theme:?}  # \"dark\", \"light\" or \"plain\"\n");
        let editor = self.editor.as_deref().map_or_else(|| "# editor = \"vi +{line} {path}\"".to_owned(), |e| format!("editor = {e:?}"));
        out += &format!("{editor}\n\n[keys]  # F1-F9 and digits are the program's own\n");
        for (action, key, text) in self.keys.told() {
            out += &format!("{:28} # {text}\n", format!("{action} = {key:?}"));
        }
        out
    }
}

/// Where the file is.
pub fn file() -> PathBuf {
    compass_session::places::config_folder().join(FILE_NAME)
}

/// Reads the settings of a file; one that is not there says nothing.
pub fn read(path: &Path) -> Result<Settings, SettingsError> {
    let text = match std::fs::read_to_string(path) {
        Ok(text) => text,
        Err(e) if e.kind() == std::io::ErrorKind::NotFound => return Ok(Settings::default()),
        Err(source) => return Err(SettingsError::Unreadable { path: path.to_owned(), source }),
    };
    let wrong = |why: String| SettingsError::Wrong { path: path.to_owned(), why };
    let written: Written = toml::from_str(&text).map_err(|e| wrong(e.to_string()))?;
    if let Some(editor) = written.editor.as_ref().filter(|e| !e.contains("{path}")) {
        return Err(wrong(format!("editor = {editor:?}: the command must have {{path}} in it, and may have {{line}}")));
    }
    let mut keys = KeyMap::default();
    for (action, key) in &written.keys {
        let line = 1 + text[..key.span().start].matches('\n').count();
        let key = key.get_ref();
        keys.bind(action, key).map_err(|why| wrong(format!("line {line}, [keys] {action} = {key:?}: {why}")))?;
    }
    Ok(Settings { theme: written.theme, editor: written.editor, keys })
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn of(text: &str) -> Result<Settings, String> {
        let folder = tempfile::tempdir().expect("a folder");
        let path = folder.path().join(FILE_NAME);
        std::fs::write(&path, text).expect("a file");
        read(&path).map_err(|e| e.to_string())
    }

    #[test]
    fn what_is_settled_is_taken() {
        let settings = of("theme = \"light\"\neditor = \"edit +{line} {path}\"\n[keys]\nwho-uses = \"U\"\n").expect("settings");
        assert_eq!((settings.theme, settings.editor.as_deref()), (Some(ThemeName::Light), Some("edit +{line} {path}")));
        let none = read(Path::new("/nowhere/settings.toml")).expect("no file says nothing");
        assert!(none.theme.is_none() && none.editor.is_none());
    }

    #[test]
    fn what_is_told_can_be_written_into_the_file() {
        let settled = of("theme = \"light\"\neditor = \"edit {path}\"\n[keys]\nwho-uses = \"U\"\n").expect("settings");
        for settings in [Settings::default(), settled] {
            let again = of(&settings.told()).expect("settings");
            assert_eq!(again.told(), settings.told());
        }
    }

    #[rstest]
    #[case::unknown("them = \"light\"\n", "them")]
    #[case::theme("theme = \"blue\"\n", "plain")]
    #[case::editor("editor = \"edit\"\n", "{path}")]
    #[case::action("[keys]\nfly = \"x\"\n", "line 2")]
    #[case::key("\n[keys]\nwho-uses = \"Meta+x\"\n", "line 3")]
    #[case::of_two_alike("[keys]\nwho-uses = \"U\"\nwho = \"x\"\n", "line 3")]
    #[case::taken("[keys]\nwho-uses = \"c\"\n", "who calls")]
    #[case::no_toml("theme", "line 1")]
    fn what_is_wrong_is_pointed_at(#[case] text: &str, #[case] said: &str) {
        let error = of(text).expect_err("wrong");
        assert!(error.contains(said) && error.contains(FILE_NAME), "{error}");
    }
}
