//! What macros of the file itself make where they stand as declarations: `BUFFER_FNS(Dirty, dirty)` makes `buffer_dirty`.
//!
//! # How it works
//! Calls at file level whose macro this file defines are expanded by the file's own definitions, and the declarations in the result
//! become definitions whose place is the argument that their names are made of, or the call.
//!
//! # Guarantees
//! At most [`MOST_TOKENS`] tokens a file are made; a call that comes later is a gap.

use super::made::{Made, declarations};
use super::made_elsewhere::{Body, Call, NamePart, Taken};
use super::parser::Parser;
use super::scan::MacroLine;
use super::tokens::{T, Tok};
use crate::lexer::CLexer;
use crate::preprocessor::{Definition, Expander, NoLines, Table};
use compass_expand::{Place, Record, SourceNo, Token, TokenId, TokenKind};
use compass_facts::*;
use rustc_hash::FxHashSet;
use std::sync::Arc;

/// Tokens that the calls of one file may become.
const MOST_TOKENS: usize = 100_000;

/// The only text.
const HERE: SourceNo = SourceNo(0);

/// A call of a macro at file level, and the body behind it.
struct AtTop {
    at: Tok,
    whole: Span,
    body: Option<Span>,
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
        // A macro may stand in for a function where a setting leaves that out.
        let at_top = |d: &&compass_facts::Definition| d.kind != Kind::Macro && (d.scope == ScopeId::FILE || self.s.scope_kind(d.scope) == ScopeKind::Module);
        let mut taken: Taken = self.s.facts.definitions.iter().filter(at_top).map(|d| (ScopeId::FILE, d.name)).collect();
        let mut left = MOST_TOKENS;
        let mut expanded: FxHashSet<u32> = FxHashSet::default();
        let mut announced: FxHashSet<NameId> = FxHashSet::default();
        let mut bodies: Vec<Body> = Vec::new();
        for AtTop { at, whole, body } in calls {
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
            let before = self.s.facts.made.len();
            for made in declarations(&record, &out, self.cpp) {
                let Some(owner) = self.define_one(&record, &made, (at, whole, body), (&mut taken, &mut announced)) else { continue };
                if let Some(span) = body.filter(|_| made.is_open) {
                    bodies.push(Body { owner, span, parameters: self.words_before_commas(whole), call: whole });
                }
            }
            self.define_by_inner_calls(&record, &out, (at, whole), &mut taken);
            if self.s.facts.made.len() > before {
                expanded.insert(whole.start);
            }
        }
        // What is known need not be guessed from the arguments.
        self.made.retain(|m| !expanded.contains(&m.1.start));
        self.own_bodies(&bodies);
    }

    /// Words before a comma or a closing bracket: where a whole declaration is given, its parameters are among them.
    fn words_before_commas(&self, whole: Span) -> Vec<Tok> {
        let from = self.toks.partition_point(|t| t.start < whole.start);
        let within = self.toks[from..].iter().take_while(|t| t.end <= whole.end);
        let pairs = within.clone().zip(within.skip(1));
        pairs.filter(|(word, next)| word.k == T::Name && matches!(next.k, T::Comma | T::RParen)).map(|(word, _)| *word).collect()
    }

    /// Calls of these macros outside all blocks but those of `extern "C"`: what is made in a namespace would have to be its member.
    fn calls_at_top(&self, own: &FxHashSet<u32>) -> Vec<AtTop> {
        let mut found = Vec::new();
        let mut i = 0;
        while i < self.toks.len() {
            let opens = self.at(i) == T::LBrace && i > 0 && self.at(i - 1) == T::Text;
            if let (T::Name, T::LParen, Some(close)) = (self.at(i), self.at(i + 1), self.close_of(i + 1))
                && own.contains(&self.toks[i].id)
            {
                let body = (self.at(close + 1) == T::LBrace).then(|| self.span(close + 1, self.past(close + 1)));
                found.push(AtTop { at: self.toks[i], whole: self.span(i, close + 1), body });
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

    /// What is left in an expansion may be calls of macros that other files define.
    fn define_by_inner_calls(&mut self, record: &Record, out: &[TokenId], (at, whole): (Tok, Span), taken: &mut Taken) {
        let spelled = |i: usize| out.get(i).map_or("", |t| &*record.token(*t).text);
        let mut depth = 0usize;
        let mut i = 0;
        while i < out.len() {
            match spelled(i) {
                "(" | "[" | "{" => depth += 1,
                ")" | "]" | "}" => depth = depth.saturating_sub(1),
                name if depth == 0 && spelled(i + 1) == "(" && record.token(out[i]).kind == TokenKind::Name => {
                    let end = super::made::past(record, out, i + 1);
                    let arguments: Vec<NamePart> = self.arguments_in(record, &out[i + 2..end.saturating_sub(1).max(i + 2)], at);
                    let call = Call { arguments: &arguments, macro_name: name, name: at, whole, body: None, scope: ScopeId::FILE };
                    self.define_by(&call, taken);
                    i = end;
                    continue;
                }
                _ => {}
            }
            i += 1;
        }
    }

    /// Arguments that are one word each.
    fn arguments_in(&self, record: &Record, inner: &[TokenId], at: Tok) -> Vec<NamePart> {
        let mut out = Vec::new();
        let mut rest = inner;
        while !rest.is_empty() {
            let mut end = 0;
            while end < rest.len() && !record.token(rest[end]).is(",") {
                end = if ["(", "[", "{"].iter().any(|b| record.token(rest[end]).is(b)) { super::made::past(record, rest, end) } else { end + 1 };
            }
            let (argument, further) = rest.split_at(end.min(rest.len()));
            out.push(match argument {
                [word] => Some((record.token(*word).text.to_string(), self.source_of(record, *word).unwrap_or(at))),
                _ => None,
            });
            rest = further.get(1..).unwrap_or(&[]);
        }
        out
    }

    /// Defines one name that a call makes, unless it is there; a body stands beside what only announces it.
    fn define_one(
        &mut self,
        record: &Record,
        made: &Made,
        (call, whole, body): (Tok, Span, Option<Span>),
        (taken, announced): (&mut Taken, &mut FxHashSet<NameId>),
    ) -> Option<DefId> {
        let spelled = record.token(made.name).text.clone();
        let name = self.s.intern(&spelled);
        let body = body.filter(|_| made.is_open);
        let is_new = taken.insert((ScopeId::FILE, name)) || body.is_some() && announced.remove(&name);
        if !is_new {
            return None;
        }
        let is_announced = made.is_open && body.is_none();
        if is_announced {
            announced.insert(name);
        }
        let token = self.source_of(record, made.name).unwrap_or(call);
        let def = self.s.define_in(ScopeId::FILE, name, made.kind, token, whole);
        self.s.flag(def, made.flags.with_if(is_announced, Flags::BODILESS));
        self.s.def(def).body = body;
        let by = self.s.name(call.id);
        self.s.facts.made.push((def, by));
        Some(def)
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
