//! What a build is set to as long as nobody sets anything: options of CMake and of Autoconf, and the macros that hang on them.
//!
//! Both are languages of commands with variables, conditions and loops. They are followed with three answers: done, passed over, or not known
//! from the text (what a machine is asked, what other files define). What is not known is not said.

mod automake;
mod cmake;
mod cmake_conditions;
mod cmake_syntax;
mod configure;
mod shell;
mod shell_tests;

use compass_index::plan::is_below;
use std::collections::{BTreeMap, BTreeSet};

/// The text of a variable; none where it is not known.
type Value = Option<String>;

/// So many commands of all the files of a tree are followed: loops in loops must not cost more than they are long.
const MAX_STEPS: usize = 200_000;
/// So many bytes that are read count as one command that is followed.
const BYTES_OF_STEP: usize = 64;
/// Blocks, files and calls of macros are followed so deep.
const MAX_DEPTH: usize = 40;

/// Is a command done? The greater of two is what holds of a command under both.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Mode {
    Done,
    Maybe,
    PassedOver,
}

impl Mode {
    /// A command in a branch with this condition.
    fn under(self, condition: Option<bool>) -> Mode {
        self.max(match condition {
            Some(true) => Mode::Done,
            None => Mode::Maybe,
            Some(false) => Mode::PassedOver,
        })
    }
}

/// The branches of a condition, in order: each is done if its own condition holds and none before it did.
#[derive(Default)]
struct Branches {
    was_met: bool,
    may_be_met: bool,
}

impl Branches {
    fn next(&mut self, outer: Mode, condition: Option<bool>) -> Mode {
        if self.was_met {
            return Mode::PassedOver;
        }
        let mode = match condition {
            Some(true) if self.may_be_met => outer.under(None),
            condition => outer.under(condition),
        };
        self.was_met |= condition == Some(true);
        self.may_be_met |= condition.is_none();
        mode
    }
}

/// Variables of a script.
#[derive(Debug, Clone, Default)]
struct Variables(BTreeMap<String, Value>);

impl Variables {
    fn get(&self, name: &str) -> Option<&Value> {
        self.0.get(name)
    }

    fn set(&mut self, name: &str, value: Value, mode: Mode) {
        let kept = match mode {
            Mode::PassedOver => return,
            Mode::Done => value,
            Mode::Maybe => value.filter(|v| self.0.get(name) == Some(&Some(v.clone()))),
        };
        self.0.insert(name.to_owned(), kept);
    }
}

/// What the files of a build say of names that are spelled like macros.
#[derive(Debug, Default)]
struct Said {
    /// None where two files say different things, or something that is not known.
    known: BTreeMap<String, Option<bool>>,
    /// Macros that are defined in branches that are passed over.
    passed_over: BTreeSet<String>,
    /// Conditions that makefiles ask, by name.
    conditionals: BTreeMap<String, Option<bool>>,
    /// Folders that a build goes into, and those that it passes over.
    folders: [BTreeSet<String>; 2],
    steps: usize,
}

impl Said {
    fn say(&mut self, name: &str, on: Option<bool>) {
        if is_macro_like(name) {
            self.known.entry(name.to_owned()).and_modify(|known| *known = known.filter(|k| Some(*k) == on)).or_insert(on);
        }
    }

    /// A command that defines a macro.
    fn define(&mut self, name: &str, mode: Mode) {
        match mode {
            Mode::Done => self.say(name, Some(true)),
            Mode::Maybe => self.say(name, None),
            Mode::PassedOver if is_macro_like(name) => drop(self.passed_over.insert(name.to_owned())),
            Mode::PassedOver => {}
        }
    }

    /// A folder that a build goes into, or passes over.
    fn folder(&mut self, path: String, mode: Mode) {
        self.folders[usize::from(mode == Mode::PassedOver)].insert(path);
    }

    /// Counts a text that is read; a file may be brought in many times.
    fn may_read(&mut self, text: &str) -> bool {
        self.steps += text.len() / BYTES_OF_STEP;
        self.steps < MAX_STEPS
    }

    /// Counts a command; says whether it may still be followed.
    fn step(&mut self) -> bool {
        self.steps += 1;
        self.steps < MAX_STEPS
    }

    /// Options that are on, and those that are off.
    fn finish(mut self) -> BTreeMap<String, bool> {
        for name in std::mem::take(&mut self.passed_over) {
            self.known.entry(name).or_insert(Some(false));
        }
        self.known.into_iter().filter_map(|(name, on)| Some((name, on?))).collect()
    }
}

/// Names of macros that settings choose between are written in capitals.
fn is_macro_like(name: &str) -> bool {
    name.len() > 2
        && name.starts_with(|c: char| c.is_ascii_uppercase() || c == '_')
        && name.bytes().all(|b| b.is_ascii_uppercase() || b.is_ascii_digit() || b == b'_')
}

/// Files of builds that are not followed: they may speak of a macro.
const OTHERS: [&str; 7] = ["SConstruct", "SConscript", "BUILD", "BUILD.bazel", "wscript", "Jamfile", "premake5.lua"];

/// Is it a file whose commands are followed?
pub(super) fn is_followed(file_name: &str) -> bool {
    file_name == "CMakeLists.txt" || is_autoconf(file_name)
}

fn is_autoconf(file_name: &str) -> bool {
    matches!(file_name, "configure.ac" | "configure.in")
}

/// Is it a file that says more of a build whose commands are followed: commands that it includes, settings in comments, macros given by hand?
pub(super) fn may_say_more(file_name: &str) -> bool {
    let has_commands = file_name.ends_with(".cmake") && !file_name.ends_with(".h.cmake");
    has_commands
        || is_header_of_settings(file_name)
        || file_name.contains("akefile")
        || file_name.ends_with(".mk")
        || file_name.starts_with("meson")
        || OTHERS.contains(&file_name)
}

/// Names that are spelled like macros in the files of a build: what none speaks of nobody sets.
pub(super) fn spoken_of(files: &[(String, String)]) -> BTreeSet<String> {
    let texts = files.iter().filter(|(path, _)| !path.ends_with(".h")).map(|(_, text)| text);
    let words = texts.flat_map(|text| text.split(|c: char| !c.is_ascii_alphanumeric() && c != '_'));
    // `-DNAME`.
    let both = words.flat_map(|word| [Some(word), word.strip_prefix('D')]).flatten();
    both.filter(|word| is_macro_like(word)).map(str::to_owned).collect()
}

/// What the files of a build say.
#[derive(Debug, Default)]
pub(super) struct Found {
    /// Options by name: on or off as long as nobody sets them.
    pub(super) options: BTreeMap<String, bool>,
    /// Folders that every build there passes over as long as nobody sets anything, none below another.
    pub(super) unbuilt: Vec<String>,
}

/// Follows the files of builds: paths with their texts.
pub(super) fn read(files: &[(String, String)]) -> Found {
    let named = |is_it: fn(&str) -> bool| files.iter().filter(move |(path, _)| is_it(path.rsplit('/').next().unwrap_or(path))).map(|(_, text)| text);
    let (mut cmake, mut autoconf, mut comments) = (Said::default(), Said::default(), Said::default());
    cmake::follow(files, &mut cmake);
    named(is_autoconf).for_each(|text| configure::follow(text, &mut autoconf));
    automake::follow(files, &mut autoconf);
    named(is_header_of_settings).for_each(|text| not_set(text, &mut comments));
    let unbuilt = unbuilt(&cmake, &autoconf);
    Found { options: agreed([cmake.finish(), autoconf.finish(), comments.finish()]), unbuilt }
}

fn unbuilt(cmake: &Said, autoconf: &Said) -> Vec<String> {
    let [gone_into, passed_over] = [0, 1].map(|n| cmake.folders[n].union(&autoconf.folders[n]).collect::<BTreeSet<&String>>());
    let mut out: Vec<String> = Vec::new();
    for folder in passed_over.difference(&gone_into).filter(|folder| !folder.is_empty()) {
        if !out.iter().any(|outer| is_below(folder, outer)) {
            out.push((*folder).clone());
        }
    }
    out
}

/// What none of several says otherwise.
fn agreed<const N: usize>(all: [BTreeMap<String, bool>; N]) -> BTreeMap<String, bool> {
    let mut out: BTreeMap<String, Option<bool>> = BTreeMap::new();
    for (name, on) in all.into_iter().flatten() {
        out.entry(name).and_modify(|known| *known = known.filter(|k| *k == on)).or_insert(Some(on));
    }
    out.into_iter().filter_map(|(name, on)| Some((name, on?))).collect()
}

/// `config.h`, `rack_config.h`: headers whose settings people choose by taking comments away.
fn is_header_of_settings(file_name: &str) -> bool {
    file_name.ends_with(".h") && (file_name.contains("config") || file_name.contains("conf.h") || file_name.contains("settings"))
}

/// What such a header has in comments alone: `//#define RACK_LOCKS`.
fn not_set(text: &str, said: &mut Said) {
    let name_of = |rest: &str| rest.trim_start().strip_prefix('#')?.trim_start().strip_prefix("define")?.split_whitespace().next().map(str::to_owned);
    let in_comment = |line: &str| line.strip_prefix("//").or_else(|| line.strip_prefix("/*")).and_then(name_of);
    let set: BTreeSet<String> = text.lines().filter_map(name_of).collect();
    for name in text.lines().filter_map(|line| in_comment(line.trim_start())).filter(|name| !set.contains(name)) {
        if said.step() {
            said.say(&name, Some(false));
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    /// Texts that are cut anywhere, and brackets that nothing closes, say less, and end.
    #[rstest]
    #[case::cmake(
        "CMakeLists.txt",
        "option(A_B \"é\" ON)\nif(NOT (X AND [=[y)\nforeach(v IN LISTS w ITEMS é;b)\nset(${v} [[)\nendforeach()\ninclude(CMakeLists.txt)\nadd_subdirectory(.)\n"
    )]
    #[case::autoconf(
        "configure.ac",
        "AC_ARG_ENABLE([é],[x],,[enable_é=no])\ncase \"$a\" in\né*|b) AC_DEFINE([A_B],[1]);;\nesac\ncat <<é\nA_B=1\né\nif test \"$x\" = 'é'; then A_B=`y`; fi\n"
    )]
    fn any_part_of_a_text_is_followed_to_its_end(#[case] path: &str, #[case] text: &str) {
        for end in (0..=text.len()).step_by(5).filter(|end| text.is_char_boundary(*end)) {
            for begin in (0..=end).step_by(31).filter(|begin| text.is_char_boundary(*begin)) {
                read(&[(path.to_owned(), text[begin..end].to_owned())]);
            }
        }
        read(&[(path.to_owned(), text.repeat(200)), ("deep.cmake".to_owned(), "(".repeat(9_000)), (format!("sub/{path}"), "[[<<if case".repeat(4_000))]);
    }

    #[test]
    fn what_two_builds_say_differently_is_not_known() {
        let files = |second: &str| {
            vec![("CMakeLists.txt".to_owned(), "option(RACK_LOCKS \"\" ON)\nset(RACK_DEPTH 12)".to_owned()), ("configure.ac".to_owned(), second.to_owned())]
        };
        assert_eq!(read(&files("RACK_LOCKS=yes")).options.into_iter().collect::<Vec<_>>(), [("RACK_DEPTH".to_owned(), true), ("RACK_LOCKS".to_owned(), true)]);
        assert_eq!(read(&files("RACK_LOCKS=no")).options.get("RACK_LOCKS"), None);
    }
}
