//! From words to the tree, with errors that say how to mend the question.

use super::error::ParseError;
use super::syntax::{Depth, Does, Filter, Form, Goal, Mode, Place, Question, Scope, Subject, What, WhoDoes};
use super::words::{Word, quote, words};
use compass_facts::Role;
use compass_index::Certainty;

/// Words that begin a question; anything else is a subject.
const FIRST: [&str; 13] = ["where", "what", "who", "how", "text", "pattern", "files", "symbols", "outline", "entry", "gaps", "when", "why"];
const FILTERS: [&str; 12] = ["in", "outside", "lang", "unit", "layer", "kind", "only", "at", "of", "or", "after", "defined"];

/// Would the word begin a filter?
pub(super) fn is_filter(word: &str) -> bool {
    FILTERS.contains(&word)
}

/// Parses a question. The second value is what was mended on the way: quotes closed, and the like.
///
/// # Errors
/// [`ParseError`] with place, what was expected, and a question that may have been meant.
pub fn parse(line: &str) -> Result<(Question, Vec<String>), ParseError> {
    let ends_asking = line.trim_end().ends_with('?') && words(line, 0).last().is_some_and(|w| !w.quoted);
    let strict = if ends_asking { None } else { Some(parse_strictly(line)) };
    match strict {
        Some(Ok(found)) => Ok(found),
        refused => match super::phrases::rewritten(line).and_then(|meant| parse_strictly(&meant).ok()) {
            Some((question, mut notes)) => {
                notes.insert(0, format!("= {question}"));
                Ok((question, notes))
            }
            None => refused.unwrap_or_else(|| parse_strictly(line)).map_err(|error| with_advice(line, error)),
        },
    }
}

/// Advice is a question itself, about the name that was asked about.
fn with_advice(line: &str, error: ParseError) -> ParseError {
    let name = super::phrases::likely_name(line);
    let is_good = |s: &String| parse_strictly(s).is_ok() && !s.contains('…') && name.as_ref().is_none_or(|n| s.contains(n.as_str()) && !s.contains("NAME"));
    if error.suggestion.as_ref().is_some_and(is_good) {
        return error;
    }
    let put_in = |n: &String| error.suggestion.as_ref().map(|s| s.replace("NAME", n).replace('…', &format!("where is {n}"))).filter(is_good);
    match name.as_ref().map(|n| put_in(n).unwrap_or_else(|| format!("where is {n}"))) {
        Some(advice) => error.suggest(advice),
        None => error,
    }
}

fn parse_strictly(line: &str) -> Result<(Question, Vec<String>), ParseError> {
    let mut parser = Parser { line, words: words(line, 0), next: 0, notes: Vec::new() };
    let Some(first) = parser.peek().cloned() else {
        return Err(ParseError::new("the question is empty", 0, 0).expecting(&FIRST[..11]).suggest("where is NAME"));
    };
    let form = parser.form(&first)?;
    let filters = parser.filters()?;
    if let Some(word) = parser.words.iter().find(|w| w.unclosed) {
        parser.notes.push(format!("quotes opened at {} were closed at the end", word.at + 1));
    }
    Ok((Question { form, filters }, parser.notes))
}

struct Parser<'l> {
    line: &'l str,
    words: Vec<Word>,
    next: usize,
    notes: Vec<String>,
}

impl Parser<'_> {
    fn peek(&self) -> Option<&Word> {
        self.words.get(self.next)
    }

    fn take(&mut self) -> Option<Word> {
        self.next += 1;
        self.words.get(self.next - 1).cloned()
    }

    /// Is the next word that keyword?
    fn is(&self, keyword: &str) -> bool {
        self.peek().is_some_and(|w| !w.quoted && w.text == keyword)
    }

    fn eat(&mut self, keyword: &str) -> bool {
        let found = self.is(keyword);
        self.next += usize::from(found);
        found
    }

    fn end(&self) -> usize {
        self.words.last().map_or(self.line.len(), |w| w.at + w.length)
    }

    fn expect(&mut self, keywords: &[&str], try_: &str) -> Result<Word, ParseError> {
        match self.peek().cloned() {
            Some(w) if !w.quoted && keywords.contains(&w.text.as_str()) => {
                self.next += 1;
                Ok(w)
            }
            Some(w) => Err(ParseError::new(format!("{} is not understood here", w.text), w.at, w.length).expecting(keywords).near(&w.text).suggest(try_)),
            None => Err(ParseError::new(format!("{} is missing at the end", keywords[0]), self.end(), 0).expecting(keywords).suggest(try_)),
        }
    }

    fn form(&mut self, first: &Word) -> Result<Form, ParseError> {
        if first.quoted {
            return self.where_is();
        }
        match first.text.as_str() {
            "where" => {
                self.next += 1;
                self.expect(&["is"], "where is NAME")?;
                self.where_is()
            }
            "what" => self.what(),
            "who" => self.who(),
            "how" => self.how(),
            "text" => {
                self.next += 1;
                self.argument("text", "text \"some words\"").map(Form::Text)
            }
            "pattern" => self.pattern(),
            "files" => {
                self.next += 1;
                self.argument("files", "files *.toml").map(Form::Files)
            }
            "symbols" => self.symbols(),
            "outline" => {
                self.next += 1;
                self.expect(&["of"], "outline of FILE")?;
                Ok(Form::Outline(self.subject("of")?))
            }
            "entry" => {
                self.next += 1;
                self.expect(&["points"], "entry points")?;
                Ok(Form::EntryPoints)
            }
            "gaps" => {
                self.next += 1;
                let is_filter = self.words.get(self.next + 1).is_some_and(|w| !w.quoted && w.text == "these");
                let of = if !is_filter && self.eat("of") { Some(self.argument("of", "gaps of syntax")?) } else { None };
                Ok(Form::Gaps(of))
            }
            _ => self.bare(first),
        }
    }

    /// A subject alone, unless it looks like a mistyped question.
    fn bare(&mut self, first: &Word) -> Result<Form, ParseError> {
        let second = self.words.get(self.next + 1).filter(|w| !w.quoted && !FILTERS.contains(&w.text.as_str()));
        if second.is_some() && !matches!(second.map(|w| w.text.as_str()), Some("declared" | "implemented")) {
            let known = crate::question_nearest(&first.text, FIRST[..11].iter().copied());
            let error = ParseError::new(format!("no question begins with {}", first.text), first.at, first.length).expecting(&FIRST[..11]);
            let rest = &self.line[first.at + first.length..];
            return Err(match known {
                Some(word) => ParseError { nearest: Some(word.clone()), ..error }.suggest(format!("{word}{rest}")),
                None => error.suggest(format!("where is {}", quote(self.line.trim()))),
            });
        }
        self.where_is()
    }

    fn where_is(&mut self) -> Result<Form, ParseError> {
        let subject = self.subject("is")?;
        let mode = if self.eat("declared") {
            Mode::Declared
        } else if self.eat("implemented") {
            Mode::Implemented
        } else {
            Mode::Any
        };
        Ok(Form::WhereIs { subject, mode })
    }

    fn what(&mut self) -> Result<Form, ParseError> {
        self.next += 1;
        match self.expect(&["is", "does", "follows"], "what is NAME")?.text.as_str() {
            "is" => Ok(Form::WhatIs(self.subject("is")?)),
            "does" => {
                let subject = self.subject("does")?;
                let all: Vec<&str> = Does::ALL.iter().map(|d| d.1).collect();
                let word = self.expect(&all, "what does NAME call")?;
                let does = Does::ALL[all.iter().position(|a| *a == word.text).unwrap_or(0)].0;
                Ok(Form::WhatDoes { subject, does, through: self.through()? })
            }
            _ => {
                self.expect(&["from"], "what follows from NAME")?;
                if self.is("changes") && self.words.get(self.next + 1).is_some_and(|w| !w.quoted && w.text == "since") {
                    self.next += 2;
                    return self.argument("since", "what follows from changes since COMMIT").map(Form::FollowsChanges);
                }
                Ok(Form::Follows(self.subject("from")?))
            }
        }
    }

    fn who(&mut self) -> Result<Form, ParseError> {
        self.next += 1;
        let mut all: Vec<&str> = WhoDoes::ALL.iter().map(|d| d.1).collect();
        all.insert(1, "uses");
        let word = self.expect(&all, "who calls NAME")?;
        if word.text == "uses" {
            let subjects = self.subjects("uses")?;
            let roles = if self.eat("as") { self.roles()? } else { Vec::new() };
            return Ok(Form::WhoUses { subjects, roles });
        }
        let does = WhoDoes::ALL.iter().find(|d| d.1 == word.text).map_or(WhoDoes::Calls, |d| d.0);
        let subjects = self.subjects(&word.text)?;
        Ok(Form::Who { does, subjects, through: self.through()? })
    }

    fn how(&mut self) -> Result<Form, ParseError> {
        const FORM: &str = "how does NAME reach NAME, how does NAME reach any KIND";
        self.next += 1;
        self.expect(&["does"], FORM)?;
        let from = self.subject("does")?;
        self.expect(&["reach"], FORM)?;
        // A symbol called `any` stands last, or in quotes.
        let is_any = self.is("any") && self.words.get(self.next + 1).is_some_and(|w| w.quoted || !FILTERS.contains(&w.text.as_str()) && w.text != "through");
        let to = if is_any {
            self.next += 1;
            Goal::Any(self.take().map(|w| w.text).unwrap_or_default())
        } else {
            Goal::Subject(self.subject("reach")?)
        };
        Ok(Form::HowReach { from, to, through: self.through()? })
    }

    fn roles(&mut self) -> Result<Vec<Role>, ParseError> {
        let mut roles = Vec::new();
        let all: Vec<&str> = Role::ALL.iter().map(|r| r.word()).collect();
        loop {
            let Some(word) = self.take() else {
                return Err(ParseError::new("a role is missing after as", self.end(), 0).expecting(&all).suggest("who uses NAME as call,write"));
            };
            for part in word.text.split(',').filter(|p| !p.is_empty()) {
                match Role::ALL.iter().find(|r| r.word() == part) {
                    Some(role) => roles.push(*role),
                    None => {
                        let error = ParseError::new(format!("{part} is no role"), word.at, word.length);
                        return Err(error.expecting(&all).near(part).suggest("who uses NAME as call,write"));
                    }
                }
            }
            let goes_on = word.text.ends_with(',') || self.peek().is_some_and(|w| !w.quoted && w.text.starts_with(','));
            if !goes_on {
                return Ok(roles);
            }
        }
    }

    fn pattern(&mut self) -> Result<Form, ParseError> {
        let keyword = self.take();
        let start = keyword.map_or(0, |w| w.at + w.length);
        let rest = self.line[start..].trim_start();
        let at = self.line.len() - rest.len();
        if !rest.starts_with('/') {
            let suggestion = format!("pattern /{}/", rest.trim());
            return Err(ParseError::new("a pattern stands between slashes", at, rest.len()).expecting(&["/…/", "/…/i"]).suggest(suggestion));
        }
        let (regex, length, closed) = regex_literal(rest);
        let ignore_case = rest[length..].starts_with('i');
        let after = at + length + usize::from(ignore_case);
        if !closed {
            self.notes.push("the pattern was closed at the end".to_owned());
        }
        self.words = words(self.line, after);
        self.next = 0;
        Ok(Form::Pattern { regex, ignore_case })
    }

    fn symbols(&mut self) -> Result<Form, ParseError> {
        self.next += 1;
        let mut fragments = Vec::new();
        while let Some(word) = self.peek().cloned() {
            if !word.quoted && FILTERS.contains(&word.text.as_str()) {
                break;
            }
            self.next += 1;
            fragments.push(word.text);
        }
        if fragments.is_empty() {
            return Err(ParseError::new("a fragment of a name is missing after symbols", self.end(), 0).suggest("symbols turn pl"));
        }
        Ok(Form::Symbols(fragments))
    }

    /// One word, whatever it is.
    fn argument(&mut self, after: &str, try_: &str) -> Result<String, ParseError> {
        match self.take() {
            Some(w) => Ok(format!("{}{}", w.text, w.suffix)),
            None => Err(ParseError::new(format!("something is missing after {after}"), self.end(), 0).suggest(try_)),
        }
    }

    fn subjects(&mut self, after: &str) -> Result<Vec<Subject>, ParseError> {
        let mut all = vec![self.subject(after)?];
        // `or guessed` is a filter; something of that name stands in quotes.
        while !self.words.get(self.next + 1).is_some_and(|w| !w.quoted && w.text == "guessed") && self.eat("or") {
            all.push(self.subject("or")?);
        }
        Ok(all)
    }

    fn subject(&mut self, after: &str) -> Result<Subject, ParseError> {
        let missing = |at, length| ParseError::new(format!("a name is missing after {after}"), at, length).expecting(&["NAME", "PATH:LINE:COLUMN"]);
        let Some(word) = self.peek().cloned() else {
            return Err(missing(self.end(), 0));
        };
        let is_keyword = !word.quoted && FILTERS.contains(&word.text.as_str()) && self.words.get(self.next + 1).is_some();
        if is_keyword {
            return Err(missing(word.at, word.length).suggest(format!("{}NAME {}", &self.line[..word.at], &self.line[word.at..])));
        }
        self.next += 1;
        let what = match place(&word) {
            Some(place) => What::Place(place),
            None => What::Name { text: format!("{}{}", word.text, word.suffix), quoted: word.quoted },
        };
        let mut defined_in = None;
        if self.is("defined") && self.words.get(self.next + 1).is_some_and(|w| !w.quoted && w.text == "in") {
            self.next += 2;
            defined_in = Some(self.argument("defined in", "where is NAME defined in PATH")?);
        }
        Ok(Subject { what, defined_in })
    }

    fn through(&mut self) -> Result<Option<Depth>, ParseError> {
        if !self.eat("through") {
            return Ok(None);
        }
        match self.take() {
            Some(w) if w.text == "all" => Ok(Some(Depth::All)),
            Some(w) => match w.text.parse() {
                Ok(n) if n > 0 => Ok(Some(Depth::Levels(n))),
                _ => Err(ParseError::new(format!("{} is no depth", w.text), w.at, w.length).expecting(&["a number from 1", "all"])),
            },
            None => Err(ParseError::new("a depth is missing after through", self.end(), 0).expecting(&["a number from 1", "all"])),
        }
    }

    fn filters(&mut self) -> Result<Vec<Filter>, ParseError> {
        let mut filters = Vec::new();
        while let Some(word) = self.take() {
            filters.push(self.filter(&word)?);
        }
        Ok(filters)
    }

    fn filter(&mut self, word: &Word) -> Result<Filter, ParseError> {
        if word.quoted {
            return Err(self.stray(word));
        }
        Ok(match word.text.as_str() {
            "in" => Filter::In(self.scope("in")?),
            "outside" => Filter::Outside(self.scope("outside")?),
            "lang" => Filter::Lang(self.argument("lang", "… lang NAME")?),
            "unit" => Filter::Unit(self.argument("unit", "… unit NAME")?),
            "layer" => Filter::Layer(self.argument("layer", "… layer NAME")?),
            "kind" => Filter::Kind(self.argument("kind", "… kind fn")?),
            "only" => Filter::Only(self.certainty()?),
            "after" => Filter::After(self.number("after")?),
            "or" => {
                self.expect(&["guessed"], "… or guessed")?;
                Filter::OrGuessed
            }
            "of" => {
                self.expect(&["these"], "… of these")?;
                Filter::OfThese
            }
            "at" => match self.expect(&["least", "most"], "… at most 20")?.text.as_str() {
                "least" => Filter::AtLeast(self.certainty()?),
                _ => Filter::AtMost(self.number("at most")?),
            },
            _ => return Err(self.stray(word)),
        })
    }

    fn scope(&mut self, after: &str) -> Result<Scope, ParseError> {
        if self.is("open") {
            self.next += 1;
            return Ok(Scope::Open);
        }
        self.argument(after, "… in src/").map(Scope::Path)
    }

    fn certainty(&mut self) -> Result<Certainty, ParseError> {
        let word = self.expect(&["proven", "inferred", "guessed"], "… only proven")?;
        Ok(match word.text.as_str() {
            "proven" => Certainty::Proven,
            "inferred" => Certainty::Inferred,
            _ => Certainty::Guessed,
        })
    }

    fn number(&mut self, after: &str) -> Result<u64, ParseError> {
        match self.take() {
            Some(w) => w.text.parse().map_err(|_| ParseError::new(format!("{} is no number", w.text), w.at, w.length).expecting(&["a number"])),
            None => Err(ParseError::new(format!("a number is missing after {after}"), self.end(), 0).expecting(&["a number"])),
        }
    }

    /// A word where a filter should be: mistyped, or part of a name with blanks.
    fn stray(&self, word: &Word) -> ParseError {
        let error = ParseError::new(format!("{} does not belong here", word.text), word.at, word.length).expecting(&FILTERS[..10]);
        let near = crate::question_nearest(&word.text, FILTERS[..10].iter().copied());
        if let Some(filter) = near {
            let mended = format!("{}{filter}{}", &self.line[..word.at], &self.line[word.at + word.length..]);
            if parse(&mended).is_ok() {
                return ParseError { nearest: Some(filter), ..error }.suggest(mended);
            }
        }
        // The words before and after may be one name: up to the next filter.
        let start = self.words.get(self.next.saturating_sub(2)).map_or(word.at, |p| p.at);
        let rest = self.words[self.next - 1..].iter().take_while(|w| w.quoted || !FILTERS.contains(&w.text.as_str()));
        let end = rest.last().map_or(word.at + word.length, |w| w.at + w.length);
        let mended = format!("{}{}{}", &self.line[..start], quote(&self.line[start..end]), &self.line[end..]);
        ParseError { message: format!("{}: a name with blanks needs quotes", error.message), ..error }.suggest(mended)
    }
}

/// The inside of `/…/`, its length with slashes, and whether it was closed.
fn regex_literal(rest: &str) -> (String, usize, bool) {
    let mut out = String::new();
    let mut chars = rest.char_indices().skip(1);
    while let Some((i, c)) = chars.next() {
        match c {
            '/' => return (out, i + 1, true),
            '\\' => match chars.next() {
                Some((_, '/')) => out.push('/'),
                Some((_, e)) => {
                    out.push('\\');
                    out.push(e);
                }
                None => out.push('\\'),
            },
            c => out.push(c),
        }
    }
    (out, rest.len(), false)
}

/// `path:line`, `path:line:column`, by the last colons; never after `::`.
fn place(word: &Word) -> Option<Place> {
    if word.quoted {
        let mut numbers = word.suffix.strip_prefix(':')?.split(':');
        let line = numbers.next()?.parse().ok()?;
        let column = numbers.next().map(|c| c.parse()).transpose().ok()?;
        return numbers.next().is_none().then(|| Place { path: word.text.clone(), line, column });
    }
    let (front, last) = split_number(&word.text)?;
    match split_number(front) {
        Some((path, line)) => Some(Place { path: path.to_owned(), line, column: Some(last) }),
        None => Some(Place { path: front.to_owned(), line: last, column: None }),
    }
}

fn split_number(text: &str) -> Option<(&str, u32)> {
    let (front, number) = text.rsplit_once(':')?;
    let is_place = !front.is_empty() && !front.ends_with(':') && number.bytes().all(|b| b.is_ascii_digit());
    if is_place { Some((front, number.parse().ok()?)) } else { None }
}
