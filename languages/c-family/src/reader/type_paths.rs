//! Names of types with what qualifies them, and the arguments of templates behind them.

use super::parser::Parser;
use super::tokens::{T, Tok};
use compass_facts::*;

impl Parser<'_, '_> {
    /// The path of a type: its names are uses.
    pub(super) fn type_path(&mut self) -> TypeId {
        self.take(T::Typename);
        let mut ty: Option<TypeId> = None;
        let mut global = self.take(T::Path);
        for _ in 0..32 {
            self.take(T::Template);
            let token = self.tok();
            if token.k != T::Name {
                break;
            }
            self.p += 1;
            let name = self.s.name(token.id);
            let role = Role::Type;
            let here = match ty {
                Some(of) => {
                    self.s.add_use(token, role, Shape::Member(of));
                    self.s.ty_member(of, name)
                }
                None if global => {
                    let saved = self.s.place;
                    self.s.place.scope = ScopeId::FILE;
                    let name_span = Span { start: token.start, end: token.end };
                    self.s.add_named_use(name, name_span, role, Shape::Plain, None);
                    self.s.place = saved;
                    self.s.ty_global_type(name)
                }
                None if self.cpp && self.is_before_path() => self.qualifier(token, name).1,
                None => {
                    self.s.add_use(token, role, Shape::Plain);
                    match self.s.local(token.id) {
                        Some(def) => self.s.ty_def(def),
                        None => self.s.ty_type_name(name),
                    }
                }
            };
            global = false;
            ty = Some(self.template_arguments(here));
            if !(self.cpp && self.k() == T::Path && matches!(self.at(self.p + 1), T::Name | T::Template)) {
                break;
            }
            self.p += 1;
        }
        ty.unwrap_or(self.s.unknown())
    }

    /// Does `::` follow, behind a list of arguments if there is one?
    fn is_before_path(&self) -> bool {
        self.at(self.past_angles(self.p).unwrap_or(self.p)) == T::Path
    }

    /// A name before `::`: a namespace or a type, whatever variable of the function has that name.
    pub(super) fn qualifier(&mut self, token: Tok, name: NameId) -> (UseId, TypeId) {
        let local = self.s.local(token.id).filter(|d| self.is_type_def(*d));
        let used = self.s.add_named_use(name, Span { start: token.start, end: token.end }, Role::Type, Shape::Plain, local);
        let ty = match local {
            Some(def) => self.s.ty_def(def),
            None => self.s.ty_type_name(name),
        };
        (used, ty)
    }

    /// `<…>` after the name of a template, if it is there.
    pub(super) fn template_arguments(&mut self, of: TypeId) -> TypeId {
        let Some(after) = self.past_angles(self.p) else { return of };
        let close = after - 1;
        let close = if self.at(after) == T::Shr && self.at(close) != T::Greater && self.at(close) != T::Shr { after } else { close };
        self.p += 1;
        let mut args = Vec::new();
        self.down(|p| {
            while p.p < close {
                let before = p.p;
                args.push(p.template_argument(close));
                p.take(T::Comma);
                if p.p == before {
                    p.p += 1;
                }
            }
        });
        self.p = after;
        self.s.ty(TypeExpr::Generic { of, args })
    }

    fn template_argument(&mut self, close: usize) -> TypeId {
        let end = self.argument_end(close);
        let is_type = match self.k() {
            T::Builtin | T::Struct | T::Class | T::Union | T::Enum | T::Typename | T::Qualifier | T::Auto | T::Decltype => true,
            T::Name | T::Path => {
                let after = self.past_path(self.p);
                after.is_some_and(|a| a >= end || matches!(self.at(a), T::Star | T::Amp | T::AmpAmp | T::Qualifier | T::LParen | T::Ellipsis | T::LBracket))
            }
            _ => false,
        };
        let ty = if is_type {
            self.type_name(end)
        } else {
            let value = self.expression(end);
            self.s.ty_of(value.val).unwrap_or(TypeId(0))
        };
        self.p = end;
        ty
    }

    /// Where the argument ends that begins here: at a comma outside all brackets, or at `close`.
    pub(super) fn argument_end(&self, close: usize) -> usize {
        let mut at = self.p;
        while at < close {
            match self.at(at) {
                T::Comma => return at,
                T::LParen | T::LBracket | T::LBrace => at = self.past(at),
                T::Less => at = self.past_angles(at).filter(|a| *a <= close).unwrap_or(at + 1).max(at + 1),
                _ => at += 1,
            }
        }
        close
    }
}
