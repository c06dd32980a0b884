//! Where the package managers of a machine keep what they brought.
//!
//! Plain data: the program fills it from its environment, tests from folders of their own. Nothing here looks at variables or at the home
//! folder, and nothing runs another program.

use std::path::PathBuf;

/// Folders of package managers and of languages; what is not there is `None`.
#[derive(Debug, Clone, Default, PartialEq, Eq)]
pub struct Machine {
    /// Cargo's folder: `registry/src` and `git/checkouts` stand in it.
    pub cargo: Option<PathBuf>,
    /// The sources of Rust's standard library: `std`, `core`, `alloc` stand in it.
    pub rust_library: Option<PathBuf>,
    /// Go's cache of modules.
    pub go_modules: Option<PathBuf>,
    /// The sources of Go's standard library: `fmt`, `net` stand in it.
    pub go_library: Option<PathBuf>,
    /// The virtual environment in use.
    pub python_environment: Option<PathBuf>,
    /// The standard library of Python: `os.py` stands in it.
    pub python_library: Option<PathBuf>,
    /// Folders of packages that the package manager of Node installed for all.
    pub node_packages: Vec<PathBuf>,
    /// Folders of headers that the C compiler looks into, in its order.
    pub headers: Vec<PathBuf>,
}
