//! Coverage-guided fuzzing of one reader: any bytes give facts, in bounded time and memory, that are the same when written and read back.
//!
//! `FUZZED_LANGUAGE` names the language; `scripts/fuzz` builds with coverage counters and gives each reader its time.

#![no_main]

use compass_facts::{Cancel, GapCause, Language, Source, read, tokens, wire};
use libfuzzer_sys::fuzz_target;
use std::sync::LazyLock;

static LANGUAGE: LazyLock<Language> = LazyLock::new(|| {
    languages::register();
    let wanted = std::env::var("FUZZED_LANGUAGE").unwrap_or_default();
    let known = Language::all().iter().copied().find(|l| l.word() == wanted);
    known.unwrap_or_else(|| panic!("FUZZED_LANGUAGE is {wanted:?}; known: {:?}", Language::all().iter().map(|l| l.word()).collect::<Vec<_>>()))
});

fuzz_target!(|bytes: &[u8]| {
    let Ok(source) = Source::decode(bytes.to_vec()) else { return };
    let facts = read(*LANGUAGE, &source, &Cancel::new()).expect("nobody cancelled it");
    let written = wire::encode(&facts).expect("facts can be written");
    assert!(wire::decode(&written).expect("what was written can be read") == facts, "other facts come back");
    let end = source.text.len() as u32;
    for gap in &facts.gaps {
        assert!(gap.cause != GapCause::Fault, "a reader panicked");
        assert!(gap.span.start <= gap.span.end && gap.span.end <= end, "a gap outside its file");
    }
    let is_within = |span: compass_facts::Span| span.start <= span.end && span.end <= end;
    for d in &facts.definitions {
        assert!(is_within(d.name_span) && is_within(d.whole) && d.body.is_none_or(is_within), "a definition outside its file: {d:?}");
    }
    for u in &facts.uses {
        assert!(is_within(u.span), "a use outside its file: {u:?}");
    }
    for token in tokens(*LANGUAGE, &source.text, &Cancel::new()) {
        assert!(token.span.start <= token.span.end && token.span.end <= end, "a token outside its file");
    }
});
