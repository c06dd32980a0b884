//! What a plain name means in C and C++: blocks, classes, namespaces, files.

use super::CNames as _;
use super::choice::Choice as _;
use super::namespaces::NamespaceId;
use compass_facts::{Flags, ImportId, ImportKind, Kind, ScopeId, ScopeKind};
use compass_index::linking::{Binding, DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Namespace, Reason, Ty, World, is_builtin};
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;

/// Which files include a header of their own code that is not here.
struct UnknownIncludes;

/// Of a name with more definitions than this only those of the file and of what it includes are looked at.
const MAX_CANDIDATES: usize = 4000;

#[ext(Scopes)]
pub(crate) impl Evaluator<'_, '_> {
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
                ScopeKind::Type if self.c_files().namespaces.of(file, id).is_none() => self.in_class_scope(file, id, name, wanted),
                ScopeKind::Type | ScopeKind::Module | ScopeKind::File => {
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

    /// Does a file include a header of its own code that is not here?
    fn has_unknown_include(&self, file: u32) -> bool {
        self.keep::<UnknownIncludes, _, _>(file, usize::MAX, |e| {
            let own = e.world.facts(file).imports.iter().enumerate().filter(|(_, i)| i.kind == ImportKind::Include && !i.system);
            own.into_iter().any(|(n, _)| e.c_targets(file, ImportId(n as u32)).is_empty())
        })
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
                    // Members of classes that are written out of them, and what stands in functions.
                    None => continue,
                },
            };
            if of == space && (!hidden || sym.file == file) || kind == Kind::Macro && cpp {
                candidates.push((sym, flags));
            }
        }
        let written_outside = self.c_files().namespaces.written_outside.get(&name).filter(|_| cpp);
        for sym in written_outside.into_iter().flatten() {
            let d = world.def(*sym);
            let here = self.c_files().namespaces.of(sym.file, d.scope).is_some_and(|(of, hidden)| of == space && (!hidden || sym.file == file));
            if here && self.fits(d.kind, wanted, cpp) {
                candidates.push((*sym, d.flags));
            }
        }
        // What only its file knows, unless it is included: macros of a source file, too.
        let is_foreign =
            |(s, flags): &(DefRef, Flags)| s.file != file && (flags.has(Flags::PRIVATE) || world.def(*s).kind == Kind::Macro && is_source(world, s.file));
        if candidates.iter().any(is_foreign) {
            let seen = self.includes(file);
            // A header that the build makes may include any other.
            let is_open = self.has_unknown_include(file);
            let may_be_seen = |s: DefRef| is_open && !is_source(world, s.file) && world.def(s).kind != Kind::Macro;
            candidates.retain(|c| !is_foreign(c) || may_be_seen(c.0) || seen.contains(c.0.file) || self.includes_back(c.0.file, file));
        }
        // A declaration of the library counts where its header is included, and nothing of that name that the code has itself.
        let is_declared = |s: &DefRef| world.unit(s.file).is_declared();
        if candidates.iter().any(|c| is_declared(&c.0)) && !world.unit(file).is_declared() {
            let seen = self.includes(file);
            let is_seen = |s: &DefRef| s.file == file || seen.contains(s.file);
            let has_own = candidates.iter().any(|c| is_seen(&c.0) && !is_declared(&c.0));
            candidates.retain(|(s, _)| !is_declared(s) || !has_own && is_seen(s));
        }
        // What the library declares may be its own, or what the code has of that name for systems without it.
        let is_open = candidates.iter().any(|c| is_declared(&c.0)) && !candidates.iter().all(|c| is_declared(&c.0));
        if !cpp && candidates.len() > 1 {
            // Where all that is seen is whole, what nobody here includes is something else of that name.
            let seen = self.includes(file);
            let is_seen = |s: &DefRef| s.file == file || seen.contains(s.file);
            // A macro that a setting leaves out stands in for what is meant.
            let stands_in = |s: &DefRef| world.def(*s).kind == Kind::Macro && self.is_left_out(*s);
            let mut whole = candidates.iter().filter(|c| is_seen(&c.0) && !stands_in(&c.0)).map(|c| !super::choice::is_announced(world, c.0)).peekable();
            if whole.peek().is_some() && whole.all(|w| w) {
                candidates.retain(|c| is_seen(&c.0));
            }
        }
        let candidates: Vec<DefRef> = candidates.into_iter().map(|c| c.0).collect();
        if candidates.is_empty() {
            let cause = if is_builtin(crate::C, world.name(name)) { Cause::Builtin } else { Cause::NoDefinition };
            return Lookup::none(cause);
        }
        let mut found = self.choose_c(file, candidates);
        for hit in found.hits.iter_mut().filter(|_| is_open) {
            hit.certainty = hit.certainty.min(Certainty::Inferred);
        }
        found
    }
}

/// Is it a source file, not a header?
pub(super) fn is_source(world: &World, file: u32) -> bool {
    world.files[file as usize].path.rsplit_once('.').is_some_and(|(_, ending)| matches!(ending, "c" | "cc" | "cpp" | "cxx" | "c++" | "C"))
}
