//! What conditions leave of a type: unions whose parts a member tells apart, and functions that say what a value is.

use crate::Cause;
use crate::link::resolve::evaluate::Evaluator;
use crate::link::types::ty::{Entity, Meaning, Ty};
use crate::link::world::GlobalNameId;
use compass_facts::bounds::Levels;
use compass_facts::{Kind, Literal, NameId, TypeExpr, TypeId};

/// A type with more values than this tells nothing apart.
const MOST_KEYS: usize = 200;

/// What a member holds that may be missing: no condition asks for it.
const NOTHING: &str = "";

impl Evaluator<'_, '_> {
    /// See [`TypeExpr::Told`]. What no part fits is left as it is: the condition is about something else.
    pub fn told(&mut self, file: u32, of: TypeId, member: NameId, keys: &[NameId], holds: bool) -> Meaning {
        let meaning = self.evaluate(file, of);
        let Ty::Union(parts) = &meaning.ty else { return meaning };
        let facts = self.world.facts(file);
        let keys: Vec<&str> = keys.iter().map(|k| facts.name(*k)).collect();
        let member = self.world.gid(file, member);
        let fitting: Vec<Ty> = parts.iter().filter(|part| self.may_be(file, part, member, &keys, holds)).cloned().collect();
        if fitting.is_empty() { meaning } else { meaning.map(|_| Ty::union(fitting)) }
    }

    /// May the member of a type be one of some values? Without values: has the type the member?
    fn may_be(&mut self, file: u32, part: &Ty, member: GlobalNameId, keys: &[&str], holds: bool) -> bool {
        let found = self.members(file, part, member);
        let Some(Entity::DefRef(field)) = found.hits.first().map(|h| h.entity) else {
            // Which part of an intersection says it is not known here.
            return !keys.is_empty() || found.cause != Cause::NoDefinition;
        };
        let mut values = Vec::new();
        let is_told = self.world.def(field).ty.is_some_and(|ty| self.values_of(field.file, ty, &mut values, Levels::ALIASES));
        if keys.is_empty() || !is_told || values.is_empty() || !self.can_be_compared(keys, &values) {
            return true;
        }
        let is_among = |v: &Value| keys.contains(&v.key.as_str());
        if holds { values.iter().any(is_among) } else { !values.iter().all(is_among) }
    }

    /// Are these of the same kind: texts, numbers, yes and no, or members of the very same enum?
    fn can_be_compared(&mut self, keys: &[&str], values: &[Value]) -> bool {
        keys.iter().all(|key| values.iter().filter(|v| v.key != NOTHING).all(|value| kind_of(key) == kind_of(&value.key) && self.is_of_enum(key, value)))
    }

    /// `.Low` of a value of `Level`: has that such a member? `shape.kind == other.kind` names no value.
    fn is_of_enum(&mut self, key: &str, value: &Value) -> bool {
        let (Some((file, of)), Some(word)) = (&value.of, key.strip_prefix('.')) else { return true };
        let name = self.world.find_gid(word);
        name.is_some_and(|name| !self.members(*file, of, name).is_empty())
    }

    /// The values that a type has, if it has no others.
    fn values_of(&mut self, file: u32, ty: TypeId, out: &mut Vec<Value>, levels: Levels) -> bool {
        let Some(levels) = levels.down().filter(|_| out.len() < MOST_KEYS) else { return false };
        let facts = self.world.facts(file);
        match facts.ty(ty) {
            TypeExpr::Exactly { key, .. } => {
                out.push(Value { key: facts.name(*key).to_owned(), of: None });
                true
            }
            TypeExpr::Literal(Literal::Nothing) => {
                out.push(Value { key: NOTHING.to_owned(), of: None });
                true
            }
            TypeExpr::Union(parts) => parts.iter().all(|p| self.values_of(file, *p, out, levels)),
            TypeExpr::Instance(of) => self.values_of(file, *of, out, levels),
            TypeExpr::Name { .. } | TypeExpr::TypeName { .. } | TypeExpr::Def(_) | TypeExpr::Member { .. } => {
                let meaning = self.evaluate(file, ty).ty;
                if let Ty::Item(alias, ..) = meaning
                    && self.world.def(alias).kind == Kind::Alias
                {
                    let ty = self.world.def(alias).ty;
                    return ty.is_some_and(|ty| self.values_of(alias.file, ty, out, levels));
                }
                // A member of an enum, or of an object that stands for one.
                let is_value = matches!(meaning, Ty::Literal(_)) || matches!(meaning, Ty::Item(s, ..) if self.world.def(s).kind == Kind::Variant);
                let TypeExpr::Member { of, name } = *facts.ty(ty) else { return false };
                if is_value {
                    let of = self.evaluate(file, of).ty;
                    out.push(Value { key: format!(".{}", facts.name(name)), of: Some((file, of)) });
                }
                is_value
            }
            _ => false,
        }
    }

    /// See [`TypeExpr::Guarded`]: a function whose result is written as what it says of its argument.
    pub fn guarded(&mut self, file: u32, of: TypeId, by: TypeId) -> Meaning {
        let callee = self.evaluate(file, by);
        if let Ty::Item(function, args, receiver) = &callee.ty
            && let Some(result) = self.world.def(*function).ty
            && let TypeExpr::Generic { of: yes, args: said } = self.world.facts(function.file).ty(result)
            && matches!(self.world.facts(function.file).ty(*yes), TypeExpr::Literal(_))
            && let Some(said) = said.first()
        {
            let mut told = self.evaluate(function.file, *said);
            told.ty = self.seen_through(told.ty, receiver.as_deref());
            told.ty = self.substitute(told.ty, *function, args);
            if matches!(told.ty, Ty::Value(s, _) if self.world.def(s).kind != Kind::TypeParameter) || matches!(told.ty, Ty::Union(_)) {
                return Meaning { certainty: told.certainty.min(callee.certainty), ..told };
            }
        }
        self.evaluate(file, of)
    }
}

/// A value that a type has: its key, and the enum it is a member of, with the file that names it.
struct Value {
    key: String,
    of: Option<(u32, Ty)>,
}

/// By how a key begins: member of an enum, text, yes or no, number.
fn kind_of(key: &str) -> u8 {
    match key.as_bytes().first() {
        Some(b'.') => 0,
        Some(b'"') => 1,
        Some(b't' | b'f') => 2,
        _ => 3,
    }
}
