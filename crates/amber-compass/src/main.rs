//! Amber Compass: find your way in code you did not write.

mod cli;
mod places;
mod shown;

fn main() -> std::process::ExitCode {
    cli::run()
}
