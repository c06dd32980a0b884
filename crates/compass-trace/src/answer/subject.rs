//! What a subject means: places and names to symbols; `where is`, `what is`.

use super::rows::Raw;
use super::{AnswerError, Engine, Found};
use crate::question::{Mode, Place, Subject, What};
use compass_facts::{DefId, Kind, UseId};
use compass_index::{Cause, Certainty, FileFacts, FileId, SymbolId};

/// A symbol a subject stands for.
#[derive(Debug, Clone)]
pub(super) struct Resolved {
    pub(super) symbol: SymbolId,
    pub(super) certainty: Option<Certainty>,
    pub(super) via: Option<(FileId, UseId)>,
    /// Found by name: is it a declaration without a body?
    pub(super) bodiless: bool,
    /// Found by name: does it stand inside a function, where the reader linked its uses?
    pub(super) local: bool,
}

/// All symbols of a subject, and what stood in the way of finding more.
#[derive(Debug, Default)]
pub(super) struct Resolution {
    pub(super) symbols: Vec<Resolved>,
    pub(super) total: usize,
    pub(super) cause: Option<Cause>,
    pub(super) notes: Vec<String>,
    pub(super) by_name: bool,
    /// The names that fit, where it was found by name.
    pub(super) names: Vec<String>,
}

impl Engine {
    /// The symbols a subject stands for.
    pub(super) fn resolve(&self, subject: &Subject) -> Result<Resolution, AnswerError> {
        let mut found = match &subject.what {
            What::Place(place) => self.resolve_place(place)?,
            What::Name { text, quoted } => self.resolve_name(text, *quoted)?,
        };
        if let Some(word) = &subject.defined_in {
            let matcher = super::filters::PathMatcher::new(word);
            let paths: Vec<String> = found.symbols.iter().map(|r| self.index.path_of(r.symbol.file)).collect();
            found.symbols.retain(|r| matcher.matches(&self.index.path_of(r.symbol.file)));
            if let (true, Some(first)) = (found.symbols.is_empty(), paths.first()) {
                found.notes.push(format!("{} symbols of that name, none of them defined in {word}; the first is in {first}", paths.len()));
            }
            found.total = found.symbols.len();
        }
        Ok(found)
    }

    /// A file by path, by a path relative to the root, or by a unique end of its path.
    pub(super) fn find_file(&self, path: &str) -> Option<FileId> {
        if let Some(found) = self.index.find_path(path) {
            return Some(found);
        }
        let path = path.trim_start_matches("./");
        let mut ends = self.index.files().iter().filter(|f| f.path.strip_suffix(path).is_some_and(|front| front.ends_with('/')));
        let first = ends.next()?;
        ends.next().is_none().then_some(first.id)
    }

    fn resolve_place(&self, place: &Place) -> Result<Resolution, AnswerError> {
        let mut out = Resolution::default();
        let Some(file) = self.find_file(&place.path) else {
            out.notes.push(format!("no file {} in the index", place.path));
            let names = self.index.files().iter().map(|f| f.path.as_str());
            out.notes.extend(crate::question_nearest(&place.path, names).map(|n| format!("nearest: {n}")));
            return Ok(out);
        };
        let source = self.index.source(file)?;
        let facts = self.index.facts(file)?;
        let Some(offset) = source.source.lines.offset(place.line, place.column.unwrap_or(1)) else {
            out.notes.push(format!("{} has no place {}:{}", place.path, place.line, place.column.unwrap_or(1)));
            return Ok(out);
        };
        if let Some(changed) = &source.changed {
            out.notes.push(format!("{} changed since it was indexed; it was read anew for this answer", place.path));
            let Some(usage) = same_use(changed, &facts.facts, offset) else {
                let def = changed.find_definition_at(offset).and_then(|d| same_definition(changed, &facts.facts, d));
                if let Some(def) = def {
                    out.push_definition(file, &facts, def);
                }
                return Ok(out);
            };
            self.resolve_use(file, &facts, usage, &mut out)?;
            return Ok(out);
        }
        if place.column.is_none() {
            let line = source.source.lines.line_span(place.line, &source.source.text);
            self.resolve_line(file, &facts, line, &mut out)?;
            return Ok(out);
        }
        let offset = behind_sign(&facts.facts, &source.source.text, offset);
        // A definition's own token means the definition, also where it is a use at the same time.
        match (facts.facts.find_definition_at(offset), facts.facts.find_use_at(offset)) {
            (Some(def), None) => out.push_definition(file, &facts, def),
            (def, Some(usage)) => {
                let before = out.symbols.len();
                self.resolve_use(file, &facts, usage, &mut out)?;
                match (def, out.symbols.len() == before) {
                    (Some(def), true) => out.push_definition(file, &facts, def),
                    // What the language's own rules do not know may cross to another one.
                    (None, true) => {
                        self.resolve_crossing(file, facts.facts.usage(usage).span, &mut out)?;
                    }
                    (_, false) => {}
                }
            }
            (None, None) if self.resolve_crossing_around(file, offset, &mut out)? => {}
            (None, None) if self.resolve_import(file, &facts, offset, &mut out)? => {}
            (None, None) if is_hidden(&facts.facts, &source.source.text, offset) => out.cause = Some(Cause::Unreadable),
            (None, None) => {
                out.notes.push("there is no name at this place".to_owned());
            }
        }
        Ok(out)
    }

    /// A place in a text that crosses: a path, a table in a statement. Tells whether there is one.
    fn resolve_crossing_around(&self, file: FileId, offset: u32, out: &mut Resolution) -> Result<bool, AnswerError> {
        let links = self.index.links(file)?;
        let around = links.crossings.iter().map(|c| c.at).filter(|at| at.contains(offset)).min_by_key(|at| at.len());
        around.map_or(Ok(false), |at| self.resolve_crossing(file, at, out))
    }

    /// What crosses at a place: a name that only another language answers, or a text. Tells whether there is something.
    fn resolve_crossing(&self, file: FileId, at: compass_facts::Span, out: &mut Resolution) -> Result<bool, AnswerError> {
        let links = self.index.links(file)?;
        let before = out.symbols.len();
        for crossing in links.crossings.iter().filter(|c| c.at == at) {
            if out.symbols.len() == before {
                out.cause = None;
            }
            out.symbols.push(Resolved { symbol: crossing.to, certainty: Some(crossing.certainty), via: None, bodiless: false, local: false });
            out.notes.push(format!("{} {}", crossing.kind.word(), crossing.label));
            if crossing.certainty == Certainty::Guessed {
                out.cause = Some(Cause::Dynamic);
            }
        }
        out.total = out.symbols.len();
        out.notes.dedup();
        Ok(out.symbols.len() > before)
    }

    /// A line without a column: what it defines, else what it first mentions.
    fn resolve_line(&self, file: FileId, facts: &FileFacts, line: compass_facts::Span, out: &mut Resolution) -> Result<(), AnswerError> {
        let on_line = |s: compass_facts::Span| line.start <= s.start && s.start <= line.end && !s.is_empty();
        let definitions = facts.facts.definitions.iter().enumerate().filter(|(_, d)| on_line(d.name_span));
        let first = definitions.min_by_key(|(_, d)| (d.kind.is_variable(), d.name_span.start));
        if let Some((i, _)) = first {
            out.push_definition(file, facts, DefId(i as u32));
            return Ok(());
        }
        match facts.facts.uses.iter().position(|u| on_line(u.span)) {
            Some(i) => self.resolve_use(file, facts, UseId(i as u32), out),
            None => {
                match facts.facts.find_enclosing(line.start) {
                    Some(around) => {
                        let what = facts.facts.def(around).kind.word();
                        out.notes.push(format!("there is no name on this line: taken as the {what} around it, {}", self.qualified(file, facts, around)));
                        out.push_definition(file, facts, around);
                    }
                    None => out.notes.push("there is no name on this line, and no definition around it".to_owned()),
                }
                Ok(())
            }
        }
    }

    fn resolve_use(&self, file: FileId, facts: &FileFacts, usage: UseId, out: &mut Resolution) -> Result<(), AnswerError> {
        let via = Some((file, usage));
        if let Some(def) = facts.facts.usage(usage).local {
            let symbol = SymbolId { file, number: facts.number(def) };
            out.symbols.push(Resolved { symbol, certainty: Some(Certainty::Proven), via, bodiless: false, local: false });
            out.total = 1;
            return Ok(());
        }
        let links = self.index.links(file)?;
        match links.find(usage) {
            Some(link) => {
                out.total = link.total as usize;
                out.symbols.extend(link.targets.iter().map(|t| Resolved { symbol: *t, certainty: Some(link.certainty), via, bodiless: false, local: false }));
            }
            None => out.cause = Some(links.find_cause(usage).unwrap_or(Cause::NoDefinition)),
        }
        Ok(())
    }

    /// Parameter types by text: as many parameters, each holding the type written.
    pub(super) fn types_fit(&self, types: &[String], file: FileId, facts: &FileFacts, def: DefId) -> Result<bool, AnswerError> {
        let Some(scope) = facts.facts.def(def).inner else { return Ok(false) };
        let source = self.index.source(file)?;
        let parameters: Vec<&str> = facts
            .facts
            .definitions
            .iter()
            .filter(|d| d.scope == scope && d.kind == Kind::Parameter)
            .map(|d| d.whole.of(&source.source.text))
            .filter(|p| !matches!(*p, "self" | "cls" | "&self" | "&mut self"))
            .collect();
        Ok(parameters.len() == types.len() && parameters.iter().zip(types).all(|(p, t)| t == "_" || p.contains(t.as_str())))
    }

    /// `where is S`.
    pub(super) fn where_is(&self, subject: &Subject, mode: Mode, page: Option<(u64, u64)>) -> Result<Found, AnswerError> {
        let resolution = self.resolve(subject)?;
        let mut found = Found::default();
        let is_place = matches!(subject.what, What::Place(_));
        let mut rows: Vec<(bool, Raw)> = Vec::new();
        // They come in their order by name: of very many only the page is looked at.
        let mut wanted = &resolution.symbols[..];
        if let (Some((after, most)), Mode::Any, false) = (page, mode, is_place) {
            found.paged = Some(wanted.len() as u64);
            wanted = wanted.get(after as usize..).unwrap_or_default();
            wanted = &wanted[..wanted.len().min(most as usize)];
        }
        for resolved in wanted {
            let raw = match self.index.definition(resolved.symbol)? {
                Some((facts, def)) => {
                    let mut raw = Raw::definition(resolved.symbol, &facts, def);
                    raw.marks.certainty = resolved.certainty;
                    raw.via = resolved.via;
                    (self.declares(resolved.symbol.file, &facts.facts, def), raw)
                }
                None if resolved.symbol.is_module() => {
                    let mut raw = Raw::module(resolved.symbol.file);
                    raw.marks.certainty = resolved.certainty;
                    raw.via = resolved.via;
                    (false, raw)
                }
                None => continue,
            };
            rows.push(raw);
        }
        if let (Mode::Any, true, [only]) = (mode, is_place, wanted) {
            self.implementations_after(only, &mut rows)?;
        }
        if mode != Mode::Any || is_place {
            self.other_side(&resolution, mode, &mut rows, &mut found)?;
        }
        if mode == Mode::Any && resolution.by_name && wanted.len() == resolution.symbols.len() {
            fold_forward_declarations(subject, &mut rows);
            found.paged = found.paged.map(|_| rows.len() as u64);
        }
        found.rows = rows.into_iter().map(|r| r.1).collect();
        self.note_subject(&resolution, &mut found);
        if resolution.by_name {
            note_kinds(&found.rows, resolution.symbols.len(), &mut found.notes);
        }
        if resolution.by_name {
            let namers = self.namers(resolution.symbols.iter().map(|r| r.symbol))?;
            if resolution.symbols.is_empty() {
                // Used, but defined nowhere: a macro or a package that is not here makes it, and this is no proof that nobody does.
                self.miss_unlinked(&resolution.names, &namers, &mut found)?;
            } else {
                self.miss_unread(&resolution.names, &namers, &mut found)?;
            }
            self.miss_hidden_code(resolution.symbols.iter().map(|r| r.symbol), &mut found);
        }
        Ok(found)
    }

    /// A member without a body that is not proven to be what is meant: what implements it follows.
    fn implementations_after(&self, of: &Resolved, rows: &mut Vec<(bool, Raw)>) -> Result<(), AnswerError> {
        /// More than these say nothing: `who implements` lists them all.
        const MOST: usize = 8;
        if of.via.is_none() || of.certainty != Some(Certainty::Inferred) || !self.is_asked_for(of.symbol)? {
            return Ok(());
        }
        let found = self.overriding(of.symbol)?;
        if found.len() > MOST {
            return Ok(());
        }
        for symbol in found {
            if let Some((facts, def)) = self.index.definition(symbol)? {
                let mut raw = Raw::definition(symbol, &facts, def);
                (raw.marks.certainty, raw.via) = (Some(Certainty::Inferred), of.via);
                rows.push((false, raw));
            }
        }
        Ok(())
    }

    /// What else is called so, by kind.
    fn note_other_meanings(&self, kinds: &[Kind], notes: &mut Vec<String>) {
        if kinds.is_empty() {
            return;
        }
        let counted = Kind::ALL.iter().map(|k| (kinds.iter().filter(|o| *o == k).count(), k.word())).filter(|c| c.0 > 0);
        let listed: Vec<String> = counted.map(|(n, word)| format!("{n} {word}")).collect();
        let others = if kinds.len() == 1 { "1 other has" } else { &format!("{} others have", kinds.len()) };
        notes.insert(1, format!("{others} the same name: {}", listed.join(", ")));
    }

    /// Notes and causes of a subject that is not, or not uniquely, known.
    pub(super) fn note_subject(&self, resolution: &Resolution, found: &mut Found) {
        found.notes.extend(resolution.notes.iter().cloned());
        if let Some(cause) = resolution.cause {
            found.miss(cause.word(), 1);
        }
        if resolution.total > resolution.symbols.len() {
            found.notes.push(format!("{} targets, the nearest {} are shown", resolution.total, resolution.symbols.len()));
        }
    }

    /// `what is S`: the definition, with its documentation as notes.
    pub(super) fn what_is(&self, subject: &Subject) -> Result<Found, AnswerError> {
        let mut found = self.where_is(subject, Mode::Any, None)?;
        if let Some(symbol) = found.rows.first().and_then(|r| r.symbol)
            && let Some(bearings) = self.facts_of(symbol)?
        {
            found.notes.insert(0, format!("{} {}", bearings.kind, bearings.signature));
            found.notes.extend(bearings.documentation.lines().map(str::to_owned));
            found.notes.extend(bearings.documented_in.map(|path| format!("said in {path}")));
            self.note_other_meanings(&found.rows.iter().skip(1).filter_map(|r| r.marks.kind).collect::<Vec<_>>(), &mut found.notes);
        }
        Ok(found)
    }
}

impl Resolution {
    fn push_definition(&mut self, file: FileId, facts: &FileFacts, def: DefId) {
        self.symbols.push(Resolved {
            symbol: SymbolId { file, number: facts.number(def) },
            certainty: Some(Certainty::Proven),
            via: None,
            bodiless: false,
            local: false,
        });
        self.total += 1;
    }
}

/// The name behind a sign that belongs to it, where one points at the sign: `$rack`, `${rack}`, `@Turned`.
fn behind_sign(facts: &compass_facts::Facts, text: &str, offset: u32) -> u32 {
    let is_name = |at: u32| facts.find_definition_at(at).is_some() || facts.find_use_at(at).is_some();
    let signs = text.get(offset as usize..).map_or(0, |rest| ["${", "$", "@", "%", "#"].iter().find(|s| rest.starts_with(**s)).map_or(0, |s| s.len()));
    if signs > 0 && !is_name(offset) && is_name(offset + signs as u32) { offset + signs as u32 } else { offset }
}

/// Does a place stand in one of the words that no reader followed?
fn is_hidden(facts: &compass_facts::Facts, text: &str, offset: u32) -> bool {
    let is_part = |c: char| c.is_alphanumeric() || c == '_';
    let Some((before, behind)) = text.split_at_checked(offset as usize) else { return false };
    let start = before.len() - before.chars().rev().take_while(|c| is_part(*c)).map(char::len_utf8).sum::<usize>();
    let word = &text[start..before.len() + behind.find(|c| !is_part(c)).unwrap_or(behind.len())];
    !word.is_empty() && facts.hidden.binary_search_by(|n| facts.name(*n).cmp(word)).is_ok()
}

/// A name that means several sorts of things says which.
fn note_kinds(rows: &[Raw], total: usize, notes: &mut Vec<String>) {
    let kinds: Vec<Kind> = rows.iter().filter_map(|r| r.marks.kind).collect();
    let counted: Vec<(usize, &str)> = Kind::ALL.iter().map(|k| (kinds.iter().filter(|o| *o == k).count(), k.word())).filter(|c| c.0 > 0).collect();
    if counted.len() > 1 && kinds.len() == total {
        let listed: Vec<String> = counted.iter().map(|(n, word)| format!("{n} {word}")).collect();
        notes.push(format!("{}; choose with: kind {}", listed.join(", "), counted[0].1));
    }
}

/// The use of old facts that stands for the one at a place of new facts: same name, same ordinal.
fn same_use(new: &compass_facts::Facts, old: &compass_facts::Facts, offset: u32) -> Option<UseId> {
    let usage = new.find_use_at(offset)?;
    let name = new.name(new.usage(usage).name);
    let ordinal = new.uses[..usage.index()].iter().filter(|u| new.name(u.name) == name).count();
    old.uses.iter().enumerate().filter(|(_, u)| old.name(u.name) == name).nth(ordinal).map(|(i, _)| UseId(i as u32))
}

fn same_definition(new: &compass_facts::Facts, old: &compass_facts::Facts, def: DefId) -> Option<DefId> {
    let key = (new.container_path(def), new.def_name(def));
    (0..old.definitions.len() as u32).map(DefId).find(|d| (old.container_path(*d), old.def_name(*d)) == key)
}

/// Of many forward declarations of a type whose body is listed one row is left, which opens the others.
fn fold_forward_declarations(subject: &Subject, rows: &mut Vec<(bool, Raw)>) {
    /// So many are listed as they are.
    const FEW: usize = 1;
    let is_type = |r: &(bool, Raw)| r.1.marks.kind.is_some_and(Kind::is_type);
    let is_forward = |r: &(bool, Raw)| r.0 && is_type(r);
    let count = rows.iter().filter(|r| is_forward(r)).count();
    if count <= FEW || !rows.iter().any(|r| !r.0 && is_type(r)) {
        return;
    }
    let first = rows.iter().position(is_forward);
    let mut at = 0;
    rows.retain(|r| {
        at += 1;
        !is_forward(r) || Some(at - 1) == first
    });
    if let Some((_, row)) = rows.iter_mut().find(|r| is_forward(r)) {
        let others = if count == 2 { "1 more forward declaration" } else { &format!("{} more forward declarations", count - 1) };
        row.opens = Some((format!("where is {subject} declared"), format!("and {others}")));
    }
}
