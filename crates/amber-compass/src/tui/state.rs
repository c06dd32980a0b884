//! Everything the screen shows, as plain data.

mod answers;
mod aside;
mod ask;
mod chains;
mod desk;
mod folds;
mod gaps;
mod glance;
mod history_and_coverage;
mod kin;
mod logbook;
mod survey;
mod tree;
mod unfold;
mod units;

pub use answers::{AnswersPane, Kept};
pub use aside::Aside;
pub use ask::{AskLine, AskMode};
pub use chains::ChainsPane;
pub use desk::{Desk, Hop};
pub use folds::Folds;
pub use gaps::GapsPane;
pub use glance::{Glance, Look};
pub use history_and_coverage::ChangeView;
pub use kin::KinPane;
pub use logbook::{LogRow, LogbookPane};
pub use survey::{SurveyPane, Working};
pub use tree::Tree;
pub use unfold::{Focus, UnfoldPane};
pub use units::{UnitLine, UnitsPane};

// What panes hold of the service.
pub use compass_session::chains::{ChainRow, Grown, Shown};
pub use compass_session::history_and_coverage::{Further, HistoryAndCoverage};
pub use compass_session::page::{LineEnd, Page, PageLine, Part, Spot, at_commit};
pub use compass_session::survey::{EntryRow, SurveyData};
pub use compass_session::unfolding::Unfolded;

use super::theme::Theme;

/// Screens, by their key.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
#[allow(missing_docs)]
pub enum Screen {
    Survey,
    Desk,
    Answers,
    Chains,
    Unfold,
    Kin,
    Units,
    Logbook,
    Gaps,
}

/// See the module.
#[derive(Debug, Clone)]
pub struct State {
    /// Columns and rows.
    pub size: (u16, u16),
    /// The screen shown.
    pub screen: Screen,
    /// Name of the code base.
    pub name: String,
    /// First screen.
    pub survey: SurveyPane,
    /// Second screen.
    pub desk: Desk,
    /// Third screen.
    pub answers: AnswersPane,
    /// Fourth screen.
    pub chains: ChainsPane,
    /// Fifth screen, and its panel on the desk.
    pub unfold: UnfoldPane,
    /// Sixth screen.
    pub kin: KinPane,
    /// Seventh screen.
    pub units: UnitsPane,
    /// What is looked at beside the code.
    pub glance: Glance,
    /// Places that stay in view beside the code, the latest first.
    pub asides: Vec<Aside>,
    /// Folders and files, in the place of the bearings.
    pub tree: Option<Tree>,
    /// Eighth screen.
    pub logbook: LogbookPane,
    /// Ninth screen.
    pub gaps: GapsPane,
    /// The ask line.
    pub ask: AskLine,
    /// Are the keys of this screen shown over it?
    pub help: bool,
    /// Is it told how to begin?
    pub guide: bool,
    /// What the last action said.
    pub message: Option<String>,
    /// Is the message about something wrong?
    pub is_wrong: bool,
    /// Colours.
    pub theme: Theme,
    /// Keys and what they do.
    pub keys: super::update::KeyMap,
    /// The editor's command, if it was settled.
    pub editor: Option<String>,
    /// Numbers of the latest job of each lane: older answers are dropped.
    pub latest: [u64; compass_session::jobs::LANES],
    /// The next job's number.
    pub next_job: u64,
    /// A place to open as soon as there is an index.
    pub pending: Option<Spot>,
    /// Can questions be asked?
    pub ready: bool,
    /// What to index when asked to bring the index up to date.
    pub request: Option<Box<compass_index::refresh::Request>>,
    /// Does the run under way speak only if it has something to tell?
    pub quiet: bool,
    /// Did files change while a run was under way?
    pub changed_meanwhile: bool,
    /// The last warning that was shown.
    pub warned: Option<String>,
    /// What was remembered from the last time, until it is shown.
    pub remembered: compass_session::remembered::Remembered,
}

impl State {
    /// The state at the start.
    pub fn new(name: String, size: (u16, u16), theme: Theme) -> State {
        State {
            size,
            screen: Screen::Survey,
            name,
            survey: SurveyPane::default(),
            desk: Desk::default(),
            answers: AnswersPane::default(),
            chains: ChainsPane::default(),
            unfold: UnfoldPane::default(),
            kin: KinPane::default(),
            units: UnitsPane::default(),
            glance: Glance::default(),
            asides: Vec::new(),
            tree: None,
            logbook: LogbookPane { writable: true, ..LogbookPane::default() },
            gaps: GapsPane::default(),
            ask: AskLine::default(),
            help: false,
            guide: false,
            message: None,
            is_wrong: false,
            theme,
            keys: super::update::KeyMap::default(),
            editor: None,
            latest: [0; compass_session::jobs::LANES],
            next_job: 0,
            pending: None,
            ready: false,
            request: None,
            quiet: false,
            changed_meanwhile: false,
            warned: None,
            remembered: compass_session::remembered::Remembered::default(),
        }
    }

    /// What to remember for the next time.
    pub fn to_remember(&self) -> compass_session::remembered::Remembered {
        use compass_session::remembered::{Asked, Remembered};
        let left = |k: &answers::Kept| Asked { question: k.answers.question.clone(), narrow: k.narrow.clone(), selected: k.selected };
        // Without one it may be that nobody looked at those of the last time.
        let asked = self.answers.shown().map(left).or_else(|| self.remembered.asked.clone());
        let history: Vec<String> = self.ask.history.iter().rev().take(100).rev().cloned().collect();
        match &self.desk.page {
            Some(_) => Remembered { path: self.desk.spot.path.clone(), line: self.desk.spot.line, column: self.desk.spot.column, asked, history },
            None => Remembered { asked, history, ..self.remembered.clone() },
        }
    }

    /// Says something in the last row.
    pub fn say(&mut self, text: impl Into<String>) {
        self.message = Some(text.into());
        self.is_wrong = false;
    }

    /// Says what went wrong.
    pub fn complain(&mut self, why: impl ToString) {
        self.message = Some(why.to_string());
        self.is_wrong = true;
    }
}
