//! CommonJS: `require`, `module.exports`, `exports.name`; and members assigned to prototypes and functions.

use super::Reader;
use super::imports::Binding;
use crate::reader::classes::unquoted;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{comment_before, named, span, text};
use compass_facts::{DefId, Extension, Flags, ImportKind, Kind, Role, ScopeKind, Shape, TypeExpr};

impl<'t> Reader<'t> {
    /// `const x = require("m")`, `const { a, b: c } = require("m")`: imports. Tells whether it was one.
    pub(super) fn required(&mut self, name: Node<'t>, value: Node<'t>, statement: Node<'t>) -> bool {
        let (call, member) = match value.kind() {
            "member_expression" => (value.child_by_field_name("object"), value.child_by_field_name("property")),
            _ => (Some(value), None),
        };
        let Some(module) = call.and_then(|c| self.required_module(c)) else { return false };
        let module = module.to_owned();
        let whole = span(statement);
        let bound = text(name, self.b.text);
        match (name.kind(), member) {
            ("identifier", None) => {
                let id = self
                    .required_binding(&module, Binding { kind: ImportKind::Name, name: Some("="), bound: Some(bound), at: span(name), whole, reexport: false });
                self.b.add_use(bound, span(name), Role::Import, Shape::Import(id));
            }
            ("identifier", Some(property)) => {
                let taken = text(property, self.b.text);
                let id = self.required_binding(
                    &module,
                    Binding { kind: ImportKind::Name, name: Some(taken), bound: Some(bound), at: span(name), whole, reexport: false },
                );
                self.b.add_use(taken, span(property), Role::Import, Shape::Import(id));
            }
            ("object_pattern", None) => {
                for part in named(name) {
                    self.required_part(part, &module, whole);
                }
            }
            _ => return false,
        }
        true
    }

    fn required_part(&mut self, part: Node<'t>, module: &str, whole: compass_facts::Span) {
        let (key, bound) = match part.kind() {
            "pair_pattern" => (part.child_by_field_name("key"), part.child_by_field_name("value")),
            "object_assignment_pattern" => (part.child_by_field_name("left"), part.child_by_field_name("left")),
            _ => (Some(part), Some(part)),
        };
        let (Some(key), Some(bound)) = (key, bound) else { return };
        let taken = text(key, self.b.text);
        let id = self.required_binding(
            module,
            Binding { kind: ImportKind::Name, name: Some(taken), bound: Some(text(bound, self.b.text)), at: span(bound), whole, reexport: false },
        );
        self.b.add_use(taken, span(key), Role::Import, Shape::Import(id));
    }

    /// The module of a call `require("m")`.
    pub(super) fn required_module(&self, call: Node<'t>) -> Option<&'t str> {
        let function = call.child_by_field_name("function")?;
        if call.kind() != "call_expression" || text(function, self.b.text) != "require" {
            return None;
        }
        let argument = call.child_by_field_name("arguments").map(named)?.into_iter().next()?;
        (argument.kind() == "string").then(|| unquoted(text(argument, self.b.text)))
    }

    /// `exports = module.exports = value`: the value is read once, every name on the way gets it.
    pub(super) fn chained_assignment(&mut self, lefts: &[Node<'t>], value: Node<'t>, whole: Node<'t>) -> compass_facts::TypeId {
        self.made = None;
        if is_void(value, self.b.text) {
            for left in lefts {
                self.announced(*left);
            }
            return self.expression(value, Role::Read);
        }
        let first = lefts.iter().position(|l| self.defining_assignment(*l, value, whole));
        let ty = match (first, self.made) {
            (Some(_), Some(made)) => made,
            (Some(_), None) => self.b.unknown(),
            (None, _) => self.expression(value, Role::Read),
        };
        for (i, left) in lefts.iter().enumerate() {
            if Some(i) == first {
                continue;
            }
            match exported_name(*left, self.b.text) {
                Some(name) => {
                    self.b.add_export(name, ty, span(*left));
                    if let Some(property) = left.child_by_field_name("property").filter(|_| name != "=") {
                        self.stands_for(property, ty);
                    }
                }
                None => {
                    self.expression(*left, Role::Write);
                }
            }
        }
        ty
    }

    /// Assignments that define something: exports, prototype members, members of a function or object.
    pub(super) fn defining_assignment(&mut self, left: Node<'t>, right: Node<'t>, whole: Node<'t>) -> bool {
        if left.kind() != "member_expression" {
            return false;
        }
        let (Some(object), Some(property)) = (left.child_by_field_name("object"), left.child_by_field_name("property")) else { return false };
        let (owner, name) = (text(object, self.b.text), text(property, self.b.text));
        match (owner, name) {
            ("module", "exports") => {
                self.export_assignment("=", property, right, whole);
                true
            }
            ("exports" | "module.exports", _) => {
                self.export_assignment(name, property, right, whole);
                true
            }
            _ if self.whole.as_deref() == Some(owner) => {
                self.note_whole(object);
                self.export_assignment(name, property, right, whole);
                true
            }
            ("this", _) => self.assigned_field(property, right, whole),
            _ if owner.ends_with(".prototype") => {
                let class = object.child_by_field_name("object");
                class.is_some_and(|c| self.assigned_member(c, property, right, whole, true))
            }
            _ if name == "prototype" && right.kind() == "object" => {
                self.prototype_object(object, right);
                true
            }
            // Where members are declared, what is put on a value is none; on a function it makes one.
            _ if matches!(object.kind(), "identifier") && (is_function(right) && !self.declares || self.is_function_of_file(owner)) => {
                self.assigned_member(object, property, right, whole, false)
            }
            _ => false,
        }
    }

    /// Is it a function or class of the file itself, so that what is put on it is a member of its own?
    fn is_function_of_file(&mut self, name: &str) -> bool {
        let def = self.b.find_in(compass_facts::ScopeId::FILE, name);
        self.b.scope_kind(self.b.place.scope) == ScopeKind::File && def.is_some_and(|d| matches!(self.b.def_mut(d).kind, Kind::Function | Kind::Class))
    }

    fn export_assignment(&mut self, name: &str, property: Node<'t>, right: Node<'t>, whole: Node<'t>) {
        if is_void(right, self.b.text) {
            return self.announced_name(property);
        }
        if is_function(right) || matches!(right.kind(), "class" | "object") {
            let kind = match right.kind() {
                "class" => Kind::Class,
                "object" => Kind::Constant,
                _ => Kind::Function,
            };
            let own_name = right.child_by_field_name("name");
            let shown = if name == "=" { own_name.map_or("exports", |n| text(n, self.b.text)) } else { name };
            let token = if name == "=" { own_name.unwrap_or(property) } else { property };
            let mut new = NewDefinition::new(shown, kind, span(token), span(whole));
            new.body = right.child_by_field_name("body").map(span);
            new.doc = comment_before(whole.parent().unwrap_or(whole), self.b.text, |c| c.starts_with("/**"));
            new.flags = Flags::EXPORTED;
            let def = self.b.define_in(compass_facts::ScopeId::FILE, new);
            // `module.exports = { turn }` passes `turn` itself on, where the object is nothing but such names.
            let passes_on = name == "=" && right.kind() == "object" && named(right).iter().all(|p| p.kind() == "shorthand_property_identifier");
            self.passes_on = passes_on;
            self.fill(def, right);
            let ty = self.b.ty(TypeExpr::Def(def));
            self.made = Some(ty);
            self.b.add_export(name, ty, span(property));
            if passes_on {
                for part in named(right).into_iter().filter(|p| p.kind() == "shorthand_property_identifier") {
                    let ty = self.b.ty_name(text(part, self.b.text), span(part));
                    self.b.add_export(text(part, self.b.text), ty, span(part));
                }
            }
            return;
        }
        if let Some(module) = self.required_module(right) {
            let module = module.to_owned();
            let id = self.required_binding(
                &module,
                Binding { kind: ImportKind::Name, name: Some("="), bound: None, at: span(right), whole: span(whole), reexport: false },
            );
            let ty = self.b.ty(TypeExpr::Import(id));
            self.made = Some(ty);
            self.b.add_export(name, ty, span(property));
            return;
        }
        let ty = self.expression(right, Role::Read);
        if name != "=" && !self.stands_for(property, ty) && self.b.find_in(compass_facts::ScopeId::FILE, name).is_none() {
            // A value without a name of its own: this is where it is defined.
            let mut new = NewDefinition::new(name, Kind::Constant, span(property), span(whole));
            new.flags = Flags::EXPORTED;
            new.doc = comment_before(whole.parent().unwrap_or(whole), self.b.text, |c| c.starts_with("/**"));
            let def = self.b.define_in(compass_facts::ScopeId::FILE, new);
            self.b.add_type(def, ty);
            let ty = self.b.ty(TypeExpr::Def(def));
            self.made = Some(ty);
            return self.b.add_export(name, ty, span(property));
        }
        self.made = Some(ty);
        self.b.add_export(name, ty, span(property));
    }

    /// `exports.a` where it is read or called: what the file itself exports under that name.
    pub(super) fn own_export(&mut self, node: Node<'t>, role: Role) -> Option<compass_facts::TypeId> {
        let (object, property) = (node.child_by_field_name("object")?, node.child_by_field_name("property")?);
        let owner = text(object, self.b.text);
        let is_own = matches!(owner, "exports" | "module.exports") || self.whole.as_deref() == Some(owner);
        let name = text(property, self.b.text);
        if !is_own || self.b.find_in(compass_facts::ScopeId::FILE, name).is_none() {
            return None;
        }
        self.note_whole(object);
        // What is exported stands among the names of the file.
        let scope = std::mem::replace(&mut self.b.place.scope, compass_facts::ScopeId::FILE);
        self.b.add_use(name, span(property), role, Shape::Plain);
        let ty = self.b.ty_name(name, span(property));
        self.b.place.scope = scope;
        Some(ty)
    }

    /// A variable that stands for all exports is used where something is put on it.
    fn note_whole(&mut self, object: Node<'t>) {
        let name = text(object, self.b.text);
        if self.whole.as_deref() == Some(name) {
            self.b.add_use(name, span(object), Role::Read, Shape::Plain);
        }
    }

    /// `exports.a = b`: the name stands for what is defined elsewhere. Tells whether the value has a name.
    fn stands_for(&mut self, property: Node<'t>, ty: compass_facts::TypeId) -> bool {
        let (name, shape) = match self.b.get_ty(ty).clone() {
            TypeExpr::Name { name, .. } => (name, Shape::Plain),
            TypeExpr::Member { of, name } => (name, Shape::Member(of)),
            _ => return false,
        };
        let name = self.b.name(name).to_owned();
        self.b.add_use(&name, span(property), Role::Write, shape);
        true
    }

    /// `exports.a = exports.b = void 0`: names that get their value later.
    fn announced(&mut self, left: Node<'t>) {
        let property = exported_name(left, self.b.text).filter(|n| *n != "=").and(left.child_by_field_name("property"));
        if let Some(property) = property {
            self.announced_name(property);
        }
    }

    fn announced_name(&mut self, property: Node<'t>) {
        self.b.add_use(text(property, self.b.text), span(property), Role::Write, Shape::Plain);
    }

    /// Reads the value of a definition just made.
    pub(super) fn fill(&mut self, def: DefId, value: Node<'t>) {
        let saved = self.b.place;
        match value.kind() {
            "class" | "class_declaration" => self.class_members(value, def),
            "object" => {
                self.object(value, Some(def));
            }
            _ if is_function(value) || value.kind() == "function_declaration" => self.function_value(value, def),
            _ => {
                let ty = self.expression(value, Role::Read);
                self.b.add_type(def, ty);
            }
        }
        self.b.leave(saved);
    }

    /// A function, class or object without a name of its own.
    pub(super) fn unnamed(&mut self, name: &str, token: Option<compass_facts::Span>, kind: Kind, value: Node<'t>) -> DefId {
        let token = token.unwrap_or(super::functions::start_of(value));
        let mut new = NewDefinition::new(name, kind, token, span(value));
        new.body = value.child_by_field_name("body").map(span);
        new.flags = Flags::EXPORTED;
        let def = self.b.define(new);
        self.fill(def, value);
        def
    }

    /// `this.x = …` in a class or constructor function defines the field once.
    fn assigned_field(&mut self, property: Node<'t>, right: Node<'t>, whole: Node<'t>) -> bool {
        // Where fields must be declared, an assignment declares none.
        if self.declares {
            return false;
        }
        let Some(scope) = self.class.or_else(|| self.function_members()) else { return false };
        let name = text(property, self.b.text);
        if let Some(def) = self.b.find_in(scope, name) {
            let of = self.b.ty(TypeExpr::Receiver(scope));
            let ty = self.expression(right, Role::Read);
            if self.b.def_mut(def).kind == Kind::Field && self.b.def_mut(def).flags.has(Flags::INFERRED) {
                self.b.add_type(def, ty);
            }
            self.b.add_use(name, span(property), Role::Write, Shape::Member(of));
            return true;
        }
        self.new_member(scope, property, right, whole, false);
        true
    }

    /// The member scope of the function around the place, which thereby becomes a type.
    fn function_members(&mut self) -> Option<compass_facts::ScopeId> {
        let function = self.b.find_scope(ScopeKind::Function).and_then(|s| self.b.scope_owner(s))?;
        let ty = self.b.ty(TypeExpr::Def(function));
        Some(self.member_scope(ty, compass_facts::Span::default()))
    }

    /// A scope of members for the type; one per assignment is fine, the linker joins them.
    fn member_scope(&mut self, of: compass_facts::TypeId, at: compass_facts::Span) -> compass_facts::ScopeId {
        let saved = self.b.enter(ScopeKind::Type, at, None);
        let scope = self.b.place.scope;
        self.b.leave(saved);
        self.b.add_extension(Extension { scope, of, implements: None });
        scope
    }

    /// `F.prototype.m = function …`, `f.m = function …`.
    fn assigned_member(&mut self, class: Node<'t>, property: Node<'t>, right: Node<'t>, whole: Node<'t>, of_instance: bool) -> bool {
        let of = self.expression(class, Role::Ref);
        let scope = self.member_scope(of, span(whole));
        self.new_member(scope, property, right, whole, !of_instance);
        true
    }

    fn new_member(&mut self, scope: compass_facts::ScopeId, property: Node<'t>, right: Node<'t>, whole: Node<'t>, is_static: bool) {
        let kind = if is_function(right) { Kind::Method } else { Kind::Field };
        let mut new = NewDefinition::new(text(property, self.b.text), kind, span(property), span(whole));
        new.flags = Flags::INFERRED.with_if(is_static, Flags::STATIC);
        new.body = right.child_by_field_name("body").map(span).filter(|_| kind == Kind::Method);
        new.doc = comment_before(whole.parent().unwrap_or(whole), self.b.text, |c| c.starts_with("/**"));
        let def = self.b.define_in(scope, new);
        let saved = self.class.replace(scope);
        self.fill(def, right);
        self.class = saved;
    }

    /// `F.prototype = { … }`.
    fn prototype_object(&mut self, class: Node<'t>, object: Node<'t>) {
        let of = self.expression(class, Role::Ref);
        let scope = self.member_scope(of, span(object));
        let saved_place = self.b.place;
        self.b.place.scope = scope;
        let saved = self.class.replace(scope);
        self.object_members(object);
        self.class = saved;
        self.b.leave(saved_place);
    }
}

/// Is it a function written in place?
pub(super) fn is_function(node: Node) -> bool {
    matches!(node.kind(), "function_expression" | "arrow_function" | "generator_function" | "function")
}

/// Compilers announce names with `exports.a = exports.b = void 0` before they give them a value.
fn is_void(value: Node, source: &str) -> bool {
    value.kind() == "unary_expression" && text(value, source).starts_with("void")
}

/// The name an assignment to this exports: `exports.a`, `module.exports`.
fn exported_name<'t>(left: Node<'t>, source: &'t str) -> Option<&'t str> {
    let (object, property) = (left.child_by_field_name("object")?, left.child_by_field_name("property")?);
    match (text(object, source), text(property, source)) {
        ("module", "exports") => Some("="),
        ("exports" | "module.exports", name) => Some(name),
        _ => None,
    }
}
