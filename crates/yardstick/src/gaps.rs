//! What readers take from files, and where they lose their way.

use crate::failure::Failure;
use compass_facts::{Cancel, GapCause, Language, Source, read};
use std::collections::HashMap;
use std::path::Path;
use std::time::Instant;

/// Prints definitions, uses and gaps of a file.
pub fn dump(path: &Path) -> Result<(), Failure> {
    let name = path.file_name().map(|n| n.to_string_lossy().into_owned()).unwrap_or_default();
    let Some(language) = Language::of_name(&name) else { return Ok(()) };
    let Ok(source) = std::fs::read(path).map(Source::decode) else { return Ok(()) };
    let Ok(source) = source else { return Ok(()) };
    let language = if language == languages::C && language_c_family::looks_like_cpp(&source.text) { languages::CPP } else { language };
    let Some(facts) = read(language, &source, &Cancel::new()) else { return Ok(()) };
    for (i, d) in facts.definitions.iter().enumerate() {
        let (line, column) = source.lines.locate(d.name_span.start);
        let container = d.container.map_or("", |c| facts.def_name(c));
        println!(
            "def {i} {line}:{column} {:?} {container}.{} flags {} ty {:?} arity {}..{} sig {:x} scope {:?}",
            d.kind,
            facts.name(d.name),
            d.flags.0,
            d.ty,
            d.required,
            d.arity,
            d.signature,
            d.scope
        );
    }
    for u in &facts.uses {
        let (line, column) = source.lines.locate(u.span.start);
        println!("use {line}:{column} {:?} {} {:?} local {:?} args {} scope {:?}", u.role, facts.name(u.name), u.shape, u.local, u.args, u.scope);
    }
    for (i, t) in facts.types.iter().enumerate() {
        println!("ty {i} {t:?}");
    }
    for g in &facts.gaps {
        let (line, column) = source.lines.locate(g.span.start);
        println!("gap {line}:{column} {:?} {}", g.cause, g.span.of(&source.text).chars().take(80).collect::<String>());
    }
    Ok(())
}

/// Counts gaps below a folder by the text they begin with.
pub fn survey(folder: &Path) -> Result<(), Failure> {
    let start = Instant::now();
    let mut counts: HashMap<String, (u64, String)> = HashMap::new();
    let (mut files, mut bytes, mut gaps, mut with_gaps) = (0u64, 0u64, 0u64, 0u64);
    for entry in ignore::WalkBuilder::new(folder).build().flatten() {
        let name = entry.file_name().to_string_lossy().into_owned();
        let Some(language) = Language::of_name(&name).filter(|l| l.is_kin_of(languages::C)) else { continue };
        if !entry.file_type().is_some_and(|t| t.is_file()) {
            continue;
        }
        let Ok(Ok(source)) = std::fs::read(entry.path()).map(Source::decode) else { continue };
        let Some(facts) = read(language, &source, &Cancel::new()) else { continue };
        files += 1;
        bytes += source.text.len() as u64;
        let syntax = facts.gaps.iter().filter(|g| g.cause != GapCause::Encoding);
        with_gaps += u64::from(syntax.clone().next().is_some());
        for gap in syntax {
            gaps += 1;
            let text: String = gap.span.of(&source.text).split_whitespace().take(3).collect::<Vec<_>>().join(" ").chars().take(40).collect();
            let (line, _) = source.lines.locate(gap.span.start);
            let entry = counts.entry(text).or_insert_with(|| (0, format!("{}:{line}", entry.path().display())));
            entry.0 += 1;
        }
    }
    println!("{files} files, {bytes} bytes, {gaps} gaps in {with_gaps} files, {:.1} s on one thread", start.elapsed().as_secs_f64());
    let mut sorted: Vec<_> = counts.into_iter().collect();
    sorted.sort_by_key(|c| std::cmp::Reverse(c.1.0));
    for (text, (count, example)) in sorted.into_iter().take(40) {
        println!("{count:6} {text:42} {example}");
    }
    Ok(())
}
