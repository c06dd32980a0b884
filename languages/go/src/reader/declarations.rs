//! Packages, imports, functions, methods, types with their members, variables.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, find_child, has_child, listed, named, span, text};
use compass_facts::{DefId, Extension, Flags, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, SignalKind, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    pub(super) fn package(&mut self, node: Node<'t>) {
        let Some(name) = named(node).into_iter().next() else { return };
        let module = self.b.intern(text(name, self.b.text));
        let at = span(name);
        self.b.add_import(Import {
            kind: ImportKind::Within,
            module,
            name: None,
            bound: None,
            scope: ScopeId::FILE,
            span: span(node),
            name_span: at,
            reexport: false,
            system: false,
        });
    }

    pub(super) fn import(&mut self, node: Node<'t>) {
        let Some(path) = node.child_by_field_name("path") else { return };
        let alias = node.child_by_field_name("name");
        let word = alias.map_or("", |a| text(a, self.b.text));
        let kind = match word {
            "." => ImportKind::Glob,
            "_" => ImportKind::Effect,
            _ => ImportKind::Module,
        };
        let bound = if kind == ImportKind::Module { alias.map(|a| self.b.intern(text(a, self.b.text))) } else { None };
        let module = self.b.intern(text(path, self.b.text).trim_matches(['"', '`']));
        let at = span(path);
        let name_span = compass_facts::Span { start: at.start + 1, end: at.end.saturating_sub(1).max(at.start + 1) };
        self.b.add_import(Import { kind, module, name: None, bound, scope: ScopeId::FILE, span: span(node), name_span, reexport: false, system: false });
    }

    pub(super) fn function(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let def = self.define_function(node, name, Kind::Function);
        // `//export name`: C finds it under that name.
        let said = self.b.so_far().def(def).doc.map_or("", |d| d.of(self.b.text));
        if let Some(exported) = said.lines().find_map(|l| l.strip_prefix("//export ")).map(str::trim).filter(|n| !n.is_empty()) {
            let name = self.b.intern(exported);
            self.b.signal(span(node), SignalKind::NativeExport(def, name));
        }
        self.function_body(node, def);
    }

    fn define_function(&mut self, node: Node<'t>, name: Node<'t>, kind: Kind) -> DefId {
        let word = text(name, self.b.text);
        let mut new = NewDefinition::new(word, kind, span(name), span(node));
        new.body = node.child_by_field_name("body").map(span);
        new.doc = comment_before(node, self.b.text, |_| true);
        new.flags = exported(word)
            .with_if(["Test", "Benchmark", "Example", "Fuzz"].iter().any(|t| word.starts_with(t)) && kind == Kind::Function, Flags::TEST)
            .with_if(new.body.is_none(), Flags::BODILESS);
        self.b.define(new)
    }

    fn function_body(&mut self, node: Node<'t>, def: DefId) {
        let saved = self.b.enter(ScopeKind::Function, span(node), Some(def));
        self.type_parameters(node);
        // Parameters hold from the body on: in `f(flag *flag.Flag)` the second `flag` is the package.
        let heads = self.b.enter(ScopeKind::Ordered, span(node), None);
        if let Some(receiver) = node.child_by_field_name("receiver") {
            self.parameters(Some(receiver));
        }
        let parameters = self.parameters(node.child_by_field_name("parameters"));
        let ty = node.child_by_field_name("result").map(|r| self.result(r));
        let open = node.child_by_field_name("parameters").is_some_and(|p| has_child(p, "variadic_parameter_declaration"));
        let d = self.b.def_mut(def);
        d.ty = ty;
        d.arity = if open { 255 } else { parameters.len().min(254) as u8 };
        d.required = parameters.len().min(254) as u8;
        if let Some(body) = node.child_by_field_name("body") {
            let inner = self.b.enter(ScopeKind::Ordered, span(body), None);
            self.all(body);
            self.b.leave(inner);
        }
        self.b.leave(heads);
        self.b.leave(saved);
    }

    pub(super) fn method(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let receiver = node.child_by_field_name("receiver").and_then(|r| named(r).into_iter().next()).and_then(|p| p.child_by_field_name("type"));
        let plain = receiver.map(|t| text(t, self.b.text).trim_start_matches(['*', '(', ' ']).trim_end_matches([')', ' '])).filter(|t| !t.contains('['));
        let saved = self.b.place;
        match plain.and_then(|p| self.methods.get(p)) {
            // The methods of a type share a scope, unless its parameters have names of their own in each.
            Some(scope) => self.b.place.scope = *scope,
            None => {
                self.b.enter(ScopeKind::Type, span(node), None);
                let scope = self.b.place.scope;
                if let Some(of) = receiver.and_then(|t| self.receiver_type(t)) {
                    self.b.add_extension(Extension { scope, of, implements: None });
                    plain.map(|p| self.methods.insert(p, scope));
                }
            }
        }
        let def = self.define_function(node, name, Kind::Method);
        let written = super::signatures::signature(node, self.b.text);
        self.b.add_signature(def, &written);
        self.function_body(node, def);
        self.b.leave(saved);
    }

    /// The type a method belongs to; the use of its name is recorded with the parameter. Names between its brackets are the method's own.
    fn receiver_type(&mut self, node: Node<'t>) -> Option<TypeId> {
        match node.kind() {
            "type_identifier" => Some(self.type_name(text(node, self.b.text), span(node))),
            "generic_type" => {
                for argument in node.child_by_field_name("type_arguments").map(named).unwrap_or_default() {
                    let name = if argument.kind() == "type_elem" { named(argument).into_iter().next().unwrap_or(argument) } else { argument };
                    let new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(name));
                    self.b.define(new);
                }
                node.child_by_field_name("type").and_then(|t| self.receiver_type(t))
            }
            _ => named(node).into_iter().find_map(|n| self.receiver_type(n)),
        }
    }

    pub(super) fn type_parameters(&mut self, node: Node<'t>) {
        for parameter in node.child_by_field_name("type_parameters").map(named).unwrap_or_default() {
            let mut defs = Vec::new();
            let names: Vec<Node<'t>> = parameter.children_by_field_name("name").collect();
            for name in names {
                let new = NewDefinition::new(text(name, self.b.text), Kind::TypeParameter, span(name), span(parameter));
                defs.push(self.b.define(new));
            }
            if let Some(bound) = parameter.child_by_field_name("type") {
                let ty = self.type_ref(bound);
                defs.into_iter().for_each(|d| self.b.def_mut(d).ty = Some(ty));
            }
        }
    }

    /// Parameters or named results; gives a type for each.
    pub(super) fn parameters(&mut self, list: Option<Node<'t>>) -> Vec<TypeId> {
        let mut types = Vec::new();
        for parameter in list.map(named).unwrap_or_default() {
            let names: Vec<Node<'t>> = parameter.children_by_field_name("name").collect();
            let Some(written) = parameter.child_by_field_name("type") else { continue };
            let mut ty = self.value_type(written);
            if parameter.kind() == "variadic_parameter_declaration" {
                ty = self.b.ty(TypeExpr::List(ty));
            }
            for name in &names {
                let mut new = NewDefinition::new(text(*name, self.b.text), Kind::Parameter, span(*name), span(parameter));
                new.ty = Some(ty);
                let def = self.b.define(new);
                self.b.def_mut(def).visible_from = list.map_or(0, |l| span(l).end);
            }
            types.extend(std::iter::repeat_n(ty, names.len().max(1)));
        }
        types
    }

    pub(super) fn type_spec(&mut self, node: Node<'t>) {
        let (Some(name), Some(ty)) = (node.child_by_field_name("name"), node.child_by_field_name("type")) else { return };
        let kind = match ty.kind() {
            "struct_type" => Kind::Struct,
            "interface_type" => Kind::Interface,
            _ => Kind::Alias,
        };
        let word = text(name, self.b.text);
        let mut new = NewDefinition::new(word, kind, span(name), span(node));
        let around = node.parent().filter(|p| p.named_child_count() == 1).unwrap_or(node);
        new.doc = comment_before(node, self.b.text, |_| true).or_else(|| comment_before(around, self.b.text, |_| true));
        new.flags = exported(word);
        new.body = if kind == Kind::Alias { None } else { Some(span(ty)) };
        let def = self.b.define(new);
        if node.kind() == "type_alias" {
            let target = self.type_ref(ty);
            self.b.def_mut(def).ty = Some(target);
            return;
        }
        let saved = self.b.enter(ScopeKind::Type, span(node), Some(def));
        self.type_parameters(node);
        if kind == Kind::Alias {
            // A type of its own that is made like another one: it has that one's fields and elements, not its methods.
            let made_like = self.value_type(ty);
            self.b.def_mut(def).ty = Some(made_like);
        } else {
            self.members(ty, def);
        }
        self.b.leave(saved);
    }

    /// Fields of a struct, methods of an interface; the scope of the type is open.
    pub(super) fn members(&mut self, node: Node<'t>, of: DefId) {
        for member in named(node) {
            match member.kind() {
                "field_declaration_list" => self.members(member, of),
                "field_declaration" => self.field(member, of),
                "method_elem" | "method_spec" => {
                    let Some(name) = member.child_by_field_name("name") else { continue };
                    let word = text(name, self.b.text);
                    let mut new = NewDefinition::new(word, Kind::Method, span(name), span(member));
                    new.flags = exported(word).with(Flags::ABSTRACT);
                    new.doc = comment_before(member, self.b.text, |_| true);
                    let def = self.b.define(new);
                    let written = super::signatures::signature(member, self.b.text);
                    self.b.add_signature(def, &written);
                    self.function_body(member, def);
                }
                "type_elem" | "constraint_elem" | "struct_elem" if member.named_child_count() == 1 => {
                    let ty = self.type_ref(member);
                    self.b.add_base(of, ty);
                }
                "comment" => {}
                _ => {
                    self.type_ref(member);
                }
            }
        }
    }

    fn field(&mut self, node: Node<'t>, of: DefId) {
        let names: Vec<Node<'t>> = node.children_by_field_name("name").collect();
        let Some(written) = node.child_by_field_name("type") else { return };
        let doc = comment_before(node, self.b.text, |_| true);
        if names.is_empty() {
            // Embedded: a field by the name of its type, whose members are members here.
            let ty = self.type_ref(written);
            let Some(last) = last_name(written) else { return };
            let word = text(last, self.b.text);
            let mut new = NewDefinition::new(word, Kind::Field, span(last), span(node));
            new.flags = exported(word);
            new.doc = doc;
            new.ty = Some(self.b.ty_instance(ty));
            self.b.define(new);
            self.b.add_base(of, ty);
            return;
        }
        let ty = self.value_type(written);
        for name in names {
            let word = text(name, self.b.text);
            let mut new = NewDefinition::new(word, Kind::Field, span(name), span(node));
            new.flags = exported(word);
            new.doc = doc;
            new.ty = Some(ty);
            self.b.define(new);
        }
    }

    /// `var` and `const`: names, maybe a type, maybe values.
    pub(super) fn variables(&mut self, node: Node<'t>, kind: Kind) {
        let names: Vec<Node<'t>> = node.children_by_field_name("name").filter(|n| n.is_named()).collect();
        let declared = node.child_by_field_name("type").map(|t| self.value_type(t));
        if let (Some(value), [name]) = (node.child_by_field_name("value"), &names[..]) {
            self.kept_under(*name, value);
        }
        let values = node.child_by_field_name("value").map(|v| self.values(v, names.len())).unwrap_or_default();
        let around = node.parent().filter(|p| p.named_child_count() == 1).unwrap_or(node);
        let doc = comment_before(node, self.b.text, |_| true).or_else(|| comment_before(around, self.b.text, |_| true));
        for (i, name) in names.into_iter().enumerate() {
            let word = text(name, self.b.text);
            if word == "_" {
                continue;
            }
            let mut new = NewDefinition::new(word, kind, span(name), span(node));
            new.flags = exported(word).with_if(declared.is_none(), Flags::INFERRED);
            new.doc = doc;
            new.ty = declared.or(values.get(i).copied());
            let def = self.b.define(new);
            self.b.def_mut(def).visible_from = span(node).end;
        }
    }

    /// A text is known by the name it is kept under.
    pub(super) fn kept_under(&mut self, name: Node<'t>, values: Node<'t>) {
        if let [value] = &named(values)[..] {
            self.b.kept = Some((value.id(), span(name).start));
        }
    }

    /// What so many names get: a value each, or the parts of one.
    pub(super) fn values(&mut self, node: Node<'t>, names: usize) -> Vec<TypeId> {
        let parts = listed(node);
        let [only] = parts[..] else { return parts.into_iter().map(|p| self.expression(p, Role::Read)).collect() };
        let ty = self.expression(only, Role::Read);
        if names < 2 || ty == self.b.unknown() {
            return vec![ty];
        }
        if only.kind() == "call_expression" {
            return (0..names as u32).map(|index| self.b.ty(TypeExpr::Part { of: ty, index })).collect();
        }
        // `v, ok := m[k]` and its like: the value, and whether there is one.
        vec![ty]
    }
}

/// Names in capitals are seen outside the package.
fn exported(name: &str) -> Flags {
    Flags::default().with_if(name.starts_with(char::is_uppercase), Flags::EXPORTED).with_if(!name.starts_with(char::is_uppercase), Flags::PRIVATE)
}

/// The last name of a type as written: `T` of `*pkg.T[int]`.
fn last_name(node: Node) -> Option<Node> {
    match node.kind() {
        "type_identifier" => Some(node),
        "qualified_type" => node.child_by_field_name("name"),
        "generic_type" => node.child_by_field_name("type").and_then(last_name),
        _ => find_child(node, "type_identifier").or_else(|| named(node).into_iter().find_map(last_name)),
    }
}
