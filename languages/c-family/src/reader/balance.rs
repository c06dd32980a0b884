//! Which bracket closes which. Braces weigh more than parentheses: a `}` closes what is open inside its pair.

use super::tokens::{T, Tok, mark};

/// No partner.
pub(super) const NONE: u32 = u32::MAX;

/// The partner of each bracket, by position; [`NONE`] for other tokens and for brackets without one.
///
/// When braces do not come out even, indentation helps: a `}` at the beginning of a line closes the outermost block that began on a line
/// without indentation, so that one missing brace spoils one definition, not the rest of the file.
pub(super) fn mates(toks: &[Tok], text: &str) -> Vec<u32> {
    let mut mate = vec![NONE; toks.len()];
    if !pair(toks, &mut mate, |_| None) {
        mate.fill(NONE);
        let indents = Indents { toks, text };
        pair(toks, &mut mate, |i| indents.of(i));
    }
    mate
}

/// Pairs brackets; tells whether all braces came out even. `indent` gives the column where a brace's line begins, if that is to count.
fn pair(toks: &[Tok], mate: &mut [u32], indent: impl Fn(usize) -> Option<(u32, bool)>) -> bool {
    let mut open: Vec<(usize, Option<u32>)> = Vec::new();
    let mut even = true;
    let mut braces = 0usize;
    for (i, token) in toks.iter().enumerate() {
        match token.k {
            T::LParen | T::LBracket => open.push((i, None)),
            T::LBrace => {
                braces += 1;
                open.push((i, indent(i).map(|c| c.0)));
            }
            T::RParen | T::RBracket => {
                let wanted = if token.k == T::RParen { T::LParen } else { T::LBracket };
                // Looks no further than the brace around, nor over more than a few: a stray one stays alone.
                let found = open.iter().rev().take(64).take_while(|o| toks[o.0].k != T::LBrace).position(|o| toks[o.0].k == wanted);
                if let Some(back) = found {
                    let at = open.len() - 1 - back;
                    link(mate, open[at].0, i);
                    open.truncate(at);
                }
            }
            // Without this a run of stray ones would be looked up among all that is open.
            T::RBrace if braces == 0 => even = false,
            T::RBrace => {
                let (column, leads) = indent(i).unzip();
                let mut at = open.iter().rposition(|o| toks[o.0].k == T::LBrace);
                if column == Some(0) && leads == Some(true) {
                    let outer = open.iter().rev().take(4096).position(|o| toks[o.0].k == T::LBrace && o.1 == Some(0));
                    at = outer.map(|back| open.len() - 1 - back).or(at);
                }
                match at {
                    Some(at) => {
                        link(mate, open[at].0, i);
                        braces -= open[at..].iter().filter(|o| toks[o.0].k == T::LBrace).count();
                        open.truncate(at);
                    }
                    None => even = false,
                }
            }
            _ => {}
        }
    }
    even && open.iter().all(|o| toks[o.0].k != T::LBrace)
}

fn link(mate: &mut [u32], open: usize, close: usize) {
    mate[open] = close as u32;
    mate[close] = open as u32;
}

struct Indents<'a> {
    toks: &'a [Tok],
    text: &'a str,
}

impl Indents<'_> {
    /// The column of the first token of the line, and whether the token is that first one.
    fn of(&self, i: usize) -> Option<(u32, bool)> {
        let leads = self.toks[i].is(mark::LINE);
        let back = self.toks[..=i].iter().rev().take(64).find(|t| t.is(mark::LINE))?;
        let start = back.start as usize;
        let line = self.text.as_bytes()[..start].iter().rposition(|b| *b == b'\n').map_or(0, |n| n + 1);
        Some(((start - line) as u32, leads))
    }
}
