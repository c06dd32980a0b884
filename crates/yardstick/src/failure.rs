//! Why a measurement could not be made.

use std::path::PathBuf;

/// See the module.
#[derive(Debug, thiserror::Error)]
pub enum Failure {
    /// A program could not be started.
    #[error("{program} cannot be started: {source}")]
    Start {
        /// The program.
        program: String,
        /// What the system said.
        source: std::io::Error,
    },
    /// A program failed.
    #[error("{program} failed ({status}): {said}")]
    Failed {
        /// The program.
        program: String,
        /// Its status.
        status: std::process::ExitStatus,
        /// The last of what it said.
        said: String,
    },
    /// A file cannot be read or written.
    #[error("{}: {source}", path.display())]
    File {
        /// The file.
        path: PathBuf,
        /// What the system said.
        source: std::io::Error,
    },
    /// A program said something unexpected.
    #[error("{0}")]
    Unexpected(String),
}

/// Runs a program to its end; gives what it printed.
pub fn output(command: &mut std::process::Command) -> Result<String, Failure> {
    let program = command.get_program().to_string_lossy().into_owned();
    let out = command.output().map_err(|source| Failure::Start { program: program.clone(), source })?;
    let text = String::from_utf8_lossy(&out.stdout).into_owned();
    if out.status.success() {
        return Ok(text);
    }
    let said = String::from_utf8_lossy(&out.stderr);
    let said: String = said.lines().rev().take(5).collect::<Vec<_>>().join(" / ");
    Err(Failure::Failed { program, status: out.status, said })
}

/// The program that is measured: the one that `YARDSTICK_PROGRAM` names, else built beside this one.
pub fn amber_compass() -> Result<PathBuf, Failure> {
    if let Some(named) = std::env::var_os("YARDSTICK_PROGRAM") {
        return Ok(PathBuf::from(named));
    }
    let own = std::env::current_exe().map_err(|source| Failure::File { path: PathBuf::from("yardstick"), source })?;
    let target = own.parent().and_then(|p| p.parent()).ok_or_else(|| Failure::Unexpected("yardstick stands in no build folder".to_owned()))?;
    let cargo = std::env::var_os("CARGO").unwrap_or_else(|| "cargo".into());
    output(std::process::Command::new(cargo).args(["build", "--release", "--quiet", "-p", "amber-compass", "--target-dir"]).arg(target))?;
    Ok(target.join("release/amber-compass"))
}
