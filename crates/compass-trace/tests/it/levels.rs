//! `through N` for relations other than calls.

use crate::support::{ask, engine};
use compass_facts::Cancel;
use compass_trace::{AnswerError, Context};
use rstest::{fixture, rstest};
use testkit::Project;

const SHOP: &str = "class Base:\n    def cost(self):\n        return 0\n\n\nclass Cheese(Base):\n    def cost(self):\n        return 1\n\n\nclass Hard(Cheese):\n    aged = 1\n\n    def cost(self):\n        return 2\n\n\nclass Grana(Hard):\n    pass\n\n\ndef age(c: Hard):\n    c.aged = 2\n\n\ndef turn(c: Hard):\n    age(c)\n\n\ndef day(c: Hard):\n    turn(c)\n";

#[fixture]
fn shop() -> Project {
    Project::with(&[
        ("shop.py", SHOP),
        ("a.h", "#include \"b.h\"\nint a(void);\n"),
        ("b.h", "#include \"c.h\"\n"),
        ("c.h", "int c(void);\n"),
        ("main.c", "#include \"a.h\"\nint main(void) { return a(); }\n"),
        ("round_a.h", "#include \"round_b.h\"\n"),
        ("round_b.h", "#include \"round_a.h\"\n"),
    ])
}

/// Level, place and name or the function around.
fn rows(project: &Project, question: &str) -> Vec<String> {
    let answers = ask(&engine(project), question);
    let name = |a: &compass_trace::Answer| a.enclosing.clone().filter(|_| a.role.is_some()).or_else(|| a.name.clone()).unwrap_or_default();
    answers.answers.iter().map(|a| format!("{} {}:{} {}", a.level.unwrap_or(0), a.path, a.line, name(a)).trim_end().to_owned()).collect()
}

#[rstest]
#[case::derived("who extends Base through 2", &["1 shop.py:6 Cheese", "2 shop.py:11 Hard"])]
#[case::all_derived("who extends Base through all", &["1 shop.py:6 Cheese", "2 shop.py:11 Hard", "3 shop.py:18 Grana"])]
#[case::bases("what does Grana extend through all", &["1 shop.py:11 Hard", "2 shop.py:6 Cheese", "3 shop.py:1 Base"])]
#[case::includers("who includes c.h through all", &["1 b.h:1 c.h", "2 a.h:1 b.h", "3 main.c:1 a.h"])]
#[case::includers_of_two_levels("who includes c.h through 2", &["1 b.h:1 c.h", "2 a.h:1 b.h"])]
#[case::included("what does main.c include through 2", &["1 main.c:1 a.h", "2 a.h:1 b.h"])]
#[case::writers_and_their_callers("who writes Hard.aged through 3", &["1 shop.py:12 Hard", "1 shop.py:23 age", "2 shop.py:27 turn", "3 shop.py:31 day"])]
#[case::written_by_what_is_called("what does day write through all", &["3 shop.py:23 age"])]
#[case::overriding("who overrides Base.cost through 2", &["1 shop.py:7 Cheese.cost", "1 shop.py:14 Hard.cost"])]
fn relations_go_level_by_level(shop: Project, #[case] question: &str, #[case] wanted: &[&str]) {
    assert_eq!(rows(&shop, question), wanted);
}

#[rstest]
fn what_is_defined_in_what_is_defined(shop: Project) {
    let found = rows(&shop, "what does shop.py define through 2");
    assert!(found.contains(&"1 shop.py:11 Hard".to_owned()) && found.contains(&"2 shop.py:14 Hard.cost".to_owned()), "{found:?}");
}

#[rstest]
fn circles_end_and_are_told(shop: Project) {
    let answers = ask(&engine(&shop), "who includes round_a.h through all");
    assert_eq!(answers.total, 2);
    assert!(answers.notes.iter().any(|n| n.contains("lead back")), "{:?}", answers.notes);
}

#[rstest]
fn rows_say_what_they_hang_on_and_filters_hold(shop: Project) {
    let answers = ask(&engine(&shop), "who extends Base through all");
    assert_eq!(answers.answers[1].via.as_deref(), Some("Cheese"), "{:?}", answers.answers[1]);
    assert_eq!(ask(&engine(&shop), "who includes c.h through all in a.h").total, 1);
    assert_eq!(ask(&engine(&shop), "who extends Base through all at most 1").answers.len(), 1);
    assert_eq!(ask(&engine(&shop), "who extends nothing_at_all through 2").total, 0);
}

#[test]
fn what_is_too_much_is_cut_and_the_answer_says_so() {
    let many: String = (0..5_001).map(|i| format!("class Slot{i}:\n    at = {i}\n")).collect();
    let answers = ask(&engine(&Project::with(&[("rack.py", &many)])), "what does rack.py define through 2");
    assert_eq!((answers.total, answers.complete), (5_000, false));
    assert!(answers.notes.iter().any(|n| n.contains("narrow the question")), "{:?}", answers.notes);
}

#[rstest]
fn somebody_may_ask_to_stop(shop: Project) {
    let cancel = Cancel::new();
    cancel.cancel();
    let context = Context { cancel, ..Context::default() };
    let stopped = engine(&shop).ask("who includes c.h through all", &context);
    assert!(matches!(stopped, Err(AnswerError::Cancelled)), "{stopped:?}");
}
