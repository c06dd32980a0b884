//! How far a pattern reaches.

use super::Extent;
use crate::macros::tree::{Delimiter, Fragment, Tree};

impl Extent<'_> {
    pub(super) fn pattern(&mut self) -> bool {
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

    pub(super) fn pattern_alone(&mut self) -> bool {
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
}
