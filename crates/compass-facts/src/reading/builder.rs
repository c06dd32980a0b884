//! Collects the facts of one file while a reader walks its tree, then links what is local and freezes them.
//!
//! # How it works
//! The reader opens and closes scopes, adds definitions and uses in any order. [`Builder::finish`] then looks up every
//! plain name from its scope outwards as long as the scopes are local to a function: what is bound there never leaves
//! the file. Names that reach the file's own scope are left to the linker, which knows the other files.
//!
//! # Guarantees
//! Definitions and uses come out sorted by place; ids inside the facts agree with that order.

use crate::bounds::{Bounds, Refusal};
use crate::*;
use rustc_hash::{FxHashMap, FxHashSet};

/// How plain names see the members of a type around them.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum TypeScopes {
    /// Never: members need a receiver.
    Hidden,
    /// Only statements that stand directly in the type.
    Direct,
    /// From everywhere inside the type; methods are names of their own.
    Members,
}

/// The language's rules of lexical lookup.
#[derive(Debug, Clone, Copy)]
pub struct Lookup {
    /// Members seen by plain names.
    pub type_scopes: TypeScopes,
}

/// What a reader knows of a definition when it meets it.
#[derive(Debug, Clone)]
pub struct NewDefinition<'n> {
    /// Its name.
    pub name: &'n str,
    /// What it is.
    pub kind: Kind,
    /// The name's token.
    pub name_span: Span,
    /// The whole of it.
    pub whole: Span,
    /// Yes-or-no facts.
    pub flags: Flags,
    /// Documentation.
    pub doc: Option<Span>,
    /// Body.
    pub body: Option<Span>,
    /// Type or result.
    pub ty: Option<TypeId>,
}

impl<'n> NewDefinition<'n> {
    /// A definition without body, documentation or type.
    pub fn new(name: &'n str, kind: Kind, name_span: Span, whole: Span) -> Self {
        NewDefinition { name, kind, name_span, whole, flags: Flags::default(), doc: None, body: None, ty: None }
    }
}

/// Deepest nesting of syntax that is followed; real code stays below 200, made code below 1,500.
const MAX_DEPTH: u32 = 1500;

/// Where the walk stands: restored when a scope is left.
#[derive(Debug, Clone, Copy)]
pub struct Place {
    /// Current scope.
    pub scope: ScopeId,
    /// Innermost definition that is no variable.
    pub container: Option<DefId>,
}

/// Collects facts. See the module.
pub struct Builder<'t> {
    /// The file's text.
    pub text: &'t str,
    /// Where the walk stands.
    pub place: Place,
    pub(super) facts: Facts,
    interned: FxHashMap<Box<str>, NameId>,
    bound: FxHashMap<(ScopeId, NameId), Vec<DefId>>,
    imported: FxHashMap<(ScopeId, NameId), ImportId>,
    lookup: Lookup,
    /// The use of a constructor met last.
    constructor: Option<UseId>,
    /// How deep it is gone into, and how far that may go.
    pub bounds: Bounds,
    unknown: TypeId,
    /// A value that is about to be read, and where the name stands that it is kept under.
    pub kept: Option<(usize, u32)>,
    /// So many texts stand around the place: their parts are no texts of their own.
    pub text_depth: u32,
    /// Calls that are recorded whatever they are given, by their name and what stands before it: a room's frameworks ask for them.
    pub telling: fn(&str, Option<&str>) -> bool,
    /// Marks that are recorded for the same reason.
    pub marking: fn(&str) -> bool,
    /// Calls that name something which meets others under that name, where they are given a text.
    pub naming: fn(&str, Option<&str>) -> bool,
    /// Words of the language's libraries for what moves values.
    pub flow_words: &'static super::flows::FlowWords,
    /// Names that results of such calls are kept under.
    pub(super) told: FxHashSet<NameId>,
    /// Calls that such a call is given.
    pub(super) asked_for: FxHashSet<Span>,
}

impl<'t> Builder<'t> {
    /// Starts with the file's own scope open.
    pub fn new(text: &'t str, lookup: Lookup, cancel: &Cancel) -> Self {
        let mut facts = Facts::default();
        facts.scopes[0].span = Span::new(0, text.len());
        Builder {
            text,
            place: Place { scope: ScopeId::FILE, container: None },
            facts,
            interned: FxHashMap::default(),
            bound: FxHashMap::default(),
            imported: FxHashMap::default(),
            lookup,
            constructor: None,
            bounds: Bounds::new(MAX_DEPTH, cancel),
            unknown: TypeId(0),
            kept: None,
            text_depth: 0,
            telling: |_, _| false,
            marking: |_| false,
            naming: |_, _| false,
            flow_words: &super::flows::FlowWords::NONE,
            told: FxHashSet::default(),
            asked_for: FxHashSet::default(),
        }
    }

    /// Interns a name.
    pub fn intern(&mut self, name: &str) -> NameId {
        if let Some(&id) = self.interned.get(name) {
            return id;
        }
        let id = self.facts.names.push(name);
        self.interned.insert(name.into(), id);
        id
    }

    /// The number of a name that stands somewhere before.
    pub(super) fn find_interned(&self, name: &str) -> Option<NameId> {
        self.interned.get(name).copied()
    }

    /// The text of an interned name.
    pub fn name(&self, id: NameId) -> &str {
        self.facts.names.get(id)
    }

    /// A gap for what was not gone into; one for all that stands within.
    pub fn refused(&mut self, _: Refusal, at: Span) {
        if self.facts.gaps.last().is_none_or(|g| g.cause != GapCause::TooDeep || !g.span.covers(at)) {
            self.gap(GapCause::TooDeep, at);
        }
    }

    /// Records a gap.
    pub fn gap(&mut self, cause: GapCause, span: Span) {
        self.facts.gaps.push(Gap { cause, span });
    }

    /// Where the name stands that the value is kept under.
    pub fn kept_as(&self, value: usize) -> Option<u32> {
        self.kept.filter(|k| k.0 == value).map(|k| k.1)
    }

    /// Records an import whose module is known at run time only: whoever asks who imports a file learns of it. It stands behind the
    /// statement, where no name is.
    pub fn import_at_run_time(&mut self, whole: Span) {
        let of = self.unknown();
        let at = Span { start: whole.end, end: whole.end };
        self.add_use(crate::AT_RUN_TIME, at, crate::Role::Import, crate::Shape::Member(of));
    }

    /// What has been recorded so far.
    pub fn so_far(&self) -> &Facts {
        &self.facts
    }

    /// Records a signal.
    pub fn signal(&mut self, span: Span, kind: SignalKind) {
        self.facts.signals.push(Signal { span, enclosing: self.place.container, kind });
    }

    /// Opens a scope in the current one and enters it; give the result to [`Self::leave`].
    pub fn enter(&mut self, kind: ScopeKind, span: Span, owner: Option<DefId>) -> Place {
        let saved = self.place;
        let id = ScopeId(self.facts.scopes.len() as u32);
        self.facts.scopes.push(Scope { kind, parent: Some(saved.scope), owner, span });
        self.place.scope = id;
        if let Some(owner) = owner {
            self.facts.definitions[owner.index()].inner.get_or_insert(id);
            self.place.container = Some(owner);
        }
        saved
    }

    /// Leaves a scope.
    pub fn leave(&mut self, saved: Place) {
        self.place = saved;
    }

    /// The innermost scope of that kind, from the current one outwards.
    pub fn find_scope(&self, kind: ScopeKind) -> Option<ScopeId> {
        let mut at = Some(self.place.scope);
        while let Some(id) = at {
            let scope = self.facts.scope(id);
            if scope.kind == kind {
                return Some(id);
            }
            at = scope.parent;
        }
        None
    }

    /// The innermost scope that functions, not blocks, make: for names hoisted out of blocks.
    pub fn hoisting_scope(&self) -> ScopeId {
        let mut at = self.place.scope;
        while matches!(self.facts.scope(at).kind, ScopeKind::Block | ScopeKind::Ordered) {
            at = self.facts.scope(at).parent.unwrap_or(ScopeId::FILE);
        }
        at
    }

    /// The kind of the scope.
    pub fn scope_kind(&self, scope: ScopeId) -> ScopeKind {
        self.facts.scope(scope).kind
    }

    /// The scope around.
    pub fn scope_parent(&self, scope: ScopeId) -> Option<ScopeId> {
        self.facts.scope(scope).parent
    }

    /// The definition that opened the scope.
    pub fn scope_owner(&self, scope: ScopeId) -> Option<DefId> {
        self.facts.scope(scope).owner
    }

    /// Adds a definition to the current scope.
    pub fn define(&mut self, new: NewDefinition) -> DefId {
        self.define_in(self.place.scope, new)
    }

    /// Adds a definition to a scope.
    pub fn define_in(&mut self, scope: ScopeId, new: NewDefinition) -> DefId {
        let name = self.intern(new.name);
        if let Some(ty) = new.ty.filter(|_| matches!(new.kind, Kind::Field | Kind::Variable | Kind::Parameter)) {
            self.tell_declared(name, ty);
        }
        let id = DefId(self.facts.definitions.len() as u32);
        let holder = self.facts.scope(scope);
        let owner_local = holder.owner.or(self.place.container).is_some_and(|o| self.facts.def(o).flags.has(Flags::LOCAL));
        let local = holder.kind.is_local() || owner_local;
        let container = holder.owner.or(if holder.kind.is_local() || holder.kind == ScopeKind::Type { self.place.container } else { None });
        self.facts.definitions.push(Definition {
            name,
            kind: new.kind,
            flags: new.flags.with_if(local, Flags::LOCAL),
            name_span: new.name_span,
            whole: new.whole,
            body: new.body,
            doc: new.doc,
            scope,
            inner: None,
            container,
            ty: new.ty,
            visible_from: 0,
            arity: 0,
            required: 0,
            signature: 0,
        });
        self.bound.entry((scope, name)).or_default().push(id);
        id
    }

    /// The definition under construction.
    pub fn def_mut(&mut self, id: DefId) -> &mut Definition {
        &mut self.facts.definitions[id.index()]
    }

    /// Notes what a method takes and gives, as written.
    pub fn add_signature(&mut self, def: DefId, written: &str) {
        let name = self.intern(written);
        self.facts.signatures.push((def, name));
    }

    /// Notes that a macro of that name makes a definition.
    pub fn note_made(&mut self, def: DefId, by: &str) {
        let by = self.intern(by);
        self.facts.made.push((def, by));
    }

    /// The last definition of that name in that very scope.
    pub fn find_in(&self, scope: ScopeId, name: &str) -> Option<DefId> {
        let name = self.interned.get(name)?;
        self.bound.get(&(scope, *name)).and_then(|d| d.last().copied())
    }

    /// Does an import bind the name in this very scope so far?
    pub fn imports_in(&self, scope: ScopeId, name: &str) -> bool {
        self.interned.get(name).is_some_and(|name| self.imported.contains_key(&(scope, *name)))
    }

    /// Adds a further possible type to a variable; after four the rest is ignored, which bounds the evaluator's work.
    pub fn add_type(&mut self, id: DefId, ty: TypeId) {
        if matches!(self.facts.ty(ty), TypeExpr::Unknown | TypeExpr::Literal(Literal::Nothing)) {
            return;
        }
        let old = self.facts.definitions[id.index()].ty;
        let merged = match old {
            None => ty,
            Some(old) if matches!(self.facts.ty(old), TypeExpr::Unknown | TypeExpr::Literal(Literal::Nothing)) => ty,
            Some(old) => match self.facts.ty(old).clone() {
                TypeExpr::Union(all) if all.len() >= 4 || all.contains(&ty) => old,
                TypeExpr::Union(mut all) => {
                    all.push(ty);
                    self.ty(TypeExpr::Union(all))
                }
                _ if old == ty => old,
                _ => self.ty(TypeExpr::Union(vec![old, ty])),
            },
        };
        self.facts.definitions[id.index()].ty = Some(merged);
    }

    /// Adds a use at the current place.
    pub fn add_use(&mut self, name: &str, span: Span, role: Role, shape: Shape) -> UseId {
        let name = self.intern(name);
        let id = UseId(self.facts.uses.len() as u32);
        self.facts.uses.push(Use { name, span, scope: self.place.scope, role, shape, enclosing: self.place.container, local: None, args: 0 });
        id
    }

    /// Says how many arguments the call of the latest use has.
    pub fn set_args(&mut self, id: UseId, args: usize) {
        self.facts.uses[id.index()].args = args.min(254) as u8;
    }

    /// What the arguments of the call of a use are, where overloads are told apart by them.
    pub fn set_arguments(&mut self, id: UseId, args: &[TypeId]) {
        if !args.is_empty() {
            self.facts.arguments.push((id, args.to_vec()));
        }
    }

    /// Says which definition of this file a use means.
    pub fn set_local(&mut self, id: UseId, local: DefId) {
        self.facts.uses[id.index()].local = Some(local);
    }

    /// Says that a use means something else than first thought.
    pub fn set_shape(&mut self, id: UseId, shape: Shape) {
        self.facts.uses[id.index()].shape = shape;
    }

    /// Says that something else is done with a use than first thought.
    pub fn set_role(&mut self, id: UseId, role: Role) {
        self.facts.uses[id.index()].role = role;
    }

    /// Says that the name noted for the token at a place marks what is defined next.
    pub fn note_mark(&mut self, start: u32) {
        if let Some(id) = self.use_at(start) {
            self.set_role(id, Role::Mark);
        }
    }

    /// Remembers the use of a constructor until its arguments are known.
    pub fn note_constructor(&mut self, id: Option<UseId>) {
        self.constructor = id;
    }

    /// The use remembered.
    pub fn last_constructor(&mut self) -> Option<UseId> {
        self.constructor.take()
    }

    /// The latest use.
    pub fn last_use(&self) -> Option<UseId> {
        self.facts.uses.len().checked_sub(1).map(|i| UseId(i as u32))
    }

    /// The use noted for the token at a place, if it is one of the latest.
    pub fn use_at(&self, start: u32) -> Option<UseId> {
        /// What was noted before these is not looked through.
        const LATEST: usize = 256;
        let found = self.facts.uses.iter().enumerate().rev().take(LATEST).find(|(_, u)| u.span.start == start)?;
        Some(UseId(found.0 as u32))
    }

    /// Adds an import.
    pub fn add_import(&mut self, import: Import) -> ImportId {
        let id = ImportId(self.facts.imports.len() as u32);
        if let Some(bound) = import.bound {
            self.imported.insert((import.scope, bound), id);
        }
        self.facts.imports.push(import);
        id
    }

    /// Says that an import is a call of `require`.
    pub fn set_required(&mut self, id: ImportId) {
        self.facts.imports[id.index()].system = true;
    }

    /// Adds an export.
    pub fn add_export(&mut self, name: &str, what: TypeId, span: Span) {
        let name = self.intern(name);
        self.facts.exports.push(Export { name, what, span });
    }

    /// Adds a base type.
    pub fn add_base(&mut self, of: DefId, base: TypeId) {
        self.facts.bases.push((of, base));
    }

    /// Adds what a type parameter stands for where it is given no type.
    pub fn add_default(&mut self, parameter: DefId, default: TypeId) {
        self.facts.defaults.push((parameter, default));
    }

    /// Adds members to a type that is defined elsewhere.
    pub fn add_extension(&mut self, extension: Extension) {
        self.facts.extensions.push(extension);
    }

    /// Adds a type expression.
    pub fn ty(&mut self, ty: TypeExpr) -> TypeId {
        if ty == TypeExpr::Unknown {
            return self.unknown;
        }
        self.facts.types.push(ty);
        TypeId(self.facts.types.len() as u32 - 1)
    }

    /// The expression of which nothing is known.
    pub fn unknown(&self) -> TypeId {
        self.unknown
    }

    /// A type expression made earlier.
    pub fn get_ty(&self, id: TypeId) -> &TypeExpr {
        self.facts.ty(id)
    }

    /// What a plain name means at the current place.
    pub fn ty_name(&mut self, name: &str, at: Span) -> TypeId {
        let name = self.intern(name);
        self.ty(TypeExpr::Name { name, scope: self.place.scope, at: at.start })
    }

    /// A member of what `of` means.
    pub fn ty_member(&mut self, of: TypeId, name: &str) -> TypeId {
        if of == self.unknown {
            return of;
        }
        let name = self.intern(name);
        self.ty(TypeExpr::Member { of, name })
    }

    /// A value of the type; values of nothing known stay unknown.
    pub fn ty_instance(&mut self, of: TypeId) -> TypeId {
        if of == self.unknown { of } else { self.ty(TypeExpr::Instance(of)) }
    }

    /// Applies `wrap` unless nothing is known.
    pub fn ty_of(&mut self, of: TypeId, wrap: impl FnOnce(TypeId) -> TypeExpr) -> TypeId {
        if of == self.unknown { of } else { self.ty(wrap(of)) }
    }

    /// Links local names and freezes the facts.
    pub fn finish(mut self) -> Facts {
        self.link_local_uses();
        self.link_local_types();
        sort(self.facts)
    }

    fn link_local_uses(&mut self) {
        for i in 0..self.facts.uses.len() {
            let u = &self.facts.uses[i];
            // Methods are looked for among members alone.
            let is_method = self.lookup.type_scopes == TypeScopes::Members && u.role == Role::Call;
            if u.shape == Shape::Plain && u.local.is_none() && !is_method {
                let found = self.find_local(u.scope, u.name, u.span.start);
                self.facts.uses[i].local = found.ok();
            }
        }
    }

    fn link_local_types(&mut self) {
        for i in 0..self.facts.types.len() {
            if let TypeExpr::Name { name, scope, at } | TypeExpr::TypeName { name, scope, at } = self.facts.types[i] {
                match self.find_local(scope, name, at) {
                    Ok(def) => self.facts.types[i] = TypeExpr::Def(def),
                    Err(Some(import)) => self.facts.types[i] = TypeExpr::Import(import),
                    Err(None) => {}
                }
            }
        }
    }

    /// The local definition, or else the import in a local scope that stops the search.
    fn find_local(&self, scope: ScopeId, name: NameId, at: u32) -> Result<DefId, Option<ImportId>> {
        let mut next = Some(scope);
        let mut direct = true;
        while let Some(id) = next {
            let scope = self.facts.scope(id);
            match scope.kind {
                ScopeKind::File | ScopeKind::Module => break,
                ScopeKind::Type => {
                    let seen = match self.lookup.type_scopes {
                        TypeScopes::Hidden => false,
                        TypeScopes::Direct => direct,
                        TypeScopes::Members => true,
                    };
                    if seen && self.bound.contains_key(&(id, name)) {
                        break;
                    }
                    // Type parameters are bound in the type's scope but are seen everywhere within.
                    if let Some(def) = self.bound.get(&(id, name)).and_then(|d| d.iter().find(|d| self.facts.def(**d).kind == Kind::TypeParameter)) {
                        return Ok(*def);
                    }
                }
                kind => {
                    if let Some(def) = self.bound.get(&(id, name)).and_then(|defs| self.pick(defs, kind, at)) {
                        return Ok(def);
                    }
                    if let Some(&import) = self.imported.get(&(id, name)) {
                        return Err(Some(import));
                    }
                }
            }
            // The body of a class sees its own names alone, not those of a class around it.
            direct = direct && !matches!(scope.kind, ScopeKind::Function | ScopeKind::Type);
            next = scope.parent;
        }
        Err(None)
    }

    fn pick(&self, defs: &[DefId], kind: ScopeKind, at: u32) -> Option<DefId> {
        if kind != ScopeKind::Ordered {
            // Several bindings of one name: the latest before the place, else the first.
            let before = defs.iter().rev().find(|d| self.facts.def(**d).name_span.start <= at);
            return before.or(defs.first()).copied();
        }
        defs.iter().rev().find(|d| self.facts.def(**d).visible_from <= at).copied()
    }
}

/// Sorts definitions and uses by place, renames every id accordingly, and drops flows of what cannot be called.
pub fn sort(mut facts: Facts) -> Facts {
    let mut order: Vec<u32> = (0..facts.definitions.len() as u32).collect();
    order.sort_by_key(|&i| facts.definitions[i as usize].name_span);
    let mut renamed = vec![DefId(0); order.len()];
    for (new, &old) in order.iter().enumerate() {
        renamed[old as usize] = DefId(new as u32);
    }
    let rename = |id: &mut DefId| *id = renamed[id.index()];
    let mut definitions: Vec<Definition> = order.iter().map(|&i| facts.definitions[i as usize].clone()).collect();
    definitions.iter_mut().filter_map(|d| d.container.as_mut()).for_each(rename);
    facts.definitions = definitions;
    facts.scopes.iter_mut().filter_map(|s| s.owner.as_mut()).for_each(rename);
    facts.bases.iter_mut().chain(&mut facts.defaults).for_each(|(d, _)| rename(d));
    facts.signatures.iter_mut().for_each(|(d, _)| rename(d));
    facts.made.iter_mut().for_each(|(d, _)| rename(d));
    facts.made.sort_unstable_by_key(|m| m.0);
    for u in &mut facts.uses {
        u.enclosing.iter_mut().for_each(rename);
        u.local.iter_mut().for_each(rename);
    }
    for ty in &mut facts.types {
        if let TypeExpr::Def(d) = ty {
            rename(d);
        }
    }
    for signal in &mut facts.signals {
        signal.enclosing.iter_mut().for_each(rename);
        match &mut signal.kind {
            SignalKind::Call(call) => call.decorates.iter_mut().for_each(rename),
            SignalKind::NativeExport(def, _) | SignalKind::NativeImport(def, ..) => rename(def),
            SignalKind::Constant(..)
            | SignalKind::Sql(..)
            | SignalKind::FullName(_)
            | SignalKind::Given(_)
            | SignalKind::GivesModule(..)
            | SignalKind::PageName(..) => {}
        }
    }
    facts.signals.sort_by_key(|s| s.span);
    sort_uses(&mut facts);
    facts.gaps.sort_by_key(|g| g.span);
    super::settling::settle(&mut facts);
    facts
}

/// Sorts uses by place; what names them by position follows.
fn sort_uses(facts: &mut Facts) {
    if facts.arguments.is_empty() {
        facts.uses.sort_by_key(|u| u.span);
        return;
    }
    let mut order: Vec<u32> = (0..facts.uses.len() as u32).collect();
    order.sort_by_key(|&i| facts.uses[i as usize].span);
    let mut renamed = vec![UseId(0); order.len()];
    for (new, &old) in order.iter().enumerate() {
        renamed[old as usize] = UseId(new as u32);
    }
    facts.uses = order.iter().map(|&i| facts.uses[i as usize].clone()).collect();
    facts.arguments.iter_mut().for_each(|a| a.0 = renamed[a.0.index()]);
    facts.arguments.sort_by_key(|a| a.0);
}
