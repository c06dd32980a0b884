//! Where a file documents itself as a whole: its first comment that is neither a licence nor meant for a tool.

use compass_facts::{Cancel, Facts, ImportKind, Kind, Language, Span, TokenClass, tokens};
use regex::Regex;
use std::sync::LazyLock;

/// What documents a file stands at its beginning, in bytes.
const LARGEST_OPENING: usize = 32 << 10;

static LICENCE: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"(?i)copyright|\blicen[cs]e|SPDX-|all rights reserved|\(c\) *\d{4}|©").expect("a pattern"));
static SETTING: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"^(-\*-.*|(en)?coding[:=].*)$").expect("a pattern"));
static FOR_EDITORS: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"^(-\*-|\w+[:=]\S+|vim:|@generated|Code generated|Auto-?generated)").expect("a pattern"));

/// The documentation of a file as it stands there, its signs included; of a comment that ends in a licence what stands before that.
///
/// `attached` asks for a comment directly in front of the first word, as packages are documented where any of their files may do it.
pub(crate) fn opening(language: Language, text: &str, facts: &Facts, attached: bool) -> Option<String> {
    if let Some(own) = (language.profile().introduced.opening)(text) {
        return Some(own.of(text).to_owned()).filter(|t| !t.trim().is_empty());
    }
    if attached && !may_document_package(text, facts) {
        return None;
    }
    let end = (0..=LARGEST_OPENING.min(text.len())).rev().find(|i| text.is_char_boundary(*i))?;
    let head = &text[..end];
    comments(language, head).into_iter().find_map(|span| {
        if documents_a_part(facts, span) || attached && !is_attached(head, span) {
            return None;
        }
        let for_tools = language.profile().introduced.for_tools;
        without_licence(span.of(head)).map(|t| for_people(&t, for_tools).to_owned()).filter(|t| says_something(t, for_tools))
    })
}

/// Does something stand right above the place where a file says which package it is part of? A package has many files, and few do.
fn may_document_package(text: &str, facts: &Facts) -> bool {
    let said = facts.imports.iter().find(|i| i.kind == ImportKind::Within).and_then(|i| text.get(..i.span.start as usize));
    said.is_none_or(|before| {
        let gap = &before[before.trim_end().len()..];
        gap.len() < before.len() && gap.matches('\n').count() <= 1
    })
}

/// Does a comment belong to something the file defines? What is said of the one type of a file is said of the file.
fn documents_a_part(facts: &Facts, comment: Span) -> bool {
    let documented = facts.definitions.iter().find(|d| d.doc.is_some_and(|doc| doc.start < comment.end && comment.start < doc.end));
    let is_all = || facts.definitions.iter().filter(|d| d.container.is_none() && !d.kind.is_variable()).count() == 1;
    documented.is_some_and(|d| d.kind != Kind::Module && !(d.kind.is_type() && is_all()))
}

/// The comments in front of everything else; those that follow each other line by line are one.
fn comments(language: Language, head: &str) -> Vec<Span> {
    let mut out: Vec<Span> = Vec::new();
    // The first line may say what reads the file.
    let mut at = match head.starts_with("#!") && !head.starts_with("#![") || head.starts_with("<?") {
        true => head.find('\n').unwrap_or(head.len()),
        false => 0,
    };
    for token in tokens(language, head, &Cancel::new()) {
        if (token.span.end as usize) <= at {
            continue;
        }
        let between = head.get(at..token.span.start as usize).unwrap_or("");
        if token.class != TokenClass::Comment || !between.trim().is_empty() {
            break;
        }
        at = token.span.end as usize;
        for span in single(head, token.span) {
            let follows = |last: &Span| head[last.end as usize..span.start as usize].matches('\n').count() <= 1;
            match out.last_mut() {
                Some(last) if follows(last) && is_line(last.of(head)) && is_line(span.of(head)) => last.end = span.end,
                _ => out.push(span),
            }
        }
    }
    out
}

/// Some languages class comments that follow each other, and the end of the line, as one.
fn single(head: &str, token: Span) -> Vec<Span> {
    let mut out = Vec::new();
    let mut at = token.start as usize;
    while at < token.end as usize {
        let rest = &head[at..token.end as usize];
        let begins = at + rest.len() - rest.trim_start().len();
        let rest = rest.trim_start();
        let length = match rest.starts_with("/*") {
            true => rest.find("*/").map_or(rest.len(), |n| n + 2),
            false => rest.find("\n/*").or_else(|| rest.find("\n\n")).unwrap_or(rest.len()),
        };
        if !rest.is_empty() {
            out.push(Span::new(begins, begins + rest[..length].trim_end().len()));
        }
        at = begins + length.max(1);
    }
    out
}

fn is_line(comment: &str) -> bool {
    !comment.starts_with("/*") && !comment.starts_with("{-") && !comment.starts_with("#|")
}

/// Does code follow in the next line?
fn is_attached(head: &str, comment: Span) -> bool {
    let behind = &head[comment.end as usize..];
    let code = behind.trim_start();
    !code.is_empty() && behind[..behind.len() - code.len()].matches('\n').count() <= 1
}

/// A comment up to the paragraph that speaks of a licence.
fn without_licence(comment: &str) -> Option<String> {
    let Some(found) = LICENCE.find(comment) else { return Some(comment.to_owned()) };
    let is_empty = |line: &str| !line.chars().any(char::is_alphanumeric);
    let before = &comment[..found.start()];
    let kept: Vec<&str> = before.lines().collect();
    let end = kept.iter().rposition(|l| is_empty(l))?;
    let mut text = kept[..end].join("\n");
    if comment.starts_with("/*") {
        text.push_str("\n*/");
    }
    Some(text)
}

/// A comment without its first lines where these are settings.
fn for_people<'c>(comment: &'c str, for_tools: &[&str]) -> &'c str {
    let mut rest = comment;
    while let Some((line, behind)) = rest.split_once('\n') {
        let said = line.trim_start_matches(|c: char| !c.is_alphanumeric() && !matches!(c, '-' | '@' | '+')).trim();
        if !SETTING.is_match(said) && !for_tools.iter().any(|t| said.starts_with(t)) {
            break;
        }
        rest = behind;
    }
    rest
}

/// Is it written for people? A line for a tool is short, or begins with the tool's name.
fn says_something(comment: &str, for_tools: &[&str]) -> bool {
    let said = super::clean(comment);
    let words = said.split_whitespace().filter(|w| w.chars().any(char::is_alphabetic)).count();
    let said = said.trim_start();
    words >= 3 && !FOR_EDITORS.is_match(said) && !for_tools.iter().any(|t| said.starts_with(t))
}
