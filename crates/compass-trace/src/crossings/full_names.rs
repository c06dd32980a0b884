//! Texts with the full name of a definition or a module: classes in settings, tasks in schedules, plug-ins in registries.
//!
//! # How it works
//! Readers record texts that look like full names of their language. Here such a text is compared with what stands below the folders it names:
//! the file, or its folder where files are no names, and the types around a definition. It has to name all of it from the root of its packages
//! on, or, where folders do not say where that is, at least two parts. A text is no use: whether somebody takes it for a name is not known, so
//! nothing of it is proven.

use super::http::{enclosing, side};
use compass_facts::{DefId, Facts, Kind, Language, Role, SignalKind, Span};
use compass_index::{Certainty, Crossing, CrossingKind, LinkPass, PassInput, PassOutput, SymbolId};
use rustc_hash::{FxHashMap, FxHashSet};

/// See the module.
#[derive(Debug)]
pub(super) struct FullNames;

/// So many definitions of one full name are told.
const MOST_TARGETS: usize = 16;

/// A text that may be a full name.
struct Ask<'a> {
    file: usize,
    at: Span,
    around: Option<DefId>,
    text: &'a str,
    parts: Vec<&'a str>,
}

impl LinkPass for FullNames {
    fn name(&self) -> &'static str {
        "full names"
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
        let wanted: FxHashSet<&str> = asks.iter().filter_map(|a| a.parts.last().copied()).collect();
        let known = Known::new(input, &wanted);
        for ask in &asks {
            for (to, at) in known.targets(input, ask).into_iter().take(MOST_TARGETS) {
                let crossing = Crossing {
                    kind: CrossingKind::Name,
                    from: enclosing(input, ask.file, ask.around),
                    at: ask.at,
                    to: to.0,
                    role: Role::Ref,
                    label: format!("name {}", ask.text),
                    certainty: Certainty::Inferred,
                    evidence: vec![side(input, ask.file, ask.at), side(input, to.1, at)],
                };
                out.crossings.push((ask.file, crossing));
            }
        }
        out.crossings.sort_by_key(|(file, c)| (*file, c.at, c.to));
        out
    }
}

fn asks<'a>(input: &PassInput<'a>) -> Vec<Ask<'a>> {
    let mut out = Vec::new();
    for (file, here) in input.files.iter().enumerate() {
        let Some(names) = full_names(here.language) else { continue };
        for signal in &here.facts.signals {
            let SignalKind::FullName(name) = signal.kind else { continue };
            let text = here.facts.name(name);
            if let Some(parts) = names.parts(text) {
                out.push(Ask { file, at: signal.span, around: signal.enclosing, text, parts });
            }
        }
    }
    out
}

fn full_names(language: Language) -> Option<&'static compass_facts::profile::FullNames> {
    language.profile().full_names.as_ref()
}

/// What texts may name.
struct Known<'a> {
    /// Definitions by their last name.
    definitions: FxHashMap<&'a str, Vec<(usize, DefId)>>,
    /// Files by the last part of their path as a module.
    modules: FxHashMap<String, Vec<usize>>,
    /// Folders that are packages themselves: what is below them has them in its name.
    packages: FxHashSet<&'a str>,
}

impl<'a> Known<'a> {
    fn new(input: &PassInput<'a>, wanted: &FxHashSet<&str>) -> Known<'a> {
        let mut known = Known { definitions: FxHashMap::default(), modules: FxHashMap::default(), packages: FxHashSet::default() };
        for (file, here) in input.files.iter().enumerate() {
            if full_names(here.language).is_none() {
                continue;
            }
            let module = module_of(here.path, here.language);
            if is_of_folder(here.path, here.language) {
                known.packages.insert(folder_of(here.path));
            }
            if let Some(last) = module.last().filter(|last| wanted.contains(*last)) {
                known.modules.entry((*last).to_owned()).or_default().push(file);
            }
            for (i, d) in here.facts.definitions.iter().enumerate() {
                let name = here.facts.name(d.name);
                let is_seen = !matches!(d.kind, Kind::Parameter | Kind::TypeParameter | Kind::Label | Kind::Module) && wanted.contains(name);
                if is_seen && d.container.is_none_or(|c| here.facts.def(c).kind.is_type()) {
                    known.definitions.entry(name).or_default().push((file, DefId(i as u32)));
                }
            }
        }
        known
    }

    /// What a text names, with where it is defined.
    fn targets(&self, input: &PassInput<'a>, ask: &Ask) -> Vec<((SymbolId, usize), Span)> {
        let Some((last, before)) = ask.parts.split_last() else { return Vec::new() };
        let language = input.files[ask.file].language;
        let mut out = Vec::new();
        for (file, def) in self.definitions.get(*last).map_or(&[][..], |d| d) {
            let here = &input.files[*file];
            let fits = here.language.is_kin_of(language) && self.stands_in(here.path, here.language, here.facts, *def, before);
            if fits {
                out.push(((here.symbol(*def), *file), here.facts.def(*def).name_span));
            }
        }
        if out.is_empty() {
            for file in self.modules.get(*last).map_or(&[][..], |m| m) {
                let here = &input.files[*file];
                let module = module_of(here.path, here.language);
                // A log is called like the module that writes it.
                if here.language.is_kin_of(language) && *file != ask.file && self.is_whole(here.path, here.language, &module, &ask.parts) {
                    out.push(((SymbolId::module(here.id), *file), Span::default()));
                }
            }
        }
        out
    }

    /// Is that where a definition stands: modules or folders, then types?
    fn stands_in(&self, path: &str, language: Language, facts: &Facts, def: DefId, before: &[&str]) -> bool {
        let mut rest = before;
        let mut at = facts.def(def).container;
        while let Some(container) = at {
            let Some((last, others)) = rest.split_last() else { return false };
            if facts.def_name(container) != *last {
                return false;
            }
            rest = others;
            at = facts.def(container).container;
        }
        if rest.is_empty() {
            // Only types around: a name of at least two of them.
            return !before.is_empty() && !language.profile().modules.by_file;
        }
        let module = module_of(path, language);
        if language.profile().modules.by_file {
            return self.is_whole(path, language, &module, rest);
        }
        let folders: Vec<&str> = folder_of(path).split('/').collect();
        let same = folders.iter().rev().zip(rest.iter().rev()).take_while(|(f, r)| f == r).count();
        let is_mapped = full_names(language).is_some_and(|n| n.mapped);
        same >= 1 && same + usize::from(is_mapped) >= rest.len()
    }

    /// Do the parts name a module from the root of its packages on?
    fn is_whole(&self, path: &str, language: Language, module: &[&str], parts: &[&str]) -> bool {
        if parts.len() > module.len() || !module.ends_with(parts) {
            return false;
        }
        if !language.profile().modules.by_file {
            return parts.len() > 1;
        }
        // What is above the first part is no package itself.
        let above = module.len() - parts.len();
        let root = path.split('/').take(above).map(|p| p.len() + 1).sum::<usize>().saturating_sub(1);
        !self.packages.contains(&path[..root]) || above == 0
    }
}

fn folder_of(path: &str) -> &str {
    path.rsplit_once('/').map_or("", |(folder, _)| folder)
}

/// Does a file stand for its folder?
fn is_of_folder(path: &str, language: Language) -> bool {
    let name = path.rsplit('/').next().unwrap_or(path);
    language.profile().introduced.told_in.contains(&name)
}

/// The parts of a file's name as a module.
fn module_of(path: &str, language: Language) -> Vec<&str> {
    let mut parts: Vec<&str> = path.split('/').collect();
    let stem = parts.pop().and_then(|f| f.split('.').next()).unwrap_or("");
    if !is_of_folder(path, language) {
        parts.push(stem);
    }
    parts
}
