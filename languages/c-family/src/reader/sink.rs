//! Collects the facts of a C or C++ file while the parser goes along.
//!
//! Names are bound before they are used, so what is local to a function is linked on the spot: for each spelling the innermost binding is
//! kept, and an undo list restores the outer ones when a block ends. Type expressions that say the same are the same.

use super::scan::Spellings;
use super::tokens::{Tok, mark};
use compass_facts::*;
use rustc_hash::FxHashMap;

/// What a value is, before a type expression is needed for it.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(super) enum Val {
    /// Nothing is known.
    None,
    /// A definition of this file.
    Def(DefId),
    /// What the name means in the current scope.
    Name(NameId),
    /// An expression.
    Ty(TypeId),
}

/// Where the walk stands.
#[derive(Debug, Clone, Copy)]
pub(super) struct Place {
    pub(super) scope: ScopeId,
    pub(super) container: Option<DefId>,
    /// Stands inside a function.
    pub(super) local: bool,
}

#[derive(PartialEq, Eq, Hash)]
enum Key {
    Name(u32, u32),
    Type(u32, u32),
    Tag(u32),
    Def(u32),
    Member(u32, u32),
    Call(u32, Option<u32>, Option<u32>),
    Wrap(u8, u32),
}

/// See the module.
pub(super) struct Sink<'s, 't> {
    pub(super) spellings: &'s Spellings<'t>,
    pub(super) facts: Facts,
    pub(super) place: Place,
    names: Vec<u32>,
    further: FxHashMap<Box<str>, NameId>,
    bound: Vec<u32>,
    undo: Vec<(u32, u32)>,
    made: FxHashMap<Key, TypeId>,
    extensions: FxHashMap<(TypeId, ScopeId), ScopeId>,
    /// Names that macros replace by others, by spelling, each with the place from where on.
    pub(super) renamed: FxHashMap<u32, u32>,
}

impl<'s, 't> Sink<'s, 't> {
    pub(super) fn new(text: &'t str, spellings: &'s Spellings<'t>) -> Self {
        let mut facts = Facts::default();
        facts.scopes[0].span = Span::new(0, text.len());
        Sink {
            spellings,
            facts,
            place: Place { scope: ScopeId::FILE, container: None, local: false },
            names: vec![0; spellings.len()],
            further: FxHashMap::default(),
            bound: vec![0; spellings.len()],
            undo: Vec::new(),
            made: FxHashMap::default(),
            extensions: FxHashMap::default(),
            renamed: FxHashMap::default(),
        }
    }

    /// The name of a spelling.
    pub(super) fn name(&mut self, id: u32) -> NameId {
        let known = self.names[id as usize];
        if known > 0 {
            return NameId(known - 1);
        }
        let name = self.facts.names.push(self.spellings.get(id));
        self.names[id as usize] = name.0 + 1;
        name
    }

    /// A name that is no single token.
    pub(super) fn intern(&mut self, text: &str) -> NameId {
        if let Some(id) = self.spellings.find(text) {
            return self.name(id);
        }
        if let Some(&name) = self.further.get(text) {
            return name;
        }
        let name = self.facts.names.push(text);
        self.further.insert(text.into(), name);
        name
    }

    /// The innermost local binding.
    pub(super) fn local(&self, id: u32) -> Option<DefId> {
        self.bound[id as usize].checked_sub(1).map(DefId)
    }

    /// Binds a spelling until the block ends, unless a macro of that name stands there.
    pub(super) fn bind(&mut self, id: u32, def: DefId) {
        if let Some(from) = self.renamed.get(&id) {
            let d = self.facts.def(def);
            // Parameters of macros come before what else their names stand for.
            let is_of_macro = d.container.is_some_and(|of| self.facts.def(of).kind == Kind::Macro);
            if *from < d.name_span.start && !is_of_macro {
                return;
            }
        }
        self.undo.push((id, self.bound[id as usize]));
        self.bound[id as usize] = def.0 + 1;
    }

    /// Begins a block; give the result to [`Self::unbind`].
    pub(super) fn mark(&self) -> usize {
        self.undo.len()
    }

    /// Ends a block.
    pub(super) fn unbind(&mut self, mark: usize) {
        while self.undo.len() > mark {
            if let Some((id, old)) = self.undo.pop() {
                self.bound[id as usize] = old;
            }
        }
    }

    /// Opens a scope and enters it.
    pub(super) fn enter(&mut self, kind: ScopeKind, span: Span, owner: Option<DefId>) -> Place {
        let saved = self.place;
        let id = ScopeId(self.facts.scopes.len() as u32);
        self.facts.scopes.push(Scope { kind, parent: Some(saved.scope), owner, span });
        self.place.scope = id;
        self.place.local |= kind.is_local();
        if let Some(owner) = owner {
            self.facts.definitions[owner.index()].inner.get_or_insert(id);
            self.place.container = Some(owner);
        }
        saved
    }

    /// Enters the members of a type that is defined elsewhere.
    pub(super) fn enter_extension(&mut self, of: TypeId, span: Span) -> Place {
        let saved = self.place;
        let next = ScopeId(self.facts.scopes.len() as u32);
        let scope = *self.extensions.entry((of, saved.scope)).or_insert(next);
        if scope == next {
            self.facts.scopes.push(Scope { kind: ScopeKind::Type, parent: Some(saved.scope), owner: None, span });
            self.facts.extensions.push(Extension { scope, of, implements: None });
        }
        self.place.scope = scope;
        saved
    }

    pub(super) fn leave(&mut self, saved: Place) {
        self.place = saved;
    }

    pub(super) fn scope_kind(&self, scope: ScopeId) -> ScopeKind {
        self.facts.scope(scope).kind
    }

    /// Adds a definition to the current scope.
    pub(super) fn define(&mut self, name: NameId, kind: Kind, token: Tok, whole: Span) -> DefId {
        self.define_in(self.place.scope, name, kind, token, whole)
    }

    pub(super) fn define_in(&mut self, scope: ScopeId, name: NameId, kind: Kind, token: Tok, whole: Span) -> DefId {
        let id = DefId(self.facts.definitions.len() as u32);
        let holder = self.facts.scope(scope);
        let in_type = holder.kind == ScopeKind::Type;
        let container = holder.owner.or(if self.place.local || in_type { self.place.container } else { None });
        let local = scope != ScopeId::FILE && self.place.local;
        let flags = Flags::default().with_if(local, Flags::LOCAL).with_if(token.is(mark::INACTIVE), Flags::INACTIVE);
        self.facts.definitions.push(Definition {
            name,
            kind,
            flags,
            name_span: Span { start: token.start, end: token.end },
            whole,
            body: None,
            doc: None,
            scope,
            inner: None,
            container,
            ty: None,
            visible_from: 0,
            arity: 0,
            required: 0,
            signature: 0,
        });
        id
    }

    pub(super) fn def(&mut self, id: DefId) -> &mut Definition {
        &mut self.facts.definitions[id.index()]
    }

    pub(super) fn flag(&mut self, id: DefId, flags: Flags) {
        let d = self.def(id);
        d.flags = d.flags.with(flags);
    }

    /// Adds a use; local ones are linked here.
    pub(super) fn add_use(&mut self, token: Tok, role: Role, shape: Shape) -> UseId {
        let name = self.name(token.id);
        let local = if shape == Shape::Plain { self.local(token.id) } else { None };
        self.add_named_use(name, Span { start: token.start, end: token.end }, role, shape, local)
    }

    pub(super) fn add_named_use(&mut self, name: NameId, span: Span, role: Role, shape: Shape, local: Option<DefId>) -> UseId {
        let id = UseId(self.facts.uses.len() as u32);
        self.facts.uses.push(Use { name, span, scope: self.place.scope, role, shape, enclosing: self.place.container, local, args: 0 });
        id
    }

    pub(super) fn usage(&mut self, id: UseId) -> &mut Use {
        &mut self.facts.uses[id.index()]
    }

    pub(super) fn gap(&mut self, cause: GapCause, span: Span) {
        // The mark for the end of the tokens stands nowhere: what is missing there is missing at the end of the text.
        let end = self.facts.scopes[0].span.end;
        let span = Span { start: span.start.min(end), end: span.end.min(end) };
        // What follows one gap closely is the same trouble.
        if let Some(last) = self.facts.gaps.last_mut()
            && last.cause == cause
            && span.start >= last.span.start
            && span.start <= last.span.end + 2
        {
            last.span.end = last.span.end.max(span.end);
            return;
        }
        self.facts.gaps.push(Gap { cause, span });
    }

    fn make(&mut self, key: Key, ty: impl FnOnce() -> TypeExpr) -> TypeId {
        let next = TypeId(self.facts.types.len() as u32);
        let id = *self.made.entry(key).or_insert(next);
        if id == next {
            self.facts.types.push(ty());
        }
        id
    }

    pub(super) fn ty(&mut self, ty: TypeExpr) -> TypeId {
        self.facts.types.push(ty);
        TypeId(self.facts.types.len() as u32 - 1)
    }

    /// The expression of a value; `None` if nothing is known.
    pub(super) fn ty_of(&mut self, val: Val) -> Option<TypeId> {
        match val {
            Val::None => None,
            Val::Ty(ty) => Some(ty),
            Val::Def(def) => Some(self.make(Key::Def(def.0), || TypeExpr::Def(def))),
            Val::Name(name) => Some(self.ty_name(name)),
        }
    }

    pub(super) fn unknown(&self) -> TypeId {
        TypeId(0)
    }

    pub(super) fn ty_name(&mut self, name: NameId) -> TypeId {
        let scope = self.place.scope;
        // Where it is mentioned does not matter: what is bound here was linked already.
        self.make(Key::Name(name.0, scope.0), || TypeExpr::Name { name, scope, at: 0 })
    }

    pub(super) fn ty_global(&mut self, name: NameId) -> TypeId {
        self.make(Key::Name(name.0, 0), || TypeExpr::Name { name, scope: ScopeId::FILE, at: 0 })
    }

    /// The same where only a type or namespace can stand.
    pub(super) fn ty_type_name(&mut self, name: NameId) -> TypeId {
        let scope = self.place.scope;
        self.make(Key::Type(name.0, scope.0), || TypeExpr::TypeName { name, scope, at: 0 })
    }

    pub(super) fn ty_global_type(&mut self, name: NameId) -> TypeId {
        self.make(Key::Type(name.0, 0), || TypeExpr::TypeName { name, scope: ScopeId::FILE, at: 0 })
    }

    pub(super) fn ty_tag(&mut self, name: NameId) -> TypeId {
        self.make(Key::Tag(name.0), || TypeExpr::Tag(name))
    }

    pub(super) fn ty_def(&mut self, def: DefId) -> TypeId {
        self.make(Key::Def(def.0), || TypeExpr::Def(def))
    }

    pub(super) fn ty_member(&mut self, of: TypeId, name: NameId) -> TypeId {
        self.make(Key::Member(of.0, name.0), || TypeExpr::Member { of, name })
    }

    pub(super) fn ty_instance(&mut self, of: TypeId) -> TypeId {
        if of == self.unknown() || matches!(self.facts.ty(of), TypeExpr::Literal(_) | TypeExpr::Instance(_)) {
            return of;
        }
        self.make(Key::Wrap(0, of.0), || TypeExpr::Instance(of))
    }

    pub(super) fn ty_list(&mut self, of: TypeId) -> TypeId {
        self.make(Key::Wrap(1, of.0), || TypeExpr::List(of))
    }

    pub(super) fn ty_index(&mut self, of: TypeId) -> TypeId {
        self.make(Key::Wrap(2, of.0), || TypeExpr::Index(of))
    }

    pub(super) fn ty_deref(&mut self, of: TypeId) -> TypeId {
        self.make(Key::Wrap(3, of.0), || TypeExpr::Deref(of))
    }

    pub(super) fn ty_element(&mut self, of: TypeId) -> TypeId {
        self.make(Key::Wrap(4, of.0), || TypeExpr::Element(of))
    }

    pub(super) fn ty_function(&mut self, result: TypeId) -> TypeId {
        self.make(Key::Wrap(5, result.0), || TypeExpr::Function { result })
    }

    pub(super) fn ty_receiver(&mut self, scope: ScopeId) -> TypeId {
        self.make(Key::Wrap(6, scope.0), || TypeExpr::Receiver(scope))
    }

    /// What a call gives. Arguments are kept beside, with the use.
    /// What a call gives. Of its arguments the first two are kept: they tell what the parameters of a template stand for.
    pub(super) fn ty_call(&mut self, of: TypeId, args: &[TypeId]) -> TypeId {
        let kept = &args[..args.len().min(2)];
        let nth = |i: usize| kept.get(i).map(|t| t.0);
        self.make(Key::Call(of.0, nth(0), nth(1)), || TypeExpr::Call { of, args: kept.to_vec() })
    }

    pub(super) fn ty_literal(&mut self, literal: Literal) -> TypeId {
        self.make(Key::Wrap(16 + literal as u8, 0), || TypeExpr::Literal(literal))
    }
}
