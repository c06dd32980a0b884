//! What comments say of types: `@param`, `@return`, `@var`, `@template`, `@extends`, `@property`, `@method`.

use super::Reader;
use compass_facts::reading::NewDefinition;
use compass_facts::{Kind, Literal, Span, TypeExpr, TypeId};

/// A type as a comment writes it, and where.
#[derive(Debug, Clone, PartialEq)]
pub(super) struct Written {
    text: String,
    start: u32,
}

impl Written {
    /// Does it say more than the name of a class can: what the elements are?
    fn says_elements(&self) -> bool {
        self.text.contains(['<', '['])
    }
}

/// A parameter of types, with the type it is bound by.
#[derive(Debug, PartialEq)]
struct Template {
    name: Written,
    bound: Option<Written>,
}

/// A member that the class has by its magic methods.
#[derive(Debug, PartialEq)]
struct Magic {
    kind: Kind,
    name: Written,
    ty: Option<Written>,
}

/// What a comment says.
#[derive(Debug, Default, PartialEq)]
pub(super) struct Said {
    /// Variables with their `$`, and types.
    pub(super) parameters: Vec<(String, Written)>,
    pub(super) returns: Option<Written>,
    pub(super) variable: Option<Written>,
    /// The name with its `$` that `@var` stands for, where it says one.
    pub(super) variable_name: String,
    templates: Vec<Template>,
    /// Bases with what they are made of.
    bases: Vec<Written>,
    magic: Vec<Magic>,
}

impl Said {
    /// Reads a comment that stands at a place.
    pub(super) fn of(comment: &str, start: u32) -> Said {
        let mut out = Said::default();
        for (at, _) in comment.match_indices('@') {
            let rest = &comment[at + 1..];
            let end = rest.find(|c: char| !(c.is_ascii_alphanumeric() || c == '-')).unwrap_or(rest.len());
            let tag = rest[..end].trim_start_matches("phpstan-").trim_start_matches("psalm-");
            let body = rest[end..].split('\n').next().unwrap_or("");
            let skipped = body.len() - body.trim_start().len();
            let (ty, after) = type_of(body.trim_start());
            if ty.is_empty() {
                continue;
            }
            let written = Written { text: ty.to_owned(), start: start + (at + 1 + end + skipped) as u32 };
            match tag {
                "param" => {
                    let name = variable_in(after);
                    // What is said last says most: tools of their own say more than all do.
                    out.parameters.retain(|p| p.0 != name);
                    out.parameters.push((name, written));
                }
                "return" => out.returns = Some(written),
                "var" => {
                    out.variable_name = variable_in(after);
                    out.variable = Some(written);
                }
                "template" | "template-covariant" | "template-contravariant" => out.template(written, after),
                "extends" | "implements" | "use" | "template-extends" | "template-implements" if written.says_elements() => out.bases.push(written),
                "property" | "property-read" | "property-write" => out.property(written, after),
                "method" => out.method(body.trim_start(), written.start),
                _ => {}
            }
        }
        out
    }

    /// `T of Rack`, `T as Rack`.
    fn template(&mut self, name: Written, after: &str) {
        let at = name.start + name.text.len() as u32;
        let rest = after.trim_start();
        let bound = ["of ", "as "].iter().find_map(|word| rest.strip_prefix(word)).map(|text| {
            let start = at + (after.len() - text.len()) as u32;
            Written { text: type_of(text).0.to_owned(), start }
        });
        self.templates.push(Template { name, bound: bound.filter(|b| !b.text.is_empty()) });
    }

    /// `@property Rack $rack`.
    fn property(&mut self, ty: Written, after: &str) {
        let name = variable_in(after);
        let Some(offset) = after.find(&name).filter(|_| name.len() > 1) else { return };
        let start = ty.start + (ty.text.len() + offset + 1) as u32;
        self.magic.push(Magic { kind: Kind::Field, name: Written { text: name[1..].to_owned(), start }, ty: Some(ty) });
    }

    /// `@method static Rack made(int $n)`.
    fn method(&mut self, text: &str, start: u32) {
        let Some(front) = text.find('(').map(|end| &text[..end]) else { return };
        let front = front.trim_end();
        let at = front.rfind(char::is_whitespace).map_or(0, |i| i + 1);
        let name = Written { text: front[at..].to_owned(), start: start + at as u32 };
        let is_name = |n: &str| !n.is_empty() && n.chars().all(|c| c.is_alphanumeric() || c == '_');
        if !is_name(&name.text) {
            return;
        }
        let before = front[..at].trim_end();
        let (skipped, ty) = before.strip_prefix("static ").map_or((0, before), |rest| ("static ".len(), rest));
        let ty = Some(Written { text: ty.to_owned(), start: start + skipped as u32 }).filter(|t| !t.text.is_empty());
        self.magic.push(Magic { kind: Kind::Method, name, ty });
    }
}

/// The first variable of a text, with its `$`; empty where there is none.
fn variable_in(text: &str) -> String {
    let name = text.split_whitespace().find_map(|w| Some(&w[w.find('$')?..])).unwrap_or("");
    name.chars().enumerate().take_while(|(i, c)| *i == 0 || c.is_alphanumeric() || *c == '_').map(|p| p.1).collect()
}

/// The type at the beginning of a text, and what follows: blanks within brackets belong to it.
fn type_of(text: &str) -> (&str, &str) {
    let mut depth = 0i32;
    for (i, c) in text.char_indices() {
        match c {
            '<' | '(' | '{' | '[' => depth += 1,
            '>' | ')' | '}' | ']' => depth -= 1,
            c if c.is_whitespace() && depth <= 0 => return text.split_at(i),
            '*' if text[i..].starts_with("*/") => return text.split_at(i),
            _ => {}
        }
    }
    (text, "")
}

/// Splits at a sign outside all brackets.
fn parted(text: &str, sign: char) -> Vec<(usize, &str)> {
    let (mut depth, mut start, mut out) = (0i32, 0, Vec::new());
    for (i, c) in text.char_indices() {
        match c {
            '<' | '(' | '{' | '[' => depth += 1,
            '>' | ')' | '}' | ']' => depth -= 1,
            c if c == sign && depth == 0 => {
                out.push((start, &text[start..i]));
                start = i + c.len_utf8();
            }
            _ => {}
        }
    }
    out.push((start, &text[start..]));
    out
}

impl<'t> Reader<'t> {
    /// What is declared, or what the comment says: of elements it says more than `array` or a class does.
    pub(super) fn told(&mut self, declared: Option<TypeId>, written: Option<&Written>) -> Option<TypeId> {
        let told = self.said_type(written);
        match (declared, told) {
            (Some(_), Some(told)) if written.is_some_and(Written::says_elements) => Some(told),
            (declared, told) => declared.or(told),
        }
    }

    /// Parameters of types that a comment names; the place stands within what they are for.
    pub(super) fn templates(&mut self, said: &Said) {
        for template in &said.templates {
            let bound = self.said_type(template.bound.as_ref());
            let at = self.at(&template.name);
            let mut new = NewDefinition::new(&template.name.text, Kind::TypeParameter, at, at);
            new.ty = bound;
            self.b.define(new);
        }
    }

    /// Members that a class has by its magic methods.
    pub(super) fn magic(&mut self, said: &Said) {
        for member in &said.magic {
            let ty = self.said_type(member.ty.as_ref());
            let at = self.at(&member.name);
            let mut new = NewDefinition::new(&member.name.text, member.kind, at, at);
            new.ty = ty;
            self.b.define(new);
        }
    }

    /// The base of that name with what the comment says it is made of.
    pub(super) fn base_made_of(&mut self, said: &Said, name: &str) -> Option<TypeId> {
        let written = said.bases.iter().find(|w| w.text.split('<').next().is_some_and(|n| n.trim_start_matches('\\').ends_with(name)))?;
        let value = self.said_type(Some(&written.clone()))?;
        match self.b.get_ty(value) {
            TypeExpr::Instance(of) => Some(*of),
            _ => None,
        }
    }

    fn at(&self, written: &Written) -> Span {
        Span { start: written.start, end: written.start + written.text.len() as u32 }
    }

    /// The type a comment writes; nothing for what says none.
    pub(super) fn said_type(&mut self, written: Option<&Written>) -> Option<TypeId> {
        let written = written?;
        let ty = self.said(&written.text, written.start, 0);
        Some(ty).filter(|t| *t != self.b.unknown())
    }

    fn said(&mut self, text: &str, start: u32, depth: u32) -> TypeId {
        /// Types nested deeper than this say nothing.
        const DEEPEST: u32 = 8;
        if depth > DEEPEST {
            return self.b.unknown();
        }
        let parts = parted(text, '|');
        if parts.len() > 1 {
            let mut all: Vec<TypeId> = parts.into_iter().take(6).map(|(at, part)| self.said(part, start + at as u32, depth + 1)).collect();
            all.retain(|t| *t != self.b.unknown() && !matches!(self.b.get_ty(*t), TypeExpr::Literal(Literal::Nothing)));
            return match all[..] {
                [] => self.b.unknown(),
                [only] => only,
                _ => self.b.ty(TypeExpr::Union(all)),
            };
        }
        let trimmed = text.trim();
        let start = start + (text.len() - text.trim_start().len()) as u32;
        if let Some(inner) = trimmed.strip_prefix('?') {
            return self.said(inner, start + 1, depth + 1);
        }
        if let Some(inner) = trimmed.strip_suffix("[]") {
            let inner = self.said(inner.trim_start_matches('(').trim_end_matches(')'), start, depth + 1);
            return self.b.ty(TypeExpr::List(inner));
        }
        if let Some((front, rest)) = trimmed.split_once('<') {
            let inner = rest.trim_end_matches('>');
            let base = start + front.len() as u32 + 1;
            let is_list = matches!(
                front.to_ascii_lowercase().as_str(),
                "array"
                    | "list"
                    | "iterable"
                    | "non-empty-array"
                    | "non-empty-list"
                    | "\\generator"
                    | "generator"
                    | "\\traversable"
                    | "traversable"
                    | "\\iterator"
                    | "iterator"
            );
            let last = parted(inner, ',').into_iter().next_back();
            if let (true, Some((at, last))) = (is_list, last) {
                let element = self.said(last, base + at as u32, depth + 1);
                return self.b.ty(TypeExpr::List(element));
            }
            let of = self.said(front, start, depth + 1);
            let TypeExpr::Instance(of) = *self.b.get_ty(of) else { return of };
            let args: Vec<TypeId> = parted(inner, ',').into_iter().take(6).map(|(at, part)| self.said(part, base + at as u32, depth + 1)).collect();
            let made = self.b.ty(TypeExpr::Generic { of, args });
            return self.b.ty_instance(made);
        }
        self.said_name(trimmed, start)
    }

    /// The parameter of types of that name, of the function or class around.
    fn type_parameter(&mut self, name: &str) -> Option<compass_facts::DefId> {
        let mut scope = Some(self.b.place.scope);
        while let Some(at) = scope {
            let found = self.b.find_in(at, name).filter(|d| self.b.def_mut(*d).kind == Kind::TypeParameter);
            if found.is_some() {
                return found;
            }
            scope = self.b.scope_parent(at);
        }
        None
    }

    fn said_name(&mut self, name: &str, start: u32) -> TypeId {
        let is_name = !name.is_empty() && name.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '\\'));
        match name.to_ascii_lowercase().as_str() {
            "self" | "static" | "$this" => self.class.map_or(self.b.unknown(), |scope| self.b.ty(TypeExpr::Receiver(scope))),
            "string" | "non-empty-string" => self.b.ty(TypeExpr::Literal(Literal::Text)),
            "int" | "integer" | "float" => self.b.ty(TypeExpr::Literal(Literal::Number)),
            "bool" | "boolean" | "true" | "false" => self.b.ty(TypeExpr::Literal(Literal::Bool)),
            "null" | "void" | "never" => self.b.ty(TypeExpr::Literal(Literal::Nothing)),
            "array" | "mixed" | "object" | "callable" | "iterable" | "resource" | "scalar" | "numeric" | "double" => self.b.unknown(),
            _ if is_name => {
                if let Some(parameter) = self.type_parameter(name) {
                    let of = self.b.ty(TypeExpr::Def(parameter));
                    return self.b.ty_instance(of);
                }
                let whole = self.whole_name(name);
                let at = Span { start, end: start + name.len() as u32 };
                let id = self.class_import(&whole, at);
                let ty = self.b.ty(TypeExpr::Import(id));
                self.b.ty_instance(ty)
            }
            _ => self.b.unknown(),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::plain("/** @param Rack $rack the rack */", &[("$rack", "Rack")])]
    #[case::generic("/** @param array<string, Rack> $racks */", &[("$racks", "array<string, Rack>")])]
    #[case::variadic("/** @param Rack ...$racks */", &[("$racks", "Rack")])]
    #[case::said_twice("/**\n * @param array $a\n * @phpstan-param list<Rack> $a\n */", &[("$a", "list<Rack>")])]
    #[case::nothing("/** mail a@b.c */", &[])]
    fn parameters_are_told(#[case] comment: &str, #[case] wanted: &[(&str, &str)]) {
        let said = Said::of(comment, 0);
        let found: Vec<(&str, &str)> = said.parameters.iter().map(|p| (p.0.as_str(), p.1.text.as_str())).collect();
        assert_eq!(found, wanted);
        assert!(said.parameters.iter().all(|p| comment[p.1.start as usize..].starts_with(&p.1.text)));
    }

    #[rstest]
    #[case::method("/** @method static Rack made(int $n) */", Kind::Method, "made", Some("Rack"))]
    #[case::method_of_nothing("/** @method turn() */", Kind::Method, "turn", None)]
    #[case::property("/** @property-read Rack[] $racks all */", Kind::Field, "racks", Some("Rack[]"))]
    fn magic_members_are_told(#[case] comment: &str, #[case] kind: Kind, #[case] name: &str, #[case] ty: Option<&str>) {
        let said = Said::of(comment, 0);
        let [member] = &said.magic[..] else { panic!("{said:?}") };
        assert_eq!((member.kind, member.name.text.as_str(), member.ty.as_ref().map(|t| t.text.as_str())), (kind, name, ty));
        assert!(comment[member.name.start as usize..].starts_with(name));
        assert!(member.ty.as_ref().is_none_or(|t| comment[t.start as usize..].starts_with(&t.text)));
    }

    #[rstest]
    #[case("/** @template T of Rack */", "T", Some("Rack"))]
    #[case("/** @template-covariant T */", "T", None)]
    fn templates_are_told(#[case] comment: &str, #[case] name: &str, #[case] bound: Option<&str>) {
        let said = Said::of(comment, 0);
        let [template] = &said.templates[..] else { panic!("{said:?}") };
        assert_eq!((template.name.text.as_str(), template.bound.as_ref().map(|t| t.text.as_str())), (name, bound));
        assert!(template.bound.as_ref().is_none_or(|t| comment[t.start as usize..].starts_with(&t.text)));
    }
}
