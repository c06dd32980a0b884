//! Routes that attributes declare: `#[get("/racks/{id}")]`.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{Argument, CallSignal, SignalKind, Span, TextPart};

impl<'t> Reader<'t> {
    /// Records an attribute that a framework of the table asks for: what its tokens hold between quotes.
    pub(super) fn route_mark(&mut self, head: Node<'t>, arguments: Node<'t>, whole: Span) {
        let last = if head.kind() == "scoped_identifier" { named(head).into_iter().next_back().unwrap_or(head) } else { head };
        let word = text(last, self.b.text);
        if !crate::frameworks::TABLE.is_mark(word) {
            return;
        }
        let source = self.b.text;
        let written = text(arguments, source);
        let base = span(arguments).start;
        let Some(open) = written.find('"') else { return };
        let Some(length) = written[open + 1..].find('"') else { return };
        let path = &written[open + 1..open + 1 + length];
        // `method = "GET"` behind the path.
        let named_method = written[open + 1 + length..].split_once("method").and_then(|(_, rest)| rest.split('"').nth(1));
        let at = Span { start: base + open as u32, end: base + (open + 2 + length) as u32 };
        let mut argument = |said: &str| Argument::Text(vec![TextPart::Text(self.b.intern(said))], at);
        let arguments = vec![argument(path)];
        let method = named_method.map(&mut argument);
        let key = self.b.intern("method");
        let call = CallSignal {
            name: self.b.intern(word),
            at: span(last).start,
            receiver: None,
            arguments,
            named: method.map(|m| (key, m)).into_iter().collect(),
            decorates: None,
            marks: true,
            bound: None,
        };
        self.b.signal(whole, SignalKind::Call(Box::new(call)));
    }
}
