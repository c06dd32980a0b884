//! Java: names by the types around, imports and packages; members with overloads, inherited ones included.
//!
//! # How it works
//! Methods, values and types are names apart ([`Names`]). A plain name is looked for outwards through the types around,
//! each with what it inherits, then among imports, in the package, among star imports. Of the methods of a name those
//! that another one overrides are left out; of the rest the arguments choose: by number, then by types as far as these
//! are known (Java Language Specification, §15.12, in the order of its phases but without generic inference).

mod choice;

use crate::rules::choice::Choice as _;
use compass_facts::{DefId, Facts, Flags, Import, ImportId, ImportKind, Kind, Role, ScopeId, ScopeKind, TypeExpr, TypeId, Use, UseId};
use compass_index::linking::{
    Binding, DefRef, Entity, Evaluator, GlobalNameId, Handed, Hit, Lookup, MOST_CHOICES, Meaning, Modules, Namespace, Packages, Prepared, Reason, Rules,
    Target, Ty, World, is_builtin, put_in, usual_namespace,
};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;
use std::rc::Rc;

/// Which of the name spaces of a type is asked.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Names {
    Methods,
    Values,
    Types,
    Constructors,
}

impl Names {
    fn hold(self, kind: Kind) -> bool {
        match self {
            Names::Methods => kind == Kind::Method,
            Names::Values => matches!(kind, Kind::Field | Kind::Variant | Kind::Variable | Kind::Constant | Kind::Parameter),
            Names::Types => kind.is_type(),
            Names::Constructors => kind == Kind::Constructor,
        }
    }
}

/// A member, and the type it was found in with its arguments.
#[derive(Clone)]
pub(super) struct Found {
    pub(super) hit: Hit,
    pub(super) of: Ty,
}

/// See the module.
pub(super) struct JavaRules;

/// The package each file says it is part of.
#[derive(Default)]
struct JavaPackages(Packages);

impl Rules for JavaRules {
    fn prepare(&self, world: &World, _: &Modules) -> Option<Prepared> {
        let mut out = JavaPackages::default();
        let files = world.files.iter().enumerate().filter(|(_, f)| f.language == crate::JAVA && !world.is_lazy());
        for (index, file) in files {
            let within = file.facts.imports.iter().find(|i| i.kind == ImportKind::Within);
            out.0.add(index as u32, within.map_or("", |i| file.facts.name(i.module)).to_owned());
        }
        Some(Box::new(out))
    }

    fn namespace(&self, _: &Evaluator, _: u32, u: &Use) -> Namespace {
        match u.role {
            Role::Call => Namespace::Method,
            Role::Read | Role::Pass => Namespace::Any,
            role => usual_namespace(role),
        }
    }

    fn plain(&self, e: &mut Evaluator, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        e.plain_java(file, scope, name, wanted)
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        let import = facts.import(id);
        e.java_targets(file, import, facts.name(import.module))
    }

    fn follow(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Lookup {
        let import = e.world.facts(file).import(id);
        e.follow_java(file, import)
    }

    fn follows_unbound(&self, import: &Import) -> bool {
        import.kind == ImportKind::Name
    }

    /// Methods for calls and references, else values, then types.
    fn member_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let owner = e.evaluate(file, of);
        let is_own_name = matches!(&owner.ty, Ty::Item(s, ..) if e.world.gid(s.file, e.world.def(*s).name) == name);
        let order: &[Names] = match u.role {
            Role::Call if is_own_name => &[Names::Constructors],
            Role::Call => &[Names::Methods],
            Role::Ref => &[Names::Methods, Names::Values],
            Role::Type => &[Names::Types],
            _ => &[Names::Values, Names::Types],
        };
        let mut found = Lookup::none(Cause::NoDefinition);
        for names in order {
            found = e.java_members(&owner.ty, name, *names);
            if !found.is_empty() {
                break;
            }
        }
        if found.is_empty() && order == [Names::Constructors] {
            return e.java_made_constructor(&owner);
        }
        if found.is_empty() {
            return e.without_member(file, &owner.ty, found.cause, u, name);
        }
        for hit in &mut found.hits {
            hit.certainty = hit.certainty.min(owner.certainty);
            let own = std::mem::take(&mut hit.reasons);
            hit.reasons = owner.reasons.iter().copied().chain(own).take(10).collect();
        }
        found
    }

    /// A label of a switch that is no constant of an enum.
    fn key_use(&self, e: &mut Evaluator, file: u32, of: TypeId, u: &Use, name: GlobalNameId) -> Lookup {
        let found = e.link_key(file, of, name);
        if !found.is_empty() {
            return found;
        }
        let plain = (*e.plain(file, u.scope, name, Namespace::Any)).clone();
        if plain.is_empty() { found } else { plain }
    }

    /// Of several methods of a name the one that the arguments choose.
    fn settle(&self, e: &mut Evaluator, file: u32, facts: &Facts, id: UseId, u: &Use, found: Lookup) -> Lookup {
        if found.is_empty() || u.role != Role::Call {
            return found;
        }
        let args: &[TypeId] = facts.arguments.binary_search_by_key(&id, |a| a.0).map_or(&[], |i| &facts.arguments[i].1);
        let given: Vec<Ty> = args.iter().map(|a| e.evaluate(file, *a).ty).collect();
        let all = found.hits.into_iter().map(|hit| Found { hit, of: Ty::Unknown(Cause::NoDefinition) }).collect();
        let chosen = e.java_choose(all, &given);
        let hits = chosen.into_iter().map(|(f, how)| Hit { certainty: f.hit.certainty.min(how), ..f.hit }).collect();
        Lookup { hits, cause: found.cause }
    }

    fn settles_overloads(&self) -> bool {
        true
    }

    fn variables_keep_their_type(&self) -> bool {
        true
    }

    fn super_is_one_class(&self) -> bool {
        true
    }

    fn member_meaning(&self, e: &mut Evaluator, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        e.java_member_meaning(file, of, name)
    }

    fn call(&self, e: &mut Evaluator, file: u32, of: TypeId, arguments: &[TypeId]) -> Option<Meaning> {
        e.java_call(file, of, arguments)
    }

    fn handed(&self, e: &mut Evaluator, handed: Handed) -> Option<Meaning> {
        let found = e.java_given(handed.file, handed.by, handed.argument, handed.parameter);
        Some(found.unwrap_or_else(|| self.handed_by_receiver(e, handed)))
    }

    /// Functions handed to a method mostly get what its receiver holds; what is summed up or kept under a key stands beside it.
    fn handed_by_receiver(&self, e: &mut Evaluator, handed: Handed) -> Meaning {
        let TypeExpr::Member { of, .. } = *e.world.facts(handed.file).ty(handed.by) else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let of = e.evaluate(handed.file, of);
        let ty = e.element(handed.file, of.ty.clone());
        let most = if handed.only { Certainty::Proven } else { Certainty::Inferred };
        Meaning { ty, certainty: of.certainty.min(most), reasons: of.reasons }
    }

    /// The parameter of the one method of an interface; of those of the standard library by their type arguments.
    fn functional(&self, e: &mut Evaluator, file: u32, ty: TypeId, parameter: usize) -> Option<Option<Ty>> {
        Some(e.java_functional(file, ty, parameter))
    }
}

/// Types above this many are not gone through for one name.
const MAX_BASES: usize = 128;

#[ext(JavaNames)]
pub(crate) impl<'m> Evaluator<'_, 'm> {
    fn java_packages(&self) -> &'m Packages {
        &self.modules.of::<JavaPackages>().0
    }

    /// The files an import leads to: that of the type it names.
    fn java_targets(&mut self, file: u32, import: &Import, module: &str) -> Vec<Target> {
        let package = Target { entity: Entity::Folder(u32::MAX), certainty: Certainty::Proven, stands_in: false };
        let to_file = |s: DefRef| Target { entity: Entity::Module(s.file, ScopeId::FILE), certainty: Certainty::Proven, stands_in: false };
        if import.kind == ImportKind::Within || import.kind == ImportKind::Glob && self.java_packages().has(module) {
            return vec![package];
        }
        if import.kind == ImportKind::Glob || import.system {
            return self.java_class(module).map(to_file).into_iter().collect();
        }
        let found = self.follow_java(file, import);
        found.hits.iter().filter_map(|h| if let Entity::DefRef(s) = h.entity { Some(to_file(s)) } else { None }).take(1).collect()
    }

    fn java_functional(&mut self, file: u32, ty: TypeId, parameter: usize) -> Option<Ty> {
        match self.evaluate(file, ty).ty {
            Ty::Value(interface, args) | Ty::Item(interface, args, _) if self.world.def(interface).kind == Kind::Interface => {
                let method = self.only_method(interface)?;
                let declared = self.parameters_of(method).get(parameter).copied()?;
                let found = self.evaluate(method.file, self.world.facts(method.file).def(declared).ty?).ty;
                Some(self.substitute(found, interface, &args))
            }
            Ty::External(name, args) | Ty::ExternalType(name, args) => {
                let same = ["Comparator", "BinaryOperator", "UnaryOperator"].contains(&self.world.name(name));
                args.get(if same { 0 } else { parameter }).cloned()
            }
            _ => None,
        }
    }

    /// A parameter of a lambda handed to a method: of the first that takes a function there.
    fn java_given(&mut self, file: u32, by: TypeId, argument: usize, parameter: usize) -> Option<Meaning> {
        let (found, _, owner, _) = self.java_called(file, by)?;
        found.into_iter().find_map(|found| {
            let Entity::DefRef(method) = found.hit.entity else { return None };
            let declared = *self.parameters_of(method).get(argument)?;
            let ty = self.world.facts(method.file).def(declared).ty?;
            let given = self.java_functional(method.file, ty, parameter).filter(|t| !t.is_unknown())?;
            let ty = match &found.of {
                Ty::Value(class, args) | Ty::Item(class, args, _) if !args.is_empty() => self.substitute(given, *class, args),
                _ => given,
            };
            Some(Meaning { ty, certainty: owner.certainty.min(Certainty::Inferred), reasons: owner.reasons.clone() })
        })
    }

    /// The only method of an interface that has no body.
    fn only_method(&self, interface: DefRef) -> Option<DefRef> {
        let facts = self.world.facts(interface.file);
        let is_open =
            |d: &compass_facts::Definition| d.container == Some(interface.def) && d.kind == Kind::Method && d.body.is_none() && !d.flags.has(Flags::STATIC);
        let mut open = facts.definitions.iter().enumerate().filter(|(_, d)| is_open(d));
        let only = open.next()?.0;
        open.next().is_none().then_some(DefRef { file: interface.file, def: DefId(only as u32) })
    }

    /// What a plain name means.
    fn plain_java(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, wanted: Namespace) -> Lookup {
        match wanted {
            Namespace::Method => self.java_outwards(file, scope, name, Names::Methods),
            Namespace::Type => self.java_outwards(file, scope, name, Names::Types),
            Namespace::Value => self.java_outwards(file, scope, name, Names::Values),
            _ => {
                let value = self.java_outwards(file, scope, name, Names::Values);
                if value.is_empty() { self.java_outwards(file, scope, name, Names::Types) } else { value }
            }
        }
    }

    fn java_outwards(&mut self, file: u32, scope: ScopeId, name: GlobalNameId, names: Names) -> Lookup {
        let facts = self.world.facts(file);
        let mut cause = Cause::NoDefinition;
        let mut at = Some(scope);
        while let Some(id) = at {
            let s = facts.scope(id);
            let found = match (s.kind, s.owner) {
                (ScopeKind::File, _) => self.java_file(file, name, names),
                (ScopeKind::Type, Some(owner)) => {
                    let own = self.java_parameter(file, id, name, names);
                    if own.is_empty() { self.java_members(&Ty::Item(DefRef { file, def: owner }, Ty::no_args(), None), name, names) } else { own }
                }
                _ => self.java_bound(file, id, name, names),
            };
            if !found.is_empty() {
                return found;
            }
            if matches!(found.cause, Cause::UnitAbsent | Cause::Builtin) {
                cause = found.cause;
            }
            at = s.parent;
        }
        if is_builtin(crate::JAVA, self.world.name(name)) && names != Names::Values {
            cause = Cause::Builtin;
        }
        Lookup::none(cause)
    }

    /// A type parameter of the type around.
    fn java_parameter(&self, file: u32, scope: ScopeId, name: GlobalNameId, names: Names) -> Lookup {
        let found = if names == Names::Types { self.java_bound(file, scope, name, names) } else { Lookup::none(Cause::NoDefinition) };
        Lookup {
            hits: found.hits.into_iter().filter(|h| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).kind == Kind::TypeParameter)).collect(),
            cause: Cause::NoDefinition,
        }
    }

    /// What a scope itself binds.
    fn java_bound(&self, file: u32, scope: ScopeId, name: GlobalNameId, names: Names) -> Lookup {
        let mut out = Lookup::none(Cause::NoDefinition);
        for binding in self.world.bindings(file, scope, name) {
            if let Binding::Def(def) = binding
                && names.hold(self.world.facts(file).def(def).kind)
            {
                out.hits.push(self.by_name_hit(DefRef { file, def }, Certainty::Proven));
            }
        }
        out
    }

    /// Types of the file, imports, the package, star imports, in that order.
    fn java_file(&mut self, file: u32, name: GlobalNameId, names: Names) -> Lookup {
        let own = self.java_bound(file, ScopeId::FILE, name, names);
        if !own.is_empty() {
            return own;
        }
        let mut cause = Cause::NoDefinition;
        let facts = self.world.facts(file);
        let imports: Vec<ImportId> = self
            .world
            .bindings(file, ScopeId::FILE, name)
            .filter_map(|b| if let Binding::Import(id) = b { Some(id) } else { None })
            .filter(|id| facts.import(*id).system || names == Names::Types)
            .collect();
        for id in imports {
            let mut found = self.follow(file, id);
            found.hits.retain(|h| !matches!(h.entity, Entity::DefRef(s) if !names.hold(self.world.def(s).kind)));
            if !found.is_empty() {
                return found;
            }
            cause = found.cause;
        }
        if names == Names::Types
            && let Some(package) = self.java_packages().of(file)
        {
            let found = self.java_in_package(package, name);
            if !found.is_empty() {
                return found;
            }
        }
        let globs: Vec<ImportId> = self.world.globs(file).iter().map(|g| g.1).collect();
        for id in globs {
            let import = facts.import(id);
            let module = facts.name(import.module);
            let found = self.java_glob(import, module, name, names);
            if !found.is_empty() {
                let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
                let hits = found.hits.into_iter().map(|h| Hit { reasons: std::iter::once(reason).chain(h.reasons).collect(), ..h });
                return Lookup { hits: hits.collect(), cause: Cause::NoDefinition };
            }
            if found.cause == Cause::UnitAbsent {
                cause = Cause::UnitAbsent;
            }
        }
        Lookup::none(cause)
    }

    fn java_glob(&mut self, import: &Import, module: &str, name: GlobalNameId, names: Names) -> Lookup {
        if self.java_packages().has(module) {
            return if names == Names::Types { self.java_in_package(module, name) } else { Lookup::none(Cause::NoDefinition) };
        }
        match self.java_class(module) {
            Some(class) if import.system || names == Names::Types => self.java_members(&Ty::Item(class, Ty::no_args(), None), name, names),
            Some(_) => Lookup::none(Cause::NoDefinition),
            None => Lookup::none(Cause::UnitAbsent),
        }
    }

    /// A type of a package, by the files that say they are part of it.
    fn java_in_package(&self, package: &str, name: GlobalNameId) -> Lookup {
        let world = self.world;
        let is_in = |s: &DefRef| {
            world.language(s.file) == crate::JAVA
                && world.def(*s).scope == ScopeId::FILE
                && world.def(*s).kind.is_type()
                && self.java_packages().of(s.file) == Some(package)
        };
        let hits: Vec<Hit> =
            self.java_packages().within(package, world.named(name)).iter().filter(|s| is_in(s)).map(|s| self.by_name_hit(*s, Certainty::Proven)).collect();
        Lookup { hits, cause: Cause::NoDefinition }
    }

    /// A type by its full name: `a.b.Outer.Inner`.
    fn java_class(&mut self, path: &str) -> Option<DefRef> {
        let (front, last) = path.rsplit_once('.').unwrap_or(("", path));
        let name = self.world.find_gid(last)?;
        let first = |l: &Lookup| l.hits.iter().find_map(|h| if let Entity::DefRef(s) = h.entity { Some(s) } else { None });
        if self.java_packages().has(front)
            && let Some(found) = first(&self.java_in_package(front, name))
        {
            return Some(found);
        }
        if front.is_empty() {
            return None;
        }
        let outer = self.java_class(front)?;
        first(&self.java_members(&Ty::Item(outer, Ty::no_args(), None), name, Names::Types))
    }

    /// What the name bound by an import means.
    fn follow_java(&mut self, file: u32, import: &Import) -> Lookup {
        let facts = self.world.facts(file);
        let module = facts.name(import.module).to_owned();
        let reason = Reason { kind: StepKind::Import, file, def: None, at: import.name_span.start, len: import.name_span.len() };
        let absent =
            |gid| Lookup { hits: vec![Hit { entity: Entity::External(gid), certainty: Certainty::Proven, reasons: vec![reason] }], cause: Cause::UnitAbsent };
        let Some(name) = import.name.map(|n| self.world.gid(file, n)) else { return Lookup::none(Cause::NoDefinition) };
        let mut found = if self.java_packages().has(&module) && !import.system {
            self.java_in_package(&module, name)
        } else if let Some(class) = self.java_class(&module) {
            let of = Ty::Item(class, Ty::no_args(), None);
            let mut all = Lookup::none(Cause::NoDefinition);
            for names in [Names::Types, Names::Values, Names::Methods] {
                all.hits.extend(self.java_members(&of, name, names).hits);
            }
            all
        } else {
            return absent(name);
        };
        if found.is_empty() {
            return absent(name);
        }
        for hit in &mut found.hits {
            hit.reasons.insert(0, reason);
        }
        found
    }

    /// Members of a type or value.
    fn java_members(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> Lookup {
        let (found, cause) = self.java_find(of, name, names);
        Lookup { hits: found.into_iter().map(|f| f.hit).collect(), cause }
    }

    fn java_find(&mut self, of: &Ty, name: GlobalNameId, names: Names) -> (Vec<Found>, Cause) {
        let mut out = Vec::new();
        let mut cause = Cause::NoDefinition;
        self.java_collect(of, name, names, &mut Vec::new(), &mut out, &mut cause);
        if out.is_empty() && cause == Cause::NoDefinition && names == Names::Methods && is_of_every_object(self.world.name(name)) {
            cause = Cause::Builtin;
        }
        (out, cause)
    }

    fn java_collect(&mut self, of: &Ty, name: GlobalNameId, names: Names, seen: &mut Vec<DefRef>, out: &mut Vec<Found>, cause: &mut Cause) {
        let (sym, args) = match of {
            Ty::Item(sym, args, _) | Ty::Value(sym, args) => (*sym, args.clone()),
            Ty::Union(parts) => {
                for part in parts.iter() {
                    self.java_collect(part, name, names, seen, out, cause);
                }
                return;
            }
            Ty::External(..) | Ty::ExternalType(..) => {
                *cause = Cause::UnitAbsent;
                return;
            }
            Ty::Unknown(why) => {
                *cause = if matches!(why, Cause::UnitAbsent | Cause::Builtin) { *why } else { Cause::ReceiverUnknown };
                return;
            }
            _ => {
                *cause = Cause::Builtin;
                return;
            }
        };
        if seen.len() > MAX_BASES || seen.contains(&sym) {
            return;
        }
        seen.push(sym);
        let def = self.world.def(sym);
        if matches!(def.kind, Kind::TypeParameter | Kind::Variant) {
            match def.ty {
                Some(ty) => {
                    let bound = self.evaluate(sym.file, ty).ty;
                    self.java_collect(&bound, name, names, seen, out, cause);
                }
                None => *cause = Cause::Builtin,
            }
            return;
        }
        let before = out.len();
        self.java_own(sym, &args, name, names, out);
        if names == Names::Constructors || names != Names::Methods && out.len() > before {
            return;
        }
        for base in self.bases(sym).iter() {
            let base = if args.is_empty() { base.clone() } else { self.java_filled(base, sym, &args) };
            let inherited = out.len();
            self.java_collect(&base, name, names, seen, out, cause);
            if let Ty::Item(s, ..) = &base {
                let d = self.world.def(*s);
                let reason = Reason { kind: StepKind::Base, file: s.file, def: Some(s.def), at: d.name_span.start, len: d.name_span.len() };
                out[inherited..].iter_mut().for_each(|f| f.hit.reasons.insert(0, reason));
            }
            if names != Names::Methods && out.len() > inherited {
                return;
            }
        }
    }

    /// Members written in the type itself; methods that are overridden already are left out.
    fn java_own(&mut self, sym: DefRef, args: &Rc<[Ty]>, name: GlobalNameId, names: Names, out: &mut Vec<Found>) {
        let world = self.world;
        let def = world.def(sym);
        let Some(scope) = def.inner else { return };
        let reason = Reason { kind: StepKind::Member, file: sym.file, def: Some(sym.def), at: def.name_span.start, len: def.name_span.len() };
        let own: Vec<DefRef> = world
            .bindings(sym.file, scope, name)
            .filter_map(|b| if let Binding::Def(d) = b { Some(DefRef { file: sym.file, def: d }) } else { None })
            .filter(|s| world.def(*s).kind != Kind::TypeParameter)
            .take(MOST_CHOICES + 1)
            .collect();
        // Only what derived types wrote overrides; methods of one type stand side by side.
        let derived = out.len();
        let in_header =
            |s: &DefRef| names == Names::Methods && world.def(*s).kind == Kind::Field && def.body.is_some_and(|b| world.def(*s).whole.end <= b.start);
        for s in own.into_iter().filter(|s| names.hold(world.def(*s).kind) || in_header(s)) {
            let d = world.def(s);
            let overridden = names == Names::Methods
                && out[..derived].iter().any(|f| matches!(f.hit.entity, Entity::DefRef(o) if world.def(o).arity == d.arity && self.java_same_parameters(o, s)));
            if !overridden {
                let reasons = if def.name_span.is_empty() { Vec::new() } else { vec![reason] };
                out.push(Found { hit: Hit { entity: Entity::DefRef(s), certainty: Certainty::Proven, reasons }, of: Ty::Value(sym, args.clone()) });
            }
        }
    }

    /// Does one method override the other? Their parameters read alike, or a type parameter stands for what the other names.
    fn java_same_parameters(&self, a: DefRef, b: DefRef) -> bool {
        if self.world.def(a).signature == self.world.def(b).signature {
            return true;
        }
        // Bases with parameters: `compareTo(T)` is overridden by `compareTo(Rack)`.
        let generic = |s: DefRef| self.parameters_of(s).iter().any(|p| self.java_is_parameter(s.file, *p));
        generic(a) || generic(b)
    }

    /// Is a parameter declared with a type parameter?
    fn java_is_parameter(&self, file: u32, parameter: compass_facts::DefId) -> bool {
        let facts = self.world.facts(file);
        let Some(TypeExpr::Instance(of)) = facts.def(parameter).ty.map(|t| facts.ty(t)) else { return false };
        match facts.ty(*of) {
            TypeExpr::Def(d) => facts.def(*d).kind == Kind::TypeParameter,
            TypeExpr::TypeName { name, .. } => facts.name(*name).len() == 1,
            _ => false,
        }
    }

    /// A base with the arguments of the type in place of its parameters.
    fn java_filled(&self, base: &Ty, owner: DefRef, args: &Rc<[Ty]>) -> Ty {
        match base {
            Ty::Item(s, inner, r) => Ty::Item(*s, inner.iter().map(|t| self.substitute(t.clone(), owner, args)).collect(), r.clone()),
            Ty::ExternalType(g, inner) => Ty::ExternalType(*g, inner.iter().map(|t| self.substitute(t.clone(), owner, args)).collect()),
            other => other.clone(),
        }
    }

    /// What a member of an expression means, where it is no call.
    fn java_member_meaning(&mut self, file: u32, of: TypeId, name: GlobalNameId) -> Meaning {
        let owner = self.evaluate(file, of);
        let (mut found, mut cause) = self.java_find(&owner.ty, name, Names::Values);
        if found.is_empty() {
            let types = self.java_find(&owner.ty, name, Names::Types);
            (found, cause) = if types.0.is_empty() { (types.0, cause) } else { types };
        }
        let Some(first) = found.into_iter().next() else {
            // `Map.Entry`: a type within one that is not here.
            let names_type = self.world.name(name).starts_with(char::is_uppercase);
            return match owner.ty {
                Ty::ExternalType(..) if names_type => Meaning { ty: Ty::ExternalType(name, Ty::no_args()), ..owner },
                _ => Meaning::unknown(cause),
            };
        };
        let Entity::DefRef(sym) = first.hit.entity else { return Meaning::unknown(cause) };
        let meaning = self.item(sym);
        let ty = match &first.of {
            Ty::Value(s, args) if !args.is_empty() => self.substitute(meaning.ty, *s, args),
            _ => meaning.ty,
        };
        let reasons = owner.reasons.into_iter().chain(first.hit.reasons).chain(meaning.reasons).take(8).collect();
        Meaning { ty, certainty: owner.certainty.min(first.hit.certainty).min(meaning.certainty), reasons }
    }

    /// The methods that an expression before a call's arguments may mean, why there may be none, what they are called on, and
    /// their name. `None` where what is called is no method by name.
    fn java_called(&mut self, file: u32, of: TypeId) -> Option<(Vec<Found>, Cause, Meaning, GlobalNameId)> {
        match self.world.facts(file).ty(of).clone() {
            TypeExpr::Member { of, name } => {
                let owner = self.evaluate(file, of);
                let gid = self.world.gid(file, name);
                let (found, cause) = self.java_find(&owner.ty, gid, Names::Methods);
                Some((found, cause, owner, gid))
            }
            TypeExpr::Name { name, scope, .. } => {
                let gid = self.world.gid(file, name);
                let found = self.plain(file, scope, gid, Namespace::Method);
                let of = |h: &Hit| match h.entity {
                    Entity::DefRef(s) => {
                        self.world.def(s).container.map_or(Ty::Unknown(Cause::NoDefinition), |c| Ty::Value(DefRef { file: s.file, def: c }, Ty::no_args()))
                    }
                    _ => Ty::Unknown(Cause::NoDefinition),
                };
                let cause = found.cause;
                let found = found.hits.iter().map(|h| Found { hit: h.clone(), of: of(h) }).collect();
                Some((found, cause, Meaning::sure(Ty::Unknown(Cause::NoDefinition)), gid))
            }
            _ => None,
        }
    }

    /// What a call gives. `None` where what is called is no method by name.
    fn java_call(&mut self, file: u32, of: TypeId, args: &[TypeId]) -> Option<Meaning> {
        let (found, cause, owner, name) = self.java_called(file, of)?;
        if found.is_empty() {
            let known = if owner.ty.is_unknown() { None } else { self.java_builtin(&owner.ty, name, args, file) };
            return Some(known.map_or(Meaning::unknown(cause), |ty| Meaning { ty, certainty: owner.certainty.min(Certainty::Inferred), ..owner }));
        }
        let given: Vec<Ty> = args.iter().map(|a| self.evaluate(file, *a).ty).collect();
        let chosen = self.java_choose(found, &given);
        let sure = chosen.iter().filter(|c| c.1 > Certainty::Guessed).count();
        let mut parts = Vec::new();
        let mut certainty = owner.certainty;
        let mut reasons = owner.reasons.clone();
        for (found, how) in chosen.iter().take(sure.max(1)) {
            let Entity::DefRef(sym) = found.hit.entity else { continue };
            let meaning = self.java_result(sym, &found.of, &given, &owner.ty, name);
            certainty = certainty.min(meaning.certainty).min(*how);
            reasons.extend(meaning.reasons.iter().copied().take(2));
            parts.push(meaning.ty);
        }
        reasons.truncate(8);
        Some(Meaning { ty: Ty::union(parts), certainty, reasons })
    }

    /// The result of a method, with the arguments of its type and of the call in place of type parameters.
    fn java_result(&mut self, method: DefRef, of: &Ty, given: &[Ty], owner: &Ty, name: GlobalNameId) -> Meaning {
        let def = self.world.def(method);
        if self.world.name(name) == "getClass" && def.ty.is_none() {
            return Meaning::sure(owner.clone());
        }
        let Some(ty) = def.ty else { return Meaning::unknown(Cause::ReceiverUnknown) };
        let meaning = self.evaluate(method.file, ty);
        let mut ty = meaning.ty;
        if let Ty::Value(s, args) = of
            && !args.is_empty()
        {
            ty = self.substitute(ty, *s, args);
        }
        let parameters = self.parameters_of(method);
        let mut bound: Vec<(DefRef, Ty)> = Vec::new();
        for (given, parameter) in given.iter().zip(&parameters) {
            if let Some(declared) = self.world.facts(method.file).def(*parameter).ty {
                let declared = self.evaluate(method.file, declared).ty;
                self.unify(&declared, given, &mut bound, 0);
            }
        }
        let reason = Reason { kind: StepKind::Declared, file: method.file, def: Some(method.def), at: def.name_span.start, len: def.name_span.len() };
        Meaning { ty: put_in(&ty, &bound), certainty: meaning.certainty, reasons: vec![reason] }
    }

    /// What a method of a type of the library gives that passes on what it holds.
    fn java_builtin(&mut self, of: &Ty, name: GlobalNameId, args: &[TypeId], file: u32) -> Option<Ty> {
        let Ty::External(gid, held) = of else { return None };
        let (word, ty) = (self.world.name(name), self.world.name(*gid));
        let first = || held.first().cloned();
        let is_map = ty.ends_with("Map") || ty.ends_with("Entry");
        match word {
            "get" | "remove" | "getOrDefault" | "put" | "computeIfAbsent" | "getValue" | "putIfAbsent" | "poll" | "peek" if is_map => held.get(1).cloned(),
            "keySet" | "entrySet" | "values" if is_map => {
                let inner = match word {
                    "keySet" => first()?,
                    "values" => held.get(1).cloned()?,
                    _ => Ty::External(self.world.find_gid("Entry").unwrap_or(*gid), held.clone()),
                };
                Some(Ty::External(*gid, Rc::from([inner])))
            }
            "getKey" => first(),
            "get" | "next" | "previous" | "remove" | "poll" | "peek" | "pop" | "element" | "take" | "first" | "last" | "getFirst" | "getLast" | "orElse"
            | "orElseGet" | "orElseThrow" | "newInstance" | "cast" | "join" | "call" | "removeFirst" | "removeLast" | "pollFirst" | "set" | "getAndSet" => {
                first()
            }
            "iterator" | "listIterator" | "stream" | "filter" | "sorted" | "limit" | "skip" | "distinct" | "subList" | "findFirst" | "findAny"
            | "parallelStream" | "peekFirst" | "spliterator" | "descendingIterator" | "ofNullable" => Some(of.clone()),
            "toString" | "getName" | "trim" | "substring" | "toLowerCase" | "toUpperCase" | "replace" | "concat" | "getMessage" => {
                Some(Ty::External(self.world.find_gid("String")?, Ty::no_args()))
            }
            "append" | "insert" | "reverse" if ty.starts_with("StringBu") => Some(of.clone()),
            "map" => match args.first().map(|a| self.evaluate(file, *a).ty) {
                Some(Ty::Function(made)) => Some(Ty::External(*gid, Rc::from([(*made).clone()]))),
                _ => None,
            },
            "length" | "size" | "indexOf" | "hashCode" | "lastIndexOf" | "compareTo" | "intValue" => {
                Some(Ty::External(self.world.find_gid("int")?, Ty::no_args()))
            }
            "toCharArray" => Some(Ty::List(Rc::new(Ty::External(self.world.find_gid("char")?, Ty::no_args())))),
            "getBytes" => Some(Ty::List(Rc::new(Ty::External(self.world.find_gid("byte")?, Ty::no_args())))),
            "getClass" => Some(Ty::External(self.world.find_gid("Class")?, Rc::from([of.clone()]))),
            "charAt" => Some(Ty::External(self.world.find_gid("char")?, Ty::no_args())),
            "equals" | "isEmpty" | "contains" | "containsKey" | "startsWith" | "endsWith" | "hasNext" | "add" | "booleanValue" => {
                Some(Ty::External(self.world.find_gid("boolean")?, Ty::no_args()))
            }
            _ => None,
        }
    }

    /// A constructor nobody wrote: the type stands for it.
    fn java_made_constructor(&self, owner: &Meaning) -> Lookup {
        let Ty::Item(sym, ..) = &owner.ty else { return Lookup::none(Cause::NoDefinition) };
        let mut hit = self.by_name_hit(*sym, owner.certainty);
        hit.reasons = owner.reasons.clone();
        Lookup { hits: vec![hit], cause: Cause::NoDefinition }
    }
}

/// Methods that every object, enum or record has.
fn is_of_every_object(name: &str) -> bool {
    matches!(
        name,
        "toString"
            | "equals"
            | "hashCode"
            | "getClass"
            | "notify"
            | "notifyAll"
            | "wait"
            | "clone"
            | "finalize"
            | "name"
            | "ordinal"
            | "values"
            | "valueOf"
            | "compareTo"
    )
}
