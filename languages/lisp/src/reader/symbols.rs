//! Symbols: names with their packages, and the uses of them.

use super::Reader;
use super::forms::{FormId, Shape};
use compass_facts::{DefId, Import, ImportKind, Role, ScopeId, ScopeKind, Shape as Reach, Span, UseId};
use std::borrow::Cow;

/// A symbol as it is written.
#[derive(Debug, Clone)]
pub(super) struct Symbol<'t> {
    /// In small letters.
    pub(super) name: Cow<'t, str>,
    /// The prefix, in small letters.
    pub(super) package: Option<String>,
    /// `:depth`.
    pub(super) is_keyword: bool,
    /// The name without its prefix.
    pub(super) span: Span,
}

impl Symbol<'_> {
    /// `*racks*`: a global variable by the way it is written.
    pub(super) fn is_special(&self) -> bool {
        self.name.len() > 2 && self.name.starts_with('*') && self.name.ends_with('*')
    }

    /// `+depth+`.
    fn is_constant(&self) -> bool {
        self.name.len() > 2 && self.name.starts_with('+') && self.name.ends_with('+')
    }

    /// Is it written as global names are?
    pub(super) fn is_global(&self) -> bool {
        self.is_special() || self.is_constant()
    }
}

/// The symbol of a token.
pub(super) fn symbol_of(text: &str, span: Span) -> Symbol<'_> {
    let token = span.of(text);
    let (token, start) = token.strip_prefix("#:").map_or((token, span.start), |rest| (rest, span.start + 2));
    let colon = first_colon(token);
    let (package, skipped) = match colon {
        None => (None, 0),
        Some(at) => (Some(&token[..at]), at + 1 + usize::from(token[at + 1..].starts_with(':'))),
    };
    let name = plain(&token[skipped..]);
    let span = Span { start: start + skipped as u32, end: span.end };
    Symbol { name, is_keyword: package == Some(""), package: package.filter(|p| !p.is_empty()).map(|p| plain(p).into_owned()), span }
}

/// The colon after a package, outside of bars.
fn first_colon(token: &str) -> Option<usize> {
    let mut in_bars = false;
    let mut is_taken = false;
    for (i, b) in token.bytes().enumerate() {
        match b {
            _ if is_taken => is_taken = false,
            b'\\' => is_taken = true,
            b'|' => in_bars = !in_bars,
            b':' if !in_bars => return Some(i),
            _ => {}
        }
    }
    None
}

/// A name in small letters; within bars and behind a backslash letters stay what they are.
fn plain(written: &str) -> Cow<'_, str> {
    if !written.contains(['|', '\\']) {
        let is_small = !written.bytes().any(|b| b.is_ascii_uppercase());
        return if is_small { Cow::Borrowed(written) } else { Cow::Owned(written.to_ascii_lowercase()) };
    }
    let (mut out, mut in_bars, mut is_taken) = (String::new(), false, false);
    for c in written.chars() {
        match c {
            _ if is_taken => {
                out.push(c);
                is_taken = false;
            }
            '\\' => is_taken = true,
            '|' => in_bars = !in_bars,
            _ if in_bars => out.push(c),
            _ => out.push(c.to_ascii_lowercase()),
        }
    }
    Cow::Owned(out)
}

impl<'t> Reader<'t> {
    /// The symbol that a form is.
    pub(super) fn symbol(&self, id: FormId) -> Option<Symbol<'t>> {
        let form = self.form(id);
        (form.shape == Shape::Symbol).then(|| symbol_of(self.text, form.span))
    }

    /// The symbol that a list begins with.
    pub(super) fn operator(&self, id: FormId) -> Option<Symbol<'t>> {
        let form = self.form(id);
        let first = form.parts.first().filter(|_| form.shape == Shape::List)?;
        self.symbol(*first)
    }

    /// Is it that word, whatever its package?
    pub(super) fn is_word(&self, id: FormId, word: &str) -> bool {
        self.symbol(id).is_some_and(|s| s.name == word)
    }

    /// The symbol behind a quote.
    pub(super) fn quoted_symbol(&self, id: FormId) -> Option<Symbol<'t>> {
        let form = self.form(id);
        if form.shape == Shape::Quote {
            return self.symbol(*form.parts.first()?);
        }
        // `(quote rack)`.
        let is_quote = form.shape == Shape::List && form.parts.len() == 2 && self.is_word(form.parts[0], "quote");
        if is_quote { self.symbol(form.parts[1]) } else { None }
    }

    /// The scope that stands for the package of a symbol.
    pub(super) fn scope_of(&mut self, symbol: &Symbol) -> ScopeId {
        match &symbol.package {
            None => self.package,
            Some(package) => self.package_scope(&package.clone()),
        }
    }

    /// A scope of no width for a package that names are written with.
    pub(super) fn package_scope(&mut self, package: &str) -> ScopeId {
        if let Some(known) = self.others.get(package) {
            return *known;
        }
        let place = self.b.place;
        self.b.place.scope = ScopeId::FILE;
        let saved = self.b.enter(ScopeKind::Module, Span { start: 0, end: 0 }, None);
        let scope = self.b.place.scope;
        self.within(package, Span { start: 0, end: 0 });
        self.b.leave(saved);
        self.b.place = place;
        self.others.insert(package.to_owned(), scope);
        scope
    }

    /// Says of the scope that one is in which package it is.
    pub(super) fn within(&mut self, package: &str, at: Span) {
        let module = self.b.intern(package);
        let scope = self.b.place.scope;
        self.b.add_import(Import { kind: ImportKind::Within, module, name: None, bound: None, scope, span: at, name_span: at, reexport: false, system: false });
    }

    /// A use of a global name, which no lexical binding hides.
    pub(super) fn global_use(&mut self, symbol: &Symbol, role: Role, reach: Reach) -> Option<UseId> {
        if symbol.is_keyword || symbol.name.is_empty() {
            return None;
        }
        let scope = self.scope_of(symbol);
        let before = std::mem::replace(&mut self.b.place.scope, scope);
        let id = self.b.add_use(&symbol.name, symbol.span, role, reach);
        self.b.place.scope = before;
        Some(id)
    }

    /// A function by its name: called, or handed on.
    pub(super) fn function_use(&mut self, symbol: &Symbol, role: Role, args: usize) {
        let local = self.local_function(symbol);
        let Some(id) = self.global_use(symbol, role, Reach::Plain) else { return };
        if let Some(local) = local {
            self.b.set_local(id, local);
        }
        if role == Role::Call {
            self.b.set_args(id, args);
        }
        self.structures_of(symbol);
    }

    /// `oak-rack-depth` may read the slot `depth` of a structure `oak-rack` or `oak`, wherever that has it from: the linker asks for these.
    pub(super) fn structures_of(&mut self, symbol: &Symbol) {
        for (at, _) in symbol.name.match_indices('-').filter(|(at, _)| *at > 0) {
            self.b.intern(&symbol.name[..at]);
            self.b.intern(&symbol.name[at + 1..]);
        }
    }

    /// The local function of that name.
    pub(super) fn local_function(&self, symbol: &Symbol) -> Option<DefId> {
        if symbol.package.is_some() {
            return None;
        }
        self.functions.iter().rev().find(|f| f.0 == symbol.name).map(|f| f.1)
    }

    /// `#'turn`, `#'(setf depth)`, `#'(lambda …)`.
    pub(super) fn function_named(&mut self, id: FormId) {
        if let Some(symbol) = self.symbol(id) {
            return self.function_use(&symbol, Role::Ref, 0);
        }
        if let Some(place) = self.setf_name(id) {
            self.global_use(&place, Role::Ref, Reach::Tag);
            return;
        }
        self.walk(id);
    }

    /// The name in `(setf name)`.
    pub(super) fn setf_name(&self, id: FormId) -> Option<Symbol<'t>> {
        let form = self.form(id);
        let is_setf = form.shape == Shape::List && form.parts.len() == 2 && self.is_word(form.parts[0], "setf");
        if is_setf { self.symbol(form.parts[1]) } else { None }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("depth", None, "depth", false)]
    #[case("DEPTH", None, "depth", false)]
    #[case("larder:Depth", Some("larder"), "depth", false)]
    #[case("larder::depth", Some("larder"), "depth", false)]
    #[case(":depth", None, "depth", true)]
    #[case("#:depth", None, "depth", false)]
    #[case("|A b|", None, "A b", false)]
    #[case("a\\:b", None, "a:b", false)]
    #[case("|a:b|:c", Some("a:b"), "c", false)]
    #[case("a:", Some("a"), "", false)]
    fn tokens_are_symbols(#[case] token: &str, #[case] package: Option<&str>, #[case] name: &str, #[case] keyword: bool) {
        let symbol = symbol_of(token, Span::new(0, token.len()));
        assert_eq!((symbol.package.as_deref(), symbol.name.as_ref(), symbol.is_keyword), (package, name, keyword));
        assert_eq!(symbol.span.end, token.len() as u32);
    }
}
