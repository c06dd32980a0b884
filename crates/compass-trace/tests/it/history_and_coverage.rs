//! Who tests what, how the tests came out, what is unusual about definitions, and what follows from a change.

use crate::support::{ask, engine, places};
use compass_trace::history_and_coverage::{CaseState, Unusual};
use compass_trace::{AnswerError, Context, Engine};
use rstest::{fixture, rstest};
use testkit::Project;

/// Racks with tests in two languages, and a report in which one of them fails.
#[fixture]
fn racks() -> Project {
    Project::with(&[
        ("pyproject.toml", "[project]\nname = 'racks'\n"),
        (
            "rack.py",
            "class Rule:\n    def rank(self, slot):\n        return weigh(slot)\n\n\ndef weigh(slot):\n    return -slot\n\n\ndef wash(rack):\n    return rack\n\n\ndef _forgotten():\n    pass\n",
        ),
        (
            "tests/test_rack.py",
            "from rack import Rule, wash\n\n\ndef test_heavy_go_low():\n    assert Rule().rank(1) == 1\n\n\ndef test_washing():\n    assert wash(1)\n\n\ndef test_later():\n    wash(2)\n",
        ),
        ("shelf.go", "package shelf\n\nfunc Free(n int) int { return n }\n"),
        ("shelf_test.go", "package shelf\n\nimport \"testing\"\n\nfunc TestFree(t *testing.T) { Free(1) }\n"),
        ("board/turn.ts", "export function paint() {}\n"),
        ("board/turn.test.ts", "import { paint } from './turn';\nit('paints', () => { paint(); });\n"),
        (
            "test-results/py.xml",
            "<testsuite><testcase classname='tests.test_rack' name='test_heavy_go_low'><failure message='assert -1 == 1'/></testcase>\
             <testcase classname='tests.test_rack' name='test_washing[1]'/><testcase classname='tests.test_rack' name='test_later'><skipped/></testcase></testsuite>",
        ),
        ("board/junit.xml", "<testsuite name='board/turn.test.ts'><testcase name='paints'/></testsuite>"),
    ])
}

/// Tests of a symbol with their states, and how many calls they are away.
fn tests_of(engine: &Engine, name: &str) -> Vec<(String, Option<CaseState>, Option<u32>)> {
    let context = Context::default();
    let testing = engine.testing(&context).expect("reports");
    let symbol = ask(engine, &format!("where is {name}")).answers[0].symbol.expect("a symbol");
    let tests = testing.covering(engine, symbol, &context).expect("tests");
    tests.into_iter().map(|t| (t.test.name.unwrap_or(t.test.path), t.state, t.calls)).collect()
}

#[rstest]
fn tests_are_found_by_calls_with_their_state(racks: Project) {
    let engine = engine(&racks);
    assert_eq!(tests_of(&engine, "weigh"), [("test_heavy_go_low".to_owned(), Some(CaseState::Failed), Some(2))]);
    assert_eq!(
        tests_of(&engine, "wash"),
        [("test_later".to_owned(), Some(CaseState::Skipped), Some(1)), ("test_washing".to_owned(), Some(CaseState::Passed), Some(1))]
    );
    assert_eq!(tests_of(&engine, "Free"), [("TestFree".to_owned(), None, Some(1))], "no report has it");
    assert_eq!(tests_of(&engine, "paint"), [("turn.test".to_owned(), Some(CaseState::Passed), Some(1))], "the file stands for its tests");
    assert_eq!(tests_of(&engine, "_forgotten"), []);
}

#[rstest]
fn who_tests_says_how_they_came_out(racks: Project) {
    let engine = engine(&racks);
    let found = ask(&engine, "who tests weigh");
    assert_eq!(places(&found), ["tests/test_rack.py:4"]);
    let told = found.answers[0].evidence.last().expect("the report");
    assert_eq!(told.text, "fails: assert -1 == 1");
    assert!(told.path.ends_with("test-results/py.xml"), "{}", told.path);
    assert_eq!(ask(&engine, "who tests _forgotten").total, 0);
    racks.remove("test-results/py.xml");
    let without = ask(&engine, "who tests weigh");
    assert_eq!(without.answers[0].evidence.last().map(|e| e.text.as_str()), Some("no report has it"), "reports are looked at again");
    racks.remove("board/junit.xml");
    assert!(ask(&engine, "who tests weigh").notes.iter().any(|n| n.contains("no report of tests was found")));
}

#[rstest]
fn a_test_that_changed_since_its_report_is_told(racks: Project) {
    let report = racks.root().join("test-results/py.xml");
    let long_ago = std::time::SystemTime::now() - std::time::Duration::from_secs(3600);
    std::fs::File::options().write(true).open(report).and_then(|f| f.set_modified(long_ago)).expect("older");
    let found = ask(&engine(&racks), "who tests weigh");
    assert!(found.answers[0].evidence.last().is_some_and(|e| e.text.contains("its file changed since")));
}

#[rstest]
fn reports_of_the_settings_are_read_too(racks: Project) {
    racks.write("amber-compass.toml", "reports = ['out/*.xml']\n");
    racks.write("out/go.xml", "<testsuite><testcase classname='shelf' name='TestFree'><error>no room</error></testcase></testsuite>");
    assert_eq!(tests_of(&engine(&racks), "Free"), [("TestFree".to_owned(), Some(CaseState::Failed), Some(1))]);
}

fn notes(engine: &Engine, path: &str, changed: &[(u32, u32)]) -> Vec<(u32, Unusual)> {
    let testing = engine.testing(&Context::default()).expect("reports");
    let file = engine.index().find_path(path).expect("a file");
    testing.sidenotes(engine, file, changed, &Context::default()).expect("notes").into_iter().map(|n| (n.line, n.what)).collect()
}

#[rstest]
fn only_what_is_unusual_has_a_note(racks: Project) {
    let failing = || Unusual::Failing("test_heavy_go_low".to_owned(), 0);
    let engine = engine(&racks);
    assert_eq!(notes(&engine, "rack.py", &[(11, 11)]), [(1, failing()), (2, failing()), (6, failing()), (10, Unusual::Changed), (14, Unusual::Unused)]);
    assert_eq!(notes(&engine, "shelf.go", &[]), [], "what others could use is not said to be unused");
}

#[rstest]
fn lines_that_no_test_ran_are_told(racks: Project) {
    racks.write("coverage/lcov.info", "TN:test_washing\nSF:rack.py\nDA:3,0\nDA:7,0\nDA:11,2\nend_of_record\n");
    racks.remove("test-results/py.xml");
    let engine = engine(&racks);
    assert_eq!(notes(&engine, "rack.py", &[]), [(2, Unusual::NeverRun), (6, Unusual::NeverRun), (14, Unusual::Unused)]);
    assert!(tests_of(&engine, "wash").contains(&("test_washing".to_owned(), None, Some(1))));
}

#[rstest]
fn what_follows_is_uses_kin_and_tests(racks: Project) {
    racks.write("heavy.py", "from rack import Rule\n\n\nclass Heavy(Rule):\n    def rank(self, slot):\n        return 0\n");
    let engine = engine(&racks);
    let found = ask(&engine, "what follows from Rule.rank");
    let told: Vec<(String, String)> =
        found.answers.iter().map(|a| (format!("{}:{}", a.path, a.line), a.evidence.last().map(|e| e.text.clone()).unwrap_or_default())).collect();
    assert!(told.contains(&("heavy.py:5".to_owned(), "stands in for it".to_owned())), "{told:?}");
    assert!(told.contains(&("tests/test_rack.py:4".to_owned(), "fails: assert -1 == 1".to_owned())), "{told:?}");
    assert!(told.iter().any(|t| t.0 == "tests/test_rack.py:5"), "the call itself: {told:?}");
    let derived = ask(&engine, "what follows from Rule");
    assert!(derived.answers.iter().any(|a| a.path == "heavy.py" && a.evidence.last().is_some_and(|e| e.text == "is derived from it")));
}

#[test]
fn what_follows_reaches_further_with_the_weakest_link() {
    let project = Project::with(&[(
        "larder.py",
        "def weigh(crate):\n    return 1\n\n\ndef wrap(crate):\n    return weigh(crate)\n\n\nSTEPS = {\"wrap\": wrap}\n\n\ndef step(name, crate):\n    return STEPS[name](crate)\n\n\ndef night(crate):\n    return step(\"wrap\", crate)\n\n\ndef other(crate):\n    return crate\n",
    )]);
    let engine = engine(&project);
    let found = ask(&engine, "what follows from weigh");
    let further: Vec<(u32, &str, &str)> =
        found.answers.iter().filter_map(|a| Some((a.level?, a.name.as_deref()?, a.certainty.map_or("", |c| c.word())))).collect();
    assert_eq!(further, [(2, "step", "inferred"), (3, "night", "inferred")]);
    assert!(found.answers.iter().any(|a| a.remark.as_deref() == Some("through wrap")));
    assert!(!found.answers.iter().any(|a| a.name.as_deref() == Some("other")));
}

#[rstest]
fn what_follows_from_changes_since_a_commit(racks: Project) {
    let repository = git2::Repository::init(racks.root()).expect("a repository");
    let mut index = repository.index().expect("an index");
    index.add_all(["*"], git2::IndexAddOption::DEFAULT, None).expect("added");
    let tree = repository.find_tree(index.write_tree().expect("a tree")).expect("a tree");
    let who = git2::Signature::new("Ansa Pell", "ansa@larder-hollow.example", &git2::Time::new(1_700_000_000, 0)).expect("somebody");
    repository.commit(Some("HEAD"), &who, &who, "Racks", &tree, &[]).expect("a commit");
    racks.write(
        "rack.py",
        "class Rule:\n    def rank(self, slot):\n        return weigh(slot)\n\n\ndef weigh(slot):\n    return slot\n\n\ndef wash(rack):\n    return rack\n",
    );
    let engine = engine(&racks);
    let found = ask(&engine, "what follows from changes since HEAD");
    let at = places(&found);
    assert!(at.contains(&"rack.py:3".to_owned()) && at.contains(&"tests/test_rack.py:4".to_owned()), "{at:?}");
    assert!(!at.contains(&"tests/test_rack.py:9".to_owned()), "washing is what it was: {at:?}");
    let wrong = engine.ask("what follows from changes since yesterday", &Context::default());
    assert!(matches!(wrong, Err(AnswerError::Git(_))), "{wrong:?}");
}
