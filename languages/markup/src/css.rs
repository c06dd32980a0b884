//! Style sheets, plain and with the additions of preprocessors: one scan. A class is defined where a sheet first selects it, a custom
//! property or variable where it first gets a value.

use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, Facts, Import, ImportKind, Kind, Role, ScopeId, Shape, Span, Token, TokenClass};
use rustc_hash::FxHashSet;

/// Properties whose values name animations.
const ANIMATES: [&str; 3] = ["animation", "animation-name", "-webkit-animation"];
/// Rules that hold other rules as they are.
const AROUND: [&str; 9] = ["media", "supports", "container", "layer", "scope", "if", "else", "starting-style", "at-root"];

/// Reads a file.
pub(crate) fn read(text: &str, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    read_part(&mut b, Span::new(0, text.len()));
    b.finish()
}

/// Reads a style sheet that stands in a part of a text.
pub(crate) fn read_part(b: &mut Builder, part: Span) {
    let text = b.text;
    let names = animations(&text[part.start as usize..part.end as usize]);
    let mut sheet = Sheet { b, at: part.start as usize, end: part.end as usize, around: Vec::new(), animations: names };
    sheet.run();
}

/// Reads the declarations of one element.
pub(crate) fn read_values(b: &mut Builder, part: Span) {
    let mut sheet = Sheet { b, at: part.start as usize, end: part.end as usize, around: vec![String::new()], animations: FxHashSet::default() };
    sheet.run();
}

/// Classes of tokens.
pub(crate) fn tokens(text: &str) -> Vec<Token> {
    let bytes = text.as_bytes();
    let mut out = Vec::new();
    let mut at = 0;
    while at < bytes.len() {
        let end = match bytes[at] {
            b'"' | b'\'' => text_end(bytes, at, bytes.len()),
            b'/' if bytes.get(at + 1) == Some(&b'*') => comment_end(bytes, at, bytes.len()),
            b'@' => word_end(bytes, at + 1, bytes.len()),
            _ => {
                at += 1;
                continue;
            }
        };
        let class = match bytes[at] {
            b'/' => TokenClass::Comment,
            b'@' => TokenClass::Keyword,
            _ => TokenClass::Text,
        };
        out.push(Token { span: Span::new(at, end), class });
        at = end.max(at + 1);
    }
    out
}

fn text_end(bytes: &[u8], at: usize, most: usize) -> usize {
    let mut i = at + 1;
    while i < most && bytes[i] != bytes[at] && bytes[i] != b'\n' {
        i += 1 + usize::from(bytes[i] == b'\\');
    }
    (i + 1).min(most)
}

fn comment_end(bytes: &[u8], at: usize, most: usize) -> usize {
    memchr::memmem::find(&bytes[(at + 2).min(most)..most], b"*/").map_or(most, |i| at + 2 + i + 2)
}

fn is_word(b: u8) -> bool {
    b.is_ascii_alphanumeric() || matches!(b, b'-' | b'_') || b >= 0x80
}

fn word_end(bytes: &[u8], at: usize, most: usize) -> usize {
    (at..most).find(|i| !is_word(bytes[*i])).unwrap_or(most)
}

/// The names of the animations that a sheet defines.
fn animations(text: &str) -> FxHashSet<&str> {
    let mut out = FxHashSet::default();
    for (at, _) in text.match_indices("keyframes") {
        let rest = text[at + "keyframes".len()..].trim_start();
        let end = word_end(rest.as_bytes(), 0, rest.len());
        if at > 0 && end > 0 {
            out.insert(&rest[..end]);
        }
    }
    out
}

/// State of the scan.
struct Sheet<'b, 't> {
    b: &'b mut Builder<'t>,
    at: usize,
    end: usize,
    /// What the rules around select last, for names that go on from there.
    around: Vec<String>,
    animations: FxHashSet<&'t str>,
}

impl<'t> Sheet<'_, 't> {
    fn bytes(&self) -> &'t [u8] {
        self.b.text.as_bytes()
    }

    fn slice(&self, from: usize, to: usize) -> &'t str {
        self.b.text.get(from..to).unwrap_or("")
    }

    fn run(&mut self) {
        while self.at < self.end {
            let start = self.at;
            match self.next_sign() {
                Some((stop, b'{')) => {
                    self.rule(start, stop);
                    self.at = stop + 1;
                }
                Some((stop, b'}')) => {
                    self.declaration(start, stop);
                    self.around.pop();
                    self.at = stop + 1;
                }
                Some((stop, _)) => {
                    self.declaration(start, stop);
                    self.at = stop + 1;
                }
                None => {
                    self.declaration(start, self.end);
                    self.at = self.end;
                }
            }
        }
    }

    /// The next `{`, `}` or `;` outside texts, comments and brackets.
    fn next_sign(&self) -> Option<(usize, u8)> {
        let bytes = self.bytes();
        let mut i = self.at;
        let mut depth = 0u32;
        while i < self.end {
            match bytes[i] {
                b'"' | b'\'' => i = text_end(bytes, i, self.end),
                b'/' if bytes.get(i + 1) == Some(&b'*') => i = comment_end(bytes, i, self.end),
                b'/' if bytes.get(i + 1) == Some(&b'/') && (i == 0 || bytes[i - 1] != b':') && depth == 0 => {
                    i = memchr::memchr(b'\n', &bytes[i..self.end]).map_or(self.end, |n| i + n);
                }
                // What a preprocessor puts in, a template fills in.
                b'#' | b'{' if bytes.get(i + 1) == Some(&b'{') => {
                    i = memchr::memchr(b'}', &bytes[i..self.end]).map_or(self.end, |n| i + n + 1);
                    i += usize::from(i < self.end && bytes[i] == b'}');
                }
                b'(' => {
                    depth += 1;
                    i += 1;
                }
                b')' => {
                    depth = depth.saturating_sub(1);
                    i += 1;
                }
                b'\\' => i += 2,
                b @ (b'{' | b'}') => return Some((i, b)),
                b';' if depth == 0 => return Some((i, b';')),
                _ => i += 1,
            }
        }
        None
    }

    /// Where something begins behind blanks and comments, and the comment right in front.
    fn skip(&self, from: usize, to: usize) -> (usize, Option<Span>) {
        let bytes = self.bytes();
        let (mut i, mut doc) = (from, None);
        while i < to {
            if bytes[i].is_ascii_whitespace() {
                i += 1;
            } else if bytes[i] == b'/' && bytes.get(i + 1) == Some(&b'*') {
                let end = comment_end(bytes, i, to);
                doc = Some(Span::new(i, end));
                i = end;
            } else if bytes[i] == b'/' && bytes.get(i + 1) == Some(&b'/') {
                let end = memchr::memchr(b'\n', &bytes[i..to]).map_or(to, |n| i + n);
                doc = Some(Span::new(i, end));
                i = end;
            } else {
                break;
            }
        }
        (i.min(to), doc)
    }

    fn define(&mut self, name: &str, kind: Kind, at: Span, whole: Span, doc: Option<Span>) {
        let mut new = NewDefinition::new(name, kind, at, whole);
        new.doc = doc;
        self.b.define_in(ScopeId::FILE, new);
    }

    fn is_known(&mut self, name: &str, kind: Kind) -> bool {
        self.b.find_in(ScopeId::FILE, name).is_some_and(|d| self.b.def_mut(d).kind == kind)
    }

    /// What stands in front of `{`.
    fn rule(&mut self, start: usize, stop: usize) {
        let (from, doc) = self.skip(start, stop);
        if self.bytes().get(from) == Some(&b'@') {
            self.at_rule(from, stop, doc, true);
            return;
        }
        let last = self.selector(from, stop, doc);
        let inherited = last.unwrap_or_else(|| self.around.last().cloned().unwrap_or_default());
        self.around.push(inherited);
    }

    /// `.rack > #board:hover &--due`: the class that names within go on from.
    fn selector(&mut self, from: usize, to: usize, doc: Option<Span>) -> Option<String> {
        let bytes = self.bytes();
        let whole = Span::new(from, to);
        let mut last = None;
        let mut i = from;
        while i < to {
            match bytes[i] {
                b'"' | b'\'' => i = text_end(bytes, i, to),
                b'/' if bytes.get(i + 1) == Some(&b'*') => i = comment_end(bytes, i, to),
                b'[' => i = memchr::memchr(b']', &bytes[i..to]).map_or(to, |n| i + n + 1),
                sign @ (b'.' | b'#' | b'%') if bytes.get(i + 1).is_some_and(|b| is_word(*b) && !b.is_ascii_digit()) => {
                    let end = word_end(bytes, i + 1, to);
                    let (name, at) = (self.slice(i + 1, end), Span::new(i + 1, end));
                    match sign {
                        b'#' => {
                            self.b.add_use(name, at, Role::Ref, Shape::Plain);
                        }
                        _ if self.is_known(name, Kind::Class) => {
                            self.b.add_use(name, at, Role::Type, Shape::Plain);
                        }
                        _ => self.define(name, Kind::Class, at, whole, doc),
                    }
                    if sign == b'.' {
                        last = Some(name.to_owned());
                    }
                    i = end;
                }
                b'&' if bytes.get(i + 1).is_some_and(|b| is_word(*b)) => {
                    let end = word_end(bytes, i + 1, to);
                    let front = self.around.last().cloned().unwrap_or_default();
                    if !front.is_empty() {
                        let name = format!("{front}{}", self.slice(i + 1, end));
                        if !self.is_known(&name, Kind::Class) {
                            self.define(&name, Kind::Class, Span::new(i, end), whole, doc);
                        }
                        last = Some(name);
                    }
                    i = end;
                }
                _ => i += 1,
            }
        }
        last
    }

    /// `@name …`, with a block or without.
    fn at_rule(&mut self, from: usize, stop: usize, doc: Option<Span>, opens: bool) {
        let bytes = self.bytes();
        let end = word_end(bytes, from + 1, stop);
        let name = self.slice(from + 1, end);
        let (at, _) = self.skip(end, stop);
        let whole = Span::new(from, stop);
        let named = Span::new(at, word_end(bytes, at, stop));
        let word = self.slice(at, named.end as usize);
        let inherited = self.around.last().cloned().unwrap_or_default();
        match name.trim_start_matches("-webkit-").trim_start_matches("-moz-") {
            "import" | "use" | "forward" | "require" => self.import(at, stop),
            "keyframes" if !word.is_empty() && !self.is_known(word, Kind::Label) => self.define(word, Kind::Label, named, whole, doc),
            "mixin" | "function" if !word.is_empty() => {
                self.define(word, Kind::Function, named, whole, doc);
                self.values(named.end as usize, stop, "");
            }
            "include" => {
                // Behind a point stands what another file names.
                let dot = bytes.get(named.end as usize) == Some(&b'.');
                let at = if dot { Span::new(named.end as usize + 1, word_end(bytes, named.end as usize + 1, stop)) } else { named };
                let name = self.slice(at.start as usize, at.end as usize);
                if !name.is_empty() {
                    self.b.add_use(name, at, Role::Call, Shape::Plain);
                }
                self.values(at.end as usize, stop, "");
            }
            "extend" => {
                let sign = bytes.get(at).copied();
                if matches!(sign, Some(b'.' | b'%')) {
                    let place = Span::new(at + 1, word_end(bytes, at + 1, stop));
                    let name = self.slice(place.start as usize, place.end as usize);
                    self.b.add_use(name, place, Role::Type, Shape::Plain);
                }
            }
            "property" => self.custom(at, stop, doc),
            "each" | "for" | "while" | "return" | "debug" | "warn" | "error" => self.values(at, stop, ""),
            // A variable of one preprocessor.
            _ if !opens && bytes.get(at) == Some(&b':') => {
                if self.is_known(name, Kind::Variable) {
                    self.b.add_use(name, Span::new(from + 1, end), Role::Write, Shape::Plain);
                } else {
                    self.define(name, Kind::Variable, Span::new(from + 1, end), whole, doc);
                }
                self.values(at + 1, stop, "");
            }
            around if AROUND.contains(&around) => self.values(at, stop, ""),
            _ => {}
        }
        if opens {
            self.around.push(inherited);
        }
    }

    /// `@import url("a.css"), "b"`.
    fn import(&mut self, from: usize, to: usize) {
        let bytes = self.bytes();
        let mut i = from;
        while i < to {
            let quote = bytes[i];
            if !matches!(quote, b'"' | b'\'') {
                // What is given to the module, or where the sheet applies, is no file.
                if self.slice(i, to).starts_with(" as ") || self.slice(i, to).starts_with(" with") {
                    return;
                }
                i += 1;
                continue;
            }
            let end = text_end(bytes, i, to);
            let path = Span::new(i + 1, end.saturating_sub(1).max(i + 1));
            let text = self.slice(path.start as usize, path.end as usize);
            if !text.is_empty() && !text.contains("://") && !text.starts_with("sass:") {
                let module = self.b.intern(text);
                let scope = ScopeId::FILE;
                let kind = ImportKind::Include;
                let span = Span::new(from, to);
                self.b.add_import(Import { kind, module, name: None, bound: None, scope, span, name_span: path, reexport: true, system: false });
            }
            i = end.max(i + 1);
        }
    }

    /// `--gap: 2px`, where the first is the definition.
    fn custom(&mut self, from: usize, to: usize, doc: Option<Span>) {
        let end = word_end(self.bytes(), from, to);
        let (name, at) = (self.slice(from, end), Span::new(from, end));
        if name.len() < 3 {
            return;
        }
        if self.is_known(name, Kind::Variable) {
            self.b.add_use(name, at, Role::Write, Shape::Plain);
        } else {
            self.define(name, Kind::Variable, at, Span::new(from, to), doc);
        }
    }

    /// `name: value`, `@rule …`, `.mixin()`.
    fn declaration(&mut self, start: usize, stop: usize) {
        let (from, doc) = self.skip(start, stop);
        if from >= stop {
            return;
        }
        let bytes = self.bytes();
        match bytes[from] {
            b'@' => return self.at_rule(from, stop, doc, false),
            b'.' | b'#' if !self.around.is_empty() => {
                self.selector(from, stop, doc);
                return;
            }
            b'-' if bytes.get(from + 1) == Some(&b'-') => self.custom(from, stop, doc),
            b'$' => {
                let at = Span::new(from + 1, word_end(bytes, from + 1, stop));
                let name = self.slice(from + 1, at.end as usize);
                if self.is_known(name, Kind::Variable) {
                    self.b.add_use(name, at, Role::Write, Shape::Plain);
                } else if !name.is_empty() {
                    self.define(name, Kind::Variable, at, Span::new(from, stop), doc);
                }
            }
            _ => {}
        }
        let property = word_end(bytes, from + usize::from(bytes[from] == b'$'), stop);
        let name = self.slice(from, property);
        self.values(property, stop, name);
    }

    /// Variables, animations and functions in a value.
    fn values(&mut self, from: usize, to: usize, property: &str) {
        let bytes = self.bytes();
        let mut i = from;
        while i < to {
            match bytes[i] {
                b'"' | b'\'' => i = text_end(bytes, i, to),
                b'/' if bytes.get(i + 1) == Some(&b'*') => i = comment_end(bytes, i, to),
                b'$' | b'@' => {
                    let end = word_end(bytes, i + 1, to);
                    let name = self.slice(i + 1, end);
                    if !name.is_empty() && name.starts_with(|c: char| c.is_alphabetic() || c == '_') {
                        self.b.add_use(name, Span::new(i + 1, end), Role::Read, Shape::Plain);
                    }
                    i = end.max(i + 1);
                }
                b if is_word(b) => {
                    let end = word_end(bytes, i, to);
                    let word = self.slice(i, end);
                    if word.starts_with("--") && word.len() > 2 {
                        self.b.add_use(word, Span::new(i, end), Role::Read, Shape::Plain);
                    } else if ANIMATES.contains(&property) && self.animations.contains(word) {
                        self.b.add_use(word, Span::new(i, end), Role::Ref, Shape::Plain);
                    } else if bytes.get(end) == Some(&b'(') && self.is_known(word, Kind::Function) {
                        self.b.add_use(word, Span::new(i, end), Role::Call, Shape::Plain);
                    }
                    i = end;
                }
                _ => i += 1,
            }
        }
    }
}
