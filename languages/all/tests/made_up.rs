//! A made-up language: registering it is all it takes to index, ask, refresh, unfold and document it.

use compass_facts::profile::{PLAIN, Profile};
use compass_facts::reading::{Builder, Lookup, NewDefinition, TypeScopes};
use compass_facts::{Cancel, Facts, Import, ImportId, ImportKind, Kind, Language, Role, ScopeId, ScopeKind, Shape, Span};
use compass_index::FileLinks;
use compass_index::linking::{Entity, Evaluator, Rules, RulesPart, Target, sure};
use compass_index::{Disk, Index, Tree};
use compass_trace::documentation::{Documentation, DocumentationPart, read};
use compass_unfold::{Content, Ladder, LadderPart, Location, Options, Place, Step, StepKind, UnfoldError, Unfolding};
use testkit::{Project, ask, engine, indexed_as, places};

/// `vat NAME` defines, indented lines belong to it, `pour NAME` calls, `bring NAME from FILE` imports, `twice NAME` stands for two lines,
/// `;;` begins what is said of the next vat.
const BRINE: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "brine",
    stored_word: "brine",
    family: "brine",
    endings: &["brine"],
    read: |text, cancel| {
        assert!(!text.contains("spoilt"), "a fault in a reader");
        Some(facts(text, cancel))
    },
    rules: Some(&RulesPart(&Brine)),
    documentation: Some(&DocumentationPart(&Brine)),
    ladder: Some(&LadderPart(&Brine)),
    ..PLAIN
};

struct Brine;

fn facts(text: &str, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let (mut at, mut doc, mut around) = (0, None, None);
    for line in text.split_inclusive('\n') {
        let whole = Span::new(at, at + line.trim_end().len());
        at += line.len();
        let name = |n: usize| {
            let word = line.split_whitespace().nth(n).unwrap_or(&line[..0]);
            let start = whole.start as usize + (word.as_ptr() as usize - line.as_ptr() as usize);
            (word, Span::new(start, start + word.len()))
        };
        match name(0).0 {
            ";;" => doc = Some(whole),
            "vat" => {
                if let Some(saved) = around.take() {
                    b.leave(saved);
                }
                let (word, span) = name(1);
                let lines = text[at..].split_inclusive('\n').take_while(|l| l.starts_with(' '));
                let all = Span::new(whole.start as usize, at + lines.map(str::len).sum::<usize>());
                let vat = b.define(NewDefinition { doc: doc.take(), body: Some(all), ..NewDefinition::new(word, Kind::Function, span, all) });
                around = Some(b.enter(ScopeKind::Function, all, Some(vat)));
            }
            "pour" | "twice" => {
                let (word, span) = name(1);
                b.add_use(word, span, Role::Call, Shape::Plain);
            }
            "bring" => {
                let ((word, span), (module, _)) = (name(1), name(3));
                let (name, module) = (b.intern(word), b.intern(module));
                let kind = ImportKind::Name;
                let bound = Some(name);
                b.add_import(Import { kind, module, name: bound, bound, scope: ScopeId::FILE, span: whole, name_span: span, reexport: false, system: false });
            }
            _ => {}
        }
    }
    if let Some(saved) = around {
        b.leave(saved);
    }
    b.finish()
}

impl Rules for Brine {
    fn implied(&self, e: &mut Evaluator, file: u32, _: &mut FileLinks) {
        assert!(!e.world.files[file as usize].path.starts_with("broken"), "a fault in rules");
    }

    fn targets(&self, e: &mut Evaluator, file: u32, id: ImportId) -> Vec<Target> {
        let facts = e.world.facts(file);
        assert!(facts.name(facts.import(id).module) != "nowhere", "a fault in rules");
        let path = format!("{}.brine", facts.name(facts.import(id).module));
        let found = e.world.by_path.get(&(e.world.files[file as usize].root, path.as_str()));
        found.map(|f| sure(Entity::Module(*f, ScopeId::FILE))).into_iter().collect()
    }
}

impl Documentation for Brine {
    fn to_markdown(&self, comment: &str) -> Option<String> {
        Some(comment.trim_start_matches(";;").trim().to_owned())
    }
}

impl Ladder for Brine {
    fn unfold(&self, index: &Index, sources: &dyn Tree, at: Place, _: &Options, _: &Cancel) -> Result<Unfolding, UnfoldError> {
        let row = index.file(at.file).ok_or_else(|| UnfoldError::Nothing { place: String::new(), why: "no file".to_owned() })?;
        let text = String::from_utf8(sources.source(&index.full_path(row)).unwrap_or_default()).unwrap_or_default();
        let line = text[at.offset as usize..].lines().next().unwrap_or_default();
        let Some(name) = line.strip_prefix("twice ") else {
            return Err(UnfoldError::Nothing { place: index.path_of(at.file), why: "only `twice` stands for something".to_owned() });
        };
        let (before, after) = (line.to_owned(), format!("pour {name}\npour {name}"));
        let span = Span::new(at.offset as usize, at.offset as usize + line.len());
        let place = Location { file: Some(at.file), path: index.path_of(at.file), line: 0, column: 0, span };
        let by = "twice".to_owned();
        let step = Step { by, kind: StepKind::Lowering, defined: None, conditions: Vec::new(), competing: Vec::new(), depth: 0, before, after };
        Ok(Unfolding { place, steps: vec![step], notes: Vec::new(), depths: Vec::new(), content: Content::Stages(Vec::new()) })
    }
}

#[test]
fn a_reader_that_panics_costs_its_file_and_that_is_told() {
    compass_facts::register(&[BRINE]);
    let project = Project::with(&[("rack.brine", "vat wash\n    pour wash\n"), ("bad.brine", "vat spoilt\n    pour wash\n")]);
    let asked = engine(&project);
    let found = ask(&asked, "who calls wash");
    assert_eq!(places(&found), ["rack.brine:2"]);
    assert!(!found.complete, "what the other file calls is not known");
    assert_eq!(places(&ask(&asked, "gaps")), ["bad.brine:1"]);
    assert_eq!(ask(&asked, "gaps").answers[0].kind_word(), Some("fault"));
}

#[test]
fn rules_that_panic_cost_the_links_of_their_file_and_that_is_told() {
    compass_facts::register(&[BRINE]);
    let bad = "bring wash from nowhere\nvat salt\n    pour wash\n    pour salt\n";
    let files =
        [("a.brine", "vat wash\n    pour wash\n"), ("bad.brine", bad), ("broken.brine", "vat dry\n    pour dry\n"), ("z.brine", "vat late\n    pour late\n")];
    let project = Project::with(&files);
    let asked = engine(&project);
    let found = ask(&asked, "who calls wash");
    assert_eq!(places(&found), ["a.brine:2"]);
    assert_eq!(found.missing.iter().map(|m| (m.cause.as_str(), m.count)).collect::<Vec<_>>(), [("fault", 1)]);
    assert_eq!(places(&ask(&asked, "who calls wash or guessed")), ["a.brine:2", "bad.brine:3"], "it is one key away");
    for (question, place) in [("who calls dry", "broken.brine:2"), ("who calls late", "z.brine:2")] {
        let found = ask(&asked, question);
        assert_eq!((places(&found), found.complete), (vec![place.to_owned()], true), "other files are linked as ever");
    }
    drop(asked);
    project.write("bad.brine", "vat salt\n    pour salt\n");
    let index = indexed_as(&project, Default::default());
    let again = compass_trace::Engine::new(std::sync::Arc::new(index));
    assert!(ask(&again, "who calls wash").complete, "the file is linked once it can be");
}

#[test]
fn a_language_that_is_registered_is_indexed_asked_refreshed_unfolded_and_documented() {
    compass_facts::register(&[BRINE]);
    let rack = ";; Washes *all*.\nvat wash\nvat dry\n    pour wash\n";
    let project = Project::with(&[("rack.brine", rack), ("a.brine", "bring wash from rack\nvat salt\n    pour wash\n    twice salt\n    pour gone\n")]);
    let asked = engine(&project);
    assert_eq!(places(&ask(&asked, "where is a.brine:3:10")), ["rack.brine:2"], "through the import");
    assert_eq!(places(&ask(&asked, "who calls wash")), ["a.brine:3", "rack.brine:4"]);
    assert_eq!(ask(&asked, "who calls salt").answers[0].certainty_word(), Some("proven"));
    assert!(ask(&asked, "who calls wash").complete);
    assert!(!ask(&asked, "what does salt call").complete, "`gone` is nowhere");
    drop(asked);
    project.write("rack.brine", ";; Washes *all*.\n\nvat dry\n    pour wash\nvat wash\n");
    let index = indexed_as(&project, Default::default());
    let again = compass_trace::Engine::new(std::sync::Arc::new(index));
    assert_eq!(places(&ask(&again, "where is a.brine:3:10")), ["rack.brine:5"], "refreshed");
    let index = indexed_as(&project, Default::default());
    let file = index.find_path("a.brine").expect("a file");
    let unfold = |offset| compass_unfold::unfold(&index, &Disk, file, offset, &Options::default(), &Cancel::new());
    let at = "bring wash from rack\nvat salt\n    pour wash\n    ".len() as u32;
    assert_eq!(unfold(at).expect("it stands for something").steps[0].after, "pour salt\npour salt");
    assert!(unfold(0).is_err());
    let blocks = read(BRINE, ";; Washes *all*.");
    assert!(blocks[0].pieces.iter().any(|p| p.strong && p.text == "all"), "{blocks:?}");
}
