//! Markdown out of other signs: HTML, inline tags in braces, roles and double backquotes, which doc comments of several languages share.

use regex::{Captures, Regex};
use std::sync::LazyLock;

static INLINE: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"\{@(code|literal|link|linkplain|value|inheritDoc)\s*([^{}]*)\}").expect("a pattern"));
static ROLE: LazyLock<Regex> = LazyLock::new(|| Regex::new(r":[a-z]+(?::[a-z]+)?:`~?([^`]+)`").expect("a pattern"));
static DOUBLE: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"``([^`\n]+)``").expect("a pattern"));
static COMMAND: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"(?m)(^|\s)[@\\](brief|short|details?|summary|description)\b[ \t]*").expect("a pattern"));
static WORD: LazyLock<Regex> = LazyLock::new(|| Regex::new(r"[@\\](?:c|p|a|ref|e|em|b)\s+([\w:.()]+)").expect("a pattern"));
static HTML: LazyLock<Regex> =
    LazyLock::new(|| Regex::new(r"(?i)</?\s*(p|br|ul|ol|li|pre|code|tt|b|strong|i|em|h[1-6]|a|blockquote|dl|dt|dd)\b[^<>]*/?>").expect("a pattern"));

/// The text as Markdown.
pub(super) fn to_markdown(text: &str) -> String {
    let text = INLINE.replace_all(text, inline);
    let text = ROLE.replace_all(&text, "`$1`");
    let text = DOUBLE.replace_all(&text, "`$1`");
    let text = COMMAND.replace_all(&text, "$1");
    let text = WORD.replace_all(&text, "`$1`");
    let text = HTML.replace_all(&text, html);
    literal_blocks(&text)
}

/// `{@code x}` and `{@link Rack#turn how it turns}`.
fn inline(found: &Captures) -> String {
    let inner = found[2].trim();
    match &found[1] {
        "inheritDoc" => "(as inherited)".to_owned(),
        "link" | "linkplain" => {
            let (target, label) = inner.split_once(char::is_whitespace).unwrap_or((inner, ""));
            let shown = if label.trim().is_empty() { target.trim_start_matches('#').replace('#', ".") } else { label.trim().to_owned() };
            format!("`{shown}`")
        }
        _ => format!("`{inner}`"),
    }
}

fn html(found: &Captures) -> String {
    let whole = &found[0];
    let closes = whole.starts_with("</");
    match found[1].to_lowercase().as_str() {
        "p" | "ul" | "ol" | "dl" | "blockquote" => "\n\n",
        "br" => "  \n",
        "li" if closes => "",
        "li" => "\n- ",
        "dt" | "dd" if closes => "",
        "dt" | "dd" => "\n\n",
        "pre" => "\n```\n",
        "code" | "tt" => "`",
        "b" | "strong" | "i" | "em" => "**",
        "a" => "",
        _ if closes => "\n\n",
        _ => "\n\n### ",
    }
    .to_owned()
}

/// What is indented below a line that ends in `::`, or begins with a prompt, is code.
fn literal_blocks(text: &str) -> String {
    let mut out = String::new();
    let mut in_code = false;
    let mut after_colons = false;
    let mut in_fence = false;
    for line in text.lines() {
        let indent = line.len() - line.trim_start().len();
        in_fence ^= line.trim_start().starts_with("```");
        let is_prompt = line.trim_start().starts_with(">>> ") || line.trim_start().starts_with("... ");
        let is_code = !in_fence && !line.trim().is_empty() && (is_prompt || (in_code || after_colons) && indent > 0);
        if is_code != in_code && !line.trim().is_empty() {
            out.push_str("\n```\n");
            in_code = is_code;
        }
        let ends = line.trim_end().ends_with("::") && !in_fence && !in_code;
        if ends {
            out.push_str(line.trim_end().trim_end_matches(':'));
            out.push(':');
        } else {
            out.push_str(line);
        }
        out.push('\n');
        after_colons = ends || after_colons && line.trim().is_empty();
    }
    if in_code {
        out.push_str("```\n");
    }
    out
}
