//! Types made of other types: of their members, `{ [K in keyof T]: … }`, `T["slots"]`, `T[K]`, or by what they are, `A extends B ? C : D`.

use super::Reader;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, named, span, text};
use compass_facts::{DefId, ScopeKind, TypeExpr, TypeId};

/// The members that are gone through where the reader is: `K in keyof T`.
pub(super) struct Each<'t> {
    /// `T`, as it is written.
    of: &'t str,
    /// `K`.
    key: &'t str,
    /// The type parameter `K`: in place of `T[K]` it stands for what the member is.
    def: DefId,
}

impl<'t> Reader<'t> {
    /// What an object type stands for that has the members of another one; nothing for other object types.
    pub(super) fn mapped_object(&mut self, node: Node<'t>) -> Option<TypeId> {
        let [signature] = named(node)[..] else { return None };
        let clause = find_child(signature, "mapped_type_clause")?;
        let keys = clause.child_by_field_name("type")?;
        let name = text(clause.child_by_field_name("name")?, self.b.text);
        let renames = clause.child_by_field_name("alias").is_some_and(|to| !keeps_names(to, name, self.b.text));
        if renames || keys_of(keys).is_none() {
            return None;
        }
        let (of, value, key) = self.mapped_clause(clause, signature)?;
        // `T[K]`, `T[K] | undefined`: the members are those of `T` and nothing else.
        let is_member = |r: &Self, ty: TypeId| matches!(*r.b.get_ty(ty), TypeExpr::Def(d) if d == key);
        let is_same = match self.b.get_ty(value) {
            TypeExpr::Union(parts) => {
                parts.iter().any(|p| is_member(self, *p)) && parts.iter().all(|p| is_member(self, *p) || matches!(self.b.get_ty(*p), TypeExpr::Literal(_)))
            }
            _ => is_member(self, value),
        };
        Some(if is_same { of } else { self.b.ty(TypeExpr::Mapped { of, value, key }) })
    }

    /// `[K in keyof T]: Box<T[K]>`: the name holds within. Gives `T`, the type of each member, and `K`.
    pub(super) fn mapped_clause(&mut self, clause: Node<'t>, whole: Node<'t>) -> Option<(TypeId, TypeId, DefId)> {
        let saved = self.b.enter(ScopeKind::Block, span(whole), None);
        let keys = clause.child_by_field_name("type");
        let of = keys.and_then(keys_of);
        let found = keys.and_then(|keys| self.keys(keys));
        let name = clause.child_by_field_name("name");
        let key = name.map(|name| self.type_name(name, clause));
        let mark = self.each.len();
        if let (Some(of), Some(name), Some(def)) = (of, name, key) {
            self.each.push(Each { of: text(of, self.b.text), key: text(name, self.b.text), def });
        }
        if let Some(alias) = clause.child_by_field_name("alias") {
            self.value_type(alias);
        }
        let value = whole.child_by_field_name("type").map(|value| self.value_type(value));
        self.each.truncate(mark);
        self.b.leave(saved);
        Some((found?, value?, key?))
    }

    /// `A extends B<infer U> ? U : never`: what is inferred holds within the whole.
    pub(super) fn conditional(&mut self, node: Node<'t>) -> TypeId {
        let saved = self.b.enter(ScopeKind::Block, span(node), None);
        let around = self.conditional_in.replace(self.b.place.scope);
        let [of, like, holds, fails] = ["left", "right", "consequence", "alternative"].map(|field| match node.child_by_field_name(field) {
            Some(part) => self.value_type(part),
            None => self.b.unknown(),
        });
        self.conditional_in = around;
        self.b.leave(saved);
        // `T extends any`: every type is such.
        let right = node.child_by_field_name("right");
        if right.is_some_and(|right| matches!(text(right, self.b.text), "any" | "unknown")) {
            return holds;
        }
        if [holds, fails].iter().all(|t| *t == self.b.unknown()) {
            return self.b.unknown();
        }
        // Of two functions the parameters and results are compared one by one.
        let (of, like) = match (self.signature(of), self.signature(like)) {
            (Some(of), Some(like)) => (self.b.ty(TypeExpr::Tuple(of)), self.b.ty(TypeExpr::Tuple(like))),
            _ => (of, like),
        };
        self.b.ty(TypeExpr::Conditional { of, like, outcomes: Box::new([holds, fails]) })
    }

    /// What a function takes and gives; also of one that a type is put into part by part, `T extends any ? (part: T) => void : never`.
    fn signature(&self, ty: TypeId) -> Option<Vec<TypeId>> {
        match self.b.get_ty(ty) {
            TypeExpr::Signature { parameters, result } => Some(parameters.iter().copied().chain([*result]).collect()),
            TypeExpr::Conditional { outcomes, .. } => match self.b.get_ty(outcomes[0]) {
                TypeExpr::Signature { parameters, result } => Some(parameters.iter().copied().chain([*result]).collect()),
                _ => None,
            },
            _ => None,
        }
    }

    /// Reads what tells the names of members. Gives the type whose they are.
    fn keys(&mut self, node: Node<'t>) -> Option<TypeId> {
        if node.kind() == "index_type_query" {
            return named(node).first().map(|of| self.value_type(*of));
        }
        if keys_of(node).is_none() {
            self.value_type(node);
            return None;
        }
        let mut found = None;
        for part in named(node) {
            found = self.keys(part).or(found);
        }
        found
    }

    /// `Rack["slots"]`: what the member is; `Racks[number]`: what a list holds; `T[K]` where `K` goes through the members of `T`.
    pub(super) fn lookup(&mut self, node: Node<'t>) -> TypeId {
        let [of, key] = named(node)[..] else { return self.b.unknown() };
        let (of_words, key_words) = (text(of, self.b.text), text(key, self.b.text));
        let of = self.value_type(of);
        let word = Some(key).filter(|k| k.kind() == "literal_type").and_then(|k| named(k).first().copied()).filter(|k| k.kind() == "string");
        match (word, key.kind()) {
            (Some(word), _) => self.b.ty_member(of, super::classes::unquoted(text(word, self.b.text))),
            (None, "predefined_type") => self.b.ty_of(of, TypeExpr::Index),
            _ => {
                self.value_type(key);
                match self.each.iter().rev().find(|each| each.key == key_words) {
                    Some(each) if each.of == of_words => {
                        let def = each.def;
                        self.b.ty(TypeExpr::Def(def))
                    }
                    _ => self.b.ty_of(of, TypeExpr::Index),
                }
            }
        }
    }
}

/// `T` of `keyof T`, `keyof T & string`, `Exclude<keyof T, "id">`.
fn keys_of(keys: Node) -> Option<Node> {
    match keys.kind() {
        "index_type_query" => named(keys).first().copied(),
        "parenthesized_type" | "intersection_type" | "type_arguments" | "generic_type" => named(keys).into_iter().find_map(keys_of),
        _ => None,
    }
}

/// `as T[K] extends Rack ? K : never`: is each member called as before, where it is there at all?
fn keeps_names(to: Node, name: &str, source: &str) -> bool {
    match to.kind() {
        "conditional_type" => {
            let outcomes = ["consequence", "alternative"].into_iter().filter_map(|f| to.child_by_field_name(f));
            outcomes.into_iter().all(|o| keeps_names(o, name, source))
        }
        "parenthesized_type" => named(to).first().is_some_and(|o| keeps_names(*o, name, source)),
        _ => matches!(text(to, source), "never") || text(to, source) == name,
    }
}
