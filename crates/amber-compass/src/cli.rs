//! The command line: arguments, exit codes, messages.
//!
//! Messages for people go to standard error, data to standard output. Exit codes: 0 answered, 1 nothing found, 2 the call
//! is wrong, 3 the index is missing or unusable.

mod args;
mod ask;
mod demo;
mod draw;
mod failure;
mod index;
mod open;
mod package_cache;
mod progress;
mod roots;
mod settings;
mod unfold;

pub use failure::Failure;

use clap::Parser;
use std::process::ExitCode;

/// Runs the program.
pub fn run() -> ExitCode {
    let args = match args::Args::try_parse() {
        Ok(args) => args,
        Err(error) => {
            let _ = error.print();
            return ExitCode::from(if error.use_stderr() { 2 } else { 0 });
        }
    };
    let result = match args.command {
        Some(args::Command::Index(command)) => index::run(&command),
        Some(args::Command::Ask(command)) => ask::run(&command),
        Some(args::Command::Unfold(command)) => unfold::run(&command),
        Some(args::Command::Draw(command)) => draw::run(&command),
        Some(args::Command::Demo(command)) => demo::run(&command),
        Some(args::Command::PackageCache(command)) => package_cache::run(&command),
        Some(args::Command::Roots(command)) => roots::run(&command),
        Some(args::Command::Settings) => settings::run(),
        None => open::run(args.path.as_deref(), args.index, args.deps, args.package_cache),
    };
    match result {
        Ok(code) => code,
        Err(failure) => failure.report(),
    }
}
