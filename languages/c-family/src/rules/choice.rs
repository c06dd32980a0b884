//! Which of several definitions of one name is meant: what is seen through includes, bodies, the usual configuration, nearness.

use super::CNames as _;
use super::platform::names_other_system;
use compass_facts::{Condition, Definition, Facts, Flags, ImportId, ImportKind, Kind, Shape, Use};
use compass_index::linking::{DefRef, Entity, Evaluator, GlobalNameId, Hit, Lookup, Reason, World, closeness};
use compass_index::plan::is_below;
use compass_index::{Cause, Certainty, StepKind};
use easy_ext::ext;
/// The best of one name are enough: nobody reads on after these.
const MAX_HITS: usize = 40;
/// A header of more files is included under any condition.
const MOST_INCLUDERS: usize = 16;
/// So many source files that define a macro for themselves may all mean what a header asks.
const MANY_DEFINERS: u32 = 4;

/// So many findings of one kind are kept by each thread.
const MOST_KEPT: usize = 1 << 20;

/// Which definitions the usual configuration leaves out.
struct LeftOut;

/// Which headers are included at all.
struct Reached;

#[ext(Choice)]
pub(crate) impl Evaluator<'_, '_> {
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
        // C has one function of a name, however its parameters are written: a body in C++ is its body.
        let is_of_c = candidates.iter().any(|s| world.language(s.file) == crate::C && world.def(*s).kind == Kind::Function);
        for sym in candidates {
            let d = world.def(sym);
            let key = if is_of_c && d.kind == Kind::Function { 0 } else { group_key(d) };
            match groups.iter_mut().find(|g| g.0 == key) {
                Some(group) => group.1.push(sym),
                None => groups.push((key, vec![sym])),
            }
        }
        let is_likely = self.join_likely_body(&mut groups);
        let mut hits: Vec<(bool, Hit)> = Vec::new();
        for (_, group) in groups {
            hits.extend(self.choose_entity(file, group, &|f| f == file || seen.contains(f)));
        }
        for (_, hit) in hits.iter_mut().filter(|_| is_likely) {
            hit.certainty = hit.certainty.min(Certainty::Inferred);
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

    /// A function that is only declared, and one that is only written, by a file that sees the declaration, with as many parameters: one thing
    /// whose parameters are spelled in two ways (an alias here, what it stands for there), if there is one of each. Tells whether there were.
    fn join_likely_body(&mut self, groups: &mut Vec<(u64, Vec<DefRef>)>) -> bool {
        let world = self.world;
        let is_of = |group: &[DefRef], bodiless: bool| {
            let fits = |d: &Definition| d.kind == Kind::Function && d.flags.has(Flags::BODILESS) == bodiless && !d.flags.has(Flags::PRIVATE);
            group.iter().all(|s| fits(world.def(*s)))
        };
        let declared: Vec<usize> = (0..groups.len()).filter(|i| is_of(&groups[*i].1, true)).collect();
        let written: Vec<usize> = (0..groups.len()).filter(|i| is_of(&groups[*i].1, false)).collect();
        let (&[declared], &[written]) = (&declared[..], &written[..]) else { return false };
        let (Some(declaration), Some(body)) = (groups[declared].1.first().copied(), groups[written].1.first().copied()) else { return false };
        // A key of nothing is that of macros, variables and functions of C, which have no overloads.
        let is_told_apart = groups.iter().all(|g| g.0 != 0) && world.def(declaration).arity == world.def(body).arity;
        let sees = body.file == declaration.file || self.includes(body.file).contains(declaration.file);
        if !is_told_apart || !sees {
            return false;
        }
        let group = std::mem::take(&mut groups[declared].1);
        groups[written].1.extend(group);
        groups.remove(declared);
        true
    }

    /// One entity with its declarations and bodies: which are meant, and is anything of it seen?
    fn choose_entity(&mut self, file: u32, group: Vec<DefRef>, is_seen: &dyn Fn(u32) -> bool) -> Vec<(bool, Hit)> {
        let (out, force): (Vec<DefRef>, Vec<DefRef>) = group.iter().copied().partition(|s| self.is_left_out(*s));
        // A namespace is one thing, wherever it is opened.
        let is_namespace = group.iter().all(|s| self.world.def(*s).kind == Kind::Module);
        if force.is_empty() || out.is_empty() || is_namespace {
            let mut hits = self.choose_among(file, group, is_seen, false);
            // A macro with parameters that a setting leaves out stands in for a function, which may be written in a way that is not read.
            let stands_in = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if self.world.def(s).kind == Kind::Macro && self.world.def(s).inner.is_some());
            for (_, hit) in hits.iter_mut().filter(|(_, h)| force.is_empty() && stands_in(h)) {
                hit.certainty = hit.certainty.min(Certainty::Inferred);
            }
            return hits;
        }
        // What another system compiles is no answer here; what a setting leaves out may be one.
        let mut other: Vec<DefRef> = out.into_iter().filter(|s| !self.world.def(*s).flags.has(Flags::INACTIVE)).collect();
        let is_declared = other.iter().any(|s| is_seen(s.file) && is_announced(self.world, *s));
        let mut hits = self.choose_among(file, force.clone(), is_seen, is_declared);
        // A macro that may not be there stands in for a function.
        let stands_in = force.iter().all(|s| self.may_stand_in(*s));
        let is_function = |s: &DefRef| self.world.def(*s).kind == Kind::Function && !self.world.def(*s).flags.has(Flags::PRIVATE);
        // The other branch of one file comes with it, and another body where none is seen.
        let is_settled = !stands_in && force.iter().any(|f| is_seen(f.file) && !is_announced(self.world, *f));
        other.retain(|s| is_seen(s.file) || !is_settled && is_function(s) || force.iter().any(|f| f.file == s.file));
        // A declaration that is left out is nothing beside a body.
        let has_body = |s: &DefRef| !is_announced(self.world, *s);
        let bodied = other.iter().any(has_body) || hits.iter().any(|(_, h)| matches!(&h.entity, Entity::DefRef(s) if has_body(s)));
        other.retain(|s| !bodied || has_body(s));
        if other.is_empty() || hits.is_empty() {
            return hits;
        }
        self.rank_c(file, &mut other);
        for (seen, hit) in &mut hits {
            hit.certainty = hit.certainty.min(Certainty::Inferred);
            // What is seen stands in for it.
            *seen = true;
        }
        let certainty = hits[0].1.certainty;
        let further: Vec<(bool, Hit)> = other.into_iter().take(3).map(|s| (true, self.seen_hit(file, s, certainty, StepKind::Include))).collect();
        // A declaration says nothing beside a body, and what is of another system not much beside what is not.
        if further.iter().any(|(_, h)| matches!(&h.entity, Entity::DefRef(s) if has_body(s))) {
            hits.retain(|(_, h)| matches!(&h.entity, Entity::DefRef(s) if has_body(s)));
        }
        let files = self.c_files();
        let from = files.platform(self.world, file);
        let is_foreign = |(_, h): &(bool, Hit)| matches!(h.entity, Entity::DefRef(s) if files.platform(self.world, s.file).rank_from(from) == 2);
        let comes_first = stands_in || hits.iter().all(is_foreign) && !further.iter().any(is_foreign);
        let at = if comes_first { 0 } else { hits.len() };
        hits.splice(at..at, further);
        hits
    }

    /// `is_declared` says that a setting leaves out a declaration of it that is seen.
    fn choose_among(&mut self, file: u32, group: Vec<DefRef>, is_seen: &dyn Fn(u32) -> bool, is_declared: bool) -> Vec<(bool, Hit)> {
        let world = self.world;
        let has_body = |s: &DefRef| !is_announced(world, *s);
        let visible: Vec<DefRef> = group.iter().copied().filter(|s| is_seen(s.file)).collect();
        let mut seen_bodies: Vec<DefRef> = visible.iter().copied().filter(has_body).collect();
        // Beside a macro that may stand for it, a declaration says that there is a body somewhere.
        let is_macro = |s: &DefRef| world.def(*s).kind == Kind::Macro;
        let stands_in = !seen_bodies.is_empty() && seen_bodies.iter().all(|s| self.may_stand_in(*s));
        let is_declared = stands_in || is_declared && !seen_bodies.is_empty();
        if seen_bodies.iter().all(is_macro) && (is_declared || visible.iter().any(|s| !has_body(s))) {
            seen_bodies.extend(group.iter().copied().filter(|s| has_body(s) && !is_macro(s) && !world.def(*s).flags.has(Flags::PRIVATE)));
        }
        let all_bodies: Vec<DefRef> = group.iter().copied().filter(has_body).collect();
        let (mut chosen, was_seen) = match (seen_bodies.is_empty(), all_bodies.is_empty()) {
            (false, _) => (seen_bodies, true),
            (true, false) => (all_bodies, !visible.is_empty()),
            (true, true) if visible.is_empty() => (group, false),
            (true, true) => (visible, true),
        };
        self.rank_c(file, &mut chosen);
        let is_one = chosen.len() == 1 || chosen.iter().all(|s| world.def(*s).kind == Kind::Module);
        let certainty = match (chosen.len(), was_seen) {
            (_, true) if is_one && !stands_in => Certainty::Proven,
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

    /// Is it a macro of which nobody can tell whether it is there?
    fn may_stand_in(&self, sym: DefRef) -> bool {
        self.world.def(sym).kind == Kind::Macro && (self.is_left_out(sym) || self.may_be_left_out(sym) || self.is_reached(sym.file).is_none())
    }

    /// Is a header included under conditions that are met, in one of the files that do? `None` if that cannot be told.
    fn is_reached(&self, file: u32) -> Option<bool> {
        self.keep::<Reached, _, _>(file, MOST_KEPT, |e| e.is_reached_by_includers(file))
    }

    fn is_reached_by_includers(&self, file: u32) -> Option<bool> {
        let world = self.world;
        let includers = self.c_files().includes.includers(file);
        let last = |path: &'_ str| path.rsplit('/').next().map(str::to_owned);
        let name = last(&world.files[file as usize].path);
        let mut told: Vec<Option<bool>> = Vec::new();
        for by in includers.iter().copied().filter(|by| *by != file).take(MOST_INCLUDERS) {
            let facts = world.facts(by);
            let leads_there = |i: &&compass_facts::Import| i.kind == ImportKind::Include && last(facts.name(i.module)) == name;
            told.extend(facts.imports.iter().filter(leads_there).map(|i| self.is_met_at(by, i.span.start)));
            if told.contains(&Some(true)) {
                return Some(true);
            }
        }
        match told.contains(&None) {
            // What is made of a template has another name.
            _ if told.is_empty() || includers.len() > MOST_INCLUDERS => Some(true),
            true => None,
            false => Some(false),
        }
    }

    /// Are the conditions around a place met?
    fn is_met_at(&self, file: u32, at: u32) -> Option<bool> {
        let world = self.world;
        let of = |c: &Condition| {
            let name = world.gid(file, c.name);
            // What files of the build speak of may be set, though nobody can tell when.
            let is_spoken_of = world.spoken_of.as_ref().is_some_and(|s| s.contains(&name));
            let may_be_set = is_spoken_of && !world.options.contains_key(&name) && world.named(name).is_empty();
            self.is_set(file, name, at, 0).filter(|set| *set || !may_be_set).map(|set| set == c.defined)
        };
        let mut all = Some(true);
        for one_of in conditions_at(world.facts(file), at).chunk_by(|a, b| a.span == b.span && a.one_of && b.one_of) {
            let told: Vec<Option<bool>> = one_of.iter().map(|c| of(c)).collect();
            if told.iter().all(|t| *t == Some(false)) {
                return Some(false);
            }
            all = all.filter(|_| told.contains(&Some(true)));
        }
        all
    }

    /// Does the usual configuration leave the definition out?
    fn is_left_out(&self, sym: DefRef) -> bool {
        self.is_left_out_itself(sym) || self.world.def(sym).kind == Kind::Macro && self.is_reached(sym.file) == Some(false)
    }

    fn is_left_out_itself(&self, sym: DefRef) -> bool {
        if self.world.facts(sym.file).conditions.is_empty() {
            return self.world.def(sym).flags.has(Flags::INACTIVE);
        }
        self.keep::<LeftOut, _, _>(sym, MOST_KEPT, |e| e.is_left_out_within(sym, 0))
    }

    /// Is there a condition around a definition of which nobody can tell whether it is met?
    fn may_be_left_out(&self, sym: DefRef) -> bool {
        let at = self.world.def(sym).name_span.start;
        conditions_at(self.world.facts(sym.file), at).iter().any(|c| self.is_set(sym.file, self.world.gid(sym.file, c.name), at, 0).is_none())
    }

    fn is_left_out_within(&self, sym: DefRef, depth: u32) -> bool {
        let world = self.world;
        let d = world.def(sym);
        if d.flags.has(Flags::INACTIVE) {
            return true;
        }
        let at = d.name_span.start;
        let fails = |c: &Condition| self.is_set(sym.file, world.gid(sym.file, c.name), at, depth).is_some_and(|defined| defined != c.defined);
        conditions_at(world.facts(sym.file), at).chunk_by(|a, b| a.span == b.span && a.one_of && b.one_of).any(|of_one| of_one.iter().all(|c| fails(c)))
    }

    /// Is a macro defined when a file is compiled? `None` if that depends on more than can be told.
    fn is_set(&self, file: u32, name: GlobalNameId, at: u32, depth: u32) -> Option<bool> {
        let world = self.world;
        let word = world.name(name);
        // What the build defines is set; settings of a build that nobody made are taken as set.
        if world.defined.contains(&name) || word.starts_with("CONFIG_") {
            return Some(true);
        }
        let (mut maybe, mut elsewhere, mut definers) = (false, false, 0_u32);
        for (sym, kind, flags) in world.told(name, false).take(64) {
            if kind != Kind::Macro || !world.language(sym.file).is_kin_of(crate::C) {
                continue;
            }
            elsewhere = true;
            if is_template_of_another(world, sym.file) {
                continue;
            }
            // Nor is what files for another system set.
            if flags.has(Flags::INACTIVE) || sym.file != file && self.is_for_another_system(sym.file, file) {
                continue;
            }
            let place = world.def(sym).name_span.start;
            // What one source file sets for itself is set for no other but those that it alone includes behind that.
            let is_foreign = sym.file != file && super::scopes::is_source(world, sym.file);
            definers += u32::from(is_foreign);
            if is_foreign && definers < MANY_DEFINERS && !self.is_included_behind(sym.file, place, file) {
                continue;
            }
            let conditional = !conditions_at(world.facts(sym.file), place).is_empty();
            // Behind the place it says nothing of the place.
            let is_before = sym.file != file || place < at;
            if is_before && !is_foreign && !conditional {
                return Some(true);
            }
            maybe |= is_before && !(depth < 3 && conditional && self.is_left_out_within(sym, depth + 1));
        }
        // What the build is set to when nobody sets anything.
        if !maybe && let Some(on) = world.options.get(&name).filter(|_| is_built(world, file)) {
            return Some(*on);
        }
        // What the code itself defines for other systems alone is nothing that a build sets; what a build finds out may be written there as well.
        let by_code = elsewhere && !word.starts_with("HAVE_");
        // What only the build of a header knows.
        if !maybe && !elsewhere && crate::profile::templates().any(|ending| world.files[file as usize].path.ends_with(ending)) {
            return None;
        }
        if (maybe || !elsewhere) && word.rsplit_once("HAVE_").is_some_and(|(_, of)| self.library_has(of)) {
            return Some(true);
        }
        // What no file of the build speaks of nobody sets.
        let may_be_set = || world.spoken_of.as_ref().is_none_or(|names| names.contains(&name)) || !is_built(world, file);
        if maybe { None } else { Some(!by_code && may_be_set() && world.is_feature(name) && !names_other_system(word)) }
    }

    /// Is a file for a system that is neither the usual one nor that of the other file?
    fn is_for_another_system(&self, file: u32, from: u32) -> bool {
        let files = self.c_files();
        files.platform(self.world, file).rank_from(files.platform(self.world, from)) == 2
    }

    /// Is a file included by another one alone, and behind a place?
    fn is_included_behind(&self, by: u32, place: u32, file: u32) -> bool {
        if self.c_files().includes.includers(file) != [by] {
            return false;
        }
        let later = self.world.facts(by).imports.iter().enumerate().filter(|(_, i)| i.kind == ImportKind::Include && i.span.start > place);
        later.into_iter().any(|(n, _)| self.c_targets(by, ImportId(n as u32)).iter().any(|t| matches!(t.entity, Entity::Module(to, _) if to == file)))
    }

    /// Has the library of the usual system what a build looks for: `INET_PTON`, `SYS_SOCKET_H`?
    fn library_has(&self, of: &str) -> bool {
        let world = self.world;
        let word = of.to_ascii_lowercase();
        match word.strip_suffix("_h") {
            Some(stem) => [stem.to_owned(), stem.replacen('_', "/", 1)].iter().any(|path| self.c_files().headers.declares(world, &format!("{path}.h"))),
            None => {
                let declared = |(s, kind, _): &(DefRef, Kind, Flags)| {
                    (*kind == Kind::Function || kind.is_type()) && world.unit(s.file).is_declared() && world.language(s.file) == crate::C
                };
                world.find_gid(&word).is_some_and(|name| world.told(name, false).take(64).any(|t| declared(&t)))
            }
        }
    }

    /// A macro may stand for the name of a type behind `struct`.
    fn macro_for_tag(&mut self, file: u32, name: GlobalNameId, mut found: Lookup) -> Lookup {
        let world = self.world;
        let is_it = |t: &(DefRef, Kind, Flags)| t.1 == Kind::Macro && world.language(t.0.file).is_kin_of(crate::C);
        if !world.told(name, false).any(|t| is_it(&t)) {
            return found;
        }
        let seen = self.includes(file);
        // One with parameters stands for no name.
        let is_seen = |s: &DefRef| world.def(*s).arity == 0 && world.def(*s).inner.is_none() && (s.file == file || seen.contains(s.file));
        let macros: Vec<DefRef> = world.told(name, false).filter(is_it).map(|t| t.0).filter(is_seen).collect();
        let (out, force): (Vec<DefRef>, Vec<DefRef>) = macros.into_iter().partition(|s| self.is_left_out(*s));
        if force.is_empty() && out.iter().all(|s| world.def(*s).flags.has(Flags::INACTIVE)) {
            return found;
        }
        let hits: Vec<Hit> = found.hits.iter().map(|h| Hit { certainty: h.certainty.min(Certainty::Inferred), ..h.clone() }).collect();
        found.hits = force.into_iter().map(|s| self.seen_hit(file, s, Certainty::Inferred, StepKind::Include)).collect();
        found.hits.extend(hits);
        found
    }

    /// Of several macros that one file defines by that name, the last one before the place is in force there.
    fn settle_c(&mut self, file: u32, facts: &Facts, u: &Use, mut found: Lookup) -> Lookup {
        if matches!(u.shape, Shape::Tag) && !found.is_empty() {
            return self.macro_for_tag(file, self.world.gid(file, u.name), found);
        }
        let place = |h: &Hit| match h.entity {
            Entity::DefRef(s) if s.file == file && facts.def(s.def).kind == Kind::Macro => Some((s, facts.def(s.def).name_span.start)),
            _ => None,
        };
        // What stands in the body of a macro is read where that is put.
        let is_in_macro = u.enclosing.is_some_and(|d| facts.def(d).kind == Kind::Macro);
        if is_in_macro || found.hits.iter().filter_map(place).count() < 2 {
            return found;
        }
        let before = found.hits.iter().filter_map(place).filter(|(s, at)| *at <= u.span.start && !self.is_left_out(*s));
        let Some((last, at)) = before.max_by_key(|(_, at)| *at) else {
            // None is defined yet: what they are called like is meant.
            found.hits.sort_by_key(|h| place(h).is_some());
            return found;
        };
        let is_sure = conditions_at(facts, at).is_empty();
        let is_last = |h: &Hit| matches!(h.entity, Entity::DefRef(s) if s == last);
        // What the macro was called like before it was one may still be meant.
        found.hits.retain(|h| !is_sure || is_last(h) || place(h).is_none());
        found.hits.sort_by_key(|h| !is_last(h));
        found
    }

    /// Sorts by how likely each is meant from the file.
    fn rank_c(&self, file: u32, found: &mut [DefRef]) {
        if found.len() < 2 {
            return;
        }
        let world = self.world;
        let files = self.c_files();
        let from = files.platform(world, file);
        let has_others = found.iter().any(|s| world.def(*s).kind != Kind::Macro);
        let has_constants = has_others && found.iter().all(|s| matches!(world.def(*s).kind, Kind::Macro | Kind::Variant));
        found.sort_by_cached_key(|s| {
            let d = world.def(*s);
            let near = closeness(world, file, s.file);
            (
                (self.is_left_out(*s), is_unbuilt_beside(world, s.file, file)),
                // A macro that a setting may leave out stands for what it is called like, or for a way to it.
                has_others && self.may_stand_in(*s),
                // One that no setting leaves out stands before anything else of its name.
                has_constants && d.kind != Kind::Macro,
                d.flags.has(Flags::SPECIAL),
                is_announced(world, *s),
                d.kind != Kind::Alias && d.kind.is_type() || d.kind == Kind::Variable && d.body.is_none(),
                s.file != file,
                // What only its own source file knows is not meant elsewhere.
                s.file != file && (d.kind == Kind::Field || d.kind.is_type()) && super::scopes::is_source(world, s.file),
                files.platform(world, s.file).rank_from(from),
                std::cmp::Reverse(near),
                // Of two that share as many folders the one that is no deeper: a test below stands in for what it tests.
                world.files[s.file as usize].path.matches('/').count(),
                *s,
            )
        });
    }
}

/// The conditions around a place, the outermost first.
fn conditions_at(facts: &Facts, at: u32) -> Vec<&Condition> {
    facts.conditions.iter().take_while(|c| c.span.start <= at).filter(|c| c.span.contains(at)).collect()
}

/// Does a file stand in a folder whose build is followed?
fn is_built(world: &World, file: u32) -> bool {
    let row = &world.files[file as usize];
    row.root == 0 && world.build.option_folders.iter().any(|folder| is_below(&row.path, folder))
}

/// Does a file stand in a folder that the build passes over, and the one that asks does not?
fn is_unbuilt_beside(world: &World, file: u32, from: u32) -> bool {
    let (row, asking) = (&world.files[file as usize], &world.files[from as usize]);
    let is_other = |folder: &String| is_below(&row.path, folder) && !(asking.root == 0 && is_below(&asking.path, folder));
    row.root == 0 && world.build.unbuilt_folders.iter().any(is_other)
}

/// Is it the template of a header that is there as well, as it was made?
fn is_template_of_another(world: &World, file: u32) -> bool {
    let row = &world.files[file as usize];
    let made = crate::profile::templates().find_map(|ending| row.path.strip_suffix(ending));
    made.is_some_and(|made| world.by_path.contains_key(&(row.root, made)))
}

/// Is it only said that there is such a thing? Also by a variable without a value in a header, whose `extern` a macro may write: two files
/// that see it would have two of it.
pub(super) fn is_announced(world: &World, sym: DefRef) -> bool {
    let d = world.def(sym);
    let is_shared = d.kind == Kind::Variable && d.body.is_none() && !d.flags.has(Flags::PRIVATE) && d.container.is_none();
    d.flags.has(Flags::BODILESS) || is_shared && !super::scopes::is_source(world, sym.file)
}

/// Declarations and bodies of one entity share a key.
fn group_key(def: &Definition) -> u64 {
    // A macro, a typedef and a function of one name compete: one of them is in force.
    u64::from(def.signature) << 8 | u64::from(def.kind == Kind::Module)
}
