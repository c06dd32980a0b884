//! Macros that the usual compiler defines before the first line of a file is read.

/// Those of gcc 12 for Linux on x86-64, as it lists them itself (`-dM -E` of an empty file).
const C: &str = include_str!("data/predefined_c.txt");
const CPP: &str = include_str!("data/predefined_cpp.txt");

/// The list for one language.
pub(crate) fn usual(cpp: bool) -> &'static str {
    if cpp { CPP } else { C }
}
