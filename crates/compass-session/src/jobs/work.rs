//! What the jobs do: a question to the session each, and its answer told.

use super::{Job, Outcome};
use crate::{Session, indexing};
use compass_trace::Context;
use std::time::Duration;

/// Tests and changes are looked up when the cursor rests for so long.
const RESTING: Duration = Duration::from_millis(90);

/// Runs a job and tells what came of it.
pub(super) fn run(job: Job, context: Context, session: &Session, tell: &(dyn Fn(Outcome) + Sync)) {
    let cancel = &context.cancel;
    let page = |spot| session.page(spot, cancel).map(Box::new);
    match job {
        Job::Index(request) => indexing::run(&request, cancel, session, tell),
        Job::Page(spot) => {
            session.is_read(&spot.path);
            let page = page(&spot);
            tell(Outcome::Page(spot, page));
        }
        Job::Reload(spot) => tell(Outcome::Reloaded(page(&spot))),
        Job::Preview(spot) => tell(Outcome::Preview(page(&spot))),
        Job::Beside(spot) => tell(Outcome::Beside(page(&spot))),
        Job::GlancePage(spot) => {
            let page = page(&spot);
            tell(Outcome::GlancePage(spot, page));
        }
        Job::Asides(spots) => {
            let pages = spots.into_iter().filter_map(|spot| session.page(&spot, cancel).ok().map(|p| (spot, p)));
            tell(Outcome::Asides(pages.collect()));
        }
        Job::Bearings(spot) => {
            let found = session.bearings(&spot, &context);
            tell(Outcome::Bearings(spot, found));
        }
        Job::Call(spot) => {
            let found = session.call_around(&spot, &context);
            tell(Outcome::Call(spot, found.map(Box::new)));
        }
        Job::Names => session.load_names(),
        Job::Follow(spot) => tell(Outcome::Followed(session.follow(&spot, &context))),
        Job::Glance(spot) => {
            let found = session.follow(&spot, &context);
            tell(Outcome::Glanced(spot, found));
        }
        Job::OtherSide(spot) => tell(Outcome::OtherSide(session.other_side(&spot, &context))),
        Job::Kin(spot) => tell(Outcome::Kin(session.kin(&spot, &context).map(|k| k.map(Box::new)))),
        Job::Grow { spot, depth } => tell(Outcome::Chain(None, session.grow(&spot, depth, &context))),
        Job::Ways(question) => {
            let found = session.ways(&question, &context);
            tell(Outcome::Chain(Some(question), found));
        }
        Job::Unfold(spot) => tell(Outcome::Unfolded(session.unfold(&spot, cancel).map(Box::new))),
        Job::Units(node) => {
            let found = session.units(node);
            tell(Outcome::Units(node, found));
        }
        Job::Gaps => tell(Outcome::Gaps(session.gaps(&context))),
        Job::Survey => tell(Outcome::Survey(session.survey(&context).map(Box::new))),
        Job::AtCommit(spot) => tell(Outcome::AtCommit(session.at_commit(&spot))),
        Job::Change { full, id, path } => {
            let lines = session.change(&full, &id, &path);
            tell(Outcome::Change(id, lines));
        }
        Job::Mark(spot, note) => tell(Outcome::Marked(session.anchor(&spot), note)),
        Job::Draw { sort, of, name } => {
            let drawn = session.engine().and_then(|engine| crate::figures::figure(&engine, sort, &of, &context));
            tell(Outcome::Drawn(name, drawn.map(|(figure, _)| figure.map(|f| compass_draw::to_svg(&f.scene())))));
        }
        Job::ExportLogbook(book, name) => tell(Outcome::Exported(session.export_logbook(&name, &book))),
        Job::Ask { .. } | Job::More { .. } | Job::Jump(..) | Job::Outline(_) => ask(job, context, session, tell),
        Job::Paths | Job::Highlights(_) | Job::FindMarks(_) | Job::HistoryAndCoverage(..) | Job::Notes(_) | Job::Complete(_) => {
            quietly(job, &context, session, tell);
        }
    }
}

/// Questions that a person typed.
fn ask(job: Job, context: Context, session: &Session, tell: &(dyn Fn(Outcome) + Sync)) {
    match job {
        Job::Ask { question, open, these } => {
            let found = session.ask(&question, Context { open, these, ..context }, &|so_far| tell(Outcome::SoFar(so_far)));
            tell(Outcome::Answers(question, found));
        }
        Job::More { question, after, narrow, open, these } => {
            let context = Context { open, these, narrow: narrow.clone(), ..context };
            let found = session.more(&question, after, &context);
            tell(Outcome::More { question, after, narrow, found });
        }
        Job::Jump(text, open) => tell(Outcome::Jump(session.jump(&text, &Context { open, ..context }))),
        Job::Outline(path) => {
            let found = session.outline(&path, &context);
            tell(Outcome::Outline(path, found));
        }
        _ => {}
    }
}

/// Lookups beside what a person does: where nothing can be found, nothing is told.
fn quietly(job: Job, context: &Context, session: &Session, tell: &(dyn Fn(Outcome) + Sync)) {
    let outcome = match job {
        Job::Paths => session.paths().ok().map(Outcome::Paths),
        Job::Highlights(path) => session.highlights(&path, &context.cancel).map(|h| Outcome::Highlights(path, h)),
        Job::FindMarks(anchors) => session.find_anchors(&anchors).ok().map(Outcome::Marks),
        Job::HistoryAndCoverage(spot, symbol) => {
            // Whoever goes on at once does not read them.
            std::thread::sleep(RESTING);
            let found = if context.cancel.is_cancelled() { None } else { session.history_and_coverage(symbol, context) };
            found.map(|f| Outcome::HistoryAndCoverage(spot, Box::new(f)))
        }
        Job::Notes(path) => session.sidenotes(&path, context).map(|n| Outcome::Notes(path, n)),
        Job::Complete(before) => session.complete(&before, &context.cancel).map(|o| Outcome::Offers(before, o)),
        _ => None,
    };
    if let Some(outcome) = outcome {
        tell(outcome);
    }
}
