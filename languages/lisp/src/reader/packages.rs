//! Packages: `defpackage`, `in-package`.

use super::Reader;
use super::forms::{FormId, Shape};
use super::symbols::{Symbol, symbol_of};
use compass_facts::reading::NewDefinition;
use compass_facts::{DefId, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape as Reach, Span};

impl<'t> Reader<'t> {
    /// The name that a form gives to a package or symbol: a symbol, a keyword, a text.
    pub(super) fn designated(&self, id: FormId) -> Option<Symbol<'t>> {
        let form = self.form(id);
        match form.shape {
            Shape::Symbol => Some(symbol_of(self.text, form.span)),
            Shape::Quote => self.designated(*form.parts.first()?),
            Shape::Text if form.span.len() > 2 => {
                let span = Span { start: form.span.start + 1, end: form.span.end - 1 };
                Some(Symbol { name: span.of(self.text).to_ascii_lowercase().into(), package: None, is_keyword: false, span })
            }
            _ => None,
        }
    }

    /// `(in-package :larder)`: what follows stands in it.
    pub(super) fn in_package(&mut self, name: FormId) {
        let Some(symbol) = self.designated(name) else { return };
        self.b.place.scope = ScopeId::FILE;
        let start = self.form(name).span.end;
        self.b.enter(ScopeKind::Module, Span { start, end: self.text.len() as u32 }, None);
        self.package = self.b.place.scope;
        self.within(&symbol.name, symbol.span);
        self.package_use(&symbol, ImportKind::Module, symbol.span);
    }

    /// A use of a package by its name.
    fn package_use(&mut self, symbol: &Symbol, kind: ImportKind, whole: Span) {
        let id = self.package_import(symbol, None, kind, whole, symbol.span);
        self.b.add_use(&symbol.name, symbol.span, Role::Import, Reach::Import(id));
    }

    fn package_import(&mut self, package: &Symbol, name: Option<&str>, kind: ImportKind, whole: Span, token: Span) -> compass_facts::ImportId {
        let module = self.b.intern(&package.name);
        let name = name.map(|n| self.b.intern(n));
        let scope = self.b.place.scope;
        self.b.add_import(Import { kind, module, name, bound: None, scope, span: whole, name_span: token, reexport: false, system: false })
    }

    /// `defpackage`: a module; what it uses and imports stands in its scope, what it exports as well.
    pub(super) fn package_defined(&mut self, id: FormId, name: FormId, parts: &[FormId]) {
        let Some(symbol) = self.designated(name) else { return };
        let place = self.b.place;
        self.b.place.scope = ScopeId::FILE;
        let mut new = NewDefinition::new(&symbol.name, Kind::Module, symbol.span, self.form(id).span);
        new.flags = self.flags();
        let def = self.b.define(new);
        let saved = self.b.enter(ScopeKind::Module, self.form(id).span, Some(def));
        for clause in parts.iter().skip(2) {
            self.package_clause(def, &symbol, *clause);
        }
        self.b.leave(saved);
        self.b.place = place;
    }

    fn package_clause(&mut self, def: DefId, package: &Symbol<'t>, clause: FormId) {
        let words = self.parts(clause);
        let Some(key) = words.first().and_then(|w| self.symbol(*w)) else { return };
        let whole = self.form(clause).span;
        let rest = words.get(1..).unwrap_or_default();
        match key.name.as_ref() {
            "use" | "mix" | "reexport" | "use-reexport" | "mix-reexport" => {
                for used in self.all_designated(rest) {
                    self.package_use(&used, ImportKind::Glob, whole);
                    if key.name.ends_with("reexport") {
                        self.listed("reexport", &used, whole);
                    }
                }
            }
            "import-from" | "shadowing-import-from" => self.imported_from(rest, whole),
            "export" => {
                for name in self.all_designated(rest) {
                    self.listed("export", &name, whole);
                    let scope = self.package_scope(&package.name);
                    let before = std::mem::replace(&mut self.b.place.scope, scope);
                    self.b.add_use(&name.name, name.span, Role::Import, Reach::Plain);
                    self.b.place.scope = before;
                }
            }
            "shadow" => self.all_designated(rest).iter().for_each(|name| self.listed("shadow", name, whole)),
            "nicknames" => self.all_designated(rest).iter().for_each(|name| self.listed("nickname", name, whole)),
            "local-nicknames" => {
                for pair in rest {
                    let pair = self.parts(*pair);
                    if let [short, long] = &self.all_designated(&pair)[..] {
                        self.package_use(long, ImportKind::Module, whole);
                        self.noted(&format!("local:{}", long.name), &short.name, whole);
                    }
                }
            }
            "documentation" => {
                let doc = rest.first().filter(|w| self.form(**w).shape == Shape::Text).map(|w| self.form(*w).span);
                self.b.def_mut(def).doc = doc;
            }
            _ => {}
        }
    }

    fn imported_from(&mut self, rest: &[FormId], whole: Span) {
        let names = self.all_designated(rest);
        let Some((from, names)) = names.split_first() else { return };
        self.package_use(from, ImportKind::Module, whole);
        for name in names {
            self.noted(&format!("from:{}", from.name), &name.name, whole);
            let import = self.package_import(from, Some(&name.name), ImportKind::Name, whole, name.span);
            self.b.add_use(&name.name, name.span, Role::Import, Reach::Import(import));
        }
    }

    fn all_designated(&self, ids: &[FormId]) -> Vec<Symbol<'t>> {
        ids.iter().filter_map(|w| self.designated(*w)).collect()
    }

    /// Something that a package says of a name.
    fn listed(&mut self, what: &str, name: &Symbol, whole: Span) {
        self.noted(what, &name.name, whole);
    }

    /// A note for the linker, of the scope that one is in.
    pub(super) fn noted(&mut self, what: &str, name: &str, whole: Span) {
        let module = self.b.intern(what);
        // No token of the text says it.
        let at = Span { start: whole.start, end: whole.start };
        let bound = self.b.intern(name);
        let scope = self.b.place.scope;
        // It binds nothing in its file, and leads nowhere: the linker reads it where it prepares the packages. A change of these changes what
        // any name may mean.
        self.b.add_import(Import {
            kind: ImportKind::Child,
            module,
            name: Some(bound),
            bound: None,
            scope,
            span: at,
            name_span: at,
            reexport: false,
            system: true,
        });
    }

    /// `(export '(a b))` outside of `defpackage`.
    pub(super) fn exported_at(&mut self, op: &Symbol<'t>, parts: &[FormId]) {
        if op.name != "export" || self.package == ScopeId::FILE {
            return;
        }
        let Some(list) = parts.get(1).copied() else { return };
        let inner = match self.form(list).shape {
            Shape::Quote => self.form(list).parts.first().copied().unwrap_or(list),
            _ => list,
        };
        let names: Vec<FormId> = if self.form(inner).shape == Shape::List { self.form(inner).parts.clone() } else { vec![inner] };
        let before = std::mem::replace(&mut self.b.place.scope, self.package);
        for name in self.all_designated(&names) {
            self.listed("export", &name, self.form(list).span);
        }
        self.b.place.scope = before;
    }
}
