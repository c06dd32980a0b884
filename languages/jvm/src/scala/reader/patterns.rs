//! Patterns: the names they bind, and the types they name.

use super::{PART, Reader};
use compass_facts::bounds::Bounded;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{named, span, text};
use compass_facts::{DefId, Kind, Role, Shape, TypeExpr, TypeId};

impl<'t> Reader<'t> {
    /// Binds the names of a pattern that a value of the type is laid against.
    pub(super) fn pattern(&mut self, node: Node<'t>, of: Option<TypeId>, kind: Kind) -> Vec<DefId> {
        let mut made = Vec::new();
        self.pattern_in(node, of, kind, &mut made);
        made
    }

    fn pattern_in(&mut self, node: Node<'t>, of: Option<TypeId>, kind: Kind, made: &mut Vec<DefId>) {
        self.deeper(span(node), |r| r.pattern_kind(node, of, kind, made));
    }

    fn pattern_kind(&mut self, node: Node<'t>, of: Option<TypeId>, kind: Kind, made: &mut Vec<DefId>) {
        match node.kind() {
            "identifier" => self.name_in_pattern(node, of, kind, made),
            "typed_pattern" => {
                let ty = node.child_by_field_name("type").map(|t| self.value_type(t));
                if let Some(inner) = node.child_by_field_name("pattern") {
                    self.pattern_in(inner, ty, kind, made);
                }
            }
            "capture_pattern" => {
                let inner = node.child_by_field_name("pattern");
                let told = inner.and_then(|p| self.told_by(p)).or(of);
                if let Some(name) = node.child_by_field_name("name") {
                    made.push(self.bound_name(name, told, kind));
                }
                if let Some(inner) = inner {
                    self.pattern_in(inner, of, kind, made);
                }
            }
            "case_class_pattern" => self.parts(node, of, kind, made),
            "tuple_pattern" | "named_tuple_pattern" => {
                for (i, part) in named(node).into_iter().filter(|n| !n.kind().contains("comment")).enumerate() {
                    let inner = of.filter(|o| *o != self.b.unknown()).map(|of| self.b.ty(TypeExpr::Part { of, index: i as u32 }));
                    self.pattern_in(part, inner, kind, made);
                }
            }
            "infix_pattern" => self.infix_pattern(node, of, kind, made),
            "alternative_pattern" | "parenthesized_pattern" => {
                for part in named(node) {
                    self.pattern_in(part, of, kind, made);
                }
            }
            "repeat_pattern" => {
                if let Some(inner) = node.child_by_field_name("pattern") {
                    let all = of.map(|o| self.b.ty_of(o, TypeExpr::List));
                    self.pattern_in(inner, all, kind, made);
                }
            }
            "stable_identifier" | "field_expression" => {
                self.expression(node, Role::Ref);
            }
            "interpolated_string_expression" => {
                self.expression(node, Role::Read);
            }
            "given_pattern" => {
                for part in named(node) {
                    self.type_ref(part);
                }
            }
            _ => {}
        }
    }

    /// A name in small letters is bound; others are looked for.
    fn name_in_pattern(&mut self, node: Node<'t>, of: Option<TypeId>, kind: Kind, made: &mut Vec<DefId>) {
        let written = text(node, self.b.text);
        if written.starts_with('`') || written.starts_with(char::is_uppercase) && kind == Kind::Variable {
            self.b.add_use(self.word(node), span(node), Role::Ref, Shape::Plain);
        } else if written != "_" {
            made.push(self.bound_name(node, of, kind));
        }
    }

    /// The type that a pattern tells of the value, without new uses.
    fn told_by(&mut self, pattern: Node<'t>) -> Option<TypeId> {
        match pattern.kind() {
            "typed_pattern" | "case_class_pattern" => pattern.child_by_field_name("type").map(|t| self.quiet_value_type(t)),
            _ => None,
        }
    }

    /// `Wheel(teeth, _)`: parts of what the class is made of.
    fn parts(&mut self, node: Node<'t>, of: Option<TypeId>, kind: Kind, made: &mut Vec<DefId>) {
        let Some(ty) = node.child_by_field_name("type") else { return };
        let class = self.extractor(ty);
        let all = named(node).into_iter().filter(|n| n.id() != ty.id());
        for (i, part) in all.filter(|n| !n.kind().contains("comment")).enumerate() {
            let member = self.b.ty_member(class, &format!("{PART}{i}"));
            let inner = self.b.ty_of(member, |member| TypeExpr::Call { of: member, args: of.into_iter().collect() });
            self.pattern_in(part, Some(inner), kind, made);
        }
    }

    /// What stands before the brackets: an object with `unapply`, or a class.
    fn extractor(&mut self, node: Node<'t>) -> TypeId {
        match node.kind() {
            "type_identifier" | "identifier" => {
                let (word, at) = (self.word(node), span(node));
                self.b.add_use(word, at, Role::Ref, Shape::Plain);
                self.b.ty_name(word, at)
            }
            "stable_type_identifier" => {
                let mut of: Option<TypeId> = None;
                for part in named(node).into_iter().flat_map(|n| if n.kind() == "stable_identifier" { named(n).into_vec() } else { vec![n] }) {
                    let (word, at) = (self.word(part), span(part));
                    let shape = of.map_or(Shape::Plain, Shape::Member);
                    self.b.add_use(word, at, Role::Ref, shape);
                    of = Some(match of {
                        None => self.b.ty_name(word, at),
                        Some(of) => self.b.ty_member(of, word),
                    });
                }
                of.unwrap_or(self.b.unknown())
            }
            _ => self.type_ref(node),
        }
    }

    /// `head :: tail`.
    fn infix_pattern(&mut self, node: Node<'t>, of: Option<TypeId>, kind: Kind, made: &mut Vec<DefId>) {
        let (left, operator, right) = (node.child_by_field_name("left"), node.child_by_field_name("operator"), node.child_by_field_name("right"));
        let (Some(left), Some(right)) = (left, right) else { return };
        let sign = operator.map_or("", |o| self.word(o));
        let element = of.map(|o| self.b.ty_of(o, TypeExpr::Element));
        match sign {
            "::" | "+:" => {
                self.pattern_in(left, element, kind, made);
                self.pattern_in(right, of, kind, made);
            }
            ":+" => {
                self.pattern_in(left, of, kind, made);
                self.pattern_in(right, element, kind, made);
            }
            _ => {
                if let Some(operator) = operator.filter(|o| o.kind() == "identifier") {
                    self.b.add_use(sign, span(operator), Role::Ref, Shape::Plain);
                }
                self.pattern_in(left, None, kind, made);
                self.pattern_in(right, None, kind, made);
            }
        }
    }
}
