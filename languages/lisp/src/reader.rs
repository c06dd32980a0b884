//! Common Lisp, read by a reader of our own: forms off the tokens, then what the standard's operators make of them.
//!
//! # How it works
//! Functions, variables, types and places (`(setf depth)`) are spaces of names of their own. Lexical variables are bound in scopes, local
//! functions are linked here; everything else is left to the linker, which knows the packages: a use stands in the scope of its package,
//! which is that of `in-package`, or a scope of its own for a name with a prefix. Names are in small letters, as the standard reader takes
//! no notice of letter case. What `#.` would run and what macros would make is not run; operators nobody knows are read as calls, and their
//! first argument as bindings where their name says so (`with-rack`, `do-racks`).

mod classes;
mod definitions;
mod forms;
mod functions;
mod lexer;
mod operators;
mod packages;
mod quoted;
mod symbols;
pub(crate) mod systems;
mod types;
mod variables;

use compass_facts::bounds::{Bounded, Bounds, Refusal};
use compass_facts::reading::{Builder, Lookup, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, Flags, GapCause, Role, ScopeId, Span};
use forms::{Form, FormId, Forms, Shape};
use rustc_hash::FxHashMap;

/// Reads a file.
pub(crate) fn read(text: &str, cancel: &Cancel) -> Facts {
    let forms = Forms::read(text);
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Members }, cancel);
    let mut reader = Reader { b, text, package: ScopeId::FILE, others: FxHashMap::default(), functions: Vec::new(), is_left_out: false, forms: &forms };
    forms.broken.iter().for_each(|span| reader.b.gap(GapCause::Syntax, *span));
    for form in &forms.outermost {
        reader.walk(*form);
    }
    reader.b.finish()
}

/// Classes of tokens for reading on screen.
pub(crate) fn classes(text: &str) -> Vec<compass_facts::Token> {
    use compass_facts::TokenClass;
    let class = |lexeme, span: Span| match lexeme {
        lexer::Lexeme::Comment => Some(TokenClass::Comment),
        lexer::Lexeme::Text | lexer::Lexeme::Character => Some(TokenClass::Text),
        lexer::Lexeme::Number => Some(TokenClass::Number),
        lexer::Lexeme::Symbol if operators::is_keyword(span.of(text)) => Some(TokenClass::Keyword),
        _ => None,
    };
    lexer::lex(text).into_iter().filter_map(|(lexeme, span)| Some(compass_facts::Token { span, class: class(lexeme, span)? })).collect()
}

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    text: &'t str,
    forms: &'t Forms,
    /// The scope of the package around, where global names are bound.
    package: ScopeId,
    /// Scopes of packages that names are written with.
    others: FxHashMap<String, ScopeId>,
    /// Local functions and macros around, the innermost last.
    functions: Vec<(String, DefId)>,
    /// Does the usual build leave out what is walked?
    is_left_out: bool,
}

impl Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: Refusal, at: Span) {
        self.b.refused(why, at);
    }
}

impl<'t> Reader<'t> {
    fn form(&self, id: FormId) -> &'t Form {
        &self.forms.all[id]
    }

    /// The forms of a list without those that the usual build leaves out; those are walked apart.
    fn parts(&mut self, id: FormId) -> Vec<FormId> {
        let forms: &'t Forms = self.forms;
        let all = &forms.all[id].parts;
        let is_there = |p: &&FormId| forms.all[**p].shape != Shape::LeftOut;
        if all.iter().all(|p| is_there(&p)) {
            return all.clone();
        }
        for part in all.iter().filter(|p| !is_there(p)) {
            self.walk(*part);
        }
        all.iter().filter(is_there).copied().collect()
    }

    /// A form that is evaluated.
    fn walk(&mut self, id: FormId) {
        let at = self.form(id).span;
        self.deeper(at, |r| r.walk_kind(id));
    }

    fn walk_kind(&mut self, id: FormId) {
        let form = self.form(id);
        match form.shape {
            Shape::Symbol => self.variable(id, Role::Read),
            Shape::List => self.list(id),
            Shape::Text | Shape::Atom => {}
            Shape::Quote => {
                // Code behind a quote is a template without commas.
                for part in &form.parts {
                    if self.operator(*part).is_some_and(|op| operators::is_keyword(&op.name)) {
                        self.template(*part);
                    }
                }
            }
            Shape::Backquote => form.parts.iter().for_each(|p| self.template(*p)),
            Shape::Comma => form.parts.iter().for_each(|p| self.walk(*p)),
            Shape::Function => form.parts.iter().for_each(|p| self.function_named(*p)),
            Shape::LeftOut => {
                let before = std::mem::replace(&mut self.is_left_out, true);
                form.parts.iter().for_each(|p| self.walk(*p));
                self.is_left_out = before;
            }
        }
    }

    fn walk_all(&mut self, ids: &[FormId]) {
        ids.iter().for_each(|id| self.walk(*id));
    }

    /// What a definition is said to be besides its kind.
    fn flags(&self) -> Flags {
        Flags::default().with_if(self.is_left_out, Flags::INACTIVE)
    }
}
