//! A change that reaches very many files: what changed and what was read last is linked first, and can be asked meanwhile.

use crate::reach::told;
use crate::request;
use compass_facts::Cancel;
use compass_index::refresh::{Request, run};
use compass_index::{Disk, FileId, Index, Phase, Progress, Silent};
use rstest::rstest;
use std::sync::Mutex;
use testkit::Project;

const USERS: usize = 8;

/// A definition in a file of its own, and files that use it.
fn project(language: &str) -> Project {
    let project = Project::new();
    match language {
        "c" => project.write("rack.h", "int turn(int slot);\n"),
        _ => project.write("rack.py", "def turn(slot): pass\n"),
    }
    for i in 0..USERS {
        match language {
            "c" => project.write(&format!("use{i}.c"), &format!("#include \"rack.h\"\nint use{i}(void) {{ return turn({i}); }}\n")),
            _ => project.write(&format!("use{i}.py"), &format!("from rack import turn\n\ndef use{i}():\n    turn({i})\n")),
        }
    }
    project
}

fn change(project: &Project, language: &str) {
    match language {
        "c" => project.write("rack.h", "/* Both. */\nstruct rack;\nint turn(struct rack *rack, int slot);\n"),
        _ => project.write("rack.py", "# Moved.\ndef wash(): pass\n\ndef turn(rack, slot): pass\n"),
    }
}

/// What the index says when the first part of a change is there.
struct Seen<'p> {
    project: &'p Project,
    cancel: Option<&'p Cancel>,
    pending: Mutex<Vec<(u64, Vec<String>)>>,
}

impl Progress for Seen<'_> {
    fn report(&self, _: Phase, _: u64, _: u64) {}

    fn published(&self) {
        let index = Index::open(&self.project.index()).expect("an index");
        self.pending.lock().expect("no panic").push((index.pending(), told(&self.project.index())));
        if let Some(cancel) = self.cancel {
            cancel.cancel();
        }
    }
}

fn asked(project: &Project, read: &[&str]) -> Request {
    let read_last: Vec<FileId> = match Index::open(&project.index()) {
        Ok(index) => read.iter().filter_map(|p| index.find_path(p)).collect(),
        Err(_) => Vec::new(),
    };
    Request { many_files: Some(3), read_last, ..request(project, 2) }
}

fn links_of(lines: &[String], file: &str) -> Vec<String> {
    lines.iter().filter(|l| l.starts_with(&format!("{file} ")) && l.contains("->")).cloned().collect()
}

#[rstest]
#[case::by_need("c")]
#[case::with_all_facts("python")]
fn what_is_read_is_linked_first(#[case] language: &str) {
    let project = project(language);
    let user = if language == "c" { "use5.c" } else { "use5.py" };
    run(&asked(&project, &[]), &Disk, &Cancel::new(), &Silent).expect("indexed");
    change(&project, language);
    let seen = Seen { project: &project, cancel: None, pending: Mutex::default() };
    let outcome = run(&asked(&project, &[user, "gone"]), &Disk, &Cancel::new(), &seen).expect("refreshed");
    let full = told(&project.index());
    let seen = seen.pending.into_inner().expect("no panic");
    assert_eq!(seen.len(), 1, "one part before the whole");
    assert_eq!(seen[0].0, USERS as u64 - 1, "all but the changed file and the one that is read");
    assert_eq!(links_of(&seen[0].1, user), links_of(&full, user), "as it will be");
    assert_eq!((outcome.summary.refreshed_files, Index::open(&project.index()).expect("an index").pending()), (1, 0));
    let fresh = Request { index: project.index().with_file_name("fresh.sqlite"), ..request(&project, 1) };
    run(&fresh, &Disk, &Cancel::new(), &Silent).expect("indexed");
    assert_eq!(full, told(&fresh.index));
}

#[rstest]
#[case("c")]
#[case("python")]
fn what_was_left_waiting_is_linked_by_the_next_run(#[case] language: &str) {
    let project = project(language);
    run(&asked(&project, &[]), &Disk, &Cancel::new(), &Silent).expect("indexed");
    change(&project, language);
    let cancel = Cancel::new();
    let seen = Seen { project: &project, cancel: Some(&cancel), pending: Mutex::default() };
    let user = if language == "c" { "use5.c" } else { "use5.py" };
    assert!(run(&asked(&project, &[user]), &Disk, &cancel, &seen).is_err(), "cancelled in the middle");
    assert!(Index::open(&project.index()).expect("an index").pending() > 0);
    let outcome = run(&asked(&project, &[]), &Disk, &Cancel::new(), &Silent).expect("refreshed");
    assert_eq!((outcome.summary.refreshed_files, outcome.summary.relinked_files), (0, USERS as u64 + 1), "nothing changed, but much was left");
    let fresh = Request { index: project.index().with_file_name("fresh.sqlite"), ..request(&project, 1) };
    run(&fresh, &Disk, &Cancel::new(), &Silent).expect("indexed");
    assert_eq!(told(&project.index()), told(&fresh.index));
}
