//! ES module imports and exports.

use super::Reader;
use crate::reader::classes::unquoted;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, has_child, named, span, text};
use compass_facts::{Import, ImportId, ImportKind, Role, Shape, Span, TypeExpr, TypeId};

/// One name of an import or re-export.
pub(super) struct Binding<'n> {
    pub(super) kind: ImportKind,
    pub(super) name: Option<&'n str>,
    pub(super) bound: Option<&'n str>,
    pub(super) at: Span,
    pub(super) whole: Span,
    pub(super) reexport: bool,
}

impl<'t> Reader<'t> {
    pub(super) fn import_binding(&mut self, module: &str, binding: Binding) -> ImportId {
        let module = self.b.intern(module);
        let name = binding.name.map(|n| self.b.intern(n));
        let bound = binding.bound.map(|n| self.b.intern(n));
        let scope = self.b.place.scope;
        self.b.add_import(Import {
            kind: binding.kind,
            module,
            name,
            bound,
            scope,
            span: binding.whole,
            name_span: binding.at,
            reexport: binding.reexport,
            system: false,
        })
    }

    /// `import("./x")`, as a value (what comes is the module) or in a type. A module that is computed is read as any other argument.
    pub(super) fn import_call(&mut self, node: Node<'t>) -> TypeId {
        let arguments: Vec<Node> = node.child_by_field_name("arguments").map(named).unwrap_or_default().into_iter().collect();
        let module = arguments.first().filter(|a| a.kind() == "string").map(|a| (unquoted(text(*a, self.b.text)).to_owned(), span(*a)));
        for argument in arguments.iter().skip(usize::from(module.is_some())) {
            self.expression(*argument, Role::Pass);
        }
        let Some((module, at)) = module else { return self.b.unknown() };
        let id = self.import_binding(&module, Binding { kind: ImportKind::Module, name: None, bound: None, at, whole: span(node), reexport: false });
        self.b.ty(TypeExpr::Import(id))
    }

    /// As [`Self::import_binding`], for `require`: a package may have another entry for it.
    pub(super) fn required_binding(&mut self, module: &str, binding: Binding) -> ImportId {
        let id = self.import_binding(module, binding);
        self.b.set_required(id);
        id
    }

    pub(super) fn import(&mut self, node: Node<'t>) {
        let whole = span(node);
        if let Some(clause) = find_child(node, "import_require_clause") {
            let (name, source) = (named(clause).into_iter().next(), clause.child_by_field_name("source"));
            if let (Some(name), Some(source)) = (name, source) {
                let module = unquoted(text(source, self.b.text));
                let bound = text(name, self.b.text);
                self.required_binding(module, Binding { kind: ImportKind::Name, name: Some("="), bound: Some(bound), at: span(name), whole, reexport: false });
            }
            return;
        }
        let Some(source) = node.child_by_field_name("source") else { return };
        let module = unquoted(text(source, self.b.text));
        let Some(clause) = find_child(node, "import_clause") else {
            self.import_binding(module, Binding { kind: ImportKind::Effect, name: None, bound: None, at: span(source), whole, reexport: false });
            return;
        };
        for part in named(clause) {
            match part.kind() {
                "identifier" => {
                    let bound = text(part, self.b.text);
                    let id = self.import_binding(
                        module,
                        Binding { kind: ImportKind::Name, name: Some("default"), bound: Some(bound), at: span(part), whole, reexport: false },
                    );
                    self.b.add_use(bound, span(part), Role::Import, Shape::Import(id));
                }
                "namespace_import" => {
                    if let Some(name) = named(part).into_iter().next() {
                        let bound = text(name, self.b.text);
                        self.import_binding(
                            module,
                            Binding { kind: ImportKind::Module, name: None, bound: Some(bound), at: span(name), whole, reexport: false },
                        );
                    }
                }
                "named_imports" => {
                    for specifier in named(part) {
                        self.specifier(specifier, module, whole, false);
                    }
                }
                _ => {}
            }
        }
    }

    /// `a`, `a as b` in braces.
    fn specifier(&mut self, node: Node<'t>, module: &str, whole: Span, reexport: bool) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let alias = node.child_by_field_name("alias");
        let word = unquoted(text(name, self.b.text));
        let bound = alias.map_or(word, |a| unquoted(text(a, self.b.text)));
        let at = alias.map_or(span(name), span);
        let id = self.import_binding(module, Binding { kind: ImportKind::Name, name: Some(word), bound: Some(bound), at, whole, reexport });
        self.b.add_use(word, span(name), Role::Import, Shape::Import(id));
        if let Some(alias) = alias {
            self.b.add_use(bound, span(alias), Role::Import, Shape::Import(id));
        }
    }

    pub(super) fn import_alias(&mut self, node: Node<'t>) {
        let parts = named(node);
        if let [name, target] = parts[..] {
            let ty = self.type_ref(target);
            let mut new = self.new_item(node, name, compass_facts::Kind::Alias);
            new.ty = Some(ty);
            self.b.define(new);
        }
    }

    pub(super) fn export(&mut self, node: Node<'t>) {
        for part in named(node) {
            if part.kind() == "decorator" {
                self.expression(part, Role::Read);
            }
        }
        if let Some(source) = node.child_by_field_name("source") {
            self.reexport(node, unquoted(text(source, self.b.text)));
            return;
        }
        let is_default = has_child(node, "default");
        if let Some(declaration) = node.child_by_field_name("declaration") {
            let saved = std::mem::replace(&mut self.exported, true);
            self.statement(declaration);
            self.exported = saved;
            if is_default {
                self.default_name(declaration, find_child(node, "default").map(span));
            }
            return;
        }
        if let Some(value) = node.child_by_field_name("value") {
            self.export_value(value, find_child(node, "default").map(span));
            return;
        }
        if let Some(clause) = find_child(node, "export_clause") {
            for specifier in named(clause) {
                self.export_specifier(specifier);
            }
            // `export {}` exports nothing, and makes a module of the file all the same.
            if named(clause).is_empty() {
                let nothing = self.b.unknown();
                self.b.add_export("", nothing, span(clause));
            }
            return;
        }
        // `export = x`, `export as namespace X`, `export import a = b`.
        let is_assignment = has_child(node, "=");
        for part in named(node) {
            match part.kind() {
                "import_alias" => self.statement(part),
                "identifier" if has_child(node, "namespace") => {}
                _ => {
                    let ty = self.expression(part, Role::Ref);
                    if is_assignment {
                        self.b.add_export("=", ty, span(part));
                    }
                }
            }
        }
    }

    /// `export default function f() {}`: the declaration under the name `default`.
    fn default_name(&mut self, declaration: Node<'t>, token: Option<Span>) {
        match declaration.child_by_field_name("name") {
            Some(name) => {
                let ty = self.b.ty_name(text(name, self.b.text), span(name));
                self.b.add_export("default", ty, span(name));
            }
            None => self.export_value(declaration, token),
        }
    }

    /// `export default <expression>`; a function or class without a name is defined as `default`.
    fn export_value(&mut self, value: Node<'t>, token: Option<Span>) {
        let kind = match value.kind() {
            "arrow_function" | "function_expression" | "function_declaration" | "generator_function" => Some(compass_facts::Kind::Function),
            "class" | "class_declaration" => Some(compass_facts::Kind::Class),
            "object" => Some(compass_facts::Kind::Constant),
            _ => None,
        };
        let Some(kind) = kind else {
            let ty = self.expression(value, Role::Ref);
            self.b.add_export("default", ty, span(value));
            return;
        };
        let def = self.unnamed("default", token, kind, value);
        let ty = self.b.ty(compass_facts::TypeExpr::Def(def));
        self.b.add_export("default", ty, span(value));
    }

    fn export_specifier(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let word = unquoted(text(name, self.b.text));
        self.b.add_use(word, span(name), Role::Ref, Shape::Plain);
        let ty = self.b.ty_name(word, span(name));
        let alias = node.child_by_field_name("alias").map_or(word, |a| unquoted(text(a, self.b.text)));
        self.b.add_export(alias, ty, span(node));
    }

    /// `export { a } from "m"`, `export * from "m"`, `export * as ns from "m"`.
    fn reexport(&mut self, node: Node<'t>, module: &str) {
        let whole = span(node);
        if let Some(clause) = find_child(node, "export_clause") {
            for specifier in named(clause) {
                self.specifier(specifier, module, whole, true);
            }
        } else if let Some(namespace) = find_child(node, "namespace_export") {
            if let Some(name) = named(namespace).into_iter().next() {
                let bound = text(name, self.b.text);
                self.import_binding(module, Binding { kind: ImportKind::Module, name: None, bound: Some(bound), at: span(name), whole, reexport: true });
            }
        } else {
            self.import_binding(module, Binding { kind: ImportKind::Glob, name: None, bound: None, at: whole, whole, reexport: true });
        }
    }
}
