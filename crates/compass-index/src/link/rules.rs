//! What the names of a language mean: the door through which the linker asks a language's room.
//!
//! The linker knows scopes, imports, members and types of any language; whatever only one of them has is a method here, with what most
//! languages have as its default. A language overrides what it does differently, and nothing of it stands anywhere else.

use crate::link::resolve::evaluate::Evaluator;
use crate::link::resolve::lookup::Namespace;
use crate::link::resolve::uses::usual_namespace;
use crate::link::types::ty::{Entity, Lookup, Meaning, Ty};
use crate::link::world::modules::{Modules, Target};
use crate::link::world::{DefRef, GlobalNameId, World};
use crate::{Cause, FileLinks, SymbolId};
use compass_facts::{Definition, Facts, Flags, Import, ImportId, Kind, Language, NameId, ScopeId, ScopeKind, TypeId, Use, UseId};
use rustc_hash::FxHashSet;
use std::any::Any;
use std::rc::Rc;

/// What a language found out about all files before the first is linked.
pub type Prepared = Box<dyn Any + Send + Sync>;

/// A place where a plain name stands: file and scope, and whether no function or type lies between it and the use.
#[derive(Debug, Clone, Copy)]
pub struct Site {
    /// The file.
    pub file: u32,
    /// The scope.
    pub scope: ScopeId,
    /// Does no function or type lie between it and the use?
    pub direct: bool,
}

/// A function that stands as an argument: of which call, at which position, and which of its parameters is asked for.
#[derive(Debug, Clone, Copy)]
pub struct Handed {
    /// The file of the call.
    pub file: u32,
    /// What is called.
    pub by: TypeId,
    /// Position of the argument.
    pub argument: usize,
    /// Position of the parameter that is asked for.
    pub parameter: usize,
    /// Is it the function's only parameter?
    pub only: bool,
}

/// See the module.
pub trait Rules: Sync {
    // What is known of all files.

    /// What it needs to know of all files: modules, packages, includes.
    fn prepare(&self, _: &World, _: &Modules) -> Option<Prepared> {
        None
    }

    /// Names that are looked up though no file may mention them.
    fn words(&self) -> &'static [&'static str] {
        &[]
    }

    /// Does a name mean the same wherever it stands in a file, apart from what the reader linked?
    fn names_hang_on_file(&self) -> bool {
        false
    }

    /// Names of a file for which that is not so.
    fn names_by_place(&self, _: &Facts) -> FxHashSet<NameId> {
        FxHashSet::default()
    }

    /// Does what a name means hang on the files that its file includes, so that links of one workspace say nothing of another?
    fn hangs_on_includes(&self) -> bool {
        false
    }

    // Plain names.

    /// Which names are asked for a use.
    fn namespace(&self, _: &Evaluator, _file: u32, u: &Use) -> Namespace {
        usual_namespace(u.role)
    }

    /// Is a plain name looked for once for each file, whatever the scope and the namespace?
    fn is_looked_up_by_file(&self) -> bool {
        false
    }

    /// Do functions hide the names of the type around from what is in them?
    fn functions_hide_members(&self) -> bool {
        false
    }

    /// What a plain name means.
    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.outwards(file, scope, name, wanted)
    }

    /// What one scope on the way outwards gives.
    fn in_scope(&self, e: &mut Evaluator, at: Site, name: GlobalNameId, wanted: Namespace) -> Lookup {
        match e.world.facts(at.file).scope(at.scope).kind {
            ScopeKind::Type => Lookup::none(Cause::NoDefinition),
            _ => e.in_one_scope(at, name, wanted),
        }
    }

    /// What a name means that no scope around gives.
    fn beyond_scopes(&self, _: &mut Evaluator, _file: u32, _name: GlobalNameId, _wanted: Namespace, cause: Cause) -> Lookup {
        Lookup::none(cause)
    }

    /// Does only its file see what is private?
    fn private_is_of_file(&self) -> bool {
        false
    }

    /// Of guesses by a name alone, keeps the likely ones.
    fn keep_likely(&self, _: &Evaluator, _file: u32, _found: &mut Vec<(DefRef, Kind, Flags)>) {}

    /// Sorts guesses by how likely each is meant; by nearness if it gives `false`.
    fn rank(&self, _: &Evaluator, _file: u32, _found: &mut [DefRef]) -> bool {
        false
    }

    /// A last guess for a plain name that nothing of its kind has.
    fn beyond_names(&self, _: &mut Evaluator, _file: u32, _u: &Use, _name: GlobalNameId) -> Option<Lookup> {
        None
    }

    // Imports and modules.

    /// The files and modules an import leads to.
    fn targets(&self, _: &mut Evaluator, _file: u32, _id: ImportId) -> Vec<Target> {
        Vec::new()
    }

    /// What the name bound by an import means.
    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        e.follow_targets(file, id)
    }

    /// Can the path of an import only lead to files of the same package?
    fn is_own_path(&self, module: &str) -> bool {
        module.starts_with('.')
    }

    /// Is it an import, and not a way to say something else?
    fn is_import(&self, _: &Import) -> bool {
        true
    }

    /// Is the name of an import that binds nothing looked up all the same?
    fn follows_unbound(&self, _: &Import) -> bool {
        false
    }

    /// A name taken out of a module by an import.
    fn exported(&self, e: &mut Evaluator, from: u32, of: Entity, name: GlobalNameId, _: ImportId) -> Lookup {
        e.entity_member(from, of, name)
    }

    /// A name of a module as `from` sees it, but for what one import gives.
    fn module_member(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
        let found = e.bound(file, scope, name, not);
        if found.is_empty() { e.through_globs(from, file, scope, name) } else { found }
    }

    /// A name behind the name of a module.
    fn behind_module(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        e.module_member(from, file, scope, name)
    }

    /// A name behind the name of a folder of modules.
    fn behind_folder(&self, _: &mut Evaluator, _folder: u32, _name: GlobalNameId) -> Lookup {
        Lookup::none(Cause::NoDefinition)
    }

    /// Where a module that is a file of its own is declared.
    fn declared_at(&self, _: &Evaluator, _file: u32) -> Option<SymbolId> {
        None
    }

    // Members.

    /// What a type has as a thing by itself, apart from what its values have.
    fn side_of_type(&self, _: &mut Evaluator, _from: u32, _type: DefRef, _name: GlobalNameId) -> Option<Lookup> {
        None
    }

    /// A member of a thing that is written beside it.
    fn beside_the_whole(&self, _: &mut Evaluator, _whole: DefRef, _name: GlobalNameId) -> Option<Lookup> {
        None
    }

    /// A member of a value of an absent type that holds others.
    fn through_holder(&self, _: &mut Evaluator, _from: u32, _held: &[Ty], _name: GlobalNameId) -> Option<Lookup> {
        None
    }

    /// All parts of a type that may be written in several; none if this is the only one.
    fn parts(&self, _: &Evaluator, _type: DefRef) -> Vec<DefRef> {
        Vec::new()
    }

    /// Do the names of an enumeration stand in the scope around it?
    fn enumerators_stand_around(&self) -> bool {
        false
    }

    /// May a type have very many methods of one name, to be chosen from later?
    fn has_many_overloads(&self) -> bool {
        false
    }

    /// Are constructors found by name among the members?
    fn constructors_are_members(&self) -> bool {
        true
    }

    /// Is a template known by its arguments alone, though it is declared, as one of a library that is not here?
    fn is_known_by_arguments(&self, _: &Evaluator, _template: DefRef) -> bool {
        false
    }

    /// Does the usual build leave a definition out?
    fn is_left_out(&self, e: &Evaluator, definition: DefRef) -> bool {
        e.world.def(definition).flags.has(Flags::INACTIVE)
    }

    /// Of members that several files write for one type, keeps those of the usual build.
    fn keep_usual(&self, _: &Evaluator, _found: &mut Lookup) {}

    // Uses.

    /// What stands behind a dot.
    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        e.link_member(file, of, u, name)
    }

    /// A key of a literal, pattern or call.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, _: &Use, name: GlobalNameId) -> Lookup {
        e.link_key(file, of, name)
    }

    /// An argument given by name to a type.
    fn key_of_type(&self, e: &mut Evaluator, file: u32, of: &Ty, _type: DefRef, name: GlobalNameId) -> Lookup {
        e.members(file, of, name)
    }

    /// May a value be of a type that overrides what its declared type has, without a word in the code?
    fn members_are_dynamic(&self) -> bool {
        false
    }

    /// Is whatever has the members of a class a value of it, without a word in the code?
    fn is_told_by_members(&self, _: &mut Evaluator, _class: DefRef) -> bool {
        false
    }

    /// Of members of one name, keeps those that the thing before the dot can mean.
    fn keep_side(&self, _: &Evaluator, _owner: &Ty, _found: &mut Lookup) {}

    /// The type of an expression as the rules of the language deal with it: types they know by name may stand there as types of a
    /// package that is not indexed do.
    fn known_by_name(&self, _: &Evaluator, _file: u32, meaning: Meaning) -> Meaning {
        meaning
    }

    /// Of a name that means several types, the one that takes such arguments.
    fn generic_of(&self, _: &Evaluator, template: Ty, _arguments: &[Ty]) -> Ty {
        template
    }

    /// A member nobody has.
    fn without_member(&self, e: &mut Evaluator, file: u32, owner: &Ty, cause: Cause, u: &Use, name: GlobalNameId) -> Lookup {
        e.usual_without_member(file, owner, cause, u, name)
    }

    /// Of what was found for a use, keeps what the arguments choose.
    fn settle(&self, _: &mut Evaluator, _file: u32, _facts: &Facts, _id: UseId, _u: &Use, found: Lookup) -> Lookup {
        found
    }

    /// Does [`Rules::settle`] choose among methods of one name?
    fn settles_overloads(&self) -> bool {
        false
    }

    /// Can a function be called with so many arguments?
    fn takes(&self, function: &Definition, arguments: u8) -> bool {
        function.arity == arguments || function.arity == 255
    }

    /// Is a signature for few of the calls with its number of arguments?
    fn is_narrow(&self, _: &Evaluator, _function: DefRef) -> bool {
        false
    }

    // Types.

    /// Does a variable keep the type of what it was first given?
    fn variables_keep_their_type(&self) -> bool {
        false
    }

    /// What a member of an expression means.
    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        e.usual_member_meaning(file, of, name)
    }

    /// A member of what the language itself brings along, and the receiver as a value of the one type that has it.
    fn member_of_language(&self, _: &mut Evaluator, _file: u32, _owner: &Ty, _name: GlobalNameId) -> Option<(Lookup, Option<Ty>)> {
        None
    }

    /// What a member that nobody has gives: of a type of the language, or of a library that is not here.
    fn passed_on(&self, _: &mut Evaluator, _file: u32, _of: &Ty, _name: GlobalNameId) -> Option<Ty> {
        None
    }

    /// The meaning of a member of a type that is not here.
    fn member_of_absent(&self, _: &mut Evaluator, _file: u32, _owner: &Meaning, _name: GlobalNameId) -> Option<Meaning> {
        None
    }

    /// The meaning of a member of something unknown.
    fn member_of_unknown(&self, _: &mut Evaluator, _file: u32, _name: GlobalNameId, cause: Cause) -> Meaning {
        Meaning::unknown(cause)
    }

    /// What a call gives, where that is not read off what is called.
    fn call(&self, _: &mut Evaluator, _file: u32, _of: TypeId, _arguments: &[TypeId]) -> Option<Meaning> {
        None
    }

    /// Do interfaces name types that whoever implements them fills in?
    fn has_associated_types(&self) -> bool {
        false
    }

    /// The member that a value is called through.
    fn call_member(&self) -> Option<&'static str> {
        None
    }

    /// What going through a value gives, where that is not told by members.
    fn element_of(&self, _: &mut Evaluator, _of: DefRef, _arguments: &Rc<[Ty]>) -> Option<Ty> {
        None
    }

    /// Members that give what going through a value gives, in the order in which they are asked.
    fn element_members(&self) -> &'static [&'static str] {
        &[]
    }

    /// Is an argument of an absent type that names an alias a value of what the alias stands for?
    fn aliases_are_held(&self) -> bool {
        false
    }

    /// What an index into a value gives.
    fn indexed(&self, _: &mut Evaluator, _of: DefRef, _arguments: Rc<[Ty]>) -> Ty {
        Ty::Unknown(Cause::ReceiverUnknown)
    }

    /// What going through a value of an absent type gives.
    fn element_of_absent(&self, e: &mut Evaluator, file: u32, _of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
        arguments.first().map_or(Ty::Unknown(Cause::UnitAbsent), |a| e.held(file, a))
    }

    /// What an index into a value of an absent type gives.
    fn indexed_of_absent(&self, e: &mut Evaluator, file: u32, _of: GlobalNameId, arguments: &Rc<[Ty]>) -> Ty {
        arguments.last().map_or(Ty::Unknown(Cause::UnitAbsent), |a| e.held(file, a))
    }

    /// What a value points to or wraps.
    fn unwrapped(&self, e: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
        match e.alias_target(of, &arguments) {
            Some(inner) => e.unwrapped(of.file, inner),
            None => Ty::Value(of, arguments),
        }
    }

    /// Types whose values hold what will come, by the last of their arguments.
    fn promises(&self) -> &'static [&'static str] {
        &[]
    }

    /// The name and the arguments of a type that the language brings, where its declaration is here.
    fn brought<'t>(&self, _: &Evaluator, _of: &'t Ty) -> Option<(String, &'t Rc<[Ty]>)> {
        None
    }

    /// Is it declared among what comes with the language?
    fn comes_with_language(&self, _: &Evaluator, _type: DefRef) -> bool {
        false
    }

    /// Do the names that the library gives to numbers tell functions of one name apart, whatever number each is?
    fn numbers_keep_their_names(&self) -> bool {
        false
    }

    /// Does an alias with members name a type of its own?
    fn is_type_of_its_own(&self, _: &Definition) -> bool {
        false
    }

    /// What a type that is made like another one is made of.
    fn underlying(&self, _: &mut Evaluator, ty: Ty) -> Ty {
        ty
    }

    /// A template that is not here, as what its arguments make it.
    fn unknown_template(&self, _: &Evaluator, _file: u32, _of: TypeId, _arguments: Rc<[Ty]>) -> Option<Meaning> {
        None
    }

    /// Does `super` mean the one class above, never the interfaces beside it?
    fn super_is_one_class(&self) -> bool {
        false
    }

    /// Does `super` reach what interfaces beside the class have a body for?
    fn super_reaches_interfaces(&self) -> bool {
        false
    }

    /// May a field of a type be a function that is called like its methods?
    fn fields_are_called(&self) -> bool {
        false
    }

    /// Is a value of every type whose members it has?
    fn types_are_structural(&self) -> bool {
        false
    }

    /// Is what has the members of others of their kin?
    fn has_kin(&self, _def: &Definition) -> bool {
        true
    }

    /// Is a parameter of that name the receiver?
    fn is_receiver(&self, _parameter: &str) -> bool {
        false
    }

    /// What a function handed to a member of the language's own types is given.
    fn handed_by_language(&self, _: &mut Evaluator, _: Handed) -> Option<Ty> {
        None
    }

    /// What a function handed to a call is given, where that is not read off what is called.
    fn handed(&self, _: &mut Evaluator, _: Handed) -> Option<Meaning> {
        None
    }

    /// What a function handed to a method is given by the receiver of that method.
    fn handed_by_receiver(&self, _: &mut Evaluator, _: Handed) -> Meaning {
        Meaning::unknown(Cause::ReceiverUnknown)
    }

    /// A parameter of the function that a type stands for, where types that are no functions do.
    fn functional(&self, _: &mut Evaluator, _file: u32, _of: TypeId, _parameter: usize) -> Option<Option<Ty>> {
        None
    }

    /// What is handed to a parameter by its name alone.
    fn handed_by_name(&self, _: &mut Evaluator, _parameter: DefRef) -> Option<Meaning> {
        None
    }

    // Files.

    /// Links of a file beside those of its uses: members that override others, declarations of the same thing.
    fn further_links(&self, _: &mut Evaluator, _file: u32, _out: &mut FileLinks) {}

    /// Relations that nobody wrote down, to types that may stand anywhere.
    fn implied(&self, _: &mut Evaluator, _file: u32, _out: &mut FileLinks) {}

    /// Does a change of a member count as one of its type, for those who have no use of the member?
    fn members_shape_their_type(&self) -> bool {
        true
    }

    /// Does the difference between two states of a file change what all files mean?
    fn changes_for_all(&self, _before: &Facts, _now: &Facts) -> bool {
        false
    }
}

/// What it has of its own: nothing.
struct Usual;

impl Rules for Usual {}

/// The rules of a language, as its room hands them in.
pub struct RulesPart(pub &'static dyn Rules);

/// The rules of a language.
#[inline]
pub fn rules(language: Language) -> &'static dyn Rules {
    let part = language.profile().rules.and_then(|part| part.downcast_ref::<RulesPart>());
    part.map_or(&Usual, |part| part.0)
}

/// The rules of each family of languages once.
pub fn all() -> impl Iterator<Item = &'static dyn Rules> {
    let languages = Language::all();
    let first = |i: usize| languages[..i].iter().all(|l| !l.is_kin_of(languages[i]));
    (0..languages.len()).filter(move |i| first(*i)).map(|i| rules(languages[i]))
}

/// Does a change of a member of a type count for those as well who ask for the type alone?
pub fn members_shape_their_type(language: Language) -> bool {
    rules(language).members_shape_their_type()
}

/// Does the difference between two states of a file change what all files mean by the names it declares?
pub fn changes_for_all(language: Language, before: &Facts, now: &Facts) -> bool {
    rules(language).changes_for_all(before, now)
}

/// See [`Rules::hangs_on_includes`].
pub fn hangs_on_includes(language: Language) -> bool {
    rules(language).hangs_on_includes()
}

/// Can a few changed files be linked with facts that are loaded as they are asked for?
pub fn links_on_demand(language: Language) -> bool {
    rules(language).names_hang_on_file()
}

impl Evaluator<'_, '_> {
    /// The rules of the language a file is in.
    #[inline]
    pub fn rules(&self, file: u32) -> &'static dyn Rules {
        rules(self.world.language(file))
    }
}
