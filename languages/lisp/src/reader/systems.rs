//! Systems, as files of systems describe them.

use super::Reader;
use super::forms::{FormId, Forms, Shape};
use super::symbols::symbol_of;
use compass_facts::bounds::Bounded;
use compass_facts::{Import, ImportKind, Role, ScopeId, Shape as Reach, Span};

/// A system.
#[derive(Debug, PartialEq)]
pub(crate) struct System {
    pub(crate) name: String,
    pub(crate) version: Option<String>,
    pub(crate) needs: Vec<String>,
}

/// The systems of a file.
pub(crate) fn systems(text: &str) -> Vec<System> {
    let forms = Forms::read(text);
    forms.outermost.iter().filter_map(|f| system(&forms, text, *f)).collect()
}

fn word(forms: &Forms, text: &str, id: FormId) -> Option<String> {
    let form = &forms.all[id];
    match form.shape {
        Shape::Symbol => Some(symbol_of(text, form.span).name.into_owned()),
        Shape::Text => Some(form.span.of(text).trim_matches('"').to_owned()),
        Shape::Quote => word(forms, text, *form.parts.first()?),
        _ => None,
    }
}

fn system(forms: &Forms, text: &str, id: FormId) -> Option<System> {
    let parts = &forms.all[id].parts;
    if forms.all[id].shape != Shape::List || word(forms, text, *parts.first()?)? != "defsystem" {
        return None;
    }
    let name = word(forms, text, *parts.get(1)?)?;
    let said = |key: &str| {
        let at = parts.iter().position(|p| forms.all[*p].shape == Shape::Symbol && forms.all[*p].span.of(text).eq_ignore_ascii_case(key))?;
        parts.get(at + 1).copied()
    };
    let version = said(":version").filter(|v| forms.all[*v].shape == Shape::Text).and_then(|v| word(forms, text, v));
    let needs = said(":depends-on").map(|list| forms.all[list].parts.iter().filter_map(|p| needed(forms, text, *p)).collect()).unwrap_or_default();
    Some(System { name, version, needs })
}

/// `"racks"`, `(:version "racks" "2")`, `(:feature :unix "racks")`.
fn needed(forms: &Forms, text: &str, id: FormId) -> Option<String> {
    let form = &forms.all[id];
    if form.shape != Shape::List {
        return word(forms, text, id);
    }
    let at = if word(forms, text, *form.parts.first()?)? == "version" { 1 } else { form.parts.len().checked_sub(1)? };
    word(forms, text, *form.parts.get(at)?)
}

impl<'t> Reader<'t> {
    /// `(defsystem "larder" :components ((:module "racks" :components ((:file "oak")))))`: its files, in the order in which they are loaded.
    pub(super) fn system_defined(&mut self, parts: &[FormId]) {
        if let Some(list) = self.said(parts, "components") {
            let folder = self.said(parts, "pathname").and_then(|p| word(self.forms, self.text, p)).unwrap_or_default();
            self.components(list, folder.trim_end_matches('/'), false);
        }
    }

    /// The form behind a keyword.
    fn said(&self, parts: &[FormId], key: &str) -> Option<FormId> {
        let at = parts.iter().position(|p| self.symbol(*p).is_some_and(|s| s.is_keyword && s.name == key))?;
        parts.get(at + 1).copied()
    }

    fn components(&mut self, list: FormId, folder: &str, is_left_out: bool) {
        let at = self.form(list).span;
        for part in &self.form(list).parts {
            let (part, left_out) = match self.form(*part).shape {
                Shape::LeftOut => (self.form(*part).parts.first().copied().unwrap_or(*part), true),
                _ => (*part, is_left_out),
            };
            self.deeper(at, |r| r.component(part, folder, left_out));
        }
    }

    fn component(&mut self, id: FormId, folder: &str, is_left_out: bool) {
        let parts: Vec<FormId> = self.form(id).parts.clone();
        let (Some(kind), Some(name)) = (self.operator(id), parts.get(1).and_then(|p| word(self.forms, self.text, *p))) else { return };
        let is_left_out = is_left_out || self.said(&parts, "if-feature").is_some_and(|test| !self.forms.holds(self.text, test, 0));
        let below = |name: &str| if folder.is_empty() || name.is_empty() { format!("{folder}{name}") } else { format!("{folder}/{name}") };
        match self.said(&parts, "components") {
            Some(list) => {
                let own = self.said(&parts, "pathname").and_then(|p| word(self.forms, self.text, p));
                let folder = below(own.as_deref().unwrap_or(&name).trim_end_matches('/'));
                self.components(list, &folder, is_left_out);
            }
            None if kind.is_keyword && kind.name != "module" && kind.name != "static-file" => {
                let path = below(&name);
                let at = self.form(parts[1]).span;
                let token = if self.form(parts[1]).shape == Shape::Text { Span { start: at.start + 1, end: at.end - 1 } } else { at };
                self.noted(if is_left_out { "left-out" } else { "loaded" }, &path, self.form(id).span);
                let module = self.b.intern(&path);
                let import = self.b.add_import(Import {
                    kind: ImportKind::Include,
                    module,
                    name: None,
                    bound: None,
                    scope: ScopeId::FILE,
                    span: self.form(id).span,
                    name_span: token,
                    reexport: false,
                    system: is_left_out,
                });
                self.b.add_use(&name, token, Role::Import, Reach::Import(import));
            }
            None => {}
        }
    }
}
