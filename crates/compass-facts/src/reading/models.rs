//! Tables that classes stand for: models of object-relational libraries, and tables that migrations make.
//!
//! A room says which classes are models and how their tables are called ([`ModelTable`]). Each gives a definition of a table at the name of its
//! class, made by what marks it, with its fields as columns; and a signal that says so.

use super::builder::{NewDefinition, Place};
use super::{Builder, signals::is_call};
use crate::reading::syntax::Node;
use crate::reading::tree::{span, text};
use crate::{Argument, DefId, Flags, Kind, ScopeId, ScopeKind, SignalKind, Span, SqlName, SqlVerb, TextPart};
use rustc_hash::FxHashMap;

/// How a table is called after its class where nothing says it.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Naming {
    /// `RackSlot`: `rack_slot`.
    Snake,
    /// `rack_slots`.
    SnakePlural,
    /// `rackslot`; what a library puts before it, the folder of the application, is not known to a reader.
    Joined,
    /// `RackSlot`.
    AsWritten,
    /// Only what is said counts.
    Said,
}

/// The models of a language.
#[derive(Debug, Clone)]
pub struct ModelTable {
    /// Last names of bases of models.
    pub bases: &'static [&'static str],
    /// Marks of models.
    pub marks: &'static [&'static str],
    /// Marks whose text is the name of the table.
    pub name_marks: &'static [&'static str],
    /// Names under which a mark is given that.
    pub name_keys: &'static [&'static str],
    /// Fields that say that a class is only a base of others.
    pub abstract_fields: &'static [&'static str],
    /// Fields whose text is the name of the table; they make a class a model as well.
    pub name_fields: &'static [&'static str],
    /// Functions whose first text is the name of the table; they make a class a model as well.
    pub name_functions: &'static [&'static str],
    /// A class within the model that says more of it.
    pub nested: &'static str,
    /// What in the text of a field makes its class a model.
    pub field_signs: &'static [&'static str],
    /// Those of them whose library calls tables by the plural.
    pub plural_signs: &'static [&'static str],
    /// What in the text of a field makes it a column; any field is, if empty.
    pub column_signs: &'static [&'static str],
    /// The name where nothing says it.
    pub naming: Naming,
    /// Calls that make a table of the name they are given: `create_table`, `Schema.create`.
    pub makers: &'static [&'static str],
}

impl ModelTable {
    /// None.
    pub const NONE: ModelTable = ModelTable {
        bases: &[],
        marks: &[],
        name_marks: &[],
        name_keys: &[],
        abstract_fields: &[],
        name_fields: &[],
        name_functions: &[],
        nested: "",
        field_signs: &[],
        plural_signs: &[],
        column_signs: &[],
        naming: Naming::Said,
        makers: &[],
    };

    /// Has the language none?
    fn is_empty(&self) -> bool {
        let signs = [self.bases, self.marks, self.name_marks, self.name_fields, self.name_functions, self.field_signs];
        signs.iter().all(|s| s.is_empty())
    }

    /// Is it the name of a base of models? A `*` at an end of a pattern stands for anything.
    fn is_base(&self, name: &str) -> bool {
        self.bases.iter().any(|b| match (b.strip_prefix('*'), b.strip_suffix('*')) {
            (Some(end), _) => name.ends_with(end),
            (_, Some(front)) => name.starts_with(front),
            _ => name == *b,
        })
    }

    /// Must a reader record a mark of that name?
    #[must_use]
    pub fn is_mark(&self, name: &str) -> bool {
        self.marks.contains(&name) || self.name_marks.contains(&name)
    }
}

/// A model as it was found.
struct Model {
    class: DefId,
    table: String,
    /// What makes it one.
    by: String,
}

impl<'t> Builder<'t> {
    /// Defines the tables of the models that were read.
    pub fn models(&mut self, rules: &ModelTable) {
        if rules.is_empty() {
            return;
        }
        let mut members: FxHashMap<DefId, Vec<DefId>> = FxHashMap::default();
        let mut classes = Vec::new();
        for (i, d) in self.facts.definitions.iter().enumerate() {
            let def = DefId(i as u32);
            if let Some(owner) = d.container {
                members.entry(owner).or_default().push(def);
            }
            if matches!(d.kind, Kind::Class | Kind::Struct) {
                classes.push(def);
            }
        }
        let mut marks: Vec<(u32, usize)> = Vec::new();
        for (i, signal) in self.facts.signals.iter().enumerate() {
            if matches!(&signal.kind, SignalKind::Call(call) if call.marks) {
                marks.push((signal.span.end, i));
            }
        }
        marks.sort_unstable();
        let found: Vec<Model> = classes.into_iter().filter_map(|class| self.model(rules, class, &members, &marks)).collect();
        for model in found {
            self.table_of(rules, &model, members.get(&model.class).map_or(&[][..], |m| m));
        }
    }

    /// Defines the table that a call makes: `create_table "racks"`.
    pub(super) fn table_made(&mut self, rules: &ModelTable, node: Node<'t>, name: &str, arguments: &[Node<'t>]) {
        let receiver = || super::signals::object_of(node.child_by_field_name("function").unwrap_or(node)).map(|o| text(o, self.text)).unwrap_or("");
        let fits = |maker: &&str| maker.split_once('.').map_or(*maker == name, |(of, call)| call == name && receiver() == of);
        if !is_call(node) || !rules.makers.iter().any(fits) {
            return;
        }
        let Some(first) = arguments.first() else { return };
        let inner = if first.kind() == "argument" { first.named_children().last().unwrap_or(*first) } else { *first };
        let word = text(inner, self.text).trim_matches(['"', '\'', '`', ':']);
        let plain = !word.is_empty() && word.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | '.'));
        if plain && text(inner, self.text).starts_with(['"', '\'', '`', ':']) {
            let at = span(inner);
            let start = at.start + 1;
            let name_span = Span { start, end: start + word.len() as u32 };
            self.define_table(word.rsplit('.').next().unwrap_or(word), name_span, span(node), None, &[]);
        }
    }

    fn model(&self, rules: &ModelTable, class: DefId, all: &FxHashMap<DefId, Vec<DefId>>, marks: &[(u32, usize)]) -> Option<Model> {
        if !rules.nested.is_empty() && self.facts.def_name(class) == rules.nested {
            return None;
        }
        let by_name = self.facts.bases.iter().filter(|b| b.0 == class).find_map(|b| self.facts.type_word(b.1).filter(|w| rules.is_base(w)));
        let head = self.text.get(self.facts.def(class).name_span.start as usize..).and_then(|t| t.lines().next()).unwrap_or("");
        // A base whose last name says too little is known by all of it.
        let by_base = by_name.or_else(|| rules.bases.iter().find(|b| b.contains("::") && head.contains(**b)).copied());
        let marks = self.marks_at(rules, class, marks);
        let by_mark = marks.iter().find(|(name, _)| rules.marks.contains(name) || rules.name_marks.contains(name)).map(|m| m.0);
        let members = all.get(&class).map_or(&[][..], |m| m);
        let said_in = |owner: &[DefId]| {
            let named = |d: &&DefId| rules.name_fields.contains(&self.facts.def_name(**d)) || rules.name_functions.contains(&self.facts.def_name(**d));
            owner.iter().find(named).and_then(|d| Some((self.facts.def_name(*d), self.quoted(self.facts.def(*d).whole, self.facts.def(*d).name_span.end)?)))
        };
        let by_field = said_in(members);
        let by_sign = members.iter().filter(|m| self.facts.def(**m).kind == Kind::Field).find_map(|m| {
            let written = self.line_of(self.facts.def(*m).whole);
            rules.field_signs.iter().find(|s| written.contains(*s)).copied()
        });
        let by = by_base.or(by_mark).or(by_field.map(|f| f.0)).or(by_sign)?;
        let nested = members.iter().find(|m| !rules.nested.is_empty() && self.facts.def_name(**m) == rules.nested);
        let of_nested = nested.and_then(|n| all.get(n)).map_or(&[][..], |m| m);
        // A base that is only called like one counts where the class has columns, or nothing of its own.
        let is_named = by_base.is_none_or(|b| rules.bases.contains(&b)) || by_field.is_some() || by_mark.is_some();
        let has_column = || members.iter().any(|m| rules.column_signs.iter().any(|s| self.line_of(self.facts.def(*m).whole).contains(s)));
        if !is_named && !has_column() && !members.is_empty() {
            return None;
        }
        // What other models are made of has no table.
        let is_abstract =
            of_nested.iter().any(|d| rules.abstract_fields.contains(&self.facts.def_name(*d))) || self.facts.def(class).flags.has(Flags::ABSTRACT);
        if is_abstract {
            return None;
        }
        let by_mark = marks.iter().find(|(name, text)| rules.name_marks.contains(name) && text.is_some()).and_then(|m| m.1.clone());
        let said = by_mark.or(by_field.map(|f| f.1.to_owned())).or_else(|| said_in(of_nested).map(|f| f.1.to_owned()));
        let name = self.facts.def_name(class);
        let table = match (said, rules.naming) {
            (Some(said), _) => said,
            (None, Naming::Snake) if rules.plural_signs.iter().any(|s| by.contains(s)) => plural(&snake(name)),
            (None, Naming::Snake) => snake(name),
            (None, Naming::SnakePlural) => plural(&snake(name)),
            (None, Naming::Joined) => snake(name).replace('_', ""),
            (None, Naming::AsWritten) => name.to_owned(),
            (None, Naming::Said) => return None,
        };
        Some(Model { class, table, by: by.to_owned() })
    }

    fn table_of(&mut self, rules: &ModelTable, model: &Model, members: &[DefId]) {
        let class = self.facts.def(model.class).clone();
        let fields = members.iter().map(|m| self.facts.def(*m)).filter(|d| matches!(d.kind, Kind::Field | Kind::Variable));
        let is_column = |d: &&crate::Definition| {
            let name = self.facts.name(d.name);
            let written = self.line_of(d.whole);
            !name.starts_with('_')
                && !rules.name_fields.contains(&name)
                && (rules.column_signs.is_empty() || rules.column_signs.iter().any(|s| written.contains(s)))
        };
        let columns: Vec<(String, Span, Span)> = fields.filter(is_column).map(|d| (self.facts.name(d.name).to_owned(), d.name_span, d.whole)).collect();
        self.define_table(&model.table, class.name_span, class.whole, Some(model), &columns);
    }

    fn define_table(&mut self, name: &str, at: Span, whole: Span, model: Option<&Model>, columns: &[(String, Span, Span)]) {
        let outside = self.place;
        self.place = Place { scope: ScopeId::FILE, container: None };
        let aside = self.enter(ScopeKind::Type, whole, None);
        let mut new = NewDefinition::new(name, Kind::Table, at, whole);
        new.body = Some(whole);
        new.flags = Flags::INFERRED;
        let table = self.define(new);
        let mut made = vec![table];
        let inside = self.enter(ScopeKind::Type, whole, Some(table));
        for (name, at, whole) in columns {
            made.push(self.define(NewDefinition::new(name, Kind::Column, *at, *whole)));
        }
        self.leave(inside);
        self.leave(aside);
        self.place = outside;
        if let Some(model) = model {
            let by = self.intern(&model.by);
            self.facts.made.extend(made.into_iter().map(|d| (d, by)));
        }
        let tables = vec![self.intern(name)];
        let kind = SignalKind::Sql(vec![SqlName { verb: SqlVerb::Define, tables, column: None, span: at }], None);
        self.facts.signals.push(crate::Signal { span: at, enclosing: model.map(|m| m.class), kind });
    }

    /// Marks right before a definition, with the name they say.
    fn marks_at(&self, rules: &ModelTable, def: DefId, marks: &[(u32, usize)]) -> Vec<(&str, Option<String>)> {
        /// Marks stand no farther from what they mark, in bytes.
        const FARTHEST: u32 = 2_000;
        let name = self.facts.def(def).name_span;
        let first = marks.partition_point(|m| m.0 + FARTHEST < name.start);
        let mut out = Vec::new();
        for (end, number) in marks[first..].iter().take_while(|m| m.0 <= name.start) {
            let SignalKind::Call(call) = &self.facts.signals[*number].kind else { continue };
            let between = self.text.get(*end as usize..name.start as usize);
            if between.is_none_or(|b| b.contains(['{', '}', ';'])) {
                continue;
            }
            let by_key = call.named.iter().find(|(n, _)| rules.name_keys.contains(&self.facts.name(*n))).map(|n| &n.1);
            let in_fields = call.arguments.iter().find_map(|a| match a {
                Argument::Fields(f) => f.iter().find(|(n, _)| rules.name_keys.contains(&self.facts.name(*n))).map(|f| &f.1),
                _ => None,
            });
            let said = match by_key.or(in_fields).or(call.arguments.first()) {
                Some(Argument::Text(parts, _)) => match &parts[..] {
                    [TextPart::Text(t)] => Some(self.facts.name(*t).trim_matches('`').to_owned()),
                    _ => None,
                },
                _ => None,
            };
            out.push((self.facts.name(call.name), said));
        }
        out
    }

    /// The first text between quotes behind an offset.
    fn quoted(&self, whole: Span, from: u32) -> Option<&str> {
        let rest = self.text.get(from as usize..(whole.end as usize).max(from as usize))?;
        let rest = if rest.is_empty() { self.text.get(from as usize..)?.lines().next()? } else { rest };
        let open = rest.find(['"', '\'', '`'])?;
        let quote = rest[open..].chars().next()?;
        let inner = &rest[open + 1..];
        inner.find(quote).map(|end| &inner[..end]).filter(|t| !t.is_empty() && !t.contains(char::is_whitespace))
    }

    /// A definition with the rest of its line: tags stand behind fields.
    fn line_of(&self, whole: Span) -> &str {
        let from = self.text.floor_char_boundary(whole.start as usize);
        let rest = self.text.get(whole.end as usize..).unwrap_or("");
        let end = whole.end as usize + rest.find('\n').unwrap_or(rest.len());
        self.text.get(from..end).unwrap_or("")
    }
}

/// `RackSlot` as `rack_slot`; a row of capitals is one word.
#[must_use]
pub fn snake(name: &str) -> String {
    let chars: Vec<char> = name.chars().collect();
    let mut out = String::new();
    for (i, c) in chars.iter().enumerate() {
        let begins = c.is_uppercase()
            && i > 0
            && (chars[i - 1].is_lowercase() || chars[i - 1].is_ascii_digit() || chars.get(i + 1).is_some_and(|n| n.is_lowercase()) && chars[i - 1] != '_');
        if begins && !out.ends_with('_') {
            out.push('_');
        }
        out.extend(c.to_lowercase());
    }
    out
}

/// The usual plural of an English word.
#[must_use]
pub fn plural(word: &str) -> String {
    let before = word.chars().rev().nth(1).unwrap_or(' ');
    match word.chars().last() {
        Some('y') if !"aeiou".contains(before) => format!("{}ies", &word[..word.len() - 1]),
        Some('s' | 'x' | 'z') => format!("{word}es"),
        Some('h') if matches!(before, 'c' | 's') => format!("{word}es"),
        Some('f') if word.ends_with("lf") => format!("{}ves", &word[..word.len() - 1]),
        _ if word.ends_with("person") => format!("{}people", &word[..word.len() - 6]),
        _ if word.ends_with("child") => format!("{word}ren"),
        _ => format!("{word}s"),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::two_words("RackSlot", "rack_slot", "rack_slots")]
    #[case::capitals("HTTPLog", "http_log", "http_logs")]
    #[case::consonant_y("Category", "category", "categories")]
    #[case::vowel_y("Tray", "tray", "trays")]
    #[case::box_("Box", "box", "boxes")]
    #[case::shelf("Shelf", "shelf", "shelves")]
    #[case::batch("Batch", "batch", "batches")]
    fn names_of_tables(#[case] class: &str, #[case] one: &str, #[case] many: &str) {
        assert_eq!(snake(class), one);
        assert_eq!(plural(&snake(class)), many);
    }
}
