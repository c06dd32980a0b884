//! Classes, conditions and structures, with what they bring along.

use super::Reader;
use super::forms::{FormId, Shape};
use super::symbols::Symbol;
use compass_facts::reading::NewDefinition;
use compass_facts::{DefId, Flags, Kind, Role, ScopeKind, Shape as Reach, TypeExpr};

/// A function that a slot is read or written by.
struct Accessor<'t> {
    name: Symbol<'t>,
    whole: FormId,
    flags: Flags,
}

/// What the options of a structure say.
struct Options {
    /// What stands before the names of slots in the names of their functions.
    prefix: String,
    makers: Vec<String>,
    copier: Option<String>,
    predicate: Option<String>,
}

impl<'t> Reader<'t> {
    /// `defclass`, `define-condition`.
    pub(super) fn class(&mut self, id: FormId, name: FormId, parts: &[FormId]) {
        let Some(symbol) = self.symbol(name) else { return };
        let flags = self.flags();
        let def = self.define_global(&symbol, Kind::Class, id, flags);
        for base in parts.get(2).map(|p| self.parts(*p)).unwrap_or_default() {
            if let Some(base) = self.symbol(base) {
                self.base(def, &base);
            }
        }
        let saved = self.b.enter(ScopeKind::Type, self.form(id).span, Some(def));
        let mut accessors = Vec::new();
        for slot in parts.get(3).map(|p| self.parts(*p)).unwrap_or_default() {
            self.slot(slot, &mut accessors);
        }
        for option in parts.iter().skip(4) {
            self.class_option(def, *option);
        }
        self.b.leave(saved);
        for accessor in accessors {
            self.define_global(&accessor.name, Kind::Method, accessor.whole, accessor.flags);
        }
    }

    fn base(&mut self, def: DefId, base: &Symbol) {
        self.global_use(base, Role::Type, Reach::Plain);
        let (scope, name) = (self.scope_of(base), self.b.intern(&base.name));
        let ty = self.b.ty(TypeExpr::TypeName { name, scope, at: base.span.start });
        self.b.add_base(def, ty);
    }

    /// `(depth :initarg :depth :accessor depth-of :type fixnum :initform 3)`.
    fn slot(&mut self, id: FormId, accessors: &mut Vec<Accessor<'t>>) {
        let parts = if self.form(id).shape == Shape::List { self.parts(id) } else { vec![id] };
        let Some(name) = parts.first().and_then(|p| self.symbol(*p)) else { return };
        // One that is read under its own name, on its own line, is one thing with what reads it.
        let is_one = parts.get(1..).unwrap_or_default().chunks(2).any(|pair| {
            let is_reader = self.is_word(pair[0], "accessor") || self.is_word(pair[0], "reader");
            let Some(reader) = pair.get(1).and_then(|p| self.symbol(*p)).filter(|s| is_reader && s.name == name.name) else { return false };
            !self.text[name.span.end as usize..reader.span.start as usize].contains('\n')
        });
        let mut new = NewDefinition::new(&name.name, Kind::Field, name.span, self.form(id).span);
        new.flags = self.flags();
        let def = if is_one { None } else { Some(self.b.define(new)) };
        for pair in parts.get(1..).unwrap_or_default().chunks(2) {
            let (Some(key), Some(value)) = (self.symbol(pair[0]).filter(|k| k.is_keyword), pair.get(1).copied()) else { continue };
            match key.name.as_ref() {
                "accessor" | "reader" => {
                    if let Some(mut reader) = self.symbol(value) {
                        let flags = self.flags().with_if(key.name == "accessor", Flags::PROPERTY);
                        if is_one && reader.name == name.name {
                            reader.span = name.span;
                        }
                        accessors.push(Accessor { name: reader, whole: id, flags });
                    }
                }
                "writer" => {
                    let place = self.setf_name(value);
                    let flags = self.flags().with_if(place.is_some(), Flags::SPECIAL);
                    if let Some(name) = place.or_else(|| self.symbol(value)) {
                        accessors.push(Accessor { name, whole: id, flags });
                    }
                }
                "type" => self.type_named(value),
                "initform" => self.walk(value),
                "documentation" if self.form(value).shape == Shape::Text => {
                    let doc = self.form(value).span;
                    if let Some(def) = def {
                        self.b.def_mut(def).doc = Some(doc);
                    }
                }
                "initarg" | "allocation" | "documentation" => {}
                _ => self.walk(value),
            }
        }
    }

    fn class_option(&mut self, def: DefId, id: FormId) {
        let words = self.parts(id);
        match self.operator(id).map(|o| o.name.into_owned()).as_deref() {
            Some("documentation") => {
                let doc = words.get(1).filter(|w| self.form(**w).shape == Shape::Text).map(|w| self.form(*w).span);
                self.b.def_mut(def).doc = doc;
            }
            Some("metaclass") => words.iter().skip(1).for_each(|w| self.type_named(*w)),
            Some("default-initargs") => words[1..].chunks(2).for_each(|pair| {
                if let Some(value) = pair.get(1) {
                    self.walk(*value);
                }
            }),
            // `(:report "too deep")`, `(:report (lambda (c s) …))`.
            Some("report") => words.iter().skip(1).for_each(|w| match self.form(*w).shape {
                Shape::Symbol => self.function_named(*w),
                _ => self.walk(*w),
            }),
            _ => {}
        }
    }

    /// `defstruct`, with the functions that it makes.
    pub(super) fn structure(&mut self, id: FormId, name: FormId, parts: &[FormId]) {
        let head = if self.form(name).shape == Shape::List { self.parts(name) } else { vec![name] };
        let Some(symbol) = head.first().and_then(|p| self.symbol(*p)) else { return };
        let flags = self.flags();
        let def = self.define_global(&symbol, Kind::Struct, id, flags);
        let options = self.structure_options(def, &symbol, &head[1..]);
        let mut slots = parts.get(2..).unwrap_or_default();
        if let Some(doc) = slots.first().filter(|s| self.form(**s).shape == Shape::Text) {
            let doc = self.form(*doc).span;
            self.b.def_mut(def).doc = Some(doc);
            slots = &slots[1..];
        }
        let saved = self.b.enter(ScopeKind::Type, self.form(id).span, Some(def));
        let mut names = Vec::new();
        for slot in slots {
            self.structure_slot(*slot, &mut names);
        }
        self.b.leave(saved);
        let made = |r: &mut Self, name: String, flags: Flags| {
            let symbol = Symbol { name: name.into(), package: symbol.package.clone(), is_keyword: false, span: symbol.span };
            let made = r.define_global(&symbol, Kind::Function, id, flags);
            r.b.note_made(made, "defstruct");
        };
        for name in options.makers.iter().chain(&options.copier).chain(&options.predicate) {
            made(self, name.clone(), flags);
        }
        for slot in names {
            made(self, format!("{}{slot}", options.prefix), flags.with(Flags::PROPERTY));
        }
    }

    fn structure_slot(&mut self, id: FormId, names: &mut Vec<String>) {
        let parts = if self.form(id).shape == Shape::List { self.parts(id) } else { vec![id] };
        let Some(name) = parts.first().and_then(|p| self.symbol(*p)) else { return };
        let new = NewDefinition::new(&name.name, Kind::Field, name.span, self.form(id).span);
        self.b.define(new);
        names.push(name.name.into_owned());
        if let Some(value) = parts.get(1) {
            self.walk(*value);
        }
        for pair in parts.get(2..).unwrap_or_default().chunks(2) {
            if let (true, Some(ty)) = (self.is_word(pair[0], "type"), pair.get(1)) {
                self.type_named(*ty);
            }
        }
    }

    fn structure_options(&mut self, def: DefId, symbol: &Symbol<'t>, all: &[FormId]) -> Options {
        let name = &symbol.name;
        let mut out = Options {
            prefix: format!("{name}-"),
            makers: vec![format!("make-{name}")],
            copier: Some(format!("copy-{name}")),
            predicate: Some(format!("{name}-p")),
        };
        let mut is_first_maker = true;
        for option in all {
            let words = if self.form(*option).shape == Shape::List { self.parts(*option) } else { vec![*option] };
            let Some(key) = words.first().and_then(|w| self.symbol(*w)) else { continue };
            let value = words.get(1).copied();
            let given = value.and_then(|v| self.symbol(v)).map(|s| s.name.into_owned());
            let is_none = given.as_deref() == Some("nil") || value.is_some_and(|v| self.form(v).shape == Shape::List && self.form(v).parts.is_empty());
            match key.name.as_ref() {
                "conc-name" => {
                    let text = value.filter(|v| self.form(*v).shape == Shape::Text).map(|v| self.form(v).span.of(self.text).trim_matches('"').to_owned());
                    out.prefix = if is_none { String::new() } else { text.or(given).unwrap_or_default() };
                }
                "constructor" => {
                    if std::mem::take(&mut is_first_maker) {
                        out.makers.clear();
                    }
                    match given {
                        _ if is_none => {}
                        Some(name) => out.makers.push(name),
                        None => out.makers.push(format!("make-{name}")),
                    }
                    // A list of parameters of its own may have values.
                    if let Some(list) = words.get(2) {
                        let saved = self.b.enter(ScopeKind::Function, self.form(*list).span, None);
                        self.parameters(*list, super::variables::ListOf::Function);
                        self.b.leave(saved);
                    }
                }
                "copier" => out.copier = if is_none { None } else { given.or(out.copier) },
                "predicate" => out.predicate = if is_none { None } else { given.or(out.predicate) },
                "include" => {
                    if let Some(base) = value.and_then(|v| self.symbol(v)) {
                        self.base(def, &base);
                    }
                }
                "print-function" | "print-object" => words.iter().skip(1).for_each(|w| self.function_named(*w)),
                _ => {}
            }
        }
        out
    }
}
