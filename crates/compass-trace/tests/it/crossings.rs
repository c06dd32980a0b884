//! Case files of crossings: small sources of several languages, and all that must meet, and all that must not.

use crate::support::engine;
use compass_index::{Crossing, FileId, Index};
use rstest::rstest;
use std::path::PathBuf;
use testkit::{Project, case_parts};

fn line(index: &Index, file: FileId, at: u32) -> u32 {
    index.source(file).expect("a source").source.lines.locate(at).0
}

fn shown(index: &Index, file: FileId, crossing: &Crossing) -> String {
    // What is written in place of a handler stands in the file itself.
    let to = index.definition(crossing.to).expect("readable").map_or(1, |(facts, def)| line(index, crossing.to.file, facts.facts.def(def).name_span.start));
    let from = line(index, file, crossing.at.start);
    let (kind, label, certainty) = (crossing.kind.word(), &crossing.label, crossing.certainty.word());
    format!("{kind} {label}: {}:{from} -> {}:{to} {certainty}", index.path_of(file), index.path_of(crossing.to.file))
}

/// Everything that meets and everything that does not, as the case files write it.
pub fn all(index: &Index) -> Vec<String> {
    let mut out = Vec::new();
    for file in index.files() {
        let links = index.links(file.id).expect("links");
        out.extend(links.crossings.iter().map(|c| shown(index, file.id, c)));
        let loose = |l: &compass_index::Loose| format!("loose {}: {}:{} {}", l.label, index.path_of(file.id), line(index, file.id, l.at.start), l.cause.text());
        out.extend(links.loose.iter().map(loose));
    }
    out
}

#[rstest]
fn sides_meet_as_the_case_says(#[files("tests/cases/crossing/*.txt")] path: PathBuf) {
    let text = std::fs::read_to_string(&path).expect("a case file");
    let parts = case_parts(&text);
    let (expected, files): (Vec<_>, Vec<_>) = parts.iter().partition(|p| p.0 == "expect");
    let sources: Vec<(&str, &str)> = files.iter().map(|p| (p.0.as_str(), p.1.as_str())).collect();
    let project = Project::with(&sources);
    let engine = engine(&project);
    let mut found = all(engine.index());
    let mut wanted: Vec<String> = expected.iter().flat_map(|p| p.1.lines()).filter(|l| !l.is_empty()).map(str::to_owned).collect();
    found.sort();
    wanted.sort();
    let missing: Vec<&String> = wanted.iter().filter(|w| !found.contains(w)).collect();
    let extra: Vec<&String> = found.iter().filter(|f| !wanted.contains(f)).collect();
    assert!(missing.is_empty() && extra.is_empty(), "{}\nmissing {missing:#?}\nextra {extra:#?}", path.display());
}

/// For checking by hand: prints all crossings of a real tree.
#[test]
#[ignore = "prints what is found in COMPASS_TREE, for checking by hand"]
fn crossings_of_a_real_tree_are_printed() {
    use compass_index::plan::{Deps, Options};
    use compass_index::refresh::{Request, run};
    let Ok(tree) = std::env::var("COMPASS_TREE") else {
        testkit::skipped("COMPASS_TREE names no folder: nothing was listed");
        return;
    };
    let project = Project::new();
    let options = Options { roots: vec![PathBuf::from(tree)], files: None, deps: Deps::All, ..Default::default() };
    let request = Request { options, index: project.index(), threads: 2, verify: false, passes: compass_trace::crossings::passes(), ..Default::default() };
    let done = run(&request, &compass_index::Disk, &compass_facts::Cancel::new(), &compass_index::Silent).expect("indexed");
    let index = Index::open(&project.index()).expect("an index");
    for line in all(&index) {
        eprintln!("{line}");
    }
    eprintln!("{} files, crossings {:?}, without another side {:?}", done.summary.files, done.summary.crossings, done.summary.loose);
    assert!(done.summary.files > 0);
}
