//! From a name in a question to the symbols it may stand for.
//!
//! # How it works
//! A qualified name is compared with what a definition stands in: its unit, folders or package, its file where the language makes that a
//! module, and the types around it. What is written in code comes first: the very end of that path. Failing this a name that leaves parts
//! out fits (`flask.Flask` for what stands in `flask/app.py`), then the name a package is imported by, then a member that a type has from
//! one above it. Of several symbols own ones come before others, types before members, and what is used more before what is used less.

use super::subject::{Resolution, Resolved};
use super::{AnswerError, Engine};
use crate::question::NamePattern;
use compass_facts::profile::Qualifier;
use compass_facts::{DefId, Flags, ImportKind, Language, Role, Use, UseId};
use compass_index::{Cause, CrossingKind, FileFacts, FileId, NameEntry, SymbolId};
use rustc_hash::FxHashMap;
use std::collections::BTreeSet;

/// Of more symbols than this nobody counts how often each is used.
const FEW: usize = 60;
/// So many importers of a package are asked what they call it.
const MOST_IMPORTERS: usize = 2_000;

/// So many files that looked up a name nobody defines are asked whether they bring something in under it.
const MOST_BINDERS: usize = 500;

/// How a name fits a definition.
#[derive(Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Fit {
    /// As the end of its path.
    Exactly,
    /// With parts left out.
    Loosely,
}

impl Engine {
    pub(super) fn resolve_name(&self, text: &str, quoted: bool) -> Result<Resolution, AnswerError> {
        let mut out = Resolution { by_name: true, ..Resolution::default() };
        if text.contains('/')
            && let Some(file) = self.find_file(text)
        {
            self.push_modules(vec![file], &mut out);
            return Ok(out);
        }
        let literal = NamePattern::new(text, true);
        let pattern = NamePattern::new(text, quoted);
        let mut entries = self.index.named(literal.last())?;
        let mut used = &literal;
        // What only a library has is asked for less than what is here under nearly that name.
        let only_declared = entries.iter().all(|e| self.is_declared(e.symbol.file));
        if only_declared && !quoted && !pattern.is_wild() {
            // Names may end in a sign that people leave out, and that a question loses when it is read.
            let ends: BTreeSet<char> = Language::all().iter().flat_map(|l| l.profile().name_ends.iter().copied()).collect();
            for sign in ends.iter().filter(|_| !text.ends_with(|c| ends.contains(&c))) {
                let whole = format!("{text}{sign}");
                if !self.index.named(NamePattern::new(&whole, true).last())?.is_empty() {
                    let mut meant = self.resolve_name(&whole, true)?;
                    if !entries.is_empty() {
                        meant.notes.push(format!("taken as {whole}, which is defined here; \"{text}\" in quotes is that of a library"));
                    }
                    return Ok(meant);
                }
            }
        }
        if pattern.is_wild() {
            if entries.is_empty() {
                used = &pattern;
                for name in self.index.names()?.iter().filter(|n| pattern.matches_last(n)) {
                    entries.extend(self.index.named(name)?);
                }
            } else {
                out.notes.push(format!("{text} is taken as a name; other names with that pattern are left out"));
            }
        }
        let mut fitting = Vec::new();
        for entry in &entries {
            if let Some(fit) = self.name_fits(used, entry)? {
                fitting.push((fit, entry.clone()));
            }
        }
        let best = fitting.iter().map(|f| f.0).min();
        if best == Some(Fit::Loosely) && used.types.is_none() {
            // A namespace that is called so in full comes before what leaves parts out.
            self.push_namespace(text, &mut out)?;
            if !out.symbols.is_empty() {
                return Ok(out);
            }
        }
        if best == Some(Fit::Loosely) {
            out.notes.push(format!("{text} leaves out parts of the full name"));
        }
        let mut fitting: Vec<NameEntry> = fitting.into_iter().filter(|f| Some(f.0) == best).map(|f| f.1).collect();
        // Some packages are called by all their parts.
        if text.contains("::") {
            fitting.extend(self.index.named(text)?);
        }
        if fitting.is_empty() && used.parts.len() > 1 && !used.is_wild() {
            fitting = self.by_import(used, &entries)?;
        }
        if fitting.is_empty() && used.parts.len() > 1 && !used.is_wild() {
            fitting = self.taken_from_above(used, &entries, &mut out)?;
        }
        // Who asks for a name means the code, and the standard library where nothing else is called so.
        if fitting.iter().any(|e| !self.is_declared(e.symbol.file)) {
            let before = fitting.len();
            fitting.retain(|e| !self.is_declared(e.symbol.file));
            if fitting.len() < before {
                let count = before - fitting.len();
                let places = if count == 1 { "1 place".to_owned() } else { format!("{count} places") };
                out.notes.push(format!("the standard library declares {text} too, at {places}: uses of these are not meant"));
            }
        }
        self.rank(fitting, &mut out)?;
        if out.symbols.is_empty() && !used.is_wild() && used.types.is_none() {
            let mut modules = self.modules_called(&used.parts);
            if modules.len() > FEW {
                out.cause = Some(Cause::TooMany);
                modules.truncate(FEW);
            }
            self.push_modules(modules, &mut out);
        }
        if out.symbols.is_empty()
            && let Some(file) = self.find_file(text)
        {
            self.push_modules(vec![file], &mut out);
        }
        if out.symbols.is_empty() && used.parts.len() > 1 && !used.is_wild() && used.types.is_none() {
            self.push_namespace(text, &mut out)?;
        }
        if out.symbols.is_empty()
            && let [name] = &used.parts[..]
        {
            self.push_bound_by_imports(name, &mut out)?;
        }
        if out.symbols.is_empty()
            && let Some(file) = self.file_of_unit(text)
        {
            self.push_modules(vec![file], &mut out);
        }
        if out.symbols.is_empty() && text.contains('/') {
            self.push_modules(self.files_of_folder(text), &mut out);
        }
        if out.symbols.is_empty()
            && let Some(longer) = self.with_left_out_ending(text, literal.last())?
        {
            out.notes.push(format!("{text} is short for {longer}"));
            let found = self.resolve_name(&longer, true)?;
            return Ok(Resolution { notes: out.notes.into_iter().chain(found.notes).collect(), ..found });
        }
        if out.symbols.is_empty()
            && let [name] = &used.parts[..]
        {
            self.push_given(name, &mut out)?;
        }
        if out.symbols.is_empty() {
            out.names.push(literal.last().to_owned());
            match entries.len() {
                0 => self.nearest_names(literal.last(), &mut out)?,
                1 => out.notes.push(format!("nothing is called {text}; {} is defined elsewhere: ask for it alone", literal.last())),
                many => out.notes.push(format!("nothing is called {text}; {} is defined in {many} other places: ask for it alone", literal.last())),
            }
        }
        Ok(out)
    }

    /// What another language finds under that name, where something here asks for it.
    fn push_given(&self, name: &str, out: &mut Resolution) -> Result<(), AnswerError> {
        let mut targets: BTreeSet<SymbolId> = BTreeSet::new();
        for entry in self.index.unlinked(name)?.into_iter().take(MOST_BINDERS) {
            let links = self.index.links(entry.file)?;
            targets.extend(links.crossings.iter().filter(|c| c.kind == CrossingKind::Native && c.label == name).map(|c| c.to));
        }
        let mut given = Vec::new();
        for target in targets.into_iter().take(FEW) {
            let Some(own) = self.name_of(target) else { continue };
            out.notes.push(format!("{name} is the name under which another language finds {own}"));
            let last = own.rsplit(['.', ':']).next().unwrap_or(&own);
            given.extend(self.index.named(last)?.into_iter().filter(|e| e.symbol == target));
        }
        self.rank(given, out)
    }

    /// The name with an ending that its language lets code leave out, where something is called so.
    fn with_left_out_ending(&self, text: &str, last: &str) -> Result<Option<String>, AnswerError> {
        for language in Language::all() {
            for ending in language.profile().left_out_endings {
                let of_language = |s: SymbolId| self.index.file(s.file).is_some_and(|f| f.language == *language);
                if self.index.named(&format!("{last}{ending}"))?.iter().any(|e| of_language(e.symbol)) {
                    return Ok(Some(format!("{text}{ending}")));
                }
            }
        }
        Ok(None)
    }

    /// Files that are modules of that name: the end of their path says so, the ending of the file left out (`larder.shelf` for
    /// `larder/shelf.py` and `larder/shelf/__init__.py`).
    fn modules_called(&self, parts: &[String]) -> Vec<FileId> {
        let parts: Vec<&str> = parts.iter().flat_map(|p| p.split('/')).filter(|p| !matches!(*p, "crate" | "")).collect();
        let Some(last) = parts.last() else { return Vec::new() };
        let is_called = |path: &str| {
            let (folders, name) = path.rsplit_once('/').unwrap_or(("", path));
            let stem = name.split('.').next().unwrap_or(name);
            let folders = folders.split('/').filter(|f| !f.is_empty());
            let stands_for_folder = is_folders_module(stem);
            let own: Vec<&str> = folders.chain((!stands_for_folder).then_some(stem)).filter(|p| *p != "src").collect();
            own.last() == Some(last) && own.ends_with(&parts)
        };
        let files = self.index.files().iter().filter(|f| f.language.profile().modules.by_file);
        files.filter(|f| f.path.contains(last) && is_called(&f.path)).map(|f| f.id).take(FEW + 1).collect()
    }

    /// What imports call by that name, though its own is another: `import shelf as larder`.
    fn push_bound_by_imports(&self, name: &str, out: &mut Resolution) -> Result<(), AnswerError> {
        let mut targets: Vec<(SymbolId, u64)> = Vec::new();
        let files = self.index.consulting(name)?;
        for file in files.iter().take(MOST_BINDERS) {
            let facts = self.index.facts(*file)?;
            let links = self.index.links(*file)?;
            let bound = facts.facts.imports.iter().filter(|i| i.bound.is_some_and(|b| facts.facts.name(b) == name));
            for import in bound {
                // The name it has at home stands right before the one it is given.
                let before = |u: &&Use| u.role == Role::Import && import.span.contains(u.span.start) && u.span.start <= import.name_span.start;
                let Some(usage) = facts.facts.uses.iter().rposition(|u| before(&u)).map(|u| UseId(u as u32)) else { continue };
                for target in links.find(usage).into_iter().flat_map(|l| &l.targets) {
                    match targets.iter_mut().find(|t| t.0 == *target) {
                        Some(known) => known.1 += 1,
                        None => targets.push((*target, 1)),
                    }
                }
            }
        }
        if files.len() > MOST_BINDERS {
            out.cause = Some(Cause::TooMany);
        }
        if targets.is_empty() {
            return Ok(());
        }
        targets.sort_by_key(|t| std::cmp::Reverse(t.1));
        let imports: u64 = targets.iter().map(|t| t.1).sum();
        out.notes
            .push(format!("{name} is the name that {} to this", if imports == 1 { "1 import gives".to_owned() } else { format!("{imports} imports give") }));
        out.names.push(name.to_owned());
        for (symbol, _) in targets {
            if let Some((facts, def)) = self.index.definition(symbol)? {
                out.names.push(facts.facts.def_name(def).to_owned());
            }
            out.symbols.push(Resolved { symbol, certainty: None, via: None, bodiless: false, local: false });
        }
        out.total = out.symbols.len();
        Ok(())
    }

    fn push_modules(&self, files: Vec<FileId>, out: &mut Resolution) {
        for file in files {
            let path = self.index.path_of(file);
            out.names.push(module_name(&path).to_owned());
            out.symbols.push(Resolved { symbol: SymbolId::module(file), certainty: None, via: None, bodiless: false, local: false });
        }
        out.total = out.symbols.len();
    }

    /// Puts symbols in their order: what stands by itself before members, bodies before declarations, then what is used most.
    fn rank(&self, fitting: Vec<NameEntry>, out: &mut Resolution) -> Result<(), AnswerError> {
        let is_few = fitting.len() <= FEW;
        let mut ranked = Vec::with_capacity(fitting.len());
        for entry in fitting {
            let own = self.index.unit(entry.symbol.file).is_some_and(|u| u.own);
            let bodiless = entry.flags.has(Flags::BODILESS);
            // What stands inside something is meant less often than what is named by itself.
            let class = if entry.flags.has(Flags::LOCAL) { 2 } else { u8::from(entry.flags.has(Flags::MEMBER)) };
            let made = self.index.file(entry.symbol.file).is_some_and(|f| f.provenance.word().is_some());
            let resolved = Resolved { symbol: entry.symbol, certainty: None, via: None, bodiless, local: entry.flags.has(Flags::LOCAL) };
            ranked.push(((!own, made, class, bodiless), resolved));
            if out.names.last() != Some(&entry.name) {
                out.names.push(entry.name);
            }
        }
        ranked.sort_by_key(|r| r.0);
        // Counting uses reads them: only where nothing else decides.
        for alike in ranked.chunk_by_mut(|a, b| a.0 == b.0).filter(|alike| alike.len() > 1) {
            let mut keys = FxHashMap::default();
            for (_, resolved) in alike.iter() {
                let uses = if is_few { self.index.uses(resolved.symbol)?.len() } else { 0 };
                keys.insert(resolved.symbol, (std::cmp::Reverse(uses), self.index.position(resolved.symbol.file), resolved.symbol));
            }
            alike.sort_by_key(|r| keys[&r.1.symbol]);
        }
        out.symbols = ranked.into_iter().map(|r| r.1).collect();
        out.total = out.symbols.len();
        Ok(())
    }

    fn nearest_names(&self, wanted: &str, out: &mut Resolution) -> Result<(), AnswerError> {
        let names = self.index.names()?;
        let mut scored: Vec<(f64, &str)> = Vec::new();
        let letters = compass_index::mask(wanted);
        for (i, name) in names.iter().enumerate() {
            // Names that share too few letters are out at a glance.
            if name.len().abs_diff(wanted.len()) <= 4 && ((names.mask(i) ^ letters) & compass_index::LETTERS).count_ones() <= 5 {
                let score = crate::likeness(name, wanted);
                if score > 0.8 {
                    scored.push((score, name));
                }
            }
        }
        scored.sort_by(|a, b| b.0.total_cmp(&a.0));
        let nearest: Vec<&str> = scored.iter().take(5).map(|s| s.1).collect();
        out.notes.push(format!("nothing is called {wanted}"));
        if !nearest.is_empty() {
            out.notes.push(format!("nearest: {}", nearest.join(", ")));
        }
        Ok(())
    }

    fn name_fits(&self, pattern: &NamePattern, entry: &NameEntry) -> Result<Option<Fit>, AnswerError> {
        if pattern.parts.len() == 1 && pattern.types.is_none() && !pattern.rooted {
            return Ok(Some(Fit::Exactly));
        }
        let Some((facts, def)) = self.index.definition(entry.symbol)? else { return Ok(None) };
        let containers = self.containers(entry.symbol, &facts, def)?;
        let fit = if pattern.matches_containers(&containers) {
            Fit::Exactly
        } else if pattern.matches_some_containers(&containers) {
            Fit::Loosely
        } else {
            return Ok(None);
        };
        let fits = match &pattern.types {
            Some(types) => self.types_fit(types, entry.symbol.file, &facts, def)?,
            None => true,
        };
        Ok(fits.then_some(fit))
    }

    /// What a definition stands in, outermost first, each by the names it may go by: unit, folders, the file where it is a module, then
    /// types and functions.
    fn containers(&self, symbol: SymbolId, facts: &FileFacts, def: DefId) -> Result<Vec<Vec<String>>, AnswerError> {
        let file = symbol.file;
        let path = self.index.path_of(file);
        let language = self.index.file(file).map(|f| f.language);
        let mut out: Vec<Vec<String>> = Vec::new();
        if let Some(unit) = self.index.unit(file) {
            let short = unit.name.rsplit('/').next().unwrap_or(&unit.name);
            out.push(vec![unit.name.clone(), unit.name.replace('-', "_"), short.to_owned()]);
        }
        let parts: Vec<&str> = path.split('/').collect();
        let (name, dirs) = parts.split_last().map_or(("", &[][..]), |(n, d)| (*n, d));
        out.extend(dirs.iter().filter(|d| **d != "src").map(|d| vec![(*d).to_owned()]));
        match language.map(|l| l.profile().modules.qualifier) {
            // Files of a package share their names: what qualifies these is the name the package gives itself.
            Some(Qualifier::Package) => {
                let package = facts.facts.imports.iter().find(|i| i.kind == ImportKind::Within).map(|i| facts.facts.name(i.module).to_owned());
                match out.last_mut() {
                    Some(last) => last.extend(package),
                    None => out.push(package.into_iter().collect()),
                }
            }
            // A file is called like its class.
            Some(Qualifier::Nothing) => {}
            _ => {
                let stem = name.split('.').next().unwrap_or(name);
                if !is_folders_module(stem) {
                    out.push(vec![stem.to_owned()]);
                }
            }
        }
        let around = super::rows::around(&facts.facts, def);
        // A member written outside its type belongs where that stands.
        let owner = self.index.owners_outside(symbol)?.first().copied().filter(|o| *o != symbol);
        if let Some((owner_facts, owner_def)) = owner.map(|o| self.index.definition(o)).transpose()?.flatten() {
            let above = super::rows::around(&owner_facts.facts, owner_def).into_iter();
            let missing: Vec<String> = above.filter(|p| !around.contains(p)).collect();
            out.extend(missing.into_iter().map(|p| vec![p]));
        }
        out.extend(around.iter().flat_map(|p| p.split("::")).map(|p| vec![p.to_owned(), format!("(*{p})")]));
        Ok(out)
    }

    /// Symbols of a package that some file imports under the name in front of them.
    fn by_import(&self, pattern: &NamePattern, entries: &[NameEntry]) -> Result<Vec<NameEntry>, AnswerError> {
        let [front @ .., _] = &pattern.parts[..] else { return Ok(Vec::new()) };
        let Some(alias) = front.first() else { return Ok(Vec::new()) };
        let mut out = Vec::new();
        for entry in entries.iter().take(FEW) {
            let mut names: Option<Vec<String>> = None;
            if let Some((facts, def)) = self.index.definition(entry.symbol)? {
                names = Some(super::rows::around(&facts.facts, def));
            }
            let fits_inside = names.is_some_and(|n| n.ends_with(&front[1..]) && n.len() == front.len() - 1);
            if fits_inside && self.is_imported_as(entry.symbol.file, alias)? {
                out.push(entry.clone());
            }
        }
        Ok(out)
    }

    /// Does anybody import the file, or the package it is part of, under that name?
    fn is_imported_as(&self, file: FileId, alias: &str) -> Result<bool, AnswerError> {
        let Some(row) = self.index.file(file) else { return Ok(false) };
        let dir = row.path.rsplit_once('/').map_or("", |(d, _)| d);
        let is_part = |f: &&compass_index::FileRow| {
            let other = f.path.rsplit_once('/').map_or("", |(d, _)| d);
            f.root == row.root && f.language == row.language && f.language.profile().modules.qualifier == Qualifier::Package && other == dir
        };
        let files: Vec<FileId> = std::iter::once(file).chain(self.index.files().iter().filter(is_part).map(|f| f.id)).collect();
        let mut left = MOST_IMPORTERS;
        for file in files {
            for entry in self.index.importers(file)? {
                let Some(rest) = left.checked_sub(1) else { return Ok(false) };
                left = rest;
                let facts = self.index.facts(entry.file)?;
                let bound = facts.facts.imports.get(entry.import as usize).and_then(|i| i.bound);
                if bound.is_some_and(|b| facts.facts.name(b) == alias) {
                    return Ok(true);
                }
            }
        }
        Ok(false)
    }

    /// A member by the name of a type that has it from one above.
    fn taken_from_above(&self, pattern: &NamePattern, entries: &[NameEntry], out: &mut Resolution) -> Result<Vec<NameEntry>, AnswerError> {
        let [front @ .., member] = &pattern.parts[..] else { return Ok(Vec::new()) };
        let class = NamePattern { parts: front.to_vec(), types: None, rooted: false, literal: pattern.literal };
        let mut found = Vec::new();
        for of in self.index.named(class.last())?.into_iter().filter(|e| e.kind.is_type()).take(FEW) {
            if self.name_fits(&class, &of)?.is_none() {
                continue;
            }
            let seen = rustc_hash::FxHashSet::default();
            let mut had = self.taken_over(of.symbol, member, &seen)?;
            if had.is_empty() {
                had = self.had_from_above(of.symbol, member, &seen, true)?;
            }
            for symbol in had {
                let Some(entry) = entries.iter().find(|e| e.symbol == symbol) else { continue };
                if let Some((facts, def)) = self.index.definition(symbol)? {
                    out.notes.push(format!("{} has it from {}", class.parts.join("."), self.qualified(symbol.file, &facts, def)));
                }
                found.push(entry.clone());
            }
        }
        Ok(found)
    }
}

/// The name imports call a file by: its own, or that of its folder.
pub(super) fn module_name(path: &str) -> &str {
    let (folders, name) = path.rsplit_once('/').unwrap_or(("", path));
    let stem = name.split('.').next().unwrap_or(name);
    if is_folders_module(stem) { folders.rsplit('/').next().filter(|f| !f.is_empty()).unwrap_or(stem) } else { stem }
}

/// Does a file of that name stand for the folder it is in?
fn is_folders_module(stem: &str) -> bool {
    matches!(stem, "mod" | "lib" | "main" | "index" | "__init__")
}
