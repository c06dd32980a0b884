//! Forms: the tree that tokens make, kept flat.

use super::lexer::{Lexeme, lex};
use compass_facts::Span;

/// Number of a form.
pub(super) type FormId = usize;

/// What a form is.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Shape {
    /// `( … )`.
    List,
    /// A name.
    Symbol,
    /// A text.
    Text,
    /// A number, a character.
    Atom,
    /// `'x`.
    Quote,
    /// `` `x ``.
    Backquote,
    /// `,x`.
    Comma,
    /// `#'x`.
    Function,
    /// What `#+` and `#-` leave out where the usual build runs.
    LeftOut,
}

/// A form: what it is, where, and the forms in it.
#[derive(Debug)]
pub(super) struct Form {
    pub(super) shape: Shape,
    pub(super) span: Span,
    pub(super) parts: Vec<FormId>,
}

/// All forms of a file.
pub(super) struct Forms {
    pub(super) all: Vec<Form>,
    /// Those that stand in no other.
    pub(super) outermost: Vec<FormId>,
    /// Places that are no program: brackets without their other half, texts that nothing ends.
    pub(super) broken: Vec<Span>,
}

/// A list that is still open, or a sign that waits for its form.
struct Open {
    shape: Shape,
    start: u32,
    parts: Vec<FormId>,
    /// `#+`: the condition comes first.
    is_condition: Option<bool>,
}

/// Words that the usual build knows: the implementation that most systems are built with, on Linux.
const FEATURES: &[&str] = &[
    "sbcl",
    "unix",
    "linux",
    "x86-64",
    "64-bit",
    "little-endian",
    "ansi-cl",
    "common-lisp",
    "thread-support",
    "sb-thread",
    "sb-unicode",
    "unicode",
    "ieee-floating-point",
    "package-local-nicknames",
    "asdf",
    "asdf2",
    "asdf3",
    "asdf3.1",
    "asdf3.2",
    "asdf3.3",
    "asdf-unicode",
    "elf",
    "gencgc",
    "os-unix",
    "non-base-chars-exist-p",
];

impl Forms {
    /// Reads a text.
    pub(super) fn read(text: &str) -> Forms {
        let mut forms = Forms { all: Vec::new(), outermost: Vec::new(), broken: Vec::new() };
        let mut open: Vec<Open> = Vec::new();
        for (lexeme, span) in lex(text) {
            let waiting = |shape, is_condition| Open { shape, start: span.start, parts: Vec::new(), is_condition };
            match lexeme {
                Lexeme::Comment => {}
                Lexeme::Broken => forms.broken.push(span),
                Lexeme::Open => open.push(waiting(Shape::List, None)),
                Lexeme::Quote => open.push(waiting(Shape::Quote, None)),
                Lexeme::Backquote => open.push(waiting(Shape::Backquote, None)),
                Lexeme::Comma => open.push(waiting(Shape::Comma, None)),
                Lexeme::Function => open.push(waiting(Shape::Function, None)),
                Lexeme::With => open.push(waiting(Shape::LeftOut, Some(true))),
                Lexeme::Without => open.push(waiting(Shape::LeftOut, Some(false))),
                Lexeme::Prefix => {}
                Lexeme::Close => {
                    // Signs that got no form go with the list they stand in.
                    while open.last().is_some_and(|o| o.shape != Shape::List) {
                        open.pop();
                    }
                    match open.pop() {
                        Some(list) => {
                            let id = forms.push(Shape::List, Span { start: list.start, end: span.end }, list.parts);
                            forms.place(text, id, &mut open);
                        }
                        None => forms.broken.push(span),
                    }
                }
                Lexeme::Text | Lexeme::Number | Lexeme::Character | Lexeme::Symbol => {
                    let shape = match lexeme {
                        Lexeme::Text => Shape::Text,
                        Lexeme::Symbol => Shape::Symbol,
                        _ => Shape::Atom,
                    };
                    let id = forms.push(shape, span, Vec::new());
                    forms.place(text, id, &mut open);
                }
            }
        }
        // What nothing closes goes up to the end.
        while let Some(list) = open.pop() {
            if list.shape == Shape::List {
                forms.broken.push(Span { start: list.start, end: list.start + 1 });
                let id = forms.push(Shape::List, Span { start: list.start, end: text.len() as u32 }, list.parts);
                match open.iter_mut().rev().find(|o| o.shape == Shape::List) {
                    Some(around) => around.parts.push(id),
                    None => forms.outermost.push(id),
                }
            }
        }
        forms
    }

    fn push(&mut self, shape: Shape, span: Span, parts: Vec<FormId>) -> FormId {
        self.all.push(Form { shape, span, parts });
        self.all.len() - 1
    }

    /// Puts a form that is whole where it stands: signs that waited for it are whole as well.
    fn place(&mut self, text: &str, mut id: FormId, open: &mut Vec<Open>) {
        loop {
            let Some(last) = open.last_mut() else {
                self.outermost.push(id);
                return;
            };
            match (last.shape, last.is_condition) {
                (Shape::List, _) => {
                    last.parts.push(id);
                    return;
                }
                (Shape::LeftOut, Some(_)) if last.parts.is_empty() => {
                    last.parts.push(id);
                    return;
                }
                (shape, condition) => {
                    let Some(sign) = open.pop() else { return };
                    let end = self.all[id].span.end;
                    if let (Some(wanted), Some(test)) = (condition, sign.parts.first()) {
                        // What the usual build reads stands as if the sign were not there.
                        if self.holds(text, *test, 0) != wanted {
                            id = self.push(Shape::LeftOut, Span { start: sign.start, end }, vec![id]);
                        }
                    } else {
                        id = self.push(shape, Span { start: sign.start, end }, vec![id]);
                    }
                }
            }
        }
    }

    /// Does a condition hold in the usual build?
    pub(super) fn holds(&self, text: &str, test: FormId, depth: u32) -> bool {
        /// Conditions nested deeper do not hold.
        const DEEPEST: u32 = 20;
        let form = &self.all[test];
        let word = |id: FormId| self.all[id].span.of(text).rsplit(':').next().unwrap_or("").to_ascii_lowercase();
        if depth > DEEPEST {
            return false;
        }
        match form.shape {
            Shape::Symbol => FEATURES.contains(&word(test).as_str()),
            Shape::List => {
                let Some((first, rest)) = form.parts.split_first() else { return false };
                let mut each = rest.iter().map(|p| self.holds(text, *p, depth + 1));
                match word(*first).as_str() {
                    "and" => each.all(|h| h),
                    "or" => each.any(|h| h),
                    "not" => !each.next().unwrap_or(false),
                    _ => false,
                }
            }
            _ => false,
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    /// The forms as text: lists in brackets, signs before their form.
    fn shown(forms: &Forms, id: FormId, text: &str) -> String {
        let form = &forms.all[id];
        let parts: Vec<String> = form.parts.iter().map(|p| shown(forms, *p, text)).collect();
        match form.shape {
            Shape::List => format!("({})", parts.join(" ")),
            Shape::Quote => format!("'{}", parts.join(" ")),
            Shape::Backquote => format!("`{}", parts.join(" ")),
            Shape::Comma => format!(",{}", parts.join(" ")),
            Shape::Function => format!("#'{}", parts.join(" ")),
            Shape::LeftOut => format!("!{}", parts.join(" ")),
            _ => form.span.of(text).to_owned(),
        }
    }

    #[rstest]
    #[case("(a (b 1) \"c\")", "(a (b 1) \"c\")", 0)]
    #[case("'a #'b `(c ,@d)", "'a #'b `(c ,d)", 0)]
    #[case("(a #+sbcl b #-sbcl c #+(and unix (not sbcl)) d)", "(a b !c !d)", 0)]
    #[case("#+nothing #+sbcl a b", "!a b", 0)]
    #[case("(a ') b", "(a) b", 0)]
    #[case("(a (b", "(a (b))", 2)]
    #[case("a) b", "a b", 1)]
    #[case("#.(f) #1=(x . #1#)", "(f) (x .)", 0)]
    fn tokens_make_forms(#[case] text: &str, #[case] wanted: &str, #[case] broken: usize) {
        let forms = Forms::read(text);
        let all: Vec<String> = forms.outermost.iter().map(|f| shown(&forms, *f, text)).collect();
        assert_eq!((all.join(" ").as_str(), forms.broken.len()), (wanted, broken));
    }
}
