//! Accuracy: the truth kits' packages, indexed and asked about in one batch each.

use crate::failure::{Failure, amber_compass, output};
use crate::report;
use std::path::Path;
use std::process::Command;

/// Fetches, indexes, asks, prints and records.
pub fn run(languages: &[String], truth: &Path, kits: &Path, misses: u32) -> Result<(), Failure> {
    let program = amber_compass()?;
    for language in languages {
        let corpus = kits.join(language);
        if !corpus.is_dir() {
            std::fs::create_dir_all(kits).map_err(|source| Failure::File { path: kits.to_owned(), source })?;
            eprintln!("fetching the packages of {language}");
            output(Command::new("bash").arg(truth.join(language).join("make.sh")).arg(kits).args(["dev", "fetch"]))?;
        }
        let index = kits.join(format!("{language}.sqlite"));
        for suffix in ["", "-wal", "-shm"] {
            let _ = std::fs::remove_file(format!("{}{suffix}", index.display()));
        }
        // Only the kit of TypeScript carries its dependencies with it.
        let deps = if language == "ts" { "all" } else { "none" };
        output(Command::new(&program).arg("index").arg(&corpus).args(["--deps", deps, "--index"]).arg(&index))?;
        let mut score = Command::new("python3");
        score.arg(truth.join("score.py"));
        // All of them are counted by construct; so many are shown.
        score.args(["--misses", "1000000"]);
        score.arg(truth.join(format!("{language}-dev.tsv.gz"))).arg(&corpus).arg("--").arg(&program);
        score.arg("ask").arg("--root").arg(&corpus).arg("--index").arg(&index).args(["--batch", "-"]);
        let table = output(&mut score)?;
        let is_miss = |l: &&str| l.starts_with("wrong ") || l.starts_with("none ");
        let columns: Vec<&str> = table.lines().filter(|l| !is_miss(l)).collect();
        println!("{}", columns.join("\n"));
        table.lines().filter(is_miss).take(misses as usize).for_each(|l| println!("{l}"));
        println!("misses by construct:\n{}", crate::misses::table(&table, &corpus));
        report::write(&format!("accuracy {language}"), &format!("```text\n{}\n```", columns.join("\n")))?;
    }
    Ok(())
}
