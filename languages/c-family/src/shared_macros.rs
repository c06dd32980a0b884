//! Macros of other files that make names: where definitions stand in a text, and what a call of one makes.

mod braces;
mod definitions;
mod shape;

pub(crate) use braces::{Braces, Opened};
pub(crate) use shape::{NameTemplates, Part, Template, WithArguments, parts};

use compass_facts::surroundings::{FindMacro, MacroShape, SharedMacros, Surroundings};
use compass_facts::{Cancel, Facts};
use std::ops::Range;

/// The preprocessor's macros, as all files share them.
#[derive(Debug)]
pub(crate) struct Preprocessed {
    pub(crate) cpp: bool,
}

impl SharedMacros for Preprocessed {
    fn definitions(&self, text: &[u8], each: &mut dyn FnMut(&[u8], Range<usize>)) {
        definitions::each(text, each);
    }

    fn shape(&self, name: &str, find: &mut FindMacro) -> MacroShape {
        NameTemplates::of(name, find).into_shape()
    }

    fn read(&self, text: &str, cancel: &Cancel, among: &dyn Surroundings) -> Option<Facts> {
        crate::reader::read(text, self.cpp, cancel, among)
    }
}
