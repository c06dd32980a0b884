//! Texts put together from constants, parameters and the unknown.

use compass_facts::bounds::Levels;
use compass_facts::{Argument, CallSignal, DefId, Facts, Kind, Signal, SignalKind, TextPart};
use compass_index::{PassFile, PassInput, Place};
use rustc_hash::FxHashMap;
use std::collections::hash_map::Entry;

/// A text that is given to a variable: file, place of the name, text.
type Given<'a> = (usize, u32, &'a [TextPart]);

/// Of a variable so many texts are followed.
const MOST_VALUES: usize = 24;

/// A piece of a text.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Piece {
    /// Known.
    Text(String),
    /// What the function around was given, by position.
    Parameter(u16),
    /// Not known.
    Hole,
}

/// Constants by where their name stands.
pub struct Constants<'a> {
    by_place: FxHashMap<Place, Given<'a>>,
    /// Texts that a variable is given besides its first one.
    later: FxHashMap<Place, Vec<Given<'a>>>,
    /// Calls that put values into a text, by where their name stands.
    formatted: FxHashMap<(usize, u32), &'a CallSignal>,
}

impl<'a> Constants<'a> {
    /// Those of all files.
    pub fn new(input: &PassInput<'a>) -> Self {
        let mut by_place: FxHashMap<Place, Given> = FxHashMap::default();
        let mut later: FxHashMap<Place, Vec<Given>> = FxHashMap::default();
        for (file, here) in input.files.iter().enumerate() {
            for signal in &here.facts.signals {
                if let SignalKind::Constant(at, parts) = &signal.kind
                    && let Some((place, _)) = input.meaning(file, *at)
                {
                    match by_place.entry(place) {
                        Entry::Vacant(first) => drop(first.insert((file, *at, parts))),
                        Entry::Occupied(_) => later.entry(place).or_default().push((file, *at, parts)),
                    }
                }
            }
        }
        let formatted = calls(input).filter(|(file, _, call)| is_format(input, *file, call)).map(|(file, _, call)| ((file, call.at), call)).collect();
        Constants { by_place, later, formatted }
    }

    /// What else a variable may hold that stands as an argument: the texts that it is given after its first one, and before that place.
    pub fn later(&self, input: &PassInput<'a>, file: usize, argument: &Argument) -> Vec<Vec<Piece>> {
        let Argument::Name(at) = argument else { return Vec::new() };
        let Some((place, _)) = input.meaning(file, *at) else { return Vec::new() };
        let is_before = |given: &&Given| given.0 != file || given.1 < *at;
        let given = self.later.get(&place).into_iter().flatten().filter(is_before).take(MOST_VALUES);
        given
            .map(|(given_in, _, parts)| {
                let mut out = Vec::new();
                self.parts(input, *given_in, parts, None, Levels::VALUES, &mut out);
                joined(out)
            })
            .collect()
    }

    /// Is a variable that an argument names, or that is put into it, given more than one text?
    pub fn may_change(&self, input: &PassInput<'a>, file: usize, argument: &Argument) -> bool {
        let is_given_anew = |at: u32| input.meaning(file, at).is_some_and(|(place, _)| self.later.contains_key(&place));
        match argument {
            Argument::Name(at) => is_given_anew(*at),
            Argument::Text(parts, _) => parts.iter().any(|p| matches!(p, TextPart::Hole(Some(at)) if is_given_anew(*at))),
            _ => false,
        }
    }

    /// A text with the values put in that a call is given.
    fn formatted(&self, input: &PassInput<'a>, file: usize, at: u32, around: Option<DefId>) -> Option<Vec<Piece>> {
        let call = self.formatted.get(&(file, at))?;
        let mut values = call.arguments.iter().skip(1).map(|a| match a {
            Argument::Text(..) | Argument::Name(_) => self.pieces(input, file, a, around).unwrap_or_else(|| vec![Piece::Hole]),
            _ => vec![Piece::Hole],
        });
        let mut out = Vec::new();
        for piece in self.pieces(input, file, call.arguments.first()?, around)? {
            let Piece::Text(text) = piece else {
                out.push(piece);
                continue;
            };
            let mut rest = text.as_str();
            while let Some((before, behind)) = rest.split_once('%') {
                out.push(Piece::Text(before.to_owned()));
                // Flags and widths stand between the sign and the letter.
                let end = behind.find(|c: char| c.is_ascii_alphabetic() || c == '%').unwrap_or(behind.len());
                match behind.as_bytes().get(end) {
                    Some(b'%') => out.push(Piece::Text("%".to_owned())),
                    _ => out.extend(values.next().unwrap_or_else(|| vec![Piece::Hole])),
                }
                rest = behind.get(end + 1..).unwrap_or("");
            }
            out.push(Piece::Text(rest.to_owned()));
        }
        Some(joined(out))
    }

    /// The pieces of an argument; `None` when it is no text at all.
    pub fn pieces(&self, input: &PassInput<'a>, file: usize, argument: &Argument, around: Option<DefId>) -> Option<Vec<Piece>> {
        let mut out = Vec::new();
        match argument {
            Argument::Text(parts, _) => self.parts(input, file, parts, around, Levels::VALUES, &mut out),
            Argument::Name(at) => self.hole(input, file, Some(*at), around, Levels::VALUES, &mut out),
            Argument::Call(at) => match self.formatted(input, file, *at, around) {
                Some(pieces) => out.extend(pieces),
                None => out.push(Piece::Hole),
            },
            _ => return None,
        }
        Some(joined(out))
    }

    /// A text with `{}` for what is not known, and whether all of it is.
    pub fn text(&self, input: &PassInput<'a>, file: usize, argument: &Argument) -> Option<(String, bool)> {
        let pieces = self.pieces(input, file, argument, None)?;
        let known = pieces.iter().all(|p| matches!(p, Piece::Text(_)));
        Some((pieces.iter().map(|p| if let Piece::Text(t) = p { t.as_str() } else { "{}" }).collect(), known))
    }

    fn parts(&self, input: &PassInput<'a>, file: usize, parts: &[TextPart], around: Option<DefId>, levels: Levels, out: &mut Vec<Piece>) {
        let facts = input.files[file].facts;
        for part in parts {
            match part {
                TextPart::Text(name) => out.push(Piece::Text(facts.name(*name).to_owned())),
                TextPart::Hole(at) => self.hole(input, file, *at, around, levels, out),
            }
        }
    }

    fn hole(&self, input: &PassInput<'a>, file: usize, at: Option<u32>, around: Option<DefId>, levels: Levels, out: &mut Vec<Piece>) {
        let meaning = at.and_then(|at| input.meaning(file, at)).map(|m| m.0);
        let (Some(place), Some(levels)) = (meaning, levels.down()) else {
            out.push(Piece::Hole);
            return;
        };
        // A text is given where it is written, which need not be the file of the variable.
        if let Some((given_in, _, parts)) = self.by_place.get(&place) {
            return self.parts(input, *given_in, parts, None, levels, out);
        }
        let PassFile { facts, language, .. } = &input.files[place.file];
        let receivers = language.profile().members.receivers;
        let own = around.filter(|a| place.file == file && facts.def(place.def).container == Some(*a));
        let given = own.and_then(|a| parameter(facts, receivers, a, place.def));
        out.push(given.map_or(Piece::Hole, Piece::Parameter));
    }
}

fn is_format(input: &PassInput, file: usize, call: &CallSignal) -> bool {
    let name = input.files[file].facts.name(call.name);
    let table = super::frameworks::of(input.files[file].language).and_then(|f| f.table());
    table.is_some_and(|t| t.formats.iter().any(|f| f == name)) && matches!(call.arguments.first(), Some(Argument::Text(..)))
}

fn joined(pieces: Vec<Piece>) -> Vec<Piece> {
    let mut out: Vec<Piece> = Vec::new();
    for piece in pieces {
        match (out.last_mut(), piece) {
            (Some(Piece::Text(before)), Piece::Text(more)) => before.push_str(&more),
            (Some(Piece::Hole), Piece::Hole) => {}
            (_, piece) => out.push(piece),
        }
    }
    out
}

/// The position of a parameter among those of its function, the receiver not counted.
fn parameter(facts: &Facts, receivers: &[&str], function: DefId, def: DefId) -> Option<u16> {
    let all = facts.definitions.iter().enumerate().filter(|(_, d)| d.kind == Kind::Parameter && d.container == Some(function));
    let all = all.filter(|(_, d)| !receivers.contains(&facts.name(d.name)));
    all.map(|(i, _)| i).position(|i| i == def.index()).map(|n| n as u16)
}

/// Puts what a call gives in place of parameters.
pub fn filled(pieces: &[Piece], given: impl Fn(u16) -> Option<Vec<Piece>>) -> Vec<Piece> {
    let mut out = Vec::new();
    for piece in pieces {
        match piece {
            Piece::Parameter(n) => out.extend(given(*n).unwrap_or_else(|| vec![Piece::Hole])),
            other => out.push(other.clone()),
        }
    }
    joined(out)
}

/// Does a parameter of the function around decide it?
pub fn is_given(pieces: &[Piece]) -> bool {
    pieces.iter().any(|p| matches!(p, Piece::Parameter(_)))
}

/// All call signals with their files.
pub fn calls<'a>(input: &PassInput<'a>) -> impl Iterator<Item = (usize, &'a Signal, &'a CallSignal)> {
    let files: Vec<&'a Facts> = input.files.iter().map(|f| f.facts).collect();
    files.into_iter().enumerate().flat_map(|(i, facts)| of_facts(facts).map(move |(s, c)| (i, s, c)))
}

/// The call signals of one file.
pub fn calls_in<'a>(input: &PassInput<'a>, file: usize) -> impl Iterator<Item = (&'a Signal, &'a CallSignal)> {
    of_facts(input.files[file].facts)
}

fn of_facts(facts: &Facts) -> impl Iterator<Item = (&Signal, &CallSignal)> {
    facts.signals.iter().filter_map(|s| match &s.kind {
        SignalKind::Call(call) => Some((s, &**call)),
        _ => None,
    })
}

/// The argument of that name.
pub fn named<'a>(facts: &Facts, call: &'a CallSignal, names: &[&str]) -> Option<&'a Argument> {
    call.named.iter().find(|(n, _)| names.contains(&facts.name(*n))).map(|(_, a)| a)
}

/// The field of that name in an argument made of fields.
pub fn field<'a>(facts: &Facts, argument: Option<&'a Argument>, names: &[&str]) -> Option<&'a Argument> {
    match argument? {
        Argument::Fields(fields) => fields.iter().find(|(n, _)| names.contains(&facts.name(*n))).map(|(_, a)| a),
        _ => None,
    }
}
