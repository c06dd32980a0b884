//! Macro definitions: parameters and a body in which parameters and operators are known.

use crate::lexer::Lexed;
use compass_expand::{Place, SourceNo, TokenKind};
use compass_facts::Span;
use rustc_hash::FxHashMap;
use std::sync::Arc;

/// What an item of a body is.
#[derive(Debug, Clone, PartialEq)]
pub enum ItemKind {
    /// Text.
    Token {
        /// As spelled.
        text: Arc<str>,
        /// Its class.
        kind: TokenKind,
    },
    /// A parameter, by position.
    Parameter(u16),
    /// `#` and a parameter.
    Stringify(u16),
    /// `__VA_OPT__( … )`, possibly after `#`.
    Optional {
        /// What stands in it.
        items: Vec<Item>,
        /// Was there a `#` before it?
        stringify: bool,
    },
}

/// One item of a body.
#[derive(Debug, Clone, PartialEq)]
pub struct Item {
    /// What it is.
    pub kind: ItemKind,
    /// Where.
    pub span: Span,
    /// Blanks before it.
    pub spaced: bool,
    /// `##` follows.
    pub pastes: bool,
}

/// A macro.
#[derive(Debug, Clone, PartialEq)]
pub struct Definition {
    /// Its name.
    pub name: Arc<str>,
    /// Parameters, a variadic one last; none for macros that are used without parentheses.
    pub parameters: Option<Vec<Arc<str>>>,
    /// Is the last parameter variadic?
    pub variadic: bool,
    /// What it stands for.
    pub body: Vec<Item>,
    /// Where its name is written in its definition; none for those given on the command line.
    pub place: Option<Place>,
    /// Conditionals that were open there, outermost first, as written.
    pub conditions: Vec<Arc<str>>,
}

/// Definitions in force, by name.
pub type Table = FxHashMap<Arc<str>, Arc<Definition>>;

impl Definition {
    /// Reads what follows `#define` on its line.
    ///
    /// `None` when no name follows or the parameters are not closed.
    pub fn read(source: SourceNo, text: &str, line: &[Lexed]) -> Option<Definition> {
        let (name, rest) = line.split_first()?;
        if name.kind != TokenKind::Name {
            return None;
        }
        let mut definition = Definition {
            name: name.spelling(text).into(),
            parameters: None,
            variadic: false,
            body: Vec::new(),
            place: Some(Place { source, span: name.span }),
            conditions: Vec::new(),
        };
        let mut body = rest;
        if let Some(open) = rest.first()
            && open.span.of(text) == "("
            && !open.spaced
        {
            let close = rest.iter().position(|t| t.span.of(text) == ")")?;
            definition.read_parameters(text, &rest[1..close])?;
            body = &rest[close + 1..];
        }
        definition.body = Body { text, parameters: definition.parameters.as_deref(), variadic: definition.variadic }.read(body);
        if let Some(first) = definition.body.first_mut() {
            first.spaced = false;
        }
        Some(definition)
    }

    /// Tells the names in the body that are no parameters.
    pub fn each_name(&self, tell: &mut dyn FnMut(&Arc<str>)) {
        fn within(items: &[Item], tell: &mut dyn FnMut(&Arc<str>)) {
            for item in items {
                match &item.kind {
                    ItemKind::Token { text, kind: TokenKind::Name } => tell(text),
                    ItemKind::Optional { items, .. } => within(items, tell),
                    _ => {}
                }
            }
        }
        within(&self.body, tell);
    }

    fn read_parameters(&mut self, text: &str, tokens: &[Lexed]) -> Option<()> {
        let mut parameters: Vec<Arc<str>> = Vec::new();
        for group in tokens.split(|t| t.span.of(text) == ",") {
            let words: Vec<_> = group.iter().map(|t| t.spelling(text)).collect();
            match words.iter().map(|w| w.as_ref()).collect::<Vec<_>>()[..] {
                [] if tokens.is_empty() => {}
                ["..."] => {
                    parameters.push("__VA_ARGS__".into());
                    self.variadic = true;
                }
                [name, "..."] => {
                    parameters.push(name.into());
                    self.variadic = true;
                }
                [name] => parameters.push(name.into()),
                _ => return None,
            }
        }
        self.parameters = Some(parameters);
        Some(())
    }

    /// A macro given on the command line: `NAME` (stands for 1), `NAME=VALUE` or `NAME(PARAMETERS)=VALUE`.
    pub fn given(text: &str) -> Option<Definition> {
        let (name, value) = text.split_once('=').unwrap_or((text, "1"));
        let line = format!("{name} {value}");
        let tokens: Vec<Lexed> = crate::lexer::CLexer::new(&line, false).collect();
        let mut definition = Definition::read(SourceNo(u32::MAX), &line, &tokens)?;
        definition.place = None;
        Some(definition)
    }
}

struct Body<'t> {
    text: &'t str,
    parameters: Option<&'t [Arc<str>]>,
    variadic: bool,
}

impl Body<'_> {
    fn read(&self, tokens: &[Lexed]) -> Vec<Item> {
        let mut items: Vec<Item> = Vec::new();
        let mut at = 0;
        while let Some(token) = tokens.get(at) {
            let word = token.spelling(self.text);
            let pastes = matches!(word.as_ref(), "##" | "%:%:") && token.kind == TokenKind::Punct;
            if pastes && let Some(last) = items.last_mut() {
                last.pastes = true;
                at += 1;
                continue;
            }
            let is_hash = matches!(word.as_ref(), "#" | "%:") && self.parameters.is_some();
            if is_hash && let Some((kind, span, used)) = self.after_hash(&tokens[at + 1..]) {
                items.push(Item { kind, span: Span { start: token.span.start, end: span.end }, spaced: token.spaced, pastes: false });
                at += 1 + used;
                continue;
            }
            let (kind, used) = self.item(&tokens[at..]);
            items.push(Item { kind, span: token.span, spaced: token.spaced, pastes: false });
            at += used;
        }
        if let Some(last) = items.last_mut() {
            last.pastes = false;
        }
        items
    }

    fn after_hash(&self, rest: &[Lexed]) -> Option<(ItemKind, Span, usize)> {
        let next = rest.first()?;
        match self.item(rest) {
            (ItemKind::Parameter(n), used) => Some((ItemKind::Stringify(n), next.span, used)),
            (ItemKind::Optional { items, .. }, used) => Some((ItemKind::Optional { items, stringify: true }, rest[used - 1].span, used)),
            _ => None,
        }
    }

    /// The item at the front, and how many tokens it takes.
    fn item(&self, tokens: &[Lexed]) -> (ItemKind, usize) {
        let token = &tokens[0];
        let word = token.spelling(self.text);
        if token.kind == TokenKind::Name {
            if let Some(n) = self.parameters.unwrap_or_default().iter().position(|p| **p == *word) {
                return (ItemKind::Parameter(n as u16), 1);
            }
            if word == "__VA_OPT__"
                && self.variadic
                && let Some(close) = self.closing(tokens)
            {
                return (ItemKind::Optional { items: self.read(&tokens[2..close]), stringify: false }, close + 1);
            }
        }
        (ItemKind::Token { text: word.into(), kind: token.kind }, 1)
    }

    /// Where the parenthesis closes that opens after the first token.
    fn closing(&self, tokens: &[Lexed]) -> Option<usize> {
        let mut depth = 0usize;
        for (i, token) in tokens.iter().enumerate().skip(1) {
            match token.span.of(self.text) {
                "(" => depth += 1,
                ")" if depth == 1 => return Some(i),
                ")" => depth = depth.checked_sub(1)?,
                _ if depth == 0 => return None,
                _ => {}
            }
        }
        None
    }
}
