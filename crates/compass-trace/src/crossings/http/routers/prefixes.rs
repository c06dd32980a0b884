//! What goes before the paths of a router: of groups, mounts, functions and variables it comes through.

use super::{OF_ONE, Prefix, Routers, Site, joined};
use compass_facts::bounds::Levels;
use compass_facts::{Argument, DefId, Kind, Span};
use compass_index::Place;

impl<'a> Routers<'_, 'a> {
    /// What goes before the paths of a router that a call is made on.
    pub(super) fn of_receiver(&self, site: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let left = self.left.get();
        self.left.set(left.saturating_sub(1));
        let Some(levels) = levels.down().filter(|_| left > 0) else { return vec![Prefix { text: String::new(), known: false, mounts: Vec::new() }] };
        // The innermost function literal around that a group was handed.
        let around = self
            .around
            .get(&site.file)
            .into_iter()
            .flatten()
            .filter(|(at, n)| at.start <= site.signal.span.start && site.signal.span.end <= at.end && self.sites[*n].signal.span != site.signal.span);
        let nearest = around.min_by_key(|(at, _)| at.len());
        if let Some((at, place)) = self.held_around(site.file, site.signal.span)
            && nearest.is_none_or(|(group, _)| at.len() < group.len())
        {
            return self.of_calls(place, levels);
        }
        if let Some((_, group)) = nearest {
            return self.of_group(&self.sites[*group], levels);
        }
        self.of_said(site, levels)
    }

    /// Does one of a set of routes stand below no other: in a group, or where the set itself says so?
    pub(super) fn is_shallow(&self, set: &Site<'a>) -> bool {
        let at = set.signal.span;
        let all = self.around.get(&set.file).into_iter().flatten();
        let mut around = all.filter(|(span, n)| span.start <= at.start && at.end <= span.end && self.sites[*n].signal.span != at);
        let says = |site: &Site<'a>| self.table.shallow.iter().any(|s| s == self.name(site)) || self.said_under(site, &self.table.shallow).is_some();
        !self.table.shallow.is_empty() && (says(set) || around.any(|(_, n)| says(&self.sites[*n])))
    }

    /// Does a route stand in a set of routes, itself or in a group of that without a path?
    pub(super) fn is_in_set(&self, site: &Site<'a>) -> bool {
        let at = site.signal.span;
        let all = self.around.get(&site.file).into_iter().flatten();
        let around = all.filter(|(span, n)| span.start <= at.start && at.end <= span.end && self.sites[*n].signal.span != at);
        around.min_by_key(|(span, _)| span.len()).is_some_and(|(_, n)| {
            let group = &self.sites[*n];
            self.table.resources.contains_key(self.name(group))
                || group.call.arguments.iter().all(|a| matches!(a, Argument::Function(_))) && group.call.receiver.is_none()
        })
    }

    /// The innermost function around a place that a variable holds, and that variable.
    pub(super) fn held_around(&self, file: usize, at: Span) -> Option<(Span, Place)> {
        let covering = self.held.get(&file)?.iter().filter(|(whole, _)| whole.start < at.start && at.end <= whole.end);
        covering.min_by_key(|(whole, _)| whole.len()).copied()
    }

    /// What goes before the paths of a function that a variable holds: of what its calls give it, or of where they stand.
    pub(super) fn of_calls(&self, variable: Place, levels: Levels) -> Vec<Prefix> {
        let mut out = Vec::new();
        for site in self.callers.get(&variable).into_iter().flatten().map(|n| self.sites[*n]).take(16) {
            let given = site.call.arguments.iter().find_map(|a| match a {
                Argument::Name(at) if self.input.meaning(site.file, *at).is_some_and(|(p, _)| !self.def_kind(p).is_callable()) => Some(*at),
                _ => None,
            });
            match given {
                Some(at) if !self.is_inside_group(&site) => out.extend(self.of_value(&site, at, levels)),
                _ => out.extend(self.of_receiver(&site, levels)),
            }
        }
        out
    }

    pub(super) fn is_inside_group(&self, site: &Site<'a>) -> bool {
        let at = site.signal.span;
        self.around.get(&site.file).into_iter().flatten().any(|(span, _)| span.start <= at.start && at.end <= span.end)
    }

    pub(super) fn of_said(&self, site: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        match site.call.receiver {
            Some(at) => self.of_value(site, at, levels),
            None => self.of_function(site, levels),
        }
    }

    /// What a group or mount puts before, and what goes before that.
    pub(super) fn of_group(&self, group: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let (text, known) = self.put_before(group);
        let (chained, chain_known) = self.chained_prefix(group);
        let (text, known) = (joined(&chained, &text), known && chain_known);
        let name = self.name(group);
        if self.table.collections.iter().any(|c| c == name) {
            let mut before = self.of_receiver(group, levels);
            before.iter_mut().for_each(|p| p.text = p.text.strip_suffix(OF_ONE).unwrap_or(&p.text).to_owned());
            return before;
        }
        // What stands within a set of routes is about one of them.
        let of_one = self.table.resources.get(name).is_some_and(|kinds| kinds.iter().any(|k| k.contains(OF_ONE)));
        let text = if of_one { format!("{text}{OF_ONE}") } else { text };
        let text = if known { text.trim_end_matches('*').trim_end_matches('/').to_owned() } else { text };
        let mut before = self.of_receiver(group, levels);
        if of_one && self.is_shallow(group) {
            before.iter_mut().for_each(|p| p.text.clear());
        }
        for prefix in &mut before {
            prefix.text = joined(&prefix.text, &text);
            prefix.known &= known;
            prefix.mounts.push((group.file, group.signal.span));
        }
        before
    }

    /// The path that a group or mount is given; what stands there may be the router itself, or what requests go through first.
    pub(super) fn put_before(&self, group: &Site) -> (String, bool) {
        let none = (String::new(), true);
        let said = match group.call.arguments.first() {
            Some(first @ Argument::Text(..)) => self.text(group, first),
            Some(first @ Argument::Name(at)) if group.call.arguments.len() > 1 => {
                let is_function = || self.input.meaning(group.file, *at).is_some_and(|(place, _)| self.def_kind(place).is_callable());
                self.text(group, first).filter(|t| t.1 || !is_function())
            }
            _ => None,
        };
        let slashed = said.map(|(text, known)| (if self.table.bare_paths && known && !text.starts_with('/') { format!("/{text}") } else { text }, known));
        slashed.filter(|t| t.0.starts_with('/') || t.0.is_empty() || !t.1).unwrap_or(none)
    }

    /// What goes before the paths of the router that a name stands for.
    pub(super) fn of_value(&self, site: &Site<'a>, at: u32, levels: Levels) -> Vec<Prefix> {
        if let Some(made) = self.by_name.get(&(site.file, at)).map(|n| self.sites[*n]) {
            return self.of_made(&made, levels);
        }
        let Some((place, _)) = self.input.meaning(site.file, at) else { return self.of_function(site, levels) };
        if let Some(mounts) = self.mounted.get(&place) {
            return mounts.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect();
        }
        if let Some(made) = self.kept.get(&place).map(|n| self.sites[*n]) {
            return self.of_made(&made, levels);
        }
        let defined = self.input.files[place.file].facts.def(place.def).name_span;
        let literals = self.around.get(&place.file).into_iter().flatten().filter(|(at, _)| at.start <= defined.start && defined.end <= at.end);
        if let Some((_, group)) = literals.min_by_key(|(at, _)| at.len()) {
            return self.of_group(&self.sites[*group], levels);
        }
        if self.def_kind(place) == Kind::Parameter
            && let Some(given) = self.given(place, levels)
        {
            return given;
        }
        self.of_function(site, levels)
    }

    /// What goes before the paths of what a call gives: a group, a router as it is made, a router handed on.
    pub(super) fn of_made(&self, made: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let name = self.name(made);
        let is = |list: &[String]| list.iter().any(|l| l == name);
        match () {
            () if is(&self.table.groups) => self.of_group(made, levels),
            () if is(&self.table.makers) || made.call.receiver.is_none() => self.of_function(made, levels),
            () => self.of_receiver(made, levels),
        }
    }

    /// A router made in a function that is mounted, or of a program.
    pub(super) fn of_function(&self, site: &Site<'a>, levels: Levels) -> Vec<Prefix> {
        let root = Prefix { text: String::new(), known: true, mounts: Vec::new() };
        let Some(levels) = levels.down() else { return vec![root] };
        let around = site.signal.enclosing.map(|def| Place { file: site.file, def });
        let Some(around) = around.and_then(|p| self.function_around(p)) else { return vec![root] };
        if let Some(groups) = self.handed.get(&around) {
            return groups.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect();
        }
        match self.mounted.get(&around) {
            Some(mounts) => mounts.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect(),
            None => vec![root],
        }
    }

    pub(super) fn function_around(&self, place: Place) -> Option<Place> {
        let facts = self.input.files[place.file].facts;
        let mut at = Some(place.def);
        while let Some(def) = at {
            if facts.def(def).kind.is_callable() {
                return Some(Place { file: place.file, def });
            }
            at = facts.def(def).container;
        }
        None
    }

    /// What goes before the router that calls give a parameter.
    pub(super) fn given(&self, parameter: Place, levels: Levels) -> Option<Vec<Prefix>> {
        let levels = levels.down()?;
        let facts = self.input.files[parameter.file].facts;
        let function = facts.def(parameter.def).container?;
        if let Some(groups) = self.handed.get(&Place { file: parameter.file, def: function }) {
            return Some(groups.iter().flat_map(|n| self.of_group(&self.sites[*n], levels)).collect());
        }
        let position = position(facts, function, parameter.def)?;
        let callers = self.callers.get(&Place { file: parameter.file, def: function })?;
        let mut out = Vec::new();
        for site in callers.iter().map(|n| self.sites[*n]).take(16) {
            match site.call.arguments.get(position) {
                Some(Argument::Name(at) | Argument::Call(at)) => out.extend(self.of_value(&site, *at, levels)),
                _ => continue,
            }
        }
        (!out.is_empty()).then_some(out)
    }
}

/// The position of a parameter, the receiver not counted.
fn position(facts: &compass_facts::Facts, function: DefId, parameter: DefId) -> Option<usize> {
    let body = facts.def(function).name_span.end;
    let all = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Parameter && d.container == Some(function) && d.name_span.start >= body);
    all.map(|(i, _)| i).position(|i| i == parameter.index())
}
