//! One job, run so that nothing it meets ends more than itself.
//!
//! An index that is renewed while a job asks it loses what only its older state needed. What the job says then is dropped, and it runs
//! again over the newer state: no answer mixes two. A panic is a fault of this program; it is reported, and the job has failed.

use super::{Job, Outcome, work};
use crate::{Failure, Session, fault};
use compass_trace::Context;
use std::panic::{AssertUnwindSafe, catch_unwind};
use std::sync::Mutex;

/// So often a job begins anew: whoever writes that quickly is waited for no longer.
const MOST_TRIES: u32 = 4;

/// Runs a job, and again where the index was renewed meanwhile.
pub(super) fn run(job: Job, context: &Context, session: &Session, tell: &(dyn Fn(Outcome) + Sync)) {
    if matches!(job, Job::Index(_)) {
        // It renews the index itself, and tells how far it is.
        let done = catch_unwind(AssertUnwindSafe(|| work::run(job, context.clone(), session, tell)));
        if done.is_err() {
            tell(Outcome::Indexed(Err(fault::last())));
        }
        return;
    }
    for attempt in 1..=MOST_TRIES {
        let asked = session.current();
        let held = Mutex::new(Vec::new());
        let keep = |outcome: Outcome| match outcome {
            // What is told on the way is replaced by the end.
            early @ Outcome::SoFar(_) => tell(early),
            outcome => held.lock().unwrap_or_else(|e| e.into_inner()).push(outcome),
        };
        let done = catch_unwind(AssertUnwindSafe(|| work::run(job.clone(), context.clone(), session, &keep)));
        let is_whole = asked.as_ref().is_none_or(|e| e.index().check_whole().is_ok());
        if !is_whole && attempt < MOST_TRIES && !context.cancel.is_cancelled() && asked.as_ref().is_some_and(|a| session.renew(a)) {
            continue;
        }
        held.into_inner().unwrap_or_else(|e| e.into_inner()).into_iter().for_each(tell);
        if done.is_err() {
            tell(failed(&job, fault::last()));
        }
        return;
    }
}

/// What is said of a job that failed, in the place where its answer would stand.
fn failed(job: &Job, why: Failure) -> Outcome {
    match job.clone() {
        Job::Page(spot) => Outcome::Page(spot, Err(why)),
        Job::Bearings(spot) => Outcome::Bearings(spot, Err(why)),
        Job::Ask { question, .. } => Outcome::Answers(question, Err(why)),
        Job::More { question, after, narrow, .. } => Outcome::More { question, after, narrow, found: Err(why) },
        Job::Follow(_) => Outcome::Followed(Err(why)),
        Job::Glance(spot) => Outcome::Glanced(spot, Err(why)),
        Job::GlancePage(spot) => Outcome::GlancePage(spot, Err(why)),
        Job::OtherSide(_) => Outcome::OtherSide(Err(why)),
        Job::Jump(..) => Outcome::Jump(Err(why)),
        Job::Outline(path) => Outcome::Outline(path, Err(why)),
        Job::Grow { .. } => Outcome::Chain(None, Err(why)),
        Job::Ways(question) => Outcome::Chain(Some(question), Err(why)),
        Job::Unfold(_) => Outcome::Unfolded(Err(why)),
        Job::Units(node) => Outcome::Units(node, Err(why)),
        Job::Gaps => Outcome::Gaps(Err(why)),
        Job::Kin(_) => Outcome::Kin(Err(why)),
        Job::Survey => Outcome::Survey(Err(why)),
        Job::Change { id, .. } => Outcome::Change(id, Err(why)),
        _ => Outcome::Fault(why),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::page::Spot;
    use compass_facts::Cancel;
    use compass_index::refresh::{Request, run as refresh};
    use compass_index::{Disk, Silent};
    use testkit::Project;

    fn index(project: &Project) -> Session {
        let options = compass_index::plan::Options { roots: vec![project.root()], ..Default::default() };
        let request = Request { options, index: project.index(), threads: 1, ..Default::default() };
        refresh(&request, &Disk, &Cancel::new(), &Silent).expect("indexed");
        Session::open(&project.index()).expect("an index")
    }

    #[test]
    fn a_job_over_an_index_that_was_renewed_runs_again_over_the_new_one() {
        let project = Project::with(&[("a.py", "def turn():\n    pass\n\nturn()\n")]);
        let session = index(&project);
        for round in 0..3 {
            project.write("a.py", &format!("def turn():\n    return {round}\n\nturn()\nturn()\n"));
            index(&project);
        }
        let said = Mutex::new(Vec::new());
        let spot = Spot { path: "a.py".to_owned(), line: 1, column: 5 };
        run(Job::Bearings(spot), &Context::default(), &session, &|o| said.lock().expect("alone").push(o));
        let said = said.into_inner().expect("alone");
        assert!(matches!(&said[..], [Outcome::Bearings(_, Ok(Ok(_)))]), "{said:?}");
        assert!(!session.current().expect("an engine").index().is_outdated());
    }

    #[test]
    fn every_job_that_fails_says_so_where_its_answer_would_stand() {
        let spot = Spot { path: "a.py".to_owned(), line: 1, column: 1 };
        for job in [Job::Page(spot.clone()), Job::Survey, Job::Gaps, Job::Names, Job::Kin(spot)] {
            let said = format!("{:?}", failed(&job, Failure::UnknownFile("broken".to_owned())));
            assert!(said.contains("broken"), "{said}");
        }
    }
}
