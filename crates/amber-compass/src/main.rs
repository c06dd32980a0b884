//! Amber Compass: find your way in code you did not write.

mod building;
mod cli;
mod demo;
mod exports;
mod kept;
mod log;
mod logbook;
mod machine;
mod places;
mod remembered;
mod roots;
mod settings;
mod shown;
mod tui;
mod ways;

/// Linking makes and drops many small things on several threads; measured in `docs/measured.md`.
#[global_allocator]
static ALLOCATOR: mimalloc::MiMalloc = mimalloc::MiMalloc;

fn main() -> std::process::ExitCode {
    languages::register();
    cli::run()
}
