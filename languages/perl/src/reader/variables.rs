//! Variables of Perl: where they are declared, what they are given, where texts mention them; and what functions give back.

use super::Reader;
use super::lexer::PerlToken;
use compass_facts::reading::NewDefinition;
use compass_facts::{DefId, Flags, Kind, Role, ScopeId, Shape, Span, TypeExpr, TypeId};

impl Reader<'_> {
    /// What a variable holds that methods give their object to.
    pub(super) fn object(&mut self, name: &str, is_first: bool) -> Option<TypeId> {
        let package = self.package.filter(|_| is_first)?;
        let ty = match name {
            "$self" | "$this" => TypeExpr::Receiver(package),
            "$class" | "$proto" => TypeExpr::ReceiverType(package),
            _ => return None,
        };
        self.is_method = true;
        Some(self.b.ty(ty))
    }

    /// `my $x = …`, `my ($self, %more) = @_`, `our @EXPORT = qw(…)`, `local $_`.
    pub(super) fn variables(&mut self) -> Option<TypeId> {
        let word = self.peek(0);
        self.at += 1;
        if word == "local" {
            return None;
        }
        // `my Larder::Rack $x`.
        if self.kind(0) == Some(PerlToken::Word) && self.kind(1) == Some(PerlToken::Variable) {
            self.at += 1;
        }
        let mut names: Vec<Span> = Vec::new();
        let in_list = self.is_sign(0, "(");
        if in_list {
            while let Some((kind, span)) = self.token(0).filter(|_| !self.is_sign(0, ")")) {
                names.extend((kind == PerlToken::Variable).then_some(span));
                self.at += 1;
            }
            self.at += 1;
        } else if let Some((PerlToken::Variable, span)) = self.token(0) {
            names.push(span);
            self.at += 1;
        }
        let visible_from = if self.is_sign(0, "=") { self.end_of_statement() } else { self.end_before() };
        let takes_object = self.is_sign(0, "=") && (in_list && self.peek(1) == "@_" || !in_list && matches!(self.peek(1), "shift" | "$_"));
        let scope = if word == "our" { self.package.unwrap_or(ScopeId::FILE) } else { self.b.place.scope };
        let mut defs = Vec::new();
        for (i, span) in names.iter().enumerate() {
            let name = span.of(self.text);
            let ty = if takes_object { self.object(name, i == 0) } else { None };
            let mut new = NewDefinition::new(name, Kind::Variable, *span, *span);
            (new.ty, new.flags) = (ty, Flags::default().with_if(ty.is_some(), Flags::INFERRED));
            let def = self.b.define_in(scope, new);
            self.b.def_mut(def).visible_from = visible_from;
            defs.push(def);
        }
        if word == "our" && self.is_sign(0, "=") {
            self.announced(names.first().map_or("", |s| s.of(self.text)));
        }
        if let ([def], false, true) = (&defs[..], in_list, self.is_sign(0, "=")) {
            self.at += 1;
            return self.value(*def);
        }
        None
    }

    /// What a variable is first given.
    fn value(&mut self, def: DefId) -> Option<TypeId> {
        let is_chain = matches!(self.kind(0), Some(PerlToken::Word | PerlToken::Variable)) && !self.is_key() && !matches!(self.peek(0), "sub" | "do" | "eval");
        if !is_chain {
            return None;
        }
        let ty = self.chain();
        // Only what stands alone is the value.
        let stands_alone = matches!(self.peek(0), ";" | "" | "or" | "||" | "//" | "if" | "unless");
        if stands_alone && ty != self.b.unknown() {
            let d = self.b.def_mut(def);
            if d.ty.is_none() {
                (d.ty, d.flags) = (Some(ty), d.flags.with(Flags::INFERRED));
            }
        }
        Some(ty)
    }

    /// `return $self;`
    pub(super) fn result(&mut self) {
        const MOST: usize = 4;
        self.at += 1;
        if !matches!(self.kind(0), Some(PerlToken::Word | PerlToken::Variable)) || self.is_key() || matches!(self.peek(0), "sub" | "if" | "unless" | "my") {
            return;
        }
        let ty = self.chain();
        let stands_alone = matches!(self.peek(0), ";" | "}" | "" | "if" | "unless");
        if stands_alone && ty != self.b.unknown() && self.results.len() < MOST {
            self.results.push(ty);
        }
    }

    /// Where the statement ends that is being read; of one too long to look through, where its value begins.
    fn end_of_statement(&self) -> u32 {
        const FAR: usize = 1_000;
        let mut depth = 0i32;
        for (kind, span) in self.tokens.iter().skip(self.at).take(FAR) {
            match (kind, span.of(self.text)) {
                (PerlToken::Sign, "(" | "[" | "{") => depth += 1,
                (PerlToken::Sign, ")" | "]" | "}") => depth -= 1,
                (PerlToken::Sign, ";") if depth == 0 => return span.start,
                _ => {}
            }
            if depth < 0 {
                return span.start;
            }
        }
        self.end_before()
    }

    /// Variables in a text that stand for their values: plain ones and elements.
    pub(super) fn filled(&mut self, span: Span) {
        let text = span.of(self.text);
        let bytes = text.as_bytes();
        let mut at = 0;
        while let Some(i) = memchr::memchr2(b'$', b'@', &bytes[at..]) {
            let start = at + i;
            at = start + 1;
            if start > 0 && bytes[start - 1] == b'\\' {
                continue;
            }
            let braced = bytes.get(at) == Some(&b'{');
            let from = at + usize::from(braced);
            let length = bytes[from.min(bytes.len())..].iter().take_while(|b| b.is_ascii_alphanumeric() || **b == b'_').count();
            if length == 0 || bytes[from].is_ascii_digit() {
                continue;
            }
            at = from + length;
            // `${name[0]}` and the like are code in braces.
            if braced && bytes.get(at) != Some(&b'}') {
                continue;
            }
            let next = bytes.get(at).copied().unwrap_or(0);
            let sign = match (bytes[start], next, braced) {
                (b'$', b'[', false) => '@',
                (b'$', b'{', false) => '%',
                (sign, ..) => char::from(sign),
            };
            let place = Span { start: span.start + start as u32, end: span.start + (at + usize::from(braced)) as u32 };
            self.mention(&format!("{sign}{}", &text[from..from + length]), place, Role::Read);
        }
    }

    /// A use of a variable, unless the language itself has it.
    pub(super) fn mention(&mut self, name: &str, span: Span, role: Role) {
        const OF_LANGUAGE: [&str; 14] = ["_", "ARGV", "ENV", "INC", "STDIN", "STDOUT", "STDERR", "a", "b", "0", "ISA", "EXPORT", "EXPORT_OK", "EXPORT_TAGS"];
        let bare = &name[1..];
        let is_ours = self.b.find_in(self.b.place.scope, name).is_some();
        if !is_ours && (OF_LANGUAGE.contains(&bare) || !bare.starts_with(|c: char| c.is_alphabetic() || c == '_')) {
            return;
        }
        self.b.add_use(name, span, role, Shape::Plain);
    }
}
