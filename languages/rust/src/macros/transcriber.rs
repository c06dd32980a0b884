//! Writes out the right side of a rule.

use super::matcher::{Binding, Bindings};
use super::rules::{MacroRules, Output};
use super::tree::{Delimiter, Fragment, Group, Tree, flatten};
use compass_expand::{MAX_TOKENS, Part, Record, StepNo, Token, TokenId, TokenKind};

/// Writes out one rule for what its variables matched.
pub struct Transcriber<'r> {
    /// Where the call's tokens are, and the new ones go.
    pub record: &'r mut Record,
    /// The macro.
    pub rules: &'r MacroRules,
    /// The step.
    pub step: StepNo,
}

impl Transcriber<'_> {
    /// The trees that stand for the call.
    pub fn write(&mut self, output: &[Output], bindings: &Bindings) -> Vec<Tree> {
        let mut out = Vec::new();
        self.sequence(output, bindings, &mut out);
        self.keep_together(&mut out);
        out
    }

    fn sequence(&mut self, output: &[Output], bindings: &Bindings, out: &mut Vec<Tree>) {
        for piece in output {
            if self.record.tokens.len() > MAX_TOKENS {
                return;
            }
            match piece {
                Output::Token(id) => {
                    let id = self.body(*id, None);
                    out.push(Tree::Leaf(id));
                }
                Output::Crate(id) => {
                    let name = self.rules.crate_name.clone();
                    if &*name != "crate" {
                        let colons = self.body(*id, Some("::"));
                        self.record.tokens[colons.index()].kind = TokenKind::Punct;
                        out.push(Tree::Leaf(colons));
                    }
                    let id = self.body(*id, Some(&name));
                    out.push(Tree::Leaf(id));
                }
                Output::Group(delimiter, open, close, inner) => {
                    let open = self.body(*open, None);
                    let mut trees = Vec::new();
                    self.sequence(inner, bindings, &mut trees);
                    self.keep_together(&mut trees);
                    let close = self.body(*close, None);
                    out.push(Tree::Group(Group { delimiter: *delimiter, brackets: Some((open, close)), trees }));
                }
                Output::Variable(name, at) => self.variable(*name, *at, bindings, out),
                Output::Repeat(inner, separator) => self.repeat(inner, *separator, bindings, out),
            }
        }
    }

    /// A token of the rule's own text.
    fn body(&mut self, id: TokenId, text: Option<&str>) -> TokenId {
        let token = self.rules.record.token(id).clone();
        let text = text.map_or(token.text.clone(), Into::into);
        self.record.add(Token { text, part: Part::Body, parent: None, step: Some(self.step), ..token })
    }

    fn variable(&mut self, name: u16, at: TokenId, bindings: &Bindings, out: &mut Vec<Tree>) {
        let Some(Binding::One(fragment, trees)) = bindings.get(&name) else { return };
        let spaced = self.rules.record.token(at).spaced;
        let mut copies = self.copy(trees, name);
        let mut ids = Vec::new();
        flatten(&copies, &mut ids);
        if let Some(first) = ids.first() {
            self.record.tokens[first.index()].spaced = spaced;
        }
        match fragment {
            Fragment::Ident | Fragment::Lifetime | Fragment::Tt => out.append(&mut copies),
            _ if matches!(&copies[..], [Tree::Group(g)] if matches!(g.delimiter, Delimiter::Matched(_))) => out.append(&mut copies),
            _ if copies.is_empty() => {}
            _ => out.push(Tree::Group(Group { delimiter: Delimiter::Matched(*fragment), brackets: None, trees: copies })),
        }
    }

    fn copy(&mut self, trees: &[Tree], name: u16) -> Vec<Tree> {
        let mut leaf = |id: TokenId| {
            let token = self.record.token(id).clone();
            self.record.add(Token { part: Part::Argument(name), parent: Some(id), second: None, step: Some(self.step), ..token })
        };
        fn walk(trees: &[Tree], leaf: &mut dyn FnMut(TokenId) -> TokenId) -> Vec<Tree> {
            let one = |tree: &Tree, leaf: &mut dyn FnMut(TokenId) -> TokenId| match tree {
                Tree::Leaf(id) => Tree::Leaf(leaf(*id)),
                Tree::Group(g) => {
                    let open = g.brackets.map(|b| leaf(b.0));
                    let trees = walk(&g.trees, leaf);
                    let close = g.brackets.map(|b| leaf(b.1));
                    Tree::Group(Group { delimiter: g.delimiter, brackets: open.zip(close), trees })
                }
            };
            trees.iter().map(|t| one(t, leaf)).collect()
        }
        walk(trees, &mut leaf)
    }

    fn repeat(&mut self, inner: &[Output], separator: Option<TokenId>, bindings: &Bindings, out: &mut Vec<Tree>) {
        let mut names = Vec::new();
        variables(inner, &mut names);
        let turns = names
            .iter()
            .filter_map(|n| match bindings.get(n) {
                Some(Binding::Many(all)) => Some(all.len()),
                _ => None,
            })
            .max()
            .unwrap_or(0);
        for turn in 0..turns {
            if turn > 0
                && let Some(separator) = separator
            {
                let id = self.body(separator, None);
                out.push(Tree::Leaf(id));
            }
            let mut inside = bindings.clone();
            for name in &names {
                if let Some(Binding::Many(all)) = bindings.get(name)
                    && let Some(one) = all.get(turn)
                {
                    inside.insert(*name, one.clone());
                }
            }
            self.sequence(inner, &inside, out);
        }
    }

    /// Gives parentheses to expressions whose neighbours would tear them apart.
    fn keep_together(&mut self, trees: &mut [Tree]) {
        for at in 0..trees.len() {
            let Tree::Group(group) = &trees[at] else { continue };
            let Delimiter::Matched(fragment) = group.delimiter else { continue };
            if fragment != Fragment::Expr || group.brackets.is_some() || is_one_piece(self.record, &group.trees) {
                continue;
            }
            let (left, right) = is_torn(self.record, trees, at, at);
            if !left && !right {
                continue;
            }
            let brackets = grouping(self.record, first_token(&group.trees), self.step);
            if let Tree::Group(group) = &mut trees[at] {
                group.brackets = Some(brackets);
            }
        }
    }
}

/// Would neighbours on the left and on the right tear apart an expression that stands from `from` to `to`?
pub(super) fn is_torn(record: &Record, trees: &[Tree], from: usize, to: usize) -> (bool, bool) {
    let text = |tree: Option<&Tree>| match tree {
        Some(Tree::Leaf(id)) => record.token(*id).text.to_string(),
        _ => String::new(),
    };
    let before = if from == 0 { String::new() } else { text(trees.get(from - 1)) };
    let block_before = from > 0 && matches!(&trees[from - 1], Tree::Group(g) if matches!(g.delimiter, Delimiter::Curly | Delimiter::Square));
    let safe =
        from == 0 || block_before || matches!(before.as_str(), "," | ";" | "=" | "=>" | "return" | ":" | "in" | "if" | "while" | "match" | "else" | "break");
    let after = trees.get(to + 1);
    let safe_after = after.is_none_or(|t| matches!(text(Some(t)).as_str(), "," | ";" | "=>" | "}" | ")" | "]" | "else") || is_code_after(record, t));
    (!safe, !safe_after)
}

/// Does something of its own begin here: a block, or a word that is no operator?
fn is_code_after(record: &Record, tree: &Tree) -> bool {
    match tree {
        Tree::Group(g) => matches!(g.delimiter, Delimiter::Curly | Delimiter::Matched(_)),
        Tree::Leaf(id) => record.token(*id).kind == TokenKind::Name && !record.token(*id).is("as") || record.token(*id).is("#"),
    }
}

/// A pair of parentheses that nobody wrote, around what begins with `first`.
pub(super) fn grouping(record: &mut Record, first: Option<TokenId>, step: StepNo) -> (TokenId, TokenId) {
    let spaced = first.is_some_and(|f| record.token(f).spaced);
    let mut bracket = |text: &str, spaced: bool| {
        record.add(Token {
            text: text.into(),
            kind: TokenKind::Punct,
            spaced,
            painted: false,
            place: None,
            part: Part::Grouping,
            parent: None,
            second: None,
            step: Some(step),
        })
    };
    let brackets = (bracket("(", spaced), bracket(")", false));
    if let Some(first) = first {
        record.tokens[first.index()].spaced = false;
    }
    brackets
}

/// Nothing around it can tear it apart: a name, a literal, a path, a call, a member, a group.
pub(super) fn is_one_piece(record: &Record, trees: &[Tree]) -> bool {
    trees.iter().enumerate().all(|(n, tree)| match tree {
        Tree::Group(g) => !(n > 0 && g.delimiter == Delimiter::Curly),
        Tree::Leaf(id) => {
            let token = record.token(*id);
            let keyword = matches!(&*token.text, "as" | "return" | "break" | "if" | "match" | "move" | "unsafe" | "loop" | "while" | "for" | "async");
            match token.kind {
                TokenKind::Punct => matches!(&*token.text, "." | "::" | "?") || (&*token.text == "!" && n > 0),
                _ => !keyword,
            }
        }
    })
}

pub(super) fn first_token(trees: &[Tree]) -> Option<TokenId> {
    let mut ids = Vec::new();
    flatten(trees, &mut ids);
    ids.first().copied()
}

fn variables(output: &[Output], out: &mut Vec<u16>) {
    for piece in output {
        match piece {
            Output::Variable(name, _) => out.push(*name),
            Output::Group(.., inner) | Output::Repeat(inner, _) => variables(inner, out),
            _ => {}
        }
    }
}
