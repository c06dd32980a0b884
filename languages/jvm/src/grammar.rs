//! Texts that a generic grammar cannot read as they are written.

use compass_facts::reading::{error_bytes, parse};
use compass_facts::{Cancel, Language};
use tree_sitter::Tree;

/// The tree of a text; where the grammar fails, that of a text made easier if it fails less. What is made easier keeps every place, and names are
/// read off the text as it is written. One that is known to be misread without an error is made easier at once. `None` when cancelled.
pub(crate) fn best_tree(language: Language, text: &str, easier: fn(&str) -> String, is_misread: bool, cancel: &Cancel) -> Option<Tree> {
    if is_misread {
        return parse(language, &easier(text), cancel);
    }
    let tree = parse(language, text, cancel)?;
    if !tree.root_node().has_error() {
        return Some(tree);
    }
    let other = parse(language, &easier(text), cancel)?;
    Some(if error_bytes(&other) < error_bytes(&tree) { other } else { tree })
}
