//! The preprocessor gives, token for token, what `gcc -E` gives.

use crate::support::Texts;
use crate::support::gcc_tokens;
use crate::support::predefined;
use compass_expand::SourceNo;
use language_c_family::preprocessor::Preprocessor;
use testkit::cases;
use testkit::has;

#[test]
fn every_case_gives_the_tokens_of_the_compiler() {
    if !has("gcc") {
        return;
    }
    let given = predefined();
    let dir = tempfile::tempdir().expect("a temporary folder");
    let file = dir.path().join("case.c");
    let mut wrong = Vec::new();
    let all = cases(include_str!("../cases/c_macros.txt"));
    assert!(all.len() >= 80, "{} cases", all.len());
    for (name, text) in &all {
        std::fs::write(&file, text).expect("writable");
        let mut texts = Texts::new(&[("case.c", text)]);
        let mut preprocessor = Preprocessor::new(&mut texts, &given, false);
        let ours: Vec<String> = preprocessor.run_all(SourceNo(0)).iter().map(|t| t.text.to_string()).collect();
        let theirs = gcc_tokens(&file);
        if ours != theirs {
            wrong.push(format!("{name}\n  ours   {}\n  theirs {}", ours.join(" "), theirs.join(" ")));
        }
    }
    assert!(wrong.is_empty(), "{} of {} cases differ:\n{}", wrong.len(), all.len(), wrong.join("\n"));
}
