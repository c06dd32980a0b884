//! The languages that can be read, how they are recognised, and the one door to their readers.

use crate::profile::Profile;
use crate::reading::syntax::Tree;
use crate::reading::tree::errors;
use crate::surroundings::{Alone, Surroundings};
use crate::{Cancel, Facts, Gap, GapCause, Source, Span};
use serde::{Deserialize, Serialize};
use std::panic::{AssertUnwindSafe, catch_unwind};
use std::sync::RwLock;

/// A language: a handle on what its room says of it. Told by file name or by the first line.
#[derive(Clone, Copy)]
pub struct Language(&'static Profile);

impl PartialEq for Language {
    fn eq(&self, other: &Language) -> bool {
        std::ptr::eq(self.0, other.0)
    }
}

impl Eq for Language {}

impl std::hash::Hash for Language {
    fn hash<H: std::hash::Hasher>(&self, state: &mut H) {
        std::ptr::from_ref(self.0).hash(state);
    }
}

impl PartialOrd for Language {
    fn partial_cmp(&self, other: &Language) -> Option<std::cmp::Ordering> {
        Some(self.cmp(other))
    }
}

impl Ord for Language {
    fn cmp(&self, other: &Language) -> std::cmp::Ordering {
        self.stored_word().cmp(other.stored_word())
    }
}

impl std::fmt::Debug for Language {
    fn fmt(&self, f: &mut std::fmt::Formatter<'_>) -> std::fmt::Result {
        f.write_str(self.stored_word())
    }
}

impl Serialize for Language {
    fn serialize<S: serde::Serializer>(&self, to: S) -> Result<S::Ok, S::Error> {
        to.serialize_str(self.stored_word())
    }
}

impl<'de> Deserialize<'de> for Language {
    fn deserialize<D: serde::Deserializer<'de>>(from: D) -> Result<Language, D::Error> {
        let word = std::borrow::Cow::<'de, str>::deserialize(from)?;
        let known = Language::all().iter().find(|l| l.stored_word() == word);
        known.copied().ok_or_else(|| serde::de::Error::custom(format_args!("no language is called {word}")))
    }
}

include!(concat!(env!("OUT_DIR"), "/shared_version.rs"));

/// The languages there are, in the order in which they were registered.
static KNOWN: RwLock<&'static [Language]> = RwLock::new(&[Language::TEXT]);

/// Makes languages known: from then on their files are recognised, and what is stored of them can be read. Those that are known already
/// stay what they are.
pub fn register(languages: &[Language]) {
    let mut known = KNOWN.write().unwrap_or_else(|e| e.into_inner());
    let new: Vec<Language> = languages.iter().copied().filter(|l| !known.contains(l)).collect();
    if !new.is_empty() {
        // Languages are registered once or twice in the life of a program: lists of before are few, and somebody may still look at them.
        *known = Vec::leak([*known, &new].concat());
    }
}

/// Endings of files that are text, and have no reader: they are searched.
const TEXT_ENDINGS: &str = include_str!("data/text_endings.txt");
/// Endings of files that are none.
const BINARY_ENDINGS: &str = include_str!("data/binary_endings.txt");

fn has_ending(list: &'static str, ending: &str) -> bool {
    list.split_whitespace().any(|known| known == ending)
}

/// Is that a name, or one with a `*` for anything?
pub fn fits(name: &str, pattern: &str) -> bool {
    match pattern.split_once('*') {
        Some((front, end)) => name.len() >= front.len() + end.len() && name.starts_with(front) && name.ends_with(end),
        None => name == pattern,
    }
}

impl Language {
    /// Text that is searched but not read: schemas, configuration, documents.
    pub const TEXT: Language = Language(&crate::text::PROFILE);

    /// The language that a room describes.
    #[must_use]
    pub const fn of(profile: &'static Profile) -> Language {
        Language(profile)
    }

    /// All that are known.
    #[must_use]
    pub fn all() -> &'static [Language] {
        *KNOWN.read().unwrap_or_else(|e| e.into_inner())
    }

    /// What is particular to it.
    #[inline]
    #[must_use]
    pub fn profile(self) -> &'static Profile {
        self.0
    }

    /// The word it is stored by; one for each language, never given to another.
    pub fn stored_word(self) -> &'static str {
        self.profile().stored_word
    }

    /// The word for people and for `lang` in questions.
    pub fn word(self) -> &'static str {
        self.profile().word
    }

    /// The language of a file name; `None` when the name says nothing.
    pub fn of_name(name: &str) -> Option<Language> {
        let is_called = |pattern: &&str| fits(name, pattern);
        if let Some(known) = Language::all().iter().find(|l| l.profile().file_names.iter().any(is_called)) {
            return Some(*known);
        }
        let extension = name.rsplit_once('.').map(|(stem, e)| (stem, e.to_ascii_lowercase()));
        let Some((stem, extension)) = extension else {
            return matches!(name, "README" | "LICENSE").then_some(Language::TEXT);
        };
        if stem.is_empty() {
            return None;
        }
        let known = Language::all().iter().copied().find(|l| l.profile().endings.contains(&extension.as_str()));
        known.or_else(|| has_ending(TEXT_ENDINGS, &extension).then_some(Language::TEXT))
    }

    /// Does the name of a file leave its language open, though an ending speaks for one?
    pub fn is_unsure(name: &str) -> bool {
        let ending = name.rsplit_once('.').map(|(_, e)| e.to_ascii_lowercase());
        ending.is_some_and(|e| Language::all().iter().any(|l| l.profile().unsure_endings.contains(&e.as_str())))
    }

    /// The language of a text by how it begins: the program of its `#!` line, or a sign that only one language opens files with.
    pub fn of_beginning(head: &str) -> Option<Language> {
        let head = head.trim_start_matches('\u{feff}');
        let opens = |l: &&Language| l.profile().openings.iter().any(|o| head.trim_start().starts_with(o));
        Language::of_first_line(head.lines().next()?).or_else(|| Language::all().iter().find(opens).copied())
    }

    /// Is a file of that name surely no text?
    pub fn is_binary_name(name: &str) -> bool {
        // Copies that editors leave repeat what stands beside them.
        name.ends_with('~') || name.rsplit_once('.').is_some_and(|(_, ending)| has_ending(BINARY_ENDINGS, &ending.to_ascii_lowercase()))
    }

    /// The language of a script by its `#!` line.
    pub fn of_first_line(line: &str) -> Option<Language> {
        let command = line.strip_prefix("#!")?;
        let program = command.split_whitespace().map(|w| w.rsplit('/').next().unwrap_or(w)).find(|w| *w != "env" && !w.starts_with('-'))?;
        let is_called = |pattern: &&str| match (pattern.strip_suffix('*'), pattern.strip_prefix('*')) {
            (Some(front), _) => program.starts_with(front),
            (_, Some(end)) => program.ends_with(end),
            _ => program == *pattern,
        };
        // What is only text is what no other language takes.
        let claims = |l: &&Language| l.profile().interpreters.iter().any(&is_called);
        Language::all().iter().filter(claims).max_by_key(|l| l.is_read()).copied()
    }

    /// Does a reader take facts from it?
    pub fn is_read(self) -> bool {
        self != Language::TEXT
    }

    /// Do both belong to one family, so that names of one are looked for in the other?
    pub fn is_kin_of(self, other: Language) -> bool {
        std::ptr::eq(self.0, other.0) || self.0.family == other.0.family
    }

    /// A number that changes with the sources of the reader of the language, of all that readers share, and of the grammars. Facts are kept
    /// under it: those of an earlier reader are never served.
    #[must_use]
    pub fn reader_version(self) -> u64 {
        SHARED ^ self.profile().reader_version
    }

    /// A number that changes with the sources of its reader and its rules: with whatever in its room decides what is stored.
    #[must_use]
    pub fn makers_version(self) -> u64 {
        self.reader_version() ^ self.profile().rules_version.rotate_left(1)
    }

    /// The generic grammar of the language; none where a reader of our own reads it, or nothing does.
    pub fn grammar(self) -> Option<tree_sitter::Language> {
        self.profile().grammar.map(|g| g().language())
    }
}

/// Reads the facts of one file.
///
/// Never fails: what cannot be read becomes a gap, also where the reader itself panics. Gives `None` only when `cancel` was raised. Files above 6 MiB and
/// files of [`Language::TEXT`] get no facts beyond their line count (the former with a gap) and the words in marked parts of templates.
pub fn read(language: Language, source: &Source, cancel: &Cancel) -> Option<Facts> {
    read_among(language, source, cancel, &Alone)
}

/// Reads the facts of one file that calls macros of others; else as [`read`].
pub fn read_among(language: Language, source: &Source, cancel: &Cancel, among: &dyn Surroundings) -> Option<Facts> {
    if !language.is_read() {
        let mut facts = Facts { lines: source.lines.count(), ..Facts::default() };
        crate::reading::hidden::note_words(&mut facts, &source.text, &crate::reading::templates::marked(&source.text));
        return Some(facts);
    }
    // A fault of one reader costs one file: what it would have said is missing, and that is told.
    let (facts, markup) = catch_unwind(AssertUnwindSafe(|| by_reader(language, source, cancel, among)))
        .unwrap_or_else(|_| (Some(Facts { hides_more: true, ..gap_only(GapCause::Fault, source) }), Vec::new()));
    let mut facts = facts?;
    if cancel.is_cancelled() {
        return None;
    }
    // Markup names what its script defines.
    crate::reading::hidden::note_words(&mut facts, &source.text, &markup);
    if matches!(source.encoding, crate::Encoding::Latin1) {
        facts.gaps.push(Gap { cause: GapCause::Encoding, span: Span::default() });
    }
    facts.lines = source.lines.count();
    Some(facts)
}

/// Facts as the reader of the language gives them, and the parts of the file that are markup.
fn by_reader(language: Language, source: &Source, cancel: &Cancel, among: &dyn Surroundings) -> (Option<Facts>, Vec<Span>) {
    let component = (language.profile().component)(&source.text);
    let text = component.as_ref().map_or(source.text.as_str(), |c| c.scripts.as_str());
    let facts = match language.profile().shared_macros {
        _ if source.text.len() > language.profile().largest_bytes => Some(gap_only(GapCause::TooLarge, source)),
        Some(shared) => shared.read(text, cancel, among),
        None => (language.profile().read)(text, cancel),
    };
    (facts, component.map(|c| c.markup).unwrap_or_default())
}

/// Nothing but a gap as long as the text.
fn gap_only(cause: GapCause, source: &Source) -> Facts {
    Facts { gaps: vec![Gap { cause, span: Span::new(0, source.text.len()) }], ..Facts::default() }
}

/// Reads a text that the language's generic grammar parses.
pub fn read_by_grammar(language: Language, text: &str, cancel: &Cancel, read: impl FnOnce(&str, &Tree, &Cancel) -> Facts) -> Option<Facts> {
    read_tree(language, text, parse(language, text, cancel)?, cancel, read)
}

/// The syntax tree of a part of a text that the grammar leaves unparsed: the tokens of a macro call, say. Places are those of the text.
/// `None` when cancelled.
pub fn parse_part(language: Language, text: &str, part: Span, cancel: &Cancel) -> Option<Tree> {
    let mut parser = tree_sitter::Parser::new();
    let grammar = language.profile().grammar?();
    parser.set_language(&grammar.language()).ok()?;
    let at = |byte: u32| tree_sitter::Point { row: 0, column: byte as usize };
    let range = tree_sitter::Range { start_byte: part.start as usize, end_byte: part.end as usize, start_point: at(part.start), end_point: at(part.end) };
    parser.set_included_ranges(&[range]).ok()?;
    let bytes = grammar.parser_input(text);
    let mut progress = |_: &tree_sitter::ParseState| {
        if cancel.is_cancelled() { std::ops::ControlFlow::Break(()) } else { std::ops::ControlFlow::Continue(()) }
    };
    let options = tree_sitter::ParseOptions::new().progress_callback(&mut progress);
    let tree = parser.parse_with_options(&mut |at, _| bytes.get(at..).unwrap_or(&[]), None, Some(options))?;
    Some(Tree::of(&tree, grammar.words(), text))
}

/// How badly a text was parsed: bytes in errors, and one for each token that is not there.
#[must_use]
pub fn error_bytes(tree: &tree_sitter::Tree) -> usize {
    let mut total = 0;
    let mut open = vec![tree.root_node()];
    while let Some(node) = open.pop() {
        if node.is_error() {
            total += node.byte_range().len().max(1);
        } else if node.is_missing() {
            total += 1;
        } else if node.has_error() {
            let mut cursor = node.walk();
            open.extend(node.children(&mut cursor));
        }
    }
    total
}

/// Facts of a syntax tree, with its errors as gaps.
pub fn read_tree(language: Language, text: &str, tree: tree_sitter::Tree, cancel: &Cancel, read: impl FnOnce(&str, &Tree, &Cancel) -> Facts) -> Option<Facts> {
    let flat = Tree::of(&tree, language.profile().grammar?().words(), text);
    give_back(tree, text.len());
    let tree = flat;
    let mut facts = read(text, &tree, cancel);
    if !tree.too_deep().is_empty() {
        facts.gaps.extend(tree.too_deep().iter().map(|span| Gap { cause: GapCause::TooDeep, span: *span }));
        facts.gaps.sort_by_key(|g| g.span);
    }
    add_errors(&tree, &mut facts);
    Some(facts)
}

/// Frees the parser's tree; that of a large text beside, since it takes a tenth of the time of parsing.
fn give_back(tree: tree_sitter::Tree, bytes: usize) {
    /// From here on starting a thread costs little beside it.
    const LARGE: usize = 1 << 20;
    if bytes >= LARGE {
        // Where no thread can be started, what it was to free is dropped at once.
        drop(std::thread::Builder::new().name("free".to_owned()).spawn(move || drop(tree)));
    }
}

/// Errors that no statement begins with, within expressions and types: a reader goes past them, but they are said.
fn add_errors(tree: &Tree, facts: &mut Facts) {
    if !tree.root_node().has_error() {
        return;
    }
    // Both are sorted: what is known begins before an error and reaches behind it, or does not hold it.
    let (mut reach, mut at, mut new) = (None, 0, Vec::new());
    for span in errors(tree.root_node()) {
        while let Some(gap) = facts.gaps.get(at).filter(|g| g.span.start <= span.start) {
            reach = reach.max(Some(gap.span.end));
            at += 1;
        }
        if reach.is_none_or(|end| end < span.end) {
            new.push(Gap { cause: GapCause::Syntax, span });
        }
    }
    facts.gaps.extend(new);
    facts.gaps.sort_by_key(|g| g.span);
}

/// Parses `text`; `None` when cancelled.
pub fn parse(language: Language, text: &str, cancel: &Cancel) -> Option<tree_sitter::Tree> {
    thread_local! {
        /// The parser used last and its language: files of one language mostly come one after the other.
        static KEPT: std::cell::RefCell<Option<(Language, tree_sitter::Parser)>> = const { std::cell::RefCell::new(None) };
    }
    let kept = KEPT.take().filter(|k| k.0 == language).map(|k| k.1);
    let mut parser = match kept {
        Some(parser) => parser,
        None => {
            let mut parser = tree_sitter::Parser::new();
            parser.set_language(&language.grammar()?).expect("the grammar crates match the runtime's version");
            parser
        }
    };
    let bytes = language.profile().grammar.map_or_else(|| text.as_bytes().into(), |g| g().parser_input(text));
    let mut progress = |_: &tree_sitter::ParseState| {
        if cancel.is_cancelled() { std::ops::ControlFlow::Break(()) } else { std::ops::ControlFlow::Continue(()) }
    };
    let options = tree_sitter::ParseOptions::new().progress_callback(&mut progress);
    let tree = parser.parse_with_options(&mut |at, _| bytes.get(at..).unwrap_or(&[]), None, Some(options));
    // One that was stopped would go on where it was.
    parser.reset();
    KEPT.set(Some((language, parser)));
    tree
}
