//! Kept chains: Markdown files among the person's own data, never overwritten, never in the source tree.

use std::path::{Path, PathBuf};

/// Where kept chains go.
pub fn folder() -> PathBuf {
    crate::places::data_folder().join("kept")
}

/// Writes a chain under a name made of the code base and what it shows; gives the path.
///
/// # Errors
/// What the system says.
pub fn keep(folder: &Path, base: &str, name: &str, ending: &str, text: &str) -> std::io::Result<PathBuf> {
    std::fs::create_dir_all(folder)?;
    let stem = format!("{} {}", plain(base), plain(name));
    for number in 1u32.. {
        let file = if number == 1 { format!("{stem}.{ending}") } else { format!("{stem} {number}.{ending}") };
        let path = folder.join(file);
        match std::fs::OpenOptions::new().write(true).create_new(true).open(&path) {
            Ok(mut file) => {
                std::io::Write::write_all(&mut file, text.as_bytes())?;
                return Ok(path);
            }
            Err(e) if e.kind() == std::io::ErrorKind::AlreadyExists => {}
            Err(e) => return Err(e),
        }
    }
    Err(std::io::Error::other("there are too many kept chains of that name"))
}

/// Kept files of a code base: names without its own, and where they are.
pub fn list(folder: &Path, base: &str) -> Vec<(String, String)> {
    let Ok(entries) = std::fs::read_dir(folder) else { return Vec::new() };
    let front = format!("{} ", plain(base));
    let name = |path: &Path| path.file_stem().and_then(|n| n.to_str()?.strip_prefix(&front).map(str::to_owned));
    let paths = entries.flatten().map(|e| e.path()).filter(|p| p.extension().is_some_and(|e| e == "md"));
    let mut out: Vec<(String, String)> = paths.filter_map(|p| Some((name(&p)?, p.to_string_lossy().into_owned()))).collect();
    out.sort();
    out
}

/// A name that every file system takes.
fn plain(name: &str) -> String {
    let clean: String = name.chars().map(|c| if c.is_alphanumeric() || "-_. ".contains(c) { c } else { '-' }).take(80).collect();
    clean.trim().to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn what_was_kept_of_a_code_base_is_listed() {
        let folder = tempfile::tempdir().expect("a folder");
        assert!(list(&folder.path().join("none"), "larder").is_empty());
        for (base, name) in [("larder", "who calls turn"), ("larder", "logbook"), ("board", "other")] {
            keep(folder.path(), base, name, "md", "text").expect("kept");
        }
        let names: Vec<String> = list(folder.path(), "larder").into_iter().map(|k| k.0).collect();
        assert_eq!(names, ["logbook", "who calls turn"]);
    }

    #[test]
    fn a_second_chain_of_that_name_does_not_replace_the_first() {
        let folder = tempfile::tempdir().expect("a folder");
        let first = keep(folder.path(), "larder", "how does a/b reach \"c\"", "md", "one").expect("kept");
        let second = keep(folder.path(), "larder", "how does a/b reach \"c\"", "md", "two").expect("kept");
        assert_ne!(first, second);
        assert_eq!(std::fs::read_to_string(first).expect("there"), "one");
        assert_eq!(std::fs::read_to_string(second).expect("there"), "two");
    }
}
