//! Names of C and C++: file scope, includes as visibility, namespaces, members of the class around.
//!
//! Includes rank, they do not wall off: a definition that nobody includes is listed after those that are seen, and of several the ones
//! of the usual configuration (Linux, x86-64) and of the nearest folder come first.

mod includes;
mod namespaces;
mod overloads;
mod standard;

use crate::rules::overloads::Overloads as _;
use crate::rules::standard::StandardLibrary as _;
use compass_facts::{DefId, Definition, Facts, Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, TypeId, Use, UseId};
use compass_index::linking::{
    Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Meaning, Modules, Names, Namespace, Prepared, Reason, Rules, Target, Ty, World, closeness,
    is_builtin, known_to_have_none,
};
use compass_index::{Cause, Certainty, FileLinks, StepKind};
use easy_ext::ext;
use includes::{Headers, Includes};
use namespaces::{NamespaceId, Namespaces};
use rustc_hash::FxHashMap;
use std::rc::Rc;

/// Of a name with more definitions than this only those of the file and of what it includes are looked at.
const MAX_CANDIDATES: usize = 4000;
/// The best of one name are enough: nobody reads on after these.
const MAX_HITS: usize = 40;
/// So many sets of includes are remembered.
const KEPT_SETS: usize = 128;

/// Files by position, as bits.
#[derive(Debug, Clone)]
pub(super) struct FileSet(Vec<u64>);

impl FileSet {
    pub(super) fn contains(&self, file: u32) -> bool {
        self.0.get(file as usize / 64).is_some_and(|w| w & (1 << (file % 64)) != 0)
    }

    fn insert(&mut self, file: u32) -> bool {
        let word = &mut self.0[file as usize / 64];
        let bit = 1 << (file % 64);
        let is_new = *word & bit == 0;
        *word |= bit;
        is_new
    }
}

/// What is known of all files: who includes whom, namespaces, what paths say of systems.
pub(crate) struct CFiles {
    headers: Headers,
    includes: Includes,
    namespaces: Namespaces,
    platforms: Vec<Platform>,
}

impl CFiles {
    /// What the folders of a file say of machines and systems.
    fn platform(&self, world: &World, file: u32) -> Platform {
        self.platforms.get(file as usize).copied().unwrap_or_else(|| Platform::of(&world.files[file as usize].path))
    }
}

/// What one evaluator remembers.
#[derive(Default)]
struct Remembered {
    /// All files that a file includes.
    included: FxHashMap<u32, Rc<FileSet>>,
    /// Which definitions the usual configuration leaves out.
    left_out: FxHashMap<DefRef, (bool, Names)>,
}

fn prepare(world: &World, modules: &Modules) -> Prepared {
    let platforms = if world.is_lazy() { Vec::new() } else { world.files.iter().map(|f| Platform::of(&f.path)).collect() };
    let headers = Headers::new(world);
    Box::new(CFiles { includes: Includes::new(world, modules, &headers), headers, namespaces: Namespaces::new(world), platforms })
}

/// The rules of C.
pub(super) struct C;

/// The rules of C++.
pub(super) struct Cpp;

/// What C and C++ say alike.
macro_rules! of_both {
    () => {
        fn rank(&self, e: &Evaluator, file: u32, found: &mut [DefRef]) -> bool {
            e.rank_c(file, found);
            true
        }

        fn hangs_on_includes(&self) -> bool {
            true
        }

        fn private_is_of_file(&self) -> bool {
            true
        }

        fn beyond_names(&self, e: &mut Evaluator, file: u32, u: &Use, name: GlobalNameId) -> Option<Lookup> {
            e.in_macro(file, u, name)
        }

        fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
            e.c_targets(file, id)
        }

        fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
            e.follow_using(file, id)
        }

        fn is_import(&self, import: &Import) -> bool {
            import.kind == ImportKind::Include
        }

        fn behind_module(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
            e.space_member(from, file, scope, name)
        }

        fn enumerators_stand_around(&self) -> bool {
            true
        }

        fn has_many_overloads(&self) -> bool {
            true
        }

        fn without_member(&self, e: &mut Evaluator, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
            e.without_c_member(file, owner, cause, u, name)
        }

        fn variables_keep_their_type(&self) -> bool {
            true
        }

        fn indexed(&self, _: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
            Ty::Value(of, arguments)
        }

        fn is_left_out(&self, e: &Evaluator, definition: DefRef) -> bool {
            e.is_left_out(definition)
        }
    };
}

impl Rules for C {
    fn prepare(&self, world: &World, modules: &Modules) -> Option<Prepared> {
        Some(prepare(world, modules))
    }

    fn names_hang_on_file(&self) -> bool {
        true
    }

    fn plain(&self, e: &mut Evaluator, file: u32, _: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.plain_c(file, name, wanted)
    }

    fn member_of_unknown(&self, e: &mut Evaluator, file: u32, name: GlobalNameId, cause: Cause) -> Meaning {
        e.member_of_unknown(file, name, cause)
    }

    fn members_shape_their_type(&self) -> bool {
        false
    }

    of_both!();
}

impl Rules for Cpp {
    fn prepare(&self, world: &World, modules: &Modules) -> Option<Prepared> {
        Some(prepare(world, modules))
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.plain_cpp(file, scope, name, wanted)
    }

    fn constructors_are_members(&self) -> bool {
        false
    }

    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        e.settle_cpp(file, facts, id, u, found)
    }

    fn settles_overloads(&self) -> bool {
        true
    }

    fn passed_on(&self, e: &mut Evaluator, file: u32, of: &Ty, name: GlobalNameId) -> Option<Ty> {
        let Ty::External(template, arguments) = of else { return None };
        e.cpp_standard_member(file, of, *template, arguments, e.world.name(name))
    }

    /// A thing of a library that is not here: its arguments still tell what it holds.
    fn member_of_absent(&self, _: &mut Evaluator, _: u32, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        matches!(owner.ty, Ty::ExternalType(..)).then(|| Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner.clone() })
    }

    fn element_of_absent(&self, e: &mut Evaluator, file: u32, of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
        if e.is_cpp_map(of, arguments) {
            return Ty::External(of, arguments.clone());
        }
        arguments.first().map_or(Ty::Unknown(Cause::UnitAbsent), |a| e.held(file, a))
    }

    fn aliases_are_held(&self) -> bool {
        true
    }

    /// A further argument may be how keys are hashed or memory is taken: not what is held.
    fn indexed_of_absent(&self, e: &mut Evaluator, file: u32, of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
        let held = match e.is_cpp_container(of) {
            true if e.is_cpp_map(of, arguments) => arguments.get(1),
            true => arguments.first(),
            false => arguments.last(),
        };
        held.map_or(Ty::Unknown(Cause::UnitAbsent), |a| e.held(file, a))
    }

    /// What `*` or `->` gives: what its operator says, or the value itself, since pointers are not told apart.
    fn unwrapped(&self, e: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
        e.pointed(of, arguments)
    }

    fn unknown_template(&self, e: &Evaluator, file: u32, of: TypeId, arguments: Rc<[Ty]>) -> Option<Meaning> {
        e.cpp_unknown_template(file, of, arguments)
    }

    /// Members that replace a virtual one of a base.
    fn further_links(&self, e: &mut Evaluator, file: u32, out: &mut FileLinks) {
        link_overrides(e, file, out);
    }

    of_both!();
}

/// Members that replace a virtual one of a base, in C++.
fn link_overrides(evaluator: &mut Evaluator, index: u32, out: &mut FileLinks) {
    let world = evaluator.world;
    let facts = world.facts(index);
    let classes: FxHashMap<ScopeId, DefId> = facts.bases.iter().filter_map(|b| Some((facts.def(b.0).inner?, b.0))).collect();
    let members = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Method);
    for (i, member) in members {
        let Some(class) = classes.get(&member.scope) else { continue };
        let name = world.gid(index, member.name);
        let own = world.symbol(DefRef { file: index, def: DefId(i as u32) });
        for base in evaluator.bases(DefRef { file: index, def: *class }).iter() {
            let found = evaluator.members(index, base, name);
            let replaced = found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
            let replaced = replaced.filter(|s| world.def(*s).arity == member.arity && world.def(*s).kind == Kind::Method);
            out.bases.extend(replaced.map(|s| (world.symbol(s), own, Certainty::Proven)));
        }
    }
}

#[ext(CNames)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn c_files(&self) -> &'m CFiles {
        self.modules.of()
    }

    fn is_macro_name(&self, name: GlobalNameId) -> bool {
        self.world.named(name).iter().any(|s| self.world.def(*s).kind == Kind::Macro && self.world.language(s.file).is_kin_of(crate::C))
    }

    /// A name in the body of a macro may be a variable of the functions that use it, or a member of what it is put behind.
    fn in_macro(&mut self, file: u32, u: &Use, name: GlobalNameId) -> Option<Lookup> {
        let facts = self.world.facts(file);
        let within = u.enclosing.filter(|d| facts.def(*d).kind == Kind::Macro);
        if let Some(of) = within {
            let same = |d: &Definition| d.name == u.name && d.is_inner() && d.container.is_some_and(|c| facts.def(c).kind != Kind::Macro);
            let locals: Vec<u32> = facts.definitions.iter().enumerate().skip(self.first_local(file)).filter(|(_, d)| same(d)).map(|(i, _)| i as u32).collect();
            // Headers with thousands of macros have no variables of functions: their uses are not gone through.
            let macro_name = facts.def(of).name;
            let users: Vec<DefId> = match locals.is_empty() {
                true => Vec::new(),
                false => facts.uses.iter().filter(|o| o.name == macro_name).filter_map(|o| o.enclosing).collect(),
            };
            let used = locals.iter().find(|i| facts.definitions[**i as usize].container.is_some_and(|c| users.contains(&c))).or(locals.first());
            if let Some(def) = used {
                let hit = self.by_name_hit(DefRef { file, def: DefId(*def) }, Certainty::Guessed);
                return Some(Lookup { hits: vec![hit], cause: Cause::NoDefinition });
            }
        }
        let members = self.by_name(file, name, true, false);
        (!members.is_empty() && (within.is_some() || u.role == Role::Pass)).then_some(members)
    }

    /// Where variables of functions begin among the definitions of a file: in C they stand behind all that others ask for.
    fn first_local(&self, file: u32) -> usize {
        if self.world.language(file) == crate::C { self.world.facts(file).outer_count() } else { 0 }
    }

    /// A member of something unknown: what the few fields of that name are, if they agree on it.
    fn member_of_unknown(&mut self, file: u32, name: GlobalNameId, cause: Cause) -> Meaning {
        let guess = self.by_name(file, name, true, false);
        if guess.is_empty() || guess.hits.len() > 4 {
            return Meaning::unknown(cause);
        }
        let meaning = self.meaning_of(&guess, name);
        match meaning.ty {
            Ty::Union(_) => Meaning::unknown(cause),
            _ => Meaning { certainty: Certainty::Guessed, ..meaning },
        }
    }

    fn c_targets(&mut self, file: u32, id: ImportId) -> Vec<Target> {
        let facts = self.world.facts(file);
        let import = facts.import(id);
        if import.kind != ImportKind::Include {
            return Vec::new();
        }
        self.c_files().headers.include(self.world, self.modules, file, facts.name(import.module), import.system).into_iter().collect()
    }

    fn without_c_member(&mut self, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        let is_cpp = self.world.language(file) == crate::CPP;
        // A template that is not found may be one that a macro or a build option makes: its members are guessed.
        let is_absent = matches!(owner, Ty::External(..) | Ty::ExternalType(..));
        if is_cpp && self.is_cpp_standard(owner) {
            return Lookup::none(Cause::Builtin);
        }
        if !(is_cpp && is_absent)
            && let Some(known) = known_to_have_none(owner, cause)
        {
            return Lookup::none(known);
        }
        if self.is_macro_name(name) {
            // A macro can stand for a member, or for a way to one.
            let found = (*self.plain(file, ScopeId::FILE, name, Namespace::Macro)).clone();
            return if found.is_empty() { Lookup::none(cause) } else { found };
        }
        self.guessed_member(file, cause, u, name)
    }

    /// All files a file includes, directly or not.
    fn includes(&mut self, file: u32) -> Rc<FileSet> {
        if let Some(known) = self.own(|r: &mut Remembered| r.included.get(&file).cloned()) {
            return known;
        }
        let includes = &self.c_files().includes;
        let mut seen = FileSet(vec![0; self.world.files.len().div_ceil(64)]);
        let mut open = vec![file];
        while let Some(at) = open.pop() {
            for f in includes.included(at) {
                if seen.insert(*f) {
                    open.push(*f);
                }
            }
        }
        let seen = Rc::new(seen);
        self.own(|r: &mut Remembered| {
            if r.included.len() >= KEPT_SETS {
                r.included.clear();
            }
            r.included.insert(file, seen.clone());
        });
        seen
    }

    fn fits(&self, kind: Kind, wanted: Namespace, cpp: bool) -> bool {
        let is_tag = matches!(kind, Kind::Struct | Kind::Union | Kind::Enum) && !cpp;
        match wanted {
            Namespace::Tag => matches!(kind, Kind::Struct | Kind::Union | Kind::Enum | Kind::Class),
            Namespace::Type => kind.is_type() && !is_tag || matches!(kind, Kind::Macro | Kind::Module),
            Namespace::Value => !is_tag && (cpp || kind != Kind::Alias),
            Namespace::Macro => kind == Kind::Macro,
            Namespace::Any | Namespace::Method => !is_tag,
        }
    }

    /// C: the file itself, what it includes, then any definition with external linkage, nearest first.
    fn plain_c(&mut self, file: u32, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let found = self.in_space(file, NamespaceId::GLOBAL, name, wanted);
        if found.is_empty() && wanted != Namespace::Any && !matches!(wanted, Namespace::Macro | Namespace::Tag) {
            // A macro may stand for a type, a typedef may be called as a function-like cast.
            let other = if wanted == Namespace::Type { Namespace::Tag } else { Namespace::Any };
            return (*self.plain(file, ScopeId::FILE, name, other)).clone();
        }
        found
    }

    /// C++: scopes outwards; classes with their bases, namespaces with all the files that open them.
    fn plain_cpp(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let facts = self.world.facts(file);
        let mut at = Some(scope);
        let mut cause = Cause::NoDefinition;
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = match s.kind {
                ScopeKind::Type => self.in_class_scope(file, id, name, wanted),
                ScopeKind::Module | ScopeKind::File => {
                    let space = self.c_files().namespaces.of(file, id).map_or(NamespaceId::GLOBAL, |s| s.0);
                    self.in_space_with_using(file, space, name, wanted)
                }
                _ => self.in_function_scope(file, id, name, wanted),
            };
            if !found.is_empty() {
                return found;
            }
            if found.cause != Cause::NoDefinition {
                cause = found.cause;
            }
            at = s.parent;
        }
        if wanted == Namespace::Type || wanted == Namespace::Value {
            let any = (*self.plain(file, scope, name, Namespace::Any)).clone();
            if !any.is_empty() {
                return any;
            }
        }
        if cause == Cause::NoDefinition && is_builtin(crate::CPP, self.world.name(name)) {
            cause = Cause::Builtin;
        }
        Lookup::none(cause)
    }

    /// `using` inside a function; what is defined there was linked by the reader.
    fn in_function_scope(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let world = self.world;
        let imports: Vec<ImportId> = world.bindings(file, scope, name).filter_map(|b| if let Binding::Import(i) = b { Some(i) } else { None }).collect();
        for id in imports {
            let found = self.follow(file, id);
            if !found.is_empty() {
                return found;
            }
        }
        let globs: Vec<ImportId> = world.globs(file).iter().filter(|g| g.0 == scope).map(|g| g.1).collect();
        for id in globs {
            if let Some(space) = self.named_space(file, id) {
                let found = self.in_space_with_using(file, space, name, wanted);
                if !found.is_empty() {
                    return found;
                }
            }
        }
        Lookup::none(Cause::NoDefinition)
    }

    fn in_class_scope(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let own = self.own_type(file, scope);
        match own.ty {
            Ty::Item(sym, ..) => {
                let mut found = self.members(file, &own.ty, name);
                found.hits.retain(|h| {
                    matches!(h.entity, Entity::DefRef(s) if self.fits(self.world.def(s).kind, wanted, true)) || !matches!(h.entity, Entity::DefRef(_))
                });
                if !found.is_empty() {
                    for hit in &mut found.hits {
                        hit.certainty = hit.certainty.min(own.certainty);
                    }
                    return found;
                }
                let d = self.world.def(sym);
                // The class's own name, seen from within.
                if self.world.gid(sym.file, d.name) == name && self.fits(d.kind, wanted, true) {
                    return Lookup { hits: vec![self.seen_hit(file, sym, Certainty::Proven, StepKind::Scope)], cause: Cause::NoDefinition };
                }
                // What is written out of its class sees what stands around the class.
                let elsewhere = self.world.facts(file).scope(scope).owner.is_none();
                if elsewhere && (sym.file, d.scope) != (file, scope) {
                    let around = self.around_class(file, sym.file, d.scope, name, wanted);
                    if !around.is_empty() {
                        return around;
                    }
                    return (*self.plain(sym.file, d.scope, name, wanted)).clone();
                }
                Lookup::none(Cause::NoDefinition)
            }
            Ty::Module(Entity::Module(f, s)) => match self.c_files().namespaces.of(f, s) {
                Some((space, _)) => self.in_space_with_using(file, space, name, wanted),
                None => Lookup::none(Cause::NoDefinition),
            },
            _ => Lookup::none(Cause::NoDefinition),
        }
    }

    /// What stands around a class, as a file sees it that writes members of the class out of it: classes and namespaces outwards.
    fn around_class(&mut self, file: u32, class_file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = self.world.facts(class_file).scope(id);
            let found = match s.kind {
                ScopeKind::Type => self.in_class_scope(class_file, id, name, wanted),
                ScopeKind::Module | ScopeKind::File => {
                    let space = self.c_files().namespaces.of(class_file, id).map_or(NamespaceId::GLOBAL, |s| s.0);
                    self.in_space_with_using(file, space, name, wanted)
                }
                _ => Lookup::none(Cause::NoDefinition),
            };
            if !found.is_empty() {
                return found;
            }
            at = s.parent;
        }
        Lookup::none(Cause::NoDefinition)
    }

    /// A name of a namespace, also by what it brings in.
    fn in_space_with_using(&mut self, file: u32, space: NamespaceId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let found = self.in_space(file, space, name, wanted);
        if !found.is_empty() {
            return found;
        }
        let mut out = found;
        if let Some(declared) = self.c_files().namespaces.declarations.get(&(space, name)) {
            let seen = self.includes(file);
            for (f, id) in declared.iter().filter(|(f, _)| *f == file || seen.contains(*f)) {
                let found = self.follow(*f, *id);
                if !found.is_empty() {
                    return found;
                }
                out.cause = if found.cause == Cause::NoDefinition { out.cause } else { found.cause };
            }
        }
        let Some(directives) = self.c_files().namespaces.directives.get(&space) else { return out };
        // Namespaces count down from the last number: no file has one of these.
        if self.chain >= 12 || !self.globbing.insert((u32::MAX - space.0, ScopeId::FILE, name)) {
            self.cut();
            return out;
        }
        self.chain += 1;
        let seen = self.includes(file);
        for (f, id) in directives.iter().filter(|(f, _)| *f == file || seen.contains(*f)) {
            match self.named_space(*f, *id) {
                Some(other) if other != space => {
                    let found = self.in_space_with_using(file, other, name, wanted);
                    if !found.is_empty() {
                        out = found;
                        break;
                    }
                }
                _ => {}
            }
        }
        self.chain -= 1;
        self.globbing.remove(&(u32::MAX - space.0, ScopeId::FILE, name));
        out
    }

    /// The namespace that a `using namespace` names.
    fn named_space(&mut self, file: u32, id: ImportId) -> Option<NamespaceId> {
        let found = self.follow(file, id);
        found.hits.iter().find_map(|h| match h.entity {
            Entity::Module(f, s) => self.c_files().namespaces.of(f, s).map(|s| s.0),
            _ => None,
        })
    }

    /// What a `using` of C++ names: its expression stands among the exports.
    fn follow_using(&mut self, file: u32, id: ImportId) -> Lookup {
        let Some(key) = self.world.find_gid(&format!("#{}", id.0)) else { return Lookup::none(Cause::NoDefinition) };
        let Some(what) = self.world.export(file, key) else { return Lookup::none(Cause::NoDefinition) };
        let import = self.world.facts(file).import(id);
        let meaning = self.evaluate(file, what);
        let mut found = match &meaning.ty {
            Ty::Unknown(cause) => Lookup::none(*cause),
            ty => self.as_lookup(ty, meaning.certainty),
        };
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        for hit in &mut found.hits {
            hit.reasons.insert(0, reason);
        }
        found
    }

    /// A name of the namespace that a scope of a file belongs to; of a file as a whole the global one.
    fn space_member(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let Some((space, _)) = self.c_files().namespaces.of(file, scope) else { return Lookup::none(Cause::NoDefinition) };
        let found = self.in_space_with_using(from, space, name, Namespace::Any);
        if !found.is_empty() {
            return found;
        }
        // Macros may have opened the namespace: a single thing of that name outside all classes is likely it.
        let all: Vec<DefRef> = self
            .world
            .named(name)
            .iter()
            .copied()
            .filter(|s| self.world.language(s.file).is_kin_of(crate::C) && self.world.def(*s).kind != Kind::Macro)
            .collect();
        if all.is_empty() || all.len() > 40 {
            return found;
        }
        let found = self.choose_c(from, all);
        Lookup { hits: found.hits.into_iter().map(|h| Hit { certainty: h.certainty.min(Certainty::Guessed), ..h }).collect(), cause: Cause::NoDefinition }
    }

    /// The definitions of a name in a namespace, best first.
    fn in_space(&mut self, file: u32, space: NamespaceId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        let world = self.world;
        let cpp = world.language(file) == crate::CPP;
        let count = world.named(name).len();
        let mut candidates: Vec<(DefRef, Flags)> = Vec::new();
        let near = (count > MAX_CANDIDATES).then(|| self.includes(file));
        for (sym, kind, flags) in world.told(name, false) {
            if near.as_ref().is_some_and(|seen| sym.file != file && !seen.contains(sym.file)) {
                continue;
            }
            if !world.language(sym.file).is_kin_of(crate::C) || !self.fits(kind, wanted, cpp) {
                continue;
            }
            // What is no member stands in the file itself, in C.
            let scope = if world.language(sym.file) == crate::C { ScopeId::FILE } else { world.def(sym).scope };
            let (of, hidden) = match scope {
                ScopeId::FILE => (NamespaceId::GLOBAL, false),
                scope => match self.c_files().namespaces.of(sym.file, scope) {
                    Some(found) => found,
                    // Members of a namespace that are written out of it, and what stands in functions.
                    None => continue,
                },
            };
            if of == space && (!hidden || sym.file == file) || kind == Kind::Macro && cpp {
                candidates.push((sym, flags));
            }
        }
        // What only its file knows, unless it is included.
        if candidates.iter().any(|(s, flags)| s.file != file && flags.has(Flags::PRIVATE)) {
            let seen = self.includes(file);
            candidates.retain(|(s, flags)| s.file == file || !flags.has(Flags::PRIVATE) || seen.contains(s.file) || self.includes_back(s.file, file));
        }
        if !cpp && candidates.len() > 1 {
            // Where all that is seen is whole, what nobody here includes is something else of that name.
            let seen = self.includes(file);
            let is_seen = |s: &DefRef| s.file == file || seen.contains(s.file);
            let mut whole = candidates.iter().filter(|c| is_seen(&c.0)).map(|c| !c.1.has(Flags::BODILESS)).peekable();
            if whole.peek().is_some() && whole.all(|w| w) {
                candidates.retain(|c| is_seen(&c.0));
            }
        }
        let candidates: Vec<DefRef> = candidates.into_iter().map(|c| c.0).collect();
        if candidates.is_empty() {
            let cause = if is_builtin(crate::C, world.name(name)) { Cause::Builtin } else { Cause::NoDefinition };
            return Lookup::none(cause);
        }
        self.choose_c(file, candidates)
    }

    /// Is `file` put into `by`, so that the two are one unit: `#include "part.c"`?
    fn includes_back(&mut self, by: u32, file: u32) -> bool {
        // A header of many is no part of one.
        let includes = &self.c_files().includes;
        let by_few = includes.includers(file);
        by_few.len() <= 4 && by_few.iter().any(|f| *f == by || includes.includers(*f).len() <= 4 && includes.includers(*f).contains(&by))
    }

    /// Sorts candidates: seen before unseen, bodies before prototypes of the same thing, compiled before left out, near before far.
    fn choose_c(&mut self, file: u32, candidates: Vec<DefRef>) -> Lookup {
        let world = self.world;
        let seen = self.includes(file);
        let mut groups: Vec<(u64, Vec<DefRef>)> = Vec::new();
        for sym in candidates {
            let key = group_key(world.def(sym));
            match groups.iter_mut().find(|g| g.0 == key) {
                Some(group) => group.1.push(sym),
                None => groups.push((key, vec![sym])),
            }
        }
        let mut hits: Vec<(bool, Hit)> = Vec::new();
        for (_, group) in groups {
            hits.extend(self.choose_entity(file, group, &|f| f == file || seen.contains(f)));
        }
        // Namespaces are one thing, however often they are opened.
        let mut met_module = false;
        hits.retain(|(_, h)| match h.entity {
            Entity::Module(..) => !std::mem::replace(&mut met_module, true),
            _ => true,
        });
        if hits.iter().any(|h| h.0) && hits.len() > 1 {
            hits.retain(|h| h.0);
        }
        Lookup { hits: hits.into_iter().map(|h| h.1).collect(), cause: Cause::NoDefinition }
    }

    /// One entity with its declarations and bodies: which are meant, and is anything of it seen?
    fn choose_entity(&mut self, file: u32, group: Vec<DefRef>, is_seen: &dyn Fn(u32) -> bool) -> Vec<(bool, Hit)> {
        let (out, force): (Vec<DefRef>, Vec<DefRef>) = group.iter().copied().partition(|s| self.is_left_out(*s));
        if force.is_empty() || out.is_empty() {
            return self.choose_among(file, group, is_seen);
        }
        let mut hits = self.choose_among(file, force, is_seen);
        // What another system compiles is no answer here; what a setting leaves out may be one.
        let mut other: Vec<DefRef> = out.into_iter().filter(|s| !self.world.def(*s).flags.has(Flags::INACTIVE) && is_seen(s.file)).collect();
        let bodied = other.iter().any(|s| !self.world.def(*s).flags.has(Flags::BODILESS));
        other.retain(|s| !bodied || !self.world.def(*s).flags.has(Flags::BODILESS));
        if other.is_empty() || hits.is_empty() {
            return hits;
        }
        self.rank_c(file, &mut other);
        for (_, hit) in &mut hits {
            hit.certainty = hit.certainty.min(Certainty::Inferred);
        }
        let certainty = hits[0].1.certainty;
        hits.extend(other.into_iter().take(3).map(|s| (true, self.seen_hit(file, s, certainty, StepKind::Include))));
        hits
    }

    fn choose_among(&mut self, file: u32, group: Vec<DefRef>, is_seen: &dyn Fn(u32) -> bool) -> Vec<(bool, Hit)> {
        let world = self.world;
        let has_body = |s: &DefRef| !world.def(*s).flags.has(Flags::BODILESS);
        let visible: Vec<DefRef> = group.iter().copied().filter(|s| is_seen(s.file)).collect();
        let seen_bodies: Vec<DefRef> = visible.iter().copied().filter(has_body).collect();
        let all_bodies: Vec<DefRef> = group.iter().copied().filter(has_body).collect();
        let (mut chosen, was_seen) = match (seen_bodies.is_empty(), all_bodies.is_empty()) {
            (false, _) => (seen_bodies, true),
            (true, false) => (all_bodies, !visible.is_empty()),
            (true, true) if visible.is_empty() => (group, false),
            (true, true) => (visible, true),
        };
        self.rank_c(file, &mut chosen);
        let certainty = match (chosen.len(), was_seen) {
            (1, true) => Certainty::Proven,
            (1, false) | (_, true) => Certainty::Inferred,
            _ => Certainty::Guessed,
        };
        let kind = if was_seen { StepKind::Include } else { StepKind::ByName };
        chosen.into_iter().take(MAX_HITS).map(|s| (was_seen, self.seen_hit(file, s, certainty, kind))).collect()
    }

    fn seen_hit(&self, file: u32, sym: DefRef, certainty: Certainty, kind: StepKind) -> Hit {
        let d = self.world.def(sym);
        let kind = if sym.file == file { StepKind::Scope } else { kind };
        let reason = Reason { kind, file: sym.file, def: Some(sym.def), at: d.name_span.start, len: d.name_span.len() };
        let entity = match (d.kind, d.inner) {
            (Kind::Module, Some(scope)) => Entity::Module(sym.file, scope),
            _ => Entity::DefRef(sym),
        };
        Hit { entity, certainty, reasons: vec![reason] }
    }

    /// Does the usual configuration leave the definition out?
    fn is_left_out(&self, sym: DefRef) -> bool {
        if self.world.facts(sym.file).conditions.is_empty() {
            return self.world.def(sym).flags.has(Flags::INACTIVE);
        }
        if let Some((known, names)) = self.own(|r: &mut Remembered| r.left_out.get(&sym).cloned()) {
            self.world.dependency_log.again(&names);
            return known;
        }
        let start = self.world.dependency_log.begin();
        let found = self.is_left_out_within(sym, 0);
        let names = self.world.dependency_log.since(start);
        self.own(|r: &mut Remembered| r.left_out.insert(sym, (found, names)));
        found
    }

    fn is_left_out_within(&self, sym: DefRef, depth: u32) -> bool {
        let world = self.world;
        let d = world.def(sym);
        if d.flags.has(Flags::INACTIVE) {
            return true;
        }
        let facts = world.facts(sym.file);
        let at = d.name_span.start;
        facts.conditions.iter().take_while(|c| c.span.start <= at).filter(|c| c.span.contains(at)).any(|c| {
            let name = world.gid(sym.file, c.name);
            match self.is_set(sym.file, name, at, depth) {
                Some(defined) => defined != c.defined,
                None => false,
            }
        })
    }

    /// Is a macro defined when a file is compiled? `None` if that depends on more than can be told.
    fn is_set(&self, file: u32, name: GlobalNameId, at: u32, depth: u32) -> Option<bool> {
        let world = self.world;
        let word = world.name(name);
        // What the build defines is set; settings of a build that nobody made are taken as set.
        if world.defined.contains(&name) || word.starts_with("CONFIG_") {
            return Some(true);
        }
        let mut maybe = false;
        for (sym, kind, flags) in world.told(name, false).take(64) {
            if kind != Kind::Macro || flags.has(Flags::INACTIVE) || !world.language(sym.file).is_kin_of(crate::C) {
                continue;
            }
            let d = world.def(sym);
            let place = d.name_span.start;
            let conditional = world.facts(sym.file).conditions.iter().any(|c| c.span.contains(place));
            // Behind the place it says nothing of the place.
            if !conditional && (sym.file != file || place < at) {
                return Some(true);
            }
            maybe |= (sym.file != file || place < at) && !(depth < 3 && conditional && self.is_left_out_within(sym, depth + 1));
        }
        if maybe { None } else { Some(world.is_feature(name)) }
    }

    /// Sorts by how likely each is meant from the file.
    fn rank_c(&self, file: u32, found: &mut [DefRef]) {
        if found.len() < 2 {
            return;
        }
        let world = self.world;
        let files = self.c_files();
        let from = files.platform(world, file);
        found.sort_by_cached_key(|s| {
            let d = world.def(*s);
            let near = closeness(world, file, s.file);
            (
                self.is_left_out(*s),
                d.flags.has(Flags::SPECIAL),
                d.flags.has(Flags::BODILESS),
                d.kind != Kind::Alias && d.kind.is_type() || d.kind == Kind::Variable && d.body.is_none(),
                s.file != file,
                files.platform(world, s.file).rank_from(from),
                std::cmp::Reverse(near),
                *s,
            )
        });
    }
}

/// What the folders of a path say of machines and systems.
#[derive(Debug, Clone, Copy, Default)]
pub(super) struct Platform {
    /// Those other than the usual ones, as bits.
    others: u64,
    usual: bool,
}

impl Platform {
    pub(super) fn of(path: &str) -> Platform {
        const OTHERS: [&str; 44] = [
            "alpha",
            "arc",
            "arm",
            "arm64",
            "aarch64",
            "csky",
            "hexagon",
            "ia64",
            "loongarch",
            "m68k",
            "microblaze",
            "mips",
            "nios2",
            "openrisc",
            "parisc",
            "powerpc",
            "ppc",
            "ppc64",
            "riscv",
            "s390",
            "sh",
            "sparc",
            "um",
            "xtensa",
            "win32",
            "windows",
            "win",
            "msdos",
            "dos",
            "os2",
            "macos",
            "darwin",
            "mac",
            "osx",
            "vms",
            "amiga",
            "beos",
            "haiku",
            "qnx",
            "freebsd",
            "netbsd",
            "openbsd",
            "solaris",
            "wince",
        ];
        const USUAL: [&str; 6] = ["x86", "x86_64", "linux", "unix", "posix", "generic"];
        let mut out = Platform::default();
        for part in path.split('/') {
            if let Some(bit) = OTHERS.iter().position(|o| *o == part) {
                out.others |= 1 << bit;
            }
            out.usual |= USUAL.contains(&part);
        }
        out
    }

    /// Folders of other machines and systems rank behind, unless the one who asks stands in one of the same.
    fn rank_from(self, from: Platform) -> u8 {
        if self.others & !from.others != 0 { 2 } else { u8::from(!self.usual && self.others & from.others == 0) }
    }
}

/// Declarations and bodies of one entity share a key.
fn group_key(def: &Definition) -> u64 {
    // A macro, a typedef and a function of one name compete: one of them is in force.
    u64::from(def.signature) << 8 | u64::from(def.kind == Kind::Module)
}
