//! Folders that makefiles of Automake build, as its manual has it: lists of words under conditions that a script of Autoconf answers.

use super::cmake::{folder_of, joined};
use super::{Mode, Said};
use std::collections::BTreeMap;

const NAME: &str = "Makefile.am";
/// A list that other lists stand for is followed so deep.
const MAX_DEPTH: usize = 8;
/// Words of one list.
const MAX_WORDS: usize = 4_000;

/// Which folders the makefiles go into: `SUBDIRS = lib $(tests)`.
pub(super) fn follow(files: &[(String, String)], said: &mut Said) {
    for (path, text) in files.iter().filter(|(path, _)| path.rsplit('/').next() == Some(NAME)) {
        let lists = lists(text, said);
        let mut words = Vec::new();
        for variable in ["SUBDIRS", "DIST_SUBDIRS"] {
            // What is only packed is not built.
            let mode = if variable == "SUBDIRS" { Mode::Done } else { Mode::PassedOver };
            expand(variable, &lists, (mode, 0), said, &mut words);
        }
        for (word, mode) in words.into_iter().filter(|(word, _)| word != "." && !word.contains(['$', '@', '('])) {
            said.folder(joined(folder_of(path), &word), mode);
        }
    }
}

type Lists = BTreeMap<String, Vec<(String, Mode)>>;

/// The lists of a makefile, each word with what is known of its conditions.
fn lists(text: &str, said: &mut Said) -> Lists {
    let mut out = Lists::new();
    let mut conditions: Vec<Option<bool>> = Vec::new();
    let whole = text.replace("\\\n", " ");
    for line in whole.lines() {
        if !said.step() {
            break;
        }
        // Recipes have conditions of their own, those of the shell.
        if line.starts_with(['\t', '#']) {
            continue;
        }
        let mut words = line.split_whitespace();
        match words.next() {
            Some("if") => {
                let name = words.next().unwrap_or_default();
                let known = said.conditionals.get(name.trim_start_matches('!')).copied().flatten();
                conditions.push(known.map(|on| on != name.starts_with('!')));
            }
            Some("else") => {
                if let Some(last) = conditions.last_mut() {
                    *last = last.map(|on| !on);
                }
            }
            Some("endif") => drop(conditions.pop()),
            _ => {
                let Some((name, values)) = line.split_once('=') else { continue };
                let mode = conditions.iter().fold(Mode::Done, |mode, c| mode.under(*c));
                let list = out.entry(name.trim_end_matches(['+', ':', ' ']).trim().to_owned()).or_default();
                let room = MAX_WORDS.saturating_sub(list.len());
                list.extend(values.split('#').next().unwrap_or_default().split_whitespace().take(room).map(|w| (w.to_owned(), mode)));
            }
        }
    }
    out
}

/// The words of a list, those of lists in it put in their places. Lists of lists are counted: they may be far longer than they are written.
fn expand(name: &str, lists: &Lists, (outer, depth): (Mode, usize), said: &mut Said, out: &mut Vec<(String, Mode)>) {
    for (word, mode) in lists.get(name).into_iter().flatten() {
        if out.len() >= MAX_WORDS || !said.step() {
            return;
        }
        let mode = outer.max(*mode);
        match word.strip_prefix("$(").and_then(|w| w.strip_suffix(')')) {
            Some(inner) if depth < MAX_DEPTH => expand(inner, lists, (mode, depth + 1), said, out),
            _ => out.push((word.clone(), mode)),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::super::{configure, read};
    use rstest::rstest;

    const SCRIPT: &str = "AC_ARG_ENABLE([next], [help], [], [enable_next=no])\nAM_CONDITIONAL([NEXT], [test \"x$enable_next\" = xyes])\nAM_CONDITIONAL([FOUND], [test $found = 1])\n";

    #[rstest]
    #[case::under_a_condition("if NEXT\nSUBDIRS = next\nendif\nSUBDIRS += old \\\n  more\n", &["src/next"])]
    #[case::by_a_list("if !NEXT\nall = old\nelse\nall = next\nendif\nSUBDIRS = . $(all)\n", &["src/next"])]
    #[case::not_known("if FOUND\nSUBDIRS = next\nendif\n", &[])]
    #[case::in_both("if NEXT\nSUBDIRS = next old\nelse\nSUBDIRS = old next\nendif\n", &[])]
    #[case::recipes_with_conditions("all:\n\tif test 1; then x=1; \\\n\telse y=2; fi\nif NEXT\n\tif test 2; then true; fi\nSUBDIRS = next\nendif\nSUBDIRS += old\n", &["src/next"])]
    #[case::only_packed("SUBDIRS = old\nDIST_SUBDIRS = old next\n", &["src/next"])]
    #[case::lists_that_grow(&format!("{}SUBDIRS = old $(l0)\n", (0..9).map(|n| format!("l{n} ={}\n", format!(" $(l{})", n + 1).repeat(2_000))).collect::<String>()), &[])]
    #[case::lists_in_a_ring("a = $(b)\nb = $(a) next\nSUBDIRS = $(a)\n", &[])]
    fn folders_that_nothing_goes_into(#[case] makefile: &str, #[case] wanted: &[&str]) {
        let files = [("configure.ac".to_owned(), SCRIPT.to_owned()), ("src/Makefile.am".to_owned(), makefile.to_owned())];
        assert_eq!(read(&files).unbuilt, wanted);
        let mut said = super::super::Said::default();
        configure::follow(SCRIPT, &mut said);
        assert_eq!(said.conditionals.get("NEXT"), Some(&Some(false)));
    }
}
