//! SQL in files of its own. Reading it is shared: statements stand in texts of all languages.

use compass_facts::profile::{PLAIN, Profile};
use compass_facts::{Language, SqlToken, Token, TokenClass, reading};

/// The language.
pub const SQL: Language = Language::of(&PROFILE);

static PROFILE: Profile = Profile {
    word: "sql",
    stored_word: "sql",
    family: "sql",
    endings: &["sql"],
    interpreters: &[],
    layer: Some(5),
    read: |text, cancel| Some(reading::sql::read(text, cancel)),
    tokens: Some(classes),
    reader_version: crate::READER_VERSION,
    rules_version: crate::RULES_VERSION,
    ..PLAIN
};

fn classes(text: &str) -> Vec<Token> {
    let class = |t: SqlToken| match t {
        SqlToken::Comment => Some(TokenClass::Comment),
        SqlToken::Text => Some(TokenClass::Text),
        SqlToken::Number => Some(TokenClass::Number),
        SqlToken::Word { text, quoted: false } if compass_facts::is_sql_keyword(text) => Some(TokenClass::Keyword),
        _ => None,
    };
    compass_facts::sql_tokens(text).into_iter().filter_map(|(t, span)| Some(Token { span, class: class(t)? })).collect()
}
