//! Methods that `#[derive(…)]` makes of the standard library's traits.

use super::Reader;
use super::items::attributes;
use compass_facts::reading::NewDefinition;
use compass_facts::reading::syntax::Node;
use compass_facts::reading::tree::{find_child, named, span, text, words};
use compass_facts::{DefId, Extension, Flags, Kind, Literal, ScopeId, ScopeKind, TypeExpr, TypeId};

/// What a method gives.
#[derive(Clone, Copy)]
enum Gives {
    /// A value of the type: by a method, or by the type itself.
    Own,
    New,
    Bool,
    Other,
}

/// The methods of a trait that can be derived; none for traits without any, or that others define.
fn methods(of: &str) -> &'static [(&'static str, u8, Gives)] {
    match of {
        "Clone" => &[("clone", 0, Gives::Own)],
        "Debug" => &[("fmt", 1, Gives::Other)],
        "Default" => &[("default", 0, Gives::New)],
        "PartialEq" => &[("eq", 1, Gives::Bool), ("ne", 1, Gives::Bool)],
        "PartialOrd" => &[("partial_cmp", 1, Gives::Other)],
        "Ord" => &[("cmp", 1, Gives::Other)],
        "Hash" => &[("hash", 1, Gives::Other)],
        _ => &[],
    }
}

impl<'t> Reader<'t> {
    /// Defines what the attributes of a type derive for it.
    pub(super) fn derived(&mut self, node: Node<'t>, def: DefId) {
        let all: Vec<Node<'t>> = attributes(node, self.b.text).collect();
        for attribute in all.into_iter().filter_map(|a| find_child(a, "attribute")) {
            let is_derive = named(attribute).first().is_some_and(|n| text(*n, self.b.text) == "derive");
            let Some(arguments) = attribute.child_by_field_name("arguments").filter(|_| is_derive) else { continue };
            for word in words(self.b.text, span(arguments)) {
                let made = methods(word.text);
                if made.is_empty() {
                    continue;
                }
                let saved = self.b.enter(ScopeKind::Type, word.span, None);
                let scope = self.b.place.scope;
                let of = self.b.ty(TypeExpr::Def(def));
                let implements = Some(self.b.ty_name(word.text, word.span));
                self.b.add_extension(Extension { scope, of, implements });
                for (name, arity, gives) in made {
                    let mut new = NewDefinition::new(name, Kind::Method, word.span, word.span);
                    new.flags = Flags::BODILESS.with_if(matches!(gives, Gives::New), Flags::STATIC);
                    let method = self.b.define(new);
                    let ty = self.result_of_derived(*gives, scope);
                    let d = self.b.def_mut(method);
                    (d.ty, d.arity, d.required) = (ty, *arity, *arity);
                    self.b.note_made(method, "derive");
                }
                self.b.leave(saved);
            }
        }
    }

    fn result_of_derived(&mut self, gives: Gives, scope: ScopeId) -> Option<TypeId> {
        match gives {
            Gives::Own => Some(self.b.ty(TypeExpr::Receiver(scope))),
            Gives::New => {
                let of = self.b.ty(TypeExpr::ReceiverType(scope));
                Some(self.b.ty_instance(of))
            }
            Gives::Bool => Some(self.b.ty(TypeExpr::Literal(Literal::Bool))),
            Gives::Other => None,
        }
    }
}
