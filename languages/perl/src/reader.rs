//! Perl, read by a reader of our own: what a file defines, brings in and uses, off its tokens.
//!
//! # How it works
//! No tree: Perl cannot be parsed without running it. Brackets give scopes; words that open definitions (`package`, `sub`, `my`, `use`) are
//! followed as far as their form goes; everything else is chains: a variable, a name or a call with what hangs on it by arrows. Packages
//! are types: their functions are members, `@ISA`, `use parent` and `use base` say their bases. `$self` is what a method
//! gets first. A name keeps its sign (`@rack`, `$rack` are two), an element the sign of the whole (`$rack[0]` is of `@rack`).

mod chain;
mod imports;
pub(crate) mod lexer;
mod pod;
mod signals;
mod variables;

use compass_facts::bounds::Bounded;
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, Flags, GapCause, Kind, ScopeId, ScopeKind, Span, TypeExpr, TypeId};
use lexer::{PerlToken, perl_tokens};
use rustc_hash::FxHashSet;

/// Reads a file.
pub(crate) fn read(text: &str, cancel: &Cancel) -> Facts {
    let (mut tokens, mut pods, mut broken) = (Vec::new(), Vec::new(), Vec::new());
    for (token, span) in perl_tokens(text) {
        match token {
            PerlToken::Pod => pods.push(span),
            PerlToken::Comment => {}
            _ => {
                if token == PerlToken::Broken {
                    broken.push(span);
                }
                tokens.push((token, span));
            }
        }
    }
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Members }, cancel);
    let mut reader = Reader {
        b,
        text,
        tokens,
        at: 0,
        pods: pod::Pods::new(text, pods),
        package: None,
        open: None,
        is_method: false,
        results: Vec::new(),
        known: FxHashSet::default(),
    };
    broken.into_iter().for_each(|span| reader.b.gap(GapCause::Syntax, span));
    reader.find_names();
    reader.items(None);
    reader.close_package(text.len());
    reader.b.finish()
}

/// Classes of tokens for reading on screen.
pub(crate) fn classes(text: &str) -> Vec<compass_facts::Token> {
    let class = |token: PerlToken, word: &str| match token {
        PerlToken::Comment | PerlToken::Pod => Some(compass_facts::TokenClass::Comment),
        PerlToken::Text { .. } | PerlToken::Words => Some(compass_facts::TokenClass::Text),
        PerlToken::Number => Some(compass_facts::TokenClass::Number),
        PerlToken::Word if chain::is_of_language(word) || word == "package" => Some(compass_facts::TokenClass::Keyword),
        _ => None,
    };
    perl_tokens(text).into_iter().filter_map(|(token, span)| Some(compass_facts::Token { span, class: class(token, span.of(text))? })).collect()
}

/// State of the walk.
struct Reader<'t> {
    b: Builder<'t>,
    text: &'t str,
    tokens: Vec<(PerlToken, Span)>,
    at: usize,
    pods: pod::Pods<'t>,
    /// The scope of the package around.
    package: Option<ScopeId>,
    /// A package that reaches to the next: its definition, and where the walk stood before it.
    open: Option<(DefId, compass_facts::reading::Place)>,
    /// Did the function being read take an object?
    is_method: bool,
    /// What it gives back, as far as that can be told.
    results: Vec<TypeId>,
    /// Functions of this file, and what is brought in by name: they may be called without brackets.
    known: FxHashSet<&'t str>,
}

impl compass_facts::bounds::Bounded for Reader<'_> {
    fn bounds(&mut self) -> &mut compass_facts::bounds::Bounds {
        &mut self.b.bounds
    }

    fn refused(&mut self, why: compass_facts::bounds::Refusal, at: compass_facts::Span) {
        self.b.refused(why, at);
    }
}

impl<'t> Reader<'t> {
    fn token(&self, ahead: usize) -> Option<(PerlToken, Span)> {
        self.tokens.get(self.at + ahead).copied()
    }

    /// The text of a token from here; empty behind the last.
    fn peek(&self, ahead: usize) -> &'t str {
        self.tokens.get(self.at + ahead).map_or("", |t| t.1.of(self.text))
    }

    fn kind(&self, ahead: usize) -> Option<PerlToken> {
        self.tokens.get(self.at + ahead).map(|t| t.0)
    }

    fn is_sign(&self, ahead: usize, sign: &str) -> bool {
        self.kind(ahead) == Some(PerlToken::Sign) && self.peek(ahead) == sign
    }

    /// The sign right before, if it is one.
    fn sign_before(&self) -> &'t str {
        self.at.checked_sub(1).and_then(|i| self.tokens.get(i)).filter(|t| t.0 == PerlToken::Sign).map_or("", |t| t.1.of(self.text))
    }

    fn end_before(&self) -> u32 {
        self.at.checked_sub(1).and_then(|i| self.tokens.get(i)).map_or(0, |t| t.1.end)
    }

    /// Names of functions of the file, for calls without brackets.
    fn find_names(&mut self) {
        for pair in self.tokens.windows(2) {
            if pair[0].0 == PerlToken::Word && pair[0].1.of(self.text) == "sub" && pair[1].0 == PerlToken::Word {
                self.known.insert(pair[1].1.of(self.text));
            }
        }
    }

    /// Everything to the bracket that closes; that is passed, too. How many there are, parted by commas.
    fn items(&mut self, close: Option<&str>) -> usize {
        let (mut count, mut is_new) = (0, true);
        while let Some((kind, span)) = self.token(0) {
            let sign = if kind == PerlToken::Sign { span.of(self.text) } else { "" };
            let is_comma = matches!(sign, "," | "=>");
            if is_new && !is_comma && !matches!(sign, ")" | "]" | "}") {
                count += 1;
            }
            is_new = is_comma;
            match sign {
                ")" | "]" | "}" => {
                    // One too many at the top is passed over.
                    self.at += 1;
                    if close.is_some() {
                        return count;
                    }
                }
                "{" | "(" | "[" => {
                    self.group();
                }
                _ => self.item(kind, span),
            }
        }
        count
    }

    /// A bracket with all it holds: braces make a scope. How many things it holds, parted by commas.
    fn group(&mut self) -> usize {
        let Some((_, span)) = self.token(0) else { return 0 };
        let close = match span.of(self.text) {
            "(" => ")",
            "[" => "]",
            _ => "}",
        };
        let Some(count) = self.deeper(span, |r| r.group_within(close, span)) else {
            self.pass_over();
            return 0;
        };
        count
    }

    fn group_within(&mut self, close: &'static str, span: Span) -> usize {
        self.at += 1;
        let count;
        if close == "}" {
            let saved = self.b.enter(ScopeKind::Ordered, span, None);
            // A package that begins within ends within.
            let around = (self.open.take(), self.package);
            count = self.items(Some(close));
            self.close_package(self.end_before() as usize);
            (self.open, self.package) = around;
            self.b.leave(saved);
        } else {
            count = self.items(Some(close));
        }
        count
    }

    /// A bracket without looking at what it holds.
    fn pass_over(&mut self) {
        let mut depth = 0usize;
        while let Some((kind, span)) = self.token(0) {
            self.at += 1;
            if kind == PerlToken::Sign {
                match span.of(self.text) {
                    "(" | "[" | "{" => depth += 1,
                    ")" | "]" | "}" => depth = depth.saturating_sub(1),
                    _ => {}
                }
            }
            if depth == 0 {
                return;
            }
        }
    }

    fn item(&mut self, kind: PerlToken, span: Span) {
        match kind {
            PerlToken::Word if self.is_key() => self.at += 1,
            PerlToken::Word => match span.of(self.text) {
                "package" => self.package(),
                "sub" => self.function(),
                "use" | "require" | "no" => self.import(),
                "my" | "our" | "local" | "state" => {
                    self.variables();
                }
                "return" => self.result(),
                _ => {
                    self.chain();
                }
            },
            PerlToken::Variable => {
                self.chain();
            }
            PerlToken::Text { filled } => {
                self.statement(span);
                if filled {
                    self.filled(span);
                }
                self.at += 1;
            }
            _ => self.at += 1,
        }
    }

    /// A statement of SQL between quotes: `'…'`, `qq{…}`.
    fn statement(&mut self, whole: Span) {
        let text = whole.of(self.text);
        let open = text.len() - text.trim_start_matches(|c: char| c.is_ascii_alphabetic()).trim_start().len() + 1;
        if text.len() > open + 1 && text.is_char_boundary(open) && text.is_char_boundary(text.len() - 1) {
            self.b.statement_in(Span::new(whole.start as usize + open, whole.end as usize - 1));
        }
    }

    /// `{word}` and `word =>` are texts.
    fn is_key(&self) -> bool {
        self.is_sign(1, "=>") || self.sign_before() == "{" && self.is_sign(1, "}")
    }

    /// `package Larder::Label;` to the next one, or with braces.
    fn package(&mut self) {
        let Some((PerlToken::Word, name)) = self.token(1) else {
            self.at += 1;
            return;
        };
        let start = self.token(0).map_or(name.start, |t| t.1.start);
        self.at += 2;
        while matches!(self.kind(0), Some(PerlToken::Number | PerlToken::Word)) {
            self.at += 1;
        }
        let has_braces = self.is_sign(0, "{");
        if !has_braces {
            self.close_package(start as usize);
        }
        if name.of(self.text) == "main" {
            return;
        }
        let mut new = NewDefinition::new(name.of(self.text), Kind::Class, name, Span { start, end: name.end });
        new.doc = self.pods.of_package();
        // A package within another is none of its members.
        let def = self.b.define_in(ScopeId::FILE, new);
        let around = self.package.take();
        let saved = self.b.enter(ScopeKind::Type, name, Some(def));
        self.package = Some(self.b.place.scope);
        if has_braces {
            self.at += 1;
            self.items(Some("}"));
            self.b.def_mut(def).whole.end = self.end_before();
            self.b.leave(saved);
            self.package = around;
        } else {
            self.open = Some((def, saved));
        }
    }

    /// The package that reaches to here ends.
    fn close_package(&mut self, end: usize) {
        if let Some((def, saved)) = self.open.take() {
            self.b.def_mut(def).whole.end = self.text[..end].trim_end().len() as u32;
            self.b.leave(saved);
            self.package = None;
        }
    }

    /// `sub name { … }`, with or without a name, with parameters by name or none.
    fn function(&mut self) {
        let start = self.token(0).map_or(0, |t| t.1.start);
        self.at += 1;
        let name = self.token(0).filter(|t| t.0 == PerlToken::Word);
        let def = name.map(|(_, at)| {
            self.at += 1;
            let word = at.of(self.text).rsplit("::").next().unwrap_or_default();
            let at = Span { start: at.end - word.len() as u32, end: at.end };
            let mut new = NewDefinition::new(word, Kind::Function, at, Span { start, end: at.end });
            new.doc = self.pods.of_function(self.text, word, start).or_else(|| self.comment_above(start));
            new.flags = Flags::default().with_if(word.starts_with('_'), Flags::PRIVATE);
            // Whatever blocks stand around: it is one of its package.
            self.b.define_in(self.package.unwrap_or(ScopeId::FILE), new)
        });
        let saved = self.b.enter(ScopeKind::Function, Span { start, end: start }, def);
        let outer = std::mem::replace(&mut self.is_method, false);
        let results_around = std::mem::take(&mut self.results);
        let arity = if self.is_sign(0, "(") { self.parameters() } else { None };
        while self.is_sign(0, ":") {
            self.at += 2;
            if self.is_sign(0, "(") {
                self.pass_over();
            }
        }
        let body = self.token(0).map_or(start, |t| t.1.start);
        let has_body = self.is_sign(0, "{");
        if has_body {
            self.group();
        }
        let end = self.end_before();
        let is_method = std::mem::replace(&mut self.is_method, outer);
        let results = std::mem::replace(&mut self.results, results_around);
        self.b.leave(saved);
        let result = match results[..] {
            [] => None,
            [only] => Some(only),
            _ => Some(self.b.ty(TypeExpr::Union(results))),
        };
        if let Some(def) = def {
            let in_package = self.package.is_some();
            let d = self.b.def_mut(def);
            d.whole.end = end;
            d.arity = arity.unwrap_or(255);
            d.body = has_body.then_some(Span { start: body, end });
            d.ty = result;
            d.flags = d.flags.with_if(!has_body, Flags::BODILESS).with_if(result.is_some(), Flags::INFERRED);
            if in_package && is_method {
                d.kind = Kind::Method;
            }
        }
    }

    /// Lines of `#` that end right above.
    fn comment_above(&self, at: u32) -> Option<Span> {
        let before = &self.text[..at as usize];
        let mut start = before.rfind('\n').map_or(0, |i| i + 1);
        let end = start;
        while start > 0 {
            let line = before[..start - 1].rfind('\n').map_or(0, |i| i + 1);
            if !before[line..start].trim_start().starts_with('#') || before[line..start].starts_with("#!") {
                break;
            }
            start = line;
        }
        (start < end).then(|| Span::new(start, before[..end].trim_end().len()))
    }

    /// The list behind the name of a function: parameters by name, or a prototype of signs. How many there are at most.
    fn parameters(&mut self) -> Option<u8> {
        self.at += 1;
        let (mut count, mut is_open, mut in_default) = (0u8, false, false);
        while let Some((kind, span)) = self.token(0) {
            let word = span.of(self.text);
            if in_default && matches!(kind, PerlToken::Word | PerlToken::Variable | PerlToken::Text { filled: true }) {
                self.item(kind, span);
                continue;
            }
            self.at += 1;
            match kind {
                PerlToken::Sign if word == "," => in_default = false,
                PerlToken::Sign if matches!(word, "=" | "//=" | "||=") => in_default = true,
                PerlToken::Variable if word.len() > 1 && word.as_bytes()[1].is_ascii_alphabetic() => {
                    let ty = self.object(word, count == 0);
                    let mut new = NewDefinition::new(word, Kind::Parameter, span, span);
                    (new.ty, new.flags) = (ty, Flags::default().with_if(ty.is_some(), Flags::INFERRED));
                    self.b.define(new);
                    count = count.saturating_add(1);
                    is_open |= !word.starts_with('$');
                }
                PerlToken::Sign if word == ")" => break,
                PerlToken::Sign if matches!(word, "{" | "(" | "[") => {
                    self.at -= 1;
                    self.pass_over();
                }
                _ => is_open |= word.contains(['@', '%', '&', ';', '$', '\\']),
            }
        }
        // An object is no argument of those who call.
        (!is_open && count > 0).then(|| count - u8::from(self.is_method))
    }
}
