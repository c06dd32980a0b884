//! Runs the program on a project, with a home of its own.

use std::io::Write;
use std::process::{Command, Stdio};
use testkit::Project;

pub struct Output {
    pub code: i32,
    pub out: String,
    pub err: String,
}

pub fn run(project: &Project, args: &[&str]) -> Output {
    run_with_input(project, args, "")
}

/// The program with a home of its own; what the tester's machine has is of no matter.
pub fn command(project: &Project, args: &[&str]) -> Command {
    at_home(Command::new(PROGRAM), project, args)
}

/// The same, begun by a script of the shell in which the program is `$0`.
pub fn shell(project: &Project, script: &str, args: &[&str]) -> Command {
    let mut shell = Command::new("bash");
    shell.args(["-c", script, PROGRAM]);
    at_home(shell, project, args)
}

const PROGRAM: &str = env!("CARGO_BIN_EXE_amber-compass");

fn at_home(mut command: Command, project: &Project, args: &[&str]) -> Command {
    command.args(args).current_dir(project.root()).env("HOME", project.home()).env("XDG_CACHE_HOME", project.home().join("cache"));
    command.env("XDG_DATA_HOME", project.home().join("data"));
    for name in ["CARGO_HOME", "RUSTUP_HOME", "GOPATH", "GOMODCACHE", "GOROOT", "VIRTUAL_ENV", "PYENV_ROOT"] {
        command.env_remove(name);
    }
    command
}

pub fn run_with_input(project: &Project, args: &[&str], input: &str) -> Output {
    let mut child = command(project, args).stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::piped()).spawn().expect("the program starts");
    child.stdin.take().expect("piped").write_all(input.as_bytes()).expect("it listens");
    let output = child.wait_with_output().expect("it ends");
    let text = |bytes: &[u8]| String::from_utf8_lossy(bytes).into_owned();
    let result = Output { code: output.status.code().unwrap_or(-1), out: text(&output.stdout), err: text(&output.stderr) };
    assert!(!result.err.contains("panicked"), "{}", result.err);
    result
}

/// Indexes and asks one question as JSON.
pub fn indexed(project: &Project) {
    let done = run(project, &["index", "."]);
    assert_eq!(done.code, 0, "{}", done.err);
}

pub fn json(text: &str) -> serde_json::Value {
    serde_json::from_str(text.lines().last().unwrap_or("")).unwrap_or_else(|e| panic!("{e}: {text}"))
}
