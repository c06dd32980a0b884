//! What a comment says of parameters, results and errors, in whichever of the usual ways it is written.

/// A part of a comment.
#[derive(Debug, PartialEq, Eq)]
pub(super) enum Part {
    /// Text.
    Body(String),
    /// What is said of a part of the thing.
    Field { what: &'static str, name: String, text: String },
}

/// Words of tags, and what they say.
const TAGS: [(&str, &str); 28] = [
    ("param", "parameter"),
    ("arg", "parameter"),
    ("argument", "parameter"),
    ("parameter", "parameter"),
    ("key", "parameter"),
    ("keyword", "parameter"),
    ("tparam", "type parameter"),
    ("template", "type parameter"),
    ("typeparam", "type parameter"),
    ("return", "returns"),
    ("returns", "returns"),
    ("retval", "returns"),
    ("result", "returns"),
    ("yield", "yields"),
    ("yields", "yields"),
    ("throws", "throws"),
    ("throw", "throws"),
    ("exception", "throws"),
    ("raises", "throws"),
    ("raise", "throws"),
    ("see", "see"),
    ("sa", "see"),
    ("since", "since"),
    ("deprecated", "deprecated"),
    ("author", "author"),
    ("version", "version"),
    ("example", "example"),
    ("note", "note"),
];

/// Headings of sections, and what their entries say.
const SECTIONS: [(&str, &str); 12] = [
    ("args", "parameter"),
    ("arguments", "parameter"),
    ("parameters", "parameter"),
    ("keyword args", "parameter"),
    ("other parameters", "parameter"),
    ("attributes", "attribute"),
    ("returns", "returns"),
    ("return", "returns"),
    ("yields", "yields"),
    ("raises", "throws"),
    ("warns", "warns"),
    ("see also", "see"),
];

/// Cuts a comment without its signs into parts.
pub(super) fn split(text: &str) -> Vec<Part> {
    let lines: Vec<&str> = text.lines().collect();
    let mut out = Vec::new();
    let mut body = String::new();
    let mut at = 0;
    let mut in_code = false;
    while at < lines.len() {
        let line = lines[at];
        in_code ^= line.trim_start().starts_with("```");
        let found = if in_code { None } else { tag(line).map(|t| (t, 1)).or_else(|| section(&lines, at)) };
        match found {
            Some((Start::Tag { what, name, text }, used)) => {
                flush(&mut body, &mut out);
                at += used;
                let more = take_field(&lines, &mut at);
                out.push(Part::Field { what, name, text: joined(&text, &more) });
            }
            Some((Start::Section(what), used)) => {
                flush(&mut body, &mut out);
                at += used;
                entries(what, &lines, &mut at, &mut out);
            }
            None => {
                body.push_str(line);
                body.push('\n');
                at += 1;
            }
        }
    }
    flush(&mut body, &mut out);
    out
}

enum Start {
    Tag { what: &'static str, name: String, text: String },
    Section(&'static str),
}

fn flush(body: &mut String, out: &mut Vec<Part>) {
    let text = std::mem::take(body);
    if !text.trim().is_empty() {
        out.push(Part::Body(text));
    }
}

/// `@param rack what`, `\param[in] rack what`, `:param str rack: what`, `@rack: what` (the kernel's).
fn tag(line: &str) -> Option<Start> {
    if let Some(said) = said_of_all(line) {
        return Some(said);
    }
    let trimmed = line.trim_start();
    let sign = trimmed.chars().next().filter(|c| matches!(c, '@' | '\\' | ':'))?;
    let rest = &trimmed[1..];
    if sign == ':' {
        let (head, text) = rest.split_once(':')?;
        let mut words = head.split_whitespace();
        let what = known(words.next()?)?;
        // A type may stand before the name.
        let name = words.next_back().unwrap_or("").to_owned();
        return Some(Start::Tag { what, name, text: text.trim().to_owned() });
    }
    let length = rest.find(|c: char| !c.is_alphanumeric() && c != '_' && c != '.').unwrap_or(rest.len());
    let (word, after) = rest.split_at(length);
    if let Some(what) = known(word) {
        let after = after.strip_prefix('[').and_then(|a| a.split_once(']')).map_or(after, |a| a.1).trim_start();
        // A type in braces may stand before the name.
        let after = after.strip_prefix('{').and_then(|a| a.split_once('}')).map_or(after, |a| a.1).trim_start();
        if !matches!(what, "parameter" | "type parameter" | "throws") {
            return Some(Start::Tag { what, name: String::new(), text: after.to_owned() });
        }
        let (name, text) = after.split_once(char::is_whitespace).unwrap_or((after, ""));
        let text = text.trim_start().trim_start_matches("- ").to_owned();
        return Some(Start::Tag { what, name: name.trim_matches(['[', ']', '<', '>']).to_owned(), text });
    }
    let said = after.strip_prefix(':').filter(|_| sign == '@' && !word.is_empty())?;
    Some(Start::Tag { what: "parameter", name: word.to_owned(), text: said.trim().to_owned() })
}

/// `Return: what`, `Context: where`: the kernel's words for what is no parameter. Without text behind it such a word heads a section.
fn said_of_all(line: &str) -> Option<Start> {
    let (word, text) = line.split_once(": ")?;
    let what = match word {
        "Return" | "Returns" => "returns",
        "Context" => "context",
        _ => return None,
    };
    let text = text.trim();
    (!text.is_empty()).then(|| Start::Tag { what, name: String::new(), text: text.to_owned() })
}

fn known(word: &str) -> Option<&'static str> {
    TAGS.iter().find(|t| t.0 == word).map(|t| t.1)
}

/// `Args:` before indented lines, `Parameters` above a row of dashes; and the lines that takes.
fn section(lines: &[&str], at: usize) -> Option<(Start, usize)> {
    let line = lines[at];
    if line.starts_with(' ') {
        return None;
    }
    let word = line.trim_end().to_lowercase();
    let what = |word: &str| SECTIONS.iter().find(|s| s.0 == word).map(|s| s.1);
    let next = lines.get(at + 1).copied().unwrap_or("");
    if let Some(what) = word.strip_suffix(':').and_then(what)
        && next.starts_with(' ')
    {
        return Some((Start::Section(what), 1));
    }
    let underlined = next.len() >= 3 && next.trim_end().bytes().all(|b| b == b'-');
    what(&word).filter(|_| underlined).map(|what| (Start::Section(what), 2))
}

/// Lines that belong to a tag: further ones up to an empty line or the next tag.
fn take_field<'l>(lines: &[&'l str], at: &mut usize) -> Vec<&'l str> {
    let mut out = Vec::new();
    while let Some(line) = lines.get(*at).filter(|l| !l.trim().is_empty() && tag(l).is_none()) {
        out.push(line.trim());
        *at += 1;
    }
    out
}

fn joined(first: &str, more: &[&str]) -> String {
    std::iter::once(first).chain(more.iter().copied()).collect::<Vec<_>>().join("\n").trim().to_owned()
}

/// Entries of a section: a name with what is said of it, on its line or indented below.
fn entries(what: &'static str, lines: &[&str], at: &mut usize, out: &mut Vec<Part>) {
    let indent_of = |l: &str| l.len() - l.trim_start().len();
    let Some(first) = lines.get(*at).filter(|l| !l.trim().is_empty()) else { return };
    let base = indent_of(first);
    while let Some(line) = lines.get(*at) {
        if line.trim().is_empty() {
            *at += 1;
            // A section ends where the text stands at its heading again, or another begins.
            let goes_on = lines.get(*at).is_some_and(|next| indent_of(next) >= base.max(1) && !next.trim().is_empty());
            if goes_on {
                continue;
            }
            return;
        }
        if indent_of(line) < base || base == 0 && section(lines, *at).is_some() {
            return;
        }
        *at += 1;
        let mut said = Vec::new();
        while let Some(more) = lines.get(*at).filter(|l| !l.trim().is_empty() && indent_of(l) > base) {
            said.push(more.trim());
            *at += 1;
        }
        let (name, text) = entry(what, line.trim());
        out.push(Part::Field { what, name, text: joined(text, &said) });
    }
}

/// `rack (str): what`, `rack : str`, or what is returned by itself.
fn entry<'l>(what: &str, line: &'l str) -> (String, &'l str) {
    let is_name = |n: &str| !n.is_empty() && n.chars().all(|c| c.is_alphanumeric() || "_*.[], ".contains(c)) && n.split_whitespace().count() <= 2;
    if matches!(what, "returns" | "yields") {
        let (kind, text) = line.split_once(": ").unwrap_or(("", line));
        return if is_name(kind) { (String::new(), text) } else { (String::new(), line) };
    }
    match line.split_once(':') {
        Some((head, text)) => {
            let name = head.split_once('(').map_or(head, |h| h.0).trim();
            let is_kind = head.ends_with(' ');
            if is_name(name) { (name.to_owned(), if is_kind { "" } else { text.trim() }) } else { (String::new(), line) }
        }
        None => (line.to_owned(), ""),
    }
}
