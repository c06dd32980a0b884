//! What calls of a macro make, told once for all calls: the macro is expanded with marks for its arguments, and the names of the declarations
//! in the result become templates.
//!
//! # How it works
//! A macro and the macros it needs may each have several definitions: one for each architecture, or a branch of a conditional each. The
//! nearest definition counts first; then each other one of a needed macro takes its place alone, and what that makes is added. Macros whose
//! names are pasted are known only when they appear in a result; they are looked for then, and the expansion is done again.
//!
//! # Guarantees
//! At most [`MOST_DEFINITIONS`] definitions of the macro, [`MOST_NEEDED`] needed macros and [`MOST_TOKENS`] tokens are made.

use super::braces::Braces;
use crate::lexer::CLexer;
use crate::preprocessor::{Definition, Expander, NoLines, Table};
use crate::reader::made::{Made, declarations};
use crate::reader::members_of_macros::is_set_of_members;
use compass_expand::{Place, Record, SourceNo, Token, TokenKind};
use compass_facts::surroundings::{FindMacro, MacroShape, WrittenMacro};
use compass_facts::{Flags, Kind};
use rustc_hash::{FxHashMap, FxHashSet, FxHasher};
use std::hash::{Hash, Hasher};
use std::sync::Arc;

/// Definitions of one macro that are told apart.
const MOST_DEFINITIONS: usize = 24;
/// Other definitions of a macro that is needed.
const MOST_OTHERS: usize = 6;
/// Macros that one needs, with all that they need.
const MOST_NEEDED: usize = 300;
/// Tokens that all expansions of one macro may become.
const MOST_TOKENS: usize = 300_000;
/// Names that one macro may mention.
const MOST_MENTIONS: usize = 40;
/// Looks for names that pasting has made.
const ROUNDS: usize = 5;

/// A part of a name.
#[derive(Debug, Clone, PartialEq, Eq, Hash, PartialOrd, Ord)]
pub(crate) enum Part {
    /// Letters.
    Text(String),
    /// What the call gives, by position.
    Argument(u16),
}

/// A declaration that each call makes.
#[derive(Debug, Clone, PartialEq, Eq, Hash)]
pub(crate) struct Template {
    pub(crate) name: Vec<Part>,
    pub(crate) kind: Kind,
    pub(crate) flags: Flags,
    /// Does the body stand behind the call?
    pub(crate) is_open: bool,
    /// The argument that is the type of the variable.
    pub(crate) of: Option<u16>,
    /// The argument that holds the parameters of the function, with the brackets around them.
    pub(crate) list: Option<u16>,
}

/// What calls with so many arguments make.
#[derive(Debug, Clone, PartialEq, Eq, Hash)]
pub(crate) struct WithArguments {
    /// Where the macro is defined.
    pub(crate) path: Arc<str>,
    pub(crate) parameters: usize,
    pub(crate) variadic: bool,
    pub(crate) templates: Vec<Template>,
    /// Names that what is made mentions, and whether it calls them.
    pub(crate) mentions: Vec<(Vec<Part>, bool)>,
}

/// What a macro makes, by its definitions.
#[derive(Debug, Default)]
pub(crate) struct NameTemplates {
    pub(crate) calls: Vec<WithArguments>,
    /// The namespaces it opens or closes, if it does nothing else.
    pub(crate) braces: Option<Braces>,
    /// Is it a set of members?
    pub(crate) is_members: bool,
}

impl NameTemplates {
    /// What calls of that name make.
    pub(super) fn of(name: &str, find: &mut FindMacro) -> NameTemplates {
        let mut out: Vec<WithArguments> = Vec::new();
        let mut known = Known { find, found: FxHashMap::default() };
        let mut left = MOST_TOKENS;
        let mut braces: Option<Braces> = None;
        let mut is_members = false;
        for top in known.definitions(name).iter().take(MOST_DEFINITIONS) {
            let mut family = Family::new(top, name);
            family.gather(&mut known);
            let of_this = family.expand(&family.table, &mut left).braces;
            braces = braces.into_iter().chain(of_this).max_by_key(Braces::weight);
            is_members |= top.is_members;
            let Some(parameters) = top.definition.parameters.as_ref().map(Vec::len) else { continue };
            let (templates, mentions) = family.templates(&mut known, &mut left);
            let is_known = |o: &WithArguments| o.parameters == parameters && o.templates == templates && o.mentions == mentions;
            if (!templates.is_empty() || !mentions.is_empty()) && !out.iter().any(is_known) {
                out.push(WithArguments { path: top.path.clone(), parameters, variadic: top.definition.variadic, templates, mentions });
            }
        }
        NameTemplates { calls: out, braces, is_members }
    }

    pub(super) fn into_shape(self) -> MacroShape {
        if self.calls.is_empty() && self.braces.is_none() && !self.is_members {
            return MacroShape { digest: 0, value: None };
        }
        let mut hasher = FxHasher::default();
        (&self.calls, &self.braces, self.is_members).hash(&mut hasher);
        MacroShape { digest: hasher.finish() | 1, value: Some(Box::new(self)) }
    }
}

/// A definition, and where it stands.
struct Found {
    path: Arc<str>,
    definition: Arc<Definition>,
    is_members: bool,
}

/// Definitions looked for so far.
struct Known<'k, 'f> {
    find: &'k mut FindMacro<'f>,
    found: FxHashMap<String, Arc<Vec<Found>>>,
}

impl Known<'_, '_> {
    /// The different definitions of a name.
    fn definitions(&mut self, name: &str) -> Arc<Vec<Found>> {
        if let Some(known) = self.found.get(name) {
            return known.clone();
        }
        let mut seen: FxHashSet<String> = FxHashSet::default();
        let mut read = Vec::new();
        for WrittenMacro { path, text } in (self.find)(name) {
            let tokens: Vec<_> = CLexer::new(&text, false).collect();
            let told: String = tokens.iter().map(|t| t.spelling(&text)).collect::<Vec<_>>().join(" ");
            if seen.insert(told)
                && let Some(definition) = Definition::read(SourceNo(u32::MAX), &text, &tokens)
            {
                let is_members = definition.parameters.is_none() && is_set_of_members(&text);
                read.push(Found { path, definition: Arc::new(definition), is_members });
            }
        }
        let read = Arc::new(read);
        self.found.insert(name.to_owned(), read.clone());
        read
    }
}

/// A definition with what it needs.
struct Family<'t> {
    top: &'t Found,
    table: Table,
    /// Further definitions of needed macros.
    others: Vec<(Arc<str>, Arc<Definition>)>,
    looked: FxHashSet<Arc<str>>,
    open: Vec<Arc<Definition>>,
}

impl<'t> Family<'t> {
    fn new(top: &'t Found, name: &str) -> Self {
        let mut table = Table::default();
        let name: Arc<str> = name.into();
        table.insert(name.clone(), top.definition.clone());
        Family { top, table, others: Vec::new(), looked: FxHashSet::from_iter([name]), open: vec![top.definition.clone()] }
    }

    /// Finds what the open definitions need, and what that needs.
    fn gather(&mut self, known: &mut Known) {
        while let Some(definition) = self.open.pop() {
            for name in names_in(&definition) {
                self.need(&name, known);
            }
        }
    }

    fn need(&mut self, name: &Arc<str>, known: &mut Known) -> bool {
        if self.looked.len() >= MOST_NEEDED || crate::reader::is_keyword(name, false) || !self.looked.insert(name.clone()) {
            return false;
        }
        let found = known.definitions(name);
        let mut order: Vec<&Found> = found.iter().collect();
        // Of several in one place the longest: the others are for configurations in which the macro does nothing.
        order.sort_by_key(|f| std::cmp::Reverse((folders_shared(&f.path, &self.top.path), f.definition.body.len())));
        for (i, found) in order.into_iter().take(1 + MOST_OTHERS).enumerate() {
            self.open.push(found.definition.clone());
            if i == 0 {
                self.table.insert(name.clone(), found.definition.clone());
            } else {
                self.others.push((name.clone(), found.definition.clone()));
            }
        }
        self.table.contains_key(name)
    }

    /// The names that calls make and mention under any of the definitions.
    fn templates(&mut self, known: &mut Known, left: &mut usize) -> (Vec<Template>, Vec<(Vec<Part>, bool)>) {
        let mut out = Expanded::default();
        for _ in 0..ROUNDS {
            let found = self.expand(&self.table, left);
            let more = found.names.iter().filter(|n| self.need(n, known)).count();
            self.gather(known);
            if more == 0 {
                out = found;
                break;
            }
        }
        for (name, other) in std::mem::take(&mut self.others) {
            if *left == 0 {
                break;
            }
            let mut table = self.table.clone();
            table.insert(name, other);
            let found = self.expand(&table, left);
            found.templates.into_iter().for_each(|template| add(&mut out.templates, template));
            out.mentions.extend(found.mentions);
        }
        let Expanded { templates, mut mentions, .. } = out;
        mentions.sort_unstable_by(|a, b| a.0.cmp(&b.0).then(b.1.cmp(&a.1)));
        mentions.dedup_by(|a, b| a.0 == b.0);
        mentions.retain(|m| !templates.iter().any(|t| t.name == m.0));
        mentions.truncate(MOST_MENTIONS);
        (templates, mentions)
    }

    /// What one expansion makes and names.
    fn expand(&self, table: &Table, left: &mut usize) -> Expanded {
        if *left == 0 {
            return Expanded::default();
        }
        let name = &self.top.definition.name;
        let call = match &self.top.definition.parameters {
            Some(parameters) => format!("{name}({})", (0..parameters.len()).map(mark).collect::<Vec<_>>().join(", ")),
            None => name.to_string(),
        };
        let place = |span| Place { source: SourceNo(0), span };
        let written = CLexer::new(&call, false).map(|t| Token::written(t.spelling(&call).into(), t.kind, t.spaced, place(t.span))).collect();
        let mut expander = Expander::new(table, &NoLines);
        let out = expander.run(written);
        *left = left.saturating_sub(expander.record.tokens.len());
        let record = expander.record;
        let mut found = Expanded { braces: Braces::of(&record, &out), ..Expanded::default() };
        declarations(&record, &out, false).iter().filter_map(|made| template(&record, made)).for_each(|t| add(&mut found.templates, t));
        for (i, token) in out.iter().map(|t| record.token(*t)).enumerate().filter(|(_, t)| t.kind == TokenKind::Name) {
            let name = parts(&token.text);
            match name[..] {
                [Part::Text(_)] => found.names.push(token.text.clone()),
                [_] => {}
                // Names of the preprocessor's own making are nobody's.
                _ if token.text.starts_with("__") => {}
                _ => found.mentions.push((name, out.get(i + 1).is_some_and(|t| record.token(*t).is("(")))),
            }
        }
        found
    }
}

/// What an expansion makes and names.
#[derive(Default)]
struct Expanded {
    templates: Vec<Template>,
    mentions: Vec<(Vec<Part>, bool)>,
    /// Words that are whole.
    names: Vec<Arc<str>>,
    braces: Option<Braces>,
}

/// Adds what is not there yet; a body counts more than a declaration of the same.
fn add(templates: &mut Vec<Template>, new: Template) {
    match templates.iter_mut().find(|t| t.name == new.name) {
        Some(known) if known.flags.has(Flags::BODILESS) && !new.flags.has(Flags::BODILESS) => *known = new,
        Some(_) => {}
        None => templates.push(new),
    }
}

/// Names in the body of a definition that may be macros.
fn names_in(definition: &Definition) -> Vec<Arc<str>> {
    let mut out = Vec::new();
    definition.each_name(&mut |name| out.push(name.clone()));
    out
}

/// How many folders both paths begin with.
fn folders_shared(a: &str, b: &str) -> usize {
    let folders = |path: &'_ str| path.rsplit_once('/').map_or(String::new(), |p| p.0.to_owned());
    let (a, b) = (folders(a), folders(b));
    a.split('/').zip(b.split('/')).take_while(|(x, y)| x == y && !x.is_empty()).count()
}

const MARK: &str = "zq7argument";

/// The word that stands for an argument: no program has it.
fn mark(argument: usize) -> String {
    format!("{MARK}{argument}z")
}

/// A word with marks, taken apart.
pub(crate) fn parts(word: &str) -> Vec<Part> {
    let mut out = Vec::new();
    let mut rest = word;
    while let Some((before, after)) = rest.split_once(MARK) {
        let Some((Ok(number), further)) = after.split_once('z').map(|(n, further)| (n.parse(), further)) else { break };
        if !before.is_empty() {
            out.push(Part::Text(before.to_owned()));
        }
        out.push(Part::Argument(number));
        rest = further;
    }
    if !rest.is_empty() {
        out.push(Part::Text(rest.to_owned()));
    }
    out
}

/// A declaration whose name hangs on the call.
fn template(record: &Record, made: &Made) -> Option<Template> {
    let name = parts(&record.token(made.name).text);
    let of = match made.of[..] {
        [of] => match parts(&record.token(of).text)[..] {
            [Part::Argument(n)] => Some(n),
            _ => None,
        },
        _ => None,
    };
    let list = made.list.and_then(|list| match parts(&record.token(list).text)[..] {
        [Part::Argument(n)] => Some(n),
        _ => None,
    });
    // What is announced under the very name that is given stands elsewhere.
    if made.flags.has(Flags::BODILESS) && matches!(name[..], [Part::Argument(_)]) {
        return None;
    }
    let hangs = name.iter().any(|p| matches!(p, Part::Argument(_)));
    hangs.then_some(Template { name, kind: made.kind, flags: made.flags, is_open: made.is_open, of, list })
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    /// What `name` makes, as `kind template` each; definitions are `path: text`.
    fn made(name: &str, definitions: &[(&str, &str)]) -> Vec<String> {
        let mut find = |wanted: &str| {
            let of = |(path, text): &(&str, &str)| WrittenMacro { path: (*path).into(), text: (*text).to_owned() };
            definitions.iter().filter(|d| d.1.split(['(', ' ']).next() == Some(wanted)).map(of).collect()
        };
        let told = |part: &Part| match part {
            Part::Text(text) => text.clone(),
            Part::Argument(n) => format!("<{n}>"),
        };
        let all = NameTemplates::of(name, &mut find).calls;
        let one = |t: &Template| {
            let open = if t.is_open { " {}" } else { "" };
            let of = t.of.map_or(String::new(), |n| format!(": {n}"));
            format!("{} {}{of}{open}", t.kind.word(), t.name.iter().map(told).collect::<String>())
        };
        all.iter().flat_map(|a| a.templates.iter().map(one)).collect()
    }

    #[rstest]
    #[case::variable(&[("a.h", "MAKE(type, name) __typeof__(type) name")], &["var <1>: 0"])]
    #[case::parameters_that_are_given(&[("a.h", "MAKE(type, name, args, marks) marks type name args")], &["fn <1> {}", "var <2>"])]
    #[case::given_behind_brackets(&[("a.h", "MAKE(type, name, args) OTHER(extern type, (name), args)"), ("a.h", "OTHER(type, name, args) type name args")], &["fn <1> {}"])]
    #[case::pasted(&[("a.h", "MAKE(n) static inline int turn_##n(int by) { return by; } extern int count_##n;")], &["fn turn_<0>", "var count_<0>"])]
    #[case::nested(&[("a.h", "MAKE(n) INNER(_##n)"), ("b.h", "INNER(n) long sys##n(void);")], &["fn sys_<0>"])]
    #[case::open(&[("a.h", "MAKE(n, ...) static long do_##n(__VA_ARGS__)")], &["fn do_<0> {}"])]
    #[case::pasted_macro(&[("a.h", "MAKE(n) MADE(2, n)"), ("a.h", "MADE(k, n) MADE##k(n)"), ("a.h", "MADE2(n) int two_##n;")], &["var two_<0>"])]
    #[case::enumerators(&[("a.h", "MAKE(n) enum { FIRST_##n, LAST_##n = 3 };")], &["variant FIRST_<0>", "variant LAST_<0>"])]
    #[case::alias(&[("a.h", "MAKE(n) typedef struct { int a; } n##_t;")], &["alias <0>_t"])]
    #[case::attributes(&[("a.h", "MAKE(n) static const struct entry __entry_##n __attribute__((section(\"x\"), used)) __aligned(sizeof(void *)) = { 1 }")], &["var __entry_<0>"])]
    #[case::bodies_with_values(&[("a.h", "MAKE(n) static int a_##n(int k) { int j = k; return j; } static int b_##n(void) { return 1; } struct c_##n { int (*f)(void); } d_##n;")], &["fn a_<0>", "fn b_<0>", "struct c_<0>", "var d_<0>"])]
    #[case::assembly(&[("a.h", "MAKE(n) .section a_##n ; .globl b_##n")], &[])]
    #[case::assembly_by_words(&[("a.h", "MAKE(n) ___EXPORT n, n")], &[])]
    #[case::nothing(&[("a.h", "MAKE(n) (n + 1)")], &[])]
    #[case::statement(&[("a.h", "MAKE(n) do { n(); } while (0)")], &[])]
    #[case::itself(&[("a.h", "MAKE(n) MAKE(n) int a_##n;")], &["var a_<0>"])]
    fn calls_make_names(#[case] definitions: &[(&str, &str)], #[case] wanted: &[&str]) {
        assert_eq!(made("MAKE", definitions), wanted);
    }

    #[test]
    fn every_definition_of_a_needed_macro_counts() {
        let definitions = [
            ("include/calls.h", "MAKE(n) ENTRY(_##n)"),
            ("arch/loom/wrap.h", "ENTRY(n) long loom_sys##n(void);"),
            ("arch/mill/wrap.h", "ENTRY(n) long mill_sys##n(void);"),
        ];
        assert_eq!(made("MAKE", &definitions), ["fn loom_sys_<0>", "fn mill_sys_<0>"]);
    }

    #[test]
    fn of_several_definitions_in_one_place_the_longest_counts_first() {
        let definitions = [
            ("a.h", "MAKE(n) OUTER(n)"),
            ("a.h", "OUTER(n)"),
            ("a.h", "OUTER(n) INNER(n)"),
            ("a.h", "INNER(n)"),
            ("a.h", "INNER(n) int made_##n __attribute__((used)) __aligned(8)"),
        ];
        assert_eq!(made("MAKE", &definitions), ["var made_<0>"]);
    }

    #[test]
    fn what_grows_without_end_is_bounded() {
        let texts: Vec<String> = (0..40).map(|i| format!("GROW{i}(n) GROW{}(n##a) GROW{}(n##b)", i + 1, i + 1)).collect();
        let mut definitions: Vec<(&str, &str)> = texts.iter().map(|t| ("a.h", t.as_str())).collect();
        definitions.push(("a.h", "MAKE(n) GROW0(n)"));
        assert_eq!(made("MAKE", &definitions), Vec::<String>::new());
    }
}
