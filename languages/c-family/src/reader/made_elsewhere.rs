//! What macros of other files make where they stand as declarations: `SYSCALL_DEFINE1(close, …) {…}` makes `sys_close` and its kin.
//!
//! # How it works
//! [What calls of a macro make](crate::shared_macros) is known as templates of names; the arguments of a call fill them. The place of what is
//! made is the argument that its name begins with. A body behind the call belongs to the function whose head the macro ends with.

use super::parser::{LOOK_AHEAD, Parser, is_capitals};
use super::tokens::{T, Tok};
use crate::shared_macros::{NameTemplates, Part, Template, WithArguments};
use compass_facts::*;
use rustc_hash::{FxHashMap, FxHashSet};

/// Of so many different definitions of a macro all count; of more only the nearest.
const MOST_DEFINITIONS: usize = 12;

/// A call of a macro in the place of a declaration.
#[derive(Debug, Clone, Copy)]
pub(super) struct Called {
    /// Position of the macro's name.
    at: usize,
    /// Where the declaration begins.
    begin: usize,
    scope: ScopeId,
}

/// An argument that may be a part of a name.
pub(super) type NamePart = Option<(String, Tok)>;

/// A call whose names are being made.
pub(super) struct Call<'c> {
    pub(super) arguments: &'c [NamePart],
    pub(super) macro_name: &'c str,
    /// What is shown as the call.
    pub(super) name: Tok,
    /// The call, with the body behind it.
    pub(super) whole: Span,
    pub(super) body: Option<Span>,
    pub(super) scope: ScopeId,
}

/// A body behind a call.
pub(super) struct Body {
    pub(super) owner: DefId,
    pub(super) span: Span,
    /// Words among the arguments that may be the names of parameters.
    pub(super) parameters: Vec<Tok>,
    pub(super) call: Span,
}

/// The function that owns a body, and the arguments that its name is made of.
type Owner = Option<(DefId, Vec<u16>)>;

/// Names that a scope has.
pub(super) type Taken = FxHashSet<(ScopeId, NameId)>;

impl Parser<'_, '_> {
    /// Keeps a call that may make names.
    pub(super) fn note_called(&mut self, at: usize, begin: usize) {
        let scope = self.s.place.scope;
        if matches!(self.s.scope_kind(scope), ScopeKind::File | ScopeKind::Module | ScopeKind::Type) {
            self.called.push(Called { at, begin, scope });
        }
    }

    /// Defines what calls make of macros that other files define; `own` are those that this file defines.
    pub(super) fn define_made_elsewhere(&mut self, own: &FxHashSet<u32>) {
        let called = std::mem::take(&mut self.called);
        // A macro may stand in for a function where a setting leaves that out.
        let mut taken: Taken = self.s.facts.definitions.iter().filter(|d| d.kind != Kind::Macro).map(|d| (d.scope, d.name)).collect();
        let mut bodies = Vec::new();
        let mut known = Vec::new();
        for Called { at, begin, scope } in called {
            // The file's own macros are expanded where they stand outside of types.
            let is_expanded = own.contains(&self.toks[at].id) && self.s.scope_kind(scope) != ScopeKind::Type;
            let Some(close) = self.close_of(at + 1).filter(|_| !is_expanded) else { continue };
            let body = (self.at(close + 1) == T::LBrace).then(|| self.span(close + 1, self.past(close + 1)));
            let whole = self.span(begin, close + 1);
            let whole = body.map_or(whole, |b| Span { end: b.end, ..whole });
            let arguments = self.arguments_of(at + 1, close);
            let macro_name = self.spelled(at).to_owned();
            let call = Call { arguments: &arguments, macro_name: &macro_name, name: self.toks[at], whole, body, scope };
            let Some(owner) = self.define_by(&call, &mut taken).or_else(|| self.define_behind_unknown(&call, &mut taken)) else { continue };
            known.push(self.start(at));
            if let (Some((owner, named)), Some(span)) = (owner, body) {
                let is_parameter = |(i, part): (usize, &NamePart)| part.as_ref().map(|p| p.1).filter(|t| t.k == T::Name && !named.contains(&(i as u16)));
                bodies.push(Body { owner, span, parameters: arguments.iter().enumerate().filter_map(is_parameter).collect(), call: whole });
            }
        }
        // What is known need not be guessed from the arguments.
        self.made.retain(|m| known.binary_search(&m.1.start).is_err());
        self.own_bodies(&bodies);
    }

    /// The arguments of a call, those that are one word alone.
    fn arguments_of(&self, open: usize, close: usize) -> Vec<NamePart> {
        let mut out = Vec::new();
        let mut i = open + 1;
        while i < close {
            let from = i;
            while i < close && self.at(i) != T::Comma {
                i = self.past(i).max(i + 1);
            }
            let words = self.toks.get(from..i.min(close)).unwrap_or(&[]);
            // A type may be of two words: the last one tells which.
            let is_marked = matches!(words, [mark, name] if mark.k == T::Name && name.k == T::Name && is_capitals(word_text(self.text, mark)));
            let is_tag = matches!(words, [tag, name] if matches!(tag.k, T::Struct | T::Union | T::Enum) && name.k == T::Name);
            out.push(match words {
                [word] => Some((self.spelled(from).to_owned(), *word)),
                // `EXPORTED turn`: what a macro in front says of a name is no part of it.
                [_, name] if is_marked => Some((self.spelled(from + 1).to_owned(), *name)),
                [_, name] if is_tag => Some((format!("{} {}", word_text(self.text, &words[0]), self.spelled(from + 1)), *name)),
                _ => None,
            });
            i += 1;
        }
        // Behind the last comma there is an argument, too.
        if close > open + 1 && self.at(close - 1) == T::Comma {
            out.push(None);
        }
        out
    }

    /// Defines what a call makes. Nothing where nobody knows; else the function that owns the body behind the call, if one does.
    pub(super) fn define_by(&mut self, call: &Call, taken: &mut Taken) -> Option<Owner> {
        let shape = self.among.shape(call.macro_name)?;
        let known = shape.value.as_ref().and_then(|v| v.downcast_ref::<NameTemplates>())?;
        let mut owner = None;
        let mut first = None;
        let fitting = self.fitting(known, call.arguments.len());
        for template in fitting.iter().flat_map(|d| &d.templates) {
            let Some(def) = self.define_filled(template, call, taken) else { continue };
            first = first.or(Some(def));
            if template.is_open && call.body.is_some() {
                let argument = |part: &Part| if let Part::Argument(n) = part { Some(*n) } else { None };
                owner = Some((def, template.name.iter().filter_map(argument).collect()));
            }
        }
        let mut mentioned: FxHashSet<NameId> = FxHashSet::default();
        for (name, is_call) in fitting.iter().flat_map(|d| &d.mentions) {
            let Some((spelled, Some(token))) = filled(name, call.arguments) else { continue };
            let name = self.s.intern(&spelled);
            if mentioned.insert(name) {
                let role = if *is_call { Role::Call } else { Role::Ref };
                let used = self.s.add_named_use(name, Span { start: token.start, end: token.end }, role, Shape::Plain, None);
                self.s.usage(used).scope = call.scope;
                self.s.usage(used).enclosing = first;
            }
        }
        Some(owner)
    }

    /// A macro of which nothing is known, with a body behind it, begins a function; the last of its words is taken to be the name:
    /// `TEST (Rack, turns) {…}`, `PHP_METHOD (Rack, turn) {…}`.
    fn define_behind_unknown(&mut self, call: &Call, taken: &mut Taken) -> Option<Owner> {
        let is_outside = matches!(self.s.scope_kind(call.scope), ScopeKind::File | ScopeKind::Module);
        let is_unknown = self.among.shape(call.macro_name).is_none() && is_capitals(call.macro_name);
        let at = call.arguments.len().checked_sub(1).filter(|_| is_outside && is_unknown && call.body.is_some())?;
        // Of more than two some are types and parameters.
        let is_name = |part: &NamePart| part.as_ref().is_some_and(|p| p.1.k == T::Name);
        let token = call.arguments[at].as_ref().filter(|_| at < 2 && call.arguments.iter().all(is_name))?.1;
        let name = self.s.name(token.id);
        // Two of one name belong to different types, which nothing here says.
        taken.insert((call.scope, name));
        let def = self.s.define_in(call.scope, name, Kind::Function, token, call.whole);
        self.s.def(def).body = call.body;
        let by = self.s.name(call.name.id);
        self.s.facts.made.push((def, by));
        Some(Some((def, (0..=at as u16).collect())))
    }

    /// Is an argument a word by itself that nothing in the function is called? Of most calls none is: they need not be asked about.
    fn gives_new_word(&self, open: usize, close: usize) -> bool {
        let is_alone = |i: usize| matches!(self.at(i - 1), T::LParen | T::Comma) && matches!(self.at(i + 1), T::Comma | T::RParen);
        let is_new = |i: usize| self.s.local(self.toks[i].id).is_none() && !is_capitals(self.spelled(i));
        (open + 1..close.min(open + LOOK_AHEAD)).any(|i| self.at(i) == T::Name && is_alone(i) && is_new(i))
    }

    /// Defines the variables that a call makes in a function: `LIST_HEAD(open);`, `each_of(list, one) {`.
    pub(super) fn define_made_locals(&mut self, at: usize) {
        let ends = |c: &usize| matches!(self.at(c + 1), T::Semi | T::LBrace);
        let Some(close) = self.close_of(at + 1).filter(|c| ends(c) && self.gives_new_word(at + 1, *c)) else { return };
        let Some(shape) = self.among.shape(self.spelled(at)) else { return };
        let Some(known) = shape.value.as_ref().and_then(|v| v.downcast_ref::<NameTemplates>()) else { return };
        let arguments = self.arguments_of(at + 1, close);
        let whole = self.span(at, close + 1);
        let by = self.s.name(self.toks[at].id);
        let is_local = |t: &&Template| t.kind == Kind::Variable && !t.flags.has(Flags::BODILESS);
        let mut taken: FxHashSet<u32> = FxHashSet::default();
        for template in self.fitting(known, arguments.len()).iter().flat_map(|d| &d.templates).filter(is_local) {
            let Some((spelled, Some(token))) = filled(&template.name, &arguments) else { continue };
            // A name that is not spelled in the file is used nowhere in it.
            let Some(id) = self.s.spellings.find(&spelled).filter(|id| taken.insert(*id)) else { continue };
            let name = self.s.name(id);
            let def = self.s.define(name, Kind::Variable, token, whole);
            self.s.def(def).ty = template.of.and_then(|n| self.type_given(arguments.get(n as usize)?.as_ref()?));
            self.s.def(def).visible_from = token.end;
            self.s.bind(id, def);
            self.s.facts.made.push((def, by));
        }
    }

    /// Defines one name that a call makes; nothing where it is taken or is no name.
    fn define_filled(&mut self, template: &Template, call: &Call, taken: &mut Taken) -> Option<DefId> {
        let (spelled, token) = filled(&template.name, call.arguments)?;
        // Parameters in brackets are more than a word.
        if template.list.is_some_and(|n| call.arguments.get(n as usize).is_none_or(Option::is_some)) {
            return None;
        }
        let name = self.s.intern(&spelled);
        if !taken.insert((call.scope, name)) {
            return None;
        }
        let kind = match (self.s.scope_kind(call.scope), template.kind) {
            (ScopeKind::Type, Kind::Function) => Kind::Method,
            (ScopeKind::Type, Kind::Variable) => Kind::Field,
            (_, kind) => kind,
        };
        let def = self.s.define_in(call.scope, name, kind, token.unwrap_or(call.name), call.whole);
        self.s.flag(def, template.flags.with_if(template.is_open && call.body.is_none(), Flags::BODILESS));
        self.s.def(def).ty = template.of.and_then(|n| self.type_given(call.arguments.get(n as usize)?.as_ref()?));
        if template.is_open {
            self.s.def(def).body = call.body;
        }
        if kind.is_callable() {
            // How many arguments it takes the macro knows.
            self.s.def(def).arity = u8::MAX;
        }
        let by = self.s.name(call.name.id);
        self.s.facts.made.push((def, by));
        Some(def)
    }

    /// What definitions of the macro with so many arguments make; of very many definitions the nearest count.
    fn fitting<'k>(&self, known: &'k NameTemplates, arguments: usize) -> Vec<&'k WithArguments> {
        let takes = |d: &&WithArguments| d.parameters == arguments || d.variadic && arguments + 1 >= d.parameters;
        let mut fitting: Vec<&WithArguments> = known.calls.iter().filter(takes).collect();
        if fitting.len() > MOST_DEFINITIONS {
            let here = self.among.path();
            let near = |d: &&WithArguments| std::cmp::Reverse(here.bytes().zip(d.path.bytes()).take_while(|(a, b)| a == b).count());
            fitting.sort_by_key(near);
            fitting.truncate(MOST_DEFINITIONS);
        }
        fitting
    }

    fn type_given(&mut self, (spelled, token): &(String, Tok)) -> Option<TypeId> {
        if token.k != T::Name {
            return None;
        }
        let name = self.s.name(token.id);
        let of = match spelled.split_once(' ') {
            Some(_) if !self.cpp => self.s.ty_tag(name),
            _ => self.s.ty_global_type(name),
        };
        Some(self.s.ty_instance(of))
    }

    /// What stands in a body behind a call belongs to the function that the call makes; names among the arguments are its parameters.
    pub(super) fn own_bodies(&mut self, bodies: &[Body]) {
        if bodies.is_empty() {
            return;
        }
        let of = |span: Span| bodies.get(bodies.partition_point(|b| b.span.end <= span.start)).filter(|b| b.span.start <= span.start && span.end <= b.span.end);
        let mut inner = vec![None; bodies.len()];
        for (i, scope) in self.s.facts.scopes.iter_mut().enumerate().filter(|(_, s)| s.owner.is_none() && s.kind == ScopeKind::Function) {
            let at = bodies.partition_point(|b| b.span.end <= scope.span.start);
            if let Some(body) = bodies.get(at).filter(|b| b.span.start >= scope.span.start && b.span.end == scope.span.end) {
                scope.owner = Some(body.owner);
                inner[at] = Some(ScopeId(i as u32));
            }
        }
        for d in self.s.facts.definitions.iter_mut().filter(|d| d.container.is_none() && d.flags.has(Flags::LOCAL)) {
            d.container = of(d.whole).map(|b| b.owner);
        }
        let used: FxHashSet<(DefId, NameId)> = self.s.facts.uses.iter().filter(|u| is_plain(u)).filter_map(|u| Some((of(u.span)?.owner, u.name))).collect();
        let mut parameters: FxHashMap<(DefId, NameId), DefId> = FxHashMap::default();
        for (body, scope) in bodies.iter().zip(inner).filter_map(|(b, s)| Some((b, s?))) {
            self.s.def(body.owner).inner = Some(scope);
            for token in &body.parameters {
                let name = self.s.name(token.id);
                if used.contains(&(body.owner, name)) {
                    let def = self.s.define_in(scope, name, Kind::Parameter, *token, body.call);
                    self.s.flag(def, Flags::LOCAL);
                    self.s.def(def).container = Some(body.owner);
                    self.s.def(def).whole = self.s.def(def).name_span;
                    parameters.insert((body.owner, name), def);
                }
            }
        }
        for u in self.s.facts.uses.iter_mut().filter(|u| u.enclosing.is_none()) {
            u.enclosing = of(u.span).map(|b| b.owner);
            if let Some(owner) = u.enclosing.filter(|_| is_plain(u)) {
                u.local = parameters.get(&(owner, u.name)).copied();
            }
        }
    }
}

/// May it be a use of a variable of the function?
fn is_plain(u: &Use) -> bool {
    u.local.is_none() && u.shape == Shape::Plain && u.role != Role::Type
}

fn word_text<'t>(text: &'t str, word: &Tok) -> &'t str {
    text.get(word.start as usize..word.end as usize).unwrap_or("")
}

/// A name by its template, and the word it begins with; nothing where a call gives more than a word.
fn filled(name: &[Part], arguments: &[NamePart]) -> Option<(String, Option<Tok>)> {
    let mut out = String::new();
    let mut place = None;
    for part in name {
        match part {
            Part::Text(text) => out.push_str(text),
            Part::Argument(n) => {
                let (spelled, token) = arguments.get(*n as usize)?.as_ref()?;
                out.push_str(spelled);
                place = place.or(Some(*token));
            }
        }
    }
    let is_name = out.chars().all(|c| c.is_alphanumeric() || c == '_' || c == '$') && !out.starts_with(|c: char| c.is_ascii_digit());
    (is_name && !out.is_empty()).then_some((out, place))
}
