//! How far a fragment reaches: expressions, types, patterns, items … in a list of token trees.
//!
//! Only extents are found, no syntax is built: groups are trees already, so what remains is which tokens continue a fragment. `>>` and
//! its kin are split where a type ends inside them.

mod expressions;
mod items;
mod patterns;
mod types;

use super::tree::{Delimiter, Fragment, Tree};
use compass_expand::{Record, Token, TokenId, TokenKind};
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
}
