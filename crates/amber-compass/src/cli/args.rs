//! Arguments.

use clap::{Args as ClapArgs, Parser, Subcommand, ValueEnum};
use std::path::PathBuf;

/// Find your way in code you did not write: index a code base and its dependencies, then jump, list uses, follow calls.
#[derive(Debug, Parser)]
#[command(
    version,
    after_help = "Examples:\n  amber-compass .                 open the folder, indexing it first when needed\n  amber-compass demo              open the demo"
)]
#[command(args_conflicts_with_subcommands = true)]
pub struct Args {
    /// What to do; without one the program opens.
    #[command(subcommand)]
    pub command: Option<Command>,
    /// Folder or file to open.
    pub path: Option<PathBuf>,
    /// The index file, instead of the one in the cache folder.
    #[arg(long, value_name = "FILE")]
    pub index: Option<PathBuf>,
    /// How far dependencies are followed; in a new index own code comes first and they follow.
    #[arg(long, value_enum, default_value_t = DepsArg::All)]
    pub deps: DepsArg,
    /// The folder of the shared package cache, instead of the one in the cache folder.
    #[arg(long, visible_alias = "depot", value_name = "DIR")]
    pub package_cache: Option<PathBuf>,
}

/// What to do.
#[derive(Debug, Subcommand)]
pub enum Command {
    /// Index a code base, or bring its index up to date.
    Index(IndexArgs),
    /// Ask a question.
    Ask(AskArgs),
    /// Show what a macro call or a generator stands for, step by step.
    Unfold(UnfoldArgs),
    /// Draw a chain as SVG or PDF.
    Draw(DrawArgs),
    /// Open a fresh copy of the demo.
    Demo(DemoArgs),
    /// List, add and remove the roots that are indexed together.
    Roots(RootsArgs),
    /// Show where settings are kept, what they may say, and every action with its key.
    Settings,
    /// List the packages that were read for all workspaces, or take out those nobody used of late.
    #[command(visible_alias = "depot")]
    PackageCache(PackageCacheArgs),
}

/// How far dependencies are followed.
#[derive(Debug, Clone, Copy, PartialEq, Eq, ValueEnum)]
pub enum DepsArg {
    /// Only what ignore files leave.
    None,
    /// Packages that the own units name themselves, below the roots or in the caches of package managers.
    Direct,
    /// Those and all that they need.
    All,
}

/// Arguments of `index`.
#[derive(Debug, ClapArgs)]
#[command(after_help = "Examples:\n  amber-compass index\n  amber-compass index ~/src/larder --deps all --json")]
pub struct IndexArgs {
    /// Roots; without any, the root around the current folder.
    pub paths: Vec<PathBuf>,
    /// Index the files listed in FILE (`-` for standard input), one a line, instead of walking.
    #[arg(long, value_name = "FILE")]
    pub files_from: Option<PathBuf>,
    /// The index file, instead of the one in the cache folder.
    #[arg(long, value_name = "FILE")]
    pub index: Option<PathBuf>,
    /// Threads for reading and linking; 0 for one per core.
    #[arg(long, default_value_t = 0)]
    pub threads: usize,
    /// How far dependencies are followed; as the index has it, or not at all.
    #[arg(long, value_enum)]
    pub deps: Option<DepsArg>,
    /// The folder of the shared package cache, instead of the one in the cache folder.
    #[arg(long, visible_alias = "depot", value_name = "DIR")]
    pub package_cache: Option<PathBuf>,
    /// Hash every file, trusting neither size nor time, and check every block of the index; a damaged one is built anew.
    #[arg(long)]
    pub verify: bool,
    /// Only show what would be indexed.
    #[arg(long)]
    pub plan: bool,
    /// Print the summary as one JSON object.
    #[arg(long)]
    pub json: bool,
}

/// Arguments of `ask`.
#[derive(Debug, ClapArgs)]
#[command(after_help = "Examples:\n  amber-compass ask who calls plan_turn in routes/\n  amber-compass ask --json where is routes/wheels.py:88:12")]
pub struct AskArgs {
    /// The question, in plain words.
    pub question: Vec<String>,
    /// The root whose index is asked; without it, the indexed folder around the current one.
    #[arg(long, value_name = "PATH")]
    pub root: Option<PathBuf>,
    /// The index file.
    #[arg(long, value_name = "FILE")]
    pub index: Option<PathBuf>,
    /// Print the answers as one JSON object.
    #[arg(long)]
    pub json: bool,
    /// Answer the questions in FILE (`-` for standard input), one a line, with one JSON object a line.
    #[arg(long, value_name = "FILE")]
    pub batch: Option<PathBuf>,
    /// Stop searching texts after so many milliseconds.
    #[arg(long, value_name = "MS")]
    pub time_limit: Option<u64>,
}

/// Arguments of `unfold`.
#[derive(Debug, ClapArgs)]
#[command(after_help = "Examples:\n  amber-compass unfold sensors/src/probe.c:44:5\n  amber-compass unfold routes/caves.py:29:5 --depth primitive --json")]
pub struct UnfoldArgs {
    /// Where the call or function stands.
    #[arg(value_name = "PATH:LINE:COL")]
    pub place: String,
    /// Take only the first step.
    #[arg(long, conflicts_with_all = ["all", "depth", "step"])]
    pub once: bool,
    /// Take all steps (as without any of these).
    #[arg(long, conflicts_with_all = ["depth", "step"])]
    pub all: bool,
    /// Lower a construct to this depth: states, primitive.
    #[arg(long, value_name = "NAME", conflicts_with = "step")]
    pub depth: Option<String>,
    /// Take so many steps.
    #[arg(long, value_name = "N")]
    pub step: Option<usize>,
    /// Take step N alone, and those it needs; the others stay as written.
    #[arg(long, value_name = "N", conflicts_with_all = ["once", "all", "depth", "step"])]
    pub only: Option<usize>,
    /// A macro of C that the build defines; may be repeated.
    #[arg(long = "define", value_name = "NAME=VALUE")]
    pub defines: Vec<String>,
    /// A folder that holds what C files include; may be repeated.
    #[arg(long = "include", value_name = "DIR")]
    pub includes: Vec<PathBuf>,
    /// The root whose index is asked; without it, the indexed folder around the current one.
    #[arg(long, value_name = "PATH")]
    pub root: Option<PathBuf>,
    /// The index file.
    #[arg(long, value_name = "FILE")]
    pub index: Option<PathBuf>,
    /// Print one JSON object.
    #[arg(long)]
    pub json: bool,
}

/// Arguments of `draw`.
#[derive(Debug, ClapArgs)]
#[command(
    after_help = "Examples:\n  amber-compass draw chain \"how does onTurn reach turns\" -o way.svg\n  amber-compass draw chain \"who calls plan_turn through 3\" -o callers.pdf"
)]
pub struct DrawArgs {
    /// What to draw: chain, tree, kin, units, layers, survey, impact.
    pub kind: String,
    /// The question whose answer is drawn, or the name it is drawn of; nothing for units, layers and the survey.
    pub question: Vec<String>,
    /// Where to: FILE.svg, .pdf, .md, .dot or .json.
    #[arg(short, long, value_name = "FILE")]
    pub output: PathBuf,
    /// The root whose index is asked; without it, the indexed folder around the current one.
    #[arg(long, value_name = "PATH")]
    pub root: Option<PathBuf>,
    /// The index file.
    #[arg(long, value_name = "FILE")]
    pub index: Option<PathBuf>,
}

/// Arguments of `demo`.
#[derive(Debug, ClapArgs)]
#[command(after_help = "Examples:\n  amber-compass demo\n  amber-compass demo --to /tmp/larder --lay-out-only")]
pub struct DemoArgs {
    /// Where to lay it out, instead of a fresh temporary folder.
    #[arg(long, value_name = "FOLDER")]
    pub to: Option<PathBuf>,
    /// Only lay it out and print where.
    #[arg(long)]
    pub lay_out_only: bool,
}

/// Arguments of `roots`.
#[derive(Debug, ClapArgs)]
#[command(after_help = "Examples:\n  amber-compass roots\n  amber-compass roots --add ../ripening --remove ../old-ledger")]
pub struct RootsArgs {
    /// The first root; without it, the one around the current folder.
    pub root: Option<PathBuf>,
    /// A folder that is indexed together with it from now on; may be repeated.
    #[arg(long, value_name = "DIR")]
    pub add: Vec<PathBuf>,
    /// A folder that no longer is; may be repeated.
    #[arg(long, value_name = "DIR")]
    pub remove: Vec<PathBuf>,
    /// Print one JSON object.
    #[arg(long)]
    pub json: bool,
}

/// Arguments of `package-cache`.
#[derive(Debug, ClapArgs)]
#[command(after_help = "Examples:\n  amber-compass package-cache\n  amber-compass package-cache --prune 90")]
pub struct PackageCacheArgs {
    /// Take out packages that were not used for so many days.
    #[arg(long, value_name = "DAYS")]
    pub prune: Option<u32>,
    /// The folder of the shared package cache, instead of the one in the cache folder.
    #[arg(long, visible_alias = "depot", value_name = "DIR")]
    pub package_cache: Option<PathBuf>,
    /// Print one JSON object.
    #[arg(long)]
    pub json: bool,
}

impl DepsArg {
    /// As the planner wants it.
    pub fn deps(self) -> compass_index::plan::Deps {
        use compass_index::plan::Deps;
        match self {
            DepsArg::None => Deps::None,
            DepsArg::Direct => Deps::Direct,
            DepsArg::All => Deps::All,
        }
    }
}
