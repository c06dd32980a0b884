//! The compiler of this machine, as far as it is asked.

use compass_facts::Language;
use std::process::{Command, Stdio};
use std::sync::OnceLock;

/// What the compiler of this machine defines by itself, by language, in the form of its own list; it is asked once. Nothing without one.
pub fn compilers() -> &'static [(Language, String)] {
    static ASKED: OnceLock<Vec<(Language, String)>> = OnceLock::new();
    ASKED.get_or_init(|| {
        let list = |language: &str| {
            let asked = Command::new("cc").args(["-dM", "-E", "-x", language, "-"]).stdin(Stdio::null()).stderr(Stdio::null()).output();
            asked.ok().filter(|o| o.status.success()).map(|o| String::from_utf8_lossy(&o.stdout).into_owned())
        };
        // A compiler of C alone has the usual platform's list for C++.
        [(crate::C, "c"), (crate::CPP, "c++")].into_iter().filter_map(|(language, word)| Some((language, list(word)?))).collect()
    })
}
