//! The rules of a macro: matchers and what is written out for them.

use super::tree::{Delimiter, Fragment, Group, Tree, trees};
use compass_expand::{Place, Record, Token, TokenId, TokenKind};
use std::sync::Arc;

/// How often a repetition may stand.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Times {
    /// `*`
    Any,
    /// `+`
    AtLeastOnce,
    /// `?`
    AtMostOnce,
}

/// A piece of a matcher.
#[derive(Debug, Clone, PartialEq)]
pub enum Matcher {
    /// Exactly this token.
    Token(TokenId),
    /// A group in these brackets.
    Group(Delimiter, Vec<Matcher>),
    /// `$name:fragment`; the name by position in [`MacroRules::names`].
    Variable(u16, Fragment),
    /// `$( … ) separator times`
    Repeat(Vec<Matcher>, Option<TokenId>, Times),
}

/// A piece of what is written out.
#[derive(Debug, Clone, PartialEq)]
pub enum Output {
    /// This token.
    Token(TokenId),
    /// A group in brackets.
    Group(Delimiter, TokenId, TokenId, Vec<Output>),
    /// What the variable matched; the token is its dollar sign.
    Variable(u16, TokenId),
    /// `$( … ) separator times`
    Repeat(Vec<Output>, Option<TokenId>),
    /// `$crate`
    Crate(TokenId),
}

/// One rule.
#[derive(Debug, Clone, PartialEq)]
pub struct Rule {
    /// What it fits.
    pub matcher: Vec<Matcher>,
    /// What it writes.
    pub output: Vec<Output>,
    /// Where it stands.
    pub place: Option<Place>,
}

/// A macro of rules.
#[derive(Debug, Clone, PartialEq)]
pub struct MacroRules {
    /// Its name.
    pub name: Arc<str>,
    /// In order.
    pub rules: Vec<Rule>,
    /// Names of variables in all rules.
    pub names: Arc<[Arc<str>]>,
    /// How `$crate` is written: `crate`, or the name of another crate.
    pub crate_name: Arc<str>,
    /// Tokens of the definition.
    pub(super) record: Record,
}

impl MacroRules {
    /// Reads `macro_rules! name { … }` from its tokens, attributes before it allowed.
    ///
    /// `None` when it is no such definition. Rules that cannot be understood are left out.
    pub fn read(tokens: Vec<Token>, crate_name: &str) -> Option<MacroRules> {
        let mut record = Record::default();
        let ids: Vec<TokenId> = tokens.into_iter().map(|t| record.add(t)).collect();
        let all = trees(&record, &ids);
        let word = |i: usize| match all.get(i) {
            Some(Tree::Leaf(id)) => &*record.token(*id).text,
            _ => "",
        };
        let at = (0..all.len()).find(|i| word(*i) == "macro_rules" && word(i + 1) == "!")?;
        let name: Arc<str> = word(at + 2).into();
        let Some(Tree::Group(body)) = all.get(at + 3) else { return None };
        let mut reader = Reader { record: &record, names: Vec::new() };
        let mut rules = Vec::new();
        for part in split(&record, &body.trees) {
            let [Tree::Group(matcher), Tree::Leaf(arrow), Tree::Group(output)] = part else { continue };
            if !record.token(*arrow).is("=>") {
                continue;
            }
            let place = matcher.brackets.and_then(|b| record.token(b.0).place);
            rules.push(Rule { matcher: reader.matcher(&matcher.trees), output: reader.output(&output.trees), place });
        }
        let names = reader.names.into();
        Some(MacroRules { name, rules, names, crate_name: crate_name.into(), record })
    }
}

/// Splits at semicolons.
fn split<'t>(record: &Record, all: &'t [Tree]) -> Vec<&'t [Tree]> {
    all.split(|t| matches!(t, Tree::Leaf(id) if record.token(*id).is(";"))).collect()
}

struct Reader<'r> {
    record: &'r Record,
    names: Vec<Arc<str>>,
}

impl Reader<'_> {
    fn text(&self, tree: Option<&Tree>) -> &str {
        match tree {
            Some(Tree::Leaf(id)) => &self.record.token(*id).text,
            _ => "",
        }
    }

    fn is_name(&self, tree: Option<&Tree>) -> bool {
        matches!(tree, Some(Tree::Leaf(id)) if self.record.token(*id).kind == TokenKind::Name)
    }

    fn number(&mut self, name: &str) -> u16 {
        let known = self.names.iter().position(|n| **n == *name);
        known.unwrap_or_else(|| {
            self.names.push(name.into());
            self.names.len() - 1
        }) as u16
    }

    fn matcher(&mut self, all: &[Tree]) -> Vec<Matcher> {
        let mut out = Vec::new();
        let mut at = 0;
        while let Some(tree) = all.get(at) {
            let dollar = self.text(Some(tree)) == "$";
            if dollar && self.is_name(all.get(at + 1)) && self.text(all.get(at + 2)) == ":" {
                let fragment = Fragment::of_name(self.text(all.get(at + 3)));
                let name = self.text(all.get(at + 1)).to_owned();
                let number = self.number(&name);
                out.push(Matcher::Variable(number, fragment.unwrap_or(Fragment::Tt)));
                at += 4;
                continue;
            }
            if dollar && let Some(Tree::Group(group)) = all.get(at + 1) {
                let inner = self.matcher(&group.trees);
                let (separator, times, used) = self.repetition(&all[at + 2..]);
                out.push(Matcher::Repeat(inner, separator, times));
                at += 2 + used;
                continue;
            }
            match tree {
                Tree::Leaf(id) => out.push(Matcher::Token(*id)),
                Tree::Group(Group { delimiter, trees, .. }) => out.push(Matcher::Group(*delimiter, self.matcher(trees))),
            }
            at += 1;
        }
        out
    }

    /// Separator and sign behind `$( … )`, and how many tokens they take.
    fn repetition(&self, rest: &[Tree]) -> (Option<TokenId>, Times, usize) {
        let times = |text: &str| match text {
            "*" => Some(Times::Any),
            "+" => Some(Times::AtLeastOnce),
            "?" => Some(Times::AtMostOnce),
            _ => None,
        };
        // `$(…)+*`: the first sign is the separator when another follows it.
        let second = times(self.text(rest.get(1)));
        match (rest.first(), times(self.text(rest.first()))) {
            (Some(Tree::Leaf(id)), first) if second.is_some() && first != Some(Times::AtMostOnce) && first != Some(Times::Any) => {
                (Some(*id), second.unwrap_or(Times::Any), 2)
            }
            (_, Some(found)) => (None, found, 1),
            _ => (None, Times::Any, 0),
        }
    }

    fn output(&mut self, all: &[Tree]) -> Vec<Output> {
        let mut out = Vec::new();
        let mut at = 0;
        while let Some(tree) = all.get(at) {
            let dollar = self.text(Some(tree)) == "$";
            if dollar && let Some(Tree::Leaf(id)) = all.get(at + 1) {
                let name = self.record.token(*id).text.clone();
                if &*name == "crate" {
                    out.push(Output::Crate(*id));
                    at += 2;
                    continue;
                }
                if let Some(number) = self.names.iter().position(|n| *n == name) {
                    // The blank before `$name` is the dollar's.
                    let dollar = if let Tree::Leaf(d) = tree { *d } else { *id };
                    out.push(Output::Variable(number as u16, dollar));
                    at += 2;
                    continue;
                }
            }
            if dollar && let Some(Tree::Group(group)) = all.get(at + 1) {
                let inner = self.output(&group.trees);
                let (separator, _, used) = self.repetition(&all[at + 2..]);
                out.push(Output::Repeat(inner, separator));
                at += 2 + used;
                continue;
            }
            match tree {
                Tree::Leaf(id) => out.push(Output::Token(*id)),
                Tree::Group(group) => {
                    if let Some((open, close)) = group.brackets {
                        out.push(Output::Group(group.delimiter, open, close, self.output(&group.trees)));
                    }
                }
            }
            at += 1;
        }
        out
    }
}
