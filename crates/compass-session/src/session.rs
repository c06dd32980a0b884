//! A code base that is open, and what can be asked of it.

use crate::chains::Shown;
use crate::history_and_coverage::{self as history, HistoryAndCoverage};
use crate::logbook::{self, Anchor, Found};
use crate::page::{self, Page, Spot, at_commit};
use crate::recent::Recent;
use crate::survey::{self, SurveyData};
use crate::unfolding::{self, Unfolded};
use crate::{Failure, asking, chains};
use compass_facts::Cancel;
use compass_index::{Index, OpenError, SymbolId};
use compass_trace::bearings::Bearings;
use compass_trace::call::CallAround;
use compass_trace::highlights::Highlight;
use compass_trace::history_and_coverage::{DiffLine, Sidenote};
use compass_trace::kin::Kin;
use compass_trace::question::Question;
use compass_trace::units::{Entry, Node};
use compass_trace::{AnswerError, Answers, Context, Engine, Offers};
use std::path::Path;
use std::sync::{Arc, Mutex, MutexGuard};

/// So much is offered while one types.
const MOST_OFFERS: usize = 40;

/// A code base that is open: the engine over the newest generation of its index, shared by all threads of a face.
///
/// A clone is the same session. Failures are told in words for people.
#[derive(Clone, Default)]
pub struct Session {
    engine: Arc<Mutex<Option<Arc<Engine>>>>,
    /// What was touched and read, for the next run of the indexer.
    pub(crate) recent: Recent,
}

impl Session {
    /// Opens the index that is there.
    ///
    /// # Errors
    /// When there is none, or it cannot be used.
    pub fn open(index: &Path) -> Result<Session, OpenError> {
        let session = Session::default();
        session.take(Arc::new(Index::open(index)?));
        Ok(session)
    }

    fn held(&self) -> MutexGuard<'_, Option<Arc<Engine>>> {
        self.engine.lock().unwrap_or_else(|e| e.into_inner())
    }

    /// The engine of now, if an index is open.
    pub fn current(&self) -> Option<Arc<Engine>> {
        self.held().clone()
    }

    /// Asks this index from now on.
    pub fn take(&self, index: Arc<Index>) {
        let mut held = self.held();
        let engine = held.as_ref().map_or_else(|| Engine::new(index.clone()), |earlier| earlier.over(index.clone()));
        *held = Some(Arc::new(engine));
    }

    /// The engine, with the texts of files looked at anew: they may have changed since the last answer.
    ///
    /// # Errors
    /// While there is no index.
    pub fn engine(&self) -> Result<Arc<Engine>, Failure> {
        let found = self.current().ok_or(Failure::NoIndex)?;
        found.index().forget_texts();
        Ok(found)
    }

    /// Puts an engine over the newest generation in the place of one that was asked; tells whether there is another than that now.
    pub fn renew(&self, asked: &Arc<Engine>) -> bool {
        let mut held = self.held();
        // Whoever keeps the index new may have done so already.
        if held.as_ref().is_some_and(|now| Arc::ptr_eq(now, asked)) {
            match asked.index().newer() {
                Ok(newer) => *held = Some(Arc::new(asked.over(Arc::new(newer)))),
                Err(_) => return false,
            }
        }
        true
    }

    /// The answer of `engine` to a question as a command asks it; that of the newer generation where somebody renewed the index
    /// meanwhile, unless `begun` says that rows were told already. The engine that answered comes with it.
    pub fn answer(&self, mut engine: Arc<Engine>, question: &str, context: &Context, begun: &dyn Fn() -> bool) -> (Arc<Engine>, Result<Answers, AnswerError>) {
        const MOST_TRIES: usize = 4;
        let mut found = engine.ask(question, context);
        for _ in 1..MOST_TRIES {
            let is_outdated = found.as_ref().is_err_and(Engine::is_outdated) && !begun();
            if !is_outdated || !self.renew(&engine) {
                break;
            }
            let Some(newer) = self.current() else { break };
            engine = newer;
            // Whoever takes rows early makes them with the engine of before: of another one they come at the end.
            found = engine.ask(question, &Context { early: None, ..context.clone() });
        }
        (engine, found)
    }

    /// Answers a question for a face that shows rows while others are searched: `so_far` gets what is known until then.
    ///
    /// # Errors
    /// What is wrong with the question or the index.
    pub fn ask(&self, question: &str, context: Context, so_far: &(dyn Fn(Answers) + Sync)) -> Result<Answers, Failure> {
        asking::ask(&*self.engine()?, question, context, so_far)
    }

    /// Further rows of a question, behind the first `after`.
    ///
    /// # Errors
    /// What is wrong with the question or the index.
    pub fn more(&self, question: &str, after: u64, context: &Context) -> Result<Answers, Failure> {
        asking::more(&*self.engine()?, question, after, context)
    }

    fn answer_to(&self, question: &Question, context: &Context) -> Result<Answers, Failure> {
        self.engine()?.answer(question, context).map_err(Failure::from)
    }

    /// Where the name at a place leads.
    ///
    /// # Errors
    /// What is wrong with the place or the index.
    pub fn follow(&self, spot: &Spot, context: &Context) -> Result<Answers, Failure> {
        self.answer_to(&asking::where_is(spot), context)
    }

    /// The declaration of what the name at a place means, or the code of it: the one that the place is not.
    ///
    /// # Errors
    /// What is wrong with the place or the index.
    pub fn other_side(&self, spot: &Spot, context: &Context) -> Result<Answers, Failure> {
        asking::other_side(&*self.engine()?, spot, context)
    }

    /// Symbols by fragments of their names, with the filters of any question behind them.
    ///
    /// # Errors
    /// What is wrong with the index.
    pub fn jump(&self, typed: &str, context: &Context) -> Result<Answers, Failure> {
        self.answer_to(&asking::jump(typed), context)
    }

    /// What a file brings in and defines.
    ///
    /// # Errors
    /// What is wrong with the file or the index.
    pub fn outline(&self, path: &str, context: &Context) -> Result<Answers, Failure> {
        self.answer_to(&asking::outline(path), context)
    }

    /// What could not be read or linked.
    ///
    /// # Errors
    /// What is wrong with the index.
    pub fn gaps(&self, context: &Context) -> Result<Answers, Failure> {
        self.answer_to(&asking::gaps(), context)
    }

    /// What may follow the text before the caret; nothing where that cannot be said, which is no reason to complain while one types.
    pub fn complete(&self, before: &str, cancel: &Cancel) -> Option<Offers> {
        self.engine().ok()?.complete(before, MOST_OFFERS, cancel).ok()
    }

    /// A file, or a file as a commit has it, ready to be read.
    ///
    /// # Errors
    /// When it is not in the index, or cannot be read.
    pub fn page(&self, spot: &Spot, cancel: &Cancel) -> Result<Page, Failure> {
        page::page(&*self.engine()?, spot, cancel)
    }

    /// Somebody reads a file: it is linked first when the index is renewed.
    pub fn is_read(&self, path: &str) {
        self.recent.read(path);
    }

    /// Which names of a file are told apart, by line and bytes of the line.
    pub fn highlights(&self, path: &str, cancel: &Cancel) -> Option<Vec<(u32, u32, u32, Highlight)>> {
        page::highlights(&*self.engine().ok()?, path, cancel)
    }

    /// What the name at a place is and what it is related to; or why nothing is known.
    ///
    /// # Errors
    /// What is wrong with the index.
    pub fn bearings(&self, spot: &Spot, context: &Context) -> Result<Result<Box<Bearings>, Vec<String>>, Failure> {
        self.engine()?.bearings(&spot.path, spot.line, spot.column, context).map_err(Failure::from)
    }

    /// The call that a place stands in the brackets of.
    pub fn call_around(&self, spot: &Spot, context: &Context) -> Option<CallAround> {
        self.engine().ok()?.call_around(&spot.path, spot.line, spot.column, context).ok().flatten()
    }

    /// Kin of the type at a place.
    ///
    /// # Errors
    /// What is wrong with the place or the index.
    pub fn kin(&self, spot: &Spot, context: &Context) -> Result<Option<Kin>, Failure> {
        let engine = self.engine()?;
        let at = engine.answer(&asking::where_is(spot), context)?;
        let Some(symbol) = at.answers.first().and_then(|a| a.symbol) else { return Ok(None) };
        engine.kin(symbol).map_err(Failure::from)
    }

    /// Callers and callees of the name at a place, or of the function around it.
    ///
    /// # Errors
    /// What is wrong with the place or the index.
    pub fn grow(&self, spot: &Spot, depth: u32, context: &Context) -> Result<Shown, Failure> {
        chains::grow(&*self.engine()?, spot, depth, context)
    }

    /// The ways of a question.
    ///
    /// # Errors
    /// What is wrong with the question or the index.
    pub fn ways(&self, question: &str, context: &Context) -> Result<Shown, Failure> {
        chains::ways(&*self.engine()?, question, context)
    }

    /// What stands at a place, unfolded.
    ///
    /// # Errors
    /// Why nothing is.
    pub fn unfold(&self, spot: &Spot, cancel: &Cancel) -> Result<Unfolded, Failure> {
        unfolding::unfolded(&*self.engine()?, spot, cancel).map_err(Failure::from)
    }

    /// Numbers and short lists of what is here.
    ///
    /// # Errors
    /// What is wrong with the index.
    pub fn survey(&self, context: &Context) -> Result<SurveyData, Failure> {
        survey::survey(&*self.engine()?, context)
    }

    /// All units, or what one of them or a folder holds.
    ///
    /// # Errors
    /// What is wrong with the index.
    pub fn units(&self, node: Option<Node>) -> Result<Vec<Entry>, Failure> {
        let engine = self.engine()?;
        node.map_or_else(|| Ok(engine.units()), |node| engine.inside(node).map_err(Failure::from))
    }

    /// The paths of all files, in order.
    ///
    /// # Errors
    /// While there is no index.
    pub fn paths(&self) -> Result<Vec<String>, Failure> {
        let engine = self.engine()?;
        let mut paths: Vec<String> = engine.index().files().iter().map(|f| engine.index().path_of(f.id)).collect();
        paths.sort_unstable();
        Ok(paths)
    }

    /// Has all names at hand before somebody types.
    pub fn load_names(&self) {
        // What cannot be read is told when somebody asks for it.
        let _ = self.engine().map(|e| e.index().names().map(drop));
    }

    /// Tests and changes of a definition.
    pub fn history_and_coverage(&self, symbol: SymbolId, context: &Context) -> Option<HistoryAndCoverage> {
        Some(history::of(&*self.engine().ok()?, symbol, context))
    }

    /// What is unusual about the definitions of a file.
    pub fn sidenotes(&self, path: &str, context: &Context) -> Option<Vec<Sidenote>> {
        Some(history::notes(&*self.engine().ok()?, path, context))
    }

    /// What a change of a file on disk did: its id, and the path it had then.
    ///
    /// # Errors
    /// What is wrong with the repository.
    pub fn change(&self, full: &str, id: &str, path: &str) -> Result<Vec<DiffLine>, Failure> {
        compass_trace::history_and_coverage::diff(Path::new(full), id, path).map_err(Failure::from)
    }

    /// A place as it is told at the commit of now: `src/rack.c:40 @ 1a2b3c4d5e`.
    ///
    /// # Errors
    /// What is wrong with the repository.
    pub fn at_commit(&self, spot: &Spot) -> Result<String, Failure> {
        let engine = self.engine()?;
        let root = engine.index().own_roots().first().cloned().unwrap_or_default();
        let (path, commit) = match at_commit(&spot.path) {
            Some((path, commit)) => (path.to_owned(), commit.to_owned()),
            None => (spot.path.clone(), compass_trace::history_and_coverage::head(Path::new(&root))?),
        };
        Ok(format!("{path}:{} @ {}", spot.line, commit.get(..10).unwrap_or(&commit)))
    }

    /// Where bookmarks stand now.
    ///
    /// # Errors
    /// While there is no index.
    pub fn find_anchors(&self, anchors: &[(u64, Anchor)]) -> Result<Vec<(u64, Option<Found>)>, Failure> {
        let engine = self.engine()?;
        Ok(anchors.iter().map(|(number, anchor)| (*number, logbook::find(engine.index(), anchor))).collect())
    }

    /// What a new bookmark at a place stands on.
    pub fn anchor(&self, spot: &Spot) -> Option<Anchor> {
        logbook::place(self.engine().ok()?.index(), &spot.path, spot.line, spot.column)
    }

    /// A logbook as Markdown.
    ///
    /// # Errors
    /// While there is no index.
    pub fn export_logbook(&self, name: &str, book: &logbook::Logbook) -> Result<String, Failure> {
        Ok(logbook::markdown(name, book, self.engine()?.index()))
    }
}
