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

/// What changed since a chain was kept. Lines alone count, not where in a file something stands.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Changes {
    /// When it was kept: year, month, day, hour, minute, in universal time.
    pub since: String,
    /// Lines of then that are no more.
    pub gone: Vec<String>,
    /// Lines of now that were not there.
    pub new: Vec<String>,
}

/// Compares a chain with the one of its name that was kept last; nothing where none was.
///
/// # Errors
/// What the system says.
pub fn compared(folder: &Path, base: &str, name: &str, text: &str) -> std::io::Result<Option<Changes>> {
    let own = plain(name);
    let is_own = |kept: &str| kept.strip_prefix(&own).is_some_and(|rest| rest.is_empty() || rest.trim_start().parse::<u32>().is_ok());
    let mut last: Option<(std::time::SystemTime, String)> = None;
    for (_, path) in list(folder, base).into_iter().filter(|(kept, _)| is_own(kept)) {
        let at = std::fs::metadata(&path)?.modified()?;
        if last.as_ref().is_none_or(|(before, _)| *before < at) {
            last = Some((at, path));
        }
    }
    let Some((at, path)) = last else { return Ok(None) };
    let then = std::fs::read_to_string(path)?;
    let (then, now) = (lines_of(&then), lines_of(text));
    let missing = |of: &[(String, String)], other: &[(String, String)]| -> Vec<String> {
        of.iter().filter(|(key, _)| !other.iter().any(|(k, _)| k == key)).map(|(_, line)| line.clone()).collect()
    };
    let at = time::OffsetDateTime::from(at);
    let since = format!("{}-{:02}-{:02} {:02}:{:02} UTC", at.year(), u8::from(at.month()), at.day(), at.hour(), at.minute());
    Ok(Some(Changes { since, gone: missing(&then, &now), new: missing(&now, &then) }))
}

/// The entries of a list as people read them, each with what it is compared by: without numbers of lines, which move with any change above.
fn lines_of(text: &str) -> Vec<(String, String)> {
    let is_entry = |line: &&str| line.trim_start().starts_with(['-', '*']);
    let plain = |line: &str| line.trim().trim_start_matches("- ").replace(['`', '*'], "").split_whitespace().collect::<Vec<_>>().join(" ");
    text.lines().filter(is_entry).map(plain).map(|line| (without_numbers(&line), line)).collect()
}

/// A line without the numbers that say where something stands: `rack.py:12`, `line 12`.
fn without_numbers(line: &str) -> String {
    let mut out = String::new();
    for c in line.chars() {
        if !(c.is_ascii_digit() && (out.ends_with(':') || out.ends_with("line "))) {
            out.push(c);
        }
    }
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
    fn what_changed_since_a_chain_was_kept_is_told_whatever_lines_moved() {
        let folder = tempfile::tempdir().expect("a folder");
        let then = "## Chain of `turn`\n\n- **a** `a.py:3` one\n- **b** `b.py:4` two\n";
        assert_eq!(compared(folder.path(), "larder", "turn", then).expect("read"), None);
        keep(folder.path(), "larder", "turn", "md", "- **z** `z.py:1`\n").expect("kept");
        keep(folder.path(), "larder", "turned", "md", "- other\n").expect("kept");
        std::thread::sleep(std::time::Duration::from_millis(20));
        keep(folder.path(), "larder", "turn", "md", then).expect("kept");
        let same = compared(folder.path(), "larder", "turn", &then.replace(":3", ":17")).expect("read").expect("kept");
        assert_eq!((same.gone, same.new), (vec![], vec![]));
        let now = "## Chain of `turn`\n\n- **a** `a.py:3` one\n- **c** `c.py:5` three\n";
        let changes = compared(folder.path(), "larder", "turn", now).expect("read").expect("kept");
        assert_eq!((changes.gone, changes.new), (vec!["b b.py:4 two".to_owned()], vec!["c c.py:5 three".to_owned()]));
        assert!(changes.since.ends_with(" UTC"));
        let moved = "1 step.\n\n- **a** function, `a.py:9`\n  - line 12: ` b() ` (proven)\n\n*http*: GET /racks (inferred)\n";
        assert_eq!(
            lines_of(moved).iter().map(|l| l.0.as_str()).collect::<Vec<_>>(),
            ["a function, a.py:", "line : b() (proven)", "http: GET /racks (inferred)"]
        );
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
