//! Structs, unions, classes and enumerations.

use super::parser::{Ctx, Parser, is_capitals};
use super::tokens::{T, Tok};
use compass_facts::*;

/// Is it written as macros are, and types hardly ever?
fn is_macro_like(word: &str) -> bool {
    is_capitals(word) && word.contains('_')
}

impl Parser<'_, '_> {
    /// `struct name {…}`, with or without name or body. Gives the type, and the definition if a body makes one.
    pub(super) fn tagged(&mut self, ctx: Ctx, in_typedef: bool, begin: usize) -> (TypeId, Option<DefId>) {
        let word = self.tok();
        let kind = match word.k {
            T::Struct => Kind::Struct,
            T::Union => Kind::Union,
            T::Enum => Kind::Enum,
            _ => Kind::Class,
        };
        self.p += 1;
        let scoped = kind == Kind::Enum && matches!(self.k(), T::Class | T::Struct);
        self.p += usize::from(scoped);
        self.tag_attributes(in_typedef);
        let mut of = None;
        let first_use = self.p;
        let name = self.tag_name(&mut of);
        let special = name.is_some() && self.p > first_use && matches!(self.at(self.p - 1), T::Greater | T::Shr);
        loop {
            let is_last = self.k() == T::Name && matches!(self.at(self.p + 1), T::LBrace | T::Colon);
            match self.k() {
                T::Attribute => self.attribute(),
                _ if is_last && self.spelled(self.p) == "final" => self.p += 1,
                // `class Name FINAL_MACRO : Base`.
                _ if is_last && self.cpp && name.is_some() && is_capitals(self.spelled(self.p)) => self.modifier(),
                _ => break,
            }
        }
        let has_bases = self.cpp && self.k() == T::Colon && kind != Kind::Enum && self.brace_follows();
        let underlying = kind == Kind::Enum && self.k() == T::Colon && self.brace_follows();
        if !(self.k() == T::LBrace && self.close_of(self.p).is_some() || has_bases || underlying) {
            return (self.tag_use(name, kind, of, ctx, in_typedef, begin), None);
        }
        let def = self.define_tagged(name, kind, word, begin, ctx);
        if special {
            self.s.flag(def, Flags::SPECIAL);
        }
        // Without members it announces a type whose members stand elsewhere: `struct rack {};`.
        if !self.cpp && kind != Kind::Enum && self.at(self.p + 1) == T::RBrace {
            self.s.flag(def, Flags::BODILESS);
        }
        let ty = self.s.ty_def(def);
        if underlying {
            self.p += 1;
            self.specifiers(Ctx::Local);
        }
        let saved = self.s.place;
        if let Some(of) = of {
            let span = self.span(begin, self.p);
            let scope = self.s.enter_extension(of, span);
            let inner = self.s.place.scope;
            self.s.leave(scope);
            self.s.def(def).scope = inner;
        }
        if self.k() == T::Colon {
            self.p += 1;
            self.bases(def);
        }
        let span = self.span(self.p, self.past(self.p));
        self.s.def(def).body = Some(span);
        let end = self.past(self.p);
        if kind == Kind::Enum {
            self.enumerators(def, span, scoped);
        } else {
            let mark = self.s.mark();
            self.members(def, span, name.map(|t| t.id));
            self.s.unbind(mark);
        }
        self.s.leave(saved);
        self.p = end.max(self.p);
        let end = self.end_before(self.p);
        self.s.def(def).whole.end = end;
        if name.is_some() && !in_typedef {
            self.attributes_behind();
        }
        (ty, Some(def))
    }

    /// `struct name {…} __packed;`: a macro, not a variable of that name.
    fn attributes_behind(&mut self) {
        while self.k() == T::Name && self.spelled(self.p).starts_with("__") {
            let behind = |at: usize| matches!(self.at(at), T::Semi | T::Attribute) || self.at(at) == T::Name && self.spelled(at).starts_with("__");
            if behind(self.p + 1) {
                self.modifier();
            } else if self.at(self.p + 1) == T::LParen && behind(self.past(self.p + 1)) {
                self.macro_call();
            } else {
                return;
            }
        }
    }

    /// Attributes and macros between the word and the name.
    fn tag_attributes(&mut self, in_typedef: bool) {
        loop {
            match self.k() {
                T::Attribute => self.attribute(),
                T::LBracket if self.at(self.p + 1) == T::LBracket => self.p = self.past(self.p),
                T::Name if self.at(self.p + 1) == T::Name => {
                    // `class API Name {`, `class API Name;`; but `struct name variable;`.
                    let after = self.past_path(self.p + 1).unwrap_or(self.p + 2);
                    let is_last = self.cpp && self.at(after) == T::Name && self.spelled(after) == "final";
                    let opens = matches!(self.at(after), T::LBrace) || self.cpp && matches!(self.at(after), T::Colon) || is_last;
                    let is_final = self.spelled(self.p + 1) == "final" && self.cpp;
                    // `typedef struct _RACK RACK;` names a type; it announces none.
                    let forward = self.cpp && !in_typedef && self.at(after) == T::Semi && is_capitals(self.spelled(self.p));
                    let (first, second) = (self.spelled(self.p), self.spelled(self.p + 1));
                    // Macros are told by their capitals and underlines; of two such the first is one.
                    let is_behind = self.cpp && after == self.p + 2 && is_macro_like(second) && !is_macro_like(first);
                    if is_final || is_behind || !(opens || forward) {
                        return;
                    }
                    self.modifier();
                }
                T::Name if self.at(self.p + 1) == T::LParen && self.looks_macro(self.p) => {
                    let after = self.past(self.p + 1);
                    if !matches!(self.at(after), T::Name | T::LBrace) {
                        return;
                    }
                    self.macro_call();
                }
                T::Name if self.at(self.p + 1) == T::Attribute && self.cpp && is_capitals(self.spelled(self.p)) => return,
                _ => return,
            }
        }
    }

    /// The name, its qualifier kept in `of`; arguments of a specialisation are uses.
    fn tag_name(&mut self, of: &mut Option<TypeId>) -> Option<Tok> {
        self.take(T::Path);
        let mut name = None;
        for _ in 0..32 {
            if self.k() != T::Name {
                break;
            }
            let token = self.tok();
            let after = self.past_angles(self.p + 1).unwrap_or(self.p + 1);
            self.p += 1;
            let is_qualifier = self.cpp && self.at(after) == T::Path && self.at(after + 1) == T::Name;
            if !is_qualifier {
                name = Some(token);
                if after > self.p {
                    let unknown = self.s.unknown();
                    self.template_arguments(unknown);
                    self.p = after;
                }
                break;
            }
            let id = self.s.name(token.id);
            *of = Some(match *of {
                Some(outer) => {
                    self.s.add_use(token, Role::Type, Shape::Member(outer));
                    self.s.ty_member(outer, id)
                }
                None => {
                    self.s.add_use(token, Role::Type, Shape::Plain);
                    self.s.ty_type_name(id)
                }
            });
            if after > self.p {
                let unknown = self.s.unknown();
                self.template_arguments(unknown);
            }
            self.p = after + 1;
        }
        name
    }

    /// Does a body follow the `:` here?
    fn brace_follows(&self) -> bool {
        let mut at = self.p + 1;
        for _ in 0..400 {
            match self.at(at) {
                T::LBrace => return true,
                T::Semi | T::RBrace | T::RParen | T::Eof | T::Assign => return false,
                T::Less => at = self.past_angles(at).unwrap_or(at + 1).max(at + 1),
                _ => at = self.past(at),
            }
        }
        false
    }

    fn tag_use(&mut self, name: Option<Tok>, kind: Kind, of: Option<TypeId>, ctx: Ctx, in_typedef: bool, begin: usize) -> TypeId {
        let Some(token) = name else { return self.s.unknown() };
        let id = self.s.name(token.id);
        let forward = self.k() == T::Semi && self.cpp && !in_typedef && ctx != Ctx::Local && of.is_none() && self.is_first_word(begin);
        if forward {
            let whole = self.span(begin, self.p + 1);
            let def = self.s.define(id, kind, token, whole);
            self.own_class_parameters(def);
            self.s.flag(def, Flags::BODILESS);
            return self.s.ty_def(def);
        }
        if let Some(of) = of {
            self.s.add_use(token, Role::Type, Shape::Member(of));
            return self.s.ty_member(of, id);
        }
        if self.cpp {
            self.s.add_use(token, Role::Type, Shape::Plain);
            if let Some(def) = self.s.local(token.id).filter(|d| self.is_type_def(*d)) {
                return self.s.ty_def(def);
            }
            return self.s.ty_type_name(id);
        }
        let used = self.s.add_use(token, Role::Type, Shape::Tag);
        self.s.usage(used).scope = ScopeId::FILE;
        self.s.ty_tag(id)
    }

    /// Is the tag all of the declaration: no `extern`, no friend?
    fn is_first_word(&self, begin: usize) -> bool {
        matches!(self.at(begin), T::Struct | T::Class | T::Union | T::Enum | T::Template | T::Name)
    }

    fn define_tagged(&mut self, name: Option<Tok>, kind: Kind, word: Tok, begin: usize, ctx: Ctx) -> DefId {
        let start = self.start(begin);
        let (id, token) = match name {
            Some(token) => (self.s.name(token.id), token),
            None => (self.s.intern(""), Tok { start: word.start, end: word.start, ..word }),
        };
        let whole = Span { start, end: token.end.max(start) };
        // In C a type belongs to the file, wherever it stands; only in functions to the function.
        let inside_type = matches!(ctx, Ctx::Class(_)) && !self.cpp && !self.s.place.local;
        let def = if inside_type { self.s.define_in(ScopeId::FILE, id, kind, token, whole) } else { self.s.define(id, kind, token, whole) };
        let doc = self.doc_before(begin);
        self.s.def(def).doc = doc;
        if name.is_none() && inside_type {
            // Nobody can name it, but what it holds is told by the type around.
            let around = self.s.place.container;
            self.s.def(def).container = around;
        }
        if let Some(token) = name
            && self.cpp
        {
            self.types[token.id as usize] = true;
            if ctx == Ctx::Local {
                self.s.bind(token.id, def);
            }
        }
        def
    }

    /// `: public A, virtual B<T>`.
    fn bases(&mut self, def: DefId) {
        while !self.is_done() && self.k() != T::LBrace {
            match self.k() {
                T::Access | T::Virtual | T::Comma | T::Ellipsis => self.p += 1,
                T::Name | T::Path | T::Typename => {
                    let ty = self.type_path();
                    self.s.facts.bases.push((def, ty));
                }
                T::LBracket => self.p = self.past(self.p),
                _ => self.p += 1,
            }
        }
    }

    fn members(&mut self, def: DefId, span: Span, own: Option<u32>) {
        let unnamed = own.is_none();
        // The members of an unnamed struct without a variable belong to the type around.
        let after = self.past(self.p);
        let mut behind = after;
        while self.at(behind) == T::Attribute {
            behind = self.past(behind + 1);
        }
        let dissolves = unnamed && self.at(behind) == T::Semi && self.s.scope_kind(self.s.place.scope) == ScopeKind::Type;
        if dissolves {
            self.within(|this, close| this.declarations(Ctx::Class(None), close));
        } else {
            let saved = self.s.enter(ScopeKind::Type, span, Some(def));
            let scope = self.s.place.scope;
            self.own_parameters(scope);
            self.within(|this, close| this.declarations(Ctx::Class(own), close));
            self.s.leave(saved);
        }
    }

    fn own_class_parameters(&mut self, def: DefId) {
        let span = self.s.facts.def(def).whole;
        if self.parameters.is_empty() {
            return;
        }
        let saved = self.s.enter(ScopeKind::Type, span, Some(def));
        let scope = self.s.place.scope;
        self.own_parameters(scope);
        self.s.leave(saved);
    }

    /// Enumerators stand in the scope around, those of `enum class` in their own.
    fn enumerators(&mut self, def: DefId, span: Span, scoped: bool) {
        let container = self.s.place.container;
        let saved = if scoped { Some(self.s.enter(ScopeKind::Type, span, Some(def))) } else { None };
        let local = self.s.place.local;
        self.within(|this, close| {
            while this.p < close {
                let token = this.tok();
                match token.k {
                    T::Name if this.at(this.p + 1) == T::LParen => this.macro_call(),
                    T::Name => {
                        let name = this.s.name(token.id);
                        let span = Span { start: token.start, end: token.end };
                        let doc = this.doc_before(this.p);
                        let in_class = !this.cpp && this.s.scope_kind(this.s.place.scope) == ScopeKind::Type;
                        let made = if in_class {
                            this.s.define_in(ScopeId::FILE, name, Kind::Variant, token, span)
                        } else {
                            this.s.define(name, Kind::Variant, token, span)
                        };
                        let d = this.s.def(made);
                        d.doc = doc;
                        d.container = Some(def);
                        if local {
                            this.s.bind(token.id, made);
                        }
                        this.p += 1;
                        this.enumerator_rest(made, close);
                    }
                    T::Comma => this.p += 1,
                    _ => this.lose(),
                }
            }
        });
        if let Some(saved) = saved {
            self.s.leave(saved);
        }
        self.s.place.container = container;
    }

    fn enumerator_rest(&mut self, made: DefId, close: usize) {
        let end = self.argument_end(close);
        let saved = self.s.place;
        self.s.place.container = Some(made);
        while self.p < end {
            match self.k() {
                T::Assign => {
                    self.p += 1;
                    self.expression(end);
                    self.p = end;
                }
                T::Attribute => self.attribute(),
                T::Name => {
                    // A list of which a part is kept in a macro, with no comma between.
                    self.s.leave(saved);
                    return;
                }
                _ => self.p += 1,
            }
        }
        self.s.leave(saved);
        let last = self.end_before(self.p);
        self.s.def(made).whole.end = last;
    }
}

#[cfg(test)]
mod tests {
    use compass_facts::{Cancel, Kind, Source, read};
    use rstest::rstest;

    #[rstest]
    #[case::macro_behind("class Rack FINAL_MACRO : public Base { void turn(); };", "Rack", 1)]
    #[case::macro_in_front("class RACK_API Rack : public Base { void turn(); };", "Rack", 1)]
    #[case::capitals_behind("class X FINAL_MACRO : public Base { void turn(); };", "X", 1)]
    #[case::capitals_in_front("class RACK_API X { void turn(); };", "X", 0)]
    #[case::no_bases("struct rack_t ZMQ_FINAL { void turn(); };", "rack_t", 0)]
    #[case::the_word_itself("class Rack final : Base { void turn(); };", "Rack", 1)]
    fn classes_are_told_from_the_macros_beside_them(#[case] text: &str, #[case] name: &str, #[case] bases: usize) {
        let facts = read(crate::CPP, &Source::decode(text.as_bytes().to_vec()).expect("text"), &Cancel::new()).expect("facts");
        let classes: Vec<&str> = facts.definitions.iter().filter(|d| matches!(d.kind, Kind::Class | Kind::Struct)).map(|d| facts.name(d.name)).collect();
        assert_eq!((classes, facts.bases.len()), (vec![name], bases), "{text}");
    }
}
