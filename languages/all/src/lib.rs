//! The one list of languages. Who adds a language adds it here, and nowhere else.

pub use language_c_family::{C, CPP};
pub use language_go::GO;
pub use language_jvm::JAVA;
pub use language_perl::PERL;
pub use language_python::PYTHON;
pub use language_rust::RUST;
pub use language_script::{JAVASCRIPT, TSX, TYPESCRIPT};
pub use language_sql::SQL;

use compass_facts::Language;

/// All languages that have a room.
pub const ALL: [Language; 11] = [C, CPP, GO, JAVA, JAVASCRIPT, PERL, PYTHON, RUST, SQL, TYPESCRIPT, TSX];

/// Makes them known: a program does so before anything else.
pub fn register() {
    compass_facts::register(&ALL);
}
