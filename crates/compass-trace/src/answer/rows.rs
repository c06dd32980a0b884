//! Light rows, and full answers made of them.

use super::{About, Answer, AnswerError, AnswerKind, Engine, EvidenceLine, Marks};
use compass_facts::{DefId, Facts, Flags, Kind, LineIndex, Role, Span, UseId};
use compass_index::plan::declared;
use compass_index::{Certainty, FileFacts, FileId, IndexError, Step, StepKind, StepPlace, SymbolId, UseAlone};
use std::sync::Arc;

/// A row before it is shown.
#[derive(Debug, Clone)]
pub(super) struct Raw {
    pub(super) file: FileId,
    pub(super) about: About,
    pub(super) marks: Marks,
    /// The symbol it is about: the definition itself, or what a use refers to.
    pub(super) symbol: Option<SymbolId>,
    /// The use and file whose link led here, for its evidence.
    pub(super) via: Option<(FileId, UseId)>,
    /// How far from the start of a chain.
    pub(super) level: Option<u32>,
    /// The symbol of the chain it hangs on.
    pub(super) near: Option<SymbolId>,
    /// What is told of a use without the facts of its file.
    pub(super) alone: Option<Arc<UseAlone>>,
    /// What else is to be said of it, with a place.
    pub(super) told: Option<EvidenceLine>,
    /// The question that lists what it stands for, and what is said of that.
    pub(super) opens: Option<(String, String)>,
}

impl Raw {
    pub(super) fn definition(symbol: SymbolId, facts: &FileFacts, def: DefId) -> Raw {
        let d = facts.facts.def(def);
        let marks = Marks { kind: Some(d.kind), role: None, certainty: None, span: d.name_span };
        Raw { about: About::Definition(def), marks, symbol: Some(symbol), ..Raw::line(symbol.file, d.name_span) }
    }

    pub(super) fn usage(file: FileId, facts: &Facts, usage: UseId, certainty: Option<Certainty>, symbol: Option<SymbolId>) -> Raw {
        let u = facts.usage(usage);
        let marks = Marks { kind: None, role: Some(u.role), certainty, span: u.span };
        Raw { about: About::Use(usage), marks, symbol, via: Some((file, usage)), ..Raw::line(file, u.span) }
    }

    pub(super) fn module(file: FileId) -> Raw {
        let marks = Marks { kind: Some(Kind::Module), role: None, certainty: None, span: Span::default() };
        Raw { about: About::File, marks, symbol: Some(SymbolId::module(file)), ..Raw::line(file, Span::default()) }
    }

    pub(super) fn line(file: FileId, span: Span) -> Raw {
        Raw {
            file,
            about: About::Line,
            marks: Marks { kind: None, role: None, certainty: None, span },
            symbol: None,
            via: None,
            level: None,
            near: None,
            alone: None,
            told: None,
            opens: None,
        }
    }

    pub(super) fn crossing(file: FileId, number: u32, edge: &crate::chains::Edge) -> Raw {
        let marks = Marks { kind: None, role: Some(edge.role), certainty: Some(edge.certainty), span: edge.at };
        Raw { about: About::Crossing(number), marks, symbol: Some(edge.to), ..Raw::line(file, edge.at) }
    }
}

impl Engine {
    /// Makes the full answer of a row.
    pub(super) fn full(&self, row: &Raw) -> Result<Answer, AnswerError> {
        let index = &self.index;
        let file = index.file(row.file);
        let source = index.source(row.file);
        let mut span = row.marks.span;
        let mut moved = None;
        if let Ok(source) = &source
            && let Some(changed) = &source.changed
            && !matches!(row.about, About::Line)
        {
            match relocate(&index.facts(row.file)?.facts, changed, row) {
                Some(found) => span = found,
                None => moved = Some("the file changed since it was indexed and this place was not found again".to_owned()),
            }
        }
        let empty = LineIndex::new("");
        let (lines, text) = match &source {
            Ok(s) => (&s.source.lines, s.source.text.as_str()),
            Err(_) => (&empty, ""),
        };
        let length = text.len() as u32;
        let (line, column) = lines.locate(span.start.min(length));
        let (end_line, end_column) = lines.locate(span.end.min(length));
        let shown = lines.line(line, text);
        let mut answer = Answer {
            path: index.path_of(row.file),
            line,
            column,
            end_line,
            end_column,
            name: None,
            kind: row.marks.kind.map(AnswerKind::Symbol),
            role: row.marks.role,
            certainty: row.marks.certainty,
            evidence: Vec::new(),
            unit: index.unit(row.file).map(|u| u.name.clone()),
            language: file.map(|f| f.language.word().to_owned()),
            enclosing: None,
            text: Some(clipped(shown, column)),
            caller: None,
            made_by: None,
            opens: row.opens.as_ref().map(|o| o.0.clone()),
            remark: row.opens.as_ref().map(|o| o.1.clone()).or_else(|| row.told.as_ref().map(|t| t.text.clone())).or_else(|| self.declared(row.file)),
            level: row.level,
            via: row.near.and_then(|s| self.name_of(s)),
            steps: None,
            crossing: None,
            symbol: row.symbol,
            start: row.marks.span.start,
            file: Some(row.file),
            definition: None,
        };
        match &row.alone {
            Some(alone) => self.describe_alone(row, alone, &mut answer)?,
            None => {
                self.describe(row, &*index.facts(row.file)?, &mut answer)?;
                if let Some((file, usage)) = row.via {
                    answer.evidence = self.evidence(file, usage)?;
                }
            }
        }
        answer.evidence.extend(row.told.clone());
        if let Some(note) = moved {
            answer.evidence.push(EvidenceLine { text: note, path: answer.path.clone(), line });
        }
        if let Err(IndexError::Source { .. } | IndexError::NoText { .. }) = source {
            answer.text = None;
        }
        Ok(answer)
    }

    /// Is a file one of a declared standard library?
    pub(crate) fn is_declared(&self, file: FileId) -> bool {
        self.index.unit(file).is_some_and(|u| u.is_declared())
    }

    /// What is remarked of a place in such a file.
    fn declared(&self, file: FileId) -> Option<String> {
        self.is_declared(file).then(|| declared::REMARK.to_owned())
    }

    /// The same as [`Self::describe`] of a use looked at by itself.
    fn describe_alone(&self, row: &Raw, alone: &UseAlone, answer: &mut Answer) -> Result<(), AnswerError> {
        answer.name = Some(alone.told.name.clone());
        if let Some((def, path)) = &alone.told.enclosing {
            answer.enclosing = Some(path.join("."));
            answer.definition = Some(*def);
        }
        let target = row.symbol.map(|s| self.index.definition(s)).transpose()?.flatten();
        answer.kind = target.map(|(f, d)| AnswerKind::Symbol(f.facts.def(d).kind));
        answer.evidence = match (&alone.link, row.via) {
            (Some((total, steps)), _) => self.evidence_of(steps, *total)?,
            (None, Some((file, usage))) => self.evidence(file, usage)?,
            (None, None) => Vec::new(),
        };
        Ok(())
    }

    /// Name, kind and surroundings by what the row is about.
    fn describe(&self, row: &Raw, facts: &FileFacts, answer: &mut Answer) -> Result<(), AnswerError> {
        match row.about {
            About::Definition(def) => {
                answer.name = Some(self.qualified(row.file, facts, def));
                answer.enclosing = facts.facts.def(def).container.map(|c| self.qualified(row.file, facts, c));
                answer.definition = Some(def);
                answer.made_by = facts.facts.made_by(def).map(str::to_owned);
                if let (Some(by), None) = (&answer.made_by, &answer.remark) {
                    answer.remark = Some(format!("made by {by}"));
                }
            }
            About::Use(usage) => {
                let u = facts.facts.usage(usage);
                answer.name = Some(facts.facts.name(u.name).to_owned());
                answer.enclosing = u.enclosing.map(|d| self.qualified(row.file, facts, d));
                answer.definition = u.enclosing;
                let target = row.symbol.map(|s| self.index.definition(s)).transpose()?.flatten();
                answer.kind = target.map(|(f, d)| AnswerKind::Symbol(f.facts.def(d).kind));
            }
            About::Import(id) => {
                let import = facts.facts.import(id);
                answer.name = Some(facts.facts.name(import.module).to_owned());
                answer.role = Some(Role::Import);
            }
            About::Crossing(number) => self.describe_crossing(row.file, number, facts, answer)?,
            About::Loose(number) => {
                let links = self.index.links(row.file)?;
                if let Some(loose) = links.loose.get(number as usize) {
                    answer.kind = Some(AnswerKind::Crossing(loose.kind));
                    answer.name = Some(loose.label.clone());
                    answer.evidence.push(EvidenceLine { text: loose.cause.text().to_owned(), path: answer.path.clone(), line: answer.line });
                }
            }
            About::Gap(cause) => {
                answer.kind = Some(AnswerKind::Gap(cause));
                if row.is_absent_import()
                    && let Some(import) = self.absent_package(row.file, row.marks.span.start)?
                {
                    answer.remark = Some(import.language.profile().packages.advice.to_owned());
                    answer.name = Some(import.package);
                }
            }
            About::Line => {
                let def = facts.facts.find_enclosing(row.marks.span.start);
                answer.enclosing = def.map(|d| self.qualified(row.file, facts, d));
                answer.definition = def;
            }
            About::File => answer.name = Some(stem(&answer.path)),
        }
        Ok(())
    }

    /// The name of a symbol, qualified; of a file, its stem.
    pub(crate) fn name_of(&self, symbol: SymbolId) -> Option<String> {
        match self.index.definition(symbol).ok()? {
            Some((facts, def)) => Some(self.qualified(symbol.file, &facts, def)),
            None => Some(stem(&self.index.path_of(symbol.file))),
        }
    }

    fn describe_crossing(&self, file: FileId, number: u32, facts: &FileFacts, answer: &mut Answer) -> Result<(), AnswerError> {
        let links = self.index.links(file)?;
        let Some(crossing) = links.crossings.get(number as usize) else { return Ok(()) };
        answer.name = Some(crossing.label.clone());
        answer.kind = Some(AnswerKind::Crossing(crossing.kind));
        answer.crossing = Some(crossing.kind);
        let from = facts.find(crossing.from.number).filter(|_| !crossing.from.is_module());
        answer.enclosing = from.map(|d| self.qualified(file, facts, d));
        answer.definition = from;
        for step in &crossing.evidence {
            let Ok(source) = self.index.source(step.symbol.file) else { continue };
            let line = source.source.lines.locate(self.place_of(step)?.start.min(source.source.text.len() as u32)).0;
            let text = source.source.lines.line(line, &source.source.text).trim();
            let text: String = text.chars().take(80).collect();
            out_step(&mut answer.evidence, step.kind, &text, self.index.path_of(step.symbol.file), line);
        }
        Ok(())
    }

    /// The name with the types and functions around it; members written outside their type get its name.
    pub(crate) fn qualified(&self, _file: FileId, facts: &FileFacts, def: DefId) -> String {
        let mut parts = around(&facts.facts, def);
        let name = facts.facts.def_name(def);
        // What has no name is told by what it is: `(struct)`.
        parts.push(if name.is_empty() { format!("({})", facts.facts.def(def).kind.word()) } else { name.to_owned() });
        parts.join(".")
    }

    /// Fills in who calls the definition an answer stands in. It costs as much as a question, so only what is shown asks.
    pub fn add_caller(&self, answer: &mut Answer) {
        let is_use = answer.role.is_some() || answer.crossing.is_some() || answer.name.is_none() && answer.kind.is_none();
        let (Some(file), Some(def), None, true) = (answer.file, answer.definition, &answer.caller, is_use) else { return };
        let Ok(facts) = self.index.facts(file) else { return };
        answer.caller = self.a_caller(SymbolId { file, number: facts.number(def) });
    }

    /// One of those who call a function: the surest, from another function.
    fn a_caller(&self, symbol: SymbolId) -> Option<String> {
        let uses = self.index.uses(symbol).ok()?;
        let calls = uses.iter().filter(|u| u.role == compass_facts::Role::Call && u.enclosing.is_some());
        let best = calls.max_by_key(|u| (u.certainty, std::cmp::Reverse((u.file, u.usage))))?;
        let facts = self.index.facts(best.file).ok()?;
        let def = facts.find(best.enclosing?)?;
        Some(self.qualified(best.file, &facts, def))
    }

    /// The reasons of a link, each with its place.
    pub(super) fn evidence(&self, file: FileId, usage: UseId) -> Result<Vec<EvidenceLine>, AnswerError> {
        let links = self.index.links(file)?;
        let Some(link) = links.find(usage) else { return self.local_evidence(file, usage) };
        self.evidence_of(links.evidence.get(link.evidence as usize).map_or(&[][..], |v| v), link.total)
    }

    /// Where in its file a reason is to be seen.
    fn place_of(&self, step: &Step) -> Result<Span, AnswerError> {
        Ok(match step.place {
            StepPlace::Bytes(span) => span,
            StepPlace::Import(number) => {
                let facts = self.index.facts(step.symbol.file)?;
                facts.facts.imports.get(number as usize).map_or(Span::default(), |i| i.name_span)
            }
            StepPlace::Symbol => self.index.definition(step.symbol)?.map_or(Span::default(), |(facts, def)| facts.facts.def(def).name_span),
        })
    }

    fn evidence_of(&self, steps: &[Step], total: u32) -> Result<Vec<EvidenceLine>, AnswerError> {
        let mut out = Vec::new();
        for step in steps {
            let span = self.place_of(step)?;
            let Ok(source) = self.index.source(step.symbol.file) else { continue };
            let path = self.index.path_of(step.symbol.file);
            let name = match self.index.definition(step.symbol)? {
                Some((facts, def)) => facts.facts.def_name(def).to_owned(),
                None => span.of(&source.source.text).to_owned(),
            };
            let line = source.source.lines.locate(span.start.min(source.source.text.len() as u32)).0;
            let unit = self.index.unit(step.symbol.file).map_or("", |u| u.name.as_str());
            out.push(EvidenceLine { text: step_text(step.kind, &name, unit, total), path, line });
        }
        Ok(out)
    }

    /// A name linked by the reader: bound in the function itself.
    fn local_evidence(&self, file: FileId, usage: UseId) -> Result<Vec<EvidenceLine>, AnswerError> {
        let facts = self.index.facts(file)?;
        let Some(def) = facts.facts.usage(usage).local else { return Ok(Vec::new()) };
        let Ok(source) = self.index.source(file) else { return Ok(Vec::new()) };
        let d = facts.facts.def(def);
        let line = source.source.lines.locate(d.name_span.start.min(source.source.text.len() as u32)).0;
        let text = format!("{} {} of the same function", d.kind.word(), facts.facts.def_name(def));
        Ok(vec![EvidenceLine { text, path: self.index.path_of(file), line }])
    }
}

fn out_step(out: &mut Vec<EvidenceLine>, kind: StepKind, text: &str, path: String, line: u32) {
    let text = step_text(kind, text, "", 1);
    if !out.iter().any(|e| e.text == text && e.line == line) {
        out.push(EvidenceLine { text, path, line });
    }
}

fn step_text(kind: StepKind, name: &str, unit: &str, total: u32) -> String {
    match kind {
        StepKind::Scope => format!("{name} is defined in a scope around"),
        StepKind::Import if name.is_empty() => format!("unit {unit}"),
        StepKind::Import => format!("import of {name}"),
        StepKind::Reexport => format!("passed on as {name}"),
        StepKind::Declared => format!("type declared at {name}"),
        StepKind::Inferred => format!("type read off {name}"),
        StepKind::Member => format!("member of {name}"),
        StepKind::Base => format!("inherited from {name}"),
        StepKind::Include => format!("{name} seen through an include"),
        StepKind::StandIn => format!("unit {unit} under the same roots stands in for the package asked for"),
        StepKind::Side => format!("one side: {name}"),
        StepKind::Passed => format!("passed on: {name}"),
        StepKind::ByName if total > 1 => format!("by name only: {name}, the nearest of {total}"),
        StepKind::ByName => format!("by name only: {name}, the only one"),
    }
}

/// Long lines are cut around the place; control characters are kept for the one who prints.
fn clipped(line: &str, column: u32) -> String {
    const WIDTH: usize = 400;
    if line.len() <= WIDTH {
        return line.to_owned();
    }
    let mut start = (column as usize).saturating_sub(WIDTH / 2);
    while !line.is_char_boundary(start) {
        start -= 1;
    }
    let mut end = (start + WIDTH).min(line.len());
    while !line.is_char_boundary(end) {
        end -= 1;
    }
    line[start..end].to_owned()
}

fn stem(path: &str) -> String {
    let name = path.rsplit('/').next().unwrap_or(path);
    name.rsplit_once('.').map_or(name, |(s, _)| s).to_owned()
}

/// Names of what a definition stands in, outermost first.
pub(super) fn around(facts: &Facts, def: DefId) -> Vec<String> {
    let mut parts: Vec<String> = Vec::new();
    let mut at = Some(def);
    while let Some(id) = at {
        if id != def {
            let name = match facts.def_name(id) {
                "" => alias_of(facts, id).unwrap_or(""),
                name => name,
            };
            parts.extend((!name.is_empty()).then(|| name.to_owned()));
        }
        let d = facts.def(id);
        parts.extend(extended_type(facts, d.scope).into_iter().rev());
        at = d.container;
    }
    parts.reverse();
    parts
}

/// The type that the scope's members are given to, as written with what qualifies it; nothing for scopes that give none away.
fn extended_type(facts: &Facts, scope: compass_facts::ScopeId) -> Vec<String> {
    let mut scope = Some(scope);
    while let Some(id) = scope {
        if let Some(extension) = facts.extensions.iter().find(|e| e.scope == id) {
            return super::overrides::type_path(facts, extension.of);
        }
        let here = facts.scope(id);
        // Scopes of definitions are gone through by these themselves.
        scope = here.parent.filter(|_| here.owner.is_none());
    }
    Vec::new()
}

/// The name a `typedef struct { … } name;` gives to a type without one of its own.
fn alias_of(facts: &Facts, def: DefId) -> Option<&str> {
    let is_alias = |d: &&compass_facts::Definition| d.kind == Kind::Alias && d.ty.is_some_and(|t| *facts.ty(t) == compass_facts::TypeExpr::Def(def));
    facts.definitions.iter().find(is_alias).map(|d| facts.name(d.name))
}

/// The place of a row in facts read just now: the same definition, or the same use by name and ordinal.
fn relocate(old: &Facts, new: &Facts, row: &Raw) -> Option<Span> {
    match row.about {
        About::Definition(def) => {
            let d = old.def(def);
            let key = (old.container_path(def), old.def_name(def), d.kind);
            let same = |f: &Facts, i: usize| {
                let id = DefId(i as u32);
                f.def(id).kind == key.2 && f.def_name(id) == key.1 && f.container_path(id) == key.0
            };
            let ordinal = (0..def.index()).filter(|i| same(old, *i)).count();
            (0..new.definitions.len()).filter(|i| same(new, *i)).nth(ordinal).map(|i| new.definitions[i].name_span)
        }
        About::Use(usage) => {
            let u = old.usage(usage);
            let name = old.name(u.name);
            let key = |f: &Facts, x: &compass_facts::Use| (f.name(x.name) == name, x.role, x.enclosing.map(|e| f.def_name(e).to_owned()));
            let wanted = key(old, u);
            let ordinal = old.uses[..usage.0 as usize].iter().filter(|x| key(old, x) == wanted).count();
            new.uses.iter().filter(|x| key(new, x) == wanted).nth(ordinal).map(|x| x.span)
        }
        About::File => Some(Span::default()),
        _ => None,
    }
}

/// Bodies before bodiless declarations; then by path and place.
pub(super) fn definition_rank(facts: &Facts, def: DefId) -> bool {
    facts.def(def).flags.has(Flags::BODILESS)
}
