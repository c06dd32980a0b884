//! Speed: an index of a large tree against floors, all in one run on the same threads.

use crate::failure::{Failure, amber_compass, output};
use crate::report;
use compass_facts::Language;
use language_c_family::lexer::CLexer;
use std::fmt::Write as _;
use std::io::{BufRead, BufReader, Write};
use std::path::{Path, PathBuf};
use std::process::{Command, Stdio};
use std::sync::atomic::{AtomicU64, AtomicUsize, Ordering};
use std::time::Instant;

/// Measures, prints and records.
pub fn run(folder: Option<&Path>, grammar: bool, threads: usize) -> Result<(), Failure> {
    let folder = match folder {
        Some(folder) => folder.to_owned(),
        None => kernel_sources()?,
    };
    let program = amber_compass()?;
    let files = c_files(&folder);
    let mut out = String::new();
    let (_, bytes) = over(&files, threads, &|_, text| text.len() as u64);
    let (lexing, tokens) = over(&files, threads, &|_, text| CLexer::new(text, false).count() as u64);
    let mut line = |text: String| {
        println!("{text}");
        let _ = writeln!(out, "- {text}");
    };
    line(format!("{} files of C, {:.1} MB, {:.1} M tokens, {threads} threads", files.len(), bytes as f64 / 1e6, tokens as f64 / 1e6));
    line(format!("plain lexing: {lexing:.1} s"));
    if grammar {
        let (parsing, errors) = over(&files, threads, &|_, text| parse(text));
        line(format!("generic grammar, trees dropped: {parsing:.1} s, errors in {errors} files"));
    }
    let index = std::env::temp_dir().join("yardstick-kernel.sqlite");
    let (took, summary) = full_index(&program, &folder, &index, threads)?;
    let (peak, disk) = (summary["peak_rss_bytes"].as_f64().unwrap_or(0.0), summary["index_bytes"].as_f64().unwrap_or(0.0));
    line(format!(
        "full index: {took:.1} s = {:.1} × lexing; peak memory {:.2} GiB; index {:.0} MB = {:.2} × the C sources",
        took / lexing,
        peak / (1u64 << 30) as f64,
        disk / 1e6,
        disk / bytes as f64
    ));
    line(format!("phases: {}", summary["seconds"]));
    questions(&program, &folder, &index, &mut line)?;
    start_on_code(&program, &folder, &index, &mut line)?;
    report::write("speed", &out)
}

/// Seconds of a full index by a process of its own, and what it says in the end.
pub fn full_index(program: &Path, folder: &Path, index: &Path, threads: usize) -> Result<(f64, serde_json::Value), Failure> {
    for suffix in ["", "-wal", "-shm"] {
        let _ = std::fs::remove_file(format!("{}{suffix}", index.display()));
    }
    let start = Instant::now();
    let said =
        output(Command::new(program).arg("index").arg(folder).args(["--deps", "none", "--json", "--threads", &threads.to_string(), "--index"]).arg(index))?;
    let took = start.elapsed().as_secs_f64();
    let summary = said.lines().last().and_then(|l| serde_json::from_str(l).ok());
    Ok((took, summary.ok_or_else(|| Failure::Unexpected("index --json said no JSON".to_owned()))?))
}

/// Debian's sources of the kernel, fetched and unpacked once.
fn kernel_sources() -> Result<PathBuf, Failure> {
    let place = PathBuf::from("target/yardstick/kernel");
    let folder = place.join("usr/src/linux-source-6.1");
    if !folder.is_dir() {
        std::fs::create_dir_all(&place).map_err(|source| Failure::File { path: place.clone(), source })?;
        let steps = "apt-get download linux-source-6.1 && dpkg-deb -x linux-source-6.1_*.deb . && cd usr/src && tar xf linux-source-6.1.tar.xz";
        output(Command::new("bash").args(["-ec", steps]).current_dir(&place))?;
    }
    Ok(folder)
}

fn c_files(folder: &Path) -> Vec<PathBuf> {
    let walk = ignore::WalkBuilder::new(folder).standard_filters(false).build().flatten();
    let is_c = |p: &Path| {
        p.is_file() && !p.is_symlink() && p.file_name().and_then(|n| n.to_str()).and_then(Language::of_name).is_some_and(|l| l.is_kin_of(languages::C))
    };
    let mut files: Vec<PathBuf> = walk.map(|e| e.into_path()).filter(|p| is_c(p)).collect();
    files.sort();
    files
}

/// Does something with every file on several threads; gives seconds and the sum of what it gave.
pub fn over(files: &[PathBuf], threads: usize, work: &(dyn Fn(&Path, &str) -> u64 + Sync)) -> (f64, u64) {
    let (next, sum) = (AtomicUsize::new(0), AtomicU64::new(0));
    let start = Instant::now();
    std::thread::scope(|scope| {
        for _ in 0..threads {
            scope.spawn(|| {
                while let Some(path) = files.get(next.fetch_add(1, Ordering::Relaxed)) {
                    let Ok(bytes) = std::fs::read(path) else { continue };
                    let text = String::from_utf8_lossy(&bytes);
                    sum.fetch_add(work(path, &text), Ordering::Relaxed);
                }
            });
        }
    });
    (start.elapsed().as_secs_f64(), sum.into_inner())
}

/// 1 for a file in which the generic grammar finds errors.
fn parse(text: &str) -> u64 {
    let mut parser = tree_sitter::Parser::new();
    if parser.set_language(&tree_sitter_c::LANGUAGE.into()).is_err() {
        return 1;
    }
    parser.parse(text, None).map_or(1, |tree| u64::from(tree.root_node().has_error()))
}

/// From the start of the program on a file of the tree to the first frame that shows its text, in a terminal of 160 by 47.
fn start_on_code(program: &Path, folder: &Path, index: &Path, line: &mut dyn FnMut(String)) -> Result<(), Failure> {
    let file = folder.join("init/main.c");
    let Some(shown) = std::fs::read_to_string(&file).ok().and_then(|t| t.lines().find(|l| l.starts_with("#include")).map(str::to_owned)) else { return Ok(()) };
    let word = shown.split(['<', '>']).nth(1).unwrap_or("include").to_owned();
    let command = format!("stty cols 160 rows 47; exec {} --index {} {}", program.display(), index.display(), file.display());
    let mut times = Vec::new();
    for _ in 0..11 {
        let failed = |source| Failure::Start { program: "script".to_owned(), source };
        let mut terminal = Command::new("script");
        terminal.args(["-qfc", &command, "/dev/null"]).env("TERM", "xterm-256color").stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::null());
        let start = Instant::now();
        let mut child = terminal.spawn().map_err(failed)?;
        let (Some(mut screen), mut seen) = (child.stdout.take(), Vec::new()) else { return Ok(()) };
        let mut part = [0; 1 << 16];
        while !seen.windows(word.len()).any(|w| w == word.as_bytes()) {
            match std::io::Read::read(&mut screen, &mut part).map_err(failed)? {
                0 => return Err(Failure::Unexpected("the program ended before it showed code".to_owned())),
                count => seen.extend_from_slice(&part[..count]),
            }
        }
        times.push(start.elapsed().as_secs_f64() * 1e3);
        let _ = child.kill();
        let _ = child.wait();
    }
    times.sort_by(f64::total_cmp);
    line(format!(
        "start on a file of the tree to its text on the screen: median {:.0} ms, longest of {} {:.0} ms",
        times[times.len() / 2],
        times.len(),
        times[times.len() - 1]
    ));
    Ok(())
}

/// The time of each question to one running process, and of processes of their own.
fn questions(program: &Path, folder: &Path, index: &Path, line: &mut dyn FnMut(String)) -> Result<(), Failure> {
    let ask = |command: &mut Command| {
        command.arg("ask").arg("--root").arg(folder).arg("--index").arg(index);
    };
    let mut command = Command::new(program);
    ask(&mut command);
    let failed = |source| Failure::Start { program: "amber-compass ask".to_owned(), source };
    let mut child = command.args(["--batch", "-"]).stdin(Stdio::piped()).stdout(Stdio::piped()).stderr(Stdio::null()).spawn().map_err(failed)?;
    let (Some(mut input), Some(output)) = (child.stdin.take(), child.stdout.take()) else { return Ok(()) };
    let mut replies = BufReader::new(output);
    // Until the first of a reply is there, and until it is whole.
    let mut time_both = |questions: &[String]| -> Result<(Vec<f64>, Vec<f64>), Failure> {
        let (mut first, mut times) = (Vec::new(), Vec::new());
        for question in questions {
            let start = Instant::now();
            writeln!(input, "{question}").and_then(|()| input.flush()).map_err(failed)?;
            replies.fill_buf().map_err(failed)?;
            first.push(start.elapsed().as_secs_f64() * 1e3);
            let mut reply = String::new();
            replies.read_line(&mut reply).map_err(failed)?;
            times.push(start.elapsed().as_secs_f64() * 1e3);
        }
        times.sort_by(f64::total_cmp);
        Ok((first, times))
    };
    let names = [
        "kmalloc",
        "schedule",
        "mutex_lock",
        "inode",
        "sk_buff",
        "printk",
        "list_add",
        "vfs_read",
        "tcp_sendmsg",
        "page_fault",
        "task_struct",
        "kfree",
        "readl",
        "probe",
        "memcpy",
        "GFP_KERNEL",
        "copy_from_user",
        "dev_err",
        "spin_lock",
        "do_fork",
    ];
    let forms = ["where is N", "who calls N", "what calls N", "who uses N at most 50", "what does N call"];
    let ordinary: Vec<String> = (0..500).map(|i| forms[i / 20 % forms.len()].replace('N', names[i % names.len()])).collect();
    let mut time = |questions: &[String]| time_both(questions).map(|t| t.1);
    let _ = time(&["where is kmalloc".to_owned(), "symbols kmal".to_owned()])?;
    let (p50, p95) = (|t: &[f64]| t[t.len() / 2], |t: &[f64]| t[t.len() * 95 / 100]);
    let times = time(&ordinary)?;
    line(format!("500 questions (where, who, what): median {:.1} ms, p95 {:.1} ms, longest {:.1} ms", p50(&times), p95(&times), times[times.len() - 1]));
    let typed = [
        "k",
        "km",
        "kma",
        "kmallo",
        "kmc",
        "alloc page",
        "kmaloc",
        "qqzzxx",
        "s",
        "sk",
        "skb",
        "sk_buf",
        "vfr",
        "tcp send",
        "shcedule",
        "zzzzzz",
        "p",
        "pa",
        "pag",
        "page_a",
    ];
    let typed: Vec<String> = (0..100).map(|i| format!("symbols {} at most 30", typed[i % typed.len()])).collect();
    let times = time(&typed)?;
    line(format!("fuzzy symbols, 100 keys: median {:.1} ms, p95 {:.1} ms", p50(&times), p95(&times)));
    let words = ["text \"copy_from_user\" at most 50".to_owned(), "text \"zzz_nowhere_zzz\"".to_owned()];
    for word in words {
        let (first, whole) = time_both(std::slice::from_ref(&word))?;
        line(format!("{word}: first rows {:.0} ms, all {:.0} ms", first[0], whole[0]));
    }
    drop(input);
    let _ = child.wait();
    let start = Instant::now();
    let _ = Command::new("grep").args(["-rn", "zzz_nowhere_zzz"]).arg(folder).output();
    line(format!("grep -rn of the same: {:.0} ms", start.elapsed().as_secs_f64() * 1e3));
    let mut own: Vec<f64> = Vec::new();
    for name in names {
        let mut command = Command::new(program);
        ask(&mut command);
        let start = Instant::now();
        let _ = command.arg(format!("where is {name}")).output();
        own.push(start.elapsed().as_secs_f64() * 1e3);
    }
    own.sort_by(f64::total_cmp);
    line(format!("a question as a process of its own: median {:.0} ms, p95 {:.0} ms", p50(&own), p95(&own)));
    Ok(())
}
