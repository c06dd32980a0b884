//! Documentation as it is read: comments in Markdown, with tags of parameters and results in the shapes that people use, whatever the
//! language; languages with a shape of their own bring it to Markdown themselves ([`Documentation`]).
//!
//! # How it works
//! `comment` takes the comment's signs away; `fields` cuts off what is said of parameters, results and errors, however it is
//! written; `markup` makes Markdown of other signs; what is left goes through the Markdown parser.

mod comment;
mod fields;
mod markup;
mod opening;

pub use comment::clean;
pub(crate) use opening::opening;

use compass_facts::Language;
use fields::Part;
use pulldown_cmark::{Event, Options, Parser, Tag, TagEnd};

/// A block of documentation.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Block {
    /// What it is.
    pub kind: BlockKind,
    /// Its text; of code one piece a line.
    pub pieces: Vec<Piece>,
    /// How deep in lists it stands.
    pub depth: usize,
}

/// Kinds of blocks.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum BlockKind {
    /// A paragraph.
    Text,
    /// A heading.
    Heading,
    /// The beginning of a list's item, with its sign.
    Item(String),
    /// Code as it stands.
    Code,
    /// What is said of a part of the thing: `parameter`, `returns`, `throws` …, and which.
    Field(&'static str, String),
}

/// A stretch of text.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Piece {
    /// Its text.
    pub text: String,
    /// Is it code, or a name?
    pub code: bool,
    /// Is it stressed?
    pub strong: bool,
}

/// A shape of documentation that only one language has.
pub trait Documentation: Sync {
    /// The text as Markdown; `None` for a comment in one of the usual shapes.
    fn to_markdown(&self, comment: &str) -> Option<String>;
}

/// The documentation of a language, as its room hands it in.
pub struct DocumentationPart(pub &'static dyn Documentation);

/// The blocks of a comment as it stands in a source of that language, its signs included.
pub fn read(language: Language, comment: &str) -> Vec<Block> {
    let own = language.profile().documentation.and_then(|part| part.downcast_ref::<DocumentationPart>());
    let mut out = Vec::new();
    if let Some(markdown) = own.and_then(|part| part.0.to_markdown(comment)) {
        blocks(&markdown, &mut out);
        return out;
    }
    let cleaned = clean(comment);
    for part in fields::split(&cleaned) {
        match part {
            Part::Body(text) => blocks(&markup::to_markdown(&text), &mut out),
            Part::Field { what, name, text } => {
                let mut said = Vec::new();
                blocks(&markup::to_markdown(&text), &mut said);
                let first = matches!(said.first(), Some(b) if b.kind == BlockKind::Text);
                let pieces = if first { said.remove(0).pieces } else { Vec::new() };
                out.push(Block { kind: BlockKind::Field(what, name), pieces, depth: 0 });
                out.extend(said.into_iter().map(|b| Block { depth: b.depth + 1, ..b }));
            }
        }
    }
    out
}

/// The blocks of a text in Markdown.
pub fn read_markdown(text: &str) -> Vec<Block> {
    let mut out = Vec::new();
    blocks(text, &mut out);
    out
}

/// Reads Markdown.
fn blocks(markdown: &str, out: &mut Vec<Block>) {
    let mut maker = Maker { out, open: None, lists: Vec::new(), strong: 0, in_code: false };
    for event in Parser::new_ext(markdown, Options::ENABLE_TABLES | Options::ENABLE_STRIKETHROUGH) {
        maker.event(event);
    }
    maker.close();
}

struct Maker<'o> {
    out: &'o mut Vec<Block>,
    open: Option<Block>,
    /// The numbers of the lists around, where they have some.
    lists: Vec<Option<u64>>,
    strong: u32,
    in_code: bool,
}

impl Maker<'_> {
    fn event(&mut self, event: Event) {
        match event {
            Event::Start(Tag::Paragraph) if self.open.as_ref().is_some_and(|b| b.pieces.is_empty()) => {}
            Event::Start(Tag::Paragraph | Tag::TableHead | Tag::TableRow) => self.begin(BlockKind::Text),
            Event::Start(Tag::Heading { .. }) => self.begin(BlockKind::Heading),
            Event::Start(Tag::CodeBlock(_)) => {
                self.begin(BlockKind::Code);
                self.in_code = true;
            }
            Event::Start(Tag::List(first)) => {
                self.close();
                self.lists.push(first);
            }
            Event::Start(Tag::Item) => {
                let sign = match self.lists.last_mut() {
                    Some(Some(number)) => {
                        *number += 1;
                        format!("{}.", *number - 1)
                    }
                    _ => "·".to_owned(),
                };
                self.begin(BlockKind::Item(sign));
            }
            Event::Start(Tag::Strong | Tag::Emphasis) => self.strong += 1,
            Event::End(TagEnd::Strong | TagEnd::Emphasis) => self.strong = self.strong.saturating_sub(1),
            Event::End(TagEnd::CodeBlock) => {
                self.in_code = false;
                self.close();
            }
            Event::End(TagEnd::List(_)) => {
                self.close();
                self.lists.pop();
            }
            Event::End(TagEnd::Paragraph | TagEnd::Heading(_) | TagEnd::Item | TagEnd::TableHead | TagEnd::TableRow) => self.close(),
            Event::End(TagEnd::TableCell) => self.text(" │ ", false),
            Event::Text(text) if self.in_code => {
                let lines: Vec<Piece> = text.lines().map(|l| Piece { text: l.to_owned(), code: true, strong: false }).collect();
                self.block().pieces.extend(lines);
            }
            Event::Text(text) | Event::InlineHtml(text) | Event::Html(text) => self.text(&text, false),
            Event::Code(text) => self.text(&text, true),
            Event::SoftBreak | Event::HardBreak => self.text(" ", false),
            Event::Rule => self.close(),
            _ => {}
        }
    }

    fn begin(&mut self, kind: BlockKind) {
        self.close();
        let depth = self.lists.len().saturating_sub(usize::from(matches!(kind, BlockKind::Item(_))));
        self.open = Some(Block { kind, pieces: Vec::new(), depth });
    }

    fn block(&mut self) -> &mut Block {
        let depth = self.lists.len();
        self.open.get_or_insert(Block { kind: BlockKind::Text, pieces: Vec::new(), depth })
    }

    fn text(&mut self, text: &str, code: bool) {
        let strong = self.strong > 0;
        let pieces = &mut self.block().pieces;
        match pieces.last_mut().filter(|p| p.code == code && p.strong == strong) {
            Some(last) => last.text.push_str(text),
            None => pieces.push(Piece { text: text.to_owned(), code, strong }),
        }
    }

    fn close(&mut self) {
        let Some(mut block) = self.open.take() else { return };
        if block.kind == BlockKind::Code {
            straighten(&mut block.pieces);
        }
        if !block.pieces.is_empty() {
            self.out.push(block);
        }
    }
}

/// Takes empty lines around code away, and the indentation that all of it has.
fn straighten(lines: &mut Vec<Piece>) {
    let is_empty = |p: &Piece| p.text.trim().is_empty();
    while lines.last().is_some_and(is_empty) {
        lines.pop();
    }
    lines.drain(..lines.iter().take_while(|p| is_empty(p)).count());
    let common = lines.iter().filter(|p| !is_empty(p)).map(|p| p.text.len() - p.text.trim_start().len()).min().unwrap_or(0);
    lines.iter_mut().for_each(|p| p.text = p.text.get(common..).unwrap_or("").to_owned());
}

#[cfg(test)]
mod tests;
