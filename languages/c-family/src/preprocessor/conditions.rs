//! `#if` in the macro engine: macros are replaced and `defined` is answered already, so that every name left counts as zero.

use crate::constants::{self, Tokens, Value, Wrong, character, number};
use compass_expand::TokenKind;

/// Evaluates an expression given as (class, spelling).
///
/// # Errors
/// What is wrong with it, in a few words.
pub(super) fn evaluate(tokens: &[(TokenKind, String)]) -> Result<bool, Wrong> {
    let (value, end) = constants::evaluate(&Replaced(tokens))?;
    if end < tokens.len() {
        return Err("something stands behind the expression");
    }
    Ok(value.is_some_and(|v| v.bits != 0))
}

struct Replaced<'t>(&'t [(TokenKind, String)]);

impl Tokens for Replaced<'_> {
    fn spelling(&self, at: usize) -> &str {
        self.0.get(at).map_or("", |t| &t.1)
    }

    fn operand(&self, at: usize) -> Result<(Option<Value>, usize), Wrong> {
        let Some((kind, text)) = self.0.get(at) else { return Err("an operand is missing") };
        let value = match kind {
            TokenKind::Number => number(text)?,
            TokenKind::Char => character(text)?,
            TokenKind::Name if text == "true" => Value::of(1),
            TokenKind::Name if self.spelling(at + 1) == "(" => return Err("a macro with arguments is not defined"),
            TokenKind::Name => Value::of(0),
            _ => return Err("this is no operand"),
        };
        Ok((Some(value), at + 1))
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::lexer::CLexer;
    use rstest::rstest;

    #[rstest]
    #[case::precedence("1 + 2 * 3 == 7", Ok(true))]
    #[case::shift_before_compare("1 << 2 > 3", Ok(true))]
    #[case::ternary("0 ? 1 : 2 == 2", Ok(true))]
    #[case::unsigned_wraps("-1 > 0u", Ok(true))]
    #[case::signed("-1 > 0", Ok(false))]
    #[case::unknown_names_are_zero("NOBODY", Ok(false))]
    #[case::not_evaluated("0 && 1 / 0", Ok(false))]
    #[case::division("1 / 0", Err("division by zero"))]
    #[case::octal_hex_binary("010 + 0x10 + 0b11 == 27", Ok(true))]
    #[case::characters("'A' == 65 && '\\n' == 10 && '\\x41' == 'A'", Ok(true))]
    #[case::suffixes("201112L >= 199901UL", Ok(true))]
    #[case::nothing("", Err("an operand is missing"))]
    #[case::more("1 2", Err("something stands behind the expression"))]
    #[case::words_as_operators("not (1 and 0) or 0", Ok(true))]
    #[case::call("F(1)", Err("a macro with arguments is not defined"))]
    #[case::float("1.5", Err("this is no whole number"))]
    fn expressions_have_values(#[case] text: &str, #[case] expected: Result<bool, &str>) {
        let tokens: Vec<_> = CLexer::new(text, false).map(|t| (t.kind, t.spelling(text).into_owned())).collect();
        assert_eq!(evaluate(&tokens), expected);
    }

    #[test]
    fn deep_nesting_is_refused() {
        let tokens = vec![(TokenKind::Punct, "(".to_owned()); 100_000];
        assert_eq!(evaluate(&tokens), Err("nested too deep"));
    }
}
