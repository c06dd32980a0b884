//! Ruby: constants by the modules around, then by what these are derived from, then outside of all; methods by types, through all openings of a
//! class, its modules and its base.
//!
//! Values are mostly not declared: a method is proven where the type of what it is called on is told and no class derived from it defines it
//! anew.

mod members;

use compass_facts::{Facts, Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, TypeExpr, TypeId, Use, UseId};
use compass_index::linking::{
    Binding, DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Meaning, Modules, Namespace, Prepared, Rules, Target, Ty, World, is_builtin,
    usual_namespace,
};
use compass_index::{Cause, Certainty};
use easy_ext::ext;
use members::RubyMembers as _;
use rustc_hash::FxHashMap;

/// See the module.
pub(super) struct RubyRules;

/// Whole names of what classes and modules open.
struct RubyFiles {
    paths: FxHashMap<(u32, ScopeId), String>,
}

impl Rules for RubyRules {
    fn prepare(&self, world: &World, _: &Modules) -> Option<Prepared> {
        let mut paths = FxHashMap::default();
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::RUBY && !world.is_lazy());
        for (index, file) in files {
            for import in file.facts.imports.iter().filter(|i| i.kind == ImportKind::Within) {
                paths.insert((index as u32, import.scope), file.facts.name(import.module).to_owned());
            }
        }
        Some(Box::new(RubyFiles { paths }))
    }

    fn words(&self) -> &'static [&'static str] {
        &["initialize", "method_missing", "included", "ClassMethods", "Object", "Kernel", "Array", "Hash", "Proc", "Class", "Element", "Value"]
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass | Role::Write | Role::Ref => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let word = e.world.name(name);
        if word.starts_with(char::is_uppercase) {
            return e.ruby_constant(file, scope, name);
        }
        if word.starts_with(['$', '@']) {
            return e.ruby_outermost(name, |k| k == Kind::Variable);
        }
        if wanted != Namespace::Method {
            let variable = e.ruby_variable(file, scope, name);
            if !variable.is_empty() {
                return variable;
            }
        }
        e.ruby_function(name)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let import = e.world.facts(file).import(id);
        if import.kind == ImportKind::Within {
            return vec![Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false }];
        }
        let module = e.world.facts(file).name(import.module).to_owned();
        e.ruby_required(file, &module)
            .map(|f| Target { entity: Entity::Module(f, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false })
            .into_iter()
            .collect()
    }

    fn is_import(&self, import: &Import) -> bool {
        import.kind != ImportKind::Within
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let found = self.targets(e, file, id);
        let hits = found.into_iter().map(|t| Hit { entity: t.entity, certainty: t.certainty, reasons: Vec::new() });
        Lookup { hits: hits.collect(), cause: Cause::UnitAbsent }
    }

    fn is_receiver(&self, parameter: &str) -> bool {
        parameter.starts_with('<')
    }

    fn members_are_dynamic(&self) -> bool {
        true
    }

    fn constructors_are_members(&self) -> bool {
        true
    }

    fn super_is_one_class(&self) -> bool {
        true
    }

    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = e.evaluate(file, of);
        let owner = e.ruby_seen(owner);
        // What `super` calls no derived class replaces.
        let is_super = matches!(e.world.facts(file).ty(of), TypeExpr::Super(_)) && e.ruby_is_in_class(file, u.scope);
        let above = if is_super { e.ruby_of_super(file, u.scope, name) } else { Vec::new() };
        if !above.is_empty() {
            return Lookup { hits: above, cause: Cause::NoDefinition };
        }
        let (found, cause) = e.ruby_members(&owner.ty, name);
        if found.is_empty() {
            let known = !owner.ty.is_unknown();
            // What every object has, and functions of no class.
            let everywhere = if known || is_builtin(crate::RUBY, e.world.name(name)) { e.ruby_function(name) } else { Lookup::none(Cause::NoDefinition) };
            if !everywhere.is_empty() {
                return everywhere;
            }
            return e.without_member(file, &owner.ty, cause, u, name);
        }
        // A module does not know what stands before it.
        let is_open = matches!(e.world.facts(file).ty(of), TypeExpr::Super(_));
        let most = if is_open { Certainty::Inferred } else { owner.certainty };
        let hits = found.into_iter().map(|h| Hit { certainty: h.certainty.min(most), ..h }).collect();
        Lookup { hits, cause }
    }

    fn settle(&self, _: &mut Evaluator, _: u32, _: &Facts, _: UseId, _: &Use, found: Lookup) -> Lookup {
        found
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = e.evaluate(file, of);
        let owner = e.ruby_seen(owner);
        let (found, cause) = e.ruby_members(&owner.ty, name);
        let first = found.iter().find_map(|h| definition(h).map(|s| (s, h.certainty)));
        let Some((sym, certainty)) = first else { return Meaning::unknown(cause) };
        let meaning = e.item(sym);
        Meaning { ty: e.ruby_filled(meaning.ty, &owner.ty), certainty: owner.certainty.min(certainty).min(meaning.certainty), reasons: owner.reasons }
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        e.ruby_call(file, of, arguments)
    }

    /// Blocks mostly get what the receiver holds.
    fn handed(&self, e: &mut Evaluator, handed: Handed) -> Option<Meaning> {
        let TypeExpr::Member { of, name } = *e.world.facts(handed.file).ty(handed.by) else { return Some(Meaning::unknown(Cause::ReceiverUnknown)) };
        let owner = e.evaluate(handed.file, of);
        let owner = e.ruby_seen(owner);
        let word = e.world.facts(handed.file).name(name);
        let ty = match (&owner.ty, word, handed.parameter) {
            // By habit what makes a value hands it on.
            (Ty::Item(class, ..), "new", 0) => Some(Ty::Value(*class, Ty::no_args())),
            (ty, "tap" | "then" | "yield_self", 0) => Some(ty.clone()),
            _ => None,
        };
        if let Some(ty) = ty {
            return Some(Meaning { ty, certainty: owner.certainty.min(Certainty::Inferred), reasons: owner.reasons });
        }
        let ty = match (&owner.ty, handed.parameter) {
            (Ty::List(inner), 0) => (**inner).clone(),
            (Ty::Map(inner), 1) => (**inner).clone(),
            _ => return Some(Meaning::unknown(Cause::ReceiverUnknown)),
        };
        Some(Meaning { ty, certainty: owner.certainty.min(Certainty::Inferred), reasons: owner.reasons })
    }
}

/// The definition of a hit.
fn definition(hit: &Hit) -> Option<DefRef> {
    match hit.entity {
        Entity::DefRef(s) => Some(s),
        _ => None,
    }
}

#[ext(RubyNames)]
impl<'m> Evaluator<'_, 'm> {
    /// The whole name of the class or module around a scope; empty outside of all.
    fn ruby_path(&self, file: u32, scope: ScopeId) -> &'m str {
        let paths = &self.modules.of::<RubyFiles>().paths;
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            if let Some(path) = paths.get(&(file, id)) {
                return path;
            }
            at = facts.scope(id).parent;
        }
        ""
    }

    /// The whole name of a class or module.
    fn ruby_class_path(&self, class: DefRef) -> &'m str {
        let paths = &self.modules.of::<RubyFiles>().paths;
        self.world.def(class).inner.and_then(|s| paths.get(&(class.file, s))).map_or("", String::as_str)
    }

    /// Classes, modules and constants of that name within a module, the nearest first.
    fn ruby_within(&self, file: u32, path: &str, name: GlobalNameId) -> Vec<DefRef> {
        let world = self.world;
        let word = world.name(name);
        let is_in = |s: &&DefRef| {
            if world.language(s.file) != crate::RUBY {
                return false;
            }
            let d = world.def(**s);
            if d.kind.is_type() {
                let whole = self.ruby_class_path(**s);
                return match path.is_empty() {
                    true => whole == word,
                    false => whole.strip_prefix(path).and_then(|r| r.strip_prefix("::")) == Some(word),
                };
            }
            d.kind == Kind::Constant && self.ruby_path(s.file, d.scope) == path
        };
        let mut found: Vec<DefRef> = world.all_named(name).filter(is_in).take(24).copied().collect();
        // An opening that says what a class is derived from says most of it.
        let says = |s: &DefRef| !world.facts(s.file).bases.iter().any(|b| b.0 == s.def);
        found.sort_by_key(|s| (s.file != file, says(s), world.def(*s).doc.is_none()));
        found
    }

    /// A constant: of the modules around, from the inside out; of what the class is derived from; of none.
    fn ruby_constant(&mut self, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let facts = self.world.facts(file);
        let mut around: Vec<(String, DefRef)> = Vec::new();
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            if let (ScopeKind::Type, Some(owner)) = (s.kind, s.owner) {
                around.push((self.ruby_path(file, id).to_owned(), DefRef { file, def: owner }));
            }
            at = s.parent;
        }
        for (path, _) in &around {
            let found = self.ruby_within(file, path, name);
            if !found.is_empty() {
                return self.ruby_hits(found);
            }
        }
        if let Some((_, class)) = around.first() {
            let found = self.ruby_inherited_constant(file, *class, name);
            if !found.is_empty() {
                return self.ruby_hits(found);
            }
        }
        let found = self.ruby_within(file, "", name);
        if !found.is_empty() {
            return self.ruby_hits(found);
        }
        Lookup::none(if is_builtin(crate::RUBY, self.world.name(name)) { Cause::Builtin } else { Cause::UnitAbsent })
    }

    /// A constant of what a class is derived from.
    fn ruby_inherited_constant(&mut self, file: u32, class: DefRef, name: GlobalNameId) -> Vec<DefRef> {
        for base in self.ruby_line(class) {
            let path = self.ruby_class_path(base).to_owned();
            let found = self.ruby_within(file, &path, name);
            if !found.is_empty() {
                return found;
            }
        }
        Vec::new()
    }

    fn ruby_hits(&self, found: Vec<DefRef>) -> Lookup {
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, Certainty::Proven)).collect(), cause: Cause::NoDefinition }
    }

    /// A variable of the function around, or of one around that where blocks nest.
    fn ruby_variable(&self, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        while let Some(id) = at {
            let bound = self.world.bindings(file, id, name).find_map(|b| if let Binding::Def(def) = b { Some(DefRef { file, def }) } else { None });
            if let Some(found) = bound.filter(|s| matches!(self.world.def(*s).kind, Kind::Variable | Kind::Parameter)) {
                return self.ruby_hits(vec![found]);
            }
            let s = facts.scope(id);
            if s.kind == ScopeKind::Type || s.kind == ScopeKind::Function && s.owner.is_some() {
                break;
            }
            at = s.parent;
        }
        Lookup::none(Cause::NoDefinition)
    }

    /// What stands outside of all classes.
    fn ruby_outermost(&self, name: GlobalNameId, is_wanted: fn(Kind) -> bool) -> Lookup {
        const MOST: usize = 8;
        let world = self.world;
        let is_it = |s: &&DefRef| world.language(s.file) == crate::RUBY && is_wanted(world.def(**s).kind) && world.def(**s).scope == ScopeId::FILE;
        let found: Vec<DefRef> = world.named(name).iter().filter(is_it).take(MOST + 1).copied().collect();
        if found.is_empty() || found.len() > MOST {
            return Lookup::none(if found.is_empty() { Cause::NoDefinition } else { Cause::TooMany });
        }
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, Certainty::Inferred)).collect(), cause: Cause::Dynamic }
    }

    /// A function of no class, or a method that every object has.
    fn ruby_function(&mut self, name: GlobalNameId) -> Lookup {
        let own = self.ruby_outermost(name, |k| k == Kind::Function);
        if !own.is_empty() {
            return own;
        }
        for root in ["Object", "Kernel"] {
            let found = self.ruby_of_language(root).map(|s| self.ruby_collected(s, name, false)).unwrap_or_default();
            if !found.is_empty() {
                return Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, Certainty::Inferred)).collect(), cause: Cause::NoDefinition };
            }
        }
        Lookup::none(if own.cause == Cause::TooMany { own.cause } else { Cause::NoDefinition })
    }

    /// A class of the language, wherever it is opened.
    fn ruby_of_language(&self, word: &str) -> Option<DefRef> {
        let name = self.world.find_gid(word)?;
        self.ruby_within(u32::MAX, "", name).into_iter().next()
    }

    /// The file that a path of `require` names.
    fn ruby_required(&self, file: u32, module: &str) -> Option<u32> {
        let path = format!("{}.rb", module.trim_start_matches("./"));
        if module.starts_with("./") {
            let own = &self.world.files[file as usize].path;
            let folder = own.rsplit_once('/').map_or("", |f| f.0);
            let whole = compass_index::linking::normalise(&compass_index::linking::join(folder, &path));
            let root = self.world.files[file as usize].root;
            return self.world.files.iter().position(|f| f.root == root && f.path == whole).map(|i| i as u32);
        }
        self.modules.by_suffix(self.world, file, &format!("lib/{path}")).or_else(|| self.modules.by_suffix(self.world, file, &path))
    }

    /// Is it within a class, and not a module, which does not know its bases?
    fn ruby_is_in_class(&self, file: u32, scope: ScopeId) -> bool {
        let facts = self.world.facts(file);
        let mut around = std::iter::successors(Some(scope), |s| facts.scope(*s).parent);
        around.find_map(|s| facts.scope(s).owner.filter(|_| facts.scope(s).kind == ScopeKind::Type)).is_some_and(|o| facts.def(o).kind == Kind::Class)
    }

    fn ruby_flags(&self, s: DefRef) -> Flags {
        self.world.def(s).flags
    }
}
