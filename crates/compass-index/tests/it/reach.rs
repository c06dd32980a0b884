//! What a change reaches: files that are not said to hang on it keep their links, whatever is edited.
//!
//! A project is made of slots with several texts each. Every step puts other texts into a few slots: signatures, bases,
//! imports, shadowing names, macro bodies, conditionals. After each the links of all files that are said to be out of reach must
//! be what they were.

use crate::request;
use crate::sets::{File, GRAPHQL, KOTLIN, LISP, LUA, MANIFEST, MARKUP, PHP, PROTOBUF, RUBY, SCALA, SHELL};
use crate::sets_compiled::{C, CPP, CSHARP, GO, JAVA, RUST};
use crate::sets_dynamic::{AMBIENT, JAVASCRIPT, PERL, PYTHON, TYPESCRIPT};
use compass_facts::Cancel;
use compass_index::refresh::{AffectedFiles, Request, run};
use compass_index::{Disk, FileLinks, Index, Silent, SymbolId};
use rstest::rstest;
use std::collections::BTreeMap;
use std::sync::Arc;
use testkit::Project;

/// Numbers that look random and are the same each time (Marsaglia, Xorshift RNGs, 2003).
pub struct Random(pub u64);

impl Random {
    pub fn below(&mut self, limit: usize) -> usize {
        self.0 ^= self.0 << 13;
        self.0 ^= self.0 >> 7;
        self.0 ^= self.0 << 17;
        (self.0 % limit as u64) as usize
    }
}

fn write(project: &Project, file: &File, chosen: &[usize]) {
    let text: Vec<&str> = file.1.iter().zip(chosen).map(|(slot, i)| slot[*i]).collect();
    project.write(file.0, &format!("{}\n", text.join("\n")));
}

fn links(project: &Project) -> BTreeMap<compass_index::FileId, (String, Arc<FileLinks>)> {
    let index = Index::open(&project.index()).expect("an index");
    index.files().iter().map(|f| (f.id, (f.path.clone(), index.links(f.id).expect("links")))).collect()
}

/// All an index says, by places.
pub fn told(path: &std::path::Path) -> Vec<String> {
    let index = Index::open(path).expect("an index");
    let place = |symbol: SymbolId| match index.definition(symbol).expect("facts") {
        Some((facts, def)) => format!("{}:{}", index.path_of(symbol.file), facts.facts.def(def).name_span.start),
        None => index.path_of(symbol.file),
    };
    let mut out = Vec::new();
    let mut names = std::collections::BTreeSet::new();
    for file in index.files() {
        let (facts, links) = (index.facts(file.id).expect("facts"), index.links(file.id).expect("links"));
        for (usage, link) in links.iter() {
            let targets: Vec<String> = link.targets.iter().map(|t| place(*t)).collect();
            let why: Vec<String> = links.evidence[link.evidence as usize].iter().map(|s| format!("{:?} {} {:?}", s.kind, place(s.symbol), s.place)).collect();
            out.push(format!("{} {:?} -> {targets:?} {} {:?} {why:?}", file.path, facts.facts.usage(usage).span, link.total, link.certainty));
        }
        out.push(format!("{} without {:?} {:?}", file.path, links.unlinked, links.absent));
        let mut importers: Vec<String> =
            index.importers(file.id).expect("importers").iter().map(|i| format!("{} {}", index.path_of(i.file), i.import)).collect();
        importers.sort();
        out.push(format!("{} imported by {importers:?}", file.path));
        names.extend(facts.facts.names.iter().map(str::to_owned));
        for i in 0..facts.facts.definitions.len() as u32 {
            let symbol = SymbolId { file: file.id, number: facts.number(compass_facts::DefId(i)) };
            let told = |u: &compass_index::UseEntry| format!("{} {} {:?} {:?} {}", index.path_of(u.file), u.usage, u.role, u.certainty, u.first);
            let mut uses: Vec<String> = index.uses(symbol).expect("uses").iter().map(told).collect();
            uses.sort();
            let mut derived: Vec<String> = index.derived(symbol).expect("derived").into_iter().map(place).collect();
            derived.sort();
            out.push(format!("{} used {uses:?} derived {derived:?}", place(symbol)));
        }
    }
    for name in names {
        let mut named: Vec<String> = index.named(&name).expect("names").iter().map(|n| format!("{} {:?}", place(n.symbol), n.kind)).collect();
        named.sort();
        // Files have other numbers in another index: they are told by their paths.
        let unlinked = index.unlinked(&name).expect("unlinked").into_iter().map(|u| (index.path_of(u.file), u.cause, u.count));
        let unlinked: std::collections::BTreeSet<_> = unlinked.collect();
        out.push(format!("{name}: {named:?} {unlinked:?}"));
    }
    let names = index.names().expect("names");
    out.push(format!("{:?}", names.iter().collect::<Vec<_>>()));
    let s = index.summary();
    out.push(format!("{:?} {:?}", s.own, s.made));
    out.push(format!("{:?} {:?} {} {} {} {:?} {:?}", s.linked, s.unlinked, s.local, s.uses, s.symbols, s.gaps_by_cause, s.hidden));
    out
}

/// The texts of the project, and what is linked otherwise.
fn differences(project: &Project, was: &FileLinks, is: &FileLinks) -> String {
    let index = Index::open(&project.index()).expect("an index");
    let texts = index.files().iter().map(|f| format!("--- {}\n{}", f.path, std::fs::read_to_string(project.root().join(&f.path)).unwrap_or_default()));
    let told = |l: &FileLinks| l.iter().map(|(u, link)| format!("{u:?} {link:?} {:?}", l.evidence.get(link.evidence as usize))).collect::<Vec<_>>();
    let (was_told, is_told) = (told(was), told(is));
    let only = |a: &[String], b: &[String]| a.iter().filter(|l| !b.contains(l)).cloned().collect::<Vec<_>>().join("\n");
    let rest = format!(
        "{:?}\n{:?}",
        (&was.unlinked, &was.imports, &was.bases, &was.declared, &was.absent),
        (&is.unlinked, &is.imports, &is.bases, &is.declared, &is.absent)
    );
    format!("{}\nbefore: {}\nnow: {}\n{rest}", texts.collect::<Vec<_>>().join("\n"), only(&was_told, &is_told), only(&is_told, &was_told))
}

/// What an edit changes, in a word, for the report.
fn kind_of(old: &str, new: &str) -> &'static str {
    let has = |words: &[&str]| words.iter().any(|w| old.contains(w) || new.contains(w));
    if old == new {
        "nothing"
    } else if has(&["#define", "macro_rules", "#undef"]) {
        "macro body"
    } else if has(&["#if", "#endif", "#else"]) {
        "conditional"
    } else if has(&["#include"]) {
        "includes"
    } else if has(&["import *", "::*", "export *", ".*;"]) {
        "glob"
    } else if has(&["import ", "use ", "require(", "export {", "package ", "from ", "using ", "include ", "source ", "href", "FROM "]) {
        "import"
    } else if has(&["class ", "interface ", "struct ", "impl ", "extends ", "trait ", "type ", "enum ", "namespace "]) {
        "base or type"
    } else if old.is_empty() || new.is_empty() {
        "shadowing name, there or gone"
    } else if has(&["def ", "fn ", "func ", "function ", ") {", "): ", "void ", "int "]) {
        "signature or body"
    } else {
        "use or value"
    }
}

#[rstest]
#[case::python(PYTHON, 11)]
#[case::typescript(TYPESCRIPT, 12)]
#[case::ambient(AMBIENT, 12)]
#[case::perl(PERL, 19)]
#[case::javascript(JAVASCRIPT, 13)]
#[case::rust(RUST, 14)]
#[case::go(GO, 15)]
#[case::java(JAVA, 16)]
#[case::csharp(CSHARP, 20)]
#[case::php(PHP, 21)]
#[case::lisp(LISP, 22)]
#[case::kotlin(KOTLIN, 23)]
#[case::scala(SCALA, 24)]
#[case::ruby(RUBY, 25)]
#[case::lua(LUA, 26)]
#[case::protobuf(PROTOBUF, 27)]
#[case::graphql(GRAPHQL, 28)]
#[case::shell(SHELL, 29)]
#[case::markup(MARKUP, 30)]
#[case::manifest(MANIFEST, 31)]
#[case::c(C, 17)]
#[case::cpp(CPP, 18)]
fn files_out_of_reach_keep_their_links(#[case] files: &[File], #[case] seed: u64) {
    let steps = std::env::var("COMPASS_REACH_STEPS").ok().and_then(|s| s.parse().ok()).unwrap_or(60);
    let mut random = Random(seed);
    let mut chosen: Vec<Vec<usize>> = files.iter().map(|f| vec![0; f.1.len()]).collect();
    let project = Project::new();
    files.iter().zip(&chosen).for_each(|(f, c)| write(&project, f, c));
    let mut session = run(&request(&project, 2), &Disk, &Cancel::new(), &Silent).expect("indexed").session;
    let mut before = links(&project);
    let (mut everything, mut some, mut kept) = (0, 0, 0);
    let mut kinds: BTreeMap<&str, usize> = BTreeMap::new();
    for step in 0..steps {
        let (mut edits, mut paths) = (Vec::new(), Vec::new());
        for _ in 0..1 + random.below(2) {
            let file = random.below(files.len());
            let slot = random.below(files[file].1.len());
            let was = files[file].1[slot][chosen[file][slot]];
            chosen[file][slot] = random.below(files[file].1[slot].len());
            *kinds.entry(kind_of(was, files[file].1[slot][chosen[file][slot]])).or_default() += 1;
            edits.push(format!("{}: {was:?} -> {:?}", files[file].0, files[file].1[slot][chosen[file][slot]]));
            // Moved lines alone change nothing for others.
            write(&project, &files[file], &chosen[file]);
            paths.push(project.root().join(files[file].0));
        }
        // A program that stays open tells what was touched; one that is started anew cannot.
        let touched = (step % 3 > 0).then(|| (session.clone(), paths));
        let outcome = run(&Request { touched, ..request(&project, 2) }, &Disk, &Cancel::new(), &Silent).expect("indexed");
        session = outcome.session;
        let after = links(&project);
        let fresh = Request { index: project.index().with_file_name("fresh.sqlite"), verify: true, ..request(&project, 1) };
        let _ = std::fs::remove_file(&fresh.index);
        testkit::sound(&run(&fresh, &Disk, &Cancel::new(), &Silent).expect("indexed").summary);
        let (ours, theirs) = (told(&project.index()), told(&fresh.index));
        let only = |a: &[String], b: &[String]| a.iter().filter(|l| !b.contains(l)).cloned().collect::<Vec<_>>().join("\n");
        assert!(ours == theirs, "step {step}, {edits:?}\nrefreshed: {}\nfull: {}", only(&ours, &theirs), only(&theirs, &ours));
        match outcome.reach {
            AffectedFiles::Everything(_) => everything += 1,
            AffectedFiles::Files(reached) => {
                some += 1;
                for (id, (path, now)) in after.iter().filter(|(id, _)| !reached.contains(id)) {
                    kept += 1;
                    let (was, is) = (&before[id].1, now);
                    assert!(was == is, "step {step}: {path} was said to be out of the reach of {edits:?}\n{}", differences(&project, was, is));
                }
            }
        }
        before = after;
    }
    assert!(kinds.keys().filter(|k| **k != "nothing").count() >= 3, "edits of several kinds: {kinds:?}");
    eprintln!("{steps} steps: {kinds:?}; everything {everything}, some files {some}; {kept} times a file kept its links");
    assert!(some > steps / 2 && kept > steps, "most changes reach few files: everything {everything}, some {some}, kept {kept}");
}
