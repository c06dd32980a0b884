//! What commands of the shell say as conditions, and which pattern of a `case` fits.

use super::{MAX_DEPTH, Value, Variables};

/// The usual system, for scripts that look at what they build for.
const SYSTEM: [(&str, &str); 14] = [
    ("host", "x86_64-pc-linux-gnu"),
    ("host_os", "linux-gnu"),
    ("host_cpu", "x86_64"),
    ("host_vendor", "pc"),
    ("host_alias", ""),
    ("target", "x86_64-pc-linux-gnu"),
    ("target_os", "linux-gnu"),
    ("target_cpu", "x86_64"),
    ("build", "x86_64-pc-linux-gnu"),
    ("build_os", "linux-gnu"),
    ("build_cpu", "x86_64"),
    ("canonical_host_type", "x86_64-pc-linux-gnu"),
    ("GCC", "yes"),
    ("cross_compiling", "no"),
];

/// Does a condition hold?
pub(super) fn holds(text: &str, variables: &Variables) -> Option<bool> {
    let words = words(text)?;
    let mut at = 0;
    let found = any(&words, &mut at, variables, 0);
    found.filter(|_| at == words.len())
}

/// A word with the values of variables put in, without its quotes; nothing where one is not known.
pub(super) fn expanded(word: &str, variables: &Variables) -> Value {
    let (mut out, mut rest, mut single) = (String::new(), word, false);
    while let Some(c) = rest.chars().next() {
        rest = &rest[c.len_utf8()..];
        match c {
            '\'' => single = !single,
            '"' if !single => {}
            '`' if !single => return None,
            '\\' if !single => {
                let next = rest.chars().next()?;
                out.push(next);
                rest = &rest[next.len_utf8()..];
            }
            '$' if !single => {
                let braced = rest.strip_prefix('{');
                let name = braced.unwrap_or(rest);
                let len = name.find(|c: char| !c.is_ascii_alphanumeric() && c != '_').unwrap_or(name.len());
                let behind = &name[len..];
                rest = if braced.is_some() { behind.strip_prefix('}')? } else { behind };
                out.push_str(&value(&name[..len], variables)?);
            }
            c => out.push(c),
        }
    }
    Some(out)
}

fn value(name: &str, variables: &Variables) -> Value {
    match variables.get(name) {
        Some(value) => value.clone(),
        None => SYSTEM.iter().find(|s| s.0 == name).map(|s| s.1.to_owned()),
    }
}

/// Does a pattern of `case` fit a text? Nothing for one with sets of letters.
pub(super) fn fits(pattern: &str, text: &str) -> Option<bool> {
    if pattern.contains(['[', '$', '`', '\\']) {
        return None;
    }
    let parts: Vec<&str> = pattern.split('*').collect();
    let (first, last) = (parts[0], parts[parts.len() - 1]);
    if pattern.contains('?') {
        return None;
    }
    if parts.len() == 1 {
        return Some(pattern == text);
    }
    let Some(mut rest) = text.strip_prefix(first) else { return Some(false) };
    for part in &parts[1..parts.len() - 1] {
        let Some(at) = rest.find(part) else { return Some(false) };
        rest = &rest[at + part.len()..];
    }
    Some(rest.ends_with(last))
}

/// The words of a command, with what parts commands as words of their own.
fn words(text: &str) -> Option<Vec<String>> {
    let mut out: Vec<String> = Vec::new();
    let (mut word, mut open): (String, Option<char>) = (String::new(), None);
    let mut letters = text.chars().peekable();
    while let Some(c) = letters.next() {
        match (c, open) {
            ('\n' | ';', None) => return None,
            (c, None) if c.is_whitespace() => out.extend(Some(std::mem::take(&mut word)).filter(|w| !w.is_empty())),
            ('&' | '|', None) if letters.peek() == Some(&c) => {
                letters.next();
                out.extend(Some(std::mem::take(&mut word)).filter(|w| !w.is_empty()));
                out.push(format!("{c}{c}"));
            }
            ('&' | '|', None) => return None,
            (c, Some(o)) => {
                word.push(c);
                open = open.filter(|_| c != o);
            }
            (c, None) => {
                word.push(c);
                open = matches!(c, '"' | '\'' | '`').then_some(c);
            }
        }
    }
    out.extend(Some(word).filter(|w| !w.is_empty()));
    Some(out)
}

/// Commands with `&&` and `||`, from the left.
fn any(words: &[String], at: &mut usize, variables: &Variables, depth: usize) -> Option<bool> {
    let mut out = command(words, at, variables, depth);
    while let Some(word) = words.get(*at) {
        let is_and = word == "&&";
        if !is_and && word != "||" {
            break;
        }
        *at += 1;
        let next = command(words, at, variables, depth);
        out = joined(out, next, is_and);
    }
    out
}

fn joined(a: Option<bool>, b: Option<bool>, is_and: bool) -> Option<bool> {
    match (a, b) {
        (Some(a), _) if a != is_and => Some(a),
        (_, Some(b)) if b != is_and => Some(b),
        (Some(_), Some(_)) => Some(is_and),
        _ => None,
    }
}

fn command(words: &[String], at: &mut usize, variables: &Variables, depth: usize) -> Option<bool> {
    let from = *at;
    while words.get(*at).is_some_and(|w| w != "&&" && w != "||") {
        *at += 1;
    }
    let all: Vec<&str> = words[from..*at].iter().map(String::as_str).collect();
    match all.as_slice() {
        _ if depth > MAX_DEPTH => None,
        ["!", rest @ ..] => test_command(rest, variables).map(|b| !b),
        rest => test_command(rest, variables),
    }
}

fn test_command(words: &[&str], variables: &Variables) -> Option<bool> {
    match words {
        ["true" | ":"] => Some(true),
        ["false"] => Some(false),
        ["test", rest @ ..] => test(rest, variables),
        ["[" | "[[", rest @ .., "]" | "]]"] => test(rest, variables),
        _ => None,
    }
}

/// What `test` compares: `-o` binds less than `-a`.
fn test(words: &[&str], variables: &Variables) -> Option<bool> {
    for (sign, is_and) in [("-o", false), ("-a", true)] {
        if let Some(at) = words.iter().position(|w| *w == sign).filter(|at| *at > 0) {
            return joined(test(&words[..at], variables), test(&words[at + 1..], variables), is_and);
        }
    }
    match words {
        ["!", rest @ ..] => test(rest, variables).map(|b| !b),
        ["-z", word] => Some(expanded(word, variables)?.is_empty()),
        ["-n", word] | [word] => Some(!expanded(word, variables)?.is_empty()),
        [a, "=" | "==", b] => Some(expanded(a, variables)? == expanded(b, variables)?),
        [a, "!=", b] => Some(expanded(a, variables)? != expanded(b, variables)?),
        [a, "-eq", b] => Some(expanded(a, variables)?.parse::<i64>().ok()? == expanded(b, variables)?.parse::<i64>().ok()?),
        [a, "-ne", b] => Some(expanded(a, variables)?.parse::<i64>().ok()? != expanded(b, variables)?.parse::<i64>().ok()?),
        _ => None,
    }
}

#[cfg(test)]
mod tests {
    use super::super::Mode;
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("test \"x$on\" = xyes", Some(true))]
    #[case("test \"$on\" != \"yes\"", Some(false))]
    #[case("test -z \"$none\" && test $on = yes", Some(true))]
    #[case("test $on = no || test $dark = a", None)]
    #[case("test $on = yes || test $dark = a", Some(true))]
    #[case("test $on = no -a $dark = a", Some(false))]
    #[case("[ \"$host_os\" = 'linux-gnu' ]", Some(true))]
    #[case("! test ${on} = yes", Some(false))]
    #[case("grep -q a b", None)]
    #[case("test \"`a`\" = b", None)]
    #[case("test $unheard = a", None)]
    fn conditions_hold_or_are_not_known(#[case] text: &str, #[case] wanted: Option<bool>) {
        let mut variables = Variables::default();
        variables.set("on", Some("yes".to_owned()), Mode::Done);
        variables.set("none", Some(String::new()), Mode::Done);
        variables.set("dark", None, Mode::Done);
        assert_eq!(holds(text, &variables), wanted);
    }

    #[rstest]
    #[case("*", "", Some(true))]
    #[case("*linux*", "x86_64-pc-linux-gnu", Some(true))]
    #[case("*mingw*", "x86_64-pc-linux-gnu", Some(false))]
    #[case("a*b*c", "a1b2c", Some(true))]
    #[case("yes", "yes", Some(true))]
    #[case("[yY]*", "yes", None)]
    fn patterns_fit(#[case] pattern: &str, #[case] text: &str, #[case] wanted: Option<bool>) {
        assert_eq!(fits(pattern, text), wanted);
    }
}
