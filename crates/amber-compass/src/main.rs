//! Amber Compass: find your way in code you did not write.

mod cli;
mod demo;
mod log;
mod settings;
mod shown;
mod tui;

/// Linking makes and drops many small things on several threads; measured in `docs/measured.md`.
#[global_allocator]
static ALLOCATOR: mimalloc::MiMalloc = mimalloc::MiMalloc;

fn main() -> std::process::ExitCode {
    languages::register();
    cli::run()
}
