//! Facts and relations of a symbol at a glance: what the desk shows beside the code.

use crate::answer::{Answer, AnswerError, Context, Engine, Introduction};
use crate::documentation::{self, Block};
use crate::question::{Form, Mode, Place, Question, Subject, What, WhoDoes};
use compass_facts::{DefId, Facts, Kind, Language};
use compass_index::SymbolId;

/// What a symbol is.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct SymbolFacts {
    /// Qualified name.
    pub name: String,
    /// Kind word.
    pub kind: String,
    /// What stands in the file up to the body, white space folded.
    pub signature: String,
    /// Documentation, comment signs removed.
    pub documentation: String,
    /// The same as it is read: paragraphs, lists, code, what is said of parameters.
    pub blocks: Vec<Block>,
    /// The file that documentation stands in, where it is another one: that of a package, a README.
    pub documented_in: Option<String>,
    /// Path of its file.
    pub path: String,
    /// Line of its name.
    pub line: u32,
    /// Unit name.
    pub unit: String,
    /// Whether the unit is the workspace's own.
    pub own: bool,
    /// Is it of a standard library that is declared, its source not on this machine?
    pub declared: bool,
}

impl SymbolFacts {
    /// With what documents it as a whole.
    fn introduced(self, by: Option<Introduction>) -> SymbolFacts {
        let Some(Introduction { text, blocks, path }) = by else { return self };
        let documented_in = (path != self.path).then_some(path);
        SymbolFacts { documentation: text, blocks, documented_in, ..self }
    }
}

/// A group of related places.
#[derive(Debug, Clone, PartialEq)]
pub struct Group {
    /// Its heading.
    pub title: &'static str,
    /// The question that gives all of it.
    pub question: String,
    /// How many there are.
    pub total: u64,
    /// The first of them.
    pub rows: Vec<Answer>,
}

/// Everything about the name at a place.
#[derive(Debug, Clone, PartialEq)]
pub struct Bearings {
    /// What the name refers to.
    pub facts: SymbolFacts,
    /// Where the name stood, as asked.
    pub target: Answer,
    /// How many further targets there are.
    pub others: u64,
    /// Relations.
    pub groups: Vec<Group>,
}

/// Rows shown per group.
const GROUP_ROWS: u64 = 30;

impl Engine {
    /// What a symbol is; `None` for a symbol that is gone.
    ///
    /// # Errors
    /// [`AnswerError::Index`].
    pub fn facts_of(&self, symbol: SymbolId) -> Result<Option<SymbolFacts>, AnswerError> {
        let index = self.index();
        let path = index.path_of(symbol.file);
        let unit = index.unit(symbol.file);
        let base = SymbolFacts {
            name: path.clone(),
            kind: Kind::Module.word().to_owned(),
            signature: path.clone(),
            documentation: String::new(),
            blocks: Vec::new(),
            documented_in: None,
            path,
            line: 1,
            unit: unit.map(|u| u.name.clone()).unwrap_or_default(),
            own: unit.is_some_and(|u| u.own),
            declared: unit.is_some_and(|u| u.is_declared()),
        };
        if symbol.is_module() {
            return Ok(Some(base.introduced(self.introduction(symbol.file)?)));
        }
        let Some((facts, def)) = index.definition(symbol)? else { return Ok(None) };
        let source = index.source(symbol.file)?;
        let text = source.source.text.as_str();
        let d = facts.facts.def(def);
        let language = index.file(symbol.file).map_or(Language::TEXT, |f| f.language);
        let introduction = match (d.kind, d.doc) {
            (Kind::Module, None) => self.introduction_of(symbol.file, &facts, def)?,
            _ => None,
        };
        let found = SymbolFacts {
            name: self.qualified(symbol.file, &facts, def),
            kind: d.kind.word().to_owned(),
            signature: signature(&facts.facts, def, text, language),
            documentation: d.doc.map(|s| documentation::clean(s.of(text))).unwrap_or_default(),
            blocks: d.doc.map(|s| documentation::read(language, s.of(text))).unwrap_or_default(),
            line: source.source.lines.locate(d.name_span.start.min(text.len() as u32)).0,
            ..base
        };
        Ok(Some(found.introduced(introduction)))
    }

    /// Bearings of the name at a place; `None` where no name stands or it has no target. The second value says why.
    ///
    /// # Errors
    /// [`AnswerError`].
    pub fn bearings(&self, path: &str, line: u32, column: u32, context: &Context) -> Result<Result<Box<Bearings>, Vec<String>>, AnswerError> {
        let place = Place { path: path.to_owned(), line, column: Some(column) };
        let subject = Subject { what: What::Place(place), defined_in: None };
        let question = Question { form: Form::WhereIs { subject, mode: Mode::Any }, filters: Vec::new() };
        let mut answers = self.answer(&question, context)?;
        let Some(symbol) = answers.answers.first().and_then(|a| a.symbol) else {
            let mut why = answers.notes;
            why.extend(answers.missing.iter().map(|m| why_missing(&m.cause)));
            return Ok(Err(why));
        };
        let target = answers.answers.swap_remove(0);
        let Some(facts) = self.facts_of(symbol)? else { return Ok(Err(Vec::new())) };
        let groups = self.groups(&target, context)?;
        Ok(Ok(Box::new(Bearings { facts, others: answers.total.saturating_sub(1), target, groups })))
    }

    fn groups(&self, target: &Answer, context: &Context) -> Result<Vec<Group>, AnswerError> {
        let Some(symbol) = target.symbol else { return Ok(Vec::new()) };
        let kind = match self.index().definition(symbol)? {
            Some((f, d)) => f.facts.def(d).kind,
            None => Kind::Module,
        };
        let place = || Subject { what: What::Place(Place { path: target.path.clone(), line: target.line, column: Some(target.column) }), defined_in: None };
        let file = || Subject { what: What::Name { text: target.path.clone(), quoted: true }, defined_in: None };
        let who = |does| Form::Who { does, subjects: vec![place()], through: None };
        let what = |does| Form::WhatDoes { subject: place(), does, through: None };
        let uses = || Form::WhoUses { subjects: vec![place()], roles: Vec::new() };
        use crate::question::Does;
        let forms: Vec<(&'static str, Form)> = match kind {
            k if k.is_callable() => vec![("called from", who(WhoDoes::Calls)), ("calls", what(Does::Call)), ("all uses", uses())],
            Kind::Module => {
                vec![("defines", Form::Outline(file())), ("brought in by", Form::Who { does: WhoDoes::Imports, subjects: vec![file()], through: None })]
            }
            k if k.is_type() => {
                vec![("members", what(Does::Define)), ("uses", uses()), ("derived", who(WhoDoes::Extends)), ("calls", what(Does::Call))]
            }
            _ => vec![("written by", who(WhoDoes::Writes)), ("read by", who(WhoDoes::Reads)), ("all uses", uses())],
        };
        let mut groups = Vec::new();
        for (title, form) in forms {
            let question = Question { form, filters: vec![crate::question::Filter::AtMost(GROUP_ROWS)] };
            let mut answers = self.answer(&question, context)?;
            answers.answers.iter_mut().for_each(|a| self.add_caller(a));
            if answers.total > 0 {
                let whole = Question { filters: Vec::new(), ..question };
                groups.push(Group { title, question: whole.to_string(), total: answers.total, rows: answers.answers });
            }
        }
        let marks = self.marks_of(symbol)?;
        if let Some((first, _)) = marks.first() {
            // Who else is marked so is one key away.
            let question = format!("who uses {first} as mark");
            groups.push(Group { title: "marks", question, total: marks.len() as u64, rows: marks.into_iter().map(|m| m.1).collect() });
        }
        Ok(groups)
    }
}

/// A cause in words.
pub fn why_missing(cause: &str) -> String {
    match cause {
        "unit_absent" => "it leads into a package that is not indexed",
        "no_definition" => "nothing of that name is defined where it should be",
        "receiver_unknown" => "the type of what stands before it is not known",
        "dynamic" => "decided at run time",
        "macro_made" => "made by a macro",
        "builtin" => "part of the language or its standard library",
        "too_many" => "too many definitions of that name to guess one",
        "fault" => "a fault of this program ended the linking of its file",
        "unreadable" => "its target stands in something that could not be read",
        other => other,
    }
    .to_owned()
}

/// What stands from the definition's start to its body, on one line.
fn signature(facts: &Facts, def: DefId, text: &str, language: Language) -> String {
    let d = facts.def(def);
    let end = match d.body {
        Some(body) if body.start > d.name_span.start => body.start,
        _ => d.whole.end,
    };
    // Decorators and attributes stand before; begin at the line of the name, or at the declaration when it is near.
    let line_start = text[..d.name_span.start as usize].rfind('\n').map_or(0, |i| i + 1);
    let start = (d.whole.start as usize).max(line_start.min(d.name_span.start as usize));
    let raw = text.get(start..(end as usize).min(start + 600)).unwrap_or("");
    let raw = if d.body.is_none() { raw.split(";\n").next().unwrap_or(raw) } else { raw };
    // Between the name and the body of some languages stands what is said of the first member.
    let is_comment = |line: &str| language.profile().lexis.line_comments.iter().any(|sign| line.trim_start().starts_with(sign));
    let raw = raw.lines().filter(|l| !is_comment(l)).collect::<Vec<_>>().join(" ");
    let folded = raw.split_whitespace().collect::<Vec<_>>().join(" ");
    folded.trim_end_matches(['{', ':', ' ', '\\']).to_owned()
}
