//! Commands of CMake with their blocks, as the manual's chapter on the language has them.

/// A text in brackets is looked through so far for its end: brackets that nothing closes must not cost more than a file is long.
const MOST_BYTES: usize = 4_096;

/// An argument, and whether it stands in quotes.
#[derive(Debug, Clone, PartialEq, Eq)]
pub(super) struct Argument {
    pub(super) text: String,
    pub(super) quoted: bool,
}

/// A command, or a block of them.
#[derive(Debug, PartialEq, Eq)]
pub(super) enum Node {
    Command(String, Vec<Argument>),
    /// Branches with what they hang on; the last may hang on nothing.
    If(Vec<(Option<Vec<Argument>>, Vec<Node>)>),
    ForEach(Vec<Argument>, Vec<Node>),
}

/// What stands in a file. Text that is no command is passed over.
pub(super) fn parse(text: &str) -> Vec<Node> {
    let mut commands = commands(text).into_iter();
    block(&mut commands, &[], 0).0
}

type Commands = std::vec::IntoIter<(String, Vec<Argument>)>;

/// Commands up to one of `ends`, which is given back with its arguments.
fn block(commands: &mut Commands, ends: &[&str], depth: usize) -> (Vec<Node>, Option<(String, Vec<Argument>)>) {
    let mut out = Vec::new();
    while let Some((name, arguments)) = commands.next() {
        if ends.contains(&name.as_str()) {
            return (out, Some((name, arguments)));
        }
        match name.as_str() {
            _ if depth > super::MAX_DEPTH => {}
            "if" => out.push(branches(commands, arguments, depth + 1)),
            "foreach" => {
                let (body, _) = block(commands, &["endforeach"], depth + 1);
                out.push(Node::ForEach(arguments, body));
            }
            // What a function does hangs on its arguments; a loop may run any number of times.
            "function" => drop(block(commands, &["endfunction"], depth + 1)),
            "macro" => drop(block(commands, &["endmacro"], depth + 1)),
            "while" => drop(block(commands, &["endwhile"], depth + 1)),
            _ => out.push(Node::Command(name, arguments)),
        }
    }
    (out, None)
}

fn branches(commands: &mut Commands, condition: Vec<Argument>, depth: usize) -> Node {
    let (mut out, mut condition) = (Vec::new(), Some(condition));
    loop {
        let (body, end) = block(commands, &["elseif", "else", "endif"], depth);
        out.push((condition, body));
        condition = match end {
            Some((name, arguments)) if name == "elseif" => Some(arguments),
            Some((name, _)) if name == "else" => None,
            _ => return Node::If(out),
        };
    }
}

fn commands(text: &str) -> Vec<(String, Vec<Argument>)> {
    let mut scanner = Scanner { rest: text };
    let mut out = Vec::new();
    while scanner.skip_blanks() {
        let len = scanner.rest.find(|c: char| !c.is_alphanumeric() && c != '_').unwrap_or(scanner.rest.len());
        let name = scanner.take(len).to_ascii_lowercase();
        scanner.rest = scanner.rest.trim_start_matches([' ', '\t']);
        if !name.is_empty() && scanner.rest.starts_with('(') {
            scanner.take(1);
            out.push((name, scanner.arguments()));
        } else if name.is_empty() {
            let len = scanner.rest.chars().next().map_or(0, char::len_utf8);
            scanner.take(len);
        }
    }
    out
}

struct Scanner<'a> {
    rest: &'a str,
}

impl<'a> Scanner<'a> {
    fn take(&mut self, len: usize) -> &'a str {
        let (taken, rest) = self.rest.split_at(len);
        self.rest = rest;
        taken
    }

    /// Passes over blanks and comments; says whether something is left.
    fn skip_blanks(&mut self) -> bool {
        loop {
            self.rest = self.rest.trim_start();
            if !self.rest.starts_with('#') {
                return !self.rest.is_empty();
            }
            self.take(1);
            if self.bracketed().is_none() {
                let len = self.rest.find('\n').unwrap_or(self.rest.len());
                self.take(len);
            }
        }
    }

    /// `[[ … ]]`, with as many `=` as there are.
    fn bracketed(&mut self) -> Option<&'a str> {
        let signs = self.rest.strip_prefix('[')?;
        let count = signs.bytes().take_while(|b| *b == b'=').count();
        let body = signs.get(count..)?.strip_prefix('[')?;
        let close = format!("]{}]", "=".repeat(count));
        let near = body.char_indices().map(|c| c.0).find(|at| *at >= MOST_BYTES).unwrap_or(body.len());
        let end = body[..near].find(&close)?;
        self.rest = &body[end + close.len()..];
        Some(&body[..end])
    }

    fn arguments(&mut self) -> Vec<Argument> {
        let (mut out, mut depth) = (Vec::new(), 0_usize);
        while self.skip_blanks() {
            if let Some(text) = self.bracketed() {
                out.push(Argument { text: text.to_owned(), quoted: true });
                continue;
            }
            let quoted = self.rest.starts_with('"');
            match self.rest.as_bytes()[0] {
                b'"' => out.push(Argument { text: self.quoted(), quoted }),
                bracket @ (b'(' | b')') => {
                    self.take(1);
                    depth = if bracket == b'(' {
                        depth + 1
                    } else if depth == 0 {
                        return out;
                    } else {
                        depth - 1
                    };
                    out.push(Argument { text: char::from(bracket).to_string(), quoted });
                }
                _ => {
                    let mut escaped = false;
                    let is_end = |c: char| {
                        let was = escaped;
                        escaped = !was && c == '\\';
                        !was && (c.is_whitespace() || "()#\"".contains(c))
                    };
                    let len = self.rest.find(is_end).unwrap_or(self.rest.len()).max(1);
                    out.push(Argument { text: self.take(len).to_owned(), quoted });
                }
            }
        }
        out
    }

    fn quoted(&mut self) -> String {
        let mut out = String::new();
        let mut letters = self.rest.char_indices().skip(1);
        while let Some((at, c)) = letters.next() {
            match c {
                '"' => {
                    self.take(at + 1);
                    return out;
                }
                '\\' => out.extend(letters.next().map(|l| l.1)),
                _ => out.push(c),
            }
        }
        self.rest = "";
        out
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn shown(nodes: &[Node]) -> String {
        let arguments = |a: &[Argument]| a.iter().map(|a| if a.quoted { format!("{:?}", a.text) } else { a.text.clone() }).collect::<Vec<_>>().join(" ");
        let one = |node: &Node| match node {
            Node::Command(name, a) => format!("{name}({})", arguments(a)),
            Node::If(all) => all.iter().map(|(c, b)| format!("?{}{{{}}}", c.as_deref().map_or("else".to_owned(), arguments), shown(b))).collect(),
            Node::ForEach(a, b) => format!("each {}{{{}}}", arguments(a), shown(b)),
        };
        nodes.iter().map(one).collect::<Vec<_>>().join(";")
    }

    #[test]
    fn commands_blocks_and_comments_are_told_apart() {
        let text = "Set(A \"b \\\" c\" d) # one (\n#[[ two\n]] if(NOT (A AND B))\n option(C [=[x]]y]=] ON)\nelseif(D)\nelse()\nset(E)\nendif()\nfunction(f)\nset(G 1)\nendfunction()\nforeach(v a;b)\nset(${v} 1)\nendforeach()";
        assert_eq!(
            shown(&parse(text)),
            "set(A \"b \\\" c\" d);?NOT ( A AND B ){option(C \"x]]y\" ON)}?D{}?else{set(E )}".replace("(E )", "(E)") + ";each v a;b{set(${v} 1)}"
        );
        assert_eq!(shown(&parse("set(A \"open")), "set(A \"open\")");
        assert_eq!(shown(&parse("if(A) set(B")), "?A{set(B)}");
    }
}
