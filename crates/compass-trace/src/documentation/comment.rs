//! Takes the signs of comments away, and the indentation that all lines have.

/// The text of a comment, or of a docstring; lines keep what they are indented by more than the others.
pub fn clean(comment: &str) -> String {
    let text = comment.trim();
    let is_block = text.starts_with("/*");
    let body = if is_block { text.trim_start_matches("/**").trim_start_matches("/*").trim_end_matches("*/") } else { text };
    let has_stars = is_block && body.lines().skip(1).filter(|l| !l.trim().is_empty()).all(|l| l.trim_start().starts_with('*'));
    let signs: &[&str] = match () {
        () if has_stars => &["*"],
        () if text.starts_with("//") => &["///", "//!", "//"],
        () if text.starts_with("--") => &["---", "--"],
        () if text.lines().all(|l| l.trim_start().starts_with('#')) => &["#"],
        () => &[],
    };
    let mut lines: Vec<String> = body.lines().map(|l| bare(l, signs)).collect();
    // The first line of a block or docstring stands behind the sign: how far is no matter.
    if let Some(first) = lines.first_mut() {
        *first = first.trim_start().to_owned();
    }
    let others = lines.iter().skip(1).filter(|l| !l.is_empty());
    let common = others.map(|l| l.len() - l.trim_start().len()).min().unwrap_or(0);
    for line in lines.iter_mut().skip(1) {
        *line = line.get(common..).unwrap_or("").to_owned();
    }
    while lines.first().is_some_and(String::is_empty) {
        lines.remove(0);
    }
    while lines.last().is_some_and(String::is_empty) {
        lines.pop();
    }
    lines.join("\n")
}

/// A line without what begins it and a blank behind that; tabs count as four blanks.
fn bare(line: &str, signs: &[&str]) -> String {
    let trimmed = line.trim_start();
    let inner = match signs.iter().find_map(|sign| trimmed.strip_prefix(sign)) {
        Some(inner) => inner.strip_prefix(' ').unwrap_or(inner),
        None => line,
    };
    inner.replace('\t', "    ").trim_end().to_owned()
}
