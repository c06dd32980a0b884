//! What of a page asks a server: links, forms, and elements that fetch by themselves.

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
        if !text.starts_with('/') || text.starts_with("//") {
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
