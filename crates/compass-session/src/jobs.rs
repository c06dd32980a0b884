//! Work on threads: effects go in, events come back.
//!
//! Each lane has one thread, one job running and one waiting; a newer job replaces the waiting one and raises the cancel
//! flag of the running one, so fast typing never queues. Answers carry the job's number; old ones are dropped.

mod attempt;
mod work;

use crate::chains::Shown;
use crate::history_and_coverage::HistoryAndCoverage;
use crate::page::{Page, Spot};
use crate::survey::SurveyData;
use crate::unfolding::Unfolded;
use crate::{Failure, Session};
use compass_facts::Cancel;
use compass_index::refresh::Request;
use compass_index::{Phase, Summary};
use compass_trace::bearings::Bearings;
use compass_trace::{Answers, Context};
use std::sync::{Arc, Condvar, Mutex};
use std::time::Duration;

/// How many lanes there are.
pub const LANES: usize = Lane::Drawing as usize + 1;

/// What a thread is for.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Lane {
    Index,
    Page,
    Preview,
    Bearings,
    Ask,
    Jump,
    Survey,
    Chain,
    Beside,
    Unfold,
    Units,
    Glance,
    Logbook,
    Mark,
    Gaps,
    HistoryAndCoverage,
    Notes,
    Change,
    Kin,
    Reload,
    Call,
    Aside,
    Tree,
    Highlights,
    Names,
    More,
    Drawing,
}

/// Something to do.
#[derive(Debug, Clone)]
#[allow(missing_docs)]
pub enum Job {
    /// Bring the index up to date.
    Index(Box<Request>),
    /// Load a file.
    Page(Spot),
    /// Load a file again that is being read: the place stays where it is.
    Reload(Spot),
    /// Load a file for the answers' side.
    Preview(Spot),
    /// Facts and relations of a name.
    Bearings(Spot),
    /// The call that a place stands in the brackets of.
    Call(Spot),
    /// The files of places that were set aside.
    Asides(Vec<Spot>),
    /// The paths of all files.
    Paths,
    /// Which names of a file are told apart.
    Highlights(String),
    /// Have all names at hand before somebody types.
    Names,
    /// Where the name at a place leads.
    Follow(Spot),
    /// Where the name at a place leads, for a look.
    Glance(Spot),
    /// The file of that place.
    GlancePage(Spot),
    /// The other of a thing's declaration and its code.
    OtherSide(Spot),
    /// Where bookmarks stand now.
    FindMarks(Vec<(u64, crate::logbook::Anchor)>),
    /// What a new bookmark stands on; its note.
    Mark(Spot, String),
    /// The logbook as Markdown, and the name of the code base.
    ExportLogbook(Box<crate::logbook::Logbook>, String),
    /// Draw something: its sort, what it is of, and the name it is kept under.
    Draw { sort: crate::figures::Sort, of: String, name: String },
    /// What could not be read or linked.
    Gaps,
    /// Answer a question.
    Ask { question: String, open: Vec<String>, these: Option<Vec<(compass_index::FileId, u32)>> },
    /// Further rows of a question, from the n-th on: of files whose paths hold some words.
    More { question: String, after: u64, narrow: Vec<String>, open: Vec<String>, these: Option<Vec<(compass_index::FileId, u32)>> },
    /// Symbols for the jump: what was typed, and the open places.
    Jump(String, Vec<String>),
    /// What a file brings in and defines.
    Outline(String),
    /// What may follow the text before the caret of the ask line.
    Complete(String),
    /// Numbers and lists of the survey.
    Survey,
    /// Callers and callees of a name.
    Grow { spot: Spot, depth: u32 },
    /// Ways from one symbol to another.
    Ways(String),
    /// Load a file beside a chain.
    Beside(Spot),
    /// What stands at a place, unfolded.
    Unfold(Spot),
    /// Tests and changes of what the name at a place refers to.
    HistoryAndCoverage(Spot, compass_index::SymbolId),
    /// A place as it is told at the commit of now.
    AtCommit(Spot),
    /// Kin of the type at a place.
    Kin(Spot),
    /// What is unusual about the definitions of a file.
    Notes(String),
    /// What a change of a file on disk did: its id, and the path it had then.
    Change { full: String, id: String, path: String },
    /// All units, or what a row of their list holds.
    Units(Option<compass_trace::units::Node>),
}

impl Job {
    /// The lane it runs in.
    pub fn lane(&self) -> Lane {
        match self {
            Job::Index(_) => Lane::Index,
            Job::Page(_) | Job::Follow(_) | Job::OtherSide(_) => Lane::Page,
            Job::Reload(_) => Lane::Reload,
            Job::Call(_) => Lane::Call,
            Job::Asides(_) => Lane::Aside,
            Job::Paths => Lane::Tree,
            Job::Highlights(_) => Lane::Highlights,
            Job::Names => Lane::Names,
            Job::More { .. } => Lane::More,
            Job::Preview(_) => Lane::Preview,
            Job::Bearings(_) => Lane::Bearings,
            Job::Ask { .. } => Lane::Ask,
            Job::Jump(..) | Job::Complete(_) | Job::Outline(_) => Lane::Jump,
            Job::Survey => Lane::Survey,
            Job::Grow { .. } | Job::Ways(_) => Lane::Chain,
            Job::Beside(_) => Lane::Beside,
            Job::Unfold(_) => Lane::Unfold,
            Job::Units(_) => Lane::Units,
            Job::Glance(_) | Job::GlancePage(_) => Lane::Glance,
            Job::FindMarks(_) => Lane::Logbook,
            Job::Mark(..) | Job::ExportLogbook(..) => Lane::Mark,
            Job::Draw { .. } => Lane::Drawing,
            Job::Gaps => Lane::Gaps,
            Job::HistoryAndCoverage(..) => Lane::HistoryAndCoverage,
            Job::Notes(_) => Lane::Notes,
            Job::Kin(_) => Lane::Kin,
            Job::AtCommit(_) | Job::Change { .. } => Lane::Change,
        }
    }
}

/// What came of a job.
#[derive(Debug)]
#[allow(missing_docs)]
pub enum Outcome {
    /// Indexing goes on.
    Progress {
        phase: Phase,
        done: u64,
        total: u64,
        elapsed: Duration,
    },
    /// Own code can be asked; packages are being added: those it names itself, or all.
    Packages(compass_index::plan::Deps),
    /// Another process writes the index; 0 if it is not known which.
    Waiting(u32),
    /// Facts or links can be asked for.
    Opened,
    /// A fault of this program ended the job.
    Fault(Failure),
    /// Indexing is over.
    Indexed(Result<(Box<Summary>, Vec<String>), Failure>),
    Page(Spot, Result<Box<Page>, Failure>),
    Reloaded(Result<Box<Page>, Failure>),
    Preview(Result<Box<Page>, Failure>),
    Bearings(Spot, Result<Result<Box<Bearings>, Vec<String>>, Failure>),
    Call(Spot, Option<Box<compass_trace::call::CallAround>>),
    Asides(Vec<(Spot, Page)>),
    Paths(Vec<String>),
    /// Names of a file by line, first and last byte of the line.
    Highlights(String, Vec<(u32, u32, u32, compass_trace::highlights::Highlight)>),
    Followed(Result<Answers, Failure>),
    Glanced(Spot, Result<Answers, Failure>),
    GlancePage(Spot, Result<Box<Page>, Failure>),
    OtherSide(Result<Answers, Failure>),
    Marks(Vec<(u64, Option<crate::logbook::Found>)>),
    Marked(Option<crate::logbook::Anchor>, String),
    Exported(Result<String, Failure>),
    /// The name of a drawing, and the drawing as SVG; nothing where there is nothing to draw.
    Drawn(String, Result<Option<String>, Failure>),
    Gaps(Result<Answers, Failure>),
    AtCommit(Result<String, Failure>),
    Kin(Result<Option<Box<compass_trace::kin::Kin>>, Failure>),
    HistoryAndCoverage(Spot, Box<HistoryAndCoverage>),
    Notes(String, Vec<compass_trace::history_and_coverage::Sidenote>),
    Change(String, Result<Vec<compass_trace::history_and_coverage::DiffLine>, Failure>),
    /// Further rows of a question: its words, the place of the first of them, the narrowing.
    More {
        question: String,
        after: u64,
        narrow: Vec<String>,
        found: Result<Answers, Failure>,
    },
    /// A page of answers that is not whole yet.
    SoFar(Answers),
    Answers(String, Result<Answers, Failure>),
    Jump(Result<Answers, Failure>),
    /// What a file brings in and defines.
    Outline(String, Result<Answers, Failure>),
    /// Offers for a text.
    Offers(String, compass_trace::Offers),
    Survey(Result<Box<SurveyData>, Failure>),
    Chain(Option<String>, Result<Shown, Failure>),
    Beside(Result<Box<Page>, Failure>),
    Unfolded(Result<Box<Unfolded>, Failure>),
    Units(Option<compass_trace::units::Node>, Result<Vec<compass_trace::units::Entry>, Failure>),
}

impl Outcome {
    /// The pages it carries: a face may measure their lines before they are shown.
    pub fn pages_mut(&mut self) -> Vec<&mut Page> {
        match self {
            Outcome::Page(_, Ok(page))
            | Outcome::Reloaded(Ok(page))
            | Outcome::Preview(Ok(page))
            | Outcome::GlancePage(_, Ok(page))
            | Outcome::Beside(Ok(page)) => vec![page],
            Outcome::Asides(pages) => pages.iter_mut().map(|p| &mut p.1).collect(),
            _ => Vec::new(),
        }
    }
}

/// An event from a job.
pub type Done = (Lane, u64, Outcome);

#[derive(Default)]
struct Slot {
    waiting: Option<(u64, Job)>,
    running: Option<Cancel>,
    closed: bool,
}

type Shared = Arc<(Mutex<Slot>, Condvar)>;

/// Takes what jobs tell, on their threads.
pub type Tell = Arc<dyn Fn(Done) + Send + Sync>;

/// The threads.
pub struct Jobs {
    lanes: Vec<Shared>,
}

impl Jobs {
    /// Starts the threads over a session; what jobs tell goes to `tell`.
    pub fn start(session: &Session, tell: &Tell) -> Jobs {
        let lanes = (0..LANES)
            .map(|_| {
                let shared: Shared = Arc::default();
                let (own, session, tell) = (shared.clone(), session.clone(), tell.clone());
                std::thread::Builder::new().stack_size(16 << 20).spawn(move || serve(&own, &session, &*tell)).expect("a thread can be started");
                shared
            })
            .collect();
        Jobs { lanes }
    }

    /// Hands a job in.
    pub fn run(&self, number: u64, job: Job) {
        let (slot, wake) = &*self.lanes[job.lane() as usize];
        let mut slot = slot.lock().unwrap_or_else(|e| e.into_inner());
        if let Some(running) = &slot.running {
            running.cancel();
        }
        slot.waiting = Some((number, job));
        wake.notify_one();
    }

    /// Asks all threads to stop.
    pub fn stop(&self) {
        for lane in &self.lanes {
            let mut slot = lane.0.lock().unwrap_or_else(|e| e.into_inner());
            slot.closed = true;
            if let Some(running) = &slot.running {
                running.cancel();
            }
            lane.1.notify_one();
        }
    }
}

fn serve(shared: &Shared, session: &Session, tell: &(dyn Fn(Done) + Send + Sync)) {
    loop {
        let cancel = Cancel::new();
        let (number, job) = {
            let mut slot = shared.0.lock().unwrap_or_else(|e| e.into_inner());
            slot.running = None;
            loop {
                if slot.closed {
                    return;
                }
                if let Some(next) = slot.waiting.take() {
                    slot.running = Some(cancel.clone());
                    break next;
                }
                slot = shared.1.wait(slot).unwrap_or_else(|e| e.into_inner());
            }
        };
        let lane = job.lane();
        let context = Context { cancel: cancel.clone(), ..Context::default() };
        attempt::run(job, &context, session, &|outcome| tell((lane, number, outcome)));
    }
}
