//! The standard library of Rust, declared or with its sources: known by the names of its types, and led to.

use compass_index::plan::{Deps, Options};
use compass_index::refresh::{Request, run};
use compass_index::{Disk, Index, Silent};
use compass_trace::Engine;
use rstest::rstest;
use std::sync::Arc;
use testkit::marked::check;
use testkit::{Project, ask, engine};

const PROGRAM: &str = r#"use std::collections::HashMap;
use std::sync::{Arc, Mutex};

pub struct Failure;
pub type Outcome<T = (), E = Failure> = std::result::Result<T, E>;
pub struct Page { n: u32 }
impl Page { pub fn ⟦memory:memory⟧(&self) -> u32 { self.n } }
pub struct Other;
impl Other { pub fn memory(&self) -> u32 { 1 } }
pub struct Store { pages: HashMap<u32, Page>, shared: Arc<Mutex<Page>> }
impl Store {
    pub fn ⟦page:page⟧(&self) -> Outcome<Page> { Ok(Page { n: 1 }) }
    pub fn go(&mut self) -> Outcome<u32> {
        let page = self.«page=page»()?;
        let all: u32 = self.pages.values().map(|p| p.«memory=memory»()).sum();
        self.pages.get(&1).unwrap().«memory=memory»();
        self.shared.lock().unwrap().«memory=memory»();
        Ok(page.«memory=memory»() + all)
    }
}
"#;

#[test]
fn what_its_types_hold_leads_on() {
    check(&[("Cargo.toml", "[package]\nname = \"store\"\nversion = \"1.0.0\"\n"), ("src/lib.rs", PROGRAM)]);
}

/// A place, and what is written where it leads.
#[rstest]
#[case::type_by_import("src/lib.rs:1:23", "pub struct HashMap<K, V>")]
#[case::path("src/lib.rs:3:37", "pub enum Result<T, E>")]
#[case::without_an_import("src/lib.rs:2:18", "pub struct Vec<T>")]
#[case::function("src/lib.rs:5:15", "pub fn take<T: Default>")]
#[case::member("src/lib.rs:6:11", "pub fn push(&mut self, value: T);")]
#[case::macro_call("src/lib.rs:7:5", "macro_rules! println")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"store\"\nversion = \"1.0.0\"\n"),
        (
            "src/lib.rs",
            "use std::collections::HashMap;\npub type Names = Vec<u32>;\npub type Outcome<T> = std::result::Result<T, u32>;\npub fn go(names: &mut Vec<u32>, _: HashMap<u32, u32>) {\n    std::mem::take(names);\n    names.push(1);\n    println!();\n}\n",
        ),
    ]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!(first.unit.as_deref(), Some("rust-std"));
}

/// With sources on the machine the declarations stay away, and what is known of the library's types stays the same.
#[test]
fn sources_come_before_declarations() {
    let project = Project::with(&[
        ("Cargo.toml", "[package]\nname = \"store\"\nversion = \"1.0.0\"\n"),
        (
            "src/lib.rs",
            "pub struct Page;\nimpl Page { pub fn memory(&self) {} }\npub struct Other;\nimpl Other { pub fn memory(&self) {} }\npub fn go(page: Option<Page>) {\n    page.unwrap().memory();\n}\n",
        ),
    ]);
    let library = project.home().join("library");
    for (path, text) in [
        ("core/src/lib.rs", "pub mod option;\n"),
        (
            "core/src/option.rs",
            "pub enum Option<T> { None, Some(T) }\nimpl<T> Option<T> {\n    pub fn unwrap(self) -> T { match self { Some(v) => v, None => panic!() } }\n}\n",
        ),
        ("std/src/lib.rs", "pub use core::option;\n"),
    ] {
        let place = library.join(path);
        std::fs::create_dir_all(place.parent().expect("a parent")).expect("folders");
        std::fs::write(place, text).expect("a file");
    }
    let options = Options { roots: vec![project.root()], files: None, deps: Deps::All, machine: testkit::machine().with("rust library", vec![library]) };
    let request = Request { options, index: project.index(), threads: 2, ..Request::default() };
    run(&request, &Disk, &compass_facts::Cancel::new(), &Silent).expect("indexed");
    let engine = Engine::new(Arc::new(Index::open(&project.index()).expect("an index")));
    assert!(engine.index().units().iter().all(|u| u.name != "rust-std"));
    assert_eq!(testkit::places(&ask(&engine, "where is src/lib.rs:6:19")), ["src/lib.rs:2"]);
    let unwrap = ask(&engine, "where is src/lib.rs:6:10");
    assert!(unwrap.answers[0].path.ends_with("core/src/option.rs"), "{:?}", unwrap.answers[0].path);
}
