//! Integer constant expressions of `#if`, as the preprocessor counts: 64 bits, with or without sign.
//!
//! One evaluator serves two: the macro engine, for which everything has a value by the time it gets here, and the reader, which knows
//! one file alone and so does not know what many names stand for. Recursive descent by binding strength.

use compass_facts::Cancel;
use compass_facts::bounds::{Bounds, with_stack};

/// A value: bits, and whether they count without sign.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) struct Value {
    pub(crate) bits: i64,
    pub(crate) unsigned: bool,
}

impl Value {
    /// A number with a sign.
    pub(crate) const fn of(bits: i64) -> Value {
        Value { bits, unsigned: false }
    }
}

/// A value, or nothing where it is not known.
type Known = Option<Value>;
/// What is wrong with an expression, in a few words.
pub(crate) type Wrong = &'static str;

const NESTED: Wrong = "nested too deep";
const BY_ZERO: Wrong = "division by zero";
/// Nesting of parentheses and signs that is followed.
const MAX_DEPTH: u32 = 200;

/// The tokens of an expression.
pub(crate) trait Tokens {
    /// The spelling of one; nothing behind the last.
    fn spelling(&self, at: usize) -> &str;

    /// The value of the operand that begins at a token, and where what follows begins.
    ///
    /// # Errors
    /// If it is no operand.
    fn operand(&self, at: usize) -> Result<(Known, usize), Wrong>;
}

/// Evaluates the expression that begins at the first token; gives its value, and where it ends.
///
/// # Errors
/// What is wrong with it.
pub(crate) fn evaluate(tokens: &impl Tokens) -> Result<(Known, usize), Wrong> {
    // Short enough that nobody waits for it.
    let mut parser = Parser { tokens, at: 0, bounds: Bounds::new(MAX_DEPTH, &Cancel::new()) };
    let value = parser.choice()?;
    Ok((value, parser.at))
}

struct Parser<'t, T> {
    tokens: &'t T,
    at: usize,
    bounds: Bounds,
}

impl<T: Tokens> Parser<'_, T> {
    fn eat(&mut self, text: &str) -> bool {
        let found = self.tokens.spelling(self.at) == text;
        self.at += usize::from(found);
        found
    }

    fn deeper(&mut self, work: impl FnOnce(&mut Self) -> Result<Known, Wrong>) -> Result<Known, Wrong> {
        self.bounds.enter().map_err(|_| NESTED)?;
        let value = with_stack(|| work(self));
        self.bounds.leave();
        value
    }

    fn choice(&mut self) -> Result<Known, Wrong> {
        self.deeper(|parser| {
            let condition = parser.binary(0)?;
            if !parser.eat("?") {
                return Ok(condition);
            }
            let yes = parser.choice()?;
            if !parser.eat(":") {
                return Err("a ':' is missing");
            }
            let no = parser.choice()?;
            let (Some(condition), Some(yes), Some(no)) = (condition, yes, no) else {
                // The side that is taken settles it, but for its sign.
                return Ok(condition.and_then(|c| if c.bits != 0 { yes } else { no }));
            };
            Ok(Some(Value { unsigned: yes.unsigned || no.unsigned, ..if condition.bits != 0 { yes } else { no } }))
        })
    }

    fn binary(&mut self, least: u8) -> Result<Known, Wrong> {
        let mut left = self.unary()?;
        while let Some(strength) = strength(self.tokens.spelling(self.at)).filter(|s| *s >= least) {
            let operator = self.tokens.spelling(self.at).to_owned();
            self.at += 1;
            let settled = settles(&operator, left);
            let right = match self.binary(strength + 1) {
                // What is not evaluated may divide by zero.
                Err(BY_ZERO) if settled.is_some() => Some(Value::of(0)),
                other => other?,
            };
            left = match (settled.or(settles(&operator, right)), left, right) {
                (Some(value), ..) => Some(value),
                (None, Some(left), Some(right)) => Some(apply(&operator, left, right)?),
                _ => None,
            };
        }
        Ok(left)
    }

    fn unary(&mut self) -> Result<Known, Wrong> {
        self.deeper(|parser| {
            if parser.eat("!") || parser.eat("not") {
                return Ok(parser.unary()?.map(|v| Value::of(i64::from(v.bits == 0))));
            }
            if parser.eat("-") {
                return Ok(parser.unary()?.map(|v| Value { bits: v.bits.wrapping_neg(), ..v }));
            }
            if parser.eat("+") {
                return parser.unary();
            }
            if parser.eat("~") {
                return Ok(parser.unary()?.map(|v| Value { bits: !v.bits, ..v }));
            }
            if parser.eat("(") {
                let value = parser.choice()?;
                return if parser.eat(")") { Ok(value) } else { Err("a ')' is missing") };
            }
            let (value, end) = parser.tokens.operand(parser.at)?;
            parser.at = end;
            Ok(value)
        })
    }
}

/// What one side of `&&` and `||` comes to without the other.
fn settles(operator: &str, side: Known) -> Known {
    match (operator, side?.bits) {
        ("&&" | "and", 0) => Some(Value::of(0)),
        ("||" | "or", bits) if bits != 0 => Some(Value::of(1)),
        _ => None,
    }
}

fn strength(operator: &str) -> Option<u8> {
    Some(match operator {
        "||" | "or" => 1,
        "&&" | "and" => 2,
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

fn apply(operator: &str, a: Value, b: Value) -> Result<Value, Wrong> {
    let unsigned = a.unsigned || b.unsigned;
    let truth = |yes: bool| Ok(Value { bits: i64::from(yes), unsigned: false });
    let number = |bits: i64| Ok(Value { bits, unsigned });
    let less = |x: Value, y: Value| if unsigned { (x.bits as u64) < (y.bits as u64) } else { x.bits < y.bits };
    match operator {
        "||" | "or" => truth(a.bits != 0 || b.bits != 0),
        "&&" | "and" => truth(a.bits != 0 && b.bits != 0),
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
        _ if b.bits == 0 => Err(BY_ZERO),
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

pub(crate) fn number(text: &str) -> Result<Value, Wrong> {
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

pub(crate) fn character(text: &str) -> Result<Value, Wrong> {
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
    use rstest::rstest;

    /// Words parted by blanks; nobody knows what a name stands for.
    struct Words<'t>(Vec<&'t str>);

    impl Tokens for Words<'_> {
        fn spelling(&self, at: usize) -> &str {
            self.0.get(at).copied().unwrap_or("")
        }

        fn operand(&self, at: usize) -> Result<(Option<Value>, usize), Wrong> {
            let Some(word) = self.0.get(at) else { return Err("an operand is missing") };
            Ok((number(word).ok(), at + 1))
        }
    }

    #[rstest]
    #[case::one_side_settles("A && 0", Ok(Some(0)))]
    #[case::from_the_left("1 || A", Ok(Some(1)))]
    #[case::neither("1 && A", Ok(None))]
    #[case::negated("! A", Ok(None))]
    #[case::compared("A == 1", Ok(None))]
    #[case::choice_with_a_known_condition("1 ? 7 : A", Ok(Some(7)))]
    #[case::choice_without("A ? 7 : 7", Ok(None))]
    #[case::unsigned("- 1 > 0u", Ok(Some(1)))]
    #[case::wide_shift("1 << 64", Ok(Some(0)))]
    #[case::the_smallest_divided("( 0 - 9223372036854775807 - 1 ) / - 1 < 0", Ok(Some(1)))]
    #[case::not_evaluated("0 && A / 0", Ok(Some(0)))]
    #[case::unknown_by_zero("A / 0", Ok(None))]
    #[case::by_zero("1 / 0", Err(BY_ZERO))]
    #[case::open("( 1", Err("a ')' is missing"))]
    fn what_is_not_known_stays_so(#[case] text: &str, #[case] wanted: Result<Option<i64>, Wrong>) {
        let words = Words(text.split(' ').collect());
        assert_eq!(evaluate(&words).map(|(value, _)| value.map(|v| v.bits)), wanted);
    }
}
