//! Pages with the templates that make them, and style sheets: one family, since what one names the other defines.

use crate::{css, html};
use compass_facts::Language;
use compass_facts::profile::{Component, Lexis, Modules, PLAIN, Packages, Profile, Qualifier, usual};
use compass_index::linking::RulesPart;
use compass_trace::crossings::frameworks::FrameworksPart;

/// Pages and templates.
pub const HTML: Language = Language::of(&PAGES);
/// Style sheets.
pub const CSS: Language = Language::of(&SHEETS);

static PAGES: Profile = Profile {
    word: "html",
    stored_word: "html",
    family: "markup",
    // Their last ending is that of the language they are turned into.
    file_names: &["*.blade.php"],
    endings: &[
        "html",
        "htm",
        "xhtml",
        "jinja",
        "jinja2",
        "j2",
        "njk",
        "twig",
        "liquid",
        "tmpl",
        "gotmpl",
        "gohtml",
        "tpl",
        "hbs",
        "handlebars",
        "mustache",
        "erb",
        "ejs",
        "haml",
        "slim",
        "pug",
    ],
    largest_bytes: usual::LARGEST_BYTES,
    read: |text, cancel| Some(html::read(text, cancel)),
    component: words_of_code,
    tokens: Some(html::tokens),
    lexis: Lexis { line_comments: &[], block_comments: &[("<!--", "-->"), ("{#", "#}")], ..usual::SLASHES },
    modules: MODULES,
    packages: PACKAGES,
    layer: Some(0),
    names_others: true,
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    frameworks: Some(&FrameworksPart(&crate::frameworks::MarkupFrameworks)),
    rules: Some(&RulesPart(&crate::rules::MarkupRules)),
    ..PLAIN
};

static SHEETS: Profile = Profile {
    word: "css",
    stored_word: "css",
    family: "markup",
    endings: &["css", "scss", "less"],
    largest_bytes: usual::LARGEST_BYTES,
    read: |text, cancel| Some(css::read(text, cancel)),
    tokens: Some(css::tokens),
    lexis: usual::SLASHES,
    modules: MODULES,
    packages: PACKAGES,
    layer: Some(0),
    may_be_minified: true,
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    rules: Some(&RulesPart(&crate::rules::MarkupRules)),
    ..PLAIN
};

const MODULES: Modules = Modules { qualifier: Qualifier::Nothing, by_file: false, of_folder: usual::no_folder };
const PACKAGES: Packages = Packages { of_import: usual::whole, advice: "a root that holds the file would show it" };

/// Code within a page names what other languages define, and no reader follows it: its words are kept.
fn words_of_code(text: &str) -> Option<Component> {
    let mut markup = compass_facts::reading::templates::marked(text);
    markup.extend(html::code(text));
    // Where lines are tags, any of them may be code.
    if is_indented(text) {
        markup.push(compass_facts::Span::new(0, text.len()));
    }
    Some(Component { scripts: text.to_owned(), markup })
}

/// Does a page say by signs at the beginnings of lines, and by how far they are moved in, what others say by tags in angles?
fn is_indented(text: &str) -> bool {
    let begins = |line: &str| line.trim_start().starts_with(['%', '.', '#', '=', '-', '|', '+']);
    let named = |line: &str| {
        line.trim_start()
            .split([' ', '=', '(', '.', '#'])
            .next()
            .is_some_and(|w| !w.is_empty() && w.bytes().all(|b| b.is_ascii_lowercase() || b.is_ascii_digit()))
    };
    let mut lines = text.lines().filter(|l| !l.trim().is_empty()).peekable();
    lines.peek().is_some()
        && !text.contains("</")
        && !text.contains("{%")
        && !text.contains("<%")
        && lines.all(|l| begins(l) || named(l) || l.starts_with(' ') || l.starts_with('\t'))
}
