//! Guesses in the order of their names: what a type parameter is called says which types it is meant for.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{Entity, Lookup, Ty};
use crate::link::world::DefRef;
use compass_facts::Kind;

/// Shorter words say nothing: `T`, `It`.
const SHORTEST: usize = 3;

impl Evaluator<'_, '_> {
    /// Members guessed of a value of a type parameter: those of types first whose names have all the words of the parameter's. `FormatContext`
    /// is meant for a `basic_format_context`.
    pub(in crate::link) fn sort_by_likeness(&self, owner: &Ty, found: &mut Lookup) {
        let (Ty::Value(parameter, _) | Ty::Item(parameter, ..)) = owner else { return };
        if found.hits.len() < 2 || self.world.def(*parameter).kind != Kind::TypeParameter {
            return;
        }
        let name = |of: DefRef| self.world.facts(of.file).name(self.world.def(of).name);
        let wanted = words(name(*parameter));
        if wanted.is_empty() {
            return;
        }
        found.hits.sort_by_cached_key(|h| {
            let Entity::DefRef(member) = h.entity else { return true };
            let Some(container) = self.world.def(member).container else { return true };
            let has = words(name(DefRef { file: member.file, def: container }));
            !wanted.iter().all(|w| has.contains(w))
        });
    }
}

/// The words of a name, in small letters: `FormatContext` and `basic_format_context` share two.
fn words(name: &str) -> Vec<String> {
    let mut all: Vec<String> = vec![String::new()];
    let mut before = '_';
    for c in name.chars() {
        if c == '_' || c.is_uppercase() && before.is_lowercase() {
            all.push(String::new());
        }
        if let Some(last) = all.last_mut().filter(|_| c != '_') {
            last.extend(c.to_lowercase());
        }
        before = c;
    }
    all.retain(|w| w.len() >= SHORTEST);
    all
}

#[cfg(test)]
mod tests {
    use super::words;
    use rstest::rstest;

    #[rstest]
    #[case::in_capitals("FormatContext", &["format", "context"])]
    #[case::with_underlines("basic_format_context", &["basic", "format", "context"])]
    #[case::short("T", &[])]
    #[case::of_other_letters("_ÄhreIt", &["ähre"])]
    fn names_have_words(#[case] name: &str, #[case] expected: &[&str]) {
        assert_eq!(words(name), expected);
    }
}
