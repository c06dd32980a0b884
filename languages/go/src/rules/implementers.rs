//! Go: which types have the methods of an interface.
//!
//! Nobody says so in Go: a type implements an interface when it has all its methods, with the same parameters and results, written for it or
//! promoted from what it embeds. Methods are compared by their types as written (see `Facts::signatures`). The same text means the same
//! types where the names in it do; a text that differs by the name of an alias, or by a type parameter, may mean the same. What is not
//! settled that way is `inferred`, what cannot be the same is left out.

use crate::rules::GoNames as _;
use compass_facts::bounds::Levels;
use compass_facts::{Facts, Kind};
use compass_index::Certainty;
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Ty};
use easy_ext::ext;
use rustc_hash::FxHashSet;

/// So many types are tried for one interface.
const MAX_CANDIDATES: usize = 20_000;
/// A method of an interface.
#[derive(Clone, Copy)]
pub(crate) struct Wanted {
    name: GlobalNameId,
    method: DefRef,
}

#[ext(Implementers)]
pub(crate) impl Evaluator<'_, '_> {
    /// The types that have all methods of an interface, and how sure that is.
    fn go_implementers(&mut self, interface: DefRef) -> Vec<(DefRef, Certainty)> {
        let mut wanted = Vec::new();
        self.go_methods(interface, &mut wanted, Levels::BASES);
        // An interface without methods is implemented by everything: nothing worth listing.
        let Some(rarest) = wanted.iter().map(|w| w.name).min_by_key(|name| self.world.named_members(*name).len()) else { return Vec::new() };
        let mut out = Vec::new();
        let mut seen: FxHashSet<DefRef> = FxHashSet::default();
        let mut candidates: Vec<DefRef> = Vec::new();
        for member in self.world.named_members(rarest) {
            candidates.extend(self.go_receiver(*member).or_else(|| self.go_interface_of(*member)));
        }
        let mut next = 0;
        while let Some(of) = candidates.get(next).copied().filter(|_| next < MAX_CANDIDATES) {
            next += 1;
            candidates.extend(self.go_embedders(of));
            if of != interface
                && seen.insert(of)
                && let Some(sure) = wanted.iter().try_fold(Certainty::Proven, |sure, w| Some(sure.min(self.go_has_method(of, *w)?)))
            {
                out.push((of, sure));
            }
        }
        out
    }

    /// Does a type have the method? Most of those asked about write it themselves, or are structs that embed nothing; only for the others
    /// all members are looked at.
    fn go_has_method(&mut self, of: DefRef, wanted: Wanted) -> Option<Certainty> {
        let world = self.world;
        let mut best = None;
        for (file, scope) in self.extensions.inherent.get(&(of, wanted.name)).into_iter().flatten().copied() {
            for bound in world.bindings(file, scope, wanted.name) {
                if let Binding::Def(def) = bound {
                    best = best.max(self.go_fits(wanted, DefRef { file, def }));
                }
            }
        }
        world.dependency_log.note(wanted.name);
        if best.is_some() || world.def(of).kind == Kind::Struct && self.bases(of).is_empty() {
            return best;
        }
        let found = self.members(of.file, &Ty::Value(of, Ty::no_args()), wanted.name);
        let syms = found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
        syms.filter_map(|s| self.go_fits(wanted, s)).max()
    }

    /// Is a method what is wanted?
    fn go_fits(&self, wanted: Wanted, method: DefRef) -> Option<Certainty> {
        let world = self.world;
        let d = world.def(method);
        if d.kind != Kind::Method {
            return None;
        }
        // What begins with a small letter is another thing in each package.
        let is_open = world.name(wanted.name).starts_with(char::is_uppercase);
        let same_package = self.go_packages().packages.of(method.file) == self.go_packages().packages.of(wanted.method.file);
        if !is_open && !same_package {
            return None;
        }
        let (asked, given) = (written(world.facts(wanted.method.file), wanted.method)?, written(world.facts(method.file), method)?);
        self.go_same_types(asked, given, same_package)
    }

    /// Do two texts of types mean the same?
    fn go_same_types(&self, one: &str, other: &str, same_package: bool) -> Option<Certainty> {
        let (a, b): (Vec<&str>, Vec<&str>) = (tokens(one).collect(), tokens(other).collect());
        let is_open = |t: &str| t == "?" || self.go_is_alias(last(t));
        if a.len() != b.len() {
            // A name on one side may stand for many words on the other.
            return a.iter().chain(&b).any(|t| is_open(t)).then_some(Certainty::Inferred);
        }
        let mut sure = Certainty::Proven;
        for (x, y) in a.iter().zip(&b) {
            let same_name = last(x) == last(y);
            if !same_name {
                if !(is_open(x) || is_open(y)) {
                    return None;
                }
                sure = Certainty::Inferred;
            } else if *x == "?" || !(same_package && x == y || self.go_means_one(x, y)) {
                sure = Certainty::Inferred;
            }
        }
        Some(sure)
    }

    /// Is the name, with or without its package, the same thing wherever it is written?
    fn go_means_one(&self, x: &str, y: &str) -> bool {
        let is_word = x.starts_with(|c: char| c.is_alphabetic() || c == '_');
        if !is_word || compass_index::linking::is_builtin(crate::GO, x) || is_keyword(x) {
            return true;
        }
        let named = self.world.find_gid(last(x)).map_or(&[][..], |gid| self.world.named(gid));
        let types = named.iter().filter(|s| self.world.language(s.file) == crate::GO && self.world.def(**s).kind.is_type()).count();
        // Of a library that is not here the name of the package tells.
        if x.contains('.') && x == y { types <= 1 } else { types == 1 }
    }

    fn go_is_alias(&self, name: &str) -> bool {
        let Some(gid) = self.world.find_gid(name) else { return false };
        let is_one = |s: &DefRef| self.world.language(s.file) == crate::GO && self.world.def(*s).kind == Kind::Alias && self.world.def(*s).inner.is_none();
        self.world.named(gid).iter().any(is_one)
    }

    /// Structs that have a type's methods because they embed it.
    fn go_embedders(&self, of: DefRef) -> Vec<DefRef> {
        let name = self.world.gid(of.file, self.world.def(of).name);
        // Told by that name: whoever embeds another from now on adds a field of it.
        let _ = self.world.named_members(name);
        self.go_packages().embedding.get(&name).cloned().unwrap_or_default()
    }

    /// The interface a method is asked for by: whoever embeds that has the method, too.
    fn go_interface_of(&self, method: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(method.file);
        let d = facts.def(method.def);
        let of = d.container.filter(|c| d.kind == Kind::Method && facts.def(*c).kind == Kind::Interface)?;
        (self.world.language(method.file) == crate::GO).then_some(DefRef { file: method.file, def: of })
    }

    /// Methods of an interface and of those it holds.
    fn go_methods(&mut self, interface: DefRef, out: &mut Vec<Wanted>, levels: Levels) {
        let facts = self.world.facts(interface.file);
        let (Some(scope), Some(levels)) = (facts.def(interface.def).inner, levels.down()) else { return };
        for (i, d) in facts.definitions.iter().enumerate().filter(|(_, d)| d.scope == scope && d.kind == Kind::Method) {
            let method = DefRef { file: interface.file, def: compass_facts::DefId(i as u32) };
            out.push(Wanted { name: self.world.gid(interface.file, d.name), method });
        }
        for base in self.bases(interface).iter() {
            if let Ty::Item(s, ..) = base {
                self.go_methods(*s, out, levels);
            }
        }
    }
}

/// What a method takes and gives.
fn written(facts: &Facts, method: DefRef) -> Option<&str> {
    let at = facts.signatures.binary_search_by_key(&method.def, |s| s.0).ok()?;
    Some(facts.name(facts.signatures[at].1))
}

/// Names with their packages, and signs one by one.
fn tokens(text: &str) -> impl Iterator<Item = &str> {
    let is_word = |c: char| c.is_alphanumeric() || c == '_' || c == '.';
    let mut rest = text;
    std::iter::from_fn(move || {
        rest = rest.trim_start();
        let first = rest.chars().next()?;
        let end = if is_word(first) && first != '.' { rest.find(|c| !is_word(c)).unwrap_or(rest.len()) } else { first.len_utf8() };
        let (token, behind) = rest.split_at(end);
        rest = behind;
        Some(token)
    })
}

/// A name without its package.
fn last(token: &str) -> &str {
    token.rsplit('.').next().filter(|t| !t.is_empty()).unwrap_or(token)
}

fn is_keyword(word: &str) -> bool {
    matches!(word, "func" | "map" | "chan" | "struct" | "interface") || word.starts_with(|c: char| c.is_ascii_digit())
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn texts_of_types_are_cut_into_names_and_signs() {
        let cut: Vec<&str> = tokens("(context.Context,...any,func(int)(error))(<-chan *Rack)").collect();
        assert_eq!(cut[..5], ["(", "context.Context", ",", ".", "."]);
        assert!(cut.contains(&"chan") && cut.contains(&"*") && cut.contains(&"Rack"));
        assert_eq!((last("context.Context"), last("."), last("Rack")), ("Context", ".", "Rack"));
    }
}
