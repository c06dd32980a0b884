//! The marked parts of templates: what they bring in, define, hand on and read. Several template languages write alike; what a part means is
//! told by its first word.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::{Argument, CallSignal, Flags, Import, ImportKind, Kind, Role, ScopeId, ScopeKind, Shape, SignalKind, Span, TextPart};

/// Words that name nothing.
const WORDS: [&str; 34] = [
    "and",
    "or",
    "not",
    "in",
    "is",
    "if",
    "else",
    "elif",
    "elseif",
    "for",
    "endfor",
    "endif",
    "true",
    "false",
    "none",
    "True",
    "False",
    "None",
    "null",
    "as",
    "with",
    "without",
    "context",
    "only",
    "ignore",
    "missing",
    "import",
    "from",
    "include",
    "recursive",
    "by",
    "loop",
    "self",
    "matches",
];

/// A piece of a marked part.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(super) enum Piece<'t> {
    Word(&'t str),
    Text(&'t str),
    Sign(char),
}

/// Pieces with their places; of texts the place of what stands within the quotes.
pub(super) fn pieces(text: &str, part: Span) -> Vec<(Piece<'_>, Span)> {
    let mut out = Vec::new();
    let base = part.start as usize;
    let whole = &text[base..part.end as usize];
    let mut chars = whole.char_indices().peekable();
    while let Some((i, c)) = chars.next() {
        if c.is_whitespace() {
            continue;
        }
        if matches!(c, '"' | '\'' | '`') {
            let from = i + 1;
            let mut to = whole.len();
            let mut skip = false;
            for (j, d) in chars.by_ref() {
                if !skip && d == c {
                    to = j;
                    break;
                }
                skip = !skip && d == '\\';
            }
            out.push((Piece::Text(&whole[from..to]), Span::new(base + from, base + to)));
        } else if c.is_alphabetic() || matches!(c, '_' | '$') {
            let mut to = i + c.len_utf8();
            while let Some((j, d)) = chars.next_if(|(_, d)| d.is_alphanumeric() || *d == '_') {
                to = j + d.len_utf8();
            }
            out.push((Piece::Word(&whole[i..to]), Span::new(base + i, base + to)));
        } else {
            out.push((Piece::Sign(c), Span::new(base + i, base + i + c.len_utf8())));
        }
    }
    out
}

impl<'t> Reader<'t> {
    /// `{% … %}`.
    pub(super) fn statement(&mut self, part: Span) {
        let mut all = pieces(self.b.text, part);
        // Signs at the edges only take blanks away.
        if matches!(all.first(), Some((Piece::Sign('-' | '+' | '~'), _))) {
            all.remove(0);
        }
        let Some((Piece::Word(first), _)) = all.first().copied() else { return };
        let rest = &all[1..];
        // What is compared asks for nothing.
        if !matches!(
            first,
            "if" | "elif"
                | "elsif"
                | "elseif"
                | "unless"
                | "case"
                | "when"
                | "url"
                | "trans"
                | "blocktrans"
                | "blocktranslate"
                | "comment"
                | "raw"
                | "verbatim"
        ) {
            self.asks_by_name(rest, true, part);
        }
        match first {
            "extends" | "layout" => {
                self.bring_first(rest, ImportKind::Include, part);
            }
            "include" | "embed" | "ssi" | "include_relative" | "render" => {
                self.bring_first(rest, ImportKind::Include, part);
                self.reads(rest);
            }
            "import" => self.import(rest, part),
            "from" => self.names_imported(rest, part),
            "block" => {
                if let Some((name, at)) = word(rest.first()) {
                    let mut new = NewDefinition::new(name, Kind::Function, at, part);
                    new.body = Some(part);
                    let def = self.b.define_in(ScopeId::FILE, new);
                    self.open(def, part);
                }
            }
            "macro" => self.macro_of(rest, part),
            "endblock" | "endmacro" => self.close(part),
            "set" | "assign" | "capture" | "with" => self.sets(rest, first == "with"),
            "for" => self.for_each(rest),
            // A page's own text in another language, or files by name.
            "trans" | "blocktrans" | "blocktranslate" | "load" | "csrf_token" | "comment" | "endcomment" | "raw" | "verbatim" => {}
            "static" => {
                self.bring_first(rest, ImportKind::Effect, part);
            }
            "url" => {
                self.asks_by_name(&all, false, part);
                self.reads(rest);
            }
            "call" => self.reads(rest),
            _ => self.reads(rest),
        }
    }

    /// `{{ … }}`.
    pub(super) fn expression(&mut self, part: Span) {
        let mut all = pieces(self.b.text, part);
        while matches!(all.first(), Some((Piece::Sign('-' | '+' | '~' | '{'), _))) {
            all.remove(0);
        }
        match all.as_slice() {
            // Partials.
            [(Piece::Sign('>'), _), rest @ ..] => {
                let end = rest.iter().take_while(|(p, _)| matches!(p, Piece::Word(_) | Piece::Sign('/' | '-' | '.') | Piece::Text(_))).last();
                let (Some((_, from)), Some((_, to))) = (rest.first(), end) else { return };
                self.bring(Span { start: from.start, end: to.end }, ImportKind::Include, part, false);
            }
            // Helpers of block form.
            [(Piece::Sign('#' | '/' | '^' | '&' | '!'), _), ..] => {}
            [(Piece::Word("template"), _), (Piece::Text(name), at), ..] => {
                self.b.add_use(name, *at, Role::Call, Shape::Plain);
            }
            [(Piece::Word(kind @ ("define" | "block")), _), (Piece::Text(name), at), ..] => {
                let mut new = NewDefinition::new(name, Kind::Function, *at, part);
                new.body = Some(part);
                let def = self.b.define_in(ScopeId::FILE, new);
                if *kind == "block" {
                    self.b.add_use(name, *at, Role::Call, Shape::Plain);
                }
                self.open(def, part);
            }
            [(Piece::Word("range" | "with" | "if" | "else"), _), rest @ ..] => {
                if matches!(all[0].0, Piece::Word("range" | "with" | "if")) && self.is_stacked {
                    self.depth += 1;
                }
                self.variables(rest);
            }
            [(Piece::Word("end"), _)] => self.end(part),
            [(Piece::Word("include" | "partial"), _), ..] => {
                self.bring_first(&all, ImportKind::Include, part);
            }
            [(Piece::Sign('.'), _), ..] => self.variables(&all),
            [(Piece::Word(first), _), ..] if first.starts_with('$') => self.variables(&all),
            // Words beside words are calls of a language where calls have no brackets.
            [(Piece::Word(_), _), (Piece::Word(_) | Piece::Text(_), _), ..] => self.variables(&all),
            _ => {
                self.asks_by_name(&all, false, part);
                self.reads(&all);
            }
        }
    }

    /// A route that is asked for by its name: the word that asks, and the text behind it; `in_brackets` where only calls with brackets ask.
    fn asks_by_name(&mut self, all: &[(Piece<'t>, Span)], in_brackets: bool, part: Span) {
        for (n, (piece, at)) in all.iter().enumerate() {
            let Piece::Word(word) = piece else { continue };
            let is_call = all.get(n + 1).is_some_and(|(p, _)| *p == Piece::Sign('('));
            if !crate::frameworks::asks_by_name(word) || in_brackets && !is_call {
                continue;
            }
            let Some(behind) = (n + 1..all.len()).find(|i| all[*i].0 != Piece::Sign('(')) else { continue };
            let (Piece::Text(name), place) = &all[behind] else { continue };
            let mut parts = vec![TextPart::Text(self.b.intern(name))];
            // What is put behind the text is known at run time only.
            if all.get(behind + 1).is_some_and(|(p, _)| matches!(p, Piece::Sign('~' | '+'))) {
                parts.push(TextPart::Hole(None));
            }
            let call = CallSignal {
                name: self.b.intern(word),
                at: at.start,
                receiver: None,
                arguments: vec![Argument::Text(parts, *place)],
                named: Vec::new(),
                decorates: None,
                marks: false,
                bound: None,
            };
            let span = Span { start: at.start, end: place.end.max(at.end).min(part.end) };
            self.b.signal(span, SignalKind::Call(Box::new(call)));
        }
    }

    /// `<% … %>`: only the names of files are read.
    pub(super) fn code(&mut self, part: Span) {
        let all = pieces(self.b.text, part);
        let Some(at) = all.iter().position(|(p, _)| matches!(p, Piece::Word("render" | "include" | "partial"))) else { return };
        let texts: Vec<Span> = all[at..].iter().take(8).filter(|(p, _)| matches!(p, Piece::Text(_))).map(|(_, s)| *s).collect();
        if let Some(path) = texts.first() {
            self.bring(*path, ImportKind::Include, part, false);
        }
    }

    fn bring_first(&mut self, all: &[(Piece<'t>, Span)], kind: ImportKind, whole: Span) {
        // A file by a variable is known at run time only.
        for (at, (piece, place)) in all.iter().enumerate() {
            match piece {
                Piece::Text(_) => {
                    self.bring(*place, kind, whole, false);
                    // Further texts are names of files in a list, else values handed on.
                    if !matches!(all.get(at + 1), Some((Piece::Sign(',' | ']'), _))) {
                        return;
                    }
                }
                Piece::Word("with" | "only") => return,
                _ => {}
            }
        }
    }

    /// `{% import "forms.html" as forms %}`.
    fn import(&mut self, rest: &[(Piece<'t>, Span)], part: Span) {
        let Some((Piece::Text(path), at)) = rest.first().copied() else { return };
        let bound = rest.iter().position(|(p, _)| *p == Piece::Word("as")).and_then(|i| word(rest.get(i + 1)));
        let module = self.b.intern(path);
        let name = bound.map(|(name, _)| self.b.intern(name));
        let name_span = bound.map_or(at, |(_, s)| s);
        let scope = self.b.place.scope;
        self.b.add_import(Import { kind: ImportKind::Module, module, name: None, bound: name, scope, span: part, name_span, reexport: false, system: false });
    }

    /// `{% from "forms.html" import field, button as b %}`.
    fn names_imported(&mut self, rest: &[(Piece<'t>, Span)], part: Span) {
        let Some((Piece::Text(path), _)) = rest.first().copied() else { return };
        let Some(from) = rest.iter().position(|(p, _)| *p == Piece::Word("import")) else { return };
        let module = self.b.intern(path);
        for item in rest[from + 1..].split(|(p, _)| *p == Piece::Sign(',')) {
            let Some((name, at)) = word(item.first()) else { continue };
            let (bound, at) = match item {
                [_, (Piece::Word("as"), _), (Piece::Word(bound), at), ..] => (*bound, *at),
                _ => (name, at),
            };
            let (name, bound) = (self.b.intern(name), self.b.intern(bound));
            let (kind, scope) = (ImportKind::Name, self.b.place.scope);
            self.b.add_import(Import { kind, module, name: Some(name), bound: Some(bound), scope, span: part, name_span: at, reexport: false, system: false });
        }
    }

    fn macro_of(&mut self, rest: &[(Piece<'t>, Span)], part: Span) {
        let Some((name, at)) = word(rest.first()) else { return };
        let mut new = NewDefinition::new(name, Kind::Function, at, part);
        new.body = Some(part);
        let def = self.b.define_in(ScopeId::FILE, new);
        self.open(def, part);
        let mut arity = 0;
        for item in rest.get(2..).unwrap_or_default().split(|(p, _)| *p == Piece::Sign(',')) {
            if let Some((name, at)) = word(item.first()) {
                self.b.define(NewDefinition::new(name, Kind::Parameter, at, at));
                arity += 1;
            }
            self.reads(item.get(1..).unwrap_or_default());
        }
        self.b.def_mut(def).arity = if arity < 255 { arity } else { 255 };
    }

    /// `{% set x = … %}`, `{% with a=1, b=2 %}`.
    fn sets(&mut self, rest: &[(Piece<'t>, Span)], several: bool) {
        let equals = rest.iter().position(|(p, _)| *p == Piece::Sign('='));
        if several {
            for item in rest.split(|(p, _)| *p == Piece::Sign(',')) {
                if let [(Piece::Word(name), at), (Piece::Sign('='), _), ..] = item {
                    self.variable(name, *at);
                }
                self.reads(item.get(1..).unwrap_or_default());
            }
            return;
        }
        for (piece, at) in &rest[..equals.unwrap_or(rest.len())] {
            if let Piece::Word(name) = piece {
                self.variable(name, *at);
            }
        }
        self.reads(&rest[equals.unwrap_or(rest.len())..]);
    }

    fn for_each(&mut self, rest: &[(Piece<'t>, Span)]) {
        let of = rest.iter().position(|(p, _)| *p == Piece::Word("in")).unwrap_or(rest.len());
        self.reads(&rest[of..]);
        for (piece, at) in &rest[..of] {
            if let Piece::Word(name) = piece {
                self.variable(name, *at);
            }
        }
    }

    fn variable(&mut self, name: &'t str, at: Span) {
        let scope = self.b.place.scope;
        if self.b.find_in(scope, name).is_some() {
            self.b.add_use(name, at, Role::Write, Shape::Plain);
        } else {
            self.b.define(NewDefinition { flags: Flags::PRIVATE, ..NewDefinition::new(name, Kind::Variable, at, at) });
        }
    }

    /// `$rack := .Rack`, `$rack.Name`.
    fn variables(&mut self, all: &[(Piece<'t>, Span)]) {
        for (i, (piece, at)) in all.iter().enumerate() {
            let Piece::Word(name) = piece else { continue };
            if !name.starts_with('$') || name.len() < 2 {
                continue;
            }
            let defines = all[i + 1..].iter().find(|(p, _)| matches!(p, Piece::Sign(_))).is_some_and(|(p, _)| matches!(p, Piece::Sign(':' | ',')));
            if defines {
                self.variable(name, *at);
            } else {
                self.b.add_use(name, *at, Role::Read, Shape::Plain);
            }
        }
    }

    /// Names that are read or called, but for members, filters and names of arguments.
    fn reads(&mut self, all: &[(Piece<'t>, Span)]) {
        for (i, (piece, at)) in all.iter().enumerate() {
            let Piece::Word(name) = piece else { continue };
            let before = i.checked_sub(1).and_then(|i| all.get(i)).map(|p| p.0);
            let after = all.get(i + 1).map(|p| p.0);
            if WORDS.contains(name) || matches!(before, Some(Piece::Sign('|') | Piece::Word("is"))) {
                continue;
            }
            if after == Some(Piece::Sign('=')) && all.get(i + 2).is_none_or(|p| p.0 != Piece::Sign('=')) {
                continue;
            }
            let is_call = after == Some(Piece::Sign('('));
            if before == Some(Piece::Sign('.')) {
                // A macro behind the name of the file that has it.
                let owner = i.checked_sub(2).and_then(|i| word(all.get(i)));
                if let Some((owner, place)) = owner.filter(|(o, _)| is_call && self.b.imports_in(ScopeId::FILE, o)) {
                    let of = self.b.ty_name(owner, place);
                    self.b.add_use(name, *at, Role::Call, Shape::Member(of));
                }
                continue;
            }
            if is_call && matches!(*name, "include" | "source" | "url_for" | "asset" | "static") {
                self.bring_first(&all[i + 1..], if *name == "include" { ImportKind::Include } else { ImportKind::Effect }, *at);
                continue;
            }
            if is_call && matches!(*name, "super" | "parent") {
                self.above(*at);
                continue;
            }
            self.b.add_use(name, *at, if is_call { Role::Call } else { Role::Read }, Shape::Plain);
        }
    }

    /// `{{ super() }}`: the block of that name of the template above.
    fn above(&mut self, at: Span) {
        let Some(block) = self.b.place.container else { return };
        let name = self.b.def_mut(block).name;
        let name = self.b.name(name).to_owned();
        let of = self.b.ty_name(super::ABOVE, at);
        self.b.add_use(&name, at, Role::Call, Shape::Member(of));
    }

    /// Goes into a block, macro or named template.
    fn open(&mut self, def: compass_facts::DefId, part: Span) {
        let rest = Span { start: part.start, end: self.b.text.len() as u32 };
        let saved = self.b.enter(ScopeKind::Function, rest, Some(def));
        self.opened.push((saved, self.depth, def));
        self.is_stacked = true;
        self.depth = 0;
    }

    /// Leaves it.
    fn close(&mut self, part: Span) {
        if let Some((saved, depth, def)) = self.opened.pop() {
            self.b.leave(saved);
            self.depth = depth;
            let d = self.b.def_mut(def);
            d.whole.end = part.end;
            d.body = Some(d.whole);
        }
        self.is_stacked = !self.opened.is_empty();
    }

    /// `{{ end }}`: of a loop or condition, or of what was opened.
    fn end(&mut self, part: Span) {
        match self.depth.checked_sub(1) {
            Some(depth) => self.depth = depth,
            None => self.close(part),
        }
    }

    /// What is left open at the end of a file.
    pub(super) fn close_all(&mut self) {
        let end = self.b.text.len();
        while !self.opened.is_empty() {
            self.close(Span::new(end, end));
        }
    }
}

fn word<'t>(piece: Option<&(Piece<'t>, Span)>) -> Option<(&'t str, Span)> {
    match piece {
        Some((Piece::Word(word), at)) => Some((word, *at)),
        _ => None,
    }
}
