//! Questions as people put them who have not read the grammar: what is meant is clear, and they are answered.
//!
//! Input: a line the grammar refuses, or that ends in a question mark. Output: the same question in the grammar's form, which is shown
//! above the answer. Names keep their letters; only words around them are understood in capitals and small letters alike.

use super::words::{Word, quote, words};

/// What begins a phrase, what its rest is put behind, and what may stand behind the name.
struct Phrase {
    begins: &'static [&'static [&'static str]],
    form: &'static str,
    ends: &'static [&'static [&'static str]],
}

/// In this order: longer beginnings before shorter ones.
const PHRASES: &[Phrase] = &[
    Phrase {
        begins: &[&["callers", "of"], &["calls", "to"], &["calls", "of"], &["what", "calls"], &["who", "is", "calling"], &["callers"], &["invocations", "of"]],
        form: "who calls",
        ends: &[],
    },
    Phrase { begins: &[&["callees", "of"], &["calls", "from"], &["calls", "in"], &["what", "is", "called", "by"]], form: "what does", ends: &[] },
    Phrase {
        begins: &[
            &["references", "to"],
            &["references", "of"],
            &["refs", "to"],
            &["uses", "of"],
            &["usages", "of"],
            &["usage", "of"],
            &["what", "uses"],
            &["where", "is", "used"],
        ],
        form: "who uses",
        ends: &[],
    },
    Phrase {
        begins: &[&["implementations", "of"], &["implementers", "of"], &["implementors", "of"], &["what", "implements"]],
        form: "who implements",
        ends: &[],
    },
    Phrase { begins: &[&["subclasses", "of"], &["subtypes", "of"], &["derived", "types", "of"], &["what", "extends"]], form: "who extends", ends: &[] },
    Phrase { begins: &[&["overrides", "of"]], form: "who overrides", ends: &[] },
    Phrase { begins: &[&["importers", "of"], &["what", "imports"]], form: "who imports", ends: &[] },
    Phrase { begins: &[&["includers", "of"], &["what", "includes"]], form: "who includes", ends: &[] },
    Phrase { begins: &[&["writes", "to"], &["writers", "of"], &["what", "writes"]], form: "who writes", ends: &[] },
    Phrase { begins: &[&["reads", "of"], &["readers", "of"], &["what", "reads"]], form: "who reads", ends: &[] },
    Phrase { begins: &[&["tests", "of"], &["tests", "for"], &["what", "tests"]], form: "who tests", ends: &[] },
    Phrase { begins: &[&["list", "files"], &["list", "all", "files"], &["show", "files"]], form: "files", ends: &[] },
    Phrase { begins: &[&["list", "entry", "points"], &["show", "entry", "points"]], form: "entry points", ends: &[] },
    Phrase { begins: &[&["list", "gaps"], &["show", "gaps"]], form: "gaps", ends: &[] },
    Phrase { begins: &[&["search", "for"], &["search"], &["grep", "for"], &["grep"]], form: "text", ends: &[] },
    Phrase {
        begins: &[
            &["definition", "of"],
            &["definitions", "of"],
            &["declaration", "of"],
            &["find"],
            &["show", "me"],
            &["show"],
            &["go", "to"],
            &["goto"],
            &["open"],
            &["locate"],
            &["where", "are"],
            &["where's"],
            &["where"],
        ],
        form: "where is",
        ends: &[&["defined"], &["declared"], &["implemented"]],
    },
];

/// Words that say nothing.
const ARTICLES: [&str; 6] = ["the", "a", "an", "all", "please", "me"];

/// Other words that may stand in front of a name than those of the grammar.
const MORE_HEADS: [&str; 14] =
    ["do", "calls", "writes", "reads", "implements", "extends", "overrides", "includes", "imports", "tests", "call", "the", "are", "with"];

/// Words that may stand in front of a name, or between names.
fn heads() -> impl Iterator<Item = &'static str> {
    super::print::KEYWORDS.into_iter().chain(MORE_HEADS)
}

/// The question in the grammar's form; `None` where nothing is to be changed.
pub(super) fn rewritten(line: &str) -> Option<String> {
    let all = words(line, 0);
    let mut parts: Vec<Part> = all.iter().map(|w| Part::of(line, w)).collect();
    strip_question_mark(&mut parts);
    parts.retain(|p| !(p.is_plain() && p.raw.chars().all(|c| matches!(c, '?' | '!' | ','))));
    let is_head = |p: &&Part| !p.quoted && heads().any(|h| h == p.raw.to_lowercase()) && !super::parser::is_filter(&p.raw.to_lowercase());
    let count = parts.iter().take_while(is_head).count();
    let lower = |i: usize, p: &Part| if i < count { p.raw.to_lowercase() } else { p.raw.clone() };
    if let Some(found) = PHRASES.iter().find_map(|phrase| phrase.rewrite(&parts)) {
        return Some(found);
    }
    // The same words, small and without articles.
    let kept: Vec<String> =
        parts.iter().enumerate().filter(|(i, p)| *i + 1 == parts.len() || *i == 0 || !p.is_word(&["the", "a", "an"])).map(|(i, p)| lower(i, p)).collect();
    let new = kept.join(" ");
    (new != line.trim() && !new.is_empty()).then_some(new)
}

/// A word as it was written.
struct Part {
    raw: String,
    quoted: bool,
}

impl Part {
    fn of(line: &str, word: &Word) -> Part {
        Part { raw: line.get(word.at..word.at + word.length).unwrap_or(&word.text).to_owned(), quoted: word.quoted }
    }

    fn is_plain(&self) -> bool {
        !self.quoted
    }

    fn is_word(&self, known: &[&str]) -> bool {
        !self.quoted && known.contains(&self.raw.to_lowercase().as_str())
    }
}

fn strip_question_mark(parts: &mut [Part]) {
    if let Some(last) = parts.last_mut().filter(|p| !p.quoted && p.raw.len() > 1) {
        while last.raw.len() > 1 && last.raw.ends_with('?') {
            last.raw.pop();
        }
    }
}

impl Phrase {
    fn rewrite(&self, parts: &[Part]) -> Option<String> {
        let parts: Vec<&Part> = skip_polite(parts);
        let begins = self.begins.iter().find(|b| starts(&parts, b))?;
        let mut rest = &parts[begins.len()..];
        while let [first, more @ ..] = rest {
            // An article is the name where nothing follows it.
            if more.is_empty() || !first.is_word(&ARTICLES) {
                break;
            }
            rest = more;
        }
        let mut tail = "";
        for end in self.ends {
            if rest.len() > end.len() && starts(&rest[rest.len() - end.len()..], end) {
                rest = &rest[..rest.len() - end.len()];
                tail = match end[0] {
                    "declared" => " declared",
                    "implemented" => " implemented",
                    _ => "",
                };
            }
        }
        let asks_where = begins == &&["where"][..] || begins == &&["where", "are"][..];
        if asks_where && rest.first().is_some_and(|p| p.is_word(&["is"])) {
            rest = &rest[1..];
        }
        let (name, filters) = match rest.split_first() {
            Some((name, filters)) => (name.raw.as_str(), filters),
            None if self.form == "files" => return Some("files *".to_owned()),
            None if matches!(self.form, "entry points" | "gaps") => return Some(self.form.to_owned()),
            None => return None,
        };
        let is_filter = |p: &&&Part| !p.quoted && super::parser::is_filter(&p.raw.to_lowercase());
        let words: Vec<&str> = rest.iter().map(|p| p.raw.as_str()).collect();
        Some(match self.form {
            // Several words are one text.
            "text" if filters.first().is_some_and(|f| !is_filter(&f)) => format!("text {}", quote(&words.join(" "))),
            "entry points" | "gaps" => format!("{} {}", self.form, words.join(" ")),
            "files" if rest.first().is_some_and(|p| is_filter(&p)) => format!("files * {}", words.join(" ")),
            "what does" => format!("what does {name} call{}", joined(filters)),
            form => format!("{form} {name}{tail}{}", joined(filters)),
        })
    }
}

/// `please show me …`, `can you find …`.
fn skip_polite(parts: &[Part]) -> Vec<&Part> {
    let polite = ["please", "can", "could", "you", "i", "want", "to", "see"];
    let skipped = parts.iter().take_while(|p| p.is_word(&polite)).count();
    parts.iter().skip(if skipped < parts.len() { skipped } else { 0 }).collect()
}

fn starts(parts: &[&Part], words: &[&str]) -> bool {
    parts.len() >= words.len() && parts.iter().zip(words).all(|(p, w)| !p.quoted && p.raw.to_lowercase() == *w)
}

fn joined(parts: &[&Part]) -> String {
    parts.iter().map(|p| format!(" {}", p.raw)).collect()
}

/// The word of a line that is most likely a name: the first that means nothing to the grammar, and is no slip of a word that does.
pub(super) fn likely_name(line: &str) -> Option<String> {
    let known = |w: &Word| {
        let small = w.text.to_lowercase();
        heads().chain(ARTICLES).any(|known| known == small) || super::parser::is_filter(&small)
    };
    let all = words(line, 0);
    let unknown: Vec<&Word> = all.iter().filter(|w| w.quoted || !known(w)).collect();
    let is_slip = |w: &&&Word| !w.quoted && heads().any(|h| crate::likeness(&w.text.to_lowercase(), h) > 0.85);
    let name = unknown.iter().find(|w| !is_slip(w)).or(unknown.last())?;
    let text = name.text.trim_end_matches('?');
    (!text.is_empty()).then(|| super::quoted_if_needed(text))
}

#[cfg(test)]
mod tests {
    use super::super::parse;
    use rstest::rstest;

    #[rstest]
    #[case::callers("callers of parse", "who calls parse")]
    #[case::calls_to("calls to parse in src/", "who calls parse in src/")]
    #[case::what_calls("what calls parse?", "who calls parse")]
    #[case::references("references to Wheel.turn", "who uses Wheel.turn")]
    #[case::uses("Uses of the Wheel", "who uses Wheel")]
    #[case::usages("usages of Wheel", "who uses Wheel")]
    #[case::definition("definition of Wheel", "where is Wheel")]
    #[case::defined("where is Wheel defined?", "where is Wheel")]
    #[case::declared("Where is Wheel declared?", "where is Wheel declared")]
    #[case::implementations("implementations of Turner", "who implements Turner")]
    #[case::subclasses("subclasses of Rack", "who extends Rack")]
    #[case::find("find Wheel", "where is Wheel")]
    #[case::show_me("show me Wheel", "where is Wheel")]
    #[case::show("show Wheel", "where is Wheel")]
    #[case::list("list files", "files *")]
    #[case::list_some("list files in src/", "files * in src/")]
    #[case::grep("grep turn_at", "text turn_at")]
    #[case::grep_words("grep turned twice", "text \"turned twice\"")]
    #[case::capitals("Who Calls Parse", "who calls Parse")]
    #[case::mark("who calls parse?", "who calls parse")]
    #[case::article("what does the planner call", "what does planner call")]
    #[case::callees("callees of plan", "what does plan call")]
    #[case::polite("can you show me Wheel", "where is Wheel")]
    #[case::names_keep_their_letters("CALLERS OF Open", "who calls Open")]
    fn phrases_mean_a_question(#[case] line: &str, #[case] wanted: &str) {
        let (question, notes) = parse(line).expect(line);
        assert_eq!(question, parse(wanted).expect(wanted).0, "{line}");
        assert!(notes.iter().any(|n| *n == format!("= {question}")), "{notes:?}");
    }

    #[rstest]
    #[case::own_words("who calls parse")]
    #[case::quoted("where is \"find\"")]
    #[case::bare("callers")]
    fn what_the_grammar_knows_stays_as_it_is(#[case] line: &str) {
        let (_, notes) = parse(line).expect(line);
        assert!(!notes.iter().any(|n| n.starts_with("= ")), "{notes:?}");
    }

    #[rstest]
    #[case("wat does turn call")]
    #[case("who cals turn")]
    #[case("turn turn")]
    #[case("who uses turn as calls")]
    #[case("where turn it up")]
    #[case("who calls turn lang")]
    fn advice_is_a_question_about_the_same_name(#[case] line: &str) {
        let Err(error) = parse(line) else { return };
        let advice = error.suggestion.expect("advice");
        assert!(advice.contains("turn") && parse(&advice).is_ok(), "{line}: {advice}");
    }
}
