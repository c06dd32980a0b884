//! SQL in files of its own.

use super::text::TEXT;
use crate::profile::Profile;
use crate::readers::sql;

pub(super) const SQL: Profile = Profile {
    word: "sql",
    stored_word: "sql",
    reader: "sql",
    family: "sql",
    endings: &["sql"],
    interpreters: &[],
    layer: Some(5),
    read: |text, cancel| Some(sql::read(text, cancel)),
    tokens: Some(crate::tokens::sql_classes),
    ..TEXT
};
