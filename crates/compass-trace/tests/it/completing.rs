//! What is offered while a question is typed.

use crate::support::{ask, engine};
use compass_facts::Cancel;
use compass_trace::Engine;
use rstest::rstest;
use testkit::Project;

fn hollow() -> (Project, Engine) {
    let project = Project::with(&[
        ("planner/turn.py", "class Planner:\n    def plan_turn(self, rack):\n        return rack\n\n    def undo(self):\n        pass\n"),
        ("planner/rules.py", "from planner.turn import Planner\n\ndef plan_wash():\n    Planner().plan_turn(1)\n"),
        ("routes/my wheels.py", "def wheels():\n    pass\n"),
        ("native/probe.c", "int probe_level(void) { return 1; }\n"),
        ("amber-compass.toml", "[[layers]]\nname = \"service\"\npaths = [\"planner/**\"]\n\n[[layers]]\nname = \"native\"\npaths = [\"native/**\"]\n"),
    ]);
    let engine = engine(&project);
    (project, engine)
}

fn offered(engine: &Engine, before: &str) -> Vec<String> {
    engine.complete(before, 50, &Cancel::new()).expect("offers").offers.into_iter().map(|o| o.text).collect()
}

#[rstest]
#[case::beginnings("w", &["where is", "who", "what", "wheels"])]
#[case::a_relation("who c", &["calls"])]
#[case::a_name("who calls pl", &["plan_turn", "plan_wash", "Planner"])]
#[case::a_member("who calls Planner.un", &["Planner.undo"])]
#[case::a_place("where is pla", &["plan_turn", "Planner"])]
#[case::a_path("where is planner/", &["planner/rules.py", "planner/turn.py"])]
#[case::folders("who calls plan_turn in ", &["open", "native/", "planner/", "routes/"])]
#[case::below_a_folder("who calls plan_turn in planner/t", &["planner/turn.py"])]
#[case::a_file_by_its_name("outline of turn", &["planner/turn.py"])]
#[case::blanks_need_quotes("outline of routes/", &["\"routes/my wheels.py\""])]
#[case::a_layer("gaps layer s", &["service"])]
#[case::all_layers("gaps layer ", &["native", "service"])]
#[case::languages_that_are_here("gaps lang ", &["c", "python"])]
#[case::kinds("symbols pl kind me", &["method"])]
#[case::an_open_quote("outline of \"routes/my", &["\"routes/my wheels.py\""])]
#[case::nothing("who calls qqqqqqqqq", &[])]
#[case::free("text pl", &[])]
fn what_is_typed_is_carried_on(#[case] before: &str, #[case] wanted: &[&str]) {
    let (_project, engine) = hollow();
    let found = offered(&engine, before);
    assert!(wanted.iter().all(|w| found.iter().any(|f| f == w)), "{found:?}");
    assert!(!wanted.is_empty() || found.is_empty(), "{found:?}");
}

/// An offer put in the place of what was typed makes a question that is understood, or one that only goes on.
#[test]
fn offers_can_be_taken() {
    let (_project, engine) = hollow();
    for before in ["", "who calls pl", "who calls plan_turn in ", "outline of routes/m", "where is plan_turn ", "gaps layer ", "who uses Planner as "] {
        let offers = engine.complete(before, 50, &Cancel::new()).expect("offers");
        assert!(!offers.offers.is_empty(), "{before}");
        for offer in &offers.offers {
            let line = format!("{}{}", &before[..offers.from], offer.text);
            if let Err(error) = compass_trace::question::parse(&line) {
                assert!(error.message.contains("missing") || error.message.contains("between slashes"), "{line}: {}", error.message);
            }
        }
    }
    let offers = engine.complete("outline of routes/m", 5, &Cancel::new()).expect("offers");
    let line = format!("outline of {}", offers.offers[0].text);
    assert_eq!(ask(&engine, &line).total, 1, "{line}");
}

#[test]
fn no_more_than_asked_for_and_nothing_when_cancelled() {
    let (_project, engine) = hollow();
    assert_eq!(engine.complete("", 3, &Cancel::new()).expect("offers").offers.len(), 3);
    let cancel = Cancel::new();
    cancel.cancel();
    assert!(engine.complete("who calls pl", 9, &cancel).expect("offers").offers.is_empty());
}
