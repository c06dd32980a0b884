//! Includes, macros and conditionals.

use super::Reader;
use crate::readers::NewDefinition;
use crate::readers::tree::{comment_before, named, span, text, words};
use crate::{Import, ImportKind, Kind, Role, Shape, Span, TypeId};
use tree_sitter::Node;

/// Words of C that are never names, met in unparsed text.
const KEYWORDS: [&str; 40] = [
    "auto",
    "break",
    "case",
    "char",
    "const",
    "continue",
    "default",
    "defined",
    "do",
    "double",
    "else",
    "enum",
    "extern",
    "float",
    "for",
    "goto",
    "if",
    "inline",
    "int",
    "long",
    "register",
    "restrict",
    "return",
    "short",
    "signed",
    "sizeof",
    "static",
    "struct",
    "switch",
    "typedef",
    "typeof",
    "union",
    "unsigned",
    "void",
    "volatile",
    "while",
    "__typeof__",
    "__attribute__",
    "__VA_ARGS__",
    "asm",
];

impl<'t> Reader<'t> {
    pub(super) fn include(&mut self, node: Node<'t>) {
        let Some(path) = node.child_by_field_name("path") else { return };
        if !matches!(path.kind(), "string_literal" | "system_lib_string") {
            self.expression(path, Role::Read);
            return;
        }
        let at = span(path);
        let inner = Span { start: at.start + 1, end: at.end.saturating_sub(1).max(at.start + 1) };
        let module = self.b.intern(inner.of(self.b.text));
        let id = self.b.add_import(Import {
            kind: ImportKind::Include,
            module,
            name: None,
            bound: None,
            scope: crate::ScopeId::FILE,
            span: span(node),
            name_span: inner,
            reexport: true,
            system: path.kind() == "system_lib_string",
        });
        self.b.add_use(inner.of(self.b.text), inner, Role::Import, Shape::Import(id));
    }

    pub(super) fn define_macro(&mut self, node: Node<'t>) {
        let Some(name) = node.child_by_field_name("name") else { return };
        let mut new = NewDefinition::new(text(name, self.b.text), Kind::Macro, span(name), trimmed(node, self.b.text));
        new.doc = comment_before(node, self.b.text, |_| true);
        let value = node.child_by_field_name("value");
        new.body = value.map(span);
        let def = self.b.define_in(crate::ScopeId::FILE, new);
        let parameters: Vec<&str> = node.child_by_field_name("parameters").map(named).unwrap_or_default().into_iter().map(|p| text(p, self.b.text)).collect();
        self.b.def_mut(def).arity = parameters.len().min(254) as u8;
        let Some(value) = value else { return };
        let saved = self.b.place;
        self.b.place.container = Some(def);
        self.words_as_uses(span(value), &parameters);
        self.b.leave(saved);
    }

    /// Names in unparsed text become uses; those in `skip` (parameters) do not.
    fn words_as_uses(&mut self, range: Span, skip: &[&str]) {
        let mut chain: Option<(TypeId, u32)> = None;
        for word in words(self.b.text, range) {
            let joined = chain.filter(|(_, end)| matches!(self.b.text.get(*end as usize..word.span.start as usize).unwrap_or("").trim(), "." | "->"));
            chain = None;
            if KEYWORDS.contains(&word.text) || (skip.contains(&word.text) && joined.is_none()) {
                continue;
            }
            let role = if word.after == b'(' { Role::Call } else { Role::Read };
            let is_member = word.before == b'.' || (word.before == b'>' && self.b.text[..word.span.start as usize].trim_end().ends_with("->"));
            let ty = match joined {
                Some((of, _)) => {
                    self.b.add_use(word.text, word.span, role, Shape::Member(of));
                    self.b.ty_member(of, word.text)
                }
                None if is_member => {
                    let of = self.b.unknown();
                    self.b.add_use(word.text, word.span, role, Shape::Member(of));
                    of
                }
                None => {
                    self.b.add_use(word.text, word.span, role, Shape::Plain);
                    self.b.ty_name(word.text, word.span)
                }
            };
            chain = Some((ty, word.span.end));
        }
    }

    /// Every branch is read, as if all held at once.
    pub(super) fn conditional(&mut self, node: Node<'t>) {
        for child in named(node) {
            if Some(child) == node.child_by_field_name("condition") || Some(child) == node.child_by_field_name("name") {
                self.words_as_uses(span(child), &[]);
            } else {
                self.statement(child);
            }
        }
    }

    /// `#undef X` and the like.
    pub(super) fn directive(&mut self, node: Node<'t>) {
        let word = node.child_by_field_name("directive").map_or("", |d| text(d, self.b.text));
        if word.trim_start_matches(['#', ' ']) == "undef"
            && let Some(argument) = node.child_by_field_name("argument")
        {
            self.words_as_uses(span(argument), &[]);
        }
    }
}

/// Preprocessor nodes include their line end; the definition does not.
fn trimmed(node: Node, source: &str) -> Span {
    let whole = span(node);
    let body = text(node, source).trim_end();
    Span { start: whole.start, end: whole.start + body.len() as u32 }
}
