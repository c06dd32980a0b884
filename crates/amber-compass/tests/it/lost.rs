//! Nothing is ever lost: kills, full disks, two programs on one index, files damaged behind the program's back.
//!
//! `COMPASS_KILLS` says how often the program is killed (a few times without it; 200 in the long run).

use crate::program::{Output, command, indexed, json, run, shell};
use std::path::PathBuf;
use std::process::Stdio;
use std::time::{Duration, Instant};
use testkit::{Project, wait_for};

/// A project of some files that hang on one another. `shift` moves what they say.
fn write_sources(project: &Project, files: usize, shift: usize) {
    for i in 0..files {
        let next = (i + 1) % files;
        let lines = "\n".repeat(shift % 3);
        project.write(
            &format!("rack/m{i}.py"),
            &format!("{lines}from rack.m{next} import turn_{next}\n\ndef turn_{i}(n):\n    return turn_{next}(n + {shift})\n\ndef wash_{i}():\n    turn_{i}({shift})\n"),
        );
    }
    project.write("rack/__init__.py", "");
}

fn index_file(project: &Project) -> PathBuf {
    project.home().join("kept.sqlite")
}

fn index(project: &Project) -> Output {
    run(project, &["index", ".", "--threads", "2", "--json", "--index", index_file(project).to_str().expect("a path")])
}

fn verified(project: &Project) -> Output {
    run(project, &["index", ".", "--verify", "--json", "--index", index_file(project).to_str().expect("a path")])
}

fn callers(project: &Project, name: &str) -> Output {
    run(project, &["ask", "--json", "--index", index_file(project).to_str().expect("a path"), &format!("who calls {name}")])
}

/// All answers of some questions, of an index made at once.
fn fresh_answers(project: &Project, names: &[String]) -> Vec<serde_json::Value> {
    let other = project.home().join("fresh.sqlite");
    let _ = std::fs::remove_file(&other);
    let path = other.to_str().expect("a path");
    assert_eq!(run(project, &["index", ".", "--index", path]).code, 0);
    names.iter().map(|n| json(&run(project, &["ask", "--json", "--index", path, &format!("who calls {n}")]).out)["answers"].clone()).collect()
}

#[test]
fn kills_leave_a_complete_state_that_catches_up() {
    let kills: usize = std::env::var("COMPASS_KILLS").ok().and_then(|n| n.parse().ok()).unwrap_or(12);
    const FILES: usize = 60;
    let project = Project::new();
    write_sources(&project, FILES, 0);
    let began = Instant::now();
    assert_eq!(index(&project).code, 0);
    let whole = began.elapsed();
    std::fs::remove_file(index_file(&project)).expect("an index");
    let mut answered = 0;
    for i in 0..kills {
        write_sources(&project, FILES, i);
        // From the very beginning to about the end, in an order that is not that of time.
        let share = (i * 7919 % kills.max(1)) as f64 / kills.max(1) as f64;
        let mut child =
            command(&project, &["index", ".", "--index", index_file(&project).to_str().expect("a path")]).stderr(Stdio::null()).spawn().expect("started");
        std::thread::sleep(whole.mul_f64(share));
        // It may have ended by itself.
        let _ = child.kill();
        child.wait().expect("ended");
        let reply = callers(&project, "turn_1");
        match reply.code {
            // Nothing was complete yet.
            3 => assert!(reply.err.contains("amber-compass index"), "{}", reply.err),
            0 => {
                answered += 1;
                let calls = json(&reply.out)["total"].as_u64();
                assert_eq!(calls, Some(2), "kill {i}: the state of before or after, nothing between: {}", reply.out);
            }
            other => panic!("kill {i}: exit code {other}: {}", reply.err),
        }
        if i % 3 == 2 {
            assert_eq!(index(&project).code, 0, "it catches up");
        }
    }
    assert!(kills < 12 || answered * 2 > kills, "most states could be asked: {answered} of {kills}");
    write_sources(&project, FILES, kills);
    assert_eq!(index(&project).code, 0);
    let names: Vec<String> = [1, 7, 30].iter().map(|i| format!("turn_{i}")).collect();
    let now: Vec<_> = names.iter().map(|n| json(&callers(&project, n).out)["answers"].clone()).collect();
    assert_eq!(now, fresh_answers(&project, &names));
}

/// Writes beyond a size fail, as on a full disk: at every size from nothing up to what a whole run needs.
#[test]
fn a_disk_that_is_full_at_any_write_loses_nothing() {
    let project = Project::new();
    write_sources(&project, 12, 0);
    assert_eq!(index(&project).code, 0);
    let before = json(&callers(&project, "turn_1").out)["answers"].clone();
    write_sources(&project, 12, 1);
    let (mut failed, mut done) = (0, false);
    for kib in (1..2000).step_by(3) {
        let path = index_file(&project);
        // The shell's limit is in KiB; the signal is ignored, so that the write itself fails.
        let words = ["index", ".", "--index", path.to_str().expect("a path")];
        let output = shell(&project, &format!("trap '' XFSZ; ulimit -f {kib}; exec \"$0\" \"$@\""), &words).output().expect("it ends");
        let (code, err) = (output.status.code(), String::from_utf8_lossy(&output.stderr).into_owned());
        match code {
            Some(0) => {
                done = true;
                break;
            }
            Some(3) => {
                failed += 1;
                assert!(!err.contains("panicked") && err.contains("amber-compass:"), "{kib} KiB: {err}");
                let now = callers(&project, "turn_1");
                assert_eq!(now.code, 0, "{kib} KiB: {}", now.err);
                assert_eq!(json(&now.out)["total"], 2, "{kib} KiB: the generation of before answers");
            }
            other => panic!("{kib} KiB: {other:?} {err}"),
        }
    }
    assert!(done && failed > 5, "it failed {failed} times before there was room");
    let after = json(&callers(&project, "turn_1").out)["answers"].clone();
    assert_ne!(before, after, "lines moved");
    assert_eq!(vec![after], fresh_answers(&project, &["turn_1".to_owned()]));
}

#[test]
fn a_second_program_waits_for_the_first_and_takes_over_when_it_dies() {
    let project = Project::new();
    write_sources(&project, 400, 0);
    let path = index_file(&project);
    let arguments = ["index", ".", "--json", "--index", path.to_str().expect("a path")];
    let mut first = command(&project, &arguments).stderr(Stdio::null()).stdout(Stdio::null()).spawn().expect("started");
    let claim = path.with_file_name("kept.sqlite.writer");
    let held = wait_for(Duration::from_secs(20), || std::fs::read_to_string(&claim).ok().filter(|t| t.trim() == first.id().to_string()));
    assert!(held.is_some(), "the first has the claim and says so");
    let stopped = std::process::Command::new("kill").args(["-STOP", &first.id().to_string()]).status().expect("a signal");
    assert!(stopped.success());
    let mut second = command(&project, &arguments).stderr(Stdio::piped()).stdout(Stdio::piped()).spawn().expect("started");
    std::thread::sleep(Duration::from_millis(500));
    assert!(second.try_wait().expect("asked").is_none(), "it waits");
    let asked = callers(&project, "turn_1");
    assert!([0, 3].contains(&asked.code) && !asked.err.contains("busy") && !asked.err.contains("locked"), "{}", asked.err);
    first.kill().expect("killed");
    first.wait().expect("ended");
    let output = second.wait_with_output().expect("it ends");
    let err = String::from_utf8_lossy(&output.stderr);
    assert_eq!(output.status.code(), Some(0), "{err}");
    assert!(err.contains(&format!("process {}", first.id())), "it says who writes: {err}");
    assert_eq!(json(&callers(&project, "turn_1").out)["total"], 2);
}

#[test]
fn questions_are_answered_while_another_program_writes() {
    let project = Project::new();
    write_sources(&project, 150, 0);
    assert_eq!(index(&project).code, 0);
    write_sources(&project, 150, 1);
    let mut writer = command(&project, &["index", ".", "--verify", "--index", index_file(&project).to_str().expect("a path")])
        .stderr(Stdio::null())
        .spawn()
        .expect("started");
    let mut asked = 0;
    while writer.try_wait().expect("asked").is_none() {
        let reply = callers(&project, "turn_1");
        assert_eq!((reply.code, json(&reply.out)["total"].as_u64()), (0, Some(2)), "{}", reply.err);
        asked += 1;
    }
    assert!(asked > 0, "something was asked meanwhile");
}

#[test]
fn an_index_that_cannot_be_written_stays_as_it_is() {
    let project = Project::new();
    write_sources(&project, 5, 0);
    assert_eq!(index(&project).code, 0);
    // A folder in the place of the index: nobody, not even root, can write a file there.
    let blocked = project.home().join("blocked.sqlite");
    std::fs::create_dir_all(blocked.join("inside")).expect("folders");
    let done = run(&project, &["index", ".", "--index", blocked.to_str().expect("a path")]);
    assert_eq!(done.code, 3, "{}", done.err);
    assert!(blocked.join("inside").is_dir(), "what stands there is not taken away");
    let below_a_file = project.home().join("kept.sqlite/deeper/index.sqlite");
    assert_eq!(run(&project, &["index", ".", "--index", below_a_file.to_str().expect("a path")]).code, 3);
    assert_eq!(json(&callers(&project, "turn_1").out)["total"], 2);
}

#[test]
fn flipped_bits_are_told_or_harmless() {
    let project = Project::new();
    write_sources(&project, 20, 0);
    assert_eq!(index(&project).code, 0);
    let path = index_file(&project);
    let good = std::fs::read(&path).expect("an index");
    let wanted = json(&callers(&project, "turn_1").out)["answers"].clone();
    let mut told = 0;
    for i in 0..24 {
        let mut bytes = good.clone();
        let at = (i * 104_729 + 20) % bytes.len();
        bytes[at] ^= 1 << (i % 8);
        for suffix in ["-wal", "-shm"] {
            let _ = std::fs::remove_file(format!("{}{suffix}", path.display()));
        }
        std::fs::write(&path, &bytes).expect("written");
        let reply = callers(&project, "turn_1");
        match reply.code {
            0 => assert_eq!(json(&reply.out)["answers"], wanted, "byte {at}"),
            3 => {
                told += 1;
                assert!(reply.err.contains("amber-compass index"), "{}", reply.err);
                let again = verified(&project);
                assert!(again.code == 0 && again.err.contains("built anew"), "byte {at}: {}", again.err);
                let mended = callers(&project, "turn_1");
                assert_eq!(mended.code, 0, "byte {at}: {} after {} then {}", mended.err, reply.err, again.err);
                assert_eq!(json(&mended.out)["answers"], wanted, "byte {at}: mended");
            }
            other => panic!("byte {at}: {other} {}", reply.err),
        }
    }
    // What no question touched is found when it is looked for.
    let mut bytes = good.clone();
    bytes[good.len() / 2..good.len() / 2 + 64].fill(0xa5);
    std::fs::write(&path, &bytes).expect("written");
    let _ = ["-wal", "-shm"].map(|s| std::fs::remove_file(format!("{}{s}", path.display())));
    let again = verified(&project);
    assert!(again.code == 0 && again.err.contains("built anew"), "{}", again.err);
    eprintln!("{told} of 24 flips were told");
    let cut = &good[..good.len() / 2];
    std::fs::write(&path, cut).expect("written");
    let reply = callers(&project, "turn_1");
    assert!([0, 3].contains(&reply.code), "{}", reply.err);
    assert_eq!(index(&project).code, 0);
    assert_eq!(json(&callers(&project, "turn_1").out)["answers"], wanted);
}

#[test]
fn links_in_circles_and_files_from_the_future_do_no_harm() {
    let project = Project::new();
    write_sources(&project, 5, 0);
    std::os::unix::fs::symlink("..", project.root().join("rack/up")).expect("a link");
    std::os::unix::fs::symlink("itself", project.root().join("rack/itself")).expect("a link");
    let file = std::fs::File::options().write(true).open(project.root().join("rack/m1.py")).expect("a file");
    let later = std::time::SystemTime::now() + Duration::from_secs(3 << 20);
    file.set_modified(later).expect("a time");
    let done = index(&project);
    assert_eq!(done.code, 0, "{}", done.err);
    assert_eq!(json(&done.out)["files"], 6);
    // Its time says nothing: its content does.
    project.write("rack/m1.py", "def turn_1(n):\n    pass\n\nturn_1(0)\n");
    std::fs::File::options().write(true).open(project.root().join("rack/m1.py")).expect("a file").set_modified(later).expect("a time");
    assert_eq!(json(&index(&project).out)["refreshed_files"], 1);
    indexed(&project);
}

/// A program that closes its connection as the last one takes the log away; the open program has none of its locks given up by
/// opening the index once more.
#[test]
fn the_log_stays_while_a_program_has_the_index_open() {
    let project = Project::new();
    write_sources(&project, 3, 0);
    assert_eq!(index(&project).code, 0);
    let open = compass_index::Index::open(&index_file(&project)).expect("an index");
    for _ in 0..3 {
        drop(compass_index::Index::open(&index_file(&project)).expect("an index"));
        assert_eq!(callers(&project, "turn_1").code, 0);
        let shared = project.home().join("kept.sqlite-shm");
        assert!(shared.is_file(), "another program believed to be the last");
    }
    assert!(!open.named("turn_1").expect("names").is_empty());
}
