//! Members without semicolons: where the grammar runs two of them into one.
//!
//! `a(): A` and, on the next line, `<T>(b: T): B` are two members of an interface, but the generic grammar reads `A<T>` and
//! is lost from there on. Where a file has errors it is read once more with a semicolon in place of such a line's end.
//! Nothing moves: the text keeps its length.

use compass_facts::reading::parse;
use compass_facts::{Cancel, Language};
use tree_sitter::{Node, Tree};

/// The tree of a text, or of the text with members told apart where that has fewer errors; `None` when cancelled.
pub(crate) fn best_tree(language: Language, text: &str, tree: Tree, cancel: &Cancel) -> Option<Tree> {
    let mut best = (errors(tree.root_node()), tree);
    for starts in [&b"<"[..], b"<[("] {
        if best.0 == 0 {
            break;
        }
        if let Some(parted) = parted(text, starts) {
            let tree = parse(language, &parted, cancel)?;
            let count = errors(tree.root_node());
            if count < best.0 {
                best = (count, tree);
            }
        }
    }
    Some(best.1)
}

/// Bytes in errors, and one for each token that is not there.
fn errors(node: Node) -> usize {
    if node.is_error() {
        return node.byte_range().len().max(1);
    }
    if node.is_missing() {
        return 1;
    }
    if !node.has_error() {
        return 0;
    }
    let mut cursor = node.walk();
    node.children(&mut cursor).map(errors).sum()
}

/// The text with a semicolon at the end of each line after which one begins with one of `starts` and a member may end.
fn parted(text: &str, starts: &[u8]) -> Option<String> {
    let mut out = text.as_bytes().to_vec();
    let mut changed = false;
    // What was last seen of code, and the line end after it.
    let (mut last, mut line_end) = (0u8, None);
    let mut at = 0;
    while at < out.len() {
        match out[at] {
            b'\n' => line_end = line_end.or(Some(at)),
            b' ' | b'\t' | b'\r' => {}
            b'/' if matches!(out.get(at + 1), Some(b'/')) => {
                at += text[at..].find('\n').unwrap_or(text.len() - at);
                continue;
            }
            b'/' if matches!(out.get(at + 1), Some(b'*')) => {
                at += text[at..].find("*/").map_or(text.len() - at, |end| end + 2);
                continue;
            }
            byte => {
                if let (Some(end), true) = (line_end, starts.contains(&byte) && ends_member(last)) {
                    out[end] = b';';
                    changed = true;
                }
                (last, line_end) = (byte, None);
            }
        }
        at += 1;
    }
    // One ASCII byte was put for another.
    changed.then(|| String::from_utf8(out).ok()).flatten()
}

fn ends_member(byte: u8) -> bool {
    byte.is_ascii_alphanumeric() || matches!(byte, b'_' | b'$' | b')' | b']' | b'}' | b'>' | b'"' | b'\'') || byte >= 0x80
}

#[cfg(test)]
mod tests {
    use super::*;
    use compass_facts::{Cancel, Facts, Source, read};
    use rstest::rstest;

    fn facts(language: Language, text: &str) -> Facts {
        read(language, &Source::decode(text.as_bytes().to_vec()).expect("text"), &Cancel::new()).expect("not cancelled")
    }

    #[rstest]
    #[case::call_signatures(
        "export interface Turn<A> {\n  // one\n  <T>(a: Box<A>): T\n\n  /** two */\n  <U extends A>(a: U): U\n}\nexport type Wheel = Turn<string>\n"
    )]
    #[case::index_after_member("export interface Turn {\n  size: Box\n  [key: string]: Box\n}\nexport type Wheel = Turn\n")]
    #[case::carriage_returns("export interface Turn {\r\n  (a: A): A\r\n  <T>(a: T): T\r\n}\r\nexport type Wheel = Turn\r\n")]
    fn members_without_semicolons_are_told_apart(#[case] text: &str) {
        let facts = facts(crate::TYPESCRIPT, text);
        assert_eq!(facts.gaps, [], "nothing is lost");
        let names: Vec<&str> = facts.definitions.iter().map(|d| facts.name(d.name)).collect();
        assert!(names.contains(&"Turn") && names.contains(&"Wheel"), "{names:?}");
        assert!(facts.definitions.iter().all(|d| d.name_span.of(text) == facts.name(d.name)), "places are those of the text");
    }

    #[rstest]
    #[case::a_call_over_lines("const a = turn\n  <T>(1);\nlet b ] 2 = ;\n")]
    #[case::markup("const a = (\n  <b>\n    text\n    <i/>\n  </b>\n);\nlet c ] 2 = ;\n")]
    #[case::unclosed_comment("let b ] 2 = ; /* x\n <")]
    fn what_is_wrong_anyhow_stays_so(#[case] text: &str) {
        assert!(!facts(crate::TSX, text).gaps.is_empty());
    }

    #[test]
    fn a_text_without_such_lines_is_not_read_twice() {
        assert_eq!(parted("interface A {\n  b: B\n  c: C\n}\n", b"<[("), None);
    }
}
