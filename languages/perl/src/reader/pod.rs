//! Which part of the documentation of a Perl file (POD) speaks of what.
//!
//! A block right before a function is its own. Else a heading or item that begins with its name speaks of it, up to the next of its rank.
//! A package is spoken of from `=head1 NAME` to the first heading within or behind `=head1 DESCRIPTION`.

use compass_facts::Span;

/// A command of the documentation: where its paragraph begins.
struct Command<'t> {
    start: usize,
    /// 1 to 4 for headings, 5 for items, 0 for others.
    rank: u8,
    title: &'t str,
}

/// The documentation of a file.
pub(super) struct Pods<'t> {
    blocks: Vec<Span>,
    commands: Vec<Command<'t>>,
}

impl<'t> Pods<'t> {
    pub(super) fn new(text: &'t str, blocks: Vec<Span>) -> Pods<'t> {
        let mut commands = Vec::new();
        for block in &blocks {
            let mut at = block.start as usize;
            for line in block.of(text).split_inclusive('\n') {
                if let Some(command) = line.strip_prefix('=') {
                    let (word, title) = command.trim_end().split_once(char::is_whitespace).unwrap_or((command.trim_end(), ""));
                    let rank = match word {
                        "head1" => 1,
                        "head2" => 2,
                        "head3" => 3,
                        "head4" => 4,
                        "item" => 5,
                        _ => 0,
                    };
                    commands.push(Command { start: at, rank, title: title.trim() });
                }
                at += line.len();
            }
        }
        Pods { blocks, commands }
    }

    /// What is said of a function: the block that ends right before `at`, else the section of its name.
    pub(super) fn of_function(&self, text: &str, name: &str, at: u32) -> Option<Span> {
        let before = self.blocks.iter().rfind(|b| b.end <= at).filter(|b| text[b.end as usize..at as usize].trim().is_empty());
        before.copied().or_else(|| self.section(|title| first_name(title) == name))
    }

    /// What is said of the package that the file is for.
    pub(super) fn of_package(&self) -> Option<Span> {
        let name = self.commands.iter().position(|c| c.rank == 1 && c.title.eq_ignore_ascii_case("NAME"))?;
        let described = self.commands.iter().position(|c| c.rank == 1 && c.title.eq_ignore_ascii_case("DESCRIPTION"));
        let last = described.filter(|d| *d > name).unwrap_or(name);
        self.span(name, last, 4)
    }

    fn section(&self, is_it: impl Fn(&str) -> bool) -> Option<Span> {
        let at = self.commands.iter().position(|c| c.rank > 1 && is_it(c.title))?;
        self.span(at, at, self.commands[at].rank)
    }

    /// From one command to the first behind another that is of the rank or above; within one block.
    fn span(&self, from: usize, last: usize, rank: u8) -> Option<Span> {
        let start = self.commands[from].start;
        let block = self.blocks.iter().find(|b| (b.start as usize) <= start && start < b.end as usize)?;
        let ends = |c: &&Command| c.rank > 0 && c.rank <= rank || rank == 5 && c.rank == 0;
        let end = self.commands[last + 1..].iter().find(ends).map_or(block.end as usize, |c| c.start);
        Some(Span::new(start, end.min(block.end as usize)))
    }
}

/// `turn` of `turn($rack)`, `$board->turn`, `C<turn>`, `B<turn>($rack)`.
fn first_name(title: &str) -> &str {
    let title = title.trim_start_matches(['*', ' ']);
    let inner = title.split_once('<').filter(|(code, _)| code.len() == 1).map_or(title, |(_, rest)| rest);
    let call = inner.split(['(', '>', ' ', '=', ',']).next().unwrap_or(inner);
    let method = match inner.split_once("->") {
        Some((before, after)) if !before.contains(' ') => after.split(['(', '>', ' ', '=', ',']).next().unwrap_or(after),
        _ => call,
    };
    method.rsplit("::").next().unwrap_or(method)
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case("turn", "turn")]
    #[case("turn($rack, 3)", "turn")]
    #[case("$board->turn( RACK )", "turn")]
    #[case("C<turn>", "turn")]
    #[case("B<Larder::turn>($rack)", "turn")]
    #[case("* turn", "turn")]
    #[case("How to turn", "How")]
    fn headings_name_functions(#[case] title: &str, #[case] wanted: &str) {
        assert_eq!(first_name(title), wanted);
    }

    #[test]
    fn sections_reach_to_the_next_of_their_rank() {
        let text = "=head1 NAME\n\nL - labels\n\n=head1 DESCRIPTION\n\nPrints.\n\n=head2 turn\n\nTurns.\n\n=over\n\n=item wash(RACK)\n\nWashes.\n\n=back\n\n=head2 salt\n\nSalts.\n\n=cut\n";
        let pods = Pods::new(text, vec![Span::new(0, text.len())]);
        let of = |name: &str| pods.of_function(text, name, text.len() as u32).map(|s| s.of(text).to_owned());
        // The whole block stands right before the place: take another place.
        assert!(of("turn").is_some_and(|t| t == text));
        let longer = format!("{text}\nmy $x;\nsub");
        let of = |name: &str| pods.of_function(&longer, name, longer.len() as u32).map(|s| s.of(&longer).to_owned());
        assert_eq!(of("turn").as_deref(), Some("=head2 turn\n\nTurns.\n\n=over\n\n=item wash(RACK)\n\nWashes.\n\n=back\n\n"));
        assert_eq!(of("wash").as_deref(), Some("=item wash(RACK)\n\nWashes.\n\n"));
        assert_eq!(of("salt").as_deref(), Some("=head2 salt\n\nSalts.\n\n=cut\n"));
        assert_eq!(of("other"), None);
        let package = pods.of_package().expect("a name").of(text);
        assert!(package.starts_with("=head1 NAME") && package.ends_with("Prints.\n\n"), "{package}");
    }
}
