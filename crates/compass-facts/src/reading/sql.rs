//! SQL files: tables and columns are definitions, statements are signals like those in other languages' texts.

use super::{Builder, Lookup, NewDefinition, TypeScopes};
use crate::sql::{MadeTable, read_sql, sql_tokens};
use crate::{Cancel, Facts, Flags, Kind, ScopeKind, SignalKind, Span, SqlName, SqlToken};

/// Reads a file of statements.
pub fn read(text: &str, cancel: &Cancel) -> Facts {
    let mut b = Builder::new(text, Lookup { type_scopes: TypeScopes::Hidden }, cancel);
    let (mentions, made) = read_sql(text);
    let comments = comments(text);
    for table in &made {
        define(&mut b, table, &comments);
    }
    let mut names = Vec::with_capacity(mentions.len());
    for mention in mentions {
        let tables = mention.tables.iter().map(|t| b.intern(t)).collect();
        let column = mention.column.as_deref().map(|c| b.intern(c));
        names.push(SqlName { verb: mention.verb, tables, column, span: mention.span });
    }
    if !names.is_empty() {
        b.signal(Span::new(0, text.len()), SignalKind::Sql(names, None));
    }
    b.finish()
}

fn comments(text: &str) -> Vec<Span> {
    sql_tokens(text).into_iter().filter(|t| t.0 == SqlToken::Comment).map(|t| t.1).collect()
}

fn define(b: &mut Builder, table: &MadeTable, comments: &[Span]) {
    let mut holder = None;
    if !table.alters {
        let mut new = NewDefinition::new(&table.name, Kind::Table, table.span, table.whole);
        new.flags = Flags::EXPORTED.with_if(table.view, Flags::INFERRED);
        new.body = Some(table.whole);
        new.doc = comment_before(b.text, table.whole.start, comments);
        holder = Some(b.define(new));
    }
    let saved = holder.map(|h| b.enter(ScopeKind::Type, table.whole, Some(h)));
    for (name, span, whole) in &table.columns {
        b.define(NewDefinition::new(name, Kind::Column, *span, *whole));
    }
    if let Some(saved) = saved {
        b.leave(saved);
    }
}

/// The comment that ends on the line before.
fn comment_before(text: &str, at: u32, comments: &[Span]) -> Option<Span> {
    let comment = comments.iter().rev().find(|c| c.end <= at)?;
    let between = text.get(comment.end as usize..at as usize)?;
    let close = between.trim().is_empty() && between.matches('\n').count() <= 1;
    close.then_some(*comment)
}
