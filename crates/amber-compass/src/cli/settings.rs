//! `settings`: where the file is, and what it says or may say.

use super::{Failure, index::print};
use crate::settings;
use std::process::ExitCode;

pub fn run() -> Result<ExitCode, Failure> {
    let path = settings::file();
    let read = settings::read(&path).map_err(Failure::user)?;
    let there = if path.is_file() { "" } else { " (not there: all is as it comes)" };
    print(&format!("# {}{there}\n\n{}", path.display(), read.told()));
    Ok(ExitCode::SUCCESS)
}
