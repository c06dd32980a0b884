//! Puts what other files may look at before what is only the file's own, so that the first part can be kept in memory alone.
//!
//! Input: facts in any order. Output: the same facts, with definitions, types and names so ordered that the first
//! [`Outer`](crate::Outer) of each are those that linking another file may ask for: definitions that are no variables of functions, the type
//! expressions they lead to, and the names in both.

use crate::*;
use rustc_hash::FxHashSet;

/// Orders `facts`; parameters of functions count as outer where `parameters` says so (a language with overloads).
pub fn order(mut facts: Facts, parameters: bool) -> Facts {
    let mut outer_def = vec![false; facts.definitions.len()];
    let mut outer_ty = vec![false; facts.types.len()];
    let mut open: Vec<TypeId> = Vec::new();
    let mut defs: Vec<DefId> = Vec::new();
    // What a function with type parameters gives hangs on what it takes.
    let generic: FxHashSet<ScopeId> = facts.definitions.iter().filter(|d| d.kind == Kind::TypeParameter).map(|d| d.scope).collect();
    // In some languages parameters stand in a scope of their own within that of the function.
    let is_generic = |scope: ScopeId| generic.contains(&scope) || facts.scope(scope).parent.is_some_and(|p| generic.contains(&p));
    for (i, d) in facts.definitions.iter().enumerate() {
        let is_parameter = d.kind == Kind::Parameter && (parameters || is_generic(d.scope)) && d.container.is_some_and(|c| facts.def(c).kind != Kind::Macro);
        if !d.is_inner() || d.kind == Kind::TypeParameter || is_parameter {
            defs.push(DefId(i as u32));
        }
    }
    open.extend(facts.bases.iter().chain(&facts.defaults).map(|b| b.1));
    open.extend(facts.extensions.iter().flat_map(|e| [Some(e.of), e.implements]).flatten());
    open.extend(facts.exports.iter().map(|e| e.what));
    if let Some(first) = outer_ty.first_mut() {
        *first = true;
    }
    loop {
        while let Some(def) = defs.pop() {
            if !std::mem::replace(&mut outer_def[def.index()], true) {
                open.extend(facts.def(def).ty);
                // What a thing stands in is asked for with it.
                defs.extend(facts.def(def).container);
            }
        }
        let Some(ty) = open.pop() else { break };
        if !std::mem::replace(&mut outer_ty[ty.index()], true) {
            let expr = facts.ty(ty);
            expr.for_each_part(&mut |t| open.push(t));
            if let TypeExpr::Def(def) = expr {
                defs.push(*def);
            }
        }
    }
    let renamed_defs = positions(&outer_def);
    let renamed_types = positions(&outer_ty);
    let ty = |t: TypeId| TypeId(renamed_types[t.index()]);
    let def = |d: DefId| DefId(renamed_defs[d.index()]);
    permute(&mut facts.definitions, &renamed_defs);
    permute(&mut facts.types, &renamed_types);
    for d in &mut facts.definitions {
        d.container = d.container.map(def);
        d.ty = d.ty.map(ty);
    }
    for t in &mut facts.types {
        t.rename(&ty, &def);
    }
    facts.scopes.iter_mut().for_each(|s| s.owner = s.owner.map(def));
    facts.bases.iter_mut().chain(&mut facts.defaults).for_each(|b| *b = (def(b.0), ty(b.1)));
    facts.exports.iter_mut().for_each(|e| e.what = ty(e.what));
    for e in &mut facts.extensions {
        e.of = ty(e.of);
        e.implements = e.implements.map(ty);
    }
    for u in &mut facts.uses {
        u.enclosing = u.enclosing.map(def);
        u.local = u.local.map(def);
        if let Shape::Member(t) | Shape::Key(t) = &mut u.shape {
            *t = ty(*t);
        }
    }
    facts.signals.iter_mut().for_each(|s| s.enclosing = s.enclosing.map(def));
    facts.signatures.iter_mut().for_each(|s| s.0 = def(s.0));
    facts.signatures.sort_unstable_by_key(|s| s.0);
    facts.made.iter_mut().for_each(|m| m.0 = def(m.0));
    facts.made.sort_unstable_by_key(|m| m.0);
    facts.arguments.iter_mut().flat_map(|a| &mut a.1).for_each(|t| *t = ty(*t));
    facts.outer.definitions = outer_def.iter().filter(|o| **o).count() as u32;
    facts.outer.types = outer_ty.iter().filter(|o| **o).count() as u32;
    order_names(&mut facts);
    facts
}

/// Names of the outer part first.
fn order_names(facts: &mut Facts) {
    let mut outer = vec![false; facts.names.len()];
    let outer_defs = facts.outer.definitions as usize;
    let outer_types = facts.outer.types as usize;
    facts.definitions[..outer_defs].iter().for_each(|d| outer[d.name.index()] = true);
    for t in &facts.types[..outer_types] {
        t.name().into_iter().for_each(|n| outer[n.index()] = true);
    }
    for i in &facts.imports {
        [Some(i.module), i.name, i.bound].into_iter().flatten().for_each(|n| outer[n.index()] = true);
    }
    facts.exports.iter().for_each(|e| outer[e.name.index()] = true);
    facts.conditions.iter().for_each(|c| outer[c.name.index()] = true);
    facts.signatures.iter().chain(&facts.made).for_each(|s| outer[s.1.index()] = true);
    facts.pasted.iter().for_each(|n| outer[n.index()] = true);
    facts.signals.iter_mut().for_each(|s| s.kind.for_each_given_name(|n| outer[n.index()] = true));
    let renamed = positions(&outer);
    let mut names = NameTable::default();
    for first in [true, false] {
        for (i, _) in outer.iter().enumerate().filter(|(_, o)| **o == first) {
            names.push(facts.names.get(NameId(i as u32)));
        }
    }
    facts.names = names;
    let name = |n: NameId| NameId(renamed[n.index()]);
    facts.definitions.iter_mut().for_each(|d| d.name = name(d.name));
    facts.uses.iter_mut().for_each(|u| u.name = name(u.name));
    facts.types.iter_mut().for_each(|t| t.rename_name(&name));
    for i in &mut facts.imports {
        i.module = name(i.module);
        i.name = i.name.map(name);
        i.bound = i.bound.map(name);
    }
    facts.exports.iter_mut().for_each(|e| e.name = name(e.name));
    facts.conditions.iter_mut().for_each(|c| c.name = name(c.name));
    facts.hidden.iter_mut().for_each(|n| *n = name(*n));
    facts.signatures.iter_mut().chain(&mut facts.made).for_each(|s| s.1 = name(s.1));
    facts.pasted.iter_mut().for_each(|n| *n = name(*n));
    facts.signals.iter_mut().for_each(|s| s.kind.for_each_given_name(|n| *n = name(*n)));
    for flow in &mut facts.flows {
        if let FlowPart::Keyword(word) | FlowPart::Member(word) = &mut flow.part {
            *word = name(*word);
        }
    }
    facts.outer.names = outer.iter().filter(|o| **o).count() as u32;
}

/// The new position of each: the marked ones first, in order.
fn positions(marked: &[bool]) -> Vec<u32> {
    let count = marked.iter().filter(|m| **m).count() as u32;
    let (mut first, mut second) = (0, count);
    marked
        .iter()
        .map(|m| {
            let place = if *m { &mut first } else { &mut second };
            *place += 1;
            *place - 1
        })
        .collect()
}

fn permute<T>(all: &mut Vec<T>, positions: &[u32]) {
    let mut paired: Vec<(u32, T)> = positions.iter().copied().zip(std::mem::take(all)).collect();
    paired.sort_unstable_by_key(|p| p.0);
    *all = paired.into_iter().map(|p| p.1).collect();
}
