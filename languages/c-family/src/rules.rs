//! Names of C and C++: file scope, includes as visibility, namespaces, members of the class around.
//!
//! Includes rank, they do not wall off: a definition that nobody includes is listed after those that are seen, and of several the ones
//! of the usual configuration (Linux, x86-64) and of the nearest folder come first.

mod choice;
mod includes;
mod namespaces;
mod overloads;
mod platform;
mod scopes;
mod standard;

use crate::rules::choice::Choice as _;
use crate::rules::overloads::Overloads as _;
use crate::rules::platform::Platform;
use crate::rules::scopes::Scopes as _;
use crate::rules::standard::StandardLibrary as _;
use compass_facts::{DefId, Definition, Facts, Import, ImportId, ImportKind, Kind, NameId, Role, ScopeId, TypeId, Use, UseId};
use compass_index::linking::{
    DefRef, Entity, Evaluator, GlobalNameId, Lookup, Meaning, Modules, Namespace, Prepared, Rules, Target, Ty, World, known_to_have_none,
};
use compass_index::{Cause, Certainty, FileLinks};
use easy_ext::ext;
use includes::{Headers, Includes};
use namespaces::Namespaces;
use rustc_hash::{FxHashMap, FxHashSet};
use std::rc::Rc;

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

        fn numbers_keep_their_names(&self) -> bool {
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

        /// What C++ declares nobody means in C, where members are fields.
        fn keep_likely(&self, e: &Evaluator, file: u32, found: &mut Vec<(DefRef, Kind, compass_facts::Flags)>) {
            if e.world.language(file) == crate::C {
                found.retain(|f| e.world.language(f.0.file) == crate::C || !e.world.unit(f.0.file).is_declared() && !f.1.is_callable());
            }
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

    /// Macros that the file defines more than once.
    fn names_by_place(&self, facts: &Facts) -> FxHashSet<NameId> {
        let mut met = FxHashSet::default();
        let macros = facts.definitions.iter().filter(|d| d.kind == Kind::Macro).map(|d| d.name);
        macros.filter(|name| !met.insert(*name)).collect()
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

    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, _: UseId, u: &Use, found: Lookup) -> Lookup {
        e.settle_c(file, facts, u, found)
    }

    fn member_of_absent(&self, e: &mut Evaluator, file: u32, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        first_of_array(owner).map(|first| e.member_of(file, first, name))
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

    fn is_known_by_arguments(&self, e: &Evaluator, template: DefRef) -> bool {
        e.world.unit(template.file).is_declared() && e.world.language(template.file) == crate::CPP
    }

    /// A thing of a library that is not here: its arguments still tell what it holds.
    fn member_of_absent(&self, e: &mut Evaluator, file: u32, owner: &Meaning, name: GlobalNameId) -> Option<Meaning> {
        if let Some(first) = first_of_array(owner) {
            return Some(e.member_of(file, first, name));
        }
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

/// An array stands for a pointer to its first element: `struct state of[1]; of->next`.
fn first_of_array(owner: &Meaning) -> Option<Meaning> {
    let Ty::List(element) = &owner.ty else { return None };
    (!matches!(**element, Ty::List(_))).then(|| Meaning { ty: (**element).clone(), ..owner.clone() })
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

/// Of a name with more definitions than this not all are looked at for functions of headers.
const MOST_OF_HEADERS: usize = 64;

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
        if within.is_some() {
            let found = self.of_headers(name);
            if !found.is_empty() {
                return Some(found);
            }
        }
        let members = self.by_name(file, name, true, false);
        (!members.is_empty() && (within.is_some() || u.role == Role::Pass)).then_some(members)
    }

    /// Functions that headers write out for those who include them: a macro may be put where one of them is seen.
    fn of_headers(&mut self, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let is_it = |t: &(DefRef, Kind, compass_facts::Flags)| {
            t.1 == Kind::Function
                && t.2.has(compass_facts::Flags::PRIVATE)
                && world.language(t.0.file).is_kin_of(crate::C)
                && !scopes::is_source(world, t.0.file)
        };
        let found: Vec<DefRef> = world.told(name, false).take(MOST_OF_HEADERS).filter(is_it).map(|t| t.0).collect();
        let certainty = if found.len() == 1 { Certainty::Inferred } else { Certainty::Guessed };
        Lookup { hits: found.into_iter().map(|s| self.by_name_hit(s, certainty)).collect(), cause: Cause::NoDefinition }
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

    fn c_targets(&self, file: u32, id: ImportId) -> Vec<Target> {
        let facts = self.world.facts(file);
        let import = facts.import(id);
        if import.kind != ImportKind::Include {
            return Vec::new();
        }
        self.c_files().headers.include(self.world, self.modules, file, facts.name(import.module), import.system).into_iter().collect()
    }

    fn without_c_member(&mut self, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        if let Ty::List(element) = owner
            && !matches!(**element, Ty::List(_))
        {
            let mut found = self.members(file, element, name);
            if found.is_empty() {
                return self.without_c_member(file, element, found.cause, u, name);
            }
            // How sure the type of the array is nobody says here.
            found.hits.iter_mut().for_each(|h| h.certainty = h.certainty.min(Certainty::Inferred));
            return found;
        }
        let is_cpp = self.world.language(file) == crate::CPP;
        // A template that is not found may be one that a macro or a build option makes: its members are guessed.
        let is_absent = matches!(owner, Ty::External(..) | Ty::ExternalType(..));
        if is_cpp && self.is_cpp_standard(owner) {
            return self.declared_member(file, owner, name);
        }
        // The types of C itself have no members: it was another one, of a branch that is not followed, say.
        let was_other = !is_cpp && matches!(owner, Ty::Unknown(_) | Ty::Literal(_)) && known_to_have_none(owner, cause) == Some(Cause::Builtin);
        let cause = if was_other { Cause::ReceiverUnknown } else { cause };
        if !(is_cpp && is_absent || was_other)
            && let Some(known) = known_to_have_none(owner, cause)
        {
            return Lookup::none(known);
        }
        if self.is_macro_name(name) {
            // A macro can stand for a member, or for a way to one.
            let mut found = (*self.plain(file, ScopeId::FILE, name, Namespace::Macro)).clone();
            let seen = self.includes(file);
            let world = self.world;
            // One with parameters stands for nothing where it is not called, and one that is not seen for nothing at all.
            // In its own body a macro stands for nothing.
            let is_own = |s: DefRef| s.file == file && u.enclosing == Some(s.def);
            let is_macro = |s: DefRef| world.def(s).kind == Kind::Macro;
            let is_meant =
                |s: DefRef| is_macro(s) && !is_own(s) && (s.file == file || seen.contains(s.file)) && (u.role == Role::Call || world.def(s).arity == 0);
            found.hits.retain(|h| matches!(h.entity, Entity::DefRef(s) if is_meant(s)));
            if !found.is_empty() {
                return found;
            }
        }
        self.guessed_member(file, owner, cause, u, name)
    }

    /// All files a file includes, directly or not.
    fn includes(&self, file: u32) -> Rc<FileSet> {
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
}
