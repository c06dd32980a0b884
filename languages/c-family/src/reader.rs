//! C and C++: a reader of our own that needs no build and no other file.
//!
//! # How it works
//! [`scan`](scan::Scan) turns the text into tokens and takes the directives out; every branch of a conditional is kept. The
//! [`parser`](parser::Parser) goes over them once and fills a [`sink`](sink::Sink), which links what is local to a function. Bodies of
//! macros are parsed as if they stood in a function of their own. A macro is a symbol with uses; only calls at file level are
//! looked at for the names they make: those of macros that the file itself defines are [expanded](expansion), of others it is known
//! [what they make](made_elsewhere).
//!
//! # Guarantees
//! Time is linear in the text. Any text gives facts; what fits no rule is a gap that ends with its declaration.

mod balance;
mod calls;
mod conditions;
mod cpp;
mod declarations;
mod declarators;
mod expansion;
mod expressions;
mod flows;
mod functions;
mod given;
mod initialisers;
mod lambdas;
mod look;
mod macros;
mod macros_in_place;
pub(crate) mod made;
mod made_elsewhere;
pub(crate) mod members_of_macros;
mod namespaces_of_macros;
mod parser;
mod scan;
mod sink;
mod specifiers;
mod statements;
mod tagged;
mod tokens;
mod type_paths;
mod variables;

use compass_facts::surroundings::Surroundings;
use compass_facts::{Cancel, Condition, Facts, Import, ImportKind, Role, ScopeId, Shape};
use scan::Scan;
pub(crate) use tokens::is_keyword;

/// Reads a file. `None` when cancelled.
pub(crate) fn read(text: &str, cpp: bool, cancel: &Cancel, among: &dyn Surroundings) -> Option<Facts> {
    let mut scan = Scan::new(text, cpp);
    scan.run(&|| cancel.is_cancelled())?;
    if cpp {
        namespaces_of_macros::put_namespaces(&mut scan, among);
    }
    let sink = sink::Sink::new(text, &scan.spellings);
    let mut parser = parser::Parser::new(text, cpp, &scan.toks, sink, cancel, among);
    parser.sets = members_of_macros::sets_of_members(&scan);
    parser.statements = macros_in_place::statements(&scan);
    parser.heads = macros_in_place::heads_of_functions(&scan);
    parser.s.renamed = macros_in_place::renamed(&scan);
    parser.file(&scan.macros);
    for line in &scan.macros {
        parser.macro_line(line, &scan.side);
    }
    for token in &scan.mentions {
        parser.mention(*token);
    }
    let mut sink = parser.s;
    for line in &scan.includes {
        let module = sink.intern(line.path.of(text));
        let import = Import {
            kind: ImportKind::Include,
            module,
            name: None,
            bound: None,
            scope: ScopeId::FILE,
            span: line.whole,
            name_span: line.path,
            reexport: true,
            system: line.system,
        };
        let id = compass_facts::ImportId(sink.facts.imports.len() as u32);
        sink.facts.imports.push(import);
        sink.add_named_use(module, line.path, Role::Import, Shape::Import(id), None);
    }
    for region in &scan.regions {
        let name = sink.name(region.id);
        sink.facts.conditions.push(Condition { span: region.span, name, defined: region.defined, one_of: region.one_of });
    }
    sink.facts.conditions.sort_by_key(|c| c.span);
    given::record(text, cpp, &mut sink);
    (!cancel.is_cancelled()).then(|| compass_facts::reading::interface::order(compass_facts::reading::sort(sink.facts), cpp))
}

/// Does the text read as C++ rather than C? Looks for words that C has not, at the beginnings of lines.
pub fn looks_like_cpp(text: &str) -> bool {
    let head = text.get(..text.floor_char_boundary(256 << 10)).unwrap_or(text);
    head.lines().any(|line| {
        let line = line.trim_start();
        let begins = |word: &str| line.strip_prefix(word).is_some_and(|r| r.starts_with([' ', '<', ':', '\t', '{']));
        begins("namespace")
            || begins("template")
            || begins("class") && !line.contains('=')
            || line.starts_with("using ")
            || ["public:", "private:", "protected:"].iter().any(|w| line.starts_with(w))
    })
}
