//! Misses by construct: what stands before the name that was asked about, and why there was no right answer. The next cause to mend is
//! chosen by its weight.

use std::collections::BTreeMap;
use std::path::Path;

/// A line of the scorer: an answer that is missing or wrong.
#[derive(Debug, Clone, PartialEq, Eq)]
struct Miss<'l> {
    role: &'l str,
    path: &'l str,
    line: usize,
    column: usize,
    /// The cause of a missing answer, the certainty of a wrong one.
    why: &'l str,
}

/// `none call a/b.rs:3:14 turn: right [...], answered [] ([{'cause': 'unit_absent', 'count': 1}])`,
/// `wrong call a/b.rs:3:14 turn: right [...], answered [...] (guessed)`.
fn parse(line: &str) -> Option<Miss<'_>> {
    let is_none = line.starts_with("none ");
    let rest = line.strip_prefix("none ").or_else(|| line.strip_prefix("wrong "))?;
    let (role, rest) = rest.split_once(' ')?;
    let (place, rest) = rest.split_once(' ')?;
    let mut parts = place.rsplitn(3, ':');
    let (column, number, path) = (parts.next()?.parse().ok()?, parts.next()?.parse().ok()?, parts.next()?);
    let why = if is_none {
        rest.rsplit_once("'cause': '").map_or("said nothing", |(_, cause)| cause.split('\'').next().unwrap_or(cause))
    } else {
        rest.rsplit_once('(').map_or("wrong", |(_, certainty)| certainty.trim_end_matches(')'))
    };
    Some(Miss { role, path, line: number, column, why })
}

/// What stands before a name on its line.
fn construct(before: &str) -> &'static str {
    let before = before.trim_end();
    let joint = ["?.", "->", "::", "."].into_iter().find(|j| before.ends_with(j));
    let Some(joint) = joint else { return "plain name" };
    let receiver = before[..before.len() - joint.len()].trim_end();
    match receiver.chars().last() {
        None => "a line that goes on",
        Some(')') => "of a call",
        Some(']') => "of an index",
        Some('?') => "of a value taken out",
        Some('"' | '\'' | '`') => "of a text",
        Some('>') => "of a type with arguments",
        Some(c) if c.is_alphanumeric() || c == '_' || c == '$' => {
            let start = receiver.rfind(|c: char| !(c.is_alphanumeric() || c == '_' || c == '$')).map_or(0, |i| i + 1);
            let is_member = receiver[..start].ends_with(['.', '>', ':']);
            match &receiver[start..] {
                "self" | "this" | "cls" | "super" | "Self" => "of the own object",
                _ if is_member => "of a member",
                word if word.starts_with(|c: char| c.is_uppercase()) || joint == "::" => "of a type or module",
                _ => "of a variable",
            }
        }
        Some(_) => "of an expression",
    }
}

/// A table of the misses among the lines of a scorer: rows by role and construct, the most frequent first.
pub fn table(lines: &str, corpus: &Path) -> String {
    let mut texts: BTreeMap<&str, Vec<String>> = BTreeMap::new();
    let mut counts: BTreeMap<(&str, &str, &str), u32> = BTreeMap::new();
    for miss in lines.lines().filter_map(parse) {
        let text = texts.entry(miss.path).or_insert_with(|| {
            // What cannot be read has no lines: its misses count as such.
            let bytes = std::fs::read(corpus.join(miss.path)).unwrap_or_default();
            String::from_utf8_lossy(&bytes).lines().map(str::to_owned).collect()
        });
        let before = text.get(miss.line.saturating_sub(1)).and_then(|l| l.get(..miss.column.saturating_sub(1)));
        *counts.entry((miss.role, before.map_or("unreadable", construct), miss.why)).or_default() += 1;
    }
    let mut rows: Vec<_> = counts.into_iter().collect();
    rows.sort_by_key(|(key, count)| (std::cmp::Reverse(*count), *key));
    let shown = rows.iter().take(30).map(|((role, construct, why), count)| format!("{count:>6}  {role:<6} {construct:<26} {why}\n"));
    shown.collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::none("none call a/b.rs:3:14 turn: right [('a/b.rs', 1)], answered [] ([{'cause': 'unit_absent', 'count': 1}])", "call", 14, "unit_absent")]
    #[case::wrong("wrong read x.py:10:2 turn: right [('x.py', 1)], answered [('y.py', 3)] (guessed)", "read", 2, "guessed")]
    fn lines_of_the_scorer_are_read(#[case] line: &str, #[case] role: &str, #[case] column: usize, #[case] why: &str) {
        let miss = parse(line).expect("a miss");
        assert_eq!((miss.role, miss.column, miss.why), (role, column, why));
    }

    #[rstest]
    #[case("    wash(", "plain name")]
    #[case("rack.", "of a variable")]
    #[case("self.rack->", "of a member")]
    #[case("this.", "of the own object")]
    #[case("racks[0].", "of an index")]
    #[case("find(1)?.", "of a call")]
    #[case("Rack::", "of a type or module")]
    #[case("  .", "a line that goes on")]
    fn constructs_are_told_by_what_stands_before(#[case] before: &str, #[case] wanted: &str) {
        assert_eq!(construct(before), wanted);
    }

    #[test]
    fn misses_are_counted_by_construct() {
        let folder = tempfile::tempdir().expect("a folder");
        std::fs::write(folder.path().join("x.py"), "rack.turn()\nturn()\n").expect("written");
        let line = |at: &str, why: &str| format!("none call x.py:{at} turn: right [], answered [] ([{{'cause': '{why}', 'count': 1}}])\n");
        let lines = line("1:6", "unit_absent") + &line("1:6", "unit_absent") + &line("2:1", "too_many") + "corpus role uses\n";
        let said = table(&lines, folder.path());
        assert_eq!(
            said.lines().map(|l| l.split_whitespace().collect::<Vec<_>>().join(" ")).collect::<Vec<_>>(),
            ["2 call of a variable unit_absent", "1 call plain name too_many"]
        );
    }
}
