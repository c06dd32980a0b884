//! What a reader says of a text, in lines that tests compare.

use compass_facts::{Cancel, DefId, Definition, Facts, GapCause, Language, Source, read};

/// The facts of a text.
pub fn facts(language: Language, text: &str) -> Facts {
    let source = Source::decode(text.as_bytes().to_vec()).expect("text");
    read_soundly(language, &source)
}

/// The facts of a source.
///
/// # Panics
/// If the reader did: users get a gap then, tests must not.
pub fn read_soundly(language: Language, source: &Source) -> Facts {
    let facts = read(language, source, &Cancel::new()).expect("not cancelled");
    assert!(facts.gaps.iter().all(|g| g.cause != GapCause::Fault), "the reader of {} panicked", language.word());
    facts
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
