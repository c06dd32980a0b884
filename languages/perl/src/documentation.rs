//! Markdown out of POD, the documentation of Perl (perlpod): headings, lists, verbatim text, and codes such as `C<turn>`.

use compass_trace::documentation::Documentation;

/// The documentation of Perl.
pub(crate) struct Pod;

impl Documentation for Pod {
    fn to_markdown(&self, comment: &str) -> Option<String> {
        is_pod(comment).then(|| to_markdown(comment))
    }
}

/// Is it a piece of POD? Its first paragraph is a command.
fn is_pod(comment: &str) -> bool {
    comment.starts_with('=') && comment[1..].starts_with(|c: char| c.is_ascii_alphabetic())
}

/// The text as Markdown.
fn to_markdown(pod: &str) -> String {
    let mut maker = Maker::default();
    for paragraph in paragraphs(pod) {
        maker.paragraph(&paragraph);
    }
    maker.out
}

/// Paragraphs are parted by empty lines.
fn paragraphs(pod: &str) -> Vec<String> {
    let mut out: Vec<String> = Vec::new();
    let mut is_new = true;
    for line in pod.lines() {
        if line.trim().is_empty() {
            is_new = true;
            continue;
        }
        match out.last_mut().filter(|_| !is_new) {
            Some(last) => {
                last.push('\n');
                last.push_str(line.trim_end());
            }
            None => out.push(line.trim_end().to_owned()),
        }
        is_new = false;
    }
    out
}

#[derive(Default)]
struct Maker {
    out: String,
    /// How many lists stand around.
    depth: usize,
    /// An item waits for its text.
    waits: Option<String>,
    /// What is meant for other programs: `=begin html`.
    foreign: bool,
    in_code: bool,
}

impl Maker {
    fn paragraph(&mut self, text: &str) {
        if let Some(command) = text.strip_prefix('=') {
            let (word, rest) = command.split_once(char::is_whitespace).unwrap_or((command, ""));
            return self.command(word, rest.trim());
        }
        if self.foreign {
            return;
        }
        let is_verbatim = text.starts_with([' ', '\t']);
        if is_verbatim { self.verbatim(text) } else { self.put(&inline(text)) }
    }

    fn command(&mut self, word: &str, rest: &str) {
        match word {
            "begin" => self.foreign = true,
            "end" => self.foreign = false,
            _ if self.foreign => {}
            "over" => {
                self.flush();
                self.depth += 1;
            }
            "back" => {
                self.flush();
                self.depth = self.depth.saturating_sub(1);
            }
            "item" => {
                self.flush();
                let number = rest.split(['.', ' ', '\n']).next().filter(|n| !n.is_empty() && n.bytes().all(|b| b.is_ascii_digit()));
                let (sign, label) = match (rest.strip_prefix('*'), number) {
                    (Some(label), _) => ("- ".to_owned(), label.trim()),
                    (None, Some(n)) => (format!("{n}. "), rest[n.len()..].trim_start_matches('.').trim()),
                    (None, None) => ("- ".to_owned(), rest),
                };
                self.waits = Some(sign);
                if !label.is_empty() {
                    self.put(&inline(label));
                }
            }
            _ if word.starts_with("head") => {
                self.depth = 0;
                self.put(&format!("{} {}", "#".repeat(word[4..].parse::<usize>().unwrap_or(1).clamp(1, 6)), inline(rest)));
            }
            _ => {}
        }
    }

    /// An item without a text is its sign alone.
    fn flush(&mut self) {
        if self.waits.is_some() {
            self.put("");
        }
    }

    fn put(&mut self, text: &str) {
        self.part();
        let indent = "  ".repeat(self.depth.saturating_sub(1));
        let (lead, below) = match self.waits.take() {
            Some(sign) => (format!("{indent}{sign}"), format!("{indent}{}", " ".repeat(sign.len()))),
            // Text below an item is a part of it.
            None if self.depth > 0 => (format!("{indent}  "), format!("{indent}  ")),
            None => (String::new(), String::new()),
        };
        for (i, line) in text.lines().enumerate() {
            self.out.push_str(if i == 0 { &lead } else { &below });
            self.out.push_str(line.trim_start());
            self.out.push('\n');
        }
        if text.is_empty() {
            self.out.push_str(lead.trim_end());
            self.out.push('\n');
        }
        self.in_code = false;
    }

    /// What is indented stays as it stands.
    fn verbatim(&mut self, text: &str) {
        self.flush();
        let indent = "  ".repeat(self.depth);
        // One empty line parts two pieces of one text.
        if self.in_code {
            let end = self.out.trim_end().len().saturating_sub(3);
            self.out.truncate(end);
            self.out.truncate(self.out.trim_end_matches(' ').len());
            self.out.push('\n');
        } else {
            self.part();
            self.out.push_str(&format!("{indent}```\n"));
        }
        let common = text.lines().map(|l| l.len() - l.trim_start().len()).min().unwrap_or(0);
        for line in text.lines() {
            self.out.push_str(&format!("{indent}{}\n", line.get(common..).unwrap_or(line).replace('\t', "    ")));
        }
        self.out.push_str(&format!("{indent}```\n"));
        self.in_code = true;
    }

    fn part(&mut self) {
        if !self.out.is_empty() {
            self.out.push('\n');
        }
    }
}

/// Codes within a paragraph: `B<…>`, `C<< … >>`, `L<how|Larder::Rack/turn>`, `E<gt>`; signs of Markdown are no signs.
fn inline(text: &str) -> String {
    let mut out = String::with_capacity(text.len());
    let bytes = text.as_bytes();
    let mut at = 0;
    while let Some(c) = text[at..].chars().next() {
        let is_code = c.is_ascii_uppercase() && bytes.get(at + 1) == Some(&b'<');
        match is_code.then(|| inner(text, at + 1)).flatten() {
            Some((content, end)) => {
                out.push_str(&coded(c, content));
                at = end;
            }
            None => {
                if matches!(c, '*' | '_' | '`' | '<' | '[' | ']' | '\\' | '#') {
                    out.push('\\');
                }
                out.push(c);
                at += c.len_utf8();
            }
        }
    }
    out
}

/// What stands between the brackets that open at `at`, and where they end.
fn inner(text: &str, at: usize) -> Option<(&str, usize)> {
    let bytes = text.as_bytes();
    let count = bytes[at..].iter().take_while(|b| **b == b'<').count();
    if count > 1 {
        let close = format!(" {}", ">".repeat(count));
        let from = at + count;
        let length = text[from..].find(&close)?;
        return Some((text[from..from + length].trim(), from + length + close.len()));
    }
    let mut depth = 0usize;
    for (i, b) in bytes.iter().enumerate().skip(at) {
        match b {
            // Only brackets of codes nest.
            b'<' if i == at || bytes[i - 1].is_ascii_uppercase() => depth += 1,
            b'>' => {
                depth -= 1;
                if depth == 0 {
                    return Some((&text[at + 1..i], i + 1));
                }
            }
            _ => {}
        }
    }
    None
}

fn coded(code: char, content: &str) -> String {
    match code {
        'B' => format!("**{}**", inline(content)),
        'C' | 'F' => format!("`{}`", plain(content).replace('`', "'")),
        'L' => {
            let (label, target) = content.split_once('|').unwrap_or(("", content));
            if label.is_empty() { format!("`{}`", plain(target.trim_start_matches('/')).replace('"', "")) } else { inline(label) }
        }
        'E' => entity(content),
        'X' | 'Z' => String::new(),
        // Stressed words and what must not be broken read as they are.
        _ => inline(content),
    }
}

/// Without codes.
fn plain(text: &str) -> String {
    let mut out = String::new();
    let mut at = 0;
    while let Some(c) = text[at..].chars().next() {
        let is_code = c.is_ascii_uppercase() && text.as_bytes().get(at + 1) == Some(&b'<');
        match is_code.then(|| inner(text, at + 1)).flatten() {
            Some((content, end)) => {
                out.push_str(&if c == 'E' { entity(content) } else { plain(content) });
                at = end;
            }
            None => {
                out.push(c);
                at += c.len_utf8();
            }
        }
    }
    out
}

fn entity(name: &str) -> String {
    let number = |digits: &str, radix| u32::from_str_radix(digits, radix).ok().and_then(char::from_u32).map(String::from);
    match name {
        "lt" => "<".to_owned(),
        "gt" => ">".to_owned(),
        "verbar" => "|".to_owned(),
        "sol" => "/".to_owned(),
        _ => match name.strip_prefix("0x") {
            Some(digits) => number(digits, 16),
            None => number(name, 10),
        }
        .unwrap_or_else(|| name.to_owned()),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::bold("B<all> of I<them>", "**all** of them")]
    #[case::code("C<turn> and C<< $a->b >>", "`turn` and `$a->b`")]
    #[case::nested("B<see C<turn>>", "**see `turn`**")]
    #[case::links("L<Larder::Rack> L<the rack|Larder::Rack/turn> L</\"turn\">", "`Larder::Rack` the rack `turn`")]
    #[case::entities("a E<lt> b E<gt> E<verbar> E<0x41> E<66>", "a < b > | A B")]
    #[case::signs("snake_case * [x] a < b", "snake\\_case \\* \\[x\\] a \\< b")]
    #[case::no_code("Use <STDIN> or A<b", "Use \\<STDIN> or A\\<b")]
    #[case::nothing_shown("aX<index> bZ<>", "a b")]
    #[case::entity_in_code("C<a E<gt> b>", "`a > b`")]
    fn codes_become_signs(#[case] pod: &str, #[case] wanted: &str) {
        assert_eq!(inline(pod), wanted);
    }

    #[rstest]
    #[case::headings("=head1 NAME\n\nx - y\n\n=head2 turn(RACK)\n\nTurns.\n\n=cut\n", "# NAME\n\nx - y\n\n## turn(RACK)\n\nTurns.\n")]
    #[case::bullets("=over 4\n\n=item *\n\nOne.\n\n=item * Two\n\nMore.\n\n=back\n\nEnd.", "- One.\n\n- Two\n\n  More.\n\nEnd.\n")]
    #[case::numbers("=over\n\n=item 1.\n\nOne\n\n=item 2\n\n=back", "1. One\n\n2.\n")]
    #[case::names("=over\n\n=item wash\n\nWashes\nall.\n\n=over\n\n=item * deep\n\n=back\n\n=back", "- wash\n\n  Washes\n  all.\n\n  - deep\n")]
    #[case::verbatim("Text:\n\n    turn(1);\n      wash;\n\n    x();\n\nEnd.", "Text:\n\n```\nturn(1);\n  wash;\n\nx();\n```\n\nEnd.\n")]
    #[case::foreign("=begin html\n\n<b>x</b>\n\n=end html\n\n=for comment no\n\n=encoding utf8\n\nYes.", "Yes.\n")]
    fn paragraphs_become_blocks(#[case] pod: &str, #[case] wanted: &str) {
        assert_eq!(to_markdown(pod), wanted);
    }

    #[rstest]
    #[case("=head1 X", true)]
    #[case("= 3", false)]
    #[case("==", false)]
    #[case("", false)]
    fn pod_begins_with_a_command(#[case] text: &str, #[case] wanted: bool) {
        assert_eq!(is_pod(text), wanted);
    }

    proptest::proptest! {
        #[test]
        fn any_text_can_be_read(text in "[A-Z<>=a-z \\n*`\u{e9}0-9/|]{0,200}") {
            let _ = to_markdown(&text);
            let _ = to_markdown(&format!("=over\n\n=item {text}\n\n    {text}\n\n{text}"));
        }
    }
}
