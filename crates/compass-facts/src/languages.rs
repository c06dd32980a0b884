//! The rooms of the languages: what each is beyond its reader. The one list of them is [`PROFILES`], in the order of [`Language`].

mod c_family;
mod go;
mod java;
mod perl;
mod python;
mod rust;
mod script;
mod sql;
mod text;

use crate::Language;
use crate::profile::Profile;

/// All profiles, each with its language.
static PROFILES: [(Language, &Profile); 12] = [
    (Language::C, &c_family::C),
    (Language::Cpp, &c_family::CPP),
    (Language::Go, &go::GO),
    (Language::Java, &java::JAVA),
    (Language::JavaScript, &script::JAVASCRIPT),
    (Language::Perl, &perl::PERL),
    (Language::Python, &python::PYTHON),
    (Language::Rust, &rust::RUST),
    (Language::Sql, &sql::SQL),
    (Language::TypeScript, &script::TYPESCRIPT),
    (Language::Tsx, &script::TSX),
    (Language::Text, &text::TEXT),
];

impl Language {
    /// What is particular to it.
    #[must_use]
    pub fn profile(self) -> &'static Profile {
        PROFILES[self as usize].1
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    fn profiles_stand_in_the_order_of_languages() {
        for (i, (language, profile)) in PROFILES.iter().enumerate() {
            assert_eq!((*language as usize, Language::ALL[i]), (i, *language));
            assert_eq!(language.profile().stored_word, profile.stored_word);
        }
    }

    #[rstest]
    fn no_two_languages_share_a_stored_word_or_an_ending() {
        let mut words: Vec<&str> = PROFILES.iter().map(|p| p.1.stored_word).collect();
        let mut endings: Vec<&str> = PROFILES.iter().flat_map(|p| p.1.endings.iter().copied()).collect();
        for list in [&mut words, &mut endings] {
            let before = list.len();
            list.sort_unstable();
            list.dedup();
            assert_eq!(list.len(), before, "{list:?}");
        }
    }
}
