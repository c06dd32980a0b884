//! The reader of C judged from outside: functions and structs that gcc found in kernel files, against our definitions.
//!
//! Input: a source tree with objects that were compiled with debug data. Functions come from the objects' debug data (`DW_TAG_subprogram`
//! with a body), which unlike a symbol table says file and line; structs from `DW_TAG_structure_type` with members.

use crate::failure::{Failure, output};
use compass_facts::{Cancel, Kind, Source, read};
use std::collections::{BTreeMap, BTreeSet, HashMap};
use std::path::{Path, PathBuf};
use std::process::Command;

/// A definition as the compiler says it.
#[derive(Debug, Clone, PartialEq, Eq, PartialOrd, Ord)]
struct Said {
    file: PathBuf,
    line: u32,
    name: String,
    is_struct: bool,
}

/// Compares and prints.
pub fn run(folder: &Path, limit: usize) -> Result<(), Failure> {
    let objects = objects(folder, limit);
    if objects.is_empty() {
        return Err(Failure::Unexpected(format!("no objects with debug data below {}", folder.display())));
    }
    let mut said = BTreeSet::new();
    for object in &objects {
        let text = output(Command::new("readelf").args(["--debug-dump=info", "--wide"]).arg(object))?;
        let lines = output(Command::new("objdump").args(["--dwarf=rawline"]).arg(object)).unwrap_or_default();
        said.extend(definitions(&text, &files(&lines), folder));
    }
    let mut read_files: HashMap<PathBuf, BTreeMap<(String, bool), Vec<u32>>> = HashMap::new();
    let (mut counts, mut missed) = ([(0u64, 0u64, 0u64); 2], Vec::new());
    for item in &said {
        let ours = read_files.entry(item.file.clone()).or_insert_with(|| ours(&item.file));
        let count = &mut counts[usize::from(item.is_struct)];
        let found = ours.get(&(item.name.clone(), item.is_struct));
        // A name among the arguments of a macro, or not written there at all, was made by a macro.
        let line_says = writes(&line_of(&item.file, item.line), &item.name);
        if found.is_some_and(|lines| lines.contains(&item.line)) {
            count.0 += 1;
        } else if !line_says {
            // The name is not written there: a macro made it.
            count.2 += 1;
        } else {
            count.1 += 1;
            missed.push(item.clone());
        }
    }
    for (what, (right, wrong, made)) in ["functions", "structs"].iter().zip(counts) {
        let share = 100.0 * right as f64 / (right + wrong).max(1) as f64;
        println!("{what}: {share:.2} % of {} at the right line; {made} more are made by macros", right + wrong);
    }
    for item in missed.iter().take(20) {
        println!("missed {}:{} {} {}", item.file.display(), item.line, if item.is_struct { "struct" } else { "function" }, item.name);
    }
    println!("{} objects", objects.len());
    Ok(())
}

fn objects(folder: &Path, limit: usize) -> Vec<PathBuf> {
    let walk = ignore::WalkBuilder::new(folder).standard_filters(false).build().flatten();
    // Helpers of the build and what is put together of several objects say nothing new.
    let is_part = |p: &Path| {
        let name = p.file_name().map_or_else(String::new, |n| n.to_string_lossy().into_owned());
        let inside = p.strip_prefix(folder).unwrap_or(p);
        name.ends_with(".o") && !name.ends_with(".mod.o") && !name.starts_with("built-in") && !inside.starts_with("scripts") && !inside.starts_with("tools")
    };
    let mut found: Vec<PathBuf> = walk.map(|e| e.into_path()).filter(|p| is_part(p)).collect();
    found.sort();
    // Spread over the tree, the same each time.
    let step = (found.len() / limit.max(1)).max(1);
    found.into_iter().step_by(step).take(limit).collect()
}

/// The numbered files of a line table: `objdump --dwarf=rawline` lists folders and files by number.
fn files(text: &str) -> Vec<(u32, String)> {
    let mut folders: Vec<(u32, String)> = Vec::new();
    let mut out = Vec::new();
    let mut in_files = false;
    for line in text.lines() {
        let trimmed = line.trim();
        if trimmed.starts_with("The Directory Table") {
            (in_files, folders) = (false, Vec::new());
        } else if trimmed.starts_with("The File Name Table") {
            in_files = true;
        } else if let Some((number, rest)) = trimmed.split_once('\t') {
            let Ok(number) = number.trim().parse::<u32>() else { continue };
            let name = rest.rsplit('\t').next().map(|n| n.rsplit_once("): ").map_or(n, |(_, n)| n)).unwrap_or(rest).to_owned();
            if in_files {
                let folder = rest.split('\t').next().and_then(|f| f.trim().parse::<u32>().ok()).and_then(|f| folders.iter().find(|(n, _)| *n == f));
                out.push((number, folder.map_or(name.clone(), |(_, f)| format!("{f}/{name}"))));
            } else {
                folders.push((number, name));
            }
        }
    }
    out
}

/// Functions with code and structs with members, where the file can be told.
fn definitions(text: &str, files: &[(u32, String)], folder: &Path) -> Vec<Said> {
    let mut out = Vec::new();
    let mut current: Option<Entry> = None;
    for line in text.lines() {
        if let Some(tag) = line.split("(DW_TAG_").nth(1) {
            out.extend(current.take().and_then(|e| e.said(files, folder)));
            current = match tag.trim_end_matches(')') {
                "subprogram" => Some(Entry::default()),
                "structure_type" => Some(Entry { is_struct: true, ..Entry::default() }),
                _ => None,
            };
        } else if let Some(entry) = &mut current {
            entry.attribute(line);
        }
    }
    out.extend(current.and_then(|e| e.said(files, folder)));
    out
}

#[derive(Default)]
struct Entry {
    is_struct: bool,
    name: Option<String>,
    file: Option<u32>,
    line: Option<u32>,
    has_code: bool,
    declared: bool,
}

impl Entry {
    fn attribute(&mut self, line: &str) {
        let Some((_, rest)) = line.split_once("DW_AT_") else { return };
        let Some((name, value)) = rest.split_once(':') else { return };
        // `(strp) (offset: 0x1): name`, `(data1) 7`, or the value alone.
        let value = value.trim();
        let value = value.rsplit_once("): ").or(value.split_once(") ").filter(|_| value.starts_with('('))).map_or(value, |(_, v)| v).trim();
        match name.trim() {
            "name" => self.name = Some(value.to_owned()),
            "decl_file" => self.file = value.parse().ok(),
            "decl_line" => self.line = value.parse().ok(),
            "low_pc" | "byte_size" => self.has_code = true,
            "declaration" => self.declared = true,
            _ => {}
        }
    }

    fn said(self, files: &[(u32, String)], folder: &Path) -> Option<Said> {
        if !self.has_code || self.declared {
            return None;
        }
        let number = self.file?;
        let name = files.iter().find(|f| f.0 == number).map(|f| f.1.as_str())?;
        let file = [folder.join(name), PathBuf::from(name)].into_iter().find(|p| p.is_file())?;
        Some(Said { file, line: self.line?, name: self.name?, is_struct: self.is_struct })
    }
}

/// Our functions and structs of a file: lines by name.
fn ours(path: &Path) -> BTreeMap<(String, bool), Vec<u32>> {
    let mut out: BTreeMap<(String, bool), Vec<u32>> = BTreeMap::new();
    let Ok(Ok(source)) = std::fs::read(path).map(Source::decode) else { return out };
    let Some(facts) = read(languages::C, &source, &Cancel::new()) else { return out };
    for d in &facts.definitions {
        let is_struct = d.kind == Kind::Struct;
        if is_struct || d.kind == Kind::Function {
            let (line, _) = source.lines.locate(d.name_span.start);
            out.entry((facts.name(d.name).to_owned(), is_struct)).or_default().push(line);
        }
    }
    out
}

/// Is the name written in the line, and not as an argument of a macro?
fn writes(line: &str, name: &str) -> bool {
    let Some(at) = line.find(name) else { return false };
    let before = line[..at].trim_end();
    let is_argument = before.strip_suffix('(').is_some_and(|head| head.ends_with(|c: char| c.is_ascii_alphabetic() || c == '_'));
    !before.ends_with(',') && !is_argument
}

fn line_of(path: &Path, line: u32) -> String {
    let text = std::fs::read(path).map(|b| String::from_utf8_lossy(&b).into_owned()).unwrap_or_default();
    text.lines().nth(line.saturating_sub(1) as usize).unwrap_or("").to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn debug_data_gives_functions_with_code_and_structs_with_members() {
        let table = " The Directory Table (offset 0x1c):\n  1\t/src/kernel\n\n The File Name Table (offset 0x4):\n  Entry\tDir\tTime\tSize\tName\n  1\t1\t0\t0\tfork.c\n";
        assert_eq!(files(table), [(1, "/src/kernel/fork.c".to_owned())]);
        let folder = std::env::temp_dir();
        std::fs::write(folder.join("yardstick-fork.c"), "int turn;\n").expect("a file");
        let info = " <1><2d>: Abbrev Number: 2 (DW_TAG_subprogram)\n    <2e>   DW_AT_name        : (strp) (offset: 0x12): turn\n    <32>   DW_AT_decl_file   : (data1) 1\n    <33>   DW_AT_decl_line   : (data2) 1958\n    <3a>   DW_AT_low_pc      : (addr) 0\n <1><40>: Abbrev Number: 3 (DW_TAG_structure_type)\n    <41>   DW_AT_name        : wheel\n    <45>   DW_AT_declaration : (flag_present) 1\n <1><50>: Abbrev Number: 4 (DW_TAG_base_type)\n";
        let said = definitions(info, &[(1, "yardstick-fork.c".to_owned())], &folder);
        assert_eq!(said, [Said { file: folder.join("yardstick-fork.c"), line: 1958, name: "turn".to_owned(), is_struct: false }]);
    }
}
