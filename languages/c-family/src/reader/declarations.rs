//! Declarations of files, namespaces and functions: variables, functions, types.

use super::parser::{Ctx, Parser};
use super::specifiers::Spec;
use super::tokens::{T, mark};
use compass_facts::*;

impl Parser<'_, '_> {
    /// All declarations up to `end`.
    pub(super) fn declarations(&mut self, ctx: Ctx, end: usize) {
        while self.p < end {
            let before = self.p;
            self.declaration(ctx);
            if self.p <= before {
                self.p = before;
                self.lose();
            }
        }
    }

    pub(super) fn declaration(&mut self, ctx: Ctx) {
        self.down(|p| p.declaration_within(ctx));
    }

    fn declaration_within(&mut self, ctx: Ctx) {
        match self.k() {
            T::Semi => self.p += 1,
            T::RBrace | T::RParen | T::RBracket => self.lose(),
            T::Namespace => self.namespace(),
            T::Using => self.using(),
            T::Template => self.template(ctx),
            T::StaticAssert => self.static_assert(),
            T::Asm => self.assembly(),
            T::Concept => self.concept(),
            T::Access => {
                // `public:`, `public slots:`.
                self.p += 1;
                if self.k() == T::Name && self.at(self.p + 1) == T::Colon {
                    self.modifier();
                }
                self.take(T::Colon);
            }
            T::Extern if self.at(self.p + 1) == T::Text && self.at(self.p + 2) == T::LBrace => {
                self.p += 2;
                self.within(|this, close| this.declarations(ctx, close));
            }
            T::Extern if self.at(self.p + 1) == T::Template => {
                self.p += 1;
                self.template(ctx);
            }
            T::Qualifier if self.at(self.p + 1) == T::Namespace => {
                self.p += 1;
                self.namespace();
            }
            T::Export => {
                self.p += 1;
                if self.k() == T::LBrace {
                    self.within(|this, close| this.declarations(ctx, close));
                }
            }
            T::Name if self.cpp && self.is_module_line() => self.step_over_line(),
            T::Name if ctx == Ctx::File && self.stands_for_head() => self.function_behind_macro(),
            T::Name if ctx == Ctx::File && self.stands_before_call() => self.modifier(),
            T::Name if matches!(ctx, Ctx::Class(_)) && self.is_pointer_given_to_macro() => self.pointer_given_to_macro(),
            T::Name if matches!(ctx, Ctx::Class(_)) && self.stands_for_members() => self.take_members(),
            T::LBrace if ctx == Ctx::File && self.is_part_of_list() => self.part_of_list(),
            T::Number | T::Text | T::Char | T::Dot | T::Comma | T::Minus if ctx == Ctx::File => self.part_of_list(),
            T::LBracket if ctx == Ctx::File && self.at(self.p + 1) != T::LBracket => self.part_of_list(),
            T::LBrace => self.within(|this, close| this.declarations(ctx, close)),
            _ => self.simple(ctx),
        }
    }

    /// A file that is included into a list: `{ .a = 1 }, { .a = 2 },`.
    fn is_part_of_list(&self) -> bool {
        let begins = matches!(self.at(self.p + 1), T::Dot | T::Number | T::Text | T::Char | T::LBrace | T::Amp | T::LBracket | T::Minus);
        begins || self.close_of(self.p).is_some_and(|c| self.at(c + 1) == T::Comma) || matches!(self.at(self.p + 2), T::Comma | T::LParen)
    }

    fn part_of_list(&mut self) {
        let unknown = self.s.unknown();
        let end = self.toks.len();
        let before = self.p;
        self.element(unknown, unknown, end);
        if self.p == before {
            self.p += 1;
        }
        self.take(T::Comma);
        self.take(T::Semi);
    }

    /// A macro by itself, in front of a call of another one that stands for a declaration: `ALIGNED DEFINE_LOCK(a);`.
    fn stands_before_call(&self) -> bool {
        let p = self.p;
        let shape = self.at(p + 1) == T::Name && self.at(p + 2) == T::LParen && super::parser::is_capitals(self.spelled(p + 1));
        if !shape || !self.looks_attribute(p) {
            return false;
        }
        let ends = || self.close_of(p + 2).is_some_and(|close| self.at(close + 1) == T::Semi);
        let is_line = self.toks[p].is(mark::LINE) && self.toks[p + 1].is(mark::LINE);
        is_line && super::parser::is_capitals(self.spelled(p)) || self.spelled(p).starts_with("__") && ends()
    }

    /// `import a.b;`, `module a;`.
    fn is_module_line(&self) -> bool {
        let ends = matches!(self.at(self.p + 2), T::Semi | T::Dot | T::Colon);
        matches!(self.spelled(self.p), "import" | "module") && matches!(self.at(self.p + 1), T::Name | T::Less | T::Text) && ends
    }

    pub(super) fn step_over_line(&mut self) {
        while !self.is_done() && self.k() != T::Semi {
            self.p = self.past(self.p);
        }
        self.take(T::Semi);
    }

    fn static_assert(&mut self) {
        self.p += 1;
        if self.k() == T::LParen {
            self.within(|this, close| this.expressions_until(close));
        }
        self.take(T::Semi);
    }

    /// A declaration with specifiers and declarators.
    fn simple(&mut self, ctx: Ctx) {
        let begin = self.p;
        let spec = self.specifiers(ctx);
        if self.is_done() {
            return;
        }
        match self.k() {
            T::Semi => {
                self.p += 1;
                return;
            }
            T::RBrace => return,
            T::Asm if !spec.has_type() => {
                self.assembly();
                return;
            }
            T::Namespace | T::Using | T::Template | T::Extern | T::Access if self.p > begin => return,
            _ => {}
        }
        if !spec.has_type() && !self.is_untyped_function(ctx) {
            self.untyped(ctx, begin);
            return;
        }
        self.declarators(ctx, begin, &spec);
    }

    /// A constructor, destructor, conversion, or a function whose result is not written.
    fn is_untyped_function(&self, ctx: Ctx) -> bool {
        let p = self.p;
        match self.k() {
            T::Tilde | T::Operator => true,
            T::Name | T::Path => {
                let Some(q) = self.past_path(p) else { return false };
                if self.cpp && matches!(self.at(q), T::Tilde | T::Operator) || self.names_constructor(p, q) {
                    return true;
                }
                if self.at(q) != T::LParen {
                    return false;
                }
                let Some(close) = self.close_of(q) else { return false };
                if let Ctx::Class(Some(id)) = ctx
                    && self.toks[p].id == id
                {
                    return true;
                }
                if ctx != Ctx::File || self.cpp {
                    return false;
                }
                let old_style = self.declares_old_parameters(q, close);
                let plain = self.at(close + 1) == T::LBrace && !super::parser::is_capitals(self.spelled(p)) && self.only_names(q, close);
                old_style || plain
            }
            _ => false,
        }
    }

    fn only_names(&self, open: usize, close: usize) -> bool {
        (open + 1..close).all(|i| matches!(self.at(i), T::Name | T::Comma)) && close - open < 40
    }

    /// What begins like no declaration: a macro that stands for one or more.
    fn untyped(&mut self, ctx: Ctx, begin: usize) {
        match self.k() {
            T::Name if self.at(self.p + 1) == T::LParen && matches!(self.at(self.past(self.p + 1)), T::Arrow | T::Dot) => {
                // A macro that makes an object, and what is done with that: `BENCHMARK(turn)->Range(1, 8);`.
                self.note_called(self.p, begin);
                let mut end = self.p;
                while end < self.toks.len() && self.at(end) != T::Semi {
                    end = self.past(end).max(end + 1);
                }
                self.expression(end);
                self.take(T::Semi);
            }
            T::Name if self.at(self.p + 1) == T::LParen => {
                if ctx == Ctx::File {
                    self.note_made(self.p);
                }
                if ctx != Ctx::Local {
                    self.note_called(self.p, begin);
                }
                self.macro_call();
                match self.k() {
                    // A macro that makes a function, and the body of that.
                    T::LBrace if ctx != Ctx::Local => self.made_function(begin),
                    T::Semi => self.p += 1,
                    T::Assign => {
                        self.p += 1;
                        let unknown = self.s.unknown();
                        self.initialiser(unknown, self.toks.len());
                        self.take(T::Semi);
                    }
                    T::Comma if ctx != Ctx::Local => self.p += 1,
                    _ => {}
                }
            }
            T::Name => {
                self.modifier();
                match self.k() {
                    T::LBrace => self.within(|this, close| this.declarations(ctx, close)),
                    T::Colon | T::Semi | T::Comma => self.p += 1,
                    T::Assign => {
                        self.p += 1;
                        let unknown = self.s.unknown();
                        self.initialiser(unknown, self.toks.len());
                        self.take(T::Semi);
                    }
                    _ => {}
                }
            }
            T::Path => {
                self.type_path();
            }
            _ => {
                if ctx == Ctx::File || matches!(ctx, Ctx::Class(_)) {
                    self.lose();
                }
            }
        }
    }

    /// Names in the arguments of a macro that stands for a declaration: what nothing else defines, it makes.
    pub(super) fn note_made(&mut self, at: usize) {
        let Some(close) = self.close_of(at + 1) else { return };
        let whole = self.span(at, close + 1);
        let mut i = at + 2;
        for _ in 0..4 {
            if i >= close {
                return;
            }
            let alone = matches!(self.at(i + 1), T::Comma | T::RParen);
            if self.at(i) == T::Name && alone {
                self.made.push((self.toks[i], whole));
            }
            while i < close && self.at(i) != T::Comma {
                i = self.past(i);
            }
            i += 1;
        }
    }

    fn made_function(&mut self, begin: usize) {
        let span = self.span(begin, self.past(self.p));
        let mark = self.s.mark();
        let outer = self.s.place;
        // What a macro makes of `TEST(Fixture, Name) {…}` may belong to the type that it names first.
        if self.cpp && self.at(begin + 1) == T::LParen && self.at(begin + 2) == T::Name && self.at(begin + 3) == T::Comma {
            let token = self.toks[begin + 2];
            let name = self.s.name(token.id);
            let of = self.s.ty_type_name(name);
            self.s.enter_extension(of, span);
        }
        let saved = self.s.enter(ScopeKind::Function, span, None);
        self.function_body();
        self.s.leave(saved);
        self.s.leave(outer);
        self.s.unbind(mark);
    }

    /// The declared names, after the specifiers.
    pub(super) fn declarators(&mut self, ctx: Ctx, begin: usize, spec: &Spec) {
        let value = self.spec_value(spec);
        let mut made: Vec<DefId> = Vec::new();
        loop {
            let before = self.p;
            let made_by_macro = self.names_made_object();
            if made_by_macro {
                self.s.add_use(self.tok(), Role::Call, Shape::Plain);
                self.p += 2;
            }
            if self.cpp && self.k() == T::LBracket && spec.is_auto || self.binds_parts() {
                self.structured_binding(begin);
            } else {
                let found = self.declarator(ctx);
                if made_by_macro {
                    self.take(T::RParen);
                }
                let is_function = found.parameters.is_some() && !found.is_pointer;
                if is_function && !spec.is_typedef {
                    if self.function(ctx, begin, spec, &found, value) {
                        return;
                    }
                } else if let Some(def) = self.variable(ctx, begin, spec, &found, value) {
                    made.push(def);
                }
            }
            if self.k() == T::Comma {
                self.p += 1;
                continue;
            }
            if self.p == before {
                break;
            }
            break;
        }
        self.end_declaration(ctx);
        let end = self.end_before(self.p);
        for def in made {
            self.s.def(def).whole.end = end;
        }
    }

    /// `class {…} OBJECT_MACRO (name);`: the macro makes an object of the class, under the name it is given.
    fn names_made_object(&self) -> bool {
        let p = self.p;
        let shape = [T::Name, T::LParen, T::Name, T::RParen, T::Semi];
        let fits = shape.iter().enumerate().all(|(i, k)| self.at(p + i) == *k);
        self.cpp && fits && p > 0 && self.at(p - 1) == T::RBrace && self.looks_macro(p) && !self.spelled(p).starts_with("__")
    }

    fn binds_parts(&self) -> bool {
        self.cpp && matches!(self.k(), T::Amp | T::AmpAmp) && self.at(self.p + 1) == T::LBracket
    }

    /// To the `;`, over what fits nothing; a new declaration or a closing brace ends it, too.
    fn end_declaration(&mut self, ctx: Ctx) {
        for _ in 0..4 {
            match self.k() {
                T::Semi => {
                    self.p += 1;
                    return;
                }
                T::RBrace | T::Eof => return,
                T::Attribute => self.attribute(),
                T::Name if self.at(self.p + 1) == T::Semi || self.looks_attribute(self.p) && !self.tok().is(mark::LINE) => self.modifier(),
                T::LParen if !self.tok().is(mark::LINE) => self.within(|this, close| this.expressions_until(close)),
                _ => break,
            }
        }
        if self.tok().is(mark::BRANCH | mark::LINE) || ctx == Ctx::Local {
            return;
        }
        // Out of step: to the end of the statement.
        let from = self.tok();
        let mut end = from.end;
        let inactive = from.is(mark::INACTIVE);
        while !self.is_done() {
            let t = self.tok();
            match t.k {
                T::Semi => {
                    self.p += 1;
                    break;
                }
                T::RBrace => break,
                T::LBrace => {
                    self.within(|this, close| this.statements(close));
                    break;
                }
                T::LParen => self.within(|this, close| this.expressions_until(close)),
                _ if t.is(mark::LINE) && t.start > from.start && self.begins_line(self.p) => break,
                T::Name => {
                    self.s.add_use(t, Role::Read, Shape::Plain);
                    self.p += 1;
                }
                _ => self.p += 1,
            }
            end = self.end_before(self.p);
        }
        if !inactive {
            self.s.gap(GapCause::Syntax, Span { start: from.start, end });
        }
    }

    /// Is the token the first of a line without indentation?
    fn begins_line(&self, i: usize) -> bool {
        let start = self.start(i) as usize;
        start == 0 || self.text.as_bytes().get(start - 1) == Some(&b'\n')
    }
}
