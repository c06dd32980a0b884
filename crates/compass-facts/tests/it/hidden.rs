//! Words that no reader understood.

use compass_facts::{Cancel, Source, read};

#[test]
fn words_of_a_gap_are_kept_and_no_others() {
    let source = Source::decode(b"def whole():\n    return turn()\n\ndef broken(:\n    lost(wheel 3)\n".to_vec()).expect("text");
    let facts = read(languages::PYTHON, &source, &Cancel::new()).expect("facts");
    let words: Vec<&str> = facts.hidden.iter().map(|n| facts.name(*n)).collect();
    assert!(!facts.gaps.is_empty() && words.contains(&"broken") && !words.contains(&"turn"), "{words:?} {:?}", facts.gaps);
    assert!(!facts.hides_more);
}
