//! Items among the tokens of macro calls: `cfg_net! { pub mod socket; … }`, `trait_template! { pub trait Node { … } }`.
//!
//! The grammar leaves them unparsed. Where they read like items they are taken for such: most macros among items hand on what they are
//! given, with a condition or something added.

use compass_facts::reading::parse_part;
use compass_facts::reading::syntax::{Node, Tree};
use compass_facts::reading::tree::{find_child, named, span, words};
use compass_facts::{Cancel, Span};
use rustc_hash::FxHashMap;

/// Their trees, by where the brackets of the call open.
pub(super) type ItemsInMacros = FxHashMap<u32, Tree>;

/// Calls within calls are looked into so often.
const MOST_LEVELS: u32 = 4;

/// The items in calls of macros among the items of a file.
pub(super) fn in_macros(text: &str, tree: &Tree, cancel: &Cancel) -> ItemsInMacros {
    let mut out = ItemsInMacros::default();
    collect(text, tree, cancel, MOST_LEVELS, &mut out);
    out
}

fn collect(text: &str, tree: &Tree, cancel: &Cancel, levels: u32, out: &mut ItemsInMacros) {
    let mut open: Vec<Node> = vec![tree.root_node()];
    let mut found = Vec::new();
    while let Some(node) = open.pop() {
        for child in named(node) {
            match child.kind() {
                "macro_invocation" => found.extend(find_child(child, "token_tree").map(span)),
                "expression_statement" | "mod_item" | "impl_item" | "trait_item" | "declaration_list" | "ERROR" => open.push(child),
                _ => {}
            }
        }
    }
    for brackets in found {
        let inside = Span { start: brackets.start + 1, end: brackets.end.saturating_sub(1).max(brackets.start + 1) };
        if !may_hold_items(text, inside) {
            continue;
        }
        let Some(inner) = parse_part(crate::RUST, text, inside, cancel).filter(holds_items) else { continue };
        if levels > 0 {
            collect(text, &inner, cancel, levels - 1, out);
        }
        out.insert(brackets.start, inner);
    }
}

/// Does a word stand there that items begin with?
fn may_hold_items(text: &str, part: Span) -> bool {
    words(text, part).iter().any(|w| matches!(w.text, "fn" | "struct" | "enum" | "union" | "trait" | "impl" | "mod" | "const" | "static" | "type" | "use"))
}

/// Does it read like items, with more of them than of what cannot be read?
fn holds_items(tree: &Tree) -> bool {
    let (mut items, mut errors) = (0, 0);
    for child in named(tree.root_node()) {
        match child.kind() {
            "function_item"
            | "function_signature_item"
            | "struct_item"
            | "enum_item"
            | "union_item"
            | "trait_item"
            | "impl_item"
            | "mod_item"
            | "const_item"
            | "static_item"
            | "type_item"
            | "use_declaration" => items += 1,
            "attribute_item" | "inner_attribute_item" | "macro_invocation" | "macro_definition" | "empty_statement" | "line_comment" | "block_comment" => {}
            _ => errors += 1,
        }
    }
    items > errors
}
