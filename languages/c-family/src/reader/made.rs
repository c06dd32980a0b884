//! The declarations in an expansion: what a macro makes where it stands.

use super::parser::is_capitals;
use super::tokens::is_keyword;
use crate::shared_macros::{Part, parts};
use compass_expand::{Record, TokenId, TokenKind};
use compass_facts::{Flags, Kind};

/// A declaration in an expansion.
pub(crate) struct Made {
    pub(crate) name: TokenId,
    pub(crate) kind: Kind,
    pub(crate) flags: Flags,
    /// Does the body stand behind the call?
    pub(crate) is_open: bool,
    /// What tells the type of a variable.
    pub(crate) of: Vec<TokenId>,
    /// A function whose parameters an argument of the macro gives, with the brackets around them: that argument.
    pub(crate) list: Option<TokenId>,
}

impl Made {
    fn plain(name: TokenId, kind: Kind) -> Made {
        Made { name, kind, flags: Flags::default(), is_open: false, of: Vec::new(), list: None }
    }
}

/// The declarations at the top of an expansion.
pub(crate) fn declarations(record: &Record, out: &[TokenId], cpp: bool) -> Vec<Made> {
    let mut found = Vec::new();
    let mut rest = out;
    while !rest.is_empty() {
        let end = statement_end(record, rest);
        let (statement, further) = rest.split_at(end);
        declared(record, statement, cpp, &mut found);
        rest = further;
    }
    found
}

/// Tokens up to a `;` or the end of a function's body.
fn statement_end(record: &Record, out: &[TokenId]) -> usize {
    let mut depth = 0usize;
    let (mut parameters, mut value, mut is_body) = (false, false, false);
    for (i, id) in out.iter().enumerate() {
        let word = &*record.token(*id).text;
        match word {
            "(" | "[" | "{" => {
                if depth == 0 {
                    is_body = word == "{" && parameters && !value;
                    parameters |= word == "(";
                }
                depth += 1;
            }
            ")" | "]" => depth = depth.saturating_sub(1),
            "}" => {
                depth = depth.saturating_sub(1);
                if depth == 0 && is_body {
                    return i + 1;
                }
            }
            "=" if depth == 0 => value = true,
            ";" if depth == 0 => return i + 1,
            _ => {}
        }
    }
    out.len()
}

/// Behind the list of parameters of a template that begins at a `<`.
fn past_angles<'w>(word: &impl Fn(usize) -> &'w str, open: usize) -> usize {
    const MOST_TOKENS: usize = 200;
    let mut depth = 0i32;
    for at in open..open + MOST_TOKENS {
        depth += match word(at) {
            "<" => 1,
            ">" => -1,
            ">>" => -2,
            _ => 0,
        };
        if depth <= 0 {
            return at + 1;
        }
    }
    usize::MAX
}

/// What one statement declares: a function, a variable, or a type with its body.
fn declared(record: &Record, statement: &[TokenId], cpp: bool, found: &mut Vec<Made>) {
    let word = |i: usize| statement.get(i).map_or("", |t| &*record.token(*t).text);
    let is_name = |i: usize| statement.get(i).is_some_and(|t| record.token(*t).kind == TokenKind::Name && !is_keyword(word(i), cpp) && !is_capitals(word(i)));
    if statement.first().is_none_or(|t| record.token(*t).kind != TokenKind::Name) {
        return;
    }
    if word(0) == "template" && word(1) == "<" {
        let inner = statement.get(past_angles(&word, 1)..).unwrap_or(&[]);
        declared(record, inner, cpp, found);
        return;
    }
    if word(0) == "typedef" {
        found.extend(alias(record, statement, cpp));
        return;
    }
    let private = Flags::default().with_if((0..statement.len()).take_while(|i| word(*i) != "(").any(|i| word(i) == "static"), Flags::PRIVATE);
    let external = word(0) == "extern";
    // `static name (…);` without a type is a macro of another file.
    let typed = |name: usize| (0..name).any(|i| !matches!(word(i), "static" | "extern" | "inline" | "const" | "*"));
    let mut i = 0;
    let mut attributes_end = 0;
    let mut last = None;
    while i < statement.len() {
        match word(i) {
            "struct" | "union" | "enum" if is_name(i + 1) && word(i + 2) == "{" => {
                let kind = match word(i) {
                    "struct" => Kind::Struct,
                    "union" => Kind::Union,
                    _ => Kind::Enum,
                };
                found.push(Made::plain(statement[i + 1], kind));
                let end = past(record, statement, i + 2);
                if kind == Kind::Enum {
                    found.extend(enumerators(record, &statement[i + 2..end], cpp));
                }
                i = end;
                continue;
            }
            "enum" if word(i + 1) == "{" => {
                let end = past(record, statement, i + 1);
                found.extend(enumerators(record, &statement[i + 1..end], cpp));
                i = end;
                continue;
            }
            "struct" | "union" | "enum" => i += 1,
            "(" => {
                let mut after = past(record, statement, i);
                while matches!(word(after), "const" | "noexcept" | "override" | "final") {
                    after += 1;
                }
                let named = last.filter(|n| typed(*n) && *n + 1 == i);
                // Attributes that macros hide stand behind the parameters, too.
                let ends = |name: usize| matches!(word(after), "{" | ";" | "__attribute__") || word(after).starts_with("__") && !word(name).starts_with("__");
                let is_open = after == statement.len();
                if let Some(name) = named.filter(|n| ends(*n) || is_open) {
                    let flags = private.with_if(word(statement.len() - 1) == ";", Flags::BODILESS);
                    found.push(Made { flags, is_open, ..Made::plain(statement[name], Kind::Function) });
                    return;
                }
                i = after;
                continue;
            }
            "=" | ";" => break,
            // Words in a row with commas are a line of assembly, or arguments that are left over.
            "," => return,
            "[" | "{" => {
                i = past(record, statement, i);
                continue;
            }
            // An attribute behind the name of a variable.
            name if name.starts_with("__") && last.is_some_and(typed) && !(word(i + 1) == "(" && opens_function(record, statement, i + 1)) => {
                i = if word(i + 1) == "(" { past(record, statement, i + 1) } else { i + 1 };
                attributes_end = i;
                continue;
            }
            _ if is_name(i) => last = Some(i),
            _ => {}
        }
        i += 1;
    }
    found.extend(with_given_parameters(record, statement, &typed));
    // A type stands before the name of a variable; the last `;` may stand behind the call.
    if let Some(name) = last.filter(|n| typed(*n) && matches!(word(i), "=" | ";" | "") && (matches!(word(n + 1), "=" | ";" | "[" | "") || attributes_end == i))
    {
        let flags = private.with_if(external, Flags::BODILESS);
        let tells_no_type = |i: usize| matches!(word(i), "static" | "extern" | "inline" | "const" | "volatile" | "typeof") || word(i).starts_with("__");
        let of = (0..name).filter(|i| !tells_no_type(*i) && (is_name(*i) || is_keyword(word(*i), cpp))).map(|i| statement[i]).collect();
        found.push(Made { flags, of, ..Made::plain(statement[name], Kind::Variable) });
    }
}

/// `type name arguments`, where the last is an argument of the macro: a function, if the call gives its parameters there.
fn with_given_parameters(record: &Record, statement: &[TokenId], typed: &dyn Fn(usize) -> bool) -> Option<Made> {
    let is_open = !record.token(*statement.last()?).is(";");
    let list = statement.len().checked_sub(if is_open { 1 } else { 2 })?;
    let is_argument = |i: usize| statement.get(i).is_some_and(|t| matches!(parts(&record.token(*t).text)[..], [Part::Argument(_)]));
    let is = |i: usize, word: &str| statement.get(i).is_some_and(|t| record.token(*t).is(word));
    // `(name)`, so that no macro of that name is called.
    let in_brackets = list > 3 && is(list - 1, ")");
    let name = list.checked_sub(if in_brackets { 2 } else { 1 })?;
    let front = if in_brackets { (0..name).rev().find(|i| is(*i, "("))? } else { name };
    // `__typeof__ (name)` is a type.
    let is_operand = in_brackets
        && front.checked_sub(1).and_then(|i| statement.get(i)).is_some_and(|t| {
            let word = &record.token(*t).text;
            word.starts_with("__") || &**word == "typeof"
        });
    let fits = is_argument(list) && is_argument(name) && typed(front) && !is_operand;
    let flags = Flags::default().with_if(!is_open, Flags::BODILESS);
    fits.then(|| Made { flags, is_open, list: Some(statement[list]), ..Made::plain(statement[name], Kind::Function) })
}

/// Do these brackets hold the parameters of a function?
fn opens_function(record: &Record, statement: &[TokenId], open: usize) -> bool {
    match statement.get(past(record, statement, open)) {
        Some(behind) => record.token(*behind).is("{") || record.token(*behind).is(";"),
        // The body may stand behind the call: the name in front is then that of a type.
        None => open > 2 && ["struct", "union", "enum"].iter().any(|tag| record.token(statement[open - 3]).is(tag)),
    }
}

/// `typedef … name;`: what is no name of a function type.
fn alias(record: &Record, statement: &[TokenId], cpp: bool) -> Option<Made> {
    let (end, front) = statement.split_last()?;
    let name = *front.last()?;
    let token = record.token(name);
    let fits = front.len() > 2 && record.token(*end).is(";") && token.kind == TokenKind::Name && !is_keyword(&token.text, cpp);
    fits.then(|| Made::plain(name, Kind::Alias))
}

/// The constants of an enumeration, from its opening bracket to the closing one.
fn enumerators<'r>(record: &'r Record, body: &'r [TokenId], cpp: bool) -> impl Iterator<Item = Made> + 'r {
    let begins = move |i: &usize| {
        let token = record.token(body[*i]);
        let before = record.token(body[*i - 1]);
        token.kind == TokenKind::Name && !is_keyword(&token.text, cpp) && (before.is("{") || before.is(","))
    };
    let ends = move |i: &usize| body.get(*i + 1).is_some_and(|t| ["=", ",", "}"].iter().any(|w| record.token(*t).is(w)));
    (1..body.len()).filter(begins).filter(ends).map(|i| Made::plain(body[i], Kind::Variant))
}

/// Behind the bracket that closes the one at `open`.
pub(super) fn past(record: &Record, statement: &[TokenId], open: usize) -> usize {
    let mut depth = 0usize;
    for (i, id) in statement.iter().enumerate().skip(open) {
        match &*record.token(*id).text {
            "(" | "[" | "{" => depth += 1,
            ")" | "]" | "}" => {
                depth = depth.saturating_sub(1);
                if depth == 0 {
                    return i + 1;
                }
            }
            _ => {}
        }
    }
    statement.len()
}
