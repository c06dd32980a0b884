//! JavaScript and TypeScript: modules by paths and packages, what files export as a whole, what is declared for all, declaration files.

mod declaration_files;
mod globals;
mod packages;

pub(crate) use globals::is_module;

use crate::rules::declaration_files::Declared as _;
use crate::rules::globals::GlobalNames as _;
use compass_facts::{Definition, Export, Facts, Flags, ImportId, Kind, Literal, ScopeId, ScopeKind, TypeExpr};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, Modules, Namespace, Prepared, Rules, Site, Target, Ty, World};
use compass_index::{Cause, Certainty, FileLinks};
use declaration_files::{DeclarationFiles, is_header};
use easy_ext::ext;
use globals::Globals;
use packages::ScriptPackages;
use std::rc::Rc;

/// See the module.
pub(super) struct Script;

/// What is known of all files.
pub(crate) struct ScriptFiles {
    packages: ScriptPackages,
    /// Declaration files.
    headers: DeclarationFiles,
    /// What is declared for all.
    globals: Globals,
}

/// What is called for each element.
const EACH: [&str; 9] = ["map", "forEach", "filter", "find", "some", "every", "findIndex", "flatMap", "findLast"];

impl Rules for Script {
    fn prepare(&self, world: &World, all: &Modules) -> Option<Prepared> {
        let is_lazy = world.is_lazy();
        Some(Box::new(ScriptFiles {
            packages: if is_lazy { ScriptPackages::default() } else { ScriptPackages::new(world, all) },
            headers: if is_lazy { DeclarationFiles::default() } else { DeclarationFiles::new(world) },
            globals: if is_lazy { Globals::default() } else { Globals::new(world) },
        }))
    }

    fn words(&self) -> &'static [&'static str] {
        &globals::STANDING
    }

    fn in_scope(&self, e: &mut Evaluator, at: Site, name: GlobalNameId, wanted: Namespace) -> Lookup {
        if e.script_files().globals.has(at.file, at.scope) {
            // What others declare for all counts here as well: the other parts of one thing.
            let found = e.global(at.file, name, wanted);
            if !found.is_empty() {
                return found;
            }
        }
        // Members are reached through `this` alone.
        if e.world.facts(at.file).scope(at.scope).kind == ScopeKind::Type {
            return Lookup::none(Cause::NoDefinition);
        }
        // `exports.a = …` puts no `a` into the scope: an `a` that a script brings in from elsewhere is that one.
        e.in_one_scope_absent_first(at, name, wanted)
    }

    fn beyond_scopes(&self, e: &mut Evaluator, file: u32, name: GlobalNameId, wanted: Namespace, cause: Cause) -> Lookup {
        let found = if cause == Cause::NoDefinition { e.global(file, name, wanted) } else { Lookup::none(cause) };
        if found.is_empty() { Lookup::none(cause) } else { found }
    }

    fn keep_likely(&self, e: &Evaluator, file: u32, found: &mut Vec<(DefRef, Kind, Flags)>) {
        e.keep_likely(file, found);
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        let module = facts.name(import.module);
        let packages = &e.script_files().packages;
        match packages.find(e.world, file, module, import.system) {
            Some(found) => vec![found],
            None => packages.ambient(module),
        }
    }

    fn exported(&self, e: &mut Evaluator, from: u32, of: Entity, name: GlobalNameId, _: ImportId) -> Lookup {
        e.script_exported(from, of, name)
    }

    fn module_member(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
        e.script_module_member(from, file, scope, name, not)
    }

    fn behind_module(&self, e: &mut Evaluator, from: u32, file: u32, scope: ScopeId, name: GlobalNameId) -> Lookup {
        let before = e.cuts;
        let found = e.module_member(from, file, scope, name);
        if !found.is_empty() {
            return found;
        }
        if scope == ScopeId::FILE || is_header(&e.world.files[file as usize].path) {
            // `export = name`: what is behind the name is behind the module.
            let behind = e.whole_of(file, scope).map(|whole| e.member_of_hits(from, whole, name));
            match behind {
                Some(behind) if scope != ScopeId::FILE || !behind.is_empty() => return behind,
                _ => {}
            }
        }
        if e.cuts == before { e.in_header(from, file, name).unwrap_or(found) } else { found }
    }

    fn side_of_type(&self, e: &mut Evaluator, from: u32, of: DefRef, name: GlobalNameId) -> Option<Lookup> {
        e.static_side(from, of, name)
    }

    /// `module.exports = f; module.exports.a = …`: what is exported beside the whole is a member of it.
    fn beside_the_whole(&self, e: &mut Evaluator, whole: DefRef, name: GlobalNameId) -> Option<Lookup> {
        let equals = e.world.find_gid("=")?;
        if e.world.export(whole.file, equals).is_none() || e.world.def(whole).scope != ScopeId::FILE {
            return None;
        }
        e.find_export(e.world.name(name), whole.file).filter(|l| !l.is_empty())
    }

    fn parts(&self, e: &Evaluator, of: DefRef) -> Vec<DefRef> {
        e.parts_of_interface(of)
    }

    /// Members of a class itself and of its values may have one name: what stands before the dot says which side is meant.
    fn keep_side(&self, e: &Evaluator, owner: &Ty, found: &mut Lookup) {
        let wanted = match owner {
            Ty::Item(..) => true,
            Ty::Value(..) => false,
            _ => return,
        };
        let is_static = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if e.world.def(s).flags.has(Flags::STATIC));
        if found.hits.iter().any(|h| is_static(h) == wanted) {
            found.hits.retain(|h| is_static(h) == wanted);
        }
    }

    fn member_of_language(&self, e: &mut Evaluator, file: u32, owner: &Ty, name: GlobalNameId) -> Option<(Lookup, Option<Ty>)> {
        let found = e.member_of_global(file, owner, name);
        (!found.is_empty()).then(|| (found, e.as_global(file, owner).map(|v| v.0)))
    }

    fn takes(&self, function: &Definition, arguments: u8) -> bool {
        function.arity == arguments || function.arity == 255 || function.required <= arguments && arguments < function.arity
    }

    /// `filter<S extends T>`: is a type parameter of a method bound by one of its type?
    fn is_narrow(&self, e: &Evaluator, method: DefRef) -> bool {
        e.narrows(method)
    }

    /// Objects have the members of what they spread out, and are no kin of it.
    fn has_kin(&self, def: &Definition) -> bool {
        !matches!(def.kind, Kind::Variable | Kind::Constant | Kind::Field) && !def.name_span.is_empty()
    }

    /// `match: (action: unknown) => boolean`: what is called like a method is often a field.
    fn fields_are_called(&self) -> bool {
        true
    }

    fn types_are_structural(&self) -> bool {
        true
    }

    fn is_receiver(&self, parameter: &str) -> bool {
        parameter == "this"
    }

    fn element_members(&self) -> &'static [&'static str] {
        &["next"]
    }

    /// Lists that the language declares: those that do not change, those of pages.
    fn indexed(&self, e: &mut Evaluator, of: DefRef, arguments: Rc<[Ty]>) -> Ty {
        let is_interface = matches!(e.world.def(of).kind, Kind::Interface | Kind::Alias);
        let (def, of) = (of, Ty::Value(of, arguments.clone()));
        match e.brought(&of) {
            None if is_interface => e.any_member(def, &arguments),
            Some((_, args)) if args.len() == 1 => args[0].clone(),
            Some((name, _)) if name.starts_with("RegExp") && name.ends_with("Array") => Ty::Literal(Literal::Text),
            _ => Ty::Unknown(Cause::ReceiverUnknown),
        }
    }

    fn promises(&self) -> &'static [&'static str] {
        &["Promise", "PromiseLike"]
    }

    fn brought<'t>(&self, e: &Evaluator, of: &'t Ty) -> Option<(String, &'t Rc<[Ty]>)> {
        e.brought(of).map(|b| (b.0.to_owned(), b.1))
    }

    fn comes_with_language(&self, e: &Evaluator, of: DefRef) -> bool {
        e.is_of_language(of)
    }

    fn passed_on(&self, e: &mut Evaluator, _: u32, of: &Ty, name: GlobalNameId) -> Option<Ty> {
        let fixed = e.brought(of).filter(|b| b.0 == "ReadonlyArray").and_then(|b| b.1.first()).map(|inner| Ty::List(Rc::new(inner.clone())));
        passed_on(fixed.as_ref().unwrap_or(of), e.world.name(name))
    }

    /// `list.map(x => …)`: an element; `list.reduce((sum, x) => …)`: the second one is.
    fn handed_by_language(&self, e: &mut Evaluator, handed: Handed) -> Option<Ty> {
        e.given_by_list(handed)
    }

    fn further_links(&self, e: &mut Evaluator, file: u32, out: &mut FileLinks) {
        declaration_files::link_declared(e, file, out);
    }

    /// A script that becomes a module no longer declares for all, and the other way round.
    fn changes_for_all(&self, before: &Facts, now: &Facts) -> bool {
        is_module(before) != is_module(now)
    }
}

/// Members of lists, maps and promises that pass on what these hold, where their declarations are not here.
fn passed_on(of: &Ty, word: &str) -> Option<Ty> {
    let function = |t: Ty| Some(Ty::Function(Rc::new(t)));
    let unknown = || Ty::Unknown(Cause::Builtin);
    match of {
        Ty::List(inner) => match word {
            "filter" | "slice" | "concat" | "sort" | "reverse" | "values" => function(of.clone()),
            "find" | "pop" | "shift" | "at" => function((**inner).clone()),
            "map" | "flatMap" => function(Ty::List(Rc::new(unknown()))),
            "entries" => function(Ty::List(Rc::new(Ty::Tuple(Rc::from([Ty::Literal(Literal::Number), (**inner).clone()]))))),
            _ => None,
        },
        Ty::Map(inner) => match word {
            "get" => function((**inner).clone()),
            "values" => function(Ty::List(inner.clone())),
            "entries" => function(Ty::List(Rc::new(Ty::Tuple(Rc::from([unknown(), (**inner).clone()]))))),
            _ => None,
        },
        Ty::External(_, args) if !args.is_empty() => match word {
            "get" | "pop" | "next" => function(args[0].clone()),
            "values" => function(Ty::List(Rc::new(args.last().cloned().unwrap_or(unknown())))),
            "keys" | "filter" => function(Ty::List(Rc::new(args[0].clone()))),
            _ => None,
        },
        _ => None,
    }
}

#[ext(ScriptNames)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn script_files(&self) -> &'m ScriptFiles {
        self.modules.of()
    }

    /// The header of a script that is none itself.
    fn header(&self, file: u32) -> Option<u32> {
        if !self.world.language(file).is_kin_of(crate::TYPESCRIPT) || is_header(&self.world.files[file as usize].path) {
            return None;
        }
        self.script_files().headers.of(self.world, file)
    }

    /// What a module exports as a whole; of several in one file each its own.
    fn whole_of(&mut self, file: u32, scope: ScopeId) -> Option<Lookup> {
        if scope == ScopeId::FILE {
            return self.find_export("=", file);
        }
        let facts = self.world.facts(file);
        let _ = self.world.export(file, self.world.find_gid("=")?);
        let is_here = |e: &&Export| matches!(facts.ty(e.what), TypeExpr::Name { scope: s, .. } if *s == scope);
        let what = facts.exports.iter().filter(|e| facts.name(e.name) == "=").find(is_here)?.what;
        let meaning = self.evaluate(file, what);
        Some(self.as_lookup(&meaning.ty, meaning.certainty))
    }

    /// A script that hands on what the language has, or what nobody can follow: what it is called here counts, in the file or in its header.
    fn declared_instead(&mut self, file: u32, found: Lookup) -> Lookup {
        let of_language = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.is_of_language(s));
        if !found.hits.iter().all(of_language) {
            return found;
        }
        let header = self.header(file);
        match self.name_of_whole(file).or_else(|| self.whole(header?)) {
            Some(sym) => Lookup { hits: vec![Hit { entity: Entity::DefRef(sym), certainty: Certainty::Inferred, reasons: Vec::new() }], cause: found.cause },
            None => found,
        }
    }

    /// The variable that a file exports as a whole.
    fn name_of_whole(&mut self, file: u32) -> Option<DefRef> {
        let what = self.world.export(file, self.world.find_gid("=")?)?;
        let TypeExpr::Name { name, scope, .. } = *self.world.facts(file).ty(what) else { return None };
        let bound = self.bound(file, scope, self.world.gid(file, name), None);
        let syms = bound.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
        syms.into_iter().find(|s| !self.is_of_language(*s))
    }

    fn is_exported(&self, entity: Entity, file: u32) -> bool {
        match entity {
            Entity::DefRef(sym) if sym.file == file => self.world.def(sym).flags.has(Flags::EXPORTED),
            _ => true,
        }
    }

    /// `filter<S extends T>`: is a type parameter of a method of TypeScript bound by one of its type?
    fn narrows(&self, method: DefRef) -> bool {
        let facts = self.world.facts(method.file);
        let Some(inner) = facts.def(method.def).inner else { return false };
        let around = facts.scope(inner).parent;
        let outer = &facts.definitions[..facts.outer_count()];
        let parameter = |scope: Option<ScopeId>| outer.iter().filter(move |d| d.kind == Kind::TypeParameter && Some(d.scope) == scope);
        // Parameters stand behind their function.
        let own = outer.iter().skip(method.def.index()).take(8).filter(|d| d.kind == Kind::TypeParameter && d.scope == inner);
        own.filter_map(|d| d.ty).any(|bound| {
            let bound = if let TypeExpr::Instance(of) = *facts.ty(bound) { of } else { bound };
            match *facts.ty(bound) {
                TypeExpr::Def(d) => facts.def(d).kind == Kind::TypeParameter && Some(facts.def(d).scope) == around,
                ref other => other.name().is_some_and(|n| parameter(around).any(|d| d.name == n)),
            }
        })
    }

    /// A name taken out of a module by an import.
    fn script_exported(&mut self, from: u32, of: Entity, name: GlobalNameId) -> Lookup {
        let Entity::Module(file, scope) = of else { return self.entity_member(from, of, name) };
        let word = self.world.name(name);
        let before = self.cuts;
        let whole = |this: &mut Self| this.whole_of(file, scope);
        match word {
            "=" => whole(self)
                .map(|found| self.declared_instead(file, found))
                .unwrap_or_else(|| Lookup { hits: vec![Hit { entity: of, certainty: Certainty::Proven, reasons: Vec::new() }], cause: Cause::NoDefinition }),
            "default" => match self.find_export("default", file).filter(|_| scope == ScopeId::FILE) {
                Some(found) => found,
                None => {
                    let found = self.module_member(from, file, scope, name);
                    if found.is_empty() { whole(self).unwrap_or(found) } else { found }
                }
            },
            _ => {
                let found = self.module_member(from, file, scope, name);
                let found = match (found.is_empty(), whole(self)) {
                    (true, Some(whole)) => self.member_of_hits(from, whole, name),
                    _ => found,
                };
                if found.is_empty() && self.cuts == before { self.in_header(from, file, name).unwrap_or(found) } else { found }
            }
        }
    }

    /// A name of a module as others see it.
    fn script_module_member(&mut self, from: u32, file: u32, scope: ScopeId, name: GlobalNameId, not: Option<ImportId>) -> Lookup {
        let world = self.world;
        let outside = from != file;
        if scope == ScopeId::FILE
            && outside
            && let Some(what) = world.export(file, name)
        {
            if let TypeExpr::Name { name: own, scope, .. } = world.facts(file).ty(what) {
                let found = self.bound(file, *scope, world.gid(file, *own), not);
                if !found.is_empty() {
                    return found;
                }
            }
            let meaning = self.evaluate(file, what);
            let found = self.as_lookup(&meaning.ty, meaning.certainty);
            if !found.is_empty() {
                return found;
            }
        }
        let found = self.bound(file, scope, name, not);
        if !found.is_empty() {
            // Everything in a namespace of a declaration file can be seen.
            let open = !outside || scope != ScopeId::FILE && is_header(&world.files[file as usize].path);
            let visible = open || found.hits.iter().any(|h| self.is_exported(h.entity, file));
            if visible || !world.has_exports(file) {
                return found;
            }
        }
        self.through_globs(from, file, scope, name)
    }

    fn given_by_list(&mut self, handed: Handed) -> Option<Ty> {
        let Handed { file, by, argument, parameter, .. } = handed;
        let TypeExpr::Member { of, name } = *self.world.facts(file).ty(by) else { return None };
        let word = self.world.facts(file).name(name);
        let which = match word {
            word if EACH.contains(&word) => 0,
            "reduce" | "reduceRight" => 1,
            "sort" if parameter < 2 => parameter,
            "then" => 0,
            _ => return None,
        };
        if argument != 0 || parameter != which {
            return None;
        }
        match (word, self.evaluate(file, of).ty) {
            ("then", ty) => self.brought(&ty).filter(|b| b.0 == "Promise").and_then(|b| b.1.first().cloned()),
            (_, Ty::List(inner)) => Some((*inner).clone()),
            ("forEach", Ty::Map(inner)) => Some((*inner).clone()),
            (word, ty) => {
                let holds = |name: &str| name == "ReadonlyArray" || word == "forEach" && matches!(name, "Set" | "ReadonlySet");
                self.brought(&ty).filter(|b| holds(b.0)).and_then(|b| b.1.first().cloned())
            }
        }
    }
}
