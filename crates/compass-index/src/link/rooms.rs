//! The rules of the languages, one room each. Nothing of a language stands elsewhere in the linker.

mod c_family;
mod go;
mod java;
mod perl;
mod python;
mod rust;
mod script;

use super::rules::Rules;
use compass_facts::Language;

/// Each language with its rules; those without any have what all languages have.
const ROOMS: [(Language, &dyn Rules); 10] = [
    (Language::C, &c_family::C),
    (Language::Cpp, &c_family::Cpp),
    (Language::Go, &go::Go),
    (Language::Java, &java::JavaRules),
    (Language::JavaScript, &script::Script),
    (Language::Perl, &perl::Perl),
    (Language::Python, &python::Python),
    (Language::Rust, &rust::Rust),
    (Language::TypeScript, &script::Script),
    (Language::Tsx, &script::Script),
];

/// The rules by the number of their language.
static BY_LANGUAGE: [Option<&dyn Rules>; Language::ALL.len()] = {
    let mut out: [Option<&dyn Rules>; Language::ALL.len()] = [None; Language::ALL.len()];
    let mut i = 0;
    while i < ROOMS.len() {
        out[ROOMS[i].0 as usize] = Some(ROOMS[i].1);
        i += 1;
    }
    out
};

pub(super) fn of(language: Language) -> Option<&'static dyn Rules> {
    BY_LANGUAGE[language as usize]
}

/// The rules of each family of languages once.
pub(super) fn all() -> impl Iterator<Item = &'static dyn Rules> {
    let first = |i: usize| ROOMS[..i].iter().all(|r| !r.0.is_kin_of(ROOMS[i].0));
    (0..ROOMS.len()).filter(move |i| first(*i)).map(|i| ROOMS[i].1)
}
