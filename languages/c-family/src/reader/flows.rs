//! Where values are put: what may be called from there later.

use super::parser::{Parser, Value};
use super::sink::Sink;
use compass_facts::*;

/// Where something is put.
pub(super) type Into = (u32, FlowPart);

impl Parser<'_, '_> {
    /// Records that a value is put somewhere, if it may be a function or hold one.
    pub(super) fn put(&mut self, value: Value, into: Option<Into>) {
        let (Some((into, part)), Some(used)) = (into, value.used) else { return };
        if !(value.named || value.element) {
            return;
        }
        let u = self.s.facts.usage(used);
        let plain = u.shape == Shape::Plain || u.local.is_some() || matches!(u.shape, Shape::Member(_)) && self.cpp;
        if !plain && !value.element || matches!(u.role, Role::Call | Role::Write) {
            return;
        }
        let of = if value.element { FlowPart::Element } else { FlowPart::Whole };
        let flow = Flow { value: u.span.start, of, into, part };
        self.s.facts.flows.push(flow);
    }

    /// Records that something in a value is called: `table[i] (v)`.
    pub(super) fn called_in(&mut self, value: Value) {
        if let (Some(used), true) = (value.used, value.element) {
            let at = self.s.facts.usage(used).span.start;
            self.s.facts.flows.push(Flow { value: at, of: FlowPart::Element, into: at, part: FlowPart::Called });
        }
    }
}

/// What a value names as a place to put something.
pub(super) fn place_of(s: &Sink, value: Value) -> Option<Into> {
    let at = s.facts.usage(value.used?).span.start;
    match (value.named, value.element) {
        (true, _) => Some((at, FlowPart::Whole)),
        (_, true) => Some((at, FlowPart::Element)),
        _ => None,
    }
}
