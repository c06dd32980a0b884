//! Functions and objects without a name, references, texts.

use super::Reader;
use super::types::is_type;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::signals::is_text;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Kind, Role, ScopeKind, Shape, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// `{ wheel -> wheel.turn() }`.
    pub(super) fn literal_function(&mut self, node: Node<'t>) -> TypeId {
        let handed = self.handed.take();
        let saved = self.b.enter(ScopeKind::Function, span(node), None);
        self.in_literal += 1;
        let parameters = named(node).into_iter().find(|n| n.kind() == "lambda_parameters");
        if let Some((by, argument)) = handed.filter(|h| h.0 != self.b.unknown()) {
            self.literal_receiver(by, argument, span(node));
            if parameters.is_none() {
                let at = Span { start: span(node).start, end: span(node).start };
                let mut new = NewDefinition::new("it", Kind::Parameter, at, at);
                new.ty = Some(self.b.ty(TypeExpr::Given { by, argument, parameter: 0, only: true }));
                self.b.define(new);
            }
        } else if parameters.is_none() {
            let at = Span { start: span(node).start, end: span(node).start };
            self.b.define(NewDefinition::new("it", Kind::Parameter, at, at));
        }
        let all = parameters.map(named).unwrap_or_default();
        let only = all.len() == 1;
        for (i, parameter) in all.into_iter().enumerate() {
            let given = handed.filter(|h| h.0 != self.b.unknown()).map(|(by, argument)| self.b.ty(TypeExpr::Given { by, argument, parameter: i as u32, only }));
            self.variables(parameter, given, Kind::Parameter);
        }
        let known = self.narrowed.len();
        let mut last = self.b.unknown();
        let body = self.b.enter(ScopeKind::Ordered, span(node), None);
        for statement in named(node).into_iter().filter(|n| n.kind() != "lambda_parameters") {
            last = self.statement(statement);
            self.narrow_after(statement);
        }
        self.b.leave(body);
        self.narrowed.truncate(known);
        self.in_literal -= 1;
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result: last })
    }

    pub(super) fn anonymous_function(&mut self, node: Node<'t>) -> TypeId {
        self.handed = None;
        let at = Span { start: span(node).start, end: span(node).start };
        let def = self.b.define(NewDefinition::new("", Kind::Function, at, span(node)));
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.parameters(node, def);
        let declared = named(node).into_iter().skip_while(|n| n.kind() != "function_value_parameters").find(is_type).map(|t| self.value_type(t));
        let mut told = self.b.unknown();
        for body in named(node).into_iter().filter(|n| n.kind() == "function_body").flat_map(named) {
            told = self.statement(body);
        }
        self.b.leave(saved);
        self.b.ty(TypeExpr::Function { result: declared.unwrap_or(told) })
    }

    /// `object : Turns { … }`.
    pub(super) fn object_literal(&mut self, node: Node<'t>) -> TypeId {
        let at = Span { start: span(node).start, end: span(node).start };
        let def = self.b.define(NewDefinition::new("", Kind::Class, at, span(node)));
        let body = named(node).into_iter().find(|n| n.kind() == "class_body");
        self.bases(node, def);
        self.class_body(node, def, body);
        let of = self.b.ty(TypeExpr::Def(def));
        self.b.ty_instance(of)
    }

    /// `::turn`, `Rack::turn`, `rack::turn`, `Rack::class`.
    pub(super) fn reference(&mut self, node: Node<'t>) -> TypeId {
        let parts = named(node);
        let is_class = text(node, self.b.text).trim_end().ends_with("::class");
        let name = parts.iter().copied().rfind(|p| p.kind() == "identifier").filter(|_| !is_class);
        let of = parts.iter().copied().find(|p| name.is_none_or(|n| n.id() != p.id()));
        let owner = of.map(|of| match of.kind() {
            "identifier" => {
                let (word, at) = (self.word(of), span(of));
                self.b.add_use(word, at, Role::Ref, Shape::Plain);
                self.b.ty_name(word, at)
            }
            _ if is_type(&of) => self.receiver_of_reference(of),
            _ => self.expression(of, Role::Read),
        });
        let Some(name) = name else {
            return self.literal("KClass", node);
        };
        let (word, at) = (self.word(name), span(name));
        let callee = match owner {
            Some(owner) => {
                self.b.add_use(word, at, Role::Ref, Shape::Member(owner));
                if owner == self.b.unknown() { owner } else { self.b.ty_member(owner, word) }
            }
            None => {
                self.b.add_use(word, at, Role::Ref, Shape::Plain);
                self.b.ty_name(word, at)
            }
        };
        let result = if callee == self.b.unknown() { callee } else { self.b.ty(TypeExpr::Call { of: callee, args: Vec::new() }) };
        self.b.ty(TypeExpr::Function { result })
    }

    /// What stands before `::` may be a type or a value: a plain name is looked for as either.
    fn receiver_of_reference(&mut self, of: Node<'t>) -> TypeId {
        let parts = named(of);
        match parts[..] {
            [only] if only.kind() == "identifier" => {
                let (word, at) = (self.word(only), span(only));
                self.b.add_use(word, at, Role::Ref, Shape::Plain);
                self.b.ty_name(word, at)
            }
            _ => self.type_ref(of),
        }
    }

    pub(super) fn string(&mut self, node: Node<'t>) -> TypeId {
        if is_text(node) {
            let bound = self.b.kept_as(node.id());
            self.b.text_signal(node, bound);
        }
        let mut is_name = false;
        for part in named(node) {
            match part.kind() {
                "interpolation" => named(part).into_iter().for_each(|inner| {
                    self.expression(inner, Role::Read);
                }),
                "string_content" if is_name => self.plain_name_in(part),
                _ => {}
            }
            is_name = part.kind() == "string_content" && text(part, self.b.text) == "$";
        }
        self.literal("String", node)
    }

    /// `$wheel` in a text: the grammar cuts the sign off and leaves the name to what follows.
    fn plain_name_in(&mut self, node: Node<'t>) {
        let content = text(node, self.b.text);
        let length = content.find(|c: char| !c.is_alphanumeric() && c != '_').unwrap_or(content.len());
        let word = &content[..length];
        if word.starts_with(|c: char| c.is_alphabetic() || c == '_') && word != "this" {
            let start = span(node).start;
            self.b.add_use(word, Span { start, end: start + length as u32 }, Role::Read, Shape::Plain);
        }
    }
}
