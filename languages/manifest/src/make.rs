//! Makefiles: one pass over logical lines. A target is a function: what it needs is called, its recipe is its body.
//!
//! Source of the rules: the published manual of GNU make, chapters on rules, variables and conditionals.

use crate::commands;
use compass_facts::reading::{Builder, Lookup, NewDefinition, Place, TypeScopes};
use compass_facts::{Cancel, DefId, Facts, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, Span, Token, TokenClass};

/// Directives that test something.
const TESTS: [&str; 5] = ["ifdef", "ifndef", "ifeq", "ifneq", "else"];

/// Reads a file.
pub(crate) fn read(text: &str, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b, open: None, doc: None, defining: 0 };
    for line in lines(text) {
        reader.line(line);
    }
    reader.close();
    reader.b.finish()
}

/// Classes of tokens.
pub(crate) fn tokens(text: &str) -> Vec<Token> {
    let mut out = Vec::new();
    for line in lines(text) {
        let whole = &text[line.start as usize..line.end as usize];
        let indent = whole.len() - whole.trim_start().len();
        let word = whole.trim_start().split(|c: char| c.is_whitespace() || c == ':').next().unwrap_or("");
        let at = line.start as usize + indent;
        if whole.trim_start().starts_with('#') {
            out.push(Token { span: Span::new(at, line.end as usize), class: TokenClass::Comment });
        } else if TESTS.contains(&word) || matches!(word, "endif" | "include" | "-include" | "sinclude" | "define" | "endef" | "export" | "override" | ".PHONY")
        {
            out.push(Token { span: Span::new(at, at + word.len()), class: TokenClass::Keyword });
        }
    }
    out
}

/// Lines, those that go on taken together.
fn lines(text: &str) -> impl Iterator<Item = Span> + '_ {
    let mut at = 0;
    std::iter::from_fn(move || {
        if at >= text.len() {
            return None;
        }
        let start = at;
        loop {
            let end = memchr::memchr(b'\n', &text.as_bytes()[at..]).map_or(text.len(), |i| at + i);
            at = (end + 1).min(text.len().max(end));
            let goes_on = text[start..end].trim_end_matches('\r').ends_with('\\');
            if !goes_on || end >= text.len() {
                at = end + 1;
                return Some(Span::new(start, end));
            }
            at = end + 1;
        }
    })
}

/// State of the pass.
struct Reader<'t> {
    b: Builder<'t>,
    /// The rule whose recipe may follow.
    open: Option<(Place, DefId)>,
    /// Comment lines right in front.
    doc: Option<Span>,
    /// Definitions of several lines that are open.
    defining: u32,
}

/// Where a line is split: what stands in front, the sign, what stands behind.
struct Split {
    sign: &'static str,
    at: usize,
}

impl<'t> Reader<'t> {
    fn slice(&self, span: Span) -> &'t str {
        &self.b.text[span.start as usize..span.end as usize]
    }

    fn line(&mut self, line: Span) {
        let text = self.slice(line);
        if self.defining > 0 {
            self.variables(line);
            match text.split_whitespace().next() {
                Some("define") => self.defining += 1,
                Some("endef") => self.defining -= 1,
                _ => {}
            }
            return;
        }
        if text.starts_with('\t') && self.open.is_some() {
            self.recipe(line);
            return;
        }
        let trimmed = text.trim_start();
        if trimmed.is_empty() {
            self.doc = None;
            return;
        }
        let start = line.end as usize - trimmed.len();
        if trimmed.starts_with('#') {
            let from = self.doc.map_or(start as u32, |d| d.start);
            self.doc = Some(Span { start: from, end: line.end });
            return;
        }
        self.statement(start, line);
        self.doc = None;
    }

    fn statement(&mut self, start: usize, line: Span) {
        let text = self.b.text;
        let end = comment_start(text, start, line.end as usize);
        let first_end = text[start..end].find(char::is_whitespace).map_or(end, |i| start + i);
        let rest = Span::new(first_end, end);
        match &text[start..first_end] {
            "include" | "-include" | "sinclude" => {
                self.close();
                for word in words(text, rest) {
                    commands::bring(&mut self.b, word, rest, ImportKind::Include);
                }
                self.variables(rest);
            }
            "define" => {
                self.close();
                if let Some(name) = words(text, rest).next() {
                    self.set(name, line);
                }
                self.defining = 1;
            }
            "endif" | "endef" | "vpath" => {}
            "undefine" | "unexport" => self.names(rest),
            "ifdef" | "ifndef" => self.names(rest),
            word if TESTS.contains(&word) => self.variables(rest),
            "export" | "override" | "private" => match split(text, first_end, end) {
                Some(_) => self.statement(skip_blanks(text, first_end, end), line),
                None => self.names(rest),
            },
            _ => match split(text, start, end) {
                Some(Split { sign: ":", at }) => self.rule(start, at, end, line),
                Some(Split { sign, at }) => self.assignment(start, at, at + sign.len(), end, line),
                None => self.variables(Span::new(start, end)),
            },
        }
    }

    /// Names of variables, written as such.
    fn names(&mut self, part: Span) {
        let text = self.b.text;
        for word in words(text, part) {
            let name = self.slice(word);
            if name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '-' | '.')) {
                self.b.add_use(name, word, Role::Ref, Shape::Plain);
            }
        }
        self.variables(part);
    }

    fn assignment(&mut self, start: usize, at: usize, value: usize, end: usize, line: Span) {
        self.close();
        if let Some(name) = words(self.b.text, Span::new(start, at)).last() {
            self.set(name, line);
        }
        self.variables(Span::new(value, end));
    }

    fn set(&mut self, name: Span, line: Span) {
        let word = self.slice(name);
        if word.is_empty() || word.contains(['$', '(', ')']) {
            self.variables(name);
            return;
        }
        let known = self.b.find_in(ScopeId::FILE, word).is_some_and(|d| self.b.def_mut(d).kind == Kind::Variable);
        if known {
            self.b.add_use(word, name, Role::Write, Shape::Plain);
        } else {
            let doc = self.doc;
            self.b.define_in(ScopeId::FILE, NewDefinition { doc, ..NewDefinition::new(word, Kind::Variable, name, line) });
        }
    }

    /// `targets: what they need ; command`.
    fn rule(&mut self, start: usize, at: usize, end: usize, line: Span) {
        self.close();
        let text = self.b.text;
        let mut from = at + 1;
        if text.as_bytes().get(from) == Some(&b':') {
            from += 1;
        }
        let needs_end = text[from..end].find(';').map_or(end, |i| from + i);
        let targets: Vec<Span> = words(text, Span::new(start, at)).collect();
        let is_special = targets.first().is_some_and(|t| is_special(self.slice(*t)));
        // `target: VAR = value` sets a variable for the target.
        if let Some(Split { sign, at: sign_at }) = split(text, from, needs_end).filter(|s| s.sign != ":") {
            self.assignment(from, sign_at, sign_at + sign.len(), needs_end, line);
            for target in &targets {
                let name = self.slice(*target);
                if !name.contains('$') {
                    self.b.add_use(name, *target, Role::Ref, Shape::Plain);
                }
            }
            return;
        }
        let mut first = None;
        for target in targets.iter().filter(|_| !is_special) {
            let name = self.slice(*target);
            if name.contains('$') {
                self.variables(*target);
            } else if name.contains('(') {
            } else if let Some(known) = self.b.find_in(ScopeId::FILE, name).filter(|d| self.b.def_mut(*d).kind == Kind::Function) {
                self.b.add_use(name, *target, Role::Ref, Shape::Plain);
                first = first.or(Some(known));
            } else {
                let doc = self.doc;
                let def = self.b.define_in(ScopeId::FILE, NewDefinition { doc, ..NewDefinition::new(name, Kind::Function, *target, line) });
                first = first.or(Some(def));
            }
        }
        let saved = first.map(|def| (self.b.enter(ScopeKind::Function, line, Some(def)), def));
        let needs = Span::new(from, needs_end);
        for need in words(text, needs) {
            let name = self.slice(need);
            let role = if is_special { Role::Ref } else { Role::Call };
            if !matches!(name, "|" | ":") && !name.contains(['$', '*', '?', '(', ')', ',']) {
                self.b.add_use(name, need, role, Shape::Plain);
            }
        }
        self.variables(needs);
        if needs_end < end {
            self.recipe(Span::new(needs_end + 1, end));
        }
        self.open = saved;
    }

    fn recipe(&mut self, line: Span) {
        if let Some((_, def)) = self.open {
            let d = self.b.def_mut(def);
            let start = d.body.map_or(line.start, |b| b.start);
            if line.start >= start {
                d.body = Some(Span { start, end: line.end });
                d.whole.end = d.whole.end.max(line.end);
            }
        }
        commands::read(&mut self.b, line, false);
        self.variables(line);
    }

    fn close(&mut self) {
        if let Some((saved, _)) = self.open.take() {
            self.b.leave(saved);
        }
    }

    /// `$(NAME)`, `${NAME:.c=.o}`, `$(call name,…)` in a part of a line.
    fn variables(&mut self, part: Span) {
        let bytes = self.b.text.as_bytes();
        let end = part.end as usize;
        let mut at = part.start as usize;
        while let Some(i) = memchr::memchr(b'$', &bytes[at..end]).map(|i| at + i) {
            at = i + 1;
            match bytes.get(at) {
                // What the shell is to see.
                Some(b'$') => at += 1,
                Some(b'(' | b'{') => {
                    let from = at + 1;
                    let to = (from..end).find(|i| !(bytes[*i].is_ascii_alphanumeric() || matches!(bytes[*i], b'_' | b'-' | b'.' | b'/'))).unwrap_or(end);
                    let name = Span::new(from, to);
                    match bytes.get(to) {
                        Some(b')' | b'}' | b':') if to > from => {
                            self.b.add_use(self.slice(name), name, Role::Read, Shape::Plain);
                        }
                        Some(b' ') if self.slice(name) == "call" => {
                            let from = skip_blanks(self.b.text, to, end);
                            let to = (from..end).find(|i| matches!(bytes[*i], b',' | b')' | b'}' | b' ' | b'$')).unwrap_or(end);
                            let name = Span::new(from, to);
                            if to > from {
                                self.b.add_use(self.slice(name), name, Role::Call, Shape::Plain);
                            }
                        }
                        _ => {}
                    }
                    at = from;
                }
                _ => {}
            }
        }
    }
}

/// Targets that say something to make, and are none.
fn is_special(target: &str) -> bool {
    target.starts_with('.') && target[1..].chars().all(|c| c.is_ascii_uppercase() || c == '_')
}

fn skip_blanks(text: &str, from: usize, end: usize) -> usize {
    end - text[from..end].trim_start().len()
}

/// Where a comment begins, or the end.
fn comment_start(text: &str, from: usize, end: usize) -> usize {
    let bytes = text.as_bytes();
    (from..end).find(|i| bytes[*i] == b'#' && (*i == from || bytes[*i - 1] != b'\\')).unwrap_or(end)
}

/// The words of a part; what stands in brackets of a variable is one.
fn words(text: &str, part: Span) -> impl Iterator<Item = Span> + '_ {
    let bytes = text.as_bytes();
    let end = part.end as usize;
    let mut at = part.start as usize;
    std::iter::from_fn(move || {
        while at < end && (bytes[at].is_ascii_whitespace() || bytes[at] == b'\\' && bytes.get(at + 1).is_some_and(|b| matches!(b, b'\n' | b'\r'))) {
            at += 1;
        }
        let start = at;
        let mut depth = 0u32;
        while at < end && (depth > 0 || !bytes[at].is_ascii_whitespace()) {
            match bytes[at] {
                b'(' | b'{' => depth += 1,
                b')' | b'}' => depth = depth.saturating_sub(1),
                _ => {}
            }
            at += 1;
        }
        (at > start).then(|| Span::new(start, at))
    })
}

/// The first sign of an assignment, or the colon of a rule, outside brackets.
fn split(text: &str, from: usize, end: usize) -> Option<Split> {
    let bytes = text.as_bytes();
    let mut depth = 0u32;
    for i in from..end {
        match bytes[i] {
            b'(' | b'{' => depth += 1,
            b')' | b'}' => depth = depth.saturating_sub(1),
            _ if depth > 0 => {}
            b'=' => return Some(Split { sign: "=", at: i }),
            b':' | b'?' | b'+' | b'!' => {
                let rest = &text[i..end];
                for sign in [":::=", "::=", ":=", "?=", "+=", "!="] {
                    if rest.starts_with(sign) {
                        return Some(Split { sign, at: i });
                    }
                }
                // A colon within a path of another system belongs to it.
                if bytes[i] == b':' && !rest.starts_with(":\\") {
                    return Some(Split { sign: ":", at: i });
                }
            }
            _ => {}
        }
    }
    None
}
