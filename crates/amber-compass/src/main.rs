//! Amber Compass: find your way in code you did not write.

mod cli;
mod demo;
mod places;
mod shown;
mod tui;

fn main() -> std::process::ExitCode {
    cli::run()
}
