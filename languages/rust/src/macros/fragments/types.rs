//! How far a type or a path reaches.

use super::Extent;
use crate::macros::tree::{Delimiter, Fragment, Tree};
use compass_expand::TokenKind;

impl Extent<'_> {
    pub(super) fn ty(&mut self) -> bool {
        self.deeper(|me| me.ty_inner(true))
    }

    pub(super) fn ty_without_bounds(&mut self) -> bool {
        self.deeper(|me| me.ty_inner(false))
    }

    fn ty_inner(&mut self, bounds: bool) -> bool {
        if self.matched() == Some(Fragment::Ty) {
            self.at += 1;
            return true;
        }
        let word = self.text_at(self.at).to_owned();
        match word.as_str() {
            "!" | "_" => self.any(),
            "&" | "&&" => {
                self.at += 1;
                self.lifetime();
                self.eat("mut");
                self.ty_without_bounds()
            }
            "*" => {
                self.at += 1;
                (self.eat("const") || self.eat("mut")) && self.ty_without_bounds()
            }
            "impl" | "dyn" => {
                self.at += 1;
                self.bounds(bounds)
            }
            "for" => {
                self.at += 1;
                self.generics() && self.ty_inner(bounds)
            }
            "fn" | "unsafe" | "extern" => self.function_type(),
            _ => {
                if self.group(Delimiter::Round) || self.group(Delimiter::Square) {
                    return true;
                }
                if !self.path_segments(false) {
                    return false;
                }
                if self.is("!") && matches!(self.trees.get(self.at + 1), Some(Tree::Group(_))) {
                    self.at += 1;
                    return self.any_group();
                }
                true
            }
        }
    }

    fn bounds(&mut self, more: bool) -> bool {
        loop {
            self.eat("?");
            let found = self.lifetime() || self.group(Delimiter::Round) || {
                if self.eat("for") && !self.generics() {
                    return false;
                }
                self.path_segments(false)
            };
            if !found || !more || !self.eat("+") {
                return found;
            }
        }
    }

    fn function_type(&mut self) -> bool {
        self.eat("unsafe");
        if self.eat("extern") {
            self.eat_if(|t| t.kind == TokenKind::Text);
        }
        if !(self.eat("fn") && self.group(Delimiter::Round)) {
            return false;
        }
        !self.eat("->") || self.ty_without_bounds()
    }

    pub(super) fn path(&mut self) -> bool {
        if self.matched() == Some(Fragment::Path) {
            self.at += 1;
            return true;
        }
        self.path_segments(false)
    }

    /// Segments between `::`. In expressions generics need `::` before them.
    pub(super) fn path_segments(&mut self, expression: bool) -> bool {
        if self.is("<") || self.is("<<") {
            if !(self.generics() && self.eat("::")) {
                return false;
            }
        } else {
            self.eat("::");
        }
        loop {
            let segment = matches!(self.matched(), Some(Fragment::Path | Fragment::Ty)) && self.any() || self.name();
            if !segment {
                return false;
            }
            if !expression {
                if self.is("<") || self.is("<<") {
                    if !self.generics() {
                        return false;
                    }
                } else if self.is("::") && matches!(self.text_at(self.at + 1), "<" | "<<") {
                    self.at += 1;
                    if !self.generics() {
                        return false;
                    }
                } else if self.is_group_at(self.at, Delimiter::Round) && matches!(self.text_at(self.at - 1), "Fn" | "FnMut" | "FnOnce") {
                    self.at += 1;
                    if self.eat("->") && !self.ty_without_bounds() {
                        return false;
                    }
                }
            }
            if !self.is("::") {
                return true;
            }
            self.at += 1;
            if matches!(self.text_at(self.at), "<" | "<<") {
                if !self.generics() {
                    return false;
                }
                if !self.eat("::") {
                    return true;
                }
            }
        }
    }

    /// `< … >`, balanced.
    pub(super) fn generics(&mut self) -> bool {
        if self.is("<<") {
            self.split(1);
        }
        if !self.eat("<") {
            return false;
        }
        let mut depth = 1;
        while depth > 0 {
            if self.eat_greater() {
                depth -= 1;
                continue;
            }
            if self.is("<<") {
                self.split(1);
            }
            if self.is("<") {
                depth += 1;
            }
            if matches!(self.text_at(self.at), ";" | "=>") || !self.any() {
                return false;
            }
        }
        true
    }
}
