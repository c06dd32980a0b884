//! How far a fragment reaches: expressions, types, patterns, items … in a list of token trees.
//!
//! Only extents are found, no syntax is built: groups are trees already, so what remains is which tokens continue a fragment. `>>` and
//! its kin are split where a type ends inside them.

use super::tree::{Delimiter, Fragment, Tree};
use crate::{Record, Token, TokenId, TokenKind};
use std::rc::Rc;

/// Nesting of prefixes and operands that is followed.
const MAX_DEPTH: usize = 400;

/// May a struct literal stand here? Not before the block of `if`, `while`, `match`, `for`.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
enum Braces {
    Allowed,
    Refused,
}

/// A position in a list of trees.
pub struct Extent<'r> {
    /// Where tokens are.
    pub record: &'r mut Record,
    /// The list; `>>` may become two tokens in it.
    pub trees: Rc<Vec<Tree>>,
    /// The position.
    pub at: usize,
    depth: usize,
}

const BLOCK_STARTERS: [&str; 8] = ["if", "match", "while", "for", "loop", "unsafe", "async", "const"];

impl<'r> Extent<'r> {
    /// At the start of a list.
    pub fn new(record: &'r mut Record, trees: Rc<Vec<Tree>>) -> Self {
        Extent { record, trees, at: 0, depth: 0 }
    }

    /// Moves over one fragment; `false` when none stands here.
    pub fn take(&mut self, fragment: Fragment) -> bool {
        if let Some(matched) = self.matched() {
            // What a variable matched before goes where its own kind is asked for.
            let fits = matched == fragment
                || matches!(
                    (fragment, matched),
                    (Fragment::Tt, _)
                        | (Fragment::Expr | Fragment::Stmt, Fragment::Literal | Fragment::Path | Fragment::Block | Fragment::Expr)
                        | (Fragment::Stmt, Fragment::Item)
                        | (Fragment::Ty, Fragment::Path)
                        | (Fragment::Pat | Fragment::PatParam, Fragment::Literal | Fragment::Path | Fragment::Pat | Fragment::PatParam)
                );
            if fits && fragment != Fragment::Expr && fragment != Fragment::Stmt && fragment != Fragment::Ty {
                self.at += 1;
                return true;
            }
            if !fits && !matches!(fragment, Fragment::Vis | Fragment::Item | Fragment::Meta | Fragment::Expr | Fragment::Stmt) {
                return false;
            }
        }
        match fragment {
            Fragment::Ident => self.eat_if(|t| t.kind == TokenKind::Name && &*t.text != "_" && !t.text.starts_with('\'')),
            Fragment::Lifetime => self.eat_if(|t| t.kind == TokenKind::Name && t.text.starts_with('\'')),
            Fragment::Tt => self.any(),
            Fragment::Literal => self.literal(),
            Fragment::Vis => {
                self.visibility();
                true
            }
            Fragment::Block => self.group(Delimiter::Curly),
            Fragment::Stmt => self.statement(),
            Fragment::Expr => !self.is("_") && self.expression(Braces::Allowed),
            Fragment::Ty => self.ty(),
            Fragment::Pat => self.pattern(),
            Fragment::PatParam => self.pattern_alone(),
            Fragment::Path => self.path(),
            Fragment::Meta => self.meta(),
            Fragment::Item => self.item(),
        }
    }

    fn matched(&self) -> Option<Fragment> {
        match self.trees.get(self.at) {
            Some(Tree::Group(g)) => match g.delimiter {
                Delimiter::Matched(f) => Some(f),
                _ => None,
            },
            _ => None,
        }
    }

    fn leaf_at(&self, at: usize) -> Option<&Token> {
        match self.trees.get(at) {
            Some(Tree::Leaf(id)) => Some(self.record.token(*id)),
            _ => None,
        }
    }

    fn text_at(&self, at: usize) -> &str {
        self.leaf_at(at).filter(|t| !matches!(t.kind, TokenKind::Text | TokenKind::Char)).map_or("", |t| &t.text)
    }

    fn is(&self, text: &str) -> bool {
        self.text_at(self.at) == text
    }

    fn is_group_at(&self, at: usize, delimiter: Delimiter) -> bool {
        matches!(self.trees.get(at), Some(Tree::Group(g)) if g.delimiter == delimiter)
    }

    fn eat(&mut self, text: &str) -> bool {
        let found = self.is(text);
        self.at += usize::from(found);
        found
    }

    fn eat_if(&mut self, test: impl Fn(&Token) -> bool) -> bool {
        let found = self.leaf_at(self.at).is_some_and(test);
        self.at += usize::from(found);
        found
    }

    fn any(&mut self) -> bool {
        let found = self.at < self.trees.len();
        self.at += usize::from(found);
        found
    }

    fn group(&mut self, delimiter: Delimiter) -> bool {
        let found = self.is_group_at(self.at, delimiter) || (delimiter == Delimiter::Curly && self.matched() == Some(Fragment::Block));
        self.at += usize::from(found);
        found
    }

    fn any_group(&mut self) -> bool {
        [Delimiter::Round, Delimiter::Square, Delimiter::Curly].into_iter().any(|d| self.group(d))
    }

    fn lifetime(&mut self) -> bool {
        self.take(Fragment::Lifetime)
    }

    fn name(&mut self) -> bool {
        self.matched().is_none() && self.take(Fragment::Ident)
    }

    /// Eats `>`, splitting a longer token that begins with it.
    fn eat_greater(&mut self) -> bool {
        let text = self.text_at(self.at).to_owned();
        if !text.starts_with('>') {
            return false;
        }
        if text.len() > 1 {
            self.split(1);
        }
        self.at += 1;
        true
    }

    /// Splits the token at the position after `len` bytes.
    fn split(&mut self, len: usize) {
        let Some(Tree::Leaf(id)) = self.trees.get(self.at).cloned() else { return };
        let whole = self.record.token(id).clone();
        let mut part = |text: &str, spaced: bool| -> TokenId { self.record.add(Token { text: text.into(), spaced, parent: Some(id), ..whole.clone() }) };
        let (left, right) = (part(&whole.text[..len], whole.spaced), part(&whole.text[len..], false));
        Rc::make_mut(&mut self.trees).splice(self.at..=self.at, [Tree::Leaf(left), Tree::Leaf(right)]);
    }

    /// Goes one level down; `false` when that is too deep.
    fn deeper(&mut self, work: impl FnOnce(&mut Self) -> bool) -> bool {
        if self.depth >= MAX_DEPTH {
            return false;
        }
        self.depth += 1;
        let found = work(self);
        self.depth -= 1;
        found
    }

    fn literal(&mut self) -> bool {
        let start = self.at;
        self.eat("-");
        let found = self.matched() == Some(Fragment::Literal) && self.any()
            || self.eat_if(|t| matches!(t.kind, TokenKind::Number | TokenKind::Text | TokenKind::Char) || matches!(&*t.text, "true" | "false"));
        if !found {
            self.at = start;
        }
        found
    }

    fn visibility(&mut self) {
        if self.matched() == Some(Fragment::Vis) {
            self.at += 1;
            return;
        }
        if !self.eat("pub") {
            return;
        }
        if let Some(Tree::Group(g)) = self.trees.get(self.at)
            && g.delimiter == Delimiter::Round
            && let Some(Tree::Leaf(first)) = g.trees.first()
        {
            let word = self.record.token(*first).text.clone();
            let alone = g.trees.len() == 1;
            if &*word == "in" || (alone && matches!(&*word, "crate" | "self" | "super")) {
                self.at += 1;
            }
        }
    }

    // Expressions.

    fn expression(&mut self, braces: Braces) -> bool {
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
        self.primary(braces) && self.postfix(braces)
    }

    fn attributes(&mut self) {
        while self.is("#")
            && (self.is_group_at(self.at + 1, Delimiter::Square) || (self.text_at(self.at + 1) == "!" && self.is_group_at(self.at + 2, Delimiter::Square)))
        {
            self.at += if self.text_at(self.at + 1) == "!" { 3 } else { 2 };
        }
    }

    fn primary(&mut self, braces: Braces) -> bool {
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

    fn postfix(&mut self, _braces: Braces) -> bool {
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

    // Types and paths.

    fn ty(&mut self) -> bool {
        self.deeper(|me| me.ty_inner(true))
    }

    fn ty_without_bounds(&mut self) -> bool {
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

    fn path(&mut self) -> bool {
        if self.matched() == Some(Fragment::Path) {
            self.at += 1;
            return true;
        }
        self.path_segments(false)
    }

    /// Segments between `::`. In expressions generics need `::` before them.
    fn path_segments(&mut self, expression: bool) -> bool {
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
    fn generics(&mut self) -> bool {
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

    // Patterns.

    fn pattern(&mut self) -> bool {
        self.eat("|");
        loop {
            if !self.pattern_alone() {
                return false;
            }
            if !self.eat("|") {
                return true;
            }
        }
    }

    fn pattern_alone(&mut self) -> bool {
        self.deeper(Self::pattern_inner)
    }

    fn pattern_inner(&mut self) -> bool {
        if let Some(matched) = self.matched() {
            let usable = matches!(matched, Fragment::Pat | Fragment::PatParam | Fragment::Literal | Fragment::Expr | Fragment::Path | Fragment::Ty);
            if matches!(matched, Fragment::Path | Fragment::Ty) {
                return self.pattern_path();
            }
            self.at += usize::from(usable);
            return usable && self.pattern_range();
        }
        let word = self.text_at(self.at).to_owned();
        match word.as_str() {
            "_" => self.any(),
            ".." | "..=" => {
                self.at += 1;
                let _ = self.literal() || (word == "..=" && self.path_segments(true));
                true
            }
            "&" | "&&" => {
                self.at += 1;
                self.eat("mut");
                self.pattern_alone()
            }
            "ref" | "mut" | "box" => {
                self.at += 1;
                self.eat("mut");
                self.name() && (!self.eat("@") || self.pattern_alone())
            }
            "const" => {
                self.at += 1;
                self.group(Delimiter::Curly)
            }
            _ => {
                if self.literal() {
                    return self.pattern_range();
                }
                self.group(Delimiter::Round) || self.group(Delimiter::Square) || self.pattern_path()
            }
        }
    }

    fn pattern_path(&mut self) -> bool {
        if !self.path_segments(true) {
            return false;
        }
        if self.eat("@") {
            return self.pattern_alone();
        }
        if self.is("!") && matches!(self.trees.get(self.at + 1), Some(Tree::Group(_))) {
            self.at += 1;
            return self.any_group();
        }
        if self.group(Delimiter::Round) || self.group(Delimiter::Curly) {
            return true;
        }
        self.pattern_range()
    }

    fn pattern_range(&mut self) -> bool {
        if self.eat("..") || self.eat("..=") || self.eat("...") {
            let _ = self.literal() || self.path_segments(true);
        }
        true
    }

    // Items, statements, attributes.

    fn meta(&mut self) -> bool {
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

    fn statement(&mut self) -> bool {
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

    fn item(&mut self) -> bool {
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
