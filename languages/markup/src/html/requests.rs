//! What of a page asks a server: links, forms, and elements that fetch by themselves.

use compass_facts::addresses::path_in_query;
use compass_facts::reading::Builder;
use compass_facts::{Argument, CallSignal, SignalKind, Span, TextPart};

/// An attribute that asks, once the element around is known.
#[derive(Debug, Default)]
pub(super) struct Asked {
    address: Option<(Span, Span)>,
    method: Option<Span>,
}

/// Marks of templates between which a value stands.
const FILLED: [(&str, &str); 4] = [("{{", "}}"), ("{%", "%}"), ("<%", "%>"), ("${", "}")];

impl Asked {
    /// Notes an attribute of an element; both words in small letters.
    pub(super) fn note(&mut self, element: &str, attribute: &str, name: Span, value: Span) {
        match (element, attribute) {
            ("a" | "area", "href") | ("form", "action") | ("button" | "input", "formaction") => self.address = Some((name, value)),
            (_, "hx-get" | "hx-post" | "hx-put" | "hx-patch" | "hx-delete") => self.address = Some((name, value)),
            ("form", "method") | ("button" | "input", "formmethod") => self.method = Some(value),
            _ => {}
        }
    }

    /// Records what the element asks for, at its end.
    pub(super) fn record(&mut self, b: &mut Builder) {
        let method = self.method.take();
        let Some((name, value)) = self.address.take() else { return };
        let text = value.of(b.text);
        // A query may hand a path to the program before it: `index.php?route=/racks`.
        let hands_on = text.split_once('?').is_some_and(|(_, query)| path_in_query(query).is_some());
        let is_path = text.starts_with('/') && !text.starts_with("//");
        if !is_path && (!hands_on || text.starts_with("//") || text.contains("://")) {
            return;
        }
        let parts = parts(b, text);
        let method = method.map(|at| {
            let said = b.intern(at.of(b.text));
            (b.intern("method"), Argument::Text(vec![TextPart::Text(said)], at))
        });
        let call = CallSignal {
            name: b.intern(&name.of(b.text).to_ascii_lowercase()),
            at: name.start,
            receiver: None,
            arguments: vec![Argument::Text(parts, value)],
            named: method.into_iter().collect(),
            decorates: None,
            marks: false,
            bound: None,
        };
        b.signal(value, SignalKind::Call(Box::new(call)));
    }
}

/// The text with holes where a template fills it in.
fn parts(b: &mut Builder, text: &str) -> Vec<TextPart> {
    let mut out = Vec::new();
    let mut rest = text;
    loop {
        let next = FILLED.iter().filter_map(|(open, close)| rest.find(open).map(|at| (at, *close))).min_by_key(|f| f.0);
        let Some((at, close)) = next else { break };
        if at > 0 {
            out.push(TextPart::Text(b.intern(&rest[..at])));
        }
        out.push(TextPart::Hole(None));
        rest = rest[at..].find(close).map_or("", |end| &rest[at + end + close.len()..]);
    }
    if !rest.is_empty() {
        out.push(TextPart::Text(b.intern(rest)));
    }
    out
}

/// Records names of routes in code of templates, wherever that stands: `<%= link_to "Racks", racks_path %>`.
pub(super) fn record_names(b: &mut Builder) {
    let (open, close) = ("<%", "%>");
    let mut from = 0;
    while let Some(begin) = b.text[from..].find(open).map(|at| from + at + open.len()) {
        let Some(end) = b.text[begin..].find(close).map(|at| begin + at) else { break };
        from = end + close.len();
        let code = &b.text[begin..end];
        if code.starts_with('#') {
            continue;
        }
        let method = method_in(code);
        for (at, word) in words(code) {
            if crate::frameworks::asks_by_ending(word) {
                let at = Span::new(begin + at, begin + at + word.len());
                record_name(b, word, at, method);
            }
        }
    }
}

fn record_name(b: &mut Builder, word: &str, at: Span, method: Option<&str>) {
    let named = method.map(|m| {
        let said = b.intern(m);
        (b.intern("method"), Argument::Text(vec![TextPart::Text(said)], at))
    });
    let named = named.into_iter().collect();
    let call = CallSignal { name: b.intern(word), at: at.start, receiver: None, arguments: Vec::new(), named, decorates: None, marks: false, bound: None };
    b.signal(at, SignalKind::Call(Box::new(call)));
}

/// The method that code says, or that what it calls has.
fn method_in(code: &str) -> Option<&'static str> {
    let after = code.find("method").map_or("", |at| &code[at + "method".len()..]);
    let word = after.trim_start_matches([' ', ':', '=', '>', '"', '\'']);
    match word.split(|c: char| !c.is_alphanumeric()).next().unwrap_or("") {
        "delete" => Some("DELETE"),
        "put" => Some("PUT"),
        "patch" => Some("PATCH"),
        "post" => Some("POST"),
        "get" => Some("GET"),
        _ if crate::frameworks::sends(code) => Some("POST"),
        _ => None,
    }
}

/// Names in code that stand alone: no members, no symbols, no keys.
fn words(code: &str) -> Vec<(usize, &str)> {
    let is_word = |c: char| c.is_alphanumeric() || c == '_';
    let mut out = Vec::new();
    let mut at = 0;
    while let Some(begin) = code[at..].find(is_word).map(|n| at + n) {
        let end = code[begin..].find(|c| !is_word(c)).map_or(code.len(), |n| begin + n);
        let before = code[..begin].chars().next_back();
        let is_key = code[end..].starts_with(':') && !code[end..].starts_with("::");
        if !before.is_some_and(|c| matches!(c, '.' | ':' | '@' | '$' | '\'' | '"')) && !is_key {
            out.push((begin, &code[begin..end]));
        }
        at = end;
    }
    out
}
