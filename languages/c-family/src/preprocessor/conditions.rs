//! The expressions of `#if`: integers of 64 bits, as the preprocessor counts.
//!
//! Recursive descent by binding strength over tokens in which macros are replaced and `defined` is answered already.

use compass_expand::TokenKind;

/// A value: bits, and whether they count without sign.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
struct Value {
    bits: i64,
    unsigned: bool,
}

const NESTED: &str = "nested too deep";
/// Nesting of parentheses and signs that is followed.
const MAX_DEPTH: u32 = 200;

/// Evaluates an expression given as (class, spelling).
///
/// # Errors
/// What is wrong with it, in a few words.
pub(super) fn evaluate(tokens: &[(TokenKind, String)]) -> Result<bool, &'static str> {
    let mut parser = Parser { tokens, at: 0, depth: 0 };
    let value = parser.choice()?;
    if parser.at < tokens.len() {
        return Err("something stands behind the expression");
    }
    Ok(value.bits != 0)
}

struct Parser<'t> {
    tokens: &'t [(TokenKind, String)],
    at: usize,
    depth: u32,
}

impl Parser<'_> {
    fn peek(&self) -> &str {
        self.tokens.get(self.at).map_or("", |t| &t.1)
    }

    fn eat(&mut self, text: &str) -> bool {
        let found = self.peek() == text;
        self.at += usize::from(found);
        found
    }

    fn choice(&mut self) -> Result<Value, &'static str> {
        self.depth += 1;
        if self.depth > MAX_DEPTH {
            return Err(NESTED);
        }
        let condition = self.binary(0)?;
        let mut value = condition;
        if self.eat("?") {
            let yes = self.choice()?;
            if !self.eat(":") {
                return Err("a ':' is missing");
            }
            let no = self.choice()?;
            value = Value { unsigned: yes.unsigned || no.unsigned, ..if condition.bits != 0 { yes } else { no } };
        }
        self.depth -= 1;
        Ok(value)
    }

    fn binary(&mut self, least: u8) -> Result<Value, &'static str> {
        let mut left = self.unary()?;
        while let Some(strength) = strength(self.peek()).filter(|s| *s >= least) {
            let operator = self.peek().to_owned();
            self.at += 1;
            let right = match self.binary(strength + 1) {
                // What is not evaluated may divide by zero.
                Err("division by zero") if (operator == "&&" && left.bits == 0) || (operator == "||" && left.bits != 0) => Value { bits: 0, unsigned: false },
                other => other?,
            };
            left = apply(&operator, left, right)?;
        }
        Ok(left)
    }

    fn unary(&mut self) -> Result<Value, &'static str> {
        self.depth += 1;
        if self.depth > MAX_DEPTH {
            return Err(NESTED);
        }
        let value = if self.eat("!") {
            Value { bits: i64::from(self.unary()?.bits == 0), unsigned: false }
        } else if self.eat("-") {
            let value = self.unary()?;
            Value { bits: value.bits.wrapping_neg(), ..value }
        } else if self.eat("+") {
            self.unary()?
        } else if self.eat("~") {
            let value = self.unary()?;
            Value { bits: !value.bits, ..value }
        } else if self.eat("(") {
            let value = self.choice()?;
            if !self.eat(")") {
                return Err("a ')' is missing");
            }
            value
        } else {
            self.primary()?
        };
        self.depth -= 1;
        Ok(value)
    }

    fn primary(&mut self) -> Result<Value, &'static str> {
        let Some((kind, text)) = self.tokens.get(self.at) else { return Err("an operand is missing") };
        self.at += 1;
        match kind {
            TokenKind::Number => number(text),
            TokenKind::Char => character(text),
            TokenKind::Name if text == "true" => Ok(Value { bits: 1, unsigned: false }),
            TokenKind::Name => {
                if self.peek() == "(" {
                    return Err("a macro with arguments is not defined");
                }
                Ok(Value { bits: 0, unsigned: false })
            }
            _ => Err("this is no operand"),
        }
    }
}

fn strength(operator: &str) -> Option<u8> {
    Some(match operator {
        "||" => 1,
        "&&" => 2,
        "|" => 3,
        "^" => 4,
        "&" => 5,
        "==" | "!=" => 6,
        "<" | ">" | "<=" | ">=" => 7,
        "<<" | ">>" => 8,
        "+" | "-" => 9,
        "*" | "/" | "%" => 10,
        _ => return None,
    })
}

fn apply(operator: &str, a: Value, b: Value) -> Result<Value, &'static str> {
    let unsigned = a.unsigned || b.unsigned;
    let truth = |yes: bool| Ok(Value { bits: i64::from(yes), unsigned: false });
    let number = |bits: i64| Ok(Value { bits, unsigned });
    let less = |x: Value, y: Value| if unsigned { (x.bits as u64) < (y.bits as u64) } else { x.bits < y.bits };
    match operator {
        "||" => truth(a.bits != 0 || b.bits != 0),
        "&&" => truth(a.bits != 0 && b.bits != 0),
        "|" => number(a.bits | b.bits),
        "^" => number(a.bits ^ b.bits),
        "&" => number(a.bits & b.bits),
        "==" => truth(a.bits == b.bits),
        "!=" => truth(a.bits != b.bits),
        "<" => truth(less(a, b)),
        ">" => truth(less(b, a)),
        "<=" => truth(!less(b, a)),
        ">=" => truth(!less(a, b)),
        "<<" => Ok(Value { bits: shift(a, b.bits), unsigned: a.unsigned }),
        ">>" => Ok(Value { bits: shift(a, b.bits.wrapping_neg()), unsigned: a.unsigned }),
        "+" => number(a.bits.wrapping_add(b.bits)),
        "-" => number(a.bits.wrapping_sub(b.bits)),
        "*" => number(a.bits.wrapping_mul(b.bits)),
        _ if b.bits == 0 => Err("division by zero"),
        "/" if unsigned => number(((a.bits as u64) / (b.bits as u64)) as i64),
        "/" => number(a.bits.wrapping_div(b.bits)),
        _ if unsigned => number(((a.bits as u64) % (b.bits as u64)) as i64),
        _ => number(a.bits.wrapping_rem(b.bits)),
    }
}

/// Left by a positive count, right by a negative one.
fn shift(a: Value, count: i64) -> i64 {
    match (count, a.unsigned) {
        (64.., _) => 0,
        (0..64, _) => a.bits << count,
        (-63..0, false) => a.bits >> -count,
        (-63..0, true) => ((a.bits as u64) >> -count) as i64,
        (_, false) => a.bits >> 63,
        (_, true) => 0,
    }
}

fn number(text: &str) -> Result<Value, &'static str> {
    let clean = text.replace('\'', "").to_ascii_lowercase();
    let digits = clean.trim_end_matches(['u', 'l', 'z']);
    let unsigned = clean[digits.len()..].contains('u');
    let (digits, radix) = match digits.as_bytes() {
        [b'0', b'x', ..] => (&digits[2..], 16),
        [b'0', b'b', ..] => (&digits[2..], 2),
        [b'0', _, ..] => (&digits[1..], 8),
        _ => (digits, 10),
    };
    let bits = u64::from_str_radix(digits, radix).map_err(|_| "this is no whole number")?;
    Ok(Value { bits: bits as i64, unsigned: unsigned || bits > i64::MAX as u64 })
}

fn character(text: &str) -> Result<Value, &'static str> {
    let inner = text.trim_start_matches(['L', 'u', 'U', '8']).trim_matches('\'');
    let mut chars = inner.chars();
    let bits = match (chars.next(), chars.next()) {
        (Some('\\'), Some(escape)) => match escape {
            'n' => 10,
            't' => 9,
            'r' => 13,
            'a' => 7,
            'b' => 8,
            'f' => 12,
            'v' => 11,
            'e' => 27,
            'x' => i64::from_str_radix(chars.as_str(), 16).map_err(|_| "this is no character")?,
            '0'..='7' => i64::from_str_radix(&inner[1..], 8).map_err(|_| "this is no character")?,
            other => i64::from(other as u32),
        },
        (Some(c), None) => i64::from(c as u32),
        (Some(_), Some(_)) => inner.bytes().fold(0i64, |all, b| (all << 8) | i64::from(b)),
        (None, _) => return Err("an empty character"),
    };
    Ok(Value { bits, unsigned: false })
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
    #[case::call("F(1)", Err("a macro with arguments is not defined"))]
    #[case::float("1.5", Err("this is no whole number"))]
    fn expressions_have_values(#[case] text: &str, #[case] expected: Result<bool, &str>) {
        let tokens: Vec<_> = CLexer::new(text, false).map(|t| (t.kind, t.spelling(text).into_owned())).collect();
        assert_eq!(evaluate(&tokens), expected);
    }

    #[test]
    fn deep_nesting_is_refused() {
        let tokens = vec![(TokenKind::Punct, "(".to_owned()); 100_000];
        assert_eq!(evaluate(&tokens), Err(NESTED));
    }
}
