//! Conditions of `if ()` in CMake: `OR` binds less than `AND`, `NOT` and comparisons most.

use super::cmake_syntax::Argument;
use super::{MAX_DEPTH, Value, Variables};

/// Systems and compilers that are not the usual ones.
const OTHERS: [&str; 16] =
    ["WIN32", "MSVC", "APPLE", "MINGW", "CYGWIN", "ANDROID", "IOS", "BORLAND", "WATCOM", "MSYS", "XCODE", "BEOS", "HAIKU", "EMSCRIPTEN", "WINCE", "OS2"];

/// Does a condition hold?
pub(super) fn holds(arguments: &[Argument], variables: &Variables) -> Option<bool> {
    let mut condition = Condition { rest: arguments, variables, depth: 0 };
    let found = condition.any();
    found.filter(|_| condition.rest.is_empty())
}

/// A text with the values of variables put in; nothing where one is not known.
pub(super) fn expanded(text: &str, variables: &Variables) -> Value {
    let mut out = text.to_owned();
    for _ in 0..MAX_DEPTH {
        let Some(open) = out.rfind("${") else { return (!out.contains("$ENV{") && !out.contains("$<")).then_some(out) };
        let close = out[open..].find('}')? + open;
        let value = variables.get(&out[open + 2..close])?.clone()?;
        out.replace_range(open..=close, &value);
        if out.len() > 1 << 16 {
            return None;
        }
    }
    None
}

/// What a text is worth as a condition; nothing for one that is no constant.
pub(super) fn constant(text: &str) -> Option<bool> {
    match text.to_ascii_uppercase().as_str() {
        "1" | "ON" | "YES" | "TRUE" | "Y" => Some(true),
        "0" | "OFF" | "NO" | "FALSE" | "N" | "IGNORE" | "NOTFOUND" | "" => Some(false),
        other if other.ends_with("-NOTFOUND") => Some(false),
        other => other.parse::<f64>().ok().map(|n| n != 0.0),
    }
}

struct Condition<'a> {
    rest: &'a [Argument],
    variables: &'a Variables,
    depth: usize,
}

impl Condition<'_> {
    fn word(&self) -> &str {
        self.rest.first().filter(|a| !a.quoted).map_or("", |a| a.text.as_str())
    }

    fn takes(&mut self, word: &str) -> bool {
        let takes = self.word() == word;
        if takes {
            self.rest = &self.rest[1..];
        }
        takes
    }

    fn any(&mut self) -> Option<bool> {
        let mut out = self.all();
        while self.takes("OR") {
            out = match (out, self.all()) {
                (Some(true), _) | (_, Some(true)) => Some(true),
                (Some(false), Some(false)) => Some(false),
                _ => None,
            };
        }
        out
    }

    fn all(&mut self) -> Option<bool> {
        let mut out = self.one();
        while self.takes("AND") {
            out = match (out, self.one()) {
                (Some(false), _) | (_, Some(false)) => Some(false),
                (Some(true), Some(true)) => Some(true),
                _ => None,
            };
        }
        out
    }

    fn one(&mut self) -> Option<bool> {
        self.depth += 1;
        if self.depth > MAX_DEPTH {
            return None;
        }
        let found = if self.takes("NOT") {
            self.one().map(|b| !b)
        } else if self.takes("(") {
            let found = self.any();
            found.filter(|_| self.takes(")"))
        } else if self.takes("DEFINED") {
            let (name, rest) = self.rest.split_first()?;
            self.rest = rest;
            self.is_given(&name.text)
        } else {
            self.compared()
        };
        self.depth -= 1;
        found
    }

    /// Is a variable given? What neither the file nor CMake itself sets is given by nobody.
    fn is_given(&self, name: &str) -> Option<bool> {
        match self.variables.get(name) {
            Some(Some(value)) => Some(!value.is_empty()),
            Some(None) => None,
            None => (!name.starts_with("CMAKE_") && is_plain(name)).then_some(false),
        }
    }

    /// One word, or two with how they are compared.
    fn compared(&mut self) -> Option<bool> {
        let (first, rest) = self.rest.split_first()?;
        self.rest = rest;
        if matches!(first.text.as_str(), "EXISTS" | "TARGET" | "COMMAND" | "POLICY" | "TEST" | "IS_DIRECTORY" | "IS_ABSOLUTE" | "IS_SYMLINK") && !first.quoted {
            self.rest = self.rest.get(1..)?;
            return None;
        }
        let how = self.word().to_owned();
        let compares = ["EQUAL", "LESS", "GREATER", "MATCHES", "STREQUAL", "IN_LIST", "IS_NEWER_THAN"].iter().any(|w| how.contains(w));
        if !compares {
            return self.worth(first);
        }
        let second = self.rest.get(1)?;
        self.rest = &self.rest[2..];
        let (a, b) = (self.value(first)?, self.value(second)?);
        match how.as_str() {
            "STREQUAL" => Some(a == b),
            "EQUAL" => Some(a.parse::<f64>().ok()? == b.parse::<f64>().ok()?),
            _ => None,
        }
    }

    /// A word by itself: a constant, or the variable it names.
    fn worth(&self, word: &Argument) -> Option<bool> {
        let text = expanded(&word.text, self.variables)?;
        if let Some(constant) = constant(&text) {
            return Some(constant);
        }
        match self.variables.get(&text) {
            Some(value) => value.as_deref().map(|v| constant(v).unwrap_or(true)),
            None if OTHERS.contains(&text.as_str()) || text.starts_with("MSVC") => Some(false),
            None => matches!(text.as_str(), "UNIX" | "LINUX").then_some(true),
        }
    }

    /// A side of a comparison: what a variable of that name holds, or the text.
    fn value(&self, side: &Argument) -> Value {
        let text = expanded(&side.text, self.variables)?;
        match self.variables.get(&text).filter(|_| !side.quoted) {
            Some(value) => value.clone(),
            None => Some(text),
        }
    }
}

/// Is it a name that only those who build set: no answer of the machine, of a package or of a check?
fn is_plain(name: &str) -> bool {
    !name.starts_with("HAVE_") && !name.contains("FOUND") && !name.contains("VERSION") && !name.contains("SIZEOF")
}
