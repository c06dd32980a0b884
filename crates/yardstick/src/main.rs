//! Measures the program: accuracy against what compilers say, speed against floors.
//!
//! `accuracy LANGUAGE…` fetches the packages of the truth kits, indexes them, asks where every use of the tables leads, and writes the
//! scorer's columns to `docs/measured.md`. `speed` measures an index of the kernel's sources against plain lexing, a generic grammar and
//! `grep`, all in one run. `kernel` compares what the reader finds in kernel files with what gcc puts into their objects. `live` measures how soon
//! the open program knows a written file, `keys` how soon it shows what a key did. `dump` and `gaps` show what readers take from files.

#![allow(clippy::print_stdout, reason = "a tool of the command line")]

mod absent;
mod accuracy;
mod failure;
mod gaps;
mod growth;
mod kernel;
mod keys;
mod live;
mod misses;
mod report;
mod speed;

use clap::{Parser, Subcommand};
use std::path::PathBuf;
use std::process::ExitCode;

#[derive(Parser)]
#[command(about)]
struct Args {
    #[command(subcommand)]
    what: What,
}

#[derive(Subcommand)]
enum What {
    /// Scores answers against the truth kits.
    Accuracy {
        /// Kits: c, cpp, go, java, py, rust, ts.
        languages: Vec<String>,
        /// The folder of the truth kits.
        #[arg(long, default_value = "../shared/truth")]
        truth: PathBuf,
        /// Where the packages are kept.
        #[arg(long, default_value = "target/yardstick/kits")]
        kits: PathBuf,
        /// Examples of wrong answers to print for each corpus.
        #[arg(long, default_value_t = 0)]
        misses: u32,
    },
    /// Asks about uses whose target is not indexed.
    Absent {
        /// Kits: go, java, py, rust, ts.
        languages: Vec<String>,
        /// The folder of the truth kits.
        #[arg(long, default_value = "../shared/truth")]
        truth: PathBuf,
        /// Where the packages are kept.
        #[arg(long, default_value = "target/yardstick/kits")]
        kits: PathBuf,
    },
    /// Measures times, memory and disk against floors.
    Speed {
        /// The sources; without it those of Debian's linux-source-6.1 are fetched.
        folder: Option<PathBuf>,
        /// Also parse everything with the generic grammar: minutes.
        #[arg(long)]
        grammar: bool,
        /// Threads.
        #[arg(long, default_value_t = 2)]
        threads: usize,
    },
    /// Measures an index against parsing with the generic grammar, on four sizes of one tree.
    Growth {
        /// Its word: rust, go, java, python, typescript, javascript.
        language: String,
        /// The sources.
        folder: PathBuf,
        /// Threads.
        #[arg(long, default_value_t = 2)]
        threads: usize,
        /// At most so many bytes of source.
        #[arg(long, default_value_t = 40_000_000)]
        most: u64,
    },
    /// Compares definitions with the symbol tables and debug data of objects that gcc made.
    Kernel {
        /// The sources, built by `make defconfig prepare` and some objects with debug data.
        folder: PathBuf,
        /// How many objects to look at.
        #[arg(long, default_value_t = 200)]
        files: usize,
    },
    /// Measures from a written file to an answer with its new content, while the program is open.
    Live {
        /// The code base.
        folder: PathBuf,
        /// Its index.
        index: PathBuf,
        /// The file that is written, below the folder; it gets its content back.
        file: PathBuf,
        /// What is appended; `#` stands for a number that is another one each time.
        #[arg(long, default_value = "int turned_#(int rack) { return rack; }")]
        text: String,
        /// The name that is asked for.
        #[arg(long, default_value = "turned_#")]
        name: String,
        /// How often.
        #[arg(long, default_value_t = 10)]
        rounds: usize,
    },
    /// Measures from a key to the frame that shows what it did, on a file of a code base, on 100,000 lines and on one line of 10 MB.
    Keys {
        /// A file of a code base.
        file: PathBuf,
        /// Its index.
        #[arg(long)]
        index: Option<PathBuf>,
        /// How often each key is pressed.
        #[arg(long, default_value_t = 50)]
        presses: usize,
    },
    /// Prints what a reader takes from one file.
    Dump {
        /// The file.
        file: PathBuf,
    },
    /// Reads all files of C and C++ below a folder; prints the commonest texts at which gaps begin.
    Gaps {
        /// The folder.
        folder: PathBuf,
    },
}

fn main() -> ExitCode {
    languages::register();
    let done = match Args::parse().what {
        What::Accuracy { languages, truth, kits, misses } => accuracy::run(&languages, &truth, &kits, misses),
        What::Absent { languages, truth, kits } => absent::run(&languages, &truth, &kits),
        What::Speed { folder, grammar, threads } => speed::run(folder.as_deref(), grammar, threads),
        What::Growth { language, folder, threads, most } => growth::run(&language, &folder, threads, most),
        What::Kernel { folder, files } => kernel::run(&folder, files),
        What::Live { folder, index, file, text, name, rounds } => live::run(&live::Order { folder, index, file, text, name, rounds }),
        What::Keys { file, index, presses } => keys::run(&keys::Order { file, index, presses }),
        What::Dump { file } => gaps::dump(&file),
        What::Gaps { folder } => gaps::survey(&folder),
    };
    match done {
        Ok(()) => ExitCode::SUCCESS,
        Err(e) => {
            eprintln!("yardstick: {e}");
            ExitCode::FAILURE
        }
    }
}
