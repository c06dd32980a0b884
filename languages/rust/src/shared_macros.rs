//! `macro_rules!` of other files: where they stand in a text, and their rules.

use crate::macros::{MacroRules, tokens};
use crate::reader::made::{SharedRules, WrittenRules};
use compass_expand::SourceNo;
use compass_facts::surroundings::{FindMacro, MacroShape, SharedMacros, Surroundings, WrittenMacro};
use compass_facts::{Cancel, Facts, Span};
use rustc_hash::FxHasher;
use std::hash::{Hash, Hasher};
use std::ops::Range;
use std::sync::Arc;

const WORD: &str = "macro_rules!";

/// Any text but the one that is read.
const ELSEWHERE: SourceNo = SourceNo(1);

/// Macros by example, as the files of a tree share them.
#[derive(Debug)]
pub(crate) struct ByExample;

impl SharedMacros for ByExample {
    fn definitions(&self, text: &[u8], each: &mut dyn FnMut(&[u8], Range<usize>)) {
        for at in memchr::memmem::find_iter(text, WORD) {
            let name = skip_blanks(text, at + WORD.len());
            let end = text[name..].iter().position(|b| !(b.is_ascii_alphanumeric() || *b == b'_')).map_or(text.len(), |n| name + n);
            if end > name
                && let Some(close) = closing(text, end)
            {
                each(&text[name..end], name..close);
            }
        }
    }

    fn shape(&self, name: &str, find: &mut FindMacro) -> MacroShape {
        let mut rules = Vec::new();
        let mut hasher = FxHasher::default();
        for WrittenMacro { path, text } in find(name) {
            let whole = format!("{WORD} {text}");
            if let Some(read) = MacroRules::read(tokens(ELSEWHERE, &whole, Span::new(0, whole.len())), "crate") {
                (&path, &text).hash(&mut hasher);
                rules.push(WrittenRules { path, text, rules: Arc::new(read) });
            }
        }
        if rules.is_empty() {
            return MacroShape { digest: 0, value: None };
        }
        MacroShape { digest: hasher.finish() | 1, value: Some(Box::new(SharedRules(rules))) }
    }

    fn read(&self, text: &str, cancel: &Cancel, among: &dyn Surroundings) -> Option<Facts> {
        compass_facts::reading::read_by_grammar(crate::RUST, text, cancel, |text, tree, cancel| crate::reader::read_among(text, tree, cancel, among))
    }
}

fn skip_blanks(text: &[u8], from: usize) -> usize {
    text[from..].iter().position(|b| !b.is_ascii_whitespace()).map_or(text.len(), |n| from + n)
}

/// Behind the bracket that closes the first one from there on. Brackets in texts and comments count as well: rules hold few of these, and
/// a definition that ends elsewhere has no rules.
fn closing(text: &[u8], from: usize) -> Option<usize> {
    /// A definition is no longer than this.
    const MOST_BYTES: usize = 1 << 18;
    let mut depth = 0usize;
    for (n, byte) in text[from..].iter().enumerate().take(MOST_BYTES) {
        match byte {
            b'(' | b'[' | b'{' => depth += 1,
            b')' | b']' | b'}' => {
                depth = depth.checked_sub(1)?;
                if depth == 0 {
                    return Some(from + n + 1);
                }
            }
            _ => {}
        }
    }
    None
}
