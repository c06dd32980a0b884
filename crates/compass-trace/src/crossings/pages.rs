//! Names in the code of pages: `<%= link_to_rack rack %>`, `{{ rack.ripe_days }}`, `{{ rack|weight }}`.
//!
//! What a page is given is known at run time only, so nothing but the name tells what is meant: where one definition alone has it, that is
//! meant. A name that is called is a helper, *inferred* where pages call functions under their own names. Else it is a *guess*, as is a name
//! that stands alone, which the page may have been given, and a member of some value. Names that the language gives its own values are left alone.

use super::frameworks::ShowsPages;
use super::http::{enclosing, side};
use compass_facts::{DefId, Definition, Flags, Kind, Language, PageUse, Role, SignalKind, Span};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, PassInput, PassOutput, Place};
use rustc_hash::{FxHashMap, FxHashSet};

/// Shorter names mean too much.
const SHORTEST: usize = 3;

/// See the module.
#[derive(Debug)]
pub(super) struct Pages;

/// A name in a page.
struct Ask<'a> {
    file: usize,
    at: Span,
    around: Option<DefId>,
    name: &'a str,
    is: PageUse,
    /// Words of the languages its code may be in; any, if there are none.
    languages: &'static [&'static str],
}

impl LinkPass for Pages {
    fn name(&self) -> &'static str {
        "pages"
    }

    fn begins_with_signals(&self) -> bool {
        true
    }

    fn run(&self, input: &PassInput) -> PassOutput {
        let asks = asks(input);
        let mut out = PassOutput::default();
        if asks.is_empty() {
            return out;
        }
        let known = definitions(input, &asks);
        let standard = Standard::new(input, &asks);
        for ask in &asks {
            let Some((place, certainty)) = known.get(ask.name).and_then(|all| meant(input, ask, (all, &standard))) else { continue };
            let target = &input.files[place.file];
            let d = target.facts.def(place.def);
            let crossing = Crossing {
                kind: CrossingKind::Page,
                from: enclosing(input, ask.file, ask.around),
                at: ask.at,
                to: target.symbol(place.def),
                role: if d.kind.is_callable() { Role::Call } else { Role::Read },
                label: ask.name.to_owned(),
                certainty,
                evidence: vec![side(input, ask.file, ask.at), side(input, place.file, d.name_span)],
            };
            out.crossings.push((ask.file, crossing));
        }
        out
    }
}

fn asks<'a>(input: &PassInput<'a>) -> Vec<Ask<'a>> {
    let mut out = Vec::new();
    for (file, here) in input.files.iter().enumerate() {
        let mut languages = None;
        for signal in &here.facts.signals {
            let SignalKind::PageName(name, is) = signal.kind else { continue };
            let languages = *languages.get_or_insert_with(|| super::frameworks::of(here.language).map_or(&[] as &[_], |f| f.page_languages(here.path)));
            let name = here.facts.name(name);
            if name.len() >= SHORTEST {
                out.push(Ask { file, at: signal.span, around: signal.enclosing, name, is, languages });
            }
        }
    }
    out
}

/// What may be meant, by name.
fn definitions<'a>(input: &PassInput<'a>, asks: &[Ask<'a>]) -> FxHashMap<&'a str, Vec<Place>> {
    let wanted: FxHashSet<&str> = asks.iter().map(|a| a.name).collect();
    let pages: FxHashSet<usize> = asks.iter().map(|a| a.file).collect();
    let mut out: FxHashMap<&'a str, Vec<Place>> = FxHashMap::default();
    for (file, here) in input.files.iter().enumerate().filter(|(i, f)| !pages.contains(i) && may_be_asked(f.language)) {
        // What a library declares is no helper of anybody's.
        if here.declared {
            continue;
        }
        for (i, d) in here.facts.definitions.iter().enumerate() {
            let name = here.facts.name(d.name);
            if wanted.contains(name) && is_seen(here.facts, d) {
                out.entry(name).or_default().push(Place { file, def: DefId(i as u32) });
            }
        }
    }
    out
}

/// Languages of which a page may be given values.
fn may_be_asked(language: Language) -> bool {
    super::frameworks::of(language).is_some_and(|f| f.shows_pages() != ShowsPages::No)
}

fn is_seen(facts: &compass_facts::Facts, d: &Definition) -> bool {
    let is_of_type = d.container.is_some_and(|c| facts.def(c).kind.is_type());
    match d.kind {
        Kind::Field => is_of_type,
        Kind::Constructor => false,
        kind => kind.is_callable() && (is_of_type || d.container.is_none()) && !d.flags.has(Flags::LOCAL),
    }
}

/// Names that languages give their own values, as far as pages have them.
struct Standard<'a>(FxHashMap<&'static str, FxHashSet<&'a str>>);

impl<'a> Standard<'a> {
    fn new(input: &PassInput, asks: &[Ask<'a>]) -> Standard<'a> {
        let members: FxHashSet<&'a str> = asks.iter().filter(|a| a.is == PageUse::Member).map(|a| a.name).collect();
        let languages: Vec<Language> = Language::all().iter().filter(|l| may_be_asked(**l) && input.files.iter().any(|f| f.language == **l)).copied().collect();
        Standard(languages.into_iter().map(|l| (l.word(), declared(l, &members))).collect())
    }

    fn has(&self, language: Language, name: &str) -> bool {
        (language.profile().standard.is_name)(name) || self.0.get(language.word()).is_some_and(|names| names.contains(name))
    }
}

/// Those of some names that the declarations of a language mention.
fn declared<'a>(language: Language, names: &FxHashSet<&'a str>) -> FxHashSet<&'a str> {
    let profile = language.profile();
    let comments = || profile.lexis.line_comments.iter().chain(profile.lexis.long_quotes);
    let is_code = |line: &&str| !comments().any(|c| line.trim_start().starts_with(c));
    let declared = profile.standard.declared.iter().filter(|(path, _)| (profile.of_values)(path));
    let lines = declared.flat_map(|(_, text)| text.lines()).filter(is_code);
    let words = lines.flat_map(|line| line.split(|c: char| !c.is_alphanumeric() && !matches!(c, '_' | '?' | '!')));
    words.filter_map(|word| names.get(word).copied()).collect()
}

/// The one definition that a name in a page means.
fn meant(input: &PassInput, ask: &Ask, (all, standard): (&[Place], &Standard)) -> Option<(Place, Certainty)> {
    let fits = |p: &&Place| {
        let language = input.files[p.file].language;
        let is_of_page = ask.languages.is_empty() || ask.languages.contains(&language.word());
        // What tools made of many files is asked for by none of their names.
        is_of_page && !(ask.is == PageUse::Member && standard.has(language, ask.name)) && !input.files[p.file].path.contains(".min.")
    };
    let is_helper = |p: &&Place| {
        let facts = input.files[p.file].facts;
        let d = facts.def(p.def);
        d.kind.is_callable() && d.container.is_none_or(|c| facts.def(c).kind == Kind::Trait)
    };
    let fitting: Vec<&Place> = all.iter().filter(fits).collect();
    match (ask.is, &fitting[..]) {
        (PageUse::Member, [one]) => Some((**one, Certainty::Guessed)),
        (PageUse::Member, _) => None,
        // What stands by itself is a function, or a member of a module whose members pages have.
        _ => {
            let helpers: Vec<&&Place> = fitting.iter().filter(|p| is_helper(p)).collect();
            let [one] = helpers[..] else { return None };
            let by_name = super::frameworks::of(input.files[one.file].language).is_some_and(|f| f.shows_pages() == ShowsPages::WithHelpers);
            Some((**one, if ask.is == PageUse::Call && fitting.len() == 1 && by_name { Certainty::Inferred } else { Certainty::Guessed }))
        }
    }
}
