//! `settings`: where the file is, what it may say, and every action with its keys.

use super::{Failure, index::print};
use crate::settings;
use std::process::ExitCode;

pub fn run() -> Result<ExitCode, Failure> {
    let path = settings::file();
    let read = settings::read(&path).map_err(Failure::user)?;
    let there = if path.is_file() { "" } else { " (not there: all is as it comes)" };
    let mut out = format!("{}{there}\n\n", path.display());
    out += "theme = \"dark\"                       # or \"light\", \"plain\"\neditor = \"vi +{line} {path}\"\n\n[keys]                               # an action and its key; F1-F9 and digits are the program's own\n";
    for (action, key, text) in read.keys.told() {
        out += &format!("{:36} # {text}\n", format!("{action} = {key:?}"));
    }
    print(&out);
    Ok(ExitCode::SUCCESS)
}
