//! Functions that one language gives to another under a name, and who asks for them there.
//!
//! A row `{"turn", rack_turn}` of a table, a call `rb_define_method (rack, "turn", rack_turn, 0)`, a mark before a function: the reader of the
//! language that gives says so. Who asks does it through the module that gives them, inside the type they become members of, or declares
//! them where they have no body. A name alone is not enough: `get` is given by many, and meant by more.

mod asking;
mod offers;

use super::Exports;
use asking::Asking;
use compass_facts::Language;
use compass_index::{PassInput, PassOutput, Place};
use offers::Offers;
use rustc_hash::FxHashSet;

/// How code of a language asks for what another one gives it, as its room knows it.
#[derive(Debug, Default)]
pub struct AsksNatives {
    /// What stands before the name of a module in the name of the function that makes it; dots are low lines there.
    pub makers: &'static [&'static str],
    /// Libraries that load such modules and nothing else: what they give is one.
    pub loaders: &'static [&'static str],
    /// The call that loads any file whose name it is given: what it gives may be one.
    pub loads_all: Option<&'static str>,
    /// Endings of files that are such modules.
    pub endings: &'static [&'static str],
    /// Endings of files that say what such modules have.
    pub declarations: &'static [&'static str],
    /// Are functions that belong to no type found everywhere, without a module?
    pub are_global: bool,
}

/// What languages are given, each with how it asks.
pub(super) struct Given<'a>(Vec<(Language, &'static AsksNatives, Offers<'a>)>);

impl<'a> Given<'a> {
    pub(super) fn new(input: &PassInput<'a>, exports: &Exports<'a>) -> Given<'a> {
        let of_language = |(to, offers): (Language, Offers<'a>)| Some((to, super::super::frameworks::of(to)?.asks_natives()?, offers));
        Given(offers::of_all(input, exports).into_iter().filter_map(of_language).collect())
    }

    /// The one function that a language is given under a name.
    pub(super) fn only(&self, language: Language, name: &str) -> Option<(Place, (usize, compass_facts::Span))> {
        let offers = self.0.iter().find(|(to, ..)| to.is_kin_of(language))?.2.by_name.get(name)?;
        let [offer] = &offers[..] else { return None };
        Some((offer.function, (offer.file, offer.at)))
    }

    /// Lets those who ask meet what they are given.
    pub(super) fn meet(&self, input: &PassInput<'a>, out: &mut PassOutput) {
        for (to, asks, offers) in &self.0 {
            let files = input.files.iter().enumerate().filter(|(_, f)| f.language.is_kin_of(*to));
            let mut all: Vec<Asking> = files.map(|(file, _)| Asking::new(input, file, (*asks, offers))).collect();
            let natives: FxHashSet<usize> = all.iter().filter(|a| a.gives_native()).map(|a| a.file).collect();
            for asking in &mut all {
                if !natives.is_empty() {
                    asking.names_by_files(&natives);
                }
                asking.uses(out);
                if asks.declarations.iter().any(|e| input.files[asking.file].path.ends_with(e)) {
                    asking.declarations(out);
                }
            }
        }
    }
}
