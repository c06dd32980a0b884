//! The logbook as Markdown, with the code it speaks of.

use super::{Found, Logbook, Trail, find};
use compass_index::Index;
use std::fmt::Write as _;

/// Lines of code around a bookmark.
const AROUND: u32 = 3;

/// The whole logbook, for reading and handing on.
pub fn markdown(name: &str, book: &Logbook, index: &Index) -> String {
    let mut out = format!("# Logbook of {name}\n");
    if !book.bookmarks.is_empty() {
        out.push_str("\n## Bookmarks\n");
    }
    for mark in &book.bookmarks {
        let found = find(index, &mark.anchor);
        let title = mark.anchor.symbol.as_ref().map_or_else(|| mark.anchor.text.clone(), |s| format!("{} {}", s.kind, s.names.join(".")));
        let _ = writeln!(out, "\n### {}\n", title.trim());
        if !mark.note.is_empty() {
            let _ = writeln!(out, "{}\n", mark.note);
        }
        match found {
            Some(found) => excerpt(&mut out, index, &found),
            None => {
                let _ = writeln!(out, "No longer there; it was at `{}:{}`:\n\n```\n{}\n```", mark.anchor.path, mark.anchor.line, mark.anchor.text);
            }
        }
    }
    if !book.trail.steps.is_empty() {
        out.push_str("\n## Track\n\n");
        track(&mut out, &book.trail);
    }
    out
}

fn excerpt(out: &mut String, index: &Index, found: &Found) {
    let _ = writeln!(out, "`{}:{}`\n", found.path, found.line);
    let id = index.find_path(&found.path);
    let Some((id, source)) = id.and_then(|id| Some((id, index.source(id).ok()?))) else { return };
    let word = index.file(id).map_or("", |f| f.language.word());
    let (lines, text) = (&source.source.lines, source.source.text.as_str());
    let (first, last) = (found.line.saturating_sub(AROUND).max(1), (found.line + AROUND).min(lines.count()));
    let code: Vec<&str> = (first..=last).map(|l| lines.line(l, text)).collect();
    // A fence longer than any in the code keeps it whole.
    let longest = code.iter().map(|l| l.chars().take_while(|c| *c == '`').count()).max().unwrap_or(0);
    let fence = "`".repeat(longest.max(2) + 1);
    let _ = writeln!(out, "{fence}{word}\n{}\n{fence}", code.join("\n"));
}

fn track(out: &mut String, trail: &Trail) {
    for (step, depth) in trail.tree() {
        let s = &trail.steps[step];
        let name = if s.name.is_empty() { String::new() } else { format!("**{}** ", s.name) };
        let how = if s.how.is_empty() { String::new() } else { format!(" ({})", s.how) };
        let text = if s.text.is_empty() { String::new() } else { format!(" `{}`", s.text.replace('`', "'")) };
        let _ = writeln!(out, "{}- {name}{}:{}{text}{how}", "  ".repeat(depth), s.path, s.line);
    }
}
