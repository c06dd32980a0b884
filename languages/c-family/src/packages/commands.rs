//! `compile_commands.json`: folders of includes and macros that a build gives to its compiler.
//!
//! The format is that of Clang's documentation of JSON compilation databases: an array of objects with `directory` and either `arguments` or `command`.

use compass_index::plan::{slashed, tidy};
use compass_index::tree::disk;
use serde::Deserialize;
use std::collections::BTreeSet;
use std::path::{Path, PathBuf};

/// Where builds leave the file, below a root.
pub(super) const PLACES: [&str; 4] = ["compile_commands.json", "build/compile_commands.json", "out/compile_commands.json", "builddir/compile_commands.json"];

/// Macros that the build gives to the compiler for a file, as written (`NAME=VALUE`); for one it does not compile, a header, those that
/// all its commands agree on. Empty where there is no build, or it says nothing that can be read.
pub fn defines_for(root: &Path, file: &Path) -> Vec<String> {
    let text = PLACES.iter().find_map(|place| disk::read_text(root.join(place)).ok());
    let commands: Vec<Command> = text.and_then(|t| serde_json::from_str(&t).ok()).unwrap_or_default();
    let mut common: Option<Vec<String>> = None;
    for command in commands {
        let words = if command.arguments.is_empty() { split(&command.command) } else { command.arguments.clone() };
        let defines = full_defines(&words);
        let directory = root.join(&command.directory);
        if tidy(&directory.join(&command.file)) == file {
            return defines;
        }
        common = Some(match common {
            Some(known) => known.into_iter().filter(|d| defines.contains(d)).collect(),
            None => defines,
        });
    }
    common.unwrap_or_default()
}

/// What `-D` and `-U` of a command come to.
fn full_defines(words: &[String]) -> Vec<String> {
    let mut out: Vec<String> = Vec::new();
    let mut words = words.iter();
    while let Some(word) = words.next() {
        let Some((flag, joined)) = ["-D", "-U"].iter().find_map(|f| Some((*f, word.strip_prefix(f)?))) else { continue };
        let given = if joined.is_empty() { words.next().map_or("", |w| w.as_str()) } else { joined };
        let name = given.split(['=', '(']).next().unwrap_or(given);
        out.retain(|d| d.split(['=', '(']).next() != Some(name));
        if flag == "-D" && !name.is_empty() {
            out.push(given.to_owned());
        }
    }
    out
}

#[derive(Deserialize)]
struct Command {
    #[serde(default)]
    directory: String,
    #[serde(default)]
    file: String,
    #[serde(default)]
    arguments: Vec<String>,
    #[serde(default)]
    command: String,
}

/// What the commands of a build say.
#[derive(Debug, Default, PartialEq, Eq)]
pub(super) struct Commands {
    /// Folders of includes below the root, relative to it.
    pub(super) folders: BTreeSet<String>,
    /// Folders of includes outside the root.
    pub(super) outside: BTreeSet<PathBuf>,
    /// Macros that are defined on the command line.
    pub(super) defines: BTreeSet<String>,
}

/// Reads the text of the file.
///
/// # Errors
/// What is wrong with the text, for people.
pub(super) fn read(text: &str, root: &Path) -> Result<Commands, String> {
    let commands: Vec<Command> = serde_json::from_str(text).map_err(|e| e.to_string())?;
    let mut out = Commands::default();
    for command in commands {
        let words = if command.arguments.is_empty() { split(&command.command) } else { command.arguments };
        out.add(&words, &root.join(&command.directory), root);
    }
    Ok(out)
}

impl Commands {
    fn add(&mut self, words: &[String], directory: &Path, root: &Path) {
        let mut words = words.iter();
        while let Some(word) = words.next() {
            let folder = ["-I", "-isystem", "-iquote"].iter().find_map(|flag| word.strip_prefix(flag));
            if let Some(joined) = folder {
                let path = if joined.is_empty() { words.next().map_or("", |w| w.as_str()) } else { joined };
                let full = tidy(&directory.join(path));
                match full.strip_prefix(root) {
                    Ok(inside) => {
                        self.folders.insert(slashed(inside));
                    }
                    Err(_) => {
                        self.outside.insert(full);
                    }
                }
            } else if let Some(joined) = word.strip_prefix("-D") {
                let define = if joined.is_empty() { words.next().map_or("", |w| w.as_str()) } else { joined };
                let name = define.split(['=', '(']).next().unwrap_or(define);
                if !name.is_empty() {
                    self.defines.insert(name.to_owned());
                }
            }
        }
    }
}

/// The words of a shell command: blanks part them, quotes and backslashes hold them together.
fn split(command: &str) -> Vec<String> {
    let (mut words, mut word, mut quote, mut begun) = (Vec::new(), String::new(), None, false);
    let mut letters = command.chars();
    while let Some(c) = letters.next() {
        match (c, quote) {
            ('\\', None | Some('"')) => {
                word.extend(letters.next());
                begun = true;
            }
            (c, Some(q)) if c == q => quote = None,
            ('"' | '\'', None) => {
                quote = Some(c);
                begun = true;
            }
            (c, None) if c.is_whitespace() => {
                if std::mem::take(&mut begun) {
                    words.push(std::mem::take(&mut word));
                }
            }
            (c, _) => {
                word.push(c);
                begun = true;
            }
        }
    }
    if begun {
        words.push(word);
    }
    words
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("cc -Ia  b.c", &["cc", "-Ia", "b.c"])]
    #[case::quoted("cc '-Ia b' -D\"X=\\\"y\\\"\" ''", &["cc", "-Ia b", "-DX=\"y\"", ""])]
    #[case::open("cc \"a b", &["cc", "a b"])]
    fn commands_fall_into_words(#[case] command: &str, #[case] wanted: &[&str]) {
        assert_eq!(split(command), wanted);
    }

    #[test]
    fn folders_and_macros_are_taken_from_both_forms() {
        let text = r#"[
            {"directory": "/w/build", "command": "cc -I../include -isystem /usr/include -DFAST -c ../a.c", "file": "../a.c"},
            {"directory": "/w", "arguments": ["cc", "-I", "third/inc", "-D", "LEVEL=3", "b.c"], "file": "b.c"}
        ]"#;
        let found = read(text, Path::new("/w")).expect("commands");
        assert_eq!(found.folders.iter().collect::<Vec<_>>(), ["include", "third/inc"]);
        assert_eq!(found.outside.iter().collect::<Vec<_>>(), [Path::new("/usr/include")]);
        assert_eq!(found.defines.iter().collect::<Vec<_>>(), ["FAST", "LEVEL"]);
        assert!(read("{", Path::new("/w")).is_err());
    }
}
