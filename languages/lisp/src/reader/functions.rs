//! Functions: with a name of their own, within others, without a name.

use super::Reader;
use super::forms::{FormId, Shape};
use super::symbols::Symbol;
use super::variables::ListOf;
use compass_facts::reading::NewDefinition;
use compass_facts::{DefId, Flags, Kind, ScopeKind, Span};

impl<'t> Reader<'t> {
    /// `(lambda (x) …)`.
    pub(super) fn lambda(&mut self, id: FormId, list: FormId, body: &[FormId]) {
        let saved = self.b.enter(ScopeKind::Function, self.form(id).span, None);
        self.parameters(list, ListOf::Function);
        self.walk_all(body);
        self.b.leave(saved);
    }

    /// `flet`, where functions do not see each other, `labels` and `macrolet`.
    pub(super) fn local_functions(&mut self, op: &Symbol<'t>, list: FormId, body: &[FormId]) {
        let all = self.parts(list);
        let outer = self.functions.len();
        let is_macro = op.name == "macrolet";
        let from = self.form(list).span.start;
        let end = body.last().map_or(self.form(list).span.end, |b| self.form(*b).span.end);
        let saved = self.b.enter(ScopeKind::Block, Span { start: from, end }, None);
        let mut made: Vec<(String, DefId)> = Vec::new();
        let mut bodies: Vec<(DefId, FormId)> = Vec::new();
        for one in all {
            let Some(name) = self.form(one).parts.first().and_then(|n| self.symbol(*n).or_else(|| self.setf_name(*n))) else { continue };
            let mut new = NewDefinition::new(&name.name, if is_macro { Kind::Macro } else { Kind::Function }, name.span, self.form(one).span);
            new.flags = self.flags();
            let def = self.b.define(new);
            made.push((name.name.clone().into_owned(), def));
            bodies.push((def, one));
        }
        if op.name == "labels" {
            self.functions.extend(made.iter().cloned());
        }
        for (def, one) in bodies {
            let parts = self.parts(one);
            self.function_body(def, one, &parts[1..], if is_macro { ListOf::Macro } else { ListOf::Function });
        }
        if op.name != "labels" {
            self.functions.extend(made);
        }
        self.walk_all(body);
        self.functions.truncate(outer);
        self.b.leave(saved);
    }

    /// A list of parameters and what follows it. The first text is documentation where more follows.
    pub(super) fn function_body(&mut self, def: DefId, whole: FormId, rest: &[FormId], of: ListOf) {
        let Some((list, body)) = rest.split_first() else { return };
        let doc = body.iter().take(2).find(|f| self.form(**f).shape == Shape::Text).filter(|_| body.len() > 1);
        let doc = doc.map(|d| self.form(*d).span);
        let span = |r: &Self| Some(Span { start: r.form(*body.first()?).span.start, end: r.form(whole).span.end.saturating_sub(1) });
        let body_span = span(self);
        let saved = self.b.enter(ScopeKind::Function, self.form(whole).span, Some(def));
        let arity = match self.form(*list).shape {
            Shape::List => self.parameters(*list, of),
            _ => Default::default(),
        };
        self.walk_all(body);
        self.b.leave(saved);
        let d = self.b.def_mut(def);
        (d.arity, d.required, d.doc, d.body) = (arity.all, arity.required, doc, body_span);
    }

    /// A definition in the package of its name.
    pub(super) fn define_global(&mut self, name: &Symbol, kind: Kind, whole: FormId, flags: Flags) -> DefId {
        let scope = self.scope_of(name);
        let mut new = NewDefinition::new(&name.name, kind, name.span, self.form(whole).span);
        new.flags = flags;
        self.b.define_in(scope, new)
    }
}
