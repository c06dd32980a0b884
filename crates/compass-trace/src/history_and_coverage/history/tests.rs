use super::*;
use git2::{Signature, Time};

/// A working copy that is written step by step.
struct Copy {
    folder: tempfile::TempDir,
    repository: Repository,
    count: std::cell::Cell<i64>,
}

impl Copy {
    fn new() -> Copy {
        let folder = tempfile::tempdir().expect("a folder");
        let repository = Repository::init(folder.path()).expect("a repository");
        Copy { folder, repository, count: std::cell::Cell::new(0) }
    }

    fn file(&self, path: &str) -> PathBuf {
        self.folder.path().join(path)
    }

    fn write(&self, path: &str, text: &str) {
        std::fs::create_dir_all(self.file(path).parent().expect("a folder")).expect("folders");
        std::fs::write(self.file(path), text).expect("a file");
    }

    /// Commits all there is; by the name of the author.
    fn commit(&self, author: &str, message: &str) -> Oid {
        let mut index = self.repository.index().expect("an index");
        index.add_all(["*"], git2::IndexAddOption::DEFAULT, None).expect("added");
        index.update_all(["*"], None).expect("updated");
        index.write().expect("written");
        let tree = self.repository.find_tree(index.write_tree().expect("a tree")).expect("a tree");
        self.count.set(self.count.get() + 1);
        let who = Signature::new(author, &format!("{author}@larder-hollow.example"), &Time::new(1_700_000_000 + self.count.get() * 60, 0)).expect("somebody");
        let parent = self.repository.head().ok().and_then(|h| h.peel_to_commit().ok());
        let parents: Vec<&Commit> = parent.iter().collect();
        self.repository.commit(Some("HEAD"), &who, &who, message, &tree, &parents).expect("a commit")
    }

    fn history(&self, path: &str, lines: Range) -> History {
        let text = std::fs::read_to_string(self.file(path)).expect("a file");
        history(&self.file(path), &text, lines, &Cancel::new(), Duration::from_secs(20)).expect("a history")
    }

    fn told(&self, path: &str, lines: Range) -> Vec<String> {
        self.history(path, lines).changes.into_iter().map(|c| format!("{} {}", c.author, c.summary)).collect()
    }
}

const TURN: &str = "fn turn(wheel: &Wheel) {\n    let slot = wheel.slot();\n    wheel.put(slot);\n    wheel.rest();\n}\n";

#[test]
fn only_changes_of_the_lines_count() {
    let copy = Copy::new();
    copy.write("rack.rs", TURN);
    copy.commit("ansa", "Turning (LH-3)");
    copy.write("rack.rs", &format!("//! Racks.\n\nfn wash() {{}}\n{TURN}"));
    copy.commit("joren", "Washing");
    copy.write("rack.rs", &format!("//! Racks.\n\nfn wash() {{}}\n{}", TURN.replace("rest()", "rest(2)")));
    copy.commit("mira", "Longer rest, fixes #12 and LH-9");
    let found = copy.history("rack.rs", (4, 8));
    let told: Vec<&str> = found.changes.iter().map(|c| c.author.as_str()).collect();
    assert_eq!((told, found.uncommitted, found.cut), (vec!["mira", "ansa"], false, false));
    assert_eq!((&found.changes[0].issues[..], &found.changes[1].issues[..]), (&["#12".to_owned(), "LH-9".to_owned()][..], &["LH-3".to_owned()][..]));
    assert_eq!(found.changes[0].email, "mira@larder-hollow.example");
    assert_eq!(copy.told("rack.rs", (3, 3)), ["joren Washing"]);
    copy.write("rack.rs", &format!("//! Racks.\n\nfn wash() {{}}\n{TURN}"));
    assert!(copy.history("rack.rs", (4, 8)).uncommitted, "what is in the working copy alone");
    assert!(!copy.history("rack.rs", (3, 3)).uncommitted);
}

#[test]
fn renamed_files_keep_their_history() {
    let copy = Copy::new();
    copy.write("rack.rs", TURN);
    copy.commit("ansa", "Turning");
    std::fs::create_dir_all(copy.file("store")).expect("a folder");
    std::fs::rename(copy.file("rack.rs"), copy.file("store/wheel.rs")).expect("renamed");
    copy.commit("joren", "Into a folder");
    copy.write("store/wheel.rs", &TURN.replace("rest()", "rest(2)"));
    copy.commit("mira", "Longer rest");
    assert_eq!(copy.told("store/wheel.rs", (1, 5)), ["mira Longer rest", "ansa Turning"], "a renaming alone changes no line");
}

#[test]
fn moved_code_keeps_its_history() {
    let copy = Copy::new();
    copy.write("rack.rs", &format!("fn wash() {{}}\nfn dry() {{}}\nfn salt() {{}}\n{TURN}"));
    copy.write("store.rs", "fn keep() {}\n");
    copy.commit("ansa", "Turning");
    copy.write("rack.rs", "fn wash() {}\nfn dry() {}\nfn salt() {}\n");
    copy.write("store.rs", &format!("fn keep() {{}}\n\n{}", TURN.replace("rest()", "rest(2)")));
    copy.commit("joren", "Turning belongs to the store");
    assert_eq!(copy.told("store.rs", (3, 7)), ["joren Turning belongs to the store", "ansa Turning"]);
    assert_eq!(copy.told("store.rs", (1, 1)), ["ansa Turning"]);
}

#[test]
fn of_a_merge_the_side_with_the_change_is_followed() {
    let copy = Copy::new();
    copy.write("rack.rs", TURN);
    copy.write("other.rs", "fn a() {}\n");
    let base = copy.commit("ansa", "Turning");
    copy.write("other.rs", "fn b() {}\n");
    let ours = copy.commit("joren", "Beside");
    let branch = copy.repository.find_commit(base).expect("the base");
    copy.repository.set_head_detached(base).expect("switched");
    copy.repository.checkout_tree(branch.as_object(), Some(git2::build::CheckoutBuilder::new().force())).expect("checked out");
    copy.write("rack.rs", &TURN.replace("rest()", "rest(2)"));
    let theirs = copy.commit("mira", "Longer rest");
    copy.write("other.rs", "fn b() {}\n");
    let mut index = copy.repository.index().expect("an index");
    index.add_all(["*"], git2::IndexAddOption::DEFAULT, None).expect("added");
    let tree = copy.repository.find_tree(index.write_tree().expect("a tree")).expect("a tree");
    let who = Signature::new("ansa", "ansa@larder-hollow.example", &Time::new(1_800_000_000, 0)).expect("somebody");
    let parents = [copy.repository.find_commit(ours).expect("ours"), copy.repository.find_commit(theirs).expect("theirs")];
    copy.repository.set_head_detached(ours).expect("switched");
    copy.repository.commit(Some("HEAD"), &who, &who, "Both", &tree, &[&parents[0], &parents[1]]).expect("merged");
    assert_eq!(copy.told("rack.rs", (1, 5)), ["mira Longer rest", "ansa Turning"]);
}

#[test]
fn what_came_with_the_last_pull_is_told_apart() {
    let copy = Copy::new();
    copy.write("rack.rs", &format!("fn wash() {{}}\n{TURN}"));
    let old = copy.commit("ansa", "Turning");
    copy.write("rack.rs", &format!("fn wash() {{}}\n{}", TURN.replace("rest()", "rest(2)")));
    let new = copy.commit("mira", "Longer rest");
    let since = |copy: &Copy| copy.history("rack.rs", (2, 6)).changes.iter().map(|c| c.since_pull).collect::<Vec<_>>();
    assert_eq!(since(&copy), [false, false], "nobody pulled");
    let mut head = copy.repository.head().expect("HEAD");
    head = head.set_target(old, "reset").expect("back");
    head.set_target(new, "pull: Fast-forward").expect("forward");
    assert_eq!(since(&copy), [true, false]);
    let text = format!("// Racks.\n\nfn wash() {{}}\n{}", TURN.replace("rest()", "rest(2)"));
    assert_eq!(changed_since_pull(&copy.file("rack.rs"), &text).expect("known"), [(7, 7)], "where the line stands now");
}

#[test]
fn a_difference_shows_the_file_that_is_read_first() {
    let copy = Copy::new();
    copy.write("a.rs", "fn a() {}\n");
    copy.write("rack.rs", TURN);
    copy.commit("ansa", "Turning");
    copy.write("a.rs", "fn b() {}\n");
    copy.write("rack.rs", &TURN.replace("rest()", "rest(2)"));
    let id = copy.commit("mira", "Longer rest").to_string();
    let lines = diff(&copy.file("rack.rs"), &id, "rack.rs").expect("a difference");
    assert_eq!((lines[0].sign, lines[0].text.as_str()), (DiffSign::File, "rack.rs"));
    let changed: Vec<&str> = lines.iter().filter(|l| matches!(l.sign, DiffSign::Added | DiffSign::Removed)).map(|l| l.text.trim()).collect();
    assert_eq!(changed, ["wheel.rest();", "wheel.rest(2);", "fn a() {}", "fn b() {}"]);
}

#[test]
fn what_is_not_under_version_control_is_said() {
    let folder = tempfile::tempdir().expect("a folder");
    let file = folder.path().join("a.rs");
    std::fs::write(&file, "fn a() {}\n").expect("a file");
    let asked = history(&file, "fn a() {}\n", (1, 1), &Cancel::new(), Duration::from_secs(1));
    assert!(matches!(asked, Err(GitError::NoRepository(_))), "{asked:?}");
    let copy = Copy::new();
    copy.write("new.rs", TURN);
    assert!(copy.history("new.rs", (1, 2)).uncommitted, "no commit at all");
    copy.commit("ansa", "Turning");
    copy.write("newer.rs", TURN);
    assert!(copy.history("newer.rs", (1, 2)).uncommitted);
    let none = history(&copy.file("new.rs"), TURN, (1, 2), &Cancel::new(), Duration::ZERO).expect("a history");
    assert!(none.cut, "time was up");
}
