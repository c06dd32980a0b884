//! Macro calls and the rules of `macro_rules!`: unparsed tokens, read word by word.

use super::Reader;
use compass_facts::bounds::Bounded;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{Word, find_child, named, span, text, words};
use compass_facts::{Flags, Kind, Literal, Role, ScopeKind, Shape, TypeExpr, TypeId};

const KEYWORDS: [&str; 36] = [
    "as", "async", "await", "break", "const", "continue", "crate", "dyn", "else", "enum", "extern", "false", "fn", "for", "if", "impl", "in", "let", "loop",
    "match", "mod", "move", "mut", "pub", "ref", "return", "static", "struct", "super", "trait", "true", "type", "unsafe", "use", "where", "while",
];

impl<'t> Reader<'t> {
    /// `name!(…)`.
    pub(super) fn macro_call(&mut self, node: Node<'t>) -> TypeId {
        let Some(head) = node.child_by_field_name("macro") else { return self.b.unknown() };
        let word = text(head, self.b.text).rsplit("::").next().unwrap_or("");
        match head.kind() {
            "identifier" => {
                self.b.add_use(word, span(head), Role::Call, Shape::Plain);
            }
            _ => {
                self.path(head, Role::Call);
            }
        }
        if let Some(items) = find_child(node, "token_tree").and_then(|tokens| self.items.get(&span(tokens).start)) {
            let outer = std::mem::replace(&mut self.in_macro, true);
            self.all_statements(items.root_node());
            self.in_macro = outer;
            return self.b.unknown();
        }
        if let Some(tokens) = find_child(node, "token_tree") {
            self.words_as_uses(tokens, false);
            self.texts_in(tokens);
        }
        match word {
            "format" | "concat" | "stringify" => self.b.ty(TypeExpr::Literal(Literal::Text)),
            "vec" => {
                let element = self.b.unknown();
                self.b.ty(TypeExpr::List(element))
            }
            _ => self.b.unknown(),
        }
    }

    /// Texts among unparsed tokens: statements stand in macros as often as in calls.
    fn texts_in(&mut self, tokens: Node<'t>) {
        for part in named(tokens) {
            match part.kind() {
                "string_literal" | "raw_string_literal" => self.b.text_signal(part, None),
                "token_tree" => {
                    self.deeper(span(part), |r| r.texts_in(part));
                }
                _ => {}
            }
        }
    }

    /// The right sides of all rules.
    pub(super) fn macro_rules(&mut self, node: Node<'t>) {
        for rule in named(node) {
            if let Some(right) = rule.child_by_field_name("right") {
                self.words_as_uses(right, true);
            }
        }
    }

    /// Names, paths and member chains in unparsed text become uses.
    fn words_as_uses(&mut self, tokens: Node<'t>, in_rule: bool) {
        let source = self.b.text;
        let mut chain: Option<(TypeId, u32)> = None;
        let at_items = !in_rule && matches!(self.b.scope_kind(self.b.place.scope), ScopeKind::File | ScopeKind::Module);
        let mut before = "";
        for word in words(source, span(tokens)) {
            let announced = std::mem::replace(&mut before, word.text);
            if let (true, Some(kind)) = (at_items, item_kind(announced)) {
                self.define_by_macro(&word, kind, tokens);
                chain = None;
                continue;
            }
            let joined = chain.filter(|(_, end)| is_joint(source, *end, word.span.start));
            chain = None;
            let is_variable = word.before == b'$' && in_rule;
            if KEYWORDS.contains(&word.text) || is_variable || word.before == b'\'' {
                if matches!(word.text, "crate" | "super") {
                    chain = Some((self.b.ty_name(word.text, word.span), word.span.end));
                }
                continue;
            }
            let ty = self.word_use(&word, joined.map(|(ty, _)| ty));
            chain = Some((ty, word.span.end));
        }
    }

    /// `ast! { pub struct Rack { … } }` among items makes a `Rack`, whatever else the macro does with it.
    fn define_by_macro(&mut self, word: &Word<'t>, kind: Kind, tokens: Node<'t>) {
        let call = tokens.parent().unwrap_or(tokens);
        let mut new = NewDefinition::new(word.text, kind, word.span, span(call));
        new.flags = Flags::EXPORTED;
        self.b.define(new);
    }

    fn word_use(&mut self, word: &Word<'t>, of: Option<TypeId>) -> TypeId {
        let is_call = matches!(word.after, b'(') || (word.after == b'!' && !self.b.text[word.span.end as usize..].trim_start().starts_with("!="));
        let role = if is_call { Role::Call } else { Role::Read };
        if word.text == "Self" {
            return match self.own_type {
                Some(scope) => self.b.ty(TypeExpr::ReceiverType(scope)),
                None => self.b.unknown(),
            };
        }
        match of {
            Some(of) => {
                self.b.add_use(word.text, word.span, role, Shape::Member(of));
                self.b.ty_member(of, word.text)
            }
            None if word.before == b'.' && !self.b.text[..word.span.start as usize].trim_end().ends_with("..") => {
                let of = self.b.unknown();
                self.b.add_use(word.text, word.span, role, Shape::Member(of));
                of
            }
            None => {
                self.b.add_use(word.text, word.span, role, Shape::Plain);
                self.b.ty_name(word.text, word.span)
            }
        }
    }
}

/// What an item keyword announces.
fn item_kind(word: &str) -> Option<Kind> {
    Some(match word {
        "struct" => Kind::Struct,
        "enum" => Kind::Enum,
        "union" => Kind::Union,
        "trait" => Kind::Trait,
        "fn" => Kind::Function,
        "type" => Kind::Alias,
        _ => return None,
    })
}

/// Are the two words joined by `.` or `::` alone?
fn is_joint(source: &str, end: u32, start: u32) -> bool {
    let between = source.get(end as usize..start as usize).unwrap_or("");
    matches!(between.trim(), "." | "::")
}
