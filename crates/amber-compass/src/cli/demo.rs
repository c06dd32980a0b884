//! `demo`.

use super::args::{DemoArgs, DepsArg};
use super::{Failure, open};
use crate::demo;
use std::process::ExitCode;

/// Lays the demo out and opens it.
pub fn run(args: &DemoArgs) -> Result<ExitCode, Failure> {
    let root = demo::lay_out(args.to.as_deref()).map_err(|e| Failure::user(compass_session::failure_chain(&e)))?;
    if args.lay_out_only {
        super::index::print(&format!("{}\n", root.display()));
        return Ok(ExitCode::SUCCESS);
    }
    let index = root.parent().map(|p| p.join("index").join("index.sqlite"));
    open::open(&root, None, index, DepsArg::None, None)
}
