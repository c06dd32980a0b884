//! What may come next in a question that is being typed: the grammar, read from the left.

use super::syntax::{Does, WhoDoes};
use super::words::{Word, words};
use compass_facts::Role;

/// Things that are looked up, where the grammar allows more than its own words.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
#[allow(missing_docs)]
pub enum Thing {
    /// A symbol, or the path of a place.
    Name,
    /// A file or folder.
    Path,
    Unit,
    Layer,
    Kind,
    /// A kind of symbol or of crossing that a way may end at.
    Goal,
    Language,
}

/// What may stand at the caret.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub struct Expected {
    /// Where the word begins that is being typed; the caret, between words.
    pub from: usize,
    /// The word as far as it is typed.
    pub typed: String,
    /// Words of the language.
    pub keywords: Vec<&'static str>,
    /// What is looked up.
    pub thing: Option<Thing>,
}

const FIRST: [&str; 11] = ["where is", "who", "what", "how does", "text", "pattern", "files", "symbols", "outline of", "entry points", "gaps"];
const FILTERS: [&str; 12] = ["in", "outside", "lang", "unit", "layer", "kind", "only", "at least", "at most", "after", "of these", "in open"];
const CERTAINTIES: [&str; 3] = ["proven", "inferred", "guessed"];

/// What may follow `before`, the text in front of the caret. Nothing where the question is wrong already, or anything may follow.
pub fn expected(before: &str) -> Expected {
    let mut all = words(before, 0);
    let typing = all.last().is_some_and(|w| w.unclosed || w.at + w.length == before.len());
    let last = if typing { all.pop() } else { None };
    let next = Walk { words: &all, at: 0 }.question().err().unwrap_or_default();
    let (from, typed) = last.map_or((before.len(), String::new()), |w| (w.at, w.text));
    Expected { from, typed, keywords: next.keywords, thing: next.thing }
}

/// What may stand where the words end.
#[derive(Debug, Default)]
struct Next {
    keywords: Vec<&'static str>,
    thing: Option<Thing>,
}

fn keywords(words: &[&'static str]) -> Next {
    Next { keywords: words.to_vec(), thing: None }
}

fn thing(thing: Thing) -> Next {
    Next { keywords: Vec::new(), thing: Some(thing) }
}

/// Goes through the words; where they end, what may follow is the error.
struct Walk<'w> {
    words: &'w [Word],
    at: usize,
}

impl<'w> Walk<'w> {
    fn take(&mut self, next: impl FnOnce() -> Next) -> Result<&'w Word, Next> {
        let word = self.words.get(self.at).ok_or_else(next)?;
        self.at += 1;
        Ok(word)
    }

    fn is(&self, keyword: &str) -> bool {
        self.words.get(self.at).is_some_and(|w| !w.quoted && w.text == keyword)
    }

    /// One of these words must stand here.
    fn one_of(&mut self, all: &[&'static str]) -> Result<&'w str, Next> {
        let word = self.take(|| keywords(all))?;
        let known = !word.quoted && all.iter().any(|k| k.split(' ').next() == Some(&word.text));
        if known { Ok(&word.text) } else { Err(Next::default()) }
    }

    fn question(mut self) -> Result<(), Next> {
        let first = self.take(|| Next { keywords: FIRST.to_vec(), thing: Some(Thing::Name) })?;
        if first.quoted {
            return self.tail(&["defined in", "declared", "implemented"]);
        }
        match first.text.as_str() {
            "where" => {
                self.one_of(&["is"])?;
                self.subject()?;
                self.tail(&["defined in", "declared", "implemented"])
            }
            "who" => self.who(),
            "what" => self.what(),
            "how" => {
                self.one_of(&["does"])?;
                self.subject()?;
                self.defined_in(&["reach"])?;
                self.one_of(&["reach"])?;
                if self.is("any") {
                    self.one_of(&["any"])?;
                    self.take(|| thing(Thing::Goal))?;
                    return self.tail(&["through"]);
                }
                self.subject()?;
                self.tail(&["defined in", "through"])
            }
            "text" | "pattern" => {
                self.take(Next::default)?;
                self.tail(&[])
            }
            "files" => {
                self.take(|| thing(Thing::Path))?;
                self.tail(&[])
            }
            "symbols" => {
                self.take(Next::default)?;
                self.tail(&[])
            }
            "outline" => {
                self.one_of(&["of"])?;
                self.take(|| thing(Thing::Path))?;
                self.tail(&[])
            }
            "entry" => {
                self.one_of(&["points"])?;
                self.tail(&[])
            }
            "gaps" => self.tail(&[]),
            _ => self.tail(&["defined in", "declared", "implemented"]),
        }
    }

    fn who(&mut self) -> Result<(), Next> {
        let all: Vec<&'static str> = std::iter::once("uses").chain(WhoDoes::ALL.iter().map(|d| d.1)).collect();
        let does = self.one_of(&all)?;
        self.subject()?;
        if does != "uses" {
            return self.tail(&["defined in", "or", "through"]);
        }
        while self.is("or") {
            self.at += 1;
            self.subject()?;
        }
        self.defined_in(&["as", "or"])?;
        if self.is("as") {
            self.at += 1;
            let roles: Vec<&'static str> = Role::ALL.iter().map(|r| r.word()).collect();
            self.take(|| keywords(&roles))?;
            return self.tail(&[]);
        }
        self.tail(&["defined in", "or", "as"])
    }

    fn what(&mut self) -> Result<(), Next> {
        match self.one_of(&["is", "does", "follows from"])? {
            "is" => {
                self.subject()?;
                self.tail(&["defined in"])
            }
            "does" => {
                self.subject()?;
                let all: Vec<&'static str> = Does::ALL.iter().map(|d| d.1).collect();
                self.defined_in(&all)?;
                self.one_of(&all)?;
                self.tail(&["through"])
            }
            _ => {
                self.one_of(&["from"])?;
                let from = self.take(|| Next { keywords: vec!["changes since"], thing: Some(Thing::Name) })?;
                if !from.quoted && from.text == "changes" {
                    self.one_of(&["since"])?;
                    self.take(Next::default)?;
                }
                self.tail(&["defined in"])
            }
        }
    }

    fn subject(&mut self) -> Result<(), Next> {
        self.take(|| thing(Thing::Name)).map(|_| ())
    }

    /// What chooses among symbols of one name may stand before what must follow.
    fn defined_in(&mut self, then: &[&'static str]) -> Result<(), Next> {
        if self.is("defined") {
            self.at += 1;
            self.one_of(&["in"])?;
            self.take(|| thing(Thing::Path))?;
        } else if self.at == self.words.len() {
            let mut all = then.to_vec();
            all.push("defined in");
            all.extend(FILTERS.iter().filter(|_| then.contains(&"as")));
            return Err(keywords(&all));
        }
        Ok(())
    }

    /// Words that may follow in this order, each at most once, and filters behind them; `or` begins anew.
    fn tail(&mut self, optional: &[&'static str]) -> Result<(), Next> {
        let mut left = optional.to_vec();
        loop {
            let may: Vec<&'static str> = left.iter().chain(&FILTERS).copied().collect();
            let word = self.one_of(&may)?;
            left = match left.iter().position(|k| k.split(' ').next() == Some(word)) {
                Some(_) if word == "or" => optional.to_vec(),
                Some(at) => left[at + 1..].to_vec(),
                None => Vec::new(),
            };
            match word {
                "defined" => {
                    self.one_of(&["in"])?;
                    self.take(|| thing(Thing::Path))?;
                }
                "through" => {
                    self.take(|| keywords(&["2", "3", "all"]))?;
                }
                "or" => self.subject()?,
                "in" | "outside" => {
                    self.take(|| Next { keywords: vec!["open"], thing: Some(Thing::Path) })?;
                }
                "lang" => {
                    self.take(|| thing(Thing::Language))?;
                }
                "unit" => {
                    self.take(|| thing(Thing::Unit))?;
                }
                "layer" => {
                    self.take(|| thing(Thing::Layer))?;
                }
                "kind" => {
                    self.take(|| thing(Thing::Kind))?;
                }
                "only" => {
                    self.one_of(&CERTAINTIES)?;
                }
                "of" => {
                    self.one_of(&["these"])?;
                }
                "at" => match self.one_of(&["least", "most"])? {
                    "least" => {
                        self.one_of(&CERTAINTIES)?;
                    }
                    _ => {
                        self.take(Next::default)?;
                    }
                },
                "after" => {
                    self.take(Next::default)?;
                }
                _ => {}
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::parse;
    use super::*;
    use rstest::rstest;

    const QUESTIONS: [&str; 22] = [
        "where is turn defined in src/ declared",
        "who calls a or b defined in src/ through 3 in drivers lang c",
        "who uses Wheel.turned_at as write at least inferred",
        "who includes bus.h in open",
        "who tests Planner.plan_turn unit larder",
        "what is Rack",
        "what does plan call through all",
        "what does f(int, char *) define outside tests/",
        "what does \"a b\" defined in x.py extend kind type",
        "how does board.turn reach turns through 9 at most 3",
        "how does board.turn defined in a reach turns defined in b",
        "what follows from turn",
        "what follows from changes since HEAD~3",
        "text \"two words\" in open",
        "pattern /a\\/b+/i outside tests",
        "files *.toml after 20",
        "symbols pl only proven",
        "outline of a.py",
        "entry points unit larder",
        "gaps layer store of these",
        "turn implemented",
        "\"turn\" in src",
    ];

    /// Every word of a question is foreseen when those before it stand there, or is one that anybody may choose.
    #[test]
    fn what_comes_next_was_expected() {
        for question in QUESTIONS {
            assert!(parse(question).is_ok(), "{question}");
            let all = words(question, 0);
            for (i, word) in all.iter().enumerate() {
                let before = &question[..word.at];
                let found = expected(before);
                assert_eq!((found.from, found.typed.as_str()), (before.len(), ""), "{question}");
                let foreseen = found.keywords.iter().any(|k| k.split(' ').next() == Some(&word.text));
                let free = found.thing.is_some()
                    || i > 0 && ["text", "pattern", "symbols", "after", "most", "since", "through", "as"].contains(&all[i - 1].text.as_str());
                assert!(foreseen || free, "{question}: {} after {before:?}: {found:?}", word.text);
            }
        }
    }

    /// Nothing is offered that the parser would call a mistake at that word.
    #[test]
    fn what_is_offered_belongs_there() {
        for question in QUESTIONS {
            for word in words(question, 0) {
                let before = &question[..word.at];
                for keyword in expected(before).keywords {
                    let line = format!("{before}{keyword}");
                    if let Err(error) = parse(&line) {
                        assert!(error.at >= before.len() + keyword.len() || error.message.contains("missing"), "{line}: {}", error.message);
                    }
                }
            }
        }
    }

    #[rstest]
    #[case("", &["where is", "who", "gaps"], Some(Thing::Name), "")]
    #[case("wh", &["where is", "what"], Some(Thing::Name), "wh")]
    #[case("who ", &["uses", "calls", "tests"], None, "")]
    #[case("who calls tu", &[], Some(Thing::Name), "tu")]
    #[case("who calls turn ", &["through", "in", "or"], None, "")]
    #[case("who uses turn as ", &["call", "write"], None, "")]
    #[case("who calls turn in ro", &["open"], Some(Thing::Path), "ro")]
    #[case("who calls turn unit ", &[], Some(Thing::Unit), "")]
    #[case("who calls turn at ", &["least", "most"], None, "")]
    #[case("who calls turn at least ", &["proven", "guessed"], None, "")]
    #[case("what does turn ", &["call", "define", "defined in"], None, "")]
    #[case("how does turn ", &["reach", "defined in"], None, "")]
    #[case("who calls \"a b", &[], Some(Thing::Name), "a b")]
    fn at_the_caret(#[case] before: &str, #[case] has: &[&str], #[case] thing: Option<Thing>, #[case] typed: &str) {
        let found = expected(before);
        assert!(has.iter().all(|k| found.keywords.contains(k)), "{found:?}");
        assert_eq!((found.thing, found.typed.as_str()), (thing, typed));
        assert!(has.is_empty() == found.keywords.is_empty(), "{found:?}");
    }

    #[rstest]
    #[case::wrong_word("who kalls turn ")]
    #[case::a_stray_word("where is my turn ")]
    #[case::free_text("text ")]
    #[case::a_number("who calls turn at most ")]
    fn where_nothing_can_be_known_nothing_is_offered(#[case] before: &str) {
        let found = expected(before);
        assert!(found.keywords.is_empty() && found.thing.is_none(), "{found:?}");
    }
}
