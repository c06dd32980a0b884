//! What macros of a file put in the place of declared names: heads of functions, other names for variables; and names that stand for statements.

use super::parser::Parser;
use super::scan::{MacroLine, Scan};
use super::tokens::{T, Tok, mark};
use compass_facts::*;
use rustc_hash::{FxHashMap, FxHashSet};

/// Longer texts are something else.
const MOST_TOKENS: usize = 200;

/// Macros that stand for the head of a function, by spelling: `#define SCAN int scan (rack_t *of)`. A later one replaces an earlier one.
pub(super) fn heads_of_functions<'s>(scan: &'s Scan) -> FxHashMap<u32, &'s [Tok]> {
    let lines = scan.macros.iter().filter(|line| line.parameters.is_none() && !line.name.is(mark::INACTIVE));
    lines.map(|line| (line.name.id, &scan.side[line.body.clone()])).filter(|(_, body)| parameters_of(body).is_some()).collect()
}

/// Names that the file replaces by others from a place on, whatever it is set to: `#define errors rack_errors`.
pub(super) fn renamed(scan: &Scan) -> FxHashMap<u32, u32> {
    let is_name = |line: &&MacroLine| line.parameters.is_none() && matches!(&scan.side[line.body.clone()], [to] if to.k == T::Name && to.id != line.name.id);
    let conditional = stretches(scan);
    let is_sure = |line: &&MacroLine| {
        let before = conditional.partition_point(|span| span.start <= line.name.start);
        before == 0 || conditional[before - 1].end <= line.name.start
    };
    let undone: FxHashSet<u32> = scan.undone.iter().copied().collect();
    let lines = scan.macros.iter().filter(is_name).filter(is_sure).filter(|line| !undone.contains(&line.name.id));
    lines.map(|line| (line.name.id, line.name.start)).collect()
}

/// The stretches that stand under any condition, in order, none beside or in another.
fn stretches(scan: &Scan) -> Vec<Span> {
    let mut all: Vec<Span> = scan.regions.iter().map(|r| r.span).collect();
    all.sort_unstable();
    let mut out: Vec<Span> = Vec::new();
    for span in all {
        match out.last_mut() {
            Some(last) if span.start <= last.end => last.end = last.end.max(span.end),
            _ => out.push(span),
        }
    }
    out
}

/// Names of the file that stand for statements, or parts of them, and for no type: `#define BEGIN state->at =`.
pub(super) fn statements(scan: &Scan) -> FxHashSet<u32> {
    let is_of_statement = |t: &Tok| {
        matches!(
            t.k,
            T::Semi | T::Assign | T::Arrow | T::Change | T::Step | T::If | T::Do | T::For | T::While | T::Switch | T::Return | T::Jump | T::Goto | T::Case
        )
    };
    let lines = scan.macros.iter().filter(|line| line.parameters.is_none() && !line.name.is(mark::INACTIVE));
    lines.filter(|line| scan.side[line.body.clone()].iter().any(is_of_statement)).map(|line| line.name.id).collect()
}

/// Where the parameters begin, if a text is the head of a function.
fn parameters_of(body: &[Tok]) -> Option<usize> {
    let fits = (4..=MOST_TOKENS).contains(&body.len()) && body.iter().all(|t| !matches!(t.k, T::Semi | T::LBrace | T::Assign | T::Hash));
    let open = body.iter().position(|t| t.k == T::LParen).filter(|open| *open >= 2)?;
    let mut depth = 0_usize;
    let close = body[open..].iter().position(|t| {
        depth = match t.k {
            T::LParen => depth + 1,
            T::RParen => depth.saturating_sub(1),
            _ => depth,
        };
        depth == 0
    })?;
    let is_result = matches!(body[open - 2].k, T::Name | T::Builtin | T::Star | T::Qualifier);
    (fits && open + close + 1 == body.len() && body[open - 1].k == T::Name && is_result).then_some(open)
}

impl Parser<'_, '_> {
    /// Does a macro stand here for the head of the function whose body follows?
    pub(super) fn stands_for_head(&self) -> bool {
        self.at(self.p + 1) == T::LBrace && self.heads.contains_key(&self.tok().id)
    }

    /// The function: named where the macro stands, its parameters where the macro is defined.
    pub(super) fn function_behind_macro(&mut self) {
        let (begin, token) = (self.p, self.tok());
        let head = self.heads[&token.id];
        self.s.add_use(token, Role::Ref, Shape::Plain);
        let Some(open) = parameters_of(head) else { return self.p += 1 };
        let name = self.s.name(head[open - 1].id);
        let whole = self.span(begin, self.past(begin + 1));
        let def = self.s.define(name, Kind::Function, token, whole);
        let by = self.s.name(token.id);
        self.s.facts.made.push((def, by));
        self.functions.insert(head[open - 1].id);
        let mark = self.s.mark();
        let saved = self.s.enter(ScopeKind::Function, whole, Some(def));
        // The names in the text of the macro are read with the macro.
        let (uses, arguments) = (self.s.facts.uses.len(), self.s.facts.arguments.len());
        let (arity, required, _) = self.on(head, |p| p.parameters(open));
        self.s.facts.uses.truncate(uses);
        self.s.facts.arguments.truncate(arguments);
        self.p = begin + 1;
        let body = self.span(self.p, self.past(self.p));
        self.function_body();
        self.s.leave(saved);
        self.s.unbind(mark);
        let doc = self.doc_before(begin);
        let d = self.s.def(def);
        (d.arity, d.required, d.body, d.doc) = (arity, required, Some(body), doc);
        d.flags = d.flags.with_if(head.iter().any(|t| t.k == T::Static), Flags::PRIVATE);
    }
}
