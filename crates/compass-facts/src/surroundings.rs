//! What a reader may ask of the other files of a tree: the macros they define.
//!
//! Facts of a file hang on its text and on what the macros it calls make. A language that has such macros says how they are found in a
//! text and what a call of one makes; who indexes the tree keeps both, and reads a file again when what it asked for is another thing.

use crate::{Cancel, Facts};
use std::any::Any;
use std::sync::Arc;

/// A macro as one file defines it.
#[derive(Debug, Clone)]
pub struct WrittenMacro {
    /// The path of the file, as it is shown.
    pub path: Arc<str>,
    /// The text of the definition.
    pub text: String,
}

/// What calls of a macro make.
pub struct MacroShape {
    /// Changes with what is made; 0 for a macro whose calls make nothing.
    pub digest: u64,
    /// What the language keeps of it.
    pub value: Option<Box<dyn Any + Send + Sync>>,
}

/// Finds the definitions of a macro in all files, in a fixed order and of very many only the first.
pub type FindMacro<'f> = dyn FnMut(&str) -> Vec<WrittenMacro> + 'f;

/// The macros of all files, as the reader of one file sees them.
pub trait Surroundings {
    /// What calls of the macro make; nothing where no file defines it.
    fn shape(&self, name: &str) -> Option<Arc<MacroShape>>;

    /// The path of the file that is read.
    fn path(&self) -> &str;
}

/// A file by itself.
pub struct Alone;

impl Surroundings for Alone {
    fn shape(&self, _: &str) -> Option<Arc<MacroShape>> {
        None
    }

    fn path(&self) -> &str {
        ""
    }
}

/// How a language reads files whose macros stand in other files.
pub trait SharedMacros: Sync + std::fmt::Debug {
    /// The macros that a text defines: name and place of each definition.
    fn definitions(&self, text: &[u8], each: &mut dyn FnMut(&[u8], std::ops::Range<usize>));

    /// What calls of a macro make.
    fn shape(&self, name: &str, find: &mut FindMacro) -> MacroShape;

    /// Reads a text among others. `None` when cancelled.
    fn read(&self, text: &str, cancel: &Cancel, among: &dyn Surroundings) -> Option<Facts>;
}
