//! Statements: blocks, control flow, labels, and the macros that look like them.

use super::parser::{Ctx, Parser, is_capitals};
use super::tokens::{T, Tok};
use compass_facts::*;

impl Parser<'_, '_> {
    /// All statements up to `end`, in the current block.
    pub(super) fn statements(&mut self, end: usize) {
        while self.p < end {
            let before = self.p;
            self.statement();
            if self.p <= before {
                self.p = before + 1;
            }
        }
    }

    pub(super) fn statement(&mut self) {
        self.down(|p| p.statement_within());
    }

    fn block(&mut self) {
        let mark = self.s.mark();
        self.within(|this, close| this.statements(close));
        self.s.unbind(mark);
    }

    fn statement_within(&mut self) {
        match self.k() {
            T::LBrace => self.block(),
            T::Semi => self.p += 1,
            T::If => self.condition(),
            T::Else => {
                self.p += 1;
                self.statement();
            }
            T::While | T::Switch => {
                let mark = self.s.mark();
                self.p += 1;
                self.head();
                self.statement();
                self.s.unbind(mark);
            }
            T::Do => {
                self.p += 1;
                self.statement();
                if self.take(T::While) {
                    self.head();
                }
                self.take(T::Semi);
            }
            T::For => self.loop_over(),
            T::Case => {
                self.p += 1;
                let end = self.case_end();
                self.expression(end);
                self.p = end;
                self.take(T::Colon);
            }
            T::Default if self.at(self.p + 1) == T::Colon => self.p += 2,
            T::Return => {
                self.p += 1;
                if !self.take(T::Semi) {
                    self.expression_statement();
                }
            }
            T::Jump => {
                self.p += 1;
                self.take(T::Semi);
            }
            T::Goto => self.jump(),
            T::Asm => self.assembly(),
            T::Try => {
                self.p += 1;
                self.statement();
            }
            T::Catch => {
                let mark = self.s.mark();
                self.p += 1;
                if self.k() == T::LParen {
                    let open = self.p;
                    self.p = self.past(open);
                    self.parameters(open);
                }
                self.statement();
                self.s.unbind(mark);
            }
            T::Access | T::Namespace | T::Using | T::Template | T::StaticAssert => self.declaration(Ctx::Local),
            T::RBrace | T::RParen | T::RBracket => self.p += 1,
            T::Name if self.is_label() => self.label(),
            T::Name if self.at(self.p + 1) == T::LParen && (super::parser::is_capitals(self.spelled(self.p)) || self.stands_for_loop()) => {
                self.define_made_locals(self.p);
                if self.declares() { self.declaration(Ctx::Local) } else { self.expression_statement() }
            }
            _ if self.declares() => self.declaration(Ctx::Local),
            _ => self.expression_statement(),
        }
    }

    /// `each_of(list, one) {`: a macro, in a function.
    fn stands_for_loop(&self) -> bool {
        !self.cpp && self.close_of(self.p + 1).is_some_and(|c| self.at(c + 1) == T::LBrace)
    }

    fn condition(&mut self) {
        let mark = self.s.mark();
        self.p += 1;
        if self.k() == T::Qualifier || self.k() == T::Not {
            self.p += 1;
        }
        if self.k() == T::Name {
            // `if MACRO(x)`, `if IS_SET(x) {`.
            self.expression_statement();
        } else {
            self.head();
        }
        self.statement();
        if self.take(T::Else) {
            self.statement();
        }
        self.s.unbind(mark);
    }

    /// The parenthesis of `if`, `while`, `switch`: a condition, maybe with a declaration.
    fn head(&mut self) {
        if self.k() != T::LParen {
            return;
        }
        self.within(|this, close| {
            while this.p < close {
                let before = this.p;
                if this.cpp && this.declares() {
                    this.declaration_in_head(close);
                } else {
                    this.expression(close);
                }
                this.take(T::Semi);
                if this.p == before {
                    this.p += 1;
                }
            }
        });
    }

    fn declaration_in_head(&mut self, close: usize) {
        let begin = self.p;
        let spec = self.specifiers(Ctx::Local);
        if self.p < close {
            self.declarators(Ctx::Local, begin, &spec);
        }
    }

    /// `for (…; …; …)`, `for (x : y)`.
    fn loop_over(&mut self) {
        let mark = self.s.mark();
        self.p += 1;
        if matches!(self.k(), T::Throw) {
            self.p += 1;
        }
        if self.k() == T::LParen {
            self.within(|this, close| this.loop_head(close));
        }
        self.statement();
        self.s.unbind(mark);
    }

    fn loop_head(&mut self, close: usize) {
        if let Some(colon) = self.range_colon(close) {
            self.range(colon, close);
            return;
        }
        while self.p < close {
            let before = self.p;
            if self.declares() {
                let begin = self.p;
                let spec = self.specifiers(Ctx::Local);
                self.declarators(Ctx::Local, begin, &spec);
            } else {
                self.expressions_until_any(close);
            }
            self.take(T::Semi);
            if self.p == before {
                self.p += 1;
            }
        }
    }

    /// The `:` of `for (x : y)`.
    fn range_colon(&self, close: usize) -> Option<usize> {
        if !self.cpp {
            return None;
        }
        let mut at = self.p;
        while at < close {
            match self.at(at) {
                T::Question => return None,
                T::Colon => return Some(at),
                _ => {}
            }
            at = self.past(at);
        }
        None
    }

    fn range(&mut self, colon: usize, close: usize) {
        let begin = self.p;
        while (begin..colon).any(|i| self.at(i) == T::Semi) && self.p < colon && !self.declares_range(colon) {
            self.statement();
        }
        let begin = self.p;
        let spec = self.specifiers(Ctx::Local);
        let saved = self.p;
        // The value first: its names are those outside.
        self.p = colon + 1;
        let value = if saved < colon && self.at(self.past_pointers(saved)) == T::LBracket { super::parser::Value::NOTHING } else { self.expression(close) };
        let after = self.p;
        self.p = saved;
        let element = self.s.ty_of(value.val).map(|of| self.s.ty_element(of));
        if self.at(self.past_pointers(self.p)) == T::LBracket {
            self.structured_binding(begin);
            self.p = close;
            return;
        }
        let found = self.declarator(Ctx::Local);
        if let super::declarators::Named::Token(token) = found.name {
            let name = self.s.name(token.id);
            let whole = self.span(begin, self.p);
            let def = self.s.define(name, Kind::Variable, token, whole);
            let declared = self.spec_value(&spec);
            let d = self.s.def(def);
            match (spec.is_auto, element) {
                (true, element) => {
                    d.ty = element;
                    d.flags = d.flags.with(Flags::INFERRED);
                }
                (false, _) => d.ty = Some(declared),
            }
            self.s.bind(token.id, def);
        }
        self.p = after.max(close);
    }

    fn declares_range(&self, colon: usize) -> bool {
        (self.p..colon).all(|i| self.at(i) != T::Semi)
    }

    fn case_end(&self) -> usize {
        let mut at = self.p;
        let mut questions = 0;
        while at < self.toks.len() {
            match self.at(at) {
                T::Question => questions += 1,
                T::Colon if questions > 0 => questions -= 1,
                T::Colon | T::Semi | T::RBrace => return at,
                _ => {}
            }
            at = self.past(at);
        }
        at
    }

    fn is_label(&self) -> bool {
        self.at(self.p + 1) == T::Colon && self.at(self.p + 2) != T::Colon
    }

    fn label(&mut self) {
        let token = self.tok();
        if token.k == T::Name && is_capitals(self.spelled(self.p)) && !self.is_jumped_to(token.id) {
            // `CASE_OF_DIGITS: return 1;`: a macro that writes the labels.
            self.s.add_use(token, Role::Read, Shape::Plain);
        } else if token.k == T::Name {
            let name = self.s.name(token.id);
            let def = self.s.define(name, Kind::Label, token, Span { start: token.start, end: token.end });
            self.s.flag(def, Flags::LOCAL);
            self.labels.push((token.id, def));
        }
        self.p += 2;
        while self.k() == T::Attribute {
            self.attribute();
        }
    }

    /// Is there a `goto` to a label, or is its address taken?
    fn is_jumped_to(&mut self, id: u32) -> bool {
        let toks = self.toks;
        let leads_there = |two: &&[Tok]| two[1].k == T::Name && matches!(two[0].k, T::Goto | T::AmpAmp);
        self.jumped_to.get_or_insert_with(|| toks.windows(2).filter(leads_there).map(|two| two[1].id).collect()).contains(&id)
    }

    fn jump(&mut self) {
        self.p += 1;
        let token = self.tok();
        if token.k == T::Name {
            let name = self.s.name(token.id);
            let used = self.s.add_named_use(name, Span { start: token.start, end: token.end }, Role::Ref, Shape::Plain, None);
            self.jumps.push((token.id, used));
            self.p += 1;
        } else if token.k == T::Star {
            self.expression_statement();
            return;
        }
        self.take(T::Semi);
    }

    /// An expression, and the `;` behind it; a macro that opens a block or stands alone needs none.
    fn expression_statement(&mut self) {
        let before = self.p;
        let end = self.toks.len();
        self.expressions_until_any(end);
        if self.p == before {
            self.p += 1;
        }
        self.take(T::Semi);
    }

    /// `asm volatile ("…" : "=r" (x) : "r" (y))`.
    pub(super) fn assembly(&mut self) {
        self.p += 1;
        while matches!(self.k(), T::Qualifier | T::Goto) {
            self.p += 1;
        }
        match self.k() {
            T::LParen => {
                self.within(|this, close| {
                    while this.p < close {
                        match this.k() {
                            T::LParen => this.within(|this, close| this.expressions_until(close)),
                            T::LBracket => this.p = this.past(this.p),
                            T::Name => this.modifier(),
                            _ => this.p += 1,
                        }
                    }
                });
            }
            // Blocks of assembly in braces are no C.
            T::LBrace => self.p = self.past(self.p),
            _ => {}
        }
        self.take(T::Semi);
    }
}
