//! Descriptions of container images: one pass over instructions. A stage is a function; what is copied from it calls it.

use crate::commands;
use compass_facts::reading::{Builder, Lookup, NewDefinition, Place, TypeScopes};
use compass_facts::{Cancel, Facts, Kind, Role, ScopeId, ScopeKind, Shape, Span, Token, TokenClass};

/// Reads a file.
pub(crate) fn read(text: &str, cancel: &Cancel) -> Facts {
    let b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let mut reader = Reader { b, stage: None, doc: None };
    instructions(text, &mut |word, rest| reader.instruction(word, rest));
    if let Some(saved) = reader.stage.take() {
        reader.b.leave(saved);
    }
    reader.b.finish()
}

/// Classes of tokens.
pub(crate) fn tokens(text: &str) -> Vec<Token> {
    let mut out = Vec::new();
    instructions(text, &mut |word, _| {
        let class = if text[word.start as usize..].starts_with('#') { TokenClass::Comment } else { TokenClass::Keyword };
        out.push(Token { span: word, class });
    });
    out
}

/// Calls `each` with the word of every instruction, or a comment, and what follows.
fn instructions(text: &str, each: &mut dyn FnMut(Span, Span)) {
    let mut at = 0;
    let mut until: Option<&str> = None;
    while at < text.len() {
        let start = at;
        let mut end;
        loop {
            end = memchr::memchr(b'\n', &text.as_bytes()[at..]).map_or(text.len(), |i| at + i);
            at = end + 1;
            let line = text[start..end].trim_end();
            let goes_on = line.ends_with('\\') || line.rsplit('\n').next().is_some_and(|l| l.trim_start().starts_with('#')) && line.contains('\n');
            if !goes_on || at >= text.len() {
                break;
            }
        }
        let line = &text[start..end];
        // A text of several lines goes up to its word.
        if let Some(word) = until {
            if line.trim() == word {
                until = None;
            }
            continue;
        }
        let from = start + (line.len() - line.trim_start().len());
        if from >= end {
            continue;
        }
        if text[from..].starts_with('#') {
            each(Span::new(from, end), Span::new(end, end));
            continue;
        }
        let word_end = text[from..end].find(char::is_whitespace).map_or(end, |i| from + i);
        each(Span::new(from, word_end), Span::new(word_end, end));
        if let Some(open) = line.find("<<").filter(|_| !line.contains("<<<")) {
            let word = line[open + 2..].trim_start_matches(['-', '"', '\'']);
            let length = word.find(|c: char| !(c.is_alphanumeric() || c == '_')).unwrap_or(word.len());
            until = Some(&word[..length]).filter(|w| !w.is_empty());
        }
    }
}

/// State of the pass.
struct Reader<'t> {
    b: Builder<'t>,
    stage: Option<Place>,
    doc: Option<Span>,
}

impl<'t> Reader<'t> {
    fn slice(&self, span: Span) -> &'t str {
        &self.b.text[span.start as usize..span.end as usize]
    }

    fn instruction(&mut self, word: Span, rest: Span) {
        let name = self.slice(word);
        if name.starts_with('#') {
            let start = self.doc.map_or(word.start, |d| d.start);
            self.doc = Some(Span { start, end: word.end });
            return;
        }
        match name.to_ascii_uppercase().as_str() {
            "FROM" => self.from(word, rest),
            "ARG" | "ENV" => self.variables_of(rest),
            "COPY" | "ADD" => {
                self.copied(rest);
                commands::read(&mut self.b, rest, false);
            }
            "RUN" => {
                self.copied(rest);
                commands::read(&mut self.b, rest, false);
            }
            "CMD" | "ENTRYPOINT" | "HEALTHCHECK" | "SHELL" => commands::read(&mut self.b, rest, false),
            _ => {}
        }
        self.reads(rest);
        self.doc = None;
    }

    /// `FROM image AS stage`: an image may be an earlier stage.
    fn from(&mut self, word: Span, rest: Span) {
        if let Some(saved) = self.stage.take() {
            self.b.leave(saved);
        }
        let words: Vec<Span> = words(self.b.text, rest).filter(|w| !self.slice(*w).starts_with("--")).collect();
        let name = words.iter().position(|w| self.slice(*w).eq_ignore_ascii_case("as")).and_then(|i| words.get(i + 1)).copied();
        let image = words.first().copied();
        let whole = Span { start: word.start, end: rest.end };
        let earlier = image.filter(|i| self.b.find_in(ScopeId::FILE, self.slice(*i)).is_some());
        if let Some(name) = name {
            let doc = self.doc;
            let new = NewDefinition { doc, body: Some(whole), ..NewDefinition::new(self.slice(name), Kind::Function, name, whole) };
            let def = self.b.define_in(ScopeId::FILE, new);
            self.stage = Some(self.b.enter(ScopeKind::Function, whole, Some(def)));
        }
        if let Some(image) = earlier {
            self.b.add_use(self.slice(image), image, Role::Call, Shape::Plain);
        }
    }

    /// `--from=stage`.
    fn copied(&mut self, rest: Span) {
        for word in words(self.b.text, rest) {
            for part in self.slice(word).split(',') {
                let Some(stage) = part.trim_start_matches("--mount=type=bind").trim_start_matches("--").strip_prefix("from=") else { continue };
                let start = stage.as_ptr() as usize - self.b.text.as_ptr() as usize;
                if self.b.find_in(ScopeId::FILE, stage).is_some() {
                    self.b.add_use(stage, Span::new(start, start + stage.len()), Role::Call, Shape::Plain);
                }
            }
        }
    }

    /// `ENV A=1 B=2`, `ENV A 1`, `ARG A`.
    fn variables_of(&mut self, rest: Span) {
        let all: Vec<Span> = words(self.b.text, rest).collect();
        let has_signs = all.iter().any(|w| self.slice(*w).contains('='));
        for word in all.into_iter().take(if has_signs { usize::MAX } else { 1 }) {
            let text = self.slice(word);
            let Some(name) = text.split('=').next().filter(|n| is_name(n) && (!has_signs || text.contains('='))) else { continue };
            let at = Span { start: word.start, end: word.start + name.len() as u32 };
            let known = self.b.find_in(ScopeId::FILE, name).is_some_and(|d| self.b.def_mut(d).kind == Kind::Variable);
            if known {
                self.b.add_use(name, at, Role::Write, Shape::Plain);
            } else {
                let doc = self.doc;
                self.b.define_in(ScopeId::FILE, NewDefinition { doc, ..NewDefinition::new(name, Kind::Variable, at, rest) });
            }
        }
    }

    /// `$NAME`, `${NAME:-x}`.
    fn reads(&mut self, rest: Span) {
        let bytes = self.b.text.as_bytes();
        let end = rest.end as usize;
        let mut at = rest.start as usize;
        while let Some(i) = memchr::memchr(b'$', &bytes[at..end]).map(|i| at + i) {
            let from = i + 1 + usize::from(bytes.get(i + 1) == Some(&b'{'));
            let to = (from..end).find(|i| !(bytes[*i].is_ascii_alphanumeric() || bytes[*i] == b'_')).unwrap_or(end).max(from.min(end));
            let name = &self.b.text[from.min(to)..to];
            // Variables of a command of the shell are its own, unless the image sets them.
            if is_name(name) && self.b.find_in(ScopeId::FILE, name).is_some() {
                self.b.add_use(name, Span::new(from, to), Role::Read, Shape::Plain);
            }
            at = to.max(i + 1);
        }
    }
}

fn is_name(word: &str) -> bool {
    word.starts_with(|c: char| c.is_ascii_alphabetic() || c == '_') && word.chars().all(|c| c.is_ascii_alphanumeric() || c == '_')
}

fn words(text: &str, part: Span) -> impl Iterator<Item = Span> + '_ {
    let whole = &text[part.start as usize..part.end as usize];
    let start = text.as_ptr() as usize;
    whole.split_whitespace().filter(|w| *w != "\\").map(move |w| {
        let at = w.as_ptr() as usize - start;
        Span::new(at, at + w.len())
    })
}
