//! Which of the recorded flows are kept: those of values that may be functions.
//!
//! Most of what programs move is data. What is kept is decided in one file alone: a value counts where it names a function, or where what it
//! is put into is called there.

use crate::{DefId, Facts, Flow, FlowPart, Kind, NameId, Role, Shape, Use};
use rustc_hash::FxHashSet;

/// Variables are given what other variables were given; so often is that followed.
const PASSES: usize = 4;

/// Parts of names of what is handed on to be called.
const CALLED_LIKE: [&str; 16] =
    ["callback", "handler", "listener", "func", "fn", "hook", "action", "task", "job", "work", "visit", "compar", "predicate", "cb", "command", "run"];

/// Drops flows whose values cannot be functions, and sorts the others.
pub(super) fn settle(facts: &mut Facts) {
    let flows = std::mem::take(&mut facts.flows);
    if flows.is_empty() {
        return;
    }
    let mut settling = Settling::new(facts, &flows);
    settling.find_called(&flows);
    let mut kept: Vec<Flow> = Vec::new();
    for pass in 0..PASSES {
        let before = kept.len();
        for flow in &flows {
            if settling.may_be_function(flow, pass) {
                kept.push(*flow);
                settling.keep(flow);
            }
        }
        kept.sort_unstable();
        kept.dedup();
        if kept.len() == before {
            break;
        }
    }
    facts.flows = kept;
}

/// What is known of the variables, fields and functions of one file.
struct Settling<'f> {
    facts: &'f Facts,
    /// Variables that are called, or something in them, or what they are put into.
    called: FxHashSet<DefId>,
    /// Names of members that are called so.
    called_names: FxHashSet<NameId>,
    /// Variables that were given what may be a function.
    given: FxHashSet<DefId>,
    /// Names of members that were.
    given_names: FxHashSet<NameId>,
    /// Functions that give such.
    giving: FxHashSet<DefId>,
    /// Names of this file's functions.
    functions: FxHashSet<NameId>,
    /// Where members are taken by a name that is put together.
    by_name: FxHashSet<u32>,
}

impl<'f> Settling<'f> {
    fn new(facts: &'f Facts, flows: &[Flow]) -> Settling<'f> {
        let calls = || facts.uses.iter().filter(|u| u.role == Role::Call);
        let holds = |def: &DefId| facts.def(*def).kind.is_variable();
        let functions: FxHashSet<(Option<DefId>, NameId)> = facts.definitions.iter().filter(|d| d.kind.is_callable()).map(|d| (d.container, d.name)).collect();
        // `weigh = timed (weigh)`: the variable holds the function of its name.
        let is_namesake = |d: &crate::Definition| d.kind.is_variable() && functions.contains(&(d.container, d.name));
        let is_member = |u: &&Use| u.local.is_none() && matches!(u.shape, Shape::Member(_));
        Settling {
            facts,
            called: calls().filter_map(|u| u.local).filter(holds).collect(),
            called_names: calls().filter(is_member).map(|u| u.name).collect(),
            given: facts.definitions.iter().enumerate().filter(|(_, d)| is_namesake(d)).map(|(i, _)| DefId(i as u32)).collect(),
            given_names: FxHashSet::default(),
            giving: FxHashSet::default(),
            functions: functions.into_iter().map(|f| f.1).collect(),
            by_name: flows.iter().filter(|f| matches!(f.part, FlowPart::Member(_))).map(|f| f.value).collect(),
        }
    }

    /// Adds variables out of which what is called comes.
    fn find_called(&mut self, flows: &[Flow]) {
        for flow in flows.iter().filter(|f| f.part == FlowPart::Called) {
            self.note_called(flow.value);
        }
        for _ in 0..PASSES {
            let before = self.called.len() + self.called_names.len();
            for flow in flows {
                if self.is_called(flow) && !matches!(flow.of, FlowPart::Given) {
                    self.note_called(flow.value);
                }
            }
            if self.called.len() + self.called_names.len() == before {
                break;
            }
        }
    }

    fn note_called(&mut self, offset: u32) {
        match (self.local(offset), self.at(offset)) {
            (Some(def), _) if self.facts.def(def).kind.is_variable() => {
                self.called.insert(def);
            }
            (None, Some(u)) if matches!(u.shape, Shape::Member(_)) => {
                self.called_names.insert(u.name);
            }
            _ => {}
        }
    }

    fn at(&self, offset: u32) -> Option<&'f Use> {
        self.facts.find_use_at(offset).map(|u| self.facts.usage(u))
    }

    fn local(&self, offset: u32) -> Option<DefId> {
        self.at(offset).map_or_else(|| self.facts.find_definition_at(offset), |u| u.local)
    }

    /// Is what a flow leads to called?
    fn is_called(&self, flow: &Flow) -> bool {
        if matches!(flow.part, FlowPart::Argument(_) | FlowPart::Keyword(_) | FlowPart::Called | FlowPart::Member(_) | FlowPart::Given) {
            return false;
        }
        match self.local(flow.into) {
            Some(def) => {
                let d = self.facts.def(def);
                self.called.contains(&def) || d.kind == Kind::Field && self.called_names.contains(&d.name)
            }
            None => self.at(flow.into).is_some_and(|u| matches!(u.shape, Shape::Member(_)) && self.called_names.contains(&u.name)),
        }
    }

    /// Notes what a flow that is kept leads to.
    fn keep(&mut self, flow: &Flow) {
        match flow.part {
            FlowPart::Argument(_) | FlowPart::Keyword(_) | FlowPart::Called | FlowPart::Member(_) => {}
            FlowPart::Given => self.giving.extend(self.local(flow.into)),
            _ => match (self.local(flow.into), self.at(flow.into)) {
                (Some(def), _) if self.facts.def(def).kind.is_callable() => {
                    self.giving.insert(def);
                }
                (Some(def), _) => {
                    self.given.insert(def);
                    self.given_names.extend(Some(self.facts.def(def)).filter(|d| d.kind == Kind::Field).map(|d| d.name));
                }
                (None, Some(u)) => {
                    self.given_names.insert(u.name);
                }
                _ => {}
            },
        }
    }

    fn may_be_function(&self, flow: &Flow, pass: usize) -> bool {
        match (flow.of, self.at(flow.value)) {
            _ if matches!(flow.part, FlowPart::Called | FlowPart::Member(_)) => true,
            (FlowPart::Given, u) => {
                let local = self.local(flow.value);
                let gives = local.is_some_and(|d| self.giving.contains(&d)) || self.by_name.contains(&flow.value);
                // A member of the same name in this file: `self.make_reader ()`.
                let gives = gives || local.is_none() && u.is_some_and(|u| self.giving.iter().any(|d| self.facts.def(*d).name == u.name));
                gives || self.is_called(flow) || self.is_handed_on_to_be_called(flow)
            }
            _ if self.is_returned(flow) => self.may_be_returned(flow),
            (FlowPart::Whole, None) => pass > 0 && self.facts.find_definition_at(flow.value).is_some_and(|d| self.given.contains(&d)),
            (FlowPart::Whole, Some(u)) if matches!(u.role, Role::Call | Role::Write | Role::Import) => false,
            (FlowPart::Whole, Some(u)) if is_constant(self.facts, u) => self.is_called(flow),
            (FlowPart::Whole, Some(u)) => match u.local {
                Some(def) if self.facts.def(def).kind.is_variable() => {
                    let kept = self.facts.def(def).kind == Kind::Parameter && keeps(self.facts, flow, def);
                    self.given.contains(&def) || self.is_called(flow) || kept
                }
                Some(def) => self.facts.def(def).kind.is_callable() || self.facts.def(def).kind.is_type(),
                None => true,
            },
            _ => self.is_called(flow) || self.local(flow.value).is_some_and(|v| self.given.contains(&v)),
        }
    }

    /// Does it leave a function?
    fn is_returned(&self, flow: &Flow) -> bool {
        flow.part == FlowPart::Given || self.at(flow.into).is_none() && self.local(flow.into).is_some_and(|d| self.facts.def(d).kind.is_callable())
    }

    /// Is what a function returns a function, as far as this file tells?
    fn may_be_returned(&self, flow: &Flow) -> bool {
        let local = self.local(flow.value);
        let Some(u) = self.at(flow.value) else { return false };
        match (flow.of, local) {
            (FlowPart::Whole, Some(def)) if u.role != Role::Call => self.facts.def(def).kind.is_callable() || self.given.contains(&def),
            (FlowPart::Whole, None) => u.role != Role::Call && matches!(u.shape, Shape::Member(_)) && self.functions.contains(&u.name),
            (FlowPart::Element, Some(def)) => self.given.contains(&def),
            (FlowPart::Element, None) => self.given_names.contains(&u.name),
            _ => false,
        }
    }

    /// Is it put into a variable that has the name of something to call?
    fn is_handed_on_to_be_called(&self, flow: &Flow) -> bool {
        let Some(def) = self.local(flow.into).filter(|_| flow.part == FlowPart::Whole) else { return false };
        let d = self.facts.def(def);
        d.kind.is_variable() && is_called_like(self.facts.def_name(def))
    }
}

/// Is what a function is given kept where others may call it, or handed on and called like something that is called?
fn keeps(facts: &Facts, flow: &Flow, parameter: DefId) -> bool {
    match flow.part {
        FlowPart::Argument(_) | FlowPart::Keyword(_) => is_called_like(facts.def_name(parameter)),
        FlowPart::Element | FlowPart::Field(_) => true,
        // What a call gives that was handed it: kept where more than this function can tell.
        FlowPart::Within => {
            facts.find_use_at(flow.into).is_none_or(|u| facts.usage(u).local.is_none())
                && facts.find_definition_at(flow.into).is_none_or(|d| !facts.def(d).kind.is_variable())
        }
        FlowPart::Whole => match facts.find_use_at(flow.into) {
            Some(u) => facts.usage(u).local.is_none(),
            None => facts.find_definition_at(flow.into).is_some_and(|d| !facts.def(d).kind.is_variable()),
        },
        FlowPart::Called | FlowPart::Member(_) | FlowPart::Given => false,
    }
}

fn is_called_like(name: &str) -> bool {
    let name = name.to_ascii_lowercase();
    CALLED_LIKE.iter().any(|w| name.contains(w))
}

/// Is it a name in capitals, as constants have?
fn is_constant(facts: &Facts, u: &Use) -> bool {
    let name = facts.name(u.name);
    u.local.is_none() && matches!(u.shape, Shape::Plain | Shape::Member(_)) && name.len() > 1 && !name.bytes().any(|b| b.is_ascii_lowercase())
}
