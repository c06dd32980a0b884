//! Amber Compass: find your way in code you did not write.

mod cli;
mod demo;
mod kept;
mod places;
mod shown;
mod tui;
mod ways;

fn main() -> std::process::ExitCode {
    cli::run()
}
