//! Who asks: through a module, inside the type, or where the function is declared.

use super::super::super::http::{enclosing, side};
use super::AsksNatives;
use super::offers::{Offer, Offers};
use compass_facts::{DefId, Import, NameId, Role, Shape, Span, TypeExpr, TypeId, Use};
use compass_index::{Certainty, Crossing, CrossingKind, Loose, LooseCause, PassFile, PassInput, PassOutput, StepPlace};
use rustc_hash::{FxHashMap, FxHashSet};

/// Between a name and the one before it: `.`, `::`, `->`, a blank.
const MOST_BETWEEN: u32 = 3;
/// Of more functions none is worth naming.
const MOST_OFFERS: usize = 4;

/// What a name of a file stands for.
#[derive(Debug, Clone)]
enum Stands {
    /// A module.
    Module(String),
    /// Some module of C, of which the name is not known.
    AnyModule,
    /// Something that is loaded under a name made at run time: a module of C perhaps.
    Perhaps,
    /// Something out of a module.
    Member(String, NameId),
}

/// One file that may ask.
pub(super) struct Asking<'i, 'a> {
    input: &'i PassInput<'a>,
    pub(super) file: usize,
    here: PassFile<'a>,
    asks: &'static AsksNatives,
    offers: &'i Offers<'a>,
    names: FxHashMap<&'a str, Stands>,
    /// Variables among them; any other one of such a name hides it.
    variables: FxHashSet<DefId>,
}

impl<'i, 'a> Asking<'i, 'a> {
    pub(super) fn new(input: &'i PassInput<'a>, file: usize, (asks, offers): (&'static AsksNatives, &'i Offers<'a>)) -> Self {
        let mut asking = Asking { input, file, here: input.files[file], asks, offers, names: FxHashMap::default(), variables: FxHashSet::default() };
        asking.names_by_imports();
        asking.names_by_values();
        asking
    }

    /// Is what the file gives as a whole a module that is made here?
    pub(super) fn gives_native(&self) -> bool {
        let facts = self.here.facts;
        let is_whole = |name: &str| matches!(name, "=" | "default");
        facts.exports.iter().filter(|e| is_whole(facts.name(e.name))).any(|e| match facts.ty(e.what) {
            TypeExpr::Def(def) => self.variables.contains(def),
            TypeExpr::Name { name, .. } => self.names.contains_key(facts.name(*name)),
            other => self.loaded(other).is_some(),
        })
    }

    /// Lets the names of files that give such a module stand for it.
    pub(super) fn names_by_files(&mut self, natives: &FxHashSet<usize>) {
        let facts = self.here.facts;
        for (i, u) in facts.uses.iter().enumerate() {
            let Shape::Import(import) = u.shape else { continue };
            let target = self.here.links.find(compass_facts::UseId(i as u32)).and_then(|l| l.targets.first().copied());
            let is_native = target.and_then(|t| self.input.file_of(t)).is_some_and(|f| natives.contains(&f));
            let bound = facts.imports[import.index()].bound.map(|b| facts.name(b));
            if let Some(bound) = bound.filter(|_| is_native) {
                self.names.insert(bound, Stands::Perhaps);
            }
        }
    }

    /// What a loader gives, in one of several branches perhaps.
    fn loaded(&self, ty: &TypeExpr) -> Option<Stands> {
        match ty {
            TypeExpr::Call { of, .. } => self.loads(*of),
            TypeExpr::Union(parts) => parts.iter().find_map(|p| if let TypeExpr::Call { of, .. } = self.here.facts.ty(*p) { self.loads(*of) } else { None }),
            _ => None,
        }
    }

    fn names_by_imports(&mut self) {
        let facts = self.here.facts;
        for import in &facts.imports {
            let stands = self.imported(import);
            if let (Some(bound), Some(stands)) = (import.bound, stands) {
                self.names.insert(facts.name(bound), stands);
            }
        }
    }

    fn imported(&self, import: &Import) -> Option<Stands> {
        let facts = self.here.facts;
        let path = facts.name(import.module);
        let is_file = self.asks.endings.iter().any(|e| path.ends_with(e));
        match (self.module_named(path), import.name) {
            (Some(module), Some(name)) => Some(Stands::Member(module, name)),
            (Some(module), None) => Some(Stands::Module(module)),
            (None, _) if is_file => Some(Stands::AnyModule),
            (None, name) => self.module_named(facts.name(name?)).map(Stands::Module),
        }
    }

    /// Variables that are given a module, or what loads one.
    fn names_by_values(&mut self) {
        let facts = self.here.facts;
        for (i, d) in facts.definitions.iter().enumerate().filter(|(_, d)| d.kind.is_variable()) {
            let stands = match d.ty.map(|ty| facts.ty(ty)) {
                Some(TypeExpr::Import(import)) => self.imported(&facts.imports[import.index()]),
                Some(ty) => self.loaded(ty),
                None => continue,
            };
            if let Some(stands) = stands {
                self.names.insert(facts.name(d.name), stands);
                self.variables.insert(DefId(i as u32));
            }
        }
    }

    /// What a function loads: a module of C, if it is of a library that does nothing else.
    fn loads(&self, of: TypeId) -> Option<Stands> {
        let facts = self.here.facts;
        let library = |import: &Import| self.asks.loaders.contains(&facts.name(import.module));
        match facts.ty(of) {
            TypeExpr::Import(import) => library(&facts.imports[import.index()]).then_some(Stands::AnyModule),
            TypeExpr::Name { name, .. } if facts.imports.iter().any(|i| i.bound == Some(*name) && library(i)) => Some(Stands::AnyModule),
            TypeExpr::Name { name, .. } => (self.asks.loads_all == Some(facts.name(*name))).then_some(Stands::Perhaps),
            _ => None,
        }
    }

    /// The module that a path ends with, if it is one that is made here.
    fn module_named(&self, path: &str) -> Option<String> {
        let path = self.asks.endings.iter().find_map(|e| path.strip_suffix(e)).unwrap_or(path);
        let last = path.rsplit(['.', '/', '\\', ':']).next()?;
        let whole = path.trim_start_matches(['.', '/']).replace(['.', '/', ':'], "_");
        [last, &whole].into_iter().find(|n| self.offers.has_module(n)).map(str::to_owned)
    }

    /// Records what the uses of the file ask for.
    pub(super) fn uses(&mut self, out: &mut PassOutput) {
        let facts = self.here.facts;
        for (i, u) in facts.uses.iter().enumerate() {
            let name = facts.name(u.name);
            if u.local.is_some_and(|d| !self.variables.contains(&d)) || !self.names.contains_key(name) && !self.may_be_asked(u, i) {
                continue;
            }
            if self.here.links.find(compass_facts::UseId(i as u32)).is_some_and(|l| l.targets.iter().any(|t| self.input.find(*t).is_some())) {
                continue;
            }
            let before = self.before(i);
            match before.and_then(|b| self.stands(b)).filter(|_| matches!(u.shape, Shape::Member(_))) {
                Some(Stands::Module(module)) => {
                    let module = module.clone();
                    let found = self.of_module(name, Some(&module));
                    if found.is_empty() && u.role == Role::Call {
                        out.loose.push((self.file, Loose { kind: CrossingKind::Native, at: u.span, label: name.to_owned(), cause: LooseCause::NoExport }));
                    }
                    self.cross(u, (&found, true), out);
                }
                Some(stands @ (Stands::AnyModule | Stands::Perhaps)) => {
                    let is_sure = matches!(stands, Stands::AnyModule);
                    self.cross(u, (&self.of_module(name, None), is_sure), out);
                }
                _ => self.plain(u, before, out),
            }
        }
    }

    /// A name that stands alone, or is asked of the value itself.
    fn plain(&self, u: &Use, before: Option<&Use>, out: &mut PassOutput) {
        let facts = self.here.facts;
        let name = facts.name(u.name);
        if !matches!(u.shape, Shape::Member(_))
            && let Some(Stands::Member(module, imported)) = self.names.get(name)
        {
            self.cross(u, (&self.of_module(facts.name(*imported), Some(module)), true), out);
            return;
        }
        let own = self.here.language.profile().members.receivers;
        let is_own = match u.shape {
            Shape::Plain => u.role == Role::Call,
            Shape::Member(of) => matches!(facts.ty(of), TypeExpr::Receiver(_)) || before.is_some_and(|b| own.contains(&facts.name(b.name))),
            _ => false,
        };
        if self.asks.are_global && u.shape == Shape::Plain && u.role == Role::Call {
            let found: Vec<&Offer> = self.offers.by_name.get(name).into_iter().flatten().filter(|o| o.owner.is_none()).collect();
            self.cross(u, (&found, true), out);
        }
        if is_own && let Some(types) = u.enclosing.map(|d| self.types_around(d)) {
            let found: Vec<&Offer> = self.offers.by_name.get(name).into_iter().flatten().filter(|o| o.owner.is_some_and(|o| types.contains(&o))).collect();
            self.cross(u, (&found, true), out);
        }
    }

    /// May a use whose name stands for no module ask for something?
    fn may_be_asked(&self, u: &Use, i: usize) -> bool {
        let facts = self.here.facts;
        self.offers.by_name.contains_key(facts.name(u.name))
            || !self.names.is_empty() && matches!(u.shape, Shape::Member(_)) && self.before(i).is_some_and(|b| self.stands(b).is_some())
    }

    /// What a name stands for where it is used: a parameter of that name is another thing.
    fn stands(&self, u: &Use) -> Option<&Stands> {
        self.names.get(self.here.facts.name(u.name)).filter(|_| u.local.is_none_or(|d| self.variables.contains(&d)))
    }

    /// The use that stands before the dot of another.
    fn before(&self, i: usize) -> Option<&'a Use> {
        let facts: &'a compass_facts::Facts = self.here.facts;
        let u = &facts.uses[i];
        facts.uses[..i].iter().rev().take(2).find(|b| b.span.end < u.span.start && u.span.start - b.span.end <= MOST_BETWEEN)
    }

    fn types_around(&self, def: DefId) -> Vec<&'a str> {
        let facts: &'a compass_facts::Facts = self.here.facts;
        std::iter::successors(Some(def), |d| facts.def(*d).container).filter(|d| facts.def(*d).kind.is_type()).map(|d| facts.def_name(d)).collect()
    }

    fn of_module(&self, name: &str, module: Option<&str>) -> Vec<&'i Offer<'a>> {
        let all = self.offers.by_name.get(name).into_iter().flatten();
        all.filter(|o| module.is_none_or(|m| self.offers.is_of_module((o.file, self.input.files[o.file].path), m))).collect()
    }

    fn cross(&self, u: &Use, offers: (&[&Offer], bool), out: &mut PassOutput) {
        let role = if matches!(u.role, Role::Call | Role::Import) { u.role } else { Role::Ref };
        self.cross_at((u.span, u.enclosing, role, self.here.facts.name(u.name)), offers, out);
    }

    fn cross_at(&self, (at, around, role, label): (Span, Option<DefId>, Role, &str), (offers, is_sure): (&[&Offer], bool), out: &mut PassOutput) {
        for offer in offers.iter().filter(|_| offers.len() <= MOST_OFFERS) {
            let target = &self.input.files[offer.function.file];
            let mut evidence = vec![side(self.input, self.file, at), side(self.input, offer.file, offer.at)];
            let body = target.facts.def(offer.function.def).name_span;
            if evidence[1].place != StepPlace::Bytes(body) {
                evidence.push(side(self.input, offer.function.file, body));
            }
            let crossing = Crossing {
                kind: CrossingKind::Native,
                from: enclosing(self.input, self.file, around),
                at,
                to: target.symbol(offer.function.def),
                role,
                label: label.to_owned(),
                // Tables of members and of functions look alike: of several one is meant.
                certainty: if is_sure && offers.len() == 1 { Certainty::Inferred } else { Certainty::Guessed },
                evidence,
            };
            out.crossings.push((self.file, crossing));
        }
    }

    /// Records the functions that the file declares and others give.
    pub(super) fn declarations(&self, out: &mut PassOutput) {
        let facts = self.here.facts;
        let stem = self.here.path.rsplit('/').next().and_then(|f| self.asks.declarations.iter().find_map(|e| f.strip_suffix(e)));
        for (i, d) in facts.definitions.iter().enumerate().filter(|(_, d)| d.kind.is_callable() || d.kind.is_type()) {
            let owner = d.container.map(|c| facts.def_name(c));
            let fits = |o: &&Offer| match (o.owner, owner) {
                (Some(a), Some(b)) => a == b,
                (None, None) => self.asks.are_global || stem.is_some_and(|s| self.offers.is_of_module((o.file, self.input.files[o.file].path), s)),
                _ => false,
            };
            let found: Vec<&Offer> = self.offers.by_name.get(facts.name(d.name)).into_iter().flatten().filter(fits).collect();
            self.cross_at((d.name_span, Some(DefId(i as u32)), Role::Call, facts.name(d.name)), (&found, true), out);
        }
    }
}
