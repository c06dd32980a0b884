//! Declarations of files, namespaces and functions: variables, functions, types.

use super::declarators::{Declarator, Named};
use super::parser::{Ctx, Parser};
use super::specifiers::Spec;
use super::tokens::{T, mark};
use crate::*;

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
        if !self.down() {
            return;
        }
        stacker::maybe_grow(192 << 10, 2 << 20, || self.declaration_within(ctx));
        self.up();
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
            T::Name if self.at(self.p + 1) == T::LParen => {
                if ctx == Ctx::File {
                    self.note_made(self.p);
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
        let begin = at;
        let mut i = at + 2;
        for _ in 0..4 {
            if i >= close {
                return;
            }
            let alone = matches!(self.at(i + 1), T::Comma | T::RParen);
            if self.at(i) == T::Name && alone {
                let whole = self.span(begin, close + 1);
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
            if self.cpp && self.k() == T::LBracket && spec.is_auto || self.binds_parts() {
                self.structured_binding(begin);
            } else {
                let found = self.declarator(ctx);
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

    /// A variable, field or typedef, with its initial value.
    fn variable(&mut self, ctx: Ctx, begin: usize, spec: &Spec, found: &Declarator, value: TypeId) -> Option<DefId> {
        let wrapped = self.wrapped(value, found);
        if found.is_pointer
            && let Some(open) = found.parameters
        {
            self.types_of_parameters(open);
        } else if spec.is_typedef
            && let Some(open) = found.parameters
        {
            self.types_of_parameters(open);
        }
        self.trailing();
        if self.k() == T::Colon && (self.cpp || matches!(ctx, Ctx::Class(_))) && self.at(self.p + 1) != T::Colon && !matches!(ctx, Ctx::Local) {
            // The width of a bit field.
            self.p += 1;
            let end = self.bit_field_end();
            self.expression(end);
        }
        let Named::Token(token) = found.name else {
            self.initial_value(wrapped, None, false);
            return None;
        };
        if spec.is_friend {
            return None;
        }
        let name = self.s.name(token.id);
        let has_value = matches!(self.k(), T::Assign | T::LBrace) || self.cpp && self.k() == T::LParen;
        let kind = match ctx {
            _ if spec.is_typedef => Kind::Alias,
            Ctx::Class(_) => Kind::Field,
            _ => Kind::Variable,
        };
        let whole = self.span(begin, self.p);
        let entered = found.of.map(|of| self.s.enter_extension(of, whole));
        let in_function = ctx == Ctx::Local && spec.is_extern;
        let def = if in_function { self.s.define_in(ScopeId::FILE, name, kind, token, whole) } else { self.s.define(name, kind, token, whole) };
        if let Some(saved) = entered {
            self.s.leave(saved);
        }
        let doc = self.doc_before(begin);
        let is_local = ctx == Ctx::Local && !in_function;
        let imported = ctx == Ctx::File && self.imports_by_macro(begin);
        let cpp = self.cpp;
        let d = self.s.def(def);
        d.doc = doc;
        // A typedef names the type; a function type behind it gives what a call gives.
        d.ty = match spec.is_typedef {
            true if found.parameters.is_some() => None,
            true => spec.ty.filter(|_| found.arrays == 0),
            false => Some(wrapped).filter(|_| !spec.is_auto || spec.ty.is_some()),
        };
        d.visible_from = if is_local { token.end } else { 0 };
        let bodiless = (spec.is_extern || imported) && !has_value || matches!(ctx, Ctx::Class(_)) && spec.is_static && !has_value && cpp;
        d.flags = d
            .flags
            .with_if(bodiless, Flags::BODILESS)
            .with_if(spec.is_static && !is_local && !matches!(ctx, Ctx::Class(_)), Flags::PRIVATE)
            .with_if(spec.is_static && matches!(ctx, Ctx::Class(_)), Flags::STATIC);
        if spec.is_typedef {
            self.typedef_type(def, spec, found, value, token.id);
        }
        // The fields of a type inside a function are nearer than the variables around it.
        if is_local || self.s.place.local && matches!(ctx, Ctx::Class(_)) {
            self.s.bind(token.id, def);
        }
        let saved = self.s.place;
        if !is_local && ctx != Ctx::Local {
            self.s.place.container = Some(def).filter(|_| ctx == Ctx::File).or(saved.container);
        }
        self.initial_value(wrapped, Some(def), spec.is_auto && spec.ty.is_none());
        self.s.leave(saved);
        Some(def)
    }

    /// Does a macro before the declaration stand for `extern`?
    fn imports_by_macro(&self, begin: usize) -> bool {
        self.at(begin) == T::Name && self.looks_macro(begin) && ["EXTERN", "extern", "IMPORT", "_API", "DATA"].iter().any(|w| self.spelled(begin).contains(w))
    }

    fn typedef_type(&mut self, def: DefId, spec: &Spec, found: &Declarator, value: TypeId, id: u32) {
        self.types[id as usize] = true;
        let ty = if found.parameters.is_some() {
            Some(self.s.ty_function(value))
        } else if found.arrays > 0 {
            spec.ty.map(|_| self.wrapped(value, found))
        } else {
            spec.ty
        };
        self.s.def(def).ty = ty;
        // The one name of an unnamed type is that of the typedef.
        if let Some(made) = spec.defines
            && self.s.facts.def(made).name_span.is_empty()
            && self.s.facts.def(made).doc.is_none()
        {
            let doc = self.s.facts.def(def).doc;
            self.s.def(made).doc = doc;
        }
    }

    fn bit_field_end(&self) -> usize {
        let mut at = self.p;
        while !matches!(self.at(at), T::Semi | T::Comma | T::Eof | T::Assign | T::RBrace | T::Attribute) {
            at = self.past(at);
        }
        at
    }

    /// `= value`, `{…}`, `(…)`.
    fn initial_value(&mut self, ty: TypeId, def: Option<DefId>, inferred: bool) {
        match self.k() {
            T::Assign => {
                self.p += 1;
                let end = self.initial_end();
                let is_list = self.k() == T::LBrace;
                let span = self.span(self.p, end);
                let value = self.initialiser(ty, end);
                if let Some(def) = def.filter(|_| is_list) {
                    self.s.def(def).body = Some(span);
                }
                if let Some(def) = def.filter(|_| inferred) {
                    let found = self.s.ty_of(value.val);
                    let d = self.s.def(def);
                    d.ty = found;
                    d.flags = d.flags.with(Flags::INFERRED);
                }
            }
            T::LBrace if self.cpp => {
                self.initialiser(ty, self.past(self.p));
            }
            T::LParen if self.cpp => self.within(|this, close| {
                this.arguments_until(close);
            }),
            _ => {}
        }
    }

    /// Where an initial value ends: at a comma or semicolon outside brackets.
    fn initial_end(&self) -> usize {
        let mut at = self.p;
        while at < self.toks.len() {
            match self.at(at) {
                T::Comma | T::Semi | T::RBrace => return at,
                T::Less if self.cpp => at = self.past_angles(at).filter(|a| self.angles_make_sense(*a)).unwrap_or(at + 1).max(at + 1),
                _ => at = self.past(at),
            }
        }
        at
    }

    /// Attributes, `asm("name")` and macros behind a declarator.
    fn trailing(&mut self) {
        loop {
            match self.k() {
                T::Attribute => self.attribute(),
                T::Asm if self.at(self.p + 1) == T::LParen => {
                    self.p += 1;
                    self.p = self.past(self.p);
                }
                T::LBracket if self.at(self.p + 1) == T::LBracket => self.p = self.past(self.p),
                T::Name => {
                    let next = if self.at(self.p + 1) == T::LParen { self.past(self.p + 1) } else { self.p + 1 };
                    let ends =
                        matches!(self.at(next), T::Semi | T::Assign | T::Comma | T::Attribute) || self.looks_attribute(self.p) && self.at(next) == T::Name;
                    if !ends || self.tok().is(mark::BRANCH) {
                        return;
                    }
                    if self.at(self.p + 1) == T::LParen { self.macro_call() } else { self.modifier() }
                }
                _ => return,
            }
        }
    }

    /// A function: `true` when its body ended the declaration.
    fn function(&mut self, ctx: Ctx, begin: usize, spec: &Spec, found: &Declarator, result: TypeId) -> bool {
        let Some(open) = found.parameters else { return false };
        let whole_start = self.start(begin);
        let mut entered = None;
        let def = self.define_function(ctx, begin, spec, found, result, &mut entered);
        let mark = self.s.mark();
        let span = Span { start: whole_start, end: self.start(open) };
        let saved = self.s.enter(ScopeKind::Function, span, def);
        let scope = self.s.place.scope;
        self.own_parameters(scope);
        if def.is_none() {
            self.s.place.container = saved.container;
        }
        let (arity, required, mut signature) = self.parameters(open);
        let after_parameters = self.p;
        self.overrides = false;
        let (constant, pure, trailing_result) = self.after_parameters(open);
        let overrides = self.overrides;
        if constant {
            signature = signature.wrapping_mul(31) | 1;
        }
        let old_style = self.old_parameters();
        let has_body = self.k() == T::LBrace || self.cpp && (matches!(self.k(), T::Colon | T::Try) && ctx != Ctx::Local);
        let defaulted = self.is_defaulted();
        let at_branch = self.tok().is(mark::BRANCH) && !matches!(self.k(), T::Semi | T::LBrace | T::Comma | T::Eof) && !old_style;
        let mut body = None;
        if has_body {
            body = Some(self.function_with_body());
        } else if defaulted {
            self.p += 2;
        }
        self.s.leave(saved);
        self.s.unbind(mark);
        if let Some(saved) = entered {
            self.s.leave(saved);
        }
        let end = self.end_before(self.p.max(after_parameters));
        if let Some(def) = def {
            let cpp = self.cpp;
            let d = self.s.def(def);
            d.arity = arity;
            d.required = required;
            d.signature = if cpp { signature } else { 0 };
            d.body = body;
            if let Some(ty) = trailing_result {
                d.ty = Some(ty);
            }
            d.whole.end = if has_body { end } else { end.max(d.whole.end) };
            d.flags = d.flags.with_if(!has_body && !defaulted && !at_branch, Flags::BODILESS).with_if(pure, Flags::ABSTRACT).with_if(overrides, Flags::VIRTUAL);
            let inner = d.inner;
            if let Some(inner) = inner {
                self.s.facts.scopes[inner.index()].span = Span { start: whole_start, end };
            }
            if !has_body && self.k() == T::Semi {
                self.s.def(def).whole.end = self.tok().end;
            }
        }
        has_body || at_branch
    }

    fn define_function(
        &mut self,
        ctx: Ctx,
        begin: usize,
        spec: &Spec,
        found: &Declarator,
        result: TypeId,
        entered: &mut Option<super::sink::Place>,
    ) -> Option<DefId> {
        let whole = self.span(begin, self.p);
        let (token, name) = match found.name {
            Named::Token(token) => {
                let name = self.s.name(token.id);
                (token, name)
            }
            Named::Made(from, to) => {
                let text: String = (from..to).map(|i| self.spelled(i)).collect::<Vec<_>>().join("");
                let text = if self.at(from) == T::Operator && matches!(self.at(from + 1), T::Name | T::Builtin | T::New | T::Delete | T::Qualifier) {
                    text.replacen("operator", "operator ", 1)
                } else {
                    text
                };
                let name = self.s.intern(&text);
                let span = self.span(from, to);
                (super::tokens::Tok { start: span.start, end: span.end, ..self.toks[from] }, name)
            }
            Named::Nothing => return None,
        };
        let owner = match (found.owner, ctx) {
            (Some(owner), _) => Some(owner),
            (None, Ctx::Class(own)) => own,
            _ => None,
        };
        let constructs = matches!(found.name, Named::Token(t) if Some(t.id) == owner) && !spec.has_type();
        let kind = match ctx {
            _ if constructs => Kind::Constructor,
            Ctx::Class(_) if !spec.is_friend => Kind::Method,
            _ if found.of.is_some() => Kind::Method,
            _ => Kind::Function,
        };
        if let Some(of) = found.of {
            *entered = Some(self.s.enter_extension(of, whole));
        }
        let saved = self.s.place;
        let nested_prototype = ctx == Ctx::Local;
        if nested_prototype || spec.is_friend && matches!(ctx, Ctx::Class(_)) {
            // A prototype inside a function, a friend inside a type: both name something around.
            self.s.place.scope = self.outer_scope();
            self.s.place.local = false;
            self.s.place.container = self.s.facts.scope(self.s.place.scope).owner;
        }
        let def = self.s.define(name, kind, token, whole);
        self.s.leave(saved);
        let doc = self.doc_before(begin);
        let in_class = matches!(ctx, Ctx::Class(_));
        let d = self.s.def(def);
        d.doc = doc;
        d.ty = Some(result).filter(|_| spec.ty.is_some());
        d.flags = d
            .flags
            .with_if(spec.is_static && !in_class, Flags::PRIVATE)
            .with_if(spec.is_static && in_class, Flags::STATIC)
            .with_if(spec.is_virtual, Flags::VIRTUAL)
            .with_if(found.special, Flags::SPECIAL);
        Some(def)
    }

    /// The namespace or file around the current scope.
    pub(super) fn outer_scope(&self) -> ScopeId {
        let mut at = self.s.place.scope;
        while !matches!(self.s.scope_kind(at), ScopeKind::File | ScopeKind::Module) {
            at = self.s.facts.scope(at).parent.unwrap_or(ScopeId::FILE);
        }
        at
    }

    /// What stands between parameters and body. Tells of `const`, of `= 0`, and the result where it is written behind.
    fn after_parameters(&mut self, open: usize) -> (bool, bool, Option<TypeId>) {
        let (mut constant, mut pure, mut result) = (false, false, None);
        loop {
            match self.k() {
                T::Qualifier => {
                    constant |= self.spelled(self.p) == "const";
                    self.p += 1;
                }
                T::Amp | T::AmpAmp if self.cpp => self.p += 1,
                T::Attribute => self.attribute(),
                T::LBracket if self.at(self.p + 1) == T::LBracket => self.p = self.past(self.p),
                T::Noexcept | T::Throw => {
                    self.p += 1;
                    if self.k() == T::LParen {
                        self.within(|this, close| this.expressions_until(close));
                    }
                }
                T::Asm if self.at(self.p + 1) == T::LParen => self.p = self.past(self.p + 1),
                T::Arrow if self.cpp => {
                    self.p += 1;
                    let spec = self.type_specifiers();
                    self.p = self.past_pointers(self.p);
                    result = spec.ty.map(|t| if spec.is_value { t } else { self.s.ty_instance(t) });
                }
                T::Requires => self.requires(),
                T::Name if self.is_behind_parameters(open) => {
                    if matches!(self.spelled(self.p), "override" | "final") && self.cpp {
                        self.overrides = true;
                        self.p += 1;
                    } else if self.at(self.p + 1) == T::LParen {
                        self.macro_call();
                    } else {
                        self.modifier();
                    }
                }
                T::Assign if self.cpp && self.spelled(self.p + 1) == "0" => {
                    pure = true;
                    self.p += 2;
                }
                _ => return (constant, pure, result),
            }
        }
    }

    /// Is the name here an attribute behind the parameters, not the beginning of something else?
    fn is_behind_parameters(&self, open: usize) -> bool {
        if self.tok().is(mark::BRANCH) && !self.looks_attribute(self.p) {
            return false;
        }
        let next = if self.at(self.p + 1) == T::LParen { self.past(self.p + 1) } else { self.p + 1 };
        match self.at(next) {
            T::Semi | T::LBrace | T::Comma | T::Attribute | T::Assign | T::Arrow | T::Qualifier | T::Noexcept => {
                let close = self.close_of(open).unwrap_or(open);
                !(self.at(next) == T::Semi && !self.cpp && self.declares_old_parameters(open, close))
            }
            T::Colon => self.cpp,
            T::Name => {
                let close = self.close_of(open).unwrap_or(open);
                self.looks_attribute(self.p)
                    || self.cpp && matches!(self.spelled(self.p), "override" | "final")
                    || self.names_end_line(next) && !self.declares_old_parameters(open, close)
            }
            _ => false,
        }
    }

    /// Is the rest up to `;` or the body names alone, all on one line? Attributes in small letters, then.
    fn names_end_line(&self, from: usize) -> bool {
        let mut at = from;
        for _ in 0..6 {
            match self.at(at) {
                T::Name if !self.toks[at].is(mark::LINE) => at = if self.at(at + 1) == T::LParen { self.past(at + 1) } else { at + 1 },
                T::Semi | T::LBrace => return at > from,
                _ => return false,
            }
        }
        false
    }

    /// `= default`, `= delete`.
    fn is_defaulted(&self) -> bool {
        self.cpp && self.k() == T::Assign && matches!(self.at(self.p + 1), T::Default | T::Delete)
    }

    /// Declarations of parameters between head and body: they give types to the names of the list.
    fn old_parameters(&mut self) -> bool {
        if self.cpp || !matches!(self.k(), T::Builtin | T::Struct | T::Union | T::Enum | T::Qualifier | T::Name) || self.tok().is(mark::BRANCH) {
            return false;
        }
        // Looks for the body first: anything else is the next declaration after a macro.
        let mut at = self.p;
        let limit = at + 400;
        while at < limit && self.at(at) != T::LBrace {
            match self.at(at) {
                T::Eof | T::RBrace | T::Assign | T::Static | T::Typedef | T::Extern => return false,
                T::LParen | T::LBracket => at = self.past(at),
                _ => at += 1,
            }
        }
        if self.at(at) != T::LBrace || self.at(at.wrapping_sub(1)) != T::Semi {
            return false;
        }
        while self.k() != T::LBrace && !self.is_done() {
            let before = self.p;
            let begin = self.p;
            let spec = self.specifiers(Ctx::Local);
            let value = self.spec_value(&spec);
            loop {
                let found = self.declarator(Ctx::Local);
                let ty = self.wrapped(value, &found);
                if let Named::Token(token) = found.name {
                    match self.s.local(token.id) {
                        Some(def) => self.s.def(def).ty = Some(ty),
                        None => {
                            let name = self.s.name(token.id);
                            let whole = self.span(begin, self.p);
                            let def = self.s.define(name, Kind::Parameter, token, whole);
                            self.s.def(def).ty = Some(ty);
                            self.s.bind(token.id, def);
                        }
                    }
                }
                if !self.take(T::Comma) {
                    break;
                }
            }
            self.take(T::Semi);
            if self.p == before {
                self.p += 1;
            }
        }
        true
    }

    /// Initialisers of members, handlers, and the body. Gives the body's place.
    fn function_with_body(&mut self) -> Span {
        let handler = self.take(T::Try);
        if self.k() == T::Colon {
            self.p += 1;
            self.member_initialisers();
        }
        let span = self.span(self.p, self.past(self.p));
        if self.k() == T::LBrace {
            self.function_body();
        }
        while handler && self.k() == T::Catch {
            self.statement();
        }
        span
    }

    /// `base(x), member{y}`.
    fn member_initialisers(&mut self) {
        while !self.is_done() && self.k() != T::LBrace {
            let before = self.p;
            match self.past_path(self.p) {
                Some(after) if matches!(self.at(after), T::LParen | T::LBrace) => {
                    let single = after == self.p + 1;
                    let token = self.tok();
                    if single {
                        let used = self.s.add_use(token, Role::Write, Shape::Plain);
                        self.s.usage(used).local = None;
                        self.p += 1;
                        let args = self.call_arguments();
                        self.set_arguments(used, args);
                    } else {
                        let (first, last) = (self.s.facts.uses.len(), self.last_name_of_path());
                        self.type_path();
                        let used = (first..self.s.facts.uses.len()).find(|i| Some(self.s.facts.uses[*i].span.start) == last).map(|i| UseId(i as u32));
                        let args = self.call_arguments();
                        if let Some(used) = used {
                            self.s.usage(used).role = Role::Call;
                            self.set_arguments(used, args);
                        }
                    }
                    self.take(T::Ellipsis);
                    // A body follows the last one, whatever stands between.
                    if self.k() == T::LBrace {
                        return;
                    }
                }
                _ => self.p += 1,
            }
            self.take(T::Comma);
            if self.p == before {
                self.p += 1;
            }
        }
    }

    /// The arguments in the parentheses or braces here.
    pub(super) fn call_arguments(&mut self) -> Vec<TypeId> {
        let mut args = Vec::new();
        if matches!(self.k(), T::LParen | T::LBrace) {
            self.within(|this, close| args = this.arguments_until(close));
        }
        args
    }

    pub(super) fn set_arguments(&mut self, used: UseId, args: Vec<TypeId>) {
        self.s.usage(used).args = args.len().min(254) as u8;
        if self.cpp && !args.is_empty() {
            self.s.facts.arguments.push((used, args));
        }
    }

    /// The block of a function: labels are settled at its end.
    pub(super) fn function_body(&mut self) {
        let labels = std::mem::take(&mut self.labels);
        let jumps = std::mem::take(&mut self.jumps);
        self.within(|this, close| this.statements(close));
        for (id, used) in std::mem::replace(&mut self.jumps, jumps) {
            let label = self.labels.iter().find(|l| l.0 == id).map(|l| l.1);
            self.s.usage(used).local = label;
        }
        self.labels = labels;
    }
}
