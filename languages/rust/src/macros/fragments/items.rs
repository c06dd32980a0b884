//! How far an item or a statement reaches.

use super::{BLOCK_STARTERS, Braces, Extent};
use crate::macros::tree::{Delimiter, Fragment};
use compass_expand::TokenKind;

impl Extent<'_> {
    pub(super) fn meta(&mut self) -> bool {
        if self.matched() == Some(Fragment::Meta) {
            self.at += 1;
            return true;
        }
        if self.eat("unsafe") {
            return self.group(Delimiter::Round);
        }
        if !self.path() {
            return false;
        }
        if self.eat("=") {
            return self.expression(Braces::Allowed);
        }
        self.any_group();
        true
    }

    pub(super) fn statement(&mut self) -> bool {
        let start = self.at;
        self.attributes();
        if self.eat("let") {
            let mut found = self.pattern() && (!self.eat(":") || self.ty());
            if found && self.eat("=") {
                found = self.expression(Braces::Allowed);
                if found && self.eat("else") {
                    found = self.group(Delimiter::Curly);
                }
            }
            return found;
        }
        self.at = start;
        if self.item() {
            return true;
        }
        self.at = start;
        let block_like = BLOCK_STARTERS.contains(&self.text_at(self.at)) || self.is_group_at(self.at, Delimiter::Curly);
        if block_like && self.primary(Braces::Allowed) && !self.is(".") && !self.is("?") {
            return true;
        }
        self.at = start;
        self.expression(Braces::Allowed)
    }

    pub(super) fn item(&mut self) -> bool {
        if self.matched() == Some(Fragment::Item) {
            self.at += 1;
            return true;
        }
        let start = self.at;
        self.attributes();
        self.visibility();
        let found = self.item_after_visibility();
        if !found {
            self.at = start;
        }
        found
    }

    fn item_after_visibility(&mut self) -> bool {
        self.eat("default");
        let next = self.text_at(self.at + 1).to_owned();
        match self.text_at(self.at) {
            "const" if matches!(next.as_str(), "fn" | "unsafe" | "extern" | "async") => self.up_to_body(),
            "static" if matches!(next.as_str(), "|" | "||" | "move") => false,
            "const" if self.is_group_at(self.at + 1, Delimiter::Curly) => false,
            "use" | "const" | "static" | "type" => self.up_to_semicolon(),
            "extern" if next == "crate" => self.up_to_semicolon(),
            "unsafe" if self.is_group_at(self.at + 1, Delimiter::Curly) => false,
            "async" if !matches!(next.as_str(), "fn" | "unsafe" | "extern") => false,
            "fn" | "unsafe" | "async" | "extern" | "enum" | "trait" | "impl" | "mod" | "auto" => self.up_to_body(),
            "struct" => self.structure(),
            "union" if self.leaf_at(self.at + 1).is_some_and(|t| t.kind == TokenKind::Name) => self.structure(),
            "macro_rules" if next == "!" => {
                self.at += 2;
                let found = self.name() && self.any_group();
                self.eat(";");
                found
            }
            _ => false,
        }
    }

    fn structure(&mut self) -> bool {
        self.at += 1;
        let begin = self.at;
        if self.up_to_body_or_semicolon() { self.at > begin } else { false }
    }

    fn up_to_semicolon(&mut self) -> bool {
        while self.at < self.trees.len() {
            if self.eat(";") {
                return true;
            }
            self.at += 1;
        }
        false
    }

    fn up_to_body(&mut self) -> bool {
        self.up_to_body_or_semicolon()
    }

    fn up_to_body_or_semicolon(&mut self) -> bool {
        while self.at < self.trees.len() {
            if self.eat(";") || self.group(Delimiter::Curly) {
                return true;
            }
            if self.is("<") {
                if !self.generics() {
                    return false;
                }
                continue;
            }
            self.at += 1;
        }
        false
    }
}
