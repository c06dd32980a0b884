//! Texts for the engines, and running compilers.

use compass_expand::SourceNo;
use language_c_family::preprocessor::{Definition, Files, Preprocessor};
use std::path::Path;
use std::process::Command;
use std::sync::Arc;

/// Named texts; the number of a text is its position.
#[derive(Default)]
pub struct Texts(pub Vec<(String, Arc<str>)>);

impl Texts {
    pub fn new(texts: &[(&str, &str)]) -> Texts {
        Texts(texts.iter().map(|(n, t)| ((*n).to_owned(), (*t).into())).collect())
    }
}

impl Files for Texts {
    fn text(&mut self, source: SourceNo) -> Option<Arc<str>> {
        self.0.get(source.0 as usize).map(|t| t.1.clone())
    }

    fn path(&self, source: SourceNo) -> String {
        self.0.get(source.0 as usize).map_or_else(String::new, |t| t.0.clone())
    }

    fn include(&mut self, _: SourceNo, spelled: &str, _: bool, _: bool) -> Option<SourceNo> {
        self.0.iter().position(|t| t.0 == spelled).map(|n| SourceNo(n as u32))
    }
}

/// What the compiler defines by itself.
pub fn predefined() -> Vec<Definition> {
    let out = Command::new("gcc").args(["-dM", "-E", "-x", "c", "/dev/null"]).output().expect("gcc runs");
    let mut texts = Texts::new(&[("predefined", &String::from_utf8_lossy(&out.stdout))]);
    let mut preprocessor = Preprocessor::new(&mut texts, &[], false);
    preprocessor.run_all(SourceNo(0));
    preprocessor.table.values().map(|d| Definition { place: None, ..(**d).clone() }).collect()
}

/// The tokens `gcc -E` makes of a file, spelled.
pub fn gcc_tokens(file: &Path) -> Vec<String> {
    let out = Command::new("gcc").args(["-E", "-x", "c", "-w"]).arg(file.file_name().expect("a name")).current_dir(file.parent().expect("a folder")).output();
    let text = String::from_utf8_lossy(&out.expect("gcc runs").stdout).into_owned();
    let text: String = text.lines().filter(|l| !l.starts_with("# ")).flat_map(|l| [l, "\n"]).collect();
    spelled(&without_universal_names(&text))
}

/// The compiler writes letters beyond ASCII as `\UXXXXXXXX`.
fn without_universal_names(text: &str) -> String {
    let mut parts = text.split("\\U");
    let mut out = parts.next().unwrap_or_default().to_owned();
    for part in parts {
        let letter = part.get(..8).and_then(|h| u32::from_str_radix(h, 16).ok()).and_then(char::from_u32);
        match letter {
            Some(c) => {
                out.push(c);
                out.push_str(&part[8..]);
            }
            None => {
                out.push_str("\\U");
                out.push_str(part);
            }
        }
    }
    out
}

pub fn spelled(text: &str) -> Vec<String> {
    language_c_family::lexer::CLexer::new(text, false).map(|t| t.spelling(text).into_owned()).collect()
}
