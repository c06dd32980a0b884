//! What a script of Autoconf sets when it is called without arguments. The macros are those of its manual.

use super::shell::{Node, is_name, parse};
use super::shell_tests::{expanded, fits, holds};
use super::{Branches, MAX_DEPTH, Mode, Said, Variables};

/// Follows a script.
pub(super) fn follow(text: &str, said: &mut Said) {
    let mut script = Script { said, variables: Variables::default(), depth: 0 };
    script.nodes(&parse(text), Mode::Done);
    for (name, value) in &script.variables.0 {
        match value.as_deref() {
            Some("1" | "yes" | "true") => script.said.say(name, Some(true)),
            Some("0" | "no" | "false") => script.said.say(name, Some(false)),
            Some(_) => {}
            None => script.said.say(name, None),
        }
    }
}

struct Script<'a> {
    said: &'a mut Said,
    variables: Variables,
    depth: usize,
}

impl Script<'_> {
    fn nodes(&mut self, nodes: &[Node], mode: Mode) {
        for node in nodes {
            if !self.said.step() {
                return;
            }
            match node {
                Node::Assign(name, value) => self.variables.set(name, expanded(value, &self.variables), mode),
                Node::If(branches) => {
                    let mut met = Branches::default();
                    for (condition, body) in branches {
                        let mode = met.next(mode, condition.as_ref().map_or(Some(true), |c| self.asked(c, mode)));
                        self.nodes(body, mode);
                    }
                }
                Node::Case(word, branches) => {
                    let (word, mut met) = (expanded(word, &self.variables), Branches::default());
                    for (patterns, body) in branches {
                        let mode = met.next(mode, fits_one(patterns, word.as_deref()));
                        self.nodes(body, mode);
                    }
                }
                Node::Loop(body) => self.nodes(body, mode.under(None)),
                Node::Macro(name, arguments) => self.call(name, arguments, mode),
            }
        }
    }

    /// A condition; one that holds commands is not known, and may do what they do.
    fn asked(&mut self, condition: &str, mode: Mode) -> Option<bool> {
        let found = holds(condition, &self.variables);
        if found.is_none() && condition.contains('\n') {
            self.text(condition, mode.under(None));
        }
        found
    }

    /// Commands in an argument of a macro.
    fn text(&mut self, text: &str, mode: Mode) {
        if self.depth < MAX_DEPTH && (text.contains('=') || text.contains('(')) {
            self.depth += 1;
            self.nodes(&parse(text), mode);
            self.depth -= 1;
        }
    }

    fn call(&mut self, name: &str, arguments: &[String], mode: Mode) {
        let argument = |nth: usize| arguments.get(nth).map_or("", String::as_str);
        match name {
            "AC_ARG_ENABLE" => self.switch("enable", arguments, mode),
            "AC_ARG_WITH" => self.switch("with", arguments, mode),
            "AC_DEFINE" | "AC_DEFINE_UNQUOTED" => {
                let value = argument(1).trim();
                let is_open = value == "0" || value.contains('$') || value.contains('`');
                if is_name(argument(0)) {
                    let mode = if is_open { mode.under(None) } else { mode };
                    let is_found = mode == Mode::Maybe && !is_open && tells_of_having(argument(2));
                    self.said.define(argument(0), if is_found { Mode::Done } else { mode });
                }
            }
            "AC_SUBST" if arguments.len() > 1 => self.variables.set(argument(0), expanded(argument(1), &self.variables), mode),
            // Of several that stand in branches only those that are met, or may be, answer.
            "AM_CONDITIONAL" if mode != Mode::PassedOver => {
                let known = self.asked(argument(1), mode).filter(|_| mode == Mode::Done);
                self.said.conditionals.entry(argument(0).trim().to_owned()).and_modify(|k| *k = k.filter(|k| Some(*k) == known)).or_insert(known);
            }
            "AC_SUBST" | "AM_CONDITIONAL" | "AC_MSG_CHECKING" | "AC_MSG_RESULT" | "AC_MSG_ERROR" | "AC_MSG_WARN" | "AC_MSG_NOTICE" | "AH_TEMPLATE"
            | "AH_VERBATIM" | "AH_TOP" | "AH_BOTTOM" | "AC_DEFUN" | "AC_DEFUN_ONCE" | "m4_define" | "m4_define_default" | "AC_INIT" => {}
            "AS_IF" => self.choose(arguments, mode, |script, condition| script.asked(condition, mode)),
            "AS_CASE" => {
                let (word, rest) = arguments.split_first().map_or((None, arguments), |(w, r)| (expanded(w, &self.variables), r));
                self.choose(rest, mode, |_, patterns| {
                    let patterns: Vec<String> = patterns.split('|').map(|p| p.trim().trim_matches(['[', ']']).to_owned()).collect();
                    fits_one(&patterns, word.as_deref())
                });
            }
            // What a machine is asked; what others define is not known either.
            _ => {
                for argument in arguments {
                    self.text(argument, mode.under(None));
                }
            }
        }
    }

    /// An option that nobody gives: what is done then is the last argument.
    fn switch(&mut self, kind: &str, arguments: &[String], mode: Mode) {
        let Some(name) = arguments.first() else { return };
        let variable = format!("{kind}_{}", name.replace(['-', '.', '+'], "_"));
        self.variables.set(&variable, Some(String::new()), mode);
        self.text(arguments.get(2).map_or("", String::as_str), Mode::PassedOver);
        self.text(arguments.get(3).map_or("", String::as_str), mode);
    }

    /// Pairs of what is asked and what is done then; a last one without a pair is done otherwise.
    fn choose(&mut self, arguments: &[String], mode: Mode, mut holds: impl FnMut(&mut Self, &str) -> Option<bool>) {
        let mut met = Branches::default();
        for pair in arguments.chunks(2) {
            let (condition, body) = match pair {
                [condition, body] => (holds(self, condition), body),
                [body] => (Some(true), body),
                _ => return,
            };
            let mode = met.next(mode, condition);
            self.text(body, mode);
        }
    }
}

/// Does the description of a macro say that it is defined where something is there? The usual machine has what scripts look for.
fn tells_of_having(description: &str) -> bool {
    let words: Vec<String> = description.split(|c: char| !c.is_alphanumeric() && c != '\'').map(str::to_ascii_lowercase).collect();
    let is_there = words.iter().any(|w| matches!(w.as_str(), "have" | "has" | "supports" | "supported" | "available" | "usable" | "exists"));
    let is_else = |w: &String| {
        matches!(
            w.as_str(),
            "not"
                | "no"
                | "don't"
                | "doesn't"
                | "isn't"
                | "cannot"
                | "can't"
                | "disable"
                | "broken"
                | "lacks"
                | "lack"
                | "missing"
                | "without"
                | "only"
                | "windows"
                | "solaris"
        )
    };
    is_there && !words.iter().any(is_else)
}

/// Does one of the patterns fit?
fn fits_one(patterns: &[String], word: Option<&str>) -> Option<bool> {
    if patterns.iter().any(|p| p == "*") {
        return Some(true);
    }
    let word = word?;
    let all: Vec<Option<bool>> = patterns.iter().map(|p| fits(p, word)).collect();
    if all.contains(&Some(true)) { Some(true) } else { all.iter().all(|f| *f == Some(false)).then_some(false) }
}

#[cfg(test)]
mod tests {
    use super::tells_of_having;
    use rstest::rstest;

    #[rstest]
    #[case::a_header("Define to 1 if you have the <rack.h> header file.", true)]
    #[case::a_compiler("Define if your C compiler supports inline functions", true)]
    #[case::usable("Define to 1 if locks are usable", true)]
    #[case::a_lack("Define if you don't have locks", false)]
    #[case::not_there("Define if locks are not available", false)]
    #[case::a_fault("Define if your system has a broken turn ()", false)]
    #[case::another_system("Define if you have locks of Windows", false)]
    #[case::a_choice("Define to use locks", false)]
    #[case::nothing("", false)]
    fn descriptions_of_macros(#[case] text: &str, #[case] wanted: bool) {
        assert_eq!(tells_of_having(text), wanted);
    }
}
