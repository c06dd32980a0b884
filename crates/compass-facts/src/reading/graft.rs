//! Puts the definitions of one text into the facts of another: of what a macro makes into those of the file that calls it.

use super::builder::sort;
use crate::*;
use rustc_hash::FxHashMap;

/// Where the definitions of a text go.
pub struct Graft<'g> {
    /// What the text says.
    pub facts: &'g Facts,
    /// The scope of the other facts that takes the place of one of these: the file's, or that of a type the text was written into.
    pub scope: ScopeId,
    /// The scope of the text that is replaced.
    pub replaced: ScopeId,
    /// The definition around, in the other facts.
    pub container: Option<DefId>,
    /// Pieces of the text, in order, and where they are shown.
    pub words: &'g [(Span, Span)],
    /// Where all else is shown.
    pub otherwise: Span,
    /// Where the whole is shown.
    pub whole: Span,
    /// The macro that makes it.
    pub by: &'g str,
}

/// The facts with what the grafts define; their uses and imports are left out.
pub fn graft(mut facts: Facts, grafts: &[Graft]) -> Facts {
    if grafts.is_empty() {
        return facts;
    }
    let mut names: FxHashMap<String, NameId> = facts.names.iter().enumerate().map(|(i, n)| (n.to_owned(), NameId(i as u32))).collect();
    for graft in grafts {
        Grafting { into: &mut facts, names: &mut names, graft }.run();
    }
    sort(facts)
}

struct Grafting<'a, 'g> {
    into: &'a mut Facts,
    names: &'a mut FxHashMap<String, NameId>,
    graft: &'a Graft<'g>,
}

impl Grafting<'_, '_> {
    fn run(&mut self) {
        let from = self.graft.facts;
        let scopes = self.scopes();
        let kept: Vec<bool> = self.kept();
        let mut next = self.into.definitions.len() as u32;
        let defs: Vec<Option<DefId>> = kept
            .iter()
            .map(|kept| {
                kept.then(|| {
                    next += 1;
                    DefId(next - 1)
                })
            })
            .collect();
        let first_type = self.into.types.len() as u32;
        let names: Vec<NameId> = from.names.iter().map(|n| self.name(n)).collect();
        let ty = |t: TypeId| TypeId(first_type + t.0);
        let def = |d: DefId| defs[d.index()];
        for expr in &from.types {
            let told = self.ty(expr, &scopes, &ty, &def, &names);
            self.into.types.push(told);
        }
        let by = self.name(self.graft.by);
        for (i, d) in from.definitions.iter().enumerate().filter(|(i, _)| kept[*i]) {
            let place = self.place(d.name_span);
            let id = DefId(self.into.definitions.len() as u32);
            self.into.definitions.push(Definition {
                name: names[d.name.index()],
                name_span: place,
                whole: self.graft.whole,
                body: None,
                doc: None,
                scope: scopes[d.scope.0 as usize],
                inner: d.inner.map(|s| scopes[s.0 as usize]),
                container: d.container.and_then(def).or(self.graft.container),
                ty: d.ty.map(ty),
                visible_from: 0,
                ..d.clone()
            });
            // Parameters are made with their function: nobody asks for them alone.
            if !d.is_inner() && !from.def_name(DefId(i as u32)).is_empty() {
                self.into.made.push((id, by));
            }
        }
        // The scopes of a graft know their owners only now.
        for (old, new) in from.scopes.iter().zip(&scopes).filter(|(_, new)| **new != self.graft.scope) {
            self.into.scopes[new.0 as usize].owner = old.owner.and_then(def);
        }
        self.into.bases.extend(from.bases.iter().filter_map(|(d, t)| Some((def(*d)?, ty(*t)))));
        self.into.defaults.extend(from.defaults.iter().filter_map(|(d, t)| Some((def(*d)?, ty(*t)))));
        self.into.signatures.extend(from.signatures.iter().filter_map(|(d, n)| Some((def(*d)?, names[n.index()]))));
        let extension = |e: &&Extension| e.scope != self.graft.replaced;
        let extensions = from.extensions.iter().filter(extension);
        self.into.extensions.extend(extensions.map(|e| Extension { scope: scopes[e.scope.0 as usize], of: ty(e.of), implements: e.implements.map(ty) }));
    }

    fn place(&self, of: Span) -> Span {
        let at = self.graft.words.partition_point(|w| w.0.start < of.start);
        self.graft.words.get(at).filter(|w| w.0 == of).map_or(self.graft.otherwise, |w| w.1)
    }

    fn name(&mut self, text: &str) -> NameId {
        if let Some(known) = self.names.get(text) {
            return *known;
        }
        self.into.names.push(text);
        let id = NameId(self.into.names.len() as u32 - 1);
        self.names.insert(text.to_owned(), id);
        id
    }

    /// What is no part of the type that the text was written into, and no business of a function alone.
    fn kept(&self) -> Vec<bool> {
        let (from, replaced) = (self.graft.facts, self.graft.replaced);
        let around = from.scope(replaced).owner;
        from.definitions.iter().enumerate().map(|(i, d)| Some(DefId(i as u32)) != around && !(d.flags.has(Flags::LOCAL) && d.kind != Kind::Parameter)).collect()
    }

    fn scopes(&mut self) -> Vec<ScopeId> {
        let from = self.graft.facts;
        let mut scopes: Vec<ScopeId> = Vec::with_capacity(from.scopes.len());
        for (i, scope) in from.scopes.iter().enumerate() {
            let id = ScopeId(i as u32);
            // What stands around the replaced scope is what stands around its place.
            if id == self.graft.replaced || id == ScopeId::FILE {
                scopes.push(self.graft.scope);
                continue;
            }
            let parent = scope.parent.and_then(|p| scopes.get(p.0 as usize).copied()).unwrap_or(self.graft.scope);
            self.into.scopes.push(Scope { kind: scope.kind, parent: Some(parent), owner: None, span: self.graft.whole });
            scopes.push(ScopeId(self.into.scopes.len() as u32 - 1));
        }
        scopes
    }

    fn ty(&self, expr: &TypeExpr, scopes: &[ScopeId], ty: &dyn Fn(TypeId) -> TypeId, def: &dyn Fn(DefId) -> Option<DefId>, names: &[NameId]) -> TypeExpr {
        let scope = |s: ScopeId| scopes[s.0 as usize];
        let at = self.graft.whole.start;
        let mut told = expr.clone();
        told.rename(ty, &|d| def(d).unwrap_or(d));
        told.rename_name(&|n| names[n.index()]);
        match told {
            TypeExpr::Name { name, scope: s, .. } => TypeExpr::Name { name, scope: scope(s), at },
            TypeExpr::TypeName { name, scope: s, .. } => TypeExpr::TypeName { name, scope: scope(s), at },
            TypeExpr::Receiver(s) => TypeExpr::Receiver(scope(s)),
            TypeExpr::ReceiverType(s) => TypeExpr::ReceiverType(scope(s)),
            TypeExpr::Super(s) => TypeExpr::Super(scope(s)),
            // Imports of the text, and what is local to its functions, are nothing here.
            TypeExpr::Import(_) => TypeExpr::Unknown,
            TypeExpr::Def(_) => match expr {
                TypeExpr::Def(old) => def(*old).map_or(TypeExpr::Unknown, TypeExpr::Def),
                _ => TypeExpr::Unknown,
            },
            other => other,
        }
    }
}
