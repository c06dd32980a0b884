//! Operators that define something for everybody.

use super::Reader;
use super::forms::{FormId, Shape};
use super::operators::is_keyword;
use super::symbols::Symbol;
use super::variables::ListOf;
use compass_facts::bounds::Bounded;
use compass_facts::{Flags, Kind, Role, ScopeKind, Shape as Reach};

/// Operators of libraries of tests.
const TESTS: &[&str] = &["deftest", "define-test", "test", "addtest", "def-test"];

impl<'t> Reader<'t> {
    /// Is it a definition? Then it is read.
    pub(super) fn defines(&mut self, id: FormId, op: &Symbol<'t>) -> bool {
        let parts = self.parts(id);
        let Some(name) = parts.get(1).copied() else { return false };
        if op.name.starts_with("def") && is_keyword(&op.name) {
            // Code may have a `defconstant` of its own.
            self.global_use(op, Role::Call, Reach::Plain);
        }
        match op.name.as_ref() {
            "defsystem" => self.system_defined(&parts),
            "defun" | "defmacro" | "define-compiler-macro" | "define-modify-macro" | "define-setf-expander" | "defsetf" => self.function(id, op, name, &parts),
            "defgeneric" => self.generic(id, name, &parts),
            "defmethod" => self.method(id, name, &parts),
            "defvar" | "defparameter" | "defconstant" | "defglobal" | "define-symbol-macro" | "define-global-var" | "define-global-parameter" => {
                self.global(id, op, name, &parts)
            }
            "deftype" => {
                if let Some(symbol) = self.symbol(name) {
                    let flags = self.flags();
                    let def = self.define_global(&symbol, Kind::Alias, id, flags);
                    self.function_body(def, id, &parts[2..], ListOf::Macro);
                    parts.iter().skip(3).for_each(|p| self.type_body(*p));
                }
            }
            "defclass" | "define-condition" => self.class(id, name, &parts),
            "defstruct" => self.structure(id, name, &parts),
            "defpackage" | "define-package" => self.package_defined(id, name, &parts),
            "in-package" => self.in_package(name),
            "export" | "import" | "unexport" | "shadow" | "use-package" if self.b.place.container.is_none() => {
                self.exported_at(op, &parts);
                return false;
            }
            _ => return self.defined_by_macro(id, op, name, &parts),
        }
        true
    }

    fn function(&mut self, id: FormId, op: &Symbol<'t>, name: FormId, parts: &[FormId]) {
        let place = self.setf_name(name);
        let Some(symbol) = place.clone().or_else(|| self.symbol(name)) else { return };
        let is_place = place.is_some() || matches!(op.name.as_ref(), "defsetf" | "define-setf-expander");
        let kind = if op.name == "defun" { Kind::Function } else { Kind::Macro };
        // What is defined for `(setf name)` stands behind what is defined for the name.
        let is_other = is_place || op.name == "define-compiler-macro";
        let flags = self.flags().with_if(is_other, Flags::SPECIAL);
        let def = self.define_global(&symbol, kind, id, flags);
        match op.name.as_ref() {
            // `(defsetf depth set-depth)`.
            "defsetf" if parts.get(2).is_some_and(|p| self.form(*p).shape == Shape::Symbol) => {
                if let Some(setter) = self.symbol(parts[2]) {
                    self.function_use(&setter, Role::Ref, 0);
                }
            }
            "define-modify-macro" => {
                if let Some(function) = parts.get(3).and_then(|p| self.symbol(*p)) {
                    self.function_use(&function, Role::Ref, 0);
                }
            }
            "defun" => self.function_body(def, id, &parts[2..], ListOf::Function),
            _ => self.function_body(def, id, &parts[2..], ListOf::Macro),
        }
    }

    fn generic(&mut self, id: FormId, name: FormId, parts: &[FormId]) {
        let place = self.setf_name(name);
        let Some(symbol) = place.clone().or_else(|| self.symbol(name)) else { return };
        let flags = self.flags().with(Flags::VIRTUAL).with_if(place.is_some(), Flags::SPECIAL);
        let def = self.define_global(&symbol, Kind::Function, id, flags);
        let arity = parts.get(2).map(|list| self.arity_of(*list)).unwrap_or_default();
        let d = self.b.def_mut(def);
        (d.arity, d.required) = (arity.all, arity.required);
        for option in parts.iter().skip(3) {
            let words = self.parts(*option);
            match self.operator(*option).map(|o| o.name.into_owned()).as_deref() {
                Some("documentation") => {
                    let doc = words.get(1).filter(|w| self.form(**w).shape == Shape::Text).map(|w| self.form(*w).span);
                    self.b.def_mut(def).doc = doc;
                }
                Some("method") => {
                    // It has no name of its own: what it does, the generic function does.
                    if let Some(list) = words.iter().position(|w| self.form(*w).shape == Shape::List) {
                        let saved = self.b.enter(ScopeKind::Function, self.form(*option).span, Some(def));
                        self.parameters(words[list], ListOf::Method);
                        self.walk_all(&words[list + 1..]);
                        self.b.leave(saved);
                    }
                }
                _ => {}
            }
        }
    }

    /// How many a list of parameters takes, without binding them.
    fn arity_of(&mut self, list: FormId) -> super::variables::Arity {
        let saved = self.b.enter(ScopeKind::Function, self.form(list).span, None);
        let arity = self.parameters(list, ListOf::Function);
        self.b.leave(saved);
        arity
    }

    /// `(defmethod turn :around ((wheel wheel) by) …)`.
    fn method(&mut self, id: FormId, name: FormId, parts: &[FormId]) {
        let place = self.setf_name(name);
        let Some(symbol) = place.clone().or_else(|| self.symbol(name)) else { return };
        let Some(list) = parts.iter().skip(2).position(|p| self.form(*p).shape == Shape::List).map(|at| at + 2) else { return };
        // One that stands around another is not the one that is meant first.
        let is_primary = list == 2;
        let flags = self.flags().with_if(place.is_some(), Flags::SPECIAL).with_if(!is_primary, Flags::OF_TYPE);
        let def = self.define_global(&symbol, Kind::Method, id, flags);
        self.function_body(def, id, &parts[list..], ListOf::Method);
    }

    fn global(&mut self, id: FormId, op: &Symbol<'t>, name: FormId, parts: &[FormId]) {
        let Some(symbol) = self.symbol(name) else { return };
        let kind = if op.name == "defconstant" { Kind::Constant } else { Kind::Variable };
        let flags = self.flags();
        let def = self.define_global(&symbol, kind, id, flags);
        let doc = parts.get(3).filter(|p| self.form(**p).shape == Shape::Text).map(|p| self.form(*p).span);
        self.b.def_mut(def).doc = doc;
        self.walk_all(parts.get(2..).unwrap_or_default());
    }

    /// What a type is an abbreviation of: names behind quotes are types.
    fn type_body(&mut self, id: FormId) {
        let form = self.form(id);
        match form.shape {
            Shape::Quote | Shape::Backquote => form.parts.iter().for_each(|p| self.type_in_template(*p)),
            Shape::List => {
                for part in &form.parts {
                    self.deeper(form.span, |r| r.type_body(*part));
                }
            }
            _ => {}
        }
    }

    fn type_in_template(&mut self, id: FormId) {
        let form = self.form(id);
        match form.shape {
            Shape::Symbol => self.type_named(id),
            Shape::List if !self.operator(id).is_some_and(|o| matches!(o.name.as_ref(), "member" | "eql" | "satisfies")) => {
                for part in &form.parts {
                    self.deeper(form.span, |r| r.type_in_template(*part));
                }
            }
            Shape::List => self.type_named(id),
            _ => {}
        }
    }

    /// `(defrack oak …)`: a macro that is called so defines what stands behind it, whatever that is.
    fn defined_by_macro(&mut self, id: FormId, op: &Symbol<'t>, name: FormId, parts: &[FormId]) -> bool {
        let is_test = TESTS.contains(&op.name.as_ref());
        let says_so = is_test || op.name.starts_with("def") && op.name.len() > 3;
        if !says_so || self.b.place.container.is_some() {
            return false;
        }
        let first = if self.form(name).shape == Shape::List { self.form(name).parts.first().copied() } else { Some(name) };
        let symbol = first.and_then(|f| self.symbol(f)).filter(|s| !s.name.is_empty());
        let Some(symbol) = symbol else { return false };
        let kind = if symbol.is_global() { Kind::Variable } else { Kind::Function };
        let flags = self.flags().with_if(is_test, Flags::TEST);
        let def = self.define_global(&symbol, kind, id, flags);
        self.b.note_made(def, &op.name);
        self.global_use(op, Role::Call, Reach::Plain);
        let saved = self.b.enter(ScopeKind::Function, self.form(id).span, Some(def));
        let has_list = !is_test && parts.len() > 3 && parts.get(2).is_some_and(|p| self.looks_like_parameters(*p));
        if has_list {
            self.parameters(parts[2], ListOf::Method);
        }
        self.arguments(op, parts.get(if has_list { 3 } else { 2 }..).unwrap_or_default());
        self.b.leave(saved);
        true
    }

    /// A list of names alone, or with words such as `&key`.
    fn looks_like_parameters(&self, id: FormId) -> bool {
        let form = self.form(id);
        let is_name = |p: &FormId| self.symbol(*p).is_some_and(|s| !s.is_keyword && !s.is_global());
        let is_pair = |p: &FormId| self.form(*p).shape == Shape::List && self.operator(*p).is_some();
        form.shape == Shape::List && form.parts.first().is_none_or(|p| is_name(p) || is_pair(p)) && form.parts.iter().all(|p| is_name(p) || is_pair(p))
    }
}
