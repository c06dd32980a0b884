//! SQL as far as code bases need it: which tables and columns a statement reads, writes and defines.
//!
//! One scan over tokens, no grammar of any dialect: quoted names of all of them are known (`"a"`, `` `a` ``, `[a]`), keywords are told by
//! the place they stand in. A column that names no table belongs to the tables of its statement; who knows the tables decides.

use crate::{Span, SqlVerb};
use rustc_hash::FxHashMap;

/// A token.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum SqlToken<'t> {
    /// A name or keyword; quotes are taken off.
    Word {
        /// As written.
        text: &'t str,
        /// It stood in quotes and is no keyword.
        quoted: bool,
    },
    /// A text.
    Text,
    /// A number.
    Number,
    /// One sign.
    Sign(char),
    /// A comment.
    Comment,
}

/// Falls a text into tokens with their places.
pub fn sql_tokens(text: &str) -> Vec<(SqlToken<'_>, Span)> {
    let bytes = text.as_bytes();
    let mut out = Vec::new();
    let mut at = 0;
    while at < bytes.len() {
        let start = at;
        let until = |from: usize, close: &str| text[from..].find(close).map_or(text.len(), |n| from + n + close.len());
        let token = match bytes[at] {
            b if b.is_ascii_whitespace() => {
                at += 1;
                continue;
            }
            b'-' if text[at..].starts_with("--") => {
                at = text[at..].find('\n').map_or(text.len(), |n| at + n);
                SqlToken::Comment
            }
            b'/' if text[at..].starts_with("/*") => {
                at = until(at + 2, "*/");
                SqlToken::Comment
            }
            b'\'' => {
                at = until(at + 1, "'");
                while bytes.get(at) == Some(&b'\'') {
                    at = until(at + 1, "'");
                }
                SqlToken::Text
            }
            quote @ (b'"' | b'`' | b'[') => {
                let close = if quote == b'[' {
                    "]"
                } else if quote == b'"' {
                    "\""
                } else {
                    "`"
                };
                at = until(at + 1, close);
                let inner = text.get(start + 1..at.saturating_sub(1)).unwrap_or("");
                // Some dialects take texts in these quotes: what can be no name is one.
                let name = inner.chars().all(|c| c.is_alphanumeric() || matches!(c, '_' | ' ' | '$')) && !inner.starts_with(|c: char| c.is_ascii_digit());
                if quote == b'"' && !name {
                    out.push((SqlToken::Text, Span::new(start, at)));
                    continue;
                }
                out.push((SqlToken::Word { text: inner, quoted: true }, Span::new(start + 1, (start + 1 + inner.len()).min(text.len()))));
                continue;
            }
            b if b.is_ascii_digit() => {
                while bytes.get(at).is_some_and(|b| b.is_ascii_alphanumeric() || *b == b'.') {
                    at += 1;
                }
                SqlToken::Number
            }
            b if b.is_ascii_alphabetic() || b == b'_' || b >= 0x80 => {
                while bytes.get(at).is_some_and(|b| b.is_ascii_alphanumeric() || matches!(b, b'_' | b'$') || *b >= 0x80) {
                    at += 1;
                }
                SqlToken::Word { text: &text[start..at], quoted: false }
            }
            // Placeholders are no names: `:id`, `@id`, `%(id)s`, `$1`.
            b':' | b'@' | b'$' if bytes.get(at + 1).is_some_and(|b| b.is_ascii_alphanumeric() || *b == b'_') => {
                at += 1;
                while bytes.get(at).is_some_and(|b| b.is_ascii_alphanumeric() || *b == b'_') {
                    at += 1;
                }
                SqlToken::Number
            }
            b'%' if text[at..].starts_with("%(") => {
                at = until(at + 2, ")");
                at += usize::from(bytes.get(at) == Some(&b's'));
                SqlToken::Number
            }
            b'%' if bytes.get(at + 1) == Some(&b's') => {
                at += 2;
                SqlToken::Number
            }
            _ => {
                let c = text[at..].chars().next().unwrap_or(' ');
                at += c.len_utf8();
                SqlToken::Sign(c)
            }
        };
        out.push((token, Span::new(start, at)));
    }
    out
}

/// A table or column in a statement; names in lower case unless quoted.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct Mention {
    /// What is done.
    pub verb: SqlVerb,
    /// Tables it may belong to, or the table itself.
    pub tables: Vec<String>,
    /// The column.
    pub column: Option<String>,
    /// Where, in bytes of the text.
    pub span: Span,
}

/// A table that a statement makes.
#[derive(Debug, Clone, PartialEq, Eq)]
pub struct MadeTable {
    /// Its name.
    pub name: String,
    /// Where its name stands.
    pub span: Span,
    /// The whole statement.
    pub whole: Span,
    /// Is it a view?
    pub view: bool,
    /// Its columns and where they stand; the whole of each.
    pub columns: Vec<(String, Span, Span)>,
    /// The statement adds to a table that is there already.
    pub alters: bool,
}

/// Words that end or join clauses: never tables, columns or aliases.
const KEYWORDS: &str = " select from where join inner left right full outer cross natural on using group by order having limit offset union all except intersect as and or not in \
is null like between exists case when then else end distinct insert into values update set delete create table view index unique primary key foreign references check \
default constraint with recursive returning asc desc if temp temporary trigger begin commit rollback alter add column drop rename to replace ignore abort fail conflict do \
nothing cascade restrict no action deferrable initially deferred immediate current_timestamp current_date current_time true false integer int text varchar char real float \
double precision numeric decimal boolean bool blob date timestamp timestamptz interval serial bigserial bigint smallint collate nocase escape glob match regexp over partition \
rows range window filter lateral only for share of skip locked nowait any some cast extract fetch first next row rows truncate merge matched using explain analyze pragma \
materialized without rowid strict autoincrement generated always identity stored virtual language function returns ";

/// Is it a keyword?
pub fn is_keyword(word: &str) -> bool {
    let mut spaced = String::with_capacity(word.len() + 2);
    spaced.push(' ');
    spaced.push_str(&word.to_ascii_lowercase());
    spaced.push(' ');
    KEYWORDS.contains(&spaced)
}

/// Words that follow *from* in prose and name no table.
const ARTICLES: [&str; 11] = ["the", "a", "an", "this", "these", "that", "those", "your", "its", "our", "my"];

/// What statements begin with.
const VERBS: [&str; 11] = ["select", "insert", "replace", "update", "delete", "with", "create", "alter", "drop", "truncate", "merge"];

/// May a text among these tokens hold a statement? Told by what stands behind quotes.
pub fn may_hold_sql(tokens: &str) -> bool {
    let begins = |at: usize| {
        let rest = tokens.get(at + 1..).unwrap_or("").trim_start_matches(|c: char| c.is_ascii_whitespace() || c == '(' || c == '\\');
        VERBS.iter().any(|v| rest.get(..v.len()).is_some_and(|w| w.eq_ignore_ascii_case(v)))
    };
    memchr::memchr_iter(b'"', tokens.as_bytes()).any(begins)
}

/// Does a text begin as a statement, and go on as one?
pub fn looks_like_sql(text: &str) -> bool {
    let Some(first) = text.split_ascii_whitespace().next() else { return false };
    if !VERBS.iter().any(|v| first.trim_start_matches('(').eq_ignore_ascii_case(v)) {
        return false;
    }
    let words: Vec<&str> = text.split_ascii_whitespace().take(400).collect();
    let has = |w: &str| words.iter().skip(1).any(|x| x.eq_ignore_ascii_case(w));
    let second = |all: &[&str]| words.get(1).is_some_and(|x| all.iter().any(|w| x.eq_ignore_ascii_case(w)));
    // Prose has capitals only at its beginning.
    let cased = first.chars().all(|c| c.is_ascii_uppercase()) || first.chars().all(|c| c.is_ascii_lowercase());
    cased
        && match first.to_ascii_lowercase().trim_start_matches('(') {
            "select" => words.len() > 3 && words.windows(2).any(|w| w[0].eq_ignore_ascii_case("from") && !ARTICLES.contains(&w[1])),
            "insert" | "replace" => has("into") && words.len() > 2,
            "update" => has("set") && words.len() > 3,
            "delete" => second(&["from"]) && words.len() > 2,
            "with" => has("as") && (has("select") || has("(select")),
            "create" => second(&["table", "view", "index", "unique", "temp", "temporary", "materialized"]) || (second(&["or"]) && has("view")),
            "alter" | "drop" | "truncate" => second(&["table", "view"]),
            "merge" => second(&["into"]),
            _ => false,
        }
}

/// Everything the statements of a text say.
pub fn read_sql(text: &str) -> (Vec<Mention>, Vec<MadeTable>) {
    let tokens: Vec<(SqlToken, Span)> = sql_tokens(text).into_iter().filter(|t| t.0 != SqlToken::Comment).collect();
    let mut mentions = Vec::new();
    let mut made = Vec::new();
    for statement in tokens.split(|t| t.0 == SqlToken::Sign(';')) {
        let mut reader = Statement {
            tokens: statement,
            at: 0,
            aliases: FxHashMap::default(),
            tables: Vec::new(),
            local: Vec::new(),
            mentions: Vec::new(),
            waiting: Vec::new(),
        };
        reader.read(&mut made);
        reader.settle();
        mentions.append(&mut reader.mentions);
    }
    (mentions, made)
}

struct Statement<'a, 't> {
    tokens: &'a [(SqlToken<'t>, Span)],
    at: usize,
    aliases: FxHashMap<String, String>,
    tables: Vec<String>,
    /// Names the statement itself gives: `WITH x AS`, `AS x`.
    local: Vec<String>,
    mentions: Vec<Mention>,
    /// Columns whose table is known when the whole statement is read: qualifier, name, verb, place.
    waiting: Vec<(Option<String>, String, SqlVerb, Span)>,
}

impl<'t> Statement<'_, 't> {
    fn word(&self, at: usize) -> Option<&'t str> {
        match self.tokens.get(at) {
            Some((SqlToken::Word { text, .. }, _)) => Some(text),
            _ => None,
        }
    }

    fn is(&self, at: usize, keyword: &str) -> bool {
        matches!(self.tokens.get(at), Some((SqlToken::Word { text, quoted: false }, _)) if text.eq_ignore_ascii_case(keyword))
    }

    fn is_sign(&self, at: usize, sign: char) -> bool {
        matches!(self.tokens.get(at), Some((SqlToken::Sign(c), _)) if *c == sign)
    }

    fn is_name(&self, at: usize) -> bool {
        match self.tokens.get(at) {
            Some((SqlToken::Word { quoted: true, .. }, _)) => true,
            Some((SqlToken::Word { text, .. }, _)) => !is_keyword(text),
            _ => false,
        }
    }

    /// A name, with what qualifies it: the last part, its place, and where the reading goes on.
    fn dotted(&self, at: usize) -> Option<(Option<String>, String, Span, usize)> {
        let (mut at, mut before) = (at, None);
        loop {
            let name = self.word(at)?.to_ascii_lowercase();
            let more = self.is_sign(at + 1, '.') && self.word(at + 2).is_some();
            if !more {
                return Some((before, name, self.tokens[at].1, at + 1));
            }
            before = Some(name);
            at += 2;
        }
    }

    fn read(&mut self, made: &mut Vec<MadeTable>) {
        let mut verb = SqlVerb::Read;
        while self.at < self.tokens.len() {
            let at = self.at;
            if self.is(at, "create") || self.is(at, "alter") {
                if let Some(table) = self.definition() {
                    made.push(table);
                    continue;
                }
            } else if self.is(at, "with") {
                self.at += 1;
                self.common_tables();
                continue;
            } else if self.is(at, "insert") || self.is(at, "replace") || self.is(at, "merge") {
                verb = SqlVerb::Write;
            } else if self.is(at, "into") && verb == SqlVerb::Write {
                self.at += 1;
                self.table(SqlVerb::Write);
                self.column_list();
                verb = SqlVerb::Read;
                continue;
            } else if self.is(at, "update") && self.is_name(self.skipped(at + 1)) {
                self.at = self.skipped(at + 1);
                self.table(SqlVerb::Write);
                self.assignments();
                continue;
            } else if self.is(at, "delete") && self.is(at + 1, "from") {
                self.at += 2;
                self.table(SqlVerb::Delete);
                continue;
            } else if (self.is(at, "drop") || self.is(at, "truncate")) && self.is(at + 1, "table") {
                self.at = self.skipped(at + 2);
                self.table(SqlVerb::Delete);
                continue;
            } else if self.is(at, "from") || self.is(at, "join") {
                self.at += 1;
                self.tables_after_from();
                continue;
            } else if self.is(at, "references") {
                self.at += 1;
                self.table(SqlVerb::Read);
                continue;
            } else if self.is(at, "as") && self.is_name(at + 1) {
                self.local.extend(self.word(at + 1).map(str::to_ascii_lowercase));
                self.at += 2;
                continue;
            } else if at > 0 && self.is_sign(at - 1, ')') && self.is_name(at) {
                // What stands right behind a parenthesis names it.
                self.local.extend(self.word(at).map(str::to_ascii_lowercase));
            } else if self.is_name(at) {
                self.column(at, SqlVerb::Read);
                continue;
            }
            self.at += 1;
        }
    }

    /// Past `OR REPLACE`, `IF NOT EXISTS`, `IF EXISTS`, `ONLY`.
    fn skipped(&self, mut at: usize) -> usize {
        while ["or", "ignore", "replace", "abort", "rollback", "fail", "if", "not", "exists", "only"].iter().any(|k| self.is(at, k)) {
            at += 1;
        }
        at
    }

    fn common_tables(&mut self) {
        if self.is(self.at, "recursive") {
            self.at += 1;
        }
        // Names before `AS (` anywhere in the statement: later ones follow a comma.
        for at in self.at..self.tokens.len() {
            if self.is_name(at) && self.is(at + 1, "as") && (self.is_sign(at + 2, '(') || self.is(at + 2, "materialized")) {
                self.local.extend(self.word(at).map(str::to_ascii_lowercase));
            }
        }
    }

    fn table(&mut self, verb: SqlVerb) -> Option<String> {
        if !self.is_name(self.at) {
            return None;
        }
        let (_, name, span, next) = self.dotted(self.at)?;
        self.at = next;
        // A function that gives rows is no table.
        if self.is_sign(self.at, '(') && verb == SqlVerb::Read && !self.is_reference() {
            return None;
        }
        if !self.local.contains(&name) {
            self.mentions.push(Mention { verb, tables: vec![name.clone()], column: None, span });
            if !self.tables.contains(&name) {
                self.tables.push(name.clone());
            }
        }
        if self.is(self.at, "as") {
            self.at += 1;
        }
        if self.is_name(self.at) {
            let alias = self.word(self.at).unwrap_or_default().to_ascii_lowercase();
            self.aliases.insert(alias, name.clone());
            self.at += 1;
        }
        self.aliases.insert(name.clone(), name.clone());
        Some(name)
    }

    fn is_reference(&self) -> bool {
        (0..self.at).rev().take(4).any(|at| self.is(at, "references"))
    }

    fn tables_after_from(&mut self) {
        loop {
            if self.is(self.at, "lateral") {
                self.at += 1;
            }
            if self.table(SqlVerb::Read).is_none() || !self.is_sign(self.at, ',') {
                return;
            }
            self.at += 1;
        }
    }

    /// `(a, b)` behind a table.
    fn column_list(&mut self) {
        if !self.is_sign(self.at, '(') {
            return;
        }
        self.at += 1;
        while self.at < self.tokens.len() && !self.is_sign(self.at, ')') {
            if self.word(self.at).is_some() && !self.is(self.at, "select") {
                self.column(self.at, SqlVerb::Write);
            } else if self.is(self.at, "select") {
                return;
            } else {
                self.at += 1;
            }
        }
    }

    /// `SET a = …, b = …`
    fn assignments(&mut self) {
        let Some(set) = (self.at..self.tokens.len()).find(|at| self.is(*at, "set")) else { return };
        self.at = set + 1;
        let mut depth = 0i32;
        let mut expects = true;
        while self.at < self.tokens.len() {
            let at = self.at;
            if ["where", "from", "returning", "when"].iter().any(|k| self.is(at, k)) && depth == 0 {
                return;
            }
            if expects && self.word(at).is_some() {
                self.column(at, SqlVerb::Write);
                expects = false;
                continue;
            }
            match self.tokens[at].0 {
                SqlToken::Sign('(') => depth += 1,
                SqlToken::Sign(')') => depth -= 1,
                SqlToken::Sign(',') if depth == 0 => expects = true,
                _ if self.is(at, "from") => {
                    self.at += 1;
                    self.tables_after_from();
                    continue;
                }
                _ if self.is_name(at) => {
                    self.column(at, SqlVerb::Read);
                    continue;
                }
                _ => {}
            }
            self.at += 1;
        }
    }

    fn column(&mut self, at: usize, verb: SqlVerb) {
        let Some((qualifier, name, span, next)) = self.dotted(at) else {
            self.at = at + 1;
            return;
        };
        self.at = next;
        let called = self.is_sign(next, '(') && verb == SqlVerb::Read;
        let is_star = self.is_sign(next, '.') && self.is_sign(next + 1, '*');
        if !called && !is_star {
            self.waiting.push((qualifier, name, verb, span));
        }
        // `count(*) AS n` and `count(*) n` give names; a name right behind a name is one too.
        if verb == SqlVerb::Read && self.is_name(self.at) && !called {
            self.local.extend(self.word(self.at).map(str::to_ascii_lowercase));
            self.at += 1;
        }
    }

    /// Gives columns their tables.
    fn settle(&mut self) {
        for (qualifier, name, verb, span) in std::mem::take(&mut self.waiting) {
            let tables = match qualifier {
                Some(q) => match self.aliases.get(&q) {
                    Some(table) if !self.local.contains(table) => vec![table.clone()],
                    _ => continue,
                },
                None if self.local.contains(&name) || self.aliases.contains_key(&name) => continue,
                None => self.tables.clone(),
            };
            if !tables.is_empty() {
                self.mentions.push(Mention { verb, tables, column: Some(name), span });
            }
        }
        self.mentions.sort_by_key(|m| m.span);
    }

    /// `CREATE TABLE`, `CREATE VIEW`, `CREATE INDEX … ON`, `ALTER TABLE … ADD COLUMN`.
    fn definition(&mut self) -> Option<MadeTable> {
        let begin = self.at;
        let whole = Span { start: self.tokens[begin].1.start, end: self.tokens.last()?.1.end };
        let kind = (begin + 1..begin + 6).find(|at| ["table", "view", "index", "trigger", "function"].iter().any(|k| self.is(*at, k)))?;
        if self.is(kind, "index") {
            let on = (kind..self.tokens.len()).find(|at| self.is(*at, "on"))?;
            self.at = on + 1;
            self.table(SqlVerb::Define);
            return None;
        }
        let name_at = self.skipped(kind + 1);
        let (_, name, span, next) = self.dotted(name_at).filter(|_| self.is(kind, "table") || self.is(kind, "view"))?;
        self.at = next;
        if self.is(begin, "alter") {
            self.mentions.push(Mention { verb: SqlVerb::Define, tables: vec![name.clone()], column: None, span });
            let columns = self.added_columns();
            return Some(MadeTable { name, span, whole, view: false, columns, alters: true });
        }
        let view = self.is(kind, "view");
        self.tables.push(name.clone());
        let columns = if self.is_sign(self.at, '(') { self.columns(view) } else { Vec::new() };
        Some(MadeTable { name, span, whole, view, columns, alters: false })
    }

    fn added_columns(&mut self) -> Vec<(String, Span, Span)> {
        let mut out = Vec::new();
        while self.at < self.tokens.len() {
            if self.is(self.at, "add") {
                let at = self.skipped(if self.is(self.at + 1, "column") { self.at + 2 } else { self.at + 1 });
                if self.is_name(at) {
                    let span = self.tokens[at].1;
                    let end = self.tokens.last().map_or(span.end, |t| t.1.end);
                    out.push((self.word(at).unwrap_or_default().to_ascii_lowercase(), span, Span { start: span.start, end }));
                }
                self.at = at;
            }
            if self.is(self.at, "references") {
                self.at += 1;
                self.table(SqlVerb::Read);
                continue;
            }
            self.at += 1;
        }
        out
    }

    /// The parenthesis of `CREATE TABLE`: a column each, table constraints aside.
    fn columns(&mut self, view: bool) -> Vec<(String, Span, Span)> {
        let mut out: Vec<(String, Span, Span)> = Vec::new();
        let mut depth = 0usize;
        let mut fresh = false;
        while self.at < self.tokens.len() {
            let (token, span) = self.tokens[self.at];
            match token {
                SqlToken::Sign('(') => {
                    depth += 1;
                    fresh = depth == 1;
                }
                SqlToken::Sign(')') => {
                    depth = depth.saturating_sub(1);
                    if depth == 0 {
                        self.at += 1;
                        return out;
                    }
                }
                SqlToken::Sign(',') if depth == 1 => fresh = true,
                _ if self.is(self.at, "references") => {
                    self.at += 1;
                    self.table(SqlVerb::Read);
                    continue;
                }
                SqlToken::Word { text, quoted } => {
                    // `KEY name (a)` is a constraint, `key VARCHAR (12)` a column.
                    let listed = self.is_sign(self.at + 1, '(') || (self.is_name(self.at + 1) && self.is_sign(self.at + 2, '('));
                    let plain = ["key", "index", "like", "period"].iter().any(|k| text.eq_ignore_ascii_case(k));
                    let constraint = !quoted
                        && (listed || !plain)
                        && ["primary", "unique", "foreign", "constraint", "check", "exclude", "key", "index", "like", "period"]
                            .iter()
                            .any(|k| text.eq_ignore_ascii_case(k));
                    if fresh && (view || !constraint) {
                        out.push((text.to_ascii_lowercase(), span, span));
                    }
                    fresh = false;
                }
                _ => fresh = false,
            }
            if depth >= 1
                && let Some(last) = out.last_mut()
                && !fresh
            {
                last.2.end = last.2.end.max(span.end);
            }
            self.at += 1;
        }
        out
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    fn said(text: &str) -> Vec<String> {
        let (mentions, _) = read_sql(text);
        mentions.iter().map(|m| format!("{} {}{}", m.verb.word(), m.tables.join("|"), m.column.as_ref().map(|c| format!(".{c}")).unwrap_or_default())).collect()
    }

    #[rstest]
    #[case::select("SELECT id, name FROM racks WHERE cave = ?", &["select racks.id", "select racks.name", "select racks", "select racks.cave"])]
    #[case::aliases("SELECT w.id FROM wheels w JOIN cheeses AS c ON c.id = w.cheese_id", &["select wheels.id", "select wheels", "select cheeses", "select cheeses.id", "select wheels.cheese_id"])]
    #[case::two_tables("SELECT a FROM x, y", &["select x|y.a", "select x", "select y"])]
    #[case::insert("INSERT INTO turns (wheel_id, at) VALUES (?, 'now')", &["write turns", "write turns.wheel_id", "write turns.at"])]
    #[case::insert_select("insert into log select id from wheels", &["write log", "select log|wheels.id", "select wheels"])]
    #[case::update("UPDATE wheels SET turned_at = ?, n = n + 1 WHERE id = :id", &["write wheels", "write wheels.turned_at", "write wheels.n", "select wheels.n", "select wheels.id"])]
    #[case::delete("DELETE FROM turns WHERE at < %s", &["delete turns", "select turns.at"])]
    #[case::quoted("SELECT \"Name\" FROM `order`", &["select order.name", "select order"])]
    #[case::comment_and_text("SELECT 1 FROM a -- FROM b\nWHERE x = 'FROM c'", &["select a", "select a.x"])]
    #[case::with("WITH due AS (SELECT id FROM wheels) SELECT id FROM due", &["select wheels.id", "select wheels", "select wheels.id"])]
    #[case::count("SELECT count(*) AS n FROM turns ORDER BY n", &["select turns"])]
    #[case::subselect("SELECT id FROM (SELECT id FROM a) s", &["select a.id", "select a.id", "select a"])]
    #[case::schema_name("SELECT t.x FROM main.turns t", &["select turns.x", "select turns"])]
    #[case::upsert("INSERT INTO a (x) VALUES (1) ON CONFLICT (x) DO UPDATE SET x = 2", &["write a", "write a.x", "select a.x", "select a.x"])]
    #[case::text_in_quotes("SELECT a FROM b WHERE c > datetime(\"now\", \"-6 month\", \"%s\")", &["select b.a", "select b", "select b.c", "select b.now"])]
    #[case::returns_rows("SELECT value FROM json_each(?)", &[])]
    fn statements_say_what_they_touch(#[case] text: &str, #[case] expected: &[&str]) {
        assert_eq!(said(text), expected);
    }

    #[test]
    fn tables_are_made_with_their_columns() {
        let (mentions, made) = read_sql(
            "CREATE TABLE IF NOT EXISTS wheels (id INTEGER PRIMARY KEY, rack_id INT REFERENCES racks (id), \"kind\" TEXT CHECK (kind IN ('a', 'b')), UNIQUE (id, rack_id));",
        );
        assert_eq!(made.len(), 1);
        let columns: Vec<&str> = made[0].columns.iter().map(|c| c.0.as_str()).collect();
        assert_eq!((made[0].name.as_str(), columns), ("wheels", vec!["id", "rack_id", "kind"]));
        assert_eq!(mentions.iter().map(|m| m.tables[0].as_str()).collect::<Vec<_>>(), ["racks"]);
    }

    #[rstest]
    #[case("CREATE TABLE p (key VARCHAR(9) PRIMARY KEY, value TEXT)", &["key", "value"])]
    #[case("CREATE TABLE p (a INT, KEY by_a (a), INDEX (a), PRIMARY KEY (a))", &["a"])]
    fn constraints_are_no_columns(#[case] text: &str, #[case] expected: &[&str]) {
        let (_, made) = read_sql(text);
        assert_eq!(made[0].columns.iter().map(|c| c.0.as_str()).collect::<Vec<_>>(), expected);
    }

    #[test]
    fn a_view_reads_what_it_selects() {
        let (mentions, made) = read_sql("CREATE VIEW due AS SELECT w.id FROM wheels w");
        assert!(made[0].view);
        assert!(mentions.iter().any(|m| m.tables == ["wheels"] && m.column.is_none()));
    }

    #[rstest]
    #[case("SELECT id FROM racks", true)]
    #[case("select id from racks", true)]
    #[case("Select a file from the list", false)]
    #[case("update the set", false)]
    #[case("INSERT INTO turns VALUES (1)", true)]
    #[case("insert coin", false)]
    #[case("delete", false)]
    #[case("", false)]
    fn prose_is_no_statement(#[case] text: &str, #[case] expected: bool) {
        assert_eq!(looks_like_sql(text), expected);
    }

    proptest::proptest! {
        #[test]
        fn any_text_survives(text in "(SELECT|FROM|INSERT INTO|CREATE TABLE|WITH|AS|a|\\.|,|\\(|\\)|'|\"|`|;|--|\n| |é|%s|SET|UPDATE){0,60}") {
            let (mentions, made) = read_sql(&text);
            proptest::prop_assert!(mentions.iter().all(|m| text.get(m.span.start as usize..m.span.end as usize).is_some()));
            proptest::prop_assert!(made.iter().all(|m| m.whole.end as usize <= text.len()));
        }
    }
}
