//! What macros of the file itself make where they stand as declarations: `BUFFER_FNS(Dirty, dirty)` makes `buffer_dirty`.
//!
//! # How it works
//! Calls at file level whose macro this file defines are expanded by the file's own definitions, and the declarations in the result
//! become definitions whose place is the argument that their names are made of, or the call. Macros of other files stay unexpanded:
//! a reader sees one file.
//!
//! # Guarantees
//! At most [`MOST_TOKENS`] tokens a file are made; a call that comes later is a gap.

use super::parser::{Parser, is_capitals};
use super::scan::MacroLine;
use super::tokens::{T, Tok, is_keyword};
use crate::lexer::CLexer;
use crate::preprocessor::{Definition, Expander, Lines, Table};
use compass_expand::{Place, Record, SourceNo, Token, TokenId, TokenKind};
use compass_facts::*;
use rustc_hash::FxHashSet;
use std::sync::Arc;

/// Tokens that the calls of one file may become.
const MOST_TOKENS: usize = 100_000;

/// The only text.
const HERE: SourceNo = SourceNo(0);

/// Places that nobody shows: what `__LINE__` becomes is of no account here.
struct NoLines;

impl Lines for NoLines {
    fn line(&self, _: Place) -> u32 {
        0
    }

    fn path(&self, _: Place) -> String {
        String::new()
    }
}

/// A declaration in an expansion.
struct Made {
    name: TokenId,
    kind: Kind,
    flags: Flags,
}

impl Parser<'_, '_> {
    /// Defines what calls at file level make of macros that the file defines.
    pub(super) fn define_expanded(&mut self, macros: &[MacroLine]) {
        let own: FxHashSet<u32> = macros.iter().filter(|m| m.parameters.is_some()).map(|m| m.name.id).collect();
        let calls = if own.is_empty() { Vec::new() } else { self.calls_at_top(&own) };
        if calls.is_empty() {
            return;
        }
        let mut table = Table::default();
        let mut macros = macros.iter().peekable();
        let at_top = |d: &&compass_facts::Definition| d.scope == ScopeId::FILE || self.s.scope_kind(d.scope) == ScopeKind::Module;
        let mut taken: FxHashSet<NameId> = self.s.facts.definitions.iter().filter(at_top).map(|d| d.name).collect();
        let mut left = MOST_TOKENS;
        for (at, whole) in calls {
            if left == 0 {
                self.s.gap(GapCause::TooDeep, whole);
                continue;
            }
            // A name may be defined again and again, with a list of calls behind each: the last definition before the call counts.
            while let Some(line) = macros.next_if(|m| m.name.start < at.start) {
                self.define_macro(line, &mut table);
            }
            let mut expander = Expander::new(&table, &NoLines);
            let out = expander.run(self.written(whole));
            left = left.saturating_sub(expander.record.tokens.len());
            let record = expander.record;
            for made in declarations(&record, &out, self.cpp) {
                self.define_one(&record, &made, (at, whole), &mut taken);
            }
        }
    }

    /// Calls of these macros outside all blocks but those of `extern "C"`: what is made in a namespace would have to be its member.
    fn calls_at_top(&self, own: &FxHashSet<u32>) -> Vec<(Tok, Span)> {
        let mut found = Vec::new();
        let mut i = 0;
        while i < self.toks.len() {
            let opens = self.at(i) == T::LBrace && i > 0 && self.at(i - 1) == T::Text;
            if let (T::Name, T::LParen, Some(close)) = (self.at(i), self.at(i + 1), self.close_of(i + 1))
                && own.contains(&self.toks[i].id)
            {
                found.push((self.toks[i], self.span(i, close + 1)));
            }
            i = if opens { i + 1 } else { self.past(i).max(i + 1) };
        }
        found
    }

    fn define_macro(&self, line: &MacroLine, table: &mut Table) {
        let written = &self.text[line.name.start as usize..line.whole.end as usize];
        let tokens: Vec<_> = CLexer::new(written, self.cpp).collect();
        if let Some(definition) = Definition::read(SourceNo(u32::MAX), written, &tokens) {
            table.insert(definition.name.clone(), Arc::new(definition));
        }
    }

    fn written(&self, whole: Span) -> Vec<Token> {
        let text = &self.text[..whole.end as usize];
        CLexer::new_at(text, self.cpp, whole.start)
            .map(|t| Token::written(t.spelling(text).into(), t.kind, t.spaced, Place { source: HERE, span: t.span }))
            .collect()
    }

    fn define_one(&mut self, record: &Record, made: &Made, (call, whole): (Tok, Span), taken: &mut FxHashSet<NameId>) {
        let spelled = record.token(made.name).text.clone();
        let name = self.s.intern(&spelled);
        if !taken.insert(name) {
            return;
        }
        let token = self.source_of(record, made.name).unwrap_or(call);
        let def = self.s.define_in(ScopeId::FILE, name, made.kind, token, whole);
        self.s.flag(def, made.flags);
    }

    /// The argument that a name is made of.
    fn source_of(&self, record: &Record, id: TokenId) -> Option<Tok> {
        let mut open = vec![id];
        for _ in 0..64 {
            let token = record.token(open.pop()?);
            open.extend(token.parent.into_iter().chain(token.second));
            let Some(place) = token.place.filter(|p| p.source == HERE) else { continue };
            if let Ok(i) = self.toks.binary_search_by_key(&place.span.start, |t| t.start)
                && self.toks[i].k == T::Name
            {
                return Some(self.toks[i]);
            }
        }
        None
    }
}

/// The declarations at the top of an expansion.
fn declarations(record: &Record, out: &[TokenId], cpp: bool) -> Vec<Made> {
    let mut found = Vec::new();
    let mut rest = out;
    while !rest.is_empty() {
        let end = statement_end(record, rest);
        let (statement, further) = rest.split_at(end);
        declared(record, statement, cpp, &mut found);
        rest = further;
    }
    found
}

/// Tokens up to a `;` or the end of a function's body.
fn statement_end(record: &Record, out: &[TokenId]) -> usize {
    let mut depth = 0usize;
    for (i, id) in out.iter().enumerate() {
        match &*record.token(*id).text {
            "(" | "[" | "{" => depth += 1,
            ")" | "]" => depth = depth.saturating_sub(1),
            "}" => {
                depth = depth.saturating_sub(1);
                let of_function = out[..i].iter().any(|t| record.token(*t).is("(")) && !out[..i].iter().any(|t| record.token(*t).is("="));
                if depth == 0 && of_function {
                    return i + 1;
                }
            }
            ";" if depth == 0 => return i + 1,
            _ => {}
        }
    }
    out.len()
}

/// What one statement declares: a function, a variable, or a type with its body.
fn declared(record: &Record, statement: &[TokenId], cpp: bool, found: &mut Vec<Made>) {
    let word = |i: usize| statement.get(i).map_or("", |t| &*record.token(*t).text);
    let is_name = |i: usize| statement.get(i).is_some_and(|t| record.token(*t).kind == TokenKind::Name && !is_keyword(word(i), cpp) && !is_capitals(word(i)));
    if word(0) == "typedef" {
        return;
    }
    let private = Flags::default().with_if((0..statement.len()).take_while(|i| word(*i) != "(").any(|i| word(i) == "static"), Flags::PRIVATE);
    let external = word(0) == "extern";
    // `static name (…);` without a type is a macro of another file.
    let typed = |name: usize| (0..name).any(|i| !matches!(word(i), "static" | "extern" | "inline" | "const" | "*"));
    let mut i = 0;
    let mut last = None;
    while i < statement.len() {
        match word(i) {
            "struct" | "union" | "enum" if is_name(i + 1) && word(i + 2) == "{" => {
                let kind = match word(i) {
                    "struct" => Kind::Struct,
                    "union" => Kind::Union,
                    _ => Kind::Enum,
                };
                found.push(Made { name: statement[i + 1], kind, flags: Flags::default() });
                i = past(record, statement, i + 2);
                continue;
            }
            "struct" | "union" | "enum" => i += 1,
            "(" => {
                let after = past(record, statement, i);
                let named = last.filter(|n| typed(*n) && *n + 1 == i);
                // Attributes that macros hide stand behind the parameters, too.
                let ends = |name: usize| matches!(word(after), "{" | ";" | "__attribute__") || word(after).starts_with("__") && !word(name).starts_with("__");
                if let Some(name) = named.filter(|n| ends(*n)) {
                    let flags = private.with_if(word(statement.len() - 1) == ";", Flags::BODILESS);
                    found.push(Made { name: statement[name], kind: Kind::Function, flags });
                    return;
                }
                i = after;
                continue;
            }
            "=" | ";" => break,
            "[" | "{" => {
                i = past(record, statement, i);
                continue;
            }
            _ if is_name(i) => last = Some(i),
            _ => {}
        }
        i += 1;
    }
    // A type stands before the name of a variable.
    if let Some(name) = last.filter(|n| typed(*n) && matches!(word(i), "=" | ";") && matches!(word(n + 1), "=" | ";" | "[")) {
        let flags = private.with_if(external, Flags::BODILESS);
        found.push(Made { name: statement[name], kind: Kind::Variable, flags });
    }
}

/// Behind the bracket that closes the one at `open`.
fn past(record: &Record, statement: &[TokenId], open: usize) -> usize {
    let mut depth = 0usize;
    for (i, id) in statement.iter().enumerate().skip(open) {
        match &*record.token(*id).text {
            "(" | "[" | "{" => depth += 1,
            ")" | "]" | "}" => {
                depth = depth.saturating_sub(1);
                if depth == 0 {
                    return i + 1;
                }
            }
            _ => {}
        }
    }
    statement.len()
}
