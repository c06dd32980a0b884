//! Answers of many rows: pages, filters by file, narrowing by path.

use crate::support::{ask, engine};
use compass_trace::{Answers, Context, Engine};
use rstest::rstest;
use testkit::Project;

/// 30 files in three folders with 20 uses of `turn` each.
fn hollow() -> (Project, Engine) {
    let project = Project::new();
    project.write("rack.py", "def turn(n):\n    return n\n");
    let body: String = (0..20).map(|n| format!("turn({n})\n")).collect();
    for (i, folder) in (0..30).map(|i| (i, ["board", "planner", "native"][i % 3])) {
        project.write(&format!("{folder}/use_{i:02}.py"), &format!("from rack import turn\n{body}"));
    }
    let engine = engine(&project);
    (project, engine)
}

fn places(answers: &Answers) -> Vec<(String, u32)> {
    answers.answers.iter().map(|a| (a.path.clone(), a.line)).collect()
}

#[rstest]
#[case::a_folder("who calls turn in planner/", 200)]
#[case::two_folders("who calls turn in planner/ in board/", 400)]
#[case::without("who calls turn outside native/", 400)]
#[case::a_language("who calls turn lang python", 600)]
#[case::a_unit("who calls turn in nowhere/", 0)]
#[case::by_row("who calls turn in planner/ only proven", 200)]
fn filters_by_file_count_what_they_leave(#[case] question: &str, #[case] total: u64) {
    let (_project, engine) = hollow();
    let answers = ask(&engine, question);
    assert_eq!((answers.total, answers.answers.len() as u64), (total, total.min(200)));
    let folders = ["planner/", "board/", "native/"].map(|f| answers.answers.iter().any(|a| a.path.starts_with(f)));
    assert!(total == 0 || folders.iter().any(|f| *f));
    assert!(!question.contains("in planner/ only") || folders == [true, false, false]);
}

/// Page after page gives all rows, once each, in one order.
#[rstest]
#[case::all("who calls turn", 600)]
#[case::of_a_folder("who calls turn in planner/ in board/", 400)]
fn pages_join_without_a_seam(#[case] question: &str, #[case] total: usize) {
    let (_project, engine) = hollow();
    let mut all = Vec::new();
    while all.len() < total {
        let page = places(&ask(&engine, &format!("{question} after {}", all.len())));
        assert!(!page.is_empty());
        all.extend(page);
    }
    let mut distinct = all.clone();
    distinct.sort();
    distinct.dedup();
    assert_eq!((all.len(), distinct.len()), (total, total));
}

#[rstest]
#[case::a_folder(&["planner"], 200)]
#[case::both_words(&["planner", "use_01"], 20)]
#[case::in_any_order(&["use_01", "planner"], 20)]
#[case::small_letters(&["use_"], 600)]
#[case::nothing(&["planner", "board"], 0)]
fn narrowing_looks_at_the_paths_of_all_rows(#[case] words: &[&str], #[case] total: u64) {
    let (_project, engine) = hollow();
    let narrow: Vec<String> = words.iter().map(|w| (*w).to_owned()).collect();
    let context = Context { narrow, ..Context::default() };
    for question in ["who calls turn", "who calls turn at least guessed", "text turn("] {
        let answers = engine.ask(question, &context).expect("answers");
        // The text stands in its own file, too.
        assert_eq!(answers.total, total, "{question}");
        assert!(answers.answers.iter().all(|a| words.iter().all(|w| a.path.contains(w))), "{question}");
    }
}

#[test]
fn of_few_rows_the_same() {
    let (_project, engine) = hollow();
    let context = Context { narrow: vec!["rack".to_owned()], ..Context::default() };
    assert_eq!(engine.ask("where is turn", &context).expect("answers").total, 1);
    assert_eq!(engine.ask("where is turn in board/", &context).expect("answers").total, 0);
}

#[test]
fn what_was_listed_last_is_not_taken_for_another_question() {
    let (project, engine_) = hollow();
    let total = |question: &str| ask(&engine_, question).total;
    let both = |question: &str| (total(question), total(question));
    assert_eq!(both("who calls turn"), (600, 600));
    assert_eq!(both("who uses turn as import"), (30, 30));
    assert_eq!(both("who calls turn in board/"), (200, 200));
    assert_eq!(both("who uses turn"), (630, 630), "calls and imports");
    assert_eq!(both("who calls turn or nothing_else"), (600, 600));
    // A newer index is asked anew.
    project.write("board/more.py", "from rack import turn\nturn(1)\n");
    assert_eq!(ask(&engine(&project), "who calls turn").total, 601);
}
