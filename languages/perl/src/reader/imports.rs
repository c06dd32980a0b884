//! What Perl brings in: `use`, `require`, bases, constants, and the names a package announces.

use super::Reader;
use super::lexer::PerlToken;
use compass_facts::reading::NewDefinition;
use compass_facts::{Flags, Import, ImportKind, Kind, Role, ScopeId, Shape, Span};

/// Modules that only change how Perl reads what follows.
const PRAGMAS: [&str; 26] = [
    "strict",
    "warnings",
    "utf8",
    "feature",
    "lib",
    "vars",
    "integer",
    "bytes",
    "locale",
    "less",
    "sort",
    "subs",
    "overload",
    "experimental",
    "bigint",
    "bignum",
    "diagnostics",
    "autodie",
    "mro",
    "open",
    "re",
    "fields",
    "threads",
    "filetest",
    "sigtrap",
    "if",
];

impl<'t> Reader<'t> {
    /// `use Larder::Rack qw(turn wash);`, `use parent 'Larder::Base';`, `use constant { SIZE => 3 };`, `require Larder::Rack;`.
    pub(super) fn import(&mut self) {
        let word = self.peek(0);
        self.at += 1;
        let Some((PerlToken::Word, module)) = self.token(0) else { return };
        let name = module.of(self.text);
        if word == "no" || PRAGMAS.contains(&name) || name.starts_with('v') && name[1..].bytes().all(|b| b.is_ascii_digit()) {
            if PRAGMAS.contains(&name) {
                self.pragma(name, module);
            }
            return self.pass_statement();
        }
        self.at += 1;
        match name {
            "parent" | "base" | "constant" => {
                self.pragma(name, module);
                return if name == "constant" { self.constants() } else { self.bases_named() };
            }
            _ => {}
        }
        let names = self.listed();
        let id = self.bring(ImportKind::Module, module, None, Some(name), module);
        self.b.add_use(name, module, Role::Import, Shape::Import(id));
        for at in &names {
            let taken = at.of(self.text);
            self.known.insert(taken);
            let id = self.bring(ImportKind::Name, module, Some(taken), Some(taken), *at);
            self.b.add_use(taken, *at, Role::Import, Shape::Import(id));
        }
        // Without a list a package hands out what it chooses.
        if names.is_empty() && word == "use" && !self.is_sign(0, "(") {
            self.bring(ImportKind::Glob, module, None, None, module);
        }
    }

    /// A pragma is a module as well, with a file and documentation.
    fn pragma(&mut self, name: &'t str, at: Span) {
        let id = self.bring(ImportKind::Effect, at, None, None, at);
        self.b.add_use(name, at, Role::Import, Shape::Import(id));
    }

    fn bring(&mut self, kind: ImportKind, module: Span, name: Option<&str>, bound: Option<&str>, at: Span) -> compass_facts::ImportId {
        let whole = module.of(self.text);
        let (module_name, name, bound) = (self.b.intern(whole), name.map(|n| self.b.intern(n)), bound.map(|n| self.b.intern(n)));
        self.b.add_import(Import { kind, module: module_name, name, bound, scope: ScopeId::FILE, span: module, name_span: at, reexport: false, system: false })
    }

    fn pass_statement(&mut self) {
        while self.token(0).is_some() && !self.is_sign(0, ";") {
            if self.is_sign(0, "}") {
                return;
            }
            if matches!(self.peek(0), "(" | "{" | "[") { self.pass_over() } else { self.at += 1 }
        }
    }

    /// Names in the texts up to the end of the statement; what else stands there is read as usual.
    fn listed(&mut self) -> Vec<Span> {
        let mut out = Vec::new();
        while let Some((kind, span)) = self.token(0) {
            match kind {
                PerlToken::Words | PerlToken::Text { .. } => {
                    out.extend(words_within(self.text, span));
                    self.at += 1;
                }
                PerlToken::Sign if matches!(span.of(self.text), "(" | ")" | ",") => self.at += 1,
                PerlToken::Number => self.at += 1,
                _ => break,
            }
        }
        out
    }

    /// Bases as texts: `use parent -norequire, 'A'`, `extends 'A'`.
    pub(super) fn bases_named(&mut self) {
        let mut found = Vec::new();
        while let Some((kind, span)) = self.token(0).filter(|_| !self.is_sign(0, ";")) {
            if matches!(kind, PerlToken::Words | PerlToken::Text { .. }) {
                found.extend(words_within(self.text, span));
            }
            self.at += 1;
        }
        self.add_bases(&found);
    }

    fn add_bases(&mut self, names: &[Span]) {
        let owner = self.package.and_then(|p| self.b.scope_owner(p));
        for at in names {
            let name = at.of(self.text);
            self.bring(ImportKind::Module, *at, None, Some(name), *at);
            self.b.add_use(name, *at, Role::Type, Shape::Plain);
            let ty = self.b.ty_name(name, *at);
            if let Some(owner) = owner {
                self.b.add_base(owner, ty);
            }
        }
    }

    /// `our @ISA = ('A')` says bases, `our @EXPORT_OK = qw(turn)` names functions of the package.
    pub(super) fn announced(&mut self, variable: &str) {
        if !matches!(variable, "@ISA" | "@EXPORT" | "@EXPORT_OK") {
            return;
        }
        self.at += 1;
        let names = self.listed();
        if variable == "@ISA" {
            return self.add_bases(&names);
        }
        for at in names {
            let word = at.of(self.text);
            self.b.add_use(word.trim_start_matches('&'), at, Role::Ref, Shape::Plain);
        }
    }

    /// `use constant SIZE => 3;`, `use constant { SIZE => 3, DEPTH => 4 };`.
    fn constants(&mut self) {
        let in_braces = self.is_sign(0, "{");
        let mut depth = 0usize;
        while let Some((kind, span)) = self.token(0) {
            let word = span.of(self.text);
            match (kind, word) {
                (PerlToken::Sign, ";") if depth == 0 => return,
                (PerlToken::Sign, "(" | "[" | "{") => depth += 1,
                (PerlToken::Sign, ")" | "]" | "}") => depth = depth.saturating_sub(1),
                (PerlToken::Word, _) if self.is_sign(1, "=>") && depth == usize::from(in_braces) => {
                    self.known.insert(word);
                    let mut new = NewDefinition::new(word, Kind::Constant, span, span);
                    new.flags = Flags::default();
                    self.b.define(new);
                }
                (PerlToken::Word | PerlToken::Variable, _) if !self.is_sign(1, "=>") => {
                    self.chain();
                    continue;
                }
                _ => {}
            }
            self.at += 1;
        }
    }
}

/// The names that stand in a text or a list of words.
fn words_within(text: &str, span: Span) -> Vec<Span> {
    let whole = span.of(text);
    let is_name = |c: char| c.is_alphanumeric() || matches!(c, '_' | ':');
    // Behind the sign of the quote.
    let from = whole.strip_prefix("qw").or_else(|| whole.strip_prefix("qq")).or_else(|| whole.strip_prefix('q')).map_or(0, |rest| whole.len() - rest.len());
    let mut out = Vec::new();
    for part in whole[from..].split(|c: char| !is_name(c) && c != '-' && c != '$' && c != '@' && c != '%') {
        if part.starts_with(|c: char| c.is_alphabetic() || c == '_') {
            let start = span.start + (part.as_ptr() as usize - whole.as_ptr() as usize) as u32;
            out.push(Span { start, end: start + part.len() as u32 });
        }
    }
    out
}
