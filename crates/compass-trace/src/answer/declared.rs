//! Declaration and implementation: two places of one thing.
//!
//! Headers of scripts are recorded by the linker; of other languages a bodiless definition of the same name, in the same
//! unit and as deep, is the other side.

use super::rows::{Raw, definition_rank};
use super::subject::{Resolution, Resolved};
use super::{AnswerError, Engine, Found};
use crate::question::Mode;
use compass_facts::{DefId, Facts, Flags, ImportKind};
use compass_index::{Certainty, FileId, SymbolId};
use std::borrow::Cow;

/// Another place of the same thing, and how well it fits: the least is best.
struct Other {
    declares: bool,
    /// Other names around it; no header of its package; folders that are not shared.
    fit: (bool, bool, usize),
    row: Raw,
}

impl Engine {
    /// Is a definition a declaration alone?
    pub(super) fn declares(&self, file: FileId, facts: &Facts, def: DefId) -> bool {
        definition_rank(facts, def) || self.is_header(file)
    }

    /// Is it a file of declarations: one that stands beside the code and says its types?
    fn is_header(&self, file: FileId) -> bool {
        let path = self.index.path_of(file);
        [".d.ts", ".d.mts", ".d.cts", ".pyi"].iter().any(|e| path.ends_with(e))
    }

    /// Declarations and implementations of the same entity, by name and container.
    pub(super) fn other_side(&self, resolution: &Resolution, mode: Mode, rows: &mut Vec<(bool, Raw)>, found: &mut Found) -> Result<(), AnswerError> {
        let Some(first) = resolution.symbols.first() else { return Ok(()) };
        let recorded = self.recorded(first.symbol)?;
        let others = if recorded.is_empty() { self.same_entity(first.symbol)? } else { recorded };
        let want_declared = match mode {
            Mode::Any => {
                if let Some(other) = others.iter().find(|o| o.declares) {
                    let answer = self.full(&other.row)?;
                    found.notes.push(format!("declared at {}:{}", answer.path, answer.line));
                }
                return Ok(());
            }
            Mode::Declared => true,
            Mode::Implemented => false,
        };
        let mut chosen: Vec<(bool, Raw)> = rows.iter().filter(|r| r.0 == want_declared).cloned().collect();
        // Asked for by name, both sides are there already.
        let is_new = |o: &Other| o.declares == want_declared && !rows.iter().any(|r| r.1.symbol == o.row.symbol);
        chosen.extend(others.into_iter().filter(is_new).map(|o| (o.declares, o.row)));
        if !chosen.is_empty() {
            *rows = chosen;
            return Ok(());
        }
        found.notes.push(format!("no separate {} is known", if want_declared { "declaration" } else { "implementation" }));
        if want_declared && self.has_headers(first.symbol.file) {
            // The package declares itself in other files: this place is not the answer.
            rows.clear();
            found.miss("no_definition", 1);
        }
        Ok(())
    }

    /// The symbols that a question about relations is about: all of a name; at a place the first, with the code of what it only declares.
    pub(super) fn meant<'r>(&self, resolution: &'r Resolution) -> Result<Cow<'r, [Resolved]>, AnswerError> {
        let first = match resolution.symbols.first() {
            Some(first) if !resolution.by_name => first,
            _ => return Ok(Cow::Borrowed(&resolution.symbols)),
        };
        let mut out = vec![first.clone()];
        let Some((facts, def)) = self.index.definition(first.symbol)? else { return Ok(out.into()) };
        // What a base leaves open is a thing of its own.
        if definition_rank(&facts.facts, def) && !facts.facts.def(def).flags.has(Flags::ABSTRACT) {
            let code = self.same_entity(first.symbol)?.into_iter().filter(|o| !o.declares).filter_map(|o| o.row.symbol);
            out.extend(code.map(|symbol| Resolved { symbol, ..first.clone() }));
        }
        out.extend(self.other_parts(first.symbol, &facts.facts, def)?.into_iter().map(|symbol| Resolved { symbol, ..first.clone() }));
        Ok(out.into())
    }

    /// The other parts of a type that is written in several.
    fn other_parts(&self, symbol: SymbolId, facts: &Facts, def: DefId) -> Result<Vec<SymbolId>, AnswerError> {
        let d = facts.def(def);
        let has_parts = self.index.file(symbol.file).is_some_and(|f| f.language.profile().types_have_parts);
        if !has_parts || !d.kind.is_type() {
            return Ok(Vec::new());
        }
        let around = self.around(facts, def);
        let mut out = Vec::new();
        for entry in self.index.named(facts.def_name(def))?.into_iter().filter(|e| e.kind == d.kind && e.symbol != symbol) {
            let Some((other, at)) = self.index.definition(entry.symbol)? else { continue };
            if other.facts.def(at).arity == d.arity && self.around(&other.facts, at) == around {
                out.push(entry.symbol);
            }
        }
        Ok(out)
    }

    /// The names around a definition, the namespace that its outermost scope says first.
    fn around(&self, facts: &Facts, def: DefId) -> Vec<String> {
        let mut out = Vec::new();
        let mut at = def;
        while let Some(container) = facts.def(at).container.filter(|_| out.len() < 32) {
            out.push(facts.def_name(container).to_owned());
            at = container;
        }
        let scope = facts.def(at).scope;
        let within = facts.imports.iter().find(|i| i.kind == ImportKind::Within && i.scope == scope);
        out.extend(within.map(|i| facts.name(i.module).to_owned()));
        out.reverse();
        out
    }

    /// What the linker recorded as the other side.
    fn recorded(&self, symbol: SymbolId) -> Result<Vec<Other>, AnswerError> {
        let links = self.index.links(symbol.file)?;
        let declared = links.declared.iter().filter(|p| p.0 == symbol).map(|p| p.1);
        let mut out = Vec::new();
        for other in declared {
            let mut row = match self.index.definition(other)? {
                Some((facts, def)) => Raw::definition(other, &facts, def),
                None => Raw::module(other.file),
            };
            row.marks.certainty = Some(Certainty::Inferred);
            out.push(Other { declares: true, fit: (false, false, 0), row });
        }
        Ok(out)
    }

    /// Other definitions of what a symbol defines: the prototype of a body, the stub of a module's class.
    fn same_entity(&self, symbol: SymbolId) -> Result<Vec<Other>, AnswerError> {
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(Vec::new()) };
        let d = facts.facts.def(def);
        if d.flags.has(Flags::LOCAL) || d.name_span.is_empty() {
            return Ok(Vec::new());
        }
        let containers = self.stands_in(symbol, &facts.facts, def)?;
        let here = self.declares(symbol.file, &facts.facts, def);
        let path = self.index.path_of(symbol.file);
        let (mut out, mut exact, mut is_exact) = (Vec::new(), Vec::new(), false);
        for entry in self.index.named(facts.facts.def_name(def))? {
            let same_language = self.index.file(entry.symbol.file).zip(self.index.file(symbol.file)).is_some_and(|(a, b)| a.language.is_kin_of(b.language));
            if entry.symbol == symbol || !same_language || entry.symbol.file.unit != symbol.file.unit {
                continue;
            }
            let Some((other, id)) = self.index.definition(entry.symbol)? else { continue };
            let declares = self.declares(entry.symbol.file, &other.facts, id);
            if declares == here {
                continue;
            }
            let around = self.stands_in(entry.symbol, &other.facts, id)?;
            // The declaration file of a script may put a wall around what its module has without one.
            if around == containers || self.is_script(symbol.file) && around.len() == containers.len() {
                let same_parameters = other.facts.def(id).signature == d.signature;
                is_exact |= same_parameters;
                exact.push(same_parameters);
                let fit = (around != containers, declares && !self.is_header(entry.symbol.file), apart(&path, &self.index.path_of(entry.symbol.file)));
                out.push(Other { declares, fit, row: Raw::definition(entry.symbol, &other, id) });
            }
        }
        // Of overloads the one with the same parameters; types may be written otherwise in the two places.
        if is_exact {
            let mut kept = exact.into_iter();
            out.retain(|_| kept.next().unwrap_or(true));
        }
        if self.is_script(symbol.file) {
            out.sort_by_key(|o| o.fit);
        }
        Ok(out)
    }

    /// The names around a definition; of a member written outside its type those of the type.
    fn stands_in(&self, symbol: SymbolId, facts: &Facts, def: DefId) -> Result<Vec<String>, AnswerError> {
        let owned = |path: Vec<&str>| path.into_iter().map(str::to_owned).collect::<Vec<String>>();
        let Some(owner) = self.index.owners_outside(symbol)?.into_iter().next() else { return Ok(owned(facts.container_path(def))) };
        let Some((of, id)) = self.index.definition(owner)? else { return Ok(owned(facts.container_path(def))) };
        let mut path = owned(of.facts.container_path(id));
        path.push(of.facts.def_name(id).to_owned());
        Ok(path)
    }

    fn is_script(&self, file: FileId) -> bool {
        self.index.file(file).is_some_and(|f| f.language.profile().has_declaration_files)
    }

    /// Does a script's package have declaration files?
    fn has_headers(&self, file: FileId) -> bool {
        self.is_script(file) && self.index.files().iter().any(|f| f.id.unit == file.unit && self.is_header(f.id))
    }
}

/// How many folders of one path the other does not have, whatever their order: `src/query/a.ts` is near `dist/query/`.
fn apart(a: &str, b: &str) -> usize {
    let of = |path: &str| path.rsplit_once('/').map_or(Vec::new(), |(d, _)| d.split('/').map(str::to_owned).collect::<Vec<_>>());
    let (a, b) = (of(a), of(b));
    a.iter().filter(|f| !b.contains(f)).count() + b.iter().filter(|f| !a.contains(f)).count()
}

#[cfg(test)]
mod tests {
    use super::apart;
    use rstest::rstest;

    #[rstest]
    #[case::same("src/query/a.ts", "src/query/b.ts", 0)]
    #[case::built("src/query/a.ts", "dist/query/index.d.ts", 2)]
    #[case::built_elsewhere("src/query/a.ts", "dist/index.d.ts", 3)]
    #[case::at_the_top("a.ts", "b.ts", 0)]
    fn folders_apart_are_counted(#[case] a: &str, #[case] b: &str, #[case] wanted: usize) {
        assert_eq!(apart(a, b), wanted);
    }
}
