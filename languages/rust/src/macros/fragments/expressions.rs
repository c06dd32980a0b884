//! How far an expression reaches.

use super::{Braces, Extent};
use crate::macros::tree::{Delimiter, Fragment, Tree};
use compass_expand::TokenKind;

impl Extent<'_> {
    pub(super) fn expression(&mut self, braces: Braces) -> bool {
        self.deeper(|me| me.operands(braces))
    }

    fn operands(&mut self, braces: Braces) -> bool {
        let start = self.at;
        loop {
            if !self.operand(braces) {
                self.at = start;
                return false;
            }
            while self.eat("as") {
                if !self.ty_without_bounds() {
                    return false;
                }
            }
            let operator = self.text_at(self.at);
            let open_ended = matches!(operator, ".." | "..=");
            let binary = matches!(
                operator,
                "+" | "-"
                    | "*"
                    | "/"
                    | "%"
                    | "^"
                    | "&"
                    | "|"
                    | "<<"
                    | ">>"
                    | "=="
                    | "!="
                    | "<"
                    | ">"
                    | "<="
                    | ">="
                    | "&&"
                    | "||"
                    | "="
                    | "+="
                    | "-="
                    | "*="
                    | "/="
                    | "%="
                    | "^="
                    | "&="
                    | "|="
                    | "<<="
                    | ">>="
            );
            if !binary && !open_ended {
                return true;
            }
            self.at += 1;
            if open_ended && !self.begins_operand(braces) {
                return true;
            }
        }
    }

    fn begins_operand(&self, braces: Braces) -> bool {
        match self.trees.get(self.at) {
            None => false,
            Some(Tree::Group(g)) => g.delimiter != Delimiter::Curly || braces == Braces::Allowed,
            Some(Tree::Leaf(id)) => {
                let token = self.record.token(*id);
                token.kind != TokenKind::Punct || matches!(&*token.text, "-" | "!" | "*" | "&" | "&&" | "|" | "||" | "<" | "::" | ".." | "..=" | "#")
            }
        }
    }

    fn operand(&mut self, braces: Braces) -> bool {
        self.attributes();
        loop {
            if self.eat("-") || self.eat("!") || self.eat("*") {
                continue;
            }
            if self.eat("&") || self.eat("&&") {
                if self.is("raw") && matches!(self.text_at(self.at + 1), "const" | "mut") {
                    self.at += 2;
                } else {
                    self.eat("mut");
                }
                continue;
            }
            break;
        }
        if self.is("..") || self.is("..=") {
            self.at += 1;
            return !self.begins_operand(braces) || self.operand(braces);
        }
        self.primary(braces) && self.postfix()
    }

    pub(super) fn attributes(&mut self) {
        while self.is("#")
            && (self.is_group_at(self.at + 1, Delimiter::Square) || (self.text_at(self.at + 1) == "!" && self.is_group_at(self.at + 2, Delimiter::Square)))
        {
            self.at += if self.text_at(self.at + 1) == "!" { 3 } else { 2 };
        }
    }

    pub(super) fn primary(&mut self, braces: Braces) -> bool {
        if let Some(matched) = self.matched() {
            let usable = matches!(matched, Fragment::Expr | Fragment::Literal | Fragment::Path | Fragment::Block | Fragment::Ty | Fragment::Stmt);
            if matches!(matched, Fragment::Path | Fragment::Ty) {
                return self.path_expression(braces);
            }
            self.at += usize::from(usable);
            return usable;
        }
        let word = self.text_at(self.at).to_owned();
        match word.as_str() {
            "if" => self.if_expression(),
            "match" => self.after_keyword(|me| me.expression(Braces::Refused) && me.group(Delimiter::Curly)),
            "while" => self.after_keyword(|me| me.expression(Braces::Refused) && me.group(Delimiter::Curly)),
            "for" if self.text_at(self.at + 1) != "<" => {
                self.after_keyword(|me| me.pattern() && me.eat("in") && me.expression(Braces::Refused) && me.group(Delimiter::Curly))
            }
            "loop" => self.after_keyword(|me| me.group(Delimiter::Curly)),
            "unsafe" => self.after_keyword(|me| me.group(Delimiter::Curly)),
            "const" if self.is_group_at(self.at + 1, Delimiter::Curly) => self.after_keyword(|me| me.group(Delimiter::Curly)),
            "let" => self.after_keyword(|me| me.pattern() && me.eat("=") && me.let_value()),
            "return" | "break" | "continue" | "yield" | "become" => {
                self.at += 1;
                self.lifetime();
                !self.begins_operand(braces) || self.expression(braces)
            }
            "async" | "move" | "static" | "|" | "||" | "for" => self.closure_or_async(),
            _ if word.starts_with('\'') && self.text_at(self.at + 1) == ":" => {
                self.at += 2;
                self.primary(braces)
            }
            _ => {
                self.literal() || self.group(Delimiter::Round) || self.group(Delimiter::Square) || self.group(Delimiter::Curly) || self.path_expression(braces)
            }
        }
    }

    fn after_keyword(&mut self, work: impl FnOnce(&mut Self) -> bool) -> bool {
        self.at += 1;
        work(self)
    }

    /// The value of a `let` in a condition binds stronger than `&&` and `||`.
    fn let_value(&mut self) -> bool {
        self.operand(Braces::Refused)
    }

    fn if_expression(&mut self) -> bool {
        self.at += 1;
        if !(self.expression(Braces::Refused) && self.group(Delimiter::Curly)) {
            return false;
        }
        if !self.eat("else") {
            return true;
        }
        if self.is("if") { self.deeper(Self::if_expression) } else { self.group(Delimiter::Curly) }
    }

    fn closure_or_async(&mut self) -> bool {
        if self.eat("for") && !self.generics() {
            return false;
        }
        self.eat("static");
        let is_async = self.eat("async");
        self.eat("move");
        if is_async && self.group(Delimiter::Curly) {
            return true;
        }
        if !self.eat("||") {
            if !self.eat("|") {
                return false;
            }
            while !self.is("|") {
                if !self.any() {
                    return false;
                }
            }
            self.at += 1;
        }
        if self.eat("->") {
            return self.ty_without_bounds() && self.group(Delimiter::Curly);
        }
        self.expression(Braces::Allowed)
    }

    fn path_expression(&mut self, braces: Braces) -> bool {
        if !self.path_segments(true) {
            return false;
        }
        if self.is("!") && !self.text_at(self.at + 1).starts_with('=') && matches!(self.trees.get(self.at + 1), Some(Tree::Group(_))) {
            self.at += 1;
            return self.any_group();
        }
        if braces == Braces::Allowed && self.is_group_at(self.at, Delimiter::Curly) {
            self.at += 1;
        }
        true
    }

    fn postfix(&mut self) -> bool {
        loop {
            if self.eat("?") || self.group(Delimiter::Round) || self.group(Delimiter::Square) {
                continue;
            }
            if !self.is(".") {
                return true;
            }
            self.at += 1;
            let member = self.matched() == Some(Fragment::Literal) && self.any() || self.eat_if(|t| matches!(t.kind, TokenKind::Name | TokenKind::Number));
            if !member {
                return false;
            }
            if self.is("::") {
                self.at += 1;
                if !self.generics() {
                    return false;
                }
            }
        }
    }
}
