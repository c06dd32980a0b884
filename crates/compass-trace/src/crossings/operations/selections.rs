//! What an operation asks for: its selections, as a tree of names.
//!
//! Operations stand in texts whose values a program may put together: what is left out of them is blank, and a text that ends too early is
//! read as far as it goes.

/// A field that is asked for, or a stretch of fields of another type (`... on Rack { … }`), which has no name.
#[derive(Debug, PartialEq, Eq)]
pub(super) struct Selection<'t> {
    pub name: &'t str,
    /// The type that the stretch is about.
    pub on: Option<&'t str>,
    pub inner: Vec<Selection<'t>>,
}

/// More braces within each other are not followed.
const DEEPEST: usize = 40;

/// The operations and fragments of a text: the type or root each is about, and what it asks for.
pub(super) fn read(text: &str) -> Vec<(&str, Vec<Selection<'_>>)> {
    let mut reader = Reader { text, at: 0 };
    let mut out = Vec::new();
    let mut head: Vec<&str> = Vec::new();
    while let Some(token) = reader.next() {
        match token {
            "{" => {
                let about = match head[..] {
                    [] | ["query", ..] => "Query",
                    ["mutation", ..] => "Mutation",
                    ["subscription", ..] => "Subscription",
                    ["fragment", _, "on", of, ..] => of,
                    _ => "",
                };
                let selections = reader.selections(0);
                if !about.is_empty() {
                    out.push((about, selections));
                }
                head.clear();
            }
            "}" | ":" | "..." => head.clear(),
            "@" => drop(reader.next()),
            word => head.push(word),
        }
    }
    out
}

struct Reader<'t> {
    text: &'t str,
    at: usize,
}

impl<'t> Reader<'t> {
    /// The next name or sign; arguments, texts and comments are passed over.
    fn next(&mut self) -> Option<&'t str> {
        loop {
            let rest = self.text.get(self.at..)?;
            let first = rest.chars().next()?;
            let length = match first {
                '(' => {
                    self.at += closing(rest);
                    continue;
                }
                '#' => {
                    self.at += rest.find('\n').unwrap_or(rest.len());
                    continue;
                }
                '"' => {
                    self.at += 1 + rest[1..].find('"').map_or(rest.len() - 1, |i| i + 1);
                    continue;
                }
                '{' | '}' | ':' | '@' => 1,
                '.' if rest.starts_with("...") => 3,
                c if c.is_alphanumeric() || c == '_' => rest.find(|c: char| !c.is_alphanumeric() && c != '_').unwrap_or(rest.len()),
                c => {
                    self.at += c.len_utf8();
                    continue;
                }
            };
            self.at += length;
            return Some(&rest[..length]);
        }
    }

    fn peek(&mut self) -> Option<&'t str> {
        let at = self.at;
        let token = self.next();
        self.at = at;
        token
    }

    /// The selections behind an opening brace, to its partner.
    fn selections(&mut self, depth: usize) -> Vec<Selection<'t>> {
        let mut out: Vec<Selection> = Vec::new();
        while let Some(token) = self.next() {
            match token {
                "}" => break,
                "{" => {
                    let inner = if depth < DEEPEST { self.selections(depth + 1) } else { self.passed_over() };
                    if let Some(last) = out.last_mut() {
                        last.inner = inner;
                    }
                }
                "@" => drop(self.next()),
                "..." => match self.peek() {
                    Some("on") => {
                        self.next();
                        let on = self.next();
                        out.push(Selection { name: "", on, inner: Vec::new() });
                    }
                    Some("{" | "@") => out.push(Selection { name: "", on: None, inner: Vec::new() }),
                    _ => drop(self.next()),
                },
                // What stands before a colon is the name that the answer gets.
                ":" => drop(out.pop()),
                name => out.push(Selection { name, on: None, inner: Vec::new() }),
            }
        }
        out
    }

    fn passed_over(&mut self) -> Vec<Selection<'t>> {
        let mut open = 1;
        while open > 0 {
            match self.next() {
                Some("{") => open += 1,
                Some("}") => open -= 1,
                Some(_) => {}
                None => break,
            }
        }
        Vec::new()
    }
}

/// How far it is to behind the partner of the bracket a text begins with.
fn closing(text: &str) -> usize {
    let mut open = 0usize;
    let mut quoted = false;
    for (i, c) in text.char_indices() {
        match c {
            '"' => quoted = !quoted,
            '(' if !quoted => open += 1,
            ')' if !quoted => open -= 1,
            _ => {}
        }
        if open == 0 {
            return i + 1;
        }
    }
    text.len()
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;
    use rstest::rstest;

    /// `racks{id slots{id}}`, stretches of another type as `...Rack{…}`.
    fn written(selections: &[Selection]) -> String {
        let one = |s: &Selection| {
            let name = if s.name.is_empty() { format!("...{}", s.on.unwrap_or("")) } else { s.name.to_owned() };
            if s.inner.is_empty() { name } else { format!("{name}{{{}}}", written(&s.inner)) }
        };
        selections.iter().map(one).collect::<Vec<_>>().join(" ")
    }

    #[rstest]
    #[case::query("query Racks($n: Int = 3) { racks(first: $n, by: {a: \"}\"}) { id slots { id } } health }", "Query racks{id slots{id}} health")]
    #[case::short("{ racks { id } }", "Query racks{id}")]
    #[case::alias("mutation { done: turn(id: 1) { id } }", "Mutation turn{id}")]
    #[case::fragment("fragment F on Rack @x { id, wheels }", "Rack id wheels")]
    #[case::spread("{ racks { ...F id ... on Tub @include(if: $t) { salt } ... { age } } }", "Query racks{id ...Tub{salt} ...{age}}")]
    #[case::several("query A { racks { id } } mutation B { turn { id } }", "Query racks{id}; Mutation turn{id}")]
    #[case::a_directive("{ racks @client { id @skip(if: true) } }", "Query racks{id}")]
    #[case::a_comment("{ racks # { not }\n { id } }", "Query racks{id}")]
    #[case::broken("query A { racks { id ", "Query racks{id}")]
    #[case::a_schema("type Rack { id: ID }", "")]
    fn operations_are_trees_of_names(#[case] text: &str, #[case] wanted: &str) {
        let found: Vec<String> = read(text).iter().map(|(about, s)| format!("{about} {}", written(s))).collect();
        assert_eq!(found.join("; "), wanted);
    }

    proptest! {
        #[test]
        fn any_text_survives(text in "[a-z{}():@.\"# ]{0,120}") {
            read(&text);
        }

        #[test]
        fn deep_texts_survive(depth in 0usize..4000) {
            read(&"{a".repeat(depth));
        }
    }
}
