//! Classes, modules, methods, and what words of the language define.

use super::{Around, EXTENDED, Reader, said};
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, named, span, text};
use compass_facts::{DefId, Flags, Import, ImportKind, Kind, Role, ScopeKind, Shape, SignalKind, Span, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn doc(&self, node: Node<'t>) -> Option<Span> {
        let is_doc = |c: &str| c.starts_with('#') && !c.starts_with("#!");
        let own = comment_before(node, self.b.text, is_doc);
        // The first of a body has its comment in front of the body.
        let body = node.parent().filter(|p| own.is_none() && p.kind() == "body_statement" && named(*p).first().is_some_and(|f| f.id() == node.id()));
        own.or_else(|| body.and_then(|b| comment_before(b, self.b.text, is_doc)))
    }

    /// `class Rack < Disc`, `module Larder::Racks`.
    pub(super) fn class(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let (word, at, path) = self.named_path(name);
        let kind = if node.kind() == "module" { Kind::Trait } else { Kind::Class };
        let body = node.child_by_field_name("body");
        let mut new = NewDefinition::new(word, kind, at, span(node));
        new.doc = self.doc(node);
        new.body = body.map(span);
        let def = self.b.define(new);
        let base = node.child_by_field_name("superclass").and_then(|s| named(s).into_iter().next()).map(|b| self.class_named(b, Role::Type));
        if let Some(base) = base {
            self.b.add_base(def, base);
        }
        self.class_body(node, body, def, path);
    }

    /// The name of what is defined, its token, and its whole name; what stands before it is used.
    fn named_path(&mut self, name: Node<'t>) -> (&'t str, Span, String) {
        let outer = self.around.last().map(|a| a.path.clone()).unwrap_or_default();
        let join = |front: &str, word: &str| if front.is_empty() { word.to_owned() } else { format!("{front}::{word}") };
        if name.kind() != "scope_resolution" {
            let word = text(name, self.b.text);
            return (word, span(name), join(&outer, word));
        }
        let scope = name.child_by_field_name("scope");
        if let Some(scope) = scope {
            self.class_named(scope, Role::Ref);
        }
        let token = name.child_by_field_name("name").unwrap_or(name);
        let front = scope.map_or("", |s| text(s, self.b.text)).trim_start_matches("::");
        let front = if text(name, self.b.text).starts_with("::") { front.to_owned() } else { join(&outer, front) };
        let word = text(token, self.b.text);
        (word, span(token), join(&front, word))
    }

    pub(super) fn class_body(&mut self, node: Node<'t>, body: Option<Node<'t>>, def: DefId, path: String) {
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.says_path(&path, span(node));
        self.around.push(Around { scope: self.b.place.scope, def, path });
        let outer = (std::mem::replace(&mut self.is_of_class, true), std::mem::take(&mut self.is_private), std::mem::take(&mut self.opens_functions));
        if let Some(body) = body {
            self.block(body);
        }
        (self.is_of_class, self.is_private, self.opens_functions) = outer;
        self.around.pop();
        self.b.leave(saved);
    }

    /// `class << self`.
    pub(super) fn opened_self(&mut self, node: Node<'t>) {
        let outer = (std::mem::take(&mut self.is_private), std::mem::replace(&mut self.opens_functions, true));
        if let Some(body) = node.child_by_field_name("body") {
            self.block(body);
        }
        (self.is_private, self.opens_functions) = outer;
    }

    /// `def turn(by)`, `def self.made`.
    pub(super) fn method(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let is_own = node.kind() == "singleton_method" || self.opens_functions;
        let is_member = !self.around.is_empty();
        let word = text(name, self.b.text);
        let body = node.child_by_field_name("body");
        let kind = match (word, is_member) {
            ("initialize", true) => Kind::Constructor,
            (_, true) => Kind::Method,
            _ => Kind::Function,
        };
        let mut new = NewDefinition::new(word, kind, span(name), span(node));
        new.doc = self.doc(node);
        new.body = body.map(span);
        let is_test = word.starts_with("test_");
        new.flags = Flags::default().with_if(is_own && is_member, Flags::STATIC).with_if(self.is_private, Flags::PRIVATE).with_if(is_test, Flags::TEST);
        // What a hook defines belongs to the classes that the module becomes part of.
        new.flags = new.flags.with_if(self.in_hook, Flags::OF_TYPE);
        let is_hook = is_own && matches!(word, "included" | "extended" | "prepended" | "inherited");
        let doc = new.doc;
        let def = match self.around.last() {
            Some(around) => {
                let scope = around.scope;
                self.b.define_in(scope, new)
            }
            None => self.b.define(new),
        };
        let said = doc.map(|d| said::Said::of(&self.b.text[d.start as usize..d.end as usize])).unwrap_or_default();
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        let in_hook = std::mem::replace(&mut self.in_hook, is_hook);
        let outer = (
            std::mem::replace(&mut self.is_of_class, is_own),
            std::mem::take(&mut self.returns),
            std::mem::take(&mut self.is_private),
            std::mem::take(&mut self.opens_functions),
        );
        if let Some(parameters) = node.child_by_field_name("parameters") {
            self.parameters(parameters, Some(def), &said);
        }
        let mut told = body.map_or(self.b.unknown(), |b| self.body(b));
        for ty in std::mem::take(&mut self.returns) {
            told = self.one_of(told, ty);
        }
        let declared = said.returns.as_deref().and_then(|ty| self.type_said(ty));
        (self.is_of_class, self.returns, self.is_private, self.opens_functions) = outer;
        self.in_hook = in_hook;
        self.b.leave(saved);
        let unknown = self.b.unknown();
        let d = self.b.def_mut(def);
        d.ty = declared.or(Some(told).filter(|t| *t != unknown));
    }

    /// A body, which may be one expression.
    fn body(&mut self, node: Node<'t>) -> TypeId {
        if node.kind() == "body_statement" { self.block(node) } else { self.statement(node) }
    }

    /// Parameters of a method or block.
    pub(super) fn parameters(&mut self, node: Node<'t>, def: Option<DefId>, said: &said::Said) {
        let (mut most, mut least) = (0u8, 0u8);
        for parameter in named(node) {
            let name = match parameter.kind() {
                "identifier" => Some(parameter),
                "destructured_parameter" => {
                    self.parameters(parameter, None, said);
                    None
                }
                _ => parameter.child_by_field_name("name"),
            };
            if let Some(name) = name {
                let ty = said.of_parameter(text(name, self.b.text)).and_then(|t| self.type_said(t));
                self.bind(name, ty, Kind::Parameter);
            }
            if let Some(value) = parameter.child_by_field_name("value") {
                self.expression(value, Role::Read);
            }
            match parameter.kind() {
                "identifier" | "destructured_parameter" => {
                    most = most.saturating_add(u8::from(most < 254));
                    least += u8::from(least < 200);
                }
                "optional_parameter" => most = most.saturating_add(u8::from(most < 254)),
                "splat_parameter" | "keyword_parameter" | "hash_splat_parameter" | "forward_parameter" => most = 255,
                _ => {}
            }
        }
        if let Some(def) = def {
            let d = self.b.def_mut(def);
            (d.arity, d.required) = (most, least);
        }
    }

    pub(super) fn alias(&mut self, node: Node<'t>) {
        let parts = named(node);
        if let [new, old] = parts[..] {
            self.alias_of(new, old, node);
        }
    }

    /// `alias a b`, `alias_method :a, :b`: another name of a method.
    pub(super) fn alias_of(&mut self, new: Node<'t>, old: Node<'t>, whole: Node<'t>) {
        let (Some((new_name, new_at)), Some((old_name, old_at))) = (self.symbol(new), self.symbol(old)) else { return };
        let Some(around) = self.around.last() else { return };
        let scope = around.scope;
        let owner = self.b.ty(TypeExpr::Receiver(scope));
        self.b.add_use(old_name, old_at, Role::Ref, Shape::Member(owner));
        let member = self.b.ty_member(owner, old_name);
        let mut made = NewDefinition::new(new_name, Kind::Method, new_at, span(whole));
        made.ty = Some(self.b.ty(TypeExpr::Call { of: member, args: Vec::new() }));
        self.b.define_in(scope, made);
    }

    /// What a call without a receiver in the body of a class does to it.
    pub(super) fn declares(&mut self, word: &str, args: &[Node<'t>], node: Node<'t>) -> bool {
        let Some((scope, def)) = self.around.last().map(|a| (a.scope, a.def)) else { return false };
        match word {
            "include" | "prepend" => {
                for arg in args {
                    let base = self.class_named(*arg, Role::Type);
                    self.b.add_base(def, base);
                }
            }
            "extend" => {
                for arg in args {
                    let ty = if arg.kind() == "self" { self.b.ty(TypeExpr::ReceiverType(scope)) } else { self.class_named(*arg, Role::Type) };
                    let here = Span { start: span(node).start, end: span(node).start };
                    let mut new = NewDefinition::new(EXTENDED, Kind::Parameter, here, here);
                    new.ty = Some(ty);
                    self.b.define_in(scope, new);
                }
            }
            "attr_reader" | "attr_accessor" | "attr_writer" | "attr" => {
                for arg in args {
                    self.accessors(*arg, word, node);
                }
            }
            "attach_function" => self.attached(args, node),
            "alias_method" => {
                if let [new, old, ..] = args {
                    self.alias_of(*new, *old, node);
                }
            }
            "private" | "private_class_method" | "protected" | "public" | "module_function" | "private_constant" => self.access(word, args),
            "define_method" => return self.method_of_block(args, node),
            _ => return false,
        }
        true
    }

    /// `attach_function :days, :ripening_days, [:int], :int`: a function of a library, as a method of the module.
    fn attached(&mut self, args: &[Node<'t>], whole: Node<'t>) {
        let Some((name, at)) = args.first().and_then(|a| self.symbol(*a)) else { return };
        let Some(scope) = self.around.last().map(|a| a.scope) else { return };
        let of_library = args.get(1).filter(|a| matches!(a.kind(), "simple_symbol" | "string")).and_then(|a| self.symbol(*a)).map_or(name, |s| s.0);
        let mut new = NewDefinition::new(name, Kind::Method, at, span(whole));
        (new.flags, new.doc) = (Flags::STATIC, self.doc(whole));
        let def = self.b.define_in(scope, new);
        let asked = self.b.intern(of_library);
        self.b.signal(span(whole), SignalKind::NativeImport(def, asked, true));
    }

    /// `attr_accessor :count`: methods `count` and `count=`.
    fn accessors(&mut self, symbol: Node<'t>, word: &str, whole: Node<'t>) {
        let Some((name, at)) = self.symbol(symbol) else { return };
        let Some(around) = self.around.last() else { return };
        let scope = around.scope;
        let owner = self.b.ty(TypeExpr::Receiver(scope));
        let value = self.b.ty_member(owner, &format!("@{name}"));
        let flags = Flags::PROPERTY.with_if(self.is_private, Flags::PRIVATE).with_if(self.opens_functions, Flags::STATIC);
        let doc = self.doc(whole);
        if word != "attr_writer" {
            let mut new = NewDefinition::new(name, Kind::Method, at, span(whole));
            let said = doc.map(|d| said::Said::of(&self.b.text[d.start as usize..d.end as usize])).unwrap_or_default();
            new.ty = Some(said.returns.as_deref().and_then(|t| self.type_said(t)).unwrap_or(value));
            (new.flags, new.doc) = (flags, doc);
            self.b.define_in(scope, new);
        }
        if matches!(word, "attr_writer" | "attr_accessor") {
            let setter = format!("{name}=");
            let mut new = NewDefinition::new(&setter, Kind::Method, at, span(whole));
            (new.ty, new.flags, new.doc) = (Some(value), flags, doc);
            let made = self.b.define_in(scope, new);
            self.b.def_mut(made).arity = 1;
            if word == "attr_accessor" {
                self.b.note_made(made, "attr_accessor");
            }
        }
    }

    /// `private`, alone or with names.
    fn access(&mut self, word: &str, args: &[Node<'t>]) {
        match (word, args.is_empty()) {
            ("module_function", true) => self.opens_functions = true,
            (_, true) => self.is_private = matches!(word, "private"),
            _ => {}
        }
        for arg in args {
            match arg.kind() {
                "method" | "singleton_method" => {
                    let outer = std::mem::replace(&mut self.is_private, word == "private");
                    self.method(*arg);
                    self.is_private = outer;
                }
                _ => {
                    let Some((name, at)) = self.symbol(*arg) else { continue };
                    let Some(around) = self.around.last() else { continue };
                    let scope = around.scope;
                    let owner = self.b.ty(TypeExpr::Receiver(scope));
                    self.b.add_use(name, at, Role::Ref, Shape::Member(owner));
                }
            }
        }
    }

    /// `define_method(:turn) { |by| … }`.
    fn method_of_block(&mut self, args: &[Node<'t>], node: Node<'t>) -> bool {
        let Some((name, at)) = args.first().and_then(|a| self.symbol(*a)) else { return false };
        let Some(around) = self.around.last() else { return false };
        let scope = around.scope;
        let mut new = NewDefinition::new(name, Kind::Method, at, span(node));
        new.doc = self.doc(node);
        let def = self.b.define_in(scope, new);
        self.b.def_mut(def).arity = 255;
        let outer = std::mem::replace(&mut self.is_of_class, false);
        if let Some(block) = node.child_by_field_name("block") {
            self.literal_block(block, None);
        }
        self.is_of_class = outer;
        true
    }

    /// `Slot = Struct.new(:at, :wheel) do … end`.
    pub(super) fn structure(&mut self, name: Node<'t>, value: Node<'t>, whole: Node<'t>) -> bool {
        let receiver = value.child_by_field_name("receiver").map_or("", |r| text(r, self.b.text));
        let method = value.child_by_field_name("method").map_or("", |m| text(m, self.b.text));
        if !matches!((receiver, method), ("Struct" | "Class" | "Module", "new") | ("Data", "define")) || name.kind() != "constant" {
            return false;
        }
        let word = text(name, self.b.text);
        let kind = if receiver == "Module" { Kind::Trait } else { Kind::Class };
        let mut new = NewDefinition::new(word, kind, span(name), span(whole));
        new.doc = self.doc(whole);
        let def = self.b.define(new);
        let path = match self.around.last() {
            Some(around) => format!("{}::{word}", around.path),
            None => word.to_owned(),
        };
        let args: Vec<Node<'t>> = value.child_by_field_name("arguments").map(|a| named(a).into_vec()).unwrap_or_default();
        if receiver == "Class"
            && let Some(base) = args.first()
        {
            let base = self.class_named(*base, Role::Type);
            self.b.add_base(def, base);
        }
        let saved = self.b.enter(ScopeKind::Type, span(whole), Some(def));
        self.says_path(&path, span(whole));
        self.around.push(Around { scope: self.b.place.scope, def, path });
        let outer = (std::mem::replace(&mut self.is_of_class, true), std::mem::take(&mut self.is_private));
        for arg in args.iter().filter(|_| matches!(receiver, "Struct" | "Data")) {
            self.accessors(*arg, if receiver == "Struct" { "attr_accessor" } else { "attr_reader" }, *arg);
        }
        if let Some(body) = value.child_by_field_name("block") {
            for part in named(body).into_iter().filter(|p| p.kind() != "block_parameters") {
                self.block(part);
            }
        }
        (self.is_of_class, self.is_private) = outer;
        self.around.pop();
        self.b.leave(saved);
        true
    }

    /// `require "set"`, `require_relative "wheel"`, `load`, `autoload :Rack, "rack"`.
    pub(super) fn required(&mut self, word: &str, args: &[Node<'t>], node: Node<'t>) -> bool {
        let path = match (word, args) {
            ("require" | "require_relative" | "load", [path]) | ("autoload", [_, path]) => path,
            _ => return false,
        };
        let parts = named(*path);
        let written = parts.first().filter(|n| path.kind() == "string" && parts.len() == 1 && n.kind() == "string_content").copied();
        let Some(content) = written else {
            self.b.import_at_run_time(span(node));
            return false;
        };
        let module = text(content, self.b.text).trim_end_matches(".rb").to_owned();
        let module = if word == "require_relative" { format!("./{module}") } else { module };
        let import = Import { kind: ImportKind::Module, module: self.b.intern(&module), ..self.import_at(span(node), span(content)) };
        let id = self.b.add_import(import);
        self.b.add_use(text(content, self.b.text), span(content), Role::Import, Shape::Import(id));
        true
    }

    /// A type as a comment says it: `Rack`, `Array<Rack>`, `Larder::Rack, nil`.
    pub(super) fn type_said(&mut self, said: &str) -> Option<TypeId> {
        let mut all = Vec::new();
        for part in said::parts(said).into_iter().filter(|p| !matches!(*p, "nil" | "void" | "self" | "Boolean" | "true" | "false" | "Object")).take(4) {
            let (outer, inner) = part.split_once(['<', '{']).map_or((part, None), |(o, i)| (o, Some(i.trim_end_matches(['>', '}']))));
            let ty = match (outer, inner) {
                ("Array" | "Enumerator" | "Enumerable" | "Set", Some(inner)) => self.type_said(inner).map(|t| self.b.ty(TypeExpr::List(t))),
                ("Hash", Some(inner)) => {
                    let value = inner.split_once("=>").or(inner.split_once(',')).map_or(inner, |p| p.1);
                    self.type_said(value.trim()).map(|t| self.b.ty(TypeExpr::Map(t)))
                }
                _ => Some(self.value_of_class(outer)),
            };
            all.extend(ty);
        }
        match all[..] {
            [] => None,
            [only] => Some(only),
            _ => Some(self.b.ty(TypeExpr::Union(all))),
        }
    }

    /// A value of a class by its name, without a use.
    pub(super) fn value_of_class(&mut self, path: &str) -> TypeId {
        let at = Span::default();
        let mut parts = path.trim_start_matches("::").split("::");
        let mut of = parts.next().map_or(self.b.unknown(), |first| self.b.ty_name(first, at));
        for part in parts {
            of = self.b.ty_member(of, part);
        }
        self.b.ty_instance(of)
    }
}
