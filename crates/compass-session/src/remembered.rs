//! What the program remembers of a code base from one time to the next: the place being read, the questions and how their answers
//! were left. Convenience alone: what cannot be read or written is done without.

use serde::{Deserialize, Serialize};
use std::io::Write;
use std::path::{Path, PathBuf};

/// A question, and how its answers were left.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize, Deserialize)]
pub struct Asked {
    /// The question.
    pub question: String,
    /// What its rows were narrowed by.
    #[serde(default)]
    pub narrow: String,
    /// The row selected among those that were left.
    #[serde(default)]
    pub selected: usize,
}

/// See the module.
#[derive(Debug, Clone, PartialEq, Eq, Default, Serialize, Deserialize)]
pub struct Remembered {
    /// The file being read, as the index shows it.
    #[serde(default)]
    pub path: String,
    /// From 1.
    #[serde(default)]
    pub line: u32,
    /// From 1.
    #[serde(default)]
    pub column: u32,
    /// The question whose answers were on the screen.
    #[serde(default)]
    pub asked: Option<Asked>,
    /// What was typed into the ask line, latest last.
    #[serde(default)]
    pub history: Vec<String>,
}

/// Where it is kept for a root.
pub fn path_for(root: &Path) -> PathBuf {
    crate::places::data_folder().join("remembered").join(format!("{}.json", crate::places::name_of(root)))
}

/// What is remembered; nothing where nothing can be read.
pub fn load(path: &Path) -> Remembered {
    std::fs::read_to_string(path).ok().and_then(|text| serde_json::from_str(&text).ok()).unwrap_or_default()
}

/// Remembers; the old file is there until the new one takes its place.
///
/// # Errors
/// What the system says.
pub fn save(path: &Path, remembered: &Remembered) -> std::io::Result<()> {
    let folder = path.parent().unwrap_or(Path::new("."));
    std::fs::create_dir_all(folder)?;
    let mut file = tempfile::NamedTempFile::new_in(folder)?;
    file.write_all(serde_json::to_string(remembered)?.as_bytes())?;
    file.persist(path).map_err(|e| e.error)?;
    Ok(())
}

/// Says once for each person that the program was never opened before.
pub fn is_first_time() -> bool {
    first_time_in(&crate::places::data_folder())
}

/// A mark in the folder tells; where none can be left nothing is told each time anew.
fn first_time_in(folder: &Path) -> bool {
    let mark = folder.join("guide-seen");
    !mark.exists() && std::fs::create_dir_all(folder).and_then(|()| std::fs::write(&mark, b"")).is_ok()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_first_time_is_told_once() {
        let folder = tempfile::tempdir().expect("a folder");
        let data = folder.path().join("data");
        assert_eq!([first_time_in(&data), first_time_in(&data)], [true, false]);
        std::fs::write(folder.path().join("file"), b"").expect("written");
        assert!(!first_time_in(&folder.path().join("file/below")), "nothing can be left there");
    }

    #[test]
    fn what_is_remembered_comes_back_and_what_is_damaged_is_forgotten() {
        let folder = tempfile::tempdir().expect("a folder");
        let path = folder.path().join("a/b.json");
        assert_eq!(load(&path), Remembered::default());
        let asked = Asked { question: "who calls turn".to_owned(), narrow: "rack".to_owned(), selected: 2 };
        let known = Remembered { path: "a.py".to_owned(), line: 3, column: 1, asked: Some(asked), history: vec!["gaps".to_owned()] };
        save(&path, &known).expect("written");
        assert_eq!(load(&path), known);
        std::fs::write(&path, "{\"path\":\"a.py\"}").expect("written");
        assert_eq!(load(&path).path, "a.py", "what an older version did not know is empty");
        std::fs::write(&path, "{\"pa").expect("written");
        assert_eq!(load(&path), Remembered::default());
    }
}
