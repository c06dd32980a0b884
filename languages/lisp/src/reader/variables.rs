//! Variables: bound by lists of parameters, by `let` and its kin; read and written.

use super::Reader;
use super::forms::{FormId, Shape};
use super::symbols::Symbol;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::{Kind, Role, ScopeKind, Shape as Reach, Span};

/// What a list of parameters takes: required ones, and whether more may come.
#[derive(Debug, Default, Clone, Copy)]
pub(super) struct Arity {
    pub(super) required: u8,
    pub(super) all: u8,
}

/// Whose list of parameters it is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum ListOf {
    /// A function: names.
    Function,
    /// A method: names, some with a class.
    Method,
    /// A macro: names, and lists of them.
    Macro,
}

/// Which sort of parameters comes.
#[derive(Clone, Copy, PartialEq, Eq)]
enum Part {
    Required,
    Optional,
    Key,
    Rest,
}

impl<'t> Reader<'t> {
    /// A variable by its name.
    pub(super) fn variable(&mut self, id: FormId, role: Role) {
        let Some(symbol) = self.symbol(id) else { return };
        self.variable_use(&symbol, role);
    }

    pub(super) fn variable_use(&mut self, symbol: &Symbol, role: Role) {
        let is_constant = matches!(symbol.name.as_ref(), "t" | "nil" | "." | "");
        if symbol.is_keyword || is_constant || symbol.name.starts_with('&') {
            return;
        }
        if symbol.package.is_some() || symbol.is_global() {
            self.global_use(symbol, role, Reach::Plain);
        } else {
            self.b.add_use(&symbol.name, symbol.span, role, Reach::Plain);
        }
    }

    /// Is a lexical variable of that name in sight?
    pub(super) fn is_bound(&self, symbol: &Symbol) -> bool {
        let mut at = Some(self.b.place.scope);
        while let Some(scope) = at.filter(|s| self.b.scope_kind(*s).is_local()) {
            if self.b.find_in(scope, &symbol.name).is_some() {
                return true;
            }
            at = self.b.scope_parent(scope);
        }
        false
    }

    /// Binds a variable from a place on. What is written as a global name is given another value instead.
    pub(super) fn bind(&mut self, symbol: &Symbol, kind: Kind, from: u32) {
        if symbol.is_keyword || matches!(symbol.name.as_ref(), "t" | "nil" | "" | ".") {
            return;
        }
        if symbol.package.is_some() || symbol.is_global() {
            if kind == Kind::Variable {
                self.global_use(symbol, Role::Write, Reach::Plain);
            }
            return;
        }
        let new = NewDefinition::new(&symbol.name, kind, symbol.span, symbol.span);
        let def = self.b.define(new);
        self.b.def_mut(def).visible_from = from;
    }

    /// All names of a list, and of lists in it.
    pub(super) fn bind_pattern(&mut self, id: FormId, kind: Kind, from: u32) {
        if let Some(symbol) = self.symbol(id) {
            if !symbol.name.starts_with('&') {
                self.bind(&symbol, kind, from);
            }
            return;
        }
        if self.form(id).shape == Shape::List {
            let at = self.form(id).span;
            for part in self.parts(id) {
                self.deeper(at, |r| r.bind_pattern(part, kind, from));
            }
        }
    }

    /// A list of parameters.
    pub(super) fn parameters(&mut self, id: FormId, of: ListOf) -> Arity {
        let mut arity = Arity::default();
        let mut part = Part::Required;
        for item in self.parts(id) {
            if let Some(symbol) = self.symbol(item) {
                match symbol.name.as_ref() {
                    "&optional" => part = Part::Optional,
                    "&key" | "&aux" => part = Part::Key,
                    "&rest" | "&body" | "." | "&whole" | "&environment" => part = Part::Rest,
                    "&allow-other-keys" => arity.all = 255,
                    name if name.starts_with('&') => {}
                    _ => {
                        self.bind(&symbol, Kind::Parameter, 0);
                        arity.count(part);
                        // The whole form and the environment come before what is required.
                        if part == Part::Rest && matches!(self.before(id, item).as_deref(), Some("&whole" | "&environment")) {
                            part = Part::Required;
                        }
                    }
                }
                continue;
            }
            if self.form(item).shape != Shape::List {
                continue;
            }
            arity.count(part);
            match part {
                Part::Required if of == ListOf::Method => self.specialised(item),
                Part::Required | Part::Rest => {
                    self.parameters(item, ListOf::Macro);
                }
                Part::Optional | Part::Key => self.with_default(item),
            }
        }
        arity
    }

    /// The word that stands before an item.
    fn before(&self, list: FormId, item: FormId) -> Option<String> {
        let parts = &self.form(list).parts;
        let at = parts.iter().position(|p| *p == item)?;
        Some(self.symbol(*parts.get(at.checked_sub(1)?)?)?.name.into_owned())
    }

    /// `(rack shelf)`, `(kind (eql :oak))`.
    fn specialised(&mut self, id: FormId) {
        let parts = self.parts(id);
        if let Some(symbol) = parts.first().and_then(|p| self.symbol(*p)) {
            self.bind(&symbol, Kind::Parameter, 0);
        }
        let Some(class) = parts.get(1) else { return };
        match self.operator(*class) {
            Some(op) if op.name == "eql" => {
                let rest = self.parts(*class);
                self.walk_all(&rest[1..]);
            }
            _ => self.type_named(*class),
        }
    }

    /// `(depth 3 depth-given-p)`, `((:deep depth) 3)`.
    fn with_default(&mut self, id: FormId) {
        let parts = self.parts(id);
        if let Some(default) = parts.get(1) {
            self.walk(*default);
        }
        let Some(first) = parts.first() else { return };
        match self.form(*first).shape {
            Shape::List => {
                let pair = self.parts(*first);
                if let Some(pattern) = pair.get(1) {
                    self.bind_pattern(*pattern, Kind::Parameter, 0);
                }
            }
            _ => self.bind_pattern(*first, Kind::Parameter, 0),
        }
        if let Some(given) = parts.get(2) {
            self.bind_pattern(*given, Kind::Parameter, 0);
        }
    }

    /// `let`, where values are told before names are bound, and `let*`, one after the other.
    pub(super) fn bindings(&mut self, list: FormId, body: &[FormId], one_by_one: bool) {
        let pairs = self.parts(list);
        let value = |r: &mut Self, pair: FormId| {
            if r.form(pair).shape == Shape::List {
                let parts = r.parts(pair);
                r.walk_all(parts.get(1..).unwrap_or_default());
            }
        };
        if !one_by_one {
            pairs.iter().for_each(|p| value(self, *p));
        }
        self.in_block(list, body, |r| {
            for pair in pairs {
                if one_by_one {
                    value(r, pair);
                }
                let at = r.form(pair).span.end;
                let name = if r.form(pair).shape == Shape::List { r.form(pair).parts.first().copied() } else { Some(pair) };
                if let Some(symbol) = name.and_then(|n| r.symbol(n)) {
                    r.bind(&symbol, Kind::Variable, at);
                }
            }
        });
    }

    /// A scope that goes from a form to the end of a body: bindings first, then the body.
    pub(super) fn in_block(&mut self, from: FormId, body: &[FormId], bind: impl FnOnce(&mut Self)) {
        let start = self.form(from).span.start;
        let end = body.last().map_or(self.form(from).span.end, |b| self.form(*b).span.end);
        let saved = self.b.enter(ScopeKind::Ordered, Span { start, end: end.max(start) }, None);
        bind(self);
        self.walk_all(body);
        self.b.leave(saved);
    }

    /// A place that is given a value.
    pub(super) fn written(&mut self, place: FormId) {
        match self.form(place).shape {
            Shape::Symbol => self.variable(place, Role::Write),
            Shape::List => {
                let parts = self.parts(place);
                let Some(op) = self.operator(place) else { return self.walk_all(&parts) };
                match op.name.as_ref() {
                    "values" => parts[1..].iter().for_each(|p| self.written(*p)),
                    "the" => {
                        if let Some(ty) = parts.get(1) {
                            self.type_named(*ty);
                        }
                        parts.iter().skip(2).for_each(|p| self.written(*p));
                    }
                    "slot-value" => self.slot_value(&parts, Role::Write),
                    _ => {
                        self.global_use(&op, Role::Write, Reach::Tag);
                        self.structures_of(&op);
                        self.arguments(&op, &parts[1..]);
                    }
                }
            }
            _ => self.walk(place),
        }
    }
}

impl Arity {
    fn count(&mut self, part: Part) {
        match part {
            Part::Required => {
                self.required = self.required.saturating_add(1).min(200);
                self.all = self.all.saturating_add(u8::from(self.all < 254));
            }
            Part::Optional => self.all = self.all.saturating_add(u8::from(self.all < 254)),
            Part::Key | Part::Rest => self.all = 255,
        }
    }
}
