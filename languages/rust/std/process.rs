//! Processes.

/// A program to be started.
pub struct Command {}
impl Command {
    /// One of a program.
    pub fn new<S: AsRef<OsStr>>(program: S) -> Command;
    /// Adds an argument.
    pub fn arg<S: AsRef<OsStr>>(&mut self, arg: S) -> &mut Command;
    /// Adds arguments.
    pub fn args<I>(&mut self, args: I) -> &mut Command;
    /// Sets a variable.
    pub fn env<K: AsRef<OsStr>, V: AsRef<OsStr>>(&mut self, key: K, val: V) -> &mut Command;
    /// Sets variables.
    pub fn envs<I>(&mut self, vars: I) -> &mut Command;
    /// Takes a variable out.
    pub fn env_remove<K: AsRef<OsStr>>(&mut self, key: K) -> &mut Command;
    /// Takes all variables out.
    pub fn env_clear(&mut self) -> &mut Command;
    /// The folder it works in.
    pub fn current_dir<P: AsRef<Path>>(&mut self, dir: P) -> &mut Command;
    /// Its standard input.
    pub fn stdin<T: Into<Stdio>>(&mut self, cfg: T) -> &mut Command;
    /// Its standard output.
    pub fn stdout<T: Into<Stdio>>(&mut self, cfg: T) -> &mut Command;
    /// Its standard error.
    pub fn stderr<T: Into<Stdio>>(&mut self, cfg: T) -> &mut Command;
    /// Starts it.
    pub fn spawn(&mut self) -> io::Result<Child>;
    /// Runs it and gives what it wrote.
    pub fn output(&mut self) -> io::Result<Output>;
    /// Runs it and gives how it ended.
    pub fn status(&mut self) -> io::Result<ExitStatus>;
}
/// A process that was started.
pub struct Child {
    /// Its standard input.
    pub stdin: Option<ChildStdin>,
    /// Its standard output.
    pub stdout: Option<ChildStdout>,
    /// Its standard error.
    pub stderr: Option<ChildStderr>,
}
impl Child {
    /// Ends it by force.
    pub fn kill(&mut self) -> io::Result<()>;
    /// Its number.
    pub fn id(&self) -> u32;
    /// Waits for its end.
    pub fn wait(&mut self) -> io::Result<ExitStatus>;
    /// How it ended, if it has.
    pub fn try_wait(&mut self) -> io::Result<Option<ExitStatus>>;
    /// Waits and gives what it wrote.
    pub fn wait_with_output(self) -> io::Result<Output>;
}
/// Standard input of a process.
pub struct ChildStdin {}
/// Standard output of a process.
pub struct ChildStdout {}
/// Standard error of a process.
pub struct ChildStderr {}
/// What a process wrote, and how it ended.
pub struct Output {
    /// How it ended.
    pub status: ExitStatus,
    /// What it wrote to standard output.
    pub stdout: Vec<u8>,
    /// What it wrote to standard error.
    pub stderr: Vec<u8>,
}
/// How a process ended.
pub struct ExitStatus(());
impl ExitStatus {
    /// Did all go well?
    pub fn success(&self) -> bool;
    /// The number it gave.
    pub fn code(&self) -> Option<i32>;
}
/// What a program gives at its end.
pub struct ExitCode(u8);
impl ExitCode {
    /// All went well.
    pub const SUCCESS: ExitCode;
    /// Something failed.
    pub const FAILURE: ExitCode;
}
/// Where a standard stream leads.
pub struct Stdio {}
impl Stdio {
    /// To this process.
    pub fn piped() -> Stdio;
    /// Where that of this process leads.
    pub fn inherit() -> Stdio;
    /// Nowhere.
    pub fn null() -> Stdio;
}
/// Ends the process.
pub fn exit(code: i32) -> !;
/// Ends the process at once.
pub fn abort() -> !;
/// The number of the process.
pub fn id() -> u32;
