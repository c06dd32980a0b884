//! Ways between symbols: against a search that tries everything, and the reasons where there are none.

use crate::support::{ask, engine};
use proptest::prelude::*;
use rstest::rstest;
use std::collections::BTreeSet;
use testkit::Project;

/// A program of functions that call each other.
fn program(calls: &[Vec<usize>]) -> String {
    let one = |(n, callees): (usize, &Vec<usize>)| {
        let body: String = callees.iter().map(|c| format!("    f{c} ();\n")).collect();
        format!("void f{n} (void)\n{{\n{body}}}\n\n")
    };
    let declared: String = (0..calls.len()).map(|n| format!("void f{n} (void);\n")).collect();
    declared + &calls.iter().enumerate().map(one).collect::<String>()
}

/// All ways of at most so many calls that pass no function twice.
fn all_ways(calls: &[Vec<usize>], from: usize, to: usize, most: usize) -> BTreeSet<Vec<usize>> {
    let mut out = BTreeSet::new();
    let mut open = vec![vec![from]];
    while let Some(way) = open.pop() {
        let last = way[way.len() - 1];
        if last == to {
            out.insert(way);
        } else if way.len() <= most {
            open.extend(calls[last].iter().filter(|c| !way.contains(c)).map(|c| [way.as_slice(), &[*c]].concat()));
        }
    }
    out
}

fn named(answers: &compass_trace::Answers) -> BTreeSet<Vec<usize>> {
    let number = |name: &str| name[1..].parse().expect("a number");
    let way = |a: &compass_trace::Answer| {
        let steps = a.steps.as_ref().expect("steps");
        let mut way = vec![number(a.name.as_deref().expect("a start"))];
        way.extend(steps[..steps.len() - 1].iter().map(|s| number(s.name.as_deref().expect("a callee"))));
        way
    };
    answers.answers.iter().map(way).collect()
}

proptest! {
    #![proptest_config(ProptestConfig { cases: 64, ..ProptestConfig::default() })]

    #[test]
    fn ways_are_those_that_trying_everything_finds(calls in prop::collection::vec(prop::collection::btree_set(0..9usize, 0..4), 9), most in 1..6usize) {
        let calls: Vec<Vec<usize>> = calls.into_iter().map(|c| c.into_iter().collect()).collect();
        let project = Project::with(&[("calls.c", &program(&calls))]);
        let engine = engine(&project);
        for to in 1..4 {
            let every = all_ways(&calls, 0, to, 9);
            let shortest = every.iter().map(Vec::len).min();
            let expected: BTreeSet<Vec<usize>> = every.iter().filter(|w| Some(w.len()) == shortest).cloned().collect();
            prop_assert_eq!(named(&ask(&engine, &format!("how does f0 reach f{to}"))), expected, "shortest to f{} of {:?}", to, &calls);
            let bounded: BTreeSet<Vec<usize>> = all_ways(&calls, 0, to, most);
            prop_assert_eq!(named(&ask(&engine, &format!("how does f0 reach f{to} through {most}"))), bounded, "to f{} in {}: {:?}", to, most, &calls);
        }
    }
}

/// A line of barrels that is cut in the middle.
fn cut_in_the_middle() -> Project {
    // So many methods of one name that none is guessed.
    let others: String = (0..80).map(|n| format!("class Cask{n}:\n    def drain(self, much):\n        pass\n\n\n")).collect();
    let cellar = "def begin(tap):\n    fill(tap)\n\n\ndef fill(tap):\n    tap.drain(1)\n";
    let barrels = "class Barrel:\n    def drain(self, much):\n        finish()\n\n\ndef finish():\n    pass\n\n\ndef alone():\n    pass\n";
    Project::with(&[("cellar.py", cellar), ("barrels.py", barrels), ("casks.py", &others)])
}

#[test]
fn where_a_way_is_missing_both_sides_are_told_and_what_may_join_them() {
    let project = cut_in_the_middle();
    let answers = ask(&engine(&project), "how does begin reach finish");
    assert_eq!((answers.total, answers.complete), (0, false), "{:?}", answers.answers);
    for said in ["begin leads to 1 symbol, as far as fill (cellar.py:5, 1 step)", "as far as Barrel.drain (barrels.py:2, 1 step)", "drain at cellar.py:6"] {
        assert!(answers.notes.iter().any(|n| n.contains(said)), "{said} in {:?}", answers.notes);
    }
}

#[test]
fn what_only_guesses_reach_is_not_complete() {
    let project = Project::with(&[("cellar.py", "def begin(tap):\n    tap.drain(1)\n\n\nclass Barrel:\n    def drain(self, much):\n        pass\n")]);
    let answers = ask(&engine(&project), "how does begin reach drain");
    assert_eq!((answers.total, answers.complete, answers.answers[0].certainty_word()), (1, false, Some("guessed")));
}

#[rstest]
#[case::nothing_leads_on("how does alone reach finish", "leads to nothing else")]
#[case::nothing_leads_there("how does fill reach alone", "is reached from nothing else")]
fn an_end_without_neighbours_is_told(#[case] question: &str, #[case] said: &str) {
    let project = cut_in_the_middle();
    let answers = ask(&engine(&project), question);
    assert_eq!(answers.total, 0);
    assert!(answers.notes.iter().any(|n| n.contains(said)), "{:?}", answers.notes);
}

#[test]
fn calls_elsewhere_do_not_count_where_everything_is_known_that_a_start_leads_to() {
    let project = Project::with(&[
        ("begin.py", "def begin():\n    middle()\n\n\ndef middle():\n    pass\n"),
        ("end.py", "class End:\n    def finish(self):\n        pass\n"),
        ("other.py", "def other(thing):\n    thing.finish()\n"),
    ]);
    let engine = engine(&project);
    let answers = ask(&engine, "how does begin reach finish");
    assert_eq!((answers.total, answers.complete), (0, true), "{:?} {:?}", answers.missing, answers.notes);
    let answers = ask(&engine, "how does other reach finish");
    assert!(answers.total > 0 || !answers.complete, "the call in other has no target");
}

#[test]
fn a_call_of_what_a_field_holds_keeps_an_answer_open() {
    let project = Project::with(&[(
        "tap.c",
        "struct tap { int (*turn) (int); };\nint shut (int n) { return n; }\nint open_tap (struct tap *t) { return t->turn (1); }\n",
    )]);
    let answers = ask(&engine(&project), "how does open_tap reach shut");
    assert_eq!((answers.total, answers.complete), (0, false));
    assert!(answers.missing.iter().any(|m| m.cause == "dynamic"), "{:?}", answers.missing);
}

#[rstest]
#[case::calls_of_the_macro("what does turn_all call", false)]
#[case::over_another_macro("what does turn_both call", false)]
#[case::a_macro_that_puts_nothing_together("what does turn_one call", true)]
fn what_a_macro_calls_by_a_name_it_puts_together_is_missing(#[case] question: &str, #[case] complete: bool) {
    let text = "int turn_left (void) { return 1; }\n#define TURN(way) turn_##way ()\n#define BOTH TURN (left)\n#define ONE turn_left ()\nint turn_all (void) { return TURN (left); }\nint turn_both (void) { return BOTH; }\nint turn_one (void) { return ONE; }\n";
    let answers = ask(&engine(&Project::with(&[("turn.c", text)])), question);
    assert_eq!(answers.complete, complete, "{:?}", answers.missing);
    assert_eq!(answers.missing.iter().any(|m| m.cause == "macro_made"), !complete);
}

#[test]
fn a_call_into_a_package_that_is_not_here_keeps_an_answer_open() {
    let text = "import framework\n\n\n@framework.handler\ndef finish():\n    pass\n\n\ndef begin():\n    framework.dispatch('finish')\n";
    let answers = ask(&engine(&Project::with(&[("app.py", text)])), "how does begin reach finish");
    assert_eq!((answers.total, answers.complete), (0, false), "{:?}", answers.notes);
    assert!(answers.missing.iter().any(|m| m.cause == "unit_absent"), "{:?}", answers.missing);
}
