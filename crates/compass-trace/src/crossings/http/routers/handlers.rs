//! What answers a route: a function by its name, one that is written there, what a text or a list names.

use super::{Routers, Site, joined};
use compass_facts::{Argument, DefId, Span};
use compass_index::{Place, SymbolId};

impl<'a> Routers<'_, 'a> {
    /// Where a path alone names the class and the function: `get "racks/list"`.
    pub(super) fn by_path(&self, site: &Site<'a>, path: &str) -> Option<SymbolId> {
        let sign = self.table.handler_sign.as_deref()?;
        let alone = self.table.bare_paths && site.call.arguments.len() == 1 && self.is_inside_group(site);
        let path = path.trim_matches('/');
        let (class, function) = match path.rsplit_once('/').filter(|_| alone) {
            Some(parts) => parts,
            None if alone => return self.member_of_named(&self.resource_around(site)?, path),
            None => return None,
        };
        self.named_handler(&format!("{class}{sign}{function}"))
    }

    /// Where a function is given under a key: `get "turn", action: "turned"`.
    pub(super) fn by_action(&self, site: &Site<'a>) -> Option<SymbolId> {
        let (action, _) = self.text(site, self.said_under(site, &self.table.action_keys)?).filter(|t| t.1)?;
        let said = self.said_under(site, &self.table.handler_keys).and_then(|a| self.text(site, a)).map(|t| t.0);
        self.member_of_named(&said.or_else(|| self.resource_around(site))?, &action)
    }

    /// The set of routes that a call stands in.
    pub(super) fn resource_around(&self, site: &Site<'a>) -> Option<String> {
        let at = site.signal.span;
        let around = self.around.get(&site.file)?.iter().filter(|(span, _)| span.start <= at.start && at.end <= span.end);
        let sets = around.filter(|(_, n)| self.table.resources.contains_key(self.name(&self.sites[*n])));
        let nearest = self.sites[sets.min_by_key(|(span, _)| span.len())?.1];
        self.text(&nearest, nearest.call.arguments.first()?).map(|t| t.0)
    }

    /// What a text like `racks#list` or `RackController@list` names.
    pub(super) fn named_handler(&self, text: &str) -> Option<SymbolId> {
        let sign = self.table.handler_sign.as_deref()?;
        let (class, function) = text.split_once(sign)?;
        self.member_of_named(class, function)
    }

    pub(super) fn member_of_named(&self, class: &str, function: &str) -> Option<SymbolId> {
        let class = class.rsplit(['/', '\\', ':']).next().unwrap_or(class);
        let ending = self.table.handler_ending.as_deref().unwrap_or("");
        let written = if class.ends_with(ending) && !ending.is_empty() || ending.is_empty() { class.to_owned() } else { format!("{}{ending}", camel(class)) };
        let places = self.classes.get(written.as_str()).or_else(|| self.classes.get(camel(class).as_str()))?;
        places.iter().find_map(|p| self.member(*p, function))
    }

    pub(super) fn member(&self, class: Place, name: &str) -> Option<SymbolId> {
        let here = &self.input.files[class.file];
        let found = here.facts.definitions.iter().position(|d| d.container == Some(class.def) && d.kind.is_callable() && here.facts.name(d.name) == name)?;
        Some(here.symbol(DefId(found as u32)))
    }

    /// What answers: a function by its name, one that is written there, or what a call is given or gives.
    pub(super) fn handler(&self, site: &Site, argument: &Argument) -> Option<SymbolId> {
        let here = &self.input.files[site.file];
        match argument {
            Argument::Function(_) => Some(site.signal.enclosing.map_or(SymbolId::module(here.id), |d| here.symbol(d))),
            Argument::Name(at) => {
                let (place, _) = self.input.meaning(site.file, *at)?;
                // A class that answers has one function for it.
                let alone = if self.def_kind(place).is_type() { self.table.invoked.iter().find_map(|m| self.member(place, m)) } else { None };
                alone.or_else(|| self.symbol(site.file, *at))
            }
            Argument::Text(..) => {
                let (text, known) = self.text(site, argument)?;
                if !known {
                    return None;
                }
                // The class may be said in the chain before.
                let in_chain = || self.member(self.class_in_chain(site)?, &text);
                self.named_handler(&text).or_else(in_chain)
            }
            Argument::List(parts) => match &parts[..] {
                [Argument::Name(at), function @ Argument::Text(..)] => {
                    let (class, _) = self.input.meaning(site.file, *at)?;
                    self.member(class, &self.text(site, function)?.0)
                }
                // What requests go through stands before what answers.
                [.., last] => self.handler(site, last),
                [] => None,
            },
            Argument::Call(at) => {
                let inner = self.by_name.get(&(site.file, *at)).map(|n| &self.sites[*n]);
                let given = inner.and_then(|inner| {
                    let handed = inner.call.arguments.iter().rev().filter(|a| matches!(a, Argument::Name(_) | Argument::Call(_) | Argument::Function(_)));
                    handed.filter_map(|a| self.handler(inner, a)).find(|s| self.input.find(*s).is_none_or(|p| self.def_kind(p).is_callable()))
                });
                given.or_else(|| self.symbol(site.file, *at))
            }
            _ => None,
        }
    }

    /// The class that a call in the chain before names: `controller(RackController::class)`.
    pub(super) fn class_in_chain(&self, site: &Site<'a>) -> Option<Place> {
        let of_call = |call: &Site<'a>| {
            let named = self.table.classes.iter().any(|c| c == self.name(call));
            let argument = call.call.arguments.first().filter(|_| named)?;
            if let Argument::Name(at) = argument { self.input.meaning(call.file, *at).map(|m| m.0) } else { None }
        };
        let chained = self.chain(site).iter().find_map(of_call);
        let at = site.signal.span;
        chained.or_else(|| {
            let around = self.around.get(&site.file)?.iter().filter(|(span, _)| span.start <= at.start && at.end <= span.end);
            let mut groups: Vec<&(Span, usize)> = around.collect();
            groups.sort_by_key(|(span, _)| span.len());
            groups.into_iter().find_map(|(_, n)| self.chain(&self.sites[*n]).iter().find_map(of_call))
        })
    }

    /// The calls before a call in its chain, the nearest first.
    pub(super) fn chain(&self, site: &Site<'a>) -> Vec<Site<'a>> {
        let mut out = Vec::new();
        let mut at = site.call.receiver;
        while let Some(before) = at.and_then(|a| self.by_name.get(&(site.file, a))).map(|n| self.sites[*n]) {
            if out.len() == 12 || before.signal.span == site.signal.span {
                break;
            }
            out.push(before);
            at = before.call.receiver;
        }
        out
    }

    /// What calls in the chain before put before a path: `prefix("admin")->middleware(…)`.
    pub(super) fn chained_prefix(&self, site: &Site<'a>) -> (String, bool) {
        let mut out = (String::new(), true);
        for call in self.chain(site).iter().rev().filter(|c| self.table.prefixes.iter().any(|p| p == self.name(c))) {
            if let Some((text, known)) = call.call.arguments.first().and_then(|a| self.text(call, a)) {
                out = (joined(&out.0, &format!("/{}", text.trim_matches('/'))), out.1 && known);
            }
        }
        out
    }

    pub(super) fn symbol(&self, file: usize, at: u32) -> Option<SymbolId> {
        let (place, _) = self.input.meaning(file, at)?;
        Some(self.input.files[place.file].symbol(place.def))
    }
}

/// `rack_slots` as the name of a class.
fn camel(name: &str) -> String {
    let upper = |word: &str| word[..1].to_ascii_uppercase() + &word[1..];
    name.split('_').filter(|w| !w.is_empty() && w.is_char_boundary(1)).map(upper).collect()
}
