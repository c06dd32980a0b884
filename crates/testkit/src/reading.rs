//! What a reader says of a text, in lines that tests compare.

use compass_facts::{Cancel, DefId, Definition, Facts, Language, Source, read};

/// The facts of a text.
pub fn facts(language: Language, text: &str) -> Facts {
    let source = Source::decode(text.as_bytes().to_vec()).expect("text");
    read(language, &source, &Cancel::new()).expect("not cancelled")
}

/// `kind Container.name` of every named definition.
pub fn definitions(facts: &Facts) -> Vec<String> {
    let named = facts.definitions.iter().enumerate().filter(|(_, d)| !d.name_span.is_empty());
    let line = |(i, d): (usize, &Definition)| {
        let mut path: Vec<&str> = facts.container_path(DefId(i as u32));
        path.push(facts.name(d.name));
        format!("{} {}", d.kind.word(), path.join("."))
    };
    let mut all: Vec<(u32, String)> = named.map(|(i, d)| (d.name_span.start, line((i, d)))).collect();
    all.sort_by_key(|l| l.0);
    all.into_iter().map(|l| l.1).collect()
}

/// `role name` of every use, with `*` where the reader linked it.
pub fn uses(facts: &Facts) -> Vec<String> {
    facts.uses.iter().map(|u| format!("{} {}{}", u.role.word(), facts.name(u.name), if u.local.is_some() { "*" } else { "" })).collect()
}
