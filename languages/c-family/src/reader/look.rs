//! Looking ahead: is this a type, a declaration, the arguments of a template? Every look is bounded.

use super::parser::{LOOK_AHEAD, Parser, is_sized};
use super::tokens::{T, mark};

/// So many names in a row are looked through for a text behind them.
const MOST_TEXTS: usize = 64;

impl Parser<'_, '_> {
    /// One past the `>` that closes the `<` at `i`, if what stands between can be arguments of a template.
    pub(super) fn past_angles(&self, i: usize) -> Option<usize> {
        if !self.cpp || self.at(i) != T::Less {
            return None;
        }
        let mut depth = 0i32;
        let mut at = i;
        let limit = i + LOOK_AHEAD;
        while at < limit {
            match self.at(at) {
                T::Less => depth += 1,
                T::Greater => depth -= 1,
                T::Shr => depth -= 2,
                T::LParen | T::LBracket | T::LBrace => {
                    at = self.close_of(at)?;
                }
                T::Name
                | T::Path
                | T::Comma
                | T::Star
                | T::Amp
                | T::AmpAmp
                | T::Builtin
                | T::Qualifier
                | T::Number
                | T::Literal
                | T::Char
                | T::Ellipsis
                | T::Struct
                | T::Class
                | T::Union
                | T::Enum
                | T::Typename
                | T::Decltype
                | T::Template
                | T::Sizeof
                | T::Not
                | T::Minus
                | T::Plus
                | T::Assign
                | T::Auto
                | T::Noexcept
                | T::This
                | T::Typeof
                | T::Cast => {}
                T::Op if depth > 0 && matches!(self.spelled(at), "||" | "==" | "!=" | "<=" | ">=" | "/" | "%" | "|" | "^") => {}
                _ => return None,
            }
            at += 1;
            if depth == 0 {
                return Some(at);
            }
            if depth < 0 {
                // The second `>` of `>>` belongs to the arguments around: the caller sees it half used.
                return Some(at - 1);
            }
        }
        None
    }

    /// Are the arguments that end before `after` used as those of a template in an expression?
    pub(super) fn angles_make_sense(&self, after: usize) -> bool {
        matches!(
            self.at(after),
            T::LParen
                | T::Path
                | T::LBrace
                | T::RParen
                | T::Comma
                | T::Semi
                | T::Greater
                | T::Shr
                | T::RBracket
                | T::RBrace
                | T::Ellipsis
                | T::Question
                | T::Colon
        ) || self.at(after) == T::Eof
    }

    /// One past the path of names at `i`: `a`, `::a::b<c>::d`. Stops before `~`, `operator` and `*` after `::`.
    pub(super) fn past_path(&self, i: usize) -> Option<usize> {
        let mut at = i;
        if self.at(at) == T::Typename {
            at += 1;
        }
        if self.at(at) == T::Path {
            at += 1;
        }
        for _ in 0..32 {
            if self.at(at) == T::Template {
                at += 1;
            }
            if self.at(at) != T::Name {
                return (at > i && matches!(self.at(at), T::Tilde | T::Operator | T::Star)).then_some(at);
            }
            at += 1;
            if let Some(after) = self.past_angles(at) {
                at = after;
            }
            if !self.cpp || self.at(at) != T::Path {
                return Some(at);
            }
            at += 1;
        }
        None
    }

    /// Past `*`, `&`, `const` and the like.
    pub(super) fn past_pointers(&self, mut at: usize) -> usize {
        while matches!(self.at(at), T::Star | T::Qualifier) || (self.cpp && matches!(self.at(at), T::Amp | T::AmpAmp)) {
            at += 1;
        }
        at
    }

    /// Does a declaration begin here, inside a function?
    pub(super) fn declares(&self) -> bool {
        let p = self.p;
        match self.at(p) {
            T::Builtin => !matches!(self.at(p + 1), T::LParen | T::LBrace) || !self.cpp,
            T::Struct | T::Union | T::Enum | T::Class | T::Typedef | T::Extern | T::Using | T::StaticAssert | T::Namespace => true,
            T::Qualifier | T::Static | T::Attribute => true,
            T::Auto => true,
            T::Typeof | T::Decltype => {
                let after = if self.at(p + 1) == T::LParen { self.past(p + 1) } else { p + 2 };
                matches!(self.at(self.past_pointers(after)), T::Name)
            }
            T::Name | T::Path | T::Typename => self.names_declare(p),
            T::LBracket => self.cpp && self.at(p + 1) == T::LBracket,
            _ => false,
        }
    }

    /// Do names in a row end at a text? They are texts then that macros stand for.
    fn is_text(&self, mut at: usize) -> bool {
        let most = at + MOST_TEXTS;
        while at < most && self.at(at) == T::Name {
            at += 1;
        }
        self.at(at) == T::Text
    }

    fn names_declare(&self, p: usize) -> bool {
        let Some(after) = self.past_path(p) else { return false };
        match self.at(after) {
            T::Name if self.is_text(after) => false,
            // Only what is no declaration can begin or go on with what stands for a part of a statement.
            T::Name if self.statements.contains(&self.toks[p].id) || self.statements.contains(&self.toks[after].id) => false,
            T::Name => {
                // `return_if x`, `MACRO(x)`: two names in a row declare; a call right after a macro does not.
                let follow = self.at(after + 1);
                let next_line = self.toks[after].is(mark::LINE) && follow == T::LParen;
                if next_line && self.looks_macro(p) && after == p + 1 && !self.body_follows(after + 1) {
                    return false;
                }
                !matches!(follow, T::Arrow | T::Dot | T::Change | T::Step) || self.looks_macro(p)
            }
            T::Builtin | T::Struct | T::Union | T::Enum | T::Class | T::Auto | T::Static | T::Extern => true,
            T::Qualifier => true,
            T::Star | T::Amp | T::AmpAmp if self.at(after) == T::Star || self.cpp => {
                let bound = self.at(p) == T::Name && after == p + 1 && self.s.local(self.toks[p].id).is_some_and(|d| !self.is_type_def(d));
                let name = self.past_pointers(after);
                if self.at(name) == T::LBracket && self.cpp && self.at(after) != T::Star {
                    return true;
                }
                if bound || self.at(name) != T::Name {
                    return false;
                }
                match self.at(name + 1) {
                    T::Assign | T::Semi | T::Comma | T::LBracket => true,
                    T::Colon => self.cpp,
                    T::Attribute => true,
                    T::LBrace | T::LParen => self.cpp && self.at(after) != T::AmpAmp,
                    T::Name => self.looks_attribute(name),
                    _ => false,
                }
            }
            // A pointer to a function: `type (*name)(…)`.
            T::LParen => {
                let inner = after + 1;
                let pointer = self.at(inner) == T::Star && self.at(self.past_pointers(inner)) == T::Name;
                let close = self.close_of(after);
                pointer
                    && close.is_some_and(|c| self.at(c + 1) == T::LParen && self.at(c - 1) != T::RParen && self.at(self.past(c + 1)) != T::LParen)
                    && close.is_some_and(|c| matches!(self.at(self.past(c + 1)), T::Assign | T::Semi | T::Comma))
            }
            _ => false,
        }
    }

    pub(super) fn is_type_def(&self, def: compass_facts::DefId) -> bool {
        self.s.facts.def(def).kind.is_type()
    }

    /// Does a type stand in the parentheses at `open`, so that they are a cast, a compound literal or the operand of `sizeof`?
    pub(super) fn holds_type(&self, open: usize) -> bool {
        let Some(close) = self.close_of(open) else { return false };
        match self.at(open + 1) {
            T::Builtin | T::Struct | T::Union | T::Enum | T::Class | T::Typename => {
                !matches!(self.at(open + 2), T::LParen | T::LBrace) || self.at(open + 1) != T::Builtin || !self.cpp
            }
            T::Qualifier | T::Attribute => true,
            T::Typeof | T::Decltype => self.past_pointers(self.past(open + 2)) == close,
            T::Name | T::Path => {
                let Some(after) = self.past_path(open + 1) else { return false };
                if after > close {
                    return false;
                }
                let end = self.past_pointers(after);
                if end == close && end > after {
                    return true;
                }
                if end == close {
                    return self.name_is_type(open, close);
                }
                // `name (*)(…)`: a pointer to a function.
                self.at(end) == T::LParen && self.at(end + 1) == T::Star && self.at(self.past_pointers(end + 1)) == T::RParen
            }
            _ => false,
        }
    }

    /// `(name)` before something: a cast, or a value in parentheses?
    fn name_is_type(&self, open: usize, close: usize) -> bool {
        let name = open + 1;
        let single = name + 1 == close;
        if single && self.s.local(self.toks[name].id).is_some_and(|d| !self.is_type_def(d)) {
            return false;
        }
        match self.at(close + 1) {
            T::Name | T::Number | T::Text | T::Char | T::Tilde | T::Not | T::Sizeof | T::Literal | T::This | T::LBrace | T::New | T::Cast | T::Builtin => {
                !self.toks.get(close + 1).is_some_and(|t| t.is(mark::BRANCH))
            }
            T::LParen => !single || self.known_type(name) || !(self.functions.contains(&self.toks[name].id) || self.seems_function(name)),
            T::Minus | T::Star | T::Amp | T::Plus | T::Step | T::AmpAmp => self.known_type(name),
            _ => false,
        }
    }

    /// A type by its look, or defined as one in this file.
    pub(super) fn known_type(&self, i: usize) -> bool {
        let name = self.spelled(i);
        let named = self.toks.get(i).is_some_and(|t| t.k == T::Name && self.types[t.id as usize]);
        named
            || name.ends_with("_t")
            || is_sized(name.trim_start_matches('_'))
            || matches!(name, "uint" | "ulong" | "ushort" | "uchar" | "BYTE" | "WORD" | "DWORD" | "byte" | "bool" | "FILE")
    }

    /// `(name)(…)` where the name is called elsewhere in lower case: a call that keeps a macro away.
    fn seems_function(&self, i: usize) -> bool {
        self.at(i + 2) == T::LParen && {
            let inner = i + 3;
            let close = self.close_of(i + 2);
            // Several arguments are no operand of a cast.
            close.is_some_and(|c| self.top_comma(inner, c))
        }
    }

    fn top_comma(&self, from: usize, to: usize) -> bool {
        let mut at = from;
        for _ in 0..LOOK_AHEAD {
            if at >= to {
                return false;
            }
            match self.at(at) {
                T::Comma => return true,
                T::LParen | T::LBracket | T::LBrace => at = self.past(at),
                _ => at += 1,
            }
        }
        false
    }

    /// `(*name)`, `(&name)`: what is declared is a pointer or reference to what stands before and behind.
    fn holds_pointer(&self, open: usize) -> bool {
        let Some(close) = self.close_of(open).filter(|_| self.at(open) == T::LParen) else { return false };
        let name = self.past_pointers(open + 1);
        name > open + 1 && (name == close || self.at(name) == T::Name && matches!(self.at(name + 1), T::RParen | T::LBracket | T::LParen))
    }

    /// `[2],`: brackets behind the name of a parameter.
    fn is_array_parameter(&self, open: usize) -> bool {
        self.at(open) == T::LBracket && self.close_of(open).is_some_and(|close| matches!(self.at(close + 1), T::Comma | T::RParen))
    }

    /// Are the parentheses at `open` parameters of a function, not arguments for a variable's constructor?
    pub(super) fn holds_parameters(&self, open: usize, local: bool) -> bool {
        let Some(close) = self.close_of(open) else { return true };
        if !self.cpp {
            return true;
        }
        let first = open + 1;
        // What a body follows is a function.
        if first == close || !local && self.at(close + 1) == T::LBrace {
            return true;
        }
        match self.at(first) {
            T::Builtin => !matches!(self.at(first + 1), T::LParen | T::LBrace) || self.holds_pointer(first + 1),
            T::Qualifier | T::Struct | T::Class | T::Union | T::Enum | T::Ellipsis | T::Typename | T::Attribute | T::Decltype | T::Auto => true,
            T::Number
            | T::Text
            | T::Char
            | T::This
            | T::Literal
            | T::Amp
            | T::Star
            | T::Minus
            | T::Not
            | T::LParen
            | T::New
            | T::Cast
            | T::Sizeof
            | T::Plus
            | T::LBrace
            | T::Tilde
            | T::Step => false,
            T::LBracket => self.at(first + 1) == T::LBracket,
            T::Name | T::Path => {
                let Some(after) = self.past_path(first) else { return !local };
                let bound = self.at(first) == T::Name && self.s.local(self.toks[first].id).is_some_and(|d| !self.is_type_def(d));
                if bound {
                    return false;
                }
                match self.at(after) {
                    T::Name | T::Ellipsis | T::Qualifier => true,
                    T::AmpAmp | T::Amp | T::Star => {
                        let name = self.past_pointers(after);
                        name == close
                            || (self.at(name) == T::Name && matches!(self.at(name + 1), T::Comma | T::RParen | T::Assign))
                            || self.at(name) == T::Comma
                            || self.at(name) == T::LParen && !local
                            || self.at(name) == T::Name && !local && self.is_array_parameter(name + 1)
                            || self.at(name) == T::Ellipsis
                    }
                    T::Comma | T::RParen => !local,
                    T::LParen => !local && self.holds_pointer(after),
                    T::Assign => !local,
                    _ => false,
                }
            }
            _ => !local,
        }
    }
}
