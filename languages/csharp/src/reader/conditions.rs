//! `#if`: which branch the usual build takes.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, text};

/// Symbols of the usual build.
const DEFINED: [&str; 2] = ["DEBUG", "TRACE"];

impl<'t> Reader<'t> {
    /// A branch, and the ones that are taken instead of it.
    pub(super) fn branch(&mut self, node: Node<'t>) {
        let condition = node.child_by_field_name("condition");
        let alternative = node.child_by_field_name("alternative");
        let holds = condition.is_none_or(|c| self.holds(c, 0));
        self.inactive += u32::from(!holds);
        for child in named(node) {
            let is_other = [condition, alternative].into_iter().flatten().any(|n| n.id() == child.id());
            if !is_other {
                self.statement(child);
            }
        }
        self.inactive -= u32::from(!holds);
        if let Some(other) = alternative {
            self.inactive += u32::from(holds);
            self.branch(other);
            self.inactive -= u32::from(holds);
        }
    }

    fn holds(&self, node: Node<'t>, depth: u32) -> bool {
        /// Conditions nested deeper than this are taken for false.
        const DEEPEST: u32 = 64;
        if depth > DEEPEST {
            return false;
        }
        let parts = named(node);
        let part = |i: usize| parts.get(i).is_some_and(|n| self.holds(*n, depth + 1));
        match node.kind() {
            "identifier" => DEFINED.contains(&text(node, self.b.text)),
            "boolean_literal" => text(node, self.b.text) == "true",
            "unary_expression" | "prefix_unary_expression" => !part(0),
            "binary_expression" => match node.child_by_field_name("operator").map_or("", |o| o.kind()) {
                "&&" => part(0) && part(1),
                "||" => part(0) || part(1),
                "==" => part(0) == part(1),
                "!=" => part(0) != part(1),
                _ => false,
            },
            _ => part(0),
        }
    }
}
