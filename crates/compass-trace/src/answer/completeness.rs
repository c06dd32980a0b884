//! What an answer may lack.
//!
//! An answer is complete when no use of the names it is about is left that might belong to it: none without a target, none in code that
//! could not be read, none that may mean more definitions than are listed for it. Only uses in languages that can name the symbols count;
//! what joins languages are crossings, which are told apart.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use compass_facts::{DefId, Extension, Facts, Flags, Kind, Language, Role, SignalKind, Source, Span, TypeExpr, TypeId, UseId};
use compass_index::{Cause, Certainty, Crossing, CrossingKind, FileId, LooseCause, SymbolId, UnlinkedEntry};
use rustc_hash::FxHashSet;
use std::collections::BTreeMap;

/// So many uses without a target are listed at most.
const MOST_ROWS: usize = 20_000;

/// Of more definitions of one name than this nobody looks whether one is given to a type that is not here: it is taken to be so.
const FEW: usize = 200;

/// So many files that use a name of a package that is not here are asked whether that may be a module of ours.
const MOST_DOUBTFUL: usize = 300;

/// The languages whose code can name some symbols, and what sort of names they have.
pub(super) struct Namers {
    languages: Vec<Language>,
    /// Is any of them a member of a type?
    pub(super) members: bool,
    /// May a name that the language or its library knows mean any of them? So it may where a member of such a name is given to a type that is
    /// not here, one of the language or of a package, and where the library itself declares one.
    given_away: bool,
    /// Does a module give any of them away?
    pub(super) exported: bool,
    /// Modules that define them, by the names that imports call these.
    modules: Vec<String>,
}

impl Namers {
    pub(super) fn concerns(&self, language: Language) -> bool {
        // Templates, which nothing reads, name what any program hands to them.
        self.languages.is_empty() || !language.is_read() || self.languages.iter().any(|l| l.is_kin_of(language))
    }

    /// May what no reader follows in files of a language mean one of the symbols? Templates name what any program hands to them.
    fn concerns_unread(&self, language: Language, cause: Cause) -> bool {
        self.concerns(language) || language.profile().names_others && matches!(cause, Cause::Unreadable | Cause::Dynamic)
    }

    /// May a use with that cause mean one of the symbols? A value of a type that is not here may be one of ours, whose member is
    /// called; a name of a package that is not here is not.
    fn may_mean(&self, cause: Cause) -> bool {
        match cause {
            Cause::UnitAbsent => self.members,
            Cause::Builtin => self.given_away,
            other => other.may_hide_use(),
        }
    }
}

/// The name a type goes by, whatever it is applied to; none for types that have no name.
pub(super) fn name_of(facts: &Facts, mut ty: TypeId) -> Option<&str> {
    loop {
        match facts.ty(ty) {
            TypeExpr::Instance(of) | TypeExpr::Generic { of, .. } => ty = *of,
            TypeExpr::Def(def) => return Some(facts.def_name(*def)),
            TypeExpr::Import(id) => return facts.import(*id).name.map(|n| facts.name(n)),
            other => return other.name().map(|n| facts.name(n)),
        }
    }
}

/// Does a name fit a pattern whose `*` stand for words that calls give? Patterns of less than two letters fit everything, and say nothing.
pub(crate) fn may_be_pasted(pattern: &str, name: &str) -> bool {
    if pattern == name {
        return true;
    }
    let mut pieces = pattern.split('*');
    let letters = pattern.bytes().filter(u8::is_ascii_alphanumeric).count();
    let (Some(first), Some(last)) = (pieces.next(), pieces.next_back()) else { return false };
    let Some(mut rest) = name.strip_prefix(first).and_then(|n| n.strip_suffix(last)).filter(|n| letters > 1 && !n.is_empty()) else { return false };
    pieces.all(|piece| match rest.split_once(piece) {
        Some((_, behind)) => {
            rest = behind;
            true
        }
        None => false,
    })
}

/// Does the module of a definition give it to others?
fn is_given_away_by_module(facts: &Facts, def: DefId, language: Language) -> bool {
    let d = facts.def(def);
    if language.profile().gives_away_by_word {
        return d.flags.has(Flags::EXPORTED) || facts.exports.iter().any(|e| e.name == d.name);
    }
    !(language.profile().is_hidden)(d, facts.def_name(def))
}

impl Engine {
    pub(super) fn namers(&self, symbols: impl Iterator<Item = SymbolId>) -> Result<Namers, AnswerError> {
        let mut out = Namers { languages: Vec::new(), members: false, given_away: false, exported: false, modules: Vec::new() };
        let mut names: Vec<String> = Vec::new();
        let mut is_exported = false;
        for symbol in symbols {
            let Some(file) = self.index.file(symbol.file) else { continue };
            if !out.languages.contains(&file.language) {
                out.languages.push(file.language);
            }
            out.given_away |= self.is_declared(symbol.file);
            let Some((facts, def)) = self.index.definition(symbol)? else { continue };
            let d = facts.facts.def(def);
            let is_plain = d.kind == Kind::Function && d.container.is_none() && !d.flags.has(Flags::PRIVATE);
            is_exported |= is_plain && file.language.profile().exports_names;
            if file.language.profile().modules.by_file && d.container.is_none() {
                let module = super::naming::module_name(&file.path).to_owned();
                if !out.modules.contains(&module) {
                    out.modules.push(module);
                }
            }
            let is_outer = d.container.is_none() && (d.kind.is_callable() || d.kind.is_type());
            out.exported |= d.kind == Kind::Constructor || is_outer && is_given_away_by_module(&facts.facts, def, file.language);
            out.members |= matches!(facts.facts.def(def).kind, Kind::Method | Kind::Field);
            let name = facts.facts.def_name(def);
            if !names.iter().any(|n| n == name) {
                names.push(name.to_owned());
            }
        }
        if is_exported {
            // The system's linker knows them by their names: code that opens a library calls them as members.
            out.languages.extend(self.library_openers()?);
        }
        for name in names.iter().filter(|_| out.members) {
            out.given_away = out.given_away || self.is_given_away(name)?;
        }
        Ok(out)
    }

    /// May uses with that cause in a file mean one of the symbols? A package that is not here may be a module of ours after all, where
    /// it is called like one: paths of imports are changed while programs run.
    fn file_may_mean(&self, namers: &Namers, file: FileId, cause: Cause) -> Result<bool, AnswerError> {
        if !self.index.file(file).is_some_and(|f| namers.concerns_unread(f.language, cause)) {
            return Ok(false);
        }
        Ok(namers.may_mean(cause) || cause == Cause::UnitAbsent && !namers.modules.is_empty() && self.asks_for(file, &namers.modules)?)
    }

    /// Does a file import something that is not here and is called like one of the modules?
    fn asks_for(&self, file: FileId, modules: &[String]) -> Result<bool, AnswerError> {
        let links = self.index.links(file)?;
        if links.absent.is_empty() {
            return Ok(false);
        }
        let facts = self.index.facts(file)?;
        let imports = links.absent.iter().filter_map(|(i, _)| facts.facts.imports.get(*i as usize));
        let mut asked = imports.flat_map(|i| [Some(i.module), i.name]).flatten().map(|n| facts.facts.name(n));
        Ok(asked.any(|name| modules.iter().any(|m| name.rsplit(['.', ':', '/']).next() == Some(m))))
    }

    /// Counts imports that lead nowhere and may mean a module.
    pub(super) fn miss_importers(&self, module: FileId, found: &mut Found) -> Result<(), AnswerError> {
        let Some(row) = self.index.file(module) else { return Ok(()) };
        for entry in self.index.unlinked(compass_facts::AT_RUN_TIME)? {
            if self.index.file(entry.file).is_some_and(|f| f.language.is_kin_of(row.language)) {
                found.miss(Cause::Dynamic.word(), entry.count);
            }
        }
        if !row.language.profile().modules.by_file {
            return Ok(());
        }
        let name = super::naming::module_name(&row.path).to_owned();
        for entry in self.index.unlinked(&name)? {
            let is_kin = self.index.file(entry.file).is_some_and(|f| f.language.is_kin_of(row.language));
            if is_kin && self.asks_for(entry.file, std::slice::from_ref(&name))? {
                found.miss(entry.cause.word(), entry.count);
            }
        }
        Ok(())
    }

    /// Languages in which code of this code base opens libraries.
    fn library_openers(&self) -> Result<Vec<Language>, AnswerError> {
        if let Some(known) = self.library_openers.get() {
            return Ok(known.clone());
        }
        let mut out = Vec::new();
        for language in Language::all().iter().copied() {
            for name in language.profile().opens_libraries {
                // The declarations of a library open nothing.
                let is_code = |file: FileId| self.index.unit(file).is_none_or(|u| !u.is_declared());
                let mentioned = || -> Result<bool, AnswerError> {
                    let by_file = self.index.consulting(name)?.into_iter().any(is_code);
                    Ok(by_file || self.index.named(name)?.iter().any(|e| is_code(e.symbol.file)))
                };
                if !out.contains(&language) && mentioned()? {
                    out.push(language);
                }
            }
        }
        Ok(self.library_openers.get_or_init(|| out).clone())
    }

    /// Is a member of that name written for a type that is not indexed?
    fn is_given_away(&self, name: &str) -> Result<bool, AnswerError> {
        let mut entries = self.index.named(name)?;
        entries.retain(|e| e.kind.is_callable());
        for entry in entries.iter().take(FEW) {
            let Some((facts, def)) = self.index.definition(entry.symbol)? else { continue };
            let scope = facts.facts.def(def).scope;
            if facts.facts.extensions.iter().any(|e| e.scope == scope) && self.index.owners_outside(entry.symbol)?.is_empty() {
                return Ok(true);
            }
        }
        Ok(entries.len() > FEW)
    }

    /// Counts what extends or implements a type without being a symbol: an implementation for a type of the language, or of a package that
    /// is not indexed.
    pub(super) fn miss_given_away(&self, of: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        let Some((facts, def)) = self.index.definition(of)? else { return Ok(()) };
        let name = facts.facts.def_name(def).to_owned();
        let mut files: Vec<FileId> = self.index.uses(of)?.iter().filter(|u| u.role == Role::Type).map(|u| u.file).collect();
        files.push(of.file);
        files.sort_unstable();
        files.dedup();
        for file in files {
            let facts = self.index.facts(file)?;
            let facts = &facts.facts;
            let implementing = |e: &&Extension| e.implements.and_then(|t| name_of(facts, t)).is_some_and(|n| n == name);
            for extension in facts.extensions.iter().filter(implementing) {
                // Type parameters are definitions of the file alone.
                let is_own = |name: &str| facts.definitions.iter().any(|d| d.kind == Kind::TypeParameter && facts.name(d.name) == name);
                let known = match name_of(facts, extension.of) {
                    Some(name) => is_own(name) || !self.index.named(name)?.is_empty(),
                    None => false,
                };
                if !known {
                    found.miss(Cause::Builtin.word(), 1);
                }
            }
        }
        Ok(())
    }

    /// Code that nobody could go through may hold what was asked for: code of the symbols' languages, or of any language where
    /// nothing was found yet.
    pub(super) fn miss_hidden_code(&self, symbols: impl Iterator<Item = SymbolId>, found: &mut Found) {
        let mut languages: Vec<Language> = Vec::new();
        for language in symbols.filter_map(|s| self.index.file(s.file)).map(|f| f.language) {
            if !languages.contains(&language) {
                languages.push(language);
            }
        }
        let concerns = |word: &str| {
            let kin = |l: &Language| Language::all().iter().any(|other| other.word() == word && other.is_kin_of(*l));
            languages.is_empty() || languages.iter().any(kin)
        };
        for (language, causes) in &self.index.summary().hidden {
            for (cause, count) in causes.iter().filter(|_| concerns(language)) {
                found.miss(cause, *count);
            }
        }
    }

    /// Functions that answer requests or serve procedures nobody here asks for: who does is outside.
    pub(super) fn miss_requests(&self, symbols: impl Iterator<Item = SymbolId>, found: &mut Found) -> Result<(), AnswerError> {
        // Most code bases have no such side: then no file is opened for it.
        let kinds = [CrossingKind::Http, CrossingKind::Rpc];
        if !kinds.iter().any(|k| self.index.summary().loose.get(k.word()).is_some_and(|n| *n > 0)) {
            return Ok(());
        }
        for symbol in symbols {
            let links = self.index.links(symbol.file)?;
            if !links.loose.iter().any(|l| matches!(l.cause, LooseCause::NoRequest | LooseCause::NoCaller)) {
                continue;
            }
            let Some((facts, def)) = self.index.definition(symbol)? else { continue };
            let own = facts.facts.def(def);
            if !own.kind.is_callable() {
                continue;
            }
            let is_nearest = |at: u32| {
                let between = |d: &compass_facts::Definition| d.kind.is_callable() && (at..own.name_span.start).contains(&d.name_span.start);
                at <= own.name_span.start && !facts.facts.definitions.iter().any(between)
            };
            let stands_before = |at: Span| {
                let mut calls =
                    facts.facts.signals.iter().filter(|s| s.span == at).filter_map(|s| if let SignalKind::Call(call) = &s.kind { Some(call) } else { None });
                calls.any(|call| call.decorates == Some(def) || call.marks && is_nearest(at.end))
            };
            let declares = |l: &&compass_index::Loose| match l.cause {
                LooseCause::NoRequest => stands_before(l.at),
                LooseCause::NoCaller => own.name_span == l.at,
                _ => false,
            };
            for side in links.loose.iter().filter(declares) {
                found.miss(Cause::Dynamic.word(), 1);
                found.notes.push(format!("{} {} is answered here; who asks for it is outside of what is indexed", side.kind.word(), side.label));
            }
        }
        Ok(())
    }

    /// What a description of an interface defines is used by programs in other languages, where no link leads to it.
    pub(super) fn miss_other_languages(&self, symbols: impl Iterator<Item = SymbolId>, found: &mut Found) {
        let meets_others = |s: SymbolId| self.index.file(s.file).is_some_and(|f| f.language.profile().meets_others);
        if symbols.into_iter().any(meets_others) {
            found.miss(Cause::Dynamic.word(), 1);
            let note = "programs in other languages may use it through generated code or by its name: that is not followed";
            if !found.notes.iter().any(|n| n == note) {
                found.notes.push(note.to_owned());
            }
        }
    }

    /// Uses of these names that have no target, or are not listed for all they may mean.
    pub(super) fn miss_unlinked(&self, names: &[String], namers: &Namers, found: &mut Found) -> Result<(), AnswerError> {
        self.miss_unlinked_in(names, namers, None, found)
    }

    /// As [`Engine::miss_unlinked`], where only some files matter.
    pub(super) fn miss_unlinked_in(&self, names: &[String], namers: &Namers, files: Option<&FxHashSet<FileId>>, found: &mut Found) -> Result<(), AnswerError> {
        let mut doubtful = 0;
        for name in names {
            let entries = self.index.unlinked(name)?.into_iter().chain(self.unread(name)?);
            for entry in entries.filter(|e| files.is_none_or(|f| f.contains(&e.file))) {
                if entry.cause == Cause::UnitAbsent && !namers.members {
                    doubtful += 1;
                    if doubtful > MOST_DOUBTFUL {
                        continue;
                    }
                }
                let is_listed = entry.cause == Cause::Unreadable && self.is_listed_in_page(entry.file, name)?;
                if !is_listed && self.file_may_mean(namers, entry.file, entry.cause)? {
                    found.miss(entry.cause.word(), entry.count);
                }
            }
        }
        found.miss(Cause::TooMany.word(), u64::from(doubtful > MOST_DOUBTFUL));
        self.miss_pasted(names, namers, found);
        Ok(())
    }

    /// Is every place where the code of a page has a name one that answers list, because one definition alone can be meant there?
    fn is_listed_in_page(&self, file: FileId, name: &str) -> Result<bool, AnswerError> {
        let is_it = |c: &&Crossing| c.kind == CrossingKind::Page && c.certainty == Certainty::Inferred && c.label == name;
        let links = self.index.links(file)?;
        let listed: FxHashSet<u32> = links.crossings.iter().filter(is_it).map(|c| c.at.start).collect();
        let Some(row) = self.index.file(file).filter(|_| !listed.is_empty()) else { return Ok(false) };
        let bytes = self.index.tree().source(&self.index.full_path(row)).ok();
        let Some(source) = bytes.and_then(|b| Source::decode(b).ok()) else { return Ok(false) };
        let text = &source.text;
        let parts = (row.language.profile().component)(text).map(|c| c.markup).unwrap_or_default();
        let is_part = |c: char| c.is_alphanumeric() || c == '_';
        let is_longer = |at: usize| text[..at].ends_with(is_part) || name.ends_with(is_part) && text[at + name.len()..].starts_with(is_part);
        let has_it = |part: &Span| {
            part.of(text).match_indices(name).map(|(at, _)| part.start as usize + at).filter(|at| !is_longer(*at)).all(|at| listed.contains(&(at as u32)))
        };
        Ok(parts.iter().all(has_it))
    }

    /// Names of pages that hide a use of a name: their words have no sign at the end.
    fn unread(&self, name: &str) -> Result<Vec<UnlinkedEntry>, AnswerError> {
        let stem = name.trim_end_matches(|c| Language::all().iter().any(|l| l.profile().name_ends.contains(&c)));
        let entries = if stem.len() < name.len() { self.index.unlinked(stem)? } else { Vec::new() };
        Ok(entries.into_iter().filter(|e| e.cause == Cause::Unreadable).collect())
    }

    /// Names that macros paste together where nobody sees it.
    fn miss_pasted(&self, names: &[String], namers: &Namers, found: &mut Found) {
        for patterns in self.patterns(namers, true) {
            for name in names {
                let count = patterns.keys().filter(|pattern| may_be_pasted(pattern, name)).count();
                found.miss(Cause::MacroMade.word(), count as u64);
            }
        }
    }

    /// Patterns of names that code puts together, in languages that can name the symbols: those in which macros do, or all others.
    pub(super) fn patterns(&self, namers: &Namers, by_macros: bool) -> impl Iterator<Item = &BTreeMap<String, u64>> {
        let counts = move |word: &str| {
            let language = Language::all().iter().find(|l| l.word() == word);
            language.is_some_and(|l| namers.concerns(*l) && l.profile().shared_macros.is_some() == by_macros)
        };
        self.index.summary().pasted.iter().filter(move |(word, _)| counts(word)).map(|(_, patterns)| patterns)
    }

    /// Definitions of these names that could not be read.
    pub(super) fn miss_unread(&self, names: &[String], namers: &Namers, found: &mut Found) -> Result<(), AnswerError> {
        for name in names {
            for entry in self.index.unlinked(name)?.into_iter().filter(|e| e.cause == Cause::Unreadable) {
                if self.index.file(entry.file).is_some_and(|f| namers.concerns_unread(f.language, entry.cause)) {
                    found.miss(entry.cause.word(), entry.count);
                }
            }
        }
        Ok(())
    }

    /// Rows for what [`Engine::miss_unlinked`] counts: uses of the names in those roles that may mean the symbols, as guesses. Who asks
    /// for calls is told of functions that may be handed on: these are called elsewhere.
    pub(super) fn unlinked_rows(&self, names: &[String], namers: &Namers, roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        let mut files: Vec<FileId> = Vec::new();
        for name in names {
            let entries = self.index.unlinked(name)?;
            for entry in entries {
                if self.file_may_mean(namers, entry.file, entry.cause)? {
                    files.push(entry.file);
                }
            }
        }
        files.sort_unstable();
        files.dedup();
        for file in files {
            let facts = self.index.facts(file)?;
            let links = self.index.links(file)?;
            for (i, u) in facts.facts.uses.iter().enumerate() {
                let is_named = || names.iter().any(|n| n == facts.facts.name(u.name));
                let is_handed_on = roles == Role::CALLS && matches!(u.role, Role::Pass | Role::Read | Role::Ref);
                if u.local.is_some() || !(is_handed_on || roles.contains(&u.role)) || !is_named() {
                    continue;
                }
                let usage = UseId(i as u32);
                // What is linked to something else for sure is no guess.
                let is_open = match links.find(usage) {
                    Some(link) => link.certainty == Certainty::Guessed || link.total as usize > link.targets.len(),
                    None => links.find_cause(usage).is_some_and(|c| namers.may_mean(c)),
                };
                if is_open && is_handed_on {
                    found.miss(Cause::Dynamic.word(), 1);
                } else if is_open {
                    found.rows.push(Raw::usage(file, &facts.facts, usage, Some(Certainty::Guessed), None));
                }
            }
            if found.rows.len() > MOST_ROWS {
                found.miss(Cause::TooMany.word(), 1);
                break;
            }
        }
        Ok(())
    }
}
