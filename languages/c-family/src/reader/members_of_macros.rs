//! Members that macros stand for: `#define RACK_FIELDS int age; int salt;`, and `RACK_FIELDS` in the body of a structure.
//!
//! # How it works
//! A macro whose text is declarations of members alone is a set of members, with a scope of its own as a type has; where it stands among
//! the members of a type, or of another such macro, it is one of its bases. So each member has one place, the one where it is written,
//! and every type that takes the macro has it. Which macros are such sets the file itself says, or what is known of the macros of others:
//! any other name that stands alone there marks what follows it.

use super::parser::{Ctx, Parser};
use super::scan::{MacroLine, Scan};
use super::tokens::{T, Tok, mark};
use crate::shared_macros::NameTemplates;
use compass_facts::*;
use rustc_hash::FxHashSet;

/// Longer texts are something else.
const MOST_TOKENS: usize = 2_000;

/// The macros of a file that are sets of members, by spelling.
pub(super) fn sets_of_members(scan: &Scan) -> FxHashSet<u32> {
    let is_set = |line: &&MacroLine| line.parameters.is_none() && are_members(&scan.side[line.body.clone()]);
    scan.macros.iter().filter(is_set).map(|line| line.name.id).collect()
}

/// Is a macro a set of members? Its text begins with its name.
pub(crate) fn is_set_of_members(definition: &str) -> bool {
    let line = format!("#define {definition}");
    let mut scan = Scan::new(&line, false);
    scan.run(&|| false).is_some() && !sets_of_members(&scan).is_empty()
}

impl<'s> Parser<'s, '_> {
    /// `TURN_FUNCTION((*turn));` in a structure: a macro writes the type around the name of a pointer.
    pub(super) fn is_pointer_given_to_macro(&self) -> bool {
        const SHAPE: [T; 8] = [T::Name, T::LParen, T::LParen, T::Star, T::Name, T::RParen, T::RParen, T::Semi];
        SHAPE.iter().enumerate().all(|(i, k)| self.at(self.p + i) == *k)
    }

    pub(super) fn pointer_given_to_macro(&mut self) {
        let begin = self.p;
        let token = self.tok();
        self.s.add_use(token, Role::Call, Shape::Plain);
        self.p += 4;
        let token = self.tok();
        let name = self.s.name(token.id);
        let def = self.s.define(name, Kind::Field, token, self.span(begin, begin + 7));
        let doc = self.doc_before(begin);
        self.s.def(def).doc = doc;
        if self.s.place.local {
            self.s.bind(token.id, def);
        }
        self.p = begin + 8;
    }

    /// Reads the text of a macro as members, if it is that.
    pub(super) fn members_of_macro(&mut self, line: &MacroLine, body: &'s [Tok], def: DefId) -> bool {
        if line.parameters.is_some() || !are_members(body) {
            return false;
        }
        let whole = Span { start: body[0].start, end: line.whole.end };
        let from = self.s.facts.definitions.len();
        let saved = self.s.enter(ScopeKind::Type, whole, Some(def));
        self.on(body, |p| {
            let end = p.toks.len();
            p.declarations(Ctx::Class(None), end);
        });
        self.s.leave(saved);
        let inactive = Flags::default().with_if(line.name.is(mark::INACTIVE), Flags::INACTIVE);
        self.s.facts.definitions[from..].iter_mut().for_each(|d| d.flags = d.flags.with(inactive));
        true
    }

    /// Does a macro stand here that is a set of members?
    pub(super) fn stands_for_members(&self) -> bool {
        let stands_alone = match self.at(self.p + 1) {
            T::Semi | T::RBrace | T::Eof => true,
            T::LParen | T::Star | T::Amp | T::Colon | T::Path | T::Less => false,
            // The text of a macro is one line.
            _ => self.toks[self.p + 1].is(mark::LINE) || self.s.place.container.is_some_and(|d| self.s.facts.def(d).kind == Kind::Macro),
        };
        stands_alone && (self.sets.contains(&self.tok().id) || self.is_set_elsewhere())
    }

    fn is_set_elsewhere(&self) -> bool {
        let shape = self.among.shape(self.spelled(self.p));
        shape.and_then(|s| s.value.as_ref()?.downcast_ref::<NameTemplates>().map(|known| known.is_members)).unwrap_or(false)
    }

    /// Takes the members that the name here stands for.
    pub(super) fn take_members(&mut self) {
        let token = self.tok();
        self.p += 1;
        let name = self.s.name(token.id);
        self.s.add_named_use(name, Span { start: token.start, end: token.end }, Role::Ref, Shape::Plain, None);
        let ty = self.s.ty_global_type(name);
        if let Some(def) = self.s.place.container {
            self.s.facts.bases.push((def, ty));
        }
        self.take(T::Semi);
    }
}

/// Is a text declarations of members, and nothing else?
fn are_members(body: &[Tok]) -> bool {
    if body.len() > MOST_TOKENS || !body.iter().any(|t| t.k == T::Semi) {
        return false;
    }
    let mut depth = 0usize;
    let mut statement: Vec<Tok> = Vec::new();
    let mut declares = false;
    for token in body {
        match token.k {
            T::LParen | T::LBrace | T::LBracket => {
                if depth == 0 {
                    statement.push(*token);
                }
                depth += 1;
            }
            T::RParen | T::RBrace | T::RBracket => match depth.checked_sub(1) {
                Some(left) => depth = left,
                None => return false,
            },
            T::Semi if depth == 0 => {
                match declared(&statement) {
                    Some(is_declaration) => declares |= is_declaration,
                    None => return false,
                }
                statement.clear();
            }
            _ if depth == 0 => statement.push(*token),
            _ => {}
        }
    }
    depth == 0 && declared(&statement).map(|d| d || declares).unwrap_or(false)
}

/// Is a statement the declaration of a member? Nothing if it is neither that nor a macro by itself.
fn declared(statement: &[Tok]) -> Option<bool> {
    let is_of_type = |t: &Tok| {
        matches!(t.k, T::Builtin | T::Struct | T::Union | T::Enum | T::Qualifier | T::Name | T::Star | T::Attribute | T::LBracket | T::LParen | T::LBrace)
    };
    let may_follow = |t: &Tok| is_of_type(t) || matches!(t.k, T::Comma | T::Colon | T::Number);
    match statement {
        [] => Some(false),
        [one] => (one.k == T::Name).then_some(false),
        // A call: a statement, or a macro of which nothing is known here.
        [name, open] if name.k == T::Name && open.k == T::LParen => None,
        [first, ..] if !matches!(first.k, T::Builtin | T::Struct | T::Union | T::Enum | T::Qualifier | T::Name) => None,
        all if !all.iter().all(may_follow) => None,
        all => {
            let names = |pair: &[Tok]| matches!(pair[0].k, T::Builtin | T::Name | T::Star | T::LBrace) && matches!(pair[1].k, T::Name);
            let points = |pair: &[Tok]| matches!(pair[0].k, T::Builtin | T::Name | T::Star) && pair[1].k == T::LParen;
            (all.windows(2).any(names) || all.windows(2).any(points)).then_some(true)
        }
    }
}
