//! What is given: names, the functions behind them, and the modules through which they are found.

use super::super::Exports;
use compass_facts::{DefId, Flags, GivenName, Kind, Language, SignalKind, Span};
use compass_index::{PassInput, Place};
use rustc_hash::{FxHashMap, FxHashSet};

/// Of a name that more functions have none is meant.
const MOST_OF_NAME: usize = 4;

/// One name that is given.
pub(super) struct Offer<'a> {
    /// Where that is said.
    pub(super) file: usize,
    pub(super) at: Span,
    /// The type whose member it becomes.
    pub(super) owner: Option<&'a str>,
    /// What runs.
    pub(super) function: Place,
}

/// What one language is given.
#[derive(Default)]
pub(super) struct Offers<'a> {
    pub(super) by_name: FxHashMap<&'a str, Vec<Offer<'a>>>,
    /// Modules, each with the folders of the files that make them.
    modules: FxHashMap<String, FxHashSet<&'a str>>,
    /// What files make of them.
    of_file: FxHashMap<usize, Vec<String>>,
}

impl<'a> Offers<'a> {
    /// Is there a module of this name?
    pub(super) fn has_module(&self, name: &str) -> bool {
        self.modules.contains_key(name)
    }

    /// Does what a file gives belong to a module: does it make that, or, making none, stand beside what does, above or below it?
    pub(super) fn is_of_module(&self, (file, path): (usize, &str), module: &str) -> bool {
        if let Some(made) = self.of_file.get(&file) {
            return made.iter().any(|m| m == module);
        }
        let folder = folder_of(path);
        let is_near = |other: &&str| is_below(folder, other) || is_below(other, folder);
        self.modules.get(module).is_some_and(|folders| folders.iter().any(is_near))
    }

    /// Members of types that are given under another name are members of that.
    fn name_owners(&mut self, input: &PassInput<'a>) {
        let own_name = |o: &Offer| {
            let facts: &'a compass_facts::Facts = input.files[o.function.file].facts;
            let d = facts.def(o.function.def);
            d.kind.is_type().then(|| facts.name(d.name))
        };
        let renamed: FxHashMap<&str, &'a str> =
            self.by_name.iter().flat_map(|(name, all)| all.iter().filter_map(move |o| Some((own_name(o)?, *name)))).filter(|(own, name)| own != name).collect();
        for offer in self.by_name.values_mut().flatten() {
            if let Some(name) = offer.owner.and_then(|o| renamed.get(o)) {
                offer.owner = Some(name);
            }
        }
    }

    fn add_module(&mut self, name: &str, (file, path): (usize, &'a str)) {
        self.modules.entry(name.to_owned()).or_default().insert(folder_of(path));
        self.of_file.entry(file).or_default().push(name.to_owned());
    }
}

fn folder_of(path: &str) -> &str {
    path.rsplit_once('/').map_or("", |p| p.0)
}

fn is_below(folder: &str, other: &str) -> bool {
    other.is_empty() || folder.strip_prefix(other).is_some_and(|rest| rest.is_empty() || rest.starts_with('/'))
}

/// What each language is given, by its first one.
pub(super) fn of_all<'a>(input: &PassInput<'a>, exports: &Exports<'a>) -> Vec<(Language, Offers<'a>)> {
    let wanted = wanted(input);
    let mut out: Vec<(Language, Offers<'a>)> = Vec::new();
    if wanted.is_empty() {
        return out;
    }
    let functions = Functions::new(input, &wanted);
    for (file, here) in input.files.iter().enumerate() {
        for signal in &here.facts.signals {
            match &signal.kind {
                SignalKind::Given(given) => {
                    let found = functions.of(input, exports, (file, given), signal);
                    let owner = given.owner.map(|o| here.facts.name(o));
                    let Some(offers) = offers_to(&mut out, here.facts.name(given.to)) else { continue };
                    let all = offers.by_name.entry(here.facts.name(given.name)).or_default();
                    for function in found {
                        if all.iter().all(|o| o.function != function || o.owner != owner) {
                            all.push(Offer { file, at: signal.span, owner, function });
                        }
                    }
                }
                SignalKind::GivesModule(to, name) => {
                    if let Some(offers) = offers_to(&mut out, here.facts.name(*to)) {
                        offers.add_module(here.facts.name(*name), (file, here.path));
                    }
                }
                _ => {}
            }
        }
    }
    modules_by_makers(input, &mut out);
    out.iter_mut().for_each(|(_, offers)| offers.name_owners(input));
    out
}

fn offers_to<'o, 'a>(all: &'o mut Vec<(Language, Offers<'a>)>, word: &str) -> Option<&'o mut Offers<'a>> {
    let to = *Language::all().iter().find(|l| l.word() == word)?;
    let at = all.iter().position(|(l, _)| l.is_kin_of(to)).unwrap_or_else(|| {
        all.push((to, Offers::default()));
        all.len() - 1
    });
    Some(&mut all[at].1)
}

/// Names of functions that are given.
fn wanted<'a>(input: &PassInput<'a>) -> FxHashSet<&'a str> {
    let mut out = FxHashSet::default();
    for here in &input.files {
        for signal in &here.facts.signals {
            if let SignalKind::Given(given) = &signal.kind {
                out.extend(given.functions.iter().map(|f| here.facts.name(*f)));
                // A function that is written on the spot has no name.
                out.insert("");
            }
        }
    }
    out
}

/// Functions that make a module have its name in theirs.
fn modules_by_makers<'a>(input: &PassInput<'a>, all: &mut [(Language, Offers<'a>)]) {
    let makers: Vec<_> = all.iter().filter_map(|(to, _)| super::super::super::frameworks::of(*to)?.asks_natives()).map(|a| a.makers).collect();
    if makers.iter().all(|m| m.is_empty()) {
        return;
    }
    for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language.profile().exports_names) {
        for d in here.facts.definitions.iter().filter(|d| d.container.is_none()) {
            let name = here.facts.name(d.name);
            for ((_, offers), makers) in all.iter_mut().zip(&makers) {
                if let Some(module) = makers.iter().find_map(|m| name.strip_prefix(m)).filter(|m| !m.is_empty()) {
                    offers.add_module(module, (file, here.path));
                }
            }
        }
    }
}

/// Functions by name, of those that are given.
struct Functions<'a>(FxHashMap<&'a str, Vec<(Place, bool)>>);

impl<'a> Functions<'a> {
    fn new(input: &PassInput<'a>, wanted: &FxHashSet<&'a str>) -> Functions<'a> {
        let mut by_name: FxHashMap<&'a str, Vec<(Place, bool)>> = FxHashMap::default();
        for (file, here) in input.files.iter().enumerate().filter(|(_, f)| f.language.profile().exports_names) {
            for (i, d) in here.facts.definitions.iter().enumerate().filter(|(_, d)| may_be_given(d)) {
                let name = here.facts.name(d.name);
                if wanted.contains(name) {
                    let has_body = d.body.is_some() && !d.flags.has(Flags::BODILESS);
                    by_name.entry(name).or_default().push((Place { file, def: DefId(i as u32) }, has_body));
                }
            }
        }
        Functions(by_name)
    }

    /// What runs: the definition whose name stands there, one of the file, one that the linker finds, one whose header the file includes; else
    /// all of that name.
    fn of(&self, input: &PassInput<'a>, exports: &Exports<'a>, (file, given): (usize, &GivenName), signal: &compass_facts::Signal) -> Vec<Place> {
        let facts = input.files[file].facts;
        let place = |def| Place { file, def };
        if given.functions.is_empty() {
            // Of a file that is not held whole the inner definitions are not there.
            return signal.enclosing.filter(|def| def.index() < facts.definitions.len()).map(place).into_iter().collect();
        }
        if let Some(def) = facts.find_definition_at(signal.span.start) {
            return vec![place(def)];
        }
        let of_name = |name: &compass_facts::NameId| {
            let name = facts.name(*name);
            let mut all: Vec<(Place, bool)> = self.0.get(name)?.clone();
            if all.iter().any(|f| f.1) {
                all.retain(|f| f.1);
            }
            // Branches of a conditional may each have one: the first stands for them.
            let of_file = all.iter().find(|f| f.0.file == file).map(|f| f.0);
            let one = of_file.or_else(|| exports.only(name)).or_else(|| all.iter().map(|f| f.0).find(|p| includes(facts, input.files[p.file].path)));
            Some(one.map_or_else(|| all.iter().map(|f| f.0).collect(), |one| vec![one])).filter(|found| found.len() <= MOST_OF_NAME)
        };
        given.functions.iter().find_map(of_name).unwrap_or_default()
    }
}

/// Functions, and types that are values.
fn may_be_given(d: &compass_facts::Definition) -> bool {
    d.kind.is_callable() || d.kind == Kind::Macro || d.kind.is_variable() && d.container.is_none() && !d.flags.has(Flags::LOCAL)
}

/// Does a file include the header that goes with another file?
fn includes(facts: &compass_facts::Facts, path: &str) -> bool {
    let stem = path.rsplit_once('.').map_or(path, |p| p.0);
    let is_header_of = |header: &str| {
        let header = header.trim_start_matches("../").trim_start_matches("./");
        let header = header.rsplit_once('.').map_or(header, |p| p.0);
        stem.strip_suffix(header).is_some_and(|rest| rest.is_empty() || rest.ends_with('/'))
    };
    facts.imports.iter().any(|i| is_header_of(facts.name(i.module)))
}
