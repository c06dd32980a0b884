//! Macros of C: which definitions are in force at a place, and what a call becomes under them.
//!
//! # How it works
//! The file is walked from its top, with what it includes, up to the place: that gives the definitions in force under the given defines.
//! Names the walk does not know (a header read by itself, an include that is missing) are looked up in the index, the definition the link of
//! the use names first; that is said in a note.

use compass_unfold::{Competing, Content, Location, Step, StepKind, Unfolding};
use compass_unfold::{Include, Texts};
use compass_unfold::{Ladder, Options, Place, UnfoldError};

mod platform;
use crate::lexer::{CLexer, Lexed};
use crate::preprocessor::{Definition, Expander, Files, Lines, Preprocessor, Stop, Table};
use compass_expand::{Note, Record, SourceNo, Token, TokenKind};
use compass_facts::{Cancel, Kind};
use compass_index::{FileId, Index, SymbolId, Tree};
use rustc_hash::FxHashMap;
use std::sync::Arc;

/// The ladder of C and C++.
pub(crate) struct Macros;

impl Ladder for Macros {
    fn unfold(&self, index: &Index, sources: &dyn Tree, at: Place, options: &Options, cancel: &Cancel) -> Result<Unfolding, UnfoldError> {
        unfold(index, sources, at, options, cancel)
    }
}

/// A call's arguments may reach this many tokens far.
const MAX_CALL_TOKENS: usize = 50_000;
/// Names looked up in the index because the walk did not meet them.
const MAX_LOOKED_UP: usize = 2_000;
/// Further definitions of a name that are listed.
const MAX_COMPETING: usize = 12;

struct IndexFiles<'a> {
    index: &'a Index,
    sources: &'a dyn Tree,
    options: &'a Options,
    texts: Texts,
}

impl Files for IndexFiles<'_> {
    fn text(&mut self, source: SourceNo) -> Option<Arc<str>> {
        self.texts.entries.get(source.0 as usize).map(|e| e.text.clone())
    }

    fn path(&self, source: SourceNo) -> String {
        self.texts.entries.get(source.0 as usize).map_or_else(String::new, |e| e.shown.clone())
    }

    fn include(&mut self, by: SourceNo, spelled: &str, system: bool, next: bool) -> Option<SourceNo> {
        self.texts.included(self.index, self.sources, &self.options.includes, by, Include { spelled, system, next })
    }
}

impl Lines for Texts {
    fn line(&self, place: compass_expand::Place) -> u32 {
        self.location(place).line
    }

    fn path(&self, place: compass_expand::Place) -> String {
        self.location(place).path
    }
}

/// Definitions in force at a place.
struct Environment {
    table: Table,
    seen: FxHashMap<Arc<str>, Vec<Arc<Definition>>>,
    notes: Vec<Note>,
    texts: Texts,
    /// So many of the texts were walked; others were only looked into.
    walked: usize,
    looked_up: Vec<Arc<str>>,
    /// Conditions and other definitions of macros that steps named already.
    told: FxHashMap<Arc<str>, (Vec<String>, Vec<Competing>)>,
}

pub(crate) fn unfold(index: &Index, sources: &dyn Tree, at: Place, options: &Options, cancel: &Cancel) -> Result<Unfolding, UnfoldError> {
    let mut files = IndexFiles { index, sources, options, texts: Texts::default() };
    let nothing = |why: &str| UnfoldError::Nothing { place: index.path_of(at.file), why: why.to_owned() };
    let source = files.texts.indexed(index, at.file).ok_or_else(|| nothing("the file cannot be read"))?;
    let text = files.texts.entries[0].text.clone();
    let tokens: Vec<Lexed> = CLexer::new(&text, false).collect();
    let under = tokens.partition_point(|t| t.span.end <= at.offset);
    if definition_here(index, at) {
        return Err(nothing("this is the definition; put the cursor on a call"));
    }
    let cpp = index.file(at.file).is_some_and(|f| f.language == crate::CPP);
    let mut environment = environment(files, source, at.offset, cpp);
    if cancel.is_cancelled() {
        return Err(nothing("cancelled"));
    }
    // The name under the cursor, or a call around it.
    let candidates =
        (under.saturating_sub(400)..=under.min(tokens.len().saturating_sub(1))).rev().filter(|n| tokens.get(*n).is_some_and(|t| t.kind == TokenKind::Name));
    for n in candidates {
        let name = tokens[n].spelling(&text);
        environment.look_up(index, at.file, tokens[n].span.start, &name);
        if !environment.table.contains_key(&*name) && !is_computed(&name) {
            continue;
        }
        let written = tokens[n..].iter().take(MAX_CALL_TOKENS).map(|t| token(source, &text, t)).collect();
        let (record, mut notes) = environment.expand(written);
        if tokens.len() - n > MAX_CALL_TOKENS && notes.iter().any(|n| matches!(n, Note::Unclosed { .. })) {
            // It is closed, further behind than is looked.
            notes.retain(|n| !matches!(n, Note::Unclosed { .. }));
            notes.push(Note::TooMuch { name: name.as_ref().into() });
        }
        let covers = record.start.last().and_then(|t| record.token(*t).place).is_some_and(|p| p.span.end > at.offset);
        if covers && (!record.steps.is_empty() || n == under) {
            return Ok(environment.finish(index, record, notes));
        }
    }
    Err(nothing("no macro is called here"))
}

fn is_computed(name: &str) -> bool {
    matches!(name, "__LINE__" | "__FILE__" | "__COUNTER__")
}

fn definition_here(index: &Index, at: Place) -> bool {
    index.facts(at.file).is_ok_and(|f| f.facts.find_definition_at(at.offset).is_some_and(|d| f.facts.def(d).kind == Kind::Macro))
}

fn token(source: SourceNo, text: &str, lexed: &Lexed) -> Token {
    Token::written(lexed.spelling(text).into(), lexed.kind, lexed.spaced, compass_expand::Place { source, span: lexed.span })
}

/// Walks the file from its top to a place, with what it includes.
fn environment(mut files: IndexFiles, source: SourceNo, offset: u32, cpp: bool) -> Environment {
    let compiler = platform::predefined(files.options, if cpp { crate::CPP } else { crate::C });
    let given: Vec<Definition> = compiler.iter().chain(&files.options.defines).filter_map(|d| Definition::given(d)).collect();
    let mut preprocessor = Preprocessor::new(&mut files, &given, cpp);
    preprocessor.run_until(source, Stop { source, offset });
    let (table, seen, notes) = (std::mem::take(&mut preprocessor.table), std::mem::take(&mut preprocessor.seen), std::mem::take(&mut preprocessor.notes));
    drop(preprocessor);
    Environment { table, seen, notes, walked: files.texts.entries.len(), texts: files.texts, looked_up: Vec::new(), told: FxHashMap::default() }
}

impl Environment {
    /// Takes a definition, and those its text names, from the index where the walk met none.
    fn look_up(&mut self, index: &Index, file: FileId, offset: u32, name: &str) {
        // A source file whose includes were all found shows every macro there is.
        let header = index.file(file).is_some_and(|f| !f.path.ends_with(".c"));
        if !header && !self.notes.iter().any(|n| matches!(n, Note::IncludeNotFound { .. })) {
            return;
        }
        let linked = linked_macro(index, file, offset);
        let mut open: Vec<(String, Option<SymbolId>)> = vec![(name.to_owned(), linked)];
        let mut done: Vec<String> = Vec::new();
        while let Some((name, linked)) = open.pop() {
            if done.len() > MAX_LOOKED_UP || done.contains(&name) {
                continue;
            }
            done.push(name.clone());
            // What the walk met and left out is excluded by the configuration: nobody sees it.
            if !self.table.contains_key(name.as_str())
                && !self.seen.contains_key(name.as_str())
                && let Some(definition) = self.find_indexed(index, &name, linked, file)
            {
                self.looked_up.push(definition.name.clone());
                self.table.insert(definition.name.clone(), Arc::new(definition));
            }
            if let Some(definition) = self.table.get(name.as_str()) {
                names_in(&definition.body, &mut |n| open.push((n.to_owned(), None)));
            }
        }
    }

    fn find_indexed(&mut self, index: &Index, name: &str, linked: Option<SymbolId>, near: FileId) -> Option<Definition> {
        let mut symbols: Vec<SymbolId> = macros(index, name);
        symbols.sort_by_key(|s| (Some(*s) != linked, s.file != near, s.file.unit != near.unit, *s));
        // A file that was walked has said all it says.
        symbols.retain(|s| !self.texts.entries.iter().take(self.walked).any(|e| e.file == Some(s.file)));
        symbols.into_iter().find_map(|s| self.definition(index, s))
    }

    /// Reads the definition of an indexed macro, with the conditionals around it.
    fn definition(&mut self, index: &Index, symbol: SymbolId) -> Option<Definition> {
        let (facts, def) = index.definition(symbol).ok()??;
        let source = self.texts.indexed(index, symbol.file)?;
        let text = self.texts.entries[source.0 as usize].text.clone();
        let name = facts.facts.def(def).name_span;
        let line: Vec<Lexed> = CLexer::new_at(&text, false, name.start).take_while(|t| t.span.start == name.start || !t.first).collect();
        let mut definition = Definition::read(source, &text, &line)?;
        definition.conditions = conditions_around(&text, name.start);
        Some(definition)
    }

    fn expand(&self, written: Vec<Token>) -> (Record, Vec<Note>) {
        let mut expander = Expander::new(&self.table, &self.texts).only_first_call();
        expander.run(written);
        let mut record = std::mem::take(&mut expander.record);
        record.order_outermost_first();
        (record, std::mem::take(&mut expander.notes))
    }

    fn finish(mut self, index: &Index, record: Record, notes: Vec<Note>) -> Unfolding {
        let place = record.start.first().and_then(|t| record.token(*t).place);
        let steps: Vec<Step> = record.steps.iter().map(|s| self.step(index, &record, s)).collect();
        let mut said: Vec<String> = notes.iter().map(ToString::to_string).collect();
        for name in &self.looked_up {
            if let Some(step) = steps.iter().find(|s| s.by == **name)
                && let Some(at) = &step.defined
            {
                said.push(format!("{name} is not visible through the includes of this file; taken from {}:{}", at.path, at.line));
            }
        }
        let system: Vec<&str> =
            self.notes.iter().filter_map(|n| if let Note::IncludeNotFound { spelled, .. } = n { Some(spelled.as_str()) } else { None }).collect();
        if !system.is_empty() {
            let mut names = system;
            names.dedup();
            said.push(format!("not found: {}; macros defined there are not known", names.join(", ")));
        }
        said.extend(self.notes.iter().filter(|n| !matches!(n, Note::Condition { .. } | Note::IncludeNotFound { .. })).map(ToString::to_string));
        let location = place.map(|p| self.texts.location(p));
        let location = location.unwrap_or(Location { file: None, path: String::new(), line: 0, column: 0, span: Default::default() });
        Unfolding { place: location, steps, notes: said, depths: Vec::new(), content: Content::Tokens { record: Box::new(record), texts: self.texts } }
    }

    fn step(&mut self, index: &Index, record: &Record, step: &compass_expand::Step) -> Step {
        let defined = step.defined.map(|p| self.texts.location(p));
        let (conditions, competing) = match self.told.get(&step.by) {
            Some(known) => known.clone(),
            None => {
                let found = self.others(index, step, defined.as_ref());
                self.told.insert(step.by.clone(), found.clone());
                found
            }
        };
        let text = |ids: &[compass_expand::TokenId]| compass_unfold::lay_out(&ids.iter().map(|t| record.token(*t)).collect::<Vec<_>>()).0;
        let kind = if step.defined.is_none() && is_computed(&step.by) { StepKind::Computed } else { StepKind::Macro };
        Step {
            by: step.by.to_string(),
            kind,
            defined,
            conditions,
            competing,
            depth: record.depth(step),
            before: text(&step.consumed),
            after: text(&step.produced),
        }
    }

    /// The conditions a macro's definition stands under, and its other definitions.
    fn others(&mut self, index: &Index, step: &compass_expand::Step, defined: Option<&Location>) -> (Vec<String>, Vec<Competing>) {
        let conditions = self.table.get(&step.by).map(|d| d.conditions.iter().map(ToString::to_string).collect()).unwrap_or_default();
        let mut competing: Vec<Competing> = Vec::new();
        let mut add = |at: Location, conditions: Vec<String>| {
            let same = defined.is_some_and(|d| d.path == at.path && d.line == at.line);
            if !same && !competing.iter().any(|c| c.at.path == at.path && c.at.line == at.line) && competing.len() < MAX_COMPETING {
                competing.push(Competing { at, conditions });
            }
        };
        for other in self.seen.get(&step.by).into_iter().flatten() {
            if let Some(place) = other.place {
                add(self.texts.location(place), other.conditions.iter().map(ToString::to_string).collect());
            }
        }
        for symbol in macros(index, &step.by).into_iter().take(MAX_COMPETING) {
            if let Some(other) = self.definition(index, symbol)
                && let Some(place) = other.place
            {
                add(self.texts.location(place), other.conditions.iter().map(ToString::to_string).collect());
            }
        }
        (conditions, competing)
    }
}

/// Macros of C with that name.
fn macros(index: &Index, name: &str) -> Vec<SymbolId> {
    let all = index.named(name).unwrap_or_default();
    let is_c = |s: SymbolId| index.file(s.file).is_some_and(|f| f.language.is_kin_of(crate::C));
    all.into_iter().filter(|n| n.kind == Kind::Macro && is_c(n.symbol)).map(|n| n.symbol).collect()
}

/// What the index says the name at a place means.
fn linked_macro(index: &Index, file: FileId, offset: u32) -> Option<SymbolId> {
    let facts = index.facts(file).ok()?;
    let links = index.links(file).ok()?;
    links.find(facts.facts.find_use_at(offset)?)?.targets.first().copied()
}

fn names_in(items: &[crate::preprocessor::Item], found: &mut dyn FnMut(&str)) {
    use crate::preprocessor::ItemKind;
    for item in items {
        match &item.kind {
            ItemKind::Token { text, kind: TokenKind::Name } => found(text),
            ItemKind::Optional { items, .. } => names_in(items, found),
            _ => {}
        }
    }
}

/// Conditionals open at a byte, as written, branches named by what they follow.
fn conditions_around(text: &str, offset: u32) -> Vec<Arc<str>> {
    let mut open: Vec<Arc<str>> = Vec::new();
    let mut tokens = CLexer::new(text, false).take_while(|t| t.span.start < offset).peekable();
    while let Some(token) = tokens.next() {
        if !(token.first && matches!(token.span.of(text), "#" | "%:")) {
            continue;
        }
        let mut line = String::new();
        while let Some(next) = tokens.next_if(|t| !t.first) {
            if next.spaced && !line.is_empty() {
                line.push(' ');
            }
            line.push_str(&next.spelling(text));
        }
        match line.split([' ', '(', '!']).next().unwrap_or("") {
            "if" | "ifdef" | "ifndef" => {
                // What keeps a file from being read twice is nothing a reader must know.
                let guard = line.strip_prefix("ifndef ").is_some_and(|name| guards(text, token.span.end, name));
                open.push(if guard { "".into() } else { line.into() });
            }
            "elif" | "elifdef" | "elifndef" => {
                open.pop();
                open.push(line.into());
            }
            "else" => {
                let before = open.pop().unwrap_or_default();
                open.push(format!("else of {before}").into());
            }
            "endif" => {
                open.pop();
            }
            _ => {}
        }
    }
    open.retain(|c| !c.is_empty());
    open
}

/// Does `#define NAME` alone follow `#ifndef NAME`?
fn guards(text: &str, from: u32, name: &str) -> bool {
    let words: Vec<&str> = CLexer::new_at(text, false, from).take(6).map(|t| t.span.of(text)).collect();
    matches!(words[..], ["ifndef", a, "#", "define", b, ..] if a == name && b == name)
}
