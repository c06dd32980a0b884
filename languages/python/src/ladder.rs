//! Generator functions of Python, lowered to the iterator class they stand for.
//!
//! # How it works
//! The body is cut at every `yield` into blocks; a method runs blocks until one hands out a value, and the number of the next block is the
//! state that is kept between calls. Variables become fields of the iterator. `try`, `with` and `finally` around a `yield` become a table:
//! which block goes on when a block raises. Loops and branches without a `yield` stay as written; at the depth `primitive` they are cut too.
//!
//! # Not here
//! Asynchronous generators, and the few constructs that bind names which cannot be fields (`:=`, captures of `match`): said by name.

mod compile;
mod machine;
mod print;
mod source;

use compass_facts::Cancel;
use compass_facts::{Flags, Kind, Span};
use compass_index::Index;
use compass_index::Tree;
use compass_unfold::Place;
use compass_unfold::Texts;
use compass_unfold::{Content, Depth, Location, Piece, PieceKind, Step, StepKind, Text, Unfolding};
use compass_unfold::{Ladder, Options, UnfoldError};
use source::Function;
use tree_sitter::{Node, Parser};

/// Depths, from almost as written to primitive.
const DEPTHS: [Depth; 2] = [
    Depth { name: "states", what: "an iterator class with its state; loops and branches without a yield stay as written" },
    Depth { name: "primitive", what: "every loop, branch, try and with is cut too: blocks, jumps, and a table of handlers" },
];

/// The ladder of Python.
pub(crate) struct Generators;

impl Ladder for Generators {
    fn unfold(&self, index: &Index, _: &dyn Tree, at: Place, _: &Options, _: &Cancel) -> Result<Unfolding, UnfoldError> {
        unfold(index, at)
    }
}

fn unfold(index: &Index, at: Place) -> Result<Unfolding, UnfoldError> {
    let nothing = |why: &str| UnfoldError::Nothing { place: index.path_of(at.file), why: why.to_owned() };
    let mut texts = Texts::default();
    let number = texts.indexed(index, at.file).ok_or_else(|| nothing("the file cannot be read"))?;
    let entry = texts.entries[number.0 as usize].clone();
    let mut parser = Parser::new();
    parser.set_language(&tree_sitter_python::LANGUAGE.into()).expect("the grammar crate matches the runtime's version");
    let tree = parser.parse(&*entry.text, None).ok_or_else(|| nothing("the file cannot be parsed"))?;
    let source = index.source(at.file)?;
    let facts = index.facts(at.file)?;
    let facts = source.changed.as_ref().unwrap_or(&facts.facts);
    let generators = facts.definitions.iter().enumerate().filter(|(_, d)| matches!(d.kind, Kind::Function | Kind::Method) && d.whole.contains(at.offset));
    let (i, def) = generators.min_by_key(|(_, d)| d.whole.len()).ok_or_else(|| nothing("no function stands here"))?;
    let name = facts.name(def.name).to_owned();
    let node = function_at(tree.root_node(), def.name_span).ok_or_else(|| nothing("no function stands here"))?;
    let unsupported = |why: String| UnfoldError::Unsupported { what: name.clone(), why };
    if !source::has_yield(node.child_by_field_name("body").unwrap_or(node)) {
        return Err(nothing("this function is no generator: it has no yield"));
    }
    if def.flags.has(Flags::ASYNC) {
        return Err(unsupported("it is an asynchronous generator".to_owned()));
    }
    let function = Function::new(node, &entry.text, facts, compass_facts::DefId(i as u32)).map_err(&unsupported)?;
    let mut stages = vec![written(&function, &texts, number)];
    for primitive in [false, true] {
        let machine = compile::compile(&function, primitive).map_err(&unsupported)?;
        stages.push(to_text(print::print(&function, &machine), &texts, number));
    }
    let steps = DEPTHS.iter().enumerate().map(|(n, depth)| Step {
        by: depth.name.to_owned(),
        kind: StepKind::Lowering,
        defined: None,
        conditions: Vec::new(),
        competing: Vec::new(),
        depth: n,
        before: stages[n].text.clone(),
        after: stages[n + 1].text.clone(),
    });
    let place = texts.location(compass_expand::Place { source: number, span: function.whole });
    let mut notes = vec!["a generator's frame and traceback are not shown; everything else runs as the original does".to_owned()];
    notes.extend(function.notes.iter().cloned());
    Ok(Unfolding { place, steps: steps.collect(), notes, depths: DEPTHS.to_vec(), content: Content::Stages(stages) })
}

fn function_at(root: Node, name: Span) -> Option<Node> {
    let mut node = root.descendant_for_byte_range(name.start as usize, name.end as usize)?;
    while node.kind() != "function_definition" {
        node = node.parent()?;
    }
    Some(node)
}

fn written(function: &Function, texts: &Texts, number: compass_expand::SourceNo) -> Text {
    let mut lines = print::Lines::default();
    function.emit(function.whole, 0, &mut lines, source::Names::AsWritten);
    to_text(lines, texts, number)
}

/// Lines with places become a text in pieces.
fn to_text(lines: print::Lines, texts: &Texts, number: compass_expand::SourceNo) -> Text {
    let (text, chunks) = lines.finish();
    let made: Vec<(String, Option<Location>)> = vec![("added by the lowering: nobody wrote it".to_owned(), None)];
    let pieces = chunks.into_iter().map(|(span, from)| match from {
        Some(from) => {
            let place = texts.location(compass_expand::Place { source: number, span: from });
            Piece { span, kind: PieceKind::Written, fresh: false, trail: vec![("written here".to_owned(), Some(place))] }
        }
        None => Piece { span, kind: PieceKind::Made, fresh: false, trail: made.clone() },
    });
    Text { text, pieces: pieces.collect() }
}
