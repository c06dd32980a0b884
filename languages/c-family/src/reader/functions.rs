//! Functions: parameters, what stands behind them, bodies.

use super::declarators::{Declarator, Named};
use super::parser::{Ctx, Parser};
use super::specifiers::Spec;
use super::tokens::{T, mark};
use compass_facts::*;

impl Parser<'_, '_> {
    /// A function: `true` when its body ended the declaration.
    pub(super) fn function(&mut self, ctx: Ctx, begin: usize, spec: &Spec, found: &Declarator, result: TypeId) -> bool {
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
        let deleted = defaulted && self.at(self.p + 1) == T::Delete;
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
            d.flags = d
                .flags
                .with_if(!has_body && (!defaulted || deleted) && !at_branch, Flags::BODILESS)
                .with_if(deleted, Flags::SPECIAL)
                .with_if(pure, Flags::ABSTRACT)
                .with_if(overrides, Flags::VIRTUAL);
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
        // The name behind `~` is that of the class: whoever renames the class writes it anew.
        if let Named::Made(from, to) = found.name
            && self.at(from) == T::Tilde
            && to > from + 1
        {
            let class = self.toks[from + 1];
            self.s.add_use(class, Role::Type, Shape::Plain);
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
        if kind == Kind::Function {
            self.functions.insert(token.id);
        }
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
            .with_if(found.special || self.instantiates, Flags::SPECIAL);
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
