//! What a session is asked, one thing at a time.

use compass_facts::Cancel;
use compass_index::plan::{Deps, Options};
use compass_index::{Certainty, Disk, Silent};
use compass_session::chains::Shown;
use compass_session::page::{LineEnd, Spot};
use compass_session::unfolding::{UnfoldingError, unfolding};
use compass_session::{Failure, Session, request};
use compass_trace::{AnswerKind, Context};
use rstest::{fixture, rstest};
use std::cell::Cell;
use std::sync::Mutex;
use testkit::Project;

const RACK: &str = "#define TURN(w) spin((w), 1)\n\nint spin(int wheel, int by);\n\nint turn(int wheel) {\r\n    return TURN(wheel);\n}\n\nint serve(void) { return turn(3); }";

#[fixture]
fn rack() -> Project {
    let project = Project::with(&[("rack.c", RACK), ("spin.c", "int spin(int wheel, int by) {\n    return wheel + by;\n}\n")]);
    renew(&project);
    project
}

fn renew(project: &Project) {
    let options = Options { roots: vec![project.root()], deps: Deps::None, ..Default::default() };
    let request = request(options, project.index(), Some(project.home()));
    compass_index::refresh::run(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
}

fn opened(project: &Project) -> Session {
    Session::open(&project.index()).expect("an index")
}

fn at(path: &str, line: u32, column: u32) -> Spot {
    Spot { path: path.to_owned(), line, column }
}

#[rstest]
fn a_session_without_an_index_says_so() {
    let session = Session::default();
    let why = session.page(&at("rack.c", 1, 1), &Cancel::new()).expect_err("no index");
    assert!(matches!(why, Failure::NoIndex), "{why}");
    assert!(session.complete("where", &Cancel::new()).is_none());
    assert!(Session::open(&Project::new().index()).is_err());
}

#[rstest]
fn a_page_has_its_lines_definitions_and_parts(rack: Project) {
    let page = opened(&rack).page(&at("rack.c", 1, 1), &Cancel::new()).expect("a page");
    let ends: Vec<LineEnd> = page.lines.iter().map(|l| l.end).collect();
    assert_eq!((ends[4], ends[5], ends[8]), (LineEnd::ReturnFeed, LineEnd::Feed, LineEnd::Open));
    assert_eq!(page.band.iter().map(|c| (c.name.as_str(), c.line)).collect::<Vec<_>>(), [("TURN", 1), ("spin", 3), ("turn", 5), ("serve", 9)]);
    assert_eq!(page.part_at(6).map(|p| (p.first, p.last)), Some((5, 7)));
    assert!(page.lines.iter().all(|l| l.stops.is_empty()), "how wide a line is shown is for a face to say");
}

#[rstest]
fn a_name_is_followed_to_its_code_and_to_the_other_side(rack: Project) {
    let session = opened(&rack);
    let found = session.follow(&at("rack.c", 3, 5), &Context::default()).expect("answers");
    let first = &found.answers[0];
    assert_eq!(first.kind, Some(AnswerKind::Symbol(compass_facts::Kind::Function)));
    let other = session.other_side(&at("rack.c", 3, 5), &Context::default()).expect("answers");
    assert_eq!((other.answers[0].path.as_str(), other.answers[0].line), ("spin.c", 1));
    let call = session.follow(&at("rack.c", 9, 26), &Context::default()).expect("answers");
    assert_eq!((call.answers[0].line, call.answers[0].certainty), (5, Some(Certainty::Proven)));
}

#[rstest]
fn bearings_chains_and_ways_agree_on_who_calls(rack: Project) {
    let session = opened(&rack);
    let bearings = session.bearings(&at("rack.c", 5, 5), &Context::default()).expect("asked").expect("known");
    assert_eq!((bearings.facts.name.as_str(), bearings.facts.line), ("turn", 5));
    let Shown::Grown(grown) = session.grow(&at("rack.c", 5, 5), 1, &Context::default()).expect("a chain") else { panic!("a list") };
    assert_eq!(grown.rows.iter().map(|r| (r.level, r.name.as_str())).collect::<Vec<_>>()[..2], [(-1, "serve"), (0, "turn")]);
    let Shown::Ways { total, sections, .. } = session.ways("how does serve reach spin", &Context::default()).expect("ways") else { panic!("ways") };
    assert_eq!((total, sections[0].from.as_str(), sections[0].to.as_str()), (1, "serve", "spin"));
}

#[rstest]
fn an_unfolding_has_all_its_states_and_its_failures_are_told_apart(rack: Project) {
    let session = opened(&rack);
    let found = session.unfold(&at("rack.c", 6, 12), &Cancel::new()).expect("unfolded");
    assert_eq!((found.states.len(), found.steps[0].by.as_str()), (found.steps.len() + 1, "TURN"));
    assert!(found.states.last().is_some_and(|t| t.text.contains("spin")), "{:?}", found.states);
    let engine = session.engine().expect("an engine");
    let fails = |spot: &Spot| unfolding(&engine, spot, &[], &[], &Cancel::new()).err().expect("nothing");
    assert!(matches!(fails(&at("none.c", 1, 1)), UnfoldingError::NoFile(_)));
    assert!(matches!(fails(&at("rack.c", 99, 1)), UnfoldingError::NoPlace { line: 99, .. }));
}

#[rstest]
fn a_survey_counts_what_is_here(rack: Project) {
    let survey = opened(&rack).survey(&Context::default()).expect("a survey");
    assert_eq!(survey.languages.iter().map(|l| (l.name.as_str(), l.files)).collect::<Vec<_>>(), [("c", 2)]);
    assert_eq!((survey.languages[0].lines, survey.summary.files, survey.tests.files), (12, 2, 0));
    assert!(survey.linked && survey.absent.is_empty());
}

#[rstest]
fn a_long_answer_is_told_before_callers_are_known(rack: Project) {
    let many: String = (0..40).map(|n| format!("int turn_{n}(void) {{ return turn({n}); }}\n")).collect();
    rack.write("many.c", &format!("int turn(int wheel);\n{many}"));
    renew(&rack);
    let told = Mutex::new(Vec::new());
    let found = opened(&rack).ask("who calls turn", Context::default(), &|early| told.lock().expect("alone").push(early.answers.len())).expect("answers");
    assert_eq!((found.total, told.into_inner().expect("alone").last().copied()), (41, Some(41)));
}

#[rstest]
#[case::nothing_told(false, 2)]
#[case::rows_are_out(true, 1)]
fn a_question_over_an_index_that_was_renewed_is_asked_again_unless_rows_are_out(rack: Project, #[case] begun: bool, #[case] wanted: u32) {
    let session = opened(&rack);
    let engine = session.engine().expect("an engine");
    for round in 0..3 {
        rack.write("spin.c", &format!("int spin(int wheel, int by) {{\n    return wheel + by + {round};\n}}\n"));
        renew(&rack);
    }
    let asked = Cell::new(1);
    let (now, found) = session.answer(engine.clone(), "who calls spin", &Context::default(), &|| {
        asked.set(asked.get() + 1);
        begun
    });
    assert_eq!(asked.get(), 2, "the first answer came from what is gone");
    assert_eq!(found.is_ok(), !begun);
    assert_eq!(std::sync::Arc::ptr_eq(&now, &engine), wanted == 1);
}
