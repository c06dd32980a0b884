//! Jobs on their threads: from an empty folder to answers, and what replaces what.

use compass_index::plan::{Deps, Options};
use compass_session::jobs::{Job, Jobs, Lane, Outcome, Tell};
use compass_session::page::Spot;
use compass_session::{Session, request};
use crossbeam_channel::{Receiver, unbounded};
use std::sync::Arc;
use std::time::Duration;
use testkit::Project;

fn started(session: &Session) -> (Jobs, Receiver<(Lane, u64, Outcome)>) {
    let (sender, told) = unbounded();
    let tell: Tell = Arc::new(move |done| {
        let _ = sender.send(done);
    });
    (Jobs::start(session, &tell), told)
}

/// What is told of a lane until something is that is wanted.
fn until(told: &Receiver<(Lane, u64, Outcome)>, wanted: impl Fn(&Outcome) -> bool) -> (u64, Outcome) {
    loop {
        let (_, number, outcome) = told.recv_timeout(Duration::from_secs(60)).expect("told in time");
        if wanted(&outcome) {
            return (number, outcome);
        }
    }
}

fn indexing(project: &Project) -> Job {
    let options = Options { roots: vec![project.root()], deps: Deps::None, ..Default::default() };
    Job::Index(Box::new(request(options, project.index(), Some(project.home()))))
}

#[test]
fn an_index_is_made_opened_and_asked() {
    let project = Project::with(&[("rack.py", "def turn():\n    pass\n\nturn()\n")]);
    let session = Session::default();
    let (jobs, told) = started(&session);
    jobs.run(1, indexing(&project));
    let (_, outcome) = until(&told, |o| matches!(o, Outcome::Indexed(_)));
    let Outcome::Indexed(Ok((summary, warnings))) = outcome else { panic!("indexed") };
    assert_eq!((summary.files, warnings.len()), (1, 0));
    jobs.run(2, Job::Ask { question: "who calls turn".to_owned(), open: Vec::new(), these: None });
    let (number, outcome) = until(&told, |o| matches!(o, Outcome::Answers(..)));
    let Outcome::Answers(_, Ok(answers)) = outcome else { panic!("answers") };
    assert_eq!((number, answers.total, answers.answers[0].line), (2, 1, 4));
    jobs.stop();
}

#[test]
fn a_page_may_be_measured_on_its_way_to_the_face() {
    let project = Project::with(&[("rack.py", "def turn():\n    pass\n")]);
    let session = Session::default();
    let (jobs, told) = started(&session);
    jobs.run(1, indexing(&project));
    until(&told, |o| matches!(o, Outcome::Indexed(_)));
    jobs.run(2, Job::Page(Spot { path: "rack.py".to_owned(), line: 1, column: 5 }));
    let (_, mut outcome) = until(&told, |o| matches!(o, Outcome::Page(..)));
    assert_eq!(outcome.pages_mut().iter().map(|p| p.lines.len()).collect::<Vec<_>>(), [2]);
    jobs.stop();
}

#[test]
fn a_newer_job_of_a_lane_is_the_one_that_is_answered_last() {
    let project = Project::with(&[("rack.py", "def turn():\n    pass\n\ndef wash():\n    pass\n")]);
    let session = Session::default();
    let (jobs, told) = started(&session);
    jobs.run(1, indexing(&project));
    until(&told, |o| matches!(o, Outcome::Indexed(_)));
    for number in 2..40 {
        jobs.run(number, Job::Jump(if number == 39 { "wash" } else { "turn" }.to_owned(), Vec::new()));
    }
    let mut answered = 0;
    loop {
        let (number, outcome) = until(&told, |o| matches!(o, Outcome::Jump(_)));
        answered += 1;
        if number == 39 {
            let Outcome::Jump(Ok(answers)) = outcome else { panic!("answers") };
            assert_eq!(answers.answers[0].name.as_deref(), Some("wash"));
            break;
        }
    }
    assert!(answered < 38, "what waited was replaced");
    jobs.stop();
}
