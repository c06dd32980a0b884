//! Components of one file (`.vue`, `.svelte`): markup, style and script blocks. The script is read, at its own place.

use compass_facts::Span;
use compass_facts::profile::Component;

/// The scripts of a component; `None` for what is a script all through.
pub(crate) fn scripts_of(text: &str) -> Option<Component> {
    let begins = text.trim_start_matches('\u{feff}').trim_start();
    let is_markup = ["<template", "<script", "<style", "<!--", "<div", "<svelte:"].iter().any(|t| begins.starts_with(t));
    if !is_markup {
        return None;
    }
    let mut kept: Vec<Span> = Vec::new();
    let mut styles: Vec<Span> = Vec::new();
    let mut at = 0;
    while let Some((tag, body)) = block_from(text, at) {
        at = body.end as usize;
        if tag == "script" { kept.push(body) } else { styles.push(body) }
    }
    let mut bytes: Vec<u8> = text.bytes().map(|b| if b == b'\n' || b == b'\r' { b } else { b' ' }).collect();
    for span in &kept {
        let range = span.start as usize..span.end as usize;
        bytes[range.clone()].copy_from_slice(&text.as_bytes()[range]);
    }
    let mut markup = Vec::new();
    let mut from = 0;
    let mut others: Vec<Span> = kept.into_iter().chain(styles).collect();
    others.sort_by_key(|s| s.start);
    for span in others {
        markup.push(Span { start: from, end: span.start });
        from = span.end;
    }
    markup.push(Span { start: from, end: text.len() as u32 });
    // Blanks stand for bytes one by one: what is left is text, as scripts begin and end between letters.
    Some(Component { scripts: String::from_utf8(bytes).ok()?, markup })
}

/// The next script or style: its tag, and what stands between its tags.
fn block_from(text: &str, at: usize) -> Option<(&'static str, Span)> {
    let rest = text.get(at..)?;
    let (open, tag) = ["script", "style"].iter().filter_map(|tag| Some((find_tag(rest, tag)?, *tag))).min()?;
    let begin = open + rest[open..].find('>')? + 1;
    let end = rest[begin..].find(&format!("</{tag}")).map_or(rest.len(), |i| begin + i);
    Some((tag, Span { start: (at + begin) as u32, end: (at + end) as u32 }))
}

/// Where `<tag` begins, followed by no further letter.
fn find_tag(text: &str, tag: &str) -> Option<usize> {
    let open = format!("<{tag}");
    let ends = |i: &usize| text[i + open.len()..].starts_with([' ', '>', '\n', '\t', '\r']);
    text.match_indices(open.as_str()).map(|(i, _)| i).find(ends)
}

#[cfg(test)]
mod tests {
    use compass_facts::{Cancel, Source, read};

    const COMPONENT: &str = "<template>\n  <button @click=\"onTurn\">turn</button>\n</template>\n\n<script setup lang=\"ts\">\nimport { plan } from './plan'\nfunction onTurn(n: number) { plan(n) }\n</script>\n<style>.a { color: red }</style>\n";

    #[test]
    fn the_script_of_a_component_is_read_in_its_place() {
        let facts = read(crate::TYPESCRIPT, &Source::decode(COMPONENT.into()).expect("text"), &Cancel::new()).expect("facts");
        let turn = facts.definitions.iter().find(|d| facts.name(d.name) == "onTurn").expect("a function");
        assert_eq!(turn.name_span.of(COMPONENT), "onTurn");
        assert!(facts.gaps.is_empty(), "{:?}", facts.gaps);
        assert!(facts.uses.iter().any(|u| facts.name(u.name) == "plan" && u.span.of(COMPONENT) == "plan"));
    }

    #[test]
    fn names_in_markup_may_be_uses() {
        let facts = read(crate::TYPESCRIPT, &Source::decode(COMPONENT.into()).expect("text"), &Cancel::new()).expect("facts");
        let words: Vec<&str> = facts.hidden.iter().map(|n| facts.name(*n)).collect();
        assert!(words.contains(&"onTurn") && !words.contains(&"color"), "{words:?}");
    }

    #[test]
    fn a_script_alone_is_no_component() {
        assert!(super::scripts_of("<T>(x: T) => x;\n").is_none());
        assert!(super::scripts_of("export const a = 1;\n").is_none());
    }
}
