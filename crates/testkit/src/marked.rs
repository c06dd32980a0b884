//! Little programs with marks: `«1=name»` is a use, `⟦1:name⟧` what it means. The sign says how sure that is: `=` proven, `~` inferred, `?` guessed, `!` not
//! known. The marks are taken out, the compiler of the language takes the rest for a program, and every use must lead to its mark.

use crate::Project;
use crate::{ask, engine};
use regex::Regex;
use std::collections::BTreeMap;
use std::process::Command;
use std::sync::LazyLock;

static MARK: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"«(\w+)([=~?!])([^»]*)»|⟦(\w+):([^⟧]*)⟧").expect("a pattern"));

/// A use that is asked for.
struct Asked {
    mark: String,
    certainty: char,
    place: String,
}

/// A program without its marks, and what they say.
struct Marked {
    files: Vec<(String, String)>,
    asked: Vec<Asked>,
    /// Where each mark's definition stands: several are equally right.
    meant: BTreeMap<String, Vec<String>>,
}

impl Marked {
    fn read(files: &[(&str, &str)]) -> Marked {
        let mut out = Marked { files: Vec::new(), asked: Vec::new(), meant: BTreeMap::new() };
        for (path, text) in files {
            let mut plain = String::new();
            let mut end = 0;
            for found in MARK.captures_iter(text) {
                let whole = found.get(0).expect("the whole");
                plain.push_str(&text[end..whole.start()]);
                end = whole.end();
                let line = plain.matches('\n').count() + 1;
                let column = plain.len() - plain.rfind('\n').map_or(0, |i| i + 1) + 1;
                if let (Some(mark), Some(sign), Some(name)) = (found.get(1), found.get(2), found.get(3)) {
                    let certainty = sign.as_str().chars().next().expect("a sign");
                    out.asked.push(Asked { mark: mark.as_str().to_owned(), certainty, place: format!("{path}:{line}:{column}") });
                    plain.push_str(name.as_str());
                } else if let (Some(mark), Some(name)) = (found.get(4), found.get(5)) {
                    out.meant.entry(mark.as_str().to_owned()).or_default().push(format!("{path}:{line}"));
                    plain.push_str(name.as_str());
                }
            }
            plain.push_str(&text[end..]);
            out.files.push(((*path).to_owned(), plain));
        }
        out
    }

    fn lay_out(&self) -> Project {
        let files: Vec<(&str, &str)> = self.files.iter().map(|f| (f.0.as_str(), f.1.as_str())).collect();
        Project::with(&files)
    }
}

/// Every use leads to its mark, as surely as it says.
pub fn check(files: &[(&str, &str)]) {
    let marked = Marked::read(files);
    assert!(!marked.asked.is_empty(), "something is asked");
    let project = marked.lay_out();
    let engine = engine(&project);
    let mut wrong = Vec::new();
    for asked in &marked.asked {
        let answers = ask(&engine, &format!("where is {}", asked.place));
        let found = answers.answers.first().map(|a| (format!("{}:{}", a.path, a.line), a.certainty_word().unwrap_or_default().to_owned()));
        let word = match asked.certainty {
            '=' => "proven",
            '~' => "inferred",
            '?' => "guessed",
            _ => "",
        };
        let is_right = match &found {
            Some((place, certainty)) => certainty == word && marked.meant.get(&asked.mark).is_some_and(|m| m.contains(place)),
            None => asked.certainty == '!',
        };
        if !is_right {
            let line = asked.place.split(':').nth(1).and_then(|l| l.parse::<usize>().ok()).unwrap_or(1);
            let path = asked.place.split(':').next().unwrap_or_default();
            let text = marked.files.iter().find(|f| f.0 == path).and_then(|f| f.1.lines().nth(line - 1)).unwrap_or_default();
            let found = found.map_or_else(|| format!("nothing, {:?}", answers.missing), |(place, certainty)| format!("{place} {certainty}"));
            wrong.push(format!("{} {word} at {}: {} — found {found}", asked.mark, asked.place, text.trim()));
        }
    }
    assert!(wrong.is_empty(), "{}", wrong.join("\n"));
}

/// The compiler takes it for a program. Says so loudly where there is none.
pub fn compiles(files: &[(&str, &str)], compiler: &[&str], endings: &[&str]) {
    if Command::new(compiler[0]).arg("--help").output().is_err() {
        crate::skipped(&format!("{} is not installed: marked programs were NOT compiled", compiler[0]));
        return;
    }
    let marked = Marked::read(files);
    let project = marked.lay_out();
    let mut command = Command::new(compiler[0]);
    command.args(&compiler[1..]).current_dir(project.root());
    command.args(marked.files.iter().map(|f| f.0.as_str()).filter(|p| endings.iter().any(|e| p.ends_with(e))));
    command.env("GOFLAGS", "-mod=mod").env("GOPROXY", "off").env("GOTOOLCHAIN", "local");
    let output = command.output().expect("a compiler");
    assert!(output.status.success(), "{}{}", String::from_utf8_lossy(&output.stdout), String::from_utf8_lossy(&output.stderr));
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn marks_are_taken_out_and_placed() {
        let marked = Marked::read(&[("a.c", "int ⟦1:turn⟧(void);\nint x = «1=turn»() + «2!y»;\n")]);
        assert_eq!(marked.files, [("a.c".to_owned(), "int turn(void);\nint x = turn() + y;\n".to_owned())]);
        assert_eq!(marked.meant.get("1").map(Vec::as_slice), Some(&["a.c:1".to_owned()][..]));
        let asked: Vec<(&str, char, &str)> = marked.asked.iter().map(|a| (a.mark.as_str(), a.certainty, a.place.as_str())).collect();
        assert_eq!(asked, [("1", '=', "a.c:2:9"), ("2", '!', "a.c:2:18")]);
    }
}
