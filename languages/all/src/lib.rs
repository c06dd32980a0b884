//! The one list of languages. Who adds a language adds it here, and nowhere else.

pub use language_c_family::{C, CPP};
pub use language_csharp::CSHARP;
pub use language_go::GO;
pub use language_graphql::GRAPHQL;
pub use language_jvm::{JAVA, KOTLIN, SCALA};
pub use language_lisp::LISP;
pub use language_lua::LUA;
pub use language_manifest::{DOCKER, MAKE, MANIFEST};
pub use language_markup::{CSS, HTML};
pub use language_perl::PERL;
pub use language_php::PHP;
pub use language_protobuf::PROTOBUF;
pub use language_python::PYTHON;
pub use language_ruby::RUBY;
pub use language_rust::RUST;
pub use language_script::{JAVASCRIPT, TSX, TYPESCRIPT};
pub use language_shell::SHELL;
pub use language_sql::SQL;

pub use language_c_family::{compilers, defines_for};

use compass_facts::Language;
use compass_index::plan::Ecosystem;

/// All languages that have a room.
pub const ALL: [Language; 26] = [
    C, CPP, CSHARP, CSS, DOCKER, GO, GRAPHQL, HTML, JAVA, JAVASCRIPT, KOTLIN, LISP, LUA, MAKE, MANIFEST, PERL, PHP, PROTOBUF, PYTHON, RUBY, RUST, SCALA, SHELL,
    SQL, TYPESCRIPT, TSX,
];

/// All ecosystems of packages; of manifests in one folder the first counts most.
pub const ECOSYSTEMS: [Ecosystem; 15] = [
    language_rust::CARGO,
    language_script::NPM,
    language_go::MODULES,
    language_jvm::MAVEN,
    language_jvm::GRADLE,
    language_jvm::SBT,
    language_python::DISTRIBUTIONS,
    language_php::COMPOSER,
    language_csharp::NUGET,
    language_lisp::ASDF,
    language_perl::LIBRARIES,
    language_ruby::GEMS,
    language_lua::ROCKS,
    language_protobuf::MODULES,
    language_c_family::HEADERS,
];

/// Makes them known: a program does so before anything else.
pub fn register() {
    compass_facts::register(&ALL);
    compass_index::plan::register(&ECOSYSTEMS);
}
