//! Ampersands that stand for themselves in markup: `<p>salt & rack</p>`.
//!
//! The grammar takes each for the beginning of a character's name, and loses the whole element. Where a text has errors, ampersands in
//! them are put out of the way, byte for byte, and the text is parsed again; what has fewer errors then is kept.

use compass_facts::reading::parse;
use compass_facts::{Cancel, Language};

/// Each round frees the ampersands of the errors there are; markup within markup shows its own only then.
const MOST_ROUNDS: usize = 4;
/// Larger texts are not parsed again, in bytes.
const LARGEST: usize = 1 << 20;

/// The tree with the fewest errors; `None` when cancelled.
pub(crate) fn better_tree(language: Language, text: &str, tree: tree_sitter::Tree, cancel: &Cancel) -> Option<tree_sitter::Tree> {
    let mut best = tree;
    if text.len() > LARGEST {
        return Some(best);
    }
    let mut bytes = text.as_bytes().to_vec();
    for _ in 0..MOST_ROUNDS {
        let found = errors(&best);
        let mut changed = Vec::new();
        for range in &found {
            // The sign itself may stand right behind what the parser gave up on.
            let end = (range.end + 1).min(bytes.len());
            for at in range.start.min(end)..end {
                let begins_name = bytes.get(at + 1).is_some_and(|b| b.is_ascii_alphabetic() || *b == b'#');
                if bytes[at] == b'&' && !begins_name {
                    bytes[at] = b'_';
                    changed.push(at);
                }
            }
        }
        if changed.is_empty() {
            break;
        }
        let mut again = parse(language, std::str::from_utf8(&bytes).unwrap_or(text), cancel)?;
        // Only in markup does the sign stand for itself: elsewhere it is a mistake, and stays one.
        let in_markup = |at: &usize| again.root_node().descendant_for_byte_range(*at, *at + 1).is_some_and(|n| n.kind() == "jsx_text");
        let wrong: Vec<usize> = changed.iter().filter(|at| !in_markup(at)).copied().collect();
        if wrong.len() == changed.len() {
            break;
        }
        if !wrong.is_empty() {
            wrong.into_iter().for_each(|at| bytes[at] = b'&');
            again = parse(language, std::str::from_utf8(&bytes).unwrap_or(text), cancel)?;
        }
        if errors(&again).len() >= found.len() && again.root_node().has_error() {
            break;
        }
        best = again;
        if !best.root_node().has_error() {
            break;
        }
    }
    Some(best)
}

/// The outermost errors, in bytes.
fn errors(tree: &tree_sitter::Tree) -> Vec<std::ops::Range<usize>> {
    let mut found = Vec::new();
    let mut cursor = tree.walk();
    loop {
        let node = cursor.node();
        if node.is_error() || node.is_missing() {
            found.push(node.byte_range());
        } else if node.has_error() && cursor.goto_first_child() {
            continue;
        }
        while !cursor.goto_next_sibling() {
            if !cursor.goto_parent() {
                return found;
            }
        }
    }
}
