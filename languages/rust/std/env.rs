//! The environment of the process.

/// Arguments of the program.
pub struct Args {}
/// Arguments of the program, not checked to be text.
pub struct ArgsOs {}
/// Variables.
pub struct Vars {}
/// Why there is no variable.
pub enum VarError {
    /// It is not set.
    NotPresent,
    /// It is no text.
    NotUnicode(OsString),
}
/// The arguments of the program, its name first.
pub fn args() -> Args;
/// The arguments of the program, not checked to be text.
pub fn args_os() -> ArgsOs;
/// A variable.
pub fn var<K: AsRef<OsStr>>(key: K) -> Result<String, VarError>;
/// A variable, not checked to be text.
pub fn var_os<K: AsRef<OsStr>>(key: K) -> Option<OsString>;
/// All variables.
pub fn vars() -> Vars;
/// Sets a variable.
pub unsafe fn set_var<K: AsRef<OsStr>, V: AsRef<OsStr>>(key: K, value: V);
/// Takes a variable out.
pub unsafe fn remove_var<K: AsRef<OsStr>>(key: K);
/// The folder the process works in.
pub fn current_dir() -> io::Result<PathBuf>;
/// Goes to another folder.
pub fn set_current_dir<P: AsRef<Path>>(path: P) -> io::Result<()>;
/// The file of the program.
pub fn current_exe() -> io::Result<PathBuf>;
/// A folder for files that do not last.
pub fn temp_dir() -> PathBuf;
/// The home folder.
pub fn home_dir() -> Option<PathBuf>;
