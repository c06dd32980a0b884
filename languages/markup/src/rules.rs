//! Pages and sheets: what a page names is looked for in itself, in what it brings in, in the templates around it, then in the sheets and
//! pages of its unit, where only run time tells which are loaded.

use crate::HTML;
use crate::html::ABOVE;
use compass_facts::{Import, ImportId, ImportKind, Kind, NameId, Role, ScopeId, TypeExpr, TypeId, Use};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, IMPORTS, Lookup, Meaning, Namespace, Rules, Target};
use compass_index::{Cause, Certainty};
use easy_ext::ext;
use rustc_hash::FxHashSet;
use std::rc::Rc;

/// See the module.
pub(super) struct MarkupRules;

/// What files bring in, and those that they do.
struct Brought;

/// What files bring in themselves.
struct BroughtItself;

type BroughtFiles = Rc<[(u32, Certainty)]>;

/// Files brought in by files brought in, above this many, are not looked at.
const MOST_FILES: usize = 64;
/// What so many files bring in is kept in mind.
const MOST_KEPT: usize = 2_000;
/// More definitions than this say nothing.
const MOST: usize = 8;
/// Endings that a path may leave out, and what stands in front of the names of partial sheets and pages.
const ENDINGS: [&str; 14] =
    ["", ".html", ".scss", ".less", ".css", ".hbs", ".handlebars", ".mustache", ".html.erb", ".erb", ".ejs", ".tmpl", ".gohtml", ".twig"];

impl Rules for MarkupRules {
    fn words(&self) -> &'static [&'static str] {
        &[ABOVE, IMPORTS]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Type => Namespace::Type,
            Role::Call => Namespace::Method,
            Role::Read | Role::Write => Namespace::Value,
            _ => Namespace::Any,
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.markup_plain(file, scope, name, wanted)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let found = e.markup_file(file, id);
        found.map(|(f, certainty)| Target { entity: Entity::Module(f, ScopeId::FILE), certainty, stands_in: false }).into_iter().collect()
    }

    fn is_import(&self, import: &Import) -> bool {
        import.kind != ImportKind::Within
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        let TypeExpr::Name { name: owner, .. } = *e.world.facts(file).ty(of) else { return Lookup::none(Cause::Dynamic) };
        if e.world.facts(file).name(owner) == ABOVE { e.markup_above(file, name) } else { e.markup_behind(file, owner, name) }
    }

    fn member_meaning(&self, _: &mut Evaluator, _: u32, _: TypeId, _: GlobalNameId) -> Meaning {
        Meaning::unknown(Cause::Dynamic)
    }
}

fn is_wanted(kind: Kind, wanted: Namespace) -> bool {
    match wanted {
        Namespace::Type => kind == Kind::Class,
        Namespace::Method => kind == Kind::Function,
        Namespace::Value => matches!(kind, Kind::Variable | Kind::Parameter),
        _ => matches!(kind, Kind::Label | Kind::Field),
    }
}

#[ext(MarkupNames)]
impl Evaluator<'_, '_> {
    fn markup_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Vec<DefRef> {
        let world = self.world;
        let found = world.bindings(file, scope, name).filter_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None });
        found.filter(|s| is_wanted(world.def(*s).kind, wanted)).take(MOST).collect()
    }

    fn markup_hits(&mut self, found: &[DefRef], most: Certainty, cause: Cause) -> Lookup {
        let certainty = if found.len() == 1 { most } else { Certainty::Inferred };
        Lookup { hits: found.iter().map(|s| self.by_name_hit(*s, certainty)).collect(), cause }
    }

    fn markup_plain(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let facts = self.world.facts(file);
        let cause = self.markup_cause(file, wanted);
        let mut at = Some(scope);
        while let Some(id) = at {
            let found = self.markup_bound(file, id, name, wanted);
            if !found.is_empty() {
                return self.markup_hits(&found, Certainty::Proven, cause);
            }
            let brought = self.world.bindings(file, id, name).find_map(|b| if let Binding::Import(i) = b { Some(i) } else { None });
            if let Some(import) = brought {
                return self.markup_imported(file, import, wanted);
            }
            at = facts.scope(id).parent;
        }
        for &(other, certainty) in self.markup_brought(file).iter() {
            let found = self.markup_bound(other, ScopeId::FILE, name, wanted);
            if !found.is_empty() {
                return self.markup_hits(&found, certainty, cause);
            }
        }
        // What a program hands to a template has no definition here.
        let is_local = wanted == Namespace::Value && self.world.language(file) == HTML && !self.world.name(name).starts_with("--");
        if is_local {
            return Lookup::none(Cause::Dynamic);
        }
        self.markup_of_unit(file, name, wanted, cause)
    }

    /// Why there is no definition: classes may be of a library of styles, ids and names of blocks are made at run time.
    fn markup_cause(&self, file: u32, wanted: Namespace) -> Cause {
        match wanted {
            Namespace::Type => Cause::UnitAbsent,
            _ if self.world.language(file) == HTML => Cause::Dynamic,
            _ => Cause::NoDefinition,
        }
    }

    /// Sheets and pages of the same unit.
    fn markup_of_unit(&mut self, file: u32, name: GlobalNameId, wanted: Namespace, cause: Cause) -> Lookup {
        let world = self.world;
        let own = world.files[file as usize].id.unit;
        let is_it = |s: &&DefRef| {
            let d = world.def(**s);
            world.files[s.file as usize].id.unit == own
                && world.language(s.file).profile().family == HTML.profile().family
                && d.scope == ScopeId::FILE
                && is_wanted(d.kind, wanted)
        };
        let found: Vec<DefRef> = world.all_named(name).filter(is_it).take(MOST + 1).copied().collect();
        if found.len() > MOST {
            return Lookup::none(Cause::TooMany);
        }
        self.markup_hits(&found, Certainty::Inferred, cause)
    }

    /// Files that a file brings in, and those that they do. Pages of a guide lead to all others, and every name in them asks.
    fn markup_brought(&self, file: u32) -> BroughtFiles {
        self.world.note_imports();
        self.keep::<Brought, _, BroughtFiles>(file, MOST_KEPT, |e| {
            let mut out = vec![(file, Certainty::Proven)];
            let mut at = 0;
            while at < out.len() && out.len() < MOST_FILES {
                let (from, sure) = out[at];
                at += 1;
                for &(to, certainty) in e.markup_brought_itself(from).iter() {
                    if out.iter().all(|(f, _)| *f != to) {
                        out.push((to, certainty.min(sure)));
                    }
                }
            }
            out.remove(0);
            out.into()
        })
    }

    /// Files that a file brings in itself.
    fn markup_brought_itself(&self, file: u32) -> BroughtFiles {
        self.keep::<BroughtItself, _, BroughtFiles>(file, MOST_KEPT, |e| {
            if e.world.language(file).profile().family != HTML.profile().family {
                return [].into();
            }
            let mut seen = FxHashSet::default();
            let imports = (0..e.world.facts(file).imports.len() as u32).map(ImportId);
            imports.filter_map(|id| e.markup_file(file, id)).filter(|(to, _)| seen.insert(*to)).collect()
        })
    }

    /// The file that a path names: from the folder of the file, from the top, or by its end.
    fn markup_file(&self, file: u32, id: ImportId) -> Option<(u32, Certainty)> {
        let facts = self.world.facts(file);
        let path = facts.name(facts.import(id).module);
        let row = &self.world.files[file as usize];
        let folder = row.path.rsplit_once('/').map_or("", |p| p.0);
        let own_ending = row.path.rsplit_once('/').map_or(row.path.as_str(), |p| p.1).split_once('.').map_or("", |p| p.1);
        let (front, stem) = path.rsplit_once('/').map_or(("", path), |p| (p.0, p.1));
        let partial = compass_index::linking::join(front, &format!("_{stem}"));
        let own = format!(".{own_ending}");
        let endings = || ENDINGS.iter().copied().chain([own.as_str()]);
        for path in [path, partial.as_str()] {
            for ending in endings() {
                let whole = format!("{path}{ending}");
                let near = compass_index::linking::normalise(&compass_index::linking::join(folder, whole.trim_start_matches("./")));
                let at = |p: &str| self.world.by_path.get(&(row.root, p)).copied().filter(|f| *f != file);
                if let Some(found) = (!path.starts_with('/')).then(|| at(&near)).flatten() {
                    return Some((found, Certainty::Proven));
                }
                if let Some(found) = self.modules.by_suffix(self.world, file, whole.trim_start_matches(['/', '~'])).filter(|f| *f != file) {
                    return Some((found, Certainty::Inferred));
                }
            }
        }
        None
    }

    /// A macro that an import names.
    fn markup_imported(&mut self, file: u32, id: ImportId, wanted: Namespace) -> Lookup {
        let import = self.world.facts(file).import(id);
        let Some((to, certainty)) = self.markup_file(file, id) else { return Lookup::none(Cause::UnitAbsent) };
        let Some(name) = import.name else {
            let hit = compass_index::linking::Hit { entity: Entity::Module(to, ScopeId::FILE), certainty, reasons: Vec::new() };
            return Lookup { hits: vec![hit], cause: Cause::NoDefinition };
        };
        let gid = self.world.gid(file, name);
        let found = self.markup_bound(to, ScopeId::FILE, gid, wanted);
        self.markup_hits(&found, certainty, Cause::NoDefinition)
    }

    /// A macro behind the name that a file was imported by.
    fn markup_behind(&mut self, file: u32, owner: NameId, name: GlobalNameId) -> Lookup {
        let gid = self.world.gid(file, owner);
        let import = self.world.bindings(file, ScopeId::FILE, gid).find_map(|b| if let Binding::Import(i) = b { Some(i) } else { None });
        let Some((to, certainty)) = import.and_then(|i| self.markup_file(file, i)) else { return Lookup::none(Cause::UnitAbsent) };
        let found = self.markup_bound(to, ScopeId::FILE, name, Namespace::Method);
        self.markup_hits(&found, certainty, Cause::NoDefinition)
    }

    /// A block of the templates that a template extends.
    fn markup_above(&mut self, file: u32, name: GlobalNameId) -> Lookup {
        for &(other, certainty) in self.markup_brought(file).iter() {
            let found = self.markup_bound(other, ScopeId::FILE, name, Namespace::Method);
            if !found.is_empty() {
                return self.markup_hits(&found, certainty, Cause::NoDefinition);
            }
        }
        Lookup::none(Cause::NoDefinition)
    }
}
