//! `#if`: which branch the usual build takes.
//!
//! The generic grammar reads all branches where each is whole by itself. Branches that begin or end within a statement it cannot read:
//! such a file is read as the usual build sees it, with directives and the branches left out in blanks. Nothing moves: the text keeps its
//! length.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::named;
use compass_facts::reading::{error_bytes, parse};
use compass_facts::{Cancel, Language, Span};
use tree_sitter::Tree;

/// Symbols of the usual build.
const DEFINED: [&str; 2] = ["DEBUG", "TRACE"];

/// Conditions nested deeper than this are taken for false.
const DEEPEST: u32 = 64;

impl<'t> Reader<'t> {
    /// A branch, and the ones that are taken instead of it.
    pub(super) fn branch(&mut self, node: Node<'t>) {
        let condition = node.child_by_field_name("condition");
        named(node).into_iter().filter(|n| condition.is_none_or(|c| c.id() != n.id())).for_each(|child| self.statement(child));
    }
}

/// The tree of a text, or of what the usual build sees of it where that has fewer errors, and what is not seen then; `None` when
/// cancelled.
pub(crate) fn best_tree(language: Language, text: &str, tree: Tree, cancel: &Cancel) -> Option<(Tree, Vec<Span>)> {
    let other = parse(language, &blanked(text), cancel)?;
    if error_bytes(&other) >= error_bytes(&tree) {
        return Some((tree, Vec::new()));
    }
    let unseen = branches(text).into_iter().filter(|b| !b.kept && !b.span.of(text).trim().is_empty());
    Some((other, unseen.map(|b| b.span).collect()))
}

/// One branch between directives.
struct Branch {
    span: Span,
    /// Is it the one of its group that the usual build takes?
    taken: bool,
    /// Is it read where only one of a group can be? One that has no other is read though the usual build leaves it out.
    kept: bool,
}

/// All branches of a text, those within others too.
fn branches(text: &str) -> Vec<Branch> {
    let mut out: Vec<Branch> = Vec::new();
    let mut around: Vec<Vec<(usize, Option<bool>)>> = Vec::new();
    let mut at = 0u32;
    for line in text.split_inclusive('\n') {
        let end = at + line.len() as u32;
        if let Some((word, rest)) = directive(line) {
            if matches!(word, "elif" | "else" | "endif")
                && let Some((open, _)) = around.last().and_then(|g| g.last())
            {
                out[*open].span.end = at;
            }
            let condition = match word {
                "if" | "elif" => Some(Some(holds(rest))),
                "else" => Some(None),
                _ => None,
            };
            if word == "if" {
                around.push(Vec::new());
            }
            if let (Some(condition), Some(group)) = (condition, around.last_mut()) {
                group.push((out.len(), condition));
                out.push(Branch { span: Span { start: end, end: text.len() as u32 }, taken: false, kept: false });
            }
            if word == "endif"
                && let Some(group) = around.pop()
            {
                settle(&group, &mut out);
            }
        }
        at = end;
    }
    around.iter().for_each(|group| settle(group, &mut out));
    out
}

fn settle(group: &[(usize, Option<bool>)], branches: &mut [Branch]) {
    let taken = group.iter().find(|b| b.1.unwrap_or(true)).map(|b| b.0);
    if let Some(taken) = taken {
        branches[taken].taken = true;
    }
    if let Some(kept) = taken.or(group.first().map(|b| b.0)) {
        branches[kept].kept = true;
    }
}

/// The word of a directive and what follows it.
fn directive(line: &str) -> Option<(&str, &str)> {
    let directive = line.trim_start().strip_prefix('#')?.trim_start();
    Some(directive.split_at(directive.find(|c: char| !c.is_ascii_alphabetic()).unwrap_or(directive.len())))
}

/// What the usual build leaves out.
pub(super) fn left_out(text: &str) -> Vec<Span> {
    if !text.contains("#if") {
        return Vec::new();
    }
    branches(text).into_iter().filter(|b| !b.taken).map(|b| b.span).collect()
}

/// The text as the grammar can read it: directives and branches beside others in blanks, and the sign before what a pointer points to.
fn blanked(text: &str) -> String {
    let mut out = text.as_bytes().to_vec();
    let mut blank = |from: usize, to: usize| out[from..to].iter_mut().filter(|b| !matches!(**b, b'\n' | b'\r')).for_each(|b| *b = b' ');
    for branch in branches(text).iter().filter(|b| !b.kept) {
        blank(branch.span.start as usize, branch.span.end as usize);
    }
    let mut at = 0;
    for line in text.split_inclusive('\n') {
        if directive(line).is_some() {
            blank(at, at + line.len());
        }
        at += line.len();
    }
    for (i, _) in text.match_indices("(*(") {
        blank(i + 1, i + 2);
    }
    // Whole branches and lines of text were taken: what is left is text.
    String::from_utf8(out).unwrap_or_else(|_| text.to_owned())
}

/// Does a condition hold in the usual build?
fn holds(condition: &str) -> bool {
    let condition = condition.split("//").next().unwrap_or(condition);
    let mut tokens = tokens(condition);
    tokens.reverse();
    any(&mut tokens, 0)
}

fn tokens(text: &str) -> Vec<&str> {
    let mut out = Vec::new();
    let mut rest = text.trim_start();
    while let Some(first) = rest.chars().next() {
        let is_word = |c: char| c.is_alphanumeric() || c == '_';
        let end = match first {
            c if is_word(c) => rest.find(|c| !is_word(c)).unwrap_or(rest.len()),
            _ if ["&&", "||", "==", "!="].iter().any(|o| rest.starts_with(o)) => 2,
            c => c.len_utf8(),
        };
        out.push(&rest[..end]);
        rest = rest[end..].trim_start();
    }
    out
}

/// Alternatives; tokens are taken from the end.
fn any(tokens: &mut Vec<&str>, depth: u32) -> bool {
    let mut value = all(tokens, depth);
    while tokens.last() == Some(&"||") {
        tokens.pop();
        value |= all(tokens, depth);
    }
    value
}

fn all(tokens: &mut Vec<&str>, depth: u32) -> bool {
    let mut value = one(tokens, depth);
    while let Some(sign @ ("&&" | "==" | "!=")) = tokens.last().copied() {
        tokens.pop();
        let other = one(tokens, depth);
        value = match sign {
            "&&" => value && other,
            "==" => value == other,
            _ => value != other,
        };
    }
    value
}

fn one(tokens: &mut Vec<&str>, depth: u32) -> bool {
    if depth > DEEPEST {
        tokens.clear();
        return false;
    }
    match tokens.pop() {
        Some("!") => !one(tokens, depth + 1),
        Some("(") => {
            let value = any(tokens, depth + 1);
            if tokens.last() == Some(&")") {
                tokens.pop();
            }
            value
        }
        Some(word) => word == "true" || DEFINED.contains(&word),
        None => false,
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::defined("DEBUG", true)]
    #[case::not_defined("NET20", false)]
    #[case::negated("!NET20 && TRACE", true)]
    #[case::alternatives("NET20 || (DEBUG && !NET35)", true)]
    #[case::compared("DEBUG == false", false)]
    #[case::comment("NET20 // of old", false)]
    #[case::unfinished("!(", true)]
    fn conditions_hold_in_the_usual_build(#[case] condition: &str, #[case] wanted: bool) {
        assert_eq!(holds(condition), wanted);
    }

    #[test]
    fn hostile_conditions_end() {
        assert!(!holds(&"(".repeat(100_000)));
        holds(&"!".repeat(100_000));
    }

    #[rstest]
    #[case::one_of_several("a\n#if NET20\nü\n#elif DEBUG\nb\n#else\nc\n#endif\nd\n", &["a", "b", "d"], &["ü", "c"])]
    #[case::alone("a\n#if NET20\nb\n#endif\nc\n", &["a", "b", "c"], &["b"])]
    #[case::none_holds("#if NET20\na\n#elif NET35\nb\n#endif\n", &["a"], &["a", "b"])]
    #[case::within("#if DEBUG\na\n#if NET20\nb\n#else\nc\n#endif\n#else\nd\n#endif\n", &["a", "c"], &["b", "d"])]
    #[case::unfinished("a\n#if NET20\nb\n", &["a", "b"], &["b"])]
    #[case::pointers("(*(int*)p)++", &["(", "(int*)p)++"], &[])]
    fn what_is_left_out_becomes_blanks_of_the_same_length(#[case] text: &str, #[case] seen: &[&str], #[case] out: &[&str]) {
        let plain = blanked(text);
        assert_eq!(plain.len(), text.len());
        assert_eq!(plain.split_whitespace().collect::<Vec<_>>(), seen);
        assert_eq!(plain.matches('\n').count(), text.matches('\n').count());
        let mut spans = left_out(text);
        spans.sort_by_key(|s| s.start);
        assert_eq!(spans.iter().map(|s| s.of(text).trim()).collect::<Vec<_>>(), out);
    }
}
