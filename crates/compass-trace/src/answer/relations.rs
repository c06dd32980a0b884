//! Who uses a symbol, what a symbol uses.

use super::completeness;
use super::rows::Raw;
use super::subject::Resolution;
use super::{About, AnswerError, Engine, FilesPage, Found, Marks, side_by_side};
use crate::question::{Does, Subject, What, WhoDoes};
use compass_facts::{DefId, Flags, Kind, Role, UseId};
use compass_index::{Cause, Certainty, Crossing, CrossingKind, FileFacts, FileId, SymbolId, UseAlone, UseEntry};
use std::sync::Arc;

/// From so many uses on only the page asked for is looked at.
const MANY: usize = super::PAGE as usize;

/// Uses of one file, by number, with what they refer to.
pub(super) struct OfFile {
    pub(super) file: FileId,
    pub(super) uses: Vec<(UseId, Certainty, SymbolId)>,
}

/// A symbol whose uses are asked for.
pub(super) struct Wanted {
    pub(super) symbol: SymbolId,
    pub(super) uses: Arc<Vec<UseEntry>>,
    /// Is it what another one overrides, so that its uses may arrive there?
    pub(super) above: bool,
}

impl Wanted {
    /// No use of what is overridden is sure to arrive at what overrides it.
    pub(super) fn certainty(&self, said: Certainty) -> Certainty {
        if self.above { said.min(Certainty::Inferred) } else { said }
    }
}

impl Engine {
    /// `who calls S`, and its sisters.
    pub(super) fn who(&self, does: WhoDoes, subjects: &[Subject], guesses: bool, page: Option<FilesPage>) -> Result<Found, AnswerError> {
        match does {
            WhoDoes::Calls => self.uses_of(subjects, &Role::CALLS, guesses, page),
            WhoDoes::Writes => self.uses_of(subjects, &[Role::Write], guesses, page),
            WhoDoes::Reads => self.uses_of(subjects, &[Role::Read, Role::Pass], guesses, page),
            WhoDoes::Includes | WhoDoes::Imports => self.who_imports(subjects),
            _ => self.who_derives(subjects),
        }
    }

    /// `who uses S as …`.
    pub(super) fn who_uses(&self, subjects: &[Subject], roles: &[Role], guesses: bool, page: Option<FilesPage>) -> Result<Found, AnswerError> {
        self.uses_of(subjects, if roles.is_empty() { &Role::ALL } else { roles }, guesses, page)
    }

    fn uses_of(&self, subjects: &[Subject], roles: &[Role], guesses: bool, page: Option<FilesPage>) -> Result<Found, AnswerError> {
        let page = page.filter(|_| !guesses);
        let asked = format!("{subjects:?} {roles:?}");
        let last = self.last_listed.lock().unwrap_or_else(|e| e.into_inner()).clone();
        if let (Some(page), Some(listed)) = (page, last.filter(|l| l.asked == asked)) {
            return self.page_of(&listed, page);
        }
        let (mut found, wanted, names) = self.wanted(subjects, guesses)?;
        let (handed_on, perhaps) = self.handed_on_count(&wanted, roles)?;
        found.miss("dynamic", handed_on + perhaps);
        if roles.contains(&Role::Call) {
            self.miss_requests(wanted.iter().filter(|w| !w.above).map(|w| w.symbol), &mut found)?;
        }
        let crossings = self.crossings_of(&wanted, roles)?;
        if roles == Role::CALLS {
            found.miss(Cause::Dynamic.word(), crossings.iter().filter(|c| c.marks.role == Some(Role::Ref)).count() as u64);
        }
        let is_wanted = |e: &&UseEntry| roles.contains(&e.role);
        if let Some(page) = page
            && crossings.is_empty()
            && wanted.iter().flat_map(|w| w.uses.iter()).filter(is_wanted).take(MANY).count() >= MANY
        {
            let listed = Arc::new(self.listed(asked, found, &wanted, roles));
            let answer = self.page_of(&listed, page);
            *self.last_listed.lock().unwrap_or_else(|e| e.into_inner()) = Some(listed);
            return answer;
        }
        self.all_uses(&wanted, roles, &mut found)?;
        if roles == Role::CALLS {
            let mut read = Vec::new();
            for one in &wanted {
                if self.is_called_by_reading(one.symbol)? {
                    read.push(Wanted { symbol: one.symbol, uses: Arc::clone(&one.uses), above: one.above });
                }
            }
            self.all_uses(&read, &[Role::Read, Role::Pass, Role::Ref], &mut found)?;
            self.add_indirect_callers(&wanted, &mut found)?;
            self.miss_marked(&wanted, &mut found)?;
            self.miss_callers_outside(&wanted, &mut found)?;
        }
        for module in wanted.iter().filter(|w| w.symbol.is_module() && !w.above) {
            self.add_those_who_run(module.symbol.file, roles, &mut found)?;
            self.miss_importers(module.symbol.file, &mut found)?;
        }
        if roles.contains(&Role::Write) && roles.len() < Role::ALL.len() {
            let symbols: Vec<SymbolId> = wanted.iter().filter(|w| !w.above).map(|w| w.symbol).collect();
            self.initial_writes(&symbols, &mut found)?;
            self.miss_positions(&symbols, &mut found)?;
        }
        if guesses {
            let namers = self.namers(wanted.iter().filter(|w| !w.above).map(|w| w.symbol))?;
            self.unlinked_rows(&names, &namers, roles, &mut found)?;
        }
        found.rows.extend(crossings);
        let mut keyed: Vec<((u8, String, u32), Raw)> =
            found.rows.drain(..).map(|r| ((self.distance(r.file), self.index.path_of(r.file), r.marks.span.start), r)).collect();
        keyed.sort_by(|a, b| a.0.cmp(&b.0));
        // A call that is written goes before one that is only possible there.
        keyed.dedup_by(|b, a| a.0 == b.0);
        found.rows = keyed.into_iter().map(|k| k.1).collect();
        if found.rows.is_empty() {
            note_other_uses(&wanted, roles, &mut found);
        } else if handed_on > 0 {
            let places = if handed_on == 1 { "1 place".to_owned() } else { format!("{handed_on} places") };
            found.notes.push(format!("handed on as a value in {places}: whoever has it may call it; who uses … as pass, read, ref lists them"));
        }
        Ok(found)
    }

    /// The symbols whose uses are asked for, with their uses; their names; and what is to be said whatever these are.
    /// With `guesses` uses without a target are not counted as missing: they are listed.
    fn wanted(&self, subjects: &[Subject], guesses: bool) -> Result<(Found, Vec<Wanted>, Vec<String>), AnswerError> {
        let mut found = Found::default();
        let mut names = Vec::new();
        let mut wanted: Vec<Wanted> = Vec::new();
        for subject in subjects {
            let resolution = self.resolve(subject)?;
            self.note_subject(&resolution, &mut found);
            // At a place the first target is meant; a name stands for all its symbols.
            let symbols = &self.meant(&resolution)?[..];
            wanted.extend(side_by_side::each(symbols, &|resolved| {
                let inside = resolved.local || !resolution.by_name;
                let uses = if inside { self.uses_with_local(resolved.symbol)? } else { self.index.uses(resolved.symbol)? };
                Ok::<_, AnswerError>(Wanted { symbol: resolved.symbol, uses, above: false })
            })?);
            if resolution.by_name {
                for symbol in symbols {
                    for constructor in self.constructors_of(symbol.symbol)? {
                        wanted.push(Wanted { symbol: constructor, uses: self.index.uses(constructor)?, above: false });
                    }
                }
            }
            for symbol in symbols.iter().map(|r| r.symbol) {
                if !resolution.by_name
                    && let Some((facts, def)) = self.index.definition(symbol)?
                {
                    // A place says little to a reader: say what stands there.
                    let what = format!("{} {}", facts.facts.def(def).kind.word(), self.qualified(symbol.file, &facts, def));
                    // A declaration and its code are one thing.
                    if !found.notes.contains(&what) {
                        found.notes.push(what);
                    }
                    names.push(facts.facts.def_name(def).to_owned());
                }
            }
            names.extend(resolution.names.iter().cloned());
            if resolution.by_name && resolution.symbols.len() > 1 {
                self.offer_places(&resolution, &mut found);
            }
        }
        self.add_other_name(&mut wanted, &mut found)?;
        self.add_overridden(&mut wanted, &mut found)?;
        names.sort();
        names.dedup();
        if !names.is_empty() {
            let namers = self.namers(wanted.iter().filter(|w| !w.above).map(|w| w.symbol))?;
            if guesses {
                self.miss_unread(&names, &namers, &mut found)?;
            } else {
                self.miss_unlinked(&names, &namers, &mut found)?;
            }
            self.miss_run_time_names(&names, &namers, &mut found);
            self.miss_hidden_code(wanted.iter().filter(|w| !w.above).map(|w| w.symbol), &mut found);
            self.miss_other_languages(wanted.iter().map(|w| w.symbol), &mut found);
        }
        Ok((found, wanted, names))
    }

    /// Constructors that do not bear the name of their type: whoever makes one writes the type's name.
    fn constructors_of(&self, of: SymbolId) -> Result<Vec<SymbolId>, AnswerError> {
        let Some((facts, def)) = self.index.definition(of)? else { return Ok(Vec::new()) };
        if !facts.facts.def(def).kind.is_type() {
            return Ok(Vec::new());
        }
        let mut out = Vec::new();
        for member in self.members_of(of)? {
            let Some((f, d)) = self.index.definition(member)? else { continue };
            if f.facts.def(d).kind == Kind::Constructor && f.facts.def_name(d) != facts.facts.def_name(def) {
                out.push(member);
            }
        }
        Ok(out)
    }

    /// How often functions are handed on as values, and how often they may be, by their name alone: whoever has them may call them, and
    /// such calls stay dynamic.
    fn handed_on_count(&self, wanted: &[Wanted], roles: &[Role]) -> Result<(u64, u64), AnswerError> {
        let (mut sure, mut guessed) = (0, 0);
        if roles != Role::CALLS {
            return Ok((sure, guessed));
        }
        for one in wanted.iter().filter(|w| !w.above) {
            let values: Vec<&UseEntry> = one.uses.iter().filter(|e| e.role.is_value()).collect();
            // Types are mentioned in many ways; only functions are called by whoever holds them.
            let is_function = |(f, d): &(Arc<FileFacts>, DefId)| {
                let d = f.facts.def(*d);
                matches!(d.kind, Kind::Function | Kind::Method) && !d.flags.has(Flags::PROPERTY)
            };
            if !values.is_empty() && self.index.definition(one.symbol)?.as_ref().is_some_and(is_function) {
                sure += values.iter().filter(|e| e.first && e.certainty > Certainty::Guessed).count() as u64;
                guessed += values.iter().filter(|e| e.certainty == Certainty::Guessed).count() as u64;
            }
        }
        Ok((sure, guessed))
    }

    /// Who reads what is read like a field though it is a method calls it.
    fn is_called_by_reading(&self, symbol: SymbolId) -> Result<bool, AnswerError> {
        Ok(self.index.definition(symbol)?.is_some_and(|(f, d)| {
            let d = f.facts.def(d);
            matches!(d.kind, Kind::Function | Kind::Method) && d.flags.has(Flags::PROPERTY)
        }))
    }

    /// The uses of a symbol that may stand inside a function: there the reader linked them, and no posting has them.
    pub(crate) fn uses_with_local(&self, symbol: SymbolId) -> Result<Arc<Vec<UseEntry>>, AnswerError> {
        let known = self.index.uses(symbol)?;
        let Some((facts, def)) = self.index.definition(symbol)? else { return Ok(known) };
        let entry = |(i, u): (usize, &compass_facts::Use)| UseEntry {
            target: symbol,
            file: symbol.file,
            usage: i as u32,
            role: u.role,
            certainty: Certainty::Proven,
            first: true,
            enclosing: u.enclosing.map(|d| facts.number(d)),
        };
        let local: Vec<UseEntry> = facts.facts.uses.iter().enumerate().filter(|(_, u)| u.local == Some(def)).map(entry).collect();
        if local.is_empty() {
            return Ok(known);
        }
        let mut all = known.to_vec();
        all.extend(local);
        all.sort_by_key(|e| (e.file, e.usage));
        Ok(Arc::new(all))
    }

    /// Adds aliases that give a type its own name once more (`typedef struct rack rack;`): for people the two are one.
    fn add_other_name(&self, wanted: &mut Vec<Wanted>, found: &mut Found) -> Result<(), AnswerError> {
        let [only] = &wanted[..] else { return Ok(()) };
        let is_outer_type = |(f, d): &(Arc<FileFacts>, DefId)| f.facts.def(*d).kind.is_type() && f.facts.def(*d).container.is_none();
        let Some((facts, def)) = self.index.definition(only.symbol)?.filter(is_outer_type) else { return Ok(()) };
        let (of, name, uses) = (only.symbol, facts.facts.def_name(def).to_owned(), only.uses.clone());
        for entry in self.index.named(&name)? {
            let is_kin = self.index.file(entry.symbol.file).zip(self.index.file(of.file)).is_some_and(|(a, b)| a.language.is_kin_of(b.language));
            if entry.kind != Kind::Alias || entry.symbol == of || !is_kin {
                continue;
            }
            let Some((facts, def)) = self.index.definition(entry.symbol)?.filter(is_outer_type) else { continue };
            let alias = facts.facts.def(def);
            let stands_for = alias.ty.and_then(|ty| completeness::name_of(&facts.facts, ty));
            // What it is made of means the type asked for, not another one of that name.
            let is_made_of = |u: &&UseEntry| u.file == entry.symbol.file && alias.whole.covers(facts.facts.usage(UseId(u.usage)).span);
            if stands_for == Some(&name) && uses.iter().any(|u| is_made_of(&u)) {
                wanted.push(Wanted { symbol: entry.symbol, uses: self.index.uses(entry.symbol)?, above: false });
            }
        }
        if wanted.len() > 1 {
            found.notes.push(format!("with uses of the alias {name}, which stands for it"));
        }
        Ok(())
    }

    /// Adds what the symbols override: a call of that may arrive at them.
    fn add_overridden(&self, wanted: &mut Vec<Wanted>, found: &mut Found) -> Result<(), AnswerError> {
        /// Of a name with more symbols than this nobody asks for one method.
        const FEW: usize = 40;
        if wanted.len() > FEW {
            return Ok(());
        }
        let asked: Vec<SymbolId> = wanted.iter().map(|w| w.symbol).collect();
        let mut names = Vec::new();
        for symbol in &asked {
            let (overridden, is_cut) = self.overridden(*symbol)?;
            found.miss(Cause::TooMany.word(), u64::from(is_cut));
            for above in overridden {
                let uses = self.index.uses(above)?;
                if wanted.iter().any(|w| w.symbol == above) || uses.is_empty() {
                    continue;
                }
                if let Some((facts, def)) = self.index.definition(above)? {
                    names.push(self.qualified(above.file, &facts, def));
                }
                wanted.push(Wanted { symbol: above, uses, above: true });
            }
        }
        if !names.is_empty() {
            names.sort();
            names.dedup();
            found.notes.push(format!("with uses of {}, which this overrides: any of them may arrive here", names.join(", ")));
        }
        Ok(())
    }

    /// Rows of uses, file by file; all of them are `shown`, or only some.
    pub(super) fn rows_of(&self, wanted: &[OfFile], shown: bool) -> Result<Vec<Raw>, AnswerError> {
        let rows = side_by_side::each_alone(wanted, &|of_file| {
            let usages: Vec<UseId> = of_file.uses.iter().map(|u| u.0).collect();
            if let Some(alone) = self.index.pick_uses(of_file.file, &usages, shown)? {
                let row = |((usage, certainty, symbol), alone): (&(UseId, Certainty, SymbolId), UseAlone)| Raw {
                    about: About::Use(*usage),
                    marks: Marks { kind: None, role: Some(alone.told.role), certainty: Some(*certainty), span: alone.told.span },
                    symbol: Some(*symbol),
                    via: Some((of_file.file, *usage)),
                    alone: Some(Arc::new(alone)),
                    told: None,
                    ..Raw::module(of_file.file)
                };
                return Ok(of_file.uses.iter().zip(alone).map(row).collect());
            }
            let facts = self.index.facts(of_file.file)?;
            let row =
                |(usage, certainty, symbol): &(UseId, Certainty, SymbolId)| Raw::usage(of_file.file, &facts.facts, *usage, Some(*certainty), Some(*symbol));
            Ok::<_, AnswerError>(of_file.uses.iter().map(row).collect::<Vec<Raw>>())
        })?;
        Ok(rows.into_iter().flatten().collect())
    }

    /// How far a file is from what readers wrote and change: their own code 0, what a program made of it 1, dependencies 2.
    pub(super) fn distance(&self, file: FileId) -> u8 {
        if self.index.unit(file).is_some_and(|u| !u.own) {
            return 2;
        }
        u8::from(self.index.file(file).is_some_and(|f| f.provenance.word().is_some()))
    }

    fn offer_places(&self, resolution: &Resolution, found: &mut Found) {
        // A prototype and its body are one thing, not two to choose from.
        let bodies = resolution.symbols.iter().filter(|r| !r.bodiless);
        let mut paths: Vec<String> = bodies.map(|r| self.index.path_of(r.symbol.file)).collect();
        if paths.len() < 2 {
            return;
        }
        let count = paths.len();
        paths.dedup();
        let shown: Vec<String> = paths.iter().take(5).map(|p| format!("defined in {p}")).collect();
        found.notes.push(format!("{count} symbols of that name; choose with: {}", shown.join(" · ")));
    }

    /// Every use in those roles, in no order.
    pub(super) fn all_uses(&self, symbols: &[Wanted], roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        let of = |w: &Wanted| {
            w.uses.iter().filter(|e| roles.contains(&e.role)).map(|e| (UseEntry { certainty: w.certainty(e.certainty), ..*e }, w.symbol)).collect::<Vec<_>>()
        };
        let mut entries: Vec<(UseEntry, SymbolId)> = symbols.iter().flat_map(of).collect();
        // Sorted with care: of several symbols that one use may mean the first one asked for counts.
        entries.sort_by_key(|(e, _)| (e.file, e.usage));
        entries.dedup_by_key(|(e, _)| (e.file, e.usage));
        let of_file = |part: &[(UseEntry, SymbolId)]| OfFile {
            file: part[0].0.file,
            uses: part.iter().map(|(e, symbol)| (UseId(e.usage), e.certainty, *symbol)).collect(),
        };
        let wanted: Vec<OfFile> = entries.chunk_by(|a, b| a.0.file == b.0.file).map(of_file).collect();
        // Of very many most are left out by filters: reasons are looked up for what is shown.
        found.rows.extend(self.rows_of(&wanted, entries.len() <= MANY)?);
        Ok(())
    }

    /// Crossings in those roles that reach one of the symbols.
    fn crossings_of(&self, symbols: &[Wanted], roles: &[Role]) -> Result<Vec<Raw>, AnswerError> {
        if self.index.matrix().is_empty() {
            return Ok(Vec::new());
        }
        let rows = side_by_side::each(symbols, &|wanted| {
            // Who has the full name of something may call it.
            let is_named = |e: &crate::chains::Edge| roles == Role::CALLS && matches!(e.join, crate::chains::Join::Crossing(CrossingKind::Name, _));
            let edges = self.crossings_in(wanted.symbol)?.into_iter().filter(|e| roles.contains(&e.role) || is_named(e));
            let row =
                |e: crate::chains::Edge| if let crate::chains::Join::Crossing(_, number) = e.join { Some(Raw::crossing(e.file, number, &e)) } else { None };
            Ok::<_, AnswerError>(edges.filter_map(row).collect::<Vec<_>>())
        })?;
        Ok(rows.into_iter().flatten().collect())
    }

    /// `what does S call`, and its sisters.
    pub(super) fn what_does(&self, subject: &Subject, does: Does) -> Result<Found, AnswerError> {
        if let (Does::Include | Does::Import | Does::Define, What::Name { text, .. }) = (does, &subject.what)
            && let Some(file) = self.find_file(text)
        {
            if does != Does::Define {
                return self.imports_of(file);
            }
            let mut found = Found::default();
            self.add_definitions(SymbolId::module(file), &mut found)?;
            return Ok(found);
        }
        let resolution = self.resolve(subject)?;
        let mut found = Found::default();
        self.note_subject(&resolution, &mut found);
        let symbols: Vec<SymbolId> = self.meant(&resolution)?.iter().map(|r| r.symbol).collect();
        let parts = side_by_side::each_alone(&symbols, &|symbol| {
            let mut part = Found::default();
            match does {
                Does::Define => self.add_definitions(*symbol, &mut part)?,
                Does::Include | Does::Import => part.rows = self.imports_of(symbol.file)?.rows,
                Does::Extend | Does::Implement => self.add_bases(*symbol, &mut part)?,
                _ => self.add_used(*symbol, roles_of(does), &mut part)?,
            }
            Ok::<_, AnswerError>(part)
        })?;
        for part in parts {
            found.rows.extend(part.rows);
            found.notes.extend(part.notes);
            part.missing.iter().for_each(|m| found.miss(&m.cause, m.count));
        }
        if !matches!(does, Does::Define | Does::Include | Does::Import | Does::Extend | Does::Implement) {
            found.rows.sort_by_key(|r| (r.file, r.marks.span));
        }
        if does == Does::Call {
            self.miss_pasted_calls(&mut found)?;
        }
        Ok(found)
    }

    pub(super) fn add_definitions(&self, symbol: SymbolId, found: &mut Found) -> Result<(), AnswerError> {
        let facts = self.index.facts(symbol.file)?;
        if symbol.is_module() {
            for (i, d) in facts.facts.definitions.iter().enumerate() {
                if d.container.is_none() && !d.name_span.is_empty() && d.kind != Kind::TypeParameter {
                    let id = DefId(i as u32);
                    found.rows.push(Raw::definition(SymbolId { file: symbol.file, number: facts.number(id) }, &facts, id));
                }
            }
            return Ok(());
        }
        for member in self.members_of(symbol)? {
            if let Some((facts, def)) = self.index.definition(member)?.filter(|(f, d)| f.facts.def(*d).kind != Kind::TypeParameter) {
                found.rows.push(Raw::definition(member, &facts, def));
            }
        }
        self.note_inherited(symbol, found)
    }

    /// Uses within a definition.
    pub(super) fn add_used(&self, symbol: SymbolId, roles: &[Role], found: &mut Found) -> Result<(), AnswerError> {
        let facts = self.index.facts(symbol.file)?;
        let links = self.index.links(symbol.file)?;
        let whole = facts.find(symbol.number).map(|d| facts.facts.def(d).whole);
        for (n, c) in links.crossings.iter().enumerate() {
            if roles.contains(&c.role) && whole.is_none_or(|w| w.covers(c.at)) {
                let join = crate::chains::Join::Crossing(c.kind, n as u32);
                let edge = crate::chains::Edge { from: c.from, to: c.to, file: symbol.file, at: c.at, join, role: c.role, certainty: c.certainty };
                found.rows.push(Raw::crossing(symbol.file, n as u32, &edge));
            }
        }
        if roles.contains(&Role::Call) {
            self.add_indirect_calls(symbol.file, whole, found)?;
        }
        let by_macros = roles.contains(&Role::Call) && self.has_macros_without_signs(symbol.file);
        let first = whole.map_or(0, |w| facts.facts.uses.partition_point(|u| u.span.start < w.start));
        for (i, u) in facts.facts.uses.iter().enumerate().skip(first) {
            if whole.is_some_and(|w| u.span.start > w.end) {
                break;
            }
            let inside = whole.is_none_or(|w| w.covers(u.span));
            let usage = UseId(i as u32);
            if !inside || !(roles.contains(&u.role) || by_macros && self.names_a_macro_that_calls(&links, u, usage)?) {
                continue;
            }
            if let Some(def) = u.local {
                if facts.facts.def(def).kind.is_callable() {
                    let target = SymbolId { file: symbol.file, number: facts.number(def) };
                    found.rows.push(Raw::usage(symbol.file, &facts.facts, usage, Some(Certainty::Proven), Some(target)));
                }
                continue;
            }
            match links.find(usage) {
                Some(link) => found.rows.push(Raw::usage(symbol.file, &facts.facts, usage, Some(link.certainty), link.targets.first().copied())),
                None => {
                    let cause = links.find_cause(usage).unwrap_or(Cause::NoDefinition);
                    // What crosses to another language has its row.
                    let crosses = |c: &Crossing| c.at == u.span && c.certainty != Certainty::Guessed && roles.contains(&c.role);
                    if !matches!(cause, Cause::Builtin) && !links.crossings.iter().any(crosses) {
                        found.miss(cause.word(), 1);
                    }
                }
            }
        }
        Ok(())
    }
}

pub(super) fn roles_of(does: Does) -> &'static [Role] {
    match does {
        Does::Call => &Role::CALLS,
        Does::Read => &[Role::Read, Role::Pass],
        Does::Write => &[Role::Write],
        _ => &Role::ALL,
    }
}

/// Nobody does what was asked about; what is done instead may lead there: a function that is handed on, say.
fn note_other_uses(wanted: &[Wanted], roles: &[Role], found: &mut Found) {
    let uses = || wanted.iter().filter(|w| !w.above).flat_map(|w| w.uses.iter()).map(|u| u.role);
    let others: Vec<String> = Role::ALL
        .iter()
        .filter(|r| !roles.contains(r) && **r != Role::Import)
        .filter_map(|role| Some((uses().filter(|r| r == role).count(), role)).filter(|c| c.0 > 0))
        .map(|(count, role)| format!("{count} × {}", role.word()))
        .collect();
    if !others.is_empty() {
        found.notes.push(format!("other uses: {}; who uses lists them", others.join(", ")));
    }
}
